"""What the wood does beside its relief: S-shape, hump at the joint, tongue, one side other than
the other, nut, pull.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.frets import find_low, find_proud
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.measurer import HeightKind, Measured, Measurer, Part
from nuvrek.estimate.string_pull import both_read, forecast_tuned
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import StringGap, Strings
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# From here on a shape is named; common practice, no source.
HUMP_MM = 0.05
TONGUE_MM = 0.10
S_SHAPE_MM = 0.04
UNEVEN_MM = 0.06
NUT_HIGH_MM = 0.13
NUT_TOUCHES_MM = 0.03
ROUGH_CROWNS_MM = 0.10
# With the pull known no better than this it is not spoken of.
PULL_UNKNOWN_MM = 0.12
# Words of a complaint about strings that are not fretted.
# Named only when this sure; else the next best reading asks.
NAMED_SURE = 0.75


def hump_parts(measurer: Measurer, lane: int) -> list[Part]:
    """How far the wood at the joint stands over the line from three frets before it to three
    after.
    """
    joint, frets = measurer.map.neck.joint_fret, measurer.map.neck.frets
    before, after = max(joint - 3, 1), min(joint + 3, frets)
    return [(f, k, -w) for f, k, w in measurer.chord(before, after, joint, lane)]


def tongue_parts(measurer: Measurer, lane: int) -> list[Part]:
    """How far the last fret's wood stands over the neck's own line, from five frets before the
    joint to the joint.
    """
    joint, frets = measurer.map.neck.joint_fret, measurer.map.neck.frets
    return [(f, k, -w) for f, k, w in measurer.chord(max(joint - 5, 1), joint, frets, lane)]


def half_dips(measurer: Measurer, lane: int) -> tuple[list[Part], list[Part]]:
    """The dips a quarter and three quarters of the way from fret 1 to the joint."""
    joint = measurer.map.neck.joint_fret
    early, late = (measurer.nearest(1, joint, share) for share in (0.25, 0.75))
    return measurer.chord(1, joint, early, lane), measurer.chord(1, joint, late, lane)


def nut_parts(measurer: Measurer, lane: int) -> list[Part]:
    """Press at 3, look at 1: the gap over fret 1."""
    return measurer.chord(0, 3, 1, lane)


def s_shape_parts(measurer: Measurer, lane: int) -> list[Part]:
    """The early dip less the late one."""
    early, late = half_dips(measurer, lane)
    return [*early, *((fret, k, -weight) for fret, k, weight in late)]


def hump_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The wood at the joint over its neighbourhood."""
    return _height(measurer, "wood", hump_parts(measurer, _lane(finding)), "slack")


def tongue_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The last fret's wood over the neck's own line."""
    return _height(measurer, "wood", tongue_parts(measurer, _lane(finding)), "slack")


def s_shape_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """How far the two halves dip apart."""
    return _height(measurer, "wood", s_shape_parts(measurer, _lane(finding)), "pitch")


def nut_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The gap over fret 1 with the string pressed at 3."""
    return _height(measurer, "tops", nut_parts(measurer, _lane(finding)), "pitch")


def tops_follow_mm(measurer: Measurer, finding: Finding) -> float:
    """How much of a shape of the wood the tops still have: of a level over it, next to nothing."""
    parts, strings = _OF_SHAPE[finding.kind]
    return measurer.of("tops", parts(measurer, _lane(finding)), strings).mm


_OF_SHAPE: dict[str, tuple[Callable[[Measurer, int], list[Part]], Strings]] = {
    "hump": (hump_parts, "slack"),
    "tongue": (tongue_parts, "slack"),
    "s-shape": (s_shape_parts, "pitch"),
}


def _lane(finding: Finding) -> int:
    return LANES.index(finding.lane or "bass")


def _height(
    measurer: Measurer, of: HeightKind, parts: list[Part], strings: Strings
) -> tuple[Array, float]:
    measured = measurer.of(of, parts, strings)
    return measured.row, measured.mm


def find_shapes(looking: Looking) -> Iterator[Finding]:
    """All findings of shape, at most one of each kind a lane."""
    measurer, unit = looking.measurer, looking.unit
    known = [k for k in range(3) if measurer.map.known[k]]
    if not known:
        return
    yield from _worst(measurer, known, unit)
    yield from _sides(measurer, unit)
    yield from _nut(measurer, unit)
    yield from _pull(measurer, unit)
    # Frets with a fault of their own are named one by one; what is left says whether crowns differ
    # besides.
    named = (*find_proud(looking), *find_low(looking))
    if not named and not looking.loose:
        yield from _crowns(measurer, known, unit)


def _worst(measurer: Measurer, known: list[int], unit: Unit) -> Iterator[Finding]:
    """Hump, tongue, fall-away and S-shape, each on the lane where it is largest."""
    past_joint = measurer.map.neck.frets - measurer.map.neck.joint_fret
    # A hump needs frets on both sides of it, a tongue three of its own.
    if past_joint >= 2:
        yield from _hump(measurer, known, unit)
    if past_joint >= 3:
        yield from _tongue(measurer, known, unit)
    yield from _s_shape(measurer, known, unit)


