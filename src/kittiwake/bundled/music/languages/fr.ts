<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/music/commands.py" />
   <source>Hold music…</source>
   <translation>Musique d’attente…</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/commands.py" />
   <source>Make hold music of the selected clips: a loop without a seam, fitted for the line, with its rights.</source>
   <translation>Faire une musique d’attente des clips choisis : une boucle sans couture, pour la ligne, avec ses droits.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>It is too short to find a loop in.</source>
   <translation>Trop court pour y trouver une boucle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Repeat all of it, or give a longer piece.</source>
   <translation>Tout répéter, ou donner un morceau plus long.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Nothing in it repeats.</source>
   <translation>Rien ne s’y répète.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Mark a span, and repeat that.</source>
   <translation>Marquer un segment, et le répéter.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>there is no sound in it.</source>
   <translation>il n’y a pas de son dedans.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give another file.</source>
   <translation>Donner un autre fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>{name} holds no music from {start:g} s on.</source>
   <translation>{name} ne contient pas de musique à partir de {start:g} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give another span.</source>
   <translation>Donner un autre segment.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>A loop from {start:g} to {stop:g} s does not lie inside of {length:.2f} s.</source>
   <translation>Une boucle de {start:g} à {stop:g} s n’est pas dans {length:.2f} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give other times.</source>
   <translation>Donner d’autres temps.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>There is no music in it.</source>
   <translation>Il n’y a pas de musique dedans.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give a file.</source>
   <translation>Donner un fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>hold music</source>
   <translation>musique d’attente</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>two times of which the second is the later</source>
   <translation>deux temps dont le second est plus tard</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>Hold music</source>
   <translation>Musique d’attente</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>Mend that entry of the recipe.</source>
   <translation>Corriger cette entrée de la recette.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>It clicks at the seam: {click_db:.0f} dB over the music around it.</source>
   <translation>Clic à la couture : {click_db:.0f} dB au-dessus de la musique autour.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>The sound changes more at the seam than at {flux_rank:.1f} % of places inside.</source>
   <translation>Le son change plus à la couture qu’à {flux_rank:.1f} % des endroits.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>The level steps by {step_db:+.1f} dB at the seam.</source>
   <translation>Le niveau saute de {step_db:+.1f} dB à la couture.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>No seam stands out: of the places inside, {change:.0f} % change more in sound, and {step:.0f} % step more in level.</source>
   <translation>Aucune couture ne ressort : à {change:.0f} % des endroits le son change plus, à {step:.0f} % le niveau saute plus.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Pieces are joined, a loop is found in them (or given by --loop), closed by a crossfade, measured at its seam, fitted for the line and repeated to --length, to the sample. MUSIC may be one recipe (.hold.toml), which lies beside what was made before. Rights go into the file; without holder and licence there is a warning.</source>
   <translation>Les morceaux sont joints, une boucle y est cherchée (ou donnée par --loop), fermée par un fondu enchaîné, mesurée à sa couture, adaptée à la ligne et répétée jusqu’à --length, à l’échantillon près. MUSIC peut être une recette (.hold.toml), qui se trouve à côté de ce qui fut produit. Les droits vont dans le fichier ; sans titulaire ni licence, il y a un avertissement.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Make hold music: a loop without a seam, fitted for the line, with messages over it.</source>
   <translation>Faire une musique d’attente : une boucle sans couture, pour la ligne, avec des messages.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of the whole, seconds or m:ss; by default the loop once.</source>
   <translation>Du tout, en secondes ou m:ss ; sinon la boucle une fois.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>The loop, in what the pieces are together.</source>
   <translation>La boucle, dans ce que les morceaux forment ensemble.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds that a loop that is found has at least.</source>
   <translation>Secondes au moins d’une boucle trouvée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds over which the end goes into the start.</source>
   <translation>Secondes pendant lesquelles la fin passe dans le début.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Loudness of the music.</source>
   <translation>Sonie de la musique.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>What is kept of it.</source>
   <translation>Ce qui en est gardé.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Laid over it; may be repeated.</source>
   <translation>Posé par-dessus ; répétable.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds from one message to the next.</source>
   <translation>Secondes d’un message au suivant.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>By how much the music is softer beneath, dB.</source>
   <translation>De combien la musique est plus douce dessous, en dB.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of the file.</source>
   <translation>Du fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Whose the music is.</source>
   <translation>À qui est la musique.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>By what it may be played.</source>
   <translation>En vertu de quoi elle peut être jouée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of that: an invoice, a page.</source>
   <translation>Pour cela : une facture, une page.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>The last day, such as 2027-03-31.</source>
   <translation>Le dernier jour, par exemple 2027-03-31.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>loop from {start:.3f} to {stop:.3f} s. {words} {lufs:.1f} LUFS.</source>
   <translation>boucle de {start:.3f} à {stop:.3f} s. {words} {lufs:.1f} LUFS.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>Choose music on the board, and open this page.</source>
   <translation>Choisir une musique sur le tableau, et ouvrir cette page.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>Level of the music over time, with its loop</source>
   <translation>Niveau de la musique au fil du temps, avec sa boucle</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>loop {stop:.2f} s</source>
   <translation>boucle {stop:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>−{level} dB</source>
   <translation>−{level} dB</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Holder</source>
   <translation>Titulaire</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>whose music it is</source>
   <translation>à qui est la musique</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Licence</source>
   <translation>Licence</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>by what callers may hear it</source>
   <translation>par quoi les appelants peuvent l’entendre</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Proof</source>
   <translation>Preuve</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>an invoice, a page</source>
   <translation>une facture, une page</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Until</source>
   <translation>Jusqu’au</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Name of the hold music</source>
   <translation>Nom de la musique d’attente</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Find a loop</source>
   <translation>Trouver une boucle</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Hear the seam</source>
   <translation>Entendre la couture</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Three times round</source>
   <translation>Trois tours</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Loop from</source>
   <translation>Boucle de</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Loop to</source>
   <translation>Boucle à</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Length of the whole; empty is the loop once</source>
   <translation>Durée du tout ; vide : la boucle une fois</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>What is kept of the music</source>
   <translation>Ce qui reste de la musique</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>seam over</source>
   <translation>couture sur</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>loudness</source>
   <translation>sonie</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>limiter</source>
   <translation>limiteur</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>every</source>
   <translation>toutes les</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>music softer by</source>
   <translation>musique baissée de</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Message that is laid over the music</source>
   <translation>Message posé sur la musique</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>keep</source>
   <translation>garder</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Message</source>
   <translation>Message</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>{name} on hold</source>
   <translation>{name} en attente</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>of {pieces}</source>
   <translation>de {pieces}</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>, then </source>
   <translation>, puis </translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Select music on the board, one clip or several, and open this page.</source>
   <translation>Choisir une musique sur le tableau, un clip ou plusieurs, et ouvrir cette page.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>found</source>
   <translation>trouvée</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Working …</source>
   <translation>En cours …</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Written into the file, and kept for this music.</source>
   <translation>Écrit dans le fichier, et gardé pour cette musique.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>To be written into the file, and kept for this music.</source>
   <translation>À écrire dans le fichier, et gardé pour cette musique.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Nobody knows yet whose music this is.</source>
   <translation>Personne ne sait encore à qui est cette musique.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>The whole lasts from a second to an hour.</source>
   <translation>Le tout dure d’une seconde à une heure.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Write a length such as 10:00.</source>
   <translation>Écrire une durée comme 10:00.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Listening for a loop …</source>
   <translation>Recherche d’une boucle …</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>{seam}  {lufs:.1f} LUFS</source>
   <translation>{seam}  {lufs:.1f} LUFS</translation>
  </message>
  <message numerus="yes">
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>  ·  the message is heard {n} times</source>
   <extracomment>Where there is one:   ·  the message is heard {n} time</extracomment>
   <translation>
    <numerusform>  ·  le message s’entend {n} fois</numerusform>
    <numerusform>  ·  le message s’entend {n} fois</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>the seam of {name}</source>
   <translation>la couture de {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>the hold music “{name}”</source>
   <translation>la musique d’attente « {name} »</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/worker.py" />
   <source>The music could not be made</source>
   <translation>La musique n’a pas pu être faite</translation>
  </message>
 </context>
</TS>
