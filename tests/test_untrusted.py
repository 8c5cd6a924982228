"""What comes from elsewhere or from a slip of the hand: bombs are refused by their size, pictures
are what their bytes say, impossible figures get a sentence, and nothing arrives in another neck.
"""

import struct
import zlib
from pathlib import Path
from typing import Any
from unittest import mock

from msgspec import structs
from PyQt6.QtCore import QMimeData
from PyQt6.QtGui import QImage
from PyQt6.QtTest import QTest

from nuvrek.bench.forms.neck import LENGTHS, WHOLE, field_text, read_form
from nuvrek.bench.session import Refused, Session
from nuvrek.desktop.widgets import photo
from nuvrek.desktop.widgets.words_field import WordsField
from nuvrek.exchange.jobfile import Job, JobFaults, dump, parse
from nuvrek.exchange.readings_csv import MOST_ROWS, read_table, write_table
from nuvrek.logbook.on_disk.inspection import inspect
from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import description_faults
from nuvrek.neck.strings import StringSpec
from nuvrek.patience import NoLongerWanted, while_wanted
from nuvrek.readings.entries import CrownHeight, Filed, Note, RodMove
from nuvrek.readings.journal import MOST_ENTRIES
from nuvrek.wording.speech import say, say_all
from tests.support import NECK, TIME, TempCase, WindowCase, measured

CROWN = CrownHeight(lane="bass", fret=3, height_mm=1.1)


def png(width: int, height: int) -> bytes:
    """The head of a picture of any size, and hardly any of its body (PNG, W3C, 5.2 and 11.2.2)."""

    def chunk(kind: bytes, body: bytes) -> bytes:
        return (
            struct.pack(">I", len(body)) + kind + body + struct.pack(">I", zlib.crc32(kind + body))
        )

    head = struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", zlib.compress(b"\0" * 99))


class Tables(TempCase):
    def refused(self, text: str) -> str:
        with self.assertRaises(JobFaults) as caught:
            read_table(text, NECK)
        return say(caught.exception.faults[0])

    def test_a_table_of_thousands_of_columns_or_rows_is_refused_by_its_size(self) -> None:
        wide = "kind," + ",".join(f"c{n}" for n in range(5000)) + "\n" + "a\n" * 40
        self.assertIn("columns", self.refused(wide))
        line = write_table([CROWN]).splitlines()
        with mock.patch("nuvrek.exchange.readings_csv._reading", return_value=CROWN) as read:
            said = self.refused("\n".join([line[0], *[line[1]] * (MOST_ROWS + 1000)]))
        self.assertIn("more than 20,000 rows", said)
        self.assertEqual(read.call_count, MOST_ROWS)

    def test_whoever_does_not_wait_for_a_table_ends_it(self) -> None:
        head, line = write_table([CROWN]).splitlines()
        told: list[int] = []
        with while_wanted(lambda: len(told) < 3), self.assertRaises(NoLongerWanted):
            read_table("\n".join([head, *[line] * 9000]), NECK, told.append)
        self.assertEqual(told, [500, 1000, 1500])

    def test_a_full_journal_takes_no_more_and_says_so(self) -> None:
        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        session = Session(book, book.start(NECK, TIME), NECK, lambda: TIME)
        with self.assertRaises(Refused) as caught:
            session.append(*[CROWN] * (MOST_ENTRIES + 1))
        self.assertIn("20,000", str(caught.exception))
        self.assertEqual(book.entries(session.neck_id), [])


