"""Lessons in order, laid onto the meetings of a class: by the rules, against a plain loop, and through whole builds."""

from datetime import date, timedelta

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from conftest import events_in
from nomarium.core.lessons import LayingRules, Lesson, Meeting, lay
from nomarium.core.lessons.sheet import length_in_halves

START = date(2026, 9, 7)


def on(day):
    return START + timedelta(day)


def either(*usual, rare):
    """Return a strategy that mostly gives nothing."""
    return st.one_of(*[st.just(one) for one in usual], rare)


DAYS = st.integers(0, 20).map(on)
LESSONS = st.lists(
    st.builds(
        Lesson,
        st.just("L"),
        halves=st.sampled_from([1, 2, 2, 2, 3, 4]),
        on=either(None, None, None, rare=DAYS),
        not_before=either(None, None, rare=DAYS),
        by=either(None, rare=DAYS),
        last_before=either(None, None, None, None, rare=DAYS),
        term=st.sampled_from(["", "", "", "spring"]),
    ).filter(lambda one: not (one.on and one.last_before)),
    max_size=9,
)
TERMS = st.sampled_from([frozenset(), frozenset({"spring"})])
MEETINGS = st.lists(st.builds(Meeting, DAYS, st.sampled_from([2, 2, 2, 4]), TERMS), max_size=12).map(
    lambda several: sorted(several, key=lambda one: one.day)
)


def plainly_laid(lessons, meetings, start):
    """The rules as a loop: a lesson takes the first meetings in which what is left of it, or of them, has room."""
    size = [0 if start and one.day < start else one.room for one in meetings]
    free, laid, fixed, left = list(size), set(), set(), []

    def way_from(at, halves):
        taken = []
        for place in range(at, len(meetings)):
            if halves > 0 and size[place] and free[place] >= min(halves, size[place]):
                taken.append(place)
                halves -= free[place]
        return taken if halves <= 0 else []

    def put(number, taken):
        halves = lessons[number].halves
        for part, place in enumerate(taken, 1):
            used = min(halves, free[place])
            free[place] -= used
            halves -= used
            laid.add((number, place, part, len(taken)))

    for number, lesson in enumerate(lessons):
        way = []
        if lesson.on:
            that_day = [place for place, one in enumerate(meetings) if one.day == lesson.on]
            found = way_from(that_day[0], lesson.halves) if that_day else []
            way = found if found and meetings[found[0]].day == lesson.on else []
        elif lesson.last_before:
            before = [place for place, one in enumerate(meetings) if one.day < lesson.last_before]
            ways = [found for place in before if (found := way_from(place, lesson.halves)) and found[-1] in before]
            way = ways[-1] if ways else []
        if way:
            put(number, way)
            fixed.add(number)
    at = 0
    for number, lesson in enumerate(lessons):
        fits = [not lesson.term or lesson.term in one.terms for one in meetings]
        may = [
            fit and (not lesson.not_before or one.day >= lesson.not_before)
            for fit, one in zip(fits, meetings, strict=True)
        ]
        first = next((place for place in range(at, len(meetings)) if may[place]), None)
        way = way_from(first, lesson.halves) if first is not None else []
        if number not in fixed and way and all(fits[place] for place in way):
            put(number, way)
            at = way[-1]
        elif number not in fixed:
            left.append(number)
    return laid, left


@settings(max_examples=1200, deadline=None)
@given(lessons=LESSONS, meetings=MEETINGS, start=st.none() | st.integers(0, 10).map(on))
def test_lessons_are_laid_as_the_rules_say(lessons, meetings, start):
    found = lay(lessons, meetings, LayingRules(start))
    laid, left = plainly_laid(lessons, meetings, start)
    assert {(one.lesson, one.meeting, one.part, one.parts) for one in found.laid} == laid
    assert found.left == left
    in_their_order = sorted(found.laid, key=lambda one: (one.lesson, one.part))
    pinned = {number for number, one in enumerate(lessons) if one.is_pinned} - set(found.without_meeting)
    flowing = [one.meeting for one in in_their_order if one.lesson not in pinned]
    assert flowing == sorted(flowing)


@pytest.mark.parametrize(
    ("text", "halves"),
    [("", 2), ("1", 2), ("2", 4), ("1.5", 3), ("half", 1), ("½", 1), ("0,5", 1), ("double", 4), ("2 lessons", 4),
     ("1.3", None), ("0", None), ("long", None), ("99", None)],
)  # fmt: skip
def test_lengths_are_numbers_of_meetings(text, halves):
    assert length_in_halves(text) == halves


