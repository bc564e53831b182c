"""What is said can be said in another language later, elsewhere, with that language's numbers; and both catalogues are whole."""

from __future__ import annotations

import ast
import json
import os
import pickle
import string
import subprocess
import sys
import tempfile
import unittest
from pathlib import Path
from unittest import mock

from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QCoreApplication

from kittiwake import words
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model.units import format_bytes, format_db, format_seconds
from kittiwake.languages import language_of_terminal, translation
from kittiwake.ui.shell.language import use_language
from kittiwake.ui.shell.start import make_app
from kittiwake.words import Bytes, Numbers, folded, in_words, joined, phrase, tr, unfolded
from tests.sounds import DEMO, make_command
from translate.catalogue import LANGUAGES, read
from translate.collect import messages

SOURCE = Path(words.__file__).parent


def upper(text: str, count: int | None) -> str:
    """Another language: everything in capitals but what stands in braces."""
    parts = []
    for literal, name, spec, _ in string.Formatter().parse(text):
        parts.append(literal.upper())
        if name is not None:
            parts.append("{" + name + (":" + spec if spec else "") + "}")
    return "".join(parts)


class Language(unittest.TestCase):
    def setUp(self) -> None:
        self.addCleanup(words.use, None)


class Saying(Language):
    def test_english_stays_english_as_a_string(self) -> None:
        words.use(upper, Numbers(",", "."))
        said = phrase("{n} clips of {size}", "{n} clip of {size}", 1, n=1, size=format_bytes(24_058))
        self.assertEqual(said, "1 clip of 24.1 kB")
        self.assertEqual(json.dumps({"a": said}), '{"a": "1 clip of 24.1 kB"}')
        self.assertEqual(in_words(said), "1 CLIPS OF 24,1 kB")

    def test_what_was_put_together_survives_another_process(self) -> None:
        said = pickle.loads(
            pickle.dumps(joined([phrase("a {x:,.1f}", x=1234.5), phrase("b").replace("b", "c"), "d"], ", "))
        )
        words.use(upper, Numbers(",", "."))
        self.assertEqual((said, in_words(said)), ("a 1,234.5, c, d", "A 1.234,5, B, d"))

    def test_what_a_cache_keeps_is_read_in_another_language(self) -> None:
        for said in (
            phrase("{n:,} clips of {size}", "{n} clip of {size}", 3, n=3, size=Bytes(24_058)),
            joined([phrase("a {x:,.1f}", x=1234.5), phrase("b {inner}", inner=phrase("c")), "d"], ", "),
            phrase("b").replace("b", "c").rstrip("."),
            "as it stands",
        ):
            found = unfolded(json.loads(json.dumps(folded(said))))
            words.use(upper, Numbers(",", "."))
            self.assertEqual((found, in_words(found)), (said, in_words(said)))
            words.use(None)

    def test_errors_and_sums_of_texts_stay_apart(self) -> None:
        error = KittiwakeError(phrase("it is {what}.", what=phrase("gone")), phrase("find it."))
        words.use(upper)
        self.assertEqual((str(error), in_words(str(error))), ("it is gone. find it.", "IT IS GONE. FIND IT."))
        self.assertEqual(in_words("x " + phrase("y") + " z"), "x Y z")

    def test_a_name_is_no_word_of_ours(self) -> None:
        words.use(upper)
        self.assertEqual(in_words("Welcome"), "Welcome")
        self.assertEqual(tr("“{name}” is there", name="Welcome"), "“Welcome” IS THERE")

    def test_a_kilobyte_of_1024_is_written_so_and_counts_what_it_says(self) -> None:
        words.use(None, Numbers(kilo=1024))
        self.assertEqual(
            [in_words(format_bytes(n)) for n in (9_999, 10_240, 1_048_576)], ["9,999 B", "10.0 KiB", "1.00 MiB"]
        )

    @given(st.floats(-200, 200), st.floats(0, 5000), st.integers(0, 10**10))
    def test_numbers_differ_by_their_signs_only(self, level: float, seconds: float, size: int) -> None:
        words.use(None, Numbers(",", "."))
        for said in (format_db(level), format_seconds(seconds), format_bytes(size)):
            back = in_words(said).translate({ord(","): ".", ord("."): ","})
            self.assertEqual(back, said)


class Catalogues(Language):
    def test_every_text_is_translated_and_none_is_left_over(self) -> None:
        wanted = messages()
        self.assertGreater(len(wanted), 2000)
        for language in LANGUAGES:
            kept = read(language)
            self.assertEqual([text for text in wanted if text not in kept], [], language)
            self.assertEqual([text for text in kept if text not in wanted], [], language)

    def test_every_translation_holds_the_same_values(self) -> None:
        def fields(text: str) -> set[tuple[str | None, str | None]]:
            return {(name, spec) for _, name, spec, _ in string.Formatter().parse(text) if name is not None}

        wanted = messages()
        for language in LANGUAGES:
            for text, forms in read(language).items():
                self.assertEqual(len(forms), 2 if wanted[text].one else 1, text)
                if "{" in text and not text.startswith(("berth", "name:")):
                    for form in forms:
                        self.assertEqual(fields(form), fields(text), form)

    def test_edges_and_keys_are_as_in_english(self) -> None:
        """Spaces at the ends join texts; an ampersand underlines the key of a field."""
        for language in LANGUAGES:
            for text, forms in read(language).items():
                for form in forms:
                    self.assertEqual(form[:1] == " ", text[:1] == " " or (text[:1] == ";" and language == "fr"), form)
                    self.assertEqual(form[-1:] == " ", text[-1:] == " ", form)
                    self.assertEqual(form.count("&"), text.count("&"), form)

    def test_qt_and_the_terminal_say_the_same(self) -> None:
        make_app()
        for language in LANGUAGES:
            self.assertEqual(use_language(language), language)
            translate, _ = translation(language)
            assert translate is not None
            for text, message in messages().items():
                for count in (0, 1, 2, 5) if message.one else (None,):
                    said = QCoreApplication.translate("kittiwake", text, None, -1 if count is None else count)
                    self.assertEqual(said, translate(text, count), (language, text, count))
        use_language("en")


