"""A logbook on a server: spoken to directly, or through a copy that is carried to and fro."""
