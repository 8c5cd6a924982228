"""A refret outside the window: the command line, the table of wire, the prints at true scale."""

import json
import unittest

import numpy as np
import pypdfium2

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.exchange import jobfile
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.exchange.refret_prints import HOLDER_STEP_MM, holder_sheets, prints
from nuvrek.exchange.template import SHEET_MM
from nuvrek.exchange.wire_shelf import read_shelf, write_shelf
from nuvrek.neck.wire import Wire
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.plan import case_of
from nuvrek.planning.refret.plan import RefretPlan, plan_refret
from nuvrek.readings.entries import NewWire, Size
from nuvrek.readings.journal import fold
from nuvrek.wording.speech import say
from tests.support import measured
from tests.test_cli import CliCase
from tests.test_template import MM, dark_columns

DPI = 600
WIRE = Wire(name="medium, hard", crown_mm=1.2, width_mm=2.4, tang_mm=1.5, hardness="hard", price=8)
COIL = Wire(name="coil", crown_mm=1.3, width_mm=2.6, tang_mm=1.6, form="coil", stock_mm=900.0)


def refret_plan() -> RefretPlan:
    truth, entries = measured(3)
    radius = [Size(what="radius", fret=f, mm=305.0) for f in (1, 12)]
    neck_map = map_neck(fold(truth.neck, [*entries, *radius]))
    weighing = Weighing(case_of(neck_map, find(neck_map)))
    return plan_refret(weighing, NewWire(wire=WIRE, wood="true"), (WIRE, COIL))


class Prints(unittest.TestCase):
    def test_true_to_a_tenth_over_300_mm_on_the_rendered_sheets(self) -> None:
        truth, _ = measured(3)
        plan = refret_plan()
        document = pypdfium2.PdfDocument(prints(truth.neck, plan))
        count = holder_sheets(len(plan.cut))
        self.assertGreater(len(document), count + 1)
        marks: list[float] = []
        for sheet in range(count):
            image = np.asarray(document[sheet].render(scale=DPI / 72).to_pil().convert("L"))
            # Half-way up the strip, by the layout's own base at 70 mm; it begins at 20 mm.
            found = dark_columns(image, 82.0)
            marks += [x - 20.0 + sheet * SHEET_MM for x in found if 19.9 < x < 270.1]
            ruler = dark_columns(image, 175.0 - 1.5)
            self.assertAlmostEqual(float(ruler[-1] - ruler[0]), 150.0, delta=0.1)
        # Its own two ends, and a mark a fret.
        self.assertEqual(len(marks), 24)
        np.testing.assert_allclose(np.diff(marks), HOLDER_STEP_MM, atol=0.1)
        self.assertGreater(marks[-1] - marks[0], 300.0)
        self.assertAlmostEqual(marks[-1] - marks[0], 23 * HOLDER_STEP_MM, delta=0.1)
        # On the list each piece is drawn as long as it is cut.
        page = np.asarray(document[count].render(scale=DPI / 72).to_pil().convert("L"))
        piece = plan.cut[0]
        ends = [x for x in dark_columns(page, 32.0 + 6.0 - 1.5) if x > 109.0]
        self.assertAlmostEqual(ends[-1] - ends[0], piece.cut_mm, delta=0.1)
        document.close()
        self.assertGreater(MM, 20.0)


class Table(unittest.TestCase):
    def test_out_and_in_again(self) -> None:
        self.assertEqual(read_shelf(write_shelf((WIRE, COIL))), (WIRE, COIL))

    def test_bad_rows_are_a_sentence_each(self) -> None:
        for text, said in (
            ("", "empty table"),
            ("name,colour\n", "'colour' is no column"),
            ("name,crown_mm,width_mm,tang_mm\nodd,1.2,2.4,0\n", "row 2: odd: wire without a tang"),
            ("name,crown_mm,width_mm,tang_mm\nodd,high,2.4,1.5\n", "'high' is no number"),
            ("name,crown_mm,width_mm,tang_mm\nodd,1.2,99,1.5\n", "row 2:"),
        ):
            with self.assertRaises(JobFaults) as caught:
                read_shelf(text)
            self.assertIn(said, say(caught.exception.faults[0]))


class OnTheCommandLine(CliCase):
    def test_refret_and_wire(self) -> None:
        truth, entries = measured(3)
        job, settings = self.folder / "job.json", self.folder / "settings.json"
        wish = NewWire(wire=WIRE, wood="true", back_bow_mm=0.05)
        job.write_bytes(jobfile.dump(Job(neck=truth.neck, journal=(*entries, wish))))
        table = self.folder / "wire.csv"
        table.write_text(write_shelf((WIRE, COIL)))
        self.assertEqual(self.run_cli("wire", "--settings", settings, "--import", table)[0], 0)
        self.run_cli("wire", "--settings", settings, "--stock", "coil", "2.5")
        status, out, _ = self.run_cli("wire", "--settings", settings, "--json")
        self.assertEqual([w["stock_mm"] for w in json.loads(out)], [0.0, 2500.0])
        printed = self.folder / "lists.pdf"
        status, out, err = self.run_cli(
            "refret", job, "--json", "--settings", settings, "-o", printed
        )
        self.assertEqual((status, err), (0, ""))
        answer = json.loads(out)
        self.assertEqual(
            [name for name in answer if not name.endswith("_means")],
            [
                "version",
                "frets",
                "reasons",
                "faults",
                "wood",
                "slots",
                "wires",
                "cut",
                "compression",
                "set_up",
            ],
        )
        self.assertTrue(answer["wood"]["trued"])
        self.assertEqual({w["name"] for w in answer["wires"]}, {"medium, hard", "coil"})
        self.assertEqual(len(answer["cut"]["pieces"]), 22)
        self.assertEqual(answer["compression"]["wanted_mm"], 0.05)
        self.assertGreater(printed.stat().st_size, 2000)
        status, out, _ = self.run_cli("plan", job, "--json")
        kinds = {way["kind"] for way in json.loads(out)["ways"]}
        self.assertIn("refret-true", kinds)
        status, _, err = self.run_cli("wire", "--settings", settings, "--remove", "nothing")
        self.assertEqual((status, len(err.strip().split("\n"))), (2, 1))


if __name__ == "__main__":
    unittest.main()
