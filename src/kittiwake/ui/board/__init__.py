"""The board: rows are clips, columns are receivers, a cell is a fit."""
