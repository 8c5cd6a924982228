"""What is asked of other strings."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.neck.strings import StringSet


class OtherStrings(Struct, frozen=True):
    """What is asked: another ``string_set`` (None: the one that is on), tuned by so many
    ``semitones``, a ``capo`` on that fret (0: none).
    """

    string_set: StringSet | None = None
    semitones: int = 0
    capo: int = 0

    @property
    def asks(self) -> bool:
        """Whether anything would be otherwise than today."""
        return self.string_set is not None or bool(self.semitones) or bool(self.capo)
