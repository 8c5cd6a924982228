"""Metal, doubt, prices and crowns."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "metal.no-flat-wide-enough-need": (
        "No flat is wide enough to need a crown: a light pass with fine paper along each fret "
        "will do."
    ),
    "metal.new-wire-round": "New wire was round to {new}.",
    "metal.crown-file-widest-flat-fret": (
        "{how_many} to crown with the {file} file; the widest flat {flat_mm} on fret {fret}: "
        "{share_gone:.0f} % of its section went."
    ),
    "metal.fret-too-wide-or-too": (
        "Fret {frets}: too wide or too low to crown; new wire is the cure there."
    ),
    "metal.frets": ("{number} fret", "{number} frets"),
    "metal.levelling-program-could-not-solved": "levelling program could not be solved",
    "metal.spot-levelling-has-no-solution": (
        "spot levelling has no solution even with unlimited metal"
    ),
    "metal.likely-before-lowest-top-reached": (
        "Likely {likely} before the lowest top is reached, give or take {off}."
    ),
    "metal.may-run-thin-fret": "May run thin: fret {named}.",
    "metal.all-notes-together-nine-times": (
        "For every note to ring clean at once, allow up to {over_mm} more action (90 % sure)."
    ),
    "metal.second-pass-needed-times-ten": "A second pass is about {second_pass}0 % likely.",
    "metal.reading-would-save-most-metal": "The reading that would save most metal: {asked}",
    "metal.metal-give-or-take": "Metal give or take {metal_doubt_mm}.",
    "metal.most-metal-hangs": "most metal hangs on it",
    "metal.no-tax": "no tax",
    "metal.prices-include": "prices include it",
    "metal.comes-top": "comes on top",
    "metal.bound-board": "bound fretboard",
    "metal.lacquered-board": "lacquered fretboard",
    "metal.compound-radius": "compound radius",
    "metal.each-string-beyond-six": "each string beyond six",
    "metal.nut": "nut",
    "metal.strings": "strings",
    "metal.paper": "paper",
    "metal.tax-more-than-hundred-percent": "tax: more than a hundred percent.",
    "metal.more-strings": "{more} more strings",
}
