"""Single rules at their bounds, on grounds put together by hand: what makes each speak, and what
makes it keep quiet. Bounds are common practice, no source.
"""

import unittest
from types import SimpleNamespace
from typing import Any, ClassVar

import numpy as np

from nuvrek.meaning import Shown, Word, keys_in, means
from nuvrek.planning.case.way import Leg
from nuvrek.planning.judgement.rules import (
    bow_without_rod,
    content,
    nut_and_strings,
    rod,
    tops,
    unread,
    wood,
)
from nuvrek.recognise.complaint_chips import Complaint
from tests.support import neck_with


def way(**known: Any) -> Any:
    """A way that can be gone."""
    usual: dict[str, Any] = {
        "possible": True,
        "why_out": (),
        "metal_mm": 0.5,
        "gist": means("ways.leave"),
        "frets": (),
    }
    return SimpleNamespace(**{**usual, **known})


def grounds(case: dict[str, Any] | None = None, **known: Any) -> Any:
    """A straight, healthy neck of which everything is known, but for what is said."""
    facts: dict[str, Any] = {
        "unread": (),
        "unread_lanes": (),
        "rodless": False,
        "heights": SimpleNamespace(lacking_mm=0.0),
        "neck_map": SimpleNamespace(
            crown_measured=True, neck_state=SimpleNamespace(work=(), fret_work={})
        ),
        "length": lambda mm: mm,
        "has": lambda *kinds: False,
        "findings": (),
    }
    usual: dict[str, Any] = {
        "neck": neck_with(),
        "case": SimpleNamespace(**{**facts, **(case or {})}),
        "ways": {"level": way(), "leave": way()},
        "proud": (),
        "marked": (),
        "unseated": (),
        "low": (),
        "unpressed": (),
        "tops_known": True,
        "even": True,
        "few": 5,
        "wood": (),
        "heard_faults": (),
        "buzzing": 0,
        "complaint": "",
        "wishes": False,
        "relief": SimpleNamespace(as_figure=True, off=False),
        "relief_off": False,
        "relief_vague": False,
        "lanes_strung": (0, 2),
        "new_wire": None,
        "worn": (),
        "stopped": lambda *kinds: False,
        "barely_read": False,
        "roomy": False,
        "complaint_shape": Complaint(),
    }
    made = SimpleNamespace(**{**usual, **known})
    made.possible = lambda kind: kind in made.ways and made.ways[kind].possible
    made.leg = lambda kind, why, *_, gate="", unless="": Leg(kind, why, gate, unless)
    return made


def shape(kind: str, mm: float) -> Any:
    return SimpleNamespace(
        kind=kind, mm=mm, headline=means("ways.leave"), speaks_for=(3,), speaks_against=(4,)
    )


def ways_of(rule: Any, stands: Any) -> list[str]:
    return [leg.way for leg in rule.speaks(stands)]


