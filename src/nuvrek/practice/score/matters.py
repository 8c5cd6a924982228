"""What truly is the matter with a neck, and by which reading each of it could have been known."""

from __future__ import annotations

import itertools
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


def matters(living: LivingNeck) -> tuple[Matter, ...]:
    """Everything that truly is the matter, what is seen to first standing first."""
    return tuple(_matters(living))


def _matters(living: LivingNeck) -> Iterator[Matter]:
    if living.out[1:].any():
        count = int(living.out[1:].sum())
        yield Matter(
            "frets out",
            means("practice.frets-out-with-count", count=count),
            means("practice.look-board"),
        )
    if living.rod_nut != "fine":
        words = means("practice.rods-nut", rod_nut=Word(living.rod_nut))
        yield Matter("rod nut", words, means("practice.key-felt-before-turned"))
    for fret in living.loose:
        words = means("practice.fret-not-seated", fret=fret)
        yield Matter("loose", words, means("practice.finger-fret", fret=fret), fret)
    strung = living.copy()
    strung.tension = 1.0
    straight = strung.copy()
    lanes = [living.neck.relief_wanted_mm(lane) for lane in LANES]
    # A bowed neck lays open strings on its frets whatever the nut is like.
    straight.wood_mm += (strung.relief_mm() - lanes)[None, :] * living.bend[:, None]
    if (np.maximum(rooms_mm(straight)[:, 0], rooms_mm(strung)[:, 0]) < -BREATH_MM).any():
        words = means("practice.open-string-lies-too-low")
        yield Matter("nut", words, means("practice.pressed-3-look-over-1"))
    off = [float(strung.relief_mm()[k] - living.neck.relief_wanted_mm(LANES[k])) for k in (0, 2)]
    worst = max(off, key=abs)
    if abs(worst) > RELIEF_MM:
        words = means(
            "practice.relief-mm-than-wanted-more"
            if worst > 0
            else "practice.relief-mm-than-wanted-less",
            worst=abs(worst),
        )
        meaning = means("practice.string-over-middle-pitch-edge")
        yield Matter("relief", words, meaning)
    yield from _tops(living)
    grooved = [f for f in range(1, living.neck.frets + 1) if living.groove_mm[f].max() > GROOVE_MM]
    if grooved:
        words = means(
            "practice.frets-have-grooves-first-them", number=len(grooved), grooved=grooved[0]
        )
        yield Matter(
            "groove", words, means("practice.depth-foot-groove", grooved=grooved[0]), grooved[0]
        )
    wanted = (living.neck.height_low_mm or 0.0, living.neck.height_high_mm or 0.0)
    for height, asked, lane in zip(strung.string_height_mm(), wanted, SIDES, strict=True):
        if abs(height - asked) > HEIGHT_MM:
            words = means(
                "practice.string-stands-mm-over-12", lane_words=LANE_WORDS[lane], height=height
            )
            yield Matter("heights", words, means("practice.rule-12"))
            break


def _tops(living: LivingNeck) -> Iterator[Matter]:
    """Single frets out of line with their neighbours, each on the lane where it is worst."""
    tops, x = living.tops_mm(), living.x_mm
    loose = set(living.loose)
    for fret in range(2, living.neck.frets):
        if fret in loose or {fret - 1, fret + 1} & loose:
            continue
        over = [over_line(x, tops[:, k], fret - 1, fret, fret + 1) for k in range(3)]
        k = max(range(3), key=lambda k: abs(over[k]))
        if over[k] > STANDS_MM and not _beside_low(living, fret, k):
            yield Matter(
                "proud",
                means("practice.fret-stands-mm-over-neighbours", fret=fret, over=over[k]),
                means("practice.rocker-over", fret=fret, lane_words=LANE_WORDS[LANES[k]]),
                fret,
                LANES[k],
            )
        elif over[k] < -STANDS_MM and not _beside_proud(living, fret, k):
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


