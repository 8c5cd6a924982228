"""Necks, tools and a hand that share nothing with the program: they judge it and set none of its
figures.
"""
