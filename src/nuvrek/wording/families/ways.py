"""The ways forward: what each does, and why it may not be possible."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "ways.lighter-strings-or-semitone-lower": (
        "Lighter strings, or a semitone lower: less weight on the hand though the relief is "
        "right; {detail}. A slacker string swings wider."
    ),
    "ways.raise-strings-gauge-under-each": (
        "Raise the strings: {parts}. A gauge under each string, not the outer two only."
    ),
    "ways.turn-back-retune-read-again": (
        "Turn it back: {back}, retune, read again. Then its direction is known."
    ),
    "ways.no-fret-no-relief-explains": (
        "No fret and no relief explains the noise: loose hardware, a slack screw, a nut slot, "
        "a string's winding."
    ),
    "ways.lighter-strings-or-slacker-string": (
        "Lighter strings, or {how}: {detail}. A slacker string swings wider."
    ),
    "ways.heavier-strings-about-more-pull": (
        "Heavier strings, about {ratio:.0f} % more pull: {detail}."
    ),
    "ways.fresh-strings": (
        "A new set of the same gauges first: old strings sound dull, are out of tune and hide what "
        "else there is."
    ),
    "ways.nut-slots": "Nut slots: {parts}.",
    "ways.nut-slots-deeper": "Nut slots {length} deeper, all alike: the fret tops came down.",
    "ways.nut-slots-deeper-from-to": (
        "Nut slots {low} deeper on the bass side to {high} on the treble side: the fret tops came "
        "down."
    ),
    "ways.nut-slots-up": "Raise the nut by up to {length}: fret 1 stands higher than it did.",
    "ways.nut-unread-higher": (
        "The nut was not measured: the strings will stand about {length} higher over fret 1 than "
        "today. Press at fret 3, measure over fret 1 and bring the slots down to one blade."
    ),
    "ways.nut-unread-lower": (
        "The nut was not measured: the strings will lie about {length} lower over fret 1 than "
        "today. Press at fret 3 and measure over fret 1; a shim under the nut if nothing goes in."
    ),
    "ways.first-frets": "First frets",
    "ways.first-frets-on-new-board": "First frets on a new fretboard: no old wire to pull.",
    "ways.out-no-frets-yet": "There are no frets in the fretboard yet.",
    "ways.out-kept-original": "It is to stay original: only with the owner's own word.",
    "ways.out-kept-original-wire": (
        "It is to stay original, and this wire is not like the old: only with the owner's own word."
    ),
    "ways.action-comes-lower": "Action at fret {fret}: about {height} lower.",
    "ways.action-comes-higher": "Action at fret {fret}: about {height} higher.",
    "ways.inner-string-lower": (
        "string {string} stands {apart} too high over fret {fret}: its own saddle or slot {length} "
        "lower"
    ),
    "ways.inner-string-higher": (
        "string {string} lies {apart} too low over fret {fret}: its own saddle or slot {length} "
        "higher"
    ),
    "ways.saddle-down-even": "Saddle {length} down, its feet even.",
    "ways.saddle-up-even": "Saddle {length} up, its feet even.",
    "ways.saddle-sides": "Saddle: {sides}.",
    "ways.saddle-side-down": "{lane_words} {length} down",
    "ways.saddle-side-up": "{lane_words} {length} up",
    "ways.zero-fret-lets-under-string": (
        "The zero fret lets {length} under the string over fret 1, about {zero_over} is usual: "
        "press it home if it has sprung, else let it in or bring it down by {down}. The nut "
        "only guides the strings here."
    ),
    "ways.saddle-gives-no-more-must": (
        "The saddle gives no more on the {lane_words}: {length} of it must stay, and {lacking} "
        "would be lacking: neck angle."
    ),
    "ways.measure-first-how-much-saddle": "Measure first how much of the saddle is left.",
    "ways.saddle-over-fret-with-length-lane-words": (
        "{length} at the saddle on the {lane_words}, to {height} over fret {fret}"
    ),
    "ways.down-until-left-over-fret": (
        "{lane_words} down until {length} are left over fret 1, about {height} less over fret "
        "{fret}"
    ),
    "ways.semitone-lower": "a semitone lower",
    "ways.tone-lower": "a tone lower",
    "ways.three-semitones-lower": "three semitones lower",
    "ways.two-tones-lower": "two tones lower",
    "ways.not-enough-itself": "Not enough by itself: {detail}.",
    "ways.raise-or-more-shim-under": (
        "raise it on the {lane_words}, by {length} or more: a shim under it, the slot filled "
        "and cut anew, or a new nut"
    ),
    "ways.round-flats-from-shoulders-no": (
        "Round the flats of {named} from the shoulders: no height is lost."
    ),
    "ways.crown-grooves-their-bottom-most": (
        "Crown {named}; grooves to their bottom, {length} at most, flats from the shoulders."
    ),
    "ways.all-worn-frets-left-alone": "All the worn frets are to be left alone.",
    "ways.fret-would-keep-less-than": "Fret {fret} would keep {length}, less than {least}.",
    "ways.were-seated-sit": (
        "{frets:start} was seated and sits",
        "{frets:start} were seated and sit",
    ),
    "ways.new-height-take-rocker-over": (
        "{sits} at a new height: take the rocker over it before filing."
    ),
    "ways.leaving-shallow-grooves-owners-say": (
        "It becomes possible if the shallow grooves may stay: ask the owner."
    ),
    "ways.letting-file-touch-them-would": "It becomes possible if the file may touch them.",
    "ways.new-wire-these-frets-would": "It becomes possible with new frets there.",
    "ways.new-wire-all-over-would": "It becomes possible with a full refret.",
    "ways.not-known-tops-were-not": "Not known: the tops on the {lanes} were not read.",
    "ways.seat-first-file-would-only": "Seat {frets} first: a file would only hold it down.",
    "ways.not-known-no-rocker-dial": "Not known: no rocker, dial or edge was taken over the frets.",
    "ways.too-little-metal-crown": "Too little metal for {length} of fret height: {named}.",
    "ways.left-alone-but-way": "To be left alone, but in the way: {named}.",
    "ways.fret-went-too-far-sits": (
        "Fret {fret} went too far: it sits {length} low, and a full level takes {cost} more of "
        "the others for it. Lift it and glue it at the right height, or put new wire there, "
        "before levelling."
    ),
    "ways.fret-lacks": "fret {fret} lacks {length}",
    "ways.fret-stands-over-line": "fret {fret} stands {length} over the line",
    "ways.keeping-instead-would-do": "It becomes possible if {length} is enough.",
    "ways.file-every-note-clean-each": (
        "File {frets}: every note clean, each 90 % sure, at {height} low and {heights} high "
        "over fret {fret}, relief {length}. A full level takes {level}."
    ),
    "ways.frets-cant-pay-height-higher": (
        "The frets are too low for that action. Raise the strings or agree a lower minimum "
        "fret height."
    ),
    "ways.every-note-clean-height-nothing": (
        "Every note is clean at that height as it is: nothing to file."
    ),
    "ways.leave": "Leave it",
    "ways.read-first": "Read first",
    "ways.strings": "Strings",
    "ways.nut": "Nut",
    "ways.zero-fret": "Zero fret",
    "ways.saddle": "Saddle",
    "ways.tilt-neck": "Tilt the neck",
    "ways.see-rod-nut": "See to the truss-rod nut",
    "ways.turn-rod-back": "Turn the rod back",
    "ways.quiet-hardware": "Quiet the hardware",
    "ways.rod-only": "Truss rod only",
    "ways.seat-first": "Seat first",
    "ways.dress-ends": "Dress the ends",
    "ways.spot-level": "Spot-level",
    "ways.just-clean": "Just clean",
    "ways.crown-worn": "Crown the worn",
    "ways.level-all": "Level all",
    "ways.level-rod-straight": "Level, rod straight",
    "ways.level-held-strung": "Level, held as strung",
    "ways.level-lies": "Level as it lies",
    "ways.crown-then-level": "Crown, then level",
    "ways.lift-fret": "Lift a fret",
    "ways.some-new-wire": "Some new wire",
    "ways.new-wire": "New wire",
    "ways.new-wire-trued": "New wire, trued",
    "ways.new-wire-fat-tangs": "New wire, fat tangs",
    "ways.new-wire-angle": "New wire, angle",
    "ways.new-neck": "A new neck",
    "ways.heat": "Heat",
    "ways.specialist-work": "Specialist work",
    "ways.heat-one-cycle-bow-may": (
        "Heat, one cycle: {out} of bow may come out, and it may not hold. {done} Afterwards, "
        "strung up, see how far the truss rod must be loosened from tight to reach the relief "
        "wanted: that is what the heat gained."
    ),
    "ways.up": "up to {length}",
    "ways.to": "{length} to {high}",
    "ways.without-rod-heated-wood-tends": "Without a rod heated wood tends to return.",
    "ways.new-bolt-neck-hours-fit": (
        "A new bolt-on neck: {low} to {high} hours to fit and set up, beside {hours} to "
        "{other_hours} for new wire and days for heat, and its rod works."
    ),
    "ways.tongue-climbs": "and the tongue climbs",
    "ways.heel": "{at_heel_mm} at the heel",
    "ways.usual-heel-measure-heel-length": (
        "{at_heel_mm} on a usual heel; measure heel length and edge over the bridge for the quote"
    ),
    "ways.neck-angle-reset-strings-high": (
        "Neck angle reset: the strings are high, the saddle is spent {climbs}. "
        "{angle_degrees:.2f}°, {heel}."
    ),
    "ways.rod-replacement-rod-spent-relief": (
        "Truss rod replacement: the rod is spent and the relief far over. For the quote: rod "
        "log, relief at pitch and slack, fretboard thickness."
    ),
    "ways.cycle-out-give-or-take": "Cycle {detail}: {length} out, give or take {doubt}.",
    "ways.not-lacquered-board-heat-lifts": "Not on a lacquered fretboard: heat lifts the finish.",
    "ways.cycles-neck-does-not-follow": (
        "{number} cycles and the neck does not follow: rod or neck must be replaced."
    ),
    "ways.rod-fitting-or-board-off": (
        "Fit a truss rod, or take the fretboard off and true the neck: there is no truss rod, "
        "and more bow than filing should take out. For the quote: relief at pitch and slack, "
        "fretboard thickness, wood, scale."
    ),
    "ways.every-top-touched-rod-where": (
        "File until every top is touched, with the truss rod set where that costs least metal: "
        "strung up the new tops dip {length}, give or take {doubt}. Then set the truss rod for "
        "{wanted}."
    ),
    "ways.straight-board-relief-stays-open": (
        "On the straight fretboard; the relief stays open until it is strung."
    ),
    "ways.rod-straight-strings-off-strung": (
        "Truss rod straight, strings off: strung up the new tops dip {length}, give or take "
        "{doubt}, then the rod."
    ),
    "ways.worn-crowns-rounded-first-then": (
        "Worn crowns rounded first, then only what stands over the line: low tops stay as they are."
    ),
    "ways.held-strung-shape-relief-dressed": (
        "Held in the shape it has when strung: {length} of relief is filed in, as the strings "
        "will see it."
    ),
    "ways.held-strung-shape-rod-set": (
        "Held in the shape it has when strung, with the truss rod set straight: what the "
        "strings pull needs no guess."
    ),
    "ways.worn-crowns-rounded-first-then-only": (
        "Worn crowns rounded first, then only what stands over the line."
    ),
    "ways.rod-would-have-move-board": "The rod would have to move the fretboard by {length}.",
    "ways.fret-sits-low-lift-glue": (
        "{driven} Fret {fret} sits {length} low: lift it and glue it at the right height, or "
        "put new wire there. Bringing all the others down to it takes {cost} of metal."
    ),
    "ways.went-too-far-when-pressed": "It went too far when it was pressed.",
    "ways.new-wire-all-over": "New wire all over: {listed}.",
    "ways.new-wire-only-wire-same": (
        "New wire for {frets}{kept}. Only with wire of the same width within {length}, as high "
        "or a little higher; wider wire is milled."
    ),
    "ways.fatter-tangs-would-push-back": (
        "Fatter tangs would push back instead, and leave the wood."
    ),
    "ways.crown-after-first-level-about": (
        "{name:start}: {length} of fret height after its first level, about {years:.0f} years "
        "of it."
    ),
    "ways.usually-hours-least-truth-level": (
        "Usually {hours} hours at the least, {most} in truth, with its level."
    ),
    "ways.new-wire-all-over-agreed": "New wire all over, as agreed: {note}.",
    "ways.they-would-keep-less-than": ": they would keep less than {least}",
    "ways.board-only-cleaned": "The fretboard is only cleaned.",
    "ways.board-trued-wood-whole-likely": (
        "The fretboard is trued: {length} of wood on the whole, likely {wood_likely}, most at "
        "fret {most} ({most_length})."
    ),
    "ways.must-sawn-deeper": (
        "{frets:start} must be sawn deeper",
        "{frets:start} must be sawn deeper",
    ),
    "ways.afterwards": "Afterwards {listed}.",
    "ways.more-comes-off-nut": "{length} more comes off at the nut.",
    "ways.slots": "Slots: {does:within}.",
    "ways.board-would-too-thin-what": (
        "The fretboard would be too thin at {named}. What would do: {do}."
    ),
    "ways.wire-too-low-first-level": "This wire is too low for its first level: {short}.",
    "ways.even-tightest-tangs-lack-bow": "Even the tightest tangs lack {length} of the bow wanted.",
    "ways.nut-more-than-slight-fretwork": (
        "{length} at the nut is more than slight: fretwork can't cure it, the neck's angle "
        "must be set."
    ),
    "ways.owner-wants": "the owner wants it",
    "ways.read": "Read {listed}.",
    "ways.relief-pitch-both-sides": "the relief at pitch, on both sides",
    "ways.how-long-edge-lies-frets": "how a long edge lies on the frets",
    "ways.rocker-over-all-three-lanes": "the rocker over all three lanes",
    "ways.few-crowns": "a few crowns",
    "ways.rocker": "the rocker on the {lanes}",
    "ways.file-until-ink-gone-rocker": "File {frets} until the ink is gone and the rocker {until}.",
    "ways.still": "is still",
    "ways.finds-no-more-than": "finds no more than {length}",
    "ways.nothing-file": "Nothing to file.",
    "ways.no-rocker-would-move-there": "No rocker would move: there is nothing to file.",
    "ways.forecast": "{detail} Forecast {figure}.",
    "ways.ends-not-tops": "{frets:start}: the ends, not the tops.",
    "ways.proud": "{frets_do} proud.",
    "ways.relief-already-wanted": "Relief is already as wanted: {length}.",
    "ways.relief-not-surely-off": (
        "Relief {length}, give or take {doubt}: not surely off the {wanted} that is wanted. "
        "Measure it again before the truss rod is turned."
    ),
    "ways.relief-needs-no-turn": "The relief needs no turn.",
    "ways.no-fret-stands-off-wood": "No fret stands off the wood by these readings.",
    "ways.press-home-then-read-again": "Press {frets} home, then read again.",
    "ways.no-metal-no-turn": "No filing and no turn of the truss rod.",
    "ways.neck-has-no-rod": "This neck has no truss rod.",
    "ways.bare-neck-has-no-relief": (
        "A bare neck has no relief yet: it is set once the strings pull."
    ),
    "ways.relief-pitch-not-known-well": (
        "The relief at pitch is not known well enough: take a string gap on both sides."
    ),
    "ways.after-give-or-take": "{side} {after} after it, give or take {doubt}",
    "ways.nothing-press-home": "Nothing to press home.",
    "ways.still-stand": ("{frets:start} still stands", "{frets:start} still stand"),
    "ways.moves-also": "{moves:start}. {also}",
    "ways.set-strung-wood-to-dip": "Set the strung-up neck to {length} of dip.",
    "ways.set-strung-wood-to-crest": "Set the strung-up neck to {length} of crest.",
    "ways.set-slack-wood-to-dip": "Set the slack neck to {length} of dip.",
    "ways.set-slack-wood-to-crest": "Set the slack neck to {length} of crest.",
    "ways.rod-stays-as-it-is": "The truss rod stays as it is.",
    "ways.about-turn-an-eighth-at-a-time": "That is about {turn}, an eighth at a time.",
    "ways.filed-with-dip": (
        "Filed as it lies, to {length} of relief; strung up that becomes {wanted}, give or "
        "take {doubt}."
    ),
    "ways.filed-with-crest": (
        "Filed as it lies, to {length} of back bow; strung up that becomes {wanted} of relief, "
        "give or take {doubt}."
    ),
    "ways.saddle-over-fret-down": (
        "saddle down {length} on the {lane_words} for {height} over fret {fret}"
    ),
    "ways.saddle-over-fret-up-shimmed-if": (
        "saddle up, shimmed if it has no screw, {length} on the {lane_words} for {height} over "
        "fret {fret}"
    ),
    "ways.tilt-neck-back-shim-end-the": (
        "Tilt the neck back by {angle_degrees:.2f}°: a shim of {length} at the end of the "
        "pocket, or the tilt screw, makes up for {lacking} at the saddle."
    ),
    "ways.tilt-neck-back-shim-end-usual": (
        "Tilt the neck back by {angle_degrees:.2f}°: a shim of {length} at the end of a usual "
        "pocket, or the tilt screw, makes up for {lacking} at the saddle."
    ),
    "ways.tangs-up-fatter-than-usual-most-middle": (
        "Tangs up to {length} fatter than usual, most in the middle, bend back {bow}, anything "
        "from {low} to {bow_length}: it is learnt after the first frets."
    ),
    "ways.tangs-up-fatter-than-usual-all-alike": (
        "Tangs up to {length} fatter than usual, all alike, bend back {bow}, anything from "
        "{low} to {bow_length}: it is learnt after the first frets."
    ),
    "ways.nut-slots-with-length-up-up": "nut slots {length} up",
    "ways.nut-slots-with-length-up-down": "nut slots {length} down",
    "ways.saddle-with-height-up-up": "saddle {height} up",
    "ways.saddle-with-height-up-down": "saddle {height} down",
    "ways.how-much-relief-there-isnt-too-much": (
        "{detail} How much relief there is isn't known, only that it is too much: read it "
        "again after the move."
    ),
    "ways.how-much-relief-there-isnt-too-little": (
        "{detail} How much relief there is isn't known, only that it is too little: read it "
        "again after the move."
    ),
    "ways.mend-crack": (
        "The crack is glued by a repairer before anything is turned, pressed or filed: strings "
        "slack until then."
    ),
    "ways.mend-tongue": (
        "The loose tongue is glued down first, then its frets are read again: filed loose, they "
        "would stand too low."
    ),
    "ways.mend-joint": (
        "The neck joint is made firm first: until then relief and string height tell nothing."
    ),
    "ways.mend-board": (
        "The fretboard is glued down first. No heat, no press: the layers part further."
    ),
    "ways.mend-rod": "The truss rod is looked at by a repairer: no turn, no force, no heat.",
    "ways.out-not-sound": "Not until it is mended: {seen}.",
    "ways.out-not-agreed": "Not agreed: the owner said no.",
    "ways.out-over-budget": "Over the budget: {price}, agreed are {budget}.",
    "ways.read-once-more": "Read it once more, then decide.",
    "ways.read-one-test": "One test more, and it is known.",
    "ways.pickups": "Set the pickups lower",
    "ways.intonation": "Set the intonation",
    "ways.bridge": "Set the floating bridge",
    "ways.came-up-again": (
        "{frets} was pressed home before and came up again: lift it, crimp the tang or fill the "
        "slot, or put new wire in.",
        "{frets} were pressed home before and came up again: lift them, crimp the tangs or fill "
        "the slots, or put new wire in.",
    ),
    "ways.heat-crept-back": (
        "Heat did not hold: {out} came out, {back} of it is back. Not the same again: clamp "
        "longer, fatter tangs, or refer it."
    ),
    "ways.saddle-down-for-hand": (
        "Bring the strings down for the hand: {parts}. No lower than notes stay clean."
    ),
    "ways.zero-fret-low": (
        "The zero fret stands too low on the {lane_words}: shim it, bed it higher or put taller "
        "wire in. It is the first support of every open string; {zero_over} over the others is "
        "usual."
    ),
    "ways.pickups-lower": (
        "Lower the pickups until the false notes are gone: a magnet too near pulls the string."
    ),
    "ways.intonation-set": (
        "Set each string's length at the saddle by tuner, open against fret 12, with the strings "
        "that stay on. Nut and string height come first."
    ),
    "ways.bridge-set": (
        "Block the bridge, tune, set its springs until it stands level, then let it go and tune "
        "again. String height and relief are read after that."
    ),
}
