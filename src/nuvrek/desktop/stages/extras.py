"""What stages offer beside their keys: notes and photos, tables, templates."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtGui import QGuiApplication
from PyQt6.QtWidgets import QFileDialog, QInputDialog, QMenu, QWidget

from nuvrek import words
from nuvrek.desktop.widgets.photo import small_copy
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults, read_bytes
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.readings.entries import Note
from nuvrek.readings.words import place_words

if TYPE_CHECKING:
    from nuvrek.desktop.stages.base import Stage

TOOLS = "My tools"


class Extras:
    """The actions of the More button, each as a method that needs no dialog."""

    def __init__(self, stage: Stage, about: Callable[[], int | None] | None = None) -> None:
        """``about`` gives the number of the reading a note belongs to; the last one if not
        given.
        """
        self.stage = stage
        self._about = about or self._last
        self.app = stage.app

    def menu(self, parent: QWidget, afresh: Callable[[], None]) -> QMenu:
        """The menu of Measure; its entries are of touch size by the style sheet."""
        menu = QMenu(parent)
        for entry, action in (
            ("A note on the last reading", self.ask_note),
            ("A photo with the last reading", self.ask_photo),
            (None, None),
            ("Take in a pasted table", self.paste),
            ("Take in a table from a file", self._ask_table),
            ("Write the readings as a table", self._ask_save),
            (None, None),
            ("A notched edge to print", self.ask_template),
            ("Rocker lengths as a table", self.ask_spans),
            ("My tools", lambda: self.app.stage_wanted.emit(TOOLS)),
            (None, None),
            ("Begin this round again", afresh),
        ):
            if entry is None or action is None:
                menu.addSeparator()
            else:
                made = menu.addAction(entry)
                assert made is not None
                made.triggered.connect(lambda _on, action=action: action())
        return menu

    # --- notes and photos -----------------------------------------------------

    def _last(self) -> int | None:
        session = self.app.session
        recent = session.recent(1) if session is not None else []
        return recent[0][0] if recent else None

    def note(self, text: str, photo: bytes | None = None) -> None:
        """Keep words (and a photo) with the last reading, or with the neck when there is none."""
        session = self.app.session
        if session is None or not (text.strip() or photo):
            return
        about = self._about()
        entry = Note(text=text.strip()[:4000], about=about, photo=photo)
        if self.app.write(lambda: session.append(entry)):
            where = "the neck" if about is None else place_words(session.entries[about - 1])
            self.stage.say(f"Kept with {where}.")

    def photo(self, path: str) -> None:
        """Keep a small copy of a picture; the original stays untouched."""
        made = small_copy(path)
        if isinstance(made, str):
            self.stage.say(made)
        else:
            self.note(Path(path).stem, made)

    def ask_note(self) -> None:
        text, wanted = QInputDialog.getMultiLineText(
            self.stage, "Note", "What should be remembered?"
        )
        if wanted:
            self.note(text)

    def ask_photo(self) -> None:
        kinds = "Pictures (*.jpg *.jpeg *.png *.webp)"
        path, _ = QFileDialog.getOpenFileName(self.stage, "Photo", "", kinds)
        if path:
            self.photo(path)

    # --- tables -----------------------------------------------------------------

    def paste(self, text: str | None = None) -> None:
        """Take in a table from the clipboard, all rows or none."""
        if text is None:
            clipboard = QGuiApplication.clipboard()
            text = clipboard.text() if clipboard is not None else ""
        if not text.strip():
            self.stage.say("Nothing that reads as a table was copied.")
            return
        self._take(text, "the pasted table")

    def read_table(self, path: Path) -> None:
        """Take in a table from a file, all rows or none."""
        try:
            self._take(read_bytes(path).decode("utf-8-sig"), path.name)
        except UnicodeDecodeError:
            self.stage.say(f"{path.name} is not a text file in UTF-8. Nothing was taken in.")
        except JobFaults as error:
            self.stage.say(f"{error.faults[0]} Nothing was taken in.")

    def _take(self, text: str, name: str) -> None:
        session = self.app.session
        if session is None:
            return
        try:
            readings = read_table(text, session.neck_state.neck)
        except JobFaults as error:
            more = f" And {len(error.faults) - 1} more." if len(error.faults) > 1 else ""
            first = error.faults[0]
            self.stage.say(f"In {name}: {first}{more} Nothing was taken in.")
            return
        if self.app.write(lambda: session.append(*readings)):
            count = len(readings)
            self.stage.say(f"{words.count(count, 'reading', 'readings')} taken in from {name}.")

    def save_table(self, path: Path) -> None:
        """Write the readings that count as CSV."""
        session = self.app.session
        if session is not None:
            table = write_table(one.reading for one in session.neck_state.taken)
            self.save(path, table.encode())

    def _ask_table(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self.stage, "Table", "", "Tables (*.csv *.tsv *.txt)")
        if path:
            self.read_table(Path(path))

    def _ask_save(self) -> None:
        self.ask_where("readings.csv", "Tables (*.csv)", self.save_table)

    # --- templates ----------------------------------------------------------------

    def save_template(self, path: Path) -> None:
        """Write a notched edge for the open neck: PDF, SVG or DXF by the file's ending."""
        from nuvrek.exchange.template import notched_edge, render

        if self.app.session is None:
            return
        neck = self.app.session.neck_state.neck
        try:
            data = render(notched_edge(neck.scale_mm, neck.frets), path)
        except ValueError as error:
            self.stage.say(f"{str(error).capitalize()}.")
            return
        self.save(path, data)

    def save_spans(self, path: Path) -> None:
        """Write the rocker lengths that serve each triple of the open neck as CSV."""
        from nuvrek.exchange.template import rocker_table

        if self.app.session is not None:
            neck = self.app.session.neck_state.neck
            self.save(path, rocker_table(neck.scale_mm, neck.frets).encode())

    def ask_template(self) -> None:
        kinds = "To print (*.pdf);;Drawing (*.svg);;For a cutter (*.dxf)"
        self.ask_where("notched-edge.pdf", kinds, self.save_template)

    def ask_spans(self) -> None:
        self.ask_where("rocker-lengths.csv", "Tables (*.csv)", self.save_spans)

    def ask_where(self, name: str, kinds: str, save: Callable[[Path], None]) -> None:
        """Ask for a place to write to, and write there."""
        path, _ = QFileDialog.getSaveFileName(self.stage, "Write to", name, kinds)
        if path:
            save(Path(path))

    def save(self, path: Path, data: bytes) -> None:
        """Write a file whole, and say how that went."""
        try:
            write_whole(path, data)
        except OSError as error:
            reason = (error.strerror or "no reason given").lower()
            self.stage.say(
                f"{path.name} could not be written ({reason}). Nothing is lost; try another place."
            )
        else:
            self.stage.say(f"Written to {path.name}.")
