"""What the readings tell by themselves, without a height map."""
