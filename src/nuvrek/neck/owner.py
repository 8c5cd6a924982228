"""Who an instrument belongs to."""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import Line, Words

# How an owner was asked, or told something.
How = Literal["present", "by telephone", "by letter"]
HOW_WORDS: dict[How, Saying] = {
    "present": means("necks.face-face"),
    "by telephone": means("necks.telephone"),
    "by letter": means("necks.letter"),
}


class Owner(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """An owner as known by the shop. Necks name their owner by ``name``.

    ``asked`` is False where the instruments are the shop's own: nobody has to agree to anything.
    ``usually`` is how the owner is reached as a rule.
    """

    name: Annotated[str, Meta(min_length=1, max_length=200)]
    address: Words = ""
    telephone: Line = ""
    mail: Line = ""
    usually: How = "present"
    note: Words = ""
    asked: bool = True
