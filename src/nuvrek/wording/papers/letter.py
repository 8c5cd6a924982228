"""The letter to the owner: what is wrong, the ways open, what each costs and buys, what is advised,
and what can't be promised. Figures, never a verdict on the instrument.
"""

from __future__ import annotations

from collections.abc import Iterable

from nuvrek.bench.papers.facts import Facts
from nuvrek.planning.agreement.limits import limits_of
from nuvrek.planning.case.way import Way
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import FOUND_WHAT, Letter, Quote, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.greeting import farewell, greeting
from nuvrek.wording.papers.picture import picture_of
from nuvrek.wording.papers.plain import WAYS, cure_words, found_words, way_words
from nuvrek.wording.speech import say, say_all, tr

# More ways than these are not told.
MOST_WAYS = 6
# Ways with these names say nothing to an owner beside the others.
_NOT_TOLD = ("read", "refer", "level-straight", "level-held", "level-lies", "hardware")


def letter(facts: Facts) -> Letter:
    """The letter as it is proposed; its words can be changed before it goes."""
    parts = [
        greeting(facts),
        *_opening(facts),
        *_found_when_opened(facts),
        tr("What we found"),
        _list(found_words(facts.solved.findings, facts.figures) or (_nothing(facts),)),
        "[neck]",
        *(f"[{name}]" for name, _ in facts.photos[:1]),
        tr("What can be done"),
        "[ways]",
        tr("What we recommend"),
        _advice(facts),
    ]
    limits = dict.fromkeys(saying for way in facts.ways for saying in limits_of(way.kind))
    if limits:
        parts += [tr("What we can't promise"), _list(say_all(limits))]
    if _worth(facts):
        parts += [tr("For comparison"), _worth(facts)]
    parts += _closing(facts)
    marked = tuple(sorted({f for way in facts.ways for f in way.frets if len(way.frets) < 12}))
    return Letter(
        paper="letter",
        text="\n\n".join(part for part in parts if part),
        tables={"ways": ways_table(facts)},
        picture=picture_of(facts.solved, marked),
    )


def _list(said: Iterable[str]) -> str:
    return " ".join(said)


def _opening(facts: Facts) -> list[str]:
    neck = facts.neck
    text = tr("This is about your instrument, {title}.", title=neck.title)
    if neck.complaint.strip():
        line = tr("You told us: “{complaint}”", complaint=" ".join(neck.complaint.split()))
        return [words.sentences(text, line)]
    return [text]


def _nothing(facts: Facts) -> str:
    if facts.neck_state.chosen is not None or facts.neck_state.work:
        return tr("The work on it is under way.")
    return tr("We have measured it and found nothing that is at fault.")


def told_ways(facts: Facts) -> tuple[Way, ...]:
    """The ways that are named: those advised, then the others that can be gone."""
    advised = facts.ways
    kinds = {way.kind for way in advised}
    others = [
        way
        for way in facts.plan.ways
        if way.possible and way.kind not in (*kinds, *_NOT_TOLD) and way.kind in WAYS
    ]
    return (*advised, *others)[:MOST_WAYS]


def ways_table(facts: Facts) -> Table:
    """Each way: what is done, what it cures, what it costs and how long it takes."""
    f = facts.figures
    rows = [(tr("What is done"), tr("What you will notice"), tr("Price"), tr("Working days"))]
    for way in told_ways(facts):
        cost = facts.cost(way)
        rows.append(
            (
                way_words(way.kind),
                cure_words(way.kind),
                f.money(facts.price_of(way)),
                str(cost.days or "–"),
            )
        )
    return tuple(rows)


def _about(several: bool, money: str, low: str, high: str) -> str:
    """A price that goes by the hours."""
    if several:
        return tr(
            "Together this costs about {money}: between {low} and {high}, depending on the time it "
            "takes.",
            money=money,
            low=low,
            high=high,
        )
    return tr(
        "This costs about {money}: between {low} and {high}, depending on the time it takes.",
        money=money,
        low=low,
        high=high,
    )


def _advice(facts: Facts) -> str:
    ways = facts.ways
    cost, f = facts.whole, facts.figures
    texts = [_list(way_words(way.kind) for way in ways)]
    cured = [cure for way in ways if (cure := cure_words(way.kind))]
    if cured:
        texts.append(_list(dict.fromkeys(cured)))
    if facts.accepted is not None:
        texts += agreed_words(facts, facts.accepted)
    elif cost.price.total is not None:
        between = cost.price.between
        money = f.money(cost.price.total)
        if between is not None:
            low, high = (f.money(amount) for amount in between)
            texts.append(_about(len(ways) > 1, money, low, high))
        elif len(ways) > 1:
            texts.append(tr("Together this costs {money}.", money=money))
        else:
            texts.append(tr("This costs {money}.", money=money))
    if cost.days:
        texts.append(
            tr(
                "We would need it for about {how_many} of work.",
                how_many=words.count(cost.days, "day", "days"),
            )
        )
    return " ".join(texts)


def agreed_words(facts: Facts, quote: Quote) -> list[str]:
    """The price that was accepted, and what has changed since."""
    f = facts.figures
    agreed = words.listed(words.lower_first(way_title(kind)) for kind in quote.ways)
    texts = [
        tr(
            "Agreed by the quote of {day}: {money} for {agreed}.",
            day=f.day(quote.at),
            money=f.money(quote.total, quote.currency),
            agreed=agreed,
        )
    ]
    now = tuple(way.kind for way in facts.ways)
    total = facts.whole.price.total
    if now != quote.ways and total is not None:
        named = words.listed(words.lower_first(way_title(kind)) for kind in now)
        texts.append(
            tr(
                "Since then this has changed: we would now do {named}, for about {money}. Nothing "
                "more is done or charged before you have agreed to it.",
                named=named,
                money=f.money(total),
            )
        )
    return texts


def _found_when_opened(facts: Facts) -> list[str]:
    """What turned up in the middle of the job, what is done and agreed, and that the rest is asked
    for anew.
    """
    dealings, f = facts.dealings, facts.figures
    if not dealings.found:
        return []
    said = [
        words.sentences(say(FOUND_WHAT[found.what]), found.words) for _, found in dealings.found
    ]
    texts = [
        tr("While working on it we found this:"),
        *(text if text.endswith(".") else f"{text}." for text in said),
    ]
    before = dealings.accepted_before
    if before is not None:
        texts.append(
            tr(
                "What is done so far was agreed on {day}, for {money} in all; the rest below is "
                "new, and waits for your word.",
                day=f.day(before[1].at),
                money=f.money(before[1].total, before[1].currency),
            )
        )
    return [tr("Found when opened"), " ".join(texts)]


def _worth(facts: Facts) -> str:
    """Figures beside the price, where somebody has named them; no more is said of them."""
    worth, f = facts.dealings.worth, facts.figures
    currency = worth.currency or None
    named = (
        (tr("As it is it would sell for about"), worth.fetches),
        (tr("when it plays well, for about"), worth.fetches_after),
        (tr("another neck would cost about"), worth.new_neck),
        (tr("another instrument of its kind about"), worth.instead),
    )
    texts = [f"{text} {f.money(amount, currency)}" for text, amount in named if amount is not None]
    if not texts:
        return ""
    return tr(
        "{detail}. Whether it is worth it is of course your decision.",
        detail=words.upper_first("; ".join(texts)),
    )


def _closing(facts: Facts) -> list[str]:
    ask = tr("Please tell us which way you would like, or ring us if anything is unclear.")
    return [ask, *farewell(facts)]
