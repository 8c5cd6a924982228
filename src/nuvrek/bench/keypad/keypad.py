"""A measuring round driven by single keys.

Keys are named ``0``-``9``, ``.``, letters, ``enter``, ``+``, ``-``, ``*``, ``/``, space,
``back``, ``left``, ``right``, ``up`` and ``down``. Nothing here knows a window. What the keys do
at one kind of station stands in ``stops``.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence

from msgspec import structs

from nuvrek.bench.keypad.keys import keys_at
from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.bench.keypad.question import OFFER_KEYS, Question
from nuvrek.bench.keypad.repeats import Repeats
from nuvrek.bench.session import Session, undo_hint, undo_words
from nuvrek.bench.working.moments import minutes_between
from nuvrek.logbook.store import LogbookError
from nuvrek.meaning import Saying, means, sentences, told_by
from nuvrek.neck.description import Lane, NeckDescription
from nuvrek.readings.entries import AnyEntry, AnyReading, Dial, Reading, Rock, RoundStart, Strike
from nuvrek.readings.journal import Taken
from nuvrek.readings.rounds import ONE, Round, round_of
from nuvrek.readings.stations import (
    Station,
    already_so,
    as_found,
    next_station,
    resume_at,
    station_of,
    tells_nothing,
    units_of,
)
from nuvrek.readings.tool_kit import Kit
from nuvrek.readings.words import act_words
from nuvrek.units import Length, Unit

_LONGEST_ENTRY = 14
# A round that rested for longer than a week is one of another visit (common practice, no source).
_VISIT_MIN = 7 * 24 * 60
_TYPED = set("0123456789.,'\"mthouinc ")


def _forget(_field: str, _unit: Unit) -> None:
    pass


class Keypad:
    """The state of a round at the keypad."""

    def __init__(
        self,
        session: Session,
        name: str,
        unit_of: Callable[[str], Unit],
        kit: Kit | None = None,
        remember: Callable[[str, Unit], None] = _forget,
    ) -> None:
        """Resume (or prepare) round ``name``.

        ``unit_of`` gives the unit of an entry field; ``remember`` is told when another one was used
        there.
        """
        self.session = session
        self.kit = kit or Kit()
        self._unit_of = unit_of
        self._remember = remember
        self.repeats = Repeats()
        self._station: Station | None = None
        self._replacing = 0
        self._asked = False
        self._since_one = len(session.entries)
        self.run_step = 1
        self.text = ""
        self.slides: Length | None = None
        self.asking: Question | None = None
        self.message: Saying = ""
        self.cursor = 0
        self.index = 0
        self.round: Round = round_of(name, self.neck, self.kit)
        self.rewind()

    # --- where we are -----------------------------------------------------

    @property
    def neck(self) -> NeckDescription:
        """The neck as now described."""
        return self.session.neck_state.neck

    @property
    def by_picking(self) -> bool:
        """Whether readings are picked one by one instead of in a round."""
        return self.round.name == ONE

    @property
    def started(self) -> bool:
        """Whether this round is the one the journal is in."""
        return self.session.neck_state.round_name == self.round.name

    @property
    def since(self) -> int:
        """The journal number after which entries belong to this round."""
        if self.by_picking:
            return self._since_one
        if self.started:
            return self.session.neck_state.round_number
        return len(self.session.entries)

    @property
    def run_number(self) -> int:
        """The number under which the readings of one indicator run belong together."""
        if self._replacing:
            old = self.session.entries[self._replacing - 1]
            if isinstance(old, Dial):
                return old.run
            return self._replacing
        if self.by_picking:
            return self._since_one + 1
        if self.started:
            return self.session.neck_state.round_number
        return len(self.session.entries) + 1

    @property
    def finished(self) -> bool:
        """Whether every station has been taken or passed."""
        return self._station is None

    @property
    def station(self) -> Station | None:
        """The station now asked for, or None when the round is done."""
        return self._station

    @property
    def station_key(self) -> str:
        """The station's name for the journal; single readings belong to none."""
        if self._station is None or self.by_picking or self._asked:
            return ""
        return self._station.key

    @property
    def replacing(self) -> bool:
        """Whether the next reading takes the place of an old one."""
        return self._replacing > 0

    @property
    def keys_here(self) -> StationKeys:
        """What the keys do here."""
        return keys_at(self)

    @property
    def unit(self) -> Unit:
        """The unit of a bare number at this station."""
        return self._unit_of(self._station.field if self._station else "string-gap")

    def taken_since(self) -> Iterator[Taken]:
        """The live readings of this round, oldest first."""
        taken, since = self.session.neck_state.taken, self.since
        first = len(taken)
        while first and taken[first - 1].number > since:
            first -= 1
        return iter(taken[first:])

    def marked(self, lane: Lane) -> dict[int, Rock]:
        """Rocking places of this round on a lane: the newest live rock reading per fret."""
        found = {
            taken.reading.fret: taken.reading
            for taken in self.taken_since()
            if isinstance(taken.reading, Rock) and taken.reading.lane == lane
        }
        return {fret: rock for fret, rock in found.items() if rock.says == "rocks"}

    # --- going about --------------------------------------------------------

    def change_round(self, name: str) -> None:
        """Another round is wanted; it goes on where it was if the journal is in it, and begins
        again if that was another visit.
        """
        self.round = round_of(name, self.neck, self.kit)
        self._since_one = len(self.session.entries)
        self.message = ""
        self.rewind()
        if self.started and not self.by_picking and self._rested():
            self.start_afresh()

    def _rested(self) -> bool:
        """Whether the last reading of this round is of another visit."""
        taken = self.session.neck_state.taken
        last = max(
            (
                reading_taken.reading.at
                for reading_taken in taken
                if reading_taken.number > self.since
            ),
            default="",
        )
        rested = None
        if last:
            rested = minutes_between(last, self.session.time_now())
        return rested is not None and rested > _VISIT_MIN

    def change_kit(self, kit: Kit) -> None:
        """Other tools are on the bench: the round is built anew."""
        self.kit = kit
        self.rewind()

    def rewind(self) -> None:
        """Go to where the journal says this round stands (also after the neck was described
        anew).
        """
        self.round = round_of(self.round.name, self.neck, self.kit)
        self._replacing, self._asked = 0, False
        neck_state, stations = self.session.neck_state, self.round.stations
        if self.by_picking:
            self._go(len(stations))
        elif self.started:
            self._go(resume_at(stations, neck_state))
        else:
            self._go(
                next(
                    (i for i, s in enumerate(stations) if not already_so(s, neck_state)),
                    len(stations),
                )
            )

    def fresh_stations(self) -> tuple[Station, ...]:
        """The stations this round would have for the neck as now described."""
        return round_of(self.round.name, self.neck, self.kit).stations

    def start_afresh(self) -> None:
        """Begin the round again; earlier readings stay."""
        if not self.by_picking and self.write(RoundStart(name=self.round.name)):
            self.rewind()

    def pick(self, index: int) -> None:
        """Go to a station of the round by its place in it."""
        self._replacing = 0
        self._go(max(0, min(index, len(self.round.stations))))

    def retake(self, number: int) -> None:
        """Ask for the reading of entry ``number`` again; the new one takes its place."""
        old = self.session.entries[number - 1]
        if not isinstance(old, Reading):
            return
        self.text, self.slides, self.asking = "", None, None
        self._replacing, self.run_step = number, 1
        self._station = station_of(old)
        self.cursor = self._station.fret or self.keys_here.first()
        self.message = means("keypad.take-again-new-reading-replaces")
        if old.state.strings != self.session.neck_state.state.strings:
            self.message = sentences(
                self.message,
                means(
                    "keypad.taken-strings-pitch"
                    if old.state.strings == "pitch"
                    else "keypad.taken-strings-slack"
                ),
            )

    def ask(self, station: Station) -> None:
        """Ask for one reading somewhere, outside the order of the round; then the round goes on
        where it was.
        """
        self._replacing, self._asked, self.run_step = 0, True, 1
        self._arrive(station)
        self.cursor = station.fret or self.keys_here.first()

    @property
    def asked(self) -> bool:
        """Whether a single reading is asked for outside the round's order."""
        return self._asked

    def _go(self, index: int) -> None:
        self.index = index
        stations = self.round.stations
        ahead = index < len(stations)
        self._arrive(as_found(stations[index], self.session.neck_state) if ahead else None)

    def _arrive(self, station: Station | None) -> None:
        self._station = station
        self.text, self.slides, self.asking = "", None, None
        self.cursor = self.keys_here.first()

    def change_station(self, station: Station) -> None:
        """The same station with other supports, lane or string; the hand stays at its fret."""
        cursor, self._station = self.cursor, station
        frets = self.keys_here.frets()
        self.cursor = cursor if not frets or cursor in frets else frets[0]

    def go_on(self) -> None:
        """What was asked is taken: to the next open station, or to the next place of a single
        reading.
        """
        if self._asked:
            self.rewind()
        elif self.by_picking:
            self._stay()
        else:
            self._go(next_station(self.round.stations, self.session.neck_state, after=self.index))

    def _stay(self) -> None:
        self.text, self.slides, self.asking = "", None, None
        keys = self.keys_here
        frets = keys.frets()
        if keys.moves_on and frets is not None and self.cursor + 1 in frets:
            self.cursor += 1

    def pass_on(self) -> None:
        """Leave this station open and go on; past the last one the round is over for now."""
        if self._replacing or self._asked or self.by_picking:
            self.rewind()
        else:
            self._go(self.index + 1)

    # --- keys -------------------------------------------------------------

    def press(self, key: str) -> None:
        """Do what ``key`` means here; keys without a meaning leave a hint, never an error."""
        self.message = ""
        if self.asking is not None:
            self._answer(self.asking, key)
        elif key in ("up", "down"):
            self._turn(1 if key == "down" else -1)
        elif key in ("left", "right"):
            self._move(1 if (key == "right") != self.neck.nut_on_right else -1)
        elif key == "back":
            self._back()
        elif key == " " and not self.text:
            self.next_unit()
        elif len(key) == 1 and key in _TYPED:
            self.type(key)
        elif key == "enter":
            self._enter()
        elif key in ("+", "-", "*", "/"):
            self.keys_here.special(key)

    def type(self, key: str) -> None:
        """One more character of a number."""
        if not self.keys_here.numbers and not (self.by_picking and self.finished):
            self.message = means("keypad.no-number-here")
        elif len(self.text) < _LONGEST_ENTRY:
            self.text += key

    def _enter(self) -> None:
        if self.by_picking and self.finished:
            text, self.text = self.text, ""
            count = len(self.round.stations)
            if text.isascii() and text.isdigit() and 1 <= int(text) <= count:
                self.pick(int(text) - 1)
            elif text:
                self.message = means("keypad.pick-one-number-1", count=count)
        elif self.text:
            self.keys_here.typed("enter")
        else:
            self.keys_here.enter()

    def _beside(self, step: int) -> int:
        """The next station up or down that can tell something."""
        stations, at = self.round.stations, self.index + step
        while 0 < at < len(stations) and tells_nothing(stations[at], self.session.neck_state):
            at += step
        return max(0, min(at, len(stations)))

    def _turn(self, step: int) -> None:
        """Up and down go through the stations; for a single reading, over the lanes or strings."""
        if not self.by_picking and not self._replacing and not self._asked:
            self._go(self._beside(step))
            return
        turns = self.keys_here.turns()
        if not turns or self._station is None:
            return
        now = next((i for i, s in enumerate(turns) if s == self._station), 0)
        self.change_station(turns[max(0, min(now + step, len(turns) - 1))])

    def _move(self, step: int) -> None:
        frets = self.keys_here.frets()
        if frets:
            self.cursor = max(frets[0], min(frets[-1], self.cursor + step))

    def point_at(self, fret: int) -> None:
        """The hand (or the mouse) goes to ``fret``."""
        if fret in (self.keys_here.frets() or ()):
            self.cursor = fret

    def next_unit(self) -> None:
        """This entry field takes another unit from now on."""
        if self._station is None or not self.keys_here.lengths:
            return
        units = units_of(self._station.field)
        unit = self.unit
        self._remember(
            self._station.field,
            units[(units.index(unit) + 1) % len(units)] if unit in units else units[0],
        )

    def gauge(self, sent: str) -> None:
        """A gauge sent a reading: taken as if typed, unless something typed or asked stands in
        the way.
        """
        keys = self.keys_here
        if not (keys.numbers and keys.lengths):
            self.message = means("keypad.gauge-sent-but-nothing-asked", sent=sent)
        elif self.text or self.asking is not None:
            self.message = means("keypad.gauge-sent-while-something-typed", sent=sent)
        else:
            self.message, self.text = "", sent
            keys.typed("enter")

    def _answer(self, asked: Question, key: str) -> None:
        """What a key says to the question: digits begin a new value, nothing is taken unsaid."""
        offers = dict(zip(OFFER_KEYS, asked.offers, strict=False))
        if key in offers:
            self._take_instead(asked, offers[key].length)
        elif key == " " and self.other_unit(asked) is not None:
            # From now on: the unit of the offer is the field's.
            length = self.other_unit(asked)
            assert length is not None and self._station is not None
            self._remember(self._station.field, length.unit)
            self._take_instead(asked, length)
        elif key == "/" or (key == "enter" and not asked.offers):
            self._take_instead(asked, asked.typed)
        elif key == "back":
            self.asking, self.text = None, ""
        elif len(key) == 1 and (key.isdecimal() or key in ".,") and key.isascii():
            self.asking, self.text = None, ""
            self.type(key)

    def _take_instead(self, asked: Question, length: Length) -> None:
        self.asking = None
        self.keys_here.accept(asked.key, length)

    def other_unit(self, asked: Question) -> Length | None:
        """The likeliest offer in a unit this field can keep and does not have now."""
        assert self._station is not None
        units = [unit for unit in units_of(self._station.field) if unit is not self.unit]
        return next((length.length for length in asked.offers if length.length.unit in units), None)

    # --- striking out -------------------------------------------------------

    def _back(self) -> None:
        if self.text:
            self.text = self.text[:-1]
        elif self.slides is not None:
            self.slides = None
        elif self._replacing or self._asked:
            self.rewind()
        else:
            here = self._newest_here()
            if here is None:
                self.strike_last()
            elif self.strike([here]):
                words = act_words([self.session.entries[here - 1]], self.unit, self.unit)
                self.message = means("keypad.struck-out-take-again-or", detail=words)

    def _newest_here(self) -> int | None:
        """The newest reading of this round taken at this very station."""
        if self.by_picking or self._station is None:
            return None
        key = self._station.key
        numbers = [taken.number for taken in self.taken_since() if taken.reading.station == key]
        if numbers:
            return numbers[-1]
        return None

    def back_words(self) -> Saying:
        """What Backspace would take back now, before it is pressed; nothing while something is
        typed.
        """
        if self.text or self.slides is not None or self._replacing or self._asked:
            return ""
        here = self._newest_here()
        if here is not None:
            words = act_words([self.session.entries[here - 1]], self.unit, self.unit)
            return means("keypad.backspace-strikes", entry=words)
        return undo_hint(self.session.undoable(self.since), self.unit, self.unit)

    def strike_last(self) -> None:
        """Take back the last act of this round and page, and go back to its station."""
        try:
            undoable = self.session.undo(self.since)
        except LogbookError as error:
            self.message = told_by(error)
            return
        if undoable.act is not None:
            self._back_to(undoable.act.entries[-1])
        self.message = undo_words(undoable, self.unit, self.unit)

    def _back_to(self, struck: AnyEntry) -> None:
        """To the station an entry was taken at, or with the hand to its fret."""
        keys = [s.key for s in self.round.stations]
        station = getattr(struck, "station", "")
        if isinstance(struck, Dial) and f"dial-{struck.lane}" in keys:
            self._go(keys.index(f"dial-{struck.lane}"))
            self.cursor = struck.fret
        elif station in keys:
            self._go(keys.index(station))
        elif isinstance(struck, Rock):
            self.cursor = struck.fret

    def strike(self, numbers: Sequence[int]) -> bool:
        """Strike entries, all or none; says why when the logbook refuses."""
        try:
            self.session.append(*(Strike(entry=number) for number in numbers))
        except LogbookError as error:
            self.message = told_by(error)
            return False
        return True

    # --- writing down -----------------------------------------------------

    def finish(self, reading: AnyReading) -> None:
        """Write a reading down and go on."""
        again = self.replacing
        if self.write(reading) and not again:
            self.go_on()

    def write(self, entry: AnyEntry, strike: Sequence[int] = ()) -> bool:
        """Put an entry on disk with today's state, striking what it replaces, all or none.

        On failure the typed number stays where it is.
        """
        if isinstance(entry, Reading):
            entry = structs.replace(
                entry, state=self.session.neck_state.state, error_mm=self.kit.error_of(entry)
            )
        entries: list[AnyEntry] = [entry]
        single = self.by_picking or self._replacing or self._asked
        # The round begins with its first reading, not when it is looked at.
        if not self.started and not single and not isinstance(entry, RoundStart):
            entries.insert(0, RoundStart(name=self.round.name))
        replaced = 0
        if isinstance(entry, Reading):
            replaced = self._replacing
        # The old reading goes in the same act in which the new one comes.
        struck = {*strike, *([replaced] if replaced else [])}
        try:
            self.session.append(*entries, *(Strike(entry=number) for number in sorted(struck)))
        except LogbookError as error:
            self.message = told_by(error)
            return False
        if replaced:
            self._replacing = 0
            self.rewind()
            self.message = means("keypad.taken-again-old-reading-struck")
        return True

    # --- what the bar shows -----------------------------------------------

    def readings_here(self) -> list[Taken]:
        """The live readings of the very place that is asked for, oldest first."""
        if self._station is None:
            return []
        return self.repeats.at(self.session.neck_state, self._station, self.cursor)

    def posts(self) -> tuple[tuple[bool, bool], ...]:
        """Per station: whether it is done (or needs nothing done), and whether the round is
        there now.
        """
        if self.by_picking:
            return ()
        neck_state = self.session.neck_state
        if self.started:
            done = neck_state.stations_done
        else:
            done = frozenset()
        # What can't tell anything on this neck is no part of the round.
        return tuple(
            (s.key in done or (i < self.index and s.kind == "state"), i == self.index)
            for i, s in enumerate(self.round.stations)
            if s.key in done or i == self.index or not tells_nothing(s, neck_state)
        )
