"""The guide inside the program: the same files as in ``docs/guide``, found by words."""

from __future__ import annotations

import re
from pathlib import Path
from typing import NamedTuple

import nuvrek
from nuvrek.wording.catalogue import spoken

_PACKAGE = Path(nuvrek.__file__).parent
_SHORTEST_WORD = 2
_MOST_HITS = 40


class GuideChapter(NamedTuple):
    """One file of the guide: its name, its title and its text in Markdown."""

    path: Path
    title: str
    text: str


class Hit(NamedTuple):
    """A paragraph that holds all words looked for, under its heading."""

    chapter: GuideChapter
    heading: str
    words: str


def docs_folder() -> Path:
    """Where the documents lie: in the package once installed, beside ``src`` in a checkout."""
    inside = _PACKAGE / "docs"
    if inside.is_dir():
        return inside
    return _PACKAGE.parents[1] / "docs"


def chapters() -> tuple[GuideChapter, ...]:
    """The guide in its order, in the language of the screen where it is there in it."""
    folder = docs_folder() / "guide"
    own = folder / spoken().code
    files = sorted((own if own.is_dir() else folder).glob("*.md"))
    return tuple(read_chapter(path) for path in files)


def read_chapter(path: Path) -> GuideChapter:
    """A document by its file. Raises OSError."""
    text = path.read_text(encoding="utf-8")
    first = text.partition("\n")[0]
    return GuideChapter(path, first.lstrip("# ").strip(), text)


def search(guide: tuple[GuideChapter, ...], asked: str) -> tuple[Hit, ...]:
    """Paragraphs with all of the words, those under a heading that has them first."""
    words = [word for word in asked.casefold().split() if len(word) >= _SHORTEST_WORD]
    if not words:
        return ()
    hits = [hit for chapter in guide for hit in _hits(chapter, words)]
    hits.sort(key=lambda hit: not all(word in hit.heading.casefold() for word in words))
    return tuple(hits[:_MOST_HITS])


def _hits(chapter: GuideChapter, words: list[str]) -> list[Hit]:
    heading, found = chapter.title, []
    for block in re.split(r"\n\n|\n(?=\|)", chapter.text):
        if block.startswith("#"):
            heading = block.lstrip("# ").strip()
        plain = re.sub(r"!\[[^]]*\]\([^)]*\)|\[([^]]*)\]\([^)]*\)", r"\1", block)
        plain = " ".join(re.sub(r"\*\*|[`#]", "", plain).replace("|", " ").split())
        if plain and all(word in plain.casefold() for word in words):
            found.append(Hit(chapter, heading, plain))
    return found
