"""Codecs that are made for voices get whatever people have, and what is promised of it is kept: overdriven, very short, soft, or no voice at all."""

from __future__ import annotations

import numpy as np

from kittiwake.core.codec import FORMATS
from kittiwake.core.fit import fit
from kittiwake.core.fit.one_off import with_settings
from kittiwake.core.fit.receiver_query import receiver_of_wish
from kittiwake.core.make import Result, make_output
from kittiwake.core.make.output import OutputPlan
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver
from tests.sounds import FolderCase, noise, really_spoken, speech_like

RATE = 16_000


class TestVoicesOnly(FolderCase):
    def made(self, sound: np.ndarray, receiver: Receiver, name: str) -> tuple[str, Result]:
        path = self.write(f"{name}.wav", sound, RATE)
        facts, clip = analyze(path), Clip.whole(path)
        found = fit(clip, facts, receiver)
        ending = receiver.rules.names.extension_for(found.recipe.format.extension) if found.recipe else ".none"
        plan = OutputPlan(clip, facts, found, receiver, self.folder / "out" / f"{name}{ending}")
        plan.output.parent.mkdir(exist_ok=True)
        return found.verdict, make_output(plan)

    def test_what_is_said_to_convert_is_made(self) -> None:
        time = np.arange(RATE) / RATE
        voice = really_spoken(RATE)[: 2 * RATE]
        thump = np.zeros(RATE, np.float32)
        thump[5000:9000] = 0.7 * np.hanning(4000)
        sounds = {
            "full scale": np.clip(voice / np.abs(voice).max() * 8, -1, 1),
            "square": np.sign(np.sin(2 * np.pi * 220 * time)),
            "whistle": 0.5 * np.sin(2 * np.pi * 2800 * time),
            "hum": 0.2 * np.sin(2 * np.pi * 45 * time),
            "thump": thump,
            "hiss": noise(RATE, 1.0, -30),
            "nearly nothing": 1.3e-4 * np.sin(2 * np.pi * 300 * time),
            **{f"{n} ms": speech_like(RATE, n / 1000, dbov=-20) for n in (20, 50, 100, 150, 200, 300)},
        }
        for wish in ("amr 12.2k", "amr 4.75k", "gsm", "g729", "opus 24k"):
            receiver = receiver_of_wish(wish)
            if not all(FORMATS[one.container, one.encoding].is_there() for one in receiver.rules.accepts):
                continue
            for name, sound in sounds.items():
                with self.subTest(wish, sound=name):
                    verdict, done = self.made(
                        sound.astype(np.float32), receiver, f"{name} {wish[:3]}".replace(" ", "_")
                    )
                    self.assertIn((verdict, done.status), (("convert", "made"), ("decide", "refused")), done.error)

    def test_a_codec_that_makes_something_else_of_what_is_no_voice_is_said(self) -> None:
        time = np.arange(RATE) / RATE
        whistle = (0.5 * np.sin(2 * np.pi * 3300 * time)).astype(np.float32)
        _, done = self.made(whistle, receiver_of_wish("amr 4.75k"), "whistle")
        self.assertEqual(done.status, "made", done.error)
        heard = analyze(self.folder / "out/whistle.amr").measures
        assert heard
        off = 20 * np.log10(heard.rms / np.sqrt((whistle**2).mean()))
        said = [one for one in done.messages if "made for voices" in one]
        self.assertEqual(bool(said), abs(off) > 3.0, (off, done.messages))
        if said:
            self.assertAlmostEqual(float(said[0].split(" dB")[0].split()[-1]), abs(off), delta=0.3)


class TestSizesOfVariableCodecs(FolderCase):
    def test_no_file_is_larger_than_it_may_be_without_a_question_before(self) -> None:
        """Vorbis, FLAC, MP3 and Opus of variable bit rate, AAC; limits from far below to far over the estimate."""
        for wish in ("ogg 16k mono", "ogg 44.1k mono", "flac 16 bit 16k", "mp3 vbr 44.1k mono", "opus vbr", "m4a"):
            for name, sound in (("voice", really_spoken(RATE)[: 2 * RATE]), ("hiss", noise(RATE, 2.0, -20))):
                path = self.write(f"{name}.wav", sound, RATE)
                facts, clip = analyze(path), Clip.whole(path)
                free = receiver_of_wish(wish)
                about = fit(clip, facts, free).predicted_bytes
                assert about
                for share in (0.3, 0.8, 1.0, 1.3, 2.5):
                    receiver = with_settings(free, (f"rules.limits.max_bytes={round(about * share)}",))
                    with self.subTest(wish, sound=name, share=share):
                        found = fit(clip, facts, receiver)
                        if found.verdict == "cannot":  # the head alone is larger
                            self.assertLess(share, 0.5)
                            continue
                        if found.verdict == "decide":
                            codes = [one.code for one in found.problems[0].remedies]
                            self.assertIn("accept_perhaps_too_large", codes)
                            self.assertIn("cut_to_length", codes)
                            continue
                        ending = receiver.rules.names.extension_for(found.recipe.format.extension)  # type: ignore[union-attr]
                        out = self.folder / f"{name}{share}{wish[:4]}{ending}".replace(" ", "_")
                        done = make_output(OutputPlan(clip, facts, found, receiver, out))
                        self.assertEqual(done.status, "made", done.error)
                        self.assertLessEqual(out.stat().st_size, about * share)
