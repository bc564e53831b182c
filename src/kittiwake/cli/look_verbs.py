"""Verbs that only look: facts, fit, proof, compare."""

from __future__ import annotations

import sys
from pathlib import Path
from typing import Any

import click

from ..words import phrase, tr
from . import common
from .common import Found, complain, emit, leave, look, say, verb


@verb(
    "facts",
    "Say what sound files are and what they hold.",
    "facts recordings/",
    "facts --json --headerless ulaw@8000 prompts/",
)
@common.headerless
@common.stream_option
@common.as_json
@common.paths_argument
def facts_verb(paths: tuple[Path, ...], stated: Any, stream: int | None, as_json: bool) -> None:
    from ..core.fit.suspicion import Voiceprint
    from .suspected import say_suspicions
    from .words import facts_in_words

    found = Found(paths, everything=stated is not None)
    good = found.whole
    folders: dict[Path, list[Voiceprint]] = {}
    for facts in look(found, stated, stream, pitch=True):
        good &= facts.ok
        if voice := Voiceprint.of(facts):
            folders.setdefault(facts.path.parent, []).append(voice)
        if as_json:
            emit(facts.to_dict())
        else:
            say(facts_in_words(facts))
    say_suspicions(folders, emit if as_json else None)
    leave(good)


@verb(
    "fit",
    "Say how files fit a receiver, and what would be done to them.",
    "fit --for phone-menu recordings/",
    "fit --for quay-beacon --remedy trim_and_speed_up notice.ogg",
    more=phrase(
        "Verdicts: as is, will convert, decide (a remedy has to be chosen, its code stands in brackets), cannot."
    ),
)
@common.for_receivers
@common.headerless
@common.stream_option
@common.true_rate_option
@common.remedy_option
@common.strict_option
@common.as_json
@common.paths_argument
def fit_verb(
    paths: tuple[Path, ...],
    receivers: tuple[Any, ...],
    stated: Any,
    stream: int | None,
    true_rate: int | None,
    remedies: Any,
    strict: bool,
    as_json: bool,
) -> None:
    from ..core.fit.suspicion import Voiceprint
    from .suspected import say_suspicions
    from .words import fit_in_words

    found = Found(paths, everything=stated is not None)
    good, verdicts = found.whole, set()
    folders: dict[Path, list[Any]] = {}
    doubted = true_rate is None and "accept_false_rate" not in remedies
    for facts in look(found, stated, stream, remedies=remedies, pitch=doubted):
        if doubted and (voice := Voiceprint.of(facts)):
            folders.setdefault(facts.path.parent, []).append(voice)
        for receiver in receivers:
            _, fit = common.planned(facts, receiver, true_rate, remedies)
            if not common.is_good(fit, strict):
                good = False
                verdicts.add(fit.verdict)
            if as_json:
                emit({"path": str(facts.path), "receiver": receiver.slug, **fit.to_dict()})
            else:
                say(fit_in_words(facts.path, receiver, fit))
    suspected = say_suspicions(folders, emit if as_json else None)
    if suspected and strict:
        good = False
        verdicts.add("warning")
    leave(good, undecided=verdicts == {"decide"} and found.whole)


@verb("proof", "Check any files against a receiver.", "proof --for phone-menu out/")
@common.for_receivers
@common.as_json
@common.paths_argument
def proof_verb(paths: tuple[Path, ...], receivers: tuple[Any, ...], as_json: bool) -> None:
    from ..core.batch.each import prove_files
    from ..core.intake import PassedOver, find_sound_files
    from .words import proof_in_words

    headerless = any(accepted.container == "raw" for receiver in receivers for accepted in receiver.rules.accepts)
    passed, good, any_found = PassedOver(), True, False
    # Outputs too, whoever made them: they are what is to be proved.
    outputs = find_sound_files(list(paths), everything=headerless, passed=passed)
    for path, proofs in prove_files(outputs, receivers):
        any_found = True
        for receiver, proof in zip(receivers, proofs, strict=True):
            good &= proof.passed
            if as_json:
                emit({"path": str(path), "receiver": receiver.slug, **proof.to_dict()})
            else:
                say(proof_in_words(path, receiver, proof))
    if str(passed):
        say(str(passed), err=True)
    if not any_found:
        say(tr("No sound was found there."), err=True)
    leave(good and any_found and not passed.unreadable)


@verb(
    "compare",
    "Size, rate, signal to distortion and intelligibility of the clip in every codec.",
    "compare welcome.wav",
)
@common.headerless
@common.stream_option
@common.as_json
@click.argument("file", type=common.GivenPath(path_type=Path, readable=False))
def compare_verb(file: Path, stated: Any, stream: int | None, as_json: bool) -> None:
    import tempfile

    from ..core.errors import KittiwakeError
    from ..core.make.compare import compare
    from ..core.measure.analyze import analyze_as_stated
    from ..core.model import Clip
    from .words import COMPARISON_HEAD, comparison_in_words

    facts = analyze_as_stated(file.absolute(), stated, stream)
    if not facts.ok:
        complain(facts.error, as_json, path=str(file))
        sys.exit(1)
    with tempfile.TemporaryDirectory(prefix="kittiwake-compare-") as folder:
        if not as_json:
            say(COMPARISON_HEAD)
        try:
            for found in compare(Clip.whole(facts.path), facts, Path(folder)):
                if as_json:
                    emit({"path": str(facts.path), **found.to_dict()})
                else:
                    say(comparison_in_words(found))
        except KittiwakeError as error:
            complain(error, as_json, path=str(file))
            sys.exit(1)
    leave(True)
