"""The advice at the practice bench: it measures, works and is scored as a player is."""
