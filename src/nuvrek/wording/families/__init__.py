"""Sentences by key, one module a family. Places are filled by ``nuvrek.wording.speech``."""
