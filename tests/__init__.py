"""Tests. The program comes first: it sets the threads of the linear algebra before NumPy loads.

What is written down needs somebody who puts it into words.
"""

import nuvrek as nuvrek
import nuvrek.wording as wording
