"""What is written down of the owner's side of a job: how the instrument came and left, what it is
worth to whom, what was quoted and agreed, and the letters.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, means
from nuvrek.money import Amount
from nuvrek.neck.description import Line, Words
from nuvrek.neck.owner import How
from nuvrek.readings.entry import Entry, Frets
from nuvrek.recognise.complaint_chips import Complaint
from nuvrek.recognise.soundness import SoundFault

Matter = Literal[
    "way",
    "heights",
    "relief",
    "grooves",
    "least crown",
    "left alone",
    "corners",
    "wire",
    "finish",
    "originals",
    "limits",
    "outside",
]
MATTERS: dict[Matter, Saying] = {
    "way": means("stations.way-price"),
    "heights": means("stations.string-height-with-again"),
    "relief": means("stations.relief"),
    "grooves": means("stations.grooves-stay"),
    "least crown": means("stations.least-crown"),
    "left alone": means("stations.frets-left-alone"),
    "corners": means("stations.corners-left-alone"),
    "wire": means("stations.other-wire"),
    "finish": means("stations.finish"),
    "originals": means("stations.old-parts"),
    "limits": means("stations.what-cant-promised"),
    "outside": means("stations.beside-job"),
}
Sound = Literal["not looked at", "sound", "not sound"]
SOUND_FAULTS: dict[SoundFault, Saying] = {
    "crack": means("stations.sound-crack"),
    "tongue": means("stations.sound-tongue"),
    "joint": means("stations.sound-joint"),
    "board": means("stations.sound-board"),
    "rod": means("stations.sound-rod"),
}
PaperKind = Literal["letter", "quote", "work", "ready", "bench"]
PAPERS: dict[PaperKind, Saying] = {
    "letter": means("stations.letter-owner"),
    "quote": means("stations.quote-with-again-3"),
    "work": means("stations.work-report"),
    "ready": means("stations.ready-for-you"),
    "bench": means("stations.bench-sheet"),
}
Currency = Annotated[str, Meta(max_length=8)]
Kinds = Annotated[tuple[Line, ...], Meta(max_length=12)]
LetterText = Annotated[str, Meta(max_length=12_000)]
_Row = Annotated[tuple[Line, ...], Meta(max_length=10)]
Table = Annotated[tuple[_Row, ...], Meta(max_length=80)]


class Arrived(Entry, frozen=True, kw_only=True, tag="arrived"):
    """How the instrument came in, whole, replacing what was written before.

    ``outside`` are faults found beside the job: electrics, loose parts.
    """

    condition: Words = ""
    came_with: Words = ""
    shims: Line = ""
    missing: Line = ""
    strings_on: Line = ""
    last_work: Line = ""
    outside: Words = ""


class LookedOver(Entry, frozen=True, kw_only=True, tag="looked-over"):
    """What a look over body and neck found, whole: no faults means that it is sound. ``where``
    says where a crack runs or what moves.
    """

    faults: Annotated[tuple[SoundFault, ...], Meta(max_length=5)] = ()
    where: Line = ""


class ComplaintShaped(Entry, frozen=True, kw_only=True, tag="complaint-shape"):
    """What the complaint comes to, as the bench has it, whole: it stands over what was recognised
    in the words it was put ``of``.
    """

    complaint: Complaint
    of: Words = ""


class HandedBack(Entry, frozen=True, kw_only=True, tag="handed-back"):
    """How it left, whole: what was done and given back, the strings on it, how to care for it."""

    done: Words = ""
    returned: Words = ""
    strings_on: Line = ""
    care: Words = ""
    come_back: Line = ""


class Worth(Entry, frozen=True, kw_only=True, tag="worth"):
    """What stands on the other side of a price, as figures, whole; None where nobody has said.

    ``fetches`` is what the instrument would sell for as it is, ``fetches_after`` when it plays;
    ``new_neck`` and ``instead`` are what a neck or another instrument in its place would cost;
    ``means`` is what it means to its owner, in their words.
    """

    fetches: Amount | None = None
    fetches_after: Amount | None = None
    new_neck: Amount | None = None
    instead: Amount | None = None
    budget: Amount | None = None
    means: Words = ""
    sound: Sound = "not looked at"
    currency: Currency = ""


class QuoteLine(Struct, frozen=True, forbid_unknown_fields=True):
    """One line of a quote."""

    words: Line
    amount: Amount


Hours = Annotated[float, Meta(ge=0, le=10_000)]


class Quote(Entry, frozen=True, kw_only=True, tag="quote"):
    """A price as it was given, frozen: nothing that changes later changes it.

    ``least`` and ``most`` are what it would come to by hours, nine times in ten, and
    ``hours_between`` those hours; ``rests_on`` says
    by which readings and prices, ``until`` how long it stands (a date).
    """

    ways: Kinds
    lines: Annotated[tuple[QuoteLine, ...], Meta(max_length=60)]
    total: Amount
    tax: Amount = Amount(0)
    tax_words: Line = ""
    least: Amount | None = None
    most: Amount | None = None
    currency: Currency = ""
    hours: Hours = 0.0
    hours_between: tuple[Hours, Hours] | None = None
    days: Annotated[int, Meta(ge=0, le=10_000)] = 0
    rests_on: Words = ""
    until: Annotated[str, Meta(max_length=10)] = ""


FoundWhat = Literal[
    "more frets", "glue everywhere", "shelf in the slot", "loose tongue", "something else"
]
FOUND_WHAT: dict[FoundWhat, Saying] = {
    "more frets": means("stations.found-more-frets"),
    "glue everywhere": means("stations.found-glue"),
    "shelf in the slot": means("stations.found-shelf"),
    "loose tongue": means("stations.found-tongue"),
    "something else": means("stations.found-else"),
}


class Found(Entry, frozen=True, kw_only=True, tag="found"):
    """What was found in the middle of a job: what was agreed before holds for what is done, the
    rest is asked for anew. ``minutes`` are what it costs more, ``frets`` where it is.
    """

    what: FoundWhat
    words: Line = ""
    frets: Frets = ()
    minutes: Annotated[int, Meta(ge=0, le=6000)] = 0


class ExtraLine(Struct, frozen=True, forbid_unknown_fields=True):
    """Something small that is done along with a job: a socket, dots, an end pin. ``amount`` is its
    price; None: by its minutes.
    """

    words: Line
    minutes: Annotated[int, Meta(ge=0, le=6000)] = 0
    amount: Amount | None = None


class Extras(Entry, frozen=True, kw_only=True, tag="extras"):
    """What is done along with the job, whole, replacing what was written before."""

    lines: Annotated[tuple[ExtraLine, ...], Meta(max_length=20)] = ()


class Answered(Entry, frozen=True, kw_only=True, tag="quote-answer"):
    """What the owner said to the quote of entry ``quote``."""

    quote: Annotated[int, Meta(ge=1, le=1_000_000)]
    says: Literal["accepted", "refused"]
    how: How = "present"
    words: Line = ""


class Term(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """One thing an owner agrees to, is told of, or refuses, by its name.

    ``about`` is the thing in a form that changes when the thing does: what was agreed about one
    wire says nothing of another.
    """

    matter: Matter
    about: Line
    words: Line
    says: Literal["agreed", "refused"] = "agreed"


class Consented(Entry, frozen=True, kw_only=True, tag="consent"):
    """The owner's word on one or more things."""

    terms: Annotated[tuple[Term, ...], Meta(min_length=1, max_length=40)]
    how: How = "present"
    words: Line = ""


