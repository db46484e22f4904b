"""Recognised sheets → the text of a plan: each decision with a comment that says why, each open question as one."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.columns import Evidence, Kind
from nomarium.core.drafting import decisions
from nomarium.core.drafting.bounds import Bounds, bounds_of_weeks, bounds_of_year
from nomarium.core.drafting.days_of_weeks import lay_on_weeks, says_day_one
from nomarium.core.drafting.proved import proved_order, proved_together
from nomarium.core.drafting.proved_codes import LOOKED_UP
from nomarium.core.drafting.proved_year import (
    is_called_changes,
    may_be_closures,
    repeats,
    silent_lines,
    silent_rows,
)
from nomarium.core.drafting.sheets import (
    DraftCycle,
    FoundSheet,
    class_divisions,
    codes_of,
    division_of,
    holds_moments,
    holds_spans,
    is_of_blocks,
    labels_of,
    listed_columns,
    listed_dates,
    names_weekdays,
    nearest_kind,
    parts_of_grid,
    week_letters,
)
from nomarium.core.drafting.term_sheets import (
    each_says_its_letter,
    first_day,
    goes_through_the_year,
    has_breaks,
)
from nomarium.core.drafting.toml import plan_text, toml_key, toml_list, toml_text
from nomarium.core.drafting.whole_sheets import known_of, whole_of
from nomarium.core.kinds import LESSON_SHEET, PEOPLE_SHEET, label_order
from nomarium.core.problems import Problem
from nomarium.core.sheets import Known, said_by_names
from nomarium.core.tables import lies_within
from nomarium.core.timetable import each_by_name
from nomarium.core.values import name_key
from nomarium.settings import BY_PLAN, advice_words

if TYPE_CHECKING:
    from nomarium.core.drafting.decisions import Decision

_SOURCES = (Kind.LIST, Kind.GRID, Kind.SLOTS, Kind.MONTHS, Kind.EVENTS, Kind.CALENDAR)
_FOR_TIMETABLES = (Kind.BELLS, Kind.PERIOD_NAMES, Kind.SPECIAL_DAYS, Kind.DAYS, Kind.WEEKS)
"""What only says when timetables ring, or on which of their days."""


@dataclass(slots=True)
class Draft:
    """A drafted plan: its text, what was found, and what is still open."""

    text: str = ""
    sheets: list[FoundSheet] = field(default_factory=list)
    left_out: dict[FoundSheet, Problem] = field(default_factory=dict)
    """Sheets that a build would be refused for, with the first reason."""
    no_value_of: set[str] = field(default_factory=set)
    """Fields that no meeting has a value of: no calendars are split by them."""
    questions: list[str] = field(default_factory=list)
    to_correct: list[Problem] = field(default_factory=list)
    """Errors of single rows: their sheets stand in the plan, and a build refuses the rows until they are corrected."""
    order: tuple[str, str] = ("", "")
    """The order of day and month that a file proves for the folder, and that file; empty where none is needed."""
    undecided: list[Decision] = field(default_factory=list)
    """What all dates hang on and no sheet settles: nothing is built before it is."""


@dataclass(frozen=True, slots=True)
class DraftChoices:
    """What was said about a plan that is to be drafted."""

    folder: Path
    name: str
    zone: str
    zone_stated: bool
    start: str = ""
    """The first date of each cycle, as a plan writes dates; "" where nobody said it."""
    advance: str = ""
    """What moves cycles on, "" where nobody said it."""


Check = Callable[[str], list[Problem]]
"""Tells what is wrong with the text of a plan, its sheets read."""

_MOST_TRIALS = 12


def draft_plan(sheets: Sequence[FoundSheet], choices: DraftChoices, check: Check) -> Draft:
    """Draft a plan of some sheets that builds: what a build would be refused for is left out, with the reason."""
    draft = Draft(sheets=proved_together(sheets))
    for _ in range(_MOST_TRIALS):
        draft.questions, draft.undecided = [], []
        draft.text = plan_text(_Writer(draft, choices).lines())
        problems = check(draft.text)
        errors = [one for one in problems if one.severity == "error" and one.code != "undecided"]
        if not any(draft.order) and any(one.code in _UNPROVED for one in errors):
            draft.order = proved_order(draft.sheets)
            if any(draft.order):
                continue
        draft.to_correct = [one for one in errors if _is_of_a_row(one, errors, draft)]
        refused = _refused([one for one in errors if one not in draft.to_correct], draft, choices)
        lacking = {one.found for one in errors if one.code == "unknown-split"} - draft.no_value_of
        draft.no_value_of |= lacking
        if not refused and not lacking:
            draft.to_correct += [one for one in errors if not any(_is_of(one, sheet) for sheet in draft.sheets)]
            break
        draft.left_out.update(refused)
    return draft


_UNPROVED = frozenset({"unproved-dates", "pattern-without-date"})
"""What an order of day and month may mend that other sheets prove."""
_OF_THE_SHEET = frozenset(
    "unproved-dates contradictory-dates swapped-dates unsure-column two-columns name-or-names half-span untold-lines "
    "untold-grid two-ways-round".split()
)
"""Errors that name a cell, but are about all of a sheet."""
_FEW_ROWS = 3


def _is_of_a_row(problem: Problem, errors: Sequence[Problem], draft: Draft) -> bool:
    """Tell whether an error is about a single row, and few of its sheet are in error: the sheet is no other for it."""
    if not problem.place.row or problem.code in _OF_THE_SHEET:
        return False
    sheet = next((one for one in draft.sheets if _is_of(problem, one)), None)
    if sheet is None or sheet.grid is None or sheet.kind is None:
        return False
    rows = {one.place.row for one in errors if _is_of(one, sheet) and one.place.row}
    return len(rows) <= _FEW_ROWS and len(rows) * 4 <= sum(map(any, sheet.grid.rows))


def _is_of(problem: Problem, sheet: FoundSheet) -> bool:
    here = sheet.path.name == problem.place.file and sheet.sheet in (None, problem.place.sheet)
    return here and (not sheet.range or not problem.place.cell or lies_within(problem.place.cell, sheet.range))


def _refused(errors: Sequence[Problem], draft: Draft, choices: DraftChoices) -> dict[FoundSheet, Problem]:
    """Return the sheets that errors speak of; sources before all else, as they hang on the others."""
    found: dict[FoundSheet, Problem] = {}
    for problem in errors:
        for sheet in draft.sheets:
            if _is_of(problem, sheet) and sheet.kind and sheet not in draft.left_out:
                found.setdefault(sheet, problem)
    year = (Kind.TERMS, Kind.CLOSURES, Kind.SPECIAL_DAYS, Kind.DAYS, Kind.WEEKS, Kind.BELLS)
    first = {sheet: problem for sheet, problem in found.items() if sheet.kind in year}
    return first or found


class _Writer:
    """Writes the text of one plan."""

    def __init__(self, draft: Draft, choices: DraftChoices) -> None:
        self._draft = draft
        self._choices = choices
        self._sheets = [sheet for sheet in draft.sheets if sheet not in draft.left_out]
        self._known = known_of(self._sheets)
        self._divisions = list(self._known.of("division").values())
        self._classes = class_divisions(self._sheets)
        self._cycles = self._find_cycles()
        self._bounds = self._find_bounds()
        self._names: dict[FoundSheet, str] = {}
        self._used_lookups: set[FoundSheet] = set()
        self._placed: set[FoundSheet] = set()
        """Sheets that some key of the plan names."""

    def lines(self) -> Iterator[str]:
        """Yield the lines of the plan."""
        yield f"# The plan of {self._choices.name}, drafted from its sheets. Open questions begin with “# ?”."
        yield "# “nomarium check” says what it comes to, “nomarium build” writes the calendars."
        yield "# docs/plan.md explains every key."
        yield ""
        yield from self._school()
        yield from self._order()
        yield from self._year()
        for cycle in self._cycles:
            yield from self._cycle(cycle)
        yield from self._bells()
        yield from self._class_sheets()
        yield from self._lessons()
        for sheet in self._of(*_SOURCES):
            yield from self._source(sheet)
        for sheet in self._of(Kind.PROGRAMME):
            yield from self._programme(sheet)
        yield from self._calendars()
        yield from self._undecided()
        yield from self._not_used()

    def _of(self, *kinds: Kind) -> list[FoundSheet]:
        return [sheet for sheet in self._sheets if {sheet.kind, *sheet.recognised.also} & {*kinds}]

    @property
    def _has_year(self) -> bool:
        """Whether the sheets say when there is school: by terms, a list of all days, or the timetables' own dates."""
        return self._bounds is not None or bool(self._of(Kind.TERMS)) or any(cycle.exact for cycle in self._cycles)

    def _find_bounds(self) -> Bounds | None:
        """Return from when until when the timetables run, where neither terms nor a list of days say it."""
        if self._of(Kind.TERMS) or any(cycle.exact for cycle in self._cycles):
            return None
        by_rows = bounds_of_year(self._sheets, proved_order(self._draft.sheets)[0] or None)
        return by_rows or bounds_of_weeks(self._sheets)

    def _question(self, text: str) -> str:
        self._draft.questions.append(text)
        return f"# ? {text}"

    def _school(self) -> Iterator[str]:
        yield "[school]"
        yield f"name = {toml_text(self._choices.name)}"
        if not self._choices.zone_stated:
            yield self._question(f"Is {self._choices.zone} the time zone? It is that of this machine.")
        yield f"zone = {toml_text(self._choices.zone)}"
        if self._divisions:
            yield "# The sheets name these."
            yield f"divisions = {toml_list(self._divisions)}"
        yield ""

    def _order(self) -> Iterator[str]:
        """State the order of day and month, where one sheet proves it for others that do not."""
        order, file = self._draft.order
        if order:
            yield "[sheets]"
            yield f"# {file} proves the order of day and month; sheets that do not prove it are read alike."
            yield f'dates = "{order}"'
            yield ""

    def _year(self) -> Iterator[str]:
        calendars = [sheet for sheet in self._of(Kind.TERMS, Kind.CLOSURES) if sheet.kind is Kind.EVENTS]
        terms, closures = (
            [sheet for sheet in self._of(kind) if sheet not in calendars] for kind in (Kind.TERMS, Kind.CLOSURES)
        )
        specials = self._of(Kind.SPECIAL_DAYS)
        if not self._has_year:
            return
        yield "[year]"
        if self._bounds is not None:
            yield f"# No sheet has the terms: the year is as long as what it is for, by {self._bounds.said_by}."
            spans = [toml_text(f"{first}..{last}") for first, last in self._bounds.spans]
            yield f"spans = {spans[0]}" if len(spans) == 1 else f"spans = [{', '.join(spans)}]"
        if calendars:
            yield "# Of its rows those close the school that say so; its first and last days of school are terms."
        keys = {"calendars": calendars, "terms": terms, "closures": closures, "special_days": specials}
        for key, sheets in keys.items():
            if sheets:
                yield from self._why(sheets)
                yield f"{key} = {self._paths(sheets)}"
        days, shown = decisions.school_days(self._sheets)
        if days and all(cycle.exact for cycle in self._cycles):
            yield f"# {shown} has school on these weekdays."
            yield f"school_days = {toml_text(days)}"
        elif (days or not shown) and self._hangs_on_weekdays():
            yield self._question('Is there school from Monday to Friday? Else say which days: school_days = "Sun-Thu".')
        yield ""
        yield from self._week_letters()

    def _hangs_on_weekdays(self) -> bool:
        """Tell whether it matters on which weekdays there is school: to a cycle, or to classes of every day."""
        of_every_day = any(not one.names_days() for one in self._of(Kind.LIST))
        return of_every_day or not all(cycle.exact for cycle in self._cycles)

    def _week_letters(self) -> Iterator[str]:
        """State the letters of weeks that timetables and repeats name."""
        letters = week_letters(self._sheets)
        listed = self._of(Kind.WEEKS)
        if listed:
            yield "[year.weeks]"
            yield from self._why(listed)
            yield f"listed = {self._paths(listed)}"
            yield ""
        elif letters:
            yield f"# Weeks go by letters: {', '.join(letters)} are named."
            yield "[year.weeks]"
            yield f"letters = {toml_text(f'{letters[0]}-{letters[-1]}')}"
            yield 'letters_by = "school weeks"'
            yield ""

    def _why(self, sheets: Sequence[FoundSheet]) -> Iterator[str]:
        for sheet in sheets:
            name = sheet.named(self._choices.folder)
            yield f"# {name}: {sheet.kind}, {sheet.recognised.why}."
            for field_name, (value, where) in whole_of(sheet, self._known).items():
                yield f"#   All of it is for {field_name} “{value}”: {where} says so."

    def _paths(self, sheets: Sequence[FoundSheet]) -> str:
        written = [self._path(sheet) for sheet in sheets]
        return written[0] if len(written) == 1 else f"[{', '.join(written)}]"

    def _path(self, sheet: FoundSheet) -> str:
        self._placed.add(sheet)
        return self._written(sheet)

    def _written(self, sheet: FoundSheet) -> str:
        """Return a sheet as a plan names it."""
        file = toml_text(sheet.written(self._choices.folder))
        parts = {"sheet": sheet.sheet} if sheet.sheet else {}
        parts |= {"range": sheet.range} if sheet.range else {}
        parts |= {name: value for name, (value, _) in whole_of(sheet, self._known).items()}
        more = "".join(f", {key} = {toml_text(value)}" for key, value in parts.items())
        if sheet.columns:
            columns = ", ".join(f"{toml_key(heading)} = {toml_text(name)}" for heading, name in sheet.columns.items())
            more += f", columns = {{ {columns} }}"
        if sheet.only:
            chosen = ", ".join(
                f"{toml_key(name)} = [{', '.join(map(toml_text, texts))}]" for name, texts in sheet.only.items()
            )
            more += f", only = {{ {chosen} }}"
        return f"{{ file = {file}{more} }}" if more else file

    def _find_cycles(self) -> list[DraftCycle]:
        """Return the cycles that timetables and lists of days speak of."""
        found: dict[tuple[str, str], DraftCycle] = {}
        for sheet in self._of(Kind.LIST, Kind.GRID):
            division, _ = division_of(sheet, self._classes, self._divisions)
            for family, labels in labels_of(sheet).items():
                cycle = found.setdefault((division, family), DraftCycle(division or "Cycle", family, division=division))
                cycle.labels |= labels
                cycle.names = sheet.names
                cycle.said_by.append(sheet.path.name)
        cycles = list(found.values())
        names = [cycle.name for cycle in cycles]
        for cycle in cycles:
            if names.count(cycle.name) > 1:
                cycle.name = f"{cycle.division} {cycle.family}".strip().capitalize()
        for sheet in self._of(Kind.DAYS):
            for heading in listed_columns(sheet):
                self._attach(sheet, heading, cycles)
        for cycle in cycles:
            cycle.exact = bool(cycle.listed) and goes_through_the_year(cycle.listed, self._of(Kind.TERMS))
        if len(cycles) == 1:
            lay_on_weeks(cycles[0], self._sheets)
        return cycles

    def _attach(self, sheet: FoundSheet, heading: str, cycles: list[DraftCycle]) -> None:
        """Give a list of days to the one cycle that has its labels, or make a cycle of it.

        Of a list with several columns of labels each is of the cycle that bears its heading.
        """
        labels = labels_of(sheet, heading)
        if len(labels) != 1:
            return
        ((family, named),) = labels.items()
        if heading:
            self._attach_column(sheet, heading, family, named, cycles)
            return
        for cycle in cycles:
            if cycle.family == family and any(_goes_on(sheet, listed) for listed in cycle.listed):
                cycle.listed.append(sheet)
                cycle.labels |= named
                return
        fitting = [cycle for cycle in cycles if cycle.family == family and not cycle.listed]
        exact = [cycle for cycle in fitting if cycle.labels == named] or fitting
        if len(exact) == 1:
            exact[0].listed = [sheet]
            exact[0].labels |= named
        elif not cycles:
            cycles.append(DraftCycle("Cycle", family, named, "", [sheet.path.name], [sheet]))

    def _attach_column(
        self, sheet: FoundSheet, heading: str, family: str, labels: set[str], cycles: list[DraftCycle]
    ) -> None:
        division = next((name for name in self._divisions if name.casefold() == heading.casefold()), "")
        free = [cycle for cycle in cycles if not cycle.listed and cycle.family == family]
        fitting = [cycle for cycle in free if cycle.division and cycle.division == division]
        fitting = fitting or [cycle for cycle in free if not cycle.division and cycle.labels <= labels]
        cycle = fitting[0] if fitting else DraftCycle(heading, family, said_by=[sheet.path.name])
        cycle.name, cycle.division, cycle.listed = heading, cycle.division or division, [sheet]
        cycle.labels |= labels
        if not fitting:
            cycles.append(cycle)

    def _cycle(self, cycle: DraftCycle) -> Iterator[str]:
        if not self._has_year:
            return
        labels = ", ".join(sorted(cycle.labels, key=label_order))
        yield f"# {', '.join(dict.fromkeys(cycle.said_by))}: the days are {labels}."
        yield f"[cycles.{toml_key(cycle.name)}]"
        if not cycle.exact:
            yield f"labels = {toml_text(cycle.range())}"
        if cycle.division:
            yield f"divisions = {toml_list([cycle.division])}"
        if cycle.listed:
            others = "no others have one" if cycle.exact else "others are worked out from them"
            yield f"# {cycle.listed[0].path.name} lists dates and their days: these hold, {others}."
            yield f"listed = {self._paths(cycle.listed)}"
        if cycle.exact:
            yield ""
            return
        if cycle.weeks_of is not None:
            name = cycle.weeks_of.path.name
            yield f"# {name} says which week is which: the days are the school days of its weeks in turn."
            yield 'advance = "days of weeks"'
            if not says_day_one(cycle.weeks_of):
                yield self._question("Is day 1 the Monday of the first week, and so on? Else state another advance.")
            yield ""
            return
        yield "# A closure holds the day (“school days”), or uses it up (“working days”)."
        yield f"advance = {toml_text(self._choices.advance or 'school days')}"
        if self._choices.start and not cycle.listed:
            yield f"start = {self._choices.start}"
        yield self._question('Does the cycle begin anew with each term (restart = "each term")?')
        yield ""

    def _bells(self) -> Iterator[str]:
        bells, names = self._of(Kind.BELLS), self._of(Kind.PERIOD_NAMES)
        if not bells or not self._has_year:
            return
        yield "[bells]"
        yield from self._why([*bells, *names])
        yield f"sheets = {self._paths(bells)}"
        if names:
            yield f"other_names = {self._paths(names)}"
        yield "# Neighbouring periods of one class make one event; “two events” keeps them apart."
        yield 'double_periods = "one event"'
        yield ""

    def _lessons(self) -> Iterator[str]:
        by_file: dict[Path, list[FoundSheet]] = {}
        for sheet in self._of(Kind.LESSONS):
            by_file.setdefault(sheet.path, []).append(sheet)
        for path, sheets in by_file.items():
            yield from self._why(sheets)
            yield f"[lessons.{toml_key(path.stem)}]"
            yield f"sheets = {self._paths(sheets)}"
            if not all(map(self._says_whose, sheets)):
                yield self._question(f"Whose lessons are those of {path.name}? The tab’s name may say it, too.")
                yield '# classes = ["PLK-1"]'
            yield ""

    def _says_whose(self, sheet: FoundSheet) -> bool:
        """Tell whether a list of lessons says whose it is: in a column, a title, its tab or its file's name."""
        if sheet.grid is None:
            return False
        known = Known()
        known.add("class", [text for one in self._of(Kind.LIST, Kind.CLASSES) for text in one.column("class")])
        seen = Evidence.of(sheet.grid, LESSON_SHEET, {})
        above = seen.table.heading_row - 1 if seen.table else 0
        return "class" in seen.named or said_by_names("class", known, sheet.grid, above) is not None

    def _class_sheets(self) -> Iterator[str]:
        keys = {"lists": self._of(Kind.CLASSES), "rosters": self._of(Kind.ROSTER), "changes": self._of(Kind.CHANGES)}
        if not any(keys.values()):
            return
        yield "[classes]"
        for key, sheets in keys.items():
            if sheets:
                yield from self._why(sheets)
                yield f"{key} = {self._paths(sheets)}"
        yield ""

    def _source(self, sheet: FoundSheet) -> Iterator[str]:
        name = self._name_of(sheet)
        yield from self._why([sheet])
        codes = self._codes_for(sheet) if sheet.kind in (Kind.SLOTS, Kind.GRID) or sheet.recognised.crossing else []
        if sheet.kind is Kind.SLOTS and not codes:
            yield self._question(f"What are the codes of {sheet.path.name}? A sheet of codes for each person says it.")
            yield f'# [sources.{toml_key(name)}]\n# sheets = {self._written(sheet)}\n# codes = ["codes.csv"]'
            yield ""
            return
        yield f"[sources.{toml_key(name)}]"
        yield f"sheets = {self._path(sheet)}"
        if codes:
            yield from self._why(codes)
            yield f"codes = {self._paths(codes)}"
        for kind in LOOKED_UP:
            explaining = [other for other in self._of(kind) if _explains(other, sheet)]
            if explaining:
                yield from self._why(explaining[:1])
                yield f"{kind} = {self._path(explaining[0])}"
                self._used_lookups.update(explaining[:1])
        if sheet.kind in (Kind.LIST, Kind.GRID):
            yield from self._timetable_keys(sheet)
        yield ""

    def _programme(self, sheet: FoundSheet) -> Iterator[str]:
        name, groups = self._name_of(sheet), self._of(Kind.GROUPS)
        yield from self._why([sheet])
        yield f"[sources.{toml_key(name)}]"
        yield f"sheets = {self._path(sheet)}"
        if groups:
            yield from self._why(groups)
            yield f"groups = {self._paths(groups)}"
        yield ""
        yield f"[calendars.{toml_key(name)}]"
        yield f"sources = {toml_list([name])}"
        if groups:
            yield 'split = "Group"'
        yield ""

    def _timetable_keys(self, sheet: FoundSheet) -> Iterator[str]:
        division, said_by = division_of(sheet, self._classes, self._divisions)
        if division:
            yield f"# Its classes are of this division, by {said_by}."
            yield f"division = {toml_text(division)}"
        families = labels_of(sheet)
        fitting = [cycle for cycle in self._cycles if cycle.family in families and not cycle.division]
        if len(fitting) > 1:
            fitting = [cycle for cycle in fitting if cycle.name.casefold() in _file_name(sheet)]
        if not division and len(self._cycles) > 1 and len(fitting) == 1:
            yield f"cycle = {toml_text(fitting[0].name)}"
        each = each_by_name(sheet.path.stem) if sheet.kind is Kind.GRID else ""
        if each:
            yield f"# Grids without a caption that says whose they are: one a {each}, by the file's name."
            yield f"each = {toml_text(each)}"

    def _codes_for(self, master: FoundSheet) -> list[FoundSheet]:
        """Return the sheets of codes that explain another: those that share codes with it."""
        wanted = codes_of(master) if self._of(Kind.CODES) else set()
        return [sheet for sheet in self._of(Kind.CODES) if codes_of(sheet) & wanted]

    def _name_of(self, sheet: FoundSheet) -> str:
        """Return a name for a source: its file's, or its sheet's where the file has several; no two alike."""
        if sheet not in self._names:
            base = " ".join(filter(None, (sheet.path.stem, sheet.sheet)))
            name, number = base, 1
            while name in self._names.values():
                number += 1
                name = f"{base} {number}"
            self._names[sheet] = name
        return self._names[sheet]

    def _calendars(self) -> Iterator[str]:
        timetables = [sheet for sheet in self._of(Kind.LIST, Kind.GRID) if self._has_year]
        names = [self._name_of(sheet) for sheet in timetables]
        for split, why in self._splits(timetables).items():
            yield f"# {why}"
            yield f"[calendars.{_PLURALS[split]}]"
            yield f"sources = {toml_list(names)}"
            yield f'split = "{split}"'
            yield ""
        coded = [sheet for sheet in self._of(Kind.SLOTS) if self._codes_for(sheet)]
        for sheet in coded:
            yield "# One calendar a person who has a sheet of codes."
            yield f"[calendars.{toml_key(self._name_of(sheet))}]"
            yield f"sources = {toml_list([self._name_of(sheet)])}"
            yield 'split = "person"'
            yield ""
        for whose, sheets in self._of_entries():
            several = len(sheets) > 1  # tabs of one file, of which each is a part: months, weeks
            name = sheets[0].path.stem if several else self._name_of(sheets[0])
            if whose:
                yield "# One calendar each: the sheet says whose its entries are."
            yield f"[calendars.{toml_key(name)}]"
            yield f"sources = {toml_list([self._name_of(sheet) for sheet in sheets])}"
            if whose:
                yield f'split = "{whose.casefold()}"'
            yield ""
            if who := "" if whose or several else sheets[0].done_by():
                yield f"# One calendar each: who does it stands below “{who}”."
                yield f"[calendars.{toml_key(f'{name}, {who}')}]"
                yield f"sources = {toml_list([self._name_of(sheets[0])])}"
                yield f"split = {toml_text(who)}"
                yield ""

    def _of_entries(self) -> list[tuple[str, list[FoundSheet]]]:
        """Return the sheets of dated entries, each with whose they are: tabs of one file that say it alike together."""
        found: dict[tuple[str, Path, FoundSheet | None], list[FoundSheet]] = {}
        for sheet in self._of(Kind.EVENTS, Kind.MONTHS, Kind.CALENDAR):
            whose = sheet.recognised.unfolded.whose if sheet.recognised.unfolded else ""
            found.setdefault((whose, sheet.path, None if whose else sheet), []).append(sheet)
        return [(whose, sheets) for (whose, *_), sheets in found.items()]

    def _splits(self, timetables: Sequence[FoundSheet]) -> Mapping[str, str]:
        """Return what the timetables' meetings can be split by, each with a reason."""
        if not timetables:
            return {}
        grids = any(sheet.kind is Kind.GRID for sheet in timetables)
        found = {}
        said_of = [*timetables, *self._of(Kind.CLASSES)]
        tabs = [sheet.grid for sheet in timetables if sheet.kind is Kind.LIST and sheet.grid is not None]
        of_tabs = any(said_by_names("teacher", self._known, grid, 0) for grid in tabs)
        if grids or of_tabs or any(sheet.column("teacher") for sheet in said_of):
            found["teacher"] = "One calendar a teacher: the timetables name them."
        if grids or any(sheet.column("class") for sheet in timetables):
            found["class"] = "One calendar a class."
        elif any(sheet.column("course") for sheet in timetables) and not self._of(Kind.CLASSES, Kind.ROSTER):
            found["course"] = "One calendar a course."
        keys = {key for sheet in timetables if sheet.kind is Kind.GRID for key in self._codes_for(sheet)}
        if grids or any(sheet.column("room") for sheet in (*said_of, *keys)):
            found["room"] = "One calendar a room: to see when it is taken."
        if self._of(Kind.ROSTER):
            found["student"] = "One calendar a student: the roster says who is in which class."
        elif any(sheet.column("student") for sheet in timetables):
            found["student"] = "One calendar a student: the timetables name them."
        if keys:
            found["person"] = "One calendar a person: each sheet of blocks goes by one."
            found["student"] = found.get("student", "One calendar a student: the blocks name them.")
        return {name: why for name, why in found.items() if name not in self._draft.no_value_of}

    def _undecided(self) -> Iterator[str]:
        """Name what could change the year or its meetings: sheets that a build would be refused for, and decisions."""
        open_sheets = self._draft.left_out
        self._draft.undecided = list(self._decisions())
        if not open_sheets and not self._draft.undecided:
            return
        yield "# Nothing is built while one of these is open: settle it above, or take its line out to do without it."
        yield "[undecided]"
        for sheet, problem in open_sheets.items():
            yield from self._left_out(sheet, problem)
            name = sheet.named(self._choices.folder)
            said = filter(None, (f"{sheet.kind}: {_reason(problem)}", advice_words(problem.advice, BY_PLAN)))
            yield f"{toml_text(name)} = {toml_text(' '.join(said))}"
        written = {sheet.named(self._choices.folder) for sheet in open_sheets}
        for about, what in self._draft.undecided:
            if about not in written:  # of two reasons for one sheet the first
                yield f"{toml_key(about)} = {toml_text(what)}"
            written.add(about)
        yield ""

    def _decisions(self) -> Iterator[Decision]:
        """Yield what all dates hang on and no sheet settles."""
        listed, left_out = self._of(Kind.WEEKS), list(self._draft.left_out)
        for sheet in self._draft.sheets:
            yield from self._of_sheet(sheet)
        yield from self._unused_keys()
        yield from decisions.of_zone(self._choices.zone, stated=self._choices.zone_stated)
        if not self._has_year:
            yield from self._without_year()
        elif (
            (self._bounds or self._of(Kind.TERMS))
            and self._hangs_on_closures()
            and not has_breaks(self._of(Kind.TERMS))
        ):
            yield from decisions.of_closures(self._sheets, left_out)
        if self._has_year:
            yield from self._without_timetable()
            first = self._bounds.first.isoformat() if self._bounds else first_day(self._of(Kind.TERMS))
            for cycle in self._cycles:
                yield from decisions.of_cycle(cycle, first, start=self._choices.start, advance=self._choices.advance)
            if not each_says_its_letter(self._of(Kind.TERMS), self._of(Kind.CLOSURES)):
                yield from decisions.of_letters(week_letters(self._sheets), listed)

    def _without_year(self) -> Iterator[Decision]:
        """Yield what is open where nothing says when there is school: what needs a year would be left out unseen."""
        if self._of(Kind.LIST, Kind.GRID):
            yield decisions.of_terms(self._sheets)
            return
        if any(map(repeats, self._draft.sheets)):
            for sheet in self._of(Kind.CLOSURES):
                yield decisions.of_idle_closures(sheet.named(self._choices.folder))
        for sheet in self._of(*_FOR_TIMETABLES):
            if sheet not in self._placed:
                yield decisions.of_idle(sheet.named(self._choices.folder), str(sheet.kind))

    def _without_timetable(self) -> Iterator[Decision]:
        """Yield the bell times and class lists of a year in which no sheet says what meets."""
        sources = [*self._of(Kind.LIST, Kind.GRID, Kind.SLOTS), *self._draft.left_out]
        rung = any("period" in sheet.columns.values() or repeats(sheet) for sheet in self._draft.sheets)
        for sheet in self._of(Kind.BELLS, Kind.CLASSES) if not sources and not rung else ():
            yield decisions.of_idle(sheet.named(self._choices.folder), str(sheet.kind))

    def _hangs_on_closures(self) -> bool:
        timetables = self._of(Kind.LIST, Kind.GRID)
        if self._bounds is not None and self._bounds.are_few_weeks:
            return False
        if timetables and all(sheet.says_when_not() for sheet in timetables):
            return False  # rows say themselves when they do not meet
        return names_weekdays(self._sheets) or not all(cycle.exact for cycle in self._cycles)

    def _of_sheet(self, sheet: FoundSheet) -> Iterator[Decision]:
        """Yield what is open about one sheet: what it is, or what its rows do."""
        written = sheet.written(self._choices.folder)
        if sheet.kind is None and sheet.grid is None:
            yield decisions.of_unreadable(written, sheet.recognised.why)
        elif lines := silent_lines(sheet):
            yield decisions.of_silent_lines(written, lines)
        elif sheet.kind is Kind.PROGRAMME and not self._of(Kind.GROUPS):
            yield decisions.of_programme(self._name_of(sheet), sheet.path.name)
        elif sheet.kind is Kind.EVENTS and {Kind.TERMS, Kind.CLOSURES} & set(sheet.recognised.also):
            if silent := silent_rows(sheet, self._of(Kind.BELLS)):
                yield decisions.of_silent_rows(written, silent)
        elif sheet.kind is Kind.EVENTS and is_called_changes(sheet) and self._of(Kind.LIST, Kind.GRID):
            yield decisions.of_changes(written)
        elif may_be_closures(sheet) and not self._of(Kind.CLOSURES) and self._of(Kind.LIST, Kind.GRID):
            yield decisions.of_names_and_dates(written)
        elif sheet.kind is Kind.GRID and is_of_blocks(sheet) and not self._codes_for(sheet):
            yield decisions.of_blocks(sheet.named(self._choices.folder), self._name_of(sheet))
        elif sheet.kind is None and sheet not in self._placed and (holds_moments(sheet) or not self._of(*_SOURCES)):
            yield decisions.of_unknown(sheet.named(self._choices.folder), sheet.recognised.why, nearest_kind(sheet))

    def _unused_keys(self) -> Iterator[Decision]:
        """Yield the sheets of codes and of days that nothing in the plan uses: what they say would be lost."""
        used = {codes for sheet in self._of(*_SOURCES) for codes in self._codes_for(sheet)}
        listed = {sheet for cycle in self._cycles for sheet in cycle.listed}
        for sheet in self._of(Kind.CODES, Kind.DAYS):
            if sheet not in used and sheet not in listed and (sheet.kind is Kind.DAYS or holds_spans(sheet)):
                name = sheet.named(self._choices.folder)
                yield decisions.of_unused(name, sheet.kind is Kind.DAYS, self._written(sheet))

    def _not_used(self) -> Iterator[str]:
        """Ask about the sheets that nothing in the plan uses."""
        for text in self._unplaced():
            yield self._question(text)

    def _left_out(self, sheet: FoundSheet, problem: Problem) -> Iterator[str]:
        yield self._question(f"{sheet.path.name} ({sheet.kind}) is left out: {_reason(problem)}")

    def _unplaced(self) -> Iterator[str]:
        """Yield the questions about sheets that were recognised, but that nothing in the plan asks for."""
        for sheet in self._of(*LOOKED_UP):
            if sheet not in self._used_lookups:
                key = f"{sheet.kind} = {self._written(sheet)}"
                yield f"Whose {sheet.kind} are those of {sheet.path.name}? Name it under a source: {key}."
        for sheet in self._of(Kind.TERMS, Kind.CLOSURES):
            if sheet not in self._placed:
                yield f"{sheet.path.name} ({sheet.kind}) changes nothing here: no other sheet meets by weekday. Right?"
        used = {codes for sheet in self._of(*_SOURCES) for codes in self._codes_for(sheet)}
        for sheet in self._draft.sheets:
            if sheet.kind is Kind.CODES and sheet not in used and not holds_spans(sheet):
                yield f"Which sheet has the codes of {sheet.path.name}? It is not used: titles say the codes."
            if sheet.kind is None and sheet.grid is not None and not holds_moments(sheet):
                name = sheet.named(sheet.path.parent)
                yield f"What is {name}? It is not used: {sheet.recognised.why}."


