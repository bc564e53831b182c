"""What packets of sound suffer on their way, and how gaps are filled."""
