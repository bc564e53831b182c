"""The ear: play, and switch at the same instant between source, output and the line."""
