"""The order of day, month and year in a column, decided by the evidence of all its cells."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from datetime import date
from types import MappingProxyType

from nomarium.core.values.date_text import ORDERS, DateShape, Order, YearMonthDay
from nomarium.lazily import regex

YEAR_PROOF_CELLS = 3
"""So many cells with the same or neighbouring values in one part, and the other end all different, make it the year."""
YEAR_SURE_CELLS = 8
"""From so many cells on, the month between varies, too."""


@dataclass(slots=True)
class OrderEvidence:
    """What a column's dates allow: the orders left, and for each one excluded the text that excludes it."""

    left: list[Order]
    against: dict[Order, str] = field(default_factory=dict)
    ambiguous: list[str] = field(default_factory=list)
    """Texts whose readings differ between the orders left."""
    by_dots: bool = False
    """Whether nothing but the dots between the parts decided for day first."""
    by_year_part: bool = False
    """Whether a part that stays the same through the column was taken for the year."""

    @property
    def decided(self) -> Order | None:
        """The only order left, or any where all orders left give the same dates."""
        return self.left[0] if len(self.left) == 1 or (self.left and not self.ambiguous) else None


def possible_date(reading: YearMonthDay, weekday: int | None, within: tuple[date, date] | None) -> bool:
    """Tell whether a reading exists and falls on the weekday beside it; in a span's year where it has none itself."""
    if not reading.possible:
        return False
    if reading.year is None:
        return within is None or weekday is None or bool(dates_within(reading, weekday, within))
    return weekday is None or date(reading.year, reading.month, reading.day).weekday() == weekday


def _lies_within(reading: YearMonthDay, weekday: int | None, within: tuple[date, date]) -> bool:
    """Tell whether a reading lies within a span, in one of its years where it has none."""
    day = reading.as_date()
    return within[0] <= day <= within[1] if day else bool(dates_within(reading, weekday, within))


def dates_within(reading: YearMonthDay, weekday: int | None, within: tuple[date, date]) -> list[date]:
    """Return the dates within a span that a reading without a year can mean."""
    years = range(within[0].year, within[1].year + 1)
    days = (reading._replace(year=year).as_date() for year in years)
    return [
        day
        for day in days
        if day is not None and within[0] <= day <= within[1] and (weekday is None or day.weekday() == weekday)
    ]


def weigh(
    shapes: Mapping[str, Iterable[DateShape]],
    within: tuple[date, date] | None = None,
    cells: Iterable[str] = (),
    weekdays: Mapping[str, set[int]] = MappingProxyType({}),
) -> OrderEvidence:
    """Weigh all dates of a column: the shapes of each distinct text, and the column's texts in their order.

    ``weekdays`` are those that stand beside a text in a column of their own.

    A text that is possible in no reading proves nothing: it is wrong in itself. What a part or a weekday proves goes
    before the span, and the span proves an order only where every text lies in it.
    """
    unclear = {text: [shape for shape in found if not shape.plain] for text, found in shapes.items()}
    unclear = {text: _with_weekday(found, weekdays.get(text, set())) for text, found in unclear.items() if found}
    known = [order for order in ORDERS if any(order in s.readings for found in unclear.values() for s in found)]
    evidence = OrderEvidence(known or list(ORDERS))
    for text, found in unclear.items():
        for order in _excluded(found, within):
            evidence.against.setdefault(order, text)
    evidence.left = [order for order in evidence.left if order not in evidence.against]
    if len(evidence.left) > 1 and "ymd" in evidence.left and unclear:
        _spot_year(evidence, unclear, cells)
    if within and len(evidence.left) > 1:
        _keep_within(evidence, unclear, within)
    evidence.ambiguous = [text for text, found in unclear.items() if _differs(found, evidence.left)]
    if evidence.ambiguous and "dmy" in evidence.left and _all_dotted(unclear, evidence.ambiguous):
        evidence.left, evidence.ambiguous, evidence.by_dots = ["dmy"], [], True
    return evidence


