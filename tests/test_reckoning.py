"""Whole schools of chance, dated twice: by the program, and by plain loops over dates, classes and bells."""

import random
from datetime import date, datetime, time, timedelta

import pytest

from nomarium.core.building import BuildChoices, prepare

DIVISIONS = ("Yard", "Loft")
LABELS = {"Yard": ("1", "2", "3"), "Loft": ("A", "B", "C", "D")}
TERMS = {"Autumn": (date(2026, 9, 7), date(2026, 10, 9)), "Winter": (date(2026, 10, 19), date(2026, 11, 20))}
PERIODS = ("1", "2", "3", "4", "5", "6")
USUAL = {"1": (480, 525), "2": (530, 575), "3": (595, 640), "4": (645, 690), "5": (750, 795), "6": (800, 845)}
"""Minutes of the day; a break of 20 minutes behind the second period, one of an hour behind the fourth."""
PLAN = """\
[school]
name = "Orrin Sound"
zone = "America/Halifax"
divisions = ["Yard", "Loft"]
[year]
terms = "terms.csv"
closures = "closures.csv"
special_days = "special.csv"
weeks = { letters = "A-B" }
[cycles.Yard]
labels = "1-3"
divisions = ["Yard"]
[cycles.Loft]
labels = "A-D"
divisions = ["Loft"]
[bells]
sheets = "bells.csv"
other_names = "names.csv"
[classes]
changes = "changes.csv"
[sources.timetable]
sheets = "timetable.csv"
[calendars.all]
"""


def clock(minutes):
    return f"{minutes // 60:02}:{minutes % 60:02}"


def csv_of(headings, rows):
    return "\n".join([headings, *(",".join(f'"{cell}"' for cell in row) for row in rows)]) + "\n"


