"""The ways forward, one record each: everything the program needs to know of a way is declared
here.

The records are light: a builder is named by its place and imported when ways are weighed, so that
the shelf can say what is in hand before the heavy libraries are there.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Literal

from msgspec import Struct, structs

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cures, new_wire, steps
from nuvrek.planning.steps.filing import lay_as_it_lies, lay_by_rod, lay_held, lay_straight
from nuvrek.planning.steps.on_this_neck import cautioned
from nuvrek.planning.steps.step import Doing, Step

Family = Literal[
    "levels",  # brings all tops to a line
    "even",  # and leaves every top on that line
    "turns the rod",  # the rod is brought to the relief wanted along the way
    "seats",  # presses frets home
    "planned",  # can be played with on the page Filing
    "spot",  # single frets, until the rocker is still
    "to a height",  # for clean notes at a promised string height
    "new wire",  # old frets out, new ones in
    "not heard",  # the strings ring after it as they did before
]


class WayRecord(Struct, frozen=True):
    """A way forward as declared. ``builder`` is ``module:function``: a Weighing in, a Draft out,
    or None.
    """

    kind: str
    title: Saying
    builder: str
    steps: Callable[[NeckDescription, Doing], tuple[Step, ...]]
    families: frozenset[Family] = frozenset()


def _cure(kind: str, title: Saying, name: str, *families: Family) -> WayRecord:
    builder = f"nuvrek.planning.ways.cheap_cures:{name}"
    return WayRecord(kind, title, builder, cures.cure_steps(kind), frozenset(families))


def _level(
    kind: str,
    title: Saying,
    name: str,
    made: Callable[[NeckDescription, Doing], tuple[Step, ...]],
    *also: Family,
) -> WayRecord:
    families: tuple[Family, ...] = ("levels", "turns the rod", "planned", *also)
    builder = f"nuvrek.planning.ways.level_schools:{name}"
    return WayRecord(kind, title, builder, made, frozenset(families))


def _new_wire(kind: str, title: Saying, name: str) -> WayRecord:
    builder = f"nuvrek.planning.ways.new_wire:{name}"
    families: tuple[Family, ...] = ("levels", "turns the rod", "even", "new wire")
    return WayRecord(kind, title, builder, new_wire.steps, frozenset(families))


# In the order in which they are shown: what costs least stands first.
_RECORDS = (
    WayRecord(
        "leave",
        means("ways.leave"),
        "nuvrek.planning.ways.without_metal:leave",
        steps.leave,
        frozenset({"not heard"}),
    ),
    WayRecord(
        "read",
        means("ways.read-first"),
        "nuvrek.planning.ways.read_first:read_first",
        steps.read_first,
        frozenset({"not heard"}),
    ),
    _cure("strings", means("ways.strings"), "strings"),
    _cure("nut", means("ways.nut"), "nut"),
    _cure("zero-fret", means("ways.zero-fret"), "zero_fret"),
    _cure("saddle", means("ways.saddle"), "saddle"),
    _cure("shim", means("ways.tilt-neck"), "shim"),
    _cure("rod-nut", means("ways.see-rod-nut"), "rod_nut"),
    _cure("rod-back", means("ways.turn-rod-back"), "rod_back"),
    _cure("intonation", means("ways.intonation"), "intonation", "not heard"),
    _cure("pickups", means("ways.pickups"), "pickups", "not heard"),
    _cure("bridge", means("ways.bridge"), "bridge"),
    _cure("hardware", means("ways.quiet-hardware"), "hardware", "not heard"),
    WayRecord(
        "rod",
        means("ways.rod-only"),
        "nuvrek.planning.ways.without_metal:rod",
        steps.rod,
        frozenset({"turns the rod"}),
    ),
    WayRecord(
        "seat",
        means("ways.seat-first"),
        "nuvrek.planning.ways.without_metal:seat",
        steps.seat,
        frozenset({"seats"}),
    ),
    WayRecord(
        "ends",
        means("ways.dress-ends"),
        "nuvrek.planning.ways.without_metal:ends",
        steps.ends,
        frozenset({"not heard"}),
    ),
    WayRecord(
        "spot-level",
        means("ways.spot-level"),
        "nuvrek.planning.ways.spot_level:spot_level",
        steps.spot,
        frozenset({"turns the rod", "planned", "spot"}),
    ),
    WayRecord(
        "play-clean",
        means("ways.just-clean"),
        "nuvrek.planning.ways.just_clean:just_clean",
        steps.spot,
        frozenset({"planned", "to a height"}),
    ),
    WayRecord(
        "crown-few",
        means("ways.crown-worn"),
        "nuvrek.planning.ways.crown_worn:crown_few",
        steps.crown_few,
        frozenset({"turns the rod", "planned"}),
    ),
    _level("level", means("ways.level-all"), "level_all_tops", steps.level(lay_by_rod), "even"),
    _level(
        "level-straight",
        means("ways.level-rod-straight"),
        "level_straight",
        steps.level(lay_straight),
        "even",
    ),
    _level(
        "level-held", means("ways.level-held-strung"), "level_held", steps.level(lay_held), "even"
    ),
    _level(
        "level-lies", means("ways.level-lies"), "level_lies", steps.level(lay_as_it_lies), "even"
    ),
    _level(
        "crown-first",
        means("ways.crown-then-level"),
        "crown_first",
        steps.level(lay_by_rod, worn_first=True),
    ),
    WayRecord(
        "lift-fret",
        means("ways.lift-fret"),
        "nuvrek.planning.ways.lift_fret:lift_fret",
        new_wire.lift_steps,
        frozenset({"seats"}),
    ),
    WayRecord(
        "first-frets",
        means("ways.first-frets"),
        "nuvrek.planning.ways.new_wire:first_frets",
        new_wire.first_steps,
        frozenset({"levels", "even", "new wire"}),
    ),
    _new_wire("refret-some", means("ways.some-new-wire"), "refret_some"),
    _new_wire("refret", means("ways.new-wire"), "refret"),
    _new_wire("refret-true", means("ways.new-wire-trued"), "refret_true"),
    _new_wire("refret-tangs", means("ways.new-wire-fat-tangs"), "refret_tangs"),
    _new_wire("refret-angle", means("ways.new-wire-angle"), "refret_angle"),
    WayRecord(
        "new-neck",
        means("ways.new-neck"),
        "nuvrek.planning.ways.last_resorts:new_neck",
        cures.new_neck_steps,
    ),
    WayRecord(
        "heat", means("ways.heat"), "nuvrek.planning.ways.last_resorts:heat", cures.heat_steps
    ),
    WayRecord(
        "refer",
        means("ways.specialist-work"),
        "nuvrek.planning.ways.last_resorts:refer",
        cures.refer_steps,
        frozenset({"not heard"}),
    ),
)

WAYS: dict[str, WayRecord] = {
    record.kind: structs.replace(record, steps=cautioned(record.steps)) for record in _RECORDS
}


def way_record(kind: str) -> WayRecord:
    """The record of a way. Raises KeyError for one this program does not know."""
    return WAYS[kind]


def way_title(kind: str) -> Saying:
    """A way's title; of one this program does not know, its kind in words."""
    record = WAYS.get(kind)
    if record is not None:
        return record.title
    return kind.replace("-", " ").capitalize()


def of_family(kind: str, family: Family) -> bool:
    """Whether ways of a kind belong to a family; of unknown ones nothing is known."""
    record = WAYS.get(kind)
    return record is not None and family in record.families


def steps_of(kind: str, neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """The steps of a way, in bench order; none for a way this program does not know."""
    record = WAYS.get(kind)
    if record is None:
        return ()
    return record.steps(neck, doing)
