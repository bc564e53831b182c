"""The work around the sound, built on the core and without interface code: a job and its script, recording, cutting, speaking, handing over, trying, watching."""