class Wood(unittest.TestCase):
    def test_a_slight_rise_waits_unless_somebody_hears_it(self) -> None:
        for mm, more, speaks in (
            (0.11, {}, True),
            (-0.11, {}, True),
            (0.10, {}, True),
            (0.09, {}, False),
            (0.09, {"complaint": "It buzzes."}, True),
            (0.09, {"buzzing": 2}, True),
            (0.09, {"heard_faults": ((1, 5),)}, True),
            (0.09, {"complaint": "It buzzes.", "proud": (5,)}, False),
            (0.09, {"complaint": "It buzzes.", "marked": (5,)}, False),
        ):
            with self.subTest(mm=mm, more=more):
                stands = grounds(wood=(shape("hump", mm),), **more)
                self.assertEqual(ways_of(wood.WOOD, stands), ["level"] * speaks)

    def test_the_worst_of_two_shapes_decides(self) -> None:
        for shapes in ((0.05, -0.3), (-0.3, 0.05)):
            stands = grounds(wood=tuple(shape("s-shape", mm) for mm in shapes))
            self.assertEqual(ways_of(wood.WOOD, stands), ["level"])
        (leg,) = wood.TONGUE.speaks(
            grounds(wood=(shape("tongue", 0.3),), wishes=True, relief_off=True)
        )
        self.assertNotIn("rules.rod-set-relief-read", keys_in(leg.gate))

    def test_without_metal_for_it_new_wire_or_nothing(self) -> None:
        out = {"level": way(why_out=("no metal",)), "refret-true": way()}
        hump = (shape("hump", 0.2),)
        self.assertEqual(
            ways_of(wood.WOOD, grounds(wood=hump, ways=out, new_wire="refret-true")),
            ["refret-true"],
        )
        self.assertEqual(ways_of(wood.WOOD, grounds(wood=hump, ways=out)), [])
        self.assertEqual(ways_of(wood.WOOD, grounds(wood=(shape("tongue", 0.3),))), [])

    def test_its_gate_says_nothing_of_the_rod_for_a_level_sets_it(self) -> None:
        (leg,) = wood.WOOD.speaks(grounds(wood=(shape("hump", 0.2),), relief_off=True))
        self.assertNotIn("rules.rod-set-relief-read", keys_in(leg.gate))
        self.assertEqual((leg.speaks_for, leg.speaks_against), ((3,), (4,)))

    def test_a_tongue_is_filed_where_it_costs_something(self) -> None:
        heard = {"heard_faults": ((1, 15),)}
        for mm, more, speaks in (
            (0.2, {}, False),
            (0.2, heard, True),
            (0.2, {"buzzing": 1}, True),
            (0.2, {"wishes": True}, True),
            (0.14, heard, True),
            (0.14, {**heard, "proud": (5,)}, False),
            (0.14, {**heard, "marked": (5,)}, False),
            (0.16, {**heard, "proud": (5,)}, True),
            (-0.16, {**heard, "marked": (5,)}, True),
        ):
            with self.subTest(mm=mm, more=more):
                stands = grounds(wood=(shape("tongue", mm),), **more)
                self.assertEqual(ways_of(wood.TONGUE, stands), ["level"] * speaks)

    def test_with_the_saddle_spent_the_angle_is_looked_at(self) -> None:
        spent = {"heights": SimpleNamespace(lacking_mm=0.3)}
        for ways, chosen in (
            ({"shim": way(), "refer": way()}, ["shim"]),
            ({"shim": way(possible=False), "refer": way()}, ["refer"]),
            ({"refer": way()}, ["refer"]),
            ({}, ["level"]),
            ({"level": way(why_out=("no metal",))}, []),
        ):
            stands = grounds(
                spent, wood=(shape("tongue", 0.3),), wishes=True, ways={"level": way(), **ways}
            )
            self.assertEqual(ways_of(wood.TONGUE, stands), chosen)


class Gates(unittest.TestCase):
    def keys(self, levels: bool = False, case: dict[str, Any] | None = None, **known: Any) -> Any:
        return set(keys_in(tops.filing_gate(grounds(case, **known), levels=levels)))

    def test_what_must_be_true_before_a_file(self) -> None:
        seated, again = "rules.seated-read-again", "rules.read-again-after-seating"
        rod = "rules.rod-set-relief-read"
        self.assertFalse(self.keys())
        self.assertIn(seated, self.keys(unseated=(5,)))
        self.assertIn(again, self.keys(case={"unread": (5,)}))
        self.assertNotIn(again, self.keys(unseated=(5,), case={"unread": (5,)}))
        self.assertEqual(self.keys(unpressed=(5,)), set(keys_in(tops.PRESS_FIRST)))
        self.assertIn(rod, self.keys(relief_off=True))
        self.assertNotIn(rod, self.keys(levels=True, relief_off=True))
        self.assertNotIn(rod, self.keys(case={"rodless": True}, relief_off=True))


class Unread(unittest.TestCase):
    def keys(self, case: dict[str, Any] | None = None, **known: Any) -> list[str]:
        return [next(iter(keys_in(what))) for what in unread.missing(grounds(case, **known))]

    def test_what_is_asked_for_first(self) -> None:
        vague = SimpleNamespace(as_figure=False, off=False)
        self.assertEqual(self.keys(), [])
        self.assertEqual(self.keys(relief=None), ["rules.relief-pitch"])
        self.assertEqual(self.keys(lanes_strung=()), ["rules.relief-pitch"])
        self.assertEqual(self.keys(relief=vague), ["rules.relief-figure"])
        surely_off = SimpleNamespace(as_figure=False, off=True)
        self.assertEqual(self.keys(relief=surely_off), [])
        self.assertEqual(self.keys(relief=None, neck=neck_with(bare=True)), [])
        self.assertEqual(self.keys({"unread_lanes": (0, 1, 2)}), ["rules.which-frets-rock"])
        self.assertEqual(self.keys({"unread_lanes": (1,)}), ["rules.which-frets-rock-with-lanes"])
        no_crown = {"neck_map": SimpleNamespace(crown_measured=False)}
        self.assertEqual(self.keys(no_crown), ["rules.how-much-crown-left"])

    def test_reading_is_advised_while_tops_or_relief_are_open(self) -> None:
        for more, speaks in (
            ({}, False),
            ({"tops_known": False}, True),
            ({"relief": None}, True),
            ({"lanes_strung": ()}, True),
            ({"relief": None, "neck": neck_with(bare=True)}, False),
        ):
            self.assertEqual(ways_of(unread.UNREAD, grounds(**more)), ["read"] * speaks, more)


