"""How the program speaks: the only room that puts what the core concludes into words."""

from nuvrek.meaning import write_with
from nuvrek.wording.speech import said_error, say, say_all, say_values, tr, tr_number

# What the core writes down as text is written in these words.
write_with(say)

__all__ = ["said_error", "say", "say_all", "say_values", "tr", "tr_number"]
