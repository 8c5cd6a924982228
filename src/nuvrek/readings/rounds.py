"""Guided rounds: for each purpose the stations in the order the hand moves, for this neck and
these tools.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Literal

from msgspec import Struct, structs

from nuvrek.meaning import Saying, means
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import places_mm
from nuvrek.readings.entries import State, Strings
from nuvrek.readings.refret import rounds as refret
from nuvrek.readings.sizes import SIZES, SizeKind
from nuvrek.readings.stations import Station
from nuvrek.readings.told.drifts import AGAIN
from nuvrek.readings.tool_kit import Kit, notched_fit

_OUTER: tuple[Lane, Lane] = (LANES[0], LANES[2])


class Round(Struct, frozen=True):
    """A named list of stations."""

    name: str
    title: Saying
    stations: tuple[Station, ...]


def basic_round(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """String heights and relief at pitch, then slack: relief, past the joint, every fret pressed,
    the rocker in three lanes, four crowns.
    """
    return (
        *_heights(neck),
        *_gaps(neck, kit, "pitch"),
        *crests(neck, kit, "pitch"),
        _SLACKEN,
        *_lies("slack", _OUTER),
        *_gaps(neck, kit, "slack"),
        *crests(neck, kit, "slack"),
        *_tongue(neck, ("middle",)),
        _PRESS,
        *_sweeps(),
        *_crowns(crown_frets(neck)),
        *_again(neck, kit, "slack"),
    )


def quick_look(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """What can be read without slackening: string heights, relief, the rocker."""
    gaps = _gaps(neck, kit, "pitch")
    return (_TO_PITCH, *_heights(neck), *gaps, *_sweeps(), *_again(neck, kit, "pitch"))


def look_over(neck: NeckDescription, _kit: Kit) -> tuple[Station, ...]:
    """Fingers and eyes before any tool: which frets move, the fret ends on both edges, the rod,
    the room.
    """
    ends = tuple(
        Station(f"to-end-{lane}-{fret}", "size", lane, fret, what="string-to-end")
        for lane in _OUTER
        for fret in (1, neck.frets)
    )
    rod = list[Station]()
    if neck.rod != "none":
        rod.append(Station("rod-feel", "rod-feel"))
    return (
        Station("temperature", "temperature"),
        Station("humidity", "humidity"),
        _PRESS,
        *(Station(f"ends-{lane}", "ends", lane) for lane in _OUTER),
        *ends,
        *rod,
    )


def full_survey(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """At pitch the dip at three places on both sides, slack at seven on all lanes and past the
    joint; nut, rocker, crowns.

    Each support fret's own height spoils a gap, so at pitch the middle is read again from the next
    supports inwards. With a notched edge that fits, the wood is read by itself; an indicator takes
    the place of string and edge.
    """
    low, high = kit.relief_supports(neck)
    places = survey_frets(neck, low, high)
    again = relief_fret(neck, kit)
    inner = {again: (low + 1, high - 1)}
    supports = dict.fromkeys(places, (low, high))
    along = dict.fromkeys(survey_frets(neck, low, high, _SEVEN), (low, high))
    pitch = (
        *_dips(neck, "pitch", supports, _OUTER),
        *_dips(neck, "pitch", inner, _OUTER, "-inner"),
        *crests(neck, kit, "pitch"),
    )
    slack = (
        *_lies("slack", LANES),
        *_dips(neck, "slack", along, LANES),
        *crests(neck, kit, "slack", LANES),
        *_tongue(neck, LANES),
    )
    if kit.indicator:
        pitch = (*_gaps(neck, kit, "pitch"), *_dials(_OUTER, "-pitch"))
        slack = _dials()
    return (
        _TO_PITCH,
        *_heights(neck),
        *_nut(neck),
        *pitch,
        _SLACKEN,
        *slack,
        *_wood(neck, kit),
        _PRESS,
        *_sweeps(),
        *_crowns(tuple(sorted({*crown_frets(neck), *range(3, neck.frets, 4)}))),
        *_carrying_crowns(neck, kit),
        *_again(neck, kit, "slack"),
    )


def rocker_pass(_neck: NeckDescription, _kit: Kit) -> tuple[Station, ...]:
    """The rocker in three lanes and nothing else."""
    return _sweeps()


def indicator_run(neck: NeckDescription, _kit: Kit) -> tuple[Station, ...]:
    """An indicator carried over every top along a beam, lane by lane, strings slack."""
    return (_SLACKEN, *_dials(), _PRESS, *_crowns(crown_frets(neck)[:1]), _PASS_AGAIN)


def rod_work(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """Between rod moves: does the leaf of the wanted relief go or not, on both sides."""
    return (
        _TO_PITCH,
        Station("rod-feel", "rod-feel"),
        *(
            structs.replace(gap, key=f"goes-{gap.lane}", wanted_mm=neck.relief_wanted_mm(gap.lane))
            for gap in _gaps(neck, kit, "pitch")
        ),
    )


def after_seating(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """A fret glued anew sits at a new height: does it hold, the rocker, and the dip with the
    strings slack.
    """
    return (_SLACKEN, _PRESS, *_sweeps(), *_gaps(neck, kit, "slack"))


def after_levelling(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """Strings still off, before any crown is rounded: the rocker in three lanes, the dip, flats
    and the metal left.
    """
    flats = tuple(
        Station(f"flat-{fret}", "size", "middle", fret, what="flat-width")
        for fret in crown_frets(neck)
    )
    return (_SLACKEN, *_sweeps(), *_gaps(neck, kit, "slack"), *flats, *_crowns(crown_frets(neck)))


def before_stripping(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """All that nobody can read any more once the frets are out: relief of wood and tops on both
    sides, at pitch and slack, lying and as it bends, then the sizes of the board.
    """
    supports = kit.relief_supports(neck)
    return (
        _TO_PITCH,
        *_heights(neck),
        *_gaps(neck, kit, "pitch"),
        *crests(neck, kit, "pitch"),
        _SLACKEN,
        *_lies("slack", LANES),
        *_dips(neck, "slack", dict.fromkeys(survey_frets(neck, *supports), supports), LANES),
        *crests(neck, kit, "slack", LANES),
        *_tongue(neck, LANES),
        *_wood(neck, kit),
        *_crowns(crown_frets(neck)),
        *_again(neck, kit, "slack"),
        *refret.board_sizes(neck),
    )


def after_fitting(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """New wire in: every fret pressed, the rocker in three lanes, how far the tangs bent the neck,
    crowns.
    """
    return (
        _SLACKEN,
        _PRESS,
        *_lies("slack", _OUTER),
        *_gaps(neck, kit, "slack"),
        *crests(neck, kit, "slack"),
        *_sweeps(),
        *_crowns(crown_frets(neck)),
    )


def later_look(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """One to two weeks on: has the wood crept?"""
    room = (Station("temperature", "temperature"), Station("humidity", "humidity"))
    return (_TO_PITCH, *_gaps(neck, kit, "pitch"), *_heights(neck), *room)


def closing_round(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """After the work, strung up: relief, the nut, and every string's height. What rocker and
    caliper have to say belongs before the crowning; the notes are heard in the string room.
    """
    fret = neck.height_fret
    inner = tuple(
        Station(f"height-string-{string}", "string-height", "bass", fret, string=string)
        for string in range(neck.strings - 1, 1, -1)
    )
    return (
        Station("string-up", "state", state=State(strings="pitch")),
        *(_renamed(s) for s in _gaps(neck, kit, "pitch")),
        *(_renamed(s) for s in _nut(neck)),
        *(_renamed(s) for s in (_heights(neck)[0], *inner, _heights(neck)[1])),
    )


def one_reading(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """Every kind of reading once, to be picked in any order and taken anywhere."""
    fret = neck.height_fret
    over, supports = relief_fret(neck, kit), kit.relief_supports(neck)
    sizes = tuple(
        Station(
            f"one-{what}", "size", _lane_of(size), 0 if size.place == "side" else fret, what=what
        )
        for what, size in SIZES.items()
        # The wire of a run has a round of its own.
        if size.place != "wire"
    )
    return (
        Station("one-string", "string-gap", "bass", over, supports),
        Station("one-edge", "string-gap", "bass", fret=over, supports=None, by="edge"),
        Station("one-notched", "string-gap", "bass", fret=over, supports=None, by="notched"),
        Station("one-rock", "sweep", "bass"),
        Station("one-crown", "crown-height", "middle", 1),
        Station("one-height", "string-height", "bass", fret),
        Station("one-dial", "dial", "middle", 1),
        Station("one-press", "press"),
        Station("one-ends", "ends", "bass"),
        *sizes,
        Station("one-rod", "rod-feel"),
        Station("one-temperature", "temperature"),
        Station("one-humidity", "humidity"),
        Station("one-ink", "ink", "middle"),
        Station("one-lie", "edge-lie", "bass", by="edge"),
        Station("one-rests", "edge-rests", "bass", over, supports, by="edge"),
    )


def _lane_of(size: SizeKind) -> Lane:
    if size.place.startswith("side"):
        return "bass"
    return "middle"


def _again(neck: NeckDescription, kit: Kit, strings: Strings) -> tuple[Station, ...]:
    """What the round began with read once more at its end: did the neck move meanwhile? A blade
    over the relief, or a second pass with the indicator.
    """
    if kit.indicator:
        return (_PASS_AGAIN,)
    gap = _gaps(neck, kit, strings)[0]
    state = State(strings=strings)
    once = structs.replace(gap, key=f"{AGAIN}{gap.key}", state=state, when="light")
    return (once, structs.replace(once, key=f"{once.key}-twice", when="moved"))


_SEVEN = (0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875)
_SLACKEN = Station("slacken", "state", state=State(strings="slack"))
_PRESS = Station("press", "press")
# A second pass with the indicator tells what moved since the first.
_PASS_AGAIN = Station(f"{AGAIN}dial", "dial", LANES[0], 1)
_TO_PITCH = Station("to-pitch", "state", state=State(strings="pitch"))
ONE = "one"

ROUNDS: dict[str, tuple[Saying, Callable[[NeckDescription, Kit], tuple[Station, ...]]]] = {
    "quick": (means("stations.quick-look"), quick_look),
    "look-over": (means("stations.looking-over"), look_over),
    "basic": (means("stations.basic-round"), basic_round),
    "full": (means("stations.full-survey"), full_survey),
    "indicator": (means("stations.indicator-run"), indicator_run),
    "rocker": (means("stations.rocker-pass"), rocker_pass),
    "rod": (means("stations.goes-or-not"), rod_work),
    "after-seating": (means("stations.after-seating"), after_seating),
    "after-levelling": (means("stations.after-levelling"), after_levelling),
    "before-stripping": (means("stations.before-stripping"), before_stripping),
    "bare-board": (
        means("stations.bare-board-with-again"),
        lambda neck, _kit: refret.bare_board(neck),
    ),
    "slots": (means("stations.slots-with-again"), lambda neck, _kit: refret.slots(neck)),
    "wire": (means("stations.wire-run"), lambda neck, _kit: refret.wire(neck)),
    "after-fitting": (means("stations.after-fitting"), after_fitting),
    "later": (means("stations.one-two-week-look"), later_look),
    "closing": (means("stations.closing-round"), closing_round),
    ONE: (means("stations.any-one-reading"), one_reading),
}


def _renamed(station: Station) -> Station:
    return structs.replace(station, key=f"closing-{station.key}")


def _heights(neck: NeckDescription) -> tuple[Station, ...]:
    fret = neck.height_fret
    return (
        Station("height-bass", "string-height", "bass", fret),
        Station("height-treble", "string-height", "treble", fret),
    )


def _nut(neck: NeckDescription) -> tuple[Station, ...]:
    """Press at 3, look at 1: how high the nut holds the string. A zero fret is a piece of wire that
    can spring in the middle as well.
    """
    lanes = LANES if neck.zero_fret else _OUTER
    return tuple(Station(f"nut-{lane}", "string-gap", lane, 1, (0, 3)) for lane in lanes)


def _gaps(neck: NeckDescription, kit: Kit, strings: Strings) -> tuple[Station, ...]:
    by: Literal["string", "edge"] = "string" if strings == "pitch" else "edge"
    fret, supports = relief_fret(neck, kit), kit.relief_supports(neck)
    return tuple(
        Station(f"gap-{strings}-{lane}", "string-gap", lane, fret=fret, supports=supports, by=by)
        for lane in _OUTER
    )


def _dips(
    neck: NeckDescription,
    strings: Strings,
    places: dict[int, tuple[int, int]],
    lanes: Sequence[Lane],
    tail: str = "",
) -> tuple[Station, ...]:
    """Gap stations over several frets, lane by lane, so that the hand moves along the neck once
    for each.
    """
    by: Literal["string", "edge"] = "string" if strings == "pitch" else "edge"
    return tuple(
        Station(
            f"gap-{strings}-{lane}-{fret}{tail}",
            "string-gap",
            lane,
            fret=fret,
            supports=supports,
            by=by,
            state=State(strings=strings),
            when="light",
        )
        for lane in lanes
        for fret, supports in places.items()
        if supports[0] < fret < supports[1] <= neck.frets
    )


def _lies(strings: Strings, lanes: Sequence[Lane]) -> tuple[Station, ...]:
    """The long edge by itself: does it rock?"""
    return tuple(
        Station(f"lies-{strings}-{lane}", "edge-lie", lane, by="edge", state=State(strings=strings))
        for lane in lanes
    )


def crests(
    neck: NeckDescription, kit: Kit, strings: Strings, lanes: Sequence[Lane] = _OUTER
) -> tuple[Station, ...]:
    """Where no light shows between the supports: does a long edge rock, and if so, pressed to one
    end, how much light is at the other? Straight or bowed back, only this tells.
    """
    low, high = kit.relief_supports(neck)
    middle = relief_fret(neck, kit)
    first = max(low, 1)
    if not first < middle < high:
        return ()
    places = [(first, (middle, high)), (high, (first, middle))]
    # A tongue that falls away shows under no edge that lies on it.
    if neck.frets - neck.joint_fret >= 2 and high < neck.frets:
        places.append((neck.frets, (first, middle)))
    state, stations = State(strings=strings), list[Station]()
    for lane in lanes:
        key = f"crest-{strings}-{lane}"
        if strings == "pitch":
            # Slack the long edge is laid anyway.
            stations.append(Station(key, "edge-lie", lane, by="edge", state=state, when="blind"))
        stations += [
            Station(
                f"{key}-{fret}",
                "string-gap",
                lane,
                fret=fret,
                supports=on,
                by="edge",
                state=state,
                when="crest",
            )
            for fret, on in places
        ]
    return tuple(stations)


def _sweeps() -> tuple[Station, ...]:
    return tuple(Station(f"sweep-{lane}", "sweep", lane) for lane in LANES)


def _dials(lanes: Sequence[Lane] = LANES, tail: str = "") -> tuple[Station, ...]:
    return tuple(Station(f"dial{tail}-{lane}", "dial", lane, 1) for lane in lanes)


def _crowns(frets: tuple[int, ...]) -> tuple[Station, ...]:
    return tuple(Station(f"crown-{fret}", "crown-height", "middle", fret) for fret in frets)


def _tongue(neck: NeckDescription, lanes: Sequence[Lane]) -> tuple[Station, ...]:
    """Does the tongue climb or fall? A long edge from fret 1 to the last, read at the joint and
    half-way past it.

    And one on the neck alone, run on to the last fret: where the tongue falls only this one shows
    light.
    """
    joint, last = neck.joint_fret, neck.frets
    if last - joint < 2:
        return ()
    middle = _nearest(neck, 1, joint, 0.5)
    places = {joint: (1, last), (joint + last) // 2: (1, last), last: (middle, joint)}
    return tuple(
        Station(
            f"tongue-{lane}-{fret}", "string-gap", lane, fret=fret, supports=supports, by="edge"
        )
        for lane in lanes
        for fret, supports in places.items()
    )


def _carrying_crowns(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """The crowns from which relief is counted, on both sides: worn ones would pass for wood."""
    low, high = kit.relief_supports(neck)
    return tuple(
        Station(f"crown-{lane}-{fret}", "crown-height", lane, fret)
        for lane in _OUTER
        for fret in (max(low, 1), high)
    )


def _wood(neck: NeckDescription, kit: Kit) -> tuple[Station, ...]:
    """The notched edge as it rests on the wood, where one of the user's own fits this scale."""
    if notched_fit(neck, kit.notched_mm) is None:
        return ()
    places = {middle_fret(neck), _nearest(neck, 1, neck.joint_fret, 0.85)}
    places |= {(neck.joint_fret + neck.frets) // 2} if neck.frets - neck.joint_fret >= 2 else set()
    return tuple(
        Station(f"wood-{lane}-{fret}", "string-gap", lane, fret=fret, supports=None, by="notched")
        for lane in LANES
        for fret in sorted(places)
    )


def relief_fret(neck: NeckDescription, kit: Kit) -> int:
    """The fret over which this user reads relief: their own, or the one half-way between the
    supports.
    """
    low, high = kit.relief_supports(neck)
    if low < kit.relief_over < high:
        return kit.relief_over
    return _nearest(neck, low, high, 0.5)


def _nearest(neck: NeckDescription, low: int, high: int, share: float) -> int:
    x = places_mm(neck)
    place = x[low] + share * (x[high] - x[low])
    return min(range(max(low + 1, 2), high), key=lambda fret: abs(x[fret] - place), default=low + 1)


def survey_frets(
    neck: NeckDescription, low: int, high: int, shares: Sequence[float] = (0.25, 0.5, 0.75)
) -> tuple[int, ...]:
    """Frets nearest to the given shares of the way between two supports, a quarter, a half and
    three quarters.
    """
    return tuple(sorted({_nearest(neck, low, high, share) for share in shares}))


def crown_frets(neck: NeckDescription) -> tuple[int, ...]:
    """Four frets that tell how much wire is left: the most played, two further up and the last."""
    return tuple(sorted({1, min(5, neck.joint_fret - 1), neck.joint_fret, neck.frets}))


def round_of(name: str, neck: NeckDescription, kit: Kit | None = None) -> Round:
    """The round called ``name`` for this neck and kit; an unknown name gives the basic one."""
    known = name if name in ROUNDS else "basic"
    title, build = ROUNDS[known]
    stations = build(neck, kit or Kit())
    # It is strung before the closing round, which begins with tuning it.
    if neck.bare and known != "closing":
        stations = tuple(station for station in stations if not _needs_strings(station))
    return Round(known, title, stations)


def _needs_strings(station: Station) -> bool:
    """Whether only a strung neck can answer."""
    match station.kind:
        case "state" | "string-height":
            return True
        case "string-gap" if station.by == "string":
            return True
        case "size":
            return station.what == "string-to-end"
        case _:
            at_pitch = bool(station.when) and station.state.strings == "pitch"
            return at_pitch or station.key.startswith("dial-pitch")
