"""Exact sizes of MP3 and Opus files at a constant bit rate."""

from __future__ import annotations

# ISO/IEC 11172-3 and 13818-3, layer III: kbit/s by index.
_MPEG_1 = (32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320)
_MPEG_2 = (8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160)
_TAG = 20  # an empty ID3 tag, which the muxer always puts first
_INFO = 156  # the frame that tells readers delay and length, without its header


def mp3_bit_rates(rate: int) -> tuple[int, ...]:
    """The legal bit rates (bit/s) at a sample rate; 64 kbit/s and less at 12 kHz and below, as encoders do it."""
    table = _MPEG_1 if rate >= 32_000 else _MPEG_2
    return tuple(1000 * k for k in table if rate > 12_000 or k <= 64)


def mp3_size(frames: int, channels: int, rate: int, bit_rate: int) -> int:
    """Tag, information frame, and frames of equal bit rate, of which some are a byte longer so that the mean comes out."""
    low = rate < 32_000
    frame, factor = (576, 72) if low else (1152, 144)
    count = -(-frames // frame) + (2 if low else 1)
    base, rest = divmod(factor * bit_rate, rate)
    padded = -(-((count - 1) * rest) // rate)
    side = (9 if channels == 1 else 17) if low else (17 if channels == 1 else 32)
    rates = [1000 * k for k in (_MPEG_2 if low else _MPEG_1)]
    first = next(factor * b // rate for b in rates if b >= bit_rate and factor * b // rate >= 4 + side + _INFO)
    return _TAG + first + count * base + padded


def opus_size(frames: int, channels: int, rate: int, bit_rate: int) -> int:
    """Ogg pages (RFC 3533) of a second each: 27 bytes, a byte for every 255 of a packet begun, and packets of 20 ms."""
    packets = -(-(frames + 312 * rate // 48_000) // (rate // 50))  # 312 is the encoder's look-ahead at 48 kHz
    packet = bit_rate // 400
    heads = (27 + 1 + 19) + (27 + 1 + 22)  # RFC 7845: identification and comment, a page each
    return heads + 27 * -(-packets // 50) + packets * (packet // 255 + 1 + packet)


def aac_bit_rates(rate: int) -> tuple[int, ...]:
    """Bit rates (bit/s) that a channel may have: at most 6144 bits a frame of 1024 (ISO/IEC 14496-3)."""
    every = (64_000, 24_000, 32_000, 48_000, 96_000, 128_000, 192_000)
    return tuple(b for b in every if b <= 6 * rate)
