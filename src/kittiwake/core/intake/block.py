"""The size in which sound moves through the house."""

#: Frames in a block. At 48 kHz stereo this is 1.4 s and 512 KiB.
BLOCK = 65_536


class FromTheStart:
    """Of readers that decode from the first frame on, always."""

    def skip_to(self, frame: int) -> int:
        """As ``Reader.skip_to``."""
        return 0
