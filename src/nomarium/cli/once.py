"""Commands that refuse an option given twice where only one value can hold, and names that no file can have."""

from __future__ import annotations

import errno
from collections import Counter
from pathlib import Path
from typing import TYPE_CHECKING

import typer
from typer.core import TyperCommand, TyperOption

if TYPE_CHECKING:
    from click import Context


class OnceCommand(TyperCommand):
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


def _is_a_name(path: Path) -> bool:
    """Tell whether the system takes a path; whether something is there does not matter."""
    try:
        path.lstat()
    except ValueError:
        return False
    except OSError as wrong:
        return wrong.errno != errno.ENAMETOOLONG
    return True
