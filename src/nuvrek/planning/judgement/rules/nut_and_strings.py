"""Nut, zero fret, saddle and strings: each its own cure, in both directions."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _nut(grounds: Grounds) -> Iterator[Leg]:
    for kind in ("zero-fret", "nut"):
        if kind in grounds.ways:
            why = means("rules.cheap-cures-first", gist=grounds.ways[kind].gist)
            unless = means("rules.pressed-3-string-all-but")
            yield grounds.leg(kind, why, "nut-high", "nut-low", unless=unless)


def _too_low(grounds: Grounds) -> Iterator[Leg]:
    # Room is counted at today's relief: while that is off it comes first.
    if (
        not grounds.too_low
        or grounds.relief_off
        or grounds.worn
        or grounds.wood
        or "saddle" not in grounds.ways
    ):
        return
    # Notes that the map calls short of room, and that nobody complains of, wait.
    complaint = grounds.complaint_shape
    if complaint.what and not complaint.of("buzz", "choke", "rattle", "dead", "low"):
        return
    yield Leg(
        "saddle",
        means(
            "rules.frets-even-notes-predicted-buzz",
            buzzing=grounds.buzzing,
            gist=grounds.ways["saddle"].gist,
        ),
        unless=means("rules.lighter-touch-or-notes-heard"),
    )


def _heights(grounds: Grounds) -> Iterator[Leg]:
    """Strings too high, or otherwise than wished, over a neck in order."""
    if not grounds.wishes or grounds.too_low:
        return
    gate: Saying = ""
    if grounds.relief_off:
        gate = means("rules.relief-tops-they-shall-both")
    for kind in ("saddle", "shim", "refer"):
        if grounds.possible(kind):
            fine = not gate and grounds.even and not grounds.worn
            why: Saying = ""
            if fine:
                why = means("rules.relief-tops-ask-nothing-string")
            yield Leg(kind, sentences(why, grounds.ways[kind].gist), gate=gate)
            break
    stiff = grounds.complaint_shape.heavy and not grounds.relief_off
    if stiff and grounds.possible("strings") and not grounds.possible("saddle"):
        yield Leg("strings", means("rules.or", gist=grounds.ways["strings"].gist))


NUT = Rule("nut", means("rules.nut-zero-fret-have-each"), _nut)
TOO_LOW = Rule(
    "too-low",
    means("rules.strings-too-low-touch-over"),
    _too_low,
    excludes=("level", "spot-level", "play-clean", "hardware"),
)
HEIGHTS = Rule("heights", means("rules.string-heights-come-after-relief"), _heights)
