"""Words of owners are found whole, in every language at once."""

import unittest

from nuvrek.mechanics.beam import MODULUS_N_PER_MM2, USUAL_MODULUS, modulus_of
from nuvrek.mechanics.moisture import SHRINKAGE
from nuvrek.recognise.complaints import complaint_in, parts_in, wire_wishes_in
from nuvrek.recognise.soundness import unsound_in
from nuvrek.recognise.woods import wood_in


class Woods(unittest.TestCase):
    def test_are_known_by_their_names_in_either_language(self) -> None:
        for text, wood in {
            "Maple": "maple",
            "flamed maple, three pieces": "maple",
            "Riegelahorn": "maple",
            "Ahornhals mit Palisander": "maple",
            "Palisander auf Ahorn": "rosewood",
            "Birke": "birch",
            "Birkenholz": "birch",
            "Nussbaum": "walnut",
            "Nußbaum": "walnut",
            "Sumpfesche": "ash",
            "Rotbuche": "beech",
            "MAHAGONI": "mahogany",
        }.items():
            self.assertEqual(wood_in(text), wood, text)

    def test_are_not_found_inside_other_words(self) -> None:
        for text in ("washed pine", "from Nashford", "Haselnussfarben", "cashew", "", "Tasche"):
            self.assertIsNone(wood_in(text), text)

    def test_give_the_same_stiffness_whatever_they_are_called(self) -> None:
        self.assertEqual(modulus_of("Birke"), modulus_of("birch"))
        self.assertEqual(modulus_of("Birke"), MODULUS_N_PER_MM2["birch"])
        self.assertEqual(modulus_of("oilskin"), USUAL_MODULUS)
        self.assertLessEqual(set(SHRINKAGE), set(MODULUS_N_PER_MM2))


class Complaints(unittest.TestCase):
    def test_have_a_shape_in_either_language(self) -> None:
        for text, chips in {
            "It buzzes.": ("buzz",),
            "Es klappert.": ("rattle",),
            "Schnarrt am 5. Bund": ("buzz", "one note"),
            "Nebengeräusche beim Anschlagen": ("buzz",),
            "the low open string rattles": ("rattle", "open"),
            "Leere Saiten schnarren": ("buzz", "open"),
            "Only open strings buzz, the fretted ones are fine.": ("buzz", "open"),
            "Everything buzzes but not the open strings": ("buzz", "fretted"),
            "Hard to play, stiff.": ("stiff",),
            "The action is too high.": ("high",),
            "Die Saitenlage ist zu hoch": ("high",),
            "dead note at fret 7": ("dead", "one note"),
            "klingt dumpf": ("dead",),
            "Buzzes on the bass side when I dig in, worse since winter": (
                "buzz",
                "low strings",
                "hard",
                "cold months",
            ),
            "Notes choke out on bends above the twelfth.": ("choke", "high frets", "bends"),
            "Töne sterben beim Ziehen in hohen Lagen": ("dead", "high frets", "bends"),
            "Chords sound sharp in first position.": ("sharp", "first frets"),
            "Sharp fret ends": ("ends",),
            "Stiff since the heavier strings": ("stiff", "since new strings"),
        }.items():
            self.assertEqual(complaint_in(text).chips, chips, text)

    def test_are_not_found_inside_other_words_nor_where_they_are_taken_back(self) -> None:
        for text in (
            "Humidity was low in winter; the thumb rest came off",
            "artichoke green",
            "a deadline in May",
            "opener lost",
            "Hochzeit im Mai",
            "buzzard sticker on the case",
            "high e replaced",
            "It does not buzz.",
            "Kein Schnarren.",
            "",
        ):
            self.assertEqual(complaint_in(text).chips, (), text)

    def test_parts_the_owner_speaks_of(self) -> None:
        self.assertEqual(parts_in("since the pickups were raised"), {"pickups"})
        self.assertEqual(parts_in("die Brücke schwebt, stärkere Saiten"), {"heavier strings"})
        self.assertEqual(
            parts_in("heavier strings on a floating bridge"), {"heavier strings", "floating bridge"}
        )


class Soundness(unittest.TestCase):
    def test_is_read_where_people_write_of_it(self) -> None:
        for text, faults in {
            "Hairline crack in the back of the neck.": ("crack",),
            "The tongue is loose, it moves when pressed.": ("tongue",),
            "The rod was heard to crack.": ("rod",),
            "The fingerboard is lifting at the head end": ("board",),
            "neck moves in its pocket": ("joint",),
            "Rod rusted fast": ("rod",),
            "Zunge locker": ("tongue",),
            "Riss in der Kopfplatte": ("crack",),
        }.items():
            self.assertEqual(unsound_in(text), faults, text)

    def test_what_is_mended_or_in_the_finish_is_sound(self) -> None:
        for text in (
            "No cracks, all sound.",
            "old crack at the head, mended",
            "lacquer crack at the heel",
            "The headstock was broken and glued",
            "The truss rod cover is missing",
            "loose screw",
            "strings rusty",
            "gap at the joint fret 0.2",
            "joint fret gap read twice",
            "moved to the heel rest",
            "opened the case, board oiled",
            "",
        ):
            self.assertEqual(unsound_in(text), (), text)


class Wishes(unittest.TestCase):
    def test_wishes_for_other_wire(self) -> None:
        self.assertEqual(wire_wishes_in("taller and wider"), {"taller", "wider"})
        self.assertEqual(wire_wishes_in("höher, härter"), {"taller", "harder"})
        self.assertEqual(wire_wishes_in("hard to say; widow's peak"), frozenset())


if __name__ == "__main__":
    unittest.main()
