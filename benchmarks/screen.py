"""A real X server seen from outside: a program is begun there, its pixels are looked at, and keys
reach it as a keyboard's do. Nothing inside the program tells when it is done.
"""

from __future__ import annotations

import ctypes
import os
import subprocess
import time
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from ctypes import POINTER, Structure, c_char, c_char_p, c_int, c_uint, c_ulong, c_void_p

import numpy as np
from numpy.typing import NDArray

SIZE = (1280, 800)
# A window that stood still for so long has settled; fewer changed pixels than this are a caret.
STILL_S, FEW_PIXELS = 1.2, 200
# A page of which so small a part is still to come is there.
ALL_BUT = 0.03
_LOOK_S = 0.002
_EVERY_PLANE, _Z_PIXMAP = 0xFFFFFFFF, 2

Frame = NDArray[np.uint32]


class _Image(Structure):
    """The first part of an XImage."""

    _fields_ = [
        *[(name, c_int) for name in ("width", "height", "xoffset", "format")],
        ("data", POINTER(c_char)),
        *[(name, c_int) for name in ("byte_order", "bitmap_unit", "bitmap_bit_order")],
        *[(name, c_int) for name in ("bitmap_pad", "depth", "bytes_per_line")],
    ]


class Screen:
    """What stands on an X server's screen, and a keyboard before it."""

    def __init__(self, name: str) -> None:
        self.x = ctypes.CDLL("libX11.so.6")
        self.test = ctypes.CDLL("libXtst.so.6")
        self.x.XOpenDisplay.restype = c_void_p
        self.x.XDefaultRootWindow.restype = c_ulong
        self.x.XGetImage.restype = POINTER(_Image)
        self.x.XGetImage.argtypes = [
            *(c_void_p, c_ulong, c_int, c_int),
            *(c_uint, c_uint, c_ulong, c_int),
        ]
        self.x.XKeysymToKeycode.argtypes = [c_void_p, c_ulong]
        self.x.XStringToKeysym.restype = c_ulong
        self.x.XStringToKeysym.argtypes = [c_char_p]
        self.x.XDestroyImage.argtypes = [POINTER(_Image)]
        self.display = c_void_p(self.x.XOpenDisplay(name.encode()))
        self.root = self.x.XDefaultRootWindow(self.display)

    def frame(self) -> Frame:
        """All pixels as they are now."""
        wide, high = SIZE
        image = self.x.XGetImage(self.display, self.root, 0, 0, wide, high, _EVERY_PLANE, _Z_PIXMAP)
        size = image.contents.bytes_per_line * high
        found = np.frombuffer(ctypes.string_at(image.contents.data, size), dtype=np.uint32)
        self.x.XDestroyImage(image)
        return found

    def press(self, key: str) -> None:
        """A key by its X name, down and up."""
        code = self.x.XKeysymToKeycode(self.display, self.x.XStringToKeysym(key.encode()))
        for down in (1, 0):
            self.test.XTestFakeKeyEvent(self.display, c_uint(code), c_int(down), c_ulong(0))
        self.x.XFlush(self.display)

    def point(self) -> None:
        """The pointer into the window: without a window manager the keys go where it is."""
        zero = c_int(0)
        self.x.XWarpPointer(
            *(self.display, c_ulong(0), c_ulong(self.root), zero, zero),
            *(c_uint(0), c_uint(0), c_int(1200), c_int(12)),
        )
        self.x.XFlush(self.display)

    def changes(self, begun: float, most_s: float = 20.0) -> tuple[float, float]:
        """Seconds after ``begun`` at which the screen was another, and at which it was all but what
        it then stayed.
        """
        frames, still_since = [(0.0, self.frame())], time.perf_counter()
        while True:
            time.sleep(_LOOK_S)
            frame, now = self.frame(), time.perf_counter()
            if int(np.count_nonzero(frame != frames[-1][1])) > FEW_PIXELS:
                frames.append((now - begun, frame))
                still_since = now
            if (len(frames) > 1 and now - still_since > STILL_S) or now - begun > most_s:
                break
        last = frames[-1][1]
        there = next(at for at, one in frames if np.mean(one != last) < ALL_BUT)
        return frames[min(1, len(frames) - 1)][0], there


@contextmanager
def screen() -> Iterator[tuple[Screen, dict[str, str]]]:
    """A virtual screen of its own, and the environment that leads to it."""
    reader, writer = os.pipe()
    server = subprocess.Popen(
        [
            *("Xvfb", "-displayfd", str(writer), "-screen", "0", "1280x800x24"),
            *("-nolisten", "tcp", "-noreset"),
        ],
        pass_fds=[writer],
        stderr=subprocess.DEVNULL,
    )
    os.close(writer)
    try:
        with os.fdopen(reader) as told:
            name = f":{told.readline().strip()}"
        yield Screen(name), {**os.environ, "DISPLAY": name, "QT_QPA_PLATFORM": "xcb"}
    finally:
        server.terminate()
        server.wait()


@contextmanager
def shown(
    seen: Screen, command: Sequence[str], environment: dict[str, str]
) -> Iterator[tuple[float, float]]:
    """A program on that screen, and when its pictures came, in seconds after its beginning."""
    seen.point()
    begun = time.perf_counter()
    program = subprocess.Popen(
        command, env=environment, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL
    )
    try:
        yield seen.changes(begun)
    finally:
        program.terminate()
        program.wait()


def after(seen: Screen, *keys: str) -> tuple[float, float]:
    """When the screen changed after these keys, and was all but what it stayed, in seconds."""
    begun = time.perf_counter()
    for key in keys:
        seen.press(key)
    return seen.changes(begun)
