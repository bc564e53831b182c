"""Bundled extensions: what the application ships beside its heart, a folder each, found behind doors that anything from outside may use too (``core/extensions.py``).

The heart is complete without any of them: nothing outside of this folder imports from it, and ``KITTIWAKE_WITHOUT=music,corpus`` leaves them out. In each, ``core`` has no
interface code.
"""
