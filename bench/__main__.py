"""Speed and memory, side by side with plain scripts in one run: ``./run bench [PART ...] [--quick]``.

Every figure is a ratio of medians, the parties taking turns, so that a machine that is slowed down slows all of them. The plain scripts
are what one writes with public libraries; they measure nothing, level nothing, prove nothing and keep no ledger.
"""

from __future__ import annotations

import argparse
import json
import os
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable, Sequence
from concurrent.futures import ProcessPoolExecutor
from fractions import Fraction
from pathlib import Path

os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")  # one worker is one thread, for all parties

import numpy as np
import soundfile
import soxr

from kittiwake.core.batch import BatchRequest, run_batch
from kittiwake.core.model import load_receiver
from kittiwake.core.process import InProcess, Processes

Figures = dict[str, float]


def recording(path: Path, seconds: float, subtype: str = "PCM_16", seed: int = 1) -> Path:
    """A stereo recording at 48 kHz: bursts of noise, like speech."""
    dice = np.random.default_rng(seed)
    length = min(10.0, seconds)
    at = np.arange(round(length * 48_000)) / 48_000
    envelope = np.clip(np.sin(2 * np.pi * 1.7 * at + seed) + 0.4, 0, 1)
    block = (dice.standard_normal((len(at), 2)) * 0.1 * envelope[:, None]).astype(np.float32)
    with soundfile.SoundFile(
        str(path), "w", 48_000, 2, subtype, format="RF64" if seconds > 20_000 else "WAV"
    ) as file:
        left = seconds
        while left > 0:
            file.write(block[: round(min(length, left) * 48_000)])
            left -= length
    return path


def recordings(paths: Sequence[Path], seconds: float = 3.0, subtype: str = "PCM_16", first: int = 0) -> None:
    """Recordings made in a process of their own: large arrays, once made, leave the allocator keeping more memory than it does in a script that
    is started by itself, and what is forked from such a process is faster than that script.
    """
    with ProcessPoolExecutor(1) as pool:
        made = [pool.submit(recording, path, seconds, subtype, n % 97) for n, path in enumerate(paths, first)]
        for one in made:
            one.result()


def plain(source: Path, into: Path) -> None:
    """What one writes in five lines: read, mix, resample, write."""
    sound, rate = soundfile.read(str(source), dtype="float32")
    mono = soxr.resample(sound.mean(axis=1), rate, 8000, quality="HQ")
    soundfile.write(str(into), mono, 8000, subtype="ULAW")


def plain_av(source: Path, into: Path) -> None:
    """The same with PyAV: decode, resample, encode."""
    import av

    with av.open(str(source)) as reader, av.open(str(into), "w", format="wav") as writer:
        stream = writer.add_stream("pcm_mulaw", rate=8000, layout="mono")
        resampler = av.AudioResampler(format="s16", layout="mono", rate=8000)
        at = 0
        for frame in reader.decode(audio=0):
            for part in resampler.resample(frame):
                part.pts, part.time_base = at, Fraction(1, 8000)
                at += part.samples
                writer.mux(stream.encode(part))
        for part in resampler.resample(None):
            part.pts, part.time_base = at, Fraction(1, 8000)
            at += part.samples
            writer.mux(stream.encode(part))
        writer.mux(stream.encode(None))


def plain_one(job: tuple[Path, Path]) -> None:
    plain(*job)


def bare(source: Path) -> None:
    """Decoder, resampler and encoder of ours alone."""
    from kittiwake.core.codec import ulaw
    from kittiwake.core.intake import open_sound

    reader = open_sound(source)
    stream = soxr.ResampleStream(reader.header.sample_rate, 8000, 1, dtype="float32", quality="HQ")
    for block in reader.blocks():
        ulaw.encode(stream.resample_chunk(np.ascontiguousarray((block[:, 0] + block[:, 1]) * np.float32(0.5))))
    ulaw.encode(stream.resample_chunk(np.zeros(0, np.float32), last=True))
    reader.close()


