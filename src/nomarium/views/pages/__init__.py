"""Pages for any browser: a calendar with month, week and agenda, and an index of all calendars of a build."""

from nomarium.views.pages.calendar_page import calendar_page
from nomarium.views.pages.folder import foreign_pages, page_files, pages_folder, pages_left
from nomarium.views.pages.index_page import IndexEntry, index_page

__all__ = [
    "IndexEntry",
    "calendar_page",
    "foreign_pages",
    "index_page",
    "page_files",
    "pages_folder",
    "pages_left",
]
