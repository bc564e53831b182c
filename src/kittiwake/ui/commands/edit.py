"""Commands that change clips."""

from __future__ import annotations

from collections import Counter
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QMessageBox

from ...commands import command, key_of
from ...core.fit import Problem, Remedy
from ...core.model import Clip, Receiver, Stated
from ...words import tr
from ...work.project import edits
from ..dialogs.ask import chosen
from ..places.place import keyboard_is_in
from ..shell.context import Context

if TYPE_CHECKING:
    from ..places.cut.page import CutPage


@command("edit.undo", "Undo", "Take the last change of the job back.", "Ctrl+Z", menu="Edit")
def undo(at: Context) -> None:
    at.session.project.history.undo()


@command("edit.redo", "Do again", "Do what was taken back.", "Ctrl+Shift+Z", "Ctrl+Y", menu="Edit")
def redo(at: Context) -> None:
    at.session.project.history.redo()


@command("edit.rename", "Name the clip", "Give the selected clip another name.", "F2", menu="Edit")
def rename(at: Context) -> None:
    at.board.rename_current()


@command("edit.remove", "Remove from the board", "Take the selected clips off; their files stay.", "Del", menu="Edit")
def remove(at: Context) -> None:
    if at.bench.shown is not None and at.bench.shown.delete_chosen():
        return
    if not at.board.isVisible():  # nothing goes that is not seen to be chosen
        at.status.say(tr("The board is folded away: {key} shows what would be removed.", key=key_of("view.board")))
        return
    ids = {clip.id for clip in at.board.selected_clips()}
    if ids:
        row = at.board.currentIndex().row()
        edits.remove_clips(at.session.project, ids)
        model = at.board.board_model
        if model.rowCount():
            at.board.setCurrentIndex(model.index(min(row, model.rowCount() - 1), 0))
        else:
            at.view.show_choice(None, None)
        at.status.say(
            tr(
                "{n} clips are off the board; their files stay. {key} takes that back.",
                "{n} clip is off the board; its file stays. {key} takes that back.",
                len(ids),
                n=len(ids),
                key=key_of("edit.undo"),
            )
        )


@command(
    "edit.leave_out",
    "Not for this receiver",
    "Leave the selected clips out at the selected receivers; again, take them in.",
    "Ctrl+Del",
    menu="Edit",
)
def leave_out(at: Context) -> None:
    cells = at.board.selected_cells()
    names = ", ".join(dict.fromkeys(cell.receiver.name for cell in cells))
    if at.board.current_receiver() is None or not cells:
        at.status.say(tr("Select cells of a receiver, to leave clips out there."))
        return
    out, back = edits.leave_out(at.session.project, cells)
    if not out and not back:
        at.status.say(tr("A clip is for one receiver at least. Del takes it off the board."))
        return
    count = out or back
    said = tr("left out") if out else tr("taken in")
    at.status.say(
        tr(
            "{n} clips {said} at {names}. {key}, or {other_key}, takes it back.",
            "{n} clip {said} at {names}. {key}, or {other_key}, takes it back.",
            count,
            n=count,
            said=said,
            names=names,
            key=key_of("edit.leave_out"),
            other_key=key_of("edit.undo"),
        )
    )


@command(
    "edit.headerless",
    "State how to read it…",
    "Say what a file without a header is, or which sound stream of a video to use; each can be heard first.",
    "H",
    menu="Edit",
)
def state_format(at: Context) -> None:
    from ..dialogs.headerless_dialog import HeaderlessDialog

    clip = at.board.current_clip()
    facts = at.session.project.facts.get(clip.source) if clip else None
    several = facts is not None and facts.has("streams")
    if clip is None or facts is None or (facts.error is None and facts.stated is None and not several):
        at.status.say(
            tr(
                "Select a clip that could not be read, or a video with several sound streams, to state how to read it."
            )
        )
        return
    from ...core.intake.libav import streams_of  # libav takes a seventh of a second to load

    path = clip.source
    others = at.session.project.headerless.unreadable_beside(path) if not several else []
    dialog = HeaderlessDialog(at.window, path, len(others), facts.stated, streams_of(path) if several else ())
    dialog.heard.connect(lambda stated: at.hearing.hear(clip, stated))

    def take() -> None:
        if stated := dialog.stated():
            paths = [path, *others] if dialog.all_box.isChecked() else [path]
            state_for(at, paths, stated)

    dialog.accepted.connect(take)
    dialog.finished.connect(lambda _: at.player.pause())
    dialog.open()


