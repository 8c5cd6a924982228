"""``practice`` opens the window of the practice neck, ``play`` plays it without one."""

from __future__ import annotations

import argparse
import dataclasses

from nuvrek.cli.terminal import FINE, Command, print_values, tell
from nuvrek.practice.seed_words import number_of, word_of
from nuvrek.wording.speech import say, tr


def add_commands(command: Command) -> None:
    opens = command(
        "practice",
        _needs_window,
        tr("open the practice window, on the neck of a word if one is given"),
    )
    opens.add_argument("--seed", type=_word, metavar="WORD")
    opens.add_argument("--advised", action="store_true", help=tr("with the advice on"))
    sub = command(
        "play",
        _play,
        tr("let the advice (or the plain procedure) play a made-up neck and print its score"),
    )
    sub.add_argument("--seed", type=_word, required=True, metavar="WORD")
    sub.add_argument("--by", choices=("advice", "plain"), default="advice")
    sub.add_argument("--json", action="store_true", help=tr("print JSON instead of sentences"))


def _word(text: str) -> str:
    try:
        return word_of(number_of(text))
    except ValueError as error:
        raise argparse.ArgumentTypeError(str(error)) from None


def _needs_window(_options: argparse.Namespace) -> int:
    """Only the program as it is installed opens windows; this is its core alone. Raises OSError."""
    raise OSError(0, tr("the practice window opens with 'nuvrek practice', started by itself"))


def _play(options: argparse.Namespace) -> int:
    from nuvrek.practice.advice.playing import play
    from nuvrek.practice.hidden import hidden_neck

    score = play(hidden_neck(options.seed), options.by)
    if options.json:
        print_values({**dataclasses.asdict(score), "clean": score.clean})
    else:
        for line in score.sentences():
            tell(say(line))
    return FINE
