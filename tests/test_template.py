import io
import re
import unittest

import ezdxf
import numpy as np
import pypdfium2

from nuvrek.exchange import template
from nuvrek.exchange.template import SHEET_MM, notched_edge
from nuvrek.neck.scale import fret_line_mm
from tests.test_cli import CliCase

DPI = 600
MM = DPI / 25.4
NOTCH_MM, DEPTH_MM = 5.0, 4.0


def dark_columns(page: np.ndarray, y_mm: float) -> np.ndarray:
    """Middles (mm from the left) of the dark runs in one pixel row of a rendered page."""
    row = page[round(y_mm * MM)] < 128
    edges = np.flatnonzero(np.diff(np.concatenate([[0], row.astype(int), [0]])))
    return np.asarray((edges[::2] + edges[1::2]) / 2 / MM)


class Printed(unittest.TestCase):
    def test_true_to_a_tenth_over_300_mm_on_the_rendered_sheets(self) -> None:
        edge = notched_edge(648.0, 22)
        document = pypdfium2.PdfDocument(template.pdf(edge))
        self.assertEqual(len(document), template.sheets(edge))
        walls: list[float] = []
        for sheet, page in enumerate(document):
            image = np.asarray(page.render(scale=DPI / 72).to_pil().convert("L"))
            # Half-way up the notches, by the layout's own base line at 110 mm; 20 mm is the left
            # join line.
            found = dark_columns(image, 110.0 - DEPTH_MM / 2)
            walls += [x - 20.0 + sheet * SHEET_MM for x in found]
            ruler = dark_columns(image, 175.0 - 1.5)
            self.assertAlmostEqual(float(ruler[-1] - ruler[0]), 150.0, delta=0.1)
        document.close()
        places = fret_line_mm(648.0, 22)
        inner = [w for w in walls if 0.5 < w < edge.end_mm - edge.start_mm - 0.5]
        middles = 0.5 * (np.array(inner[::2]) + np.array(inner[1::2]))
        self.assertEqual(len(middles), 22)
        np.testing.assert_allclose(middles - middles[0], np.array(places[1:]) - places[1], atol=0.1)
        self.assertGreater(middles[-1] - middles[0], 300.0)
        np.testing.assert_allclose(np.array(inner[1::2]) - np.array(inner[::2]), NOTCH_MM, atol=0.1)

    def test_svg_and_dxf_hold_the_same_places(self) -> None:
        edge = notched_edge(330.0, 12)
        text = template.svg(edge).decode()
        points = [
            tuple(map(float, p.split(","))) for p in re.search(r'points="([^"]+)"', text)[1].split()
        ]  # type: ignore[index]
        middles = [0.5 * (points[i][0] + points[i + 3][0]) for i in range(1, 48, 4)]
        np.testing.assert_allclose(
            np.diff(middles), np.diff(fret_line_mm(330.0, 12)[1:]), atol=1e-3
        )
        width = float(re.search(r'width="([\d.]+)mm"', text)[1])  # type: ignore[index]
        self.assertIn(f'viewBox="0 0 {width:.4f}', text)
        drawing = ezdxf.read(io.StringIO(template.dxf(edge).decode()))
        outline = next(iter(drawing.modelspace().query("LWPOLYLINE")))
        self.assertEqual(drawing.units, 4)
        np.testing.assert_allclose([p[:2] for p in outline.get_points()], edge.outline, atol=1e-9)


class OnTheCommandLine(CliCase):
    def test_files_and_faults(self) -> None:
        for name in ("edge.pdf", "edge.svg", "edge.dxf"):
            self.assertEqual(
                self.run_cli(
                    "template", "--scale-mm", 584, "--frets", 19, "-o", self.folder / name
                )[0],
                0,
            )
            self.assertGreater((self.folder / name).stat().st_size, 500)
        for arguments in (
            ("--scale-mm", 584, "-o", self.folder / "edge.doc"),
            ("--scale-mm", 200, "--frets", 36, "-o", self.folder / "edge.pdf"),
        ):
            status, _, err = self.run_cli("template", *arguments)
            self.assertEqual(status, 2)
            self.assertEqual(len(err.strip().split("\n")), 1)
