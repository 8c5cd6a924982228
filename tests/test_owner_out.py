"""An owner taken out stays out: whatever their name, and whatever is merged afterwards."""

import random
import unittest
from typing import Any

from hypothesis import given, settings
from hypothesis import strategies as st

from nuvrek.demo import demo_jobs
from nuvrek.logbook.joining.merging import merge, restore_neck
from nuvrek.logbook.joining.privacy import remove_owner
from nuvrek.logbook.joining.scrubbing import GONE, NamedOwner, saying, without, written_in
from nuvrek.logbook.on_disk.copies import make_copy, restore_all
from nuvrek.logbook.store import Logbook
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry, Describe, Note, Reading
from nuvrek.readings.journal import fold
from nuvrek.readings.owner.entries import Answered, Letter, Quote
from nuvrek.wording.speech import say
from tests.support import TIME, TempCase, neck_with
from tests.test_keeping import NOW, QUOTE

AWKWARD = (
    "Bass", "Level", "Slack", "Crown", "Rod Crown", "Jo", "A", "middle", "Middle", "rocks", "note",
    "Orla Finsterwick", "Ødegård Ünal", "O'Shea (older)", "Jan  van der Nut", "still", "edge",
)  # fmt: skip


class Words(unittest.TestCase):
    def test_whole_words_only_and_only_the_one_who_is_meant(self) -> None:
        named = NamedOwner("Orla Finsterwick", ("Wim Finsterwick", "Bo"))
        said = saying(named)
        for text, left in (
            ("Orla Finsterwick called", f"{GONE} called"),
            ("ORLA  FINSTERWICK's neck", f"{GONE}'s neck"),
            ("Frau Finsterwicks Hals", f"Frau {GONE}s Hals"),
            ("Wim Finsterwick, not Orla", f"Wim Finsterwick, not {GONE}"),
            ("Finsterwickson, Corolla, orlas", f"Finsterwickson, Corolla, {GONE}s"),
        ):
            self.assertEqual(said(text), left)
        bass = saying(NamedOwner("Jo Bass"))
        self.assertEqual(bass("Jo Bass said: bass side high"), f"{GONE} said: bass side high")
        self.assertEqual(saying(NamedOwner("Bass"))("bass side high"), "bass side high")

    def test_no_name_changes_what_the_program_wrote(self) -> None:
        """Whatever somebody is called: what was read, done and chosen stays, and reads back."""
        entries = [entry for job in demo_jobs() for entry in job.journal]
        for name in AWKWARD:
            for entry in entries:
                clean = without(entry, NamedOwner(name), photos=True)
                self.assertIs(type(clean), type(entry))
                if isinstance(entry, Reading):
                    self.assertEqual(clean, entry, name)


