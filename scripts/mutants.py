"""Do the tests bite? Small falsifications of a module, and how many its own quick tests notice.

    python scripts/mutants.py                 sixty of each module in TARGETS
    python scripts/mutants.py prices 120 7    so many of one, drawn by that seed

A mutant changes one thing: a comparison, a sign, a number, a condition, ``and`` and ``or``, ``min``
and ``max``. One that no input can tell from the original is listed in ``EQUIVALENT`` by its text,
with the reason; it is not counted.
"""

from __future__ import annotations

import ast
import copy
import faulthandler
import importlib.abc
import importlib.util
import os
import pickle
import random
import re
import signal
import sys
import time
import unittest
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Any

ROOT = Path(__file__).parents[1]
SEED, COUNT, MOST_SECONDS = 33, 60, 120
JUDGEMENT = sorted((ROOT / "src/nuvrek/planning/judgement").rglob("*.py"))
TARGETS: dict[str, tuple[list[Path], tuple[str, ...]]] = {
    "prices": ([ROOT / "src/nuvrek/planning/money/prices.py"], ("test_prices",)),
    "stop_rules": ([ROOT / "src/nuvrek/planning/rod/stop_rules.py"], ("test_stop_rules",)),
    "evidence": ([ROOT / "src/nuvrek/estimate/model/evidence.py"], ("test_evidence_rows",)),
    "judgement": (JUDGEMENT, ("test_rules", "test_judgement")),
}
# Slow and below what is falsified: worked out once, remembered by every mutant.
REMEMBERED = {
    "judgement": (
        ("nuvrek.estimate.heightmap", "map_neck"),
        ("nuvrek.estimate.findings.find", "find"),
    )
}
# By "module: before -> after": why no test could tell it from the original.
_NEVER_EQUAL = "a chance worked out in floats is never just the bound"
_BY_NOTHING = "only keeps from dividing by nothing"
EQUIVALENT: dict[str, str] = {
    "prices: all((hour is not None for hour in hours)) -> "
    "any((hour is not None for hour in hours))": (
        "one rate for all jobs: each has hours, or none has"
    ),
    "stop_rules: 1e-06 -> 1.5e-06": _BY_NOTHING,
    "stop_rules: before * move.turns >= 0.0 -> before * move.turns > 0.0": (
        "from nothing on, what was turned is the move itself either way"
    ),
    "stop_rules: _bowed_back(wanted) < BOWED_BACK_SURE -> _bowed_back(wanted) <= BOWED_BACK_SURE": (
        _NEVER_EQUAL
    ),
    "stop_rules: _answers_less(neck_map, NO_ANSWER_MM_PER_TURN) >= NO_ANSWER_SURE -> "
    "_answers_less(neck_map, NO_ANSWER_MM_PER_TURN) > NO_ANSWER_SURE": _NEVER_EQUAL,
    "stop_rules: move.turns < 0.0 -> move.turns <= 0.0": "moves without turns are no moves here",
    "stop_rules: wanted.excess_mm < 0.0 -> wanted.excess_mm <= 0.0": (
        "what is off is not just as wanted"
    ),
}

_COMPARED: dict[type[ast.cmpop], type[ast.cmpop]] = {
    ast.Lt: ast.LtE,
    ast.LtE: ast.Lt,
    ast.Gt: ast.GtE,
    ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq,
    ast.NotEq: ast.Eq,
    ast.Is: ast.IsNot,
    ast.IsNot: ast.Is,
    ast.In: ast.NotIn,
    ast.NotIn: ast.In,
}
_RECKONED: dict[type[ast.operator], type[ast.operator]] = {
    ast.Add: ast.Sub,
    ast.Sub: ast.Add,
    ast.Mult: ast.Div,
    ast.Div: ast.Mult,
}
_CALLED = {"min": "max", "max": "min", "any": "all", "all": "any"}


@dataclass(frozen=True)
class Mutant:
    """One falsification: its module, line, what stood there, what stands there now."""

    path: Path
    line: int
    before: str
    after: str
    code: str

    @property
    def name(self) -> str:
        """As it stands in ``EQUIVALENT``."""
        return f"{self.path.stem}: {self.before} -> {self.after}"


