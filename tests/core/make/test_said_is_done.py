"""What the path, the findings, the sheet and the messages say of an output is what its samples did: held against measurements made here, with libraries that do
not write the words (soundfile, soxr, pyloudnorm, libav for bit rates).
"""

from __future__ import annotations

import math
import re
from pathlib import Path

import av
import numpy as np
import pyloudnorm
import soundfile
import soxr
from numpy.typing import NDArray

from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import RulesError
from kittiwake.core.fit import Fit, check_receiver, fit
from kittiwake.core.fit.findings import findings
from kittiwake.core.fit.rules import demands_of
from kittiwake.core.make import Result, make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Facts, Receiver, TouchUp
from kittiwake.core.model.receiver_file import receiver_from_data
from tests.core.measure.test_level import literal_p56
from tests.sounds import FolderCase, db, really_spoken, spoken

Sound = NDArray[np.float64]
#: Forms that soundfile reads, so that what is held against the words has been read by nobody else.
FORMS = (
    ("wav", "pcm_s16"),
    ("wav", "pcm_s24"),
    ("flac", "pcm_s16"),
    ("wav", "ulaw"),
    ("mp3", "mp3"),
    ("ogg", "vorbis"),
)
SIDES = ("mono", "same", "left", "right", "inverted", "different")


def number(text: str) -> float:
    return float(text.replace("−", "-").replace(",", ""))


def slope(out: Sound, reference: Sound) -> tuple[float, float]:
    """Gain (dB) that makes ``reference`` most like ``out``, and what is left beside it, dB below it; found at the best of some shifts."""
    best = (-math.inf, 0.0)
    count = min(len(out), len(reference)) - 64
    for shift in range(-8, 9):
        a, b = out[32 : 32 + count], reference[32 + shift : 32 + shift + count]
        a, b = a - a.mean(), b - b.mean()
        power = float(np.dot(b, b))
        if len(a) == len(b) and power > 0:
            gain = float(np.dot(a, b)) / power
            left = float(np.sum((a - gain * b) ** 2)) / max(1e-20, float(np.sum(a**2)))
            best = max(best, (-10 * math.log10(max(left, 1e-20)), gain))
    return (20 * math.log10(abs(best[1]) or 1e-9), best[0])


