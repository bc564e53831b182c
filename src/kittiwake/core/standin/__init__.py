"""Small simulated outside things that ship with the application: receivers, and a loudspeaker."""

from .beacon import Beacon, Held, Refusal

__all__ = ["Beacon", "Held", "Refusal"]
