"""Every sentence goes through the catalogues, and German is whole."""

import gettext
import json
import os
import subprocess
import sys
import unittest
from pathlib import Path

from scripts import translations

from nuvrek.bench.settings import Settings
from nuvrek.desktop.app import open_demo
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.frame.in_language import InLanguage
from nuvrek.desktop.speaking import LANGUAGES, speak_first
from nuvrek.desktop.window import Window
from nuvrek.logbook.on_disk.card_cache import CardCache
from nuvrek.logbook.store import Logbook
from nuvrek.wording.catalogue import FOLDER, Spoken, speak, spoken
from nuvrek.wording.speech import count, day_words, figure, listed, lower_first, tr
from tests.support import EVERY, TIME, TempCase, WindowCase

ROOT = Path(__file__).resolve().parents[1]
GERMAN = ROOT / "translations/nuvrek_de.po"

# Opens the pages of the demo in a language that marks what went through it, and prints what did
# not: texts of widgets and of drawings alike.
PAGES = """
import re, sys, tempfile
from pathlib import Path
from nuvrek.wording.catalogue import Spoken
from nuvrek.wording.catalogue import speak
speak(
    Spoken(
        "xx",
        lambda context, text: "‹" + text + "›",
        lambda context, one, many, n: "‹" + (one if n == 1 else many) + "›",
    )
)
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QApplication, QComboBox, QWidget
seen = set()
drawn = QPainter.drawText
def draw(self, *parts):
    seen.update(part for part in parts if isinstance(part, str))
    return drawn(self, *parts)
QPainter.drawText = draw
app = QApplication([])
from nuvrek.bench.settings import Settings
from nuvrek.desktop.app import open_demo
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.start import open_practice
from nuvrek.desktop.theme import load_fonts
from nuvrek.desktop.window import Window
load_fonts()
with tempfile.TemporaryDirectory() as folder:
    book, clock = open_demo(Path(folder)), lambda: "2026-03-03T10:00:00"
    window = Window(AppState(book, Settings(), None, clock, inline=True))
    window.show()
    def look():
        window.show_help()
        window.grab()
        for one in window.stage.findChildren(QWidget):
            for name in ("text", "accessibleName", "placeholderText"):
                read = getattr(one, name, None)
                if callable(read):
                    seen.add(read())
            if isinstance(one, QComboBox):
                seen.update(one.itemText(n) for n in range(one.count()))
    for neck, page in (
        (1, "Map"), (1, "Choose"), (2, "Measure"), (2, "Work"), (2, "Take in"), (2, "Filing"),
        (12, "Prove"), (5, "History"), (2, "String room"), (2, "My tools"), (2, "Shelf"),
        (10, "New wire"), (1, "Owner"), (1, "Prices"), (1, "Owners"), (1, "Kept safe"),
        (1, "Honesty"), (1, "New neck"),
    ):
        window.show_stage("Shelf")
        window.stages["Shelf"]._open(neck)
        window.show_stage(page)
        if page == "Take in" and not window.stage.rod.isVisible():
            print("the kind of rod is missing")
        look()
    names = ("title", "owner", "complaint", "wood", "tuning", "rod_key")
    known = {getattr(n.neck, name) for n in book.necks() for name in names}
    window.close()
    window = open_practice(Settings(), clock, Path(folder) / "practice", inline=True)
    window.show()
    look()
    window.begin("lesson:edge-over-hump")
    bench = window.stages["Bench"]
    for digit in "1234567":
        for one in (digit, "1", "enter", "back"):
            bench.key(one)
            look()
    bench.key("0")
    look()
    window.show_stage("Reveal")
    window.stages["Reveal"].key("enter")
    look()
    window.close()
for text in sorted(seen):
    left = text
    while (less := re.sub("‹[^‹›]*›", " ", left)) != left:
        left = less
    for name in sorted(known, key=len, reverse=True):
        left = left.replace(name, " ") if len(name) > 4 else left
    if re.search("[A-Za-z]{3,}", left) and "‹" not in left and "›" not in left:
        print(left.strip())
"""
# What is advised and predicted for some necks, in a language that marks every word or as written.
ADVICE = """
import sys
from nuvrek.wording.catalogue import Spoken
from nuvrek.wording.catalogue import speak
if sys.argv[1] == "xx":
    speak(Spoken(
        "xx",
        lambda context, text: "‹" + text + "›",
        lambda context, one, many, n: "‹" + (one if n == 1 else many) + "›",
    )
)
from msgspec import structs
from nuvrek.bench.solved import see, wanted_alone, weigh
from nuvrek.demo import demo_jobs
from nuvrek.readings.journal import fold
from nuvrek.units import Unit
for number, job in enumerate(demo_jobs()):
    if number % int(sys.argv[2]):
        continue
    for entries in {len(job.journal), 4} if number < 8 else {4}:
        complaint = ("", "Es klappert.", "The action is too high.")[number % 3]
        neck = structs.replace(job.neck, complaint=complaint, neck_wood="Birke")
        solved = weigh(see(wanted_alone(fold(neck, job.journal[:entries]), Unit.MM)))
        print(number, entries, [leg.way for leg in solved.plan.course])
        print([(way.kind, way.status) for way in solved.plan.ways])
"""
# The price list changed on its page in a language that marks every word.
PRICES = """
import sys, tempfile
from decimal import Decimal
from pathlib import Path
from nuvrek.wording.catalogue import Spoken
from nuvrek.wording.catalogue import speak
speak(
    Spoken(
        "xx",
        lambda context, text: "‹" + text + "›",
        lambda context, one, many, n: "‹" + (one if n == 1 else many) + "›",
    )
)
from PyQt6.QtWidgets import QApplication
app = QApplication([])
from nuvrek.bench.settings import Settings
from nuvrek.demo import demo_prices
from nuvrek.desktop.app import open_demo
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import Window
with tempfile.TemporaryDirectory() as folder:
    state = AppState(open_demo(Path(folder)), Settings(prices=demo_prices()), None, lambda: "")
    window = Window(state)
    window.show_stage("Prices")
    page = window.stages["Prices"]
    page.fields["rate"].setText("61")
    page.fields["rate"].textEdited.emit("61")
    made, before = state.settings.prices, demo_prices()
    print(made.rate == Decimal(61), made.fixed == before.fixed, len(before.fixed) > 3)
    window.close()
"""
# What is the same in every language: units, names of signs, licences, and demo words cut short.
SAME = (
    "thou",
    "Nuvrek",
    "GPL",
    "MIT",
    "BSD",
    "Apache",
    "Vera",
    "8N1",
    "7E",
    "English",
    "Deutsch",
    "numpy",
)


