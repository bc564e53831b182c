"""Voices over HTTP: the stand-in that ships, and services of one's own; whatever they answer costs a line at most."""

from __future__ import annotations

from click.testing import CliRunner

from kittiwake.cli.main import cli
from kittiwake.core.model.script import Script, ScriptLine
from kittiwake.work.speak.engine import VoiceError, all_voices, engines, voice_for
from kittiwake.work.speak.spoken import speak_lines
from kittiwake.work.speak.stand_in import serve
from kittiwake.work.speak.voices.network import service_of, services, voices_folder
from tests.sounds import FolderCase


class TestNetwork(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        voices_folder().mkdir(parents=True)

    def put(self, stem: str, **fields: object) -> None:
        plain = {"url": serve(), "body": '{"text": "{text}", "speed": {speed}}', "sound": "/audio", **fields}
        lines = [
            f"{key} = {value if isinstance(value, int | float | list) else repr(value)}"
            for key, value in plain.items()
            if value is not None
        ]
        (voices_folder() / f"{stem}.toml").write_text("\n".join(lines), "utf-8")

    def say(self, text: str, voice: str) -> int:
        sound, rate = engines()["network"].speak(text, voice, 1.0)
        self.assertTrue(sound.any())
        return rate

    def test_the_stand_in_speaks_like_any_voice(self) -> None:
        script = Script(
            (
                ScriptLine("a", 'Berth "one" is {open}.'),
                ScriptLine("b", "Zweitens: Tür [500]"),
                ScriptLine("c", "Drei."),
            ),
            voice="network/stand-in",
        )
        result = list(speak_lines(script.lines, script, self.folder / "out"))
        self.assertEqual([one.path is not None for one in result], [True, False, True])
        self.assertIn("answered 500", result[1].error)

    def test_a_service_of_ones_own_by_a_file(self) -> None:
        self.put("harbour", name="Harbour", languages=["en-gb", "de"], voice="deep")
        keys = [voice.key for voice in all_voices() if voice.key.startswith("network/h")]
        self.assertEqual(keys, ["network/harbour", "network/harbour:de"])
        self.assertEqual(voice_for("network/harbour", "de").language, "en-gb")
        self.assertEqual(self.say("Hello", "harbour:de"), 22_050)

    def test_whatever_it_answers_is_a_sentence(self) -> None:
        self.put("slow", timeout=0.4)
        self.put("patient", timeout=20)
        self.put("gone", url="http://127.0.0.1:9/x")
        self.put("plain", sound=None)
        self.put("lost", sound="/audio/0/x")
        for voice, text, expected in (
            ("slow", "x [hang]", "did not answer within 0.4 s"), ("patient", "x [500]", "answered 500"), ("patient", "x [noise]", "no sound that can be read"),
            ("patient", "x [nothing]", "no sound that can be read"), ("patient", "x [end]", "cannot be reached"), ("gone", "x", "cannot be reached"),
            ("plain", "x", "no sound that can be read (application/json)"), ("lost", "x", "no sound at /audio/0/x"), ("nobody", "x", "no voice service"),
        ):  # fmt: skip
            with self.assertRaises(VoiceError, msg=voice) as raised:
                self.say(text, voice)
            self.assertIn(expected, str(raised.exception))

    def test_files_that_are_wrong_are_left_out_and_told(self) -> None:
        for number, fields in enumerate(
            ({"url": "file:///etc/passwd"}, {"colour": "x"}, {"languages": []}, {"timeout": -1}, {"body": 7})
        ):
            self.put(f"wrong{number}", **fields)
            with self.assertRaises(VoiceError):
                service_of(voices_folder() / f"wrong{number}.toml")
        (voices_folder() / "noise.toml").write_bytes(b"\xff\x00")
        self.assertEqual(list(services()), ["stand-in"])
        reported = CliRunner().invoke(cli, ["speak", "--voices"])
        self.assertEqual(reported.exit_code, 1)
        self.assertIn("wrong0.toml", reported.stderr)
