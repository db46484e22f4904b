"""The plan file: what it may say, and reading it."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.plan.keys import PlanKey, plan_keys, plan_schema, sheet_keys
    from nomarium.core.plan.load import PlanFile, load_plan
    from nomarium.core.plan.model import (
        CalendarKeys,
        CycleKeys,
        LessonKeys,
        Plan,
        ReadingKeys,
        RowKeys,
        SheetKeys,
        SourceKeys,
    )
    from nomarium.core.plan.name import PLAN_NAME
    from nomarium.core.plan.outside import named_outside

__all__ = [
    "PLAN_NAME",
    "CalendarKeys",
    "CycleKeys",
    "LessonKeys",
    "Plan",
    "PlanFile",
    "PlanKey",
    "ReadingKeys",
    "RowKeys",
    "SheetKeys",
    "SourceKeys",
    "load_plan",
    "named_outside",
    "plan_keys",
    "plan_schema",
    "sheet_keys",
]

__getattr__ = on_demand(__name__)