class Filing(unittest.TestCase):
    def filed(self, spot: Any, level: Any | None = None, **known: Any) -> list[str]:
        ways = {"spot-level": spot, "level": level or way()}
        return ways_of(tops.FILE, grounds(ways=ways, even=False, **known))

    def test_few_frets_one_by_one_many_with_a_level(self) -> None:
        few, many = way(frets=(4, 9)), way(frets=tuple(range(2, 9)))
        self.assertEqual(self.filed(few), [], "nothing stands")
        self.assertEqual(self.filed(few, proud=(4, 9)), ["spot-level"])
        self.assertEqual(self.filed(way(frets=(1, 2, 3, 4, 5)), proud=(4,)), ["spot-level"])
        self.assertEqual(self.filed(many, proud=(4, 9)), ["level"])
        self.assertEqual(self.filed(many, marked=(4,), tops_known=False), ["spot-level"])
        deep = way(why_out=("no metal",))
        self.assertEqual(self.filed(deep, proud=(4,)), ["level"])
        self.assertEqual(self.filed(many, deep, proud=(4, 9)), ["spot-level"])


class Rod(unittest.TestCase):
    OFF: ClassVar[dict[str, Any]] = {
        "relief_off": True,
        "ways": {"rod": way()},
        "relief_over": True,
    }

    def stands(self, case: dict[str, Any] | None = None, **known: Any) -> Any:
        journal = SimpleNamespace(rod_moves=(), taken=())
        facts = {"stops": (), "neck_map": SimpleNamespace(neck_state=journal), **(case or {})}
        relief = SimpleNamespace(relief=SimpleNamespace(mm=0.4), as_figure=True, off=True)
        return grounds(facts, **{**self.OFF, "relief": relief, **known})

    def test_it_is_set_where_the_relief_is_off_and_nothing_stops_it(self) -> None:
        self.assertEqual(ways_of(rod.SET, self.stands()), ["rod"])
        for case, known in (
            ({}, {"relief_off": False}),
            ({"stops": ("a stop",)}, {}),
            ({}, {"neck": neck_with(rod="none")}),
            ({}, {"ways": {"rod": way(possible=False)}}),
        ):
            self.assertEqual(ways_of(rod.SET, self.stands(case, **known)), [])

    def test_which_way_round(self) -> None:
        bowed = SimpleNamespace(relief=SimpleNamespace(mm=-0.1))
        for known, key in (
            ({}, "rules.there-relief-than-wanted-rod-more"),
            ({"relief_over": False}, "rules.there-relief-than-wanted-rod-less"),
            ({"relief": bowed}, "rules.back-bow-under-string-tension"),
        ):
            (leg,) = rod.SET.speaks(self.stands(**known))
            self.assertEqual(keys_in(leg.why)[0], key)

    def test_nothing_left_to_let_out(self) -> None:
        def left(**known: Any) -> list[str]:
            stands = grounds(stopped=lambda *kinds: "nothing-left" in kinds, **known)
            stands.stop_words = lambda: means("ways.leave")
            return ways_of(rod.NOTHING_LEFT, stands)

        strings = {"strings": way(), "leave": way()}
        self.assertEqual(left(ways=strings), ["leave"])
        self.assertEqual(left(ways=strings, complaint="It buzzes."), ["strings"])
        self.assertEqual(left(complaint="It buzzes."), ["leave"])
        self.assertEqual(ways_of(rod.NOTHING_LEFT, grounds()), [])


