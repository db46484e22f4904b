"""The command ``new``: what each sheet is taken for, plans drafted from sheets, and plans to begin with."""

import tomllib
from datetime import date, timedelta

import pytest

from conftest import events_in
from nomarium.core.columns import Kind
from nomarium.core.recognition import recognise
from nomarium.core.tables import read_grids
from timetable_school import BELLS, TERMS, workbook

SHEETS = {
    "terms.csv": TERMS,
    "holidays.csv": "Holiday,From,To\nAutumn break,2026-09-10,2026-09-11\n",
    "bells.csv": BELLS,
    "timetable.csv": 'Section,Course,Instructor,Room,Day,Period\nPLK-1,Planking,R. Vasquel,Shed,"1, 3",1–2\nCLK-1,Caulking,D. Pell,Slip,2,3\n',
    "roster.csv": "Section,Student\nPLK-1,Ayla\nPLK-1,Finn\nCLK-1,Finn\n",
    "events.csv": "Event,Date,Start,End\nMuster,2026-09-09,15:00,16:00\nRegatta,2026-09-15,9:00,12:00\n",
}


@pytest.mark.parametrize(
    ("text", "kind"),
    [
        *[(SHEETS[name], kind) for name, kind in zip(SHEETS, (Kind.TERMS, Kind.CLOSURES, Kind.BELLS, Kind.LIST, Kind.ROSTER, Kind.EVENTS), strict=True)],
        ("Semester,Begins,Ends\nFirst,2026-09-08,2026-12-18\nSecond,2027-01-04,2027-03-25\n", Kind.TERMS),
        ("Closures of the school\n\nReason,Date\nGale,2026-09-09\n", Kind.EVENTS),
        ("Snow day,Date\nIce,2027-01-12\n", Kind.CLOSURES),
        ("Date,Special day\n2026-12-16,Early dismissal\n", Kind.SPECIAL_DAYS),
        ("Date,Day\n" + "".join(f"2026-09-{day:02},{'ABC'[day % 3]}\n" for day in range(8, 19)), Kind.DAYS),
        ("Period,Mon–Thu,Fri\n1,8:15–9:00,8:15–8:50\n2,9:05–9:50,8:55–9:30\n", Kind.BELLS),
        ("Written,Period,Division\nNoon,5,Yard\n", Kind.PERIOD_NAMES),
        ("Class,Division,Course\nPLK-1,Yard,Planking\nLFT-1,Loft,Lofting\n", Kind.CLASSES),
        ("Apprentice,PLK-1,CLK-1\nAyla,x,\nFinn,x,x\n", Kind.ROSTER),
        ("Date,Class,Period,Change\n2026-09-09,PLK-1,1,cancelled\n", Kind.CHANGES),
        ("Date,Class,New room\n2026-09-09,PLK-1,Loft\n", Kind.CHANGES),
        ("Date,Class,Period,What\n2026-09-09,PLK-1,1,cancelled\n2026-09-10,all,2,in Shed\n", Kind.CHANGES),
        ("Date,Class,What\n2026-09-09,PLK-1,Launch\n2026-09-10,PLK-1,cancelled\n", Kind.EVENTS),
        ("Class,Slots\nPLK-1,A1 C4\n", Kind.LIST),
        ("Teacher: V\nPeriod,Day A,Day B\n1,PLK-1,\n2,,CLK-1\n", Kind.GRID),
        (",Mon,Tue,Wed\nP1,PLK-1,,\nP2,,CLK-1,PLK-1\n", Kind.GRID),
        ("Date,Start,End,Code\n2026-09-09,9:00,9:45,A1\n2026-09-10,9:00,9:45,B3\n2026-09-11,9:00,9:45,A1\n2026-09-14,9:00,9:45,B3\n", Kind.SLOTS),
        ("Code,Title,Room\nA1,Planking,Shed\nB3,,\n", Kind.CODES),
        ("September 2026\nMon,Tue,Wed,Thu,Fri,Sat,Sun\n,1,2,3,4,5,6\n7,8,9,10,11,12,13\n", Kind.MONTHS),
        ("Name,Phone\nNell,555-0100\n", None),
    ],
)  # fmt: skip
def test_each_kind_of_sheet_is_known_by_what_it_holds(tmp_path, text, kind):
    (tmp_path / "sheet.csv").write_text(text)
    (grid,), _ = read_grids(tmp_path / "sheet.csv")
    assert recognise(grid).kind is kind


