"""The hands and tools of the practice bench."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "practice_bench.every-note-clean": "every note clean",
    "practice_bench.clean": "{clean} of {notes} clean",
    "practice_bench.said-so": ", and it said so",
    "practice_bench.advice-neck-mm-metal-readings": (
        "The advice on this neck: {detail}, {metal_mm:.2f} mm of metal, {readings} readings, "
        "{minutes:.1f} h."
    ),
    "practice_bench.hundred-clean-you-advice": (
        "Of {number} of the hundred: clean {own} by you, {theirs} by the advice."
    ),
    "practice_bench.best": "best {mine}",
    "practice_bench.not-tried": "not tried",
    "practice_bench.what-lay-practice-bench-cant": "What lay on the practice bench can't be read.",
    "practice_bench.results-practice-cant-read-they": (
        "The results of practice can't be read; they were set aside."
    ),
    "practice_bench.too-large-ours": "{name} is too large to be ours.",
    "practice_bench.practice-cant-kept": "Practice can't be kept ({why}).",
    "practice_bench.last-thing-done-practice-bench": (
        "The last thing done on the practice bench was torn and is left out."
    ),
    "practice_bench.not-exercise": "{title}: not in this exercise.",
    "practice_bench.reveal-shows-how-went": "{over} Reveal shows how it went.",
    "practice_bench.nothing-felt-here-not-written": (
        "Nothing was felt here that is not written down."
    ),
    "practice_bench.written-down-what-felt": "Written down: {number} of what was felt.",
    "practice_bench.pick-tool-digit": "Pick a tool by its digit.",
    "practice_bench.time-up": "The time is up.",
    "practice_bench.your-reading-taken": "Your reading is taken.",
    "practice_bench.under-string": "under the string",
    "practice_bench.under-edge": "under the edge",
    "practice_bench.under-notched-edge": "under the notched edge",
    "practice_bench.under-rocker": "under the rocker",
    "practice_bench.string-yields-what-drags-little": (
        "A string yields: what drags a little is already too thick."
    ),
    "practice_bench.edge-pressed-down-bends-neck": (
        "An edge that is pressed down bends the neck and hides the light."
    ),
    "practice_bench.up-neck-long-one-stands": "Up the neck a long one stands on four frets.",
    "practice_bench.fret-may-fast-middle-loose": (
        "A fret may be fast in the middle and loose at one end: all three places count."
    ),
    "practice_bench.leaf": "Blade",
    "practice_bench.mm-leaf": "mm blade",
    "practice_bench.edge": "Edge",
    "practice_bench.to": "{where}. {detail}, {low} to {high} {hand}.",
    "practice_bench.rocker": "Rocker",
    "practice_bench.rocker-over": "{where}. Rocker over {fret}.",
    "practice_bench.mm-edge": "mm edge",
    "practice_bench.finger": "Finger",
    "practice_bench.finger-fret": "{where}. A finger on fret {fret}.",
    "practice_bench.thicker": "thicker",
    "practice_bench.thinner": "thinner",
    "practice_bench.under": "under…",
    "practice_bench.write": "write",
    "practice_bench.push": "push",
    "practice_bench.leaf-under-rocker": "{where}. Blade under the rocker at {fret}.",
    "practice_bench.nut": "the nut",
    "practice_bench.pressed-or-not": "pressed or not",
    "practice_bench.another-edge": "another edge",
    "practice_bench.lay": "lay it",
    "practice_bench.pressed-down": ", pressed down",
    "practice_bench.longer-edge": "longer edge",
    "practice_bench.shorter-edge": "shorter edge",
    "practice_bench.write-all-tried": "write all tried",
    "practice_bench.set-next": "set it, next",
    "practice_bench.press-next": "press, next",
    "practice_bench.straight-edge-tops": "Straight edge on the tops",
    "practice_bench.notched-edge-wood": "Notched edge {scale:.0f} on the wood",
    "practice_bench.notched-edge-wood-with-other": "Notched edge {other:.0f} on the wood",
    "practice_bench.metal-dust-extraction-mask-wash": (
        "Metal dust: extraction and a mask; wash hands."
    ),
    "practice_bench.strokes": "strokes",
    "practice_bench.strings-under-tension-whip-slacken": (
        "Strings under tension whip: slacken before cutting, glasses on."
    ),
    "practice_bench.fret-not-seated-ducks-under": "A fret that is not seated ducks under it.",
    "practice_bench.brings-every-top-down-lowest": (
        "It brings every top down to the lowest it meets, also for one that only ducks."
    ),
    "practice_bench.support-right-under-fret-crushed": (
        "Support right under the fret; crushed wood and split necks are for good."
    ),
    "practice_bench.until-stop-felt-no-further": (
        "Until the stop is felt, and no further. Without glue it comes up again."
    ),
    "practice_bench.thin-glue-fumes-bonds-skin": (
        "Thin glue: fumes, and it bonds skin. Open the window; no cotton wads."
    ),
    "practice_bench.four-hours-clamp-file-or": (
        "Four hours in the clamp. A file or a string before that lifts it."
    ),
    "practice_bench.no-crown-before-relief-back": "No crown before relief and back bow are known.",
    "practice_bench.hair-only-too-much-outer": (
        "By a hair only: too much, and the outer strings slip off."
    ),
    "practice_bench.low-nut-looks-like-back": "A low nut looks like a back bow of its side.",
    "practice_bench.snipped-wire-flies-glasses-hot": (
        "Snipped wire flies: glasses. Hot tools burn and lift finishes; dust of dark woods."
    ),
    "practice_bench.slot-tang-measured-before-first": (
        "Slot and tang are measured before the first fret goes in."
    ),
    "practice_bench.strings": "Strings",
    "practice_bench.strings-pitch-slack": "Strings: + to pitch, - slack.",
    "practice_bench.file-one-fret": "File one fret",
    "practice_bench.file-fret": "File on fret {fret}, {where}, by {pressures}.",
    "practice_bench.block-or-beam": "Block or beam",
    "practice_bench.block-mm": "Block of {lengths_mm:.0f} mm, {low} to {high}",
    "practice_bench.by": "{detail}, by {pressures}.",
    "practice_bench.press-home": "Press home",
    "practice_bench.press-fret": "Press fret {fret}, {where}, {forces}.",
    "practice_bench.glue-wait": "Glue, and wait",
    "practice_bench.glue-under-fret-wait-enter": "Glue under fret {fret} with *, wait with Enter.",
    "practice_bench.crown-mark-ink": "Crown, mark with ink",
    "practice_bench.crown-fret-all": "Crown fret {fret}; all of {low} to {high} with /.",
    "practice_bench.round-ends": "Round the ends",
    "practice_bench.ends": "Ends of the {lane_words}, {low} to {high}.",
    "practice_bench.strokes-each": "strokes each",
    "practice_bench.nut-saddle-rod-nut": "Nut, saddle, truss-rod nut",
    "practice_bench.wood-wire-heat": "Wood, wire, heat",
    "practice_bench.pitch": "to pitch",
    "practice_bench.slack": "slack",
    "practice_bench.more": "more",
    "practice_bench.fewer": "fewer",
    "practice_bench.all-across-or-here": "all across or here",
    "practice_bench.hand": "hand",
    "practice_bench.file": "file",
    "practice_bench.all-across": "all across",
    "practice_bench.another-length": "another length",
    "practice_bench.stroke": "stroke",
    "practice_bench.harder": "harder",
    "practice_bench.lighter": "lighter",
    "practice_bench.press": "press",
    "practice_bench.longer": "longer",
    "practice_bench.shorter": "shorter",
    "practice_bench.glue-fret": "glue this fret",
    "practice_bench.wait": "wait",
    "practice_bench.hours": "hours",
    "practice_bench.minutes": "minutes",
    "practice_bench.ink-all-tops": "ink on all tops",
    "practice_bench.all-from-low-high": "all from low to high",
    "practice_bench.crown": "crown this",
    "practice_bench.other-side": "other side",
    "practice_bench.all-side": "all of this side",
    "practice_bench.up": "up",
    "practice_bench.down": "down",
    "practice_bench.which": "which",
    "practice_bench.do": "do it",
    "practice_bench.rods-nut-cleared-greased": "The rod's nut: cleared and greased.",
    "practice_bench.rods-nut-renewed": "The rod's nut: renewed.",
    "practice_bench.pull-fret": "Pull this fret",
    "practice_bench.pull-every-fret-from-low": "Pull every fret from low to high",
    "practice_bench.sand-wood-from-low-high": "Sand the wood from low to high",
    "practice_bench.saw-empty-slots-deeper": "Saw the empty slots deeper",
    "practice_bench.fit-wire-empty-slots-so": "Fit wire in the empty slots, so high",
    "practice_bench.tape-wood": "Tape on the wood",
    "practice_bench.tape-off": "Tape off",
    "practice_bench.heat-clamped-past-straight": "Heat, clamped past straight by",
    "practice_bench.less": "less",
    "practice_bench.to-with-low-high": "({low} to {high})",
    "practice_bench.pull-fret-with-fret": "Pull fret {fret}.",
    "practice_bench.nut-slot": "Nut slot",
    "practice_bench.saddle": "Saddle",
    "practice_bench.stands-whatever-lies-wood": "It stands on whatever lies on the wood.",
    "practice_bench.eye-looks-from-above-reads": (
        "An eye that looks from above reads the string too low."
    ),
    "practice_bench.note-rings-you-may-choke": (
        "A note that rings for you may choke under a firmer hand."
    ),
    "practice_bench.shows-what-large-hundredths-does": (
        "It shows what is large. Hundredths it does not show."
    ),
    "practice_bench.key-turns-not-yet-rod": "A key that turns is not yet a rod that turns.",
    "practice_bench.never-force-rod-strings-down": (
        "Never force a rod. Strings down where it binds; after a whole turn, pause and look."
    ),
    "practice_bench.depth-foot": "Depth foot",
    "practice_bench.rule-string": "Rule at the string",
    "practice_bench.rule-fret-what-does-show": "{side}. Rule on fret {fret}. What does it show?",
    "practice_bench.play": "Play",
    "practice_bench.string": "String {strings}, {note}.",
    "practice_bench.sight-along": "Sight along",
    "practice_bench.from-head-body": "{lane_words:start}, from the head to the body.",
    "practice_bench.rod-key": "Truss rod key",
    "practice_bench.turn": "turn",
    "practice_bench.crown-or-groove": "crown or groove",
    "practice_bench.set": "set it",
    "practice_bench.hold-up-or-type-what": "hold it up, or type what it shows",
    "practice_bench.next-string": "next string",
    "practice_bench.write-all-heard": "write all heard",
    "practice_bench.play-next": "play, next",
    "practice_bench.open": "open",
    "practice_bench.at": "at {fret}",
    "practice_bench.look": "look",
    "practice_bench.tighter": "tighter",
    "practice_bench.looser": "looser",
    "practice_bench.feel-write": "feel, and write",
    "practice_bench.other-rod": "other rod",
    "practice_bench.more-or-less": "more or less",
    "practice_bench.rod-treble-side": ", rod of the treble side",
    "practice_bench.rod-bass-side": ", rod of the bass side",
    "practice_bench.detail-ends": "{detail}{ends}.",
    "practice_bench.move-end-goes-lower": "◂ ▸ move the lower end; . goes on.",
    "practice_bench.move-end-goes-upper": "◂ ▸ move the upper end; . goes on.",
    "practice_bench.leaf-with-where-held-hold": (
        "{where}. Hold {low}, {high}; blade {under_words} at {fret}."
    ),
    "practice_bench.leaf-with-where-held-edge-from": (
        "{where}. Edge from {low}, {high}; blade {under_words} at {fret}."
    ),
    "practice_bench.of-the-up": "{thing} of the {side}, up.",
    "practice_bench.of-the-down": "{thing} of the {side}, down.",
    "practice_bench.depth-foot-with-where-what-into-groove": (
        "{where}. Depth foot into the groove of {fret}."
    ),
    "practice_bench.depth-foot-with-where-what-beside": "{where}. Depth foot beside {fret}.",
    "practice_bench.key-rod-tighter": "Key on the rod{rod}: tighter.",
    "practice_bench.key-rod-looser": "Key on the rod{rod}: looser.",
}
