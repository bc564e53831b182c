"""Takes of all kinds, and what is said of them, held as a table."""

from __future__ import annotations

from typing import Any
from unittest import mock

import numpy as np

from kittiwake.core.packets.conceal import concealed
from kittiwake.core.packets.packet_loss import PacketLossModel, losses
from kittiwake.work.record import take as take_room
from kittiwake.work.record.check import check_take
from kittiwake.work.record.endpoint import Endpoint, room_level
from kittiwake.work.record.meter import Meter
from kittiwake.work.record.take import TakeWriter, take_path
from tests.approved import approve
from tests.sounds import FolderCase, noise, sine
from tests.variety import voice, written

RATE = 16_000


class TestApproved(FolderCase):
    def test_takes(self) -> None:
        found: dict[str, Any] = {}
        quiet = 0.0003 * noise(RATE, 0.6, 0)
        v = voice(RATE, "Welcome.wav")
        takes = {
            "good": np.concatenate([quiet, v, quiet]), "begins at once": np.concatenate([v[3000:], quiet]), "ends at once": np.concatenate([quiet, v[: len(v) // 2]]), "too loud": np.clip(np.concatenate([quiet, 8 * v, quiet]), -1, 1), "soft": 0.05 * np.concatenate([quiet, v, quiet]), "very soft": 0.01 * np.concatenate([quiet, v, quiet]),
            "noisy": np.concatenate([quiet, v, quiet]) + noise(RATE, (len(v) + 2 * len(quiet)) / RATE, -38), "noisier": np.concatenate([quiet, v, quiet]) + noise(RATE, (len(v) + 2 * len(quiet)) / RATE, -30), "nobody": quiet, "silence": np.zeros(RATE, np.float32), "hum": np.concatenate([quiet, v, quiet]) + sine(50, RATE, (len(v) + 2 * len(quiet)) / RATE, -30), "twice": np.concatenate([quiet, v, np.zeros(4 * RATE, np.float32), v, quiet]),
        }  # fmt: skip
        for name, sound in takes.items():
            got = check_take(self.write("a.wav", sound.astype(np.float32), RATE, "PCM_24"))
            found[name] = [got.start, got.stop, got.good, [[n.code, n.message, n.remedy] for n in got.notes]]
            got = check_take(self.write("a.wav", sound.astype(np.float32), RATE, "PCM_24"), -50.0)
            found[f"{name} in a room"] = [[n.code, n.message] for n in got.notes]
        for name, path in written(self.folder):
            got = check_take(path)
            found[f"file {name}"] = [got.start, got.stop, [n.code for n in got.notes]]
        approve(self, "takes", found)

    def test_ends_meters_and_files(self) -> None:
        found: dict[str, Any] = {}
        v = voice(RATE, "Welcome.wav")
        whole = np.concatenate([0.001 * noise(RATE, 0.5, 0), v, 0.001 * noise(RATE, 2.0, 0)])
        for room, silence, size in (
            (-60, 1.0, 160),
            (-60, 0.3, 777),
            (-40, 1.0, 160),
            (-90, 0.6, 4000),
            (-20, 1.0, 160),
        ):
            ends = Endpoint(RATE, room, silence)
            begun = ended = None
            for start in range(0, len(whole), size):
                ends.add(whole[start : start + size])
                begun = start if begun is None and ends.begun else begun
                ended = start if ended is None and ends.ended else ended
            found[f"end {room} {silence} {size}"] = [begun, ended]
        found["rooms"] = [
            room_level(sound.astype(np.float32), RATE)
            for sound in (noise(RATE, 1, -50), np.zeros(3000), np.zeros(10), whole, v)
        ]
        meter = Meter(RATE)
        shown = []
        for start in range(0, len(whole), 1600):
            meter.add(whole[start : start + 1600])
            shown.append([meter.level, meter.peak, meter.clipped])
        meter.add(np.zeros(0, np.float32))
        found["meter"] = shown[::4]
        for sound in (
            np.array([1.0, 0.5, 1.0]),
            np.array([1.0, 1.0]),
            np.array([-1.0, -1.0, 0.0]),
            np.array([0.9998, 0.9998]),
        ):
            meter.reset()
            meter.add(sound.astype(np.float32))
            found[f"clipped {sound}"] = [meter.clipped, meter.level]
        for n in range(3):
            path = take_path(self.folder, "Ship's bell: one/two")
            writer = TakeWriter(path, "a microphone", RATE if n < 2 else 48_000)
            writer.write(v[: 3000 + n])
            writer.write(np.array([2.0, -2.0, 0.5], np.float32))
            if n == 1:
                writer.drop()
            else:
                writer.close()
            found[f"take {n}"] = [
                path.name,
                path.exists(),
                len(path.read_bytes()) if path.exists() else 0,
                path.read_bytes()[:44].hex() if path.exists() else "",
            ]
        approve(self, "recording", found)

    def test_a_take_ends_before_its_file_can_hold_no_more_and_says_how_long_that_is(self) -> None:
        writer = TakeWriter(self.folder / "a.wav", "a microphone", 8000)
        writer.write(np.zeros(7200, np.float32))
        with mock.patch.object(take_room, "_LARGEST", 36 + 3 * 8000):
            with self.assertRaisesRegex(OSError, r"which are 0\.0 hours"):
                writer.write(np.zeros(801, np.float32))
            writer.write(np.zeros(800, np.float32))
            self.assertEqual(writer.frames, 8000)
            writer.frames = 5 * 3600 * 8000
            with self.assertRaisesRegex(OSError, r"which are 5\.0 hours"):
                writer.write(np.zeros(1, np.float32))
        writer.frames = 8000
        writer.close()

    def test_lost_packets(self) -> None:
        found: dict[str, Any] = {}
        v = voice(8000, seconds=1.5)
        for packet_loss in (
            PacketLossModel(loss=0.1),
            PacketLossModel(loss=0.3, burst=3, seed=2),
            PacketLossModel(loss=0.5, burst=8, seed=3),
            PacketLossModel(loss=1.0),
        ):
            gone = losses(len(v) // 80, packet_loss)
            out = concealed(v, gone)
            found[f"{packet_loss}"] = [
                int(gone.sum()),
                float(np.abs(out).mean()),
                float(np.abs(out - v).mean()),
                out[::1000],
            ]
        gone = np.zeros(150, bool)
        gone[[0, 1, 50, 51, 52, 60, 149]] = True
        found["some"] = concealed(v, gone)[::400]
        approve(self, "concealed", found)
