"""Rod moves and what stops them."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "rod.takes-relief-out-lets": "{takes_out} takes relief out, {lets_in} lets it in",
    "rod.slacken-strings-first": "Slacken the strings first.",
    "rod.both-rods": "{turns_words}, both rods",
    "rod.clockwise": "clockwise",
    "rod.counter-clockwise": "counter-clockwise",
    "rod.neck-counter-clockwise": "on this neck counter-clockwise",
    "rod.neck-clockwise": "on this neck clockwise",
    "rod.takes-relief-out": "{takes_out} takes relief out",
    "rod.lets-relief": "{lets_in} lets relief in",
    "rod.on-the": "{turns_words} on the {lane_words}",
    "rod.rod-resists-not-forced-slacken": (
        "The rod resists: it is not to be forced. Slacken the strings, clear and grease its "
        "nut, then try an eighth."
    ),
    "rod.stiff-first-loosening-may-no": (
        "Stiff at the first loosening: that may be no more than old glue. Strings slack, a "
        "drop of grease at the nut, an eighth back and forth; if it does not come free, stop."
    ),
    "rod.rod-end-spacer-under-nut": (
        "The rod is at its end. A spacer under its nut, compression fretting, heat or a "
        "dressed-in relief are what is left; a new rod is specialist work."
    ),
    "rod.key-slips-nut-chewed-which": (
        "The key slips: the nut is chewed, which says nothing about the rod. Renew the nut "
        "before judging the rod."
    ),
    "rod.nut-cant-reached-clear-hole": (
        "The nut can't be reached: clear the hole, find the key that fits. The rod itself has "
        "not been tried yet."
    ),
    "rod.relief-went-other-way-rod": (
        "The relief went the other way. The rod works; either the key was turned the wrong "
        "way, or this rod works backwards: turn it back and read again, then the sign is known."
    ),
    "rod.whole-turn-one-direction-pause": (
        "A whole turn in one direction: pause, look at key and nut, and note how it feels "
        "before going on."
    ),
    "rod.turned-out-until-slack-there": (
        "Turned out until slack: there is nothing left to let out. The rod is not spent, it "
        "can still take relief out. Heavier strings let relief in; or leave it as it lies."
    ),
    "rod.moves-without-answer-rod-spent": (
        "The truss rod was turned again after key and nut were looked at, and the relief didn't "
        "change: it is at its limit."
    ),
    "rod.neck-not-followed-look-at-nut": (
        "The truss rod was turned but the relief didn't change: it is at its limit, or only "
        "the nut is turning. See that the key grips and the nut is not worn out before you "
        "call it spent."
    ),
    "rod.back-bow-slack-one-way": (
        "Back bow with a slack one-way rod: the rod can't help. Heavier strings, or level as "
        "it lies so that the frets carry the relief."
    ),
    "rod.two-rods-pull-against-each": (
        "The two rods pull against each other: one was tightened, the other loosened, and the "
        "sides do not part. Bring both back to where they were, then turn them alike."
    ),
    "rod.there-no-gap-under-string": (
        "There is no gap under the string: the neck may be straight or back-bowed. Check with "
        "a straight edge before touching the truss rod."
    ),
    "rod.move": "{turning:start} ({does}). {first}",
    "rod.no-leaf-fills": (
        "No leaf fills the gap, so nobody sees what the move did: put two leaves together, or use "
        "a rule, before the next turn."
    ),
    "rod.not-sound": "Not sound: the truss rod stays as it is until that is mended.",
}
