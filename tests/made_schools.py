"""Random schools, each laid out in one of many shapes, with the truth worked out by plain loops beside them.

Sections (a class, its course, teacher and room) meet in blocks; a grid of days and periods says when each block is.
From that any shape can be written: lists, grids one way or the other, a key of blocks, names and days crossing.
"""

from __future__ import annotations

import random
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from pathlib import Path

import xlsxwriter

from nomarium.core.building import BuildChoices, prepare
from nomarium.core.drafting import DraftChoices, draft_plan, look_at

PERIODS = [
    ("1", time(8, 30), time(9, 15)),
    ("2", time(9, 20), time(10, 5)),
    ("3", time(10, 25), time(11, 10)),
    ("4", time(13, 0), time(13, 45)),
]
WEEKDAYS = ["Mon", "Tue", "Wed", "Thu", "Fri"]
LABELS = ["A", "B", "C", "D", "E"]
CLASSES = ["7a", "7b", "8a"]
TEACHERS = ["R. Vasquel", "D. Pell", "M. Okafor", "L. Brandt"]
ROOMS = ["R12", "R14", "R21", "R30"]
COURSES = ["Planking", "Lofting", "Rigging", "Caulking", "Tides"]
FIRST, LAST = date(2026, 9, 7), date(2026, 11, 20)
CLOSURES = [
    ("Harvest tides", date(2026, 9, 18), date(2026, 9, 18)),
    ("Autumn break", date(2026, 10, 1), date(2026, 10, 5)),
]
TERM_HEADINGS = [
    "Term,First day,Last day",
    "Semester,From,To",
    "Season,Begins,Ends",
    "Trimestre,Début,Fin",
    "Name,First day,To",
]
CLOSURE_HEADINGS = [
    "Holiday,From,To",
    "Closed for,From,To",
    "Reason,First day,Last day",
    "Festivo,Fecha,Fin",
    "Ferien,Erster Tag,Letzter Tag",
]
TIMETABLE_NAMES = ["timetable", "lessons 2026", "plan", "master schedule"]
SHAPES = [
    "list of times",
    "list of periods",
    "grids of classes",
    "grids turned",
    "grids of teachers",
    "names and days",
    "blocks",
    "one workbook",
]
DEFECTS = ["", "", "", "bad day", "no terms", "no closures"]

Meeting = tuple[str, str, str, str]
"""(date and start, end, class, room)"""


@dataclass
class MadeSchool:
    """A school: what is in its folder, and what its calendars must hold."""

    shape: str
    defect: str
    by_label: bool
    files: dict[str, str | dict[str, list[list[object]]]] = field(default_factory=dict)
    mended: dict[str, str | dict[str, list[list[object]]]] = field(default_factory=dict)
    """The files without the defect."""
    truth: set[Meeting] = field(default_factory=set)

    def write(self, folder: Path, *, mended: bool = False) -> list[Path]:
        """Write its files and return their paths."""
        paths = []
        for name, content in (self.mended if mended else self.files).items():
            path = folder / name
            if isinstance(content, str):
                path.write_text(content, "utf-8")
            else:
                with xlsxwriter.Workbook(str(path), {"default_date_format": "d mmm yyyy"}) as book:
                    for tab, rows in content.items():
                        sheet = book.add_worksheet(tab)
                        for number, row in enumerate(rows):
                            sheet.write_row(number, 0, row)
            paths.append(path)
        return paths


@dataclass
class _Section:
    class_name: str
    course: str
    teacher: str
    room: str
    blocks: list[str]


