"""Writes the parts of the reference that follow from the program: docs/commands.md, and tables of other pages.

``python docs/make_reference.py`` writes them; the tests fail where they differ from what it would write.
"""

import os
import subprocess
import sys
from pathlib import Path

from nomarium.cli.commands import NAMES
from nomarium.core.columns import Field, SheetKind
from nomarium.core.kinds import (
    BELL_SHEET,
    CHANGE_SHEET,
    CLASS_SHEET,
    CLOSURE_SHEET,
    CODE_SHEET,
    DAY_SHEET,
    EVENT_FIELDS,
    NAMES_SHEET,
    PEOPLE_SHEET,
    PLACE_SHEET,
    ROSTER_SHEET,
    SLOT_SHEET,
    SPECIAL_SHEET,
    TERM_SHEET,
    TIMETABLE_SHEET,
    WEEK_SHEET,
)
from nomarium.core.plan import plan_keys, sheet_keys

DOCS = Path(__file__).parent
INTRODUCTION = """# The commands

What `--help` says of each. Options have the same name and meaning in every command. Exit status: 0 done; 1 the data
has errors, and nothing is written unless `--keep-going`; 2 the call is wrong. Reports go to standard output, problems
to standard error; `-o -` writes the result to standard output and the report to standard error. Colour and progress
show only on a terminal; `NO_COLOR` is honoured. `nomarium --install-completion` sets up completion for your shell.
"""


def help_of(*command: str) -> str:
    """Return what a command's --help prints, at 100 columns."""
    call = [sys.executable, "-m", "nomarium", *command, "--help"]
    environment = {**os.environ, "COLUMNS": "100", "TERM": "dumb"}
    return subprocess.run(call, capture_output=True, text=True, check=True, env=environment).stdout.rstrip()


def commands_page() -> str:
    """Return docs/commands.md."""
    parts = [INTRODUCTION, f"## nomarium\n\n```text\n{help_of()}\n```\n"]
    parts += [f"## nomarium {name}\n\n```text\n{help_of(name)}\n```\n" for name in NAMES]
    return "\n".join(parts)


def fields_page() -> str:
    """Return docs/fields.md: its words as they are, its table from the program."""
    page = (DOCS / "fields.md").read_text("utf-8")
    head = page[: page.index("|---|---|---|\n") + len("|---|---|---|\n")]
    rows = [f"| `{f.name}` | {f.meaning} | {known_headings(f)} |" for f in EVENT_FIELDS]
    return head + "\n".join(rows) + "\n"


def with_tables(page: str, *tables: tuple[str, list[str]]) -> str:
    """Return a page with its tables written anew: (the line above the rows, the rows)."""
    for rule, rows in tables:
        start = page.index(rule) + len(rule)
        end = page.find("\n\n", start)
        page = page[:start] + "\n".join(rows) + (page[end:] if end >= 0 else "\n")
    return page


def plan_page() -> str:
    """Return docs/plan.md: its words as they are, its tables from the model of plans."""
    sheet_rows = [f"| `{key.path}` | {key.meaning} |" for key in sheet_keys()]
    rows = [f"| `{key.path}` | {key.meaning} | {f'`{key.default}`' if key.default else ''} |" for key in plan_keys()]
    page = (DOCS / "plan.md").read_text("utf-8")
    return with_tables(
        page,
        ("| key | meaning |\n|---|---|\n", sheet_rows),
        ("| key | meaning | without it |\n|---|---|---|\n", rows),
    )


MOST_SHOWN = 30


def known_headings(field: Field) -> str:
    """Return the headings that mean a field, the most usual first; `nomarium inspect` tells for any other."""
    headings = field.all_headings
    more = f" and {len(headings) - MOST_SHOWN} more" if len(headings) > MOST_SHOWN else ""
    return ", ".join(headings[:MOST_SHOWN]) + more


def headings_of(kinds: list[SheetKind]) -> list[str]:
    """Return the rows of a table of headings: one for each field of some kinds of sheets."""
    return [
        f"| {kind.rows} | `{field.name}` | {field.meaning} | {known_headings(field)} |"
        for kind in kinds
        for field in kind.fields
    ]


def year_page() -> str:
    """Return docs/year.md: its words as they are, its table of headings from the program."""
    rows = headings_of([TERM_SHEET, CLOSURE_SHEET, SPECIAL_SHEET, DAY_SHEET, WEEK_SHEET])
    page = (DOCS / "year.md").read_text("utf-8")
    return with_tables(page, ("| sheet | field | meaning | headings that are known |\n|---|---|---|---|\n", rows))


def timetables_page() -> str:
    """Return docs/timetables.md: its words as they are, its table of headings from the program."""
    kinds = [
        BELL_SHEET,
        NAMES_SHEET,
        TIMETABLE_SHEET,
        CLASS_SHEET,
        ROSTER_SHEET,
        CHANGE_SHEET,
        SLOT_SHEET,
        CODE_SHEET,
        PEOPLE_SHEET,
        PLACE_SHEET,
    ]
    page = (DOCS / "timetables.md").read_text("utf-8")
    rule = "| sheet | field | meaning | headings that are known |\n|---|---|---|---|\n"
    return with_tables(page, (rule, headings_of(kinds)))


PAGES = {
    "commands.md": commands_page,
    "fields.md": fields_page,
    "plan.md": plan_page,
    "year.md": year_page,
    "timetables.md": timetables_page,
}

if __name__ == "__main__":
    for name, page in PAGES.items():
        (DOCS / name).write_text(page(), "utf-8")
