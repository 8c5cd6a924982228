"""A digital gauge on a serial line: connected, silent or lost, in plain words."""

from __future__ import annotations

from PyQt6.QtCore import QObject, QTimer, pyqtSignal
from PyQt6.QtSerialPort import QSerialPort, QSerialPortInfo

from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.readings.gauge_lines import GaugeLines, Sent
from nuvrek.simulator.stand_in_gauge import PlayedGauge
from nuvrek.wording.speech import later, say, tr

SILENT_AFTER_MS = 60_000


class Gauge(QObject):
    """Opens a port by its path and hands on what the gauge sends."""

    STAND_IN = later("stand-in, on a made-up neck")

    sent = pyqtSignal(str)  # a reading, as a length field takes it
    noise = pyqtSignal(str)  # a sentence about a line that is no reading
    changed = pyqtSignal()  # the state in words is another

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.words = tr("no gauge")
        self._port: QSerialPort | None = None
        self._lines = GaugeLines()
        self._played: PlayedGauge | None = None
        self._silence = QTimer(self)
        self._silence.setSingleShot(True)
        self._silence.setInterval(SILENT_AFTER_MS)
        self._silence.timeout.connect(lambda: self._say(tr("gauge: silent")))

    @property
    def connected(self) -> bool:
        """Whether a port is open."""
        return self._port is not None

    @property
    def stands_in(self) -> bool:
        """Whether the stand-in gauge is on the line."""
        return self._played is not None

    def ports(self) -> list[str]:
        """The serial ports of this machine."""
        return [info.systemLocation() for info in QSerialPortInfo.availablePorts()]

    def open_stand_in(self, neck: NeckDescription | None) -> str:
        """Put the stand-in gauge on the line, over a made-up neck of the same kind."""
        try:
            played = PlayedGauge(neck)
        except OSError as error:
            return tr(
                "This machine has no line for a stand-in gauge ({reason}).",
                reason=(error.strerror or tr("no reason given")).lower(),
            )
        trouble = self.open(played.gauge.path)
        if not trouble:
            self._played = played
            self.changed.emit()
        return trouble

    def press_stand_in(self, fret: int, lane: Lane) -> None:
        """Press the stand-in's data button over a fret."""
        if self._played is not None:
            self._played.press(fret, LANES.index(lane))

    def open(self, path: str, line: str = "9600 8N1") -> str:
        """Open the port at ``path``; returns an empty string, or a sentence saying why that failed.

        ``line`` is bits a second, data bits, parity and stop bits, as in ``9600 8N1``.
        """
        self.close()
        port = QSerialPort(self)
        port.setPortName(path)
        set_line(port, line)
        if not port.open(QSerialPort.OpenModeFlag.ReadOnly):
            reason = port.errorString().lower()
            port.deleteLater()
            self._say(tr("no gauge"))
            return tr(
                "The gauge at {path} can't be opened ({reason}). Is it plugged in, and may "
                "you use that port?",
                path=path,
                reason=reason,
            )
        self._port, self._lines = port, GaugeLines()
        port.readyRead.connect(self._read)
        port.errorOccurred.connect(self._fail)
        self._silence.start()
        self._say(tr("gauge: connected"))
        return ""

    def close(self) -> None:
        """Let go of the port."""
        self._silence.stop()
        if self._port is not None:
            port, self._port = self._port, None
            port.blockSignals(True)
            port.close()
            port.deleteLater()
            self._say(tr("no gauge"))
        if self._played is not None:
            self._played.gauge.unplug()
            self._played = None
            self.changed.emit()

    def _read(self) -> None:
        if self._port is None:
            return
        self._silence.start()
        self._say(tr("gauge: connected"))
        for result in self._lines.feed(self._port.readAll().data()):
            if isinstance(result, Sent):
                self.sent.emit(result.text)
            else:
                self.noise.emit(say(result.sentence))

    def _fail(self, error: QSerialPort.SerialPortError) -> None:
        if error != QSerialPort.SerialPortError.NoError and self._port is not None:
            self.close()
            self._say(tr("gauge: lost"))
            self.noise.emit(
                tr(
                    "The gauge is gone: was its cable pulled? Nothing taken is lost; go on by "
                    "hand or connect it again."
                )
            )

    def _say(self, words: str) -> None:
        if words != self.words:
            self.words = words
            self.changed.emit()


def set_line(port: QSerialPort, line: str) -> None:
    """Set a port to ``line``: bits a second, then data bits, parity (N, E, O) and stop bits in
    three characters.
    """
    speed, _, frame = line.partition(" ")
    port.setBaudRate(int(speed))
    port.setDataBits(QSerialPort.DataBits(int(frame[0])))
    parity = {"N": "NoParity", "E": "EvenParity", "O": "OddParity"}[frame[1]]
    port.setParity(QSerialPort.Parity[parity])
    port.setStopBits(
        QSerialPort.StopBits.OneStop if frame[2] == "1" else QSerialPort.StopBits.TwoStop
    )
