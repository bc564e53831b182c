"""Stand-ins: machines that files are tried on, the telephone with its menu among them. Its tones are those of the extension ``tones``."""

NEEDS = ("tones",)