@pytest.mark.parametrize(
    ("name", "text", "kind"),
    [
        ("closures", "Date,Reason\n2026-09-21,Gale\n", Kind.CLOSURES),
        ("School holidays 2026-27", "Name,First,Last\nReefing week,2026-10-19,2026-10-23\n", Kind.CLOSURES),
        ("holidays", "Date,Reason,Start\n2026-09-21,Muster,9:00\n", Kind.EVENTS),
        ("holiday-party", "Date,Reason\n2026-09-21,Gale\n", Kind.EVENTS),
        ("special-days", "Date,Name\n2026-09-16,Late start\n", Kind.SPECIAL_DAYS),
        ("Terms", "Name,First day,Last day\nAutumn,2026-09-07,2026-10-16\n", Kind.TERMS),
        ("events", "Name,First day,Last day\nAutumn,2026-09-07,2026-10-16\n", Kind.EVENTS),
    ],
)
def test_a_name_settles_what_headings_leave_open(tmp_path, name, text, kind):
    (tmp_path / f"{name}.csv").write_text(text)
    (grid,), _ = read_grids(tmp_path / f"{name}.csv")
    found = recognise(grid)
    assert found.kind is kind
    assert (f"its name “{name}”" in found.why) == (kind is not Kind.EVENTS)


def test_a_file_of_grids_by_name_says_whose_they_are(desk):
    grid = [["Period", "Mon", "Tue"], [1, "PLK-1", ""], [2, "", "CLK-1"]]
    desk.put("teachers.xlsx", workbook(**{"R. Vasquel": grid, "D. Pell": grid}))
    for name in ("terms.csv", "bells.csv"):
        desk.put(name, SHEETS[name])
    assert desk.run("new", "plan", "teachers.xlsx", "terms.csv", "bells.csv", "--zone", "America/Halifax").status == 0
    plan = tomllib.loads((desk.folder / "plan" / "nomarium.toml").read_text("utf-8"))
    assert [source["each"] for source in plan["sources"].values()] == ["teacher"]
    assert desk.settle("plan/nomarium.toml") == ["closures"]
    assert desk.run("build", "plan").status == 0
    assert sorted(path.stem for path in (desk.folder / "plan" / "calendars" / "teachers").iterdir()) == [
        "D. Pell",
        "R. Vasquel",
    ]


def test_two_commands_make_calendars_of_a_folder_of_sheets(desk):
    for name, text in SHEETS.items():
        desk.put(name, text)
    first = ("--start", "2026-09-07", "--cycle", "working days")
    run = desk.run("new", ".", *SHEETS, "--zone", "America/Halifax", "--name", "Orrin Sound", *first)
    assert run.status == 0, run.err
    assert "timetable.csv: timetable, a list (by its headings “Section”, “Course”" in run.out
    plan = tomllib.loads((desk.folder / "nomarium.toml").read_text("utf-8"))
    assert plan["year"] == {"terms": "terms.csv", "closures": "holidays.csv"}
    assert plan["cycles"] == {"Cycle": {"labels": "1-3", "advance": "working days", "start": date(2026, 9, 7)}}
    assert "undecided" not in plan
    assert plan["bells"]["sheets"] == "bells.csv"
    assert plan["classes"] == {"rosters": "roster.csv"}
    assert set(plan["calendars"]) == {"teachers", "classes", "rooms", "students", "events"}
    built = desk.run("build")
    assert built.status == 0, built.err
    files = {
        path.relative_to(desk.folder / "calendars").as_posix() for path in (desk.folder / "calendars").rglob("*.ics")
    }
    assert {
        "teachers/R. Vasquel.ics",
        "rooms/Slip.ics",
        "classes/PLK-1.ics",
        "students/Finn.ics",
        "events.ics",
    } <= files
    again = desk.run("new", ".", "terms.csv")
    assert again.status == 2
    assert "is there already" in again.err


def test_each_decision_and_question_stands_in_the_plan(desk):
    for name, text in SHEETS.items():
        desk.put(name, text)
    desk.put("phones.csv", "Name,Phone\nNell,555-0100\n")
    run = desk.run("new", "plans", *SHEETS, "phones.csv", "--json")
    text = (desk.folder / "plans" / "nomarium.toml").read_text("utf-8")
    assert "# ../terms.csv: terms, by its headings “Term”, “First day”, “Last day”." in text
    assert "# timetable.csv: the days are 1, 2, 3." in text
    questions = [line.removeprefix("# ? ") for line in text.splitlines() if line.startswith("# ? ")]
    assert questions == run.report["questions"]
    assert any(question.startswith("What is phones.csv?") for question in questions)
    assert any("time zone" in question for question in questions)
    assert "uses it up (advance =" in run.report["undecided"]["cycle Cycle"]
    assert desk.run("check", "plans", "-q").status == 1
    assert desk.settle("plans/nomarium.toml") == list(run.report["undecided"]) == ["time zone", "cycle Cycle"]
    assert desk.run("check", "plans", "-q").status == 0


