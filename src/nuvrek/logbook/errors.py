"""What a logbook says when it can't do what was asked."""

from __future__ import annotations

import sqlite3
from pathlib import Path

from nuvrek.letters import whole_letters
from nuvrek.meaning import Said, Saying, means, written


class LogbookError(Exception):
    """The logbook can't do what was asked; the message is a sentence for the user."""

    def __init__(self, sentence: object = "") -> None:
        saying: Saying
        if isinstance(sentence, Said):
            saying = sentence
        else:
            saying = whole_letters(str(sentence))
        super().__init__(saying)

    def __str__(self) -> str:
        return written(self.args[0] if self.args else "")


class LogbookFull(LogbookError):
    """No room on the disk."""


class LogbookDamaged(LogbookError):
    """The file is not a whole logbook."""


class NeckChanged(LogbookError):
    """The journal is not what the write stood on, or the neck is gone; nothing was written."""


class ServerLost(LogbookError):
    """The server can't be reached just now; nothing is wrong with what was asked."""


def explained(error: sqlite3.Error, path: Path) -> LogbookError:
    text = str(error).lower()
    if "full" in text:
        return LogbookFull(means("keeping.disk-full-not-written-down"))
    if "readonly" in text or "read-only" in text:
        return LogbookError(means("keeping.logbook-cant-written-read-only", name=path.name))
    if "malformed" in text or "not a database" in text or "corrupt" in text:
        return LogbookDamaged(means("keeping.logbook-damaged-nothing-changed", name=path.name))
    if "locked" in text or "busy" in text:
        return LogbookError(means("keeping.another-window-writing-logbook-not"))
    if "unable to open" in text:
        return LogbookError(means("keeping.logbook-cant-opened-folder-there", path=path))
    if "disk i/o" in text:
        return LogbookError(means("keeping.disk-reports-error-not-written"))
    return LogbookError(means("keeping.logbook-could-not-used", error=error))
