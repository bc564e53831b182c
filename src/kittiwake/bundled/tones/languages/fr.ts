<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Make tones</source>
   <translation>Faire des tonalités</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>dial, ringing and busy tones of nineteen countries, keys, and recipes of your own.</source>
   <translation>tonalités de dix-neuf pays, touches, et recettes à vous.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Tones…</source>
   <translation>Tonalités…</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Dial, ringing and busy tones of countries, keys that are pressed, and recipes of one's own; a tone of the board is changed.</source>
   <translation>Tonalités des pays, touches pressées, et recettes à vous ; une tonalité du tableau est modifiée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>frequencies ITU-T Q.23; levels, with the high group 2 dB over the low one, and 100 ms on and off: common practice, from memory</source>
   <translation>fréquences UIT-T Q.23 ; niveaux, groupe aigu 2 dB au-dessus du grave, et 100 ms marche et arrêt : usage courant, de mémoire</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>There is no key “{key}”.</source>
   <translation>Il n’y a pas de touche « {key} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>Give keys of {keys}.</source>
   <translation>Donner des touches de {keys}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>No key is pressed.</source>
   <translation>Aucune touche n’est pressée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{play}” cannot be played: {why}</source>
   <translation>« {play} » ne peut être joué : {why}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Give a sound file, from the folder of the recipe on.</source>
   <translation>Donner un fichier son, à partir du dossier de la recette.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{name}” has no length.</source>
   <translation>« {name} » n’a pas de durée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Give its segments seconds.</source>
   <translation>Donner des secondes à ses segments.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{name}” is louder than full scale.</source>
   <translation>« {name} » dépasse la pleine échelle.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Lower its levels.</source>
   <translation>Baisser ses niveaux.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>dial tone</source>
   <translation>tonalité d’invitation à numéroter</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>ringing tone</source>
   <translation>tonalité de retour d’appel</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>busy tone</source>
   <translation>tonalité d’occupation</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>congestion tone</source>
   <translation>tonalité d’encombrement</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>call waiting tone</source>
   <translation>tonalité d’appel en attente</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>special information tone</source>
   <translation>tonalité spéciale d’information</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>recorder warning tone</source>
   <translation>tonalité d’avertissement d’enregistrement</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>{country}, {called}</source>
   <translation>{country}, {called}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>There are no tones of “{country}”.</source>
   <translation>Il n’y a pas de tonalités de « {country} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>Give one of {list}.</source>
   <translation>Donner l’un de {list}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>{name} has no tone “{kind}”.</source>
   <translation>{name} n’a pas de tonalité « {kind} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>give one level, or one for each frequency</source>
   <translation>donnez un niveau, ou un par fréquence</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>it is a tone, another tone, words, or a sound: only one of hz, tone, say, play</source>
   <translation>c’est une tonalité, une autre tonalité, des paroles ou un son : un seul parmi hz, tone, say, play</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>how loud is it, in {unit}?</source>
   <translation>quel est son niveau, en {unit} ?</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>how long is it?</source>
   <translation>quelle est sa durée ?</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>{top:g} Hz do not fit into {rate:,} Hz</source>
   <translation>{top:g} Hz ne tiennent pas dans {rate:,} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>{unit}: together its tones are louder than full scale can hold</source>
   <translation>{unit} : ensemble, ses tons dépassent la pleine échelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>its level in {over}</source>
   <translation>son niveau en {over}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>“{say}” is not here.</source>
   <translation>« {say} » n’est pas ici.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Give it as a file.</source>
   <translation>Le donner en fichier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>There is no tone “{key}”.</source>
   <translation>Il n’y a pas de tonalité « {key} ».</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Give one of those that are listed.</source>
   <translation>En donner une de la liste.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>“{name}” stands for itself.</source>
   <translation>« {name} » se désigne lui-même.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Take the tone out of itself.</source>
   <translation>Ôter la tonalité d’elle-même.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>It would be longer than an hour.</source>
   <translation>Cela durerait plus d’une heure.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Repeat it less often.</source>
   <translation>Répéter moins souvent.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Make its parts shorter.</source>
   <translation>Raccourcir ses parties.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Its periods close only after {period:,.0f} s.</source>
   <translation>Ses périodes ne se ferment qu’après {period:,.0f} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Take whole frequencies.</source>
   <translation>Prendre des fréquences entières.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” says no sound.</source>
   <translation>« {text} » ne dit aucun son.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write 400 + 450, 425 × 25, silence, say: words, play: a file, or tone: gb/ringing.</source>
   <translation>Écrire 400 + 450, 425 × 25, silence, say: des mots, play: un fichier, ou tone: gb/ringing.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” is no level.</source>
   <translation>« {text} » n’est pas un niveau.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write −10, or one for each frequency: −8, −6.</source>
   <translation>Écrire −10, ou un par fréquence : −8, −6.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” is no length.</source>
   <translation>« {text} » n’est pas une durée.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write seconds, 0.375 for one.</source>
   <translation>Écrire des secondes, comme 0.375.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Tone</source>
   <translation>Tonalité</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>A country, a tone, or keys: 0123#</source>
   <translation>Un pays, une tonalité, ou des touches : 0123#</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Find a tone, or type keys that are pressed</source>
   <translation>Trouver une tonalité, ou taper des touches</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Tones</source>
   <translation>Tonalités</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Name of the tone</source>
   <translation>Nom de la tonalité</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>The length</source>
   <translation>La durée</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>About how long the whole is, in whole cadences; 0 is once</source>
   <translation>Environ la durée du tout, en cadences entières ; 0 : une fois</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>In whole cadences, or whole periods of a tone that goes on; 0 is once</source>
   <translation>En cadences entières, ou périodes entières d’un ton continu ; 0 : une fois</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Add a segment</source>
   <translation>Ajouter un segment</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Remove it</source>
   <translation>L’ôter</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Keep as mine</source>
   <translation>Garder comme mien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>{name}, mine</source>
   <translation>{name}, à moi</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Keys {typed}</source>
   <translation>Touches {typed}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>There is no such tone. Keys are 0 to 9, *, # and A to D.</source>
   <translation>Cette tonalité n’existe pas. Les touches sont 0 à 9, *, # et A à D.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>From: {source}.</source>
   <translation>D’après : {source}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>a sine at full scale is +{full_scale:g} dBm0</source>
   <translation>un sinus à pleine échelle est +{full_scale:g} dBm0</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>0 dBFS is full scale</source>
   <translation>0 dBFS est la pleine échelle</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>closes on whole periods, repeats without a seam</source>
   <translation>se ferme sur des périodes entières, se répète sans couture</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>ramps of {ramp:g} ms</source>
   <translation>rampes de {ramp:g} ms</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Add a segment.</source>
   <translation>Ajouter un segment.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>“{name}” is kept, and found by its name in every job.</source>
   <translation>« {name} » est gardé, et trouvé par son nom dans tout travail.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>the tone “{name}”</source>
   <translation>la tonalité « {name} »</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/picture.py" />
   <source>The tone in time and frequency</source>
   <translation>La tonalité en temps et fréquence</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/picture.py" />
   <source>{hz:,} Hz</source>
   <translation>{hz:,} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/picture.py" />
   <source>{hz:g} Hz</source>
   <translation>{hz:g} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/picture.py" />
   <source> × {by:g}</source>
   <translation> × {by:g}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Segments of the tone, in order</source>
   <translation>Segments de la tonalité, dans l’ordre</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Sounds</source>
   <translation>Sons</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>silence</source>
   <translation>silence</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Level, {unit}</source>
   <translation>Niveau, {unit}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Seconds</source>
   <translation>Secondes</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>its own</source>
   <translation>la sienne</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Times</source>
   <translation>Fois</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>“{text}” is no count.</source>
   <translation>« {text} » n’est pas un nombre de fois.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Write 1, 2, 3 …</source>
   <translation>Écrivez 1, 2, 3…</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>A recipe is a tone of a country (gb/ringing; --list), keys that are pressed (keys:0123), or a TOML file. Its level, pauses and band stay as they are: no receiver brings it to another level, trims or filters it. It is made at the rate that the receiver takes, so that nothing is resampled.</source>
   <translation>Une recette est une tonalité d’un pays (gb/ringing ; --list), des touches pressées (keys:0123), ou un fichier TOML. Son niveau, ses pauses et sa bande restent tels quels : aucun récepteur n’en change le niveau, ne la raccourcit ni ne la filtre. Elle est produite à la fréquence que prend le récepteur, si bien que rien n’est rééchantillonné.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Make call-progress tones, key tones and recipes of one's own.</source>
   <translation>Faire des tonalités, des touches et ses propres recettes.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>About how long, in whole cadences or periods.</source>
   <translation>Durée approximative, en cadences ou périodes entières.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>How often the whole sounds.</source>
   <translation>Combien de fois le tout sonne.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>List the tones of all countries, and leave.</source>
   <translation>Lister les tonalités de tous les pays, et finir.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Write the recipes as TOML, to be changed, and leave.</source>
   <translation>Écrire les recettes en TOML, à changer, et finir.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Give recipes, what they are for (--for or --form), and --into.</source>
   <translation>Donner des recettes, pour quoi elles sont (--for ou --form), et --into.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/worker.py" />
   <source>The tone could not be made</source>
   <translation>La tonalité n’a pas pu être faite</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/at.toml" />
   <source>Austria</source>
   <translation>Autriche</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/au.toml" />
   <source>Australia</source>
   <translation>Australie</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/be.toml" />
   <source>Belgium</source>
   <translation>Belgique</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/br.toml" />
   <source>Brazil</source>
   <translation>Brésil</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/ch.toml" />
   <source>Switzerland</source>
   <translation>Suisse</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/de.toml" />
   <source>Germany</source>
   <translation>Allemagne</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/es.toml" />
   <source>Spain</source>
   <translation>Espagne</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/eu.toml" />
   <source>Europe, harmonised plan</source>
   <translation>Europe, plan harmonisé</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/fi.toml" />
   <source>Finland</source>
   <translation>Finlande</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/fr.toml" />
   <source>France</source>
   <translation>France</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/gb.toml" />
   <source>United Kingdom</source>
   <translation>Royaume-Uni</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/it.toml" />
   <source>Italy</source>
   <translation>Italie</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/jp.toml" />
   <source>Japan</source>
   <translation>Japon</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/nl.toml" />
   <source>Netherlands</source>
   <translation>Pays-Bas</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/no.toml" />
   <source>Norway</source>
   <translation>Norvège</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/nz.toml" />
   <source>New Zealand</source>
   <translation>Nouvelle-Zélande</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/pl.toml" />
   <source>Poland</source>
   <translation>Pologne</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/se.toml" />
   <source>Sweden</source>
   <translation>Suède</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/us.toml" />
   <source>North America</source>
   <translation>Amérique du Nord</translation>
  </message>
 </context>
</TS>
