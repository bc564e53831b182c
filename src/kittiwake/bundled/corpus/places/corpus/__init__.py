"""The page for a corpus: how good its clips are, which to look at, what rules cost, and writing it."""
