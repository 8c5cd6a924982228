"""Single frets: pressed and seated first, filed by their marks, a low one lifted."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import words
from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.ways.filing_words import over_driven_words

# Just clean is gone instead of a fuller level when it takes so much less metal.
MUCH_LESS = 0.6
PRESS_FIRST = tr("Every fret pressed: a beam only holds a loose one down.")


def _seat(g: Grounds) -> Iterator[Leg]:
    if not g.unseated or "seat" not in g.ways:
        return
    loose = g.case.named("loose")
    if loose == g.unseated:
        what = words.frets_do(g.unseated, "moves or stands", "move or stand") + tr(" off the wood")
    else:
        what = words.frets_do(g.unseated, "looks", "look") + tr(" sprung")
    why = tr("{what}. Seat before filing; it rises again otherwise.", what=what)
    unless = tr("One that is pressed and holds is filed like any other, an end on that end alone.")
    yield g.leg("seat", why, "loose", "end-up", "middle-up", unless=unless)


def filing_gate(g: Grounds, levels: bool = False) -> str:
    """What must be true before a file touches this neck; a way that ``levels`` sets the rod by
    itself.
    """
    parts = []
    if g.unseated:
        parts.append(
            tr("{frets} seated and read again.", frets=words.upper_first(words.frets(g.unseated)))
        )
    elif g.case.unread:
        named = words.upper_first(words.frets(g.case.unread))
        parts.append(tr("{named} read again after seating.", named=named))
    if g.unpressed:
        parts.append(PRESS_FIRST)
    if g.relief_off and not g.case.rodless and not levels:
        parts.append(tr("The rod set and the relief read."))
    return " ".join(parts)


def _file(g: Grounds) -> Iterator[Leg]:
    """The frets that stand, by measure or by mark."""
    standing = tuple(sorted({*g.proud, *g.marked}))
    if not standing:
        return
    spot, level = g.ways["spot-level"], g.ways["level"]
    fits, deep = not spot.why_out, level.why_out
    few = spot.frets and len(spot.frets) <= g.few
    if fits and spot.frets and (few or not g.tops_known):
        marks = _marks_words(g)
        why = tr(
            "{how_many}, {number} to be filed, a quarter of the neck or fewer: {gist}{marks}",
            how_many=words.count(len(standing), "fret stands", "frets stand"),
            number=len(spot.frets),
            gist=words.lower_first(spot.gist),
            marks=marks,
        )
        kind = "spot-level"
    elif not deep:
        why = tr(
            "Too many frets to file one by one ({number}): one level brings all tops together.",
            number=len(spot.frets),
        )
        kind = "level"
    elif fits and spot.frets:
        why = tr("A full level would leave too little metal; spot work still fits.")
        kind = "spot-level"
    else:
        why = tr(
            "Not enough metal to file what stands: new wire for those frets is the honest cure."
        )
        kind = "refret-some" if "refret-some" in g.ways else (g.new_wire or "leave")
    kind, why = _less(g, kind, why)
    gate = "" if kind.startswith("refret") else filing_gate(g, levels=kind == "level")
    reasons = " ".join([why, *over_driven_words(g.case)])
    unless = tr("A leaf under the rocker refines the figures; none is needed to begin.")
    if kind.startswith("refret"):
        unless = tr("A lower least crown, agreed with the owner, would put it off.")
    yield g.leg(kind, reasons, "proud", "rocks", "end-high", gate=gate, unless=unless)


def _marks_words(g: Grounds) -> str:
    if not g.marked:
        return ""
    return tr(" A mark is a reading: file until the ink is gone and nothing rocks.")


def _less(g: Grounds, kind: str, why: str) -> tuple[str, str]:
    """Just clean, where the height that is wished for asks for much less metal."""
    clean = g.ways.get("play-clean")
    if clean is None or not clean.possible or kind not in ("spot-level", "level"):
        return kind, why
    usual = g.ways[kind]
    if clean.metal_mm > MUCH_LESS * usual.metal_mm:
        return kind, why
    less = tr(
        "{length} instead of {length_2}",
        length=g.case.length(clean.metal_mm),
        length_2=g.case.length(usual.metal_mm),
    )
    if g.neck.height_low_mm is None or g.neck.height_high_mm is None:
        low = clean.promise.height_low_mm or 0.0
        told = tr(
            "For clean notes at {height} bass side, just clean takes {less}.",
            height=g.case.height(low),
            less=less,
        )
        return kind, f"{why} {told}"
    told = tr(
        "The string height that is wished for asks for no more than just clean: {less}.", less=less
    )
    return "play-clean", f"{why} {told}"


def _lift(g: Grounds) -> Iterator[Leg]:
    if "lift-fret" in g.ways:
        unless = tr("Metal to spare, and the owner's say-so, would bring the others down to it.")
        yield g.leg("lift-fret", g.ways["lift-fret"].gist, "low", unless=unless)


SEAT = Rule(
    "seat",
    tr("An end or a fret that is up is pressed home first; no beam before every fret was pressed."),
    _seat,
)
LIFT = Rule(
    "lift",
    tr("A fret pressed too deep is lifted or replaced; else all the others pay for it."),
    _lift,
    excludes=("level", "spot-level", "play-clean"),
)
FILE = Rule(
    "marks-and-proud",
    tr("A mark is a reading: a handful is filed until ink and rock are gone, many are levelled."),
    _file,
    excludes=("crown-few", "crown-first", "leave", "hardware"),
)
