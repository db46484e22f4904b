"""Which keys of a source have an effect on what kind of source: the others are refused."""

from __future__ import annotations

from collections.abc import Iterable
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.columns import Kind

if TYPE_CHECKING:
    from nomarium.core.plan import PlanFile, SourceKeys
    from nomarium.core.problems import Problem

_ALL = frozenset({"sheets", "kind", "set", "only", "without", "prefix"})
_EFFECTS: dict[str, frozenset[str]] = {
    Kind.EVENTS: _ALL
    | {"start", "end", "groups", "on_days", "rest", "keep_weekdays", "shift"}
    | {"identity", "length", "hours", "places", "people", "if_closed", "cycle"},
    Kind.CALENDAR: _ALL | {"identity"},
    Kind.MONTHS: _ALL | {"identity", "length", "hours"},
    Kind.LIST: _ALL | {"day_numbers", "division", "cycle", "length", "hours", "places", "people", "subjects"},
    Kind.GRID: _ALL
    | {"codes", "day_numbers", "division", "cycle", "each", "cell", "hours", "places", "people", "subjects"},
    Kind.SLOTS: frozenset({"sheets", "kind", "codes", "only", "without", "length", "hours"}),
    "year": frozenset({"kind", "add", "cycle", "title"}),
    "holidays": frozenset({"kind", "holidays", "language"}),
}
"""The keys that have an effect, by the kind of sheet that a source turned out to hold."""

_WORDS = {"year": "a source of the year", "holidays": "a source of public holidays"}


def keys_without_effect(
    plan: PlanFile, name: str, keys: SourceKeys, kind: str, used: Iterable[str] = ()
) -> list[Problem]:
    """Return an error for each key of a source that has no effect on sheets of its kind; ``used`` had theirs before."""
    idle = keys.model_fields_set - _EFFECTS[kind] - {*used}
    problems = []
    for key in sorted(idle):
        kinds = [_WORDS.get(other, str(other)) for other, known in _EFFECTS.items() if key in known]
        place = plan.place("sources", name, key)
        problems.append(wording.key_of_other_kind(place, key, _WORDS.get(kind, str(kind)), kinds))
    return problems
