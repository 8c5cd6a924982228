"""Bring the catalogues up to the sentences of the program, check and compile them.

    python scripts/translations.py           new sentences into translations/*.po, gone ones out
    python scripts/translations.py --check   is every sentence translated, every place filled,
                                             every sentence in its room and every place named?

Catalogues are GNU gettext's, read and written by Babel. A sentence of the core stands in
``wording/families`` and has its key as context; a word of the data has ``word``; what a page says
itself has none.
"""

from __future__ import annotations

import ast
import re
import string
import sys
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple

from babel.messages.catalog import Catalog
from babel.messages.mofile import write_mo
from babel.messages.pofile import read_po, write_po

ROOT = Path(__file__).parents[1]
SOURCE, KEPT = ROOT / "src/nuvrek", ROOT / "translations"
COMPILED = SOURCE / "wording/languages"
FAMILIES = SOURCE / "wording/families"
# Rooms that speak; all others hand on values.
SPEAKING = ("wording", "desktop", "cli")
# Functions that take a word for one and a word for many; by what stands before the words.
_NUMBERS = {"plural": 1, "count": 1, "tr_number": 1}
# Words of the data; names with a hyphen are never shown.
_WORD = re.compile("[a-z]+(,? [a-z]+)*")
# Names of places that tell a translator nothing.
_VAGUE = re.compile(r"(it|one|map|words?|said|told|made|found|what_|x|n|value|str|.*_\d+)")


class Message(NamedTuple):
    """A sentence as written, or the one for a single thing and the one for many."""

    context: str
    text: str
    many: str = ""


def messages() -> dict[Message, tuple[str, int]]:
    """Every sentence of the program, with the file and line it stands at."""
    found: dict[Message, tuple[str, int]] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        tree = ast.parse(path.read_text())
        inside = _of_family(tree) if path.parent == FAMILIES else _in_module(tree)
        for message, line in inside:
            found.setdefault(message, (str(path.relative_to(ROOT)), line))
    return found


def _of_family(tree: ast.Module) -> Iterator[tuple[Message, int]]:
    for node in ast.walk(tree):
        if not isinstance(node, ast.Dict):
            continue
        for key, entry in zip(node.keys, node.values, strict=True):
            name = _literal(key)
            if isinstance(entry, ast.Tuple):
                one, many = (_literal(part) for part in entry.elts)
                yield Message(name, one, many), entry.lineno
            else:
                yield Message(name, _literal(entry)), entry.lineno


def _in_module(tree: ast.Module) -> Iterator[tuple[Message, int]]:
    for node in ast.walk(tree):
        if isinstance(node, ast.Subscript) and getattr(node.value, "id", "") == "Literal":
            # Words of the data as they are shown; names with a hyphen never are.
            for part in ast.walk(node.slice):
                if isinstance(part, ast.Constant) and _WORD.fullmatch(str(part.value)):
                    yield Message("word", str(part.value)), part.lineno
        if not isinstance(node, ast.Call):
            continue
        name = getattr(node.func, "id", getattr(node.func, "attr", ""))
        if name in ("named", "Word") and node.args:
            for part in ast.walk(node.args[0]):
                if _WORD.fullmatch(_literal(part)):
                    yield Message("word", _literal(part)), node.lineno
        if name in ("tr", "later") and node.args and (text := _literal(node.args[0])):
            yield Message("", text), node.lineno
        elif name in _NUMBERS and len(node.args) > _NUMBERS[name] + 1:
            at = _NUMBERS[name]
            one, many = _literal(node.args[at]), _literal(node.args[at + 1])
            if one and many:
                yield Message("", one, many), node.lineno


def _literal(node: ast.AST | None) -> str:
    """The text of a literal; nothing for anything else."""
    if isinstance(node, ast.Constant) and isinstance(node.value, str):
        return node.value
    return ""


def places(text: str) -> set[str]:
    """The named places of a sentence, those inside format widths too. Raises ValueError."""
    found: set[str] = set()
    for _, name, spec, _ in string.Formatter().parse(text):
        if name is not None:
            found.add(name)
            found |= places(spec or "")
    return found


def read(path: Path) -> dict[Message, tuple[str, ...]]:
    """The translations in a catalogue: one form, or as many as the language has plurals."""
    kept: dict[Message, tuple[str, ...]] = {}
    if not path.exists():
        return kept
    with path.open("rb") as file:
        catalogue = read_po(file)
    for item in catalogue:
        if not item.id:
            continue
        text, many = item.id if isinstance(item.id, tuple) else (item.id, "")
        forms = item.string if isinstance(item.string, tuple) else (item.string,)
        if all(forms):
            kept[Message(item.context or "", text, many)] = tuple(map(str, forms))
    return kept


