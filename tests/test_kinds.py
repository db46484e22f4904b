"""Every kind of sheet is read in one way: told from the others, each heading known, each column accounted for."""

import csv
import io
import json
import random

import pytest
from hypothesis import HealthCheck, example, given, settings
from hypothesis import strategies as st

from conftest import CONVERT
from headings_of_systems import SYSTEMS
from kind_samples import SAMPLES
from nomarium.cli.asker import asker_of
from nomarium.cli.commands import NAMES as COMMANDS
from nomarium.core.columns import Headings, Holds, Kind
from nomarium.core.inspection import look
from nomarium.core.kinds import SHEET_KINDS
from nomarium.core.problems import Place, Way
from nomarium.core.recognition import recognise
from nomarium.core.sheets import SheetChoices, read_sheet
from nomarium.core.tables import read_grids
from nomarium.core.values import DateChoices, NameReader
from nomarium.settings import BY_PLAN, SETTINGS, advice_words

KINDS = list(SHEET_KINDS)


def grid_of(folder, text, name="sheet.csv"):
    (folder / name).write_text(text, "utf-8")
    return read_grids(folder / name)[0][0]


def choices(folder, **stated):
    return SheetChoices(folder / "sheet.csv", Place("sheet.csv"), **stated)


def test_each_kind_has_a_sample_and_three_systems_of_headings():
    assert set(SAMPLES) == set(SYSTEMS) == {str(kind) for kind in KINDS}
    for kind, systems in SYSTEMS.items():
        assert len(systems) == 3, kind
        assert all(len(line.split("|")) >= 25 for line in systems), kind


@pytest.mark.parametrize("kind", KINDS)
def test_the_headings_of_other_systems_are_known_or_said_not_to_be_used(kind):
    known = Headings(SHEET_KINDS[kind])
    for line in SYSTEMS[kind.value]:
        meant = dict(entry.rsplit("=", 1) for entry in line.split("|"))
        assert {heading: known(heading) or "-" for heading in meant} == meant


@pytest.mark.parametrize("kind", KINDS)
def test_a_kind_is_told_from_its_sheet_and_shown_with_each_column(desk, kind):
    desk.put("sheet.csv", SAMPLES[kind.value])
    run = desk.run("inspect", "sheet.csv", "--json")
    assert run.status == 0, run.err
    report = run.report
    (shown,) = report["sheets"] + report["other_sheets"]
    assert shown["kind"] == kind.value
    headings = SAMPLES[kind.value].split("\n")[0].split(",")
    used = {column["heading"]: column.get("used_as", column.get("field")) for column in shown["columns"]}
    assert list(used) == headings
    assert all(used.values()), used
    assert shown.get("first") or shown["first_events"]
    assert "Traceback" not in desk.run("inspect", "sheet.csv").err


def test_convert_says_what_reads_a_grid(desk):
    for name, grid in {
        "refused.csv": "Teacher: V\nPeriod,Mon,Tue\n1,A,\n2,,B\n",
        "other.csv": ",Mon,Tue\nP1,A,\nP2,,B\n",
    }.items():
        desk.put(name, grid)
        run = desk.run("convert", name, "-o", "out.ics")
        assert run.status == 1
        assert "This looks like timetable, a grid: days stand along one side (Monday, Tuesday)" in run.err
        assert f"“nomarium new . {name}” drafts a plan that reads it" in run.err


@pytest.mark.parametrize("kind", [kind for kind in KINDS if kind is not Kind.EVENTS])
def test_every_kind_takes_the_same_statements(tmp_path, kind):
    """--only, --without, columns given to fields, and what holds for the whole sheet: for each kind and each field."""
    described, text = SHEET_KINDS[kind], SAMPLES[kind.value]
    rows = list(csv.reader(io.StringIO(text)))
    sheet, problems = read_sheet(grid_of(tmp_path, text), described, choices(tmp_path))
    assert len(sheet) == len(rows) - 1
    assert not [problem for problem in problems if problem.severity == "error"]
    wanted = rows[1][0]
    having = sum(row[0] == wanted for row in rows[1:])
    chosen, _ = read_sheet(grid_of(tmp_path, text), described, choices(tmp_path, only=((rows[0][0], (wanted,)),)))
    others, _ = read_sheet(grid_of(tmp_path, text), described, choices(tmp_path, without=((rows[0][0], (wanted,)),)))
    assert (len(chosen), len(others)) == (having, len(rows) - 1 - having)
    for name in described.names:
        stated = {"Odd": name}
        extra = "\n".join(f"{line},{'Odd' if not number else ''}" for number, line in enumerate(text.splitlines()))
        given_field, _ = read_sheet(grid_of(tmp_path, extra), described, choices(tmp_path, columns=stated))
        assert given_field is None or given_field.matches.column(name) is not None, name
    for name in described.whole:
        if sheet.matches.column(name) is None:
            whole, _ = read_sheet(grid_of(tmp_path, text), described, choices(tmp_path, whole={name: "Yard"}))
            assert set(whole.texts(name)) == {"Yard"}, name
    nothing, (problem,) = read_sheet(grid_of(tmp_path, text), described, choices(tmp_path, whole={"nonsense": "x"}))
    assert (nothing, problem.code) == (None, "key-without-effect")


