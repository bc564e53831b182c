"""The reference of the library is what the docstrings say."""

from __future__ import annotations

import unittest

from tests.reference_page import PAGE, page


class TestReference(unittest.TestCase):
    def test_the_page_is_in_step(self) -> None:
        self.assertEqual(PAGE.read_text("utf-8"), page(), "python -m tests.reference_page")


if __name__ == "__main__":
    unittest.main()
