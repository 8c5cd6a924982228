"""One window a logbook: what is heard at its door, and from whom."""

import os
import random
import socket
import threading
import unittest
from pathlib import Path
from unittest import mock

from nuvrek.desktop.one_window import Doorbell, _folder, _place, hand_over, identity_of
from nuvrek.logbook.store import Logbook
from tests.support import WindowCase

FUZZ = int(os.environ.get("NUVREK_FUZZ", "300"))


class AtTheDoor(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.logbook = str(self.folder / "book.db")
        Logbook.make(Path(self.logbook)).close()
        own = mock.patch.dict(os.environ, {"XDG_RUNTIME_DIR": str(self.folder)})
        own.start()
        self.addCleanup(own.stop)
        self.folder.chmod(0o700)
        self.heard: list[str] = []

    def opened(self) -> Doorbell:
        door = Doorbell(self.app, self.logbook)
        self.assertTrue(door.open)
        door.rang.connect(self.heard.append)
        self.addCleanup(door.close)
        return door

    def test_a_second_start_hands_its_file_to_the_first(self) -> None:
        neck = self.folder / "neck.nuvrek"
        self.assertFalse(hand_over(neck, self.logbook))
        for _ in range(2):
            door = self.opened()
            self.assertTrue(hand_over(neck, self.logbook))
            self.assertFalse(hand_over(None, self.logbook + "another"))
            self.wait_until(lambda: self.heard)
            self.assertEqual(self.heard.pop(), str(neck.resolve()))
            # The first one is killed: its door stays behind, and the next start opens it anew.
            door.open = False
            door._door.shutdown(socket.SHUT_RDWR)
            door._door.close()
            self.assertFalse(hand_over(None, self.logbook))
        assert door._place is not None
        self.assertTrue(door._place.exists())

    def test_one_logbook_has_one_door_whatever_is_typed(self) -> None:
        self.opened()
        link = self.folder / "link.db"
        link.symlink_to(self.logbook)
        same = f"{self.folder}/./x/../book.db"
        (self.folder / "x").mkdir()
        for typed in (str(link), same, os.path.relpath(self.logbook)):
            self.assertTrue(hand_over(None, typed), typed)
        one, other = (
            identity_of(f"postgresql://{who}@server:5432/shop") for who in ("a:secret", "b")
        )
        self.assertEqual(one, other)
        self.assertNotIn("secret", one)
        # A file put in the place of the one that is open is another logbook.
        (self.folder / "new.db").write_bytes(Path(self.logbook).read_bytes())
        os.replace(self.folder / "new.db", self.logbook)
        self.assertFalse(hand_over(None, self.logbook))

    def test_a_folder_that_others_can_write_to_is_not_used(self) -> None:
        self.folder.chmod(0o777)
        with mock.patch("nuvrek.logbook.places.log_folder", return_value=self.folder / "own"):
            self.assertEqual(_folder(), self.folder / "own" / "door")
            (self.folder / "own" / "door").chmod(0o777)
            self.assertIsNone(_folder())
            door = Doorbell(self.app, self.logbook)
        self.assertFalse(door.open)

    def test_nonsense_is_ignored_and_holds_nobody(self) -> None:
        """Words of any length and kind, callers that say nothing or half, all at once."""
        self.opened()
        place, pick = _place(self.logbook), random.Random(4)
        assert place is not None
        silent = [socket.socket(socket.AF_UNIX) for _ in range(2)]
        for line in silent:
            line.connect(str(place))
            line.send(b"/half a")
        said = [b"", b"\n\n", b"relative\n", b"/a\0b\n", b"/a\n/b\n", b"/" + b"x" * 9000 + b"\n"]
        said += [pick.randbytes(pick.randrange(40)) + b"\n" for _ in range(min(FUZZ, 10_000))]
        said = [word for word in said if not word.startswith(b"/tmp")]

        def say() -> None:
            for word in said:
                with socket.socket(socket.AF_UNIX) as line:
                    line.settimeout(3.0)
                    try:
                        line.connect(str(place))
                        line.sendall(word)
                        line.shutdown(socket.SHUT_WR)
                        line.recv(10)
                    except OSError:
                        # Hung up on: just what is wanted.
                        continue

        thread = threading.Thread(target=say)
        thread.start()
        while thread.is_alive():
            self.app.processEvents()
            thread.join(0.01)
        for line in silent:
            line.close()
        self.assertTrue(hand_over(Path("/tmp/after"), self.logbook))
        self.wait_until(lambda: "/tmp/after" in self.heard)
        for word in self.heard:
            self.assertTrue(word == "" or word.startswith("/"), word)
            self.assertNotIn("\0", word)


if __name__ == "__main__":
    unittest.main()
