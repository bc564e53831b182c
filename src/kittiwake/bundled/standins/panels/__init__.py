"""What is seen of each machine, one file each."""
