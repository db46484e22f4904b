"""Whether something stands where a name says: a name that no system takes names nothing, and is no fault."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path


def is_there(path: Path) -> bool:
    """Tell whether a file or folder is there; a name that is too long, or holds what no name may, is none."""
    return _asked(path.exists)


def is_file(path: Path) -> bool:
    """Tell whether a path is a file; one that is too long, or holds what no name may, is none."""
    return _asked(path.is_file)


def is_folder(path: Path) -> bool:
    """Tell whether a path is a folder; one that is too long, or holds what no name may, is none."""
    return _asked(path.is_dir)


def _asked(question: Callable[[], bool]) -> bool:
    try:
        return question()
    except (OSError, ValueError):
        return False