def _hump(measurer: Measurer, known: list[int], unit: Unit) -> Iterator[Finding]:
    humps = [(measurer.of("wood", hump_parts(measurer, k), "slack"), k) for k in known]
    hump, k = max(humps, key=lambda h: h[0].mm)
    sure = hump.over(HUMP_MM / 2)
    if hump.mm < HUMP_MM or sure < NAMED_SURE:
        return
    text = means("findings.board-rises-where-body-begins")
    joint = measurer.map.neck.joint_fret
    yield _shape(
        "hump",
        joint,
        k,
        measured=hump,
        sure=sure,
        text=text,
        head=means("findings.hump-joint"),
        unit=unit,
    )


def _tongue(measurer: Measurer, known: list[int], unit: Unit) -> Iterator[Finding]:
    """The board past the joint, where it climbs or falls away."""
    last = measurer.map.neck.frets
    tongues = [(measurer.of("wood", tongue_parts(measurer, k), "slack"), k) for k in known]
    up, k = max(tongues, key=lambda t: t[0].mm)
    down, j = min(tongues, key=lambda t: t[0].mm)
    climbs, falls = up.over(TONGUE_MM / 2), 1.0 - down.over(-TONGUE_MM / 2)
    if up.mm >= TONGUE_MM and climbs >= NAMED_SURE:
        text = means("findings.past-joint-board-climbs-high")
        yield _shape(
            "tongue",
            last,
            k,
            measured=up,
            sure=climbs,
            text=text,
            head=means("findings.tongue-rises"),
            unit=unit,
        )
    elif down.mm <= -TONGUE_MM and falls >= NAMED_SURE:
        text = means("findings.past-joint-board-falls-away")
        head = means("findings.fall-away-past-joint")
        yield _shape(
            "fall-away",
            last,
            j,
            measured=down,
            sure=falls,
            text=text,
            head=head,
            unit=unit,
            good=True,
        )


def _s_shape(measurer: Measurer, known: list[int], unit: Unit) -> Iterator[Finding]:
    for k in known:
        early, late = (measurer.of("wood", parts, "pitch") for parts in half_dips(measurer, k))
        opposite = early.mm * late.mm < 0 and min(abs(early.mm), abs(late.mm)) >= S_SHAPE_MM
        sure = min(
            max(side.over(S_SHAPE_MM / 2), 1.0 - side.over(-S_SHAPE_MM / 2))
            for side in (early, late)
        )
        if opposite and sure >= NAMED_SURE:
            text = means(
                "findings.dips-towards-body-no-rod-near-nut-up"
                if early.mm > 0
                else "findings.dips-towards-body-no-rod-up-near-nut"
            )
            measured = measurer.of("wood", s_shape_parts(measurer, k), "pitch")
            yield _shape(
                "s-shape",
                None,
                k,
                measured=measured,
                sure=sure,
                text=text,
                head=means("findings.neck-s-shaped"),
                unit=unit,
            )
            return


def _shape(
    kind: str,
    fret: int | None,
    lane: int,
    measured: Measured,
    sure: float,
    text: Saying,
    head: Saying,
    unit: Unit,
    *,
    good: bool = False,
) -> Finding:
    size = format_length(abs(measured.mm), unit)
    headline = means("findings.head-size-lane", head=head, size=size, lane=LANE_WORDS[LANES[lane]])
    return Finding(
        kind,
        fret,
        LANES[lane],
        mm=measured.mm,
        sure=sure,
        text=text,
        headline=headline,
        verdict="good" if good else "fault",
    )


def _sides(measurer: Measurer, unit: Unit) -> Iterator[Finding]:
    """One side straighter than the other."""
    neck_map = measurer.map
    if not (neck_map.known[0] and neck_map.known[2]):
        return
    middle = measurer.nearest(1, neck_map.neck.joint_fret, 0.5)
    low, high = (measurer.chord(1, neck_map.neck.joint_fret, middle, k) for k in (0, 2))
    apart = measurer.of("wood", [*low, *((f, k, -w) for f, k, w in high)], "pitch")
    sure = max(apart.over(UNEVEN_MM / 2), 1.0 - apart.over(-UNEVEN_MM / 2))
    if abs(apart.mm) >= UNEVEN_MM and sure >= NAMED_SURE:
        more: Lane = "bass" if apart.mm > 0 else "treble"
        less: Lane = "treble" if apart.mm > 0 else "bass"
        head = means(
            "findings.has-more-relief-than",
            more=LANE_WORDS[more],
            mm=format_length(abs(apart.mm), unit),
            less=LANE_WORDS[less],
        )
        text = means("findings.twist-or-board-worn-unevenly")
        yield Finding(
            "uneven-sides",
            None,
            "bass" if apart.mm > 0 else "treble",
            mm=apart.mm,
            sure=sure,
            text=text,
            headline=head,
        )


