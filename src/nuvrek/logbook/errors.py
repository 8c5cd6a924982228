"""What a logbook says when it can't do what was asked."""

from __future__ import annotations

import sqlite3
from pathlib import Path

from nuvrek.language import tr
from nuvrek.words import whole_letters


class LogbookError(Exception):
    """The logbook can't do what was asked; the message is a sentence for the user."""

    def __init__(self, sentence: object = "") -> None:
        # Names of files may hold what is no letter; a window could not show it.
        super().__init__(whole_letters(str(sentence)))


class LogbookFull(LogbookError):
    """No room on the disk."""


class LogbookDamaged(LogbookError):
    """The file is not a whole logbook."""


class NeckChanged(LogbookError):
    """The journal is not what the write stood on, or the neck is gone; nothing was written."""


class ServerLost(LogbookError):
    """The server can't be reached just now; nothing is wrong with what was asked."""


def explained(error: sqlite3.Error, path: Path) -> LogbookError:
    said = str(error).lower()
    if "full" in said:
        return LogbookFull(
            tr("The disk is full: this was not written down. Free some room and take it again.")
        )
    if "readonly" in said or "read-only" in said:
        return LogbookError(
            tr(
                "The logbook {name} can't be written to (read-only). This was not written down.",
                name=path.name,
            )
        )
    if "malformed" in said or "not a database" in said or "corrupt" in said:
        return LogbookDamaged(
            tr("The logbook {name} is damaged. Nothing in it was changed.", name=path.name)
        )
    if "locked" in said or "busy" in said:
        return LogbookError(
            tr(
                "Another window is writing to this logbook. This was not written down; take it "
                "again."
            )
        )
    if "unable to open" in said:
        return LogbookError(
            tr("The logbook {path} can't be opened. Is the folder there and writable?", path=path)
        )
    if "disk i/o" in said:
        return LogbookError(tr("The disk reports an error: this was not written down."))
    return LogbookError(tr("The logbook could not be used ({error}).", error=error))
