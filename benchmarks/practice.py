"""How fast the practice bench answers: a key, what is felt and the picture of it, against the time
of one picture of sixty a second.
"""

from __future__ import annotations

import os
import tempfile
import time
from pathlib import Path
from typing import Any

import numpy as np

FRAME_MS = 1000.0 / 60.0
# Tool, keys, how often.
MOVES = (("1", "+-" * 20), ("2", "+" * 12), ("3", "\r" * 20), ("7", "\r" * 20), ("8", "*\r" * 8))


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from PyQt6.QtWidgets import QApplication

    from nuvrek.bench.settings import Settings
    from nuvrek.desktop.practice.start import open_practice
    from nuvrek.desktop.theme import load_fonts

    app = QApplication.instance() or QApplication([])
    load_fonts()
    with tempfile.TemporaryDirectory() as folder:
        window: Any = open_practice(Settings(), lambda: "2026-03-03T14:20:00", Path(folder))
        window.show()
        window.begin("lesson:edge-over-hump")
        bench = window.stages["Bench"]
        # The first map of a fresh neck brings the heavy libraries with it.
        while window.app.busy:
            app.processEvents()
        print("practice bench, key to picture, ms (aim: a frame of sixty a second, 16.7)")
        for digit, keys in MOVES:
            while bench.pad.tool is not None:
                bench.key("back")
            bench.key(digit)
            took = []
            for key in keys:
                begun = time.perf_counter()
                bench.key("enter" if key == "\r" else key)
                bench.sheet.repaint()
                bench.view.repaint()
                app.processEvents()
                took.append(1000.0 * (time.perf_counter() - begun))
            name = bench.pad.tool.title
            median, worst = float(np.median(took)), float(np.max(took))
            of = median / FRAME_MS
            print(f"  {name:<18} median {median:5.1f}  worst {worst:5.1f}  {of:.2f} of a frame")
        window.close()


if __name__ == "__main__":
    main()
