"""A unit of systemd that watches folders while somebody is logged in: an example to enable, or to copy and change."""

from __future__ import annotations


def watch_unit(program: str) -> str:
    return f"""\
# Makes what arrives in the folders of the settings ("Watched folders" in the window), or of
# ~/.config/kittiwake/watched.toml. Begin with: systemctl --user enable --now kittiwake-watch
[Unit]
Description=Kittiwake: make what arrives in watched folders
Documentation=man:kittiwake-watch(1)

[Service]
ExecStart={program if program.startswith("/") else f"/usr/bin/env {program}"} watch
Restart=on-failure
RestartSec=10
Nice=10
# It reads sources, writes outputs, and needs nothing else.
NoNewPrivileges=true
RestrictAddressFamilies=AF_UNIX

[Install]
WantedBy=default.target
"""
