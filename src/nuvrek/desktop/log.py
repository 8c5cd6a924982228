"""The log of what went wrong: a small rotating file without a word of any owner or neck.

The library for it is loaded with the first fault: most days have none, and the window opens sooner.
"""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from nuvrek.wording.speech import tr

if TYPE_CHECKING:
    from traceback import FrameSummary

_LARGEST_BYTES, _KEPT = 200_000, 2
_place: list[Path] = []


def keep_in(folder: Path) -> None:
    """Log into ``folder`` from now on."""
    _place[:] = [folder / "nuvrek.log"]


def stop() -> None:
    """Log no longer."""
    _place.clear()


def fault(error: BaseException, doing: str) -> None:
    """A fault of ours with its traceback, and what was being done; the error's own words stay out.

    They may repeat what was typed: only the kind of error and the lines of code are kept. A folder
    that can't be written to leaves the fault unlogged: the user was told of it anyway.
    """
    lines = [f"  {frame.filename}:{frame.lineno} in {frame.name}" for frame in _frames(error)]
    _write("\n".join([f"{type(error).__name__} while {doing}", *lines]))


def _frames(error: BaseException) -> list[FrameSummary]:
    from traceback import extract_tb

    return list(extract_tb(error.__traceback__))


def _write(message: str) -> None:
    import logging
    from logging.handlers import RotatingFileHandler

    for path in _place:
        try:
            path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
            handler = RotatingFileHandler(
                path, maxBytes=_LARGEST_BYTES, backupCount=_KEPT, encoding="utf-8"
            )
        except OSError:
            return
        handler.setFormatter(logging.Formatter("%(asctime)s %(levelname)s %(message)s"))
        handler.emit(logging.makeLogRecord({"levelname": "ERROR", "msg": message}))
        handler.close()


def where() -> str:
    """Where the log is, in a sentence; nothing where there is none."""
    if _place:
        return tr("More about it is in {place}.", place=_place[0])
    return ""
