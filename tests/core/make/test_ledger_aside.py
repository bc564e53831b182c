"""Outputs among somebody's own files: the ledger is kept aside, and keeps its promises there."""

from __future__ import annotations

import os
import stat
from pathlib import Path
from unittest import mock

from kittiwake.core.batch import BatchRequest, run_batch
from kittiwake.core.batch.search import find_sources
from kittiwake.core.intake import PassedOver
from kittiwake.core.make.ledger import Ledger
from kittiwake.core.make.ledger_place import LEDGER, bring_back, ledger_path
from kittiwake.core.make.output import Result
from kittiwake.core.make.status import forget_deleted, ledger_folders, output_statuses, remove_orphans
from kittiwake.core.model import load_receiver
from kittiwake.core.process import InProcess
from tests.sounds import FolderCase, speech_like

MENU = load_receiver("phone-menu")


class TestAside(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        state = mock.patch.dict(os.environ, {"XDG_STATE_HOME": str(self.folder / "state")})
        state.start()
        self.addCleanup(state.stop)
        self.sources = [
            self.write(f"mine/{name}.wav", speech_like(16_000, 0.8, seed=n), 16_000)
            for n, name in enumerate(("a", "b"))
        ]
        self.mine = self.folder / "mine"

    def made(self, *sources: Path, into: Path | None = None) -> list[Result]:
        return list(
            run_batch(list(sources or self.sources), BatchRequest((MENU,), (into or self.mine,)), InProcess())
        )

    def names(self) -> list[str]:
        return sorted(path.name for path in self.mine.iterdir())

    def test_nothing_lies_among_the_sources_but_what_was_asked_for(self) -> None:
        self.assertEqual([one.status for one in self.made()], ["made", "made"])
        self.assertEqual(self.names(), ["a.wav", "a_phone-menu.wav", "b.wav", "b_phone-menu.wav"])
        aside = ledger_path(self.mine)
        self.assertEqual(aside.parent, self.folder / "state/kittiwake/ledgers")
        self.assertEqual(
            (stat.S_IMODE(aside.stat().st_mode), stat.S_IMODE(aside.parent.stat().st_mode)), (0o600, 0o700)
        )

    def test_its_promises_are_those_of_any_ledger(self) -> None:
        self.made()
        self.assertEqual([one.status for one in self.made()], ["kept", "kept"])
        self.assertEqual({one.state for one in output_statuses(self.mine)}, {"as made"})
        self.assertEqual(ledger_folders(self.folder), [self.mine])
        # What somebody altered is theirs; what lost its source can be taken away.
        (self.mine / "a_phone-menu.wav").write_bytes(b"altered")
        again = {Path(one.path).name: one for one in self.made()}
        self.assertEqual(again["a.wav"].altered, "a_phone-menu.wav")
        self.assertEqual((self.mine / "a_phone-menu.wav").read_bytes(), b"altered")
        self.sources[1].unlink()
        self.assertEqual([path.name for path, _ in remove_orphans(self.mine)], ["b_phone-menu.wav"])
        self.assertEqual(forget_deleted(self.mine), 1)
        self.assertNotIn(LEDGER, self.names())
        self.assertEqual(list(self.mine.glob(".*")), [])

    def test_outputs_among_sources_are_no_sources(self) -> None:
        self.made()
        self.assertEqual(sorted(find_sources([self.mine], PassedOver())), self.sources)

    def test_a_ledger_that_is_there_stays_where_it_is(self) -> None:
        self.made(into=self.folder / "out")
        self.assertTrue((self.folder / "out" / LEDGER).is_file())
        (self.mine / LEDGER).write_bytes(b"")
        self.made()
        self.assertEqual(len(Ledger(self.mine)), 2)
        self.assertEqual(ledger_path(self.mine), self.mine / LEDGER)

    def test_it_comes_back_where_others_write_it_too(self) -> None:
        self.made()
        bring_back(self.mine)
        self.assertEqual(ledger_path(self.mine), self.mine / LEDGER)
        self.assertEqual([one.status for one in self.made()], ["kept", "kept"])

    def test_where_it_cannot_be_kept_aside_it_is_kept_in_the_folder(self) -> None:
        (self.folder / "state").write_bytes(b"no folder")
        self.assertEqual([one.status for one in self.made()], ["made", "made"])
        self.assertTrue((self.mine / LEDGER).is_file())
