"""A photo made small enough to be kept with the job (the original is only read), and shown
again.
"""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, QSize, Qt
from PyQt6.QtGui import QImage, QImageReader, QKeyEvent, QMouseEvent, QPixmap
from PyQt6.QtWidgets import QLabel, QWidget

from nuvrek.desktop.widgets.painting import painting
from nuvrek.exchange.jobfile import read_bytes
from nuvrek.meaning import Refusal
from nuvrek.readings.entries import PHOTO_BYTES
from nuvrek.wording.speech import later, tr

LONGEST_PX = 1280
# With four bytes a pixel that is the most memory a picture may take while it is read.
_MOST_PIXELS, _MOST_MB = 64_000_000, 256
# A picture is what its first bytes say, whatever its name. Formats that can name other files or
# draw without end are not among them.
_KINDS = ((b"\xff\xd8\xff", b"jpeg"), (b"\x89PNG\r\n\x1a\n", b"png"), (b"RIFF", b"webp"))
NO_PICTURE = later("That file is no picture Nuvrek can read. A JPEG, PNG or WebP is fine.")
TOO_LARGE = later("That picture is too large to be read. Take a smaller one.")


def small_copy(path: Path) -> bytes:
    """The photo at ``path`` as a JPEG of at most 1280 pixels a side. Raises ValueError with a
    sentence saying why not.
    """
    return _jpeg(decoded(read_bytes(path)))


def decoded(raw: bytes) -> QImage:
    """The picture in ``raw``, made small. Raises ValueError with a sentence saying why not."""
    kind = next((kind for start, kind in _KINDS if raw.startswith(start)), None)
    if kind is None or (kind == b"webp" and raw[8:12] != b"WEBP"):
        raise Refusal(NO_PICTURE)
    buffer = QBuffer()
    buffer.setData(QByteArray(raw))
    buffer.open(QIODevice.OpenModeFlag.ReadOnly)
    QImageReader.setAllocationLimit(_MOST_MB)
    reader = QImageReader(buffer, QByteArray(kind))
    reader.setDecideFormatFromContent(False)
    reader.setAutoTransform(True)
    size = reader.size()
    if not size.isValid():
        raise Refusal(NO_PICTURE)
    if size.width() * size.height() > _MOST_PIXELS:
        raise Refusal(TOO_LARGE)
    if max(size.width(), size.height()) > LONGEST_PX:
        reader.setScaledSize(
            size.scaled(QSize(LONGEST_PX, LONGEST_PX), Qt.AspectRatioMode.KeepAspectRatio)
        )
    image = reader.read()
    if image.isNull():
        raise Refusal(NO_PICTURE)
    return image


class PhotoView(QLabel):
    """A kept photo over the whole window; a click or any key closes it."""

    def __init__(self, window: QWidget, photo: bytes) -> None:
        super().__init__(window)
        self.setAccessibleName(tr("Photo kept with the reading: any key closes it"))
        self.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.setAutoFillBackground(True)
        try:
            image = decoded(photo)
        except ValueError:
            self.setText(tr("This photo can't be read any more."))
        else:
            smooth = Qt.TransformationMode.SmoothTransformation
            fitted = image.scaled(window.size() * 0.94, Qt.AspectRatioMode.KeepAspectRatio, smooth)
            self.setPixmap(QPixmap.fromImage(fitted))
        self.setGeometry(window.rect())
        self.show()
        self.raise_()
        self._before = window.focusWidget()
        self.setFocus()

    def _leave(self) -> None:
        self.hide()
        if self._before is not None:
            self._before.setFocus()
        self.deleteLater()

    def keyPressEvent(self, _event: QKeyEvent | None) -> None:
        self._leave()

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self._leave()


def _only_picture(image: QImage) -> QImage:
    """The same dots and nothing else: no place, no name, no words that came with the file."""
    bare = QImage(image.size(), QImage.Format.Format_RGB32)
    bare.fill(0xFFFFFFFF)
    with painting(bare) as painter:
        painter.drawImage(0, 0, image)
    return bare


def _jpeg(image: QImage) -> bytes:
    flat = _only_picture(image)
    for quality in (85, 70, 50, 30):
        data = QByteArray()
        buffer = QBuffer(data)
        buffer.open(QIODevice.OpenModeFlag.WriteOnly)
        flat.save(buffer, "JPEG", quality)
        if 0 < len(data.data()) <= PHOTO_BYTES:
            return bytes(data.data())
    raise ValueError(tr("That picture does not get small enough to be kept. Take a smaller one."))
