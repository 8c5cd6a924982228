"""The help of one page: a word for every key of the keypad it uses, and what its drawings mean."""

from __future__ import annotations

from collections.abc import Mapping

from msgspec import Struct

from nuvrek.meaning import Saying
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


class PageHelp(Struct, frozen=True):
    """``keys``: what each does; ``sees``: a thing on the page, and what it means."""

    keys: Mapping[str, Saying] = {}
    sees: tuple[tuple[Saying, Saying], ...] = ()