class BowWithoutRod(unittest.TestCase):
    def led(self, thinnest_mm: float, **known: Any) -> list[str]:
        level = way(left_mm=np.array([[thinnest_mm + 0.2, thinnest_mm]]))
        ways = {"level": level, **known.pop("ways", {})}
        facts = {
            "rodless": True,
            "stops": (),
            "neck_tops": SimpleNamespace(least_crown_mm=0.8),
            "neck_map": SimpleNamespace(pull_doubt_mm=0.01),
        }
        neck = neck_with(rod=known.pop("rod", "none"))
        stands = grounds(facts, relief_off=True, neck=neck, ways=ways, **known)
        stands.stop_words = lambda: means("ways.leave")
        return ways_of(bow_without_rod.BOW, stands)

    def test_metal_pays_for_it_while_enough_is_left_over(self) -> None:
        spare = bow_without_rod.SPARE_CROWN_MM
        self.assertEqual(self.led(0.8 + spare + 1e-9), ["level"])
        self.assertEqual(self.led(0.8 + spare - 0.001), ["leave"])
        self.assertEqual(self.led(1.2, ways={"strings": way()}), ["strings"])

    def test_last_resorts_in_their_order(self) -> None:
        every = {kind: way() for kind in ("heat", "refer", "refret", "new-neck")}
        self.assertEqual(self.led(0.8, ways=every, new_wire="refret"), ["refret"])
        self.assertEqual(self.led(0.8, ways=every, new_wire="refret", rod="one-way"), ["heat"])
        slack = {"stopped": lambda *kinds: "slack-back-bow" in kinds}
        self.assertEqual(self.led(0.8, ways=every, rod="one-way", **slack), ["new-neck"])
        left = {"stopped": lambda *kinds: "nothing-left" in kinds}
        self.assertEqual(self.led(1.2, **left), [])


class Less(unittest.TestCase):
    def less(self, metal_mm: float, **neck: float) -> tuple[str, tuple[str, ...]]:
        promise = SimpleNamespace(height_low_mm=1.4)
        ways = {"play-clean": way(metal_mm=metal_mm, promise=promise), "level": way(metal_mm=1.0)}
        facts = {"height": lambda mm: Shown(mm, "mm"), "length": lambda mm: Shown(mm, "mm")}
        stands = grounds(facts, ways=ways, neck=neck_with(**neck))
        kind, why = tops._less(stands, "level", means("ways.leave"))
        self.shown = why
        return kind, keys_in(why)

    def test_half_the_metal_is_offered_or_taken_where_the_height_is_wished(self) -> None:
        bound = tops.MUCH_LESS
        said = "rules.clean-notes-bass-side-just"
        self.assertEqual(self.less(bound + 0.01), ("level", ("ways.leave",)))
        self.assertIn(said, self.less(bound)[1])
        self.assertIn("1.4", repr(self.shown))
        kind, keys = self.less(bound, height_low_mm=1.8)
        self.assertEqual((kind, said in keys), ("level", True))
        kind, _ = self.less(bound, height_low_mm=1.8, height_high_mm=1.5)
        self.assertEqual(kind, "play-clean")


class Heights(unittest.TestCase):
    def heights(self, **known: Any) -> list[Leg]:
        usual: dict[str, Any] = {
            "wishes": True,
            "too_low": False,
            "ways": {"saddle": way(), "shim": way(), "strings": way()},
        }
        return [*nut_and_strings.HEIGHTS.speaks(grounds(**{**usual, **known}))]

    def test_by_saddle_else_by_angle_after_the_relief(self) -> None:
        (leg,) = self.heights()
        self.assertEqual((leg.way, leg.gate), ("saddle", ""))
        self.assertIn("rules.relief-tops-ask-nothing-string", keys_in(leg.why))
        (leg,) = self.heights(relief_off=True)
        self.assertIn("rules.relief-tops-they-shall-both", keys_in(leg.gate))
        self.assertNotIn("rules.relief-tops-ask-nothing-string", keys_in(leg.why))
        for known in ({"even": False}, {"worn": (4,)}):
            (leg,) = self.heights(**known)
            self.assertNotIn("rules.relief-tops-ask-nothing-string", keys_in(leg.why))
        spent = {"saddle": way(possible=False), "shim": way(), "strings": way()}
        self.assertEqual([leg.way for leg in self.heights(ways=spent)], ["shim"])
        self.assertEqual(self.heights(wishes=False), [])
        self.assertEqual(self.heights(too_low=True), [])

    def test_lighter_strings_only_where_the_saddle_has_no_more(self) -> None:
        high: dict[str, Any] = {"complaint_shape": Complaint(what=("stiff",))}
        spent = {"saddle": way(possible=False), "shim": way(), "strings": way()}
        self.assertEqual([leg.way for leg in self.heights(**high)], ["saddle"])
        both = [leg.way for leg in self.heights(**high, ways=spent)]
        self.assertEqual(both, ["shim", "strings"])
        off = [leg.way for leg in self.heights(**high, ways=spent, relief_off=True)]
        self.assertEqual(off, ["shim"])


