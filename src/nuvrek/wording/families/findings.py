"""What was found on a neck."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "findings.sharp-fret-ends": "Sharp fret ends",
    "findings.fret-ends-past-edge": "Fret ends past the edge",
    "findings.bevels-stand-proud": "Bevels that stand proud",
    "findings.lips-left-tape": "Lips left by tape",
    "findings.hair-rounding-cures-more-lets": (
        "A hair of rounding cures it; more lets the outer string slip off."
    ),
    "findings.board-has-shrunk-bring-ends": (
        "The fretboard has shrunk: bring the ends back to the edge before bevelling."
    ),
    "findings.bevel-about-30-degrees-flush": "Bevel to about 30 degrees, flush with the edge.",
    "findings.one-light-pass-file-after": "One light pass of the file after peeling.",
    "findings.press-home-glue-before-any": (
        "{light} Press it home and glue it before any filing; then read it again."
    ),
    "findings.outer-string-only-from-end": (
        "The outer string is only {ways} from the end: keep the bevel steep."
    ),
    "findings.out-entirely-costs-much-metal": (
        "At {named}. Taking them out entirely costs that much metal; shallow ones may stay by "
        "agreement."
    ),
    "findings.grooves-up-deep": "Grooves up to {worn} deep",
    "findings.wire-described-so-much-metal": (
        "By the wire as described so much metal is gone: fret {named}. The height stays when "
        "it is crowned again."
    ),
    "findings.flats-up-wide": "Flats up to {widest} wide",
    "findings.rod-one": "The rod {did}: a {kind} one",
    "findings.light-under": "{amount:start} of light under it.",
    "findings.board-shrinks-fret-ends-come": "the fretboard shrinks and fret ends come out",
    "findings.board-swells-necks-gain-or": "the fretboard swells and necks gain or lose relief",
    "findings.c-wood-settles-about-moisture": (
        "At {warm:g} °C wood settles at about {equilibrium_moisture_percent:.0f} % moisture."
    ),
    "findings.rod-binds": "The rod binds",
    "findings.dont-force-snapped-rod-new": (
        "Don't force it: a snapped rod is a new neck. Old glue, a dry or chewed nut and a "
        "spent rod feel alike."
    ),
    "findings.rod-end": "The rod is at its end",
    "findings.dont-force-snapped-rod-new-neck": (
        "Don't force it: a snapped rod is a new neck. A spacer under its nut may give it back "
        "some travel."
    ),
    "findings.key-slips-rods-nut": "The key slips in the rod's nut",
    "findings.chewed-nut-or-wrong-key": (
        "A chewed nut, or the wrong key: it says nothing about the rod itself. Renew the nut first."
    ),
    "findings.rods-nut-cant-reached": "The rod's nut can't be reached",
    "findings.clear-hole-find-key-rod": (
        "Clear the hole and find the key: the rod has not been tried yet."
    ),
    "findings.bites-again-past-slack": "bites again past slack",
    "findings.stays-slack-however-far-loosened": "stays slack however far it is loosened",
    "findings.bass-end": "at its bass end",
    "findings.middle": "in its middle",
    "findings.treble-end": "at its treble end",
    "findings.up": "by up to {most}",
    "findings.over-weeks": "Over weeks {moves}. {settles}",
    "findings.write-down-take": "Write it down in Take in.",
    "findings.over-both-neighbours": "Over both its neighbours, {where}. {by_caliper} {certain}",
    "findings.to": "{rocking_mm} to {high}",
    "findings.middle-down-sprung-end-until": (
        "The middle is down, so treat it as a sprung end until you have pressed it. Press or "
        "tap it first; only what stays up is filed, on that end alone."
    ),
    "findings.frets": ("{number} fret is", "{number} frets are"),
    "findings.below-you-keep": "{below} below the {least} you keep. {sure_words}",
    "findings.nobody-has-pressed-yet-press": (
        "It has not been pressed yet: press it before you file it."
    ),
    "findings.marked-file-until-ink-gone": (
        "Marked {where}. File it until the ink is gone and nothing rocks: about {range_words} "
        "by what else was read. It is proud, or a neighbour is low."
    ),
    "findings.fret-stands-proud": "Fret {fret} stands proud by {size}",
    "findings.caliper-taller-than-rest-look": (
        "By caliper {taller} taller than the rest: look for light under it first."
    ),
    "findings.caliper-no-taller-than-rest": (
        "By caliper no taller than the rest: it is the wood that rises here."
    ),
    "findings.all-across": "all across",
    "findings.look-light-under-middle-press": (
        "{size}. Look for light under its middle: press the whole fret home. {certain}"
    ),
    "findings.fret-rocks": "Fret {fret} rocks",
    "findings.neighbours-rock-over-they-not": (
        "Its neighbours rock over it; they are not proud themselves. {sure_words}"
    ),
    "findings.fret-low": "Fret {fret} is low by {size}",
    "findings.frets-rock-around-one-low": (
        "Frets {fret} and {other_fret} rock around it: one low fret between them is likelier "
        "than two proud ones. A feeler blade under the rocker tells."
    ),
    "findings.fret-low-with-fret": "Fret {fret} is low",
    "findings.fret-has-crown-left": "Fret {fret} has {mm} of fret height left",
    "findings.fret-up-middle": "Fret {fret} is up in its middle",
    "findings.perhaps-measure-again": "Perhaps: measure again.",
    "findings.almost-sure": "Almost sure.",
    "findings.strings-slack-neck-stands-up": (
        "With the strings slack the neck stands up in the middle, most on the {where}: no "
        "light under a string or edge there says nothing of relief. The pull of the strings "
        "takes it out again. {sure_words}"
    ),
    "findings.slack-bowed-back": "Slack it is bowed back: {mm}",
    "findings.no-string-shows-light-over": (
        "No string shows light over the frets at pitch. A straight neck and one that is bowed "
        "back look alike so; a long edge on the frets tells them apart."
    ),
    "findings.moved-while-measured": "It moved while you measured: {mm} {how}",
    "findings.moved-more-dip": "more dip",
    "findings.moved-less-dip": "less dip",
    "findings.moved-between-readings": (
        "The first reading of the round and the same one at its end differ. Warm hands, a lamp, "
        "strings retuned? Let the neck settle, then measure it again. {sure_words}"
    ),
    "findings.no-light-under-strings-straight": (
        "No light under the strings: straight, or bowed back"
    ),
    "findings.neck-stands-up-middle-under": (
        "The neck stands up in the middle under string tension. {also} {sure_words}"
    ),
    "findings.back-bow": "Back bow {where}: {mm}",
    "findings.and-with-low-high": "{low} and {high}",
    "findings.between-strings-pitch": "between {span} with the strings at pitch",
    "findings.wanted": "{low} to {high} is wanted",
    "findings.relief": "Relief {detail} {where}: {is_what}",
    "findings.lowest-fret": "lowest at fret {lowest}",
    "findings.no-fault-if-plays-clean": "{between}; {wanted}. No fault if it plays clean.",
    "findings.wanted-with-again": "as wanted",
    "findings.low-nut-feels-same-press": (
        "A low nut feels the same: press at fret 3 and look over fret 1."
    ),
    "findings.on-the": "on the {lane_words}",
    "findings.more-than-wanted": "more than wanted",
    "findings.perhaps-more-than-wanted": "perhaps more than wanted",
    "findings.perhaps-less-than-wanted": "perhaps less than wanted",
    "findings.less-than-wanted": "less than wanted",
    "findings.reckoned-from-air-moisture-between": (
        "Reckoned from the air, {moisture_percent:.0f} to {other_moisture_percent:.0f} % "
        "moisture, between {least} and {most}: {what}."
    ),
    "findings.from-visits-give-or-take": (
        "From {visits} visits, give or take {doubt_mm}. Ten percent of humidity are one and a "
        "half to two percent of moisture."
    ),
    "findings.fret-ends-come-out-half": "fret ends come out by half of it on each side",
    "findings.fret-ends-go-glue-lines": "fret ends go in, glue lines are pressed",
    "findings.board-rises-where-body-begins": (
        "The fretboard rises where the body begins; no truss rod setting takes it out. A "
        "notched edge there settles it."
    ),
    "findings.strings-pull-relief-into": "The strings pull {pull_mm} of relief into it",
    "findings.pitch-less-slack-give-or": (
        "That is the relief at pitch less the relief slack, give or take {pull_doubt_mm}. A "
        "tone lower: {detail}."
    ),
    "findings.past-joint-board-climbs-high": (
        "Past the body joint the fretboard climbs. With high strings and no saddle left the "
        "neck angle is at fault."
    ),
    "findings.has-more-relief-than": "The {more} has {mm} more relief than the {less}",
    "findings.twist-or-board-worn-unevenly": (
        "A twist, or a fretboard worn unevenly. Twin rods can answer it; one rod cannot."
    ),
    "findings.zero-fret": "zero fret",
    "findings.nut": "nut",
    "findings.crowns-differ": "Crowns differ by {mm}",
    "findings.tallest-fret-lowest-fret-over": (
        "Tallest at fret {tall}, lowest at fret {short}, over the wood beside them."
    ),
    "findings.hump-joint": "Hump at the body joint",
    "findings.past-joint-board-falls-away": (
        "Past the body joint the fretboard falls away: room for the swinging string up there."
    ),
    "findings.fall-away-past-joint": "Fall-away past the body joint",
    "findings.pressed-3-string-should-all": (
        "Pressed at 3 the string should all but rest on fret 1. Too high plays sharp in the "
        "first frets."
    ),
    "findings.high-over-fret-1": "The {name} is high, {side}: {mm} over fret 1",
    "findings.tongue-rises": "The tongue rises",
    "findings.string-all-but-lies-fret": "The string all but lies on fret 1, {side}",
    "findings.right-if-open-string-rings": (
        "Right, if the open string rings clean; if it buzzes there it is low, and can pass for "
        "back bow."
    ),
    "findings.neck-s-shaped": "The neck is S-shaped",
    "findings.buzzes-open-low-side-which": (
        "And it buzzes open: the {name} is low on this side, which can pass for back bow. "
        "Raise it there."
    ),
    "findings.odd-says": "Odd: {place_words} says {value_words}",
    "findings.all-other-readings-together-say": (
        "All the other readings together say {expected_mm}. {slip} Take it again."
    ),
    "findings.all-other-readings-together-say-none": (
        "All the other readings together say that there is no gap. {slip} Take it again."
    ),
    "findings.end-pressed-holds": "It was pressed and holds: a few strokes on that end alone.",
    "findings.fret-high-bass": "Fret {fret} is high at its bass end",
    "findings.fret-high-treble": "Fret {fret} is high at its treble end",
    "findings.fret-high-both": "Fret {fret} is high at both ends",
    "findings.fret-up-bass": "Fret {fret} is up at its bass end",
    "findings.fret-up-treble": "Fret {fret} is up at its treble end",
    "findings.fret-up-both": "Fret {fret} is up at both ends",
    "findings.ends-pressed-hold": "It was pressed and holds: a few strokes on those ends alone.",
    "findings.size-sentence": "{size}.",
    "findings.between-deepest-wanted": "{between}, {deepest}; {wanted}.",
    "findings.between": "{between}.",
    "findings.end-heads-lane-size": "{end_heads}, {lane} {size}",
    "findings.named-end-cures-near": "{named}. {end_cures} {near}",
    "findings.f-mm": "{f} ({mm})",
    "findings.head-size-lane": "{head}: {size}, {lane}",
    "findings.fret-moves-under-finger": "Fret {fret} moves under a finger {where}",
    "findings.fret-stands-off-wood": "Fret {fret} stands off the wood {where}",
    "findings.air-humidity-dry": "Dry air: {damp:g} % humidity",
    "findings.air-humidity-damp": "Damp air: {damp:g} % humidity",
    "findings.board-about-than-narrower": (
        "The fretboard is narrower by about {least} than on {day}"
    ),
    "findings.board-about-than-wider": "The fretboard is wider by about {least} than on {day}",
    "findings.neck-relief-per-percent-moisture-gains": (
        "This neck gains {mm_per_percent} of relief per percent of moisture"
    ),
    "findings.neck-relief-per-percent-moisture-loses": (
        "This neck loses {mm_per_percent} of relief per percent of moisture"
    ),
    "findings.dips-towards-body-no-rod-near-nut-up": (
        "It dips near the nut and up towards the body: no truss rod setting straightens both."
    ),
    "findings.dips-towards-body-no-rod-up-near-nut": (
        "It dips up near the nut and down towards the body: no truss rod setting straightens both."
    ),
    "findings.over-fret-would-about-take-same-string-read": (
        "That is {mm} over fret {at}; by the same string read at another fret it would be "
        "about {expected_mm}. Take it again."
    ),
    "findings.over-fret-would-about-take-other-strings": (
        "That is {mm} over fret {at}; by the other strings it would be about {expected_mm}. "
        "Take it again."
    ),
    "findings.sure": "Sure.",
    "findings.likely": "Likely.",
}
