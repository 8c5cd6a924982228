"""The page Owner: what is to be agreed, what is quoted, worth, in and out, and the papers."""

from __future__ import annotations

from typing import TYPE_CHECKING, Literal

from msgspec import structs

from nuvrek import meaning
from nuvrek.bench.owner.cost import course_ways
from nuvrek.bench.owner.quoting import quote
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures, known_locale
from nuvrek.bench.session import Session
from nuvrek.bench.settings import Settings
from nuvrek.bench.solved import Solved
from nuvrek.bench.working.agreement import Standing, agree, lift, open_words, refused, standings
from nuvrek.bench.working.gone_ways import gone_ways
from nuvrek.meaning import Saying, lower_first, means, sentences
from nuvrek.money import Amount
from nuvrek.neck.owner import Owner
from nuvrek.planning.agreement.needs import Before
from nuvrek.planning.money.shop import Shop
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.owner.entries import Answered, Consented

if TYPE_CHECKING:
    from nuvrek.neck.owner import How
    from nuvrek.planning.money.pace import Pace
    from nuvrek.readings.owner.entries import Quote

OwnerFace = Literal["agreement", "worth", "in-out", "papers"]
OWNER_FACES: dict[OwnerFace, Saying] = {
    "agreement": means("owner.agreement"),
    "worth": means("owner.worth"),
    "in-out": means("owner.out"),
    "papers": means("owner.papers"),
}
# The gates in the order in which the work meets them.
GATES: dict[Before, Saying] = {
    "work": means("owner.before-any-work"),
    "pull": means("owner.before-frets-drawn"),
    "wood": means("owner.before-plane"),
    "file": means("owner.before-file"),
    "": means("owner.nothing-waits-these"),
}


def figures_of(settings: Settings, system: str) -> Figures:
    """How figures are written on the papers of this shop; ``system`` is the system's locale."""
    return Figures(
        known_locale(settings.shop.locale or system),
        settings.unit,
        settings.height_unit,
        settings.prices.currency,
    )


def uses_letter(settings: Settings) -> bool:
    """Whether this shop prints on Letter."""
    return figures_of(settings, "").us_letter


