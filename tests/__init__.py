"""Every test. Properties are tried on the same examples in each run; KITTIWAKE_EXPLORE=1 draws new ones."""

import os

from hypothesis import settings

settings.register_profile("steady", derandomize=True, database=None, max_examples=40, deadline=None)
settings.register_profile("explore", derandomize=False, max_examples=500, deadline=None)
settings.load_profile("explore" if os.environ.get("KITTIWAKE_EXPLORE") else "steady")
