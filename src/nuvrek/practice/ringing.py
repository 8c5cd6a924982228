"""Which notes of a neck ring clean, by its true tops alone."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.clearance.string_lines import lane_weights, string_lines
from nuvrek.clearance.strung_neck import STIFF_MM
from nuvrek.mechanics.strings import usual_tension_n
from nuvrek.neck.scale import fret_places_mm
from nuvrek.neck.touch import TOUCHES
from nuvrek.readings.entries import State
from nuvrek.simulator.truth import Truth


def ringing(truth: Truth) -> NDArray[np.bool_]:
    """Whether each fretted note rings clean at the owner's touch, (strings, frets - 1): over the
    last fret nothing lies ahead. Strings may be set a little higher than wanted, as a saddle is.
    """
    neck, count = truth.neck, string_lines(truth.neck)
    tops = np.einsum("sfk,fk->sf", lane_weights(neck), truth.tops_mm(State()))
    newtons = usual_tension_n(neck.scale_mm)
    strings = Strung(
        neck.scale_mm,
        fret_places_mm(neck.scale_mm, neck.frets),
        tops,
        np.zeros(count),
        np.full(count, newtons),
        STIFF_MM,
    )
    heights = np.linspace(*truth.string_height_12_mm, count) + AS_WANTED_MM
    room, _ = strings.with_height(heights, min(12, neck.frets)).note_rooms(TOUCHES[neck.touch])
    return np.asarray(room[:, 1:-1] >= 0.0)
