"""What the commands share: lines and JSON for the terminal, complaints, options, the hour."""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Callable, Mapping, Sequence
from datetime import datetime
from pathlib import Path
from typing import Any

import msgspec

from nuvrek.meaning import Saying
from nuvrek.wording.answers import answer_in_words
from nuvrek.wording.speech import say, tr

FINE, UNANSWERED, BAD_INPUT, STOPPED = 0, 1, 2, 130
# Makes the parser of a command: its name, what runs it, its help.
Command = Callable[[str, Callable[[argparse.Namespace], int], str], argparse.ArgumentParser]


def tell(*parts: object, flush: bool = False) -> None:
    """A line of an answer; what a file brought along is shown, not obeyed by the terminal."""
    print(*(shown(str(part)) for part in parts), flush=flush)


def complain(lines: Sequence[Saying]) -> int:
    """One line a fault; returns the status of bad input."""
    for line in lines:
        print(tr("nuvrek: {shown}", shown=shown(say(line))), file=sys.stderr)
    return BAD_INPUT


def shown(text: str) -> str:
    """Control characters are written out, never sent to the terminal."""
    return "".join(
        character if character.isprintable() else character.encode("unicode_escape").decode()
        for character in text
    )


def print_json(answer: Mapping[str, Any]) -> None:
    """An answer with its sentences and, beside each, what it means."""
    print_values(answer_in_words(answer))


def print_values(values: Any) -> None:
    """Plain values or records, on one line."""
    print(json.dumps(msgspec.to_builtins(values), ensure_ascii=False, allow_nan=False))


def json_file(values: Any, indent: int | None = None) -> bytes:
    """Plain values or records as a file."""
    text = json.dumps(msgspec.to_builtins(values), ensure_ascii=False, indent=indent)
    return f"{text}\n".encode()


def is_json(path: Path) -> bool:
    """Whether a file is meant as JSON, by its ending."""
    return path.suffix.lower() == ".json"


def this_hour() -> str:
    """The moment as the journal writes it: local time to the second, with its zone."""
    return datetime.now().astimezone().isoformat(timespec="seconds")


def takes_job(parser: argparse.ArgumentParser) -> None:
    """A job file is asked for, the answer is sentences or JSON."""
    parser.add_argument("job", type=Path, metavar="JOB", help=tr("a job file"))
    parser.add_argument("--json", action="store_true", help=tr("print JSON instead of sentences"))


def takes_shop(parser: argparse.ArgumentParser, logbook: str = "") -> None:
    """Where settings, prices and wire lie; ``logbook`` says what that logbook is asked for."""
    parser.add_argument("--settings", type=Path, help=tr("a settings file instead of your logbook"))
    parser.add_argument("--logbook", type=Path, help=logbook or tr("another logbook than your own"))
