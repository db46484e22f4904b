"""``nomarium convert --save-plan``: from the options of a call to a plan that says the same."""

from __future__ import annotations

import os
from collections.abc import Mapping, Sequence
from pathlib import Path
from typing import Any

import typer

from nomarium.cli import options
from nomarium.cli.target import Target
from nomarium.core.drafting import SavedCall, saved_plan
from nomarium.core.output import write_whole
from nomarium.settings import IN_SHEETS, SETTINGS

_READING = {name: setting.key for name, setting in SETTINGS.items() if setting.where == IN_SHEETS}
_TABLE = {"area": "range"}
_SOURCE = {"length": "length", "prefix": "prefix", "cycle": "cycle", "if_closed": "if_closed"}
_ROWS = {
    "headings": "headings",
    "write_dates": "dates",
    "write_times": "times",
    "delimiter": "delimiter",
    "encoding": "encoding",
}
_NOT_KEPT = {
    "first": "--from",
    "last": "--to",
    "shift": "--shift",
    "start": "--start",
    "to_zone": "--to-zone",
    "rules": "--rules",
    "once": "--once",
    "expect": "--expect",
    "plan": "--plan",
}
_USUAL = {"length": "1h", "if_closed": "drop"}


def check_saved(path: Path, output: Path | None) -> None:
    """Raise typer.BadParameter where a plan must not be written, since something stands there, or will."""
    if output is not None and path.resolve() == output.resolve():
        raise typer.BadParameter(f"“{path}” is the calendar’s own file. Name another one.", param_hint="--save-plan")
    if path.exists():
        raise typer.BadParameter(f"“{path}” is there already. Name another file.", param_hint="--save-plan")
    if path.suffix.casefold() != ".toml":
        raise typer.BadParameter(f"“{path}” is no plan’s name: let it end in .toml.", param_hint="--save-plan")


def save_plan(path: Path, said: Mapping[str, Any], target: Target) -> None:
    """Write a plan of what a call said; ``said`` are its options by their names in the command."""
    data_on_output = target.to_stdout or said["as_json"]
    write_whole(path, [saved_plan(_saved(path.parent, said, target)).encode()])
    typer.echo(f"Saved    {path}: a plan that says the same; next time: nomarium build {path}", err=data_on_output)


def _saved(folder: Path, said: Mapping[str, Any], target: Target) -> SavedCall:
    name = said["calendar"] or target.stem
    split = tuple(said["split"] or ())
    lookups = {key: _relative(said[key], folder) for key in ("places", "people") if said[key]}
    return SavedCall(
        name,
        _file(folder, target, name, split),
        [_relative(file, folder) for file in said["files"]],
        options.zone_name(said["zone"]),
        _kept(said, _READING),
        _kept(said, _TABLE),
        said["sheet"] or (),
        options.column_fields(said["column"]),
        options.own_values(said["value"]),
        said["visible"],
        {**_kept(said, _SOURCE), **lookups, "identity": said["calendar"] or ""},
        ["each_day"] if said["each_day"] else [],
        dict(options.pairs(said["stated"], "--set")),
        options.row_conditions(said["only"], "--only"),
        options.row_conditions(said["without"], "--without"),
        split,
        said["remind"] or (),
        _kept(said, _ROWS),
        [option for key, option in _NOT_KEPT.items() if said[key]],
    )


def _kept(said: Mapping[str, Any], keys: Mapping[str, str]) -> dict[str, str]:
    """Return the options that were given, by the keys that a plan has for them."""
    return {key: said[option] for option, key in keys.items() if said[option] and said[option] != _USUAL.get(option)}


def _relative(path: Path, folder: Path) -> str:
    return Path(os.path.relpath(path, folder)).as_posix()


def _file(folder: Path, target: Target, name: str, split: Sequence[str]) -> str:
    """Return the calendar's file, from the plan's folder; one that lies outside it goes beside the plan."""
    if target.path is None:
        return f"{name}.ics"
    parts: Sequence[str] = Path(_relative(target.path, folder)).parts
    inside = ".." not in parts and not target.path.is_absolute()
    file = "/".join(parts) if inside else target.path.name
    if split and "{" not in file:
        return "/".join([file, *(f"{{{name}}}" for name in split)]) + ".ics"
    return file if file.endswith(".ics") else f"{Path(file).with_suffix('').as_posix()}.ics"
