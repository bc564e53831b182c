"""Small simulated outside things that ship with the application: machines that files are tried on, a loudspeaker, a microphone."""

from .loudspeaker import SilentLoudspeaker
from .machine import Held, Machine, Refusal

__all__ = ["Held", "Machine", "Refusal", "SilentLoudspeaker"]
