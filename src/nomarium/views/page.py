"""A page to draw on: boxes and texts in fractions of it, texts measured and wrapped; as PNG, PDF or SVG."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import cache
from io import BytesIO
from typing import TYPE_CHECKING, Any, NamedTuple
from warnings import catch_warnings, simplefilter

from nomarium.core.marks import MAKER
from nomarium.lazily import regex

if TYPE_CHECKING:
    from matplotlib.figure import Figure
    from matplotlib.ft2font import FT2Font
    from matplotlib.text import Text

SIZES = {"A4": (11.69, 8.27), "Letter": (11.0, 8.5)}
"""Paper sizes in inches, landscape."""
SCREEN = (12.8, 8.0)
DPI = 100
INK, FAINT, RULE, GREY = "#1b2733", "#8a949e", "#b9c2ca", "#56616b"
_FAMILIES = (
    "DejaVu Sans",
    "Noto Sans",
    "Noto Sans Arabic",
    "Noto Sans Hebrew",
    "Noto Sans Devanagari",
    "Noto Sans Thai",
    "Noto Sans CJK JP",
    "Hiragino Sans",
    "Yu Gothic",
    "Microsoft YaHei",
    "Malgun Gothic",
    "Arial Unicode MS",
    "Segoe UI",
    "Noto Emoji",
    "Segoe UI Emoji",
)
"""The fonts that texts are drawn in, where they are there: the first that has a letter draws it."""
_LINE = 1.22
"""The height of a line, in sizes of its letters."""


class Box(NamedTuple):
    """A rectangle: its lower left corner, width and height, in fractions of the page."""

    x: float
    y: float
    width: float
    height: float

    def inside(self, across: float, down: float) -> Box:
        """Return the box without a margin on each side."""
        return Box(self.x + across, self.y + down, max(0.0, self.width - 2 * across), max(0.0, self.height - 2 * down))


Piece = tuple[str, str]
"""A text and its style."""
Drawing = Callable[["Page"], None]
"""What draws one page."""


def draw_pages(drawings: Sequence[Drawing], size: tuple[float, float], form: str) -> tuple[bytes, str]:
    """Draw pages of a size in inches as ``png`` or ``svg`` (one page), or ``pdf``.

    Returns the file, and the characters that no font here has. The same drawings give the same bytes.
    """
    from matplotlib import rc_context
    from matplotlib.figure import Figure

    held = BytesIO()
    with rc_context(_style()), catch_warnings(record=True) as told:  # type: ignore[arg-type]
        simplefilter("always")
        if form == "pdf":
            from matplotlib.backends.backend_pdf import PdfPages

            with PdfPages(held, metadata={"CreationDate": None, "Creator": MAKER}) as pages:
                for draw in drawings:
                    figure = Figure(figsize=size, dpi=DPI, facecolor="white")
                    draw(Page(figure))
                    pages.savefig(figure)
        else:
            figure = Figure(figsize=size, dpi=DPI, facecolor="white")
            drawings[0](Page(figure))
            made: dict[str, Any] = {"Software": MAKER} if form == "png" else {"Date": None, "Creator": MAKER}
            figure.savefig(held, format=form, dpi=DPI, metadata=made)
    missing = dict.fromkeys(match[1] for one in told if (match := _MISSING_GLYPH.match(str(one.message))))
    return held.getvalue(), "".join(chr(int(code)) for code in missing)


_MISSING_GLYPH = regex(r"Glyph (\d+) ")


def _style() -> dict[str, object]:
    return {
        "svg.hashsalt": "nomarium",
        "svg.fonttype": "none",
        "hatch.linewidth": 0.5,
        "font.family": list(_families()),
        "pdf.use14corefonts": False,
    }


@cache
def _families() -> tuple[str, ...]:
    """Return the families of fonts that are here."""
    from matplotlib.font_manager import fontManager

    known = set(fontManager.get_font_names())
    return tuple(name for name in _FAMILIES if name in known)


class Page:
    """Draws boxes and texts in fractions of the page."""

    def __init__(self, figure: Figure) -> None:
        self._figure = figure
        self._width, self._height = (float(side) for side in figure.get_size_inches())
        self._drawn = 0

    def _above(self) -> int:
        """Return the place in depth of what is drawn next: above all that was drawn before."""
        self._drawn += 1
        return self._drawn

    def box(self, box: Box, fill: str, edge: str = "none", hatch: str = "", line: float = 0.5) -> None:
        """Draw a filled box."""
        from matplotlib.patches import Rectangle

        patch = Rectangle(
            (box.x, box.y), box.width, box.height, facecolor=fill, edgecolor=edge, hatch=hatch or None, linewidth=line
        )
        patch.set_zorder(self._above())
        self._figure.add_artist(patch)

    def triangle(self, box: Box, fill: str) -> None:
        """Fill the lower right half of a box."""
        from matplotlib.patches import Polygon

        right, top = box.x + box.width, box.y + box.height
        half = Polygon([(box.x, box.y), (right, box.y), (right, top)], facecolor=fill, linewidth=0)
        half.set_zorder(self._above())
        self._figure.add_artist(half)

    def rule(self, x: float, y: float, width: float, colour: str = RULE, line: float = 0.5) -> None:
        """Draw a line across."""
        from matplotlib.lines import Line2D

        self._figure.add_artist(Line2D([x, x + width], [y, y], color=colour, linewidth=line, zorder=self._above()))

    def text(self, x: float, y: float, text: str, size: float, colour: str = INK, at: str = "center") -> None:
        """Write a text at a point: its size in points, its middle, left or right end there."""
        self._write(text, (x, y), size, colour, at)

    def bold(self, x: float, y: float, text: str, size: float, at: str = "center") -> None:
        """Write a text in bold."""
        self._write(text, (x, y), size, INK, at).set_fontweight("bold")

    def _write(self, text: str, place: tuple[float, float], size: float, colour: str, at: str) -> Text:
        return self._figure.text(
            *place, text, fontsize=size, color=colour, ha=at, va="center", parse_math=False, zorder=self._above()
        )

    def points(self, height: float) -> float:
        """Return a height in points (1/72 inch)."""
        return height * self._height * 72

    def points_across(self, width: float) -> float:
        """Return a width in points."""
        return width * self._width * 72

    def of_points(self, points: float) -> float:
        """Return the height that points take, in fractions of the page."""
        return points / (self._height * 72)

    def of_points_across(self, points: float) -> float:
        """Return the width that points take, in fractions of the page."""
        return points / (self._width * 72)

    def fitting(self, box: Box, text: str, share: float) -> float:
        """Return the size at which a text takes up a share of a box's height, smaller where it is too wide."""
        widest = box.width * self._width * 72 * 0.84
        return min(self.points(box.height) * share, widest / (0.68 * max(1, len(text))))

    def paragraph(
        self, box: Box, pieces: Sequence[Piece], largest: float, smallest: float, *, whole: float | None = None
    ) -> None:
        """Write texts below one another into a box, from its top: wrapped, else smaller, else shortened.

        ``pieces`` are (text, style): "" for plain, "bold", "faint". With ``whole``, the last pieces are left out before
        letters get smaller than that.
        """
        size, lines = self._best(box, pieces, largest, smallest, whole)
        step = self.of_points(size * _LINE)
        y = box.y + box.height - step / 2
        for text, style in lines:
            if style == "bold":
                self.bold(box.x, y, text, size, "left")
            else:
                self.text(box.x, y, text, size, GREY if style == "faint" else INK, "left")
            y -= step

    def _best(
        self, box: Box, pieces: Sequence[Piece], largest: float, smallest: float, whole: float | None
    ) -> tuple[float, list[Piece]]:
        """Return the size and lines of as many pieces as have room."""
        for count in range(len(pieces), 1, -1) if whole else ():
            size, lines, fits = self._set_in(box, pieces[:count], largest, whole or smallest)
            if fits:
                return size, lines
        return self._set_in(box, pieces[:1] if whole else pieces, largest, smallest)[:2]

    def _set_in(
        self, box: Box, pieces: Sequence[Piece], largest: float, smallest: float
    ) -> tuple[float, list[Piece], bool]:
        """Return the largest size at which all has room and no word is cut, its lines, and whether there is one."""
        width, height = self.points_across(box.width), self.points(box.height)
        longest = max((measure(word, bold=s == "bold") for text, s in pieces for word in text.split()), default=0.0)
        size = largest
        while True:
            lines = [
                (line, style) for text, style in pieces for line in wrapped(text, width / size, bold=style == "bold")
            ]
            room = int(height / (size * _LINE) + 0.2)
            fits = len(lines) <= room and longest * size <= width
            if fits or size <= smallest:
                break
            size = max(smallest, size - 0.5)
        room = max(1, room)
        if len(lines) > room:
            lines = lines[:room]
            text, style = lines[-1]
            lines[-1] = shortened(f"{text} …", width / size, bold=style == "bold"), style
        return size, lines, fits


