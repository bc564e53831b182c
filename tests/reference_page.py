"""The reference of the library, docs/reference.md, made of the docstrings by griffe2md: ``python -m tests.reference_page [--check]``."""

from __future__ import annotations

import re
import sys
from pathlib import Path

import griffe
from griffe2md import ConfigDict, render_object_docs

ROOT = Path(__file__).resolve().parents[1]
PAGE = ROOT / "docs" / "reference.md"
HEAD = """# Reference

What `import kittiwake` gives and what its functions take and return, made of the docstrings by `python -m tests.reference_page`. [In a script](library.md) has examples.
"""
FUNCTIONS = ("receiver", "look", "plan", "make", "prove")
CLASSES = {
    "kittiwake.core.model.facts": ("Facts", "Header", "Measures", "SignalLevel", "Note"),
    "kittiwake.core.fit.verdict": ("Fit", "Verdict", "Step", "Problem", "Remedy"),
    "kittiwake.core.make.output": ("Result",),
    "kittiwake.core.make.proof": ("Proof",),
    "kittiwake.core.fit.rules.subject": ("Check",),
    "kittiwake.core.model.receiver": ("Receiver", "Rules", "Accepts", "Limits", "Treatment", "Level", "Delivery"),
    "kittiwake.core.model.name_rules": ("Names",),
    "kittiwake.core.model.service": ("Service",),
    "kittiwake.core.model.clip": ("TouchUp",),
    "kittiwake.core.errors": ("KittiwakeError",),
}


def page() -> str:
    """The text of the page."""
    loader = griffe.GriffeLoader(
        search_paths=[str(ROOT / "src")], docstring_parser=griffe.Parser.numpy, docstring_options={"warnings": False}
    )
    loader.load("kittiwake")
    config = ConfigDict(
        heading_level=3, show_root_full_path=False, show_root_members_full_path=False, show_object_full_path=False, show_bases=False,
        separate_signature=True, show_signature_annotations=True, docstring_section_style="list", show_submodules=False, show_if_no_docstring=False,
        show_category_heading=False, summary=False, load_external_modules=False,
    )  # fmt: skip
    parts = [HEAD, "\n## Functions\n"]
    library = loader.modules_collection["kittiwake.library"]
    parts += [render_object_docs(library[name], config) for name in FUNCTIONS]
    parts.append("\n## What they take and return\n")
    for module, names in CLASSES.items():
        parts += [render_object_docs(loader.modules_collection[module][name], config) for name in names]
    text = re.sub(r"(?<!`)``(?!`)", "`", "\n".join(parts))
    # A field stands as "name : what it is" in these docstrings; its type stands in the signature.
    text = re.sub(
        r"- \[?\*\*([\w, ]+)\*\*\]?(?:\(#[^)]*\))? \(<code>(.*?)</code>\) –[ \t]*$", r"- **\1**: \2", text, flags=re.M
    )
    text = re.sub(r"- <code>(\w+) : (.*?)</code> –[ \t]*$", r"- `\1`: \2", text, flags=re.M)
    return re.sub(r"\n{3,}", "\n\n", text).rstrip() + "\n"


def main() -> int:
    text = page()
    if "--check" in sys.argv:
        return int(PAGE.read_text("utf-8") != text)
    PAGE.write_text(text, "utf-8")
    return 0


if __name__ == "__main__":
    sys.exit(main())
