"""The usual cautions, shown at the step that needs them. Local codes, product sheets and
licensed practice come first.
"""

from __future__ import annotations

from nuvrek.language import tr

FIRST = tr("Local codes, product sheets and licensed practice come before anything said here.")
ROD = tr(
    "Never force a rod: a snapped rod is a new neck. Slacken the strings when the tool binds "
    "or can't reach."
)
STRINGS = tr("Strings under tension whip. Slacken before cutting, wear eye protection.")
DUST = tr(
    "Metal, wood and old-finish dust: extraction and a mask; wash hands. Several dark woods "
    "sensitise."
)
PICKUPS = tr("Filings and steel wool kill pickups and magnets: tape them over.")
PRESS = tr(
    "Support the neck under the fret being pressed. An unsupported heel or headstock end takes "
    "less: wood crushes, necks split."
)
GLUE = tr(
    "Thin glue: fumes, bonds skin, heats with accelerator or dust. Ventilate; no cotton wads."
)
HEAT = tr(
    "Heat burns, melts binding, lifts finishes and parts thin laminated boards: never leave "
    "it, never on lacquer."
)
SOLVENT = tr(
    "Solvents burn and their fumes do harm: open air, gloves, no flame; they take finish and "
    "binding with them."
)
OIL = tr(
    "Rags soaked in drying oils can light by themselves: dry them flat outdoors, or under water "
    "in a lidded tin."
)
SPECIES = tr(
    "Some fingerboard woods and shell are protected: selling or shipping may need papers; see "
    "local rules."
)
LACQUER = tr("Lacquered face: tape it well; a slip of the file shows for good.")
