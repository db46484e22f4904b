"""What is said about plan files."""

from __future__ import annotations

from collections.abc import Sequence
from difflib import get_close_matches

from nomarium.core.plan.keys import keys_below, plan_keys, sheet_keys
from nomarium.core.problems import Place, Problem, error, note


def no_plan(place: Place, reason: str) -> Problem:
    """The plan cannot be read at all."""
    return error("unreadable-plan", place, f"The plan can't be read: {reason}.")


def not_toml(place: Place, reason: str) -> Problem:
    """The file is no TOML."""
    return error(
        "not-toml",
        place,
        f"The line is no TOML: {reason}.",
        expected='Lines such as key = "text", tables such as [year].',
        advice="Look for a missing quotation mark, bracket or equals sign on this line or the one above.",
    )


def unknown_key(place: Place, keys: tuple[str, ...]) -> Problem:
    """A key that no plan has."""
    *table, key = keys
    known = keys_below(tuple(table))
    near = get_close_matches(key, known, 1, 0.6)
    where = f"[{'.'.join(table)}] may hold" if table else "A plan may hold"
    return error(
        "unknown-key",
        place,
        "There is no such key here.",
        found=key,
        expected=f"{where}: {', '.join(known)}." if known else "",
        advice=_of_one_sheet(key, known) or (f"Did you mean “{near[0]}”?" if near else _elsewhere(key)),
    )


def _of_one_sheet(key: str, known: Sequence[str]) -> str:
    """Say how a key is written that holds for one sheet, below the first key of a table that names some; else ""."""
    holder = next((name for name in _HOLD_SHEETS if name in known), None)
    if holder is None or key not in (one.path for one in sheet_keys()):
        return ""
    return f'It is said of one sheet, in a table of its own: {holder} = {{ file = "FILE", {key} = … }}.'


_HOLD_SHEETS = ("sheets", "terms", "lists")


def _elsewhere(key: str) -> str:
    """Say where a key belongs that stands in the wrong table."""
    paths = [known.path for known in plan_keys() if known.path.rpartition(".")[2] == key]
    return f"It belongs under [{paths[0].rpartition('.')[0]}]." if paths and "." in paths[0] else ""


def missing_key(place: Place, keys: tuple[str, ...]) -> Problem:
    """A key that must be there."""
    return error("missing-key", place, f"The key “{keys[-1]}” is missing here.", advice="Add it.")


_EXPECTED = {
    "string_type": "A text in quotation marks.",
    "bool_type": "true or false, without quotation marks.",
    "list_type": "A list in square brackets.",
    "dict_type": "A table, such as { 2026-10-17 = “Friday” }.",
    "model_type": "A table.",
    "date_type": "A date such as 2026-09-08.",
}


def wrong_value(place: Place, keys: Sequence[str], value: object, kind: str, message: str) -> Problem:
    """A value that the key can't have."""
    if kind == "literal_error":
        expected = message.removeprefix("Input should be ").replace("'", "“", 1)
        expected = f"One of {', '.join(part for part in message.split(chr(39))[1::2])}."
    elif kind == "value_error":
        text = message.removeprefix("Value error, ")
        if not text.endswith("is expected"):  # a setting says itself what is wrong
            found = _as_written(value)
            message = f"The key “{'.'.join(keys)}” can’t have this value: {text.replace(f'“{found}”', 'it')}"
            return error("wrong-value", place, message, found=found)
        expected = f"{text[:1].upper()}{text[1:].removesuffix(' is expected').rstrip(',')}."
    else:
        expected = _EXPECTED.get(kind, "")
    return error(
        "wrong-value",
        place,
        f"The key “{'.'.join(keys)}” can’t have this value.",
        found=_as_written(value),
        expected=expected,
    )


def _as_written(value: object) -> str:
    """Return a value as a plan writes it; nothing for a whole table, which its line shows better."""
    if isinstance(value, dict):
        return ""
    if isinstance(value, bool):
        return str(value).lower()
    text = str(value)
    return text if len(text) <= 60 else f"{text[:57]}…"


def named_outside(place: Place, name: str, target: str, *, is_read: bool) -> Problem:
    """A file or folder that lies outside the plan's folder."""
    does = "read" if is_read else "written to"
    message = f"“{name}” lies outside the plan’s folder, and is {does}: {target}."
    return note("outside-plan", place, message, advice="Where that is not meant, correct the plan.")


def missing_file(place: Place, name: str, near: Sequence[str]) -> Problem:
    """A sheet that the plan names is not there."""
    return error(
        "missing-file",
        place,
        "The plan names a file that is not there.",
        found=name,
        advice=f"Did you mean “{near[0]}”?" if near else "Names are meant from the plan’s own folder.",
    )