def test_what_a_build_would_be_refused_for_is_left_out_with_the_reason(desk):
    for name, text in SHEETS.items():
        desk.put(name, text)
    desk.put("duties.csv", "Duty,Date\nFloats,04/05/2027\nLamps,05/06/2027\n")
    desk.put("broken.xlsx", b"PK\x03\x04 no workbook")
    desk.put("timetable.csv", SHEETS["timetable.csv"] + "X,Oops,V,Shed,9,1\nY,Oops,V,Shed,soon,1\n")
    run = desk.run("new", ".", *SHEETS, "duties.csv", "broken.xlsx")
    assert run.status == 0, run.err
    text = (desk.folder / "nomarium.toml").read_text("utf-8")
    assert "# ? duties.csv (events) is left out:" in text
    assert "Correct  timetable.csv, E5 “soon”: “soon” is a day of no cycle" in run.out
    stopped = desk.run("build", "--json")
    assert stopped.status == 1
    assert {"undecided", "unknown-day"} <= {code for code, _ in stopped.codes}
    assert desk.settle() == ["duties.csv", "broken.xlsx", "time zone", "cycle Cycle"]
    assert {code for code, _ in desk.run("build", "--json").codes if code == "unknown-day"}
    desk.put("timetable.csv", SHEETS["timetable.csv"])
    assert desk.run("build", "-q").status == 0


CLOSED = "Holiday,From,To\nAutumn break,2026-09-10,2026-09-11\n"
BY_DAYS = "Class,Teacher,Day,Period\nPLK-1,V,2,1\n"
BY_WEEKDAYS = "Class,Teacher,Day,Period\nPLK-1,V,{},1\n"
LISTED = "Date,Loft day\n2026-09-07,Day 1\n2026-09-08,Day 2\n2026-09-09,Day 1\n2026-09-14,Day 2\n"


@pytest.mark.parametrize(
    ("sheets", "undecided", "year", "cycles"),
    [
        ({"timetable": BY_DAYS, "closures": CLOSED}, ["cycle Cycle"], {}, {"labels": "1-2", "advance": "school days"}),
        (
            {"timetable": BY_DAYS, "closures": CLOSED, "days": LISTED + "2026-09-15,Day 1\n2026-09-17,Day 2\n"},
            [],
            {},
            {"listed": "days.csv"},
        ),
        (
            {"timetable": BY_DAYS, "closures": CLOSED.replace("10,2026-09-11", "17,2026-09-18"), "days": LISTED + "2026-09-10,Day 1\n2026-09-11,Day 2\n"},
            ["cycle Cycle"],
            {},
            {"labels": "1-2", "listed": "days.csv", "advance": "school days"},
        ),
        ({"timetable": BY_WEEKDAYS.format("Mon")}, ["closures"], {}, None),
        ({"timetable": BY_WEEKDAYS.format('"Tue, Sat"'), "closures": CLOSED}, [], {"school_days": "Mon-Sat"}, None),
        ({"timetable": BY_WEEKDAYS.format('"Sun, Tue, Thu"'), "closures": CLOSED}, [], {"school_days": "Sun-Thu"}, None),
        (
            {
                "timetable": BY_WEEKDAYS.format("Mon").replace("Period\n", "Period,Week\n").replace(",1\n", ",1,A\n"),
                "closures": CLOSED,
                "weeks": "Week beginning,Week\n2026-09-07,A\n2026-09-14,B\n",
            },
            [],
            {"weeks": {"listed": "weeks.csv"}},
            None,
        ),
    ],
)  # fmt: skip
def test_what_all_dates_hang_on_is_proved_or_open(desk, sheets, undecided, year, cycles):
    for name, text in {"terms": TERMS, "bells": BELLS, **sheets}.items():
        desk.put(f"{name}.csv", text)
    run = desk.run("new", ".", *(path.name for path in sorted(desk.folder.iterdir())), "--zone", "UTC", "--json")
    plan = tomllib.loads((desk.folder / "nomarium.toml").read_text("utf-8"))
    assert list(run.report["undecided"]) == list(plan.get("undecided", ())) == undecided
    assert {key: value for key, value in plan["year"].items() if key not in ("terms", "closures")} == year
    assert plan.get("cycles", {}).get("Cycle") == cycles
    built = desk.run("build", "--json")
    assert [code for code, _ in built.codes if code == "undecided"] == ["undecided"] * len(undecided)
    assert built.status == bool(undecided)
    desk.settle()
    assert desk.run("build", "-q").status == 0


