"""The DTSTAMP of what is written: never the clock, so that the same input gives the same bytes."""

from __future__ import annotations

import os
from collections.abc import Iterable
from datetime import UTC, datetime
from pathlib import Path

_LATEST_EPOCH = 250_000_000_000


def stamp_of(paths: Iterable[Path]) -> datetime:
    """Return SOURCE_DATE_EPOCH where it is set, else when the newest of the input files was changed."""
    epoch = os.environ.get("SOURCE_DATE_EPOCH", "")
    if epoch.isdecimal() and int(epoch) < _LATEST_EPOCH:
        return datetime.fromtimestamp(int(epoch), UTC)
    return datetime.fromtimestamp(int(max(path.stat().st_mtime for path in paths)), UTC)
