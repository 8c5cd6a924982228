"""Following the filing by its ink: one key a fret, or as shown. Optional, never demanded;
nothing here knows a window.
"""

from __future__ import annotations

from collections.abc import Iterable
from typing import TYPE_CHECKING

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, Lane
from nuvrek.readings.entries import Ink
from nuvrek.readings.journal import NeckState

if TYPE_CHECKING:
    from nuvrek.planning.filing.rehearsal import FollowUp, TopPlace

_SIDES: tuple[Lane | None, ...] = ("bass", None, "treble")


def ink_gone(neck_state: NeckState) -> tuple[TopPlace, ...]:
    """Tops whose ink went since the way was chosen, in that order."""
    return tuple(
        (taken.reading.fret, taken.reading.lane)
        for taken in neck_state.taken
        if isinstance(taken.reading, Ink) and taken.number > neck_state.chosen_number
    )


class InkWalk:
    """The rehearsed order with a hand on one of its frets; ``side`` narrows it to one side."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self.at = 0
        self.side: Lane | None = None

    @property
    def order(self) -> tuple[TopPlace, ...]:
        """Tops in the order of their ink, as rehearsed when the way was taken."""
        chosen = self.session.neck_state.chosen
        frets = self.session.neck_state.neck.frets
        if chosen is not None:
            return tuple(place for place in chosen.order if place[0] <= frets)
        return ()

    @property
    def frets(self) -> tuple[int, ...]:
        """Frets in the order in which the first ink goes on each."""
        return tuple(dict.fromkeys(fret for fret, _ in self.order))

    @property
    def fret(self) -> int | None:
        """The fret in hand."""
        frets = self.frets
        if frets:
            return frets[min(self.at, len(frets) - 1)]
        return None

    def point(self, fret: int) -> None:
        """Lay the hand on a fret, if it is in the order."""
        if fret in self.frets:
            self.at = self.frets.index(fret)

    def follow(self) -> FollowUp:
        """What the ink so far says of the order."""
        from nuvrek.planning.filing.rehearsal import follow_up

        return follow_up(self.order, ink_gone(self.session.neck_state))

    def press(self, name: str) -> bool:
        """A key; True when it was meant for the sweep. Raises LogbookError."""
        if not self.order:
            return False
        if name in ("left", "right"):
            self.at = max(0, min(len(self.frets) - 1, self.at + (1 if name == "right" else -1)))
        elif name in ("up", "down"):
            at = _SIDES.index(self.side) + (1 if name == "up" else -1)
            self.side = _SIDES[max(0, min(2, at))]
        elif name == "*":
            self._write(place for place in self.order if place[0] == self.fret)
            self._on()
        elif name == "/":
            self._on()
        elif name == ".":
            upto = set(self.frets[: self.at + 1])
            self._write(place for place in self.order if place[0] in upto)
            self._on()
        else:
            return False
        return True

    def _on(self) -> None:
        """To the next fret in the order that still wears its ink."""
        gone = {fret for fret, _ in ink_gone(self.session.neck_state)}
        ahead = [n for n, fret in enumerate(self.frets) if n > self.at and fret not in gone]
        self.at = ahead[0] if ahead else min(self.at + 1, len(self.frets) - 1)

    def _write(self, places: Iterable[TopPlace]) -> None:
        gone, state = set(ink_gone(self.session.neck_state)), self.session.neck_state.state
        wanted = [place for place in places if self.side is None or place[1] == self.side]
        entries = [
            Ink(fret=fret, lane=lane, state=state)
            for fret, lane in wanted
            if (fret, lane) not in gone
        ]
        if entries:
            self.session.append(*entries)

    # --- words ----------------------------------------------------------------

    def prompt(self) -> Saying:
        """What is asked, in a line."""
        if self.fret is None:
            return ""
        where: Saying = ""
        if self.side:
            where = means("work.lane", lane=LANE_WORDS[self.side])
        return means("work.ink-gone-fret", fret=self.fret, where=where)

    def verdict(self) -> Saying:
        """Whether the bench agrees with the plan, and what to do if not. Empty before the first
        mark.
        """
        follow_up, gone = self.follow(), {fret for fret, _ in ink_gone(self.session.neck_state)}
        if not gone:
            return ""
        count = means(
            "work.frets-touched", number=len(gone & set(self.frets)), frets_count=len(self.frets)
        )
        if set(self.order) <= set(ink_gone(self.session.neck_state)):
            return means("work.all-ink-gone-stop-rocker", count=count)
        if follow_up.ahead is not None:
            other = LANE_WORDS["treble" if follow_up.ahead == "bass" else "bass"]
            return means(
                "work.ahead-lean-see-tool-lies",
                count=count,
                lane_words=LANE_WORDS[follow_up.ahead],
                other=other,
            )
        if follow_up.agrees:
            left = [fret for fret in self.frets if fret not in gone][:3]
            following: Saying = ""
            if left:
                following = means("work.next-should", left=", ".join(map(str, left)))
            return means("work.bench-agrees-plan", count=count, following=following)
        early = ", ".join(str(fret) for fret in follow_up.early[:4])
        late = ", ".join(str(fret) for fret in follow_up.late[:4])
        sentences = [
            means("work.went-before-turn", early=early) if early else "",
            means("work.still-wears-ink", late=late) if late else "",
        ]
        return means(
            "work.map-off-there-stop-take",
            count=count,
            sentences=meaning.listed((part for part in sentences if part), by=";"),
        )
