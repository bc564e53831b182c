"""The key of a service: from the environment, or from the desktop's store of secrets. It is in no file, job or log."""

from __future__ import annotations

import os

from ..errors import KittiwakeError

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
    key = os.environ.get(key_from, "")
    if not key:
        raise KittiwakeError(
            f"There is no key in {key_from}.", f"Set it in the environment: export {key_from}=…", "no_key"
        )
    return key


def _secret(name: str) -> str:
    try:
        import keyring
    except ImportError as error:
        raise KittiwakeError(
            "The desktop's store of secrets needs the package “keyring”.",
            "Install it with: pip install 'kittiwake[secrets]'.",
            "no_key",
        ) from error
    try:
        key = keyring.get_password(_OURS, name)
    except Exception as error:  # every store has errors of its own
        raise KittiwakeError(
            f"The store of secrets cannot be asked ({error}).",
            "Unlock it, or name a variable of the environment in key_from.",
            "no_key",
        ) from error
    if not key:
        raise KittiwakeError(
            f"The store of secrets holds no key “{name}”.", f"Put it there: keyring set {_OURS} {name}", "no_key"
        )
    return str(key)
