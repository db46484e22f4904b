"""What a one-off call said → a plan that says the same."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field

from nomarium.core.drafting.toml import plan_text, toml_key, toml_list, toml_text

Conditions = Sequence[tuple[str, tuple[str, ...]]]


@dataclass(frozen=True, slots=True)
class SavedCall:
    """What was said of sheets of events and the calendar of them; what was not said is empty."""

    name: str
    """The calendar's name."""
    file: str
    """The calendar's file, with ``{field}`` where it is split."""
    sheets: Sequence[str]
    """The sheets, by their paths from the plan's folder."""
    zone: str
    reading: Mapping[str, str] = field(default_factory=dict)
    """Keys of how sheets are read: dates, within, typed_dates."""
    table: Mapping[str, str] = field(default_factory=dict)
    """Which part of each sheet: range."""
    tabs: Sequence[str] = ()
    """Which sheets of each workbook; none where it is not said."""
    columns: Mapping[str, str] = field(default_factory=dict)
    values: Mapping[str, Mapping[str, str]] = field(default_factory=dict)
    """What the sheets' own codes stand for, by headings."""
    visible: bool = False
    """Whether rows that are hidden or crossed out are left out."""
    source: Mapping[str, str] = field(default_factory=dict)
    """Keys of the source that are one text: length, hours, prefix, identity, places, people, cycle, if_closed."""
    flags: Sequence[str] = ()
    """Keys of the source that say yes."""
    stated: Mapping[str, str] = field(default_factory=dict)
    only: Conditions = ()
    without: Conditions = ()
    split: Sequence[str] = ()
    reminders: Sequence[str] = ()
    rows: Mapping[str, str] = field(default_factory=dict)
    """How rows are written: headings, dates, times, delimiter, encoding."""
    not_kept: Sequence[str] = ()
    """Options that were given too, but that a plan has no key for."""


def saved_plan(call: SavedCall) -> str:
    """Return the text of a plan that builds what a call converted."""
    return plan_text(_lines(call))


def _lines(call: SavedCall) -> Iterator[str]:
    yield "# What a call of “nomarium convert” said, kept: “nomarium build” with this plan writes the same calendar."
    for option in call.not_kept:
        yield f"# {option} was said too; a plan has no key for it."
    yield from ("", "[school]", f"name = {toml_text(call.name)}", f"zone = {toml_text(call.zone)}", "")
    yield from _table("sheets", call.reading)
    yield f"[sources.{toml_key(call.name)}]"
    yield f"sheets = [{', '.join(_sheet(call, file, tab) for file in call.sheets for tab in call.tabs or ('',))}]"
    yield 'kind = "events"'
    for name, value in call.source.items():
        yield f"{name} = {toml_text(value)}"
    yield from (f"{name} = true" for name in call.flags)
    if call.stated:
        yield f"set = {_inline({name: toml_text(value) for name, value in call.stated.items()})}"
    for name, conditions in (("only", call.only), ("without", call.without)):
        if conditions:
            yield f"{name} = {_inline({field: toml_list(values) for field, values in conditions})}"
    yield ""
    yield f"[calendars.{toml_key(call.name)}]"
    yield f"sources = {toml_list([call.name])}"
    if call.split:
        yield f"split = {toml_text(call.split[0]) if len(call.split) == 1 else toml_list(call.split)}"
    yield f"file = {toml_text(call.file)}"
    if call.reminders:
        yield f"reminders = {toml_list(call.reminders)}"
    yield from ("", "[output]", 'folder = "."', "")
    yield from _table("rows", call.rows)


def _table(name: str, keys: Mapping[str, str]) -> Iterator[str]:
    if keys:
        yield f"[{name}]"
        for key, value in keys.items():
            yield f"{key} = {toml_text(value)}"
        yield ""


def _sheet(call: SavedCall, file: str, tab: str) -> str:
    parts = {"file": toml_text(file), **{name: toml_text(value) for name, value in call.table.items()}}
    if tab:
        parts["sheet"] = toml_text(tab)
    if call.visible:
        parts["visible"] = "true"
    if call.values:
        texts = {
            heading: {code: toml_text(word) for code, word in codes.items()} for heading, codes in call.values.items()
        }
        parts["values"] = _inline({heading: _inline(codes) for heading, codes in texts.items()})
    if call.columns:
        parts["columns"] = _inline({heading: toml_text(name) for heading, name in call.columns.items()})
    return _inline(parts) if len(parts) > 1 else parts["file"]


def _inline(parts: Mapping[str, str]) -> str:
    return f"{{ {', '.join(f'{toml_key(name)} = {value}' for name, value in parts.items())} }}"
