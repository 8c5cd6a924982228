"""A model of a logbook (plain lists) and the real one get the same random acts from three windows
or benches, with failures between, and agree.
"""

import os
import random
import unittest
from collections import Counter
from collections.abc import Sequence
from contextlib import closing, suppress
from typing import Any
from unittest import mock

from nuvrek.bench.session import Session
from nuvrek.logbook.benches.bench_copy import BenchCopy
from nuvrek.logbook.benches.carrying import Carrier
from nuvrek.logbook.benches.server import ServerLogbook
from nuvrek.logbook.errors import NeckChanged, ServerLost
from nuvrek.logbook.joining.merging import merge, restore_neck
from nuvrek.logbook.on_disk.copies import make_copy, restore_all
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.readings.entries import AnyEntry, Note, Strike
from nuvrek.wording.speech import say
from tests import postgres
from tests.support import NECK, TIME, TempCase, neck_with
from tests.test_keeping import NOW
from tests.test_server import CUT, TABLES, ServerCase, keep_day, put_back_day

RUNS = int(os.environ.get("NUVREK_RANDOM", "6"))
ACTS = 60


def told(entries: Sequence[AnyEntry]) -> list[str]:
    """What stands in a journal, strikes and notes by what they are about."""
    said = []
    for entry in entries:
        if isinstance(entry, Note):
            about = entries[entry.about - 1] if entry.about else None
            said.append(f"{entry.text}({getattr(about, 'text', '')})")
        elif isinstance(entry, Strike):
            said.append(f"-{getattr(entries[entry.entry - 1], 'text', '?')}")
    return said


class ThreeWindowsOnOneFile(TempCase):
    def test_as_the_model_has_it(self) -> None:
        for seed in range(RUNS):
            with self.subTest(seed=seed):
                self.run_of(seed)

    def run_of(self, seed: int) -> None:
        pick, path = random.Random(seed), self.folder / f"book-{seed}.db"
        books = [Logbook.make(path) for _ in range(3)]
        for book in books:
            self.addCleanup(book.close)
        model: dict[int, list[str]] = {}
        for n in range(2):
            number = books[0].start(neck_with(title=str(n)), TIME)
            model[number] = []
        sessions = [
            {n: Session(book, n, NECK, lambda: TIME, "Work") for n in model} for book in books
        ]
        copies: list[tuple[Any, dict[int, list[str]]]] = []
        for act in range(ACTS):
            who, number = pick.randrange(3), pick.choice([*model])
            book, session = books[who], sessions[who][number]
            match pick.randrange(12):
                case 0:
                    made = make_copy(book, NOW.replace(minute=act))
                    copies.append((made, {n: list(one) for n, one in model.items()}))
                case 1 if copies:
                    made, then = pick.choice(copies)
                    restore_neck(book, made, book.stand(number))
                    model[number] = list(then[number])
                case 2 if copies:
                    made, then = pick.choice(copies)
                    restore_all(book, made, NOW.replace(hour=15, minute=act))
                    model = {n: list(one) for n, one in then.items()}
                case 3 if copies:
                    # What a copy holds is a beginning of a journal, or of one that was put back.
                    made, then = pick.choice(copies)
                    merge(book, made)
                    for n in model:
                        both = Counter(model[n]) | Counter(then[n])
                        model[n] = told(book.entries(n))
                        self.assertEqual(Counter(model[n]), both, (seed, act))
                case _:
                    self.write(pick, session, model[number], act)
            for n, said in model.items():
                self.assertEqual(told(books[pick.randrange(3)].entries(n)), said, (seed, act))
        self.assertEqual(say(books[0].check()), "")

    def write(self, pick: random.Random, session: Session, said: list[str], act: int) -> None:
        """An act at a window: it stands on what is there, or is refused and then stands on it."""
        undo = pick.random() < 0.25 and session.undoable().act is not None
        for _ in range(4):
            stood = told(session.entries) == said
            try:
                if undo:
                    session.undo()
                else:
                    session.append(Note(text=str(act), about=len(session.entries) or None))
            except NeckChanged:
                self.assertFalse(stood)
                continue
            except LogbookError as error:
                self.assertIn("another bench or window", str(error))
                continue
            self.assertTrue(stood, "written on a journal that was another")
            said[:] = told(session.entries)
            return
        self.fail("never written")


