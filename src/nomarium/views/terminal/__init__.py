"""Agendas, weeks and months as lines of a terminal: texts with the names of their styles, no colours yet."""

from nomarium.views.terminal.agenda_lines import agenda_lines
from nomarium.views.terminal.month_lines import month_lines
from nomarium.views.terminal.runs import Line, Run, plain_text
from nomarium.views.terminal.week_lines import has_room, week_lines

__all__ = ["Line", "Run", "agenda_lines", "has_room", "month_lines", "plain_text", "week_lines"]
