"""Hands that know what they do: a few moves put together, each by what is felt and nothing else."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from nuvrek.neck.description import LANES, Lane
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work.desk import Desk
from nuvrek.readings.entries import SIDES, Side
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM

# A rocker that just reaches over three frets.
REACH = 1.06
MOST_PASSES = 12


def gap(
    desk: Desk,
    lane: Lane,
    low: int,
    high: int,
    at: int,
    *,
    under: do.LeafUnder = "string",
    leaves_mm: Sequence[float] = METRIC_LEAVES_MM,
) -> tuple[float | None, float | None]:
    """The thickest leaf that slides and the thinnest that does not, found by halving."""
    first, last = 0, len(leaves_mm)
    while first < last:
        half = (first + last) // 2
        leaf = do.Leaf(lane=lane, low=low, high=high, at=at, leaf_mm=leaves_mm[half], under=under)
        if desk.do(leaf).key == "slides":
            first = half + 1
        else:
            last = half
    slides = leaves_mm[first - 1] if first else None
    return slides, leaves_mm[first] if first < len(leaves_mm) else None


def rocker_mm(desk: Desk, fret: int) -> float:
    """The edge that stands on three frets about this one, and on no fourth."""
    x = desk.neck.x_mm
    wide = max(x[fret] - x[fret - 1], x[fret + 1] - x[fret])
    return float(2.0 * wide * REACH)


def rocks(desk: Desk, lane: Lane, frets: Iterable[int] | None = None) -> tuple[int, ...]:
    """Frets that rock on a lane, by a sweep."""
    last = desk.neck.neck.frets
    fret_numbers = []
    for fret in range(2, last) if frets is None else frets:
        if not 1 < fret < last:
            continue
        rocker = do.Rocker(lane=lane, fret=fret, edge_mm=rocker_mm(desk, fret))
        if desk.do(rocker).key == "rocks":
            fret_numbers.append(fret)
    return tuple(fret_numbers)


def loose_frets(desk: Desk) -> tuple[int, ...]:
    """Frets that move under a finger anywhere."""

    def moves(fret: int) -> bool:
        return any(desk.do(do.Finger(fret=fret, lane=lane)).key == "moves" for lane in LANES)

    return tuple(filter(moves, range(1, desk.neck.neck.frets + 1)))


def let_down(desk: Desk) -> None:
    """Strings slack, if they are not."""
    if desk.neck.tension > 0.5:
        desk.do(do.Tune(to="slack"))


def tune(desk: Desk) -> None:
    """All strings at pitch."""
    desk.do(do.Tune(to="pitch"))


def seat(desk: Desk, frets: Iterable[int]) -> None:
    """Pressed home, glued, left as long as glue needs."""
    frets = tuple(frets)
    if not frets:
        return
    let_down(desk)
    for fret in frets:
        desk.do(do.Press(fret=fret))
        desk.do(do.Glue(fret=fret))
    desk.do(do.Wait(minutes=245))


def spot(desk: Desk, frets: Iterable[int], lanes: Sequence[Lane] = LANES) -> None:
    """A few strokes on single frets until nothing rocks there; then they are crowned."""
    frets = tuple(frets)
    let_down(desk)
    touched = set()
    for _ in range(MOST_PASSES):
        left = [(f, lane) for lane in lanes for f in rocks(desk, lane, frets)]
        if not left:
            break
        for fret, lane in left:
            touched.add(fret)
            desk.do(do.FileFret(fret=fret, where=lane, strokes=3))
    if touched:
        desk.do(do.CrownTops(frets=tuple(sorted(touched))))


def level(
    desk: Desk, low: int, high: int, *, strokes: int, length_mm: float = 450.0, crown: bool = True
) -> None:
    """A block over some frets, strokes by its own weight; then those touched are crowned."""
    let_down(desk)
    desk.do(do.InkTops())
    desk.do(do.Block(low=low, high=high, strokes=strokes, length_mm=length_mm))
    if crown:
        ink = desk.neck.ink
        touched = tuple(f for f in range(max(low, 1), high + 1) if not ink[f].all())
        if touched:
            desk.do(do.CrownTops(frets=touched))


def relief(desk: Desk, lane: Lane = "bass", hold: int = 1, press: int = 0) -> float:
    """Relief as a leaf under the string finds it: the middle of its bracket."""
    joint = press or desk.neck.neck.joint_fret
    slides, stops = gap(desk, lane, hold, joint, (hold + joint) // 2)
    return 0.5 * ((slides or 0.0) + (stops or slides or 0.0))


def rod_to(
    desk: Desk, wanted_mm: float, side: Side | None = None, lane: Lane = "bass", most: int = 12
) -> None:
    """Quarter turns, tuned and read after each, until the leaf says it is as wanted. Where a move
    goes the wrong way, the rod works the other way round: it is turned back. A key that slips, a
    nut that binds and a rod at its end are left alone.
    """
    if desk.neck.tension < 0.5 or not desk.neck.at_pitch:
        tune(desk)
    way, before = 1.0, None
    for _ in range(most):
        off = relief(desk, lane) - wanted_mm
        if before is not None and abs(off) > abs(before) + 0.05 and off * before > 0.0:
            way = -way
        if abs(off) < 0.04:
            return
        turns = 0.25 if abs(off) > 0.08 else 0.125
        felt = desk.do(do.Turn(turns=way * (turns if off > 0 else -turns), side=side))
        if felt.key in ("key slips", "binding", "at its end"):
            return
        before = off
        tune(desk)


def heights(desk: Desk) -> None:
    """Saddles until the rule says what is wanted."""
    neck = desk.neck.neck
    for side in SIDES:
        wanted = (neck.height_low_mm if side == "bass" else neck.height_high_mm) or 0.0
        seen = desk.do(do.HoldRule(side=side)).seen
        if isinstance(seen, float) and abs(seen - wanted) > 0.1:
            # A saddle moves a string over 12 by half of what it is moved.
            desk.do(do.Saddle(side=side, mm=2.0 * (wanted - seen)))


def finish(desk: Desk) -> None:
    """Strung to pitch, strings at their height."""
    tune(desk)
    heights(desk)
