"""A logbook by its address: a file, or a server."""

from __future__ import annotations

from pathlib import Path

from nuvrek.logbook.places import log_folder
from nuvrek.logbook.store import Logbook

SCHEME = "postgresql://"


def open_logbook(address: str | Path) -> Logbook:
    """Open (or make) the logbook at a path or at ``postgresql://...``. Raises LogbookError."""
    if isinstance(address, str) and address.startswith(SCHEME):
        import hashlib

        from nuvrek.logbook.server import ServerLogbook

        name = hashlib.sha256(address.encode()).hexdigest()[:12]
        return ServerLogbook(address, log_folder() / f"aside-{name}.txt")
    return Logbook(Path(address))
