"""Fret ends, after the tops."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _ends(g: Grounds) -> Iterator[Leg]:
    if "ends" not in g.ways:
        return
    filed = bool(g.proud or g.marked or g.worn)
    gate = tr("The filing done.") if filed else ""
    yield g.leg("ends", g.ways["ends"].gist, "fret-ends", gate=gate)


ENDS = Rule("ends", tr("Ends come after the tops, rounded early and little."), _ends)
