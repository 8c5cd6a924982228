"""The command that plays a made-up neck without a window."""

from __future__ import annotations

import argparse
import dataclasses
import json
from collections.abc import Callable
from typing import Any

from nuvrek.practice.seed_words import number_of, word_of

Command = Callable[[str, Any, str], argparse.ArgumentParser]
Tell = Callable[..., None]


def add_commands(command: Command, tell: Tell) -> None:
    """``play``; ``tell`` prints a line safely."""
    sub = command(
        "play",
        lambda options: _play(options, tell),
        "let the advice (or the plain procedure) play a made-up neck and print its score",
    )
    sub.add_argument("--seed", type=_word, required=True, metavar="WORD")
    sub.add_argument("--by", choices=("advice", "plain"), default="advice")
    sub.add_argument("--json", action="store_true", help="print JSON instead of sentences")


def _word(text: str) -> str:
    try:
        return word_of(number_of(text))
    except ValueError as error:
        raise argparse.ArgumentTypeError(str(error)) from None


def _play(options: argparse.Namespace, tell: Tell) -> int:
    from nuvrek.practice.hidden import hidden_neck
    from nuvrek.practice.playing import play

    score = play(hidden_neck(options.seed), options.by)
    if options.json:
        tell(json.dumps({**dataclasses.asdict(score), "clean": score.clean}))
    else:
        for line in score.sentences():
            tell(line)
    return 0