class GateLifted(Entry, frozen=True, kw_only=True, tag="gate-lifted"):
    """The work goes on without the owner's word on these things, for a reason."""

    terms: Annotated[tuple[Term, ...], Meta(min_length=1, max_length=40)]
    reason: Annotated[str, Meta(min_length=3, max_length=200)]


class NeckPicture(Struct, frozen=True, forbid_unknown_fields=True):
    """A neck as a letter draws it: each top over the straight line (mm, from fret 1), by lane, and
    the frets that are spoken of.
    """

    tops_mm: Annotated[
        tuple[Annotated[tuple[float, ...], Meta(max_length=40)], ...], Meta(max_length=3)
    ] = ()
    marked: Frets = ()


class Letter(Entry, frozen=True, kw_only=True, tag="letter"):
    """A paper as it went out: its words, and the tables and pictures they speak of; ``before`` is
    the neck as it came in.
    """

    paper: PaperKind
    text: LetterText
    tables: Annotated[dict[Line, Table], Meta(max_length=8)]
    picture: NeckPicture = NeckPicture()
    before: NeckPicture = NeckPicture()


OwnerEntry = (
    Arrived
    | LookedOver
    | ComplaintShaped
    | HandedBack
    | Worth
    | Extras
    | Found
    | Quote
    | Answered
    | Consented
    | GateLifted
    | Letter
)
