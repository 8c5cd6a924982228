"""Practice necks: score, forms, advice."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "practice.nothing-done": "nothing was done",
    "practice.every-note-rings-clean": "Every note rings clean.",
    "practice.rod-straight-everything-level-would": (
        "; rod straight and everything level would have taken {plain_mm:.2f} mm"
    ),
    "practice.metal-off-sum-mm": "Metal off in sum: {metal_mm:.2f} mm{plain}.",
    "practice.readings-minutes-bench": "{readings} readings, {minutes} minutes at the bench.",
    "practice.first-maps-ranges-held-tops": (
        "The first map's ranges held at {held} of {other_held} tops."
    ),
    "practice.rings-clean": "rings clean",
    "practice.buzzes": "buzzes",
    "practice.dies-once": "dies at once",
    "practice.slips-off-edge-fret": "slips off the edge of the fret",
    "practice.rattles-fret-itself-sounds": "rattles: the fret itself sounds",
    "practice.lower": "{mm:.2f} lower",
    "practice.bench-has-no-such-tool": "This bench has no such tool.",
    "practice.slides-through-touches-nothing": "slides through and touches nothing",
    "practice.drags": "drags",
    "practice.stops-wont-go": "stops: it won't go in",
    "practice.leaf-feels": "{leaf:.2f} {feels}.",
    "practice.lies-still-no-light-seen": "On the {where} it lies still, and no light is seen.",
    "practice.foot-says": "The foot says {mm:.2f} at {fret}.",
    "practice.string-not-taut-hangs-anywhere": "a string that is not taut hangs anywhere",
    "practice.rule-stands-fret-beside-string": "The rule stands on the fret beside the string.",
    "practice.nothing-rings": "nothing rings",
    "practice.open": "Open",
    "practice.at": "At {fret}",
    "practice.it": "{note} it {sounds}.",
    "practice.you-look-along-tops": "You look along the tops.",
    "practice.key-turns-round-nut-corners": "The key turns round in the nut: its corners are gone.",
    "practice.wont-move-first-if-glued": (
        "It won't move at first, as if glued; there is old dirt on the nut."
    ),
    "practice.key-sits-well": "The key sits well.",
    "practice.21-degrees-48-percent": "21 degrees, 48 percent.",
    "practice.turns": "It turns.",
    "practice.turns-nothing-behind-slack": "It turns with nothing behind it: slack.",
    "practice.stops-hard-never-force": "It stops hard. Never force it.",
    "practice.key-slips-round-nut-nothing": "The key slips round in the nut; nothing turned.",
    "practice.binds-wont-turn-nut-gummed": (
        "It binds and won't turn; the nut is gummed up. Never force it."
    ),
    "practice.key-sits-well-now": "The key sits well now.",
    "practice.caul-let-down-lightly": "The caul is let down on it lightly.",
    "practice.stop-felt-caul-comes-up": "The stop is felt, and the caul comes up again.",
    "practice.goes-down-crunch": "It goes down with a crunch.",
    "practice.glue-under-clamp-needs-time": (
        "Glue is under {fret}, a clamp on it. It needs its time."
    ),
    "practice.time-has-passed": "Time has passed.",
    "practice.every-top-marked": "Every top is marked.",
    "practice.strokes": "{strokes} strokes on {fret}.",
    "practice.strokes-ink-off-places": "{strokes} strokes; ink is off {gone} places.",
    "practice.tops-round": "{number} tops are round.",
    "practice.ends-rounder": "{number} ends are rounder.",
    "practice.slot": "The slot of the {lane_words} is {moved}.",
    "practice.saddle": "The saddle of the {lane_words} is {moved}.",
    "practice.higher": "{mm:.2f} higher",
    "practice.cold-again-out-clamp": "It is cold again and out of its clamp.",
    "practice.frets-out": "{number} frets are out.",
    "practice.strokes-wood": "{strokes} strokes on the wood.",
    "practice.empty-slots-deeper": "The empty slots are {mm:.1f} deeper.",
    "practice.frets": "{count} frets are in.",
    "practice.leaf-goes-under-string-taut": "a feeler blade goes under a string that is taut",
    "practice.edge-must-reach-over-three": "The edge must reach over three places at the least.",
    "practice.edge-rocks": "On the {where} the edge rocks.",
    "practice.lies-still-light-under": "On the {where} it lies still, with light under it.",
    "practice.edge-too-short-here-does": (
        "This edge is too short here: it does not reach three frets."
    ),
    "practice.there-no-fret-press": "There is no fret to press.",
    "practice.foot-stands-beside-fret": "The foot stands beside a fret.",
    "practice.foot-sinks-into-groove": "The foot sinks {mm:.2f} into the groove of {fret}.",
    "practice.there-no-such-note-judge": "There is no such note to judge.",
    "practice.there-nothing-key-turn": "There is nothing for a key to turn.",
    "practice.turns-two-fingers-rod-slack": "It turns with two fingers: the rod is slack.",
    "practice.neck-has-no-rod": "This neck has no truss rod.",
    "practice.there-one-rod-only": "There is one rod only.",
    "practice.frets-out-no-strings-go": "Frets are out: no strings go on.",
    "practice.all-strings-pitch": "All strings at pitch.",
    "practice.strings-slack": "The strings are slack.",
    "practice.clean-now-corners-still-gone": "It is clean now, and its corners are still gone.",
    "practice.block-needs-way-go": "A block needs a way to go.",
    "practice.tape-wood": "Tape is on the wood.",
    "practice.tape-off": "The tape is off.",
    "practice.frets-way-block-wood": "Frets are in the way of a block on the wood.",
    "practice.no-slot-empty": "No slot is empty.",
    "practice.strings-slack-with-why": "The strings are slack: {why}.",
    "practice.strings-pitch-let-them-down": "The strings are at pitch: let them down before this.",
    "practice.fret-looked-lies-between-two": (
        "The fret looked at lies between the two that are held."
    ),
    "practice.there-no-fret": "There is no fret {fret}.",
    "practice.fret-out": "Fret {fret} is out.",
    "practice.rocker-needs-fret-either-side": "A rocker needs a fret on either side.",
    "practice.edge-must-lie-two-places": "The edge must lie on two places.",
    "practice.rod-turned": "the rod was turned",
    "practice.rods-nut-seen": "the rod's nut was seen to",
    "practice.fret-pressed": "a fret was pressed",
    "practice.fret-glued": "a fret was glued",
    "practice.single-fret-filed": "a single fret was filed",
    "practice.block-taken-up": "the block was taken up",
    "practice.tops-were-crowned": "tops were crowned",
    "practice.ends-were-rounded": "ends were rounded",
    "practice.nut-worked": "the nut was worked on",
    "practice.saddle-moved": "the saddle was moved",
    "practice.neck-heated": "the neck was heated",
    "practice.frets-were-pulled": "frets were pulled",
    "practice.wood-sanded": "the wood was sanded",
    "practice.slots-were-sawn": "the slots were sawn",
    "practice.new-wire-fitted": "new wire was fitted",
    "practice.read-decide-work-make-every": (
        "Read it, decide, work, and make every note ring clean at the wanted height."
    ),
    "practice.neck": "The neck {detail}",
    "practice.nothing-practise": "'{name}' is nothing to practise on.",
    "practice.rock-marked": "{detail} of {number} that rock are marked.",
    "practice.fret-lost-mm-stands-mm": (
        "Fret {fret} lost {took:.2f} mm and stands {left:+.2f} mm to its neighbours."
    ),
    "practice.your-reading-took-doubt-away": "Your reading took {got:.0%} of the doubt away.",
    "practice.h-mm-metal": ", {minutes:.1f} h, {metal_mm:.2f} mm of metal",
    "practice.you-offered": "You offered: {way_title}{costs}.",
    "practice.program-would": "This program would: {course}.",
    "practice.notes-ring-clean-before-were": (
        "{clean} of {notes} notes ring clean; before it were {other_clean}."
    ),
    "practice.there-no-form": "There is no form '{key}'.",
    "practice.some-frets-rock": "Some frets rock.",
    "practice.one-fret-rocks": "One fret rocks.",
    "practice.buzzes-with-again": "It buzzes.",
    "practice.lent-out-every-week-worn": (
        "Lent out every week; worn. The shelf can spend 90 on it, no more."
    ),
    "practice.not-marked": "Not marked: {missed}.",
    "practice.marked-nothing-there": "Marked, and nothing there: {false}.",
    "practice.one-stroke-less-would-have": "One stroke less would have been right.",
    "practice.mm-came-off-other-frets": "{elsewhere:.2f} mm came off other frets.",
    "practice.more-would-have-come": "More would have come of: {named}",
    "practice.none-would-have-told-more": "None would have told more.",
    "practice.mm-metal": "{metal_mm:.2f} mm of metal.",
    "practice.no-metal-taken": "No metal was taken.",
    "practice.two-minute-sweep": "Two-minute sweep",
    "practice.rocker-two-minutes-mark-frets": (
        "A rocker and two minutes: mark the frets that rock, and no others."
    ),
    "practice.which-reading-next": "Which reading next",
    "practice.neck-begun-take-one-reading": (
        "The neck was begun. Take the one reading that would tell most, and write it down."
    ),
    "practice.stop-right-stroke": "Stop at the right stroke",
    "practice.one-fret-proud-file-until": (
        "One fret is proud. File it until it is right, and not a stroke longer."
    ),
    "practice.what-would-you-offer": "What would you offer",
    "practice.neck-read-purse-small-choose": (
        "The neck has been measured and the budget is small. Choose the option you would offer."
    ),
    "practice.home-made-tools-only": "Home-made tools only",
    "practice.slips-paper-leaves-cut-edge": (
        "Slips of paper for feeler blades, a cut edge, a short one for a rocker, your ears. "
        "Make it play."
    ),
    "practice.nothing-stood-proud": "Nothing stood proud.",
    "practice.no-reading-taken": "No reading was taken.",
    "practice.nothing-offered-way-chosen-choose": "Nothing was offered: a way is chosen on Choose.",
    "practice.practice-neck": "practice neck {detail}",
    "practice.rods-nut": "The rod's nut is {rod_nut}.",
    "practice.fret-not-seated": "Fret {fret} is not seated.",
    "practice.open-string-lies-too-low": "An open string lies too low at the nut.",
    "practice.string-over-middle-pitch-edge": (
        "The string over the middle at pitch, and an edge where it shows no light."
    ),
    "practice.frets-have-grooves-first-them": (
        "{number} frets have grooves, {grooved} the first of them."
    ),
    "practice.string-stands-mm-over-12": "The {lane_words} string stands {height:.1f} mm over 12.",
    "practice.frets-out-with-count": "{count} frets are out.",
    "practice.look-board": "A look at the fretboard.",
    "practice.key-felt-before-turned": "The key, felt before it is turned.",
    "practice.finger-fret": "A finger on fret {fret}.",
    "practice.pressed-3-look-over-1": "Pressed at 3, a look over 1; or the open strings, played.",
    "practice.depth-foot-groove": "A depth foot in the groove of {grooved}.",
    "practice.rule-12": "A rule at 12.",
    "practice.fret-stands-mm-over-neighbours": (
        "Fret {fret} stands {over:.2f} mm over its neighbours."
    ),
    "practice.rocker-over": "A rocker over {fret} on the {lane_words}.",
    "practice.fret-lies-mm-under-neighbours": (
        "Fret {fret} lies {over:.2f} mm under its neighbours."
    ),
    "practice.rocker-over-two-rocks-between": (
        "A rocker over {fret} and {other_fret}: two rocks, and {third_fret} between them."
    ),
    "practice.would-have-done-string-height": (
        "; {least_mm:.2f} would have done at this action, rod and nut slots free"
    ),
    "practice.metal-off-summed-over-frets": (
        "Metal off, summed over the frets: {metal_mm:.2f} mm{least}."
    ),
    "practice.readings-written-down-minutes-hands": (
        "Readings written down: {readings}. {minutes:.0f} minutes of hands, {days:.1f} days."
    ),
    "practice.notes-ring-clean-before": (
        "{clean} of {notes} notes ring clean (before: {other_clean})."
    ),
    "practice.every-note-rings-clean-with-again": "Every note rings clean.",
    "practice.strings-mm-off-wanted-height": (
        "Strings {height_off_mm:.2f} mm off the wanted height, relief {relief_off_mm:.2f} mm."
    ),
    "practice.new-wire-places-mm-old": (
        "New wire in {parts} places; {replaced_mm:.2f} mm of the old could still have been used."
    ),
    "practice.your-maps-ranges-hold-tops": "Your map's ranges hold at {held} of {other_held} tops.",
    "practice.left-behind-frets-move-flat": (
        "Left behind: {loose} frets that move, {flat} flat tops, {out} out."
    ),
    "practice.no-seed-word-three-syllables": (
        "'{detail}' is no seed word: three syllables of two letters, as {like}."
    ),
    "practice.notes-clean-as-said": (
        "{clean} of {notes} notes ring clean; that was said beforehand."
    ),
    "practice.notes-clean-unsaid": (
        "{clean} of {notes} notes ring clean, and nothing was said of it."
    ),
    "practice.by-advice": "By the advice: {gone}.",
    "practice.by-plain-procedure": "By the plain procedure: {gone}.",
    "practice.over-rocks": "Over {fret} it rocks.",
    "practice.over-still": "Over {fret} it is still.",
    "practice.fret-gives-under-finger": "Fret {fret} gives under the finger on the {where}.",
    "practice.fret-firm": "Fret {fret} is firm on the {where}.",
    "practice.relief-mm-than-wanted-more": "The relief is {worst:.2f} mm more than wanted.",
    "practice.relief-mm-than-wanted-less": "The relief is {worst:.2f} mm less than wanted.",
    "practice.fret-map-says-give-or-read-there-again": (
        "Fret {fret}, {lane_words}: the map says {tops_mm:.2f} give or take {doubt:.2f}, true "
        "is {true:.2f}; read there again."
    ),
    "practice.fret-map-says-give-or-no-rocker-set": (
        "Fret {fret}, {lane_words}: the map says {tops_mm:.2f} give or take {doubt:.2f}, true "
        "is {true:.2f}; no rocker was set there on this side."
    ),
    "practice.begin-right": "To begin with: {first}. That was right.",
    "practice.begin-not-what-came": "To begin with: {first}. That was not what came first.",
}
