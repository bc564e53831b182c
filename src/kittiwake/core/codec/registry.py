"""Every format that can be written. A new one is one line here, and a writer where no library has it."""

from __future__ import annotations

import dataclasses
import difflib
import math
from collections.abc import Callable

from ..errors import RulesError
from . import alaw, ulaw, wav
from .compressed import aac_bit_rates, mp3_bit_rates, mp3_size, opus_size
from .files import AvWriter, OkiWriter, RawWriter, SndfileWriter
from .format import Format, Opening, SecondReader, Size, Writer
from .g726 import G726Writer
from .g729 import FRAME, G729Writer, library
from .heads import Finished, with_byte_rate, with_frames, with_whole_numbers

_INT_SAFE = 1 - 2.5 / 2**15
_LEVELS = {"ulaw": wav.ULAW.levels, "alaw": wav.ALAW.levels}


def _sound(
    form: str, subtype: str, *, endian: str | None = None, exact: bool = True, lot: int = 1
) -> Callable[[Opening], Writer]:
    return lambda opening: SndfileWriter(opening, form, subtype, endian, exact, lot)


def _av(muxer: str, codec: str, **options: str) -> Callable[[Opening], Writer]:
    return lambda opening: AvWriter(opening, muxer, codec, options)


def _g722_in_wav(opening: Opening) -> Writer:
    # The muxer leaves open how many bytes a second are; the recommendation has 64 kbit/s.
    return Finished(AvWriter(opening, "wav", "g722"), opening, lambda head, frames: with_byte_rate(head, 8000))


def _adpcm_in_wav(subtype: str, lot: int = 1) -> Callable[[Opening], Writer]:
    # libsndfile counts what fills the last block up into the length.
    return lambda opening: Finished(
        SndfileWriter(opening, "WAV", subtype, exact=False, lot=lot), opening, with_frames
    )


def _sphere_ulaw(opening: Opening) -> Writer:
    return Finished(SndfileWriter(opening, "NIST", "ULAW"), opening, lambda head, frames: with_whole_numbers(head))


def _aiff_unsigned(opening: Opening) -> Writer:
    # Zero is as loud as it gets where samples are unsigned: an odd count is filled up with silence, not with the chunk's zero byte.
    return SndfileWriter(opening, "AIFF", "PCM_U8", lot=2 if opening.channels == 1 else 1)


def _opus(opening: Opening) -> Writer:
    return AvWriter(opening, "ogg", "libopus", {"vbr": "on" if opening.variable else "off"})


def _mp3(opening: Opening) -> Writer:
    # LAME makes sound softer the lower the bit rate, without being asked: 5 % up to 160 kbit/s (measured, tests/core/codec/test_writers.py).
    softer = {192_000: 0.97, 224_000: 0.98}.get(opening.bit_rate, 0.95 if opening.bit_rate < 192_000 else 1.0)
    return AvWriter(opening, "mp3", "libmp3lame", {"abr": "1" if opening.variable else "0"}, gain=1 / softer)


def _plain(header: int, width: float) -> Size:
    """A header and nothing but samples."""
    return lambda frames, channels, rate, bit_rate: header + int(frames * channels * width + 0.999)


def _even(size: Size) -> Size:
    return lambda frames, channels, rate, bit_rate: (n := size(frames, channels, rate, bit_rate)) + (n & 1)


def _pcm(container: str, form: str, extension: str, header: int | None, bits: int, name: str, *, pad: bool) -> Format:
    subtype = {8: "PCM_S8" if container in ("aiff", "au", "caf") else "PCM_U8"}.get(bits, f"PCM_{bits}")
    encoding = {"PCM_U8": "pcm_u8", "PCM_S8": "pcm_s8"}.get(subtype, f"pcm_s{bits}")
    size = _plain(header, bits / 8) if header is not None else None
    return Format(
        container,
        encoding,
        f"{name}, {bits}-bit PCM",
        extension,
        _sound(form, subtype),
        bits=bits,
        depth=min(bits, 24),
        safe_peak=1 - 2.5 / 2 ** (min(bits, 24) - 1),
        size=_even(size) if size and pad else size,
        second_reader="libav",
        # libav takes the byte that fills up an odd AIFF chunk for sound.
        frame=2 if container == "aiff" and bits == 8 else 1,
        typical=bits / 8,
        max_bytes=None if container == "rf64" else 0xFFFFFFFF,
    )


