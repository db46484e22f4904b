"""The docs say what is true: commands, outputs, fields and problem codes are held against the program."""

import ast
import importlib.util
import re
import shlex
from pathlib import Path

import nomarium
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.plan import load_plan, plan_keys
from nomarium.demo import write_sheets

ROOT = Path(__file__).parent.parent
SOURCE = Path(nomarium.__file__).parent


def code_blocks(page, language):
    return re.findall(rf"```{language}\n(.*?)```", page, re.DOTALL)


def test_the_reference_follows_from_the_program():
    spec = importlib.util.spec_from_file_location("make_reference", ROOT / "docs" / "make_reference.py")
    reference = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(reference)
    assert len(reference.PAGES) > 3
    for name, page in reference.PAGES.items():
        assert (ROOT / "docs" / name).read_text("utf-8") == page()


def test_the_sessions_of_the_readme_print_what_it_shows(desk):
    page = (ROOT / "README.md").read_text("utf-8")
    write_sheets(desk.folder)
    calls = [line for block in code_blocks(page, "sh") for line in block.splitlines() if line.startswith("nomarium ")]
    shown = code_blocks(page, "text")
    outputs = [desk.run(*shlex.split(call)[1:], zone=None).out for call in calls]
    assert len(calls) > 1
    assert shown == [output for output in outputs if output in shown]
    assert all(outputs)


def problem_codes():
    """The codes that the program's message builders name, found in its source."""
    codes = set()
    for module in SOURCE.rglob("*.py"):
        for call in ast.walk(ast.parse(module.read_text("utf-8"))):
            if isinstance(call, ast.Call) and isinstance(call.func, ast.Name):
                if call.func.id in {"error", "warning", "note", "Fault"}:
                    codes.add(call.args[0])
                elif call.func.id == "Finding":
                    codes.add(call.args[1])
    return {code.value for code in codes if isinstance(code, ast.Constant)} | {"no-rows", "no-headings", "two-tables"}


def test_every_problem_is_explained():
    page = (ROOT / "docs" / "problems.md").read_text("utf-8")
    explained = set(re.findall(r"^\| `([a-z-]+)` \|", page, re.MULTILINE))
    codes = problem_codes()
    assert len(codes) > 40
    assert codes <= explained
    assert {code for code in explained - codes if not code.startswith("unknown-")} == set()


def test_every_field_and_link_is_in_the_docs():
    fields = (ROOT / "docs" / "fields.md").read_text("utf-8")
    assert all(f"`{name}`" in fields for name in EVENT_SHEET.names)
    pages = [ROOT / "README.md", *sorted((ROOT / "docs").glob("*.md"))]
    links = [(page, link) for page in pages for link in re.findall(r"\]\(([^)#:]+)\)", page.read_text("utf-8"))]
    assert len(links) > 5
    assert not [link for page, link in links if not (page.parent / link).exists()]
    pictures = sorted((ROOT / "docs" / "screenshots").glob("*.png"))
    assert 0 < len(pictures) < 20
    assert all(f"docs/screenshots/{picture.name}" in (ROOT / "README.md").read_text("utf-8") for picture in pictures)


def test_every_key_of_a_plan_is_in_the_docs_and_its_example_is_a_plan(tmp_path):
    page = (ROOT / "docs" / "plan.md").read_text("utf-8")
    keys = [key.path for key in plan_keys()]
    assert len(keys) > 25
    assert [key for key in keys if f"| `{key}` |" not in page] == []
    (tmp_path / "nomarium.toml").write_text(code_blocks(page, "toml")[0], "utf-8")
    plan, problems = load_plan(tmp_path / "nomarium.toml")
    assert not problems
    assert plan.plan.calendars["instructors"].split == ["teacher"]
    assert plan.plan.cycles["Yard"].labels == ["1", "2", "3", "4", "5", "6"]


def test_dependencies_are_explained():
    names = re.findall(r'^    "([A-Za-z-]+)[>\[]', (ROOT / "pyproject.toml").read_text("utf-8"), re.MULTILINE)
    page = (ROOT / "docs" / "dependencies.md").read_text("utf-8").lower()
    assert len(names) > 8
    assert [name for name in names if name != "nomarium" and name.lower() not in page] == []
