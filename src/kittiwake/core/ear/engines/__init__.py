"""Speech engines that run here, a file each; every one registers itself, and says which languages it hears."""

from ...extensions import import_all, import_door
from .engine import Ear, Engine, Transcript, Word, engine_for, engines, register

import_all(__name__, __path__)
import_door("engines")

__all__ = ["Ear", "Engine", "Transcript", "Word", "engine_for", "engines", "register"]
