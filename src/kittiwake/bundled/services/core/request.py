"""What a service is sent about a made file, with statements that are read off it."""

from __future__ import annotations

import base64
import hashlib
import json
import shlex
from pathlib import Path

from ....core.errors import KittiwakeError, reason_of
from ....core.intake import open_sound
from ....core.model import Stated
from ....core.model.service import Service
from ....core.model.units import format_bytes
from ....core.net import filled_in, in_address, in_header, in_json
from ....plain_data import dataclass
from ....words import phrase

_SOUND, _KEY = "kittiwake-sound-comes-here", "kittiwake-key-comes-here"  # in a command, until they are put in
_ENCODINGS = {"flac": "flac", "pcm_s16le": "linear16", "ulaw": "ulaw", "alaw": "alaw", "opus": "ogg_opus"}


@dataclass(frozen=True, slots=True)
class ToAsk:
    """A made file. ``stated`` is how to read it where it has no header; ``expected`` are the lines that may be said, where the service is to know."""

    path: Path
    name: str
    language: str = ""
    stated: Stated | None = None
    expected: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class Request:
    """What is sent: as it is, and as it may be shown, with the sound shortened and without the key. ``sha256`` is of the sound, ``sent`` what it is in
    words, ``sound_seconds`` how long.
    """

    url: str
    method: str
    headers: dict[str, str]
    body: bytes
    shown: str
    sha256: str = ""
    sent: str = ""
    sound_seconds: float = 0.0


def request_of(item: ToAsk, service: Service, url: str, key: str = "") -> Request:
    """The request for a file; encoding, rate and channels are read off it.

    Raises
    ------
    KittiwakeError : it cannot be read.
    """
    try:
        data = item.path.read_bytes()
    except OSError as error:
        raise KittiwakeError(
            phrase("{path} cannot be read: {reason_of}.", path=item.path, reason_of=reason_of(error)),
            phrase("Make it again."),
            "unreadable",
        ) from error
    reader = open_sound(item.path, item.stated)
    header = reader.header
    frames = header.frames if header.frames is not None else sum(len(block) for block in reader.blocks())
    reader.close()
    encoding = _ENCODINGS.get(header.encoding, header.encoding)
    encoding = header.container if header.container in ("flac", "wav") else encoding
    rate = _opus_rate(data) if encoding == "ogg_opus" else header.sample_rate
    values = {
        "encoding": encoding, "rate": str(rate), "channels": str(header.channels), "language": item.language,
        "name": item.name, "bytes": str(len(data)), "key": key,
    }  # fmt: skip
    is_json = service.body.lstrip().startswith(("{", "[")) and service.body.strip() != "{sound}"
    expected = json.dumps(item.expected if service.expects else (), ensure_ascii=True)
    plain = values | {"expected": expected}

    def filled_body(sound: str, secret: str) -> str:
        # The sound is Base64 and what is expected is JSON already: neither is to be written as the inside of a text.
        texts = {name: in_json(value) if is_json else value for name, value in {**values, "key": secret}.items()}
        return filled_in(service.body, texts | {"expected": expected, "sound": sound}, str)

    coded = base64.b64encode(data).decode("ascii")
    body = data if service.body.strip() == "{sound}" else filled_body(coded, key).encode("utf-8", "replace")
    headers = {"Content-Type": "application/json" if is_json else "application/octet-stream"}
    headers |= {name: in_header(filled_in(value, plain | {"sound": ""}, str)) for name, value in service.headers}
    short = f"{coded[:24]}… ({len(coded):,} characters)"
    hidden = plain | {"sound": "", "key": "…"}
    lines = [f"{service.method} {filled_in(url, hidden, lambda value: value if value == '…' else in_address(value))}"]
    lines += [
        f"{name}: {filled_in(value, hidden, str)}"
        for name, value in {"Content-Type": headers["Content-Type"], **dict(service.headers)}.items()
    ]
    lines += ["", filled_body(short, "…"), "", f"{len(body):,} bytes"]
    seconds = frames / header.sample_rate
    sent = f"{encoding}, {rate} Hz, {format_bytes(len(data))}"
    digest = hashlib.sha256(data).hexdigest()
    address = filled_in(url, plain | {"sound": ""}, in_address)
    return Request(address, service.method, headers, body, "\n".join(lines), digest, sent, seconds)


def _opus_rate(data: bytes) -> int:
    """The rate of what was coded, as the head of an Opus stream has it (RFC 7845); its decoders give 48 kHz whatever it was."""
    at = data.find(b"OpusHead")
    return int.from_bytes(data[at + 12 : at + 16], "little") if at >= 0 else 48_000


def as_command(item: ToAsk, service: Service, url: str) -> str:
    """The same as a command for a POSIX shell with ``base64`` and ``curl``: the sound comes of the file, the key of where it is kept. What holds the
    key goes through a file of its own (``/dev/fd/3``), since everybody on a machine may see with which words a command was started.
    """
    request = request_of(item, service.changed(body=service.body.replace("{sound}", _SOUND)), url, _KEY)
    path = shlex.quote(str(item.path.absolute()))
    key = f"${{{service.key_from}}}"
    if service.key_from.startswith("secret:"):
        key = f"$(keyring get kittiwake {shlex.quote(service.key_from.removeprefix('secret:'))})"

    def quoted(text: str) -> str:
        parts = "'" + text.replace("'", "'\"'\"'") + "'"
        for mark, comes in ((_SOUND, f"$(base64 --wrap=0 {path})"), (_KEY, key)):
            parts = parts.replace(mark, f"'\"{comes}\"'")
        return parts

    options = [("header", f"{name}: {value}") for name, value in request.headers.items()] + [("url", request.url)]
    words = ["curl", "--silent", "--request", request.method]
    words += [word for name, value in options if _KEY not in value for word in (f"--{name}", quoted(value))]
    secret = [
        f'{name} = "{_in_here_document(_in_config(value)).replace(_KEY, key)}"'
        for name, value in options
        if _KEY in value
    ]
    if secret:
        words += ["--config /dev/fd/3"]
    words += ["--data-binary", f"@{path}" if service.body.strip() == "{sound}" else "@-"]
    command = " ".join(words)
    if service.body.strip() != "{sound}":
        command = f"printf '%s' {quoted(request.body.decode('utf-8'))} | {command}"
    return "\n".join([f"{command} 3<<END_OF_KEYS", *secret, "END_OF_KEYS"]) if secret else command


def _in_config(text: str) -> str:
    """As the inside of a text in a file of options."""
    return text.replace("\\", "\\\\").replace('"', '\\"')


def _in_here_document(text: str) -> str:
    """So that a shell takes nothing in it for its own."""
    return "".join(f"\\{c}" if c in "\\$`" else c for c in text)
