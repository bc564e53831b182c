"""Formats by families of codecs, one file each; a file put here is found by itself."""
