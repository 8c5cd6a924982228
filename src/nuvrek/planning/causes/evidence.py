"""What readings say for and against single causes, in log odds.

Where the map has a doubt of its own the odds are its odds; all others are common practice without
a source: a sign that a technician calls telling counts 1.5 to 3, a hint 0.5.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator

from scipy.special import ndtr

from nuvrek import meaning
from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.mechanics.angle import at_height_fret_mm
from nuvrek.neck.description import Lane
from nuvrek.planning.causes.cause import Weighs
from nuvrek.planning.causes.weighed import Evidence
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.rod.other_way import other_way
from nuvrek.planning.rod.relief import wanted_relief
from nuvrek.readings.entries import Air, CrownHeight, EndsFine, FretEnd, StringGap
from nuvrek.readings.told.board_read import sizes_read
from nuvrek.readings.told.rod_answers import backwards
from nuvrek.readings.told.soundness import unsound
from nuvrek.readings.told.what_was_read import firm, relief_read

# So sure at most is relief called the cause where one side has too much and one too little.
ONE_SIDE = 0.75
# A lone rock is a low neighbour about once in four times (common practice, no source).
ONE_OF_TWO = -1.1
# No figure is surer than this, whatever the map says; what was looked for and not found is this
# unlikely.
MOST_LOG_ODDS, NOT_FOUND = 4.0, -3.0
# Crowns taller than this let a strong hand press notes sharp, lower ones ask for a hand that
# bends with care (common practice, no source).
TALL_CROWN_MM, LOW_CROWN_MM = 1.35, 0.9
# Bent strings choke on a board rounder than this, hardly on one flatter than the other (common
# practice, no source).
ROUND_MM, FLAT_MM = 200.0, 300.0
# Strings higher than this over fret 12, low and high, are high for any hand (common practice, no
# source: steel strings 0.090 to 0.095 in low, 0.070 to 0.085 in high).
HIGH_LOW_MM, HIGH_HIGH_MM = 2.4, 2.1
DRY_PERCENT, DAMP_PERCENT = 40.0, 60.0


def log_odds(chance: float) -> float:
    """Log odds of a chance, held within what anybody may claim."""
    held = min(max(chance, 1e-6), 1.0 - 1e-6)
    return max(-MOST_LOG_ODDS, min(MOST_LOG_ODDS, math.log(held / (1.0 - held))))


def both(*weighers: Weighs) -> Weighs:
    """Everything that several say."""
    return lambda grounds: (each for weigh in weighers for each in weigh(grounds))


def nothing(_grounds: Grounds) -> Iterator[Evidence]:
    """Of this no reading tells."""
    return iter(())


def found(*kinds: str, looked: Callable[[Grounds], bool]) -> Weighs:
    """A finding of these kinds; where it was looked for and not found, that speaks against."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        named = [f for f in grounds.case.findings if f.kind in kinds and f.verdict != "good"]
        for finding in named[:1]:
            sure = log_odds(max(finding.sure, 0.6))
            yield Evidence(
                lower_first(finding.headline), sure, figured=True, numbers=finding.speaks_for[:4]
            )
        for finding in named[1:3]:
            yield Evidence(lower_first(finding.headline), 0.3, numbers=finding.speaks_for[:4])
        if not named and looked(grounds):
            yield Evidence(means(f"causes.not-found-{kinds[0]}"), NOT_FOUND, figured=True)

    return weigh


def low_beside(grounds: Grounds) -> Iterator[Evidence]:
    """A fret that is low beside its neighbours. One rock that no leaf has measured is two stories:
    this fret stands proud, or the one beside it is low.
    """
    lone = len(grounds.marked) == 1 and not grounds.low and not grounds.proud
    if not lone:
        yield from found("low", looked=tops_looked)(grounds)
        return
    says = means("causes.rock-does-not-tell-which", fret=grounds.marked[0])
    yield Evidence(says, ONE_OF_TWO, figured=True)


def tops_looked(grounds: Grounds) -> bool:
    """Whether the tops were read."""
    return grounds.tops_known


def pressed_looked(grounds: Grounds) -> bool:
    """Whether nearly every fret was pressed."""
    return len(grounds.unpressed) <= 2