class Parts(unittest.TestCase):
    def test_every_blank_of_a_sentence_is_filled(self) -> None:
        found = []
        for path in sorted(SOURCE.rglob("*.py")):
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                if not (
                    isinstance(node, ast.Call)
                    and isinstance(node.func, ast.Name)
                    and node.func.id in ("phrase", "tr")
                ):
                    continue
                filled = {one.arg for one in node.keywords}
                if not filled or None in filled:
                    continue  # a text that shows braces, or one whose values are not written here
                for text in node.args[:2]:
                    if isinstance(text, ast.Constant) and isinstance(text.value, str):
                        blanks = {
                            name.split(".")[0].split("[")[0]
                            for _, name, _, _ in string.Formatter().parse(text.value)
                            if name
                        }
                        found += [f"{path.name}:{node.lineno}: {blank}" for blank in blanks - filled]
        self.assertEqual([], found)

    def test_no_sentence_is_put_together_by_an_f_string(self) -> None:
        """A sentence inside an f-string is English for ever; ``joined`` and ``+`` keep it apart."""
        sentences = {"message", "remedy", "what", "evidence", "sentence", "sentences", "detail", "advice"}
        # Of files that are English in every language: the ledger, the report, C, the settings and what programs read.
        english = {"staged.py", "store.py", "report.py", "image.py", "receiver_file.py"}
        found = []
        for path in sorted((SOURCE / "core").rglob("*.py")):
            if path.name in english:
                continue
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                if isinstance(node, ast.FormattedValue):
                    name = getattr(node.value, "attr", getattr(node.value, "id", ""))
                    if name in sentences and node.format_spec is None:
                        found.append(f"{path.relative_to(SOURCE)}:{node.lineno} {name}")
        self.assertEqual(found, [])


class Terminal(Language):
    def test_why_an_output_is_refused_is_said_in_the_language(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            text = Path(folder) / "notes.wav"
            text.write_text("hello, this is no sound at all\n" * 20)
            command = make_command(Path(folder), text)
            environment = {**os.environ, "LC_ALL": "de_DE.UTF-8"}
            done = subprocess.run(command, env=environment, capture_output=True, text=True, check=False)
        self.assertIn("Das ist eine Textdatei, kein Ton", done.stdout)

    def test_the_language_is_that_of_the_locale(self) -> None:
        for environment, code in (
            ({"LANG": "de_DE.UTF-8"}, "de"),
            ({"LANG": "de_DE.UTF-8", "LC_ALL": "fr_FR"}, "fr"),
            ({"LANG": "de_DE.UTF-8", "LC_ALL": "C"}, "en"),
            ({"LANG": "ja_JP.UTF-8"}, "en"),
            ({"LANG": "ja_JP.UTF-8", "LANGUAGE": "ja:fr:de"}, "fr"),
            ({"LANG": "en_US.UTF-8", "LANGUAGE": ""}, "en"),
            ({}, "en"),
        ):
            with mock.patch.dict(os.environ, environment, clear=True):
                self.assertEqual(language_of_terminal(), code, environment)

    def test_people_read_german_and_programs_english(self) -> None:
        def printed(*more: str) -> str:
            command = [
                sys.executable,
                "-m",
                "kittiwake.cli",
                "fit",
                *more,
                "--for",
                "quay-beacon",
                str(DEMO / "Welcome.wav"),
            ]
            environment = {**os.environ, "LC_ALL": "de_DE.UTF-8"}
            return subprocess.run(command, env=environment, capture_output=True, text=True, check=False).stdout

        self.assertIn("wird umgewandelt", printed())
        self.assertRegex(printed(), r"genau \d+,\d kB")
        whole = json.loads(printed("--json"))
        self.assertRegex(whole["steps"][-2]["reason"] + whole["steps"][-1]["reason"], r"exactly \d+\.\d kB")

    def test_what_the_library_says_of_wrong_words_is_said_in_the_language(self) -> None:
        environment = {**os.environ, "LC_ALL": "de_DE.UTF-8"}
        for words_given, expected in (
            (("nothing",), "Den Befehl 'nothing' gibt es nicht."), (("make",), "Es fehlt das Argument"), (("make", "--for"), "Die Option '--for' braucht einen Wert."),
            (("make", "--foo"), "(War eines davon gemeint: '--for', '--form', '--on'?)"), (("facts", "--json=3", "x"), "nimmt keinen Wert"),
        ):  # fmt: skip
            done = subprocess.run(
                [sys.executable, "-m", "kittiwake.cli", *words_given], capture_output=True, text=True, env=environment
            )
            self.assertEqual(done.returncode, 2)
            self.assertIn(expected, done.stderr)
