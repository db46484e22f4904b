"""``nomarium demo``: the sample school, from its sheets to its calendars."""

DEMO_EXAMPLES = ""
def demo() -> None:
    """x"""
