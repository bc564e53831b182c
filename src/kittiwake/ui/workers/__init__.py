"""What works beside the window, so that the window never waits: each gives back what came of it as a signal."""
