"""What this program is, and under which licences it and all that comes with it stand."""

from __future__ import annotations

from importlib import metadata

from nuvrek import __version__
from nuvrek.meaning import Saying
from nuvrek.wording.speech import later, tr

# Fonts come as files; what they stand under lies beside them.
FONTS = (later("Atkinson Hyperlegible Next: OFL-1.1"), later("DejaVu Sans: Bitstream Vera licence"))
# What is in the program's own lock beside these comes with them.
LIBRARIES = (
    "PyQt6",
    "PyQt6-Qt6",
    "numpy",
    "scipy",
    "highspy",
    "msgspec",
    "platformdirs",
    "babel",
    "fpdf2",
    "ezdxf",
    "uharfbuzz",
    "psycopg",
)
_SHORT = 40


def about() -> tuple[Saying, ...]:
    """A line each: the program, then its fonts and libraries with version and licence. One that is
    not there is left out.
    """
    lines: list[Saying] = [
        tr("Nuvrek {version}: GPL-3.0-or-later, without any warranty", version=__version__),
        *FONTS,
    ]
    for name in LIBRARIES:
        try:
            info = metadata.metadata(name)
        except metadata.PackageNotFoundError:
            continue
        lines.append(f"{name} {info['Version']}: {_licence(info)}")
    return tuple(lines)


def _licence(info: metadata.PackageMetadata) -> str:
    """The licence in a few words: as it is stated, or by its kind."""
    for field in ("License-Expression", "License"):
        text = ""
        if field in info:
            text = str(info[field]).strip()
        if text and "\n" not in text and len(text) <= _SHORT:
            return text
    kinds = [c for c in info.get_all("Classifier") or () if c.startswith("License ::")]
    if kinds:
        return str(kinds[-1].split(" :: ")[-1])
    return tr("see its own files")
