"""Writing files whole or not at all."""

from __future__ import annotations

import contextlib
import os
from pathlib import Path


def write_whole(path: Path, data: bytes) -> None:
    """Write ``data`` to ``path``; a failure leaves what was there before. Raises OSError."""
    part = path.with_name(f".{path.name}.part")
    try:
        with open(part, "wb") as out:
            out.write(data)
            out.flush()
            os.fsync(out.fileno())
        os.replace(part, path)
    except OSError:
        with contextlib.suppress(OSError):
            part.unlink()
        raise
