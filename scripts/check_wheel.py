"""Builds the wheel and checks that fonts, licences and demo jobs travel in it."""

from __future__ import annotations

import subprocess
import sys
import tempfile
import zipfile
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
MOST_BYTES = 8_000_000
WANTED = (
    "nuvrek/start.py",
    "nuvrek/desktop/fonts/DejaVuSans.ttf",
    "nuvrek/demo/1-tenor-guitar.json",
    "nuvrek/practice/advice/advice_scores.json",
    "nuvrek/wording/languages/nuvrek_de.mo",
    "nuvrek/docs/guide/01-first-hour.md",
    "nuvrek/docs/screenshots/map.png",
    "nuvrek/docs/judgement.md",
)


def main() -> int:
    with tempfile.TemporaryDirectory() as folder:
        build = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", folder]
        subprocess.run(build, cwd=ROOT, check=True, stdout=subprocess.DEVNULL)
        wheel = next(Path(folder).glob("*.whl"))
        names = zipfile.ZipFile(wheel).namelist()
        size = wheel.stat().st_size
    missing = [name for name in WANTED if name not in names]
    licences = [name for name in names if name.endswith(("-OFL.txt", "LICENSE"))]
    if missing or len(licences) < 2:
        print(f"wheel: missing {missing}, licences found {licences}")
        return 1
    if size > MOST_BYTES:
        print(f"wheel: {size / 1e6:.1f} MB are too many")
        return 1
    print(f"wheel: {len(names)} files in {size / 1e6:.1f} MB, all there")
    return 0


if __name__ == "__main__":
    sys.exit(main())
