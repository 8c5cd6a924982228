"""Papers to the owner, read back from their pages."""

import io
import re
import unittest
from decimal import Decimal
from functools import cache
from typing import Any, ClassVar

import msgspec
import pypdfium2
from msgspec import structs

from nuvrek.bench.owner.cost import cost_of, course_ways
from nuvrek.bench.owner.worth import worth_words
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures, is_locale, known_locale
from nuvrek.bench.settings import Settings, save
from nuvrek.demo import demo_jobs, demo_owners, demo_prices, demo_shop
from nuvrek.exchange import jobfile
from nuvrek.exchange.paper import Drawing, Heading, PaperTable, Paragraph, blocks_of
from nuvrek.neck.owner import Owner
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.judge import _one_neck
from nuvrek.planning.money.pace import pace_of
from nuvrek.planning.ways import kinds
from nuvrek.readings.entries import AnyEntry, Chosen, FretEnd, Note, RodMove, StringHeight
from nuvrek.readings.journal import fold
from nuvrek.readings.owner.entries import (
    PAPERS,
    Answered,
    Letter,
    NeckPicture,
    PaperKind,
    Quote,
    Worth,
)
from nuvrek.units import Unit
from nuvrek.wording.papers.make import laid_out, pdf_of, proposed, unset
from nuvrek.wording.papers.picture import draw_neck
from nuvrek.wording.papers.plain import CURES, WAYS
from nuvrek.wording.speech import say, say_all
from tests.support import EVERY, TIME, WindowCase, compute, job, neck_state, neck_with
from tests.test_cli import CliCase
from tests.test_judgement import FINE, all_across, gaps, swept

LONG = "Wilhelmina-Konstantinopolitana Überlängenname-Dreifachbindestrich-Fjörðurinn"
NAMES = (LONG, "שרה בת־הים אבן־גבירול", "Žluťoučká Æsa Ðórgríms", "رصيف الميناء")
# What no paper and no page may call an instrument.
VERDICTS = re.compile(r"not worth|worthless|no value|cheap|junk|beyond saving|waste", re.I)


@cache
def facts_of(number: int, frets: int = 0) -> Facts:
    """A demo neck, or a made-up one of so many frets, with the demo's shop."""
    made = demo_jobs()[number] if not frets else job(7)
    now = fold(made.neck, made.journal)
    solved, _ = compute(now)
    owners = {owner.name: owner for owner in demo_owners()}
    figures = Figures("en_GB", currency="EUR")
    return Facts(
        solved,
        owners.get(now.neck.owner),
        demo_shop(),
        pace_of(()),
        demo_prices(),
        figures,
        "2026-03-03",
    )


def pages(facts: Facts, kind: PaperKind, owner: Owner | None = None, **neck: Any) -> Any:
    described = msgspec.structs.replace(facts.neck, **neck)
    made = proposed(kind, facts)
    paper = laid_out(made, described, owner or facts.owner, facts.shop, facts.figures, facts.day)
    return pypdfium2.PdfDocument(pdf_of(paper))


def text_of(document: Any) -> str:
    return "\n".join(page.get_textpage().get_text_range() for page in document)


def plain(text: str) -> str:
    """Letters alone: where a line breaks is the page's business. (A hyphen at a line's end is read
    back as a mark of its own.)"""
    return re.sub(r"[\s\-\ufffe\u2010]+", "", text)


def facts_with(*entries: AnyEntry, solved: Any = None, **neck: Any) -> Facts:
    """A neck with these entries on the demo's shop."""
    done, _ = compute(neck_state(list(entries), neck_with(**neck))) if solved is None else solved
    figures = Figures("en_GB", currency="EUR")
    return Facts(
        done,
        None,
        demo_shop(),
        pace_of(()),
        demo_prices(),
        figures,
        "2026-03-20",
        done=tuple(entry.way for entry in entries if isinstance(entry, Chosen)),
        entries=entries,
    )


