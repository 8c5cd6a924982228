"""Benches that are killed while they write and carry, on a server that is killed, hangs and is put
back: what was told as written is there in the end, once.
"""

import os
import random
import signal
import time
import unittest
from collections import Counter
from contextlib import closing, suppress
from datetime import datetime
from pathlib import Path
from unittest import mock

from nuvrek.bench.session import Session
from nuvrek.bench.settings import Settings
from nuvrek.bench.shop_settings import keep_shop
from nuvrek.bench.working.archive import everything_in_archive, packed
from nuvrek.exchange.files import write_whole
from nuvrek.logbook.benches import server_connection
from nuvrek.logbook.benches.bench_copy import BenchCopy
from nuvrek.logbook.benches.carrying import Carrier
from nuvrek.logbook.benches.server import ServerLogbook
from nuvrek.logbook.errors import LogbookError
from nuvrek.logbook.joining.merging import merge, restore_neck
from nuvrek.logbook.joining.privacy import remove_owner
from nuvrek.logbook.on_disk.copies import make_copy, restore_all
from nuvrek.logbook.store import Logbook
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import Note
from nuvrek.wording.speech import say
from tests import postgres
from tests.support import NECK, TIME, TempCase, neck_with
from tests.test_kills import forked
from tests.test_server import CUT, ServerCase, keep_day, put_back_day

KILLS = int(os.environ.get("NUVREK_KILLS", "9"))


class Storm(ServerCase):
    """Three benches, each a process of its own, killed again and again."""

    def test_what_was_told_is_there_once(self) -> None:
        with closing(ServerLogbook(self.address)) as book:
            self.number = book.start(NECK, TIME)
        paths = [self.folder / f"bench-{n}" / "logbook.db" for n in range(3)]
        for path in paths:
            copy = BenchCopy.of(self.address, path)
            with closing(Carrier(copy.again())) as line:
                line.go()
            copy.close()
        pick, told, laps = random.Random(11), Counter[str](), 0
        quick = mock.patch.multiple(server_connection, _STATEMENT_S=0.5, _MANY_S=0.5)
        with quick:
            while laps < KILLS:
                # Of every storm one thing happens to the server while all three write.
                children = [self.writer(path, laps + n) for n, path in enumerate(paths)]
                laps += 3
                time.sleep(pick.uniform(0.05, 0.3))
                self.befall(pick)
                for child, heard in children:
                    os.kill(child, signal.SIGKILL)
                    os.waitpid(child, 0)
                    with os.fdopen(heard) as said:
                        told.update(line.strip() for line in said if line.endswith("\n"))
        self.check(paths, told)

    def writer(self, path: Path, lap: int) -> tuple[int, int]:
        heard, tells = os.pipe()

        def write() -> None:
            os.close(heard)
            copy = BenchCopy.of(self.address, path)
            session = Session(copy, self.number, NECK, lambda: TIME, "Work")
            line = Carrier(copy.again())
            for n in range(10_000):
                with suppress(LogbookError):
                    word = f"{path.parent.name}.{lap}.{n}"
                    session.append(Note(text=word, about=len(session.entries) or None))
                    os.write(tells, f"{word}\n".encode())
                with suppress(LogbookError):
                    line.go()

        child = forked(write)
        os.close(tells)
        return child, heard

    def befall(self, pick: random.Random) -> None:
        match pick.randrange(5):
            case 4:
                keep_day(self.address)
                time.sleep(pick.uniform(0.05, 0.4))
                put_back_day(self.address)
            case 0:
                postgres.stop()
                time.sleep(0.1)
                postgres.start()
            case 1:
                postgres.freeze(True)
                time.sleep(pick.uniform(0.1, 0.8))
                postgres.freeze(False)
            case 2:
                postgres.tell(self.address, CUT)
            case _:
                time.sleep(0.2)

    def check(self, paths: list[Path], told: Counter[str]) -> None:
        copies = [BenchCopy.of(self.address, path) for path in paths]
        lines = [Carrier(copy.again()) for copy in copies]
        for one in (*lines, *copies):
            self.addCleanup(one.close)
        for _ in range(4):
            for line in lines:
                with suppress(LogbookError):
                    line.go()
        with closing(ServerLogbook(self.address)) as book:
            entries = book.entries(self.number)
            self.assertEqual(book.wrong_marks(), [])
        said = Counter(one.text for one in entries if isinstance(one, Note))
        self.assertEqual([one.why for copy in copies for one in copy.waiting()], [])
        self.assertGreater(len(told), KILLS)
        self.assertEqual(set(told) - set(said), set())
        self.assertEqual(set(said.values()), {1})
        for copy in copies:
            self.assertEqual((copy.counts(), copy.entries(self.number)), ((0, 0), entries))
            self.assertEqual(say(copy.check()), "")


