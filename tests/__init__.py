"""Tests. The program comes first: it sets the threads of the linear algebra before NumPy loads.

What is written down needs somebody who puts it into words.
"""

import os

import nuvrek as nuvrek
from nuvrek import wording as wording

# Answers are compared in English, wherever the tests run.
os.environ["LC_ALL"] = "C.UTF-8"
