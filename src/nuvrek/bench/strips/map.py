"""The lanes Map shows beside wood, tops and crowns: light gap, the board from above, the change
since an earlier survey.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING, Literal

from msgspec import Struct, structs

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.bench.strips.strips import DifferenceStrip, LightStrip, RoomStrip, ShadeStrip
from nuvrek.meaning import Saying, Word, lower_first, means
from nuvrek.neck.description import LANE_WORDS, LANES, TOUCH_WORDS, Lane
from nuvrek.neck.scale import places_mm
from nuvrek.readings.entries import Chosen, RoundStart, Strings
from nuvrek.readings.journal import fold, live_numbers
from nuvrek.readings.rounds import ROUNDS
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.estimate.heightmap import HeightMap

WHOLE_MM = 10_000.0


class EdgeChoice(Struct, frozen=True):
    """A virtual edge: what it is, its length, and whether it lies on the wood."""

    words: Saying
    length_mm: float
    wood: bool = False


def edges_of(kit: Kit) -> tuple[EdgeChoice, ...]:
    """The edges to lay: the user's own, and one of each as long as the board."""
    own = [EdgeChoice(means("strips.rocker-mm", mm=mm), mm) for mm in kit.rockers_mm]
    own += [EdgeChoice(means("strips.edge-mm", mm=mm), mm) for mm in kit.edges_mm]
    return (
        EdgeChoice(means("strips.edge-full-length"), WHOLE_MM),
        EdgeChoice(means("strips.notched-full-length"), WHOLE_MM, True),
        *own,
    )


def light_strip(
    solved: Solved,
    edge: EdgeChoice,
    lane: Lane,
    strings: Strings,
    fret: int,
    unit: Unit,
    exaggeration: float,
) -> LightStrip:
    """A virtual edge with its middle near ``fret``, and the light the real one would show there."""
    from nuvrek.estimate.light_gap import lay_edge, light_words
    from nuvrek.estimate.measurer import Measurer

    neck, k = solved.map.neck, LANES.index(lane)
    x = places_mm(neck)
    length = min(edge.length_mm, x[-1] - x[1] + 2.0)
    start = min(max(x[fret] - 0.5 * length, x[1] - 1.0), x[-1] + 1.0 - length)
    measurer = Measurer(solved.map)
    surface: Literal["wood", "tops"] = "wood" if edge.wood else "tops"
    light = lay_edge(measurer, surface, strings, lane=k, start_mm=start, length_mm=length)
    rows, constants = measurer.heights(surface, strings)
    heights = rows[1:, k] @ solved.map.solution.z + constants[1:, k]
    tilt = _line(x, heights.tolist(), neck.joint_fret)
    ways = []
    figures: tuple[tuple[int, Saying], ...] = ()
    for way in light.ways if light is not None else ():
        a, b = (float(heights[f - 1] - tilt(x[f])) for f in (way.low, way.high))
        slope = (b - a) / (x[way.high] - x[way.low])
        left, right = start, start + length
        ends = (left, a + slope * (left - x[way.low]), right, a + slope * (right - x[way.low]))
        gaps = tuple(zip(light.frets if light else (), way.gaps_mm, strict=True))
        ways.append((ends, gaps))
        figures = figures or tuple((f, format_number(mm, unit)) for f, mm in gaps if mm >= 0.005)
    level = tuple(float(h - tilt(x[f])) for f, h in enumerate(heights, 1))
    under = means("strips.lane-strings", lane=LANE_WORDS[lane], strings=Word(strings))
    words = light_words(light, edge.wood)
    return LightStrip(
        means("strips.light"),
        under,
        level,
        ways=tuple(ways),
        words=words,
        figures=figures,
        exaggeration=exaggeration,
    )


def _line(x: tuple[float, ...], heights: list[float], joint: int):  # type: ignore[no-untyped-def]
    """The line through fret 1 and the joint fret, from which heights are drawn."""
    slope = (heights[joint - 1] - heights[0]) / (x[joint] - x[1])
    return lambda place: heights[0] + slope * (place - x[1])


