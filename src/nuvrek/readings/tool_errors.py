"""Errors of the tools, one standard deviation in mm each.

Common practice, no source, unless said otherwise. A leaf bracket is not rounded to a number; its
walls blur by the tool's own error.
"""

from __future__ import annotations

LEAF_ERROR_MM = 0.01
GAP_NUMBER_ERROR_MM = 0.018
# A leaf drags while it is up to this much thicker than the gap; of thinner leaves than this nobody
# can tell.
DRAGS_OVER_MM, LEAST_DRAG_MM = 0.06, 0.08
ROCK_GAP_ERROR_MM = 0.012
CROWN_ERROR_MM = 0.018
STRING_RULE_ERROR_MM = 0.15
DIAL_ERROR_MM = 0.0035

# A long edge is seen to rock when it stands up by about this much at one end, and no light is seen
# under it up to the thinnest leaf.
EDGE_ROCKS_MM, EDGE_LIGHT_MM, EDGE_LIE_MM = 0.02, 0.05, 0.015

# A rocker is felt to rock from about this height on; the feel itself wavers.
ROCK_FELT_MM = 0.02
ROCK_FEEL_MM = 0.008
# One hand feels a rock sooner or later than another, all along; standard deviation.
HAND_FEEL_MM = 0.005
# "All the others are still" after a quick sweep is weaker than a still looked at by itself.
SWEEP_FEEL_MM = 0.014

# Filing and seating change a top by about what was meant.
FILED_SHARE_ERROR = 0.25
FILED_ERROR_MM = 0.008
SEATED_ERROR_MM = 0.12