class Chance:
    """A school of chance: its sheets as rows, and what plain loops make of them."""

    def __init__(self, seed):
        self.random = random.Random(seed)
        self.days = [
            (first + timedelta(days=n), term)
            for term, (first, last) in TERMS.items()
            for n in range((last - first).days + 1)
            if (first + timedelta(days=n)).weekday() < 5
        ]
        pick, some = self.random.choice, self.random.sample
        self.closed = {day: pick(("", *DIVISIONS)) for day, _ in some(self.days, 6)}
        open_days = [day for day, _ in self.days if day not in self.closed]
        self.special = {day: pick(("", *DIVISIONS)) for day in some(open_days, 5)}
        self.bells = [(period, *hours, "", "", "", "") for period, hours in USUAL.items()]
        shift = self.random.randint(1, 3)
        self.bells += [(p, USUAL[p][0] + shift, USUAL[p][1] + shift, "Loft", "", "", "") for p in some(PERIODS, 2)]
        self.bells += [(p, USUAL[p][0] - 2, USUAL[p][1] - 2, "Loft", "Fri", "", "") for p in some(PERIODS, 2)]
        self.bells += [(p, USUAL[p][0] + 4, USUAL[p][1] + 4, "Loft", "Fri", "Winter", "") for p in some(PERIODS, 1)]
        self.bells += [(p, USUAL[p][0] + 60, USUAL[p][1] + 60, "", "", "", "Late start") for p in ("1", "2", "3", "4")]
        self.renamed = {"Loft": ("Noon", pick(PERIODS))}
        self.classes = [self.class_row(number) for number in range(14)]
        self.labels = {division: self.walk(division) for division in DIVISIONS}
        self.letters = self.week_letters()
        self.changes = []

    def class_row(self, number):
        pick = self.random.choice
        division = DIVISIONS[number % 2]
        days = pick((", ".join(self.random.sample(LABELS[division], 2)), "Mon, Wed", "Thu"))
        period = pick(("1", "2, 3", "3–4", "2–3", "5, 6", "1, 4"))
        if division == "Loft" and self.random.random() < 0.2:
            period = "Noon"
        hours = "07:10–07:50" if self.random.random() < 0.1 else ""
        week = pick(("", "", "", "A", "B"))
        term = pick(("", "", "", "Autumn"))
        return (
            f"K{number}",
            f"T{number % 5}",
            f"R{number % 4}",
            division,
            days,
            "" if hours else period,
            hours,
            week,
            term,
        )

    def attends(self, division, day):
        return day not in self.closed or self.closed[day] not in ("", division)

    def walk(self, division):
        """Label the days of a division: a closure holds the cycle."""
        found, step = {}, 0
        for day, _ in self.days:
            if self.attends(division, day):
                found[day] = LABELS[division][step % len(LABELS[division])]
                step += 1
        return found

    def week_letters(self):
        """Letter the weeks in which anybody has school."""
        weeks = []
        for day, _ in self.days:
            monday = day - timedelta(days=day.weekday())
            if any(self.attends(division, day) for division in DIVISIONS) and monday not in weeks:
                weeks.append(monday)
        return {monday: "AB"[number % 2] for number, monday in enumerate(weeks)}

    def hours(self, day, term, division):
        """Ring a day: the special rows alone on a special day, else for each period the row with most conditions."""
        late = self.special.get(day) in ("", division)
        found = {}
        for period, start, end, of, weekday, of_term, special in self.bells:
            fits = (of in ("", division)) and (not weekday or day.weekday() == 4) and of_term in ("", term)
            if bool(special) == late and fits:
                conditions = bool(of) + bool(weekday) + bool(of_term)
                if period not in found or conditions > found[period][0]:
                    found[period] = (conditions, start, end)
        return {period: times[1:] for period, times in sorted(found.items(), key=lambda item: item[1][1])}

    def meetings(self):
        """Yield (class, day, periods, start, end, room): every class on every date, its periods joined."""
        for name, _, room, division, days, periods, hours, week, term_only in self.classes:
            for day, term in self.days:
                monday = day - timedelta(days=day.weekday())
                weekday = ("Mon", "Tue", "Wed", "Thu", "Fri")[day.weekday()]
                meets = self.labels[division].get(day) in days.split(", ") or weekday in days.split(", ")
                if not meets or not self.attends(division, day):
                    continue
                if (week and self.letters.get(monday) != week) or term_only not in ("", term):
                    continue
                if hours:
                    yield name, day, (), 430, 470, room
                    continue
                ringing = self.hours(day, term, division)
                for joined in self.joined(periods, ringing, division):
                    rung = [ringing[self.rung(period, division)] for period in joined]
                    yield name, day, joined, rung[0][0], max(end for _, end in rung), room

    def rung(self, period, division):
        written, stands_for = self.renamed["Loft"]
        return stands_for if division == "Loft" and period == written else period

    def joined(self, periods, ringing, division):
        order = list(ringing)
        groups = []
        for part in periods.split(", "):
            ends = part.split("–")
            names = [str(n) for n in range(int(ends[0]), int(ends[1]) + 1)] if len(ends) == 2 else [part]
            present = [name for name in names if self.rung(name, division) in ringing]
            if present:
                groups.append(present)
        groups.sort(key=lambda group: order.index(self.rung(group[0], division)))
        merged = []
        for group in groups:
            first = self.rung(group[0], division)
            last = self.rung(merged[-1][-1], division) if merged else None
            near = last and order.index(first) == order.index(last) + 1 and ringing[first][0] - ringing[last][1] <= 10
            if near:
                merged[-1] += group
            else:
                merged.append(list(group))
        return [tuple(group) for group in merged]

    def change(self, meetings):
        """Make changes of some meetings, and return what is left of all."""
        left = list(meetings)
        for name, day, periods, start, end, room in self.random.sample(left, 8):
            row = next(row for row in self.classes if row[0] == name)
            meeting = (name, day, periods, start, end, room)
            if any(change[0] == day for change in self.changes):
                continue
            left.remove(meeting)
            kind = self.random.choice(("cancelled", "half", "room", "time", "date"))
            period = "–".join(periods)
            if kind == "half" and len(periods) == 2:
                self.changes.append((day, name, periods[0], "cancelled", "", "", ""))
                term = next(term for other, term in self.days if other == day)
                rung = self.hours(day, term, row[3])[self.rung(periods[1], row[3])]
                left.append((name, day, periods[1:], *rung, room))
            elif kind == "room":
                self.changes.append((day, name, period, "", "", "", "Tide Room"))
                left.append((name, day, periods, start, end, "Tide Room"))
            elif kind == "time":
                self.changes.append((day, name, period, "", "", clock(start + 7), ""))
                left.append((name, day, periods, start + 7, end + 7, room))
            elif kind == "date" and (target := self.target(periods, row[3])):
                other, hours = target
                self.changes.append((day, name, period, "moved", other, "", ""))
                left.append((name, other, periods, *(hours or (start, end)), room))
            else:
                self.changes.append((day, name, period, "cancelled", "", "", ""))
        return left

    def target(self, periods, division):
        """Return a date on which the periods run, and their times on it; none where chance finds none."""
        day, term = self.random.choice(self.days)
        ringing = self.hours(day, term, division)
        rung = [ringing.get(self.rung(period, division)) for period in periods]
        if not self.attends(division, day) or None in rung:
            return None
        return day, (rung[0][0], max(end for _, end in rung)) if rung else None

    def write(self, folder):
        (folder / "nomarium.toml").write_text(PLAN)
        sheets = {
            "terms": csv_of("Term,First day,Last day", [(name, *span) for name, span in TERMS.items()]),
            "closures": csv_of("Closure,Date,Division", [("Storm", *item) for item in self.closed.items()]),
            "special": csv_of(
                "Date,Special day,Division", [(day, "Late start", of) for day, of in self.special.items()]
            ),
            "bells": csv_of(
                "Period,Start,End,Division,Day,Term,Special day",
                [(p, clock(start), clock(end), *rest) for p, start, end, *rest in self.bells],
            ),
            "names": csv_of("Written,Period,Division", [(*names, of) for of, names in self.renamed.items()]),
            "timetable": csv_of("Class,Teacher,Room,Division,Day,Period,Times,Week,Term", self.classes),
            "changes": csv_of("Date,Class,Period,Change,New date,New start,New room", self.changes),
        }
        for name, text in sheets.items():
            (folder / f"{name}.csv").write_text(text)


