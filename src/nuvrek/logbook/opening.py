"""A logbook by its address: a file, or a server."""

from __future__ import annotations

from pathlib import Path

from nuvrek.logbook.store import Logbook

SCHEME = "postgresql://"


def open_logbook(address: str | Path, *, make: bool = False) -> Logbook:
    """Open the logbook at a path or at ``postgresql://...``, directly; ``make`` begins one where
    there is no file yet. Raises LogbookError.
    """
    if isinstance(address, str) and address.startswith(SCHEME):
        from nuvrek.logbook.benches.server import ServerLogbook

        return ServerLogbook(address)
    return Logbook(Path(address), make=make)


def kept_at(address: str | Path) -> Path:
    """Where this machine keeps a logbook, and its copies beside it."""
    if isinstance(address, str) and address.startswith(SCHEME):
        from nuvrek.logbook.benches.server import place_of

        return place_of(address)
    return Path(address)


def read_logbook(address: str | Path) -> Logbook:
    """Open a logbook only to read it: nothing is made or changed. Raises LogbookError."""
    if isinstance(address, str) and address.startswith(SCHEME):
        return open_logbook(address)
    return Logbook.to_read(Path(address))


def open_at_bench(address: str) -> Logbook:
    """This bench's own copy of a server's logbook. The first time the server must be there, so that
    a wrong name or password is told at once. Raises LogbookError.
    """
    from nuvrek.logbook.benches.bench_copy import BenchCopy
    from nuvrek.logbook.benches.server import ServerLogbook, place_of

    if not place_of(address).is_file():
        ServerLogbook(address).close()
    return BenchCopy.of(address)
