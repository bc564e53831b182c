"""Nothing is cut off and nothing lies over anything else: at several sizes of the window and of text, in light and dark, in every language."""

from __future__ import annotations

import itertools
import re
from functools import cache
from unittest import mock

from PySide6.QtCore import QRect, QRectF, Qt
from PySide6.QtGui import QPainter
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QCheckBox,
    QComboBox,
    QLabel,
    QPushButton,
    QScrollArea,
    QTableView,
    QTreeView,
    QWidget,
)

from kittiwake.ui.quick.window import QuickWindow
from kittiwake.ui.shell.language import use_language
from kittiwake.ui.shell.start import make_app
from kittiwake.ui.theme import scale
from kittiwake.ui.theme.sheet import use_font
from kittiwake.ui.widgets.drawn import Drawn
from kittiwake.ui.widgets.elided import ElidedButton, ElidedLabel
from tests.sounds import DEMO
from tests.ui.base import WindowCase
from tests.ui.screens import dialogs, pages

SIZES = ((1280, 800), (1000, 640))


def cut_off(root: QWidget) -> list[str]:
    """Labels and buttons whose text has not room enough. What ends in an ellipsis says so, and has the rest in its tip."""
    found = []
    for widget in root.findChildren(QWidget):
        if not widget.isVisible() or isinstance(widget, ElidedLabel):
            continue
        metrics = widget.fontMetrics()
        if isinstance(widget, QLabel) and widget.text():
            plain = re.sub(r"<[^>]+>", "", widget.text()) if "<" in widget.text() else widget.text()
            if widget.wordWrap() or "<" in widget.text():
                short = (
                    widget.height() + 2 < widget.heightForWidth(widget.width())
                    if widget.hasHeightForWidth()
                    else False
                )
            else:
                width = max(metrics.horizontalAdvance(line.replace("&", "")) for line in plain.split("\n"))
                short = width > widget.contentsRect().width() + 2
            if short and not plain.endswith("…"):
                found.append(f"{type(widget).__name__} {plain[:60]!r}: {widget.size()}")
        elif isinstance(widget, QPushButton | QCheckBox) and widget.text():
            room = widget.width() - (20 if isinstance(widget, QCheckBox) else 0)
            if metrics.horizontalAdvance(widget.text().replace("&", "")) > room + 2:
                found.append(f"{type(widget).__name__} {widget.text()!r}: {widget.width()}")
    return found


def short_beside_room(root: QWidget) -> list[str]:
    """Labels and buttons that end in an ellipsis, and cells that do, where there is room left beside them."""
    found = []
    for widget in root.findChildren(QWidget):
        if not widget.isVisible():
            continue
        if isinstance(widget, ElidedLabel | ElidedButton):
            whole = widget.accessibleName() if isinstance(widget, ElidedButton) else widget.text()
            lacks = widget.sizeHint().width() - widget.width()
            if lacks > 2 and whole and (room := _room_beside(widget)) >= lacks:
                found.append(f"{whole[:60]!r} lacks {lacks}, and {room} are free beside it")
        elif isinstance(widget, QTableView | QTreeView) and widget.model() is not None:
            found += _short_cells(widget)
    return found


def _room_beside(widget: QWidget) -> int:
    """Pixels on its right that nothing is in, up to the edge of what it lies in."""
    parent = widget.parentWidget()
    if parent is None:
        return 0
    place = widget.geometry()
    right = parent.contentsRect().right() - 16
    for other in parent.children():
        if isinstance(other, QWidget) and other is not widget and other.isVisible():
            there = other.geometry()
            if there.left() >= place.right() and there.top() < place.bottom() and there.bottom() > place.top():
                right = min(right, there.left() - 12)
    return right - place.right()


