"""Forms of practice: one thing done against a limit, on a neck made up for it."""
