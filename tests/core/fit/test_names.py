"""Names that a receiver takes."""

from __future__ import annotations

import random
import unittest
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.fit import legal_name, unique_names
from kittiwake.core.fit.names import lost_in
from kittiwake.core.fit.rules.name import of_name, renamed
from kittiwake.core.model import Clip, shipped_receivers
from kittiwake.core.model.name_rules import Names
from kittiwake.core.schema import SchemaError

PLAIN = Names(allowed="A-Za-z0-9_-")
ANY = Names()
NARROW = Names(allowed="A-Z0-9", case="upper", max_length=8, replace_with="")
LOWER = Names(allowed="a-z0-9_-", case="lower", max_length=12)
#: Latin, Greek, Cyrillic, Hebrew, Arabic, Devanagari, Thai, Georgian, kana, Han.
_SCRIPTS = (
    (0x41, 0x17F), (0x391, 0x3CA), (0x410, 0x450), (0x5D0, 0x5EB), (0x627, 0x63B), (0x905, 0x93A), (0xE01, 0xE2F), (0x10D0, 0x10F1),
    (0x3041, 0x30FA), (0x4E00, 0x9000),
)  # fmt: skip


class TestNames(unittest.TestCase):
    def test_as_people_would_expect(self) -> None:
        for name, wanted in (
            ("Main menu", "Main_menu"), ("Départ à quinze heures", "Depart_a_quinze_heures"), ("Ship's bell", "Ships_bell"),
            ("Straße ø 3", "Strasse_o_3"), ("a/b\\c:d", "a_b_c_d"), ("  ..  ", "clip"), ("日本", "RiBen"), ("ok-1_2", "ok-1_2"),
            ("أهلا", "ahla"), ("ء", "clip"), ("ようこそ", "youkoso"), ("Пристань 2", "Pristan_2"), ("\u200b", "clip"),
        ):  # fmt: skip
            self.assertEqual(legal_name(name, PLAIN), wanted)
        self.assertEqual(legal_name("Départ 14h30", NARROW), "DEPART14")

    def test_letters_of_all_scripts_stay_where_nothing_forbids_them(self) -> None:
        for name, wanted in (
            ("日本語", "日本語"), ("مرحبا بكم", "مرحبا بكم"), ("हिन्दी नाम", "हिन्दी नाम"), ("Départ à quinze", "Départ à quinze"),
            ("line 01", "line 01"), (" two  ends ", "two  ends"),
            ("..hidden", "hidden"), ("a/b\0c", "a_b_c"),
        ):  # fmt: skip
            self.assertEqual(legal_name(name, ANY), wanted)

    def test_random_names_of_ten_scripts_at_every_shipped_receiver(self) -> None:
        chosen = random.Random(14)
        names = []
        for n in range(250):
            low, high = _SCRIPTS[n % len(_SCRIPTS)]
            letters = [c for c in map(chr, range(low, high)) if c.isalpha()]
            words = ("".join(chosen.choices(letters, k=chosen.randint(1, 7))) for _ in range(chosen.randint(1, 4)))
            names.append(
                chosen.choice((" ", "-", " – ", ", ")).join(words) + chosen.choice(("", " 2", "!", " (neu)"))
            )
        for receiver in shipped_receivers().values():
            rules = receiver.rules.names
            for name in names:
                legal = legal_name(name, rules)
                self.assertTrue(rules.is_legal(legal), (receiver.slug, name, legal))
                self.assertTrue(any(map(str.isalnum, legal)), (receiver.slug, name, legal))
                self.assertNotIn(legal, ("clip", "CLIP", "1"), (receiver.slug, name))
                if legal != name:  # said before it is made: in the path, and as a warning where letters are others
                    self.assertEqual(renamed(Clip(Path("x.wav"), name), receiver), legal)
                    if not rules.plain_only:
                        continue
                    self.assertEqual(bool(list(of_name(Clip(Path("x.wav"), name), receiver))), lost_in(name, legal))
            unique = unique_names(names, rules)
            self.assertEqual(len({name.casefold() for name in unique}), len(names))

    def test_an_extension_of_its_own(self) -> None:
        self.assertEqual(Names(extension=".ul").extension_for(".wav"), ".ul")
        self.assertEqual(Names(extension="").extension_for(".wav"), "")
        self.assertEqual(Names().extension_for(".wav"), ".wav")
        self.assertNotIn("extension", Names().to_data())
        for wrong in ("wav", "./x", ". x", "..", ".a\0"):
            with self.assertRaises(SchemaError, msg=wrong):
                Names.read({"extension": wrong})

    def test_no_name_leaves_its_folder_or_is_too_long_for_a_disk(self) -> None:
        for allowed in ("^ ", r"\S", r"\w\W", "^a-z", "!-~"):
            rules = Names(allowed=allowed, max_length=200, replace_with="")
            for name in ("../../x", "/etc/x", "..", ".", ".x", "a\0b", "a\nb", "あ" * 200, "../" * 50, "\u202egnp"):
                found = legal_name(name, rules)
                self.assertTrue(rules.is_legal(found), (allowed, name, found))
                self.assertFalse(set(found) & set("/\0\n\u202e") or found.startswith("."), (allowed, name, found))
                self.assertLessEqual(len(found.encode()), 240)
                self.assertFalse(rules.is_legal(name), (allowed, name))

    def test_sets_that_are_none_are_refused(self) -> None:
        for allowed in ("a]|.*[b", "a]+(x+x+)+[b", "a/", "\0", "a][b", "", "[a", "."):
            with self.assertRaises(SchemaError, msg=allowed):
                Names.read({"allowed": allowed})
        for pattern in (
            "../../x/{name}",
            "/x/{name}",
            "{name}\0",
            "{counter:0999999999}",
            "{name:>70}",
            "{name.real}",
            "x",
        ):
            with self.assertRaises(SchemaError, msg=pattern):
                Names.read({"pattern": pattern})

    def test_two_that_would_collide_even_where_case_does_not_count(self) -> None:
        self.assertEqual(
            unique_names(["Pier two", "Pier Two", "Pier_two"], PLAIN), ["Pier_two", "Pier_Two_2", "Pier_two_3"]
        )

    @given(st.lists(st.text(max_size=30), max_size=20), st.sampled_from([PLAIN, ANY, NARROW, LOWER]))
    def test_always_legal_unique_and_the_same_again(self, names: list[str], rules: Names) -> None:
        found = unique_names(names, rules)
        self.assertEqual(len({name.casefold() for name in found}), len(names))
        for name in found:
            self.assertTrue(rules.is_legal(name), name)
            self.assertEqual(legal_name(name, rules), name)
        self.assertEqual(found, unique_names(names, rules))
