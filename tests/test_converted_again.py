"""Correct the sheet, convert again, import again: the same events, changed; whatever a calendar program makes of it."""

import csv
import io
import random
import shutil
import tempfile
from pathlib import Path

import pytest
from hypothesis import HealthCheck, settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, rule

from calendar_programs import OFFICE, SHOWN_DENTIST, BluntProgram, Program, edited, said_by
from conftest import EPOCH, Desk, events_in

LIST = "Title,Date,Start,End,Where\n"
A, B, C, D, E = ROWS = (
    "Muster,2026-09-08,9:00,10:00,Shed\n", "Staff meeting,2026-09-09,15:00,16:00,Office\n", "Regatta,2026-09-15,9:00,12:00,Slip\n",
    "Open day,2026-10-03,10:00,15:00,Yard\n", "Closing,2026-12-18,10:00,12:00,Hall\n",
)  # fmt: skip
WHOLE = LIST + "".join(ROWS)


def convert(desk, sheet, *options, out="out.ics", day=0, name="list.csv"):
    desk.put(name, sheet)
    return desk.run(
        "convert", name, "-o", out, "--json", *options, env={"SOURCE_DATE_EPOCH": str(int(EPOCH) + 86_400 * day)}
    )


def known(path):
    return {str(event["SUMMARY"]): (str(event["UID"]), int(event.get("SEQUENCE", 0))) for event in events_in(path)}


# (the sheet as it is corrected, what the report counts, the titles whose events have a higher SEQUENCE)
CORRECTED = {
    "nothing": (WHOLE, {"same": 5}, []),
    "the order": (LIST + E + D + C + B + A, {"same": 5}, []),
    "a time": (WHOLE.replace("15:00,16:00", "15:30,16:30"), {"moved": 1, "same": 4}, ["Staff meeting"]),
    "an end": (WHOLE.replace("15:00,16:00", "15:00,16:30"), {"moved": 1, "same": 4}, ["Staff meeting"]),
    "a day": (WHOLE.replace("09-15", "09-22"), {"moved": 1, "same": 4}, ["Regatta"]),
    "a title": (WHOLE.replace("Staff meeting", "Staff meeting (all)"), {"changed": 1, "same": 4}, ["Staff meeting (all)"]),
    "a place": (WHOLE.replace("Slip", "Loft"), {"changed": 1, "same": 4}, ["Regatta"]),
    "a row less": (LIST + A + B + D + E, {"gone": 1, "same": 4}, []),
    "a row more": (WHOLE + "Fair,2026-11-02,9:00,10:00,Yard\n", {"added": 1, "same": 5}, []),
    "ids": ("Id," + WHOLE.replace("\n", "\nx").removesuffix("x").replace("x", "m@example.org,", 1).replace("\nx", "\n,"),
            {"same": 5}, []),
}  # fmt: skip


@pytest.mark.parametrize("name", CORRECTED)
def test_a_corrected_sheet_corrects_the_calendar(desk, name):
    sheet, counts, raised = CORRECTED[name]
    assert convert(desk, WHOLE).report["changes"] == {}
    first, before = (desk.folder / "out.ics").read_bytes(), known(desk.folder / "out.ics")
    shutil.copy(desk.folder / "out.ics", desk.folder / "earlier.ics")
    run = convert(desk, sheet, day=1)
    assert run.status == 0, run.err
    assert {what: count for what, count in run.report["changes"].items() if count} == counts
    now = known(desk.folder / "out.ics")
    assert {title for title, (_, sequence) in now.items() if sequence} == set(raised)
    stayed = len(ROWS) - counts.get("gone", 0)
    assert len({uid for uid, _ in before.values()} & {uid for uid, _ in now.values()}) == stayed
    if counts == {"same": 5} and name == "nothing":
        assert (desk.folder / "out.ics").read_bytes() == first
    # The same from a copy of what was imported, under another name; and again, with nothing to do.
    assert convert(desk, sheet, "--since", "earlier.ics", out="other name.ics", day=1, name="v2.csv").status == 0
    assert known(desk.folder / "other name.ics") == now
    written = (desk.folder / "out.ics").read_bytes()
    again = convert(desk, sheet, day=2).report["changes"]
    assert (again["same"], (desk.folder / "out.ics").read_bytes() == written) == (len(now), True)


