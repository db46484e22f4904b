"""Weekly timetables in shapes without a column of days: what meets in their first two weeks, and what is asked."""

import pytest

from made_schools import built, drafted, laid_out

TERMS = {
    "terms.csv": "Term,First day,Last day\nAutumn,2026-09-07,2026-09-20\n",
    "closed.csv": "Closed,Date\nFog,2026-09-14\n",
}
WEEKS = {"weeks.csv": "Week beginning,Week\n2026-09-07,A\n2026-09-14,B\n"}
BELLS = {"bells.csv": "Period,Start,End\n1,8:00,8:45\n2,9:00,9:45\n"}

# The sheet, and what meets: the weekday and day of September, from when until when, what, where.
SHAPES = {
    "crosses below weekdays": (
        "Class,Start,End,Mon,Tue,Wed,Room\nSpin,07:00,07:45,x,,X,Gym\nYoga,18:00,19:00,-,yes,,Loft\n",
        ["08 18:00–19:00 Yoga Loft", "09 07:00–07:45 Spin Gym", "07 07:00–07:45 Spin Gym"],
    ),
    "crosses, from where to where": (
        "Line,Departs,Arrives,From,To,Mon,Tue\n1,07:15,08:05,Vika,Ytre,x,\n2,10:30,11:20,Ytre,Vika,,x\n",
        ["07 07:15–08:05 Vika – Ytre", "08 10:30–11:20 Ytre – Vika"],
    ),
    "rows below their weekdays, headings above": (
        "Plan of Ms Lind\nTime,Student,Room\nMonday:\n14:00-14:30,Vogt,Room 3\nWednesday:\n15:00-15:30,Kurz,Room 5\n",
        ["07 14:00–14:30 Vogt Room 3", "09 15:00–15:30 Kurz Room 5"],
    ),
    "rows below their weekdays, no headings": (
        "Montag\n14:00-14:30,Vogt,Raum 3\nMittwoch\n15:00-15:30,Kurz,Raum 5\n",
        ["07 14:00–14:30 Vogt Raum 3", "09 15:00–15:30 Kurz Raum 5"],
    ),
    "weekdays in front, no headings": (
        "Mon,14:00-14:30,Vogt,Room 3\nMon,14:30-15:15,Reh,Room 3\nWed,15:00-15:30,Kurz,Room 5\n",
        ["07 14:00–14:30 Vogt Room 3", "07 14:30–15:15 Reh Room 3", "09 15:00–15:30 Kurz Room 5"],
    ),
    "two days with a dash, in pairs": (
        "Grupo,Días,Horario\nG1,L-X,17:00-18:30\nG2,M-J,18:30-20:00\nG3,V,17:00-20:00\n",
        [
            "08 18:30–20:00 G2", "10 18:30–20:00 G2", "15 18:30–20:00 G2", "17 18:30–20:00 G2",
            "07 17:00–18:30 G1", "09 17:00–18:30 G1", "16 17:00–18:30 G1", "11 17:00–20:00 G3", "18 17:00–20:00 G3",
        ],
    ),
    "parts of days in their heads, their hours in a line above": (
        "Regular users\n\"AM = 9:30-12:00, PM = 13:30-16:00\"\nRoom,Mon AM,Mon PM,Wed AM,Wed PM\nHall,Toddlers,Choir,Toddlers,\nStudio,,Pottery,,Yoga\n",
        ["07 09:30–12:00 Toddlers Hall", "07 13:30–16:00 Choir Hall", "09 09:30–12:00 Toddlers Hall", "07 13:30–16:00 Pottery Studio", "09 13:30–16:00 Yoga Studio"],
    ),
    "playground duty by a title": (
        "Break duty 10:40 to 11:00\nDay,Playground,Field\nMonday,Ms Hale,Mr Orr\nTuesday,Mr Orr,Mx Low\n",
        ["07 10:40–11:00 Playground", "07 10:40–11:00 Field", "08 10:40–11:00 Playground", "08 10:40–11:00 Field"],
    ),
    "two spans joined by a word": (
        "Doctor,Monday,Tuesday\nDr. Vogt,8-12 u. 15-18 Uhr,8-12 Uhr\nDr. Reh,,9-12 u. 14-17 Uhr\n",
        ["07 08:00–12:00 Dr. Vogt", "07 15:00–18:00 Dr. Vogt", "08 08:00–12:00 Dr. Vogt", "08 09:00–12:00 Dr. Reh", "08 14:00–17:00 Dr. Reh"],
    ),
    "shifts of two people, their key below": (
        "Vaktplan,,,\nNavn,Man,Tir,Ons\nKari,T,M,S\nOla,S,T,M\n,,,\nT = Tidlig 07:00-14:30,,,\nM = Mellom 08:00-15:30,,,\nS = Sein 09:15-16:45,,,\n",
        ["07 07:00–14:30 Kari", "07 09:15–16:45 Ola", "08 08:00–15:30 Kari", "08 07:00–14:30 Ola", "09 09:15–16:45 Kari", "09 08:00–15:30 Ola"],
    ),
    "from when until when below a word that means something else": (
        "Class,Day & time,Runs,Not on\nYoga,Mondays 18:00-19:00,7 Sep – 20 Sep 2026,\nPilates,Wednesdays 7-8pm,9 Sep – 10 Sep 2026,\n",
        ["07 18:00–19:00 Yoga", "09 19:00–20:00 Pilates"],
    ),
    "days drawn one below the other, each below its weekday": (
        "Tuesday,,\nTime,Lane 1,Lane 2\n18:00-19:00,Seals,Public\n19:00-20:00,Masters,\nWednesday,,\nTime,Lane 1,Lane 2\n18:00-19:00,,Tri club\n19:00-20:00,Polo,\n",
        ["08 18:00–19:00 Seals Lane 1", "08 18:00–19:00 Public Lane 2", "08 19:00–20:00 Masters Lane 1", "09 18:00–19:00 Tri club Lane 2", "09 19:00–20:00 Polo Lane 1"],
    ),
    "periods behind their weekdays below Lessons": (
        "Set,Teacher,Room,Lessons\n10X1,Hale,M1,\"Mon1, Wed2\"\n10X2,Orr,M2,Tue2\n",
        ["07 08:00–08:45 10X1 M1", "09 09:00–09:45 10X1 M1", "08 09:00–09:45 10X2 M2"],
    ),
    "what meets below a heading of no known language": (
        "Kurss,Diena,Laiks,Telpa\nFizika,Mon,9:00-10:00,R1\nVēsture,Mon,9:00-10:00,R2\nĶīmija,Tue,9:00-10:00,R2\n",
        ["07 09:00–10:00 Fizika R1", "07 09:00–10:00 Vēsture R2", "08 09:00–10:00 Ķīmija R2"],
    ),
    "weekdays by number": (
        "Tiết,Giờ,Thứ 2,Thứ 3,Thứ 4\n1,7:00-7:45,Toán,Văn,Anh\n2,7:50-8:35,Văn,,Toán\n",
        ["07 07:00–07:45 Toán", "08 07:00–07:45 Văn", "09 07:00–07:45 Anh", "07 07:50–08:35 Văn", "09 07:50–08:35 Toán"],
    ),
    "a weekday with an apostrophe": (
        "№,Час,Вівторок,П'ятниця\n1,8:30-9:15,Мова,Фізика\n2,9:25-10:10,,Хімія\n",
        ["08 08:30–09:15 Мова", "11 08:30–09:15 Фізика", "11 09:25–10:10 Хімія"],
    ),
    "letters of weeks alone": (
        "Ms Lind,Mon,Tue\n1,6b,6b (A) / 7c (B)\n2,8a (A),9d\n",
        ["07 08:00–08:45 6b", "07 09:00–09:45 8a", "08 08:00–08:45 6b", "08 09:00–09:45 9d", "15 08:00–08:45 7c", "15 09:00–09:45 9d"],
    ),
}  # fmt: skip