def wrapped(text: str, width: float, *, bold: bool = False) -> list[str]:
    """Return a text in lines no wider than stated, in sizes of its letters; words too long are cut."""
    lines: list[str] = []
    line = ""
    for word in text.split():
        longer = f"{line} {word}" if line else word
        if measure(longer, bold=bold) <= width:
            line = longer
            continue
        if line:
            lines.append(line)
        line = word
        while measure(line, bold=bold) > width and len(line) > 1:
            cut = _fits(line, width, bold=bold)
            lines.append(line[:cut])
            line = line[cut:]
    return [*lines, line] if line else lines


def shortened(text: str, width: float, *, bold: bool = False) -> str:
    """Return a text no wider than stated, in sizes of its letters; what is too long ends in "…"."""
    if measure(text, bold=bold) <= width:
        return text
    cut = _fits(text, width - measure("…", bold=bold), bold=bold)
    return f"{text[:cut].rstrip(' …')}…"


def _fits(text: str, width: float, *, bold: bool) -> int:
    """Return how many letters of a text fit, one at least."""
    total = 0.0
    for place, letter in enumerate(text):
        total += _advance(letter, bold)
        if total > width:
            return max(1, place)
    return len(text)


def measure(text: str, *, bold: bool = False) -> float:
    """Return how wide a text is, in sizes of its letters."""
    return sum(_advance(letter, bold) for letter in text)


@cache
def _advance(letter: str, bold: bool) -> float:
    """Return the advance of a letter in the first font that has it (FreeType's, 16.16 fixed)."""
    font = next((font for font in _fonts(bold) if font.get_char_index(ord(letter))), None)
    if font is None:
        return 1.0  # a box stands in its place
    return font.load_char(ord(letter)).linearHoriAdvance / 65_536 / 100


@cache
def _fonts(bold: bool) -> list[FT2Font]:
    from matplotlib.font_manager import FontProperties, fontManager
    from matplotlib.ft2font import FT2Font

    weight = "bold" if bold else "normal"
    paths = [fontManager.findfont(FontProperties(family=name, weight=weight)) for name in _families()]
    fonts = [FT2Font(path) for path in paths]  # our own: those that draw change their sizes
    for font in fonts:
        font.set_size(100, 72)
    return fonts
