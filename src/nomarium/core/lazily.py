"""Packages that load a name when it is first asked for: what a command does not need costs it no time.

Such a package says what it brings below ``if TYPE_CHECKING:``, as imports; these are made one by one, on demand.
"""

from __future__ import annotations

import re
import sys
from collections.abc import Callable
from importlib import import_module

_IMPORT = re.compile(r"^    from (?P<module>[\w.]+) import (?:\((?P<several>[^)]*)\)|(?P<line>[^(\n]+))$", re.MULTILINE)


def on_demand(package: str) -> Callable[[str], object]:
    """Return the ``__getattr__`` of a package (PEP 562), by its name: it makes the import that brings a name.

    A name that is that of its module, too, is brought at once: the module would stand in its place.
    """
    module = sys.modules[package]
    loader = module.__spec__.loader if module.__spec__ else None
    source = loader.get_source(package) if loader is not None else ""  # type: ignore[attr-defined]
    table = {
        name: match["module"]
        for match in _IMPORT.finditer(source or "")
        for name in re.findall(r"\w+", match["several"] or match["line"])
    }

    def bring(name: str) -> object:
        if name not in table:
            raise AttributeError(f"module {package!r} has no attribute {name!r}")
        value = getattr(import_module(table[name]), name)
        setattr(module, name, value)
        return value

    for name, home in table.items():
        if home == f"{package}.{name}":
            bring(name)
    return bring
