"""The pages of the practice window."""
