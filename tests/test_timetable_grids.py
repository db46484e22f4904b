"""Grids of meetings and months drawn as calendars, as people draw them."""

import pytest

from nomarium.core.slots import by_weeks
from timetable_school import PLAN, build, lines, said, workbook

GRID = PLAN + '[sources.timetable]\nsheets = "grid.csv"\ndivision = "Yard"\n'
WORKBOOK = GRID.replace("grid.csv", "grid.xlsx")
LISTS = '[classes]\nlists = "classes.csv"\n'
CLASSES = "Class,Course,Room\nPLK-1,Carvel planking,Adze Shed\nCLK-1,Caulking,North Slip\n"


def week(made, *fields):
    """The meetings of the first three days."""
    return [line for line in lines(made, *fields) if any(day in line for day in ("Mon 7", "Tue 8", "Wed 9"))]


UPRIGHT = "Period,Day 1,Day 2,Day 3\n1,PLK-1,,\n2,PLK-1,CLK-1,\n3,,,\n"


@pytest.mark.parametrize(
    ("grid", "keys", "expected"),
    [
        (f"Teacher: R. Vasquel\n{UPRIGHT}", "", ["PLK-1 Mon 7 08:15–09:50 R. Vasquel", "CLK-1 Tue 8 09:05–09:50 R. Vasquel"]),
        (UPRIGHT, 'each = "teacher"\n', ["PLK-1 Mon 7 08:15–09:50 grid", "CLK-1 Tue 8 09:05–09:50 grid"]),
        (f"R. Vasquel\n{UPRIGHT}", 'each = "teacher"\n', ["PLK-1 Mon 7 08:15–09:50 R. Vasquel", "CLK-1 Tue 8 09:05–09:50 R. Vasquel"]),
        ("Teacher: V\nDay,1,2,3\n1,PLK-1,,\n2,CLK-1,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 08:15–09:00 V"]),
        ("Teacher: V\nPeriod,1,2,3\n1,PLK-1,,\n2,CLK-1,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Mon 7 09:05–09:50 V"]),
        ("Instructor: V,P1,P2\nD1,PLK-1,\nD2,CLK-1,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 08:15–09:00 V"]),
        ("Teacher: V\nDay,Period 1,Period 2\nMonday,PLK-1,PLK-1\nTuesday,CLK-1,\n", "", ["PLK-1 Mon 7 08:15–09:50 V", "CLK-1 Tue 8 08:15–09:00 V"]),
        ("Teacher: V\nTime,Mon,Tue\n8:30–9:10,PLK-1,\n1:30–2:10,,CLK-1\n", "", ["PLK-1 Mon 7 08:30–09:10 V", "CLK-1 Tue 8 13:30–14:10 V"]),
        ("Teacher: V\n,Mon,Tue\n1 (8:15–9:00),PLK-1,\n2 (9:05–9:50),,CLK-1\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 09:05–09:50 V"]),
        ("Teacher: V\nPeriod,Time,Mon,Tue\n1,8:15–9:00,PLK-1,\n2,9:05–9:50,,CLK-1\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 09:05–09:50 V"]),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,CLK-1\n8:15–9:00,,\n2,,CLK-1\n9:05–9:50,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 08:15–09:50 V"]),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,CLK-1\n9:00–9:05,,\n2,,CLK-1\n9:50–10:05,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 08:15–09:50 V"]),
        ("Teacher: V\nTime,Mon,Tue\n8:15,PLK-1,\n9:00,,\n9:05,,CLK-1\n9:50,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 09:05–09:50 V"]),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\nLunch,,\n2,,CLK-1\nPrinted in August,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 09:05–09:50 V"]),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,free\n2,-,CLK-1\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Tue 8 09:05–09:50 V"]),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\n2,CLK-1,\n\nTeacher: P\nPeriod,Mon,Tue\n1,,CLK-1\n2,,\n", "", ["PLK-1 Mon 7 08:15–09:00 V", "CLK-1 Mon 7 09:05–09:50 V", "CLK-1 Tue 8 08:15–09:00 P"]),
        ("Class PLK-1\nPeriod,Mon,Tue\n1,Planking,\n2,,Caulking\n", "", ["PLK-1 Mon 7 08:15–09:00", "PLK-1 Tue 8 09:05–09:50"]),
    ],
)  # fmt: skip
def test_a_grid_is_read_whichever_way_it_lies(tmp_path, grid, keys, expected):
    made = build(tmp_path, GRID + keys, grid_csv=grid)
    assert said(made) == []
    assert week(made, "teacher") == expected


