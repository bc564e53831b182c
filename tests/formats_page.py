"""Writes docs/formats.md from the registry: ``./run formats``. A test holds the page against it."""

from __future__ import annotations

import sys
import tempfile
from pathlib import Path

import numpy as np
import soundfile
import soxr

from kittiwake.core.codec import FORMATS, Format
from kittiwake.core.intake import libav, open_sound
from kittiwake.core.model import Stated
from kittiwake.core.model.units import format_hz

ROOT = Path(__file__).resolve().parents[1]
PAGE = ROOT / "docs" / "formats.md"
_SENTENCE = ROOT / "src" / "kittiwake" / "demo" / "sounds" / "Ticket to Skerrow.wav"

#: The size formula of each, f frames of c channels.
_SIZES = {
    ("wav", "pcm_u8"): "44 + f·c, even", ("wav", "pcm_s16"): "44 + 2·f·c", ("wav", "pcm_s24"): "44 + 3·f·c, even",
    ("wav", "pcm_s32"): "44 + 4·f·c", ("wav", "pcm_f32"): "58 + 4·f·c", ("wav", "ulaw"): "58 + f·c, even",
    ("wav", "alaw"): "58 + f·c, even", ("wav", "gsm"): "60 + 130·⌈f/640⌉",
    ("wav", "ima_adpcm"): "60 + B·⌈f/(2(B−4)+1)⌉; B 256 under 12 kHz, 512 under 23 kHz, 1024 under 44 kHz, else 2048",
    ("wav", "ms_adpcm"): "90 + B·⌈f/(2(B−7)+2)⌉; B as for IMA", ("raw", "gsm"): "33·⌈f/160⌉",
    ("raw", "g722"): "⌈f/2⌉", ("wav", "g722"): "58 + ⌈f/2⌉, even", ("aiff", "pcm_u8"): "72 + f·c, even", ("raw", "oki_adpcm"): "⌈f/2⌉", ("raw", "g723_1"): "24·⌈f/240⌉",
    ("raw", "g729"): "10·⌈f/80⌉",
    ("mp3", "mp3"): "20 + i + n·⌊k·b/r⌋ + ⌈(n−1)·(k·b mod r)/r⌉; k 72, n ⌈f/576⌉+2 under 32 kHz, else k 144, n ⌈f/1152⌉+1; i the "
    "least frame of b or more that holds 169 bytes (stereo 177, from 32 kHz 177, 192); r Hz, b bit/s",
    ("ogg", "opus"): "97 + 27·⌈n/50⌉ + n·(⌊p/255⌋+1+p); p b/400, n ⌈(f+r·0.0065)/(r/50)⌉; r Hz, b bit/s",
    ("amr", "amr_nb"): "6 + n·⌈(f+51)/160⌉; n 32, 27, 21, 20, 18, 16, 14, 13 from 12.2 down to 4.75 kbit/s",
}  # fmt: skip
_HEADS = {"rf64": 104, "aiff": 54, "au": 24, "caf": 4096, "sphere": 1024, "raw": 0}


def size_formula(form: Format) -> str:
    """In words that a person can work out."""
    if form.size is None:
        return "depends on the sound"
    if form.key in _SIZES:
        return _SIZES[form.key]
    if form.encoding.startswith("g726"):
        return f"⌈f·{form.bits}/8⌉"
    width = (form.bits or 8) // 8
    head = f"{_HEADS[form.container]} + " if _HEADS[form.container] else ""
    even = ", even" if form.container in ("aiff", "rf64", "caf") and width % 2 else ""
    return f"{head}{'' if width == 1 else f'{width}·'}f·c{even}"


def round_trip(form: Format) -> float:
    """Ratio (dB) of a spoken demo sentence to what decoding changed of it, aligned by the known delay."""
    x, own = soundfile.read(str(_SENTENCE), dtype="float32")
    rate = form.nearest_rate(16_000 if form.encoding == "g722" else 8000)
    sound = soxr.resample(x, own, rate, quality="HQ")
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / f"x{form.extension}"
        writer = form.open(path, rate, 1, dither="none")
        writer.write(sound[:, None])
        writer.close()
        if form.container == "raw":
            reader = open_sound(path, Stated(form.encoding, rate))
        elif form.second_reader == "libav":
            reader = libav.open_file(path, path.stat().st_size)
        else:
            reader = open_sound(path)
        heard = np.concatenate(list(reader.blocks()))[:, 0]
        if reader.header.sample_rate != rate:
            heard = soxr.resample(heard, reader.header.sample_rate, rate)
        reader.close()
    heard = heard[form.delay : form.delay + len(sound)].astype(np.float64)
    meant = sound[: len(heard)].astype(np.float64)
    return float(10 * np.log10(np.mean(meant**2) / max(float(np.mean((heard - meant) ** 2)), 1e-15)))


