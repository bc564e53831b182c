from .entry import command

command()
