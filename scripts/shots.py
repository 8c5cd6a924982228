"""Renews the pictures in docs/screenshots from the demo shelf. Run: ./run shots"""

from __future__ import annotations

import subprocess
import sys
import tempfile
from pathlib import Path
from typing import Any

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication

from nuvrek.bench.settings import Settings
from nuvrek.desktop.app import demo_settings, open_demo
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.start import open_practice
from nuvrek.desktop.stages.owner.papers_face import pages_of
from nuvrek.desktop.theme import load_fonts
from nuvrek.desktop.window import Window
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps.step import Doing
from nuvrek.planning.ways.kinds import steps_of
from nuvrek.practice.advice.technician import Technician
from nuvrek.readings.entries import AnyEntry, Chosen, NewWire, StepDone, StringGap, StringHeight
from nuvrek.readings.shop.entries import Promised

FOLDER = Path(__file__).resolve().parents[1] / "docs/screenshots"
ENTER = Qt.Key.Key_Return
BARITONE, BASS, MANDOLIN, PARLOUR, STEEL, BACK_BOW, RODLESS = 1, 2, 3, 4, 5, 7, 8
BOUND, PROVEN, FERRY = 10, 12, 13


class Scene:
    """A window on a fresh demo shelf."""

    def __init__(self, app: QApplication, folder: Path) -> None:
        self.app = app
        self.window = Window(
            AppState(
                open_demo(folder), demo_settings(), None, lambda: "2026-03-03T14:20:00", inline=True
            )
        )
        self.window.show()

    def open(self, neck: int, stage: str, **settings: Any) -> Scene:
        self.window.show_stage("Shelf")
        self.window.stages["Shelf"]._open(neck)  # type: ignore[attr-defined]
        self.window._set(**settings)
        self.window.show_stage(stage)
        return self

    def append(self, *entries: AnyEntry) -> Scene:
        """Write into the open neck's journal."""
        self.window.app.session.append(*entries)  # type: ignore[union-attr]
        return self

    def show(self, stage: str) -> Scene:
        """The page anew, with what was written."""
        self.window.show_stage("Map")
        self.window.show_stage(stage)
        return self

    def round(self, name: str) -> Scene:
        self.window.stages["Measure"].change_round(name)  # type: ignore[attr-defined]
        return self

    def station(self, kind: str) -> Scene:
        """Down to the next station of a kind."""
        pad = self.window.stages["Measure"].keypad  # type: ignore[attr-defined]
        for _ in range(200):
            if pad.station is not None and pad.station.kind == kind:
                return self
            self.keys(Qt.Key.Key_Down if pad.station is not None else Qt.Key.Key_Up)
        raise SystemExit(f"no station of kind {kind} in this round")

    def views(self, *names: str) -> Scene:
        """Lanes of Map on or off."""
        for name in names:
            self.window.stages["Map"].views.toggle(name)  # type: ignore[attr-defined]
        return self

    def card(self, begins: str) -> Scene:
        """Press the finding that begins so."""
        page: Any = self.window.stages["Map"]
        card = next(c for c in page.cards if c.accessibleName().startswith(begins))
        card.click()
        return self

    def keys(self, *keys: Any) -> Scene:
        for key in keys:
            target = self.app.focusWidget() or self.window.focusWidget() or self.window
            if isinstance(key, str):
                QTest.keyClicks(target, key)
            else:
                QTest.keyClick(target, key)
        return self

    def shoot(self, name: str) -> None:
        QTest.qWait(120)
        # On a busy machine a scroll area may learn of its size only now.
        for _ in range(3):
            self.app.processEvents()
        self.window.grab().save(str(FOLDER / f"{name}.png"))


def _rods(scene: Scene) -> None:
    """Two moves in the loop."""
    scene.open(STEEL, "Choose").keys(
        ENTER, "*", ENTER, ENTER, "+", "+", ENTER, ".16", ENTER, ".16", ENTER
    ).shoot("work-rod")


def _new_wire(scene: Scene) -> None:
    """The wood of a rodless neck."""
    scene.open(RODLESS, "New wire").shoot("new-wire-wood")


def _filing(scene: Scene) -> None:
    """Just clean against a full level."""
    scene.open(BASS, "Filing")
    scene.keys(Qt.Key.Key_Down).shoot("filing")


