"""Another language: the window is built anew around the same work, and nothing in it stays English."""

from __future__ import annotations

import re
from collections.abc import Iterator
from unittest import mock

from PySide6.QtCore import QAbstractItemModel, QObject, Qt, SignalInstance
from PySide6.QtGui import QPainter
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QComboBox,
    QLabel,
    QLineEdit,
    QListWidget,
    QTableView,
    QTableWidget,
    QWidget,
)

from kittiwake import words
from kittiwake.core.extensions import extensions
from kittiwake.core.model import TouchUp
from kittiwake.core.model.rule import Blank
from kittiwake.demo import SHIPPED as DEMO
from kittiwake.ui.dialogs.touch_dialog import TouchDialog
from kittiwake.ui.places.place import places
from kittiwake.ui.places.receiver.blank_values import as_text, parsed
from kittiwake.ui.settings.held import HeldSettings
from kittiwake.ui.settings.page import SettingsPage
from kittiwake.ui.shell.language import use_language
from kittiwake.ui.shell.opened import OpenedWindow
from kittiwake.ui.shell.start import make_app, settle
from kittiwake.ui.widgets.drawn import Drawn
from kittiwake.words import phrase
from kittiwake.work.project import edits
from tests.bundled import needs
from tests.sounds import FolderCase
from translate.collect import messages

from .base import WindowCase
from .screens import STREAMS, dialogs, pages

_ASKED: set[str] = set()  # texts for which another language was wanted


def bracketed(text: str, count: int | None) -> str:
    _ASKED.add(text)
    return f"⟦{text}⟧"


#: Names, which are the same in every language: of formats, codecs, units, machines that ship, and what stands in the demo.
SAME = re.compile(
    r"\b(µ-law|A-law|PCM|kHz|Hz|dBov|dBFS|dB|LUFS|ms|kbit/s|WAV|FLAC|MP3|Opus|Vorbis|Ogg|GSM|AMR|ADPCM|IMA|OKI|Microsoft|AIFF|RF64|CAF|AAC|MP4|NIST|SPHERE|TPDF|RMS"
    r"|STOI|TOML|CSV|Esc|Ctrl|Shift|Enter|Space|Del|Ins|Home|English|Deutsch|français|Phone menu|Quay beacon|Speech engine|Kittiwake|min|full rate|bit|snr|AU|kB|ZCtrl|Return)\b"
)


def qualities() -> set[str]:
    """Names of what a corpus is judged by: they are typed in its rules, the same in every language."""
    if "corpus" not in extensions():
        return set()
    from kittiwake.bundled.corpus.core.quality import MEASURES

    return set(MEASURES)


