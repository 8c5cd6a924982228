"""Acts that a server could not take, a line each in a file of this machine, until it takes them."""

from __future__ import annotations

import json
import os
from collections.abc import Sequence
from pathlib import Path

import msgspec
from msgspec import Struct

from nuvrek.language import tr
from nuvrek.logbook.reading_back import decoder
from nuvrek.logbook.store import LogbookError
from nuvrek.readings.entries import AnyEntry


class Aside(Struct, frozen=True):
    """An act that could not be written: the neck, the number its first entry was to have."""

    neck: int
    number: int
    entries: tuple[AnyEntry, ...]

    def stands_in(self, entries: Sequence[AnyEntry]) -> bool:
        """Whether it was written after all: a program killed in between would write it twice."""
        size = len(self.entries)
        places = range(self.number - 1, len(entries) - size + 1)
        return any(tuple(entries[n : n + size]) == self.entries for n in places)


class KeptAside:
    """The file: acts are added at its end, and leave it one by one once they are written."""

    def __init__(self, path: Path) -> None:
        self.path = path

    def keep(self, act: Aside) -> None:
        """Add an act. Raises LogbookError where the disk takes nothing."""
        head = json.dumps({"neck": act.neck, "number": act.number}).encode()
        line = head + b"\t" + msgspec.json.encode(act.entries) + b"\n"
        try:
            self.path.parent.mkdir(mode=0o700, parents=True, exist_ok=True)
            with open(self.path, "ab", opener=_for_the_user) as file:
                # After a line that was torn off a new one begins.
                torn = file.tell() > 0 and not self.path.read_bytes().endswith(b"\n")
                file.write(b"\n" + line if torn else line)
                file.flush()
                os.fsync(file.fileno())
        except OSError as error:
            raise LogbookError(
                tr(
                    "The server can't be reached, and this machine's disk takes nothing either. "
                    "This was not written down."
                )
            ) from error

    def lines(self) -> list[tuple[bytes, Aside | None]]:
        """Every line with its act; None where it can't be read. Raises LogbookError."""
        try:
            raw = self.path.read_bytes() if self.path.is_file() else b""
        except OSError as error:
            raise LogbookError(tr("What was kept aside can't be read from this disk.")) from error
        return [(line, _act_of(line)) for line in raw.split(b"\n") if line]

    def drop(self, line: bytes) -> None:
        """Take one line out; the file is as before or without it. Raises LogbookError."""
        rest = [one for one, _ in self.lines()]
        rest.remove(line)
        part = self.path.with_name(self.path.name + ".part")
        try:
            if not rest:
                self.path.unlink()
                return
            with open(part, "wb", opener=_for_the_user) as file:
                file.write(b"".join(one + b"\n" for one in rest))
                file.flush()
                os.fsync(file.fileno())
            os.replace(part, self.path)
        except OSError as error:
            raise LogbookError(
                tr("It is written, but what was kept aside can't be shortened on this disk.")
            ) from error


def _for_the_user(path: str, flags: int) -> int:
    return os.open(path, flags, 0o600)


def _act_of(line: bytes) -> Aside | None:
    head, _, body = line.partition(b"\t")
    try:
        said = json.loads(head)
        raw = msgspec.json.decode(body, type=list[msgspec.Raw])
        entries = tuple(decoder().decode(one) for one in raw)
        return Aside(int(said["neck"]), int(said["number"]), entries)
    except (ValueError, KeyError, TypeError, msgspec.MsgspecError):
        # It stays in the file and is counted as one that can't be read.
        return None