def catalogue_of(code: str, kept: dict[Message, tuple[str, ...]]) -> Catalog:
    """Today's sentences with what is translated of them."""
    made = Catalog(locale=code, project="Nuvrek", fuzzy=False)
    for message, (place, line) in messages().items():
        forms = kept.get(message, ())
        made.add(
            (message.text, message.many) if message.many else message.text,
            (forms or ("", "")) if message.many else (forms[0] if forms else ""),
            locations=[(place, line)],
            context=message.context or None,
        )
    return made


def write(path: Path, code: str, kept: dict[Message, tuple[str, ...]]) -> int:
    """Write the catalogue with the sentences of today; returns how many wait for a translation."""
    path.parent.mkdir(exist_ok=True)
    with path.open("wb") as file:
        write_po(file, catalogue_of(code, kept), width=100, sort_by_file=True, omit_header=False)
    return sum(message not in kept for message in messages())


def faults(path: Path) -> list[str]:
    """What is wrong with a translation: sentences without one, places that don't match."""
    kept, wrong = read(path), []
    for message, (place, line) in messages().items():
        at = f"{place}:{line}"
        if message not in kept:
            wrong.append(f"{at}: not translated: {message.text!r}")
        wanted = places(message.text) | places(message.many)
        for form in kept.get(message, ()):
            try:
                same = places(form) <= wanted if message.many else places(form) == wanted
            except ValueError:
                same = False
            if not same:
                wrong.append(f"{at}: other places: {form!r}")
            if form != form.strip():
                wrong.append(f"{at}: begins or ends with a blank: {form!r}")
    return wrong


def faults_of_sentences() -> list[str]:
    """What is wrong with the sentences themselves: blanks at their ends, places without a name,
    and sentences outside their rooms.
    """
    wrong = []
    for message, (place, line) in messages().items():
        at = f"{place}:{line}"
        if any(text != text.strip() for text in (message.text, message.many)):
            wrong.append(f"{at}: begins or ends with a blank: {message.text!r}")
        vague = [name for name in places(message.text) if _VAGUE.fullmatch(name)]
        if vague:
            wrong.append(f"{at}: says nothing to a translator: {', '.join(vague)}")
        room = place.removeprefix("src/nuvrek/").replace(".py", "").split("/")[0]
        if message.context != "word" and not room.startswith(SPEAKING):
            wrong.append(f"{at}: a sentence outside its room: {message.text!r}")
    return [*wrong, *_keys_without_words()]


def _keys_without_words() -> list[str]:
    """Keys that a room hands on and no family has, and the other way round."""
    said = {message.context for message in messages() if "." in message.context}
    used: dict[str, str] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        if path.parent == FAMILIES:
            continue
        for node in ast.walk(ast.parse(path.read_text())):
            text = _literal(node)
            if re.fullmatch(r"[a-z_]+\.[a-z0-9]+(-[a-z0-9]+)*", text):
                used.setdefault(text, f"{path.relative_to(ROOT)}:{node.lineno}")  # type: ignore[attr-defined]
    families = {path.stem for path in FAMILIES.glob("*.py")}
    lost = [
        f"{place}: no words for {key!r}"
        for key, place in used.items()
        if key not in said and "-" in key and key.partition(".")[0] in families
    ]
    begun = list(_begun_keys())
    idle = [
        f"nobody hands on {key!r}"
        for key in sorted(said)
        if key not in used and not any(key.startswith(start) for start in begun)
    ]
    return [*lost, *idle]


def _begun_keys() -> Iterator[str]:
    """Beginnings of keys whose end is a value: ``f"findings.fret-high-{at}"``."""
    for path in sorted(SOURCE.rglob("*.py")):
        for node in ast.walk(ast.parse(path.read_text())):
            if isinstance(node, ast.JoinedStr) and node.values:
                start = _literal(node.values[0])
                if re.fullmatch(r"[a-z_]+\.[a-z0-9-]*", start):
                    yield start


def compile_all() -> None:
    """Make the .mo files that ship."""
    COMPILED.mkdir(exist_ok=True)
    for path in sorted(KEPT.glob("*.po")):
        with path.open("rb") as file:
            catalogue = read_po(file)
        with (COMPILED / f"{path.stem}.mo").open("wb") as out:
            write_mo(out, catalogue)


def main() -> int:
    """Returns the exit status."""
    files = sorted(KEPT.glob("nuvrek_*.po"))
    if "--check" in sys.argv:
        wrong = [*faults_of_sentences(), *(fault for path in files for fault in faults(path))]
        print("\n".join(wrong) or "Every sentence is translated.")
        return bool(wrong)
    for path in files:
        code = re.sub(r"^nuvrek_", "", path.stem)
        print(f"{code}: {write(path, code, read(path))} to be translated")
    compile_all()
    return 0


if __name__ == "__main__":
    sys.exit(main())
