"""What woods are called."""

from __future__ import annotations

from typing import Literal

from nuvrek.recognise.said import first_of

Wood = Literal[
    "maple", "mahogany", "cherry", "walnut", "cedar", "rosewood", "ash", "poplar", "beech", "birch"
]
# German woods stand in compounds: "Riegelahorn", "Ahornhals", "Birkenholz".
_NAMES: dict[Wood, tuple[str, ...]] = {
    "maple": ("maples?", r"\w*ahorn\w*"),
    "mahogany": ("mahogany", r"mahagoni\w*"),
    "cherry": ("cherry", "cherrywood", r"kirsch(?:e|baum|holz)?\w*"),
    "walnut": ("walnuts?", r"(?:wal)?nu(?:ss|ß)(?:baum|holz)?"),
    "cedar": ("cedars?", r"zeder\w*"),
    "rosewood": ("rosewoods?", r"palisander\w*"),
    "ash": ("ash", "ashwood", r"(?:sumpf)?esche(?:n\w*)?"),
    "poplar": ("poplar", r"pappel\w*"),
    "beech": ("beech", "beechwood", r"(?:rot)?buche(?:n\w*)?"),
    "birch": ("birch", "birchwood", r"birke\w*"),
}


def wood_in(text: str) -> Wood | None:
    """The wood that is named first in ``text``, None where none is known."""
    return first_of(text, _NAMES)
