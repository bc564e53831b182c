"""A stand-in for a voice service: an HTTP server on the loopback interface that speaks by the formant engine, and fails as it is told to."""

from __future__ import annotations

import base64
import contextlib
import io
import json
import time
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from threading import Thread

import numpy as np
import soundfile

from ...words import phrase

_MOST_BYTES = 1 << 20


class _Answers(BaseHTTPRequestHandler):
    """``POST`` with JSON of ``text`` and ``speed`` gives JSON with ``audio``, a WAV in Base64. Words in square brackets make it fail: ``[500]``,
    ``[hang]``, ``[noise]``, ``[nothing]``, ``[end]``.
    """

    def do_POST(self) -> None:
        size = min(int(self.headers.get("Content-Length") or 0), _MOST_BYTES)
        try:
            asked = json.loads(self.rfile.read(size))
            text, speed = str(asked["text"]), float(asked.get("speed", 1))
        except (ValueError, KeyError, TypeError):
            self.send_error(400, phrase("No text"))
            return
        if "[hang]" in text:
            time.sleep(30)
        if "[end]" in text:
            self.close_connection = True
            return
        if "[500]" in text:
            self.send_error(500, phrase("Out of breath"))
            return
        data = {"[noise]": b"\x00noise", "[nothing]": b""}.get(text.split()[-1] if text.split() else "")
        if data is None:
            data = _wav(text, speed)
        answer = json.dumps({"audio": base64.b64encode(data).decode("ascii")}).encode("ascii")
        with contextlib.suppress(ConnectionError):  # whoever asked waits no longer
            self.send_response(200)
            self.send_header("Content-Type", "application/json")
            self.send_header("Content-Length", str(len(answer)))
            self.end_headers()
            self.wfile.write(answer)

    def log_message(self, format: str, *args: object) -> None:
        pass  # what it answers is told by whoever asked


def _wav(text: str, speed: float) -> bytes:
    from .engine import engines

    sound, rate = engines()["espeak"].speak(text, "en-gb", speed)
    buffer = io.BytesIO()
    soundfile.write(buffer, np.round(sound * 32767).astype(np.int16), rate, format="WAV", subtype="PCM_16")
    return buffer.getvalue()


def serve() -> str:
    """Begin to serve, as long as this process lives; returns the address."""
    server = ThreadingHTTPServer(("127.0.0.1", 0), _Answers)
    server.daemon_threads = True
    Thread(target=server.serve_forever, name="voice-service", daemon=True).start()
    return f"http://127.0.0.1:{server.server_address[1]}/speak"
