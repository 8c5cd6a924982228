"""Builds a .deb from the lock file: the program with its own libraries inside, what a desktop needs
of it, man page and completion. Run: ./run python scripts/build_deb.py FOLDER
"""

from __future__ import annotations

import gzip
import hashlib
import os
import re
import shutil
import subprocess
import sys
import tempfile
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
PACKAGING, HOME = ROOT / "packaging", "usr/lib/nuvrek"
# Of Qt, what the program imports and what a window needs to open.
QT_MODULES = (
    "QtCore",
    "QtGui",
    "QtWidgets",
    "QtDBus",
    "QtPdf",
    "QtPrintSupport",
    "QtSerialPort",
    "QtSvg",
    "sip",
)
QT_PLUGINS = (
    "platforms",
    "platformthemes",
    "platforminputcontexts",
    "xcbglintegrations",
    "egldeviceintegrations",
    "wayland-decoration-client",
    "wayland-graphics-integration-client",
    "wayland-shell-integration",
    "imageformats",
    "iconengines",
    "printsupport",
    "styles",
)
# Files for building on libraries, and their tests: nobody runs them.
NOT_SHIPPED = ("*.pyi", "*.pyx", "*.pxd", "*.h", "*.hpp", "*.c", "*.cpp", "*.f90", "*.a", "*.sip")
NOT_FOLDERS = ("__pycache__", "tests", "bindings", "qml", "include", "bin")
MAINTAINER = "Nuvrek developers <nuvrek@localhost>"
CONTROL = """Package: nuvrek
Version: {version}
Section: science
Priority: optional
Architecture: {machine}
Maintainer: {maintainer}
Installed-Size: {size}
Depends: python3 (>= {python}), python3 (<< {next_python}), {libraries}
Description: bench companion for fretwork
 Guided readings of a neck from the numeric keypad, a height map with its doubt,
 an advised course with every other way beside it, and the history of each neck.
 A practice neck to learn on comes with it.
"""
LAUNCHER = """#!/usr/bin/python3 -sP
\"\"\"Nuvrek with its own libraries.\"\"\"

import sys

sys.path.insert(0, "/usr/lib/nuvrek")

from nuvrek.start import main

sys.exit(main())
"""
POSTINST = """#!/bin/sh
set -e
if [ "$1" = configure ]; then
    python3 -m compileall -q /usr/lib/nuvrek >/dev/null 2>&1 || true
fi
"""
PRERM = """#!/bin/sh
set -e
find /usr/lib/nuvrek -depth -type d -name __pycache__ -exec rm -rf {} +
"""


def main() -> int:
    out = Path(sys.argv[1] if len(sys.argv) > 1 else "dist").resolve()
    out.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder:
        root = Path(folder) / "root"
        _libraries(root / HOME)
        _prune(root / HOME)
        _desktop(root)
        made = out / f"nuvrek_{_version()}_{_machine()}.deb"
        _control(root)
        for path in root.rglob("*"):
            keep = path.is_dir() or (os.access(path, os.X_OK) and _runs(path, root))
            path.chmod(0o755 if keep else 0o644)
        subprocess.run(
            ["dpkg-deb", "--root-owner-group", "-Zxz", "--build", str(root), str(made)], check=True
        )
    print(f"{made.name}: {made.stat().st_size / 1e6:.0f} MB")
    return 0


def _version() -> str:
    found = re.search(r'^version = "([^"]+)"', (ROOT / "pyproject.toml").read_text(), re.M)
    assert found is not None
    return found[1]


def _machine() -> str:
    return subprocess.check_output(["dpkg", "--print-architecture"], text=True).strip()


def _runs(path: Path, root: Path) -> bool:
    """Scripts of the package itself; libraries need no such mark."""
    return path.relative_to(root).parts[0] == "DEBIAN" or path.parent == root / "usr/bin"


def _libraries(place: Path) -> None:
    """The locked packages and the program itself, none of them seen by another Python."""
    pip = [sys.executable, "-m", "pip", "install", "-q", "--disable-pip-version-check"]
    lock = ROOT / "lock/app.txt"
    subprocess.run(
        [*pip, "--require-hashes", "--no-compile", "--target", str(place), "-r", str(lock)],
        check=True,
    )
    with tempfile.TemporaryDirectory() as folder:
        build = [sys.executable, "-m", "hatchling", "build", "-t", "wheel", "-d", folder]
        subprocess.run(build, cwd=ROOT, check=True, stdout=subprocess.DEVNULL)
        wheel = next(Path(folder).glob("*.whl"))
        subprocess.run(
            [*pip, "--no-deps", "--no-compile", "--target", str(place), str(wheel)], check=True
        )


def _prune(place: Path) -> None:
    """What is for developers, and the parts of Qt nobody here asks for."""
    for name in NOT_FOLDERS:
        for path in list(place.rglob(name)):
            if path.is_dir() and not _wanted_folder(path, place):
                shutil.rmtree(path, ignore_errors=True)
    for pattern in NOT_SHIPPED:
        for path in list(place.rglob(pattern)):
            path.unlink()
    qt = place / "PyQt6"
    for path in qt.glob("*.so"):
        if path.name.split(".")[0] not in QT_MODULES:
            path.unlink()
    plugins = qt / "Qt6/plugins"
    for path in plugins.iterdir():
        if path.name not in QT_PLUGINS:
            shutil.rmtree(path)
    _only_needed(qt)


