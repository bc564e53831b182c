"""What the panel of a stand-in is, and which there are.

@panel("beacon")
class BeaconPanel(QFrame): ...
"""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Any, TypeVar, cast

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QVBoxLayout, QWidget

from ...core.errors import reason_of
from ...core.registry import Registry
from ...words import in_words, tr
from ...work.deliver.manifest import JSONL
from ...work.standin.link import Link
from ...work.standin.machine import Kind, Machine, WantsList, kinds
from ..widgets.sentence import Sentence

#: Makes the widget of a machine. It has a signal ``pressed``, which asks for the machine to be set off; ``show_state(handed)`` draws the machine
#: as it is, after a file of the name ``handed`` or without one; ``set_sounding(sounding)`` says whether it is being heard.
Maker = Callable[[Machine], Any]
Panel = TypeVar("Panel", bound=Maker)
_PANELS: Registry[str, Maker] = Registry("panel", door="panels")


def panel(key: str) -> Callable[[Panel], Panel]:
    """Register what makes the panel of a kind of machine."""

    def registered(make: Panel) -> Panel:
        _PANELS.add(key, make)
        return make

    return registered


class StandIns(QWidget):
    """The machines of this window, each made when it is first wanted; shows the panel of one.

    ``played`` gives what a machine lets be heard, ``said`` what it says.
    """

    played = Signal(str, object)  # key of its kind, Held
    said = Signal(Sentence)

    def __init__(self, pressed: Callable[[], object]) -> None:
        super().__init__()
        self._pressed = pressed
        self._machines: dict[str, Machine] = {}
        self._widgets: dict[str, Any] = {}
        self._links: dict[str, Link] = {}
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self.key = ""
        self.setVisible(False)

    def begin_job(self, parent: QWidget) -> None:
        """Another job: machines of its own, when they are wanted. ``parent`` keeps this until a page shows it."""
        self.setParent(parent)
        self.setVisible(False)
        for widget in self._widgets.values():
            self._column.removeWidget(widget)
            widget.hide()
            widget.deleteLater()
        self._machines, self._widgets, self._links = {}, {}, {}
        self.key = ""

    def kind(self, key: str) -> Kind | None:
        """The kind of machine of that key; None where there is none, or none with a panel."""
        return kinds().get(key) if key in _PANELS.found() else None

    def machine(self, key: str) -> Machine:
        """The machine of that kind."""
        if key not in self._machines:
            self._machines[key] = kinds()[key].make()
            widget = self._widgets[key] = _PANELS.found()[key](self._machines[key])
            widget.pressed.connect(self._pressed)
            if hasattr(widget, "played"):
                widget.played.connect(lambda held, key=key: self.played.emit(key, held))
                widget.said.connect(self.said)
            self._column.addWidget(widget)
        return self._machines[key]

    def link(self, key: str) -> Link:
        """The way to the machine of that kind; what was broken off on it goes on where it was."""
        if key not in self._links:
            self._links[key] = Link(kinds()[key], self.machine(key))
        return self._links[key]

    def panel(self, key: str) -> Any:
        """The widget of the machine of that kind."""
        self.machine(key)
        return self._widgets[key]

    def show_machine(self, key: str) -> None:
        """Show the panel of this kind; none where there is none."""
        self.key = key if self.kind(key) else ""
        if self.key:
            self.machine(self.key)
        for other, widget in self._widgets.items():
            widget.setVisible(other == self.key)
        self.setVisible(bool(self.key))

    def holding(self) -> list[str]:
        """The kinds of machines that hold files."""
        return [key for key, one in self._machines.items() if getattr(one, "shelf", None) and one.shelf.files]  # type: ignore[attr-defined]

    def hand(self, key: str, path: Path, message: str = "") -> str:
        """Hand a file to the machine of that kind; what is to be said of it, in words.

        Parameters
        ----------
        message : the kind of message, for a machine that wants a list of them first: it gets one.
        """
        kind, machine = kinds()[key], self.machine(key)
        try:
            data = path.read_bytes()
            if kind.lists:
                machine.hand(JSONL, cast(WantsList, machine).list_with(path.name, message, len(data)))
            taken = machine.hand(path.name, data)
        except OSError as error:
            return tr("{name} cannot be read: {reason_of}.", name=path.name, reason_of=reason_of(error))
        self._widgets[key].show_state(path.name)
        return (
            tr("The {machine} took {file}; P sets it off.", machine=kind.name, file=path.name)
            if taken
            else tr(
                "The {machine} refused {file}: {reason}",
                machine=kind.name,
                file=path.name,
                reason=in_words(machine.refusal.reason) if machine.refusal else "",
            )
        )

    def refresh(self) -> None:
        """Draw all anew, in other colours perhaps."""
        for widget in self._widgets.values():
            widget.show_state("")

    def show_sounding(self, title: str) -> None:
        """``title`` is what is being heard, as ``title_of`` has it; empty where nothing is."""
        for key, widget in self._widgets.items():
            widget.set_sounding(bool(title) and title.startswith(self.title_of(key)))

    @staticmethod
    def title_of(key: str) -> str:
        """What is heard of a machine of that kind is called so, and then by its name."""
        name = kinds()[key].name
        return f"{name[0].upper()}{name[1:]}: "
