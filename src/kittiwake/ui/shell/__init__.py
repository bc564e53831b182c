"""The window itself: its frame, the job in it, what plays, and what ties its parts together."""
