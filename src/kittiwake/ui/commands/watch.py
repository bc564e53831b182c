"""Commands of watched folders."""

from __future__ import annotations

from ...commands import command
from ..shell.context import Context


@command(
    "job.watch",
    "Watched folders…",
    "Make whatever arrives in certain folders, while the window is open.",
    "Ctrl+Shift+W",
    menu="Make",
)
def watched_folders(at: Context) -> None:
    from ..dialogs.watch_dialog import WatchDialog

    at.show_one(WatchDialog, lambda: WatchDialog(at.window, at.watching, at.session.project.job.receivers))
