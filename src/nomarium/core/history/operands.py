"""What can be compared: builds by their numbers, plans, calendars and sheets → their events."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from contextlib import closing
from dataclasses import dataclass, field, replace
from datetime import timedelta
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.building import Build, BuildChoices, prepare
from nomarium.core.conversion import Request, convert
from nomarium.core.history import wording
from nomarium.core.history.adopted import entries_of_part
from nomarium.core.history.applied import apply_edits
from nomarium.core.history.entries import Entry, by_uid, entries_of
from nomarium.core.history.folder import FOLDER, NAME
from nomarium.core.history.record import carry, renamed_files
from nomarium.core.history.store import Store
from nomarium.core.plan import PlanFile, load_plan
from nomarium.core.problems import DataRefused, Place, Problem, WrongCall
from nomarium.core.sources import EventChoices
from nomarium.core.standing import is_file, is_folder

if TYPE_CHECKING:
    from nomarium.core.privacy import Privacy

_ABOUT_CHANGES = ("LAST-MODIFIED", "SEQUENCE", "CREATED", "DTSTAMP")
"""Properties that say when an event was changed, not what it is."""


@dataclass(slots=True)
class Side:
    """One side of a comparison: what it is called, and its events by calendar."""

    name: str
    calendars: dict[str, dict[str, Entry]] = field(default_factory=dict)
    """"" for events that are in no calendar of a plan."""
    problems: list[Problem] = field(default_factory=list)

    def entries(self) -> dict[str, Entry]:
        """Return all events, each once."""
        return {uid: entry for entries in self.calendars.values() for uid, entry in entries.items()}


def read_side(text: str, plan: Path | None, zone: str) -> Side:
    """Return the events of a build ("3"), a plan or folder, a calendar file or a sheet.

    Raises WrongCall for what is none of these, DataRefused where it can't be read.
    """
    if text.isdecimal():
        return _of_build(int(text), plan)
    path = Path(text)
    if is_folder(path):
        path /= "nomarium.toml"
    if not is_file(path):
        raise WrongCall(
            f"“{text}” is neither a file nor the number of a build.", "“nomarium history” lists the builds."
        )
    return _of_plan(path, zone) if path.suffix == ".toml" else _of_file(path, zone)


def _of_build(number: int, plan: Path | None) -> Side:
    if plan is None or not (plan.parent / FOLDER / NAME).exists():
        raise WrongCall("There is no history of builds here.", "Name the plan with --plan, or build first.")
    store = Store(plan.parent, reading=True)
    if not any(row.id == number for row in store.builds()):
        raise DataRefused(wording.no_such_build(Place(plan.name), number, store.last()))
    files = store.files(number)
    return Side(f"build {number}", {path: store.entries(state) for path, state in files.items()})


def plan_zone(plan: Path) -> str | None:
    """Return the time zone that a plan states."""
    loaded = load_plan(plan)[0]
    return loaded.plan.school.zone if loaded else None


def plan_privacy(plan: Path) -> Privacy:
    """Return what a plan lets others read of private events: their times alone, where it is none or says nothing."""
    loaded = _loaded(plan)
    return loaded.plan.output.private if loaded else "busy"


def whole_calendars(plan: Path) -> set[str]:
    """Return the files of a plan's calendars that are not split."""
    loaded = _loaded(plan)
    calendars = loaded.plan.calendars.items() if loaded else ()
    return {keys.file or f"{name}.ics" for name, keys in calendars if not keys.split}


def _loaded(plan: Path) -> PlanFile | None:
    """Return a plan, or that of a folder; None where it is none."""
    path = plan / "nomarium.toml" if plan.is_dir() else plan
    return load_plan(path)[0] if path.suffix == ".toml" and path.is_file() else None


def last_build(plan: Path) -> str:
    """Return the number of a plan's last build. Raises WrongCall where it has none."""
    if not (plan.parent / FOLDER / NAME).exists():
        raise WrongCall("There is no history of builds here.", "Build first, or name what to compare with.")
    return str(Store(plan.parent, reading=True).last())


def as_given_out(build: Build) -> Build:
    """Put into a build what the history keeps: the UIDs of corrected events, and edits by hand; return it."""
    folder = build.plan.folder if build.plan else None
    if folder is not None and (folder / FOLDER / NAME).exists():
        with closing(Store(folder, reading=True)) as store:
            carry(build, store.carried())
            build.calendars.parts = apply_edits(build.calendars.parts, store.edits()).parts
    return build


def _of_plan(path: Path, zone: str) -> Side:
    build = as_given_out(prepare(path, BuildChoices(zone)))
    calendars = {part.file: entries_of_part(part) for part in build.calendars.parts}
    return Side(path.name, calendars, build.problems)


def _of_file(path: Path, zone: str) -> Side:
    request = Request([path], path.stem, EventChoices(zone, timedelta(hours=1)), zone_stated=path.suffix != ".ics")
    found = convert(request)
    entries: dict[str, Entry] = {}
    for series, own in found.calendar.made():
        said = tuple(line for line in series.extra if not line.upper().startswith(_ABOUT_CHANGES))
        entries.update(by_uid(entries_of(replace(series, extra=said), own)))
    return Side(path.name, {"": entries}, found.problems)


def same_calendars(
    one: Side, other: Side, whole: Collection[str] = ()
) -> list[tuple[str, Mapping[str, Entry], Mapping[str, Entry]]]:
    """Return the calendars of both sides with the events of each; one of everything where they differ in kind.

    A file of ``whole``, calendars that are no one's of a split, is held against one that is gone, and that had most of
    its events: it has another name now.
    """
    if "" in one.calendars or "" in other.calendars:
        return [("", one.entries(), other.entries())]
    gone = {path: entries for path, entries in one.calendars.items() if path not in other.calendars}
    come = {path: entries for path, entries in other.calendars.items() if path in whole and path not in one.calendars}
    before = renamed_files(gone, come)
    paths = sorted({*other.calendars, *(one.calendars.keys() - before.values())})
    return [(path, one.calendars.get(before.get(path, path), {}), other.calendars.get(path, {})) for path in paths]
