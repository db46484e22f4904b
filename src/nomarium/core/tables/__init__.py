"""A file → the table in it: headings, columns of raw cells, and where each stood."""

from nomarium.core.tables.cells import Cell, address, column_letters, guarded, plain_text
from nomarium.core.tables.open import read_table
from nomarium.core.tables.table import Column, LeftOut, Table

__all__ = ["Cell", "Column", "LeftOut", "Table", "address", "column_letters", "guarded", "plain_text", "read_table"]
