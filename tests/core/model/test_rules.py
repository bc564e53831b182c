"""Receivers are foreign files: what contradicts itself is refused with the field, the value and what would be right."""

from __future__ import annotations

import dataclasses
import os
import tomllib
import unittest
from dataclasses import FrozenInstanceError
from typing import Any

import tomli_w
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core import schema
from kittiwake.core.errors import RulesError
from kittiwake.core.fit import check_receiver
from kittiwake.core.model import load_receiver, shipped_receivers
from kittiwake.core.model.name_rules import Names
from kittiwake.core.model.receiver import Accepts, Delivery, Level, Limits, Receiver, Rules, Treatment
from kittiwake.core.model.receiver_file import parse_receiver, receiver_from_data, to_toml
from kittiwake.core.model.service import Service
from tests.approved import approve
from tests.sounds import FolderCase

FORM = '[[rules.accepts]]\ncontainer = "wav"\nencoding = "pcm_s16"\nsample_rates = [8000]\n'

#: What is added to a receiver that is right, and words that have to be in what is said.
CONTRADICTIONS = (
    ("[rules.limits]\nmax_seconds = 1\nmin_seconds = 2", "min_seconds = 2 is over max_seconds = 1"),
    ("[rules.limits]\nmax_seconds = 2\nadvised_seconds = 3", "advised_seconds = 3 is over"),
    ("[rules.limits]\nmax_seconds = 1\n[treatment]\nlead_seconds = 2", "lead_seconds = 2 leaves nothing"),
    ("[rules.limits]\nmax_bytes = true", "max_bytes: true is not a whole number of bytes"),
    ("[rules.limits]\nmax_bytes = 200e3", "200000.0 is not a whole number of bytes"),
    ("[rules.limits]\nmax_bytes = 1000.5", "whole number of bytes"),
    ("[rules.limits]\nmax_bytes = inf", "whole number of bytes"),
    ("[rules.limits]\nmax_bytes = [1]", "whole number of bytes"),
    ("[rules.limits]\nmax_bytes = 1", "max_bytes = 1 is too little"),
    ("[rules.limits]\nmax_bytes = 44", "max_bytes = 44 is too little"),
    (
        '[rules.limits]\nmax_bytes = "200 kB"\ntotal_bytes = "100 kB"',
        "total_bytes = 100000 is under max_bytes = 200000",
    ),
    ("[rules.limits]\nmin_level_dbov = 0.0\nmax_level_dbov = -30.0", "min_level_dbov = 0 is over"),
    ("[rules.limits]\nmin_level_dbov = -20\n[treatment]\nlevel = {measure = 'active'}", "target_dbov = -26 is under"),
    ("[rules.limits]\nmax_level_dbov = -30\n[treatment]\nlevel = {measure = 'active'}", "target_dbov = -26 is over"),
    (
        "[treatment]\nceiling_dbfs = -6\nlevel = {measure = 'peak', target_dbfs = -1}",
        "target_dbfs = -1 is over ceiling_dbfs = -6",
    ),
    ("[treatment]\nlevel = {measure = 'loudness', target_dbov = -20}", "give target_lufs"),
    ("[treatment]\nlimter_db = 3", "did you mean limiter_db?"),
    ("[treatment]\ndither = 'tdpf'", "did you mean tpdf?"),
    ("[treatment]\nlead_seconds = '1'", "without quotes"),
    ("[treatment]\nlead_seconds = nan", "lead_seconds"),
    ("[rules.names]\npattern = '{counter:01000000000}'", "wider than"),
    ("[rules.names]\npattern = '../../x/{name}'", "pattern holds “/”"),
    ("[rules.names]\nallowed = 'A-Z/'", "allowed holds “/”"),
    ('[rules.names]\nreplace_with = "\\u0000"', "replace_with holds “NUL”"),
    ('[delivery]\nfolder = "a\\u0000b"', "folder"),
    ("[delivery]\nfolder = '../x'", "inside the output folder"),
    ("x = " + "[" * 60 + "]" * 60, "without end"),
    ("x = " + "[" * 5000 + "]" * 5000, "without end"),
)


