"""The log of what went wrong: a small rotating file without a word of any owner or neck."""

from __future__ import annotations

import logging
import traceback
from logging.handlers import RotatingFileHandler
from pathlib import Path

_LARGEST_BYTES, _KEPT = 200_000, 2
_log = logging.getLogger("nuvrek")
_log.propagate = False
_log.addHandler(logging.NullHandler())
_place: list[Path] = []


def keep_in(folder: Path) -> None:
    """Log into ``folder`` from now on; a folder that can't be written to leaves the program
    without one.
    """
    stop()
    try:
        folder.mkdir(parents=True, exist_ok=True, mode=0o700)
        path = folder / "nuvrek.log"
        handler = RotatingFileHandler(
            path, maxBytes=_LARGEST_BYTES, backupCount=_KEPT, encoding="utf-8", delay=True
        )
    except OSError:
        return
    handler.setFormatter(logging.Formatter("%(asctime)s %(levelname)s %(message)s"))
    _log.addHandler(handler)
    _place[:] = [path]


def stop() -> None:
    """Close the file."""
    for handler in list(_log.handlers):
        if isinstance(handler, RotatingFileHandler):
            _log.removeHandler(handler)
            handler.close()
    _place.clear()


def fault(error: BaseException, doing: str) -> None:
    """A fault of ours with its traceback, and what was being done; the error's own words stay out.

    They may repeat what was typed: only the kind of error and the lines of code are kept.
    """
    lines = [f"  {frame.filename}:{frame.lineno} in {frame.name}" for frame in _frames(error)]
    _log.error("%s while %s\n%s", type(error).__name__, doing, "\n".join(lines))


def _frames(error: BaseException) -> list[traceback.FrameSummary]:
    return list(traceback.extract_tb(error.__traceback__))


def where() -> str:
    """Where the log is, in a sentence; nothing where there is none."""
    return f"More about it is in {_place[0]}." if _place else ""
