"""Small simulated outside things that ship with the application: receivers, and a loudspeaker."""

from .beacon import Beacon, Held, Refusal
from .loudspeaker import SilentLoudspeaker
from .track import Track

__all__ = ["Beacon", "Held", "Refusal", "SilentLoudspeaker", "Track"]
