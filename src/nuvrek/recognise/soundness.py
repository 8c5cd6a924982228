"""What people write of body and neck that makes all fretwork wait: cracks, and what is loose."""

from __future__ import annotations

import re
from typing import Literal

from nuvrek.recognise.said import says

SoundFault = Literal["crack", "tongue", "joint", "board", "rod"]
_LOOSE_ADJECTIVES = r"(?:loose|lifting|delaminated|lose[rn]?|locker|abgel(?:ö|oe)st\w*)"
_LOOSE = (
    rf"(?:{_LOOSE_ADJECTIVES}|lift(?:s|ed)|mov(?:es|ing)|com(?:es|ing) (?:apart|off|up|away)|"
    r"delaminat\w+|part(?:s|ed|ing) (?:from|company|at)|gap(?:es|ing)|open(?:s|ing) (?:up|under)|"
    r"l(?:ö|oe)st(?: sich)?|hebt(?: sich)?|bewegt(?: sich)?|wackelt)"
)
_IS = r"(?:(?:is|are|has|was|its|it|that|a|bit|and|slightly|ist|sind|sich|etwas|,) )*"


def _loose(part: str) -> tuple[str, ...]:
    return (rf"(?:{part})(?: \w+)? ?,? ?{_IS}{_LOOSE}", rf"{_LOOSE_ADJECTIVES} (?:{part})")


_CRACK = (
    r"(?:hairline )?cracks?",
    r"cracked",
    r"split(?:s|ting)?",
    r"fractured?",
    r"snapped",
    r"riss(?:e|en)?",
    r"haarriss\w*",
    r"gerissen(?:e|er|es)?",
    r"gebrochen(?:e|er|es)?",
    r"bruch\w*",
    r"broken head\w*",
)
_ROD = r"(?:truss[- ]?)?rod|halsstab|spannstab|stab"
_FORMS: dict[SoundFault, tuple[str, ...]] = {
    "tongue": _loose(r"tongue|zunge|griffbrettzunge"),
    "joint": (
        *_loose(r"neck joint|heel joint|joint|heel|halsfuß|halsfuss|halsansatz"),
        r"neck (?:\w+ )?(?:moves|shifts|rocks|wobbles) in (?:its|the) (?:joint|pocket)",
        r"hals (?:\w+ )?(?:bewegt sich|wackelt)",
    ),
    "board": _loose(r"fretboard|fingerboard|board|laminate|griffbrett"),
    "rod": (
        rf"(?:{_ROD}) {_IS}(?:\w+ ){{0,3}}(?:rust\w*|broken|snapped|cracked?|rostig|verrostet|"
        rf"festgerostet|gebrochen|gerissen|knack\w*|crack(?:s|ing)?)",
        rf"(?:rust\w*|broken|snapped|cracked|verrostet\w*) (?:{_ROD})",
        rf"(?:{_ROD}) (?:\w+ ){{0,3}}(?:heard|was heard|gave a) (?:to )?(?:crack|snap)",
    ),
    "crack": _CRACK,
}
# What takes such a word back: it is not so, no longer so, or only in the finish.
_TAKEN_BACK = (
    r"no",
    r"not",
    r"without",
    r"never",
    r"mended",
    r"repaired",
    r"glued",
    r"fixed",
    r"stable",
    r"old",
    r"filled",
    r"sound",
    r"lacquer",
    r"finish",
    r"varnish",
    r"inlay\w*",
    r"kein\w*",
    r"ohne",
    r"nicht",
    r"repariert\w*",
    r"geleimt\w*",
    r"behoben",
    r"alte(?:r|n)?",
    r"stabil",
    r"lack\w*",
    r"nitro\w*",
    r"celluloid",
    r"pickguard",
    r"case",
    r"koffer\w*",
    r"schlagbrett",
)


def unsound_in(text: str) -> tuple[SoundFault, ...]:
    """What a text says is not sound. Each sentence by itself: a mended crack is none."""
    found: list[SoundFault] = []
    for sentence in re.split(r"[.;!?\n]|, but | aber ", text):
        if says(sentence, _TAKEN_BACK):
            continue
        here = [fault for fault, forms in _FORMS.items() if says(sentence, forms)]
        # A rod that was heard to crack is no crack in the wood.
        if len(here) > 1 and "rod" in here and "crack" in here:
            here.remove("crack")
        found += here
    return tuple(dict.fromkeys(found))