def nut_looked(grounds: Grounds) -> bool:
    """Whether the nut was looked at: press at 3, look at 1."""
    return any(
        isinstance(taken.reading, StringGap) and taken.reading.low_support == 0
        for taken in grounds.case.neck_map.neck_state.taken
    )


# A string that lies on fret 1, held at 3, is right as often as it is a slot too deep where
# something buzzes (common practice, no source).
ON_FIRST = 0.3


def nut_low(grounds: Grounds) -> Iterator[Evidence]:
    """A slot that is too deep. A string that lies on fret 1 while it is held at 3 tells of nothing
    until its open note was heard.
    """
    found_low = found("nut-low", looked=nut_looked)
    lies = [f for f in grounds.case.findings if f.kind == "nut-low" and f.verdict == "good"]
    heard = grounds.case.neck_map.neck_state.heard
    if not lies or any(fret == 0 for _, fret in heard) or grounds.case.has("nut-low"):
        yield from found_low(grounds)
        return
    says = lower_first(lies[0].headline)
    yield Evidence(says, ON_FIRST, figured=True, numbers=lies[0].speaks_for[:4])


def wear_looked(grounds: Grounds) -> bool:
    """Whether somebody looked for wear: a groove, a flat or crowns measured."""
    return bool(grounds.grooves or grounds.worn) or grounds.case.neck_map.crown_measured


def wood_looked(grounds: Grounds) -> bool:
    """Whether an edge has told of the wood, or the tops of all lanes were read."""
    return grounds.tops_known and relief_read(grounds.case.neck_map.neck_state)


def ends_looked(grounds: Grounds) -> bool:
    """Whether the fret ends were swept."""
    return any(
        isinstance(taken.reading, FretEnd | EndsFine)
        for taken in grounds.case.neck_map.neck_state.taken
    )


def never(_grounds: Grounds) -> bool:
    """Not finding it tells nothing."""
    return False