def read_as(folder, kind, text):
    grid = grid_of(folder, text)
    return look(grid, folder / "sheet.csv", recognise_as(grid, kind), DateChoices(), {})


def recognise_as(grid, kind):
    found = recognise(grid, among=(kind,))
    return found if found.kind else recognise(grid)


MUTATIONS = ("none", "moved", "renamed", "added", "taken away")


@settings(max_examples=120, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(st.sampled_from([k for k in KINDS if k is not Kind.EVENTS]), st.sampled_from(MUTATIONS), st.integers(0, 10**6))
@example(Kind.LIST, "renamed", 3)
@example(Kind.BELLS, "renamed", 1)
@example(Kind.TERMS, "renamed", 2)
def test_a_column_more_or_less_changes_nothing_without_a_word(tmp_path_factory, kind, mutation, seed):
    """The result is the same, or the report names the column."""
    chance = random.Random(seed)
    folder = tmp_path_factory.mktemp("columns")
    table = [list(column) for column in zip(*csv.reader(io.StringIO(SAMPLES[kind.value])), strict=True)]
    before = read_as(folder, kind, SAMPLES[kind.value])
    column = chance.choice(table)
    heading, new = column[0], "Zzq" + chance.choice(["first", "room", "until", ""])
    if mutation == "moved":
        table.remove(column)
        table.insert(chance.randrange(len(table) + 1), column)
    elif mutation == "renamed":
        column[0] = new
    elif mutation == "added":
        filler = chance.choice([["x", ""], ["2026-10-01"], ["9:30"], ["Dropped", "Active"], ["M. Quill"], ["17"]])
        table.insert(chance.randrange(len(table) + 1), [new, *(chance.choice(filler) for _ in column[1:])])
    elif mutation == "taken away":
        table.remove(column)
    text = io.StringIO()
    csv.writer(text).writerows(zip(*table, strict=True))
    after = read_as(folder, kind, text.getvalue())
    if mutation == "taken away":
        assert heading not in [one.heading for one in after.columns]
        return
    named = [str(one) for one in after.columns if not one.use] + [p.message for p in after.problems]
    told = (
        any((new if mutation != "moved" else heading) in words for words in named) or after.recognised.kind is not kind
    )
    assert told or sorted(after.first_things) == sorted(before.first_things)


NAMES = [
    (["Nettle, Mina", "Pell, Dora"], False, "every cell has the form word, word"),
    (["Nettle, Mina; Pell, Dora", "Quill, Ada"], False, "another separator is used"),
    (["R. Vasquel, D. Pell", "R. Vasquel"], True, "initials in front"),
    (["RV, DP", "XU"], True, "initials alone"),
    (["Ayla, Finn", "Ayla", "Finn"], True, "the parts stand alone"),
    (["Ms Hala, Mr Tuck"], True, "titles"),
    (["A. Reed, B. Moss, C. Fen"], True, "three in a cell"),
    (["Nell Farrow", "Jory Pell"], True, "no comma at all"),
    (["Sam Reed, Jr.", "Nell Farrow"], True, "a suffix parts nobody"),
]


@pytest.mark.parametrize(("cells", "between", "why"), NAMES, ids=[why for *_, why in NAMES])
def test_whether_a_comma_parts_people_is_decided_for_the_column(cells, between, why):
    reader = NameReader.of(cells, None, ())
    assert (reader.between, reader.unsure) == (between, "")


@pytest.mark.parametrize(
    ("cells", "stated", "known", "found"),
    [
        (["Nettle, Mina", "Nell Farrow"], None, (), None),
        (["Nettle, Mina", "Nell Farrow"], "within", (), ("Nettle, Mina",)),
        (["Nettle, Mina", "Nell Farrow"], "between", (), ("Nettle", "Mina")),
        (["Nettle, Mina", "Nell Farrow"], None, {"nettle, mina"}, ("Nettle, Mina",)),
        (["Nettle, Mina", "Nell Farrow"], None, {"nettle", "mina"}, ("Nettle", "Mina")),
    ],
)
def test_a_name_that_could_be_two_is_refused_or_settled(cells, stated, known, found):
    reader = NameReader.of(cells, stated, known)
    assert bool(reader.unsure) is (found is None)
    if found:
        assert reader.read(cells[0]) == found


def test_names_are_parted_alike_in_splits_and_choices(desk):
    desk.put(
        "duties.csv",
        'Duty,Date,Person\nFloats,2026-09-08,"Nettle, Mina"\nLamps,2026-09-09,"Pell, Dora; Nettle, Mina"\n',
    )
    assert (
        desk.run("convert", "duties.csv", "-o", "out", "--split", "Attendees", "--column", "Person=attendees").status
        == 0
    )
    assert sorted(path.stem for path in (desk.folder / "out").iterdir()) == ["Nettle, Mina", "Pell, Dora"]
    one = desk.run(
        "convert",
        "duties.csv",
        "-o",
        "one.ics",
        "--only",
        "attendees=Pell, Dora",
        "--column",
        "Person=attendees",
        "--json",
    )
    assert one.report["events"] == 1
    desk.put("odd.csv", 'Event,Date,Teacher\nFloats,2026-09-08,"Nettle, Mina"\nLamps,2026-09-09,Nell Farrow\n')
    refused = desk.run("convert", "odd.csv", "-o", "odd", "--split", "Teacher")
    assert refused.status == 1
    assert "Mina Nettle, or two, Nettle and Mina" in refused.err
    assert "--commas within" in refused.err
    assert desk.run("convert", "odd.csv", "-o", "odd", "--split", "Teacher", "--commas", "within").status == 0
    assert (desk.folder / "odd" / "Nettle, Mina.ics").exists()


def ways_in(advice):
    return [way for way in (advice if isinstance(advice, tuple) else ()) if isinstance(way, Way)]


def test_no_command_advises_what_it_lacks():
    for setting in SETTINGS.values():
        advice = (Way(setting.name, "do {}", "x=y" if setting.name == "column" else "x"),)
        for command in COMMANDS:
            asker = asker_of(command)
            words = advice_words(advice, asker)
            assert "--" not in words or setting.option in asker.options, (command, words)
            assert not (words and asker.by_plan and setting.key and "--" in words)
    assert advice_words((Way("keep_going", "leave it out with {}"),), BY_PLAN) == ""
    assert (
        advice_words(("Correct it", Way("keep_going", "leave it out with {}")), CONVERT)
        == "Correct it, or leave it out with --keep-going."
    )


@pytest.mark.parametrize(
    "call",
    [
        ("--length", "1h30m", "--hours", "8-20"),
        ("--dates", "dmy", "--within", "2026-08-01..2027-07-31"),
        ("--split", "Ensemble", "--commas", "between"),
        ("--split", "Ensemble", "--split", "Place", "--set", "status=tentative", "--prefix", "{Ensemble}: "),
        ("--only", "Ensemble=Brass,Winds", "--column", "Odd=", "--if-closed", "keep"),
    ],
)
def test_a_saved_plan_builds_what_the_call_wrote(desk, call):
    desk.put(
        "s.csv",
        "Event,Date,Start,Place,Ensemble,Odd\nA,21/09/2026,9:00,Hall,Brass,1\nB,22/09/2026,10:00,Loft,Winds,2\n",
    )
    out = "out" if "--split" in call else "out.ics"
    run = desk.run("convert", "s.csv", "-o", out, *call, "--save-plan", "saved.toml", "--json")
    assert run.status == 0, run.err
    assert run.report, "nothing but the report is on the output"
    built = desk.run("build", "saved.toml", "--force")
    assert built.status == 0, built.err


def test_holidays_of_several_countries_are_a_sheet_a_calendar_and_a_source(desk):
    span = ("--from", "2026-12-01", "--to", "2027-01-31")
    assert desk.run("sheet", "holidays", "-o", "h.csv", "--country", "US,GB-SCT", *span).status == 0
    rows = list(csv.DictReader(io.StringIO((desk.folder / "h.csv").read_text("utf-8-sig"))))
    assert {row["Country"] for row in rows} == {"US", "GB-SCT"}
    assert [row["Observed for"] for row in rows if row["Date"] == "2026-12-28"] == ["2026-12-26"]
    made = desk.run("convert", "h.csv", "-o", "h.ics", "--json").report
    assert (made["events"], [p for p in made["problems"] if p["severity"] != "note"]) == (len(rows), [])
    assert (
        desk.run("sheet", "holidays", "-o", "h.ics", "--country", "FR", "--language", "fr", *span, "--force").status
        == 0
    )
    assert "SUMMARY:Noël" in (desk.folder / "h.ics").read_text("utf-8")
    assert desk.run("sheet", "holidays", "-o", "x.csv", "--country", "ZZ", *span).status == 1
    assert desk.run("sheet", "holidays", "-o", "x.csv", "--country", "US").status == 2
    desk.put(
        "p.toml",
        '[school]\nzone = "UTC"\n[sheets]\nwithin = "2026-12-01..2027-01-31"\n[sources.h]\nkind = "holidays"\nholidays = ["US", "GB-SCT"]\n[calendars.all]\nreminders = "1d"\n',
    )
    built = desk.run("build", "p.toml", "--json")
    assert json.loads(built.out)["events"] == len(rows)


def test_moments_of_every_kind_have_both_ends():
    for kind, described in SHEET_KINDS.items():
        for first, last in described.spans:
            holds = {described.field(name).holds for name in (first, last)}
            assert len(holds) == 1, kind
            assert holds <= {Holds.DATE, Holds.TIME, Holds.MOMENT}