class German(unittest.TestCase):
    def test_every_sentence_is_translated_with_the_same_places(self) -> None:
        self.assertEqual(translations.faults(GERMAN), [])
        self.assertGreater(len(translations.messages()), 3000)

    def test_sentences_stand_in_their_room_and_name_their_places(self) -> None:
        self.assertEqual(translations.faults_of_sentences(), [])

    def test_what_ships_is_what_was_written(self) -> None:
        """Read back by the standard library, which knows nothing of Babel."""
        with (FOLDER / "nuvrek_de.mo").open("rb") as file:
            shipped = gettext.GNUTranslations(file)
        for message, forms in translations.read(GERMAN).items():
            for number, form in zip((1, 2), forms, strict=False):
                if message.many:
                    words = (message.text, message.many, number)
                    said = (
                        shipped.npgettext(message.context, *words)
                        if message.context
                        else shipped.ngettext(*words)
                    )
                elif message.context:
                    said = shipped.pgettext(message.context, message.text)
                else:
                    said = shipped.gettext(message.text)
                self.assertEqual(said, form)

    def test_a_place_left_out_or_of_another_name_is_found(self) -> None:
        kept = translations.read(GERMAN)
        self.assertEqual(translations.places("{a:.{b}f} of {c!r}"), {"a", "b", "c"})
        self.assertNotEqual(translations.places("{a}"), translations.places("{b}"))
        self.assertIn(translations.Message("", "reading", "readings"), kept)


