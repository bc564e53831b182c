"""A stand-in telephone system with a menu: takes prompts in the forms of telephony, and a dial plan; can be called.

Prompts are WAV files (µ-law, A-law, linear) at 8 kHz, or without a header by their ending: ``.ulaw``, ``.alaw``, ``.sln`` and ``.raw`` (16-bit
linear), ``.gsm``. A dial plan is a TOML file; without one there is a menu that says all prompts, one at each key.
"""

from __future__ import annotations

from pathlib import Path

import numpy as np

from ....core.packets.packet_loss import PacketLossModel
from ....words import joined, phrase
from ....work.standin.machine import Action, ActionResult, Refusal, StoredSound, stand_in
from ....work.standin.microphone import line_said
from ..core.decode import (
    a_law_values,
    as_gsm,
    as_linear,
    mu_law_values,
    of_gsm,
    of_law,
    of_linear,
    sound_of,
    to_bytes,
)
from ..core.phone.call import Call, Sound, walked
from ..core.phone.dial_plan import KEYS, DialPlan, Menu, PlanError, from_names, plan_of
from ..core.phone.rtp import PCMA, PCMU, RATE, carry
from ..core.plain_wav import A_LAW, MU_LAW, PCM, Wants, read_wav
from ..core.shelf import Shelf

MEMORY, PROMPTS = 32_000_000, 2000
_WANTS = Wants((MU_LAW, A_LAW, PCM), (RATE,), (8, 8, 16))
_BARE = {".ulaw": 1, ".ul": 1, ".alaw": 1, ".al": 1, ".sln": 2, ".raw": 2, ".gsm": 33}
_LONGEST = 3600.0  # s


#: How a recording is kept, by its ending.
_RECORDED = {
    "ulaw": lambda sound: to_bytes(sound, mu_law_values()),
    "alaw": lambda sound: to_bytes(sound, a_law_values()),
    "sln": as_linear,
    "gsm": as_gsm,
}


