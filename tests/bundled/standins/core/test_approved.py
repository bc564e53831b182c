"""What stand-in machines say to files of all kinds, and how calls go, held as tables."""

from __future__ import annotations

import struct
import unittest
from collections.abc import Iterator
from typing import Any

import numpy as np

from kittiwake.bundled.standins.core.decode import (
    a_law_values,
    as_gsm,
    as_linear,
    mu_law_values,
    of_gsm,
    of_ima,
    of_law,
    of_linear,
    to_bytes,
)
from kittiwake.bundled.standins.core.phone import edit
from kittiwake.bundled.standins.core.phone.call import walked
from kittiwake.bundled.standins.core.phone.dial_plan import from_names, plan_of
from kittiwake.bundled.standins.core.phone.dtmf import detected
from kittiwake.bundled.standins.core.phone.rtp import PCMA, PCMU, carry, packets_of
from kittiwake.bundled.standins.core.plain_wav import Wants, read_wav
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.packets.packet_loss import PacketLossModel
from kittiwake.work.standin.judge import link_to
from kittiwake.work.standin.link import FAILURES
from kittiwake.work.standin.machine import kinds
from tests.approved import approve
from tests.sounds import noise, sine
from tests.variety import voice


def wav(
    tag: int = 1,
    channels: int = 1,
    rate: int = 8000,
    bits: int = 16,
    data: bytes = bytes(800),
    more: bytes = b"",
    align: int | None = None,
    size: int | None = None,
) -> bytes:
    block = channels * bits // 8 if align is None else align
    head = b"fmt " + struct.pack("<IHHIIHH", 16, tag, channels, rate, rate * block, block, bits)
    body = b"WAVE" + head + more + b"data" + struct.pack("<I", len(data)) + data
    return b"RIFF" + struct.pack("<I", len(body) if size is None else size) + body


def files() -> Iterator[tuple[str, str, bytes]]:
    sound = (0.3 * voice(8000)[4000:4800] * 32767).astype("<i2").tobytes()
    yield "plain", "welcome.wav", wav(data=sound)
    yield "µ-law", "welcome.wav", wav(7, bits=8, data=bytes(range(256)))
    yield "a-law", "welcome.wav", wav(6, bits=8, data=bytes(range(256)))
    for name, more in {
        "stereo": {"channels": 2},
        "16 kHz": {"rate": 16_000},
        "24 bits": {"bits": 24},
        "8 bits": {"bits": 8},
        "float": {"tag": 3, "bits": 32},
        "adpcm": {"tag": 17, "bits": 4, "align": 256},
        "adpcm 8": {"tag": 17, "bits": 4, "align": 8},
        "adpcm 4": {"tag": 17, "bits": 4, "align": 4},
        "adpcm 10": {"tag": 17, "bits": 4, "align": 10},
        "align": {"align": 3},
        "size": {"size": 12},
        "list": {"more": b"LIST\4\0\0\0INFO"},
        "odd chunk": {"more": b"odd \4\0\0\0abcd"},
        "empty": {"data": b""},
        "odd": {"data": bytes(801)},
        "long": {"data": bytes(300_000)},
        "rate 0": {"rate": 0},
        "no channel": {"channels": 0},
    }.items():
        yield name, "welcome.wav", wav(**{"data": sound, **more})  # type: ignore[arg-type]
    yield "name", "Ship's bell with a long name that no machine takes.wav", wav(data=sound)
    yield "other ending", "welcome.mp3", wav(data=sound)
    yield "number", "001.wav", wav(data=sound)
    yield "raw", "welcome.ul", bytes(range(256)) * 4
    yield "gsm", "welcome.gsm", bytes(330)
    yield "text", "welcome.txt", b"words"
    yield "short", "welcome.wav", b"RIFF"
    yield "cut", "welcome.wav", wav(data=sound)[:-100]
    yield "nothing", "welcome.wav", b""
    yield "list", "list.jsonl", b'{"name": "welcome.wav", "kind": "alert"}\n{"name": 3}\n'


