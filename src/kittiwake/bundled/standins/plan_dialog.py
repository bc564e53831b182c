"""A dial plan as text: whatever it says can be changed, and is judged as it is typed."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QPlainTextEdit, QVBoxLayout, QWidget

from ...core.errors import KittiwakeError
from ...ui.theme.scale import scaled
from ...ui.widgets.worded import Label
from ...words import tr
from .core.phone.dial_plan import PLAIN, STATES, DialPlan, plan_of


class PlanDialog(QDialog):
    """``plan`` is what stands there, once accepted."""

    def __init__(self, parent: QWidget, text: str) -> None:
        super().__init__(parent)
        self.plan: DialPlan | None = None
        self.setWindowTitle(tr("The menu as text"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(620), scaled(560))
        column = QVBoxLayout(self)
        head = Label(
            tr(
                "A key does menu NAME, say PROMPT, or {actions}. [states] has {states}: a tone of a country (gb/busy), say PROMPT, silence, or several with +.",
                actions=", ".join(PLAIN),
                states=", ".join(STATES),
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.edit = QPlainTextEdit(text)
        self.edit.setAccessibleName(tr("The menu as TOML"))
        self.edit.setTabChangesFocus(True)
        column.addWidget(self.edit, 1)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.edit.textChanged.connect(self._judge)
        self._judge()
        self.edit.setFocus()

    def _judge(self) -> None:
        try:
            self.plan = plan_of(self.edit.toPlainText(), "It")
            self.notice.setText(tr("{extent}.", extent=self.plan.extent))
        except KittiwakeError as error:
            self.plan = None
            self.notice.setText(str(error))
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(self.plan is not None)
