"""An extension of more than one file, from outside: a verb of the terminal and a command of the window, each behind its door."""