class TestApproved(unittest.TestCase):
    def test_what_machines_say(self) -> None:
        found: dict[str, Any] = {}
        for key in kinds():
            for name, file, data in files():
                link = link_to(key)
                assert link is not None
                got = link.hand(file, data)
                found[f"{key} {name}"] = [got.taken, got.reason, got.at, got.seconds]
            for fail in FAILURES:
                link = link_to(key, fail)
                assert link is not None
                found[f"{key} {fail}"] = [
                    [got.taken, got.reason, got.at, got.seconds]
                    for got in (link.hand("welcome.wav", wav(data=bytes(20_000))) for _ in range(2))
                ]
            link = link_to(key)
            assert link is not None
            for name, file, data in files():
                if name in ("plain", "µ-law", "number", "raw"):
                    link.hand(file, data)
            for action in getattr(link.kind, "actions", ()):
                for argument in ("", "welcome.wav", "welcome", "1", "nobody"):
                    heard = action.run(link.machine, argument)
                    sound = heard.sound
                    found[f"{key} {action.word} {argument}"] = [
                        heard.sentence,
                        [
                            sound.name,
                            sound.rate,
                            len(sound.sound),
                            float(np.abs(sound.sound).mean()) if len(sound.sound) else 0.0,
                        ]
                        if sound
                        else None,
                    ]
            held = link.machine.press() if hasattr(link.machine, "press") else None
            found[f"{key} pressed"] = [held.name, held.seconds, len(held.sound)] if held else None
        approve(self, "machines", found)

    def test_codes(self) -> None:
        found: dict[str, Any] = {}
        sound = voice(8000)[4000:4960]
        for name, values in (("µ-law", mu_law_values()), ("a-law", a_law_values())):
            data = to_bytes(sound, values)
            found[name] = [values[::15], list(data[::60]), of_law(data, values)[::60]]
        found["linear"] = [list(as_linear(sound)[:24]), of_linear(as_linear(sound))[::60]]
        found["gsm"] = [list(as_gsm(sound)[:33]), of_gsm(as_gsm(sound))[::60]]
        for align in (4, 7, 8, 9, 12, 256):
            got = read_wav("a.wav", wav(17, bits=4, align=align, data=bytes(256)), Wants((17,), (8000,), (4,)))
            found[f"read ima {align}"] = str(got)[:120]
        for tag, bits, wants in ((7, 8, (8,)), (1, 16, (8,)), (6, 8, (8,)), (1, 8, (8,))):
            found[f"read {tag} {bits}"] = str(
                read_wav("a.wav", wav(tag, bits=bits, data=bytes(64)), Wants((1, 6, 7), (8000,), wants * 3))
            )[:120]
        dice = np.random.default_rng(2)
        for block, frames in ((256, 1000), (512, 505), (256, 505), (128, 9999)):
            found[f"ima {block} {frames}"] = of_ima(
                dice.integers(0, 256, 1024).astype(np.uint8).tobytes(), block, frames
            )[::53]
        approve(self, "standin-codes", found)

    def test_lines_and_tones(self) -> None:
        found: dict[str, Any] = {}
        sound = voice(8000, seconds=2.0)
        for packet_loss in (
            PacketLossModel(),
            PacketLossModel(loss=0.1),
            PacketLossModel(loss=0.2, burst=4),
            PacketLossModel(jitter=30),
            PacketLossModel(loss=0.05, jitter=60, buffer=40, seed=7),
        ):
            for kind in (PCMU, PCMA):
                got = carry(sound, packet_loss, kind)
                found[f"{packet_loss} {kind}"] = [
                    len(got.sound),
                    got.sent,
                    got.lost,
                    got.late,
                    got.jitter,
                    got.sound[::1600],
                    float(np.abs(got.sound).mean()),
                ]
        found["packets"] = [p[:16].hex() for p in packets_of(bytes(500), PCMU, sequence=65_535, stamp=4_294_967_200)]
        pairs = {
            "1": (697, 1209),
            "5": (770, 1336),
            "9": (852, 1477),
            "0": (941, 1336),
            "*": (941, 1209),
            "#": (941, 1477),
            "A": (697, 1633),
        }
        for key, (low, high) in pairs.items():
            for seconds, level, tilt, off in (
                (0.1, -10, 0, 0),
                (0.03, -10, 0, 0),
                (0.1, -45, 0, 0),
                (0.1, -10, 9, 0),
                (0.1, -10, 0, 0.02),
                (0.1, -10, 0, 0.045),
            ):
                tone = sine(low * (1 + off), 8000, seconds, level) + sine(
                    high * (1 + off), 8000, seconds, level - tilt
                )
                whole = np.concatenate(
                    [np.zeros(400, np.float32), tone, np.zeros(800, np.float32), tone, np.zeros(400, np.float32)]
                )
                found[f"key {key} {seconds} {level} {tilt} {off}"] = detected(whole)
        found["no key"] = [
            detected(noise(8000, 0.5)),
            detected(sine(697, 8000, 0.3)),
            detected(voice(8000)),
            detected(np.zeros(10, np.float32)),
        ]
        approve(self, "lines", found)

    def test_calls(self) -> None:
        """Long, being a table of cases."""
        found: dict[str, Any] = {}
        plan = from_names(
            (
                "Welcome",
                "Main menu",
                "1 Sailings",
                "2 Bookings",
                "1-1 Today",
                "1-2 Tomorrow",
                "9 Opening hours",
                "Hold the line",
                "Wrong key",
            )
        )
        found["plan"] = (
            [
                plan.to_toml(),
                plan.ways(),
                plan.extent(),
                plan.prompts(),
                plan.missing(("Welcome",)),
                plan.unused(("Welcome", "Never")),
            ]
            if callable(plan.extent) and callable(plan.prompts)
            else [
                plan.to_toml(),
                plan.ways(),
                str(plan.extent),
                list(plan.prompts),
                plan.missing(("Welcome",)),
                plan.unused(("Welcome", "Never")),
            ]
        )
        calls, ways = walked(plan, lambda name: None if name == "Wrong key" else sine(440, 8000, 0.3))
        found["calls"] = [[[step.kind, step.sentence, len(step.sound)] for step in call.steps] for call in calls]
        found["ways"] = ways
        for dbfs in (-40.0, -44.5, -45.5, -80.0):
            soft, _ = walked(plan, lambda name, dbfs=dbfs: sine(440, 8000, 0.3, dbfs))
            found[f"calls at {dbfs}"] = [[step.kind, step.sentence] for call in soft for step in call.steps][:12]
        call = calls[0]
        for key in ("7", "x", "#", "1"):
            call.press(key)
        call.wait()
        found["pressed"] = [[step.kind, step.sentence, len(step.sound)] for step in call.steps]
        slots = edit.slots(plan)
        found["slots"] = [str(slot) for slot in slots]
        for slot in slots[:6]:
            for what in ("say Ticket office", "end", "", "menu Sailings"):
                try:
                    after, reported = edit.put(plan, slot, what)
                    found[f"put {slot} {what}"] = [after.to_toml(), reported]
                except KittiwakeError as error:
                    found[f"put {slot} {what}"] = str(error)
        for n, text in enumerate(
            (
                "",
                "x = 1",
                "first = 'a'",
                "[menus.a]\nsay = ['x']\n",
                "first = 'a'\n[menus.a]\nprompt = 'x'\nkeys = { 1 = 'b' }\n",
                plan.to_toml().replace("seconds", "secs"),
                "first = [",
                plan.to_toml() + "\nwhat = 3\n",
            )
        ):
            try:
                found[f"text {n}"] = plan_of(text).to_toml()
            except KittiwakeError as error:
                found[f"text {n}"] = str(error)
        approve(self, "calls", found)
