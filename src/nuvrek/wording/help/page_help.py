"""The help of one page: a word for every key of the keypad it uses, and what its drawings mean."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.wording.speech import tr

# Keys by the names pages know them by, and how they are called where they are drawn.
KEYS: dict[str, str] = {
    "/": "/",
    "*": "*",
    "-": "−",
    "+": "+",
    "digits": "0–9",
    "0": "0",
    ".": ".",
    "enter": tr("Enter"),
    "back": tr("Back"),
    "left": "◂",
    "right": "▸",
    "up": "▴",
    "down": "▾",
    " ": tr("Space"),
}
# What every page knows.
EVERYWHERE = (
    tr("Page Up, Page Down: the stage before, after"),
    tr("Home: all necks"),
    tr("?: this page"),
)


class PageHelp(Struct, frozen=True):
    """``keys``: what each does; ``sees``: a thing on the page, and what it means."""

    keys: dict[str, str] = {}
    sees: tuple[tuple[str, str], ...] = ()