@pytest.mark.parametrize(
    ("rows", "expected"),
    [
        (
            [["Teacher: V"], ["Period", "Mon", "Tue"], [1, "PLK-1", ""], [2, "^", "CLK-1"], [3, "", ""]],
            ["PLK-1 Mon 7 08:15–09:50", "CLK-1 Tue 8 09:05–09:50"],
        ),
        (
            [["Teacher: V"], ["Period", "Mon", "Tue"], [1, "Muster", "<"], [2, "", "CLK-1"]],
            ["Muster Mon 7 08:15–09:00", "Muster Tue 8 08:15–09:00", "CLK-1 Tue 8 09:05–09:50"],
        ),
        (
            [["Teacher: V"], ["Period", "Mon", "Tue"], [1, "PLK-1", "CLK-1"], ["^", "", ""], [2, "", "CLK-1"]],
            ["PLK-1 Mon 7 08:15–09:00", "CLK-1 Tue 8 08:15–09:50"],
        ),
        (
            [["Teacher: V"], ["", "Week", "<"], ["Period", "Mon", "Tue"], [2, "PLK-1", ""], [3, "^", ""]],
            ["PLK-1 Mon 7 09:05–11:00"],
        ),
    ],
)
def test_merged_cells_are_double_or_shared(tmp_path, rows, expected):
    made = build(tmp_path, WORKBOOK, grid_xlsx=workbook(V=rows))
    assert said(made) == []
    assert week(made) == expected


def test_a_sheet_a_person(tmp_path):
    head = ["Period", "Day 1", "Day 2"]
    book = workbook(R_Vasquel=[head, [1, "PLK-1", ""], [2, "", ""]], D_Pell=[head, [1, "PLK-1", "CLK-1"], [2, "", ""]])
    made = build(tmp_path, WORKBOOK + 'each = "teacher"\n', grid_xlsx=book)
    assert said(made) == []
    # One class in the grids of two teachers is one meeting with both.
    assert week(made, "teacher") == ["PLK-1 Mon 7 08:15–09:00 R Vasquel, D Pell", "CLK-1 Tue 8 08:15–09:00 D Pell"]


@pytest.mark.parametrize(
    ("cell", "keys", "expected"),
    [
        ("PLK-1\nAdze Shed", LISTS, "PLK-1 Mon 7 08:15–09:00 Adze Shed"),
        ("Adze Shed\nPLK-1", LISTS, "PLK-1 Mon 7 08:15–09:00 Adze Shed"),
        ("PLK-1 (Adze Shed)", LISTS, "PLK-1 Mon 7 08:15–09:00 Adze Shed"),
        ("PLK-1 / Adze Shed", LISTS, "PLK-1 Mon 7 08:15–09:00 Adze Shed"),
        ("PLK-1\nRoom: Adze Shed", "", "PLK-1 Mon 7 08:15–09:00 Adze Shed"),
        ("PLK-1\nRoom 12", "", "PLK-1 Mon 7 08:15–09:00 Room 12"),
        ("PLK-1\nin Adze Shed\nwith D. Pell", "", "PLK-1 Mon 7 08:15–09:00 D. Pell Adze Shed"),
        ("PLK-1\nNowhere known", 'cell = "{class}\\n{room}"\n', "PLK-1 Mon 7 08:15–09:00 Nowhere known"),
        ("PLK-1 @ Nowhere", 'cell = "{class} @ {room}"\n', "PLK-1 Mon 7 08:15–09:00 Nowhere"),
        ("PLK-1", 'cell = "{class}\\n{room}"\n', "PLK-1 Mon 7 08:15–09:00"),
    ],
)
def test_the_lines_of_a_cell_are_told_apart(tmp_path, cell, keys, expected):
    plan = GRID + keys if keys.startswith("cell") else GRID.replace("[sources", f"{keys}[sources")
    grid = f'Teacher: V\nPeriod,Mon,Tue\n1,"{cell}",\n2,,\n'
    made = build(tmp_path, plan, grid_csv=grid, classes_csv=CLASSES)
    assert said(made) == []
    assert [
        line.replace("V, ", "").replace(" V ", " ").removesuffix(" V") for line in week(made, "teacher", "room")
    ] == [expected]


