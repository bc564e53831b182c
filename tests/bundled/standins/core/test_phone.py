"""The stand-in telephone system: its dial plan, its line, its calls."""

from __future__ import annotations

import unittest
from unittest import mock

import dpkt
import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from pystoi import stoi

from kittiwake.bundled.standins.core.decode import mu_law_values, to_bytes
from kittiwake.bundled.standins.core.phone import rtp
from kittiwake.bundled.standins.core.phone.call import Call, walked
from kittiwake.bundled.standins.core.phone.dial_plan import _MOST, PlanError, from_names, plan_of
from kittiwake.bundled.standins.core.phone.dtmf import detected
from kittiwake.bundled.standins.core.phone.rtp import PCMA, PCMU, carry
from kittiwake.bundled.standins.machines.phone import Phone
from kittiwake.bundled.tones.core.keys import keys_recipe
from kittiwake.bundled.tones.core.render import render
from kittiwake.core.packets.conceal import FRAME, concealed
from kittiwake.core.packets.packet_loss import PacketLossModel, losses
from tests.bundled.standins.core.test_machines import wav
from tests.sounds import speech_like, spoken

PLAN = """
name = "Harbour office"
first = "main"
[menus.main]
say = ["Welcome"]
wrong = "say Sorry"
[menus.main.keys]
1 = "menu fares"
2 = "say Hours"
3 = "busy"
0 = "operator"
"#" = "again"
[menus.fares]
say = ["Fares"]
keys = { 1 = "menu evening", "*" = "back" }
[menus.evening]
say = ["Evening"]
keys = { 1 = "say Late", 2 = "hang up" }
[states]
hold = "silence"
error = "gb/special + say Sorry"
"""
NAMES = ("Welcome", "Sorry", "Hours", "Fares", "Evening", "Late")


def word(seed: int, seconds: float = 0.4, lead: float = 0.15) -> np.ndarray:
    """A prompt: air, then a tone that is its own."""
    time = np.arange(round(seconds * 8000)) / 8000
    return np.concatenate([np.zeros(round(lead * 8000)), 0.2 * np.sin(2 * np.pi * (300 + 70 * seed) * time)]).astype(
        np.float32
    )


class TestPlan(unittest.TestCase):
    def test_it_is_read_written_and_drawn_on(self) -> None:
        plan = plan_of(PLAN)
        self.assertEqual(plan_of(plan.to_toml()), plan)
        self.assertEqual(set(plan.prompts), set(NAMES))
        self.assertEqual(plan.ways(), {"Welcome": "", "Hours": "2", "Fares": "1", "Evening": "11", "Late": "111"})
        self.assertEqual(plan.missing(["welcome", "HOURS", "x"]), ("Sorry", "Fares", "Evening", "Late"))
        self.assertEqual(plan.unused(["Welcome", "x"]), ("x",))

    def test_what_leads_nowhere_is_said(self) -> None:
        for old, new, wanted in (
            ('first = "main"', 'first = "x"', "“x”"), ('"menu fares"', '"menu tickets"', "“tickets”"), ("2 = ", "A = ", "no key “A”"), ('"busy"', '"dance"', "“dance”"),
            ("[states]", "[state]", r"state: there is no such field"), ("hold =", "party =", "“party”"), ('"silence"', '"gb/foghorn"', "gb/foghorn"), ('say = ["Welcome"]', "say = [1]", r"say.1 = 1: a text"), ("name =", "nam =", "did you mean name"),
            ('"Harbour office"', "3", "name = 3: a text"), ("[menus.main]", "[menus.main", "TOML"), ('name = "Harbour office"', "timeout = 1000", "0.5 to 60"),
        ):  # fmt: skip
            with self.subTest(wanted), self.assertRaisesRegex(PlanError, wanted):
                plan_of(PLAN.replace(old, new, 1))

    def test_as_many_menus_as_there_may_be(self) -> None:
        one = '[menus.m{}]\nsay = ["Welcome"]\n'
        self.assertEqual(len(plan_of("".join(one.format(n) for n in range(_MOST))).menus), _MOST)
        for text, wanted in (
            ('name = "x"', "menus: it has to be given"), ("menus = 3", "menus = 3: a table"), ("menus = {}", f"one menu to {_MOST}"),
            ("".join(one.format(n) for n in range(_MOST + 1)), f"one menu to {_MOST}"),
        ):  # fmt: skip
            with self.assertRaisesRegex(PlanError, wanted):
                plan_of(text)

    def test_made_of_names(self) -> None:
        plan = from_names(["Welcome", "1 Fares", "11 Adults", "12 Children", "121 Babies", "2 Hours"])
        self.assertEqual(plan.ways(), {"Welcome": "", "1 Fares": "1", "11 Adults": "11", "12 Children": "12", "121 Babies": "121", "2 Hours": "2"})  # fmt: skip
        self.assertEqual(plan_of(plan.to_toml()), plan)
        with self.assertRaises(PlanError):
            from_names(["Welcome"])

    @given(st.lists(st.text("0123456789*#", min_size=1, max_size=4), min_size=1, max_size=20, unique=True))
    def test_every_prompt_is_reached_by_its_own_keys(self, ways: list[str]) -> None:
        plan = from_names([f"{way} x" for way in ways])
        found = plan.ways()
        for way in ways:
            # "*" leads back inside of a menu, so what would begin there cannot be told from it.
            self.assertEqual(found[f"{way} x"], way)


