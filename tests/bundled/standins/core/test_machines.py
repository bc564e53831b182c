"""Stand-ins for machines: each takes all that is made for it, and refuses what a strict one would, saying why."""

from __future__ import annotations

import io
import struct
import subprocess
import tempfile
import unittest
from pathlib import Path
from typing import Any, ClassVar

import numpy as np
import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.bundled.standins.core.decode import a_law_values, mu_law_values, of_ima, to_bytes
from kittiwake.bundled.standins.core.plain_wav import Wants, read_wav
from kittiwake.bundled.standins.machines.board import Board
from kittiwake.bundled.standins.machines.paging import Paging
from kittiwake.bundled.standins.machines.phone import Phone
from kittiwake.bundled.standins.machines.radio import Radio
from kittiwake.bundled.standins.machines.voicemail import Voicemail
from kittiwake.core.batch import PlannedClip, run_batch
from kittiwake.core.batch.request import BatchRequest
from kittiwake.core.fit import fit
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.process import InProcess
from kittiwake.work.deliver.item import Item
from kittiwake.work.deliver.plan import plan_of
from kittiwake.work.standin.judge import TAKEN, judged, link_to
from tests.sounds import DEMO, FolderCase, looked_at, speech_like

SLUGS = ("phone-menu", "phone-menu-alaw", "phone-menu-linear", "phone-menu-gsm", "voicemail-drop", "paging-controller", "deck-radio", "voice-board", "quay-beacon")  # fmt: skip
A_LAW = {0x2A: -32256, 0xAA: 32256, 0x55: -8, 0xD5: 8}


