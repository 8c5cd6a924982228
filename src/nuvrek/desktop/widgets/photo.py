"""A photo made small enough to be kept with the job (the original is only read), and shown
again.
"""

from __future__ import annotations

from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, QSize, Qt
from PyQt6.QtGui import QImage, QImageReader, QKeyEvent, QMouseEvent, QPixmap
from PyQt6.QtWidgets import QLabel, QWidget

from nuvrek.readings.entries import PHOTO_BYTES

LONGEST_PX = 1280
_MOST_PIXELS = 200_000_000


def small_copy(path: str) -> bytes | str:
    """The photo at ``path`` as a JPEG of at most 1280 pixels a side, or a sentence saying why
    not.
    """
    reader = QImageReader(path)
    reader.setAutoTransform(True)
    size = reader.size()
    if size.isValid() and size.width() * size.height() > _MOST_PIXELS:
        return "That picture is too large to be read. Take a smaller one."
    if size.isValid() and max(size.width(), size.height()) > LONGEST_PX:
        reader.setScaledSize(
            size.scaled(QSize(LONGEST_PX, LONGEST_PX), Qt.AspectRatioMode.KeepAspectRatio)
        )
    image = reader.read()
    if image.isNull():
        return "That file is no picture Nuvrek can read. A JPEG or PNG is fine."
    return _jpeg(image)


class PhotoView(QLabel):
    """A kept photo over the whole window; a click or any key closes it."""

    def __init__(self, window: QWidget, photo: bytes) -> None:
        super().__init__(window)
        self.setAccessibleName("Photo kept with the reading: any key closes it")
        self.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.setAutoFillBackground(True)
        image = QImage.fromData(photo)
        if image.isNull():
            self.setText("This photo can't be read any more.")
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


def _jpeg(image: QImage) -> bytes | str:
    flat = image.convertToFormat(QImage.Format.Format_RGB32)
    for quality in (85, 70, 50, 30):
        data = QByteArray()
        buffer = QBuffer(data)
        buffer.open(QIODevice.OpenModeFlag.WriteOnly)
        flat.save(buffer, "JPEG", quality)
        if 0 < len(data.data()) <= PHOTO_BYTES:
            return bytes(data.data())
    return "That picture does not get small enough to be kept. Take a smaller one."
