"""ITU-T G.726 (12/1990) with uniform samples (annex A), step by step as the recommendation has it.

Written here because no library at hand is right at every rate: libsndfile leaves the rounding term out of FMULT, and libav lets the predictor
forget twice as fast as it should at 40 kbit/s. Whole numbers are of Python's own, sample by sample: some twenty times real time.
Names in capitals are those of the recommendation's block diagrams.
"""

from __future__ import annotations

from array import array
from bisect import bisect_right
from collections.abc import Iterable
from functools import cache

import numpy as np

from ...plain_data import dataclass


@dataclass(frozen=True, slots=True)
class _Table:
    """Tables 1 to 8 of the recommendation. ``levels`` are the decision levels of the normalised log of the difference, the rest goes by code."""

    levels: tuple[int, ...]
    dqln: tuple[int, ...]
    wi: tuple[int, ...]
    fi: tuple[int, ...]


def _mirrored(half: tuple[int, ...]) -> tuple[int, ...]:
    """Codes of negative differences are those of positive ones turned upside down."""
    return half + half[::-1]


_TABLES = {
    16: _Table((261,), _mirrored((116, 365)), _mirrored((-22, 439)), _mirrored((0, 7))),
    24: _Table((8, 218, 331), _mirrored((-2048, 135, 273, 373)), _mirrored((-4, 30, 137, 582)), _mirrored((0, 1, 2, 7))),
    32: _Table(
        (-124, 80, 178, 246, 300, 349, 400),
        _mirrored((-2048, 4, 135, 213, 273, 323, 373, 425)),
        _mirrored((-12, 18, 41, 64, 112, 198, 355, 1122)),
        _mirrored((0, 0, 0, 1, 1, 1, 3, 7)),
    ),
    40: _Table(
        (-122, -16, 68, 139, 198, 250, 298, 339, 378, 413, 445, 475, 502, 528, 553),
        _mirrored((-2048, -66, 28, 104, 169, 224, 274, 318, 358, 395, 429, 459, 488, 514, 539, 566)),
        _mirrored((14, 14, 24, 39, 40, 41, 58, 100, 141, 179, 219, 280, 358, 440, 529, 696)),
        _mirrored((0, 0, 0, 0, 0, 1, 1, 1, 1, 1, 2, 3, 4, 5, 6, 6)),
    ),
}  # fmt: skip
_EXPONENT = [size.bit_length() for size in range(0x8000)]
_MINUS = 512  # what makes the index of a negative number in floating point of that of a positive one


@cache
def _floating() -> tuple[array[int], array[int], array[int]]:
    """The recommendation's floating point, an exponent and a mantissa of six bits, by tables.

    Returns
    -------
    FLOATA and FLOATB: of each magnitude of 15 bits its index, exponent * 32 + mantissa - 32, to which ``_MINUS`` is added where it is negative.
    The same of a coefficient's upper 14 bits, negative ones from the end: where its row of products begins.
    FMULT: products, 1024 for each coefficient's sign, exponent and mantissa.
    """
    sizes = np.arange(0x8000)
    exponents = np.frexp(sizes)[1]
    indices = exponents * 32 + np.where(sizes > 0, (sizes << 6) >> exponents, 32) - 32
    upper = np.concatenate([indices[:0x2000], 512 + indices[0x2000:0:-1]])
    number = np.arange(512)
    exponent, mantissa = number >> 5, (number & 31) + 32
    shift = exponent[:, None] + exponent - 19
    product = (mantissa[:, None] * mantissa + 48) >> 4
    product = np.where(shift < 0, product >> np.maximum(-shift, 0), (product << np.maximum(shift, 0)) & 0x7FFF)
    row = np.concatenate([product, -product], axis=1)
    products = np.concatenate([row, -row])
    return (
        array("H", indices.astype(np.uint16).tobytes()),
        array("i", (upper * 1024).astype(np.int32).tobytes()),
        array("h", products.astype(np.int16).tobytes()),
    )


