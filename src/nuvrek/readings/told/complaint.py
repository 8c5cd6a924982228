"""What the owner complains of: as the bench has put it, else as their words are understood."""

from __future__ import annotations

from nuvrek.readings.journal import NeckState
from nuvrek.recognise.complaint_chips import Complaint
from nuvrek.recognise.complaints import Part, complaint_in, parts_in


def complaint_of(neck_state: NeckState) -> Complaint:
    """The complaint as values. What the bench made of other words than stand there now is gone."""
    words, shaped = neck_state.neck.complaint.strip(), neck_state.dealings.complaint
    if shaped is not None and shaped.of.strip() == words:
        return shaped.complaint
    return complaint_in(words)


def parts_named(neck_state: NeckState) -> frozenset[Part]:
    """Parts and changes that complaint and take-in speak of."""
    arrived = neck_state.dealings.arrived
    texts = [neck_state.neck.complaint]
    if arrived is not None:
        texts += [arrived.condition, arrived.strings_on, arrived.last_work]
    return parts_in(". ".join(texts))