def changed(node: ast.AST) -> Iterator[ast.AST]:
    """What a node may be falsified to."""
    other = copy.deepcopy(node)
    match other:
        case ast.Compare(ops=[op]) if type(op) in _COMPARED:
            other.ops = [_COMPARED[type(op)]()]
            yield other
        case ast.BinOp(op=op) if type(op) in _RECKONED:
            other.op = _RECKONED[type(op)]()
            yield other
        case ast.BoolOp(op=op):
            other.op = ast.Or() if isinstance(op, ast.And) else ast.And()
            yield other
        case ast.UnaryOp(op=ast.Not()):
            yield other.operand
        case ast.UnaryOp(op=ast.USub()):
            yield other.operand
        case ast.Constant(value=bool() as value):
            yield ast.Constant(not value)
        case ast.Constant(value=int() as value):
            yield ast.Constant(value + 1)
        case ast.Constant(value=float() as value):
            yield ast.Constant(value * 1.5 if value else 0.5)
        case ast.Call(func=ast.Name(id=name)) if name in _CALLED:
            other.func = ast.Name(_CALLED[name], ast.Load())
            yield other
        case ast.IfExp(body=body, orelse=orelse):
            yield ast.IfExp(test=other.test, body=orelse, orelse=body)


def mutants_of(path: Path) -> list[Mutant]:
    """All falsifications of a module that change what it computes."""
    tree = ast.parse(path.read_text())
    left_alone = set(_not_computed(tree))
    found = []
    for parent in ast.walk(tree):
        for name, value in ast.iter_fields(parent):
            places = value if isinstance(value, list) else [value]
            for place, node in enumerate(places):
                if isinstance(node, ast.AST) and node not in left_alone:
                    for other in changed(node):
                        found.append(_mutant(tree, path, parent, name, place, node, other))
    return found


def _not_computed(tree: ast.Module) -> Iterator[ast.AST]:
    """What says of what kind a value is, how a class is made, and that two rows are as long."""
    for node in ast.walk(tree):
        parts: list[ast.AST | None] = []
        match node:
            case ast.AnnAssign() | ast.arg():
                parts = [node.annotation]
            case ast.FunctionDef():
                parts = [node.returns, *node.decorator_list]
            case ast.ClassDef():
                parts = [*node.keywords, *node.decorator_list]
            case ast.keyword(arg="strict"):
                parts = [node.value]
        for part in parts:
            if part is not None:
                yield from ast.walk(part)


def _mutant(
    tree: ast.Module,
    path: Path,
    parent: ast.AST,
    name: str,
    place: int,
    node: ast.AST,
    other: ast.AST,
) -> Mutant:
    value = getattr(parent, name)

    def put(what: ast.AST) -> None:
        if isinstance(value, list):
            value[place] = what
        else:
            setattr(parent, name, what)

    ast.copy_location(other, node)
    put(other)
    code = ast.unparse(ast.fix_missing_locations(tree))
    put(node)
    line = getattr(node, "lineno", 0)
    return Mutant(path, line, ast.unparse(node), ast.unparse(other), code)


class _Falsified(importlib.abc.MetaPathFinder, importlib.abc.InspectLoader):
    """Gives one module the code of a mutant."""

    def __init__(self, module: str, code: str) -> None:
        self.module, self.code = module, code

    def find_spec(self, name: str, path: object = None, target: object = None) -> object:
        if name != self.module:
            return None
        return importlib.util.spec_from_loader(name, self)

    def get_source(self, fullname: str) -> str:
        return self.code


def _remember(module_name: str, name: str) -> None:
    """Let a function of one argument be worked out once for each value of it."""
    module = importlib.import_module(module_name)
    function: Callable[[Any], Any] = getattr(module, name)
    known: dict[bytes, Any] = {}

    def remembered(argument: Any) -> Any:
        key = pickle.dumps(argument)
        if key not in known:
            known[key] = function(argument)
        return known[key]

    setattr(module, name, remembered)


