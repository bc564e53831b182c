"""Settings as a file. What holds is what the file says; what it does not say, or says wrongly, is as the application has it."""

from __future__ import annotations

import contextlib
import json
import re
from pathlib import Path
from typing import Any

from ...core.disk.place import write_text_whole
from ...core.disk.text import parse_toml, text_of
from ...core.errors import RulesError, reason_of
from ...words import phrase
from .setting import SECTIONS, Setting, Value, known_settings, setting_of

_LARGEST = 256 * 1024  # bytes
_HEAD = "Settings of Kittiwake. A line that begins with # is a comment; take the # away from a setting to change it.\nThe window writes this file too, and keeps what you write between."


def default_path() -> Path:
    """``settings.toml`` in the user's configuration (XDG Base Directory Specification)."""
    from platformdirs import user_config_path

    return user_config_path("kittiwake") / "settings.toml"


class Settings:
    """What one person has set.

    Parameters
    ----------
    path : of the file; default ``default_path()``. It need not be there.

    Attributes
    ----------
    keys : of commands, by id, where they are not those that the command comes with.
    wrong : what the file says wrongly, a sentence each.
    """

    def __init__(self, path: Path | None = None) -> None:
        self.path = path or default_path()
        self.wrong: list[str] = []
        self.keys: dict[str, tuple[str, ...]] = {}
        self._values: dict[str, Value] = {}
        self._stamp = 0
        self._before: list[tuple[str, Value | tuple[str, ...] | None]] = []
        self.read()

    # -- reading ---------------------------------------------------------------------------------------------------

    def read(self) -> set[str]:
        """Read the file, where it has changed; returns the keys of what is other than before, ``keys`` for any keys of commands."""
        stamp = 0
        with contextlib.suppress(OSError):
            stamp = self.path.stat().st_mtime_ns
        if stamp == self._stamp:
            return set()
        self._stamp = stamp
        before, keys = self._values, self.keys
        self._values, self.keys, self.wrong = {}, {}, []
        try:
            found = parse_toml(text_of(self.path, _LARGEST, phrase("file of settings"))) if stamp else {}
        except (OSError, UnicodeDecodeError, ValueError) as error:
            self.wrong.append(
                phrase(
                    "{name} cannot be read ({error}). Everything is as it comes until that is mended.",
                    name=self.path.name,
                    error=error,
                )
            )
            found = {}
        self._take(found)
        other = {key for key in {*before, *self._values} if before.get(key) != self._values.get(key)}
        return other | ({"keys"} if keys != self.keys else set())

    def _take(self, found: dict[str, Any]) -> None:
        for section, values in found.items():
            if not isinstance(values, dict):
                self.wrong.append(phrase("{section} is no section of settings.", section=section))
            elif section == "keys":
                self._take_keys(values)
            elif section not in SECTIONS:
                self.wrong.append(
                    phrase(
                        "There is no section [{section}]; the sections are {list}.",
                        section=section,
                        list=", ".join((*SECTIONS, "keys")),
                    )
                )
            else:
                for name, value in values.items():
                    self._take_one(f"{section}.{name}", value)

    def _take_one(self, key: str, value: Any) -> None:
        try:
            wrong = setting_of(key).wrong(value)
        except KeyError:
            wrong = phrase("There is no setting {key}.", key=key)
        if wrong:
            self.wrong.append(wrong)
        else:
            self._values[key] = value

    def _take_keys(self, values: dict[str, Any]) -> None:
        for command, keys in values.items():
            if isinstance(keys, list) and all(isinstance(key, str) and len(key) < 40 for key in keys):
                self.keys[command] = tuple(keys)
            else:
                self.wrong.append(phrase('keys.{command} is a list of keys, such as ["Ctrl+M"].', command=command))

    # -- asking ----------------------------------------------------------------------------------------------------

    def __getitem__(self, key: str) -> Any:
        """The value that holds.

        Raises
        ------
        KeyError : there is no such setting.
        """
        return self._values.get(key, setting_of(key).default)

    def is_set(self, key: str) -> bool:
        """Whether somebody set it."""
        return key in self._values

    @property
    def can_undo(self) -> bool:
        return bool(self._before)

    # -- changing --------------------------------------------------------------------------------------------------

    def set(self, key: str, value: Value | None) -> None:
        """Set something, or take back to how it comes (None); it is on the disk when this returns.

        Raises
        ------
        RulesError : the value is wrong, or the file cannot be written; then nothing has changed.
        KeyError : there is no such setting.
        """
        if value is not None and (wrong := setting_of(key).wrong(value)):
            raise RulesError(wrong, "", "setting")
        before = self._values.get(key)
        if value == before and type(value) is type(before):
            return
        self._put(key, value)
        self._before.append((key, before))

    def set_keys(self, command: str, keys: tuple[str, ...] | None) -> None:
        """Other keys for a command, or those that it comes with (None).

        Raises
        ------
        RulesError : the file cannot be written.
        """
        before = self.keys.get(command)
        if keys != before:
            self._put(f"keys.{command}", keys)
            self._before.append((f"keys.{command}", before))

    def undo(self) -> str:
        """Take the last change back; returns the key of what changed, empty where there is nothing to take back.

        Raises
        ------
        RulesError : the file cannot be written.
        """
        if not self._before:
            return ""
        key, before = self._before[-1]
        self._put(key, before)
        self._before.pop()
        return key

    def _put(self, key: str, value: Value | tuple[str, ...] | None) -> None:
        text = _with(self._text(), key, value)
        try:
            write_text_whole(self.path, text)
        except OSError as error:
            raise RulesError(
                phrase(
                    "Settings could not be kept in {path}: {reason_of}.", path=self.path, reason_of=reason_of(error)
                ),
                phrase("Check the folder and its permissions."),
                "no_folder",
            ) from error
        self._stamp = self.path.stat().st_mtime_ns
        section, _, name = key.partition(".")
        if section == "keys":
            self.keys.pop(name, None)
            if isinstance(value, tuple):
                self.keys[name] = value
        else:
            self._values.pop(key, None)
            if value is not None and not isinstance(value, tuple):
                self._values[key] = value

    def _text(self) -> str:
        """What the file holds now; one that explains everything where it is not there, or is no TOML."""
        with contextlib.suppress(OSError, UnicodeDecodeError, ValueError):
            text = text_of(self.path, _LARGEST, phrase("file of settings"))
            parse_toml(text)
            return text
        with contextlib.suppress(OSError):
            # What somebody wrote and mistyped is not thrown away.
            self.path.replace(self.path.with_name(f"{self.path.name}.unreadable"))
        return explained()


