"""What each page says of itself when it is asked: its keys, and what is to be seen."""