class TakenOut(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.book = self.made("bench")

    def made(self, name: str) -> Logbook:
        book = Logbook.make(self.folder / f"{name}.db")
        self.addCleanup(book.close)
        return book

    def laptop(self) -> Logbook:
        path = make_copy(self.book, NOW).rename(self.folder / "laptop.db")
        book = Logbook(path)
        self.addCleanup(book.close)
        return book

    def test_whatever_the_name(self) -> None:
        """Their name goes where it is a name, or it is said where to look; nothing else changes."""
        for name in AWKWARD:
            with self.subTest(name=name):
                job = demo_jobs()[13]
                neck = neck_with(title=f"{name}'s best", owner=name, complaint=f"so says {name}")
                mine = [*job.journal, Note(text=f"{name} rang; bass side, crown, level", at=TIME)]
                number = self.book.start(neck, TIME, mine)
                self.book.keep_owner(Owner(name=name, telephone="1"), TIME)
                done = remove_owner(self.book, name, False, TIME)
                after = self.book.entries(number)
                self.assertEqual([type(e) for e in after], [type(e) for e in mine])
                self.assertEqual(fold(neck, after).taken, fold(neck, mine).taken)
                left = self.book.row(number).neck
                self.assertEqual((left.owner, self.book.owner(name)), ("", None))
                texts = [text for value in (left, *after) for text in written_in(value)]
                if any(name in text for text in texts):
                    self.assertTrue(
                        any("may be meant" in say(told) for told in done.sayings), done.sayings
                    )
                self.assertEqual(say(self.book.check()), "")

    def test_another_of_the_same_family_stays(self) -> None:
        for first in ("Orla", "Wim"):
            name = f"{first} Finsterwick"
            self.book.start(neck_with(title=name, owner=name), TIME, [Note(text=name, at=TIME)])
            self.book.keep_owner(Owner(name=name), TIME)
        both = Note(text="Wim Finsterwick fetches it for Orla", at=TIME)
        self.book.append(self.book.stand(1), both)
        remove_owner(self.book, "Orla Finsterwick", False, TIME)
        self.assertEqual(self.book.row(2).neck.owner, "Wim Finsterwick")
        self.assertEqual(self.book.entries(2), [Note(text="Wim Finsterwick", at=TIME)])
        said: Any = self.book.entries(1)[-1]
        self.assertEqual(said.text, f"Wim Finsterwick fetches it for {GONE}")

    def test_no_copy_and_no_laptop_brings_them_back(self) -> None:
        name = "Orla Finsterwick"
        mine: list[AnyEntry] = [
            QUOTE,
            Answered(quote=1, says="accepted", words="go on", at=TIME),
            Letter(paper="letter", text="Dear Orla", tables={}, at=TIME),
        ]
        self.book.start(neck_with(title="hers", owner=name), TIME, mine)
        self.book.keep_owner(Owner(name=name, telephone="1"), TIME)
        laptop = self.laptop()
        # On the way she goes on being their owner, and says more.
        laptop.append(
            laptop.stand(1),
            Describe(neck=neck_with(title="Orla's", owner=name), at="2026-03-05T10:00:00"),
            Answered(quote=1, says="refused", words="too dear", at="2026-03-05T11:00:00"),
        )
        remove_owner(self.book, name, False, "2026-03-04T10:00:00")
        for _ in range(2):
            merge(self.book, laptop.path)
            entries = self.book.entries(1)
            self.assertEqual([type(one) for one in entries].count(Quote), 1)
            self.assertEqual(len(entries), 5)
            self.assertEqual(self.book.owners(), {})
            texts = [text for value in entries for text in written_in(value)]
            self.assertFalse([text for text in texts if "Orla" in text or "dear" in text], texts)
        # She comes again: that is another word, and stays.
        self.book.keep_owner(Owner(name=name, telephone="2"), "2026-06-01T10:00:00")
        merge(self.book, laptop.path)
        self.assertEqual(self.book.owners(), {name: Owner(name=name, telephone="2")})
        # Nor does putting back from a copy that nobody cleaned.
        restore_neck(self.book, laptop.path, self.book.stand(1))
        self.assertEqual(self.book.row(1).neck.owner, "")
        # And the laptop forgets when it takes the bench in.
        merge(laptop, self.book.path)
        self.assertEqual(
            (laptop.row(1).neck.owner, laptop.owner(name)), ("", Owner(name=name, telephone="2"))
        )
        laptop.close()
        for file in self.folder.glob("laptop.db*"):
            self.assertNotIn(b"too dear", file.read_bytes())

    def test_all_put_back_from_elsewhere_keeps_out_whom_was_taken_out(self) -> None:
        name = "Orla Finsterwick"
        self.book.start(neck_with(owner=name), TIME, [Note(text="x", at=TIME)])
        self.book.keep_owner(Owner(name=name), TIME)
        laptop = self.laptop()
        remove_owner(self.book, name, False, TIME)
        restore_all(self.book, laptop.path, NOW)
        self.assertEqual((self.book.row(1).neck.owner, self.book.owners()), ("", {}))

    @given(st.integers(0, 10**9))
    @settings(max_examples=25, deadline=None)
    def test_three_logbooks_forget_alike_in_whatever_order_they_meet(self, seed: int) -> None:
        pick, name = random.Random(seed), "Orla Finsterwick"
        books = []
        base = [Note(text=f"{n} for Orla", at=TIME) for n in range(2)]
        for n in range(3):
            path = self.folder / f"{seed}-{n}.db"
            path.unlink(missing_ok=True)
            books.append(Logbook.make(path))
            uid = f"{seed:032x}"
            books[n].start(neck_with(title="hers", owner=name), TIME, base, uid)
            books[n].keep_owner(Owner(name=name), TIME)
        try:
            for n, book in enumerate(books):
                for m in range(pick.randrange(3)):
                    said = pick.choice(["Orla rang", "no name", "Finsterwick!"])
                    at = f"2026-03-0{pick.randrange(4, 8)}T10:0{n}:0{m}"
                    book.append(book.stand(1), Note(text=said, at=at))
            for book in pick.sample(books, pick.randrange(1, 3)):
                remove_owner(book, name, pick.random() < 0.5, "2026-03-09T10:00:00")
            for _ in range(3):
                for one, other in pick.sample(
                    [(a, b) for a in books for b in books if a is not b], 6
                ):
                    merge(one, other.path)
            self.assertEqual(books[0].entries(1), books[1].entries(1))
            self.assertEqual(books[0].entries(1), books[2].entries(1))
            for book in books:
                texts = [t for e in book.entries(1) for t in written_in(e)]
                self.assertFalse([t for t in texts if "Orla" in t or "Finster" in t], texts)
                self.assertEqual((book.owners(), book.row(1).neck.owner), ({}, ""))
        finally:
            for book in books:
                book.close()


if __name__ == "__main__":
    unittest.main()
