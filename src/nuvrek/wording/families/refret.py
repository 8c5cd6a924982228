"""What a refret needs and does."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "refret.piece-mm-does-not-come": (
        "a piece of {lengths:.1f} mm does not come out of a stick of {stick_mm:g} mm"
    ),
    "refret.even-crimped-these-tangs-hold": (
        "{frets:start}: even crimped, these tangs hold up to {most:.2f} mm less than usual in "
        "their slots. Loose: fill the slots, or take a wire with a fatter tang."
    ),
    "refret.too-much-relief-no-rod": "too much relief, and no truss rod to take it",
    "refret.saddle-lacks": "the saddle lacks {height}",
    "refret.crowns-cant-pay-level-leaves": (
        "frets of {length} are too low for a level that leaves {least}"
    ),
    "refret.crown-too-low-grip-or": "{length} of fret height is too low to grip or to crown",
    "refret.frets-move-or-stand-off": (
        "{number} frets move or stand off the wood: their slots have no grip left"
    ),
    "refret.frets-ring-dull-though-they": (
        "{number} frets ring dull though they are not worn: loose in their slots"
    ),
    "refret.too-little-relief-no-rod": "too little relief, and no truss rod to give it",
    "refret.frets": ("{number} fret is", "{number} frets are"),
    "refret.not-seated": ("{frets:start} is not seated", "{frets:start} are not seated"),
    "refret.level-short-fret": "A level is {length} short at fret {fret}.",
    "refret.too-low-more-than-handful": (
        "{count} too low, more than the handful new wire can be matched for."
    ),
    "refret.another-wire-wanted": "another wire is wanted: {wish}",
    "refret.slot-mm-wide-no-tang": (
        "slot {fret} is {width:.2f} mm wide: no tang of this wire can be made to hold there. "
        "Fill it with wood and saw it anew, or take another wire"
    ),
    "refret.one-radius-all-along": "one radius all along",
    "refret.radius-growing-evenly-end": "radius growing evenly to the end",
    "refret.two-blocks-blended-middle": "two blocks blended in the middle",
    "refret.clean-board-only-level-over": "clean the fretboard only, and level over it",
    "refret.agree-thinner-board": "agree on a thinner fretboard",
    "refret.board-too-wide-radius": "the fretboard is too wide for that radius",
    "refret.truing-board-could-not-worked": "the truing of this fretboard could not be worked out",
    "refret.leave-corners-nobody-plays-they": "leave corners nobody plays as they are",
    "refret.narrower-than-old-beads-their": (
        "narrower than the old beads: their marks in the wood stay to be seen"
    ),
    "refret.mm-narrower-than-old-wire": (
        "{wider:.2f} mm narrower than the old wire: it can't be matched."
    ),
    "refret.mm-lower-than-what-others": "{taller:.2f} mm lower than what the others have left.",
    "refret.after-first-level-mm-under": (
        "After the first level {crown:.2f} mm is under the minimum fret height of "
        "{least_mm:.2f} mm."
    ),
    "refret.wider-mm-milled-mm-wide": (
        "wider by {wider:.2f} mm: milled to {old_width_mm:.2f} mm wide and {old_crown_mm:.2f} "
        "mm high"
    ),
    "refret.taller-mm-which-level-takes": (
        "taller by {taller:.2f} mm, which the level takes off each new fret"
    ),
    "refret.milled-so-narrow-crown-would": "Milled so narrow its crown would not cover its barbs.",
    "refret.fault": "{fault:sentence}",
}
