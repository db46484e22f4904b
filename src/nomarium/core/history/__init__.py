"""What was built before: what changes, what is kept, what brings earlier imports up to date or takes them back."""

from nomarium.core.history.build_files import Kept, recover, stamp_lines, write_build
from nomarium.core.history.differences import Difference, Differences, What, differences
from nomarium.core.history.edits import EDITED_FIELDS, Edit, Edits, OnEdit, OnEdits, edit_words
from nomarium.core.history.entries import TEXT_FIELDS, Entry, by_uid, entries_of
from nomarium.core.history.exports import Export, read_exports
from nomarium.core.history.notices import entries_for_others, notice
from nomarium.core.history.operands import (
    Side,
    as_given_out,
    last_build,
    plan_privacy,
    plan_zone,
    read_side,
    same_calendars,
)
from nomarium.core.history.record import USUAL_GUARD, Outlook, guard, look_ahead
from nomarium.core.history.store import FOLDER, NAME, BuildRow, FileState, Store, alone
from nomarium.core.history.updates import cancelled_series, retraction, update_files
from nomarium.core.history.wording import when

__all__ = [
    "EDITED_FIELDS",
    "FOLDER",
    "NAME",
    "TEXT_FIELDS",
    "USUAL_GUARD",
    "BuildRow",
    "Difference",
    "Differences",
    "Edit",
    "Edits",
    "Entry",
    "Export",
    "FileState",
    "Kept",
    "OnEdit",
    "OnEdits",
    "Outlook",
    "Side",
    "Store",
    "What",
    "alone",
    "as_given_out",
    "by_uid",
    "cancelled_series",
    "differences",
    "edit_words",
    "entries_for_others",
    "entries_of",
    "guard",
    "last_build",
    "look_ahead",
    "notice",
    "plan_privacy",
    "plan_zone",
    "read_exports",
    "read_side",
    "recover",
    "retraction",
    "same_calendars",
    "stamp_lines",
    "update_files",
    "when",
    "write_build",
]
