"""What people change by hand in a calendar that was given out: a field of an event, an event more, an event less."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, replace
from datetime import datetime, timedelta
from enum import StrEnum

from nomarium.core.history.entries import TEXT_FIELDS, Entry
from nomarium.core.history.field_words import field_words
from nomarium.core.sources import Occurrence, Series, in_zone

EDITED_TEXTS = tuple(name for name in TEXT_FIELDS if name not in ("organizer", "attendees", "extra"))
"""The fields that are held against each other; guests and organizers are the calendar program's own affair."""
TIME = "time"
"""The name of the edited field that says when an event is."""
ADDED, REMOVED = "added", "removed"
EDITED_FIELDS = (TIME, *EDITED_TEXTS, ADDED, REMOVED)
"""What a choice can be made for."""
_USUAL = {"status": "CONFIRMED", "busy": "BUSY", "visibility": "PUBLIC"}
"""What a missing property means (RFC 5545, 3.8.1.11, 3.8.2.7, 3.8.1.3); programs write these out."""


class OnEdit(StrEnum):
    """What becomes of an edit by hand."""

    KEEP = "keep"
    OVERWRITE = "overwrite"


@dataclass(frozen=True, slots=True)
class Edit:
    """One thing that somebody has changed in a calendar."""

    path: str
    """The calendar's file below the output folder."""
    uid: str
    what: str
    """One of EDITED_FIELDS."""
    title: str
    start: str
    """When the event is, as it was given out."""
    base: str = ""
    """What was given out: the field's text; of a removed event, when it was."""
    value: str = ""
    """What stands there now: the field's text; of an added event, the calendar file that holds it."""
    sequence: int = 0
    """The SEQUENCE that the event has there."""

    @property
    def key(self) -> tuple[str, str, str]:
        """What it is known by: a field of an event has one edit in a calendar."""
        return self.path, self.uid, self.what

    @property
    def is_added(self) -> bool:
        """Whether it is an event of their own."""
        return self.what == ADDED

    @property
    def is_removed(self) -> bool:
        """Whether it is an event that they took away."""
        return self.what == REMOVED


@dataclass(frozen=True, slots=True)
class OnEdits:
    """What becomes of edits by hand: what was stated for all and for single fields, and who is asked about the rest."""

    general: OnEdit | None = OnEdit.KEEP
    """None where somebody is asked."""
    of_field: Mapping[str, OnEdit | None] = field(default_factory=dict)
    ask: Callable[[Edit], OnEdit] = lambda edit: OnEdit.KEEP

    def stated(self, edit: Edit) -> OnEdit | None:
        """Return what was stated for an edit; None where somebody is to be asked."""
        return self.of_field.get(edit.what, self.general)

    def choose(self, edit: Edit) -> OnEdit:
        """Return what becomes of an edit."""
        return self.stated(edit) or self.ask(edit)


@dataclass(slots=True)
class Edits:
    """All edits that hold for a build, and events that are given out anew since their edits do not."""

    kept: list[Edit] = field(default_factory=list)
    anew: dict[tuple[str, str], int] = field(default_factory=dict)
    """The events to be given out over what stands in the calendars: (file, UID) → the SEQUENCE there."""

    def floors(self) -> dict[tuple[str, str], int]:
        """Return the SEQUENCE that each edited event has where it was edited: what is given out must be above it."""
        own = {(edit.path, edit.uid): edit.sequence for edit in self.kept if not edit.is_added}
        return {**own, **self.anew}


def added(path: str, entry: Entry, calendar: str, sequence: int) -> Edit:
    """Return the edit that an event of their own is; ``calendar`` is the text of a file that holds it."""
    return Edit(path, entry.uid, ADDED, entry.title, entry.start, "", calendar, sequence)


def removed(path: str, entry: Entry) -> Edit:
    """Return the edit that an event taken away is."""
    return Edit(path, entry.uid, REMOVED, entry.title, entry.start, time_text(entry))


def changes_of(path: str, given: Entry, theirs: Entry, sequence: int) -> list[Edit]:
    """Return what differs between an event as it was given out and as it stands in a calendar."""
    found = Edit(path, given.uid, TIME, given.title, given.start, sequence=sequence)
    edits = []
    theirs = moved_to_zone(theirs, given.zone)
    if given.moment != theirs.moment:
        edits.append(replace(found, base=time_text(given), value=time_text(theirs)))
    for name in EDITED_TEXTS:
        base, value = given.text(name), theirs.text(name)
        if not same_text(name, base, value):
            edits.append(replace(found, what=name, base=base, value=value))
    return edits


def moved_to_zone(entry: Entry, zone: str) -> Entry:
    """Return an event with its times told in a zone, where both have one."""
    if not zone:
        return entry
    moved = in_zone(Occurrence(entry.starts(), entry.ends(), entry.all_day, entry.zone), zone)
    return entry._replace(start=moved.start.isoformat(), end=moved.end.isoformat(), zone=moved.zone)


def same_text(name: str, one: str, other: str) -> bool:
    """Tell whether two texts of a field mean the same: a property left out is its usual value; lists have no order."""
    return _plain(name, one) == _plain(name, other)


def _plain(name: str, text: str) -> object:
    if name in ("categories", "reminders"):
        return frozenset(filter(None, text.split(";")))
    if name in _USUAL:
        return text or _USUAL[name]
    return "\n".join(line.rstrip() for line in text.strip().splitlines())


def time_text(entry: Entry) -> str:
    """Return when an event is as one text: start, end, "1" for all day, zone."""
    return f"{entry.start}|{entry.end}|{int(entry.all_day)}|{entry.zone}"


def occurrence_of(text: str) -> Occurrence:
    """Return the occurrence that such a text says."""
    start, end, all_day, zone = text.split("|", 3)
    return Occurrence(datetime.fromisoformat(start), datetime.fromisoformat(end), all_day == "1", zone)


def base_now(name: str, entry: Entry) -> str:
    """Return what an event says in an edited field, as edits hold it."""
    return time_text(entry) if name == TIME else entry.text(name)


def is_same(name: str, one: str, other: str) -> bool:
    """Tell whether two values of an edited field are the same."""
    return one == other if name == TIME else same_text(name, one, other)


def with_edits(series: Series, edits: dict[str, str]) -> Series:
    """Return an event (with one occurrence) that says what was edited in place of its own."""
    changed = series
    for name, value in edits.items():
        if name == TIME:
            changed = replace(changed, occurrences=(occurrence_of(value),))
        elif name == "categories":
            changed = replace(changed, categories=tuple(filter(None, value.split(";"))))
        elif name == "reminders":
            seconds = filter(None, value.split(";"))
            changed = replace(changed, reminders=tuple(timedelta(seconds=int(one)) for one in seconds))
        else:
            changed = replace(changed, **{name: value})  # type: ignore[arg-type]
    return changed


def edit_words(name: str, value: str) -> str:
    """Return the value of an edited field in words: "2026-09-08 09:00–09:45" for a time."""
    if name != TIME or not value:
        return " ".join(field_words(name, value).split())
    when = occurrence_of(value)
    if when.all_day:
        last = when.end - timedelta(days=1)
        return f"{when.start:%Y-%m-%d}" + (f" to {last:%Y-%m-%d}" if last > when.start else "")
    end = f"{when.end:%H:%M}" if when.end.date() == when.start.date() else f"{when.end:%Y-%m-%d %H:%M}"
    return f"{when.start:%Y-%m-%d %H:%M}–{end}"
