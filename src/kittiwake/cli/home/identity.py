"""Who the application is to a desktop."""

from __future__ import annotations

from ...words import phrase

#: Component id of AppStream; the names of files and of the icon are shorter, since nothing else is called so.
ID = "org.example.kittiwake"
NAME = "Kittiwake"
SUMMARY = phrase("Puts recorded voices into the machines that must speak them")
JOB_TYPE = "application/x-kittiwake-job"
ICON = "kittiwake"

#: What can be opened, by the names of the shared MIME-info database.
SOUND_TYPES = (
    "audio/aac", "audio/AMR", "audio/AMR-WB", "audio/ac3", "audio/basic", "audio/flac", "audio/mp4", "audio/mpeg", "audio/ogg",
    "audio/vnd.wave", "audio/webm", "audio/x-aifc", "audio/x-aiff", "audio/x-caf", "audio/x-flac+ogg", "audio/x-matroska", "audio/x-opus+ogg",
    "audio/x-speex+ogg", "audio/x-vorbis+ogg", "audio/x-wav",
)  # fmt: skip
VIDEO_TYPES = (
    "video/mp4", "video/mpeg", "video/ogg", "video/quicktime", "video/webm", "video/x-matroska", "video/x-msvideo",
)  # fmt: skip
