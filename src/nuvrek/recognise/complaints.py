"""What owners complain of and wish for, in their own words."""

from __future__ import annotations

from typing import Literal

from nuvrek.recognise.said import says

Complaint = Literal["noise", "strings high", "dull", "open strings"]
WireWish = Literal["taller", "wider", "harder"]

# What "high" stands before where it speaks of a place on the neck, not of the action.
_PLACE = (
    "e|b|g|h|strings?|frets?|notes?|register|end|side|up|saiten?|töne|lagen?|bünde|seite|e-saite"
)
_COMPLAINTS: dict[Complaint, tuple[str, ...]] = {
    "noise": (
        r"buzz(?:es|ed|ing|y)?",
        r"rattl(?:es?|ed|ing|y)",
        r"nois(?:es?|y)",
        r"hum(?:s|med|ming)?",
        r"clatter(?:s|ed|ing)?",
        r"fret(?:s|ted|ting)? out",
        r"chok(?:es?|ed|ing)",
        r"schnarr(?:t|en|te|ten|end)?",
        r"klapper(?:t|n|te|ten|nd)?",
        r"schepper(?:t|n|te|nd)?",
        r"\w*ger(?:ä|ae)usche?n?",
        r"brumm(?:t|en|te|end)?",
        r"klirr(?:t|en|te|end)?",
        r"rassel(?:t|n|nd)?",
        r"erstick(?:t|en|te|ten)?",
    ),
    "strings high": (
        rf"high(?! (?:{_PLACE})\b)",
        r"hard to (?:play|press|fret)",
        "stiff",
        r"heavy(?! (?:strings?|gauge|picks?|set)\b)",
        rf"hoh(?:e|er|en|es)(?! (?:{_PLACE})\b)",
        r"hoch(?! oben\b)",
        r"schwer(?:gängig|gaengig)?",
        r"steif(?:e|er|es)?",
        r"hart(?:e|er|es)?",
    ),
    "dull": (
        "dull",
        "dead",
        "dying",
        r"lifeless",
        r"dumpf(?:e|er|es)?",
        r"tot(?:e|er|en|es)?",
        r"stirbt",
        r"sterben",
        r"leblos(?:e|er)?",
    ),
    "open strings": ("open", r"leer(?:e|en|er)?", r"leersaiten?"),
}
_WISHES: dict[WireWish, tuple[str, ...]] = {
    "taller": (r"tall(?:er|est)?", r"hoch", r"hoh(?:e|er|en|es)", r"h(?:ö|oe)her(?:e|er|en|es)?"),
    "wider": (r"wide(?:r|st)?", r"breit(?:e|er|en|es|ere|eren|erer)?"),
    "harder": (
        r"hard(?:er|est)?(?! to\b)",
        r"hart(?:e|er|en|es)?",
        r"h(?:ä|ae)rter(?:e|er|en|es)?",
    ),
}


def complaints_in(text: str) -> frozenset[Complaint]:
    """What an owner complains of, as values."""
    return frozenset(value for value, forms in _COMPLAINTS.items() if says(text, forms))


def wire_wishes_in(text: str) -> frozenset[WireWish]:
    """What an owner wishes otherwise of the wire, as values."""
    return frozenset(value for value, forms in _WISHES.items() if says(text, forms))