def state_for(at: Context, paths: list[Path], stated: Stated) -> None:
    """State one form for several files. Those whose content, or name, says another are asked about: what is read wrongly is noise."""
    project = at.session.project
    other = [path for path in paths[1:] if project.headerless.speaks_against(path, stated)]
    if other:
        names = ", ".join(path.name for path in other[:3]) + (" …" if len(other) > 3 else "")
        as_seen, leave, force, role = (
            tr("Read them as they look"),
            tr("Leave them"),
            tr("Read them so too"),
            QMessageBox.ButtonRole,
        )
        answer = chosen(
            at.window,
            tr("Not all are alike"),
            tr(
                "{count} of {all} files look like something else than {stated}: {names}.",
                count=len(other),
                all=len(paths),
                stated=stated,
                names=names,
            ),
            tr("Read in a wrong form, sound is noise."),
            {as_seen: role.AcceptRole, leave: role.RejectRole, force: role.DestructiveRole},
            as_seen,
        )
        if answer != force:
            paths = [path for path in paths if path not in other]
        if answer == as_seen:
            for path in other:
                facts = project.facts.get(path)
                if facts is not None and facts.suggested is not None:
                    project.headerless.state([path], facts.suggested)
    project.headerless.state(paths, stated)


@command(
    "edit.as_guessed",
    "Read it as guessed",
    "Take the likeliest way to read a file without a header, for it and all alike in its folder.",
    "Shift+H",
    menu="Edit",
)
def read_as_guessed(at: Context) -> None:
    clip = at.board.current_clip()
    facts = at.session.project.facts.get(clip.source) if clip else None
    if clip is None or facts is None or facts.suggested is None:
        at.status.say(tr("Select a clip without a header whose content says what it may be."))
        return
    paths = at.session.project.headerless.alike(clip.source)
    at.session.project.headerless.state(paths, facts.suggested)
    at.status.say(
        tr(
            "{n} files read as {suggested}; {key} takes it back.",
            "{n} file read as {suggested}; {key} takes it back.",
            len(paths),
            n=len(paths),
            suggested=facts.suggested,
            key=key_of("edit.undo"),
        )
    )


@command(
    "edit.all_as_guessed",
    "Read all as guessed",
    "Take the likeliest way to read every file without a header on the board, each as its own content says.",
    "Ctrl+Shift+H",
    menu="Edit",
)
def read_all_as_guessed(at: Context) -> None:
    project = at.session.project
    guesses = {
        source: facts.suggested
        for source in project.job.sources
        if (facts := project.facts.get(source)) is not None
        and facts.error is not None
        and facts.suggested is not None
    }
    if not guesses:
        at.status.say(tr("No file without a header waits here for a way to read it."))
        return
    project.headerless.state_each(guesses)
    kinds = ", ".join(
        tr("{count} as {one}", count=count, one=one)
        for one, count in Counter(map(str, guesses.values())).most_common()
    )
    at.status.say(
        tr(
            "{count} files read as their content says: {kinds}. {key} takes it back.",
            "{count} file read as its content says: {kinds}. {key} takes it back.",
            len(guesses),
            count=len(guesses),
            kinds=kinds,
            key=key_of("edit.undo"),
        )
    )


@command(
    "edit.rate",
    "State the true rate…",
    "Say at what rate the sound was really taken; no sample changes.",
    "T",
    menu="Edit",
)
def state_rate(at: Context) -> None:
    from ..dialogs.rate_dialog import RateDialog

    clips = [clip for clip in at.board.selected_clips() if (f := at.session.project.facts.get(clip.source)) and f.ok]
    if not clips:
        at.status.say(tr("Select clips that can be read, to state their true rate."))
        return
    first = clips[0]
    facts = at.session.project.facts[first.source]
    assert facts.header
    stamped = facts.header.sample_rate
    current = first.touch_up.true_rate or stamped
    dialog = RateDialog(at.window, stamped, current, facts.seconds or 0.0, len(clips))
    dialog.heard.connect(lambda rate: _hear_at(at, first, rate))
    dialog.accepted.connect(lambda: edits.state_true_rate(at.session.project, clips, dialog.rate()))
    dialog.finished.connect(lambda _: at.view.show_choice(at.board.current_clip(), at.board.current_receiver()))
    dialog.open()