HOURS = "Course,Title,Instructor,Days,Time\n"


@pytest.mark.parametrize(
    ("sheets", "kinds", "undecided", "meetings"),
    [
        ({"courses": HOURS + "CHEM 110,Chemistry,V,MW,9:00-9:50\nART 200,Drawing,P,F,13:00-14:00\n"}, {"courses": Kind.LIST}, [], 4),
        ({"year": "Season,First day,Last day\nAutumn,2026-09-07,2026-10-02\n", "terms": None}, {"year": Kind.TERMS}, [], 4),
        ({"year": "Trip,First day,Last day\nMuseum,2026-09-07,2026-09-08\n", "terms": None}, {"year": Kind.EVENTS}, ["terms"], 4),
        ({"crews": "Boat,Crew\nTern,Ayla\nGannet,Finn\n"}, {"crews": None}, [], 2),
        ({"crews": "Crew,Out,Colour\nTern,Mon,red\nGannet,Tue,blue\n"}, {"crews": None}, ["crews.csv"], 2),
    ],
)  # fmt: skip
def test_the_sheets_of_a_folder_prove_one_another(desk, sheets, kinds, undecided, meetings):
    lessons = {"courses": HOURS + "PLK 1,Planking,V,Mon,9:00-9:50\n"}
    for name, text in {"terms": TERMS, "closures": CLOSED.replace("10", "08", 1), **lessons, **sheets}.items():
        if text is not None:
            desk.put(f"{name}.csv", text)
    files = [path.name for path in sorted(desk.folder.iterdir())]
    run = desk.run("new", ".", *files, "--zone", "UTC", "--json")
    found = {sheet["file"].removesuffix(".csv"): sheet["kind"] for sheet in run.report["sheets"]}
    assert {name: found[name] for name in kinds} == {name: kind and str(kind) for name, kind in kinds.items()}
    assert list(run.report["undecided"]) == undecided
    if undecided:
        assert desk.run("build", "-q").status == 1
    else:
        assert desk.run("build", "--json").report["events"] == meetings


BOTH_BELLS = (
    "Regular,,,,Early dismissal\nBlock,Start,End,,Block,Start,End\n1,8:15,9:00,,1,8:15,8:45\n2,9:05,9:50,,2,8:50,9:20\n"
)


def test_a_list_of_days_is_a_year_with_its_special_days(desk):
    first, labels = date(2026, 9, 7), {}
    for number in range(70):
        day = first + timedelta(days=number)
        if day.weekday() < 5 and day != date(2026, 10, 12) and day.isocalendar().week != 43:
            labels[day] = "ABC"[len(labels) % 3]
    rows = (
        f"{day},{day:%A},{label},{'Early dismissal' if day.day == 16 else 'Regular'}" for day, label in labels.items()
    )
    desk.put("days.csv", "Date,Day,Letter day,Schedule\n" + "\n".join(rows) + "\n")
    desk.put("bells.csv", BOTH_BELLS)
    desk.put("sections.csv", 'Section,Course,Teacher,Room,Meets\nPLK-1,Planking,V,Shed,"A1, C2"\n')
    run = desk.run("new", ".", "days.csv", "bells.csv", "sections.csv", "--zone", "UTC", "--json")
    assert (run.report["undecided"], run.report["questions"]) == ({}, [])
    built = desk.run("build", "--json")
    assert [(p["code"], p["severity"]) for p in built.report["problems"]] == [("year-is-listed", "note")]
    hours = {
        ("A", False): "08:15–09:00",
        ("A", True): "08:15–08:45",
        ("C", False): "09:05–09:50",
        ("C", True): "08:50–09:20",
    }
    assert sorted(
        f"{event['DTSTART'].dt:%m-%d %H:%M}–{event['DTEND'].dt:%H:%M}"
        for event in events_in(desk.folder / "calendars" / "classes" / "PLK-1.ics")
    ) == [f"{day:%m-%d} {hours[label, day.day == 16]}" for day, label in labels.items() if label != "B"]
    # Words between its labels say that there is no school.
    desk.put(
        "days.csv", "Date,Day\n2026-10-12,No school\n" + "".join(f"{day},{label}\n" for day, label in labels.items())
    )
    (desk.folder / "nomarium.toml").unlink()
    desk.run("new", ".", "days.csv", "bells.csv", "sections.csv", "--zone", "UTC")
    assert desk.run("build", "--json", "--accept").report["events"] == sum(label != "B" for label in labels.values())
    # The same list without a column of schedules has usual days only; a date that it calls otherwise is asked about.
    desk.put(
        "days.csv", "Date,Day,Letter day\n" + "".join(f"{day},{day:%A},{label}\n" for day, label in labels.items())
    )
    (desk.folder / "nomarium.toml").unlink()
    desk.run("new", ".", "days.csv", "bells.csv", "sections.csv", "--zone", "UTC")
    assert "special_days" not in (desk.folder / "nomarium.toml").read_text("utf-8")