class Adpcm:
    """Encoder or decoder at ``kbits`` of 16, 24, 32 and 40 kbit/s: one for each stream, in one direction."""

    def __init__(self, kbits: int) -> None:
        self._table, self._sign, self._leak = _TABLES[kbits], 1 << (kbits // 8 - 1), 9 if kbits == 40 else 8
        self._top = 2 * self._sign - 1
        self._poles = (0, 0, 0, 0, False, False)  # A1, A2, SR1 and SR2 in floating point, PK1, PK2
        self._zeros = (0,) * 6  # B1 to B6
        self._dq = (0,) * 6  # DQ1 to DQ6, in floating point
        self._scale = (544, 34816, 0, 0, 0, False)  # YU, YL, DMS, DML, AP, TD

    def encode(self, samples: Iterable[int]) -> tuple[list[int], list[int]]:
        """Codes of samples of 14 bits (−8192 to 8191), and the samples of 14 bits that a decoder makes of them."""
        codes: list[int] = []
        return codes, self._run(samples, codes)

    def decode(self, codes: Iterable[int]) -> list[int]:
        """Samples of 14 bits."""
        return self._run(codes, None)

    def _run(self, given: Iterable[int], codes: list[int] | None) -> list[int]:
        """Samples, whose codes are added to ``codes``, or codes where that is None; returns samples as decoded.

        One long function: with one for each step of the recommendation it took twice the time, in calls and attributes.
        """
        indices, upper, products = _floating()
        levels, dqln, wi, fi = self._table.levels, self._table.dqln, self._table.wi, self._table.fi
        sign, leak, top = self._sign, self._leak, self._top
        a1, a2, sr1, sr2, pk1, pk2 = self._poles
        b1, b2, b3, b4, b5, b6 = self._zeros
        dq1, dq2, dq3, dq4, dq5, dq6 = self._dq
        yu, yl, dms, dml, ap, td = self._scale
        out: list[int] = []
        for value in given:
            # FMULT, ACCUM: sums are of 16 bits.
            sezi = products[upper[b1 >> 2] + dq1] + products[upper[b2 >> 2] + dq2] + products[upper[b3 >> 2] + dq3]
            sezi += products[upper[b4 >> 2] + dq4] + products[upper[b5 >> 2] + dq5] + products[upper[b6 >> 2] + dq6]
            sezi = (sezi + 0x8000 & 0xFFFF) - 0x8000
            se = sezi + products[upper[a2 >> 2] + sr2] + products[upper[a1 >> 2] + sr1]
            se = (se + 0x8000 & 0xFFFF) - 0x8000 >> 1
            # MIX: the scale factor, from the fast one and the slow one; truncation goes by magnitude.
            if ap >= 256:
                y = yu
            else:
                y = yl >> 6
                spread = (yu - y) * (ap >> 2)
                y += spread >> 6 if spread >= 0 else -(-spread >> 6)
            if codes is None:
                code = value
            else:
                # LOG, SUBTB, QUAN.
                size = abs(value - se)
                exponent = _EXPONENT[size >> 1]
                code = bisect_right(levels, (exponent << 7) + (((size << 7) >> exponent) & 127) - (y >> 2))
                if value < se:
                    code = top - code
                elif code == 0 and top > 3:  # where zero has but one code, it is that of all ones
                    code = top
                codes.append(code)
            # Reconstructed difference: RECONST, ADDA, ANTILOG.
            negative = code >= sign
            dql = dqln[code] + (y >> 2)
            size = 0 if dql < 0 else ((128 + (dql & 127)) << 7) >> (14 - (dql >> 7))
            difference = -size if negative else size
            sr = (se + difference + 0x8000 & 0xFFFF) - 0x8000
            dqsez = ((sezi >> 1) + difference + 0x8000 & 0xFFFF) - 0x8000
            # LIMO of annex A.
            out.append(-8192 if sr < -8192 else 8191 if sr > 8191 else sr)
            # TRANS: a modem's tone has changed.
            changed = False
            if td:
                whole = yl >> 15
                threshold = 31 << 10 if whole > 9 else (32 + ((yl >> 10) & 31)) << whole
                changed = size > (threshold + (threshold >> 1)) >> 1
            # Scale factor: FUNCTW, FILTD, LIMB, FILTE.
            yu = y + ((wi[code] * 32 - y) >> 5)
            yu = 544 if yu < 544 else 5120 if yu > 5120 else yu
            yl += yu + (-yl >> 6)
            pk0 = dqsez < 0
            if changed:
                a1 = a2 = b1 = b2 = b3 = b4 = b5 = b6 = 0
                td = False
            else:
                # UPA2, LIMC, UPA1, LIMD.
                a2 -= a2 >> 7
                if dqsez:
                    slope = -a1 if pk0 is pk1 else a1
                    a2 += -0x100 if slope < -8191 else 0xFF if slope > 8191 else slope >> 5
                    a2 += 0x80 if pk0 is pk2 else -0x80
                    a1 += (192 if pk0 is pk1 else -192) - (a1 >> 8)
                else:
                    a1 -= a1 >> 8
                a2 = -12288 if a2 < -12288 else 12288 if a2 > 12288 else a2
                most = 15360 - a2
                a1 = -most if a1 < -most else most if a1 > most else a1
                td = a2 < -11776
                # UPB.
                if size:
                    step, other = (-128, 128) if negative else (128, -128)
                    b1 += (step if dq1 < _MINUS else other) - (b1 >> leak)
                    b2 += (step if dq2 < _MINUS else other) - (b2 >> leak)
                    b3 += (step if dq3 < _MINUS else other) - (b3 >> leak)
                    b4 += (step if dq4 < _MINUS else other) - (b4 >> leak)
                    b5 += (step if dq5 < _MINUS else other) - (b5 >> leak)
                    b6 += (step if dq6 < _MINUS else other) - (b6 >> leak)
                else:
                    b1 -= b1 >> leak
                    b2 -= b2 >> leak
                    b3 -= b3 >> leak
                    b4 -= b4 >> leak
                    b5 -= b5 >> leak
                    b6 -= b6 >> leak
            dq6, dq5, dq4, dq3, dq2 = dq5, dq4, dq3, dq2, dq1
            dq1 = indices[size] + _MINUS if negative else indices[size]
            sr2 = sr1
            sr1 = indices[-sr & 0x7FFF] + _MINUS if sr < 0 else indices[sr]
            pk2, pk1 = pk1, pk0
            # FILTA, FILTB, SUBTC, FILTC, TRIGA: how fast the scale factor is to follow.
            dms += ((fi[code] << 9) - dms) >> 5
            dml += ((fi[code] << 11) - dml) >> 7
            if changed:
                ap = 256
            elif y < 1536 or td or abs((dms << 2) - dml) >= dml >> 3:
                ap += (0x200 - ap) >> 4
            else:
                ap += -ap >> 4
        self._poles, self._zeros = (a1, a2, sr1, sr2, pk1, pk2), (b1, b2, b3, b4, b5, b6)
        self._dq, self._scale = (dq1, dq2, dq3, dq4, dq5, dq6), (yu, yl, dms, dml, ap, td)
        return out