class WhatItCosts(unittest.TestCase):
    ROCKS: ClassVar[list[AnyEntry]] = [*FINE, *swept(all_across(7, 12))]

    def test_the_letter_says_the_sum_that_was_accepted_and_what_has_changed(self) -> None:
        given = Quote(
            ways=("spot-level",), lines=(), total=Decimal("77.70"), currency="EUR", at=TIME
        )
        said = Answered(quote=len(self.ROCKS) + 1, says="accepted")
        facts = facts_with(*self.ROCKS, given, said)
        self.assertEqual([way.kind for way in facts.ways], ["spot-level"])
        letter = proposed("letter", facts)
        self.assertIn("€77.70", letter.text)
        rows = [row for row in letter.tables["ways"] if row[0].startswith("Only the frets")]
        self.assertEqual(rows[0][2], "€77.70")
        self.assertIn("€77.70", str(proposed("quote", facts).tables))
        other = structs.replace(given, ways=("level",))
        changed = proposed("letter", facts_with(*self.ROCKS, other, said))
        self.assertIn("€77.70 for level all", changed.text)
        self.assertIn("Since then this has changed", changed.text)

    def test_ends_are_not_charged_beside_a_way_that_holds_them(self) -> None:
        ends = [FretEnd(side=side, fret=9, fault="sharp") for side in ("bass", "treble")]  # type: ignore[arg-type]
        alone, filed = facts_with(*FINE, *ends), facts_with(*self.ROCKS, *ends)
        self.assertEqual([way.kind for way in alone.ways], ["ends"])
        self.assertEqual([way.kind for way in filed.ways], ["spot-level"])
        self.assertIn("end-round", [step.key for step in filed.ways[0].steps])

    def test_another_neck_and_new_wire_are_never_added_up(self) -> None:
        legs = [Leg("new-neck", ""), Leg("refret", ""), Leg("spot-level", ""), Leg("saddle", "")]
        self.assertEqual([leg.way for leg in _one_neck(legs)], ["new-neck", "saddle"])

    def test_reading_on_costs_nothing(self) -> None:
        facts = facts_with(*gaps(0.15))
        self.assertEqual([way.kind for way in facts.ways], ["read"])
        self.assertIsNone(facts.whole.price.total)
        self.assertNotIn("costs", proposed("letter", facts).text)

    def test_a_rod_that_was_turned_is_told_and_no_look_lies_in_the_past(self) -> None:
        turned = RodMove(turns=0.25, at="2026-03-01T10:00:00")
        report = proposed("work", facts_with(*FINE, turned))
        self.assertIn("The truss rod was turned.", report.text)
        self.assertNotIn("nothing was changed", report.text)
        self.assertNotIn("8 March 2026", report.text)
        self.assertIn("nothing was changed", proposed("work", facts_with(*FINE)).text)


