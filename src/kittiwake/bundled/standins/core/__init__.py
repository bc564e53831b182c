"""What machines share: readers of their own, the shelf they keep files on, the telephone."""
