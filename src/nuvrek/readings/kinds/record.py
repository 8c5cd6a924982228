"""What is declared of a kind of entry, and of a kind of station that asks for readings."""

from __future__ import annotations

from collections.abc import Callable
from typing import Generic, Literal, TypeVar

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Entry
from nuvrek.readings.station import Station
from nuvrek.units import Unit

E = TypeVar("E", bound=Entry)
Tool = Literal["edge", "leaf", "rocker", "caliper", "rule", "indicator"]
# What is drawn beside the neck sheet while a station is asked for.
SidePicture = Literal[
    "", "edge", "rocking", "rocker", "caliper", "string", "dial", "finger", "ink", "size", "strings"
]  # fmt: skip


def own_fret(entry: Entry) -> frozenset[int]:
    """The one fret an entry names, if it names one."""
    fret = getattr(entry, "fret", None)
    if fret is None:
        return frozenset()
    return frozenset((fret,))


def no_faults(_entry: Entry, _neck: NeckDescription, _number: int) -> list[Saying]:
    """Nothing about the entry can contradict a neck beside the frets and strings it names."""
    return []


class EntryRecord(Struct, Generic[E], frozen=True, kw_only=True):
    """A kind of entry as declared; its fields and their bounds stand with its struct in
    ``entries``.

    ``place`` and ``value`` are its words; ``frets`` are those it says something about; ``highest``
    is the highest it touches, where that is another one; ``page`` is where such entries usually
    come from. Of a reading besides: ``station`` asks for it again in its own place, ``tool`` took
    it, ``figure`` is its one number in mm.
    """

    type: type[E]
    place: Callable[[E], Saying]
    value: Callable[[E, Unit, Unit], Saying]
    frets: Callable[[E], frozenset[int]] = own_fret
    highest: Callable[[E], int] | None = None
    faults: Callable[[E, NeckDescription, int], list[Saying]] = no_faults
    page: str = "Measure"
    station: Callable[[E], Station] | None = None
    tool: Callable[[E], Tool | None] | None = None
    figure: Callable[[E], float | None] | None = None

    def highest_fret(self, entry: E) -> int:
        """The highest fret an entry touches, 0 for none."""
        if self.highest is not None:
            return self.highest(entry)
        return max(self.frets(entry), default=0)


class StationRecord(Struct, frozen=True, kw_only=True):
    """A kind of station as declared. ``prompt`` gets the station, the fret in hand, the side and
    the strings.

    ``likely_mm`` is what a reading there can well be, outside it is questioned, never refused
    (common practice, no source). ``sweep``: one pass over many frets, of which only the exceptions
    are marked.
    """

    kind: str
    title: Callable[[Station], Saying]
    prompt: Callable[[Station, int, Saying, Saying], Saying]
    likely_mm: tuple[float, float] | None = None
    units: tuple[Unit, ...] = (Unit.MM, Unit.THOU)
    sweep: bool = False
    broad: bool = False
    picture: SidePicture = ""


def titled(words: Saying) -> Callable[[Station], Saying]:
    """A title that is always the same."""
    return lambda _station: words
