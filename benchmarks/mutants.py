"""Mutation testing by sampling: what the tests notice when one place of the core is made wrong.

``python benchmarks/mutants.py map DIR`` copies the project to DIR and runs its tests once, noting which
functions of the core each test runs. ``python benchmarks/mutants.py run DIR --mutants 100 --seed 1`` then changes one
place after another in the copy: a comparison, a sum, a number, a word that joins or denies, what is returned; and runs
the tests that come by, the quickest first, then some of each file, until one fails. Each mutant is told in a line:
killed by a test, or alive.
"""

import argparse
import ast
import copy
import json
import os
import random
import shutil
import subprocess
import sys
import time
from collections import defaultdict
from collections.abc import Iterable, Iterator
from itertools import zip_longest
from pathlib import Path
from typing import NamedTuple

HERE = Path(__file__).resolve().parent.parent
NOTED = "functions.jsonl"
TIMES = "times.jsonl"
CHILD = "        status = 0\n        try:\n            main()\n"
WATCHED_CHILD = (
    "        status = 0\n        import watch\n        seen = watch.begin()\n        try:\n            main()\n"
    "        except SystemExit as ended:\n            watch.end(seen)\n            raise\n"
)
WATCH = '''
"""Notes which functions of the core a test runs, in its own process and in those of the command."""
import cProfile, json, os, time
from pathlib import Path
import pytest

CORE = str(Path(__file__).parent.parent / "src" / "nomarium" / "core")
NOTED = Path(__file__).parent.parent / "functions.jsonl"

def begin():
    seen = cProfile.Profile(builtins=False)
    seen.enable()
    return seen

def end(seen):
    seen.disable()
    found = {}
    for entry in seen.getstats():
        if not isinstance(entry.code, str) and entry.code.co_filename.startswith(CORE):
            found.setdefault(entry.code.co_filename[len(CORE) + 1:], []).append(entry.code.co_firstlineno)
    test = os.environ.get("PYTEST_CURRENT_TEST", "").rpartition(" ")[0]
    with NOTED.open("a") as out:
        out.write(json.dumps([test, found]) + "\\n")

@pytest.hookimpl(hookwrapper=True)
def pytest_runtest_call(item):
    seen, start = begin(), time.monotonic()
    outcome = yield
    end(seen)
    with NOTED.with_name("times.jsonl").open("a") as out:
        out.write(json.dumps([item.nodeid, time.monotonic() - start, outcome.excinfo is None]) + "\\n")
'''


class Mutant(NamedTuple):
    """One change of the source: the file, where it stands (offsets of octets), what comes there, and what it was."""

    path: Path
    line: int
    function: int
    """The first line of the function that it stands in, its decorators included."""
    start: int
    end: int
    new: str
    old: str


COMPARED = {ast.Lt: "<=", ast.LtE: "<", ast.Gt: ">=", ast.GtE: ">", ast.Eq: "!=", ast.NotEq: "=="}
COMPARED |= {ast.In: "not in", ast.NotIn: "in", ast.Is: "is not", ast.IsNot: "is"}
JOINED = {ast.And: " or ", ast.Or: " and "}
RECKONED = {ast.Add: "-", ast.Sub: "+", ast.Mult: "//", ast.FloorDiv: "*", ast.Mod: "//"}


def changed(node: ast.AST) -> str | None:  # noqa: PLR0911
    """Return what a place becomes, or None where it is none that can be made wrong."""
    match node:
        case ast.Compare(left=left, ops=[op], comparators=[right]):
            return f"({ast.unparse(left)}) {COMPARED[type(op)]} ({ast.unparse(right)})"
        case ast.BoolOp(op=op, values=values):
            return JOINED[type(op)].join(f"({ast.unparse(value)})" for value in values)
        case ast.BinOp(left=left, op=op, right=right) if type(op) in RECKONED and not isinstance(left, ast.Constant):
            return f"({ast.unparse(left)}) {RECKONED[type(op)]} ({ast.unparse(right)})"
        case ast.UnaryOp(op=ast.Not(), operand=operand):
            return ast.unparse(operand)
        case ast.Constant(value=bool() as value):
            return str(not value)
        case ast.Constant(value=int() as value):
            return str(value + 1)
        case ast.IfExp(test=test, body=body, orelse=other):
            return f"({ast.unparse(other)}) if ({ast.unparse(test)}) else ({ast.unparse(body)})"
        case ast.Return(value=ast.expr() as value) if not isinstance(value, ast.Constant):
            return "return None"
        case ast.Continue():
            return "break"
    return None


