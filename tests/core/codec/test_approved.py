"""Sizes, rates and bytes of every form that can be written, held as tables."""

from __future__ import annotations

import hashlib
import unittest
from typing import Any

import numpy as np

from kittiwake.core.codec import FORMATS, alaw, find_format, is_for_voices, ulaw
from kittiwake.core.codec.compressed import aac_bit_rates, mp3_bit_rates
from kittiwake.core.codec.cues import Cue, add_cues, bytes_of_cues
from kittiwake.core.codec.info import add_info, bytes_of_info, info_chunk, read_info
from kittiwake.core.codec.oki import OkiEncoder
from kittiwake.core.codec.pcm import Quantiser
from kittiwake.core.codec.registry import nearest_forms
from kittiwake.core.errors import KittiwakeError
from tests.approved import approve
from tests.sounds import FolderCase, noise, sine
from tests.variety import voice

FRAMES = (0, 1, 2, 7, 79, 80, 159, 160, 161, 575, 576, 1151, 1152, 1153, 8000, 8001, 44_100, 100_003)
#: Written by code of ours alone: their bytes are the same whatever libraries are there.
OWN = ("pcm_u8", "pcm_s16", "pcm_s24", "pcm_s32", "pcm_f32", "ulaw", "alaw", "pcm_s16le", "pcm_s16be", "pcm_s8", "oki_adpcm", "g726_16", "g726_24", "g726_32", "g726_40")  # fmt: skip


def digest(data: bytes) -> str:
    return hashlib.sha256(data).hexdigest()[:16]


class TestTables(unittest.TestCase):
    def test_formats(self) -> None:
        found: dict[str, Any] = {}
        for key, form in FORMATS.items():
            rates = sorted(
                {form.nearest_rate(rate) for rate in (1000, 8000, 11_025, 16_000, 32_000, 44_100, 96_000, 768_000)}
            )
            rate = form.nearest_rate(16_000)
            one = found["/".join(key)] = {
                "head": [form.name, form.extension, form.depth, form.lossy, form.for_voices, form.max_channels, form.max_bytes, form.variable, form.padding, form.delay, is_for_voices(key[1])],
                "rates": [rates, [form.takes_rate(r) for r in (999, 1000, 7999, 8000, 11_025, 16_000, 24_000, 44_100, 48_000, 96_000, 192_000, 768_000)]],
                "bit rates": {r: [form.legal_bit_rates(r), form.default_bit_rate(r)] for r in rates[:4]},
                "sizes": [[form.exact_size(n, channels, rate) for n in FRAMES] for channels in range(1, form.max_channels + 1)][:2],
                "estimates": [form.estimate(n, 1, rate) for n in FRAMES[-4:]],
                "decoded": [form.decoded_frames(n, rate) for n in FRAMES],
                "within": [form.frames_within(limit, 1, rate) for limit in (0, 43, 44, 60, 1000, 9999, 200_000)],
                "ceilings": [form.ceiling(peak, dither) for peak in (1.0, 0.98, 0.5) for dither in ("none", "tpdf", "shaped")],
            }  # fmt: skip
            for bit_rate in form.legal_bit_rates(rate)[::3]:
                one[f"at {bit_rate}"] = [
                    [form.exact_size(n, 1, rate, bit_rate) for n in FRAMES[-6:]],
                    form.frames_within(30_000, 1, rate, bit_rate),
                ]
        for rate in (8000, 12_000, 16_000, 22_050, 32_000, 44_100, 48_000):
            found[f"mp3 at {rate}"], found[f"aac at {rate}"] = mp3_bit_rates(rate), aac_bit_rates(rate)
        for wanted in (("wav", "pcm"), ("waw", "x"), ("mp3", "aac"), ("raw", "gsn"), ("", ""), ("flac", "zzz")):
            found[f"near {wanted}"] = nearest_forms(*wanted)
            try:
                find_format(*wanted)
            except KittiwakeError as error:
                found[f"find {wanted}"] = str(error)
        approve(self, "formats", found)

    def test_codes(self) -> None:
        grid = np.concatenate(
            [np.linspace(-1.2, 1.2, 4001), np.array([0.0, 1e-5, -1e-5, 1 / 32768, -1 / 32768])]
        ).astype(np.float32)
        found: dict[str, Any] = {}
        for law in (ulaw, alaw):
            codes = law.encode(grid)
            found[law.__name__] = [
                digest(codes.tobytes()),
                codes[::400],
                law.decode(np.arange(256, dtype=np.uint8))[::17],
                digest(law.decode(np.arange(256, dtype=np.uint8)).tobytes()),
            ]
        for seed in (1, 2):
            encoder = OkiEncoder()
            sound = noise(8000, 0.5, -20, seed)
            parts = [encoder.encode(sound[:999]), encoder.encode(sound[999:])]
            found[f"oki {seed}"] = [digest(np.concatenate(parts).tobytes()), parts[0][:24]]
        for bits in (8, 16, 24):
            for dither in ("none", "tpdf", "shaped"):
                quantise = Quantiser(bits, dither)
                sound = (0.3 * voice(8000))[:2000, None]
                values = np.concatenate([quantise(sound[:700]), quantise(sound[700:])])
                error = values[:, 0] / 2.0 ** (bits - 1) - sound[:, 0]
                found[f"{bits} {dither}"] = [
                    int(values.max()),
                    int(values.min()),
                    float(np.std(error) * 2 ** (bits - 1)),
                    values[1000:1010, 0],
                ]
        approve(self, "codes", found)


