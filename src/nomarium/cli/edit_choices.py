"""What the command line says becomes of edits by hand, and the question for each of them."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

import typer

from nomarium.cli import options
from nomarium.core.history import EDITED_FIELDS, Edit, Export, OnEdit, OnEdits, edit_words
from nomarium.core.values import counted

_ASK = "ask"
_WORDS = (*(choice.value for choice in OnEdit), _ASK)


def edit_choices(stated: Iterable[str] | None) -> OnEdits:
    """Return what ``--on-edit`` states: one word for all, or for one field; the usual one is to keep."""
    general: OnEdit | None = OnEdit.KEEP
    of_field: dict[str, OnEdit | None] = {}
    for text in stated or ():
        name, equals, word = text.rpartition("=")
        word = options.one_of(word, _WORDS, "--on-edit")
        choice = None if word == _ASK else OnEdit(word)
        if equals:
            of_field[options.one_of(name, EDITED_FIELDS, "--on-edit")] = choice
        else:
            general = choice
    return OnEdits(general, of_field, _asked)


def _asked(edit: Edit) -> OnEdit:
    typer.echo(edit_line(edit), err=True)
    while True:
        try:
            answer = typer.prompt("  keep or overwrite?", default="keep", err=True)
        except typer.Abort:
            raise options.wrong("--on-edit", "There is nobody to ask. State keep or overwrite.") from None
        for choice in OnEdit:
            if answer.strip() and choice.value.startswith(answer.strip().casefold()):
                return choice


def edit_line(edit: Edit) -> str:
    """Return an edit as a line: "2026-09-08 Planking (PLK-1): location Shed → Loft"."""
    head = f"{edit.start[:10]} {edit.title}"
    if edit.is_added:
        return f"{head}: added by hand"
    if edit.is_removed:
        return f"{head}: taken away by hand"
    return f"{head}: {edit.what} {edit_words(edit.what, edit.base) or '–'} → {edit_words(edit.what, edit.value) or '–'}"


def export_lines(exports: Iterable[Export], holding: Iterable[Edit]) -> Iterator[str]:
    """Say what was edited by hand in exported calendars, and what becomes of it; ``holding`` are edits that hold."""
    held = {edit.key for edit in holding}
    for export in exports:
        yield f"Edited   {export.name} is {export.path}: {counted(len(export.found), 'new edit')} by hand"
        for edit, choice in export.found:
            holds = edit.key in held
            yield f"         {edit_line(edit)} ({_become(edit, choice, holds=holds)})"


def _become(edit: Edit, choice: OnEdit, *, holds: bool) -> str:
    if choice is OnEdit.KEEP:
        return "kept" if holds else "not kept: the sheets say so too, or otherwise by now"
    return "left to them" if edit.is_added else "overwritten"
