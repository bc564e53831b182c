"""Takes on disk, their ends, and what is said of them."""

from __future__ import annotations

import errno
from unittest import mock

import numpy as np
import soundfile

from kittiwake.core.intake import open_sound
from kittiwake.work.record import Endpoint, Meter, TakeWriter, check_take
from kittiwake.work.record.endpoint import USUAL_SILENCE, room_level
from kittiwake.work.record.take import take_path
from kittiwake.work.standin.microphone import StandInMicrophone, _lines
from tests.sounds import FolderCase


class TestTake(FolderCase):
    def test_it_is_a_whole_file_at_every_second_and_says_when_and_with_what(self) -> None:
        path = self.folder / "new" / "a.wav"
        writer = TakeWriter(path, "A microphone")
        x = np.random.default_rng(1).uniform(-1, 1, 150_001).astype(np.float32)
        for at in range(0, len(x), 1234):
            writer.write(x[at : at + 1234])
            if at == 1234 * 60:
                # As if everything ended here.
                early, rate = soundfile.read(str(path), dtype="float32")
                self.assertEqual(rate, 48_000)
                self.assertGreaterEqual(len(early), 48_000)
                self.assertLess(np.abs(early - x[: len(early)]).max(), 2**-23)
        writer.close()
        data, _ = soundfile.read(str(path), dtype="float32")
        self.assertEqual(len(data), len(x))
        self.assertLess(np.abs(data - x).max(), 2**-23)
        with soundfile.SoundFile(str(path)) as file:
            self.assertEqual(file.subtype, "PCM_24")
            self.assertEqual(file.comment, "Recorded with A microphone")
            self.assertRegex(file.copy_metadata()["date"], r"^20\d\d-\d\d-\d\dT")
        self.assertEqual(sum(len(b) for b in open_sound(path).blocks()), len(x))

    def test_a_full_disk_leaves_what_was_recorded(self) -> None:
        path = self.folder / "a.wav"
        writer = TakeWriter(path, "x")
        writer.write(np.full(96_000, 0.25, np.float32))
        whole = writer.file
        with mock.patch.object(writer, "file") as broken:
            broken.write.side_effect = OSError(errno.ENOSPC, "No space left on device")
            with self.assertRaises(OSError):
                writer.write(np.zeros(1000, np.float32))
        whole.close()
        data, _ = soundfile.read(str(path))
        self.assertEqual(len(data), 96_000)

    def test_names_are_free_and_legal(self) -> None:
        self.assertEqual(take_path(self.folder, "a/b:c").name, "a-b-c.wav")
        (self.folder / "x.wav").touch()
        self.assertEqual(take_path(self.folder, "x").name, "x take 2.wav")
        self.assertEqual(take_path(self.folder, " .. ").name, "take.wav")


class TestListening(FolderCase):
    def test_the_end_of_every_demo_line_is_heard_once_and_not_too_soon(self) -> None:
        for _, text, _ in _lines()[::6]:
            microphone = StandInMicrophone()
            microphone.start(0.0)
            room = microphone.read(0.5)
            endpoint = Endpoint(48_000, room_level(room, 48_000))
            microphone.speak(text)
            now, ended = 0.5, None
            parts = []
            while now < 12 and ended is None:
                now += 0.02
                block = microphone.read(now)
                parts.append(block)
                endpoint.add(block)
                if endpoint.ended:
                    ended = now
            assert ended is not None, text
            path = self.folder / "take.wav"
            path.unlink(missing_ok=True)
            writer = TakeWriter(path, "x")
            writer.write(np.concatenate(parts))
            writer.close()
            found = check_take(path, room_level(room, 48_000))
            self.assertEqual(found.notes, (), text)
            # It begins after half a second, with a tenth of air, and ends about a second before the recording does.
            self.assertAlmostEqual(found.start / 48_000, 0.5, delta=0.16)
            self.assertAlmostEqual((found.facts.seconds or 0) - found.stop / 48_000, USUAL_SILENCE - 0.1, delta=0.25)

    def test_a_click_is_no_beginning_and_a_pause_no_end(self) -> None:
        rate = 16_000
        endpoint = Endpoint(rate, -70, 1.0)
        click = np.zeros(rate, np.float32)
        click[500:900] = 0.5
        endpoint.add(click)
        self.assertFalse(endpoint.begun)
        speech = np.full(rate // 2, 0.1, np.float32)
        for _ in range(3):
            endpoint.add(speech)
            endpoint.add(np.zeros(int(rate * 0.8), np.float32))
        self.assertTrue(endpoint.begun)
        self.assertFalse(endpoint.ended)
        endpoint.add(np.zeros(rate, np.float32))
        self.assertTrue(endpoint.ended)

    def test_meter(self) -> None:
        meter = Meter(8000)
        meter.add(np.full(800, 0.5, np.float32))
        self.assertAlmostEqual(meter.peak, -6.02, delta=0.01)
        meter.add(np.zeros(8000, np.float32))
        self.assertAlmostEqual(meter.peak, -6.02, delta=0.01)
        self.assertLess(meter.level, -20)
        self.assertFalse(meter.clipped)
        meter.add(np.ones(2, np.float32))
        self.assertTrue(meter.clipped)


class TestCheck(FolderCase):
    def take(self, gain: float, noise: float = -90.0, late: float = 0.5, clip: bool = False) -> tuple[str, ...]:
        microphone = StandInMicrophone()
        microphone.start(0)
        microphone.speak("The gate is open.")
        x = microphone.read(3.0)[round((0.5 - late) * 48_000) if late < 0.5 else 0 :] * np.float32(gain)
        x = x + (np.random.default_rng(3).standard_normal(len(x)) * 10 ** (noise / 20)).astype(np.float32)
        path = take_path(self.folder, "t")
        writer = TakeWriter(path, "x")
        writer.write(np.clip(x * (30 if clip else 1), -1, 1))
        writer.close()
        return tuple(note.code for note in check_take(path).notes)

    def test_what_is_wrong_is_told(self) -> None:
        self.assertEqual(self.take(1.0), ())
        self.assertIn("quiet", self.take(0.02, -100))
        self.assertIn("clipped", self.take(1.0, clip=True))
        self.assertIn("noisy", self.take(1.0, -38.0))
        self.assertEqual(self.take(0.0), ("nobody",))
        self.assertIn("cut_off", self.take(1.0, late=-0.2))

    def test_no_file_is_told_too(self) -> None:
        path = self.folder / "x.wav"
        path.write_bytes(b"")
        self.assertEqual([n.code for n in check_take(path).notes], ["unreadable"])
