"""Commands of settings."""

from __future__ import annotations

from ...commands import command
from ..shell.context import Context


@command(
    "settings.open",
    "Settings…",
    "Where outputs go, colours, text size, keys and all else that can be set.",
    "Ctrl+,",
    menu="View",
)
def open_settings(at: Context) -> None:
    from ..settings.page import SettingsPage

    at.show_one(SettingsPage, lambda: SettingsPage(at.window, at.settings))
