"""How ways, steps and rounds are called where a record names one by its key."""

from __future__ import annotations

import re

from nuvrek.meaning import Meaning, Named, Saying, Word


def name_of(named: Named) -> Saying:
    """The title of what is named; its key as words where this program doesn't know it."""
    if named.of == "way":
        from nuvrek.planning.ways.kinds import WAYS

        way = WAYS.get(named.key)
        if way is None:
            return named_by_key(named.key)
        return way.title
    if named.of == "round":
        from nuvrek.readings.rounds import ROUNDS

        if named.key in ROUNDS:
            return ROUNDS[named.key][0]
        return named_by_key(named.key)
    # Steps that come again are numbered: ``fit-2``.
    plain = re.sub(r"-\d+$", "", named.key)
    title = STEP_TITLES.get(plain)
    if title is None:
        return named_by_key(plain)
    return Meaning(title)


def named_by_key(key: str) -> Word:
    """A key as words."""
    return Word(key.replace("-", " "))


STEP_TITLES: dict[str, str] = {
    "fit": "steps.named-fit",
    "bare": "steps.read-bare-board",
    "bare-again": "steps.read-trued-board",
    "before": "steps.read-before-stripping",
    "cold": "steps.leave-clamped-until-quite-cold",
    "crown": "steps.named-crown",
    "crown-worn": "steps.crown-what-worn",
    "cut": "steps.crimp-bend-cut",
    "dial-back": "steps.raise-supports-until-dial-reads",
    "dial-off": "steps.strings-off",
    "dial-zero": "steps.dial-zero-under-tension",
    "end-bevel": "steps.bevel-ends",
    "end-flush": "steps.bring-ends-back-edge",
    "end-lip": "steps.take-off-lips",
    "end-roll": "steps.roll-edge-board",
    "end-round": "steps.round-ends-hair",
    "file": "steps.named-file",
    "fit-neck": "steps.fit",
    "glue": "steps.leave-glue-time",
    "hardware": "steps.find-noise",
    "intonation": "steps.set-intonation",
    "pickups": "steps.lower-pickups",
    "bridge": "steps.set-bridge",
    "heat": "steps.heat",
    "heat-clamp": "steps.clamp-little-past-straight",
    "heat-ready": "steps.strings-off-rod-slack",
    "jig": "steps.set-neck-jig",
    "levelled": "steps.read-again-before-crowning",
    "lift": "steps.named-lift",
    "look-again": "steps.look-again-after-one-two",
    "mark": "steps.mark-tops",
    "measure-neck": "steps.measure-pocket-heel",
    "mend": "steps.mend-chips",
    "new-tops": "steps.read-new-tops",
    "nut-new": "steps.nut-saddle-new-tops",
    "nut-out": "steps.nut-out-way",
    "nut-slots": "steps.set-nut",
    "oil": "steps.oil-board",
    "oil-dry": "steps.leave-oil-night",
    "old-frets": "steps.old-frets-nut-owner",
    "other-strings": "steps.change-strings-or-tuning",
    "peel": "steps.peel-tape-one-light-pass",
    "polish": "steps.named-polish",
    "press": "steps.press-every-fret",
    "prove": "steps.take-closing-readings",
    "pull": "steps.named-pull",
    "read": "steps.read-measure",
    "read-heights": "steps.read-string-heights-again",
    "read-nut": "steps.press-3-look-1-again",
    "read-relief": "steps.read-relief-again",
    "refer": "steps.refer",
    "retune": "steps.tune-pitch",
    "rocker-again": "steps.rocker-over-seated-frets",
    "rod": "steps.turn-rod",
    "saddle": "steps.set-saddle",
    "seat-check": "steps.does-every-fret-sit",
    "set": "steps.set-neck-rod",
    "shim": "steps.tilt-neck-pocket",
    "short": "steps.short-leveller",
    "slack-first": "steps.strings-off-again",
    "slacken": "steps.slacken-strings",
    "slots": "steps.slots-against-tang",
    "string-first": "steps.string-up-before-level",
    "string-up": "steps.string-up-tune",
    "strung-relief": "steps.read-relief-strung-up",
    "tape": "steps.tape-board-cover-pickups",
    "trim": "steps.trim-bevel-ends",
    "try": "steps.trial-fret-then-each-piece",
    "wick": "steps.glue",
    "wood": "steps.true-board",
    "zero-fret": "steps.bring-zero-fret-down",
}
