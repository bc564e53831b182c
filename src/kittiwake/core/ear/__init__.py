"""What listening needs: sound made ready to be played from any instant, and an engine that tells which line somebody says."""