class TestLine(unittest.TestCase):
    def test_packets_as_another_reader_sees_them(self) -> None:
        """RFC 3550 and RFC 3551, read by dpkt."""
        seen: list[bytes] = []
        through = rtp.through_a_socket
        with mock.patch.object(
            rtp, "through_a_socket", side_effect=lambda packets: seen.extend(through(packets)) or seen
        ):
            carry(spoken(8000)[:8000], kind=PCMA)
        read = [dpkt.rtp.RTP(data) for data in seen]
        self.assertEqual(len(read), 50)
        self.assertEqual(
            {(one.version, one.pt, len(one.data), one.ssrc) for one in read}, {(2, 8, 160, read[0].ssrc)}
        )
        self.assertEqual([one.m for one in read], [1] + [0] * 49)
        self.assertEqual([one.seq for one in read], list(range(1, 51)))
        self.assertEqual([one.ts for one in read], [n * 160 for n in range(50)])  # 20 ms at 8 kHz

    def test_a_clear_line_gives_what_went_in_to_the_last_bit(self) -> None:
        sound = spoken(8000)
        for kind in (PCMU, PCMA):
            result = carry(sound, kind=kind)
            self.assertEqual((len(result.sound), result.lost, result.late), (len(sound), 0, 0))
        values = mu_law_values()
        coded = to_bytes(sound, values)
        np.testing.assert_array_equal(
            carry(sound).sound, values[np.frombuffer(coded, np.uint8)].astype(np.float32) / 32768
        )

    def test_loss_bursts_and_jitter_are_as_set(self) -> None:
        for loss, burst in ((0.01, 1.0), (0.1, 1.0), (0.05, 3.0), (0.2, 5.0)):
            gone = losses(200_000, PacketLossModel(loss=loss, burst=burst, seed=5))
            self.assertAlmostEqual(gone.mean() / loss, 1, delta=0.1)
            runs = np.diff(np.flatnonzero(np.diff(np.concatenate([[0], gone.astype(int), [0]]))))[::2]
            wanted = burst if burst > 1 else 1 / (1 - loss)
            self.assertAlmostEqual(runs.mean() / wanted, 1, delta=0.12)
        sound = np.zeros(8000 * 60, np.float32)
        for jitter in (5.0, 20.0):
            measured = np.mean(
                [carry(sound, PacketLossModel(jitter=jitter, buffer=1000, seed=seed)).jitter for seed in range(8)]
            )
            self.assertAlmostEqual(measured / jitter, 1, delta=0.15)
        late = carry(sound, PacketLossModel(jitter=20, buffer=20, seed=2))
        self.assertGreater(late.late, 30)
        self.assertEqual(carry(sound, PacketLossModel(jitter=20, buffer=1000, seed=2)).late, 0)

    def test_the_same_weather_is_the_same_line(self) -> None:
        sound, rain = spoken(8000), PacketLossModel(0.1, 2, 10, 20, 7)
        np.testing.assert_array_equal(carry(sound, rain).sound, carry(sound, rain).sound)


