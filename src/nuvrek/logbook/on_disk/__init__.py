"""The file of a logbook, its copies, and what can be read of a damaged one."""
