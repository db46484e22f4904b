"""The DTSTAMP of what is written: never the clock, so that the same input gives the same bytes."""

from __future__ import annotations

import os
from collections.abc import Iterable
from datetime import UTC, datetime
from pathlib import Path

_LATEST_EPOCH = 250_000_000_000


def moment_of_build() -> str:
    """Return SOURCE_DATE_EPOCH where it is set, else the present moment, as ISO 8601 in UTC."""
    stated = _stated()
    moment = stated if stated is not None else datetime.now(UTC).replace(microsecond=0)
    return moment.isoformat()


def _stated() -> datetime | None:
    epoch = os.environ.get("SOURCE_DATE_EPOCH", "")
    usable = epoch.isdecimal() and int(epoch) < _LATEST_EPOCH
    return datetime.fromtimestamp(int(epoch), UTC) if usable else None


def stamp_of(paths: Iterable[Path]) -> datetime:
    """Return SOURCE_DATE_EPOCH where it is set, else when the newest of the input files was changed."""
    stated = _stated()
    if stated is not None:
        return stated
    return datetime.fromtimestamp(int(max(path.stat().st_mtime for path in paths)), UTC)
