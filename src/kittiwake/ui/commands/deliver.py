"""Commands that hand a set over, and tell of it."""

from __future__ import annotations

import contextlib
import datetime
from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QApplication

from ...commands import command
from ...core.disk.place import write_whole
from ...core.errors import Cancelled, KittiwakeError
from ...core.make.delivered import delivered_in
from ...core.model import Receiver
from ...words import tr
from ...work.project.handing import items_of, root_of
from ..dialogs.ask import where_to_save
from ..shell.context import Context
from ..widgets.made_files import files_of, mime_of
from ..widgets.short_path import short_path

if TYPE_CHECKING:
    from ...work.deliver import Plan


def _receiver(at: Context) -> Receiver | None:
    """The current one; else the first that something was made for."""
    current = at.board.current_receiver()
    if current is not None:
        return current
    project = at.session.project
    made = (
        one for one in project.receivers if any(project.cell(clip, one).state == "made" for clip in project.job.clips)
    )
    return next(made, None)


def _went_to(root: Path) -> Path | None:
    """The folder that outputs of this root went to the last time."""
    last = next((one.into for one in reversed(list(delivered_in(root).values())) if one.into), "")
    return Path(last) if last else None


def _into(at: Context, root: Path) -> Path:
    """Where they go at first: as the last time; else beside what was made."""
    return _went_to(root) or at.session.project.output_folder / f"{root.name} delivery"


@command(
    "deliver.open",
    "Deliver…",
    "Hand over all that was made for a receiver, in the form that it takes.",
    "Shift+B",
    menu="Receiver",
)
def deliver(at: Context) -> None:
    deliver_to(at, _receiver(at))


def deliver_to(at: Context, receiver: Receiver | None) -> None:
    """Ask how what was made for a receiver is to be handed over; None: for nobody anything was."""
    from ..dialogs.deliver_dialog import DeliverDialog

    items, missing = items_of(at.session.project, receiver) if receiver else ([], [])
    if receiver is None or not items:
        at.status.say(tr("Nothing is made yet that could be handed over: M makes all that can be made."))
        return
    root = root_of(at.session.project, receiver)
    dialog = DeliverDialog(at.window, receiver, items, missing, root, _into(at, root))

    def take() -> None:
        if (plan := dialog.plan) is not None:
            tries, slowly, away = dialog.tries, dialog.slowly, dialog.takes_away
            at.attempt(lambda: _deliver(at, plan, tries=tries, slowly=slowly, takes_away=away))

    dialog.accepted.connect(take)
    dialog.open()


def deliver_again(at: Context, receiver: Receiver) -> None:
    """To where it went the last time, as its rules have it, and on its machine first. It is asked where that is not known, where it went in another form
    then, and where something lies there that is wanted no more.
    """
    from ...work.deliver import plan_of

    root = root_of(at.session.project, receiver)
    into = _went_to(root)
    plan = None
    if into is not None and into.is_dir() and not any(one.packed_in for one in delivered_in(root).values()):
        with contextlib.suppress(KittiwakeError):  # the dialog says it, where it can be mended
            plan = plan_of(items_of(at.session.project, receiver)[0], receiver, root, into)
    if plan is None or plan.gone:
        deliver_to(at, receiver)
    else:
        at.attempt(lambda: _deliver(at, plan))


def _deliver(at: Context, plan: Plan, *, tries: bool = True, slowly: bool = False, takes_away: bool = False) -> None:
    from ...work.deliver import send
    from ...work.standin.judge import TAKEN, judged
    from ..shell.waiting import Waiting

    stand_ins = at.bench.stand_ins
    kind = stand_ins.kind(plan.receiver.standin) if tries else None
    verdicts: dict[str, str] = {}
    link = stand_ins.link(kind.key) if kind is not None else None
    words_of_stop = tr("It was stopped; what went until then is noted, and the machine goes on where it was.")
    with Waiting(
        at.window,
        tr("Handing {count} files over …", "Handing {count} file over …", len(plan.places), count=len(plan.places)),
        words_of_stop,
    ) as waiting:

        def work(checkpoint: Callable[[], object]) -> str:
            def stopped() -> bool:
                try:
                    checkpoint()
                except Cancelled:
                    return True
                return False

            def progress(share: float) -> None:
                waiting.share = share

            if link is not None:
                verdicts.update(judged(plan, link, stopped, real=slowly, progress=progress))
            return send(plan, verdicts, take_away=takes_away, cancelled=stopped).words

        sentence = waiting.result_of(work)
    sentence = sentence.replace(str(plan.into), short_path(plan.into))
    refused = {place: why for place, why in verdicts.items() if why != TAKEN}
    if refused:
        place, why = next(iter(refused.items()))
        sentence += tr(
            " The {name} refuses {count}: {place}: {why}",
            name=kind.name if kind else "",
            count=len(refused),
            place=place,
            why=why,
        )
    elif verdicts:
        sentence += tr(" The {name} takes all of them.", name=kind.name if kind else "")
    at.session.project.column_changed.emit(plan.receiver.slug)
    at.bench.stand_ins.refresh()
    at.status.say(sentence)


@command(
    "deliver.report",
    "Acceptance report…",
    "Write a page about a delivery, as HTML or PDF, for whoever ordered the set.",
    menu="Receiver",
)
def report(at: Context) -> None:
    from ...core.fit.rules import demands_of
    from ...work.deliver import last_plan_of
    from ...work.deliver.report import outline_of, report_of
    from ..shell.printed import write_pdf
    from ..shell.waiting import Waiting

    receiver = _receiver(at)
    items, _ = items_of(at.session.project, receiver) if receiver else ([], [])
    if receiver is None or not items:
        at.status.say(tr("Nothing is made yet that could be reported on."))
        return
    project = at.session.project
    root = root_of(project, receiver)
    path = where_to_save(
        at.window,
        tr("Acceptance report"),
        root.parent / f"{root.name} report.html",
        tr("Pages (*.html);;PDF (*.pdf)"),
        (".html", ".pdf"),
    )
    if path is None:
        return
    plan = last_plan_of(items, receiver, root, _into(at, root))
    verdicts = {one.name: one.verdict for one in delivered_in(root).values() if one.verdict}

    def work(checkpoint: Callable[[], object]) -> str:
        def outline(file: Path) -> list[float]:
            checkpoint()
            return outline_of(file)

        when = datetime.date.today().isoformat()
        return report_of(
            plan,
            verdicts,
            demands_of(receiver),
            title=f"{project.job.name}: {receiver.name}",
            when=when,
            outlines=outline,
        )

    def write() -> None:
        with Waiting(at.window, tr("Writing the report …")) as waiting:
            page = waiting.result_of(work)
        if path.suffix.lower() == ".pdf":
            write_pdf(page, path)
        else:
            write_whole(path, page.encode("utf-8"))
        at.status.say(tr("The report lies in {path}.", path=path))

    at.attempt(write)


@command(
    "deliver.copy",
    "Copy the made files",
    "Put the made files of the selected cells on the clipboard, as files.",
    "Ctrl+Shift+C",
    menu="Receiver",
)
def copy_files(at: Context) -> None:
    paths = files_of(at.board.selected_cells())
    if not paths:
        at.status.say(tr("Select made cells, to copy their files."))
        return
    QApplication.clipboard().setMimeData(mime_of(paths))
    at.status.say(tr("{n} files on the clipboard.", "{n} file on the clipboard.", len(paths), n=len(paths)))
