"""What the keys of a station need of the keypad they stand on."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import Protocol

from nuvrek.bench.keypad.question import Question
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying
from nuvrek.neck.description import Lane, NeckDescription
from nuvrek.readings.entries import AnyEntry, AnyReading, Rock
from nuvrek.readings.journal import Taken
from nuvrek.readings.station import Station
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Length, Unit


class Pad(Protocol):
    """A keypad as its stations see it: what is typed, where the hand is, and how a reading is
    written down.
    """

    session: Session
    kit: Kit
    text: str
    message: Saying
    cursor: int
    slides: Length | None
    asking: Question | None
    run_step: int

    @property
    def neck(self) -> NeckDescription:
        """The neck as now described."""

    @property
    def station(self) -> Station | None:
        """The station now asked for."""

    @property
    def station_key(self) -> str:
        """Its name for the journal."""

    @property
    def unit(self) -> Unit:
        """The unit of a bare number here."""

    @property
    def replacing(self) -> bool:
        """Whether the next reading takes the place of an old one."""

    @property
    def asked(self) -> bool:
        """Whether one reading is asked for outside the round."""

    @property
    def run_number(self) -> int:
        """The number of the indicator run."""

    def taken_since(self) -> Iterator[Taken]:
        """The live readings of this round, oldest first."""

    def marked(self, lane: Lane) -> dict[int, Rock]:
        """Rocking places of this round on a lane."""

    def type(self, key: str) -> None:
        """One more character of a number."""

    def change_station(self, station: Station) -> None:
        """The same station otherwise laid; the hand stays."""

    def write(self, entry: AnyEntry, strike: Sequence[int] = ()) -> bool:
        """Put an entry on disk; False, with the reason said, where that failed."""

    def finish(self, reading: AnyReading) -> None:
        """Write a reading down and go on."""

    def strike(self, numbers: Sequence[int]) -> bool:
        """Strike entries out, all or none."""

    def go_on(self) -> None:
        """What was asked is taken."""

    def pass_on(self) -> None:
        """Leave this station open and go on."""
