"""What is made when it is first asked for: what a command does not need costs it no time.

A package that loads its names on demand says what it brings below ``if TYPE_CHECKING:``, as imports; these are made
one by one. A regular expression is compiled when it first looks at a text.
"""

from __future__ import annotations

import re
import sys
from collections.abc import Callable
from importlib import import_module
from types import ModuleType
from typing import TYPE_CHECKING, Any

_IMPORT = re.compile(r"^    from (?P<module>[\w.]+) import (?:\((?P<several>[^)]*)\)|(?P<line>[^(\n]+))$", re.MULTILINE)


def on_demand(package: str) -> Callable[[str], object]:
    """Return the ``__getattr__`` of a package (PEP 562), by its name: it makes the import that brings a name."""
    module = sys.modules[package]
    loader = module.__spec__.loader if module.__spec__ else None
    source = loader.get_source(package) if loader is not None else ""  # type: ignore[attr-defined]
    table = {
        name: match["module"]
        for match in _IMPORT.finditer(source or "")
        for name in re.findall(r"\w+", match["several"] or match["line"])
    }
    module.__class__ = _Package

    def bring(name: str) -> object:
        if name not in table:
            raise AttributeError(f"module {package!r} has no attribute {name!r}")
        value = getattr(import_module(table[name]), name)
        setattr(module, name, value)
        return value

    return bring


class _Package(ModuleType):
    """A package in which a name is what it brings, also where a module of that name is loaded."""

    def __setattr__(self, name: str, value: object) -> None:
        if isinstance(value, ModuleType) and name in getattr(self, "__all__", ()):
            return
        super().__setattr__(name, value)


class _Pattern:
    """A regular expression that is compiled when a method of it is first asked for, and is then that expression."""

    def __init__(self, text: str | bytes, flags: int) -> None:
        self._text = text
        self._flags = flags

    def __getattr__(self, name: str) -> object:
        if name.startswith("__"):  # what copies and inspects an object asks for more than it has
            raise AttributeError(name)
        compiled: re.Pattern[Any] = re.compile(self._text, self._flags)
        for method in _METHODS:
            setattr(self, method, getattr(compiled, method))
        return getattr(compiled, name)


_METHODS = ("match", "search", "fullmatch", "sub", "subn", "split", "findall", "finditer", "pattern", "flags")

if TYPE_CHECKING:
    regex = re.compile
else:

    def regex(text: str | bytes, flags: int = 0) -> _Pattern:
        """Return a regular expression as ``re.compile`` does, compiled when it first looks at a text.

        A module's patterns are hundreds together, of which a run needs a few.
        """
        return _Pattern(text, flags)