class ThreeBenchesOnOneServer(ServerCase):
    def test_as_the_model_has_it(self) -> None:
        for seed in range(RUNS):
            with self.subTest(seed=seed):
                self.run_of(seed)

    def run_of(self, seed: int) -> None:
        pick = random.Random(seed)
        with closing(ServerLogbook(self.address)):
            postgres.tell(self.address, f"TRUNCATE {', '.join(TABLES)}")
        benches = [self.bench(f"{seed}-{n}") for n in range(3)]
        model: dict[str, Counter[str]] = {}
        saved = False
        for act in range(ACTS):
            who = pick.randrange(3)
            copy, line = benches[who]
            match pick.randrange(20):
                case 0 | 1 | 2 | 3 | 4 | 5:
                    self.go(pick, line)
                case 6 if not saved:
                    # An older day of the server is kept, and later put in its place.
                    keep_day(self.address)
                    saved = True
                case 7 if saved:
                    put_back_day(self.address)
                    saved = False
                case 8 | 9 if len(model) < 4:
                    number = copy.start(neck_with(title=str(act)), TIME)
                    model[copy.uid(number)] = Counter()
                case _ if copy.numbers():
                    number = pick.choice(copy.numbers())
                    session = Session(copy, number, NECK, lambda: TIME, "Work")
                    word = f"{who}.{pick.randrange(5)}"
                    if pick.random() < 0.2 and session.undoable().act is not None:
                        with suppress(LogbookError):
                            session.undo()
                            continue
                        session.undo()
                    else:
                        session.append(Note(text=word, about=len(session.entries) or None))
                        model[copy.uid(number)][word] += 1
        for _ in range(6):
            for _, line in benches:
                with suppress(ServerLost):
                    line.go()
        there = ServerLogbook(self.address)
        self.addCleanup(there.close)
        self.assertEqual(there.wrong_marks(), [])
        for copy, _ in benches:
            self.assertEqual(copy.counts(), (0, 0))
            self.assertEqual(copy.wrong_marks(), [])
        for row in there.necks():
            uid = there.uid(row.id)
            entries = there.entries(row.id)
            # Every act once, whoever wrote it and whatever broke; none that nobody wrote.
            self.assertEqual(
                Counter(e.text for e in entries if isinstance(e, Note)), model[uid], seed
            )
            for copy, _ in benches:
                number = copy.number_of(uid)
                assert number is not None
                self.assertEqual(copy.entries(number), entries, seed)
        self.assertEqual(len(there.necks()), len(model))
        postgres.tell(self.address, f"TRUNCATE {', '.join(TABLES)}")

    def go(self, pick: random.Random, line: Carrier) -> None:
        """There and back, with what may happen on the way."""
        match pick.randrange(6):
            case 0:
                # Every line to the server is cut.
                postgres.tell(self.address, CUT)
                with suppress(ServerLost):
                    line.go()
            case 1:
                # Written there, and killed before it is known here.
                with mock.patch.object(Carrier, "_done", side_effect=_Killed), suppress(_Killed):
                    line.go()
            case 2:
                # Killed before it is written there.
                with mock.patch.object(Carrier, "_writer", side_effect=_Killed), suppress(_Killed):
                    line.go()
            case 3:
                # Killed while what others wrote is brought.
                broken = mock.patch.object(BenchCopy, "note_own", side_effect=_Killed)
                with broken, suppress(_Killed, ServerLost):
                    line.go()
            case _:
                with suppress(ServerLost):
                    line.go()


class _Killed(BaseException):
    """The program is gone."""


if __name__ == "__main__":
    unittest.main()
