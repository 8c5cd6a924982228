"""Nuvrek: a bench companion for fretwork."""

import os

__version__ = "0.1.0"

# Before NumPy is imported, by whatever door: its linear algebra starts as many threads as there
# are cores, and on systems as small as a neck (150 unknowns) these wait for each other by spinning.
# With a neighbour at work on the same machine a map of 0.1 s then takes 2 to 4 s. Who sets it
# otherwise means it.
for _library in ("OMP", "OPENBLAS", "MKL", "BLIS"):
    os.environ.setdefault(f"{_library}_NUM_THREADS", "1")
