import json
import unittest
from pathlib import Path
from unittest import mock

import msgspec

from nuvrek.demo import demo_jobs
from nuvrek.exchange import jobfile
from nuvrek.exchange.jobfile import JobFaults, dump, parse, read, schema
from nuvrek.wording.speech import say
from tests.support import TempCase, job

GOOD = '{"format":"nuvrek-job","version":1,"neck":{"scale_mm":648,"frets":22,"joint_fret":16}'


def with_entry(entry: str) -> bytes:
    return (GOOD + f',"journal":[{entry}]}}').encode()


class Sound(unittest.TestCase):
    def test_written_and_read_again_is_the_same(self) -> None:
        for one in (job(1), job(2), *demo_jobs()):
            self.assertEqual(parse(dump(one)), one)

    def test_hand_written_with_the_least(self) -> None:
        self.assertEqual(parse((GOOD + "}").encode()).journal, ())
        supports = '"low_support":1,"high_support":16'
        entry = f'{{"kind":"string-gap","lane":"bass",{supports},"fret":7,"slides_mm":0.2}}'
        self.assertEqual(len(parse(with_entry(entry)).journal), 1)

    def test_schema_names_every_kind(self) -> None:
        text = json.dumps(schema())
        for kind in ("string-gap", "rock", "crown-height", "string-height", "rod-move", "strike"):
            self.assertIn(f'"{kind}"', text)

    def test_the_document_shows_a_job_that_is_sound(self) -> None:
        text = (Path(__file__).resolve().parents[1] / "docs/job-file.md").read_text()
        example = text.split("```json")[1].split("```")[0]
        self.assertGreater(len(parse(example.encode()).journal), 3)

    def test_the_demo_necks_are_of_different_kinds(self) -> None:
        jobs = demo_jobs()
        self.assertEqual(len(jobs), 15)
        self.assertEqual(len({j.neck.scale_mm for j in jobs}), 12)
        self.assertEqual(
            {j.neck.rod for j in jobs}, {"two-way", "twin", "one-way", "unknown", "none"}
        )


class Faulty(TempCase):
    def assert_fault(self, raw: bytes, *words: str) -> None:
        with self.assertRaises(JobFaults) as caught:
            parse(raw)
        for word in words:
            self.assertIn(word, str(caught.exception))
        for fault in caught.exception.faults:
            self.assertTrue(say(fault).endswith("."), fault)
            self.assertNotIn("Traceback", say(fault))

    def test_each_kind_of_bad_file_gets_a_sentence(self) -> None:
        cases: list[tuple[bytes, str]] = [
            (b"", "empty"),
            (b"   \n", "empty"),
            (b"{", "not whole"),
            (dump(job(1))[:-400], "not whole"),
            (b"\xff\xfe\x00", "not"),
            (b"[1,2]", "object"),
            (b'{"format":"other"}', "not a Nuvrek job"),
            (b'{"format":"nuvrek-job","version":99,"neck":{}}', "newer"),
            (b'{"format":"nuvrek-job","version":true,"neck":{}}', "version"),
            (b'{"format":"nuvrek-job","version":1}', "missing"),
            (GOOD.replace("648", "1e999").encode() + b"}", "scale_mm"),
            (GOOD.replace("648", "NaN").encode() + b"}", "not"),
            (GOOD.replace("648", '"long"').encode() + b"}", "scale_mm"),
            (GOOD.replace("16", "30").encode() + b"}", "joint fret"),
            (b'{"format":"nuvrek-job","version":1,"neck":' + b'{"a":' * 100_000, "deep"),
            (b"[" * 200_000, "object"),
        ]
        for raw, word in cases:
            with self.subTest(raw[:60]):
                self.assert_fault(raw, word)

    def test_every_faulty_entry_is_named_by_its_number(self) -> None:
        entries = [
            '{"kind":"rock","lane":"bass","fret":30,"says":"rocks"}',
            '{"kind":"zap"}',
            '{"kind":"crown-height","lane":"bass","fret":3,"height_mm":1e300}',
            '{"kind":"crown-height","lane":"bass","fret":23,"height_mm":1}',
            '{"kind":"string-gap","lane":"bass","low_support":9,"high_support":16,"fret":7,"gap_mm":0.1}',
            '{"kind":"string-gap","lane":"bass","low_support":1,"high_support":16,"fret":7}',
            '{"kind":"rock","lane":"bass","fret":3,"says":"rocks","slides_mm":0.2,"drags_mm":0.1}',
            '{"kind":"strike","entry":99}',
        ]
        with self.assertRaises(JobFaults) as caught:
            parse(with_entry(",".join(entries)))
        self.assertEqual(len(caught.exception.faults), len(entries))
        for number, fault in enumerate(caught.exception.faults, 1):
            self.assertTrue(say(fault).startswith(f"entry {number}: "), fault)

    def test_a_fault_says_what_would_be_right(self) -> None:
        for entry, sentence in (
            ('{"kind":"zap"}', "kind 'zap' is not known; should be one of string-gap, edge-lie"),
            (
                '{"kind":"rock","lane":"x","fret":3,"says":"rocks"}',
                "lane 'x' is not known; should be one of bass, middle, treble.",
            ),
            (
                '{"kind":"crown-height","lane":"bass","fret":3,"height_mm":9}',
                "height_mm should be 5.0 or less.",
            ),
            (
                '{"kind":"crown-height","lane":"bass","fret":"3","height_mm":1}',
                "fret should be a whole number, not text.",
            ),
        ):
            self.assert_fault(with_entry(entry), sentence)

    def test_endless_faults_are_cut_short(self) -> None:
        with self.assertRaises(JobFaults) as caught:
            parse(with_entry(",".join(['{"kind":"zap"}'] * 5000)))
        self.assertLess(len(caught.exception.faults), 30)

    def test_too_large_and_unreadable_files(self) -> None:
        path = self.folder / "big.json"
        path.write_bytes(b" " * 2000)
        with mock.patch.object(jobfile, "LARGEST_BYTES", 1000), self.assertRaises(JobFaults):
            read(path)
        with self.assertRaises(JobFaults) as caught:
            read(self.folder / "absent.json")
        self.assertIn("absent.json", str(caught.exception))

    def test_unknown_keys_are_named_not_dropped(self) -> None:
        self.assert_fault(
            with_entry('{"kind":"crown-height","lane":"bass","fret":3,"height_mm":1,"colour":1}'),
            "colour",
        )

    def test_entries_survive_the_encoder(self) -> None:
        for entry in job(4).journal:
            self.assertEqual(
                msgspec.json.decode(msgspec.json.encode(entry), type=type(entry)), entry
            )
