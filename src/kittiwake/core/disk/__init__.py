"""How anything gets onto a disk: files whole or not at all, journals that lose nothing, folders that are private."""