class OnThePage(unittest.TestCase):
    def test_nothing_is_cut_whatever_the_name(self) -> None:
        facts = facts_of(13)
        for name in NAMES:
            for kind in PAPERS if EVERY else ("letter", "quote"):
                if kind == "bench":
                    continue
                with self.subTest(name=name, kind=kind):
                    owner = Owner(name=name, address=f"{LONG}\nQuay 3")
                    document = pages(facts, kind, owner)
                    read = plain(text_of(document))
                    for word in (*name.split(), *LONG.split(), "Quay"):
                        self.assertIn(plain(word), read)
                    self.assertIn(plain(demo_shop().name), read)
                    self.assertIn(plain(demo_shop().closing), read)
                    self._inside(document)

    def _inside(self, document: Any) -> None:
        for page in document:
            wide, high = page.get_size()
            text = page.get_textpage()
            for n in range(text.count_chars()):
                left, low, right, top = text.get_charbox(n)
                if right > left:
                    self.assertTrue(left > 50 and right < wide - 50, (left, right))
                    self.assertTrue(low > 30 and top < high - 30, (low, top))

    def test_words_after_a_name_that_runs_from_right_to_left_are_there(self) -> None:
        """The library goes on in the other font after such letters; without care what follows is
        lost from the page."""
        facts = facts_of(13)
        for name in NAMES[1:]:
            made = proposed("letter", facts)
            made = msgspec.structs.replace(
                made, text=f"{name}\n\nAfter it {name} goes on, Æ.\n\nEnd"
            )
            owner = Owner(name=name, address="Quay 3")
            paper = laid_out(made, facts.neck, owner, facts.shop, facts.figures, facts.day)
            read = text_of(pypdfium2.PdfDocument(pdf_of(paper)))
            for said in ("Quay 3", "3 March 2026", "After it", "goes on, Æ.", "End"):
                self.assertIn(said, read)

    def test_every_sentence_and_cell_is_on_the_page(self) -> None:
        for number in (0, 8, 11, 13, 14) if EVERY else (0, 13):
            facts = facts_of(number)
            for kind in PAPERS:
                with self.subTest(neck=number + 1, kind=kind):
                    made = proposed(kind, facts)
                    document = pages(facts, kind)
                    read = plain(text_of(document))
                    for part in made.text.split("\n\n"):
                        if not part.startswith("["):
                            self.assertIn(plain(part), read)
                    for rows in made.tables.values():
                        for cell in (cell for row in rows for cell in row):
                            self.assertIn(plain(cell), read)
                    self._inside(document)
                    self.assertEqual(len(document), 1 if kind != "bench" else len(document))
                    self.assertNotRegex(made.text, VERDICTS)

    def test_24_frets_and_both_hands(self) -> None:
        neck = neck_with(frets=24, joint_fret=16)
        tops = tuple(tuple(0.01 * (n % 5) for n in range(24)) for _ in range(3))
        drawn = draw_neck(neck, NeckPicture(tops, (3, 24)))
        names = {mark.text: mark.x for mark in drawn.marks}
        self.assertTrue({"3", "12", "24"} <= set(names))
        self.assertLess(names["3"], names["24"])
        other = msgspec.structs.replace(neck, nut_on_right=True)
        mirrored = draw_neck(other, NeckPicture(tops, (3, 24)))
        mirrored_names = {mark.text: mark.x for mark in mirrored.marks}
        self.assertGreater(mirrored_names["3"], mirrored_names["24"])
        for drawing in (drawn, mirrored):
            for stroke in drawing.strokes:
                self.assertTrue(0 <= min(stroke.x1, stroke.x2) <= drawing.width)
                self.assertTrue(0 <= min(stroke.y1, stroke.y2) <= drawing.height)

    def test_a_font_without_a_sign_is_said(self) -> None:
        facts = facts_of(13)
        made = Letter(paper="letter", text="A \u4e2d here", tables={})
        self.assertEqual(unset(made, None, facts.shop, facts.neck), "\u4e2d")
        self.assertEqual(unset(proposed("letter", facts), None, facts.shop, facts.neck), "")


