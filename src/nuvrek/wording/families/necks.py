"""The neck and its parts."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "necks.relation-holds-from-10-60": (
        "the relation holds from -10 to 60 degrees and up to 99 percent"
    ),
    "necks.radius-over-nil": "a radius is over nil",
    "necks.crown-nothing-wears-lasts-ever": "a crown that nothing wears lasts for ever",
    "necks.crown-needs-width-height-over": "a crown needs a width and a height over nil",
    "necks.bass-side": "bass side",
    "necks.middle": "middle",
    "necks.treble-side": "treble side",
    "necks.rod-not-known-yet": "truss rod not known yet",
    "necks.no-rod": "no truss rod",
    "necks.one-way-rod": "one-way rod",
    "necks.two-way-rod": "two-way rod",
    "necks.twin-rods": "twin rods",
    "necks.not-known-yet": "not known yet",
    "necks.headstock": "at the headstock",
    "necks.heel": "at the heel",
    "necks.through-sound-hole": "through the sound hole",
    "necks.bolted": "bolted on",
    "necks.glued-or-one-piece": "glued, or one piece",
    "necks.usual-kind": "usual for its kind",
    "necks.nearly-flat": "nearly flat",
    "necks.figure-below": "the figure below",
    "necks.light": "light",
    "necks.usual": "usual",
    "necks.firm": "firm",
    "necks.string-list-g-metre-not": (
        "String list: {grams_per_m:g} g a metre is not possible for a string of {gauge_mm:g} mm."
    ),
    "necks.joint-fret-but-neck-has": (
        "The body joint fret is {joint_fret}, but the neck has only {frets} frets."
    ),
    "necks.string-list-has-strings-neck": (
        "The string list has {strings_in} strings, the neck {strings}."
    ),
    "necks.fret-wires-width-should-mm": "The fret wire's width should be {low:g} to {high:g} mm.",
    "necks.least-crown-keep-not-below": (
        "The minimum fret height to keep is not below the wire's height."
    ),
    "necks.string-list": "String list: {error}.",
    "necks.face-face": "face to face",
    "necks.telephone": "by telephone",
    "necks.letter": "by letter",
    "necks.described-middle-mm-over-edges": (
        "described: {radius:.3g} in, the middle {sag_mm:.2f} mm over the edges"
    ),
    "necks.no-radius-described": "no radius described",
    "necks.board-mm-wide-has-no": (
        "a fretboard {width_mm:g} mm wide has no radius of {radius_mm:g} mm"
    ),
    "necks.mm": "{ceil} to {floor} mm",
    "necks.edges-fit": ("edge fits", "edges fit"),
    "necks.your-mm": "your {listed} mm {fit}",
    "necks.edge-long": "edge {span} long",
    "necks.none-your-edges-fits-needed": "none of your edges fits: {span} is needed",
    "necks.rockers-middle-fret-2-not": "a rocker's middle fret is 2 to {frets}, not {fret}",
    "necks.wrap-not-known": "wrap not known",
    "necks.steel-or-nickel-wrap": "steel or nickel wrap",
    "necks.bronze-wrap": "bronze wrap",
    "necks.no-note-try-e2-f": '"{note}" is no note; try E2, F#3 or Bb4',
    "necks.soft": "soft",
    "necks.common": "common",
    "necks.hard": "hard",
    "necks.stainless": "stainless",
    "necks.coil": "coil",
    "necks.straight-sticks": "straight sticks",
    "necks.crown-0-4-3-mm": "{name}: a crown is 0.4 to 3 mm high, not {crown_mm:g}.",
    "necks.crown-0-8-4-mm": "{name}: a crown is 0.8 to 4 mm wide, not {width_mm:g}.",
    "necks.wire-without-tang-holds-no": (
        "{name}: wire without a tang holds in no slot. How deep is it?"
    ),
    "necks.over-barbs-tang-no-thinner": (
        "{name}: over its barbs a tang is no thinner than between them."
    ),
    "necks.tang-0-5-4-mm": "{name}: a tang is 0.5 to 4 mm deep, not {tang_mm:g}.",
    "necks.over-barbs-tang-wide-crown": "{name}: over its barbs the tang is as wide as the crown.",
    "necks.complaint-buzz": "buzz",
    "necks.complaint-choke": "notes choke",
    "necks.complaint-dead": "dead notes",
    "necks.complaint-sharp": "sharp",
    "necks.complaint-flat": "flat",
    "necks.complaint-out-of-tune": "out of tune",
    "necks.complaint-stiff": "stiff",
    "necks.complaint-high": "strings high",
    "necks.complaint-low": "strings low",
    "necks.complaint-rattle": "rattle",
    "necks.complaint-scratch": "scratchy",
    "necks.complaint-uneven": "uneven",
    "necks.complaint-ends": "sharp ends",
    "necks.complaint-open": "only open strings",
    "necks.complaint-fretted": "only when fretted",
    "necks.complaint-first-frets": "first frets",
    "necks.complaint-high-frets": "high frets",
    "necks.complaint-everywhere": "everywhere",
    "necks.complaint-low-strings": "low strings",
    "necks.complaint-high-strings": "high strings",
    "necks.complaint-one-string": "one string",
    "necks.complaint-one-note": "one note",
    "necks.complaint-hard": "when played hard",
    "necks.complaint-soft": "when played softly",
    "necks.complaint-bends": "on bends",
    "necks.complaint-cold-months": "in the cold months",
    "necks.complaint-warm-months": "in the warm months",
    "necks.complaint-since-new-strings": "since new strings",
    "necks.complaint-since-change": "since a change",
}
