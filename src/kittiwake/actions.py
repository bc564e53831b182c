"""Every action there is, once: menus, keys, the command palette, help and the terminal all read this list."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Action:
    """One thing that can be done.

    Attributes
    ----------
    id : ``room.verb``.
    text : as in a menu, without the key.
    help : one sentence.
    keys : as Qt writes them (``Ctrl+O``); the first is shown.
    menu : the menu it is in; empty where it is not in the window.
    verb : the terminal's word for it; empty where the terminal has none.
    """

    id: str
    text: str
    help: str
    keys: tuple[str, ...] = ()
    menu: str = ""
    verb: str = ""


ACTIONS: tuple[Action, ...] = (
    Action("job.add_files", "Add sound files…", "Put sound files or videos on the board.", ("Ctrl+O",), "Job"),
    Action("job.add_folder", "Add a folder…", "Put all sound in a folder on the board.", ("Ctrl+Shift+O",), "Job"),
    Action("job.open", "Open a job…", "Open saved work.", ("Ctrl+J",), "Job"),
    Action("job.save", "Save the job", "Save sources, clips, receivers and decisions.", ("Ctrl+S",), "Job"),
    Action("job.save_as", "Save the job as…", "Save under another name.", ("Ctrl+Shift+S",), "Job"),
    Action("job.output", "Choose where outputs go…", "Choose the folder that made files go to.", ("Ctrl+D",), "Job"),
    Action("job.quit", "Leave", "Close the window.", ("Ctrl+Q",), "Job"),
    Action("edit.undo", "Undo", "Take the last change of the job back.", ("Ctrl+Z",), "Edit"),
    Action("edit.redo", "Do again", "Do what was taken back.", ("Ctrl+Shift+Z", "Ctrl+Y"), "Edit"),
    Action("edit.rename", "Name the clip", "Give the selected clip another name.", ("F2",), "Edit"),
    Action(
        "edit.remove", "Remove from the board", "Take the selected clips off; their files stay.", ("Del",), "Edit"
    ),
    Action(
        "edit.headerless",
        "State how to read it…",
        "Say what a file without a header is, or which sound stream of a video to use; each can be heard first.",
        ("H",),
        "Edit",
    ),
    Action(
        "edit.as_guessed",
        "Read it as guessed",
        "Take the likeliest way to read a file without a header, for it and all alike in its folder.",
        ("Shift+H",),
        "Edit",
    ),
    Action(
        "edit.rate",
        "State the true rate…",
        "Say at what rate the sound was really taken; no sample changes.",
        ("T",),
        "Edit",
    ),
    Action(
        "edit.touch",
        "Touch up…",
        "Level, speed, pitch, fades, side, rumble: of the selected clips, heard at once, never written to the source.",
        ("E",),
        "Edit",
    ),
    Action(
        "edit.look",
        "Look again",
        "Forget what is known of the selected sources and look at them anew.",
        ("F5",),
        "Edit",
    ),
    Action("edit.remedy", "Take the first remedy", "Do what is offered first for the selected cell.", ("D",), "Edit"),
    Action("record.open", "Record…", "Record a line at the microphone; it becomes a clip.", ("V",), "Record"),
    Action(
        "record.list",
        "Lines to read…",
        "Record against a list: each line is shown, recorded and checked.",
        (),
        "Record",
    ),
    Action(
        "cut.open",
        "Cut into clips",
        "Cut the selected recording into clips; its speech is found at once.",
        ("K",),
        "Cut",
    ),
    Action(
        "cut.find",
        "Find the speech",
        "Search again with the settings as they are; names and set edges stay.",
        ("F",),
        "Cut",
    ),
    Action("cut.list", "Names from a list…", "Give the clips their names in order.", ("Ctrl+L",), "Cut"),
    Action(
        "cut.listen",
        "Suggest names by ear",
        "The speech engine listens for the lines of the list in every span; nothing is named before you take it.",
        ("Ctrl+B",),
        "Cut",
    ),
    Action(
        "cut.take_heard", "Take the suggestion", "Name the chosen span as heard, and go on.", ("Ctrl+Return",), "Cut"
    ),
    Action(
        "cut.take_all_heard",
        "Take all suggestions",
        "Name every span as heard; the same line twice in a row is taken as two takes.",
        (),
        "Cut",
    ),
    Action(
        "cut.name",
        "Name the span",
        "Type a name (Enter does it on the waveform too); Enter goes on to the next and plays it.",
        ("N",),
        "Cut",
    ),
    Action(
        "cut.drop",
        "Set aside, or take back",
        "A flub or a cough is kept, but not delivered (Del does it too).",
        ("W",),
        "Cut",
    ),
    Action("cut.start", "Start at the cursor", "Move the start of the chosen span to the cursor.", ("I",), "Cut"),
    Action("cut.stop", "End at the cursor", "Move the end of the chosen span to the cursor.", ("O",), "Cut"),
    Action(
        "cut.leave_out",
        "Leave out from here to here",
        "Press it where a cough begins and where it ends; once more inside takes it back.",
        ("Q",),
        "Cut",
    ),
    Action("cut.split", "Split at the cursor", "Part the span under the cursor in two.", ("X",), "Cut"),
    Action("cut.join", "Join with the next", "Make one span of the chosen one and the next.", ("J",), "Cut"),
    Action(
        "cut.take",
        "Another take of the line before",
        "Deliver it in place of the one before; again takes that back.",
        ("Y",),
        "Cut",
    ),
    Action("cut.next_take", "Choose the next take", "Deliver another take of this line, and hear it.", ("U",), "Cut"),
    Action("cut.between", "Span of the pause after", "Keep what lies between this span and the next.", ("G",), "Cut"),
    Action(
        "cut.spectrum", "Waveform or spectrogram", "See the sound by its frequencies, or by its shape.", ("A",), "Cut"
    ),
    Action(
        "cut.seen",
        "What the search saw",
        "Over the sound: its level, what it had to reach, and where a voice was heard.",
        ("Shift+A",),
        "Cut",
    ),
    Action("cut.nearer", "Nearer", "Show less of the source, larger.", ("+", "="), "Cut"),
    Action("cut.farther", "Farther", "Show more of the source, smaller.", ("-",), "Cut"),
    Action("cut.near", "Look at the span", "Show the chosen span as large as it goes.", ("Z",), "Cut"),
    Action("cut.whole", "Look at all of it", "Show the whole source.", ("0",), "Cut"),
    Action(
        "cut.demo", "Try it on the demo reading", "Put a reading of forty lines on the board, and cut it.", (), "Cut"
    ),
    Action(
        "cut.import",
        "Take spans from a file…",
        "Labels with tabs, CSV, WebVTT, or the cue points of a WAV.",
        (),
        "Cut",
    ),
    Action(
        "cut.export", "Write the spans…", "As labels with tabs, CSV, WebVTT, or a WAV with cue points.", (), "Cut"
    ),
    Action(
        "make.all",
        "Make all that can be made",
        "Make every output that needs no decision, and prove it.",
        ("M", "F9"),
        "Make",
        "make",
    ),
    Action("make.selection", "Make the selection", "Make only the selected cells.", ("Shift+M",), "Make"),
    Action("make.pause", "Pause or go on", "Stand still in the middle of making, or go on.", ("F8",), "Make"),
    Action("make.cancel", "Stop making", "Stop at once; nothing half-made stays.", ("Escape",), "Make"),
    Action(
        "make.unwanted",
        "Outputs no longer wanted…",
        "List made files that belong to no clip of the job any more, to be moved to the trash.",
        (),
        "Make",
    ),
    Action("make.show", "Show the output folder", "Open the folder that outputs go to.", ("Ctrl+E",), "Make"),
    Action("ear.play", "Play or pause", "Hear the selected clip or cell.", ("Space",), "Listen"),
    Action("ear.source", "Hear the source", "Switch to the source at the same instant.", ("1",), "Listen"),
    Action("ear.output", "Hear the output", "Switch to the output at the same instant.", ("2",), "Listen"),
    Action("ear.flip", "Before or after", "Switch between source and output, at the same instant.", ("/",), "Listen"),
    Action("ear.line", "Hear it on the line", "Switch to the telephone line at the same instant.", ("3",), "Listen"),
    Action(
        "ear.compare",
        "Compare codecs",
        "Size, rate, signal to distortion and intelligibility of the clip in every codec.",
        ("C",),
        "Listen",
        "compare",
    ),
    Action("ear.back", "Back to the start", "Play from the start.", ("Home",), "Listen"),
    Action(
        "receiver.choose", "Receivers on the board…", "Choose the receivers to make for.", ("Ctrl+R",), "Receiver"
    ),
    Action("beacon.hand", "Hand to the beacon", "Give the made file to the stand-in beacon.", ("B",), "Receiver"),
    Action("beacon.press", "Press the beacon's button", "Let the beacon play what it holds.", ("P",), "Receiver"),
    Action(
        "view.receiver", "Show the receiver", "Show the rules of the selected cell's receiver.", ("R",), "Receiver"
    ),
    Action("view.theme", "Light or dark", "Switch between light and dark until the next start.", ("Ctrl+T",), "View"),
    Action("view.levels", "Levels of the set", "One table of all levels, to be sorted.", ("L",), "View"),
    Action("view.find", "Find clips…", "Show only clips with a name, or in a state.", ("Ctrl+F",), "View"),
    Action(
        "view.sort",
        "Sort by this column",
        "Sort the board by the column where the keyboard is: rising, falling, then as in the job.",
        ("S",),
        "View",
    ),
    Action("view.board", "Go to the board", "Put the keyboard on the board.", ("F6",), "View"),
    Action("view.bench", "Go to the bench", "Put the keyboard on the bench.", ("Shift+F6",), "View"),
    Action("view.palette", "Find a command…", "Type part of a command's name.", ("Ctrl+K",), "View"),
    Action("help.keys", "Keys", "Every action with its key.", ("F1",), "Help"),
    Action("help.about", "About", "Version and licence.", (), "Help"),
    Action("cli.facts", "Facts", "Say what sound files are and what they hold.", verb="facts"),
    Action("cli.fit", "Fit", "Say how files fit a receiver, and what would be done to them.", verb="fit"),
    Action("cli.proof", "Proof", "Check any files against a receiver.", verb="proof"),
    Action("cli.spans", "Spans", "Find what is spoken in recordings, and cut it out.", verb="spans"),
    Action("cli.status", "Status", "Say what became of the outputs in a folder.", verb="status"),
    Action("cli.explain", "Explain", "Say what a made file was made from, and how.", verb="explain"),
    Action("cli.receivers", "Receivers", "List the receivers that ship with the application.", verb="receivers"),
    Action("cli.window", "Window", "Open the window.", verb="window"),
)

VERBS: dict[str, Action] = {action.verb: action for action in ACTIONS if action.verb}
