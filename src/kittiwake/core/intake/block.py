"""The size in which sound moves through the house."""

#: Frames in a block. At 48 kHz stereo this is 1.4 s and 512 KiB.
BLOCK = 65_536
