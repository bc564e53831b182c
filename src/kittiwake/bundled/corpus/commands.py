"""Commands of corpora."""

from __future__ import annotations

from ...commands import command, key_of
from ...ui.shell.context import Context
from ...words import tr
from .core.of_project import take_rows


@command(
    "corpus.show",
    "Corpus…",
    "How good the clips are to train on, doubles, what rules cost; and writing a corpus.",
    "Shift+F7",
    menu="Make",
)
def show_corpus(at: Context) -> None:
    receivers = at.session.project.receivers
    receiver = at.board.current_receiver() or next((one for one in receivers if one.slug == "corpus"), None)
    receiver = receiver or at.session.project.any_receiver
    at.status.say("")
    at.bench.go_to("corpus", receiver)


@command(
    "corpus.rows",
    "Texts and speakers…",
    "Take texts, speakers and languages of the clips out of a table, or out of the names of files and folders.",
    "Shift+F9",
    menu="Make",
)
def texts_and_speakers(at: Context) -> None:
    from .rows_dialog import RowsDialog

    project = at.session.project
    if not project.job.clips:
        at.status.say(tr("There are no clips yet: {key} adds sound.", key=key_of("job.add_files")))
        return
    dialog = RowsDialog(at.window, project.job.clips)

    def take() -> None:
        count = take_rows(project, dialog.rows)
        at.status.say(
            tr(
                "Texts, speakers and languages of {count} clips are taken; {key} takes it back.",
                "Text, speaker and language of {count} clip are taken; {key} takes it back.",
                count,
                count=count,
                key=key_of("edit.undo"),
            )
        )
        if page := at.bench.built("corpus"):
            page.refresh_texts()

    dialog.accepted.connect(take)
    dialog.open()
