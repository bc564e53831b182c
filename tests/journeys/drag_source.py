"""A small window to drag a folder out of, as a file manager would be: ``python -m tests.journeys.drag_source PATH``."""

from __future__ import annotations

import sys

from PySide6.QtCore import QMimeData, Qt, QUrl
from PySide6.QtGui import QDrag, QMouseEvent
from PySide6.QtWidgets import QApplication, QLabel


class Source(QLabel):
    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        mime = QMimeData()
        mime.setUrls([QUrl.fromLocalFile(sys.argv[1])])
        drag = QDrag(self)
        drag.setMimeData(mime)
        drag.exec(Qt.DropAction.CopyAction)


app = QApplication(sys.argv[:1])
label = Source("recordings")
label.setGeometry(1300, 20, 120, 60)
label.setWindowFlags(Qt.WindowType.FramelessWindowHint)
label.show()
print("ready", flush=True)
app.exec()
