"""Findings and ways in words for somebody who plays, not mends."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from nuvrek.bench.papers.figures import Figures
from nuvrek.meaning import Saying, frets, means
from nuvrek.wording.families.plain import SENTENCES
from nuvrek.wording.speech import later, say

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding

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
    "intonation": later("The saddle is set so that fretted notes are in tune."),
    "pickups": later("The pickups are set lower."),
    "bridge": later("The floating bridge is set level again."),
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
    "first-frets": later("The new fretboard gets its first frets, filed to one line and rounded."),
    "refret": later("All frets are replaced by new ones, filed to one line and rounded."),
    "refret-true": later(
        "The old frets are taken out, the fretboard is made true, and new ones are put in."
    ),
    "refret-tangs": later("New frets, held so tight that they bend the neck back."),
    "refret-angle": later("New frets, and the fingerboard planed to a better angle."),
    "new-neck": later("Another neck is fitted in place of this one."),
    "heat": later("The neck is warmed and clamped, so that it straightens."),
    "refer": later("The work is passed on to a specialist."),
}
# What a player notices afterwards, by way.
CURES: dict[str, Saying] = {
    "leave": later("It stays as it is."),
    "read": later("We will know what it needs."),
    "strings": later("It feels lighter or tighter in the hand, as was wished."),
    "nut": later("The first frets play easily and in tune, and open strings ring."),
    "zero-fret": later("The first frets play easily and in tune, and open strings ring."),
    "saddle": later("The strings lie at the height that was wished."),
    "shim": later("The strings can lie as low as was wished."),
    "rod-nut": later("The truss rod can be set again."),
    "rod-back": later("The neck is back where it was."),
    "intonation": later("Chords are in tune all the way up the neck."),
    "pickups": later("Notes are true and no longer wavering."),
    "bridge": later("It stays in tune and lies as it should."),
    "hardware": later("The rattle is gone."),
    "rod": later("Buzzing or stiffness in the middle of the neck is gone."),
    "seat": later("Those frets ring firmly again, and no end catches the hand."),
    "ends": later("The hand runs along the neck without a scratch."),
    "spot-level": later("The notes that choked or buzzed ring clean."),
    "play-clean": later("Every note rings clean at the height you play at."),
    "crown-few": later("Notes are true again, and bends run smoothly."),
    "level": later("Every note rings clean, and the strings can lie lower."),
    "level-straight": later("Every note rings clean, and the strings can lie lower."),
    "level-held": later("Every note rings clean, and the strings can lie lower."),
    "level-lies": later("Every note rings clean."),
    "crown-first": later("Every note rings clean, and the worn frets feel round again."),
    "lift-fret": later("The note in front of it rings clean."),
    "first-frets": later("It can be strung up and played."),
    "refret-some": later("The worn frets feel and sound like the others."),
    "refret": later("It plays as new, with years of wear ahead."),
    "refret-true": later("It plays as new on a straight fretboard, with years of wear ahead."),
    "refret-tangs": later("It plays as new, and the neck lies straighter."),
    "refret-angle": later("It plays as new, and the strings can lie lower."),
    "new-neck": later("It plays on a sound neck."),
    "heat": later("The neck lies straighter, and the strings lower."),
    "refer": later("It is mended by hands that do this every day."),
}
MOST_FOUND = 5


def found_words(findings: Sequence[Finding], figures: Figures) -> tuple[str, ...]:
    """What is wrong, gravest first, one sentence a matter; frets of one kind are named together."""
    told: dict[str, str] = {}
    for finding in findings:
        if finding.verdict == "good" or finding.sure < 0.5:
            continue
        if finding.kind == "relief":
            key = f"plain.relief-{finding.verdict}"
        else:
            key = f"plain.{finding.kind}"
        if key in SENTENCES and finding.kind not in told:
            told[finding.kind] = _as_told(key, finding, findings, figures)
    return tuple(told.values())[:MOST_FOUND]


def _as_told(key: str, finding: Finding, findings: Sequence[Finding], figures: Figures) -> str:
    same = [f for f in findings if f.kind == finding.kind and f.sure >= 0.5 and f.verdict != "good"]
    named = sorted({f.fret for f in same if f.fret is not None})
    largest = figures.length(max(abs(f.mm) for f in same))
    return say(means(key, frets=frets(named), mm=largest, number=max(len(named), 1)))


def cure_words(kind: str) -> str:
    """What a player notices after a way."""
    return say(CURES.get(kind, ""))


def way_words(kind: str) -> str:
    """What is done along a way."""
    return say(WAYS.get(kind, ""))
