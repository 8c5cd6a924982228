"""The usual cautions, shown at the step that needs them. Local codes, product sheets and
licensed practice come first.
"""

from __future__ import annotations

from nuvrek.meaning import means

FIRST = means("steps.local-codes-product-sheets-licensed")
ROD = means("steps.never-force-rod-snapped-rod")
STRINGS = means("steps.strings-under-tension-whip-slacken")
DUST = means("steps.metal-wood-old-finish-dust")
PICKUPS = means("steps.filings-steel-wool-kill-pickups")
PRESS = means("steps.support-neck-under-fret-being")
GLUE = means("steps.thin-glue-fumes-bonds-skin")
HEAT = means("steps.heat-burns-melts-binding-lifts")
SOLVENT = means("steps.solvents-burn-their-fumes-do")
OIL = means("steps.rags-soaked-drying-oils-can")
SPECIES = means("steps.some-fingerboard-woods-shell-protected")
LACQUER = means("steps.lacquered-face-tape-well-slip")
EYES = means("steps.wire-ends-fly-are-sharp")
HOT = means("steps.frets-just-pulled-neck-clamp-hot")
WHEEL = means("steps.polishing-wheel-grabs")
