"""What codecs make of a clip, side by side."""
