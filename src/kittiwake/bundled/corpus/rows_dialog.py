"""What tables and names tell of clips, shown before it is taken."""

from __future__ import annotations

import os
from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QGridLayout,
    QVBoxLayout,
    QWidget,
)

from ...core.errors import KittiwakeError
from ...core.model import Clip
from ...ui.theme.scale import scaled
from ...ui.widgets.button import Button
from ...ui.widgets.field import Field
from ...ui.widgets.row_table import Column, RowTable
from ...ui.widgets.worded import CheckBox, Label
from ...words import in_words, phrase, tr
from .core.row import Findings, Row
from .core.rows import Source, rows_of

_SHOWN = 200
_HEADS = (phrase("Clip"), phrase("Text"), phrase("Speaker"), phrase("Language"), phrase("Also"))


class RowsDialog(QDialog):
    """``rows`` are what was taken, once accepted: each with the id of its clip."""

    def __init__(self, parent: QWidget, clips: Sequence[Clip]) -> None:
        super().__init__(parent)
        self._clips = list(clips)
        self.rows: list[tuple[str, Row]] = []
        self.setWindowTitle(tr("Texts and speakers"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(860), scaled(560))
        column = QVBoxLayout(self)
        head = Label(
            tr(
                "Texts, speakers and languages out of a table, out of the names of folders and files, or both; the table is believed."
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        column.addLayout(self._fields())
        names = {clip.id: clip.name for clip in self._clips}
        self.table: RowTable[tuple[str, Row]] = RowTable(
            tr("What would be taken"),
            [
                Column(tr("Clip"), lambda one: names[one[0]], width=190),
                Column(tr("Text"), lambda one: one[1].text),
                Column(tr("Speaker"), lambda one: one[1].speaker, width=110),
                Column(tr("Language"), lambda one: one[1].language, width=90),
                Column(
                    tr("Also"), lambda one: ", ".join(f"{key} {value}" for key, value in one[1].traits), width=150
                ),
            ],
            key=lambda one: one[0],
        )
        column.addWidget(self.table, 1)
        self.notice = Label()
        self.notice.setWordWrap(True)
        self.notice.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        column.addWidget(self.notice)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take_button = self.box.addButton(tr("Take them"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.take_button.setProperty("main", True)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.setInterval(120)
        self._later.timeout.connect(self.show_rows)
        self.show_rows()
        self.file.setFocus()

    def _fields(self) -> QGridLayout:
        grid = QGridLayout()
        self.file, self.pattern, self.language = Field(""), Field(""), Field("")
        self.file.setPlaceholderText(
            tr("CSV, TSV, JSON Lines or a spreadsheet; columns file or id, text, speaker, language")
        )
        self.pattern.setPlaceholderText("{speaker}/{language}-{id}")
        self.language.setPlaceholderText(tr("of those that nothing else tells it of, such as en"))
        self.beside = CheckBox(tr("name.t&xt beside name.wav is its text"))
        for row, (text, field, name) in enumerate((
            (tr("&Table"), self.file, tr('Table with texts and speakers')), (tr('&Names of files'), self.pattern, tr('What names of folders and files tell')),
            (tr("&Language"), self.language, tr('Language of the others')),
        )):  # fmt: skip
            label = Label(text)
            label.setBuddy(field)
            field.setAccessibleName(in_words(name))
            field.textChanged.connect(lambda _: self._later.start())
            grid.addWidget(label, row, 0)
            grid.addWidget(field, row, 1)
        choose = Button(tr("Choose…"))
        choose.clicked.connect(self._choose)
        grid.addWidget(choose, 0, 2)
        grid.addWidget(self.beside, 3, 1)
        self.beside.toggled.connect(lambda _: self._later.start())
        grid.setColumnStretch(1, 1)
        return grid

    def _choose(self) -> None:
        path, _ = QFileDialog.getOpenFileName(
            self,
            tr("A table"),
            str(self._root()),
            tr("Tables (*.csv *.tsv *.jsonl *.xlsx *.ods *.txt);;All files (*)"),
        )
        if path:
            self.file.setText(path)

    def _root(self) -> Path:
        return Path(os.path.commonpath([clip.source.parent for clip in self._clips]))

    def show_rows(self) -> None:
        """What would be taken as it stands."""
        findings = Findings()
        source = Source(
            Path(self.file.text()) if self.file.text() else None,
            self.pattern.text(),
            self.beside.isChecked(),
            self.language.text().strip(),
        )
        self.rows, wrong = [], ""
        # By name of clip where a source has several: a row of a table may name them.
        by_path: dict[Path, list[Clip]] = {}
        for clip in self._clips:
            by_path.setdefault(
                clip.source if clip.whole_source else clip.source.with_name(f"{clip.name}{clip.source.suffix}"), []
            ).append(clip)
        try:
            for row in rows_of(by_path, self._root(), source, findings):
                self.rows += [(clip.id, row) for clip in by_path[row.path]]
        except KittiwakeError as error:
            wrong = str(error)
        self.table.show_rows(self.rows[:_SHOWN])
        sentences = findings.sentences
        more = (
            tr(
                " And {count} findings more.",
                " And {count} finding more.",
                len(sentences) - 5,
                count=len(sentences) - 5,
            )
            if len(sentences) > 5
            else ""
        )
        self.notice.setText(wrong or " ".join(map(in_words, sentences[:5])) + in_words(more))
        something = any(row.text or row.speaker or row.language for _, row in self.rows)
        self.take_button.setEnabled(bool(something and not wrong))
