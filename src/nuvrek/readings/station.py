"""One place of a measuring round: what is asked for, where, with what."""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.neck.description import Lane
from nuvrek.readings.entries import By, Side, State, Strings
from nuvrek.readings.sizes import What


class Station(Struct, frozen=True):
    """One stop of a round.

    ``state`` matters where the strings are changed and where ``when`` is said; supports of None let
    an edge lie as it rests; ``string`` 0 is the outer one of the side; ``wanted_mm`` is the leaf of
    a goes-or-not reading.
    """

    key: str
    kind: str
    lane: Lane = "bass"
    fret: int = 0
    supports: tuple[int, int] | None = None
    by: By = "string"
    state: State = State()
    string: int = 0
    what: What = "crown-width"
    wanted_mm: float = 0.0
    capo: int = 0
    # "blind": asked only where string or edge showed no light so far on this lane, which may be a
    # straight neck or a back bow; "crest": the same, and where a long edge rocks, unless it lies
    # all along; "light": dropped where it is plain by then that none will show; "moved": only where
    # the round's first gap is another by now.
    when: Literal["", "blind", "crest", "light", "moved"] = ""

    @property
    def field(self) -> str:
        """The name under which unit and plausible range of this entry field are kept."""
        if self.kind == "size":
            return f"size-{self.what}"
        return self.kind

    @property
    def side(self) -> Side:
        """The side of the neck the lane lies on; the middle counts as low."""
        if self.lane == "treble":
            return "treble"
        return "bass"


class Suggestion(Struct, frozen=True):
    """A reading worth taking: where, with the strings how, and what it would settle. ``share``
    of the doubt it takes away.
    """

    station: Station
    strings: Strings
    reason: Saying
    share: float