def _wanted_folder(path: Path, place: Path) -> bool:
    """Packages whose code lies in a folder of such a name."""
    return path.name == "bin" and path.parent != place


def _only_needed(qt: Path) -> None:
    """Of Qt's libraries those that something left asks for, directly or not."""
    libraries = {path.name: path for path in (qt / "Qt6/lib").glob("*.so*")}
    wanted: set[str] = set()
    left = [*qt.glob("*.so"), *(qt / "Qt6/plugins").rglob("*.so")]
    while left:
        for name in _asks_for(left.pop()):
            if name in libraries and name not in wanted:
                wanted.add(name)
                left.append(libraries[name])
    for name, path in libraries.items():
        if name not in wanted:
            path.unlink()
    for path in (qt / "Qt6/translations").glob("*.qm"):
        if not path.name.startswith(("qtbase_", "qt_")):
            path.unlink()


def _asks_for(path: Path) -> list[str]:
    said = subprocess.run(["objdump", "-p", str(path)], capture_output=True, text=True).stdout
    return re.findall(r"NEEDED\s+(\S+)", said)


_ICONS = "icons/hicolor/scalable"


def _desktop(root: Path) -> None:
    share, files = root / "usr/share", PACKAGING
    places = {
        "nuvrek.desktop": "applications/nuvrek.desktop",
        "org.nuvrek.Nuvrek.metainfo.xml": "metainfo/org.nuvrek.Nuvrek.metainfo.xml",
        "nuvrek-mime.xml": "mime/packages/nuvrek.xml",
        "icons/nuvrek.svg": f"{_ICONS}/apps/nuvrek.svg",
        "icons/application-x-nuvrek-job.svg": f"{_ICONS}/mimetypes/application-x-nuvrek-job.svg",
        "nuvrek.bash-completion": "bash-completion/completions/nuvrek",
        "lintian-overrides": "lintian/overrides/nuvrek",
    }
    for name, to in places.items():
        (share / to).parent.mkdir(parents=True, exist_ok=True)
        shutil.copy(files / name, share / to)
    launcher = root / "usr/bin/nuvrek"
    launcher.parent.mkdir(parents=True)
    launcher.write_text(LAUNCHER)
    launcher.chmod(0o755)
    _packed(share / "man/man1/nuvrek.1.gz", (files / "nuvrek.1").read_bytes())
    _packed(share / "doc/nuvrek/NEWS.gz", (ROOT / "CHANGELOG.md").read_bytes())
    _packed(share / "doc/nuvrek/changelog.gz", _changelog().encode())
    (share / "doc/nuvrek/copyright").write_text(_copyright(root / HOME))


def _changelog() -> str:
    """What Debian's tools read; the words themselves are in NEWS."""
    when = subprocess.check_output(["git", "log", "-1", "--format=%aD"], cwd=ROOT, text=True)
    return (
        f"nuvrek ({_version()}) unstable; urgency=low\n\n  * See NEWS.gz.\n\n"
        f" -- {MAINTAINER}  {when.strip()}\n"
    )


def _packed(path: Path, data: bytes) -> None:
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_bytes(gzip.compress(data, 9, mtime=0))


def _copyright(place: Path) -> str:
    """The program's licence, and of every library inside where its own lies."""
    lines = [
        "Format: https://www.debian.org/doc/packaging-manuals/copyright-format/1.0/",
        "Upstream-Name: nuvrek",
        "",
        "Files: *",
        "Copyright: 2026 Nuvrek's developers",
        "License: GPL-3.0-or-later",
        " See /usr/share/common-licenses/GPL-3.",
        "",
        "Comment: libraries inside, each with its licence beside it:",
    ]
    for info in sorted(place.glob("*.dist-info")):
        name = info.name.removesuffix(".dist-info").replace("-", " ")
        lines.append(f" {name}: /{HOME}/{info.name}")
    return "\n".join(lines) + "\n"


def _control(root: Path) -> None:
    control = root / "DEBIAN"
    control.mkdir()
    listed = [p for p in sorted(root.rglob("*")) if p.is_file() and control not in p.parents]
    size = sum(path.stat().st_size for path in listed) // 1024
    major, minor = sys.version_info[:2]
    text = CONTROL.format(
        version=_version(),
        maintainer=MAINTAINER,
        machine=_machine(),
        size=size,
        python=f"{major}.{minor}",
        next_python=f"{major}.{minor + 1}",
        libraries=", ".join(_window_packages()),
    )
    (control / "control").write_text(text)
    sums = (
        f"{hashlib.md5(path.read_bytes()).hexdigest()}  {path.relative_to(root)}\n"
        for path in listed
    )
    (control / "md5sums").write_text("".join(sums))
    for name, words in (("postinst", POSTINST), ("prerm", PRERM)):
        (control / name).write_text(words)
        (control / name).chmod(0o755)


def _window_packages() -> list[str]:
    """The system's libraries a window needs, as ``run`` names them."""
    found = re.search(r'^WINDOW_LIBS="([^"]+)"', (ROOT / "run").read_text(), re.M | re.S)
    assert found is not None
    return sorted({"libc6", *(pair.split(":")[1] for pair in found[1].split())})


if __name__ == "__main__":
    sys.exit(main())
