"""Sheets that change, owners who edit by hand, imports that skip builds: in whatever order, all end alike."""

import json
import tempfile
from pathlib import Path

from hypothesis import HealthCheck, settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, rule

from calendar_programs import OFFICE, TIMETABLE, Program, edited, open_school, said_by
from conftest import Desk, events_in

CHANCE = st.randoms(use_true_random=False)


class OfficeCalendar(RuleBasedStateMachine):
    """The office's calendar in a program whose owner works on it, through a year of builds."""

    def __init__(self):
        super().__init__()
        self.held = tempfile.TemporaryDirectory()
        self.school = open_school(Desk(Path(self.held.name)))
        self.timetable, self.office, self.updates, self.taken = TIMETABLE, OFFICE, 0, 1
        assert self.school().status == 0
        self.program = Program()
        self.program.take((self.school.folder / "office.ics").read_bytes())

    @rule(chance=CHANCE)
    def the_sheets_change(self, chance):
        self.timetable, self.office = edited(chance, self.timetable, self.office)
        run = self.school("--accept", timetable_csv=self.timetable, office_csv=self.office)
        assert run.status == 0, run.out

    @rule(chance=CHANCE)
    def somebody_edits_by_hand(self, chance):
        self.program.edit(chance)

    @rule()
    def the_small_files_are_imported(self):
        self.updates += 1
        folder = self.school.desk.folder / f"up-{self.updates}"
        assert self.school("--accept", "--updates", folder, "--since", self.taken).status == 0
        if (folder / "office.ics").exists():
            self.program.take((folder / "office.ics").read_bytes())
        self.taken = max(row["id"] for row in json.loads(self.school.desk.run("history", "--json").out))

    @rule()
    def the_calendar_comes_back_and_all_are_alike(self):
        self.school.desk.put("export.ics", self.program.export())
        run = self.school("--accept", "--edited", "office.ics=export.ics")
        assert run.status == 0, run.out
        self.the_small_files_are_imported()
        assert self.program.shown() == sorted(map(said_by, events_in(self.school.folder / "office.ics")))
        assert self.school().report["build"] == 0

    def teardown(self):
        self.the_calendar_comes_back_and_all_are_alike()
        self.held.cleanup()


OfficeCalendar.TestCase.settings = settings(
    max_examples=3, stateful_step_count=7, deadline=None, suppress_health_check=list(HealthCheck)
)
test_all_end_alike = OfficeCalendar.TestCase
