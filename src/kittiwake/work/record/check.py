"""Whether a take can be used: where somebody speaks in it, and what is wrong with it."""

from __future__ import annotations

from pathlib import Path

from ...core.measure import analyze
from ...core.model import Facts, Measures, Note
from ...plain_data import dataclass
from ...words import phrase
from ..cut.activity import activity_of
from ..cut.find import Find, find_speech

_QUIET = -42.0  # dBov; softer than that a take has to be brought up so far that the room comes with it
_NOISY = 20.0  # dB between room and speech, that there should be
_CUT_OFF = 0.03  # s
#: Code of the note of a take that ended before anybody ended it.
BROKEN = "broken_off"


@dataclass(frozen=True, slots=True)
class TakeCheck:
    """What was found of a take.

    Attributes
    ----------
    start, stop : frames, from the first word to the last, with air; all of it where nobody speaks.
    notes : what is wrong with it; empty where it can be used as it is.
    """

    facts: Facts
    start: int
    stop: int
    notes: tuple[Note, ...]

    @property
    def whole(self) -> bool:
        """Whether it is all that was said: what broke off stands for no message."""
        return all(note.code != BROKEN for note in self.notes)

    @property
    def good(self) -> bool:
        return not self.notes


def check_take(path: Path, room_dbfs: float | None = None, *, broken: bool = False) -> TakeCheck:
    """Look at a take. Never raises for what is in the file.

    Parameters
    ----------
    room_dbfs : the noise of the room, where it was measured before.
    broken : whether it ended before anybody ended it: the disk was full, the microphone gone.
    """
    facts = analyze(path)
    if not facts.ok or facts.measures is None or facts.header is None:
        why = str(facts.error) if facts.error else phrase("There is nothing in it.")
        return TakeCheck(facts, 0, 0, (Note("unreadable", why, phrase("Say it again.")),))
    rate, total = facts.header.sample_rate, facts.measures.frames
    found = find_speech(activity_of(path), Find(pause=3.0, shortest=0.1))
    notes = []
    if not found.speech:
        notes.append(Note("nobody", phrase("Nobody is heard in it."), phrase("Is the microphone on? Say it again.")))
        return TakeCheck(facts, 0, total, tuple(notes))
    start, stop = found.speech[0][0], found.speech[-1][1]
    room = found.room_dbfs if room_dbfs is None else room_dbfs
    notes = _of_level(facts.measures)
    edge = _CUT_OFF * rate
    if start <= edge or stop >= total - edge:
        begins = phrase("It begins before the recording does.")
        sentence = begins if start <= edge else phrase("It was still going on when it was stopped.")
        notes.append(Note("cut_off", sentence, phrase("Wait a moment before and after, and say it again.")))
    softer = facts.measures.level.active_dbov - room
    if softer < _NOISY:
        sentence = phrase("The room is only {level:.0f} dB softer than the voice.", level=softer)
        notes.append(Note("noisy", sentence, phrase("Close the window, switch off what hums, or come nearer.")))
    if broken:
        notes.insert(
            0, Note(BROKEN, phrase("It broke off before it was ended."), phrase("It stays on disk. Say it again."))
        )
    return TakeCheck(facts, start, stop, tuple(notes))


def _of_level(measures: Measures) -> list[Note]:
    """What is to be said of how loud a take is."""
    level = measures.level.active_dbov
    notes: list[Note] = []
    if measures.clipped_samples:
        notes.append(
            Note(
                "clipped",
                phrase(
                    "It is clipped: {clipped_samples} samples at full scale.",
                    "It is clipped: {clipped_samples} sample at full scale.",
                    measures.clipped_samples,
                    clipped_samples=measures.clipped_samples,
                ),
                phrase("Turn the microphone down or move away from it, and say it again."),
            )
        )
    if level < _QUIET:
        notes.append(
            Note(
                "quiet",
                phrase("It is very soft, {level:.0f} dBov.", level=level).replace("-", "−"),
                phrase("Come nearer, and say it again."),
            )
        )
    return notes
