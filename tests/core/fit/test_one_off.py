"""Receivers for once, rules that are repaired, and rules that are read off files."""

from __future__ import annotations

import unittest

import numpy as np

from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import RulesError
from kittiwake.core.fit import check_receiver
from kittiwake.core.fit.learned import learn
from kittiwake.core.fit.one_off import form_called, receiver_of_form, with_settings
from kittiwake.core.fit.plan import fit
from kittiwake.core.fit.receiver_query import receiver_of_wish
from kittiwake.core.fit.repair import repaired
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.model.receiver_file import receiver_from_data
from tests.sounds import FolderCase, speech_like


class TestForms(unittest.TestCase):
    def test_as_people_call_them(self) -> None:
        for name, key in (
            ("mp3", ("mp3", "mp3")), ("FLAC", ("flac", "pcm_s16")), (".m4a", ("mp4", "aac")), ("ogg", ("ogg", "vorbis")),
            ("opus", ("ogg", "opus")), ("wav", ("wav", "pcm_s16")), ("ulaw", ("wav", "ulaw")), ("raw/alaw", ("raw", "alaw")),
            ("amr", ("amr", "amr_nb")), ("g722", ("wav", "g722")),
        ):  # fmt: skip
            self.assertEqual(form_called(name).key, key)
        with self.assertRaisesRegex(RulesError, "no form “mp9”"):
            form_called("mp9")

    def test_every_form_can_be_had_for_once(self) -> None:
        slugs = set()
        for key in FORMATS:
            receiver = receiver_of_form("/".join(key))
            slugs.add(receiver.slug)
            faults = [fault for fault in check_receiver(receiver) if "is not on this machine" not in fault]
            self.assertEqual((faults, receiver.rules.accepts[0].container), ([], key[0]))
        self.assertEqual(len(slugs), len(FORMATS))

    def test_every_form_that_is_typed_is_a_receiver_that_can_be_changed_and_read_again(self) -> None:
        for key in FORMATS:
            for one in (receiver_of_form("/".join(key)), receiver_of_wish("/".join(key))):
                changed = with_settings(one, ("level.measure=leave",))
                self.assertEqual(receiver_from_data(changed.to_data(), one.slug).name, one.name)

    def test_what_cannot_be_is_refused_with_what_can(self) -> None:
        for name, asked, hint in (
            ("mp3", {"rate": 16_000, "bit_rate": 192_000}, "160 kbit/s"),
            ("opus", {"rate": 44_100}, "48 kHz"),
            ("wav/gsm", {"channels": 2}, "one channel"),
        ):
            with self.assertRaises(RulesError) as caught:
                receiver_of_form(name, **asked)  # type: ignore[arg-type]
            self.assertIn(hint, str(caught.exception))
        self.assertEqual(
            receiver_of_form("mp3", bit_rate=192_000).rules.accepts[0].sample_rates, (32_000, 44_100, 48_000)
        )

    def test_fields_by_their_names(self) -> None:
        master = load_receiver("master")
        found = with_settings(
            master, ("level.measure=loudness", "target_lufs=-20", "sample_rates=[44100]", "extension=.wave")
        )
        self.assertEqual((found.treatment.level.target, found.rules.accepts[0].sample_rates), (-20, (44_100,)))
        self.assertEqual(found.rules.names.extension, ".wave")
        for setting, expected in (
            ("max_second=3", "max_seconds"),
            ("x", "sets nothing"),
            ("channels=7", "rules.channels"),
        ):
            with self.assertRaisesRegex(RulesError, expected):
                with_settings(master, (setting,))

    def test_repaired_rules_can_be_met(self) -> None:
        for container, encoding, rates, bit_rate, channels, said in (
            ("mp3", "mp3", [16_000, 22_050, 44_100], 192_000, 0, "44.1 kHz"),
            ("mp3", "mp3", [8000], 320_000, 1, "64 kbit/s"),
            ("ogg", "opus", [22_050], 0, 1, "24 kHz"),
            ("wav", "gsm", [8000], 0, 2, "one channel"),
            ("wav", "g722", [8000, 16_000], 0, 1, "16 kHz"),
        ):
            data = {"slug": "x", "name": "X", "rules": {"channels": channels, "accepts": [
                {"container": container, "encoding": encoding, "sample_rates": rates, "bit_rate": bit_rate}]}}  # fmt: skip
            receiver = receiver_from_data(data, "x")
            self.assertTrue(check_receiver(receiver))
            better = repaired(receiver)
            assert better is not None
            self.assertEqual((check_receiver(better[0]), better[1]), ([], said))
        self.assertIsNone(repaired(load_receiver("phone-menu")))


class TestLearned(FolderCase):
    def test_rules_of_a_set_that_was_made_to_them(self) -> None:
        for n, level in enumerate((-26.2, -25.9, -26.0, -26.1, -25.8, -26.0)):
            sound = np.concatenate([np.zeros(2000, np.float32), speech_like(8000, 2 + n / 2, level, seed=n)])
            self.write(f"PROMPT{n}.wav", sound, 8000, "ULAW")
        learned = learn([analyze(path) for path in sorted(self.folder.iterdir())], "Hall", "hall")
        rules, treatment = learned.receiver.rules, learned.receiver.treatment
        self.assertEqual(
            [(a.container, a.encoding, a.sample_rates) for a in rules.accepts], [("wav", "ulaw", (8000,))]
        )
        self.assertEqual(
            (rules.channels, rules.names.allowed, rules.names.case, rules.names.max_length),
            (1, "A-Z0-9_-", "upper", 8),
        )
        levels = [one.measures.level.active_dbov for one in map(analyze, self.folder.iterdir()) if one.measures]
        self.assertEqual(treatment.level.measure, "active")
        self.assertTrue(min(levels) - 0.5 <= treatment.level.target_dbov <= max(levels) + 0.5)
        self.assertTrue(0.2 <= treatment.lead_seconds <= 0.3, treatment.lead_seconds)
        self.assertEqual((rules.limits.advised_seconds, rules.limits.max_bytes), (4.8, 39_000))
        for path in self.folder.iterdir():
            found = fit(Clip.whole(path), analyze(path), learned.receiver)
            self.assertFalse([p for p in found.problems if p.severity in ("decide", "cannot")])
        fields = {one.field for one in learned.evidence}
        self.assertLessEqual(
            {"rules.accepts", "rules.channels", "rules.names.allowed", "treatment.level", "treatment.lead_seconds"},
            fields,
        )
        self.assertTrue(all(one.rule and one.seen for one in learned.evidence))

    def test_what_tells_nothing_is_no_rule(self) -> None:
        self.write("Soft one.wav", speech_like(44_100, 2, -40), 44_100)
        self.write("loud.wav", np.stack([speech_like(22_050, 1, -15)] * 2, 1), 22_050)
        learned = learn([analyze(path) for path in self.folder.iterdir()], "Any", "any")
        rules = learned.receiver.rules
        self.assertEqual(
            (rules.channels, rules.accepts[0].sample_rates, rules.limits.max_bytes), (0, (22_050, 44_100), None)
        )
        self.assertEqual(
            (learned.receiver.treatment.level.measure, learned.receiver.treatment.lead_seconds), ("leave", 0)
        )
        with self.assertRaisesRegex(RulesError, "None of these"):
            learn([analyze(self.folder / "none.wav")], "None", "none")
