"""Commands that refuse an option given twice where only one value can hold, and names that no file can have.

Texts and paths, which nearly all parameters are, are taken as they stand: to make a model of each parameter first, as
the library does, costs more than all else of a start.
"""

from __future__ import annotations

import errno
from collections import Counter
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, Any, get_args, get_origin

import typer
from typer.core import TyperCommand, TyperGroup, TyperOption

from nomarium.cli.commands import Commands

if TYPE_CHECKING:
    from collections.abc import Callable, Sequence

    from click import Context, Parameter


class _PlainParameters:
    """Parameters that take texts and paths as they stand."""

    def get_params(self, ctx: Context) -> list[Any]:
        """Return the parameters."""
        return _plain(super().get_params(ctx))  # type: ignore[misc]


class OnceCommand(_PlainParameters, TyperCommand):  # type: ignore[misc]
    """A command whose options count once: of two values, the last would win without a word."""

    def parse_args(self, ctx: Context, args: list[str]) -> list[str]:  # type: ignore[override]
        """Read the arguments of a call. Raises BadParameter where an option of one value is given twice."""
        _, _, given = self.make_parser(ctx).parse_args(args=list(args))  # type: ignore[arg-type]
        counts = Counter(one for one in given if isinstance(one, TyperOption) and not one.multiple and not one.is_flag)
        for option, count in counts.items():
            if count > 1:
                raise typer.BadParameter(
                    "It is given more than once; only one value can hold.", param_hint=option.opts[-1]
                )
        rest = super().parse_args(ctx, args)  # type: ignore[arg-type]
        for value in ctx.params.values():
            for path in value if isinstance(value, list | tuple) else [value]:
                if isinstance(path, Path) and not _is_a_name(path):
                    raise typer.BadParameter(f"No file can have the name “{str(path)[:60]}…”.")
        return rest


class PlainGroup(_PlainParameters, TyperGroup):  # type: ignore[misc]
    """The program itself, whose own options are taken as they stand, too; a command is there when it is asked for."""

    def __init__(self, **said: object) -> None:
        super().__init__(**said)  # type: ignore[arg-type]
        self.commands = Commands()  # type: ignore[assignment]

    def list_commands(self, ctx: Context) -> list[str]:  # type: ignore[override]
        """Return the names of all commands."""
        return list(self.commands)


def _plain(parameters: Sequence[Any]) -> list[Any]:
    for parameter in parameters:
        if not isinstance(parameter.process_value, partial):
            parameter.process_value = partial(_processed, parameter, parameter.process_value)
    return list(parameters)


def _processed(parameter: Parameter, usual: Callable[[Context, object], object], ctx: Context, value: object) -> object:
    """Return what a command gets for a value: the value, where that is plain; else what the library makes of it."""
    taken = _taken(parameter, value)
    if taken is _NOT_PLAIN:
        return usual(ctx, value)
    return parameter.callback(ctx, parameter, taken) if parameter.callback else taken


_NOT_PLAIN = object()


def _taken(parameter: Parameter, value: object) -> object:
    """Return a value of a parameter of texts or paths, or one that nobody gave; _NOT_PLAIN for any other."""
    kind = getattr(getattr(parameter, "type_descriptor", None), "annotation", None)
    several = getattr(parameter, "multiple", False) or parameter.nargs == -1
    if kind is None or (parameter.required and not value):
        return _NOT_PLAIN
    if value is None:
        return () if several else None
    if get_origin(kind) is list and isinstance(value, list | tuple):
        (part,) = get_args(kind)
        return [part(one) for one in value] if part in (str, Path) and _are_texts(value) else _NOT_PLAIN
    if kind in (str, Path) and _are_texts([value]):
        return kind(value)
    return value if kind is int and type(value) is int and value == parameter.default else _NOT_PLAIN


def _are_texts(values: list[object] | tuple[object, ...]) -> bool:
    return all(isinstance(value, str | Path) for value in values)


def _is_a_name(path: Path) -> bool:
    """Tell whether the system takes a path; whether something is there does not matter."""
    try:
        path.lstat()
    except ValueError:
        return False
    except OSError as wrong:
        return wrong.errno != errno.ENAMETOOLONG
    return True
