"""Nuvrek: a bench companion for fretwork."""

__version__ = "0.1.0"