SHEETS = {
    "terms.csv": "Term,First day,Last day\nAutumn,2026-09-07,2026-10-16\nWinter,2026-10-19,2026-11-13\n",
    "bells.csv": "Period,Start,End\n1,8:15,9:00\n2,9:05,9:50\n3,10:15,11:00\n",
    "timetable.csv": "Class,Course,Teacher,Room,Day,Period\nPLK-1,Planking,V,Shed,Tue,1\nPLK-1,Planking,V,Shed,Thu,2\n"
    "PLK-2,Planking,P,Loft,Wed,1\nNAV-1,Charts,P,Loft,Mon,1\nNAV-1,Charts,P,Loft,Mon,2\n",
    "closures.csv": "Name,From,To\nFair,2026-09-29,2026-09-29\n",
}
PLAN = """[school]
name = "S"
zone = "America/Halifax"
[sheets]
within = "2026-09-01..2027-08-31"
[year]
terms = "terms.csv"
closures = "closures.csv"
[bells]
sheets = "bells.csv"
[sources.tt]
sheets = "timetable.csv"
[lessons.list]
sheets = "lessons.csv"
{more}
[calendars.classes]
sources = ["tt"]
split = "class"
{calendar}
"""


def built(desk, lessons, more="", calendar="", *options, **sheets):
    for name, text in {**SHEETS, "lessons.csv": lessons}.items():
        desk.put(name, sheets.get(name.removesuffix(".csv"), text))
    desk.put("nomarium.toml", PLAN.format(more=more, calendar=calendar))
    return desk.run("build", "--json", "--accept", *options)


def in_time(desk, name):
    return sorted(events_in(desk.folder / f"calendars/{name}.ics"), key=lambda event: event.start)


def titles(desk, name="classes/PLK-1", first=6):
    """What the first meetings say behind the class's name, "-" for nothing."""
    return [str(event["SUMMARY"]).partition(": ")[2] or "-" for event in in_time(desk, name)[:first]]


FREE = "meetings-free"
# (the rows, what the first six meetings of PLK-1 are about, the codes of the problems)
LAID = {
    "in order": ("A\nB\nC\n", ["A", "B", "C", "-", "-", "-"], [FREE]),
    "by their numbers": ("C,3\nA,1\nB,2\n", ["A", "B", "C", "-", "-", "-"], [FREE]),
    "a number lacks": ("A,1\nC,3\n", ["A", "C", "-", "-", "-", "-"], ["lesson-number-missing", FREE]),
    "a number twice": ("A,1\nB,1\n", ["A", "B", "-", "-", "-", "-"], ["lesson-number-twice", FREE]),
    "some without a number": ("B,2\nA\n", ["B", "A", "-", "-", "-", "-"], ["lesson-without-number", FREE]),
    "lengths": ("A,,2\nB,,half\nC,,half\nD\n", ["A (1/2)", "A (2/2)", "B / C", "D", "-", "-"], [FREE]),
    "a pin": ("A\nB,,,2026-09-10\nC\n", ["A", "B", "C", "-", "-", "-"], [FREE]),
    "a pin further on": ("A\nB,,,2026-09-17\nC\n", ["A", "C", "-", "B", "-", "-"], [FREE]),
    "a pin without a meeting": ("A\nB,,,2026-09-18\nC\n", ["A", "B", "C", "-", "-", "-"], ["pin-without-meeting", FREE]),
    "the last meeting before": ("A\nB,,,,2026-09-17\nC\n", ["A", "C", "B", "-", "-", "-"], [FREE]),
    "not before": ("A\nB,,,,,2026-09-15\nC\n", ["A", "-", "B", "C", "-", "-"], ["lesson-waits", FREE]),
    "late": ("A\nB\nC,,,,,,2026-09-10\n", ["A", "B", "C", "-", "-", "-"], ["lesson-late", FREE]),
    "too many": ("".join(f"L{n}\n" for n in range(1, 22)), ["L1", "L2", "L3", "L4", "L5", "L6"], ["lessons-left"]),
    "a bad length": ("A,,long\n", None, ["unknown-lesson-length"]),
    "two pins": ("A,,,2026-09-10,2026-09-17\n", None, ["two-pins"]),
    "no title": (",1,2\nA,2\n", None, []),
}  # fmt: skip


@pytest.mark.parametrize("name", LAID)
def test_a_list_is_laid_onto_the_meetings_of_its_class(desk, name):
    rows, expected, codes = LAID[name]
    run = built(desk, "Lesson,No.,Length,On,Last meeting before,Not before,By\n" + rows, 'classes = "plk-1"')
    if name == "no title":  # a row that says nothing of a lesson is none
        assert titles(desk) == ["A", "-", "-", "-", "-", "-"]
        return
    assert run.status == (expected is None), run.err
    assert sorted(problem["code"] for problem in run.report["problems"]) == sorted(codes)
    if expected is not None:
        assert titles(desk) == expected
    if name == "too many":
        (problem,) = run.report["problems"]
        told = "PLK-1: 21 lessons for 19 meetings until Thu 12 Nov 2026: “L20”, “L21” are left."
        assert (problem["message"], problem["cells"]) == (told, ["A21:G21"])


