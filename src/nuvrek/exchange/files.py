"""Writing files whole or not at all: whatever is written to a user's file goes through here."""

from __future__ import annotations

import contextlib
import os
import stat
import time
from pathlib import Path

_OLD_PART_S = 3600.0


def write_whole(path: Path, data: bytes) -> None:
    """Write ``data`` to ``path``; a failure leaves what was there before.

    What is no plain file (a pipe, a device) is written to as it is. Raises OSError with the path
    that was asked for.
    """
    # A link goes on pointing where it points; its target is what is replaced.
    place = Path(os.path.realpath(path))
    try:
        if place.exists() and not place.is_file():
            _write_through(place, data)
        else:
            _replace(place, data)
    except OSError as error:
        raise OSError(error.errno, error.strerror or "failed", str(path)) from error


def _write_through(place: Path, data: bytes) -> None:
    with open(place, "wb") as out:
        out.write(data)


def _clear_old_parts(place: Path) -> None:
    """What a killed program left of this file; a younger part may be another program's."""
    import glob

    for part in place.parent.glob(f".{glob.escape(place.name[:80])}.*.part"):
        with contextlib.suppress(OSError):
            if time.time() - part.stat().st_mtime > _OLD_PART_S:
                part.unlink()


def _replace(place: Path, data: bytes) -> None:
    _clear_old_parts(place)
    import tempfile

    handle, name = tempfile.mkstemp(prefix=f".{place.name[:80]}.", suffix=".part", dir=place.parent)
    part = Path(name)
    try:
        with os.fdopen(handle, "wb") as out:
            out.write(data)
            out.flush()
            # On the disk before it takes the old one's place: else a power cut leaves neither.
            os.fsync(out.fileno())
        part.chmod(_mode_for(place))
        os.replace(part, place)
    except OSError:
        with contextlib.suppress(OSError):
            part.unlink(missing_ok=True)
        raise


def _mode_for(place: Path) -> int:
    """The rights the file had, or those a new one usually gets here."""
    if place.exists():
        return stat.S_IMODE(place.stat().st_mode)
    mask = os.umask(0)
    os.umask(mask)
    return 0o666 & ~mask
