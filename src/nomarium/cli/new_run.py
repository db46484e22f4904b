"""What ``nomarium new`` does: looks at sheets, asks the core for a plan, writes it, prints."""

from __future__ import annotations

import json
import shlex
import sys
import tempfile
import tomllib
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from pathlib import Path

import typer

from nomarium.cli.console import print_lines, progress
from nomarium.cli.report import problems_json
from nomarium.core.blanks import BLANKS, blank_form, render_blank_xlsx
from nomarium.core.building import INDEX, BuildChoices, prepare
from nomarium.core.drafting import (
    OFFERED,
    STARTER_SHEETS,
    Draft,
    DraftChoices,
    FoundSheet,
    beyond,
    draft_plan,
    files_named,
    look_at,
    offered,
    starter_plan,
    whole_files,
    without_offer,
)
from nomarium.core.output import make_folder, write_all
from nomarium.core.plan import PLAN_NAME
from nomarium.core.problems import DataRefused, Problem, by_cause
from nomarium.core.tables import is_oneroster
from nomarium.core.values import counted

_LABEL = 9


@dataclass(frozen=True, slots=True)
class NewCall:
    """What was asked."""

    folder: Path
    files: Sequence[Path]
    zone: str
    zone_stated: bool
    name: str | None
    start: str
    cycle: str
    update: bool
    as_json: bool
    quiet: bool

    @property
    def plan(self) -> Path:
        """The plan to write."""
        return self.folder / PLAN_NAME

    @property
    def school(self) -> str:
        """The name of the school: as stated, else the folder's."""
        return self.name or self.folder.resolve().name.replace("-", " ").replace("_", " ").strip().title() or "School"


def new(call: NewCall) -> int:
    """Write a plan; return the exit status."""
    if call.folder.is_file():
        raise typer.BadParameter(
            f"“{call.folder}” is a file; first comes the folder of the plan: nomarium new . {call.folder} …",
            param_hint="DIR",
        )
    if call.update:
        return _update(call)
    if call.plan.exists():
        ways = "Name another folder, or let --update offer what it lacks"
        raise typer.BadParameter(f"“{call.plan}” is there already. {ways}.", param_hint="DIR")
    if call.files and all(map(_is_folder, call.files)):
        raise typer.BadParameter(
            f"“{call.files[0]}” is a folder; name the sheets in it: nomarium new {call.folder} {call.files[0] / '*'}",
            param_hint="FILE",
        )
    make_folder(call.folder)
    return _draft(call) if call.files else _starter(call)


def _starter(call: NewCall) -> int:
    """Write a plan to fill in, with blank sheets; sheets that are there already stay as they are."""
    sheets = {kind: call.folder / f"{kind}.xlsx" for kind in STARTER_SHEETS}
    beside = [path for path in sorted(call.folder.iterdir()) if path.suffix.casefold() in _SHEETS]
    beside = [path for path in beside if path not in sheets.values()]
    blank = {kind: path for kind, path in sheets.items() if not path.exists()}
    files = [(path, iter([render_blank_xlsx(blank_form(BLANKS[kind]))])) for kind, path in blank.items()]
    write_all([*files, (call.plan, iter([starter_plan(call.school, call.zone).encode()]))])
    if not call.quiet:
        print_lines(
            [f"{'Wrote':<{_LABEL}}{call.plan}: a plan with comments", *_sheet_lines(blank.values())], sys.stdout
        )
        if beside:
            typer.echo(f"{'Beside':<{_LABEL}}{_not_looked_at(call, beside)}")
        typer.echo(f"{'Next':<{_LABEL}}fill in the sheets, then: nomarium check {call.plan}")
    return 0


_SHEETS = frozenset((".csv", ".tsv", ".xlsx", ".xlsm", ".ods"))


def _not_looked_at(call: NewCall, beside: Sequence[Path]) -> str:
    """Say that sheets of the folder have no part in a plan to fill in, and how one is drafted from them."""
    said = f"{beside[0].name} is not in the plan; to draft one from it"
    if len(beside) > 1:
        said = f"{counted(len(beside), 'sheet')}, {beside[0].name} first, are not in the plan; to draft one from them"
    named = " ".join(shlex.quote(str(path)) for path in beside)
    return f"{said}, take {call.plan} away and run: nomarium new {shlex.quote(str(call.folder))} {named}"


def _update(call: NewCall) -> int:
    """Offer at the end of a plan what the sheets have beyond it."""
    if not call.plan.exists() or not call.files:
        lacks = "there is no plan" if not call.plan.exists() else "no sheets are given"
        raise typer.BadParameter(f"--update adds to a plan what sheets have beyond it, but {lacks}.", param_hint="DIR")
    text = without_offer(call.plan.read_text("utf-8"))
    try:
        there = files_named(text)
        # What a sheet is hangs on those beside it: the plan's own are looked at, too.
        beside = [call.folder / file for file in there if (call.folder / file).is_file()]
        given = {path.resolve() for path in call.files}
        beside = [path for path in beside if path.resolve() not in given]
        known = _looked_at(call, beside) if beside else []
        lines = offered(text, _drafted(call, [*_looked_at(call, call.files), *known]).text)
        if known:
            lines = beyond(lines, offered(text, _drafted(call, known).text))
    except tomllib.TOMLDecodeError as fault:
        raise typer.BadParameter(f"“{call.plan}” is no TOML: {fault}.", param_hint="DIR") from None
    named = [*there, *lines]
    apart = [path.name for path in call.files if not any(path.name in text for text in named)]
    if lines:
        write_all([(call.plan, iter([f"{text.rstrip()}\n\n{OFFERED}\n{chr(10).join(lines)}\n".encode()]))])
    if call.as_json:
        report = {"plan": str(call.plan), "offered": lines, "not_placed": apart}
        typer.echo(json.dumps(report, ensure_ascii=False, indent=2))
    elif not call.quiet:
        said = [line.removeprefix("# ") for line in lines if line.startswith("# [") or "=" in line]
        shown = [f"{'' if number else 'Offered':<{_LABEL}}{line}" for number, line in enumerate(said)]
        if apart:
            says = "it finds no place in the plan; “nomarium inspect” shows what it is"
            shown += [f"{'Open':<{_LABEL}}{name}: {says}" for name in apart]
        print_lines(shown or [f"{'Nothing':<{_LABEL}}is new: the plan has all that these sheets say"], sys.stdout)
    return 0


