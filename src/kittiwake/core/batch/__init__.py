"""Many files: request, names, stages, results. The window, the terminal and the cluster all run this; only the executor differs."""

from ..model.clip import clip_of
from .naming import plan_outputs
from .request import BatchRequest, PlannedClip
from .runner import Share, run_batch
from .stages import planned

__all__ = ["BatchRequest", "PlannedClip", "Share", "clip_of", "plan_outputs", "planned", "run_batch"]
