"""Loads what a worker needs, once, in the server that workers of a window are forked from."""

import os

# A worker is one of as many as there are cores: its linear algebra must not start more threads.
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")

# NumPy and the standard library load these when they are first asked for something, which would be in every worker.
import concurrent.futures.thread  # noqa: F401

import numpy.fft
import numpy.ma
import numpy.random  # noqa: F401
import soundfile  # noqa: F401
import soxr  # noqa: F401
from blake3 import blake3  # noqa: F401

from .. import extensions
from ..cache import drawing  # noqa: F401
from ..cache.facts_cache import versions
from ..intake import libav  # noqa: F401
from ..make import stream  # noqa: F401
from . import runner  # noqa: F401

extensions.load("core")
versions()  # asked of each library's own folder, which takes as long as looking at a short file
