<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Corpus…</source>
   <translation>Corpus…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>How good the clips are to train on, doubles, what rules cost; and writing a corpus.</source>
   <translation>Ce que valent les clips pour l’entraînement, doublons, coût des règles ; et écrire un corpus.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Texts and speakers…</source>
   <translation>Textes et locuteurs…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Take texts, speakers and languages of the clips out of a table, or out of the names of files and folders.</source>
   <translation>Prendre textes, locuteurs et langues des clips dans un tableau, ou dans les noms de fichiers et dossiers.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/commands.py" />
   <source>There are no clips yet: {key} adds sound.</source>
   <translation>Pas encore de clips : {key} ajoute du son.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/commands.py" />
   <source>Texts, speakers and languages of {count} clips are taken; {key} takes it back.</source>
   <extracomment>Where there is one: Text, speaker and language of {count} clip are taken; {key} takes it back.</extracomment>
   <translation>
    <numerusform>Texte, locuteur et langue de {count} clip sont pris ; {key} l’annule.</numerusform>
    <numerusform>Textes, locuteurs et langues de {count} clips sont pris ; {key} l’annule.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>{count} recordings of this corpus lay in {folder}, which is gone or holds nothing now.</source>
   <extracomment>Where there is one: {count} recording of this corpus lay in {folder}, which is gone or holds nothing now.</extracomment>
   <translation>
    <numerusform>{count} enregistrement de ce corpus se trouvait dans {folder}, qui a disparu ou ne contient plus rien.</numerusform>
    <numerusform>{count} enregistrements de ce corpus se trouvaient dans {folder}, qui a disparu ou ne contient plus rien.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Mount its disk; or, if they are meant to go, say so with --gone. Nothing was changed.</source>
   <translation>Montez son disque ; ou, s’ils doivent disparaître, dites-le avec --gone. Rien n’a été changé.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Nothing tells “{name}” of any clip, so the sides cannot be alike in it.</source>
   <translation>Rien n’indique « {name} » pour aucun clip ; les côtés ne peuvent donc pas s’y ressembler.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>There is: {list}.</source>
   <translation>Il y a : {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>There is nothing on the side “{side}”: there are too few speakers to share out.</source>
   <translation>Il n’y a rien du côté « {side} » : trop peu de locuteurs à répartir.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Cannot be read</source>
   <translation>Illisible</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>not measured</source>
   <translation>non mesuré</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>The same recording as another clip</source>
   <translation>Le même enregistrement qu’un autre clip</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>The same recording on two sides</source>
   <translation>Le même enregistrement de deux côtés</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>No part of the corpus any more, and altered, so that it stays</source>
   <translation>Plus dans le corpus, et modifié, si bien qu’il reste</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/build.py" />
   <source>Not made</source>
   <translation>Non produit</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/files.py" />
   <source>“{name}” lies in {into} already, and is not as an earlier run left it.</source>
   <translation>« {name} » est déjà dans {into}, et n’est pas tel qu’une exécution passée l’a laissé.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/files.py" />
   <source>Move it away, or choose another folder.</source>
   <translation>Le déplacer, ou choisir un autre dossier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/heard.py" />
   <source>{name} holds no answers.</source>
   <translation>{name} ne contient pas de réponses.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/heard.py" />
   <source>Give what kittiwake hear --kept or --list wrote, in JSON Lines.</source>
   <translation>Donner ce qu’a écrit kittiwake hear --kept ou --list, en JSON Lines.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>cannot be read</source>
   <translation>illisible</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>double of another</source>
   <translation>doublon d’un autre</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/judged.py" />
   <source>double of {other}</source>
   <translation>doublon de {other}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>Clips of {name} share a gain, a memory or marks.</source>
   <translation>Les clips de {name} partagent un gain, une mémoire ou des repères.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>Choose a receiver that levels each clip by itself.</source>
   <translation>Choisir un récepteur qui règle chaque clip à part.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: {error}</source>
   <translation>non produit : {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: it has not been measured</source>
   <translation>non produit : il n’a pas été mesuré</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/made.py" />
   <source>not made: {what}</source>
   <translation>non produit : {what}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/core/of_project.py" />
   <source>texts and speakers of {n} clips</source>
   <extracomment>Where there is one: texts and speakers of {n} clip</extracomment>
   <translation>
    <numerusform>textes et locuteurs de {n} clip</numerusform>
    <numerusform>textes et locuteurs de {n} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>{output} is not there any more.</source>
   <translation>{output} n’est plus là.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>Start again: it is made once more.</source>
   <translation>Relancer : il est produit de nouveau.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/pack.py" />
   <source>Parquet needs the package “pyarrow”.</source>
   <translation>Parquet demande le paquet « pyarrow ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>active speech level, ITU-T P.56</source>
   <translation>niveau de parole actif, UIT-T P.56</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>speech to noise: active level without the noise, over the noise that goes on</source>
   <translation>parole sur bruit : niveau actif sans le bruit, par rapport au bruit qui dure</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>noise that goes on</source>
   <translation>bruit qui dure</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>highest frequency that holds sound</source>
   <translation>fréquence la plus haute qui porte du son</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>share of the time that is speech</source>
   <translation>part du temps qui est de la parole</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>time in which sound falls by 60 dB, estimated from the ends of syllables</source>
   <translation>temps où le son chute de 60 dB, estimé sur la fin des syllabes</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>hum of the mains, beside the speech</source>
   <translation>ronflement du secteur, par rapport à la parole</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>samples that are cut off</source>
   <translation>échantillons écrêtés</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>constant part, of full scale</source>
   <translation>composante continue, de la pleine échelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>holes of digital silence within speech</source>
   <translation>trous de silence numérique dans la parole</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>first 30 ms, beside the speech: near 0 where the beginning is cut off</source>
   <translation>premières 30 ms, par rapport à la parole : proche de 0 si le début est coupé</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>last 30 ms, beside the speech</source>
   <translation>dernières 30 ms, par rapport à la parole</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>characters of the text a second of speech</source>
   <translation>caractères du texte par seconde de parole</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>word error rate of what was heard</source>
   <translation>taux d’erreur sur les mots entendus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>It holds no sound.</source>
   <translation>Il ne contient pas de son.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/quality.py" />
   <source>It lies beyond the end of its source.</source>
   <translation>Il est au-delà de la fin de sa source.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/row.py" />
   <source> and {n:,} more</source>
   <translation> et {n:,} autres</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/row.py" />
   <source>{what}: {list}{more}.</source>
   <translation>{what} : {list}{more}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>No speaker</source>
   <translation>Pas de locuteur</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>No language</source>
   <translation>Pas de langue</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The pattern does not match</source>
   <translation>Le motif ne convient pas</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Not in the table, and left out</source>
   <translation>Absent du tableau, et omis</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Table and name of the file tell another {key}; the table is believed</source>
   <translation>Le tableau et le nom du fichier disent un autre {key} ; le tableau prévaut</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The same id again, and left out</source>
   <translation>La même id encore, et omise</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>In the table, but there is no such file</source>
   <translation>Dans le tableau, mais ce fichier n’existe pas</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>“{part}” cannot be in a pattern{twice}.</source>
   <translation>« {part} » ne peut pas être{twice} dans un motif.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source> twice</source>
   <translation> deux fois</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Write {id}, {speaker}, {language}, {text}, or a trait such as {gender}.</source>
   <translation>Écrire {id}, {speaker}, {language}, {text}, ou un trait comme {gender}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>The pattern names nothing.</source>
   <translation>Le motif ne nomme rien.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Write for example {speaker}/{id}.</source>
   <translation>Écrire par exemple {speaker}/{id}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>There are no rows in {name} that name a file.</source>
   <translation>Aucune ligne de {name} ne nomme de fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>It needs a column “file” or “id”.</source>
   <translation>Il faut une colonne « file » ou « id ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>{name} cannot be read as a table: {detail}.</source>
   <translation>{name} n’est pas lisible comme tableau : {detail}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rows.py" />
   <source>Give CSV in UTF-8, or JSON Lines.</source>
   <translation>Donner du CSV en UTF-8, ou du JSON Lines.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>“{text}” is no rule.</source>
   <translation>« {text} » n’est pas une règle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>Write for example snr &gt;= 20 dB. There is {names}.</source>
   <translation>Écrire par exemple snr &gt;= 20 dB. Il y a {names}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>{name} is told in {unit}, not in {given}.</source>
   <translation>{name} se dit en {unit}, pas en {given}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/rules.py" />
   <source>Write {name} {sign} {number} {unit}.</source>
   <translation>Écrire {name} {sign} {number} {unit}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>“{text}” are no lengths.</source>
   <translation>« {text} » ne sont pas des durées.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Write for example 3-15, in seconds.</source>
   <translation>Écrire par exemple 3-15, en secondes.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>No times of words are known, so that pieces of it have no text</source>
   <translation>Les instants des mots sont inconnus, si bien que ses morceaux n’ont pas de texte</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Some of its pieces have no words</source>
   <translation>Certains de ses morceaux n’ont pas de mots</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Shorter than {shortest:g} s, and left out</source>
   <translation>Plus court que {shortest:g} s, et omis</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/segments.py" />
   <source>Longer than {longest:g} s, with no pause to cut at</source>
   <translation>Plus long que {longest:g} s, sans pause où couper</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>“{text}” is no split.</source>
   <translation>« {text} » n’est pas une répartition.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>Write for example 80/10/10.</source>
   <translation>Écrire par exemple 80/10/10.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} does not tell which speaker is on which side.</source>
   <translation>{name} ne dit pas de quel côté est chaque locuteur.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>It needs the columns “speaker” and “split”.</source>
   <translation>Il faut les colonnes « speaker » et « split ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} puts {speaker} on the side “{side}”, which there is not.</source>
   <translation>{name} place {speaker} du côté « {side} », qui n’existe pas.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>{name} puts {speaker} on two sides.</source>
   <translation>{name} place {speaker} de deux côtés.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/split.py" />
   <source>Leave one of the two rows out.</source>
   <translation>Retirez l’une des deux lignes.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Move it away, and give splits.csv of this folder with --splits: it is made anew, and every speaker stays on the same side.</source>
   <translation>Mettez-la de côté et donnez splits.csv de ce dossier avec --splits : elle est refaite, et chaque locuteur reste du même côté.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>{path} cannot be used: {error}.</source>
   <translation>{path} est inutilisable : {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>{path} is of another version.</source>
   <translation>{path} est d’une autre version.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Another run is making the corpus in {folder}</source>
   <translation>Une autre exécution fait le corpus dans {folder}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/core/store.py" />
   <source>Free the disk, and start again: it goes on from here.</source>
   <translation>Libérez le disque et recommencez : cela reprend d’ici.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>“{value}” is no size, such as 500MB</source>
   <translation>« {value} » n’est pas une taille, comme 500MB</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Make a corpus: rows, qualities, doubles, rules, sides, files and their list.</source>
   <translation>Faire un corpus : lignes, qualités, doublons, règles, parts, fichiers et leur liste.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Who is on which side stays as it is when clips are added. A run that was stopped goes on where it was; nothing is measured or made twice. Rules are of: seconds, level, snr, noise, bandwidth, speech, reverb, hum, clipped, dc, dropouts, start, end, pace, words_wrong.</source>
   <translation>Qui est de quel côté le reste quand des clips s’ajoutent. Une exécution arrêtée reprend où elle était ; rien n’est mesuré ni produit deux fois. Les règles portent sur : seconds, level, snr, noise, bandwidth, speech, reverb, hum, clipped, dc, dropouts, start, end, pace, words_wrong.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What every file is to be.</source>
   <translation>Ce que chaque fichier doit être.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Where the corpus goes.</source>
   <translation>Où va le corpus.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Texts, speakers, languages: CSV, TSV, JSON Lines or a spreadsheet.</source>
   <translation>Textes, locuteurs, langues : CSV, TSV, JSON Lines ou un tableur.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What names of folders and files tell, such as {speaker}/{language}-{id}.</source>
   <translation>Ce que disent les noms des dossiers et fichiers, par exemple {speaker}/{language}-{id}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>name.txt beside name.wav is its text.</source>
   <translation>name.txt à côté de name.wav est son texte.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Of clips that nothing else tells it of.</source>
   <translation>Celle des clips dont rien d’autre ne la dit.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Leave out what breaks it; may be repeated.</source>
   <translation>Omettre ce qui l’enfreint ; répétable.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Say what breaks it; may be repeated.</source>
   <translation>Dire ce qui l’enfreint ; répétable.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Clips that repeat another.</source>
   <translation>Les clips qui en répètent un autre.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Shares of training, development and test.</source>
   <translation>Parts d’entraînement, de développement et de test.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Decides which speaker goes where.</source>
   <translation>Décide quel locuteur va où.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What the sides are alike in, beside length; may be repeated.</source>
   <translation>En quoi les côtés se ressemblent, outre la durée ; répétable.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>A splits.csv of before: speakers stay where it says.</source>
   <translation>Un splits.csv d’avant : les locuteurs restent où il le dit.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>TAR archives of at most this size, in place of folders.</source>
   <translation>Des archives TAR d’au plus cette taille, au lieu de dossiers.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>With --shards: leave no clips beside the archives, which takes half the space; a later run makes them all anew.</source>
   <translation>Avec --shards : ne laisser aucun clip à côté des archives, ce qui prend moitié moins de place ; une exécution ultérieure les refait tous.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Write the list as Parquet too.</source>
   <translation>Écrire aussi la liste en Parquet.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Cut what is longer in pauses, into pieces of so many seconds: 3-15.</source>
   <translation>Couper dans les pauses ce qui est plus long, en morceaux de tant de secondes : 3-15.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>What an engine heard (hear --kept): for words_wrong, and times of words.</source>
   <translation>Ce qu’un moteur a entendu (hear --kept) : pour words_wrong et les instants des mots.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Recordings whose folder is gone or empty are meant to be: what was made of them is deleted.</source>
   <translation>Les enregistrements dont le dossier a disparu ou est vide doivent disparaître : ce qui en a été fait est supprimé.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Show the first rows, and what is wrong with rows; do nothing.</source>
   <translation>Montrer les premières lignes et ce qui y cloche ; ne rien faire.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Measure and judge, and tell what rules cost; make nothing.</source>
   <translation>Mesurer et juger, et dire ce que coûtent les règles ; ne rien produire.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Measure and make on the Dask cluster whose scheduler is there.</source>
   <translation>Mesurer et produire sur la grappe Dask dont l’ordonnanceur est là.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>--no-loose is about archives: say how large they may be, --shards 1GB.</source>
   <translation>--no-loose concerne les archives : indiquez leur taille maximale, --shards 1GB.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Say where the corpus goes: --into FOLDER.</source>
   <translation>Dire où va le corpus : --into DOSSIER.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>{count:,} rows{faults}.</source>
   <extracomment>Where there is one: {count:,} row{faults}.</extracomment>
   <translation>
    <numerusform>{count:,} ligne{faults}.</numerusform>
    <numerusform>{count:,} lignes{faults}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>, of which these are the first {preview}</source>
   <translation>, dont voici les {preview} premières</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Stopped; the same command goes on from here.</source>
   <translation>Interrompu ; la même commande reprend d’ici.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>Nothing came into {side}: there are too few speakers to give it one. Give --splits, or another --split.</source>
   <translation>Rien n’est venu dans {side} : il y a trop peu de locuteurs pour lui en donner un. Donnez --splits, ou un autre --split.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>{clips:,} of {of_clips:,} clips kept, {kept} of {all}.</source>
   <translation>{clips:,} clips gardés sur {of_clips:,}, {kept} sur {all}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>leaves out</source>
   <translation>omet</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>flags</source>
   <translation>signale</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  {rule}: {does} {clips:,} clips, {hours}</source>
   <extracomment>Where there is one:   {rule}: {does} {clips:,} clip, {hours}</extracomment>
   <translation>
    <numerusform>  {rule} : {does} {clips:,} clip, {hours}</numerusform>
    <numerusform>  {rule} : {does} {clips:,} clips, {hours}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  {side}: {clips:,} clips, {hours}</source>
   <extracomment>Where there is one:   {side}: {clips:,} clip, {hours}</extracomment>
   <translation>
    <numerusform>  {side} : {clips:,} clip, {hours}</numerusform>
    <numerusform>  {side} : {clips:,} clips, {hours}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/corpus_verb.py" />
   <source>  The same clips lie loose in clips/ as well: the next run goes on from them. With --no-loose they are deleted, and made anew then.</source>
   <translation>  Les mêmes clips sont aussi à part dans clips/ : la prochaine exécution repart d’eux. Avec --no-loose, ils sont supprimés, puis refaits.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Corpus</source>
   <translation>Corpus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Write the corpus…</source>
   <translation>Écrire le corpus…</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Corpus for {name}</source>
   <translation>Corpus pour {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>No clip is for {name}.</source>
   <translation>Aucun clip n’est pour {name}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{measured} of {all} clips measured, {kept} kept, {hours}</source>
   <translation>{measured} clips mesurés sur {all}, {kept} gardés, {hours}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>, {n} doubles</source>
   <extracomment>Where there is one: , {n} double</extracomment>
   <translation>
    <numerusform>, {n} doublon</numerusform>
    <numerusform>, {n} doublons</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{words} is broken by {clips} of {count} clips, {hours}.</source>
   <translation>{words} est enfreinte par {clips} clips sur {count}, {hours}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Rules tell what they cost before they are taken.</source>
   <translation>Les règles disent ce qu’elles coûtent avant de valoir.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>far out</source>
   <translation>très à l’écart</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>double of {name}</source>
   <translation>doublon de {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>double</source>
   <translation>doublon</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>left out: {words}</source>
   <translation>omis : {words}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{out} left out of {name}; {key} takes it back.</source>
   <translation>{out} omis chez {name} ; {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>A clip stays for one receiver at least.</source>
   <translation>Un clip reste pour un récepteur au moins.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>Where the corpus goes</source>
   <translation>Où va le corpus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>In the window, with cuts, touch-ups, texts and speakers as they stood on the board.
Of whole files a terminal makes the same with: kittiwake corpus --for {slug}{rules} --into corpus/ sources/</source>
   <translation>Dans la fenêtre, avec coupes, retouches, textes et locuteurs du tableau.
De fichiers entiers un terminal fait de même : kittiwake corpus --for {slug}{rules} --into corpus/ sources/</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>{done:,} of {total:,} {name}</source>
   <translation>{done:,} sur {total:,} {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>It was stopped; it goes on from here the next time.</source>
   <translation>C’est interrompu ; cela reprendra d’ici.</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/page.py" />
   <source>The corpus is written: {sides}. datasheet.md tells what is in it; {count} findings.</source>
   <extracomment>Where there is one: The corpus is written: {sides}. datasheet.md tells what is in it; {count} finding.</extracomment>
   <translation>
    <numerusform>Le corpus est écrit : {sides}. datasheet.md dit ce qu’il contient ; {count} constat.</numerusform>
    <numerusform>Le corpus est écrit : {sides}. datasheet.md dit ce qu’il contient ; {count} constats.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: not known</source>
   <translation>{name} : inconnu</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{detail}: not known of any clip</source>
   <translation>{detail} : inconnu pour tout clip</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: median {median}, {known} clips</source>
   <extracomment>Where there is one: {name}: median {median}, {known} clip</extracomment>
   <translation>
    <numerusform>{name} : médiane {median}, {known} clip</numerusform>
    <numerusform>{name} : médiane {median}, {known} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>{name}: {detail}
median {median}, of {known} clips</source>
   <translation>{name} : {detail}
médiane {median}, de {known} clips</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>none found</source>
   <translation>aucun trouvé</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/plot.py" />
   <source>not known</source>
   <translation>inconnu</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>A rule, such as snr &gt;= 20 dB</source>
   <translation>Une règle, comme snr &gt;= 20 dB</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>A rule that clips have to keep</source>
   <translation>Une règle que les clips doivent respecter</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Leave out</source>
   <translation>Omettre</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>What breaks the rule is left out of the corpus</source>
   <translation>Ce qui enfreint la règle est omis du corpus</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Flag</source>
   <translation>Marquer</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>What breaks the rule is in the corpus, and said to</source>
   <translation>Ce qui enfreint la règle est dans le corpus, et signalé</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Rules; Delete takes one away</source>
   <translation>Règles ; Suppr en ôte une</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Rule</source>
   <translation>Règle</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clips</source>
   <translation>Clips</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clips, those farthest from the middle first</source>
   <translation>Clips, les plus loin du milieu d’abord</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Value</source>
   <translation>Valeur</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Off the middle</source>
   <translation>Écart au milieu</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Speaker</source>
   <translation>Locuteur</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Notes</source>
   <translation>Notes</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>Leave out on the board  Del</source>
   <translation>Omettre sur le tableau  Suppr</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/places/corpus/rules_side.py" />
   <source>The chosen clips are not for this receiver any more; {key} takes it back</source>
   <translation>Les clips choisis ne sont plus pour ce récepteur ; {key} l’annule</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Also</source>
   <translation>Aussi</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Texts and speakers</source>
   <translation>Textes et locuteurs</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Texts, speakers and languages out of a table, out of the names of folders and files, or both; the table is believed.</source>
   <translation>Textes, locuteurs et langues d’un tableau, des noms de dossiers et fichiers, ou des deux ; le tableau fait foi.</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>What would be taken</source>
   <translation>Ce qui serait pris</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Take them</source>
   <translation>Les prendre</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>CSV, TSV, JSON Lines or a spreadsheet; columns file or id, text, speaker, language</source>
   <translation>CSV, TSV, JSON Lines ou tableur ; colonnes file ou id, text, speaker, language</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>of those that nothing else tells it of, such as en</source>
   <translation>de ceux dont rien d’autre ne la dit, comme en</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>name.t&amp;xt beside name.wav is its text</source>
   <translation>name.t&amp;xt à côté de name.wav est son texte</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Table</source>
   <translation>&amp;Tableau</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Table with texts and speakers</source>
   <translation>Tableau de textes et locuteurs</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Names of files</source>
   <translation>&amp;Noms des fichiers</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>What names of folders and files tell</source>
   <translation>Ce que disent les noms de dossiers et fichiers</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>&amp;Language</source>
   <translation>&amp;Langue</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Language of the others</source>
   <translation>Langue des autres</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>A table</source>
   <translation>Un tableau</translation>
  </message>
  <message>
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source>Tables (*.csv *.tsv *.jsonl *.xlsx *.ods *.txt);;All files (*)</source>
   <translation>Tableaux (*.csv *.tsv *.jsonl *.xlsx *.ods *.txt);;Tous les fichiers (*)</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/corpus/rows_dialog.py" />
   <source> And {count} findings more.</source>
   <extracomment>Where there is one:  And {count} finding more.</extracomment>
   <translation>
    <numerusform> Et {count} autre constat.</numerusform>
    <numerusform> Et {count} autres constats.</numerusform>
   </translation>
  </message>
 </context>
</TS>