def _goes_on(sheet: FoundSheet, listed: FoundSheet) -> bool:
    """Tell whether a list of days is a further part of the year of another in its file."""
    return sheet.path == listed.path and listed_dates(sheet).isdisjoint(listed_dates(listed))


def _reason(problem: Problem) -> str:
    """Return why a sheet is left out, with the cell that says so."""
    return problem.message + (f" ({problem.place.cell})" if problem.place.cell else "")


def _file_name(sheet: FoundSheet) -> str:
    return f"{sheet.path.stem} {sheet.sheet or ''}".casefold()


def _explains(lookup: FoundSheet, source: FoundSheet) -> bool:
    """Tell whether a look-up sheet explains at least half of the teachers, rooms or subjects of a timetable."""
    if lookup.grid is None or lookup.kind is None or source.kind not in (Kind.LIST, Kind.CODES, Kind.GRID):
        return False
    seen = Evidence.of(lookup.grid, PEOPLE_SHEET, lookup.columns)
    known = {name_key(text) for name in ("code", "name", "address") for text in seen.texts(name)}
    firsts, lasts = seen.texts("first_name"), seen.texts("last_name")
    known |= {name_key(f"{first} {last}") for first, last in zip(firsts, lasts, strict=False)}
    if source.kind is Kind.GRID:  # some part of its cells names them
        return sum(name_key(text) in known for text in parts_of_grid(source)) > 1
    named = set(source.column(LOOKED_UP[lookup.kind]))
    return bool(named) and sum(name_key(text) in known for text in named) * 2 >= len(named)


_PLURALS = {
    "person": "people",
    "teacher": "teachers",
    "class": "classes",
    "course": "courses",
    "room": "rooms",
    "student": "students",
}
