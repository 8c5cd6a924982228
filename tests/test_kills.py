"""The program is killed while it writes, the disk is full, several windows write at once: each act
and each file is there whole or not at all.

``NUVREK_KILLS=1000`` makes it a thousand kills; without it two dozen suffice.
"""

import json
import os
import random
import resource
import signal
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

from msgspec import structs

from nuvrek.bench.session import Session
from nuvrek.bench.settings import Settings, load, save
from nuvrek.bench.working.job import tick
from nuvrek.exchange.files import write_whole
from nuvrek.logbook.on_disk.salvage import salvage
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.planning.steps.step import Action, Step
from nuvrek.readings.entries import (
    Agreed,
    AnyEntry,
    Chosen,
    CrownHeight,
    Describe,
    FretWork,
    Heard,
    NewWire,
    Note,
    OthersClean,
    RodMove,
    RoundStart,
    Strike,
    Trued,
)
from nuvrek.readings.kinds.work import JPEG_BEGINS
from nuvrek.wording.speech import say, say_all
from tests.support import NECK, TempCase

CROWN = CrownHeight(lane="bass", fret=3, height_mm=1.1)
KILLS = int(os.environ.get("NUVREK_KILLS", "24"))
STEPS: tuple[tuple[Action, int], ...] = (("heat", 2), ("seat", 3), ("slack", 2), ("tick", 1))


def one_act(session: Session, pick: random.Random) -> int:
    """Write one act of a random kind; returns of how many entries it should be."""
    crown = CrownHeight(lane="bass", fret=pick.randrange(1, 20), height_mm=1.1)
    acts: tuple[tuple[AnyEntry, ...], ...] = (
        (crown,),
        (RoundStart(name="basic"), crown),
        (crown,) * 60,
        (
            Agreed(untouched=(7,)),
            Describe(neck=structs.replace(NECK, height_low_mm=1.5, height_high_mm=1.4)),
        ),
        (Agreed(), Chosen(way="spot-level", frets=(5,))),
        (RodMove(turns=0.125, side="bass"), RodMove(turns=-0.125, side="treble")),
        (Heard(string=1, fret=3, says="buzzes"), OthersClean(string=1, frets=(1, 2))),
        (NewWire(frets=(4, 5)), Chosen(way="refret-some", frets=(4, 5))),
        (FretWork(stage="pull", frets=(4, 5)), FretWork(stage="fit", frets=(4, 5), crown_mm=1.2)),
        (Trued(off=((4, "bass", 0.1), (5, "bass", 0.1))),),
        (Note(text="a long photo", photo=JPEG_BEGINS + b"x" * 200_000),),
    )
    if pick.random() < 0.3:
        action, count = pick.choice(STEPS)
        tick(session, Step("step", "A step", "", 1, action, (4, 5)))
        return count
    if pick.random() < 0.2 and session.undoable().act is not None:
        before = len(session.entries)
        session.undo()
        return len(session.entries) - before
    act = pick.choice(acts)
    session.append(*act)
    return len(act)


def write_until_killed(path: Path, neck: int, told: int, seed: int) -> None:
    """The child: one act after the other, each with its size told once it is on disk."""
    pick = random.Random(seed)
    book = Logbook.make(path)
    session = Session(book, neck, NECK, lambda: "2026-03-03T10:00:00")
    os.write(told, b"0 0 0\n")
    while True:
        if len(session.entries) > 600:
            session = Session(book, book.start(NECK, "", (CROWN,) * 50), NECK, lambda: "")
        first = len(session.entries) + 1
        size = one_act(session, pick)
        os.write(told, f"{session.neck_id} {first} {size}\n".encode())