class _Maker:
    def __init__(self, seed: int) -> None:
        self.pick = random.Random(seed)
        self.shape = SHAPES[seed % len(SHAPES)]
        self.by_label = self.shape not in ("names and days",) and self.pick.random() < 0.3
        self.days = LABELS if self.by_label else WEEKDAYS
        names = [chr(ord("P") + number) for number in range(8)]
        slots = [(day, period) for day in range(5) for period in range(4)]
        self.block_at = {slot: names[number % 8] for number, slot in enumerate(self.pick.sample(slots, len(slots)))}
        self.sections = []
        for number, class_name in enumerate(CLASSES):
            own = self.pick.sample(names, 8)
            for place, course in enumerate(self.pick.sample(COURSES, 4)):
                teacher = TEACHERS[(place + number) % 4]
                self.sections.append(
                    _Section(class_name, course, teacher, ROOMS[(place + number) % 4], own[place * 2 : place * 2 + 2])
                )
        self._no_teacher_twice(names)

    def _no_teacher_twice(self, names: list[str]) -> None:
        """Turn each class's blocks so that teacher and room are free: the sections of a teacher get other blocks."""
        for section in self.sections:
            place = [one for one in self.sections if one.class_name == section.class_name].index(section)
            number = CLASSES.index(section.class_name)
            first = (place + number) % 4
            section.blocks = [names[(first * 2 + number * 2) % 8], names[(first * 2 + 1 + number * 2) % 8]]

    def meetings(self) -> list[tuple[_Section, int, int]]:
        return [
            (section, day, period)
            for section in self.sections
            for (day, period), block in self.block_at.items()
            if block in section.blocks
        ]

    def day_of(self, day: date, counted: list[date]) -> int:
        return counted.index(day) % 5 if self.by_label else day.weekday()

    def school(self, seed: int) -> MadeSchool:
        """Return the school of a seed."""
        made = MadeSchool(self.shape, DEFECTS[self.pick.randrange(len(DEFECTS))], self.by_label)
        closed = {first + timedelta(days=n) for _, first, last in CLOSURES for n in range((last - first).days + 1)}
        days = [FIRST + timedelta(days=n) for n in range((LAST - FIRST).days + 1)]
        school_days = [day for day in days if day.weekday() < 5 and day not in closed]
        for section, weekday, period in self.meetings():
            _, start, end = PERIODS[period]
            for day in school_days:
                if self.day_of(day, school_days) == weekday:
                    when = f"{datetime.combine(day, start):%Y-%m-%d %H:%M}"
                    made.truth.add((when, f"{end:%H:%M}", section.class_name, section.room))
        made.mended = {**self._year(school_days), **self._timetable()}
        made.files = dict(made.mended)
        if made.defect == "no terms" and "terms.csv" in made.files:
            del made.files["terms.csv"]
        elif made.defect == "no closures" and "closures.csv" in made.files:
            del made.files["closures.csv"]
        elif made.defect == "bad day" and self.shape.startswith("list"):
            name = next(name for name in made.files if name.startswith("lessons"))
            lines = str(made.files[name]).splitlines()
            cells = lines[3].split(",")
            cells[4] = "Qux"
            made.files[name] = "\n".join([*lines[:3], ",".join(cells), *lines[4:]]) + "\n"
        else:
            made.defect = ""
        return made

    def _date(self, day: date, form: int) -> str:
        return [f"{day:%Y-%m-%d}", f"{day.day} {day:%b %Y}", f"{day:%d/%m/%Y}"][form]

    def _year(self, school_days: list[date]) -> dict[str, str]:
        if self.by_label:
            rows = [f"{day:%Y-%m-%d},{LABELS[number % 5]}" for number, day in enumerate(school_days)]
            return {"days.csv": "\n".join(["Date,Day", *rows]) + "\n"}
        form = self.pick.randrange(2)
        terms = f"{self.pick.choice(TERM_HEADINGS)}\nAutumn,{self._date(FIRST, form)},{self._date(LAST, form)}\n"
        rows = [f"{name},{self._date(first, form)},{self._date(last, form)}" for name, first, last in CLOSURES]
        return {"terms.csv": terms, "closures.csv": "\n".join([self.pick.choice(CLOSURE_HEADINGS), *rows]) + "\n"}

    def _timetable(self) -> dict[str, str | dict[str, list[list[object]]]]:
        written = {
            "list of times": self._times, "list of periods": self._periods, "grids of classes": self._classes,
            "grids turned": self._turned, "grids of teachers": self._teachers, "names and days": self._crossing,
            "blocks": self._blocks, "one workbook": self._workbook,
        }  # fmt: skip
        return written[self.shape]()

    def _times(self) -> dict[str, str | dict[str, list[list[object]]]]:
        rows = [
            f"{s.class_name},{s.course},{s.teacher},{s.room},{self.days[day]},{PERIODS[p][1]:%H:%M},{PERIODS[p][2]:%H:%M}"
            for s, day, p in self.meetings()
        ]
        return {"lessons.csv": "\n".join(["Class,Subject,Teacher,Room,Day,Start,End", *rows]) + "\n"}

    def _bells(self) -> str:
        return "Period,Start,End\n" + "".join(f"{name},{start:%H:%M},{end:%H:%M}\n" for name, start, end in PERIODS)

    def _periods(self) -> dict[str, str | dict[str, list[list[object]]]]:
        rows = [
            f"{s.class_name},{s.course},{s.teacher},{s.room},{self.days[day]},{PERIODS[p][0]}"
            for s, day, p in self.meetings()
        ]
        return {
            "lessons.csv": "\n".join(["Class,Subject,Teacher,Room,Day,Period", *rows]) + "\n",
            "bell times.csv": self._bells(),
        }

    def _cells(self, whose: str, name: str, text: str) -> dict[tuple[int, int], str]:
        return {(day, p): text.format(s=s) for s, day, p in self.meetings() if getattr(s, whose) == name}

    def _hours(self, period: int) -> str:
        _, start, end = PERIODS[period]
        return f"{start.hour}:{start:%M}–{end.hour}:{end:%M}"

    def _heads(self) -> list[str]:
        return [f"Day {day}" for day in self.days] if self.by_label else list(self.days)

    def _classes(self) -> dict[str, str | dict[str, list[list[object]]]]:
        rows: list[list[object]] = []
        for class_name in CLASSES:
            cells = self._cells("class_name", class_name, "{s.course}\n{s.teacher}\n{s.room}")
            rows += [[f"Class {class_name}"], ["", *self._heads()]]
            rows += [[self._hours(p), *(cells.get((day, p), "") for day in range(5))] for p in range(4)]
            rows.append([])
        return {f"{self.pick.choice(TIMETABLE_NAMES)}.xlsx": {"Sheet1": rows}}

    def _turned(self) -> dict[str, str | dict[str, list[list[object]]]]:
        rows: list[list[object]] = []
        for class_name in CLASSES:
            cells = self._cells("class_name", class_name, "{s.course} / {s.room}")
            rows += [
                [f"Timetable Class {class_name}"],
                ["Day", *(f"{PERIODS[p][0]} ({self._hours(p)})" for p in range(4))],
            ]
            rows += [[head, *(cells.get((day, p), "") for p in range(4))] for day, head in enumerate(self._heads())]
            rows.append([])
        return {f"{self.pick.choice(TIMETABLE_NAMES)}.xlsx": {"Sheet1": rows}, "bells.csv": self._bells()}

    def _teachers(self) -> dict[str, str | dict[str, list[list[object]]]]:
        tabs: dict[str, list[list[object]]] = {}
        for teacher in TEACHERS:
            cells = self._cells("teacher", teacher, "{s.class_name}\n{s.room}")
            tabs[teacher] = [[f"Teacher: {teacher}"], ["Period", *self._heads()]]
            tabs[teacher] += [[PERIODS[p][0], *(cells.get((day, p), "") for day in range(5))] for p in range(4)]
        return {"staff timetables.xlsx": tabs, "bells.csv": self._bells()}

    def _crossing(self) -> dict[str, str | dict[str, list[list[object]]]]:
        rows = []
        for class_name in CLASSES:
            cells = []
            for day in range(5):
                found = sorted((p, s.room) for s, on, p in self.meetings() if s.class_name == class_name and on == day)
                cells.append('"' + "\n".join(f"{self._hours(p)} {room}" for p, room in found) + '"')
            rows.append(",".join([class_name, *cells]))
        return {"week.csv": "\n".join([",".join(["Class", *WEEKDAYS]), *rows]) + "\n"}

    def _blocks(self) -> dict[str, str | dict[str, list[list[object]]]]:
        grid = [",".join(["", *self._heads()])]
        grid += [",".join([self._hours(p), *(self.block_at[day, p] for day in range(5))]) for p in range(4)]
        key = [f"{s.class_name},{s.course},{s.teacher},{s.room},{block}" for s in self.sections for block in s.blocks]
        return {
            "rotation.csv": "\n".join(grid) + "\n",
            "sections.csv": "\n".join(["Class,Course,Teacher,Room,Block", *key]) + "\n",
        }

    def _workbook(self) -> dict[str, str | dict[str, list[list[object]]]]:
        lessons: list[list[object]] = [["Class", "Subject", "Teacher", "Room", "Day", "Period"]]
        lessons += [
            [s.class_name, s.course, s.teacher, s.room, self.days[day], PERIODS[p][0]] for s, day, p in self.meetings()
        ]
        bells: list[list[object]] = [
            ["Period", "Start", "End"],
            *([name, f"{a:%H:%M}", f"{b:%H:%M}"] for name, a, b in PERIODS),
        ]
        rooms: list[list[object]] = [["Room", "Floor"], *([room, "1"] for room in ROOMS)]
        return {"school.xlsx": {"Lessons": lessons, "Bells": bells, "Rooms": rooms}}


