"""What plans say of whole sheets, of rows and of calendars: each key has its effect, or is refused by name."""

import pytest

from conftest import events_in
from timetable_school import BELLS, PLAN, TERMS, build, lines, said, workbook

LIST = "Class,Teacher,Room,Day,Period\nPLK-1,V,Shed,Mon,1\nCLK-1,P,Slip,Wed,2\n"
SHORT = "Period,Start,End\n1,8:30,8:50\n2,8:55,9:15\n"
YARD = 'sheets = "timetable.csv"\n'


def plan(source=YARD, bells='sheets = "bells.csv"', more=""):
    head = PLAN.replace('[bells]\nsheets = "bells.csv"\n', f"[bells]\n{bells}\n")
    return f"{head}[sources.timetable]\n{source}{more}"


@pytest.mark.parametrize(
    ("source", "texts", "expected"),
    [
        ('only = { Teacher = "V" }\n', LIST, ["PLK-1 Mon 7 08:15–09:00 V", "PLK-1 Mon 14 08:15–09:00 V"]),
        ('without = { class = "CLK-1" }\n', LIST, ["PLK-1 Mon 7 08:15–09:00 V", "PLK-1 Mon 14 08:15–09:00 V"]),
        (
            'only = { teacher = "V" }\nset = { teacher = "Q" }\n',
            LIST,
            ["PLK-1 Mon 7 08:15–09:00 Q", "PLK-1 Mon 14 08:15–09:00 Q"],
        ),
        (
            'people = "people.csv"\nonly = { Room = "Slip" }\n',
            LIST,
            ["CLK-1 Wed 9 09:05–09:50 Dora Pell", "CLK-1 Wed 16 09:05–09:50 Dora Pell"],
        ),
        ('hours = "6-18"\n', "Class,Day,Start,End\nA,Mon,6:30,7:10\n", ["A Mon 7 06:30–07:10", "A Mon 14 06:30–07:10"]),
        ('length = "1h30m"\n', "Class,Day,Start\nA,Mon,9:00\n", ["A Mon 7 09:00–10:30", "A Mon 14 09:00–10:30"]),
        (
            "",
            "Class,Day,Start,End\nNight watch,Mon,22:00,06:00\n",
            ["Night watch Mon 7 22:00–06:00", "Night watch Mon 14 22:00–06:00"],
        ),
        (
            "",
            "Section Identifier,Staff Name,Meeting Days,Period,Begin Date,End Date\nA,V,Mon,1,2026-09-07,2026-09-10\nB,V,Mon,1,2026-09-11,2026-09-18\n",
            ["A Mon 7 08:15–09:00 V", "B Mon 14 08:15–09:00 V"],
        ),
        (
            "",
            "Class,Day,Period,Status\nA,Mon,1,Active\nB,Mon,2,Dropped\n",
            ["A Mon 7 08:15–09:00", "A Mon 14 08:15–09:00"],
        ),
    ],
)
def test_each_key_and_column_of_a_timetable_has_its_effect(tmp_path, source, texts, expected):
    people = "Initials,First name,Last name,E-mail\nP,Dora,Pell,dp@example.org\nV,Rune,Vasquel,rv@example.org\n"
    made = build(tmp_path, plan(YARD + source), timetable_csv=texts, people_csv=people)
    assert said(made) == []
    assert lines(made, "teacher") == expected


@pytest.mark.parametrize(
    ("source", "files", "problem"),
    [
        (YARD + 'cell = "{class}"\n', {}, ("key-without-effect", "nomarium.toml line 17")),
        ('sheets = "events.csv"\neach = "teacher"\n', {"events_csv": "Event,Date\nA,2026-09-08\n"}, ("key-without-effect", "nomarium.toml line 17")),
        ('sheets = { file = "timetable.csv", special = "x" }\n', {}, ("key-without-effect", "nomarium.toml line 16")),
        (YARD + 'people = "nobody.csv"\n', {}, ("missing-file", "nomarium.toml line 17")),
        (YARD + 'people = "people.csv"\n', {"people_csv": "Initials,Name,E-mail\nV,Rune,r@example.org\nV,Vera,v@example.org\nP,Dora,d@example.org\n"}, ("two-meanings", "timetable.csv A2:E2")),
        (YARD, {"timetable_csv": "Class,Day,Period,Zq,Until\nA,Mon,1,2026-09-08,2026-09-10\n"}, ("half-span", "timetable.csv D1")),
        (YARD + 'kind = "year"\n', {}, ("key-without-effect", "nomarium.toml line 16")),
        ('kind = "holidays"\n', {}, ("holidays-lack", "nomarium.toml line 15")),
    ],
)  # fmt: skip
def test_what_has_no_effect_or_two_meanings_is_refused_by_name(tmp_path, source, files, problem):
    made = build(tmp_path, plan(source), **{"timetable_csv": LIST, **files})
    assert problem in said(made)


