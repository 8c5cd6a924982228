"""The owners as a list of their own: who they are, and which necks of the shelf are theirs."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.bench.shop.shelf import ShelfCard
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying, means
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import Describe


class OwnerCard(Struct, frozen=True):
    """One owner with what is known of them, and their necks; ``known`` where they were written
    down themselves.
    """

    owner: Owner
    necks: tuple[ShelfCard, ...]
    known: bool

    @property
    def told(self) -> Saying:
        """Their necks in words."""
        named = meaning.listed(f"{card.row.id} {card.neck.title}" for card in self.necks[:3])
        if not self.necks:
            return means("owner.no-neck-here-now")
        more = len(self.necks) - 3
        if more > 0:
            return means("owner.more", named=named, more=more)
        return named


def owner_cards(known: Mapping[str, Owner], cards: Sequence[ShelfCard]) -> list[OwnerCard]:
    """All owners by name: those written down, and those only named by a neck."""
    necks: dict[str, list[ShelfCard]] = {name: [] for name in known}
    for card in cards:
        name = card.neck.owner.strip()
        if name:
            necks.setdefault(name, []).append(card)
    return [
        OwnerCard(known.get(name) or Owner(name=name), tuple(found), name in known)
        for name, found in sorted(necks.items(), key=lambda pair: pair[0].casefold())
    ]


def keep_owner(
    book: Logbook,
    before: OwnerCard,
    owner: Owner,
    clock: Callable[[], str],
    opened: Session | None = None,
) -> int:
    """Write down what is known of an owner; another name goes into the description of each of their
    necks. Returns how many were renamed. Raises LogbookError.
    """
    book.keep_owner(owner, clock(), before.owner.name)
    if owner.name == before.owner.name:
        return 0
    renamed = 0
    for card in before.necks:
        session = opened
        if session is None or session.neck_id != card.row.id:
            row = book.row(card.row.id)
            session = Session(book, row.id, row.neck, clock, "Owners")
        neck = session.neck_state.neck
        # Meanwhile it may have become another's, or another neck may stand there.
        if neck.owner.strip() == before.owner.name:
            session.append(Describe(neck=msgspec.structs.replace(neck, owner=owner.name)))
            renamed += 1
    return renamed
