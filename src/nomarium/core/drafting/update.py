"""A plan that is there already, held against a new draft → what the draft would add, as comments to choose from."""

from __future__ import annotations

import re
import tomllib
from collections.abc import Iterator, Mapping, Sequence
from typing import Any

from nomarium.core.drafting.toml import one_line, toml_key
from nomarium.lazily import regex

_TABLE = regex(r"\[(?P<path>[^\[\]]+)\]\s*")
_KEY = regex(r"(?P<key>[A-Za-z0-9_-]+|\"[^\"]+\")\s*=")
_FILE = regex(r"[^{}<>|]+\.\w{2,5}")
_LEFT_ALONE = ("school", "undecided")


def offered(plan: str, draft: str) -> list[str]:
    """Return the lines of a drafted plan that another plan lacks: whole tables, and keys of tables that it has.

    Each stands as a comment below its table's heading, with the draft's own remarks; nothing of the plan is changed.
    Raises tomllib.TOMLDecodeError where the plan is no TOML.
    """
    there = tomllib.loads(plan)
    files = set(_files_in(there))
    lines: list[str] = []
    for path, block in _tables(draft):
        table = _table_of(there, path)
        if not path or path[0] in _LEFT_ALONE:
            continue
        new = _missing(block, table, files)
        if new:
            lines += [f"# [{'.'.join(map(toml_key, path))}]", *(one_line(f"# {line}").rstrip() for line in new), "#"]
    return lines[:-1]


def beyond(lines: Sequence[str], without: Sequence[str]) -> list[str]:
    """Return what is offered beyond what would be offered without the sheets given: the tables that they change."""
    known = {tuple(table) for table in _offers(without)}
    kept = [table for table in _offers(lines) if tuple(table) not in known]
    return [line for number, table in enumerate(kept) for line in (*(("#",) if number else ()), *table)]


def _offers(lines: Sequence[str]) -> list[list[str]]:
    """Return the tables offered, each with its lines."""
    found: list[list[str]] = []
    for line in lines:
        if line.startswith("# ["):
            found.append([])
        if line != "#":
            found[-1].append(line)
    return found


def files_named(plan: str) -> list[str]:
    """Return the files that a plan names, in its order. Raises tomllib.TOMLDecodeError where it is no TOML."""
    return list(dict.fromkeys(text for text in _files_in(tomllib.loads(plan)) if _FILE.fullmatch(text)))


def _tables(draft: str) -> Iterator[tuple[tuple[str, ...], list[str]]]:
    """Yield the tables of a draft with their lines, remarks in front of a heading being those of its table."""
    path: tuple[str, ...] = ()
    block: list[str] = []
    before: list[str] = []
    for line in draft.split("\n"):
        heading = _TABLE.fullmatch(line)
        if heading:
            yield path, block
            path, block = tuple(_parts(heading["path"])), before
            before = []
        elif line.startswith("#") and not _KEY.match(line):
            before.append(line.removeprefix("# "))
        elif line.strip():
            block += [*(f"({remark})" for remark in before), line]
            before = []
        else:
            block, before = [*block, *(f"({remark})" for remark in before)], []
    yield path, block


def _parts(path: str) -> list[str]:
    return [part.strip().strip('"') for part in re.findall(r'"[^"]+"|[^.]+', path)]


def _table_of(plan: Mapping[str, Any], path: Sequence[str]) -> Mapping[str, Any] | None:
    """Return a table of a plan, None where it has none of that path."""
    found: Any = plan
    for part in path:
        found = found.get(part) if isinstance(found, dict) else None
    return found if isinstance(found, dict) else None


def _missing(block: Sequence[str], table: Mapping[str, Any] | None, files: set[str]) -> list[str]:
    """Return the lines of a drafted table that the plan lacks: all of one that names a file that the plan does not."""
    keys = [line for line in block if _KEY.match(line)]
    if table is None:
        named = {file for line in keys for file in _named(line)}
        return list(block) if keys and not (named and named <= files) else []
    return [line for line in keys if _key_of(line) not in table or not _named(line) <= files]


def _key_of(line: str) -> str:
    match = _KEY.match(line)
    return match["key"].strip('"') if match else ""


def _named(line: str) -> set[str]:
    """Return the files that a line names."""
    return set(re.findall(r'"([^"]+\.\w{2,5})"', line))


def without_offer(plan: str) -> str:
    """Return a plan without what was offered at its end before, where nothing else stands behind it."""
    kept, found, behind = plan.partition(OFFERED)
    only_remarks = all(line.startswith("#") or not line.strip() for line in behind.splitlines())
    return kept if found and only_remarks else plan


OFFERED = "# Offered: take “# ” away from what is wanted; a key goes below the heading of its table."


def _files_in(value: object) -> Iterator[str]:
    """Yield all texts of a plan, those of files among them."""
    if isinstance(value, str):
        yield value
    elif isinstance(value, dict):
        for inner in value.values():
            yield from _files_in(inner)
    elif isinstance(value, list):
        for inner in value:
            yield from _files_in(inner)
