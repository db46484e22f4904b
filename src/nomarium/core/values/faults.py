"""What is wrong with one value, before it is known in which cells it stands."""

from __future__ import annotations

from typing import NamedTuple

from nomarium.core.problems import Advice, Place, Problem, Severity


class Fault(NamedTuple):
    """A value that cannot be used: what is wrong, what would do, and the way out."""

    code: str
    message: str
    found: str
    expected: str = ""
    advice: Advice = ""

    def at(self, place: Place) -> Problem:
        """Return the error that this fault is in a cell."""
        return Problem(Severity.ERROR, self.code, place, self.message, self.found, self.expected, self.advice)
