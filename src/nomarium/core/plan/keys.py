"""The keys of a plan as a list: for the docs, for messages, and for editors as a JSON Schema."""

from __future__ import annotations

import json
from typing import Any, NamedTuple, get_args

from pydantic import BaseModel
from pydantic.fields import FieldInfo

from nomarium.core.plan.model import Plan, SheetKeys


class PlanKey(NamedTuple):
    """A key: its path ("cycles.NAME.labels"), what it says, and what holds where it is not given."""

    path: str
    meaning: str
    default: str


def plan_keys() -> list[PlanKey]:
    """Return all keys of a plan, in the order of the plan."""
    return list(_keys_of(Plan, ""))


def keys_below(path: tuple[str, ...]) -> list[str]:
    """Return the keys that may stand in a table, given by its path in a plan."""
    model: type[BaseModel] | None = Plan
    named = False
    for part in path:
        if named:
            named = False
            continue
        field = model.model_fields.get(part) if model else None
        if field is None:
            return []
        model = _table_of(field)
        named = model is not None and _is_named(field)
    return list(model.model_fields) if model else []


def _keys_of(model: type[BaseModel], before: str) -> list[PlanKey]:
    found = []
    for name, field in model.model_fields.items():
        table = _table_of(field)
        path = f"{before}{name}"
        if table is None or issubclass(table, SheetKeys):
            found.append(PlanKey(path, field.description or "", _default(field)))
        else:
            found += _keys_of(table, f"{path}.NAME." if _is_named(field) else f"{path}.")
    return found


def _is_named(field: FieldInfo) -> bool:
    """Tell whether a key holds tables by names of the user's own."""
    return getattr(field.annotation, "__origin__", None) is dict


def _table_of(field: FieldInfo) -> type[BaseModel] | None:
    """Return the table that a key holds, itself or by name; None for plain values."""
    candidates = [field.annotation, *get_args(field.annotation)]
    return next((kind for kind in candidates if isinstance(kind, type) and issubclass(kind, BaseModel)), None)


def _default(field: FieldInfo) -> str:
    value: Any = field.get_default(call_default_factory=True)
    if value is None or value in ([], {}):
        return ""
    return json.dumps(value, ensure_ascii=False, default=str)


def sheet_keys() -> list[PlanKey]:
    """Return the keys of a sheet that is written as a table."""
    first = ["file", "sheet", "range", "columns"]
    fields = SheetKeys.model_fields
    order = [*first, *(name for name in fields if name not in first)]
    return [PlanKey(fields[name].alias or name, fields[name].description or "", "") for name in order]


def plan_schema() -> str:
    """Return the JSON Schema of plan files (draft 2020-12), for editors that check while one types."""
    schema = Plan.model_json_schema()
    schema = {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        "title": "Nomarium plan",
        **{key: value for key, value in schema.items() if key != "title"},
    }
    return json.dumps(schema, ensure_ascii=False, indent=2)
