"""What binds before anything is planned: what is not sound, and what the owner refused."""

from __future__ import annotations

from dataclasses import replace

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.readings.owner.dealings import refused_ways
from nuvrek.readings.told.soundness import unsound

# What changes nothing on the instrument, or is the mending itself.
_ALWAYS = ("leave", "read", "refer", "new-neck")


def bounded(case: Case, draft: Draft) -> Draft:
    """A draft with what stands against it whatever the readings say."""
    why = (*_not_sound(case, draft.kind), *_refused(case, draft.kind))
    if not why:
        return draft
    return replace(draft, why_not=(*why, *draft.why_not))


def _not_sound(case: Case, kind: str) -> tuple[Saying, ...]:
    faults = unsound(case.neck_map.neck_state)
    if kind in _ALWAYS or not faults:
        return ()
    seen = meaning.listed(means(f"causes.seen-{fault}") for fault in faults)
    return (means("ways.out-not-sound", seen=seen),)


def _refused(case: Case, kind: str) -> tuple[Saying, ...]:
    refused = refused_ways(case.neck_map.neck_state.dealings)
    # Who refuses new wire refuses it however it comes.
    if kind in refused or (kind.startswith("refret") and "refret" in refused):
        return (means("ways.out-not-agreed"),)
    return ()
