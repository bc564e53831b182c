"""The application on a desktop, from outside: real windows, real keys, files, the bus, and what readers of screens are told."""

from __future__ import annotations

import json
import shutil
import subprocess
import sys
import unittest
from pathlib import Path
from typing import Any

from kittiwake.core.model.job import Job, save_job
from kittiwake.work.settings import Settings
from tests.sounds import DEMO

from .session import PROGRAM, Desktop
from .tree import Node


class DesktopCase(unittest.TestCase):
    """A desktop for each class; each test begins with nothing open."""

    desktop: Desktop

    @classmethod
    def setUpClass(cls) -> None:
        cls.desktop = Desktop()
        cls.addClassCleanup(cls.desktop.close)

    def setUp(self) -> None:
        self.folder = self.desktop.home / self.id().rpartition(".")[2]
        self.folder.mkdir()
        self.open: list[subprocess.Popen[Any]] = []
        self.tree = self.desktop.tree()
        self.addCleanup(self._end)

    def _end(self) -> None:
        self.tree.close()
        for process in self.open:
            process.terminate()
            process.wait(20)

    def start(self, *words: object, **more: str) -> subprocess.Popen[Any]:
        process = self.desktop.kittiwake(*map(str, words), **more)
        self.open.append(process)
        return process

    def see(self, name: str, role: str = "") -> Node:
        """Wait until something with this name shows to readers of screens."""
        found: Node = self.desktop.wait_for(lambda: self.tree.find(name, role), f"“{name}” shows")
        return found

    def set(self, **values: Any) -> None:
        """Settings before the start; ``look_theme`` is ``look.theme``."""
        settings = Settings(self.desktop.home / "config/kittiwake/settings.toml")
        for key, value in values.items():
            settings.set(key.replace("_", ".", 1), value)

    def keys(self, *names: str) -> None:
        self.desktop.do("key", "--delay", "60", *names)

    def wait_for(self, condition: Any, what: str) -> Any:
        return self.desktop.wait_for(condition, what)


class OneWindow(DesktopCase):
    def test_opened_with_from_outside_asked_where_to_and_put_there(self) -> None:
        """The first start with a file; a second one is taken by the window, which asks; the second file joins the first on its board."""
        one = self.folder / "one.wav"
        two = self.folder / "two.wav"
        shutil.copy(DEMO / "Welcome.wav", one)
        shutil.copy(DEMO / "Gangway.wav", two)
        self.start("window", one)
        self.see("one", "cell")
        second = self.desktop.kittiwake("window", str(two))
        self.assertEqual(second.wait(30), 0)
        self.see("This job")
        self.desktop.window("From outside")
        self.keys("Return")
        self.see("two", "cell")
        self.see("2 clips")


class QuickConvert(DesktopCase):
    def test_from_the_entry_of_a_file_manager_to_the_file_in_no_further_action(self) -> None:
        """As the entry of the menu says it; the window closes by itself, and the file lies beside its source."""
        self.set(quick_close_after=2)
        sound = self.folder / "notice.wav"
        shutil.copy(DEMO / "Welcome.wav", sound)
        before = sound.read_bytes()
        done = subprocess.run(
            [*PROGRAM, "install", "--prefix", str(self.folder / "p"), "--program", "kittiwake"],
            env=self.desktop.environment, capture_output=True, check=False,
        )  # fmt: skip
        self.assertEqual(done.returncode, 0)
        entry = (self.folder / "p/share/applications/kittiwake.desktop").read_text()
        self.assertIn("\nExec=kittiwake quick --for phone-menu %F\n", entry)
        process = self.start("quick", "--for", "phone-menu", sound)
        self.assertEqual(process.wait(40), 0)
        made = self.folder / "notice_phone-menu.wav"
        others = [path.name for path in self.folder.iterdir() if path.suffix == ".wav" and path != sound]
        self.assertEqual(others, [made.name])
        self.assertEqual(list(self.folder.glob(".kittiwake*")), [])  # nothing else lies among the user's files
        self.assertEqual(
            (self.folder / others[0]).read_bytes()[20:22], b"\x07\x00", made
        )  # µ-law, as RFC 2361 numbers it
        self.assertEqual(sound.read_bytes(), before)

    def test_the_receiver_is_asked_for_and_enter_converts(self) -> None:
        self.set(quick_close_after=0)
        sound = self.folder / "notice.wav"
        shutil.copy(DEMO / "Welcome.wav", sound)
        self.start("quick", sound)
        self.desktop.window("Quick convert")
        self.see("1 file ready.")
        self.keys("Return")
        self.see("1 made and proved")
        self.keys("Escape")
        self.assertEqual(self.open[0].wait(20), 0)