class PlaysClean(unittest.TestCase):
    def test_what_rings_clean_for_a_content_owner_stays_whatever_is_usual(self) -> None:
        clean: dict[str, Any] = {"content": True, "heard_clean": True, "roomy": False}
        more, fewer = (f"rules.there-relief-than-usual-does-{way}" for way in ("more", "less"))
        for known, key in (
            ({}, None),
            ({"relief_off": True, "relief_over": True}, more),
            ({"relief_off": True, "relief_over": False}, fewer),
        ):
            (leg,) = content.PLAYS_CLEAN.speaks(grounds(**{**clean, **known}))
            said = {*keys_in(leg.why)} & {more, fewer}
            self.assertEqual(said, set() if key is None else {key})
        for known in ({"content": False}, {"heard_clean": False}):
            self.assertEqual(ways_of(content.PLAYS_CLEAN, grounds(**{**clean, **known})), [])
        roomy = {**clean, "heard_clean": False, "roomy": True}
        self.assertEqual(ways_of(content.PLAYS_CLEAN, grounds(**roomy)), ["leave"])
        for known in ({"tops_known": False}, {"worn": (4,)}):
            self.assertEqual(ways_of(content.PLAYS_CLEAN, grounds(**{**roomy, **known})), [])


class Nothing(unittest.TestCase):
    def test_no_rule_has_spoken(self) -> None:
        (leg,) = content.NOTHING.speaks(grounds())
        self.assertEqual(leg.way, "leave")
        thin = grounds({"has": lambda *kinds: "thin-crown" in kinds})
        (leg,) = content.NOTHING.speaks(thin)
        self.assertIn("rules.crowns-under-least-kept-nothing", set(keys_in(leg.why)))

    def test_each_cause_by_itself(self) -> None:
        def of(*kinds: str) -> dict[str, Any]:
            return {"has": lambda *asked: bool({*kinds} & {*asked})}

        for case, known, cause in (
            ({}, {}, None),
            ({}, {"proud": (4,)}, "frets"),
            ({}, {"marked": (4,)}, "frets"),
            ({}, {"unseated": (4,)}, "frets"),
            ({}, {"low": (4,)}, "frets"),
            ({}, {"worn": (4,)}, "wear"),
            (of("thin-crown"), {}, None),
            (of("thin-crown"), {"complaint": "It buzzes."}, "wear"),
            ({}, {"wood": (shape("hump", 0.2),)}, "wood"),
            (of("nut-high"), {}, "nut"),
            (of("nut-low"), {}, "nut"),
            ({}, {"heard_faults": ((1, 5),)}, "clearance of the strings"),
            ({}, {"buzzing": 1}, "clearance of the strings"),
            ({}, {"relief_off": True}, "relief"),
        ):
            with self.subTest(case=case, known=known):
                found = content.causes(grounds(case, **known))
                self.assertEqual(found, () if cause is None else (Word(cause),))
        for ways, kind in (({"refer": way()}, "refer"), ({}, "leave")):
            (leg,) = content.NOTHING.speaks(grounds(proud=(4,), ways=ways))
            self.assertEqual(leg.way, kind)

    def test_hardware_is_blamed_only_where_nothing_else_can_be(self) -> None:
        ways = {"hardware": way()}
        noisy: dict[str, Any] = {"complaint_shape": Complaint(what=("buzz",)), "ways": ways}
        for more, speaks in (
            ({}, True),
            ({"tops_known": False}, False),
            ({"proud": (4,)}, False),
            ({"complaint_shape": Complaint()}, False),
            ({"ways": {}}, False),
        ):
            stands = grounds(**{**noisy, **more})
            self.assertEqual(ways_of(content.HARDWARE, stands), ["hardware"] * speaks, more)


if __name__ == "__main__":
    unittest.main()
