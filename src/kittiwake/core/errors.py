"""Errors that a person can act on: one sentence that says what is wrong, one that says what to do."""

from __future__ import annotations

from ..words import joined, phrase


class KittiwakeError(Exception):
    """Something went wrong that the user should read.

    Parameters
    ----------
    message : what is wrong, one sentence.
    remedy : what to do about it, one sentence; may be empty.
    code : a short stable word for programs, such as ``"not_sound"``.
    """

    def __init__(self, message: str, remedy: str = "", code: str = "error") -> None:
        super().__init__(message)
        self.message = message
        self.remedy = remedy
        self.code = code

    def __str__(self) -> str:
        return joined(part for part in (self.message, self.remedy) if part)


class IntakeError(KittiwakeError):
    """A source cannot be opened or read."""


class RulesError(KittiwakeError):
    """A receiver's description is wrong."""


class JobError(KittiwakeError):
    """A job file cannot be opened or saved."""


class MakeError(KittiwakeError):
    """An output could not be made."""


class Cancelled(KittiwakeError):  # noqa: N818 - an order, not an error
    """The user asked to stop."""

    def __init__(self) -> None:
        super().__init__(phrase("Stopped before it was done."), phrase("Make it again when you like."), "cancelled")


def reason_of(error: OSError) -> str:
    """The system's own words for an error, without its number: ``"Permission denied"``."""
    return error.strerror or str(error)
