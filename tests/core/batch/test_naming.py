"""Names of a run: legal, each once, the same in every run, and never that of a file that was not made here."""

from __future__ import annotations

from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.batch.naming import Naming
from kittiwake.core.disk.place import file_digest
from kittiwake.core.fit import unique_names
from kittiwake.core.make.ledger import Entry, Ledger
from kittiwake.core.model import load_receiver
from tests.sounds import FolderCase

MENU = load_receiver("phone-menu")
# Few letters, so that many collide; numbers at the end, as those that are put behind.
STEMS = st.lists(st.sampled_from(["a", "A", "a_2", "A_2", "a_3", "ä", "b", "a b", "a_b", "b_2"]), max_size=12)


class TestNaming(FolderCase):
    def naming(self, stems: list[str], ledger: Ledger | None = None) -> list[tuple[str, Entry | None]]:
        paths = [Path(f"/from/{n}/{stem}.wav") for n, stem in enumerate(stems)]
        return [
            one[:2]
            for one in Naming(MENU, self.folder, ledger or Ledger(self.folder), None, items=paths).names(paths)
        ]

    def made(self, source: str, stem: str, name: str) -> Entry:
        path = self.folder / name
        path.write_text(source)
        found = path.stat()
        stamp = f"{found.st_size}:{found.st_mtime_ns}"
        return Entry(name, file_digest(path), found.st_size, source, stem, MENU.slug, "mark", output_stamp=stamp)

    @given(STEMS)
    def test_in_an_empty_folder_they_are_those_of_the_rules(self, stems: list[str]) -> None:
        found = self.naming(stems)
        self.assertEqual([name for name, _ in found], unique_names(stems, MENU.rules.names))
        self.assertEqual({before for _, before in found} - {None}, set())

    @given(STEMS, st.sets(st.sampled_from(["a", "A", "A_2", "a_4", "b"])))
    def test_files_of_others_keep_their_names(self, stems: list[str], there: set[str]) -> None:
        for stem in there:
            (self.folder / f"{stem}.wav").write_text("of somebody else")
        try:
            names = [name.casefold() for name, _ in self.naming(stems)]
            again = [name.casefold() for name, _ in self.naming(stems)]
        finally:
            for stem in there:
                (self.folder / f"{stem}.wav").unlink()
        self.assertEqual(len(set(names)), len(stems))
        self.assertEqual(set(names) & {stem.casefold() for stem in there}, set())
        self.assertEqual(names, again)

    @given(STEMS, STEMS)
    def test_what_was_made_before_keeps_its_name(self, first: list[str], more: list[str]) -> None:
        """Those of before are found again, whatever comes before or behind them."""
        ledger = Ledger(self.folder)
        first = [f"{n}{stem}" for n, stem in enumerate(first)]
        names = {stem: name for stem, (name, _) in zip(first, self.naming(first), strict=True)}
        ledger.add(*(self.made(f"/from/{n}/{stem}.wav", stem, f"{names[stem]}.wav") for n, stem in enumerate(first)))
        try:
            found = self.naming(first + more, ledger)[: len(first)]
            self.assertEqual([name for name, _ in found], list(names.values()))
            self.assertEqual([before.clip for _, before in found if before], first)
        finally:
            for path in [*self.folder.glob("*.wav"), *self.folder.glob(".kittiwake-made.jsonl")]:
                path.unlink()

    def test_one_of_ours_that_was_altered_and_one_in_other_letters_keep_theirs(self) -> None:
        ledger = Ledger(self.folder)
        ledger.add(self.made("/from/0/a.wav", "a", "a.wav"), self.made("/from/1/b.wav", "b", "b.wav"))
        (self.folder / "a.wav").write_text("altered by hand")
        (self.folder / "b.wav").rename(self.folder / "B.WAV")
        names = [name for name, _ in self.naming(["a", "b"], ledger)]
        self.assertEqual(names, ["a_2", "b_2"])

    def names_of(self, *paths: str) -> list[str]:
        items = [Path(path) for path in paths]
        return [one.stem for one in Naming(MENU, self.folder, Ledger(self.folder), None, items=items).names(items)]

    def test_what_is_not_ours_keeps_its_name(self) -> None:
        (self.folder / "Gate.WAV").write_bytes(b"x")
        (self.folder / "pier.wav").symlink_to("nowhere")
        self.assertEqual(
            self.names_of("/in/gate.flac", "/in/pier.flac", "/in/quay.flac"), ["gate_2", "pier_2", "quay"]
        )

    def test_ours_keeps_its_name_unless_somebody_altered_it(self) -> None:
        made = self.folder / "gate.wav"
        made.write_bytes(b"made")
        found = made.stat()
        stamp = f"{found.st_size}:{found.st_mtime_ns}"
        Ledger(self.folder).add(
            Entry("gate.wav", "00", 4, "/in/gate.flac", "gate", "phone-menu", "f", output_stamp=stamp)
        )
        self.assertEqual(self.names_of("/in/gate.flac"), ["gate"])
        self.assertEqual(self.names_of("/else/gate.flac", "/in/gate.flac"), ["gate_2", "gate"])
        made.write_bytes(b"altered")
        self.assertEqual(self.names_of("/in/gate.flac"), ["gate_2"])