@pytest.mark.parametrize(
    ("people", "teachers", "told"),
    [
        ("Code,Surname,Title\nV,Rune,Mr\nP,Dora,Dr\n", {"Mr Rune", "Dr Dora"}, 0),
        ("Code,Title,Surname,Forename\nV,Mr,Rune,Vidar\nP,Dr,Dora,Pia\n", {"Vidar Rune", "Pia Dora"}, 0),
        ("Code,Surname,Salutation\nV,Rune,Mr\nP,Dora,Dr\n", {"Mr Rune", "Dr Dora"}, 0),
        ("Code,Surname,Title\nV,Rune,Mr\nP,Rune,Mr\n", {"Mr Rune (V)", "Mr Rune (P)"}, 1),
        ("Code,Name,E-mail\nV,Rune,a@example.org\nP,Rune,a@example.org\n", {"Rune"}, 0),
    ],
)
def test_people_are_called_by_title_and_name_and_namesakes_stay_apart(tmp_path, people, teachers, told):
    sheets = {"timetable_csv": LIST, "people_csv": people}
    made = build(tmp_path, plan(YARD + 'people = "people.csv"\n'), **sheets)
    called = {line.split("–")[-1].split(" ", 1)[1] for line in lines(made, "teacher")}
    assert called == teachers
    assert [problem.code for problem in made.problems].count("namesakes") == told


def test_a_sheet_of_bells_is_for_what_its_name_or_the_plan_says(tmp_path):
    text = "Class,Day,Period,Turno\nA,Mon,1,Yard\nB,Mon,1,Loft\n"
    stated = 'sheets = ["bells.csv", { file = "short.csv", division = "Loft" }]'
    expected = ["A Mon 7 08:15–09:00", "B Mon 7 08:30–08:50", "A Mon 14 08:15–09:00", "B Mon 14 08:30–08:50"]
    assert lines(build(tmp_path, plan(bells=stated), timetable_csv=text, short_csv=SHORT)) == expected
    (tmp_path / "Loft bells.csv").write_text(SHORT)
    named = build(tmp_path, plan(bells='sheets = ["bells.csv", "Loft bells.csv"]'), timetable_csv=text)
    assert (said(named), lines(named)) == ([], expected)
    assert ("holds-for-all", "Loft bells.csv") in said(named, "note")
    grid = "Loft,,\nPeriod,Mon–Thu,Fri\n1,8:30–8:50,8:20–8:40\n2,8:55–9:15,8:45–9:00\n"
    titled = build(tmp_path, plan(bells='sheets = ["bells.csv", "grid.csv"]'), timetable_csv=text, grid_csv=grid)
    assert (said(titled), lines(titled)) == ([], expected)


def test_a_second_sheet_of_bells_is_never_left_out_in_silence(desk):
    for name, text in {"terms.csv": TERMS, "bells.csv": BELLS, "Late start.csv": SHORT, "timetable.csv": LIST}.items():
        desk.put(name, text)
    assert (
        desk.run("new", ".", "terms.csv", "bells.csv", "Late start.csv", "timetable.csv", "--zone", "UTC").status == 0
    )
    built = desk.run("build", "--json")
    assert built.status == 1
    assert {code for code, _ in built.codes} == {"undecided"}
    assert desk.settle() == ["Late start.csv", "closures"]
    assert not (desk.folder / "calendars").exists()
    desk.put("special.csv", "Date,Special day\n2026-09-14,Late start\n")
    (desk.folder / "nomarium.toml").unlink()
    files = ("terms.csv", "bells.csv", "Late start.csv", "special.csv", "timetable.csv")
    assert desk.run("new", ".", *files, "--zone", "UTC").status == 0
    assert 'special = "Late start"' in (desk.folder / "nomarium.toml").read_text("utf-8")
    assert desk.settle() == ["closures"]
    assert desk.run("build").status == 0
    starts = [
        f"{event['DTSTART'].dt:%d %H:%M}" for event in events_in(desk.folder / "calendars" / "classes" / "PLK-1.ics")
    ]
    assert starts == ["07 08:15", "14 08:30"]