class Pictures(TempCase):
    def refused(self, raw: bytes) -> str:
        with self.assertRaises(ValueError) as caught:
            photo.decoded(raw)
        return str(caught.exception)

    def test_a_picture_is_what_its_bytes_say_whatever_its_name(self) -> None:
        nested = b"".join(b"<g id='%c'><use href='#a'/></g>" % letter for letter in b"abcdef")
        for raw in (
            b"<svg xmlns='http://www.w3.org/2000/svg'>" + nested + b"</svg>",
            b"%PDF-1.4\n1 0 obj<</Type/Page/MediaBox[0 0 99999 99999]>>endobj",
            b"GIF89a" + b"\0" * 40,
            b"RIFF\x10\0\0\0AVI ",
            b"",
        ):
            path = self.folder / "photo.jpg"
            path.write_bytes(raw)
            with self.assertRaises(ValueError) as caught:
                photo.small_copy(path)
            self.assertIn("JPEG, PNG or WebP", str(caught.exception))

    def test_the_size_is_known_before_anything_is_decoded(self) -> None:
        with mock.patch("PyQt6.QtGui.QImageReader.read") as read:
            self.assertEqual(self.refused(png(60_000, 60_000)), say(photo.TOO_LARGE))
        read.assert_not_called()

    def test_a_good_picture_is_made_small(self) -> None:
        path = self.folder / "wide.png"
        QImage(3000, 400, QImage.Format.Format_RGB32).save(str(path))
        small = photo.decoded(photo.small_copy(path))
        self.assertEqual(small.width(), photo.LONGEST_PX)

    def test_what_came_with_the_picture_stays_behind(self) -> None:
        """Place, time and words of a file are no part of what is kept."""
        image = QImage(40, 30, QImage.Format.Format_RGB32)
        image.fill(0x336699)
        image.setText("Comment", "by Orla Finsterwick")
        for name in ("a.jpg", "a.png"):
            path = self.folder / name
            image.save(str(path))
            raw = path.read_bytes()
            self.assertIn(b"Finsterwick", raw)
            if name.endswith("jpg"):
                told = b"Exif\0\0MM\0*GPS 53.5 N 9.9 E"
                exif = b"\xff\xe1" + (len(told) + 2).to_bytes(2, "big") + told
                path.write_bytes(raw[:2] + exif + raw[2:])
            kept = photo.small_copy(path)
            for word in (b"Finsterwick", b"GPS", b"Exif", b"Comment"):
                self.assertNotIn(word, kept)
            self.assertEqual(photo.decoded(kept).size(), image.size())

    def test_a_job_brings_no_other_kind_of_photo(self) -> None:
        job = Job(neck=NECK, journal=(Note(text="x", photo=b"<svg/>"),))
        with self.assertRaises(JobFaults) as caught:
            parse(dump(job))
        self.assertIn("no JPEG", str(caught.exception))


class Figures(TempCase):
    def faults(self, **changes: Any) -> str:
        return " ".join(say_all(description_faults(structs.replace(NECK, **changes))))

    def test_what_no_wire_and_no_string_can_be(self) -> None:
        self.assertIn("0.5 to 4 mm", self.faults(wire_width_mm=0.0))
        light = StringSpec("E4", 0.25, grams_per_m=1e-9)
        heavy = StringSpec("E4", 0.25, grams_per_m=70.0)
        for spec in (light, heavy):
            self.assertIn("not possible", self.faults(strings=1, string_set=(spec,)))
        # A plain steel string of 0.254 mm weighs 0.398 g a metre (7.85 g/cm^3 times its section).
        real = StringSpec("E4", 0.254, grams_per_m=0.398)
        self.assertEqual(self.faults(strings=1, string_set=(real,)), "")

    def test_typing_a_wire_of_no_width_is_said_at_its_field(self) -> None:
        texts = {field.name: say(field_text(NECK, field, False)) for field in LENGTHS}
        texts |= {name: str(getattr(NECK, name)) for name, _ in WHOLE}
        neck, faults = read_form({**texts, "wire_width_mm": "0"}, {})
        self.assertIsNone(neck)
        self.assertIn("wire_width_mm", faults)

    def test_half_a_letter_at_the_end_of_a_field_is_left_out(self) -> None:
        texts = {"scale_mm": "648", "frets": "22", "joint_fret": "16"}
        neck, faults = read_form(texts, {"owner": "a" * 199 + "\ud83c"})
        self.assertEqual(faults, {})
        assert neck is not None
        self.assertEqual(neck.owner, "a" * 199)

    def test_a_day_far_from_ours_is_no_date(self) -> None:
        for entry in (
            RodMove(turns=0.1, at="9999-12-31T10:00:00"),
            RodMove(turns=0.1, at="0001-01-01"),
            RodMove(turns=0.1, at="2026-03-03T35:41:00"),
        ):
            with self.assertRaises(JobFaults) as caught:
                parse(dump(Job(neck=NECK, journal=(entry,))))
            self.assertIn("no day or time", str(caught.exception))


