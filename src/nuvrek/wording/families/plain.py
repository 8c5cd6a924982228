"""What is found, for an owner."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "plain.nut-low": "The nut is worn low: open strings lie on the first fret.",
    "plain.nut-high": "The nut holds the strings higher than they need at the first frets.",
    "plain.back-bow": "The neck bows backwards by {mm}, so that strings buzz on the first frets.",
    "plain.back-bow-slack": "Without strings the neck bows backwards; the strings make up for it.",
    "plain.s-shape": "The neck waves: it dips in one place and rises in another.",
    "plain.loose": ("{frets:start} moves in its slot.", "{frets:start} move in their slots."),
    "plain.end-up": (
        "{frets:start} has an end that has come up.",
        "{frets:start} have ends that have come up.",
    ),
    "plain.end-high": (
        "{frets:start} stands high at one end.",
        "{frets:start} stand high at one end.",
    ),
    "plain.middle-up": (
        "{frets:start} has come up in its middle.",
        "{frets:start} have come up in their middle.",
    ),
    "plain.proud": (
        "{frets:start} stands higher than its neighbours, and notes before it buzz on it.",
        "{frets:start} stand higher than their neighbours, and notes before them buzz on them.",
    ),
    "plain.rocks": (
        "{frets:start} stands a little over its neighbours.",
        "{frets:start} stand a little over their neighbours.",
    ),
    "plain.thin-crown": (
        "{frets:start} has little metal left.",
        "{frets:start} have little metal left.",
    ),
    "plain.hump": "The fingerboard has a hump of {mm}.",
    "plain.tongue": "The fingerboard's end, past the body joint, climbs by {mm}.",
    "plain.uneven-sides": "The neck bends a little more on one side than on the other.",
    "plain.grooves": "The strings have worn grooves into the frets, up to {mm} deep.",
    "plain.flats": "The tops of frets are worn flat.",
    "plain.low": (
        "{frets:start} lies lower than its neighbours.",
        "{frets:start} lie lower than their neighbours.",
    ),
    "plain.uneven-crowns": "The frets differ in height.",
    "plain.fret-ends": "Ends of frets are sharp or stand out.",
    "plain.air": (
        "It has been kept in air that is too dry or too damp; 40 to 60 % humidity is better for it."
    ),
    "plain.relief-over": (
        "The neck bows forward by {mm}, more than is wanted: strings lie high in the middle."
    ),
    "plain.relief-under": (
        "The neck is straighter than is wanted, {mm}: strings have little room to swing."
    ),
}
