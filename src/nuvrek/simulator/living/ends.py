"""Fret ends: how far the outer strings lie from where a fret begins to fall away."""

from __future__ import annotations

# From an outer string to the edge of the top, and what it must keep (common practice, no source).
EDGE_ROOM_MM, LEAST_ROOM_MM = 3.0, 2.2
