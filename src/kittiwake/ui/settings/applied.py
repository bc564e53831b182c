"""What each setting does to a window, at once."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QApplication

from ... import commands
from ..theme import scale
from ..theme.colours import desktop_is_dark
from ..theme.sheet import use_font

if TYPE_CHECKING:
    from ..shell.shell import Shell


def apply_all(window: Shell) -> None:
    """At the start, before the window is dressed."""
    for key in _WAYS:
        if key not in ("look.theme", "look.text_size"):
            apply(window, key)
    commands.rebind(window.settings.kept.keys)


def apply(window: Shell, key: str) -> None:
    """Let a setting act; those that are asked for only when they are needed have nothing to do here."""
    if way := _WAYS.get(key):
        way(window)


def is_dark(theme: str) -> bool:
    """Whether a theme of the settings is dark now."""
    return desktop_is_dark() if theme == "desktop" else theme == "dark"


def _text_size(window: Shell) -> None:
    times = scale.set_percent(window.settings["look.text_size"])
    app = QApplication.instance()
    assert isinstance(app, QApplication)
    use_font(app)
    scale.rescale(times)
    window.dress_anew()


def _outputs(window: Shell) -> None:
    folder = window.settings["outputs.folder"]
    window.session.project.outputs_at = Path(folder).expanduser() if folder else None
    window.session.outputs.look(now=True)


def _at_once(window: Shell) -> None:
    window.maker.at_once = window.settings["making.at_once"] or None


def _still(window: Shell) -> None:
    still = window.settings["look.still"]
    for effect in (
        Qt.UIEffect.UI_AnimateMenu,
        Qt.UIEffect.UI_FadeMenu,
        Qt.UIEffect.UI_AnimateCombo,
        Qt.UIEffect.UI_AnimateTooltip,
        Qt.UIEffect.UI_FadeTooltip,
    ):
        QApplication.setEffectEnabled(effect, not still)
    # A caret that blinks is motion too; 1,000 ms is how often it does so otherwise.
    QApplication.setCursorFlashTime(0 if still else 1000)


def _microphone(window: Shell) -> None:
    if page := window.bench.built("record"):
        page.use(window.settings["sound.microphone"])


def _silence(window: Shell) -> None:
    if page := window.bench.built("record"):
        page.use_silence(window.settings["sound.silence_ends_take"])


def _keys(window: Shell) -> None:
    commands.rebind(window.settings.kept.keys)
    window.name_keys()


_WAYS: dict[str, Callable[[Shell], None]] = {
    "outputs.folder": _outputs,
    "making.at_once": _at_once,
    "look.theme": lambda window: window.use_colours(is_dark(window.settings["look.theme"])),
    "look.text_size": _text_size,
    "look.still": _still,
    "sound.loudspeaker": lambda window: window.player.use(window.settings["sound.loudspeaker"]),
    "sound.microphone": _microphone,
    "sound.silence_ends_take": _silence,
    "keys": _keys,
}
