"""The lessons of the practice bench."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "lessons.chokes-around-ninth-fret": "It chokes around the ninth fret.",
    "lessons.notes-before-body-joint-choke": "The notes before the body joint choke.",
    "lessons.please-look-over": "Please look it over.",
    "lessons.light-both-ends": "Light at both ends",
    "lessons.edge-over-hump-touches-one": (
        "An edge over a hump touches in one place and shows light at both ends; that light is "
        "no relief. A rod that is turned for it bends the good part of the neck."
    ),
    "lessons.look-where-edge-touched-whether": (
        "Look where the edge touched and whether it rocked. The relief before the hump was "
        "never at fault."
    ),
    "lessons.support-stands-high": "A support that stands high",
    "lessons.string-held-two-frets-lies": (
        "A string held at two frets lies on those two, and their own heights are in every gap "
        "between them. One support that stands high makes relief out of nothing."
    ),
    "lessons.hold-relief-read-1-joint": (
        "Hold the relief read at 1 and the body joint against the one read at 2 and three "
        "frets less: where they part, a support lied."
    ),
    "lessons.notches-another-scale": "Notches of another scale",
    "lessons.notched-edge-another-scale-rides": (
        "A notched edge of another scale rides on a fret and shows a hollow under it. The "
        "fretboard it speaks of does not exist, and the rod turned for it spoils a good neck."
    ),
    "lessons.see-which-fret-edge-stood": (
        "See which fret the edge stood on. The scale cut into the edge must be the scale of "
        "the neck."
    ),
    "lessons.high-strings-no-rod": "High strings, no truss rod.",
    "lessons.fret-ends-scratch": "The fret ends scratch.",
    "lessons.heat-comes-back": "Heat that comes back",
    "lessons.wood-bent-heat-goes-part": (
        "Wood that was bent by heat goes a part of its way back within weeks, most of all "
        "without a rod. A neck handed over straight from its clamp comes home bowed."
    ),
    "lessons.compare-relief-day-two-weeks": (
        "Compare the relief on the day and two weeks later. Bend it past straight, let it lie, "
        "read it again, and only then set it up."
    ),
    "lessons.ends-too-round": "Ends too round",
    "lessons.fret-end-broken-hair-so": (
        "A fret end is broken by a hair, so that the hand does not feel it. Too much, and the "
        "outer strings slip off the edge, which nothing but new wire cures."
    ),
    "lessons.play-outer-strings-up-neck": (
        "Play the outer strings up the neck and push them a little outwards."
    ),
    "lessons.notes-do-not-ring-clean": "{unclean} of {notes} notes do not ring clean.",
    "lessons.strings-stand-mm-off-wanted": (
        "The strings stand {height_off_mm:.2f} mm off the wanted height."
    ),
    "lessons.relief-mm-off-what-wanted": "The relief is {relief_off_mm:.2f} mm off what is wanted.",
    "lessons.tops-were-filed-not-made": "{flat} tops were filed and not made round again.",
    "lessons.frets-lower-than-they-may": "{under_least} frets are lower than they may be.",
    "lessons.fret-ends-still-sharp": "{sharp_ends} fret ends are still sharp.",
    "lessons.mm-metal-gone-sum-would": (
        "{metal_mm:.2f} mm of metal is gone in sum; {most_metal_mm:.2f} would have done."
    ),
    "lessons.costs-mm-metal-or-more": (
        "It costs {detail} mm of metal or more, summed over the frets, and it never comes back."
    ),
    "lessons.notes-or-more-do-not": "{detail} notes or more do not ring clean afterwards.",
    "lessons.costs-minutes-or-more-bench": "It costs {detail} minutes or more at the bench.",
    "lessons.costs-mm-wood-or-more": "It costs {detail} mm of wood or more, summed over the frets.",
    "lessons.relief-ends-mm-or-more": (
        "The relief ends {detail} mm or more further from what is wanted."
    ),
    "lessons.frets-or-more-end-too": "{detail} frets or more end too low to crown.",
    "lessons.costs-frets-new-wire-or": "It costs {detail} frets of new wire or more.",
    "lessons.strings-end-mm-or-more": (
        "The strings end {detail} mm or more further from their height."
    ),
    "lessons.frets-new-wire-went-would": (
        "{parts} frets of new wire went in; {most} would have done."
    ),
    "lessons.nothing-read-tells-what-matter": "Nothing was read that tells what is the matter.",
    "lessons.not-called-here": "{done:start}: that was not called for here.",
    "lessons.frets-out": "{out} frets are out.",
    "lessons.frets-still-move": "{loose} of the frets still move.",
    "lessons.work-began-before-anything-had": (
        "Work began before anything had been read that tells what is the matter."
    ),
    "lessons.stripped-new-wire-board-rough": "Stripped for new wire; the fretboard is rough.",
    "lessons.stripped-new-wire": "Stripped for new wire.",
    "lessons.five-frets-worn-out": "Five frets are worn out.",
    "lessons.taped-ready-says-note": "Taped and ready, says the note.",
    "lessons.ends-lag": "The ends that lag",
    "lessons.block-goes-fro-takes-most": (
        "A block that goes to and fro takes most where it passes most often, and that is the "
        "middle. A fretboard sanded so is hollow before the first new fret is in."
    ),
    "lessons.lay-edge-unpressed-every-few": (
        "Lay the edge unpressed every few strokes. A block as long as the fretboard, run off "
        "its ends, leaves no hollow."
    ),
    "lessons.slots-shallower-than-tang": "Slots shallower than the tang",
    "lessons.wire-stops-where-tang-meets": (
        "Wire stops where its tang meets the bottom of the slot, however hard it is pressed. "
        "Every fret that stops early is filed off again, and all others with it."
    ),
    "lessons.measure-slot-tang-before-first": (
        "Measure slot and tang before the first fret goes in: a saw takes minutes."
    ),
    "lessons.five-frets-match": "Five frets that match",
    "lessons.new-wire-among-old-wire": (
        "New wire among old wire must be as high as its neighbours, or a little higher. What "
        "is much taller is filed down to them, with all its years of life."
    ),
    "lessons.see-how-much-new-wire": "See how much of the new wire ended as dust.",
    "lessons.measured-tape": "Measured on the tape",
    "lessons.depth-foot-tape-reads-every": (
        "A depth foot on tape reads every fret too low by the tape. Frets that have years left "
        "are pulled for a strip of paper."
    ),
    "lessons.take-one-height-again-beside": (
        "Take one height again beside the tape. Measure before the fretboard is masked."
    ),
    "lessons.buzzes": "It buzzes.",
    "lessons.practice-neck": "practice neck",
    "lessons.one-fret-middle-chokes-some": (
        "One fret in the middle chokes, some days more than others."
    ),
    "lessons.two-frets-beside-each-other": "Two frets beside each other rock.",
    "lessons.last-notes-choke": "The last notes choke.",
    "lessons.fret-ducks": "The fret that ducks",
    "lessons.fret-not-seated-goes-down": (
        "A fret that is not seated goes down under the file and comes up when the file is "
        "gone. The whole neck pays for it and the note chokes as before."
    ),
    "lessons.look-fret-chokes-your-beam": (
        "Look at the fret that chokes: your beam never cut it. Press every fret before any "
        "beam touches the neck."
    ),
    "lessons.one-low-fret-two-rocks": "One low fret, two rocks",
    "lessons.rocker-says-three-frets-not": (
        "A rocker says that three frets are not in line, never which of them is at fault. Two "
        "rocks with one still fret between them speak of the one between."
    ),
    "lessons.count-what-filed-frets-rocked": (
        "Count what was filed: the frets that rocked were right. One fret lifted or replaced "
        "would have spared them all."
    ),
    "lessons.rocker-stands-four": "The rocker stands on four",
    "lessons.up-neck-frets-stand-close": (
        "Up the neck the frets stand close, and an edge that suits the first frets reaches "
        "over four or five of them. It rocks over frets that have nothing the matter."
    ),
    "lessons.compare-metal-taken-from-each": (
        "Compare the metal taken from each of the last frets: only one of them stood high. "
        "Take the edge that reaches three and no more."
    ),
    "lessons.please-set-up-i-play": "Please set it up; I play it at pitch.",
    "lessons.first-frets-buzz": "The first frets buzz.",
    "lessons.strings-high": "The strings are high.",
    "lessons.open-high-strings-buzz": "The open high strings buzz.",
    "lessons.far-too-much-bow-rod": "Far too much bow; the rod is said to be dead.",
    "lessons.read-tone-too-low": "Read a tone too low",
    "lessons.relief-answer-neck-strings-strings": (
        "Relief is the answer of the neck to its strings, and strings that are down pull less. "
        "A rod set on such a reading is wrong as soon as the neck is tuned."
    ),
    "lessons.compare-relief-before-after-tuning": (
        "Compare the relief before and after tuning. Tune first, after every move of the rod too."
    ),
    "lessons.nothing-left-let-out": "Nothing left to let out",
    "lessons.one-way-rod-only-takes": (
        "A one-way rod only takes relief out. A back bow with that rod slack is not cured by "
        "any turn of it, and a turn the other way makes it worse."
    ),
    "lessons.feel-key-before-turning-slack": (
        "Feel the key before turning it: slack says that there is nothing left, not that the "
        "rod is spent."
    ),
    "lessons.through-slack": "Through its slack",
    "lessons.rod-does-not-answer-once": (
        "A rod that does not answer at once may only have play to turn through. Whoever calls "
        "it spent after two moves pays with metal."
    ),
    "lessons.count-turns-until-first-answer": (
        "Count the turns until the first answer. Slack is where the work begins, and nothing "
        "says yet how strong the rod is."
    ),
    "lessons.two-rods-low-nut": "Two rods and a low nut",
    "lessons.open-strings-buzz-one-side": (
        "Open strings that buzz on one side look like a back bow of that side. Two rods make "
        "it easy to bend half a neck for a nut slot that is too low."
    ),
    "lessons.press-3-look-over-1": (
        "Press at 3 and look over 1: the string lay on the fret. Fretted notes of the same "
        "string rang clean all along."
    ),
    "lessons.chewed-nut-no-spent-rod": "A chewed nut is no spent rod",
    "lessons.key-slips-chewed-nut-turns": (
        "A key that slips in a chewed nut turns nothing, however often it is turned. Heat for "
        "a rod that was never moved costs days, and comes back."
    ),
    "lessons.feel-whether-rod-turned-or": (
        "Feel whether the rod turned or only the key. Nut first, then the rod, then anything else."
    ),
    "lessons.there-no-lesson": "There is no lesson '{key}'.",
    "lessons.low-string-chokes-behind-eighth": "The low string chokes behind the eighth fret.",
    "lessons.first-frets-worn": "The first frets are worn.",
    "lessons.somebody-levelled-left-tops-flat": "Somebody levelled it and left the tops flat.",
    "lessons.highest-notes-choke": "The highest notes choke.",
    "lessons.uneven-all-over-says-label": "Uneven all over, says the label.",
    "lessons.wood-or-metal": "Wood or metal",
    "lessons.tops-follow-wood-they-sit": (
        "Tops follow the wood they sit in, and a neck bowed back lifts its middle without one "
        "fret being high. Metal filed for a bend that the rod takes out is gone for nothing."
    ),
    "lessons.notched-edge-wood-had-all": (
        "The notched edge on the wood had it all. No rocker found anything, for single frets "
        "were never at fault."
    ),
    "lessons.pressed-too-deep": "Pressed too deep",
    "lessons.fret-pressed-until-stop-felt": (
        "A fret is pressed until the stop is felt, and no further. One that went too deep is "
        "low for good, and its neighbours are filed for it."
    ),
    "lessons.look-frets-beside-they-pay": (
        "Look at the frets beside it: they pay with metal for a press that was too hard."
    ),
    "lessons.crown-level-or-new-wire": "Crown, level or new wire",
    "lessons.groove-taken-out-bringing-every": (
        "A groove is taken out by bringing every top down to its bottom, if there is height "
        "for that. Where there is not, the level ends in frets that nobody can crown."
    ),
    "lessons.height-less-groove-less-what": (
        "Fret height minus groove depth minus what levelling removes: compare that with the "
        "minimum before you start filing."
    ),
    "lessons.crowned-before-bow-seen": "Crowned before the bow was seen",
    "lessons.pretty-frets-uneven-board-work": (
        "Pretty frets on an uneven fretboard are work done twice. Whoever crowns before the "
        "edge has lain on the neck crowns again."
    ),
    "lessons.compare-minutes-twenty-two-crowns": (
        "Compare the minutes: twenty-two crowns were made for nothing."
    ),
    "lessons.tongue-climbs": "The tongue that climbs",
    "lessons.board-climbs-past-joint-brought": (
        "A fretboard that climbs past the body joint is brought down past the body joint. A "
        "level of the whole neck takes the same metal from frets that nothing ails."
    ),
    "lessons.see-which-frets-choked-notes": (
        "See which frets choked the notes, and how much was taken from the others."
    ),
    "lessons.over-zero-fret": "Over the zero fret",
    "lessons.zero-fret-stands-little-over": (
        "A zero fret stands a little over all others and makes their room. The beam that runs "
        "over it takes that room away, and the open strings lie on the first fret."
    ),
    "lessons.listen-open-strings-taped-over": (
        "Listen to the open strings. It is taped over, or not yet in, while the others are "
        "levelled."
    ),
}
