"""Commands of jobs: adding sources, opening, saving."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QMimeData, Qt, QUrl
from PySide6.QtGui import QDesktopServices
from PySide6.QtWidgets import QApplication, QFileDialog, QMessageBox

from ...commands import command, key_of
from ...core.model.job import EXTENSION
from ...core.model.own_receivers import last_used
from ...demo import is_demo, own_copy
from ...words import in_words, joined, phrase, tr
from ...work.project.moved import Moved, put_moved
from ...work.project.recent import RecentJobs
from ..dialogs.ask import chosen, where_to_save
from ..quick.window import QuickWindow
from ..shell.autosave import Autosaved, autosaved
from ..shell.context import Context
from ..shell.language import day_and_time
from ..widgets.short_path import short_path
from ..workers.moved_sources import MovedSources
from ..workers.worker import Outcome


@command("job.add_files", "Add sound files…", "Put sound files or videos on the board.", "Ctrl+O", menu="Job")
def add_files(at: Context) -> None:
    names, _ = QFileDialog.getOpenFileNames(at.window, tr("Add sound files"))
    if names:
        at.view.add_paths([Path(name) for name in names])


@command("job.add_folder", "Add a folder…", "Put all sound in a folder on the board.", "Ctrl+Shift+O", menu="Job")
def add_folder(at: Context) -> None:
    name = QFileDialog.getExistingDirectory(at.window, tr("Add a folder"))
    if name:
        at.view.add_paths([Path(name)])


@command(
    "job.find_sources",
    "Find moved sources…",
    "Look below a folder for recordings that are not where the job says, by name and by content.",
    menu="Job",
)
def find_sources(at: Context) -> None:
    search = MovedSources(at.session, at.window)
    if not search.missing:
        search.deleteLater()
        at.status.say(tr("Every recording is where the job says."))
        return
    count = len(search.missing)
    title = tr("Where {n} recordings are now", "Where {n} recording is now", count, n=count)
    name = QFileDialog.getExistingDirectory(at.window, title, str(_nearest_folder(search.missing[0])))
    if name:
        look_for_sources(at, search, Path(name))
    else:
        search.deleteLater()


def look_for_sources(at: Context, search: MovedSources, folder: Path) -> None:
    """Look below a folder for what is missing, and let the job point at what is found there."""
    at.status.say(
        tr("Looking for {n} recordings in {folder} …", "Looking for {n} recording in {folder} …", len(search.missing),
           n=len(search.missing), folder=short_path(folder))
    )  # fmt: skip
    search.look(folder, lambda outcome: _take_moved(at, outcome))


def _take_moved(at: Context, outcome: Outcome[Path, Moved]) -> None:
    moved = outcome.found
    if moved is None:
        at.status.say(outcome.wrong)
        return
    count = put_moved(at.session.project, moved.found)
    sentences = [tr("{n} recordings were found again.", "{n} recording was found again.", count, n=count)]
    if moved.unsure:
        sentences.append(
            tr("Of {name} there are several: choose the folder that it is in.", name=moved.unsure[0].name)
        )
    left = len(moved.missing)
    if left:
        sentences.append(
            tr("{n} are still missing, such as {name}: Find moved sources looks in another folder.",
               "{n} is still missing, {name}: Find moved sources looks in another folder.", left, n=left, name=moved.missing[0].name)
        )  # fmt: skip
    at.status.say(" ".join(sentences))


def _nearest_folder(path: Path) -> Path:
    """The first folder above that is there."""
    return next((folder for folder in path.parents if folder.is_dir()), Path.home())


@command("job.open", "Open a job…", "Open saved work.", "Ctrl+J", menu="Job")
def open_job(at: Context) -> None:
    name, _ = QFileDialog.getOpenFileName(
        at.window, tr("Open a job"), filter=tr("Kittiwake jobs (*{extension})", extension=EXTENSION)
    )
    if name:
        at.view.open_job(Path(name))


@command("job.recent", "Recent jobs…", "Open one of the jobs that were open last.", "Ctrl+Shift+J", menu="Job")
def open_recent(at: Context) -> None:
    from ..dialogs.recent_dialog import RecentDialog

    jobs = RecentJobs().jobs()
    if not jobs:
        at.status.say(tr("No job has been saved or opened yet."))
        return
    dialog = RecentDialog(at.window, jobs)
    dialog.accepted.connect(lambda: at.view.open_job(dialog.path) if dialog.path else None)
    dialog.open()


@command(
    "job.quick",
    "Quick convert…",
    "Convert files for one receiver in a small window, without putting them on the board.",
    menu="Job",
)
def quick_convert(at: Context) -> None:
    names, _ = QFileDialog.getOpenFileNames(at.window, tr("Convert which files"))
    if names:
        open_quick(at, [Path(name) for name in names])


def open_quick(at: Context, paths: list[Path]) -> QuickWindow:
    """The small window beside this one."""
    small = QuickWindow(paths, "", at.settings)
    small.setParent(at.window, Qt.WindowType.Window)
    small.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
    small.show_wanted.connect(lambda folder: QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder))))
    small.window_wanted.connect(at.view.add_paths)
    small.show()
    small.choice.setFocus()
    return small


@command("job.new", "New job", "Begin anew, for the receivers used last.", "Ctrl+N", menu="Job")
def new_job(at: Context) -> None:
    if at.view.may_part():
        suggested = last_used()
        at.session.project.begin(suggested, at.settings["outputs.placement"])
        at.board.setFocus()
        names = joined((in_words(one.name) for one in at.session.project.receivers), ", ")
        at.status.say(
            tr(
                "A new job. It is made for {names}, as the last one was, until {key} chooses others.",
                names=names,
                key=key_of("receiver.choose"),
            )
            if suggested
            else tr(
                "A new job. It is made for {names} until {key} chooses others.",
                names=names,
                key=key_of("receiver.choose"),
            )
        )


@command("job.demo", "Open the demo", "Open the announcements of an invented ferry company.", menu="Job")
def open_demo(at: Context) -> None:
    at.view.open_job(own_copy())
    at.board.setFocus()


@command("job.save", "Save the job", "Save sources, clips, receivers and decisions.", "Ctrl+S", menu="Job")
def save_job(at: Context) -> None:
    path = at.session.project.path
    if path is None or is_demo(path):
        save_job_as(at)
    elif not at.session.project.changed_by_others(path) or _may_overwrite(at, path):
        at.view.save_job(path)


@command("job.save_as", "Save the job as…", "Save under another name.", "Ctrl+Shift+S", menu="Job")
def save_job_as(at: Context) -> None:
    start = Path.home() / f"{at.session.project.job.name.replace('/', '-')}{EXTENSION}"
    path = where_to_save(
        at.window, tr("Save the job"), start, tr("Kittiwake jobs (*{extension})", extension=EXTENSION), (EXTENSION,)
    )
    if path:
        at.view.save_job(path)


@command("job.output", "Choose where outputs go…", "Choose the folder that made files go to.", "Ctrl+D", menu="Job")
def choose_output(at: Context) -> None:
    name = QFileDialog.getExistingDirectory(at.window, tr("Where outputs go"), str(at.session.project.output_folder))
    if name:
        at.session.project.change(tr("choosing the output folder"), at.session.project.job.changed(output=name))


def _place(at: Context, placement: str, text: str) -> None:
    at.session.project.change(text, at.session.project.job.changed(placement=placement))
    at.status.say(tr("Outputs go {text}. What was made elsewhere stays there.", text=text))


@command("job.one_folder", "Outputs in one folder", "Each receiver has one folder for all its outputs.", menu="Job")
def place_in_one(at: Context) -> None:
    _place(at, "one", phrase("into one folder for each receiver"))


@command(
    "job.mirrored",
    "Outputs in mirrored folders",
    "Within the output folder, have the folders that the sources have.",
    menu="Job",
)
def place_mirrored(at: Context) -> None:
    _place(at, "mirrored", phrase("into the folders of their sources, mirrored"))


@command("job.beside", "Outputs beside their sources", "Put outputs where their sources are.", menu="Job")
def place_beside(at: Context) -> None:
    _place(at, "beside", phrase("beside their sources"))


@command("job.quit", "Leave", "Close the window.", "Ctrl+Q", menu="Job")
def leave(at: Context) -> None:
    at.view.close()


def _may_overwrite(at: Context, path: Path) -> bool:
    """Another window has saved this job meanwhile: ask which is to stay."""
    beside, over, role = tr("Save under another name…"), tr("Replace it"), QMessageBox.ButtonRole
    answer = chosen(
        at.window,
        tr("Saved elsewhere meanwhile"),
        tr("{name} was saved by another window, or another program, since it was opened here.", name=path.name),
        tr("What was saved there would be lost."),
        {over: role.DestructiveRole, beside: role.AcceptRole, "Cancel": role.RejectRole},
        beside,
    )
    if answer == beside:
        save_job_as(at)
    return answer == over


def offer_autosaved(at: Context) -> None:
    """Ask what is to become of work that was not saved when a window ended without being closed."""
    go_on, drop, role = tr("Go on with it"), tr("Throw it away"), QMessageBox.ButtonRole
    for one in autosaved():
        answer = chosen(
            at.window,
            tr("Unsaved work"),
            tr(
                "“{name}” was not saved when Kittiwake ended unexpectedly, {time}.",
                name=one.name,
                time=day_and_time(one.time),
            ),
            tr("Go on with it? It is saved only when you save it."),
            {go_on: role.AcceptRole, drop: role.DestructiveRole, tr("Ask me later"): role.RejectRole},
            go_on,
        )
        if answer == drop:
            one.drop()
        elif answer == go_on and take_up(at, one):
            one.drop()
            at.view.autosave.keep()
            return


def take_up(at: Context, one: Autosaved) -> bool:
    """Go on with what was autosaved, as it was; whether that was done. What stands on the board is another job, and asked about as before any other."""
    count = len(at.session.project.job.clips)
    if not at.view.may_part() or not at.attempt(lambda: at.session.project.open_autosaved(one.copy, one.path)):
        return False
    if count:
        at.status.say(
            tr(
                "“{name}” is open as it was. The {n} clips that stood on the board before are no part of it.",
                "“{name}” is open as it was. The {n} clip that stood on the board before is no part of it.",
                count,
                name=one.name,
                n=count,
            )
        )
    return True


@command(
    "job.paste",
    "Paste files",
    "Put files that were copied in a file manager, or paths that were copied as text, on the board.",
    "Ctrl+V",
    menu="Job",
)
def paste_files(at: Context) -> None:
    paths = paths_of(QApplication.clipboard().mimeData())
    there = [path for path in paths if path.exists()]
    if there:
        at.view.add_paths(there)
    elif paths:
        at.status.say(tr("{paths} is not there (any more).", paths=paths[0]))
    else:
        at.status.say(tr("There are no files on the clipboard: copy some in a file manager, or their paths as text."))


def paths_of(data: QMimeData | None) -> list[Path]:
    """Files on a clipboard, or absolute paths and ``file:`` addresses, one a line; none of one that holds nothing."""
    if data is None:
        return []
    urls = [url for url in data.urls() if url.isLocalFile()] if data.hasUrls() else []
    if not urls:
        lines = [line.strip().strip("'\"") for line in data.text().splitlines()]
        urls = [
            QUrl(line) if line.startswith("file:") else QUrl.fromLocalFile(str(Path(line).expanduser()))
            for line in lines
            if _is_path(line)
        ]
    return [Path(url.toLocalFile()) for url in urls]


def _is_path(line: str) -> bool:
    return line.startswith(("/", "~/", "file:///")) and len(line) < 4096
