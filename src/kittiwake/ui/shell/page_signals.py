"""What the pages of the bench want done, each from when it is there."""

from __future__ import annotations

from typing import TYPE_CHECKING

from ..commands import corpus, cut, ear, make, receiver, record, script, view

if TYPE_CHECKING:
    from ..bench.receiver_page import ReceiverPage
    from .shell import Shell


def connect_pages(window: Shell) -> None:
    """What the pages of the bench want done, each from when it is there."""
    at, when = window.context, window.bench.when_built
    when("cell", lambda page: page.make_wanted.connect(lambda: make.make_selection(at)))
    when("cell", lambda page: page.hand_wanted.connect(lambda: receiver.hand_over(at)))
    when("receiver", lambda page: _connect_receiver_page(window, page))
    when("record", lambda page: page.counted.connect(lambda left: record.count_in(at, left)))
    when("record", lambda page: page.list_wanted.connect(lambda: record.record_list(at)))
    when("record", lambda page: page.use(window.settings["sound.microphone"]))
    when("record", lambda page: page.use_silence(window.settings["sound.silence_ends_take"]))
    when(
        "record",
        lambda page: page.silence_wanted.connect(
            lambda tenths: window.settings.set("sound.silence_ends_take", tenths)
        ),
    )
    when("corpus", lambda page: page.rows_wanted.connect(lambda: corpus.texts_and_speakers(at)))
    when("phone", lambda page: page.recorded.connect(lambda path: window.add_paths([path])))
    when("script", lambda page: page.read_wanted.connect(lambda: script.read_script(at)))
    when("cut", lambda page: page.list_button.clicked.connect(lambda: cut.names_from_list(at)))
    when("compare", lambda page: page.chosen.connect(lambda found: ear.hear_coded(at, found)))
    when("levels", lambda page: page.chosen.connect(lambda id_: ear.hear_level(at, id_)))
    when("levels", lambda page: page.wanted.connect(lambda id_: view.go_to_clip(at, id_)))


def _connect_receiver_page(window: Shell, page: ReceiverPage) -> None:
    at = window.context
    page.duplicate_wanted.connect(lambda slug: receiver.duplicate_receiver(at, slug))
    page.take_wanted.connect(lambda edited: receiver.take_rules(at, edited))
    page.drafts_changed.connect(window.show_drafts)
    page.export_wanted.connect(lambda slug: receiver.export_receiver(at, slug))
