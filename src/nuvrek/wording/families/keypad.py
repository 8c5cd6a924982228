"""The bench bar and its keys."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "keypad.take-again-new-reading-replaces": (
        "Take it again: the new reading replaces the old one."
    ),
    "keypad.no-number-here": "No number here.",
    "keypad.gauge-sent-but-nothing-asked": (
        "The gauge sent {sent}, but nothing is asked for now. It was not taken."
    ),
    "keypad.backspace-strikes": "Backspace undoes: {entry}",
    "keypad.taken-again-old-reading-struck": "Taken again; the old reading is struck out.",
    "keypad.gauge-sent-while-something-typed": (
        "The gauge sent {sent} while something was typed. It was not taken."
    ),
    "keypad.pick-one-number-1": "Pick one by its number, 1 to {count}.",
    "keypad.struck-out-take-again-or": "Struck out: {detail}. Take it again, or go on.",
    "keypad.type-height-enter-enter-alone": "Type the height, Enter. Enter alone passes on.",
    "keypad.map-shows-what-readings-say": "Map shows what the readings say.",
    "keypad.round-done-up-goes-back": (
        "That's everything in this round. Press ▴ to go back to a reading."
    ),
    "keypad.key-has-no-use-here": "That key has no use here. {hint}",
    "keypad.cant-reading-neck-type-again": "That can't be a reading on a neck. Type it again.",
    "keypad.fret-rocks-there-lies-all": (
        "Its fret and *: rocks there. +: lies all along. -: on its ends, light between."
    ),
    "keypad.and-fret": "and",
    "keypad.one-fret-star-other-enter": "One fret and *, then the other and Enter.",
    "keypad.all-along": "all along",
    "keypad.ends": "on its ends",
    "keypad.rocks": "rocks",
    "keypad.type-fret-rocks-about-2": "Type the fret it rocks about, 2 to {frets}, then *.",
    "keypad.leaf-slides-drags-wont-go": (
        "Blade that slides +, drags -, won't go /. A number: Enter. A support: fret, *."
    ),
    "keypad.slides": "slides",
    "keypad.drags": "drags",
    "keypad.wont-go": "won't go",
    "keypad.support": "support",
    "keypad.slides-then": "slides {mm}, then",
    "keypad.type-leaf-first-then-if": (
        "Type the blade first, then + if it slides, - if it drags or / if it won't go."
    ),
    "keypad.goes-just-drags-wont-go": (
        "+ it goes, - it just drags, / it won't go. Another blade: type it first."
    ),
    "keypad.leaf": "blade {wanted_mm}",
    "keypad.leaf-slides-should-thinner-than": (
        "The blade that slides should be thinner than the one that drags or won't go."
    ),
    "keypad.type-fret-holds-string-then": "Type the fret that holds the string, then *.",
    "keypad.support-0-nut-not-fret": (
        "A support is 0 (the nut) to {frets}, and not the fret looked at."
    ),
    "keypad.fret-carries-edge-no-gap": (
        "That fret carries the edge: no gap there. Move on with the arrows."
    ),
    "keypad.laid-supports": "Laid on its supports.",
    "keypad.laid-rests": "Laid as it rests.",
    "keypad.type-height-enter-enter-alone-passes": (
        "Type the height, Enter. Enter alone passes on. A fret and * is a capo there."
    ),
    "keypad.type-enter-enter-alone-passes": "Type it, Enter. Enter alone passes on.",
    "keypad.one-press-fret-fret-moves": (
        "One press a fret; the fret moves on. Arrows go to another, - turns the sign, * the "
        "other way, Enter leaves."
    ),
    "keypad.capo": "capo",
    "keypad.plus": "plus",
    "keypad.minus": "minus",
    "keypad.other-way": "other way",
    "keypad.capo-sits-fret-before-alone": (
        "A capo sits on a fret before {cursor}; * alone takes it off."
    ),
    "keypad.run-goes-towards-nut": "The run goes towards the nut.",
    "keypad.run-goes-towards-body": "The run goes towards the body.",
    "keypad.when-so-enter-alone-passes": (
        "* when it is so. Enter alone passes on: the strings count as before."
    ),
    "keypad.so": "it is so",
    "keypad.key-may-follow-1-4mm": "Its key may follow: 1 4mm.",
    "keypad.strings-still-count-pitch-once": (
        "The strings still count as at pitch. Once they are slack, go back up and press *."
    ),
    "keypad.strings-still-count-slack-once": (
        "The strings still count as slack. Once they are at pitch, go back up and press *."
    ),
    "keypad.detail-feel": "{detail} {feel}",
    "keypad.number-from-asked-here": "A number from {low:g} to {high:g} is asked for here.",
    "keypad.fret-number-where-rocks-alone": (
        "Fret number and * where it rocks. / alone: all the others are still."
    ),
    "keypad.still": "still",
    "keypad.fret-number-if-moves-bass": (
        "Fret number and * if it moves, - at its bass end, + at its treble end, / if firm with "
        "light under it. / alone: all the others are firm."
    ),
    "keypad.firm": "firm",
    "keypad.fret-number-sharp-past-edge": (
        "Fret number and * sharp, + past the edge, - bevel proud, / lip from tape. / alone: "
        "all the others are fine."
    ),
    "keypad.fine": "fine",
    "keypad.fret-number-ink-goes-order": (
        "Fret number and * as the ink goes, in its order. / alone: on all the others it is whole."
    ),
    "keypad.their-ink-whole": "with their ink whole",
    "keypad.frets-looked-here-not": "Frets {start} to {stop} are looked at here, not {text}.",
    "keypad.others-still": "others still",
    "keypad.found": "found: {detail}",
    "keypad.moves": "moves",
    "keypad.bass-end": "bass end",
    "keypad.treble-end": "treble end",
    "keypad.others-firm": "others firm",
    "keypad.sharp": "sharp",
    "keypad.past-edge": "past the edge",
    "keypad.proud-bevel": "proud bevel",
    "keypad.lip-others-fine": "lip; others fine",
    "keypad.ink-gone": "ink gone",
    "keypad.others-whole": "others whole",
    "keypad.gone": "gone: {order}",
    "keypad.fret-number-goes-where-ink": "A fret number goes with *, where the ink is gone.",
    "keypad.something-said-every-fret-here": "Something was said of every fret here already.",
    "keypad.written": "Written: {frets} {others}.",
    "keypad.passed-other-frets-stay-unknown": "Passed on. The other frets stay unknown.",
    "keypad.rocks-with-rocks": "rocks: {rocks}",
    "keypad.fret-unmarked": "Fret {cursor} is unmarked.",
    "keypad.mark-fret-first-number-key": "Mark the fret first: its number and a key.",
    "keypad.fret-marked": "Fret {cursor} is marked. {more}",
    "keypad.none-yet": "none yet",
    "keypad.how-much-type-enter-or": "How much? Type it and Enter, or go on.",
    "keypad.fret-rocks-leaf-under-type": (
        "Fret {cursor} rocks. A feeler blade under it? Type it, or go on."
    ),
    "keypad.read-here-times": "read here {number} times, {low} to {high}",
    "keypad.read-here": "read here: {value_words}",
    "keypad.read-here-times-last": "read here {number} times, last {value_words}",
    "keypad.read-here-times-always": "read here {number} times, always {low}",
    "keypad.enter": "Enter",
    "keypad.takes": "{key} takes {length}",
    "keypad.digits-type-again": "digits type it again",
    "keypad.number-enter-or-press-enter": (
        "Its number and Enter, or press it. Enter alone comes back here from a reading."
    ),
    "keypad.which-reading": "Which reading?",
    "keypad.round-done": "Round done.",
    "keypad.end-round-left-open-up": "End of the round. {left} left open: Up goes back.",
    "keypad.keeps": "{key} keeps {length}",
    "keypad.space-from-now": "Space: {unit} from now on",
    "keypad.ways-out": "{ways:start}.",
    "keypad.shown-and-mm": "{shown} ({mm})",
    "keypad.readings-before": "{before:start}.",
    "keypad.feels": "{feels}.",
    "keypad.taken-strings-pitch": "It was taken with the strings at pitch.",
    "keypad.taken-strings-slack": "It was taken with the strings slack.",
}
