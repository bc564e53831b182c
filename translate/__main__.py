"""Brings the catalogues in step with the source and compiles them: ``./run words [--check]``.

A catalogue is a ``.ts`` file (Qt Linguist), translated by hand or in Linguist; what is compiled of it (``.qm``) is what the application reads.
With ``--check`` nothing is written; what is missing or superfluous is told, and the exit code is 1.
"""

from __future__ import annotations

import subprocess
import sys
from pathlib import Path

import PySide6

from .catalogue import LANGUAGES, read, write
from .collect import messages


def main(check: bool) -> int:
    """The exit code."""
    wrong = 0
    for language in LANGUAGES:
        kept, wanted = read(language), messages()
        missing = [text for text in wanted if text not in kept]
        old = [text for text in kept if text not in wanted]
        print(f"{language}: {len(wanted)} texts, {len(missing)} not translated, {len(old)} no longer said")
        if check:
            for text in missing[:20]:
                print(f"  {wanted[text].where}: {text}")
            wrong += len(missing) + len(old)
            continue
        release = Path(PySide6.__file__).parent / "lrelease"
        for ts in write(language, wanted, kept):
            subprocess.run([release, "-silent", ts, "-qm", ts.with_suffix(".qm")], check=True)
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main("--check" in sys.argv[1:]))
