<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Make tones</source>
   <translation>Töne machen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>dial, ringing and busy tones of nineteen countries, keys, and recipes of your own.</source>
   <translation>Wähl-, Frei- und Besetzttöne von neunzehn Ländern, Tasten und eigene Rezepte.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Tones…</source>
   <translation>Töne…</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/commands.py" />
   <source>Dial, ringing and busy tones of countries, keys that are pressed, and recipes of one's own; a tone of the board is changed.</source>
   <translation>Wähl-, Frei- und Besetzttöne von Ländern, gedrückte Tasten und eigene Rezepte; ein Ton der Übersicht wird geändert.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>frequencies ITU-T Q.23; levels, with the high group 2 dB over the low one, and 100 ms on and off: common practice, from memory</source>
   <translation>Frequenzen ITU-T Q.23; Pegel, die hohe Gruppe 2 dB über der tiefen, und 100 ms an und aus: üblich, aus dem Gedächtnis</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>There is no key “{key}”.</source>
   <translation>Es gibt keine Taste „{key}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>Give keys of {keys}.</source>
   <translation>Tasten aus {keys} angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/keys.py" />
   <source>No key is pressed.</source>
   <translation>Keine Taste wird gedrückt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{play}” cannot be played: {why}</source>
   <translation>„{play}“ lässt sich nicht spielen: {why}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Give a sound file, from the folder of the recipe on.</source>
   <translation>Eine Tondatei angeben, vom Ordner des Rezepts aus.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{name}” has no length.</source>
   <translation>„{name}“ hat keine Länge.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Give its segments seconds.</source>
   <translation>Seinen Abschnitten Sekunden geben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>“{name}” is louder than full scale.</source>
   <translation>„{name}“ ist lauter als der Vollausschlag.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/making.py" />
   <source>Lower its levels.</source>
   <translation>Seine Pegel senken.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>dial tone</source>
   <translation>Wählton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>ringing tone</source>
   <translation>Freiton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>busy tone</source>
   <translation>Besetztton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>congestion tone</source>
   <translation>Gassenbesetztton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>call waiting tone</source>
   <translation>Anklopfton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>special information tone</source>
   <translation>Hinweiston</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>recorder warning tone</source>
   <translation>Warnton der Aufzeichnung</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>{country}, {called}</source>
   <translation>{country}, {called}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>There are no tones of “{country}”.</source>
   <translation>Es gibt keine Töne von „{country}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>Give one of {list}.</source>
   <translation>Eines von {list} angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plan.py" />
   <source>{name} has no tone “{kind}”.</source>
   <translation>{name} hat keinen Ton „{kind}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>give one level, or one for each frequency</source>
   <translation>ein Pegel, oder einer für jede Frequenz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>it is a tone, another tone, words, or a sound: only one of hz, tone, say, play</source>
   <translation>es ist ein Ton, ein anderer Ton, Worte oder ein Klang: nur eines von hz, tone, say, play</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>how loud is it, in {unit}?</source>
   <translation>wie laut ist es, in {unit}?</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>how long is it?</source>
   <translation>wie lang ist es?</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>{top:g} Hz do not fit into {rate:,} Hz</source>
   <translation>{top:g} Hz passen nicht in {rate:,} Hz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>{unit}: together its tones are louder than full scale can hold</source>
   <translation>{unit}: zusammen sind die Töne lauter, als Vollaussteuerung fasst</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/recipe.py" />
   <source>its level in {over}</source>
   <translation>sein Pegel in {over}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>“{say}” is not here.</source>
   <translation>„{say}“ ist nicht hier.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Give it as a file.</source>
   <translation>Als Datei angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>There is no tone “{key}”.</source>
   <translation>Es gibt keinen Ton „{key}“.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Give one of those that are listed.</source>
   <translation>Einen der aufgezählten angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>“{name}” stands for itself.</source>
   <translation>„{name}“ steht für sich selbst.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Take the tone out of itself.</source>
   <translation>Den Ton aus sich selbst herausnehmen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>It would be longer than an hour.</source>
   <translation>Es wäre länger als eine Stunde.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Repeat it less often.</source>
   <translation>Weniger oft wiederholen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Make its parts shorter.</source>
   <translation>Seine Teile kürzer machen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Its periods close only after {period:,.0f} s.</source>
   <translation>Seine Perioden schließen erst nach {period:,.0f} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/render.py" />
   <source>Take whole frequencies.</source>
   <translation>Ganze Frequenzen nehmen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” says no sound.</source>
   <translation>„{text}“ sagt keinen Klang.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write 400 + 450, 425 × 25, silence, say: words, play: a file, or tone: gb/ringing.</source>
   <translation>400 + 450, 425 × 25, silence, say: Wörter, play: eine Datei oder tone: gb/ringing schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” is no level.</source>
   <translation>„{text}“ ist kein Pegel.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write −10, or one for each frequency: −8, −6.</source>
   <translation>−10 schreiben, oder einen je Frequenz: −8, −6.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>“{text}” is no length.</source>
   <translation>„{text}“ ist keine Länge.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/words.py" />
   <source>Write seconds, 0.375 for one.</source>
   <translation>Sekunden schreiben, etwa 0.375.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Tone</source>
   <translation>Ton</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>A country, a tone, or keys: 0123#</source>
   <translation>Ein Land, ein Ton oder Tasten: 0123#</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Find a tone, or type keys that are pressed</source>
   <translation>Einen Ton finden oder gedrückte Tasten tippen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Tones</source>
   <translation>Töne</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Name of the tone</source>
   <translation>Name des Tons</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>The length</source>
   <translation>Die Länge</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>About how long the whole is, in whole cadences; 0 is once</source>
   <translation>Etwa wie lang das Ganze ist, in ganzen Rhythmen; 0 ist einmal</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>In whole cadences, or whole periods of a tone that goes on; 0 is once</source>
   <translation>In ganzen Rhythmen oder ganzen Perioden eines Dauertons; 0 ist einmal</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Add a segment</source>
   <translation>Einen Abschnitt hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Remove it</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Keep as mine</source>
   <translation>Als meinen behalten</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>{name}, mine</source>
   <translation>{name}, meiner</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Keys {typed}</source>
   <translation>Tasten {typed}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>There is no such tone. Keys are 0 to 9, *, # and A to D.</source>
   <translation>So einen Ton gibt es nicht. Tasten sind 0 bis 9, *, # und A bis D.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>From: {source}.</source>
   <translation>Aus: {source}.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>a sine at full scale is +{full_scale:g} dBm0</source>
   <translation>ein Sinus am Vollausschlag ist +{full_scale:g} dBm0</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>0 dBFS is full scale</source>
   <translation>0 dBFS ist der Vollausschlag</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>closes on whole periods, repeats without a seam</source>
   <translation>schließt auf ganzen Perioden, wiederholt sich ohne Naht</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>ramps of {ramp:g} ms</source>
   <translation>Rampen von {ramp:g} ms</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>Add a segment.</source>
   <translation>Einen Abschnitt hinzufügen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>“{name}” is kept, and found by its name in every job.</source>
   <translation>„{name}“ ist behalten und in jedem Auftrag unter seinem Namen zu finden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/page.py" />
   <source>the tone “{name}”</source>
   <translation>der Ton „{name}“</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/picture.py" />
   <source>The tone in time and frequency</source>
   <translation>Der Ton in Zeit und Frequenz</translation>
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
   <translation>Abschnitte des Tons, der Reihe nach</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Sounds</source>
   <translation>Klingt</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>silence</source>
   <translation>Stille</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Level, {unit}</source>
   <translation>Pegel, {unit}</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Seconds</source>
   <translation>Sekunden</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>its own</source>
   <translation>eigene</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Times</source>
   <translation>Mal</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>“{text}” is no count.</source>
   <translation>„{text}“ ist keine Anzahl.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/places/tone/segment_table.py" />
   <source>Write 1, 2, 3 …</source>
   <translation>Schreiben Sie 1, 2, 3 …</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>A recipe is a tone of a country (gb/ringing; --list), keys that are pressed (keys:0123), or a TOML file. Its level, pauses and band stay as they are: no receiver brings it to another level, trims or filters it. It is made at the rate that the receiver takes, so that nothing is resampled.</source>
   <translation>Ein Rezept ist ein Ton eines Landes (gb/ringing; --list), gedrückte Tasten (keys:0123) oder eine TOML-Datei. Pegel, Pausen und Band bleiben, wie sie sind: Kein Empfänger ändert seinen Pegel, kürzt oder filtert ihn. Er entsteht mit der Rate, die der Empfänger nimmt, sodass nichts umgetastet wird.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Make call-progress tones, key tones and recipes of one's own.</source>
   <translation>Hörtöne, Tastentöne und eigene Rezepte machen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>About how long, in whole cadences or periods.</source>
   <translation>Etwa wie lang, in ganzen Rhythmen oder Perioden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>How often the whole sounds.</source>
   <translation>Wie oft das Ganze erklingt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>List the tones of all countries, and leave.</source>
   <translation>Die Töne aller Länder auflisten und enden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Write the recipes as TOML, to be changed, and leave.</source>
   <translation>Die Rezepte als TOML schreiben, zum Ändern, und enden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/tone_verb.py" />
   <source>Give recipes, what they are for (--for or --form), and --into.</source>
   <translation>Rezepte geben, wofür sie sind (--for oder --form), und --into.</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/worker.py" />
   <source>The tone could not be made</source>
   <translation>Der Ton ließ sich nicht machen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/at.toml" />
   <source>Austria</source>
   <translation>Österreich</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/au.toml" />
   <source>Australia</source>
   <translation>Australien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/be.toml" />
   <source>Belgium</source>
   <translation>Belgien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/br.toml" />
   <source>Brazil</source>
   <translation>Brasilien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/ch.toml" />
   <source>Switzerland</source>
   <translation>Schweiz</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/de.toml" />
   <source>Germany</source>
   <translation>Deutschland</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/es.toml" />
   <source>Spain</source>
   <translation>Spanien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/eu.toml" />
   <source>Europe, harmonised plan</source>
   <translation>Europa, harmonisierter Plan</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/fi.toml" />
   <source>Finland</source>
   <translation>Finnland</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/fr.toml" />
   <source>France</source>
   <translation>Frankreich</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/gb.toml" />
   <source>United Kingdom</source>
   <translation>Vereinigtes Königreich</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/it.toml" />
   <source>Italy</source>
   <translation>Italien</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/jp.toml" />
   <source>Japan</source>
   <translation>Japan</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/nl.toml" />
   <source>Netherlands</source>
   <translation>Niederlande</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/no.toml" />
   <source>Norway</source>
   <translation>Norwegen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/nz.toml" />
   <source>New Zealand</source>
   <translation>Neuseeland</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/pl.toml" />
   <source>Poland</source>
   <translation>Polen</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/se.toml" />
   <source>Sweden</source>
   <translation>Schweden</translation>
  </message>
  <message>
   <location filename="../../../bundled/tones/core/plans/us.toml" />
   <source>North America</source>
   <translation>Nordamerika</translation>
  </message>
 </context>
</TS>
