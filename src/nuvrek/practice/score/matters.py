"""What truly is the matter with a neck, and by which reading each of it could have been known."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np

from nuvrek.estimate.heightmap import HeightMap
from nuvrek.meaning import Saying, Word, means
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.practice.score.account import HEIGHT_MM, RELIEF_MM
from nuvrek.readings.entries import (
    SIDES,
    AnyEntry,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    RodMove,
    Size,
    StandOff,
    StringGap,
)
from nuvrek.simulator.living.lying import over_line
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.simulator.living.ringing import BREATH_MM, rooms_mm

# From here on something is the matter (common practice, no source).
STANDS_MM, GROOVE_MM = 0.05, 0.05

Of = Literal["loose", "rod nut", "nut", "relief", "proud", "low", "groove", "heights", "frets out"]


@dataclass(frozen=True)
class Matter:
    """One true fault: what and where, in words, and the reading that tells."""

    of: Of
    words: Saying
    told_by: Saying
    fret: int = 0
    lane: Lane | None = None


def matters(one: LivingNeck) -> tuple[Matter, ...]:
    """Everything that truly is the matter, what is seen to first standing first."""
    return tuple(_matters(one))


def _matters(one: LivingNeck) -> Iterator[Matter]:
    if one.out[1:].any():
        count = int(one.out[1:].sum())
        yield Matter(
            "frets out",
            means("practice.frets-out-with-count", count=count),
            means("practice.look-board"),
        )
    if one.rod_nut != "fine":
        words = means("practice.rods-nut", rod_nut=Word(one.rod_nut))
        yield Matter("rod nut", words, means("practice.key-felt-before-turned"))
    for fret in one.loose:
        words = means("practice.fret-not-seated", fret=fret)
        yield Matter("loose", words, means("practice.finger-fret", fret=fret), fret)
    strung = one.copy()
    strung.tension = 1.0
    straight = strung.copy()
    lanes = [one.neck.relief_wanted_mm(lane) for lane in LANES]
    # A bowed neck lays open strings on its frets whatever the nut is like.
    straight.wood_mm += (strung.relief_mm() - lanes)[None, :] * one.bend[:, None]
    if (np.maximum(rooms_mm(straight)[:, 0], rooms_mm(strung)[:, 0]) < -BREATH_MM).any():
        words = means("practice.open-string-lies-too-low")
        yield Matter("nut", words, means("practice.pressed-3-look-over-1"))
    off = [float(strung.relief_mm()[k] - one.neck.relief_wanted_mm(LANES[k])) for k in (0, 2)]
    worst = max(off, key=abs)
    if abs(worst) > RELIEF_MM:
        words = means(
            "practice.relief-mm-than-wanted-more"
            if worst > 0
            else "practice.relief-mm-than-wanted-less",
            worst=abs(worst),
        )
        told = means("practice.string-over-middle-pitch-edge")
        yield Matter("relief", words, told)
    yield from _tops(one)
    grooved = [f for f in range(1, one.neck.frets + 1) if one.groove_mm[f].max() > GROOVE_MM]
    if grooved:
        words = means(
            "practice.frets-have-grooves-first-them", number=len(grooved), grooved=grooved[0]
        )
        yield Matter(
            "groove", words, means("practice.depth-foot-groove", grooved=grooved[0]), grooved[0]
        )
    wanted = (one.neck.height_low_mm or 0.0, one.neck.height_high_mm or 0.0)
    for height, asked, lane in zip(strung.string_height_mm(), wanted, SIDES, strict=True):
        if abs(height - asked) > HEIGHT_MM:
            words = means(
                "practice.string-stands-mm-over-12", lane_words=LANE_WORDS[lane], height=height
            )
            yield Matter("heights", words, means("practice.rule-12"))
            break


def _tops(one: LivingNeck) -> Iterator[Matter]:
    """Single frets out of line with their neighbours, each on the lane where it is worst."""
    tops, x = one.tops_mm(), one.x_mm
    loose = set(one.loose)
    for fret in range(2, one.neck.frets):
        if fret in loose or {fret - 1, fret + 1} & loose:
            continue
        over = [over_line(x, tops[:, k], fret - 1, fret, fret + 1) for k in range(3)]
        k = max(range(3), key=lambda k: abs(over[k]))
        if over[k] > STANDS_MM and not _beside_low(one, fret, k):
            yield Matter(
                "proud",
                means("practice.fret-stands-mm-over-neighbours", fret=fret, over=over[k]),
                means("practice.rocker-over", fret=fret, lane_words=LANE_WORDS[LANES[k]]),
                fret,
                LANES[k],
            )
        elif over[k] < -STANDS_MM and not _beside_proud(one, fret, k):
            yield Matter(
                "low",
                means("practice.fret-lies-mm-under-neighbours", fret=fret, over=-over[k]),
                means(
                    "practice.rocker-over-two-rocks-between",
                    fret=fret - 1,
                    other_fret=fret + 1,
                    third_fret=fret,
                ),
                fret,
                LANES[k],
            )


def _beside_low(one: LivingNeck, fret: int, lane: int) -> bool:
    """Whether a neighbour sunk by more makes it rock."""
    crown = one.crown_mm[:, lane]
    usual = sorted(crown[1:].tolist())[one.neck.frets // 2]
    near = min(crown[fret - 1], crown[fret + 1])
    return bool(usual - near > abs(crown[fret] - usual) + 0.02)


def _beside_proud(one: LivingNeck, fret: int, lane: int) -> bool:
    crown = one.crown_mm[:, lane]
    usual = sorted(crown[1:].tolist())[one.neck.frets // 2]
    near = max(crown[fret - 1], crown[fret + 1])
    return bool(near - usual > abs(crown[fret] - usual) + 0.02)


def unread(found: Sequence[Matter], entries: Sequence[AnyEntry]) -> tuple[Matter, ...]:
    """Of true faults those that no reading of a journal speaks of."""
    return tuple(one for one in found if not any(_speaks(one, entry) for entry in entries))


def _speaks(one: Matter, entry: AnyEntry) -> bool:
    match entry:
        case StandOff(fret=fret):
            return one.of == "loose" and fret == one.fret
        case OthersFirm(frets=frets):
            return one.of == "loose" and one.fret in frets
        case Rock(fret=fret):
            return one.of in ("proud", "low") and abs(fret - one.fret) <= 1
        case OthersStill(frets=frets):
            return one.of in ("proud", "low") and one.fret in frets
        case RodFeel() | RodMove():
            return one.of == "rod nut" and getattr(entry, "feel", "") not in ("", "free")
        case Size(what="groove"):
            return one.of == "groove"
        case StringGap(low_support=0):
            return one.of == "nut"
        case StringGap():
            return one.of == "relief"
        case _:
            return one.of == "heights" and type(entry).__name__ == "StringHeight"


def right_first(one: LivingNeck) -> frozenset[str]:
    """The kinds of action that are right to begin with: what costs nothing and stands in the way of
    all else first, no file before frets are seated and the relief is right.
    """
    kinds = {matter.of for matter in matters(one)}
    if "frets out" in kinds:
        return frozenset({"true-wood", "saw", "fit"})
    cheap = {"rod nut": "mend-rod-nut", "loose": "press", "nut": "nut-slot", "heights": "saddle"}
    first = {action for of, action in cheap.items() if of in kinds}
    if "relief" in kinds and "rod nut" not in kinds:
        tight = one.copy()
        tight.tension = 1.0
        wanted = one.neck.relief_wanted_mm("middle")
        spent = all(rod.slack for rod in one.rods) and tight.relief_mm()[1] < wanted
        spent = spent or not one.rods
        first |= {"block", "file", "heat", "pull"} if spent else {"turn"}
    if not first - {"saddle"} and kinds & {"proud", "low", "groove"}:
        first |= {"file", "block", "pull"}
    return frozenset(first)


def wrong_tops(
    one: LivingNeck, neck_map: HeightMap, entries: Sequence[AnyEntry]
) -> tuple[Saying, ...]:
    """Where the map's range does not hold, the worst first: what it says, what is true, and which
    reading is missing.
    """
    from nuvrek.estimate.heightmap import line_projection

    true = line_projection(one.neck) @ one.as_truth().tops_mm(neck_map.state)[1:]
    off = true - neck_map.tops_mm
    swept = {
        (fret, entry.lane)
        for entry in entries
        for fret in ((entry.fret,) if isinstance(entry, Rock) else getattr(entry, "frets", ()))
        if isinstance(entry, Rock | OthersStill)
    }
    said = []
    for fret, k in sorted(
        ((f, k) for f in range(len(off)) for k in range(3)), key=lambda p: -abs(off[p])
    ):
        doubt = neck_map.tops_doubt_mm[fret, k]
        if abs(off[fret, k]) <= doubt or abs(off[fret, k]) < 0.03:
            continue
        lane = LANES[k]
        said.append(
            means(
                "practice.fret-map-says-give-or-read-there-again"
                if (fret + 1, lane) in swept
                else "practice.fret-map-says-give-or-no-rocker-set",
                fret=fret + 1,
                lane_words=LANE_WORDS[lane],
                tops_mm=neck_map.tops_mm[fret, k],
                doubt=doubt,
                true=true[fret, k],
            )
        )
    return tuple(said[:4])
