"""The wall between core and window, the shipped fonts and the colours."""

import re
import shutil
import subprocess
import sys
from pathlib import Path

from nuvrek.desktop.theme import DARK, LIGHT, Colours
from tests.support import TempCase

ROOT = Path(__file__).resolve().parents[1]


def luminance(colour: str) -> float:
    # WCAG 2.1, relative luminance (value from memory).
    parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
    linear = [c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4 for c in parts]
    return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2]


def contrast(a: str, b: str) -> float:
    high, low = sorted((luminance(a), luminance(b)), reverse=True)
    return (high + 0.05) / (low + 0.05)


class Walls(TempCase):
    def lint(self, source: Path) -> subprocess.CompletedProcess[str]:
        tool = Path(sys.executable).parent / "lint-imports"
        return subprocess.run(
            [tool, "--config", ROOT / "pyproject.toml", "--no-cache"],
            cwd=self.folder,
            env={"PYTHONPATH": str(source), "PATH": "/usr/bin:/bin"},
            capture_output=True,
            text=True,
            check=False,
        )

    def test_planted_qt_or_words_in_the_core_are_caught(self) -> None:
        source = self.folder / "src"
        shutil.copytree(
            ROOT / "src/nuvrek",
            source / "nuvrek",
            ignore=shutil.ignore_patterns("__pycache__", "*.ttf"),
        )
        clean = self.lint(source)
        self.assertEqual(clean.returncode, 0, clean.stdout + clean.stderr)
        solver = source / "nuvrek/estimate/model/solver.py"
        kept = solver.read_text()
        for planted in (
            "import PyQt6.QtCore",
            "import nuvrek.desktop.theme",
            "import nuvrek.wording.catalogue",
        ):
            solver.write_text(f"{kept}\n{planted}\n")
            broken = self.lint(source)
            self.assertNotEqual(broken.returncode, 0)
            self.assertIn("nuvrek.estimate.model.solver", broken.stdout)

    def test_text_stands_out_in_both_themes(self) -> None:
        def check(theme: Colours, words: str, ground: str) -> None:
            ratio = contrast(getattr(theme, words), getattr(theme, ground))
            self.assertGreaterEqual(ratio, 4.5, f"{words} on {ground}: {ratio:.2f}")

        for theme in (LIGHT, DARK):
            for words in ("ink", "muted", "copper", "slate", "brass", "plum"):
                for ground in ("paper", "card"):
                    check(theme, words, ground)
            for words in ("bar_ink", "bar_muted", "bar_accent"):
                check(theme, words, "bar")

    def test_every_font_ships_with_its_licence(self) -> None:
        folder = ROOT / "src/nuvrek/desktop/fonts"
        families = {re.split(r"[_.]", f.name)[0] for f in folder.glob("*.ttf")}
        licences = " ".join(f.name for f in folder.glob("*.txt"))
        for family in families:
            self.assertIn(family.replace("DejaVuSans", "DejaVu"), licences)

    def test_the_window_opens_before_the_heavy_libraries(self) -> None:
        code = (
            "import sys; import nuvrek.desktop.window; sys.exit(any(m in sys.modules for m in "
            "('numpy', 'scipy')))"
        )
        done = subprocess.run(
            [sys.executable, "-c", code],
            env={
                "PYTHONPATH": str(ROOT / "src"),
                "QT_QPA_PLATFORM": "offscreen",
                "PATH": "/usr/bin",
            },
            check=False,
        )
        self.assertEqual(done.returncode, 0)

    def test_entry_point_and_lock(self) -> None:
        from importlib import import_module

        text = (ROOT / "pyproject.toml").read_text()
        module, function = re.search(r'^nuvrek = "([\w.]+):(\w+)"', text, re.M).groups()  # type: ignore[union-attr]
        self.assertTrue(callable(getattr(import_module(module), function)))
        for lock in (ROOT / "lock").glob("*.txt"):
            self.assertNotIn("http", lock.read_text())
            self.assertNotIn("/tmp", lock.read_text())
            self.assertIn("--hash=sha256:", lock.read_text())
