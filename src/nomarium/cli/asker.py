"""Who asked: the command that runs, and the options that an advice to it may name."""

from __future__ import annotations

import sys
from functools import cache

from nomarium.core.settings import Asker

_BY_OPTIONS = ("convert", "inspect")
"""Commands that read sheets as their options say; all others read them as a plan says."""


@cache
def asker() -> Asker:
    """Return the options of the command that runs, and whether it goes by a plan."""
    from typer.main import get_command

    from nomarium.cli.app import app

    name = next((word for word in sys.argv[1:] if not word.startswith("-")), "")
    command = getattr(get_command(app), "commands", {}).get(name)
    options = {option for parameter in command.params for option in parameter.opts} if command else set()
    return Asker(frozenset(options), name not in _BY_OPTIONS)
