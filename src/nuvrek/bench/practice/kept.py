"""What is kept of practice, beside nothing of the real necks: results, and what lies on the bench.

Two small files in a folder of their own. What of them can't be read is left out and said; practice
goes on without it.
"""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Annotated

import msgspec
from msgspec import Meta, Struct

from nuvrek.exchange.files import write_whole
from nuvrek.meaning import Saying, means, reason_of
from nuvrek.practice.at_work.actions import AnyAction

MOST_RESULTS, MOST_ACTIONS, LARGEST_BYTES = 5_000, 50_000, 16 * 1024 * 1024


class Result(Struct, frozen=True, kw_only=True):
    """One neck played to its end."""

    exercise: Annotated[str, Meta(max_length=120)]
    at: Annotated[str, Meta(max_length=40)]
    points: Annotated[int, Meta(ge=0, le=100)]
    solved: bool = False
    notes: tuple[int, int] = (0, 0)
    metal_mm: Annotated[float, Meta(ge=0, le=100)] = 0.0
    minutes: Annotated[float, Meta(ge=0, le=100_000)] = 0.0
    advised: bool = False


class OnBench(Struct, frozen=True, kw_only=True):
    """What lies on the bench: the exercise, the neck's number in the practice logbook, and whether
    the advice is silent.
    """

    exercise: Annotated[str, Meta(max_length=120)]
    neck: int
    silent: bool = True


class Kept:
    """The folder of practice. Without one nothing is kept."""

    def __init__(self, folder: Path | None) -> None:
        self.folder = folder
        self.trouble: Saying = ""
        self.results: tuple[Result, ...] = self._read_results()

    def add(self, result: Result) -> None:
        """Keep one more result."""
        self.results = (*self.results, result)[-MOST_RESULTS:]
        if self.folder is not None:
            self._writing(lambda at: write_whole(at, msgspec.json.encode(self.results)), _RESULTS)

    def put(self, on_bench: OnBench) -> None:
        """Another neck lies on the bench, untouched."""
        self._writing(lambda at: write_whole(at, msgspec.json.encode(on_bench) + b"\n"), _BENCH)

    def did(self, action: AnyAction) -> None:
        """One thing more was done to it: a line at the end of the file."""

        def add(at: Path) -> None:
            with at.open("ab") as out:
                out.write(msgspec.json.encode(action) + b"\n")

        self._writing(add, _BENCH)

    def on_bench(self) -> tuple[OnBench, tuple[AnyAction, ...]] | None:
        """What lay on the bench when the program was left, and what had been done to it. A line
        that was torn in the middle ends it.
        """
        data = self._read(_BENCH)
        if not data:
            return None
        first, *lines = data.split(b"\n")
        try:
            on_bench = msgspec.json.decode(first, type=OnBench)
        except msgspec.MsgspecError:
            self.trouble = means("practice_bench.what-lay-practice-bench-cant")
            return None
        actions: list[AnyAction] = []
        for line in filter(None, lines[:MOST_ACTIONS]):
            try:
                actions.append(msgspec.json.decode(line, type=AnyAction))
            except msgspec.MsgspecError:
                self.trouble = means("practice_bench.last-thing-done-practice-bench")
                break
        return on_bench, tuple(actions)

    def _read_results(self) -> tuple[Result, ...]:
        data = self._read(_RESULTS)
        if not data:
            return ()
        try:
            return msgspec.json.decode(data, type=tuple[Result, ...])[-MOST_RESULTS:]
        except msgspec.MsgspecError:
            self.trouble = means("practice_bench.results-practice-cant-read-they")
            self._writing(lambda at: at.rename(at.with_suffix(".damaged")), _RESULTS)
            return ()

    def _read(self, name: str) -> bytes:
        """A file's bytes; none where there is none, or it is far too large."""
        if self.folder is None:
            return b""
        place = self.folder / name
        try:
            if place.stat().st_size > LARGEST_BYTES:
                self.trouble = means("practice_bench.too-large-ours", name=name)
                return b""
            return place.read_bytes()
        except OSError:
            return b""

    def _writing(self, write: Callable[[Path], object], name: str) -> None:
        if self.folder is None:
            return
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            write(self.folder / name)
        except OSError as error:
            why = reason_of(error)
            self.trouble = means("practice_bench.practice-cant-kept", why=why)


_RESULTS, _BENCH = "results.json", "bench.jsonl"
