"""The page that tells a quote."""

from __future__ import annotations

from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures
from nuvrek.bench.working.agreement import standings
from nuvrek.readings.owner.entries import Letter, Quote, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.greeting import farewell, greeting
from nuvrek.wording.papers.plain import way_words
from nuvrek.wording.speech import say, tr


def quote_letter(facts: Facts, given: Quote) -> Letter:
    """The page of a quote as it was given."""
    f = facts.figures
    done = " ".join(way_words(kind) for kind in given.ways)
    parts = [
        greeting(facts),
        tr(
            "For {title} we quote, under the number {number}:",
            title=facts.neck.title,
            number=quote_number(facts, given),
        ),
        "[prices]",
        tr("What is done: {done}", done=done),
    ]
    if given.least is not None and given.most is not None:
        low, high = (f.money(amount, given.currency) for amount in (given.least, given.most))
        parts.append(
            tr(
                "This is an estimate: between {low} and {high}. We will call you before going "
                "over it.",
                low=low,
                high=high,
            )
        )
    asked = standings(facts.neck_state, given.ways, facts.plans)
    about = [say(standing.need.said) for standing in asked if standing.need.matter != "way"]
    if about:
        parts += [tr("What we ask you to agree to"), " ".join(_full(one) for one in about)]
    if given.until:
        parts.append(tr("This quote stands until {day}.", day=f.day(given.until)))
    parts += farewell(facts)
    tables = {"prices": price_table(given, f)}
    return Letter(paper="quote", text="\n\n".join(parts), tables=tables)


def quote_number(facts: Facts, given: Quote) -> str:
    """By which a quote is named on the telephone: its day, and which of that neck's it was."""
    known = [quote for _, quote in facts.dealings.quotes]
    at = known.index(given) + 1 if given in known else len(known) + 1
    return f"{(given.at or facts.day)[:10]}-{at}"


def _full(text: str) -> str:
    if text.endswith((".", "!", "?")):
        return text
    return f"{text}."


def price_table(given: Quote, figures: Figures) -> Table:
    """The lines of a quote, its tax and its total."""
    rows = [(tr("For"), tr("Amount"))]
    rows += [
        (words.upper_first(line.words), figures.money(line.amount, given.currency))
        for line in given.lines
    ]
    if given.tax_words:
        rows.append((words.upper_first(given.tax_words), figures.money(given.tax, given.currency)))
    rows.append((tr("Total"), figures.money(given.total, given.currency)))
    return tuple(rows)
