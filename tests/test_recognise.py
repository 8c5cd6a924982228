"""Words of owners are found whole, in every language at once."""

import unittest

from nuvrek.mechanics.beam import MODULUS_N_PER_MM2, USUAL_MODULUS, modulus_of
from nuvrek.mechanics.moisture import SHRINKAGE
from nuvrek.recognise.complaints import complaints_in, wire_wishes_in
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
    def test_are_heard_in_either_language(self) -> None:
        for text, heard in {
            "It buzzes.": {"noise"},
            "Es klappert.": {"noise"},
            "Schnarrt am 5. Bund": {"noise"},
            "Nebengeräusche beim Anschlagen": {"noise"},
            "the low open string rattles": {"noise", "open strings"},
            "Leere Saiten schnarren": {"noise", "open strings"},
            "notes fret out when bent": {"noise"},
            "Hard to play, stiff.": {"strings high"},
            "The action is too high.": {"strings high"},
            "Die Saitenlage ist zu hoch": {"strings high"},
            "dead note at 7": {"dull"},
            "klingt dumpf": {"dull"},
        }.items():
            self.assertEqual(complaints_in(text), heard, text)

    def test_are_not_found_inside_other_words_or_places(self) -> None:
        for text in (
            "Humidity was low in winter; the thumb rest came off",
            "artichoke green",
            "a deadline in May",
            "opener lost",
            "Hochzeit im Mai",
            "buzzard sticker on the case",
            "high e replaced",
            "",
        ):
            self.assertEqual(complaints_in(text), frozenset(), text)

    def test_wishes_for_other_wire(self) -> None:
        self.assertEqual(wire_wishes_in("taller and wider"), {"taller", "wider"})
        self.assertEqual(wire_wishes_in("höher, härter"), {"taller", "harder"})
        self.assertEqual(wire_wishes_in("hard to say; widow's peak"), frozenset())


if __name__ == "__main__":
    unittest.main()
