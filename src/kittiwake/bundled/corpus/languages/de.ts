<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Corpus…</source>
   <translation>Korpus…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>How good the clips are to train on, doubles, what rules cost; and writing a corpus.</source>
   <translation>Wie gut sich mit den Clips trainieren lässt, Doppelte, was Regeln kosten; und einen Korpus schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Texts and speakers…</source>
   <translation>Texte und Sprecher…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Take texts, speakers and languages of the clips out of a table, or out of the names of files and folders.</source>
   <translation>Texte, Sprecher und Sprachen der Clips aus einer Tabelle nehmen oder aus Namen von Dateien und Ordnern.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>There are no clips yet: {key} adds sound.</source>
   <translation>Es gibt noch keine Clips: {key} fügt Ton hinzu.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Texts, speakers and languages of {count} clips are taken; {key} takes it back.</source>
   <extracomment>Where there is one: Text, speaker and language of {count} clip are taken; {key} takes it back.</extracomment>
   <translation>
    <numerusform>Text, Sprecher und Sprache von {count} Clip sind übernommen; {key} nimmt es zurück.</numerusform>
    <numerusform>Texte, Sprecher und Sprachen von {count} Clips sind übernommen; {key} nimmt es zurück.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>{count} recordings of this corpus lay in {folder}, which is gone or holds nothing now.</source>
   <extracomment>Where there is one: {count} recording of this corpus lay in {folder}, which is gone or holds nothing now.</extracomment>
   <translation>
    <numerusform>{count} Aufnahme dieses Korpus lag in {folder}; der Ordner ist fort oder leer.</numerusform>
    <numerusform>{count} Aufnahmen dieses Korpus lagen in {folder}; der Ordner ist fort oder leer.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Mount its disk; or, if they are meant to go, say so with --gone. Nothing was changed.</source>
   <translation>Hängen Sie seinen Datenträger ein; sollen sie fort, sagen Sie es mit --gone. Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Nothing tells “{name}” of any clip, so the sides cannot be alike in it.</source>
   <translation>Von keinem Clip ist „{name}“ bekannt; darin können die Seiten nicht gleich sein.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>There is: {list}.</source>
   <translation>Es gibt: {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>There is nothing on the side “{side}”: there are too few speakers to share out.</source>
   <translation>Auf der Seite „{side}“ ist nichts: Es gibt zu wenige Sprecher zum Verteilen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Cannot be read</source>
   <translation>Nicht zu lesen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>not measured</source>
   <translation>nicht gemessen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>The same recording as another clip</source>
   <translation>Dieselbe Aufnahme wie ein anderer Clip</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>The same recording on two sides</source>
   <translation>Dieselbe Aufnahme auf zwei Seiten</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>No part of the corpus any more, and altered, so that it stays</source>
   <translation>Kein Teil des Korpus mehr und geändert, sodass es bleibt</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Not made</source>
   <translation>Nicht gemacht</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/files.py" />
   <source>“{name}” lies in {into} already, and is not as an earlier run left it.</source>
   <translation>„{name}“ liegt schon in {into} und ist nicht so, wie ein früherer Lauf es ließ.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/files.py" />
   <source>Move it away, or choose another folder.</source>
   <translation>Es wegbewegen oder einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/heard.py" />
   <source>{name} holds no answers.</source>
   <translation>{name} enthält keine Antworten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/heard.py" />
   <source>Give what kittiwake hear --kept or --list wrote, in JSON Lines.</source>
   <translation>Geben, was kittiwake hear --kept oder --list schrieb, in JSON Lines.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>cannot be read</source>
   <translation>nicht zu lesen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>double of another</source>
   <translation>Doppelter eines anderen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>double of {other}</source>
   <translation>Doppelter von {other}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>Clips of {name} share a gain, a memory or marks.</source>
   <translation>Clips von {name} teilen eine Verstärkung, einen Speicher oder Marken.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>Choose a receiver that levels each clip by itself.</source>
   <translation>Einen Empfänger wählen, der jeden Clip für sich pegelt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: {error}</source>
   <translation>nicht gemacht: {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: it has not been measured</source>
   <translation>nicht gemacht: Es wurde nicht gemessen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: {what}</source>
   <translation>nicht gemacht: {what}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/core/of_project.py" />
   <source>texts and speakers of {n} clips</source>
   <extracomment>Where there is one: texts and speakers of {n} clip</extracomment>
   <translation>
    <numerusform>Texte und Sprecher von {n} Clip</numerusform>
    <numerusform>Texte und Sprecher von {n} Clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>{output} is not there any more.</source>
   <translation>{output} ist nicht mehr da.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>Start again: it is made once more.</source>
   <translation>Noch einmal starten: Es wird neu gemacht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>Parquet needs the package “pyarrow”.</source>
   <translation>Parquet braucht das Paket „pyarrow“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>active speech level, ITU-T P.56</source>
   <translation>aktiver Sprachpegel, ITU-T P.56</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>speech to noise: active level without the noise, over the noise that goes on</source>
   <translation>Sprache zu Rauschen: aktiver Pegel ohne das Rauschen, über dem Rauschen, das anhält</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>noise that goes on</source>
   <translation>Rauschen, das anhält</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>highest frequency that holds sound</source>
   <translation>höchste Frequenz, die Ton enthält</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>share of the time that is speech</source>
   <translation>Anteil der Zeit, der Sprache ist</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>time in which sound falls by 60 dB, estimated from the ends of syllables</source>
   <translation>Zeit, in der Ton um 60 dB abfällt, geschätzt aus den Enden der Silben</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>hum of the mains, beside the speech</source>
   <translation>Netzbrumm, neben der Sprache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>samples that are cut off</source>
   <translation>abgeschnittene Abtastwerte</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>constant part, of full scale</source>
   <translation>Gleichanteil, vom Vollausschlag</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>holes of digital silence within speech</source>
   <translation>Löcher digitaler Stille in der Sprache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>first 30 ms, beside the speech: near 0 where the beginning is cut off</source>
   <translation>erste 30 ms, neben der Sprache: nahe 0, wo der Anfang fehlt</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>last 30 ms, beside the speech</source>
   <translation>letzte 30 ms, neben der Sprache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>characters of the text a second of speech</source>
   <translation>Zeichen des Textes je Sekunde Sprache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>word error rate of what was heard</source>
   <translation>Wortfehlerrate des Gehörten</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>It holds no sound.</source>
   <translation>Es enthält keinen Ton.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>It lies beyond the end of its source.</source>
   <translation>Es liegt hinter dem Ende seiner Quelle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/row.py" />
   <source> and {n:,} more</source>
   <translation> und {n:,} weitere</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/row.py" />
   <source>{what}: {list}{more}.</source>
   <translation>{what}: {list}{more}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>No speaker</source>
   <translation>Kein Sprecher</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>No language</source>
   <translation>Keine Sprache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The pattern does not match</source>
   <translation>Das Muster passt nicht</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Not in the table, and left out</source>
   <translation>Nicht in der Tabelle und weggelassen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Table and name of the file tell another {key}; the table is believed</source>
   <translation>Tabelle und Name der Datei nennen ein anderes {key}; die Tabelle gilt</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The same id again, and left out</source>
   <translation>Dieselbe id noch einmal und weggelassen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>In the table, but there is no such file</source>
   <translation>In der Tabelle, aber es gibt keine solche Datei</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>“{part}” cannot be in a pattern{twice}.</source>
   <translation>„{part}“ kann nicht{twice} in einem Muster stehen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source> twice</source>
   <translation> zweimal</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Write {id}, {speaker}, {language}, {text}, or a trait such as {gender}.</source>
   <translation>{id}, {speaker}, {language}, {text} schreiben oder ein Merkmal wie {gender}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The pattern names nothing.</source>
   <translation>Das Muster benennt nichts.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Write for example {speaker}/{id}.</source>
   <translation>Zum Beispiel {speaker}/{id} schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>There are no rows in {name} that name a file.</source>
   <translation>In {name} gibt es keine Zeilen, die eine Datei nennen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>It needs a column “file” or “id”.</source>
   <translation>Es braucht eine Spalte „file“ oder „id“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>{name} cannot be read as a table: {detail}.</source>
   <translation>{name} ist nicht als Tabelle zu lesen: {detail}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Give CSV in UTF-8, or JSON Lines.</source>
   <translation>CSV in UTF-8 oder JSON Lines geben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>“{text}” is no rule.</source>
   <translation>„{text}“ ist keine Regel.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>Write for example snr &gt;= 20 dB. There is {names}.</source>
   <translation>Zum Beispiel snr &gt;= 20 dB schreiben. Es gibt {names}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>{name} is told in {unit}, not in {given}.</source>
   <translation>{name} wird in {unit} angegeben, nicht in {given}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>Write {name} {sign} {number} {unit}.</source>
   <translation>{name} {sign} {number} {unit} schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>“{text}” are no lengths.</source>
   <translation>„{text}“ sind keine Längen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Write for example 3-15, in seconds.</source>
   <translation>Zum Beispiel 3-15 schreiben, in Sekunden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>No times of words are known, so that pieces of it have no text</source>
   <translation>Es sind keine Zeiten der Wörter bekannt, sodass Stücke davon keinen Text haben</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Some of its pieces have no words</source>
   <translation>Einige Stücke davon haben keine Wörter</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Shorter than {shortest:g} s, and left out</source>
   <translation>Kürzer als {shortest:g} s und weggelassen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Longer than {longest:g} s, with no pause to cut at</source>
   <translation>Länger als {longest:g} s, ohne Pause zum Schneiden</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>“{text}” is no split.</source>
   <translation>„{text}“ ist keine Aufteilung.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>Write for example 80/10/10.</source>
   <translation>Zum Beispiel 80/10/10 schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} does not tell which speaker is on which side.</source>
   <translation>{name} sagt nicht, welcher Sprecher auf welcher Seite ist.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>It needs the columns “speaker” and “split”.</source>
   <translation>Nötig sind die Spalten „speaker“ und „split“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} puts {speaker} on the side “{side}”, which there is not.</source>
   <translation>{name} setzt {speaker} auf die Seite „{side}“, die es nicht gibt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} puts {speaker} on two sides.</source>
   <translation>{name} setzt {speaker} auf zwei Seiten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>Leave one of the two rows out.</source>
   <translation>Lassen Sie eine der beiden Zeilen weg.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Move it away, and give splits.csv of this folder with --splits: it is made anew, and every speaker stays on the same side.</source>
   <translation>Legen Sie sie beiseite und geben Sie splits.csv dieses Ordners mit --splits an: Sie wird neu gemacht, und jeder Sprecher bleibt auf seiner Seite.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>{path} cannot be used: {error}.</source>
   <translation>{path} ist nicht zu gebrauchen: {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>{path} is of another version.</source>
   <translation>{path} ist von einer anderen Version.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Another run is making the corpus in {folder}</source>
   <translation>Ein anderer Lauf macht gerade das Korpus in {folder}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Free the disk, and start again: it goes on from here.</source>
   <translation>Schaffen Sie Platz und beginnen Sie noch einmal: Es geht von hier aus weiter.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>“{value}” is no size, such as 500MB</source>
   <translation>„{value}“ ist keine Größe, etwa 500MB</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Make a corpus: rows, qualities, doubles, rules, sides, files and their list.</source>
   <translation>Einen Korpus machen: Zeilen, Güte, Doppelte, Regeln, Seiten, Dateien und ihre Liste.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Who is on which side stays as it is when clips are added. A run that was stopped goes on where it was; nothing is measured or made twice. Rules are of: seconds, level, snr, noise, bandwidth, speech, reverb, hum, clipped, dc, dropouts, start, end, pace, words_wrong.</source>
   <translation>Wer auf welcher Seite ist, bleibt so, wenn Clips dazukommen. Ein abgebrochener Lauf geht dort weiter, wo er war; nichts wird zweimal gemessen oder gemacht. Regeln gibt es für: seconds, level, snr, noise, bandwidth, speech, reverb, hum, clipped, dc, dropouts, start, end, pace, words_wrong.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What every file is to be.</source>
   <translation>Was jede Datei sein soll.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Where the corpus goes.</source>
   <translation>Wohin der Korpus geht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Texts, speakers, languages: CSV, TSV, JSON Lines or a spreadsheet.</source>
   <translation>Texte, Sprecher, Sprachen: CSV, TSV, JSON Lines oder eine Tabelle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What names of folders and files tell, such as {speaker}/{language}-{id}.</source>
   <translation>Was Namen von Ordnern und Dateien sagen, etwa {speaker}/{language}-{id}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>name.txt beside name.wav is its text.</source>
   <translation>name.txt neben name.wav ist der Text dazu.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Of clips that nothing else tells it of.</source>
   <translation>Von Clips, bei denen nichts anderes sie sagt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Leave out what breaks it; may be repeated.</source>
   <translation>Weglassen, was dagegen verstößt; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Say what breaks it; may be repeated.</source>
   <translation>Sagen, was dagegen verstößt; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Clips that repeat another.</source>
   <translation>Clips, die einen anderen wiederholen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Shares of training, development and test.</source>
   <translation>Anteile von Training, Entwicklung und Test.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Decides which speaker goes where.</source>
   <translation>Entscheidet, welcher Sprecher wohin kommt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What the sides are alike in, beside length; may be repeated.</source>
   <translation>Worin die Seiten sich neben der Länge gleichen; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>A splits.csv of before: speakers stay where it says.</source>
   <translation>Eine splits.csv von früher: Sprecher bleiben, wo sie dort stehen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>TAR archives of at most this size, in place of folders.</source>
   <translation>TAR-Archive von höchstens dieser Größe statt Ordnern.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>With --shards: leave no clips beside the archives, which takes half the space; a later run makes them all anew.</source>
   <translation>Mit --shards: neben den Archiven keine einzelnen Clips lassen, was den halben Platz braucht; ein späterer Lauf macht alle neu.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Write the list as Parquet too.</source>
   <translation>Die Liste auch als Parquet schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Cut what is longer in pauses, into pieces of so many seconds: 3-15.</source>
   <translation>Was länger ist, in Pausen schneiden, in Stücke von so vielen Sekunden: 3-15.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What an engine heard (hear --kept): for words_wrong, and times of words.</source>
   <translation>Was eine Erkennung hörte (hear --kept): für words_wrong und Zeiten der Wörter.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Recordings whose folder is gone or empty are meant to be: what was made of them is deleted.</source>
   <translation>Aufnahmen, deren Ordner fort oder leer ist, sollen fort sein: Was aus ihnen gemacht wurde, wird gelöscht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Show the first rows, and what is wrong with rows; do nothing.</source>
   <translation>Die ersten Zeilen zeigen, und was an Zeilen falsch ist; nichts tun.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Measure and judge, and tell what rules cost; make nothing.</source>
   <translation>Messen und beurteilen und sagen, was Regeln kosten; nichts machen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Measure and make on the Dask cluster whose scheduler is there.</source>
   <translation>Auf dem Dask-Cluster messen und machen, dessen Scheduler dort ist.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>--no-loose is about archives: say how large they may be, --shards 1GB.</source>
   <translation>--no-loose betrifft Archive: Sagen Sie, wie groß sie sein dürfen, --shards 1GB.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Say where the corpus goes: --into FOLDER.</source>
   <translation>Sagen, wohin der Korpus geht: --into ORDNER.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>{count:,} rows{faults}.</source>
   <extracomment>Where there is one: {count:,} row{faults}.</extracomment>
   <translation>
    <numerusform>{count:,} Zeile{faults}.</numerusform>
    <numerusform>{count:,} Zeilen{faults}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>, of which these are the first {preview}</source>
   <translation>, davon die ersten {preview}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Stopped; the same command goes on from here.</source>
   <translation>Angehalten; derselbe Befehl macht von hier weiter.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Nothing came into {side}: there are too few speakers to give it one. Give --splits, or another --split.</source>
   <translation>Nach {side} kam nichts: es gibt zu wenige Sprecher, um ihm einen zu geben. --splits angeben oder ein anderes --split.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>{clips:,} of {of_clips:,} clips kept, {kept} of {all}.</source>
   <translation>{clips:,} von {of_clips:,} Clips behalten, {kept} von {all}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>leaves out</source>
   <translation>lässt aus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>flags</source>
   <translation>merkt an</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  {rule}: {does} {clips:,} clips, {hours}</source>
   <extracomment>Where there is one:   {rule}: {does} {clips:,} clip, {hours}</extracomment>
   <translation>
    <numerusform>  {rule}: {does} {clips:,} Clip, {hours}</numerusform>
    <numerusform>  {rule}: {does} {clips:,} Clips, {hours}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  {side}: {clips:,} clips, {hours}</source>
   <extracomment>Where there is one:   {side}: {clips:,} clip, {hours}</extracomment>
   <translation>
    <numerusform>  {side}: {clips:,} Clip, {hours}</numerusform>
    <numerusform>  {side}: {clips:,} Clips, {hours}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  The same clips lie loose in clips/ as well: the next run goes on from them. With --no-loose they are deleted, and made anew then.</source>
   <translation>  Dieselben Clips liegen auch einzeln in clips/: Der nächste Lauf geht von ihnen aus. Mit --no-loose werden sie gelöscht und dann neu gemacht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Corpus</source>
   <translation>Korpus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Write the corpus…</source>
   <translation>Den Korpus schreiben…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Corpus for {name}</source>
   <translation>Korpus für {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>No clip is for {name}.</source>
   <translation>Kein Clip ist für {name}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{measured} of {all} clips measured, {kept} kept, {hours}</source>
   <translation>{measured} von {all} Clips gemessen, {kept} behalten, {hours}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>, {n} doubles</source>
   <extracomment>Where there is one: , {n} double</extracomment>
   <translation>
    <numerusform>, {n} Doppelter</numerusform>
    <numerusform>, {n} Doppelte</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{words} is broken by {clips} of {count} clips, {hours}.</source>
   <translation>{words} bricht {clips} von {count} Clips, {hours}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Rules tell what they cost before they are taken.</source>
   <translation>Regeln sagen, was sie kosten, bevor sie gelten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>far out</source>
   <translation>weit draußen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>double of {name}</source>
   <translation>Doppelter von {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>double</source>
   <translation>Doppel</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>left out: {words}</source>
   <translation>ausgelassen: {words}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{out} left out of {name}; {key} takes it back.</source>
   <translation>{out} bei {name} ausgelassen; {key} nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>A clip stays for one receiver at least.</source>
   <translation>Ein Clip bleibt für mindestens einen Empfänger.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Where the corpus goes</source>
   <translation>Wohin der Korpus geht</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>In the window, with cuts, touch-ups, texts and speakers as they stood on the board.
Of whole files a terminal makes the same with: kittiwake corpus --for {slug}{rules} --into corpus/ sources/</source>
   <translation>Im Fenster, mit Schnitten, Retuschen, Texten und Sprechern, wie sie in der Übersicht standen.
Von ganzen Dateien macht ein Terminal dasselbe mit: kittiwake corpus --for {slug}{rules} --into corpus/ sources/</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{done:,} of {total:,} {name}</source>
   <translation>{done:,} von {total:,} {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>It was stopped; it goes on from here the next time.</source>
   <translation>Es wurde angehalten; beim nächsten Mal geht es von hier weiter.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>The corpus is written: {sides}. datasheet.md tells what is in it; {count} findings.</source>
   <extracomment>Where there is one: The corpus is written: {sides}. datasheet.md tells what is in it; {count} finding.</extracomment>
   <translation>
    <numerusform>Der Korpus ist geschrieben: {sides}. datasheet.md sagt, was darin ist; {count} Befund.</numerusform>
    <numerusform>Der Korpus ist geschrieben: {sides}. datasheet.md sagt, was darin ist; {count} Befunde.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: not known</source>
   <translation>{name}: nicht bekannt</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{detail}: not known of any clip</source>
   <translation>{detail}: von keinem Clip bekannt</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: median {median}, {known} clips</source>
   <extracomment>Where there is one: {name}: median {median}, {known} clip</extracomment>
   <translation>
    <numerusform>{name}: Median {median}, {known} Clip</numerusform>
    <numerusform>{name}: Median {median}, {known} Clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: {detail}
median {median}, of {known} clips</source>
   <translation>{name}: {detail}
Median {median}, von {known} Clips</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>none found</source>
   <translation>keine gefunden</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>not known</source>
   <translation>nicht bekannt</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>A rule, such as snr &gt;= 20 dB</source>
   <translation>Eine Regel, etwa snr &gt;= 20 dB</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>A rule that clips have to keep</source>
   <translation>Eine Regel, die Clips einhalten müssen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Leave out</source>
   <translation>Auslassen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>What breaks the rule is left out of the corpus</source>
   <translation>Was die Regel bricht, bleibt aus dem Korpus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Flag</source>
   <translation>Markieren</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>What breaks the rule is in the corpus, and said to</source>
   <translation>Was die Regel bricht, ist im Korpus, und es steht dabei</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Rules; Delete takes one away</source>
   <translation>Regeln; Entf nimmt eine weg</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Rule</source>
   <translation>Regel</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clips</source>
   <translation>Clips</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clips, those farthest from the middle first</source>
   <translation>Clips, die am weitesten von der Mitte zuerst</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Value</source>
   <translation>Wert</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Off the middle</source>
   <translation>Abstand zur Mitte</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Speaker</source>
   <translation>Sprecher</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Notes</source>
   <translation>Hinweise</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Leave out on the board  Del</source>
   <translation>In der Übersicht auslassen  Entf</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>The chosen clips are not for this receiver any more; {key} takes it back</source>
   <translation>Die gewählten Clips sind nicht mehr für diesen Empfänger; {key} nimmt es zurück</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Also</source>
   <translation>Auch</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Texts and speakers</source>
   <translation>Texte und Sprecher</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Texts, speakers and languages out of a table, out of the names of folders and files, or both; the table is believed.</source>
   <translation>Texte, Sprecher und Sprachen aus einer Tabelle, aus Namen von Ordnern und Dateien oder aus beidem; der Tabelle wird geglaubt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>What would be taken</source>
   <translation>Was übernommen würde</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Take them</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>CSV, TSV, JSON Lines or a spreadsheet; columns file or id, text, speaker, language</source>
   <translation>CSV, TSV, JSON Lines oder Tabellenkalkulation; Spalten file oder id, text, speaker, language</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>of those that nothing else tells it of, such as en</source>
   <translation>derer, von denen sonst nichts sie sagt, etwa en</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>name.t&amp;xt beside name.wav is its text</source>
   <translation>name.t&amp;xt neben name.wav ist sein Text</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Table</source>
   <translation>&amp;Tabelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Table with texts and speakers</source>
   <translation>Tabelle mit Texten und Sprechern</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Names of files</source>
   <translation>&amp;Namen der Dateien</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>What names of folders and files tell</source>
   <translation>Was Namen von Ordnern und Dateien sagen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Language</source>
   <translation>S&amp;prache</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Language of the others</source>
   <translation>Sprache der anderen</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>A table</source>
   <translation>Eine Tabelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Tables (*.csv *.tsv *.jsonl *.xlsx *.ods *.txt);;All files (*)</source>
   <translation>Tabellen (*.csv *.tsv *.jsonl *.xlsx *.ods *.txt);;Alle Dateien (*)</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source> And {count} findings more.</source>
   <extracomment>Where there is one:  And {count} finding more.</extracomment>
   <translation>
    <numerusform> Und {count} weiterer Befund.</numerusform>
    <numerusform> Und {count} weitere Befunde.</numerusform>
   </translation>
  </message>
 </context>
</TS>
