<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>Phone menu…</source>
   <translation>Telefonmenü…</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>Put made prompts to the keys of a telephone menu, and call it.</source>
   <translation>Gemachte Ansagen auf die Tasten eines Telefonmenüs legen und es anrufen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>No receiver of the board is a phone with a menu: {key} chooses one.</source>
   <translation>Kein Empfänger der Übersicht ist ein Telefon mit Menü: {key} wählt eines.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>the call is over</source>
   <translation>der Anruf ist vorbei</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>a telephone has no key “{key}”</source>
   <translation>ein Telefon hat keine Taste „{key}“</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} was pressed, and {found} was detected</source>
   <translation>{key} wurde gedrückt, und {found} wurde erkannt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} pressed and detected</source>
   <translation>{key} gedrückt und erkannt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} does nothing in {menu}</source>
   <translation>{key} tut in {menu} nichts</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>nothing for {timeout:g} s</source>
   <translation>nichts für {timeout:g} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>no key was pressed</source>
   <translation>keine Taste wurde gedrückt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>the other side is {place}</source>
   <translation>die andere Seite ist {place}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>no line is free</source>
   <translation>keine Leitung ist frei</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>put through: {target}</source>
   <translation>verbunden: {target}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>given up after {tries} tries</source>
   <extracomment>Where there is one: given up after {tries} try</extracomment>
   <translation>
    <numerusform>nach {tries} Versuch aufgegeben</numerusform>
    <numerusform>nach {tries} Versuchen aufgegeben</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>“{name}” is missing: the caller hears nothing</source>
   <translation>„{name}“ fehlt: Der Anrufer hört nichts</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{name}, of which {lost:.0f} ms are lost: give it {opens_after:g} s of air</source>
   <translation>{name}, davon gehen {lost:.0f} ms verloren: {opens_after:g} s Luft geben</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>hang up</source>
   <translation>auflegen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>In {where}</source>
   <translation>In {where}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>Mend it, and hand it over again.</source>
   <translation>Berichtigen und noch einmal übergeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>a text of one line</source>
   <translation>ein Text in einer Zeile</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>one menu to {most}</source>
   <translation>ein Menü bis {most}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>{menus}, {prompts}</source>
   <translation>{menus}, {prompts}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>{n} menus</source>
   <extracomment>Where there is one: {n} menu</extracomment>
   <translation>
    <numerusform>{n} Menü</numerusform>
    <numerusform>{n} Menüs</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>{n} prompts</source>
   <extracomment>Where there is one: {n} prompt</extracomment>
   <translation>
    <numerusform>{n} Ansage</numerusform>
    <numerusform>{n} Ansagen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>is not valid TOML: {error}</source>
   <translation>ist kein gültiges TOML: {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>begins in the menu “{first}”, which is not there</source>
   <translation>beginnt im Menü „{first}“, das es nicht gibt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has no state “{name}”: {list}</source>
   <translation>hat keinen Zustand „{name}“: {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has “{part}” in states.{name}: {error}</source>
   <translation>hat „{part}“ in states.{name}: {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has no key “{key}” in {name}: {list}</source>
   <translation>hat keine Taste „{key}“ in {name}: {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>leads from {name} by {key} to the menu “{target}”, which is not there</source>
   <translation>führt von {name} mit {key} ins Menü „{target}“, das es nicht gibt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has “{wrong}” at {key} in {name}; write menu NAME, say PROMPT, or {list}</source>
   <translation>hat „{wrong}“ bei {key} in {name}; menu NAME, say ANSAGE oder {list} schreiben</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>No name begins with keys, such as “12 Evening fares”.</source>
   <translation>Kein Name beginnt mit Tasten, wie „12 Evening fares“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>Name the clips so, or assign them by hand.</source>
   <translation>Die Clips so nennen oder von Hand zuordnen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Every key of {name} does something.</source>
   <translation>Jede Taste von {name} tut etwas.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Make one of them a menu.</source>
   <translation>Eine davon zum Menü machen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>That is no key that could become a menu.</source>
   <translation>Diese Taste kann kein Menü werden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Choose a key that says something.</source>
   <translation>Eine Taste wählen, die etwas sagt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Only files ending in .wav are taken.</source>
   <translation>Nur Dateien auf .wav werden genommen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{count:,} bytes are too many: {most:,} are the most.</source>
   <translation>{count:,} Bytes sind zu viele: höchstens {most:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{count} bytes are too few for a WAV file.</source>
   <translation>{count} Bytes sind für eine WAV-Datei zu wenige.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It does not begin as a WAV file.</source>
   <translation>Sie beginnt nicht wie eine WAV-Datei.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>The size in its header is not its size.</source>
   <translation>Die Größe in ihrem Kopf ist nicht ihre Größe.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>A format chunk must come first.</source>
   <translation>Ein Formatblock muss zuerst kommen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its sound does not end with a whole frame.</source>
   <translation>Ihr Ton endet nicht mit einem ganzen Rahmen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It says that it is longer than its sound.</source>
   <translation>Sie sagt, sie sei länger als ihr Ton.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{seconds:.2f} s are too long: {most_seconds:g} s are the most.</source>
   <translation>{seconds:.2f} s sind zu lang: höchstens {most_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its encoding is {get}; {taken} is taken.</source>
   <translation>Ihre Kodierung ist {get}; genommen wird {taken}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It has {channels} channels; only one is taken.</source>
   <translation>Sie hat {channels} Kanäle; nur einer wird genommen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{rate:,} Hz is not a rate it plays: {taken} Hz is.</source>
   <translation>{rate:,} Hz ist keine Rate, die sie spielt: {taken} Hz schon.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Samples of {bits} bits are not taken: they must have {wanted}.</source>
   <translation>Abtastwerte mit {bits} Bit werden nicht genommen: Es müssen {wanted} sein.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its bytes a second and its frames do not agree.</source>
   <translation>Ihre Bytes je Sekunde und ihre Rahmen passen nicht zusammen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Blocks of {block} bytes are none.</source>
   <translation>Blöcke von {block} Bytes sind keine.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its sound is not as long as it says.</source>
   <translation>Ihr Ton ist nicht so lang, wie sie sagt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>There is no sound in it.</source>
   <translation>Es ist kein Ton darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Something that it does not know stands before the sound ({kind!a}).</source>
   <translation>Vor dem Ton steht etwas, was sie nicht kennt ({kind!a}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Its memory is full: {room:,} bytes are free, and {count:,} are needed.</source>
   <translation>Ihr Speicher ist voll: {room:,} Bytes sind frei, {count:,} nötig.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>It holds {most} already, which are the most.</source>
   <translation>Sie hat schon {most}, mehr gehen nicht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>{folder} does not hold what a machine kept.</source>
   <translation>{folder} enthält nicht, was eine Maschine behielt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Choose another folder, or delete that.</source>
   <translation>Einen anderen Ordner wählen oder das löschen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Another command keeps a machine's files in {folder}</source>
   <translation>Ein anderer Befehl hält die Dateien eines Geräts in {folder}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>beacon</source>
   <translation>Bake</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>{count:,} bytes are too many: a message must be under {memory:,}.</source>
   <translation>{count:,} Bytes sind zu viele: Eine Ansage muss unter {memory:,} bleiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>A plain 16-byte format chunk must come first.</source>
   <translation>Ein einfacher Formatblock von 16 Bytes muss zuerst kommen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Its encoding (tag {tag}) is not PCM.</source>
   <translation>Ihre Kodierung (Kennung {tag}) ist kein PCM.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>{rate:,} Hz is not a rate it plays: at most {highest_rate:,} Hz.</source>
   <translation>{rate:,} Hz ist keine Rate, die sie spielt: höchstens {highest_rate:,} Hz.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Samples of {bits} bits are not taken: they must have 16.</source>
   <translation>Abtastwerte mit {bits} Bit werden nicht genommen: Es müssen 16 sein.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Sound must follow the format at once; something else does.</source>
   <translation>Der Ton muss gleich auf das Format folgen; es folgt etwas anderes.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Its flash is empty.</source>
   <translation>Ihr Speicher ist leer.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It has no sound “{wanted}”: 0 to {count}.</source>
   <translation>Sie hat keinen Ton „{wanted}“: 0 bis {count}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It takes a header (.h) and an image (.bin), nothing else.</source>
   <translation>Sie nimmt eine Kopfdatei (.h) und ein Abbild (.bin), sonst nichts.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It has no header yet: hand it that first.</source>
   <translation>Sie hat noch keine Kopfdatei: die zuerst übergeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{count:,} bytes are too many: its flash holds {flash:,}.</source>
   <translation>{count:,} Bytes sind zu viele: Ihr Speicher fasst {flash:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Sound {number} would end behind the image.</source>
   <translation>Ton {number} endete hinter dem Abbild.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Sound {number} is no whole number of blocks, or not as long as it says.</source>
   <translation>Ton {number} ist keine ganze Zahl von Blöcken oder nicht so lang, wie er sagt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>No block begins where sound {number} should.</source>
   <translation>Wo Ton {number} sein sollte, beginnt kein Block.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>The header is not plain text.</source>
   <translation>Die Kopfdatei ist kein einfacher Text.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>The header does not define {name}.</source>
   <translation>Die Kopfdatei definiert {name} nicht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{count} sounds are not from 1 to {sounds}.</source>
   <translation>{count} Töne sind nicht 1 bis {sounds}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{rate:,} Hz is not a rate it plays: {list} Hz are.</source>
   <translation>{rate:,} Hz ist keine Rate, die sie spielt: {list} Hz schon.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{name} does not have {count} entries.</source>
   <translation>{name} hat keine {count} Einträge.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>voice board</source>
   <translation>Sprachplatine</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Play a sound</source>
   <translation>Einen Ton spielen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>a number or name; empty: the next</source>
   <translation>eine Zahl oder ein Name; leer: der nächste</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>not configured: a list of messages is wanted first</source>
   <translation>nicht eingerichtet: zuerst ist eine Liste der Ansagen nötig</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>configured, {missing} of {all} messages missing</source>
   <translation>eingerichtet, {missing} von {all} Ansagen fehlen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>ready, no faults</source>
   <translation>bereit, keine Fehler</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>A line of the list names no file, or no kind it knows ({wanted}).</source>
   <translation>Eine Zeile der Liste nennt keine Datei oder keine bekannte Art ({wanted}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>There is no message in the list.</source>
   <translation>In der Liste ist keine Ansage.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>{count} messages are too many: {messages} are the most.</source>
   <translation>{count} Ansagen sind zu viele: höchstens {messages}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It is not configured: hand it the list of messages first.</source>
   <translation>Sie ist nicht eingerichtet: zuerst die Liste der Ansagen übergeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It is not in the list of messages.</source>
   <translation>Es steht nicht in der Liste der Ansagen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>{count:,} bytes came; {sizes:,} stand in the list.</source>
   <translation>{count:,} Bytes kamen; in der Liste stehen {sizes:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It does nothing: {state}.</source>
   <translation>Sie tut nichts: {state}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It has no message “{argument}”.</source>
   <translation>Sie hat keine Ansage „{argument}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>; {list} must wait</source>
   <translation>; {list} müssen warten</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>Call a message</source>
   <translation>Eine Ansage rufen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>messages, with commas</source>
   <translation>Ansagen, mit Kommas</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>Read its display</source>
   <translation>Ihre Anzeige lesen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>There is no call: dial first.</source>
   <translation>Es gibt keinen Anruf: zuerst wählen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hung up.</source>
   <translation>Aufgelegt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{calls} calls, {heard} of {all} prompts heard</source>
   <translation>{calls} Anrufe, {heard} von {all} Ansagen gehört</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>; not heard: {list}</source>
   <translation>; nicht gehört: {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>; {lost} packets lost</source>
   <translation>; {lost} Pakete verloren</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>every prompt</source>
   <translation>jede Ansage</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{name}” is no name.</source>
   <translation>„{name}“ ist kein Name.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>, {lost} packets of it lost</source>
   <translation>, {lost} Pakete davon verloren</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{text}” recorded as {name}, without a header{lost}</source>
   <translation>„{text}“ als {name} aufgenommen, ohne Kopf{lost}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{words}” is no number.</source>
   <translation>„{words}“ ist keine Zahl.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>A loss is from 0 to 100 %, a burst 1 or more, jitter and buffer milliseconds.</source>
   <translation>Ein Verlust ist von 0 bis 100 %, ein Bündel 1 oder mehr, Jitter und Puffer sind Millisekunden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>The line loses {lost:g} % of its packets, {burst:g} at a time; jitter {jitter:g} ms, buffer {buffer:g} ms.</source>
   <translation>Die Leitung verliert {lost:g} % ihrer Pakete, {burst:g} auf einmal; Jitter {jitter:g} ms, Puffer {buffer:g} ms.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{extent}.</source>
   <translation>{extent}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>no prompt is missing</source>
   <translation>keine Ansage fehlt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>none is unused</source>
   <translation>keine ist ungenutzt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>nothing happened</source>
   <translation>nichts geschah</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>The dial plan is not text in UTF-8.</source>
   <translation>Der Wählplan ist kein Text in UTF-8.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{count:,} bytes are no whole number of frames of {size}.</source>
   <translation>{count:,} Bytes sind keine ganze Zahl von Rahmen zu {size}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Files ending in {ending} are not taken: .wav, {list}.</source>
   <translation>Dateien auf {ending} werden nicht genommen: .wav, {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>It is over an hour long.</source>
   <translation>Sie dauert über eine Stunde.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>It has a prompt of that name already: {other}.</source>
   <translation>Sie hat schon eine Ansage dieses Namens: {other}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Call it</source>
   <translation>Anrufen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>keys; a comma waits</source>
   <translation>Tasten; ein Komma wartet</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Press keys</source>
   <translation>Tasten drücken</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hear every prompt</source>
   <translation>Jede Ansage hören</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Assign by name</source>
   <translation>Nach Namen zuordnen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>What is missing</source>
   <translation>Was fehlt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Set the line</source>
   <translation>Die Leitung einstellen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>loss 2%, burst 3, jitter 20, buffer 60</source>
   <translation>loss 2%, burst 3, jitter 20, buffer 60</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Record over it</source>
   <translation>Darüber aufnehmen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>a name, and ulaw, alaw, sln or gsm</source>
   <translation>ein Name, und ulaw, alaw, sln oder gsm</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hang up</source>
   <translation>Auflegen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>It has no channels yet.</source>
   <translation>Es hat noch keine Kanäle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>It has no channel “{argument}”.</source>
   <translation>Es hat keinen Kanal „{argument}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>Channel {channel} of {count}: {name}</source>
   <translation>Kanal {channel} von {count}: {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>deck radio</source>
   <translation>Decksfunkgerät</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>Turn the knob</source>
   <translation>Den Knopf drehen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>a channel; empty: the next</source>
   <translation>ein Kanal; leer: der nächste</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>no greeting</source>
   <translation>keine Begrüßung</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>{name}; the beep comes after {at:.2f} s</source>
   <translation>{name}; der Piepton kommt nach {at:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>There is no message “{argument}”.</source>
   <translation>Es gibt keine Nachricht „{argument}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>There are no messages.</source>
   <translation>Es gibt keine Nachrichten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>{name}, {was}; {left} new left</source>
   <translation>{name}, {was}; noch {left} neue</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>Listen to messages</source>
   <translation>Nachrichten abhören</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>a message; empty: the first new one</source>
   <translation>eine Nachricht; leer: die erste neue</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>STAND-IN: A BEACON ON A QUAY</source>
   <translation>NACHBILDUNG: EINE BAKE AM KAI</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Press its button  P</source>
   <translation>Ihren Knopf drücken  P</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source> It still holds {name}.</source>
   <translation> Sie hat noch {name}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Refused {handed}: {reason} (byte {at:,}){still}</source>
   <translation>{handed} zurückgewiesen: {reason} (Byte {at:,}){still}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Accepted. It holds {name}: {seconds}, {rate}, mono, 16-bit.</source>
   <translation>Angenommen. Sie hat {name}: {seconds}, {rate}, mono, 16 Bit.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>It holds nothing. Make a file for it, select its cell and press B.</source>
   <translation>Sie hat nichts. Eine Datei für sie machen, ihre Zelle wählen und B drücken.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>{used} of {memory}</source>
   <translation>{used} von {memory}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/board.py" />
   <source>STAND-IN: A VOICE BOARD</source>
   <translation>NACHBILDUNG: EINE SPRACHPLATINE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/paging.py" />
   <source>STAND-IN: A PAGING CONTROLLER</source>
   <translation>NACHBILDUNG: EINE DURCHSAGEANLAGE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/phone.py" />
   <source>STAND-IN: A PHONE</source>
   <translation>NACHBILDUNG: EIN TELEFON</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/radio.py" />
   <source>STAND-IN: A DECK RADIO</source>
   <translation>NACHBILDUNG: EIN DECKSFUNKGERÄT</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>What the {name} holds</source>
   <translation>Inhalt: {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>Hear it  P</source>
   <translation>Hören  P</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>Refused {handed}: {reason} (byte {at:,})</source>
   <translation>{handed} zurückgewiesen: {reason} (Byte {at:,})</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>It says: {state}.</source>
   <translation>Sie sagt: {state}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>It holds nothing. ⇧B delivers all that is made for it.</source>
   <translation>Sie hat nichts. ⇧B liefert alles für sie Gemachte.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>{count} held, {used} of {room}</source>
   <translation>{count} darin, {used} von {room}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/voicemail.py" />
   <source>STAND-IN: A VOICEMAIL BOX</source>
   <translation>NACHBILDUNG: EIN ANRUFBEANTWORTER</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Phone menu</source>
   <translation>Telefonmenü</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Make it a menu  Ins</source>
   <translation>Zum Menü machen  Einfg</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Take it off  Del</source>
   <translation>Wegnehmen  Entf</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Of names that begin with keys: “1 Fares”, “12 Evening fares”</source>
   <translation>Aus Namen, die mit Tasten beginnen: „1 Fares“, „12 Evening fares“</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>As text…</source>
   <translation>Als Text…</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Tones of the states, what is said at a wrong key, how long it waits: the whole plan as TOML</source>
   <translation>Töne der Zustände, was bei einer falschen Taste gesagt wird, wie lange es wartet: der ganze Plan als TOML</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>PROMPTS: ENTER PUTS ONE TO THE KEY</source>
   <translation>ANSAGEN: ENTER LEGT EINE AUF DIE TASTE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>STAND-IN: A TELEPHONE</source>
   <translation>NACHBILDUNG: EIN TELEFON</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Call</source>
   <translation>Anrufen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Record over the phone</source>
   <translation>Über das Telefon aufnehmen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Somebody calls and says a line; what comes out of the line stands on the board, without a header</source>
   <translation>Jemand ruft an und sagt eine Zeile; was aus der Leitung kommt, steht ohne Kopf in der Übersicht</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>packets lost</source>
   <translation>verlorene Pakete</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>jitter</source>
   <translation>Jitter</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>lost</source>
   <translation>verloren</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>What happened in the call</source>
   <translation>Was im Anruf geschah</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Call, and press keys: they are really sounded and really detected.</source>
   <translation>Anrufen und Tasten drücken: Sie erklingen wirklich und werden wirklich erkannt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{name}: {extent}</source>
   <translation>{name}: {extent}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{count} missing: {list}</source>
   <translation>{count} fehlen: {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>None is missing</source>
   <translation>Keine fehlt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{count} not used</source>
   <translation>{count} nicht genutzt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>all are used</source>
   <translation>alle genutzt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>“{name}” at {key} of {menu}</source>
   <translation>„{name}“ bei {key} von {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>the beginning</source>
   <translation>der Anfang</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>a menu at {key} of {menu}</source>
   <translation>ein Menü bei {key} von {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>nothing at {key} of {menu}</source>
   <translation>nichts bei {key} von {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>assigning by name</source>
   <translation>nach Namen zuordnen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{extent}. {key} takes it back.</source>
   <translation>{extent}. {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>the dial plan</source>
   <translation>der Wählplan</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Calling until every prompt was heard …</source>
   <translation>Anrufen, bis jede Ansage gehört wurde …</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>over the phone</source>
   <translation>über das Telefon</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>The recording could not be kept: {error}.</source>
   <translation>Die Aufnahme konnte nicht aufbewahrt werden: {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Telephone menu</source>
   <translation>Telefonmenü</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Key</source>
   <translation>Taste</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Dialled by</source>
   <translation>Gewählt mit</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>The menu as a tree of keys</source>
   <translation>Das Menü als Baum von Tasten</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Prompts</source>
   <translation>Ansagen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Key {key}</source>
   <translation>Taste {key}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>says</source>
   <translation>sagt</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>next key</source>
   <translation>nächste Taste</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>key {key}</source>
   <translation>Taste {key}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>menu {target}</source>
   <translation>Menü {target}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>  (missing)</source>
   <translation>  (fehlt)</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>  ({list} missing)</source>
   <translation>  ({list} fehlen)</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>The menu as text</source>
   <translation>Das Menü als Text</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>A key does menu NAME, say PROMPT, or {actions}. [states] has {states}: a tone of a country (gb/busy), say PROMPT, silence, or several with +.</source>
   <translation>Eine Taste tut menu NAME, say ANSAGE oder {actions}. [states] hat {states}: ein Ton eines Landes (gb/busy), say ANSAGE, silence, oder mehrere mit +.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>The menu as TOML</source>
   <translation>Das Menü als TOML</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/stock.py" />
   <source>The phone refuses {name}: {reason}</source>
   <translation>Das Telefon weist {name} zurück: {reason}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Hand files to the stand-in of a receiver, and do something with it.</source>
   <translation>Dateien der Nachbildung eines Empfängers geben und etwas mit ihr tun.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A list (manifest.jsonl) and a header (.h) are handed over before what they speak of. --keep holds what it holds between starts.</source>
   <translation>Eine Liste (manifest.jsonl) und ein Header (.h) werden vor dem übergeben, wovon sie sprechen. --keep bewahrt zwischen Starts, was die Nachbildung hält.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>What to do to it afterwards; may be repeated. --do help tells what there is.</source>
   <translation>Was danach mit ihr zu tun ist; mehrmals möglich. --do help sagt, was es gibt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Write what is heard, one after the other, to a WAV file.</source>
   <translation>Was zu hören ist, nacheinander in eine WAV-Datei schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A folder for what it holds, from one start to the next.</source>
   <translation>Ein Ordner für das, was sie hält, von einem Start zum nächsten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A folder for what was recorded over a telephone.</source>
   <translation>Ein Ordner für das, was über ein Telefon aufgenommen wurde.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Make something go wrong with the first file.</source>
   <translation>Bei der ersten Datei etwas schiefgehen lassen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>There is no stand-in for {receiver}: its file names none.</source>
   <translation>Für {receiver} gibt es keine Nachbildung: Seine Datei nennt keine.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Look at its permissions.</source>
   <translation>Nach seinen Rechten sehen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>taken    {path}</source>
   <translation>genommen  {path}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>refused  {path}: {reason} (byte {at:,})</source>
   <translation>zurückgewiesen  {path}: {reason} (Byte {at:,})</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>press      Set it off</source>
   <translation>press      Auslösen</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>The {name} cannot “{word}”: it can {list}.</source>
   <translation>{name} kann „{word}“ nicht: möglich ist {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>It holds nothing.</source>
   <translation>Es ist nichts darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/worker.py" />
   <source>The call failed</source>
   <translation>Der Anruf ist misslungen</translation>
  </message>
 </context>
</TS>
