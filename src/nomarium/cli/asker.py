"""Who asked: the command that runs, and the options that an advice to it may name."""

from __future__ import annotations

from contextvars import ContextVar
from functools import cache
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.settings import Asker

COMMAND: ContextVar[str] = ContextVar("COMMAND", default="")
"""The command that runs."""

_BY_OPTIONS = ("convert", "inspect")
"""Commands that read sheets as their options say; all others read them as a plan says."""


def asker() -> Asker:
    """Return the options of the command that runs, and whether it goes by a plan."""
    return asker_of(COMMAND.get())


@cache
def asker_of(name: str) -> Asker:
    """Return the options of a command, and whether it goes by a plan."""
    from nomarium.cli.commands import Commands
    from nomarium.settings import Asker

    command = Commands().get(name)
    options = {option for parameter in command.params for option in parameter.opts} if command else set()
    return Asker(frozenset(options), name not in _BY_OPTIONS)
