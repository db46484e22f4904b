"""Writes the parts of the reference that follow from the program: docs/commands.md and the table of docs/fields.md.

``python docs/make_reference.py`` writes them; the tests fail where they differ from what it would write.
"""

import os
import subprocess
import sys
from pathlib import Path

from nomarium.core.columns import EVENT_FIELDS

DOCS = Path(__file__).parent
COMMANDS = ["inspect", "convert", "sheet", "demo"]
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
    parts += [f"## nomarium {name}\n\n```text\n{help_of(name)}\n```\n" for name in COMMANDS]
    return "\n".join(parts)


def fields_page() -> str:
    """Return docs/fields.md: its words as they are, its table from the program."""
    page = (DOCS / "fields.md").read_text("utf-8")
    head = page[: page.index("|---|---|---|\n") + len("|---|---|---|\n")]
    rows = [f"| `{f.name}` | {f.meaning} | {', '.join(f.headings.split('|'))} |" for f in EVENT_FIELDS]
    return head + "\n".join(rows) + "\n"


if __name__ == "__main__":
    (DOCS / "commands.md").write_text(commands_page(), "utf-8")
    (DOCS / "fields.md").write_text(fields_page(), "utf-8")
