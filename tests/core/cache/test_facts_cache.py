"""Facts kept on disk, and outlines at every scale."""

from __future__ import annotations

import contextlib
import os
import shutil
import sqlite3
import time
import zlib
from dataclasses import replace
from pathlib import Path
from unittest import mock

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.cache import facts_cache
from kittiwake.core.cache.drawing import PartialOverview, look_for_drawing
from kittiwake.core.cache.facts_cache import FactsCache, packed_facts, unpacked_facts
from kittiwake.core.cache.peaks import PART, Peaks, PeaksWriter
from kittiwake.core.codec import ulaw
from kittiwake.core.model import Facts, Note, Stated
from tests.sounds import FolderCase, speech_like, spoken


class TestShelf(FolderCase):
    def look(self, path: Path) -> tuple[Facts, list[PartialOverview]]:
        reported: list[PartialOverview] = []
        return look_for_drawing((path, None, False), reported.append, str(self.folder / "shelf")), reported

    def test_the_same_content_is_looked_at_once_wherever_it_lies(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 3), 16_000)
        first, _ = self.look(path)
        self.assertIsNotNone(first.measures)
        kept = FactsCache(self.folder / "shelf").facts(path)
        assert kept is not None and kept.measures is not None and first.measures is not None
        # Equality leaves the arrays out, so they are compared by themselves.
        self.assertEqual(kept, first)
        np.testing.assert_array_equal(kept.measures.overview, first.measures.overview)
        np.testing.assert_array_equal(kept.measures.spectrum, first.measures.spectrum)
        copy = self.folder / "elsewhere" / "b.wav"
        copy.parent.mkdir()
        shutil.copy(path, copy)
        os.utime(copy, (1, 1))
        found = FactsCache(self.folder / "shelf").facts(copy)
        assert found is not None
        self.assertEqual(found, replace(first, path=copy, stamp=found.stamp))

    def test_other_content_under_the_same_name_is_looked_at(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 3), 16_000)
        before, _ = self.look(path)
        self.write("a.wav", speech_like(16_000, 3) * 0.5, 16_000)
        self.assertIsNone(FactsCache(self.folder / "shelf").facts(path))
        after, _ = self.look(path)
        assert before.measures and after.measures
        self.assertAlmostEqual(after.measures.peak / before.measures.peak, 0.5, delta=0.001)

    def test_looking_anew_does_not_believe_the_shelf(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 3), 16_000)
        found = path.stat()
        before, _ = self.look(path)
        # Other sound of the same size, with the same time; only the time of the last change of anything tells. Where a disk has none, looking does.
        self.write("a.wav", speech_like(16_000, 3) * 0.5, 16_000)
        os.utime(path, ns=(found.st_atime_ns, found.st_mtime_ns))
        with mock.patch("kittiwake.core.cache.facts_cache.source_stamp", return_value=before.stamp):
            kept, _ = self.look(path)
            self.assertEqual(kept, before)
        fresh = look_for_drawing((path, None, True), lambda _: None, str(self.folder / "shelf"))
        assert fresh.measures and before.measures
        self.assertAlmostEqual(fresh.measures.peak / before.measures.peak, 0.5, delta=0.001)
        known, _ = self.look(path)
        assert known.measures
        self.assertAlmostEqual(known.measures.peak / before.measures.peak, 0.5, delta=0.001)
        self.assertEqual(self.look(path)[0], fresh)

    def test_how_to_read_one_without_a_header_is_sought_once(self) -> None:
        path = self.folder / "hold.ul"
        path.write_bytes(ulaw.encode(spoken(8000)).tobytes())
        first, _ = self.look(path)
        with mock.patch("kittiwake.core.measure.guess.guess", side_effect=AssertionError("sought again")):
            again, _ = self.look(path)
        assert first.error is not None and again.error is not None
        self.assertEqual((again, str(again.error)), (first, str(first.error)))
        self.assertEqual((again.error.code, again.suggested), ("headerless", Stated("ulaw", 8000)))
        path.write_bytes(ulaw.encode(spoken(8000)[::-1]).tobytes()[:-400])
        other, _ = self.look(path)
        self.assertNotEqual(str(other.error), str(first.error))

    def test_facts_come_back_however_long_they_are_written(self) -> None:
        """A length whose first byte happens to be a bracket was once taken for facts of another kind."""
        facts, _ = self.look(self.write("a.wav", speech_like(16_000, 1), 16_000))
        for count in range(256):
            longer = replace(facts, notes=(Note("some", "a" * count, ""),))
            back = unpacked_facts(packed_facts(longer), facts.path, None)
            self.assertEqual(replace(back, stamp=facts.stamp, digest=facts.digest), longer)

    def test_a_broken_shelf_only_costs_time(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        whole, _ = self.look(path)
        (self.folder / "broken").mkdir()
        (self.folder / "broken" / "facts.sqlite").write_bytes(b"no database" * 1000)
        reported: list[PartialOverview] = []
        self.assertEqual(look_for_drawing((path, None, False), reported.append, str(self.folder / "broken")), whole)
        (self.folder / "a file").write_text("")
        self.assertEqual(look_for_drawing((path, None, False), reported.append, str(self.folder / "a file")), whole)

    def test_a_damaged_one_is_begun_anew(self) -> None:
        facts, _ = self.look(self.write("a.wav", speech_like(16_000, 1), 16_000))
        shelf = FactsCache(self.folder / "damaged")
        shelf.folder.mkdir()
        (shelf.folder / "facts.sqlite").write_bytes(b"no database" * 1000)
        self.assertIsNone(shelf.facts(facts.path))
        shelf.keep(facts)
        self.assertEqual(shelf.facts(facts.path), facts)

    def test_values_changed_by_hand_are_not_believed(self) -> None:
        paths = [
            self.write(name, speech_like(16_000, 1) * gain, 16_000) for name, gain in (("a.wav", 1), ("b.wav", 0.5))
        ]
        first, second = (self.look(path)[0] for path in paths)
        shelf = FactsCache(self.folder / "shelf")
        assert first.measures is not None
        louder = packed_facts(replace(first, measures=replace(first.measures, peak=1.0)))
        with sqlite3.connect(shelf.folder / "facts.sqlite") as base:
            (kept,) = base.execute("SELECT packed FROM facts WHERE key LIKE ?", (f"{first.digest}%",)).fetchone()
        changes = (
            ("UPDATE facts SET packed = ? WHERE key LIKE ?", (louder, f"{first.digest}%")),
            ("UPDATE facts SET packed = ? WHERE key LIKE ?", (kept[:16] + louder, f"{first.digest}%")),
            ("UPDATE facts SET packed = ? WHERE key LIKE ?", (kept, f"{second.digest}%")),
            ("UPDATE seen SET digest = ?", (first.digest,)),
        )
        for change, values in changes:
            with self.subTest(change=change):
                for path in paths:
                    self.look(path)
                with sqlite3.connect(shelf.folder / "facts.sqlite") as base:
                    self.assertGreater(base.execute(change, values).rowcount, 0)
                for path, facts in zip(paths, (first, second), strict=True):
                    self.assertIn(FactsCache(shelf.folder).facts(path), (None, facts))
                    self.assertEqual(self.look(path)[0], facts)

    def test_one_that_another_holds_is_waited_for_once(self) -> None:
        facts, _ = self.look(self.write("a.wav", speech_like(16_000, 1), 16_000))
        shelf = FactsCache(self.folder / "held")
        shelf.keep(facts)
        other = sqlite3.connect(shelf.folder / "facts.sqlite")
        self.addCleanup(other.close)
        other.execute("BEGIN EXCLUSIVE")
        with mock.patch.object(facts_cache, "_WAIT", 0.05):
            waiting = FactsCache(shelf.folder)
            self.assertIsNone(waiting.facts(facts.path))
        other.rollback()
        self.assertIsNone(waiting.facts(facts.path))  # it does without for a while
        later = time.monotonic() + 3600
        with mock.patch("time.monotonic", return_value=later):
            self.assertEqual(waiting.facts(facts.path), facts)

    def test_what_unpacks_to_more_than_facts_are_is_none(self) -> None:
        for packed in (zlib.compress(bytes(100 << 20), 9), zlib.compress(b"{}")[:-3], b""):
            with self.assertRaises((ValueError, zlib.error)):
                unpacked_facts(packed, self.folder / "a.wav", None)

    def test_too_much_is_tidied_up(self) -> None:
        shelf = FactsCache(self.folder / "shelf")
        for n in range(4):
            path = self.write(f"{n}.wav", speech_like(16_000, 1, seed=n), 16_000)
            self.look(path)
        import kittiwake.core.cache.facts_cache as module

        with contextlib.closing(sqlite3.connect(shelf.folder / "facts.sqlite")) as base:
            total = base.execute("SELECT SUM(bytes) FROM facts").fetchone()[0]
        most, module._MOST = module._MOST, total // 2
        try:
            shelf.tidy()
        finally:
            module._MOST = most
        left = [n for n in range(4) if shelf.facts(self.folder / f"{n}.wav")]
        self.assertTrue(0 < len(left) < 4, left)
        self.assertIn(3, left)

    def test_a_long_one_is_leafed_through_shown_while_it_is_read_and_kept_at_every_scale(self) -> None:
        rate = 8000
        x = np.tile(speech_like(rate, 60), 12)
        path = self.write("long.wav", x, rate)
        facts, reported = self.look(path)
        self.assertGreater(len(reported), 0)
        self.assertEqual(len(reported[0].coarse), 400)
        self.assertAlmostEqual(reported[0].seconds or 0, 720, delta=0.01)
        outline = FactsCache(self.folder / "shelf").peaks(facts.digest)
        peaks = Peaks(outline, len(x))
        for start, stop, columns in ((0, len(x), 1000), (1_000_000, 1_050_000, 50), (0, 2560, 10)):
            view = peaks.view(start, stop, columns)
            edges = np.linspace(start, stop, columns + 1)
            for n in (0, columns // 2, columns - 1):
                truth = x[int(edges[n]) : int(np.ceil(edges[n + 1]))]
                self.assertLessEqual(view[n, 0], truth.min() + 1e-4)
                self.assertGreaterEqual(view[n, 1], truth.max() - 1e-4)
        self.assertFalse([p for p in outline.parent.iterdir() if p.name.endswith(".part")])
        again, told_again = self.look(path)
        self.assertEqual((again, told_again), (facts, []))


class TestPeaks(FolderCase):
    @given(st.lists(st.integers(1, 3000), min_size=1, max_size=12), st.integers(1, 3))
    def test_blocks_of_any_length_give_the_outline_of_the_whole(self, lengths: list[int], channels: int) -> None:
        dice = np.random.default_rng(sum(lengths))
        x = dice.uniform(-1, 1, (channels, sum(lengths))).astype(np.float32)
        writer = PeaksWriter(self.folder / "x.part")
        at = 0
        for length in lengths:
            writer.add(x[:, at : at + length])
            at += length
        writer.finish(self.folder / "x.peaks")
        pairs = np.fromfile(self.folder / "x.peaks", "<i2").reshape(-1, 2)
        self.assertEqual(len(pairs), -(-x.shape[1] // PART))
        for n in range(len(pairs)):
            part = x[:, n * PART : (n + 1) * PART]
            self.assertLess(abs(pairs[n, 0] / 32767 - part.min()), 1e-4)
            self.assertLess(abs(pairs[n, 1] / 32767 - part.max()), 1e-4)

    def test_an_outline_that_is_not_whole_is_refused(self) -> None:
        writer = PeaksWriter(self.folder / "x.part")
        writer.add(np.zeros((1, 1000), np.float32))
        writer.finish(self.folder / "x.peaks")
        Peaks(self.folder / "x.peaks", 1000)
        with self.assertRaises(ValueError):
            Peaks(self.folder / "x.peaks", 2000)

    def test_what_is_shown_so_far_is_the_outline_so_far(self) -> None:
        x = speech_like(8000, 100)[None, :].astype(np.float32)
        writer = PeaksWriter(self.folder / "x.part")
        writer.add(x)
        shown = writer.so_far(500)
        writer.drop()
        self.assertLessEqual(len(shown), 501)
        self.assertAlmostEqual(float(shown[:, 1].max()), float(x.max()), delta=1e-4)