def _room(scene: Scene) -> None:
    """A proud fret and the notes behind it, some of them heard; beside them what a tone lower would
    do.
    """
    right, down = Qt.Key.Key_Right, Qt.Key.Key_Down
    scene.open(BASS, "String room").keys(
        *[right] * 8, down, down, down, "*", "/", "*", ".", *[Qt.Key.Key_Left] * 3
    )
    face: Any = scene.keys("0").window.stages["String room"].what_if
    face.tuning.setCurrentIndex(2)
    face.tuning.activated.emit(2)
    scene.shoot("string-room")
    scene.keys("0")


def _proved(scene: Scene) -> None:
    """Promise beside result after a level: every string, the nut included."""
    page: Any = scene.open(FERRY, "Choose").keys(".").window.stages["Choose"]
    page._pick("level")
    page.take.click()
    at = "2026-03-03T14:10:00"
    nut = [
        StringGap(lane=lane, fret=1, low_support=0, high_support=3, gap_mm=mm, at=at)
        for lane, mm in (("bass", 0.05), ("treble", 0.09))
    ]
    heights = [
        StringHeight(side="bass", fret=12, height_mm=mm, string=n, at=at)
        for n, mm in ((6, 2.2), (4, 2.05), (1, 1.8))
    ]
    relief = [
        StringGap(lane=lane, fret=7, low_support=1, high_support=14, gap_mm=0.12, at=at)
        for lane in ("bass", "treble")
    ]
    scene.append(*nut, *heights, *relief).show("Prove").shoot("prove")


def _owner(scene: Scene) -> None:
    """What a reader agreed to, and the five papers."""
    scene.open(FERRY, "Owner").shoot("owner-agreement")
    papers: Any = scene.keys("4").window.stages["Owner"].papers
    sheets = []
    for kind in ("letter", "quote", "work", "bench"):
        papers.turn(kind)
        sheets.append(pages_of(papers.pdf, 620)[0])
    papers = scene.open(PROVEN, "Owner").keys("4").window.stages["Owner"].papers
    papers.turn("ready")
    sheets.append(pages_of(papers.pdf, 620)[0])
    whole = QImage(5 * 640 + 20, 917, QImage.Format.Format_RGB32)
    whole.fill(0xFF9A9486)
    painter = QPainter(whole)
    for n, sheet in enumerate(sheets):
        painter.drawImage(20 + 640 * n, 20, sheet)
    painter.end()
    whole.save(str(FOLDER / "papers.png"))


def _day(scene: Scene) -> None:
    """The day's bench: three clocks that run, days promised, one neck found by its words; a neck's
    years; how the promises held.
    """
    for neck, done in ((BARITONE, "13:40"), (BACK_BOW, "12:05"), (RODLESS, "11:30")):
        scene.open(neck, "Map").append(*_up_to_glue(f"2026-03-03T{done}:00"))
    scene.open(MANDOLIN, "Map").append(Promised(day="2026-03-04"))
    scene.open(9, "Map").append(Promised(day="2026-03-12"))
    scene.open(FERRY, "Map").append(Promised(day="2026-03-05"))
    scene.window.show_stage("Shelf")
    scene.shoot("shelf")
    # One picture with the dark bench, one in German (german).
    scene.open(STEEL, "History", dark=True).shoot("history")
    scene.window._set(dark=False)
    scene.window.show_stage("Honesty")
    scene.shoot("honesty")


def _practice(app: QApplication, folder: Path) -> None:
    """The practice neck: what one can practise, light under an edge over a hump, a neck revealed
    and scored.
    """
    window: Any = open_practice(
        Settings(), lambda: "2026-03-03T14:20:00", folder / "practice", inline=True
    )
    window.show()
    app.processEvents()

    def shoot(name: str) -> None:
        QTest.qWait(120)
        window.grab().save(str(FOLDER / f"{name}.png"))

    def keys(*pressed: Any) -> None:
        bench = window.stages["Bench"]
        for key in pressed:
            bench.key(key)

    for n, key in enumerate(_PLAYED):
        _played_lesson(window, key, well=n % 3 != 1)
    window.show_stage("Practice")
    shoot("practice")
    window.begin("lesson:edge-over-hump")
    keys("1", "1", "0", "enter", "3", "0", "enter", "2", "0", "enter")
    keys("back", "2", ".", ".", *["right"] * 6, ".", *["right"] * 4, "enter")
    shoot("practice-light")
    window.begin(f"neck:{_WORD}")
    _by_hand(window)
    window.show_stage("Reveal")
    window.stages["Reveal"].key("enter")
    shoot("practice-reveal")
    window.close()