class WhatADesktopTells(DesktopCase):
    def test_a_notification_at_the_end_of_a_run_brings_the_window_back(self) -> None:
        """The window is behind another when the run ends; pressing the notification brings it to the front."""
        log = self.folder / "bus"
        (self.folder / "in").mkdir()
        self.open.append(
            self.desktop.start(
                sys.executable, "-m", "tests.desktop.notifications", str(log), "default", PYTHONPATH=str(Path.cwd())
            )
        )
        self.wait_for(log.exists, "the service is there")
        for n in range(60):
            shutil.copy(DEMO / "Welcome.wav", self.folder / "in" / f"{n}.wav")
        job = self.folder / "run.kittiwake"
        save_job(Job(name="run", receivers=("corpus",), output=str(self.folder / "made")), job)
        self.start("window", job)
        window = self.desktop.window("run – Kittiwake")
        self.desktop.do("windowactivate", "--sync", window)
        self.desktop.kittiwake("window", str(self.folder / "in")).wait(30)
        self.see("60 clips")
        self.wait_for(lambda: self.tree.find("Make 60 outputs"), "all looked at")
        self.keys("m")
        self.desktop.do("windowminimize", window)
        reported = self.wait_for(
            lambda: [json.loads(line) for line in log.read_text().splitlines() if "title" in line], "a notification"
        )
        self.assertEqual((reported[0]["title"], reported[0]["entry"]), ("60 made and proved", "kittiwake"))
        self.assertEqual(reported[0]["actions"], ["default", "Show the window", "folder", "Show the folder"])
        self.wait_for(lambda: self.desktop.do("getactivewindow").strip() == window, "the window is back")

    def test_the_desktop_is_asked_not_to_sleep_and_told_how_far_it_is(self) -> None:
        log = self.folder / "bus"
        self.open.append(
            self.desktop.start(
                sys.executable, "-m", "tests.desktop.notifications", str(log), PYTHONPATH=str(Path.cwd())
            )
        )
        self.wait_for(log.exists, "the service is there")
        code = (
            "from kittiwake.work.desktop.awake import Awake; from kittiwake.work.desktop.launcher import TaskBar;"
            "a = Awake(); b = TaskBar(); print(a.hold('Making 3 outputs'), a.by); b.show(.25); b.show(.251); b.clear(); b.close(); a.let_go()"
        )
        nobody = {"DBUS_SYSTEM_BUS_ADDRESS": "unix:path=/nowhere"}  # no systemd to ask, as in a container
        done = subprocess.run(
            [sys.executable, "-c", code],
            env=self.desktop.environment | nobody,
            capture_output=True,
            text=True,
            check=False,
        )
        self.assertEqual((done.stdout.strip(), done.stderr), ("True org.freedesktop.ScreenSaver", ""))
        reported = [json.loads(line) for line in log.read_text().splitlines()]
        self.assertIn({"inhibit": "Making 3 outputs"}, reported)
        self.assertEqual([one["progress"] for one in reported if "progress" in one], [25, None])