def test_uids_follow_from_the_event_and_a_stated_calendar_alone(desk):
    convert(desk, WHOLE)
    convert(desk, WHOLE, out="elsewhere.ics", name="v2.csv")
    convert(desk, WHOLE, "--calendar", "Yard", out="yard.ics")
    convert(desk, WHOLE, "--calendar", "Yard", out="yard 2.ics")
    one, other, yard, again = (known(desk.folder / f"{name}.ics") for name in ("out", "elsewhere", "yard", "yard 2"))
    assert (one == other, yard == again, one.keys() == yard.keys(), set(one.values()) & set(yard.values())) == (
        True,
        True,
        True,
        set(),
    )


def test_the_guard_and_what_passes_it(desk):
    many = LIST + "".join(f"Lesson {n},2026-10-{n:02},9:00,10:00,Loft\n" for n in range(1, 21))
    convert(desk, many)
    before = (desk.folder / "out.ics").read_bytes()
    for options in ([], ["--dry-run"], ["--updates", "u.ics"]):
        run = convert(desk, WHOLE, *options, day=1)
        assert (run.status, [code for code, _ in run.codes]) == (1, ["too-much-gone"])
        assert (desk.folder / "out.ics").read_bytes() == before
        assert not (desk.folder / "u.ics").exists()
    assert convert(desk, WHOLE, "--fresh", out="fresh.ics").status == 0
    assert convert(desk, WHOLE, "--accept", day=1).report["changes"]["gone"] == 20
    # An event that comes back stands above its cancellation.
    convert(desk, WHOLE + "Lesson 3,2026-10-03,9:00,10:00,Loft\n", day=2)
    assert known(desk.folder / "out.ics")["Lesson 3"][1] == 2


def test_a_split_folder_goes_on_and_names_who_is_gone(desk):
    sheet = "Title,Date,Teacher\nA,2026-09-08,Al\nB,2026-09-09,Bo\nC,2026-09-10,Al\n"
    convert(desk, sheet, "--split", "Teacher", out="who")
    before = {**known(desk.folder / "who/Al.ics"), **known(desk.folder / "who/Bo.ics")}
    run = convert(desk, sheet.replace("Bo", "Cy"), "--split", "Teacher", "--updates", "up", out="who", day=1)
    assert run.status == 0, run.err
    assert [(problem["code"], problem["file"]) for problem in run.report["problems"]] == [
        ("no-longer-split", "who/Bo.ics"),
        ("people-in-text", "list.csv"),
    ]
    assert known(desk.folder / "who/Cy.ics")["B"][0] == before["B"][0]
    assert [str(event["STATUS"]) for event in events_in(desk.folder / "up/Bo.ics")] == ["CANCELLED"]
    assert [str(event["STATUS"]) for event in events_in(desk.folder / "who/Bo.ics")] == ["CANCELLED"]
    assert sorted(path.name for path in (desk.folder / "up").iterdir()) == ["Bo.ics", "Cy.ics"]
    again = convert(desk, sheet.replace("Bo", "Cy"), "--split", "Teacher", out="who", day=2)
    assert again.report["changes"]["same"] == 3
    assert [problem["code"] for problem in again.report["problems"]] == ["people-in-text"]


