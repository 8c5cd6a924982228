"""Text as people and other programs write it."""

from __future__ import annotations
from nuvrek.meaning import Saying


def whole_letters(text: Saying) -> Saying:
    """The text without halves of letters, as a field of limited length leaves of a last one."""
    return text.encode("utf-16", "surrogatepass").decode("utf-16", "ignore")