class TestNothingStaysEnglish(WindowCase):
    def setUp(self) -> None:
        make_app()
        words.use(bracketed)
        self.addCleanup(words.use, None)
        super().setUp()

    def texts(self, root: QWidget) -> Iterator[str]:
        """What is written on it, but what is typed or a name."""
        for widget in (root, *root.findChildren(QWidget)):
            if not widget.isVisible():
                continue
            yield widget.accessibleName()
            yield widget.toolTip()
            if isinstance(widget, QLabel | QAbstractButton):
                yield widget.text()
            if isinstance(widget, QLineEdit):
                yield widget.placeholderText()
            if isinstance(widget, QTableView | QTableWidget):
                model = widget.model()
                for column in range(model.columnCount()):
                    yield str(model.headerData(column, Qt.Orientation.Horizontal) or "")
                if not widget.property("names"):
                    yield from self.cells(model)
            if isinstance(widget, QComboBox) and not widget.property("names"):
                yield from (widget.itemText(n) for n in range(widget.count()))
            if isinstance(widget, QAbstractSpinBox):
                yield widget.text()
            if isinstance(widget, QTableWidget) and not widget.property("names"):
                items = (widget.item(0, column) for column in range(widget.columnCount()))
                yield from (item.text() for item in items if item is not None)
            if isinstance(widget, QListWidget) and not widget.property("names"):
                yield from (widget.item(n).text() for n in range(min(widget.count(), 4)))

    def cells(self, model: QAbstractItemModel) -> Iterator[str]:
        """What stands in the first rows, and what is said of it where somebody points there."""
        for row in range(min(model.rowCount(), 6)):
            for column in range(model.columnCount()):
                for role in (
                    Qt.ItemDataRole.DisplayRole,
                    Qt.ItemDataRole.ToolTipRole,
                    Qt.ItemDataRole.AccessibleTextRole,
                ):
                    yield str(model.index(row, column).data(role) or "")

    def painted(self, root: QWidget) -> list[str]:
        """What pictures are drawn with."""
        found: list[str] = []
        draw = QPainter.drawText

        def noted(painter: QPainter, *given: object) -> object:
            found.append(str(next((one for one in reversed(given) if isinstance(one, str)), "")))
            return draw(painter, *given)  # type: ignore[arg-type]

        with mock.patch.object(QPainter, "drawText", noted):
            for widget in root.findChildren(QWidget):
                if widget.isVisible():
                    if isinstance(widget, Drawn):
                        widget.draw_anew()
                    widget.grab()
        return found

    def english(self, root: QWidget) -> list[str]:
        """Texts in which a word is left that nobody translated."""
        names = sorted(
            {clip.name for clip in self.session.project.job.clips}
            | {"Brinmar Ferries", "Untitled", *STREAMS, *qualities()},
            key=len,
            reverse=True,
        )
        found = []
        for text in (*self.texts(root), *self.painted(root)):
            left = re.sub(r"<[^>]*>", " ", text)
            before = ""
            while before != left:
                before, left = left, re.sub(r"⟦[^⟦⟧]*(⟧|…$)", " ", left)  # its end gives way where there is no room
            for name in names:
                left = left.replace(name, "")
            left = re.sub(r"<[^>]*>|&nbsp;|\{\w+\}", " ", left)
            left = re.sub(
                r"(/|~|demo)\S*|\S*\.(wav|aiff|kittiwake|toml)\b|sha-256 \S+|G\.7\S+", "", SAME.sub("", left)
            )
            if word := re.search(r"[A-Za-z]{2,}", left):
                found.append(f"{word[0]} in {text.strip()[:100]}")
        return sorted(set(found))

    def test_what_any_page_has_to_say_arrives_in_the_language_that_is_spoken(self) -> None:
        """A signal of Qt's own strings would take English out of it."""
        bench, window = self.window.bench, self.window
        for name in (one.key for one in places()):
            bench.page_of(name)
        telling = [
            page for page in bench.findChildren(QObject) if isinstance(getattr(page, "message", None), SignalInstance)
        ]
        self.assertGreater(len(telling), 8)
        for page in (*telling, window.settings, window.watching, window.session):
            window.status.say("")
            page.message.emit(phrase("something"))
            reported = window.status.words.text()
            self.assertEqual(reported, "⟦something⟧", type(page).__name__)
        for page, signal in ((window.player, "said"), (window.hearing, "said"), (bench.stand_ins, "said")):
            getattr(page, signal).emit(phrase("something else"))
            self.assertEqual(window.status.words.text(), "⟦something else⟧", type(page).__name__)

    maxDiff = None

    @needs("standins")  # a stand-in that is not there is shown by its key
    def test_pages_and_dialogs(self) -> None:
        window = self.window
        left = {"empty": self.english(window)}
        self.open_demo()
        shout = self.clip("Drill shout")
        for select in ((shout.id,), (shout.id, "quay-beacon")):
            window.board.select(*select)
            self.app.processEvents()
            left[str(select)] = self.english(window)
        for name, show in pages(window, self.wait_for):
            window.board.setFocus()
            show()
            self.app.processEvents()
            left[name] = self.english(window)
        for action in window.qactions.values():
            self.assertTrue(action.text().startswith("⟦") and action.statusTip().startswith("⟦"), action.text())
        for dialog in dialogs(window, self.folder / "some"):
            dialog.show()
            self.app.processEvents()
            # What Qt itself says on its buttons is translated by its own catalogue.
            left[type(dialog).__name__] = [
                t for t in self.english(dialog) if t.partition(" in ")[2] not in ("Cancel", "OK", "Press shortcut")
            ]
            dialog.close()
        # What the collector of texts does not find is in no catalogue, and stays English in every language.
        own = {one.name for one in (*self.session.project.job.clips, *self.session.project.receivers)}
        found = {*messages()} | own | {"⟦⟧", ""}
        left["no catalogue can hold"] = sorted(
            text for text in _ASKED - found if re.search(r"[A-Za-z]{2,}", re.sub(r"\{\w+\}", "", SAME.sub("", text)))
        )
        self.assertEqual({where: texts for where, texts in left.items() if texts}, {})


