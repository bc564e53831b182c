"""Folders that are watched: what arrives whole in one is made for its receivers, once."""

from .loop import Arrived, Watch
from .request import WatchedFolder, keep_wishes, wishes, wishes_path

__all__ = ["Arrived", "Watch", "WatchedFolder", "keep_wishes", "wishes", "wishes_path"]
