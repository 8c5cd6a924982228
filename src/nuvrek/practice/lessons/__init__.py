"""Lessons: each is one trap of the trade on a neck that forgives."""
