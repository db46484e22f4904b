"""The shape of the program: the core knows no interface, a command starts at once, packages say what they export."""

import ast
import importlib
import subprocess
import sys
from pathlib import Path

import pytest

import nomarium

SOURCE = Path(nomarium.__file__).parent
MODULES = sorted(SOURCE.rglob("*.py"))
INTERFACE = {"typer", "click", "rich", "nomarium.cli", "nomarium.demo"}
FLOW = (
    "problems tables values repeats columns kinds sheets year sources holidays datesheets slots bells timetable "
    "recognition programmes lessons plan calendars meetings ics building inspection drafting history agenda free_time"
).split()


def imported(module):
    """All modules that a module imports, wherever in it."""
    names = set()
    for node in ast.walk(ast.parse(module.read_text("utf-8"))):
        if isinstance(node, ast.Import):
            names |= {alias.name for alias in node.names}
        elif isinstance(node, ast.ImportFrom) and node.module:
            names.add(node.module)
    return names


def test_there_are_modules():
    assert len(MODULES) > 30


@pytest.mark.parametrize("module", [m for m in MODULES if m.is_relative_to(SOURCE / "core")], ids=lambda m: m.name)
def test_the_core_imports_no_interface_and_no_later_stage(module):
    names = imported(module)
    assert not [name for name in names if name in INTERFACE or name.split(".")[0] in INTERFACE]
    stage = module.relative_to(SOURCE / "core").parts[0]
    if stage in FLOW:
        stages = {name.split(".")[2] for name in names if name.startswith("nomarium.core.")}
        later = {other for other in stages if other in FLOW and FLOW.index(other) > FLOW.index(stage)}
        assert not later


def test_nothing_heavy_is_loaded_at_start():
    code = "import sys, nomarium.cli; print(*sys.modules)"
    loaded = set(
        subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True).stdout.split()
    )
    heavy = {
        "python_calamine",
        "xlsxwriter",
        "rich",
        "pydantic",
        "babel",
        "rapidfuzz",
        "zoneinfo",
        "csv",
        "nomarium.core",
        "matplotlib",
        "holidays",
    }
    assert "nomarium.cli.app" in loaded
    assert not loaded & heavy


PACKAGES = [module for module in MODULES if module.name == "__init__.py" and "__all__" in module.read_text("utf-8")]


@pytest.mark.parametrize("package", PACKAGES, ids=lambda p: p.parent.name)
def test_packages_export_what_they_import(package):
    tree = ast.parse(package.read_text("utf-8"))
    lazy = [node for node in tree.body if isinstance(node, ast.If)]
    names = [node for node in (lazy[0].body if lazy else tree.body) if isinstance(node, ast.ImportFrom)]
    brought = {alias.asname or alias.name for node in names for alias in node.names}
    module = importlib.import_module(".".join(["nomarium", *package.parent.relative_to(SOURCE).parts]))
    assert set(module.__all__) == brought
    assert all(getattr(module, name) is not None for name in brought)
    with pytest.raises(AttributeError):
        _ = module.no_such_name