class Wording(unittest.TestCase):
    def test_every_way_has_words_for_an_owner(self) -> None:
        self.assertEqual(set(WAYS), set(kinds.WAYS))
        for said in WAYS.values():
            self.assertNotRegex(say(said), VERDICTS)

    def test_a_text_becomes_headings_paragraphs_tables_and_drawings(self) -> None:
        text = "Head\n\nA sentence.\n\n[rows]\n\n[neck]\n\n[unknown]\n\nGreetings"
        found = blocks_of(text, {"rows": (("a", "b"),)}, {"neck": Drawing(10, 10)})
        kinds_found = [type(one) for one in found]
        self.assertEqual(kinds_found, [Heading, Paragraph, PaperTable, Drawing, Paragraph])
        self.assertEqual(blocks_of("", {}, {}), ())

    def test_the_letter_says_price_years_advice_and_limits(self) -> None:
        facts = facts_of(13)
        made = proposed("letter", facts)
        for said in ("What we recommend", "What we can't promise", "grooves", "For comparison"):
            self.assertIn(said, made.text)
        self.assertIn("€", made.tables["ways"][1][2])

    def test_every_way_says_what_it_cures(self) -> None:
        self.assertEqual(set(CURES), set(kinds.WAYS))
        for number in range(len(demo_jobs())):
            facts = facts_of(number)
            table = proposed("letter", facts).tables["ways"]
            self.assertTrue(all(all(cell for cell in row) for row in table), number)

    def test_ready_for_you(self) -> None:
        """Before and after as pictures and figures, what was cured, care, the next look, the
        sum that was agreed; nothing of the bench's own words.
        """
        made = proposed("ready", facts_of(12))
        self.assertTrue(made.text.startswith("Dear ") or made.text.startswith("Hello"))
        for part in ("What you will notice", "How to keep it", "When to look again", "[changes]"):
            self.assertIn(part, made.text)
        self.assertEqual(len(made.picture.tops_mm), 3)
        self.assertNotRegex(made.text, r"\b(leaf|tops|crown-few|spot-level|course)\b")
        facts = facts_with(
            *FINE, Chosen(way="saddle"), StringHeight(side="bass", fret=12, height_mm=1.8)
        )
        told = proposed("ready", facts)
        self.assertIn("[before]", told.text)
        head, *rows = told.tables["changes"]
        self.assertEqual(len(head), 3)
        self.assertIn("not measured", {cell for row in rows for cell in row})

    def test_pictures_of_how_it_came_and_left(self) -> None:
        """A photo by its name in the text, its words beside it; what is no photo leaves them."""

        def jpeg(grey: int) -> bytes:
            from PIL import Image

            out = io.BytesIO()
            Image.new("L", (60, 40), grey).save(out, "JPEG")
            return out.getvalue()

        entries = [
            *FINE,
            Note(text="grooves", photo=jpeg(80)),
            Chosen(way="saddle"),
            Note(text="crowned", photo=jpeg(200)),
        ]
        facts = facts_with(*entries)
        self.assertEqual([name for name, _ in facts.photos], ["photo in", "photo out"])
        made = proposed("ready", facts)
        self.assertIn("[photo in]\n\n[photo out]", made.text)
        self.assertNotIn("[photo out]", proposed("letter", facts).text)
        sheet = laid_out(
            made, facts.neck, None, demo_shop(), facts.figures, "2026-03-20", photos=facts.photos
        )
        page = pypdfium2.PdfDocument(pdf_of(sheet))[0]
        kinds_found = [thing.type for thing in page.get_objects()]
        self.assertEqual(kinds_found.count(pypdfium2.raw.FPDF_PAGEOBJ_IMAGE), 2)
        self.assertIn("As it came in. grooves", page.get_textpage().get_text_range())
        broken = (("photo in", Note(text="grooves", photo=b"no picture")),)
        bare = laid_out(made, facts.neck, None, demo_shop(), facts.figures, "2026-03-20", broken)
        self.assertIn("grooves", text_of(pypdfium2.PdfDocument(pdf_of(bare))))

    def test_letter_or_a4_by_the_place(self) -> None:
        self.assertTrue(Figures("en_US").us_letter)
        self.assertFalse(Figures("de_DE").us_letter)
        paper = laid_out(
            proposed("letter", facts_of(13)),
            facts_of(13).neck,
            None,
            demo_shop(),
            Figures("en_US"),
            "2026-03-20",
        )
        page = pypdfium2.PdfDocument(pdf_of(paper))[0]
        self.assertAlmostEqual(page.get_width(), 8.5 * 72, delta=0.5)

    def test_worth_is_figures(self) -> None:
        facts = facts_of(14)
        said = " ".join(say_all(worth_words(facts)))
        budget, total = Decimal(120), facts.whole.price.total
        assert total is not None
        apart = facts.figures.money(abs(total - budget))
        self.assertIn(f"{apart} {'over' if total > budget else 'within'} it", said)
        self.assertIn("It would sell for €50.00 more than now.", said)
        self.assertNotRegex(say(said), VERDICTS)
        self.assertEqual(facts.dealings.worth.new_neck, Decimal(95))
        self.assertEqual(Worth().budget, None)

    def test_figures_as_the_place_writes_them(self) -> None:
        """As the Unicode CLDR gives them for Germany, France and the United States (values from
        memory)."""
        amount = Decimal("1234.5")
        for locale, money, day in (
            ("de_DE", "1.234,50\u00a0€", "3. März 2026"),
            ("fr_FR", "1\u202f234,50\u00a0€", "3 mars 2026"),
            ("en_US", "€1,234.50", "March 3, 2026"),
        ):
            f = Figures(locale, currency="EUR")
            self.assertEqual((f.money(amount), f.day("2026-03-03T10:00:00")), (money, day))
        german = Figures("de_DE", Unit.THOU)
        self.assertEqual(say(german.length(0.3302)), "0,013 in")
        self.assertEqual(
            german.localised("0.12 mm. Until 2026-03-03."), "0,12 mm. Until 3. März 2026."
        )
        self.assertEqual(known_locale("C.UTF-8"), known_locale("nowhere_XX"))
        self.assertFalse(is_locale("klingon"))
        self.assertEqual(Figures("en_GB", currency="shells").money(Decimal(3)), "3.00 shells")


