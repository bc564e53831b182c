"""What making will most likely need of a source, done while it is looked at: one decoding instead of two."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..fit.path import Touch, touches
from ..fit.verdict import Recipe
from ..measure import ActiveLevel
from ..measure.sides import SidesMeter
from ..model import Header, Receiver
from ..model.facts import SIGNAL_OF, Signal
from ..sound import Spool, resampled_length
from ..sound.gather import Gather
from ..sound.resample import Stream
from ..sound.sides import ChannelSelection, channel_of, select_channel


class SpeculativePass:
    """Takes the side and resamples as the first blocks suggest. ``matches`` tells whether the recipe is just that; if not, making goes
    its usual way, and this was in vain.

    The same blocks go through the same stages, so it makes no difference to the bytes that come out.
    """

    def __init__(self, receiver: Receiver, folder: Path) -> None:
        self._receiver, self._folder = receiver, folder
        self._take: ChannelSelection | None = None
        self._rates = (0, 0)
        self._frames = 0
        self._channels = 1
        self._stream: Stream | None = None
        self._gather = Gather()
        self._out = 0
        self._broken = False
        self.spool: Spool | None = None
        self.meters: list[ActiveLevel] = []

    def add(
        self, header: Header, columns: NDArray[np.float32], middle: NDArray[np.float32], whole: Signal | None = None
    ) -> None:
        """The next samples of the source, float32 [shape=(channels, n)], of their mix where the sides differ, and which signal stands for the
        whole, where that is known.
        """
        if self._broken:
            return
        try:
            self._add(header, columns, middle, whole)
        except OSError:
            # The disk it waits on is full, which is no fault of the source: making goes its usual way, and says what is wrong.
            self._broken = True
            self.close()
            self.spool = None

    def _add(
        self, header: Header, columns: NDArray[np.float32], middle: NDArray[np.float32], whole: Signal | None
    ) -> None:
        if self._take is None:
            self._begin(header, columns, whole)
        self._frames += columns.shape[1]
        if self._channels == 1:
            at = channel_of(self._take or "mono")
            block = (middle if at is None else columns[at])[:, None]
        else:
            block = next(select_channel([columns.T], self._take or "both", self._channels))
        self._put(self._stream.chunk(block) if self._stream is not None else block)

    def _begin(self, header: Header, columns: NDArray[np.float32], whole: Signal | None) -> None:
        channels = self._receiver.rules.channels
        if header.channels == 1:
            self._take = "mono"
        elif channels != 1:
            self._take = "both"
        elif header.channels > 2:
            self._take = "mix"
        elif whole is not None:
            self._take = whole
        else:
            sides = SidesMeter(header.sample_rate)
            left, right = columns
            sides.add(left, right, float(np.dot(left, left)), float(np.dot(right, right)))
            self._take = SIGNAL_OF[sides.result()]
        self._channels = self._receiver.rules.channels_for(header.channels)
        rate = self._receiver.rules.accepts[0].rate_for(header.sample_rate)
        self._rates = (header.sample_rate, rate)
        self.spool = Spool(self._channels, self._folder)
        self.meters = [ActiveLevel(rate) for _ in range(self._channels)]
        if rate != header.sample_rate:
            self._stream = Stream(*self._rates, self._channels)

    def _put(self, block: NDArray[np.float32]) -> None:
        if not len(block) or self.spool is None:
            return
        self._out += len(block)
        self._keep(self._gather.add(block))

    def _keep(self, block: NDArray[np.float32] | None) -> None:
        if block is None or self.spool is None:
            return
        self.spool.append(block)
        for channel, meter in enumerate(self.meters):
            meter.add(np.ascontiguousarray(block[:, channel]))

    def matches(self, recipe: Recipe) -> bool:
        """Whether what was done is the first half of the recipe; then it is completed."""
        same = (
            self.spool is not None
            and touches(recipe) < Touch.SOUND
            and not recipe.copy
            and recipe.level != "loudness"
            and not recipe.lead
            and recipe.stop is None
            and recipe.start == 0
            and not recipe.live
            and (recipe.take, recipe.channels) == (self._take, self._channels)
            and (recipe.rate_in, recipe.rate_out) == self._rates
            and recipe.frames_in == self._frames
        )
        if same and self._stream is not None:
            wanted = resampled_length(self._frames, *self._rates)
            last = self._stream.rest()
            missing = wanted - self._out
            # As ``sound.length.exactly``: cut, or filled up with silence.
            last = last[: max(0, missing)]
            self._put(last)
            if missing > len(last):
                self._put(np.zeros((missing - len(last), self._channels), np.float32))
            self._stream.close()
            self._stream = None
            same = self._out == wanted
        if same:
            self._keep(self._gather.rest())
        return same

    @property
    def held(self) -> int:
        """Bytes of sound that wait here."""
        return 0 if self.spool is None else 4 * self._out * self._channels

    def close(self) -> None:
        if self._stream is not None:
            self._stream.close()
            self._stream = None
        if self.spool is not None:
            self.spool.close()
