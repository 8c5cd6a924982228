import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from nuvrek.exchange.jobfile import JobFaults
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.readings.entries import StringGap
from nuvrek.wording.speech import say
from tests.support import NECK, measured, neck_state
from tests.test_cli import CliCase


class Table(unittest.TestCase):
    def test_every_kind_comes_back_as_it_was(self) -> None:
        truth, entries = measured(8)
        readings = [one.reading for one in neck_state(entries, truth.neck).taken]
        again = read_table(write_table(readings), truth.neck)
        self.assertEqual(again, readings)
        self.assertEqual(len({type(r) for r in again}), 7)

    def test_a_pasted_table_with_decimal_commas_and_thou(self) -> None:
        heads = "kind\tlane\tlow_support\thigh_support\tfret\tslides_thou\tdrags_thou"
        text = f"{heads}\nstring-gap\tbass\t1\t16\t7\t8\t10,5\n"
        (gap,) = read_table(text, NECK)
        assert isinstance(gap, StringGap)
        self.assertAlmostEqual(gap.drags_mm or 0, 10.5 * 0.0254)

    def test_faults_by_row_and_nothing_half_taken(self) -> None:
        text = "kind,lane,fret,height_mm\ncrown-height,bass,3,1.1\n"
        text += "crown-height,bass,30,1.1\ncrown-height,bass,3,tall\nzap,bass,3,1\n"
        with self.assertRaises(JobFaults) as caught:
            read_table(text, NECK)
        self.assertEqual(
            [say(f).split(":")[0] for f in caught.exception.faults], ["row 3", "row 4", "row 5"]
        )
        for text in (
            "",
            "kind\n",
            "a,b\n1,2\n",
            "kind,colour\nrock,red\n",
            "kind,fret\nrock,2,3\n",
            "kind,fret\nseated,3\n",
        ):
            with self.subTest(text), self.assertRaises(JobFaults):
                read_table(text, NECK)

    @given(st.text(max_size=200), st.text(max_size=200))
    @settings(max_examples=150, deadline=None)
    def test_any_text_is_readings_or_fault_lines(self, heading: str, body: str) -> None:
        for text in (heading + "\n" + body, "kind,lane,fret,height_mm\n" + body):
            try:
                read_table(text, NECK)
            except JobFaults as error:
                self.assertTrue(error.faults)


class OnTheCommandLine(CliCase):
    def test_out_and_in_again(self) -> None:
        job, _ = self.simulate(4)
        book, table = self.folder / "book.db", self.folder / "readings.csv"
        for _ in range(2):
            self.assertEqual(self.run_cli("import", job, "--logbook", book)[0], 0)
        self.assertEqual(self.run_cli("export", 1, table, "--logbook", book)[0], 0)
        status, out, _ = self.run_cli("import", table, "--neck", 2, "--logbook", book)
        self.assertEqual(status, 0)
        self.assertIn("readings added", out)
        table.write_text(table.read_text() + "zap,,,,,,,,,,,,,,,\n")
        before = self.run_cli("export", 2, self.folder / "a.json", "--logbook", book)
        status, out, err = self.run_cli("import", table, "--neck", 2, "--logbook", book)
        self.assertEqual((status, out, before[0]), (2, "", 0))
        self.assertIn("readings.csv: row", err)
        self.run_cli("export", 2, self.folder / "b.json", "--logbook", book)
        self.assertEqual(
            (self.folder / "a.json").read_bytes(), (self.folder / "b.json").read_bytes()
        )
        self.assertEqual(self.run_cli("import", table, "--logbook", book)[0], 2)
