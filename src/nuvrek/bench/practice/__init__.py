"""The practice bench as a page has it: what is on it, what its keys do, what is kept of it."""
