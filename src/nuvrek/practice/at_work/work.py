"""Which actions are work at the neck, and how a sentence names each."""

from __future__ import annotations

from nuvrek.language import tr

# Tuning, waiting, ink and tape are none: nothing of the neck is changed for good by them.
WORK: dict[str, str] = {
    "turn": tr("the rod was turned"),
    "mend-rod-nut": tr("the rod's nut was seen to"),
    "press": tr("a fret was pressed"),
    "glue": tr("a fret was glued"),
    "file": tr("a single fret was filed"),
    "block": tr("the block was taken up"),
    "crown": tr("tops were crowned"),
    "round-end": tr("ends were rounded"),
    "nut-slot": tr("the nut was worked on"),
    "saddle": tr("the saddle was moved"),
    "heat": tr("the neck was heated"),
    "pull": tr("frets were pulled"),
    "true-wood": tr("the wood was sanded"),
    "saw": tr("the slots were sawn"),
    "fit": tr("new wire was fitted"),
}
