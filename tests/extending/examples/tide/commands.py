"""How long the clips of the board play."""

from ...commands import command
from ...ui.shell.context import Context


@command("tide.say", "How long all plays", "Say how long the clips of the board play.", menu="View")
def say_tide(at: Context) -> None:
    project = at.session.project
    facts = [project.facts.get(clip.source) for clip in project.job.clips]
    at.status.say(f"{sum(one.seconds or 0 for one in facts if one):.2f} s")
