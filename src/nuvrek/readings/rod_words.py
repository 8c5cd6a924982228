"""The rod and the strings in words: turns, where the rod stands, how the strings are."""

from __future__ import annotations

from fractions import Fraction

from nuvrek.meaning import Saying, means
from nuvrek.readings.entries import RodMove, State


def move_words(move: RodMove) -> Saying:
    """A rod move with its direction; guessed turns say so."""
    if move.rough and not move.turns:
        return means("stations.turned-not-counted")
    turned = turns_words(move.turns)
    if move.rough:
        return means("stations.about", turned=turned)
    return turned


def sixteenths(turns: float) -> int:
    """Whole sixteenths of a turn, whichever way."""
    return round(abs(turns) * 16)


def turns_words(turns: float) -> Saying:
    """A rod move in sixteenths of a turn with its direction."""
    parts = sixteenths(turns)
    if parts == 0:
        return means("stations.no-turn")
    if turns > 0:
        key = "stations.turn-tighter"
    else:
        key = "stations.turn-looser"
    return means(key, part=part_words(parts))


def rod_words(state: State) -> Saying:
    """Where the rod stands, counted from where it was found."""
    low, high = (round(turns * 16) for turns in (state.rod_turns, state.rod_high_turns))
    if not low and not high:
        return means("stations.rod-found")
    if not state.rod_high_turns:
        return means(
            "stations.rod-turn", detail="+" if low > 0 else "-", part_words=part_words(abs(low))
        )
    signed = [f"{'+' if n > 0 else '-'}{part_words(abs(n))}" if n else "0" for n in (low, high)]
    return means("stations.rods-low-high-turn", signed=signed[0], other_signed=signed[1])


def part_words(sixteenths: int) -> str:
    """So many sixteenths in lowest terms: ``1 1/4``."""
    whole, part = divmod(sixteenths, 16)
    fraction = Fraction(part, 16)
    return " ".join(
        text for text in (str(whole) if whole else "", str(fraction) if part else "") if text
    )


def state_words(state: State) -> Saying:
    """Strings, in one phrase."""
    if state.strings == "pitch":
        return means("stations.strings-pitch")
    return means("stations.strings-slack")