@pytest.mark.parametrize("seed", range(40))
def test_plain_loops_date_a_school_of_chance_alike(seed, tmp_path):
    school = Chance(seed)
    before = list(school.meetings())
    expected = school.change(before)
    school.write(tmp_path)
    build = prepare(tmp_path / "nomarium.toml", BuildChoices())
    assert [problem for problem in build.problems if problem.severity == "error"] == []
    found = [(one.class_name, o.start, o.end, *one.of("room")) for one in build.held for o in one.occurrences]
    assert sorted(found) == sorted(
        (name, at(day, start), at(day, end), room) for name, day, _, start, end, room in expected
    )
    assert sum(build.expansion.applied.values()) == len(school.changes)
    uids = [uid for one in build.held for uid in one.occurrence_uids()]
    assert len(set(uids)) == len(uids)


def at(day, minutes):
    return datetime.combine(day, time(minutes // 60, minutes % 60))


def test_the_schools_of_chance_have_all_that_a_school_has():
    schools = [Chance(seed) for seed in range(40)]
    changes = [change for school in schools for change in (school.change(list(school.meetings())), school.changes)[1]]
    rows = [row for school in schools for row in school.classes]
    assert {"2–3", "2, 3", "3–4", "5, 6", "Noon", ""} <= {row[5] for row in rows}
    assert {"A", "B"} <= {row[7] for row in rows}
    assert any(row[8] for row in rows)
    assert sum(change[3] == "cancelled" for change in changes) > 40
    assert all(sum(bool(change[place]) for change in changes) > 10 for place in (4, 5, 6))
