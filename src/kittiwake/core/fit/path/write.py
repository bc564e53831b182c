"""What is written: the encoding, cue points, the file."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...model.rule import Blank
from ...model.units import format_bytes, format_hz, format_kind
from ..verdict import Recipe, Step
from .stage import Described, Stage


def _encode(recipe: Recipe, seen: Described) -> Iterator[Step]:
    form, name = recipe.format, seen.receiver.name
    if form.encoding in ("ulaw", "alaw"):
        law = format_kind("", form.encoding).strip(", ")
        yield Step(
            phrase("Encode as {law}, nearest code", law=law),
            phrase("{name} takes {law}; its 256 steps grow with the level", name=name, law=law),
        )
    elif form.depth is None:
        yield Step(phrase("Encode as {name}", name=form.name), _why_codec(recipe, name))
    elif recipe.dither == "always" or (recipe.dither == "if_scaled" and seen.gain):
        kind = "noise-shaped" if recipe.dither_kind == "shaped" else "TPDF"
        why = (
            phrase("finer steps than that arise on the way")
            if recipe.dither == "always"
            else phrase("the gain makes finer steps")
        )
        yield Step(phrase("Round to {depth} bits with {kind} dither", depth=form.depth, kind=kind), why)


def _why_codec(recipe: Recipe, name: str) -> str:
    form = recipe.format
    parts = [phrase("{name} takes it", name=name)]
    if recipe.bit_rate:
        parts.append(
            phrase(
                "{about}{bit_rate:g} kbit/s",
                about=phrase("about ") if recipe.variable else "",
                bit_rate=recipe.bit_rate / 1000,
            )
        )
    if form.delay:
        parts.append(phrase("it comes out {delay:.1f} ms later", delay=1000 * form.delay / recipe.rate_out))
    if recipe.decoded_frames != recipe.frames_out:
        more = recipe.decoded_frames - recipe.frames_out
        parts.append(phrase("the last {filled:.0f} ms fill up its last frame", filled=1000 * more / recipe.rate_out))
    return joined(parts, ", ")


def _cues(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if recipe.cues:
        many = phrase("{count} cue points", count=len(recipe.cues)) if len(recipe.cues) > 1 else phrase("a cue point")
        names = joined((cue.name for cue in recipe.cues[:3]), ", ") + (" …" if len(recipe.cues) > 3 else "")
        yield Step(
            phrase("Write {many} with name and length", many=many),
            phrase("{name} asks for spans in the file: {names}", name=seen.receiver.name, names=names),
        )


def _file(recipe: Recipe, seen: Described) -> Iterator[Step]:
    exact = recipe.exact_size
    size = (
        phrase("exactly {exact}", exact=format_bytes(exact))
        if exact
        else phrase("about {size}", size=format_bytes(recipe.size))
    )
    sides = phrase("mono") if recipe.channels == 1 else phrase("stereo")
    what = phrase(
        "Write {name}, {rate_out}, {sides}", name=recipe.format.name, rate_out=format_hz(recipe.rate_out), sides=sides
    )
    yield Step(what, phrase("{size}, {seconds:.3f} s", size=size, seconds=recipe.seconds))


def _name(recipe: Recipe, seen: Described) -> Iterator[Step]:
    if seen.renamed:
        names = seen.receiver.rules.names
        file = f"{seen.renamed}{names.extension_for(recipe.format.extension)}"
        yield Step(
            phrase("Call it {file}", file=file),
            phrase(
                "{name} takes names of at most {max_length} of [{allowed}]",
                name=seen.receiver.name,
                max_length=names.max_length,
                allowed=names.allowed,
            ),
        )


_DITHER = (("tpdf", "TPDF"), ("shaped", phrase("noise-shaped")), ("none", phrase("none")))
ENCODE = Stage(
    _encode,
    blanks=(Blank(phrase("Where depth falls, dither is"), ("treatment", "dither"), choices=_DITHER),),
    place=110,
)
CUES = Stage(_cues)
FILE = Stage(_file)
NAME = Stage(_name)
