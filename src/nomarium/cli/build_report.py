"""What a build read and wrote, in lines for the terminal and as JSON; the lines know nothing of the command line."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import asdict
from itertools import groupby
from typing import TYPE_CHECKING

from nomarium.cli.difference_lines import changes_line, counts_json, update_lines
from nomarium.cli.report import problems_json

if TYPE_CHECKING:
    from nomarium.cli.build_run import Done
from nomarium.core.building import Build, FileRead, Part, footing, hours_of
from nomarium.core.history import Edit, OnEdit, Outlook, edit_words
from nomarium.core.problems import Problem
from nomarium.core.values import counted, day_words, style_of

_LABEL = 9


def read_lines(build: Build) -> Iterator[str]:
    """Say which sheets were read beside those of the year, how, and what they gave."""
    label = "Read"
    for file in build.read.files:
        form = f" ({file.form})" if file.form else ""
        yield f"{label:<{_LABEL}}{file.file}{form}: {file.gave}"
        label = ""
        styles: dict[str, list[str]] = {}
        for column in file.moments if file.table else ():
            style = style_of(file.table, column)  # type: ignore[arg-type]
            for said in filter(None, (style.dates, style.times)):
                styles.setdefault(said.removesuffix(" (--hours)"), []).append(column.column.heading)
        for said, headings in styles.items():
            yield f"{'':<{_LABEL}}  {', '.join(headings)}: {said}"
        if file.unused:
            yield f"{'':<{_LABEL}}  Not used: {', '.join(map(str, file.unused))}"


def footing_lines(build: Build) -> Iterator[str]:
    """Say what all dates hang on, and what nobody said of it."""
    found = footing(build)
    if found is None:
        return
    closed = f"{counted(found.closures, 'closure')} of {counted(found.closed_days, 'day')}"
    special = f", {counted(found.special_days, 'special day')}" if found.special_days else ""
    days = f"{counted(found.school_days, 'school day')}, {closed}{special}"
    yield f"{'Year':<{_LABEL}}{found.zone}, {found.weekdays}: {days}"
    for name, span in found.terms[:_MOST_TERMS]:
        yield f"{'':<{_LABEL}}{name}: {span}"
    if len(found.terms) > _MOST_TERMS:
        yield f"{'':<{_LABEL}}… and {len(found.terms) - _MOST_TERMS} more terms"
    for name, counts in found.labels.items():
        said = ", ".join(f"{label} ({counted(count, 'day')})" for label, count in counts.items())
        yield f"{'':<{_LABEL}}{name}: {said}"
    for text in found.few:
        yield f"{'':<{_LABEL}}Far fewer: {text}"
    if found.assumed:
        yield f"{'Assumed':<{_LABEL}}Built on these assumptions, each with the line that settles it:"
        for text in found.assumed:
            yield f"{'':<{_LABEL}}  {text}"


_MOST_TERMS = 4


def footing_json(build: Build) -> dict[str, object] | None:
    """Return what all dates hang on for programs; None without a school year."""
    found = footing(build)
    return asdict(found) if found else None


def made_lines(build: Build) -> Iterator[str]:
    """Say what the sheets came to: meetings, changes, periods that special days leave out."""
    meetings = [one for one in build.held if one.event is None]
    events = sum(len(one.occurrences) for one in build.held if one.event is not None)
    if meetings:
        classes = len({one.class_name for one in meetings})
        hours = sum(map(hours_of, meetings))
        number = counted(sum(len(one.occurrences) for one in meetings), "meeting")
        yield f"{'Dated':<{_LABEL}}{number} of {counted(classes, 'class', 'classes')}, {hours:,.0f} hours"
    if events:
        yield f"{'' if meetings else 'Dated':<{_LABEL}}{counted(events, 'event')}"
    for what, count in build.expansion.applied.items():
        yield f"{'Changed':<{_LABEL}}{counted(count, 'meeting')}: {what}"


def written_lines(build: Build, done: Done, *, dry_run: bool) -> Iterator[str]:
    """Say what was written, kind by kind."""
    yield from made_lines(build)
    label = "Would write" if dry_run else "Wrote"
    for kind, several in groupby(build.calendars.parts, key=_kind_of):
        yield f"{label:<{_LABEL - 1}} {_kind_words(kind[0], list(several))}"
        label = ""
    if not dry_run:
        left = f"; {len(done.kept.left):,} held the same already" if done.kept.left else ""
        yield f"{'':<{_LABEL}}in {build.folder}: {counted(len(done.kept.written), 'file')} written{left}"
    if done.pages:
        folder, written, same = done.pages
        left = f"; {same:,} held the same already" if same else ""
        yield f"{'Pages':<{_LABEL}}in {folder}: {counted(written, 'file')} written{left}; index.html leads to all"
    if done.kept.number:
        yield f"{'Kept':<{_LABEL}}as build {done.kept.number} (nomarium history)"
    yield from update_lines(done.updates)


def _kind_of(part: Part) -> tuple[str, str]:
    """Return what is told together: the calendars of one split, and each other by itself."""
    return part.kind, part.file.partition("/")[0] if part.kind else part.file


def _kind_words(kind: str, parts: Sequence[Part]) -> str:
    events = sum(part.events for part in parts)
    spans = [span for part in parts if (span := part.span())]
    days = f", {day_words(min(s[0] for s in spans))} to {day_words(max(s[1] for s in spans))}" if spans else ""
    if kind:
        folder = parts[0].file.rpartition("/")[0] if len(parts[0].by) == 1 else parts[0].file.partition("/")[0]
        where = f"{folder}/: " if folder else ""
        each = kind.replace(", ", " and ")
        whose = f"one a {each}" if each.islower() else f"one for each “{each}”"  # a heading of the sheet
        return f"{where}{counted(len(parts), 'calendar')}, {whose}: {counted(events, 'event')}{days}"
    return f"{parts[0].file}: {counted(events, 'event')}{days}"


def nothing_line(problems: Sequence[Problem]) -> str:
    """Say that nothing was written, and why."""
    errors = sum(problem.severity == "error" for problem in problems)
    why = f"{counted(errors, 'error')}; the way out stands above" if errors else "there is no calendar to write"
    return f"{'Nothing':<{_LABEL}}was written: {why}."


def change_lines(outlook: Outlook) -> Iterator[str]:
    """Say what a build changes in what was given out before."""
    if outlook.first:
        return
    yield changes_line(outlook.all)
    for number, text in enumerate(outlook.lessons):
        yield f"{'' if number else 'Lessons':<{_LABEL}}{text}"
    kept = outlook.edits.kept
    if kept:
        calendars = counted(len({edit.path for edit in kept}), "calendar")
        yield f"{'By hand':<{_LABEL}}{counted(len(kept), 'edit')} in {calendars} kept (nomarium history --edits)"


def build_json(build: Build, done: Done) -> dict[str, object]:
    """Return the report for programs."""
    return {
        "read": [file_json(file) for file in build.read.files],
        "year": footing_json(build),
        "events": build.events(),
        "changed": dict(build.expansion.applied),
        "folder": str(build.folder),
        "calendars": [_part_json(part) for part in build.calendars.parts],
        "build": done.kept.number,
        "changes": counts_json(done.outlook.all) if done.outlook else {},
        "written": [str(path) for path in done.kept.written],
        "unchanged": [str(path) for path in done.kept.left],
        "pages": str(done.pages[0]) if done.pages else "",
        "lessons": done.outlook.lessons if done.outlook else [],
        "updates": {str(path): events for path, events in done.updates},
        "edits": _edits_json(done),
        "problems": problems_json(done.problems),
    }


def file_json(file: FileRead) -> dict[str, object]:
    """Return what a file gave, and what each of its columns was used for, for programs."""
    columns = [{"column": one.letters, "heading": one.heading, "used_as": one.use or None} for one in file.columns]
    return {"file": file.file, "form": file.form, "gave": file.gave, "columns": columns}


def _edits_json(done: Done) -> list[dict[str, object]]:
    held = {edit.key for edit in (done.outlook.edits.kept if done.outlook else ())}
    found = ((edit, choice) for export in done.exports for edit, choice in export.found)
    return [{**_edit_json(edit, choice), "holds": edit.key in held} for edit, choice in found]


def _edit_json(edit: Edit, choice: OnEdit) -> dict[str, str]:
    return {
        "calendar": edit.path,
        "uid": edit.uid,
        "title": edit.title,
        "start": edit.start,
        "what": edit.what,
        "before": edit_words(edit.what, edit.base),
        "after": "" if edit.is_added else edit_words(edit.what, edit.value),
        "choice": choice.value,
    }


def _part_json(part: Part) -> dict[str, object]:
    span = part.span()
    return {
        "file": part.file,
        "kind": part.kind,
        "for": part.whom,
        "events": part.events,
        "first": span[0].isoformat() if span else None,
        "last": span[1].isoformat() if span else None,
        "hours": round(part.hours(), 2),
    }
