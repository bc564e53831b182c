"""The style of the widgets: Fusion, without the pictures that it puts on the buttons of dialogs."""

from __future__ import annotations

from PySide6.QtWidgets import QProxyStyle, QStyle, QStyleHintReturn, QStyleOption, QWidget


class PlainStyle(QProxyStyle):
    """Buttons say what they do in words."""

    def __init__(self) -> None:
        super().__init__("Fusion")

    def styleHint(
        self,
        hint: QStyle.StyleHint,
        option: QStyleOption | None = None,
        widget: QWidget | None = None,
        returnData: QStyleHintReturn | None = None,
    ) -> int:
        if hint == QStyle.StyleHint.SH_DialogButtonBox_ButtonsHaveIcons:
            return 0
        return super().styleHint(hint, option, widget, returnData)