def ours(paths: Sequence[Path], folder: Path, workers: int) -> int:
    """Looked at, levelled, made, proved and entered in a ledger; how many were made. No workers: in this process."""
    request = BatchRequest((load_receiver("phone-menu"),), (folder,))
    results = list(run_batch(paths, request, Processes(workers) if workers else InProcess()))
    assert all(result.good for result in results), [r.to_dict() for r in results if not r.good][:1]
    return sum(result.status == "made" for result in results)


def took(work: Callable[[], object]) -> float:
    began = time.perf_counter()
    work()
    return time.perf_counter() - began


def turns(times: int, **parties: Callable[[int], object]) -> dict[str, float]:
    """Median seconds of each party; they take turns."""
    found: dict[str, list[float]] = {name: [] for name in parties}
    for turn in range(times):
        for name, party in parties.items():
            os.sync()  # nobody waits for what another has left for the disk
            found[name].append(took(lambda party=party, turn=turn: party(turn)))
    return {name: statistics.median(taken) for name, taken in found.items()}


def one_long(folder: Path, times: int) -> Figures:
    ten = folder / "ten.wav"
    recordings([ten], 600, "PCM_24")
    ours([ten], folder / "warm", 0)
    found = turns(
        times,
        plain=lambda n: plain(ten, folder / f"plain{n}.wav"),
        av=lambda n: plain_av(ten, folder / f"av{n}.wav"),
        ours=lambda n: ours([ten], folder / f"long{n}", 0),
        bare=lambda n: bare(ten),
    )
    return {
        "10 min 24-bit stereo to µ-law, one worker: s": found["ours"],
        "… throughput against soundfile and soxr (1.3 wanted)": found["plain"] / found["ours"],
        "… throughput against PyAV (1.0 wanted)": found["av"] / found["ours"],
        "… share of decoder, resampler, encoder alone (0.7 aimed at)": found["bare"] / found["ours"],
    }


def many_short(folder: Path, times: int, count: int) -> Figures:
    source = folder / "short"
    source.mkdir()
    paths = [source / f"{n:05}.wav" for n in range(count)]
    recordings(paths)

    # Everybody writes new files, in a folder of its own: to write over old ones, or to remove them, costs another thing.
    def plain_pool(n: int) -> None:
        into = folder / f"plain{n}"
        into.mkdir()
        with ProcessPoolExecutor(2) as pool:
            list(pool.map(plain_one, [(p, into / p.name) for p in paths], chunksize=16))

    def ours_pool(workers: int) -> Callable[[int], None]:
        def run(n: int) -> None:
            assert ours(paths, folder / f"out{workers}-{n}", workers) == count

        return run

    def again(n: int) -> None:
        for _ in range(5):  # it takes a tenth of a second, in which a machine may be slowed down by others as a whole
            assert ours(paths, folder / f"out2-{n}", 2) == 0

    found = turns(times, plain=plain_pool, two=ours_pool(2), again=again, one=ours_pool(1))
    last = folder / f"out2-{times - 1}"
    changed = paths[:: max(1, 100)]
    recordings(changed, first=50)
    made = 0

    def one_percent() -> None:
        nonlocal made
        made = ours(paths, last, 2)

    sample = took(one_percent)
    return {
        f"{count} clips of 3 s, stereo 48 kHz, two workers: clips/s": count / found["two"],
        "… against the plain script in a pool of two (1.0 wanted)": found["plain"] / found["two"],
        "… two workers against one (1.8 wanted)": found["one"] / found["two"],
        "… first run against a second with nothing changed (50 wanted)": 5 * found["two"] / found["again"],
        f"… with {len(changed)} changed: so many are made": made,
        "… and it takes, of the first run": sample / found["two"],
    }


_PEAK = """
import sys
from kittiwake.cli.entry import main
try: main()
except SystemExit as stop: assert not stop.code
print(next(l.split()[1] for l in open('/proc/self/status') if l.startswith('VmHWM')), 'KB', file=sys.stderr)
"""