def _short_cells(view: QTableView | QTreeView) -> list[str]:
    """Columns that cut what is in them, where the view, or a column with more than it needs, has room for the rest."""
    head = view.horizontalHeader() if isinstance(view, QTableView) else view.header()
    if not view.model().rowCount() or _paints(
        type(view.itemDelegate())
    ):  # what is painted here is measured as it is painted
        return []
    shown = [n for n in range(view.model().columnCount()) if not head.isSectionHidden(n)]
    wants = {n: view.sizeHintForColumn(n) for n in shown}
    free = view.viewport().width() - sum(head.sectionSize(n) for n in shown)
    free += sum(max(0, head.sectionSize(n) - max(wants[n], head.sectionSizeHint(n), 40)) for n in shown)
    return [
        f"{view.accessibleName()}, column {n}, lacks {wants[n] - head.sectionSize(n)}, and {free} are free"
        for n in shown
        if 2 < wants[n] - head.sectionSize(n) <= free - 4
    ]


def beside(root: QWidget) -> list[str]:
    """What lies beside an area that scrolls upright only: nobody can get there."""
    found = []
    for area in root.findChildren(QScrollArea):
        inside = area.widget()
        if (
            not area.isVisible()
            or inside is None
            or area.horizontalScrollBarPolicy() != Qt.ScrollBarPolicy.ScrollBarAlwaysOff
        ):
            continue
        if inside.width() > area.viewport().width() + 1:
            found.append(f"{area.accessibleName()}: {inside.width()} in {area.viewport().width()}")
    return found


def overlapping(root: QWidget) -> list[str]:
    """Controls that share a parent and lie over each other."""
    found = []
    kinds = (QLabel, QAbstractButton, QComboBox)
    parents = {widget.parentWidget() for kind in kinds for widget in root.findChildren(kind) if widget.isVisible()}
    for parent in parents:
        if parent is None:
            continue
        inside = [
            w for kind in kinds for w in parent.findChildren(kind) if w.isVisible() and w.parentWidget() is parent
        ]
        for one, other in itertools.combinations(inside, 2):
            both: QRect = one.geometry().intersected(other.geometry())
            if both.width() > 2 and both.height() > 2:
                found.append(f"{one} {getattr(one, 'text', str)()!r} over {other} {getattr(other, 'text', str)()!r}")
    return found


@cache
def _paints(kind: type) -> bool:
    """Whether it draws by itself, in code of this project."""
    return any(
        one.__module__.startswith("kittiwake") and {"paintEvent", "paint"} & set(vars(one)) for one in kind.mro()
    )


def painted_short(root: QWidget) -> list[str]:
    """Texts that a picture is drawn with whose boxes are too narrow for them; what is ended with an ellipsis says so."""
    found = []
    draw = QPainter.drawText

    def measured(painter: QPainter, *given: object) -> object:
        box, text = given[0], given[-1]
        if (
            isinstance(box, QRect | QRectF)
            and isinstance(text, str)
            and not int(given[1]) & int(Qt.TextFlag.TextWordWrap)
        ):  # type: ignore[call-overload]
            metrics = painter.fontMetrics()
            if metrics.horizontalAdvance(text) > box.width() + 2 or metrics.capHeight() > box.height() + 1:
                found.append(f"{text!r} in {box.width():.0f} x {box.height():.0f}")
        return draw(painter, *given)  # type: ignore[arg-type]

    with mock.patch.object(QPainter, "drawText", measured):
        for widget in root.findChildren(QWidget):
            if widget.isVisible() and _paints(type(widget)) and not isinstance(widget, ElidedLabel):
                if isinstance(widget, Drawn):
                    widget.draw_anew()
                widget.grab()
    return found


