"""How the program speaks: the only room that puts what the core concludes into words."""

from nuvrek.wording.speech import said_error, say, say_all, tr, tr_number

__all__ = ["said_error", "say", "say_all", "tr", "tr_number"]
