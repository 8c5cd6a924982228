"""The window as the screen and the keyboard see it: where it stands, and which keys are its own."""