def _forget_what_stands_on(paths: list[Path]) -> None:
    """The modules to be falsified, and all that import them, at once or by others."""
    texts = {}
    for name, module in list(sys.modules.items()):
        if name.startswith(("nuvrek", "tests")) and module.__file__ is not None:
            texts[name] = Path(module.__file__).read_text()
    stale = {_module_of(path) for path in paths}
    grown = True
    while grown:
        named = re.compile("|".join(rf"from {re.escape(name)} import" for name in stale))
        more = {name for name, text in texts.items() if named.search(text)} - stale
        grown = bool(more)
        stale |= more
    for name in stale & set(sys.modules):
        del sys.modules[name]


def _module_of(path: Path) -> str:
    name = ".".join(path.relative_to(ROOT / "src").with_suffix("").parts)
    return name.removesuffix(".__init__")


def _passes(tests: tuple[str, ...]) -> bool:
    suite = unittest.defaultTestLoader.loadTestsFromNames([f"tests.{name}" for name in tests])
    return (
        unittest.TextTestRunner(failfast=True, stream=open(os.devnull, "w"))
        .run(suite)
        .wasSuccessful()
    )


def _noticed(mutant: Mutant | None, tests: tuple[str, ...]) -> bool:
    """Whether the tests fail on a mutant, each in a process of its own; None is the original."""
    child = os.fork()
    if child == 0:
        os.setpgid(0, 0)
        silent = os.open(os.devnull, os.O_WRONLY)
        os.dup2(silent, 1)
        os.dup2(silent, 2)
        faulthandler.disable()
        if mutant is not None:
            sys.meta_path.insert(0, _Falsified(_module_of(mutant.path), mutant.code))
        try:
            passes = _passes(tests)
        except BaseException:
            os._exit(1)
        os._exit(0 if passes else 1)
    until = time.monotonic() + MOST_SECONDS
    while time.monotonic() < until:
        done, status = os.waitpid(child, os.WNOHANG)
        if done:
            return status != 0
        time.sleep(0.01)
    os.killpg(child, signal.SIGKILL)
    os.waitpid(child, 0)
    return True


def count(name: str, number: int = COUNT, seed: int = SEED) -> tuple[int, int]:
    """How many of so many mutants the module's own quick tests notice; the rest are printed."""
    paths, tests = TARGETS[name]
    for module, function in REMEMBERED.get(name, ()):
        _remember(module, function)
    if name in REMEMBERED:
        _passes(tests)
        _forget_what_stands_on(paths)
    # What fails on the original notices nothing.
    if _noticed(None, tests):
        raise SystemExit(f"{name}: its tests fail on the original")
    all_of_them = [mutant for path in paths for mutant in mutants_of(path)]
    drawn = random.Random(seed).sample(all_of_them, min(number, len(all_of_them)))
    counted = [mutant for mutant in drawn if mutant.name not in EQUIVALENT]
    missed = []
    for mutant in counted:
        if not _noticed(mutant, tests):
            missed.append(mutant)
            print(f"  {mutant.path.stem}:{mutant.line}  {mutant.name}", flush=True)
    killed = len(counted) - len(missed)
    print(
        f"{name}: {killed} of {len(counted)} noticed ({killed / len(counted):.0%}), "
        f"{len(drawn) - len(counted)} the same as the original, of {len(all_of_them)} in all",
        flush=True,
    )
    return killed, len(counted)


def main(words: list[str]) -> None:
    """Count what was asked for."""
    import hypothesis  # noqa: F401  (loaded once, before the processes part)
    import msgspec  # noqa: F401
    import numpy  # noqa: F401
    import scipy.optimize
    import scipy.sparse.linalg  # noqa: F401

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    # Each falsification is met by cases, not by chance.
    os.environ.setdefault("NUVREK_NECKS", "2")
    sys.path[:0] = [str(ROOT)]
    names = [words[0]] if words else list(TARGETS)
    for name in names:
        count(name, *(int(word) for word in words[1:3]))


if __name__ == "__main__":
    main(sys.argv[1:])
