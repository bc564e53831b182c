"""ITU-T G.726 (12/1990) with uniform samples (annex A), step by step as the recommendation has it.

Written here because no library at hand is right at every rate: libsndfile leaves the rounding term out of FMULT, and libav lets the predictor
forget twice as fast as it should at 40 kbit/s. Whole numbers are of Python's own, sample by sample: some ten times real time.
Names in capitals are those of the recommendation's block diagrams.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterable

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
#: A number in the recommendation's floating point: exponent, mantissa of six bits, and whether it is negative.
_Float = tuple[int, int, bool]
_ZERO: _Float = (0, 32, False)
#: FLOATA and FLOATB of every magnitude, and what FMULT makes of every coefficient (its upper 14 bits) in the same way.
_FLOAT = [(n, (size << 6) >> n if size else 32) for size, n in enumerate(_EXPONENT)]
_COEFFICIENT = [_FLOAT[n] for n in range(0x2000)], [_FLOAT[-n & 0x1FFF] for n in range(-0x2000, 0)]


def _float(negative: bool, size: int) -> _Float:
    return (*_FLOAT[size], negative)


def _fmult(coefficient: int, value: _Float) -> int:
    """FMULT: product of a coefficient of the predictor and a number in floating point."""
    negative = coefficient < 0
    exponent, mantissa = _COEFFICIENT[negative][coefficient >> 2]
    exponent += value[0] - 19
    product = (mantissa * value[1] + 48) >> 4
    product = product >> -exponent if exponent < 0 else (product << exponent) & 0x7FFF
    return product if negative is value[2] else -product


def _signed(value: int) -> int:
    """Sums are of 16 bits."""
    return (value + 0x8000 & 0xFFFF) - 0x8000


class Adpcm:
    """Encoder or decoder at ``kbits`` of 16, 24, 32 and 40 kbit/s: one for each stream, in one direction."""

    def __init__(self, kbits: int) -> None:
        self._table, self._sign, self._leak = _TABLES[kbits], 1 << (kbits // 8 - 1), 9 if kbits == 40 else 8
        self._top = 2 * self._sign - 1
        self._a1 = self._a2 = 0
        self._b = [0] * 6
        self._dq = [_ZERO] * 6
        self._sr1 = self._sr2 = _ZERO
        self._pk1 = self._pk2 = False
        self._yu, self._yl = 544, 34816
        self._dms = self._dml = self._ap = 0
        self._td = False

    def encode(self, samples: Iterable[int]) -> tuple[list[int], list[int]]:
        """Codes of samples of 14 bits (−8192 to 8191), and the samples of 14 bits that a decoder makes of them."""
        codes: list[int] = []
        out: list[int] = []
        for sample in samples:
            code, made = self._step(sample, -1)
            codes.append(code)
            out.append(made)
        return codes, out

    def decode(self, codes: Iterable[int]) -> list[int]:
        """Samples of 14 bits."""
        return [self._step(0, code)[1] for code in codes]

    def _step(self, sample: int, code: int) -> tuple[int, int]:
        """One sample: coded where ``code`` is negative, else decoded."""
        table = self._table
        b, dqs = self._b, self._dq
        sezi = _signed(sum(map(_fmult, b, dqs)))
        se = _signed(sezi + _fmult(self._a2, self._sr2) + _fmult(self._a1, self._sr1)) >> 1
        sez = sezi >> 1
        y = self._scale()
        if code < 0:
            code = self._quantised(sample - se, y)
        # Reconstructed difference: RECONST, ADDA, ANTILOG.
        negative = bool(code & self._sign)
        dql = table.dqln[code] + (y >> 2)
        size = 0 if dql < 0 else ((128 + (dql & 127)) << 7) >> (14 - (dql >> 7))
        difference = -size if negative else size
        sr = _signed(se + difference)
        self._adapt(code, y, negative, size, sr, _signed(sez + difference))
        # LIMO of annex A.
        return code, min(max(sr, -8192), 8191)

    def _scale(self) -> int:
        """MIX: the scale factor, from the fast one and the slow one."""
        if self._ap >= 256:
            return self._yu
        y = self._yl >> 6
        difference, share = self._yu - y, self._ap >> 2
        # Truncation goes by magnitude.
        return y + (difference * share >> 6) if difference >= 0 else y - (-difference * share >> 6)

    def _quantised(self, difference: int, y: int) -> int:
        """LOG, SUBTB, QUAN."""
        size = abs(difference)
        exponent = _EXPONENT[size >> 1]
        dln = (exponent << 7) + (((size << 7) >> exponent) & 127) - (y >> 2)
        code = bisect_right(self._table.levels, dln)
        if difference < 0:
            return self._top - code
        # Where zero has but one code, it is that of all ones; at 16 kbit/s every code is used.
        return self._top if code == 0 and self._top > 3 else code

    def _adapt(self, code: int, y: int, negative: bool, size: int, sr: int, dqsez: int) -> None:
        table = self._table
        # TRANS: a modem's tone has changed.
        whole, part = self._yl >> 15, (self._yl >> 10) & 31
        threshold = 31 << 10 if whole > 9 else (32 + part) << whole
        changed = self._td and size > (threshold + (threshold >> 1)) >> 1
        # Scale factor: FUNCTW, FILTD, LIMB, FILTE.
        self._yu = min(max(y + ((table.wi[code] * 32 - y) >> 5), 544), 5120)
        self._yl += self._yu + (-self._yl >> 6)
        pk0 = dqsez < 0
        a2 = 0
        if changed:
            self._a1 = self._a2 = 0
            self._b = [0] * 6
        else:
            a2 = self._poles(dqsez, pk0)
            leak = self._leak
            if size:
                self._b = [
                    b - (b >> leak) + (128 if negative is dq[2] else -128)
                    for b, dq in zip(self._b, self._dq, strict=True)
                ]
            else:
                self._b = [b - (b >> leak) for b in self._b]
        self._dq = [_float(negative, size), *self._dq[:5]]
        self._sr2, self._sr1 = self._sr1, _float(sr < 0, abs(sr) & 0x7FFF)
        self._pk2, self._pk1 = self._pk1, pk0
        self._td = not changed and a2 < -11776
        self._speed(table.fi[code], y, changed)

    def _poles(self, dqsez: int, pk0: bool) -> int:
        """UPA2, LIMC, UPA1, LIMD; returns the new second coefficient."""
        a1, a2 = self._a1, self._a2
        same = pk0 is self._pk1
        a2 -= a2 >> 7
        if dqsez:
            slope = -a1 if same else a1
            a2 += -0x100 if slope < -8191 else 0xFF if slope > 8191 else slope >> 5
            a2 += 0x80 if pk0 is self._pk2 else -0x80
        a2 = min(max(a2, -12288), 12288)
        a1 -= a1 >> 8
        if dqsez:
            a1 += 192 if same else -192
        most = 15360 - a2
        self._a1, self._a2 = min(max(a1, -most), most), a2
        return a2

    def _speed(self, fi: int, y: int, changed: bool) -> None:
        """FILTA, FILTB, SUBTC, FILTC, TRIGA: how fast the scale factor is to follow."""
        self._dms += ((fi << 9) - self._dms) >> 5
        self._dml += ((fi << 11) - self._dml) >> 7
        if changed:
            self._ap = 256
        elif y < 1536 or self._td or abs((self._dms << 2) - self._dml) >= self._dml >> 3:
            self._ap += (0x200 - self._ap) >> 4
        else:
            self._ap += -self._ap >> 4
