"""Edits by hand → the calendars of a build with them: what only one side changed holds, where both did, the sheets."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field, replace
from typing import TYPE_CHECKING

from nomarium.core.history import wording
from nomarium.core.history.edits import Edit, base_now, is_same, time_text, with_edits
from nomarium.core.history.entries import Entry, entries_of
from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.meetings import Held
from nomarium.core.problems import Place, Problem

if TYPE_CHECKING:
    from nomarium.core.building import Part
    from nomarium.core.sources import Series


@dataclass(slots=True)
class Applied:
    """Calendars with what was edited by hand in them."""

    parts: list[Part]
    holding: list[Edit] = field(default_factory=list)
    """The edits that still hold: those that the sheets have caught up with, or overruled, are done with."""
    overruled: dict[tuple[str, str], int] = field(default_factory=dict)
    """The events whose edits do not hold: (file, UID) → the SEQUENCE where they were edited."""
    problems: list[Problem] = field(default_factory=list)

    def overrule(self, edit: Edit, problem: Problem) -> None:
        """Note that an edit does not hold."""
        self.overruled[edit.path, edit.uid] = edit.sequence
        self.problems.append(problem)


def apply_edits(parts: Sequence[Part], edits: Sequence[Edit]) -> Applied:
    """Put edits into the calendars that they were made in; calendars that are not built now keep theirs."""
    applied = Applied([])
    of_path: dict[str, list[Edit]] = {}
    for edit in edits:
        of_path.setdefault(edit.path, []).append(edit)
    for part in parts:
        own = of_path.pop(part.file, None)
        applied.parts.append(part if own is None else _edited(part, own, applied))
    applied.holding += [edit for several in of_path.values() for edit in several]
    return applied


def _edited(part: Part, edits: Sequence[Edit], applied: Applied) -> Part:
    by_uid: dict[str, list[Edit]] = {}
    for edit in edits:
        if not edit.is_added:
            by_uid.setdefault(edit.uid, []).append(edit)
    held: list[Held] = []
    for one in part.held:
        uids = one.occurrence_uids()
        touched = [place for place, uid in enumerate(uids) if uid in by_uid]
        if not touched:
            held.append(one)
            continue
        rest = [place for place in range(len(uids)) if place not in touched]
        held += [one.cut(rest)] if rest else []
        for place in touched:
            held += _with(part, one.cut([place]), by_uid.pop(uids[place]), applied)
    for several in by_uid.values():
        _tell_gone(several, applied)
    taken = {uid for one in held for uid in one.occurrence_uids()}
    for edit in edits:
        if edit.is_added and edit.uid not in taken:
            held += _own_event(edit)
            applied.holding.append(edit)
    return replace(part, held=held)


def _with(part: Part, held: Held, edits: Sequence[Edit], applied: Applied) -> Iterator[Held]:
    """Yield one event with its edits, or nothing where it was taken away."""
    ((series, uids),) = part.texts.series(held)
    (entry,) = entries_of(series, uids)
    removal = next((edit for edit in edits if edit.is_removed), None)
    if removal is not None:
        if removal.base == time_text(entry):
            applied.holding.append(removal)
            return
        applied.overrule(removal, wording.removed_and_moved(_place(removal), removal, entry))
    values = _holding([edit for edit in edits if not edit.is_removed], entry, applied)
    if not values:
        yield held
        return
    event = with_edits(series, values)
    own = replace(held, occurrences=list(event.occurrences), event=event, uids=tuple(uids), natural=())
    yield replace(own, edited=True)


def _holding(edits: Sequence[Edit], entry: Entry, applied: Applied) -> dict[str, str]:
    """Return the edited values that hold against what the sheets say now."""
    values = {}
    for edit in edits:
        now = base_now(edit.what, entry)
        if is_same(edit.what, now, edit.base):
            values[edit.what] = edit.value
            applied.holding.append(edit)
        elif not is_same(edit.what, now, edit.value):
            applied.overrule(edit, wording.edited_on_both_sides(_place(edit), edit, now))
    return values


def _tell_gone(edits: Sequence[Edit], applied: Applied) -> None:
    """Report an event that was edited by hand and is in the sheets no more."""
    changed = [edit for edit in edits if not edit.is_removed]
    if changed:
        applied.overrule(changed[0], wording.edited_and_gone(_place(changed[0]), changed[0]))


def _own_event(edit: Edit) -> Iterator[Held]:
    """Yield an event that somebody has added, as it stands there."""
    for series in read_calendar(edit.value, edit.path, CalendarChoices(rules=True)).series:
        yield _own(series, edit)


def _own(series: Series, edit: Edit) -> Held:
    return Held("", {}, list(series.occurrences), place=_place(edit), event=series, uids=(edit.uid,), edited=True)


def _place(edit: Edit) -> Place:
    return Place(edit.path)
