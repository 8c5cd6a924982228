"""The window of the practice neck."""
