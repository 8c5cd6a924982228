"""What owners complain of and wish for, in their own words."""

from __future__ import annotations

import re
from collections.abc import Mapping
from typing import Literal, TypeVar

from nuvrek.recognise.complaint_chips import Complaint, What, When, Where
from nuvrek.recognise.said import says

WireWish = Literal["taller", "wider", "harder"]
Part = Literal["pickups", "floating bridge", "heavier strings", "lighter strings", "old strings"]
Value = TypeVar("Value", bound=str)

# What "high" stands before where it speaks of a place on the neck, not of the action.
_PLACE = (
    "e|b|g|h|strings?|frets?|notes?|register|end|side|up|saiten?|töne|lagen?|bünde|seite|e-saite"
)
_WHAT: dict[What, tuple[str, ...]] = {
    "buzz": (
        r"buzz(?:es|ed|ing|y)?",
        r"nois(?:es?|y)",
        r"hum(?:s|med|ming)?",
        r"fret(?:s|ted|ting)? out(?! of tune)",
        r"schnarr(?:t|en|te|ten|end)?",
        r"\w*ger(?:ä|ae)usche?n?",
        r"brumm(?:t|en|te|end)?",
        r"klirr(?:t|en|te|end)?",
    ),
    "choke": (
        r"chok(?:es?|ed|ing)(?: out)?",
        r"erstick(?:t|en|te|ten)?",
        r"saufen ab",
        r"s(?:ä|ae)uft ab",
        r"cut(?:s|ting)? (?:out|off)",
    ),
    "rattle": (
        r"rattl(?:es?|ed|ing|y)",
        r"clatter(?:s|ed|ing)?",
        r"klapper(?:t|n|te|ten|nd)?",
        r"schepper(?:t|n|te|nd)?",
        r"rassel(?:t|n|nd)?",
    ),
    "dead": (
        "dull",
        "dead",
        r"d(?:ies|ying)",
        r"lifeless",
        r"no sustain",
        r"dumpf(?:e|er|es)?",
        r"tot(?:e|er|en|es)?",
        r"stirbt",
        r"sterben",
        r"leblos(?:e|er)?",
    ),
    "stiff": (
        r"hard(?:er)? to (?:play|press|fret)",
        r"hard to (?:hold|push|bend)",
        r"stiff(?:er|ly|ness)?",
        r"heavy(?! (?:strings?|gauge|picks?|set)\b)",
        r"schwer(?:gängig|gaengig)?",
        r"steif(?:e|er|es)?",
        r"hart(?:e|er|es)?(?! an(?:ge)?schl)",
    ),
    "high": (
        rf"high(?!(?:er)? (?:{_PLACE})\b)",
        rf"hoh(?:e|er|en|es)(?! (?:{_PLACE})\b)",
        r"hoch(?! oben\b)",
        r"action (?:came|has come|crept|went|rose|is) up",
    ),
    "low": (r"(?:strings|action) (?:is |are |lies? |sit )?too low", r"zu (?:niedrig|tief)"),
    "sharp": (
        r"(?:sound|play|note|chord|string|read)s? (?:are |is |too |a bit |slightly |go )*sharp",
        r"(?:goes|go|are|is|too|notes?|play|plays|come|comes) sharp(?! (?:ends?|edges?))",
        r"sharp when",
        r"zu scharf",
        r"(?:klingt|klingen) zu hoch",
    ),
    "flat": (r"(?:sound|play|go|goe|i|are|note)s? flat", r"zu tief gestimmt"),
    "out of tune": (
        r"out of tune",
        r"intonat(?:ion|es?|ing)",
        r"warbl(?:es?|ed|ing|y)",
        r"false notes?",
        r"verstimmt",
        r"unsauber(?:e|er)?",
        r"intonation\w*",
    ),
    "scratch": (
        r"scratch(?:es|ed|ing|y)?",
        r"gritt(?:y|ily)",
        r"rough",
        r"kratz(?:t|en|ig|ige|te)?",
        r"rau(?:h|e|er|es)?",
    ),
    "uneven": (r"uneven(?:ly)?", r"ungleichm(?:ä|ae)(?:ß|ss)ig\w*", "louder", "lauter"),
    "ends": (
        r"sharp (?:fret )?(?:ends?|edges?)",
        r"(?:fret )?ends? (?:are |is |stick |sticks |poke |pokes )*(?:sharp|out|through)",
        r"scharfe (?:enden|kanten|bundenden)",
        r"bundenden",
    ),
}
_WHERE: dict[Where, tuple[str, ...]] = {
    "open": ("open", r"leer(?:e|en|er)?", r"leersaiten?"),
    "fretted": (r"when fretted", r"only fretted", r"gegriffen(?:e|en)?"),
    "first frets": (
        r"(?:in )?(?:the )?first (?:position|frets|few frets|three frets)",
        r"near the nut",
        r"by the nut",
        r"low(?:er)? (?:frets|positions?)",
        r"erste(?:n|r)? (?:lage|bünde|bünden)",
        r"am sattel",
    ),
    "high frets": (
        r"high(?:er)? (?:up|frets|notes|register|positions?)",
        r"up the neck",
        r"up high",
        r"(?:above|past|beyond|from) (?:the |fret )?(?:twelfth|12(?:th)?|joint|body)(?: fret)?",
        r"near the body",
        r"hoch oben",
        r"hohe(?:n)? (?:lagen?|bünden?|töne|tönen)",
        r"oben am hals",
        r"(?:ab|über) (?:dem )?(?:zwölften|12\.?)(?: bund)?",
    ),
    "everywhere": (
        r"every(?:where| fret| note| string)",
        r"all over",
        r"the whole neck",
        r"überall",
        r"ueberall",
        r"am ganzen hals",
        r"alle (?:töne|bünde|saiten)",
    ),
    "low strings": (
        r"(?:low|bass|lower|thick|wound) (?:e |a |side|strings?|e$)+",
        r"bass side",
        r"low e",
        r"tiefe(?:n|r)? (?:saiten?|e-saite)",
        r"basssaiten?",
        r"bassseite",
    ),
    "high strings": (
        r"(?:treble|thin|plain) (?:side|strings?)",
        r"high (?:strings?|e)",
        r"trebles?",
        r"hohe(?:n)? (?:saiten?|e-saite)",
        r"diskant\w*",
    ),
    "one string": (
        r"(?:only |just )?(?:the )?(?:one|a single) string",
        r"(?:the |only )(?:first|second|third|fourth|fifth|sixth|low|high|[abdegh]) string",
        r"the [abdegh]",
        r"eine saite",
        r"die \w*-saite",
    ),
    "one note": (
        r"(?:only |just )?(?:one|a single) (?:\w+ )?(?:note|fret|place|spot)",
        r"(?:at|on) (?:the )?(?:fret )?\d+(?:st|nd|rd|th)?(?: fret)?(?! and)",
        r"fret \d+",
        r"bund \d+",
        r"\d+\. bund",
        r"ein(?:en)? ton",
        r"ein(?:en|em)? bund",
    ),
}
_WHEN: dict[When, tuple[str, ...]] = {
    "hard": (
        r"dig(?:s|ging)? in",
        r"(?:play(?:s|ed|ing)?|pick(?:s|ed|ing)?|strum(?:s|med|ming)?|hit(?:s|ting)?) "
        r"(?:\w+ )?hard(?:er)?",
        r"hard (?:attack|strumming|picking|playing|touch)",
        r"loud(?:ly)?",
        r"fest(?:er)? (?:an)?(?:spiel|schl)\w*",
        r"hart(?:er|em)? an(?:ge)?schl\w*",
        r"kr(?:ä|ae)ftig\w*",
    ),
    "soft": (r"soft(?:ly)?", r"light touch", r"quiet(?:ly)?", "leise", "sanft"),
    "bends": (r"ben(?:d|t|ds|ding|dings)", r"bending\w*", r"zieh(?:t|en)", r"gezogen\w*"),
    "cold months": (
        r"(?:each |every |in |since |last |this )*winter(?:s|time)?",
        r"cold (?:months?|weather|season)",
        r"heating",
        r"dry (?:months?|weather|season|air)",
        r"kalten? \w+",
        r"heizung\w*",
        r"heizperiode",
    ),
    "warm months": (
        r"(?:each |every |in |since |last |this )*summer(?:s|time)?",
        r"(?:humid|damp|wet) (?:months?|weather|season|air)",
        r"sommer\w*",
    ),
    "since new strings": (
        r"(?:new|heavier|lighter|thicker|thinner|other) (?:\w+ )?strings?",
        r"(?:string|gauge) change",
        r"chang(?:ed|ing) (?:the )?strings",
        r"(?:neue|st(?:ä|ae)rkere|dickere|d(?:ü|ue)nnere|andere)n? saiten",
        r"saitenwechsel",
    ),
    "since a change": (
        r"since(?! (?:the )?(?:winter|summer|cold|heating)\b)",
        r"after (?:the |a |i |we )?(?:change\w*|set-?up|repair|\w+ed)",
        r"seit(?:dem)?(?! (?:dem )?winter\b)",
        r"nachdem",
    ),
}
_PARTS: dict[Part, tuple[str, ...]] = {
    "pickups": (r"pick-?ups?", r"magnets?", r"tonabnehmer\w*"),
    "floating bridge": (
        r"float(?:s|ing)",
        r"bridge (?:\w+ ){0,3}(?:on|by) (?:its )?springs",
        r"schwebend\w*",
        r"bridge (?:has |was )?(?:moved|shifted|slipped)",
        r"steg (?:\w+ )?(?:verrutscht|verschoben)",
    ),
    "heavier strings": (
        r"(?:heavier|thicker) (?:\w+ )?(?:strings?|gauge|set)",
        r"(?:st(?:ä|ae)rkere|dickere)n? saiten",
    ),
    "lighter strings": (
        r"(?:lighter|thinner) (?:\w+ )?(?:strings?|gauge|set)",
        r"d(?:ü|ue)nnere[rn]? (?:saiten|satz)",
    ),
    "old strings": (
        r"(?:old|rusty|worn|dirty) strings",
        r"strings (?:are )?(?:old|rusty|worn|dirty)",
        r"(?:alte|rostige|verrostete) saiten",
    ),
}
# A word that takes back what stands just after it, and one that takes back what stands before.
_NOT = r"\b(?:no|not|never|without|isn't|doesn't|don't|kein\w*|nicht|nie|ohne)(?: \w+)?"
_WISHES: dict[WireWish, tuple[str, ...]] = {
    "taller": (r"tall(?:er|est)?", r"hoch", r"hoh(?:e|er|en|es)", r"h(?:ö|oe)her(?:e|er|en|es)?"),
    "wider": (r"wide(?:r|st)?", r"breit(?:e|er|en|es|ere|eren|erer)?"),
    "harder": (
        r"hard(?:er|est)?(?! to\b)",
        r"hart(?:e|er|en|es)?",
        r"h(?:ä|ae)rter(?:e|er|en|es)?",
    ),
}


