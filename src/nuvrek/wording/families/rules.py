"""The rules of judgement: reasons, gates, and what would change them."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "rules.every-note-read-has-room-hardly": (
        "Every note has room by the readings, some of them hardly any: the ear decides."
    ),
    "rules.string-lies-on-fret-1": (
        "Held at 3, a string lies on fret 1: that is right if it rings clean open."
    ),
    "rules.every-note-rings-clean-then": (
        "Every note rings clean: then loose hardware and the strings are looked at."
    ),
    "rules.noise-no-reading-shows-played": (
        "A noise that no reading shows or shuts out is listened for, note by note, before hardware "
        "is blamed or the neck is left."
    ),
    "rules.bare-neck-few-marks": "A handful on a neck that was levelled before: {gist}",
    "rules.new-board-gets-first-frets": "A new fretboard gets its first frets.",
    "rules.board-not-straight-trued-first": ("If the bare wood is not straight it is trued first."),
    "rules.new-tops-stand-little-high": (
        "New tops stand a little high and low: one light level, weighed once they were read."
    ),
    "rules.new-tops-read-every-fret": "Read the new tops with every fret pressed down.",
    "rules.relief-pitch-give-or-take": (
        "Relief at pitch {length}, {where}, give or take {doubt}: {state}."
    ),
    "rules.bare-neck-relief-open-until": "A bare neck: its relief is open until it is strung.",
    "rules.relief-pitch-not-known-yet": "Relief at pitch is not known yet.",
    "rules.back-bow": "back bow",
    "rules.mean-both-sides": "mean of both sides",
    "rules.no-crown-height-measured-metal": (
        "No crown height was measured: metal left is counted from the wire as described."
    ),
    "rules.wanted": "as wanted",
    "rules.more-than-wanted": "more than wanted",
    "rules.less-than-wanted": "less than wanted",
    "rules.perhaps-no-rod-turned-perhaps": (
        "perhaps {state}, but the readings are not sure enough to touch the truss rod"
    ),
    "rules.bare-neck-has-no-strings": (
        "A bare neck has no strings to slacken and no relief yet: level on the straight fretboard."
    ),
    "rules.bare-neck-one-light-level": (
        "A bare neck: one light level on the straight fretboard, {length} of metal. Its relief "
        "stays open until it is strung."
    ),
    "rules.read-again-strung-up-before": "Read it again strung up, before nut and saddle are set.",
    "rules.owner-decides-what-worth": "{gist} The owner decides what it is worth.",
    "rules.bow-no-rod-answers-strings": (
        "Bow that no truss rod answers: strings, the frets if they can pay, new wire, heat; a "
        "cure that costs more than the goal is named beside a new neck."
    ),
    "rules.neck-has-no-rod": "This neck has no truss rod.",
    "rules.rod-out": "The truss rod cannot help here.",
    "rules.read-slack-too-before-filing": "Read it slack too before filing: the pull is not known.",
    "rules.frets-cant-pay-dressing-bow": (
        "{stopped} {none} The frets are too low to level this bow out."
    ),
    "rules.leave-or-have-neck-itself": "{why} Leave it, or have the neck itself seen to.",
    "rules.dressing-relief-into-frets-costs": (
        "{stopped} {none} Dressing the relief into the frets costs {length} of metal and "
        "leaves enough. {slack}"
    ),
    "rules.note-buzzes-wish-lower-strings": (
        "A note that buzzes, a wish for lower strings, or a complaint would change it."
    ),
    "rules.or-moves-all-same-look": "{frets_do} or moves all the same: look again later.",
    "rules.what-plays-clean-pleases-no": (
        "What plays clean and pleases is no fault, whatever the usual figure says."
    ),
    "rules.loose-hardware-blamed-only-where": (
        "Loose hardware is blamed only where nothing measured explains the noise."
    ),
    "rules.nothing-left-while-readings-show": "Nothing is left while the readings show a cause.",
    "rules.every-note-heard-clean-nobody": (
        "Every note was heard clean and nobody complains: no fault, whatever is usual. {beside}"
    ),
    "rules.readings-speak-no-way-here": (
        "The readings speak of {named}, and no way here cures it: have the neck seen to."
    ),
    "rules.every-note-has-room-nobody": (
        "Every note has room and nobody complains: no fault, whatever is usual."
    ),
    "rules.stand": ("{frets:start} stands", "{frets:start} stand"),
    "rules.no-height-measured-so-far": (
        "No height measured so far asks for metal. Strings, nut and saddle first if it does "
        "not play as wished."
    ),
    "rules.crowns-under-least-kept-nothing": (
        "Crowns are under the least that is kept, and nothing asks for a file: none has "
        "anything left to take. New wire when they wear or buzz."
    ),
    "rules.complaint-wish-or-note-heard": (
        "A complaint, a wish, or a note heard to buzz would change it."
    ),
    "rules.note-heard-buzz-or-fret": (
        "A note heard to buzz, or a fret that rocks, would send you back to the neck."
    ),
    "rules.complaint-or-note-heard-buzz": (
        "A complaint, or a note heard to buzz, would ask for new wire."
    ),
    "rules.ends-come-after-tops-rounded": "Ends come after the tops, rounded early and little.",
    "rules.filing-done": "The filing done.",
    "rules.out": ("{frets:start} is out", "{frets:start} are out"),
    "rules.drop-glue-under-single-frets": (
        "A drop of glue under single frets could postpone it, if they then hold."
    ),
    "rules.frets-out-come-before-everything": (
        "Frets that are out come before everything else: new wire in, then all is recalculated."
    ),
    "rules.no-grip-left-or-another": (
        "No grip left, or another wire wanted: new wire, with why nothing smaller will do."
    ),
    "rules.new-wire-read-pressed-levelled": (
        "New wire is read, pressed and levelled lightly; what was read of the old says nothing "
        "of it."
    ),
    "rules.owner-content-wire-there-would": (
        "If the owner is content with the frets as they are, it can wait."
    ),
    "rules.metal": ", {length} of metal",
    "rules.loose-ones-seated-first": "Loose ones are seated first.",
    "rules.go-new-wire-nothing-else": (
        "{what}: go on to new wire; nothing else is weighed on them until it is in."
    ),
    "rules.new-wire-one-light-level": (
        "New wire in {frets}: one light level brings its tops together{metal}. {held}"
    ),
    "rules.new-tops-read-rocker-three": "The new tops read: rocker in three lanes. {gate}",
    "rules.tops-stand-even-level-would": (
        "Tops that stand as even as a level would leave them need none."
    ),
    "rules.nut-zero-fret-have-each": (
        "Nut and zero fret have each their own cure, in both directions, side by side."
    ),
    "rules.strings-too-low-touch-over": (
        "Strings too low for the touch over even frets are raised; frets and rod stay as they are."
    ),
    "rules.string-heights-come-after-relief": (
        "Action comes after relief and tops: saddle, then the neck's tilt, then its angle."
    ),
    "rules.relief-tops-they-shall-both": (
        "Set the relief and level the tops first: both move the strings."
    ),
    "rules.cheap-cures-first": "Cheap cures first. {gist}",
    "rules.pressed-3-string-all-but": (
        "Pressed at 3, the string all but resting on fret 1 would change it."
    ),
    "rules.frets-even-notes-predicted-buzz": (
        "The frets are even and {buzzing} notes are predicted to buzz: the strings lie too low "
        "for this touch. {gist}"
    ),
    "rules.lighter-touch-or-notes-heard": (
        "With a lighter touch, or notes that are heard clean, it can stay."
    ),
    "rules.relief-tops-ask-nothing-string": "Relief and tops ask for nothing; the action does.",
    "rules.or": "Or: {gist}",
    "rules.relief-read-again-after-every": "The relief is read again after every move.",
    "rules.became": "{length} became {after}",
    "rules.strings-ring-clean-content-owner": (
        "If the strings ring clean and the owner is content, it can stay."
    ),
    "rules.left-lies-where-every-note": "It is left as it lies where every note rings clean.",
    "rules.chewed-gummed-or-unreachable-rod": (
        "A chewed, gummed or unreachable truss-rod nut comes first and stays named until it is "
        "mended."
    ),
    "rules.rod-moves-relief-other-way": (
        "A rod that moves the relief the other way is a rod that works: turn back, learn its sign."
    ),
    "rules.relief-off-frets-even-rod": (
        "Relief off and frets even: the rod, by quarter turns at most; no truss rod turns "
        "under a stop."
    ),
    "rules.one-way-rod-turned-out": (
        "A one-way rod turned out until slack has nothing left to let out; it is not spent."
    ),
    "rules.back-bow-under-string-tension": "Back bow under string tension: loosen, never tighten.",
    "rules.slack-turn-until-bites-how": (
        "It is slack: turn on until it bites, that is how a two-way rod is found out."
    ),
    "rules.note-buzzes-there-would-ask": (
        "A note that buzzes there would ask for heavier strings, or for relief in the frets."
    ),
    "rules.relief-went-other-way-rod": (
        "The relief went the other way: {detail}. The rod works; find its direction first."
    ),
    "rules.then-relief-right-way-round": "Then the relief, the right way round.",
    "rules.stays-named-until-nut-mended": (
        "It stays named until the nut is mended, whatever is felt since."
    ),
    "rules.then-relief-rod-can-judged": "Then the relief, with a rod that can be judged.",
    "rules.two-moves-answer-alike-settle": "Two moves that answer alike settle which way it turns.",
    "rules.turned-back-read-again": "Turned back and read again.",
    "rules.nut-mended-turning-freely-relief": (
        "The nut mended and turning freely; the relief read again."
    ),
    "rules.every-fret-pressed-beam-only": "Every fret pressed: a beam only holds a loose one down.",
    "rules.one-pressed-holds-filed-like": (
        "A fret that holds once it is pressed is filed like any other; one that was pressed at "
        "an end, at that end only."
    ),
    "rules.leaf-under-rocker-refines-figures": (
        "Optional: put a feeler gauge under the rocker to sharpen these figures. You can start "
        "without."
    ),
    "rules.mark-reading-file-until-ink": (
        "A mark is a reading: file until the ink is gone and nothing rocks."
    ),
    "rules.instead": "{length} instead of {metal}",
    "rules.string-height-wished-asks-no": (
        "The action that is wished for asks for no more than just clean: {less}."
    ),
    "rules.end-or-fret-up-pressed": (
        "An end or a fret that is up is pressed home first; no beam before every fret was pressed."
    ),
    "rules.fret-pressed-too-deep-lifted": (
        "A fret pressed too deep is lifted or replaced; else all the others pay for it."
    ),
    "rules.mark-reading-handful-filed-until": (
        "A mark is a reading: a handful is filed until ink and rock are gone, many are levelled."
    ),
    "rules.filed-quarter-neck-or-fewer": (
        "{how_many}, {number} to be filed: that is a quarter of the neck or fewer. "
        "{gist:start} {marks}"
    ),
    "rules.lower-least-crown-agreed-owner": (
        "It can wait if a lower minimum fret height is agreed with the owner."
    ),
    "rules.clean-notes-bass-side-just": (
        "For clean notes at {height} bass side, just clean takes {less}."
    ),
    "rules.metal-spare-owners-say-so": (
        "Metal to spare, and the owner's say-so, would bring the others down to it."
    ),
    "rules.seated-read-again": "{frets:start} seated and read again.",
    "rules.rod-set-relief-read": "The rod set and the relief read.",
    "rules.too-many-frets-file-one": (
        "Too many frets to file one by one ({number}): one level brings all tops together."
    ),
    "rules.read-again-after-seating": "{named} read again after seating.",
    "rules.frets-stand": ("{number} fret stands", "{number} frets stand"),
    "rules.full-level-would-leave-too": (
        "A full level would leave too little metal; spot work still fits."
    ),
    "rules.not-enough-metal-file-what": (
        "Not enough metal to file what stands: new wire for those frets is the honest cure."
    ),
    "rules.string-shows-no-light-tells": (
        "If there is no gap under the string it could be straight or back-bowed. Check with a "
        "straight edge before touching the truss rod."
    ),
    "rules.lanes-frets-nobody-measured-unknown": (
        "Lanes and frets nobody measured are unknown; what hangs on them waits for the reading."
    ),
    "rules.how-much-crown-left": "how much crown is left",
    "rules.relief-pitch": "the relief at pitch",
    "rules.which-frets-rock": "which frets rock",
    "rules.which-frets-rock-with-lanes": "which frets rock on the {lanes}",
    "rules.no-light-shows-under-string": (
        "No light shows under the string: straight, or bowed back, it can't tell which. Lay a "
        "long edge on the frets and see whether it rocks before anything is turned."
    ),
    "rules.not-known-yet-until-then": (
        "Not known yet: {listed}. Until then nothing is filed and nothing is called fine."
    ),
    "rules.relief-figure": "the relief as a figure",
    "rules.light-under-string-or-edge": (
        "Light under the string, or an edge that lies all along, answers it."
    ),
    "rules.worn-up-crowns-level-would": (
        "Worn by up to {length} on crowns of {crown}: a level would leave less than the "
        "{least} that is kept."
    ),
    "rules.tops-even-but-worn-crown": (
        "Tops even but worn: crown the few, re-profile and level lightly the many, new wire "
        "when the crowns are too low."
    ),
    "rules.grooves-up-may-stay-owners": "Grooves up to {length} may stay with the owner's say-so.",
    "rules.tops-level-only-worn": "The tops are level; only {named} are worn. {gist} {agree}",
    "rules.lower-least-crown-or-grooves": (
        "It can wait if a lower minimum fret height is agreed with the owner, or the grooves "
        "are left."
    ),
    "rules.tops-level-worn-up-re": (
        "The tops are level and {how_many} worn by up to {length}: re-crown them, then a light "
        "level evens out what is left; the frets are tall enough. {agree}"
    ),
    "rules.grooves-left-agreement-would-keep": (
        "Grooves left by agreement would keep the frets taller."
    ),
    "rules.frets": ("{number} fret is", "{number} frets are"),
    "rules.hump-or-s-no-rod": (
        "A hump or an S that no truss rod takes out is levelled over, or trued when the crowns "
        "can't pay."
    ),
    "rules.tongue-climbs-given-fall-away": (
        "A tongue that climbs is given fall-away, or the neck its angle."
    ),
    "rules.no-rod-setting-takes-out": (
        "{what}; the truss rod can't take it out. Level over it: that takes {length} of metal, "
        "and the frets are tall enough."
    ),
    "rules.true-wood-instead-next-refret": (
        "True the wood instead at the next refret: it is the wood that is wrong."
    ),
    "rules.saddle-spent": "{headline} and the saddle is spent. {gist}",
    "rules.no-rod-setting-takes-out-crowns": (
        "{what}; no truss rod setting takes it out, and the frets are too low to level over "
        "it. {gist}"
    ),
    "rules.fall-away-filed-into-last": (
        "{headline}: fall-away filed into the last frets gives the strings room."
    ),
    "rules.seat-loose-before-filing": (
        (
            "{frets:start} moves or stands off the wood. Seat it before filing; it rises again "
            "otherwise."
        ),
        (
            "{frets:start} move or stand off the wood. Seat them before filing; they rise "
            "again otherwise."
        ),
    ),
    "rules.seat-sprung-before-filing": (
        "{frets:start} looks sprung. Seat it before filing; it rises again otherwise.",
        "{frets:start} look sprung. Seat them before filing; they rise again otherwise.",
    ),
    "rules.neck-described-doesnt-have-kept-reading-names-frets": (
        "{count} reading names frets this neck, as described, doesn't have: kept, but not used."
    ),
    "rules.neck-described-doesnt-have-kept-readings-name-frets": (
        "{count} readings name frets this neck, as described, doesn't have: kept, but not used."
    ),
    "rules.there-relief-than-usual-does-more": (
        "There is more relief than usual, and it does no harm."
    ),
    "rules.there-relief-than-usual-does-less": (
        "There is less relief than usual, and it does no harm."
    ),
    "rules.there-relief-than-wanted-rod-more": (
        "There is more relief than wanted: set the truss rod before filing anything."
    ),
    "rules.there-relief-than-wanted-rod-less": (
        "There is less relief than wanted: the rod comes before the file."
    ),
    "rules.sound-comes-first": (
        "Body and neck come first: while they are not sound nothing is turned, heated, pressed or "
        "filed."
    ),
    "rules.not-sound-first": "Not sound: {faults}. Nothing is turned, pressed, heated or filed.",
    "rules.looked-over-and-sound": "Looked over again and found sound.",
    "rules.contradictions-come-first": (
        "Readings that contradict each other are taken again before anything is done."
    ),
    "rules.third-reading-settles": "A third reading settles it.",
    "rules.rock-again": "Fret {fret} was marked as rocking, then called still: rocker again.",
    "rules.height-again": (
        "Read the string height over fret {fret} on the {side} again: {before} and {after} on "
        "one day."
    ),
    "rules.gap-again": (
        "Read the gap over fret {fret} on the {side} again: {before} and {after} in the same state."
    ),
    "rules.pull-backwards-again": (
        "Read the {side} again: {before} slack and {after} at pitch. Strings pull relief in, so "
        "sides or states may be swapped."
    ),
    "rules.pull-much-again": (
        "Read the {side} again: {before} slack and {after} at pitch is many times what the other "
        "side does."
    ),
    "rules.each-side-by-itself": (
        "Each side by itself: one truss rod cannot bring right two sides that differ."
    ),
    "rules.sides-differ-by": "Relief differs by {mm} from side to side: one rod cannot mend it.",
    "rules.sides-differ-read-wood": (
        "{how} Lay a notched edge on the wood, both sides: twist or worn frets?"
    ),
    "rules.sides-differ-level": "{how} Levelled over: {length} of metal.",
    "rules.sides-differ-true": "{how} {gist}",
    "rules.sides-alike-on-wood": "Both sides alike on the wood: then the frets are worn.",
    "rules.worn-beside-proud": (
        "Beside those that stand, {frets} worn: one level answers both, spot work only the first."
    ),
    "rules.named-but-every-note-has-room": (
        "The readings speak of {named}, but every note has clearance: no metal for that."
    ),
    "rules.left-for-cause": "{cause}: no metal and no turn cures that.",
    "rules.another-cure-holds": "It holds after the other cure.",
    "rules.left-plays-clean": "Every note plays clean and nobody complains.",
    "rules.left-after-first": "First: {title}. Then it is weighed again.",
    "rules.left-look-again-after": "Looked at again after this: {title}.",
    "rules.left-small": "Too small to be worth metal.",
    "rules.cause-asks": "{cause}. {gist}",
    "rules.one-test-tells": "One test tells: {test}",
    "rules.as-test-says": "What the test says.",
    "rules.tried-ends-clean-oftener": (
        "Tried on {drawn} necks that fit these readings: {clean} end clean this way, {before} "
        "with less metal."
    ),
    "rules.named-above-budget": "{title}: {why}",
}
