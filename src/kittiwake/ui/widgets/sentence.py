"""What a signal carries that is told to people."""

from __future__ import annotations

#: As a string of Qt's a text would lose what it was put together from (``words.Said``), and with it every language but English.
Sentence = object
