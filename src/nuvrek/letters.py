"""Text as people and other programs write it."""

from __future__ import annotations


def whole_letters(text: str) -> str:
    """The text without halves of letters, as a field of limited length leaves of a last one."""
    return text.encode("utf-16", "surrogatepass").decode("utf-16", "ignore")