class TestChange(FolderCase):
    def test_the_window_changes_at_once_with_its_work(self) -> None:
        app = make_app()
        settings = HeldSettings(self.folder / "settings.toml")
        opened = OpenedWindow(app, settings)
        self.addCleanup(use_language, "en")
        self.addCleanup(opened.close)
        first = opened.window
        first.show()
        first.open_job(DEMO)
        settle(app, first, 60)
        project = first.session.project
        clip = next(clip for clip in project.job.clips if clip.name == "Welcome")
        edits.replace_clip(project, words.phrase("naming “{name}”", name="Hello"), clip.changed(name="Hello"))
        first.board.select(clip.id, "phone-menu")
        first.run("settings.open")
        settings.set("look.language", "de")
        for _ in range(200):
            app.processEvents()
            if opened.window is not first:
                break
        second = opened.window
        settle(app, second, 60)
        self.assertIs(second.session.project, project)
        self.assertEqual(second.qactions["job.save"].text(), "Den Auftrag speichern")
        self.assertEqual(second.qactions["edit.undo"].text(), "Rückgängig: „Hello“ benennen")
        chosen = second.board.current_clip()
        assert chosen is not None
        self.assertEqual(chosen.name, "Hello")
        self.assertIsNotNone(second.findChild(SettingsPage))
        second.run("edit.undo")
        self.assertEqual(project.clip(clip.id).name if project.clip(clip.id) else "", "Welcome")
        index = second.board.board_model.index(0, 1)
        self.assertRegex(str(index.data()), r"^\d+,\d\d s$")
        settings.undo()
        for _ in range(200):
            app.processEvents()
        self.assertEqual(opened.window.qactions["job.save"].text(), "Save the job")


class TestTypedValues(WindowCase):
    def setUp(self) -> None:
        make_app()
        use_language("fr")
        self.addCleanup(use_language, "en")
        super().setUp()

    def test_what_is_chosen_in_a_form_is_no_word_of_the_language(self) -> None:
        dialog = TouchDialog(self.window, [TouchUp(loop=0.4)])
        shape, loop = dialog.choices["fade_shape"], dialog.choices["loop"]
        self.assertNotEqual(shape.itemText(1), "even: a straight line")
        shape.setCurrentIndex(1)
        self.assertEqual(loop.currentData(), 0.4)
        loop.setCurrentIndex(0)
        self.assertEqual(dialog.changes(), {"fade_shape": "even", "loop": None})
        touch = TouchUp(**dialog.changes())  # type: ignore[arg-type]
        self.assertEqual(TouchUp.from_dict(touch.to_dict()), touch)

    def test_rules_that_are_shown_can_be_typed_again_in_any_language(self) -> None:
        self.open_demo()
        window = self.window
        page = window.bench.page_of("receiver")
        for receiver in window.session.project.receivers:
            window.board.select(window.session.project.job.clips[0].id, receiver.slug)
            window.run("view.receiver")
            self.app.processEvents()
            self.assertEqual(page.edited(), [], "nothing was typed")
        for blank, shown in (
            (Blank("", (), "", "rates"), 22_050),
            (Blank("", (), "", "rates"), [8000, 22_050]),
            (Blank("", (), "", "number"), -0.1),
            (Blank("", (), "", "bit_rate"), 12_200),
        ):
            self.assertEqual(parsed(as_text(shown, blank.kind), blank), shown)
        self.assertEqual(parsed("au plus 22,05 kHz", Blank("", (), "", "rates")), 22_050)
        self.assertEqual(parsed("at most 8", Blank("", (), "", "rates")), 8000)
