"""A call to a stand-in telephone system: keys are sounded and detected, prompts come through the line, and all of it is logged."""

from __future__ import annotations

from collections.abc import Callable, Mapping

import numpy as np
from numpy.typing import NDArray

from .....core.packets.packet_loss import CLEAR, PacketLossModel
from .....plain_data import dataclass
from .....words import phrase
from ....tones.core.keys import keys_recipe
from ....tones.core.plan import tone_for
from ....tones.core.render import render
from .dial_plan import KEYS, DialPlan, menu_in, said_in
from .dtmf import detected
from .rtp import PCMU, RATE, carry

Sound = NDArray[np.float32]
_AUDIBLE_DB = -45.0  # dBFS: what is softer is not heard
_PART = RATE // 100  # samples whose level is looked at
_OVER_ROOM_DB = 9.0  # that speech lies over the noise of its room
_UNDER_SPEECH_DB = 20.0  # that the room lies under the loudest parts of it
_TONE_S = {"dialling": 0.5, "ringing": 3.0, "busy": 2.0, "congestion": 2.0, "hold": 3.0, "error": 3.0}


@dataclass(frozen=True, slots=True)
class Step:
    """What happened, and what the caller heard of it, at 8 kHz.

    Attributes
    ----------
    kind : ``tone``, ``prompt``, ``key``, ``menu``, ``silence``, ``end`` or ``fault``.
    lost : s of a prompt's speech that the caller did not hear, since the way was not open yet.
    """

    kind: str
    sentence: str
    sound: Sound
    lost: float = 0.0
    packets: int = 0
    packets_lost: int = 0


def _nothing(seconds: float = 0.0) -> Sound:
    return np.zeros(round(seconds * RATE), np.float32)