def relief(sign: int) -> Weighs:
    """Too much relief (sign 1) or too little (-1), on the side that is worse."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        if grounds.neck.bare or grounds.relief_blind:
            return
        sides: tuple[Lane, Lane] = ("bass", "treble")
        told = [(lane, wanted_relief(grounds.case.neck_map, (lane,))) for lane in sides]
        known = [(lane, wanted) for lane, wanted in told if wanted is not None]
        if not known:
            return
        lane, worst = max(known, key=lambda pair: sign * pair[1].excess_mm)
        sd = max(worst.relief.doubt_mm / NINE_IN_TEN, 0.01)
        chance = float(ndtr((sign * worst.excess_mm - worst.margin_mm) / sd))
        if grounds.uneven_sides_mm is not None and grounds.neck.rod != "twin":
            # Sides that differ are one matter: what one of them lacks the other has too much of.
            chance = min(chance, ONE_SIDE)
        says = means(
            "causes.relief-is-wanted",
            lane=lane_words(lane),
            mm=grounds.case.length(worst.relief.mm),
            wanted=grounds.case.length(worst.target_mm),
        )
        yield Evidence(says, log_odds(chance), figured=True, numbers=_relief_numbers(grounds, lane))

    return weigh


def _relief_numbers(grounds: Grounds, lane: Lane) -> tuple[int, ...]:
    return tuple(
        taken.number
        for taken in grounds.case.neck_map.neck_state.taken
        if isinstance(taken.reading, StringGap)
        and taken.reading.lane == lane
        and taken.reading.low_support
        and taken.reading.state.strings == "pitch"
    )[-2:]


def lane_words(lane: Lane) -> Saying:
    """A side in words."""
    return means("necks.bass-side") if lane == "bass" else means("necks.treble-side")


def sides_apart(grounds: Grounds) -> Iterator[Evidence]:
    """Relief of the two sides, against what is wanted of each."""
    apart = grounds.sides_apart
    if apart is None:
        return
    mm, sd = apart
    # One rod brings both sides inside their margins while they differ by less than both.
    limit = grounds.neck.relief_margin_mm * (1.0 if grounds.neck.rod == "twin" else 2.0)
    chance = float(ndtr((abs(mm) - limit) / max(sd, 0.01)))
    says = means("causes.sides-differ", mm=grounds.case.length(abs(mm)))
    yield Evidence(says, log_odds(chance), figured=True)


def heights(sign: int) -> Weighs:
    """Strings too high (1) or too low (-1): against what is wanted, else what is usual; too low
    also where even frets let notes buzz.
    """

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        sides = grounds.case.heights.sides
        if any(side.now_mm is None for side in sides):
            return
        usual = (
            at_height_fret_mm(grounds.neck, HIGH_LOW_MM),
            at_height_fret_mm(grounds.neck, HIGH_HIGH_MM),
        )
        over = [
            (side.now_mm or 0.0) - (side.wanted_mm if side.wanted_mm is not None else limit)
            for side, limit in zip(sides, usual, strict=True)
        ]
        says = means(
            "causes.heights-are",
            low=grounds.case.height(sides[0].now_mm or 0.0),
            high=grounds.case.height(sides[1].now_mm or 0.0),
            fret=grounds.neck.height_fret,
        )
        if sign > 0:
            # Too much relief lifts the strings by itself: only what is more asks for the saddle.
            lifted = 0.0
            if grounds.relief is not None:
                lifted = max(grounds.relief.excess_mm, 0.0)
            chance = float(ndtr((max(over) - lifted - AS_WANTED_MM) / 0.1))
            yield Evidence(says, log_odds(chance), figured=True)
            return
        wished = any(
            side.wanted_mm is not None and (side.now_mm or 0.0) < side.wanted_mm - AS_WANTED_MM
            for side in sides
        )
        if grounds.rooms is None or not grounds.even:
            if wished:
                yield Evidence(says, 2.0, figured=True)
            return
        if grounds.buzzing:
            says = means("causes.notes-short-of-room", number=grounds.buzzing)
            yield Evidence(says, min(1.0 + 0.25 * grounds.buzzing, 3.0), figured=True)
        elif wished:
            yield Evidence(says, 2.0, figured=True)
        elif grounds.roomy:
            yield Evidence(means("causes.every-note-has-room"), -2.0, figured=True)

    return weigh


def room(grounds: Grounds) -> Iterator[Evidence]:
    """A shape of the wood makes no noise where every note has its room."""
    if grounds.roomy and not grounds.heard_faults:
        yield Evidence(means("causes.every-note-has-room"), -3.0)


def lacking(grounds: Grounds) -> Iterator[Evidence]:
    """Whether the saddle has nothing more to give."""
    lack = grounds.case.heights.lacking_mm
    if lack > 0.0:
        says = means("causes.saddle-gives-no-more", mm=grounds.case.length(lack))
        yield Evidence(says, 3.0, figured=True)
    elif any(side.saddle_left_mm is not None for side in grounds.case.heights.sides):
        yield Evidence(means("causes.saddle-has-left"), NOT_FOUND, figured=True)


def odd_inner_string(grounds: Grounds) -> Iterator[Evidence]:
    """An inner string off the line of the outer two."""
    odd = [f for f in grounds.case.findings if f.kind == "odd" and f.fret is None]
    for finding in odd[:1]:
        yield Evidence(lower_first(finding.headline), 1.0, numbers=finding.speaks_for[:2])


def crowns(sign: int) -> Weighs:
    """Crowns taller (1) or lower (-1) than most hands are used to."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        case = grounds.case
        if not any(isinstance(t.reading, CrownHeight) for t in case.neck_map.neck_state.taken):
            return
        mean = float(case.neck_tops.crown_mm.mean())
        says = means("causes.crowns-are", mm=case.length(mean))
        if sign > 0:
            yield Evidence(says, 1.5 if mean >= TALL_CROWN_MM else -2.0)
        else:
            yield Evidence(says, 1.5 if mean < LOW_CROWN_MM else NOT_FOUND)

    return weigh


def board_round(grounds: Grounds) -> Iterator[Evidence]:
    """The board's radius at its high end."""
    read = sizes_read(grounds.case.neck_map.neck_state, "radius")
    radius = read[max(read)] if read else grounds.neck.end_radius_mm or grounds.neck.radius_mm
    if radius is None:
        return
    says = means("causes.radius-is", mm=grounds.case.length(radius))
    if radius <= ROUND_MM:
        yield Evidence(says, 1.5)
    elif radius >= FLAT_MM:
        yield Evidence(says, -2.5)


def bends_said(grounds: Grounds) -> Iterator[Evidence]:
    """Nobody blames a round board where nothing is said of bends."""
    if grounds.complaint_shape.what and not grounds.complaint_shape.of("bends"):
        yield Evidence(means("causes.nothing-said-of-bends"), -2.5)