class Courses(unittest.TestCase):
    def test_a_course_is_charged_its_materials_once(self) -> None:
        """Two ways that file: strings and paper once, and the steps they share paid once."""
        facts = facts_of(13)
        level, first = facts.plan.way("level"), facts.plan.way("crown-first")
        neck, pace, prices = facts.neck, facts.pace, facts.prices
        both = cost_of((first, level), neck, pace, prices).price
        # 180 and 140 are whole ways; 9.50 for strings and 4 for paper stand once.
        work = [item.amount for item in both.items[:2]]
        self.assertEqual(both.total, sum(work) + Decimal("13.50"))
        self.assertLess(sum(work), Decimal(320))
        self.assertGreater(min(work), Decimal(60))
        alone = [cost_of(one, neck, pace, prices) for one in (first, level)]
        together = cost_of((first, level), neck, pace, prices)
        spells = sum(one.spell.likely for one in alone)
        self.assertTrue(0.6 < together.spell.likely / spells < 0.9)

    def test_new_wire_holds_its_level(self) -> None:
        facts = facts_of(8)
        self.assertEqual([leg.way for leg in facts.plan.course], ["refret-true", "level"])
        self.assertEqual([way.kind for way in course_ways(facts.plan)], ["refret-true"])
        self.assertEqual([way.kind for way in course_ways(facts.plan, "leave")], ["leave"])

    def test_a_likely_second_pass_widens_the_price(self) -> None:
        facts = facts_of(14)
        for way in facts.plan.ways:
            cost = facts.cost(way)
            if cost.second_pass > 0.05 and cost.price.between is not None:
                once = pace_of(()).of([("file", 45.0)])
                self.assertGreater(cost.spell.most / cost.spell.likely, 1.05)
                self.assertGreater(once.most, 0.0)
                low, high = cost.price.between
                assert cost.price.total is not None
                self.assertTrue(low < cost.price.total < high)
                return
        self.fail("no way with a second pass")


