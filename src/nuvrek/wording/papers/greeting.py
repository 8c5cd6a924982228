"""What a letter begins and ends with."""

from __future__ import annotations

from nuvrek.bench.papers.facts import Facts
from nuvrek.wording.speech import tr


def greeting(facts: Facts) -> str:
    """To whom it is written."""
    name = facts.owner.name if facts.owner is not None else facts.neck.owner
    name = " ".join(name.split())
    if name:
        return tr("Dear {name},", name=name)
    return tr("Hello,")


def farewell(facts: Facts) -> list[str]:
    """The shop's own last words, and its name under them."""
    closing, name = facts.shop.closing.strip(), facts.shop.name.strip()
    parts = [closing or tr("With kind regards,")]
    if name and name not in closing:
        parts.append(name)
    return parts