class Killed(TempCase):
    """Everything that changes all of a logbook: whole or not at all, whenever it is killed."""

    def made(self, path: Path) -> Logbook:
        book = Logbook.make(path)
        for n in range(3):
            notes = [Note(text=f"{n}.{m} for Orla", at=TIME) for m in range(120)]
            book.start(neck_with(title=str(n), owner="Orla Finsterwick"), TIME, notes)
        book.keep_owner(Owner(name="Orla Finsterwick"), TIME)
        return book

    def state(self, book: Logbook) -> tuple[object, ...]:
        journals = tuple(tuple(book.entries(row.id)) for row in book.necks())
        necks = tuple(row.neck for row in book.necks())
        return necks, journals, tuple(book.owners()), tuple(sorted(book.shop().items()))

    def test_each_change_is_whole_or_not_at_all(self) -> None:
        now = datetime(2026, 3, 3, 14)
        start = self.folder / "start.db"
        book = self.made(start)
        copy = make_copy(book, now)
        laptop = copy.rename(self.folder / "laptop.db")
        with closing(Logbook(laptop)) as other:
            for row in other.necks():
                other.append(other.stand(row.id), *(Note(text=str(n), at=TIME) for n in range(200)))
        priced = Settings(week_hours=33.0)
        changes = (
            lambda one: merge(one, laptop),
            lambda one: restore_all(one, laptop, now),
            lambda one: restore_neck(one, laptop, one.stand(2)),
            lambda one: remove_owner(one, "Orla Finsterwick", True, TIME),
            lambda one: keep_shop(one, Settings(), priced, TIME),
        )
        book.become_one_file()
        before = self.state(book)
        book.close()
        pristine, pick = start.read_bytes(), random.Random(12)
        seen = Counter[tuple[int, bool]]()
        for lap in range(max(KILLS, len(changes) * 2)):
            which = lap % len(changes)
            done = self.folder / f"done-{which}" / "book.db"
            if not done.exists():
                done.parent.mkdir()
                done.write_bytes(pristine)
                with closing(Logbook(done)) as one:
                    changes[which](one)
            path = self.folder / f"lap-{lap}" / "book.db"
            path.parent.mkdir()
            path.write_bytes(pristine)
            child = forked(lambda path=path, which=which: changes[which](Logbook(path)))
            time.sleep(pick.uniform(0.0, 0.12))
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            with closing(Logbook(path)) as one, closing(Logbook(done)) as other:
                found, whole = self.state(one), self.state(other)
                self.assertIn(found, (before, whole), which)
                self.assertEqual(say(one.check()), "")
                seen[which, found == whole] += 1
        self.assertEqual({which for which, _ in seen}, set(range(len(changes))))

    def test_an_archive_is_the_old_one_or_the_new(self) -> None:
        book = self.made(self.folder / "book.db")
        self.addCleanup(book.close)
        path, pick = self.folder / "all.zip", random.Random(13)
        write_whole(path, packed(book)[0])
        held = 120
        for lap in range(max(KILLS // 3, 3)):
            book.append(book.stand(1), Note(text=str(lap), at=TIME))
            data = packed(book)[0]
            child = forked(lambda data=data: [write_whole(path, data) for _ in range(1000)])
            time.sleep(pick.uniform(0.0, 0.05))
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            before, held = held, len(everything_in_archive(path).necks[0].entries)
            self.assertIn(held, (before, 121 + lap))


if __name__ == "__main__":
    unittest.main()