def _with_weekday(shapes: list[DateShape], beside: set[int]) -> list[DateShape]:
    """Give the first date of a text the weekday that stands beside it, where it names none itself."""
    if len(beside) == 1 and shapes[0].weekday is None:
        return [shapes[0]._replace(weekday=next(iter(beside))), *shapes[1:]]
    return shapes


def _keep_within(evidence: OrderEvidence, unclear: Mapping[str, list[DateShape]], within: tuple[date, date]) -> None:
    """Leave the only order under which every text lies within a span, where one of its dates leaves it else."""
    outside = {order: _first_outside(unclear, order, within) for order in evidence.left}
    inside = [order for order, text in outside.items() if text is None]
    if len(inside) == 1:
        evidence.left = inside
        for order, text in outside.items():
            if text is not None:
                evidence.against.setdefault(order, text)


def _first_outside(unclear: Mapping[str, list[DateShape]], order: Order, within: tuple[date, date]) -> str | None:
    """Return the first text of which a date lies outside a span under an order; None where all lie in it."""
    for text, shapes in unclear.items():
        for shape in shapes:
            reading = shape.readings.get(order)
            if reading is None or not _lies_within(reading, shape.weekday, within):
                return text
    return None


def _excluded(shapes: list[DateShape], within: tuple[date, date] | None) -> list[Order]:
    """Return the orders that a text's dates rule out, while another order keeps them possible."""
    offered = [order for order in ORDERS if all(order in shape.readings for shape in shapes)]
    possible = [
        order
        for order in offered
        if all(possible_date(shape.readings[order], shape.weekday, within) for shape in shapes)
    ]
    return [order for order in offered if order not in possible] if possible else []


def _differs(shapes: list[DateShape], orders: list[Order]) -> bool:
    """Tell whether some date of a text comes out differently under the orders."""
    for shape in shapes:
        readings = {shape.readings[order] for order in orders if order in shape.readings}
        if len({reading for reading in readings if reading.possible}) > 1:
            return True
    return False


def _all_dotted(unclear: Mapping[str, list[DateShape]], texts: list[str]) -> bool:
    return all(shape.dotted for text in texts for shape in unclear[text])


def _spot_year(evidence: OrderEvidence, unclear: Mapping[str, list[DateShape]], cells: Iterable[str]) -> None:
    """Where years have two digits, the part that hardly changes while the others vary is the year."""
    parts = [shape.short_year for text in cells for shape in unclear.get(text, ()) if shape.short_year]
    if len(parts) < YEAR_PROOF_CELLS:
        return
    values = [sorted({part[position] for part in parts}) for position in range(3)]
    steady = [len(found) <= 2 and found[-1] - found[0] <= 1 for found in values]
    few = len(parts) < YEAR_SURE_CELLS
    if steady[2] and len(values[0]) >= YEAR_PROOF_CELLS and (few or not steady[1]):
        evidence.left.remove("ymd")
        evidence.by_year_part = True
    elif steady[0] and len(values[2]) >= YEAR_PROOF_CELLS and (few or not steady[1]):
        evidence.left, evidence.by_year_part = ["ymd"], True


_HEADING_ORDER = regex(
    r"(?<![a-z])([dtj]{1,2}|m{1,3}|[yja]{2,4})[./\- ]([dtj]{1,2}|m{1,3})[./\- ]([dtj]{1,2}|[yja]{2,4})(?![a-z])"
)
_HEADING_PAIR = regex(r"(?<![a-z])([dtj]{1,2}|m{1,2})[./\- ]([dtj]{1,2}|m{1,2})(?![a-z])")


def order_in_heading(heading: str) -> Order | None:
    """Return the order that a heading states: "Date (dd/mm/yyyy)" → "dmy"; also TT.MM.JJJJ and jj/mm/aaaa."""
    text = heading.casefold()
    match = _HEADING_ORDER.search(text) or _HEADING_PAIR.search(text)
    if not match:
        return None
    parts = [part[0] for part in match.groups()]
    if parts.count("m") != 1:
        return None
    if len(parts) == 3 and parts[0] in "yja" and len(match[1]) > 1 and parts[1] == "m":
        return "ymd" if len(match[1]) == 4 or parts[0] == "y" else "dmy"
    return "mdy" if parts[0] == "m" else "dmy"