def test_divisions_told_only_by_the_names_of_files(desk):
    for name, text in {
        "terms.csv": TERMS,
        "Senior bells.csv": BELLS,
        "Junior bells.csv": SHORT,
        "senior lessons.csv": "Class,Teacher,Day,Period\nA,V,Mon,1\n",
        "junior lessons.csv": "Class,Teacher,Day,Period\nB,P,Mon,1\n",
    }.items():
        desk.put(name, text)
    files = [path.name for path in sorted(desk.folder.iterdir())]
    assert desk.run("new", ".", *files, "--zone", "UTC").status == 0
    assert desk.settle() == ["closures"]
    assert desk.run("build").status == 0
    first = {
        name: f"{events_in(desk.folder / 'calendars' / 'classes' / f'{name}.ics')[0]['DTSTART'].dt:%H:%M}"
        for name in "AB"
    }
    assert first == {"A": "08:15", "B": "08:30"}


CHANGES = "Date,Class,Change,New date,New period,New room,New teacher\n"


@pytest.mark.parametrize(
    ("row", "expected"),
    [
        ('2026-09-07,PLK-1,"room, teacher",,,Hall,Q', "PLK-1 Mon 7 08:15–09:00 Q Hall"),
        ('2026-09-07,PLK-1,"moved, room",2026-09-08,2,Hall,', "PLK-1 Tue 8 09:05–09:50 V Hall"),
        ("2026-09-07,PLK-1,,,,Hall,Q", "PLK-1 Mon 7 08:15–09:00 Q Hall"),
        ("2026-09-07,PLK-1,moved to period 3 and room 12,,,,", "PLK-1 Mon 7 10:15–11:00 V Room 12"),
        ("2026-09-07,PLK-1,cover: Q,,,,", "PLK-1 Mon 7 08:15–09:00 Q Shed"),
        ("2026-09-07,PLK-1,room,,,,Q", None),
        ("2026-09-07,PLK-1,cancelled,,,Hall,", None),
        ("2026-09-07,PLK-1,room 12,,,Hall,", None),
    ],
)
def test_a_change_does_what_its_word_and_its_columns_say_together(tmp_path, row, expected):
    made = build(
        tmp_path,
        plan(more='[classes]\nchanges = "changes.csv"\n'),
        timetable_csv=LIST,
        changes_csv=CHANGES + row + "\n",
    )
    if expected is None:
        assert said(made) == [("two-effects", "changes.csv C2")]
    else:
        assert said(made) == []
        assert expected in lines(made, "teacher", "room")


def test_codes_of_people_on_tabs_have_a_calendar_each(tmp_path):
    master = "Date,Start,End,Code\n2026-09-12,06:30,10:30,W1\n2026-09-13,06:30,10:30,W2\n"
    tabs = {
        name: [["Code", "Title"], ["W1", title], ["W2", ""]]
        for name, title in {"Nell": "Watch", "Jory": "Ferry"}.items()
    }
    listed = ", ".join(f'{{ file = "codes.xlsx", sheet = "{name}" }}' for name in tabs)
    keys = f'kind = "codes"\nsheets = "master.csv"\ncodes = [{listed}]\n[calendars.people]\nsplit = "person"\n'
    made = build(tmp_path, plan(keys), master_csv=master, codes_xlsx=workbook(**tabs))
    assert said(made) == []
    assert [part.whom for part in made.calendars.parts] == ["Jory", "Nell"]
    uids = [uid for one in made.held for uid in one.occurrence_uids()]
    assert len(uids) == len(set(uids)) == 2


def test_closures_below_a_title_and_a_roster_of_last_and_first_names(tmp_path):
    text = "Closures 2026-27\n================\n14 Sep 2026 Gale\n"
    keys = plan(more='[classes]\nrosters = "roster.csv"\n').replace(
        'terms = "terms.csv"\n', 'terms = "terms.csv"\nclosures = "closures.txt"\n'
    )
    roster = 'Class,Student\nPLK-1,"Nettle, Mina"\nPLK-1,"Pell, Dora"\n'
    made = build(tmp_path, keys, timetable_csv=LIST, closures_txt=text, roster_csv=roster)
    assert said(made) == []
    assert ("title-line", "closures.txt line 1") in said(made, "note")
    assert [line for line in lines(made, "student") if line.startswith("PLK")] == [
        "PLK-1 Mon 7 08:15–09:00 Nettle, Mina, Pell, Dora"
    ]


