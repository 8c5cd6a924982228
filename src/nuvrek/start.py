"""The entry point: the window without arguments, the command line with them."""

from __future__ import annotations

import sys


def main() -> int:
    """Run Nuvrek; returns the exit status."""
    if sys.argv[1:2] == ["practice"] and "--help" not in sys.argv:
        from nuvrek.desktop.practice.start import main as practise

        return practise(sys.argv[2:])
    if len(sys.argv) > 1 and sys.argv[1] not in ("--demo",) and not _is_job(sys.argv[1]):
        from nuvrek.cli import main as run

        return run(sys.argv[1:])
    from nuvrek.desktop.app import main as show

    return show(sys.argv[1:])


def _is_job(word: str) -> bool:
    """Whether a word is a file to look at, and no command."""
    from pathlib import Path

    return not word.startswith("-") and ("/" in word or "." in word) and Path(word).is_file()


if __name__ == "__main__":
    sys.exit(main())
