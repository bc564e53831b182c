"""Wishes, forms, settings, names, mended receivers and learned ones by the hundred, held as tables."""

from __future__ import annotations

import dataclasses
from pathlib import Path
from typing import Any

from kittiwake.core.fit import (
    check_receiver,
    legal_name,
    numbered_name,
    output_name,
    unique_names,
)
from kittiwake.core.fit.learned import learn
from kittiwake.core.fit.names import bare_name
from kittiwake.core.fit.one_off import form_called, receiver_of_form, with_settings
from kittiwake.core.fit.receiver_query import receiver_of_wish
from kittiwake.core.fit.repair import repaired
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.model.receiver import Accepts
from kittiwake.core.model.receiver_file import to_toml
from tests.approved import approve, or_error
from tests.sounds import DEMO, FolderCase, looked_at
from tests.variety import written


class TestWords(FolderCase):
    def test_wishes(self) -> None:
        wishes = ("mp3", "wav 44.1k mono -20 lufs", "mp3 192k stereo fade 2 s", "ulaw 8k < 56 kB < 3 s", "wav/alaw 8 kHz mono", "flac 24 bit 48k stereo", "opus 24 kbit/s 16k", "wav 8 bit 11025",
            "m4a 64k vbr", "wav -26 dbov limiter 6", "wav -1 dbtp -16 lufs", "wav -3 dbfs", "aiff 96k 24-bit", "mp3 vbr 128", "wav fade in 0.5 s fade out 1,5 s", "wav telephone band 8000", "g722", "gsm 8k", "wav 300k",
            "mp3 8k", "mp3 44.1k 192k", "mp3 24k 44.1k", "wav 12 parsecs", "", "stereo", "raw/ulaw max 2 s", "wav under 200 kb", "ogg 44100 stereo", "wav 16 bit −19 lufs", "sphere 16k", "amr", "wav 7 bit")  # fmt: skip
        found = {text: or_error(lambda text: to_toml(receiver_of_wish(text)), text) for text in wishes}
        names = (
            "mp3",
            "MP3",
            ".flac",
            "wav/ulaw",
            "wav/",
            "mp4",
            "aac",
            "vorbis",
            "waw",
            "wave/pcm",
            "zzz",
            "gsm",
            "pcm_s24",
        )
        found |= {f"form {name}": or_error(lambda name: form_called(name).key, name) for name in names}
        for given in (
            {"rate": 44_100},
            {"rate": 44_100, "channels": 2, "bit_rate": 192_000},
            {"rate": 7000},
            {"bit_rate": 9},
            {"variable": True},
            {"channels": 1},
        ):
            for name in ("mp3", "wav/ulaw", "opus"):
                found[f"{name} {given}"] = or_error(
                    lambda name, given: to_toml(receiver_of_form(name, **given)), name, given
                )
        for setting in (
            "max_secs=3",
            "limits.max_seconds=x",
            "max_seconds",
            "level=3",
            "rules.limits.max_seconds=2",
            "treatment.level.measure=loud",
            "target_lufs=-20",
            "seconds=2",
            "delivery.form=zip",
            "standin=beacon",
            "names.case=lower",
            "dither=tpdf",
        ):
            found[f"set {setting}"] = or_error(
                lambda setting: to_toml(with_settings(load_receiver("phone-menu"), (setting,))), setting
            )
        approve(self, "wishes", found)

    def test_names(self) -> None:
        words = (
            "Welcome",
            "Ship's bell",
            "Départ à quinze heures",
            "ようこそ",
            "",
            "...",
            "CON",
            "a" * 90,
            "a/b\\c",
            "Straße № 5",
            "emoji 🛳 on board",
            "--x",
            "e\u0301",
            " spaced  out ",
            "tab\tnew\nline",
            "Ⅷ ½ ﬁn",
            "x.wav",
        )
        found: dict[str, Any] = {}
        for slug in ("phone-menu", "paging-controller", "quay-beacon", "hand-over", "speech-engine"):
            rules = load_receiver(slug).rules.names
            made = [or_error(legal_name, word, rules) for word in words]
            found[slug] = [
                made,
                unique_names([*made, *made[:3]], rules, ["Welcome.wav"]),
                [numbered_name(f"{one}.wav", one, (".wav",), rules) for one in made[:6]],
            ]
        rules = load_receiver("corpus").rules.names
        for pattern in ("{name}", "{speaker}_{counter:04}", "{id}-{language}-{kind}", "{counter}"):
            clip = Clip(Path("/in/a.wav"), "Ship's bell", id="abc", speaker="Ann B", language="en", kind="alert")
            found[pattern] = [or_error(output_name, clip, n, rules.changed(pattern=pattern)) for n in (1, 12, 12_345)]
        found["bare"] = [
            or_error(bare_name, one)
            for one in ("a.wav", "../a.wav", "a/b.wav", ".", "..", "", "a\0b", "-x", "c:d", "x" * 300)
        ]
        approve(self, "names", found)

    def test_repairs(self) -> None:
        found = {}
        menu = load_receiver("phone-menu")
        for n, accepts in enumerate((
            Accepts(container="wav", encoding="gsm", sample_rates=(11_025,)), Accepts(container="mp3", encoding="mp3", sample_rates=(44_100,), bit_rate=191_000), Accepts(container="mp3", encoding="mp3", sample_rates=(8000, 44_100), bit_rate=320_000),
            Accepts(container="wav", encoding="ulaw", sample_rates=(8000,), bit_rate=64_000), Accepts(container="ogg", encoding="opus", max_sample_rate=44_100, bit_rate=1), Accepts(container="raw", encoding="g722", sample_rates=(8000,)), Accepts(container="amr", encoding="amr_nb", sample_rates=(8000,), bit_rate=12_000),
            Accepts(container="wav", encoding="nothing", sample_rates=(8000,)), Accepts(container="wav", encoding="pcm_s16", sample_rates=(8000,), variable=True), Accepts(container="mp3", encoding="mp3", max_sample_rate=7000), Accepts(container="flac", encoding="pcm_s24", sample_rates=(700_000, 48_000)),
        )):  # fmt: skip
            for channels in (1, 2):
                receiver = menu.changed(rules=menu.rules.changed(accepts=(accepts,), channels=channels))
                better = repaired(receiver)
                found[f"{n} {channels}"] = [
                    check_receiver(receiver),
                    [to_toml(better[0]), better[1]] if better else None,
                ]
        approve(self, "repairs", found)

    def test_learned(self) -> None:
        found: dict[str, Any] = {}
        known = {name: analyze(path) for name, path in written(self.folder)}
        groups = {
            "voices": ("voice 8", "voice 8", "voice 8"), "mixed": ("voice 8", "voice 16", "bursts 16", "voice 44"), "coded": ("voice 48 µ-law",), "stereo": ("same sides", "later right", "inverted"), "wide": ("four", "voice 16"),
            "soft": ("soft", "air", "narrow"), "nothing": (),
        }  # fmt: skip
        for group, names in groups.items():
            for style in ("{} one.wav", "prompt_{:03}.WAV", "PROMPT{}.wav", "é{}.wav"):
                sample = [
                    dataclasses.replace(known[name], path=Path("/in") / style.format(n))
                    for n, name in enumerate(names)
                ]
                got = or_error(learn, sample, "Learned", "learned")
                found[f"{group} {style}"] = (
                    got
                    if isinstance(got, str)
                    else [to_toml(got.receiver), [dataclasses.astuple(one) for one in got.evidence]]
                )
        demo = [dataclasses.replace(looked_at(path), path=Path("/in") / path.name) for path in sorted(DEMO.iterdir())]
        got = learn(demo, "Demo", "demo")
        found["demo"] = [to_toml(got.receiver), [dataclasses.astuple(one) for one in got.evidence]]
        approve(self, "learned", found)
