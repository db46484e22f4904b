"""One way to read a sheet of any kind, and every column of it accounted for."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.sheets.accounting import NOT_RUNNING, RUNNING, account, column_text
    from nomarium.core.sheets.choices import Conditions, Known, SheetChoices
    from nomarium.core.sheets.choosing import choose_grid, grid_of_kind
    from nomarium.core.sheets.notes import notes_of, take_notes, tell_notes
    from nomarium.core.sheets.reading import Sheet, read_sheet, sheet_of
    from nomarium.core.sheets.said_in_notes import (
        dates_without,
        holding_bound,
        holding_span,
        length_said,
        place_said,
        says_how_new,
        says_off,
        says_when,
        says_when_or_where,
        sentences_of,
        titled_span,
    )
    from nomarium.core.sheets.validity import Validity, unclear_name, validity_by_name, validity_in, validity_words
    from nomarium.core.sheets.whole import is_usual_name, known_in, said_by_names
    from nomarium.core.sheets.wording import (
        holds_for_all,
        key_of_two,
        name_or_names,
        named_bounds,
        note_unused,
        note_used,
        whole_weeks,
        wrong_columns,
    )

__all__ = [
    "NOT_RUNNING",
    "RUNNING",
    "Conditions",
    "Known",
    "Sheet",
    "SheetChoices",
    "Validity",
    "account",
    "choose_grid",
    "column_text",
    "dates_without",
    "grid_of_kind",
    "holding_bound",
    "holding_span",
    "holds_for_all",
    "is_usual_name",
    "key_of_two",
    "known_in",
    "length_said",
    "name_or_names",
    "named_bounds",
    "note_unused",
    "note_used",
    "notes_of",
    "place_said",
    "read_sheet",
    "said_by_names",
    "says_how_new",
    "says_off",
    "says_when",
    "says_when_or_where",
    "sentences_of",
    "sheet_of",
    "take_notes",
    "tell_notes",
    "titled_span",
    "unclear_name",
    "validity_by_name",
    "validity_in",
    "validity_words",
    "whole_weeks",
    "wrong_columns",
]

__getattr__ = on_demand(__name__)
