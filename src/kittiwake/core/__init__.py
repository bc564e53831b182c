"""Everything Kittiwake knows about sound and receivers; no interface code, no printing.

Rooms, in the order in which sound passes through them:
model, intake, measure, sound and codec, fit, make, standin.
"""