class TestBytes(FolderCase):
    def test_what_our_own_code_writes(self) -> None:
        found = {}
        for (container, encoding), form in FORMATS.items():
            if container not in ("wav", "raw") or (encoding not in OWN and not encoding.startswith("g726")):
                continue
            for channels in range(1, min(2, form.max_channels) + 1):
                for frames in (0, 1, 1601):
                    rate = form.nearest_rate(8000)
                    sound = np.stack([voice(8000)[4000 : 4000 + frames], -voice(8000)[:frames]], axis=1)[:, :channels]
                    path = self.folder / f"{container}-{encoding}-{channels}-{frames}"
                    writer = form.open(path, rate, channels, dither="none")
                    for start in range(0, max(1, frames), 500):
                        writer.write(np.ascontiguousarray(sound[start : start + 500]))
                    writer.close()
                    data = path.read_bytes()
                    head = data[:44].hex() if container == "wav" and channels == 1 and frames == 1601 else ""
                    found[f"{container}/{encoding} {channels} {frames}"] = [
                        len(data),
                        digest(data),
                        f"{getattr(writer, 'digest', 0) or 0:08x}",
                        head,
                    ]
                    self.assertEqual(
                        len(data), form.exact_size(frames, channels, rate), (container, encoding, frames)
                    )
        approve(self, "bytes", found)

    def test_chunks(self) -> None:
        found = {}
        cues = (Cue.named(0, 100, "first"), Cue.named(100, 1234, "Ärger über §"), Cue.named(1500, 1600, "x" * 70))
        tags = (("INAM", "Ship's bell"), ("ICMT", "Ärger"), ("IART", ""))
        form = FORMATS["wav", "ulaw"]
        for n in range(4):
            path = self.folder / f"{n}.wav"
            writer = form.open(path, 8000, 1, dither="none")
            writer.write(sine(440, 8000, 0.2)[:, None])
            writer.close()
            add_cues(path, cues[:n])
            add_info(path, tags[:n])
            data = path.read_bytes()
            found[f"{n}"] = [
                len(data),
                digest(data),
                bytes_of_cues(cues[:n]),
                bytes_of_info(tags[:n]),
                read_info(path),
                info_chunk(tags[:n]).hex(),
            ]
        approve(self, "chunks", found)
