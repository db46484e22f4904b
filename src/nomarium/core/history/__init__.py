"""What was built before: what changes, what is kept, what brings earlier imports up to date or takes them back."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.history.build_files import Kept, recover, write_build
    from nomarium.core.history.cancellations import cancelled_series, retraction, stamp_lines
    from nomarium.core.history.differences import Difference, Differences, What, differences
    from nomarium.core.history.edits import EDITED_FIELDS, TIME, Edit, Edits, OnEdit, OnEdits, edit_words, time_text
    from nomarium.core.history.entries import TEXT_FIELDS, Entry, by_uid, entries_of
    from nomarium.core.history.exports import Export, read_exports
    from nomarium.core.history.folder import FOLDER, NAME
    from nomarium.core.history.given_files import GivenFile, cancelled_file, read_given, retracted_file, uid_of
    from nomarium.core.history.losses import USUAL_GUARD
    from nomarium.core.history.notices import entries_for_others, notice
    from nomarium.core.history.operands import (
        Side,
        as_given_out,
        last_build,
        plan_privacy,
        plan_zone,
        read_side,
        same_calendars,
        whole_calendars,
    )
    from nomarium.core.history.put_back import put_back
    from nomarium.core.history.record import Outlook, guard, look_ahead, unchanged
    from nomarium.core.history.reissue import Reissue, carry_uids, foreign_events, stop_too_much
    from nomarium.core.history.seal import Made, Said, put_seal, sealed
    from nomarium.core.history.store import BuildRow, FileState, Store, alone
    from nomarium.core.history.updates import update_files
    from nomarium.core.history.wording import nobody_now, when

__all__ = [
    "EDITED_FIELDS",
    "FOLDER",
    "NAME",
    "TEXT_FIELDS",
    "TIME",
    "USUAL_GUARD",
    "BuildRow",
    "Difference",
    "Differences",
    "Edit",
    "Edits",
    "Entry",
    "Export",
    "FileState",
    "GivenFile",
    "Kept",
    "Made",
    "OnEdit",
    "OnEdits",
    "Outlook",
    "Reissue",
    "Said",
    "Side",
    "Store",
    "What",
    "alone",
    "as_given_out",
    "by_uid",
    "cancelled_file",
    "cancelled_series",
    "carry_uids",
    "differences",
    "edit_words",
    "entries_for_others",
    "entries_of",
    "foreign_events",
    "guard",
    "last_build",
    "look_ahead",
    "nobody_now",
    "notice",
    "plan_privacy",
    "plan_zone",
    "put_back",
    "put_seal",
    "read_exports",
    "read_given",
    "read_side",
    "recover",
    "retracted_file",
    "retraction",
    "same_calendars",
    "sealed",
    "stamp_lines",
    "stop_too_much",
    "time_text",
    "uid_of",
    "unchanged",
    "update_files",
    "when",
    "whole_calendars",
    "write_build",
]

__getattr__ = on_demand(__name__)
