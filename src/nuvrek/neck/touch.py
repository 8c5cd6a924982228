"""A player's touch: how hard a string is plucked, and where."""

from __future__ import annotations

# Three touches: the force at the plucked place in thousandths of the string's tension, for a hand
# asks more of a tighter string; and where it is plucked, as a share of the open string from the
# saddle (common practice, no source).
TOUCHES = {"light": 3.3, "usual": 6.7, "firm": 10.7}
TOUCH_UNIT = 0.001
PLUCKED_SHARE = 0.22
