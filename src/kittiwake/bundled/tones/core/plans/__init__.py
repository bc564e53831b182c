"""The tones of countries, one TOML file a country; a file that is put here is found by itself.

``play`` lists what sounds: frequencies (Hz), and for how many seconds; without frequencies it is silence. ``level`` is that of each frequency,
dBm0. ``by`` are Hz by which it is modulated. ``endless`` tones go on until they are stopped.
"""