def test_what_cannot_be_carried_on_is_refused(desk):
    convert(desk, WHOLE)
    whole = (desk.folder / "out.ics").read_bytes()
    desk.put("out.ics", whole[:900])
    run = convert(desk, WHOLE, day=1)
    assert (run.status, "--fresh" in run.err) == (1, True)
    assert (desk.folder / "out.ics").read_bytes() == whole[:900]
    assert convert(desk, WHOLE, "--updates", "u.ics", out="new.ics").status == 2
    assert convert(desk, WHOLE, "--fresh", "--updates", "u.ics").status == 2
    desk.put("out.ics", whole)
    run = convert(desk, WHOLE + "Bad,not a day,,,\n", "--keep-going", "--updates", "u.ics", day=1)
    assert (run.status, "needs every row" in run.err) == (2, True)


SERIES = """BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Other//EN\r\nBEGIN:VEVENT\r\nUID:choir@example.org\r
DTSTAMP:20260101T000000Z\r\nSEQUENCE:3\r\nDTSTART;TZID=America/Halifax:20260908T160000\r
DTEND;TZID=America/Halifax:20260908T170000\r\nRRULE:FREQ=WEEKLY;COUNT=48\r\nSUMMARY:Choir\r\nX-FOO:bar\r
ATTENDEE;CN=Ann;PARTSTAT=ACCEPTED:mailto:ann@example.org\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"""

# (what is done to the rows, the EXDATEs and changed occurrences that come of it)
PUT_BACK = {
    "nothing": (lambda rows: rows, 0, []),
    "a row taken out": (lambda rows: rows[:5] + rows[6:], 1, []),
    "a time moved": (lambda rows: [*rows[:3], {**rows[3], "start": "2026-09-29T15:30"}, *rows[4:]], 0, ["Choir"]),
    "a title and a place": (
        lambda rows: [*rows[:3], {**rows[3], "summary": "Concert", "location": "Hall"}, *rows[4:]], 0, ["Concert"]),
    "a day all its own": (
        lambda rows: [*rows[:3], {**rows[3], "start": "2026-09-29", "end": "2026-09-29", "all_day": "yes", "zone": ""}, *rows[4:]],
        0, ["Choir"]),
}  # fmt: skip


def rows_of(desk, name):
    return list(csv.DictReader(io.StringIO((desk.folder / name).read_text("utf-8-sig"))))


def csv_of(rows):
    text = io.StringIO()
    writer = csv.DictWriter(text, rows[0].keys())
    writer.writeheader()
    writer.writerows(rows)
    return text.getvalue()


@pytest.mark.parametrize("name", PUT_BACK)
def test_a_series_edited_as_rows_is_that_series_again(desk, name):
    change, left_out, changed = PUT_BACK[name]
    desk.put("choir.ics", SERIES)
    run = desk.run("convert", "choir.ics", "-o", "rows.csv", "--json")
    assert ("not-in-rows", None) in run.codes
    rows = change(rows_of(desk, "rows.csv"))
    run = convert(desk, csv_of(rows), out="alone.ics")
    assert (run.status, [code for code, _ in run.codes]) == (1, ["rows-of-a-series"])
    run = convert(desk, csv_of(rows), "--since", "choir.ics", "--updates", "u.ics", out="back.ics", day=1)
    assert run.status == 0, run.err
    master, *others = sorted(events_in(desk.folder / "back.ics"), key=lambda event: "RECURRENCE-ID" in event)
    assert {str(event["UID"]) for event in (master, *others)} == {"choir@example.org"}
    assert str(master["X-FOO"]) == "bar"
    assert master["ATTENDEE"].params["PARTSTAT"] == "ACCEPTED"
    assert (len(master["EXDATE"].dts) if "EXDATE" in master else 0) == left_out
    assert [str(event["SUMMARY"]) for event in others] == changed
    assert int(master["SEQUENCE"]) == 3 + (left_out > 0)
    assert all(int(event["SEQUENCE"]) >= int(master["SEQUENCE"]) for event in others)
    assert run.report["changes"]["same"] == (0 if left_out or changed else 1)


