"""What a stand-in telephone system is made of: a dial plan, a call, and the line between it and a caller."""
