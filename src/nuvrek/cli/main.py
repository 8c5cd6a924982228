"""One command, from its words to its exit status: 0 fine, 2 bad input with one line a fault."""

from __future__ import annotations

import argparse
import io
import os
import sys
import traceback
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import Any

from nuvrek import __version__
from nuvrek.cli import in_and_out, keeping, made_up, necks, owners, papers, practice, prices, refret
from nuvrek.cli import wire as wire_shelf
from nuvrek.cli.terminal import BAD_INPUT, STOPPED, complain
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.logbook.store import LogbookError
from nuvrek.wording.catalogue import LANGUAGES, speak_code, system_language
from nuvrek.wording.speech import tr

_MATTERS = (
    necks,
    made_up,
    in_and_out,
    refret,
    wire_shelf,
    prices,
    papers,
    owners,
    keeping,
    practice,
)


class _Parser(argparse.ArgumentParser):
    def error(self, message: str) -> Any:
        print(tr("nuvrek: {message}", message=message), file=sys.stderr)
        raise SystemExit(BAD_INPUT)


def main(arguments: Sequence[str]) -> int:
    """Run one command; returns the exit status: 0 fine, 2 bad input, 130 stopped by hand."""
    # What a terminal has no letters for is written out, not raised.
    for stream in (sys.stdout, sys.stderr):
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    speak_code(_language(arguments))
    options = command_parser().parse_args(arguments)
    try:
        status = int(options.run(options))
        sys.stdout.flush()
        return status
    except JobFaults as error:
        return complain(error.faults)
    except LogbookError as error:
        return complain([str(error)])
    except BrokenPipeError:
        return _reader_left()
    except OSError as error:
        return complain([_file_trouble(error)])
    except KeyboardInterrupt:
        return STOPPED
    except Exception as error:
        # The last catch: a fault of ours is one sentence, with the place for whoever mends it.
        return complain([_own_fault(error)])


def _language(arguments: Sequence[str]) -> str:
    """The language asked for, else that of this place; the words of the commands are in it too."""
    for word, after in zip(arguments, (*arguments[1:], ""), strict=False):
        if word == "--language":
            return after
        if word.startswith("--language="):
            return word.partition("=")[2]
    return system_language()


def _reader_left() -> int:
    """Who read our answer has left, ``head`` for one: no complaint, no trace."""
    sys.stdout = open(os.devnull, "w")  # noqa: SIM115
    return 0


def _file_trouble(error: OSError) -> str:
    reason = (error.strerror or "failed").lower()
    if error.filename:
        return f"{error.filename}: {reason}."
    return f"{reason}."


def _own_fault(error: Exception) -> str:
    last = traceback.extract_tb(error.__traceback__)[-1]
    place = f"{Path(last.filename).name}:{last.lineno}"
    return tr(
        "a fault of ours ({name} at {place}). Nothing was changed.",
        name=type(error).__name__,
        place=place,
    )


def command_parser() -> argparse.ArgumentParser:
    """All commands with their options, in the language that is spoken."""
    parser = _Parser(
        prog="nuvrek", description=tr("Fretwork: from readings to a work plan, without a window.")
    )
    parser.add_argument(
        "--version", action="version", version=tr("nuvrek {version}", version=__version__)
    )
    spoken: dict[str, Any] = {"choices": tuple(LANGUAGES), "help": tr("the language of the answer")}
    parser.add_argument("--language", **spoken)
    commands = parser.add_subparsers(title="commands", required=True, parser_class=_Parser)

    def command(
        name: str, run: Callable[[argparse.Namespace], int], help_text: str
    ) -> argparse.ArgumentParser:
        sub = commands.add_parser(name, help=help_text, description=help_text)
        sub.add_argument("--language", **spoken)
        sub.set_defaults(run=run)
        return sub

    for matter in _MATTERS:
        matter.add_commands(command)
    return parser
