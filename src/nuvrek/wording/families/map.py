"""What the map says of its readings."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "map.lies-most-light": "It lies on {on} {low} and {high}; most light at {frets}.",
    "map.edge-covers-fewer-than-two": "The edge covers fewer than two frets there.",
    "map.wood-beside": "the wood beside",
    "map.frets": "frets",
    "map.rocks-about": "It rocks about fret {fret}.",
    "map.lies-no-light": "It lies on {on} {low} and {high}; no light.",
    "map.thou": "Was it in thou?",
    "map.mm-not-thou": "Was it in mm, not thou?",
    "map.inches": "Was it in inches?",
    "map.point-moved": "Was its point moved?",
    "map.point-left-out": "Was its point left out?",
    "map.questions": ("{number} question", "{number} questions"),
    "map.open": "{open_questions} open: {detail}.",
    "map.settles-relief": "settles the relief on the {lane_words}",
    "map.tells-whether-fret-filed": "tells whether fret {fret} is to be filed",
    "map.sure-enough-relief-known-within": "Sure enough: {why}",
    "map.tells-how-much-metal-left": "tells how much metal is left",
    "map.relief-from-about-between": "relief from {now_mm} to about {mm}, between {low} and {high}",
    "map.wide-neck-not-read-both": (
        "{detail}: wide, for this neck was not read both at pitch and slack"
    ),
    "map.sure-enough-because": "relief is known within its margin, and no fret is left in doubt.",
    "map.rocks-about-wood": "It rocks about the wood at {fret}.",
}
