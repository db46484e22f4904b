"""Where a result goes, and in which form."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from glob import escape
from pathlib import Path
from typing import TYPE_CHECKING

import typer

from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.rows import RowStyle

FORMATS = ("ics", "csv", "xlsx", "json")


@dataclass(frozen=True, slots=True)
class Target:
    """A file, a folder or pattern of files, standard output (no path), or nowhere (a dry run)."""

    path: Path | None
    form: str
    split: tuple[str, ...]
    """The fields of which each value, or each pair of values, has its own file."""
    dry_run: bool
    keep_going: bool
    rules: bool = False
    """Whether rows keep repeats as rules."""
    style: RowStyle | None = None
    """How rows are to look; None for as usual."""

    @classmethod
    def of(
        cls, output: str | None, form: str | None, split: tuple[str, ...], *, dry_run: bool, keep_going: bool
    ) -> Target:
        """Read ``-o``, ``--format`` and ``--split``, refusing a call that names no output or an unknown form."""
        if form is not None and form.lower() not in FORMATS:
            raise typer.BadParameter(f"“{form}” is none of {', '.join(FORMATS)}.", param_hint="--format")
        if output is None and not dry_run:
            raise typer.BadParameter(
                "Name the file to write, such as -o events.ics, or use --dry-run.", param_hint="-o"
            )
        if output is None or output == "-":
            if split and output == "-":
                raise typer.BadParameter("--split writes several files: name a folder.", param_hint="-o")
            return cls(None, (form or "ics").lower(), split, dry_run, keep_going)
        path = Path(output)
        ending = path.suffix.lower().removeprefix(".")
        if split and not _PLACEHOLDER.search(output):
            return cls(path, (form or "ics").lower(), split, dry_run, keep_going)
        if form is None and ending not in FORMATS:
            known = ", ".join(f".{known}" for known in FORMATS)
            raise typer.BadParameter(
                f"“{output}” ends in none of {known}; --format says what is meant.", param_hint="-o"
            )
        places = _PLACEHOLDER.findall(output) if split else []
        unfilled = [place for place in places if place not in split] if len(split) > 1 else []
        if unfilled or (len(split) > 1 and len(set(places)) < len(split)):
            needed = " and ".join(f"{{{name}}}" for name in split)
            raise typer.BadParameter(f"A pattern for this split needs {needed}, and nothing else.", param_hint="-o")
        return cls(path, (form or ending).lower(), split, dry_run, keep_going)

    @property
    def stem(self) -> str:
        """The name that a calendar gets where none is stated."""
        if self.path is None:
            return "Events"
        return self.path.name if self.split else self.path.stem

    @property
    def to_stdout(self) -> bool:
        """Whether the result, not the report, goes to standard output."""
        return self.path is None and not self.dry_run

    def refused_path(self) -> Path | None:
        """The file beside the output that takes refused rows."""
        if self.path is None:
            return None
        if self.split:
            return self.folder / "refused.csv"
        return self.path.with_name(f"{self.path.stem}.refused.csv")

    @property
    def folder(self) -> Path:
        """The folder that split files go into: what stands before the first place to fill."""
        path = self.path or Path()
        filled = [index for index, part in enumerate(path.parts) if _PLACEHOLDER.search(part)]
        return Path(*path.parts[: filled[0]]) if filled else path

    def standing(self) -> list[Path]:
        """Return the files that stand where this target would write, sorted."""
        if self.path is None:
            return []
        if not self.split:
            return [self.path] if self.path.is_file() else []
        anybody = self.part_path(dict.fromkeys(self.split, "\0")).relative_to(self.folder)
        pattern = escape(str(anybody)).replace("\0", "*")
        return sorted(path for path in self.folder.glob(pattern) if path.is_file())

    def part_path(self, names: Mapping[str, str]) -> Path:
        """Return the file for one value of each field of a split, from the values' safe names."""
        path = self.path or Path()
        only = next(iter(names.values())) if len(names) == 1 else None
        if _PLACEHOLDER.search(str(path)):
            return Path(_PLACEHOLDER.sub(lambda place: only or names[place[1]], str(path)))
        *folders, name = names.values()
        return path.joinpath(*folders, f"{name}.{self.form}")


_PLACEHOLDER = regex(r"\{([^{}]*)\}")
