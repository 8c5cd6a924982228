"""Draw the floors of the program from its own imports, or say whether the picture is of today.

    python scripts/architecture.py            docs/architecture.svg
    python scripts/architecture.py --check    is it what the code says?

A room is a package below ``nuvrek``; its floor is one above the highest it imports. An arrow is as
wide as many modules use it; what is imported for types alone counts as well.
"""

from __future__ import annotations

import ast
import sys
from collections import Counter
from pathlib import Path
from xml.sax.saxutils import escape

ROOT = Path(__file__).parents[1]
SOURCE, PICTURE = ROOT / "src/nuvrek", ROOT / "docs/architecture.svg"
WIDE, TALL, GAP, ROOM_TALL = 1120, 96, 26, 52
LEAST_USES = 3


def room_of(path: Path) -> str:
    """The package a module belongs to; modules at the top stand for themselves."""
    first = path.relative_to(SOURCE).parts[0]
    return first.removesuffix(".py")


def imports() -> tuple[Counter[str], Counter[tuple[str, str]]]:
    """Modules in each room, and how many modules of one room import another."""
    sizes, uses = Counter[str](), Counter[tuple[str, str]]()
    for path in sorted(SOURCE.rglob("*.py")):
        room = room_of(path)
        sizes[room] += 1
        used = set()
        for node in ast.walk(ast.parse(path.read_text())):
            if isinstance(node, ast.ImportFrom) and (node.module or "").startswith("nuvrek."):
                used.add(str(node.module).split(".")[1])
        uses.update((room, other) for other in used - {room})
    return sizes, uses


def floors(rooms: set[str], uses: Counter[tuple[str, str]]) -> dict[str, int]:
    """The floor of each room, 0 the lowest. Raises RecursionError where rooms stand in a circle."""
    known: dict[str, int] = {}

    def floor(room: str) -> int:
        if room not in known:
            below = [other for one, other in uses if one == room and other in rooms]
            known[room] = 1 + max(map(floor, below), default=-1)
        return known[room]

    for room in rooms:
        floor(room)
    return known


def picture() -> str:
    """The picture as SVG."""
    sizes, uses = imports()
    rooms = {room for room in sizes if room not in ("__init__", "start", "patience")}
    on_floor = floors(rooms, uses)
    top = max(on_floor.values())
    places: dict[str, tuple[float, float, float]] = {}
    for level in range(top + 1):
        here = sorted(room for room in rooms if on_floor[room] == level)
        wide = (WIDE - GAP * (len(here) + 1)) / len(here)
        wide = min(wide, 300.0)
        left = (WIDE - len(here) * wide - (len(here) - 1) * GAP) / 2
        for number, room in enumerate(here):
            places[room] = left + number * (wide + GAP), 20 + (top - level) * TALL, wide
    lines, boxes = [], []
    for (room, other), count in sorted(uses.items()):
        if count < LEAST_USES or room not in places or other not in places:
            continue
        x, y, wide = places[room]
        to_x, to_y, to_wide = places[other]
        start = f"M{x + wide / 2:.0f} {y + ROOM_TALL:.0f}"
        end = f"L{to_x + to_wide / 2:.0f} {to_y:.0f}"
        lines.append(
            f'<path d="{start} {end}" stroke="#8a6d4b" stroke-opacity="0.35" '
            f'stroke-width="{min(1 + count / 12, 7):.1f}"/>'
        )
    for room, (x, y, wide) in sorted(places.items()):
        middle = x + wide / 2
        boxes.append(
            f'<rect x="{x:.0f}" y="{y:.0f}" width="{wide:.0f}" height="{ROOM_TALL}" rx="6" '
            f'fill="#fbf6ec" stroke="#6b4f2f"/>'
            f'<text x="{middle:.0f}" y="{y + 24:.0f}" font-size="16">{escape(room)}</text>'
            f'<text x="{middle:.0f}" y="{y + 42:.0f}" font-size="12" fill="#6b5b45">'
            f"{sizes[room]} module{'s' * (sizes[room] > 1)}</text>"
        )
    tall = 20 + top * TALL + ROOM_TALL + 20
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {WIDE} {tall}" '
        f'font-family="sans-serif" text-anchor="middle">\n'
        f'<rect width="{WIDE}" height="{tall}" fill="#ffffff"/>\n'
        + "\n".join(lines + boxes)
        + "\n</svg>\n"
    )


def main() -> int:
    """Draw, or check; 1 where the picture is not of today."""
    drawn = picture()
    if "--check" in sys.argv:
        if PICTURE.is_file() and PICTURE.read_text() == drawn:
            return 0
        print("docs/architecture.svg is not of today: python scripts/architecture.py")
        return 1
    PICTURE.write_text(drawn)
    return 0


if __name__ == "__main__":
    sys.exit(main())
