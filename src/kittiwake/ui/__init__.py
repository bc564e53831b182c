"""The window. Qt lives only here: views over the core, commands on an undo stack."""
