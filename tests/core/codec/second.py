"""Second opinions on codecs: general-purpose libraries of Debian, by ctypes. They share no code with what is tested."""

from __future__ import annotations

import ctypes
import io
import struct
import unittest
from functools import cache
from pathlib import Path

import av
import numpy as np


@cache
def library(name: str) -> ctypes.CDLL:
    """A library, or the test is skipped where the machine has not got it."""
    try:
        return ctypes.CDLL(name)
    except OSError:
        raise unittest.SkipTest(f"{name} is not on this machine") from None


def _spandsp(kind: str, encode: bool, data: np.ndarray, room: int, *begin: int) -> np.ndarray:
    """What a codec of libspandsp makes of all of ``data``."""
    found = library("libspandsp.so.2")
    work = getattr(found, f"{kind}_{'encode' if encode else 'decode'}")
    start = getattr(found, f"{work.__name__}_init" if kind == "g722" else f"{kind}_init")
    start.restype = ctypes.c_void_p
    work.argtypes = [ctypes.c_void_p, ctypes.c_void_p, ctypes.c_void_p, ctypes.c_int]
    state = start(None, *begin)
    out = np.zeros(room, np.uint8 if encode else np.int16)
    data = np.ascontiguousarray(data, np.int16 if encode else np.uint8)
    return out[: work(ctypes.c_void_p(state), out.ctypes.data, data.ctypes.data, len(data))]


_PACKING = {True: 1, False: 2}  # as libspandsp numbers it: from the high end, from the low one


def g726_codes(samples: np.ndarray, kbits: int, high_first: bool) -> bytes:
    """ITU-T G.726 by libspandsp, of int16."""
    return _spandsp("g726", True, samples, len(samples) + 16, kbits * 1000, 0, _PACKING[high_first]).tobytes()


def g726_samples(codes: bytes, kbits: int, high_first: bool) -> np.ndarray:
    data = np.frombuffer(codes, np.uint8)
    return _spandsp("g726", False, data, 8 * len(data) + 16, kbits * 1000, 0, _PACKING[high_first])


def g722_samples(codes: bytes) -> np.ndarray:
    """ITU-T G.722 at 64 kbit/s, int16 at 16 kHz."""
    data = np.frombuffer(codes, np.uint8)
    return _spandsp("g722", False, data, 2 * len(data), 64_000, 0)


def g722_codes(samples: np.ndarray) -> bytes:
    return _spandsp("g722", True, samples, len(samples), 64_000, 0).tobytes()


def oki_samples(codes: bytes) -> np.ndarray:
    """OKI ADPCM at 32 kbit/s, int16."""
    data = np.frombuffer(codes, np.uint8)
    return _spandsp("oki_adpcm", False, data, 2 * len(data) + 16, 32_000)


def oki_codes(samples: np.ndarray) -> bytes:
    return _spandsp("oki_adpcm", True, samples, len(samples), 32_000).tobytes()


def gsm_samples(codes: bytes, wav: bool = False) -> np.ndarray:
    """GSM 06.10 by libgsm, int16: frames of 33 bytes, or as in WAV files two in 65."""
    found = library("libgsm.so.1")
    found.gsm_create.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.gsm_create())
    if wav:
        found.gsm_option(state, 4, ctypes.byref(ctypes.c_int(1)))  # GSM_OPT_WAV49
    out, at = [], 0
    while at + (size := 32 if wav and len(out) % 2 else 33) <= len(codes):
        frame = np.zeros(160, np.int16)
        if found.gsm_decode(state, codes[at : at + size], frame.ctypes.data_as(ctypes.c_void_p)):
            raise AssertionError(f"libgsm refuses the frame at {at}")
        out.append(frame)
        at += size
    found.gsm_destroy(state)
    return np.concatenate(out)


def gsm_codes(samples: np.ndarray) -> bytes:
    found = library("libgsm.so.1")
    found.gsm_create.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.gsm_create())
    out = b""
    for frame in samples[: len(samples) // 160 * 160].astype(np.int16).reshape(-1, 160):
        room = ctypes.create_string_buffer(33)
        found.gsm_encode(state, np.ascontiguousarray(frame).ctypes.data_as(ctypes.c_void_p), room)
        out += room.raw
    found.gsm_destroy(state)
    return out


def amr_samples(data: bytes) -> np.ndarray:
    """A whole file of AMR narrow-band (RFC 4867) by OpenCORE, int16 at 8 kHz."""
    found = library("libopencore-amrnb.so.0")
    found.Decoder_Interface_init.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.Decoder_Interface_init())
    sizes = (12, 13, 15, 17, 19, 20, 26, 31, 5, 0, 0, 0, 0, 0, 0, 0)
    at, out = 6, []
    while at < len(data):
        size = 1 + sizes[data[at] >> 3 & 15]
        frame = np.zeros(160, np.int16)
        found.Decoder_Interface_Decode(state, data[at : at + size], frame.ctypes.data_as(ctypes.c_void_p), 0)
        out.append(frame)
        at += size
    found.Decoder_Interface_exit(state)
    return np.concatenate(out)


def g729_samples(codes: bytes) -> np.ndarray:
    """ITU-T G.729 by libbcg729, int16."""
    found = library("libbcg729.so.0")
    found.initBcg729DecoderChannel.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.initBcg729DecoderChannel())
    out = []
    for at in range(0, len(codes) // 10 * 10, 10):
        frame = np.zeros(80, np.int16)
        found.bcg729Decoder(
            state, codes[at : at + 10], ctypes.c_uint8(10), ctypes.c_uint8(0), ctypes.c_uint8(0), ctypes.c_uint8(0),
            frame.ctypes.data_as(ctypes.c_void_p),
        )  # fmt: skip
        out.append(frame)
    found.closeBcg729DecoderChannel(state)
    return np.concatenate(out)


def aac_samples(path: Path) -> np.ndarray:
    """AAC in MP4 by libfaad2, int16 of the first channel; libav only takes the frames out of the file."""
    found = library("libfaad.so.2")
    stream = io.BytesIO()
    with av.open(str(path)) as source, av.open(stream, "w", format="adts") as copy:
        track = copy.add_stream_from_template(source.streams.audio[0])
        for packet in source.demux(source.streams.audio[0]):
            if packet.size:
                packet.stream = track
                copy.mux(packet)
    data = stream.getvalue()
    found.NeAACDecOpen.restype = found.NeAACDecDecode.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.NeAACDecOpen())
    rate, channels = ctypes.c_ulong(), ctypes.c_ubyte()
    found.NeAACDecInit(state, data, ctypes.c_ulong(len(data)), ctypes.byref(rate), ctypes.byref(channels))
    at, out, reported = 0, [], ctypes.create_string_buffer(256)
    while at < len(data):
        samples = found.NeAACDecDecode(state, reported, data[at:], ctypes.c_ulong(len(data) - at))
        used, count = struct.unpack_from("LL", reported)  # bytesconsumed, samples; native sizes are the same here
        channels_out, error = reported.raw[16], reported.raw[17]
        if error or not used:
            raise AssertionError(f"libfaad2 says {error} at {at}")
        if count:
            whole = np.ctypeslib.as_array(ctypes.cast(samples, ctypes.POINTER(ctypes.c_int16)), (count,))
            out.append(whole.reshape(-1, channels_out)[:, 0].copy())
        at += used
    found.NeAACDecClose(state)
    return np.concatenate(out)