def _sheet_lines(paths: Iterable[Path]) -> Iterator[str]:
    for path in paths:
        yield f"{'':<{_LABEL}}{path}: a blank sheet"


def _draft(call: NewCall) -> int:
    draft = _drafted(call, _looked_at(call, call.files))
    write_all([(call.plan, iter([draft.text.encode()]))])
    if call.as_json:
        typer.echo(json.dumps(_json(draft, call), ensure_ascii=False, indent=2))
    elif not call.quiet:
        print_lines(_lines(draft, call), sys.stdout)
    return 0


def _looked_at(call: NewCall, paths: Iterable[Path]) -> list[FoundSheet]:
    files = whole_files(path for path in paths if path.name not in (PLAN_NAME, INDEX) and not _is_folder(path))
    sheets: list[FoundSheet] = []
    with progress("Reading", wanted=not call.quiet) as bar:
        for done, path in enumerate(files, 1):
            sheets += look_at([path])
            bar(done, len(files))
    return sheets


def _is_folder(path: Path) -> bool:
    """Tell whether a path is a folder, which “*” names as well, and none of class lists by the standard."""
    return path.is_dir() and not is_oneroster(path)


def _drafted(call: NewCall, sheets: Sequence[FoundSheet]) -> Draft:
    choices = DraftChoices(call.folder, call.school, call.zone, call.zone_stated, call.start, call.cycle)
    return draft_plan(sheets, choices, lambda text: _problems(text, call.plan))


def _problems(text: str, plan: Path) -> list[Problem]:
    """Return what a build of a plan's text would say: it is written beside the place of the plan, and taken away."""
    with tempfile.NamedTemporaryFile("w", suffix=".toml", prefix=".draft-", dir=plan.parent, encoding="utf-8") as file:
        file.write(text)
        file.flush()
        try:
            found = prepare(Path(file.name), BuildChoices()).problems
        except DataRefused as refused:
            found = [refused.problem]
        trial = Path(file.name).name
    return [replace(one, place=replace(one.place, file=plan.name)) if one.place.file == trial else one for one in found]


def _lines(draft: Draft, call: NewCall) -> Iterator[str]:
    label = "Found"
    for sheet in draft.sheets:
        name = sheet.named(sheet.path.parent)
        if sheet in draft.left_out:
            said = f"{sheet.kind}; left out: {draft.left_out[sheet].message}"
        else:
            said = f"{sheet.kind} ({sheet.recognised.why})" if sheet.kind else f"not used: {sheet.recognised.why}"
            said += f"; columns not used: {', '.join(idle)}" if (idle := sheet.unused()) else ""
        yield f"{label:<{_LABEL}}{name}: {said}"
        label = ""
    for path in filter(_is_folder, call.files):
        yield f"{label:<{_LABEL}}{path}: not looked into, it is a folder; name the sheets in it"
        label = ""
    questions = f", with {counted(len(draft.questions), 'open question')} (“# ?”)" if draft.questions else ""
    yield f"{'Wrote':<{_LABEL}}{call.plan}: a plan{questions}"
    for number, cause in enumerate(by_cause(draft.to_correct)):
        more = f", and {cause.count - 1} more" if cause.count > 1 else ""
        found = f" “{cause.first.found}”" if cause.first.found else ""
        yield f"{'' if number else 'Correct':<{_LABEL}}{cause.first.place}{found}: {cause.first.message}{more}"
    for number, (about, what) in enumerate(draft.undecided):
        yield f"{'' if number else 'Open':<{_LABEL}}{about}: {what}"
    where = "" if call.folder == Path() else f" {call.plan}"
    rows_only = all(problem.place.row for problem in draft.to_correct)
    correct = f"correct {'the rows' if rows_only else 'what is wrong'}" if draft.to_correct else ""
    settle = "settle what stands under [undecided]" if draft.undecided or draft.left_out else ""
    settle = " and ".join(filter(None, (correct, settle))) or "look through it"
    yield f"{'Next':<{_LABEL}}{settle}, then: nomarium build{where}"


def _json(draft: Draft, call: NewCall) -> dict[str, object]:
    return {
        "plan": str(call.plan),
        "sheets": [
            {
                "file": str(sheet.path),
                "sheet": sheet.sheet,
                "kind": str(sheet.kind) if sheet.kind else None,
                "why": sheet.recognised.why,
                "unused": sheet.unused(),
                "left_out": draft.left_out[sheet].message if sheet in draft.left_out else None,
            }
            for sheet in draft.sheets
        ],
        "questions": draft.questions,
        "to_correct": problems_json(draft.to_correct),
        "undecided": dict(draft.undecided),
    }