class TestSizes(WindowCase):
    def check(self, root: QWidget, what: str) -> None:
        self.app.processEvents()
        for _ in range(20):  # columns give each other room once what is in them is there
            QTest.qWait(50)
            if not short_beside_room(root):
                break
        self.assertEqual(painted_short(root), [], what)
        self.assertEqual(cut_off(root), [], what)
        self.assertEqual(short_beside_room(root), [], what)
        self.assertEqual(beside(root), [], what)
        self.assertEqual(overlapping(root), [], what)

    def check_pages(self, *looks: tuple[tuple[int, int], bool]) -> None:
        self.open_demo()
        for size, dark in looks:
            self.window.resize(*size)
            self.window.use_colours(dark)
            for name, show in pages(self.window, self.wait_for):
                self.window.board.setFocus()
                show()
                self.check(self.window, f"{name} at {size}, {'dark' if dark else 'light'}")

    def test_every_page_at_two_sizes_in_light_and_dark(self) -> None:
        self.window.resize(*SIZES[0])
        self.check(self.window, "empty")
        self.check_pages((SIZES[0], False), (SIZES[1], True))

    def test_dialogs(self) -> None:
        self.open_demo()
        for dialog in dialogs(self.window, self.folder / "some"):
            dialog.show()
            self.check(dialog, type(dialog).__name__)
            dialog.close()


class TestLanguages(TestSizes):
    """The same in German and French, whose words are longer."""

    LANGUAGE = "de"

    def setUp(self) -> None:
        make_app()
        self.addCleanup(use_language, "en")
        use_language(self.LANGUAGE)
        super().setUp()

    def test_every_page_at_two_sizes_in_light_and_dark(self) -> None:
        self.check(self.window, "empty")
        self.check_pages(((1024, 640), False))

    def test_quick_convert(self) -> None:
        quick = QuickWindow([DEMO / "Welcome.wav"], "", self.window.settings)
        quick.show()
        self.wait_for(lambda: not quick.session.busy)
        self.check(quick, "quick")
        quick.close()


class TestFrench(TestLanguages):
    LANGUAGE = "fr"


class TestLargeText(TestSizes):
    """At one and a half times the usual size; and then changed to twice that size, and to four fifths of it, while the window is open."""

    def setUp(self) -> None:
        app = make_app()
        scale.set_percent(150)
        use_font(app)
        self.addCleanup(self._small)
        super().setUp()

    def _small(self) -> None:
        scale.set_percent(100)
        use_font(self.app)

    def test_every_page_at_two_sizes_in_light_and_dark(self) -> None:
        self.check(self.window, "empty")
        self.check_pages(((1280, 800), False))
        for percent, size in ((200, (1920, 1080)), (80, (1024, 640))):
            self.window.settings.set("look.text_size", percent)
            self.check_pages((size, True))


class TestMeasure(WindowCase):
    def test_the_measure_itself_sees_what_is_cut_off_and_what_overlaps(self) -> None:
        holder = QWidget()
        one, other, wrapped = (
            QLabel("A text that is far too long", holder),
            QPushButton("Make it", holder),
            QLabel("word " * 30, holder),
        )
        wrapped.setWordWrap(True)
        one.setGeometry(0, 0, 40, 20)
        other.setGeometry(20, 5, 30, 20)
        wrapped.setGeometry(0, 100, 60, 20)
        holder.show()
        self.app.processEvents()
        self.assertEqual(len(cut_off(holder)), 3)
        self.assertEqual(len(overlapping(holder)), 1)
        holder.close()

    def test_it_sees_what_is_painted_into_too_small_a_box(self) -> None:
        class Picture(Drawn):
            room = 20.0

            def draw_on(self, painter: QPainter) -> None:
                painter.drawText(QRectF(0, 0, self.room, 20), Qt.AlignmentFlag.AlignLeft, "−60 dBFS")

        Picture.__module__ = "kittiwake.tried"  # it looks at what is drawn in code of the application
        holder = QWidget()
        picture = Picture()
        picture.setParent(holder)
        holder.resize(300, 200)
        picture.setGeometry(0, 0, 200, 100)
        holder.show()
        self.app.processEvents()
        self.assertEqual(len(painted_short(holder)), 1)
        picture.room = 150.0
        self.assertEqual(painted_short(holder), [])
        holder.close()
