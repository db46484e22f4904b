"""The command line: thin, one module a command."""

from nomarium.cli.app import main

__all__ = ["main"]
