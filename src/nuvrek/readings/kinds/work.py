"""Entries that are no readings: work done, what was heard, agreed and chosen, notes."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Named, Saying, Word, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription, description_faults
from nuvrek.neck.wire import wire_faults
from nuvrek.readings.entries import (
    Agreed,
    Chosen,
    Describe,
    Filed,
    FretWork,
    Heard,
    Heated,
    NewWire,
    Note,
    OthersClean,
    RodMove,
    RoundStart,
    Seated,
    StepDone,
    Strike,
    Tested,
    Trued,
)
from nuvrek.readings.kinds.record import EntryRecord
from nuvrek.readings.refret.stages import SWEEPS
from nuvrek.readings.rod_words import move_words
from nuvrek.units import Unit


def _no_frets(_entry: object) -> frozenset[int]:
    return frozenset()


def _rod_place(move: RodMove) -> Saying:
    if move.side is None:
        return means("stations.rod")
    return means("stations.rod-with-lane-words", lane_words=LANE_WORDS[move.side])


ROD_MOVE = EntryRecord(
    type=RodMove,
    place=_rod_place,
    value=lambda move, _unit, _heights: move_words(move),
    frets=_no_frets,
    page="Work",
)
HEATED = EntryRecord(
    type=Heated,
    place=lambda _heat: Word("heat"),
    value=lambda _heat, _unit, _heights: means("stations.neck-heated"),
    frets=_no_frets,
    page="Work",
)


def _heard_place(heard: Heard) -> Saying:
    if heard.fret:
        note = means("stations.fret", fret=heard.fret)
    else:
        note = means("stations.open")
    return means("stations.string-with-string-note", string=heard.string, note=note)


HEARD = EntryRecord(
    type=Heard,
    place=_heard_place,
    value=lambda heard, _unit, _heights: Word(heard.says),
    page="String room",
)
OTHERS_CLEAN = EntryRecord(
    type=OthersClean,
    place=lambda clean: means("stations.all-other-notes-string", string=clean.string),
    value=lambda _clean, _unit, _heights: Word("clean"),
    frets=lambda clean: frozenset(clean.frets),
    page="String room",
)


TESTED = EntryRecord(
    type=Tested,
    place=lambda tested: means(f"causes.test-{tested.test}"),
    value=lambda tested, _unit, _heights: Word(tested.says),
    frets=lambda _tested: frozenset(),
    page="Choose",
)


def seat_words(seated: Seated) -> Saying:
    """What became of a fret that was pressed or tapped home."""
    if seated.holds == "not tried":
        holds = ""
    else:
        holds = seated.holds
    glued = means("stations.glued") if seated.glued else ""
    how: Saying = Word(seated.how)
    if seated.where != "whole":
        how = means(f"stations.seated-{seated.where}", how=how)
    said = (how, Word(seated.stopped), glued, Word(holds))
    return meaning.listed(said, by=",")


SEATED = EntryRecord(
    type=Seated,
    place=lambda seated: means("stations.fret", fret=seated.fret),
    value=lambda seated, _unit, _heights: seat_words(seated),
    page="Work",
)
AGREED = EntryRecord(
    type=Agreed,
    place=lambda _agreed: "",
    value=lambda _agreed, _unit, _heights: means("stations.agreed-filing"),
    frets=lambda agreed: frozenset((agreed.fall_from or 0, *agreed.untouched)),
    page="Filing",
)


def _filed_frets(filed: Filed) -> frozenset[int]:
    return frozenset(fret for fret, _, _ in filed.off)


FILED = EntryRecord(
    type=Filed,
    place=lambda filed: means("stations.frets", number=len(_filed_frets(filed))),
    value=lambda _filed, _unit, _heights: Word("filed"),
    frets=_filed_frets,
    page="Work",
)


def _new_wire_frets(terms: NewWire) -> frozenset[int]:
    return frozenset((*terms.frets, *(fret for fret, _ in terms.corners)))


def _wire_words(terms: NewWire) -> Saying:
    if terms.wire is None:
        return means("stations.new-wire")
    return Word(terms.wire.name)


def _new_wire_faults(terms: NewWire, _neck: NeckDescription, _number: int) -> list[Saying]:
    if terms.wire is None:
        return []
    return wire_faults(terms.wire)


NEW_WIRE = EntryRecord(
    type=NewWire,
    place=lambda _terms: "",
    value=lambda terms, _unit, _heights: means(
        "stations.agreed-with-wire-words", wire_words=_wire_words(terms)
    ),
    frets=_new_wire_frets,
    faults=_new_wire_faults,
    page="New wire",
)
TRUED = EntryRecord(
    type=Trued,
    place=lambda _trued: Word("fretboard"),
    value=lambda _trued, _unit, _heights: means("stations.wood-taken-off"),
    frets=lambda trued: frozenset(fret for fret, _, _ in trued.off),
    page="Work",
)


def _fret_work_words(work: FretWork, _unit: Unit, _heights: Unit) -> Saying:
    if work.says == "fine":
        saying = SWEEPS[work.stage].fine
    else:
        saying = work.says
    return means("stations.title-detail", title=SWEEPS[work.stage].title, detail=saying)


FRET_WORK = EntryRecord(
    type=FretWork,
    place=lambda work: meaning.frets(work.frets),
    value=_fret_work_words,
    frets=lambda work: frozenset(work.frets),
    page="Work",
)
CHOSEN = EntryRecord(
    type=Chosen,
    place=lambda _chosen: means("stations.way-taken"),
    value=lambda chosen, _unit, _heights: Named("way", chosen.way),
    frets=_no_frets,
    page="Choose",
)
STEP_DONE = EntryRecord(
    type=StepDone,
    place=lambda _done: means("stations.step"),
    value=lambda done, _unit, _heights: means("stations.quoted", what=Named("step", done.step)),
    frets=_no_frets,
    page="Work",
)


def _description_faults(entry: Describe, _neck: NeckDescription, _number: int) -> list[Saying]:
    return description_faults(entry.neck)


DESCRIBE = EntryRecord(
    type=Describe,
    place=lambda _entry: means("stations.description"),
    value=lambda _entry, _unit, _heights: Word("changed"),
    frets=_no_frets,
    faults=_description_faults,
    page="Take in",
)
ROUND_START = EntryRecord(
    type=RoundStart,
    place=lambda _start: means("stations.round-begun"),
    value=lambda start, _unit, _heights: Named("round", start.name),
    frets=_no_frets,
)


JPEG_BEGINS = b"\xff\xd8\xff"
# So much of a note stands in a line.
_SHORT = 40


def _note_faults(note: Note, _neck: NeckDescription, number: int) -> list[Saying]:
    if not note.text and note.photo is None:
        return [means("stations.empty-note-give-text-or")]
    if note.photo is not None and not note.photo.startswith(JPEG_BEGINS):
        return [means("stations.photo-no-jpeg")]
    if note.about is not None and note.about >= number:
        return [means("stations.about-entry-which-not-before", about=note.about)]
    return []


def _note_words(note: Note, _unit: Unit, _heights: Unit) -> str:
    if len(note.text) <= _SHORT:
        return note.text
    return f"{note.text[: _SHORT - 1]}…"


NOTE = EntryRecord(
    type=Note,
    place=lambda note: means("stations.note") if note.photo is None else means("stations.photo"),
    value=_note_words,
    frets=_no_frets,
    faults=_note_faults,
)


def _strike_faults(strike: Strike, _neck: NeckDescription, number: int) -> list[Saying]:
    if strike.entry < number:
        return []
    return [means("stations.strikes-entry-which-not-before", entry=strike.entry)]


STRIKE = EntryRecord(
    type=Strike,
    place=lambda _strike: Word("struck out"),
    value=lambda strike, _unit, _heights: means("stations.entry-with-entry", entry=strike.entry),
    frets=_no_frets,
    faults=_strike_faults,
)
