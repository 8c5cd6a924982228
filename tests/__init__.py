"""Tests. The program comes first: it sets the threads of the linear algebra before NumPy is there."""

import nuvrek as nuvrek
