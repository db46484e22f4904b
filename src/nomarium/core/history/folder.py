"""Where the history of a plan's builds lies: beside the plan."""

FOLDER, NAME = ".nomarium", "history.sqlite3"
