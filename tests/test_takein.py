import unittest

from nuvrek.bench.forms.neck import LENGTHS, WHOLE, field_text, read_form
from nuvrek.bench.strips.sheet_geometry import SheetGeometry, dot_frets
from nuvrek.neck.board import middle_fret, width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.wording.speech import say
from tests.support import NECK


def form(**changes: str) -> dict[str, str]:
    texts = {f.name: say(field_text(NECK, f, False)) for f in LENGTHS} | {
        name: str(getattr(NECK, name)) for name, _ in WHOLE
    }
    return texts | changes


class Form(unittest.TestCase):
    def test_bench_shorthand_in_every_field(self) -> None:
        neck, faults = read_form(
            form(scale_mm="25 1/2 in", radius_mm="12", wire_height_mm="47 thou"), {"rod": "none"}
        )
        assert neck is not None, faults
        self.assertAlmostEqual(neck.scale_mm, 647.7)
        self.assertAlmostEqual(neck.radius_mm or 0, 304.8)
        self.assertAlmostEqual(neck.wire_height_mm, 47 * 0.0254)
        self.assertEqual(neck.rod, "none")

    def test_faults_are_named_by_field(self) -> None:
        for changes, field in (
            ({"scale_mm": "long"}, "scale_mm"),
            ({"scale_mm": "5"}, "scale_mm"),
            ({"scale_mm": ""}, "scale_mm"),
            ({"frets": "x"}, "frets"),
            ({"frets": "99"}, "frets"),
            ({"joint_fret": "30"}, "joint_fret"),
            ({"least_crown_mm": "1.3"}, "least_crown_mm"),
        ):
            with self.subTest(changes):
                neck, faults = read_form(form(**changes), {})
                self.assertIsNone(neck)
                self.assertEqual(list(faults), [field])
                self.assertTrue(say(faults[field]).endswith("."))

    def test_only_scale_frets_and_joint_are_needed(self) -> None:
        texts = dict.fromkeys(form(), "") | {"scale_mm": "650", "frets": "20", "joint_fret": "14"}
        neck, faults = read_form(texts, {})
        assert neck is not None, faults
        self.assertEqual((neck.strings, neck.nut_width_mm), (6, 43.0))

    def test_empty_radius_is_not_known(self) -> None:
        neck, _ = read_form(form(radius_mm=""), {})
        assert neck is not None
        self.assertIsNone(neck.radius_mm)


class Geometry(unittest.TestCase):
    def test_sheet_lies_as_the_neck_lies(self) -> None:
        for left_handed in (False, True):
            for nut_on_right in (False, True):
                neck = NeckDescription(
                    scale_mm=648,
                    frets=22,
                    joint_fret=16,
                    left_handed=left_handed,
                    nut_on_right=nut_on_right,
                )
                g = SheetGeometry(neck, 100, 1000, 0, 100)
                self.assertEqual(g.fret_x(1) < g.fret_x(2), not nut_on_right)
                self.assertEqual(
                    g.lane_y("bass", 0) < g.lane_y("treble", 0), left_handed != nut_on_right
                )
                for fret in (1, 9, 22):
                    self.assertEqual(g.fret_at(g.fret_x(fret)), fret)
                for lane in ("bass", "middle", "treble"):
                    self.assertEqual(g.lane_at(g.lane_y(lane, 300)), lane)

    def test_to_scale(self) -> None:
        g = SheetGeometry(NECK, 0, 1000, 0, 100)
        # Fret 12 halves the string: as far from the nut as 24 frets' worth of board is from there
        # to 3/4.
        per_mm = (g.fret_x(12) - g.x(0)) / 324.0
        self.assertAlmostEqual(g.fret_x(22) - g.x(0), per_mm * (648 - 648 / 2 ** (22 / 12)))

    def test_board_facts(self) -> None:
        self.assertAlmostEqual(width_mm(NECK, 0.0), 43.0)
        # Common practice, no source: relief is read over 6 to 8 on a neck that joins at 14 to 16.
        for joint in (14, 16):
            self.assertIn(
                middle_fret(NeckDescription(scale_mm=648, frets=22, joint_fret=joint)), (6, 7, 8)
            )
        self.assertEqual(dot_frets(12)[-1], (12, 2))
