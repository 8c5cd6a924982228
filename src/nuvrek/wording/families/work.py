"""Work, course and clocks."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "work.found-in-the-middle": "Found: {what}.",
    "work.rest-is-weighed-anew": (
        "The job pauses. What is done stays as agreed; Choose has the course for the rest, and the "
        "owner is asked again."
    ),
    "work.put-away": "Put away",
    "work.put-away-its-journal-stays": "Put away; everything written down is kept.",
    "work.step-waits-owners-word": "This step waits for the owner's word: {named}.",
    "work.not-agreed-owner-yet": "Not agreed with the owner yet: {named}.",
    "work.not-asked-yet": "not asked yet",
    "work.lifted": "{day}  lifted: {reason}",
    "work.refused": "{day}  refused",
    "work.there-already-holds-more-necks": (
        "{name} is there already and holds more: {necks} of its necks are missing or shorter here."
    ),
    "work.there-already-no-archive": "{name} is there already, and is no archive.",
    "work.not-plain-file": "{name}: not a plain file.",
    "work.too-large-archive": "too large for an archive.",
    "work.cant-read": "{name}: can't be read ({strerror}).",
    "work.not-before-go": "{title}: not before {until}, {left} to go",
    "work.has-had-time": "{title}: the waiting time is over ({until})",
    "work.h-min": "{hours} h {minutes:02d} min",
    "work.min": "{minutes} min",
    "work.done-twice-reading-has-not": (
        "Done twice and the reading has not changed: {listed}. Look for what holds it, or "
        "choose another way; it is not offered a third time."
    ),
    "work.course-has-changed-now": (
        "The course has changed: it was {before}, now it is {after}. {why}"
    ),
    "work.nothing-left-course": "Nothing is left of the course: {why}",
    "work.which-fret-number-then-key": "Which fret? Its number, then the key. Here it is {which}.",
    "work.ink-gone-fret": "Ink gone on fret {fret}{where}?",
    "work.frets-touched": "{number} of {frets_count} frets touched.",
    "work.map-off-there-stop-take": (
        "{count} {sentences}: the map is off there. Stop, take the rocker over it, and look at "
        "the plan again."
    ),
    "work.all-ink-gone-stop-rocker": (
        "{count} All the ink is gone: stop. The rocker once along, then the crowns."
    ),
    "work.ahead-lean-see-tool-lies": (
        "{count} The {lane_words} is ahead: lean to the {other}, and see that the tool lies "
        "along the strings."
    ),
    "work.bench-agrees-plan": "{count} The bench agrees with the plan. {following}",
    "work.next-should": "Next should be {left}.",
    "work.went-before-turn": "{early} went before its turn",
    "work.still-wears-ink": "{late} still wears its ink",
    "work.between": "Between {day} and {until}.",
    "work.nobody-has-pressed-yet-one": (
        "Nobody has pressed {frets} yet. One that moves is marked in Measure; / says that all "
        "the others are firm."
    ),
    "work.left-now-space-takes-up": "Left for now; Space takes it up again.",
    "work.nothing-said-yet-fret-deviates": (
        "Nothing was said of {frets} yet. A fret that deviates gets its number and its key; / "
        "says of all the rest: {fine}."
    ),
    "work.taken-up-again-time-between": "Taken up again; the time between is not counted.",
    "work.not-ticked": "Not ticked. {waiting_words}",
    "work.passed-over-advice-goes-what": "Passed over: the advice goes on what was read before.",
    "work.wood-off": "wood off",
    "work.found": "as found",
    "work.bench": "On the bench",
    "work.looked-again": "To be looked at again",
    "work.handed-back": "To be handed back",
    "work.decided": "To be decided",
    "work.measured": "To be measured",
    "work.waiting-time": "Waiting for its time",
    "work.waiting-owners-word": "Waiting for the owner's word",
    "work.waiting-part": "Waiting for a part",
    "work.resting": "Resting",
    "work.readings": ("{number} reading", "{number} readings"),
    "work.look-again": "look again, by {look_until}",
    "work.owners-word": "{title}: the owner's word on {named}",
    "work.choose-way": "choose a way ({readings})",
    "work.look-again-from": "{title}: look again from {look_from}",
    "work.other-half-year-look-from": "the other half of the year: look from {season}",
    "work.all-steps-done": "{title}: all steps done",
    "work.measure": "measure it",
    "work.owners-answer-quote": "the owner's answer to the quote of {at}",
    "work.done-go-next-way": "{title} is done: go on to the next way",
    "work.all-done-hand-back": "{title}: all done, hand it back",
    "work.waits": "waits for {what}",
    "work.agreed-how": "{day}  {how}",
    "work.lane": ", {lane}",
    "work.name-fault": "{name}: {fault}",
    "work.move-lane": "{move}, {lane}",
    "work.title-detail": "{title}: {detail:within}",
    "work.heat": "heat",
    "work.frets-out": "frets out",
    "work.new-wire": "new wire",
}
