"""What an eye sees of each tool on the practice bench."""
