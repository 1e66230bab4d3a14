"""What openpyxl reads in a workbook: every sheet's cells, with whether each is a number, as JSON."""

import json
import sys

from openpyxl import load_workbook

book = load_workbook(sys.argv[1], data_only=False)
print(json.dumps({sheet.title: [[cell.value for cell in row] for row in sheet.iter_rows()] for sheet in book.worksheets}))
