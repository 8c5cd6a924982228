"""Which frets and strings an entry speaks of."""

from __future__ import annotations

from nuvrek.readings.entries import (
    Agreed,
    AnyEntry,
    EndsFine,
    Filed,
    InkLeft,
    OthersClean,
    OthersFirm,
    OthersStill,
    Rock,
    StringGap,
)


def highest_fret(entry: AnyEntry) -> int:
    """The highest fret an entry touches, 0 for none; a rocker touches the one past its middle."""
    match entry:
        case StringGap():
            return max(entry.fret, entry.high_support or 0, entry.reach[1] if entry.reach else 0)
        case Rock():
            return entry.fret + 1
        case OthersStill():
            return max(entry.frets, default=0) + 1 if entry.frets else 0
        case OthersFirm() | EndsFine() | InkLeft() | OthersClean():
            return max(entry.frets, default=0)
        case Agreed():
            return max([entry.fall_from or 0, *entry.untouched])
        case Filed():
            return max((fret for fret, _, _ in entry.off), default=0)
        case _:
            return int(getattr(entry, "fret", 0))


def highest_string(entry: AnyEntry) -> int:
    """The string an entry names, 0 for none."""
    return getattr(entry, "string", None) or 0


def frets_touched(entry: AnyEntry) -> frozenset[int]:
    """All frets an entry says something about."""
    match entry:
        case StringGap():
            return frozenset(
                f for f in (entry.fret, entry.low_support, entry.high_support) if f is not None
            )
        case Rock():
            return frozenset((entry.fret - 1, entry.fret, entry.fret + 1))
        case OthersStill() | OthersFirm() | EndsFine() | InkLeft():
            return frozenset(entry.frets)
        case _:
            fret = getattr(entry, "fret", None)
            return frozenset() if fret is None else frozenset((fret,))