def test_lines_told_by_their_form_alone_are_said(tmp_path):
    cells = '"Planking\nM. Okafor\nR12","Caulking\nT. Brandt\nR7"'
    made = build(tmp_path, GRID, grid_csv=f"Class PLK-1\nPeriod,Mon,Tue\n1,{cells}\n2,,\n")
    assert week(made, "course", "teacher", "room") == [
        "PLK-1 Mon 7 08:15–09:00 Planking M. Okafor R12",
        "PLK-1 Tue 8 08:15–09:00 Caulking T. Brandt R7",
    ]
    assert said(made, "error", "warning") == [("told-by-form", "grid.csv B3")]


def test_each_week_has_its_own_grid(tmp_path):
    week_of = "{}\nPeriod,Mon,Tue\n1,{},\n2,,\n\n"
    grid = "Class PLK-1\n" + week_of.format("Week A", "Planking") + week_of.format("B week", "Caulking")
    lettered = GRID.replace('terms = "terms.csv"', 'terms = "terms.csv"\nweeks = { letters = "A-B" }')
    made = build(tmp_path, lettered, grid_csv=grid)
    assert said(made) == []
    assert lines(made, "course") == ["PLK-1 Mon 7 08:15–09:00 Planking", "PLK-1 Mon 14 08:15–09:00 Caulking"]
    assert ("unknown-week", "grid.csv A3") in said(build(tmp_path, GRID, grid_csv=grid))


def test_a_grid_with_its_own_hours_needs_no_bells(tmp_path):
    plan = GRID.replace('[bells]\nsheets = "bells.csv"\n', "")
    made = build(tmp_path, plan, grid_csv="Teacher: V\nPeriod,Time,Mon,Tue\n1,8:20–9:05,PLK-1,\n2,9:10–9:55,,CLK-1\n")
    assert said(made) == []
    assert week(made) == ["PLK-1 Mon 7 08:20–09:05", "CLK-1 Tue 8 09:10–09:55"]
    german = "Klasse PLK-1\nStunde,Zeit,Montag,Dienstag,Mittwoch\n1.,8:20–9:05,Planking,,\n2.,9:10–9:55,,Caulking,\n"
    made = build(tmp_path, plan, grid_csv=german)
    assert (said(made), week(made, "course")) == (
        [],
        ["PLK-1 Mon 7 08:20–09:05 Planking", "PLK-1 Tue 8 09:10–09:55 Caulking"],
    )


@pytest.mark.parametrize(
    ("grid", "keys", "problem"),
    [
        ('Teacher: V\nPeriod,Mon,Tue\n1,"PLK-1\nNowhere known",\n2,,\n', "", ("untold-lines", "grid.csv B3")),
        ("Period,Mon,Tue\n1,PLK-1,\n2,,\n\nPeriod,Mon,Tue\n1,PLK-2,\n2,,\n", "", ("untold-grid", "grid.csv A1")),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\n2,,\n", 'cell = "{class} @ {room}"\n', ("misfit-cell", "grid.csv B3")),
        ("Teacher: V\nTime,Mon,Tue\n8:30,PLK-1,\n9:30,,CLK-1\n", "", ("unreadable-times", "grid.csv A3")),
        ("Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\n9,,CLK-1\n", "", ("period-without-bells", "grid.csv C4")),
        ("just,some\ntext,here\n", "", ("no-timetable", "grid.csv")),
        ("Teacher: V\n,1,2,3\n1,A,,\n2,,B,\n3,,,A\n", "", ("two-ways-round", "grid.csv A2")),
        (
            'Teacher: V\nPeriod,Mon,Tue\n1,"PLK-1\nRoom: A",\n2,,\n\nTeacher: P\nPeriod,Mon,Tue\n1,"PLK-1\nRoom: B",\n2,,\n',
            "",
            ("two-rooms", "grid.csv B8"),
        ),
    ],
)
def test_a_grid_that_could_mean_several_things_is_refused(tmp_path, grid, keys, problem):
    made = build(tmp_path, GRID + 'kind = "timetable"\n' + keys, grid_csv=grid)
    assert problem in said(made)


