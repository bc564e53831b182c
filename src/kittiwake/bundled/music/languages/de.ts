<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>kittiwake</name>
  <message>
   <location filename="../../../bundled/music/commands.py" />
   <source>Hold music…</source>
   <translation>Wartemusik…</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/commands.py" />
   <source>Make hold music of the selected clips: a loop without a seam, fitted for the line, with its rights.</source>
   <translation>Wartemusik aus den gewählten Clips machen: eine Schleife ohne Naht, für die Leitung, mit ihren Rechten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>It is too short to find a loop in.</source>
   <translation>Zu kurz, um eine Schleife darin zu finden.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Repeat all of it, or give a longer piece.</source>
   <translation>Alles wiederholen oder ein längeres Stück nehmen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Nothing in it repeats.</source>
   <translation>Nichts darin wiederholt sich.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/loop.py" />
   <source>Mark a span, and repeat that.</source>
   <translation>Einen Abschnitt markieren und den wiederholen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>there is no sound in it.</source>
   <translation>es ist kein Ton darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give another file.</source>
   <translation>Eine andere Datei angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>{name} holds no music from {start:g} s on.</source>
   <translation>{name} enthält ab {start:g} s keine Musik.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give another span.</source>
   <translation>Einen anderen Abschnitt angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>A loop from {start:g} to {stop:g} s does not lie inside of {length:.2f} s.</source>
   <translation>Eine Schleife von {start:g} bis {stop:g} s liegt nicht in {length:.2f} s.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give other times.</source>
   <translation>Andere Zeiten angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>There is no music in it.</source>
   <translation>Es ist keine Musik darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>Give a file.</source>
   <translation>Eine Datei angeben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/making.py" />
   <source>hold music</source>
   <translation>Wartemusik</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>two times of which the second is the later</source>
   <translation>zwei Zeiten, die zweite später</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>Hold music</source>
   <translation>Wartemusik</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/recipe.py" />
   <source>Mend that entry of the recipe.</source>
   <translation>Diesen Eintrag des Rezepts berichtigen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>It clicks at the seam: {click_db:.0f} dB over the music around it.</source>
   <translation>Es knackt an der Naht: {click_db:.0f} dB über der Musik ringsum.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>The sound changes more at the seam than at {flux_rank:.1f} % of places inside.</source>
   <translation>Der Klang ändert sich an der Naht mehr als an {flux_rank:.1f} % der Stellen darin.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>The level steps by {step_db:+.1f} dB at the seam.</source>
   <translation>Der Pegel springt an der Naht um {step_db:+.1f} dB.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/core/seam.py" />
   <source>No seam stands out: of the places inside, {change:.0f} % change more in sound, and {step:.0f} % step more in level.</source>
   <translation>Keine Naht sticht heraus: {change:.0f} % der Stellen darin ändern sich im Klang mehr, {step:.0f} % springen mehr im Pegel.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Pieces are joined, a loop is found in them (or given by --loop), closed by a crossfade, measured at its seam, fitted for the line and repeated to --length, to the sample. MUSIC may be one recipe (.hold.toml), which lies beside what was made before. Rights go into the file; without holder and licence there is a warning.</source>
   <translation>Stücke werden verbunden, eine Schleife darin gesucht (oder mit --loop gegeben), mit einer Überblendung geschlossen, an der Naht gemessen, für die Leitung passend gemacht und bis --length wiederholt, auf den Abtastwert genau. MUSIC darf ein Rezept sein (.hold.toml), das neben dem früher Gemachten liegt. Rechte kommen in die Datei; ohne Inhaber und Lizenz wird gewarnt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Make hold music: a loop without a seam, fitted for the line, with messages over it.</source>
   <translation>Wartemusik machen: eine Schleife ohne Naht, für die Leitung, mit Ansagen darüber.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of the whole, seconds or m:ss; by default the loop once.</source>
   <translation>Des Ganzen, in Sekunden oder m:ss; sonst die Schleife einmal.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>The loop, in what the pieces are together.</source>
   <translation>Die Schleife, in dem, was die Stücke zusammen sind.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds that a loop that is found has at least.</source>
   <translation>Sekunden, die eine gefundene Schleife mindestens hat.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds over which the end goes into the start.</source>
   <translation>Sekunden, über die das Ende in den Anfang übergeht.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Loudness of the music.</source>
   <translation>Lautheit der Musik.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>What is kept of it.</source>
   <translation>Was davon bleibt.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Laid over it; may be repeated.</source>
   <translation>Darübergelegt; mehrmals möglich.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Seconds from one message to the next.</source>
   <translation>Sekunden von einer Ansage zur nächsten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>By how much the music is softer beneath, dB.</source>
   <translation>Um wie viel die Musik darunter leiser ist, in dB.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of the file.</source>
   <translation>Der Datei.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Whose the music is.</source>
   <translation>Wem die Musik gehört.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>By what it may be played.</source>
   <translation>Wonach sie gespielt werden darf.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>Of that: an invoice, a page.</source>
   <translation>Dafür: eine Rechnung, eine Seite.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>The last day, such as 2027-03-31.</source>
   <translation>Der letzte Tag, etwa 2027-03-31.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/hold_verb.py" />
   <source>loop from {start:.3f} to {stop:.3f} s. {words} {lufs:.1f} LUFS.</source>
   <translation>Schleife von {start:.3f} bis {stop:.3f} s. {words} {lufs:.1f} LUFS.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>Choose music on the board, and open this page.</source>
   <translation>Musik in der Übersicht wählen und diese Seite öffnen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>Level of the music over time, with its loop</source>
   <translation>Pegel der Musik über die Zeit, mit ihrer Schleife</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>loop {stop:.2f} s</source>
   <translation>Schleife {stop:.2f} s</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/loop_picture.py" />
   <source>−{level} dB</source>
   <translation>−{level} dB</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Holder</source>
   <translation>Inhaber</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>whose music it is</source>
   <translation>wessen Musik es ist</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Licence</source>
   <translation>Lizenz</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>by what callers may hear it</source>
   <translation>womit Anrufer sie hören dürfen</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Proof</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>an invoice, a page</source>
   <translation>eine Rechnung, eine Seite</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Until</source>
   <translation>Bis</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Name of the hold music</source>
   <translation>Name der Wartemusik</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Find a loop</source>
   <translation>Eine Schleife finden</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Hear the seam</source>
   <translation>Die Naht hören</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Three times round</source>
   <translation>Dreimal herum</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Loop from</source>
   <translation>Schleife von</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Loop to</source>
   <translation>Schleife bis</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Length of the whole; empty is the loop once</source>
   <translation>Länge des Ganzen; leer ist die Schleife einmal</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>What is kept of the music</source>
   <translation>Was von der Musik bleibt</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>seam over</source>
   <translation>Naht über</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>loudness</source>
   <translation>Lautheit</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>limiter</source>
   <translation>Begrenzer</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>every</source>
   <translation>alle</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>music softer by</source>
   <translation>Musik leiser um</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Message that is laid over the music</source>
   <translation>Ansage, die über die Musik gelegt wird</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>keep</source>
   <translation>behalten</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Message</source>
   <translation>Ansage</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>{name} on hold</source>
   <translation>{name} in der Warteschleife</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>of {pieces}</source>
   <translation>von {pieces}</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>, then </source>
   <translation>, dann </translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Select music on the board, one clip or several, and open this page.</source>
   <translation>Musik in der Übersicht wählen, einen Clip oder mehrere, und diese Seite öffnen.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>found</source>
   <translation>gefunden</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Working …</source>
   <translation>In Arbeit …</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Written into the file, and kept for this music.</source>
   <translation>In die Datei geschrieben und für diese Musik behalten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>To be written into the file, and kept for this music.</source>
   <translation>Wird in die Datei geschrieben und für diese Musik behalten.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Nobody knows yet whose music this is.</source>
   <translation>Noch weiß niemand, wessen Musik das ist.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>The whole lasts from a second to an hour.</source>
   <translation>Das Ganze dauert von einer Sekunde bis zu einer Stunde.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Write a length such as 10:00.</source>
   <translation>Eine Länge wie 10:00 schreiben.</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>Listening for a loop …</source>
   <translation>Nach einer Schleife wird gehört …</translation>
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
    <numerusform>  ·  die Ansage ist {n}-mal zu hören</numerusform>
    <numerusform>  ·  die Ansage ist {n}-mal zu hören</numerusform>
   </translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>the seam of {name}</source>
   <translation>die Naht von {name}</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/places/music/page.py" />
   <source>the hold music “{name}”</source>
   <translation>die Wartemusik „{name}“</translation>
  </message>
  <message>
   <location filename="../../../bundled/music/worker.py" />
   <source>The music could not be made</source>
   <translation>Die Musik ließ sich nicht machen</translation>
  </message>
 </context>
</TS>
