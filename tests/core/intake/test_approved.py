"""Files of every kind, whole and damaged, held as a table of what is read from them."""

from __future__ import annotations

import hashlib
import itertools
import struct
from collections.abc import Iterator
from pathlib import Path
from typing import Any

import numpy as np
import soundfile

from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.intake import open_sound
from kittiwake.core.intake.bare import like_sound, may_be_bare
from kittiwake.core.intake.chunks import find_sound
from kittiwake.core.intake.claims import marks_of, stated_for
from kittiwake.core.intake.folder import PassedOver, find_sound_files
from kittiwake.core.intake.g726 import Adpcm
from kittiwake.core.intake.mpeg import count_frames, may_be_mpeg
from kittiwake.core.intake.ogg import is_chained, is_whole
from kittiwake.core.intake.packing import packed, unpacked
from kittiwake.core.intake.short import read_short
from kittiwake.core.intake.sniff import looks_like_sound, looks_like_text
from kittiwake.core.model import Stated
from tests.approved import approve
from tests.sounds import DEMO, FolderCase, noise
from tests.variety import voice, written


def read(path: Path, stated: Stated | None = None, **how: bool) -> list[Any]:
    """Header, notes and some figures of the samples; or what is said of it."""
    try:
        reader = open_sound(path, stated, **how)
    except KittiwakeError as error:
        return [type(error).__name__, error.code, error.message, error.remedy]
    head = reader.header
    frames, power, sample = 0, 0.0, np.zeros(0, np.float32)
    try:
        for block in reader.blocks():
            frames += len(block)
            power += float(np.square(block, dtype=np.float64).sum())
            sample = block[len(block) // 2] if len(block) else sample
    except KittiwakeError as error:
        return [error.code, error.message, frames]
    finally:
        reader.close()
    trouble = reader.trouble.message if reader.trouble else None
    return [
        head.container,
        head.encoding,
        head.sample_rate,
        head.channels,
        head.bits,
        head.frames,
        head.bytes,
        head.full_scale,
        [n.message for n in head.notes],
        trouble,
        frames,
        round(power, 2),
        np.round(sample, 4),
    ]


def id3(size: int) -> bytes:
    return b"ID3\x03\x00\x00" + bytes((size >> shift) & 127 for shift in (21, 14, 7, 0)) + bytes(size)


def frame(version: int, layer: int, bit_rate: int, rate: int, padding: int = 0, mono: bool = False) -> bytes:
    """An MPEG audio frame with this header (ISO/IEC 11172-3, 2.4.1.3), empty; its length is worked out here once more."""
    kbits = {
        (3, 3): (32, 64, 96, 128, 160, 192, 224, 256, 288, 320, 352, 384, 416, 448), (3, 2): (32, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320, 384),
        (3, 1): (32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320), (2, 3): (32, 48, 56, 64, 80, 96, 112, 128, 144, 160, 176, 192, 224, 256),
        (2, 2): (8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160), (2, 1): (8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160),
    }[(3 if version == 3 else 2), layer][bit_rate - 1]  # fmt: skip
    hertz = {3: (44_100, 48_000, 32_000), 2: (22_050, 24_000, 16_000), 0: (11_025, 12_000, 8000)}[version][rate]
    if layer == 3:
        length = (12_000 * kbits // hertz + padding) * 4
    else:
        length = (144_000 if layer == 2 or version == 3 else 72_000) * kbits // hertz + padding
    head = bytes(
        (0xFF, 0xE0 | version << 3 | layer << 1 | 1, bit_rate << 4 | rate << 2 | padding << 1, 0xC0 if mono else 0)
    )
    return head + bytes(length - 4)


def from_within(path: Path, stated: Stated | None = None) -> list[Any]:
    """Where reading begins that is asked to begin at some frames, and what comes first there."""
    out = []
    for frame in (100, 3001, 10**9):
        reader = open_sound(path, stated)
        try:
            at = reader.skip_to(frame)
            block = next(iter(reader.blocks()), np.zeros((0, 1), np.float32))
            out.append([at, len(block), np.round(block[:1, 0], 3)])
        except KittiwakeError as error:
            out.append([str(error)])
        finally:
            reader.close()
    return out


class TestApproved(FolderCase):
    def put(self, name: str, data: bytes) -> Path:
        path = self.folder / name
        path.write_bytes(data)
        return path

    def damaged(self, data: bytes, name: str) -> Iterator[tuple[str, bytes]]:
        yield f"{name} half", data[: len(data) // 2]
        yield f"{name} without its end", data[:-3]
        yield f"{name} head alone", data[:40]
        yield f"{name} and more", data + b"odd" * 5
        yield f"{name} four bytes", data[:4]

    def test_every_form(self) -> None:
        found: dict[str, Any] = {}
        for (container, encoding), form in FORMATS.items():
            if not form.is_there():
                continue
            rate = form.nearest_rate(16_000)
            path = self.folder / f"{container}-{encoding}{form.extension}"
            writer = form.open(path, rate, 1, dither="none")
            writer.write(voice(rate)[: rate // 2, None])
            writer.close()
            stated = Stated(encoding, rate) if container == "raw" else None
            found[path.name] = [
                read(path, stated),
                read(path, stated, by_library=True)[:7],
                looks_like_sound(path),
                marks_of(path, encoding),
            ]
            found[path.name].append(from_within(path, stated))
            sound = find_sound(path, path.stat().st_size)
            found[path.name].append([sound.offset, sound.missing] if sound else None)
            if container in ("wav", "aiff", "au", "flac", "mp3", "ogg", "amr", "caf") and encoding in (
                "pcm_s16",
                "ulaw",
                "mp3",
                "opus",
                "vorbis",
                "amr_nb",
            ):
                for name, data in self.damaged(path.read_bytes(), path.stem):
                    found[name] = read(self.put(f"{name}{form.extension}", data))
        approve(self, "forms", found)

    def test_wav_headers(self) -> None:
        path = self.folder / "a.wav"
        soundfile.write(str(path), noise(8000, 0.2), 8000, subtype="PCM_16")
        data = path.read_bytes()
        sound = data[44:]
        found: dict[str, Any] = {}

        def riff(*chunks: tuple[bytes, bytes], size: int | None = None, kind: bytes = b"RIFF") -> bytes:
            body = b"WAVE" + b"".join(n + struct.pack("<I", len(d)) + d + b"\0" * (len(d) % 2) for n, d in chunks)
            return kind + struct.pack("<I", len(body) if size is None else size) + body

        def fmt(
            tag: int = 1, channels: int = 1, rate: int = 8000, bits: int = 16, align: int | None = None
        ) -> tuple[bytes, bytes]:
            align = channels * bits // 8 if align is None else align
            return b"fmt ", struct.pack("<HHIIHH", tag, channels, rate, rate * align, align, bits)

        cases = {
            "plain": riff(fmt(), (b"data", sound)), "list first": riff(fmt(), (b"LIST", b"INFOxx"), (b"data", sound)), "junk": riff((b"JUNK", bytes(9)), fmt(), (b"data", sound)),
            "list behind": riff(fmt(), (b"data", sound), (b"LIST", b"INFO")), "no size": riff(fmt(), (b"data", sound), size=0), "huge size": riff(fmt(), (b"data", sound), size=0xFFFFFFFF),
            "stereo": riff(fmt(channels=2), (b"data", sound)), "8 bits": riff(fmt(bits=8), (b"data", sound)), "24 bits": riff(fmt(bits=24), (b"data", sound[:2400])), "32 bits": riff(fmt(bits=32), (b"data", sound)),
            "float": riff(fmt(3, bits=32), (b"data", np.zeros(100, "<f4").tobytes())), "not numbers": riff(fmt(3, bits=32), (b"data", np.array([0, np.nan, np.inf, 0.5] * 20, "<f4").tobytes())), "rate 0": riff(fmt(rate=0), (b"data", sound)), "rate 2e9": riff(fmt(rate=2_000_000_000), (b"data", sound)),
            "no channels": riff(fmt(channels=0), (b"data", sound)), "99 channels": riff(fmt(channels=99), (b"data", sound)), "wrong align": riff(fmt(align=3), (b"data", sound)), "no data": riff(fmt()), "no fmt": riff((b"data", sound)),
            "tag 0": riff(fmt(0), (b"data", sound)), "tag 0x1234": riff(fmt(0x1234), (b"data", sound)), "odd bytes": riff(fmt(), (b"data", sound[:-1])), "empty data": riff(fmt(), (b"data", b"")), "two datas": riff(fmt(), (b"data", sound[:200]), (b"data", sound)),
            "data promises more": riff(fmt(), (b"data", sound))[:-1000], "data says 0": data[:40] + bytes(4) + sound, "data says all": data[:40] + b"\xff\xff\xff\xff" + sound, "rifx": b"RIFX" + data[4:], "rf64": b"RF64" + data[4:],
            "late": riff((b"JUNK", bytes(5000)), fmt(), (b"data", sound)), "text": b"Say this, please.\n" * 40, "html": b"<html><body>no</body></html>" * 9, "zeros": bytes(3000), "empty": b"", "bytes": noise(8000, 0.5).tobytes(),
        }  # fmt: skip
        for name, sample in cases.items():
            path = self.put(f"{name}.wav", sample)
            where = find_sound(path, len(sample))
            if name in ("plain", "no size", "data says 0", "float"):
                found[f"{name} from within"] = from_within(path)
            found[name] = [
                read(path),
                [where.offset, where.missing] if where else None,
                looks_like_sound(path),
                looks_like_text(path),
                like_sound(path),
            ]
        approve(self, "wav-headers", found)

    def test_mpeg_frames(self) -> None:
        found: dict[str, Any] = {}
        for version, layer in itertools.product((3, 2, 0), (3, 2, 1)):
            for bit_rate, rate in itertools.product(range(1, 15), (0, 1, 2)):
                data = b"".join(frame(version, layer, bit_rate, rate, n % 2) for n in range(5))
                got = count_frames(self.put("a.mp3", data))
                self.assertIsNotNone(got, (version, layer, bit_rate, rate))
                assert got is not None
                self.assertEqual((got.count, got.cut), (5, False), (version, layer, bit_rate, rate))
                if bit_rate not in (1, 14):
                    continue
                found[f"{version} {layer} {bit_rate} {rate}"] = [
                    got.count,
                    got.seconds,
                    got.promised,
                    got.even,
                    got.cut,
                    got.easy,
                ]
        one, other = frame(3, 1, 9, 0), frame(3, 1, 5, 0)
        for mono, version in itertools.product((False, True), (3, 2)):
            table = bytearray(frame(version, 1, 9, 0, 0, mono))
            at = 4 + {(3, True): 17, (3, False): 32, (2, True): 9, (2, False): 17}[version, mono]
            for mark, promised in ((b"Xing", 4), (b"Info", 5), (b"Xing", 90), (b"Xing", 0)):
                head = bytearray(table)
                head[at : at + 12] = mark + struct.pack(">II", 1, promised)
                found[f"table {mono} {version} {mark} {promised}"] = self.counted(
                    bytes(head) + frame(version, 1, 9, 0, 0, mono) * 4
                )
            head = bytearray(table)
            head[36 : 36 + 18] = b"VBRI" + struct.pack(">HHHII", 1, 0, 75, 1000, 4)
            found[f"vbri {mono} {version}"] = self.counted(bytes(head) + frame(version, 1, 9, 0, 0, mono) * 4)
        cases = {
            "tag": id3(300) + one * 4, "long tag": id3(70_000) + one * 4, "variable": one * 2 + other * 3, "cut": one * 4 + one[:100], "tag behind": one * 4 + b"TAG" + bytes(125), "ape": one * 3 + b"APETAGEX" + bytes(50),
            "dirt between": one * 2 + b"dirt" * 30 + one * 3, "dirt first": b"dirt" * 30 + one * 3, "far": bytes(70_000) + one * 3, "one alone": one, "two": one * 2, "nothing": b"", "other kind": one * 2 + frame(2, 1, 9, 0) * 2, "short": b"\xff", "tag alone": id3(5), "much behind": one * 3 + bytes(70_000) + one,
            "reserved": bytes((0xFF, 0xE8 | 3, 0x90, 0)) * 200, "free": bytes((0xFF, 0xFB, 0x00, 0)) * 200, "bad rate": bytes((0xFF, 0xFB, 0x9C, 0)) * 200, "layer 0": bytes((0xFF, 0xF9, 0x90, 0)) * 200, "rate 15": bytes((0xFF, 0xFB, 0xF0, 0)) * 200,
        }  # fmt: skip
        for name, data in cases.items():
            found[name] = [self.counted(data), may_be_mpeg(self.put("b.mp3", data))]
        approve(self, "mpeg", found)

    def counted(self, data: bytes) -> list[Any]:
        got = count_frames(self.put("c.mp3", data))
        return (
            [got.count, got.seconds, got.promised, got.even, got.cut, got.easy, [n.message for n in got.notes]]
            if got
            else []
        )

    def test_adpcm_and_packing(self) -> None:
        found: dict[str, Any] = {}
        for kbits in (16, 24, 32, 40):
            for name, sound in (
                ("voice", voice(8000)[3000:5000]),
                ("noise", noise(8000, 0.2, -6)),
                ("steps", np.repeat([0.9, -0.9, 0.0, 0.4], 200).astype(np.float32)),
            ):
                samples = [round(float(one) * 8191) for one in np.clip(sound, -1, 1)]
                codes, heard = Adpcm(kbits).encode(samples)
                again = Adpcm(kbits).decode(codes)
                self.assertEqual(heard, again)
                bits = kbits // 8
                stream = {high: packed(np.array(codes, np.uint8), bits, high) for high in (False, True)}
                for high, data in stream.items():
                    self.assertEqual(list(unpacked(data, bits, high)[: len(codes)]), codes)
                found[f"{kbits} {name}"] = [
                    hashlib.sha256(bytes(codes)).hexdigest()[:16],
                    codes[:40:4],
                    again[::211],
                    [hashlib.sha256(d).hexdigest()[:12] for d in stream.values()],
                ]
            dice = np.random.default_rng(kbits).integers(0, 1 << (kbits // 8), 20_000).tolist()
            found[f"{kbits} any codes"] = Adpcm(kbits).decode(dice)[::1999]
            path = self.put(f"{kbits}.bin", stream[True])
            for order in ("le", "be"):
                found[f"{kbits} {order} read"] = read(path, Stated(f"g726_{kbits}{order}", 8000))
        approve(self, "adpcm", found)

    def test_headerless(self) -> None:
        found: dict[str, Any] = {}
        path = self.put("a.bin", (noise(8000, 0.3, -20) * 32767).astype("<i2").tobytes() + b"\1")
        for encoding in (
            "pcm_s16le",
            "pcm_s16be",
            "pcm_u8",
            "pcm_s8",
            "pcm_s24le",
            "pcm_f32le",
            "ulaw",
            "alaw",
            "oki_adpcm",
            "g722",
            "gsm",
            "g723_1",
            "g729",
            "amr_nb",
        ):
            for channels in (1, 2):
                found[f"{encoding} {channels}"] = read(path, Stated(encoding, 8000, channels))
            found[f"marks {encoding}"] = marks_of(path, encoding)
        for text in ("ulaw@8000", "pcm_s16le@16000x2", "stream 2"):
            try:
                stated = Stated.parse(text)
            except KittiwakeError as error:
                found[text] = str(error)
                continue
            for name in ("Welcome.wav", "Platform change.dat", "Notes for the reader.wav", "Fog delay.m4a"):
                found[f"{text} {name}"] = str(stated_for(DEMO / name, stated))
        found["endings"] = [
            [ending, may_be_bare(ending)]
            for ending in (".wav", ".dat", ".bin", ".py", "", ".vox", ".jpg", ".ul", ".tar", ".raw")
        ]
        approve(self, "headerless", found)

    def test_demo_folder_and_others(self) -> None:
        found: dict[str, Any] = {}
        for path in sorted(DEMO.iterdir()):
            found[path.name] = [
                read(path),
                looks_like_sound(path),
                looks_like_text(path),
                like_sound(path),
                may_be_mpeg(path),
            ]
            if path.suffix in (".ogg", ".opus"):
                found[path.name] += [is_whole(path, path.stat().st_size), is_chained(path)]
        twice = self.put("twice.ogg", (DEMO / "Safety notice.ogg").read_bytes() * 2)
        found["twice"] = [is_whole(twice, twice.stat().st_size), is_chained(twice), read(twice)]
        for name, path in itertools.islice(written(self.folder), 6):
            sound, rate = read_short(path)
            found[f"short {name}"] = [len(sound), rate, float(np.abs(sound).mean())]
        (self.folder / "deep" / "er").mkdir(parents=True)
        for name in ("deep/a.wav", "deep/er/b.FLAC", "deep/.hidden.wav", "deep/c.txt", "deep/d.jpg", "deep/e.mp3"):
            self.put(name, (DEMO / "Welcome.wav").read_bytes() if "c." not in name else b"words")
        passed = PassedOver()
        sample = sorted(
            str(Path(p).relative_to(self.folder)) for p in find_sound_files([self.folder / "deep"], passed=passed)
        )
        found["folder"] = [sample, str(passed).replace(str(self.folder), "")]
        approve(self, "intake", found)
