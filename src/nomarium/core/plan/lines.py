"""On which line of a TOML file a key stands: for messages only, the reading itself is Python's own."""

from __future__ import annotations

from nomarium.lazily import regex

_TABLE = regex(r"\s*\[\[?\s*(?P<path>[^\]]+?)\s*\]\]?\s*(?:#.*)?")
_KEY = regex(r"""\s*(?P<path>(?:[\w-]+|"[^"]*"|'[^']*')(?:\s*\.\s*(?:[\w-]+|"[^"]*"|'[^']*'))*)\s*=""")
_PART = regex(r""""([^"]*)"|'([^']*)'|([\w-]+)""")


def key_lines(text: str) -> dict[tuple[str, ...], int]:
    """Return the line, counted from 1, of each table and key by its path."""
    lines: dict[tuple[str, ...], int] = {}
    table: tuple[str, ...] = ()
    for number, line in enumerate(text.splitlines(), 1):
        if heading := _TABLE.fullmatch(line):
            table = _path(heading["path"])
            lines.setdefault(table, number)
        elif key := _KEY.match(line):
            lines.setdefault((*table, *_path(key["path"])), number)
    return lines


def _path(text: str) -> tuple[str, ...]:
    return tuple(next(part for part in parts if part) for parts in _PART.findall(text) if any(parts))


def nearest_line(lines: dict[tuple[str, ...], int], path: tuple[str, ...]) -> int:
    """Return the line of a path, of what stands below it, or of the nearest table or key around it; 0 for none."""
    below = [line for known, line in lines.items() if known[: len(path)] == path]
    if path and below:
        return min(below)
    while path and path not in lines:
        path = path[:-1]
    return lines.get(path, 0)
