"""Nut, zero fret, saddle and strings: each its own cure, in both directions."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _nut(g: Grounds) -> Iterator[Leg]:
    for kind in ("zero-fret", "nut"):
        if kind in g.ways:
            why = means("rules.cheap-cures-first", gist=g.ways[kind].gist)
            unless = means("rules.pressed-3-string-all-but")
            yield g.leg(kind, why, "nut-high", "nut-low", unless=unless)


def _too_low(g: Grounds) -> Iterator[Leg]:
    # Room is counted at today's relief: while that is off it comes first.
    if not g.too_low or g.relief_off or g.worn or g.wood or "saddle" not in g.ways:
        return
    if g.complains_of("strings high"):
        return
    yield Leg(
        "saddle",
        means(
            "rules.frets-even-notes-predicted-buzz", buzzing=g.buzzing, gist=g.ways["saddle"].gist
        ),
        unless=means("rules.lighter-touch-or-notes-heard"),
    )


def _heights(g: Grounds) -> Iterator[Leg]:
    """Strings too high, or otherwise than wished, over a neck in order."""
    if not g.wishes or g.too_low:
        return
    gate = means("rules.relief-tops-they-shall-both") if g.relief_off else ""
    for kind in ("saddle", "shim", "refer"):
        if g.possible(kind):
            fine = not gate and g.even and not g.worn
            why = means("rules.relief-tops-ask-nothing-string") if fine else ""
            yield Leg(kind, sentences(why, g.ways[kind].gist), gate=gate)
            break
    stiff = g.complains_of("strings high") and not g.relief_off
    if stiff and g.possible("strings") and not g.possible("saddle"):
        yield Leg("strings", means("rules.or", gist=g.ways["strings"].gist))


NUT = Rule("nut", means("rules.nut-zero-fret-have-each"), _nut)
TOO_LOW = Rule(
    "too-low",
    means("rules.strings-too-low-touch-over"),
    _too_low,
    excludes=("level", "spot-level", "play-clean", "hardware"),
)
HEIGHTS = Rule("heights", means("rules.string-heights-come-after-relief"), _heights)