def test_rows_that_are_no_dates_of_the_series_are_told(desk):
    desk.put("choir.ics", SERIES)
    desk.run("convert", "choir.ics", "-o", "rows.csv")
    rows = rows_of(desk, "rows.csv")
    odd = [{**rows[0], "id": rows[0]["id"].replace("T16", "T17")}, *rows[1:], {**rows[4], "id": "", "summary": "New"}]
    run = convert(desk, csv_of(odd), "--since", "choir.ics", out="back.ics")
    assert sorted(code for code, _ in run.codes) == ["dates-outside-rows", "no-date-of-series", "row-without-id"]
    desk.put("b.csv", csv_of(rows[:2]))
    run = desk.run("convert", "rows.csv", "b.csv", "-o", "back.ics", "--since", "choir.ics", "--json")
    assert {code for code, _ in run.codes} >= {"row-stands-twice"}
    assert not (desk.folder / "back.ics").exists()
    assert convert(desk, csv_of(rows), "--fresh", out="own.ics").report["events"] == 48


def test_an_export_of_a_calendar_program_is_carried_on_and_its_own_events_are_left_alone(desk):
    convert(desk, WHOLE)
    program = Program()
    program.take((desk.folder / "out.ics").read_bytes())
    desk.put("export.ics", program.export())
    sheet = WHOLE.replace("15:00,16:00", "15:30,16:30").replace(C, "")
    run = convert(desk, sheet, "--since", "export.ics", "--updates", "u.ics", out="new.ics", day=1)
    assert {what: count for what, count in run.report["changes"].items() if count} == {"moved": 1, "gone": 1, "same": 3}
    assert [code for code, _ in run.codes] == ["not-ours"]
    program.take((desk.folder / "u.ics").read_bytes())
    assert program.shown() == sorted([*map(said_by, events_in(desk.folder / "new.ics")), SHOWN_DENTIST])


@pytest.mark.parametrize("seed", range(3))
def test_thousands_of_moved_events_of_one_title_keep_their_identities(desk, seed):
    chance = random.Random(seed)
    days = sorted(chance.sample(range(28 * 12), 320))

    def sheet(hour):
        return LIST + "".join(
            f"Choir,2026-{1 + day // 28:02}-{1 + day % 28:02},{hour}:00,{hour + 1}:00,Loft\n" for day in days
        )

    convert(desk, sheet(9))
    before = [str(event["UID"]) for event in events_in(desk.folder / "out.ics")]
    run = convert(desk, sheet(14), day=1)
    assert run.report["changes"]["moved"] == 320
    assert [str(event["UID"]) for event in events_in(desk.folder / "out.ics")] == before


def test_a_retraction_is_kept_in_the_file_and_by_the_plan_that_takes_it_over(desk):
    convert(desk, WHOLE)
    assert desk.run("retract", "out.ics", "-o", "back").status == 0
    assert {str(event["STATUS"]) for event in events_in(desk.folder / "out.ics")} == {"CANCELLED"}
    assert desk.run("retract", "out.ics", "-o", "back").out.startswith("Nothing")
    assert desk.run("retract", ".", "-o", "back", "--only", "ou").status == 2
    assert convert(desk, WHOLE, day=1).report["changes"]["changed"] == 5
    assert {sequence for _, sequence in known(desk.folder / "out.ics").values()} == {2}
    saved = desk.run("convert", "list.csv", "-o", "out.ics", "--save-plan", "plan.toml")
    assert saved.status == 0, saved.err
    before = known(desk.folder / "out.ics")
    assert desk.run("build", "plan.toml").status == 0
    assert known(desk.folder / "out.ics") == before
    desk.put("list.csv", WHOLE.replace("Shed", "Loft"))
    assert desk.run("build", "plan.toml").status == 0
    shutil.rmtree(desk.folder / ".nomarium")
    desk.put("list.csv", WHOLE.replace("09-15", "09-16"))
    assert desk.run("build", "plan.toml").status == 0
    now = known(desk.folder / "out.ics")
    assert {title: uid for title, (uid, _) in now.items()} == {title: uid for title, (uid, _) in before.items()}
    assert (now["Muster"][1], now["Regatta"][1], now["Closing"][1]) == (4, 3, 2)


