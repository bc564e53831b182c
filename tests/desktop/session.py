"""The desktop itself, and one application on it, seen from outside: by its windows, its files and what it says to readers of screens."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

from .tree import Tree

PROGRAM = (sys.executable, "-m", "kittiwake.cli")


class Desktop:
    """Starts with ``Desktop()``, ends with ``close``.

    Attributes
    ----------
    environment : what every program on it is started with: folders of its own, no settings of the machine.
    """

    def __init__(self, size: str = "1280x800") -> None:
        self._folder = tempfile.TemporaryDirectory(prefix="kittiwake-desktop-")
        self.home = Path(self._folder.name)
        self._running: list[subprocess.Popen[Any]] = []
        kept = {
            key: value
            for key, value in os.environ.items()
            if key not in ("QT_QPA_PLATFORM", "WAYLAND_DISPLAY", "DISPLAY")
        }
        self.environment = kept | {
            "HOME": str(self.home),
            "XDG_RUNTIME_DIR": str(self._made("run")),
            **{f"XDG_{kind}_HOME": str(self._made(kind.lower())) for kind in ("CONFIG", "STATE", "DATA", "CACHE")},
            "XDG_CURRENT_DESKTOP": "Test",
            "QT_LINUX_ACCESSIBILITY_ALWAYS_ON": "1",
            "NO_AT_BRIDGE": "0",
            "LC_ALL": "C.UTF-8",
        }
        self.environment["DISPLAY"] = f":{self._display(size)}"
        self.environment["DBUS_SESSION_BUS_ADDRESS"] = self._bus()
        self.start("openbox", "--sm-disable")

    def _made(self, name: str) -> Path:
        folder = self.home / name
        folder.mkdir(mode=0o700)
        return folder

    def _display(self, size: str) -> str:
        read, write = os.pipe()
        process = subprocess.Popen(
            ["Xvfb", "-displayfd", str(write), "-screen", "0", f"{size}x24", "-nolisten", "tcp", "-noreset"],
            pass_fds=(write,), stderr=subprocess.DEVNULL,
        )  # fmt: skip
        self._running.append(process)
        os.close(write)
        with os.fdopen(read) as reported:
            return reported.readline().strip()

    def _bus(self) -> str:
        process = subprocess.Popen(
            ["dbus-daemon", "--session", "--nofork", "--print-address=1"],
            env=self.environment, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True,
        )  # fmt: skip
        self._running.append(process)
        assert process.stdout
        return process.stdout.readline().strip()

    def start(self, *words: str, **more: str) -> subprocess.Popen[Any]:
        """Start a program on the desktop."""
        log = (self.home / "log").open("ab")
        process = subprocess.Popen(
            words, env=self.environment | more, stdin=subprocess.DEVNULL, stdout=log, stderr=log
        )
        self._running.append(process)
        return process

    def kittiwake(self, *words: str, **more: str) -> subprocess.Popen[Any]:
        return self.start(*PROGRAM, *words, **more)

    def log(self) -> str:
        return (self.home / "log").read_text("utf-8", "replace")

    def do(self, *words: object) -> str:
        """Press keys and move the mouse as a person does; returns what xdotool says."""
        done = subprocess.run(
            ["xdotool", *map(str, words)], env=self.environment, capture_output=True, text=True, check=False
        )
        return done.stdout

    def wait_for(self, condition: Callable[[], Any], what: str, seconds: float = 40.0) -> Any:
        until = time.monotonic() + seconds
        while not (found := condition()):
            if time.monotonic() > until:
                raise AssertionError(f"this did not happen: {what}\n{self.log()[-2000:]}")
            time.sleep(0.05)
        return found

    def window(self, title: str) -> str:
        """Wait for a window with this in its title; returns its number."""
        return str(
            self.wait_for(lambda: self.do("search", "--onlyvisible", "--name", title).split(), f"a window “{title}”")[
                -1
            ]
        )

    def tree(self) -> Tree:
        """What readers of screens see."""
        return Tree(self.environment["DBUS_SESSION_BUS_ADDRESS"])

    def picture(self, path: Path) -> None:
        """What stands on the screen (for somebody who looks at a test that failed)."""
        subprocess.run(["import", "-window", "root", str(path)], env=self.environment, check=False)

    def close(self) -> None:
        for process in reversed(self._running):
            process.terminate()
        for process in reversed(self._running):
            try:
                process.wait(10)
            except subprocess.TimeoutExpired:
                process.kill()
                process.wait()
            for stream in (process.stdout, process.stderr):
                if stream:
                    stream.close()
        self._folder.cleanup()
