"""A unit of systemd that watches folders while somebody is logged in: an example to enable, or to copy and change."""

from __future__ import annotations

from .entries import command_words


def watch_unit(program: str) -> str:
    return f"""\
# Makes what arrives in the folders of the settings ("Watched folders" in the window), or of
# ~/.config/kittiwake/watched.toml. Begin with: systemctl --user enable --now kittiwake-watch
[Unit]
Description=Kittiwake: make what arrives in watched folders
Documentation=man:kittiwake-watch(1)

[Service]
ExecStart={_exec(program)} watch
Restart=on-failure
RestartSec=10
Nice=10
# It reads sources, writes outputs, and needs nothing else.
NoNewPrivileges=true
RestrictAddressFamilies=AF_UNIX

[Install]
WantedBy=default.target
"""


def _exec(program: str) -> str:
    """As ``ExecStart`` has it (systemd.service(5)): a path first, words in quotes where they have to be."""
    words = command_words(program)
    if not words[0].startswith("/"):
        words = ("/usr/bin/env", *words)
    return " ".join(_word(word) for word in words)


def _word(word: str) -> str:
    plain = word.replace("\\", "\\\\").replace("%", "%%").replace("$", "$$").replace('"', '\\"')
    return plain if all(c.isalnum() or c in "/._-+@:" for c in word) else f'"{plain}"'
