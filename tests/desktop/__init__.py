"""A virtual desktop: an X server, a window manager, a session bus, and the application as a user starts it."""