def _speech_in(sound: Sound, first: int) -> float:
    """s of the first samples of a prompt in which something is said: what is louder than the room that it was recorded in."""
    parts = sound[: len(sound) // _PART * _PART].reshape(-1, _PART).astype(np.float64)
    if not len(parts):
        return 0.0
    levels = 10 * np.log10((parts**2).mean(axis=1) + 1e-12)
    room, loud = np.percentile(levels, (10, 95))
    least = max(_AUDIBLE_DB, min(room, loud - _UNDER_SPEECH_DB) + _OVER_ROOM_DB)
    return float((levels[: -(-first // _PART)] > least).sum() * _PART / RATE)


class Call:
    """One call.

    Parameters
    ----------
    prompt : gives the sound of a prompt at 8 kHz by its name; None where there is none.
    kind : payload type of its RTP.
    """

    def __init__(
        self,
        plan: DialPlan,
        prompt: Callable[[str], Sound | None],
        packet_loss: PacketLossModel = CLEAR,
        kind: int = PCMU,
    ) -> None:
        self.plan, self._prompt, self._packet_loss, self._kind = plan, prompt, packet_loss, kind
        self.menu = ""
        self._way: list[str] = []
        self._tries = 0
        self._open = False
        self.steps: list[Step] = []
        self.heard: dict[str, None] = {}  # prompts that came through

    @property
    def ended(self) -> bool:
        return not self.menu and bool(self.steps)

    @property
    def sound(self) -> Sound:
        """All that the caller heard."""
        return np.concatenate([step.sound for step in self.steps]) if self.steps else _nothing()

    def begin(self) -> None:
        """Dial, let it ring, and listen to the first menu."""
        self._state("ringing")
        self._enter(self.plan.first)

    def press(self, key: str) -> None:
        """Press a key: its tone goes up the line, and what the system hears of it counts."""
        if self.ended:
            self._add("fault", phrase("the call is over"), _nothing())
            return
        if key not in KEYS:
            self._add("fault", phrase("a telephone has no key “{key}”", key=key), _nothing())
            return
        up = carry(render(keys_recipe(key)).astype(np.float32), self._packet_loss, self._kind)
        found = detected(up.sound)
        if found != key:
            self._add(
                "fault",
                phrase("{key} was pressed, and {found} was detected", key=key, found=found or "nothing"),
                up.sound,
            )
            return
        self._add("key", phrase("{key} pressed and detected", key=key), up.sound)
        menu = self.plan.menus[self.menu]
        what = menu.keys.get(key)
        if what is None:
            self._failed(phrase("{key} does nothing in {menu}", key=key, menu=self.menu), menu.wrong)
            return
        self._tries = 0
        self._do(what)

    def wait(self) -> None:
        """Press nothing for as long as the system waits."""
        if not self.ended:
            self._add(
                "silence", phrase("nothing for {timeout:g} s", timeout=self.plan.timeout), _nothing(self.plan.timeout)
            )
            self._failed(phrase("no key was pressed"), self.plan.menus[self.menu].silence)

    def hang_up(self, sentence: str = "hung up") -> None:
        self.menu = ""
        self._add("end", sentence, _nothing())

    # -- inside ----------------------------------------------------------------------------------------------------

    def _add(
        self, kind: str, sentence: str, sound: Sound, lost: float = 0.0, packets: int = 0, packets_lost: int = 0
    ) -> None:
        self.steps.append(Step(kind, sentence, sound, lost, packets, packets_lost))

    def _do(self, what: str) -> None:
        if target := menu_in(what):
            self._way.append(self.menu)
            self._enter(target)
        elif names := said_in(what):
            self._say(names)
        elif what == "back":
            self._enter(self._way.pop() if self._way else self.plan.first)
        elif what == "again":
            self._enter(self.menu)
        elif what == "hang up":
            self.hang_up()
        elif what in ("busy", "congestion"):
            self._state(what)
            self.hang_up(
                phrase("the other side is {place}", place=what) if what == "busy" else phrase("no line is free")
            )
        else:
            self._state("hold" if what == "hold" else "ringing")
            self.hang_up(phrase("put through: {target}", target=what))

    def _enter(self, menu: str) -> None:
        self.menu = menu
        self._add("menu", menu, _nothing())
        self._say(self.plan.menus[menu].say)

    def _failed(self, sentence: str, what: str) -> None:
        self._tries += 1
        self._add("fault", sentence, _nothing())
        if self._tries >= self.plan.tries:
            self._state("error")
            self.hang_up(
                phrase("given up after {tries} tries", "given up after {tries} try", self._tries, tries=self._tries)
            )
        elif what:
            self._do(what)
        else:
            self._enter(self.menu)

    def _say(self, names: tuple[str, ...]) -> None:
        for name in names:
            sound = self._prompt(name)
            if sound is None:
                self._add("fault", phrase("“{name}” is missing: the caller hears nothing", name=name), _nothing(1.0))
                continue
            lost = 0.0
            if not self._open:
                closed = min(round(self.plan.opens_after * RATE), len(sound))
                lost = _speech_in(sound, closed)
                sound = np.concatenate([np.zeros(closed, np.float32), sound[closed:]])
                self._open = True
            received = carry(sound, self._packet_loss, self._kind)
            sentence = (
                name
                if not lost
                else phrase(
                    "{name}, of which {lost:.0f} ms are lost: give it {opens_after:g} s of air",
                    name=name,
                    lost=lost * 1000,
                    opens_after=self.plan.opens_after,
                )
            )
            self._add("prompt", sentence, received.sound, lost, received.sent, received.lost + received.late)
            self.heard[name] = None

    def _state(self, name: str) -> None:
        for part in (one.strip() for one in self.plan.state(name).split("+")):
            if names := said_in(part):
                self._open = self._open or name != "ringing"
                self._say(names)
            elif part == "silence":
                self._add("tone", f"{name}: silence", _nothing(_TONE_S[name]))
            else:
                sound = render(tone_for(part)).astype(np.float32)
                wanted = round(_TONE_S[name] * RATE)
                whole = np.resize(sound, max(wanted, min(len(sound), 5 * RATE))) if len(sound) else _nothing()
                self._add("tone", f"{name}: {part}", carry(whole, self._packet_loss, self._kind).sound)


def walked(
    plan: DialPlan, prompt: Callable[[str], Sound | None], packet_loss: PacketLossModel = CLEAR, kind: int = PCMU
) -> tuple[list[Call], Mapping[str, str]]:
    """Call after call, until every prompt was heard that keys lead to; the calls, and the keys that led to each prompt."""
    ways = plan.ways()
    calls: list[Call] = []
    heard: set[str] = set()
    for name in sorted(ways, key=lambda one: (-len(ways[one]), ways[one])):
        if name in heard:
            continue
        call = Call(plan, prompt, packet_loss, kind)
        call.begin()
        for key in ways[name]:
            call.press(key)
        heard |= set(call.heard)
        calls.append(call)
    return calls, ways
