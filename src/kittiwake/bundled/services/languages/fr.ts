<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>Have it heard…</source>
   <translation>Faire écouter…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>Send what is made to the service of the receiver, and see what it heard beside what was meant.</source>
   <translation>Envoyer ce qui est produit au service du récepteur, et voir ce qu’il a entendu à côté du voulu.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/commands.py" />
   <source>No receiver of the board is a service that listens: {key} chooses one.</source>
   <translation>Aucun récepteur du tableau n’est un service qui écoute : {key} en choisit un.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>The kept answers cannot be read: {reason_of}.</source>
   <translation>Les réponses gardées ne peuvent être lues : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>Name another file for them.</source>
   <translation>Indiquez un autre fichier pour elles.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>Answers could not be kept in {path}: {reason_of}.</source>
   <translation>Les réponses n’ont pu être gardées dans {path} : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>The service answers: {at_pointer}.</source>
   <translation>Le service répond : {at_pointer}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/answers.py" />
   <source>There is no text at {text} of the answer.</source>
   <translation>Il n’y a pas de texte à {text} de la réponse.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>It cannot be sent ({kind}).</source>
   <translation>Cela ne peut être envoyé ({kind}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The answer cannot be read ({kind}).</source>
   <translation>La réponse ne peut être lue ({kind}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service {error}.</source>
   <translation>Le service {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service answers {code}: {words}.</source>
   <translation>Le service répond {code} : {words}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>The service answers what is no JSON.</source>
   <translation>Le service répond autre chose que du JSON.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/ask.py" />
   <source>There are no {count} answers at {results} of the answer.</source>
   <translation>Il n’y a pas {count} réponses à {results} de la réponse.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>as it is</source>
   <translation>tel quel</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>No clip has a text to compare with.</source>
   <translation>Aucun clip n’a de texte à comparer.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/costs.py" />
   <source>Give texts: a script, or a table.</source>
   <translation>Donner des textes : un script, ou un tableau.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>There is no key in {key_from}.</source>
   <translation>Il n’y a pas de clé dans {key_from}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Set it in the environment: export {key_from}=…</source>
   <translation>La mettre dans l’environnement : export {key_from}=…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The desktop's store of secrets needs the package “keyring”.</source>
   <translation>Le coffre du bureau demande le paquet « keyring ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The store of secrets cannot be asked ({error}).</source>
   <translation>Le coffre ne peut être interrogé ({error}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Unlock it, or name a variable of the environment in key_from.</source>
   <translation>Le déverrouiller, ou nommer une variable dans key_from.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>The store of secrets holds no key “{name}”.</source>
   <translation>Le coffre n’a pas de clé « {name} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/keys.py" />
   <source>Put it there: keyring set {ours} {name}</source>
   <translation>L’y mettre : keyring set {ours} {name}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/core/listed.py" />
   <source>{clips:,} clips</source>
   <extracomment>Where there is one: {clips:,} clip</extracomment>
   <translation>
    <numerusform>{clips:,} clip</numerusform>
    <numerusform>{clips:,} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>, {words_wrong:.1f} % of {words:,} words wrong</source>
   <translation>, {words_wrong:.1f} % de {words:,} mots faux</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>, {unanswered:,} without an answer</source>
   <translation>, {unanswered:,} sans réponse</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/listed.py" />
   <source>not told</source>
   <translation>non dit</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>told to fail</source>
   <translation>échoue sur demande</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>the key is missing or wrong</source>
   <translation>la clé manque ou est fausse</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>POST /hear is what it answers</source>
   <translation>il répond à POST /hear</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>over {most:,} bytes</source>
   <translation>plus de {most:,} octets</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count} items are over {most_items}</source>
   <translation>{count} éléments dépassent {most_items}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>it failed</source>
   <translation>échec</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>JSON with sound (Base64), encoding and sample_rate is wanted</source>
   <translation>il faut du JSON avec sound (Base64), encoding et sample_rate</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:,} expected lines are over {most_lines:,}</source>
   <translation>{count:,} lignes attendues dépassent {most_lines:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>an expected line of {count:,} characters is over {most:,}</source>
   <translation>une ligne attendue de {count:,} caractères dépasse {most:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:,} bytes of sound are over {most_bytes:,}</source>
   <translation>{count:,} octets de son dépassent {most_bytes:,}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>{count:.1f} s are over {most_seconds:g} s</source>
   <translation>{count:.1f} s dépassent {most_seconds:g} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>encoding says {encoding}, and the sound is {seen}</source>
   <translation>encoding dit {encoding}, et le son est {seen}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>no such file</source>
   <translation>pas de tel fichier</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>sample_rate says {rate}, which is none of {list}</source>
   <translation>sample_rate dit {rate}, qui n’est aucune de {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>channels says {channels}; one is taken</source>
   <translation>channels dit {channels} ; un seul est accepté</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>encoding says {encoding}, which it does not know: flac, wav, linear16, ulaw, ogg_opus</source>
   <translation>encoding dit {encoding}, inconnu : flac, wav, linear16, ulaw, ogg_opus</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>sample_rate says {rate}, and the sound is {own} Hz</source>
   <translation>sample_rate dit {rate}, et le son est à {own} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>channels says {channels}, and the sound has {held}</source>
   <translation>channels dit {channels}, et le son en a {held}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/core/simulated.py" />
   <source>the sound cannot be read</source>
   <translation>le son est illisible</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Have a service listen to made files, and tell how many words it got wrong.</source>
   <translation>Faire écouter des fichiers à un service et dire combien de mots il comprend mal.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>The service is described in the receiver, [service]; where it names no url, a simulated one answers on the loopback interface, by the speech engine that runs here. With --kept nothing is asked twice for the same bytes.</source>
   <translation>Le service est décrit dans le récepteur, [service] ; s’il ne nomme pas d’url, un service simulé répond sur l’interface de bouclage, par le moteur de parole qui tourne ici. Avec --kept, rien n’est demandé deux fois pour les mêmes octets.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>A script: what is meant, by name.</source>
   <translation>Un script : ce qui est voulu, par nom.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Of those that the script says nothing of.</source>
   <translation>Celle de ceux dont le script ne dit rien.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Answers, kept from one run to the next.</source>
   <translation>Les réponses, gardées d’une exécution à l’autre.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Let the service know the lines of the script: it hears one of them, or nothing.</source>
   <translation>Faire connaître au service les lignes du script : il en entend une, ou rien.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Write all of it to a table, most doubtful first: .csv or .jsonl.</source>
   <translation>Tout écrire dans un tableau, le plus douteux d’abord : .csv ou .jsonl.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Send the files as they are and after each codec, and tell what each costs in words.</source>
   <translation>Envoyer les fichiers tels quels et après chaque codec, et dire ce que chacun coûte en mots.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Of --codecs, as SVG.</source>
   <translation>De --codecs, en SVG.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Show the request for the first file, and a command for it; send nothing.</source>
   <translation>Montrer la requête pour le premier fichier et une commande ; ne rien envoyer.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>{receiver} is no service: its file has no [service].</source>
   <translation>{receiver} n’est pas un service : son fichier n’a pas de [service].</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>There is nothing to listen to.</source>
   <translation>Il n’y a rien à écouter.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Name made files, or their folder.</source>
   <translation>Nommer des fichiers produits, ou leur dossier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>  {words:.0f} % of words wrong, meant “{meant}”</source>
   <translation>  {words:.0f} % des mots faux, voulu « {meant} »</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>Word error rate of all: {words_wrong:.1f} % of {words:,} words.</source>
   <translation>Taux d’erreur sur tous : {words_wrong:.1f} % de {words:,} mots.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/hear_verb.py" />
   <source>{name:34}{words_wrong:6.1f} % of words wrong  {more:6}  {bits}</source>
   <translation>{name:34}{words_wrong:6.1f} % mots faux  {more:6}  {bits}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Back to what was heard</source>
   <translation>Retour à ce qui a été entendu</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec</source>
   <translation>Mots faux après chaque codec</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec, of {count} clips; the first codecs come in a moment</source>
   <extracomment>Where there is one: Words wrong after each codec, of {count} clip; the first codecs come in a moment</extracomment>
   <translation>
    <numerusform>Mots faux après chaque codec, de {count} clip ; les premiers codecs arrivent</numerusform>
    <numerusform>Mots faux après chaque codec, de {count} clips ; les premiers codecs arrivent</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>Words wrong after each codec, of {words} words</source>
   <extracomment>Where there is one: Words wrong after each codec, of {words} word</extracomment>
   <translation>
    <numerusform>Mots faux après chaque codec, de {words} mot</numerusform>
    <numerusform>Mots faux après chaque codec, de {words} mots</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/costs.py" />
   <source>{count} codecs compared.</source>
   <extracomment>Where there is one: {count} codec compared.</extracomment>
   <translation>
    <numerusform>{count} codec comparé.</numerusform>
    <numerusform>{count} codecs comparés.</numerusform>
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
   <translation>Mots faux après chaque codec : {detail}</translation>
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
   <translation>La première requête, son abrégé</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Heard by a service</source>
   <translation>Entendu par un service</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Take what was heard  T</source>
   <translation>Prendre l’entendu  T</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard becomes the text of the clip</source>
   <translation>L’entendu devient le texte du clip</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Ask again</source>
   <translation>Redemander</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>List…</source>
   <translation>Liste…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>All of it as a table: CSV or JSON Lines</source>
   <translation>Le tout en tableau : CSV ou JSON Lines</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Copy the request</source>
   <translation>Copier la requête</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The first request, as a command for a terminal</source>
   <translation>La première requête, en commande de terminal</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What codecs cost…</source>
   <translation>Ce que coûtent les codecs…</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The same clips sent as they are and after each codec: how many words each costs</source>
   <translation>Les mêmes clips envoyés tels quels et après chaque codec : combien de mots chacun coûte</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard, most doubtful first</source>
   <translation>Ce qui a été entendu, le plus douteux d’abord</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Meant, and heard</source>
   <translation>Voulu, et entendu</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Words wrong</source>
   <translation>Mots faux</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Letters wrong</source>
   <translation>Lettres fausses</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Sure</source>
   <translation>Sûr</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Took</source>
   <translation>Durée</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Sent</source>
   <translation>Envoyé</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Nothing is made for {name} yet: M makes all that can be made.</source>
   <translation>Rien n’est encore produit pour {name} : M produit tout ce qui peut l’être.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Heard by {name}</source>
   <translation>Entendu par {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} of {wanted} answered; {name}: “{text} …”</source>
   <translation>{count} réponses sur {wanted} ; {name} : « {text} … »</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} of {wanted} answered</source>
   <translation>{count} réponses sur {wanted}</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{name} {share:.0f} %</source>
   <translation>{name} {share:.0f} %</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>words wrong: </source>
   <translation>mots faux : </translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>Choose a line that was heard.</source>
   <translation>Choisir une ligne entendue.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>the text of “{name}”</source>
   <translation>le texte de « {name} »</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>“{text}” is the text of “{name}” now; {key} takes it back.</source>
   <translation>« {text} » est maintenant le texte de « {name} » ; {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>The request is on the clipboard as a command; the key is not in it.</source>
   <translation>La requête est dans le presse-papiers en commande ; la clé n’y est pas.</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard, as a table</source>
   <translation>Ce qui a été entendu, en tableau</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>CSV (*.csv);;JSON Lines (*.jsonl)</source>
   <translation>CSV (*.csv);;JSON Lines (*.jsonl)</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{name} was not written: {error}</source>
   <translation>{name} n’a pas été écrit : {error}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>{count} lines are in {name}.</source>
   <extracomment>Where there is one: {count} line is in {name}.</extracomment>
   <translation>
    <numerusform>{count} ligne est dans {name}.</numerusform>
    <numerusform>{count} lignes sont dans {name}.</numerusform>
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
   <translation>{escape} {start:.2f} à {end:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/places/heard/page.py" />
   <source>What was heard</source>
   <translation>Ce qui a été entendu</translation>
  </message>
  <message>
   <location filename="../../../bundled/services/worker.py" />
   <source>Asking failed</source>
   <translation>La demande a échoué</translation>
  </message>
 </context>
</TS>
