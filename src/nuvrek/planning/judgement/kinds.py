"""The rules in the order in which they are asked: cheap cures first, wood and metal last, what is
done at the bench first stands first in the course.
"""

from __future__ import annotations

from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules import (
    bare,
    bow_without_rod,
    content,
    ends,
    new_wire,
    nut_and_strings,
    rod,
    sides,
    sound,
    tops,
    unread,
    wear,
    wood,
)

_LADDER = (
    sound.SOUND,
    new_wire.FIRST,
    new_wire.OUT,
    sound.AGAIN,
    content.PLAYS_CLEAN,
    nut_and_strings.NUT,
    rod.OTHER_WAY,
    rod.NUT_FIRST,
    unread.BLIND,
    rod.SET,
    sides.SIDES,
    rod.NOTHING_LEFT,
    bow_without_rod.BOW,
    new_wire.NEW_WIRE,
    tops.SEAT,
    bare.BARE,
    new_wire.NEW_TOPS,
    tops.LIFT,
    nut_and_strings.TOO_LOW,
    tops.FILE,
    wear.WORN,
    wood.WOOD,
    wood.TONGUE,
    ends.ENDS,
    nut_and_strings.HEIGHTS,
    unread.UNREAD,
    content.EAR,
    content.HARDWARE,
    content.NOTHING,
)
RULES: dict[str, Rule] = {rule.key: rule for rule in _LADDER}