@pytest.mark.parametrize(
    ("below", "problems"),
    [
        ("1,PLK-1,,bring gloves\n2,,CLK-1,\n", [("stray-cell", "grid.csv D3")]),
        (
            "1,PLK-1,\n2,,CLK-1\nto be settled with the office,CLK-1,PLK-1\n3,PLK-1,\n4,PLK-1,CLK-1\n",
            [("left-meetings", "grid.csv B5")],
        ),
    ],
)
def test_what_stands_beside_or_below_a_grid_is_told(tmp_path, below, problems):
    made = build(tmp_path, GRID, grid_csv=f"Teacher: V\nPeriod,Mon,Tue,Notes\n{below}")
    assert said(made, "error", "warning") == problems


def test_a_further_grid_may_have_a_single_line(tmp_path):
    grid = "Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\n2,,CLK-1\n\nTeacher: P\nPeriod,Mon,Tue\n3,NAV-1,\n"
    made = build(tmp_path, GRID, grid_csv=grid)
    assert said(made) == []
    assert [line.split()[0] for line in week(made, "teacher") if line.endswith(" P")] == ["NAV-1"]


def test_a_caption_may_name_the_division(tmp_path):
    grid = "Teacher: V\nLoft\nPeriod,Day A,Day B\n1,LFT-1,\n2,,\n"
    made = build(tmp_path, GRID.replace('division = "Yard"', 'cycle = "Loft"'), grid_csv=grid)
    assert said(made) == []
    assert week(made, "division") == ["LFT-1 Mon 7 08:15–09:00 Loft"]


MONTHS = '[school]\nzone = "America/Halifax"\n[sources.months]\nsheets = "month.xlsx"\n'
SEPTEMBER = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"]


@pytest.mark.parametrize(
    ("rows", "expected"),
    [
        (
            [
                ["September 2026"],
                SEPTEMBER,
                ["31", "1", "2\nStaff day", "3", "4", "5", "6"],
                ["7", "8\n9:00 First muster\n13:30–15:00 Tools", "9", "10", "11", "12", "13"],
                ["14", "15", "16", "17", "18", "19", "20"],
                ["21", "22", "23", "24", "25", "26", "27"],
                ["28", "29", "30", "1\nOctober already", "2", "3", "4"],
            ],
            [
                "Staff day Wed 2 all day",
                "First muster Tue 8 09:00–10:00",
                "Tools Tue 8 13:30–15:00",
                "October already Thu 1 all day",
            ],
        ),
        (
            [
                ["", "SEPTEMBER 2026"],
                ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"],
                ["", "", 1, 2, 3, 4, 5],
                ["", "", "", "Tide tables due", "", "", ""],
                [6, 7, 8, 9, 10, 11, 12],
                ["", "Launching week", "<", "<", "", "7pm Open evening", ""],
                ["", "", "noon Lunch talk", "", "", "", ""],
            ],
            [
                "Tide tables due Wed 2 all day",
                "Launching week Mon 7 all day",
                "Lunch talk Tue 8 12:00–13:00",
                "Open evening Fri 11 19:00–20:00",
            ],
        ),
        (
            [["February 2027"], SEPTEMBER, [1, 2, 3, 4, 5, 6, 7], [8, 9, 10, 11, 12, 13, 14], [15, 16, 17, 18, 19, 20, 21], [22, 23, 24, 25, 26, 27, "28\nIce out"], ["1\nMarch", 2, 3, 4, 5, 6, 7]],
            ["Ice out Sun 28 all day", "March Mon 1 all day"],
        ),
    ],
)  # fmt: skip
def test_a_month_page_is_read_as_events(tmp_path, rows, expected):
    made = build(tmp_path, MONTHS, month_xlsx=workbook(Page=rows))
    assert said(made) == []
    assert lines(made) == expected


