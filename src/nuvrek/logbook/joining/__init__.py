"""Two logbooks made one, and what goes out of one and stays out."""
