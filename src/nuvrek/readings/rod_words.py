"""The rod and the strings in words: turns, where the rod stands, how the strings are."""

from __future__ import annotations

from fractions import Fraction

from nuvrek.language import tr
from nuvrek.readings.entries import RodMove, State


def move_words(move: RodMove) -> str:
    """A rod move with its direction; guessed turns say so."""
    if move.rough and not move.turns:
        return tr("turned, not counted")
    turned = turns_words(move.turns)
    return tr("about {turned}", turned=turned) if move.rough else turned


def turns_words(turns: float) -> str:
    """A rod move in sixteenths of a turn with its direction."""
    sixteenths = round(abs(turns) * 16)
    if sixteenths == 0:
        return tr("no turn")
    return tr(
        "{part_words} turn {it}",
        part_words=part_words(sixteenths),
        it=tr("tighter") if turns > 0 else tr("looser"),
    )


def rod_words(state: State) -> str:
    """Where the rod stands, counted from where it was found."""
    low, high = (round(turns * 16) for turns in (state.rod_turns, state.rod_high_turns))
    if not low and not high:
        return tr("rod as found")
    if not state.rod_high_turns:
        return tr(
            "rod {it}{part_words} turn", it="+" if low > 0 else "-", part_words=part_words(abs(low))
        )
    signed = [f"{'+' if n > 0 else '-'}{part_words(abs(n))}" if n else "0" for n in (low, high)]
    return tr("rods low {signed}, high {signed_2} turn", signed=signed[0], signed_2=signed[1])


def part_words(sixteenths: int) -> str:
    """So many sixteenths in lowest terms: ``1 1/4``."""
    whole, part = divmod(sixteenths, 16)
    fraction = Fraction(part, 16)
    return " ".join(
        text for text in (str(whole) if whole else "", str(fraction) if part else "") if text
    )


def state_words(state: State) -> str:
    """Strings, in one phrase."""
    return tr("strings at pitch") if state.strings == "pitch" else tr("strings slack")
