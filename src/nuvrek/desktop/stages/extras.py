"""What stages offer beside their keys: notes and photos, tables, templates."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtGui import QGuiApplication
from PyQt6.QtWidgets import QFileDialog, QInputDialog, QMenu, QWidget

from nuvrek.desktop.widgets.photo import small_copy
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults, read_bytes
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.meaning import Saying
from nuvrek.neck.description import MOST_LETTERS
from nuvrek.readings.entries import AnyReading, Note
from nuvrek.readings.words import place_words
from nuvrek.wording import speech as words
from nuvrek.wording.speech import tr, upper_first

if TYPE_CHECKING:
    from nuvrek.bench.session import Session
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
            (tr("A note on the last reading"), self.ask_note),
            (tr("A photo with the last reading"), self.ask_photo),
            (None, None),
            (tr("Take in a pasted table"), self.paste),
            (tr("Take in a table from a file"), self._ask_table),
            (tr("Write the readings as a table"), self._ask_save),
            (None, None),
            (tr("A notched edge to print"), self.ask_template),
            (tr("Rocker lengths as a table"), self.ask_spans),
            (tr("My tools"), lambda: self.app.stage_wanted.emit(TOOLS)),
            (None, None),
            (tr("Begin this round again"), afresh),
        ):
            if entry is None or action is None:
                menu.addSeparator()
            else:
                qaction = menu.addAction(entry)
                assert qaction is not None
                qaction.triggered.connect(lambda _on, action=action: action())
        return menu

    # --- notes and photos -----------------------------------------------------

    def _last(self) -> int | None:
        session = self.app.session
        if session is not None:
            recent = session.recent(1)
        else:
            recent = []
        if recent:
            return recent[0][0]
        return None

    def note(self, text: str, photo: bytes | None = None) -> None:
        """Keep words (and a photo) with the last reading, or with the neck when there is none."""
        self._keep_note(text, photo, self._about())

    def _keep_note(self, text: str, photo: bytes | None, about: int | None) -> None:
        session, words_kept = self.app.session, text.strip()
        if session is None or not (words_kept or photo):
            return
        # What is too long for one note goes into the next: nothing that was written is dropped.
        parts = [
            words_kept[at : at + MOST_LETTERS] for at in range(0, len(words_kept), MOST_LETTERS)
        ]
        notes = [Note(text=part, about=about) for part in parts[1:]]
        first = Note(text=parts[0] if parts else "", about=about, photo=photo)
        if self.app.write(lambda: session.append(first, *notes)):
            where: Saying
            if about is None:
                where = tr("the neck")
            else:
                where = place_words(session.entries[about - 1])
            self.stage.say(tr("Kept with {where}.", where=where))

    def photo(self, path: str) -> None:
        """Keep a small copy of a picture; the original stays untouched."""
        session, about = self.app.session, self._about()
        if session is None or self.app.background.busy:
            self.stage.say(tr("One thing after the other: something is still being read."))
            return
        asked = session.identity.uid
        said_of = session.entries[about - 1] if about else None

        def keep(made: object) -> None:
            now = self.app.session
            if not isinstance(made, bytes) or now is None or now.identity.uid != asked:
                return
            # What was taken in meanwhile may have moved the reading it belongs to.
            there = about is None or now.entries[about - 1 : about] == [said_of]
            self._keep_note(Path(path).stem, made, about if there else None)

        self.app.background.run(
            lambda _told: small_copy(Path(path)), keep, lambda error: self.stage.say(str(error))
        )

    def ask_note(self) -> None:
        text, wanted = QInputDialog.getMultiLineText(
            self.stage, tr("Note"), tr("What should be remembered?")
        )
        if wanted:
            self.note(text)

    def ask_photo(self) -> None:
        kinds = tr("Pictures (*.jpg *.jpeg *.png *.webp)")
        path, _ = QFileDialog.getOpenFileName(self.stage, tr("Photo"), "", kinds)
        if path:
            self.photo(path)

    # --- tables -----------------------------------------------------------------

    def paste(self, text: str | None = None) -> None:
        """Take in a table from the clipboard, all rows or none."""
        if text is None:
            clipboard = QGuiApplication.clipboard()
            if clipboard is not None:
                text = clipboard.text()
            else:
                text = ""
        if not text.strip():
            self.stage.say(tr("Nothing that reads as a table was copied."))
            return
        self._take(text, tr("the pasted table"))

    def read_table(self, path: Path) -> None:
        """Take in a table from a file, all rows or none."""
        try:
            self._take(read_bytes(path).decode("utf-8-sig"), path.name)
        except UnicodeDecodeError:
            self.stage.say(
                tr("{name} is not a text file in UTF-8. Nothing was taken in.", name=path.name)
            )
        except JobFaults as error:
            self.stage.say(tr("{faults} Nothing was taken in.", faults=error.faults[0]))

    def _take(self, text: str, name: str) -> None:
        session = self.app.session
        if session is None:
            return
        if self.app.background.busy:
            self.stage.say(tr("Another table is still being read."))
            return
        neck, asked = session.neck_state.neck, session.identity.uid

        def read(tell: Callable[[str], None]) -> list[AnyReading]:
            return read_table(
                text,
                neck,
                lambda row: tell(tr("Reading row {row:,} of {name}", row=row, name=name)),
            )

        def take(readings: object) -> None:
            now = self.app.session
            if isinstance(readings, list) and now is not None and now.identity.uid == asked:
                self._take_in(now, readings, name)
            else:
                self.stage.say(
                    tr("Another neck was opened meanwhile; {name} was not taken in.", name=name)
                )

        self.app.background.run(read, take, lambda error: self._not_taken(error, name))

    def _take_in(self, session: Session, readings: list[AnyReading], name: str) -> None:
        if self.app.write(lambda: session.append(*readings)):
            count = len(readings)
            self.stage.say(
                tr(
                    "{how_many} taken in from {name}.",
                    how_many=words.count(count, "reading", "readings"),
                    name=name,
                )
            )

    def _not_taken(self, error: Exception, name: str) -> None:
        faults: tuple[Saying, ...] = (f"{type(error).__name__}.",)
        if isinstance(error, JobFaults):
            faults = error.faults
        more = ""
        if len(faults) > 1:
            more = tr("And {number} more.", number=len(faults) - 1)
        self.stage.say(
            tr(
                "In {name}: {faults} {more} Nothing was taken in.",
                name=name,
                faults=faults[0],
                more=more,
            )
        )

    def save_table(self, path: Path) -> None:
        """Write the readings that count as CSV."""
        session = self.app.session
        if session is not None:
            table = write_table(taken.reading for taken in session.neck_state.taken)
            self.save(path, table.encode())

    def _ask_table(self) -> None:
        path, _ = QFileDialog.getOpenFileName(
            self.stage, tr("Table"), "", tr("Tables (*.csv *.tsv *.txt)")
        )
        if path:
            self.read_table(Path(path))

    def _ask_save(self) -> None:
        self.ask_where("readings.csv", tr("Tables (*.csv)"), self.save_table)

    # --- templates ----------------------------------------------------------------

    def save_template(self, path: Path) -> None:
        """Write a notched edge for the open neck: PDF, SVG or DXF by the file's ending."""
        from nuvrek.bench.owner.draft import uses_letter
        from nuvrek.exchange.template import notched_edge, render

        if self.app.session is None:
            return
        neck = self.app.session.neck_state.neck
        try:
            letter = uses_letter(self.app.settings)
            data = render(notched_edge(neck.scale_mm, neck.frets), path, us_letter=letter)
        except ValueError as error:
            self.stage.say(f"{upper_first(str(error))}.")
            return
        self.save(path, data)

    def save_spans(self, path: Path) -> None:
        """Write the rocker lengths that serve each triple of the open neck as CSV."""
        from nuvrek.exchange.template import rocker_table

        if self.app.session is not None:
            neck = self.app.session.neck_state.neck
            self.save(path, rocker_table(neck.scale_mm, neck.frets).encode())

    def ask_template(self) -> None:
        kinds = tr("To print (*.pdf);;Drawing (*.svg);;For a cutter (*.dxf)")
        self.ask_where("notched-edge.pdf", kinds, self.save_template)

    def ask_spans(self) -> None:
        self.ask_where("rocker-lengths.csv", tr("Tables (*.csv)"), self.save_spans)

    def ask_where(self, name: str, kinds: str, save: Callable[[Path], None]) -> None:
        """Ask for a place to write to, and write there."""
        path, _ = QFileDialog.getSaveFileName(self.stage, tr("Write to"), name, kinds)
        if path:
            save(Path(path))

    def save(self, path: Path, data: bytes) -> bool:
        """Write a file whole, and say how that went; whether it did."""
        try:
            write_whole(path, data)
        except OSError as error:
            reason = (error.strerror or tr("no reason given")).lower()
            self.stage.say(
                tr(
                    "{name} could not be written ({reason}). Nothing is lost; try another place.",
                    name=path.name,
                    reason=reason,
                )
            )
            return False
        self.stage.say(tr("Written to {name}.", name=path.name))
        return True
