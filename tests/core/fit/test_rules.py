"""The objects that rules, stages and remedies are: one registry for those that ship and those from outside."""

from __future__ import annotations

import dataclasses
import unittest
from collections.abc import Iterator
from pathlib import Path
from unittest import mock

from kittiwake.core.fit import Problem, fit
from kittiwake.core.fit.batch_context import BatchContext
from kittiwake.core.fit.one_off import with_settings
from kittiwake.core.fit.path import PATH
from kittiwake.core.fit.remedies import is_remedy, unaccepted
from kittiwake.core.fit.remedies.registry import OFFERS
from kittiwake.core.fit.rules import RULES, check_receiver, demands_of
from kittiwake.core.fit.rules.rate import bit_rates
from kittiwake.core.make import make_output
from kittiwake.core.make.output import OutputPlan
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, TouchUp, load_receiver, shipped_receivers
from kittiwake.core.model.receiver import Limits, Rules, Treatment
from kittiwake.core.model.receiver_file import receiver_from_data
from kittiwake.core.model.rule import Rule, register_rule, stated_rules
from kittiwake.ui.dialogs.touch_dialog import touch_fields
from kittiwake.ui.places.receiver.blanks import blanks
from tests.rules_page import PAGE, page
from tests.sounds import FolderCase, speech_like

#: Fields of receivers that the sheet has no sentence for; those that ship or are written by hand have them.
_BY_HAND = {"remove_dc", "ceiling_dbtp", "expected_bandwidth_hz", "level", "names", "limits", "accepts", "more"}


class TestObjects(unittest.TestCase):
    def test_the_page_is_current(self) -> None:
        self.assertEqual(PAGE.read_text("utf-8"), page(), "renew it with ./run formats")

    def test_every_field_of_rules_and_treatments_has_its_sentence(self) -> None:
        reported = {str(blank.path[-1]) for _, blank in blanks()}
        for part in (Rules, Limits, Treatment):
            names = {field.name for field in dataclasses.fields(part)}
            self.assertEqual(names - reported - _BY_HAND, set(), part)

    def test_every_field_of_the_form_is_one_of_touch_ups_and_no_place_is_taken_twice(self) -> None:
        names = [field.name for stage in PATH for field in stage.fields]
        places = [field.place for stage in PATH for field in stage.fields]
        known = {field.name for field in dataclasses.fields(TouchUp)}
        self.assertEqual(set(names) - known, set())
        self.assertEqual((len(set(names)), len(set(places))), (len(names), len(places)))
        self.assertEqual([one.name for one in touch_fields()][:2], ["gain_db", "speed"])  # type: ignore[union-attr]

    def test_bit_rates_to_choose_from_are_those_of_the_trade(self) -> None:
        # Common practice, no source.
        self.assertEqual(
            [rate for rate, _ in bit_rates()], [64_000, 96_000, 128_000, 160_000, 192_000, 256_000, 320_000]
        )
        self.assertEqual(bit_rates()[0][1], "64")

    def test_rules_and_offers_stand_in_the_order_of_their_places(self) -> None:
        places = [rule.place for rule in RULES.values()]
        self.assertEqual(places, sorted(set(places)))
        self.assertEqual([place for place, *_ in OFFERS], sorted(place for place, *_ in OFFERS))

    def test_a_rule_of_a_key_that_is_taken_is_refused(self) -> None:
        with self.assertRaisesRegex(ValueError, "there is a rule max_bytes already"):
            register_rule(Rule("max_bytes"))

    def test_only_what_a_receiver_states_is_asked(self) -> None:
        menu = load_receiver("phone-menu")
        stated = {rule.key: value for rule, value in stated_rules(menu)}
        self.assertEqual(stated["channels"], 1)
        self.assertNotIn("kinds", stated)
        self.assertNotIn("total_bytes", stated)
        rules = menu.rules.changed(kinds=("alert", "notice"), limits=menu.rules.limits.changed(total_bytes=9000))
        more = menu.changed(rules=rules)
        stated = {rule.key: value for rule, value in stated_rules(more)}
        self.assertEqual((stated["kinds"], stated["total_bytes"]), (("alert", "notice"), 9000))

    def test_shipped_receivers_are_without_fault_and_say_what_they_demand(self) -> None:
        for receiver in shipped_receivers().values():
            self.assertEqual(check_receiver(receiver), [], receiver.slug)
            self.assertTrue(demands_of(receiver).startswith("It takes "), receiver.slug)
        reported = demands_of(with_settings(load_receiver("phone-menu"), ["max_seconds=3", "advised_seconds=2"]))
        self.assertIn("A file lasts at most 3", reported)
        self.assertIn("At most 2", reported)
        self.assertNotIn("  ", reported)

    def test_a_size_that_no_file_keeps_to_is_a_fault(self) -> None:
        """Of AMR the magic number (6 B) and one frame of the stated bit rate: RFC 4867, 32 B at 12.2 kbit/s, 13 B at 4.75."""
        for bit_rate, least in ((12_200, 38), (4750, 19)):
            for most, fault in ((least - 1, True), (least, False)):
                form = {"container": "amr", "encoding": "amr_nb", "sample_rates": [8000], "bit_rate": bit_rate}
                rules = {"accepts": [form], "limits": {"max_bytes": most}}
                reported = check_receiver(receiver_from_data({"slug": "x", "name": "X", "rules": rules}, "It"))
                found = [one for one in reported if "is too little for any file" in one]
                self.assertEqual(bool(found), fault, (bit_rate, most, reported))
                self.assertTrue(all(f"has {least} bytes" in one for one in found), found)

    def test_what_stands_in_the_way_is_lived_with_only_where_somebody_can(self) -> None:
        touch = TouchUp(accepted=("too_large", "silent", "clipped"))
        problems = [
            Problem("too_large", "decide", ""),
            Problem("silent", "decide", ""),
            Problem("clipped", "warning", ""),
            Problem("renamed", "warning", ""),
        ]
        self.assertEqual([one.code for one in unaccepted(problems, touch)], ["too_large", "renamed"])