def unchanged_parts(tree: ast.Module) -> set[int]:
    """Return the ids of what is no code that runs: annotations, docstrings, parts of f-strings, decorators."""
    left = set()
    for node in ast.walk(tree):
        held: list[ast.AST | None] = []
        if isinstance(node, ast.AnnAssign | ast.arg):
            held = [node.annotation]
        elif isinstance(node, ast.FunctionDef | ast.ClassDef):
            held = [*node.decorator_list, getattr(node, "returns", None)]
        elif isinstance(node, ast.JoinedStr):
            held = [node]
        for part in filter(None, held):
            left |= {id(inner) for inner in ast.walk(part)}
    return left


def inside_functions(node: ast.AST, function: int) -> Iterator[tuple[ast.AST, int]]:
    """Yield all parts of a tree with the first line of the function around them, 0 for none."""
    for inner in ast.iter_child_nodes(node):
        first = function
        if isinstance(inner, ast.FunctionDef):
            first = min([inner.lineno, *(one.lineno for one in inner.decorator_list)])
        yield inner, function
        yield from inside_functions(inner, first)


def mutants_of(path: Path) -> Iterator[Mutant]:
    """Yield all mutants of a file."""
    text = path.read_bytes()
    begins = [0]
    for line in text.splitlines(keepends=True):
        begins.append(begins[-1] + len(line))
    tree = ast.parse(text)
    left = unchanged_parts(tree)
    for node, function in inside_functions(tree, 0):
        new = None if id(node) in left or not function else changed(copy.deepcopy(node))
        if new is not None and isinstance(node, ast.expr | ast.stmt):
            start = begins[node.lineno - 1] + node.col_offset
            end = begins[(node.end_lineno or node.lineno) - 1] + (node.end_col_offset or 0)
            yield Mutant(path, node.lineno, function, start, end, str(new), text[start:end].decode())


def write_map(folder: Path) -> None:
    """Copy the project, run its tests and note what each runs, and how long it takes."""
    shutil.copytree(HERE, folder, ignore=shutil.ignore_patterns(".venv", ".git", "*cache*", "orrin-sound"))
    (folder / "tests" / "watch.py").write_text(WATCH)
    conftest = folder / "tests" / "conftest.py"
    plain = conftest.read_text()
    assert CHILD in plain
    conftest.write_text(plain.replace(CHILD, WATCHED_CHILD) + "\nfrom watch import pytest_runtest_call  # noqa\n")
    words = ["-q", "-p", "no:cacheprovider", "--assert=plain", "-n", "auto", "--tb=short"]
    call = [sys.executable, "-m", "pytest", *words]
    done = subprocess.run(call, check=False, cwd=folder, env=environment(folder), text=True, capture_output=True)
    (folder / "map.log").write_text(done.stdout + done.stderr)
    conftest.write_text(plain)
    print(done.stdout.splitlines()[-1])


def environment(folder: Path) -> dict[str, str]:
    """Return the environment in which the copy's own source is found."""
    return {
        **os.environ,
        "PYTHONPATH": f"{folder / 'src'}{os.pathsep}{folder / 'tests'}",
        "PYTHONDONTWRITEBYTECODE": "1",
    }


def tests_by_function(folder: Path) -> dict[tuple[str, int], set[str]]:
    """Return the tests that run each function of the core, by its file and first line."""
    found = defaultdict(set)
    with (folder / NOTED).open() as lines:
        for line in lines:
            test, seen = json.loads(line)
            for name, numbers in seen.items():
                for number in numbers:
                    found[name, number].add(test)
    return found


