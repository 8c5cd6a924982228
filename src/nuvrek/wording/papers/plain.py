"""Findings and ways in words for somebody who plays, not mends."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from nuvrek.bench.papers.figures import Figures
from nuvrek.meaning import Saying
from nuvrek.wording import speech as words
from nuvrek.wording.speech import later, say

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding

# What a kind of finding means to a player; {frets} are those named, {mm} its size. Findings that
# only matter at the bench are not told.
_FOUND: dict[str, Saying] = {
    "nut-low": later("The nut is worn low: open strings lie on the first fret."),
    "nut-high": later("The nut holds the strings higher than they need at the first frets."),
    "back-bow": later(
        "The neck bows backwards by {{mm}}, so that strings buzz on the first frets."
    ),
    "back-bow-slack": later("Without strings the neck bows backwards; the strings make up for it."),
    "s-shape": later("The neck waves: it dips in one place and rises in another."),
    "loose": later("{{frets}} moves in its slot.|{{frets}} move in their slots."),
    "end-up": later(
        "{{frets}} has an end that has come up.|{{frets}} have ends that have come up."
    ),
    "end-high": later("{{frets}} stands high at one end.|{{frets}} stand high at one end."),
    "middle-up": later(
        "{{frets}} has come up in its middle.|{{frets}} have come up in their middle."
    ),
    "proud": later(
        "{{frets}} stands higher than its neighbours, and notes before it buzz on it."
        "|{{frets}} stand higher than their neighbours, and notes before them buzz on them."
    ),
    "rocks": later(
        "{{frets}} stands a little over its neighbours.|{{frets}} stand a little over their "
        "neighbours."
    ),
    "thin-crown": later("{{frets}} has little metal left.|{{frets}} have little metal left."),
    "hump": later("The fingerboard has a hump of {{mm}}."),
    "tongue": later("The fingerboard's end, past the body joint, climbs by {{mm}}."),
    "uneven-sides": later("The two sides of the neck dip unlike."),
    "grooves": later("The strings have worn grooves into the frets, up to {{mm}} deep."),
    "flats": later("The tops of frets are worn flat."),
    "low": later(
        "{{frets}} lies lower than its neighbours.|{{frets}} lie lower than their neighbours."
    ),
    "uneven-crowns": later("The frets differ in height."),
    "fret-ends": later("Ends of frets are sharp or stand out."),
    "air": later("The air it lives in is not what wood likes."),
}
_RELIEF = {
    "over": later(
        "The neck bows forward by {{mm}}, more than is wanted: strings lie high in the middle."
    ),
    "under": later(
        "The neck is straighter than is wanted, {{mm}}: strings have little room to swing."
    ),
}
# What is done along a way, for a player.
WAYS: dict[str, Saying] = {
    "leave": later("Nothing is done; it is looked at again later."),
    "read": later("More is measured before anything is decided."),
    "strings": later("Other strings, or another tuning."),
    "nut": later("The nut is raised, lowered or made new."),
    "zero-fret": later("The fret at the nut is brought to its height."),
    "saddle": later("The saddle is set higher or lower."),
    "shim": later("The neck is tilted in its pocket."),
    "rod-nut": later("The nut of the rod in the neck is freed or renewed."),
    "rod-back": later("The rod is turned back."),
    "hardware": later("A rattle of the hardware is found and quieted."),
    "rod": later("The rod in the neck is turned, so that it bows as much as is wanted."),
    "seat": later("Loose frets are pressed home and glued."),
    "ends": later("The ends of the frets are rounded."),
    "spot-level": later("Only the frets that stand high are filed, and rounded again."),
    "play-clean": later(
        "As little metal as possible is filed off, so that every note rings clean."
    ),
    "crown-few": later("The worn frets are rounded again."),
    "level": later("All frets are filed to one line and rounded again."),
    "level-straight": later(
        "All frets are filed to one line, the neck set straight, and rounded again."
    ),
    "level-held": later("All frets are filed to one line, the neck held as its strings bend it."),
    "level-lies": later("All frets are filed to one line as the neck lies, and rounded again."),
    "crown-first": later("Worn frets are rounded again, then all are filed lightly to one line."),
    "lift-fret": later("A fret that sits too deep is lifted and glued at its height."),
    "refret-some": later("Some frets are replaced, and brought to the height of the others."),
    "refret": later("All frets are replaced by new ones, filed to one line and rounded."),
    "refret-true": later(
        "The frets are drawn, the fingerboard is made true, and new ones are put in."
    ),
    "refret-tangs": later("New frets, held so tight that they bend the neck back."),
    "refret-angle": later("New frets, and the fingerboard planed to a better angle."),
    "new-neck": later("Another neck is fitted in place of this one."),
    "heat": later("The neck is warmed and clamped, so that it straightens."),
    "refer": later("The work is passed on to a specialist."),
}
MOST_FOUND = 5


def found_words(findings: Sequence[Finding], figures: Figures) -> tuple[str, ...]:
    """What is wrong, gravest first, one sentence a matter; frets of one kind are named together."""
    told: dict[str, str] = {}
    for one in findings:
        if one.verdict == "good" or one.sure < 0.5:
            continue
        text = _RELIEF.get(one.verdict, "") if one.kind == "relief" else _FOUND.get(one.kind, "")
        if text and one.kind not in told:
            told[one.kind] = _said(say(text), one, findings, figures)
    return tuple(told.values())[:MOST_FOUND]


def _said(text: str, one: Finding, findings: Sequence[Finding], figures: Figures) -> str:
    same = [f for f in findings if f.kind == one.kind and f.sure >= 0.5 and f.verdict != "good"]
    frets = sorted({f.fret for f in same if f.fret is not None})
    single, _, several = text.partition("|")
    shape = single if len(frets) < 2 or not several else several
    largest = max(abs(f.mm) for f in same)
    return shape.format(frets=words.upper_first(words.frets(frets)), mm=figures.length(largest))


def way_words(kind: str) -> str:
    """What is done along a way."""
    return say(WAYS.get(kind, ""))
