"""What is kept of sources that were looked at: facts by content, outlines at every scale; and looking with their help."""
