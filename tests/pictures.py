"""Takes the pictures in docs/screenshots from the demo job: ``./run pictures [FOLDER]``."""

from __future__ import annotations

import sys
import tempfile
from pathlib import Path

from kittiwake.ui.start import DEMO, make_app, settle
from kittiwake.ui.window import Window

FOLDER = Path(__file__).resolve().parents[1] / "docs" / "screenshots"


def main() -> None:
    folder = Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER
    folder.mkdir(parents=True, exist_ok=True)
    app = make_app()
    window = Window()
    window.use_colours(False)
    window.resize(1280, 800)
    window.show()

    def shoot(name: str) -> None:
        settle(app, window, 20)
        window.grab().save(str(folder / f"{name}.png"))

    window.player.find_out()
    window.open_job(DEMO)
    window.board.setFocus()
    settle(app, window)
    with tempfile.TemporaryDirectory(prefix="brinmar-") as outputs:
        # A path that looks the same on every machine.
        link = Path(tempfile.gettempdir()) / "Brinmar outputs"
        link.unlink(missing_ok=True)
        link.symlink_to(outputs)
        window.session.change("output", window.session.job.changed(output=str(link)))
        window.board.select("demo-01")
        shoot("board")
        clip = next(c for c in window.session.job.clips if c.name == "Pier two")
        window.board.select(clip.id)
        shoot("clip")
        fares = next(c for c in window.session.job.clips if c.name == "Spring fares")
        window.board.select(fares.id)
        shoot("suspicion")
        window.do_view_levels()
        shoot("levels")
        window.bench.show_choice(None, window.session.receiver("quay-beacon"))
        shoot("receiver")
        notice = next(c for c in window.session.job.clips if c.name == "Safety notice")
        window.board.select(notice.id, "quay-beacon")
        shoot("decide")
        window.do_make_all()
        settle(app, window)
        window.board.select(clip.id, "phone-menu")
        shoot("cell")
        quay = next(c for c in window.session.job.clips if c.name == "Car deck")
        window.board.select(quay.id, "quay-beacon")
        window.do_beacon_hand()
        shoot("beacon")
        window.board.select(notice.id)
        window.do_ear_compare()
        while window.bench.compare_page.busy:
            app.processEvents()
        window.bench.compare_page.table.setCurrentCell(1, 0)
        shoot("compare")
        window.use_colours(True)
        window.board.select(clip.id, "speech-engine")
        shoot("cell-dark")
        link.unlink()
        window.session.undo_stack.setClean()
        window.shut_down()


if __name__ == "__main__":
    main()
