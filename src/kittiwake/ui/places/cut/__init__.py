"""The bench for cutting: a recording becomes named clips."""
