"""Reads a PDF with two libraries that had no part in writing it, and prints what they saw as JSON.

pypdf: structure, language, faces. pdfminer.six: every letter with the box around it.
"""

import json
import sys
from collections import Counter

from pdfminer.high_level import extract_pages
from pdfminer.layout import LAParams, LTChar, LTContainer
from pypdf import PdfReader


def letters(container):
    for item in container:
        if isinstance(item, LTChar):
            yield item
        elif isinstance(item, LTContainer):
            yield from letters(item)


def turned(letter):
    across, up = letter.matrix[0], letter.matrix[1]
    return abs(across) < abs(up)


def structure(reader):
    """How often each role stands in the tree, and how many figures and formulas say nothing of themselves."""
    roles, silent, open_nodes = Counter(), 0, [reader.trailer["/Root"]["/StructTreeRoot"]]
    while open_nodes:
        node = open_nodes.pop().get_object()
        if not hasattr(node, "get"):
            continue
        role = node.get("/S")
        if role is not None:
            roles[str(role)] += 1
            silent += role in ("/Figure", "/Formula") and not node.get("/Alt")
        kids = node.get("/K", [])
        open_nodes.extend(kids if isinstance(kids, list) else [kids])
    return roles, silent


def uneven(reader):
    """How many tables have rows with more or fewer cells than their others: a cell that is left out shifts all behind it."""
    count, open_nodes = 0, [reader.trailer["/Root"]["/StructTreeRoot"]]
    while open_nodes:
        node = open_nodes.pop().get_object()
        if not hasattr(node, "get"):
            continue
        kids = node.get("/K", [])
        kids = kids if isinstance(kids, list) else [kids]
        if node.get("/S") == "/Table":
            rows = [kid.get_object().get("/K", []) for kid in kids]
            count += len({len(row) if isinstance(row, list) else 1 for row in rows}) > 1
        open_nodes.extend(kids)
    return count


def faces(reader):
    """The faces of all pages, and whether their letters are in the file."""
    found = {}
    for page in reader.pages:
        for font in page["/Resources"].get("/Font", {}).values():
            font = font.get_object()
            inner = font.get("/DescendantFonts", [font])[0].get_object()
            descriptor = inner["/FontDescriptor"].get_object()
            embedded = any(key in descriptor for key in ("/FontFile", "/FontFile2", "/FontFile3"))
            found[str(font["/BaseFont"])] = embedded
    return found


def main(path):
    reader = PdfReader(path)
    root = reader.trailer["/Root"]
    roles, silent = structure(reader)
    pages = []
    for page in extract_pages(path, laparams=LAParams(all_texts=True)):
        boxes = [letter.bbox for letter in letters(page)]
        pages.append({
            "size": [page.width, page.height],
            "reach": [
                min(box[0] for box in boxes),
                min(box[1] for box in boxes),
                max(box[2] for box in boxes),
                max(box[3] for box in boxes),
            ],
            # The box of a letter that is turned is as high as the letter is wide.
            "smallest": min(letter.size for letter in letters(page) if not turned(letter)),
        })
    for page, read in zip(pages, reader.pages, strict=True):
        page["text"] = read.extract_text()
    print(json.dumps({
        "tagged": bool(root["/MarkInfo"]["/Marked"]),
        "language": str(root["/Lang"]),
        "title": reader.metadata.title,
        "roles": roles,
        "silent": silent,
        "uneven": uneven(reader),
        "faces": faces(reader),
        "outline": len(reader.outline),
        "pages": pages,
    }))


main(sys.argv[1])
