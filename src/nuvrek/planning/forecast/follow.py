"""One string before and after a way, and what nut and saddle must do for it."""

from __future__ import annotations

from msgspec import Struct


class StringAfter(Struct, frozen=True):
    """One string, counted from the highest. Heights in mm, before and after, each with the doubt of
    what comes after, nine times in ten; None where nobody read what they hang on.

    ``first`` is the gap over fret 1 with the string pressed at 3, ``height`` that of the open
    string over the fret heights are spoken of at. ``wanted_mm`` is wished there.
    """

    string: int
    first: tuple[float, float, float] | None
    height: tuple[float, float, float] | None
    wanted_mm: float | None = None


class Follow(Struct, frozen=True):
    """What must follow a way: how far each nut slot goes deeper (minus: up) and each side of the
    saddle down (minus: up), bass side first; empty where nothing follows. ``nut_unread``: it moves,
    and nobody read where it stands.
    """

    nut_mm: tuple[float, ...] = ()
    saddle_mm: tuple[float, float] | None = None
    nut_unread: float | None = None