def _beside_low(living: LivingNeck, fret: int, lane: int) -> bool:
    """Whether a neighbour sunk by more makes it rock."""
    crown = living.crown_mm[:, lane]
    usual = sorted(crown[1:].tolist())[living.neck.frets // 2]
    near = min(crown[fret - 1], crown[fret + 1])
    return bool(usual - near > abs(crown[fret] - usual) + 0.02)


def _beside_proud(living: LivingNeck, fret: int, lane: int) -> bool:
    crown = living.crown_mm[:, lane]
    usual = sorted(crown[1:].tolist())[living.neck.frets // 2]
    near = max(crown[fret - 1], crown[fret + 1])
    return bool(near - usual > abs(crown[fret] - usual) + 0.02)


def unread(found: Sequence[Matter], entries: Sequence[AnyEntry]) -> tuple[Matter, ...]:
    """Of true faults those that no reading of a journal speaks of."""

    def spoken_of(matter: Matter) -> bool:
        return any(_speaks(matter, entry) for entry in entries)

    return tuple(itertools.filterfalse(spoken_of, found))


def _speaks(matter: Matter, entry: AnyEntry) -> bool:
    match entry:
        case StandOff(fret=fret):
            return matter.of == "loose" and fret == matter.fret
        case OthersFirm(frets=frets):
            return matter.of == "loose" and matter.fret in frets
        case Rock(fret=fret):
            return matter.of in ("proud", "low") and abs(fret - matter.fret) <= 1
        case OthersStill(frets=frets):
            return matter.of in ("proud", "low") and matter.fret in frets
        case RodFeel() | RodMove():
            return matter.of == "rod nut" and getattr(entry, "feel", "") not in ("", "free")
        case Size(what="groove"):
            return matter.of == "groove"
        case StringGap(low_support=0):
            return matter.of == "nut"
        case StringGap():
            return matter.of == "relief"
        case _:
            return matter.of == "heights" and type(entry).__name__ == "StringHeight"


def right_first(living: LivingNeck) -> frozenset[str]:
    """The kinds of action that are right to begin with: what costs nothing and stands in the way of
    all else first, no file before frets are seated and the relief is right.
    """
    kinds = {matter.of for matter in matters(living)}
    if "frets out" in kinds:
        return frozenset({"true-wood", "saw", "fit"})
    cheap = {"rod nut": "mend-rod-nut", "loose": "press", "nut": "nut-slot", "heights": "saddle"}
    first = {action for of, action in cheap.items() if of in kinds}
    if "relief" in kinds and "rod nut" not in kinds:
        tight = living.copy()
        tight.tension = 1.0
        wanted = living.neck.relief_wanted_mm("middle")
        spent = all(rod.slack for rod in living.rods) and tight.relief_mm()[1] < wanted
        spent = spent or not living.rods
        first |= {"block", "file", "heat", "pull"} if spent else {"turn"}
    if not first - {"saddle"} and kinds & {"proud", "low", "groove"}:
        first |= {"file", "block", "pull"}
    return frozenset(first)


def wrong_tops(
    living: LivingNeck, neck_map: HeightMap, entries: Sequence[AnyEntry]
) -> tuple[Saying, ...]:
    """Where the map's range does not hold, the worst first: what it says, what is true, and which
    reading is missing.
    """
    from nuvrek.estimate.heightmap import line_projection

    true = line_projection(living.neck) @ living.as_truth().tops_mm(neck_map.state)[1:]
    off = true - neck_map.tops_mm
    swept = {
        (fret, entry.lane)
        for entry in entries
        for fret in ((entry.fret,) if isinstance(entry, Rock) else getattr(entry, "frets", ()))
        if isinstance(entry, Rock | OthersStill)
    }
    meanings = []
    for fret, k in sorted(
        ((f, k) for f in range(len(off)) for k in range(3)), key=lambda p: -abs(off[p])
    ):
        doubt = neck_map.tops_doubt_mm[fret, k]
        if abs(off[fret, k]) <= doubt or abs(off[fret, k]) < 0.03:
            continue
        lane = LANES[k]
        meanings.append(
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
    return tuple(meanings[:4])
