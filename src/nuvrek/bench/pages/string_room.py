"""String room as it is played with: touch, string height, which string and note, now or after a
way. Nothing here knows a window.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING, Literal

from nuvrek.bench.session import Session
from nuvrek.meaning import Meaning, Saying, Word, means
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.forecast.other_strings import OtherStrings
from nuvrek.readings.entries import Heard, OthersClean
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.pages.what_if import Beside
    from nuvrek.bench.solved import Solved
    from nuvrek.clearance.by_ear import Ear
    from nuvrek.clearance.room import Strung
    from nuvrek.clearance.strung_neck import OnNeck, Rooms
    from nuvrek.estimate.measurer import Measurer
    from nuvrek.planning.case.way import Way

LEAST, MOST, STEP = 0.5, 20.0, 0.1
LEAST_MM, MOST_MM = 0.3, 6.0


@dataclass(frozen=True)
class NoteView:
    """One note from the side, over the frets ahead of it: places, tops, the still string, its
    lowest swing, all in mm.
    """

    x_mm: NDArray[np.float64]
    tops_mm: NDArray[np.float64]
    line_mm: NDArray[np.float64]
    swing_mm: NDArray[np.float64]
    note: int
    first: int


class StringRoomPage:
    """The strings over one solved neck."""

    def __init__(self, solved: Solved) -> None:
        from nuvrek.clearance.strung_neck import string_up

        self.solved = solved
        self.on: OnNeck = string_up(solved.map)
        self.touch = TOUCHES[solved.map.neck.touch]
        heights = self.on.heights_mm
        self.low_mm, self.high_mm = float(heights[0]), float(heights[-1])
        self.string, self.note = 0, 1
        self.way: Way | None = None
        self.other = OtherStrings()
        self._changed()

    # --- what is played with ------------------------------------------------

    def follow(self, before: StringRoomPage) -> None:
        """Go on with the touch and place of an earlier page of the same neck."""
        self.touch = before.touch
        self.string = min(before.string, self.strings - 1)
        self.note = min(before.note, self.notes - 1)
        self.set_other(before.other)

    def set_touch(self, touch: float) -> None:
        """Another touch."""
        self.touch = max(LEAST, min(MOST, touch))
        self._changed()

    def set_heights(self, low_mm: float, high_mm: float) -> None:
        """Other string heights over fret 12."""
        self.low_mm, self.high_mm = (max(LEAST_MM, min(MOST_MM, mm)) for mm in (low_mm, high_mm))
        self._changed()

    def set_other(self, other: OtherStrings) -> None:
        """Other strings, another tuning, a capo; as they would lie with nut and saddle left
        alone.
        """
        self.other, self.way = other, None
        heights = self._laid().height_mm(self._laid().saddle_mm, self.on.fret_12)
        self.low_mm, self.high_mm = float(heights[0]), float(heights[-1])
        self._changed()

    def beside(self, unit: Unit, heights: Unit) -> tuple[Beside, ...]:
        """Today's strings beside the others, matter by matter."""
        from nuvrek.bench.pages.what_if import beside
        from nuvrek.planning.forecast.what_if import strings_if, strings_today

        today = strings_today(self.on, self._measurer, self.touch)
        then, _ = strings_if(self.on, self._measurer, self.other, self.touch)
        return beside(today, then, unit, heights)

    @property
    def _measurer(self) -> Measurer:
        from nuvrek.estimate.measurer import Measurer

        return Measurer(self.solved.map)

    def _laid(self) -> Strung:
        """The strings that are asked for, on the neck as they would bend it."""
        from nuvrek.planning.forecast.what_if import strings_if

        if not self.other.asks:
            return self.on.strung
        return strings_if(self.on, self._measurer, self.other, self.touch)[1]

    def set_way(self, way: Way | None) -> None:
        """The neck as it would be after a way; None is as it is."""
        self.way, self.other = way, OtherStrings()
        self._changed()

    def move(self, strings: int = 0, notes: int = 0) -> None:
        """Another string (plus is towards the bass side) or note."""
        self.string = max(0, min(self.strings - 1, self.string - strings))
        self.note = max(0, min(self.notes - 1, self.note + notes))

    def point(self, string: int, note: int) -> None:
        """This very note."""
        self.string, self.note = (
            max(0, min(self.strings - 1, string)),
            max(0, min(self.notes - 1, note)),
        )

    @property
    def strings(self) -> int:
        """How many strings or courses."""
        return len(self.on.strung.saddle_mm)

    @property
    def notes(self) -> int:
        """Notes of a string with frets ahead, the open one counted."""
        return len(self.on.strung.x_mm) - 1

    def _changed(self) -> None:
        import numpy as np

        self.base: Strung = self._laid()
        self.relief_mm = (self.on.relief_mm[0], self.on.relief_mm[2])
        if self.way is not None:
            from nuvrek.planning.forecast.string_height import less_relief_mm

            less = less_relief_mm(self.on, self.way, 0.5 * sum(self.relief_mm))
            self.base = self.on.after(self.way.off_mm, less)
            self.relief_mm = (self.relief_mm[0] - less, self.relief_mm[1] - less)
        heights = np.linspace(self.low_mm, self.high_mm, self.strings)
        self.strung: Strung = self.base.with_height(heights, self.on.fret_12)
        self.rooms: Rooms = self.on.rooms(self.touch, self.strung)

    # --- what is heard ------------------------------------------------------

    def hear(self, session: Session, says: Literal["buzzes", "badly", "clean"]) -> None:
        """Write down what the ear says of the chosen note. Raises LogbookError."""
        session.append(Heard(string=self.strings - self.string, fret=self.note, says=says))

    def others_clean(self, session: Session) -> None:
        """Every note of this string that was not marked rings clean. Raises LogbookError."""
        string = self.strings - self.string
        marked = {fret for (there, fret), _ in session.neck_state.heard.items() if there == string}
        rest = tuple(fret for fret in range(self.notes) if fret not in marked)
        if rest:
            session.append(OthersClean(string=string, frets=rest))

    def ear(self, session: Session) -> Ear | None:
        """The touch that explains best what was heard."""
        from nuvrek.clearance.by_ear import listen

        return listen(self.on, session.neck_state.heard)

    # --- what it comes to ---------------------------------------------------

    def side(self) -> NoteView:
        """The chosen note from the side."""
        s, n, strung = self.string, self.note, self.strung
        lean = strung.lean[n, n:]
        tops = strung.tops_mm[s, n:]
        line = tops[0] * (1.0 - lean) + strung.saddle_mm[s] * lean
        swing = line - self.touch * strung.swing_mm_per_touch[s, n, n:]
        return NoteView(
            strung.x_mm[n:], tops, line, swing_mm=swing, note=n, first=int(self.rooms.first[s, n])
        )

    def note_words(self, unit: Unit) -> Meaning:
        """The chosen note in words."""
        s, n = self.string, self.note
        room, doubt = float(self.rooms.room_mm[s, n]), float(self.rooms.doubt_mm[s, n])
        if n == 0:
            what = means("pages.open-string")
        else:
            what = means("pages.fret", detail=n)
        word = self.rooms.word(s, n)
        first = int(self.rooms.first[s, n])
        sharp = float(self.on.cents()[s, n])
        cents: Saying = ""
        if sharp >= 1.0:
            cents = means("pages.fretting-sharpens-cents", sharp=sharp)
        head = means("pages.note-named", what=what, strings=self.strings - s, state=Word(word))
        least = means(
            "pages.note-room",
            room=format_length(room, unit),
            first=first,
            doubt=format_length(doubt, unit),
            cents=cents,
        )
        return means("pages.string-least-room-over-fret", head=head, room=least)

    def lowest_words(self, unit: Unit) -> tuple[Saying, ...]:
        """Lowest clean height over fret 12 of each string, from the highest on, with its range."""
        lowest, doubt = self.on.lowest_clean_mm(self.touch, self.strung)
        return tuple(
            (
                means(
                    "pages.strings-lowest-doubt",
                    strings=self.strings - s,
                    lowest=format_number(float(lowest[s]), unit),
                    doubt=format_number(float(doubt[s]), unit),
                )
            )
            for s in reversed(range(self.strings))
        )

    def buzzing(self) -> int:
        """How many notes will buzz."""
        return int((self.rooms.buzz >= 0.8).sum())

    def even_words(self, unit: Unit) -> Saying:
        """The relief that lets the strings lie lowest at this touch."""
        low, high = self.even_mm()
        return means(
            "pages.bass-side-treble-side",
            low=format_number(max(low, 0.0), unit),
            high=format_length(max(high, 0.0), unit),
        )

    def even_mm(self) -> tuple[float, float]:
        """That relief by side, for the neck as it is or as it would be after the way that is
        shown.
        """
        return self.on.even_relief_mm(self.touch, self.base, self.relief_mm)

    def smooth_mm(self, relief_mm: float) -> NDArray[np.float64]:
        """Room of each note of the chosen string on this neck with even frets and so much
        relief, (notes,).
        """
        from nuvrek.mechanics.beam import bend_profile

        strung = self.on.one_string(self.string, self.strung)
        nut = strung.tops_mm[:, :1]
        tops = -relief_mm * bend_profile(self.on.neck)[None, :]
        tops[:, :1] += nut - strung.tops_mm[:, 1:2]
        viewed = strung.with_tops(tops, self.on.fret_12)
        return viewed.note_rooms(self.touch)[0][0, :-1]

    def why_not_straight(self, unit: Unit) -> Saying:
        """What relief buys on this neck, in a sentence for its owner."""
        import numpy as np

        best = max(float(np.mean(self.even_mm())), 0.0)
        flat, even = self.smooth_mm(0.0)[1:], self.smooth_mm(best)[1:]
        return means(
            "pages.dead-straight-tightest-note-has",
            float=format_number(float(flat.min()), unit),
            unit=format_number(float(flat.max()), unit),
            best=format_length(best, unit),
            unit_float=format_number(float(even.min()), unit),
            float_unit=format_number(float(even.max()), unit),
        )

    def touch_word(self) -> str:
        """The name of a touch, where it is one of the three."""
        return next((name for name, touch in TOUCHES.items() if abs(touch - self.touch) < 0.05), "")