class Speaking(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.addCleanup(speak, Spoken())

    def take_up(self, code: str) -> str:
        path = self.folder / "settings.json"
        path.write_text(json.dumps({"language": code}))
        return speak_first(path)

    def test_settings_choose_it_and_else_the_place(self) -> None:
        self.assertEqual(self.take_up("de"), "de")
        self.assertEqual(self.take_up("en"), "en")
        self.assertEqual(self.take_up("tlh"), "en")
        (self.folder / "settings.json").write_text("{")
        self.assertIn(speak_first(self.folder / "settings.json"), LANGUAGES)

    def test_plurals_figures_and_days_follow_the_language(self) -> None:
        self.take_up("de")
        self.assertEqual(count(1, "reading", "readings"), "1 Messung")
        self.assertEqual(count(3, "reading", "readings"), "3 Messungen")
        self.assertEqual(listed((3, 4, 7)), "3, 4 und 7")
        self.assertEqual(tr("{metal:.2f} mm off in all", metal=0.25), "insgesamt 0,25 mm Abtrag")
        self.assertEqual(figure("1.5"), "1,5")
        self.assertEqual(tr("Promised for {day}.", day="2026-03-05"), "Versprochen für 05.03.2026.")
        self.assertEqual(lower_first("Bund 3"), "Bund 3", "nouns keep their capitals")

    def test_cards_of_the_shelf_in_another_language_are_made_anew(self) -> None:
        book = self.folder / "book.db"
        self.take_up("en")
        cards = CardCache(book, "en")
        cards.keep([(1, "m5", b"choose a way", "a neck")])
        cards.close()
        kept = CardCache(book, "en")
        self.assertEqual(kept.heads(), {1: "m5"})
        kept.close()
        self.take_up("de")
        other = CardCache(book, "de")
        self.assertEqual((other.heads(), other.body(1), other.search("neck")), ({}, b"", set()))
        other.close()

    def test_without_a_language_all_stays_as_written(self) -> None:
        self.assertEqual(tr("{metal:.2f} mm off in all", metal=0.25), "0.25 mm off in all")
        self.assertEqual(day_words("2026-03-05"), "2026-03-05")
        self.assertEqual(tr("no such sentence {n}", n=1), "no such sentence 1")


class WhileItRuns(WindowCase):
    def test_the_window_speaks_another_language_on_the_same_neck_and_page(self) -> None:
        self.addCleanup(speak, Spoken())

        def make() -> Window:
            there = self.folder / "demo.db"
            book = Logbook(there) if there.exists() else open_demo(self.folder)
            return Window(AppState(book, Settings(), None, lambda: TIME, inline=True))

        shown = InLanguage(make, lambda _window: None)
        shown.window.show()
        shown.window.stages["Shelf"]._open(2)
        shown.window.show_stage("Map")
        assert shown.window.app.session is not None
        opened = shown.window.app.session.identity.neck
        english = shown.window.rail.buttons["Map"].text()
        for code, spoken_code in (("de", "de"), ("en", "en")):
            before = shown.window
            before.app.language_wanted.emit(code)
            self.assertIsNot(shown.window, before)
            self.assertEqual((shown.window.page_name, spoken().code), ("Map", spoken_code))
            assert shown.window.app.session is not None
            self.assertEqual(shown.window.app.session.identity.neck, opened)
            same = shown.window.rail.buttons["Map"].text() == english
            self.assertEqual(same, code == "en", "tables speak the language of now")
        shown.window.close()


class Pages(unittest.TestCase):
    def run_in(self, script: str, *words: str) -> list[str]:
        """What a script prints in a process of its own."""
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
        made = subprocess.run(
            [sys.executable, "-c", script, *words],
            env=environment,
            cwd=ROOT,
            capture_output=True,
            text=True,
            check=True,
        )
        return made.stdout.splitlines()

    def test_nothing_on_the_pages_is_hard_wired(self) -> None:
        left = [line for line in self.run_in(PAGES) if not any(s in line for s in SAME)]
        self.assertEqual(left, [])

    def test_a_price_changed_in_any_language_leaves_the_others_as_they_are(self) -> None:
        self.assertEqual(self.run_in(PRICES), ["True True True"])

    def test_the_advice_is_the_same_in_every_language(self) -> None:
        each = "1" if EVERY else "3"
        written = self.run_in(ADVICE, "en", each)
        self.assertGreater(len(written), 30 if EVERY else 10)
        self.assertEqual(self.run_in(ADVICE, "xx", each), written)