def _law(container: str, form: str, extension: str, law: str, name: str, header: int | None, *, pad: bool) -> Format:
    size = _plain(header, 1) if header is not None else None
    return Format(
        container, law, name, extension, _sound(form, law.upper()), bits=8,
        safe_peak=wav.ULAW_SAFE if law == "ulaw" else wav.ALAW_SAFE, size=_even(size) if size and pad else size,
        levels=_LEVELS[law],
        second_reader="libav", typical=1.0,
    )  # fmt: skip


def _raw(
    encoding: str, name: str, extension: str, opener: Callable[[Opening], Writer], width: float, **more: object
) -> Format:
    reader: SecondReader = "libsndfile"
    return Format(
        "raw", encoding, f"headerless {name}", extension, opener, size=_plain(0, width), **{"second_reader": reader, **more},  # type: ignore[arg-type]
    )  # fmt: skip


def _linear(endian: str) -> Format:
    name = "little" if endian == "LITTLE" else "big"
    return _raw(
        f"pcm_s16{'le' if name == 'little' else 'be'}", f"16-bit linear, {name} endian", ".raw",
        _sound("RAW", "PCM_16", endian=endian), 2, bits=16, depth=16, safe_peak=_INT_SAFE, second_reader="libav",
    )  # fmt: skip


