"""What became of a neck, what was the matter with it, and what that is worth."""