def hand(grounds: Grounds) -> Iterator[Evidence]:
    """The player's touch as described."""
    if grounds.neck.touch == "firm":
        yield Evidence(means("causes.touch-is-firm"), 1.0)
    elif grounds.neck.touch == "light":
        yield Evidence(means("causes.touch-is-light"), -2.0)


def air(sign: int) -> Weighs:
    """The air of the room, dry (-1) or damp (1), and what the seasons did."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        read = [
            (taken.number, taken.reading.humidity_percent)
            for taken in grounds.case.neck_map.neck_state.taken
            if isinstance(taken.reading, Air) and taken.reading.humidity_percent is not None
        ]
        if read:
            number, percent = read[-1]
            beyond = percent < DRY_PERCENT if sign < 0 else percent > DAMP_PERCENT
            says = means("causes.air-is", percent=round(percent))
            yield Evidence(says, 1.5 if beyond else -2.0, numbers=(number,))
        if grounds.case.has("seasons"):
            yield Evidence(means("causes.neck-moves-with-seasons"), 1.0)

    return weigh


def sprouting(grounds: Grounds) -> Iterator[Evidence]:
    """Fret ends that stick out of a board that shrank."""
    if any("sprouting" in fault for fault in grounds.case.ends):
        yield Evidence(means("causes.ends-sprout"), 1.5)


def rod_answered_other_way(grounds: Grounds) -> Iterator[Evidence]:
    """A rod that moved the relief the other way."""
    neck_state = grounds.case.neck_map.neck_state
    answer = other_way(grounds.case.neck_map)
    if answer is not None:
        says = means(
            "causes.relief-went",
            before=grounds.case.length(answer.before_mm),
            after=grounds.case.length(answer.after_mm),
        )
        yield Evidence(says, 3.0, figured=True, numbers=(answer.last_move,))
    elif backwards(neck_state):
        yield Evidence(means("causes.answered-twice-other-way"), 2.0, figured=True)


def stopped(*kinds: str) -> Weighs:
    """A stop of the rod of these kinds."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        for stop in grounds.case.stops:
            if stop.kind in kinds:
                yield Evidence(stop.words, 3.0, figured=True)

    return weigh


def slack_rod(grounds: Grounds) -> Iterator[Evidence]:
    """A rod that holds nothing rattles."""
    if grounds.rod_slack:
        yield Evidence(means("causes.rod-is-slack"), 1.5)


def not_sound(*faults: str) -> Weighs:
    """What was seen when it was looked over."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        for fault in unsound(grounds.case.neck_map.neck_state):
            if fault in faults:
                yield Evidence(means(f"causes.seen-{fault}"), 2.0 * MOST_LOG_ODDS, figured=True)

    return weigh


def named(part: str) -> Weighs:
    """A part the owner speaks of by its name."""

    def weigh(grounds: Grounds) -> Iterator[Evidence]:
        if part in grounds.parts_named:
            yield Evidence(means("causes.owner-speaks-of-it"), 3.0)

    return weigh


def heard(grounds: Grounds) -> Iterator[Evidence]:
    """One or two notes heard to ring badly over frets that are firm and still."""
    places = [place for place in grounds.heard_faults if place[1] > 0]
    if len(places) == 1 and grounds.even:
        fret = places[0][1]
        yield Evidence(means("causes.one-note-heard", fret=fret), 1.0)
        if fret in firm(grounds.case.neck_map.neck_state):
            yield Evidence(means("causes.fret-is-firm", frets=meaning.frets((fret,))), 1.0)


def heard_fretted(grounds: Grounds) -> Iterator[Evidence]:
    """Fretted notes heard to buzz are no loose screw."""
    fretted = [place for place in grounds.heard_faults if place[1] > 0]
    if fretted:
        yield Evidence(means("causes.fretted-notes-heard", number=len(fretted)), -1.0)


def worn_narrow(grounds: Grounds) -> Iterator[Evidence]:
    """Grooves under a few strings only."""
    strings = grounds.worn_strings
    if strings and len(strings) <= max(grounds.neck.strings // 2 - 1, 1):
        yield Evidence(
            means("causes.grooves-under-strings", number=len(strings)), 1.0, figured=True
        )
    elif strings:
        yield Evidence(means("causes.grooves-under-many"), -1.0, figured=True)