def test_school_days_that_a_list_leaves_out_are_told(desk):
    listed = LISTED + "2026-09-15,Day 1\n2026-09-17,Day 2\n"
    for name, text in {
        "terms": TERMS,
        "bells": BELLS,
        "closures": CLOSED,
        "days": listed,
        "timetable": BY_DAYS,
    }.items():
        desk.put(f"{name}.csv", text)
    desk.run("new", ".", "terms.csv", "bells.csv", "closures.csv", "days.csv", "timetable.csv", "--zone", "UTC")
    told = [p["message"] for p in desk.run("build", "--json").report["problems"] if p["code"] == "days-unlisted"]
    assert told == [
        "The list of 6 days of “Cycle” leaves out 2 school days: Wed 16 Sep 2026, Fri 18 Sep 2026. "
        "What meets by its days does not meet then."
    ]


def test_cycles_of_divisions_and_codes_of_several_people(desk):
    desk.put("terms.csv", TERMS)
    desk.put("bells.csv", BELLS)
    desk.put("classes.csv", "Class,Division,Room\nPLK-1,Yard,Shed\nLFT-1,Loft,Mould Loft\n")
    desk.put("yard.csv", "Class,Teacher,Day,Period,Week\nPLK-1,V,2,1,B\nPLK-1,V,Mon,3,A\n")
    grid = [["Teacher: S. Ambrose"], ["Period", "Day A", "Day D"], [1, "LFT-1\nMould Loft", ""], [2, "^", ""]]
    desk.put("loft.xlsx", workbook(Loft=grid))
    desk.put(
        "master.csv",
        "Date,Start,End,Code\n2026-09-08,9:00,10:00,W1\n2026-09-09,9:00,10:00,W2\n2026-09-10,9:00,10:00,W1\n2026-09-11,9:00,10:00,W2\n",
    )
    codes = {name: [["Code", "Title"], ["W1", "Watch"], ["W2", ""]] for name in ("R_Vasquel", "D_Pell")}
    desk.put("codes.xlsx", workbook(**codes))
    assert (
        desk.run(
            "new", ".", "terms.csv", "bells.csv", "classes.csv", "yard.csv", "loft.xlsx", "master.csv", "codes.xlsx"
        ).status
        == 0
    )
    plan = tomllib.loads((desk.folder / "nomarium.toml").read_text("utf-8"))
    assert plan["school"]["divisions"] == ["Yard", "Loft"]
    assert plan["year"]["weeks"]["letters"] == "A-B"
    assert {name: (keys["labels"], keys["divisions"]) for name, keys in plan["cycles"].items()} == {
        "Yard": ("1-2", ["Yard"]),
        "Loft": ("A-D", ["Loft"]),
    }
    assert plan["sources"]["loft"]["division"] == "Loft"
    assert plan["sources"]["master"] == {"sheets": "master.csv", "codes": "codes.xlsx"}
    assert desk.settle() == ["time zone", "closures", "cycle Yard", "cycle Loft", "letters of weeks"]
    run = desk.run("build", "--dry-run", "--json")
    assert run.status == 0, run.out
    whom = {part["for"] for part in run.report["calendars"]}
    assert {"S. Ambrose", "V", "PLK-1", "LFT-1", "R Vasquel", "D Pell"} <= whom


