"""A difference between two sets of events as a line for the terminal."""

from __future__ import annotations

from nomarium.core.history import Difference, What, when

_SIGNS = {What.ADDED: "+", What.GONE: "−", What.MOVED: "→", What.CHANGED: "~"}


def difference_line(difference: Difference) -> str:
    """Return a difference as a line: "→ Choir: 2026-09-10 13:00 → 2026-09-10 13:05"."""
    entry, sign = difference.entry, _SIGNS[difference.what]
    unsure = "" if difference.certain else " (most likely the same event)"
    if difference.before is None or difference.after is None:
        place = f" ({entry.text('location')})" if entry.text("location") else ""
        return f"{sign} {when(entry)} {entry.title}{place}{unsure}"
    if difference.what is What.MOVED:
        others = [one for one in difference.fields() if one[0] not in ("start", "end")]
        more = "".join(f"; {name}: {was} → {now}" for name, was, now in others)
        return f"{sign} {entry.title}: {when(difference.before)} → {when(difference.after)}{more}{unsure}"
    said = "; ".join(f"{name}: {was or '–'} → {now or '–'}" for name, was, now in difference.fields())
    return f"{sign} {when(entry)} {entry.title}: {said}{unsure}"
