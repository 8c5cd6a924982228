"""The keys of every tool on the practice bench."""
