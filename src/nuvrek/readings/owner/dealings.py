"""Where a job stands with the owner, folded from its journal."""

from __future__ import annotations

from msgspec import Struct, structs

from nuvrek.money import Amount
from nuvrek.neck.owner import How
from nuvrek.readings.owner.entries import (
    Answered,
    Arrived,
    ComplaintShaped,
    Consented,
    ExtraLine,
    Extras,
    Found,
    GateLifted,
    HandedBack,
    Letter,
    LookedOver,
    Matter,
    OwnerEntry,
    Quote,
    Term,
    Worth,
)


class Given(Struct, frozen=True):
    """What was said of one thing, when and how; ``reason`` where the work goes on without a
    word.
    """

    term: Term
    day: str
    how: How | None = None
    reason: str = ""

    @property
    def agreed(self) -> bool:
        """Whether the owner has said yes."""
        return not self.reason and self.term.says == "agreed"


class Dealings(Struct, frozen=True):
    """All that stands between shop and owner; quotes and letters with their numbers."""

    arrived: Arrived | None = None
    looked_over: LookedOver | None = None
    complaint: ComplaintShaped | None = None
    handed_back: HandedBack | None = None
    worth: Worth = Worth()
    extras: tuple[ExtraLine, ...] = ()
    found: tuple[tuple[int, Found], ...] = ()
    quotes: tuple[tuple[int, Quote], ...] = ()
    answers: dict[int, Answered] = {}
    said: dict[tuple[Matter, str], Given] = {}
    letters: tuple[tuple[int, Letter], ...] = ()

    def on(self, matter: Matter, about: str) -> Given | None:
        """What was last said of a thing."""
        return self.said.get((matter, about))

    @property
    def open_quote(self) -> tuple[int, Quote] | None:
        """The newest quote, if nobody has answered it."""
        if not self.quotes or self.quotes[-1][0] in self.answers:
            return None
        return self.quotes[-1]

    @property
    def accepted_quote(self) -> tuple[int, Quote] | None:
        """The newest quote the owner has said yes to, if none was given since, and nothing was
        found in the middle of the job that it does not hold.
        """
        given = self.quotes[-1] if self.quotes else None
        if given is None or (self.found and self.found[-1][0] > given[0]):
            return None
        return given if self._accepted(given[0]) else None

    @property
    def accepted_before(self) -> tuple[int, Quote] | None:
        """What was agreed before something was found: what is done by it is owed by it."""
        if not self.found:
            return None
        last = self.found[-1][0]
        return next(
            (one for one in reversed(self.quotes) if one[0] < last and self._accepted(one[0])), None
        )

    def _accepted(self, quote: int) -> bool:
        answer = self.answers.get(quote)
        return answer is not None and answer.says == "accepted"


def refused_ways(dealings: Dealings) -> frozenset[str]:
    """Kinds of ways the owner has said no to: by themselves, or by the last quote that held them
    alone.
    """
    found = {
        about.removeprefix("way:"): not given.agreed and not given.reason
        for (matter, about), given in dealings.said.items()
        if matter == "way"
    }
    for number, quote in dealings.quotes:
        answer = dealings.answers.get(number)
        if answer is not None and len(quote.ways) == 1:
            found[quote.ways[0]] = answer.says == "refused"
    return frozenset(kind for kind, refused in found.items() if refused)


def quoted(dealings: Dealings, kind: str) -> Amount | None:
    """What a way by itself was last quoted at, tax in it; None where it never was."""
    for _, quote in reversed(dealings.quotes):
        if quote.ways == (kind,):
            return quote.total
    return None


def dealt(before: Dealings, number: int, entry: OwnerEntry) -> Dealings:
    """The dealings after one more entry."""
    match entry:
        case Arrived():
            return structs.replace(before, arrived=entry)
        case LookedOver():
            return structs.replace(before, looked_over=entry)
        case ComplaintShaped():
            return structs.replace(before, complaint=entry)
        case HandedBack():
            return structs.replace(before, handed_back=entry)
        case Worth():
            return structs.replace(before, worth=entry)
        case Found():
            # The rest of the job is another than that which was agreed to.
            said = {key: given for key, given in before.said.items() if key[0] != "way"}
            return structs.replace(before, found=(*before.found, (number, entry)), said=said)
        case Extras(lines=lines):
            return structs.replace(before, extras=lines)
        case Quote():
            return structs.replace(before, quotes=(*before.quotes, (number, entry)))
        case Answered():
            return structs.replace(before, answers={**before.answers, entry.quote: entry})
        case Consented(terms=terms, how=how, at=at):
            said = {(term.matter, term.about): Given(term, at[:10], how) for term in terms}
            return structs.replace(before, said={**before.said, **said})
        case GateLifted(terms=terms, reason=reason, at=at):
            said = {(term.matter, term.about): Given(term, at[:10], None, reason) for term in terms}
            return structs.replace(before, said={**before.said, **said})
        case Letter():
            return structs.replace(before, letters=(*before.letters, (number, entry)))
