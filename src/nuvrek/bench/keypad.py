"""A measuring round driven by single keys: what each key does at each station.

Keys are named ``0``-``9``, ``.``, letters, ``enter``, ``+``, ``-``, ``*``, ``/``,
``back``, ``left``, ``right``, ``up`` and ``down``. Nothing here knows a window.
"""

from __future__ import annotations

from collections.abc import Callable

import msgspec

from nuvrek.bench.hints import LEAST_MM, MOST_MM, Question, View, question_hint, station_hint
from nuvrek.bench.session import Session
from nuvrek.logbook.store import LogbookError
from nuvrek.neck.description import Lane
from nuvrek.readings.check import question
from nuvrek.readings.kinds import (
    AnyEntry,
    CrownHeight,
    Dial,
    OthersStill,
    Rock,
    RoundStart,
    Side,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.readings.rounds import (
    Round,
    Station,
    already_so,
    next_station,
    prompt,
    resume_at,
    rocker_triples,
    round_of,
    with_strings,
)
from nuvrek.units import Length, LengthError, Unit, format_number, parse_length

_LONGEST_ENTRY = 14
_TYPED = set("0123456789.,'\"mthouinc ")


class Keypad:
    """The state of a round at the keypad."""

    def __init__(self, session: Session, name: str, unit_of: Callable[[str], Unit]) -> None:
        """Resume (or prepare) round ``name``; ``unit_of`` gives the unit of a station kind."""
        self.session = session
        self._unit_of = unit_of
        self.round: Round = round_of(name, session.present.neck)
        self.text = ""
        self.slides: Length | None = None
        self.asking: Question | None = None
        self.message = ""
        self.cursor = 0
        self.index = 0
        self.rewind()

    # --- where we are -----------------------------------------------------

    @property
    def started(self) -> bool:
        """Whether this round is the one the journal is in."""
        return self.session.present.round_name == self.round.name

    @property
    def since(self) -> int:
        """The journal number after which entries belong to this round."""
        return self.session.present.round_number if self.started else len(self.session.entries)

    @property
    def finished(self) -> bool:
        """Whether every station has been taken or passed."""
        return self.index >= len(self.round.stations)

    @property
    def station(self) -> Station | None:
        """The station now asked for, or None when the round is done."""
        return None if self.finished else self.round.stations[self.index]

    @property
    def unit(self) -> Unit:
        """The unit of a bare number at this station."""
        return self._unit_of(self.station.kind if self.station else "string-gap")

    def change_round(self, name: str) -> None:
        """Another round is wanted; it goes on where it was if the journal is in it."""
        self.round = round_of(name, self.session.present.neck)
        self.message = ""
        self.rewind()

    def rewind(self) -> None:
        """Go to where the journal says this round stands (also after the neck was described anew)."""
        self.round = round_of(self.round.name, self.session.present.neck)
        present, stations = self.session.present, self.round.stations
        if self.started:
            self._go(resume_at(stations, present))
        else:
            first = next((i for i, s in enumerate(stations) if not already_so(s, present)), len(stations))
            self._go(first)

    def fresh_stations(self) -> tuple[Station, ...]:
        """The stations this round would have for the neck as now described."""
        return round_of(self.round.name, self.session.present.neck).stations

    def start_afresh(self) -> None:
        """Begin the round again; earlier readings stay."""
        if self._write(RoundStart(name=self.round.name)):
            self.rewind()

    def _go(self, index: int) -> None:
        self.index = index
        self.text, self.slides, self.asking = "", None, None
        station = self.station
        self.cursor = 0
        if station is not None:
            triples = rocker_triples(self.session.present.neck)
            self.cursor = triples.start if station.kind == "sweep" else station.fret
            if station.kind == "dial":
                self.cursor = self._first_unread(station)

    def _next(self) -> None:
        self._go(next_station(self.round.stations, self.session.present, after=self.index))

    def _pass(self) -> None:
        """Leave this station open and go on; past the last one the round is over for now."""
        self._go(self.index + 1)

    def marked(self, lane: Lane) -> dict[int, Rock]:
        """Rocking places of this round on a lane: the newest live rock reading per fret."""
        present = self.session.present
        found: dict[int, Rock] = {}
        for one in present.taken:
            if one.number > self.since and isinstance(one.reading, Rock) and one.reading.lane == lane:
                found[one.reading.fret] = one.reading
        return {fret: rock for fret, rock in found.items() if rock.says == "rocks"}

    # --- keys -------------------------------------------------------------

    def press(self, key: str) -> None:
        """Do what ``key`` means here; keys without a meaning leave a hint, never an error."""
        self.message = ""
        if self.asking is not None:
            self._answer(key)
        elif key in ("up", "down"):
            self._go(max(0, min(self.index + (1 if key == "down" else -1), len(self.round.stations))))
        elif key in ("left", "right"):
            self._move(key)
        elif key == "back":
            self._back()
        elif key in ("+", "-") and self.station is not None and self.station.kind == "dial":
            self.text = self.text.lstrip("-") if key == "+" or self.text.startswith("-") else f"-{self.text}"
        elif len(key) == 1 and key in _TYPED:
            self._type(key)
        elif self.station is None:
            self.message = "" if key == "enter" else "The round is done. Up goes back to a station."
        elif key == "enter":
            self._enter(self.station)
        elif key in ("+", "-"):
            self._leaf(key, self.station)
        elif key in ("*", "/"):
            self._rocker_key(key, self.station)

    def _type(self, key: str) -> None:
        if self.station is not None and self.station.kind == "state":
            self.message = "No number here. Enter when it is so."
        elif len(self.text) < _LONGEST_ENTRY and (self.text or key != " "):
            self.text += key

    def _move(self, key: str) -> None:
        station = self.station
        if station is None or station.kind not in ("sweep", "string-gap", "dial"):
            return
        step = 1 if (key == "right") != self.session.present.neck.nut_on_right else -1
        if station.kind == "sweep":
            triples = rocker_triples(self.session.present.neck)
            low, high = triples.start, triples.stop - 1
        elif station.kind == "dial":
            low, high = 1, self.session.present.neck.frets
        else:
            low, high = station.supports[0] + 1, station.supports[1] - 1
        self.cursor = max(low, min(high, self.cursor + step))

    def point_at(self, fret: int) -> None:
        """The hand (or the mouse) goes to ``fret``."""
        station = self.station
        if (
            station is not None
            and station.kind == "sweep"
            and fret in rocker_triples(self.session.present.neck)
        ) or (
            station is not None
            and station.kind == "string-gap"
            and station.supports[0] < fret < station.supports[1]
        ):
            self.cursor = fret

    def gauge(self, sent: str) -> None:
        """A gauge sent a reading: taken as if typed, unless something typed or asked stands in the way."""
        station = self.station
        if station is None or station.kind == "state":
            self.message = f"The gauge sent {sent}, but nothing is asked for now. It was not taken."
        elif self.text or self.asking is not None:
            self.message = f"The gauge sent {sent} while something was typed. It was not taken."
        else:
            self.message, self.text = "", sent
            self._take("enter", station)

    def _back(self) -> None:
        if self.text:
            self.text = self.text[:-1]
        elif self.slides is not None:
            self.slides = None
        else:
            self.strike_last()

    def strike_last(self) -> None:
        """Strike the newest entry of this round and go back to its station."""
        try:
            struck = self.session.undo(self.since)
        except LogbookError as error:
            self.message = str(error)
            return
        if struck is None:
            self.message = "Nothing in this round to strike out."
            return
        keys = [s.key for s in self.round.stations]
        station = getattr(struck, "station", "")
        if isinstance(struck, Dial) and f"dial-{struck.lane}" in keys:
            self._go(keys.index(f"dial-{struck.lane}"))
            self.cursor = struck.fret
        elif station in keys:
            self._go(keys.index(station))
        elif isinstance(struck, Rock):
            self.cursor = struck.fret
        self.message = "Struck out. Take it again, or go on."

    # --- taking a value ---------------------------------------------------

    def _enter(self, station: Station) -> None:
        if station.kind == "state":
            if self._write(
                StateChange(
                    state=with_strings(self.session.present.state, station.state), station=station.key
                )
            ):
                self._next()
        elif self.text:
            self._take("enter", station)
        elif self.slides is not None:
            self._finish_gap(station, slides=self.slides, drags=None)
        elif station.kind == "sweep":
            self._others_still(station)
        else:
            self._pass()

    def _leaf(self, key: str, station: Station) -> None:
        if station.kind not in ("string-gap", "sweep"):
            self.message = "Leaves go with gaps. Type the height and press Enter."
        elif not self.text:
            self.message = "Type the leaf first, then + if it slides or - if it drags."
        else:
            self._take(key, station)

    def _take(self, key: str, station: Station) -> None:
        try:
            typed = parse_length(self.text, self._unit_of(station.kind))
        except LengthError as error:
            self.message = str(error)
            return
        asked = question(station.kind, self.text, typed)
        if asked is not None:
            self.asking = Question(key, typed, asked[1], asked[0])
            return
        self._accept(key, station, typed)

    def _answer(self, key: str) -> None:
        asked, station = self.asking, self.station
        if asked is None or station is None:
            self.asking = None
        elif key == "enter" and asked.meaning is not None:
            self.asking = None
            self._accept(asked.key, station, asked.meaning.length)
        elif key == "/" or (key == "enter" and asked.meaning is None):
            self.asking = None
            self._accept(asked.key, station, asked.typed)
        elif key == "back":
            self.asking, self.text = None, ""

    def _accept(self, key: str, station: Station, typed: Length) -> None:
        if not LEAST_MM <= typed.mm <= MOST_MM:
            self.message = "That can't be a reading on a neck. Type it again."
            self.text = ""
            return
        if station.kind == "crown-height":
            self._finish(
                CrownHeight(
                    lane=station.lane,
                    fret=station.fret,
                    height_mm=min(max(typed.mm, 0.0), 5.0),
                    station=station.key,
                )
            )
        elif station.kind == "string-height":
            side: Side = "bass" if station.lane == "bass" else "treble"
            self._finish(
                StringHeight(side=side, fret=station.fret, height_mm=max(typed.mm, 0.0), station=station.key)
            )
        elif station.kind == "dial":
            self._dial(station, typed)
        elif key == "+":
            self.slides, self.text = typed, ""
        elif key == "-":
            self._finish_gap(station, slides=self.slides, drags=typed)
        else:
            self._finish_gap(station, number=typed)

    def _finish_gap(
        self,
        station: Station,
        number: Length | None = None,
        slides: Length | None = None,
        drags: Length | None = None,
    ) -> None:
        if slides is not None and drags is not None and slides.mm >= drags.mm:
            self.message = "The leaf that slides should be thinner than the one that drags."
            self.text = ""
            return
        gap_mm = number.mm if number else None
        slides_mm = slides.mm if slides else None
        drags_mm = drags.mm if drags else None
        if station.kind == "sweep":
            rock = Rock(
                lane=station.lane,
                fret=self.cursor,
                says="rocks",
                gap_mm=gap_mm,
                slides_mm=slides_mm,
                drags_mm=drags_mm,
            )
            if self._write(rock):
                self.text, self.slides = "", None
            return
        low, high = station.supports
        gap = StringGap(
            lane=station.lane,
            low_support=low,
            high_support=high,
            fret=self.cursor or station.fret,
            by=station.by,
            gap_mm=gap_mm,
            slides_mm=slides_mm,
            drags_mm=drags_mm,
            station=station.key,
        )
        self._finish(gap)

    def _first_unread(self, station: Station) -> int:
        """Where a run that was left goes on: the first fret of its lane without a reading."""
        present = self.session.present
        read = {
            one.reading.fret
            for one in present.taken
            if one.number > self.since and isinstance(one.reading, Dial) and one.reading.lane == station.lane
        }
        return next((fret for fret in range(1, present.neck.frets + 1) if fret not in read), 1)

    def _dial(self, station: Station, typed: Length) -> None:
        """One press of the run: the fret moves on by itself; a fret taken again replaces its reading."""
        present = self.session.present
        run = present.round_number if self.started else len(self.session.entries) + 1
        last = self.cursor >= present.neck.frets
        earlier = [
            one.number
            for one in present.taken
            if isinstance(one.reading, Dial)
            and (one.reading.run, one.reading.lane, one.reading.fret) == (run, station.lane, self.cursor)
        ]
        key = station.key if last else ""
        dial = Dial(lane=station.lane, fret=self.cursor, run=run, reading_mm=typed.mm, station=key)
        if not self._write(dial):
            return
        for number in earlier:
            try:
                self.session.strike(number)
            except LogbookError as error:
                self.message = str(error)
        if last:
            self._next()
        else:
            self.cursor, self.text = self.cursor + 1, ""

    # --- the rocker sweep -------------------------------------------------

    def _rocker_key(self, key: str, station: Station) -> None:
        if station.kind != "sweep":
            self.message = "Rocks and still belong to the rocker."
            return
        if self.text and not self._fret_from_text():
            return
        if key == "/":
            self._write(Rock(lane=station.lane, fret=self.cursor, says="still"))
        elif self.cursor in self.marked(station.lane):
            self._unmark(station.lane)
        elif self._write(Rock(lane=station.lane, fret=self.cursor, says="rocks")):
            self.message = f"Fret {self.cursor} rocks. A leaf under it? Type it, or go on."

    def _fret_from_text(self) -> bool:
        triples = rocker_triples(self.session.present.neck)
        text, self.text = self.text, ""
        if text.isascii() and text.isdigit() and int(text) in triples:
            self.cursor = int(text)
            return True
        self.message = f"The rocker's middle fret is {triples.start} to {triples.stop - 1}, not {text}."
        return False

    def _unmark(self, lane: Lane) -> None:
        present = self.session.present
        numbers = [
            one.number
            for one in present.taken
            if one.number > self.since
            and isinstance(one.reading, Rock)
            and (one.reading.lane, one.reading.fret) == (lane, self.cursor)
        ]
        try:
            for number in numbers:
                self.session.strike(number)
        except LogbookError as error:
            self.message = str(error)
            return
        self.message = f"Fret {self.cursor} is unmarked."

    def _others_still(self, station: Station) -> None:
        said = {
            one.reading.fret
            for one in self.session.present.taken
            if one.number > self.since and isinstance(one.reading, Rock) and one.reading.lane == station.lane
        }
        still = tuple(f for f in rocker_triples(self.session.present.neck) if f not in said)
        self._finish(OthersStill(lane=station.lane, frets=still, station=station.key))

    # --- writing down -----------------------------------------------------

    def _finish(self, entry: AnyEntry) -> None:
        if self._write(entry):
            self._next()

    def _write(self, entry: AnyEntry) -> bool:
        """Put an entry on disk with today's state; on failure the typed number stays where it is."""
        if hasattr(entry, "state") and not isinstance(entry, StateChange):
            entry = msgspec.structs.replace(entry, state=self.session.present.state)
        try:
            if not self.started and not isinstance(entry, RoundStart):
                self.session.append(RoundStart(name=self.round.name))
            self.session.append(entry)
        except LogbookError as error:
            self.message = str(error)
            return False
        return True

    # --- what the bar shows -----------------------------------------------

    def view(self) -> View:
        """The bench bar's words for this moment."""
        stations = self.round.stations
        done = sum(done for done, _now in self.posts())
        return View(
            prompt=self._prompt(),
            number=self.text,
            unit="in/64" if self.unit is Unit.SIXTYFOURTH else self.unit.value,
            slides=format_number(self.slides.mm, self.unit) if self.slides else "",
            question=self.asking.words if self.asking else "",
            message=self.message,
            hint=question_hint(self.asking.typed, self.asking.meaning)
            if self.asking
            else station_hint(self.station),
            done=done,
            total=len(stations),
            finished=self.finished,
        )

    def posts(self) -> tuple[tuple[bool, bool], ...]:
        """Per station: whether it is done (or needs nothing done), and whether the round is there now."""
        present = self.session.present
        done = present.stations_done if self.started else frozenset()
        return tuple(
            (s.key in done or (i < self.index and already_so(s, present)), i == self.index)
            for i, s in enumerate(self.round.stations)
        )

    def _prompt(self) -> str:
        if self.station is not None:
            return prompt(self.station, self.cursor)
        left = sum(not done for done, _now in self.posts())
        return "Round done." if not left else f"End of the round. {left} left open: Up goes back."
