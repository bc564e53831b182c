"""A blind comparison of two ways to hear something: A, B, and X, which is one of them; and how likely the answers are by guessing."""

from __future__ import annotations

import math
import random
from dataclasses import field

from ...plain_data import dataclass
from ...words import joined, phrase

ROUNDS = 10


@dataclass(slots=True)
class Blind:
    """``x`` of each round is drawn when it begins; it stays hidden until the end."""

    a: str
    b: str
    rounds: int = ROUNDS
    seed: int | None = None
    answers: list[bool] = field(default_factory=list)
    _x: list[str] = field(default_factory=list)

    def __post_init__(self) -> None:
        dice = random.Random(self.seed)
        self._x = [dice.choice((self.a, self.b)) for _ in range(self.rounds)]

    @property
    def over(self) -> bool:
        return len(self.answers) >= self.rounds

    def way(self, which: str) -> str:
        """What is to be heard as ``a``, ``b`` or ``x`` in this round."""
        return {"a": self.a, "b": self.b}.get(which) or self._x[min(len(self.answers), self.rounds - 1)]

    def answer(self, is_a: bool) -> None:
        """Say that X is A, or that it is B."""
        if not self.over:
            self.answers.append((self._x[len(self.answers)] == self.a) == is_a)

    @property
    def right(self) -> int:
        return sum(self.answers)

    @property
    def by_guessing(self) -> float:
        """How likely at least so many right answers are by guessing: the upper tail of a binomial distribution at one half."""
        count = len(self.answers)
        return sum(math.comb(count, n) for n in range(self.right, count + 1)) / 2**count if count else 1.0

    @property
    def words(self) -> str:
        sentence = phrase(
            "{right} of {count} right. By guessing that, or more, comes in {by_guessing:.1f} % of cases",
            right=self.right,
            count=len(self.answers),
            by_guessing=self.by_guessing * 100,
        )
        heard = (
            phrase("the two can be told apart")
            if self.by_guessing <= 0.05
            else phrase("that does not show that the two can be told apart")
        )
        return joined((sentence, heard), ": ") + "."
