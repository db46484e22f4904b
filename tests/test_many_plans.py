"""Several plans in one call: a line for each, one table, and what is wrong with one costs no other."""

import json

import pytest

from test_seal import SHEETS

WRONG = {
    "north": {},
    "south": {"office.csv": SHEETS["office.csv"].replace("2026-09-09", "2026-13-09")},
    "east": {"nomarium.toml": "[school"},
}
PLANS = [f"{name}/nomarium.toml" for name in WRONG]


@pytest.fixture
def district(desk):
    for name, wrong in WRONG.items():
        (desk.folder / name).mkdir()
        for sheet, text in {**SHEETS, **wrong}.items():
            desk.put(f"{name}/{sheet}", text)
    return desk


def test_each_is_built_for_itself(district):
    run = district.run("build", *PLANS, "--jobs", "1")
    assert run.status == 1
    table = [line.split() for line in run.out.splitlines()[-3:]]
    assert table == [
        ["north/nomarium.toml", "done", "1", "2", "2", "0", "1"],
        ["south/nomarium.toml", "refused", "1", "1"],
        ["east/nomarium.toml", "refused", "1", "0"],
    ]
    assert (district.folder / "north/calendars/office.ics").exists()
    assert not (district.folder / "south/calendars").exists()
    assert "south/nomarium.toml: office.csv, B2 “2026-13-09”" in run.err
    assert "east/nomarium.toml: nomarium.toml, line 1" in run.err


def test_for_programs_each_report_stands_as_it_is_alone(district):
    together = json.loads(district.run("check", *PLANS, "--json").out)
    assert [one["plan"] for one in together] == PLANS
    for one in together:
        alone = district.run("check", one["plan"], "--json")
        assert (alone.report, alone.status) == (
            {name: value for name, value in one.items() if name not in ("plan", "status")},
            one["status"],
        )


def test_a_plan_named_twice_or_by_its_folder_is_one(district):
    run = district.run("build", "north", "north/nomarium.toml")
    assert not run.status
    assert "in north/calendars: 2 files written" in run.out


@pytest.mark.parametrize("words", [("--only", "a=b"), ("--updates", "small"), ("--edited", "x.ics")], ids=str)
def test_what_speaks_of_one_plan_is_refused(district, words):
    run = district.run("build", *PLANS, *words)
    assert run.status == 2
    assert f"for {words[0]}: It is for one plan" in run.err


def test_quietly_only_errors_are_told(district):
    run = district.run("build", *PLANS, "-q")
    assert (run.status, run.out) == (1, "")
    assert run.err.count("error ") == 2
