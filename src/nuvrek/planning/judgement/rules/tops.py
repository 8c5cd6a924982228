"""Single frets: pressed and seated first, filed by their marks, a low one lifted."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.ways.filing_words import over_driven_words
from nuvrek.readings.told.observed import came_up_again

# Just clean is gone instead of a fuller level when it takes so much less metal.
MUCH_LESS = 0.6
PRESS_FIRST = means("rules.every-fret-pressed-beam-only")


def _seat(grounds: Grounds) -> Iterator[Leg]:
    again = came_up_again(grounds.case.neck_map.neck_state)
    if again and grounds.possible("lift-fret"):
        unless = means("rules.another-cure-holds")
        yield grounds.leg("lift-fret", grounds.ways["lift-fret"].gist, "loose", unless=unless)
    frets = tuple(fret for fret in grounds.unseated if fret not in again)
    if not frets or "seat" not in grounds.ways:
        return
    loose = grounds.case.named("loose")
    if loose == grounds.unseated:
        key = "rules.seat-loose-before-filing"
    else:
        key = "rules.seat-sprung-before-filing"
    why = means(key, frets=meaning.frets(frets), number=len(frets))
    unless = means("rules.one-pressed-holds-filed-like")
    yield grounds.leg("seat", why, "loose", "end-up", "middle-up", unless=unless)


def filing_gate(grounds: Grounds, levels: bool = False) -> Saying:
    """What must be true before a file touches this neck; a way that ``levels`` sets the rod by
    itself.
    """
    parts: list[Saying] = []
    if grounds.unseated:
        parts.append(means("rules.seated-read-again", frets=meaning.frets(grounds.unseated)))
    elif grounds.case.unread:
        named = meaning.upper_first(meaning.frets(grounds.case.unread))
        parts.append(means("rules.read-again-after-seating", named=named))
    if grounds.unpressed:
        parts.append(PRESS_FIRST)
    if grounds.relief_off and not grounds.case.rodless and not levels:
        parts.append(means("rules.rod-set-relief-read"))
    return meaning.listed(parts, by="sentences")


def _file(grounds: Grounds) -> Iterator[Leg]:
    """The frets that stand, by measure or by mark."""
    standing = tuple(sorted({*grounds.proud, *grounds.marked}))
    if not standing or grounds.barely_read:
        return
    spot, level = grounds.ways["spot-level"], grounds.ways["level"]
    fits, deep = not spot.why_out, level.why_out
    few = spot.frets and len(spot.frets) <= grounds.few
    # Spot work leaves the worn ones as they are: where they are many, all are brought down once.
    many_worn = len(grounds.worn) > grounds.few and not deep
    if fits and spot.frets and (few or not grounds.tops_known) and not many_worn:
        marks = _marks_words(grounds)
        why: Saying = means(
            "rules.filed-quarter-neck-or-fewer",
            how_many=means("rules.frets-stand", number=len(standing)),
            number=len(spot.frets),
            gist=spot.gist,
            marks=marks,
        )
        kind: str = "spot-level"
    elif not deep:
        why = means("rules.too-many-frets-file-one", number=len(spot.frets))
        if many_worn:
            why = means("rules.worn-beside-proud", frets=meaning.frets(grounds.worn))
        kind = "level"
    elif fits and spot.frets:
        why = means("rules.full-level-would-leave-too")
        kind = "spot-level"
    else:
        why = means("rules.not-enough-metal-file-what")
        if "refret-some" in grounds.ways:
            kind = "refret-some"
        else:
            kind = grounds.new_wire or "leave"
    kind, why = _less(grounds, kind, why)
    gate: Saying
    if kind.startswith("refret"):
        gate = ""
    else:
        gate = filing_gate(grounds, levels=kind == "level")
    if kind == "level" and grounds.relief_vague and "read" in grounds.ways:
        # A level is dressed for a relief: one that is no figure is no ground for filing.
        yield Leg(
            "read", means("rules.not-known-yet-until-then", listed=means("rules.relief-pitch"))
        )
    reasons = meaning.sentences(why, *over_driven_words(grounds.case))
    unless = means("rules.leaf-under-rocker-refines-figures")
    if kind.startswith("refret"):
        unless = means("rules.lower-least-crown-agreed-owner")
    yield grounds.leg(kind, reasons, "proud", "rocks", "end-high", gate=gate, unless=unless)


def _marks_words(grounds: Grounds) -> Saying:
    if not grounds.marked:
        return ""
    return means("rules.mark-reading-file-until-ink")


def _less(grounds: Grounds, kind: str, why: Saying) -> tuple[str, Saying]:
    """Just clean, where the height that is wished for asks for much less metal."""
    clean = grounds.ways.get("play-clean")
    if clean is None or not clean.possible or kind not in ("spot-level", "level"):
        return kind, why
    usual = grounds.ways[kind]
    if clean.metal_mm > MUCH_LESS * usual.metal_mm:
        return kind, why
    less = means(
        "rules.instead",
        length=grounds.case.length(clean.metal_mm),
        metal=grounds.case.length(usual.metal_mm),
    )
    if grounds.neck.height_low_mm is None or grounds.neck.height_high_mm is None:
        low = clean.promise.height_low_mm or 0.0
        sentence = means(
            "rules.clean-notes-bass-side-just", height=grounds.case.height(low), less=less
        )
        return kind, sentences(why, sentence)
    sentence = means("rules.string-height-wished-asks-no", less=less)
    return "play-clean", sentences(why, sentence)


def _lift(grounds: Grounds) -> Iterator[Leg]:
    if "lift-fret" in grounds.ways:
        unless = means("rules.metal-spare-owners-say-so")
        yield grounds.leg("lift-fret", grounds.ways["lift-fret"].gist, "low", unless=unless)


SEAT = Rule("seat", means("rules.end-or-fret-up-pressed"), _seat)
LIFT = Rule(
    "lift",
    means("rules.fret-pressed-too-deep-lifted"),
    _lift,
    excludes=("level", "spot-level", "play-clean"),
)
FILE = Rule(
    "marks-and-proud",
    means("rules.mark-reading-handful-filed-until"),
    _file,
    excludes=("crown-few", "crown-first", "leave", "hardware"),
)
