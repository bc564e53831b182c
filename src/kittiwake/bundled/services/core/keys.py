"""The key of a service: from the environment, or from the desktop's store of secrets. It is in no file, job or log."""

from __future__ import annotations

import os

from ....core.errors import KittiwakeError
from ....core.installed import how_to_add
from ....words import phrase

_OURS = "kittiwake"


def key_of(key_from: str) -> str:
    """The key that ``Service.key_from`` names; empty where it names none.

    Raises
    ------
    KittiwakeError : it is not there.
    """
    if not key_from:
        return ""
    if key_from.startswith("secret:"):
        return _secret(key_from.removeprefix("secret:"))
    key = os.environ.get(key_from, "").strip()  # many a key was kept with the line feed behind it
    if not key:
        raise KittiwakeError(
            phrase("There is no key in {key_from}.", key_from=key_from),
            phrase("Set it in the environment: export {key_from}=…", key_from=key_from),
            "no_key",
        )
    return key


def _secret(name: str) -> str:
    try:
        import keyring
    except ImportError as error:
        raise KittiwakeError(
            phrase("The desktop's store of secrets needs the package “keyring”."),
            how_to_add("secrets", "python3-keyring"),
            "no_key",
        ) from error
    try:
        key = keyring.get_password(_OURS, name)
    except Exception as error:  # every store has errors of its own
        raise KittiwakeError(
            phrase("The store of secrets cannot be asked ({error}).", error=error),
            phrase("Unlock it, or name a variable of the environment in key_from."),
            "no_key",
        ) from error
    if not key:
        raise KittiwakeError(
            phrase("The store of secrets holds no key “{name}”.", name=name),
            phrase("Put it there: keyring set {ours} {name}", ours=_OURS, name=name),
            "no_key",
        )
    return str(key).strip()
