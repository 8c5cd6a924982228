"""What the owner has said and has still to say, for the ways at hand; and what waits for it."""

from __future__ import annotations

from collections.abc import Iterable

from msgspec import Struct

from nuvrek import meaning
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.neck.owner import HOW_WORDS, How
from nuvrek.planning.agreement.needs import Need, Plans, needs_of, waits_for
from nuvrek.planning.steps.step import Step
from nuvrek.planning.ways.kinds import of_family
from nuvrek.readings.entries import NewWire
from nuvrek.readings.journal import NeckState
from nuvrek.readings.owner.dealings import Given
from nuvrek.readings.owner.entries import MATTERS, Consented, GateLifted, Term
from nuvrek.units import Unit, format_length


class Standing(Struct, frozen=True):
    """One thing, and what was said of it; None where nobody has asked."""

    need: Need
    given: Given | None

    @property
    def settled(self) -> bool:
        """Whether the work may go on: the owner agreed, or the gate was lifted for a reason."""
        return self.given is not None and (self.given.agreed or bool(self.given.reason))

    @property
    def words(self) -> Saying:
        """The thing by its name; what was agreed in the words in which it was."""
        agreed = self.given is not None and self.given.agreed
        if self.given and agreed:
            return self.given.term.words
        return self.need.said

    @property
    def says(self) -> Saying:
        """How it stands, in words."""
        given = self.given
        if given is None:
            return means("work.not-asked-yet")
        if given.reason:
            return means("work.lifted", day=given.day, reason=given.reason)
        if not given.agreed:
            return means("work.refused", day=given.day)
        return means("work.agreed-how", day=given.day, how=HOW_WORDS[given.how or "present"])


def plans_of(
    neck_state: NeckState,
    unit: Unit = Unit.MM,
    heights: Unit = Unit.MM,
    terms: NewWire | None = None,
) -> Plans:
    """What needs hang on; ``terms`` are those of new wire as it is weighed now, if other ones."""
    return Plans(
        neck_state.neck,
        neck_state.agreed,
        terms or neck_state.new_wire,
        arrived=neck_state.dealings.arrived,
        length=lambda mm: format_length(mm, unit),
        height=lambda mm: format_length(mm, heights),
    )


def standings(
    neck_state: NeckState, kinds: Iterable[str], plans: Plans | None = None
) -> tuple[Standing, ...]:
    """All that has to be said to some ways, each thing once, and how it stands."""
    found: dict[tuple[str, str], Need] = {}
    for kind in kinds:
        for need in needs_of(kind, plans or plans_of(neck_state)):
            found.setdefault(need.key, need)
    dealings = neck_state.dealings
    return tuple(Standing(need, dealings.on(*need.key)) for need in found.values())


def waiting(neck_state: NeckState, step: Step) -> tuple[Need, ...]:
    """What a step of the way in hand waits for: things the owner has not agreed to."""
    chosen = neck_state.chosen
    if chosen is None:
        return ()
    needs = needs_of(chosen.way, plans_of(neck_state))
    if neck_state.new_wire_promise is not None and of_family(chosen.way, "levels"):
        # The level that new wire needs was agreed with the wire.
        needs = tuple(need for need in needs if need.matter not in ("way", "limits"))
    dealings = neck_state.dealings
    found = (Standing(need, dealings.on(*need.key)) for need in waits_for(step, needs))
    return tuple(standing.need for standing in found if not standing.settled)


def waiting_words(needs: tuple[Need, ...]) -> Saying:
    """Why a step waits, as a sentence; nothing where it does not."""
    if not needs:
        return ""
    named = meaning.listed(dict.fromkeys(lower_first(MATTERS[need.matter]) for need in needs))
    return means("work.step-waits-owners-word", named=named)


def agree(found: Iterable[Standing], how: How, text: str = "") -> Consented | None:
    """The owner's yes to all things that are not settled; None where all are."""
    terms = tuple(standing.need.term for standing in found if not standing.settled)
    if terms:
        return Consented(terms=terms, how=how, words=text[:200])
    return None


def lift(found: Iterable[Standing], reason: str) -> GateLifted | None:
    """The work goes on without a word on what stops it; None where nothing does."""
    terms = tuple(
        standing.need.term for standing in found if not standing.settled and standing.need.before
    )
    if terms:
        return GateLifted(terms=terms, reason=reason)
    return None


def refused(term: Term) -> Term:
    """The owner's no to a thing."""
    return Term(matter=term.matter, about=term.about, words=term.words, says="refused")


def open_words(found: Iterable[Standing]) -> Saying:
    """What is not agreed yet, in a sentence for Choose; nothing where all is."""
    missing = [standing for standing in found if not standing.settled and standing.need.before]
    if not missing:
        return ""
    named = meaning.listed(
        dict.fromkeys(lower_first(MATTERS[standing.need.matter]) for standing in missing)
    )
    return means("work.not-agreed-owner-yet", named=named)