class AtTheWindow(WindowCase):
    def test_a_long_complaint_is_cut_as_it_is_pasted_and_said(self) -> None:
        field, said = WordsField("Complaint", 4000), list[str]()
        self.addCleanup(field.deleteLater)
        field.full.connect(said.append)
        data = QMimeData()
        data.setText("buzz " * 60_000)
        field.insertFromMimeData(data)
        self.assertEqual(len(field.words()), 4000)
        self.assertIn("296,000", said[0])
        QTest.keyClicks(field, "x")
        self.assertEqual((len(field.words()), len(said)), (4000, 2))

    def test_a_long_note_is_kept_whole_in_several(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        text = "".join(chr(97 + n % 26) for n in range(9000))
        window.stages["Measure"].extras.note(text)
        notes = [e.text for e in window.app.session.entries if isinstance(e, Note)][-3:]
        self.assertEqual("".join(notes), text)

    def test_a_table_read_beside_the_window_never_reaches_another_neck(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        window.stages["Shelf"]._open(2)
        window.show_stage("Measure")
        first, extras = window.app.session, window.stage.extras
        before = len(first.entries)
        extras.paste(write_table([CROWN] * 3))
        self.wait_until(lambda: not window.app.background.busy)
        self.assertEqual(len(first.entries), before + 3)
        extras.paste(write_table([CROWN] * 3000))
        window.stages["Shelf"]._open(1)
        second, length = window.app.session, len(window.app.session.entries)
        self.wait_until(lambda: not window.app.background.busy)
        self.assertEqual((len(first.entries), len(second.entries)), (before + 3, length))

    def test_a_table_can_be_left(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        window.stages["Shelf"]._open(2)
        window.show_stage("Measure")
        before = len(window.app.session.entries)
        window.stage.extras.paste(write_table([CROWN] * 20_000))
        self.wait_until(window.bar.stop.isVisible)
        self.assertIn("Reading row", window.bar.stop.text())
        window.bar.stop.click()
        self.wait_until(lambda: not window.app.background.busy)
        self.assertFalse(window.bar.stop.isVisible())
        self.assertEqual(len(window.app.session.entries), before)

    def test_the_whole_logbook_can_be_looked_through(self) -> None:
        window: Any = self.open_window(demo=True)
        window.show_stage("Kept safe")
        window.stage.check_all()
        self.assertIn("whole: 15 necks", window.bar.message.text())
        path: Path = window.app.book.path
        spoilt = Logbook.make(path)
        spoilt._db.execute("UPDATE entry SET body = '{' WHERE neck = 2 AND number = 3")
        spoilt.close()
        self.assertIn("Neck 2", say(inspect(path).wrong[0]))
        window.stage.check_all()
        self.assertIn("damaged. Neck 2", window.bar.message.text())

    def test_described_anew_with_fewer_frets_after_filing(self) -> None:
        window: Any = self.open_window()
        truth, entries = measured(3)
        window.app.book.start(truth.neck, TIME, entries)
        window.show_stage("Shelf")
        window.stage._open(0)
        session = window.app.session
        session.append(Filed(way="level", off=((21, "bass", 0.1), (3, "bass", 0.1))))
        from nuvrek.readings.entries import Describe

        session.append(Describe(neck=structs.replace(truth.neck, frets=15, joint_fret=12)))
        for page in ("Map", "Choose", "Filing", "String room"):
            window.show_stage(page)
            self.assertIsNotNone(window.app.solved.plan, page)
        self.assertEqual(window.app.trouble, "")
