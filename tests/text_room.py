"""Every text against its box, on every page: run as a program, in one language and text size, so
that nothing was imported before the language was chosen.

    python -m tests.text_room LANGUAGE PERCENT [WIDTHxHEIGHT]
"""

from __future__ import annotations

import json
import sys
import tempfile
from collections.abc import Callable
from pathlib import Path
from typing import Any

PAGES = (
    (0, "Shelf"),
    (0, "New neck"),
    (2, "Take in"),
    (4, "Measure"),
    (2, "Map"),
    (1, "Choose"),
    (2, "Work"),
    (12, "Prove"),
    (2, "String room"),
    (2, "Filing"),
    (8, "New wire"),
    (13, "Owner"),
    (5, "History"),
    (2, "My tools"),
    (2, "Prices"),
    (2, "Owners"),
    (2, "Kept safe"),
    (2, "Honesty"),
)
# What is pressed at the keypad before the bar is measured: a question about an unlikely value, the
# stations with the longest hints.
ASKED = ("1.1", "16", "300")


class Drawn:
    """Texts drawn into a box that has no room for them. Qt's method can't be put back: ours
    stays.
    """

    def __init__(self) -> None:
        from PyQt6.QtGui import QPainter

        self.cut: set[str] = set()
        self.listening = False
        plain = QPainter.drawText

        def draw(painter: Any, *parts: Any) -> Any:
            if self.listening:
                self._measure(painter, parts)
            return plain(painter, *parts)

        QPainter.drawText = draw  # type: ignore[method-assign, assignment]

    def _measure(self, painter: Any, parts: tuple[Any, ...]) -> None:
        from PyQt6.QtCore import QRect, QRectF, Qt
        from PyQt6.QtGui import QFontMetricsF

        box, text = parts[0], str(parts[-1])
        if not isinstance(box, QRect | QRectF) or not text.strip():
            return
        flags = parts[1] if len(parts) == 3 else 0
        flags = int(getattr(flags, "value", flags))
        wraps = bool(flags & Qt.TextFlag.TextWordWrap.value)
        room = QRectF(box).adjusted(0.0, 0.0, 1.0, 0.0)
        need = QFontMetricsF(painter.font()).boundingRect(room, flags, text)
        wide = 0 if wraps else need.width() - room.width()
        if wide > 3 or need.height() > room.height() + 3:
            sizes = (
                f"{need.width():.0f}x{need.height():.0f}",
                f"{room.width():.0f}x{room.height():.0f}",
            )
            self.cut.add(f"drawn {text[:50]!r}: {' in '.join(sizes)}")


def main(language: str, percent: int, size: tuple[int, int]) -> list[str]:
    from nuvrek.desktop.speaking import speak_first

    folder = Path(tempfile.mkdtemp())
    (folder / "s.json").write_text(json.dumps({"language": language}))
    speak_first(folder / "s.json")
    from PyQt6.QtWidgets import QApplication

    app = QApplication([])
    from nuvrek.bench.settings import Settings
    from nuvrek.desktop.app import open_demo
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.theme import load_fonts
    from nuvrek.desktop.window import Window
    from tests.pictures import cut_texts

    load_fonts()
    drawn = Drawn()
    state = AppState(
        open_demo(folder), Settings(text_percent=percent), None, lambda: "2026-03-03T10:00:00", True
    )
    window = Window(state)
    window.resize(*size)
    window.show()
    found: list[str] = []

    def look(where: str) -> None:
        for _ in range(3):
            app.processEvents()
        drawn.cut.clear()
        drawn.listening = True
        window.grab()
        drawn.listening = False
        found.extend(f"{where}: {one}" for one in (*cut_texts(window), *sorted(drawn.cut)))

    for neck, page in PAGES:
        window.show_stage("Shelf")
        if neck:
            window.stages["Shelf"]._open(neck)
        window.show_stage(page)
        look(page)
        if page == "Measure":
            _stations(window, look)
        window.show_help()
        look(f"help of {page}")
        for view in window.stage.findChildren(_help()):
            view.hide()
    window.close()
    return found


def _help() -> type:
    from nuvrek.desktop.widgets.help_view import HelpView

    return HelpView


def _stations(window: Any, look: Callable[[str], None]) -> None:
    """Every station of the full survey and of looking over, and the questions at the first."""
    for name in ("full", "look-over", "rod", "closing"):
        window.stage.change_round(name)
        pad = window.stage.keypad
        seen: set[str] = set()
        for index, station in enumerate(pad.round.stations):
            if station.kind in seen:
                continue
            seen.add(station.kind)
            pad.pick(index)
            window.stage.refresh()
            look(f"{name} {station.kind}")
            if pad.keys_here.numbers and pad.keys_here.lengths and station.kind != "sweep":
                for typed in ASKED:
                    for key in (*typed, "enter"):
                        window.stage.key(key)
                    look(f"{name} {station.kind} {typed}")
                    if pad.asking is not None:
                        window.stage.key("back")


if __name__ == "__main__":
    wide, high = (sys.argv[3] if len(sys.argv) > 3 else "1280x764").split("x")
    print("\n".join(main(sys.argv[1], int(sys.argv[2]), (int(wide), int(high)))))
