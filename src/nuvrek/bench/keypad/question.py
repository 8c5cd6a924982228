"""An unlikely value waiting for a yes."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.units import Length, LikelyLength

# Outside this nothing can be a reading, whatever the station; the journal's own bounds.
LEAST_MM, MOST_MM = -5.0, 20.0
# The keys that take the first, the second and the third offer.
OFFER_KEYS = ("enter", "*", "+")


class Question(Struct, frozen=True):
    """An unlikely value waiting for a yes: the key that asked, what was typed and what may be
    meant, the likeliest first.
    """

    key: str
    typed: Length
    offers: tuple[LikelyLength, ...]
    words: Saying
    possible: bool
