"""Nomarium turns the spreadsheets of a school or an office into calendar files."""

__version__ = "0.1.0"