class Session(DesktopCase):
    def test_the_window_fits_with_its_frame_into_what_the_desktop_leaves(self) -> None:
        self.start("window")
        number = self.desktop.window("Kittiwake")

        def fits() -> bool:
            reported = dict(
                line.split("=", 1)
                for line in self.desktop.do("getwindowgeometry", "--shell", number).splitlines()
                if "=" in line
            )
            # Its place is told with the frame counted twice by some, its size is not; Openbox has a bar of 20 pixels, and an edge below.
            return int(reported["HEIGHT"]) + 20 <= 800 and int(reported["Y"]) <= 2 * 20

        self.desktop.wait_for(fits, "the status line is on the screen", 15)

    def test_settings_and_the_job_are_there_again_after_a_restart(self) -> None:
        job = self.folder / "kept.kittiwake"
        save_job(Job(name="kept", receivers=("phone-menu",)), job)
        process = self.start("window", job)
        self.desktop.window("kept – Kittiwake")
        self.keys("ctrl+comma")
        self.desktop.window("Settings")
        self.desktop.do("type", "--delay", "30", "less motion")
        box = self.see("Less motion", "check box")
        self.assertFalse(box.has("checked"))
        box.press()
        self.wait_for(lambda: box.has("checked"), "it is ticked")
        self.keys("Escape", "Escape")
        self.desktop.window("kept – Kittiwake")  # keys go to it again
        self.wait_for(lambda: (self.keys("ctrl+q"), process.poll())[1] is not None, "it is closed")
        self.assertEqual(process.returncode, 0)
        self.start("window")
        self.desktop.window("kept – Kittiwake")
        self.assertTrue(Settings(self.desktop.home / "config/kittiwake/settings.toml")["look.still"])


class ReadersOfScreens(DesktopCase):
    #: Roles of what can be worked with.
    ROLES = (
        "push button",
        "button",
        "check box",
        "combo box",
        "spin button",
        "text",
        "entry",
        "table",
        "list",
        "tree",
        "slider",
        "toggle button",
    )

    def test_the_window_with_its_demo(self) -> None:
        self.start("window", "--demo", "--new")
        self.see("Make 6")
        with self.subTest("everything that can be worked with has a name and a role"):
            self._has_names_and_roles()
        with self.subTest("a cell tells its state in words"):
            self.assertRegex(self.see("will convert").name, "will convert")
        with self.subTest("pictures say that they are, and the place in the sound is a slider"):
            self.assertIn(self.see("Waveform").role, ("image", "graphic"))
            self.assertEqual(self.see("Place in the sound").role, "slider")

    def _has_names_and_roles(self) -> None:
        nameless = []
        seen: set[str] = set()
        for application in self.tree.applications():
            for node in application.walk():
                if node.has("focusable") and node.has("showing"):
                    seen.add(node.role)
                    if not node.name:
                        nameless.append((node.role, node.path))
        self.assertEqual(nameless, [])
        self.assertTrue(seen & set(self.ROLES), seen)

    def test_the_settings_tell_names_and_values(self) -> None:
        self.start("window", "--new")
        self.desktop.window("Kittiwake")
        self.keys("ctrl+comma")
        self.desktop.window("Settings")
        self.desktop.do("type", "--delay", "30", "look")
        size = self.see("Text size", "spin box")
        self.assertEqual(float(size.value.removesuffix(" %")), 100)
        self.assertTrue(self.see("as the desktop", "combo box"))


class WatchedFolders(DesktopCase):
    def test_the_window_makes_what_arrives(self) -> None:
        come = self.folder / "in"
        come.mkdir()
        done = self.desktop.home / "config/kittiwake/watched.toml"
        done.parent.mkdir(parents=True, exist_ok=True)
        done.write_text(f'[[folder]]\npath = "{come}"\nreceivers = ["phone-menu"]\n')
        self.addCleanup(done.unlink)
        self.start("window", "--new")
        self.desktop.window("Kittiwake")
        shutil.copy(DEMO / "Welcome.wav", come)
        self.wait_for(lambda: list((come / "made").glob("*.wav")), "it is made")
        self.see("Welcome.wav was made for Phone menu")