def _g726(kbits: int, order: str) -> Format:
    bits = kbits // 8
    return Format(
        "raw", f"g726_{kbits}{order}", f"headerless G.726 at {kbits} kbit/s, {'high' if order == 'be' else 'low'} bits first",
        ".g726", lambda opening: G726Writer(opening, kbits, order == "be"), rates=(8000,), bit_rates=(kbits * 1000,), max_channels=1, bits=bits,
        size=lambda frames, channels, rate, bit_rate: -(-frames * bits // 8),
        second_reader="kittiwake", frame=8 // math.gcd(8, bits),
    )  # fmt: skip


def _adpcm_block(rate: int) -> int:
    """Bytes a block of ADPCM in WAV, as libsndfile chooses it by the rate."""
    return next((size for limit, size in ((12_000, 256), (23_000, 512), (44_000, 1024)) if rate < limit), 2048)


def _adpcm(encoding: str, name: str, subtype: str, header: int, state: int, first: int) -> Format:
    """ADPCM in WAV, mono. A block begins with ``state`` bytes that hold ``first`` frames; each byte after holds two.

    IMA: a block of B bytes holds 2·(B − 4) + 1 frames; Microsoft: 2·(B − 7) + 2. (IMA Recommended Practices, rev. 3.00, 1992.)
    """

    def per_block(rate: int) -> int:
        return 2 * (_adpcm_block(rate) - state) + first

    return Format(
        "wav", encoding, f"WAV, {name}", ".wav", _adpcm_in_wav(subtype), bits=4, max_channels=1,
        size=lambda frames, channels, rate, bit_rate: header + -(-frames // per_block(rate)) * _adpcm_block(rate),
        frame_at=per_block, second_reader="libav",
    )  # fmt: skip


_AMR_MODES = {
    12_200: 32,
    10_200: 27,
    7950: 21,
    7400: 20,
    6700: 18,
    5900: 16,
    5150: 14,
    4750: 13,
}  # RFC 4867: bytes a frame

_ALL = (
    wav.ULAW,
    wav.ALAW,
    wav.PCM_16,
    wav.PCM_24,
    _pcm("wav", "WAV", ".wav", 44, 8, "WAV", pad=True),
    _pcm("wav", "WAV", ".wav", 44, 32, "WAV", pad=True),
    wav.FLOAT,
    *(_pcm("rf64", "RF64", ".wav", 104, bits, "RF64", pad=True) for bits in (16, 24)),
    *(_pcm("aiff", "AIFF", ".aiff", 54, bits, "AIFF", pad=True) for bits in (8, 16, 24)),
    Format(
        "aiff", "pcm_u8", "AIFF, unsigned 8-bit PCM", ".aiff", _aiff_unsigned, bits=8, depth=8, safe_peak=1 - 2.5 / 128,
        size=_even(_plain(72, 1)), frame=2, second_reader="libav", typical=1.0,
    ),
    *(_pcm("au", "AU", ".au", 24, bits, "AU", pad=False) for bits in (8, 16, 24)),
    _law("au", "AU", ".au", "ulaw", "AU, µ-law", 24, pad=False),
    _law("au", "AU", ".au", "alaw", "AU, A-law", 24, pad=False),
    *(_pcm("caf", "CAF", ".caf", 4096, bits, "CAF", pad=True) for bits in (16, 24)),
    _pcm("sphere", "NIST", ".sph", 1024, 16, "NIST SPHERE", pad=False),
    dataclasses.replace(
        _law("sphere", "NIST", ".sph", "ulaw", "NIST SPHERE, µ-law", 1024, pad=False), opener=_sphere_ulaw
    ),
    *(
        Format(
            "flac", f"pcm_s{bits}", f"FLAC, {bits}-bit", ".flac", _sound("FLAC", f"PCM_{bits}"), bits=bits, depth=bits,
            safe_peak=1 - 2.5 / 2 ** (bits - 1), second_reader="libav", typical=0.55 * bits / 8, rate_range=(1000, 655_350),
        )
        for bits in (16, 24)
    ),
    _raw("ulaw", "µ-law", ".ulaw", lambda o: RawWriter(o, ulaw.encode, ulaw.decode), 1, bits=8, safe_peak=wav.ULAW_SAFE,
         levels=_LEVELS["ulaw"]),
    _raw("alaw", "A-law", ".alaw", lambda o: RawWriter(o, alaw.encode, alaw.decode), 1, bits=8, safe_peak=wav.ALAW_SAFE,
         levels=_LEVELS["alaw"]),
    _linear("LITTLE"),
    _linear("BIG"),
    Format(
        "raw", "gsm", "headerless GSM full rate", ".gsm", _sound("RAW", "GSM610", exact=False), rates=(8000,), max_channels=1,
        size=lambda frames, channels, rate, bit_rate: 33 * -(-frames // 160), frame=160, second_reader="libav",
    ),
    Format(
        "wav", "gsm", "WAV, GSM full rate", ".wav", _adpcm_in_wav("GSM610", lot=640), rates=(8000,),
        # Two blocks of 65 bytes at a time: after an odd block readers take the byte that fills up the chunk for one more.
        max_channels=1, size=lambda frames, channels, rate, bit_rate: 60 + 130 * -(-frames // 640), frame=640,
        second_reader="libav",
    ),
    _adpcm("ima_adpcm", "IMA ADPCM", "IMA_ADPCM", 60, 4, 1),
    _adpcm("ms_adpcm", "Microsoft ADPCM", "MS_ADPCM", 90, 7, 2),
    Format(
        "raw", "oki_adpcm", "headerless OKI ADPCM", ".vox", OkiWriter, rate_range=(6000, 11_025), bits=4, max_channels=1,
        size=lambda frames, channels, rate, bit_rate: -(-frames // 2), frame=2, second_reader="libav",
    ),
    Format(
        "raw", "g722", "headerless G.722", ".g722", _av("g722", "g722"), rates=(16_000,), max_channels=1,
        size=lambda frames, channels, rate, bit_rate: -(-frames // 2), frame=2, delay=22, second_reader="libav",
    ),
    Format(
        "wav", "g722", "WAV, G.722", ".wav", _g722_in_wav, rates=(16_000,), max_channels=1,
        size=_even(lambda frames, channels, rate, bit_rate: 58 + -(-frames // 2)), frame=2, delay=22, second_reader="libav",
        ragged=2,
    ),
    *(_g726(kbits, order) for kbits in (32, 16, 24, 40) for order in ("be", "le")),
    Format(
        "raw", "g723_1", "headerless G.723.1 at 6.3 kbit/s", ".g723", _av("g723_1", "g723_1"), rates=(8000,),
        bit_rates=(6300,), max_channels=1, size=lambda frames, channels, rate, bit_rate: 24 * -(-frames // 240), frame=240,
        delay=60, second_reader="libav",
    ),
    Format(
        "amr", "amr_nb", "AMR narrow-band", ".amr", _av("amr", "libopencore_amrnb"), rates=(8000,), max_channels=1,
        bit_rates=tuple(_AMR_MODES), frame=160, lookahead=51, delay=40, second_reader="libav",
        size=lambda frames, channels, rate, bit_rate: 6 + _AMR_MODES[bit_rate] * -(-(frames + 51) // 160),
    ),
    Format(
        "raw", "g729", "headerless G.729 at 8 kbit/s", ".g729", G729Writer, rates=(8000,), max_channels=1, frame=FRAME,
        size=lambda frames, channels, rate, bit_rate: 10 * -(-frames // FRAME), delay=40, second_reader="libav",
        needs="libbcg729", is_there=lambda: library() is not None,
    ),
    Format(
        "ogg", "opus", "Ogg Opus", ".opus", _opus, size=opus_size, variable=True, ragged=960, rates=(8000, 12_000, 16_000, 24_000, 48_000),
        bit_rates=(24_000, 6000, 8000, 12_000, 16_000, 32_000, 48_000, 64_000, 96_000, 128_000),
    ),
    Format(
        "mp3", "mp3", "MP3", ".mp3", _mp3, size=mp3_size, bit_rates_at=mp3_bit_rates, variable=True, ragged=1152,
        rates=(8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000),
        bit_rates=(64_000, 8000, 16_000, 24_000, 32_000, 40_000, 48_000, 56_000, 80_000, 96_000, 112_000, 128_000, 160_000,
                   192_000, 256_000, 320_000),
    ),
    Format(
        "mp4", "aac", "AAC in MP4", ".m4a", _av("mp4", "aac"), bit_rates_at=aac_bit_rates,
        rates=(8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 64_000, 88_200, 96_000),
        bit_rates=(64_000, 24_000, 32_000, 48_000, 96_000, 128_000, 192_000), frame=1024, second_reader="libav",
    ),
)  # fmt: skip

#: Encodings that model the voice and not the wave: a difference of waves says little about them.
MODELLED = ("amr_nb", "g723_1", "g729", "opus")
#: Encodings made for voices, which do not keep the power of what is none, such as noise.
FOR_VOICES = (*MODELLED, "gsm")

FORMATS: dict[tuple[str, str], Format] = {form.key: form for form in _ALL}


def find_format(container: str, encoding: str) -> Format:
    """The format that writes this container and encoding.

    Raises
    ------
    RulesError : nothing here writes it; the message names what can be written.
    """
    try:
        return FORMATS[container, encoding]
    except KeyError:
        raise RulesError(
            f"Files of container “{container}” with encoding “{encoding}” cannot be written.",
            f"{nearest_forms(container, encoding)} docs/formats.md lists all.",
            "no_format",
        ) from None


def nearest_forms(container: str, encoding: str) -> str:
    """What can be written that was probably meant, as a sentence."""
    encodings = [e for c, e in FORMATS if c == container]
    near = difflib.get_close_matches(encoding, encodings or [e for _, e in FORMATS], 2, 0.5)
    if not encodings:
        containers = list(dict.fromkeys(c for c, _ in FORMATS))
        found = difflib.get_close_matches(container, containers, 1) or containers
        return f"Containers are {', '.join(found)}."
    return f"Did you mean {' or '.join(near)}?" if near else f"In {container} there is {', '.join(encodings)}."
