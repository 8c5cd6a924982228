"""What an owner complains of: what it is, where on the neck, and when. Values, not words."""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying, means

What = Literal[
    "buzz",
    "choke",
    "dead",
    "sharp",
    "flat",
    "out of tune",
    "stiff",
    "high",
    "low",
    "rattle",
    "scratch",
    "uneven",
    "ends",
]
Where = Literal[
    "open",
    "fretted",
    "first frets",
    "high frets",
    "everywhere",
    "low strings",
    "high strings",
    "one string",
    "one note",
]
When = Literal[
    "hard", "soft", "bends", "cold months", "warm months", "since new strings", "since a change"
]

WHATS: dict[What, Saying] = {
    "buzz": means("necks.complaint-buzz"),
    "choke": means("necks.complaint-choke"),
    "dead": means("necks.complaint-dead"),
    "sharp": means("necks.complaint-sharp"),
    "flat": means("necks.complaint-flat"),
    "out of tune": means("necks.complaint-out-of-tune"),
    "stiff": means("necks.complaint-stiff"),
    "high": means("necks.complaint-high"),
    "low": means("necks.complaint-low"),
    "rattle": means("necks.complaint-rattle"),
    "scratch": means("necks.complaint-scratch"),
    "uneven": means("necks.complaint-uneven"),
    "ends": means("necks.complaint-ends"),
}
WHERES: dict[Where, Saying] = {
    "open": means("necks.complaint-open"),
    "fretted": means("necks.complaint-fretted"),
    "first frets": means("necks.complaint-first-frets"),
    "high frets": means("necks.complaint-high-frets"),
    "everywhere": means("necks.complaint-everywhere"),
    "low strings": means("necks.complaint-low-strings"),
    "high strings": means("necks.complaint-high-strings"),
    "one string": means("necks.complaint-one-string"),
    "one note": means("necks.complaint-one-note"),
}
WHENS: dict[When, Saying] = {
    "hard": means("necks.complaint-hard"),
    "soft": means("necks.complaint-soft"),
    "bends": means("necks.complaint-bends"),
    "cold months": means("necks.complaint-cold-months"),
    "warm months": means("necks.complaint-warm-months"),
    "since new strings": means("necks.complaint-since-new-strings"),
    "since a change": means("necks.complaint-since-change"),
}
CHIPS: dict[str, Saying] = dict([*WHATS.items(), *WHERES.items(), *WHENS.items()])


class Complaint(Struct, frozen=True, forbid_unknown_fields=True):
    """A complaint as values; several of each may be there, and none says nothing."""

    what: tuple[What, ...] = ()
    where: tuple[Where, ...] = ()
    when: tuple[When, ...] = ()

    @property
    def chips(self) -> tuple[str, ...]:
        """All its values, what before where before when."""
        return (*self.what, *self.where, *self.when)

    def of(self, *values: str) -> bool:
        """Whether one of these values is in it."""
        return any(value in self.chips for value in values)

    @property
    def noise(self) -> bool:
        """Whether something is heard that should not be."""
        return self.of("buzz", "choke", "rattle")

    @property
    def heavy(self) -> bool:
        """Whether the hand finds the strings high or stiff."""
        return self.of("stiff", "high")
