"""The page that says what is the matter and what to do."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "matter.action-before-after": (
        "Action at fret {fret}, nut and saddle left alone: {low} to {low_after} bass side, {high} "
        "to {high_after} treble side."
    ),
    "matter.one-job": "One job: about {hours:.1f} h.",
    "matter.one-job-price": "One job: about {hours:.1f} h, {money}.",
    "matter.no-metal": "no metal",
    "matter.metal": "{mm} of metal",
    "matter.trial": "{clean} end clean at {low} and {high}: {metal}, {hours:.1f} h.",
    "matter.trial-clean-from": (
        "{clean} end clean at {low} and {high}; most do from {from_low} and {from_high} on."
    ),
    "matter.costs": "at {low} and {high}, {metal}, {hours:.1f} h",
    "matter.plays-clean": "Nothing is the matter: it plays clean.",
    "matter.contradiction": "Two readings contradict each other.",
    "matter.not-read": "Not enough was read yet.",
    "matter.nothing-found": "Nothing is the matter.",
    "matter.work-in-hand": "The next step is clear.",
    "matter.is": "{cause}.",
    "matter.probably": "Probably: {cause}.",
    "matter.perhaps": "Perhaps: {cause}.",
    "matter.because": "Why: {why}.",
    "matter.next": "Next: {title}.",
    "matter.next-test": "Next: {test}",
    "matter.next-rods": "Next: {title}, each side by its own turn, then read again.",
    "matter.next-rod": "Next: {title}, {move}, then read again.",
}
