"""docs/formats.md says what the registry says."""

from __future__ import annotations

import math
import re
import unittest

from kittiwake.core.codec import FORMATS
from tests.formats_page import PAGE, page, size_formula


class TestPage(unittest.TestCase):
    def test_it_is_current(self) -> None:
        def rough(text: str) -> str:
            # Coding noise may differ by a hair between processors.
            return re.sub(r"-?\d+\.\d dB", "some dB", text)

        self.assertEqual(rough(PAGE.read_text("utf-8")), rough(page()), "renew it with ./run formats")

    def test_the_formulas_give_the_sizes(self) -> None:
        for form in FORMATS.values():
            text = size_formula(form)
            if form.size is None or ";" in text:
                continue
            for frames, channels in ((1, 1), (999, 1), (8001, form.max_channels)):
                even = text.endswith(", even")
                sum_ = text.removesuffix(", even").replace("·", "*").replace("⌈", "math.ceil(").replace("⌉", ")")
                sum_ = re.sub(r"\bf\b", str(frames), sum_)
                value = eval(re.sub(r"\bc\b", str(channels), sum_), {"math": math})
                value += value % 2 if even else 0
                self.assertEqual(value, form.exact_size(frames, channels, form.nearest_rate(8000)), (form.key, text))