def shade_strip(solved: Solved, strings: Strings, unit: Unit) -> ShadeStrip:
    """The board from above, wood and metal together: how high each top stands."""
    from nuvrek.estimate.heightmap import line_projection
    from nuvrek.estimate.measurer import Measurer

    m = solved.map
    heights, constants = Measurer(m).heights("tops", strings)
    tops = line_projection(m.neck) @ (heights[1:] @ m.solution.z + constants[1:])
    rows = tuple(map(tuple, tops.tolist()))

    def in_figures(row: Sequence[float]) -> tuple[Saying, ...]:
        return tuple(format_number(mm, unit, sign=True) for mm in row)

    figures = tuple(map(in_figures, rows))
    return ShadeStrip(
        means("strips.from-above"),
        means("strips.strings-unit", strings=Word(strings), unit=unit.value),
        rows,
        m.known,
        figures,
    )


# --- before and after ---------------------------------------------------------


class Moment(Struct, frozen=True):
    """A point in a neck's journal to compare with: after how many entries, and what it was."""

    length: int
    words: Saying


def moments(session: Session) -> tuple[Moment, ...]:
    """Where earlier surveys ended: before each later round, and before each way that was chosen;
    newest first.
    """
    found: list[Moment] = []
    name: Saying = means("strips.first-readings")
    day, readings = "", 0
    for number in live_numbers(session.entries):
        entry = session.entries[number - 1]
        if isinstance(entry, RoundStart | Chosen):
            if readings:
                found.append(Moment(number - 1, means("strips.day-name", day=day, name=name)))
            if isinstance(entry, RoundStart):
                if entry.name in ROUNDS:
                    name = lower_first(ROUNDS[entry.name][0])
                else:
                    name = entry.name
            readings = 0
        elif hasattr(entry, "station"):
            readings += 1
            day = entry.at[:10] or day
    return tuple(reversed(found))


def map_at(session: Session, moment: Moment) -> HeightMap:
    """The neck as the readings up to a moment showed it."""
    from nuvrek.estimate.heightmap import map_neck

    neck_state = session.neck_state
    then = fold(neck_state.neck, session.entries[: moment.length])
    return map_neck(structs.replace(then, neck=neck_state.neck))


def difference_strip(
    solved: Solved, before: HeightMap, moment: Moment, unit: Unit
) -> DifferenceStrip:
    """Slack tops now less slack tops then, on the lanes known both times; relief at pitch in
    words.
    """
    m = solved.map
    known = [a and b for a, b in zip(m.known, before.known, strict=True)]
    import numpy as np

    risen = np.where(known, m.tops_slack_mm - before.tops_slack_mm, 0.0)
    change = tuple(map(tuple, risen.tolist()))
    parts: list[Saying] = []
    for lane, k in (("bass", 0), ("treble", 2)):
        if known[k]:
            then = before.relief_at(lane, "pitch").mm  # type: ignore[arg-type]
            now = m.relief_at(lane, "pitch").mm  # type: ignore[arg-type]
            side = LANE_WORDS[lane]  # type: ignore[index]
            parts.append(
                means(
                    "strips.to",
                    side=side,
                    then=format_number(then, unit),
                    now=format_length(now, unit),
                )
            )
    if parts:
        words = means("strips.relief", parts=meaning.listed(parts, by=","))
    else:
        words = means("strips.no-lane-read-both-times")
    return DifferenceStrip(
        means("strips.change"), means("strips.since", detail=moment.words), change, words
    )


def room_strip(solved: Solved, unit: Unit) -> RoomStrip:
    """Least room of each note over all strings, at the player's touch."""
    from nuvrek.clearance.strung_neck import string_up
    from nuvrek.neck.touch import TOUCHES

    on, touch = string_up(solved.map), solved.map.neck.touch
    rooms = on.rooms(TOUCHES[touch])
    worst = rooms.room_mm.argmin(axis=0)
    notes = range(len(worst))
    buzzing = int((rooms.buzz >= 0.8).sum())
    return RoomStrip(
        means("strips.room"),
        means("strips.worst-string", detail=unit.value),
        tuple(float(rooms.room_mm[worst[n], n]) for n in notes),
        tuple(float(rooms.doubt_mm[worst[n], n]) for n in notes),
        tuple(rooms.word(int(worst[n]), n) for n in notes),
        label=means("strips.touch-notes-will-buzz", touch=TOUCH_WORDS[touch], buzzing=buzzing),
    )