class Phone:
    """One system. A refused file leaves what it held."""

    def __init__(self) -> None:
        self.shelf = Shelf(MEMORY, PROMPTS)
        self.refusal: Refusal | None = None
        self._plan: DialPlan | None = None
        self.call: Call | None = None
        self.packet_loss = PacketLossModel()
        self.kind = PCMU
        self.recordings: dict[str, bytes] = {}  # made over the telephone, without headers
        self._turn = 0

    @property
    def prompts(self) -> dict[str, StoredSound]:
        """By their names without endings."""
        return {Path(name).stem: one.held for name, one in self.shelf.files.items()}

    @property
    def plan(self) -> DialPlan:
        """The one that it was given; else one that says the prompts, the first when a call begins and one at each key."""
        if self._plan is not None:
            return self._plan
        names = list(self.prompts)
        keys = {key: f"say {name}" for key, name in zip(KEYS, names[1:], strict=False)}
        return DialPlan("Phone", "main", {"main": Menu("main", tuple(names[:1]), keys)})

    @plan.setter
    def plan(self, new: DialPlan | None) -> None:
        self._plan = new

    @property
    def held(self) -> StoredSound | None:
        files = list(self.shelf.files.values())
        return files[-1].held if files else None

    def hand(self, name: str, data: bytes) -> bool:
        self.refusal = self._take_plan(data) if name.lower().endswith(".toml") else self._take(name, data)
        return self.refusal is None

    def press(self) -> StoredSound | None:
        """Call it, and listen to what it says first."""
        return self.dial("").sound if self.shelf.files else None

    def prompt(self, name: str) -> Sound | None:
        held = self.shelf.find(name)
        return None if held is None else held.sound

    def dial(self, argument: str) -> ActionResult:
        """Call it and press keys; a comma waits until it gives up waiting."""
        self.call = Call(self.plan, self.prompt, self.packet_loss, self.kind)
        self.call.begin()
        return self._keys(argument, 0)

    def keys(self, argument: str) -> ActionResult:
        """Press keys in the call that goes on."""
        if self.call is None or self.call.ended:
            return ActionResult(phrase("There is no call: dial first."))
        return self._keys(argument, len(self.call.steps))

    def hang_up(self, _: str = "") -> ActionResult:
        if self.call is not None and not self.call.ended:
            self.call.hang_up()
        return ActionResult(phrase("Hung up."))

    def walk(self, _: str = "") -> ActionResult:
        """Call until every prompt was heard."""
        calls, ways = walked(self.plan, self.prompt, self.packet_loss, self.kind)
        heard = {name for call in calls for name in call.heard}
        faults = [step.sentence for call in calls for step in call.steps if step.kind == "fault"]
        lost = sum(step.packets_lost for call in calls for step in call.steps)
        sound = np.concatenate([call.sound for call in calls]) if calls else np.zeros(0, np.float32)
        unheard = [name for name in ways if name not in heard]
        sentence = phrase(
            "{calls} calls, {heard} of {all} prompts heard", calls=len(calls), heard=len(heard), all=len(ways)
        )
        sentence += phrase("; not heard: {list}", list=joined(unheard[:5], ", ")) if unheard else ""
        sentence += f"; {'; '.join(dict.fromkeys(faults))}" if faults else ""
        sentence += phrase("; {lost} packets lost", lost=lost) if lost else ""
        return ActionResult(sentence + ".", StoredSound(phrase("every prompt"), sound.nbytes // 4, RATE, sound))

    def record(self, argument: str) -> ActionResult:
        """Somebody calls and says something, which is recorded as it comes out of the line: ``NAME``, and ``ulaw``, ``alaw``, ``sln`` or ``gsm``."""
        words = argument.split()
        form = words.pop() if words and words[-1] in _RECORDED else "ulaw"
        name = joined(words) or f"recorded {self._turn + 1}"
        if "/" in name or name.startswith("."):
            return ActionResult(phrase("“{name}” is no name.", name=name))
        text, spoken = line_said(self._turn, RATE)
        self._turn += 1
        received = carry(spoken, self.packet_loss, self.kind)
        data = _RECORDED[form](received.sound)
        self.recordings[f"{name}.{form}"] = data
        lost = (
            phrase(", {lost} packets of it lost", lost=received.lost + received.late)
            if received.lost + received.late
            else ""
        )
        held = StoredSound(f"{name}.{form}", len(data), RATE, received.sound)
        return ActionResult(
            phrase("“{text}” recorded as {name}, without a header{lost}", text=text, name=held.name, lost=lost), held
        )

    def line(self, argument: str) -> ActionResult:
        """Set what the line suffers: ``loss 2%``, ``burst 3``, ``jitter 20``, ``buffer 60`` (ms), ``a-law``."""
        wanted = {"loss": 0.0, "burst": 1.0, "jitter": 0.0, "buffer": 60.0}
        words = argument.replace("%", " %").replace(",", " ").split()
        self.kind = PCMA if "a-law" in words else PCMU
        for n, word in enumerate(words[:-1]):
            try:
                if word in wanted:
                    share = word == "loss" and words[n + 2 : n + 3] == ["%"]
                    wanted[word] = float(words[n + 1]) / (100 if share else 1)
            except ValueError:
                return ActionResult(phrase("“{words}” is no number.", words=words[n + 1]))
        if not 0 <= wanted["loss"] < 1 or wanted["burst"] < 1 or min(wanted["jitter"], wanted["buffer"]) < 0:
            return ActionResult(
                phrase("A loss is from 0 to 100 %, a burst 1 or more, jitter and buffer milliseconds.")
            )
        self.packet_loss = PacketLossModel(wanted["loss"], wanted["burst"], wanted["jitter"], wanted["buffer"])
        return ActionResult(phrase('The line loses {lost:g} % of its packets, {burst:g} at a time; jitter {jitter:g} ms, buffer {buffer:g} ms.', lost=wanted['loss'] * 100, burst=wanted['burst'], jitter=wanted['jitter'], buffer=wanted['buffer']))  # fmt: skip

    def assign_by_name(self, _: str = "") -> ActionResult:
        """Make a plan of prompts that are called by their keys."""
        try:
            self._plan = from_names(self.prompts)
        except PlanError as error:
            return ActionResult(str(error))
        return ActionResult(phrase("{extent}.", extent=self._plan.extent))

    def missing(self, _: str = "") -> ActionResult:
        """What the plan says and nobody has given it, and what nobody needs."""
        there = list(self.prompts)
        missing, unused = self.plan.missing(there), self.plan.unused(there)
        sentence = f"missing: {', '.join(missing)}" if missing else phrase("no prompt is missing")
        rest = f"unused: {', '.join(unused)}" if unused else phrase("none is unused")
        return ActionResult(joined((sentence, rest), "; ") + ".")

    def _keys(self, argument: str, first: int) -> ActionResult:
        call = self.call
        assert call is not None
        for key in argument.replace(" ", ""):
            if key == ",":
                call.wait()
            else:
                call.press(key)
        steps = call.steps[first:]
        sound = np.concatenate([step.sound for step in steps]) if steps else np.zeros(0, np.float32)
        sentence = joined((joined((step.kind, step.sentence), ": ") for step in steps), "; ")
        return ActionResult(
            sentence or phrase("nothing happened"),
            StoredSound(f"call {argument}".strip(), sound.nbytes // 4, RATE, sound),
        )

    def _take_plan(self, data: bytes) -> Refusal | None:
        try:
            self._plan = plan_of(data.decode("utf-8"))
        except UnicodeDecodeError as error:
            return Refusal(phrase("The dial plan is not text in UTF-8."), error.start)
        except PlanError as error:
            return Refusal(str(error), 0)
        return None

    def _take(self, name: str, data: bytes) -> Refusal | None:
        ending = Path(name).suffix.lower()
        if ending in _BARE:
            size = _BARE[ending]
            if not data or len(data) % size:
                return Refusal(
                    phrase("{count:,} bytes are no whole number of frames of {size}.", count=len(data), size=size),
                    len(data),
                )
            sound: Sound
            if size == 1:
                sound = of_law(data, mu_law_values() if ending.startswith(".u") else a_law_values())
            else:
                sound = of_linear(data) if size == 2 else of_gsm(data)
            rate = RATE
        else:
            if ending != ".wav":
                return Refusal(
                    phrase(
                        "Files ending in {ending} are not taken: .wav, {list}.",
                        ending=ending or "nothing",
                        list=joined(_BARE, ", "),
                    ),
                    0,
                )
            found = read_wav(name, data, _WANTS)
            if isinstance(found, Refusal):
                return found
            sound, rate = sound_of(found), found.rate
        if len(sound) > _LONGEST * RATE:
            return Refusal(phrase("It is over an hour long."), len(data))
        other = next(
            (
                one
                for one in self.shelf.files
                if Path(one).stem.casefold() == Path(name).stem.casefold() and one != name
            ),
            None,
        )
        if other is not None:
            return Refusal(phrase("It has a prompt of that name already: {other}.", other=other), 0)
        return self.shelf.put(StoredSound(name, len(data), rate, sound), data)


stand_in(
    "phone",
    "phone",
    (
        Action("dial", phrase("Call it"), Phone.dial, phrase("keys; a comma waits")),
        Action("keys", phrase("Press keys"), Phone.keys, phrase("keys")),
        Action("walk", phrase("Hear every prompt"), Phone.walk),
        Action("by-name", phrase("Assign by name"), Phone.assign_by_name),
        Action("missing", phrase("What is missing"), Phone.missing),
        Action("line", phrase("Set the line"), Phone.line, phrase("loss 2%, burst 3, jitter 20, buffer 60")),
        Action("record", phrase("Record over it"), Phone.record, phrase("a name, and ulaw, alaw, sln or gsm")),
        Action("hang-up", phrase("Hang up"), Phone.hang_up),
    ),
)(Phone)
