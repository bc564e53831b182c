"""IMA and Microsoft ADPCM in WAV."""

from __future__ import annotations

from ..format import Format, register
from ..heads import adpcm_in_wav


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
        "wav", encoding, f"WAV, {name}", ".wav", adpcm_in_wav(subtype), bits=4, max_channels=1,
        size=lambda frames, channels, rate, bit_rate: header + -(-frames // per_block(rate)) * _adpcm_block(rate),
        frame_at=per_block, second_reader="libav",
    )  # fmt: skip


register(
    _adpcm("ima_adpcm", "IMA ADPCM", "IMA_ADPCM", 60, 4, 1),
    _adpcm("ms_adpcm", "Microsoft ADPCM", "MS_ADPCM", 90, 7, 2),
)
