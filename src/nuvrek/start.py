"""The entry point: the window without arguments, the command line with them."""

from __future__ import annotations

import sys


def main() -> int:
    """Run Nuvrek; returns the exit status: 130 where it was stopped by hand while starting."""
    try:
        return _main()
    except KeyboardInterrupt:
        return 130


def _main() -> int:
    practises = sys.argv[1:2] == ["practice"] and "--help" not in sys.argv
    if not practises and len(sys.argv) > 1 and not _is_for_window(sys.argv[1]):
        from nuvrek.cli.main import main as run

        return run(sys.argv[1:])
    from nuvrek.desktop.speaking import speak_first
    from nuvrek.logbook.places import settings_path

    language = speak_first(settings_path())
    if practises:
        from nuvrek.desktop.practice.start import main as practise

        return practise(sys.argv[2:], language)
    from nuvrek.desktop.app import main as show

    return show(sys.argv[1:], language)


def _is_for_window(word: str) -> bool:
    """Whether the first word is no command of the command line."""
    return word in ("--demo", "--logbook") or word.startswith("--logbook=") or _is_job(word)


def _is_job(word: str) -> bool:
    """Whether a word is a file to look at, and no command."""
    from pathlib import Path

    return not word.startswith("-") and ("/" in word or "." in word) and Path(word).is_file()


if __name__ == "__main__":
    sys.exit(main())
