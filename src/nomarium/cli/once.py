"""Commands that refuse an option given twice where only one value can hold."""

from __future__ import annotations

from collections import Counter
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
        return super().parse_args(ctx, args)  # type: ignore[arg-type]
