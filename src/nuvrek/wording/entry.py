"""What stands in a family of sentences."""

# A sentence, or the one for a single thing and the one for many, by the place ``number``.
Entry = str | tuple[str, str]
