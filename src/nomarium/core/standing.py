"""Whether something stands where a name says: a name that no system takes names nothing, and is no fault."""

from __future__ import annotations

from pathlib import Path


def is_file(path: Path) -> bool:
    """Tell whether a path is a file; one that is too long, or holds what no name may, is none."""
    try:
        return path.is_file()
    except (OSError, ValueError):
        return False


def is_folder(path: Path) -> bool:
    """Tell whether a path is a folder; one that is too long, or holds what no name may, is none."""
    try:
        return path.is_dir()
    except (OSError, ValueError):
        return False
