"""The same work on many machines: a Dask cluster that shares the disks with this one. Dask shares the work out, and does it again where a
machine is lost; names and the ledger are written here alone.
"""

from __future__ import annotations

import contextlib
import os
import secrets
from collections.abc import Callable, Iterable, Iterator, Sequence
from functools import cache
from pathlib import Path
from types import TracebackType
from typing import Any, Self

from blake3 import blake3

from ...words import phrase
from ..errors import MakeError
from ..installed import how_to_add
from ..make.output import versions
from ..measure.analyze import stamp_of
from ..process import Unexpected, WorkerCrash

_OVER = object()
_AHEAD = 2  # tasks a worker is given, so that it never waits for the next
_TICK = 0.2  # s between looks at whether to stop
_SAMPLE = 20  # sources whose presence on every machine is checked


class Cluster:
    """An ``Executor``: a connection to a scheduler, ``tcp://host:port``.

    Raises
    ------
    MakeError : there is none, or it has no workers.
    """

    def __init__(self, address: str) -> None:
        try:
            import distributed
        except ImportError as error:
            raise MakeError(
                phrase("Making on a cluster needs the package “distributed”."),
                how_to_add("cluster"),
                "cluster",
            ) from error
        self._distributed: Any = distributed
        self.address = address
        try:
            self._client: Any = self._distributed.Client(address, timeout=5)
        except (OSError, TimeoutError, ValueError) as error:
            raise MakeError(
                phrase("No scheduler answers at {address}.", address=address),
                phrase("Start one with “dask scheduler”, and on each machine “dask worker” with its address."),
                "cluster",
            ) from error

    remote = True

    def __enter__(self) -> Self:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()

    def close(self) -> None:
        self._client.close()

    @property
    def count(self) -> int:
        """Threads of all workers that are there now."""
        return sum(self._client.nthreads().values())

    def check(self, folders: Sequence[Path], sources: Iterable[Path]) -> None:
        """See that every worker can do the same as this machine: read the sources, write to the folders, with the same libraries.

        Raises
        ------
        MakeError : one cannot.
        """
        if not self.count:
            raise MakeError(
                phrase("The scheduler at {address} has no workers.", address=self.address),
                phrase("Start some with “dask worker”."),
                "cluster",
            )
        # One source of each folder, up to a number.
        sample = list({source.parent: source for source in sources}.values())[:_SAMPLE]
        stamps = {source: stamp_of(source) for source in sample}
        tokens = {folder / f".kittiwake-check-{secrets.token_hex(6)}": secrets.token_hex(16) for folder in folders}
        try:
            for token, text in tokens.items():
                token.write_text(text)
            answers = self._asked(tokens, stamps)
        finally:
            for token in tokens:
                token.unlink(missing_ok=True)
        for worker, wrong in answers.items():
            if wrong:
                raise MakeError(
                    phrase("The worker {worker} cannot be used: {wrong}", worker=worker, wrong=wrong),
                    phrase("All machines need the same Kittiwake and the same disks."),
                    "cluster",
                )

    def _asked(self, tokens: dict[Path, str], stamps: dict[Path, str]) -> dict[str, str]:
        """What each worker lacks. One that cannot even be asked has other code, or none."""
        ours = {**versions(), "code": code_digest()}
        answers = self._client.run(what_is_wrong, tokens, stamps, ours, on_error="return")
        return {
            worker: phrase("its Kittiwake is another one than here ({error}).", error=answer)
            if isinstance(answer, BaseException)
            else answer
            for worker, answer in answers.items()
        }

    def run(
        self,
        work: Callable[..., Any],
        tasks: Iterable[Any],
        cancelled: Callable[[], bool] | None = None,
        *,
        reports: bool = False,
        holding: Sequence[int] = (),
    ) -> Iterator[tuple[Any, Any]]:
        """See ``Executor.run``. A task whose worker is lost is done again elsewhere, a few times; after that it is ``WorkerCrash``. Nothing is
        reported, and no files are held, since neither reaches from machine to machine.
        """
        todo = iter(tasks)
        going: dict[Any, Any] = {}
        over = False
        try:
            while not (cancelled and cancelled()):
                while not over and len(going) < max(1, self.count) * _AHEAD:
                    task = next(todo, _OVER)
                    if task is _OVER:
                        over = True
                        break
                    if task is None:
                        yield None, None
                        continue
                    going[self._client.submit(work, task, pure=False)] = task
                if not going:
                    return
                try:
                    done = self._distributed.wait(list(going), timeout=_TICK, return_when="FIRST_COMPLETED").done
                except TimeoutError:
                    continue
                for future in done:
                    task = going.pop(future)
                    yield task, self._result(future)
        finally:
            if going:
                self._client.cancel(list(going))

    def _result(self, future: Any) -> Any:
        try:
            return future.result()
        except self._distributed.KilledWorker:
            return WorkerCrash(phrase("its worker was lost, several times"))
        except Exception as error:  # whatever another machine meets with must not stop the run
            return Unexpected.by(error)


@cache
def code_digest() -> str:
    """BLAKE3 of the Python files of this package: two that say the same version may still be others."""
    whole, root = blake3(), Path(__file__).parents[2]
    for path in sorted(root.rglob("*.py")):
        whole.update(path.relative_to(root).as_posix().encode())
        whole.update(path.read_bytes())
    return whole.hexdigest()[:16]


def what_is_wrong(tokens: dict[Path, str], stamps: dict[Path, str], ours: dict[str, str]) -> str:
    """On a worker: what it lacks, as half a sentence; empty where all is well."""
    if ours.get("code") != code_digest():
        return phrase("its Kittiwake is another one than here: install the same on both.")
    if (libraries := {name: one for name, one in ours.items() if name != "code"}) != versions():
        return phrase(
            "it has other libraries ({versions}, here {ours}), and would make other bytes.",
            versions=versions(),
            ours=libraries,
        )
    for token, text in tokens.items():
        try:
            if token.read_text() != text:
                return phrase("{parent} is another folder there.", parent=token.parent)
            scratch = token.with_name(f"{token.name}-{os.getpid()}-{secrets.token_hex(4)}")
            scratch.write_text(text)
            scratch.unlink()
        except OSError:
            return phrase("{parent} cannot be read and written there.", parent=token.parent)
    for source, stamp in stamps.items():
        found = ""
        with contextlib.suppress(OSError):
            found = stamp_of(source)
        if found != stamp:
            return phrase("{source} is not there, or another file.", source=source)
    return ""