def peak_of(folder: Path, *sources: Path) -> tuple[float, float, float]:
    """Peak memory of the command and of its largest worker (MB), and seconds."""
    command = [
        sys.executable,
        "-c",
        _PEAK,
        "make",
        "--json",
        "--for",
        "phone-menu",
        "--into",
        str(folder),
        *map(str, sources),
    ]
    began = time.perf_counter()
    with subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, text=True) as process:
        worker = 0
        while process.poll() is None:
            worker = max(worker, largest_worker(process.pid))
            time.sleep(0.1)
        reported = process.stderr.read() if process.stderr else ""
    assert process.returncode == 0, reported
    return int(reported.split()[-2]) / 1024, worker / 1024, time.perf_counter() - began


def largest_worker(command: int) -> int:
    """Peak memory (KB) of the largest worker of a command; what it has in common with the command is counted too."""
    found = 0
    try:
        children = Path(f"/proc/{command}/task/{command}/children").read_text().split()
    except OSError:
        return 0
    for child in children:
        try:
            status = Path(f"/proc/{child}/status").read_text()
            found = max(found, int(status.split("VmHWM:")[1].split()[0]))
        except (OSError, IndexError, ValueError):
            continue  # it has ended meanwhile
    return found


def whole_commands(folder: Path, times: int) -> Figures:
    """The command against a script of its kind, both started anew each time."""
    script = folder / "plain.py"
    script.write_text(_SCRIPT)
    sources = folder / "six"
    sources.mkdir()
    paths = [sources / f"{n:03}.wav" for n in range(600)]
    recordings(paths)
    out: Figures = {}
    for count, wanted in ((1, 1.5), (600, 0.9)):
        sample = [str(path) for path in paths[:count]]
        given = [str(sources)] if count == len(paths) else sample

        def command(n: int, given: list[str] = given, count: int = count) -> None:
            into = str(folder / f"command{count}-{n}")
            made = [sys.executable, "-m", "kittiwake.cli", "make", "--for", "phone-menu", "--into", into, *given]
            subprocess.run(made, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, check=True)

        def plain_script(n: int, sample: list[str] = sample, count: int = count) -> None:
            into = folder / f"script{count}-{n}"
            into.mkdir()
            subprocess.run([sys.executable, str(script), str(into), *sample], check=True)

        found = turns(times, ours=command, plain=plain_script)
        out[f"{count} clips by the command, start included: s"] = found["ours"]
        out[f"… of {count}: of the time of a plain script ({wanted} wanted)"] = found["ours"] / found["plain"]
    return out


_SCRIPT = """
import sys
from pathlib import Path
import soundfile, soxr
for source in sys.argv[2:]:
    sound, rate = soundfile.read(source, dtype="float32")
    mono = soxr.resample(sound if sound.ndim == 1 else sound.mean(axis=1), rate, 8000, quality="HQ")
    soundfile.write(f"{sys.argv[1]}/{Path(source).stem}.wav", mono, 8000, subtype="ULAW")
"""


