"""Cutting wire: how long each piece is on its arc, and how the pieces come out of sticks. Lengths
in mm.

A cutting-stock problem: the fewest sticks that hold all pieces (Wolsey, Integer Programming, bin
packing; from memory).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from nuvrek.meaning import Refusal, means
from nuvrek.neck.board import width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.radius import arc_mm
from nuvrek.neck.scale import places_mm
from nuvrek.neck.wire import Wire
from nuvrek.planning.linear import LinearProgram

# What stands over at each end until it is trimmed, and what a nip of the cutter spoils (common
# practice, no source).
OVERHANG_MM, NIP_LOSS_MM = 2.0, 1.0
# The tang is nipped so far at each end: for binding, and on unbound boards to clear old glue
# (common practice, no source).
BOUND_NIP_MM, UNBOUND_NIP_MM = 1.8, 1.0
# A count that is not proved the least after so many seconds is taken as it is, and said to be.
MOST_SECONDS = 3.0


@dataclass(frozen=True)
class Piece:
    """One fret's wire: cut length, arc on the board, length of its tang, radius of the board
    there (None: flat).
    """

    fret: int
    cut_mm: float
    arc_mm: float
    tang_mm: float
    radius_mm: float | None


@dataclass(frozen=True)
class Cutting:
    """Which pieces come out of which stick (frets), what is left over, and whether fewer sticks are
    proved impossible. A coil is one stick as long as what is needed.
    """

    sticks: tuple[tuple[int, ...], ...]
    needed_mm: float
    waste_mm: float
    proved: bool


def pieces(
    neck: NeckDescription,
    radius_mm: Sequence[float | None],
    frets: Sequence[int],
    nip_mm: float | None = None,
    overhang_mm: float = OVERHANG_MM,
) -> tuple[Piece, ...]:
    """The pieces of these frets, and of the zero fret (0) where all are replaced; ``radius_mm`` is
    the board's at every fret from 1. Raises ValueError where a radius is too small for the board.
    """
    x = places_mm(neck)
    nip = (BOUND_NIP_MM if neck.bound else UNBOUND_NIP_MM) if nip_mm is None else nip_mm
    found = []
    if neck.zero_fret and len(frets) == neck.frets:
        frets = (0, *frets)
    for fret in frets:
        wide, radius = width_mm(neck, x[fret]), radius_mm[max(fret, 1) - 1]
        arc = wide if radius is None else arc_mm(radius, wide)
        found.append(Piece(fret, arc + 2.0 * overhang_mm, arc, arc - 2.0 * nip, radius))
    return tuple(found)


def cut_from(made: Sequence[Piece], wire: Wire) -> Cutting:
    """All pieces out of a wire's sticks or coil. Raises ValueError for a piece longer than a
    stick.
    """
    lengths = [piece.cut_mm + NIP_LOSS_MM for piece in made]
    total = float(sum(lengths))
    if wire.form == "coil":
        frets = tuple(piece.fret for piece in made)
        return Cutting((frets,) if frets else (), total, 0.0, True)
    bins, proved = pack(lengths, wire.stick_mm)
    frets_of = [piece.fret for piece in made]
    sticks = tuple(tuple(map(frets_of.__getitem__, pieces_of_stick)) for pieces_of_stick in bins)
    needed = wire.stick_mm * len(sticks)
    return Cutting(sticks, needed, needed - total, proved)


def pack(lengths: Sequence[float], stick_mm: float) -> tuple[list[list[int]], bool]:
    """Indices of the pieces of each stick, the fewest sticks there can be, and whether that is
    proved. Raises ValueError for a piece longer than a stick.
    """
    if not lengths:
        return [], True
    if max(lengths) > stick_mm:
        raise Refusal(
            means("refret.piece-mm-does-not-come", lengths=max(lengths), stick_mm=stick_mm)
        )
    best = _first_fit(lengths, stick_mm)
    least = int(np.ceil(sum(lengths) / stick_mm - 1e-9))
    while len(best) > least:
        fewer, proved = _into(lengths, stick_mm, len(best) - 1)
        if fewer is None:
            return best, proved
        best = fewer
    return best, True


def _first_fit(lengths: Sequence[float], stick_mm: float) -> list[list[int]]:
    """The longest first, each into the first stick that still holds it."""
    sticks: list[list[int]] = []
    room: list[float] = []
    for i in sorted(range(len(lengths)), key=lambda i: -lengths[i]):
        at = next((k for k, left in enumerate(room) if left >= lengths[i] - 1e-9), None)
        if at is None:
            sticks.append([])
            room.append(stick_mm)
            at = len(sticks) - 1
        sticks[at].append(i)
        room[at] -= lengths[i]
    return sticks


def _into(
    lengths: Sequence[float], stick_mm: float, count: int
) -> tuple[list[list[int]] | None, bool]:
    """The pieces in ``count`` sticks, or None and whether that is proved impossible: an integer
    program, one 0-or-1 unknown a piece and stick.
    """
    n = len(lengths)
    sizes = np.asarray(lengths, dtype=np.float64)
    once = np.kron(np.eye(n), np.ones((1, count))).astype(np.float64)
    holds = np.kron(sizes[None, :], np.eye(count)).astype(np.float64)
    # The longest piece may as well lie in the first stick, the second longest in the first two, and
    # so on: without that every order of the sticks would be tried.
    upper = np.ones((n, count))
    for rank, i in enumerate(np.argsort(-sizes)[:count]):
        upper[i, rank + 1 :] = 0.0
    program = LinearProgram(
        np.zeros(n * count), [(0.0, float(most)) for most in upper.ravel()], whole=True
    )
    program.add(once, np.ones(n), least=np.ones(n))
    program.add(holds, np.full(count, stick_mm))
    program.within(MOST_SECONDS)
    found = program.solve()
    if found is None:
        return None, program.impossible
    inside = found.x.reshape(n, count) > 0.5
    return [list(map(int, np.flatnonzero(inside[:, k]))) for k in range(count)], True
