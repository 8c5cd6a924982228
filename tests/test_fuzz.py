"""Spoilt files of every kind: each is taken or refused with a sentence, and nothing raises.

``NUVREK_FUZZ=20000`` tries so many job files, and of the others what docs/reliability.md names;
without it a few of each. ``NUVREK_FUZZ_SEED`` spoils otherwise. With the variable set, the slowest
case and the most memory are printed.
"""

import json
import os
import random
import resource
import string
import time
import unittest
from collections.abc import Callable
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QBuffer, QByteArray, QIODevice
from PyQt6.QtGui import QImage

from nuvrek.bench.settings import Settings, load, save
from nuvrek.bench.solved import see, wanted_alone, weigh
from nuvrek.desktop.widgets.photo import decoded
from nuvrek.exchange.jobfile import JobFaults, dump, parse
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.readings.gauge_lines import read_line
from nuvrek.readings.journal import fold
from nuvrek.units import LengthError, Unit, parse_length
from nuvrek.wording.speech import say
from tests.support import NECK, TempCase, job

LARGE = int(os.environ.get("NUVREK_FUZZ", "0"))
SEED = int(os.environ.get("NUVREK_FUZZ_SEED", "14"))
WILD: tuple[Any, ...] = (
    *(0, 1, -1, 2, 5, 22, 1e-9, -1e-9, 0.5, 1.5, 20, 1000, 1e9, 1e308, -1e308, 2**63, 2**70),
    *("", "x", "bass", "rocks", "still", "9999-12-31T00:00:00", "1999-02-30", "é" * 300, "\u0000"),
    *("A" * 5000, "=1+1", "<img src='file:///etc/hostname'>", None, True, False, [], {}, [[]]),
    *([1] * 40, {"x": 1}),
)


class Slowest:
    """Times every case; in a large run the slowest is told."""

    def __init__(self, what: str) -> None:
        self.what, self.seconds, self.cases, self.taken = what, 0.0, 0, 0

    def run(self, case: Callable[[], bool]) -> None:
        start = time.perf_counter()
        self.taken += case()
        self.seconds = max(self.seconds, time.perf_counter() - start)
        self.cases += 1

    def tell(self) -> None:
        if LARGE:
            most = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024
            print(
                f"\n{self.cases} {self.what}, {self.taken} taken, slowest {self.seconds:.2f} s, "
                f"at most {most} MB",
                flush=True,
            )


def spoilt_bytes(good: bytes, pick: random.Random) -> bytes:
    """Bytes changed, cut, doubled or put in."""
    raw = bytearray(good)
    for _ in range(pick.choice((1, 1, 2, 8))):
        at = pick.randrange(len(raw) + 1)
        match pick.randrange(5):
            case 0:
                raw[at : at + 1] = bytes([pick.randrange(256)])
            case 1:
                del raw[at : at + pick.randrange(1, 60)]
            case 2:
                raw[at:at] = pick.randbytes(pick.randrange(1, 9))
            case 3:
                raw[at:at] = raw[at : at + pick.randrange(1, 200)]
            case _:
                del raw[at:]
    return bytes(raw)


def _places(value: Any, found: list[tuple[Any, Any]]) -> None:
    items = value.items() if isinstance(value, dict) else enumerate(value)
    for key, inner in items:
        found.append((value, key))
        if isinstance(inner, dict | list):
            _places(inner, found)


def spoilt_values(good: dict[str, Any], pick: random.Random) -> bytes:
    """A job that is still JSON: values of other kinds and sizes, entries doubled, moved, gone."""
    made = json.loads(json.dumps(good))
    journal = made["journal"]
    del journal[pick.randrange(len(journal)) :]
    for _ in range(pick.choice((1, 1, 2, 4))):
        found: list[tuple[Any, Any]] = []
        _places(made, found)
        holder, key = pick.choice(found)
        value = holder[key]
        if isinstance(value, int | float) and not isinstance(value, bool) and pick.random() < 0.7:
            scaled = value * pick.choice((0.0, 0.1, 0.5, 0.9, 1.1, 2.0, 10.0, -1.0)) + pick.choice(
                (0, 0, 1, -1)
            )
            holder[key] = int(scaled) if isinstance(value, int) else scaled
        elif isinstance(value, list) and value and pick.random() < 0.5:
            pick.shuffle(value)
        elif isinstance(holder, dict) and pick.random() < 0.2:
            del holder[key]
        else:
            holder[key] = pick.choice(WILD)
    if isinstance(made.get("journal"), list) and pick.random() < 0.3:
        made["journal"] = made["journal"] * pick.randrange(2, 5)
    return json.dumps(made).encode()


