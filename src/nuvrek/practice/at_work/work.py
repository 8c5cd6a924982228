"""Which actions are work at the neck, and how a sentence names each."""

from __future__ import annotations

from nuvrek.meaning import Saying, means

# Tuning, waiting, ink and tape are none: nothing of the neck is changed for good by them.
WORK: dict[str, Saying] = {
    "turn": means("practice.rod-turned"),
    "mend-rod-nut": means("practice.rods-nut-seen"),
    "press": means("practice.fret-pressed"),
    "glue": means("practice.fret-glued"),
    "file": means("practice.single-fret-filed"),
    "block": means("practice.block-taken-up"),
    "crown": means("practice.tops-were-crowned"),
    "round-end": means("practice.ends-were-rounded"),
    "nut-slot": means("practice.nut-worked"),
    "saddle": means("practice.saddle-moved"),
    "heat": means("practice.neck-heated"),
    "pull": means("practice.frets-were-pulled"),
    "true-wood": means("practice.wood-sanded"),
    "saw": means("practice.slots-were-sawn"),
    "fit": means("practice.new-wire-fitted"),
}
