"""Tests. The program comes first: it sets the threads of the linear algebra before NumPy loads."""

import nuvrek as nuvrek
