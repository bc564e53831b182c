"""Services that listen: files sent to be heard, answers kept, error rates, what codecs cost; and a simulated service."""
