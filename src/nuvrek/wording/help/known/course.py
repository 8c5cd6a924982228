"""How the advice is known: the rule that speaks for a way, and the readings behind it."""

from __future__ import annotations

from nuvrek.planning.case.way import Way
from nuvrek.planning.judgement.kinds import RULES
from nuvrek.planning.plan import Plan
from nuvrek.readings.journal import Taken
from nuvrek.units import Unit
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.reading_line import reading_line
from nuvrek.wording.speech import say, sentences, tr


def known_way(plan: Plan, way: Way, taken: tuple[Taken, ...], unit: Unit, heights: Unit) -> Known:
    """Why this way is advised, or stands as it does."""
    leg = next((leg for leg in plan.course if leg.way == way.kind), None)
    if leg is None:
        why = sentences(*way.why_not, *way.not_known)
        return Known(
            title=say(way.title),
            rule=tr("It is no part of the advised course."),
            reckoned=say(why or way.gist),
        )
    readings = {
        reading_taken.number: reading_line(reading_taken.reading, unit, heights)
        for reading_taken in taken
    }
    return Known(
        title=say(way.title),
        rule=say(RULES[leg.rule].says if leg.rule in RULES else ""),
        reckoned=sentences(leg.why, leg.gate, leg.unless),
        by=tuple(readings[n] for n in leg.speaks_for if n in readings),
        against=tuple(readings[n] for n in leg.speaks_against if n in readings),
        of_readings=True,
    )