def page() -> str:
    """The whole page; long, being its text."""
    lines = [
        "# Formats",
        "",
        "Made by `./run formats` from the registry in `src/kittiwake/core/codec`; do not edit by hand. Every row is covered by",
        "`tests/core/codec/test_writers.py`, which writes each format and reads it back.",
        "",
        "*Round trip* is measured: the ratio of a spoken demo sentence at 8 kHz (G.722: 16 kHz) to what coding and decoding changed",
        "of it, aligned by the known delay. Codecs that model the voice and not the wave (AMR, G.723.1, Opus) score low by it and",
        "are judged by ear and by level in bands instead. f is frames, c channels; “even” means padded to an even count.",
        "",
        "*Encoding* is the word that receivers, `--headerless` and jobs have for it.",
        "",
        "| container | encoding | legal rates | bit rates, kbit/s | size in bytes | delay, last frame | written by | proved by | round trip |",
        "|---|---|---|---|---|---|---|---|---|",
    ]
    for form in FORMATS.values():
        rates = ", ".join(format_hz(rate) for rate in sorted(form.rates)) or (
            f"{format_hz(form.rate_range[0])} to {format_hz(form.rate_range[1])}"
        )
        bit_rates = ", ".join(f"{rate / 1000:g}" for rate in sorted(form.bit_rates)) or "–"
        lot = "block" if form.frame_at else str(form.frame)
        delay = "none" if lot == "1" and not form.delay else f"{form.delay} samples, frames of {lot}"
        own = (
            form.key in (("raw", "ulaw"), ("raw", "alaw"), ("raw", "oki_adpcm"))
            or "g726" in form.encoding
            or (form.container == "wav" and form.encoding in ("ulaw", "alaw", "pcm_s16", "pcm_s24", "pcm_f32"))
        )
        av = form.container in ("amr", "ogg", "mp3", "mp4") or form.encoding.startswith(("g722", "g723"))
        by = "Kittiwake" if own else "libav" if av else "libsndfile"
        if form.needs:
            by = f"{form.needs}, where present"
        reported = "some dB"  # where the library is not on this machine
        if form.is_there():
            ratio = round_trip(form)
            reported = "exact" if ratio > 140 else f"{ratio:.1f} dB"
        name = f"`{form.encoding}`" + (
            f", {form.name.removeprefix('headerless ')}" if form.container == "raw" else ""
        )
        lines.append(
            f"| {form.container} | {name} | {rates} | {bit_rates} | {size_formula(form)} | {delay} | {by} | "
            f"{form.second_reader.replace('kittiwake', 'Kittiwake')} | {reported} |"
        )
    lines += [
        "",
        "Bit rates are constant, and sizes exact, unless the rules ask for a variable one (`variable = true`), which MP3 and Opus have.",
        "Only those bit rates are taken that the standard has at the sample rate at hand.",
        "",
        "## By what each is held",
        "",
        "Proof reads with a library that did not write, where there is one that is right. What writing and reading share, the tests hold",
        "against code that shares nothing with either (`tests/core/codec/test_second_readers.py`; libraries of Debian, used in tests only):",
        "",
        "| encoding | held by |",
        "|---|---|",
        "| G.726, all rates, both bit orders | own code from the recommendation, both ways; libspandsp, every code and every sample alike, on a real and a synthetic voice |",
        "| G.722 | libspandsp reads ours and we read its streams, every sample alike |",
        "| GSM full rate, headerless and in WAV | libgsm, both ways, every sample alike |",
        "| OKI ADPCM | libavcodec and libsndfile read the same; libspandsp cuts each part of a difference to a whole number instead of their sum, which is a slow drift below what is heard: above 100 Hz 25 dB and more alike |",
        "| µ-law, A-law | the tables of G.711, libsndfile and libavcodec, all 256 codes |",
        "| AMR narrow-band | OpenCORE writes and reads; libav’s own decoder, which is off by several dB for tones, agrees within 2 dB for speech |",
        "| G.729 | libbcg729 writes; libav’s decoder reads, and the two decoders agree to 15 dB and more |",
        "| Opus | libopus writes and libsndfile reads by it; libav’s own decoder agrees to 40 dB and more |",
        "| MP3 | LAME writes, mpg123 reads |",
        "| AAC | libavcodec writes and reads; libfaad2 agrees to 35 dB and more |",
        "| IMA and Microsoft ADPCM, FLAC, PCM | written by libsndfile or here, read by libavcodec, and PCM by Python’s `wave` too |",
        "| G.723.1 | libavcodec writes and reads, and nothing independent is to be had in the registries: length, size and level are all that is held |",
        "",
        "libsndfile’s G.726 leaves the rounding out of FMULT that the recommendation has, and libav’s forgets twice as fast at 40 kbit/s: neither writes or reads here, and a guess alone listens through them.",
        "`kittiwake` names the format of headerless files by the words above, such as `--headerless g726_32be@8000`.",
        "",
    ]
    return "\n".join(lines)


if __name__ == "__main__":
    PAGE.write_text(page(), "utf-8")
    sys.stderr.write(f"{PAGE} written\n")
