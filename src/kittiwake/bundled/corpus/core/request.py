"""What is wanted of a corpus."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import field
from typing import Literal

from ....core.model import Receiver
from ....plain_data import dataclass
from .rules import Rule


@dataclass(frozen=True)
class CorpusRequest:
    """Attributes
    ----------
    receiver : what every file is to be.
    drop, flag : rules; a clip that breaks one is left out, or said to.
    doubles : whether clips that repeat another are left out, said to, or left alone.
    shares : of each side, by name; they make 1.
    seed : decides who goes first.
    balance : what the sides are to be alike in, beside length: ``language`` and traits.
    sides : of speakers, as somebody wants them; those of an earlier run go before.
    shard_bytes : largest TAR file; 0 for folders.
    parquet : whether the manifest is written as Parquet too.
    loose : whether clips that went into archives stay beside them as files, from which the next run goes on.
    gone : whether recordings whose folder is gone or empty are meant to be none any more.
    """

    receiver: Receiver
    drop: tuple[Rule, ...] = ()
    flag: tuple[Rule, ...] = ()
    doubles: Literal["drop", "flag", "keep"] = "flag"
    shares: Mapping[str, float] = field(default_factory=lambda: {"train": 0.8, "dev": 0.1, "test": 0.1})
    seed: str = "1"
    balance: tuple[str, ...] = ("language",)
    sides: Mapping[str, str] = field(default_factory=dict)
    shard_bytes: int = 0
    parquet: bool = False
    gone: bool = False
    loose: bool = True
