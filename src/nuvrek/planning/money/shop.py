"""The shop as it names itself."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.neck.description import Line, Words


class Shop(Struct, frozen=True, kw_only=True):
    """What stands at the top and end of the shop's papers, and by which place's habit figures are
    written (empty: the system's).
    """

    name: Line = ""
    words: Words = ""
    closing: Words = ""
    locale: Line = ""
