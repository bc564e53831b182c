"""Whatever is registered by a key is registered once."""

from __future__ import annotations

import gc
import unittest

from kittiwake import commands
from kittiwake.core import codec, fit
from kittiwake.core.ear import engines
from kittiwake.core.registry import Registry
from kittiwake.work.deliver.form import forms
from kittiwake.work.settings import setting
from kittiwake.work.speak.engine import engines as voice_engines
from kittiwake.work.standin import machine


class RegistryTest(unittest.TestCase):
    def test_nothing_is_added_twice_to_any_registry_there_is(self) -> None:
        self.assertTrue(all((commands, codec, fit, engines, forms(), voice_engines(), setting.known_settings())))
        machine.kinds()  # what has registries is imported
        filled = [one for one in gc.get_objects() if isinstance(one, Registry) and one]
        self.assertGreaterEqual(len(filled), 8)
        for registry in filled:
            key, thing = next(iter(registry.items()))
            before = list(registry.items())
            with self.assertRaisesRegex(ValueError, "there is a .* already"):
                registry.add(key, thing)
            self.assertEqual(before, list(registry.items()))

    def test_they_stand_in_the_order_of_their_places(self) -> None:
        registry: Registry[str, float] = Registry("number", place=lambda one: one)
        for one in (3.0, 1.0, 2.0, 1.5):
            registry.add(str(one), one)
        self.assertEqual(["1.0", "1.5", "2.0", "3.0"], list(registry))

    def test_a_room_is_looked_through_when_it_is_first_asked_for(self) -> None:
        registry: Registry[str, object] = Registry("module", "kittiwake.work.deliver.forms")
        self.assertEqual({}, registry)
        self.assertIs(registry, registry.found())
        broken: Registry[str, object] = Registry("module", "kittiwake.core.no_such_room")
        for _ in range(2):  # what could not be looked through is looked through anew
            with self.assertRaises(ModuleNotFoundError):
                broken.found()


if __name__ == "__main__":
    unittest.main()
