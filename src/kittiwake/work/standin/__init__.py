"""Small simulated outside things that ship with the application: machines that files are tried on, a loudspeaker, a microphone."""

from .loudspeaker import SilentLoudspeaker
from .machine import Machine, Refusal, StoredSound

__all__ = ["Machine", "Refusal", "SilentLoudspeaker", "StoredSound"]
