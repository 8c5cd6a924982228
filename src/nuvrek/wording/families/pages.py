"""What the pages say."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "pages.left": "{how_many} left",
    "pages.off-all-thinnest": "{title}: {metal} off in all, thinnest {thin}, {levels}",
    "pages.nothing-loses-ink": "Nothing loses its ink.",
    "pages.not-now": "{title}: not now",
    "pages.so-worked-tool-takes-more": (
        "With this tool you would remove {more} more than planned. Put your pressure where the "
        "plan removes most."
    ),
    "pages.so-worked-would-keep-ink": (
        "With this tool {frets} would still have ink while another fret is already at the "
        "limit. Put your pressure where the plan removes most."
    ),
    "pages.tool-brushes-well-shorter-stone": (
        "The tool brushes {frets} as well: a shorter stone, or lift it there."
    ),
    "pages.middle-gives-way-under-hand": (
        "The middle gives way by {left_high_mm} under the hand: check unloaded, or back it."
    ),
    "pages.levels": ("{number} level", "{number} levels"),
    "pages.rod-now-relief-dry-air": (
        "With the rod as it is now its relief was {low} in dry air ({dry:.0f} %), {high} in "
        "damp ({damp:.0f} %)."
    ),
    "pages.rod": "truss rod {turns}",
    "pages.wears-year-own-crowns-years": (
        "It wears {wear_mm} a year by its own crowns: {years:.0f} years to {least_crown_mm}."
    ),
    "pages.new-wire": "new wire",
    "pages.heat": "heat",
    "pages.strings-described": "strings described",
    "pages.wood": "Wood",
    "pages.slots": "Slots",
    "pages.wire": "Wire",
    "pages.cutting": "Cutting",
    "pages.in": "{mm:.3g} in",
    "pages.because": "Because: {reasons}.",
    "pages.gauge-fret-1-last": ", gauge {first} at fret 1 and {last} at the last",
    "pages.bow-wanted-so-driven-comes": (
        "Bow wanted {length}; so driven it comes to {bow}, give or take {doubt}."
    ),
    "pages.cauls": "Cauls: {listed}{lacks}.",
    "pages.board-only-cleaned-no-wood": "The fretboard is only cleaned: no wood is taken.",
    "pages.all-frets": "all {every} frets",
    "pages.new-wire-with-which": "New wire, {which}",
    "pages.being-worked-out": "Being worked out.",
    "pages.nothing-read-so-far-asks": (
        "Nothing read so far asks for new wire; it is planned because it is wished for."
    ),
    "pages.wood-whole-likely-most": (
        "{length} of wood on the whole, likely {wood_likely}; most {most}."
    ),
    "pages.pencil-goes-first-last-fret": (
        "Pencil goes first at {first}, last at fret {last}: then stop."
    ),
    "pages.end-no-light-three-lines": (
        "At the end no light on three lines, unpressed{gauge}; grits to 600 before the wire."
    ),
    "pages.flat-across": ", flat across",
    "pages.gauge-all-along": ", gauge {inches} all along",
    "pages.nothing-learnt-yet-fit-first": (
        "Nothing is learnt yet: fit the first six without fattening them and read the bow, "
        "then it is known what a usual fitting does to this neck."
    ),
    "pages.even-tightest-tangs-lack-level": (
        "Even the tightest tangs lack {length}: the level must leave that in the tops, or the "
        "wood be trued."
    ),
    "pages.no-wire-shelf-yet-takes": "No wire on the shelf yet: + takes one in.",
    "pages.after-first-level-light-levels": (
        "{name}, {hardness_words}: {length} after the first level, {levels} light levels, "
        "about {years:.0f} years."
    ),
    "pages.m-off-coil-nothing-left": "{needed_mm:.2f} m off the coil, nothing left over.",
    "pages.sticks": ("{number} stick", "{number} sticks"),
    "pages.for": "{inches} for {frets}",
    "pages.no-true-one": "; no true one for {frets}",
    "pages.m": "{stock:.1f} m",
    "pages.board-trued": "fretboard trued",
    "pages.board-cleaned": "fretboard cleaned",
    "pages.angle": "{length} of angle",
    "pages.tangs-bend-back": "tangs to bend back {length}",
    "pages.cleaned-only-dirt-off-fine": (
        "Cleaned only: dirt off with fine paper. What is not flat stays, and the first level "
        "takes it: {length}."
    ),
    "pages.dont-linger": "Don't linger at {frets}.",
    "pages.slots-sawn-deeper-after": "Slots to be sawn deeper after it: {frets}.",
    "pages.loose-crimp-or-mushroom-tang": (
        "{frets:start} loose: crimp or mushroom the tang before bending."
    ),
    "pages.tight-file-barbs-or-open": "{frets:start} tight: file the barbs or open the slot.",
    "pages.too-shallow-saw-tang-hair": (
        "{frets:start} too shallow: saw to the tang and a hair, stop at the binding."
    ),
    "pages.not-read-trial-piece-tells": "{frets:start} not read: a trial piece tells.",
    "pages.every-slot-holds-tang": "Every slot holds this tang as it is.",
    "pages.loose": "Loose in {frets}.",
    "pages.tight": "Tight in {frets}.",
    "pages.m-short-shelf": "{short_mm:.2f} m short on the shelf.",
    "pages.flat": "flat",
    "pages.frets": ("{number} fret", "{number} frets"),
    "pages.none-true": "none true",
    "pages.none-over": "none over {largest_rock_mm}",
    "pages.rocks": "rocks at {listed}",
    "pages.up-or-more": "{where}, up to {rocking} or more",
    "pages.then-now": "{before} then, {after} now",
    "pages.promised": "as promised",
    "pages.away-turn-rod-again-quarter": "{off_by} away: turn the rod again, a quarter or less",
    "pages.relief-pitch": "Relief at pitch",
    "pages.trace-no-more-than-promised": "a trace, no more than promised",
    "pages.file-fret-until-still": "file fret {worst} on until it is still",
    "pages.rocker": "Rocker",
    "pages.logged-work": "as logged in Work",
    "pages.metal-off-all-frets": "Metal off, all frets",
    "pages.thinner-than-promised": "thinner than promised",
    "pages.thinnest-crown": "Thinnest crown",
    "pages.pull-of-all": "Pull of all strings",
    "pages.pull-share": "{percent:.0f} %",
    "pages.pull-newtons": "{newtons:.0f} N, {percent:.0f} %",
    "pages.action-sides": "Action, bass and treble side",
    "pages.clean-sides": "Every note clean from",
    "pages.two-sides": "{low} and {high}",
    "pages.notes-that-buzz": "Notes that will buzz",
    "pages.so-many": "{number}",
    "pages.sharp-at-first": "Sharp at the first fret",
    "pages.sharp-at-12": "Sharp at fret 12",
    "pages.hardly-sharp": "hardly",
    "pages.cents-from-to": "{low:.0f} to {high:.0f} cents",
    "pages.back-sides": "Saddle further back for that",
    "pages.string-number-over-fret": "String {string} over fret {fret}",
    "pages.string-over-first": "String {string} over fret 1, pressed at 3",
    "pages.slot-still-high": "{off_by} too high: a few strokes more in the slot",
    "pages.slot-too-low": "{off_by} too low: it may buzz open",
    "pages.away-set-again": "{off_by} away: set it again",
    "pages.clean-from": "Clean from, {lane_words}",
    "pages.every-note": "Every note",
    "pages.clean": "clean",
    "pages.not-measured": "not measured",
    "pages.play-every-note-string-room": "Play every note in Clearance.",
    "pages.after-level": "{thinnest_mm} after its level",
    "pages.after-one-two-weeks": "After one to two weeks",
    "pages.take-closing-readings": "Take the closing readings.",
    "pages.sweep-rocker-once-more": "Sweep the rocker once more.",
    "pages.still-all-along": "still all along",
    "pages.not-measured-with-where": "{where}, not measured",
    "pages.leaf-under-tells-or-file": "A feeler blade under it tells, or file on.",
    "pages.nothing-filed-yet": "nothing filed yet",
    "pages.nothing-file": "nothing to file",
    "pages.one-crown-height-tells": "One crown height tells.",
    "pages.not": "{named} not",
    "pages.string-room-names-frets": "Clearance names the frets.",
    "pages.heard-clean": "heard clean",
    "pages.bent-back": "{wanted} bent back",
    "pages.string-fret": "string {string} fret {fret}",
    "pages.rocker-relief-tell": "Rocker and relief tell.",
    "pages.string-room-names-notes": "Clearance names the notes",
    "pages.new-wire-with-again": "New wire",
    "pages.bow-tangs": "Bow by the tangs",
    "pages.learnt-next": "learnt for the next",
    "pages.edge-slack-tells": "An edge, slack, tells.",
    "pages.frets-with-again": "Frets",
    "pages.of": "{done} of {whole}",
    "pages.still-go-whole-most-fret": (
        "Still to go: {mean} on the whole, most at fret {most} ({other_most}). + half of it is off."
    ),
    "pages.map-nothing-left-take": "By the map nothing is left to take.",
    "pages.tangs-fatter-than-usual": "Tangs of {frets} fatter than usual by {size}.",
    "pages.to": "{least} to {size}",
    "pages.enter-turned-left-right-another": (
        "Enter: turned. Left, right: another turn. /: not counted. -: leave it so. *: how it feels."
    ),
    "pages.relief-give-or-take": "Relief {mm}, give or take {doubt_mm}",
    "pages.wanted-read-again-week-or": (
        "{now}; {target_mm} is wanted. Read it again in a week or two: wood goes on a little."
    ),
    "pages.retuned": "Retuned?",
    "pages.your-own": "{turns_words:start}, your own",
    "pages.advised": "Advised is {turns_words}.",
    "pages.how-much-relief-there-isnt": "How much relief there is isn't known yet.",
    "pages.rod-can-rest": "The rod can rest",
    "pages.relief-read-strings-pitch-enter": (
        "Relief is read with the strings at pitch. Enter when it is so."
    ),
    "pages.once-settled": "; {settled_mm} once settled",
    "pages.relief-from-about-between": (
        "Relief{side} from {now_mm} to about {after_mm}, between {low} and {high}{later}."
    ),
    "pages.relief-isnt-known-well-enough": "The relief isn't known well enough",
    "pages.take-string-gap-both-sides": "Take a string gap on both sides in Measure.",
    "pages.tune-pitch": "Tune to pitch",
    "pages.tune-pitch-first": "Tune to pitch first",
    "pages.0-stay-slack-leaf-under": (
        "0: stay slack, a feeler blade under the edge means the relief wanted."
    ),
    "pages.turn-back": "Turn it back: {turns_words}",
    "pages.stop-turning": "Stop turning",
    "pages.choose-weighs-what-left": "{detail} Choose weighs what is left.",
    "pages.string-least-room-over-fret": "{head}. {room:start}",
    "pages.bass-side-treble-side": "{low} bass side, {high} treble side",
    "pages.dead-straight-tightest-note-has": (
        "Dead straight, the tightest note has {float} of room and the widest {unit}; with "
        "{best} of relief it is {unit_float} to {float_unit}: the same action, more even room."
    ),
    "pages.open-string": "Open string",
    "pages.fret": "Fret {detail}",
    "pages.fretting-sharpens-cents": "Fretting it sharpens it by {sharp:.0f} cents.",
    "pages.off-most": "Off at most: {named}. {strokes}",
    "pages.still-go-plan-map-now": (
        "Still to go by the plan {by_plan}, by the map now {metal_mm}: a rocker pass makes it sure."
    ),
    "pages.enter-choose-where-ways-weighed": (
        "Enter: to Choose, where ways are weighed and one is taken."
    ),
    "pages.about-hours-go": "About {minutes:.0f} hours to go.",
    "pages.fret-written-down-take-rocker": (
        "Fret {fret} is written down as {how}. Take the rocker over it again before filing. {low}"
    ),
    "pages.prove-holds-promise-result-side": "Prove holds promise and result side by side.",
    "pages.all-plan-off": "All of the plan is off.",
    "pages.most-off": "Most off at {deepest}.",
    "pages.your-strokes-about-rocker-decides": (
        "In your strokes about {counted}; the rocker decides."
    ),
    "pages.advised-with-detail-title": "{detail} Advised: {title}.",
    "pages.about-minutes-go": "About {minutes} minutes to go.",
    "pages.gone-too-far-low-one": (
        "Gone too far, it is the low one now: Choose shows what that costs once it is read."
    ),
    "pages.all-steps-ticked": "All steps are ticked",
    "pages.no-way-hand": "No way is in hand",
    "pages.still-go": "Still to go",
    "pages.fret-with-f-mm": "fret {f} {mm}",
    "pages.first": "First: {waits}",
    "pages.next": "Next: {title}",
    "pages.take-one-choose-steps-appear": "Take one in Choose; its steps appear here.",
    "pages.turn": "{turning:start}",
    "pages.turn-strings-slack-first": "{turning:start}. Strings slack first",
    "pages.keys-and-feel": "{keys} Now: {feel}.",
    "pages.wire-not-because": "{wire}: {why}",
    "pages.remark": "{remark:sentence}",
    "pages.note-room": "{room} is the least clearance, over fret {first} (± {doubt}). {cents}",
    "pages.note-named": "{what} on string {strings}: {state}",
    "pages.strings-lowest-doubt": "{strings}:  {lowest} ± {doubt}",
    "pages.relief-relief-doubt": "{relief} ± {relief_doubt}",
    "pages.mm-doubt": "{mm} ± {doubt}",
    "pages.promised-doubted": "{promised} ± {doubted}",
    "pages.got-sd": "{got} ± {sd}",
    "pages.x": "{crown} x {width}",
    "pages.lane": ", {lane},",
    "pages.fret-lane": "{fret} ({lane})",
    "pages.f-most": "{f}: {most}",
    "pages.watch-three-fret-goes-first-ink-gone-stop": (
        "Check while you file: fret {first} should lose its ink first; if not, stop and "
        "measure. Fret {last} loses it last: then stop. Fret {thinnest} ends up lowest, "
        "{other_thinnest}."
    ),
    "pages.watch-three-fret-goes-first-then-rocker-stop": (
        "Check while you file: fret {first} should lose its ink first; if not, stop and "
        "measure. Fret {last} loses it last: then check with the rocker and stop as soon as "
        "nothing rocks. Fret {thinnest} ends up lowest, {other_thinnest}."
    ),
    "pages.rod-first-than-now-more-dip": "Truss rod first: {length} more dip than now.",
    "pages.rod-first-than-now-less-dip": "Truss rod first: {length} less dip than now.",
    "pages.edge-shows-most-fret-now": (
        "Now the edge shows {length} at most, {lane_words}, at fret {fret}."
    ),
    "pages.edge-shows-most-fret-half-way": (
        "Half-way the edge shows {length} at most, {lane_words}, at fret {fret}."
    ),
    "pages.after-out-go-so": "After {how_many}: {length} out; go on so.",
    "pages.after-out-tighter-does-not": (
        "After {how_many}: {length} out; tighter does not reach it."
    ),
    "pages.wire-hand-nut-slots-saddle-up-up": (
        "With the wire in hand: nut slots {length} up, saddle {saddle} up for the heights "
        "there are."
    ),
    "pages.wire-hand-nut-slots-saddle-up-down": (
        "With the wire in hand: nut slots {length} up, saddle {saddle} down for the heights "
        "there are."
    ),
    "pages.wire-hand-nut-slots-saddle-down-up": (
        "With the wire in hand: nut slots {length} down, saddle {saddle} up for the heights "
        "there are."
    ),
    "pages.wire-hand-nut-slots-saddle-down-down": (
        "With the wire in hand: nut slots {length} down, saddle {saddle} down for the heights "
        "there are."
    ),
    "pages.mm-mm-left-over-fewer-will-not": (
        "{sticks} of {stick_mm:.0f} mm, fewer will not do; {waste_mm:.0f} mm left over."
    ),
    "pages.mm-mm-left-over-fewer-were-not": (
        "{sticks} of {stick_mm:.0f} mm, fewer were not found in time; {waste_mm:.0f} mm left over."
    ),
    "pages.bend-mm-radius-springs-back-trial-piece": (
        "Bend to {bends:.0f} to {other_bends:.0f} mm of radius, by its trial piece; it springs "
        "back to a tenth tighter than the fretboard."
    ),
    "pages.bend-mm-radius-springs-back-strength": (
        "Bend to {bends:.0f} to {other_bends:.0f} mm of radius, by its strength; it springs "
        "back to a tenth tighter than the fretboard."
    ),
    "pages.by-crept-way-turned": "crept on the way it was turned, by {change}",
    "pages.by-moved-back": "moved back, by {change}",
}