class AtTheWindow(WindowCase):
    def opened(self) -> Any:
        window: Any = self.open_window(demo=True)
        from nuvrek.desktop.app import demo_settings

        window.app.change_quietly(demo_settings())
        window.stages["Shelf"]._open(13)
        window.show_stage("Owner")
        self.keys(window, "4")
        return window

    def test_words_are_changed_and_the_paper_is_kept_and_written(self) -> None:
        window = self.opened()
        papers = window.stages["Owner"].papers
        papers.text.setPlainText("A word of my own.\n\n[ways]")
        papers._set()
        self.wait_until(lambda: papers.pdf)
        self.assertIn("A word of my own.", text_of(pypdfium2.PdfDocument(papers.pdf)))
        path = self.folder / "out.pdf"
        papers.save(path)
        self.assertTrue(path.read_bytes().startswith(b"%PDF"))
        letters = window.app.session.neck_state.dealings.letters
        self.assertEqual(letters[-1][1].text, "A word of my own.\n\n[ways]")
        before = len(window.app.session.entries)
        papers.keep()
        self.assertEqual(len(window.app.session.entries), before)
        papers.kept.setCurrentIndex(papers.kept.findData(letters[0][0]))
        papers._show_kept()
        self.assertEqual(papers.letter().text, letters[0][1].text)
        self.assertTrue(papers.page.pixmap().height() > 200)

    def test_no_neck_gets_the_letter_of_another(self) -> None:
        """What stands on the page while a new one is made goes nowhere and is kept nowhere."""
        window = self.opened()
        papers = window.stages["Owner"].papers
        self.wait_until(lambda: papers.pdf)
        held: list[Any] = []
        window.app.reckon = lambda job, deliver: held.append((job, deliver))
        path, first = self.folder / "letter.pdf", window.app.session
        had = len(first.neck_state.dealings.letters)

        papers.text.setPlainText("Other words.")
        papers.save(path)
        self.assertFalse(path.exists())
        papers._set()
        other = next(row for row in window.app.book.necks() if row.id != first.neck_id)
        window.app.open(other)
        for _ in range(2):
            papers.save(path)
            self.assertFalse(path.exists())
            self.assertEqual(window.app.session.neck_state.dealings.letters, ())
            self.assertFalse(papers.pdf)
            # The first neck's page arrives, late.
            late = held.pop(0) if held else (lambda: None, lambda _made: None)
            late[1](late[0]())
        papers.keep()
        # What is kept by hand is about the neck it is kept with.
        kept = window.app.session.neck_state.dealings.letters[0][1]
        self.assertIn(other.neck.title, kept.text)
        window.show_stage("Shelf")
        window.show_stage("Owner")
        self.keys(window, "4")
        for make, deliver in held:
            deliver(make())
        self.assertTrue(papers.pdf and papers.save_it.isEnabled())
        papers.save(path)
        self.assertEqual(len(window.app.session.neck_state.dealings.letters), 1)
        self.assertEqual(len(first.neck_state.dealings.letters), had)

    def test_papers_name_nobody_in_their_file(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(13)
        window.show_stage("Owner")
        self.keys(window, "4")
        papers = window.stages["Owner"].papers
        papers.turn("bench")
        asked: list[str] = []
        papers._extras.ask_where = lambda name, *_rest: asked.append(name)
        papers._ask_save()
        self.assertEqual(asked, [f"bench-neck-14-{TIME[:10]}.pdf"])


class OnTheCommandLine(CliCase):
    def test_each_kind_is_written(self) -> None:
        path, settings = self.folder / "job.json", self.folder / "s.json"
        path.write_bytes(jobfile.dump(demo_jobs()[0]))
        status, _, err = self.run_cli(
            "report", path, "--kind", "quote", "-o", self.folder / "q.pdf", "--settings", settings
        )
        self.assertEqual((status, err.count("No price")), (2, 1))
        save(settings, Settings(prices=demo_prices(), shop=demo_shop()))
        for kind in PAPERS:
            out = self.folder / f"{kind}.pdf"
            status, _, err = self.run_cli(
                *("report", path, "--kind", kind, "-o", out, "--settings", settings),
                *("--locale", "de_DE", "--day", "2026-03-03"),
            )
            self.assertEqual((status, err), (0, ""), kind)
            self.assertIn("3. März 2026", text_of(pypdfium2.PdfDocument(out.read_bytes())))
        for wrong in (("--day", "soon"), ("--way", "magic"), ("--unit", "ells")):
            status, _, err = self.run_cli("report", path, "-o", out, "--settings", settings, *wrong)
            self.assertEqual((status, len(err.strip().split("\n"))), (2, 1), wrong)


if __name__ == "__main__":
    unittest.main()
