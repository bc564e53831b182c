"""What a service heard of each clip, and what codecs cost it."""