def _nut(measurer: Measurer, unit: Unit) -> Iterator[Finding]:
    neck = measurer.map.neck
    if neck.zero_fret:
        name = means("findings.zero-fret")
    else:
        name = means("findings.nut")
    for k in range(3) if neck.zero_fret else (0, 2):
        spoken = any(
            isinstance(taken.reading, StringGap)
            and taken.reading.low_support == 0
            and taken.reading.lane == LANES[k]
            and measurer.map.neck_state.stands(taken.number, 1)
            for taken in measurer.map.neck_state.taken
        )
        if not spoken:
            continue
        gap = measurer.of("tops", nut_parts(measurer, k), "pitch")
        side = LANE_WORDS[LANES[k]]
        if gap.mm >= NUT_HIGH_MM and gap.over(0.5 * NUT_HIGH_MM) >= NAMED_SURE:
            sure = gap.over(0.5 * NUT_HIGH_MM)
            text = means("findings.pressed-3-string-should-all")
            head = means(
                "findings.high-over-fret-1", name=name, side=side, mm=format_length(gap.mm, unit)
            )
            yield Finding(
                "nut-high", None, LANES[k], mm=gap.mm, sure=sure, text=text, headline=head
            )
        elif _touching(measurer, k):
            head = means("findings.string-all-but-lies-fret", side=side)
            if _open_string_buzzes(measurer, k):
                text = means("findings.buzzes-open-low-side-which", name=name)
                yield Finding(
                    "nut-low", None, LANES[k], mm=gap.mm, sure=0.9, text=text, headline=head
                )
                continue
            text = means("findings.right-if-open-string-rings")
            yield Finding(
                "nut-low",
                None,
                LANES[k],
                mm=gap.mm,
                sure=0.6,
                text=text,
                headline=head,
                verdict="good",
            )


def _open_string_buzzes(measurer: Measurer, lane: int) -> bool:
    """Whether an open string of this side was heard to buzz, or the owner says that open strings
    do.
    """
    neck_state = measurer.map.neck_state
    middle = 0.5 * (neck_state.neck.strings + 1)
    for (string, fret), says in neck_state.heard.items():
        low_side = string > middle
        if fret == 0 and says != "clean" and low_side == (lane == 0):
            return True
    complaint = complaint_of(neck_state)
    return complaint.of("open") and complaint.of("buzz", "rattle", "dead")


def _touching(measurer: Measurer, lane: int) -> bool:
    """Whether the last look at fret 1 on this side let no leaf in."""
    looks = [
        taken.reading
        for taken in measurer.map.neck_state.taken
        if isinstance(taken.reading, StringGap)
        and taken.reading.low_support == 0
        and taken.reading.lane == LANES[lane]
    ]
    last = looks[-1]
    most = [mm for mm in (last.gap_mm, last.drags_mm, last.wont_go_mm) if mm is not None]
    return last.slides_mm is None and bool(most) and min(most) <= NUT_TOUCHES_MM


def _pull(measurer: Measurer, unit: Unit) -> Iterator[Finding]:
    """Pitch less slack, once both were read."""
    neck_map = measurer.map
    if not both_read(neck_map) or neck_map.pull_doubt_mm > PULL_UNKNOWN_MM:
        return
    head = means("findings.strings-pull-relief-into", pull_mm=format_length(neck_map.pull_mm, unit))
    text = means(
        "findings.pitch-less-slack-give-or",
        pull_doubt_mm=format_length(neck_map.pull_doubt_mm, unit),
        detail=forecast_tuned(measurer, -2).words(unit),
    )
    yield Finding(
        "pull", None, None, mm=neck_map.pull_mm, sure=1.0, text=text, headline=head, verdict="good"
    )


def _crowns(measurer: Measurer, known: list[int], unit: Unit) -> Iterator[Finding]:
    """Crowns of very different heights, by caliper."""
    neck_map = measurer.map
    if not neck_map.crown_measured:
        return
    crown = neck_map.crown_mm[:, known]
    high, low = (
        np.unravel_index(crown.argmax(), crown.shape),
        np.unravel_index(crown.argmin(), crown.shape),
    )
    tall, short = (int(high[0]), known[int(high[1])]), (int(low[0]), known[int(low[1])])
    parts = [(tall[0] + 1, tall[1], 1.0), (short[0] + 1, short[1], -1.0)]
    apart = measurer.of("crown", parts)
    if apart.mm >= ROUGH_CROWNS_MM and apart.over(ROUGH_CROWNS_MM / 2) >= NAMED_SURE:
        head = means("findings.crowns-differ", mm=format_length(apart.mm, unit))
        text = means("findings.tallest-fret-lowest-fret-over", tall=tall[0] + 1, short=short[0] + 1)
        sure = apart.over(ROUGH_CROWNS_MM / 2)
        yield Finding(
            "uneven-crowns",
            short[0] + 1,
            LANES[short[1]],
            mm=apart.mm,
            sure=sure,
            text=text,
            headline=head,
        )