def made(tmp_path, sheet, more):
    plan, draft = drafted(tmp_path, laid_out(tmp_path, {**TERMS, **more, "plan.csv": sheet}))
    return built(plan), draft


def further(name):
    if name == "letters of weeks alone":
        return {**WEEKS, **BELLS}
    return BELLS if "periods" in name else {}


@pytest.mark.parametrize("name", SHAPES)
def test_a_weekly_sheet_meets_on_its_days(tmp_path, name):
    sheet, expected = SHAPES[name]
    (errors, meetings), _ = made(tmp_path, sheet, further(name))
    assert not errors
    held = [f"{start[8:10]} {start[11:]}–{end} {what} {where}".strip() for start, end, what, where in meetings]
    assert sorted(line for line in expected if line < "14") == sorted(line for line in held if line < "14")
    assert {line for line in expected if line > "14"} <= set(held)


TWINS = {
    "a mark that is none": ("Class,Start,End,Mon,Tue,Wed\nSpin,07:00,07:45,x,q,x\nYoga,18:00,19:00,,x,x\n", "unknown-day"),
    "rows below weekdays and dates": ("Montag\n14:00-14:30,Vogt,Raum 3\n8.9.2026\n15:00-15:30,Kurz,Raum 5\n", ""),
    "one pair alone may be a span": ("Grupo,Días,Horario\nG1,L-X,17:00-18:30\nG3,V,17:00-20:00\n", "unknown-day"),
    "letters of weeks that the year has not": ("Class 6b,Mon,Tue\n1,Maths,Maths (A) / Latin (B)\n2,Music (A),Art\n", ""),
}  # fmt: skip


@pytest.mark.parametrize("name", TWINS)
def test_its_twin_is_asked(tmp_path, name):
    sheet, code = TWINS[name]
    (errors, meetings), draft = made(tmp_path, sheet, BELLS if "letters" in name else {})
    assert not meetings or errors
    assert errors
    assert not code or code in {error.code for error in [*errors, *draft.left_out.values()]}


NED = "Course,Day,Time,Room,Ned\nA,Mon,9:00-10:00,R1,nepāra\nB,Mon,9:00-10:00,R1,pāra\nC,Tue,9:00-10:00,R1,pāra\n"
COLUMNS_APART = [
    (NED, {"E1"}),
    (NED.replace("9:00-10:00,R1,pāra", "9:00-10:00,R2,pāra"), set()),
    (NED.replace("nepāra", "pāra"), set()),
]


@pytest.mark.parametrize(("sheet", "cells"), COLUMNS_APART)
def test_a_column_that_tells_rows_of_one_time_and_room_apart_is_not_passed_over(desk, sheet, cells):
    for name, text in {**TERMS, "plan.csv": sheet}.items():
        desk.put(name, text)
    assert desk.run("new", ".", "terms.csv", "closed.csv", "plan.csv", "--zone", "Europe/Riga").status == 0
    report = desk.run("check", "--json").report
    assert {at for one in report["problems"] if one["code"] == "unused-column" for at in one["cells"]} == cells
