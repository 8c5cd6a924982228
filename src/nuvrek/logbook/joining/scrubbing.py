"""An owner's name and words out of what was written about their neck. Names are looked for where
people write, never where the program does; as whole words, never as parts of others.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Iterable, Sequence
from typing import Any

from msgspec import Struct, structs

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Agreed, AnyEntry, Describe, NewWire, Note, Seated
from nuvrek.readings.owner.entries import (
    Answered,
    Arrived,
    ComplaintShaped,
    Consented,
    ExtraLine,
    Found,
    GateLifted,
    HandedBack,
    Letter,
    LookedOver,
    QuoteLine,
    Term,
    Worth,
)
from nuvrek.readings.shop.entries import WaitsFor

GONE = "(removed)"

# Where people write in their own words, by kind; all other text is the program's own.
_WRITTEN: dict[type, tuple[str, ...]] = {
    NeckDescription: ("title", "complaint", "wire_wish"),
    Note: ("text",),
    Arrived: Arrived.__struct_fields__,
    LookedOver: ("where",),
    ComplaintShaped: ("of",),
    HandedBack: HandedBack.__struct_fields__,
    Worth: ("means",),
    QuoteLine: ("words",),
    ExtraLine: ("words",),
    Found: ("words",),
    Answered: ("words",),
    Consented: ("words",),
    Term: ("words",),
    GateLifted: ("reason",),
    Letter: ("text",),
    Agreed: ("note",),
    Seated: ("note",),
    NewWire: ("note",),
    WaitsFor: ("words",),
}
_STAMPS = ("at", "page", "kind", "joined")
# Words of the bench that are names as well, in the languages spoken: alone they tell of nobody.
_BENCH_WORDS = frozenset(
    re.findall(
        r"\w+",
        """
    back ball bar bass beam bell bend bends bent bone bow bowed brass bridge bund bünde caul
    clay clean cord corner cross crown crowns deep down edge ends face feile feiler file files
    flat fret frets good grain green groove ground hals hand hard heat heel high hill hollow
    holz hook joint just king klang knot kopf krone lacquer lane lang leim level licht light
    long loose lower march marsh mill nagel neck nut nuts open owner page pearl pin pitch plane
    plate press proud radius reed rein rest ridge ring ringer rock rod room rose rust saddle
    sand sattel scale schlag schleifer seat sharp short side silber silver skinner slack slot
    sound spiel spring stab stahl stark steel steg stein stimmer stone string strings strong
    tang temper till tongue treble true truss turn turner under water way wear weber white
    winkel wire wood wound young zapfen
    """,
    )
)
_LEAST_LETTERS = 4
# A text stays as long as its field takes, whatever is put in a name's place.
_LINE, _WORDS = 200, 4000

Said = Callable[[str], str]


class NamedOwner(Struct, frozen=True):
    """Whom to look for: the full name, and the other owners, whose names stay."""

    name: str
    others: tuple[str, ...] = ()


def saying(named: NamedOwner) -> Said:
    """What makes of a text the same without the name."""
    words = named.name.split()
    alone = []
    if len(words) > 1:
        alone = [word for word in words if _tells(word)]
    if len(words) > 1 or (words and _tells(words[0])):
        alone.insert(0, named.name)
    if not alone:
        return lambda text: text
    # Other owners' full names are found first, and stay as they are.
    kept = [other for other in named.others if other.casefold() != named.name.casefold()]
    kept = [other for other in kept if len(other.split()) > 1]
    pattern = re.compile(
        "|".join(
            [*(f"(?P<kept{n}>{_whole(one)})" for n, one in enumerate(kept))]
            + [_whole(one) for one in sorted(alone, key=len, reverse=True)]
        ),
        re.IGNORECASE,
    )

    def said(text: str) -> str:
        return pattern.sub(lambda found: found[0] if found.lastgroup else GONE, text)

    return said


def doubtful(named: NamedOwner) -> tuple[str, ...]:
    """The parts of a name that are not looked for by themselves: too short, or words of the
    bench.
    """
    return tuple(word for word in named.name.split() if not _tells(word))


def _tells(word: str) -> bool:
    return len(word) >= _LEAST_LETTERS and word.casefold() not in _BENCH_WORDS


def _whole(name: str) -> str:
    """A name as whole words, however they are spaced."""
    inside = r"\s+".join(re.escape(word) for word in name.split())
    # With the ending of whose it is, in either language.
    return rf"(?<!\w){inside}(?=(?:['’]?s)?(?!\w))"


def without(entry: AnyEntry, named: NamedOwner, photos: bool) -> AnyEntry:
    """An entry of an owner's neck without their name and words; it stays what it was, where it
    was.
    """
    match entry:
        case Worth():
            entry = structs.replace(entry, means="")
        case Answered() | Consented():
            entry = structs.replace(entry, words="")
        case Letter():
            entry = structs.replace(entry, text=GONE, tables={})
        case Note(photo=photo) if photo is not None and photos:
            entry = structs.replace(entry, text=entry.text or GONE, photo=None)
        case _:
            pass
    return renamed(entry, named)


def renamed(entry: AnyEntry, named: NamedOwner) -> AnyEntry:
    """An entry without a name; all other words of it stay."""
    if isinstance(entry, Describe):
        return structs.replace(entry, neck=nameless(entry.neck, named))
    clean: AnyEntry = _scrubbed(entry, saying(named))
    return clean


def nameless(neck: NeckDescription, named: NamedOwner) -> NeckDescription:
    """A description without its owner and their name in its words."""
    if same_name(neck.owner, named.name):
        owner = ""
    else:
        owner = neck.owner
    clean: NeckDescription = _scrubbed(neck, saying(named))
    return structs.replace(clean, owner=owner)


def same_name(one: str, other: str) -> bool:
    """Whether two names are the same, whatever is around them."""
    return one.strip() == other.strip()


def owners_of(neck: NeckDescription, entries: Iterable[AnyEntry]) -> set[str]:
    """Everyone who was ever written down as the owner of a neck."""
    described = (entry.neck.owner for entry in entries if isinstance(entry, Describe))
    return {name.strip() for name in (neck.owner, *described)} - {""}


def _scrubbed(value: Any, said: Said) -> Any:
    """A struct with the name out of what people wrote in it; nothing else is touched."""
    written = _WRITTEN.get(type(value), ())
    changed = {}
    for field in value.__struct_fields__:
        one = getattr(value, field)
        new = _walked(one, said, field in written and field not in _STAMPS)
        if new != one:
            changed[field] = new
    if changed:
        return structs.replace(value, **changed)
    return value


def _walked(value: Any, said: Said, written: bool) -> Any:
    if isinstance(value, str):
        if written:
            return said(value)[: _LINE if len(value) <= _LINE else _WORDS]
        return value
    if isinstance(value, Struct):
        return _scrubbed(value, said)
    if isinstance(value, tuple) and any(isinstance(one, str | Struct) for one in value):
        return tuple(_walked(one, said, written) for one in value)
    return value


def holds(texts: Sequence[str], words: Sequence[str]) -> bool:
    """Whether one of the words stands in one of the texts, as a whole word."""
    if not words:
        return False
    pattern = re.compile("|".join(_whole(word) for word in words), re.IGNORECASE)
    return any(pattern.search(text) for text in texts)


def written_in(value: Any) -> list[str]:
    """All that people wrote in an entry or a description."""
    texts: list[str] = []
    _scrubbed(value, lambda text: texts.append(text) or text)  # type: ignore[func-returns-value]
    return texts
