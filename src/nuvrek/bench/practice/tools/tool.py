"""What every tool of the practice bench has: its words, its keys, what it writes down."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING, ClassVar

from nuvrek.meaning import Saying, means, upper_first
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.practice.at_work.actions import AnyAction
from nuvrek.practice.at_work.doing import Felt
from nuvrek.readings.entries import AnyEntry, Side, State

if TYPE_CHECKING:
    from nuvrek.bench.practice.pad import BenchPad


@dataclass
class Place:
    """Where the hand is: all tools share it, so that a change of tool keeps the spot."""

    fret: int
    lane: Lane
    low: int
    high: int

    @property
    def side(self) -> Side:
        """The side nearest to the lane."""
        if self.lane == "treble":
            return "treble"
        return "bass"


class Tool:
    """One tool. Keys it does not name are the pad's own."""

    name = ""
    title: ClassVar[Saying] = ""
    # How it misleads, said where the advice speaks; and what may hurt, said always.
    trap: ClassVar[Saying] = ""
    caution: ClassVar[Saying] = ""

    def __init__(self, pad: BenchPad) -> None:
        self.pad = pad

    @property
    def place(self) -> Place:
        """Where the hand is."""
        return self.pad.place

    @property
    def state(self) -> State:
        """The state a reading is taken in, as the journal has it."""
        session = self.pad.table.session
        if session is None:
            return State()
        return session.neck_state.state

    @property
    def keys(self) -> dict[str, Saying]:
        """Words of the keys this tool uses, of ``+ - * / enter``."""
        return {"enter": means("practice_bench.do")}

    @property
    def prompt(self) -> Saying:
        """What the hand is about to do."""
        return self.title

    @property
    def number(self) -> Saying:
        """The figure in large digits."""
        return ""

    @property
    def unit(self) -> Saying:
        """The unit of the figure."""
        return ""

    def action(self) -> AnyAction | None:
        """What Enter does; None where Enter does something else."""
        return None

    def press(self, _key: str) -> bool:
        """A key of its own; True where it was one."""
        return False

    def typed(self, _number: float) -> bool:
        """A number was typed and Enter pressed; True where it was taken."""
        return False

    def felt(self, _action: AnyAction, _felt: Felt) -> None:
        """What Enter did was felt: it is remembered until it is written down."""

    def to_write(self) -> tuple[AnyEntry, ...]:
        """What was felt and is not written down yet."""
        return ()

    def wrote(self) -> None:
        """It is written down now."""

    def step(self, way: int) -> None:
        """One fret on."""
        last = self.pad.neck.frets
        self.place.fret = min(max(self.place.fret + way, 1), last)

    def turn(self, way: int) -> None:
        """One lane on."""
        at = (LANES.index(self.place.lane) + way) % len(LANES)
        self.place.lane = LANES[at]

    def other_side(self) -> None:
        """The hand over to the other outer lane."""
        self.place.lane = "bass" if self.place.side == "treble" else "treble"

    @property
    def where(self) -> Saying:
        """The lane in words."""
        return upper_first(LANE_WORDS[self.place.lane])