def memory(folder: Path, hours: float, count: int) -> Figures:
    figures: Figures = {}
    long = recording(folder / "long.wav", hours * 3600)
    own, worker, seconds = peak_of(folder / "hours", long)
    long.unlink()
    figures[f"{hours:g} h 48 kHz stereo, peak of the command, MB (250 wanted)"] = own
    figures["… peak of its worker, MB (250 wanted)"] = worker
    figures["… times real time"] = hours * 3600 / seconds
    source = folder / "many"
    source.mkdir()
    first = recording(source / "000000.wav", 0.25).read_bytes()
    for size in (count // 10, count):
        for n in range(size):
            path = source / f"{n:06}.wav"
            if not path.exists():
                path.write_bytes(first)
        own, worker, seconds = peak_of(folder / f"many{size}", source)
        figures[f"{size:,} clips in the terminal, peak of the command, MB (250 wanted)"] = own
        figures[f"… peak of its workers, MB; {seconds:.0f} s"] = worker
    return figures


def starts(times: int) -> Figures:
    code = "import time; b = time.perf_counter(); import kittiwake.core{}; print(time.perf_counter() - b)"

    def imported(what: str) -> float:
        taken = []
        for _ in range(times):
            done = subprocess.run(
                [sys.executable, "-c", code.format(what)], capture_output=True, text=True, check=True
            )
            taken.append(float(done.stdout))
        return statistics.median(taken)

    return {
        "import of kittiwake.core, s (0.3 wanted)": imported(""),
        "import of kittiwake.core.model, s": imported(".model"),
        "import of kittiwake.core.fit, s": imported(".fit"),
    }


def _in_window(quick: bool) -> Figures:
    """A large board in the window."""
    from .board import board, start_of_window

    count = 2000 if quick else 20_000
    found = start_of_window() | board(count)
    return {f"{count:,} clips in the window: {key}": value for key, value in found.items()}


def _in_page(quick: bool) -> Figures:
    """Cutting a long recording."""
    from .cutting import cutting

    hours = 0.5 if quick else 2
    return {f"{hours:g} h to cut: {key}": value for key, value in cutting(hours).items()}


#: What can be measured, each part in a process of its own: what one has done to memory must not help or harm the next.
def _speaking(folder: Path, quick: bool) -> Figures:
    from .speaking import speaking

    return speaking(folder, quick)


PARTS: dict[str, Callable[[Path, bool], Figures]] = {
    "starts": lambda _, quick: starts(5),
    "commands": lambda folder, quick: whole_commands(folder, 5 if quick else 9),
    "long": lambda folder, quick: one_long(folder, 3 if quick else 7),
    "short": lambda folder, quick: many_short(folder, 3 if quick else 5, 1000 if quick else 2000),
    "window": lambda _, quick: _in_window(quick),
    "page": lambda _, quick: _in_page(quick),
    "speaking": lambda folder, quick: _speaking(folder, quick),
    "corpus": lambda folder, quick: _corpora(folder, quick),
    "memory": lambda folder, quick: memory(folder, 1 if quick else 10, 5000 if quick else 100_000),
}


def _corpora(folder: Path, quick: bool) -> Figures:
    from .corpora import corpora

    return corpora(folder, 3, 300 if quick else 1500, turns, largest_worker)


def measure(part: str, quick: bool) -> None:
    """Measure a part here; figures as JSON on the last line."""
    with tempfile.TemporaryDirectory(prefix="kittiwake-bench-") as name:
        found = PARTS[part](Path(name), quick)
    print(json.dumps(found))
    sys.stdout.flush()
    os._exit(0)  # Qt objects still alive at exit are no concern of the figures


def main() -> None:
    parser = argparse.ArgumentParser(prog="./run bench")
    parser.add_argument("parts", nargs="*", metavar="PART", help=f"of {', '.join(PARTS)}; default all")
    parser.add_argument("--quick", action="store_true", help="fewer and shorter")
    parser.add_argument("--here", action="store_true", help=argparse.SUPPRESS)
    chosen = parser.parse_args()
    if unknown := set(chosen.parts) - set(PARTS):
        parser.error(f"there is no part {', '.join(sorted(unknown))}")
    if chosen.here:
        measure(chosen.parts[0], chosen.quick)
    figures: Figures = {}
    for part in chosen.parts or PARTS:
        command = [sys.executable, "-m", "bench", part, "--here", *(["--quick"] if chosen.quick else [])]
        reported = subprocess.run(command, stdout=subprocess.PIPE, text=True, check=True).stdout
        found: Figures = json.loads(reported.splitlines()[-1])
        figures |= found
        for key, value in found.items():
            print(f"{key:72} {value:10.3f}", flush=True)
    print(json.dumps({key: round(value, 4) for key, value in figures.items()}, ensure_ascii=False))


if __name__ == "__main__":
    main()
