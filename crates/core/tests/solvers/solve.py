"""Solves beams with two general-purpose finite-element libraries, for comparison with Sturvek's own statics.

Reads a JSON list of beams on standard input; writes, for each library, a list of results in the same order, and the
median time of one pass over all beams. Lengths are inches, forces pounds, E*I is 1e9 lb.in2; y is down.
"""

import json
import statistics
import sys
import time
import warnings
from importlib.metadata import version

warnings.filterwarnings("ignore")

from anastruct import SystemElements  # noqa: E402
from Pynite import FEModel3D  # noqa: E402

STIFFNESS = 1e9


def stations_of(beam):
    """Every station where something happens or is asked for, in order."""
    places = [0.0, beam["length"], *beam["supports"], *beam["stations"]]
    for load in beam["loads"]:
        places += [load["at"]] if "at" in load else [load["from"], load["to"]]
    ordered = []
    for place in sorted(places):
        if not ordered or place - ordered[-1] > 1e-9:
            ordered.append(place)
    return ordered


def index_of(stations, place):
    return min(range(len(stations)), key=lambda index: abs(stations[index] - place))


def intensities(load, left, right):
    """lb/in. of a line load at both ends of an element that lies within it; None outside."""
    middle = (left + right) / 2
    if not load["from"] < middle < load["to"]:
        return None
    grade = (load["end"] - load["start"]) / (load["to"] - load["from"])
    return [load["start"] + grade * (x - load["from"]) for x in (left, right)]


def with_pynite(beam):
    stations = stations_of(beam)
    model = FEModel3D()
    model.add_material("wood", 1e6, 4e5, 0.25, 1.0)
    model.add_section("header", 100.0, 1e3, STIFFNESS / 1e6, 1e3)
    for index, x in enumerate(stations):
        model.add_node(f"N{index}", x, 0, 0)
    for index in range(len(stations) - 1):
        model.add_member(f"M{index}", f"N{index}", f"N{index + 1}", "wood", "header")
    for number, support in enumerate(beam["supports"]):
        first = number == 0
        model.def_support(f"N{index_of(stations, support)}", first, True, True, first, first, False)
    for load in beam["loads"]:
        if "at" in load:
            model.add_node_load(f"N{index_of(stations, load['at'])}", "FY", -load["pounds"])
            continue
        for index in range(len(stations) - 1):
            ends = intensities(load, stations[index], stations[index + 1])
            if ends:
                model.add_member_dist_load(f"M{index}", "Fy", -ends[0], -ends[1])
    model.analyze_linear()
    asked = [index_of(stations, x) for x in beam["stations"]]
    moments = [model.members[f"M{i}"].moment("Mz", 0) for i in asked]
    shears = [model.members[f"M{i}"].shear("Fy", 0) for i in asked]
    return {
        "reactions": [model.nodes[f"N{index_of(stations, s)}"].RxnFY["Combo 1"] for s in beam["supports"]],
        "shear": shears,
        "moment": moments,
        "sag": [-model.nodes[f"N{i}"].DY["Combo 1"] for i in asked],
    }


def with_anastruct(beam):
    stations = stations_of(beam)
    system = SystemElements(EA=1e12, EI=STIFFNESS)
    for left, right in zip(stations, stations[1:]):
        system.add_element(location=[[left, 0], [right, 0]])
    for number, support in enumerate(beam["supports"]):
        node = index_of(stations, support) + 1
        if number == 0:
            system.add_support_hinged(node)
        else:
            system.add_support_roll(node)
    points, lines = {}, {}
    for load in beam["loads"]:
        if "at" in load:
            node = index_of(stations, load["at"]) + 1
            points[node] = points.get(node, 0.0) + load["pounds"]
            continue
        for index in range(len(stations) - 1):
            ends = intensities(load, stations[index], stations[index + 1])
            if ends:
                before = lines.get(index + 1, [0.0, 0.0])
                lines[index + 1] = [before[0] + ends[0], before[1] + ends[1]]
    for node, pounds in points.items():
        system.point_load(node, Fy=-pounds)
    for element, ends in lines.items():
        system.q_load(q=[-ends[0], -ends[1]], element_id=element)
    system.solve()
    asked = [index_of(stations, x) + 1 for x in beam["stations"]]
    elements = [system.element_map[node] for node in asked]
    supports = [index_of(stations, s) + 1 for s in beam["supports"]]
    return {
        "reactions": [-system.reaction_forces[node].Fy for node in supports],
        "shear": [float(element.shear_force[0]) for element in elements],
        "moment": [float(element.bending_moment[0]) for element in elements],
        "sag": [-system.get_node_displacements(node)["uy"] for node in asked],
    }


def main():
    beams = json.load(sys.stdin)
    answer = {}
    for name, package, solve in [
        ("pynite", "PyNiteFEA", with_pynite),
        ("anastruct", "anastruct", with_anastruct),
    ]:
        times = []
        for _ in range(int(sys.argv[1]) if len(sys.argv) > 1 else 1):
            start = time.perf_counter()
            results = [solve(beam) for beam in beams]
            times.append(time.perf_counter() - start)
        answer[name] = {"version": version(package), "seconds": statistics.median(times), "beams": results}
    json.dump(answer, sys.stdout)


main()
