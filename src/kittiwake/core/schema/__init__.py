"""Foreign data held against declared types: jobs, receivers, scripts, recipes, plans and lists that anybody may have written, or a disk lost half of.

What a field may hold is said where it is declared: by its annotation, with ``Limited``, ``Meets`` and ``Written`` in ``Annotated``. ``read`` gives the
value or says every fault with its place; ``plain`` is the way back. Readers are put together once for each type, when it is first read.

    @dataclass(frozen=True)
    class Menu:
        say: tuple[Text, ...] = ()
        tries: Annotated[int, Limited(ge=1, le=10)] = 3

    read(Menu, {"say": ["Welcome"], "tries": 2})
"""

from .annotations import FilledText, Frames, Limited, Meets, PathText, Table, Text, Written, as_float, needed, written
from .document import Document
from .fault import Fault, SchemaError, fault
from .reading import bounds_of, choices_of, is_flag, plain, read, read_field, unknown_in

__all__ = [
    "Document",
    "Fault",
    "FilledText",
    "Frames",
    "Limited",
    "Meets",
    "PathText",
    "SchemaError",
    "Table",
    "Text",
    "Written",
    "as_float",
    "bounds_of",
    "choices_of",
    "fault",
    "is_flag",
    "needed",
    "plain",
    "read",
    "read_field",
    "unknown_in",
    "written",
]
