"""The receivers that ship with the application: one TOML file each, ordered by file name."""