def times_of(folder: Path) -> dict[str, float]:
    """Return how many seconds each test took that passed."""
    found = [json.loads(line) for line in (folder / TIMES).read_text().splitlines()]
    return {test: span for test, span, good in found if good}


def chosen_of(tests: Iterable[str], times: dict[str, float], most: float) -> list[str]:
    """Return tests to run within so many seconds: the quickest for half of them, then in turn some of each file."""
    by_time = sorted(tests, key=times.__getitem__)
    quickest = within(by_time, times, most / 2)
    files = defaultdict(list)
    for test in by_time[len(quickest) :]:
        files[test.partition("::")[0]].append(test)
    in_turn = (test for turn in zip_longest(*files.values()) for test in turn if test)
    return quickest + within(in_turn, times, most / 2)


def within(tests: Iterable[str], times: dict[str, float], most: float) -> list[str]:
    """Return the first tests that together take no longer than so many seconds, and at least one."""
    found: list[str] = []
    for test in tests:
        most -= times[test]
        if found and most < 0:
            break
        found.append(test)
    return found


def verdict(folder: Path, mutant: Mutant, tests: list[str], longest: float) -> str:
    """Run tests on a mutant and return what became of it."""
    whole = mutant.path.read_bytes()
    mutant.path.write_bytes(whole[: mutant.start] + mutant.new.encode() + whole[mutant.end :])
    try:
        listed = folder / "chosen.txt"
        listed.write_text("\n".join(tests))
        words = ["-q", "-x", "-n", "0", "-p", "no:cacheprovider", "--no-header", "--tb=no", f"@{listed}"]
        call = [sys.executable, "-m", "pytest", *words]
        done = subprocess.run(
            call, check=False, cwd=folder, env=environment(folder), text=True, capture_output=True, timeout=longest
        )
        failed = [line for line in done.stdout.splitlines() if line.startswith(("FAILED", "ERROR"))]
        if done.returncode == 0:
            return "ALIVE"
        return "killed by " + (failed[0].split()[1] if failed else f"status {done.returncode}")
    except subprocess.TimeoutExpired:
        return "killed by the clock"
    finally:
        mutant.path.write_bytes(whole)


def try_mutants(folder: Path, wanted: int, seed: int, most: float) -> None:
    """Make mutants by chance and say which live."""
    core = folder / "src" / "nomarium" / "core"
    by_function, times = tests_by_function(folder), times_of(folder)
    every = [mutant for path in sorted(core.rglob("*.py")) for mutant in mutants_of(path)]
    every = [one for one in every if by_function.get((str(one.path.relative_to(core)), one.function))]
    killed = 0
    for number, mutant in enumerate(random.Random(seed).sample(every, wanted), 1):
        name = str(mutant.path.relative_to(core))
        tests = [test for test in by_function[name, mutant.function] if test in times]
        chosen = chosen_of(tests, times, most)
        begin = time.monotonic()
        said = verdict(folder, mutant, chosen, most * 4 + 60)
        killed += said != "ALIVE"
        change = f"{' '.join(mutant.old.split())[:70]} -> {' '.join(mutant.new.split())[:70]}"
        ran = f"{len(chosen)} of {len(tests)} tests, {time.monotonic() - begin:.0f} s"
        print(f"{number} {name}:{mutant.line} {change} | {said} ({ran})", flush=True)
    print(f"{killed} of {wanted} killed")


def main() -> None:
    """Map the tests, or try mutants."""
    parser = argparse.ArgumentParser()
    parser.add_argument("work", choices=["map", "run"])
    parser.add_argument("folder", type=Path)
    parser.add_argument("--mutants", type=int, default=100)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--most", type=float, default=90, help="seconds of tests a mutant, the quickest first")
    wanted = parser.parse_args()
    if wanted.work == "map":
        write_map(wanted.folder.resolve())
    else:
        try_mutants(wanted.folder.resolve(), wanted.mutants, wanted.seed, wanted.most)


if __name__ == "__main__":
    main()
