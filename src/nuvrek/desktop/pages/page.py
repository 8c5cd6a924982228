"""What there is to know of a page: its name, its view, a word for every key of the keypad it uses,
what its drawings mean, and how its figures are known.
"""

from __future__ import annotations

from collections.abc import Mapping

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

# Keys by the names pages know them by, and how they are called where they are drawn.
KEYS: dict[str, Saying] = {
    "/": "/",
    "*": "*",
    "-": "−",
    "+": "+",
    "digits": "0–9",
    "0": "0",
    ".": ".",
    "enter": later("Enter"),
    "back": later("Back"),
    "left": "◂",
    "right": "▸",
    "up": "▴",
    "down": "▾",
    " ": later("Space"),
}
# What every page knows.
EVERYWHERE = (
    later("Page Up, Page Down: the stage before, after"),
    later("Home: all necks"),
    later("?: this page"),
)


class Page(Struct, frozen=True):
    """``view`` is the module of ``desktop/stages`` and its class; ``anytime``: no neck need be
    open. ``keys``: what each does; ``sees``: a thing on the page, and what it means.
    """

    title: Saying
    view: str
    anytime: bool = False
    keys: Mapping[str, Saying] = {}
    sees: tuple[tuple[Saying, Saying], ...] = ()
    known: tuple[Known, ...] = ()


NOTHING_RECKONED = Known(
    later("Nothing is reckoned here"), later("What stands on this page was written by somebody.")
)
