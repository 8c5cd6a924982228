"""Entries that are no readings: work done, what was heard, agreed and chosen, notes."""

from __future__ import annotations

from nuvrek import words
from nuvrek.language import tr
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
    Trued,
)
from nuvrek.readings.kinds.record import EntryRecord
from nuvrek.readings.refret.stages import SWEEPS
from nuvrek.readings.rod_words import move_words
from nuvrek.units import Unit


def _no_frets(_entry: object) -> frozenset[int]:
    return frozenset()


def _rod_place(move: RodMove) -> str:
    return (
        tr("rod")
        if move.side is None
        else tr("rod, {lane_words}", lane_words=LANE_WORDS[move.side])
    )


ROD_MOVE = EntryRecord(
    type=RodMove,
    place=_rod_place,
    value=lambda move, _unit, _heights: move_words(move),
    frets=_no_frets,
    page="Work",
)
HEATED = EntryRecord(
    type=Heated,
    place=lambda _heat: "heat",
    value=lambda _heat, _unit, _heights: tr("neck heated"),
    frets=_no_frets,
    page="Work",
)


def _heard_place(heard: Heard) -> str:
    note = tr("fret {fret}", fret=heard.fret) if heard.fret else tr("open")
    return tr("string {string}, {note}", string=heard.string, note=note)


HEARD = EntryRecord(
    type=Heard,
    place=_heard_place,
    value=lambda heard, _unit, _heights: heard.says,
    page="String room",
)
OTHERS_CLEAN = EntryRecord(
    type=OthersClean,
    place=lambda clean: tr("all the other notes, string {string}", string=clean.string),
    value=lambda _clean, _unit, _heights: "clean",
    frets=lambda clean: frozenset(clean.frets),
    page="String room",
)

_SEAT_PLACES = {
    "whole": "",
    "bass": tr(", bass end"),
    "middle": tr(", middle"),
    "treble": tr(", treble end"),
}


def seat_words(seated: Seated) -> str:
    """What became of a fret that was pressed or tapped home."""
    holds = "" if seated.holds == "not tried" else seated.holds
    glued = tr("glued") if seated.glued else ""
    said = (f"{seated.how}{_SEAT_PLACES[seated.where]}", seated.stopped, glued, holds)
    return ", ".join(part for part in said if part)


SEATED = EntryRecord(
    type=Seated,
    place=lambda seated: tr("fret {fret}", fret=seated.fret),
    value=lambda seated, _unit, _heights: seat_words(seated),
    page="Work",
)
AGREED = EntryRecord(
    type=Agreed,
    place=lambda _agreed: "",
    value=lambda _agreed, _unit, _heights: tr("agreed on the filing"),
    frets=lambda agreed: frozenset((agreed.fall_from or 0, *agreed.untouched)),
    page="Filing",
)


def _filed_frets(filed: Filed) -> frozenset[int]:
    return frozenset(fret for fret, _, _ in filed.off)


FILED = EntryRecord(
    type=Filed,
    place=lambda filed: words.count(len(_filed_frets(filed)), "fret", "frets"),
    value=lambda _filed, _unit, _heights: "filed",
    frets=_filed_frets,
    page="Work",
)


def _new_wire_frets(terms: NewWire) -> frozenset[int]:
    return frozenset((*terms.frets, *(fret for fret, _ in terms.corners)))


def _wire_words(terms: NewWire) -> str:
    return tr("the new wire") if terms.wire is None else terms.wire.name


def _new_wire_faults(terms: NewWire, _neck: NeckDescription, _number: int) -> list[str]:
    return [] if terms.wire is None else wire_faults(terms.wire)


NEW_WIRE = EntryRecord(
    type=NewWire,
    place=lambda _terms: "",
    value=lambda terms, _unit, _heights: tr(
        "agreed on {wire_words}", wire_words=_wire_words(terms)
    ),
    frets=_new_wire_frets,
    faults=_new_wire_faults,
    page="New wire",
)
TRUED = EntryRecord(
    type=Trued,
    place=lambda _trued: "board",
    value=lambda _trued, _unit, _heights: tr("wood taken off"),
    frets=lambda trued: frozenset(fret for fret, _, _ in trued.off),
    page="Work",
)


def _fret_work_words(work: FretWork, _unit: Unit, _heights: Unit) -> str:
    said = SWEEPS[work.stage].fine if work.says == "fine" else work.says
    return f"{SWEEPS[work.stage].title}: {said}"


FRET_WORK = EntryRecord(
    type=FretWork,
    place=lambda work: words.frets(work.frets),
    value=_fret_work_words,
    frets=lambda work: frozenset(work.frets),
    page="Work",
)
CHOSEN = EntryRecord(
    type=Chosen,
    place=lambda _chosen: tr("way taken,"),
    value=lambda chosen, _unit, _heights: chosen.way.replace("-", " "),
    frets=_no_frets,
    page="Choose",
)
STEP_DONE = EntryRecord(
    type=StepDone,
    place=lambda _done: tr("the step"),
    value=lambda done, _unit, _heights: f"“{done.step.replace('-', ' ')}”",
    frets=_no_frets,
    page="Work",
)


def _description_faults(entry: Describe, _neck: NeckDescription, _number: int) -> list[str]:
    return description_faults(entry.neck)


DESCRIBE = EntryRecord(
    type=Describe,
    place=lambda _entry: tr("the description"),
    value=lambda _entry, _unit, _heights: "changed",
    frets=_no_frets,
    faults=_description_faults,
    page="Take in",
)
ROUND_START = EntryRecord(
    type=RoundStart,
    place=lambda _start: tr("round begun,"),
    value=lambda start, _unit, _heights: start.name,
    frets=_no_frets,
)


JPEG_BEGINS = b"\xff\xd8\xff"
# So much of a note stands in a line.
_SHORT = 40


def _note_faults(note: Note, _neck: NeckDescription, number: int) -> list[str]:
    if not note.text and note.photo is None:
        return [tr("an empty note: give text or photo.")]
    if note.photo is not None and not note.photo.startswith(JPEG_BEGINS):
        return [tr("the photo is no JPEG.")]
    if note.about is not None and note.about >= number:
        return [tr("is about entry {about}, which is not before it.", about=note.about)]
    return []


def _note_words(note: Note, _unit: Unit, _heights: Unit) -> str:
    return note.text if len(note.text) <= _SHORT else f"{note.text[: _SHORT - 1]}…"


NOTE = EntryRecord(
    type=Note,
    place=lambda note: tr("note") if note.photo is None else tr("photo"),
    value=_note_words,
    frets=_no_frets,
    faults=_note_faults,
)


def _strike_faults(strike: Strike, _neck: NeckDescription, number: int) -> list[str]:
    if strike.entry < number:
        return []
    return [tr("strikes entry {entry}, which is not before it.", entry=strike.entry)]


STRIKE = EntryRecord(
    type=Strike,
    place=lambda _strike: "struck",
    value=lambda strike, _unit, _heights: tr("entry {entry}", entry=strike.entry),
    frets=_no_frets,
    faults=_strike_faults,
)
