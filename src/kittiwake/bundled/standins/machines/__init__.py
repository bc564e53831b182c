"""Stand-ins for machines, one file each; a file put here is found by itself."""
