"""The rocker: three frets at a time, and the sweep that says all the others are still."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import OthersStill, Rock
from nuvrek.readings.kinds.gaps import amount_faults, amount_mm, amount_words
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, Tool, titled
from nuvrek.readings.station import Station


def _three(rock: Rock) -> frozenset[int]:
    return frozenset((rock.fret - 1, rock.fret, rock.fret + 1))


def _rock_faults(rock: Rock, neck: NeckDescription, _number: int) -> list[str]:
    faults = amount_faults(rock)
    if not 2 <= rock.fret <= neck.frets - 1:
        faults.insert(
            0,
            tr(
                "a rocker's middle fret is 2 to {frets}, not {fret}.",
                frets=neck.frets - 1,
                fret=rock.fret,
            ),
        )
    return faults


def _tool(rock: Rock) -> Tool | None:
    """A bare mark has no tool whose error could be given."""
    bounds = (rock.gap_mm, rock.slides_mm, rock.drags_mm, rock.wont_go_mm)
    return None if all(mm is None for mm in bounds) else "rocker"


ROCK = EntryRecord(
    type=Rock,
    place=lambda rock: tr(
        "rocker {fret}-{fret_2}-{fret_3}, {lane_words}",
        fret=rock.fret - 1,
        fret_2=rock.fret,
        fret_3=rock.fret + 1,
        lane_words=LANE_WORDS[rock.lane],
    ),
    value=lambda rock, unit, _heights: amount_words(rock, unit) or rock.says,
    frets=_three,
    faults=_rock_faults,
    station=lambda rock: Station(rock.station, "sweep", rock.lane, rock.fret),
    tool=_tool,
    figure=amount_mm,
)


def _still_faults(still: OthersStill, neck: NeckDescription, _number: int) -> list[str]:
    if all(2 <= fret <= neck.frets - 1 for fret in still.frets):
        return []
    return [tr("a rocker's middle frets are 2 to {frets}.", frets=neck.frets - 1)]


OTHERS_STILL = EntryRecord(
    type=OthersStill,
    place=lambda still: tr("all the others, {lane_words}", lane_words=LANE_WORDS[still.lane]),
    value=lambda _still, _unit, _heights: tr("still"),
    frets=lambda still: frozenset(still.frets),
    highest=lambda still: max(still.frets, default=-1) + 1,
    faults=_still_faults,
    station=lambda still: Station(still.station, "sweep", still.lane),
)


def _prompt(station: Station, fret: int, side: str, _strings: str) -> str:
    if station.fret:
        return tr(
            "{side}. Rocker over {fret}-{fret_2}-{fret_3}. A leaf under it?",
            side=side,
            fret=fret - 1,
            fret_2=fret,
            fret_3=fret + 1,
        )
    return tr("{side}. Rocker along the frets. What rocks?", side=side)


SWEEP_STATION = StationRecord(
    kind="sweep",
    title=titled(tr("rocker")),
    prompt=_prompt,
    likely_mm=(0.0, 0.8),
    sweep=True,
    picture="rocker",
)