class TestConcealment(unittest.TestCase):
    """ITU-T G.711 Appendix I, constants from memory: no loss after 60 ms is heard, a voiced sound goes on at its pitch, a fifth softer every 10 ms."""

    def test_a_voiced_sound_goes_on_at_its_pitch(self) -> None:
        time = np.arange(8000) / 8000
        for pitch in (80.0, 125.0, 190.0):
            sound = sum(0.2 / n * np.sin(2 * np.pi * pitch * n * time) for n in range(1, 6)).astype(np.float32)
            for at in (30, 41, 52):
                lost = np.zeros(100, bool)
                lost[at] = True
                hidden = sound.copy()
                hidden[at * FRAME : (at + 1) * FRAME] = 0
                error = concealed(hidden, lost) - sound
                part = sound[at * FRAME : (at + 1) * FRAME]
                snr = 10 * np.log10((part**2).sum() / (error[at * FRAME : (at + 1) * FRAME] ** 2).sum())
                self.assertGreater(snr, 12, (pitch, at))

    def test_it_falls_and_is_silent_after_60_ms(self) -> None:
        time = np.arange(8000) / 8000
        sound = (0.3 * np.sin(2 * np.pi * 100 * time)).astype(np.float32)
        lost = np.zeros(100, bool)
        lost[40:52] = True
        hidden = np.where(lost.repeat(FRAME), 0, sound).astype(np.float32)
        frames = np.sqrt((concealed(hidden, lost)[3200:4160].reshape(-1, FRAME) ** 2).mean(axis=1)) / (
            0.3 / np.sqrt(2)
        )
        self.assertAlmostEqual(float(frames[0]), 1.0, delta=0.1)
        for n in range(1, 6):
            self.assertAlmostEqual(float(frames[n]), 1 - 0.2 * (n - 1) - 0.1, delta=0.08)
        np.testing.assert_array_equal(frames[6:], 0)

    def test_what_was_not_lost_is_not_touched_but_for_the_way_back(self) -> None:
        sound = spoken(8000)
        frames = -(-len(sound) // FRAME)
        lost = np.zeros(frames, bool)
        lost[60] = True
        result = concealed(np.where(lost.repeat(FRAME)[: len(sound)], 0, sound).astype(np.float32), lost)
        np.testing.assert_array_equal(result[: 60 * FRAME], sound[: 60 * FRAME])
        np.testing.assert_array_equal(result[62 * FRAME :], sound[62 * FRAME :])

    def test_better_than_silence_on_a_voice(self) -> None:
        """Intelligibility as Taal and others measure it (2011), by pystoi, with a tenth of the packets lost."""
        sound = carry(np.tile(spoken(8000), 3)).sound
        better = []
        for seed in range(3, 8):
            rain = PacketLossModel(loss=0.1, seed=seed)
            gone = losses(-(-len(sound) // 160), rain).repeat(160)[: len(sound)]
            better.append(stoi(sound, carry(sound, rain).sound, 8000) - stoi(sound, np.where(gone, 0, sound), 8000))
        self.assertGreater(min(better), 0)
        self.assertGreater(np.mean(better), 0.02)


class TestKeys(unittest.TestCase):
    def test_all_sixteen_over_a_bad_line(self) -> None:
        keys = "0123456789*#ABCD1122"
        sound = render(keys_recipe(keys)).astype(np.float32)
        self.assertEqual(detected(sound), keys)
        right = sum(
            detected(carry(sound, PacketLossModel(loss=0.01, seed=seed), kind).sound) == keys
            for seed in range(10)
            for kind in (PCMU, PCMA)
        )
        self.assertEqual(right, 20)
        self.assertEqual(detected(np.tile(spoken(8000), 4)), "")


class TestCalls(unittest.TestCase):
    def call(self, keys: str, **changed: object) -> Call:
        sounds = {
            name.casefold(): word(n, **({"lead": 0.0} if name == "Welcome" and changed.get("close") else {}))
            for n, name in enumerate(NAMES)
        }  # type: ignore[arg-type]
        sounds.pop(str(changed.get("without", "")).casefold(), None)
        call = Call(plan_of(PLAN), lambda name: sounds.get(name.casefold()))
        call.begin()
        for key in keys:
            call.wait() if key == "," else call.press(key)
        return call

    def sentences(self, call: Call) -> list[str]:
        return [step.sentence for step in call.steps if step.kind in ("prompt", "fault", "end", "tone")]

    def test_three_menus_deep_and_back(self) -> None:
        call = self.call("111")
        self.assertEqual(self.sentences(call), ["ringing: gb/ringing", "Welcome", "Fares", "Evening", "Late"])
        self.assertEqual(
            self.sentences(self.call("1*2")), ["ringing: gb/ringing", "Welcome", "Fares", "Welcome", "Hours"]
        )
        self.assertEqual(self.sentences(self.call("112"))[-1], "hung up")
        self.assertTrue(self.call("0").ended)
        self.assertIn("busy", self.sentences(self.call("3"))[-1])

    def test_wrong_keys_silence_and_giving_up(self) -> None:
        self.assertEqual(self.sentences(self.call("9"))[2:], ["9 does nothing in main", "Sorry"])
        reported = self.sentences(self.call("9,9"))
        self.assertEqual(reported[-3:], ["error: gb/special", "Sorry", "given up after 3 tries"])
        self.assertIn("the call is over", self.sentences(self.call("9,91"))[-1])

    def test_a_missing_prompt_is_heard_as_missing(self) -> None:
        self.assertIn("“Fares” is missing", " ".join(self.sentences(self.call("1", without="Fares"))))

    def test_a_prompt_without_air_loses_its_first_word(self) -> None:
        """The way opens after 0.1 s; of a tone that begins at once, all of that is lost but where it passes zero."""
        self.assertEqual([step.lost for step in self.call("").steps if step.kind == "prompt"], [0.0])
        call = self.call("", close=True)
        (step,) = [step for step in call.steps if step.kind == "prompt"]
        self.assertAlmostEqual(step.lost, 0.1, delta=0.01)
        self.assertIn("are lost: give it 0.1 s of air", step.sentence)
        self.assertFalse(step.sound[:800].any())

    def test_the_noise_of_a_room_is_no_word_that_is_lost(self) -> None:
        """A prompt that begins with two seconds of its room, at -55 to -38 dBFS."""
        for level in (-55, -46, -42, -38):
            dice = np.random.default_rng(level + 99)
            speech = np.concatenate([np.zeros(16000, np.float32), speech_like(8000, 2.0, dbov=-20)])
            sound = speech + (10 ** (level / 20) * dice.standard_normal(len(speech))).astype(np.float32)
            call = Call(plan_of(PLAN), {"Welcome": sound}.get)
            call.begin()
            (step,) = [step for step in call.steps if step.kind == "prompt"]
            self.assertEqual(step.lost, 0.0, level)

    def test_walked_until_every_prompt_was_heard(self) -> None:
        sounds = {name: word(n) for n, name in enumerate(NAMES)}
        calls, ways = walked(plan_of(PLAN), sounds.get)
        self.assertEqual({name for call in calls for name in call.heard}, set(ways))
        self.assertEqual(len(calls), 2)


class TestPhone(unittest.TestCase):
    def test_prompts_of_every_form_and_a_plan(self) -> None:
        phone = Phone()
        self.assertIsNone(phone.press())
        for name, data in (("Welcome.wav", wav(bits=8, tag=7, data=b"\xff" * 800)), ("Hours.ulaw", b"\xff" * 800), ("Fares.sln", bytes(1600)), ("Late.gsm", b"\xd2" + bytes(32))):  # fmt: skip
            self.assertTrue(phone.hand(name, data), phone.refusal)
        for name, data, expected in (("Welcome.ulaw", b"\xff", "already"), ("x.sln", b"abc", "frames"), ("x.gsm", bytes(34), "frames"), ("x.doc", b"", ".doc"), ("x.toml", b"first = 3", "menus"), ("x.toml", b"\xff\xfe", "UTF-8")):  # fmt: skip
            self.assertFalse(phone.hand(name, data))
            self.assertIn(expected, phone.refusal.reason if phone.refusal else "")
        self.assertTrue(phone.hand("menu.toml", PLAN.encode()))
        self.assertEqual(phone.missing().sentence, "missing: Sorry, Evening; none is unused.")
        self.assertIn("prompt: Hours", phone.dial("2").sentence)
        self.assertIn("There is no call", phone.hang_up().sentence + phone.keys("1").sentence)
        self.assertIn(
            "loses 2 % of its packets, 3 at a time; jitter 20 ms", phone.line("loss 2% burst 3 jitter 20").sentence
        )
        self.assertIn("no number", phone.line("loss many").sentence)
        walked_ = phone.walk()
        self.assertIn("4 of 5 prompts heard", walked_.sentence)
        self.assertIn("“Evening” is missing", walked_.sentence)

    def test_recorded_over_it_in_each_form_and_taken_back_as_a_prompt(self) -> None:
        phone = Phone()
        for form in ("ulaw", "alaw", "sln", "gsm"):
            result = phone.record(f"note {form}")
            assert result.sound is not None
            name = f"note.{form}"
            self.assertIn(f"recorded as {name}, without a header", result.sentence)
            other = Phone()
            self.assertTrue(other.hand(name, phone.recordings[name]), other.refusal)
            held = other.held
            assert held is not None
            self.assertLess(abs(held.seconds - result.sound.seconds), 0.021)
            self.assertGreater(np.corrcoef(held.sound[: len(result.sound.sound)], result.sound.sound)[0, 1], 0.9)
        self.assertIn("is no name", phone.record("../x").sentence)

    def test_packets_that_were_lost_and_those_that_came_too_late_are_counted_together(self) -> None:
        phone = Phone()
        self.assertNotIn("lost", phone.record("whole").sentence)
        self.assertIn("recorded 2", phone.record("").sentence)
        result = mock.Mock(sound=np.zeros(8000, np.float32), lost=3, late=2)
        with mock.patch("kittiwake.bundled.standins.machines.phone.carry", return_value=result):
            self.assertIn(", 5 packets of it lost", phone.record("torn").sentence)