def test_an_event_across_merged_days_lasts_so_long(tmp_path):
    rows = [["September 2026"], SEPTEMBER, ["", 1, 2, 3, 4, 5, 6], ["", "Launching", "<", "<", "", "", ""]]
    rows += [["7\nHaul-out", "<", "<", 10, 11, 12, 13]]
    spans = [held.occurrences[0] for held in build(tmp_path, MONTHS, month_xlsx=workbook(Page=rows)).held]
    assert [(span.start.day, span.end.day) for span in spans] == [(1, 4), (7, 10)]


def test_what_stands_beside_the_weekdays_of_a_month_is_told(tmp_path):
    rows = [
        ["September 2026"],
        [*SEPTEMBER],
        ["", 1, 2, 3, 4, 5, 6, "Bring oilskins"],
        [7, 8, 9, 10, 11, 12, "13\nMuster", ""],
    ]
    made = build(tmp_path, MONTHS, month_xlsx=workbook(Page=rows))
    assert said(made, "error", "warning") == [("stray-cell", "month.xlsx H3")]
    assert lines(made) == ["Muster Sun 13 all day"]


@pytest.mark.parametrize(
    ("rows", "problem"),
    [
        ([["Our month"], SEPTEMBER, ["", 1, 2, 3, 4, 5, 6]], ("no-month", "month.xlsx")),
        ([["October 2026"], SEPTEMBER, ["", "1\nX", 2, 3, 4, 5, 6]], ("wrong-day-number", "month.xlsx B3")),
        ([["September 2026"], SEPTEMBER, ["Notes", 1, 2, 3, 4, 5, 6], ["stray", "", "", "", "", "", ""]], ("no-day", "month.xlsx A3")),
    ],
)  # fmt: skip
def test_a_month_page_that_cannot_be_is_refused(tmp_path, rows, problem):
    assert problem in said(build(tmp_path, MONTHS + 'kind = "month pages"\n', month_xlsx=workbook(Page=rows)))


def test_hidden_and_instruction_sheets_are_left_alone(tmp_path):
    rows = [["Teacher: V"], ["Period", "Mon", "Tue"], [1, "PLK-1", ""], [2, "", ""]]
    book = workbook(V=rows, **{"How to fill it in": [["Write a class into each cell."]]})
    assert said(build(tmp_path, WORKBOOK, grid_xlsx=book)) == []


CELLS_OF_WEEKS = {
    "Maths\nR1": [("", "Maths\nR1")],
    "Science week": [("", "Science week")],
    "Sem. A : SVT\nLabo": [("A", "SVT\nLabo")],
    "Maths (Wk A)\nR1": [("A", "Maths\nR1")],
    "Week A: Maths / Week B: Art": [("A", "Maths"), ("B", "Art")],
    "Week A: Maths R1, Week B: Art R2": [("A", "Maths R1"), ("B", "Art R2")],
    "A-Woche: Sport\nB-Woche: Musik": [("A", "Sport"), ("B", "Musik")],
    "Maths - Wk A; Art - Wk B": [("A", "Maths"), ("B", "Art")],
    "Maths (Wk A)\nR1\nArt (Wk B)\nR2": [("A", "Maths\nR1"), ("B", "Art\nR2")],
    "Maths\nWeek A: R12\nWeek B: R14": [("A", "Maths\nR12"), ("B", "Maths\nR14")],
    "Week A\nMaths\nR1\nWeek B\nArt": [("A", "Maths\nR1"), ("B", "Art")],
    "Maths\nWeek A: Art": [],
}


@pytest.mark.parametrize("text", CELLS_OF_WEEKS)
def test_a_cell_says_what_meets_in_which_weeks(text):
    assert by_weeks(text) == CELLS_OF_WEEKS[text]