def made_school(seed: int) -> MadeSchool:
    """Return the school of a seed."""
    return _Maker(seed).school(seed)


def laid_out(folder, files):
    """Write the files of a folder, by their names, and return their paths."""
    for name, text in files.items():
        (folder / name).write_text(text, "utf-8")
    return [folder / name for name in files]


_LAST = {}
"""The last build of this process, by the plan and all files beside it as they were."""


def prepared(plan):
    """The build of a plan; the last one again, where neither the plan nor a file beside it has changed."""
    files = sorted(path for path in plan.parent.rglob("*") if path.is_file() and path != plan)
    key = (plan, plan.read_bytes(), *((path, path.stat().st_mtime_ns, path.stat().st_size) for path in files))
    if key not in _LAST:
        _LAST.clear()
        _LAST[key] = prepare(plan, BuildChoices())
    return _LAST[key]


def drafted(folder, paths, zone="America/Halifax"):
    """Draft a plan of files in a folder, as ``nomarium new`` does, and say what is open in it."""
    plan = folder / "nomarium.toml"

    def problems(text):
        plan.write_text(text, "utf-8")
        return prepared(plan).problems

    choices = DraftChoices(folder, "Orrin Sound", zone, True)
    draft = draft_plan([sheet for path in paths for sheet in look_at([path])], choices, problems)
    plan.write_text(draft.text, "utf-8")
    return plan, draft


def where_of(held):
    """Where a meeting or an event is."""
    return held.event.location if held.event else ", ".join(held.of("room"))


def built(plan):
    """The errors of a build, and the meetings that it holds."""
    build = prepared(plan)
    errors = [problem for problem in build.problems if problem.severity == "error"]
    meetings = [
        (f"{one.start:%Y-%m-%d %H:%M}", f"{one.end:%H:%M}", held.class_name, where_of(held))
        for held in build.held
        for one in held.occurrences
    ]
    return errors, meetings
