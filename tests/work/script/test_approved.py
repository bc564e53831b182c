"""Scripts as people write them, held as a table."""

from __future__ import annotations

import dataclasses
from typing import Any

from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model.script import Script, ScriptLine
from kittiwake.work.script.edit import filled_down, ordered, pasted_over, replaced, value_of
from kittiwake.work.script.meant import parts_of, slugs_of, with_slugs
from kittiwake.work.script.respell import acting, as_text, parsed, respelled, spoken_text
from kittiwake.work.script.score import alike, score
from kittiwake.work.script.series import choices, expanded, is_series
from kittiwake.work.script.table import name_of_text, read_script, read_text, speed_of, table_of, to_csv
from tests.approved import approve
from tests.sounds import FolderCase


def said(work: Any, *given: Any) -> Any:
    try:
        return work(*given)
    except (KittiwakeError, ValueError) as error:
        return f"{type(error).__name__}: {error}"


def described(lines: Any) -> list[Any]:
    return [list(dataclasses.astuple(dataclasses.replace(line, id=""))) for line in lines]


class TestApproved(FolderCase):
    def test_tables(self) -> None:
        found: dict[str, Any] = {}
        texts = (
            "name,text\nwelcome,Welcome aboard.\nhours,\"Open, at seven\"\n", "welcome\tWelcome aboard.\n", "Welcome aboard.\nDeck three is closed.\n", "name;text;speed;voice\na;Hello;1,2;espeak/en\nb;Bye;x;\n", "text,name,kind,receivers,say as,note\nHi,a,alert,\"phone-menu, quay-beacon\",high,careful\n", "", "\n\n", "name,text\n,no name\na,\na,twice\n", "Name,Text,Language\nx,Bonjour,fr\n", "1. One\n2. Two", "name,odd column,text\na,b,c\n", "# heading\n\nA line\n",
        )  # fmt: skip
        for n, text in enumerate(texts):
            got = said(read_text, text)
            found[f"text {n}"] = (
                got if isinstance(got, str) else [described(got.lines), list(map(str, dataclasses.astuple(got)[1:]))]
            )
            if not isinstance(got, str):
                found[f"csv {n}"] = to_csv(got.lines)
        for name, data in (
            ("a.csv", "name,text\nä,ö\n".encode("latin-1")),
            ("b.csv", "\ufeffname,text\na,b\n".encode()),
            ("c.txt", "a\nb\n".encode("utf-16")),
            ("d.xyz", b"a"),
            ("e.csv", bytes(range(200))),
        ):
            path = self.folder / name
            path.write_bytes(data)
            got = said(read_script, path)
            found[name] = got.replace(str(self.folder), "") if isinstance(got, str) else described(got.lines)
        for text in ("1.2", "120 %", "120%", "x", "", "0.1", "3", "1,1", "+10 %", "-5%"):
            found[f"speed {text}"] = said(speed_of, text)
        for text in ("Welcome aboard, the ferry leaves!", "", "...", "a" * 80, "Größe 10"):
            found[f"name {text[:20]}"] = name_of_text(text)
        found["rows"] = described(table_of([["name", "text"], ["a", "b"], ["c"]]).lines)
        approve(self, "scripts", found)

    def test_series_and_respellings(self) -> None:
        found: dict[str, Any] = {}
        for inside in (
            "1-3",
            "1–12",
            "01-03",
            "a|b|c",
            "1-3 ordinal",
            "1-5 letters",
            "10-1",
            "x",
            "",
            "1-100",
            "0-2 figures",
            "1-3 as words",
            "one, two",
        ):
            for language in ("en", "de", "fr"):
                got = said(choices, inside, language)
                found[f"choices {inside} {language}"] = got[:12] if isinstance(got, list) else got
        for text in ("Platform {1-3}", "Platform {1-2} at {a|b}", "no series", "{", "{}", "{1-3", "Deck {01-03}"):
            line = ScriptLine("deck {1}", text, id="l")
            got = said(expanded, line)
            found[f"series {text}"] = [is_series(text), got if isinstance(got, str) else described(got)]
        rules = parsed(
            "St = Saint\nSkerrow = Skerro\nfr: Tarn = Tarne\nA{n} = A {n}\n# note\nUSA == you ess ay\nodd line\n7 = seven\n"
        )
        found["rules"] = [described_rule(one) for one in rules]
        found["as text"] = as_text(rules)
        for text in (
            "St Skerrow",
            "st skerrow",
            "Stan at St. Skerrow",
            "the A12 to Tarn",
            "USA and usa",
            "7 or 17",
            "",
            "SKERROW",
        ):
            for language in ("en", "fr"):
                got, used = respelled(text, rules, language)
                found[f"said {text} {language}"] = [
                    got,
                    len(used),
                    spoken_text(ScriptLine("a", text, id="a"), rules, language),
                    len(acting([ScriptLine("a", text, id="a")], rules, language)),
                ]
        approve(self, "series", found)

    def test_edits_and_scores(self) -> None:
        """Long, being a table of cases."""
        found: dict[str, Any] = {}
        lines = tuple(
            ScriptLine(
                f"line {n}",
                f"Text {n} of many",
                voice="v" if n == 2 else "",
                speed=1.0 + n / 10,
                kind="alert" if n % 2 else "",
                receivers=("a", "b") if n == 3 else (),
                id=str(n),
            )
            for n in (10, 2, 3, 1)
        )
        script = Script(lines=lines)
        for column in ("name", "text", "speed", "kind", "receivers"):
            found[f"ordered {column}"] = [
                [line.id for line in ordered(script, column, down).lines] for down in (False, True)
            ]
            found[f"filled {column}"] = described(said(filled_down, script, ["2", "3", "1"], column).lines)
        for find, put in (("Text", "Word"), ("t", "T"), ("", "x"), ("nothing", "y"), (" of", "")):
            got = said(replaced, script, find, put)
            found[f"replaced {find}"] = got if isinstance(got, str) else [described(got[0].lines), got[1]]
        known = {"phone-menu": "Phone menu", "quay-beacon": "Quay beacon"}
        for first, column, rows in (
            (0, 0, [["a", "b"], ["c", "d"]]),
            (3, 1, [["x"], ["y"]]),
            (0, 4, [["1.3"]]),
            (1, 2, [["s", "v", "de", "fast"]]),
            (0, 0, []),
        ):
            got = said(pasted_over, script, first, column, rows, known)
            found[f"pasted {first} {column} {len(rows)}"] = got if isinstance(got, str) else described(got.lines)
        for name, cell in (
            ("speed", "1.2"),
            ("speed", "x"),
            ("receivers", "Phone menu, quay-beacon"),
            ("receivers", "nobody"),
            ("receivers", ""),
            ("text", "x"),
            ("kind", " alert "),
        ):
            found[f"value {name} {cell}"] = str(said(value_of, name, cell, known))
        for text in ("a, b;c", "", "one", " x , , y "):
            found[f"parts {text}"] = [parts_of(text), slugs_of(parts_of(text), {"a": "b"})]
        found["slugs"] = [
            described(one.lines if hasattr(one, "lines") else one) if not isinstance(one, tuple) else str(one)
            for one in [said(with_slugs, [lines[2]], known)]
        ]
        for meant, heard in (
            ("Platform 2", "platform two"),
            ("Welcome aboard", "welcome a board"),
            ("", "something"),
            ("something", ""),
            ("It's ten o’clock", "its ten oclock"),
            ("a b c d", "a x c"),
            ("Deck 12", "deck twelve please"),
            ("", ""),
        ):
            got = score(meant, heard)
            found[f"score {meant} {heard}"] = dataclasses.astuple(got)
        for text, language in (
            ("Nr. 21, Ärger!", "de"),
            ("21", "fr"),
            ("Don't", "en"),
            ("12345678901234567890", "en"),
            ("3 Ⅷ", "xx"),
        ):
            found[f"alike {text} {language}"] = alike(text, language)
        approve(self, "script-edits", found)


def described_rule(one: Any) -> list[Any]:
    return list(dataclasses.astuple(one))
