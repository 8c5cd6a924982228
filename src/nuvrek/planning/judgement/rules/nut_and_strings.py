"""Nut, zero fret, saddle and strings: each its own cure, in both directions."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _nut(g: Grounds) -> Iterator[Leg]:
    for kind in ("zero-fret", "nut"):
        if kind in g.ways:
            why = tr("Cheap cures first. {gist}", gist=g.ways[kind].gist)
            unless = tr("Pressed at 3, the string all but resting on fret 1 would change it.")
            yield g.leg(kind, why, "nut-high", "nut-low", unless=unless)


def _too_low(g: Grounds) -> Iterator[Leg]:
    # Room is counted at today's relief: while that is off it comes first.
    if not g.too_low or g.relief_off or g.worn or g.wood or "saddle" not in g.ways:
        return
    if g.complains_of("strings high"):
        return
    yield Leg(
        "saddle",
        tr(
            "The frets are even and {buzzing} notes are predicted to buzz: the strings lie too low "
            "for this touch. {gist}",
            buzzing=g.buzzing,
            gist=g.ways["saddle"].gist,
        ),
        unless=tr("A lighter touch, or notes heard clean, would leave it."),
    )


def _heights(g: Grounds) -> Iterator[Leg]:
    """Strings too high, or otherwise than wished, over a neck in order."""
    if not g.wishes or g.too_low:
        return
    gate = tr("Relief and tops as they shall be: both move the strings.") if g.relief_off else ""
    for kind in ("saddle", "shim", "refer"):
        if g.possible(kind):
            fine = not gate and g.even and not g.worn
            why = tr("Relief and tops ask for nothing; the string height does.") if fine else ""
            yield Leg(kind, f"{why} {g.ways[kind].gist}".strip(), gate=gate)
            break
    stiff = g.complains_of("strings high") and not g.relief_off
    if stiff and g.possible("strings") and not g.possible("saddle"):
        yield Leg("strings", tr("Or: {gist}", gist=g.ways["strings"].gist))


NUT = Rule(
    "nut",
    tr("Nut and zero fret have each their own cure, in both directions, side by side."),
    _nut,
)
TOO_LOW = Rule(
    "too-low",
    tr("Strings too low for the touch over even frets are raised; frets and rod stay as they are."),
    _too_low,
    excludes=("level", "spot-level", "play-clean", "hardware"),
)
HEIGHTS = Rule(
    "heights",
    tr("String heights come after relief and tops: saddle, then the neck's tilt, then its angle."),
    _heights,
)
