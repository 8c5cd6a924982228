"""The steps of the work, and their cautions."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "steps.read-new-board": "Measure the new fretboard",
    "steps.plain-edge-on-wood-slots-radius": (
        "A plain edge on the bare wood, all three lanes; the radius; width and depth of several "
        "slots."
    ),
    "steps.wire-ends-fly-are-sharp": (
        "Cut and pulled wire flies, its ends and the blades are sharp: eye protection, and hold "
        "the offcut."
    ),
    "steps.frets-just-pulled-neck-clamp-hot": (
        "Frets just pulled and a neck cooling in its clamp burn, and look cold: let them lie."
    ),
    "steps.polishing-wheel-grabs": (
        "A polishing wheel grabs strings, sleeves and the neck: hold it low, eye protection on."
    ),
    "steps.onto-spare-body": "Screw it to a spare body or a block",
    "steps.heel-screwed-down-as-lies": (
        "A neck by itself bends and turns under the file: its heel is screwed down as it will be "
        "on its body."
    ),
    "steps.mask-beside-these-frets": "Mask beside these frets",
    "steps.strip-each-side-rest-untouched": (
        "A strip on each side of every fret that is filed; the rest of the fretboard is left "
        "alone. Cover pickups."
    ),
    "steps.tool-rod": (
        "Tool: the key that fits without play. Instead: none; a worn key ruins the nut."
    ),
    "steps.tool-set": (
        "Tool: a notched straight edge. Instead: a plain edge on bits of card between the frets; "
        "it "
        "shows the middle only."
    ),
    "steps.tool-seat": (
        "Tool: a press or caul and a clamp. Instead: a hardwood block and a light hammer; it can't "
        "hold while glue sets."
    ),
    "steps.tool-file": (
        "Tool: a levelling beam or a fine stone. Instead: a length of straight steel with paper; "
        "prove it first, and it cuts no dip."
    ),
    "steps.tool-short": (
        "Tool: a short leveller of three frets' length. Instead: the end of a fine stone; mind its "
        "edges."
    ),
    "steps.tool-rocker": (
        "Tool: rockers of several lengths. Instead: any short straight edge that spans just three "
        "frets; a card with an uncut edge tells only the worst."
    ),
    "steps.tool-crown": (
        "Tool: a concave file of the wire's width. Instead: a three-cornered file with its edges "
        "ground smooth; it takes longer and must not touch the top."
    ),
    "steps.tool-polish": (
        "Tool: papers and pads on a soft block. Instead: paper over a finger; never steel wool "
        "near "
        "pickups."
    ),
    "steps.tool-bevel": (
        "Tool: a file held at its angle in a block. Instead: a flat file and a steady hand; the "
        "angle then wanders."
    ),
    "steps.tool-round": (
        "Tool: a small file with smooth edges. Instead: a strip of fine paper; it can't reach "
        "under "
        "an end. A finger along the worked side and the unworked one judges it."
    ),
    "steps.tool-nut": (
        "Tool: nut files of the strings' widths. Instead: a wound string with paper; it cuts "
        "slowly "
        "and only wider slots."
    ),
    "steps.tool-saddle": (
        "Tool: flat paper on glass. Instead: any flat table; check that the bottom stays square."
    ),
    "steps.tool-pull": (
        "Tool: pullers ground flat and a narrow iron. Instead: flush cutters with their face "
        "ground; "
        "they chip sooner."
    ),
    "steps.tool-slots": (
        "Tool: a slot saw with a stop and feeler blades. Instead: a ground hacksaw blade; it has "
        "no "
        "stop: measure often."
    ),
    "steps.tool-cut": (
        "Tool: end nippers, tang nippers, a wire bender. Instead: a file for the tang, a grooved "
        "block for the bend; each piece takes minutes more."
    ),
    "steps.tool-fit": (
        "Tool: a press with cauls. Instead: a brass or dead-blow hammer on a block under the neck; "
        "frets come out less even."
    ),
    "steps.tool-wood": (
        "Tool: a straight or radiused block as long as the board. Instead: a length of proved "
        "steel "
        "with paper; it makes no radius."
    ),
    "steps.tool-heat": (
        "Tool: a heating pack with a thermometer. Instead: none that is safe by itself."
    ),
    "steps.tool-dial": (
        "Tool: a dial on a beam under the neck. Instead: a pencil mark and a feeler gauge at a "
        "fixed "
        "block; it sees no hundredth."
    ),
    "steps.block-bridge": "Block the bridge",
    "steps.everything-moves-with": (
        "Strings, gauges and the truss rod all move it: hold it where it stands before anything is "
        "slackened or turned."
    ),
    "steps.release-bridge-set-last": "Release the bridge and set it",
    "steps.springs-until-stands-as-before": (
        "Tune, take the block out, set springs or screws until it stands as before, and tune "
        "again. It comes last: the action is read after it."
    ),
    "steps.check-intonation": "Check the intonation",
    "steps.open-against-fret-12-pickups-too": (
        "Each string open against fret 12, with the strings that stay on. Magnetic pickups follow "
        "the action: too near they pull notes false and make them buzz."
    ),
    "steps.clean-fretboard": "Clean the fretboard",
    "steps.damp-cloth-dry-cloth-no-oil": (
        "Filings and the last of the tape off with a damp cloth, then a dry one; no oil on lacquer."
    ),
    "steps.wiped-thin-oil-on-dry-dark-wood": (
        "Filings and dirt off; where the wood is dry and dark a thin film of oil, wiped off after "
        "ten minutes."
    ),
    "steps.glue-open-wipe-before-skins": (
        "It stays open for {minutes:g} minutes: no more frets at once than that, and wipe it "
        "before it skins."
    ),
    "steps.along-with-job": "Agreed with the owner, done along with the job.",
    "steps.local-codes-product-sheets-licensed": (
        "Local codes, product sheets and licensed practice come before anything said here."
    ),
    "steps.never-force-rod-snapped-rod": (
        "Never force a rod: a snapped rod is a new neck. Slacken the strings when the tool "
        "binds or can't reach."
    ),
    "steps.strings-under-tension-whip-slacken": (
        "Strings under tension whip. Slacken before cutting, wear eye protection."
    ),
    "steps.metal-wood-old-finish-dust": (
        "Metal, wood and old-finish dust: extraction and a mask; wash hands. Several dark "
        "woods sensitise."
    ),
    "steps.filings-steel-wool-kill-pickups": (
        "Filings and steel wool kill pickups and magnets: tape them over."
    ),
    "steps.support-neck-under-fret-being": (
        "Support the neck under the fret being pressed. An unsupported heel or headstock end "
        "takes less: wood crushes, necks split."
    ),
    "steps.thin-glue-fumes-bonds-skin": (
        "Thin glue: fumes, bonds skin, heats with accelerator or dust. Ventilate; no cotton wads."
    ),
    "steps.heat-burns-melts-binding-lifts": (
        "Heat burns, melts binding, lifts finishes and parts thin laminated fretboards: never "
        "leave it, never on lacquer."
    ),
    "steps.solvents-burn-their-fumes-do": (
        "Solvents burn and their fumes do harm: open air, gloves, no flame; they take finish "
        "and binding with them."
    ),
    "steps.rags-soaked-drying-oils-can": (
        "Rags soaked in drying oils can light by themselves: dry them flat outdoors, or under "
        "water in a lidded tin."
    ),
    "steps.some-fingerboard-woods-shell-protected": (
        "Some fingerboard woods and shell are protected: selling or shipping may need papers; "
        "see local rules."
    ),
    "steps.lacquered-face-tape-well-slip": (
        "Lacquered face: tape it well; a slip of the file shows for good."
    ),
    "steps.least-longer-better-another-neck": (
        "{hours} at the least, the longer the better; another neck meanwhile."
    ),
    "steps.slacken-strings": "Slacken the strings",
    "steps.loosen-them-evenly-take-them": "Loosen them evenly; take them off or tie them aside.",
    "steps.string-up-tune": "String up and tune",
    "steps.nut-back-drop-glue-no": (
        "Nut back with a drop of glue, no more. To pitch, then let the neck settle for a while."
    ),
    "steps.rocker-over-seated-frets": "Rocker over the seated frets",
    "steps.fret-glued-anew-sits-new": (
        "A fret glued anew sits at a new height. Take its rocker reading again before any "
        "filing is planned."
    ),
    "steps.press-every-fret": "Press every fret",
    "steps.finger-every-fret-both-ends": (
        "A finger on every fret, both ends and the middle. One that moves is seated first: "
        "note it in Measure. Neighbours that merely look gappy get a drop of thin glue, so "
        "that they can't move under the beam. / says that all were pressed and none moved."
    ),
    "steps.hours": "{minutes:g} hours",
    "steps.minutes": "{minutes} minutes",
    "steps.take-closing-readings": "Take the closing readings",
    "steps.prove-what-promised-beside-what": (
        "Prove shows what was promised beside what came out. Play every note."
    ),
    "steps.look-again-after-one-two": "Look again after one to two weeks",
    "steps.wood-creeps-most-all-after": "Wood creeps, most of all after rod work or heat.",
    "steps.turn-rod": "Turn the rod",
    "steps.when-chosen-bar-below-says": (
        "When this was chosen: {detail:within} The bar below says what is due now. A quarter "
        "turn or less at once, retune, measure again. Stop if it resists, if it is at its end, "
        "or if two moves bring no answer."
    ),
    "steps.press-fret-home": "Press fret {fret} home",
    "steps.end-up-push-glue-end": (
        "If an end is up, push and glue that end. If the middle is up, press the whole fret. "
        "One that stops short in a shallow or dirty slot is glued at its lowest and counts as "
        "settled. Stop when the light under it is gone; pressed too far it becomes the low "
        "fret, and all others have to be filed down to it."
    ),
    "steps.pitch-then-let-neck-settle": "To pitch, then let the neck settle.",
    "steps.tune-pitch": "Tune to pitch",
    "steps.let-settle-moment": "Let it settle for a moment.",
    "steps.read-string-heights-again": "Read the action again",
    "steps.bass-treble-side-pitch-only": (
        "Bass and treble side, at pitch: only they tell what the work has done."
    ),
    "steps.press-3-look-1-again": "Press at 3, look at 1 again",
    "steps.bass-treble-side-pitch-only-tells": (
        "Bass and treble side, at pitch: only this tells how the nut holds the strings now."
    ),
    "steps.read-relief-again": "Read the relief again",
    "steps.both-sides-pitch-only-tells": (
        "Both sides, at pitch: only this tells what the neck has done."
    ),
    "steps.try-rod-again": "Try the rod again",
    "steps.eighth-no-more-note-how": "An eighth, no more. Note how it feels.",
    "steps.tune-let-settle": "Tune and let it settle",
    "steps.relief-follows-new-pull-over": "Relief follows the new pull over hours and days.",
    "steps.scale-heel-width-depth-pocket": (
        "{detail} Scale, heel width and depth, pocket, screw places: measured on both before "
        "one is bought. The old neck goes back to the owner."
    ),
    "steps.strings-off-heel-seats-flat": (
        "Strings off. The heel seats flat before the screws are tight; never force a screw."
    ),
    "steps.refer": "Refer it",
    "steps.work-beyond-fretwork-name-quote": (
        "{detail} This is work beyond fretwork: name it, quote it, pass it on."
    ),
    "steps.change-strings-or-tuning": "Change strings or tuning",
    "steps.note-gauges-take": "Note the gauges in Take in.",
    "steps.set-nut": "Set the nut",
    "steps.too-high-stroke-or-two": (
        "Too high: a stroke or two, retune, press at fret 3 and look over fret 1; a slot too "
        "low can't be unfiled. Too low: a shim under the nut, the slot filled with dust and "
        "glue and cut anew, or a new nut. It goes back with a drop of glue only."
    ),
    "steps.bring-zero-fret-down": "Bring the zero fret down",
    "steps.press-home-first-may-only": (
        "Press it home first: it may only have sprung. Then let it in, or a few strokes on it "
        "alone; it is not levelled with the others."
    ),
    "steps.turn-rod-back": "Turn the rod back",
    "steps.what-neck-does-now-tells": (
        "Whichever way the neck moves now tells you which way this truss rod works."
    ),
    "steps.set-saddle": "Set the saddle",
    "steps.from-below-flat-fine-paper": (
        "From below, flat on fine paper; mark before filing, check the break of the strings."
    ),
    "steps.tilt-neck-pocket": "Tilt the neck in its pocket",
    "steps.strings-off-neck-off-shim": (
        "Strings off, neck off, shim the full width, screws tight only with the neck seated."
    ),
    "steps.free-rod-nut": "Free the truss-rod nut",
    "steps.clear-hole-try-key-fits": (
        "Clear the hole, try the key that fits, grease thread and washer."
    ),
    "steps.find-noise": "Find the noise",
    "steps.damp-one-part-after-another": (
        "Damp one part after another with a finger while the note sounds."
    ),
    "steps.strings-off-rod-slack": "Strings off, rod slack",
    "steps.cover-pickups-finish-binding-record": (
        "Cover pickups, finish and binding; record the relief as it is."
    ),
    "steps.clamp-little-past-straight": "Clamp a little past straight",
    "steps.note-how-far-past-straight": (
        "{detail} Note how far past straight it is clamped; then make the rod tight, if there "
        "is one."
    ),
    "steps.heat": "Heat",
    "steps.pack-about-90-95-c": (
        "A pack at about 90 to 95 °C (195 to 200 °F) when it is taken out, on the fretboard "
        "under a towel and falling from there. Never left alone while it is hot. Ticked when "
        "the pack is off: from then it cools, clamped."
    ),
    "steps.leave-clamped-until-quite-cold": "Leave it clamped until quite cold",
    "steps.another-cycle-if-bow-left": "Another cycle if bow is left.",
    "steps.measure-pocket-heel": "Measure pocket and heel",
    "steps.fit": "Fit it",
    "steps.low-tack-base-strip-under": (
        "A low-tack base strip under stronger tape keeps the glue off the wood."
    ),
    "steps.leave-only-frets-bare-cover": (
        "{face} {base} Leave only the frets bare; cover pickups and the top."
    ),
    "steps.paper-along-fret-then-across": (
        "Paper {papers}{finer}: along the fret, then across it, until the marks of the one "
        "before are gone; the ends through the same grits. Skip none; what stays in now stays "
        "for good."
    ),
    "steps.lacquered-face-low-tack-tape": (
        "Lacquered face: low-tack tape, two layers, pressed down along each fret; peel it flat "
        "and slowly."
    ),
    "steps.bare-face-any-tape-leaves": (
        "Bare face: any tape that leaves no glue; along each fret first, then between them."
    ),
    "steps.tape-board-cover-pickups": "Tape the fretboard and cover pickups",
    "steps.early-little-between-frets-scraper": (
        "Early and little: between the frets, with a scraper or fine paper, before the ends "
        "are touched, so that the hand runs over wood and wire alike."
    ),
    "steps.flat-file-along-edge-until": (
        "A flat file along the edge until no end stands past it, and no further. {bound}"
    ),
    "steps.about-30-degrees-along-whole": (
        "About 30 degrees along the whole edge, until a finger feels nothing proud."
    ),
    "steps.each-corner-hair-only-rounded": (
        "Each corner by a hair only: rounded too much, the outer strings slip off the edge. "
        "Keep 2.5 mm or more from the middle of an outer string to where the rounding begins."
    ),
    "steps.peel-tape-then-one-light": (
        "Peel the tape, then one light pass of the file over each end with a lip."
    ),
    "steps.then-pads": ", then pads {pads}",
    "steps.stop-binding-softer-than-wire": "Stop at the binding: it is softer than the wire.",
    "steps.polish-from": "Polish from {grits} to {other_grits}",
    "steps.peel-tape-one-light-pass": "Peel the tape, one light pass at the ends",
    "steps.tape-leaves-lip-fret-ends": (
        "Tape leaves a lip at the fret ends: one light pass each with a fine file, then the "
        "finest paper again."
    ),
    "steps.roll-edge-board": "Roll the edge of the fretboard",
    "steps.bring-ends-back-edge": "Bring the ends back to the edge",
    "steps.bevel-ends": "Bevel the ends",
    "steps.round-ends-hair": "Round the ends by a hair",
    "steps.take-off-lips": "Take off the lips",
    "steps.check-unloaded-hand-weight-hides": (
        "Check unloaded: hand weight hides a gap, a tight end clamp lifts the middle."
    ),
    "steps.blocks-own-weight": "the block's own weight",
    "steps.fingertips-no-more": "fingertips, no more",
    "steps.pressed-crest-neck-backed-hand": "pressed on the crest with the neck backed by the hand",
    "steps.slack-lies-held-when-played": (
        "Slack and as it lies, held as when played; nothing bends it while it is filed."
    ),
    "steps.strings-pitch-dial-under-neck": (
        "Strings at pitch: the dial under the neck, half-way to the body, set to zero."
    ),
    "steps.headstock-end-under-neck-little": (
        "At the headstock end and under the neck, little by little; held down at the body."
    ),
    "steps.where-top-shows-flat-or": (
        "Where a top shows a flat or a groove, the {file_for} concave file from both "
        "shoulders; the highest line of each top stays."
    ),
    "steps.rocker-every-few-strokes-stop": (
        "Rocker every few strokes. Stop when the rocker is still and the ink just gone; check "
        "unloaded."
    ),
    "steps.paper-along-string-lines-stop": (
        "{tool}, paper {level_grit}, along the string lines, {pressed}. {radius_block_words} "
        "Stop when each top is touched, the file runs smooth and the rocker is still."
    ),
    "steps.ink-along-every-crown-last": (
        "Ink along every crown: the last ink to go shows the lowest top."
    ),
    "steps.tapped-out-from-side-shims": (
        "Tapped out from the side, shims under it noted; a zero fret is taped over."
    ),
    "steps.straight-beam-cuts-none-few": (
        "A straight beam cuts none: a few strokes with a short leveller for {listed}. For a "
        "crest the hand behind the neck and pressure on it."
    ),
    "steps.radius-block-cuts-cylinder-leaves": (
        "A radius block cuts a cylinder and leaves {leaves:.2f} mm of dip under the outer "
        "strings; the plan is straight along each string."
    ),
    "steps.concave-file-from-both-shoulders": (
        "The {file_for} concave file, from both shoulders, until a line of ink {land_mm:.2f} "
        "mm wide or less is left on top: the ink is the height, don't file it away."
    ),
    "steps.concave-file-alone-groove-until": (
        "The {file_for} concave file alone. A groove: until its bottom just goes and no "
        "further. A flat: from both shoulders, the line of ink on top stays."
    ),
    "steps.frets": "the frets",
    "steps.strings-off-turn-rod-eighths": (
        "Take the strings off and turn the truss rod by eighths, with a notched edge on the wood."
    ),
    "steps.strings-off-turn-rod-until": (
        "Strings off, turn the rod until the notched edge shows no light on the wood."
    ),
    "steps.set-neck-rod": "Set the neck by the rod",
    "steps.lay-neck": "Lay the neck as it is",
    "steps.strings-pitch-rod-until-notched": (
        "Strings at pitch, rod until the notched edge shows no light. Then the dial under the "
        "neck, half-way to the body, set to zero."
    ),
    "steps.crown-what-worn": "Crown what is worn",
    "steps.long-beam": "Long beam",
    "steps.block-mm": "Block of {block_mm:.0f} mm",
    "steps.read-again-before-crowning": "Read again before crowning",
    "steps.rocker-over-three-lanes-dip": (
        "Take the round After levelling: rocker over three lanes, the dip, flats and crowns. "
        "Round no crown before the tops are level."
    ),
    "steps.dial-zero-under-tension": "Dial to zero under tension",
    "steps.strings-off": "Strings off",
    "steps.slacken-evenly-dial-moves-neck": (
        "Slacken evenly. The dial moves as the neck springs back."
    ),
    "steps.raise-supports-until-dial-reads": "Raise the supports until the dial reads zero",
    "steps.mark-tops": "Mark the tops",
    "steps.ink-their-neighbours": "Ink on {listed_frets} and their neighbours.",
    "steps.file": "File {listed_frets}",
    "steps.short-stone-along-string-line": "Short stone along the string line, light hand. {stop}",
    "steps.nut-out-way": "Nut out of the way",
    "steps.mark-all-fret-tops": "Mark all fret tops",
    "steps.level-all-frets": "Level all frets",
    "steps.crest-middle-mm": "the crest in the middle, {crest_mm:.2f} mm",
    "steps.dip-middle-mm": "the dip in the middle, {dressed_mm:.2f} mm",
    "steps.fall-away-from-fret-mm": "the fall-away from fret {start} on, {fall:.2f} mm at the end",
    "steps.short-leveller": "Short leveller",
    "steps.crown": "Crown {listed_frets}",
    "steps.ink": "Ink on {listed_frets}.",
    "steps.leave-glue-time": "Leave the glue its time",
    "steps.round-before-stripping-relief-wood": (
        "The round Before stripping: relief of wood and tops at pitch and slack, where the "
        "bend sits, radius at several frets, thickness of the fretboard, edge run on to the "
        "bridge."
    ),
    "steps.dial-zero-under-tension-strings": (
        "Set the dial to zero under tension. Take the strings off and raise the supports until "
        "the dial reads zero again. Then tell it in the bar: the neck counts as held in its "
        "jig."
    ),
    "steps.warm-each-fret-narrow-iron": (
        "Warm each fret with a narrow iron, never the fretboard at large."
    ),
    "steps.pullers-ground-flat-from-one": (
        "{lacquer} {warm} {binding} Pullers ground flat, from one end, a little at a time; a "
        "thin strip slid along where chips start. Frets kept in order."
    ),
    "steps.plastic-glue-wont-take-slot": (
        "Line the slot with a plastic that glue won't stick to, pack dust of the same wood "
        "into the chip, let thin glue run in, and repeat until it is full; file it flush and "
        "finish with 240. A chip that the new fret covers may stay."
    ),
    "steps.neck-wood-stands-best-pencil": (
        "Set the neck as the wood stands best: {held}. Mark the whole face with pencil; every "
        "few strokes lay the edge unpressed on three lines, and the radius gauge. Work along "
        "the centre line: the ends get fewer strokes, so mind the middle. Coarse paper (36 to "
        "80) is only for moving wood; go on to 600 now, because later the frets are in the "
        "way. Stop at the depth of the slots and at the glue line of a laminate; break the "
        "sharp edges of the fretboard."
    ),
    "steps.round-bare-board-edge-three": (
        "The round Bare fretboard: edge on three lanes, radius, low corners. New wire shows "
        "what is left to take."
    ),
    "steps.deep-tang-hair-more": "as deep as the tang and a hair more",
    "steps.crimp-or-mushroom-tangs-need": (
        "Crimp or mushroom the tangs that need it first: bending opens again what is crimped "
        "afterwards. Bent a little tighter than the fretboard, cut a little long by the cut "
        "list, into the numbered holder. {nipped}"
    ),
    "steps.one-trial-fret-driven-judged": (
        "Drive one trial fret and look: light under its middle means bent too tight, light "
        "under its ends means too flat. Then try each piece in its slot."
    ),
    "steps.caul-one-step-tighter-first": (
        "Press the ends down with a caul one radius smaller first, then the middle with the "
        "caul that fits."
    ),
    "steps.true-caul-until-stop-felt": "The true caul, until its stop is felt.",
    "steps.jaws-little-time-from-end": "Jaws, a little at a time from end to end.",
    "steps.hammer-ends-first-then-middle": "Hammer: ends first, then the middle, light blows.",
    "steps.support-right-under-fret-one": (
        "{wet} {driven} {again} Support right under the fret. {free} One that starts sideways "
        "is taken out again: + says so; * stands off, - went too deep. / alone: these sit."
    ),
    "steps.fit-with-clamp-listed-frets": "Fit {clamp} {listed_frets}",
    "steps.flush-without-touching-finish-then": (
        "Flush without touching the finish, then about 30 degrees by the bevelling file; ends "
        "sealed. {fill}"
    ),
    "steps.every-fret-pressed-light-along": (
        "Every fret pressed, light along its edge: * moves, + stands off. What stands off is "
        "seated again, not filed."
    ),
    "steps.shim-under-nut-zero-fret": (
        "A shim under the nut, zero fret left out; to pitch, then read the relief on both "
        "sides. It decides what dip the level leaves."
    ),
    "steps.slots-follow-new-height-press": (
        "Cut the nut slots for the new height: press at fret 3 and look over fret 1. Take out "
        "any temporary shim; the nut goes back with a drop of glue only. Set the saddle as New "
        "wire says."
    ),
    "steps.thin-ten-minutes-wiped-off": (
        "Thin, ten minutes, wiped off; overnight before the strings."
    ),
    "steps.width-height-old-wire-several": (
        "Width and height of the old wire on several frets; how its neighbours stand."
    ),
    "steps.cut-along-each-fret-through": "Cut along each fret through the lacquer first.",
    "steps.short-possible-near-binding": "As short as possible near the binding.",
    "steps.thin-glue-used-drop-solvent": (
        "Thin glue was used: a drop of its solvent along the fret, and time."
    ),
    "steps.mm-deep-tang-hair-more": "{tang_mm:.1f} mm deep, the tang and a hair more",
    "steps.slots-against-tang": "Slots against the tang",
    "steps.tangs-left-whole": "Tangs left whole.",
    "steps.thin-glue-from-one-side": (
        "Thin glue from one side until it shows at the other, then from there; nothing on the "
        "face. Scrape what comes up."
    ),
    "steps.wet-cloths-ready-glue-slots": "Wet cloths ready, glue in the slots.",
    "steps.all-once-then-all-again": "All once, then all again.",
    "steps.less-force-free-ends": "Less force at the free ends.",
    "steps.clamp": "and clamp",
    "steps.fill-tang-holes-ends": "Fill the tang holes at the ends.",
    "steps.last-about-0-13-mm": (
        "In last, about 0.13 mm (5 thou) over the others; never filed with them."
    ),
    "steps.lift": "Lift {listed_frets}",
    "steps.warm-ease-up-from-both": (
        "{detail} Warm it, ease it up from both ends, clean the slot; glue it against a "
        "straight edge over its neighbours."
    ),
    "steps.read-new-tops": "Read the new tops",
    "steps.round-after-fitting-every-fret": (
        "The round After fitting: every fret pressed, rocker in three lanes, back bow, crowns. "
        "What was read of the old wire says nothing of them; the level is recalculated."
    ),
    "steps.old-frets-nut-owner": "Old frets and nut to the owner",
    "steps.bagged-order-labelled-nut-shims": (
        "Bagged in order and labelled, the nut and its shims with them."
    ),
    "steps.read-before-stripping": "Read before stripping",
    "steps.set-neck-jig": "Set the neck in its jig",
    "steps.nut-out": "Nut out",
    "steps.tapped-out-from-side-shims-under": "Tapped out from the side; shims under it noted.",
    "steps.pull": "Pull {listed_frets}",
    "steps.mend-chips": "Mend chips",
    "steps.lacquered-face-left-alone": "Lacquered: the face is left alone.",
    "steps.dirt-off-fine-paper-800": (
        "Dirt off with fine paper, 800, dry; a straight fretboard is not planed."
    ),
    "steps.rod-setting-new-wire-names": "truss rod to the setting that New wire names",
    "steps.held-jig": "held in its jig",
    "steps.hand-behind-crest-held-snug": "a hand behind the crest, held snug and never squeezed",
    "steps.read-bare-board": "Read the bare fretboard",
    "steps.true-board": "True the fretboard",
    "steps.read-trued-board": "Read the trued fretboard",
    "steps.edge-gauge-once-more-unpressed": (
        "Edge and gauge once more, unpressed: what is left shows in New wire."
    ),
    "steps.crimp-bend-cut": "Crimp, bend and cut",
    "steps.trial-fret-then-each-piece": "Trial fret, then each piece",
    "steps.edge-wood-or-over-new": (
        "Edge on the wood or over the new tops, slack, on both sides: how far has it come "
        "back? New wire then says how fat the next tangs should be."
    ),
    "steps.does-every-fret-sit": "Does every fret sit?",
    "steps.trim-bevel-ends": "Trim and bevel the ends",
    "steps.string-up-before-level": "String up before the level",
    "steps.read-relief-strung-up": "Read the relief strung up",
    "steps.measure-both-sides": "In Measure, both sides.",
    "steps.strings-off-again": "Strings off again",
    "steps.loosen-them-evenly": "Loosen them evenly.",
    "steps.nut-saddle-new-tops": "Nut and saddle to the new tops",
    "steps.clean-board": "Clean the fretboard",
    "steps.glue": "Glue in",
    "steps.zero-fret": "Zero fret in",
    "steps.zero-fret-out-with-them": "The zero fret comes out with them: measure it first.",
    "steps.oil-board": "Oil the fretboard",
    "steps.leave-oil-night": "Leave the oil its night",
    "steps.earliest-tomorrow": "At the earliest tomorrow.",
    "steps.read-bow-so-far": "Read the bow so far",
    "steps.then-ways-weighed-anew": "{detail} Then the ways are recalculated.",
    "steps.no-turn-needed-relief": "No turn is needed for the relief.",
    "steps.read-measure": "Read on in Measure",
    "steps.named-crown": "Crown",
    "steps.named-file": "File",
    "steps.named-lift": "Lift",
    "steps.named-polish": "Polish",
    "steps.named-pull": "Pull the frets",
    "steps.named-fit": "Fit the frets",
    "steps.scraped-clean-first-stroke-backwards-only-up-binding": (
        "Scraped clean, first stroke backwards; sawn {deep}, only up to the binding; top edges "
        "chamfered. A piece of this run tried in each: * shallow, + tight, - loose. Loose ones "
        "get a fatter tang before anything is bent."
    ),
    "steps.scraped-clean-first-stroke-backwards-edge": (
        "Scraped clean, first stroke backwards; sawn {deep}, to the edge; top edges chamfered. "
        "A piece of this run tried in each: * shallow, + tight, - loose. Loose ones get a "
        "fatter tang before anything is bent."
    ),
    "steps.tang-ends-nipped-burrs-off-bindings-width": (
        "Tang ends nipped by the binding's width, burrs off."
    ),
    "steps.tang-ends-nipped-burrs-off-about-millimetre": (
        "Tang ends nipped by about a millimetre, burrs off."
    ),
    "steps.set-intonation": "Set the intonation",
    "steps.one-string-after-another": (
        "One string after another: tune open, play it at fret 12, move the saddle back where it "
        "is sharp and forward where it is flat, tune again."
    ),
    "steps.lower-pickups": "Lower the pickups",
    "steps.quarter-turn-each-screw": "Half a turn at a time, play the high frets in between.",
    "steps.set-bridge": "Set the floating bridge",
    "steps.block-first-release-last": (
        "Block it before a string is slackened, set springs or screws, release it last."
    ),
}
