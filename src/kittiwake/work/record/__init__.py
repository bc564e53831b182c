"""Recording: what comes from a microphone goes to the disk as it comes, is listened to for its end, and checked."""

from .check import TakeCheck, check_take
from .endpoint import Endpoint
from .meter import Meter
from .take import TakeWriter

__all__ = ["Endpoint", "Meter", "TakeCheck", "TakeWriter", "check_take"]