def faults_of(text: str) -> str:
    """What is said of a receiver; empty where it is right."""
    try:
        return " ".join(check_receiver(parse_receiver(text, "x.toml")))
    except RulesError as error:
        return str(error)


class TestContradictions(unittest.TestCase):
    def test_each_is_told(self) -> None:
        head = 'slug = "x"\nname = "X"\n'
        self.assertEqual(faults_of(head + FORM), "")
        self.assertEqual(faults_of("\ufeff" + head + FORM), "")
        for more, wanted in CONTRADICTIONS:
            self.assertIn(wanted, faults_of(head + FORM + more), more)
            self.assertNotIn("at least 1 item", faults_of(head + FORM + more))
        for form, wanted in (
            (FORM.replace("[8000]", "['8000']"), "without quotes"),
            (FORM + "max_sample_rate = 4000", "is over max_sample_rate = 4000"),
            (FORM + "bit_rate = 64000", "Leave bit_rate out"),
            (FORM + "variable = true", "Leave variable out"),
            (FORM.replace("pcm_s16", "pcm_16"), "Did you mean pcm_s16"),
            (FORM.replace('"wav"', '"wave"'), "Containers are wav"),
            (FORM.replace("encoding", "encodng"), "did you mean encoding?"),
            ("[rules]\nchannels = true\n" + FORM, "rules.channels = true: a whole number"),
            ("[rules]\ncue_points = true\n" + FORM.replace("wav", "raw").replace("pcm_s16", "ulaw"), "needs WAV"),
            (
                FORM.replace("wav", "raw").replace("pcm_s16", "oki_adpcm").replace("8000", "12000"),
                "12 kHz. Change the rules of X to 11.025 kHz",
            ),
        ):
            self.assertIn(wanted, faults_of(head + form), form)
            self.assertNotIn("give at least one", faults_of(head + form))

    def test_those_that_ship_are_right_and_come_back_from_their_toml(self) -> None:
        for receiver in shipped_receivers().values():
            self.assertEqual(check_receiver(receiver), [], receiver.slug)
            self.assertEqual(parse_receiver(to_toml(receiver), "x"), receiver)

    def test_a_table_or_a_list_where_a_word_is_wanted_is_told(self) -> None:
        data = load_receiver("phone-menu").to_data()
        for part, names in (
            ("treatment", ("level", "side", "band", "dither")),
            ("delivery", tuple(data["delivery"])),
        ):
            for name in names:
                for wrong in (["a"], {"a": 1}, {"measure": ["a"]}, {"measure": {"a": 1}}, [[["a"]]]):
                    odd = {**data, part: {**data[part], name: wrong}}
                    with self.assertRaises(RulesError, msg=f"{part}.{name} = {wrong}"):
                        receiver_from_data(odd, "it")

    def test_a_copy_with_other_fields(self) -> None:
        menu = load_receiver("phone-menu")
        other = menu.changed(slug="other")
        self.assertEqual((other.slug, other.rules, menu.slug), ("other", menu.rules, "phone-menu"))
        with self.assertRaises(TypeError):
            menu.changed(colour="red")
        with self.assertRaises(FrozenInstanceError):
            other.slug = "x"  # type: ignore[misc]


VALUES = st.one_of(
    st.none(), st.booleans(), st.integers(-(2**40), 2**40), st.floats(), st.text(max_size=8), st.just("{name}"), st.just("../x"),
    st.lists(st.integers(-5, 50_000), max_size=3), st.dictionaries(st.text(max_size=4), st.integers(), max_size=2),
)  # fmt: skip