class Kills(TempCase):
    def test_each_act_is_there_whole_or_not_at_all(self) -> None:
        path = self.folder / "book.db"
        book = Logbook.make(path)
        neck = book.start(NECK, "")
        book.close()
        pick = random.Random(7)
        acts = 0
        for lap in range(KILLS):
            said = self.killed_after(path, neck, pick.randrange(8), pick.uniform(0.0, 0.01), lap)
            book = Logbook.make(path)
            # The neck that was written to, and the one that may have been started last of all.
            for number in {neck, *(n for n, _, _ in said), max(row.id for row in book.necks())}:
                journal = book.journal(number, photos=False)
                self.assertEqual(say_all(journal.damage), ())
                sizes = self.groups(journal.entries)
                # What was told as written is there in the size it was told in.
                for told, first, size in said:
                    if told == number:
                        self.assertEqual(sizes.get(first), size, (lap, first))
                        acts += 1
                # The last act may have reached the disk untold, but no part of it alone.
                self.check_last(journal.entries)
            if len(book.entries(neck)) > 500:
                neck = book.start(NECK, "")
            book.close()
        self.assertGreater(acts, KILLS)

    def killed_after(
        self, path: Path, neck: int, acts: int, seconds: float, seed: int
    ) -> list[tuple[int, int, int]]:
        heard, told = os.pipe()
        child = os.fork()
        if child == 0:
            try:
                os.close(heard)
                write_until_killed(path, neck, told, seed)
            finally:
                os._exit(1)
        os.close(told)
        # Acts are counted, not seconds: on a busy machine a second holds none. Then it dies
        # somewhere in the next one.
        with os.fdopen(heard, "rb") as pipe:
            lines = [pipe.readline().decode().strip() for _ in range(acts + 1)]
            time.sleep(seconds)
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            lines += pipe.read().decode().split("\n")[:-1]
        return [(int(a), int(b), int(c)) for a, b, c in (line.split() for line in lines[1:])]

    @staticmethod
    def groups(entries: list[AnyEntry]) -> dict[int, int]:
        """The size of each act by the number of its first entry."""
        sizes: dict[int, int] = {}
        first = 0
        for number, entry in enumerate(entries, 1):
            first = first if entry.joined else number
            sizes[first] = sizes.get(first, 0) + 1
        return sizes

    def check_last(self, entries: list[AnyEntry]) -> None:
        sizes = self.groups(entries)
        if not sizes:
            return
        first = max(sizes)
        act = entries[first - 1 :]
        kinds = {type(entry) for entry in act}
        whole = {1, 2, 3, 60} if Strike not in kinds else set(range(1, 61))
        self.assertIn(sizes[first], whole)
        if isinstance(act[0], CrownHeight) and len(act) > 1:
            self.assertEqual(len(act), 60)


def forked(work: Callable[[], None]) -> int:
    """Does ``work`` in a process of its own, which ends with 0 if nothing was raised."""
    child = os.fork()
    if child == 0:
        status = 1
        try:
            work()
            status = 0
        finally:
            os._exit(status)
    return child


class KilledFiles(TempCase):
    """Settings, exports and salvage, killed at any moment."""

    def killed(self, work: Callable[[], None], seconds: float) -> None:
        def forever() -> None:
            while True:
                work()

        child = forked(forever)
        time.sleep(seconds)
        os.kill(child, signal.SIGKILL)
        os.waitpid(child, 0)

    def test_what_is_written_is_whole_whenever_it_is_killed(self) -> None:
        pick = random.Random(5)
        settings, export = self.folder / "settings.json", self.folder / "job.json"
        old, new = self.folder / "book.db", self.folder / "new.db"
        book = Logbook.make(old)
        for _ in range(3):
            book.start(NECK, "", (CROWN,) * 200)
        book.close()
        save(settings, Settings())
        export.write_text(json.dumps([0]))
        turns = 0

        def write() -> None:
            nonlocal turns
            turns += 1
            save(settings, Settings(text_percent=125 if turns % 2 else 100))
            write_whole(export, json.dumps([turns] * 50_000).encode())
            new.unlink(missing_ok=True)
            salvage(old, new)

        for _ in range(KILLS):
            self.killed(write, pick.uniform(0.0, 0.12))
            self.assertEqual(say(load(settings).trouble), "")
            self.assertTrue(json.loads(export.read_text()))
            if new.exists():
                saved = Logbook.make(new)
                self.assertEqual([row.entries for row in saved.necks()], [200] * 3)
                saved.close()
            kept = Logbook.make(old)
            self.assertEqual([row.entries for row in kept.necks()], [200] * 3)
            kept.close()