class TestSaidIsDone(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.voices = [spoken(16_000), really_spoken(16_000), spoken(16_000, "Welcome.wav")]
        self.kinds: dict[str, int] = {}

    def receiver(self, dice: np.random.Generator) -> Receiver | None:
        container, encoding = FORMS[dice.integers(len(FORMS))]
        form = FORMATS[container, encoding]
        rates = [rate for rate in (8000, 11_025, 16_000, 44_100) if not form.rates or rate in form.rates]
        accepts: dict[str, object] = {
            "container": container,
            "encoding": encoding,
            "sample_rates": [int(dice.choice(rates))],
        }
        if encoding == "mp3":
            accepts["bit_rate"] = int(dice.choice([64_000, 96_000]))
        level = {"measure": str(dice.choice(["leave", "active", "loudness", "peak"])), "target_dbov": float(dice.uniform(-34, -18)),
                 "target_lufs": float(dice.uniform(-34, -18)), "target_dbfs": float(dice.uniform(-9, -2)), "tolerance_db": 1.0}  # fmt: skip
        data = {
            "slug": "any", "name": "Any",
            "rules": {"accepts": [accepts], "channels": int(dice.choice([1, 1, 1, 2]))},
            "treatment": {"level": level, "ceiling_dbfs": float(dice.choice([-1.0, -3.0])), "dither": "tpdf"},
        }  # fmt: skip
        try:
            receiver = receiver_from_data(data, "It")
        except RulesError:
            return None
        return None if check_receiver(receiver) else receiver

    def source(self, dice: np.random.Generator, sides: str) -> tuple[Sound, int]:
        voice, other = (self.voices[n] for n in dice.permutation(3)[:2])
        count = min(len(voice), len(other), int(16_000 * dice.choice([1.2, 2.0])))
        peak = 10 ** (dice.uniform(-24, -0.5) / 20)
        one, two = (part[:count].astype(np.float64) / np.abs(part[:count]).max() * peak for part in (voice, other))
        rate = int(dice.choice([8000, 16_000, 44_100]))
        one, two = (soxr.resample(part, 16_000, rate) for part in (one, two))
        silent = np.zeros_like(one)
        pair = {"mono": (one,), "same": (one, one), "left": (one, silent), "right": (silent, one), "inverted": (one, -one),
                "different": (one, two)}[sides]  # fmt: skip
        return np.clip(np.stack(pair, axis=1), -1, 1 - 2.0**-15), rate

    def check_one(self, n: int, dice: np.random.Generator) -> bool:
        receiver = self.receiver(dice)
        sides = str(dice.choice(SIDES))
        sound, rate = self.source(dice, sides)
        touch = TouchUp(gain_db=float(dice.choice([0, 0, 0, -4.5, 3])), remove_dc=bool(dice.random() < 0.2))
        if receiver is None:
            return False
        path = self.folder / f"s{n}.wav"
        offset = float(dice.choice([0, 0, 0, 0.02]))
        soundfile.write(str(path), np.clip(sound + offset, -1, 1), rate, subtype="PCM_24")
        clip, facts = Clip.whole(path).changed(touch_up=touch), analyze(path)
        found = fit(clip, facts, receiver)
        if found.recipe is None or found.verdict in ("decide", "cannot"):
            return False
        made = make_output(plan_outputs([(clip, facts, found)], receiver, self.folder / "out")[0])
        self.assertEqual(
            made.status,
            "made",
            f"{made.error} {sides} {offset} {touch} {receiver.to_data(sparse=True)} {found.steps}",
        )
        self.check_words(
            f"clip {n}, {sides}, {touch}: {receiver.to_data(sparse=True)}", receiver, sound, rate, facts, found, made
        )
        return True

    def check_words(
        self, case: str, receiver: Receiver, sound: Sound, rate: int, facts: Facts, found: Fit, made: Result
    ) -> None:
        """Every sentence that is known here is held against the samples, and how often each kind was is counted."""
        assert found.recipe is not None and made.output is not None
        recipe, out_path = found.recipe, Path(made.output)
        out, rate_out = soundfile.read(str(out_path), dtype="float64", always_2d=True)
        words = [(step.what, step.reason) for step in found.steps]
        case = f"{case}\n{words}\n{made.messages}"
        lossy = recipe.format.lossy
        used = self.used_sides(words, sound, case)
        reference = np.stack([soxr.resample(side, rate, rate_out, quality="VHQ") for side in used.T], axis=1)
        delay, loud = recipe.format.delay, int((reference**2).sum(axis=0).argmax())
        gain, alike = slope(out[delay:, loud], reference[:, loud])
        # It is that side, or that mixture, and nothing else: 15 dB are what a codec of 64 kbit/s leaves.
        self.assertGreater(alike, 8 if lossy else 20, case)
        for what, why in words:
            self.sentence(
                what, why, case, out=out, rate_out=rate_out, gain=gain, sound=sound, rate=rate, recipe_lossy=lossy,
                made=made, facts=facts, ceiling=db(recipe.ceiling),
            )  # fmt: skip
        if made.gain_db is not None:
            self.assertAlmostEqual(gain, made.gain_db, delta=0.5 if lossy else 0.12, msg=case)
        self.louder = recipe.gain_db
        self.sheet(receiver, out, rate_out, made, case)
        for problem in findings(Clip.whole(facts.path), facts):
            self.finding(problem.code, problem.message, sound, case)
        if re.search(r"Write .*(mono|stereo)", " ".join(what for what, _ in words)):
            self.assertEqual(out.shape[1], 2 if "stereo" in " ".join(what for what, _ in words) else 1, case)

    def used_sides(self, words: list[tuple[str, str]], sound: Sound, case: str) -> Sound:
        """The sides that the words say are used."""
        said = " ".join(what for what, _ in words)
        if found := re.search(r"Use the (left|right) side", said):
            self.count("side")
            return sound[:, [0 if found[1] == "left" else 1]]
        if "Mix both sides" in said:
            self.count("mix")
            return sound.mean(axis=1, keepdims=True)
        return sound

    def count(self, kind: str) -> None:
        self.kinds[kind] = self.kinds.get(kind, 0) + 1

    def sentence(
        self, what: str, why: str, case: str, *, out: Sound, rate_out: int, gain: float, sound: Sound, rate: int, recipe_lossy: bool,
        made: Result, facts: Facts, ceiling: float,
    ) -> None:  # fmt: skip
        slack = 0.5 if recipe_lossy else 0.15
        short = next(
            (number(m[1]) for text in made.messages if (m := re.search(r"keep it ([\d.]+) dB below", text))), 0.0
        )
        down = next(
            (number(m[1]) for text in made.messages if (m := re.search(r"brought down by ([\d.]+) dB", text))), 0.0
        )
        if found := re.match(r"Change the level by ([+−][\d.]+) dB", what):
            self.count("change")
            self.assertAlmostEqual(gain, number(found[1]) - down, delta=slack + 0.1, msg=case)
        elif found := re.match(r"Change the level by about ([+−][\d.]+) dB", what):
            self.count("held by peaks")
            self.assertAlmostEqual(gain, number(found[1]), delta=1.5, msg=case)
            # Nothing is given away: what is loudest comes out at the ceiling.
            self.assertAlmostEqual(db(float(np.abs(out).max())), ceiling, delta=slack + 0.1, msg=case)
        elif what == "Leave the level":
            self.count("leave")
            self.assertAlmostEqual(gain, -down, delta=slack, msg=case)
        elif found := re.match(r"(Raise|Lower) by about ([\d.]+) dB to a peak of ([−\d.]+) dBFS", what):
            self.count("peak")
            asked = "is asked for" in why
            self.assertAlmostEqual(
                db(float(np.abs(out).max())), number(found[3]) - (0 if asked else short), delta=0.3, msg=case
            )
            # What is constant is part of a peak until it is taken away.
            about = 3.0 if "DC offset" in case else 1.2
            self.assertAlmostEqual(gain, number(found[2]) * (1 if found[1] == "Raise" else -1), delta=about, msg=case)
        elif found := re.match(r"Bring it to ([−\d.]+) LUFS loudness", what):
            self.count("loudness")
            if len(out) / rate_out > 0.5:
                measured = pyloudnorm.Meter(rate_out).integrated_loudness(out)
                self.assertAlmostEqual(measured, number(found[1]) - short, delta=0.6, msg=case)
        elif found := re.match(r"(Raise|Lower) by about ([\d.]+) dB to (about )?([−\d.]+) dBov active", what):
            self.count("active, held by peaks" if found[3] else "active")
            after = analyze(Path(str(made.output))).measures
            assert after is not None
            wanted = re.search(r"([−\d.]+) dBov is wanted", why) if found[3] else found
            assert wanted is not None
            self.assertAlmostEqual(
                after.stereo_level.active_dbov,
                number(wanted[4 if wanted is found else 1]) - short,
                delta=0.55 if recipe_lossy else 0.25,
                msg=case,
            )
            self.assertAlmostEqual(after.stereo_level.active_dbov, number(found[4]), delta=1.5, msg=case)
            self.assertAlmostEqual(gain, number(found[2]) * (1 if found[1] == "Raise" else -1), delta=1.5, msg=case)
        elif found := re.match(r"Resample ([\d.]+) (k?)Hz → ([\d.]+) (k?)Hz", what):
            self.count("rate")
            self.assertEqual(round(number(found[3]) * (1000 if found[4] else 1)), rate_out, case)
            frames = re.search(r"([\d,]+) → ([\d,]+) frames", why)
            assert frames is not None
            self.assertEqual(number(frames[1]), len(sound), case)
            if not recipe_lossy:
                self.assertEqual(number(frames[2]), len(out), case)
        elif found := re.match(r"Read .*, ([\d.]+) (k?)Hz, (\d+) ch", what):
            self.count("read")
            self.assertEqual(
                (round(number(found[1]) * (1000 if found[2] else 1)), int(found[3])), (rate, sound.shape[1]), case
            )
        elif found := re.match(r"Round to (\d+) bits with", what):
            self.count("bits")
            self.assertEqual(soundfile.info(str(made.output)).subtype, f"PCM_{found[1]}", case)
        elif found := re.search(r"Take away a DC offset of ([+−][\d.]+) %", what):
            self.count("offset")
            before = soundfile.read(str(facts.path), always_2d=True)[0].mean(axis=0)
            self.assertAlmostEqual(
                float(before[np.abs(before).argmax()]) * 100, number(found[1]), delta=0.06, msg=case
            )
            self.assertLess(float(np.abs(out.mean(axis=0)).max()), 2e-3, case)
        if (found := re.search(r"(?<!about )\b(\d+) kbit/s", why)) and "Encode" in what:
            self.count("bit rate")
            with av.open(str(made.output)) as container:
                sizes = [packet.size for packet in container.demux(audio=0) if packet.size]
                seconds = len(sizes) * container.streams.audio[0].codec_context.frame_size / rate_out
            if seconds:
                self.assertAlmostEqual(
                    8 * sum(sizes) / seconds / 1000, number(found[1]), delta=0.04 * number(found[1]), msg=case
                )

    def finding(self, code: str, message: str, sound: Sound, case: str) -> None:
        """What is found of two sides, by their samples."""
        if code not in ("one_sided", "inverted", "same_twice", "sides_differ"):
            return
        self.count(code)
        left, right = sound.T
        power = float(np.sqrt(np.dot(left, left) * np.dot(right, right)))
        alike = float(np.dot(left, right)) / power if power else 0.0
        if code == "one_sided":
            found = re.search(r"Only the (left|right) side holds sound, the (left|right) is silent", message)
            assert found is not None, case
            quiet = sound[:, 0 if found[2] == "left" else 1]
            self.assertEqual({found[1], found[2]}, {"left", "right"}, case)
            self.assertLess(db(float(np.sqrt(np.mean(quiet**2)))), db(float(np.sqrt(np.mean(sound**2)))) - 30, case)
        elif code == "inverted":
            self.assertLess(alike, -0.9, case)
        else:
            self.assertEqual(abs(alike) > 0.85, code == "same_twice", case)

    def sheet(self, receiver: Receiver, out: Sound, rate: int, made: Result, case: str) -> None:
        """What the sheet demands is what came out, or a message says why not."""
        demands = demands_of(receiver)
        excused = any(re.search(r"keep it .* below|as near as it comes", text) for text in made.messages)
        if found := re.search(r" at ([\d.]+) (k?)Hz, (one|two) channel", demands):
            self.count("sheet: form")
            self.assertEqual(
                (round(number(found[1]) * (1000 if found[2] else 1)), {"one": 1, "two": 2}[found[3]]),
                (rate, out.shape[1]),
                case,
            )
        if (
            (found := re.search(r"active speech level .* is ([−\d.]+) dBov, within ([\d.]+) dB", demands))
            and not excused
            and len(out) > rate
        ):
            self.count("sheet: active")
            heard = max(literal_p56(side, rate)[0] for side in out.T if np.abs(side).max() > 1e-3)
            self.assertAlmostEqual(heard, number(found[1]) + self.louder, delta=number(found[2]), msg=case)
        if (found := re.search(r"The peak is ([−\d.]+) dBFS, within ([\d.]+) dB", demands)) and not excused:
            self.count("sheet: peak")
            self.assertAlmostEqual(
                db(float(np.abs(out).max())), number(found[1]) + self.louder, delta=number(found[2]), msg=case
            )

    def test_random_outputs_are_what_is_said_of_them(self) -> None:
        dice = np.random.default_rng(20)
        tried = sum(self.check_one(n, dice) for n in range(90))
        self.assertGreater(tried, 40)
        for kind in (
            "side",
            "mix",
            "change",
            "leave",
            "peak",
            "loudness",
            "active",
            "rate",
            "read",
            "bits",
            "offset",
            "bit rate",
            "held by peaks",
            "active, held by peaks",
            "one_sided",
            "inverted",
            "sides_differ",
            "sheet: form",
            "sheet: active",
            "sheet: peak",
        ):
            self.assertGreater(self.kinds.get(kind, 0), 0, f"{kind}: never held ({self.kinds})")
