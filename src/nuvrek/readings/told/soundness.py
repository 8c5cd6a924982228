"""Whether body and neck are sound: as looked over, else as written when it was taken in."""

from __future__ import annotations

from nuvrek.readings.journal import NeckState
from nuvrek.recognise.soundness import SoundFault, unsound_in


def unsound(neck_state: NeckState) -> tuple[SoundFault, ...]:
    """What has to be mended before anything is turned, heated, filed or pressed. A look over
    stands over words written before.
    """
    looked, arrived = neck_state.dealings.looked_over, neck_state.dealings.arrived
    written = unsound_in(". ".join(neck_state.notes))
    if looked is not None:
        return tuple(dict.fromkeys((*looked.faults, *written)))
    if arrived is not None:
        written = (*unsound_in(f"{arrived.condition}. {arrived.outside}"), *written)
    return tuple(dict.fromkeys(written))