# Lessons played before, in this order, every third into its trap; the neck that is revealed.
_PLAYED = (
    "loose-fret",
    "low-fret",
    "off-pitch",
    "chewed-nut",
    "over-rounded-ends",
    "partial-match",
)
_WORD = "babada"


def _played_lesson(window: Any, key: str, *, well: bool) -> None:
    """A lesson gone through by its own hand, well or into its trap, and revealed."""
    window.begin(f"lesson:{key}")
    one = window.table.exercise.lesson
    (one.well if well else one.trap)(window.table.desk)
    window.table.end(None, "2026-03-03T14:20:00")


def _by_hand(window: Any) -> None:
    """A neck read with the virtual tools and worked on a little: the rod by a quarter, two frets
    spotted.
    """
    table, session = window.table, window.app.session
    session.append(*Technician(table.desk).round("quick"))
    bench = window.stages["Bench"]
    bench.refresh()
    for key in (
        "9",
        "+",
        "enter",
        "back",
        "0",
        "2",
        "right",
        "right",
        "8",
        "enter",
        "enter",
        "back",
    ):
        bench.key(key)
    for key in ("1", "+", "back"):
        bench.key(key)


def _up_to_glue(at: str) -> list[AnyEntry]:
    """Some new wire, ticked up to the wait for its glue."""
    terms = NewWire(frets=(4, 5), glue="before")
    entries: list[AnyEntry] = [terms, Chosen(way="refret-some", frets=(4, 5))]
    neck = NeckDescription(scale_mm=648.0, frets=22, joint_fret=14)
    for step in steps_of("refret-some", neck, Doing(frets=(4, 5), new_wire=terms)):
        if step.wait:
            return entries
        entries.append(StepDone(step=step.key, at=at))
    raise SystemExit("no wait")


def main() -> int:
    app = QApplication(sys.argv[:1])
    load_fonts()
    FOLDER.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder:
        scene = Scene(app, Path(folder))
        app.processEvents()
        scene.open(BASS, "Take in").shoot("take-in")
        scene.open(PARLOUR, "Measure").station("sweep").keys("7*", ".1+", ".15")
        scene.shoot("measure-rocker")
        scene.keys("-", ENTER, ENTER, ENTER)
        scene.open(BASS, "Map").keys(*[Qt.Key.Key_Right] * 13).shoot("map")
        scene.open(BACK_BOW, "Choose", dark=False, inch=False)
        scene.shoot("choose")
        _rods(scene)
        _room(scene)
        _filing(scene)
        _new_wire(scene)
        _owner(scene)
        _proved(scene)
        scene.open(FERRY, "Owner")
        scene.window.show_help()
        scene.keys(ENTER, "rocks", Qt.Key.Key_Down)
        scene.shoot("guide")
        scene.window.close()
    with tempfile.TemporaryDirectory() as folder:
        scene = Scene(app, Path(folder))
        _day(scene)
        scene.window.close()
    with tempfile.TemporaryDirectory() as folder:
        _practice(app, Path(folder))
    # Sentences are made when their module is imported: another language is another process.
    subprocess.run([sys.executable, "-c", _GERMAN], check=True, cwd=FOLDER.parents[1])
    return 0


_GERMAN = """
from pathlib import Path
from PyQt6.QtWidgets import QApplication
import os, tempfile
os.environ.update(LC_ALL="de_DE.UTF-8")
from nuvrek.desktop.speaking import speak_first
speak_first(Path("none"))
from scripts.shots import BARITONE, Scene, load_fonts
app = QApplication([])
load_fonts()
with tempfile.TemporaryDirectory() as folder:
    scene = Scene(app, Path(folder))
    scene.open(BARITONE, "Choose").shoot("german")
    scene.window.close()
"""


if __name__ == "__main__":
    sys.exit(main())