def test_a_plan_to_begin_with_and_its_blank_sheets(desk):
    run = desk.run("new", "school", "--zone", "America/Halifax")
    assert run.status == 0, run.err
    names = {path.name for path in (desk.folder / "school").iterdir()}
    assert names == {
        "nomarium.toml",
        *(f"{kind}.xlsx" for kind in "terms closures bells timetable roster changes events".split()),
    }
    checked = desk.run("check", "school", "--json")
    assert checked.status == 1
    assert [(p["code"], p["file"]) for p in checked.report["problems"] if p["severity"] == "error"] == [
        ("no-rows", "terms.xlsx")
    ]


def test_sheets_that_are_not_named_are_not_passed_over_in_silence(desk):
    desk.put("terms.csv", SHEETS["terms.csv"])
    folder = desk.run("new", "plan", ".", "--zone", "America/Halifax")
    assert (folder.status, (desk.folder / "plan").exists()) == (2, False)
    assert "“.” is a folder; name the sheets in it: nomarium new plan *" in folder.err
    run = desk.run("new", ".", "--zone", "America/Halifax")
    assert "terms.csv is not in the plan; to draft one from it, take nomarium.toml away" in run.out
    assert "nomarium new . terms.csv\n" in run.out


FILLED = {
    "terms": [["Autumn", "2026-09-07", "2026-09-18"]],
    "bells": [["1", "08:15", "09:00"], ["2", "09:05", "09:50"]],
    "timetable": [["PLK-1", "Planking", "V", "Shed", "1, 3", "1–2"], ["GYM-1", "", "P", "Hall", "Mon/Wed", "", "16:00–17:00"]],
    "classes": [["PLK-1", "Planking", "", "V", "Shed"]],
    "roster": [["PLK-1", "Ayla; Finn"]],
    "changes": [["2026-09-07", "PLK-1", "", "cancelled"]],
    "events": [["Regatta", "2026-09-15", "09:00", "", "12:00"]],
}  # fmt: skip


def test_the_blank_sheets_filled_in_build(desk):
    """Each blank sheet, filled in below its sample, is read without a word."""
    plan = '[school]\nzone = "America/Halifax"\n[year]\nterms = "terms.csv"\n[cycles.Cycle]\nlabels = "1-6"\n[bells]\nsheets = "bells.csv"\n'
    plan += '[classes]\nlists = "classes.csv"\nrosters = "roster.csv"\nchanges = "changes.csv"\n'
    plan += '[sources.timetable]\nsheets = "timetable.csv"\n[sources.events]\nsheets = "events.csv"\n'
    desk.put("nomarium.toml", plan)
    for kind, rows in FILLED.items():
        assert desk.run("sheet", kind, "-o", f"{kind}.csv").status == 0
        with (desk.folder / f"{kind}.csv").open("a", encoding="utf-8") as sheet:
            sheet.writelines(",".join(f'"{cell}"' for cell in row) + "\n" for row in rows)
    run = desk.run("build", "--json")
    assert run.status == 0, run.out
    assert {problem["code"] for problem in run.report["problems"]} <= {"length-assumed"}
    assert run.report["events"] == 8
    assert run.report["changed"] == {"cancelled": 1}


def test_a_call_kept_as_a_plan_builds_the_same_calendar(desk):
    sheet = "Event,Date,Time,Kind,By\nMuster,09/10/2026,9:00,Yard,x\nRegatta,13/10/2026,10:00,Sea,y\nLaunch,14/10/2026,11:00,Sea,z\n"
    desk.put("list.csv", sheet)
    options = [
        "--length",
        "2h",
        "--only",
        "Kind=Sea",
        "--set",
        "location=Town slip",
        "--remind",
        "1d",
        "--prefix",
        "{kind}: ",
    ]
    run = desk.run(
        "convert", "list.csv", "-o", "sea.ics", *options, "--column", "By=", "--once", "--save-plan", "sea.toml"
    )
    assert run.status == 0, run.err
    assert "Saved    sea.toml" in run.out
    plan = (desk.folder / "sea.toml").read_text("utf-8")
    assert "# --once was said too; a plan has no key for it." in plan
    first = (desk.folder / "sea.ics").read_text("utf-8")
    assert desk.run("build", "sea.toml").status == 0
    without_stamp = [
        [line for line in text.splitlines() if not line.startswith(("DTSTAMP", "LAST-MODIFIED"))]
        for text in (first, (desk.folder / "sea.ics").read_text("utf-8"))
    ]
    assert without_stamp[0] == without_stamp[1]
    assert desk.run("convert", "list.csv", "-o", "sea.ics", "--save-plan", "sea.toml").status == 2
