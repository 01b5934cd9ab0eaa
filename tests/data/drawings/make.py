"""Makes the sample drawings beside this file with a library that is not ours, so that reading is not tried on our own writing only.

Run once with Python and ezdxf; the drawings are kept, this only says how they came about.
"""
import sys
from pathlib import Path

import ezdxf

HERE = Path(sys.argv[0]).parent


def layers(drawing, *names):
    for i, name in enumerate(names):
        if name not in drawing.layers:
            drawing.layers.new(name, dxfattribs={"color": i + 1})


def lines_only():
    """R12: two faces of a gable drawn with single lines, gaps to 1/20, one ridge for both; walls that lead nowhere."""
    drawing = ezdxf.new("R12")
    drawing.header["$INSUNITS"] = 1
    layers(drawing, "ROOF", "RIDGE", "WALLS")
    space = drawing.modelspace()
    for a, b in [((0, 0), (240, 0)), ((240.05, 0), (240, 120)), ((240, 120), (240, 239.96)), ((240, 240), (0, 240)), ((0, 240), (0.03, 120)), ((0, 120), (0, 0.04))]:
        space.add_line(a, b, dxfattribs={"layer": "ROOF"})
    space.add_line((0, 120), (240, 120), dxfattribs={"layer": "RIDGE"})
    space.add_line((10, 10), (60, 10), dxfattribs={"layer": "WALLS"})
    space.add_text("South 6:12", dxfattribs={"layer": "ROOF", "height": 6, "insert": (100, 40)})
    space.add_text("North 4 1/2:12", dxfattribs={"layer": "ROOF", "height": 6, "insert": (100, 180)})
    drawing.saveas(HERE / "lines-r12.dxf")


def inserts():
    """R2000: one face drawn once as a block, placed twice, one of them turned round; a chimney as a block in the block."""
    drawing = ezdxf.new("R2000")
    drawing.header["$INSUNITS"] = 4
    layers(drawing, "A-ROOF", "A-ROOF-EAVE")
    chimney = drawing.blocks.new("STACK")
    chimney.add_lwpolyline([(0, 0), (600, 0), (600, 500), (0, 500)], close=True, dxfattribs={"layer": "CHIMNEY"})
    face = drawing.blocks.new("FACE", base_point=(0, 0))
    face.add_lwpolyline([(0, 0), (8000, 0), (8000, 4000), (0, 4000)], close=True, dxfattribs={"layer": "0"})
    face.add_line((0, 0), (8000, 0), dxfattribs={"layer": "A-ROOF-EAVE"})
    face.add_blockref("STACK", (2000, 1500), dxfattribs={"layer": "0"})
    space = drawing.modelspace()
    space.add_blockref("FACE", (1000, 1000), dxfattribs={"layer": "A-ROOF"})
    space.add_blockref("FACE", (9000, 9000), dxfattribs={"layer": "A-ROOF", "rotation": 180})
    drawing.saveas(HERE / "inserts-r2000.dxf")


def inner_outlines():
    """R2010: one outline of the whole parted by a ridge line, a skylight and a vent pipe in one face, a hatch and a dimension."""
    drawing = ezdxf.new("R2010")
    drawing.header["$INSUNITS"] = 2
    layers(drawing, "ROOF", "FIRST", "SKYLIGHT", "PIPES")
    space = drawing.modelspace()
    space.add_lwpolyline([(0, 0), (30, 0), (30, 24), (0, 24)], close=True, dxfattribs={"layer": "ROOF"})
    space.add_line((0, 12), (30, 12), dxfattribs={"layer": "FIRST"})
    space.add_lwpolyline([(10, 3), (12, 3), (12, 7), (10, 7)], close=True, dxfattribs={"layer": "SKYLIGHT"})
    space.add_circle((20, 5), 0.25, dxfattribs={"layer": "PIPES"})
    space.add_mtext("Slip hall\\P8:12", dxfattribs={"layer": "ROOF", "insert": (3, 2)})
    space.add_text("Shed side 8:12", dxfattribs={"layer": "ROOF", "height": 1, "insert": (3, 20)})
    space.add_hatch().paths.add_polyline_path([(0, 0), (1, 0), (1, 1)], is_closed=True)
    drawing.saveas(HERE / "inner-outlines-r2010.dxf")


def hip():
    """R2018: a hip roof with a dormer of two faces on one slope and a crooked curb; layer names of another language."""
    drawing = ezdxf.new("R2018")
    drawing.header["$INSUNITS"] = 1
    layers(drawing, "DACH", "DACH-TRAUFE", "DACH-FIRST", "DACH-GRAT", "AUFBAU")
    space = drawing.modelspace()
    corners = [(0, 0), (480, 0), (480, 288), (0, 288)]
    west, east = (144, 144), (336, 144)
    for a, b in zip(corners, corners[1:] + corners[:1]):
        space.add_line(a, b, dxfattribs={"layer": "DACH-TRAUFE"})
    for a, b in [(corners[0], west), (corners[3], west), (corners[1], east), (corners[2], east)]:
        space.add_line(a, b, dxfattribs={"layer": "DACH-GRAT"})
    space.add_line(west, east, dxfattribs={"layer": "DACH-FIRST"})
    for name, at in [("South 6:12", (240, 20)), ("North 6:12", (240, 268)), ("West 6:12", (30, 144)), ("East 6:12", (450, 144))]:
        space.add_text(name, dxfattribs={"layer": "DACH", "height": 5, "insert": at})
    space.add_lwpolyline([(200, 60), (240, 50), (250, 90), (210, 100)], close=True, dxfattribs={"layer": "AUFBAU"})
    drawing.saveas(HERE / "hip-r2018.dxf")


def tent():
    """R2013: a tent, its hips drawn as two diagonals that cross without a corner; a note's line runs across on a layer that means nothing."""
    drawing = ezdxf.new("R2013")
    drawing.header["$INSUNITS"] = 1
    layers(drawing, "ROOF", "HIP", "NOTES")
    space = drawing.modelspace()
    space.add_lwpolyline([(0, 0), (240, 0), (240, 240), (0, 240)], close=True, dxfattribs={"layer": "ROOF"})
    space.add_line((0, 0), (240, 240), dxfattribs={"layer": "HIP"})
    space.add_line((240, 0), (0, 240), dxfattribs={"layer": "HIP"})
    space.add_line((40, 10), (300, 110), dxfattribs={"layer": "NOTES"})
    for name, at in [("South", (110, 40)), ("East", (190, 120)), ("North", (110, 200)), ("West", (20, 120))]:
        space.add_text(f"{name} 9:12", dxfattribs={"layer": "ROOF", "height": 5, "insert": at})
    drawing.saveas(HERE / "tent-r2013.dxf")



for make in (lines_only, inserts, inner_outlines, hip, tent):
    make()