class OwnerDraft:
    """What the page shows of one solved neck; ``kind`` is the way meant, None for the course."""

    def __init__(
        self,
        solved: Solved,
        session: Session,
        settings: Settings,
        pace: Pace,
        owner: Owner | None,
        day: str,
        system: str = "",
        kind: str | None = None,
    ) -> None:
        self.solved, self.session, self.settings = solved, session, settings
        plan = solved.plan
        known = plan is not None and kind in {way.kind for way in plan.ways}
        self.kind = kind if known else None
        self.facts = Facts(
            solved,
            owner,
            settings.shop,
            pace=pace,
            prices=settings.prices,
            figures=figures_of(settings, system),
            day=day,
            kind=self.kind,
            done=gone_ways(session.entries),
            first=session.first,
            entries=tuple(session.entries),
        )

    @property
    def shop(self) -> Shop:
        """What stands at the top of papers."""
        return self.settings.shop

    @property
    def kinds(self) -> tuple[str, ...]:
        """The ways to be agreed to: the one in hand and what follows it, or those meant."""
        chosen = self.solved.neck_state.chosen
        if self.kind is None and chosen is not None and not self.over:
            return (chosen.way, *chosen.course)
        return tuple(way.kind for way in course_ways(self.facts.plan, self.kind))

    @property
    def over(self) -> bool:
        """Whether all steps of the way in hand are ticked, and none follows it."""
        from nuvrek.bench.working.job import next_step

        neck_state = self.solved.neck_state
        return (
            neck_state.chosen is not None
            and not neck_state.chosen.course
            and next_step(neck_state) is None
        )

    @property
    def rows(self) -> tuple[Standing, ...]:
        """Every thing to be said, by the gate that waits for it."""
        found = map(self._priced, standings(self.solved.neck_state, self.kinds, self.facts.plans))
        order = list(GATES)
        return tuple(sorted(found, key=lambda standing: order.index(standing.need.before)))

    def _priced(self, row: Standing) -> Standing:
        """A way is agreed to with its price, where it has one today."""
        kind = row.need.about.removeprefix("way:")
        way = next((one for one in self.facts.plan.ways if one.kind == kind), None)
        if row.need.matter != "way" or way is None:
            return row
        total = self.facts.price_of(way)
        if total is None:
            return row
        sentence = means(
            "owner.title-money", title=way.title, money=self.facts.figures.money(total)
        )
        return structs.replace(row, need=structs.replace(row.need, said=sentence))

    def head(self) -> Saying:
        """The ways meant, in words."""
        named = meaning.listed(lower_first(way_title(kind)) for kind in self.kinds)
        return meaning.upper_first(named)

    def how_it_stands(self) -> Saying:
        """How the agreement stands, in a sentence."""
        if not self.session.asked:
            return means("owner.houses-own-instrument-or-nobodys")
        missing = open_words(self.rows)
        if missing:
            return missing
        return means("owner.all-needs-owners-word-agreed")

    # --- writing ---------------------------------------------------------------------

    def all_agreed(self, how: How, text: str) -> tuple[AnyEntry, ...]:
        """The owner's yes to everything, and to a quote that is open; nothing where all is said."""
        consent = agree(self.rows, how, text)
        answer = self._answer("accepted", how, text)
        return tuple(one for one in (answer, consent) if one is not None)

    def yes_or_no(self, row: Standing, yes: bool, how: How, text: str) -> Consented:
        """The owner's yes or no to one thing."""
        term = row.need.term if yes else refused(row.need.term)
        return Consented(terms=(term,), how=how, words=text[:200])

    def lifted(self, reason: str) -> AnyEntry | None:
        """The work goes on without a word, for a reason."""
        return lift(self.rows, reason.strip()[:200])

    def quoted(self) -> Quote:
        """A quote as it would be given now. Raises NoPrice."""
        return quote(self.facts)

    def answered(self, yes: bool, how: How, text: str) -> tuple[AnyEntry, ...]:
        """The owner's answer to the open quote; with a yes, the way itself is agreed."""
        answer = self._answer("accepted" if yes else "refused", how, text)
        if answer is None:
            return ()
        given = self.solved.neck_state.dealings.open_quote
        meant = given[1].ways if given is not None else ()
        terms = tuple(
            self._priced(row).need.term
            for row in standings(self.solved.neck_state, meant, self.facts.plans)
            if row.need.matter == "way"
        )
        if not terms:
            return (answer,)
        if not yes:
            terms = tuple(refused(term) for term in terms)
        return answer, Consented(terms=terms, how=how, words=text[:200])

    def _answer(self, says: Literal["accepted", "refused"], how: How, text: str) -> Answered | None:
        given = self.solved.neck_state.dealings.open_quote
        if given is None:
            return None
        return Answered(quote=given[0], says=says, how=how, words=text[:200])

    # --- in words --------------------------------------------------------------------

    def quote_words(self) -> Saying:
        """How the newest quote stands, in a sentence or two."""
        dealings, f = self.solved.neck_state.dealings, self.facts.figures
        if not dealings.quotes:
            return means("owner.nothing-quoted-yet")
        number, given = dealings.quotes[-1]
        named = meaning.listed(lower_first(way_title(kind)) for kind in given.ways)
        quoted: Saying = means(
            "owner.for",
            day=f.day(given.at),
            money=f.money(given.total, given.currency),
            named=named,
        )
        if given.least is not None and given.most is not None:
            low, high = (f.money(one, given.currency) for one in (given.least, given.most))
            quoted = sentences(quoted, means("owner.between", low=low, high=high))
        answer = dealings.answers.get(number)
        if answer is None:
            stands = means("owner.not-answered-yet-stands-until", day=f.day(given.until))
            return means("owner.rests", detail=quoted, stands=stands, rests_on=given.rests_on)
        in_their_words = ""
        if answer.words:
            in_their_words = f" (“{answer.words}”)"
        amount = self.facts.whole.price.total
        other: Saying = ""
        if answer.says == "accepted" and amount is not None and _apart(amount, given.total):
            other = means("owner.todays-list-would-quote-stands", money=f.money(amount))
        quoted = means(
            "owner.detail-says-day-figure-other",
            detail=quoted,
            says=answer.says,
            day=f.day(answer.at),
            figure=in_their_words,
            other=other,
        )
        return means("owner.rested", detail=quoted, rests_on=given.rests_on)


def _apart(amount: Amount, then: Amount) -> bool:
    """Whether two prices differ by more than hours waver: a tenth."""
    return abs(amount - then) > then / 10