CHANCE = st.randoms(use_true_random=False)


class ConvertedCalendar(RuleBasedStateMachine):
    """A list that is converted again and again, and two calendar programs: one to the letter, one blunt."""

    def __init__(self):
        super().__init__()
        self.held = tempfile.TemporaryDirectory()
        self.desk, self.day, self.names = Desk(Path(self.held.name)), 0, iter(range(1000))
        self.sheet, self.out = OFFICE, "office.ics"
        self.programs = [Program(), BluntProgram()]
        self.convert()
        self.take(self.out)
        self.imported = self.copy()

    def convert(self, *options, sheet="office.csv"):
        if sheet == "office.csv":
            self.desk.put(sheet, self.sheet)
        self.day += 1
        moment = {"SOURCE_DATE_EPOCH": str(int(EPOCH) + 86_400 * self.day)}
        run = self.desk.run("convert", sheet, "-o", self.out, "--accept", "--json", *options, env=moment)
        assert run.status == 0, run.err
        return run.report

    def take(self, name):
        for program in self.programs:
            program.take((self.desk.folder / name).read_bytes())

    def copy(self):
        name = f"imported-{next(self.names)}.ics"
        shutil.copy(self.desk.folder / self.out, self.desk.folder / name)
        return name

    @rule(chance=CHANCE)
    def the_sheet_changes(self, chance):
        _, self.sheet = edited(chance, "Class,Course,Teacher,Room,Day,Period\nA,B,C,D,Mon,1\n", self.sheet)
        self.convert()

    @rule(chance=CHANCE)
    def the_output_gets_another_name(self, chance):
        earlier, self.out = self.out, f"office-{next(self.names)}.ics"
        self.convert("--since", earlier)

    @rule()
    def all_is_taken_back(self):
        assert self.desk.run("retract", self.out, "-o", "back").status == 0
        back = self.desk.folder / "back" / self.out
        if back.exists():
            self.take(f"back/{self.out}")
            back.unlink()

    @rule(chance=CHANCE)
    def rows_are_exported_edited_and_put_back(self, chance):
        assert self.desk.run(
            "convert", self.out, "-o", "rows.csv", "--without", "status=cancelled", "--force"
        ).status in (0, 1)
        rows = rows_of(self.desk, "rows.csv") if (self.desk.folder / "rows.csv").exists() else []
        if rows:
            row = chance.choice(rows)
            row[chance.choice(("summary", "location"))] += "?"
            self.desk.put("edited.csv", csv_of(rows))
            self.convert(sheet="edited.csv")
            (self.desk.folder / "rows.csv").unlink()

    @rule()
    def the_small_file_is_imported(self):
        if (self.desk.folder / "u.ics").exists():
            (self.desk.folder / "u.ics").unlink()
        self.convert("--since", self.imported, "--updates", "u.ics")
        if (self.desk.folder / "u.ics").exists():
            self.take("u.ics")
        self.imported = self.copy()
        now = [said_by(event) for event in events_in(self.desk.folder / self.out) if event.get("STATUS") != "CANCELLED"]
        for program in self.programs:
            assert program.shown() == sorted([*now, SHOWN_DENTIST]), type(program)
        assert self.convert()["changes"]["same"] == len(now)

    def teardown(self):
        self.the_small_file_is_imported()
        self.held.cleanup()


ConvertedCalendar.TestCase.settings = settings(
    max_examples=5, stateful_step_count=8, deadline=None, suppress_health_check=list(HealthCheck)
)
test_every_program_ends_with_the_last_truth = ConvertedCalendar.TestCase
