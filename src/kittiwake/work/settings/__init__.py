"""Settings of one person on one machine: each described once, kept as a TOML file that explains itself."""

from .setting import SECTIONS, Setting, Value, known_settings, register, setting_of
from .store import Settings, default_path

__all__ = [
    "SECTIONS",
    "Setting",
    "Settings",
    "Value",
    "default_path",
    "known_settings",
    "register",
    "setting_of",
]
