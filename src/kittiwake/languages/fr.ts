<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../bundled/corpus/core/heard.py" />
   <source>{name} cannot be read: {reason_of}.</source>
   <translation>{name} est illisible : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/heard.py" />
   <source>Check the path.</source>
   <translation>Vérifier le chemin.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/quality.py" />
   <source>length</source>
   <translation>durée</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/rows.py" />
   <source>No text</source>
   <translation>Pas de texte</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/store.py" />
   <source>The folder {folder} cannot be used: {reason_of}.</source>
   <translation>Le dossier {folder} est inutilisable : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/core/store.py" />
   <source>Choose another folder.</source>
   <translation>Choisir un autre dossier.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/corpus_verb.py" />
   <source>How many at once; default: all cores.</source>
   <translation>Combien à la fois ; sinon tous les cœurs.</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Does</source>
   <translation>Effet</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Sound</source>
   <translation>Son</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Clip</source>
   <translation>Clip</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/places/corpus/rules_side.py" />
   <source>Hear it  Enter</source>
   <translation>Écouter  Entrée</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Text</source>
   <translation>Texte</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Language</source>
   <translation>Langue</translation>
  </message>
  <message>
   <location filename="../bundled/corpus/rows_dialog.py" />
   <source>Choose…</source>
   <translation>Choisir…</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>It was stopped.</source>
   <translation>C’est interrompu.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>{path} could not be written: {reason_of}.</source>
   <translation>{path} n’a pas pu être écrit : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>{name} is no recipe that can be read: {detail}.</source>
   <translation>{name} n’est pas une recette lisible : {detail}.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/making.py" />
   <source>Mend it.</source>
   <translation>La corriger.</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/recipe.py" />
   <source>one of {list}</source>
   <translation>l’un de {list}</translation>
  </message>
  <message>
   <location filename="../bundled/music/core/recipe.py" />
   <source>In the recipe</source>
   <translation>Dans la recette</translation>
  </message>
  <message>
   <location filename="../bundled/music/hold_verb.py" />
   <source>Output folder.</source>
   <translation>Dossier de sortie.</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>&amp;Name</source>
   <translation>&amp;Nom</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>once</source>
   <translation>une fois</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Sample rate</source>
   <translation>Fréquence d’échantillonnage</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>telephone band</source>
   <translation>bande téléphonique</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>all of it</source>
   <translation>tout</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>to</source>
   <translation>à</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Hear it</source>
   <translation>L’écouter</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Compare codecs</source>
   <translation>Comparer les codecs</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Put it on the board</source>
   <translation>Mettre sur le tableau</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>Change it on the board</source>
   <translation>Changer sur le tableau</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>none</source>
   <translation>aucun</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>changing “{name}”</source>
   <translation>changer « {name} »</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>“{name}” is changed on the board.</source>
   <translation>« {name} » est changé sur le tableau.</translation>
  </message>
  <message>
   <location filename="../bundled/music/places/music/page.py" />
   <source>“{name}” is on the board.  M makes it.</source>
   <translation>« {name} » est sur le tableau.  M la produit.</translation>
  </message>
  <message>
   <location filename="../bundled/services/core/request.py" />
   <source>{path} cannot be read: {reason_of}.</source>
   <translation>{path} est illisible : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../bundled/services/core/request.py" />
   <source>Make it again.</source>
   <translation>Le produire à nouveau.</translation>
  </message>
  <message>
   <location filename="../bundled/services/hear_verb.py" />
   <source>A receiver's slug, or a TOML file.</source>
   <translation>L’abréviation d’un récepteur, ou un fichier TOML.</translation>
  </message>
  <message>
   <location filename="../bundled/services/hear_verb.py" />
   <source>Listening</source>
   <translation>Écoute</translation>
  </message>
  <message>
   <location filename="../bundled/services/places/heard/page.py" />
   <source>nothing</source>
   <translation>rien</translation>
  </message>
  <message>
   <location filename="../bundled/services/places/heard/page.py" />
   <source>kept</source>
   <translation>gardé</translation>
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
   <translation> ou </translation>
  </message>
  <message>
   <location filename="../bundled/standins/machines/phone.py" />
   <source>keys</source>
   <translation>touches</translation>
  </message>
  <message>
   <location filename="../bundled/tones/core/own.py" />
   <source>Check the folder.</source>
   <translation>Vérifier le dossier.</translation>
  </message>
  <message>
   <location filename="../bundled/tones/core/recipe.py" />
   <source>a text that is not empty</source>
   <translation>un texte non vide</translation>
  </message>
  <message>
   <location filename="../bundled/tones/places/tone/page.py" />
   <source>about </source>
   <translation>environ </translation>
  </message>
  <message>
   <location filename="../bundled/tones/places/tone/picture.py" />
   <source>{at:g} s</source>
   <translation>{at:g} s</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>“{value}” is no number that can be meant.</source>
   <translation>« {value} » n’est pas un nombre possible.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>an empty path; write . for the current folder</source>
   <translation>un chemin vide ; écrire . pour le dossier courant</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>a path with NUL in it</source>
   <translation>un chemin contenant NUL</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>there is no remedy “{value}”{near}</source>
   <translation>il n’y a pas de remède « {value} »{near}</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>; did you mean {near}?</source>
   <translation> ; était-ce {near} ?</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>One JSON object a line.</source>
   <translation>Un objet JSON par ligne.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>bit rate</source>
   <translation>débit</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>“{value}” is no bit rate, such as 192k</source>
   <translation>« {value} » n’est pas un débit, comme 192k</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A receiver's slug, or a TOML file; may be repeated.</source>
   <translation>L’abréviation d’un récepteur, ou un fichier TOML ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A form for once: mp3, wav/ulaw, or “wav 44.1k mono -20 lufs”; may be repeated.</source>
   <translation>Une forme pour une fois : mp3, wav/ulaw ou « wav 44.1k mono -20 lufs » ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Sample rate of the forms; default: the source's.</source>
   <translation>Fréquence d’échantillonnage des formes ; sinon celle de la source.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Channels of the forms; default: as the source has.</source>
   <translation>Canaux des formes ; sinon comme la source.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Bit rate of the forms, such as 192k.</source>
   <translation>Débit des formes, par exemple 192k.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Let the bit rate of the forms vary.</source>
   <translation>Le débit des formes peut varier.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>A field of the receivers, such as level.measure=loudness or max_seconds=3; may be repeated.</source>
   <translation>Un champ des récepteurs, par exemple level.measure=loudness ou max_seconds=3 ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Say what to make for: --for RECEIVER, or --form FORM.</source>
   <translation>Dire pour quoi produire : --for RÉCEPTEUR ou --form FORME.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>--rate, --channels, --bit-rate and --variable go with --form; --set changes a receiver.</source>
   <translation>--rate, --channels, --bit-rate et --variable vont avec --form ; --set change un récepteur.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>{key} is a number from {low:g} to {high:g}, not “{text}”.</source>
   <translation>{key} est un nombre de {low:g} à {high:g}, pas « {text} ».</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>The format of files without a header, such as ulaw@8000 or pcm_s16le@16000x2; ulaw@8000+23 passes over the first 23 bytes.</source>
   <translation>Le format des fichiers sans en-tête, par exemple ulaw@8000 ou pcm_s16le@16000x2 ; ulaw@8000+23 saute les 23 premiers octets.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Which sound stream of a video to use, from 1; default: the first.</source>
   <translation>Quelle piste sonore d’une vidéo prendre, à partir de 1 ; sinon la première.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>The rate the sound was really taken at.</source>
   <translation>La fréquence à laquelle le son fut vraiment pris.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Take this remedy wherever it is offered; may be repeated. “kittiwake fit” names those that can be taken.</source>
   <translation>Prendre ce remède partout où il est offert ; répétable. « kittiwake fit » nomme ceux qui sont possibles.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Warnings count as not fitting.</source>
   <translation>Les avertissements comptent comme une non-conformité.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Puts recorded voices into the machines that must speak them.</source>
   <translation>Met des voix enregistrées dans les machines qui doivent les dire.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>No sound was found there.</source>
   <translation>Aucun son trouvé là.</translation>
  </message>
  <message>
   <location filename="../cli/common.py" />
   <source>Looking</source>
   <translation>Examen</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A field of the receiver, such as delivery.form=zip.</source>
   <translation>Un champ du récepteur, par exemple delivery.form=zip.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Hand over what was made: a folder, an archive, one file, or an image, with its list.</source>
   <translation>Remettre ce qui a été produit : un dossier, une archive, un fichier ou une image, avec sa liste.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Only what has changed is sent again; what another has put there is never replaced. Which copy is where is noted beside the outputs.</source>
   <translation>Seul ce qui a changé est renvoyé ; ce qu’un autre y a mis n’est jamais remplacé. Quelle copie est où est noté à côté des sorties.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Where it goes.</source>
   <translation>Où cela va.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A script: texts, languages and kinds by name.</source>
   <translation>Un script : textes, langues et genres par nom.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Hand all to the receiver's stand-in first, and note what it says.</source>
   <translation>Donner d’abord le tout à la doublure du récepteur et noter ce qu’elle dit.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Write a page for whoever ordered the set.</source>
   <translation>Écrire une page pour qui a commandé l’ensemble.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Delete there what was delivered before and is wanted no more.</source>
   <translation>Y supprimer ce qui fut livré avant et n’est plus voulu.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Tell what would go out, and send nothing.</source>
   <translation>Dire ce qui partirait, et ne rien envoyer.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>A report is a page of HTML: “{name}” would not be opened as one. Name a file ending in .html.</source>
   <translation>Un rapport est une page HTML : « {name} » ne serait pas ouvert comme tel. Indiquez un fichier en .html.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>  refused: {detail}</source>
   <translation>  refusé : {detail}</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>gone     {path}</source>
   <translation>disparu  {path}</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>There is no stand-in for {name}.</source>
   <translation>Pas de doublure pour {name}.</translation>
  </message>
  <message>
   <location filename="../cli/deliver_verb.py" />
   <source>Leave --try out.</source>
   <translation>Omettre --try.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Say what became of the outputs in a folder, and in those below it.</source>
   <translation>Dire ce que sont devenues les sorties d’un dossier et de ceux qu’il contient.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Remove outputs whose source is gone, if nobody has altered them.</source>
   <translation>Ôter les sorties dont la source a disparu, si personne ne les a modifiées.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Take outputs that were deleted out of the ledger.</source>
   <translation>Ôter du registre les sorties supprimées.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Compare every byte, whatever the times of files say.</source>
   <translation>Comparer chaque octet, quoi que disent les dates des fichiers.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Leave with 1 only where an output was altered or deleted.</source>
   <translation>Ne finir par 1 que si une sortie fut modifiée ou supprimée.</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>could not remove  {path}: {trouble}</source>
   <translation>impossible d’ôter  {path} : {trouble}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>removed  {path}</source>
   <translation>ôté  {path}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>{state}  {output}  (from {source})</source>
   <translation>{state}  {output}  (de {source})</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>{count:,} {state}</source>
   <translation>{count:,} {state}</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>nothing made</source>
   <translation>rien de produit</translation>
  </message>
  <message>
   <location filename="../cli/folder_verbs.py" />
   <source>Say what a made file was made from, and how.</source>
   <translation>Dire de quoi un fichier a été produit, et comment.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Exit codes: 0 all is well; 1 something does not fit, failed, or was not made; 2 wrong use; 3 nothing failed, but something wants a decision; 130 stopped by Ctrl+C.</source>
   <translation>Codes de sortie : 0 tout va bien ; 1 quelque chose ne convient pas, a échoué ou n’a pas été produit ; 2 mauvais usage ; 3 rien n’a échoué, mais quelque chose demande une décision ; 130 arrêté par Ctrl+C.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Examples:</source>
   <translation>Exemples :</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Usage: </source>
   <translation>Usage : </translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Options</source>
   <translation>Options</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Commands</source>
   <translation>Commandes</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Show this message and exit.</source>
   <translation>Montrer ceci et finir.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Show the version and exit.</source>
   <translation>Montrer la version et finir.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>“{path} --help” tells more.</source>
   <translation>« {path} --help » en dit plus.</translation>
  </message>
  <message>
   <location filename="../cli/help_pages.py" />
   <source>Error: {message}</source>
   <translation>Erreur : {message}</translation>
  </message>
  <message>
   <location filename="../cli/home/appstream.py" />
   <source>Clips on one side, receivers on the other, and one picture of how they fit: Kittiwake shows every recording against every machine that is to speak it, works out what has to happen, does it, proves each file by reading it back, and lets you hear it as it will be heard.</source>
   <translation>Des clips d’un côté, des récepteurs de l’autre, et une seule image de leur accord : Kittiwake montre chaque enregistrement face à chaque machine qui doit le dire, trouve ce qu’il faut faire, le fait, prouve chaque fichier en le relisant, et vous le fait entendre tel qu’il sera entendu.</translation>
  </message>
  <message>
   <location filename="../cli/home/appstream.py" />
   <source>It resamples, downmixes, levels, cuts and encodes prompts for phone menus, alert devices, radios and speech engines; cuts long readings into clips; records, speaks and makes tones; and builds speech corpora. Sources are never changed.</source>
   <translation>Il rééchantillonne, mixe, règle le niveau, coupe et encode des messages pour les menus téléphoniques, les alarmes, les radios et les moteurs de parole ; découpe de longues lectures en clips ; enregistre, parle et produit des tonalités ; et bâtit des corpus de parole. Les sources ne sont jamais modifiées.</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>sound;audio;voice;prompt;telephony;convert;resample;µ-law;IVR;corpus;</source>
   <translation>son;audio;voix;parole;annonce;téléphonie;convertir;rééchantillonner;µ-law;SVI;corpus;</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>it holds a line break, or nothing</source>
   <translation>elle contient un saut de ligne, ou rien</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>a quote is not closed</source>
   <translation>un guillemet n’est pas fermé</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Voice prompt workbench</source>
   <translation>Atelier d’annonces vocales</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert for {receiver}</source>
   <translation>Convertir pour {receiver}</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert for…</source>
   <translation>Convertir pour…</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>New window</source>
   <translation>Nouvelle fenêtre</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Quick convert</source>
   <translation>Conversion rapide</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Voice prompt converter</source>
   <translation>Convertisseur d’annonces vocales</translation>
  </message>
  <message>
   <location filename="../cli/home/entries.py" />
   <source>Convert sound for a phone menu or another machine, without a job</source>
   <translation>Convertir du son pour un menu téléphonique ou une autre machine, sans travail</translation>
  </message>
  <message>
   <location filename="../cli/home/identity.py" />
   <source>Puts recorded voices into the machines that must speak them</source>
   <translation>Met des voix enregistrées dans les machines qui doivent les dire</translation>
  </message>
  <message>
   <location filename="../cli/home/mime.py" />
   <source>Kittiwake job</source>
   <translation>Travail Kittiwake</translation>
  </message>
  <message>
   <location filename="../cli/home/placing.py" />
   <source>For all users it takes root: sudo kittiwake install --for-all. Without --for-all it is for you alone.</source>
   <translation>Pour tous les utilisateurs il faut root : sudo kittiwake install --for-all. Sans --for-all, c’est pour vous seul.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Make the desktop know Kittiwake: menu, “open with”, job files, manual, completion.</source>
   <translation>Faire connaître Kittiwake au bureau : menu, « ouvrir avec », fichiers de travail, manuel, complétion.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>For you alone it goes to ~/.local, for all users to /usr/local. What is there already and is not Kittiwake's own is left as it is.</source>
   <translation>Pour vous seul cela va dans ~/.local, pour tous dans /usr/local. Ce qui s’y trouve déjà et n’est pas de Kittiwake reste tel quel.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>For all users of this machine, in /usr/local; takes root.</source>
   <translation>Pour tous les utilisateurs de cette machine, dans /usr/local ; demande root.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Somewhere else, such as a folder that a package is made of.</source>
   <translation>Ailleurs, par exemple un dossier dont on fait un paquet.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>The command that the desktop starts; default: the one that runs now.</source>
   <translation>La commande que lance le bureau ; sinon celle qui tourne.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Take away what was installed there.</source>
   <translation>Ôter ce qui y fut installé.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>--program is no command: {why}.</source>
   <translation>--program n’est pas une commande : {why}.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Say --for-all or --prefix, not both.</source>
   <translation>Dire --for-all ou --prefix, pas les deux.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Kittiwake is known to the desktop: {count} files in {where}. “kittiwake install --remove” takes them away.</source>
   <translation>Le bureau connaît Kittiwake : {count} fichiers dans {where}. « kittiwake install --remove » les ôte.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>  {where} is not Kittiwake's own, and was left as it is.</source>
   <translation>  {where} n’est pas de Kittiwake, et est resté tel quel.</translation>
  </message>
  <message numerus="yes">
   <location filename="../cli/install_verb.py" />
   <source>{count} files were taken away.</source>
   <extracomment>Where there is one: {count} file was taken away.</extracomment>
   <translation>
    <numerusform>{count} fichier ôté.</numerusform>
    <numerusform>{count} fichiers ôtés.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>Nothing was installed in {where}.</source>
   <translation>Rien n’était installé dans {where}.</translation>
  </message>
  <message>
   <location filename="../cli/install_verb.py" />
   <source>  {where} was changed since, and stays.</source>
   <translation>  {where} a changé depuis, et reste.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>No such command {name!r}.</source>
   <translation>Il n’y a pas de commande {name!r}.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>No such option {name!r}.</source>
   <translation>Il n’y a pas d’option {name!r}.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing argument</source>
   <translation>Il manque l’argument</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing option</source>
   <translation>Il manque l’option</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing parameter</source>
   <translation>Il manque le paramètre</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Missing command.</source>
   <translation>Il manque une commande.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Invalid value for {param_hint}: {message}</source>
   <translation>La valeur de {param_hint} ne va pas : {message}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Invalid value: {message}</source>
   <translation>La valeur ne va pas : {message}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} does not take a value.</source>
   <translation>L’option {name!r} ne prend pas de valeur.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Argument {name!r} takes {nargs} values.</source>
   <translation>L’argument {name!r} prend {nargs} valeurs.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{value!r} is not a valid {number_type}.</source>
   <translation>{value!r} ne se lit pas comme {number_type}.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{value} is not in the range {range}.</source>
   <translation>{value} n’est pas dans l’intervalle {range}.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} does not exist.</source>
   <translation>{name} {filename!r} n’existe pas.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is a directory.</source>
   <translation>{name} {filename!r} est un dossier.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is a file.</source>
   <translation>{name} {filename!r} est un fichier.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is not readable.</source>
   <translation>{name} {filename!r} n’est pas lisible.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>{name} {filename!r} is not writable.</source>
   <translation>{name} {filename!r} n’est pas inscriptible.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Choose from:
	{choices}</source>
   <translation>Au choix :
	{choices}</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>file</source>
   <translation>fichier</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>directory</source>
   <translation>dossier</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>path</source>
   <translation>chemin</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Did you mean {possibility}?</source>
   <translation>Vouliez-vous dire {possibility} ?</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>(Did you mean one of: {possibilities}?)</source>
   <translation>(Vouliez-vous dire l’un de : {possibilities} ?)</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} requires an argument.</source>
   <translation>L’option {name!r} demande une valeur.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Option {name!r} requires {nargs} arguments.</source>
   <translation>L’option {name!r} demande {nargs} valeurs.</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Got unexpected extra argument ({args})</source>
   <translation>Un argument de trop ({args})</translation>
  </message>
  <message>
   <location filename="../cli/library_words.py" />
   <source>Got unexpected extra arguments ({args})</source>
   <translation>Des arguments de trop ({args})</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Say what sound files are and what they hold.</source>
   <translation>Dire ce que sont des fichiers son et ce qu’ils contiennent.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Say how files fit a receiver, and what would be done to them.</source>
   <translation>Dire comment des fichiers conviennent à un récepteur et ce qu’on en ferait.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Verdicts: as is, will convert, decide (a remedy has to be chosen, its code stands in brackets), cannot.</source>
   <translation>Verdicts : tel quel, sera converti, à décider (un remède est à choisir, son code est entre crochets), impossible.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Check any files against a receiver.</source>
   <translation>Vérifier n’importe quels fichiers pour un récepteur.</translation>
  </message>
  <message>
   <location filename="../cli/look_verbs.py" />
   <source>Size, rate, signal to distortion and intelligibility of the clip in every codec.</source>
   <translation>Taille, débit, rapport à la distorsion et intelligibilité du clip dans chaque codec.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>It was broken off: {reason_of}.</source>
   <translation>C’est interrompu : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../cli/main.py" />
   <source>The results could not be written: {reason_of}.</source>
   <translation>Les résultats n’ont pas pu être écrits : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Outputs are called as their sources, as far as the receiver's rules for names allow. A name that is taken gets a number; --no-numbers refuses the file instead. With several receivers each has a folder of its own, by its delivery or its slug.</source>
   <translation>Les sorties portent le nom de leurs sources, autant que les règles de nommage du récepteur le permettent. Un nom pris reçoit un numéro ; --no-numbers refuse plutôt le fichier. Avec plusieurs récepteurs, chacun a son dossier, d’après sa livraison ou son abréviation.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Make every output that needs no decision, and prove it.</source>
   <translation>Produire chaque sortie qui ne demande pas de décision, et la vérifier.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Within the output folder, have the folders that the sources have.</source>
   <translation>Avoir, dans le dossier de sortie, les dossiers des sources.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Put outputs beside their sources, in place of --into.</source>
   <translation>Mettre les sorties à côté de leurs sources, au lieu de --into.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Make on the Dask cluster whose scheduler is there.</source>
   <translation>Produire sur la grappe Dask dont l’ordonnanceur est là.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Say what would be made, under which name and how large; make nothing.</source>
   <translation>Dire ce qui serait produit, sous quel nom et de quelle taille ; ne rien produire.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Refuse a file whose name is taken, instead of numbering it.</source>
   <translation>Refuser un fichier dont le nom est pris, au lieu de le numéroter.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Leave with 1 where an output was altered since it was made.</source>
   <translation>Finir par 1 si une sortie fut modifiée depuis sa production.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Say where outputs go: --into FOLDER, perhaps with --mirror, or --beside.</source>
   <translation>Dire où vont les sorties : --into DOSSIER, peut-être avec --mirror, ou --beside.</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Making</source>
   <translation>Production</translation>
  </message>
  <message>
   <location filename="../cli/make_verb.py" />
   <source>Stopped: {done} of {total} outputs were made or left as they are. The same command goes on from there.</source>
   <translation>Interrompu : {done} sorties sur {total} produites ou laissées. La même commande reprend de là.</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>{count:,} of {total:,}</source>
   <translation>{count:,} sur {total:,}</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>, {failed:,} not made</source>
   <translation>, {failed:,} non produits</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>, about {seconds_left:,.0f} s left</source>
   <translation>, encore environ {seconds_left:,.0f} s</translation>
  </message>
  <message>
   <location filename="../cli/progress.py" />
   <source>{hours:.2f} h of sound, {times:,.0f} times real time{failed}{left}</source>
   <translation>{hours:.2f} h de son, {times:,.0f} fois le temps réel{failed}{left}</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>Open a small window that converts a few files for one receiver.</source>
   <translation>Ouvrir une petite fenêtre qui convertit quelques fichiers pour un récepteur.</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>The receiver; without one it is asked for.</source>
   <translation>Le récepteur ; sinon il est demandé.</translation>
  </message>
  <message>
   <location filename="../cli/quick_verb.py" />
   <source>There is no display to open the window on. In a terminal, “kittiwake make” does the same.</source>
   <translation>Pas d’écran où ouvrir la fenêtre. Au terminal, « kittiwake make » fait de même.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>List the receivers there are: those that ship, and your own.</source>
   <translation>Lister les récepteurs : ceux qui sont fournis, et les vôtres.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>receivers</source>
   <translation>receivers</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>slug = “{slug}” is that of a receiver that ships: give it another.</source>
   <translation>slug = « {slug} » est celui d’un récepteur fourni : en donner un autre.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>What it is called; default: its slug.</source>
   <translation>Comment il s’appelle ; sinon son abréviation.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A receiver to begin from.</source>
   <translation>Un récepteur dont partir.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Files, or folders of files, that the machine takes.</source>
   <translation>Des fichiers, ou dossiers de fichiers, que la machine accepte.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A form to begin from, such as mp3 or wav/ulaw.</source>
   <translation>Une forme dont partir, par exemple mp3 ou wav/ulaw.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>A field of it; may be repeated.</source>
   <translation>Un champ de celui-ci ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Begin from a receiver, from files, or from a form: not from several.</source>
   <translation>Partir d’un récepteur, de fichiers ou d’une forme : pas de plusieurs.</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>{done} {name}: --for {slug} ({path}).</source>
   <translation>{done} {name} : --for {slug} ({path}).</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Replaced</source>
   <translation>Remplacé</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>Kept</source>
   <translation>Gardé</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>There is no receiver of your own “{slug}”.</source>
   <translation>Vous n’avez pas de récepteur « {slug} ».</translation>
  </message>
  <message>
   <location filename="../cli/receiver_verbs.py" />
   <source>{slug} is not kept any more; jobs that use it have it still.</source>
   <translation>{slug} n’est plus gardé ; les travaux qui l’utilisent l’ont encore.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Times are seconds: start and stop with the air that a clip keeps, speech_start and speech_stop without. Level: active speech level, ITU-T P.56. Other sound (coughs, doors) is listed and never cut out. A name that is taken gets a number.</source>
   <translation>Les instants sont en secondes : start et stop avec l’air que garde un clip, speech_start et speech_stop sans. Niveau : niveau de parole actif, UIT-T P.56. Les autres sons (toux, portes) sont listés et jamais découpés. Un nom pris reçoit un numéro.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Find what is spoken in recordings, and cut it out.</source>
   <translation>Trouver ce qui est dit dans des enregistrements, et le découper.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>dB above the room where sound begins (9).</source>
   <translation>dB au-dessus de la pièce où le son commence (9).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>A shorter pause does not separate (0.5).</source>
   <translation>Une pause plus courte ne sépare pas (0.5).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Shorter speech is left out (0.15).</source>
   <translation>La parole plus courte est omise (0.15).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Kept before the first sound (0.1).</source>
   <translation>Gardé avant le premier son (0.1).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Kept after the last sound (0.1).</source>
   <translation>Gardé après le dernier son (0.1).</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>The lines that were read, in order: a name a line, “name: words”, or a table.</source>
   <translation>Les lignes lues, dans l’ordre : un nom par ligne, « nom : mots », ou un tableau.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>Write each span of speech there, as WAV.</source>
   <translation>Y écrire chaque segment de parole, en WAV.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>list of lines</source>
   <translation>liste de lignes</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>it is not UTF-8</source>
   <translation>ce n’est pas de l’UTF-8</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>{names} cannot be read as a list of lines: {why}.</source>
   <translation>{names} n’est pas lisible comme liste de lignes : {why}.</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>--names is a list for one recording; {n} were given.</source>
   <translation>--names est une liste pour un enregistrement ; {n} furent donnés.</translation>
  </message>
  <message numerus="yes">
   <location filename="../cli/spans_verb.py" />
   <source>{path}: {speech} found for {count} lines; check where they part.</source>
   <extracomment>Where there is one: {path}: {speech} found for {count} line; check where they part.</extracomment>
   <translation>
    <numerusform>{path} : {speech} trouvés pour {count} ligne ; voir où ils divergent.</numerusform>
    <numerusform>{path} : {speech} trouvés pour {count} lignes ; voir où ils divergent.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>, counted from {threshold_dbfs:.0f} dBFS</source>
   <translation>, compté dès {threshold_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../cli/spans_verb.py" />
   <source>{path}: {count} spoken, room {room_dbfs:.0f} dBFS</source>
   <translation>{path} : {count} dits, pièce {room_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>A script is a table (CSV, TSV, .xlsx, .ods) with the columns name, text, say it as, voice, language, speed, kind, for, note; or plain lines, “name: words”. A text may be a series: Berth {1..12} is open, {Skerrow|Tarn Holm}. Respellings are a table of word, say, language; those kept for all jobs act as well. What is spoken is kept, and spoken again only when it changes.</source>
   <translation>Un script est un tableau (CSV, TSV, .xlsx, .ods) aux colonnes name, text, say it as, voice, language, speed, kind, for, note ; ou des lignes simples, « nom : mots ». Un texte peut être une série : Berth {1..12} is open, {Skerrow|Tarn Holm}. Les transcriptions sont un tableau de word, say, language ; celles gardées pour tous les travaux comptent aussi. Ce qui est dit est gardé, et redit seulement s’il change.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speak a script by a voice of this machine, and make it for receivers.</source>
   <translation>Faire dire un script par une voix de cette machine, et le produire pour des récepteurs.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Key of the voice for lines that name none; --voices lists them.</source>
   <translation>Clé de la voix pour les lignes qui n’en nomment pas ; --voices les liste.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Language of lines that name none.</source>
   <translation>Langue des lignes qui n’en nomment pas.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Table of respellings.</source>
   <translation>Tableau des transcriptions.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speak what is too long faster, as far as the receiver's rules allow.</source>
   <translation>Dire plus vite ce qui est trop long, autant que les règles du récepteur le permettent.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Have a speech engine listen, and tell which lines sound like another, or like none.</source>
   <translation>Faire écouter un moteur de parole, et dire quelles lignes sonnent comme une autre, ou comme aucune.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Where spoken lines are kept.</source>
   <translation>Où les lignes dites sont gardées.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>List the voices, and leave.</source>
   <translation>Lister les voix, et finir.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Give a script, what it is for (--for or --form), and --into.</source>
   <translation>Donner un script, pour quoi il est (--for ou --form), et --into.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: heard as “{heard}”</source>
   <translation>{name} : entendu « {heard} »</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: not understood</source>
   <translation>{name} : pas compris</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: no use for the columns {list}.</source>
   <translation>{name} : sans usage, les colonnes {list}.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>{name}: there is no receiver “{receiver}”; those lines go to every receiver.</source>
   <translation>{name} : il n’y a pas de récepteur « {receiver} » ; ces lignes vont à tous.</translation>
  </message>
  <message>
   <location filename="../cli/speak_verb.py" />
   <source>Speaking</source>
   <translation>Parole</translation>
  </message>
  <message>
   <location filename="../cli/suspected.py" />
   <source>{path}: {message} If so: --true-rate {rate}</source>
   <translation>{path} : {message} Si oui : --true-rate {rate}</translation>
  </message>
  <message>
   <location filename="../cli/suspected.py" />
   <source>{folder}: its recordings are of several sample rates ({counts}). Whether one of them is false, “kittiwake fit” tells by their voices.</source>
   <translation>{folder} : les enregistrements ont plusieurs fréquences d’échantillonnage ({counts}). Si l’une est fausse, « kittiwake fit » le dit d’après les voix.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Times are seconds, m:ss, or samples (44100 samples). Without --span the whole file is one clip; names of several spans come from the spans. Nothing is written to the sources.</source>
   <translation>Les instants sont en secondes, m:ss ou échantillons (44100 samples). Sans --span, tout le fichier est un clip ; les noms de plusieurs segments viennent des segments. Rien n’est écrit dans les sources.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>times</source>
   <translation>fois</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>“{value}” is no speed, such as 8% or 1.08</source>
   <translation>« {value} » n’est pas une vitesse, comme 8% ou 1.08</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>{value} is beyond −50% to 100%</source>
   <translation>{value} est hors de −50% à 100%</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Cut and touch up recordings, and make what comes of it.</source>
   <translation>Couper et retoucher des enregistrements, et produire le résultat.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>A clip of it; may be repeated.</source>
   <translation>Un clip de celui-ci ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Spans of a table (CSV, TSV), WebVTT, or the cue points of a WAV.</source>
   <translation>Segments d’un tableau (CSV, TSV), de WebVTT, ou des repères d’un WAV.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>A stretch left out; may be repeated.</source>
   <translation>Un passage omis ; répétable.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Leave out what lies between what is spoken.</source>
   <translation>Omettre ce qui est entre ce qui est dit.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Name of the clip, where there is one.</source>
   <translation>Nom du clip, s’il est seul.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Kind of message, such as alert.</source>
   <translation>Genre de message, par exemple alert.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>--name is for one clip: name spans by themselves, '0:02 to 0:13 fog'.</source>
   <translation>--name vaut pour un clip : les segments portent leur nom, '0:02 to 0:13 fog'.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>It ends at {frames:.3f} s, before {first:.3f} s.</source>
   <translation>Il finit à {frames:.3f} s, avant {first:.3f} s.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Give spans that lie inside of it.</source>
   <translation>Donner des segments qui soient dedans.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Nothing is spoken in it.</source>
   <translation>Rien n’y est dit.</translation>
  </message>
  <message>
   <location filename="../cli/touch_verb.py" />
   <source>Leave --without-pauses out.</source>
   <translation>Omettre --without-pauses.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Without a folder it watches those of ~/.config/kittiwake/watched.toml, which the window writes (Job, Watched folders). A file is taken once nobody writes it any more. What was made once is not made again, whenever this is started.</source>
   <translation>Sans dossier, il surveille ceux de ~/.config/kittiwake/watched.toml, qu’écrit la fenêtre (Travail, Dossiers surveillés). Un fichier est pris quand plus personne ne l’écrit. Ce qui fut produit une fois ne l’est plus, quand que cela démarre.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Watch folders, and make whatever arrives whole in them.</source>
   <translation>Surveiller des dossiers et produire ce qui y arrive en entier.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Where outputs go; default: “made” in the folder.</source>
   <translation>Où vont les sorties ; sinon « made » dans le dossier.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Make what lies there, wait for what is arriving, and end.</source>
   <translation>Produire ce qui s’y trouve, attendre ce qui arrive, et finir.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Say both a folder and --for, or neither, for the folders of watched.toml.</source>
   <translation>Dire un dossier et --for, ou ni l’un ni l’autre, pour les dossiers de watched.toml.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>No folder is to be watched: {wishes_path} names none.</source>
   <translation>Aucun dossier à surveiller : {wishes_path} n’en nomme pas.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Name one here, or in the window.</source>
   <translation>En nommer un ici, ou dans la fenêtre.</translation>
  </message>
  <message>
   <location filename="../cli/watch_verb.py" />
   <source>Watching {path} for {list}.</source>
   <translation>Surveillance de {path} pour {list}.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Open the window.</source>
   <translation>Ouvrir la fenêtre.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Open the demo job.</source>
   <translation>Ouvrir le travail de démonstration.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>A window of its own, even where one is open already.</source>
   <translation>Une fenêtre à part, même si une autre est ouverte.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Save a picture of the window; leave.</source>
   <translation>Enregistrer une image de la fenêtre, et finir.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>Instead of what the desktop says.</source>
   <translation>Au lieu de ce que dit le bureau.</translation>
  </message>
  <message>
   <location filename="../cli/window_verb.py" />
   <source>There is no display to open the window on. Start it from a desktop, or use the verbs: kittiwake --help.</source>
   <translation>Pas d’écran où ouvrir la fenêtre. La lancer d’un bureau, ou utiliser les verbes : kittiwake --help.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>as is</source>
   <translation>tel quel</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>will convert</source>
   <translation>sera converti</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>decide</source>
   <translation>à décider</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>cannot</source>
   <translation>impossible</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>not for it</source>
   <translation>pas pour lui</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>made</source>
   <translation>produit</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>refused</source>
   <translation>refusé</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>failed</source>
   <translation>échoué</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>stopped</source>
   <translation>arrêté</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>as made</source>
   <translation>tel que produit</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>older, not replaced yet</source>
   <translation>plus ancien, pas encore remplacé</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>altered</source>
   <translation>modifié</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>deleted</source>
   <translation>supprimé</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>source changed</source>
   <translation>source modifiée</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>source gone</source>
   <translation>source disparue</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>note</source>
   <translation>note</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>warning</source>
   <translation>avertissement</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>mono</source>
   <translation>mono</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>identical</source>
   <translation>identiques</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>inverted</source>
   <translation>inversés</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>left only</source>
   <translation>gauche seule</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>right only</source>
   <translation>droite seule</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>left leads</source>
   <translation>gauche en avance</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>right leads</source>
   <translation>droite en avance</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>different</source>
   <translation>différents</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{path}
  not readable: {error}</source>
   <translation>{path}
  illisible : {error}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{n} ch</source>
   <translation>{n} can.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  peak {peak}, RMS {rms}, speech {speech} {activity:.0%} of the time, sound up to {highest}, sides {sides}</source>
   <translation>  crête {peak}, RMS {rms}, parole {speech} {activity:.0%} du temps, son jusqu’à {highest}, côtés {sides}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  {clipped_samples:,} clipped samples</source>
   <translation>  {clipped_samples:,} échantillons écrêtés</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  {flat_samples:,} samples in tops cut off at up to {db}</source>
   <translation>  {flat_samples:,} échantillons dans des crêtes coupées jusqu’à {db}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  note: {note}</source>
   <translation>  note : {note}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>, proof passed</source>
   <translation>, vérification passée</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>would make  {path}  ({size}, {verdict})</source>
   <translation>serait produit  {path}  ({size}, {verdict})</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>Its name “{taken}” is taken.</source>
   <translation>Son nom « {taken} » est pris.</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>would refuse  {path} for {name}
  {why}</source>
   <translation>serait refusé  {path} pour {name}
  {why}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>speech at {level_dbov}</source>
   <translation>parole à {level_dbov}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>gain {gain_db:+.1f} dB</source>
   <translation>gain {gain_db:+.1f} dB</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  made {time} for {receiver} from {source}</source>
   <translation>  produit {time} pour {receiver} de {source}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>some time</source>
   <translation>à un moment</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  output SHA-256 {sha256}</source>
   <translation>  sortie SHA-256 {sha256}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  source BLAKE3 {source_digest}</source>
   <translation>  source BLAKE3 {source_digest}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  rules and touch-ups {order}, all that shaped it {fingerprint}</source>
   <translation>  règles et retouches {order}, tout ce qui l’a façonné {fingerprint}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{start:10.3f} – {stop:.3f} s</source>
   <translation>{start:10.3f} – {stop:.3f} s</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  (spoken {start:.3f} – {stop:.3f})</source>
   <translation>  (parlé {start:.3f} – {stop:.3f})</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>  other sound</source>
   <translation>  autre son</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>{path} for {receiver}: {outcome}</source>
   <translation>{path} pour {receiver} : {outcome}</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>passed</source>
   <translation>réussi</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>FAILED</source>
   <translation>ÉCHEC</translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>ok </source>
   <translation>ok  </translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>NO </source>
   <translation>NON </translation>
  </message>
  <message>
   <location filename="../cli/words.py" />
   <source>, wanted {expected}</source>
   <translation>, voulu {expected}</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Job</source>
   <translation>Travail</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Edit</source>
   <translation>Édition</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Record</source>
   <translation>Prise de son</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Cut</source>
   <translation>Découper</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Make</source>
   <translation>Produire</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Listen</source>
   <translation>Écouter</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Receiver</source>
   <translation>Récepteur</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>View</source>
   <translation>Affichage</translation>
  </message>
  <message>
   <location filename="../commands.py" />
   <source>Help</source>
   <translation>Aide</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Making on a cluster needs the package “distributed”.</source>
   <translation>Produire sur une grappe demande le paquet « distributed ».</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>No scheduler answers at {address}.</source>
   <translation>Aucun ordonnanceur ne répond à {address}.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Start one with “dask scheduler”, and on each machine “dask worker” with its address.</source>
   <translation>En démarrer un avec « dask scheduler », et sur chaque machine « dask worker » avec son adresse.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>The scheduler at {address} has no workers.</source>
   <translation>L’ordonnanceur de {address} n’a aucun ouvrier.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>Start some with “dask worker”.</source>
   <translation>En démarrer avec « dask worker ».</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>The worker {worker} cannot be used: {wrong}</source>
   <translation>L’ouvrier {worker} est inutilisable : {wrong}</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>All machines need the same Kittiwake and the same disks.</source>
   <translation>Toutes les machines ont besoin du même Kittiwake et des mêmes disques.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its Kittiwake is another one than here ({error}).</source>
   <translation>son Kittiwake n’est pas le même qu’ici ({error}).</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its worker was lost, several times</source>
   <translation>son ouvrier a été perdu plusieurs fois</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>its Kittiwake is another one than here: install the same on both.</source>
   <translation>son Kittiwake n’est pas le même qu’ici : installez le même des deux côtés.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>it has other libraries ({versions}, here {ours}), and would make other bytes.</source>
   <translation>il a d’autres bibliothèques ({versions}, ici {ours}) et produirait d’autres octets.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{parent} is another folder there.</source>
   <translation>{parent} y est un autre dossier.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{parent} cannot be read and written there.</source>
   <translation>{parent} n’y est pas accessible en lecture et écriture.</translation>
  </message>
  <message>
   <location filename="../core/batch/cluster.py" />
   <source>{source} is not there, or another file.</source>
   <translation>{source} n’est pas là, ou c’est un autre fichier.</translation>
  </message>
  <message>
   <location filename="../core/batch/each.py" />
   <source>readable</source>
   <translation>lisible</translation>
  </message>
  <message>
   <location filename="../core/batch/each.py" />
   <source>a sound file</source>
   <translation>un fichier son</translation>
  </message>
  <message>
   <location filename="../core/batch/places.py" />
   <source>{first} and {second} both go to {place}.</source>
   <translation>{first} et {second} vont tous deux dans {place}.</translation>
  </message>
  <message>
   <location filename="../core/batch/places.py" />
   <source>Make them one after the other, or give one another delivery.folder.</source>
   <translation>Les produire l’un après l’autre, ou donner à l’un un autre delivery.folder.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>In {folder} somebody else has made outputs: their record, {ledger}, cannot be written by you.</source>
   <translation>Dans {folder}, quelqu’un d’autre a produit des sorties : leur registre, {ledger}, ne peut pas être écrit par vous.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>Choose another output folder.</source>
   <translation>Choisir un autre dossier de sortie.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>{altered} was altered since it was made: it is left as it is, and this stands beside it.</source>
   <translation>{altered} a été modifié depuis sa production : il reste tel quel, et ceci est à côté.</translation>
  </message>
  <message>
   <location filename="../core/batch/runner.py" />
   <source>Its name “{taken}” is taken. Free that name, or let it be numbered.</source>
   <translation>Son nom « {taken} » est pris. Libérer ce nom, ou laisser numéroter.</translation>
  </message>
  <message>
   <location filename="../core/codec/families/aac.py" />
   <source>{codec} in {container}</source>
   <translation>{codec} dans {container}</translation>
  </message>
  <message>
   <location filename="../core/codec/families/amr.py" />
   <source>{codec} narrow-band</source>
   <translation>{codec} bande étroite</translation>
  </message>
  <message>
   <location filename="../core/codec/families/companded.py" />
   <source>headerless {codec}</source>
   <translation>{codec} sans en-tête</translation>
  </message>
  <message>
   <location filename="../core/codec/families/flac.py" />
   <source>{container}, {bits}-bit</source>
   <translation>{container}, {bits} bits</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g723.py" />
   <source>headerless {codec} at {rate:g} kbit/s</source>
   <translation>{codec} à {rate:g} kbit/s, sans en-tête</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g726.py" />
   <source>headerless {codec} at {rate:g} kbit/s, high bits first</source>
   <translation>{codec} à {rate:g} kbit/s, bits de poids fort d’abord, sans en-tête</translation>
  </message>
  <message>
   <location filename="../core/codec/families/g726.py" />
   <source>headerless {codec} at {rate:g} kbit/s, low bits first</source>
   <translation>{codec} à {rate:g} kbit/s, bits de poids faible d’abord, sans en-tête</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>16-bit linear, little endian</source>
   <translation>linéaire 16 bits, petit-boutiste</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>16-bit linear, big endian</source>
   <translation>linéaire 16 bits, gros-boutiste</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>{container}, {bits}-bit PCM</source>
   <translation>{container}, PCM {bits} bits</translation>
  </message>
  <message>
   <location filename="../core/codec/families/linear.py" />
   <source>AIFF, unsigned 8-bit PCM</source>
   <translation>AIFF, PCM 8 bits non signé</translation>
  </message>
  <message>
   <location filename="../core/codec/files.py" />
   <source>{codec} does not take this format ({error}).</source>
   <translation>{codec} n’accepte pas ce format ({error}).</translation>
  </message>
  <message>
   <location filename="../core/codec/files.py" />
   <source>Choose a legal rate.</source>
   <translation>Choisir une fréquence permise.</translation>
  </message>
  <message>
   <location filename="../core/codec/g729.py" />
   <source>G.729 needs the library libbcg729, which is not on this machine.</source>
   <translation>G.729 demande la bibliothèque libbcg729, absente de cette machine.</translation>
  </message>
  <message>
   <location filename="../core/codec/g729.py" />
   <source>Install libbcg729-0.</source>
   <translation>Installer libbcg729-0.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Files of container “{container}” with encoding “{encoding}” cannot be written.</source>
   <translation>On ne peut pas écrire de fichiers de conteneur « {container} » et de codage « {encoding} ».</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>{nearest_forms} {document} lists all.</source>
   <translation>{nearest_forms} {document} les donne tous.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Containers are {list}.</source>
   <translation>Les conteneurs sont {list}.</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>Did you mean {list}?</source>
   <translation>Était-ce {list} ?</translation>
  </message>
  <message>
   <location filename="../core/codec/registry.py" />
   <source>In {container} there is {list}.</source>
   <translation>Dans {container} il y a {list}.</translation>
  </message>
  <message>
   <location filename="../core/codec/wav.py" />
   <source>WAV, 32-bit float</source>
   <translation>WAV, 32 bits en virgule flottante</translation>
  </message>
  <message>
   <location filename="../core/disk/journal.py" />
   <source>{doing}.</source>
   <translation>{doing}.</translation>
  </message>
  <message>
   <location filename="../core/disk/journal.py" />
   <source>Wait until it is done, or choose another folder.</source>
   <translation>Attendre la fin, ou choisir un autre dossier.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>The folder {folder} cannot be made: {reason_of}.</source>
   <translation>Le dossier {folder} ne peut être créé : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>{name} could not be put into {parent}: {reason_of}.</source>
   <translation>{name} n’a pas pu être mis dans {parent} : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>Nothing was overwritten; choose another folder or move that file.</source>
   <translation>Rien n’a été écrasé ; choisir un autre dossier ou déplacer ce fichier.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>{path} is there already, and is no result that was written here before.</source>
   <translation>{path} existe déjà et n’est pas un résultat écrit ici auparavant.</translation>
  </message>
  <message>
   <location filename="../core/disk/place.py" />
   <source>Choose another name, or move that file away.</source>
   <translation>Choisissez un autre nom, ou déplacez ce fichier.</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>{right} of {count} right. By guessing that, or more, comes in {by_guessing:.1f} % of cases</source>
   <translation>{right} justes sur {count}. En devinant, on fait aussi bien dans {by_guessing:.1f} % des cas</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>the two can be told apart</source>
   <translation>les deux se distinguent</translation>
  </message>
  <message>
   <location filename="../core/ear/blind.py" />
   <source>that does not show that the two can be told apart</source>
   <translation>cela ne montre pas que les deux se distinguent</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>GSM full rate</source>
   <translation>GSM plein débit</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source> then </source>
   <translation> puis </translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{loss:g} % lost</source>
   <translation>{loss:g} % perdus</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>jitter {jitter:g} ms</source>
   <translation>gigue {jitter:g} ms</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>noise {noise_dbov:g} dBov</source>
   <translation>bruit {noise_dbov:g} dBov</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{level_db:+g} dB</source>
   <translation>{level_db:+g} dB</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>{lost:.1f} % of packets missing</source>
   <translation>{lost:.1f} % des paquets manquent</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>intelligibility (STOI) {stoi:.2f}</source>
   <translation>intelligibilité (STOI) {stoi:.2f}</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>That cannot be coded so.</source>
   <translation>Cela ne se code pas ainsi.</translation>
  </message>
  <message>
   <location filename="../core/ear/caller_line.py" />
   <source>Choose another codec for the line.</source>
   <translation>Choisir un autre codec pour la ligne.</translation>
  </message>
  <message>
   <location filename="../core/ear/engines/engine.py" />
   <source>There is no engine for {code}.</source>
   <translation>Il n’y a pas de moteur pour {code}.</translation>
  </message>
  <message>
   <location filename="../core/ear/engines/engine.py" />
   <source>Engines that run here hear {heard}; send it to a service that hears {code}.</source>
   <translation>Ceux d’ici entendent {heard} ; l’envoyer à un service qui entend {code}.</translation>
  </message>
  <message>
   <location filename="../core/ear/free.py" />
   <source>The speech engine is not installed.</source>
   <translation>La reconnaissance vocale n’est pas installée.</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>The speech engine ended: {result}</source>
   <translation>La reconnaissance vocale s’est arrêtée : {result}</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>Try again.</source>
   <translation>Essayer encore.</translation>
  </message>
  <message>
   <location filename="../core/ear/hearers.py" />
   <source>The speech engine gave nothing.</source>
   <translation>La reconnaissance vocale n’a rien donné.</translation>
  </message>
  <message>
   <location filename="../core/ear/listener.py" />
   <source>{how_to_add} Names can be typed, or come from a list in order.</source>
   <translation>{how_to_add} Les noms peuvent être tapés, ou venir d’une liste dans l’ordre.</translation>
  </message>
  <message>
   <location filename="../core/ear/listener.py" />
   <source>None of the lines has words to listen for: the list needs a column “text”.</source>
   <translation>Aucune ligne n’a de mots à guetter : la liste demande une colonne « text ».</translation>
  </message>
  <message>
   <location filename="../core/errors.py" />
   <source>Stopped before it was done.</source>
   <translation>Arrêté avant la fin.</translation>
  </message>
  <message>
   <location filename="../core/errors.py" />
   <source>Make it again when you like.</source>
   <translation>Le refaire quand vous voudrez.</translation>
  </message>
  <message>
   <location filename="../core/extensions.py" />
   <source>The extension {path} cannot be loaded ({kind}: {error}).</source>
   <translation>L’extension {path} ne peut être chargée ({kind} : {error}).</translation>
  </message>
  <message>
   <location filename="../core/extensions.py" />
   <source>Mend it, or take it out of {VARIABLE}.</source>
   <translation>La corriger, ou l’ôter de {VARIABLE}.</translation>
  </message>
  <message>
   <location filename="../core/fit/as_is.py" />
   <source>Copy it bit for bit: {name}, {sample_rate}, {bytes}</source>
   <translation>Copier bit à bit : {name}, {sample_rate}, {bytes}</translation>
  </message>
  <message>
   <location filename="../core/fit/as_is.py" />
   <source>it is already what {name} takes</source>
   <translation>c’est déjà ce que {name} accepte</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>left</source>
   <translation>gauche</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>right</source>
   <translation>droite</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It is off centre by {dc_offset:+.1f} % of full scale (DC offset), which wastes level.</source>
   <translation>Il est décentré de {dc_offset:+.1f} % de la pleine échelle (composante continue), ce qui gâche du niveau.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Nothing is to be done: a receiver's treatment takes it away, and says so in the path.</source>
   <translation>Rien à faire : le traitement d’un récepteur l’ôte, et le dit dans le chemin.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It holds sound only up to {format_bandwidth}: a rate of {sample_rate} gives it no more than a telephone's.</source>
   <translation>Il ne porte du son que jusqu’à {format_bandwidth} : une fréquence de {sample_rate} ne lui donne rien de plus qu’un téléphone.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Ask for the original, before it was made this narrow.</source>
   <translation>Demander l’original, avant qu’il soit si étroit.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>{side_lag:.2f} ms {later}</source>
   <translation>{side_lag:.2f} ms {later}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>later</source>
   <translation>plus tard</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>earlier</source>
   <translation>plus tôt</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>{left:.0f} dB softer</source>
   <translation>{left:.0f} dB plus faible</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source> and </source>
   <translation> et </translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>partly upside down or later</source>
   <translation>en partie inversé ou en retard</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Choose by what the sides hold</source>
   <translation>Choisir selon ce que portent les côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>channel {chosen}</source>
   <translation>canal {chosen}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>You chose: {detail}.</source>
   <translation>Vous avez choisi : {detail}.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the right side instead</source>
   <translation>Prendre plutôt le côté droit</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>One side is the other turned upside down; mixed, they would cancel. Where one channel is wanted, the left side is taken.</source>
   <translation>Un côté est l’autre inversé ; mélangés, ils s’annuleraient. Là où un seul canal est voulu, le côté gauche est pris.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Only the {full} side holds sound, the {silent} is silent or holds only noise. Where one channel is wanted, the {full} side is taken, at its full level.</source>
   <translation>Seul le côté {full} porte du son, le {silent} est muet ou n’a que du bruit. Là où un seul canal est voulu, le côté {full} est pris, à son plein niveau.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the {silent} side all the same</source>
   <translation>Prendre quand même le côté {silent}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Both sides hold the same sound, the {second} one {otherwise}; mixed, they would partly cancel. Where one channel is wanted, the {used} side is taken.</source>
   <translation>Les deux côtés portent le même son, le {second} {otherwise} ; mélangés, ils s’annuleraient en partie. Là où un seul canal est voulu, le côté {used} est pris.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the {second} side instead</source>
   <translation>Prendre plutôt le côté {second}</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Mix both all the same</source>
   <translation>Mélanger les deux quand même</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the left side only</source>
   <translation>Prendre seulement le côté gauche</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use the right side only</source>
   <translation>Prendre seulement le côté droit</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>The two sides differ; where one channel is taken they are mixed.</source>
   <translation>Les deux côtés diffèrent ; là où un seul canal est pris, ils sont mélangés.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>It has {channels} channels; where one is taken they are mixed after ITU-R BS.775.</source>
   <translation>Il y a {channels} canaux ; là où un seul est pris, ils sont mélangés selon UIT-R BS.775.</translation>
  </message>
  <message>
   <location filename="../core/fit/findings.py" />
   <source>Use channel {channel} only</source>
   <translation>Prendre seulement le canal {channel}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>None of these files can be read.</source>
   <translation>Aucun de ces fichiers n’est lisible.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Give files that the machine takes.</source>
   <translation>Donner des fichiers que la machine accepte.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Nothing here writes what these files are ({detail}).</source>
   <translation>Rien ici n’écrit ce que sont ces fichiers ({detail}).</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>Begin from another form.</source>
   <translation>Partir d’une autre forme.</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>one channel</source>
   <translation>un canal</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>two channels</source>
   <translation>deux canaux</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>one channel or two</source>
   <translation>un canal ou deux</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>both are among them</source>
   <translation>les deux s’y trouvent</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/learned.py" />
   <source>Read off {n} files that it takes.</source>
   <extracomment>Where there is one: Read off {n} file that it takes.</extracomment>
   <translation>
    <numerusform>Lu sur {n} fichier qu’il accepte.</numerusform>
    <numerusform>Lu sur {n} fichiers qu’il accepte.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>all {count} files</source>
   <translation>tous les {count} fichiers</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the one file</source>
   <translation>le seul fichier</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{detail} is left out: nothing here writes it</source>
   <translation>{detail} est laissé de côté : rien ici ne l’écrit</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{many} of {count} files</source>
   <translation>{many} fichiers sur {count}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{form} at {rate}</source>
   <translation>{form} à {rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{least:.0f} to {most:.0f} kbit/s with headers</source>
   <translation>{least:.0f} à {most:.0f} kbit/s avec en-têtes</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{kind}{nearest:g} kbit/s</source>
   <translation>{kind}{nearest:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>at most {advised:g} s is advised</source>
   <translation>au plus {advised:g} s sont conseillées</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the longest has {longest:.2f} s</source>
   <translation>le plus long a {longest:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the largest has {largest}</source>
   <translation>le plus gros a {largest}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>at most {limits}</source>
   <translation>au plus {limits}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>small letters, digits, _ and -</source>
   <translation>minuscules, chiffres, _ et -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>capitals, digits, _ and -</source>
   <translation>majuscules, chiffres, _ et -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>letters, digits, _ and -</source>
   <translation>lettres, chiffres, _ et -</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>names of {detail}</source>
   <translation>noms faits de {detail}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{all}, such as {stems}</source>
   <translation>{all}, comme {stems}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>names of at most 8 characters</source>
   <translation>noms d’au plus 8 caractères</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the longest has {longest}</source>
   <translation>le plus long a {longest}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>files end in {extension}</source>
   <translation>les fichiers finissent par {extension}</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>files have no extension</source>
   <translation>les fichiers n’ont pas d’extension</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>speech levels from {softest:.1f} to {loudest:.1f} dBov</source>
   <translation>niveaux de parole de {softest:.1f} à {loudest:.1f} dBov</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>speech is brought to {target:g} dBov</source>
   <translation>la parole est amenée à {target:g} dBov</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the level is left as it is</source>
   <translation>le niveau est laissé tel quel</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{seen}: no level that they were brought to</source>
   <translation>{seen} : aucun niveau auquel ils auraient été amenés</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>the first sound comes after {shortest:.2f} to {longest:.2f} s</source>
   <translation>le premier son vient après {shortest:.2f} à {longest:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/learned.py" />
   <source>{lead:g} s of silence first</source>
   <translation>{lead:g} s de silence d’abord</translation>
  </message>
  <message>
   <location filename="../core/fit/names.py" />
   <source>“{file!a}” is no name for an output: it would not lie in its folder.</source>
   <translation>« {file!a} » n’est pas un nom de sortie : elle serait hors de son dossier.</translation>
  </message>
  <message>
   <location filename="../core/fit/names.py" />
   <source>Change the rules for names.</source>
   <translation>Changer les règles des noms.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write mp3, flac, m4a, opus, or container/encoding such as wav/ulaw.</source>
   <translation>Écrire mp3, flac, m4a, opus, ou container/encoding comme wav/ulaw.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>There is no form “{name}”.</source>
   <translation>Il n’y a pas de forme « {name} ».</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>{meant} {document} lists all.</source>
   <translation>{meant} {document} les donne tous.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>For once.</source>
   <translation>Pour une fois.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>It can be had with {better}.</source>
   <translation>On peut l’avoir avec {better}.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>“{setting}” sets nothing.</source>
   <translation>« {setting} » ne règle rien.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write FIELD=VALUE, such as rules.channels=1.</source>
   <translation>Écrire CHAMP=VALEUR, comme rules.channels=1.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Set something else.</source>
   <translation>Régler autre chose.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>“{key}” could be {list}.</source>
   <translation>« {key} » pourrait être {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>Write more of it.</source>
   <translation>En écrire davantage.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>{document} lists all fields.</source>
   <translation>{document} donne tous les champs.</translation>
  </message>
  <message>
   <location filename="../core/fit/one_off.py" />
   <source>A receiver has no field “{key}”.</source>
   <translation>Un récepteur n’a pas de champ « {key} ».</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Blend the last {loop:.2f} s into the start</source>
   <translation>Fondre les dernières {loop:.2f} s dans le début</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{name} asks for it</source>
   <translation>{name} le demande</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>chosen by you</source>
   <translation>choisi par vous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{why}: it repeats without a gap or a click</source>
   <translation>{why} : il se répète sans trou ni clic</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Leave the ends as they are</source>
   <translation>Laisser les extrémités telles quelles</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>it is too short for {wanted:g} s of its end to go into its start</source>
   <translation>il est trop court pour mêler {wanted:g} s de sa fin à son début</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Put {lead:.2f} s of silence first</source>
   <translation>Mettre d’abord {lead:.2f} s de silence</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{name} needs a moment to listen</source>
   <translation>{name} a besoin d’un instant pour écouter</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>{milliseconds:.0f} ms</source>
   <translation>{milliseconds:.0f} ms</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade {where} over {length}</source>
   <translation>Fondu {where} sur {length}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>the {edge} is a cut</source>
   <translation>{edge} est une coupe</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>as the receiver asks</source>
   <translation>comme le récepteur le demande</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>never: it does not repeat</source>
   <translation>jamais : il ne se répète pas</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 0.25 s</source>
   <translation>sur les dernières 0,25 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 0.5 s</source>
   <translation>sur les dernières 0,5 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 1 s</source>
   <translation>sur la dernière 1 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 2 s</source>
   <translation>sur les dernières 2 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last 5 s</source>
   <translation>sur les dernières 5 s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>round: gentle at both ends</source>
   <translation>rond : doux aux deux bouts</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>even: a straight line</source>
   <translation>droit : une ligne droite</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Blend the end into the start</source>
   <translation>Fondre la fin dans le début</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>over the last {loop:g} s</source>
   <translation>sur les dernières {loop:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>The end is blended into the start over</source>
   <translation>La fin est fondue dans le début sur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade in over</source>
   <translation>Fondu d’entrée sur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>at the start</source>
   <translation>au début</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Fade out over</source>
   <translation>Fondu de sortie sur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>at the end</source>
   <translation>à la fin</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Shape of the fades</source>
   <translation>Forme des fondus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>It fades in over</source>
   <translation>Fondu d’entrée sur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>and out over</source>
   <translation>et de sortie sur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/ends.py" />
   <source>Silence comes first for</source>
   <translation>D’abord du silence pendant</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Lift {presence_hz} by {presence_db:.1f} dB</source>
   <translation>Relever {presence_hz} de {presence_db:.1f} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{name} asks for it: consonants carry better</source>
   <translation>{name} le demande : les consonnes portent mieux</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{low_cut} to {high_cut}</source>
   <translation>{low_cut} à {high_cut}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>the low end is chosen by you</source>
   <translation>le bas est choisi par vous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Keep the band from {edges}</source>
   <translation>Garder la bande de {edges}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>{why}; linear phase, no shift in time</source>
   <translation>{why} ; phase linéaire, sans décalage</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Presence is lifted by</source>
   <translation>La présence est relevée de</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>kept whole</source>
   <translation>gardée entière</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>300 to 3400 Hz</source>
   <translation>300 à 3400 Hz</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Keep nothing below</source>
   <translation>Ne rien garder sous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>rumble and handling; 0 leaves it to the receiver</source>
   <translation>grondement et manipulation ; 0 laisse le récepteur décider</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>The band is</source>
   <translation>La bande est</translation>
  </message>
  <message>
   <location filename="../core/fit/path/filters.py" />
   <source>Taken away is what lies below</source>
   <translation>Est ôté ce qui est sous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/leave_out.py" />
   <source>Leave out {first} to {last}</source>
   <translation>Omettre de {first} à {last}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/leave_out.py" />
   <source>chosen by you; what lies before and after is blended over 10 ms</source>
   <translation>choisi par vous ; l’avant et l’après sont fondus sur 10 ms</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Leave the level</source>
   <translation>Laisser le niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>no speech was found to measure</source>
   <translation>aucune parole à mesurer</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Change the level by {gain:+.1f} dB</source>
   <translation>Changer le niveau de {gain:+.1f} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>one gain for the whole set, which keeps soft clips softer than loud ones</source>
   <translation>un seul gain pour tout le lot : les clips faibles restent plus faibles que les forts</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Change the level by about {gain:+.1f} dB</source>
   <translation>Changer le niveau d’environ {gain:+.1f} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>you set {wanted:+.1f} dB, and no peak may be over {ceiling}</source>
   <translation>vous avez réglé {wanted:+.1f} dB, et aucune crête ne peut dépasser {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>its peaks would be over {ceiling}; by just so much</source>
   <translation>ses crêtes dépasseraient {ceiling} ; d’autant exactement</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by you</source>
   <translation>réglé par vous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is meant so: nothing is brought to another level, trimmed or filtered</source>
   <translation>c’est voulu : rien n’est remis à niveau, rogné ou filtré</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>peaks that come out over {ceiling} are brought down by exactly what is needed</source>
   <translation>les crêtes au-dessus de {ceiling} sont baissées juste ce qu’il faut</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{name} asks for none; {held}</source>
   <translation>{name} n’en demande pas ; {held}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>ITU-R BS.1770, measured after resampling; no peak over {ceiling}</source>
   <translation>UIT-R BS.1770, mesuré après rééchantillonnage ; aucune crête au-dessus de {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Bring it to {target} loudness</source>
   <translation>L’amener à {target} de niveau sonore</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{verb} by about {gain:.1f} dB to</source>
   <translation>{verb} d’environ {gain:.1f} dB à</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Raise</source>
   <translation>Relever</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Lower</source>
   <translation>Baisser</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{target} is asked for, and no peak may be over {ceiling}</source>
   <translation>{target} est demandé, et aucune crête ne peut dépasser {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} a peak of {target}</source>
   <translation>{about} une crête de {target}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>measured again after resampling</source>
   <translation>mesuré à nouveau après rééchantillonnage</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is at {now} (ITU-T P.56); {target} is wanted, and no peak may be over {ceiling}</source>
   <translation>il est à {now} (ITU-T P.56) ; {target} est voulu, et aucune crête ne peut dépasser {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} about {reached} active speech level</source>
   <translation>{about} environ {reached} de niveau de parole actif</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>it is at {now} (ITU-T P.56); measured again after resampling, no peak over {ceiling}</source>
   <translation>il est à {now} (UIT-T P.56) ; mesuré à nouveau après rééchantillonnage, aucune crête au-dessus de {ceiling}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{about} {target} active speech level</source>
   <translation>{about} {target} de niveau de parole actif</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Hold single peaks down by up to {limiter_db:g} dB</source>
   <translation>Retenir des crêtes isolées jusqu’à {limiter_db:g} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>you allow</source>
   <translation>vous permettez</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{name} allows</source>
   <translation>{name} permet</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>{who} it for the sake of the level; it looks 5 ms ahead</source>
   <translation>{who} cela pour le niveau ; il regarde 5 ms en avant</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>left as it is</source>
   <translation>laissé tel quel</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by active speech level</source>
   <translation>réglé par niveau de parole</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by loudness</source>
   <translation>réglé par sonie</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>set by peak</source>
   <translation>réglé par crête</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>each clip’s own</source>
   <translation>propre à chaque clip</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>one for the whole set</source>
   <translation>un pour tout le lot</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Louder by</source>
   <translation>Plus fort de</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>on top of what the receiver asks for; peaks are never clipped</source>
   <translation>en plus de ce que demande le récepteur ; les crêtes ne sont jamais écrêtées</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Leave its level and its pauses as they are, whatever the receiver asks for</source>
   <translation>Laisser niveau et pauses, quoi que demande le récepteur</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>The level is</source>
   <translation>Le niveau est</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Active speech level</source>
   <translation>Niveau de parole actif</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Loudness</source>
   <translation>Sonie</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Peak</source>
   <translation>Crête</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Within</source>
   <translation>À</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>dB of its target</source>
   <translation>dB de sa cible</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Gain is</source>
   <translation>Le gain est</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>Limiter may take</source>
   <translation>Le limiteur peut ôter</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>off single peaks, for the sake of the level</source>
   <translation>aux crêtes isolées, pour le niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>No peak goes over</source>
   <translation>Aucune crête ne dépasse</translation>
  </message>
  <message>
   <location filename="../core/fit/path/level.py" />
   <source>A limiter holds peaks down by at most</source>
   <translation>Un limiteur retient les crêtes d’au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>{share:+.1f} %</source>
   <translation>{share:+.1f} %</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>Take away a DC offset of {offset}</source>
   <translation>Ôter une composante continue de {offset}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>it is not heard and costs level</source>
   <translation>on ne l’entend pas, et elle coûte du niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/path/offset.py" />
   <source>Take away a DC offset</source>
   <translation>Ôter une composante continue</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same</source>
   <translation>les deux côtés portent la même chose</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the right side is silent, or holds only noise; mixing would lose 6 dB</source>
   <translation>le côté droit est muet ou n’a que du bruit ; le mélange perdrait 6 dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the left side is silent, or holds only noise; mixing would lose 6 dB</source>
   <translation>le côté gauche est muet ou n’a que du bruit ; le mélange perdrait 6 dB</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>one side is the other turned upside down; mixed, they would cancel</source>
   <translation>un côté est l’autre inversé ; mélangés, ils s’annuleraient</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same, the right softer, later or partly upside down; mixed, they would partly cancel</source>
   <translation>les deux côtés portent la même chose, le droit plus faible, en retard ou en partie inversé ; mélangés, ils s’annuleraient en partie</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both sides hold the same, the left softer, later or partly upside down; mixed, they would partly cancel</source>
   <translation>les deux côtés portent la même chose, le gauche plus faible, en retard ou en partie inversé ; mélangés, ils s’annuleraient en partie</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>the sides differ, and both count</source>
   <translation>les côtés diffèrent, et les deux comptent</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix {channels} channels down to two after ITU-R BS.775</source>
   <translation>Mélanger {channels} canaux en deux selon ITU-R BS.775</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes two; the centre, where speech is, goes to both{silent}</source>
   <translation>{name} en prend deux ; le centre, où est la parole, va aux deux{silent}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix both sides</source>
   <translation>Mélanger les deux côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Use the {take} side</source>
   <translation>Prendre le côté {take}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Use channel {channel_of} of {channels}</source>
   <translation>Prendre le canal {channel_of} sur {channels}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Mix {channels} channels down after ITU-R BS.775</source>
   <translation>Réduire {channels} canaux selon UIT-R BS.775</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/path/side.py" />
   <source>, {n} silent ones do not count</source>
   <extracomment>Where there is one: , {n} silent one does not count</extracomment>
   <translation>
    <numerusform>, {n} muet ne compte pas</numerusform>
    <numerusform>, {n} muets ne comptent pas</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes one channel, this has {channels}{silent}</source>
   <translation>{name} prend un canal, ceci en a {channels}{silent}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>, of which only this one holds anything</source>
   <translation>, dont seul celui-ci contient quelque chose</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>{name} takes one channel</source>
   <translation>{name} accepte un canal</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>by what the sides hold</source>
   <translation>selon les côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>from the left</source>
   <translation>de gauche</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>from the right</source>
   <translation>de droite</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>by mixing</source>
   <translation>en mélangeant</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>as the sides suggest</source>
   <translation>comme les côtés le suggèrent</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>both mixed</source>
   <translation>les deux mélangés</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>Side to use</source>
   <translation>Côté à prendre</translation>
  </message>
  <message>
   <location filename="../core/fit/path/side.py" />
   <source>One channel is taken</source>
   <translation>Un canal est pris</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Read {format_kind}, {sample_rate}, {channels} ch</source>
   <translation>Lire {format_kind}, {sample_rate}, {channels} can.</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>{share:+.2f} % in length, {pitch:+.2f} semitones</source>
   <translation>{share:+.2f} % en durée, {pitch:+.2f} demi-tons</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Take {rate_in} for the true rate</source>
   <translation>Prendre {rate_in} pour la vraie fréquence</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>stated by you; {change}</source>
   <translation>indiqué par vous ; {change}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>its air is trimmed; nothing of the voice is cut</source>
   <translation>son air est rogné ; rien de la voix n’est coupé</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>the span of this clip</source>
   <translation>le segment de ce clip</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Keep {begin} to {end}</source>
   <translation>Garder de {begin} à {end}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>Air is trimmed to</source>
   <translation>L’air est rogné à</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>before and</source>
   <translation>avant et</translation>
  </message>
  <message>
   <location filename="../core/fit/path/source.py" />
   <source>s after</source>
   <translation>s après</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Make it {pitch:g} semitones {higher}</source>
   <translation>Le rendre {pitch:g} demi-tons {higher}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>higher</source>
   <translation>plus haut</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>lower</source>
   <translation>plus bas</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>length unchanged; chosen by you</source>
   <translation>durée inchangée ; choisi par vous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{speed:+.1f} % in speed</source>
   <translation>{speed:+.1f} % de vitesse</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Speak it {speed:.3f} times as fast</source>
   <translation>Le dire {speed:.3f} fois plus vite</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{change}, pitch unchanged; chosen by you</source>
   <translation>{change}, hauteur inchangée ; choisi par vous</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{frames_in:,} → {frames_out:,} frames</source>
   <translation>{frames_in:,} → {frames_out:,} échantillons</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Resample {rate_in} → {rate_out}</source>
   <translation>Rééchantillonner {rate_in} → {rate_out}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>{name} takes {rates}; {frames}</source>
   <translation>{name} accepte {rates} ; {frames}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>at most {max_sample_rate}</source>
   <translation>au plus {max_sample_rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Faster by</source>
   <translation>Plus vite de</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>the pitch stays</source>
   <translation>la hauteur reste</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Higher by</source>
   <translation>Plus haut de</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>the length stays</source>
   <translation>la durée reste</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>semitones</source>
   <translation>demi-tons</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>Remedies speed it up by at most</source>
   <translation>Les remèdes l’accélèrent d’au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>They leave air of</source>
   <translation>Ils laissent un air de</translation>
  </message>
  <message>
   <location filename="../core/fit/path/tempo.py" />
   <source>s at both ends</source>
   <translation>s aux deux bouts</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Encode as {law}, nearest code</source>
   <translation>Coder en {law}, code le plus proche</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes {law}; its 256 steps grow with the level</source>
   <translation>{name} accepte {law} ; ses 256 pas croissent avec le niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Encode as {name}</source>
   <translation>Coder en {name}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>finer steps than that arise on the way</source>
   <translation>des pas plus fins naissent en chemin</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>the gain makes finer steps</source>
   <translation>le gain fait des pas plus fins</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Round to {depth} bits with {kind} dither</source>
   <translation>Arrondir à {depth} bits avec dither {kind}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes it</source>
   <translation>{name} l’accepte</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{about}{bit_rate:g} kbit/s</source>
   <translation>{about}{bit_rate:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>it comes out {delay:.1f} ms later</source>
   <translation>il sort {delay:.1f} ms plus tard</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>the last {filled:.0f} ms fill up its last frame</source>
   <translation>les dernières {filled:.0f} ms complètent la dernière trame</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{count} cue points</source>
   <translation>{count} repères</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>a cue point</source>
   <translation>un repère</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Write {many} with name and length</source>
   <translation>Écrire {many} avec nom et durée</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} asks for spans in the file: {names}</source>
   <translation>{name} demande des segments dans le fichier : {names}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>exactly {exact}</source>
   <translation>exactement {exact}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>about {size}</source>
   <translation>environ {size}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>stereo</source>
   <translation>stéréo</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Write {name}, {rate_out}, {sides}</source>
   <translation>Écrire {name}, {rate_out}, {sides}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{size}, {seconds:.3f} s</source>
   <translation>{size}, {seconds:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Call it {file}</source>
   <translation>L’appeler {file}</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>{name} takes names of at most {max_length} of [{allowed}]</source>
   <translation>{name} accepte des noms d’au plus {max_length} de [{allowed}]</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>noise-shaped</source>
   <translation>à bruit façonné</translation>
  </message>
  <message>
   <location filename="../core/fit/path/write.py" />
   <source>Where depth falls, dither is</source>
   <translation>Quand la profondeur baisse, dither</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>, behind {skip:,} bytes of text</source>
   <translation>, après {skip:,} octets de texte</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Read it as {kind}, {rate}{behind}</source>
   <translation>Le lire comme {kind}, {rate}{behind}</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>A sample rate of {rate_in:,} Hz cannot be.</source>
   <translation>Une fréquence de {rate_in:,} Hz est impossible.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>State the true rate of this clip.</source>
   <translation>Indiquer la vraie fréquence de ce clip.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Nothing is left of this clip.</source>
   <translation>Il ne reste rien de ce clip.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Make its span longer.</source>
   <translation>Allonger son segment.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It is touched up by “{missing}”, which is not there.</source>
   <translation>Il est retouché par « {missing} », qui n’existe pas.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Do without it</source>
   <translation>S’en passer</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It has {channels} channels, and no channel {take}.</source>
   <translation>Il a {channels} canaux, et pas de canal {take}.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>Choose by what the channels hold</source>
   <translation>Choisir selon ce que portent les canaux</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>It is too short to leave anything.</source>
   <translation>Il est trop court pour qu’il en reste quelque chose.</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>{milliseconds:.1f} ms</source>
   <translation>{milliseconds:.1f} ms</translation>
  </message>
  <message>
   <location filename="../core/fit/plan.py" />
   <source>{length} are too short for {name}, which works in frames of about 20 ms.</source>
   <translation>{length} est trop court pour {name}, qui travaille par trames d’environ 20 ms.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>That says no form of sound.</source>
   <translation>Cela ne dit aucune forme de son.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>Write wav 44.1k mono, mp3 192k, ulaw 8k …</source>
   <translation>Écrire wav 44.1k mono, mp3 192k, ulaw 8k …</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>{name} has no {bits} bits.</source>
   <translation>{name} n’a pas {bits} bits.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>Leave them out, or wish for WAV.</source>
   <translation>Les omettre, ou demander WAV.</translation>
  </message>
  <message>
   <location filename="../core/fit/receiver_query.py" />
   <source>As you typed it.</source>
   <translation>Comme vous l’avez tapé.</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>cut it to the length that fits, with a short fade</source>
   <translation>le couper à la durée qui tient, avec un court fondu</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>Cut it to {keep:.2f} s with a short fade</source>
   <translation>Le couper à {keep:.2f} s avec un court fondu</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/cut_to_length.py" />
   <source>loses the last {lost:.2f} s</source>
   <translation>perd les dernières {lost:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/level_inside.py" />
   <source>bring the level inside of what the receiver takes</source>
   <translation>amener le niveau dans ce que le récepteur accepte</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/level_inside.py" />
   <source>{verb} it by about {change:.1f} dB</source>
   <translation>{verb} d’environ {change:.1f} dB</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>let a limiter hold down the peaks that keep the level short</source>
   <translation>laisser un limiteur retenir les crêtes qui limitent le niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>it reaches its level, or nearly</source>
   <translation>il atteint son niveau, ou presque</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>about {short:.1f} dB louder</source>
   <translation>environ {short:.1f} dB plus fort</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>{comes}; single peaks are held down by up to {wanted:g} dB, nothing is clipped</source>
   <translation>{comes} ; des crêtes isolées sont retenues jusqu’à {wanted:g} dB, rien n’est écrêté</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/limiter.py" />
   <source>Allow the limiter {wanted:g} dB</source>
   <translation>Permettre {wanted:g} dB au limiteur</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/other_form.py" />
   <source>make another form that the receiver takes</source>
   <translation>en faire une autre forme que le récepteur accepte</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/other_form.py" />
   <source>Make {name} of it</source>
   <translation>En faire {name}</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>the rate in its header is right</source>
   <translation>la fréquence de l’en-tête est juste</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>do without touch-ups that are not there</source>
   <translation>se passer de retouches qui n’existent pas</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/registry.py" />
   <source>read a file without a header as its content suggests</source>
   <translation>lire un fichier sans en-tête comme son contenu le suggère</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>use the right side</source>
   <translation>prendre le côté droit</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>mix both sides</source>
   <translation>mélanger les deux côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>use the left side</source>
   <translation>prendre le côté gauche</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>Use the {name} side</source>
   <translation>Prendre le côté {name}</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/sides.py" />
   <source>Use channel {index}</source>
   <translation>Prendre le canal {index}</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>{keep:.2f} s, pitch unchanged</source>
   <translation>{keep:.2f} s, hauteur inchangée</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>speak it faster, as far as the receiver's rules allow</source>
   <translation>le dire plus vite, autant que les règles du récepteur le permettent</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>Speed it up by {speed:.1f} %</source>
   <translation>L’accélérer de {speed:.1f} %</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>trim the air and speak it faster</source>
   <translation>rogner l’air et parler plus vite</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/speed_up.py" />
   <source>Trim the air and speed it up by {both:.1f} %</source>
   <translation>Rogner l’air et l’accélérer de {both:.1f} %</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>trim the air at the ends</source>
   <translation>rogner l’air aux extrémités</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>{saved:.2f} s less: {trimmed:.2f} s</source>
   <translation>{saved:.2f} s de moins : {trimmed:.2f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/remedies/trim_air.py" />
   <source>Trim the air at its ends</source>
   <translation>Rogner l’air aux extrémités</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>{bit_rate:g} kbit/s</source>
   <translation>{bit_rate:g} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>no bit rate</source>
   <translation>pas de débit</translation>
  </message>
  <message>
   <location filename="../core/fit/repair.py" />
   <source>at most {highest}</source>
   <translation>au plus {highest}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>The rule “{key}” cannot be asked, since it fails ({kind}: {error}).</source>
   <translation>La règle « {key} » ne peut pas être consultée, car elle échoue ({kind} : {error}).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>Mend the extension that it comes from.</source>
   <translation>Réparez l’extension dont elle vient.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/__init__.py" />
   <source>a rule that can be asked</source>
   <translation>une règle qui peut être consultée</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>deliver narrow sound</source>
   <translation>livrer un son étroit</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>Its rate of {rate} has room for sound up to {highest} only; {name} expects {expected}.</source>
   <translation>Sa fréquence de {rate} ne permet du son que jusqu’à {highest} ; {name} attend {expected}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>It holds sound only up to {found}, though its rate of {rate} has room for {highest}: it has probably been over a telephone.</source>
   <translation>Il ne porte du son que jusqu’à {found}, bien que sa fréquence de {rate} permette {highest} : il est sans doute passé par un téléphone.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/bandwidth.py" />
   <source>Deliver it all the same</source>
   <translation>Le livrer quand même</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>at most {most}</source>
   <translation>au plus {most}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>peak</source>
   <translation>crête</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/ceiling.py" />
   <source>true peak</source>
   <translation>crête vraie</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>mix sides that cancel</source>
   <translation>mélanger des côtés qui s’annulent</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>choose the side by what the sides hold</source>
   <translation>choisir le côté selon ce que portent les côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>Mixing the {channels} costs {lost:.1f} dB where they cancel most.</source>
   <translation>Mélanger {channels} coûte {lost:.1f} dB là où ils s’annulent le plus.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>two sides</source>
   <translation>deux côtés</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>Mix them all the same</source>
   <translation>Les mélanger quand même</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>channels</source>
   <translation>canaux</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>1 or 2</source>
   <translation>1 ou 2</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>one or two channels</source>
   <translation>un ou deux canaux</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/channels.py" />
   <source>With</source>
   <translation>Avec</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>cue_points = true needs WAV: no other form here can hold them.</source>
   <translation>cue_points = true demande WAV : aucune autre forme d’ici ne porte de repères.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>not written into it</source>
   <translation>non écrits dedans</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>written into WAV as cue points</source>
   <translation>écrits dans le WAV en repères</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/cue_points.py" />
   <source>Spans are</source>
   <translation>Les segments sont</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} is written by {needs}, which is not on this machine.</source>
   <translation>{name} est écrit par {needs}, absent de cette machine.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Install that library, or choose another format in the rules.</source>
   <translation>Installer cette bibliothèque, ou choisir un autre format dans les règles.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {nearest_rate}, the nearest that it takes.</source>
   <translation>Changer les règles de {name} en {nearest_rate}, le plus proche qu’il accepte.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>a bit rate</source>
   <translation>un débit</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Leave bit_rate out of the rules of {name}.</source>
   <translation>Ôter bit_rate des règles de {name}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{bit_rate:g} kbit/s at {rate}</source>
   <translation>{bit_rate:g} kbit/s à {rate}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {best:g} kbit/s, the nearest that it takes.</source>
   <translation>Changer les règles de {name} en {best:g} kbit/s, le plus proche qu’il accepte.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{channels} channels</source>
   <translation>{channels} canaux</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Change the rules of {name} to {max_channels}.</source>
   <translation>Changer les règles de {name} en {max_channels}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>a variable bit rate</source>
   <translation>un débit variable</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Leave variable out of the rules of {name}.</source>
   <translation>Ôter variable des règles de {name}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} does not take {wish}.</source>
   <translation>{name} n’accepte pas {wish}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>format</source>
   <translation>format</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{bit_rate:.0f} kbit/s</source>
   <translation>{bit_rate:.0f} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>Nothing here writes {container} {encoding}. {near}</source>
   <translation>Rien ici n’écrit {container} {encoding}. {near}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>It takes {list}, {channels}.</source>
   <translation>Il accepte {list}, {channels}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} at {list}</source>
   <translation>{name} à {list}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>{name} at {max_sample_rate} and less</source>
   <translation>{name} à {max_sample_rate} et moins</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/form.py" />
   <source>It takes</source>
   <translation>Il accepte</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>deliver silence</source>
   <translation>livrer du silence</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/fit/rules/heard.py" />
   <source>It was recorded too loud: {clipped_samples:,} samples are cut off flat at full scale.</source>
   <extracomment>Where there is one: It was recorded too loud: {clipped_samples:,} sample is cut off flat at full scale.</extracomment>
   <translation>
    <numerusform>Enregistré trop fort : {clipped_samples:,} échantillon est écrêté à pleine échelle.</numerusform>
    <numerusform>Enregistré trop fort : {clipped_samples:,} échantillons sont écrêtés à pleine échelle.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Record it again with 6 to 12 dB less input gain.</source>
   <translation>Le réenregistrer avec 6 à 12 dB de gain d’entrée en moins.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>It was clipped, and made softer or resampled since: {flat_samples:,} samples are in tops cut off at up to {db}.</source>
   <translation>Il a été écrêté, puis baissé ou rééchantillonné : {flat_samples:,} échantillons sont dans des crêtes coupées jusqu’à {db}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Ask for the recording before that, or record it again with 6 to 12 dB less input gain.</source>
   <translation>Demander l’enregistrement d’avant, ou le refaire avec 6 à 12 dB de gain d’entrée en moins.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>the loudest sample is at {db}</source>
   <translation>l’échantillon le plus fort est à {db}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>every sample has the same value, at {db}, as of a microphone that is not there</source>
   <translation>chaque échantillon a la même valeur, à {db}, comme d’un micro absent</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Nothing is to be heard: {detail}.</source>
   <translation>On n’entend rien : {detail}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Deliver the silence</source>
   <translation>Livrer le silence</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>Ask for the recording, or remove the clip.</source>
   <translation>Demander l’enregistrement, ou ôter le clip.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>peak {db}</source>
   <translation>crête {db}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>silence, {peak}</source>
   <translation>silence, {peak}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/heard.py" />
   <source>something to hear</source>
   <translation>quelque chose à entendre</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>It is of the kind “{kind}”</source>
   <translation>Il est de type « {kind} »</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>“{kind}” is none that it knows</source>
   <translation>« {kind} » lui est inconnu</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>nobody has said which</source>
   <translation>personne n’a dit lequel</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>{name} wants to know what kind of message it is; {has}.</source>
   <translation>{name} veut savoir de quel type est le message ; {has}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>Kinds of message are</source>
   <translation>Les types de message sont</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/kinds.py" />
   <source>Messages are of the kinds {list}.</source>
   <translation>Les messages sont de type {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>let it be longer than advised</source>
   <translation>le laisser plus long que conseillé</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s is over the limit of {max_seconds:g} s.</source>
   <translation>{seconds:.3f} s dépasse la limite de {max_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s is under the least of {min_seconds:g} s.</source>
   <translation>{seconds:.3f} s est sous le minimum de {min_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>Add air, or a longer text.</source>
   <translation>Ajouter de l’air, ou un texte plus long.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.2f} s is more than the {advised:g} s that are advised, though within the limit.</source>
   <translation>{seconds:.2f} s dépasse les {advised:g} s conseillées, mais reste dans la limite.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>It may be longer</source>
   <translation>Il peut être plus long</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>at most {most:g} s</source>
   <translation>au plus {most:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>{seconds:.3f} s</source>
   <translation>{seconds:.3f} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>at least {least:g} s</source>
   <translation>au moins {least:g} s</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>It lasts at most</source>
   <translation>Il dure au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>A file lasts at most {max_seconds}.</source>
   <translation>Un fichier dure au plus {max_seconds}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>and at least</source>
   <translation>et au moins</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>Advised are at most</source>
   <translation>Conseillé : au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/length.py" />
   <source>At most {advised_seconds} are advised.</source>
   <translation>Au plus {advised_seconds} sont conseillées.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>live with the noise of a very quiet recording</source>
   <translation>accepter le bruit d’un enregistrement très faible</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>leave it a little quieter</source>
   <translation>le laisser un peu plus faible</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>It is very quiet ({level_db}): raising it by {gain:.1f} dB raises its noise too.</source>
   <translation>Il est très faible ({level_db}) : le relever de {gain:.1f} dB relève aussi son bruit.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Record it again, closer to the microphone.</source>
   <translation>Le réenregistrer plus près du micro.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>It is good enough</source>
   <translation>C’est assez bon</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Its peaks leave it about {short:.1f} dB short of the wanted level; nothing will be clipped.</source>
   <translation>Ses crêtes le laissent environ {short:.1f} dB sous le niveau voulu ; rien ne sera écrêté.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>Leave it a little quieter</source>
   <translation>Le laisser un peu plus faible</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>{target} ± {tolerance:g} dB, or as near as peaks allow</source>
   <translation>{target} ± {tolerance:g} dB, ou aussi près que les crêtes le permettent</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>{level}, peak {peak}</source>
   <translation>{level}, crête {peak}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>level</source>
   <translation>niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>active speech level (ITU-T P.56)</source>
   <translation>niveau de parole actif (UIT-T P.56)</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>loudness (ITU-R BS.1770)</source>
   <translation>niveau sonore (UIT-R BS.1770)</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level.py" />
   <source>The {measure} is {target}, within {tolerance_db:g} dB.</source>
   <translation>Cible : {measure} {target}, à {tolerance_db:g} dB près.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>deliver it at its level</source>
   <translation>le livrer à son niveau</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>At {after} it will be {short:.1f} dB under the least that {name} takes.</source>
   <translation>À {after} il sera {short:.1f} dB sous le minimum que {name} accepte.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>At {after} it will be {over:.1f} dB over the most that {name} takes.</source>
   <translation>À {after} il sera {over:.1f} dB au-dessus du maximum que {name} accepte.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Its peaks do not allow more: let a limiter hold them down, or record it again.</source>
   <translation>Ses crêtes n’en permettent pas plus : utiliser un limiteur, ou le réenregistrer.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Deliver it so</source>
   <translation>Le livrer ainsi</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>{low} to {high}</source>
   <translation>{low} à {high}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>speech level taken</source>
   <translation>niveau de parole accepté</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/level_taken.py" />
   <source>Speech is at</source>
   <translation>La parole est à</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>It will be called “{name}”: {receiver} does not take “{wanted}” for a name.</source>
   <translation>Il s’appellera « {name} » : {receiver} n’accepte pas « {wanted} » comme nom.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Give the clip another name (F2).</source>
   <translation>Donner un autre nom au clip (F2).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>no extension</source>
   <translation>pas d’extension</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>{max_length} of [{allowed}], then {detail}</source>
   <translation>{max_length} de [{allowed}], puis {detail}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>name</source>
   <translation>nom</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>at most {wanted}</source>
   <translation>au plus {wanted}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>not told in the name</source>
   <translation>non dite dans le nom</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>told in the name</source>
   <translation>dite dans le nom</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>any case</source>
   <translation>casse libre</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>lower case</source>
   <translation>minuscules</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>capitals</source>
   <translation>majuscules</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names are made of</source>
   <translation>Les noms sont faits de</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>A corrected rate is</source>
   <translation>Une fréquence corrigée est</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names have the characters</source>
   <translation>Les noms ont les caractères</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>At most</source>
   <translation>Au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>of them</source>
   <translation>d’entre eux</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>in</source>
   <translation>en</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Files end in</source>
   <translation>Les fichiers finissent par</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/name.py" />
   <source>Names are made of {allowed}.</source>
   <translation>Les noms sont faits de {allowed}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>at most {most:.2%} of full scale</source>
   <translation>au plus {most:.2%} de la pleine échelle</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>DC offset</source>
   <translation>composante continue</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/offset.py" />
   <source>{found:.2%}</source>
   <translation>{found:.2%}</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>sample rate</source>
   <translation>fréquence d’échantillonnage</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>At a rate of</source>
   <translation>À une fréquence de</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>The bit rate is</source>
   <translation>Le débit est</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>constant</source>
   <translation>constant</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>variable</source>
   <translation>variable</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rate.py" />
   <source>of</source>
   <translation>de</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>The rights to it ended on {until}.</source>
   <translation>Les droits ont pris fin le {until}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>Ask for them again, or take other music.</source>
   <translation>Les redemander, ou prendre une autre musique.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>Whose music it is, and by what licence it may be played to callers, is not said.</source>
   <translation>À qui est cette musique, et sous quelle licence les appelants peuvent l’entendre, n’est pas dit.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/rights.py" />
   <source>State holder and licence (Shift+F8).</source>
   <translation>Indiquer titulaire et licence (Shift+F8).</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>{why} Nothing worth hearing fits.</source>
   <translation>{why} Rien qui vaille d’être entendu ne tient.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Give the rules more room.</source>
   <translation>Donner plus de place aux règles.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Have it said in fewer words, or shorten the pauses.</source>
   <translation>Le faire dire en moins de mots, ou raccourcir les pauses.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/room.py" />
   <source>Make it and see: what is too large is not delivered</source>
   <translation>La produire pour voir : ce qui est trop gros n’est pas livré</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>make it and see whether it is too large</source>
   <translation>la produire et voir si elle est trop grosse</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>It comes out at about {size}, and may be over the limit ({largest}): that depends on the sound. {within:.2f} s surely fit, it has {seconds:.2f} s.</source>
   <translation>Elle fera environ {size} et peut dépasser la limite ({largest}) : cela dépend du son. {within:.2f} s tiennent sûrement, elle en a {seconds:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>{size} is over the limit ({largest}); exactly {within:.3f} s fit, it has {seconds:.3f} s.</source>
   <translation>{size} dépasse la limite ({largest}) ; {within:.3f} s exactement tiennent, il en a {seconds:.3f} s.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>{bytes:,} B</source>
   <translation>{bytes:,} B</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>size</source>
   <translation>taille</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>max_bytes = {most} is too little for any file: {name} with a single sample has {least} bytes.</source>
   <translation>max_bytes = {most} est trop peu pour tout fichier : {name} avec un seul échantillon a {least} octets.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>The memory of {name} ({total}) is full: the clips before it need {before}, this one needs {size}.</source>
   <translation>La mémoire de {name} ({total}) est pleine : les clips précédents prennent {before}, celui-ci {size}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>Remove or shorten clips that come before it.</source>
   <translation>Ôter ou raccourcir des clips précédents.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>The memory of {name} has {room} left for it, of {total_bytes}; it needs {size}. Exactly {within:.3f} s fit.</source>
   <translation>La mémoire de {name} a encore {room} sur {total_bytes} ; il en faut {size}. {within:.3f} s exactement tiennent.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>A file has at most</source>
   <translation>Un fichier a au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>A file has at most {max_bytes}.</source>
   <translation>Un fichier a au plus {max_bytes}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>All files together have at most</source>
   <translation>Tous les fichiers ont au plus</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/size.py" />
   <source>All files together have at most {total_bytes}.</source>
   <translation>Tous les fichiers ensemble ont au plus {total_bytes}.</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>deliver what is there of a file that breaks off</source>
   <translation>livrer ce qui est là d’un fichier interrompu</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>deliver what is whole of a damaged file</source>
   <translation>livrer ce qui est sain d’un fichier abîmé</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>{seconds:.2f} s, perhaps without its end</source>
   <translation>{seconds:.2f} s, peut-être sans sa fin</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>Deliver what is there</source>
   <translation>Livrer ce qui est là</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>whole</source>
   <translation>entier</translation>
  </message>
  <message>
   <location filename="../core/fit/rules/whole.py" />
   <source>all that its header promises</source>
   <translation>tout ce que promet son en-tête</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its pitch is {exp:.2f} times theirs ({pitch:.0f} against {usual_pitch:.0f} Hz)</source>
   <translation>sa hauteur est {exp:.2f} fois la leur ({pitch:.0f} contre {usual_pitch:.0f} Hz)</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its spectrum lies {exp:.2f} times as high</source>
   <translation>son spectre est {exp:.2f} fois plus haut</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>its sound ends at {exp:.2f} times theirs</source>
   <translation>son son s’arrête à {exp:.2f} fois le leur</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be {best}, not {rate} (a ratio of {ratio:.2f}). Beside the others of its folder {list}.</source>
   <translation>Sa fréquence est peut-être {best}, non {rate} (rapport {ratio:.2f}). À côté des autres de son dossier, {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>a pitch of {pitch:.0f} Hz instead of {usual:.0f} Hz</source>
   <translation>une hauteur de {pitch:.0f} Hz au lieu de {usual:.0f} Hz</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>a band that ends at {edge} instead of {usual}</source>
   <translation>une bande qui s’arrête à {edge} au lieu de {usual}</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be {best}, as others of its folder have, not {rate}: it would sound more like a voice, with {list}.</source>
   <translation>Sa fréquence est peut-être {best}, comme d’autres de son dossier, non {rate} : il ressemblerait plus à une voix, avec {list}.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>the usual spectrum</source>
   <translation>le spectre habituel</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate may be false: {letters} letters in {spoken:.1f} s of speech are {pace:.0f} a second; at {best} they would be {better:.0f}, as people speak.</source>
   <translation>Sa fréquence est peut-être fausse : {letters} lettres en {spoken:.1f} s de parole font {pace:.0f} par seconde ; à {best} ce serait {better:.0f}, comme on parle.</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>{share:+.1f} % in length, {pitch:+.2f} semitones</source>
   <translation>{share:+.1f} % en durée, {pitch:+.2f} demi-tons</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Take {true} for its true rate</source>
   <translation>Prendre {true} pour sa vraie fréquence</translation>
  </message>
  <message>
   <location filename="../core/fit/suspicion.py" />
   <source>Its rate is right</source>
   <translation>Sa fréquence est juste</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>Install it with: pip install 'kittiwake[{extra}]'.</source>
   <translation>L’installer avec : pip install 'kittiwake[{extra}]'.</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>Install it with: apt install {package}.</source>
   <translation>L’installer avec : apt install {package}.</translation>
  </message>
  <message>
   <location filename="../core/installed.py" />
   <source>The Debian package does without it: install the wheel of Kittiwake in an environment of its own, with pip install 'kittiwake[{extra}]'.</source>
   <translation>Le paquet Debian s’en passe : installer le wheel de Kittiwake dans un environnement à part, avec pip install 'kittiwake[{extra}]'.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>Its name ends in {ending}, which says {said}; {stated} was stated.</source>
   <translation>Son nom finit par {ending}, ce qui dit {said} ; {stated} a été indiqué.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>Give it by itself with --headerless {named}@{rate}, or with an ending that says nothing.</source>
   <translation>Le donner seul avec --headerless {named}@{rate}, ou avec une extension qui ne dit rien.</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>its bits come back every 10 bytes, as frames of G.729 do</source>
   <translation>ses bits reviennent tous les 10 octets, comme les trames de G.729</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>every frame of 33 bytes is marked as such ({marked})</source>
   <translation>chaque trame de 33 octets est marquée comme telle ({marked})</translation>
  </message>
  <message>
   <location filename="../core/intake/claims.py" />
   <source>all {frames} frames follow each other without a gap</source>
   <translation>les {frames} trames se suivent sans trou</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>The folder {path} cannot be looked into: {why}.</source>
   <translation>On ne peut pas regarder dans le dossier {path} : {why}.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/folder.py" />
   <source>{n:,} that were made here</source>
   <extracomment>Where there is one: {n:,} that was made here</extracomment>
   <translation>
    <numerusform>{n:,} produit ici</numerusform>
    <numerusform>{n:,} produits ici</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/folder.py" />
   <source>{n:,} that are no sound by name or content</source>
   <extracomment>Where there is one: {n:,} that is no sound by name or content</extracomment>
   <translation>
    <numerusform>{n:,} qui n’est pas du son par nom ou contenu</numerusform>
    <numerusform>{n:,} qui ne sont pas du son par nom ou contenu</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source> and {more:,} more</source>
   <translation> et {more:,} autres</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>Passed over: {list}{which}.</source>
   <translation>Passés : {list}{which}.</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>made here: an output is no source</source>
   <translation>produit ici : une sortie n’est pas une source</translation>
  </message>
  <message>
   <location filename="../core/intake/folder.py" />
   <source>no sound by name or content</source>
   <translation>pas du son, par nom ou contenu</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Its first {text:,} bytes are text, which is read as sound: a click.</source>
   <translation>Ses {text:,} premiers octets sont du texte, lu comme du son : un claquement.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State {stated}+{text}, which passes over them.</source>
   <translation>Indiquer {stated}+{text}, qui les saute.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Nothing lies behind its first {skip:,} bytes.</source>
   <translation>Il n’y a rien après ses {skip:,} premiers octets.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State fewer bytes to pass over.</source>
   <translation>Indiquer moins d’octets à sauter.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Bytes before the sound cannot be passed over in {encoding}.</source>
   <translation>Les octets avant le son ne peuvent pas être sautés en {encoding}.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Cut them off first.</source>
   <translation>Les couper d’abord.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>It cannot be read as {stated} ({error}).</source>
   <translation>Il ne se lit pas comme {stated} ({error}).</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State another format.</source>
   <translation>Indiquer un autre format.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>{size:,} bytes are not a whole number of {width}-byte frames: perhaps it is not {stated}.</source>
   <translation>{size:,} octets ne font pas un nombre entier de trames de {width} octets : ce n’est peut-être pas {stated}.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>Listen to it, and state another format if it is noise.</source>
   <translation>L’écouter, et indiquer un autre format si c’est du bruit.</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>The sound is damaged part of the way through ({error}).</source>
   <translation>Le son est abîmé en cours de route ({error}).</translation>
  </message>
  <message>
   <location filename="../core/intake/headerless.py" />
   <source>State another format, or deliver what is there.</source>
   <translation>Indiquer un autre format, ou livrer ce qui est là.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>No known kind of sound is in this file.</source>
   <translation>Aucun type de son connu dans ce fichier.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>If it comes headerless from a phone system, state its format; otherwise ask what made it.</source>
   <translation>S’il vient sans en-tête d’un système téléphonique, indiquer son format ; sinon demander ce qui l’a fait.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>It holds {count} sound streams, and no stream {number}.</source>
   <translation>Il contient {count} pistes son, et pas de piste {number}.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Choose another.</source>
   <translation>En choisir une autre.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>There is no sound in this file.</source>
   <translation>Il n’y a pas de son dans ce fichier.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for the recording itself, or remove it.</source>
   <translation>Demander l’enregistrement lui-même, ou l’ôter.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The sound in this file cannot be told apart: its rate or channels are missing.</source>
   <translation>Le son de ce fichier est indéterminable : fréquence ou canaux manquent.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for another copy.</source>
   <translation>Demander une autre copie.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>{stream_told}, {name}, {sample_rate:,} Hz</source>
   <translation>{stream_told}, {name}, {sample_rate:,} Hz</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>This is the sound of a video.</source>
   <translation>C’est le son d’une vidéo.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>It holds {count} sound streams ({detail}); stream {used} is used.</source>
   <translation>Il contient {count} pistes son ({detail}) ; la piste {used} est prise.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>State which of them to use.</source>
   <translation>Indiquer laquelle prendre.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.</source>
   <translation>Le fichier s’interrompt : son en-tête promet {promised:.2f} s, il contient {held:.2f} s.</translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>Ask for a whole copy, or deliver what is there.</source>
   <translation>Demander une copie entière, ou livrer ce qui est là.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/intake/libav.py" />
   <source>{bad} packets could not be decoded</source>
   <extracomment>Where there is one: {bad} packet could not be decoded</extracomment>
   <translation>
    <numerusform>{bad} paquet n’a pas pu être décodé</numerusform>
    <numerusform>{bad} paquets n’ont pas pu être décodés</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/intake/libav.py" />
   <source>The sound is damaged part of the way through ({why}).</source>
   <translation>Le son est abîmé en cours de route ({why}).</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>Behind {seconds:.2f} s it goes on with sound of another sample rate or kind, as of files that were joined; that is not read.</source>
   <translation>Après {seconds:.2f} s, il continue avec un son d’une autre fréquence d’échantillonnage ou d’un autre type, comme des fichiers mis bout à bout ; cela n’est pas lu.</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>Take the file apart, or ask for its parts.</source>
   <translation>Séparer le fichier, ou demander ses parties.</translation>
  </message>
  <message>
   <location filename="../core/intake/mpeg.py" />
   <source>The file breaks off in the middle of a frame; how long it should be stands nowhere in it.</source>
   <translation>Le fichier s’interrompt au milieu d’une trame ; sa longueur prévue n’est dite nulle part.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This is a text file, not sound, whatever its name says.</source>
   <translation>C’est un fichier texte, pas du son, quoi que dise son nom.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Ask for the recording itself, or remove it from the job.</source>
   <translation>Demander l’enregistrement lui-même, ou l’ôter du travail.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>There is no sound in this file that it says anything of.</source>
   <translation>Ce fichier ne dit rien d’un son qu’il contiendrait.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>State how to read it.</source>
   <translation>Indiquer comment le lire.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Its header claims {channels:,} channels, which cannot be.</source>
   <translation>Son en-tête prétend {channels:,} canaux, ce qui est impossible.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This is not an ordinary file.</source>
   <translation>Ce n’est pas un fichier ordinaire.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Give a sound file.</source>
   <translation>Donner un fichier son.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>There is no such file.</source>
   <translation>Ce fichier n’existe pas.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>It may have been moved or renamed: say where it is now.</source>
   <translation>Il a peut-être été déplacé ou renommé : dire où il est maintenant.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>You have no right to read this file.</source>
   <translation>Vous n’avez pas le droit de lire ce fichier.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Change its permissions, then look again.</source>
   <translation>Changer ses permissions, puis regarder à nouveau.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>This file cannot be opened: {reason_of}.</source>
   <translation>Ce fichier ne s’ouvre pas : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Check the disk it is on.</source>
   <translation>Vérifier le disque où il se trouve.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>The file is empty: 0 bytes.</source>
   <translation>Le fichier est vide : 0 octet.</translation>
  </message>
  <message>
   <location filename="../core/intake/reader.py" />
   <source>Copy it again from where it came, or remove it.</source>
   <translation>Le recopier d’où il vient, ou l’ôter.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>Its header says that it holds nothing; all {held:.2f} s up to the end of the file are taken.</source>
   <translation>Son en-tête dit qu’il ne contient rien ; les {held:.2f} s jusqu’à la fin du fichier sont prises.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>Listen to its end: what wrote it was probably cut off.</source>
   <translation>Écouter sa fin : ce qui l’écrivait a sans doute été interrompu.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>The file breaks off: its last page is missing or cut; {held:.2f} s are there.</source>
   <translation>Le fichier s’interrompt : sa dernière page manque ou est coupée ; {held:.2f} s sont là.</translation>
  </message>
  <message>
   <location filename="../core/intake/sndfile.py" />
   <source>The sound is damaged part of the way through.</source>
   <translation>Le son est abîmé en cours de route.</translation>
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
   <translation>Il est illisible, donc incomparable.</translation>
  </message>
  <message>
   <location filename="../core/make/compare.py" />
   <source>Comparing failed: {reason_of}. See to the disk, and compare once more.</source>
   <translation>La comparaison a échoué : {reason_of}. Voir le disque, et comparer encore.</translation>
  </message>
  <message>
   <location filename="../core/make/delivered.py" />
   <source>Another delivery is going out of {folder}</source>
   <translation>Une autre livraison part de {folder}</translation>
  </message>
  <message>
   <location filename="../core/make/delivered.py" />
   <source>Free it, and deliver again.</source>
   <translation>Le libérer, et livrer à nouveau.</translation>
  </message>
  <message>
   <location filename="../core/make/ledger.py" />
   <source>Another run is making into {folder}</source>
   <translation>Une autre exécution écrit dans {folder}</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec, which is made for voices, it is {off:.1f} dB softer than it went in.</source>
   <translation>Après le codec, qui est fait pour les voix, c’est {off:.1f} dB plus faible qu’à l’entrée.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec, which is made for voices, it is {off:.1f} dB louder than it went in.</source>
   <translation>Après le codec, qui est fait pour les voix, c’est {off:.1f} dB plus fort qu’à l’entrée.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Peaks came out at {peak}; all of it was brought down by {loss:.2f} dB.</source>
   <translation>Des crêtes sortaient à {peak} ; tout a été baissé de {loss:.2f} dB.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Decoded, its peaks would be over the ceiling; all of it was brought down by {loss:.2f} dB.</source>
   <translation>Décodées, ses crêtes dépasseraient le plafond ; tout a été baissé de {loss:.2f} dB.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Its peaks keep it {short_db:.1f} dB below the wanted level.</source>
   <translation>Ses crêtes le tiennent {short_db:.1f} dB sous le niveau voulu.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec it is {off:.1f} dB below the wanted level: that is as near as it comes.</source>
   <translation>Derrière le codec, il est {off:.1f} dB sous le niveau voulu : on ne peut pas s’en approcher davantage.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>Behind the codec it is {off:.1f} dB above the wanted level: that is as near as it comes.</source>
   <translation>Après le codec, c’est {off:.1f} dB au-dessus du niveau voulu : on ne peut pas approcher davantage.</translation>
  </message>
  <message>
   <location filename="../core/make/messages.py" />
   <source>The limiter holds its highest peak down by {limited_db:.1f} dB.</source>
   <translation>Le limiteur baisse sa plus haute crête de {limited_db:.1f} dB.</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>it holds nothing</source>
   <translation>il ne contient rien</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>read to its end</source>
   <translation>lu jusqu’au bout</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>exact length</source>
   <translation>durée exacte</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{frames:,} frames</source>
   <translation>{frames:,} échantillons</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>exact size</source>
   <translation>taille exacte</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{planned:,} B</source>
   <translation>{planned:,} B</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>no clipping added</source>
   <translation>aucun écrêtage ajouté</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>at most {source_clipped:,} samples at full scale</source>
   <translation>au plus {source_clipped:,} échantillons à pleine échelle</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{n:,}</source>
   <translation>{n:,}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>rights in the file</source>
   <translation>droits dans le fichier</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{meant} ± {within:g} dB</source>
   <translation>{meant} ± {within:g} dB</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>sounds as meant</source>
   <translation>sonne comme prévu</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>samples, by {second_reader}</source>
   <translation>échantillons, selon {second_reader}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>{name} {start:,} to {stop:,}</source>
   <translation>{name} {start:,} à {stop:,}</translation>
  </message>
  <message>
   <location filename="../core/make/proof.py" />
   <source>spans as cue points</source>
   <translation>segments comme repères</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It does not fit.</source>
   <translation>Il ne convient pas.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{name} could not be made: {reason_of}.</source>
   <translation>{name} n’a pas pu être produit : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{full} Nothing was left half-made; see to the disk and make it again.</source>
   <translation>{full} Rien n’est resté à moitié fait ; voir le disque et recommencer.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>Making {name} failed unexpectedly ({kind}: {error}). Report it with the log ({log_path}).</source>
   <translation>La production de {name} a échoué de façon inattendue ({kind} : {error}). À signaler avec le journal ({log_path}).</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source> Or: </source>
   <translation> Ou : </translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>The output would overwrite its own source.</source>
   <translation>La sortie écraserait sa propre source.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It is called “{stem}”: {receiver} does not take “{wanted}” for a name.</source>
   <translation>Elle s’appelle « {stem} » : {receiver} n’accepte pas « {wanted} » comme nom.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>{name}: {found}, wanted {expected}</source>
   <translation>{name} : {found}, voulu {expected}</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>It did not pass proof and was not delivered: {faults}.</source>
   <translation>Elle n’a pas passé la vérification et n’a pas été livrée : {faults}.</translation>
  </message>
  <message>
   <location filename="../core/make/staged.py" />
   <source>The source has changed while it was read.</source>
   <translation>La source a changé pendant la lecture.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>The ledger of {folder} cannot be read: {reason_of}.</source>
   <translation>Le registre de {folder} est illisible : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Look at what is there by that name: .kittiwake-made.jsonl.</source>
   <translation>Voir ce qui s’y trouve sous le nom .kittiwake-made.jsonl.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Nothing was made into {folder}: it has no ledger.</source>
   <translation>Rien n’a été produit dans {folder} : il n’a pas de registre.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Name an output folder.</source>
   <translation>Nommer un dossier de sortie.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>{name} is not in the ledger of its folder: it was not made here.</source>
   <translation>{name} n’est pas dans le registre de son dossier : il n’a pas été produit ici.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Name a made file.</source>
   <translation>Nommer un fichier produit.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>The ledger of {folder} could not be written: {reason_of}.</source>
   <translation>Le registre de {folder} n’a pas pu être écrit : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/make/status.py" />
   <source>Nothing was changed; see to the disk.</source>
   <translation>Rien n’a changé ; voir le disque.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>What lies below {hertz:.0f} Hz is taken away: {codec} is made for voices, and makes something else of it.</source>
   <translation>Ce qui est sous {hertz:.0f} Hz est retiré : {codec} est fait pour les voix et en fait autre chose.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>The source no longer holds what it held when it was looked at.</source>
   <translation>La source ne contient plus ce qu’elle contenait quand on l’a regardée.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>Look at it again.</source>
   <translation>La regarder à nouveau.</translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>The source has changed since it was looked at.</source>
   <translation>La source a changé depuis qu’on l’a regardée.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/make/stream.py" />
   <source>{clipped} samples would have been clipped.</source>
   <extracomment>Where there is one: {clipped} sample would have been clipped.</extracomment>
   <translation>
    <numerusform>{clipped} échantillon aurait été écrêté.</numerusform>
    <numerusform>{clipped} échantillons auraient été écrêtés.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/make/stream.py" />
   <source>Please report this.</source>
   <translation>Merci de le signaler.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>It could not be opened ({name}: {error}).</source>
   <translation>Il n’a pas pu être ouvert ({name} : {error}).</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Reading it failed: {reason_of}.</source>
   <translation>La lecture a échoué : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Check the disk it is on, then look again.</source>
   <translation>Vérifier le disque où il se trouve, puis regarder à nouveau.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Reading it failed ({error}).</source>
   <translation>La lecture a échoué ({error}).</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>There is a header but no sound.</source>
   <translation>Il y a un en-tête mais pas de son.</translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Ask for another copy, or remove it.</source>
   <translation>Demander une autre copie, ou l’ôter.</translation>
  </message>
  <message numerus="yes">
   <location filename="../core/measure/analyze.py" />
   <source>{holes:,} samples are not numbers, or beyond all measure; they are taken as silence.</source>
   <extracomment>Where there is one: {holes:,} sample is no number, or beyond all measure; it is taken as silence.</extracomment>
   <translation>
    <numerusform>{holes:,} échantillon n’est pas un nombre, ou est démesuré ; il compte comme silence.</numerusform>
    <numerusform>{holes:,} échantillons ne sont pas des nombres, ou sont démesurés ; ils comptent comme silence.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../core/measure/analyze.py" />
   <source>Ask what wrote it.</source>
   <translation>Demander ce qui l’a écrit.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> The bytes bear it out: {marks}.</source>
   <translation> Les octets le confirment : {marks}.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Files ending in {suffix} are often that.</source>
   <translation> Les fichiers en {suffix} sont souvent cela.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Text of {skip} bytes that stands before it is passed over.</source>
   <translation> Le texte de {skip} octets qui le précède est sauté.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Sounds like speech: its pauses lie {swing:.0f} dB under its words.</source>
   <translation>Ressemble à de la parole : ses pauses sont {swing:.0f} dB sous ses mots.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Sounds like something that goes on: never more than {swing:.0f} dB quieter than loud, but not hissing.</source>
   <translation>Ressemble à un son continu : jamais plus de {swing:.0f} dB sous le fort, mais sans souffle.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Hisses, though it has pauses {swing:.0f} dB under what is loud.</source>
   <translation>Souffle, bien que des pauses soient {swing:.0f} dB sous le fort.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>Noise: it hisses, and is never quiet (loud and soft differ by {swing:.0f} dB).</source>
   <translation>Bruit : ça souffle et n’est jamais calme (fort et faible diffèrent de {swing:.0f} dB).</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source> Very loud, {level:.0f} dBFS, as speech hardly is.</source>
   <translation> Très fort, {level:.0f} dBFS, comme la parole ne l’est guère.</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>surely</source>
   <translation>sûrement</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>probably</source>
   <translation>probablement</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>perhaps</source>
   <translation>peut-être</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>By its voice {word} {best} ({share:.0%})</source>
   <translation>D’après la voix {word} {best} ({share:.0%})</translation>
  </message>
  <message>
   <location filename="../core/measure/guess.py" />
   <source>, else {others}</source>
   <translation>, sinon {others}</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>; of the rate it is {rates:.0%} sure</source>
   <translation> ; la fréquence est sûre à {rates:.0%}</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>nothing that sounds like speech</source>
   <translation>rien qui ressemble à de la parole</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>by its content</source>
   <translation>d’après son contenu</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>It has no header that says what it is, and read in any known way it is {kind}.</source>
   <translation>Il n’a pas d’en-tête qui dise ce qu’il est, et lu de toute façon connue il est {kind}.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>State how to read it, or remove it.</source>
   <translation>Indiquer comment le lire, ou l’ôter.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>It has no header that says what it is. By its content it is {how} {kind} at {rate}, {seconds:.2f} s long{others}{behind}.</source>
   <translation>Il n’a pas d’en-tête qui dise ce qu’il est. D’après son contenu c’est {how} du {kind} à {rate}, long de {seconds:.2f} s{others}{behind}.</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>; it stands behind {skip:,} bytes of text, which is no sound and is passed over</source>
   <translation> ; il se trouve après {skip:,} octets de texte, qui n’est pas du son et est sauté</translation>
  </message>
  <message>
   <location filename="../core/measure/headerless.py" />
   <source>Hear it so and state how to read it: H in the window, --headerless in the terminal.</source>
   <translation>L’écouter ainsi et indiquer comment le lire : H dans la fenêtre, --headerless au terminal.</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>auto, left, right, mix, or a channel such as ch3</source>
   <translation>auto, left, right, mix, ou un canal comme ch3</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a pair of frames of which the second is the later</source>
   <translation>une paire d’échantillons dont le second est plus tard</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a touch-up</source>
   <translation>une retouche</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a clip ({name!r})</source>
   <translation>un clip ({name!r})</translation>
  </message>
  <message>
   <location filename="../core/model/clip.py" />
   <source>a frame behind {start}</source>
   <translation>une trame après {start}</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>“{which!a}” is no path.</source>
   <translation>« {which!a} » n’est pas un chemin.</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>Name a receiver, or a .toml file.</source>
   <translation>Nommer un récepteur, ou un fichier .toml.</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>Did you mean {near}? </source>
   <translation>Était-ce {near} ? </translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>There is no receiver “{which}”.</source>
   <translation>Il n’y a pas de récepteur « {which} ».</translation>
  </message>
  <message>
   <location filename="../core/model/find_receiver.py" />
   <source>{meant}Name one of {known}, or a .toml file.</source>
   <translation>{meant}Nommer l’un de {known}, ou un fichier .toml.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>The job could not be saved to {path}: {reason_of}.</source>
   <translation>Le travail n’a pas pu être enregistré dans {path} : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Choose another folder; your work is still open.</source>
   <translation>Choisir un autre dossier ; votre travail est encore ouvert.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} cannot be opened: {message}</source>
   <translation>{name} ne s’ouvre pas : {message}</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open an older copy of it.</source>
   <translation>En ouvrir une copie plus ancienne.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not as a job file should be ({kind}: {error}).</source>
   <translation>{name} n’est pas comme un fichier de travail doit être ({kind} : {error}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{path} cannot be opened: {reason_of}.</source>
   <translation>{path} ne s’ouvre pas : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Check the path and its permissions.</source>
   <translation>Vérifier le chemin et ses permissions.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>lists within lists without end</source>
   <translation>des listes dans des listes sans fin</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not a job file, or is damaged ({why}).</source>
   <translation>{name} n’est pas un fichier de travail, ou est abîmé ({why}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} is not a Kittiwake job.</source>
   <translation>{name} n’est pas un travail Kittiwake.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open a file ending in .kittiwake.</source>
   <translation>Ouvrir un fichier en .kittiwake.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>{name} was saved by a newer Kittiwake (job version {version}, this one knows {job_version}).</source>
   <translation>{name} a été enregistré par un Kittiwake plus récent (version {version}, celui-ci connaît {job_version}).</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>Open it with that version.</source>
   <translation>L’ouvrir avec cette version-là.</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a source</source>
   <translation>une source</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>one that no other clip has</source>
   <translation>un qu’aucun autre clip n’a</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a clip</source>
   <translation>un clip</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>A receiver in it</source>
   <translation>Un récepteur dedans</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>an entry of made</source>
   <translation>une entrée de made</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>the place of one of its {count} sources</source>
   <translation>la place de l’une de ses {count} sources</translation>
  </message>
  <message>
   <location filename="../core/model/job.py" />
   <source>a folder of somebody who is known here</source>
   <translation>un dossier de quelqu’un de connu ici</translation>
  </message>
  <message>
   <location filename="../core/model/job_document.py" />
   <source>In the job file</source>
   <translation>Dans le fichier du travail</translation>
  </message>
  <message>
   <location filename="../core/model/job_document.py" />
   <source>Open an older copy of the job, or mend that entry.</source>
   <translation>Ouvrir une copie plus ancienne du travail, ou corriger cette entrée.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>“{slug}” is a receiver that ships.</source>
   <translation>« {slug} » est un récepteur fourni.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>Give yours another slug.</source>
   <translation>Donner un autre identifiant au vôtre.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>{name} could not be kept in {parent}: {reason_of}.</source>
   <translation>{name} n’a pas pu être gardé dans {parent} : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/model/own_receivers.py" />
   <source>Check the folder and its permissions.</source>
   <translation>Vérifier le dossier et ses permissions.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{path} is not text.</source>
   <translation>{path} n’est pas du texte.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Receivers are TOML files in UTF-8.</source>
   <translation>Les récepteurs sont des fichiers TOML en UTF-8.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} is not valid TOML: {error}.</source>
   <translation>{where} n’est pas du TOML valide : {error}.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend that line and load it again.</source>
   <translation>Corriger cette ligne et recharger.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} holds tables within tables without end.</source>
   <translation>{where} contient des tables dans des tables sans fin.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend it and load it again.</source>
   <translation>Le corriger et le recharger.</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>{where} does not describe a receiver: {faults}{more}</source>
   <translation>{where} ne décrit pas un récepteur : {faults}{more}</translation>
  </message>
  <message>
   <location filename="../core/model/receiver_file.py" />
   <source>Mend those fields and load it again.</source>
   <translation>Corriger ces champs et recharger.</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>a day such as 2027-03-31</source>
   <translation>un jour comme 2027-03-31</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>rights</source>
   <translation>droits</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>proof: {proof}</source>
   <translation>preuve : {proof}</translation>
  </message>
  <message>
   <location filename="../core/model/rights.py" />
   <source>until {until}</source>
   <translation>jusqu’au {until}</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>a line</source>
   <translation>une ligne</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>word, how to say it, language, and whether case counts</source>
   <translation>mot, comment le dire, langue, et si la casse compte</translation>
  </message>
  <message>
   <location filename="../core/model/script.py" />
   <source>a respelling</source>
   <translation>une transcription</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>start or stop</source>
   <translation>start ou stop</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>a span</source>
   <translation>un segment</translation>
  </message>
  <message>
   <location filename="../core/model/span.py" />
   <source>a cut</source>
   <translation>une découpe</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>“{text}” does not state a headerless format.</source>
   <translation>« {text} » n’indique pas de format sans en-tête.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Write for example ulaw@8000 or pcm_s16le@16000x2.</source>
   <translation>Écrire par exemple ulaw@8000 ou pcm_s16le@16000x2.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>“{found}” is not an encoding that a headerless file can have here.</source>
   <translation>« {found} » n’est pas un codage qu’un fichier sans en-tête peut avoir ici.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Use one of {list}.</source>
   <translation>Prendre l’un de {list}.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>{encoding} is always at {only} Hz, not at {rate} Hz.</source>
   <translation>{encoding} est toujours à {only} Hz, non {rate} Hz.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Write {encoding}@{only}.</source>
   <translation>Écrire {encoding}@{only}.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>{rate} Hz with {channels} channels cannot be {encoding}.</source>
   <translation>{rate} Hz à {channels} canaux ne peut être {encoding}.</translation>
  </message>
  <message>
   <location filename="../core/model/stated.py" />
   <source>Rates go from 1000 to 768000 Hz; only linear, µ-law and A-law have more than one channel.</source>
   <translation>Les fréquences vont de 1000 à 768000 Hz ; seuls linéaire, loi µ et loi A ont plus d’un canal.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the level</source>
   <translation>le niveau</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>On top of what the receiver asks for.</source>
   <translation>En plus de ce que demande le récepteur.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the speed</source>
   <translation>la vitesse</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>8%, -5%, or 1.08 times; the pitch stays.</source>
   <translation>8%, -5%, ou 1.08 fois ; la hauteur reste.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the pitch</source>
   <translation>la hauteur</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>The length stays.</source>
   <translation>La durée reste.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fade in</source>
   <translation>le fondu d’entrée</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Over so many seconds.</source>
   <translation>Sur tant de secondes.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fade out</source>
   <translation>le fondu de sortie</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the fades</source>
   <translation>les fondus</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Gentle at both ends, or a straight line.</source>
   <translation>Doux aux deux bouts, ou une droite.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the low end</source>
   <translation>le bas du spectre</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Keep nothing below.</source>
   <translation>Ne rien garder dessous.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the limiter</source>
   <translation>le limiteur</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>What single peaks may be held down by.</source>
   <translation>De combien des crêtes isolées peuvent être retenues.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the loop</source>
   <translation>la boucle</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Blend so much of the end into the start; 0 never.</source>
   <translation>Fondre autant de la fin dans le début ; 0 jamais.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the side</source>
   <translation>le côté</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>left, right, mix, or a channel such as ch3.</source>
   <translation>left, right, mix, ou un canal comme ch3.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the DC offset</source>
   <translation>la composante continue</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Take away a DC offset.</source>
   <translation>Ôter une composante continue.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>the treatment</source>
   <translation>le traitement</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>Without the receiver's level, trimming and filters: for tones.</source>
   <translation>Sans le niveau, la coupe et les filtres du récepteur : pour les tonalités.</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>a stretch</source>
   <translation>un passage</translation>
  </message>
  <message>
   <location filename="../core/model/touch_parameters.py" />
   <source>what was added</source>
   <translation>l’ajout</translation>
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
   <translation>flux AAC</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>NIST SPHERE</source>
   <translation>NIST SPHERE</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>headerless</source>
   <translation>sans en-tête</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>8-bit PCM</source>
   <translation>PCM 8 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>16-bit PCM</source>
   <translation>PCM 16 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>24-bit PCM</source>
   <translation>PCM 24 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>32-bit PCM</source>
   <translation>PCM 32 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>32-bit float</source>
   <translation>flottant 32 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>64-bit float</source>
   <translation>flottant 64 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>AMR narrow-band</source>
   <translation>AMR bande étroite</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>AMR wide-band</source>
   <translation>AMR large bande</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>16-bit linear</source>
   <translation>linéaire 16 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>24-bit linear</source>
   <translation>linéaire 24 bits</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>OKI ADPCM</source>
   <translation>OKI ADPCM</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>G.726 at {k} kbit/s</source>
   <translation>G.726 à {k} kbit/s</translation>
  </message>
  <message>
   <location filename="../core/model/units.py" />
   <source>, low bits first</source>
   <translation>, bits faibles d’abord</translation>
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
   <translation>moins de {size} {unit}</translation>
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
   <translation>Il contient ce que ce Kittiwake ne connaît pas ({list}{more}) : c’est gardé tel quel et ne fait rien ici.</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>has an address that is neither http:// nor https://</source>
   <translation>a une adresse qui n’est ni http:// ni https://</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>did not answer within {seconds:g} s</source>
   <translation>n’a pas répondu en {seconds:g} s</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>cannot be reached ({why})</source>
   <translation>est injoignable ({why})</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>answers {status}: it sends on to “{where}”, which is not followed</source>
   <translation>répond {status} : il renvoie à « {where} », ce qui n’est pas suivi</translation>
  </message>
  <message>
   <location filename="../core/net/ask.py" />
   <source>answers more than {most:,} bytes</source>
   <translation>répond plus de {most:,} octets</translation>
  </message>
  <message>
   <location filename="../core/net/fields.py" />
   <source>A value for a header holds a line break or another character that no header can hold.</source>
   <translation>Une valeur d’en-tête contient un saut de ligne ou un autre caractère interdit.</translation>
  </message>
  <message>
   <location filename="../core/net/fields.py" />
   <source>Look at the key, and at the headers of the service.</source>
   <translation>Vérifiez la clé et les en-têtes du service.</translation>
  </message>
  <message>
   <location filename="../core/process/events.py" />
   <source>Its decoder or encoder crashed ({reason}). Ask for another copy, or convert it elsewhere first.</source>
   <translation>Son décodeur ou codeur a planté ({reason}). Demander une autre copie, ou la convertir ailleurs d’abord.</translation>
  </message>
  <message>
   <location filename="../core/process/events.py" />
   <source>It failed unexpectedly ({reason}). Make it again; if that does not help, report it with the log ({log_path}).</source>
   <translation>Échec inattendu ({reason}). Le refaire ; si cela n’aide pas, le signaler avec le journal ({log_path}).</translation>
  </message>
  <message>
   <location filename="../core/schema/annotations.py" />
   <source>a text of whole characters</source>
   <translation>un texte de caractères entiers</translation>
  </message>
  <message>
   <location filename="../core/schema/annotations.py" />
   <source>a path</source>
   <translation>un chemin</translation>
  </message>
  <message>
   <location filename="../core/schema/document.py" />
   <source>{inside}, {faults}.</source>
   <translation>{inside}, {faults}.</translation>
  </message>
  <message>
   <location filename="../core/schema/fault.py" />
   <source>{field} of {where}</source>
   <translation>{field} de {where}</translation>
  </message>
  <message>
   <location filename="../core/schema/fault.py" />
   <source>{wanted} is wanted</source>
   <translation>il faut {wanted}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{list} or {last}</source>
   <translation>{list} ou {last}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a list of {n} values</source>
   <translation>une liste de {n} valeurs</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a list</source>
   <translation>une liste</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>give at least one</source>
   <translation>en donner au moins un</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>there are {n}; at most {most} are taken</source>
   <translation>il y en a {n} ; {most} au plus sont acceptés</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a table</source>
   <translation>une table</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text</source>
   <translation>un texte</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text of at most {most} characters</source>
   <translation>un texte d’au plus {most} caractères</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a text of the pattern {pattern}</source>
   <translation>un texte de la forme {pattern}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>true or false</source>
   <translation>true ou false</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a whole number</source>
   <translation>un nombre entier</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>a number</source>
   <translation>un nombre</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{wanted}, without quotes,</source>
   <translation>{wanted}, sans guillemets,</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} over {over:g}</source>
   <translation>{kind} supérieur à {over:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind}, at most {high:g}</source>
   <translation>{kind}, au plus {high:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} from {low:g} on</source>
   <translation>{kind} à partir de {low:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/kinds.py" />
   <source>{kind} from {low:g} to {high:g}</source>
   <translation>{kind} de {low:g} à {high:g}</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>it has to be given</source>
   <translation>il doit être donné</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>there is no such field; did you mean {near}?</source>
   <translation>ce champ n’existe pas ; vouliez-vous dire {near} ?</translation>
  </message>
  <message>
   <location filename="../core/schema/table.py" />
   <source>there is no such field; there are {list}{more}</source>
   <translation>ce champ n’existe pas ; il y a {list}{more}</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>Name of the clip</source>
   <translation>Nom du clip</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>? see the log</source>
   <translation>? voir le journal</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>making {share:.0%}</source>
   <translation>en cours {share:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>waiting</source>
   <translation>attend</translation>
  </message>
  <message>
   <location filename="../ui/board/delegate.py" />
   <source>{predicted_seconds} of {within:.2f}</source>
   <translation>{predicted_seconds} sur {within:.2f}</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Part of a name or folder</source>
   <translation>Partie d’un nom ou d’un dossier</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Find clips by part of a name or folder</source>
   <translation>Trouver des clips par partie de nom ou de dossier</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>&amp;Find clips</source>
   <translation>&amp;Trouver des clips</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Show only clips in this state</source>
   <translation>Ne montrer que les clips dans cet état</translation>
  </message>
  <message>
   <location filename="../ui/board/filter_bar.py" />
   <source>Show all  Esc</source>
   <translation>Tout montrer  Esc</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/board/model.py" />
   <source>{text}, {count} warnings: {list}</source>
   <extracomment>Where there is one: {text}, {count} warning: {list}</extracomment>
   <translation>
    <numerusform>{text}, {count} avertissement : {list}</numerusform>
    <numerusform>{text}, {count} avertissements : {list}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>naming “{name}”</source>
   <translation>nommer « {name} »</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{clip} for {receiver}: {state}</source>
   <translation>{clip} pour {receiver} : {state}</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source> The line below it: {used:.0%} of the {limit} that it may have.</source>
   <translation> Le trait au-dessous : {used:.0%} des {limit} permis.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Length</source>
   <translation>Durée</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Level</source>
   <translation>Niveau</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{name}{arrow}
edited, not taken</source>
   <translation>{name}{arrow}
modifié, non pris</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Active speech level, ITU-T P.56. Click to sort.</source>
   <translation>Niveau de parole actif, UIT-T P.56. Un clic trie.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{purpose}
Click to see its rules, S sorts by it.</source>
   <translation>{purpose}
Un clic montre ses règles, S trie selon lui.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>Click to sort.</source>
   <translation>Un clic trie.</translation>
  </message>
  <message>
   <location filename="../ui/board/model.py" />
   <source>{lowest} to {highest}</source>
   <translation>{lowest} à {highest}</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>All</source>
   <translation>Tous</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>To decide</source>
   <translation>À décider</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Cannot be made</source>
   <translation>Impossibles</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Failed</source>
   <translation>Échoués</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Stale</source>
   <translation>Périmés</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Not made yet</source>
   <translation>Pas encore produits</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Made</source>
   <translation>Produits</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Not delivered</source>
   <translation>Non livrés</translation>
  </message>
  <message>
   <location filename="../ui/board/order.py" />
   <source>Older copy delivered</source>
   <translation>Copie ancienne livrée</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>Put sound on the board</source>
   <translation>Mettre du son sur le tableau</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>Made for…</source>
   <translation>Produire pour…</translation>
  </message>
  <message>
   <location filename="../ui/board/start_page.py" />
   <source>; and {more} more</source>
   <translation> ; et {more} autres</translation>
  </message>
  <message>
   <location filename="../ui/board/view.py" />
   <source>Board: clips against receivers</source>
   <translation>Tableau : clips face aux récepteurs</translation>
  </message>
  <message>
   <location filename="../ui/board/view.py" />
   <source>No clip is like that. Esc shows all again.</source>
   <translation>Aucun clip n’est ainsi. Esc les remontre tous.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Add recordings</source>
   <translation>Ajouter des enregistrements</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>or drop files and folders here. Any sound or video will do; nothing you drop is ever changed.</source>
   <translation>ou déposer ici fichiers et dossiers. Tout son ou vidéo convient ; rien de déposé n’est jamais modifié.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>one line after the other at the microphone; each is cut and checked.</source>
   <translation>une ligne après l’autre au micro ; chacune est coupée et vérifiée.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Write a script</source>
   <translation>Écrire un script</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>lines that a voice speaks at once, or that are read at the microphone, each under its name.</source>
   <translation>des lignes qu’une voix dit aussitôt, ou qu’on lit au micro, chacune sous son nom.</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>Try the demo</source>
   <translation>Essayer la démo</translation>
  </message>
  <message>
   <location filename="../ui/board/ways_to_begin.py" />
   <source>the announcements of an invented ferry company, good and broken ones.</source>
   <translation>les annonces d’une compagnie de ferries inventée, bonnes et ratées.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Cut into clips</source>
   <translation>Découper en clips</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Cut the selected recording into clips; its speech is found at once.</source>
   <translation>Découper l’enregistrement choisi en clips ; sa parole est trouvée aussitôt.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Select a recording to cut it into clips.</source>
   <translation>Choisir un enregistrement pour le découper en clips.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} cannot be read, so it cannot be cut.</source>
   <translation>{name} est illisible, donc impossible à couper.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Find the speech</source>
   <translation>Trouver la parole</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Search again with the settings as they are; names and set edges stay.</source>
   <translation>Chercher encore avec les réglages actuels ; noms et bords posés restent.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Names from a list…</source>
   <translation>Noms d’une liste…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Give the clips their names in order.</source>
   <translation>Donner leurs noms aux clips dans l’ordre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Suggest names by ear</source>
   <translation>Suggérer des noms à l’oreille</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>The speech engine listens for the lines of the list in every span; nothing is named before you take it.</source>
   <translation>La reconnaissance guette les lignes de la liste dans chaque segment ; rien n’est nommé avant que vous le preniez.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take the suggestion</source>
   <translation>Prendre la suggestion</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name the chosen span as heard, and go on.</source>
   <translation>Nommer le segment choisi comme entendu, et continuer.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take all suggestions</source>
   <translation>Prendre toutes les suggestions</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name every span as heard; the same line twice in a row is taken as two takes.</source>
   <translation>Nommer chaque segment comme entendu ; la même ligne deux fois de suite fait deux prises.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Name the span</source>
   <translation>Nommer le segment</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Type a name (Enter does it on the waveform too); Enter goes on to the next and plays it.</source>
   <translation>Taper un nom (Entrée sur la forme d’onde aussi) ; Entrée passe au suivant et le joue.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Set aside, or take back</source>
   <translation>Mettre de côté, ou reprendre</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>A flub or a cough is kept, but not delivered (Del does it too).</source>
   <translation>Un raté ou une toux reste, mais n’est pas livré (Suppr aussi).</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Start at the cursor</source>
   <translation>Début au curseur</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Move the start of the chosen span to the cursor, or to where it is heard.</source>
   <translation>Amener le début du segment choisi au curseur, ou là où on l’entend.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>End at the cursor</source>
   <translation>Fin au curseur</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Move the end of the chosen span to the cursor, or to where it is heard.</source>
   <translation>Amener la fin du segment choisi au curseur, ou là où on l’entend.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Leave out from here to here</source>
   <translation>Omettre d’ici à ici</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Press it where a cough begins and where it ends; once more inside takes it back.</source>
   <translation>Presser où une toux commence et où elle finit ; encore dedans l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Split at the cursor</source>
   <translation>Couper au curseur</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Part the span under the cursor in two.</source>
   <translation>Couper en deux le segment sous le curseur.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Join</source>
   <translation>Réunir</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Make one span of the chosen one and the next, or of all that are selected.</source>
   <translation>Faire un segment du choisi et du suivant, ou de tous les choisis.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Delete the spans</source>
   <translation>Effacer les segments</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take the selected spans away; the recording stays.</source>
   <translation>Ôter les segments choisis ; l’enregistrement reste.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>New span by its times</source>
   <translation>Nouveau segment par ses temps</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Type start, end and name of a span: 0:00 to 1:05 Welcome.</source>
   <translation>Taper début, fin et nom d’un segment : 0:00 à 1:05 Bienvenue.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Without the pauses, as one clip</source>
   <translation>Sans les pauses, en un clip</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>One clip more, from the first span to the last, without what lies between them.</source>
   <translation>Un clip de plus, du premier segment au dernier, sans l’entre-deux.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Another take of the line before</source>
   <translation>Une autre prise de la ligne précédente</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Deliver it in place of the one before; again takes that back.</source>
   <translation>La livrer à la place de la précédente ; encore l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Choose the next take</source>
   <translation>Choisir la prise suivante</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Deliver another take of this line, and hear it.</source>
   <translation>Livrer une autre prise de cette ligne, et l’écouter.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Span of the pause after</source>
   <translation>Segment de la pause d’après</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Keep what lies between this span and the next.</source>
   <translation>Garder ce qui est entre ce segment et le suivant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Level, waveform or spectrogram</source>
   <translation>Niveau, forme d’onde ou spectrogramme</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>See the sound by its level, by its shape, or by its frequencies.</source>
   <translation>Voir le son par son niveau, sa forme, ou ses fréquences.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>What the search saw</source>
   <translation>Ce que la recherche a vu</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Over the sound: its level, what it had to reach, and where a voice was heard.</source>
   <translation>Sur le son : son niveau, ce qu’il devait atteindre, et où une voix s’entendait.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Nearer</source>
   <translation>Plus près</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show less of the source, larger.</source>
   <translation>Montrer moins de la source, plus grand.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Farther</source>
   <translation>Plus loin</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show more of the source, smaller.</source>
   <translation>Montrer plus de la source, plus petit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Look at the span</source>
   <translation>Regarder le segment</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show the chosen span as large as it goes.</source>
   <translation>Montrer le segment choisi le plus grand possible.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Look at all of it</source>
   <translation>Tout regarder</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Show the whole source.</source>
   <translation>Montrer toute la source.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Try it on the demo reading</source>
   <translation>L’essayer sur la lecture de démo</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Put a reading of forty lines on the board, and cut it.</source>
   <translation>Mettre une lecture de quarante lignes sur le tableau, et la couper.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Season reading.flac</source>
   <translation>Season reading.flac</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Its list of names is {reading}; Ctrl+L takes it.</source>
   <translation>Sa liste de noms est {reading} ; Ctrl+L la prend.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Season list.csv</source>
   <translation>Season list.csv</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take spans from a file…</source>
   <translation>Prendre des segments d’un fichier…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>A table (CSV, TSV), WebVTT, or the cue points of a WAV.</source>
   <translation>Un tableau (CSV, TSV), WebVTT, ou les repères d’un WAV.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Take spans from a file</source>
   <translation>Prendre des segments d’un fichier</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Spans (*.csv *.tsv *.txt *.vtt *.wav);;All files (*)</source>
   <translation>Segments (*.csv *.tsv *.txt *.vtt *.wav);;Tous les fichiers (*)</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Add to them</source>
   <translation>Les ajouter</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Replace them</source>
   <translation>Les remplacer</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Spans from a file</source>
   <translation>Segments d’un fichier</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>There are {n} spans already.</source>
   <extracomment>Where there is one: There is {n} span already.</extracomment>
   <translation>
    <numerusform>Il y a déjà {n} segment.</numerusform>
    <numerusform>Il y a déjà {n} segments.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{key} takes either back.</source>
   <translation>{key} annule l’un ou l’autre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Write the spans…</source>
   <translation>Écrire les segments…</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>As a table (CSV, TSV), WebVTT, or a WAV with cue points.</source>
   <translation>En tableau (CSV, TSV), WebVTT, ou WAV à repères.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>CSV (*.csv);;TSV (*.tsv);;WebVTT (*.vtt);;WAV with cue points (*.wav)</source>
   <translation>CSV (*.csv);;TSV (*.tsv);;WebVTT (*.vtt);;WAV à repères (*.wav)</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Write the spans</source>
   <translation>Écrire les segments</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>.csv</source>
   <translation>.csv</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>K cuts the selected recording into clips.</source>
   <translation>K découpe l’enregistrement choisi en clips.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>taking {count} spans</source>
   <extracomment>Where there is one: taking {count} span</extracomment>
   <translation>
    <numerusform>prendre {count} segment</numerusform>
    <numerusform>prendre {count} segments</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>{count} spans taken from {name}.</source>
   <extracomment>Where there is one: {count} span taken from {name}.</extracomment>
   <translation>
    <numerusform>{count} segment pris de {name}.</numerusform>
    <numerusform>{count} segments pris de {name}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>That is the recording itself.</source>
   <translation>C’est l’enregistrement lui-même.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Choose another name.</source>
   <translation>Choisir un autre nom.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>Writing {name} …</source>
   <translation>Écriture de {name} …</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} was not written.</source>
   <translation>{name} n’a pas été écrit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/cut.py" />
   <source>{name} could not be written: {why}.</source>
   <translation>{name} n’a pas pu être écrit : {why}.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/cut.py" />
   <source>{n} spans written to {name}.</source>
   <extracomment>Where there is one: {n} span written to {name}.</extracomment>
   <translation>
    <numerusform>{n} segment écrit dans {name}.</numerusform>
    <numerusform>{n} segments écrits dans {name}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Deliver…</source>
   <translation>Livrer…</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Hand over all that was made for a receiver, in the form that it takes.</source>
   <translation>Remettre tout ce qui a été produit pour un récepteur, dans la forme qu’il accepte.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Nothing is made yet that could be handed over: M makes all that can be made.</source>
   <translation>Rien n’est encore produit à remettre : M produit tout ce qui peut l’être.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>It was stopped; what went until then is noted, and the machine goes on where it was.</source>
   <translation>C’est interrompu ; ce qui est passé est noté, et la machine reprend de là.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/deliver.py" />
   <source>Handing {count} files over …</source>
   <extracomment>Where there is one: Handing {count} file over …</extracomment>
   <translation>
    <numerusform>Remise de {count} fichier …</numerusform>
    <numerusform>Remise de {count} fichiers …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source> The {name} refuses {count}: {place}: {why}</source>
   <translation> {name} en refuse {count} : {place} : {why}</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source> The {name} takes all of them.</source>
   <translation> {name} les accepte tous.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Acceptance report…</source>
   <translation>Rapport de recette…</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Write a page about a delivery, as HTML or PDF, for whoever ordered the set.</source>
   <translation>Écrire une page sur une livraison, en HTML ou PDF, pour qui a commandé le lot.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Nothing is made yet that could be reported on.</source>
   <translation>Rien n’est encore produit dont rendre compte.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Acceptance report</source>
   <translation>Rapport de recette</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Pages (*.html);;PDF (*.pdf)</source>
   <translation>Pages (*.html);;PDF (*.pdf)</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Writing the report …</source>
   <translation>Écriture du rapport …</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>The report lies in {path}.</source>
   <translation>Le rapport est dans {path}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Copy the made files</source>
   <translation>Copier les fichiers produits</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Put the made files of the selected cells on the clipboard, as files.</source>
   <translation>Mettre les fichiers produits des cases choisies dans le presse-papiers, en fichiers.</translation>
  </message>
  <message>
   <location filename="../ui/commands/deliver.py" />
   <source>Select made cells, to copy their files.</source>
   <translation>Choisir des cases produites, pour copier leurs fichiers.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/deliver.py" />
   <source>{n} files on the clipboard.</source>
   <extracomment>Where there is one: {n} file on the clipboard.</extracomment>
   <translation>
    <numerusform>{n} fichier dans le presse-papiers.</numerusform>
    <numerusform>{n} fichiers dans le presse-papiers.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Play or pause</source>
   <translation>Jouer ou suspendre</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the selected clip or cell.</source>
   <translation>Entendre le clip ou la case choisis.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the source</source>
   <translation>Entendre la source</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the source at the same instant.</source>
   <translation>Passer à la source au même instant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear the output</source>
   <translation>Entendre la sortie</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the output at the same instant.</source>
   <translation>Passer à la sortie au même instant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Before or after</source>
   <translation>Avant ou après</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch between source and output, at the same instant.</source>
   <translation>Passer de la source à la sortie, au même instant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Hear it on the line</source>
   <translation>L’entendre sur la ligne</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Switch to the telephone line at the same instant.</source>
   <translation>Passer à la ligne téléphonique au même instant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>The line…</source>
   <translation>La ligne…</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Codec, loss, jitter, noise and level of the line that is heard.</source>
   <translation>Codec, perte, gigue, bruit et niveau de la ligne entendue.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Blind comparison…</source>
   <translation>Comparaison à l’aveugle…</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>A, B and X: whether two ways of hearing can be told apart.</source>
   <translation>A, B et X : si deux façons d’entendre se distinguent.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Select a clip or a cell that can be heard in two ways.</source>
   <translation>Choisir un clip ou une case qu’on peut entendre de deux façons.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Select a clip that can be read, to compare codecs for it.</source>
   <translation>Choisir un clip lisible, pour lui comparer des codecs.</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Back to the start</source>
   <translation>Retour au début</translation>
  </message>
  <message>
   <location filename="../ui/commands/ear.py" />
   <source>Play from the start.</source>
   <translation>Jouer depuis le début.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Undo</source>
   <translation>Annuler</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the last change of the job back.</source>
   <translation>Annuler le dernier changement du travail.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do again</source>
   <translation>Refaire</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do what was taken back.</source>
   <translation>Refaire ce qui a été annulé.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Name the clip</source>
   <translation>Nommer le clip</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Give the selected clip another name.</source>
   <translation>Donner un autre nom au clip choisi.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Remove from the board</source>
   <translation>Ôter du tableau</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the selected clips off; their files stay.</source>
   <translation>Ôter les clips choisis ; leurs fichiers restent.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>The board is folded away: {key} shows what would be removed.</source>
   <translation>Le tableau est replié : {key} montre ce qui serait retiré.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} clips are off the board; their files stay. {key} takes that back.</source>
   <extracomment>Where there is one: {n} clip is off the board; its file stays. {key} takes that back.</extracomment>
   <translation>
    <numerusform>{n} clip n’est plus sur le tableau ; son fichier reste. {key} l’annule.</numerusform>
    <numerusform>{n} clips ne sont plus sur le tableau ; leurs fichiers restent. {key} l’annule.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Not for this receiver</source>
   <translation>Pas pour ce récepteur</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave the selected clips out at the selected receivers; again, take them in.</source>
   <translation>Omettre les clips choisis chez les récepteurs choisis ; encore les reprend.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select cells of a receiver, to leave clips out there.</source>
   <translation>Choisir des cases d’un récepteur, pour y omettre des clips.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>A clip is for one receiver at least. Del takes it off the board.</source>
   <translation>Un clip est pour un récepteur au moins. Suppr l’ôte du tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>left out</source>
   <translation>omis</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>taken in</source>
   <translation>repris</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} clips {said} at {names}. {key}, or {other_key}, takes it back.</source>
   <extracomment>Where there is one: {n} clip {said} at {names}. {key}, or {other_key}, takes it back.</extracomment>
   <translation>
    <numerusform>{n} clip {said} chez {names}. {key}, ou {other_key}, l’annule.</numerusform>
    <numerusform>{n} clips {said} chez {names}. {key}, ou {other_key}, l’annule.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>State how to read it…</source>
   <translation>Indiquer comment le lire…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Say what a file without a header is, or which sound stream of a video to use; each can be heard first.</source>
   <translation>Dire ce qu’est un fichier sans en-tête, ou quelle piste d’une vidéo prendre ; chacune peut s’entendre d’abord.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select a clip that could not be read, or a video with several sound streams, to state how to read it.</source>
   <translation>Choisir un clip illisible, ou une vidéo à plusieurs pistes, pour indiquer comment le lire.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read them as they look</source>
   <translation>Les lire comme ils paraissent</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave them</source>
   <translation>Les laisser</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read them so too</source>
   <translation>Les lire ainsi aussi</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Not all are alike</source>
   <translation>Tous ne sont pas pareils</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{count} of {all} files look like something else than {stated}: {names}.</source>
   <translation>{count} fichiers sur {all} semblent autre chose que {stated} : {names}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read in a wrong form, sound is noise.</source>
   <translation>Mal lu, le son est du bruit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read it as guessed</source>
   <translation>Le lire comme deviné</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the likeliest way to read a file without a header, for it and all alike in its folder.</source>
   <translation>Prendre la lecture la plus probable d’un fichier sans en-tête, pour lui et tous ses pareils du dossier.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select a clip without a header whose content says what it may be.</source>
   <translation>Choisir un clip sans en-tête dont le contenu dit ce qu’il peut être.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{n} files read as {suggested}; {key} takes it back.</source>
   <extracomment>Where there is one: {n} file read as {suggested}; {key} takes it back.</extracomment>
   <translation>
    <numerusform>{n} fichier lu comme {suggested} ; {key} l’annule.</numerusform>
    <numerusform>{n} fichiers lus comme {suggested} ; {key} l’annule.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Read all as guessed</source>
   <translation>Tous les lire comme deviné</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the likeliest way to read every file without a header on the board, each as its own content says.</source>
   <translation>Prendre la lecture la plus probable de chaque fichier sans en-tête du tableau, selon son contenu.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>No file without a header waits here for a way to read it.</source>
   <translation>Aucun fichier sans en-tête n’attend ici.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{count} as {one}</source>
   <translation>{count} comme {one}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/edit.py" />
   <source>{count} files read as their content says: {kinds}. {key} takes it back.</source>
   <extracomment>Where there is one: {count} file read as its content says: {kinds}. {key} takes it back.</extracomment>
   <translation>
    <numerusform>{count} fichier lu selon son contenu : {kinds}. {key} l’annule.</numerusform>
    <numerusform>{count} fichiers lus selon leur contenu : {kinds}. {key} l’annule.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>State the true rate…</source>
   <translation>Indiquer la vraie fréquence…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Say at what rate the sound was really taken; no sample changes.</source>
   <translation>Dire à quelle fréquence le son a vraiment été pris ; aucun échantillon ne change.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select clips that can be read, to state their true rate.</source>
   <translation>Choisir des clips lisibles, pour indiquer leur vraie fréquence.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Touch up…</source>
   <translation>Retoucher…</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Level, speed, pitch, fades, side, rumble: of the selected clips, heard at once, never written to the source.</source>
   <translation>Niveau, vitesse, hauteur, fondus, côté, grondement : des clips choisis, entendus aussitôt, jamais écrits dans la source.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Select clips that can be read, to touch them up.</source>
   <translation>Choisir des clips lisibles, pour les retoucher.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Look again</source>
   <translation>Regarder à nouveau</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Forget what is known of the selected sources and look at them anew.</source>
   <translation>Oublier ce qu’on sait des sources choisies et les regarder à nouveau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Take the first remedy</source>
   <translation>Prendre le premier remède</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Do what is offered first for the selected cell.</source>
   <translation>Faire ce qui est proposé d’abord pour la case choisie.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source> For {taken} clips.</source>
   <translation> Pour {taken} clips.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>{done}.{many} {key} takes it back.</source>
   <translation>{done}.{many} {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>There is no remedy to take here; select a cell that asks for a decision.</source>
   <translation>Pas de remède à prendre ici ; choisir une case qui demande une décision.</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Leave it</source>
   <translation>Le laisser</translation>
  </message>
  <message>
   <location filename="../ui/commands/edit.py" />
   <source>Yours to choose</source>
   <translation>À vous de choisir</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Keys</source>
   <translation>Touches</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Every action with its key.</source>
   <translation>Chaque action avec sa touche.</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>About</source>
   <translation>À propos</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Version and licence.</source>
   <translation>Version et licence.</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>About Kittiwake</source>
   <translation>À propos de Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/commands/help.py" />
   <source>Kittiwake {version}
Puts recorded voices into the machines that must speak them.

Free software: GNU General Public License, version 3 or later.</source>
   <translation>Kittiwake {version}
Met des voix enregistrées dans les machines qui doivent les dire.

Logiciel libre : licence publique générale GNU, version 3 ou ultérieure.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add sound files…</source>
   <translation>Ajouter des fichiers son…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put sound files or videos on the board.</source>
   <translation>Mettre des fichiers son ou vidéos sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add sound files</source>
   <translation>Ajouter des fichiers son</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add a folder…</source>
   <translation>Ajouter un dossier…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put all sound in a folder on the board.</source>
   <translation>Mettre tout le son d’un dossier sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Add a folder</source>
   <translation>Ajouter un dossier</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Find moved sources…</source>
   <translation>Retrouver les sources déplacées…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Look below a folder for recordings that are not where the job says, by name and by content.</source>
   <translation>Chercher sous un dossier les enregistrements qui ne sont pas où le dit le travail, par nom et par contenu.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Every recording is where the job says.</source>
   <translation>Chaque enregistrement est où le dit le travail.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>Where {n} recordings are now</source>
   <extracomment>Where there is one: Where {n} recording is now</extracomment>
   <translation>
    <numerusform>Où est maintenant {n} enregistrement</numerusform>
    <numerusform>Où sont maintenant {n} enregistrements</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>Looking for {n} recordings in {folder} …</source>
   <extracomment>Where there is one: Looking for {n} recording in {folder} …</extracomment>
   <translation>
    <numerusform>Recherche de {n} enregistrement dans {folder} …</numerusform>
    <numerusform>Recherche de {n} enregistrements dans {folder} …</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>{n} recordings were found again.</source>
   <extracomment>Where there is one: {n} recording was found again.</extracomment>
   <translation>
    <numerusform>{n} enregistrement a été retrouvé.</numerusform>
    <numerusform>{n} enregistrements ont été retrouvés.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Of {name} there are several: choose the folder that it is in.</source>
   <translation>Il y a plusieurs {name} : choisissez le dossier où il se trouve.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>{n} are still missing, such as {name}: Find moved sources looks in another folder.</source>
   <extracomment>Where there is one: {n} is still missing, {name}: Find moved sources looks in another folder.</extracomment>
   <translation>
    <numerusform>{n} manque encore, {name} : « Retrouver les sources déplacées » cherche dans un autre dossier.</numerusform>
    <numerusform>{n} manquent encore, comme {name} : « Retrouver les sources déplacées » cherche dans un autre dossier.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open a job…</source>
   <translation>Ouvrir un travail…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open saved work.</source>
   <translation>Ouvrir un travail enregistré.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open a job</source>
   <translation>Ouvrir un travail</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Kittiwake jobs (*{extension})</source>
   <translation>Travaux Kittiwake (*{extension})</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Recent jobs…</source>
   <translation>Travaux récents…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open one of the jobs that were open last.</source>
   <translation>Ouvrir l’un des derniers travaux ouverts.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>No job has been saved or opened yet.</source>
   <translation>Aucun travail enregistré ou ouvert encore.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Quick convert…</source>
   <translation>Conversion rapide…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Convert files for one receiver in a small window, without putting them on the board.</source>
   <translation>Convertir des fichiers pour un récepteur dans une petite fenêtre, sans les poser sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Convert which files</source>
   <translation>Convertir quels fichiers</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>New job</source>
   <translation>Nouveau travail</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Begin anew, for the receivers used last.</source>
   <translation>Recommencer, pour les derniers récepteurs utilisés.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>A new job. It is made for {names}, as the last one was, until {key} chooses others.</source>
   <translation>Un nouveau travail. Il est fait pour {names}, comme le dernier, jusqu’à ce que {key} en choisisse d’autres.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>A new job. It is made for {names} until {key} chooses others.</source>
   <translation>Un nouveau travail. Il est fait pour {names}, jusqu’à ce que {key} en choisisse d’autres.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open the demo</source>
   <translation>Ouvrir la démo</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Open the announcements of an invented ferry company.</source>
   <translation>Ouvrir les annonces d’une compagnie de ferries inventée.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save the job</source>
   <translation>Enregistrer le travail</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save sources, clips, receivers and decisions.</source>
   <translation>Enregistrer sources, clips, récepteurs et décisions.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save the job as…</source>
   <translation>Enregistrer le travail sous…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save under another name.</source>
   <translation>Enregistrer sous un autre nom.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Choose where outputs go…</source>
   <translation>Choisir où vont les sorties…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Choose the folder that made files go to.</source>
   <translation>Choisir le dossier des fichiers produits.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Where outputs go</source>
   <translation>Où vont les sorties</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>choosing the output folder</source>
   <translation>choisir le dossier de sortie</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs go {text}. What was made elsewhere stays there.</source>
   <translation>Les sorties vont {text}. Ce qui a été produit ailleurs y reste.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs in one folder</source>
   <translation>Sorties dans un dossier</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Each receiver has one folder for all its outputs.</source>
   <translation>Chaque récepteur a un dossier pour toutes ses sorties.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>into one folder for each receiver</source>
   <translation>dans un dossier pour chaque récepteur</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs in mirrored folders</source>
   <translation>Sorties en dossiers miroirs</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>into the folders of their sources, mirrored</source>
   <translation>dans les dossiers de leurs sources, en miroir</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Outputs beside their sources</source>
   <translation>Sorties à côté de leurs sources</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put outputs where their sources are.</source>
   <translation>Mettre les sorties où sont leurs sources.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>beside their sources</source>
   <translation>à côté de leurs sources</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Leave</source>
   <translation>Quitter</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Close the window.</source>
   <translation>Fermer la fenêtre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Save under another name…</source>
   <translation>Enregistrer sous un autre nom…</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Replace it</source>
   <translation>Le remplacer</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Saved elsewhere meanwhile</source>
   <translation>Enregistré ailleurs entre-temps</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>{name} was saved by another window, or another program, since it was opened here.</source>
   <translation>{name} a été enregistré par une autre fenêtre ou un autre programme depuis son ouverture ici.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>What was saved there would be lost.</source>
   <translation>Ce qui y a été enregistré serait perdu.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Go on with it</source>
   <translation>Continuer avec</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Throw it away</source>
   <translation>Le jeter</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Unsaved work</source>
   <translation>Travail non enregistré</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>“{name}” was not saved when Kittiwake ended unexpectedly, {time}.</source>
   <translation>« {name} » n’était pas enregistré quand Kittiwake s’est arrêté inopinément, {time}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Go on with it? It is saved only when you save it.</source>
   <translation>Continuer avec ? Il n’est enregistré que si vous l’enregistrez.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Ask me later</source>
   <translation>Me demander plus tard</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/job.py" />
   <source>“{name}” is open as it was. The {n} clips that stood on the board before are no part of it.</source>
   <extracomment>Where there is one: “{name}” is open as it was. The {n} clip that stood on the board before is no part of it.</extracomment>
   <translation>
    <numerusform>« {name} » est ouvert tel quel. Le {n} clip qui était sur le tableau n’en fait pas partie.</numerusform>
    <numerusform>« {name} » est ouvert tel quel. Les {n} clips qui étaient sur le tableau n’en font pas partie.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Paste files</source>
   <translation>Coller des fichiers</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>Put files that were copied in a file manager, or paths that were copied as text, on the board.</source>
   <translation>Mettre sur le tableau des fichiers copiés d’un gestionnaire, ou des chemins copiés en texte.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>{paths} is not there (any more).</source>
   <translation>{paths} n’est pas (plus) là.</translation>
  </message>
  <message>
   <location filename="../ui/commands/job.py" />
   <source>There are no files on the clipboard: copy some in a file manager, or their paths as text.</source>
   <translation>Pas de fichiers dans le presse-papiers : en copier dans un gestionnaire, ou leurs chemins en texte.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make all that can be made</source>
   <translation>Produire tout ce qui peut l’être</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Everything is made as soon as it has been looked at. {key} takes that back.</source>
   <translation>Tout sera produit dès qu’examiné. {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Files of another job lie in {other}: those of this one go to {folder}.</source>
   <translation>Des fichiers d’un autre travail sont dans {other} : ceux de celui-ci vont dans {folder}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make the selection</source>
   <translation>Produire la sélection</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make only the selected cells.</source>
   <translation>Ne produire que les cases choisies.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Nothing in the selection can be made now.</source>
   <translation>Rien de la sélection ne peut être produit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Take them and make</source>
   <translation>Les prendre et produire</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make by the old rules</source>
   <translation>Produire selon les anciennes</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Look at them</source>
   <translation>Les regarder</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Rules that were not taken</source>
   <translation>Règles non prises</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>The rules of {names} were changed, and not taken.</source>
   <translation>Les règles de {names} ont été changées, et pas prises.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Made now, outputs follow the old ones.</source>
   <translation>Produites maintenant, les sorties suivent les anciennes.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>What was typed for {name} cannot be taken: {verdict}</source>
   <translation>Ce qui a été tapé pour {name} ne peut être pris : {verdict}</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>In several forms…</source>
   <translation>En plusieurs formes…</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Make the selected clips in several forms at once, such as WAV, FLAC and MP3.</source>
   <translation>Produire les clips choisis en plusieurs formes à la fois, comme WAV, FLAC et MP3.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Select a clip to make it in several forms.</source>
   <translation>Choisir un clip pour le produire en plusieurs formes.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{count} clips</source>
   <translation>{count} clips</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Pause or go on</source>
   <translation>Suspendre ou reprendre</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stand still in the middle of making, or go on.</source>
   <translation>S’arrêter au milieu de la production, ou reprendre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stop making</source>
   <translation>Cesser de produire</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Stop at once; nothing half-made stays.</source>
   <translation>Arrêter aussitôt ; rien d’à moitié fait ne reste.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Nothing will be made.</source>
   <translation>Rien ne sera produit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Outputs no longer wanted…</source>
   <translation>Sorties plus voulues…</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>List made files that belong to no clip of the job any more, to be moved to the trash.</source>
   <translation>Lister les fichiers produits qui n’appartiennent plus à aucun clip du travail, pour la corbeille.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Looking for outputs that no clip wants any more …</source>
   <translation>Recherche des sorties qu’aucun clip ne demande plus…</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Show the output folder</source>
   <translation>Montrer le dossier de sortie</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Open the folder that outputs go to.</source>
   <translation>Ouvrir le dossier où vont les sorties.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{folder} is not there yet: nothing has been made.</source>
   <translation>{folder} n’existe pas encore : rien n’a été produit.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/make.py" />
   <source>{n} files in the output folders belong to no clip of the board any more: Make, “Outputs no longer wanted…” lists them.</source>
   <extracomment>Where there is one: {n} file in the output folders belongs to no clip of the board any more: Make, “Outputs no longer wanted…” lists it.</extracomment>
   <translation>
    <numerusform>{n} fichier des dossiers de sortie n’appartient plus à aucun clip du tableau : Faire, « Sorties plus voulues… » le montre.</numerusform>
    <numerusform>{n} fichiers des dossiers de sortie n’appartiennent plus à aucun clip du tableau : Faire, « Sorties plus voulues… » les montre.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>Every output that was made here still belongs to a clip of this job.</source>
   <translation>Chaque sortie produite ici appartient encore à un clip de ce travail.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source> {count} could not be moved: is there a trash on that disk?</source>
   <translation> {count} n’ont pas pu être déplacés : y a-t-il une corbeille sur ce disque ?</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>{count} moved to the trash.{stay}</source>
   <translation>{count} mis à la corbeille.{stay}</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make: the board is empty.</source>
   <translation>Rien à produire : le tableau est vide.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make: everything is made.</source>
   <translation>Rien à produire : tout est produit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>to be decided</source>
   <translation>à décider</translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>that cannot be made</source>
   <translation>impossibles</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make without a decision: there are {detail}.</source>
   <extracomment>Where there is one: There is nothing to make without a decision: there is {detail}.</extracomment>
   <translation>
    <numerusform>Rien à produire sans décision : {detail}.</numerusform>
    <numerusform>Rien à produire sans décision : {detail}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/make.py" />
   <source>There is nothing to make.</source>
   <translation>Rien à produire.</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>The next step</source>
   <translation>L’étape suivante</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>Do what the button at the top right says: add, decide, make, hand over, hear it there.</source>
   <translation>Fait ce que dit le bouton en haut à droite : ajouter, décider, produire, remettre, écouter là-bas.</translation>
  </message>
  <message>
   <location filename="../ui/commands/next_step.py" />
   <source>Nothing waits: everything that can be made is made and handed over.</source>
   <translation>Rien n’attend : tout ce qui peut être fait est fait et remis.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Receivers on the board…</source>
   <translation>Récepteurs du tableau…</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Choose the receivers to make for.</source>
   <translation>Choisir pour quels récepteurs produire.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>A board has at least one receiver: nothing was changed.</source>
   <translation>Un tableau a au moins un récepteur : rien n’a changé.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>New receiver…</source>
   <translation>Nouveau récepteur…</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Describe a machine of your own, begun from files that it takes.</source>
   <translation>Décrire une machine à vous, à partir de fichiers qu’elle accepte.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>My receiver</source>
   <translation>Mon récepteur</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stands on the board, to be changed; it is kept for other jobs too. {key} takes it off the board.</source>
   <translation>{name} est sur le tableau, à modifier ; il est gardé pour d’autres travaux aussi. {key} l’ôte du tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Files that the machine takes</source>
   <translation>Fichiers que la machine accepte</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Like {folder}</source>
   <translation>Comme {folder}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/commands/receiver.py" />
   <source>Reading {count} files …</source>
   <extracomment>Where there is one: Reading {count} file …</extracomment>
   <translation>
    <numerusform>Lecture de {count} fichier …</numerusform>
    <numerusform>Lecture de {count} fichiers …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stays as it ships. These rules are those of “{copy}”, which is yours, and kept for other jobs too.</source>
   <translation>{name} reste comme fourni. Ces règles sont celles de « {copy} », à vous, gardé pour d’autres travaux aussi.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Hand to the stand-in</source>
   <translation>Remettre à la doublure</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Give the made file to the machine it is for.</source>
   <translation>Donner le fichier produit à la machine à qui il est destiné.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Select a made cell to hand its file to the machine it is for; M makes all that can be made.</source>
   <translation>Choisir une case produite pour remettre son fichier à la machine ; M produit tout ce qui peut l’être.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>There is no stand-in for {name} to try files on.</source>
   <translation>Pas de doublure pour {name} où essayer des fichiers.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source> {other} has one: select its cell.</source>
   <translation> {other} en a un : choisir sa cellule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Set the stand-in off</source>
   <translation>Déclencher la doublure</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Let the machine play what it holds.</source>
   <translation>Faire jouer à la machine ce qu’elle a.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>No receiver of the board has a stand-in to try files on.</source>
   <translation>Aucun récepteur du tableau n’a de doublure où essayer.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>The {name} holds nothing: hand it a made file first.</source>
   <translation>{name} n’a rien : lui remettre d’abord un fichier produit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Show the receiver</source>
   <translation>Montrer le récepteur</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Show the rules of the selected cell's receiver.</source>
   <translation>Montrer les règles du récepteur de la case choisie.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} stands on the board, to be changed; {key} takes it back.</source>
   <translation>{name} est sur le tableau, à modifier ; {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Export the receiver</source>
   <translation>Exporter le récepteur</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Receivers (*.toml)</source>
   <translation>Récepteurs (*.toml)</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>{name} could not be written: {reason_of}.</source>
   <translation>{name} n’a pas pu être écrit : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/commands/receiver.py" />
   <source>Exported {name}; it can be given to --for, and put on any board.</source>
   <translation>{name} exporté ; il peut se donner à --for, et se mettre sur tout tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record…</source>
   <translation>Prise de son…</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record a line at the microphone; it becomes a clip.</source>
   <translation>Prendre une ligne au micro ; elle devient un clip.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>A take goes on. It ends by itself when you are silent; Stop ends it now.</source>
   <translation>Une prise est en cours. Elle s’arrête seule quand vous vous taisez ; Arrêter la finit maintenant.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Lines to read…</source>
   <translation>Lignes à lire…</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Record against a list: each line is shown, recorded and checked.</source>
   <translation>Prises selon une liste : chaque ligne est montrée, prise et vérifiée.</translation>
  </message>
  <message>
   <location filename="../ui/commands/record.py" />
   <source>Count-in</source>
   <translation>Décompte</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Script…</source>
   <translation>Script…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Lines that are read, or spoken by a voice of this machine.</source>
   <translation>Des lignes qu’on lit, ou que dit une voix de cette machine.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Speak all lines</source>
   <translation>Dire toutes les lignes</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Speak every line of the script that has changed, and put them on the board.</source>
   <translation>Dire chaque ligne du script qui a changé, et la mettre sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Read a script…</source>
   <translation>Lire un script…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Take lines of a table: CSV, TSV, or a spreadsheet.</source>
   <translation>Prendre les lignes d’un tableau : CSV, TSV, ou tableur.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Read a script</source>
   <translation>Lire un script</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Tables (*.csv *.tsv *.txt *.xlsx *.ods);;All files (*)</source>
   <translation>Tableaux (*.csv *.tsv *.txt *.xlsx *.ods);;Tous les fichiers (*)</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the script…</source>
   <translation>Écrire le script…</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the lines as a CSV table.</source>
   <translation>Écrire les lignes en tableau CSV.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>There are no lines yet: {key} is where they are written.</source>
   <translation>Pas encore de lignes : {key} est où on les écrit.</translation>
  </message>
  <message>
   <location filename="../ui/commands/script.py" />
   <source>Write the script</source>
   <translation>Écrire le script</translation>
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
    <numerusform>{count} ligne écrite dans {name}.</numerusform>
    <numerusform>{count} lignes écrites dans {name}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/commands/settings.py" />
   <source>Settings…</source>
   <translation>Réglages…</translation>
  </message>
  <message>
   <location filename="../ui/commands/settings.py" />
   <source>Where outputs go, colours, text size, keys and all else that can be set.</source>
   <translation>Où vont les sorties, couleurs, taille du texte, touches et tout le reste.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Light or dark</source>
   <translation>Clair ou sombre</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Switch between light and dark.</source>
   <translation>Passer du clair au sombre.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Levels of the set</source>
   <translation>Niveaux du lot</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>One table of all levels, to be sorted.</source>
   <translation>Un tableau de tous les niveaux, à trier.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Find clips…</source>
   <translation>Trouver des clips…</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Show only clips with a name, or in a state.</source>
   <translation>Ne montrer que les clips d’un nom, ou dans un état.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Sort by this column</source>
   <translation>Trier par cette colonne</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Sort the board by the column where the keyboard is: rising, falling, then as in the job.</source>
   <translation>Trier le tableau par la colonne où est le clavier : croissant, décroissant, puis comme dans le travail.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the board</source>
   <translation>Aller au tableau</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Put the keyboard on the board.</source>
   <translation>Mettre le clavier sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Back to the board</source>
   <translation>Retour au tableau</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Leave the place that is open; what goes on there goes on.</source>
   <translation>Quitte le lieu ouvert ; ce qui y est en cours continue.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the bench</source>
   <translation>Aller à l’établi</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Put the keyboard on the bench.</source>
   <translation>Mettre le clavier sur l’établi.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>The whole board</source>
   <translation>Tout le tableau</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Give all of the window to the board, or part it again.</source>
   <translation>Donner toute la fenêtre au tableau, ou la repartager.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>The board has all of the window; {key} parts it again.</source>
   <translation>Le tableau a toute la fenêtre ; {key} la repartage.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Next to decide</source>
   <translation>Suivant à décider</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the next cell that waits for a decision.</source>
   <translation>Aller à la prochaine case qui attend une décision.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Next that cannot be made</source>
   <translation>Suivant impossible</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Go to the next cell that cannot be made.</source>
   <translation>Aller à la prochaine case qui ne peut être produite.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Nothing waits for a decision.</source>
   <translation>Rien n’attend de décision.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Nothing is there that cannot be made.</source>
   <translation>Il n’y a rien d’impossible.</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Find a command…</source>
   <translation>Trouver une commande…</translation>
  </message>
  <message>
   <location filename="../ui/commands/view.py" />
   <source>Type part of a command's name.</source>
   <translation>Taper une partie du nom d’une commande.</translation>
  </message>
  <message>
   <location filename="../ui/commands/watch.py" />
   <source>Watched folders…</source>
   <translation>Dossiers surveillés…</translation>
  </message>
  <message>
   <location filename="../ui/commands/watch.py" />
   <source>Make whatever arrives in certain folders, while the window is open.</source>
   <translation>Produire ce qui arrive dans certains dossiers, tant que la fenêtre est ouverte.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/ask.py" />
   <source>Replace the file?</source>
   <translation>Remplacer le fichier ?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/ask.py" />
   <source>{name} is there already. Replace it?</source>
   <translation>{name} existe déjà. Le remplacer ?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>no list</source>
   <translation>pas de liste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>list as JSON lines</source>
   <translation>liste en JSON Lines</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>list as CSV</source>
   <translation>liste en CSV</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>both lists</source>
   <translation>les deux listes</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver to {name}</source>
   <translation>Livrer à {name}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>What goes out</source>
   <translation>Ce qui part</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>File</source>
   <translation>Fichier</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Now</source>
   <translation>Maintenant</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Size</source>
   <translation>Taille</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Not made, and not in it: {list}.</source>
   <translation>Pas produits, et pas dedans : {list}.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver</source>
   <translation>Livrer</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Folder that it goes to</source>
   <translation>Dossier où cela va</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>&amp;Into</source>
   <translation>&amp;Vers</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>&amp;As</source>
   <translation>&amp;Comme</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Try all of it on the stand-in {name} first</source>
   <translation>Tout essayer d’abord sur la doublure : {name}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Delete there what is wanted no more</source>
   <translation>Y effacer ce qui n’est plus voulu</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>as slowly as its link is</source>
   <translation>aussi lentement que sa liaison</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>as slowly as its link is: {seconds}</source>
   <translation>aussi lentement que sa liaison : {seconds}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Where it goes</source>
   <translation>Où cela va</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>It has to go somewhere.</source>
   <translation>Cela doit aller quelque part.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Name a folder.</source>
   <translation>Nommer un dossier.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>{n} files, {bytes}: {words}.</source>
   <extracomment>Where there is one: {n} file, {bytes}: {words}.</extracomment>
   <translation>
    <numerusform>{n} fichier, {bytes} : {words}.</numerusform>
    <numerusform>{n} fichiers, {bytes} : {words}.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>Deliver {n} files</source>
   <extracomment>Where there is one: Deliver {n} file</extracomment>
   <translation>
    <numerusform>Livrer {n} fichier</numerusform>
    <numerusform>Livrer {n} fichiers</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/deliver_dialog.py" />
   <source>there, and no more in the set</source>
   <translation>là-bas, et plus dans le lot</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>16 bits: opens everywhere</source>
   <translation>16 bits : s’ouvre partout</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>the same samples, smaller</source>
   <translation>les mêmes échantillons, plus petit</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>plays everywhere</source>
   <translation>se joue partout</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>AAC, for phones and tablets</source>
   <translation>AAC, pour téléphones et tablettes</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Ogg Vorbis</source>
   <translation>Ogg Vorbis</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>for the open web</source>
   <translation>pour le web ouvert</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>smallest for speech</source>
   <translation>le plus petit pour la parole</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>the source's own rate</source>
   <translation>la fréquence de la source</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>channels as in the source</source>
   <translation>canaux comme la source</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>usual bit rate</source>
   <translation>débit habituel</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>{kilo} kbit/s</source>
   <translation>{kilo} kbit/s</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>In several forms</source>
   <translation>En plusieurs formes</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>{clips}, in the forms that are ticked. Nothing else on the board is made.</source>
   <translation>{clips}, dans les formes cochées. Rien d’autre du tableau n’est produit.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>others by name: wav/ulaw, aiff, amr …</source>
   <translation>d’autres par nom : wav/ulaw, aiff, amr …</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Other forms, by name</source>
   <translation>D’autres formes, par nom</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Channels</source>
   <translation>Canaux</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Bit rate of MP3 and M4A</source>
   <translation>Débit de MP3 et M4A</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Cancel  Esc</source>
   <translation>Annuler  Esc</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Make {n} forms  Enter</source>
   <extracomment>Where there is one: Make {n} form  Enter</extracomment>
   <translation>
    <numerusform>Produire {n} forme  Entrée</numerusform>
    <numerusform>Produire {n} formes  Entrée</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/forms_dialog.py" />
   <source>Tick a form</source>
   <translation>Cocher une forme</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{name} holds several sound streams. Choose the one to use; hear it first.</source>
   <translation>{name} contient plusieurs pistes. Choisir celle à prendre ; l’écouter d’abord.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{name} has no header that says what it is. These are guesses, the likeliest first. Hear one before you take it: a wrong one is noise, so it is played quietly.</source>
   <translation>{name} n’a pas d’en-tête qui dise ce qu’il est. Voici des suppositions, la plus probable d’abord. En écouter une avant de la prendre : une fausse est du bruit, jouée bas.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Choose a sound stream</source>
   <translation>Choisir une piste son</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>State a headerless format</source>
   <translation>Indiquer un format sans en-tête</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Guesses</source>
   <translation>Suppositions</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Trying what it could be …</source>
   <translation>Essai de ce que cela peut être …</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Hear it so</source>
   <translation>L’entendre ainsi</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Also for {n} other files in its folder that cannot be read</source>
   <extracomment>Where there is one: Also for {n} other file in its folder that cannot be read</extracomment>
   <translation>
    <numerusform>Aussi pour {n} autre fichier illisible de son dossier</numerusform>
    <numerusform>Aussi pour {n} autres fichiers illisibles de son dossier</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>hardly</source>
   <translation>guère</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>{sure:.0%} sure</source>
   <translation>sûr à {sure:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>, {channels} channels</source>
   <translation>, {channels} canaux</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/headerless_dialog.py" />
   <source>Nothing that is known here fits it.</source>
   <translation>Rien de connu ici n’y convient.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Names from a list</source>
   <translation>Noms d’une liste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Paste the lines in the order they were read: a name each, or a table with the columns name and text. Clips take their names in order; correct one, and the rest follows from there.</source>
   <translation>Coller les lignes dans l’ordre de lecture : un nom chacune, ou un tableau aux colonnes name et text. Les clips prennent leurs noms dans l’ordre ; en corriger un, et la suite en découle.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Lines, in the order they were read</source>
   <translation>Lignes, dans l’ordre de lecture</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Open a file…</source>
   <translation>Ouvrir un fichier…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Open a list</source>
   <translation>Ouvrir une liste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>Lists (*.csv *.tsv *.txt);;All files (*)</source>
   <translation>Listes (*.csv *.tsv *.txt);;Tous les fichiers (*)</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{name} cannot be read as text in UTF-8.</source>
   <translation>{name} ne se lit pas comme du texte UTF-8.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} clips are left over</source>
   <extracomment>Where there is one: {n} clip is left over</extracomment>
   <translation>
    <numerusform>il reste {n} clip</numerusform>
    <numerusform>il reste {n} clips</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} lines are left over</source>
   <extracomment>Where there is one: {n} line is left over</extracomment>
   <translation>
    <numerusform>il reste {n} ligne</numerusform>
    <numerusform>il reste {n} lignes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>there are {n} clips</source>
   <extracomment>Where there is one: there is {n} clip</extracomment>
   <translation>
    <numerusform>il y a {n} clip</numerusform>
    <numerusform>il y a {n} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>; {there}, so {left}</source>
   <translation> ; {there}, donc {left}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/list_dialog.py" />
   <source>{n} lines{more}</source>
   <extracomment>Where there is one: {n} line{more}</extracomment>
   <translation>
    <numerusform>{n} ligne{more}</numerusform>
    <numerusform>{n} lignes{more}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Find a command</source>
   <translation>Trouver une commande</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Part of a command's name</source>
   <translation>Partie du nom d’une commande</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/palette.py" />
   <source>Every action with its keys</source>
   <translation>Chaque action avec ses touches</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>As its header says: {seconds}, nothing changes.</source>
   <translation>Comme le dit son en-tête : {seconds}, rien ne change.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>{before} becomes {after}: {ratio:.2f} % {longer}, {semitones:.2f} semitones {pitch}. No sample changes; it is converted from this rate afterwards.</source>
   <translation>{before} devient {after} : {ratio:.2f} % {longer}, {semitones:.2f} demi-tons {pitch}. Aucun échantillon ne change ; la conversion part ensuite de cette fréquence.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>State the true rate</source>
   <translation>Indiquer la vraie fréquence</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>This clip</source>
   <translation>Ce clip</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>{many}: the header says {stamped}. At what rate was it really taken?</source>
   <translation>{many} : l’en-tête dit {stamped}. À quelle fréquence cela a-t-il vraiment été pris ?</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>Hz</source>
   <translation>Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>True rate in Hz</source>
   <translation>Vraie fréquence en Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/rate_dialog.py" />
   <source>Rates go from 1000 to 768000 Hz.</source>
   <translation>Les fréquences vont de 1000 à 768000 Hz.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Receivers on the board</source>
   <translation>Récepteurs du tableau</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Part of a name, or what you need: mp3 192k stereo · wav 44.1k mono -20 lufs · ulaw 8k &lt; 56 kB &lt; 3 s</source>
   <translation>Partie d’un nom, ou ce qu’il vous faut : mp3 192k stereo · wav 44.1k mono -20 lufs · ulaw 8k &lt; 56 kB &lt; 3 s</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Find a receiver</source>
   <translation>Trouver un récepteur</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Receivers</source>
   <translation>Récepteurs</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>A new one:</source>
   <translation>Un nouveau :</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From nothing  Ctrl+N</source>
   <translation>À partir de rien  Ctrl+N</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Like this one  Ctrl+L</source>
   <translation>Comme celui-ci  Ctrl+L</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From files it takes…  Ctrl+O</source>
   <translation>De fichiers qu’il accepte…  Ctrl+O</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>From a TOML file…</source>
   <translation>D’un fichier TOML…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Tick it  Ctrl+Space</source>
   <translation>Le cocher  Ctrl+Espace</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>{error} It is left out.</source>
   <translation>{error} Il est laissé de côté.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>As you typed it</source>
   <translation>Comme tapé</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>All of these</source>
   <translation>Tous ceux-ci</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>new, and kept for other jobs</source>
   <translation>nouveau, et gardé pour d’autres travaux</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>on the board together</source>
   <translation>ensemble sur le tableau</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Only {name}  {key}</source>
   <translation>Seulement {name}  {key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>Only this one</source>
   <translation>Seulement celui-ci</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>The {ticked} ticked{key}</source>
   <translation>Les {ticked} cochés{key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>The one ticked{key}</source>
   <translation>Celui coché{key}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>A receiver</source>
   <translation>Un récepteur</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/receiver_chooser.py" />
   <source>There is a receiver “{slug}” already: give it another slug.</source>
   <translation>Il y a déjà un récepteur « {slug} » : lui donner un autre identifiant.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>Recent jobs</source>
   <translation>Travaux récents</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>{stem}
{parent}, saved {when}</source>
   <translation>{stem}
{parent}, enregistré le {when}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/recent_dialog.py" />
   <source>Enter opens the job.</source>
   <translation>Entrée ouvre le travail.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>Find and replace</source>
   <translation>Chercher et remplacer</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>What is looked for</source>
   <translation>Ce qui est cherché</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>What is put in its place</source>
   <translation>Ce qui le remplace</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>In names, too</source>
   <translation>Dans les noms aussi</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>&amp;Find</source>
   <translation>&amp;Chercher</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>&amp;Put</source>
   <translation>&amp;Mettre</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/replace_dialog.py" />
   <source>Replace all</source>
   <translation>Tout remplacer</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>Respellings</source>
   <translation>Transcriptions</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>A line each: the word, =, and how it is to be said. Whole words, in any case; == only as written. A language behind @ limits it: St = Saint @en. # is a number, #. its digits one by one: Berth # = Berth #. Phonemes stand in [[ ]].</source>
   <translation>Une ligne chacune : le mot, =, et comment le dire. Mots entiers, casse libre ; == seulement tel qu’écrit. Une langue après @ limite : St = Saint @en. # est un nombre, #. ses chiffres un à un : Berth # = Berth #. Les phonèmes sont entre [[ ]].</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>In this &amp;job</source>
   <translation>Dans ce &amp;travail</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>In &amp;all my jobs; a job keeps those that act in it</source>
   <translation>Dans t&amp;ous mes travaux ; un travail garde celles qui y agissent</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/respelling_dialog.py" />
   <source>{title}: respellings, one a line</source>
   <translation>{title} : transcriptions, une par ligne</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>, little endian</source>
   <translation>, petit-boutiste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>, high bits first</source>
   <translation>, bits forts d’abord</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Stream</source>
   <translation>Piste</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Sound stream</source>
   <translation>Piste son</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Encoding</source>
   <translation>Codage</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Sample rate in Hz</source>
   <translation>Fréquence d’échantillonnage en Hz</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source> bytes</source>
   <translation> octets</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Bytes passed over before the sound</source>
   <translation>Octets sautés avant le son</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>What stands before the sound and is no sound, such as a line of text.</source>
   <translation>Ce qui précède le son et n’en est pas, comme une ligne de texte.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Passed over</source>
   <translation>Sauté</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>“{currenttext}” is no sample rate.</source>
   <translation>« {currenttext} » n’est pas une fréquence.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/stated_form.py" />
   <source>Write for example 8 kHz or 11025.</source>
   <translation>Écrire par exemple 8 kHz ou 11025.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>Touch up</source>
   <translation>Retoucher</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source> They differ; only what you change here is changed in all of them.</source>
   <translation> Ils diffèrent ; seul ce que vous changez ici change dans tous.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>{many}: nothing is written to the recordings.{more}</source>
   <translation>{many} : rien n’est écrit dans les enregistrements.{more}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/touch_dialog.py" />
   <source>Take all of it back</source>
   <translation>Tout annuler</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Outputs no longer wanted</source>
   <translation>Sorties plus voulues</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>{n} files made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.</source>
   <extracomment>Where there is one: {n} file made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.</extracomment>
   <translation>
    <numerusform>{n} fichier produit ici n’appartient plus à aucun clip de ce travail. Décocher ce qui doit rester ; les autres vont à la corbeille, d’où on peut les reprendre.</numerusform>
    <numerusform>{n} fichiers produits ici n’appartiennent plus à aucun clip de ce travail. Décocher ce qui doit rester ; les autres vont à la corbeille, d’où on peut les reprendre.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>{name}, {bytes}, made of {source}</source>
   <translation>{name}, {bytes}, produit de {source}</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Move to the trash</source>
   <translation>À la corbeille</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/unwanted_dialog.py" />
   <source>Move {count} to the trash</source>
   <translation>{count} à la corbeille</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watched folders</source>
   <translation>Dossiers surveillés</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>What arrives whole in one of these folders is made for its receivers, while this window is open, or by “kittiwake watch” without one.</source>
   <translation>Ce qui arrive en entier dans l’un de ces dossiers est produit pour ses récepteurs, tant que cette fenêtre est ouverte, ou sans elle par « kittiwake watch ».</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Folder</source>
   <translation>Dossier</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>For</source>
   <translation>Pour</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Outputs go to</source>
   <translation>Les sorties vont dans</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>What came last</source>
   <translation>Dernière arrivée</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>nothing yet</source>
   <translation>rien encore</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watch a folder…</source>
   <translation>Surveiller un dossier…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>For…  Enter</source>
   <translation>Pour…  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Outputs go to…</source>
   <translation>Sorties dans…</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>No longer  Del</source>
   <translation>Plus  Suppr</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Close</source>
   <translation>Fermer</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Watch a folder</source>
   <translation>Surveiller un dossier</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>{name} is watched already.</source>
   <translation>{name} est déjà surveillé.</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Receivers of the folder</source>
   <translation>Récepteurs du dossier</translation>
  </message>
  <message>
   <location filename="../ui/dialogs/watch_dialog.py" />
   <source>Receivers; the space bar ticks one</source>
   <translation>Récepteurs ; Espace en coche un</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>the source</source>
   <translation>la source</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>the output</source>
   <translation>la sortie</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>on the line</source>
   <translation>sur la ligne</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Blind comparison</source>
   <translation>Comparaison à l’aveugle</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>A is</source>
   <translation>A est</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>B is</source>
   <translation>B est</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Hear {which}  {which}</source>
   <translation>Entendre {which}  {which}</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>X is A  ←</source>
   <translation>X est A  ←</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>X is B  →</source>
   <translation>X est B  →</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Once more</source>
   <translation>Encore</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Choose two different ways to hear it.</source>
   <translation>Choisir deux façons différentes de l’entendre.</translation>
  </message>
  <message>
   <location filename="../ui/ear/blind_dialog.py" />
   <source>Round {count} of {rounds}: X is A or B. Hear each as often as you like.</source>
   <translation>Tour {count} sur {rounds} : X est A ou B. Écoutez chacun autant que voulu.</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>The line</source>
   <translation>La ligne</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>How a caller hears it: 300 to 3400 Hz, and what is set here. 3 switches to it.</source>
   <translation>Comme un appelant l’entend : 300 à 3400 Hz, et ce qui est réglé ici. 3 y passe.</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>nothing else</source>
   <translation>rien d’autre</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>packets</source>
   <translation>paquets</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Coded by</source>
   <translation>&amp;Codé par</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;then by</source>
   <translation>&amp;puis par</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>Packets &amp;lost</source>
   <translation>Paquets per&amp;dus</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>lost &amp;together</source>
   <translation>perdus &amp;ensemble</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Jitter</source>
   <translation>&amp;Gigue</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Buffer</source>
   <translation>&amp;Tampon</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>&amp;Noise</source>
   <translation>&amp;Bruit</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>Le&amp;vel</source>
   <translation>Ni&amp;veau</translation>
  </message>
  <message>
   <location filename="../ui/ear/line_dialog.py" />
   <source>A plain line</source>
   <translation>Une ligne simple</translation>
  </message>
  <message>
   <location filename="../ui/ear/names.py" />
   <source>Listening failed</source>
   <translation>L’écoute a échoué</translation>
  </message>
  <message>
   <location filename="../ui/ear/names.py" />
   <source>The speech engine crashed ({reason}).</source>
   <translation>La reconnaissance vocale a planté ({reason}).</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{name} cannot be read, so it cannot be heard.</source>
   <translation>{name} est illisible, donc inaudible.</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{clip} as {codec}</source>
   <translation>{clip} en {codec}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>quiet</source>
   <translation>bas</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>{name} as {stated}</source>
   <translation>{name} comme {stated}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>It cannot be heard: {error}</source>
   <translation>On ne peut l’entendre : {error}</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>Select a clip or a cell to hear it.</source>
   <translation>Choisir un clip ou une case pour l’entendre.</translation>
  </message>
  <message>
   <location filename="../ui/ear/player.py" />
   <source>There is no output to hear: select a cell of the board.</source>
   <translation>Pas de sortie à entendre : choisir une case du tableau.</translation>
  </message>
  <message>
   <location filename="../ui/ear/speaker.py" />
   <source>No sound device: a silent stand-in loudspeaker keeps time</source>
   <translation>Pas de périphérique son : un haut-parleur muet tient le temps</translation>
  </message>
  <message>
   <location filename="../ui/ear/stated.py" />
   <source>It cannot be heard so: {error}</source>
   <translation>On ne peut l’entendre ainsi : {error}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Source</source>
   <translation>Source</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Output</source>
   <translation>Sortie</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>On the line</source>
   <translation>Sur la ligne</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Play  Space</source>
   <translation>Jouer  Espace</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Hear: {text}</source>
   <translation>Entendre : {text}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Line…</source>
   <translation>Ligne…</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>What the line is like that it is heard on</source>
   <translation>Comment est la ligne où on l’entend</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Pause  Space</source>
   <translation>Suspendre  Espace</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>The line: {words}</source>
   <translation>La ligne : {words}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>No sound device: silent stand-in keeps time</source>
   <translation>Pas de périphérique son : une doublure muette tient le temps</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>{seconds:.2f} / {total}</source>
   <translation>{seconds:.2f} / {total}</translation>
  </message>
  <message>
   <location filename="../ui/ear/strip.py" />
   <source>Place in the sound</source>
   <translation>Place dans le son</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>SOURCE AND OUTPUT</source>
   <translation>SOURCE ET SORTIE</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>THEIR SPECTRA</source>
   <translation>LEURS SPECTRES</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>PATH</source>
   <translation>CHEMIN</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Path from source to output</source>
   <translation>Chemin de la source à la sortie</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>PROOF</source>
   <translation>VÉRIFICATION</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Make this one  ⇧M</source>
   <translation>Produire celle-ci  ⇧M</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Proof of the output</source>
   <translation>Vérification de la sortie</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Looking at it …</source>
   <translation>Examen en cours …</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Hand to the {name}  B</source>
   <translation>Remettre à : {name}  B</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>There is no sound to show.</source>
   <translation>Il n’y a pas de son à montrer.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Source, {rate}</source>
   <translation>Source, {rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Output, {sample_rate}</source>
   <translation>Sortie, {sample_rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>its output is not made yet</source>
   <translation>la sortie n’est pas encore produite</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p style="color:{stale}"&gt;Something else has altered the file since it was made. It stays; made again, the output gets another name beside it.&lt;/p&gt;</source>
   <translation>&lt;p style="color:{stale}"&gt;Autre chose a modifié le fichier depuis sa production. Il reste ; reproduite, la sortie aura un autre nom à côté.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p style="color:{stale}"&gt;The file that was made is out of date: the clip, the source or the rules have changed since. Make it again.&lt;/p&gt;</source>
   <translation>&lt;p style="color:{stale}"&gt;Le fichier produit est périmé : le clip, la source ou les règles ont changé depuis. Le produire à nouveau.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>This copy was delivered.</source>
   <translation>Cette copie a été livrée.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>An older copy of it was delivered: deliver again (⇧B).</source>
   <translation>Une copie plus ancienne a été livrée : livrer à nouveau (⇧B).</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p&gt;Level changed by {gain_db:+.1f} dB, as measured.&lt;/p&gt;</source>
   <translation>&lt;p&gt;Niveau changé de {gain_db:+.1f} dB, selon mesure.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;p {soft}&gt;It passed proof when it was made; proof is run again when you make it again.&lt;/p&gt;</source>
   <translation>&lt;p {soft}&gt;Elle a passé la vérification à sa production ; elle est refaite à chaque production.&lt;/p&gt;</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Nothing can be made of it.</source>
   <translation>On ne peut rien en produire.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>The clip is not meant for this receiver. {key} takes it in.</source>
   <translation>Le clip n’est pas pour ce récepteur. {key} le reprend.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>It is read back and checked as soon as it is made.</source>
   <translation>Elle est relue et vérifiée dès sa production.</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>Decide first, on the left. {text}</source>
   <translation>Décider d’abord, à gauche. {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cell/page.py" />
   <source>&lt;br&gt;wanted {expected}</source>
   <translation>&lt;br&gt;voulu {expected}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>both the same</source>
   <translation>les deux pareils</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>one is the other upside down</source>
   <translation>l’un est l’autre inversé</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>only the left holds sound</source>
   <translation>seul le gauche porte du son</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>only the right holds sound</source>
   <translation>seul le droit porte du son</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>the same sound, best on the left</source>
   <translation>le même son, mieux à gauche</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>the same sound, best on the right</source>
   <translation>le même son, mieux à droite</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>they differ</source>
   <translation>ils diffèrent</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Facts and findings of the clip</source>
   <translation>Données et constats du clip</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>WAVEFORM</source>
   <translation>FORME D’ONDE</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>SPECTRUM</source>
   <translation>SPECTRE</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{start} to {stop} of the source</source>
   <translation>{start} à {stop} de la source</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{part}, {stop}. K cuts it otherwise.</source>
   <translation>{part}, {stop}. K coupe autrement.</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Source, sound up to {format_bandwidth}</source>
   <translation>Source, son jusqu’à {format_bandwidth}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>From a few places</source>
   <translation>De quelques endroits</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Read so far</source>
   <translation>Lu jusqu’ici</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Looking at it, {share:.0%} …</source>
   <translation>Examen, {share:.0%} …</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>, the right {side_lag:.2f} ms {later}</source>
   <translation>, le droit {side_lag:.2f} ms {later}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to 300 Hz</source>
   <translation>jusqu’à 300 Hz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to 1 kHz</source>
   <translation>jusqu’à 1 kHz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>to {khz} kHz</source>
   <translation>jusqu’à {khz} kHz</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>above</source>
   <translation>au-dessus</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{one:+.2f} {name}</source>
   <translation>{one:+.2f} {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>; alike {bands}</source>
   <translation> ; ressemblance {bands}</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{true_rate}, as you stated (its header says {stamped})</source>
   <translation>{true_rate}, comme indiqué (son en-tête dit {stamped})</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Kind</source>
   <translation>Type</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Rate, channels</source>
   <translation>Fréquence, canaux</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{seconds}, {frames:,} frames</source>
   <translation>{seconds}, {frames:,} échantillons</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Speech level</source>
   <translation>Niveau de parole</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{active_dbov}, {activity:.0%} of the time</source>
   <translation>{active_dbov}, {activity:.0%} du temps</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Peak, RMS</source>
   <translation>Crête, RMS</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Sound up to</source>
   <translation>Son jusqu’à</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Sides</source>
   <translation>Côtés</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Clipped</source>
   <translation>Écrêtés</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>{count:,} samples</source>
   <translation>{count:,} échantillons</translation>
  </message>
  <message>
   <location filename="../ui/places/clip/page.py" />
   <source>Note</source>
   <translation>Note</translation>
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
   <translation>Débit</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{kbit_s:.1f} kbit/s</source>
   <translation>{kbit_s:.1f} kbit/s</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Against 16-bit PCM</source>
   <translation>Contre PCM 16 bits</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{ratio:.1f} : 1</source>
   <translation>{ratio:.1f} : 1</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Signal to distortion</source>
   <translation>Signal sur distorsion</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Segmental</source>
   <translation>Par segments</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Intelligibility (STOI)</source>
   <translation>Intelligibilité (STOI)</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{stoi:.3f}</source>
   <translation>{stoi:.3f}</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Codecs compared</source>
   <translation>Codecs comparés</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>{name} in every codec</source>
   <translation>{name} dans chaque codec</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Coding and measuring …</source>
   <translation>Codage et mesure …</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Coding and measuring: {done} of {all} …</source>
   <translation>Codage et mesure : {done} sur {all} …</translation>
  </message>
  <message>
   <location filename="../ui/places/compare/page.py" />
   <source>Select a line and press Space; 1 is the source, 2 the codec, 3 the codec over a line. Signal to distortion says nothing of codecs that model the voice and not the wave.</source>
   <translation>Choisir une ligne et presser Espace ; 1 est la source, 2 le codec, 3 le codec sur une ligne. Le rapport à la distorsion ne dit rien des codecs qui modélisent la voix et non l’onde.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take it  {key}</source>
   <translation>Prendre  {key}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take all</source>
   <translation>Tout prendre</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Done</source>
   <translation>Terminé</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>There is no list yet: Ctrl+L takes names and texts, which can then be listened for.</source>
   <translation>Pas encore de liste : Ctrl+L prend noms et textes, qu’on peut alors guetter.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Suggestion: sounds like “{name}”: {text}</source>
   <translation>Suggestion : ressemble à « {name} » : {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Not listened to.</source>
   <translation>Non écouté.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Not listened to yet.</source>
   <translation>Pas encore écouté.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>None of the lines is heard in this one.</source>
   <translation>Aucune ligne n’y est entendue.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Sounds like its name, “{name}”.</source>
   <translation>Ressemble à son nom, « {name} ».</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Listening for the lines, {share:.0%} … {text}</source>
   <translation>Écoute des lignes, {share:.0%} … {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Take all {many}</source>
   <translation>Prendre les {many}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>Stop</source>
   <translation>Arrêter</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>naming “{name}” by ear</source>
   <translation>nommer « {name} » à l’oreille</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ear_row.py" />
   <source>naming by ear</source>
   <translation>nommer à l’oreille</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>over room noise</source>
   <translation>au-dessus du bruit</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>How far above the noise of the room sound begins</source>
   <translation>De combien au-dessus du bruit de la pièce le son commence</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>pauses from</source>
   <translation>pauses dès</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>A shorter pause does not separate two clips</source>
   <translation>Une pause plus courte ne sépare pas deux clips</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>clips from</source>
   <translation>clips dès</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>Shorter sound is left out</source>
   <translation>Un son plus court est omis</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>air</source>
   <translation>air</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>What is kept before the first sound</source>
   <translation>Ce qui est gardé avant le premier son</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>What is kept after the last sound</source>
   <translation>Ce qui est gardé après le dernier son</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/find_row.py" />
   <source>Find the speech  F</source>
   <translation>Trouver la parole  F</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>Listening for speech, {share:.0%} …</source>
   <translation>Recherche de la parole, {share:.0%} …</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>finding the speech</source>
   <translation>trouver la parole</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>Not listened to yet: what the search saw shows when it was.</source>
   <translation>Pas encore écouté : ce que la recherche a vu se montrera ensuite.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>{count} found</source>
   <translation>{count} trouvés</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/finding.py" />
   <source>{count} would be found: F takes them, or drag over a stretch</source>
   <extracomment>Where there is one: {count} would be found: F takes it, or drag over a stretch</extracomment>
   <translation>
    <numerusform>{count} serait trouvé : F le prend, ou glisser sur un passage</numerusform>
    <numerusform>{count} seraient trouvés : F les prend, ou glisser sur un passage</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/finding.py" />
   <source>, {n} other sounds left out</source>
   <extracomment>Where there is one: , {n} other sound left out</extracomment>
   <translation>
    <numerusform>, {n} autre son omis</numerusform>
    <numerusform>, {n} autres sons omis</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/finding.py" />
   <source>; not found any more, but kept: {list}</source>
   <translation> ; plus trouvés, mais gardés : {list}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ledges.py" />
   <source>aside: {name}</source>
   <translation>de côté : {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/ledges.py" />
   <source>{name} (this take)</source>
   <translation>{name} (cette prise)</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/level_plot.py" />
   <source>room {room_dbfs:.0f} dBFS</source>
   <translation>pièce {room_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/level_plot.py" />
   <source>speech from {median:.0f} dBFS</source>
   <translation>parole dès {median:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Type a name, Enter: the next clip plays</source>
   <translation>Taper un nom, Entrée : le clip suivant joue</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Name of the chosen span; Enter goes on to the next</source>
   <translation>Nom du segment choisi ; Entrée passe au suivant</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>0:00 to 1:05 Welcome</source>
   <translation>0:00 à 1:05 Bienvenue</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>A new span: start, end and name</source>
   <translation>Un nouveau segment : début, fin et nom</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>Ne&amp;w span</source>
   <translation>Nou&amp;veau segment</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>By ear  Ctrl+B</source>
   <translation>À l’oreille  Ctrl+B</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/name_row.py" />
   <source>The speech engine suggests which line of the list each span is</source>
   <translation>La reconnaissance suggère quelle ligne de la liste est chaque segment</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>There is no sound to cut.</source>
   <translation>Il n’y a pas de son à couper.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>take {index} of {count}</source>
   <translation>prise {index} sur {count}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/page.py" />
   <source>{n} clips</source>
   <extracomment>Where there is one: {n} clip</extracomment>
   <translation>
    <numerusform>{n} clip</numerusform>
    <numerusform>{n} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>Not cut yet</source>
   <translation>Pas encore coupé</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source> · chosen {start} to {stop} s</source>
   <translation> · choisi {start} à {stop} s</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>That was the last one.</source>
   <translation>C’était le dernier.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>That is the first one.</source>
   <translation>C’est le premier.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>From the cursor</source>
   <translation>À partir du curseur</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>There is no suggestion for this span; Ctrl+B listens for the lines of the list.</source>
   <translation>Pas de suggestion pour ce segment ; Ctrl+B guette les lignes de la liste.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/page.py" />
   <source>Cutting</source>
   <translation>Découpe</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/rolled_view.py" />
   <source>Place in the source</source>
   <translation>Place dans la source</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>sound from {float:.0f} dBFS</source>
   <translation>son dès {float:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>speech {speech_dbfs:.0f} dBFS</source>
   <translation>parole {speech_dbfs:.0f} dBFS</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>a voice {float:.0%} of the time</source>
   <translation>une voix {float:.0%} du temps</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/search_overlay.py" />
   <source>{summary}   —— level   – – what sound has to reach   ▀ a voice</source>
   <translation>{summary}   —— niveau   – – ce que le son doit atteindre   ▀ une voix</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Spans in order</source>
   <translation>Segments dans l’ordre</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>aside</source>
   <translation>à part</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Name</source>
   <translation>Nom</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Start</source>
   <translation>Démarrage</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>End</source>
   <translation>Fin</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Take</source>
   <translation>Prise</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/table.py" />
   <source>Frame {frame:,}. Type seconds, m:ss, or 44100 samples.</source>
   <translation>Échantillon {frame:,}. Taper des secondes, m:ss, ou 44100 samples.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Level to cut by</source>
   <translation>Niveau pour couper</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Waveform to cut</source>
   <translation>Forme d’onde pour couper</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Spectrogram to cut</source>
   <translation>Spectrogramme pour couper</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/view.py" />
   <source>{count} spans; {name} is chosen</source>
   <extracomment>Where there is one: {count} span; {name} is chosen</extracomment>
   <translation>
    <numerusform>{count} segment ; {name} est choisi</numerusform>
    <numerusform>{count} segments ; {name} est choisi</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/view.py" />
   <source>{count} spans</source>
   <extracomment>Where there is one: {count} span</extracomment>
   <translation>
    <numerusform>{count} segment</numerusform>
    <numerusform>{count} segments</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/view.py" />
   <source>Cursor {clock} s, frame {cursor_frame:,}{level}</source>
   <translation>Curseur {clock} s, échantillon {cursor_frame:,}{level}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/wave_plot.py" />
   <source>Come nearer (+) to see the spectrogram.</source>
   <translation>S’approcher (+) pour voir le spectrogramme.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>the words of “{name}”</source>
   <translation>les mots de « {name} »</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>naming by a list of {count}</source>
   <translation>nommer selon une liste de {count}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>moving the {word}</source>
   <translation>déplacer {word}</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>behind its end</source>
   <translation>après sa fin</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>before its start</source>
   <translation>avant son début</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>after the end of the recording</source>
   <translation>après la fin de l’enregistrement</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>That lies {where}: it goes only as far as it can.</source>
   <translation>C’est {where} : il ne va que jusqu’où il peut.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Choose a span, and put the cursor where its edge is to be.</source>
   <translation>Choisir un segment, et mettre le curseur où doit être son bord.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>The recording ends at {frames:.3f} s.</source>
   <translation>L’enregistrement finit à {frames:.3f} s.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>a span by hand</source>
   <translation>un segment à la main</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Put the cursor inside a span to split it there.</source>
   <translation>Mettre le curseur dans un segment pour l’y couper.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>splitting a span</source>
   <translation>couper un segment</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>joining {count} spans</source>
   <extracomment>Where there is one: joining {count} span</extracomment>
   <translation>
    <numerusform>joindre {count} segment</numerusform>
    <numerusform>joindre {count} segments</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>joining two spans</source>
   <translation>joindre deux segments</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>setting {count} spans aside</source>
   <translation>mettre {count} segments de côté</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>taking {count} spans back</source>
   <translation>reprendre {count} segments</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>choosing a take</source>
   <translation>choisir une prise</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>taking a span back</source>
   <translation>reprendre un segment</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>setting a span aside</source>
   <translation>mettre un segment de côté</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Choose the spans to delete.</source>
   <translation>Choisir les segments à effacer.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>deleting {n} spans</source>
   <extracomment>Where there is one: deleting {n} span</extracomment>
   <translation>
    <numerusform>effacer {n} segment</numerusform>
    <numerusform>effacer {n} segments</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>No span is left: the recording is one clip again. {key} takes that back.</source>
   <translation>Plus de segment : l’enregistrement est de nouveau un clip. {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>another take</source>
   <translation>une autre prise</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>This line has one take only; Y says that a span is another take of the line before it.</source>
   <translation>Cette ligne n’a qu’une prise ; Y dit qu’un segment est une autre prise de la ligne précédente.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>a span of the pause</source>
   <translation>un segment de la pause</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>There are no spans yet: F finds the speech, and what lies between is then left out.</source>
   <translation>Pas encore de segments : F trouve la parole, et l’entre-deux est alors omis.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>{stem} without pauses</source>
   <translation>{stem} sans pauses</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/cut/work.py" />
   <source>“{name}” stands on the board: {seconds:.2f} s, {count} pauses left out.</source>
   <extracomment>Where there is one: “{name}” stands on the board: {seconds:.2f} s, {count} pause left out.</extracomment>
   <translation>
    <numerusform>« {name} » est sur le tableau : {seconds:.2f} s, {count} pause omise.</numerusform>
    <numerusform>« {name} » est sur le tableau : {seconds:.2f} s, {count} pauses omises.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Put the cursor inside the chosen clip, where the stretch begins.</source>
   <translation>Mettre le curseur dans le clip choisi, où le passage commence.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Marked. Put the cursor where the stretch ends, and press Q again.</source>
   <translation>Marqué. Mettre le curseur à la fin du passage, et presser Q encore.</translation>
  </message>
  <message>
   <location filename="../ui/places/cut/work.py" />
   <source>Left out; 2 plays it as it will come out. {key} takes it back.</source>
   <translation>Omis ; 2 le joue comme il sortira. {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>{value:,.0f} samples</source>
   <translation>{value:,.0f} échantillons</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>A click on a heading sorts. Space plays the line; Enter goes to the clip. Levels are of the sources: active speech level (ITU-T P.56).</source>
   <translation>Un clic sur un en-tête trie. Espace joue la ligne ; Entrée va au clip. Les niveaux sont ceux des sources : niveau de parole actif (UIT-T P.56).</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Active speech level, ITU-T P.56</source>
   <translation>Niveau de parole actif, UIT-T P.56</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>From the middle</source>
   <translation>Écart au milieu</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>From the median speech level of the set</source>
   <translation>Par rapport au niveau médian du lot</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Active</source>
   <translation>Actif</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>{value:.0%}</source>
   <translation>{value:.0%}</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Share of its length that is speech (activity factor, ITU-T P.56)</source>
   <translation>Part de sa durée qui est de la parole (facteur d’activité, UIT-T P.56)</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>Highest frequency that really holds sound</source>
   <translation>Fréquence la plus haute qui porte vraiment du son</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source> much softer</source>
   <translation> bien plus faible</translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source> much louder</source>
   <translation> bien plus fort</translation>
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
    <numerusform>Niveau de {count} clip : {middle}, écart {spread:.1f} dB</numerusform>
    <numerusform>Niveaux de {count} clips : le milieu est {middle}, ils s’étalent sur {spread:.1f} dB</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/levels/page.py" />
   <source>No clip can be measured yet.</source>
   <translation>Aucun clip mesurable pour l’instant.</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Hear</source>
   <translation>Écouter</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Hand over</source>
   <translation>Remettre</translation>
  </message>
  <message>
   <location filename="../ui/places/place.py" />
   <source>Try</source>
   <translation>Essayer</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blank_values.py" />
   <source>at most {rate}</source>
   <translation>au plus {rate}</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blank_values.py" />
   <source>“{before} … {after}”: “{text}” is not right ({error}).</source>
   <translation>« {before} … {after} » : « {text} » ne va pas ({error}).</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>no stand-in</source>
   <translation>pas de doublure</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>the stand-in {name}</source>
   <translation>la doublure {name}</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>It is called</source>
   <translation>Il s’appelle</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>a list in JSON lines</source>
   <translation>une liste en JSON Lines</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>a list in CSV</source>
   <translation>une liste en CSV</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Outputs go to the folder</source>
   <translation>Les sorties vont dans le dossier</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>The set is handed over as</source>
   <translation>Le lot est remis comme</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Each file lies there as</source>
   <translation>Chaque fichier s’y trouve sous</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>with</source>
   <translation>avec</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>Joined in one file, pauses are</source>
   <translation>Réunis en un fichier, les pauses font</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/blanks.py" />
   <source>It is tried on</source>
   <translation>On l’essaie sur</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>What the rules come to</source>
   <translation>Ce que donnent les règles</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Rules, treatment and delivery of the receiver</source>
   <translation>Règles, traitement et livraison du récepteur</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Take these rules</source>
   <translation>Prendre ces règles</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Drop the changes</source>
   <translation>Abandonner les changements</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>As shipped</source>
   <translation>Comme fourni</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Duplicate</source>
   <translation>Dupliquer</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Export…</source>
   <translation>Exporter…</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/receiver/page.py" />
   <source>{fits} of {count} clips fit.</source>
   <extracomment>Where there is one: {fits} of {count} clip fits.</extracomment>
   <translation>
    <numerusform>{fits} clip sur {count} convient.</numerusform>
    <numerusform>{fits} clips sur {count} conviennent.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Read off: </source>
   <translation>Lu : </translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>{after} of {total} clips fit.</source>
   <translation>{after} clips sur {total} conviennent.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>{before} of {total} clips fit now, {after} with these rules.</source>
   <translation>{before} clips sur {total} conviennent, {after} avec ces règles.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source> {name} stays as it ships: what you take is a receiver of your own.</source>
   <translation> {name} reste comme fourni : ce que vous prenez est un récepteur à vous.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Make it {better}</source>
   <translation>En faire {better}</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>All clips together need {bytes_at} of {total}.</source>
   <translation>Tous les clips ensemble demandent {bytes_at} sur {total}.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/page.py" />
   <source>Its {most:,} bytes are exactly {frames:.3f} s at {highest}.</source>
   <translation>Ses {most:,} octets font exactement {frames:.3f} s à {highest}.</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>RULES</source>
   <translation>RÈGLES</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>TREATMENT AND DELIVERY</source>
   <translation>TRAITEMENT ET LIVRAISON</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>as usual</source>
   <translation>comme d’usage</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>the format's own</source>
   <translation>celle du format</translation>
  </message>
  <message>
   <location filename="../ui/places/receiver/rules_editor.py" />
   <source>no rule</source>
   <translation>pas de règle</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>Level of the microphone</source>
   <translation>Niveau du micro</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>, clipped</source>
   <translation>, écrêté</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>peak {peak}{clipped}</source>
   <translation>crête {peak}{clipped}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>▲ clipped</source>
   <translation>▲ écrêté</translation>
  </message>
  <message>
   <location filename="../ui/places/record/meter_view.py" />
   <source>peak {peak}</source>
   <translation>crête {peak}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>&amp;Microphone</source>
   <translation>&amp;Micro</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Microphone</source>
   <translation>Microphone</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>&amp;Ends after silence of</source>
   <translation>&amp;Finit après un silence de</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>The silence that ends a take</source>
   <translation>Le silence qui finit une prise</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>never</source>
   <translation>jamais</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Seconds of silence after which a take ends by itself; the least: never</source>
   <translation>Secondes de silence après lesquelles une prise finit d’elle-même ; le minimum : jamais</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Recording</source>
   <translation>Prise</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Name of the message; Enter does what the yellow button says</source>
   <translation>Nom du message ; Entrée fait ce que dit le bouton jaune</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>before it is recorded, or after</source>
   <translation>avant l’enregistrement, ou après</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Line to read</source>
   <translation>Ligne à lire</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next line</source>
   <translation>Ligne suivante</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Say it again</source>
   <translation>La redire</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Lines to read, and what was recorded</source>
   <translation>Lignes à lire, et ce qui a été enregistré</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>A take goes on: end it first, then take the list.</source>
   <translation>Une prise est en cours : la finir, puis prendre la liste.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>✓ take {takes}</source>
   <translation>✓ prise {takes}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Every line of the list has been read.</source>
   <translation>Chaque ligne de la liste est lue.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Say it when the count is over.</source>
   <translation>Parler quand le décompte est fini.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>next: {text}</source>
   <translation>ensuite : {text}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Stop  Enter</source>
   <translation>Arrêter  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Record  Enter</source>
   <translation>Lancer la prise  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next line  Enter</source>
   <translation>Ligne suivante  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>Next message  Enter</source>
   <translation>Message suivant  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/places/record/page.py" />
   <source>The noise of the room is measured before the first take: be silent for a moment.</source>
   <translation>Le bruit de la pièce est mesuré avant la première prise : un instant de silence.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>The take as it grows</source>
   <translation>La prise à mesure qu’elle grandit</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>{seconds:.1f} s</source>
   <translation>{seconds:.1f} s</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>The sound grows here while you speak.</source>
   <translation>Le son grandit ici pendant que vous parlez.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/take_view.py" />
   <source>kept: {kept:.2f} s</source>
   <translation>gardé : {kept:.2f} s</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>noisy: close the window, switch off what hums</source>
   <translation>bruyante : fermer la fenêtre, éteindre ce qui ronfle</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>fair</source>
   <translation>moyenne</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Room {room}, {kind} (dotted line).</source>
   <translation>Pièce {room}, {kind} (ligne pointillée).</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Measuring the room: be silent …</source>
   <translation>Mesure de la pièce : silence …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Counting in …</source>
   <translation>Décompte …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>&lt;b&gt;● Recording&lt;/b&gt;, {seconds:.1f} s. {ends}</source>
   <translation>&lt;b&gt;● Prise en cours&lt;/b&gt;, {seconds:.1f} s. {ends}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Checking it …</source>
   <translation>Vérification …</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>The microphone is not open.</source>
   <translation>Le micro n’est pas ouvert.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Enter begins. It counts in and records. {ends} What you type is its name.</source>
   <translation>Entrée commence. Cela compte, puis enregistre. {ends} Ce que vous tapez est son nom.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>&lt;b&gt;✓ It can be used&lt;/b&gt;: {length}, on the board as &lt;b&gt;{name}&lt;/b&gt;. {ended}</source>
   <translation>&lt;b&gt;✓ Utilisable&lt;/b&gt; : {length}, sur le tableau comme &lt;b&gt;{name}&lt;/b&gt;. {ended}</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>It ends after {silence:g} s of silence.</source>
   <translation>Elle finit après {silence:g} s de silence.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>Enter ends it.</source>
   <translation>Entrée la termine.</translation>
  </message>
  <message>
   <location filename="../ui/places/record/words.py" />
   <source>It ended by itself after {silence:g} s of silence; what was said later is not in it. Above, and in the settings, it can be longer.</source>
   <translation>Elle a fini d’elle-même après {silence:g} s de silence ; ce qui a été dit ensuite n’y est pas. Ci-dessus et dans les réglages, ce peut être plus long.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/back.py" />
   <source>Listening to {count} lines …</source>
   <extracomment>Where there is one: Listening to {count} line …</extracomment>
   <translation>
    <numerusform>Écoute de {count} ligne …</numerusform>
    <numerusform>Écoute de {count} lignes …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/back.py" />
   <source>Speak the lines first.</source>
   <translation>Dire d’abord les lignes.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/back.py" />
   <source>{count} lines heard back: {other} sound like another line, {none} were not understood.</source>
   <extracomment>Where there is one: {count} line heard back: {other} like another line, {none} not understood.</extracomment>
   <translation>
    <numerusform>{count} ligne réécoutée : {other} comme une autre, {none} non comprise.</numerusform>
    <numerusform>{count} lignes réécoutées : {other} ressemblent à une autre, {none} n’ont pas été comprises.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>&amp;Fill down</source>
   <translation>&amp;Remplir vers le bas</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Find and &amp;replace…</source>
   <translation>Chercher et r&amp;emplacer…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>&amp;Paste over the cells</source>
   <translation>&amp;Coller sur les cases</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Re&amp;move the lines</source>
   <translation>Ôt&amp;er les lignes</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Have them &amp;heard back</source>
   <translation>Faire ré&amp;écouter</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Select several cells of one column, other than the names, and fill down from the first.</source>
   <translation>Choisir plusieurs cases d’une colonne, sauf les noms, et remplir depuis la première.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>filling down {columns}</source>
   <translation>remplir {columns} vers le bas</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>replacing “{find}”</source>
   <translation>remplacer « {find} »</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/line_changes.py" />
   <source>“{find}” replaced in {n} lines.</source>
   <extracomment>Where there is one: “{find}” replaced in {n} line.</extracomment>
   <translation>
    <numerusform>« {find} » remplacé dans {n} ligne.</numerusform>
    <numerusform>« {find} » remplacé dans {n} lignes.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>Copy cells of a spreadsheet, and choose the first cell that they are to replace.</source>
   <translation>Copier des cases d’un tableur, et choisir la première à remplacer.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>pasting over cells</source>
   <translation>coller sur des cases</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/line_changes.py" />
   <source>{count} rows pasted over.</source>
   <extracomment>Where there is one: {count} row pasted over.</extracomment>
   <translation>
    <numerusform>{count} rangée collée.</numerusform>
    <numerusform>{count} rangées collées.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source> {over} beyond the last line left out.</source>
   <translation> {over} au-delà de la dernière ligne omises.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/line_changes.py" />
   <source>sorting by {columns}</source>
   <translation>trier par {columns}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Script</source>
   <translation>Script</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>&amp;Voice</source>
   <translation>&amp;Voix</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Voice of lines that name none</source>
   <translation>Voix des lignes qui n’en nomment pas</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Respellings…</source>
   <translation>Transcriptions…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Read a table…</source>
   <translation>Lire un tableau…</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Make series lines</source>
   <translation>Séries en lignes</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Lines</source>
   <translation>Lignes</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>&amp;New line</source>
   <translation>&amp;Nouvelle ligne</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>name: words to say    or a series:  berth-{}: Berth {1..12} is open</source>
   <translation>nom : mots à dire    ou une série :  berth-{}: Berth {1..12} is open</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>A new line: name and words</source>
   <translation>Une nouvelle ligne : nom et mots</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Use the voice</source>
   <translation>Prendre la voix</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak it faster</source>
   <translation>La dire plus vite</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>By the voice itself, as much faster as the rules of the receivers need and allow</source>
   <translation>Par la voix même, autant plus vite que les règles le demandent et le permettent</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak all  F11</source>
   <translation>Tout dire  F11</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines</source>
   <extracomment>Where there is one: {n} line</extracomment>
   <translation>
    <numerusform>{n} ligne</numerusform>
    <numerusform>{n} lignes</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>No lines yet</source>
   <translation>Pas encore de lignes</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>, {long} too long</source>
   <translation>, {long} trop longues</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>, {series} of them series: {count_of} in all</source>
   <translation>, dont {series} séries : {count_of} en tout</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Speak {count} faster</source>
   <translation>En dire {count} plus vite</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>Stop speaking  F11</source>
   <translation>Cesser de dire  F11</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>{field} of “{name}”</source>
   <translation>{field} de « {name} »</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>There is no text on the clipboard.</source>
   <translation>Pas de texte dans le presse-papiers.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>from {name}</source>
   <translation>de {name}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines {where}</source>
   <extracomment>Where there is one: {n} line {where}</extracomment>
   <translation>
    <numerusform>{n} ligne {where}</numerusform>
    <numerusform>{n} lignes {where}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines {where}.</source>
   <extracomment>Where there is one: {n} line {where}.</extracomment>
   <translation>
    <numerusform>{n} ligne {where}.</numerusform>
    <numerusform>{n} lignes {where}.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>No use for: {list}.</source>
   <translation>Sans usage : {list}.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>There is no receiver “{unknown}”: those lines go to every receiver.</source>
   <translation>Il n’y a pas de récepteur « {unknown} » : ces lignes vont à tous.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>removing {n} lines</source>
   <extracomment>Where there is one: removing {n} line</extracomment>
   <translation>
    <numerusform>ôter {n} ligne</numerusform>
    <numerusform>ôter {n} lignes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/page.py" />
   <source>{n} lines are out of the script. {key} takes that back.</source>
   <extracomment>Where there is one: {n} line is out of the script. {key} takes that back.</extracomment>
   <translation>
    <numerusform>{n} ligne est hors du script. {key} l’annule.</numerusform>
    <numerusform>{n} lignes sont hors du script. {key} l’annule.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>making series lines</source>
   <translation>séries en lignes</translation>
  </message>
  <message>
   <location filename="../ui/places/script/page.py" />
   <source>choosing a voice</source>
   <translation>choisir une voix</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>A series is many lines: make them lines first.</source>
   <translation>Une série, c’est plusieurs lignes : en faire d’abord des lignes.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>speaking faster</source>
   <translation>dire plus vite</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>Every line is spoken as it stands.</source>
   <translation>Chaque ligne est dite telle quelle.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>, about {seconds} s left</source>
   <translation>, encore environ {seconds} s</translation>
  </message>
  <message>
   <location filename="../ui/places/script/speaking.py" />
   <source>Spoken {done:,} of {total:,}{more}.</source>
   <translation>{done:,} dites sur {total:,}{more}.</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>a take stands for it</source>
   <translation>une prise en tient lieu</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>a series</source>
   <translation>une série</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>to speak</source>
   <translation>à dire</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>changed: to speak</source>
   <translation>changée : à dire</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>, heard as “{heard}”</source>
   <translation>, entendu « {heard} »</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>, not understood</source>
   <translation>, pas compris</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{length}, too long for {list}</source>
   <translation>{length}, trop long pour {list}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{length}, fits</source>
   <translation>{length}, convient</translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>“{name}” is spoken {speed:.0f} % faster than the voice does by itself.</source>
   <translation>« {name} » est dit {speed:.0f} % plus vite que la voix ne le fait d’elle-même.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/state.py" />
   <source>{count} lines are spoken up to {faster:.0f} % faster.</source>
   <extracomment>Where there is one: {count} line is spoken up to {faster:.0f} % faster.</extracomment>
   <translation>
    <numerusform>{count} ligne est dite jusqu’à {faster:.0f} % plus vite.</numerusform>
    <numerusform>{count} lignes sont dites jusqu’à {faster:.0f} % plus vite.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source>{rest} would have to be faster than the rules allow: shorten the text, or change the rules.</source>
   <translation>{rest} devraient aller plus vite que permis : raccourcir le texte, ou changer les règles.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/places/script/state.py" />
   <source>{n} lines spoken, {changed} of them new or changed on the board.</source>
   <extracomment>Where there is one: {n} line spoken, {changed} of them new or changed on the board.</extracomment>
   <translation>
    <numerusform>{n} ligne dite, dont {changed} nouvelles ou changées sur le tableau.</numerusform>
    <numerusform>{n} lignes dites, dont {changed} nouvelles ou changées sur le tableau.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/places/script/state.py" />
   <source> {count} could not be spoken: {failed}</source>
   <translation> {count} n’ont pas pu être dites : {failed}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Say it as</source>
   <translation>Dire comme</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Voice</source>
   <translation>Voix</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Speed</source>
   <translation>Vitesse</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>State</source>
   <translation>État</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Lines of the script</source>
   <translation>Lignes du script</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>what it is for</source>
   <translation>pour quoi c’est</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>the {heads}</source>
   <translation>{heads}</translation>
  </message>
  <message>
   <location filename="../ui/places/script/table.py" />
   <source>Respelled: {text}</source>
   <translation>Réécrit : {text}</translation>
  </message>
  <message>
   <location filename="../ui/quick/files.py" />
   <source>and {count:,} more</source>
   <translation>et {count:,} autres</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Quick convert – Kittiwake</source>
   <translation>Conversion rapide – Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Convert for</source>
   <translation>Convertir pour</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>The receiver</source>
   <translation>Le récepteur</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>a receiver, or what you need: mp3 192k stereo</source>
   <translation>un récepteur, ou ce qu’il faut : mp3 192k stereo</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>A receiver, or what you need: mp3 192k stereo · ulaw 8k &lt; 56 kB</source>
   <translation>Un récepteur, ou ce qu’il faut : mp3 192k stereo · ulaw 8k &lt; 56 kB</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Convert  Enter</source>
   <translation>Convertir  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Files</source>
   <translation>Fichiers</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>How far it is</source>
   <translation>Où cela en est</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Show the folder</source>
   <translation>Montrer le dossier</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Open in the window</source>
   <translation>Ouvrir dans la fenêtre</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Looking …</source>
   <translation>Examen en cours…</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Drop sound files here.</source>
   <translation>Déposer ici des fichiers son.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/quick/window.py" />
   <source>Looking at {n} files …</source>
   <extracomment>Where there is one: Looking at {n} file …</extracomment>
   <translation>
    <numerusform>Examen de {n} fichier …</numerusform>
    <numerusform>Examen de {n} fichiers …</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Making {done} of {total} …</source>
   <translation>Production de {done} sur {total} …</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>beside the source</source>
   <translation>à côté de la source</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>in {folder}</source>
   <translation>dans {folder}</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{made} made and proved, {where}; on the clipboard.</source>
   <translation>{made} produits et vérifiés, {where} ; dans le presse-papiers.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} to decide.</source>
   <translation>{count} à décider.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} cannot be made.</source>
   <translation>{count} impossibles.</translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>{count} failed.</source>
   <translation>{count} échoués.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/quick/window.py" />
   <source>{n} files ready.</source>
   <extracomment>Where there is one: {n} file ready.</extracomment>
   <translation>
    <numerusform>{n} fichier prêt.</numerusform>
    <numerusform>{n} fichiers prêts.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/quick/window.py" />
   <source>Closes in {left} s; any key keeps it.</source>
   <translation>Se ferme dans {left} s ; toute touche la garde.</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>What was found out about sound. Without it everything is looked at again</source>
   <translation>Ce qu’on a appris des sons. Sans cela tout est réexaminé</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Outlines of long recordings. Without them they are drawn again</source>
   <translation>Contours des longs enregistrements. Sans eux ils sont redessinés</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Lines spoken in the terminal. Without them they are spoken again</source>
   <translation>Lignes dites au terminal. Sans elles elles sont redites</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Tones made in the terminal. Without them they are made again</source>
   <translation>Tonalités faites au terminal. Sans elles elles sont refaites</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Hold music made in the terminal. Without it it is made again</source>
   <translation>Musique d’attente faite au terminal. Sans elle elle est refaite</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>In {folder}; all of it can be made again.</source>
   <translation>Dans {folder} ; tout peut en être refait.</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Empty it</source>
   <translation>Vider</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>Empty: {words}</source>
   <translation>Vider : {words}</translation>
  </message>
  <message>
   <location filename="../ui/settings/caches.py" />
   <source>empty</source>
   <translation>vide</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Back to how it comes</source>
   <translation>Comme fourni</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{text}: back to how it comes</source>
   <translation>{text} : comme fourni</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{now} (not there now)</source>
   <translation>{now} (absent pour l’instant)</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>what the desktop uses</source>
   <translation>celui du bureau</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Kittiwake in your documents</source>
   <translation>Kittiwake dans vos documents</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>{text}: {detail}. Choose another folder</source>
   <translation>{text} : {detail}. Choisir un autre dossier</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>Yes</source>
   <translation>Oui</translation>
  </message>
  <message>
   <location filename="../ui/settings/control.py" />
   <source>No</source>
   <translation>Non</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Commands and their keys</source>
   <translation>Commandes et leurs touches</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Command</source>
   <translation>Commande</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Comes with</source>
   <translation>Fournie</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Other keys…  Enter</source>
   <translation>D’autres touches…  Entrée</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>No key  Del</source>
   <translation>Pas de touche  Suppr</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>As it comes</source>
   <translation>Comme fournie</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Write the list…</source>
   <translation>Écrire la liste…</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>{key} is the key of {list}: until one of them has another it does nothing.</source>
   <translation>{key} est la touche de {list} : tant que l’un n’en a pas une autre, elle ne fait rien.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source> and of </source>
   <translation> et de </translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Write the list of keys</source>
   <translation>Écrire la liste des touches</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Kittiwake keys.txt</source>
   <translation>Touches de Kittiwake.txt</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Text (*.txt)</source>
   <translation>Texte (*.txt)</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>The list was not written: {strerror}. Choose another folder.</source>
   <translation>La liste n’a pas été écrite : {strerror}. Choisir un autre dossier.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>All keys stand in {name}.</source>
   <translation>Toutes les touches sont dans {name}.</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Keys of Kittiwake</source>
   <translation>Touches de Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Keys of a command</source>
   <translation>Touches d’une commande</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>Press the keys for “{text}”.</source>
   <translation>Presser les touches pour « {text} ».</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>The keys</source>
   <translation>Les touches</translation>
  </message>
  <message>
   <location filename="../ui/settings/keys.py" />
   <source>{key} is the key of “{text}”. With both, it would do neither.</source>
   <translation>{key} est la touche de « {text} ». Avec les deux, elle ne ferait ni l’un ni l’autre.</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Settings</source>
   <translation>Réglages</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Caches</source>
   <translation>Caches</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>No setting is like that.</source>
   <translation>Aucun réglage n’est ainsi.</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Search: theme, folder, keys …</source>
   <translation>Chercher : couleurs, dossier, touches …</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Search the settings</source>
   <translation>Chercher dans les réglages</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Take back</source>
   <translation>Annuler</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Open the file</source>
   <translation>Ouvrir le fichier</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>The same settings as text; what is changed there holds as soon as this window is used again</source>
   <translation>Les mêmes réglages en texte ; ce qui y change vaut dès que cette fenêtre sert à nouveau</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Kept in {path}</source>
   <translation>Gardé dans {path}</translation>
  </message>
  <message>
   <location filename="../ui/settings/page.py" />
   <source>Nothing has been set yet, so there is no file.</source>
   <translation>Rien n’est encore réglé, donc pas de fichier.</translation>
  </message>
  <message>
   <location filename="../ui/shell/bench.py" />
   <source>Select a clip, a cell, or a receiver's heading: here is where it is worked on.</source>
   <translation>Choisir un clip, une case ou l’en-tête d’un récepteur : c’est ici qu’on y travaille.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/job_files.py" />
   <source>{name} is open; {n} others that came with it were left out. Add them once more to put them on this board.</source>
   <extracomment>Where there is one: {name} is open; {n} other that came with it was left out. Add it once more to put it on this board.</extracomment>
   <translation>
    <numerusform>{name} est ouvert ; {n} autre venu avec a été laissé. L’ajouter encore pour le mettre sur ce tableau.</numerusform>
    <numerusform>{name} est ouvert ; {n} autres venus avec ont été laissés. Les ajouter encore pour les mettre sur ce tableau.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>That is on the board already.</source>
   <translation>C’est déjà sur le tableau.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Looking through {name} …</source>
   <translation>Exploration de {name} …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{name} holds text, no sound, and was left out. Add it by itself to read its lines into the script.</source>
   <translation>{name} contient du texte, pas de son, et a été laissé de côté. Ajouté seul, ses lignes vont dans le script.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{count} of what was dropped</source>
   <translation>{count} de ce qui a été déposé</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{other} is no file of this machine. Save it here first, then drop it.</source>
   <translation>{other} n’est pas un fichier de cette machine. L’enregistrer ici d’abord, puis le déposer.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Outputs of this job are being made. Stop that, and open the other job? What is made already stays.</source>
   <translation>Des sorties de ce travail sont en production. Arrêter, et ouvrir l’autre ? Ce qui est produit reste.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Stop making?</source>
   <translation>Cesser de produire ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Opening {name} …</source>
   <translation>Ouverture de {name} …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>{name} was not opened.</source>
   <translation>{name} n’a pas été ouvert.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Saving {name} …</source>
   <translation>Enregistrement de {name} …</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Saved {name}.</source>
   <translation>{name} enregistré.</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>Save the job?</source>
   <translation>Enregistrer le travail ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>This job has changes that are not saved. Save them?</source>
   <translation>Ce travail a des changements non enregistrés. Les enregistrer ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>A take is being recorded. End it, and keep it on the board?</source>
   <translation>Une prise s’enregistre. La finir, et la garder sur le tableau ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_files.py" />
   <source>End the take?</source>
   <translation>Finir la prise ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/job_title.py" />
   <source>Untitled</source>
   <translation>Sans nom</translation>
  </message>
  <message>
   <location filename="../ui/shell/language.py" />
   <source>d MMMM yyyy, HH:mm</source>
   <translation>d MMMM yyyy, HH:mm</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Add sound</source>
   <translation>Ajouter du son</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Choose who takes it</source>
   <translation>Choisir qui le prend</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/next_step_words.py" />
   <source>Make {n} outputs</source>
   <extracomment>Where there is one: Make {n} output</extracomment>
   <translation>
    <numerusform>Produire {n} sortie</numerusform>
    <numerusform>Produire {n} sorties</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Decide {n}</source>
   <translation>Décider : {n}</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Hand over {n} to {name}</source>
   <translation>Remettre {n} à {name}</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Hear it at {name}</source>
   <translation>L’écouter là-bas : {name}</translation>
  </message>
  <message>
   <location filename="../ui/shell/next_step_words.py" />
   <source>Nothing to make</source>
   <translation>Rien à produire</translation>
  </message>
  <message>
   <location filename="../ui/shell/opened.py" />
   <source>It is said so from the next start on: something is being made or recorded.</source>
   <translation>Cela vaudra au prochain démarrage : une production ou un enregistrement est en cours.</translation>
  </message>
  <message>
   <location filename="../ui/shell/printed.py" />
   <source>{path} could not be written.</source>
   <translation>{path} n’a pas pu être écrit.</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/run_notifications.py" />
   <source>Making {total:,} outputs</source>
   <extracomment>Where there is one: Making {total:,} output</extracomment>
   <translation>
    <numerusform>Production de {total:,} sortie</numerusform>
    <numerusform>Production de {total:,} sorties</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>{done:,} made and proved</source>
   <translation>{done:,} produits et vérifiés</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>{failed:,} of {done:,} failed</source>
   <translation>{failed:,} échoués sur {done:,}</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>Show the window</source>
   <translation>Montrer la fenêtre</translation>
  </message>
  <message>
   <location filename="../ui/shell/run_notifications.py" />
   <source>In a watched folder</source>
   <translation>Dans un dossier surveillé</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>{count} files</source>
   <translation>{count} fichiers</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>From outside</source>
   <translation>De l’extérieur</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>Where is {many} to go?</source>
   <translation>Où doit aller {many} ?</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>The job that is open can stay open beside it.</source>
   <translation>Le travail ouvert peut rester ouvert à côté.</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>On the board of this job, or on one of its own.</source>
   <translation>Sur le tableau de ce travail, ou sur un à lui.</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>Open it in this window</source>
   <translation>L’ouvrir dans cette fenêtre</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>This job</source>
   <translation>Ce travail</translation>
  </message>
  <message>
   <location filename="../ui/shell/second_start.py" />
   <source>A new window</source>
   <translation>Une nouvelle fenêtre</translation>
  </message>
  <message>
   <location filename="../ui/shell/splitter.py" />
   <source>← Back to the board   {key}</source>
   <translation>← Retour au tableau   {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/start.py" />
   <source>The picture could not be saved to {picture}: check the folder and the ending.</source>
   <translation>L’image n’a pas pu être enregistrée dans {picture} : vérifier dossier et extension.</translation>
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
   <translation>Production de {done:,} sur {total:,}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Paused at {done:,} of {total:,}</source>
   <translation>Suspendu à {done:,} sur {total:,}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{failed:,} failed</source>
   <translation>{failed:,} échoués</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{duration} of sound at {pace:,.0f} × real time</source>
   <translation>{duration} de son à {pace:,.0f} × temps réel</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>about {duration} left</source>
   <translation>encore environ {duration}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{key} goes on, {stop_key} stops.</source>
   <translation>{key} reprend, {stop_key} arrête.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{key} pauses, {stop_key} stops.</source>
   <translation>{key} suspend, {stop_key} arrête.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Making stopped: {trouble}</source>
   <translation>La production s’est arrêtée : {trouble}</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>Stopped. What was finished stays; nothing half-made was left.</source>
   <translation>Arrêté. Ce qui était fini reste ; rien d’à moitié fait n’est resté.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{made} made and proved, {failed} failed: select a failed cell to see why.</source>
   <translation>{made} produits et vérifiés, {failed} échoués : choisir une case échouée pour voir pourquoi.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>1 made, and it passed its proof.</source>
   <translation>1 produit, et il a passé la vérification.</translation>
  </message>
  <message>
   <location filename="../ui/shell/status_bar.py" />
   <source>{made} made, and every one passed its proof.</source>
   <translation>{made} produits, et tous ont passé la vérification.</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Go to the next that is to be decided</source>
   <translation>Aller au suivant à décider</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Go to the next that cannot be made</source>
   <translation>Aller au suivant impossible</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Where outputs go; press to choose another folder</source>
   <translation>Où vont les sorties ; presser pour choisir un autre dossier</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Add sound  {key}</source>
   <translation>Ajouter du son  {key}</translation>
  </message>
  <message numerus="yes">
   <location filename="../ui/shell/top_bar.py" />
   <source>{n} receivers</source>
   <extracomment>Where there is one: {n} receiver</extracomment>
   <translation>
    <numerusform>{n} récepteur</numerusform>
    <numerusform>{n} récepteurs</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} made</source>
   <translation>{count} produits</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} delivered</source>
   <translation>{count} livrés</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{count} failed</source>
   <translation>{count} échoués</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>counting</source>
   <translation>comptage</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>looking at {waiting} more</source>
   <translation>encore {waiting} à examiner</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Nothing on the board yet</source>
   <translation>Rien encore sur le tableau</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Stop making  {key}</source>
   <translation>Arrêter  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go to {output_folder}. Choose another folder</source>
   <translation>Les sorties vont dans {output_folder}. Choisir un autre dossier</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>to decide  {key}</source>
   <translation>à décider  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>cannot be made  {key}</source>
   <translation>impossibles  {key}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Add</source>
   <translation>Ajouter</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go to {output_folder}</source>
   <translation>Sorties dans {output_folder}</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs go beside their sources</source>
   <translation>Sorties à côté de leurs sources</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>{text}, mirrored</source>
   <translation>{text}, en miroir</translation>
  </message>
  <message>
   <location filename="../ui/shell/top_bar.py" />
   <source>Outputs…</source>
   <translation>Sorties…</translation>
  </message>
  <message>
   <location filename="../ui/shell/waiting.py" />
   <source>Stop  Esc</source>
   <translation>Arrêter  Esc</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>{name}{dirty} – Kittiwake</source>
   <translation>{name}{dirty} – Kittiwake</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>{shown:,} of {all:,} clips</source>
   <translation>{shown:,} clips sur {all:,}</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>Undo {undo_text}</source>
   <translation>Annuler : {undo_text}</translation>
  </message>
  <message>
   <location filename="../ui/shell/window.py" />
   <source>No sound was found there. {passed}</source>
   <translation>Aucun son trouvé là. {passed}</translation>
  </message>
  <message>
   <location filename="../ui/standins/panel.py" />
   <source>The {machine} took {file}; P sets it off.</source>
   <translation>{machine} a accepté {file} ; P déclenche.</translation>
  </message>
  <message>
   <location filename="../ui/standins/panel.py" />
   <source>The {machine} refused {file}: {reason}</source>
   <translation>{machine} refuse {file} : {reason}</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>looking</source>
   <translation>examen</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>making</source>
   <translation>en cours</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>delivered</source>
   <translation>livré</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>older sent</source>
   <translation>ancien livré</translation>
  </message>
  <message>
   <location filename="../ui/theme/shapes.py" />
   <source>stale</source>
   <translation>périmé</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Mind</source>
   <translation>Attention</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Decide</source>
   <translation>Décider</translation>
  </message>
  <message>
   <location filename="../ui/widgets/parts.py" />
   <source>Cannot</source>
   <translation>Impossible</translation>
  </message>
  <message>
   <location filename="../ui/widgets/said_box.py" />
   <source>{name} goes from {low} to {high}{suffix}: {beyond} was brought to {value}.</source>
   <translation>{name} va de {low} à {high}{suffix} : {beyond} a été ramené à {value}.</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>Spectrum</source>
   <translation>Spectre</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>{label} to {edge}</source>
   <translation>{label} jusqu’à {edge}</translation>
  </message>
  <message>
   <location filename="../ui/widgets/spectrum.py" />
   <source>shaded: telephone band, 300–3400 Hz</source>
   <translation>ombré : bande téléphonique, 300–3400 Hz</translation>
  </message>
  <message>
   <location filename="../ui/widgets/wave.py" />
   <source>Waveform</source>
   <translation>Forme d’onde</translation>
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
   <translation>Son écoute a échoué</translation>
  </message>
  <message>
   <location filename="../ui/workers/moved_sources.py" />
   <source>They could not be looked for</source>
   <translation>Ils n’ont pas pu être cherchés</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>Checking it failed</source>
   <translation>Sa vérification a échoué</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The microphone is gone: {reason_of}.</source>
   <translation>Le micro a disparu : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>It cannot be recorded to {folder}: {reason_of}. Choose another folder for outputs.</source>
   <translation>Impossible d’enregistrer dans {folder} : {reason_of}. Choisir un autre dossier de sortie.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The disk takes no more: {reason_of}.</source>
   <translation>Le disque n’accepte plus rien : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>{why} What was recorded until then is kept on disk: say it again.</source>
   <translation>{why} Ce qui a été enregistré jusque-là reste sur le disque : redites-le.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>The end of it could not be written: {reason_of}. What was recorded until then is kept.</source>
   <translation>La fin n’a pas pu être écrite : {reason_of}. Ce qui était enregistré jusque-là est gardé.</translation>
  </message>
  <message>
   <location filename="../ui/workers/recorder.py" />
   <source>{wrong} It is on disk.</source>
   <translation>{wrong} Elle est sur le disque.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Looking failed</source>
   <translation>L’examen a échoué</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Searching failed</source>
   <translation>La recherche a échoué</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>The decoder of this file crashed ({reason}); nothing else was harmed.</source>
   <translation>Le décodeur de ce fichier a planté ({reason}) ; rien d’autre n’a souffert.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Ask for another copy, or convert it elsewhere first.</source>
   <translation>Demander une autre copie, ou la convertir d’abord ailleurs.</translation>
  </message>
  <message>
   <location filename="../ui/workers/sources.py" />
   <source>Looking at it failed: {error}.</source>
   <translation>L’examen a échoué : {error}.</translation>
  </message>
  <message>
   <location filename="../ui/workers/speech.py" />
   <source>The voice failed</source>
   <translation>La voix a échoué</translation>
  </message>
  <message>
   <location filename="../ui/workers/speech.py" />
   <source>The voice crashed ({reason}).</source>
   <translation>La voix a planté ({reason}).</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>Watching ended</source>
   <translation>La surveillance s’est arrêtée</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>{name} was made for {receiver}</source>
   <translation>{name} a été produit pour {receiver}</translation>
  </message>
  <message>
   <location filename="../ui/workers/watched_folders.py" />
   <source>{name} was not made: {error}</source>
   <translation>{name} n’a pas été produit : {error}</translation>
  </message>
  <message>
   <location filename="../ui/workers/worker.py" />
   <source>It failed</source>
   <translation>Échec</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>This is too large for a list of spans.</source>
   <translation>C’est trop grand pour une liste de segments.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>Give a text file.</source>
   <translation>Donner un fichier texte.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>This is no list of spans: it is not text in UTF-8.</source>
   <translation>Ce n’est pas une liste de segments : ce n’est pas du texte en UTF-8.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>Save it as UTF-8.</source>
   <translation>L’enregistrer en UTF-8.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>{name} cannot be read: {strerror}.</source>
   <translation>{name} est illisible : {strerror}.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>There are no spans in this file.</source>
   <translation>Ce fichier ne contient aucun segment.</translation>
  </message>
  <message>
   <location filename="../work/cut/forms.py" />
   <source>It takes a table (CSV or TSV) with the columns name, start and end, or without a heading start, end and name; WebVTT; or a WAV with cues.</source>
   <translation>Sont possibles : un tableau (CSV ou TSV) aux colonnes name, start et end, ou sans en-tête début, fin et nom ; WebVTT ; ou un WAV à repères.</translation>
  </message>
  <message>
   <location filename="../work/cut/listening.py" />
   <source>Its decoder crashed ({reason}).</source>
   <translation>Son décodeur a planté ({reason}).</translation>
  </message>
  <message>
   <location filename="../work/cut/listening.py" />
   <source>It was called off.</source>
   <translation>C’est annulé.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>“{text}” is no time.</source>
   <translation>« {text} » n’est pas une durée.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write 12.5, 1:02.5 or 44100 samples.</source>
   <translation>Écrire 12.5, 1:02.5 ou 44100 samples.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>A span is a start, an end and a name.</source>
   <translation>Un segment est un début, une fin et un nom.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write 0:00 to 1:05 Welcome.</source>
   <translation>Écrire 0:00 à 1:05 Bienvenue.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>It would end at {found}, before it begins.</source>
   <translation>Il finirait à {found}, avant de commencer.</translation>
  </message>
  <message>
   <location filename="../work/cut/times.py" />
   <source>Write the start first.</source>
   <translation>Écrire le début d’abord.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>There is no form of delivery “{key}”.</source>
   <translation>Il n’y a pas de forme de livraison « {key} ».</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{meant}There is {list}.</source>
   <translation>{meant}Il y a {list}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{output} cannot be read: {reason_of}.</source>
   <translation>{output} est illisible : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>{output} is not as it was made.</source>
   <translation>{output} n’est pas tel qu’il a été produit.</translation>
  </message>
  <message>
   <location filename="../work/deliver/form.py" />
   <source>Make it again, and deliver then.</source>
   <translation>Le produire à nouveau, puis livrer.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/archives.py" />
   <source>a ZIP archive</source>
   <translation>une archive ZIP</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/archives.py" />
   <source>a TAR archive</source>
   <translation>une archive TAR</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/folder.py" />
   <source>a folder of files</source>
   <translation>un dossier de fichiers</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>There is nothing to put into an image.</source>
   <translation>Il n’y a rien à mettre dans une image.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Make some outputs first.</source>
   <translation>Produire d’abord des sorties.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>{name} has another rate or other blocks than {other}.</source>
   <translation>{name} a une autre fréquence ou d’autres blocs que {other}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Let the receiver take one rate.</source>
   <translation>Faire accepter une seule fréquence au récepteur.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>{place} is no IMA ADPCM in WAV, which an image is made of.</source>
   <translation>{place} n’est pas de l’IMA ADPCM en WAV, dont une image est faite.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/image.py" />
   <source>Let the receiver take wav/ima_adpcm.</source>
   <translation>Faire accepter wav/ima_adpcm au récepteur.</translation>
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
   <translation>une image avec un en-tête C</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>{place} has another rate or encoding than those before it.</source>
   <translation>{place} a une autre fréquence ou un autre codage que les précédents.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Let the receiver take one, or hand over a folder.</source>
   <translation>En faire accepter une seule au récepteur, ou remettre un dossier.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>There is nothing to join.</source>
   <translation>Il n’y a rien à réunir.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Together they are over 4 GiB, which no WAV file holds.</source>
   <translation>Ensemble ils dépassent 4 Gio, qu’aucun WAV ne contient.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>Hand over a folder.</source>
   <translation>Remettre un dossier.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>{place} cannot be joined with others as it is.</source>
   <translation>{place} ne peut pas être réuni tel quel à d’autres.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>WAV files in PCM, µ-law or A-law can; or hand over a folder.</source>
   <translation>Les WAV en PCM, loi µ ou loi A le peuvent ; ou remettre un dossier.</translation>
  </message>
  <message>
   <location filename="../work/deliver/forms/joined.py" />
   <source>one file with cue points</source>
   <translation>un fichier à repères</translation>
  </message>
  <message>
   <location filename="../work/deliver/from_folder.py" />
   <source>Nothing that was made for {name} lies in {folder}.</source>
   <translation>Rien de produit pour {name} ne se trouve dans {folder}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/from_folder.py" />
   <source>kittiwake make --for {slug} --into {folder} makes it.</source>
   <translation>kittiwake make --for {slug} --into {folder} le produit.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>{name} would go to “{list}”, which is no place in what is handed over.</source>
   <translation>{name} irait dans « {list} », qui n’est pas une place de la livraison.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>Change delivery.names of the receiver.</source>
   <translation>Changer delivery.names du récepteur.</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>{first} and {second} would both go to “{place}”.</source>
   <translation>{first} et {second} iraient tous deux dans « {place} ».</translation>
  </message>
  <message>
   <location filename="../work/deliver/item.py" />
   <source>Add {name} or {number} to delivery.names of the receiver.</source>
   <translation>Ajouter {name} ou {number} à delivery.names du récepteur.</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it is one of those that were just handed over</source>
   <translation>il fait partie de ceux qui viennent d’être remis</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it is handed over for {other} too</source>
   <translation>il est remis aussi pour {other}</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>an older record does not tell whose it is</source>
   <translation>un ancien relevé ne dit pas à qui il est</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>it was altered since</source>
   <translation>il a été modifié depuis</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>“{name}” would lie outside of {folder}.</source>
   <translation>« {name} » serait hors de {folder}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/old.py" />
   <source>Look at what lies there; a link, most likely.</source>
   <translation>Voir ce qui s’y trouve ; sans doute un lien.</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>{n} {state}</source>
   <translation>{n} {state}</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>{count} delivered before and wanted no more</source>
   <translation>{count} livrés auparavant et plus voulus</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>new</source>
   <translation>nouveau</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>changed</source>
   <translation>changé</translation>
  </message>
  <message>
   <location filename="../work/deliver/plan.py" />
   <source>same</source>
   <translation>identique</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/deliver/send.py" />
   <source>{n} files handed over to {into}</source>
   <extracomment>Where there is one: {n} file handed over to {into}</extracomment>
   <translation>
    <numerusform>{n} fichier remis dans {into}</numerusform>
    <numerusform>{n} fichiers remis dans {into}</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>, {count} as they were</source>
   <translation>, {count} tels quels</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} that the stand-in refuses: {list}</source>
   <translation> ; {count} que le substitut refuse : {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} deleted there: {list}</source>
   <translation> ; {count} supprimés là : {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {count} there that the set has no more: {list}</source>
   <translation> ; {count} là que le lot n’a plus : {list}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; {name} stays: {why}</source>
   <translation> ; {name} reste : {why}</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>; and {count} more that stay</source>
   <translation> ; et {count} autres qui restent</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Free it, or choose another folder.</source>
   <translation>Le libérer, ou choisir un autre dossier.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>“{name}” lies in {into} already, and is not as an earlier delivery left it.</source>
   <translation>« {name} » est déjà dans {into}, et pas tel qu’une livraison l’a laissé.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Move it away, or choose another folder. Nothing was handed over.</source>
   <translation>Le déplacer, ou choisir un autre dossier. Rien n’a été remis.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>{into} is not the folder any more that it was: its disk is gone.</source>
   <translation>{into} n’est plus le dossier qu’il était : son disque a disparu.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Put the disk back, and deliver again: only what is missing goes.</source>
   <translation>Remettez le disque et livrez de nouveau : seul ce qui manque part.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>{count} of {all} files do not lie in {into} any more: {list}.</source>
   <translation>{count} fichiers sur {all} ne sont plus dans {into} : {list}.</translation>
  </message>
  <message>
   <location filename="../work/deliver/send.py" />
   <source>Look at its disk, and deliver again: only what is missing goes.</source>
   <translation>Vérifiez son disque et livrez de nouveau : seul ce qui manque part.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>removing {n} clips</source>
   <extracomment>Where there is one: removing {n} clip</extracomment>
   <translation>
    <numerusform>ôter {n} clip</numerusform>
    <numerusform>ôter {n} clips</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>recording “{name}”</source>
   <translation>enregistrement de « {name} »</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>speaking {n} lines</source>
   <extracomment>Where there is one: speaking {n} line</extracomment>
   <translation>
    <numerusform>dire {n} ligne</numerusform>
    <numerusform>dire {n} lignes</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>the voice for “{name}”</source>
   <translation>la voix pour « {name} »</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>taking in {n} cells</source>
   <extracomment>Where there is one: taking in {n} cell</extracomment>
   <translation>
    <numerusform>reprendre {n} case</numerusform>
    <numerusform>reprendre {n} cases</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>leaving out {n} cells</source>
   <extracomment>Where there is one: leaving out {n} cell</extracomment>
   <translation>
    <numerusform>omettre {n} case</numerusform>
    <numerusform>omettre {n} cases</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>stating {rate} Hz</source>
   <translation>indiquer {rate} Hz</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source> of {count} clips</source>
   <translation> de {count} clips</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>touching up {list}{many}</source>
   <translation>retoucher {list}{many}</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>a remedy for {count} clips</source>
   <translation>un remède pour {count} clips</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>choosing receivers</source>
   <translation>choisir les récepteurs</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>changing the rules of {name}</source>
   <translation>changer les règles de {name}</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>adding {name}</source>
   <translation>ajouter {name}</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/edits.py" />
   <source>adding {n} forms</source>
   <extracomment>Where there is one: adding {n} form</extracomment>
   <translation>
    <numerusform>ajouter {n} forme</numerusform>
    <numerusform>ajouter {n} formes</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>giving back the shipped rules</source>
   <translation>rendre les règles fournies</translation>
  </message>
  <message>
   <location filename="../work/project/edits.py" />
   <source>duplicating {name}</source>
   <translation>dupliquer {name}</translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>stating {stated}</source>
   <translation>indiquer {stated}</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/headerless.py" />
   <source>reading {count} files as guessed</source>
   <extracomment>Where there is one: reading {count} file as guessed</extracomment>
   <translation>
    <numerusform>lire {count} fichier comme deviné</numerusform>
    <numerusform>lire {count} fichiers comme deviné</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>reading {name} as {known}</source>
   <translation>lire {name} comme {known}</translation>
  </message>
  <message>
   <location filename="../work/project/headerless.py" />
   <source>{name} is read as {known}, as last stated in its folder; H states another format.</source>
   <translation>{name} est lu comme {known}, selon la dernière indication dans son dossier ; H indique un autre format.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/moved.py" />
   <source>finding {n} sources</source>
   <extracomment>Where there is one: finding {n} source</extracomment>
   <translation>
    <numerusform>la recherche de {n} source</numerusform>
    <numerusform>la recherche de {n} sources</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/project/opening.py" />
   <source>A receiver is left out: {message}</source>
   <translation>Un récepteur est laissé de côté : {message}</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{files} not there any more, and can be made again.</source>
   <translation>{files} plus là et peut être reproduit.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{files} altered by something else since; nothing of that will be overwritten.</source>
   <translation>{files} modifié depuis par autre chose ; rien n’en sera écrasé.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>has changed, and is looked at again</source>
   <translation>a changé, et est regardée à nouveau</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>have changed, and are looked at again</source>
   <translation>ont changé, et sont regardées à nouveau</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>is not there any more</source>
   <translation>n’est plus là</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>are not there any more</source>
   <translation>ne sont plus là</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>A made file was</source>
   <translation>Un fichier produit n’est</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{count} made files were</source>
   <translation>{count} fichiers produits ne sont</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{count} sources {many}.</source>
   <translation>{count} sources {many}.</translation>
  </message>
  <message>
   <location filename="../work/project/outputs.py" />
   <source>{name} {one}.</source>
   <translation>{name} {one}.</translation>
  </message>
  <message>
   <location filename="../work/project/plans.py" />
   <source>Its line of the script was changed, and not spoken since: “{text}”.</source>
   <translation>Sa ligne du script a été changée et n’a pas été dite depuis : « {text} ».</translation>
  </message>
  <message>
   <location filename="../work/project/plans.py" />
   <source>Speak the line again, on the page of the script.</source>
   <translation>Faites redire la ligne, sur la page du script.</translation>
  </message>
  <message>
   <location filename="../work/project/project.py" />
   <source>naming the job</source>
   <translation>nommer le travail</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/project/project.py" />
   <source>adding {n} recordings</source>
   <extracomment>Where there is one: adding {n} recording</extracomment>
   <translation>
    <numerusform>ajouter {n} enregistrement</numerusform>
    <numerusform>ajouter {n} enregistrements</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>There is nothing in it.</source>
   <translation>Il n’y a rien dedans.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Say it again.</source>
   <translation>Redites-le.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Nobody is heard in it.</source>
   <translation>On n’y entend personne.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Is the microphone on? Say it again.</source>
   <translation>Le micro est-il allumé ? Redites-le.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It begins before the recording does.</source>
   <translation>Cela commence avant l’enregistrement.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It was still going on when it was stopped.</source>
   <translation>Cela continuait encore à l’arrêt.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Wait a moment before and after, and say it again.</source>
   <translation>Attendre un instant avant et après, et redites-le.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>The room is only {level:.0f} dB softer than the voice.</source>
   <translation>La pièce n’est que {level:.0f} dB sous la voix.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Close the window, switch off what hums, or come nearer.</source>
   <translation>Fermer la fenêtre, éteindre ce qui ronfle, ou se rapprocher.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It broke off before it was ended.</source>
   <translation>Elle s’est interrompue avant d’être terminée.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It stays on disk. Say it again.</source>
   <translation>Elle reste sur le disque. Redites-la.</translation>
  </message>
  <message numerus="yes">
   <location filename="../work/record/check.py" />
   <source>It is clipped: {clipped_samples} samples at full scale.</source>
   <extracomment>Where there is one: It is clipped: {clipped_samples} sample at full scale.</extracomment>
   <translation>
    <numerusform>C’est écrêté : {clipped_samples} échantillon à pleine échelle.</numerusform>
    <numerusform>C’est écrêté : {clipped_samples} échantillons à pleine échelle.</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Turn the microphone down or move away from it, and say it again.</source>
   <translation>Baisser le micro ou s’en éloigner, et redites-le.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>It is very soft, {level:.0f} dBov.</source>
   <translation>C’est très faible, {level:.0f} dBov.</translation>
  </message>
  <message>
   <location filename="../work/record/check.py" />
   <source>Come nearer, and say it again.</source>
   <translation>Rapprochez-vous, et redites-le.</translation>
  </message>
  <message>
   <location filename="../work/record/take.py" />
   <source>Recorded with {device}</source>
   <translation>Enregistré avec {device}</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>There is no receiver “{unknown}”.</source>
   <translation>Il n’y a pas de récepteur « {unknown} ».</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Those of the board: {names}.</source>
   <translation>Sur le tableau il y a : {names}.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>“{cell}” is no speed.</source>
   <translation>« {cell} » n’est pas une vitesse.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Write 8 %, or 1.08; from {slowest:g} to {fastest:g}.</source>
   <translation>Écrire 8 %, ou 1.08 ; de {slowest:g} à {fastest:g}.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>A line has a name: its clip is called so.</source>
   <translation>Une ligne a un nom : c’est celui de son clip.</translation>
  </message>
  <message>
   <location filename="../work/script/edit.py" />
   <source>Give it one.</source>
   <translation>Lui en donner un.</translation>
  </message>
  <message>
   <location filename="../work/script/own_respellings.py" />
   <source>Free it, and try again.</source>
   <translation>Le libérer, et réessayer.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>“{{{inside}}}” stands for more than {most:,} lines.</source>
   <translation>« {{{inside}}} » représente plus de {most:,} lignes.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Give a shorter range.</source>
   <translation>Donner une plage plus courte.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>“{{{inside}}}” is no series.</source>
   <translation>« {{{inside}}} » n’est pas une série.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Write {1..12}, {1..12:words} or {one|other}.</source>
   <translation>Écrire {1..12}, {1..12:words} ou {one|other}.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>That stands for {count:,} lines, more than {most:,}.</source>
   <translation>Cela représente {count:,} lignes, plus de {most:,}.</translation>
  </message>
  <message>
   <location filename="../work/script/series.py" />
   <source>Give shorter ranges.</source>
   <translation>Donner des plages plus courtes.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>file name</source>
   <translation>nom de fichier</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>say it as</source>
   <translation>dire comme</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>say as</source>
   <translation>dire</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>It is no table: {error}.</source>
   <translation>Ce n’est pas un tableau : {error}.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Look for a quote that is not closed.</source>
   <translation>Chercher un guillemet qui n’est pas fermé.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is too large for a script.</source>
   <translation>{name} est trop grand pour un script.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Give a table of lines.</source>
   <translation>Donner un tableau de lignes.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>it takes more memory or time than a table may</source>
   <translation>il demande plus de mémoire ou de temps qu’une table ne peut</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is no spreadsheet that can be read ({error}).</source>
   <translation>{name} n’est pas un tableur lisible ({error}).</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Save it as CSV.</source>
   <translation>L’enregistrer en CSV.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>it has more than {cells:,} cells</source>
   <translation>il a plus de {cells:,} cellules</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>{name} is not text in UTF-8.</source>
   <translation>{name} n’est pas du texte en UTF-8.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Save it as UTF-8, or as a spreadsheet.</source>
   <translation>L’enregistrer en UTF-8, ou en tableur.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>That is no table: {error}.</source>
   <translation>Ce n’est pas un tableau : {error}.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Check quotes and line ends.</source>
   <translation>Vérifier guillemets et fins de ligne.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Row {number}: the name “{name}” is there already.</source>
   <translation>Ligne {number} : le nom « {name} » existe déjà.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>There are no lines in that.</source>
   <translation>Il n’y a pas de lignes là-dedans.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Give a table with the columns name and text.</source>
   <translation>Donner un tableau aux colonnes name et text.</translation>
  </message>
  <message>
   <location filename="../work/script/table.py" />
   <source>Row {number}: “{cells}” is no speed from {slowest:g} to {fastest:g}; taken as 1.</source>
   <translation>Ligne {number} : « {cells} » n’est pas une vitesse de {slowest:g} à {fastest:g} ; prise pour 1.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Colours</source>
   <translation>Couleurs</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Light, dark, or as the desktop has it.</source>
   <translation>Clair, sombre, ou comme le bureau.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>as the desktop</source>
   <translation>comme le bureau</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>light</source>
   <translation>clair</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>dark</source>
   <translation>sombre</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Of all that is shown here; files and what programs read stay English.</source>
   <translation>De tout ce qui s’affiche ici ; les fichiers et ce que lisent les programmes restent en anglais.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Decimal sign</source>
   <translation>Signe décimal</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>On the screen only; in files it is always a point.</source>
   <translation>À l’écran seulement ; dans les fichiers c’est toujours un point.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>as in the language</source>
   <translation>comme dans la langue</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>a point: 3.5</source>
   <translation>un point : 3.5</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>a comma: 3,5</source>
   <translation>une virgule : 3,5</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>A kilobyte has</source>
   <translation>Un kilooctet a</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>On the screen only; limits of receivers count as they are written.</source>
   <translation>À l’écran seulement ; les limites des récepteurs comptent comme elles sont écrites.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>1000 bytes (kB)</source>
   <translation>1000 octets (kB)</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>1024 bytes (KiB)</source>
   <translation>1024 octets (KiB)</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Text size</source>
   <translation>Taille du texte</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Of everything in the window, beside its usual size.</source>
   <translation>De tout dans la fenêtre, par rapport à la taille habituelle.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Less motion</source>
   <translation>Moins de mouvement</translation>
  </message>
  <message>
   <location filename="../work/settings/known/look.py" />
   <source>Nothing blinks, glides or fades.</source>
   <translation>Rien ne clignote, ne glisse ni ne s’estompe.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>How many at once</source>
   <translation>Combien à la fois</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>More is faster up to the number of cores; fewer leave room for other work. 0: one for each core.</source>
   <translation>Plus va plus vite jusqu’au nombre de cœurs ; moins laisse de la place au reste. 0 : un par cœur.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>one for each core</source>
   <translation>un par cœur</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Keep the machine awake while making</source>
   <translation>Garder la machine éveillée</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>The desktop is asked not to sleep until the run is over.</source>
   <translation>Le bureau est prié de ne pas dormir jusqu’à la fin.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Tell when a run has ended</source>
   <translation>Signaler la fin d’une production</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>A notification of the desktop, while the window is not the one in use.</source>
   <translation>Une notification du bureau, quand la fenêtre n’est pas celle qu’on utilise.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Sound when a run has ended</source>
   <translation>Son à la fin d’une production</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Two short tones: rising where all is well, falling where something failed.</source>
   <translation>Deux sons brefs : montants si tout va bien, descendants si quelque chose a échoué.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Show the folder when a run has ended</source>
   <translation>Montrer le dossier à la fin</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Opens it in the file manager, where something was made.</source>
   <translation>L’ouvre dans le gestionnaire de fichiers, si quelque chose a été produit.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Close the window when a run has ended</source>
   <translation>Fermer la fenêtre à la fin</translation>
  </message>
  <message>
   <location filename="../work/settings/known/making.py" />
   <source>Only where nothing failed and the job is saved.</source>
   <translation>Seulement si rien n’a échoué et que le travail est enregistré.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>Jobs that say nothing else put their outputs into a folder of their own in this one. Empty: Kittiwake in your documents.</source>
   <translation>Les travaux qui ne disent rien d’autre mettent leurs sorties dans leur propre dossier ici. Vide : Kittiwake dans vos documents.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>How they lie there</source>
   <translation>Comment elles y sont rangées</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>Holds for new jobs; each job may say otherwise in the Job menu.</source>
   <translation>Vaut pour les nouveaux travaux ; chacun peut dire autrement dans le menu Travail.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>one folder for each receiver</source>
   <translation>un dossier par récepteur</translation>
  </message>
  <message>
   <location filename="../work/settings/known/outputs.py" />
   <source>mirrored, as the sources lie</source>
   <translation>en miroir, comme les sources</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Close by itself after</source>
   <translation>Se ferme seule après</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Counted once everything is made and nothing is asked. 0: it stays.</source>
   <translation>Compté une fois tout produit et rien demandé. 0 : elle reste.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>it stays</source>
   <translation>elle reste</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Results lie</source>
   <translation>Les résultats sont</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>Beside the source, or where outputs go; they are on the clipboard either way.</source>
   <translation>À côté de la source, ou là où vont les sorties ; de toute façon dans le presse-papiers.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/quick.py" />
   <source>where outputs go</source>
   <translation>là où vont les sorties</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>Loudspeaker</source>
   <translation>Haut-parleur</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>What the ear plays on. Empty: what the desktop uses.</source>
   <translation>Ce sur quoi l’oreille joue. Vide : celui du bureau.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>What is recorded from at first. Empty: what the desktop uses.</source>
   <translation>Ce avec quoi on enregistre d’abord. Vide : celui du bureau.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>A take ends after so much silence</source>
   <translation>Une prise s’arrête après ce silence</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>In tenths of a second. 0: a take ends only where it is stopped, as for a reading of many sentences.</source>
   <translation>En dixièmes de seconde. 0 : une prise ne s’arrête que si on l’arrête, comme pour une longue lecture.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/sound.py" />
   <source>it ends only where it is stopped</source>
   <translation>elle ne finit que là où on l’arrête</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>Open the last job at the start</source>
   <translation>Ouvrir le dernier travail au démarrage</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>The job that was open when the window was closed, and the clip that was chosen.</source>
   <translation>Le travail ouvert quand la fenêtre a été fermée, et le clip choisi.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>Files from outside go to</source>
   <translation>Les fichiers de l’extérieur vont dans</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>What “Open with” does while a window is open.</source>
   <translation>Ce que fait « Ouvrir avec » quand une fenêtre est ouverte.</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>ask each time</source>
   <translation>demander chaque fois</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>the job that is open</source>
   <translation>le travail ouvert</translation>
  </message>
  <message>
   <location filename="../work/settings/known/start.py" />
   <source>a window of their own</source>
   <translation>une fenêtre à eux</translation>
  </message>
  <message>
   <location filename="../work/settings/setting.py" />
   <source>Outputs</source>
   <translation>Sorties</translation>
  </message>
  <message>
   <location filename="../work/settings/setting.py" />
   <source>Look</source>
   <translation>Apparence</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>file of settings</source>
   <translation>file of settings</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>{name} cannot be read ({error}). Everything is as it comes until that is mended.</source>
   <translation>{name} est illisible ({error}). Tout est comme fourni jusqu’à correction.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>{section} is no section of settings.</source>
   <translation>{section} n’est pas une section de réglages.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>There is no section [{section}]; the sections are {list}.</source>
   <translation>Il n’y a pas de section [{section}] ; il y a {list}.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>There is no setting {key}.</source>
   <translation>Il n’y a pas de réglage {key}.</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>keys.{command} is a list of keys, such as ["Ctrl+M"].</source>
   <translation>keys.{command} est une liste de touches, comme ["Ctrl+M"].</translation>
  </message>
  <message>
   <location filename="../work/settings/store.py" />
   <source>Settings could not be kept in {path}: {reason_of}.</source>
   <translation>Les réglages n’ont pas pu être gardés dans {path} : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>There is no voice “{key}”.</source>
   <translation>Il n’y a pas de voix « {key} ».</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>Those that speak {language}: {near}.</source>
   <translation>Parlent {language} : {near}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>No voice here speaks {language}.</source>
   <translation>Aucune voix ici ne parle {language}.</translation>
  </message>
  <message>
   <location filename="../work/speak/engine.py" />
   <source>Choose another language.</source>
   <translation>Choisir une autre langue.</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>The voice gave no usable sound for “{text}”.</source>
   <translation>La voix n’a donné aucun son utilisable pour « {text} ».</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>Try another voice.</source>
   <translation>Essayer une autre voix.</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>The voice failed ({name}: {error}).</source>
   <translation>La voix a échoué ({name} : {error}).</translation>
  </message>
  <message>
   <location filename="../work/speak/spoken.py" />
   <source>It was stopped before that was spoken.</source>
   <translation>C’est arrêté avant d’être dit.</translation>
  </message>
  <message>
   <location filename="../work/speak/stand_in.py" />
   <source>Out of breath</source>
   <translation>Hors d’haleine</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The voice engine could not be started.</source>
   <translation>Le moteur vocal n’a pas pu démarrer.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Install it anew.</source>
   <translation>Le réinstaller.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The engine has no voice “{voice}”.</source>
   <translation>Le moteur n’a pas de voix « {voice} ».</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>There is nothing to say.</source>
   <translation>Il n’y a rien à dire.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Write a text.</source>
   <translation>Écrire un texte.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>The voice has no sound for “{plain}”.</source>
   <translation>La voix n’a pas de son pour « {plain} ».</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>Respell it, or choose another voice.</source>
   <translation>Le transcrire, ou choisir une autre voix.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/espeak.py" />
   <source>eSpeak NG</source>
   <translation>eSpeak NG</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>an address that begins with http:// or https://</source>
   <translation>une adresse qui commence par http:// ou https://</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} cannot be read: {detail}.</source>
   <translation>{name} est illisible : {detail}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Stand-in service</source>
   <translation>Service doublure</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name}, over the network</source>
   <translation>{name}, par le réseau</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>There is no voice service “{key}”.</source>
   <translation>Il n’y a pas de service vocal « {key} ».</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Put its file into {voices_folder}.</source>
   <translation>Mettre son fichier dans {voices_folder}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} {error}.</source>
   <translation>{name} {error}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>See whether it runs, and its address.</source>
   <translation>Voir s’il tourne, et son adresse.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered {code} ({reason}).</source>
   <translation>{name} a répondu {code} ({reason}).</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Ask whoever runs it.</source>
   <translation>Demander à qui le fait tourner.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered no sound at {sound}.</source>
   <translation>{name} n’a pas répondu de son à {sound}.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Look at what it answers.</source>
   <translation>Regarder ce qu’il répond.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>{name} answered no sound that can be read ({kind}).</source>
   <translation>{name} n’a pas répondu de son lisible ({kind}).</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/network.py" />
   <source>Have it answer WAV, FLAC, Ogg or MP3.</source>
   <translation>Lui faire répondre WAV, FLAC, Ogg ou MP3.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>Joe, American English, natural</source>
   <translation>Joe, anglais américain, naturelle</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>The natural voice is not installed.</source>
   <translation>La voix naturelle n’est pas installée.</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>Choose another voice, or install kittiwake[voices].</source>
   <translation>Choisir une autre voix, ou installer kittiwake[voices].</translation>
  </message>
  <message>
   <location filename="../work/speak/voices/piper.py" />
   <source>The voice has no sound for “{text}”.</source>
   <translation>La voix n’a pas de son pour « {text} ».</translation>
  </message>
  <message>
   <location filename="../work/standin/judge.py" />
   <source>The list: {verdict_of}</source>
   <translation>La liste : {verdict_of}</translation>
  </message>
  <message>
   <location filename="../work/standin/judge.py" />
   <source> (byte {at:,})</source>
   <translation> (octet {at:,})</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>Broken off after {through:,} bytes; it goes on from there.</source>
   <translation>Interrompu après {through:,} octets ; cela reprend de là.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>The link was lost after {through:,} bytes; it goes on from there.</source>
   <translation>Liaison perdue après {through:,} octets ; cela reprend de là.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>It restarted after {through:,} bytes; it holds what it held, and this has to come again.</source>
   <translation>Redémarrée après {through:,} octets ; elle garde ce qu’elle avait, et ceci doit revenir.</translation>
  </message>
  <message>
   <location filename="../work/standin/link.py" />
   <source>Its memory is full.</source>
   <translation>Sa mémoire est pleine.</translation>
  </message>
  <message>
   <location filename="../work/standin/microphone.py" />
   <source>No microphone: a stand-in one speaks the demo lines</source>
   <translation>Pas de micro : une doublure dit les lignes de la démo</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is watched by another Kittiwake already.</source>
   <translation>{path} est déjà surveillé par un autre Kittiwake.</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>Stop that one first: a window, or “kittiwake watch”.</source>
   <translation>Arrêter d’abord celui-là : une fenêtre, ou « kittiwake watch ».</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is not there; it is waited for.</source>
   <translation>{path} n’est pas là ; on l’attend.</translation>
  </message>
  <message>
   <location filename="../work/watch/loop.py" />
   <source>{path} is there again.</source>
   <translation>{path} est de retour.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{name} is watched for no receiver.</source>
   <translation>{name} n’est surveillé pour aucun récepteur.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Name at least one.</source>
   <translation>En nommer au moins un.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Outputs would go into {into}, which {path} lies in: nothing that arrives would be taken.</source>
   <translation>Les sorties iraient dans {into}, qui contient {path} : rien de ce qui arrive ne serait pris.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Let them go into a folder of their own.</source>
   <translation>Leur donner un dossier à elles.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Outputs of {path} would lie among what arrives there.</source>
   <translation>Les sorties de {path} seraient parmi ce qui y arrive.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>“{path!a}” is no folder of this machine ({error}).</source>
   <translation>« {path!a} » n’est pas un dossier de cette machine ({error}).</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Write where it is from / on.</source>
   <translation>Écrire où il se trouve à partir de /.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{path} and {other} are one folder.</source>
   <translation>{path} et {other} sont un seul dossier.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Name it once, with all its receivers.</source>
   <translation>Nommez-le une fois, avec tous ses récepteurs.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>What is made of {path} would arrive there again, without end.</source>
   <translation>Ce qui est fait de {path} y reviendrait sans fin.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Let outputs go into folders that are not watched.</source>
   <translation>Faites aller les sorties dans des dossiers non surveillés.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>list of folders</source>
   <translation>liste de dossiers</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{file} cannot be read: {error}.</source>
   <translation>{file} est illisible : {error}.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>Mend it, or remove it.</source>
   <translation>Le corriger, ou l’ôter.</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>In {name}</source>
   <translation>Dans {name}</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{name}, folder {number}</source>
   <translation>{name}, dossier {number}</translation>
  </message>
  <message>
   <location filename="../work/watch/request.py" />
   <source>{file} could not be written: {reason_of}.</source>
   <translation>{file} n’a pas pu être écrit : {reason_of}.</translation>
  </message>
  <message>
   <location filename="../core/receivers/10-phone-menu.toml" />
   <source>Prompts of a phone system: menus, voicemail greetings, announcements.</source>
   <translation>Annonces d’un système téléphonique : menus, accueils, messages.</translation>
  </message>
  <message>
   <location filename="../core/receivers/11-phone-menu-alaw.toml" />
   <source>Phone menu, A-law</source>
   <translation>Menu téléphonique, loi A</translation>
  </message>
  <message>
   <location filename="../core/receivers/11-phone-menu-alaw.toml" />
   <source>Prompts of a phone system where the network speaks A-law.</source>
   <translation>Annonces d’un système dont le réseau parle la loi A.</translation>
  </message>
  <message>
   <location filename="../core/receivers/12-phone-menu-linear.toml" />
   <source>Phone menu, linear</source>
   <translation>Menu téléphonique, linéaire</translation>
  </message>
  <message>
   <location filename="../core/receivers/12-phone-menu-linear.toml" />
   <source>Prompts of a phone system that plays headerless 16-bit linear files by their names.</source>
   <translation>Annonces d’un système qui joue par leur nom des fichiers linéaires 16 bits sans en-tête.</translation>
  </message>
  <message>
   <location filename="../core/receivers/13-phone-menu-gsm.toml" />
   <source>Phone menu, GSM</source>
   <translation>Menu téléphonique, GSM</translation>
  </message>
  <message>
   <location filename="../core/receivers/13-phone-menu-gsm.toml" />
   <source>Prompts of a phone system that stores GSM full rate, a fifth of the size of µ-law.</source>
   <translation>Annonces d’un système qui garde du GSM plein débit, un cinquième de la loi µ.</translation>
  </message>
  <message>
   <location filename="../core/receivers/14-wideband-phone.toml" />
   <source>Wideband phone</source>
   <translation>Téléphone large bande</translation>
  </message>
  <message>
   <location filename="../core/receivers/14-wideband-phone.toml" />
   <source>Prompts for phones that hear up to 7 kHz.</source>
   <translation>Annonces pour téléphones qui entendent jusqu’à 7 kHz.</translation>
  </message>
  <message>
   <location filename="../core/receivers/15-mobile-voice.toml" />
   <source>Mobile voice</source>
   <translation>Voix mobile</translation>
  </message>
  <message>
   <location filename="../core/receivers/15-mobile-voice.toml" />
   <source>Voice files as mobile phones store and send them.</source>
   <translation>Fichiers vocaux comme les mobiles les gardent et les envoient.</translation>
  </message>
  <message>
   <location filename="../core/receivers/16-low-rate-trunk.toml" />
   <source>Low-rate trunk</source>
   <translation>Liaison à bas débit</translation>
  </message>
  <message>
   <location filename="../core/receivers/16-low-rate-trunk.toml" />
   <source>A trunk that saves bandwidth: G.726 at 32 kbit/s, G.723.1 at 6.3 or G.729 at 8.</source>
   <translation>Une liaison qui épargne la bande : G.726 à 32 kbit/s, G.723.1 à 6,3 ou G.729 à 8.</translation>
  </message>
  <message>
   <location filename="../core/receivers/17-voicemail-drop.toml" />
   <source>Voicemail drop</source>
   <translation>Message déposé</translation>
  </message>
  <message>
   <location filename="../core/receivers/17-voicemail-drop.toml" />
   <source>A message left on answering machines: short and small gets through most often.</source>
   <translation>Un message laissé sur répondeur : court et petit passe le plus souvent.</translation>
  </message>
  <message>
   <location filename="../core/receivers/18-hold-music.toml" />
   <source>What callers hear while they wait: it repeats without a gap. See to the rights.</source>
   <translation>Ce que les appelants entendent en attente : il se répète sans trou. Voir les droits.</translation>
  </message>
  <message>
   <location filename="../core/receivers/20-quay-beacon.toml" />
   <source>Quay beacon</source>
   <translation>Balise de quai</translation>
  </message>
  <message>
   <location filename="../core/receivers/20-quay-beacon.toml" />
   <source>A camera or alert device that speaks one short message when it is triggered.</source>
   <translation>Une caméra ou un appareil d’alerte qui dit un court message quand on le déclenche.</translation>
  </message>
  <message>
   <location filename="../core/receivers/21-deck-radio.toml" />
   <source>Deck radio</source>
   <translation>Radio de pont</translation>
  </message>
  <message>
   <location filename="../core/receivers/21-deck-radio.toml" />
   <source>A radio that announces its channels with short messages.</source>
   <translation>Une radio qui annonce ses canaux par de courts messages.</translation>
  </message>
  <message>
   <location filename="../core/receivers/22-paging-controller.toml" />
   <source>Paging controller</source>
   <translation>Contrôleur d’annonces</translation>
  </message>
  <message>
   <location filename="../core/receivers/22-paging-controller.toml" />
   <source>Messages of a paging or evacuation system.</source>
   <translation>Messages d’un système d’annonces ou d’évacuation.</translation>
  </message>
  <message>
   <location filename="../core/receivers/30-speech-engine.toml" />
   <source>Speech engine</source>
   <translation>Moteur vocal</translation>
  </message>
  <message>
   <location filename="../core/receivers/30-speech-engine.toml" />
   <source>A recogniser that listens, or the collection of speech it learns from.</source>
   <translation>Un reconnaisseur qui écoute, ou la collection de parole dont il apprend.</translation>
  </message>
  <message>
   <location filename="../core/receivers/31-speech-service.toml" />
   <source>Speech service</source>
   <translation>Service vocal</translation>
  </message>
  <message>
   <location filename="../core/receivers/31-speech-service.toml" />
   <source>A recogniser that is asked over the network, one short clip at a time.</source>
   <translation>Un reconnaisseur interrogé par le réseau, un court clip à la fois.</translation>
  </message>
  <message>
   <location filename="../core/receivers/32-voice-board.toml" />
   <source>Voice board</source>
   <translation>Carte vocale</translation>
  </message>
  <message>
   <location filename="../core/receivers/32-voice-board.toml" />
   <source>A small board that plays compressed sound from its own memory.</source>
   <translation>Une petite carte qui joue du son compressé de sa mémoire.</translation>
  </message>
  <message>
   <location filename="../core/receivers/33-corpus.toml" />
   <source>A collection of speech: every file the same rate, depth and channels.</source>
   <translation>Une collection de parole : chaque fichier à même fréquence, profondeur et canaux.</translation>
  </message>
  <message>
   <location filename="../core/receivers/40-hand-over.toml" />
   <source>Hand-over MP3</source>
   <translation>MP3 de remise</translation>
  </message>
  <message>
   <location filename="../core/receivers/40-hand-over.toml" />
   <source>A copy to listen to, for people; keep a master beside it.</source>
   <translation>Une copie à écouter, pour des gens ; garder un original à côté.</translation>
  </message>
  <message>
   <location filename="../core/receivers/41-master.toml" />
   <source>Master</source>
   <translation>Original</translation>
  </message>
  <message>
   <location filename="../core/receivers/41-master.toml" />
   <source>The full quality of the recording, to make everything else from.</source>
   <translation>La pleine qualité de l’enregistrement, pour en faire tout le reste.</translation>
  </message>
  <message>
   <location filename="../core/receivers/42-editing-copy.toml" />
   <source>Editing copy</source>
   <translation>Copie de montage</translation>
  </message>
  <message>
   <location filename="../core/receivers/42-editing-copy.toml" />
   <source>What editors, discs and web pages take: WAV, 44.1 kHz, 16-bit.</source>
   <translation>Ce qu’acceptent montage, disques et pages web : WAV, 44,1 kHz, 16 bits.</translation>
  </message>
 </context>
</TS>