def test_lists_find_their_classes_and_calendars_say_what_the_plan_wants(desk):
    sheet = (
        "Class,Lesson,Unit,Text,Homework,Link,Teacher notes\n"
        "PLK-1; PLK-2,Grain,Wood,Look,Draw,https://example.org,Bring oak\nPLK-3,X,,,,,\nCharts,Tides,,,,,\n"
    )
    pattern = (
        'title = "{course}: {lesson}"\ndescription = "{text}\\nHomework: {homework}"\n'
        '[calendars.teachers]\nsources = ["tt"]\nsplit = "teacher"'
    )
    run = built(desk, sheet, "", pattern)
    (problem,) = [problem for problem in run.report["problems"] if problem["severity"] == "warning"]
    assert (problem["code"], "Did you mean “PLK-" in problem["message"]) == ("lessons-without-class", True)
    first, second, *_ = in_time(desk, "classes/PLK-1")
    assert (str(first["SUMMARY"]), str(first["DESCRIPTION"])) == ("Planking: Grain", "Look\nHomework: Draw")
    assert (str(second["SUMMARY"]), "DESCRIPTION" in second) == ("Planking", False)
    assert titles(desk, "classes/PLK-2", 1) + titles(desk, "classes/NAV-1", 1) == ["Grain", "Tides"]
    event = in_time(desk, "teachers/V")[0]
    assert str(event["SUMMARY"]) == "Planking (PLK-1): Grain"
    assert str(event["DESCRIPTION"]).splitlines()[1:] == [
        "Wood",
        "Look",
        "Homework: Draw",
        "https://example.org",
        "Bring oak",
    ]
    assert "oak" not in (desk.folder / "calendars/classes/PLK-1.ics").read_text()
    assert built(desk, sheet.replace("Class,", "Whatever,"), "").status == 1


@pytest.mark.parametrize(
    ("more", "expected", "how_often"),
    [('first = "B"', ["B", "C", "-"], 1), ("start = 2026-09-10", ["-", "A", "B"], 1), ('again = "each term"', ["A", "B", "C"], 2),
     ('first = "Z"', None, 0)],
)  # fmt: skip
def test_from_where_a_list_is_laid(desk, more, expected, how_often):
    run = built(desk, "Lesson,No.\nA,1\nB,2\nC,3\n", f'classes = ["PLK-1"]\n{more}')
    assert run.status == (expected is None)
    if expected:
        assert titles(desk, first=3) == expected
        assert titles(desk, first=99).count("C") == how_often


def test_a_double_has_room_for_one_or_two_and_lessons_stand_as_events(desk):
    sheet = "Lesson,No.\nTides,1\nCurrents,2\n"
    built(desk, sheet, 'classes = "NAV-1"')
    assert titles(desk, "classes/NAV-1", 2) == ["Tides", "Currents"]
    built(desk, sheet, 'classes = "NAV-1"\ndoubles = "two"')
    assert titles(desk, "classes/NAV-1", 2) == ["Tides / Currents", "-"]
    own = '[calendars.plan]\nsources = ["list"]\nfile = "plan.ics"'
    as_events = 'classes = "NAV-1"\nshow = "as events"'
    built(desk, sheet, as_events, own)
    before = {str(event["SUMMARY"]): str(event["UID"]) for event in events_in(desk.folder / "calendars/plan.ics")}
    assert list(before) == ["NAV-1: Tides", "NAV-1: Currents"]
    assert titles(desk, "classes/NAV-1", 2) == ["-", "-"]
    built(desk, sheet, as_events, own, closures="Name,From,To\nStorm,2026-09-07,2026-09-07\n")
    now = events_in(desk.folder / "calendars/plan.ics")
    assert {str(event["SUMMARY"]): str(event["UID"]) for event in now} == before
    assert [event.start.date().isoformat() for event in now] == ["2026-09-14", "2026-09-21"]


