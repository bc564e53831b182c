"""Questions and forms in windows of their own."""
