"""A build of which nothing has changed: told by its seal just as it is told when all is worked out anew."""

import pytest

SHEETS = {
    "nomarium.toml": '[school]\nname = "Orrin"\nzone = "America/Halifax"\n[sources.office]\nsheets = "office.csv"\n'
    '[calendars.office]\nsources = ["office"]\n',
    "office.csv": "Title,Date,Start,End\nStaff meeting,2026-09-09,15:00,16:00\nRegatta,2026-10-03,,\n",
}
SEAL = ".nomarium/unchanged.json"


@pytest.fixture
def built(desk):
    """A plan that was built; a function that builds it again."""
    for name, text in SHEETS.items():
        desk.put(name, text)
    assert not desk.run("build").status
    return desk


@pytest.mark.parametrize("words", [(), ("-q",), ("--json",)], ids=str)
def test_an_unchanged_build_says_what_it_says_when_all_is_worked_out(built, words):
    built.run("build", *words)
    by_seal = built.run("build", *words)
    (built.folder / SEAL).unlink()
    anew = built.run("build", *words)
    assert (by_seal.out, by_seal.err, by_seal.status) == (anew.out, anew.err, anew.status)
    assert by_seal.out or words == ("-q",)


def test_the_seal_of_a_first_build_says_what_the_second_will(built):
    by_seal = built.run("build")
    (built.folder / SEAL).unlink()
    assert by_seal.out == built.run("build").out


CHANGES = {
    "a row": lambda desk: desk.put("office.csv", SHEETS["office.csv"].replace("16:00", "16:30")),
    "the plan": lambda desk: desk.put("nomarium.toml", SHEETS["nomarium.toml"] + 'name = "Desk"\n'),
    "a calendar edited": lambda desk: (desk.folder / "calendars/office.ics").write_bytes(
        (desk.folder / "calendars/office.ics").read_bytes().replace(b"Regatta", b"Race")
    ),
    "a calendar gone": lambda desk: (desk.folder / "calendars/office.ics").unlink(),
    "a file beside what was made": lambda desk: (desk.folder / "calendars/old.ics").write_bytes(b"?"),
    "a file beside the sheets": lambda desk: desk.put("new.csv", "Title,Date\n"),
    "the history": lambda desk: desk.run("retract", "calendars/office.ics", "-o", "back"),
    "a seal that leads out": lambda desk: (desk.folder / SEAL).write_text(
        (desk.folder / SEAL).read_text().replace('"office.csv"', '"../../../etc/hostname"')
    ),
    "a seal cut short": lambda desk: (desk.folder / SEAL).write_text((desk.folder / SEAL).read_text()[:90]),
    "a folder in its place": lambda desk: ((desk.folder / SEAL).unlink(), (desk.folder / SEAL).mkdir()),
    "a seal of another form": lambda desk: (desk.folder / SEAL).write_text("[1, 2]"),
}


@pytest.mark.parametrize("change", CHANGES.values(), ids=CHANGES)
def test_whatever_is_not_as_it_was_breaks_the_seal(built, change):
    said = '"out": "A seal that is believed\\n", "not": "'
    seal = (built.folder / SEAL).read_text()
    (built.folder / SEAL).write_text(seal.replace('"out": "', said))
    assert built.run("build").out == "A seal that is believed\n"
    change(built)
    after = built.run("build")
    assert "A seal" not in after.out
    assert not after.status
    assert (built.folder / "calendars/office.ics").read_bytes().count(b"BEGIN:VEVENT") == 2


@pytest.mark.parametrize(
    "words", [("--dry-run",), ("--from", "2026-10-01"), ("--only", "office=x"), ("--updates", "small")], ids=str
)
def test_calls_that_ask_for_more_are_worked_out(built, words):
    seal = (built.folder / SEAL).read_text()
    (built.folder / SEAL).write_text(seal.replace('"out": "', '"out": "A seal\\n'))
    run = built.run("build", *words)
    assert "A seal" not in run.out


def test_a_plan_that_hangs_on_the_machine_is_not_sealed(desk):
    desk.put("nomarium.toml", SHEETS["nomarium.toml"].replace('zone = "America/Halifax"\n', ""))
    desk.put("office.csv", SHEETS["office.csv"])
    run = desk.run("build")
    assert run.status or not (desk.folder / SEAL).exists()
    assert "zone" in run.err
