"""The style sheet: thin lines, generous type, a visible focus."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtGui import QFont, QFontDatabase, QPainter
from PySide6.QtWidgets import QApplication

from .colours import Colours
from .scale import scaled

_ARROW = (Path(__file__).parent / "down.svg").as_posix()
_UP = (Path(__file__).parent / "up.svg").as_posix()
_CHECK = (Path(__file__).parent / "check.svg").as_posix()
_TYPE = Path(__file__).parent / "type"


def use_font(app: QApplication) -> None:
    """The typeface that ships with the application, with figures of one width; that of the system should it not load."""
    if "Inter" not in QFontDatabase.families():
        for file in sorted(_TYPE.glob("*.otf")):
            QFontDatabase.addApplicationFont(str(file))
    font = QFont("Inter" if "Inter" in QFontDatabase.families() else app.font().family())
    font.setPixelSize(scaled(14))
    font.setFeature(QFont.Tag("tnum"), 1)
    app.setFont(font)


# One sheet is read from top to bottom, in the order in which its lines override each other: it is not taken apart.
def style_sheet(c: Colours) -> str:
    return f"""
    QMainWindow, QDialog {{ background: {c.ground}; }}
    QDialogButtonBox {{ dialogbuttonbox-buttons-have-icons: 0; }}
    QMenuBar {{ background: {c.ground}; color: {c.text}; padding: 2px 8px; }}
    QMenuBar::item {{ padding: 4px 9px; border-radius: 4px; background: transparent; }}
    QMenuBar::item:selected {{ background: {c.chosen}; }}
    QMenu {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.line}; padding: 5px; }}
    QMenu::item {{ padding: 5px 26px 5px 14px; border-radius: 4px; }}
    QMenu::item:selected {{ background: {c.chosen}; }}
    QMenu::item:disabled {{ color: {c.soft}; }}
    QToolTip {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.line}; padding: 5px; }}
    QPushButton {{ background: transparent; color: {c.text}; border: 1px solid {c.edge}; border-radius: 6px;
        padding: 5px 13px; }}
    QPushButton:hover {{ background: {c.chosen}; }}
    QPushButton:focus {{ border: 2px solid {c.focus}; padding: 4px 12px; }}
    QPushButton:disabled {{ color: {c.soft}; border-style: dashed; }}
    QPushButton[main="true"] {{ background: {c.accent}; color: {c.on_accent}; border-color: {c.accent};
        font-weight: 600; }}
    QPushButton[main="true"]:focus {{ border: 2px solid {c.text}; }}
    QPushButton[main="true"]:disabled {{ background: transparent; color: {c.soft}; border: 1px dashed {c.line}; }}
    QPushButton[plain="true"] {{ border: none; padding: 3px 4px; color: {c.soft}; text-align: left; }}
    QPushButton[plain="true"]:hover {{ color: {c.text}; }}
    QPushButton[plain="true"]:focus {{ border: 2px solid {c.focus}; padding: 1px 2px; }}
    QPushButton:checked {{ background: {c.chosen}; border-color: {c.text}; font-weight: 600; }}
    QTableView {{ background: {c.sheet}; border: 1px solid {c.line}; border-radius: 6px; gridline-color: {c.line};
        outline: none; }}
    QTableWidget::item, QTableView[plain="true"]::item {{ padding: 0 10px; border-bottom: 1px solid {c.line}; }}
    QTableView:focus {{ border: 1px solid {c.focus}; }}
    QHeaderView {{ background: {c.sheet}; border: none; }}
    QHeaderView::section {{ background: {c.sheet}; color: {c.text}; border: none; border-bottom: 1px solid {c.line};
        padding: 5px 10px; }}
    QTableCornerButton::section {{ background: {c.sheet}; border: none; }}
    QLineEdit, QPlainTextEdit {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.edge};
        border-radius: 5px; padding: 4px 7px; selection-background-color: {c.chosen};
        selection-color: {c.text}; }}
    QLineEdit:focus {{ border: 2px solid {c.focus}; padding: 3px 6px; }}
    QTableView QLineEdit {{ border-radius: 0; padding: 0 6px; }}
    QAbstractSpinBox {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.edge}; border-radius: 5px;
        padding: 4px 2px 4px 8px; selection-background-color: {c.chosen}; selection-color: {c.text}; }}
    QAbstractSpinBox:focus {{ border: 2px solid {c.focus}; padding: 3px 1px 3px 7px; }}
    QAbstractSpinBox QLineEdit, QAbstractSpinBox QLineEdit:focus {{ border: none; padding: 0; background: transparent; }}
    QAbstractSpinBox::up-button, QAbstractSpinBox::down-button {{ border: none; width: {scaled(18)}px; background: transparent; }}
    QAbstractSpinBox::up-arrow {{ image: url({_UP}); width: {scaled(10)}px; height: {scaled(10)}px; }}
    QAbstractSpinBox::down-arrow {{ image: url({_ARROW}); width: {scaled(10)}px; height: {scaled(10)}px; }}
    QComboBox {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.edge}; border-radius: 5px;
        padding: 3px 7px; }}
    QComboBox:focus {{ border: 2px solid {c.focus}; padding: 2px 6px; }}
    QComboBox::drop-down {{ border: none; width: {scaled(20)}px; }}
    QComboBox::down-arrow {{ image: url({_ARROW}); width: {scaled(12)}px; height: {scaled(12)}px; }}
    QComboBox QAbstractItemView {{ background: {c.sheet}; color: {c.text}; selection-background-color: {c.chosen};
        selection-color: {c.text}; }}
    QCheckBox::indicator, QListView::indicator {{ width: {scaled(14)}px; height: {scaled(14)}px; border: 1px solid {c.edge};
        border-radius: 3px; background: {c.sheet}; }}
    QCheckBox::indicator:checked, QListView::indicator:checked {{ background: {c.accent}; border-color: {c.text}; image: url({_CHECK}); }}
    QCheckBox::indicator:focus {{ border: 2px solid {c.focus}; }}
    QTreeView {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.line}; border-radius: 6px; outline: none; }}
    QTreeView:focus {{ border: 1px solid {c.focus}; }}
    QTreeView::branch {{ image: none; border-image: none; background: transparent; }}
    QTreeView::item {{ padding: 3px 6px; border-bottom: 1px solid {c.line}; }}
    QTreeView::item:selected {{ background: {c.chosen}; color: {c.text}; }}
    QListView {{ background: {c.sheet}; color: {c.text}; border: 1px solid {c.line}; border-radius: 5px;
        outline: none; }}
    QListView::item {{ padding: 5px 8px; }}
    QListView::item:selected {{ background: {c.chosen}; color: {c.text}; }}
    QScrollArea {{ background: transparent; border: none; }}
    QScrollArea > QWidget > QWidget {{ background: transparent; }}
    QScrollBar:vertical {{ background: transparent; width: 10px; margin: 2px; }}
    QScrollBar:horizontal {{ background: transparent; height: 10px; margin: 2px; }}
    QScrollBar::handle {{ background: {c.edge}; border-radius: 3px; min-height: 28px; min-width: 28px; }}
    QScrollBar::handle:hover {{ background: {c.text}; }}
    QScrollBar::add-line, QScrollBar::sub-line {{ width: 0; height: 0; }}
    QScrollBar::add-page, QScrollBar::sub-page {{ background: transparent; }}
    QSplitter::handle {{ background: {c.ground}; }}
    QSplitter::handle:hover {{ background: {c.line}; }}
    QProgressBar {{ background: {c.line}; border: none; border-radius: 3px; max-height: 6px; min-height: 6px; }}
    QProgressBar::chunk {{ background: {c.busy}; border-radius: 3px; }}
    QLabel {{ color: {c.text}; background: transparent; }}
    QLabel[soft="true"] {{ color: {c.soft}; }}
    QLabel[head="true"] {{ font-size: {scaled(19)}px; font-weight: 600; }}
    QLabel[part="true"] {{ font-weight: 600; color: {c.soft}; font-size: {scaled(12)}px; }}
    QFrame[sheet="true"] {{ background: {c.sheet}; border: 1px solid {c.line}; border-radius: 6px; }}
    """


def small_type(painter: QPainter) -> None:
    """Let a drawing write its labels small."""
    font = painter.font()
    font.setPixelSize(scaled(11))
    painter.setFont(font)
