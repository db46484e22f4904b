"""What a plan names outside its own folder: a plan from elsewhere may read and write there."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

from pydantic import BaseModel

from nomarium.core.plan import wording
from nomarium.core.plan.load import PlanFile
from nomarium.core.problems import Problem

_FILES = ("file", "places", "people", "subjects")
_FOLDERS = ("folder",)


def named_outside(plan: PlanFile) -> list[Problem]:
    """Return a note for each file to read, and each folder to write to, that lies outside the plan's folder.

    An absolute path, "..", or a link leads there.
    """
    problems = []
    for keys, key, name in _named(plan.plan, ()):
        path = plan.folder / name
        is_read = key in _FILES
        if name and not (_target(path).is_relative_to(plan.folder.resolve())):
            problems.append(wording.named_outside(plan.place(*keys), name, str(_target(path)), is_read=is_read))
    return list(dict.fromkeys(problems))


def _target(path: Path) -> Path:
    try:
        return path.resolve()
    except (OSError, RuntimeError, ValueError):
        return path.absolute()


def _named(value: object, keys: tuple[str, ...]) -> Iterator[tuple[tuple[str, ...], str, str]]:
    """Yield what a plan names: the keys above, the key itself, and the name."""
    if isinstance(value, BaseModel):
        for name in type(value).model_fields:
            inner = getattr(value, name)
            if name in (*_FILES, *_FOLDERS) and isinstance(inner, str):
                yield keys, name, inner
            else:
                yield from _named(inner, (*keys, name.rstrip("_")))
    elif isinstance(value, dict):
        for name, inner in value.items():
            yield from _named(inner, (*keys, str(name)))
    elif isinstance(value, list):
        for inner in value:
            yield from _named(inner, keys)
