"""Commands of the script."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtWidgets import QFileDialog

from ...commands import command, key_of
from ...core.disk.place import write_whole
from ...words import tr
from ..dialogs.ask import where_to_save
from ..shell.context import Context


@command("script.open", "Script…", "Lines that are read, or spoken by a voice of this machine.", "F4", menu="Record")
def open_script(at: Context) -> None:
    at.status.say("")
    at.bench.go_to("script")


@command(
    "script.speak",
    "Speak all lines",
    "Speak every line of the script that has changed, and put them on the board.",
    "F11",
    menu="Record",
)
def speak_all(at: Context) -> None:
    if at.bench.page != "script":
        open_script(at)
    at.bench.page_of("script").speaker.speak_all()


@command("script.read", "Read a script…", "Take lines of a table: CSV, TSV, or a spreadsheet.", menu="Record")
def read_script(at: Context) -> None:
    name, _ = QFileDialog.getOpenFileName(
        at.window, tr("Read a script"), filter=tr("Tables (*.csv *.tsv *.txt *.xlsx *.ods);;All files (*)")
    )
    if name:
        read_into(at, Path(name))


def read_into(at: Context, path: Path) -> None:
    """Put the lines of a file behind those of the script, and show it."""
    if at.bench.page != "script":
        open_script(at)
    at.attempt(lambda: at.bench.page_of("script").read(path))


@command("script.write", "Write the script…", "Write the lines as a CSV table.", menu="Record")
def write_script(at: Context) -> None:
    from ...work.script.table import to_csv

    lines = at.session.project.job.script.lines
    if not lines:
        at.status.say(tr("There are no lines yet: {key} is where they are written.", key=key_of("script.open")))
        return
    path = where_to_save(
        at.window, tr("Write the script"), Path.home() / "script.csv", tr("CSV (*.csv)"), (tr(".csv"),)
    )
    if path and at.attempt(lambda: write_whole(path, to_csv(lines).encode("utf-8"))):
        at.status.say(
            tr(
                "{count} lines written to {name}.",
                "{count} line written to {name}.",
                len(lines),
                count=len(lines),
                name=path.name,
            )
        )
