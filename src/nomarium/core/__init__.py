"""The core: from files to calendars, without a word to any screen.

Data moves one way: ``tables`` → ``values`` and ``columns`` → ``sources`` → ``calendars`` → ``ics``.
Nothing in here asks the clock, the locale or the machine's zone; whoever calls passes them in.
"""