class FullDisk(TempCase):
    """No file may grow past a limit, as on a full disk: it is said, and nothing is torn."""

    @contextmanager
    def room_for(self, size: int) -> Iterator[None]:
        before = resource.getrlimit(resource.RLIMIT_FSIZE)
        resource.setrlimit(resource.RLIMIT_FSIZE, (size, before[1]))
        try:
            yield
        finally:
            resource.setrlimit(resource.RLIMIT_FSIZE, before)

    def test_at_every_write_of_the_logbook(self) -> None:
        pick, refused = random.Random(9), 0
        for lap in range(KILLS):
            path = self.folder / f"book-{lap}.db"
            book = Logbook.make(path)
            session = Session(book, book.start(NECK, ""), NECK, lambda: "2026-03-03T10:00:00")
            sizes: list[int] = []
            with self.room_for(pick.randrange(20_000, 400_000)):
                for _ in range(40):
                    try:
                        sizes.append(one_act(session, pick))
                    except LogbookError as error:
                        refused += 1
                        self.assertRegex(str(error), "disk|written down")
                        break
            book.close()
            book = Logbook.make(path)
            self.assertEqual(len(book.entries(session.neck_id)), sum(sizes))
            book.close()
        self.assertGreater(refused, KILLS // 4)

    def test_of_settings_exports_and_salvage(self) -> None:
        settings, export = self.folder / "settings.json", self.folder / "job.json"
        old, new = self.folder / "book.db", self.folder / "new.db"
        book = Logbook.make(old)
        book.start(NECK, "", (CROWN,) * 900)
        book.close()
        save(settings, Settings())
        write_whole(export, b"the older one")
        before = settings.read_bytes()
        with self.room_for(64):
            self.assertIn("could not be kept", say(save(settings, Settings(text_percent=125))))
            with self.assertRaises(OSError) as caught:
                write_whole(export, b"x" * 5000)
            self.assertTrue(caught.exception.strerror)
            with self.assertRaises(LogbookError):
                salvage(old, new)
        self.assertEqual((settings.read_bytes(), export.read_bytes()), (before, b"the older one"))
        left = {path.name for path in self.folder.iterdir()}
        self.assertEqual(left, {"settings.json", "job.json", "book.db"})


class SeveralWindows(TempCase):
    def test_three_writers_two_of_them_at_one_neck(self) -> None:
        path = self.folder / "book.db"
        book = Logbook.make(path)
        shared, own = book.start(NECK, ""), book.start(NECK, "")
        book.close()
        acts = max(20, KILLS // 4)

        def write(neck: int, fret: int) -> Callable[[], None]:
            def work() -> None:
                written = 0
                while written < acts:
                    mine = Logbook.make(path)
                    session = Session(mine, neck, NECK, lambda: "")
                    try:
                        session.append(structs.replace(CROWN, fret=fret), Note(text=f"{fret}"))
                        written += 1
                    except LogbookError:
                        # Changed from the other window: opened again, as the sentence says.
                        written += 0
                    finally:
                        mine.close()

            return work

        children = [forked(write(*one)) for one in ((shared, 3), (shared, 5), (own, 7))]
        for child in children:
            self.assertEqual(os.waitpid(child, 0)[1], 0)
        book = Logbook.make(path)
        self.addCleanup(book.close)
        for neck, frets in ((shared, (3, 5)), (own, (7,))):
            entries = book.entries(neck)
            self.assertEqual(len(entries), 2 * acts * len(frets))
            for crown, note in zip(entries[::2], entries[1::2], strict=True):
                assert isinstance(crown, CrownHeight) and isinstance(note, Note)
                self.assertEqual((str(crown.fret), note.joined), (note.text, True))