def test_calendars_split_by_two_fields_say_categories_colours_and_a_status(desk):
    desk.put("terms.csv", TERMS)
    desk.put("bells.csv", BELLS)
    desk.put(
        "timetable.csv",
        LIST.replace("Period\n", "Period,Colour\n").replace(",1\n", ",1,navy\n").replace(",2\n", ",2,teal\n"),
    )
    keys = 'split = ["teacher", "class"]\nfile = "{teacher}/{class}.ics"\ncategories = "{class}; {room}"\ncolor = "{Colour}"\nstatus = "tentative"\n'
    desk.put(
        "nomarium.toml",
        plan(
            more=f"[calendars.both]\n{keys}[sources.year]\nkind = 'year'\nadd = ['terms']\n[calendars.terms]\nsources = 'year'\n"
        ),
    )
    run = desk.run("build")
    assert run.status == 0, run.err
    first = events_in(desk.folder / "calendars" / "V" / "PLK-1.ics")[0]
    assert (first["COLOR"], first["STATUS"], first["CATEGORIES"].cats) == ("navy", "TENTATIVE", ["PLK-1", "Shed"])
    assert [str(event["SUMMARY"]) for event in events_in(desk.folder / "calendars" / "terms.ics")] == [
        "Autumn: first day",
        "Autumn: last day",
    ]
    assert "Not used" not in run.out


def test_stacked_grids_with_the_days_down_are_all_read(tmp_path):
    grids = (
        "Teacher: V\n,P1,P2,P3\nMon,PLK-1,,NAV-1\nTue,,PLK-1,\n\nTeacher: P\n,P1,P2,P3\nMon,,CLK-1,\nTue,CLK-1,,ENG-1\n"
    )
    made = build(tmp_path, plan('sheets = "grids.csv"\n'), grids_csv=grids)
    assert said(made, "error", "warning") == []
    assert {line for line in lines(made, "teacher") if " 7 " in line or " 8 " in line} == {
        "PLK-1 Mon 7 08:15–09:00 V", "NAV-1 Mon 7 10:15–11:00 V", "PLK-1 Tue 8 09:05–09:50 V",
        "CLK-1 Mon 7 09:05–09:50 P", "CLK-1 Tue 8 08:15–09:00 P", "ENG-1 Tue 8 10:15–11:00 P",
    }  # fmt: skip
    beside = "Teacher: V,,,,Teacher: P,,\nPeriod,Mon,Tue,,Period,Mon,Tue\n1,PLK-1,,,1,,CLK-1\n2,,PLK-1,,2,CLK-1,\n"
    both = build(tmp_path, plan('sheets = "grids.csv"\n'), grids_csv=beside)
    assert said(both, "error", "warning") == []
    assert {line.split()[-1] for line in lines(both, "teacher")} == {"V", "P"}


def test_bell_ties_are_told_once_a_pair_of_rows_and_no_clashes_follow(desk):
    for name, text in {"terms.csv": TERMS, "timetable.csv": "Class,Teacher,Day,Period\nA,V,Mon,1\nB,V,Mon,2\n"}.items():
        desk.put(name, text)
    grid = "Period,Mon,Tue,Wed,Thu,Fri\n1,{0},{0},{0},{0},{0}\n2,{0},{0},{0},{0},{0}\n"
    desk.put("one.csv", grid.format("8:00–8:50"))
    desk.put("two.csv", grid.format("8:10–9:00"))
    desk.put("nomarium.toml", plan(bells='sheets = ["one.csv", "two.csv"]'))
    run = desk.run("check", "--json")
    assert [code for code, _ in run.codes if code == "bell-tie"] == ["bell-tie"] * 2
    assert run.report["clashes"] == []


def test_a_cycle_held_against_its_own_list_proves_nothing(desk):
    desk.put("terms.csv", TERMS)
    days = [day for day in range(7, 19) if day not in (12, 13)]
    desk.put("days.csv", "Date,Label\n" + "".join(f"2026-09-{day:02},{'ABC'[n % 3]}\n" for n, day in enumerate(days)))
    desk.put("nomarium.toml", '[year]\nterms = "terms.csv"\n[cycles.Yard]\nlisted = "days.csv"\n')
    run = desk.run("days", "--against", "days.csv")
    assert "was read from this very list" in run.err
