"""What a desktop offers to every application: other windows of this one, notifications, staying awake. No interface code."""
