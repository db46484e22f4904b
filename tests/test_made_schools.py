"""Random schools in random shapes: two commands give the truth, or a refusal that names what to write, and then the truth."""

import pytest

from made_schools import SHAPES, built, drafted, made_school

SCHOOLS = 60


def joined(meetings):
    """Meetings in order, neighbours of one class in one room as one: a double period may be written as two."""
    found = []
    for start, end, class_name, room in sorted(meetings, key=lambda one: (one[2], one[0], one[1], one[3])):
        near = found and found[-1][2:] == [class_name, room] and found[-1][0][:10] == start[:10]
        if near and minutes(start[11:]) - minutes(found[-1][1]) <= PASSING:
            found[-1][1] = end
        else:
            found.append([start, end, class_name, room])
    return found


def minutes(clock):
    return int(clock[:2]) * 60 + int(clock[3:])


PASSING = 10


@pytest.mark.parametrize("seed", range(SCHOOLS), ids=lambda seed: f"{seed} {SHAPES[seed % len(SHAPES)]}")
def test_a_school_comes_out_true_or_is_refused_with_the_way_out(tmp_path, seed):
    school = made_school(seed)
    plan, draft = drafted(tmp_path, school.write(tmp_path))
    errors, meetings = built(plan)
    if not school.defect:
        assert [error.message for error in errors] == []
        assert draft.undecided == []
    elif not errors:
        assert joined(meetings) == joined(school.truth)
    else:
        assert all(error.place.file for error in errors)
        assert all(error.advice or error.expected for error in errors), errors
        plan, _ = drafted(tmp_path, school.write(tmp_path, mended=True))
        errors, meetings = built(plan)
        assert [error.message for error in errors] == []
    assert joined(meetings) == joined(school.truth)
