"""All tests, as many at once as there are cores: forked from one process in which the libraries are
loaded already, the longest first.

python -W error -m tests.run [MODULE...]
"""

from __future__ import annotations

import io
import os
import sys
import tempfile
import time
import unittest
from importlib import import_module
from pathlib import Path

# What takes longest, so that nothing long is begun last; of all others the order is of no matter.
LONGEST = ("refret_walks", "whole", "window", "language", "papers", "server", "straight")
# Apart by their single tests: by themselves they would take as long as all others together.
APART = frozenset({"refret_walks", "whole", "window"})

_LOADED = (
    *("PyQt6.QtTest", "PyQt6.QtWidgets", "scipy.linalg", "scipy.sparse", "scipy.special"),
    *("nuvrek.planning.plan", "tests.support"),
)


def load_libraries() -> None:
    """What nearly every test wants, loaded once; no application is made, and no thread begun."""
    for name in _LOADED:
        import_module(name)


def jobs(names: list[str]) -> list[str]:
    """What is run by itself: modules, and the single tests of the longest."""
    found = []
    for name in sorted(names, key=lambda name: (*LONGEST, name).index(name)):
        if name in APART:
            loaded = unittest.defaultTestLoader.loadTestsFromName(f"tests.test_{name}")
            found += [test.id() for test in _single(loaded)]
        else:
            found.append(f"tests.test_{name}")
    return found


def _single(suite: unittest.TestSuite) -> list[unittest.TestCase]:
    found: list[unittest.TestCase] = []
    for one in suite:
        found += _single(one) if isinstance(one, unittest.TestSuite) else [one]
    return found


def run(job: str, told: Path) -> None:
    """In a process of its own: what is said goes into a file, the outcome is how it ends."""
    with told.open("w") as file:
        os.dup2(file.fileno(), 1)
        os.dup2(file.fileno(), 2)
        sys.stdout = sys.stderr = io.TextIOWrapper(os.fdopen(1, "wb", 0), write_through=True)
        suite = unittest.defaultTestLoader.loadTestsFromName(job)
        done = unittest.TextTestRunner(sys.stderr, warnings="error").run(suite)
    # No tidying of what another process made: this one is only gone.
    os._exit(0 if done.wasSuccessful() else 1)


def main(names: list[str]) -> int:
    """Runs them; how many failed."""
    here = Path(__file__).parent
    names = names or [path.stem.removeprefix("test_") for path in here.glob("test_*.py")]
    load_libraries()
    waiting, running, failed = jobs(names)[::-1], dict[int, tuple[str, Path, float]](), 0
    with tempfile.TemporaryDirectory() as folder:
        while waiting or running:
            while waiting and len(running) < (os.cpu_count() or 1):
                job = waiting.pop()
                told = Path(folder) / job
                sys.stdout.flush()
                child = os.fork()
                if not child:
                    run(job, told)
                running[child] = job, told, time.monotonic()
            child, status = os.wait()
            job, told, begun = running.pop(child)
            text = told.read_text(errors="replace").rstrip()
            print(f"== {job} {time.monotonic() - begun:.1f} s", text, sep="\n", flush=True)
            failed += status != 0
    return failed


if __name__ == "__main__":
    sys.exit(min(main(sys.argv[1:]), 1))
