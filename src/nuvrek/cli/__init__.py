"""The command line: the same core without a window. A module holds the commands of one matter."""
