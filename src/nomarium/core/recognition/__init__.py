"""Which kind of sheet a sheet is: every kind is held against it, with what speaks for it and against it."""

from nomarium.core.recognition.days import any_days
from nomarium.core.recognition.recognise import Candidate, Recognised, candidates, recognise

__all__ = ["Candidate", "Recognised", "any_days", "candidates", "recognise"]
