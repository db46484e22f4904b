"""Folders with one defect each: two commands end in the truth or in a refusal, never in another meeting."""

import random
import re

import pytest

import test_folders
import test_folders_in_shapes
from made_schools import built, drafted, laid_out
from nomarium.core.building import BuildChoices, prepare

FOLDERS = {**test_folders.FOLDERS, **test_folders_in_shapes.FOLDERS}
DATE_OR_TIME = re.compile(
    r"\d{4}-\d\d-\d\d|\d{1,2}[:.]\d\d|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d{1,2} [A-Z][a-z]+ \d{4}|\d{1,2}[hH]?\d{0,2} ?(?:[ap]m|Uhr)|\d+\.? [A-Z][a-z]{2}"
)


def bad_cell(files, chance):
    """One date or time that is none."""
    file = chance.choice([name for name, text in files.items() if DATE_OR_TIME.search(text)])
    match = chance.choice(list(DATE_OR_TIME.finditer(files[file])))
    text = files[file]
    return {**files, file: text[: match.start()] + "32/13/2026" + text[match.end() :]}


def missing_sheet(files, chance):
    """One sheet taken away."""
    gone = chance.choice(list(files))
    return {name: text for name, text in files.items() if name != gone}


def other_names(files, chance):
    """Files that say nothing by their names."""
    return {f"Sheet{number}.csv": text for number, text in enumerate(files.values(), 1)}


def stray_sheet(files, chance):
    """A sheet more, of other things."""
    return {**files, "stores.csv": "Item,Number,Shelf\nRope,4,B2\nPaint,12,C1\n"}


DEFECTS = {
    "a bad cell": bad_cell,
    "a sheet missing": missing_sheet,
    "no names": other_names,
    "a stray sheet": stray_sheet,
}


def cases():
    """Each folder with one defect, in turn; a folder of one sheet is not without it."""
    for number, name in enumerate(FOLDERS):
        fitting = [defect for defect in DEFECTS if len(FOLDERS[name].files) > 1 or defect != "a sheet missing"]
        yield name, fitting[number % len(fitting)]


@pytest.mark.parametrize(("name", "defect"), list(cases()))
def test_a_folder_with_a_defect_is_true_or_stops_or_says_what_is_wrong(tmp_path, name, defect):
    folder = FOLDERS[name]
    files = DEFECTS[defect](folder.files, random.Random(f"{name} {defect}"))
    plan, draft = drafted(tmp_path, laid_out(tmp_path, files))
    errors, meetings = built(plan)
    if draft.undecided or errors:
        return
    others = {meeting for meeting in meetings if meeting not in folder.truth()}
    if defect == "a sheet missing":  # what the others say is as true as before; the year alone is a list of events
        assert all(start.endswith("00:00") for start, *_ in others)
    elif sorted(meetings) != folder.truth():
        told = {problem.severity for problem in prepare(plan, BuildChoices()).problems}
        assert "warning" in told or (defect == "no names" and "note" in told)
    if defect == "a stray sheet":
        assert not others
