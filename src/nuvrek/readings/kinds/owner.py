"""Entries of the owner's side of a job."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from nuvrek.meaning import Saying, Word, listed, lower_first, means
from nuvrek.money import Amount, amount_fault
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import HOW_WORDS
from nuvrek.readings.kinds.record import EntryRecord
from nuvrek.readings.owner.entries import (
    FOUND_WHAT,
    MATTERS,
    PAPERS,
    SOUND_FAULTS,
    Answered,
    Arrived,
    ComplaintShaped,
    Consented,
    Extras,
    Found,
    GateLifted,
    HandedBack,
    Letter,
    LookedOver,
    Quote,
    Term,
    Worth,
)
from nuvrek.recognise.complaint_chips import CHIPS

_PAGE = "Owner"


def _no_frets(_entry: object) -> frozenset[int]:
    return frozenset()


def _named(terms: tuple[Term, ...]) -> Saying:
    if len(terms) > 2:
        return means("stations.things", number=len(terms))
    return listed(lower_first(MATTERS[term.matter]) for term in terms)


def _amount_faults(amounts: Mapping[Any, Amount | None]) -> list[Saying]:
    sayings = (amount_fault(name, amount) for name, amount in amounts.items() if amount is not None)
    return [fault for fault in sayings if fault]


def _worth_faults(worth: Worth, _neck: NeckDescription, _number: int) -> list[Saying]:
    return _amount_faults(
        {
            name: getattr(worth, name)
            for name in ("fetches", "fetches_after", "new_neck", "instead", "budget")
        }
    )


def _quote_faults(quote: Quote, _neck: NeckDescription, _number: int) -> list[Saying]:
    amounts = {"total": quote.total, "tax": quote.tax, "least": quote.least, "most": quote.most}
    lines: dict[Saying, Amount | None] = {
        means("stations.line", detail=n): line.amount for n, line in enumerate(quote.lines, 1)
    }
    return _amount_faults({**amounts, **lines})


def _answer_faults(answer: Answered, _neck: NeckDescription, number: int) -> list[Saying]:
    if answer.quote < number:
        return []
    return [means("stations.answers-entry-which-not-before", quote=answer.quote)]


def _looked_over(entry: LookedOver) -> Saying:
    if not entry.faults:
        return means("stations.sound")
    return listed(SOUND_FAULTS[fault] for fault in entry.faults)


def _picture_frets(letter: Letter) -> frozenset[int]:
    return frozenset((*letter.picture.marked, *letter.before.marked))


ARRIVED = EntryRecord(
    type=Arrived,
    place=lambda _entry: "",
    value=lambda _entry, _unit, _heights: means("stations.how-came"),
    frets=_no_frets,
    page=_PAGE,
)
LOOKED_OVER = EntryRecord(
    type=LookedOver,
    place=lambda _entry: means("stations.looked-over"),
    value=lambda entry, _unit, _heights: _looked_over(entry),
    frets=_no_frets,
    page="Take in",
)
COMPLAINT_SHAPED = EntryRecord(
    type=ComplaintShaped,
    place=lambda _entry: means("stations.complaint"),
    value=lambda entry, _unit, _heights: listed(CHIPS[chip] for chip in entry.complaint.chips),
    frets=_no_frets,
    page="Take in",
)
HANDED_BACK = EntryRecord(
    type=HandedBack,
    place=lambda _entry: "",
    value=lambda _entry, _unit, _heights: means("stations.how-left"),
    frets=_no_frets,
    page=_PAGE,
)
WORTH = EntryRecord(
    type=Worth,
    place=lambda _entry: "",
    value=lambda _entry, _unit, _heights: means("stations.worth-budget"),
    frets=_no_frets,
    faults=_worth_faults,
    page=_PAGE,
)
FOUND = EntryRecord(
    type=Found,
    place=lambda found: FOUND_WHAT[found.what],
    value=lambda _found, _unit, _heights: means("stations.found-when-opened"),
    frets=lambda found: frozenset(found.frets),
    page="Work",
)
EXTRAS = EntryRecord(
    type=Extras,
    place=lambda _entry: means("stations.extras"),
    value=lambda entry, _unit, _heights: means("stations.so-many", number=len(entry.lines)),
    frets=_no_frets,
    faults=lambda extras, _neck, _number: _amount_faults(
        {means("stations.line", detail=n): line.amount for n, line in enumerate(extras.lines, 1)}
    ),
    page=_PAGE,
)
QUOTE = EntryRecord(
    type=Quote,
    place=lambda _entry: "",
    value=lambda _entry, _unit, _heights: means("stations.quote"),
    frets=_no_frets,
    faults=_quote_faults,
    page=_PAGE,
)
ANSWERED = EntryRecord(
    type=Answered,
    place=lambda _entry: means("stations.quote-with-again"),
    value=lambda answer, _unit, _heights: Word(answer.says),
    frets=_no_frets,
    faults=_answer_faults,
    page=_PAGE,
)
CONSENTED = EntryRecord(
    type=Consented,
    place=lambda entry: _named(entry.terms),
    value=lambda entry, _unit, _heights: means("stations.agreed", how_words=HOW_WORDS[entry.how]),
    frets=_no_frets,
    page=_PAGE,
)
GATE_LIFTED = EntryRecord(
    type=GateLifted,
    place=lambda entry: _named(entry.terms),
    value=lambda _entry, _unit, _heights: means("stations.goes-without-word"),
    frets=_no_frets,
    page=_PAGE,
)
LETTER = EntryRecord(
    type=Letter,
    place=lambda _entry: "",
    value=lambda letter, _unit, _heights: means("stations.the", papers=PAPERS[letter.paper]),
    frets=_picture_frets,
    page=_PAGE,
)
