"""What headerless files might be."""

from __future__ import annotations

import soundfile
import soxr

from kittiwake.core.codec import FORMATS
from kittiwake.core.measure.guess import guess
from tests.sounds import DEMO, FolderCase, noise

HERE = {key: form for key, form in FORMATS.items() if form.is_there()}


class TestGuess(FolderCase):
    def test_the_first_guess_is_right_for_real_speech(self) -> None:
        right = tried = 0
        for name in ("Ticket to Skerrow.wav", "Welcome.wav", "Safety notice.ogg", "Opening hours.flac"):
            x, own = soundfile.read(str(DEMO / name), dtype="float32")
            for (container, encoding), form in HERE.items():
                if (
                    container == "raw" and encoding != "g729"
                ):  # its frames carry no marks: only a name could speak for it
                    rate = form.nearest_rate(8000)
                    path = self.folder / f"mystery{tried}"
                    writer = form.open(path, rate, 1, dither="none")
                    writer.write(soxr.resample(x, own, rate)[:, None])
                    writer.close()
                    found = guess(path)
                    right += found[0].stated.encoding == encoding
                    tried += 1
                    self.assertIn(encoding, [one.stated.encoding for one in found[:3]], (name, encoding))
        self.assertGreater(right / tried, 0.95)

    def test_noise_is_not_taken_for_a_voice_codec(self) -> None:
        # Codecs that model the voice make a voice of any bytes; only the marks in their frames may speak for them.
        path = self.folder / "noise"
        path.write_bytes((noise(8000, 2, -6) * 32768).astype("<i2").tobytes())
        self.assertFalse({"gsm", "amr_nb", "g723_1", "g729"} & {one.stated.encoding for one in guess(path)})

    def test_the_name_of_the_file_counts(self) -> None:
        path = self.folder / "x.vox"
        path.write_bytes(bytes(4000))
        self.assertIn("often that", next(one for one in guess(path) if one.stated.encoding == "oki_adpcm").evidence)