class TestRemedies(FolderCase):
    def remedies(self, seconds: float, *settings: str, slug: str = "speech-service", before: int = 0) -> list[str]:
        path = self.write("a.wav", speech_like(16_000, seconds), 16_000)
        clip = Clip.whole(path)
        receiver = with_settings(load_receiver(slug), settings)
        found = fit(clip, analyze(path), receiver, BatchContext(taken={clip.id: before}))
        (problem,) = (one for one in found.problems if one.severity in ("decide", "cannot"))
        return [problem.code, *(remedy.code for remedy in problem.remedies)]

    def test_what_loses_words_is_never_first(self) -> None:
        self.assertEqual(self.remedies(6, "max_seconds=5.7"), ["too_long", "speed_up", "cut_to_length", "ask"])
        self.assertEqual(self.remedies(6, "max_seconds=1"), ["too_long", "ask", "cut_to_length"])

    def test_a_level_counts_as_outside_by_more_than_measuring_may_miss(self) -> None:
        sound = speech_like(16_000, 3)
        path = self.write("a.wav", sound, 16_000)
        clip, facts = Clip.whole(path), analyze(path)
        plain = load_receiver("quay-beacon")
        assert facts.measures is not None
        level = facts.measures.level.active_dbov
        for field, sign in (("min_level_dbov", 1), ("max_level_dbov", -1)):
            for off, outside in ((0.04, False), (0.06, True), (-0.5, False), (3.0, True)):
                limits = plain.rules.limits.changed(**{field: level + sign * off})
                receiver = plain.changed(rules=plain.rules.changed(limits=limits))
                codes = [one.code for one in fit(clip, facts, receiver).problems]
                self.assertEqual("level_outside" in codes, outside, (field, off))

    def test_a_full_memory_takes_another_form_in_which_all_of_it_fits(self) -> None:
        found = self.remedies(3, "total_bytes=60000", before=1)
        self.assertEqual(found[0], "memory_full")
        self.assertIn("other_encoding", found)
        self.assertNotIn("other_encoding", self.remedies(3, "total_bytes=60000", before=59_999))

    def test_every_code_is_known(self) -> None:
        for code in ("kind_alert", "use_ch3"):
            self.assertTrue(is_remedy(code))
        for code in ("use_chX", "accept_too_large", "ask", ""):
            self.assertFalse(is_remedy(code), code)


class TestFiles(unittest.TestCase):
    def test_each_rule_has_one_home(self) -> None:
        """No file outside of the rule's own decides over its limit: what is left over is read from the receiver to plan or to edit it."""
        core = Path(__file__).resolve().parents[3] / "src" / "kittiwake" / "core"
        for name, homes in {
            "advised_seconds": {"length.py"},
            "min_level_dbov": {"level_taken.py", "level_inside.py", "plan.py"},
            "expected_bandwidth_hz": {"bandwidth.py"},
        }.items():
            found = {
                path.name
                for room in ("fit", "make", "batch")
                for path in (core / room).rglob("*.py")
                if name in path.read_text("utf-8")
            }
            self.assertEqual(found - homes - {"learned.py", "wish.py", "one_off.py"}, set(), name)


if __name__ == "__main__":
    unittest.main()


class TestRulesThatFail(FolderCase):
    def test_what_a_rule_raises_is_a_sentence_at_the_clip_and_no_end_of_the_run(self) -> None:
        """In planning, lazily too, and in proof; the other rules are asked all the same."""

        def lazily(*_: object) -> Iterator[Problem]:
            yield from ()
            raise ZeroDivisionError("division by zero")

        for asked, say in (("problems", lambda *_: 1 // 0), ("problems", lazily), ("checks", lazily)):
            rule = Rule("broken", **{asked: say}, value=lambda receiver: True)  # type: ignore[arg-type]
            with self.subTest(asked), mock.patch.dict(RULES, {"broken": rule}):
                path = self.write("voice.wav", speech_like(16_000, 1.0), 16_000)
                menu = load_receiver("phone-menu")
                clip, facts = Clip.whole(path), analyze(path)
                found = fit(clip, facts, menu)
                if asked == "problems":
                    self.assertEqual((found.verdict, found.problems[0].code), ("cannot", "rule_fails"))
                    self.assertIn("“broken”", found.problems[0].message)
                    self.assertIn("by zero", found.problems[0].message)
                    continue
                self.assertEqual(found.verdict, "convert")
                done = make_output(OutputPlan(clip, facts, found, menu, self.folder / "out.wav"))
                self.assertEqual((done.status, done.code), ("failed", "proof"))
                self.assertIn("broken", done.error or "")
                self.assertFalse((self.folder / "out.wav").exists())
