"""Takes out of a folder of Python packages what the application never loads: ``python packaging/prune.py FOLDER``.

Of Qt only the modules that are imported stay, with the plugins of a desktop and whatever these need; and tests, headers and tools of all packages go.
"""

from __future__ import annotations

import re
import shutil
import subprocess
import sys
from pathlib import Path

#: Modules of Qt that the application imports, or that those import.
MODULES = ("QtCore", "QtGui", "QtWidgets", "QtMultimedia", "QtNetwork", "QtSvg", "QtTest")
PLUGINS = (
    "egldeviceintegrations", "iconengines", "imageformats", "multimedia", "platforminputcontexts", "platforms", "platformthemes",
    "wayland-decoration-client", "wayland-graphics-integration-client", "wayland-shell-integration", "xcbglintegrations",
)  # fmt: skip
#: Plugins that only other systems, or no desktop, would use; the last would want GTK.
NOT = ("libqvnc", "libqlinuxfb", "libqvkkhrdisplay", "libqeglfs", "libqminimalegl", "libqpdf", "libqgtk3", "libqtvirtualkeyboard",
       "libvulkan-server", "libdrm-egl-server", "libdmabuf-server", "libshm-emulation-server", "libivi-shell", "libfullscreen-shell", "libwl-shell", "libqt-shell")  # fmt: skip
TRANSLATIONS = re.compile(r"qt(base)?_(de|fr)\.qm")


def needed_by(library: Path) -> list[str]:
    """Names of the libraries that one needs, as its dynamic section says."""
    told = subprocess.run(["objdump", "-p", library], capture_output=True, text=True, check=False).stdout
    return re.findall(r"NEEDED\s+(\S+)", told)


def prune_qt(qt: Path) -> None:
    for module in qt.glob("*.abi3.so"):
        if module.name.split(".")[0] not in MODULES:
            module.unlink()
    for stub in (*qt.glob("*.pyi"), *(one for one in qt.iterdir() if one.is_file() and one.suffix == "")):
        stub.unlink()  # descriptions for editors, and tools
    for folder in ("qml", "metatypes", "libexec", "resources", "modules"):
        shutil.rmtree(qt / "Qt" / folder, ignore_errors=True)
    for folder in ("glue", "include", "typesystems", "scripts", "doc", "QtAsyncio", "support/deprecated"):
        shutil.rmtree(qt / folder, ignore_errors=True)
    for one in (qt / "Qt/translations").glob("*"):
        if not TRANSLATIONS.fullmatch(one.name):
            shutil.rmtree(one) if one.is_dir() else one.unlink()
    plugins = qt / "Qt/plugins"
    for folder in plugins.iterdir():
        if folder.name not in PLUGINS:
            shutil.rmtree(folder)
    for plugin in plugins.rglob("*.so"):
        if plugin.name.startswith(NOT):
            plugin.unlink()
    keep_what_is_needed(qt)


def keep_what_is_needed(qt: Path) -> None:
    """Of the libraries beside the modules, only those that a module or a plugin asks for, directly or not."""
    here = {
        library.name: library for library in (*(qt / "Qt/lib").glob("*.so*"), *qt.glob("*.so*")) if library.is_file()
    }
    roots = [*qt.glob("*.abi3.so"), *(qt / "Qt/plugins").rglob("*.so")]
    wanted, left = {library.name for library in roots}, list(roots)
    while left:
        for name in needed_by(left.pop()):
            if name in here and name not in wanted:
                wanted.add(name)
                left.append(here[name])
    for name, library in here.items():
        if name not in wanted:
            library.unlink()


def prune_others(top: Path) -> None:
    for folder in list(top.rglob("tests")) + list(top.rglob("testing")):
        # Some import their own at the start.
        if folder.is_dir() and "PySide6" not in folder.parts and folder.parent.name not in ("numpy", "_private"):
            shutil.rmtree(folder)
    for pattern in (
        "**/*.a",
        "**/*.pyi",
        "**/*.pyx",
        "**/*.pxd",
        "**/*.h",
        "**/*.hpp",
        "numpy/_core/include",
        "numpy/f2py",
    ):
        for one in top.glob(pattern):
            if one.name == "f2py" or "shiboken6" in one.parts:
                continue
            shutil.rmtree(one) if one.is_dir() else one.unlink()


def main(top: Path) -> None:
    prune_qt(top / "PySide6")
    prune_others(top)


if __name__ == "__main__":
    main(Path(sys.argv[1]))
