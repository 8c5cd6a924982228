"""The journal: entries in order, and the state of a neck folded from them."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date

from msgspec import Struct, structs

from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.readings.entries import (
    Agreed,
    AnyEntry,
    AnyReading,
    Chosen,
    Describe,
    Filed,
    FretWork,
    Heard,
    Heated,
    NewWire,
    Note,
    OthersClean,
    Promise,
    Reading,
    RodMove,
    RoundStart,
    Seated,
    State,
    StateChange,
    StepDone,
    Strike,
    Tested,
    Trued,
)
from nuvrek.readings.kinds import highest_fret, highest_string
from nuvrek.readings.owner.dealings import Dealings, dealt
from nuvrek.readings.owner.entries import LookedOver, OwnerEntry
from nuvrek.readings.refret.entries import FretSays, FretStage
from nuvrek.readings.refret.stages import TAKEN_OUT
from nuvrek.readings.shop.entries import Pause, Promised, PutAway, SeasonLook, WaitsFor

# After so many days it is another visit: the neck may have moved meanwhile (common practice, no
# source).
ANOTHER_VISIT_DAYS = 14
# So long a journal may be; ten busy years of one neck are 3,000 entries.
MOST_ENTRIES = 20_000

# The step whose tick says that the nut of a rod was mended.
NUT_MENDED = "free-nut"
# The step whose tick says that what was filed is round again.
CROWNED = "crown"
# The step whose tick says that all worn crowns were re-profiled before any file: no flat is left,
# a groove may be.
REPROFILED = "crown-worn"
# The steps whose ticks say that the strings lie otherwise at nut or zero fret since.
NUT_WORKED = ("nut-slots", "zero-fret", "nut-new")


class Taken(Struct, frozen=True):
    """A live reading with its number in the journal and the surface it was taken on.

    ``surface`` counts, per (fret, lane), how often that top was filed or seated before.
    """

    number: int
    reading: AnyReading
    surface: dict[tuple[int, Lane], int]


class NutWork(Struct, frozen=True):
    """What stands at the nut is another height from then on, and nobody said which."""


class Work(Struct, frozen=True):
    """Work in the order it was done: seating, filing, new wire, or the nut, with the surfaces it
    made.
    """

    number: int
    entry: Seated | Filed | FretWork | NutWork
    surfaces: dict[tuple[int, Lane], int]


class Later(Struct, frozen=True):
    """So many days passed without a reading: season and creep may have moved the neck."""

    days: int
    day: str = ""


# What bends a neck in a way that the turns of a rod don't tell.
Shift = RodMove | Heated | Later | Trued | FretWork


class NeckState(Struct, frozen=True):
    """What is known of one neck after its journal so far."""

    neck: NeckDescription
    taken: tuple[Taken, ...] = ()
    work: tuple[Work, ...] = ()
    state: State = State()
    # What changed the bend in a way turns alone don't tell: rod moves, heat and time, wood taken
    # off, frets pulled and fitted, with their numbers.
    shifts: tuple[tuple[int, Shift], ...] = ()
    last_day: str = ""
    # What the ear last said of (string, fret) since the neck was last changed.
    heard: dict[tuple[int, int], str] = {}
    # What quick tests showed since then, by their kind.
    tests: dict[str, str] = {}
    round_name: str = ""
    round_number: int = 0
    rounds: tuple[int, ...] = ()  # the entries with which each began
    stations_done: frozenset[str] = frozenset()
    agreed: Agreed = Agreed()
    chosen: Chosen | None = None
    chosen_number: int = 0
    # What new wire promised, while the level that follows it is in hand.
    new_wire_promise: Promise | None = None
    steps_done: dict[str, str] = {}
    # The entry that said that the rod's nut was mended.
    nut_mended: int = 0
    # The entry that had the rod turned back because the relief went the other way.
    turned_back: int = 0
    surface: dict[tuple[int, Lane], int] = {}
    # The day promised, what the neck waits for, and when its step was left (empty: it was not).
    promised: str = ""
    waits: WaitsFor | None = None
    season_look: bool = False
    left_at: str = ""
    away: bool = False
    # How the job stands with the owner.
    dealings: Dealings = Dealings()
    # What is agreed on new wire, wood taken off the board, what was last said of each fret at each
    # stage, the frets that are out, and when each was last pulled or fitted.
    new_wire: NewWire = NewWire()
    truings: tuple[tuple[int, Trued], ...] = ()
    fret_work: dict[tuple[FretStage, int], FretSays] = {}
    out: frozenset[int] = frozenset()
    renewed: dict[int, int] = {}
    # When the crown of a fret was last rounded after the file, and when all worn ones were
    # re-profiled.
    crowned: dict[int, int] = {}
    reprofiled: int = 0
    # The highest fret and string any live reading or work speaks of.
    highest: tuple[int, int] = (0, 0)
    # The words of notes since body and neck were last looked over.
    notes: tuple[str, ...] = ()
    length: int = 0

    @property
    def rod_moves(self) -> tuple[tuple[int, RodMove], ...]:
        """The rod moves with their numbers."""
        return tuple((number, move) for number, move in self.shifts if isinstance(move, RodMove))

    def stands(self, number: int, fret: int) -> bool:
        """Whether what entry ``number`` says of a fret is about the wire that is in there now."""
        return number > self.renewed.get(fret, 0)

    def same_crown(self, taken: Taken, fret: int) -> bool:
        """Whether a reading is of the crown that a fret has now: neither filed nor rounded since,
        on any lane.
        """
        if taken.number < self.crowned.get(fret, 0):
            return False
        return all(
            taken.surface.get((fret, lane), 0) == self.surface.get((fret, lane), 0)
            for lane in LANES
        )

    @property
    def heats(self) -> tuple[tuple[int, Heated], ...]:
        """The cycles of heat with their numbers."""
        return tuple((number, heat) for number, heat in self.shifts if isinstance(heat, Heated))


def live_numbers(entries: Sequence[AnyEntry]) -> list[int]:
    """Numbers (from 1) of the entries that are not struck out, in order.

    A strike may itself be struck, which brings its entry back. Strikes only reach backwards, so one
    walk from the end settles all of them.
    """
    struck: set[int] = set()
    for number in range(len(entries), 0, -1):
        entry = entries[number - 1]
        if isinstance(entry, Strike) and number not in struck and entry.entry < number:
            struck.add(entry.entry)
    return [
        n
        for n in range(1, len(entries) + 1)
        if n not in struck and not isinstance(entries[n - 1], Strike)
    ]


def fold(neck: NeckDescription, entries: Sequence[AnyEntry]) -> NeckState:
    """The state of ``neck`` after ``entries``."""
    start = NeckState(neck=neck, state=_strung(neck, State()), out=_never_in(neck))
    folding = _Folding(start)
    for number in live_numbers(entries):
        folding.add(number, entries[number - 1])
    return folding.state_at(len(entries))


def advance(neck_state: NeckState, number: int, *entries: AnyEntry) -> NeckState | None:
    """The state after more entries, the first of them ``number``, or None where only a new fold
    can tell (a strike).
    """
    if any(isinstance(entry, Strike) for entry in entries):
        return None
    folding = _Folding(neck_state)
    for at, entry in enumerate(entries, number):
        folding.add(at, entry)
    return folding.state_at(number + len(entries) - 1)


def _never_in(neck: NeckDescription) -> frozenset[int]:
    """The frets of a new board, which are out until they are fitted."""
    if not neck.no_frets:
        return frozenset()
    return frozenset(range(1, neck.frets + 1))


def _strung(neck: NeckDescription, state: State) -> State:
    """A bare neck has nothing at pitch."""
    if neck.bare:
        return structs.replace(state, strings="slack")
    return state


class _Folding:
    """Takes up entry after entry; what grows lies in lists, so that a long journal is read in one
    go.
    """

    def __init__(self, neck_state: NeckState) -> None:
        self.neck_state = neck_state
        self.taken, self.work, self.shifts = (
            list(neck_state.taken),
            list(neck_state.work),
            list(neck_state.shifts),
        )
        self.heard, self.steps = dict(neck_state.heard), dict(neck_state.steps_done)
        self.tests = dict(neck_state.tests)
        self.stations = set(neck_state.stations_done)
        self.highest, self.last_day = neck_state.highest, neck_state.last_day
        self.state, self.surface = neck_state.state, neck_state.surface
        self.truings, self.fret_work = list(neck_state.truings), dict(neck_state.fret_work)
        self.out, self.renewed = set(neck_state.out), dict(neck_state.renewed)
        self.crowned = dict(neck_state.crowned)

    def state_at(self, length: int) -> NeckState:
        """The state after all that was added, of a journal of ``length`` entries."""
        return structs.replace(
            self.neck_state,
            taken=tuple(self.taken),
            work=tuple(self.work),
            shifts=tuple(self.shifts),
            state=self.state,
            surface=self.surface,
            heard=self.heard,
            tests=self.tests,
            steps_done=self.steps,
            stations_done=frozenset(self.stations),
            truings=tuple(self.truings),
            fret_work=self.fret_work,
            out=frozenset(self.out),
            renewed=self.renewed,
            crowned=self.crowned,
            highest=self.highest,
            last_day=self.last_day,
            length=length,
        )

    def add(self, number: int, entry: AnyEntry) -> None:
        """Take up one live entry."""
        match entry:
            case Reading():
                self._read(number, entry)
            # A joint past the last fret (old logbooks let it in) describes no neck.
            case Describe(neck=neck) if neck.joint_fret <= neck.frets:
                if not self.renewed:
                    self.out = self.out - _never_in(self.neck_state.neck) | _never_in(neck)
                self.neck_state = structs.replace(self.neck_state, neck=neck)
                self.state = _strung(neck, self.state)
            case RoundStart(name=name):
                self.neck_state = structs.replace(
                    self.neck_state,
                    round_name=name,
                    round_number=number,
                    rounds=(*self.neck_state.rounds, number),
                )
                self.stations = set()
            case StateChange(state=state, station=station):
                self.state = _counted(state, len(self.shifts), len(self.truings))
                self.stations.add(station)
            case RodMove():
                self._turned(number, entry)
            case Heated():
                self._shifted(number, entry)
                self.heard, self.tests = {}, {}
            case Heard(string=string, fret=fret, says=says):
                self._listened({(string, fret): says})
            case OthersClean(string=string, frets=frets):
                self._listened({(string, fret): "clean" for fret in frets})
            case Tested(test=test, says=says):
                self.tests[test] = says
            case Seated() | Filed():
                self._worked(number, entry)
            case Agreed():
                self.neck_state = structs.replace(self.neck_state, agreed=entry)
                self._reaches(highest_fret(entry))
            case Chosen():
                promise = _promised_before(self.neck_state, entry)
                self.neck_state = structs.replace(
                    self.neck_state, chosen=entry, chosen_number=number, new_wire_promise=promise
                )
                if entry.way == "rod-back":
                    self.neck_state = structs.replace(self.neck_state, turned_back=number)
                self.steps, self.fret_work = {}, {}
            case NewWire() | Trued() | FretWork():
                self._refretted(number, entry)
            case StepDone():
                self._ticked(number, entry)
            case _:
                self._arranged(number, entry)

    def _ticked(self, number: int, done: StepDone) -> None:
        """A step is done; some say more than that."""
        self.steps[done.step] = done.at
        self.neck_state = structs.replace(self.neck_state, left_at="")
        if done.step == NUT_MENDED:
            self.neck_state = structs.replace(self.neck_state, nut_mended=number)
        if done.step in NUT_WORKED:
            self._worked(number, NutWork())
        if done.step == REPROFILED:
            self.neck_state = structs.replace(self.neck_state, reprofiled=number)
        chosen = self.neck_state.chosen
        if done.step == CROWNED and chosen is not None:
            filed = {*chosen.frets, *(fret for fret, _, _ in chosen.off)}
            self.crowned |= dict.fromkeys(filed, number)

    def _arranged(self, number: int, entry: AnyEntry) -> None:
        """What the shop and the owner arrange between them; of other entries nothing is kept."""
        match entry:
            case Promised(day=day):
                self.neck_state = structs.replace(self.neck_state, promised=day)
            case WaitsFor(what=what):
                waits = None if what == "nothing" else entry
                self.neck_state = structs.replace(self.neck_state, waits=waits)
            case SeasonLook(wanted=wanted):
                self.neck_state = structs.replace(self.neck_state, season_look=wanted)
            case PutAway(what=what):
                self.neck_state = structs.replace(self.neck_state, away=what == "away")
            case Pause(what=what, at=at):
                self.neck_state = structs.replace(
                    self.neck_state, left_at=at if what == "left" else ""
                )
            case Note(text=text) if text.strip():
                notes = (*self.neck_state.notes, text.strip())
                self.neck_state = structs.replace(self.neck_state, notes=notes)
            case _ if isinstance(entry, OwnerEntry):
                if isinstance(entry, LookedOver):
                    self.neck_state = structs.replace(self.neck_state, notes=())
                dealings = dealt(self.neck_state.dealings, number, entry)
                self.neck_state = structs.replace(self.neck_state, dealings=dealings)
                self._reaches(highest_fret(entry))
            case _:
                pass

    def _reaches(self, fret: int, string: int = 0) -> None:
        self.highest = (max(self.highest[0], fret), max(self.highest[1], string))

    def _read(self, number: int, reading: AnyReading) -> None:
        day = reading.at[:10]
        # Two weeks without a reading may have moved the neck by themselves.
        if day != self.last_day:
            if (days := _days(self.last_day, day)) >= ANOTHER_VISIT_DAYS:
                self._shifted(number, Later(days, day))
            self.last_day = day or self.last_day
        counted = _counted(reading.state, len(self.shifts), len(self.truings))
        if counted != reading.state:
            reading = structs.replace(reading, state=counted)
        self.taken.append(Taken(number, reading, self.surface))
        self._reaches(highest_fret(reading), highest_string(reading))
        if reading.station:
            self.stations.add(reading.station)

    def _shifted(self, number: int, shift: Shift) -> None:
        self.shifts.append((number, shift))
        self.state = _counted(self.state, len(self.shifts), len(self.truings))

    def _refretted(self, number: int, entry: NewWire | Trued | FretWork) -> None:
        """What a refret writes down."""
        self._reaches(highest_fret(entry))
        match entry:
            case NewWire():
                self.neck_state = structs.replace(self.neck_state, new_wire=entry)
            case Trued():
                self.truings.append((number, entry))
                self._shifted(number, entry)
            case FretWork():
                self._fretted(number, entry)

    def _fretted(self, number: int, work: FretWork) -> None:
        """Frets pulled are out, fitted ones stand on a surface of their own."""
        for fret in work.frets:
            self.fret_work[work.stage, fret] = work.says
        if work.stage == "pull":
            self.out |= {*work.frets}
            self.renewed |= dict.fromkeys(work.frets, number)
            self._shifted(number, work)
        if work.stage == "fit" and work.says in TAKEN_OUT:
            self.out |= {*work.frets}
        elif work.stage == "fit":
            self.out -= {*work.frets}
            self.renewed |= dict.fromkeys(work.frets, number)
            self._worked(number, work)
            self._shifted(number, work)

    def _turned(self, number: int, move: RodMove) -> None:
        """The rod was moved; a move without a side moves both of twin rods."""
        low = 0.0 if move.side == "treble" else move.turns
        if move.side == "bass" or self.neck_state.neck.rod != "twin":
            high = 0.0
        else:
            high = move.turns
        self.state = structs.replace(
            self.state,
            rod_turns=self.state.rod_turns + low,
            rod_high_turns=self.state.rod_high_turns + high,
        )
        self._shifted(number, move)
        self.heard, self.tests = {}, {}

    def _listened(self, said: dict[tuple[int, int], str]) -> None:
        self.heard.update(said)
        for string, fret in said:
            self._reaches(fret, string)

    def _worked(self, number: int, entry: Seated | Filed | FretWork | NutWork) -> None:
        match entry:
            case NutWork():
                places = [(0, lane) for lane in LANES]
            case Seated(fret=fret):
                places = [(fret, lane) for lane in LANES]
            case FretWork(frets=frets):
                places = [(fret, lane) for fret in frets for lane in LANES]
            case Filed(off=off):
                places = [(fret, lane) for fret, lane, _ in off]
        # A new mapping for each work: readings keep the one they were taken on.
        self.surface = dict(self.surface)
        for place in places:
            self.surface[place] = self.surface.get(place, 0) + 1
            self._reaches(place[0])
        self.work.append(Work(number, entry, {place: self.surface[place] for place in places}))
        self.heard, self.tests = {}, {}


def _promised_before(neck_state: NeckState, chosen: Chosen) -> Promise | None:
    """What new wire promised, where ``chosen`` is gone after it."""
    before = neck_state.chosen
    if before is None or chosen.way not in before.course:
        return None
    if before.way.startswith("refret"):
        return before.promise
    return neck_state.new_wire_promise


def _days(before: str, after: str) -> int:
    """Days from one date to another, 0 where one of them is missing or no date."""
    try:
        return (date.fromisoformat(after) - date.fromisoformat(before)).days
    except ValueError:
        return 0


def _counted(state: State, moves: int, trued: int) -> State:
    """The state with the number of shifts before it, and how often wood was taken off."""
    if (state.rod_moves, state.trued) == (moves, trued):
        return state
    return structs.replace(state, rod_moves=moves, trued=trued)


def fitting(neck_state: NeckState) -> tuple[NeckState, tuple[int, ...]]:
    """``now`` without readings and work that name frets or strings the neck, as described today,
    doesn't have.

    Also the numbers of the readings left out; they stay in the journal.
    """
    if (
        neck_state.highest[0] <= neck_state.neck.frets
        and neck_state.highest[1] <= neck_state.neck.strings
    ):
        return neck_state, ()
    from nuvrek.readings.check import neck_faults

    def fits(number: int, entry: AnyEntry) -> bool:
        return not neck_faults(entry, neck_state.neck, number)

    taken = tuple(
        reading_taken
        for reading_taken in neck_state.taken
        if fits(reading_taken.number, reading_taken.reading)
    )
    left_out = tuple(
        reading_taken.number
        for reading_taken in neck_state.taken
        if not fits(reading_taken.number, reading_taken.reading)
    )
    surface = {
        place: surfaces
        for place, surfaces in neck_state.surface.items()
        if place[0] <= neck_state.neck.frets
    }
    work = tuple(_within(w, neck_state.neck.frets) for w in neck_state.work)
    agreed = structs.replace(
        neck_state.agreed,
        untouched=tuple(
            fret for fret in neck_state.agreed.untouched if fret <= neck_state.neck.frets
        ),
        fall_from=None
        if (neck_state.agreed.fall_from or 0) > neck_state.neck.frets
        else neck_state.agreed.fall_from,
    )
    fret_work = {
        place: says
        for place, says in neck_state.fret_work.items()
        if place[1] <= neck_state.neck.frets
    }
    out = frozenset(fret for fret in neck_state.out if fret <= neck_state.neck.frets)
    within = structs.replace(neck_state, taken=taken, surface=surface, work=work, agreed=agreed)
    return structs.replace(within, fret_work=fret_work, out=out), left_out


def _within(work: Work, frets: int) -> Work:
    return structs.replace(
        work,
        surfaces={
            place: surfaces for place, surfaces in work.surfaces.items() if place[0] <= frets
        },
    )
