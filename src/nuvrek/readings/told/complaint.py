"""What the owner complains of: as the bench has put it, else as their words are understood."""

from __future__ import annotations

from nuvrek.readings.journal import NeckState
from nuvrek.recognise.complaint_chips import Complaint
from nuvrek.recognise.complaints import complaint_in


def complaint_of(neck_state: NeckState) -> Complaint:
    """The complaint as values. What the bench made of other words than stand there now is gone."""
    words, shaped = neck_state.neck.complaint.strip(), neck_state.dealings.complaint
    if shaped is not None and shaped.of.strip() == words:
        return shaped.complaint
    return complaint_in(words)
