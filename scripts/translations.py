"""Bring the translations up to the sentences of the program, and compile them.

    python scripts/translations.py           new sentences into translations/*.ts, gone ones out
    python scripts/translations.py --check   is every sentence translated, and every place filled?

Compiling needs Qt's ``lrelease`` (Debian: qt6-l10n-tools).
"""

from __future__ import annotations

import ast
import re
import shutil
import string
import subprocess
import sys
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple

ROOT = Path(__file__).parents[1]
SOURCE, KEPT = ROOT / "src/nuvrek", ROOT / "translations"
COMPILED = SOURCE / "desktop/languages"
_CONTEXT = "nuvrek"
# Functions that take a sentence, and those that take a word for one and a word for many; by what
# stands before the words.
_SENTENCES = {"tr": 0, "named": 0}
_NUMBERS = {"plural": 1, "count": 1, "frets_do": 1, "tr_number": 1}


class Message(NamedTuple):
    """A sentence as written; ``one`` is its singular where it goes by a number."""

    text: str
    one: str = ""


def messages() -> dict[Message, str]:
    """Every sentence of the program, with the first place it stands at."""
    found: dict[Message, str] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        for message, line in _in_module(ast.parse(path.read_text())):
            found.setdefault(message, f"{path.relative_to(ROOT)}:{line}")
    return found


def _in_module(tree: ast.Module) -> Iterator[tuple[Message, int]]:
    for node in ast.walk(tree):
        if isinstance(node, ast.Subscript) and getattr(node.value, "id", "") == "Literal":
            # Words of the data, as ``named`` shows them; names with a hyphen are never shown.
            for part in ast.walk(node.slice):
                if isinstance(part, ast.Constant) and re.fullmatch("[a-z, ]+", str(part.value)):
                    yield Message(str(part.value)), part.lineno
        if not isinstance(node, ast.Call):
            continue
        name = getattr(node.func, "id", getattr(node.func, "attr", ""))
        if (
            getattr(node.func, "id", "") in _SENTENCES
            and node.args
            and (text := _literal(node.args[0]))
        ):
            yield Message(text), node.lineno
        elif name in _NUMBERS and len(node.args) > _NUMBERS[name] + 1:
            at = _NUMBERS[name]
            one, many = _literal(node.args[at]), _literal(node.args[at + 1])
            if one and many:
                yield Message(many, one), node.lineno


def _literal(node: ast.expr) -> str:
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
    """The translations in a .ts file: one form, or as many as the language has plurals."""
    kept: dict[Message, tuple[str, ...]] = {}
    if not path.exists():
        return kept
    for item in ET.parse(path).iter("message"):
        said = item.find("translation")
        if said is None or said.get("type") in ("vanished", "obsolete"):
            continue
        forms = [form.text or "" for form in said.findall("numerusform")] or [said.text or ""]
        key = Message(item.findtext("source") or "", item.findtext("comment") or "")
        if all(forms):
            kept[key] = tuple(forms)
    return kept


def write(path: Path, code: str, kept: dict[Message, tuple[str, ...]]) -> int:
    """Write the .ts file with the sentences of today; returns how many wait for a translation."""
    root = ET.Element("TS", version="2.1", language=code, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = _CONTEXT
    waiting = 0
    for message, _place in sorted(messages().items()):
        forms = kept.get(message, ())
        waiting += not forms
        item = ET.SubElement(context, "message", {"numerus": "yes"} if message.one else {})
        ET.SubElement(item, "source").text = message.text
        if message.one:
            ET.SubElement(item, "comment").text = message.one
        said = ET.SubElement(item, "translation", {} if forms else {"type": "unfinished"})
        if message.one:
            for form in forms or ("", ""):
                ET.SubElement(said, "numerusform").text = form
        elif forms:
            said.text = forms[0]
    ET.indent(root)
    path.parent.mkdir(exist_ok=True)
    body = ET.tostring(root, encoding="unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{body}\n')
    return waiting


def faults(path: Path) -> list[str]:
    """What is wrong with a translation: sentences without one, places that don't match."""
    kept, wrong = read(path), []
    for message, place in messages().items():
        if message not in kept:
            wrong.append(f"{place}: not translated: {message.text!r}")
        for form in kept.get(message, ()):
            try:
                same = places(form) == places(message.text)
            except ValueError:
                same = False
            if not same:
                wrong.append(f"{place}: other places: {form!r}")
    return wrong


def compile_all() -> None:
    """Make the .qm files that ship."""
    tool = shutil.which("lrelease") or "/usr/lib/qt6/bin/lrelease"
    COMPILED.mkdir(exist_ok=True)
    for path in sorted(KEPT.glob("*.ts")):
        out = COMPILED / f"{path.stem}.qm"
        subprocess.run([tool, "-silent", str(path), "-qm", str(out)], check=True)


def main() -> int:
    """Returns the exit status."""
    files = sorted(KEPT.glob("nuvrek_*.ts"))
    if "--check" in sys.argv:
        wrong = [fault for path in files for fault in faults(path)]
        print("\n".join(wrong) or "Every sentence is translated.")
        return bool(wrong)
    for path in files:
        code = re.sub(r"^nuvrek_", "", path.stem)
        print(f"{code}: {write(path, code, read(path))} to be translated")
    compile_all()
    return 0


if __name__ == "__main__":
    sys.exit(main())
