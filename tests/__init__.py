"""Every test. Properties are tried on the same examples in each run; KITTIWAKE_EXPLORE=1 draws new ones."""

import os
import tempfile

from hypothesis import settings

# As the application starts (cli/entry.py): linear algebra in threads of its own took two fifths more processor time of some tests, waiting.
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
# What the application keeps of one's machine must not be touched by tests, nor touch them.
_OWN = tempfile.mkdtemp(prefix="kittiwake-tests-")
for _kind in ("STATE", "DATA", "CONFIG"):
    os.environ[f"XDG_{_kind}_HOME"] = f"{_OWN}/{_kind.lower()}"
# All processes of one run have one cache: what one has found out about the demo need not be found out by the others.
os.environ["XDG_CACHE_HOME"] = os.environ.setdefault("KITTIWAKE_TESTS_CACHE", f"{_OWN}/cache")

settings.register_profile("steady", derandomize=True, database=None, max_examples=40, deadline=None)
settings.register_profile("explore", derandomize=False, max_examples=500, deadline=None)
settings.load_profile("explore" if os.environ.get("KITTIWAKE_EXPLORE") else "steady")
