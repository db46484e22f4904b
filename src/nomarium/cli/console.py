"""Printing: what goes where, in which colour, how wide."""

from __future__ import annotations

import os
import shutil
import sys
import textwrap
import threading
from collections.abc import Iterable, Iterator
from contextlib import contextmanager, suppress
from typing import TYPE_CHECKING, TextIO

import typer

if TYPE_CHECKING:
    from rich.progress import Progress, TaskID

    from nomarium.core.history import Said
    from nomarium.core.problems import Cause, Problem

_COLOURS = {"error": "red", "warning": "yellow", "note": "cyan"}
_MORE_PLACES = 2
"""So many further places of one cause are shown; the rest is counted."""
_MOST_VALUES = 6


def styled(text: str, stream: TextIO, colour: str | None = None, *, bold: bool = False) -> str:
    """Return a text in a colour, where the stream is a terminal and NO_COLOR is not set."""
    if os.environ.get("NO_COLOR") or not stream.isatty():
        return text
    return typer.style(text, fg=colour, bold=bold)


def wrapped(text: str, stream: TextIO, indent: str) -> str:
    """Return a text broken to the width of a terminal; on one line where the stream is none."""
    if not stream.isatty():
        return text
    width = min(shutil.get_terminal_size().columns, 120)
    return textwrap.fill(text, width, subsequent_indent=indent, break_long_words=False, break_on_hyphens=False)


def print_lines(lines: Iterable[str], stream: TextIO, indent: str = " " * 9) -> None:
    """Print the lines of a report, broken to the width of a terminal with their rests indented."""
    for line in lines:
        typer.echo(wrapped(line, stream, indent) if line else "", file=stream)
    stream.flush()


def print_said(said: Said) -> None:
    """Print what was said before of what is still so."""
    sys.stdout.write(said.out)
    sys.stdout.flush()
    sys.stderr.write(said.err)


def print_problems(problems: Iterable[Problem], *, errors_only: bool = False) -> None:
    """Print problems to standard error: where, what was found, what is wrong, and the way out; one cause once."""
    from nomarium.core.problems import by_cause

    for cause in by_cause(problem for problem in problems if not errors_only or problem.severity == "error"):
        _print_problem(cause.first)
        for line in _so_too(cause):
            typer.echo(wrapped(f"         {line}", sys.stderr, " " * 9), err=True)


def _print_problem(problem: Problem) -> None:
    from nomarium.cli.asker import asker
    from nomarium.settings import advice_words

    err = sys.stderr
    label = styled(f"{problem.severity.value:<8}", err, _COLOURS[problem.severity.value], bold=True)
    head = f"{label} {problem.place}{_found(problem)}"
    typer.echo(head, err=True)
    advice = advice_words(problem.advice, asker())
    for text in (problem.message, f"Expected: {problem.expected}" if problem.expected else "", advice):
        if text:
            typer.echo(wrapped(f"         {text}", err, " " * 9), err=True)


def _found(problem: Problem) -> str:
    return f" “{_shortened(problem.found)}”" if problem.found else ""


def _so_too(cause: Cause) -> Iterator[str]:
    """Yield the lines that say where else the same is wrong: two more places, the count, the values."""
    shown = cause.others[:_MORE_PLACES]
    left = len(cause.others) - len(shown)
    values = [f"“{_shortened(value)}” ({count:,})" for value, count in list(cause.values.items())[:_MOST_VALUES]]
    more = f", and {left:,} more" if left else ""
    said = f"; {cause.count:,} in all: {', '.join(values)}" if left and 0 < len(cause.values) * 2 <= cause.count else ""
    if len(cause.messages) == 1:
        places = ", ".join(f"{problem.place.cell or problem.place}{_found(problem)}" for problem in shown)
        if places:
            yield f"So too: {places}{more}{said}."
        return
    for problem in shown:
        yield f"So too: {problem.place.cell or problem.place}{_found(problem)}: {problem.message}"
    if left:
        yield f"… and {left:,} more of “{cause.first.code}”{said} (--json lists them all)"


def _shortened(text: str) -> str:
    text = " ".join(text.split())
    return text if len(text) <= 60 else f"{text[:57]}…"


class ProgressBar:
    """A bar on standard error that appears when the work has taken over a second; nothing where that is no terminal."""

    def __init__(self, label: str, *, wanted: bool) -> None:
        self._label = label
        self._bar: Progress | None = None
        self._task: TaskID | None = None
        self._done: tuple[int, int | None] = (0, None)
        self._timer = threading.Timer(1.0, self._appear)
        self._timer.daemon = True
        if wanted and sys.stderr.isatty():
            self._timer.start()

    def __call__(self, done: int, total: int) -> None:
        """Say how much is done; before the first word the bar shows only that the work goes on."""
        self._done = done, total
        if self._bar is not None and self._task is not None:
            self._bar.update(self._task, completed=done, total=total)

    def _appear(self) -> None:
        from rich.console import Console
        from rich.progress import Progress

        done, total = self._done
        bar = Progress(console=Console(file=sys.__stderr__), transient=True)  # it moves the cursor
        self._task = bar.add_task(self._label, completed=done, total=total)
        self._bar = bar
        bar.start()

    def close(self) -> None:
        """Take the bar away."""
        self._timer.cancel()
        if self._timer.is_alive():
            self._timer.join()
        if self._bar is not None:
            self._bar.stop()


@contextmanager
def progress(label: str, *, wanted: bool) -> Iterator[ProgressBar]:
    """Give a progress bar for the time of a piece of work."""
    bar = ProgressBar(label, wanted=wanted)
    try:
        yield bar
    finally:
        bar.close()


@contextmanager
def wrong_calls() -> Iterator[None]:
    """Turn what the core says about a wrong call into the command line's own complaint (exit status 2)."""
    from nomarium.core.problems import DataRefused, WrongCall

    try:
        yield
    except WrongCall as wrong:
        raise typer.BadParameter(f"{wrong.message} {wrong.hint}".strip()) from None
    except DataRefused as refused:
        print_problems([refused.problem])
        raise typer.Exit(1) from None
    except BrokenPipeError:
        with suppress(OSError):
            os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        raise typer.Exit(1) from None
