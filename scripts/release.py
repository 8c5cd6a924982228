"""Makes a release out of what CHANGELOG.md says: version, metainfo, man page, one commit, one tag.

Run: ./run python scripts/release.py 0.2.0    (nothing is pushed)
"""

from __future__ import annotations

import re
import subprocess
import sys
from datetime import date
from html import escape
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
UNRELEASED = re.compile(r"^## (\S+) \(unreleased\)\n\n(.*?)(?=^## |\Z)", re.M | re.S)


def changes(changelog: str) -> tuple[str, list[str]]:
    """The version that is in the making and its points. Raises ValueError without one."""
    found = UNRELEASED.search(changelog)
    if found is None:
        raise ValueError("CHANGELOG.md has no unreleased part.")
    points = re.findall(r"^- (.*?)(?=^- |\Z)", found[2], re.M | re.S)
    if not points:
        raise ValueError("The unreleased part says nothing.")
    return found[1], [" ".join(point.split()) for point in points]


def released(changelog: str, version: str, day: str) -> str:
    """The change log with its unreleased part released."""
    return UNRELEASED.sub(lambda m: f"## {version} ({day})\n\n{m[2]}", changelog, count=1)


def with_release(metainfo: str, version: str, day: str, points: list[str]) -> str:
    """The metainfo with one release more; a part of the same version gives way."""
    items = "\n".join(f"          <li>{escape(point)}</li>" for point in points[:12])
    made = (
        f'    <release version="{version}" date="{day}">\n      <description>\n        <ul>\n'
        f"{items}\n        </ul>\n      </description>\n    </release>\n"
    )
    old = rf'    <release version="{re.escape(version)}"[^>]*?(/>|>.*?</release>)\n'
    rest = re.sub(old, "", metainfo, flags=re.S)
    return rest.replace("  <releases>\n", f"  <releases>\n{made}", 1)


def main() -> int:
    if len(sys.argv) != 2 or not re.fullmatch(r"\d+\.\d+\.\d+", sys.argv[1]):
        print("Which version? For example: ./run python scripts/release.py 0.2.0")
        return 2
    version, day = sys.argv[1], date.today().isoformat()
    if _git("status", "--porcelain"):
        print("There is something that is not committed.")
        return 2
    log, metainfo = ROOT / "CHANGELOG.md", ROOT / "packaging/org.nuvrek.Nuvrek.metainfo.xml"
    try:
        _, points = changes(log.read_text())
    except ValueError as error:
        print(error)
        return 2
    log.write_text(released(log.read_text(), version, day))
    metainfo.write_text(with_release(metainfo.read_text(), version, day, points))
    for name, before, after in (
        ("pyproject.toml", r'^version = "[^"]+"', f'version = "{version}"'),
        ("src/nuvrek/__init__.py", r'^__version__ = "[^"]+"', f'__version__ = "{version}"'),
        (
            "packaging/nuvrek.1",
            r"^\.TH NUVREK 1 .*",
            f'.TH NUVREK 1 "{day}" "{version}" "Bench programs"',
        ),
    ):
        path = ROOT / name
        path.write_text(re.sub(before, after, path.read_text(), count=1, flags=re.M))
    _git("commit", "-aqm", f"Version {version}")
    _git("tag", "-a", f"v{version}", "-m", f"Nuvrek {version}")
    print(f"v{version}: committed and tagged. Next: scripts/build_deb.py, scripts/try_deb.sh.")
    return 0


def _git(*words: str) -> str:
    return subprocess.check_output(["git", *words], cwd=ROOT, text=True).strip()


if __name__ == "__main__":
    sys.exit(main())