def explained() -> str:
    """A file of settings with every setting, what it does, and nothing set."""
    lines = [f"# {line}" for line in _HEAD.splitlines()]
    for section, heading in SECTIONS.items():
        lines += ["", "", f"[{section}]", f"# {heading}"]
        for one in known_settings():
            if one.section == section:
                lines += ["", f"# {one.text}. {one.help}", *_possible(one), f"# {one.name} = {_literal(one.default)}"]
    lines += ["", "", "[keys]", '# Keys of commands, by their ids: "make.all" = ["Ctrl+M"]', ""]
    return "\n".join(lines)


def _possible(one: Setting) -> list[str]:
    if one.choices:
        return [f"# One of {', '.join((_literal(value) for value, _ in one.choices))}."]
    return [f"# From {one.low} to {one.high}{one.unit and ' ' + one.unit}."] if one.high else []


def _literal(value: Value) -> str:
    if isinstance(value, bool):
        return "true" if value else "false"
    return (
        str(value) if isinstance(value, int) else json.dumps(value, ensure_ascii=False).replace("\x7f", "\\u007f")
    )  # a string of JSON is one of TOML


def _with(text: str, key: str, value: Value | tuple[str, ...] | None) -> str:
    """The file with one setting changed, and all else as somebody wrote it."""
    import tomlkit

    section, _, name = key.partition(".")
    wanted = list(value) if isinstance(value, tuple) else value
    # Where it stands as a comment it is changed there, and becomes one again.
    comes = None if section == "keys" else setting_of(key).default
    old = re.compile(
        rf"(^\[{section}\]\n(?:(?!\[).*\n)*?){'' if wanted is None else '# '}{re.escape(name)} = [^\n\[]*$",
        re.MULTILINE,
    )
    if comes is not None and (there := old.search(text)):
        line = (
            f"{name} = {_literal(value)}" if isinstance(value, bool | int | str) else f"# {name} = {_literal(comes)}"
        )
        changed = f"{text[: there.end(1)]}{line}{text[there.end() :]}"
        with contextlib.suppress(ValueError):
            parse_toml(changed)
            return changed
    whole = tomlkit.parse(text)
    if section not in whole:
        whole[section] = tomlkit.table()
    part: Any = whole[section]
    if wanted is not None:
        part[name] = wanted
    elif name in part:
        del part[name]
    return tomlkit.dumps(whole)
