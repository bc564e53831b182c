"""Changes of a dial plan: prompts are put to keys, keys become menus."""

from __future__ import annotations

from .....plain_data import dataclass
from .....words import phrase
from .dial_plan import KEYS, DialPlan, Menu, PlanError, menu_in, said_in

#: Of a slot: what a menu says when one comes into it, and a key that is free.
GREETING, FREE = "say", "+"


@dataclass(frozen=True, slots=True)
class Slot:
    """A place in a plan that something can be put to.

    Attributes
    ----------
    key : a key, ``GREETING``, or ``FREE`` for the next one that does nothing yet.
    what : what it does; empty where nothing.
    way : keys that lead into its menu.
    depth : how many menus lie before it.
    """

    menu: str
    key: str
    what: str
    way: str
    depth: int


def slots(plan: DialPlan) -> list[Slot]:
    """All of them, as a tree is read: each menu with its greeting, its keys, and one that is free; a menu that is led to once beneath its key."""
    out: list[Slot] = []
    seen: set[str] = set()

    def read(name: str, way: str, depth: int) -> None:
        seen.add(name)
        menu = plan.menus[name]
        out.append(Slot(name, GREETING, f"say {', '.join(menu.say)}" if menu.say else "", way, depth))
        for key in (key for key in KEYS if key in menu.keys):
            what = menu.keys[key]
            out.append(Slot(name, key, what, way, depth))
            target = menu_in(what)
            if target and target not in seen:
                read(target, way + key, depth + 1)
        if free_key(menu):
            out.append(Slot(name, FREE, "", way, depth))

    read(plan.first, "", 0)
    for name in plan.menus:
        if name not in seen:
            read(name, "", 0)
    return out


def free_key(menu: Menu) -> str:
    """The first key, from 1 on, that does nothing; the star is left for going back."""
    return next((key for key in KEYS if key not in menu.keys and key not in "*"), "")


def put(plan: DialPlan, slot: Slot, what: str) -> tuple[DialPlan, str]:
    """With something at a slot (``say Hours``, ``operator``); and the key that it is at now. Empty takes away what is there.

    Raises
    ------
    PlanError : there is no key left.
    """
    menu = plan.menus[slot.menu]
    if slot.key == GREETING:
        return _with(plan, menu.changed(say=said_in(what))), GREETING
    key = free_key(menu) if slot.key == FREE else slot.key
    if not key:
        raise PlanError(
            phrase("Every key of {name} does something.", name=menu.name),
            phrase("Make one of them a menu."),
            "dial_plan",
        )
    keys = {one: does for one, does in menu.keys.items() if one != key}
    if what:
        keys[key] = what
    return _without_orphans(_with(plan, menu.changed(keys=keys))), key


def made_menu(plan: DialPlan, slot: Slot) -> tuple[DialPlan, str]:
    """A key that says something leads to a menu that says it, with a star that leads back; and the name of that menu.

    Raises
    ------
    PlanError : it is a menu already, or no key.
    """
    what = plan.menus[slot.menu].keys.get(slot.key, "")
    if slot.key in (GREETING, FREE) or menu_in(what):
        raise PlanError(
            phrase("That is no key that could become a menu."),
            phrase("Choose a key that says something."),
            "dial_plan",
        )
    says = said_in(what)
    name = base = says[0] if says else f"{slot.menu} {slot.key}"
    number = 2
    while name in plan.menus:
        name, number = f"{base} {number}", number + 1
    menu = plan.menus[slot.menu]
    plan = _with(plan, menu.changed(keys={**menu.keys, slot.key: f"menu {name}"}))
    return _with(plan, Menu(name, says, {"*": "back"})), name


def _with(plan: DialPlan, menu: Menu) -> DialPlan:
    return plan.changed(menus={**plan.menus, menu.name: menu})


def _without_orphans(plan: DialPlan) -> DialPlan:
    """Without menus that nothing leads to any more."""
    reached, queue = {plan.first}, [plan.first]
    while queue:
        menu = plan.menus[queue.pop()]
        for what in (*menu.keys.values(), menu.wrong, menu.silence):
            target = menu_in(what)
            if target in plan.menus and target not in reached:
                reached.add(target)
                queue.append(target)
    return plan.changed(menus={name: menu for name, menu in plan.menus.items() if name in reached})
