"""The commands by their names: each is imported and put together when it is asked for."""

from __future__ import annotations

from collections.abc import Iterator, MutableMapping
from functools import cache
from importlib import import_module
from typing import TYPE_CHECKING, cast

if TYPE_CHECKING:
    from typer.core import TyperCommand

NAMES = (
    "inspect",
    "convert",
    "sheet",
    "days",
    "new",
    "check",
    "build",
    "show",
    "free",
    "compare",
    "history",
    "retract",
    "weed",
    "demo",
    "plan-schema",
)
"""In the order in which people meet them."""


class Commands(MutableMapping[str, "TyperCommand"]):
    """All commands by their names."""

    def __getitem__(self, name: str) -> TyperCommand:
        """Return a command. Raises KeyError where there is none of that name."""
        if name not in NAMES:
            raise KeyError(name)
        return _command(name)

    def __setitem__(self, name: str, command: TyperCommand) -> None:
        """Refuse a further command: what there is, is in ``NAMES``."""
        raise TypeError(f"{name} is no command of this program")

    def __delitem__(self, name: str) -> None:
        """Refuse to take a command away."""
        raise TypeError(f"{name} is a command of this program")

    def __iter__(self) -> Iterator[str]:
        return iter(NAMES)

    def __len__(self) -> int:
        return len(NAMES)


@cache
def _command(name: str) -> TyperCommand:
    """Put a command together, from the function of its module that has its name."""
    from typer.main import get_command_from_info
    from typer.models import CommandInfo

    from nomarium.cli.once import OnceCommand

    module_name = name.replace("-", "_")
    module = import_module(f"nomarium.cli.{module_name}")
    info = CommandInfo(
        name, cls=OnceCommand, callback=getattr(module, module_name), epilog=getattr(module, "EXAMPLES", None)
    )
    return cast("TyperCommand", get_command_from_info(info, pretty_exceptions_short=True, rich_markup_mode=None))
