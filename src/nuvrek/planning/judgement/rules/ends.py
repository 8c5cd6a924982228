"""Fret ends, after the tops."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _ends(grounds: Grounds) -> Iterator[Leg]:
    if "ends" not in grounds.ways:
        return
    filed = bool(grounds.proud or grounds.marked or grounds.worn)
    gate = means("rules.filing-done") if filed else ""
    yield grounds.leg("ends", grounds.ways["ends"].gist, "fret-ends", gate=gate)


ENDS = Rule("ends", means("rules.ends-come-after-tops-rounded"), _ends)
