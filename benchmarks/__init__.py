"""Benchmarks. The program comes first: it sets its one thread before NumPy is loaded."""

import nuvrek as nuvrek