def test_lessons_flow_and_the_update_says_what_moved(desk):
    sheet = "Lesson,No.\n" + "".join(f"L{n},{n}\n" for n in range(1, 20))
    of_class = 'classes = "PLK-1"'
    assert built(desk, sheet, of_class).report["lessons"] == []
    uids = [str(event["UID"]) for event in in_time(desk, "classes/PLK-1")]
    foreseen = desk.run("days", "--close", "2026-09-15").out
    storm = SHEETS["closures.csv"] + "Storm,2026-09-15,2026-09-15\n"
    run = built(desk, sheet, of_class, "", "--updates", "u", closures=storm)
    told = "PLK-1: L3 moves from Tue 15 to Thu 17 Sep, and 15 after it"
    assert run.report["lessons"] == [told, "PLK-1: L19 is no longer laid"]
    assert told in foreseen
    assert "19 lessons for 18 meetings until Thu 12 Nov 2026: “L19” is left" in foreseen
    now = [str(event["UID"]) for event in in_time(desk, "classes/PLK-1")]
    assert now == [uid for number, uid in enumerate(uids) if number != 2]
    assert len(events_in(desk.folder / "u/classes/PLK-1.ics")) == 17
    inserted = built(desk, sheet.replace("L2,2\n", "L2,2\nNew,2.1\n"), of_class, closures=storm).report["lessons"]
    assert inserted[:2] == ["PLK-1: L3 moves from Thu 17 to Tue 22 Sep, and 14 after it", "PLK-1: New is new"]
    desk.put("changes.csv", "Date,Class,Change\n2026-09-08,PLK-1,cancelled\n")
    cancelled = built(desk, sheet, f'{of_class}\n[classes]\nchanges = "changes.csv"', closures=storm).report["lessons"]
    assert cancelled[0].startswith("PLK-1: L1 moves from Tue 8 to Thu 10 Sep")


def test_notes_stand_in_their_meetings_and_never_stop_a_build(desk):
    notes = [
        "2026-09-15,PLK-1,,Test on the book",
        "2026-09-14,P,1,Bring charts",
        "2026-09-16,PLK-1,,nobody",
        ",PLK-1,,when?",
    ]
    desk.put("notes.csv", "\n".join(["Date,Class,Period,Note", *notes]) + "\n")
    run = built(desk, "Lesson,No.\nA,1\n", 'classes = "PLK-1"\n[classes]\nnotes = "notes.csv"')
    assert run.status == 0, run.err
    assert sorted(problem["code"] for problem in run.report["problems"]) == [
        "incomplete-note",
        FREE,
        "note-without-meeting",
    ]
    said = {
        f"{name} {event.start:%m-%d}": str(event["DESCRIPTION"])
        for name in ("PLK-1", "NAV-1")
        for event in events_in(desk.folder / f"calendars/classes/{name}.ics")
    }
    with_notes = {day: text.splitlines()[-1] for day, text in said.items() if "book" in text or "charts" in text}
    assert with_notes == {"PLK-1 09-15": "Test on the book", "NAV-1 09-14": "Bring charts"}


def test_lessons_are_drafted_and_have_blank_sheets(desk):
    for name, text in {**SHEETS, "lessons.csv": "Class,No.,Lesson,Homework\nPLK-1,1,Grain,Draw\n"}.items():
        desk.put(name, text)
    run = desk.run("new", ".", *SHEETS, "lessons.csv", "--zone", "America/Halifax")
    assert run.status == 0, run.err
    assert '[lessons.lessons]\nsheets = "lessons.csv"' in (desk.folder / "nomarium.toml").read_text()
    assert desk.run("build").status == 0
    assert titles(desk, first=2) == ["Grain", "-"]
    for kind in ("lessons", "notes"):
        assert desk.run("sheet", kind, "-o", f"{kind}.xlsx").status == 0
    assert desk.run("sheet", "lessons", "-o", "blank.csv").status == 0
    assert "Example: Tides" in (desk.folder / "blank.csv").read_text("utf-8-sig")


def test_a_timetable_for_the_wall_holds_for_all_weeks(desk):
    built(desk, "Lesson,No.\nA,1\nB,2\n", 'classes = "PLK-1"')
    call = ["show", ".", "--only", "class=PLK-1", "--wall", "-o"]
    assert desk.run(*call, "wall.svg").status == 0
    text = (desk.folder / "wall.svg").read_text()
    assert ("Planking" in text or "PLK-1" in text, "Besides" in text, "Planking (PLK-1): A" in text) == (
        True,
        False,
        False,
    )


def test_a_name_is_a_class_before_it_is_a_teacher(desk):
    timetable = SHEETS["timetable.csv"] + "P,Pumps,V,Shed,Fri,1\n"
    built(desk, "Lesson,No.\nA,1\nB,2\n", 'classes = "P"', timetable=timetable)
    assert titles(desk, "classes/P", 2) == ["A", "B"]
    assert titles(desk, "classes/PLK-2", 2) == titles(desk, "classes/NAV-1", 2) == ["-", "-"]
