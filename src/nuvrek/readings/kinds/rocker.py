"""The rocker: three frets at a time, and the sweep that says all the others are still."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import OthersStill, Rock
from nuvrek.readings.kinds.gaps import amount_faults, amount_mm, amount_words
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, Tool, titled
from nuvrek.readings.station import Station


def _three(rock: Rock) -> frozenset[int]:
    return frozenset((rock.fret - 1, rock.fret, rock.fret + 1))


def _rock_faults(rock: Rock, neck: NeckDescription, _number: int) -> list[Saying]:
    faults: list[Saying] = amount_faults(rock)
    if not 2 <= rock.fret <= neck.frets - 1:
        faults.insert(
            0, means("stations.rockers-middle-fret-2-not", frets=neck.frets - 1, fret=rock.fret)
        )
    return faults


def _tool(rock: Rock) -> Tool | None:
    """A bare mark has no tool whose error could be given."""
    bounds = (rock.gap_mm, rock.slides_mm, rock.drags_mm, rock.wont_go_mm)
    if all(mm is None for mm in bounds):
        return None
    return "rocker"


ROCK = EntryRecord(
    type=Rock,
    place=lambda rock: means(
        "stations.rocker",
        fret=rock.fret - 1,
        other_fret=rock.fret,
        third_fret=rock.fret + 1,
        lane_words=LANE_WORDS[rock.lane],
    ),
    value=lambda rock, unit, _heights: amount_words(rock, unit) or rock.says,
    frets=_three,
    faults=_rock_faults,
    station=lambda rock: Station(rock.station, "sweep", rock.lane, rock.fret),
    tool=_tool,
    figure=amount_mm,
)


def _still_faults(still: OthersStill, neck: NeckDescription, _number: int) -> list[Saying]:
    if all(2 <= fret <= neck.frets - 1 for fret in still.frets):
        return []
    return [means("stations.rockers-middle-frets-2", frets=neck.frets - 1)]


OTHERS_STILL = EntryRecord(
    type=OthersStill,
    place=lambda still: means("stations.all-others", lane_words=LANE_WORDS[still.lane]),
    value=lambda _still, _unit, _heights: means("stations.still"),
    frets=lambda still: frozenset(still.frets),
    highest=lambda still: max(still.frets, default=-1) + 1,
    faults=_still_faults,
    station=lambda still: Station(still.station, "sweep", still.lane),
)


def _prompt(station: Station, fret: int, side: Saying, _strings: Saying) -> Saying:
    if station.fret:
        return means(
            "stations.rocker-over-leaf-under",
            side=side,
            fret=fret - 1,
            other_fret=fret,
            third_fret=fret + 1,
        )
    return means("stations.rocker-along-frets-what-rocks", side=side)


SWEEP_STATION = StationRecord(
    kind="sweep",
    title=titled(means("stations.rocker-with-again")),
    prompt=_prompt,
    likely_mm=(0.0, 0.8),
    sweep=True,
    picture="rocker",
)
