"""Text that stands before sound without a header is passed over, and not heard as a click."""

from __future__ import annotations

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import IntakeError
from kittiwake.core.intake import open_sound
from kittiwake.core.intake.sniff import text_before
from kittiwake.core.measure import analyze
from kittiwake.core.measure.analyze import analyze_as_stated
from kittiwake.core.measure.guess import guess
from kittiwake.core.model import Stated
from kittiwake.core.model.stated import HEADERLESS
from tests.sounds import FolderCase, spoken

HEADS = (
    b"vendor=none rate=8000 file=harbour\n",  # of an odd number of bytes
    b"sample_rate 8000\r\nchannels 1\r\nend\r\n",
    b"Recorded for the harbour, 8000 Hz".ljust(512, b"\0"),
)


class TestTextBefore(FolderCase):
    def headerless(self, encoding: str) -> bytes:
        form = next(form for (kind, coded), form in FORMATS.items() if kind == "raw" and coded == encoding)
        rate = form.nearest_rate(8000)
        path = self.folder / "plain"
        path.unlink(missing_ok=True)
        writer = form.open(path, rate, 1, dither="none")
        writer.write(spoken(rate)[: rate // 2, None])
        writer.close()
        return path.read_bytes()

    def samples(self, name: str, data: bytes, stated: Stated) -> np.ndarray:
        path = self.folder / name
        path.write_bytes(data)
        reader = open_sound(path, stated)
        try:
            return np.concatenate(list(reader.blocks()))
        finally:
            reader.close()

    def test_it_is_not_heard_in_any_encoding(self) -> None:
        made = {coded for kind, coded in FORMATS if kind == "raw"}
        self.assertGreater(len(made & {*HEADERLESS}), 10)
        for encoding in sorted(made & {*HEADERLESS}):
            rate = HEADERLESS[encoding] or 8000
            if not FORMATS["raw", encoding].is_there():
                continue
            sound = self.headerless(encoding)
            plain = self.samples("a", sound, Stated(encoding, rate))
            for head in HEADS:
                behind = self.samples("b", head + sound, Stated(encoding, rate, skip=len(head)))
                self.assertTrue(np.array_equal(plain, behind), encoding)

    def test_it_is_found_and_said(self) -> None:
        for encoding in ("pcm_s16le", "ulaw", "alaw"):
            sound = self.headerless(encoding)
            for head in HEADS:
                path = self.folder / "prompt"
                path.write_bytes(head + sound)
                best = guess(path)[0]
                self.assertEqual((best.stated.encoding, best.stated.skip), (encoding, len(head)), head)
                facts = analyze(path)
                self.assertEqual(facts.suggested, best.stated)
                self.assertIn(f"{len(head)} bytes of text", facts.error.message if facts.error else "")
                read = analyze_as_stated(path, best.stated)
                self.assertEqual(
                    read.measures.frames if read.measures else 0, len(sound) // (2 if "16" in encoding else 1)
                )
                heard = analyze_as_stated(path, Stated(encoding, 8000))
                self.assertIn("text_before", [note.code for note in heard.header.notes] if heard.header else [])

    def test_sound_alone_is_no_text(self) -> None:
        for encoding in ("pcm_s16le", "ulaw", "alaw", "gsm"):
            path = self.folder / "sound"
            path.write_bytes(self.headerless(encoding))
            self.assertEqual(text_before(path), 0, encoding)
        path.write_bytes(b"U" * 800 + self.headerless("alaw"))  # A-law at rest
        self.assertEqual(text_before(path), 0)
        path.write_bytes(b"A whole file that is nothing but text.\n" * 9)
        self.assertEqual(text_before(path), 0)

    def test_nothing_behind_it_is_told(self) -> None:
        path = self.folder / "short.raw"
        path.write_bytes(bytes(100))
        with self.assertRaises(IntakeError) as caught:
            open_sound(path, Stated("ulaw", 8000, skip=100))
        self.assertIn("fewer bytes", caught.exception.remedy)

    @settings(max_examples=50)
    @given(st.sampled_from(sorted(HEADERLESS)), st.integers(0, 999_999_999))
    def test_it_is_written_as_it_is_read(self, encoding: str, skip: int) -> None:
        stated = Stated(encoding, HEADERLESS[encoding] or 16_000, skip=skip)
        self.assertEqual(Stated.parse(str(stated)), stated)
