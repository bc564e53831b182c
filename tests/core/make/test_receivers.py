"""Every receiver that ships, with real speech, from a stereo master to a proved file."""

from __future__ import annotations

import numpy as np
import soundfile

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import fit
from kittiwake.core.intake import open_sound
from kittiwake.core.make import make_output, prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, shipped_receivers
from tests.sounds import DEMO, FolderCase, db, rms


class TestShippedReceivers(FolderCase):
    def test_each_makes_a_proved_file_of_the_predicted_size_that_holds_the_speech(self) -> None:
        for name in ("Night whisper.wav", "Drill shout.wav", "Welcome.wav"):
            path = DEMO / name
            facts = analyze(path)
            for slug, receiver in shipped_receivers().items():
                with self.subTest(f"{name} for {slug}"):
                    clip = Clip.whole(path)
                    if receiver.rules.kinds:
                        asked = [p.code for p in fit(clip, facts, receiver).problems]
                        self.assertIn("no_kind", asked)
                    kind = receiver.rules.kinds[0] if receiver.rules.kinds else ""
                    clip = Clip.whole(path).changed(kind=kind)
                    found = fit(clip, facts, receiver)
                    if not found.ready:
                        self.assertIn(found.problems[0].code, ("too_large",))
                        continue
                    item = plan_outputs([(clip, facts, found)], receiver, self.folder / slug)[0]
                    made = make_output(item)
                    self.assertEqual(made.status, "made", made.error)
                    self.assertTrue(made.proof and made.proof.passed)
                    if found.predicted_exact:
                        self.assertEqual(made.bytes, found.predicted_bytes)
                    assert found.recipe and facts.measures
                    reader = open_sound(item.output, found.recipe.stated)
                    sound = np.concatenate(list(reader.blocks()))
                    reader.close()
                    length = (facts.seconds or 0) - found.recipe.loop / found.recipe.rate_out
                    self.assertAlmostEqual(len(sound) / reader.header.sample_rate, length, delta=0.07)
                    if receiver.treatment.level.measure == "active" and not made.messages:
                        out = analyze(item.output, found.recipe.stated).measures
                        assert out
                        self.assertAlmostEqual(out.level.active_dbov, -26, delta=1.0)
                    elif found.recipe.take != "both" and not made.messages:
                        self.assertAlmostEqual(db(rms(sound)), db(facts.measures.level.rms), delta=1.6)
                    # Anyone can prove it without knowing how it was made; and made anew it has the same bytes.
                    self.assertTrue(prove(item.output, receiver).passed)
                    if name == "Welcome.wav":
                        again = plan_outputs([(clip, facts, found)], receiver, self.folder / f"{slug}-again")[0]
                        self.assertEqual(make_output(again).sha256, made.sha256)

    def test_the_master_keeps_both_sides_and_the_rate(self) -> None:
        master = shipped_receivers()["master"]
        path = DEMO / "Ship's bell.wav"
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, master)
        self.assertEqual(found.verdict, "as_is")
        mono = fit(Clip.whole(DEMO / "Car deck.aiff"), analyze(DEMO / "Car deck.aiff"), master)
        self.assertEqual((mono.recipe.channels, mono.recipe.rate_out), (1, 44_100))  # type: ignore[union-attr]
        # Changed, it is made anew, still with both sides at its own rate.
        quieter = clip.changed(touch_up=clip.touch_up.changed(gain_db=-3.0))
        item = plan_outputs([(quieter, facts, fit(quieter, facts, master))], master, self.folder)[0]
        self.assertEqual(make_output(item).status, "made")
        info = soundfile.info(str(item.output))
        self.assertEqual((info.channels, info.samplerate, info.subtype), (2, 96_000, "PCM_24"))
