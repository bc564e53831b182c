"""For which loudspeaker each channel of a file is."""

from __future__ import annotations

from pathlib import Path

from ..model.downmix import known_speakers

#: Orders of Vorbis I (4.3.9) and of Opus in Ogg (RFC 7845, 5.1.1.2), which libsndfile leaves as they are.
_OGG: dict[int, tuple[str, ...]] = {
    3: ("FL", "FC", "FR"),
    4: ("FL", "FR", "BL", "BR"),
    5: ("FL", "FC", "FR", "BL", "BR"),
    6: ("FL", "FC", "FR", "BL", "BR", "LFE"),
    7: ("FL", "FC", "FR", "SL", "SR", "BC", "LFE"),
    8: ("FL", "FC", "FR", "SL", "SR", "BL", "BR", "LFE"),
}


def speakers_in(path: Path, container: str, channels: int) -> tuple[str, ...]:
    """What a file that libsndfile opened states (the channel mask of WAVE_FORMAT_EXTENSIBLE, the layout of CAF, the comment of FLAC); empty where
    that is the usual, or nothing.
    """
    if channels <= 2:
        return ()
    if container == "ogg":
        return known_speakers(_OGG.get(channels, ()), channels)
    import av  # here, since few files have so many channels and loading it takes a while

    try:
        with av.open(str(path)) as file:
            return speakers_of(file.streams.audio[0])
    except (OSError, ValueError, IndexError):  # what libav cannot open states nothing
        return ()


def speakers_of(stream: object) -> tuple[str, ...]:
    """The same of an audio stream of libav."""
    context = stream.codec_context  # type: ignore[attr-defined]
    return known_speakers(tuple(one.name for one in context.layout.channels), int(context.channels))