def complaint_in(text: str) -> Complaint:
    """What an owner complains of, where and when, as values."""
    what, where = _found(text, _WHAT), _found(text, _WHERE)
    if not what:
        # A place or a season alone is no complaint.
        return Complaint()
    # "Everything buzzes but the open strings" is said of the fretted ones.
    if says(text, (r"(?:not|but|except|außer|nur nicht) (?:\w+ ){0,2}(?:open|leere\w*)",)):
        where = (*(value for value in where if value != "open"), "fretted")
    # The frets of one note are no region, and "open" with its frets fine is open alone.
    elif "open" in where:
        where = tuple(value for value in where if value != "fretted")
    when = _found(text, _WHEN)
    if "since new strings" in when:
        when = tuple(value for value in when if value != "since a change")
    return Complaint(what, where, when)


def parts_in(text: str) -> frozenset[Part]:
    """Parts and changes a text speaks of."""
    return frozenset(_found(text, _PARTS))


def _found(text: str, named: Mapping[Value, tuple[str, ...]]) -> tuple[Value, ...]:
    return tuple(value for value, forms in named.items() if _said(text, forms))


def _said(text: str, forms: tuple[str, ...]) -> bool:
    """Whether one of these is said and not taken back: "does not buzz" is no complaint."""
    plain = " ".join(text.casefold().split())
    one = f"(?:{'|'.join(forms)})"
    kept = re.sub(
        rf"{_NOT} (?<!\w){one}(?!\w)|(?<!\w){one}(?!\w) (?:gar |mehr )?nicht\b", " ", plain
    )
    return says(kept, forms)


def wire_wishes_in(text: str) -> frozenset[WireWish]:
    """What an owner wishes otherwise of the wire, as values."""
    return frozenset(value for value, forms in _WISHES.items() if says(text, forms))