class Spoilt(TempCase):
    def pick(self) -> random.Random:
        return random.Random(SEED)

    def test_jobs_are_refused_or_mapped_and_weighed(self) -> None:
        demo = Path(__file__).resolve().parents[1] / "src/nuvrek/demo"
        raws = [dump(job(seed)) for seed in range(3)]
        raws += [path.read_bytes() for path in sorted(demo.glob("*.json"))]
        jobs, pick, slowest = [json.loads(raw) for raw in raws], self.pick(), Slowest("job files")
        for _ in range(LARGE or 60):
            if pick.random() < 0.3:
                raw = spoilt_bytes(pick.choice(raws), pick)
            else:
                raw = spoilt_values(pick.choice(jobs), pick)
            with self.subTest(raw=raw[:3000]):
                slowest.run(lambda raw=raw: self.job_is_fine(raw))
        self.assertGreater(slowest.taken, 0)
        slowest.tell()

    def job_is_fine(self, raw: bytes) -> bool:
        try:
            made = parse(raw)
        except JobFaults as faults:
            self.assertTrue(all(faults.faults))
            return False
        weigh(see(wanted_alone(fold(made.neck, made.journal), Unit.MM)))
        return True

    def test_tables_are_refused_or_read(self) -> None:
        from nuvrek.readings.entries import Reading

        kept = [one for one in job(1).journal if isinstance(one, Reading)]
        good = write_table(kept[:12])  # type: ignore[arg-type]
        pick, slowest = self.pick(), Slowest("tables")
        for _ in range(LARGE // 4 or 200):
            text = spoilt_bytes(good.encode(), pick).decode("utf-8", "replace")
            with self.subTest(text=text[:500]):
                slowest.run(lambda text=text: self.table_is_fine(text))
        slowest.tell()

    def table_is_fine(self, text: str) -> bool:
        try:
            read_table(text, NECK)
        except JobFaults as faults:
            self.assertTrue(all(faults.faults))
            return False
        return True

    def test_gauge_lines_and_typed_lengths(self) -> None:
        pick, slowest = self.pick(), Slowest("gauge lines and lengths")
        letters = "0123456789.,+-eE/ '\"mminth½¼\t" + string.printable
        for _ in range(LARGE * 5 or 2000):
            text = "".join(pick.choice(letters) for _ in range(pick.randrange(0, 24)))
            slowest.run(lambda text=text: read_line(text.encode()) is not None)
            slowest.run(lambda text=text: self.length_is_fine(text))
        slowest.tell()

    def length_is_fine(self, text: str) -> bool:
        try:
            parse_length(text, Unit.MM)
        except LengthError as error:
            self.assertTrue(str(error))
            return False
        return True

    def test_settings_are_read_or_set_aside(self) -> None:
        path, pick, slowest = self.folder / "settings.json", self.pick(), Slowest("settings")
        save(path, Settings())
        good = path.read_bytes()
        for _ in range(LARGE // 10 or 60):
            for old in self.folder.glob("settings*"):
                old.unlink()
            path.write_bytes(spoilt_bytes(good, pick))
            slowest.run(lambda: not load(path).trouble)
            # Whatever it was, what is loaded can be kept again.
            self.assertEqual(say(save(path, load(path).settings)), "")
        slowest.tell()

    def test_photos_are_made_small_or_refused(self) -> None:
        image, pick, slowest = QImage(64, 48, QImage.Format.Format_RGB32), self.pick(), None
        image.fill(0x336699)
        goods = []
        for kind in ("JPEG", "PNG", "WEBP"):
            data = QByteArray()
            buffer = QBuffer(data)
            buffer.open(QIODevice.OpenModeFlag.WriteOnly)
            image.save(buffer, kind)
            goods.append(bytes(data.data()))
        goods += [b"<svg xmlns='http://www.w3.org/2000/svg'><use href='#a'/></svg>", b"%PDF-1.4\n"]
        slowest = Slowest("photos")
        for _ in range(LARGE // 4 or 100):
            raw = spoilt_bytes(pick.choice(goods), pick)
            with self.subTest(raw=raw[:200]):
                slowest.run(lambda raw=raw: self.photo_is_fine(raw))
        slowest.tell()

    def photo_is_fine(self, raw: bytes) -> bool:
        try:
            self.assertFalse(decoded(raw).isNull())
        except ValueError as error:
            self.assertIn(".", str(error))
            return False
        return True


if __name__ == "__main__":
    unittest.main()