def wav(
    frames: int = 800,
    rate: int = 8000,
    bits: int = 16,
    channels: int = 1,
    tag: int = 1,
    data: bytes | None = None,
    **changed: Any,
) -> bytes:
    """A plain WAV file; ``changed`` puts other values into its header: ``riff``, ``block``, ``per_second``, ``length``, ``fmt``."""
    block = changed.get("block", channels * bits // 8)
    sound = data if data is not None else bytes(frames * channels * bits // 8)
    form = struct.pack("<HHIIHH", tag, channels, rate, changed.get("per_second", rate * block), block, bits)
    body = b"fmt " + struct.pack("<I", len(form)) + form + changed.get("between", b"")
    body += b"data" + struct.pack("<I", changed.get("length", len(sound))) + sound
    return b"RIFF" + struct.pack("<I", changed.get("riff", len(body) + 4)) + b"WAVE" + body


class Wrong:
    """Twenty kinds of wrong file for a machine that takes WAV files of one rate and encoding, each with a word of the reason."""

    def __init__(self, rate: int, bits: int, tag: int) -> None:
        good = {"rate": rate, "bits": bits, "tag": tag}
        plain = wav(**good)
        flac = io.BytesIO()
        soundfile.write(flac, np.zeros(800), rate, format="FLAC")
        self.files: dict[str, tuple[str, bytes, str]] = {
            "another ending": ("a.mp3", plain, ".wav"), "no ending": ("a", plain, ".wav"), "nothing": ("a.wav", b"", "few"),
            "half a header": ("a.wav", plain[:30], "few"), "text": ("a.wav", b"Please play this announcement at noon. " * 3, "begin"),
            "FLAC": ("a.wav", flac.getvalue().ljust(60, b"\0"), "begin"), "RIFX": ("a.wav", b"RIFX" + plain[4:], "begin"),
            "a size too large": ("a.wav", wav(**good, riff=len(plain)), "size"), "cut off": ("a.wav", plain[:-10], "size"),
            "garbage behind": ("a.wav", plain + b"garbage!", "size"),
            "no format first": ("a.wav", plain.replace(b"fmt ", b"junk", 1), "format"), "float": ("a.wav", wav(rate=rate, bits=32, tag=3), "float"),
            "another encoding": ("a.wav", wav(rate=rate, bits=8, tag=6 if tag != 6 else 7), "encoding"),
            "stereo": ("a.wav", wav(**good, channels=2), "channels"), "another rate": ("a.wav", wav(**{**good, "rate": rate + 1}), "Hz"),
            "twice the rate": ("a.wav", wav(**{**good, "rate": rate * 2}), "Hz"), "other bits": ("a.wav", wav(**{**good, "bits": 24}), "bits"),
            "bytes a second": ("a.wav", wav(**good, per_second=1), "second"), "a sound too long": ("a.wav", wav(**good, length=10_000_000), "long"),
            "no sound": ("a.wav", wav(**good, data=b""), "no sound"), "sound that is not there": ("a.wav", plain.replace(b"data", b"LIST", 1), "no sound"),
            "something between": ("a.wav", wav(**good, between=b"what\4\0\0\0abcd"), "know"),
        }  # fmt: skip


class TestWrongFiles(unittest.TestCase):
    def test_each_is_refused_with_its_reason_and_what_was_held_is_held(self) -> None:
        for make, rate, bits, tag in (
            (Radio, 8000, 16, 1),
            (Voicemail, 8000, 8, 7),
            (Paging, 48_000, 16, 1),
            (Phone, 8000, 8, 7),
        ):
            machine: Any = make()
            if make is Paging:
                self.assertTrue(
                    machine.hand(
                        "list.jsonl", b'{"file": "a.wav", "kind": "alert"}\n{"file": "good.wav", "kind": "general"}\n'
                    )
                )
            self.assertTrue(machine.hand("good.wav", wav(rate=rate, bits=bits, tag=tag)), machine.refusal)
            wrong = Wrong(rate, bits, tag).files
            self.assertGreaterEqual(len(wrong), 20)
            for what, (name, data, word) in wrong.items():
                if make is Phone and name != "a.wav":
                    word = "taken"
                if make is Phone and what == "another encoding":
                    continue  # it takes both laws
                if make is Paging:
                    word = "list" if name != "a.wav" else word
                with self.subTest(make.__name__, what=what):
                    self.assertFalse(machine.hand(name, data), what)
                    self.assertIn(word.casefold(), machine.refusal.reason.casefold())
                    self.assertLessEqual(machine.refusal.at, max(len(data), 44))
            self.assertEqual(list(machine.shelf.files), ["good.wav"])

    def test_limits_by_a_byte_and_by_a_frame(self) -> None:
        radio, box = Radio(), Voicemail()
        self.assertTrue(radio.hand("a.wav", wav((56_000 - 44) // 2)))
        self.assertFalse(radio.hand("b.wav", wav((56_000 - 44) // 2 + 1)))
        self.assertIn("56,000", radio.refusal.reason if radio.refusal else "")
        radio.shelf.room = 60_000
        self.assertFalse(radio.hand("c.wav", wav(4000)))
        self.assertIn("4,000 bytes are free", radio.refusal.reason if radio.refusal else "")
        self.assertTrue(box.hand("a.wav", wav(480_000, bits=8, tag=7)))
        self.assertFalse(box.hand("b.wav", wav(480_001, bits=8, tag=7)))
        self.assertIn("60 s", box.refusal.reason if box.refusal else "")

    def test_an_image_and_its_header(self) -> None:
        block = bytes([0, 0, 10, 0]) + bytes(28)
        text = """#define VOICE_COUNT 1
#define VOICE_RATE 8000
#define VOICE_BLOCK 32
static const unsigned long voice_offset[1] = { 0UL };
static const unsigned long voice_bytes[1] = { 32UL };
static const unsigned long voice_samples[1] = { 57UL };
static const char *const voice_name[1] = { "a" };
"""
        wrong: list[tuple[str, str, str, bytes, str]] = [
            ("a.wav", "", "", wav(), ".h"), ("a.bin", "", "", block, "header"), ("a.h", "VOICE_COUNT 1", "VOICE_COUNT one", b"", "VOICE_COUNT"),
            ("a.h", "VOICE_COUNT 1", "VOICE_COUNT 0", b"", "0 sounds"), ("a.h", "VOICE_COUNT 1", "VOICE_COUNT 300", b"", "300"),
            ("a.h", "VOICE_RATE 8000", "VOICE_RATE 44100", b"", "44,100"), ("a.h", "#define VOICE_RATE 8000", "", b"", "VOICE_RATE"),
            ("a.h", "VOICE_BLOCK 32", "VOICE_BLOCK 30", b"", "30"), ("a.h", "VOICE_BLOCK 32", "VOICE_BLOCK 0", b"", "0"), ("a.h", "#define VOICE_BLOCK 32", "", b"", "VOICE_BLOCK"),
            ("a.h", "{ 0UL }", "{ 0UL, 1UL }", b"", "voice_offset"), ("a.h", "voice_bytes", "bytes", b"", "voice_bytes"),
            ("a.h", "{ 57UL }", "{ }", b"", "voice_samples"), ("a.h", '{ "a" }', '{ "a", "b" }', b"", "voice_name"), ("a.h", "#", "ä", b"", "plain text"),
            ("a.bin", "32UL", "32UL", block[:20], "end behind"), ("a.bin", "32UL", "31UL", block, "whole number"), ("a.bin", "57UL", "58UL", block, "long as"),
            ("a.bin", "32UL", "32UL", bytes([0, 0, 89, 0]) + bytes(28), "No block"), ("a.bin", "32UL", "32UL", bytes((2 << 20) + 1), "flash"),
        ]  # fmt: skip
        self.assertGreaterEqual(len(wrong), 20)
        for name, old, new, data, word in wrong:
            with self.subTest(name, word=word):
                board = Board()
                head = text.replace(old, new, 1) if old else text
                if name == "a.h":
                    self.assertFalse(board.hand(name, head.encode()))
                else:
                    if word != "header" and name == "a.bin":
                        self.assertTrue(board.hand("a.h", head.encode()), board.refusal)
                    self.assertFalse(board.hand(name, data))
                self.assertIn(word.casefold(), board.refusal.reason.casefold() if board.refusal else "")
        board = Board()
        self.assertTrue(board.hand("a.h", text.encode()))
        self.assertTrue(board.hand("a.bin", block))
        self.assertEqual(board.held.sound.size if board.held else 0, 57)

    def test_a_list_for_paging(self) -> None:
        paging = Paging()
        for data, word in ((b"", "no message"), (b"x", "no file"), (b'{"file": "a.wav"}', "no kind"), (b'{"file": "a.wav", "kind": "joke"}', "no kind"), (b"[]\n", "no file"), (b'{"file": 3, "kind": "alert"}', "no file")):  # fmt: skip
            self.assertFalse(paging.hand("m.jsonl", data))
            self.assertIn(word, paging.refusal.reason if paging.refusal else "")


class TestAcceptance(FolderCase):
    made: ClassVar[dict[str, Any]] = {}

    def plan_for(self, slug: str) -> Any:
        """The demo's recordings made for a receiver, as they would be handed over."""
        receiver = load_receiver(slug)
        items: list[PlannedClip] = []
        # All of the demo for each machine; of the other forms of the phone, enough to decode each.
        most = 40 if slug not in ("phone-menu-alaw", "phone-menu-linear", "phone-menu-gsm") else 16
        for n, path in enumerate(sorted(DEMO.glob("*.*"))[:most], 1):
            facts = looked_at(path)
            clip = Clip(path, path.stem, kind="alert")
            found = fit(clip, facts, receiver)
            if found.ready:
                items.append(PlannedClip(clip, facts, {slug: found}, n))
        out = self.folder / slug
        results = [one for one in run_batch(items, BatchRequest((receiver,), (out,)), InProcess()) if one.good]
        self.assertGreater(len(results), 10, slug)
        made = [
            Item(Path(str(one.output)), str(one.sha256), one.bytes or 0, one.seconds, kind="alert") for one in results
        ]
        return plan_of(made, receiver, out, self.folder / "there")

    def test_each_machine_takes_all_that_its_receiver_makes_of_the_demo(self) -> None:
        for slug in SLUGS:
            with self.subTest(slug):
                plan = self.plan_for(slug)
                link = link_to(plan.receiver.standin)
                assert link is not None
                verdicts = dict(judged(plan, link))
                self.assertEqual(set(verdicts.values()), {TAKEN}, verdicts)
                held = link.machine.press()
                assert held is not None
                self.assertGreater(held.seconds, 0.2)
                if slug == "paging-controller":
                    self.assertEqual(link.machine.state, "ready, no faults")  # type: ignore[attr-defined]
                if slug == "voice-board":
                    self._board(plan, link.machine)

    def _board(self, plan: Any, board: Any) -> None:
        """What the board decodes by its header is what libsndfile decodes of the files."""
        for n, item in enumerate(plan.places.values()):
            expected, _ = soundfile.read(item.output, dtype="float32")
            held = board.play(str(n)).sound
            np.testing.assert_allclose(held.sound, expected[: len(held.sound)], atol=1 / 32768)
            # A block holds 1,017 samples; the header says how many of the last are meant.
            self.assertLess(len(expected) - len(held.sound), 1017)

    def test_the_header_is_c_and_says_the_same_to_a_compiler(self) -> None:
        from kittiwake.work.deliver.form import form_called

        plan = self.plan_for("voice-board")
        files = form_called("image").pack(plan, {})
        (self.folder / "voice.h").write_bytes(files["voice.h"] or b"")
        image = files["voice.bin"] or b""
        counts = (self.compiled("VOICE_COUNT"), self.compiled("VOICE_IMAGE_BYTES"))
        self.assertEqual(counts, (len(plan.places), len(image)))
        self.assertEqual(bytes(self.compiled(f"voice_name[VOICE_WELCOME][{n}]") for n in range(8)), b"Welcome\0")
        at, size, samples = (self.compiled(f"voice_{what}[VOICE_WELCOME]") for what in ("offset", "bytes", "samples"))
        sound, _ = soundfile.read(plan.places["Welcome.wav"].output, dtype="int16")
        part = of_ima(image[at : at + size], 512, samples)
        np.testing.assert_array_equal((part * 32768).astype(np.int16), sound[:samples])

    def compiled(self, expression: str) -> int:
        """What an expression comes to once the header is compiled: seven bits a run, all that a program without a library can say."""
        source = self.folder / "t.c"
        found = 0
        for shift in range(0, 28, 7):
            source.write_text(
                f'#include "voice.h"\nint _start(void) {{ return (int) (((unsigned long) ({expression}) >> {shift}) & 127); }}\n'
            )
            done = subprocess.run(
                ["tcc", "-std=c99", "-Wall", "-Werror", "-nostdlib", "-run", str(source)],
                capture_output=True, text=True, check=False,
            )  # fmt: skip
            self.assertEqual(done.stderr, "")
            found |= done.returncode << shift
        return found


class TestDecoders(unittest.TestCase):
    def test_laws_are_those_of_the_recommendation(self) -> None:
        """ITU-T G.711, tables 1 and 2; libsndfile as second reader of all bytes."""
        for values, sample, kind in (
            (mu_law_values(), {0x00: -32124, 0x80: 32124, 0xFF: 0, 0x7F: 0}, "ULAW"),
            (a_law_values(), A_LAW, "ALAW"),
        ):
            for byte, value in sample.items():
                self.assertEqual(values[byte], value, (kind, byte))
            read, _ = soundfile.read(
                io.BytesIO(bytes(range(256))), format="RAW", subtype=kind, samplerate=8000, channels=1, dtype="int16"
            )
            np.testing.assert_array_equal(values, read)
            # The nearest byte of a value is one that stands for it.
            again = np.frombuffer(to_bytes(values.astype(np.float32) / 32768, values), np.uint8)
            np.testing.assert_array_equal(values[again], values)

    def test_a_wav_is_read_to_the_frame(self) -> None:
        found = read_wav("a.wav", wav(801), Wants((1,), (8000,), (16,)))
        self.assertEqual(getattr(found, "frames", 0), 801)


class TestActions(unittest.TestCase):
    def test_a_radio_goes_from_channel_to_channel(self) -> None:
        radio = Radio()
        self.assertIn("no channels", radio.turn().sentence)
        for name in "abc":
            radio.hand(f"{name}.wav", wav())
        self.assertIn("Channel 1 of 3: a.wav", radio.turn().sentence)
        self.assertIn("Channel 3 of 3", radio.turn("c").sentence)
        self.assertIn("no channel “x”", radio.turn("x").sentence)

    def test_a_box_tells_new_from_old_and_when_the_beep_comes(self) -> None:
        box = Voicemail()
        box.hand("greeting.wav", wav(bits=8, tag=7, data=b"\xff" * 8000))
        box.hand("one.wav", wav(bits=8, tag=7))
        box.hand("two.wav", wav(bits=8, tag=7))
        called = box.call()
        self.assertIn("after 1.20 s", called.sentence)
        sound = called.sound.sound if called.sound else np.zeros(1)
        self.assertEqual(int(np.argmax(np.abs(sound) > 0.1)) // 80, 9600 // 80)  # within 10 ms
        self.assertEqual(box.listen().sentence, "one.wav, new; 1 new left")
        self.assertEqual(box.listen("one").sentence, "one.wav, old; 1 new left")
        self.assertEqual(box.listen().sentence, "two.wav, new; 0 new left")

    def test_of_two_messages_the_higher_kind_is_heard(self) -> None:
        paging = Paging()
        paging.hand(
            "m.jsonl", b'{"file": "lunch.wav", "kind": "general"}\n{"file": "fire.wav", "kind": "evacuation"}\n'
        )
        self.assertIn("2 of 2 messages missing", paging.state)
        paging.hand("lunch.wav", wav(rate=48_000))
        self.assertIn("It does nothing", paging.call("lunch").sentence)
        paging.hand("fire.wav", wav(rate=48_000))
        self.assertEqual(paging.state, "ready, no faults")
        self.assertEqual(paging.call("lunch, fire").sentence, "fire.wav (evacuation); lunch.wav must wait")
        self.assertFalse(paging.hand("x.wav", wav(rate=48_000)))
        # A new list drops what is not in it.
        paging.hand("m.jsonl", b'{"file": "fire.wav", "kind": "alert"}\n')
        self.assertEqual(list(paging.shelf.files), ["fire.wav"])

    def test_failures_on_command_lose_nothing(self) -> None:
        for fail, word in (("full", "full"), ("lost", "goes on from there"), ("restart", "come again")):
            link = link_to("radio")
            assert link is not None
            link.hand("a.wav", wav())
            link.fail = fail
            result = link.hand("b.wav", wav(20_000))
            self.assertFalse(result.taken)
            self.assertIn(word, result.reason)
            self.assertEqual(list(link.machine.shelf.files), ["a.wav"])  # type: ignore[attr-defined]
            self.assertTrue(link.hand("b.wav", wav(20_000)).taken)
        slow = link_to("paging", "slow")
        assert slow is not None
        slow.machine.hand("m.jsonl", b'{"file": "a.wav", "kind": "alert"}')
        result = slow.hand("a.wav", wav(48_000, rate=48_000))
        self.assertAlmostEqual(result.seconds, (96_000 + 44) / 4000, 2)
        self.assertTrue(result.taken)
        # Broken off by hand, it goes on where it was.
        paging = link_to("paging")
        assert paging is not None
        paging.machine.hand("m.jsonl", b'{"file": "a.wav", "kind": "alert"}')
        shares: list[float] = []
        result = paging.hand(
            "a.wav", wav(48_000, rate=48_000), progress=shares.append, cancelled=lambda: len(shares) > 5
        )
        self.assertIn("Broken off", result.reason)
        rest = paging.hand("a.wav", wav(48_000, rate=48_000))
        self.assertTrue(rest.taken)
        self.assertAlmostEqual(result.seconds + 0, 96_044 / 64_000, 2)
        self.assertLess(rest.seconds, 96_044 / 64_000)

    def test_what_it_holds_is_there_at_the_next_start(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            box = Voicemail()
            for name in ("a.wav", "b.wav"):
                box.hand(name, wav(bits=8, tag=7, data=bytes(speech_like(8000, 0.1).view(np.uint8)[:800])))
            box.listen("a")
            box.shelf.keep(Path(folder))
            again = Voicemail()
            again.shelf.restore(Path(folder), again.hand)
            self.assertEqual(
                {name: one.new for name, one in again.shelf.files.items()}, {"a.wav": False, "b.wav": True}
            )


class TestAnything(unittest.TestCase):
    """Whatever comes, a machine answers: taken, or refused with a sentence and a place in the file."""

    @given(
        st.sampled_from(["radio", "voicemail", "paging", "board", "phone", "beacon"]),
        st.sampled_from(
            ["a.wav", "a.ulaw", "a.sln", "a.gsm", "a.h", "a.bin", "a.toml", "a.jsonl", "a", "ä.WAV", "x\n.wav"]
        ),
        st.one_of(st.binary(max_size=400), st.text(max_size=200).map(lambda text: text.encode("utf-8", "replace"))),
    )
    def test_bytes(self, key: str, name: str, data: bytes) -> None:
        self.handed(key, name, data)

    @given(
        st.sampled_from(["radio", "voicemail", "paging", "phone", "beacon"]),
        st.integers(0, 60),
        st.binary(min_size=1, max_size=8),
        st.integers(0, 1),
    )
    def test_a_good_file_with_other_bytes_in_its_header(self, key: str, at: int, other: bytes, law: int) -> None:
        good = bytearray(wav(rate=48_000 if key == "paging" else 8000, bits=8 if law else 16, tag=7 if law else 1))
        good[at : at + len(other)] = other
        self.handed(key, "a.wav", bytes(good))

    @given(st.text('VOICE_COUNTRATEBLOCK 0123456789[]{},;=\n#definestacqulogh"*/', max_size=300), st.integers(0, 400))
    def test_headers(self, text: str, length: int) -> None:
        board = Board()
        if board.hand("a.h", text.encode()):
            board.hand("a.bin", bytes(length))
        for argument in ("", "0", "999", text[:5]):
            board.play(argument)

    def handed(self, key: str, name: str, data: bytes) -> None:
        link = link_to(key)
        assert link is not None
        if key == "paging":
            link.hand("l.jsonl", b'{"file": "a.wav", "kind": "alert"}')
        result = link.hand(name, data)
        if not result.taken:
            self.assertTrue(result.reason.endswith((".", "!", "?")), result.reason)
            self.assertTrue(0 <= result.at <= max(len(data), 200_000), (result.at, len(data)))
        held = link.machine.press()
        if held is not None:
            self.assertTrue(np.isfinite(held.sound).all())
        for action in link.kind.actions:
            self.assertTrue(action.run(link.machine, name[:3]).sentence)