@command(
    "edit.touch",
    "Touch up…",
    "Level, speed, pitch, fades, side, rumble: of the selected clips, heard at once, never written to the source.",
    "E",
    menu="Edit",
)
def touch_up(at: Context) -> None:
    from ..dialogs.touch_dialog import TouchDialog

    clips = at.board.selected_clips()
    page: CutPage | None = at.bench.built("cut")
    if page is not None and keyboard_is_in(page):
        picked = page.picked()
        clips = [clip for clip in at.session.project.job.clips if clip.id in picked]
    first = next(iter(clips), None)
    facts = at.session.project.facts.get(first.source) if first else None
    if first is None or facts is None or not facts.ok:
        at.status.say(tr("Select clips that can be read, to touch them up."))
        return
    dialog = TouchDialog(at.window, [clip.touch_up for clip in clips])
    receiver = at.board.current_receiver() or at.session.project.any_receiver
    dialog.heard.connect(lambda touch: _hear_touched(at, first.changed(touch_up=touch, at={}), receiver))
    dialog.accepted.connect(lambda: edits.touch_up(at.session.project, clips, dialog.changes()))
    dialog.finished.connect(lambda _: at.player.pause())
    dialog.open()


@command(
    "edit.look",
    "Look again",
    "Forget what is known of the selected sources and look at them anew.",
    "F5",
    menu="Edit",
)
def look_again(at: Context) -> None:
    at.session.project.look_again({clip.source for clip in at.board.selected_clips()})


@command("edit.remedy", "Take the first remedy", "Do what is offered first for the selected cell.", "D", menu="Edit")
def take_remedy(at: Context) -> None:
    """The first remedy of the current cell; in a selection, the same remedy wherever it is offered."""
    clip, receiver = at.board.current_clip(), at.board.current_receiver()
    fit = at.session.project.plans.fit_of(clip, receiver) if clip and receiver else None
    for severity in ("decide", "warning"):
        for problem in fit.problems if fit else ():
            if problem.severity != severity:
                continue
            remedy = next((r for r in problem.remedies if r.by_key), None) or _asked_for(at, problem)
            if remedy:
                taken = edits.apply_like(at.session.project, at.board.selected_cells(), remedy.code)
                many = tr(" For {taken} clips.", taken=taken) if taken > 1 else ""
                at.status.say(
                    tr("{done}.{many} {key} takes it back.", done=remedy.what, many=many, key=key_of("edit.undo"))
                )
                return
            if any(r.asks for r in problem.remedies):
                return
    at.status.say(tr("There is no remedy to take here; select a cell that asks for a decision."))


def _asked_for(at: Context, problem: Problem) -> Remedy | None:
    """The remedy that a person chooses, where no key may: what kind of message it is, or what loses words."""
    offered = {remedy.what: remedy for remedy in problem.remedies if remedy.asks}
    if not offered:
        return None
    leave, role = tr("Leave it"), QMessageBox.ButtonRole
    sentence = " ".join(remedy.result for remedy in offered.values() if remedy.result)
    answers = {**dict.fromkeys(offered, role.AcceptRole), leave: role.RejectRole}
    answer = chosen(at.window, tr("Yours to choose"), problem.message, sentence, answers, leave)
    return offered.get(answer)


def _hear_touched(at: Context, clip: Clip, receiver: Receiver) -> None:
    """As it will come out; 1 switches to the source at the same instant."""
    at.player.load(at.session.project.cell(clip, receiver))
    at.player.choose("output")
    at.player.seek(0)
    at.player.play()


def _hear_at(at: Context, clip: Clip, rate: int) -> None:
    """Play a clip as it would be with another true rate, before anything is changed."""
    changed = clip.changed(touch_up=clip.touch_up.changed(true_rate=rate))
    at.player.load_clip(at.session.project.cell(changed, at.session.project.any_receiver))
    at.player.choose("source")
    at.player.play()
