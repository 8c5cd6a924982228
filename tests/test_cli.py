import contextlib
import io
import json
import subprocess
import sys
from pathlib import Path

from nuvrek.cli.main import main
from tests.support import TempCase
from tests.test_logbook import _environment

KINDS = ["leave", "rod", "seat", "spot-level", "level"]


class CliCase(TempCase):
    def run_cli(self, *arguments: object) -> tuple[int, str, str]:
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            try:
                status = main([str(a) for a in arguments])
            except SystemExit as stop:
                status = int(stop.code or 0)
        return status, out.getvalue(), err.getvalue()

    def simulate(self, seed: int = 3, *more: object) -> tuple[Path, Path]:
        job, truth = self.folder / f"{seed}.json", self.folder / f"{seed}-truth.json"
        status, _, err = self.run_cli(
            "simulate", "--seed", seed, "-o", job, "--truth", truth, *more
        )
        self.assertEqual((status, err), (0, ""))
        return job, truth


class Contract(CliCase):
    def test_simulate_map_and_plan_as_promised(self) -> None:
        job, truth = self.simulate(3, "--frets", 19, "--scale-mm", 584)
        known = json.loads(truth.read_text())
        self.assertEqual(len(known["tops"]), 19 * 3)
        _, text, _ = self.run_cli("map", job, "--json")
        answer = json.loads(text)
        self.assertEqual(len(answer["tops"]), 19 * 3)
        self.assertLessEqual(
            {"fret", "lane", "top_mm", "doubt_mm", "crown_mm"}, set(answer["tops"][0])
        )
        self.assertEqual(
            {(r["lane"], r["state"]) for r in answer["relief"]},
            {(a, b) for a in ("bass", "middle", "treble") for b in ("pitch", "slack")},
        )
        for finding in answer["findings"]:
            self.assertLessEqual({"kind", "fret", "lane", "mm", "sure", "text"}, set(finding))
        _, text, _ = self.run_cli("plan", job, "--json")
        plan = json.loads(text)
        kinds = [w["kind"] for w in plan["ways"]]
        self.assertEqual([kind for kind in kinds if kind in KINDS], KINDS)
        self.assertIn(plan["advice"], kinds)
        self.assertTrue(plan["reasons"])
        for way in plan["ways"]:
            self.assertLessEqual(
                {"possible", "why_not", "metal_off_mm", "metal_left_mm", "steps"}, set(way)
            )
            self.assertEqual(way["possible"], not way["why_not"])
            self.assertEqual(len(way["metal_left_mm"]), 19 * 3)

    def test_the_same_seed_gives_the_same_job(self) -> None:
        first = self.simulate(9)[0].read_text()
        self.assertEqual(first, self.simulate(9)[0].read_text())

    def test_a_hand_written_job(self) -> None:
        path = self.folder / "hand.json"
        journal = [
            {
                "kind": "string-gap",
                "lane": lane,
                "low_support": 1,
                "high_support": 16,
                "fret": 7,
                "gap_mm": 0.45,
            }
            for lane in ("bass", "treble")
        ]
        path.write_text(
            json.dumps(
                {
                    "format": "nuvrek-job",
                    "version": 1,
                    "neck": {"scale_mm": 648, "frets": 22, "joint_fret": 16, "rod": "two-way"},
                    "journal": journal,
                }
            )
        )
        answer = json.loads(self.run_cli("map", path, "--json")[1])
        finding = next(f for f in answer["findings"] if f["kind"] == "relief")
        self.assertEqual(
            (finding["fret"], finding["lane"], finding["verdict"]), (None, None, "over")
        )
        self.assertEqual(json.loads(self.run_cli("plan", path, "--json")[1])["advice"], "rod")
        self.assertEqual(self.run_cli("check", path)[0], 0)

    def test_words_without_json(self) -> None:
        job, _ = self.simulate()
        self.assertIn("relief at pitch", self.run_cli("map", job)[1])
        said = self.run_cli("plan", job)[1]
        self.assertIn("Advised:", said)
        self.assertRegex(said, r"\(not now: \S")
        self.assertNotRegex(said, r"\(not now: *\)", "a way that can't be gone always says why")
        self.assertIn("fine", self.run_cli("check", job)[1])
        self.assertIn('"$defs"', self.run_cli("schema")[1])

    def test_export_and_import_change_nothing(self) -> None:
        job, _ = self.simulate()
        book = self.folder / "book.db"
        self.assertEqual(self.run_cli("import", job, "--logbook", book)[0], 0)
        out = self.folder / "out.json"
        self.assertEqual(self.run_cli("export", 1, out, "--logbook", book)[0], 0)
        self.assertEqual(out.read_bytes(), job.read_bytes())
        self.assertEqual(self.run_cli("export", 7, out, "--logbook", book)[0], 2)


class BadInput(CliCase):
    def test_status_2_and_one_line_per_fault(self) -> None:
        path = self.folder / "bad.json"
        path.write_text(
            '{"format":"nuvrek-job","version":1,"neck":{"scale_mm":648,"frets":22,"joint_fret":16},"journal":[{"kind":"zap"},{"kind":"seated","fret":30}]}'
        )
        for command in ("map", "plan", "check", "import"):
            status, out, err = self.run_cli(command, path)
            self.assertEqual((status, out), (2, ""))
            lines = err.strip().split("\n")
            self.assertEqual(len(lines), 2)
            self.assertTrue(all("bad.json: entry" in line for line in lines))

    def test_wrong_words(self) -> None:
        for arguments in (
            [],
            ["fly"],
            ["map"],
            ["simulate", "--seed", "x", "-o", "a"],
            ["simulate", "--seed", "1", "--frets", "99", "-o", "a"],
            ["simulate", "--seed", "1", "--scale-mm", "nan", "-o", "a"],
            ["map", self.folder / "absent.json"],
            ["simulate", "--seed", "1", "-o", self.folder / "no" / "where.json"],
        ):
            status, _, err = self.run_cli(*arguments)
            self.assertEqual(status, 2, arguments)
            self.assertNotIn("Traceback", err)
            self.assertEqual(len(err.strip().split("\n")), 1, err)

    def test_the_command_line_loads_no_window(self) -> None:
        code = (
            "import sys; from nuvrek.cli.main import main; main(['schema']); "
            "sys.exit(any(m.startswith('PyQt') for m in sys.modules))"
        )
        done = subprocess.run(
            [sys.executable, "-c", code], env=_environment(), capture_output=True, check=False
        )
        self.assertEqual(done.returncode, 0, done.stderr)
