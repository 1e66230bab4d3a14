"""The least cost of cutting pieces from sticks, by HiGHS over an arc-flow model: nothing of ours.

Reads a list of {"pieces": [[length, count]], "stock": [[length, price, available or null]], "kerf": k, "tolerance": t} in
whole nanometers and cents from the file named first, spends at most the seconds named second on each, and prints for each
{"cost", "bound", "seconds", "proven"}; cost is null where none was found.

Source of the model: Valerio de Carvalho's arc-flow formulation with several bin types; from memory.
"""

import json
import sys
import time

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import coo_matrix


def solve(case, limit):
    kerf = case["kerf"]
    wanted = {}
    for length, count in case["pieces"]:
        wanted[length + kerf] = wanted.get(length + kerf, 0) + count
    widths = sorted(wanted, reverse=True)
    rooms = [(length + kerf + case["tolerance"], price, available) for length, price, available in case["stock"]]
    largest = max(room for room, _, _ in rooms)
    reached, arcs = {0}, set()
    for item, width in enumerate(widths):
        new = set()
        for start in reached:
            at = start
            for _ in range(wanted[width]):
                to = at + width
                if largest < to:
                    break
                arcs.add((at, to, item))
                new.add(to)
                at = to
        reached |= new
    nodes = {node: row for row, node in enumerate(sorted(reached))}
    arcs = sorted(arcs)
    ends = [(node, stick) for node in nodes if 0 < node for stick, (room, _, _) in enumerate(rooms) if node <= room]
    total = len(arcs) + len(ends)
    cost = np.zeros(total)
    for number, (_, stick) in enumerate(ends):
        cost[len(arcs) + number] = rooms[stick][1]
    flow, made, used = ([], [], []), ([], [], []), ([], [], [])

    def put(matrix, row, column, value):
        matrix[0].append(row)
        matrix[1].append(column)
        matrix[2].append(value)

    for number, (start, to, item) in enumerate(arcs):
        put(flow, nodes[to], number, 1)
        if 0 < start:
            put(flow, nodes[start], number, -1)
        put(made, item, number, 1)
    for number, (node, stick) in enumerate(ends):
        put(flow, nodes[node], len(arcs) + number, -1)
        put(used, stick, len(arcs) + number, 1)
    matrix = lambda of, rows: coo_matrix((of[2], (of[0], of[1])), shape=(rows, total)).tocsr()
    constraints = [
        LinearConstraint(matrix(flow, len(nodes))[1:], 0, 0),
        LinearConstraint(matrix(made, len(widths)), [wanted[width] for width in widths], np.inf),
        LinearConstraint(
            matrix(used, len(rooms)), 0, [np.inf if available is None else available for _, _, available in rooms]
        ),
    ]
    begun = time.perf_counter()
    found = milp(
        cost,
        constraints=constraints,
        integrality=np.ones(total),
        bounds=Bounds(0, np.inf),
        options={"time_limit": limit, "mip_rel_gap": 0},
    )
    return {
        "cost": None if found.x is None else round(float(found.fun)),
        "bound": None if found.mip_dual_bound is None else float(found.mip_dual_bound),
        "seconds": time.perf_counter() - begun,
        "proven": found.status == 0,
    }


with open(sys.argv[1]) as file:
    cases = json.load(file)
print(json.dumps([solve(case, float(sys.argv[2])) for case in cases]))
