"""Hands and tools at the practice bench: what can be done, and what is felt."""
