<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>Have it heard…</source>
   <translation>Anhören lassen…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>Send what is made to the service of the receiver, and see what it heard beside what was meant.</source>
   <translation>Gemachtes an den Dienst des Empfängers senden und sehen, was er hörte, neben dem Gemeinten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>No receiver of the board is a service that listens: {key} chooses one.</source>
   <translation>Kein Empfänger der Übersicht ist ein Dienst, der hört: {key} wählt einen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>The kept answers cannot be read: {reason_of}.</source>
   <translation>Die behaltenen Antworten sind nicht zu lesen: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>Name another file for them.</source>
   <translation>Nennen Sie eine andere Datei dafür.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>Answers could not be kept in {path}: {reason_of}.</source>
   <translation>Antworten konnten nicht in {path} behalten werden: {reason_of}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>The service answers: {at_pointer}.</source>
   <translation>Der Dienst antwortet: {at_pointer}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>There is no text at {text} of the answer.</source>
   <translation>Bei {text} der Antwort ist kein Text.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>It cannot be sent ({kind}).</source>
   <translation>Es kann nicht gesendet werden ({kind}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The answer cannot be read ({kind}).</source>
   <translation>Die Antwort ist nicht zu lesen ({kind}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service {error}.</source>
   <translation>Der Dienst {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service answers {code}: {words}.</source>
   <translation>Der Dienst antwortet {code}: {words}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service answers what is no JSON.</source>
   <translation>Der Dienst antwortet, was kein JSON ist.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>There are no {count} answers at {results} of the answer.</source>
   <translation>Bei {results} der Antwort sind keine {count} Antworten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>as it is</source>
   <translation>wie er ist</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>No clip has a text to compare with.</source>
   <translation>Kein Clip hat einen Text zum Vergleichen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>Give texts: a script, or a table.</source>
   <translation>Texte geben: ein Skript oder eine Tabelle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>There is no key in {key_from}.</source>
   <translation>In {key_from} ist kein Schlüssel.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Set it in the environment: export {key_from}=…</source>
   <translation>In der Umgebung setzen: export {key_from}=…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The desktop's store of secrets needs the package “keyring”.</source>
   <translation>Der Geheimnisspeicher des Desktops braucht das Paket „keyring“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The store of secrets cannot be asked ({error}).</source>
   <translation>Der Geheimnisspeicher ist nicht zu fragen ({error}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Unlock it, or name a variable of the environment in key_from.</source>
   <translation>Aufschließen oder in key_from eine Umgebungsvariable nennen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The store of secrets holds no key “{name}”.</source>
   <translation>Der Geheimnisspeicher hat keinen Schlüssel „{name}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Put it there: keyring set {ours} {name}</source>
   <translation>Dort ablegen: keyring set {ours} {name}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/core/listed.py" />
   <source>{clips:,} clips</source>
   <extracomment>Where there is one: {clips:,} clip</extracomment>
   <translation>
    <numerusform>{clips:,} Clip</numerusform>
    <numerusform>{clips:,} Clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>, {words_wrong:.1f} % of {words:,} words wrong</source>
   <translation>, {words_wrong:.1f} % von {words:,} Wörtern falsch</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>, {unanswered:,} without an answer</source>
   <translation>, {unanswered:,} ohne Antwort</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>not told</source>
   <translation>nicht gesagt</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>told to fail</source>
   <translation>soll misslingen</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>the key is missing or wrong</source>
   <translation>der Schlüssel fehlt oder ist falsch</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>POST /hear is what it answers</source>
   <translation>POST /hear ist, was er beantwortet</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>over {most:,} bytes</source>
   <translation>über {most:,} Bytes</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count} items are over {most_items}</source>
   <translation>{count} Stücke sind über {most_items}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>it failed</source>
   <translation>es misslang</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>JSON with sound (Base64), encoding and sample_rate is wanted</source>
   <translation>JSON mit sound (Base64), encoding und sample_rate ist verlangt</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:,} expected lines are over {most_lines:,}</source>
   <translation>{count:,} erwartete Zeilen sind über {most_lines:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>an expected line of {count:,} characters is over {most:,}</source>
   <translation>eine erwartete Zeile von {count:,} Zeichen ist länger als {most:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:,} bytes of sound are over {most_bytes:,}</source>
   <translation>{count:,} Bytes Ton sind über {most_bytes:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:.1f} s are over {most_seconds:g} s</source>
   <translation>{count:.1f} s sind über {most_seconds:g} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>encoding says {encoding}, and the sound is {seen}</source>
   <translation>encoding sagt {encoding}, und der Ton ist {seen}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>no such file</source>
   <translation>keine solche Datei</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>sample_rate says {rate}, which is none of {list}</source>
   <translation>sample_rate sagt {rate}, was keine von {list} ist</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>channels says {channels}; one is taken</source>
   <translation>channels sagt {channels}; einer wird genommen</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>encoding says {encoding}, which it does not know: flac, wav, linear16, ulaw, ogg_opus</source>
   <translation>encoding sagt {encoding}, was er nicht kennt: flac, wav, linear16, ulaw, ogg_opus</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>sample_rate says {rate}, and the sound is {own} Hz</source>
   <translation>sample_rate sagt {rate}, und der Ton hat {own} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>channels says {channels}, and the sound has {held}</source>
   <translation>channels sagt {channels}, und der Ton hat {held}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>the sound cannot be read</source>
   <translation>der Ton ist nicht zu lesen</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Have a service listen to made files, and tell how many words it got wrong.</source>
   <translation>Einen Dienst gemachte Dateien anhören lassen und sagen, wie viele Wörter er falsch versteht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>The service is described in the receiver, [service]; where it names no url, a simulated one answers on the loopback interface, by the speech engine that runs here. With --kept nothing is asked twice for the same bytes.</source>
   <translation>Der Dienst ist im Empfänger beschrieben, [service]; nennt er keine url, antwortet ein nachgebildeter auf der Loopback-Schnittstelle, mit der Spracherkennung, die hier läuft. Mit --kept wird für dieselben Bytes nichts zweimal gefragt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>A script: what is meant, by name.</source>
   <translation>Ein Skript: was gemeint ist, nach Namen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Of those that the script says nothing of.</source>
   <translation>Von denen, über die das Skript nichts sagt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Answers, kept from one run to the next.</source>
   <translation>Antworten, von einem Lauf zum nächsten bewahrt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Let the service know the lines of the script: it hears one of them, or nothing.</source>
   <translation>Dem Dienst die Zeilen des Skripts sagen: Er hört eine davon oder nichts.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Write all of it to a table, most doubtful first: .csv or .jsonl.</source>
   <translation>Alles in eine Tabelle schreiben, das Zweifelhafteste zuerst: .csv oder .jsonl.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Send the files as they are and after each codec, and tell what each costs in words.</source>
   <translation>Die Dateien so senden, wie sie sind, und nach jedem Codec, und sagen, was jeder an Wörtern kostet.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Of --codecs, as SVG.</source>
   <translation>Von --codecs, als SVG.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Show the request for the first file, and a command for it; send nothing.</source>
   <translation>Die Anfrage für die erste Datei zeigen und einen Befehl dafür; nichts senden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>{receiver} is no service: its file has no [service].</source>
   <translation>{receiver} ist kein Dienst: Seine Datei hat kein [service].</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>There is nothing to listen to.</source>
   <translation>Es gibt nichts anzuhören.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Name made files, or their folder.</source>
   <translation>Gemachte Dateien nennen oder ihren Ordner.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>  {words:.0f} % of words wrong, meant “{meant}”</source>
   <translation>  {words:.0f} % der Wörter falsch, gemeint „{meant}“</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Word error rate of all: {words_wrong:.1f} % of {words:,} words.</source>
   <translation>Wortfehlerrate von allen: {words_wrong:.1f} % von {words:,} Wörtern.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>{name:34}{words_wrong:6.1f} % of words wrong  {more:6}  {bits}</source>
   <translation>{name:34}{words_wrong:6.1f} % Wörter falsch  {more:6}  {bits}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Back to what was heard</source>
   <translation>Zurück zum Gehörten</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec</source>
   <translation>Falsche Wörter nach jedem Codec</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec, of {count} clips; the first codecs come in a moment</source>
   <extracomment>Where there is one: Words wrong after each codec, of {count} clip; the first codecs come in a moment</extracomment>
   <translation>
    <numerusform>Falsche Wörter nach jedem Codec, von {count} Clip; die ersten Codecs kommen gleich</numerusform>
    <numerusform>Falsche Wörter nach jedem Codec, von {count} Clips; die ersten Codecs kommen gleich</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec, of {words} words</source>
   <extracomment>Where there is one: Words wrong after each codec, of {words} word</extracomment>
   <translation>
    <numerusform>Falsche Wörter nach jedem Codec, von {words} Wort</numerusform>
    <numerusform>Falsche Wörter nach jedem Codec, von {words} Wörtern</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>{count} codecs compared.</source>
   <extracomment>Where there is one: {count} codec compared.</extracomment>
   <translation>
    <numerusform>{count} Codec verglichen.</numerusform>
    <numerusform>{count} Codecs verglichen.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>{name} {share:.1f} %</source>
   <translation>{name} {share:.1f} %</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec: {detail}</source>
   <translation>Falsche Wörter nach jedem Codec: {detail}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>  {more:+.1f}</source>
   <translation>  {more:+.1f}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>  {kbit_s:,.1f} kbit/s</source>
   <translation>  {kbit_s:,.1f} kbit/s</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>{share:.1f} %</source>
   <translation>{share:.1f} %</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The first request, with the sound shortened</source>
   <translation>Die erste Anfrage, mit gekürztem Ton</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Heard by a service</source>
   <translation>Von einem Dienst gehört</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Take what was heard  T</source>
   <translation>Gehörtes übernehmen  T</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard becomes the text of the clip</source>
   <translation>Das Gehörte wird der Text des Clips</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Ask again</source>
   <translation>Noch einmal fragen</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>List…</source>
   <translation>Liste…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>All of it as a table: CSV or JSON Lines</source>
   <translation>Alles als Tabelle: CSV oder JSON Lines</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Copy the request</source>
   <translation>Anfrage kopieren</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The first request, as a command for a terminal</source>
   <translation>Die erste Anfrage, als Befehl für ein Terminal</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What codecs cost…</source>
   <translation>Was Codecs kosten…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The same clips sent as they are and after each codec: how many words each costs</source>
   <translation>Dieselben Clips gesendet, wie sie sind und nach jedem Codec: wie viele Wörter jeder kostet</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard, most doubtful first</source>
   <translation>Was gehört wurde, das Zweifelhafteste zuerst</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Meant, and heard</source>
   <translation>Gemeint und gehört</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Words wrong</source>
   <translation>Falsche Wörter</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Letters wrong</source>
   <translation>Falsche Buchstaben</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Sure</source>
   <translation>Sicher</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Took</source>
   <translation>Dauerte</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Sent</source>
   <translation>Gesendet</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Nothing is made for {name} yet: M makes all that can be made.</source>
   <translation>Für {name} ist noch nichts gemacht: M macht alles, was geht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Heard by {name}</source>
   <translation>Gehört von {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} of {wanted} answered; {name}: “{text} …”</source>
   <translation>{count} von {wanted} beantwortet; {name}: „{text} …“</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} of {wanted} answered</source>
   <translation>{count} von {wanted} beantwortet</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{name} {share:.0f} %</source>
   <translation>{name} {share:.0f} %</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>words wrong: </source>
   <translation>falsche Wörter: </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Choose a line that was heard.</source>
   <translation>Eine Zeile wählen, die gehört wurde.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>the text of “{name}”</source>
   <translation>der Text von „{name}“</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>“{text}” is the text of “{name}” now; {key} takes it back.</source>
   <translation>„{text}“ ist jetzt der Text von „{name}“; {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The request is on the clipboard as a command; the key is not in it.</source>
   <translation>Die Anfrage ist als Befehl in der Zwischenablage; der Schlüssel ist nicht darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard, as a table</source>
   <translation>Was gehört wurde, als Tabelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>CSV (*.csv);;JSON Lines (*.jsonl)</source>
   <translation>CSV (*.csv);;JSON Lines (*.jsonl)</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{name} was not written: {error}</source>
   <translation>{name} wurde nicht geschrieben: {error}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} lines are in {name}.</source>
   <extracomment>Where there is one: {count} line is in {name}.</extracomment>
   <translation>
    <numerusform>{count} Zeile steht in {name}.</numerusform>
    <numerusform>{count} Zeilen stehen in {name}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>, {factor:.2f}×</source>
   <translation>, {factor:.2f}×</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{escape} {start:.2f} to {end:.2f} s</source>
   <translation>{escape} {start:.2f} bis {end:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard</source>
   <translation>Was gehört wurde</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/worker.py" />
   <source>Asking failed</source>
   <translation>Das Fragen misslang</translation>
  </message>
 </context>
</TS>