class TestAnyValues(unittest.TestCase):
    @settings(max_examples=400)
    @given(st.data())
    def test_a_sentence_or_a_receiver_and_nothing_else(self, data: st.DataObject) -> None:
        base: dict[str, Any] = tomllib.loads(to_toml(data.draw(st.sampled_from(list(shipped_receivers().values())))))
        for _ in range(data.draw(st.integers(1, 3))):
            place: Any = base
            while True:
                keys = list(place) if isinstance(place, dict) else list(range(len(place)))
                key = data.draw(
                    st.sampled_from(
                        [*keys, "level", "limits", "max_bytes", "names"] if isinstance(place, dict) else keys or [0]
                    )
                )
                inner = place.get(key) if isinstance(place, dict) else place[key] if keys else None
                if isinstance(inner, dict | list) and inner and data.draw(st.booleans()):
                    place = inner
                    continue
                break
            if isinstance(place, dict) or keys:
                place[key] = data.draw(VALUES)
        try:
            receiver = receiver_from_data(base, "It")
        except RulesError as error:
            self.assertGreater(len(str(error)), 20)
            return
        check_receiver(receiver)
        receiver.rules.names.is_legal("x")
        self.assertEqual(
            receiver_from_data(tomllib.loads(tomli_w.dumps(receiver.to_data(sparse=True))), "x"),
            receiver,
        )


PROBES: tuple[Any, ...] = (
    None,
    True,
    -1,
    0,
    1,
    3,
    999,
    1000,
    768_000,
    768_001,
    -61.0,
    -60.0,
    0.001,
    0.5,
    1.5,
    6.1,
    12.5,
    601.0,
    "",
    "x",
    "a b",
    "x" * 41,
    [],
    [1],
    {},
    {"a": "b"},
)


class TestLimits(unittest.TestCase):
    def test_limits_of_fields(self) -> None:
        """Between what values a field of a receiver may lie, and what it holds where nobody says."""
        found = {
            f"{part.__name__}.{one.name}": {
                "default": "needed" if one.default is dataclasses.MISSING else schema.plain(one.default),
                "bounds": schema.bounds_of(part, one.name),
                "choices": schema.choices_of(part, one.name),
                "refused": str([value for value in PROBES if self._refuses(part, one.name, value)]),
            }
            for part in (Accepts, Limits, Names, Rules, Level, Treatment, Delivery, Service, Receiver)
            for one in dataclasses.fields(part)  # type: ignore[arg-type]
        }
        approve(self, "limits", found)

    def _refuses(self, part: Any, name: str, value: object) -> bool:
        try:
            schema.read_field(part, name, value)
        except schema.SchemaError:
            return True
        return False


class TestNamesTaken(unittest.TestCase):
    def test_as_long_as_they_may_be_and_no_longer(self) -> None:
        names = load_receiver("phone-menu").rules.names
        self.assertTrue(names.is_legal("a" * names.max_length))
        self.assertFalse(names.is_legal("a" * (names.max_length + 1)))
        wide = names.changed(max_length=200, allowed=r"\w")
        self.assertTrue(wide.is_legal("あ" * 80))  # 240 bytes, of the 255 that file systems take with an extension
        self.assertFalse(wide.is_legal("あ" * 81))


class TestOddFiles(FolderCase):
    def test_a_pipe_a_device_and_a_file_without_end_are_refused_at_once(self) -> None:
        fifo = self.folder / "x.toml"
        os.mkfifo(fifo)
        large = self.folder / "large.toml"
        large.write_bytes(b"#" * (2 << 20))
        device = self.folder / "zero.toml"
        device.symlink_to("/dev/zero")
        for path, wanted in ((fifo, "ordinary file"), (large, "larger than any receiver"), (device, "ordinary file")):
            with self.assertRaises(RulesError) as caught:
                load_receiver(path)
            self.assertIn(wanted, str(caught.exception))
        with self.assertRaises(RulesError) as caught:
            load_receiver("phone-meu")
        self.assertIn("Did you mean phone-menu?", str(caught.exception))
