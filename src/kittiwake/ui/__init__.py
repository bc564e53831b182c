"""The window. Qt lives only here: views over the core, commands on an undo stack.

What is loaded here is loaded as fast as it can be, since somebody waits for a window meanwhile.
"""

import builtins
import gc

# Loading makes many objects and drops none: going through them all, again and again, took a tenth of the start. ``ui.shell.start.make_app`` says
# how often it is done from then on.
gc.set_threshold(2_000_000, 4, 1_000)

# Qt's Python takes the place of the function that imports, for names in another spelling (``__feature__``), and reads the source of every module
# that is loaded from then on to see whether it uses Qt. Nothing here uses those names; reading took a seventh of the start.
_import = builtins.__import__
import PySide6.QtCore  # noqa: E402, F401

builtins.__import__ = _import
