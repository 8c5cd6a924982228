"""What assistive technology is told: a walk through the accessibility tree of the window.

Run by ``scripts/walk_accessible.sh`` with the system's Python, which has the AT-SPI bindings.
Writes every page with the roles, names, descriptions and states a screen reader would be given,
then what was said while a reading was taken; ends with 1 if something that can be pressed or
filled in has no name, or if pressing a stage did not bring its page.
"""

from __future__ import annotations

import sys
import time
from collections.abc import Iterator
from typing import Any

import gi

gi.require_version("Atspi", "2.0")
from gi.repository import Atspi  # noqa: E402

_PAGES = ("Take in", "Measure", "Map", "Choose", "Work", "Prove")
_TO_BE_NAMED = ("push button", "check box", "combo box", "text", "slider", "spin button", "entry")


def find(name: str, seconds: float = 30.0) -> Any:
    """The running program by its name on the accessibility bus."""
    until = time.time() + seconds
    while time.time() < until:
        desktop = Atspi.get_desktop(0)
        for n in range(desktop.get_child_count()):
            one = desktop.get_child_at_index(n)
            if one is not None and one.get_name() == name and one.get_child_count():
                return one
        time.sleep(0.3)
    raise SystemExit("the program never appeared on the accessibility bus")


def walk(node: Any, depth: int = 0) -> Iterator[tuple[int, Any]]:
    """A node and all below it that shows."""
    yield depth, node
    for n in range(node.get_child_count()):
        child = node.get_child_at_index(n)
        if child is not None and child.get_state_set().contains(Atspi.StateType.SHOWING):
            yield from walk(child, depth + 1)


def tell(node: Any, unnamed: list[str]) -> None:
    """One line a node, those without a word of their own left out."""
    for depth, one in walk(node):
        role, name = one.get_role_name(), one.get_name().strip()
        told = one.get_description().strip()
        if role in _TO_BE_NAMED and not name:
            unnamed.append(f"{role} {told}")
        if not name and not told:
            continue
        states = one.get_state_set()
        marks = [
            word
            for state, word in (
                (Atspi.StateType.FOCUSED, "focused"),
                (Atspi.StateType.CHECKED, "checked"),
            )
            if states.contains(state)
        ]
        if role in _TO_BE_NAMED and not states.contains(Atspi.StateType.ENABLED):
            marks.append("not to be used now")
        line = f"{'  ' * min(depth, 6)}{role}: {name}"
        line += f" ({told[:160]})" if told and told != name else ""
        line += f" [{', '.join(marks)}]" if marks else ""
        print(line.replace("\n", " / "))


def press(node: Any, name: str) -> bool:
    """Press what has this name."""
    for _, one in walk(node):
        if one.get_name() == name and one.get_n_actions():
            one.do_action(0)
            time.sleep(1.5)
            return True
    return False


def announced(program: Any) -> None:
    """What is said of itself while a reading is typed and taken."""
    heard: list[str] = []

    def hear(event: Any) -> None:
        words = event.source.get_name() if event.source is not None else ""
        if event.type.startswith("object:announcement"):
            words = str(event.any_data)
        if words and (not heard or heard[-1] != words):
            heard.append(words)

    listener = Atspi.EventListener.new(hear)
    kinds = ("object:announcement", "object:property-change:accessible-name")
    for kind in kinds:
        listener.register(kind)
    context = gi.repository.GLib.MainContext.default()
    for key in ("1", ".", "2", "Return"):
        Atspi.generate_keyboard_event(_KEYS[key], None, Atspi.KeySynthType.SYM)
        until = time.time() + 0.8
        while time.time() < until:
            context.iteration(False)
            time.sleep(0.01)
    print("\n== said while 1.2 and Enter were pressed in Measure")
    print("\n".join(f"  {words}" for words in heard) or "  nothing")


_KEYS = {"1": 0x31, "2": 0x32, ".": 0x2E, "Return": 0xFF0D}


def main() -> int:
    """Returns the exit status."""
    program, unnamed = find("nuvrek"), []
    window = program.get_child_at_index(0)
    print("== Shelf")
    tell(window, unnamed)
    Atspi.generate_keyboard_event(_KEYS["Return"], None, Atspi.KeySynthType.SYM)
    time.sleep(3)
    for page in _PAGES:
        press(window, f"Stage {page}")
        print(f"\n== {page}")
        tell(window, unnamed)
        if not any(one.get_name().startswith(f"{page}. ") for _, one in walk(window)):
            unnamed.append(f"pressing Stage {page} did not bring its page")
    press(window, "Stage Measure")
    announced(program)
    print(f"\n{len(unnamed)} things to press or fill in have no name")
    print("\n".join(sorted(set(unnamed))))
    return bool(unnamed)


if __name__ == "__main__":
    sys.exit(main())
