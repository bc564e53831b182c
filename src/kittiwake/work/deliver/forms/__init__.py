"""Forms of delivery, one file each; a file put here is found by itself."""
