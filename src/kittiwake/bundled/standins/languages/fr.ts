<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>Phone menu…</source>
   <translation>Menu téléphonique…</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>Put made prompts to the keys of a telephone menu, and call it.</source>
   <translation>Mettre les annonces produites sur les touches d’un menu téléphonique, et l’appeler.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/commands.py" />
   <source>No receiver of the board is a phone with a menu: {key} chooses one.</source>
   <translation>Aucun récepteur du tableau n’est un téléphone à menu : {key} en choisit un.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>the call is over</source>
   <translation>l’appel est fini</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>a telephone has no key “{key}”</source>
   <translation>un téléphone n’a pas de touche « {key} »</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} was pressed, and {found} was detected</source>
   <translation>{key} a été pressé, et {found} détecté</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} pressed and detected</source>
   <translation>{key} pressé et détecté</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{key} does nothing in {menu}</source>
   <translation>{key} ne fait rien dans {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>nothing for {timeout:g} s</source>
   <translation>rien pendant {timeout:g} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>no key was pressed</source>
   <translation>aucune touche pressée</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>the other side is {place}</source>
   <translation>l’autre côté est {place}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>no line is free</source>
   <translation>aucune ligne libre</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>put through: {target}</source>
   <translation>mis en relation : {target}</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>given up after {tries} tries</source>
   <extracomment>Where there is one: given up after {tries} try</extracomment>
   <translation>
    <numerusform>abandonné après {tries} essai</numerusform>
    <numerusform>abandonné après {tries} essais</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>“{name}” is missing: the caller hears nothing</source>
   <translation>« {name} » manque : l’appelant n’entend rien</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/call.py" />
   <source>{name}, of which {lost:.0f} ms are lost: give it {opens_after:g} s of air</source>
   <translation>{name}, dont {lost:.0f} ms sont perdues : lui donner {opens_after:g} s d’air</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>hang up</source>
   <translation>raccrocher</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>In {where}</source>
   <translation>Dans {where}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>Mend it, and hand it over again.</source>
   <translation>Le corriger, et le remettre à nouveau.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>a text of one line</source>
   <translation>un texte d’une ligne</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>one menu to {most}</source>
   <translation>de un à {most} menus</translation>
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
    <numerusform>{n} menu</numerusform>
    <numerusform>{n} menus</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>{n} prompts</source>
   <extracomment>Where there is one: {n} prompt</extracomment>
   <translation>
    <numerusform>{n} annonce</numerusform>
    <numerusform>{n} annonces</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>is not valid TOML: {error}</source>
   <translation>n’est pas du TOML valide : {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>begins in the menu “{first}”, which is not there</source>
   <translation>commence dans le menu « {first} », qui n’existe pas</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has no state “{name}”: {list}</source>
   <translation>n’a pas d’état « {name} » : {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has “{part}” in states.{name}: {error}</source>
   <translation>a « {part} » dans states.{name} : {error}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has no key “{key}” in {name}: {list}</source>
   <translation>n’a pas de touche « {key} » dans {name} : {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>leads from {name} by {key} to the menu “{target}”, which is not there</source>
   <translation>mène de {name} par {key} au menu « {target} », qui n’existe pas</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>has “{wrong}” at {key} in {name}; write menu NAME, say PROMPT, or {list}</source>
   <translation>a « {wrong} » à {key} dans {name} ; écrire menu NOM, say ANNONCE, ou {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>No name begins with keys, such as “12 Evening fares”.</source>
   <translation>Aucun nom ne commence par des touches, comme « 12 Evening fares ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/dial_plan.py" />
   <source>Name the clips so, or assign them by hand.</source>
   <translation>Nommer ainsi les clips, ou les attribuer à la main.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Every key of {name} does something.</source>
   <translation>Chaque touche de {name} fait quelque chose.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Make one of them a menu.</source>
   <translation>Faire de l’une un menu.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>That is no key that could become a menu.</source>
   <translation>Cette touche ne peut pas devenir un menu.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/phone/edit.py" />
   <source>Choose a key that says something.</source>
   <translation>Choisir une touche qui dit quelque chose.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Only files ending in .wav are taken.</source>
   <translation>Seuls les fichiers en .wav sont acceptés.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{count:,} bytes are too many: {most:,} are the most.</source>
   <translation>{count:,} octets, c’est trop : au plus {most:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{count} bytes are too few for a WAV file.</source>
   <translation>{count} octets, c’est trop peu pour un WAV.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It does not begin as a WAV file.</source>
   <translation>Il ne commence pas comme un WAV.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>The size in its header is not its size.</source>
   <translation>La taille de son en-tête n’est pas la sienne.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>A format chunk must come first.</source>
   <translation>Un bloc de format doit venir d’abord.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its sound does not end with a whole frame.</source>
   <translation>Son son ne finit pas sur une trame entière.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It says that it is longer than its sound.</source>
   <translation>Il se dit plus long que son son.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{seconds:.2f} s are too long: {most_seconds:g} s are the most.</source>
   <translation>{seconds:.2f} s, c’est trop long : au plus {most_seconds:g} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its encoding is {get}; {taken} is taken.</source>
   <translation>Son codage est {get} ; {taken} est accepté.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>It has {channels} channels; only one is taken.</source>
   <translation>Il a {channels} canaux ; un seul est accepté.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>{rate:,} Hz is not a rate it plays: {taken} Hz is.</source>
   <translation>{rate:,} Hz n’est pas une fréquence jouée : {taken} Hz oui.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Samples of {bits} bits are not taken: they must have {wanted}.</source>
   <translation>Les échantillons de {bits} bits ne sont pas acceptés : il en faut {wanted}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its bytes a second and its frames do not agree.</source>
   <translation>Ses octets par seconde et ses trames ne concordent pas.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Blocks of {block} bytes are none.</source>
   <translation>Des blocs de {block} octets n’en sont pas.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Its sound is not as long as it says.</source>
   <translation>Son son n’a pas la longueur annoncée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>There is no sound in it.</source>
   <translation>Il n’y a pas de son dedans.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/plain_wav.py" />
   <source>Something that it does not know stands before the sound ({kind!a}).</source>
   <translation>Quelque chose d’inconnu précède le son ({kind!a}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Its memory is full: {room:,} bytes are free, and {count:,} are needed.</source>
   <translation>Sa mémoire est pleine : {room:,} octets libres, {count:,} nécessaires.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>It holds {most} already, which are the most.</source>
   <translation>Elle en a déjà {most}, le maximum.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>{folder} does not hold what a machine kept.</source>
   <translation>{folder} ne contient pas ce qu’une machine a gardé.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Choose another folder, or delete that.</source>
   <translation>Choisir un autre dossier, ou effacer cela.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/core/shelf.py" />
   <source>Another command keeps a machine's files in {folder}</source>
   <translation>Une autre commande garde les fichiers d’un appareil dans {folder}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>beacon</source>
   <translation>balise</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>{count:,} bytes are too many: a message must be under {memory:,}.</source>
   <translation>{count:,} octets, c’est trop : un message doit rester sous {memory:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>A plain 16-byte format chunk must come first.</source>
   <translation>Un simple bloc de format de 16 octets doit venir d’abord.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Its encoding (tag {tag}) is not PCM.</source>
   <translation>Son codage (marque {tag}) n’est pas du PCM.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>{rate:,} Hz is not a rate it plays: at most {highest_rate:,} Hz.</source>
   <translation>{rate:,} Hz n’est pas une fréquence jouée : au plus {highest_rate:,} Hz.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Samples of {bits} bits are not taken: they must have 16.</source>
   <translation>Les échantillons de {bits} bits ne sont pas acceptés : il en faut 16.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/beacon.py" />
   <source>Sound must follow the format at once; something else does.</source>
   <translation>Le son doit suivre le format ; autre chose le suit.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Its flash is empty.</source>
   <translation>Sa mémoire est vide.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It has no sound “{wanted}”: 0 to {count}.</source>
   <translation>Elle n’a pas de son « {wanted} » : 0 à {count}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It takes a header (.h) and an image (.bin), nothing else.</source>
   <translation>Elle accepte un en-tête (.h) et une image (.bin), rien d’autre.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>It has no header yet: hand it that first.</source>
   <translation>Elle n’a pas encore d’en-tête : le donner d’abord.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{count:,} bytes are too many: its flash holds {flash:,}.</source>
   <translation>{count:,} octets, c’est trop : sa mémoire en tient {flash:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Sound {number} would end behind the image.</source>
   <translation>Le son {number} finirait après l’image.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Sound {number} is no whole number of blocks, or not as long as it says.</source>
   <translation>Le son {number} ne fait pas un nombre entier de blocs, ou pas la longueur annoncée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>No block begins where sound {number} should.</source>
   <translation>Aucun bloc ne commence où devrait être le son {number}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>The header is not plain text.</source>
   <translation>L’en-tête n’est pas du texte simple.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>The header does not define {name}.</source>
   <translation>L’en-tête ne définit pas {name}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{count} sounds are not from 1 to {sounds}.</source>
   <translation>{count} sons, hors de 1 à {sounds}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{rate:,} Hz is not a rate it plays: {list} Hz are.</source>
   <translation>{rate:,} Hz n’est pas une fréquence jouée : {list} Hz oui.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>{name} does not have {count} entries.</source>
   <translation>{name} n’a pas {count} entrées.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>voice board</source>
   <translation>carte vocale</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>Play a sound</source>
   <translation>Jouer un son</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/board.py" />
   <source>a number or name; empty: the next</source>
   <translation>un nombre ou un nom ; vide : le suivant</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>not configured: a list of messages is wanted first</source>
   <translation>non configuré : il faut d’abord une liste de messages</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>configured, {missing} of {all} messages missing</source>
   <translation>configuré, {missing} messages sur {all} manquent</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>ready, no faults</source>
   <translation>prêt, aucun défaut</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>A line of the list names no file, or no kind it knows ({wanted}).</source>
   <translation>Une ligne de la liste ne nomme pas de fichier, ou pas de type connu ({wanted}).</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>There is no message in the list.</source>
   <translation>Il n’y a pas de message dans la liste.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>{count} messages are too many: {messages} are the most.</source>
   <translation>{count} messages, c’est trop : au plus {messages}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It is not configured: hand it the list of messages first.</source>
   <translation>Elle n’est pas configurée : lui donner d’abord la liste des messages.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It is not in the list of messages.</source>
   <translation>Il n’est pas dans la liste des messages.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>{count:,} bytes came; {sizes:,} stand in the list.</source>
   <translation>{count:,} octets sont venus ; la liste en dit {sizes:,}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It does nothing: {state}.</source>
   <translation>Elle ne fait rien : {state}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>It has no message “{argument}”.</source>
   <translation>Elle n’a pas de message « {argument} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>; {list} must wait</source>
   <translation> ; {list} doivent attendre</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>Call a message</source>
   <translation>Appeler un message</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>messages, with commas</source>
   <translation>messages, séparés par des virgules</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/paging.py" />
   <source>Read its display</source>
   <translation>Lire son affichage</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>There is no call: dial first.</source>
   <translation>Il n’y a pas d’appel : composer d’abord.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hung up.</source>
   <translation>Raccroché.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{calls} calls, {heard} of {all} prompts heard</source>
   <translation>{calls} appels, {heard} annonces entendues sur {all}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>; not heard: {list}</source>
   <translation> ; non entendues : {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>; {lost} packets lost</source>
   <translation> ; {lost} paquets perdus</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>every prompt</source>
   <translation>chaque annonce</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{name}” is no name.</source>
   <translation>« {name} » n’est pas un nom.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>, {lost} packets of it lost</source>
   <translation>, dont {lost} paquets perdus</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{text}” recorded as {name}, without a header{lost}</source>
   <translation>« {text} » enregistré comme {name}, sans en-tête{lost}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>“{words}” is no number.</source>
   <translation>« {words} » n’est pas un nombre.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>A loss is from 0 to 100 %, a burst 1 or more, jitter and buffer milliseconds.</source>
   <translation>Une perte va de 0 à 100 %, une rafale vaut 1 ou plus, gigue et tampon sont en millisecondes.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>The line loses {lost:g} % of its packets, {burst:g} at a time; jitter {jitter:g} ms, buffer {buffer:g} ms.</source>
   <translation>La ligne perd {lost:g} % de ses paquets, {burst:g} à la fois ; gigue {jitter:g} ms, tampon {buffer:g} ms.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{extent}.</source>
   <translation>{extent}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>no prompt is missing</source>
   <translation>aucune annonce ne manque</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>none is unused</source>
   <translation>aucune n’est inutilisée</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>nothing happened</source>
   <translation>rien ne s’est passé</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>The dial plan is not text in UTF-8.</source>
   <translation>Le plan d’appel n’est pas du texte en UTF-8.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>{count:,} bytes are no whole number of frames of {size}.</source>
   <translation>{count:,} octets ne font pas un nombre entier de trames de {size}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Files ending in {ending} are not taken: .wav, {list}.</source>
   <translation>Les fichiers en {ending} ne sont pas acceptés : .wav, {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>It is over an hour long.</source>
   <translation>Il dure plus d’une heure.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>It has a prompt of that name already: {other}.</source>
   <translation>Il a déjà une annonce de ce nom : {other}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Call it</source>
   <translation>L’appeler</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>keys; a comma waits</source>
   <translation>touches ; une virgule attend</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Press keys</source>
   <translation>Appuyer sur des touches</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hear every prompt</source>
   <translation>Entendre chaque annonce</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Assign by name</source>
   <translation>Attribuer par nom</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>What is missing</source>
   <translation>Ce qui manque</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Set the line</source>
   <translation>Régler la ligne</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>loss 2%, burst 3, jitter 20, buffer 60</source>
   <translation>loss 2%, burst 3, jitter 20, buffer 60</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Record over it</source>
   <translation>Reprendre par-dessus</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>a name, and ulaw, alaw, sln or gsm</source>
   <translation>un nom, et ulaw, alaw, sln ou gsm</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/phone.py" />
   <source>Hang up</source>
   <translation>Raccrocher</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>It has no channels yet.</source>
   <translation>Elle n’a pas encore de canaux.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>It has no channel “{argument}”.</source>
   <translation>Elle n’a pas de canal « {argument} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>Channel {channel} of {count}: {name}</source>
   <translation>Canal {channel} sur {count} : {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>deck radio</source>
   <translation>radio de pont</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>Turn the knob</source>
   <translation>Tourner le bouton</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/radio.py" />
   <source>a channel; empty: the next</source>
   <translation>un canal ; vide : le suivant</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>no greeting</source>
   <translation>pas d’accueil</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>{name}; the beep comes after {at:.2f} s</source>
   <translation>{name} ; le bip vient après {at:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>There is no message “{argument}”.</source>
   <translation>Il n’y a pas de message « {argument} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>There are no messages.</source>
   <translation>Il n’y a pas de messages.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>{name}, {was}; {left} new left</source>
   <translation>{name}, {was} ; encore {left} nouveaux</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>Listen to messages</source>
   <translation>Écouter les messages</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/machines/voicemail.py" />
   <source>a message; empty: the first new one</source>
   <translation>un message ; vide : le premier nouveau</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>STAND-IN: A BEACON ON A QUAY</source>
   <translation>DOUBLURE : UNE BALISE DE QUAI</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Press its button  P</source>
   <translation>Presser son bouton  P</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source> It still holds {name}.</source>
   <translation> Elle a encore {name}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Refused {handed}: {reason} (byte {at:,}){still}</source>
   <translation>{handed} refusé : {reason} (octet {at:,}){still}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>Accepted. It holds {name}: {seconds}, {rate}, mono, 16-bit.</source>
   <translation>Accepté. Elle a {name} : {seconds}, {rate}, mono, 16 bits.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>It holds nothing. Make a file for it, select its cell and press B.</source>
   <translation>Elle n’a rien. Produire un fichier pour elle, choisir sa case et presser B.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/beacon.py" />
   <source>{used} of {memory}</source>
   <translation>{used} sur {memory}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/board.py" />
   <source>STAND-IN: A VOICE BOARD</source>
   <translation>DOUBLURE : UNE CARTE VOCALE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/paging.py" />
   <source>STAND-IN: A PAGING CONTROLLER</source>
   <translation>DOUBLURE : UN CONTRÔLEUR D’ANNONCES</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/phone.py" />
   <source>STAND-IN: A PHONE</source>
   <translation>DOUBLURE : UN TÉLÉPHONE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/radio.py" />
   <source>STAND-IN: A DECK RADIO</source>
   <translation>DOUBLURE : UNE RADIO DE PONT</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>What the {name} holds</source>
   <translation>Contenu : {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>Hear it  P</source>
   <translation>L’entendre  P</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>Refused {handed}: {reason} (byte {at:,})</source>
   <translation>{handed} refusé : {reason} (octet {at:,})</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>It says: {state}.</source>
   <translation>Elle dit : {state}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>It holds nothing. ⇧B delivers all that is made for it.</source>
   <translation>Elle n’a rien. ⇧B livre tout ce qui est produit pour elle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/set_panel.py" />
   <source>{count} held, {used} of {room}</source>
   <translation>{count} dedans, {used} sur {room}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/panels/voicemail.py" />
   <source>STAND-IN: A VOICEMAIL BOX</source>
   <translation>DOUBLURE : UNE MESSAGERIE VOCALE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Phone menu</source>
   <translation>Menu téléphonique</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Make it a menu  Ins</source>
   <translation>En faire un menu  Inser</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Take it off  Del</source>
   <translation>L’ôter  Suppr</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Of names that begin with keys: “1 Fares”, “12 Evening fares”</source>
   <translation>De noms qui commencent par des touches : « 1 Fares », « 12 Evening fares »</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>As text…</source>
   <translation>En texte…</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Tones of the states, what is said at a wrong key, how long it waits: the whole plan as TOML</source>
   <translation>Tonalités des états, ce qui est dit à une mauvaise touche, l’attente : tout le plan en TOML</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>PROMPTS: ENTER PUTS ONE TO THE KEY</source>
   <translation>ANNONCES : ENTRÉE EN MET UNE SUR LA TOUCHE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>STAND-IN: A TELEPHONE</source>
   <translation>DOUBLURE : UN TÉLÉPHONE</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Call</source>
   <translation>Appeler</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Record over the phone</source>
   <translation>Prise de son par le téléphone</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Somebody calls and says a line; what comes out of the line stands on the board, without a header</source>
   <translation>Quelqu’un appelle et dit une ligne ; ce qui sort de la ligne va sur le tableau, sans en-tête</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>packets lost</source>
   <translation>paquets perdus</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>jitter</source>
   <translation>gigue</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>lost</source>
   <translation>perdus</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>What happened in the call</source>
   <translation>Ce qui s’est passé dans l’appel</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Call, and press keys: they are really sounded and really detected.</source>
   <translation>Appeler, et presser des touches : elles sonnent vraiment et sont vraiment détectées.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{name}: {extent}</source>
   <translation>{name} : {extent}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{count} missing: {list}</source>
   <translation>{count} manquent : {list}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>None is missing</source>
   <translation>Aucune ne manque</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{count} not used</source>
   <translation>{count} inutilisées</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>all are used</source>
   <translation>toutes utilisées</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>“{name}” at {key} of {menu}</source>
   <translation>« {name} » à {key} de {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>the beginning</source>
   <translation>le début</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>a menu at {key} of {menu}</source>
   <translation>un menu à {key} de {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>nothing at {key} of {menu}</source>
   <translation>rien à {key} de {menu}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>assigning by name</source>
   <translation>attribuer par nom</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>{extent}. {key} takes it back.</source>
   <translation>{extent}. {key} l’annule.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>the dial plan</source>
   <translation>le plan d’appel</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Calling until every prompt was heard …</source>
   <translation>Appels jusqu’à entendre chaque annonce …</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>over the phone</source>
   <translation>par le téléphone</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>The recording could not be kept: {error}.</source>
   <translation>L’enregistrement n’a pas pu être gardé : {error}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/page.py" />
   <source>Telephone menu</source>
   <translation>Menu téléphonique</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Key</source>
   <translation>Touche</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Dialled by</source>
   <translation>Composée par</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>The menu as a tree of keys</source>
   <translation>Le menu en arbre de touches</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Prompts</source>
   <translation>Annonces</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>Key {key}</source>
   <translation>Touche {key}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>says</source>
   <translation>dit</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>next key</source>
   <translation>touche suivante</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>key {key}</source>
   <translation>touche {key}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>menu {target}</source>
   <translation>menu {target}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>  (missing)</source>
   <translation>  (manque)</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/places/phone/tree.py" />
   <source>  ({list} missing)</source>
   <translation>  ({list} manquent)</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>The menu as text</source>
   <translation>Le menu en texte</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>A key does menu NAME, say PROMPT, or {actions}. [states] has {states}: a tone of a country (gb/busy), say PROMPT, silence, or several with +.</source>
   <translation>Une touche fait menu NOM, say ANNONCE, ou {actions}. [states] a {states} : une tonalité d’un pays (gb/busy), say ANNONCE, silence, ou plusieurs avec +.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/plan_dialog.py" />
   <source>The menu as TOML</source>
   <translation>Le menu en TOML</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/stock.py" />
   <source>The phone refuses {name}: {reason}</source>
   <translation>Le téléphone refuse {name} : {reason}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Hand files to the stand-in of a receiver, and do something with it.</source>
   <translation>Donner des fichiers à la doublure d’un récepteur et s’en servir.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A list (manifest.jsonl) and a header (.h) are handed over before what they speak of. --keep holds what it holds between starts.</source>
   <translation>Une liste (manifest.jsonl) et un en-tête (.h) sont remis avant ce dont ils parlent. --keep garde d’un démarrage à l’autre ce qu’elle contient.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>What to do to it afterwards; may be repeated. --do help tells what there is.</source>
   <translation>Ce qu’il faut en faire ensuite ; répétable. --do help dit ce qu’il y a.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Write what is heard, one after the other, to a WAV file.</source>
   <translation>Écrire ce qu’on entend, à la suite, dans un fichier WAV.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A folder for what it holds, from one start to the next.</source>
   <translation>Un dossier pour ce qu’elle contient, d’un démarrage au suivant.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>A folder for what was recorded over a telephone.</source>
   <translation>Un dossier pour ce qui fut enregistré par téléphone.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Make something go wrong with the first file.</source>
   <translation>Faire échouer quelque chose au premier fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>There is no stand-in for {receiver}: its file names none.</source>
   <translation>Pas de doublure pour {receiver} : son fichier n’en nomme aucune.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>Look at its permissions.</source>
   <translation>Voir ses permissions.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>taken    {path}</source>
   <translation>accepté  {path}</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>refused  {path}: {reason} (byte {at:,})</source>
   <translation>refusé   {path} : {reason} (octet {at:,})</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>press      Set it off</source>
   <translation>press      Déclencher</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>The {name} cannot “{word}”: it can {list}.</source>
   <translation>{name} ne sait pas « {word} » : il sait {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/try_verb.py" />
   <source>It holds nothing.</source>
   <translation>Il n’y a rien dedans.</translation>
  </message>
  <message>
   <location filename="../../../bundled/standins/worker.py" />
   <source>The call failed</source>
   <translation>L’appel a échoué</translation>
  </message>
 </context>
</TS>
