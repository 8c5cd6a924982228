<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
  <context>
    <name>nuvrek</name>
    <message>
      <source>   {minutes} min</source>
      <translation>   {minutes} min</translation>
    </message>
    <message>
      <source> ({low} to {high})</source>
      <translation> ({low} bis {high})</translation>
    </message>
    <message>
      <source> 0: stay slack, a leaf under the edge means the relief wanted.</source>
      <translation> 0: entspannt lassen, ein Blatt unter dem Lineal steht für die gewünschte Krümmung.</translation>
    </message>
    <message>
      <source> A capo leaves the pull as it is.</source>
      <translation> Ein Kapo lässt den Zug, wie er ist.</translation>
    </message>
    <message>
      <source> A low nut feels the same: press at 3, look at 1.</source>
      <translation> Ein tiefer Sattel fühlt sich gleich an: am 3. drücken, am 1. hinsehen.</translation>
    </message>
    <message>
      <source> A mark is a reading: file until the ink is gone and nothing rocks.</source>
      <translation> Eine Marke ist eine Messung: feilen, bis die Farbe weg ist und nichts wippt.</translation>
    </message>
    <message>
      <source> After {how_many}: {length} out; {how}.</source>
      <translation> Nach {how_many}: {length} heraus; {how}.</translation>
    </message>
    <message>
      <source> All of the plan is off.</source>
      <translation> Alles vom Plan ist ab.</translation>
    </message>
    <message>
      <source> All once, then all again.</source>
      <translation> Alle einmal, dann alle noch einmal.</translation>
    </message>
    <message>
      <source> And {number} more.</source>
      <translation> Und {number} weitere.</translation>
    </message>
    <message>
      <source> At {warm:g} °C wood settles at about {equilibrium_moisture_percent:.0f} % moisture.</source>
      <translation> Bei {warm:g} °C stellt sich Holz auf etwa {equilibrium_moisture_percent:.0f} % Feuchte ein.</translation>
    </message>
    <message>
      <source> Bend to {bends:.0f} to {bends_2:.0f} mm of radius, {learnt}; it springs back to a tenth tighter than the board.</source>
      <translation> Auf {bends:.0f} bis {bends_2:.0f} mm Radius biegen, {learnt}; er federt zurück auf ein Zehntel enger als das Griffbrett.</translation>
    </message>
    <message>
      <source> Between {day} and {day_2}.</source>
      <translation> Zwischen {day} und {day_2}.</translation>
    </message>
    <message>
      <source> By caliper no taller than the rest: it is the wood that rises here.</source>
      <translation> Nach dem Messschieber nicht höher als die übrigen: hier steigt das Holz.</translation>
    </message>
    <message>
      <source> By caliper {taller} taller than the rest: look for light under it first.</source>
      <translation> Nach dem Messschieber {taller} höher als die übrigen: erst Licht darunter suchen.</translation>
    </message>
    <message>
      <source> By the map nothing is left to take.</source>
      <translation> Nach der Karte ist nichts mehr zu nehmen.</translation>
    </message>
    <message>
      <source> By today's list it would be {money}; the quote stands as given.</source>
      <translation> Nach der heutigen Liste wären es {money}; das Angebot gilt wie gegeben.</translation>
    </message>
    <message>
      <source> Cauls: {listed}{lacks}.</source>
      <translation> Zulagen: {listed}{lacks}.</translation>
    </message>
    <message>
      <source> Cycle {n}: {length} out, give or take {length_2}.</source>
      <translation> Gang {n}: {length} heraus, plus oder minus {length_2}.</translation>
    </message>
    <message>
      <source> Damaged: {wrong} Another copy is better.</source>
      <translation> Beschädigt: {wrong} Besser eine andere Kopie nehmen.</translation>
    </message>
    <message>
      <source> Enter takes it again, Backspace strikes it out.</source>
      <translation> Enter nimmt sie noch einmal, Rücktaste streicht sie.</translation>
    </message>
    <message>
      <source> Enter ticks the step.</source>
      <translation> Enter hakt den Schritt ab.</translation>
    </message>
    <message>
      <source> Even the tightest tangs lack {length}: the level must leave that in the tops, or the wood be trued.</source>
      <translation> Selbst die strammsten Füße lassen {length} fehlen: die Abrichtung muss das in den Kuppen lassen, oder das Holz wird begradigt.</translation>
    </message>
    <message>
      <source> Fill the tang holes at the ends.</source>
      <translation> Die Fußlöcher an den Enden füllen.</translation>
    </message>
    <message>
      <source> Fretting it sharpens it by {sharp:.0f} cents.</source>
      <translation> Das Greifen macht ihn um {sharp:.0f} Cent höher.</translation>
    </message>
    <message>
      <source> Gone too far, it is the low one now: Choose shows what that costs once it is read.</source>
      <translation> Zu weit gegangen, jetzt ist er der tiefe: Wählen zeigt, was das kostet, wenn es gemessen ist.</translation>
    </message>
    <message>
      <source> Grooves up to {length} may stay with the owner's say-so.</source>
      <translation> Kerben bis {length} dürfen mit dem Wort des Besitzers bleiben.</translation>
    </message>
    <message>
      <source> How much? Type it and Enter, or go on.</source>
      <translation> Wie viel? Tippen und Enter, oder weiter.</translation>
    </message>
    <message>
      <source> In your strokes about {counted}; the rocker decides.</source>
      <translation> In eigenen Strichen etwa {counted}; die Wippe entscheidet.</translation>
    </message>
    <message>
      <source> It is not finished: next, {title}.</source>
      <translation> Es ist nicht fertig: als Nächstes {title}.</translation>
    </message>
    <message>
      <source> It is slack: turn on until it bites, that is how a two-way rod is found out.</source>
      <translation> Er ist locker: weiterdrehen, bis er greift; so findet man einen beidseitigen Stab heraus.</translation>
    </message>
    <message>
      <source> It was taken with the strings {was}.</source>
      <translation> Sie wurde mit Saiten {was} genommen.</translation>
    </message>
    <message>
      <source> Less force at the free ends.</source>
      <translation> Weniger Kraft an den freien Enden.</translation>
    </message>
    <message>
      <source> Loose ones are seated first.</source>
      <translation> Lose werden erst eingepresst.</translation>
    </message>
    <message>
      <source> Measure first how much of the saddle is left.</source>
      <translation> Erst messen, wie viel vom Steg übrig ist.</translation>
    </message>
    <message>
      <source> Most off at {it}.</source>
      <translation> Am meisten ab: {it}.</translation>
    </message>
    <message>
      <source> Next should be {map}.</source>
      <translation> Als Nächstes müsste {map} kommen.</translation>
    </message>
    <message>
      <source> Nothing is learnt yet: fit the first six without fattening them and read the bow, then it is known what a usual fitting does to this neck.</source>
      <translation> Noch ist nichts gelernt: Setzen Sie die ersten sechs ein, ohne sie dicker zu machen, und messen Sie die Krümmung; dann ist bekannt, was ein übliches Einsetzen mit diesem Hals macht.</translation>
    </message>
    <message>
      <source> Off at most: {named}.{strokes}</source>
      <translation> Höchstens ab: {named}.{strokes}</translation>
    </message>
    <message>
      <source> Read it slack too before filing: the pull is not known.</source>
      <translation> Vor dem Feilen auch entspannt messen: der Zug ist nicht bekannt.</translation>
    </message>
    <message>
      <source> Slacken the strings first.</source>
      <translation> Erst die Saiten entspannen.</translation>
    </message>
    <message>
      <source> Spot work takes {off}.</source>
      <translation> Einzelarbeit nimmt {off}.</translation>
    </message>
    <message>
      <source> Still to go: {mean} on the whole, most at fret {most} ({most_2}). + half of it is off.</source>
      <translation> Noch ab: {mean} im Ganzen, am meisten bei Bund {most} ({most_2}). + die Hälfte ist ab.</translation>
    </message>
    <message>
      <source> Stop at the binding: it is softer than the wire.</source>
      <translation> Am Binding aufhören: es ist weicher als der Draht.</translation>
    </message>
    <message>
      <source> Tangs of {frets} fatter than usual by {size}.</source>
      <translation> Füße von {frets} um {size} dicker als üblich.</translation>
    </message>
    <message>
      <source> The outer string is only {ways} from the end: keep the bevel steep.</source>
      <translation> Die äußere Saite ist nur {ways} vom Ende: die Fase steil halten.</translation>
    </message>
    <message>
      <source> There is {off} relief than usual, and it does no harm.</source>
      <translation> Es ist {off} Krümmung da als üblich, und es schadet nicht.</translation>
    </message>
    <message>
      <source> Under ordinary play that is about {number} years away.</source>
      <translation> Bei gewöhnlichem Spiel sind das etwa {number} Jahre.</translation>
    </message>
    <message>
      <source> What is on the neck now is not listed, so this is wide.</source>
      <translation> Was jetzt auf dem Hals ist, ist nicht genannt, darum ist das weit.</translation>
    </message>
    <message>
      <source> Without a rod heated wood tends to return.</source>
      <translation> Ohne Stab kehrt erwärmtes Holz gern zurück.</translation>
    </message>
    <message>
      <source> You told us: “{split}”</source>
      <translation> Sie sagten uns: „{split}“</translation>
    </message>
    <message>
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <source> and clamp</source>
      <translation> und spannen</translation>
    </message>
    <message>
      <source> and the tongue climbs</source>
      <translation> und die Griffbrettzunge steigt</translation>
    </message>
    <message>
      <source> and {number} more</source>
      <translation> und {number} weitere</translation>
    </message>
    <message>
      <source> at its bass end</source>
      <translation> am Bassende</translation>
    </message>
    <message>
      <source> at its treble end</source>
      <translation> am Diskantende</translation>
    </message>
    <message>
      <source> by up to {most}</source>
      <translation> um bis zu {most}</translation>
    </message>
    <message>
      <source> in</source>
      <translation> in</translation>
    </message>
    <message>
      <source> in its middle</source>
      <translation> in der Mitte</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source> notes ring clean</source>
      <translation> Tönen klingen sauber</translation>
    </message>
    <message>
      <source> off the wood</source>
      <translation> vom Holz ab</translation>
    </message>
    <message>
      <source> on the {lane_words}</source>
      <translation> ({lane_words})</translation>
    </message>
    <message>
      <source> sprung</source>
      <translation> gelöst</translation>
    </message>
    <message>
      <source> thou</source>
      <translation> thou</translation>
    </message>
    <message>
      <source> to </source>
      <translation> bis </translation>
    </message>
    <message>
      <source> turn </source>
      <translation> Umdrehung </translation>
    </message>
    <message>
      <source> {frets_do} or moves all the same: look again later.</source>
      <translation> {frets_do} oder bewegt sich trotzdem: später wieder ansehen.</translation>
    </message>
    <message>
      <source> {how_many} like it.</source>
      <translation> {how_many} wie dieser.</translation>
    </message>
    <message>
      <source> {percent} % sure.</source>
      <translation> Zu {percent} % sicher.</translation>
    </message>
    <message>
      <source>"neck" is missing: scale_mm, frets and joint_fret are needed.</source>
      <translation>"neck" fehlt: scale_mm, frets und joint_fret werden gebraucht.</translation>
    </message>
    <message>
      <source>"version" should be {version}.</source>
      <translation>"version" soll {version} sein.</translation>
    </message>
    <message>
      <source>"{gauge}" is no gauge; try 46, .046 or 1.17 mm.</source>
      <translation>„{gauge}“ ist keine Stärke; 46, .046 oder 1.17 mm ginge.</translation>
    </message>
    <message>
      <source>"{mass}" is no mass in grams a metre.</source>
      <translation>„{mass}“ ist keine Masse in Gramm je Meter.</translation>
    </message>
    <message>
      <source>"{note}" is no note; try E2, F#3 or Bb4</source>
      <translation>„{note}“ ist kein Ton; E2, F#3 oder Bb4 ginge</translation>
    </message>
    <message>
      <source>"{text}" is longer than any instrument.</source>
      <translation>„{text}“ ist länger als jedes Instrument.</translation>
    </message>
    <message>
      <source>"{text}" is not a length. Try 12, 12 thou, .012, 0.3 mm or 5/64.</source>
      <translation>„{text}“ ist keine Länge. 12, 12 thou, .012, 0.3 mm oder 5/64 ginge.</translation>
    </message>
    <message>
      <source>'{at}' is no day or time of a reading; right is 2026-03-03 or 2026-03-03T10:00:00.</source>
      <translation>„{at}“ ist weder Tag noch Zeit einer Messung; richtig ist 2026-03-03 oder 2026-03-03T10:00:00.</translation>
    </message>
    <message>
      <source>'{day}' is no date.</source>
      <translation>„{day}“ ist kein Datum.</translation>
    </message>
    <message>
      <source>'{named}' is no place's habit that is known: en_GB, de_DE, fr_CA are.</source>
      <translation>„{named}“ ist keine bekannte Ortsangabe: en_GB, de_DE, fr_CA sind welche.</translation>
    </message>
    <message>
      <source>'{name}' is nothing that is charged here.</source>
      <translation>„{name}“ ist nichts, was hier berechnet wird.</translation>
    </message>
    <message>
      <source>'{name}' is nothing to practise on.</source>
      <translation>An „{name}“ ist nichts zu üben.</translation>
    </message>
    <message>
      <source>'{unknown}' is no column of it</source>
      <translation>„{unknown}“ ist keine Spalte davon</translation>
    </message>
    <message>
      <source>'{usually}' is no way to reach somebody: {how_words}.</source>
      <translation>„{usually}“ ist kein Weg, jemanden zu erreichen: {how_words}.</translation>
    </message>
    <message>
      <source>'{value}' is not known; should be one of {choices}</source>
      <translation>„{value}“ ist nicht bekannt; soll eines von {choices} sein</translation>
    </message>
    <message>
      <source>'{word}' is no seed word: three syllables of two letters, as {like}.</source>
      <translation>„{word}“ ist kein Wort für einen Hals: drei Silben aus zwei Buchstaben, wie {like}.</translation>
    </message>
    <message>
      <source>* buzzes, / clean, . the rest clean</source>
      <translation>* schnarrt, / sauber, . der Rest sauber</translation>
    </message>
    <message>
      <source>* gone, / still there</source>
      <translation>* weg, / noch da</translation>
    </message>
    <message>
      <source>* promise a day, - take it back</source>
      <translation>* einen Tag versprechen, - zurücknehmen</translation>
    </message>
    <message>
      <source>* this wire</source>
      <translation>* dieser Draht</translation>
    </message>
    <message>
      <source>* when it is so. Enter alone passes on: the strings count as before.</source>
      <translation>*, wenn es so ist. Enter allein geht weiter: Die Saiten gelten wie zuvor.</translation>
    </message>
    <message>
      <source>* yes, - no, + quote</source>
      <translation>* ja, - nein, + Angebot</translation>
    </message>
    <message>
      <source>* {it} every half year</source>
      <translation>* {it} jedes halbe Jahr</translation>
    </message>
    <message>
      <source>+ and -: angle</source>
      <translation>+ und -: Winkel</translation>
    </message>
    <message>
      <source>+ and -: back bow</source>
      <translation>+ und -: Rückbiegung</translation>
    </message>
    <message>
      <source>+ and -: string height</source>
      <translation>+ und -: Saitenlage</translation>
    </message>
    <message>
      <source>+ and -: touch</source>
      <translation>+ und -: Anschlag</translation>
    </message>
    <message>
      <source>+ another owner</source>
      <translation>+ weiterer Besitzer</translation>
    </message>
    <message>
      <source>+ half off, 0 rocker, Enter done</source>
      <translation>+ halb ab, 0 Wippe, Enter getan</translation>
    </message>
    <message>
      <source>+ it goes, - it just drags, / it won't go. Another leaf: type it first.</source>
      <translation>+ es geht, - es schleift eben, / es geht nicht. Anderes Blatt: erst tippen.</translation>
    </message>
    <message>
      <source>+ takes in another</source>
      <translation>+ nimmt einen weiteren auf</translation>
    </message>
    <message>
      <source>, and it said so</source>
      <translation>, und sagte es auch</translation>
    </message>
    <message>
      <source>, and nothing was said of it.</source>
      <translation>, und nichts wurde davon gesagt.</translation>
    </message>
    <message>
      <source>, bass end</source>
      <translation>, Bassende</translation>
    </message>
    <message>
      <source>, between {low} and {high}</source>
      <translation>, zwischen {low} und {high}</translation>
    </message>
    <message>
      <source>, by the hours it takes between {money} and </source>
      <translation>, nach den Stunden, die es braucht, zwischen {money} und </translation>
    </message>
    <message>
      <source>, flat across</source>
      <translation>, quer eben</translation>
    </message>
    <message>
      <source>, gauge {first} at fret 1 and {last} at the last</source>
      <translation>, Lehre {first} am 1. Bund und {last} am letzten</translation>
    </message>
    <message>
      <source>, gauge {inches} all along</source>
      <translation>, Lehre {inches} überall</translation>
    </message>
    <message>
      <source>, held down at {low}</source>
      <translation>, bei {low} niedergehalten</translation>
    </message>
    <message>
      <source>, middle</source>
      <translation>, Mitte</translation>
    </message>
    <message>
      <source>, not before {due}</source>
      <translation>, nicht vor {due}</translation>
    </message>
    <message>
      <source>, pressed down</source>
      <translation>, niedergedrückt</translation>
    </message>
    <message>
      <source>, rod of the bass side</source>
      <translation>, Stab der Bassseite</translation>
    </message>
    <message>
      <source>, rod of the treble side</source>
      <translation>, Stab der Diskantseite</translation>
    </message>
    <message>
      <source>, then </source>
      <translation>, dann </translation>
    </message>
    <message>
      <source>, then pads {pads}</source>
      <translation>, dann Kissen {pads}</translation>
    </message>
    <message>
      <source>, treble end</source>
      <translation>, Diskantende</translation>
    </message>
    <message>
      <source>, {length} of metal</source>
      <translation>, {length} Metall</translation>
    </message>
    <message>
      <source>, {minutes:.1f} h, {metal_mm:.2f} mm of metal</source>
      <translation>, {minutes:.1f} h, {metal_mm:.2f} mm Metall</translation>
    </message>
    <message>
      <source>, {number} being read</source>
      <translation>, {number} werden gelesen</translation>
    </message>
    <message>
      <source>. Its key may follow: 1 4mm.</source>
      <translation>. Der Schlüssel kann folgen: 1 4mm.</translation>
    </message>
    <message>
      <source>. Strings slack first</source>
      <translation>. Erst die Saiten entspannen</translation>
    </message>
    <message>
      <source>. as shown up to here</source>
      <translation>. wie gezeigt bis hier</translation>
    </message>
    <message>
      <source>.2 + it slides, .25 − it drags: kept as between the two.</source>
      <translation>.2 + gleitet, .25 − schleift: als dazwischen behalten.</translation>
    </message>
    <message>
      <source>/: all agreed</source>
      <translation>/: allem zugestimmt</translation>
    </message>
    <message>
      <source>/: {rest}.</source>
      <translation>/: {rest}.</translation>
    </message>
    <message>
      <source>0 waits for a part, or no more</source>
      <translation>0 wartet auf ein Teil, oder nicht mehr</translation>
    </message>
    <message>
      <source>0.03 mm may stay</source>
      <translation>0,03 mm dürfen bleiben</translation>
    </message>
    <message>
      <source>0.05 mm may stay</source>
      <translation>0,05 mm dürfen bleiben</translation>
    </message>
    <message>
      <source>0.08 mm may stay</source>
      <translation>0,08 mm dürfen bleiben</translation>
    </message>
    <message>
      <source>0: plan it</source>
      <translation>0: planen</translation>
    </message>
    <message>
      <source>1  plain neck</source>
      <translation>1  einfacher Hals</translation>
    </message>
    <message>
      <source>1 begins it again.</source>
      <translation>1 beginnt ihn neu.</translation>
    </message>
    <message>
      <source>1 change can't go to the server: see Kept safe.</source>
      <translation>1 Änderung kann nicht auf den Server: siehe „Gesichert“.</translation>
    </message>
    <message>
      <source>1 change waits on this machine and goes to the server by itself.</source>
      <translation>1 Änderung wartet auf diesem Rechner und geht von selbst auf den Server.</translation>
    </message>
    <message>
      <source>1 day</source>
      <translation>1 Tag</translation>
    </message>
    <message>
      <source>1 or + takes in a neck: scale length, frets and joint are enough to begin.</source>
      <translation>1 oder + nimmt einen Hals auf: Mensur, Bünde und Halsansatz genügen für den Anfang.</translation>
    </message>
    <message>
      <source>1 to 3: read this next</source>
      <translation>1 bis 3: dies als Nächstes messen</translation>
    </message>
    <message>
      <source>1 to 4: another face</source>
      <translation>1 bis 4: andere Ansicht</translation>
    </message>
    <message>
      <source>1 to 4: its faces</source>
      <translation>1 bis 4: die Ansichten</translation>
    </message>
    <message>
      <source>1 to 4: wood, slots, wire, cutting</source>
      <translation>1 bis 4: Holz, Schlitze, Draht, Schnitt</translation>
    </message>
    <message>
      <source>1 to 9 a tool, 0 the hands.</source>
      <translation>1 bis 9 ein Werkzeug, 0 die Hände.</translation>
    </message>
    <message>
      <source>1 week</source>
      <translation>1 Woche</translation>
    </message>
    <message>
      <source>1/4 looser</source>
      <translation>1/4 lockerer</translation>
    </message>
    <message>
      <source>1/4 tighter</source>
      <translation>1/4 fester</translation>
    </message>
    <message>
      <source>1/8 looser</source>
      <translation>1/8 lockerer</translation>
    </message>
    <message>
      <source>1/8 tighter</source>
      <translation>1/8 fester</translation>
    </message>
    <message>
      <source>150 mm</source>
      <translation>150 mm</translation>
    </message>
    <message>
      <source>1–4 a neck, 5–9 a form</source>
      <translation>1–4 ein Hals, 5–9 eine Übung</translation>
    </message>
    <message>
      <source>1–5: the buttons below</source>
      <translation>1–5: die Knöpfe unten</translation>
    </message>
    <message>
      <source>2  usual neck</source>
      <translation>2  üblicher Hals</translation>
    </message>
    <message>
      <source>2 days</source>
      <translation>2 Tage</translation>
    </message>
    <message>
      <source>2 weeks</source>
      <translation>2 Wochen</translation>
    </message>
    <message>
      <source>200 mm</source>
      <translation>200 mm</translation>
    </message>
    <message>
      <source>21 degrees, 48 percent.</source>
      <translation>21 Grad, 48 Prozent.</translation>
    </message>
    <message>
      <source>3  hard neck</source>
      <translation>3  schwerer Hals</translation>
    </message>
    <message>
      <source>300 mm</source>
      <translation>300 mm</translation>
    </message>
    <message>
      <source>4  next of the hundred</source>
      <translation>4  nächster der hundert</translation>
    </message>
    <message>
      <source>4 days</source>
      <translation>4 Tage</translation>
    </message>
    <message>
      <source>9 in 10</source>
      <translation>9 von 10</translation>
    </message>
    <message>
      <source>: open</source>
      <translation>: offen</translation>
    </message>
    <message>
      <source>: shut</source>
      <translation>: zu</translation>
    </message>
    <message>
      <source>: the edge stands on it, no notch is there</source>
      <translation>: das Lineal steht darauf, dort ist keine Kerbe</translation>
    </message>
    <message>
      <source>: they would keep less than {least}</source>
      <translation>: sie behielten weniger als {least}</translation>
    </message>
    <message>
      <source>; no true one for {frets}</source>
      <translation>; keine passende für {frets}</translation>
    </message>
    <message>
      <source>; rod straight and everything level would have taken {plain_mm:.2f} mm</source>
      <translation>; Stab gerade und alles abgerichtet hätte {plain_mm:.2f} mm genommen</translation>
    </message>
    <message>
      <source>; that was said beforehand.</source>
      <translation>; das wurde vorher gesagt.</translation>
    </message>
    <message>
      <source>; {least_mm:.2f} would have done at this string height, rod and nut slots free</source>
      <translation>; {least_mm:.2f} hätten bei dieser Saitenlage genügt, Halsstab und Sattelkerben frei</translation>
    </message>
    <message>
      <source>; {settled_mm} once settled</source>
      <translation>; {settled_mm}, wenn es sich gesetzt hat</translation>
    </message>
    <message>
      <source>?: this page</source>
      <translation>?: diese Seite</translation>
    </message>
    <message>
      <source>A bare neck has no relief yet: it is set once the strings pull.</source>
      <translation>Ein nackter Hals hat noch keine Krümmung: sie wird gestellt, wenn die Saiten ziehen.</translation>
    </message>
    <message>
      <source>A bare neck has no strings to slacken and no relief yet: level on the straight board.</source>
      <translation>Ein nackter Hals hat keine Saiten zu entspannen und noch keine Krümmung: auf geradem Brett abrichten.</translation>
    </message>
    <message>
      <source>A bare neck: its relief is open until it is strung.</source>
      <translation>Ein nackter Hals: seine Krümmung ist offen, bis er besaitet ist.</translation>
    </message>
    <message>
      <source>A bare neck: one light level on the straight board, {length} of metal. Its relief stays open until it is strung.</source>
      <translation>Ein nackter Hals: einmal leicht abrichten auf geradem Brett, {length} Metall. Seine Krümmung bleibt offen, bis er besaitet ist.</translation>
    </message>
    <message>
      <source>A block needs a way to go.</source>
      <translation>Ein Block braucht einen Weg.</translation>
    </message>
    <message>
      <source>A block that goes to and fro takes most where it passes most often, and that is the middle. A board sanded so is hollow before the first new fret is in.</source>
      <translation>Ein Block, der hin und her geht, nimmt am meisten, wo er am öftesten vorbeikommt, und das ist die Mitte. Ein so geschliffenes Brett ist hohl, bevor der erste neue Bund drin ist.</translation>
    </message>
    <message>
      <source>A board that climbs past the joint is brought down past the joint. A level of the whole neck takes the same metal from frets that nothing ails.</source>
      <translation>Ein Brett, das hinter dem Ansatz steigt, wird hinter dem Ansatz heruntergebracht. Ein Abrichten des ganzen Halses nimmt dasselbe Metall von Bünden, denen nichts fehlt.</translation>
    </message>
    <message>
      <source>A capo sits on a fret before {cursor}; * alone takes it off.</source>
      <translation>Ein Kapo sitzt auf einem Bund vor {cursor}; * allein nimmt ihn ab.</translation>
    </message>
    <message>
      <source>A caul one step tighter first, ends down, then the true one over its middle.</source>
      <translation>Erst eine um eine Stufe engere Zulage, Enden herunter, dann die passende über die Mitte.</translation>
    </message>
    <message>
      <source>A chewed nut is no spent rod</source>
      <translation>Eine zerkaute Mutter ist kein ausgereizter Stab</translation>
    </message>
    <message>
      <source>A chewed nut, or the wrong key: it says nothing about the rod itself. Renew the nut first.</source>
      <translation>Eine zerkaute Mutter oder der falsche Schlüssel: über den Stab selbst sagt es nichts. Erst die Mutter erneuern.</translation>
    </message>
    <message>
      <source>A chewed, gummed or unreachable rod nut comes first and stays named until it is mended.</source>
      <translation>Eine zerkaute, verklebte oder unerreichbare Stabmutter kommt zuerst und bleibt genannt, bis sie in Ordnung ist.</translation>
    </message>
    <message>
      <source>A clock that is over is heard</source>
      <translation>Eine abgelaufene Uhr ist zu hören</translation>
    </message>
    <message>
      <source>A complaint, a wish, or a note heard to buzz would change it.</source>
      <translation>Eine Beanstandung, ein Wunsch oder ein schnarrender Ton würde es ändern.</translation>
    </message>
    <message>
      <source>A complaint, or a note heard to buzz, would ask for new wire.</source>
      <translation>Eine Beanstandung oder ein schnarrender Ton verlangte neuen Draht.</translation>
    </message>
    <message>
      <source>A copy is made.</source>
      <translation>Eine Kopie ist gemacht.</translation>
    </message>
    <message>
      <source>A depth foot in the groove of {grooved}.</source>
      <translation>Ein Tiefenfuß in die Kerbe von {grooved}.</translation>
    </message>
    <message>
      <source>A depth foot on tape reads every fret too low by the tape. Frets that have years left are pulled for a strip of paper.</source>
      <translation>Ein Tiefenfuß auf Band liest jeden Bund um das Band zu niedrig. Bünde, die noch Jahre haben, werden wegen eines Papierstreifens gezogen.</translation>
    </message>
    <message>
      <source>A drop of glue under single frets would put it off, if they then hold.</source>
      <translation>Ein Tropfen Kleber unter einzelnen Bünden schöbe es auf, wenn sie dann halten.</translation>
    </message>
    <message>
      <source>A fault of ours ({name}). Everything accepted so far is on disk; go on, or start again. {where}</source>
      <translation>Ein Fehler von uns ({name}). Alles bisher Angenommene ist auf der Platte; weitermachen oder neu starten. {where}</translation>
    </message>
    <message>
      <source>A finger on every fret, both ends and the middle. One that moves is seated first: note it in Measure. Neighbours that merely look gappy get a drop of thin glue, so that they can't move under the beam. / says that all were pressed and none moved.</source>
      <translation>Ein Finger auf jeden Bund, beide Enden und die Mitte. Einer, der sich bewegt, wird erst eingepresst: in Messen notieren. Nachbarn, die bloß Lücken zeigen, bekommen einen Tropfen dünnen Kleber, damit sie sich unter dem Balken nicht bewegen. / sagt, dass alle gedrückt wurden und keiner sich bewegte.</translation>
    </message>
    <message>
      <source>A finger on fret {fret}.</source>
      <translation>Ein Finger auf Bund {fret}.</translation>
    </message>
    <message>
      <source>A flat board: the wire stays straight.</source>
      <translation>Ein flaches Brett: der Draht bleibt gerade.</translation>
    </message>
    <message>
      <source>A flat file along the edge until no end stands past it, and no further.{bound}</source>
      <translation>Eine flache Feile die Kante entlang, bis kein Ende übersteht, und nicht weiter.{bound}</translation>
    </message>
    <message>
      <source>A fraction of an inch has 2, 4, 8, 16, 32, 64 or 128 below the line, not {bottom}.</source>
      <translation>Ein Zollbruch hat 2, 4, 8, 16, 32, 64 oder 128 unter dem Strich, nicht {bottom}.</translation>
    </message>
    <message>
      <source>A fret and *: a capo sits there.</source>
      <translation>Bund und *: dort sitzt ein Kapodaster.</translation>
    </message>
    <message>
      <source>A fret and *: it moves. −: at its bass end, +: at its treble end.</source>
      <translation>Bund und *: er bewegt sich. −: am Bassende, +: am Diskantende.</translation>
    </message>
    <message>
      <source>A fret and *: it rocks there. Again takes the mark back.</source>
      <translation>Bund und *: dort wippt es. Noch einmal nimmt die Marke weg.</translation>
    </message>
    <message>
      <source>A fret and *: the edge rocks there. + along all, − on its ends.</source>
      <translation>Bund und *: dort wippt das Lineal. + liegt überall, − auf den Enden.</translation>
    </message>
    <message>
      <source>A fret and *: the string or edge is held there instead.</source>
      <translation>Bund und *: dort liegt stattdessen Saite oder Lineal auf.</translation>
    </message>
    <message>
      <source>A fret and the key for what the finger feels there.</source>
      <translation>Bund und die Taste für das, was der Finger dort fühlt.</translation>
    </message>
    <message>
      <source>A fret end is broken by a hair, so that the hand does not feel it. Too much, and the outer strings slip off the edge, which nothing but new wire cures.</source>
      <translation>Ein Bundende wird um ein Haar gebrochen, damit die Hand es nicht fühlt. Zu viel, und die äußeren Saiten rutschen ab, was nur neuer Draht heilt.</translation>
    </message>
    <message>
      <source>A fret glued anew sits at a new height. Take its rocker reading again before any filing is planned.</source>
      <translation>Ein neu geklebter Bund sitzt auf neuer Höhe. Seine Wippe noch einmal messen, bevor Feilen geplant wird.</translation>
    </message>
    <message>
      <source>A fret is pressed until the stop is felt, and no further. One that went too deep is low for good, and its neighbours are filed for it.</source>
      <translation>Ein Bund wird gepresst, bis der Anschlag gefühlt ist, und nicht weiter. Einer, der zu tief ging, ist für immer tief, und seine Nachbarn werden für ihn gefeilt.</translation>
    </message>
    <message>
      <source>A fret may be fast in the middle and loose at one end: all three places count.</source>
      <translation>Ein Bund kann in der Mitte fest und an einem Ende lose sein: alle drei Stellen zählen.</translation>
    </message>
    <message>
      <source>A fret number goes with *, where the ink is gone.</source>
      <translation>Eine Bundnummer braucht ein *, wo die Farbe weg ist.</translation>
    </message>
    <message>
      <source>A fret pressed too deep is lifted or replaced; else all the others pay for it.</source>
      <translation>Ein zu tief gepresster Bund wird gehoben oder ersetzt; sonst bezahlen ihn alle anderen.</translation>
    </message>
    <message>
      <source>A fret that is not seated ducks under it.</source>
      <translation>Ein Bund, der nicht sitzt, duckt sich darunter.</translation>
    </message>
    <message>
      <source>A fret that is not seated goes down under the file and comes up when the file is gone. The whole neck pays for it and the note chokes as before.</source>
      <translation>Ein Bund, der nicht sitzt, geht unter der Feile hinunter und kommt hoch, wenn sie weg ist. Der ganze Hals bezahlt dafür, und der Ton erstickt wie zuvor.</translation>
    </message>
    <message>
      <source>A fret that sits too deep is lifted and glued at its height.</source>
      <translation>Ein zu tief sitzender Bund wird angehoben und auf seiner Höhe geklebt.</translation>
    </message>
    <message>
      <source>A fret that was pressed home may rise again; the later look tells.</source>
      <translation>Ein eingepresster Bund kann wieder hochkommen; der spätere Blick sagt es.</translation>
    </message>
    <message>
      <source>A full level would leave too little metal; spot work still fits.</source>
      <translation>Volles Abrichten ließe zu wenig Metall; Einzelarbeit passt noch.</translation>
    </message>
    <message>
      <source>A gate is lifted for a reason: type it first.</source>
      <translation>Eine Sperre wird mit einem Grund aufgehoben: ihn erst tippen.</translation>
    </message>
    <message>
      <source>A groove is taken out by bringing every top down to its bottom, if there is height for that. Where there is not, the level ends in frets that nobody can crown.</source>
      <translation>Eine Kerbe kommt heraus, indem jede Kuppe auf ihren Grund gebracht wird, wenn Höhe dafür da ist. Wo nicht, endet das Abrichten in Bünden, die niemand verrunden kann.</translation>
    </message>
    <message>
      <source>A hair of rounding cures it; more lets the outer string slip off.</source>
      <translation>Ein Haar Rundung heilt es; mehr lässt die äußere Saite abrutschen.</translation>
    </message>
    <message>
      <source>A hump or an S that no rod takes out is levelled over, or trued when the crowns can't pay.</source>
      <translation>Ein Buckel oder ein S, das kein Stab herausnimmt, wird überabgerichtet, oder begradigt, wenn die Kronen es nicht hergeben.</translation>
    </message>
    <message>
      <source>A job file</source>
      <translation>Eine Auftragsdatei</translation>
    </message>
    <message>
      <source>A journal holds {most_entries:,} entries at most, and this one has {number:,}. Not written down; describe the neck as a new one to go on.</source>
      <translation>Ein Journal fasst höchstens {most_entries:,} Einträge, dieses hat {number:,}. Nicht aufgeschrieben; den Hals als neuen beschreiben, um weiterzumachen.</translation>
    </message>
    <message>
      <source>A key that slips in a chewed nut turns nothing, however often it is turned. Heat for a rod that was never moved costs days, and comes back.</source>
      <translation>Ein Schlüssel, der in einer zerkauten Mutter rutscht, dreht nichts, wie oft man ihn auch dreht. Wärme für einen Stab, der nie bewegt wurde, kostet Tage und geht zurück.</translation>
    </message>
    <message>
      <source>A key that turns is not yet a rod that turns.</source>
      <translation>Ein Schlüssel, der dreht, ist noch kein Stab, der dreht.</translation>
    </message>
    <message>
      <source>A leaf under it tells, or file on.</source>
      <translation>Ein Blatt darunter sagt es, oder weiterfeilen.</translation>
    </message>
    <message>
      <source>A leaf under the rocker refines the figures; none is needed to begin.</source>
      <translation>Ein Blatt unter der Wippe verfeinert die Zahlen; zum Anfangen wird keines gebraucht.</translation>
    </message>
    <message>
      <source>A level is {length} short at fret {fret}.</source>
      <translation>Dem Abrichten fehlen {length} bei Bund {fret}.</translation>
    </message>
    <message>
      <source>A lighter touch, or notes heard clean, would leave it.</source>
      <translation>Ein leichterer Anschlag oder sauber gehörte Töne ließen es.</translation>
    </message>
    <message>
      <source>A logbook on a server needs psycopg: install nuvrek[server].</source>
      <translation>Ein Logbuch auf einem Server braucht psycopg: nuvrek[server] installieren.</translation>
    </message>
    <message>
      <source>A look after one to two weeks.</source>
      <translation>Ein Blick nach ein bis zwei Wochen.</translation>
    </message>
    <message>
      <source>A look at a file: + takes this neck into your shelf, closing leaves it.</source>
      <translation>Ein Blick in eine Datei: + nimmt diesen Hals ins eigene Regal, Schließen lässt ihn.</translation>
    </message>
    <message>
      <source>A look at the board.</source>
      <translation>Ein Blick auf das Brett.</translation>
    </message>
    <message>
      <source>A low nut looks like a back bow of its side.</source>
      <translation>Ein tiefer Sattel sieht aus wie eine Rückbiegung seiner Seite.</translation>
    </message>
    <message>
      <source>A low-tack base strip under stronger tape keeps the glue off the wood. </source>
      <translation>Eine Grundlage mit wenig Haftung unter stärkerem Band hält den Kleber vom Holz. </translation>
    </message>
    <message>
      <source>A lower least crown, agreed with the owner, would put it off.</source>
      <translation>Eine kleinere Krone, mit dem Besitzer vereinbart, schöbe es auf.</translation>
    </message>
    <message>
      <source>A lower least crown, or grooves left, agreed with the owner would put it off.</source>
      <translation>Eine kleinere Krone oder gelassene Kerben, mit dem Besitzer vereinbart, schöben es auf.</translation>
    </message>
    <message>
      <source>A made-up shelf</source>
      <translation>Ein erfundenes Regal</translation>
    </message>
    <message>
      <source>A mark is a reading: a handful is filed until ink and rock are gone, many are levelled.</source>
      <translation>Eine Marke ist eine Messung: eine Handvoll wird gefeilt, bis Farbe und Wippen weg sind, viele werden abgerichtet.</translation>
    </message>
    <message>
      <source>A metric set</source>
      <translation>Ein metrischer Satz</translation>
    </message>
    <message>
      <source>A neck</source>
      <translation>Ein Hals</translation>
    </message>
    <message>
      <source>A neck that forgives, with its truth hidden until you ask for it.</source>
      <translation>Ein Hals, der verzeiht; seine Wahrheit ist verborgen, bis man sie verlangt.</translation>
    </message>
    <message>
      <source>A new bolt-on neck: {low} to {high} hours to fit and set up, beside {hours} to {hours_2} for new wire and days for heat, and its rod works.</source>
      <translation>Ein neuer Schraubhals: {low} bis {high} Stunden zum Einsetzen und Einstellen, neben {hours} bis {hours_2} für neuen Draht und Tagen für Wärme, und sein Stab wirkt.</translation>
    </message>
    <message>
      <source>A new neck</source>
      <translation>Ein neuer Hals</translation>
    </message>
    <message>
      <source>A notched edge of another scale rides on a fret and shows a hollow under it. The board it speaks of does not exist, and the rod turned for it spoils a good neck.</source>
      <translation>Ein Kerblineal einer anderen Mensur reitet auf einem Bund und zeigt darunter eine Höhlung. Das Brett, von dem es spricht, gibt es nicht, und der dafür gedrehte Stab verdirbt einen guten Hals.</translation>
    </message>
    <message>
      <source>A notched edge to print</source>
      <translation>Ein Kerblineal zum Drucken</translation>
    </message>
    <message>
      <source>A note heard to buzz, or a fret that rocks, would send you back to the neck.</source>
      <translation>Ein Ton, der schnarrt, oder ein Bund, der wippt, führte zurück zum Hals.</translation>
    </message>
    <message>
      <source>A note on the last reading</source>
      <translation>Eine Notiz zur letzten Messung</translation>
    </message>
    <message>
      <source>A note that buzzes there would ask for heavier strings, or for relief in the frets.</source>
      <translation>Ein dort schnarrender Ton verlangte schwerere Saiten oder Krümmung in den Bünden.</translation>
    </message>
    <message>
      <source>A note that buzzes, a wish for lower strings, or a complaint would change it.</source>
      <translation>Ein schnarrender Ton, der Wunsch nach tieferen Saiten oder eine Beanstandung würde es ändern.</translation>
    </message>
    <message>
      <source>A note that rings for you may choke under a firmer hand.</source>
      <translation>Ein Ton, der hier klingt, kann unter einer festeren Hand ersticken.</translation>
    </message>
    <message>
      <source>A number from {low:g} to {high:g} is asked for here.</source>
      <translation>Hier ist eine Zahl von {low:g} bis {high:g} gefragt.</translation>
    </message>
    <message>
      <source>A one-way rod only takes relief out. A back bow with that rod slack is not cured by any turn of it, and a turn the other way makes it worse.</source>
      <translation>Ein einseitiger Stab nimmt nur Krümmung heraus. Eine Rückbiegung mit lockerem Stab heilt keine Drehung, und eine in die andere Richtung macht sie schlimmer.</translation>
    </message>
    <message>
      <source>A one-way rod turned out until slack has nothing left to let out; it is not spent.</source>
      <translation>Ein einseitiger Stab, bis locker herausgedreht, hat nichts mehr herauszulassen; ausgereizt ist er nicht.</translation>
    </message>
    <message>
      <source>A pack at about 90 to 95 °C (195 to 200 °F) when it is taken out, on the board under a towel and falling from there. Never left alone while it is hot. Ticked when the pack is off: from then it cools, clamped.</source>
      <translation>Ein Wärmekissen von etwa 90 bis 95 °C beim Herausnehmen, unter einem Tuch auf dem Brett, von da an fallend. Nie allein lassen, solange es heiß ist. Abhaken, wenn das Kissen weg ist: von da an kühlt es, gespannt.</translation>
    </message>
    <message>
      <source>A photo of how it is</source>
      <translation>Ein Foto des Zustands</translation>
    </message>
    <message>
      <source>A photo with the last reading</source>
      <translation>Ein Foto zur letzten Messung</translation>
    </message>
    <message>
      <source>A piece of this run</source>
      <translation>Ein Stück dieser Lieferung</translation>
    </message>
    <message>
      <source>A radius block cuts a cylinder and leaves {leaves:.2f} mm of dip under the outer strings; the plan is straight along each string. </source>
      <translation>Ein Radiusblock schneidet einen Zylinder und lässt unter den äußeren Saiten {leaves:.2f} mm Senke; der Plan ist längs jeder Saite gerade. </translation>
    </message>
    <message>
      <source>A rattle of the hardware is found and quieted.</source>
      <translation>Ein Klappern der Mechanik wird gefunden und beruhigt.</translation>
    </message>
    <message>
      <source>A reading</source>
      <translation>Eine Messung</translation>
    </message>
    <message>
      <source>A reading that lies four of its own doubts off what all the others say.</source>
      <translation>Eine Messung, die um das Vierfache ihrer Unsicherheit neben dem liegt, was alle anderen sagen.</translation>
    </message>
    <message>
      <source>A rocker and two minutes: mark the frets that rock, and no others.</source>
      <translation>Eine Wippe und zwei Minuten: die wippenden Bünde markieren, und keine anderen.</translation>
    </message>
    <message>
      <source>A rocker needs a fret on either side.</source>
      <translation>Eine Wippe braucht auf jeder Seite einen Bund.</translation>
    </message>
    <message>
      <source>A rocker over {fret} and {fret_2}: two rocks, and {fret_3} between them.</source>
      <translation>Eine Wippe über {fret} und {fret_2}: zwei Wippen, und {fret_3} dazwischen.</translation>
    </message>
    <message>
      <source>A rocker over {fret} on the {lane_words}.</source>
      <translation>Eine Wippe über {fret}, {lane_words}.</translation>
    </message>
    <message>
      <source>A rocker says that three frets are not in line, never which of them is at fault. Two rocks with one still fret between them speak of the one between.</source>
      <translation>Eine Wippe sagt, dass drei Bünde nicht in einer Linie sind, nie, welcher schuld ist. Zwei Wippen mit einem stillen Bund dazwischen sprechen von dem dazwischen.</translation>
    </message>
    <message>
      <source>A rod that does not answer at once may only have play to turn through. Whoever calls it spent after two moves pays with metal.</source>
      <translation>Ein Stab, der nicht gleich antwortet, hat vielleicht nur Spiel zu durchlaufen. Wer ihn nach zwei Zügen ausgereizt nennt, bezahlt mit Metall.</translation>
    </message>
    <message>
      <source>A rod that moves the relief the other way is a rod that works: turn back, learn its sign.</source>
      <translation>Ein Stab, der die Krümmung andersherum bewegt, ist ein Stab, der wirkt: zurückdrehen, sein Vorzeichen lernen.</translation>
    </message>
    <message>
      <source>A rule at 12.</source>
      <translation>Ein Maßstab am 12.</translation>
    </message>
    <message>
      <source>A second pass is needed {it} times in ten.</source>
      <translation>Ein zweiter Gang ist {it} von zehn Mal nötig.</translation>
    </message>
    <message>
      <source>A shelf of made-up necks, a fresh copy: nothing there is yours.</source>
      <translation>Ein Regal mit erfundenen Hälsen, eine frische Kopie: nichts davon gehört einem.</translation>
    </message>
    <message>
      <source>A shim under the nut, zero fret left out; to pitch, then read the relief on both sides. It decides what dip the level leaves.</source>
      <translation>Eine Unterlage unter den Sattel, Nullbund weggelassen; stimmen, dann die Krümmung auf beiden Seiten messen. Sie entscheidet, welche Senke das Abrichten lässt.</translation>
    </message>
    <message>
      <source>A sound copy</source>
      <translation>Eine heile Kopie</translation>
    </message>
    <message>
      <source>A stiff tool bears on the two highest tops around its load; metal goes in proportion to load, stroke by stroke, on the map's own doubt.</source>
      <translation>Ein steifes Werkzeug liegt auf den zwei höchsten Kuppen um seine Last; Metall geht im Verhältnis zur Last, Strich um Strich, auf der Unsicherheit der Karte.</translation>
    </message>
    <message>
      <source>A straight beam cuts none: a few strokes with a short leveller for {listed}. For a crest the hand behind the neck and pressure on it.</source>
      <translation>Ein gerader Balken schneidet keine: ein paar Striche mit einem kurzen Abrichter für {listed}. Für einen Scheitel die Hand hinter den Hals und Druck darauf.</translation>
    </message>
    <message>
      <source>A string held at two frets lies on those two, and their own heights are in every gap between them. One support that stands high makes relief out of nothing.</source>
      <translation>Eine an zwei Bünden gehaltene Saite liegt auf diesen beiden, und deren Höhen stecken in jedem Spalt dazwischen. Eine hohe Auflage macht Krümmung aus nichts.</translation>
    </message>
    <message>
      <source>A string that shows no light tells nothing: the edge is asked before the rod.</source>
      <translation>Eine Saite ohne Licht sagt nichts: das Lineal wird vor dem Stab gefragt.</translation>
    </message>
    <message>
      <source>A string yields: what drags a little is already too thick.</source>
      <translation>Eine Saite gibt nach: was ein wenig schleift, ist schon zu dick.</translation>
    </message>
    <message>
      <source>A support is 0 (the nut) to {frets}, and not the fret looked at.</source>
      <translation>Auflagen sind 0 (Sattel) bis {frets}, und nicht der Bund, der angesehen wird.</translation>
    </message>
    <message>
      <source>A support that stands high</source>
      <translation>Eine hohe Auflage</translation>
    </message>
    <message>
      <source>A tongue that climbs is given fall-away, or the neck its angle.</source>
      <translation>Eine steigende Griffbrettzunge bekommt Abfall, oder der Hals seinen Winkel.</translation>
    </message>
    <message>
      <source>A touch of {touch:.1f} thousandths of the tension explains {told} of {buzzing} notes that buzz.</source>
      <translation>Ein Anschlag von {touch:.1f} Tausendsteln der Spannung erklärt {told} von {buzzing} schnarrenden Tönen.</translation>
    </message>
    <message>
      <source>A twist, or a board worn unevenly. Twin rods can answer it; one rod cannot.</source>
      <translation>Eine Verdrehung oder ein ungleich abgenutztes Brett. Zwei Stäbe können darauf antworten, einer nicht.</translation>
    </message>
    <message>
      <source>A whole turn in one direction: pause, look at key and nut, and note how it feels before going on.</source>
      <translation>Eine ganze Umdrehung in eine Richtung: halten, Schlüssel und Mutter ansehen und notieren, wie es sich anfühlt, bevor es weitergeht.</translation>
    </message>
    <message>
      <source>A wire needs a name.</source>
      <translation>Ein Draht braucht einen Namen.</translation>
    </message>
    <message>
      <source>A zero fret stands a little over all others and makes their room. The beam that runs over it takes that room away, and the open strings lie on the first fret.</source>
      <translation>Ein Nullbund steht etwas über allen anderen und macht ihnen Raum. Der Balken, der darüber läuft, nimmt diesen Raum, und die leeren Saiten liegen auf dem ersten Bund.</translation>
    </message>
    <message>
      <source>About 30 degrees along the whole edge, until a finger feels nothing proud.</source>
      <translation>Etwa 30 Grad die ganze Kante entlang, bis ein Finger nichts Vorstehendes fühlt.</translation>
    </message>
    <message>
      <source>About the owner</source>
      <translation>Über den Besitzer</translation>
    </message>
    <message>
      <source>About {minutes:.0f} hours to go.</source>
      <translation>Noch etwa {minutes:.0f} Stunden.</translation>
    </message>
    <message>
      <source>About {minutes} minutes to go.</source>
      <translation>Noch etwa {minutes} Minuten.</translation>
    </message>
    <message>
      <source>Accepted</source>
      <translation>Angenommen</translation>
    </message>
    <message>
      <source>Accepted, written down.</source>
      <translation>Angenommen, aufgeschrieben.</translation>
    </message>
    <message>
      <source>Address</source>
      <translation>Anschrift</translation>
    </message>
    <message>
      <source>Advised is {turns_words}.</source>
      <translation>Empfohlen ist {turns_words}.</translation>
    </message>
    <message>
      <source>After fitting</source>
      <translation>Nach dem Einsetzen</translation>
    </message>
    <message>
      <source>After levelling</source>
      <translation>Nach dem Abrichten</translation>
    </message>
    <message>
      <source>After one to two weeks</source>
      <translation>Nach ein bis zwei Wochen</translation>
    </message>
    <message>
      <source>After seating</source>
      <translation>Nach dem Einpressen</translation>
    </message>
    <message>
      <source>After the first level {crown:.2f} mm is under the least crown of {least_mm:.2f} mm.</source>
      <translation>Nach der ersten Abrichtung sind {crown:.2f} mm unter der kleinsten Krone von {least_mm:.2f} mm.</translation>
    </message>
    <message>
      <source>Afterwards {listed}.</source>
      <translation>Danach {listed}.</translation>
    </message>
    <message>
      <source>Again, with the advice on</source>
      <translation>Noch einmal, mit Rat</translation>
    </message>
    <message>
      <source>Against it</source>
      <translation>Dagegen</translation>
    </message>
    <message>
      <source>Agree on it first; then the way is weighed by it.</source>
      <translation>Erst vereinbaren; dann wird der Weg danach abgewogen.</translation>
    </message>
    <message>
      <source>Agree on this</source>
      <translation>So vereinbaren</translation>
    </message>
    <message>
      <source>Agreed</source>
      <translation>Vereinbart</translation>
    </message>
    <message>
      <source>Agreed by the quote of {day}: {money} for {agreed}.</source>
      <translation>Vereinbart im Angebot vom {day}: {money} für {agreed}.</translation>
    </message>
    <message>
      <source>Agreement</source>
      <translation>Vereinbarung</translation>
    </message>
    <message>
      <source>Aim at it</source>
      <translation>Danach richten</translation>
    </message>
    <message>
      <source>Air as it was read.</source>
      <translation>Luft, wie gemessen.</translation>
    </message>
    <message>
      <source>All frets are filed to one line and rounded again.</source>
      <translation>Alle Bünde werden auf eine Linie gefeilt und wieder verrundet.</translation>
    </message>
    <message>
      <source>All frets are filed to one line as the neck lies, and rounded again.</source>
      <translation>Alle Bünde werden auf eine Linie gefeilt, wie der Hals liegt, und wieder verrundet.</translation>
    </message>
    <message>
      <source>All frets are filed to one line, the neck held as its strings bend it.</source>
      <translation>Alle Bünde werden auf eine Linie gefeilt, der Hals so gehalten, wie ihn die Saiten biegen.</translation>
    </message>
    <message>
      <source>All frets are filed to one line, the neck set straight, and rounded again.</source>
      <translation>Alle Bünde werden bei gerade gestelltem Hals auf eine Linie gefeilt und wieder verrundet.</translation>
    </message>
    <message>
      <source>All frets are replaced by new ones, filed to one line and rounded.</source>
      <translation>Alle Bünde werden durch neue ersetzt, auf eine Linie gefeilt und verrundet.</translation>
    </message>
    <message>
      <source>All jobs are being gone through.</source>
      <translation>Alle Aufträge werden durchgesehen.</translation>
    </message>
    <message>
      <source>All lessons and necks</source>
      <translation>Alle Lektionen und Hälse</translation>
    </message>
    <message>
      <source>All necks</source>
      <translation>Alle Hälse</translation>
    </message>
    <message>
      <source>All notes together: nine times in ten no more than {over_mm} above that.</source>
      <translation>Alle Töne zusammen: neun von zehn Mal höchstens {over_mm} darüber.</translation>
    </message>
    <message>
      <source>All of it is agreed</source>
      <translation>Alles ist vereinbart</translation>
    </message>
    <message>
      <source>All of it is agreed already.</source>
      <translation>Alles ist schon vereinbart.</translation>
    </message>
    <message>
      <source>All others are firm  (/)</source>
      <translation>Alle anderen sind fest  (/)</translation>
    </message>
    <message>
      <source>All others: {fine}  (/)</source>
      <translation>Alle anderen: {fine}  (/)</translation>
    </message>
    <message>
      <source>All steps are ticked</source>
      <translation>Alle Schritte sind abgehakt</translation>
    </message>
    <message>
      <source>All strings at pitch.</source>
      <translation>Alle Saiten gestimmt.</translation>
    </message>
    <message>
      <source>All that is kept of them</source>
      <translation>Alles, was davon behalten ist</translation>
    </message>
    <message>
      <source>All that needs the owner's word is agreed.</source>
      <translation>Alles, was das Wort des Besitzers braucht, ist vereinbart.</translation>
    </message>
    <message>
      <source>All the other readings together say {expected_mm}.{slip} Take it again.</source>
      <translation>Alle anderen Messungen zusammen sagen {expected_mm}.{slip} Noch einmal nehmen.</translation>
    </message>
    <message>
      <source>All the worn frets are to be left alone.</source>
      <translation>Alle abgespielten Bünde sollen gelassen werden.</translation>
    </message>
    <message>
      <source>Almost sure.</source>
      <translation>Fast sicher.</translation>
    </message>
    <message>
      <source>Alone: all the others are firm. Enter alone says nothing.</source>
      <translation>Allein: Alle anderen sind fest. Enter allein sagt nichts.</translation>
    </message>
    <message>
      <source>Alone: all the others are still. Enter alone says nothing of them.</source>
      <translation>Allein: Alle anderen wippen nicht. Enter allein sagt nichts über sie.</translation>
    </message>
    <message>
      <source>Amount</source>
      <translation>Betrag</translation>
    </message>
    <message>
      <source>An edge over a hump touches in one place and shows light at both ends; that light is no relief. A rod that is turned for it bends the good part of the neck.</source>
      <translation>Ein Lineal über einem Buckel berührt an einer Stelle und zeigt an beiden Enden Licht; dieses Licht ist keine Krümmung. Ein dafür gedrehter Stab biegt den guten Teil des Halses.</translation>
    </message>
    <message>
      <source>An edge that is pressed down bends the neck and hides the light.</source>
      <translation>Ein niedergedrücktes Lineal biegt den Hals und verbirgt das Licht.</translation>
    </message>
    <message>
      <source>An edge, slack, tells.</source>
      <translation>Ein Lineal, entspannt, sagt es.</translation>
    </message>
    <message>
      <source>An eighth, no more. Note how it feels.</source>
      <translation>Ein Achtel, nicht mehr. Notieren, wie es sich anfühlt.</translation>
    </message>
    <message>
      <source>An end or a fret that is up is pressed home first; no beam before every fret was pressed.</source>
      <translation>Ein Ende oder Bund, der hoch ist, wird zuerst eingepresst; kein Balken, bevor jeder Bund gedrückt wurde.</translation>
    </message>
    <message>
      <source>An end that is up: push and glue that end. The middle up: press the whole fret. One that stops short in a shallow or dirty slot is glued at its lowest and counts as settled. Stop when the light under it is gone; pressed too far it becomes the low one all others come down to.</source>
      <translation>Ein Ende hoch: dieses Ende drücken und kleben. Die Mitte hoch: den ganzen Bund pressen. Einer, der in flachem oder schmutzigem Schlitz vorher anhält, wird an seinem tiefsten Punkt geklebt und gilt als gesetzt. Aufhören, wenn das Licht darunter weg ist; zu weit gepresst wird er der tiefe, zu dem alle anderen herunterkommen.</translation>
    </message>
    <message>
      <source>An eye that looks from above reads the string too low.</source>
      <translation>Ein Auge, das von oben schaut, liest die Saite zu tief.</translation>
    </message>
    <message>
      <source>An hour</source>
      <translation>Eine Stunde</translation>
    </message>
    <message>
      <source>An inch set</source>
      <translation>Ein Zollsatz</translation>
    </message>
    <message>
      <source>An indicator on a beam</source>
      <translation>Eine Messuhr auf einem Balken</translation>
    </message>
    <message>
      <source>An open string lies too low at the nut.</source>
      <translation>Eine leere Saite liegt am Sattel zu tief.</translation>
    </message>
    <message>
      <source>An owner content with the wire there is would put it off.</source>
      <translation>Ein Besitzer, dem der Draht genügt, schöbe es auf.</translation>
    </message>
    <message>
      <source>An owner is named in Take in, or taken in here.</source>
      <translation>Ein Besitzer wird in Aufnehmen genannt oder hier aufgenommen.</translation>
    </message>
    <message>
      <source>An owner needs a name.</source>
      <translation>Ein Besitzer braucht einen Namen.</translation>
    </message>
    <message>
      <source>And it buzzes open: the {name} is low on this side, which can pass for back bow. Raise it there.</source>
      <translation>Und sie schnarrt leer: {name} ist auf dieser Seite zu tief, was für Rückbiegung gehalten werden kann. Dort anheben.</translation>
    </message>
    <message>
      <source>Another bench has just brought this neck.</source>
      <translation>Ein anderer Arbeitsplatz hat diesen Hals gerade gebracht.</translation>
    </message>
    <message>
      <source>Another bench has just written here.</source>
      <translation>Ein anderer Arbeitsplatz hat hier gerade etwas eingetragen.</translation>
    </message>
    <message>
      <source>Another bench is writing to this logbook. Take it again in a moment.</source>
      <translation>Ein anderer Arbeitsplatz schreibt gerade in dieses Logbuch. Gleich noch einmal versuchen.</translation>
    </message>
    <message>
      <source>Another cycle if bow is left.</source>
      <translation>Ein weiterer Durchgang, falls noch Krümmung bleibt.</translation>
    </message>
    <message>
      <source>Another fret; a height sends the hand on by itself.</source>
      <translation>Ein anderer Bund; eine Höhe schickt die Hand von selbst weiter.</translation>
    </message>
    <message>
      <source>Another hand says what it costs and how long it takes.</source>
      <translation>Eine andere Hand sagt, was es kostet und wie lange es dauert.</translation>
    </message>
    <message>
      <source>Another instrument</source>
      <translation>Ein anderes Instrument</translation>
    </message>
    <message>
      <source>Another neck</source>
      <translation>Ein anderer Hals</translation>
    </message>
    <message>
      <source>Another neck costs</source>
      <translation>Ein anderer Hals kostet</translation>
    </message>
    <message>
      <source>Another neck is fitted in place of this one.</source>
      <translation>Ein anderer Hals kommt an die Stelle von diesem.</translation>
    </message>
    <message>
      <source>Another neck plays and sounds a little otherwise.</source>
      <translation>Ein anderer Hals spielt und klingt ein wenig anders.</translation>
    </message>
    <message>
      <source>Another neck was opened meanwhile; {name} was not taken in.</source>
      <translation>Inzwischen wurde ein anderer Hals geöffnet; {name} wurde nicht aufgenommen.</translation>
    </message>
    <message>
      <source>Another of its kind costs</source>
      <translation>Ein anderes dieser Art kostet</translation>
    </message>
    <message>
      <source>Another owner</source>
      <translation>Weiterer Besitzer</translation>
    </message>
    <message>
      <source>Another table is still being read.</source>
      <translation>Eine andere Tabelle wird noch gelesen.</translation>
    </message>
    <message>
      <source>Another unit for this field, kept from then on.</source>
      <translation>Andere Einheit für dieses Feld, von da an behalten.</translation>
    </message>
    <message>
      <source>Another way is advised; this one is open to you.</source>
      <translation>Ein anderer Weg wird empfohlen; dieser steht offen.</translation>
    </message>
    <message>
      <source>Another window is writing to this logbook. This was not written down; take it again.</source>
      <translation>Ein anderes Fenster schreibt in dieses Logbuch. Das wurde nicht aufgeschrieben; noch einmal nehmen.</translation>
    </message>
    <message>
      <source>Another window or bench has written to this neck; it is weighed anew.</source>
      <translation>Ein anderes Fenster oder ein anderer Arbeitsplatz hat zu diesem Hals etwas eingetragen; er wird neu berechnet.</translation>
    </message>
    <message>
      <source>Any one reading</source>
      <translation>Irgendeine Messung</translation>
    </message>
    <message>
      <source>Archive</source>
      <translation>Archiv</translation>
    </message>
    <message>
      <source>Archives (*.zip)</source>
      <translation>Archive (*.zip)</translation>
    </message>
    <message>
      <source>Arrows choose a fret. 1 to 3 take the next reading. + and - heights, * strings, / light gap, 0 string room.</source>
      <translation>Pfeile wählen einen Bund. 1 bis 3 nehmen die nächste Messung. + und - Höhen, * Saiten, / Lichtspalt, . woher, 0 Saitenraum.</translation>
    </message>
    <message>
      <source>As it is it would sell for about</source>
      <translation>So wie es ist, brächte es etwa</translation>
    </message>
    <message>
      <source>As it is, or after a way forward</source>
      <translation>Wie es ist, oder nach einem Weg</translation>
    </message>
    <message>
      <source>As it should be.</source>
      <translation>Wie es sein soll.</translation>
    </message>
    <message>
      <source>As it was noted: a finger, an ear or an eye said so; nothing is reckoned.</source>
      <translation>Wie es notiert wurde: Finger, Ohr oder Auge sagten es; gerechnet ist nichts.</translation>
    </message>
    <message>
      <source>As little metal as possible is filed off, so that every note rings clean.</source>
      <translation>So wenig Metall wie möglich wird abgefeilt, damit jeder Ton sauber klingt.</translation>
    </message>
    <message>
      <source>As proposed</source>
      <translation>Wie vorgeschlagen</translation>
    </message>
    <message>
      <source>As read; a fret nobody looked at has none told of it.</source>
      <translation>Wie gemessen; von einem Bund, den niemand ansah, wird keine erzählt.</translation>
    </message>
    <message>
      <source>As short as possible near the binding. </source>
      <translation>Nahe am Binding so kurz wie möglich. </translation>
    </message>
    <message>
      <source>At fret {fret} the slot is {deep:.2f} mm deep in a board {board:.2f} mm thick: one of the two is misread, or it is sawn into the neck. Nothing is trued until that is known.</source>
      <translation>Bei Bund {fret} ist der Schlitz {deep:.2f} mm tief in einem Brett von {board:.2f} mm Dicke: eines von beiden ist falsch gelesen, oder er ist in den Hals gesägt. Bis das bekannt ist, wird nichts begradigt.</translation>
    </message>
    <message>
      <source>At the bend</source>
      <translation>Am Knick</translation>
    </message>
    <message>
      <source>At the earliest tomorrow.</source>
      <translation>Frühestens morgen.</translation>
    </message>
    <message>
      <source>At the end no light on three lines, unpressed{gauge}; grits to 600 before the wire.</source>
      <translation>Am Ende kein Licht auf drei Linien, ohne Druck{gauge}; Körnung bis 600 vor dem Draht.</translation>
    </message>
    <message>
      <source>At the headstock end and under the neck, little by little; held down at the body.</source>
      <translation>Am Kopfende und unter dem Hals, Stück für Stück; am Korpus niedergehalten.</translation>
    </message>
    <message>
      <source>At which fret does the body join?</source>
      <translation>An welchem Bund beginnt der Korpus?</translation>
    </message>
    <message>
      <source>At {fret}</source>
      <translation>Bei {fret}</translation>
    </message>
    <message>
      <source>At {named}. Out entirely costs that much metal; shallow ones may stay by agreement.</source>
      <translation>Bei {named}. Ganz heraus kostet so viel Metall; flache dürfen nach Vereinbarung bleiben.</translation>
    </message>
    <message>
      <source>Atkinson Hyperlegible Next: OFL-1.1</source>
      <translation>Atkinson Hyperlegible Next: OFL-1.1</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Rück</translation>
    </message>
    <message>
      <source>Back bow the tangs are to bend in</source>
      <translation>Rückbiegung durch die Füße</translation>
    </message>
    <message>
      <source>Back bow under string tension: loosen, never tighten.</source>
      <translation>Rückbiegung unter Saitenzug: lockern, nie festziehen.</translation>
    </message>
    <message>
      <source>Back bow with a slack one-way rod: the rod can't help. Heavier strings, or level as it lies so that the frets carry the relief.</source>
      <translation>Rückbiegung mit lockerem einseitigem Stab: der Stab kann nicht helfen. Schwerere Saiten, oder abrichten wie es liegt, so dass die Bünde die Krümmung tragen.</translation>
    </message>
    <message>
      <source>Back bow{where}: {mm}</source>
      <translation>Rückbiegung{where}: {mm}</translation>
    </message>
    <message>
      <source>Back to the shelf</source>
      <translation>Zurück zum Regal</translation>
    </message>
    <message>
      <source>Back to work</source>
      <translation>Zurück zur Arbeit</translation>
    </message>
    <message>
      <source>Backspace strikes: {act_words}</source>
      <translation>Rücktaste streicht: {act_words}</translation>
    </message>
    <message>
      <source>Backspace strikes: {words}</source>
      <translation>Rücktaste streicht: {words}</translation>
    </message>
    <message>
      <source>Bagged in order and labelled, the nut and its shims with them.</source>
      <translation>Der Reihe nach eingetütet und beschriftet, der Sattel und seine Unterlagen dabei.</translation>
    </message>
    <message>
      <source>Band on top</source>
      <translation>Band oben</translation>
    </message>
    <message>
      <source>Bare board</source>
      <translation>Blankes Brett</translation>
    </message>
    <message>
      <source>Bare face: any tape that leaves no glue; along each fret first, then between them.</source>
      <translation>Nackte Fläche: jedes Band, das keinen Kleber lässt; erst an jedem Bund entlang, dann dazwischen.</translation>
    </message>
    <message>
      <source>Bare neck, no strings</source>
      <translation>Nackter Hals, keine Saiten</translation>
    </message>
    <message>
      <source>Bars</source>
      <translation>Balken</translation>
    </message>
    <message>
      <source>Basic round</source>
      <translation>Grundrunde</translation>
    </message>
    <message>
      <source>Bass and treble side, at pitch: only they tell what the work has done.</source>
      <translation>Bass- und Diskantseite, auf Tonhöhe: Nur sie sagen, was die Arbeit bewirkt hat.</translation>
    </message>
    <message>
      <source>Bass and treble side, at pitch: only this tells how the nut holds the strings now.</source>
      <translation>Bass- und Diskantseite, auf Tonhöhe: Nur das sagt, wie der Sattel die Saiten jetzt hält.</translation>
    </message>
    <message>
      <source>Bass side {low_mm}</source>
      <translation>Bassseite {low_mm}</translation>
    </message>
    <message>
      <source>Beam or stone</source>
      <translation>Balken oder Stein</translation>
    </message>
    <message>
      <source>Because: {reasons}.</source>
      <translation>Weil: {reasons}.</translation>
    </message>
    <message>
      <source>Before stripping</source>
      <translation>Vor dem Ausbau</translation>
    </message>
    <message>
      <source>Begin this round again</source>
      <translation>Diese Runde neu beginnen</translation>
    </message>
    <message>
      <source>Being worked out.</source>
      <translation>Wird ausgerechnet.</translation>
    </message>
    <message>
      <source>Bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <source>Bench sheet</source>
      <translation>Werkblatt</translation>
    </message>
    <message>
      <source>Bend back {back_bow_mm}</source>
      <translation>Zurückbiegen {back_bow_mm}</translation>
    </message>
    <message>
      <source>Bending card for {title}</source>
      <translation>Biegekarte für {title}</translation>
    </message>
    <message>
      <source>Bent to over left</source>
      <translation>Gebogen auf, Rest</translation>
    </message>
    <message>
      <source>Beside the job</source>
      <translation>Neben der Arbeit</translation>
    </message>
    <message>
      <source>Beside the price</source>
      <translation>Neben dem Preis</translation>
    </message>
    <message>
      <source>Beside you</source>
      <translation>Daneben</translation>
    </message>
    <message>
      <source>Bevel the ends</source>
      <translation>Die Enden fasen</translation>
    </message>
    <message>
      <source>Bevel to about 30 degrees, flush with the edge.</source>
      <translation>Auf etwa 30 Grad fasen, bündig mit der Kante.</translation>
    </message>
    <message>
      <source>Bevels that stand proud</source>
      <translation>Fasen stehen vor</translation>
    </message>
    <message>
      <source>Binding, how wide on the face?</source>
      <translation>Binding, wie breit auf der Fläche?</translation>
    </message>
    <message>
      <source>Block of {block_mm:.0f} mm</source>
      <translation>Block von {block_mm:.0f} mm</translation>
    </message>
    <message>
      <source>Block of {lengths_mm:.0f} mm, {low} to {high}</source>
      <translation>Block von {lengths_mm:.0f} mm, {low} bis {high}</translation>
    </message>
    <message>
      <source>Block or beam</source>
      <translation>Block oder Balken</translation>
    </message>
    <message>
      <source>Block {block_mm:.0f} mm</source>
      <translation>Block {block_mm:.0f} mm</translation>
    </message>
    <message>
      <source>Board</source>
      <translation>Brett</translation>
    </message>
    <message>
      <source>Board radius</source>
      <translation>Griffbrettradius</translation>
    </message>
    <message>
      <source>Board width at the end</source>
      <translation>Griffbrettbreite am Ende</translation>
    </message>
    <message>
      <source>Board width at the nut</source>
      <translation>Griffbrettbreite am Sattel</translation>
    </message>
    <message>
      <source>Board wood</source>
      <translation>Griffbrettholz</translation>
    </message>
    <message>
      <source>Body and neck</source>
      <translation>Korpus und Hals</translation>
    </message>
    <message>
      <source>Body joins at fret</source>
      <translation>Korpus beginnt am Bund</translation>
    </message>
    <message>
      <source>Both sides, at pitch: only this tells what the neck has done.</source>
      <translation>Beide Seiten, auf Tonhöhe: Nur das sagt, was der Hals gemacht hat.</translation>
    </message>
    <message>
      <source>Bound edges</source>
      <translation>Mit Binding</translation>
    </message>
    <message>
      <source>Bow by the tangs</source>
      <translation>Biegung durch die Füße</translation>
    </message>
    <message>
      <source>Bow of the tangs</source>
      <translation>Biegung durch die Füße</translation>
    </message>
    <message>
      <source>Bow that no rod answers: strings, the frets if they can pay, new wire, heat; a cure that costs more than the goal is named beside a new neck.</source>
      <translation>Biegung, auf die kein Stab antwortet: Saiten, die Bünde, wenn sie es hergeben, neuer Draht, Wärme; neben einem Mittel, das mehr kostet als das Ziel, wird ein neuer Hals genannt.</translation>
    </message>
    <message>
      <source>Bow wanted {length}; so driven it comes to {length_2}, give or take {length_3}.</source>
      <translation>Gewünschte Biegung {length}; so eingetrieben werden es {length_2}, plus oder minus {length_3}.</translation>
    </message>
    <message>
      <source>Bring the ends back to the edge</source>
      <translation>Die Enden auf die Kante zurücknehmen</translation>
    </message>
    <message>
      <source>Bring the zero fret down</source>
      <translation>Den Nullbund herunterbringen</translation>
    </message>
    <message>
      <source>By a hair only: too much, and the outer strings slip off.</source>
      <translation>Nur um ein Haar: zu viel, und die äußeren Saiten rutschen ab.</translation>
    </message>
    <message>
      <source>By ear</source>
      <translation>Nach Gehör</translation>
    </message>
    <message>
      <source>By feel (it binds, is at its end, slips), or two moves the neck did not answer.</source>
      <translation>Nach Gefühl (er klemmt, ist am Ende, rutscht), oder zwei Züge, auf die der Hals nicht antwortete.</translation>
    </message>
    <message>
      <source>By hours {money_words} ({low} to {high}).</source>
      <translation>Nach Stunden {money_words} ({low} bis {high}).</translation>
    </message>
    <message>
      <source>By the hidden truth, as a hand or an eye would have it.</source>
      <translation>Nach der verborgenen Wahrheit, wie eine Hand oder ein Auge sie hätte.</translation>
    </message>
    <message>
      <source>By the wire as described so much metal is gone: fret {named}. The height stays when it is crowned again.</source>
      <translation>Nach dem beschriebenen Draht fehlt so viel Metall: Bund {named}. Die Höhe bleibt, wenn er neu verrundet wird.</translation>
    </message>
    <message>
      <source>By {it}: {gone}.</source>
      <translation>Durch {it}: {gone}.</translation>
    </message>
    <message>
      <source>Caliper on a crown</source>
      <translation>Messschieber auf einer Krone</translation>
    </message>
    <message>
      <source>Came with it</source>
      <translation>Mitgekommen</translation>
    </message>
    <message>
      <source>Capo</source>
      <translation>Kapo</translation>
    </message>
    <message>
      <source>Cautions</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <source>Change</source>
      <translation>Änderung</translation>
    </message>
    <message>
      <source>Change it</source>
      <translation>Ändern</translation>
    </message>
    <message>
      <source>Change strings or tuning</source>
      <translation>Saiten oder Stimmung wechseln</translation>
    </message>
    <message>
      <source>Change the words as you like; the page follows.</source>
      <translation>Die Worte nach Belieben ändern; die Seite folgt.</translation>
    </message>
    <message>
      <source>Changing the logbook</source>
      <translation>Das Logbuch wird geändert</translation>
    </message>
    <message>
      <source>Chapters, or what was found</source>
      <translation>Kapitel, oder was gefunden wurde</translation>
    </message>
    <message>
      <source>Cheap cures first. {gist}</source>
      <translation>Erst die billigen Mittel. {gist}</translation>
    </message>
    <message>
      <source>Check unloaded: hand weight hides a gap, a tight end clamp lifts the middle.</source>
      <translation>Entlastet prüfen: das Gewicht der Hand verbirgt einen Spalt, eine stramme Zwinge am Ende hebt die Mitte.</translation>
    </message>
    <message>
      <source>Checking neck {id}</source>
      <translation>Hals {id} wird geprüft</translation>
    </message>
    <message>
      <source>Checking the file</source>
      <translation>Die Datei wird geprüft</translation>
    </message>
    <message>
      <source>Choose</source>
      <translation>Wählen</translation>
    </message>
    <message>
      <source>Choose a kept set or a tuning to compare with.{capo}</source>
      <translation>Zum Vergleichen einen Satz oder eine Stimmung wählen.{capo}</translation>
    </message>
    <message>
      <source>Clamp a little past straight</source>
      <translation>Etwas über gerade hinaus spannen</translation>
    </message>
    <message>
      <source>Clean from</source>
      <translation>Sauber ab</translation>
    </message>
    <message>
      <source>Clean from, {lane_words}</source>
      <translation>Sauber ab, {lane_words}</translation>
    </message>
    <message>
      <source>Clean the board</source>
      <translation>Das Brett reinigen</translation>
    </message>
    <message>
      <source>Cleaned only: dirt off with fine paper. What is not flat stays, and the first level takes it: {length}.</source>
      <translation>Nur gereinigt: Schmutz mit feinem Papier ab. Was nicht eben ist, bleibt, und die erste Abrichtung nimmt es: {length}.</translation>
    </message>
    <message>
      <source>Clear the hole and find the key: the rod has not been tried yet.</source>
      <translation>Das Loch säubern und den Schlüssel finden: der Stab ist noch nicht versucht.</translation>
    </message>
    <message>
      <source>Clear the hole, try the key that fits, grease thread and washer.</source>
      <translation>Das Loch säubern, den passenden Schlüssel versuchen, Gewinde und Scheibe fetten.</translation>
    </message>
    <message>
      <source>Clocks that run</source>
      <translation>Laufende Uhren</translation>
    </message>
    <message>
      <source>Closing round</source>
      <translation>Schlussrunde</translation>
    </message>
    <message>
      <source>Come back</source>
      <translation>Wiederkommen</translation>
    </message>
    <message>
      <source>Come back when a note buzzes or the strings lie otherwise than now.</source>
      <translation>Kommen Sie wieder, wenn ein Ton schnarrt oder die Saiten anders liegen als jetzt.</translation>
    </message>
    <message>
      <source>Compare the metal taken from each of the last frets: only one of them stood high. Take the edge that reaches three and no more.</source>
      <translation>Das Metall von jedem der letzten Bünde vergleichen: nur einer stand hoch. Die Kante nehmen, die über drei reicht und nicht weiter.</translation>
    </message>
    <message>
      <source>Compare the minutes: twenty-two crowns were made for nothing.</source>
      <translation>Die Minuten vergleichen: zweiundzwanzig Kronen wurden umsonst gemacht.</translation>
    </message>
    <message>
      <source>Compare the relief before and after tuning. Tune first, after every move of the rod too.</source>
      <translation>Die Krümmung vor und nach dem Stimmen vergleichen. Erst stimmen, auch nach jedem Zug am Stab.</translation>
    </message>
    <message>
      <source>Compare the relief on the day and two weeks later. Bend it past straight, let it lie, read it again, and only then set it up.</source>
      <translation>Die Krümmung am Tag und zwei Wochen später vergleichen. Über gerade hinaus biegen, liegen lassen, neu messen, und erst dann einrichten.</translation>
    </message>
    <message>
      <source>Compare with</source>
      <translation>Vergleichen mit</translation>
    </message>
    <message>
      <source>Compare with a kept set</source>
      <translation>Mit einem behaltenen Satz vergleichen</translation>
    </message>
    <message>
      <source>Compare with another tuning</source>
      <translation>Mit einer anderen Stimmung vergleichen</translation>
    </message>
    <message>
      <source>Complaint</source>
      <translation>Beanstandung</translation>
    </message>
    <message>
      <source>Condition on arrival</source>
      <translation>Zustand bei der Annahme</translation>
    </message>
    <message>
      <source>Copied at one moment, also while it is written to; it appears only once it is whole.</source>
      <translation>In einem Augenblick kopiert, auch während geschrieben wird; sie erscheint erst, wenn sie ganz ist.</translation>
    </message>
    <message>
      <source>Copies</source>
      <translation>Kopien</translation>
    </message>
    <message>
      <source>Copies by their day</source>
      <translation>Kopien nach ihrem Tag</translation>
    </message>
    <message>
      <source>Copper ring</source>
      <translation>Kupferner Ring</translation>
    </message>
    <message>
      <source>Copper, rising</source>
      <translation>Kupfern, steigend</translation>
    </message>
    <message>
      <source>Copy of</source>
      <translation>Kopie vom</translation>
    </message>
    <message>
      <source>Corners left alone</source>
      <translation>Ecken, die gelassen werden</translation>
    </message>
    <message>
      <source>Costs  (.)</source>
      <translation>Kosten  (.)</translation>
    </message>
    <message>
      <source>Could have been known</source>
      <translation>Hätte man wissen können</translation>
    </message>
    <message>
      <source>Count the turns until the first answer. Slack is where the work begins, and nothing says yet how strong the rod is.</source>
      <translation>Die Drehungen bis zur ersten Antwort zählen. Locker ist, wo die Arbeit anfängt, und sagt noch nichts über die Kraft des Stabs.</translation>
    </message>
    <message>
      <source>Count what was filed: the frets that rocked were right. One fret lifted or replaced would have spared them all.</source>
      <translation>Zählen, was gefeilt wurde: die wippenden Bünde waren richtig. Einen Bund heben oder ersetzen hätte sie alle geschont.</translation>
    </message>
    <message>
      <source>Counted from where it was found the rod would stand more than 20 turns away; no rod has that much. Not written down: strike out the moves that were not made.</source>
      <translation>Von da gezählt, wo er gefunden wurde, stünde der Stab mehr als 20 Umdrehungen weit; so viele hat kein Stab. Nicht aufgeschrieben: Züge streichen, die nicht gemacht wurden.</translation>
    </message>
    <message>
      <source>Course on top</source>
      <translation>Folge oben</translation>
    </message>
    <message>
      <source>Cover pickups, finish and binding; record the relief as it is.</source>
      <translation>Tonabnehmer, Lack und Binding abdecken; die Krümmung notieren, wie sie ist.</translation>
    </message>
    <message>
      <source>Crimp or mushroom the tangs that need it first: bending opens again what is crimped afterwards. Bent a little tighter than the board, cut a little long by the cut list, into the numbered holder. {nipped}</source>
      <translation>Füße, die es brauchen, zuerst quetschen oder stauchen: nachher öffnet das Biegen wieder, was gequetscht ist. Etwas enger als das Brett gebogen, nach der Schnittliste etwas zu lang geschnitten, in den nummerierten Halter. {nipped}</translation>
    </message>
    <message>
      <source>Crimp, bend and cut</source>
      <translation>Quetschen, biegen und schneiden</translation>
    </message>
    <message>
      <source>Crown</source>
      <translation>Krone</translation>
    </message>
    <message>
      <source>Crown about</source>
      <translation>Krone etwa</translation>
    </message>
    <message>
      <source>Crown fret {fret}; all of {low} to {high} with /.</source>
      <translation>Bund {fret} verrunden; alle von {low} bis {high} mit /.</translation>
    </message>
    <message>
      <source>Crown heights as read; between them, tops less wood.</source>
      <translation>Kronenhöhen wie gemessen; dazwischen Kuppe weniger Holz.</translation>
    </message>
    <message>
      <source>Crown left</source>
      <translation>Krone übrig</translation>
    </message>
    <message>
      <source>Crown over the least, over wear and levels a year: this neck's own where visits tell.</source>
      <translation>Krone über der kleinsten, durch Abnutzung und Abrichtungen im Jahr: die eigene dieses Halses, wo Besuche sie zeigen.</translation>
    </message>
    <message>
      <source>Crown the worn</source>
      <translation>Abgespieltes verrunden</translation>
    </message>
    <message>
      <source>Crown what is worn</source>
      <translation>Verrunden, was abgespielt ist</translation>
    </message>
    <message>
      <source>Crown {listed_frets}</source>
      <translation>Verrunden: {listed_frets}</translation>
    </message>
    <message>
      <source>Crown {named}; grooves to their bottom, {length} at most, flats from the shoulders.</source>
      <translation>Verrunden: {named}; Kerben bis auf den Grund, höchstens {length}, Flächen von den Schultern.</translation>
    </message>
    <message>
      <source>Crown, height</source>
      <translation>Krone, Höhe</translation>
    </message>
    <message>
      <source>Crown, level or new wire</source>
      <translation>Verrunden, abrichten oder neuer Draht</translation>
    </message>
    <message>
      <source>Crown, mark with ink</source>
      <translation>Verrunden, Farbe auftragen</translation>
    </message>
    <message>
      <source>Crown, then level</source>
      <translation>Verrunden, dann abrichten</translation>
    </message>
    <message>
      <source>Crown, width</source>
      <translation>Krone, Breite</translation>
    </message>
    <message>
      <source>Crowned before the bow was seen</source>
      <translation>Verrundet, bevor die Biegung gesehen war</translation>
    </message>
    <message>
      <source>Crowns</source>
      <translation>Kronen</translation>
    </message>
    <message>
      <source>Crowns are under the least that is kept, and nothing asks for a file: none has anything left to take. New wire when they wear or buzz.</source>
      <translation>Kronen sind unter der kleinsten, die bleibt, und nichts verlangt eine Feile: zu nehmen ist nichts mehr. Neuer Draht, wenn sie abgenutzt sind oder schnarren.</translation>
    </message>
    <message>
      <source>Crowns differ by {mm}</source>
      <translation>Die Kronen unterscheiden sich um {mm}</translation>
    </message>
    <message>
      <source>Crowns differ by {size} or more along the neck.</source>
      <translation>Die Kronen sind den Hals entlang um {size} oder mehr verschieden.</translation>
    </message>
    <message>
      <source>Crowns down to {length}, under the usual {usual}.</source>
      <translation>Kronen bis {length}, unter den üblichen {usual}.</translation>
    </message>
    <message>
      <source>Crowns read at two visits, less what was filed between them, over the years.</source>
      <translation>Kronen, an zwei Besuchen gemessen, weniger was dazwischen gefeilt wurde, durch die Jahre.</translation>
    </message>
    <message>
      <source>Currency</source>
      <translation>Währung</translation>
    </message>
    <message>
      <source>Curve</source>
      <translation>Kurve</translation>
    </message>
    <message>
      <source>Cut along each fret through the lacquer first. </source>
      <translation>Erst an jedem Bund entlang durch den Lack schneiden. </translation>
    </message>
    <message>
      <source>Cut list</source>
      <translation>Schnittliste</translation>
    </message>
    <message>
      <source>Cut list for {title}, {name}</source>
      <translation>Schnittliste für {title}, {name}</translation>
    </message>
    <message>
      <source>Cutting</source>
      <translation>Schnitt</translation>
    </message>
    <message>
      <source>Damaged, to be looked at only: {damage}{more}</source>
      <translation>Beschädigt, nur anzusehen: {damage}{more}</translation>
    </message>
    <message>
      <source>Damp</source>
      <translation>Feuchte</translation>
    </message>
    <message>
      <source>Damp one part after another with a finger while the note sounds.</source>
      <translation>Ein Teil nach dem anderen mit dem Finger dämpfen, während der Ton klingt.</translation>
    </message>
    <message>
      <source>Dark</source>
      <translation>Dunkel</translation>
    </message>
    <message>
      <source>Dashed is a forecast or an estimate, solid was measured.</source>
      <translation>Gestrichelt ist Vorhersage oder Schätzung, durchgezogen wurde gemessen.</translation>
    </message>
    <message>
      <source>Dashed, solid</source>
      <translation>Gestrichelt, durchgezogen</translation>
    </message>
    <message>
      <source>Dead straight, the tightest note has {float} of room and the widest {float_2}; with {best} of relief it is {float_3} to {float_4}: the same string height, more even room.</source>
      <translation>Ganz gerade hat der engste Ton {float} Raum und der weiteste {float_2}; mit {best} Krümmung sind es {float_3} bis {float_4}: gleiche Saitenlage, gleichmäßigerer Raum.</translation>
    </message>
    <message>
      <source>DejaVu Sans: Bitstream Vera licence</source>
      <translation>DejaVu Sans: Bitstream-Vera-Lizenz</translation>
    </message>
    <message>
      <source>Depth foot</source>
      <translation>Tiefenfuß</translation>
    </message>
    <message>
      <source>Depth of the slot?</source>
      <translation>Tiefe des Schlitzes?</translation>
    </message>
    <message>
      <source>Depth of the tang?</source>
      <translation>Tiefe des Fußes?</translation>
    </message>
    <message>
      <source>Described, not measured yet.</source>
      <translation>Beschrieben, noch nicht vermessen.</translation>
    </message>
    <message>
      <source>Dial to zero under tension</source>
      <translation>Messuhr unter Zug auf null</translation>
    </message>
    <message>
      <source>Dial to zero under tension, strings off, supports raised until the dial reads zero again. In the bar the neck then counts as held in its jig.</source>
      <translation>Messuhr unter Zug auf null, Saiten ab, Stützen gehoben, bis sie wieder null zeigt. In der Leiste gilt der Hals dann als in seiner Vorrichtung gehalten.</translation>
    </message>
    <message>
      <source>Dips of opposite sign at a quarter and three quarters, {size} apart or more.</source>
      <translation>Senken mit verschiedenem Vorzeichen bei einem und drei Vierteln, {size} oder mehr auseinander.</translation>
    </message>
    <message>
      <source>Dirt off with fine paper, 800, dry; a straight board is not planed.</source>
      <translation>Schmutz mit feinem Papier ab, 800, trocken; ein gerades Brett wird nicht gehobelt.</translation>
    </message>
    <message>
      <source>Does every fret sit?</source>
      <translation>Sitzt jeder Bund?</translation>
    </message>
    <message>
      <source>Does it hold</source>
      <translation>Hält er</translation>
    </message>
    <message>
      <source>Don't force it: a snapped rod is a new neck. A spacer under its nut may give it back some travel.</source>
      <translation>Nicht zwingen: ein gebrochener Stab ist ein neuer Hals. Eine Scheibe unter der Mutter kann ihm etwas Weg zurückgeben.</translation>
    </message>
    <message>
      <source>Don't force it: a snapped rod is a new neck. Old glue, a dry or chewed nut and a spent rod feel alike.</source>
      <translation>Nicht zwingen: ein gebrochener Stab ist ein neuer Hals. Alter Leim, eine trockene oder zerkaute Mutter und ein ausgereizter Stab fühlen sich gleich an.</translation>
    </message>
    <message>
      <source>Don't linger at {frets}.</source>
      <translation>Nicht verweilen bei {frets}.</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Getan</translation>
    </message>
    <message>
      <source>Done twice and the reading has not changed: {listed}. Look for what holds it, or choose another way; it is not offered a third time.</source>
      <translation>Zweimal getan, und die Messung hat sich nicht geändert: {listed}. Suchen Sie, was den Hals hält, oder wählen Sie einen anderen Weg; ein drittes Mal wird es nicht angeboten.</translation>
    </message>
    <message>
      <source>Drawings (*.svg)</source>
      <translation>Zeichnungen (*.svg)</translation>
    </message>
    <message>
      <source>Drawn as far as it is known.</source>
      <translation>Gezeichnet, so weit es bekannt ist.</translation>
    </message>
    <message>
      <source>Dress the ends</source>
      <translation>Enden verrunden</translation>
    </message>
    <message>
      <source>Dressed in {dressed_mm}</source>
      <translation>Eingefeilt {dressed_mm}</translation>
    </message>
    <message>
      <source>Driven by</source>
      <translation>Eingetrieben mit</translation>
    </message>
    <message>
      <source>Drop what can't go to the server</source>
      <translation>Verwerfen, was nicht auf den Server kann</translation>
    </message>
    <message>
      <source>Dropped: {how_many}.</source>
      <translation>Verworfen: {how_many}.</translation>
    </message>
    <message>
      <source>Dry</source>
      <translation>Trockene</translation>
    </message>
    <message>
      <source>Each corner by a hair only: rounded too much, the outer strings slip off the edge. Keep 2.5 mm or more from the middle of an outer string to where the rounding begins.</source>
      <translation>Jede Ecke nur um ein Haar: zu rund, und die äußeren Saiten rutschen von der Kante. Von der Mitte einer äußeren Saite bis zum Beginn der Rundung 2,5 mm oder mehr lassen.</translation>
    </message>
    <message>
      <source>Each step's usual time, times this shop's own pace, which is learnt from its ticks by step and kind of neck. Waits are not counted. The range holds nine times in ten.</source>
      <translation>Die übliche Zeit jedes Schritts mal dem eigenen Tempo dieser Werkstatt, das aus ihren Haken gelernt wird, nach Schritt und Art des Halses. Warten zählt nicht. Der Bereich hält neun von zehn Mal.</translation>
    </message>
    <message>
      <source>Each tang wider than its slot bends the neck back a little; how much of it is passed on is learnt from this neck after a few frets.</source>
      <translation>Jeder Fuß, der breiter ist als sein Schlitz, biegt den Hals ein wenig zurück; wie viel davon ankommt, wird nach ein paar Bünden an diesem Hals gelernt.</translation>
    </message>
    <message>
      <source>Each thing a way asks of the owner, and whether the answer is there.</source>
      <translation>Alles, was ein Weg vom Besitzer braucht, und ob die Antwort da ist.</translation>
    </message>
    <message>
      <source>Each thing a way changes for good, or can't promise, that nobody has answered yet.</source>
      <translation>Alles, was ein Weg für immer ändert oder nicht versprechen kann und worauf noch niemand geantwortet hat.</translation>
    </message>
    <message>
      <source>Each top less the even line of its neighbours. Strings and edges are laid on what stands highest, as they lie in truth; all readings are held together at once.</source>
      <translation>Jede Kuppe gegen die gleichmäßige Linie ihrer Nachbarn. Saiten und Lineale liegen auf dem, was am höchsten steht, wie in Wahrheit; alle Messungen gelten zugleich.</translation>
    </message>
    <message>
      <source>Early and little: between the frets, with a scraper or fine paper, before the ends are touched, so that the hand runs over wood and wire alike.</source>
      <translation>Früh und wenig: zwischen den Bünden, mit Ziehklinge oder feinem Papier, bevor die Enden drankommen, damit die Hand über Holz und Draht gleich läuft.</translation>
    </message>
    <message>
      <source>Edge</source>
      <translation>Lineal</translation>
    </message>
    <message>
      <source>Edge and gauge once more, unpressed: what is left shows in New wire.</source>
      <translation>Lineal und Lehre noch einmal, ohne Druck: was bleibt, zeigt „Neuer Draht“.</translation>
    </message>
    <message>
      <source>Edge from</source>
      <translation>Lineal von</translation>
    </message>
    <message>
      <source>Edge on the frets, run on: how high over the bridge's top?</source>
      <translation>Lineal auf den Bünden, weitergezogen: wie hoch über dem Steg?</translation>
    </message>
    <message>
      <source>Edge on the wood or over the new tops, slack, on both sides: how far has it come back? New wire then says how fat the next tangs should be.</source>
      <translation>Lineal auf dem Holz oder über den neuen Kuppen, entspannt, auf beiden Seiten: wie weit ist es zurückgekommen? „Neuer Draht“ sagt dann, wie dick die nächsten Füße sein sollen.</translation>
    </message>
    <message>
      <source>Edge resting on the frets</source>
      <translation>Lineal liegt auf den Bünden</translation>
    </message>
    <message>
      <source>Edge to lay</source>
      <translation>Lineal zum Auflegen</translation>
    </message>
    <message>
      <source>End of the round. {left} left open: Up goes back.</source>
      <translation>Ende der Runde. {left} noch offen: Auf geht zurück.</translation>
    </message>
    <message>
      <source>Ends come after the tops, rounded early and little.</source>
      <translation>Enden kommen nach den Kuppen, früh und wenig gerundet.</translation>
    </message>
    <message>
      <source>Ends of frets are sharp or stand out.</source>
      <translation>Enden von Bünden sind scharf oder stehen über.</translation>
    </message>
    <message>
      <source>Ends of the {lane_words}, {low} to {high}.</source>
      <translation>Enden der Spur {lane_words}, {low} bis {high}.</translation>
    </message>
    <message>
      <source>Ends too round</source>
      <translation>Zu runde Enden</translation>
    </message>
    <message>
      <source>Enough to begin with. The rest is told in Take in, any day.</source>
      <translation>Genug für den Anfang. Der Rest kommt in Aufnehmen, wann man will.</translation>
    </message>
    <message>
      <source>Enter</source>
      <translation>Enter</translation>
    </message>
    <message>
      <source>Enter begins</source>
      <translation>Enter beginnt</translation>
    </message>
    <message>
      <source>Enter ends this neck with a score. Bench goes on with it.</source>
      <translation>Enter beendet diesen Hals mit Punkten. Werkbank macht daran weiter.</translation>
    </message>
    <message>
      <source>Enter goes on with it.</source>
      <translation>Enter geht damit weiter.</translation>
    </message>
    <message>
      <source>Enter lays it. The light is drawn as large as an eye sees it.</source>
      <translation>Enter legt es auf. Das Licht ist so groß gezeichnet, wie ein Auge es sieht.</translation>
    </message>
    <message>
      <source>Enter lets the truth come out and ends this neck with a score.</source>
      <translation>Enter lässt die Wahrheit heraus und beendet diesen Hals mit Punkten.</translation>
    </message>
    <message>
      <source>Enter opens</source>
      <translation>Enter öffnet</translation>
    </message>
    <message>
      <source>Enter takes this way</source>
      <translation>Enter nimmt diesen Weg</translation>
    </message>
    <message>
      <source>Enter ticks the step.</source>
      <translation>Enter hakt den Schritt ab.</translation>
    </message>
    <message>
      <source>Enter: Choose</source>
      <translation>Enter: Wählen</translation>
    </message>
    <message>
      <source>Enter: Map</source>
      <translation>Enter: Karte</translation>
    </message>
    <message>
      <source>Enter: back to Choose</source>
      <translation>Enter: zurück zu Wählen</translation>
    </message>
    <message>
      <source>Enter: back to Map</source>
      <translation>Enter: zurück zur Karte</translation>
    </message>
    <message>
      <source>Enter: look along the tops.</source>
      <translation>Enter: an den Kuppen entlangsehen.</translation>
    </message>
    <message>
      <source>Enter: on to the next step.</source>
      <translation>Enter: weiter zum nächsten Schritt.</translation>
    </message>
    <message>
      <source>Enter: the guide   .  how this is known   any other key: back to work</source>
      <translation>Enter: das Handbuch   .  woher weiß man das   jede andere Taste: zurück</translation>
    </message>
    <message>
      <source>Enter: their first neck</source>
      <translation>Enter: der erste Hals davon</translation>
    </message>
    <message>
      <source>Enter: to Choose, where ways are weighed and one is taken.</source>
      <translation>Enter: zu Wählen, wo Wege abgewogen werden und einer genommen wird.</translation>
    </message>
    <message>
      <source>Enter: turned. Left, right: another turn. /: not counted. -: leave it so. *: how it feels</source>
      <translation>Enter: gedreht. Links, rechts: andere Drehung. /: nicht gezählt. -: so lassen. *: wie es sich anfühlt</translation>
    </message>
    <message>
      <source>Entry {number} can't be read ({why}).</source>
      <translation>Eintrag {number} kann nicht gelesen werden ({why}).</translation>
    </message>
    <message>
      <source>Errors</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>Even room</source>
      <translation>Gleicher Raum</translation>
    </message>
    <message>
      <source>Even the tightest tangs lack {length} of the bow wanted.</source>
      <translation>Selbst die strammsten Füße lassen {length} der gewünschten Biegung fehlen.</translation>
    </message>
    <message>
      <source>Every fret pressed, light along its edge: * moves, + stands off. What stands off is seated again, not filed.</source>
      <translation>Jeder Bund gedrückt, Licht an seiner Kante: * bewegt sich, + steht ab. Was absteht, wird neu eingepresst, nicht gefeilt.</translation>
    </message>
    <message>
      <source>Every fret pressed: a beam only holds a loose one down.</source>
      <translation>Jeder Bund gedrückt: ein Balken hält einen losen nur nieder.</translation>
    </message>
    <message>
      <source>Every note</source>
      <translation>Jeder Ton</translation>
    </message>
    <message>
      <source>Every note has room and nobody complains: no fault, whatever is usual.</source>
      <translation>Jeder Ton hat Raum und niemand beanstandet etwas: kein Fehler, was auch üblich ist.</translation>
    </message>
    <message>
      <source>Every note is clean at that height as it is: nothing to file.</source>
      <translation>Jeder Ton ist bei dieser Höhe sauber, wie es ist: nichts zu feilen.</translation>
    </message>
    <message>
      <source>Every note rings clean</source>
      <translation>Jeder Ton klingt sauber</translation>
    </message>
    <message>
      <source>Every note rings clean.</source>
      <translation>Jeder Ton klingt sauber.</translation>
    </message>
    <message>
      <source>Every note was heard clean and nobody complains: no fault, whatever is usual.{beside}</source>
      <translation>Jeder Ton wurde sauber gehört und niemand beanstandet etwas: kein Fehler, was auch üblich ist.{beside}</translation>
    </message>
    <message>
      <source>Every slot holds this tang as it is.</source>
      <translation>Jeder Schlitz hält diesen Fuß, wie er ist.</translation>
    </message>
    <message>
      <source>Every top is marked.</source>
      <translation>Jede Kuppe ist gefärbt.</translation>
    </message>
    <message>
      <source>Every top touched, rod where it costs least: strung up {length}, give or take {length_2}, then the rod to {length_3}.</source>
      <translation>Jede Kuppe berührt, Stab, wo es am wenigsten kostet: besaitet {length}, plus oder minus {length_2}, dann der Stab auf {length_3}.</translation>
    </message>
    <message>
      <source>Everything into one archive</source>
      <translation>Alles in ein Archiv</translation>
    </message>
    <message>
      <source>Fall-away at the last fret</source>
      <translation>Abfall am letzten Bund</translation>
    </message>
    <message>
      <source>Fall-away begins at fret</source>
      <translation>Abfall beginnt am Bund</translation>
    </message>
    <message>
      <source>Fall-away past the joint</source>
      <translation>Abfall hinter dem Halsansatz</translation>
    </message>
    <message>
      <source>Fall-away {fall_mm}</source>
      <translation>Abfall {fall_mm}</translation>
    </message>
    <message>
      <source>Far too much bow; the rod is said to be dead.</source>
      <translation>Viel zu viel Biegung; der Stab sei tot, heißt es.</translation>
    </message>
    <message>
      <source>Fatter tangs</source>
      <translation>Dickere Füße</translation>
    </message>
    <message>
      <source>Fatter tangs would push back instead, and leave the wood.</source>
      <translation>Dickere Füße drückten stattdessen zurück und ließen das Holz.</translation>
    </message>
    <message>
      <source>Faults beside the job</source>
      <translation>Mängel neben der Arbeit</translation>
    </message>
    <message>
      <source>Feel the key before turning it: slack says that there is nothing left, not that the rod is spent.</source>
      <translation>Den Schlüssel fühlen, bevor man dreht: locker heißt, dass nichts mehr da ist, nicht dass der Stab ausgereizt ist.</translation>
    </message>
    <message>
      <source>Feel whether the rod turned or only the key. Nut first, then the rod, then anything else.</source>
      <translation>Fühlen, ob der Stab sich drehte oder nur der Schlüssel. Erst die Mutter, dann der Stab, dann alles andere.</translation>
    </message>
    <message>
      <source>Fewer letters, or another time free, find more.</source>
      <translation>Weniger Buchstaben oder andere freie Zeit finden mehr.</translation>
    </message>
    <message>
      <source>Fields</source>
      <translation>Felder</translation>
    </message>
    <message>
      <source>Figures and dates as in</source>
      <translation>Zahlen und Daten wie in</translation>
    </message>
    <message>
      <source>Figures and their words; nothing here is a verdict.</source>
      <translation>Zahlen und ihre Worte; nichts hier ist ein Urteil.</translation>
    </message>
    <message>
      <source>File on fret {fret}, {where}, by {pressures}.</source>
      <translation>An Bund {fret} feilen, {where}, mit {pressures}.</translation>
    </message>
    <message>
      <source>File one fret</source>
      <translation>Einen Bund feilen</translation>
    </message>
    <message>
      <source>File {frets} until the ink is gone and the rocker {until}.</source>
      <translation>Feilen: {frets}, bis die Farbe weg ist und die Wippe {until}.</translation>
    </message>
    <message>
      <source>File {frets}: every note clean, each nine times in ten, at {height} low and {height_2} high over fret {fret}, relief {length}. A full level takes {length_2}.</source>
      <translation>{frets} feilen: jeder Ton sauber, jeder für sich in neun von zehn Fällen, bei {height} auf der Bassseite und {height_2} auf der Diskantseite am {fret}. Bund, Krümmung {length}. Ein volles Abrichten nimmt {length_2}.</translation>
    </message>
    <message>
      <source>File {listed_frets}</source>
      <translation>Feilen: {listed_frets}</translation>
    </message>
    <message>
      <source>Filed as it lies to {length} of {what}: strung up {length_2}, give or take {length_3}.</source>
      <translation>Gefeilt, wie es liegt, auf {length} {what}: besaitet {length_2}, plus oder minus {length_3}.</translation>
    </message>
    <message>
      <source>Filing</source>
      <translation>Feilen</translation>
    </message>
    <message>
      <source>Filings and steel wool kill pickups and magnets: tape them over.</source>
      <translation>Späne und Stahlwolle verderben Tonabnehmer und Magnete: abkleben.</translation>
    </message>
    <message>
      <source>Filled: solved. Struck: tried.</source>
      <translation>Gefüllt: gelöst. Gestrichen: versucht.</translation>
    </message>
    <message>
      <source>Find a neck</source>
      <translation>Einen Hals finden</translation>
    </message>
    <message>
      <source>Find the noise</source>
      <translation>Das Geräusch finden</translation>
    </message>
    <message>
      <source>Findings and advice are shown on this neck from now on.</source>
      <translation>Befunde und Rat werden an diesem Hals von jetzt an gezeigt.</translation>
    </message>
    <message>
      <source>Findings and advice are silent so far; 3 lets them speak.</source>
      <translation>Befunde und Rat schweigen bisher; 3 lässt sie sprechen.</translation>
    </message>
    <message>
      <source>Finger</source>
      <translation>Finger</translation>
    </message>
    <message>
      <source>Finish</source>
      <translation>Lack</translation>
    </message>
    <message>
      <source>First: {gate}</source>
      <translation>Erst: {gate}</translation>
    </message>
    <message>
      <source>First: {waits} </source>
      <translation>Erst: {waits} </translation>
    </message>
    <message>
      <source>Fit it</source>
      <translation>Einsetzen</translation>
    </message>
    <message>
      <source>Fit wire in the empty slots, so high</source>
      <translation>Draht in die leeren Schlitze, so hoch</translation>
    </message>
    <message>
      <source>Fit{clamp} {listed_frets}</source>
      <translation>Einsetzen{clamp}: {listed_frets}</translation>
    </message>
    <message>
      <source>Five frets are worn out.</source>
      <translation>Fünf Bünde sind abgespielt.</translation>
    </message>
    <message>
      <source>Five frets that match</source>
      <translation>Fünf passende Bünde</translation>
    </message>
    <message>
      <source>Fixed prices, by way</source>
      <translation>Feste Preise, nach Weg</translation>
    </message>
    <message>
      <source>Flat on the crown, how wide?</source>
      <translation>Fläche auf der Krone, wie breit?</translation>
    </message>
    <message>
      <source>Flats up to {widest} wide</source>
      <translation>Abflachungen bis {widest} breit</translation>
    </message>
    <message>
      <source>Flats wider than a crown can stay, or crowns too low for a file.</source>
      <translation>Abflachungen, breiter als eine Krone sie haben darf, oder Kronen zu niedrig für eine Feile.</translation>
    </message>
    <message>
      <source>Flush without touching the finish, then about 30 degrees by the bevelling file; ends sealed.{fill}</source>
      <translation>Bündig, ohne den Lack zu berühren, dann etwa 30 Grad mit der Fasenfeile; Enden versiegelt.{fill}</translation>
    </message>
    <message>
      <source>For</source>
      <translation>Für</translation>
    </message>
    <message>
      <source>For clean notes at {height} bass side, just clean takes {less}.</source>
      <translation>Für saubere Töne bei {height} Bassseite nimmt „gerade sauber“ {less}.</translation>
    </message>
    <message>
      <source>For each promise that was measured later: did the reading lie in the stated range? Nine in ten should.</source>
      <translation>Für jedes Versprechen, das später gemessen wurde: lag die Messung im genannten Bereich? Neun von zehn sollen.</translation>
    </message>
    <message>
      <source>For {title} we quote:</source>
      <translation>Für {title} bieten wir an:</translation>
    </message>
    <message>
      <source>Forget</source>
      <translation>Vergessen</translation>
    </message>
    <message>
      <source>Form</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>Forms</source>
      <translation>Übungen</translation>
    </message>
    <message>
      <source>Found as it came in: {split}</source>
      <translation>Bei der Annahme gefunden: {split}</translation>
    </message>
    <message>
      <source>Found beside the job: {split}.</source>
      <translation>Neben der Arbeit gefunden: {split}.</translation>
    </message>
    <message>
      <source>Four hours in the clamp. A file or a string before that lifts it.</source>
      <translation>Vier Stunden in der Zwinge. Feile oder Saite vorher hebt ihn.</translation>
    </message>
    <message>
      <source>Free the rod nut</source>
      <translation>Die Stabmutter gängig machen</translation>
    </message>
    <message>
      <source>Fret by fret</source>
      <translation>Bund für Bund</translation>
    </message>
    <message>
      <source>Fret ends past the edge</source>
      <translation>Bundenden stehen über</translation>
    </message>
    <message>
      <source>Fret number and * as the ink goes, in its order. / alone: on all the others it is whole.</source>
      <translation>Bundnummer und *, wo die Farbe abgeht, in dieser Reihenfolge. / allein: An allen anderen ist sie unversehrt.</translation>
    </message>
    <message>
      <source>Fret number and * if it moves, - at its bass end, + at its treble end, / if firm with light under it. / alone: all the others are firm.</source>
      <translation>Bundnummer und *, wenn er sich bewegt, - am Bassende, + am Diskantende, / fest mit Licht darunter. / allein: Alle anderen sind fest.</translation>
    </message>
    <message>
      <source>Fret number and * sharp, + past the edge, - bevel proud, / lip from tape. / alone: all the others are fine.</source>
      <translation>Bundnummer und * scharf, + über die Kante hinaus, - Fase steht vor, / Grat vom Klebeband. / allein: Alle anderen sind in Ordnung.</translation>
    </message>
    <message>
      <source>Fret number and * where it rocks. / alone: all the others are still.</source>
      <translation>Bundnummer und *, wo es wippt. / allein: Alle anderen wippen nicht.</translation>
    </message>
    <message>
      <source>Fret wire height</source>
      <translation>Höhe des Bunddrahts</translation>
    </message>
    <message>
      <source>Fret wire width</source>
      <translation>Breite des Bunddrahts</translation>
    </message>
    <message>
      <source>Fret {cursor} is marked.{more}</source>
      <translation>Bund {cursor} ist markiert.{more}</translation>
    </message>
    <message>
      <source>Fret {cursor} is unmarked.</source>
      <translation>Marke an Bund {cursor} ist weg.</translation>
    </message>
    <message>
      <source>Fret {cursor} rocks. A leaf under it? Type it, or go on.</source>
      <translation>Bund {cursor} wippt. Ein Blatt darunter? Tippen, oder weiter.</translation>
    </message>
    <message>
      <source>Fret {frets}: too wide or too low to crown; new wire is the cure there.</source>
      <translation>Bund {frets}: zu breit oder zu niedrig zum Verrunden; dort hilft neuer Draht.</translation>
    </message>
    <message>
      <source>Fret {fret}</source>
      <translation>Bund {fret}</translation>
    </message>
    <message>
      <source>Fret {fret} has {mm} of crown left</source>
      <translation>Bund {fret} hat noch {mm} Krone</translation>
    </message>
    <message>
      <source>Fret {fret} here is trued again</source>
      <translation>Bund {fret} wird hier wieder begradigt</translation>
    </message>
    <message>
      <source>Fret {fret} here stays</source>
      <translation>Bund {fret} bleibt hier</translation>
    </message>
    <message>
      <source>Fret {fret} is high at its {ends} {which}</source>
      <translation>Bund {fret} ist hoch: {ends} {which}</translation>
    </message>
    <message>
      <source>Fret {fret} is low</source>
      <translation>Bund {fret} liegt tief</translation>
    </message>
    <message>
      <source>Fret {fret} is low by {size}</source>
      <translation>Bund {fret} liegt um {size} tief</translation>
    </message>
    <message>
      <source>Fret {fret} is not seated.</source>
      <translation>Bund {fret} sitzt nicht.</translation>
    </message>
    <message>
      <source>Fret {fret} is out.</source>
      <translation>Bund {fret} ist heraus.</translation>
    </message>
    <message>
      <source>Fret {fret} is up at its {ends} {which}</source>
      <translation>Bund {fret} ist hochgekommen: {ends} {which}</translation>
    </message>
    <message>
      <source>Fret {fret} is up in its middle</source>
      <translation>Bund {fret} ist in der Mitte hoch</translation>
    </message>
    <message>
      <source>Fret {fret} is written down as {how}. Take the rocker over it again before filing.{low}</source>
      <translation>Bund {fret} ist als {how} aufgeschrieben. Vor dem Feilen noch einmal die Wippe darüber.{low}</translation>
    </message>
    <message>
      <source>Fret {fret} lies {over:.2f} mm under its neighbours.</source>
      <translation>Bund {fret} liegt {over:.2f} mm unter seinen Nachbarn.</translation>
    </message>
    <message>
      <source>Fret {fret} lost {took:.2f} mm and stands {left:+.2f} mm to its neighbours.</source>
      <translation>Bund {fret} verlor {took:.2f} mm und steht {left:+.2f} mm zu seinen Nachbarn.</translation>
    </message>
    <message>
      <source>Fret {fret} may be filed</source>
      <translation>Bund {fret} darf gefeilt werden</translation>
    </message>
    <message>
      <source>Fret {fret} rocks</source>
      <translation>Bund {fret} wippt</translation>
    </message>
    <message>
      <source>Fret {fret} stands proud by {size}</source>
      <translation>Bund {fret} steht um {size} hoch</translation>
    </message>
    <message>
      <source>Fret {fret} stands {over:.2f} mm over its neighbours.</source>
      <translation>Bund {fret} steht {over:.2f} mm über seinen Nachbarn.</translation>
    </message>
    <message>
      <source>Fret {fret} was pressed home</source>
      <translation>Bund {fret} wurde eingepresst</translation>
    </message>
    <message>
      <source>Fret {fret} went too far: it sits {length} low, and a full level takes {length_2} more of the others for it. Lift it and glue it at the right height, or put new wire there, before levelling.</source>
      <translation>Bund {fret} ging zu weit: er sitzt {length} tief, und volles Abrichten nimmt dafür {length_2} mehr von den anderen. Anheben und auf der rechten Höhe kleben, oder dort neuer Draht, vor dem Abrichten.</translation>
    </message>
    <message>
      <source>Fret {fret} would keep {length}, less than {length_2}.</source>
      <translation>Bund {fret} behielte {length}, weniger als {length_2}.</translation>
    </message>
    <message>
      <source>Fret {fret} {does}{where}</source>
      <translation>Bund {fret} {does}{where}</translation>
    </message>
    <message>
      <source>Fret {fret} {it} on the {where}.</source>
      <translation>Bund {fret} {it} ({where}).</translation>
    </message>
    <message>
      <source>Fret {fret}, string {string}</source>
      <translation>Bund {fret}, Saite {string}</translation>
    </message>
    <message>
      <source>Fret {fret}, {lane_words}: the map says {tops_mm:.2f} give or take {doubt:.2f}, true is {true:.2f}; {told}.</source>
      <translation>Bund {fret}, {lane_words}: die Karte sagt {tops_mm:.2f} plus oder minus {doubt:.2f}, wahr ist {true:.2f}; {told}.</translation>
    </message>
    <message>
      <source>Fret {fret}, {side}</source>
      <translation>Bund {fret}, {side}</translation>
    </message>
    <message>
      <source>Fret {fret}. Height of the crown over the wood?</source>
      <translation>Bund {fret}. Höhe der Krone über dem Holz?</translation>
    </message>
    <message>
      <source>Fret {n}</source>
      <translation>Bund {n}</translation>
    </message>
    <message>
      <source>Frets</source>
      <translation>Bünde</translation>
    </message>
    <message>
      <source>Frets and rod</source>
      <translation>Bünde und Stab</translation>
    </message>
    <message>
      <source>Frets are in the way of a block on the wood.</source>
      <translation>Für einen Block auf dem Holz sind Bünde im Weg.</translation>
    </message>
    <message>
      <source>Frets are out: no strings go on.</source>
      <translation>Bünde sind heraus: keine Saiten kommen auf.</translation>
    </message>
    <message>
      <source>Frets left alone</source>
      <translation>Bünde, die gelassen werden</translation>
    </message>
    <message>
      <source>Frets that are out come before everything else: new wire in, then all is weighed anew.</source>
      <translation>Bünde, die heraus sind, kommen vor allem anderen: neuer Draht hinein, dann wird alles neu abgewogen.</translation>
    </message>
    <message>
      <source>Frets were filed.</source>
      <translation>Bünde wurden gefeilt.</translation>
    </message>
    <message>
      <source>Frets were pressed home.</source>
      <translation>Bünde wurden eingepresst.</translation>
    </message>
    <message>
      <source>Frets were replaced.</source>
      <translation>Bünde wurden ersetzt.</translation>
    </message>
    <message>
      <source>Frets {fret} and {fret_2} rock around it: one low fret between them is likelier than two proud ones. A leaf under the rocker tells.</source>
      <translation>Die Bünde {fret} und {fret_2} wippen um ihn: ein tiefer Bund dazwischen ist wahrscheinlicher als zwei hohe. Ein Blatt unter der Wippe sagt es.</translation>
    </message>
    <message>
      <source>Frets {start} to {stop} are looked at here, not {text}.</source>
      <translation>Hier werden die Bünde {start} bis {stop} angesehen, nicht {text}.</translation>
    </message>
    <message>
      <source>From above</source>
      <translation>Von oben</translation>
    </message>
    <message>
      <source>From below, flat on fine paper; mark before filing, check the break of the strings.</source>
      <translation>Von unten, flach auf feinem Papier; vor dem Feilen anzeichnen, den Knick der Saiten prüfen.</translation>
    </message>
    <message>
      <source>From the fret pressed to the saddle the string is a line; over each fret ahead that line, less its swing, less the top. The least of these is the note's room.</source>
      <translation>Vom gegriffenen Bund zum Steg ist die Saite eine Linie; über jedem Bund davor: diese Linie, weniger ihr Schwingen, weniger die Kuppe. Das kleinste davon ist der Raum des Tons.</translation>
    </message>
    <message>
      <source>From the side</source>
      <translation>Von der Seite</translation>
    </message>
    <message>
      <source>From {visits} visits, give or take {doubt_mm}. Ten percent of humidity are one and a half to two percent of moisture.</source>
      <translation>Aus {visits} Besuchen, plus oder minus {doubt_mm}. Zehn Prozent Luftfeuchte sind anderthalb bis zwei Prozent Holzfeuchte.</translation>
    </message>
    <message>
      <source>Full survey</source>
      <translation>Volle Vermessung</translation>
    </message>
    <message>
      <source>Gap as one number</source>
      <translation>Spalt als eine Zahl</translation>
    </message>
    <message>
      <source>Gauge</source>
      <translation>Messuhr</translation>
    </message>
    <message>
      <source>Gauge: press to connect or let go</source>
      <translation>Messuhr: drücken zum Verbinden oder Lösen</translation>
    </message>
    <message>
      <source>Gauges not listed: {newtons:.0f} N a string.</source>
      <translation>Stärken nicht genannt: {newtons:.0f} N je Saite.</translation>
    </message>
    <message>
      <source>Given back, bagged</source>
      <translation>Zurückgegeben, eingetütet</translation>
    </message>
    <message>
      <source>Given back: {returned}</source>
      <translation>Zurückgegeben: {returned}</translation>
    </message>
    <message>
      <source>Glue</source>
      <translation>Kleber</translation>
    </message>
    <message>
      <source>Glue in</source>
      <translation>Einkleben</translation>
    </message>
    <message>
      <source>Glue is under {fret}, a clamp on it. It needs its time.</source>
      <translation>Kleber ist unter {fret}, eine Zwinge darauf. Das braucht seine Zeit.</translation>
    </message>
    <message>
      <source>Glue under fret {fret} with *, wait with Enter.</source>
      <translation>Mit * Kleber unter Bund {fret}, mit Enter warten.</translation>
    </message>
    <message>
      <source>Glue, and wait</source>
      <translation>Kleben und warten</translation>
    </message>
    <message>
      <source>Glued</source>
      <translation>Geklebt</translation>
    </message>
    <message>
      <source>Go on</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <source>Go on without a word</source>
      <translation>Ohne Wort weiter</translation>
    </message>
    <message>
      <source>Go on: {title}</source>
      <translation>Weiter: {title}</translation>
    </message>
    <message>
      <source>Goes or not</source>
      <translation>Geht oder nicht</translation>
    </message>
    <message>
      <source>Gone; {necks} without a name.</source>
      <translation>Weg; {necks} ohne Namen.</translation>
    </message>
    <message>
      <source>Groove under the string, how deep?</source>
      <translation>Kerbe unter der Saite, wie tief?</translation>
    </message>
    <message>
      <source>Grooves</source>
      <translation>Kerben</translation>
    </message>
    <message>
      <source>Grooves left by agreement would keep the frets taller.</source>
      <translation>Nach Vereinbarung gelassene Kerben hielten die Bünde höher.</translation>
    </message>
    <message>
      <source>Grooves of {size} or deeper.</source>
      <translation>Kerben von {size} oder tiefer.</translation>
    </message>
    <message>
      <source>Grooves that stay</source>
      <translation>Kerben, die bleiben</translation>
    </message>
    <message>
      <source>Grooves up to {worn} deep</source>
      <translation>Kerben bis {worn} tief</translation>
    </message>
    <message>
      <source>Guide</source>
      <translation>Handbuch</translation>
    </message>
    <message>
      <source>Half of it is off</source>
      <translation>Die Hälfte ist ab</translation>
    </message>
    <message>
      <source>Half-way</source>
      <translation>Auf halbem Weg</translation>
    </message>
    <message>
      <source>Hammer: ends first, then the middle, light blows.</source>
      <translation>Hammer: erst die Enden, dann die Mitte, leichte Schläge.</translation>
    </message>
    <message>
      <source>Hands and files</source>
      <translation>Hände und Feilen</translation>
    </message>
    <message>
      <source>Hardness</source>
      <translation>Härte</translation>
    </message>
    <message>
      <source>Heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <source>Heat burns, melts binding, lifts finishes and parts thin laminated boards: never leave it, never on lacquer.</source>
      <translation>Wärme brennt, schmilzt Binding, hebt Lack und löst dünne verleimte Bretter: nie allein lassen, nie auf Lack.</translation>
    </message>
    <message>
      <source>Heat may not hold: the bow may come back, and then it is a matter of rod or neck.</source>
      <translation>Wärme hält vielleicht nicht: die Biegung kann wiederkommen, und dann geht es um Stab oder Hals.</translation>
    </message>
    <message>
      <source>Heat that comes back</source>
      <translation>Wärme, die zurückgeht</translation>
    </message>
    <message>
      <source>Heat, clamped past straight by</source>
      <translation>Wärme, über gerade hinaus gespannt um</translation>
    </message>
    <message>
      <source>Heat, one cycle: {out} of bow may come out, and it may not hold.{done} Judged by travel regained: strung up with the rod tight, the rod has to be loosened to the relief wanted.</source>
      <translation>Wärme, ein Gang: {out} Biegung kann herauskommen, und vielleicht hält es nicht.{done} Gemessen am gewonnenen Weg: besaitet, mit festem Stab, muss der Stab zur gewünschten Krümmung gelockert werden.</translation>
    </message>
    <message>
      <source>Heavier strings, about {it:.0f} % more pull: {words}.</source>
      <translation>Schwerere Saiten, etwa {it:.0f} % mehr Zug: {words}.</translation>
    </message>
    <message>
      <source>Heel or pocket, how long?</source>
      <translation>Halsfuß oder Tasche, wie lang?</translation>
    </message>
    <message>
      <source>Height less groove less what a level takes, against the least crown: the sum could be done before the first stroke.</source>
      <translation>Höhe weniger Kerbe weniger Abrichten, gegen die kleinste Krone: die Rechnung ging vor dem ersten Strich.</translation>
    </message>
    <message>
      <source>Height of the crown?</source>
      <translation>Höhe der Krone?</translation>
    </message>
    <message>
      <source>Height of the metal; the dashed rule is the least to keep.</source>
      <translation>Höhe des Metalls; die gestrichelte Linie ist das wenigste, was bleibt.</translation>
    </message>
    <message>
      <source>Height wanted at 12, bass side</source>
      <translation>Gewünschte Höhe am 12., Bassseite</translation>
    </message>
    <message>
      <source>Height wanted at 12, treble side</source>
      <translation>Gewünschte Höhe am 12., Diskantseite</translation>
    </message>
    <message>
      <source>Held</source>
      <translation>Gehalten</translation>
    </message>
    <message>
      <source>Held against the relief wanted on this neck, and its margin.</source>
      <translation>Gegen die an diesem Hals gewünschte Halskrümmung und ihren Spielraum gehalten.</translation>
    </message>
    <message>
      <source>Held at its strung shape, rod set straight: no guess at what the strings pull.</source>
      <translation>In besaiteter Form gehalten, Stab gerade gestellt: kein Raten, was die Saiten ziehen.</translation>
    </message>
    <message>
      <source>Held at its strung shape: {length} of relief dressed in as the strings will see it.</source>
      <translation>In besaiteter Form gehalten: {length} Krümmung eingefeilt, wie die Saiten sie sehen werden.</translation>
    </message>
    <message>
      <source>Held by</source>
      <translation>Gehalten von</translation>
    </message>
    <message>
      <source>Help for {title}</source>
      <translation>Hilfe zu {title}</translation>
    </message>
    <message>
      <source>High strings, no rod.</source>
      <translation>Hohe Saiten, kein Stab.</translation>
    </message>
    <message>
      <source>History</source>
      <translation>Verlauf</translation>
    </message>
    <message>
      <source>Hold</source>
      <translation>Halten an</translation>
    </message>
    <message>
      <source>Hold the relief read at 1 and the joint against the one read at 2 and three frets less: where they part, a support lied.</source>
      <translation>Die Krümmung an 1 und Halsansatz gegen die an 2 und drei Bünden weniger halten: wo sie auseinandergehen, log eine Auflage.</translation>
    </message>
    <message>
      <source>Hold the string at (0: the nut)</source>
      <translation>Saite halten an (0: Sattel)</translation>
    </message>
    <message>
      <source>Holder for {title}: sheet {sheet} of {holder_sheets}</source>
      <translation>Halter für {title}: Blatt {sheet} von {holder_sheets}</translation>
    </message>
    <message>
      <source>Holding it beside what is here</source>
      <translation>Vergleichen mit dem, was hier ist</translation>
    </message>
    <message>
      <source>Home-made tools only</source>
      <translation>Nur Selbstgemachtes</translation>
    </message>
    <message>
      <source>Home: all necks</source>
      <translation>Pos 1: alle Hälse</translation>
    </message>
    <message>
      <source>Home: the shelf</source>
      <translation>Pos 1: das Regal</translation>
    </message>
    <message>
      <source>Honesty</source>
      <translation>Ehrlichkeit</translation>
    </message>
    <message>
      <source>Hours</source>
      <translation>Stunden</translation>
    </message>
    <message>
      <source>Hours a week at the bench</source>
      <translation>Stunden in der Woche an der Werkbank</translation>
    </message>
    <message>
      <source>How</source>
      <translation>Wie</translation>
    </message>
    <message>
      <source>How I read relief and file</source>
      <translation>Wie ich Krümmung messe und feile</translation>
    </message>
    <message>
      <source>How far a tool may be off, as you know it.</source>
      <translation>Wie weit ein Werkzeug falsch gehen kann, so wie man es kennt.</translation>
    </message>
    <message>
      <source>How far each may be off</source>
      <translation>Wie weit jedes falsch gehen kann</translation>
    </message>
    <message>
      <source>How far it went</source>
      <translation>Wie weit er ging</translation>
    </message>
    <message>
      <source>How is this known?</source>
      <translation>Woher weiß man das?</translation>
    </message>
    <message>
      <source>How it was said</source>
      <translation>Wie es gesagt wurde</translation>
    </message>
    <message>
      <source>How long is the scale?</source>
      <translation>Wie lang ist die Mensur?</translation>
    </message>
    <message>
      <source>How many frets?</source>
      <translation>Wie viele Bünde?</translation>
    </message>
    <message>
      <source>How many more light levels the thinnest fret has in it.</source>
      <translation>Wie viele leichte Abrichtungen der dünnste Bund danach noch hat.</translation>
    </message>
    <message>
      <source>How much relief there is isn't known yet.</source>
      <translation>Wie viel Krümmung da ist, ist noch nicht bekannt.</translation>
    </message>
    <message>
      <source>How much the strings' pull bends this neck is not known well.</source>
      <translation>Wie weit der Saitenzug diesen Hals biegt, ist nicht gut bekannt.</translation>
    </message>
    <message>
      <source>How often the stated ranges held; nine times in ten is meant.</source>
      <translation>Wie oft die genannten Bereiche hielten; neun von zehn Mal ist gemeint.</translation>
    </message>
    <message>
      <source>How the nut feels, by its number; then Enter.</source>
      <translation>Wie sich die Mutter anfühlt, nach Nummer; dann Enter.</translation>
    </message>
    <message>
      <source>How the promises held</source>
      <translation>Wie die Versprechen hielten</translation>
    </message>
    <message>
      <source>How the rod felt</source>
      <translation>Wie sich der Stab anfühlte</translation>
    </message>
    <message>
      <source>How the tools repeat</source>
      <translation>Wie sich die Werkzeuge wiederholen</translation>
    </message>
    <message>
      <source>How to keep it</source>
      <translation>Wie man es hält</translation>
    </message>
    <message>
      <source>Hump at the joint</source>
      <translation>Buckel am Halsansatz</translation>
    </message>
    <message>
      <source>In Measure, both sides.</source>
      <translation>In Messen, beide Seiten.</translation>
    </message>
    <message>
      <source>In Prove: what was promised beside what came out. Play every note.</source>
      <translation>In Prüfen: was versprochen war neben dem, was herauskam. Jeden Ton spielen.</translation>
    </message>
    <message>
      <source>In all</source>
      <translation>Insgesamt</translation>
    </message>
    <message>
      <source>In all {words}</source>
      <translation>Insgesamt {words}</translation>
    </message>
    <message>
      <source>In and out</source>
      <translation>An und ab</translation>
    </message>
    <message>
      <source>In it: {listed}.</source>
      <translation>Darin: {listed}.</translation>
    </message>
    <message>
      <source>In last, about 0.13 mm (5 thou) over the others; never filed with them.</source>
      <translation>Zuletzt hinein, etwa 0,13 mm (5 thou) über den anderen; nie mit ihnen gefeilt.</translation>
    </message>
    <message>
      <source>In {name}: {faults}{more} Nothing was taken in.</source>
      <translation>In {name}: {faults}{more} Nichts wurde aufgenommen.</translation>
    </message>
    <message>
      <source>Indicator</source>
      <translation>Messuhr</translation>
    </message>
    <message>
      <source>Indicator run</source>
      <translation>Messuhrlauf</translation>
    </message>
    <message>
      <source>Indicator's smallest step</source>
      <translation>Kleinster Schritt der Messuhr</translation>
    </message>
    <message>
      <source>Ink along every crown: the last ink to go shows the lowest top.</source>
      <translation>Farbe auf jede Krone: wo sie zuletzt geht, ist die tiefste Kuppe.</translation>
    </message>
    <message>
      <source>Ink gone on fret {fret}{where}?</source>
      <translation>Farbe weg an Bund {fret}{where}?</translation>
    </message>
    <message>
      <source>Ink on {listed_frets} and their neighbours.</source>
      <translation>Farbe auf {listed_frets} und ihre Nachbarn.</translation>
    </message>
    <message>
      <source>Ink on {listed_frets}.</source>
      <translation>Farbe auf {listed_frets}.</translation>
    </message>
    <message>
      <source>It</source>
      <translation>Er</translation>
    </message>
    <message>
      <source>It binds and won't turn; the nut is gummed up. Never force it.</source>
      <translation>Er klemmt und dreht sich nicht; die Mutter ist verklebt. Nie zwingen.</translation>
    </message>
    <message>
      <source>It brings every top down to the lowest it meets, also for one that only ducks.</source>
      <translation>Er bringt jede Kuppe auf die tiefste, die er trifft, auch für eine, die sich nur duckt.</translation>
    </message>
    <message>
      <source>It buzzes.</source>
      <translation>Es schnarrt.</translation>
    </message>
    <message>
      <source>It can't be saved there ({why}).</source>
      <translation>Dort kann es nicht gesichert werden ({why}).</translation>
    </message>
    <message>
      <source>It chokes around the ninth fret.</source>
      <translation>Um den neunten Bund erstickt er.</translation>
    </message>
    <message>
      <source>It comes due half a year after it was last read, each time, once its work is done.</source>
      <translation>Fällig wird es ein halbes Jahr nach der letzten Messung, jedes Mal, wenn seine Arbeit getan ist.</translation>
    </message>
    <message>
      <source>It costs {n} frets of new wire or more.</source>
      <translation>Es kostet {n} Bünde neuen Draht oder mehr.</translation>
    </message>
    <message>
      <source>It costs {n} minutes or more at the bench.</source>
      <translation>Es kostet {n} Minuten oder mehr an der Werkbank.</translation>
    </message>
    <message>
      <source>It costs {n} mm of metal or more, summed over the frets, and it never comes back.</source>
      <translation>Es kostet {n} mm Metall oder mehr, über die Bünde summiert, und das kommt nie zurück.</translation>
    </message>
    <message>
      <source>It costs {n} mm of wood or more, summed over the frets.</source>
      <translation>Es kostet {n} mm Holz oder mehr, über die Bünde summiert.</translation>
    </message>
    <message>
      <source>It could not be put back ({error}).</source>
      <translation>Das Zurückholen ging nicht ({error}).</translation>
    </message>
    <message>
      <source>It could not be put back ({error}). Nothing was changed.</source>
      <translation>Es konnte nicht zurückgelegt werden ({error}). Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>It counts again.</source>
      <translation>Es zählt wieder.</translation>
    </message>
    <message>
      <source>It dips {where} towards the body: no rod setting straightens both.</source>
      <translation>Es geht {where} zum Korpus hin: keine Stabstellung macht beides gerade.</translation>
    </message>
    <message>
      <source>It goes down with a crunch.</source>
      <translation>Er geht mit einem Knirschen hinunter.</translation>
    </message>
    <message>
      <source>It is clean now, and its corners are still gone.</source>
      <translation>Sie ist jetzt sauber, und ihre Ecken sind noch immer weg.</translation>
    </message>
    <message>
      <source>It is cold again and out of its clamp.</source>
      <translation>Er ist wieder kalt und aus der Zwinge.</translation>
    </message>
    <message>
      <source>It is left as it lies where every note rings clean.</source>
      <translation>Es bleibt, wie es liegt, wo jeder Ton sauber klingt.</translation>
    </message>
    <message>
      <source>It is no part of the advised course.</source>
      <translation>Es gehört nicht zur empfohlenen Folge.</translation>
    </message>
    <message>
      <source>It keeps the neck {days} days.</source>
      <translation>Der Hals bleibt {days} Tage hier.</translation>
    </message>
    <message>
      <source>It lies on {on} {low} and {high}; most light at {frets}.</source>
      <translation>Es liegt auf {on} {low} und {high}; am meisten Licht bei {frets}.</translation>
    </message>
    <message>
      <source>It lies on {on} {low} and {high}; no light.</source>
      <translation>Es liegt auf {on} {low} und {high}; kein Licht.</translation>
    </message>
    <message>
      <source>It lies {size} or more below both neighbours.</source>
      <translation>Er liegt {size} oder mehr unter beiden Nachbarn.</translation>
    </message>
    <message>
      <source>It moved when it was pressed, or stands off by what was read.</source>
      <translation>Er bewegte sich beim Drücken oder steht ab, wie gemessen wurde.</translation>
    </message>
    <message>
      <source>It rocks about {it}{middle}.</source>
      <translation>Es wippt um {it}{middle}.</translation>
    </message>
    <message>
      <source>It shows what is large. Hundredths it does not show.</source>
      <translation>Es zeigt, was groß ist. Hundertstel zeigt es nicht.</translation>
    </message>
    <message>
      <source>It stands on whatever lies on the wood.</source>
      <translation>Er steht auf allem, was auf dem Holz liegt.</translation>
    </message>
    <message>
      <source>It stands {size} or more over both neighbours.</source>
      <translation>Er steht {size} oder mehr über beiden Nachbarn.</translation>
    </message>
    <message>
      <source>It stays named until the nut is mended, whatever is felt since.</source>
      <translation>Es bleibt genannt, bis die Mutter in Ordnung ist, was auch seither gefühlt wird.</translation>
    </message>
    <message>
      <source>It stays with us about {how_many} of work.</source>
      <translation>Es bleibt etwa {how_many} Arbeit bei uns.</translation>
    </message>
    <message>
      <source>It stops hard. Never force it.</source>
      <translation>Er hält hart an. Nie zwingen.</translation>
    </message>
    <message>
      <source>It turns with nothing behind it: slack.</source>
      <translation>Er dreht sich, und nichts ist dahinter: locker.</translation>
    </message>
    <message>
      <source>It turns with two fingers: the rod is slack.</source>
      <translation>Sie dreht sich mit zwei Fingern: der Stab ist locker.</translation>
    </message>
    <message>
      <source>It turns.</source>
      <translation>Er dreht sich.</translation>
    </message>
    <message>
      <source>It waits for a part.</source>
      <translation>Es wartet auf ein Teil.</translation>
    </message>
    <message>
      <source>It waits no more.</source>
      <translation>Es wartet nicht mehr.</translation>
    </message>
    <message>
      <source>It was marked as rocking: a rock is felt from about {size} on.</source>
      <translation>Er wurde als wippend markiert: ein Wippen fühlt man ab etwa {size}.</translation>
    </message>
    <message>
      <source>It was measured; nothing was changed.</source>
      <translation>Es wurde vermessen; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>It wears {wear_mm} a year by its own crowns: {years:.0f} years to {least_crown_mm}.</source>
      <translation>Nach den eigenen Kronen nutzt er sich um {wear_mm} im Jahr ab: {years:.0f} Jahre bis {least_crown_mm}.</translation>
    </message>
    <message>
      <source>It went too far when it was pressed. </source>
      <translation>Beim Pressen ging er zu weit. </translation>
    </message>
    <message>
      <source>It won't move at first, as if glued; there is old dirt on the nut.</source>
      <translation>Erst bewegt sie sich nicht, wie geklebt; an der Mutter ist alter Schmutz.</translation>
    </message>
    <message>
      <source>It would sell for {money} more than now.</source>
      <translation>Es brächte {money} mehr als jetzt.</translation>
    </message>
    <message>
      <source>It {reason}.</source>
      <translation>Es {reason}.</translation>
    </message>
    <message>
      <source>Its crown, less the higher of its two neighbours' crowns. Two that rise alike beside one lower fret are told as that one low fret.</source>
      <translation>Seine Krone weniger die höhere der beiden Nachbarn. Zwei, die neben einem niedrigeren Bund gleich hoch stehen, gelten als dieser eine tiefe Bund.</translation>
    </message>
    <message>
      <source>Its description can't be read whole ({why}).</source>
      <translation>Seine Beschreibung kann nicht ganz gelesen werden ({why}).</translation>
    </message>
    <message>
      <source>Its fret and *: rocks there. +: lies all along. -: on its ends, light between.</source>
      <translation>Bund und *: dort wippt es. +: liegt überall. -: auf den Enden, Licht dazwischen.</translation>
    </message>
    <message>
      <source>Its joint fret is {joint_fret}, past its last fret.</source>
      <translation>Sein Ansatzbund ist {joint_fret}, hinter seinem letzten Bund.</translation>
    </message>
    <message>
      <source>Its neighbours rock over it; they are not proud themselves. {sure_words}</source>
      <translation>Seine Nachbarn wippen über ihm; sie stehen selbst nicht hoch. {sure_words}</translation>
    </message>
    <message>
      <source>Its number and Enter, or press it. Enter alone comes back here from a reading.</source>
      <translation>Nummer und Enter, oder drücken. Enter allein kommt von einer Messung hierher zurück.</translation>
    </message>
    <message>
      <source>Its top less the even line of its neighbours, by all readings together: those of this fret, and those that lie across it.</source>
      <translation>Seine Kuppe gegen die gleichmäßige Linie der Nachbarn, nach allen Messungen zusammen: denen dieses Bunds und denen, die über ihn hinweg liegen.</translation>
    </message>
    <message>
      <source>Jaws, a little at a time from end to end.</source>
      <translation>Zange, Stück für Stück von Ende zu Ende.</translation>
    </message>
    <message>
      <source>Just clean</source>
      <translation>Gerade sauber</translation>
    </message>
    <message>
      <source>Keep as a set</source>
      <translation>Als Satz behalten</translation>
    </message>
    <message>
      <source>Keep it</source>
      <translation>Behalten</translation>
    </message>
    <message>
      <source>Keep it where the air is neither very dry nor damp, 40 to 60 percent humidity. Never leave it in a hot car: from 35 °C on glue may open. Wipe the strings and the frets after playing.</source>
      <translation>Halten Sie es, wo die Luft weder sehr trocken noch feucht ist, 40 bis 60 Prozent Luftfeuchte. Nie im heißen Auto lassen: ab 35 °C kann Leim aufgehen. Saiten und Bünde nach dem Spielen abwischen.</translation>
    </message>
    <message>
      <source>Keep this description</source>
      <translation>Diese Beschreibung behalten</translation>
    </message>
    <message>
      <source>Keep this wire</source>
      <translation>Diesen Draht behalten</translation>
    </message>
    <message>
      <source>Keep {least_board_mm} of board</source>
      <translation>{least_board_mm} Brett bleiben</translation>
    </message>
    <message>
      <source>Keep {least_mm}</source>
      <translation>{least_mm} bleiben</translation>
    </message>
    <message>
      <source>Keeping {length} instead would do.</source>
      <translation>Stattdessen {length} zu behalten würde genügen.</translation>
    </message>
    <message>
      <source>Kept as it was taken: place, tool, supports, strings, posture, rod. Two leaves are a bracket; a mark says that it rocks, no more.</source>
      <translation>So behalten, wie sie genommen wurde: Ort, Werkzeug, Auflagen, Saiten, Lage, Stab. Zwei Blätter sind eine Klammer; eine Marke sagt, dass es wippt, nicht mehr.</translation>
    </message>
    <message>
      <source>Kept as {name}.</source>
      <translation>Behalten als {name}.</translation>
    </message>
    <message>
      <source>Kept safe</source>
      <translation>Gesichert</translation>
    </message>
    <message>
      <source>Kept with {where}.</source>
      <translation>Behalten mit {where}.</translation>
    </message>
    <message>
      <source>Kept, not kept</source>
      <translation>Gehalten, nicht gehalten</translation>
    </message>
    <message>
      <source>Kept.</source>
      <translation>Gespeichert.</translation>
    </message>
    <message>
      <source>Kept. It is spoken from the next start on.</source>
      <translation>Behalten. Gesprochen wird sie ab dem nächsten Start.</translation>
    </message>
    <message>
      <source>Key drawn</source>
      <translation>Gezeichneter Schlüssel</translation>
    </message>
    <message>
      <source>Key on the rod nut. How does it feel?</source>
      <translation>Schlüssel auf der Stabmutter. Wie fühlt sie sich an?</translation>
    </message>
    <message>
      <source>Key on the rod{rod}: {it}.</source>
      <translation>Schlüssel am Stab{rod}: {it}.</translation>
    </message>
    <message>
      <source>Key seen from {where}</source>
      <translation>Schlüssel gesehen von: {where}</translation>
    </message>
    <message>
      <source>Key that fits</source>
      <translation>Passender Schlüssel</translation>
    </message>
    <message>
      <source>Keys of this page, and what is to be seen</source>
      <translation>Tasten dieser Seite, und was zu sehen ist</translation>
    </message>
    <message>
      <source>Kind of rod</source>
      <translation>Art des Stabs</translation>
    </message>
    <message>
      <source>Lacquered board</source>
      <translation>Lackiertes Brett</translation>
    </message>
    <message>
      <source>Lacquered face: low-tack tape, two layers, pressed down along each fret; peel it flat and slowly.</source>
      <translation>Lackierte Fläche: Band mit wenig Haftung, zwei Lagen, an jedem Bund angedrückt; flach und langsam abziehen.</translation>
    </message>
    <message>
      <source>Lacquered face: tape it well; a slip of the file shows for good.</source>
      <translation>Lackierte Fläche: gut abkleben; ein Ausrutscher der Feile bleibt zu sehen.</translation>
    </message>
    <message>
      <source>Lacquered: the face is left alone.</source>
      <translation>Lackiert: die Fläche bleibt, wie sie ist.</translation>
    </message>
    <message>
      <source>Laid as it rests.</source>
      <translation>Gelegt, wie es von selbst liegt.</translation>
    </message>
    <message>
      <source>Laid on its supports.</source>
      <translation>Auf seine Auflagen gelegt.</translation>
    </message>
    <message>
      <source>Lanes and frets nobody measured are unknown; what hangs on them waits for the reading.</source>
      <translation>Spuren und Bünde, die niemand maß, sind unbekannt; was daran hängt, wartet auf die Messung.</translation>
    </message>
    <message>
      <source>Language, from the next start on</source>
      <translation>Sprache, ab dem nächsten Start</translation>
    </message>
    <message>
      <source>Last readings</source>
      <translation>Letzte Messungen</translation>
    </message>
    <message>
      <source>Last work done</source>
      <translation>Letzte Arbeit daran</translation>
    </message>
    <message>
      <source>Lay the edge unpressed every few strokes. A block as long as the board, run off its ends, leaves no hollow.</source>
      <translation>Alle paar Striche das Lineal ohne Druck auflegen. Ein Block so lang wie das Brett, über die Enden hinausgeführt, lässt keine Höhlung.</translation>
    </message>
    <message>
      <source>Lay the neck as it is</source>
      <translation>Den Hals hinlegen, wie er ist</translation>
    </message>
    <message>
      <source>Leaf</source>
      <translation>Blatt</translation>
    </message>
    <message>
      <source>Leaf that slides</source>
      <translation>Blatt, das gleitet</translation>
    </message>
    <message>
      <source>Leaf that slides +, drags -, won't go /. A number: Enter. A support: fret, *.</source>
      <translation>Blatt gleitet +, schleift -, geht nicht /. Eine Zahl: Enter. Auflage: Bund, *.</translation>
    </message>
    <message>
      <source>Leaf under a rocker</source>
      <translation>Blatt unter der Wippe</translation>
    </message>
    <message>
      <source>Least board to keep</source>
      <translation>Kleinstes Brett, das bleibt</translation>
    </message>
    <message>
      <source>Least crown</source>
      <translation>Kleinste Krone</translation>
    </message>
    <message>
      <source>Least crown to keep</source>
      <translation>Kleinste Krone, die bleibt</translation>
    </message>
    <message>
      <source>Leave fret {fret} alone</source>
      <translation>Bund {fret} lassen</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>Lassen</translation>
    </message>
    <message>
      <source>Leave it clamped until quite cold</source>
      <translation>Gespannt lassen, bis es ganz kalt ist</translation>
    </message>
    <message>
      <source>Leave the glue its time</source>
      <translation>Dem Kleber seine Zeit lassen</translation>
    </message>
    <message>
      <source>Leave the oil its night</source>
      <translation>Dem Öl seine Nacht lassen</translation>
    </message>
    <message>
      <source>Leave what is being worked out; all readings are kept</source>
      <translation>Lassen, was ausgerechnet wird; alle Messungen sind behalten</translation>
    </message>
    <message>
      <source>Leaves</source>
      <translation>Blätter</translation>
    </message>
    <message>
      <source>Leaving the shallow grooves, with the owner's say-so, would do.</source>
      <translation>Die flachen Kerben lassen, mit dem Wort des Besitzers, würde genügen.</translation>
    </message>
    <message>
      <source>Left behind: {loose} frets that move, {flat} flat tops, {out} out.</source>
      <translation>Übrig gelassen: {loose} Bünde, die sich bewegen, {flat} flache Kuppen, {out} heraus.</translation>
    </message>
    <message>
      <source>Left for now: Space takes it up.</source>
      <translation>Vorerst gelassen: die Leertaste nimmt es auf.</translation>
    </message>
    <message>
      <source>Left for now; Space takes it up again.</source>
      <translation>Vorerst gelassen; die Leertaste nimmt es wieder auf.</translation>
    </message>
    <message>
      <source>Left-handed</source>
      <translation>Linkshänder</translation>
    </message>
    <message>
      <source>Length of the clamping block</source>
      <translation>Länge des Spannblocks</translation>
    </message>
    <message>
      <source>Lengths in mm, or with their unit: 2in, 12t, 1/16in. Kept as you type.</source>
      <translation>Längen in mm, oder mit Einheit: 2in, 12t, 1/16in. Wird beim Tippen behalten.</translation>
    </message>
    <message>
      <source>Lent out every week; worn. The shelf can spend 90 on it, no more.</source>
      <translation>Jede Woche verliehen; abgespielt. Das Regal kann 90 dafür ausgeben, mehr nicht.</translation>
    </message>
    <message>
      <source>Less metal than the least that is kept on this neck.</source>
      <translation>Weniger Metall als das wenigste, das an diesem Hals bleibt.</translation>
    </message>
    <message>
      <source>Lessons</source>
      <translation>Lektionen</translation>
    </message>
    <message>
      <source>Lessons and forms have their own good way; the advice plays whole necks.</source>
      <translation>Lektionen und Übungen haben ihren eigenen guten Weg; der Rat spielt ganze Hälse.</translation>
    </message>
    <message>
      <source>Let it settle for a moment.</source>
      <translation>Einen Moment setzen lassen.</translation>
    </message>
    <message>
      <source>Let the advice speak now</source>
      <translation>Den Rat jetzt sprechen lassen</translation>
    </message>
    <message>
      <source>Let the truth come out?</source>
      <translation>Die Wahrheit herauslassen?</translation>
    </message>
    <message>
      <source>Letter to the owner</source>
      <translation>Brief an den Besitzer</translation>
    </message>
    <message>
      <source>Letting the file touch them would do.</source>
      <translation>Die Feile daran lassen würde genügen.</translation>
    </message>
    <message>
      <source>Level all</source>
      <translation>Alle abrichten</translation>
    </message>
    <message>
      <source>Level all frets</source>
      <translation>Alle Bünde abrichten</translation>
    </message>
    <message>
      <source>Level as it lies</source>
      <translation>Abrichten wie es liegt</translation>
    </message>
    <message>
      <source>Level, held as strung</source>
      <translation>Abrichten wie besaitet</translation>
    </message>
    <message>
      <source>Level, rod straight</source>
      <translation>Abrichten, Stab gerade</translation>
    </message>
    <message>
      <source>Levels</source>
      <translation>Abrichtungen</translation>
    </message>
    <message>
      <source>Lift a fret</source>
      <translation>Einen Bund heben</translation>
    </message>
    <message>
      <source>Lift {listed_frets}</source>
      <translation>Anheben: {listed_frets}</translation>
    </message>
    <message>
      <source>Lifted, with the reason.</source>
      <translation>Aufgehoben, mit dem Grund.</translation>
    </message>
    <message>
      <source>Light</source>
      <translation>Hell</translation>
    </message>
    <message>
      <source>Light at both ends</source>
      <translation>Licht an beiden Enden</translation>
    </message>
    <message>
      <source>Light gap</source>
      <translation>Lichtspalt</translation>
    </message>
    <message>
      <source>Light or dark bench</source>
      <translation>Helle oder dunkle Werkbank</translation>
    </message>
    <message>
      <source>Light under the string, or an edge that lies all along, answers it.</source>
      <translation>Licht unter der Saite, oder ein Lineal, das überall liegt, beantwortet es.</translation>
    </message>
    <message>
      <source>Lighter strings, or a semitone lower: less weight on the hand though the relief is right; {words}. A slacker string swings wider.</source>
      <translation>Leichtere Saiten, oder einen Halbton tiefer: weniger Gewicht auf der Hand, obwohl die Krümmung stimmt; {words}. Eine schlaffere Saite schwingt weiter aus.</translation>
    </message>
    <message>
      <source>Lighter strings, or {how}: {words}. A slacker string swings wider.</source>
      <translation>Leichtere Saiten, oder {how}: {words}. Eine schlaffere Saite schwingt weiter aus.</translation>
    </message>
    <message>
      <source>Likely {likely} before the lowest top is reached, give or take {off}.</source>
      <translation>Wahrscheinlich {likely}, bis die tiefste Kuppe erreicht ist, plus oder minus {off}.</translation>
    </message>
    <message>
      <source>Line</source>
      <translation>Linie</translation>
    </message>
    <message>
      <source>Line settings of the gauge</source>
      <translation>Leitung der Messuhr</translation>
    </message>
    <message>
      <source>Line {number}, {name}</source>
      <translation>Zeile {number}, {name}</translation>
    </message>
    <message>
      <source>Line {number}: {error}</source>
      <translation>Zeile {number}: {error}</translation>
    </message>
    <message>
      <source>Lips left by tape</source>
      <translation>Kanten, vom Band gelassen</translation>
    </message>
    <message>
      <source>List title</source>
      <translation>Titel der Liste</translation>
    </message>
    <message>
      <source>Listen to the open strings. It is taped over, or not yet in, while the others are levelled.</source>
      <translation>Auf die leeren Saiten hören. Er wird abgeklebt, oder ist noch nicht drin, während die anderen abgerichtet werden.</translation>
    </message>
    <message>
      <source>Local codes, product sheets and licensed practice come before anything said here.</source>
      <translation>Örtliche Vorschriften, Produktblätter und zugelassene Praxis gehen allem vor, was hier steht.</translation>
    </message>
    <message>
      <source>Log a rod move: {label}</source>
      <translation>Einen Stabzug aufschreiben: {label}</translation>
    </message>
    <message>
      <source>Logbooks (*.db)</source>
      <translation>Logbücher (*.db)</translation>
    </message>
    <message>
      <source>Long beam</source>
      <translation>Langer Balken</translation>
    </message>
    <message>
      <source>Look again after one to two weeks</source>
      <translation>Nach ein bis zwei Wochen wieder ansehen</translation>
    </message>
    <message>
      <source>Look at neck {numbers}: {parts} may be meant as a name there.</source>
      <translation>Hals {numbers} ansehen: {parts} kann dort als Name gemeint sein.</translation>
    </message>
    <message>
      <source>Look at the fret that chokes: your beam never cut it. Press every fret before any beam touches the neck.</source>
      <translation>Den Bund ansehen, der erstickt: der Balken schnitt ihn nie. Jeden Bund drücken, bevor ein Balken den Hals berührt.</translation>
    </message>
    <message>
      <source>Look at the frets beside it: they pay with metal for a press that was too hard.</source>
      <translation>Die Bünde daneben ansehen: sie bezahlen mit Metall für zu festes Pressen.</translation>
    </message>
    <message>
      <source>Look over (0: half-way)</source>
      <translation>Ansehen über (0: auf halbem Weg)</translation>
    </message>
    <message>
      <source>Look round</source>
      <translation>Umsehen</translation>
    </message>
    <message>
      <source>Look through the logbook</source>
      <translation>Das Logbuch durchsehen</translation>
    </message>
    <message>
      <source>Look where the edge touched and whether it rocked. The relief before the hump was never at fault.</source>
      <translation>Sehen, wo das Lineal berührte und ob es wippte. Die Krümmung vor dem Buckel war nie schuld.</translation>
    </message>
    <message>
      <source>Looking over</source>
      <translation>Durchsehen</translation>
    </message>
    <message>
      <source>Loose frets are pressed home and glued.</source>
      <translation>Lose Bünde werden eingepresst und geklebt.</translation>
    </message>
    <message>
      <source>Loose hardware is blamed only where nothing measured explains the noise.</source>
      <translation>Lose Mechanik wird nur beschuldigt, wo nichts Gemessenes das Geräusch erklärt.</translation>
    </message>
    <message>
      <source>Loose in {frets}.</source>
      <translation>Lose in {frets}.</translation>
    </message>
    <message>
      <source>Loosen them all evenly, let them hang.</source>
      <translation>Alle gleichmäßig lockern, hängen lassen.</translation>
    </message>
    <message>
      <source>Loosen them evenly.</source>
      <translation>Gleichmäßig lockern.</translation>
    </message>
    <message>
      <source>Loosen them evenly; take them off or tie them aside.</source>
      <translation>Gleichmäßig lockern; abnehmen oder beiseitebinden.</translation>
    </message>
    <message>
      <source>Low string at {float}</source>
      <translation>Tiefe Saite bei {float}</translation>
    </message>
    <message>
      <source>Lowest clean height</source>
      <translation>Kleinste saubere Höhe</translation>
    </message>
    <message>
      <source>Lowest clean string height</source>
      <translation>Niedrigste saubere Saitenlage</translation>
    </message>
    <message>
      <source>Made by themselves. Nothing is put back before you have looked.</source>
      <translation>Entstehen von selbst. Nichts wird zurückgelegt, bevor man es gesehen hat.</translation>
    </message>
    <message>
      <source>Mail</source>
      <translation>E-Mail</translation>
    </message>
    <message>
      <source>Make a copy now</source>
      <translation>Jetzt eine Kopie machen</translation>
    </message>
    <message>
      <source>Map</source>
      <translation>Karte</translation>
    </message>
    <message>
      <source>Map shows what the readings say.</source>
      <translation>Die Karte zeigt, was die Messungen sagen.</translation>
    </message>
    <message>
      <source>Mapping {count} visits</source>
      <translation>{count} Besuche werden kartiert</translation>
    </message>
    <message>
      <source>Mark all fret tops</source>
      <translation>Alle Kuppen färben</translation>
    </message>
    <message>
      <source>Mark the fret first: its number and a key.</source>
      <translation>Erst den Bund markieren: seine Nummer und eine Taste.</translation>
    </message>
    <message>
      <source>Mark the tops</source>
      <translation>Die Kuppen färben</translation>
    </message>
    <message>
      <source>Marked {where}. File it until the ink is gone and nothing rocks: about {range_words} by what else was read. It is proud, or a neighbour is low.</source>
      <translation>Markiert {where}. Feilen, bis die Farbe weg ist und nichts wippt: etwa {range_words} nach allem anderen. Er steht hoch, oder ein Nachbar liegt tief.</translation>
    </message>
    <message>
      <source>Marked, and nothing there: {map}.</source>
      <translation>Markiert, und da ist nichts: {map}.</translation>
    </message>
    <message>
      <source>Marks on the board</source>
      <translation>Marken auf dem Griffbrett</translation>
    </message>
    <message>
      <source>Mass a metre times the square of twice the scale times the pitch. Plain strings are solid steel, wound ones 0.87 of that, unless their mass is told.</source>
      <translation>Masse je Meter mal dem Quadrat aus doppelter Mensur mal Tonhöhe. Blanke Saiten sind massiver Stahl, umsponnene 0,87 davon, wenn ihre Masse nicht genannt ist.</translation>
    </message>
    <message>
      <source>Matter</source>
      <translation>Sache</translation>
    </message>
    <message>
      <source>May run thin: fret {named}.</source>
      <translation>Kann knapp werden: Bund {named}.</translation>
    </message>
    <message>
      <source>Meanwhile both sides changed more than was shown. Nothing was written; look again.</source>
      <translation>Inzwischen haben beide Seiten mehr geändert, als gezeigt wurde. Nichts wurde geschrieben; bitte noch einmal ansehen.</translation>
    </message>
    <message>
      <source>Measure</source>
      <translation>Messen</translation>
    </message>
    <message>
      <source>Measure pocket and heel</source>
      <translation>Tasche und Halsfuß messen</translation>
    </message>
    <message>
      <source>Measure slot and tang before the first fret goes in: a saw takes minutes.</source>
      <translation>Schlitz und Fuß messen, bevor der erste Bund hineingeht: eine Säge braucht Minuten.</translation>
    </message>
    <message>
      <source>Measured on the tape</source>
      <translation>Auf dem Band gemessen</translation>
    </message>
    <message>
      <source>Mend chips</source>
      <translation>Ausbrüche ausbessern</translation>
    </message>
    <message>
      <source>Message</source>
      <translation>Mitteilung</translation>
    </message>
    <message>
      <source>Metal</source>
      <translation>Metall</translation>
    </message>
    <message>
      <source>Metal  (.)</source>
      <translation>Metall  (.)</translation>
    </message>
    <message>
      <source>Metal a stroke takes</source>
      <translation>Metall je Feilstrich</translation>
    </message>
    <message>
      <source>Metal against string height: once the relief at pitch is known</source>
      <translation>Metall gegen Saitenlage: sobald die Krümmung gestimmt bekannt ist</translation>
    </message>
    <message>
      <source>Metal against string height; every way is a mark on it.</source>
      <translation>Metall gegen Saitenlage; jeder Weg ist eine Marke darauf.</translation>
    </message>
    <message>
      <source>Metal dust: extraction and a mask; wash hands.</source>
      <translation>Metallstaub: Absaugung und Maske; Hände waschen.</translation>
    </message>
    <message>
      <source>Metal give or take {metal_doubt_mm}.</source>
      <translation>Metall plus oder minus {metal_doubt_mm}.</translation>
    </message>
    <message>
      <source>Metal off</source>
      <translation>Metall ab</translation>
    </message>
    <message>
      <source>Metal off a round crown of this width and height leaves a flat so wide.</source>
      <translation>Metall von einer runden Krone dieser Breite und Höhe lässt eine so breite Fläche.</translation>
    </message>
    <message>
      <source>Metal off against string height</source>
      <translation>Metall ab gegen Saitenlage</translation>
    </message>
    <message>
      <source>Metal off each fret by this way.</source>
      <translation>Metall, das dieser Weg von jedem Bund nimmt.</translation>
    </message>
    <message>
      <source>Metal off in sum: {metal_mm:.2f} mm{plain}.</source>
      <translation>Metall ab in Summe: {metal_mm:.2f} mm{plain}.</translation>
    </message>
    <message>
      <source>Metal off, all frets</source>
      <translation>Metall ab, alle Bünde</translation>
    </message>
    <message>
      <source>Metal off, summed over the frets: {metal_mm:.2f} mm{least}.</source>
      <translation>Metall ab, über die Bünde summiert: {metal_mm:.2f} mm{least}.</translation>
    </message>
    <message>
      <source>Metal over the wood: as read, else by top less wood; filing since is taken off.</source>
      <translation>Metall über dem Holz: wie gemessen, sonst Kuppe weniger Holz; was seither gefeilt wurde, ist abgezogen.</translation>
    </message>
    <message>
      <source>Metal that is filed off does not come back; a second pass may be needed.</source>
      <translation>Abgefeiltes Metall kommt nicht zurück; ein zweiter Gang kann nötig sein.</translation>
    </message>
    <message>
      <source>Metal to spare, and the owner's say-so, would bring the others down to it.</source>
      <translation>Metall übrig und das Wort des Besitzers brächten die anderen zu ihm herunter.</translation>
    </message>
    <message>
      <source>Metal, wood and old-finish dust: extraction and a mask; wash hands. Several dark woods sensitise.</source>
      <translation>Staub von Metall, Holz und altem Lack: Absaugung und Maske; Hände waschen. Manche dunklen Hölzer machen empfindlich.</translation>
    </message>
    <message>
      <source>Milled so narrow its crown would not cover its barbs.</source>
      <translation>So schmal gefräst deckte seine Krone die Widerhaken nicht.</translation>
    </message>
    <message>
      <source>Mind</source>
      <translation>Zu beachten</translation>
    </message>
    <message>
      <source>Minutes of hands so far.</source>
      <translation>Bisherige Minuten der Hände.</translation>
    </message>
    <message>
      <source>Missing: screws, parts</source>
      <translation>Fehlt: Schrauben, Teile</translation>
    </message>
    <message>
      <source>More</source>
      <translation>Mehr</translation>
    </message>
    <message>
      <source>More about it is in {place}.</source>
      <translation>Mehr dazu steht in {place}.</translation>
    </message>
    <message>
      <source>More is measured before anything is decided.</source>
      <translation>Es wird mehr gemessen, bevor etwas entschieden wird.</translation>
    </message>
    <message>
      <source>More wood off at the nut</source>
      <translation>Mehr Holz ab am Sattel</translation>
    </message>
    <message>
      <source>More would have come of: {named}</source>
      <translation>Mehr hätte gebracht: {named}</translation>
    </message>
    <message>
      <source>Most string room for the metal: the bend of the curve</source>
      <translation>Am meisten Saitenraum fürs Metall: der Knick der Kurve</translation>
    </message>
    <message>
      <source>Moves without an answer: the rod is spent, or only its nut turns. See that the key bites and the nut is not chewed before calling it spent.</source>
      <translation>Züge ohne Antwort: der Stab ist ausgereizt, oder nur seine Mutter dreht sich. Sehen, ob der Schlüssel greift und die Mutter nicht zerkaut ist, bevor man ihn ausgereizt nennt.</translation>
    </message>
    <message>
      <source>My edge</source>
      <translation>Eigene Kante</translation>
    </message>
    <message>
      <source>My tools</source>
      <translation>Werkzeuge</translation>
    </message>
    <message>
      <source>NOT AGREED YET: {open_still}.</source>
      <translation>NOCH NICHT VEREINBART: {open_still}.</translation>
    </message>
    <message>
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>Name of the set</source>
      <translation>Name des Satzes</translation>
    </message>
    <message>
      <source>Name or number</source>
      <translation>Name oder Nummer</translation>
    </message>
    <message>
      <source>Neck</source>
      <translation>Hals</translation>
    </message>
    <message>
      <source>Neck angle reset: the strings are high, the saddle is spent{climbs}. {angle_degrees:.2f}°, {heel}.</source>
      <translation>Neuer Halswinkel: die Saiten sind hoch, der Steg ist ausgereizt{climbs}. {angle_degrees:.2f}°, {heel}.</translation>
    </message>
    <message>
      <source>Neck as the wood stands best: {held}. Pencil all over, edge laid unpressed on three lines and the radius gauge every few strokes; along the centre line, the ends get less travel, so mind the middle. Coarse paper (36 to 80) only to move wood, then finer to 600 now: the wire is in the way afterwards. Stop at the slots' depth and at the laminate; break the sharp edges of the board.</source>
      <translation>Hals so, wie das Holz am besten steht: {held}. Überall Bleistift, alle paar Striche das Lineal ohne Druck auf drei Linien und die Radiuslehre; die Mittellinie entlang, die Enden bekommen weniger Weg, also auf die Mitte achten. Grobes Papier (36 bis 80) nur, um Holz zu bewegen, dann feiner bis 600 jetzt: nachher ist der Draht im Weg. An der Schlitztiefe und an der Verleimung aufhören; die scharfen Kanten des Bretts brechen.</translation>
    </message>
    <message>
      <source>Neck joint</source>
      <translation>Halsverbindung</translation>
    </message>
    <message>
      <source>Neck sheet</source>
      <translation>Halsblatt</translation>
    </message>
    <message>
      <source>Neck wood</source>
      <translation>Halsholz</translation>
    </message>
    <message>
      <source>Neck {id}, {title}</source>
      <translation>Hals {id}, {title}</translation>
    </message>
    <message>
      <source>Neck {id}, {title}, is damaged and was left out.</source>
      <translation>Hals {id}, {title}, ist beschädigt und wurde ausgelassen.</translation>
    </message>
    <message>
      <source>Neck {neck}: entry {place} {changed}.</source>
      <translation>Hals {neck}: Eintrag {place} {changed}.</translation>
    </message>
    <message>
      <source>Neck {neck}: it has had its time.</source>
      <translation>Hals {neck}: die Zeit ist um.</translation>
    </message>
    <message>
      <source>Neck {number}</source>
      <translation>Hals {number}</translation>
    </message>
    <message>
      <source>Neck {number} is damaged: {damage}</source>
      <translation>Hals {number} ist beschädigt: {damage}</translation>
    </message>
    <message>
      <source>Neck {number} of {number_2}</source>
      <translation>Hals {number} von {number_2}</translation>
    </message>
    <message>
      <source>Neck {number}, {title}</source>
      <translation>Hals {number}, {title}</translation>
    </message>
    <message>
      <source>Neck {number}: its description {changed}.</source>
      <translation>Hals {number}: Seine Beschreibung {changed}.</translation>
    </message>
    <message>
      <source>Necks</source>
      <translation>Hälse</translation>
    </message>
    <message>
      <source>Necks in this copy</source>
      <translation>Hälse in dieser Kopie</translation>
    </message>
    <message>
      <source>Never force a rod. Strings down where it binds; after a whole turn, pause and look.</source>
      <translation>Einen Stab nie zwingen. Saiten herunter, wo er klemmt; nach einer ganzen Umdrehung halten und hinsehen.</translation>
    </message>
    <message>
      <source>Never force a rod: a snapped rod is a new neck. Slacken the strings when the tool binds or can't reach.</source>
      <translation>Einen Stab nie zwingen: ein gebrochener Stab ist ein neuer Hals. Saiten entspannen, wenn das Werkzeug klemmt oder nicht hinkommt.</translation>
    </message>
    <message>
      <source>New frets beside old ones may be told apart, by look and by feel, and wear otherwise.</source>
      <translation>Neue Bünde neben alten sind vielleicht zu erkennen, am Aussehen und am Gefühl, und nutzen sich anders ab.</translation>
    </message>
    <message>
      <source>New frets, and the fingerboard planed to a better angle.</source>
      <translation>Neue Bünde, und das Griffbrett wird auf einen besseren Winkel gehobelt.</translation>
    </message>
    <message>
      <source>New frets, held so tight that they bend the neck back.</source>
      <translation>Neue Bünde, so stramm, dass sie den Hals zurückbiegen.</translation>
    </message>
    <message>
      <source>New here: {keys} {words}</source>
      <translation>Hier neu: {keys} {words}</translation>
    </message>
    <message>
      <source>New neck</source>
      <translation>Neuer Hals</translation>
    </message>
    <message>
      <source>New tops stand a little high and low: one light level, weighed once they were read.</source>
      <translation>Neue Kuppen stehen ein wenig hoch und tief: einmal leicht abrichten, abgewogen, wenn sie gemessen sind.</translation>
    </message>
    <message>
      <source>New wire</source>
      <translation>Neuer Draht</translation>
    </message>
    <message>
      <source>New wire all over would do.</source>
      <translation>Überall neuer Draht würde genügen.</translation>
    </message>
    <message>
      <source>New wire all over, as agreed: {note}.</source>
      <translation>Überall neuer Draht, wie vereinbart: {note}.</translation>
    </message>
    <message>
      <source>New wire all over: {listed}.</source>
      <translation>Überall neuer Draht: {listed}.</translation>
    </message>
    <message>
      <source>New wire among old wire must be as high as its neighbours, or a little higher. What is much taller is filed down to them, with all its years of life.</source>
      <translation>Neuer Draht zwischen altem muss so hoch sein wie seine Nachbarn oder etwas höher. Was viel höher ist, wird auf sie heruntergefeilt, mit all seinen Jahren.</translation>
    </message>
    <message>
      <source>New wire for these frets would do.</source>
      <translation>Neuer Draht für diese Bünde würde genügen.</translation>
    </message>
    <message>
      <source>New wire for {frets}{kept}. Only with wire of the same width within {length}, as high or a little higher; wider wire is milled.</source>
      <translation>Neuer Draht für {frets}{kept}. Nur mit Draht derselben Breite auf {length}, so hoch oder etwas höher; breiterer wird gefräst.</translation>
    </message>
    <message>
      <source>New wire for {title}</source>
      <translation>Neuer Draht für {title}</translation>
    </message>
    <message>
      <source>New wire in {frets}: one light level brings its tops together{metal}.{held}</source>
      <translation>Neuer Draht in {frets}: einmal leicht abrichten bringt seine Kuppen zusammen{metal}.{held}</translation>
    </message>
    <message>
      <source>New wire in {parts} places; {replaced_mm:.2f} mm of the old could still have been used.</source>
      <translation>Neuer Draht an {parts} Stellen; {replaced_mm:.2f} mm vom alten wären noch brauchbar gewesen.</translation>
    </message>
    <message>
      <source>New wire is read, pressed and levelled lightly; what was read of the old says nothing of it.</source>
      <translation>Neuer Draht wird gemessen, gedrückt und leicht abgerichtet; was am alten gemessen wurde, sagt nichts über ihn.</translation>
    </message>
    <message>
      <source>New wire was round to {new}.</source>
      <translation>Neuer Draht war bis {new} rund.</translation>
    </message>
    <message>
      <source>New wire, angle</source>
      <translation>Neuer Draht, Winkel</translation>
    </message>
    <message>
      <source>New wire, fat tangs</source>
      <translation>Neuer Draht, dicke Füße</translation>
    </message>
    <message>
      <source>New wire, trued</source>
      <translation>Neuer Draht, begradigt</translation>
    </message>
    <message>
      <source>New wire, {which}</source>
      <translation>Neuer Draht, {which}</translation>
    </message>
    <message>
      <source>Next: {title}</source>
      <translation>Danach: {title}</translation>
    </message>
    <message>
      <source>No copy could be made ({why_not}).</source>
      <translation>Keine Kopie konnte gemacht werden ({why_not}).</translation>
    </message>
    <message>
      <source>No copy was made yet.</source>
      <translation>Noch keine Kopie gemacht.</translation>
    </message>
    <message>
      <source>No crown before relief and back bow are known.</source>
      <translation>Keine Krone, bevor Krümmung und Rückbiegung bekannt sind.</translation>
    </message>
    <message>
      <source>No crown height was measured: metal left is counted from the wire as described.</source>
      <translation>Keine Kronenhöhe wurde gemessen: was an Metall übrig ist, zählt vom beschriebenen Draht.</translation>
    </message>
    <message>
      <source>No flat is wide enough to need a crown: a light pass with fine paper along each fret will do.</source>
      <translation>Keine Fläche ist breit genug, um eine Krone zu brauchen: ein leichter Gang mit feinem Papier an jedem Bund genügt.</translation>
    </message>
    <message>
      <source>No fret and no relief explains the noise: loose hardware, a slack screw, a nut slot, a string's winding.</source>
      <translation>Kein Bund und keine Krümmung erklärt das Geräusch: lose Mechanik, eine lockere Schraube, eine Sattelkerbe, die Umspinnung einer Saite.</translation>
    </message>
    <message>
      <source>No fret stands off the wood by these readings.</source>
      <translation>Nach diesen Messungen steht kein Bund vom Holz ab.</translation>
    </message>
    <message>
      <source>No fret stands out by these readings.</source>
      <translation>Nach diesen Messungen fällt kein Bund auf.</translation>
    </message>
    <message>
      <source>No grip left, or another wire wanted: new wire, with why nothing smaller will do.</source>
      <translation>Kein Halt mehr oder anderer Draht gewünscht: neuer Draht, und warum nichts Kleineres genügt.</translation>
    </message>
    <message>
      <source>No height measured so far asks for metal. Strings, nut and saddle first if it does not play as wished.</source>
      <translation>Keine bisher gemessene Höhe verlangt Metall. Erst Saiten, Sattel und Steg, wenn es nicht spielt wie gewünscht.</translation>
    </message>
    <message>
      <source>No height read on the {lane_words}: {{}} taken.</source>
      <translation>Keine Höhe auf der Spur {lane_words} gemessen: {{}} angenommen.</translation>
    </message>
    <message>
      <source>No job was finished and measured yet.</source>
      <translation>Noch kein Auftrag wurde beendet und gemessen.</translation>
    </message>
    <message>
      <source>No leaf of yours, nor two together, are that thick; kept as typed.</source>
      <translation>Kein eigenes Blatt, auch nicht zwei zusammen, ist so dick; behalten wie getippt.</translation>
    </message>
    <message>
      <source>No light shows under the string: straight, or bowed back, it can't tell which. Lay a long edge on the frets and see whether it rocks before anything is turned.</source>
      <translation>Unter der Saite zeigt sich kein Licht: gerade oder zurückgebogen, das kann sie nicht sagen. Ein langes Lineal auf die Bünde legen und sehen, ob es wippt, bevor etwas gedreht wird.</translation>
    </message>
    <message>
      <source>No light under the strings: straight, or bowed back</source>
      <translation>Kein Licht unter den Saiten: gerade oder rückgebogen</translation>
    </message>
    <message>
      <source>No longer looked at by season.</source>
      <translation>Nicht mehr nach der Jahreszeit angesehen.</translation>
    </message>
    <message>
      <source>No metal was taken.</source>
      <translation>Kein Metall wurde genommen.</translation>
    </message>
    <message>
      <source>No metal, no turn.</source>
      <translation>Kein Metall, keine Drehung.</translation>
    </message>
    <message>
      <source>No neck on the shelf has this number.</source>
      <translation>Kein Hals im Regal hat diese Nummer.</translation>
    </message>
    <message>
      <source>No notched edge of yours fits a scale of {scale_mm:g} mm: print one.</source>
      <translation>Kein eigenes Kerblineal passt zu einer Mensur von {scale_mm:g} mm: eines drucken.</translation>
    </message>
    <message>
      <source>No number here.</source>
      <translation>Hier keine Zahl.</translation>
    </message>
    <message>
      <source>No owner yet</source>
      <translation>Noch kein Besitzer</translation>
    </message>
    <message>
      <source>No price yet: Prices takes an hour's, or a fixed one.</source>
      <translation>Noch kein Preis: Preise nimmt einen für die Stunde oder einen festen.</translation>
    </message>
    <message>
      <source>No price yet: Prices takes an hour's, or fixed ones.</source>
      <translation>Noch kein Preis: Preise nimmt einen für die Stunde oder feste.</translation>
    </message>
    <message>
      <source>No price: Prices takes an hour's, or a fixed one for this way.</source>
      <translation>Kein Preis: Preise nimmt einen für die Stunde oder einen festen für diesen Weg.</translation>
    </message>
    <message>
      <source>No price: Prices takes an hour's, or a fixed one.</source>
      <translation>Kein Preis: Preise nimmt einen für die Stunde oder einen festen.</translation>
    </message>
    <message>
      <source>No reading was taken.</source>
      <translation>Keine Messung wurde genommen.</translation>
    </message>
    <message>
      <source>No relief is known yet.</source>
      <translation>Noch keine Krümmung bekannt.</translation>
    </message>
    <message>
      <source>No rocker edge named yet.</source>
      <translation>Noch keine Wippenkante genannt.</translation>
    </message>
    <message>
      <source>No rocker edge of yours fits {frets}.</source>
      <translation>Keine eigene Wippenkante passt auf {frets}.</translation>
    </message>
    <message>
      <source>No rocker would move: there is nothing to file.</source>
      <translation>Keine Wippe bewegte sich: es gibt nichts zu feilen.</translation>
    </message>
    <message>
      <source>No slot is empty.</source>
      <translation>Kein Schlitz ist leer.</translation>
    </message>
    <message>
      <source>No string shows light over the frets at pitch. A straight neck and one that is bowed back look alike so; a long edge on the frets tells them apart.</source>
      <translation>Auf Tonhöhe zeigt keine Saite Licht über den Bünden. Ein gerader Hals und einer mit Rückbiegung sehen so gleich aus; ein langes Lineal auf den Bünden unterscheidet sie.</translation>
    </message>
    <message>
      <source>No strings are listed.</source>
      <translation>Keine Saiten genannt.</translation>
    </message>
    <message>
      <source>No turn is due</source>
      <translation>Keine Drehung fällig</translation>
    </message>
    <message>
      <source>No turn is needed for the relief.</source>
      <translation>Für die Krümmung ist keine Drehung nötig.</translation>
    </message>
    <message>
      <source>No way is in hand</source>
      <translation>Kein Weg ist gewählt</translation>
    </message>
    <message>
      <source>No way is in hand yet</source>
      <translation>Noch kein Weg gewählt</translation>
    </message>
    <message>
      <source>No way was chosen for this neck yet, so nothing was promised. The closing readings are kept all the same.</source>
      <translation>Für diesen Hals ist noch kein Weg gewählt, also nichts versprochen. Die Schlussmessungen werden trotzdem behalten.</translation>
    </message>
    <message>
      <source>No wire on the shelf yet. Take one in: its sizes, measured on this run.</source>
      <translation>Noch kein Draht im Regal. Einen aufnehmen: seine Maße, an dieser Lieferung gemessen.</translation>
    </message>
    <message>
      <source>No wire on the shelf yet: + takes one in.</source>
      <translation>Noch kein Draht im Regal: + nimmt einen auf.</translation>
    </message>
    <message>
      <source>Nobody has pressed it yet: press it before you believe it.</source>
      <translation>Noch niemand hat ihn gedrückt: erst drücken, dann glauben.</translation>
    </message>
    <message>
      <source>Nobody has pressed {frets} yet. One that moves is marked in Measure; / says that all the others are firm.</source>
      <translation>{frets} hat noch niemand gedrückt. Ein Bund, der sich bewegt, wird bei Messen eingetragen; / sagt, dass alle anderen fest sind.</translation>
    </message>
    <message>
      <source>None would have told more.</source>
      <translation>Keine hätte mehr gesagt.</translation>
    </message>
    <message>
      <source>None, in the price, or on top.</source>
      <translation>Keine, im Preis oder obendrauf.</translation>
    </message>
    <message>
      <source>Not agreed with the owner yet: {named}.</source>
      <translation>Noch nicht mit dem Besitzer vereinbart: {named}.</translation>
    </message>
    <message>
      <source>Not answered yet; it stands until {day}.</source>
      <translation>Noch keine Antwort; es gilt bis {day}.</translation>
    </message>
    <message>
      <source>Not cleaned, remove by hand: {names}.</source>
      <translation>Nicht bereinigt, von Hand zu entfernen: {names}.</translation>
    </message>
    <message>
      <source>Not enough by itself: {words}.</source>
      <translation>Allein nicht genug: {words}.</translation>
    </message>
    <message>
      <source>Not enough metal to file what stands: new wire for those frets is the honest cure.</source>
      <translation>Nicht genug Metall, um zu feilen, was hoch steht: neuer Draht für diese Bünde ist das ehrliche Mittel.</translation>
    </message>
    <message>
      <source>Not every lane was read: tops there are taken from the others.</source>
      <translation>Nicht jede Spur wurde gemessen: die Kuppen dort sind von den anderen genommen.</translation>
    </message>
    <message>
      <source>Not known yet: {listed}. Until then nothing is filed and nothing is called fine.</source>
      <translation>Noch nicht bekannt: {listed}. Bis dahin wird nichts gefeilt und nichts gut genannt.</translation>
    </message>
    <message>
      <source>Not known: no rocker, dial or edge was taken over the frets.</source>
      <translation>Nicht bekannt: keine Wippe, Messuhr oder Lineal war über den Bünden.</translation>
    </message>
    <message>
      <source>Not known: the tops on the {lanes} were not read.</source>
      <translation>Nicht bekannt: die Kuppen wurden hier nicht gemessen: {lanes}.</translation>
    </message>
    <message>
      <source>Not marked: {map}.</source>
      <translation>Nicht markiert: {map}.</translation>
    </message>
    <message>
      <source>Not on a lacquered board: heat lifts the finish.</source>
      <translation>Nicht auf lackiertem Brett: Wärme hebt den Lack.</translation>
    </message>
    <message>
      <source>Not solved</source>
      <translation>Nicht gelöst</translation>
    </message>
    <message>
      <source>Not ticked. {waiting_words}</source>
      <translation>Nicht abgehakt. {waiting_words}</translation>
    </message>
    <message>
      <source>Not written down: {faults}</source>
      <translation>Nicht aufgeschrieben: {faults}</translation>
    </message>
    <message>
      <source>Not yet: {waits}</source>
      <translation>Noch nicht: {waits}</translation>
    </message>
    <message>
      <source>Notched edge for {scale_mm:g} mm</source>
      <translation>Kerblineal für {scale_mm:g} mm</translation>
    </message>
    <message>
      <source>Notched edge for {scale_mm:g} mm, sheet {sheet} of {count}. Print at 100 %, not fitted to the page.</source>
      <translation>Kerblineal für {scale_mm:g} mm, Blatt {sheet} von {count}. Mit 100 % drucken, nicht an die Seite angepasst.</translation>
    </message>
    <message>
      <source>Notched edge on wood</source>
      <translation>Kerblineal auf dem Holz</translation>
    </message>
    <message>
      <source>Notched edge resting on wood</source>
      <translation>Kerblineal liegt auf dem Holz</translation>
    </message>
    <message>
      <source>Notched edge to print</source>
      <translation>Kerblineal zum Drucken</translation>
    </message>
    <message>
      <source>Notched edge {other:.0f} on the wood</source>
      <translation>Kerblineal {other:.0f} auf dem Holz</translation>
    </message>
    <message>
      <source>Notched edge {scale:.0f} on the wood</source>
      <translation>Kerblineal {scale:.0f} auf dem Holz</translation>
    </message>
    <message>
      <source>Notched edges</source>
      <translation>Kerblineale</translation>
    </message>
    <message>
      <source>Notches of another scale</source>
      <translation>Kerben einer anderen Mensur</translation>
    </message>
    <message>
      <source>Note</source>
      <translation>Notiz</translation>
    </message>
    <message>
      <source>Note the gauges in Take in.</source>
      <translation>Die Stärken in Aufnehmen notieren.</translation>
    </message>
    <message>
      <source>Nothing found</source>
      <translation>Nichts gefunden</translation>
    </message>
    <message>
      <source>Nothing is done; it is looked at again later.</source>
      <translation>Nichts wird getan; später wird noch einmal hingesehen.</translation>
    </message>
    <message>
      <source>Nothing is found</source>
      <translation>Nichts gefunden</translation>
    </message>
    <message>
      <source>Nothing is left of the course: {why}</source>
      <translation>Von der Folge ist nichts übrig: {why}</translation>
    </message>
    <message>
      <source>Nothing is left to be done on it, or it waits for somebody: no day to name.</source>
      <translation>Daran ist nichts mehr zu tun, oder es wartet auf jemanden: kein Tag zu nennen.</translation>
    </message>
    <message>
      <source>Nothing is left while the readings show a cause.</source>
      <translation>Nichts wird gelassen, solange die Messungen eine Ursache zeigen.</translation>
    </message>
    <message>
      <source>Nothing is reckoned here</source>
      <translation>Hier wird nichts gerechnet</translation>
    </message>
    <message>
      <source>Nothing left to let out</source>
      <translation>Nichts herauszulassen</translation>
    </message>
    <message>
      <source>Nothing loses its ink.</source>
      <translation>Nirgends geht Farbe weg.</translation>
    </message>
    <message>
      <source>Nothing read so far asks for new wire; it is planned because it is wished for.</source>
      <translation>Nichts bisher Gemessenes verlangt neuen Draht; er ist geplant, weil er gewünscht wird.</translation>
    </message>
    <message>
      <source>Nothing read twice speaks against a setting.</source>
      <translation>Nichts doppelt Gemessenes spricht gegen eine Einstellung.</translation>
    </message>
    <message>
      <source>Nothing stood proud.</source>
      <translation>Nichts stand hoch.</translation>
    </message>
    <message>
      <source>Nothing that reads as a table was copied.</source>
      <translation>Nichts, was sich als Tabelle liest, wurde kopiert.</translation>
    </message>
    <message>
      <source>Nothing to file.</source>
      <translation>Nichts zu feilen.</translation>
    </message>
    <message>
      <source>Nothing to gain by filing: the strings can lie as low as after a full level.</source>
      <translation>Mit Feilen ist nichts zu gewinnen: die Saiten können so tief liegen wie nach vollem Abrichten.</translation>
    </message>
    <message>
      <source>Nothing to press home.</source>
      <translation>Nichts einzupressen.</translation>
    </message>
    <message>
      <source>Nothing to take back here.</source>
      <translation>Hier ist nichts zurückzunehmen.</translation>
    </message>
    <message>
      <source>Nothing to take back here. {elsewhere}: undo it there.</source>
      <translation>Hier ist nichts zurückzunehmen. {elsewhere}: dort zurücknehmen.</translation>
    </message>
    <message>
      <source>Nothing typed yet.</source>
      <translation>Noch nichts getippt.</translation>
    </message>
    <message>
      <source>Nothing was felt here that is not written down.</source>
      <translation>Hier wurde nichts gefühlt, was nicht aufgeschrieben ist.</translation>
    </message>
    <message>
      <source>Nothing was lost.</source>
      <translation>Nichts ging verloren.</translation>
    </message>
    <message>
      <source>Nothing was offered: a way is chosen on Choose.</source>
      <translation>Nichts wurde angeboten: ein Weg wird in Wählen genommen.</translation>
    </message>
    <message>
      <source>Nothing was played yet. What you play is drawn here.</source>
      <translation>Noch nichts gespielt. Was gespielt wird, wird hier gezeichnet.</translation>
    </message>
    <message>
      <source>Nothing was quoted yet.</source>
      <translation>Noch nichts angeboten.</translation>
    </message>
    <message>
      <source>Nothing was read on this neck yet.</source>
      <translation>An diesem Hals wurde noch nichts gemessen.</translation>
    </message>
    <message>
      <source>Nothing was read that tells what is the matter.</source>
      <translation>Es wurde nichts gemessen, was sagt, woran es liegt.</translation>
    </message>
    <message>
      <source>Nothing was said of {frets} yet. A fret that deviates gets its number and its key; / says of all the rest: {fine}.</source>
      <translation>Zu {frets} ist noch nichts gesagt. Ein Bund, der abweicht, bekommt seine Nummer und seine Taste; / sagt von allen übrigen: {fine}.</translation>
    </message>
    <message>
      <source>Nothing was taken in yet.</source>
      <translation>Noch wurde nichts übernommen.</translation>
    </message>
    <message>
      <source>Now</source>
      <translation>Jetzt</translation>
    </message>
    <message>
      <source>Number</source>
      <translation>Zahl</translation>
    </message>
    <message>
      <source>Numbers</source>
      <translation>Zahlen</translation>
    </message>
    <message>
      <source>Nut</source>
      <translation>Sattel</translation>
    </message>
    <message>
      <source>Nut and saddle to the new tops</source>
      <translation>Sattel und Steg auf die neuen Kuppen</translation>
    </message>
    <message>
      <source>Nut and zero fret have each their own cure, in both directions, side by side.</source>
      <translation>Sattel und Nullbund haben je ihr eigenes Mittel, in beide Richtungen, Seite neben Seite.</translation>
    </message>
    <message>
      <source>Nut back with a drop of glue, no more. To pitch, then let the neck settle for a while.</source>
      <translation>Sattel mit einem Tropfen Kleber zurück, nicht mehr. Stimmen, dann den Hals sich eine Weile setzen lassen.</translation>
    </message>
    <message>
      <source>Nut lies to the right</source>
      <translation>Sattel liegt rechts</translation>
    </message>
    <message>
      <source>Nut out</source>
      <translation>Sattel heraus</translation>
    </message>
    <message>
      <source>Nut out of the way</source>
      <translation>Sattel aus dem Weg</translation>
    </message>
    <message>
      <source>Nut slot</source>
      <translation>Sattelkerbe</translation>
    </message>
    <message>
      <source>Nut slots: {parts}.</source>
      <translation>Sattelkerben: {parts}.</translation>
    </message>
    <message>
      <source>Nut taken as right: {{}} over fret 1 when pressed at 3.</source>
      <translation>Sattel als richtig angenommen: {{}} über dem 1. Bund, am 3. gedrückt.</translation>
    </message>
    <message>
      <source>Nut to fret 12, twice. A number alone is mm, or inches where only they can be meant.</source>
      <translation>Vom Sattel zum 12. Bund, mal zwei. Eine bloße Zahl ist mm, oder Zoll, wo nur das gemeint sein kann.</translation>
    </message>
    <message>
      <source>Nut, saddle, rod nut</source>
      <translation>Sattel, Steg, Stabmutter</translation>
    </message>
    <message>
      <source>Nuvrek</source>
      <translation>Nuvrek</translation>
    </message>
    <message>
      <source>Nuvrek makes a backup every day you use it and thins out old ones. You can also merge the logbook from another computer: nothing gets lost or doubled.</source>
      <translation>Nuvrek legt an jedem Tag der Benutzung eine Sicherung an und dünnt alte aus. Auch das Logbuch eines anderen Rechners lässt sich zusammenführen: Nichts geht verloren, nichts steht doppelt.</translation>
    </message>
    <message>
      <source>Nuvrek {version}: GPL-3.0-or-later, without any warranty</source>
      <translation>Nuvrek {version}: GPL-3.0-or-later, ohne jede Gewähr</translation>
    </message>
    <message>
      <source>Nuvrek: a look at a job file</source>
      <translation>Nuvrek: ein Blick in eine Auftragsdatei</translation>
    </message>
    <message>
      <source>Nuvrek: a made-up shelf</source>
      <translation>Nuvrek: ein erfundenes Regal</translation>
    </message>
    <message>
      <source>Nuvrek: practice</source>
      <translation>Nuvrek: Üben</translation>
    </message>
    <message>
      <source>Odd: {place_words} says {value_words}</source>
      <translation>Abweichend: {place_words} sagt {value_words}</translation>
    </message>
    <message>
      <source>Of a hundred: 45 for notes won, 20 for metal against the least that would have done, 15 for ranges that hold, 12 for the first action, 8 for no fret left loose or flat.</source>
      <translation>Von hundert: 45 für gewonnene Töne, 20 für Metall gegen das wenigste, das gereicht hätte, 15 für Bereiche, die halten, 12 für den ersten Griff, 8 dafür, dass kein Bund lose oder flach bleibt.</translation>
    </message>
    <message>
      <source>Of all readings that could be taken, those that lower the doubt of the open questions most.</source>
      <translation>Von allen Messungen, die möglich sind, jene, die den offenen Fragen am meisten Unsicherheit nehmen.</translation>
    </message>
    <message>
      <source>Of {number} of the hundred: clean {own} by you, {theirs} by the advice.</source>
      <translation>Von {number} der hundert: sauber {own} durch einen selbst, {theirs} durch den Rat.</translation>
    </message>
    <message>
      <source>Off at the nut {angle_mm}</source>
      <translation>Am Sattel ab {angle_mm}</translation>
    </message>
    <message>
      <source>Offered. Enter shows what this program would do.</source>
      <translation>Angeboten. Enter zeigt, was dieses Programm täte.</translation>
    </message>
    <message>
      <source>Oil the board</source>
      <translation>Das Brett ölen</translation>
    </message>
    <message>
      <source>Old frets and nut to the owner</source>
      <translation>Alte Bünde und Sattel zum Besitzer</translation>
    </message>
    <message>
      <source>Old parts</source>
      <translation>Alte Teile</translation>
    </message>
    <message>
      <source>On arrival</source>
      <translation>Beim Kommen</translation>
    </message>
    <message>
      <source>On both sides {said}; the one of {replace} stands.</source>
      <translation>Auf beiden Seiten: {said}; das von {replace} gilt.</translation>
    </message>
    <message>
      <source>On it are now: {strings_on}</source>
      <translation>Jetzt sind darauf: {strings_on}</translation>
    </message>
    <message>
      <source>On leaving</source>
      <translation>Beim Gehen</translation>
    </message>
    <message>
      <source>On my bench</source>
      <translation>Auf meiner Werkbank</translation>
    </message>
    <message>
      <source>On one fret, light at both ends: it rocks.</source>
      <translation>Auf einem Bund, Licht an beiden Enden: es wippt.</translation>
    </message>
    <message>
      <source>On the bench</source>
      <translation>Auf der Werkbank</translation>
    </message>
    <message>
      <source>On the left</source>
      <translation>Links</translation>
    </message>
    <message>
      <source>On the papers</source>
      <translation>Auf den Papieren</translation>
    </message>
    <message>
      <source>On the shelf</source>
      <translation>Im Regal</translation>
    </message>
    <message>
      <source>On the shelf, m</source>
      <translation>Im Regal, m</translation>
    </message>
    <message>
      <source>On the straight board; the relief stays open until it is strung.</source>
      <translation>Auf geradem Brett; die Krümmung bleibt offen, bis er besaitet ist.</translation>
    </message>
    <message>
      <source>On the {where} it lies still, and no light is seen.</source>
      <translation>Es liegt still ({where}), und kein Licht ist zu sehen.</translation>
    </message>
    <message>
      <source>On the {where} it lies still, with light under it.</source>
      <translation>Es liegt still ({where}), mit Licht darunter.</translation>
    </message>
    <message>
      <source>On the {where} the edge rocks.</source>
      <translation>Das Lineal wippt ({where}).</translation>
    </message>
    <message>
      <source>On top of the work</source>
      <translation>Zusätzlich zur Arbeit</translation>
    </message>
    <message>
      <source>On which side does the nut lie, as you look at the neck?</source>
      <translation>Auf welcher Seite liegt der Sattel, wenn man auf den Hals sieht?</translation>
    </message>
    <message>
      <source>One crown height tells.</source>
      <translation>Eine Kronenhöhe sagt es.</translation>
    </message>
    <message>
      <source>One end rises or rocks while the middle is still, and nobody pressed it firm.</source>
      <translation>Ein Ende steigt oder wippt, während die Mitte still ist, und niemand hat es fest gedrückt.</translation>
    </message>
    <message>
      <source>One end rises or rocks; pressed, it was firm: it is high.</source>
      <translation>Ein Ende steigt oder wippt; gedrückt war es fest: es ist hoch.</translation>
    </message>
    <message>
      <source>One fret in the middle chokes, some days more than others.</source>
      <translation>Ein Bund in der Mitte erstickt, an manchen Tagen mehr als an anderen.</translation>
    </message>
    <message>
      <source>One fret is proud. File it until it is right, and not a stroke longer.</source>
      <translation>Ein Bund steht hoch. Feilen, bis er stimmt, und keinen Strich länger.</translation>
    </message>
    <message>
      <source>One fret rocks.</source>
      <translation>Ein Bund wippt.</translation>
    </message>
    <message>
      <source>One light pass of the file after peeling.</source>
      <translation>Nach dem Abziehen ein leichter Gang der Feile.</translation>
    </message>
    <message>
      <source>One low fret, two rocks</source>
      <translation>Ein tiefer Bund, zwei Wippen</translation>
    </message>
    <message>
      <source>One moment.</source>
      <translation>Einen Augenblick.</translation>
    </message>
    <message>
      <source>One of the figures of the heating can't be; look at them again.</source>
      <translation>Eine der Zahlen der Erwärmung kann nicht sein; noch einmal ansehen.</translation>
    </message>
    <message>
      <source>One press a fret; the fret moves on. Arrows go to another, - turns the sign, * the other way, Enter leaves.</source>
      <translation>Ein Druck je Bund, der Bund geht weiter. Pfeile gehen zu einem anderen, - dreht das Vorzeichen, * andersherum, Enter verlässt.</translation>
    </message>
    <message>
      <source>One reading, then back to {page}.</source>
      <translation>Eine Messung, dann zurück zu {page}.</translation>
    </message>
    <message>
      <source>One stroke less would have been right.</source>
      <translation>Ein Strich weniger wäre richtig gewesen.</translation>
    </message>
    <message>
      <source>One that is pressed and holds is filed like any other, an end on that end alone.</source>
      <translation>Einer, der gedrückt hält, wird wie jeder andere gefeilt, ein Ende nur an diesem Ende.</translation>
    </message>
    <message>
      <source>One thing after the other: something is still being read.</source>
      <translation>Eins nach dem anderen: es wird noch etwas gelesen.</translation>
    </message>
    <message>
      <source>One trial fret driven and judged: light in its middle, it is bent too tight; light at its ends, too flat. Then each piece tried in its slot.</source>
      <translation>Einen Probebund eintreiben und beurteilen: Licht in der Mitte, er ist zu eng gebogen; Licht an den Enden, zu flach. Dann jedes Stück in seinem Schlitz probieren.</translation>
    </message>
    <message>
      <source>One visit</source>
      <translation>Ein Besuch</translation>
    </message>
    <message>
      <source>One-to-two-week look</source>
      <translation>Blick nach ein, zwei Wochen</translation>
    </message>
    <message>
      <source>Only fret {fret} is filed</source>
      <translation>Nur Bund {fret} ist gefeilt</translation>
    </message>
    <message>
      <source>Only the frets that stand high are filed, and rounded again.</source>
      <translation>Nur die hohen Bünde werden gefeilt und wieder verrundet.</translation>
    </message>
    <message>
      <source>Open</source>
      <translation>Leer</translation>
    </message>
    <message>
      <source>Open neck</source>
      <translation>Offener Hals</translation>
    </message>
    <message>
      <source>Open string</source>
      <translation>Leere Saite</translation>
    </message>
    <message>
      <source>Open strings that buzz on one side look like a back bow of that side. Two rods make it easy to bend half a neck for a nut slot that is too low.</source>
      <translation>Leere Saiten, die auf einer Seite schnarren, sehen aus wie eine Rückbiegung dieser Seite. Zwei Stäbe machen es leicht, wegen einer zu tiefen Kerbe den halben Hals zu biegen.</translation>
    </message>
    <message>
      <source>Open text (*.json)</source>
      <translation>Offener Text (*.json)</translation>
    </message>
    <message>
      <source>Or: {gist}</source>
      <translation>Oder: {gist}</translation>
    </message>
    <message>
      <source>Order of the ink</source>
      <translation>Reihenfolge der Farbe</translation>
    </message>
    <message>
      <source>Other strings, or another tuning.</source>
      <translation>Andere Saiten oder eine andere Stimmung.</translation>
    </message>
    <message>
      <source>Other wire</source>
      <translation>Anderer Draht</translation>
    </message>
    <message>
      <source>Other wire wanted</source>
      <translation>Anderer Draht gewünscht</translation>
    </message>
    <message>
      <source>Out of each stick: {sticks}</source>
      <translation>Aus jeder Stange: {sticks}</translation>
    </message>
    <message>
      <source>Out, in, and through</source>
      <translation>Hinaus, herein und durch</translation>
    </message>
    <message>
      <source>Outer string to the end of the fret?</source>
      <translation>Äußere Saite bis zum Ende des Bunds?</translation>
    </message>
    <message>
      <source>Over both its neighbours, {where}.{by_caliper} {certain}</source>
      <translation>Über beiden Nachbarn, {where}.{by_caliper} {certain}</translation>
    </message>
    <message>
      <source>Over the barbs</source>
      <translation>Über die Widerhaken</translation>
    </message>
    <message>
      <source>Over the barbs, how wide?</source>
      <translation>Über die Widerhaken, wie breit?</translation>
    </message>
    <message>
      <source>Over the zero fret</source>
      <translation>Über den Nullbund</translation>
    </message>
    <message>
      <source>Over weeks {moves}.{settles}</source>
      <translation>In Wochen {moves}.{settles}</translation>
    </message>
    <message>
      <source>Over {fret} it {it}.</source>
      <translation>Über {fret}: {it}.</translation>
    </message>
    <message>
      <source>Over {number} years of wear that is {money} a year.</source>
      <translation>Über {number} Jahre Abnutzung sind das {money} im Jahr.</translation>
    </message>
    <message>
      <source>Owner</source>
      <translation>Besitzer</translation>
    </message>
    <message>
      <source>Owner  (+)</source>
      <translation>Besitzer  (+)</translation>
    </message>
    <message>
      <source>Owner {i}</source>
      <translation>Besitzer {i}</translation>
    </message>
    <message>
      <source>Owners</source>
      <translation>Besitzer</translation>
    </message>
    <message>
      <source>Packing</source>
      <translation>Packen</translation>
    </message>
    <message>
      <source>Page Up, Page Down: the stage before, after</source>
      <translation>Bild auf, Bild ab: die Stufe davor, danach</translation>
    </message>
    <message>
      <source>Paper {papers}{finer}: along the fret, then across it, until the marks of the one before are gone; the ends through the same grits. Skip none; what stays in now stays for good.</source>
      <translation>Papier {papers}{finer}: am Bund entlang, dann quer, bis die Spuren des vorigen weg sind; die Enden durch dieselben Körnungen. Keine auslassen; was jetzt bleibt, bleibt.</translation>
    </message>
    <message>
      <source>Papers</source>
      <translation>Papiere</translation>
    </message>
    <message>
      <source>Papers kept with this job</source>
      <translation>Papiere, die mit diesem Auftrag behalten sind</translation>
    </message>
    <message>
      <source>Part of the list of necks can't be read ({error}).</source>
      <translation>Ein Teil der Halsliste kann nicht gelesen werden ({error}).</translation>
    </message>
    <message>
      <source>Part of the list of owners can't be read ({error}).</source>
      <translation>Ein Teil der Besitzerliste kann nicht gelesen werden ({error}).</translation>
    </message>
    <message>
      <source>Part of what the shop has set can't be read ({error}).</source>
      <translation>Ein Teil der Werkstattangaben ist nicht lesbar ({error}).</translation>
    </message>
    <message>
      <source>Passed on. The other frets stay unknown.</source>
      <translation>Weiter. Die übrigen Bünde bleiben unbekannt.</translation>
    </message>
    <message>
      <source>Passed over: the advice goes on what was read before.</source>
      <translation>Übergangen: der Rat geht nach dem, was vorher gemessen war.</translation>
    </message>
    <message>
      <source>Past slack: a rod that bites again is two-way, one that does not after half a turn not.</source>
      <translation>Jenseits von locker: ein Stab, der wieder greift, wirkt beidseitig; einer, der nach einer halben Umdrehung nicht greift, nicht.</translation>
    </message>
    <message>
      <source>Past the joint the board climbs. With high strings and no saddle left the neck angle is at fault.</source>
      <translation>Hinter dem Halsansatz steigt das Brett. Mit hohen Saiten und ohne Rest am Steg ist der Halswinkel schuld.</translation>
    </message>
    <message>
      <source>Past the joint the board falls away: room for the swinging string up there.</source>
      <translation>Hinter dem Halsansatz fällt das Brett ab: Raum für die schwingende Saite dort oben.</translation>
    </message>
    <message>
      <source>Past the joint the wood climbs {size} or more.</source>
      <translation>Hinter dem Halsansatz steigt das Holz um {size} oder mehr.</translation>
    </message>
    <message>
      <source>Past the joint the wood falls.</source>
      <translation>Hinter dem Halsansatz fällt das Holz.</translation>
    </message>
    <message>
      <source>Peel the tape, one light pass at the ends</source>
      <translation>Das Band abziehen, ein leichter Gang an den Enden</translation>
    </message>
    <message>
      <source>Peel the tape, then one light pass of the file over each end with a lip.</source>
      <translation>Das Band abziehen, dann ein leichter Gang der Feile über jedes Ende mit Kante.</translation>
    </message>
    <message>
      <source>Pencil goes first at {first}, last at fret {last}: then stop.</source>
      <translation>Der Bleistift geht zuerst bei {first} weg, zuletzt bei Bund {last}: dann aufhören.</translation>
    </message>
    <message>
      <source>Perhaps: measure again.</source>
      <translation>Vielleicht: noch einmal messen.</translation>
    </message>
    <message>
      <source>Photo</source>
      <translation>Foto</translation>
    </message>
    <message>
      <source>Photo kept with the reading: any key closes it</source>
      <translation>Foto bei der Messung behalten: jede Taste schließt es</translation>
    </message>
    <message>
      <source>Pick a tool by its digit.</source>
      <translation>Ein Werkzeug nach seiner Ziffer nehmen.</translation>
    </message>
    <message>
      <source>Pick one by its number, 1 to {count}.</source>
      <translation>Eine nach Nummer wählen, 1 bis {count}.</translation>
    </message>
    <message>
      <source>Picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>Picture  (.)</source>
      <translation>Bild  (.)</translation>
    </message>
    <message>
      <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
      <translation>Bilder (*.jpg *.jpeg *.png *.webp)</translation>
    </message>
    <message>
      <source>Pictures (*.png)</source>
      <translation>Bilder (*.png)</translation>
    </message>
    <message>
      <source>Pitch less slack, give or take {pull_doubt_mm}. A tone lower: {words}.</source>
      <translation>Gestimmt weniger entspannt, plus oder minus {pull_doubt_mm}. Einen Ton tiefer: {words}.</translation>
    </message>
    <message>
      <source>Plain edge on the board</source>
      <translation>Glattes Lineal auf dem Brett</translation>
    </message>
    <message>
      <source>Plain edge resting on the bare board</source>
      <translation>Glattes Lineal liegt auf dem blanken Brett</translation>
    </message>
    <message>
      <source>Plan new wire</source>
      <translation>Neuen Draht planen</translation>
    </message>
    <message>
      <source>Plan the filing</source>
      <translation>Feilen planen</translation>
    </message>
    <message>
      <source>Plastic that glue won't take in the slot, dust of the same wood packed in, thin glue, again until full; filed flush, 240. A chip the new bead covers may stay.</source>
      <translation>Kunststoff, an dem Kleber nicht hält, in den Schlitz, Staub desselben Holzes hinein, dünner Kleber, noch einmal, bis er voll ist; bündig gefeilt, 240. Ein Ausbruch, den die neue Krone deckt, darf bleiben.</translation>
    </message>
    <message>
      <source>Play</source>
      <translation>Anspielen</translation>
    </message>
    <message>
      <source>Play every note in String room.</source>
      <translation>Jeden Ton in Saitenraum spielen.</translation>
    </message>
    <message>
      <source>Play the outer strings up the neck and push them a little outwards.</source>
      <translation>Die äußeren Saiten den Hals hinauf spielen und sie etwas nach außen drücken.</translation>
    </message>
    <message>
      <source>Play up the neck: * where it buzzes.</source>
      <translation>Den Hals hinauf spielen: * wo es schnarrt.</translation>
    </message>
    <message>
      <source>Player's touch</source>
      <translation>Anschlag des Spielers</translation>
    </message>
    <message>
      <source>Please come back: {come_back}</source>
      <translation>Bitte wiederkommen: {come_back}</translation>
    </message>
    <message>
      <source>Please look it over.</source>
      <translation>Bitte einmal durchsehen.</translation>
    </message>
    <message>
      <source>Please set it up; I play it at pitch.</source>
      <translation>Bitte einrichten; ich spiele es in Normalstimmung.</translation>
    </message>
    <message>
      <source>Please tell us which way you would like, or ring us if anything is unclear.</source>
      <translation>Bitte sagen Sie uns, welchen Weg Sie möchten, oder rufen Sie an, wenn etwas unklar ist.</translation>
    </message>
    <message>
      <source>Plus or minus, and whiskers</source>
      <translation>Plus oder minus, und die Striche</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Punkte</translation>
    </message>
    <message>
      <source>Points of what you played.</source>
      <translation>Punkte dessen, was gespielt wurde.</translation>
    </message>
    <message>
      <source>Polish from {grits} to {grits_2}</source>
      <translation>Polieren von {grits} bis {grits_2}</translation>
    </message>
    <message>
      <source>Posture: press to change</source>
      <translation>Lage: drücken zum Ändern</translation>
    </message>
    <message>
      <source>Practice</source>
      <translation>Üben</translation>
    </message>
    <message>
      <source>Practice can't be kept ({why}).</source>
      <translation>Üben kann nicht behalten werden ({why}).</translation>
    </message>
    <message>
      <source>Practise</source>
      <translation>Üben</translation>
    </message>
    <message>
      <source>Press at 3 and look over 1: the string lay on the fret. Fretted notes of the same string rang clean all along.</source>
      <translation>Am 3. drücken und über den 1. sehen: die Saite lag auf dem Bund. Gegriffene Töne derselben Saite klangen überall sauber.</translation>
    </message>
    <message>
      <source>Press at 3, look at 1 again</source>
      <translation>Am 3. drücken, noch einmal am 1. hinsehen</translation>
    </message>
    <message>
      <source>Press every fret</source>
      <translation>Jeden Bund drücken</translation>
    </message>
    <message>
      <source>Press every fret. Which one moves?</source>
      <translation>Jeden Bund drücken. Welcher bewegt sich?</translation>
    </message>
    <message>
      <source>Press fret {fret} home</source>
      <translation>Bund {fret} einpressen</translation>
    </message>
    <message>
      <source>Press fret {fret}, {where}, {forces}.</source>
      <translation>Bund {fret} pressen, {where}, {forces}.</translation>
    </message>
    <message>
      <source>Press home</source>
      <translation>Einpressen</translation>
    </message>
    <message>
      <source>Press it again: all necks go back to that day; today's state becomes a copy.</source>
      <translation>Noch einmal drücken: alle Hälse gehen auf diesen Tag zurück; der heutige Stand wird eine Kopie.</translation>
    </message>
    <message>
      <source>Press it again: name, address, words and letters go, also from the copies.</source>
      <translation>Noch einmal drücken: Name, Anschrift, Worte und Briefe gehen, auch aus den Kopien.</translation>
    </message>
    <message>
      <source>Press it again: what can't go to the server is gone then.</source>
      <translation>Noch einmal drücken: Was nicht auf den Server kann, ist dann weg.</translation>
    </message>
    <message>
      <source>Press it at (0: the joint)</source>
      <translation>Niederdrücken an (0: Halsansatz)</translation>
    </message>
    <message>
      <source>Press it home first: it may only have sprung. Then let it in, or a few strokes on it alone; it is not levelled with the others.</source>
      <translation>Erst einpressen: er hat sich vielleicht nur gelöst. Dann einlassen, oder ein paar Striche nur an ihm; mit den anderen wird er nicht abgerichtet.</translation>
    </message>
    <message>
      <source>Press the button of the stand-in gauge</source>
      <translation>Den Knopf der Ersatzuhr drücken</translation>
    </message>
    <message>
      <source>Press {frets} home, then read again.</source>
      <translation>Einpressen: {frets}, dann neu messen.</translation>
    </message>
    <message>
      <source>Pressed at 3 the string should all but rest on fret 1. Too high plays sharp in the first frets.</source>
      <translation>Am 3. gedrückt soll die Saite auf dem 1. Bund eben noch nicht liegen. Zu hoch klingt in den ersten Bünden zu hoch.</translation>
    </message>
    <message>
      <source>Pressed at 3, a look over 1; or the open strings, played.</source>
      <translation>Am 3. gedrückt, ein Blick über den 1.; oder die leeren Saiten gespielt.</translation>
    </message>
    <message>
      <source>Pressed at 3, the string all but resting on fret 1 would change it.</source>
      <translation>Am 3. gedrückt: läge die Saite fast auf dem 1. Bund, änderte das es.</translation>
    </message>
    <message>
      <source>Pressed behind fret 3, less than {size} is left over fret 1.</source>
      <translation>Hinter dem 3. Bund gedrückt, bleibt über dem 1. Bund weniger als {size}.</translation>
    </message>
    <message>
      <source>Pressed behind fret 3, more than {size} is left over fret 1.</source>
      <translation>Hinter dem 3. Bund gedrückt, bleibt über dem 1. Bund mehr als {size}.</translation>
    </message>
    <message>
      <source>Pressed too deep</source>
      <translation>Zu tief gepresst</translation>
    </message>
    <message>
      <source>Pressing cauls</source>
      <translation>Presszulagen</translation>
    </message>
    <message>
      <source>Pressure</source>
      <translation>Druck</translation>
    </message>
    <message>
      <source>Pretty frets on an uneven board are work done twice. Whoever crowns before the edge has lain on the neck crowns again.</source>
      <translation>Hübsche Bünde auf ungleichem Brett sind doppelte Arbeit. Wer verrundet, bevor das Lineal auf dem Hals lag, verrundet noch einmal.</translation>
    </message>
    <message>
      <source>Price</source>
      <translation>Preis</translation>
    </message>
    <message>
      <source>Price against what is gained</source>
      <translation>Preis gegen das, was gewonnen wird</translation>
    </message>
    <message>
      <source>Price beside worth</source>
      <translation>Preis neben Wert</translation>
    </message>
    <message>
      <source>Price of a metre</source>
      <translation>Preis je Meter</translation>
    </message>
    <message>
      <source>Prices</source>
      <translation>Preise</translation>
    </message>
    <message>
      <source>Print</source>
      <translation>Drucken</translation>
    </message>
    <message>
      <source>Print the lists</source>
      <translation>Listen drucken</translation>
    </message>
    <message>
      <source>Progress</source>
      <translation>Fortschritt</translation>
    </message>
    <message>
      <source>Progress of the round</source>
      <translation>Fortschritt der Runde</translation>
    </message>
    <message>
      <source>Promise and result</source>
      <translation>Versprechen und Ergebnis</translation>
    </message>
    <message>
      <source>Promised</source>
      <translation>Versprochen</translation>
    </message>
    <message>
      <source>Promised for {day}.</source>
      <translation>Versprochen für {day}.</translation>
    </message>
    <message>
      <source>Prompt</source>
      <translation>Frage</translation>
    </message>
    <message>
      <source>Prove</source>
      <translation>Prüfen</translation>
    </message>
    <message>
      <source>Prove holds promise and result side by side.</source>
      <translation>Prüfen stellt Versprechen und Ergebnis nebeneinander.</translation>
    </message>
    <message>
      <source>Pull every fret from low to high</source>
      <translation>Jeden Bund von tief bis hoch ziehen</translation>
    </message>
    <message>
      <source>Pull fret {fret}.</source>
      <translation>Bund {fret} ziehen.</translation>
    </message>
    <message>
      <source>Pull this fret</source>
      <translation>Diesen Bund ziehen</translation>
    </message>
    <message>
      <source>Pull {listed_frets}</source>
      <translation>Ziehen: {listed_frets}</translation>
    </message>
    <message>
      <source>Pulled with</source>
      <translation>Gezogen mit</translation>
    </message>
    <message>
      <source>Put all of it back</source>
      <translation>Alles zurücklegen</translation>
    </message>
    <message>
      <source>Put back; today's is {all_back}.</source>
      <translation>Zurückgelegt; der heutige ist {all_back}.</translation>
    </message>
    <message>
      <source>Put it on</source>
      <translation>Aufziehen</translation>
    </message>
    <message>
      <source>Put this neck back</source>
      <translation>Diesen Hals zurücklegen</translation>
    </message>
    <message>
      <source>Putting the readings together</source>
      <translation>Die Messungen werden zusammengesetzt</translation>
    </message>
    <message>
      <source>Question {now} of {number}</source>
      <translation>Frage {now} von {number}</translation>
    </message>
    <message>
      <source>Quick look</source>
      <translation>Kurzer Blick</translation>
    </message>
    <message>
      <source>Quiet the hardware</source>
      <translation>Mechanik beruhigen</translation>
    </message>
    <message>
      <source>Quote</source>
      <translation>Angebot</translation>
    </message>
    <message>
      <source>Quote this</source>
      <translation>Dies anbieten</translation>
    </message>
    <message>
      <source>Quoted and frozen; Papers has the page for it.</source>
      <translation>Angeboten und festgeschrieben; Papiere hat die Seite dafür.</translation>
    </message>
    <message>
      <source>Radius at the end, if other</source>
      <translation>Radius am Ende, wenn anders</translation>
    </message>
    <message>
      <source>Radius gauge that shows no light?</source>
      <translation>Radiuslehre ohne Licht?</translation>
    </message>
    <message>
      <source>Rags soaked in drying oils can light by themselves: dry them flat outdoors, or under water in a lidded tin.</source>
      <translation>Lappen mit trocknendem Öl können sich selbst entzünden: flach im Freien trocknen, oder unter Wasser in einer Dose mit Deckel.</translation>
    </message>
    <message>
      <source>Raise the strings: {parts}. A gauge under each string, not the outer two only.</source>
      <translation>Die Saiten heben: {parts}. Eine Lehre unter jede Saite, nicht nur die äußeren zwei.</translation>
    </message>
    <message>
      <source>Raise the supports until the dial reads zero</source>
      <translation>Die Stützen heben, bis die Messuhr null zeigt</translation>
    </message>
    <message>
      <source>Read a tone too low</source>
      <translation>Einen Ton zu tief gemessen</translation>
    </message>
    <message>
      <source>Read again before crowning</source>
      <translation>Vor dem Verrunden neu messen</translation>
    </message>
    <message>
      <source>Read before stripping</source>
      <translation>Vor dem Ausbau messen</translation>
    </message>
    <message>
      <source>Read first</source>
      <translation>Erst messen</translation>
    </message>
    <message>
      <source>Read it again strung up, before nut and saddle are set.</source>
      <translation>Besaitet neu messen, bevor Sattel und Steg eingestellt werden.</translation>
    </message>
    <message>
      <source>Read it now  (- goes on unread)</source>
      <translation>Jetzt messen  (- geht ungemessen weiter)</translation>
    </message>
    <message>
      <source>Read it, decide, work, and make every note ring clean at the wanted height.</source>
      <translation>Vermessen, entscheiden, arbeiten, bis jeder Ton bei der gewünschten Höhe sauber klingt.</translation>
    </message>
    <message>
      <source>Read next</source>
      <translation>Als Nächstes messen</translation>
    </message>
    <message>
      <source>Read off the map, which holds all readings together; the range holds nine in ten.</source>
      <translation>Von der Karte gelesen, die alle Messungen zusammenhält; der Bereich hält neun von zehn Mal.</translation>
    </message>
    <message>
      <source>Read on in Measure</source>
      <translation>In Messen weitermessen</translation>
    </message>
    <message>
      <source>Read the bare board</source>
      <translation>Das blanke Brett messen</translation>
    </message>
    <message>
      <source>Read the bow so far</source>
      <translation>Die bisherige Biegung messen</translation>
    </message>
    <message>
      <source>Read the new tops</source>
      <translation>Die neuen Kuppen messen</translation>
    </message>
    <message>
      <source>Read the relief again</source>
      <translation>Die Krümmung noch einmal messen</translation>
    </message>
    <message>
      <source>Read the relief strung up</source>
      <translation>Die Krümmung besaitet messen</translation>
    </message>
    <message>
      <source>Read the string heights again</source>
      <translation>Die Saitenlage noch einmal messen</translation>
    </message>
    <message>
      <source>Read the trued board</source>
      <translation>Das begradigte Brett messen</translation>
    </message>
    <message>
      <source>Read this next</source>
      <translation>Als Nächstes messen</translation>
    </message>
    <message>
      <source>Read {listed}.</source>
      <translation>Messen: {listed}.</translation>
    </message>
    <message>
      <source>Read, rocking, or not spoken of yet.</source>
      <translation>Gemessen, wippend oder noch nicht besprochen.</translation>
    </message>
    <message>
      <source>Reading row {row:,} of {name}</source>
      <translation>Zeile {row:,} von {name} wird gelesen</translation>
    </message>
    <message>
      <source>Reading what comes in</source>
      <translation>Lesen, was hereinkommt</translation>
    </message>
    <message>
      <source>Readings for it</source>
      <translation>Messungen dafür</translation>
    </message>
    <message>
      <source>Readings written down: {readings}. {minutes:.0f} minutes of hands, {days:.1f} days.</source>
      <translation>Aufgeschriebene Messungen: {readings}. {minutes:.0f} Minuten Hände, {days:.1f} Tage.</translation>
    </message>
    <message>
      <source>Ready by</source>
      <translation>Fertig bis</translation>
    </message>
    <message>
      <source>Ready likely {likely}, nine times in ten by {by}.</source>
      <translation>Fertig wahrscheinlich {likely}, neun von zehn Mal bis {by}.</translation>
    </message>
    <message>
      <source>Reason to go on</source>
      <translation>Grund, weiterzumachen</translation>
    </message>
    <message>
      <source>Reckoned</source>
      <translation>Gerechnet</translation>
    </message>
    <message>
      <source>Reckoned from the air, {moisture_percent:.0f} to {moisture_percent_2:.0f} % moisture, between {least} and {most}: {what}.</source>
      <translation>Aus der Luft gerechnet, {moisture_percent:.0f} auf {moisture_percent_2:.0f} % Feuchte, zwischen {least} und {most}: {what}.</translation>
    </message>
    <message>
      <source>Refer it</source>
      <translation>Weitergeben</translation>
    </message>
    <message>
      <source>Refused</source>
      <translation>Abgelehnt</translation>
    </message>
    <message>
      <source>Refused, written down.</source>
      <translation>Abgelehnt, aufgeschrieben.</translation>
    </message>
    <message>
      <source>Relief</source>
      <translation>Halskrümmung</translation>
    </message>
    <message>
      <source>Relief against the wood's moisture as a straight line.</source>
      <translation>Halskrümmung gegen die Feuchte des Holzes als gerade Linie.</translation>
    </message>
    <message>
      <source>Relief and tops as they shall be: both move the strings.</source>
      <translation>Krümmung und Kuppen wie sie sein sollen: beide bewegen die Saiten.</translation>
    </message>
    <message>
      <source>Relief and tops ask for nothing; the string height does.</source>
      <translation>Krümmung und Kuppen verlangen nichts; die Saitenlage schon.</translation>
    </message>
    <message>
      <source>Relief at pitch</source>
      <translation>Halskrümmung gestimmt</translation>
    </message>
    <message>
      <source>Relief at pitch is not known yet.</source>
      <translation>Die Krümmung gestimmt ist noch nicht bekannt.</translation>
    </message>
    <message>
      <source>Relief at pitch less relief slack, by this neck's own readings.</source>
      <translation>Halskrümmung gestimmt weniger entspannt, nach den Messungen dieses Halses.</translation>
    </message>
    <message>
      <source>Relief at pitch over the moves, {value}</source>
      <translation>Krümmung gestimmt über die Züge, {value}</translation>
    </message>
    <message>
      <source>Relief at pitch {length}, {where}, give or take {length_2}: {state}.</source>
      <translation>Krümmung gestimmt {length}, {where}, plus oder minus {length_2}: {state}.</translation>
    </message>
    <message>
      <source>Relief before and after each move, over the turns between them.</source>
      <translation>Halskrümmung vor und nach jedem Zug, durch die Umdrehungen dazwischen.</translation>
    </message>
    <message>
      <source>Relief filed into the tops</source>
      <translation>Krümmung, in die Kuppen gefeilt</translation>
    </message>
    <message>
      <source>Relief follows the new pull over hours and days.</source>
      <translation>Die Krümmung folgt dem neuen Zug über Stunden und Tage.</translation>
    </message>
    <message>
      <source>Relief for this touch: {even_words}.</source>
      <translation>Krümmung für diesen Anschlag: {even_words}.</translation>
    </message>
    <message>
      <source>Relief is already as wanted: {length}.</source>
      <translation>Die Krümmung ist schon wie gewünscht: {length}.</translation>
    </message>
    <message>
      <source>Relief is read with the strings at pitch. Enter when it is so.</source>
      <translation>Die Krümmung wird mit gestimmten Saiten gemessen. Enter, wenn es so ist.</translation>
    </message>
    <message>
      <source>Relief is the answer of the neck to its strings, and strings that are down pull less. A rod set on such a reading is wrong as soon as the neck is tuned.</source>
      <translation>Die Krümmung ist die Antwort des Halses auf seine Saiten, und herabgestimmte ziehen weniger. Ein nach solcher Messung gestellter Stab ist falsch, sobald gestimmt wird.</translation>
    </message>
    <message>
      <source>Relief lacking over what this rod does a turn, by its own answers; a quarter turn at most, less what wood goes on to do within a week.</source>
      <translation>Was an Krümmung fehlt, durch das, was dieser Stab je Umdrehung tut, nach seinen eigenen Antworten; höchstens eine Viertelumdrehung, weniger das, was Holz in einer Woche weiter tut.</translation>
    </message>
    <message>
      <source>Relief of the bass side less that of the treble side.</source>
      <translation>Halskrümmung der Bassseite weniger die der hohen.</translation>
    </message>
    <message>
      <source>Relief off and frets even: the rod, by quarter turns at most; no rod turns under a stop.</source>
      <translation>Krümmung daneben und Bünde gleich: der Stab, höchstens um Vierteldrehungen; unter einem Halt dreht sich kein Stab.</translation>
    </message>
    <message>
      <source>Relief on such a scale is usually {usual:.2f} to {usual_2:.2f} mm.</source>
      <translation>Auf so einer Mensur sind {usual:.2f} bis {usual_2:.2f} mm Krümmung üblich.</translation>
    </message>
    <message>
      <source>Relief on the treble side, if other</source>
      <translation>Halskrümmung der Diskantseite, wenn anders</translation>
    </message>
    <message>
      <source>Relief to aim at</source>
      <translation>Angestrebte Krümmung</translation>
    </message>
    <message>
      <source>Relief wanted</source>
      <translation>Gewünschte Halskrümmung</translation>
    </message>
    <message>
      <source>Relief wanted is now {even_words}.</source>
      <translation>Gewünschte Krümmung ist jetzt {even_words}.</translation>
    </message>
    <message>
      <source>Relief {both}, strings at pitch.</source>
      <translation>Krümmung {both}, Saiten gestimmt.</translation>
    </message>
    <message>
      <source>Relief {mm}, give or take {doubt_mm}</source>
      <translation>Krümmung {mm}, plus oder minus {doubt_mm}</translation>
    </message>
    <message>
      <source>Relief {said}{where}: {is_what}</source>
      <translation>Krümmung {said}{where}: {is_what}</translation>
    </message>
    <message>
      <source>Relief{side} from {now_mm} to about {after_mm}, between {low} and {high}{later}.</source>
      <translation>Krümmung{side} von {now_mm} auf etwa {after_mm}, zwischen {low} und {high}{later}.</translation>
    </message>
    <message>
      <source>Resting</source>
      <translation>Ruht</translation>
    </message>
    <message>
      <source>Result</source>
      <translation>Ergebnis</translation>
    </message>
    <message>
      <source>Retuned? </source>
      <translation>Nachgestimmt? </translation>
    </message>
    <message>
      <source>Reveal</source>
      <translation>Auflösung</translation>
    </message>
    <message>
      <source>Right, if the open string rings clean; if it buzzes there it is low, and can pass for back bow.</source>
      <translation>Richtig, wenn die leere Saite sauber klingt; schnarrt sie dort, ist er zu tief, was für Rückbiegung gehalten werden kann.</translation>
    </message>
    <message>
      <source>Ring</source>
      <translation>Ring</translation>
    </message>
    <message>
      <source>Ring, square</source>
      <translation>Ring, Quadrat</translation>
    </message>
    <message>
      <source>Rocker</source>
      <translation>Wippe</translation>
    </message>
    <message>
      <source>Rocker and relief tell.</source>
      <translation>Wippe und Krümmung sagen es.</translation>
    </message>
    <message>
      <source>Rocker edges</source>
      <translation>Wippenkanten</translation>
    </message>
    <message>
      <source>Rocker every few strokes. Stop when the rocker is still and the ink just gone; check unloaded.</source>
      <translation>Alle paar Striche die Wippe. Aufhören, wenn sie still ist und die Farbe eben weg; entlastet prüfen.</translation>
    </message>
    <message>
      <source>Rocker half-way</source>
      <translation>Wippe zwischendurch</translation>
    </message>
    <message>
      <source>Rocker lengths as a table</source>
      <translation>Wippenlängen als Tabelle</translation>
    </message>
    <message>
      <source>Rocker over the seated frets</source>
      <translation>Wippe über die eingepressten Bünde</translation>
    </message>
    <message>
      <source>Rocker over three lanes, the dip, flats and crowns: the round After levelling. No crown is rounded before the tops hold.</source>
      <translation>Wippe über drei Spuren, die Senke, Flächen und Kronen: die Runde „Nach dem Abrichten“. Keine Krone wird gerundet, bevor die Kuppen stimmen.</translation>
    </message>
    <message>
      <source>Rocker pass</source>
      <translation>Wippengang</translation>
    </message>
    <message>
      <source>Rocker table</source>
      <translation>Wippentabelle</translation>
    </message>
    <message>
      <source>Rocks</source>
      <translation>Wippen</translation>
    </message>
    <message>
      <source>Rocks that may stay</source>
      <translation>Wippen, das bleiben darf</translation>
    </message>
    <message>
      <source>Rod</source>
      <translation>Stab</translation>
    </message>
    <message>
      <source>Rod and setup</source>
      <translation>Stab und Einrichtung</translation>
    </message>
    <message>
      <source>Rod first: {length} {way} than now.</source>
      <translation>Erst der Stab: {length} {way} als jetzt.</translation>
    </message>
    <message>
      <source>Rod fitting, or the board off and the neck trued: no rod, and more bow than frets should pay for. For the quote: relief at pitch and slack, board thickness, wood, scale.</source>
      <translation>Stab einbauen, oder Brett ab und Hals begradigt: kein Stab, und mehr Biegung, als Bünde bezahlen sollen. Für das Angebot: Krümmung gestimmt und entspannt, Dicke des Bretts, Holz, Mensur.</translation>
    </message>
    <message>
      <source>Rod key</source>
      <translation>Stabschlüssel</translation>
    </message>
    <message>
      <source>Rod nut</source>
      <translation>Stabmutter</translation>
    </message>
    <message>
      <source>Rod only</source>
      <translation>Nur der Stab</translation>
    </message>
    <message>
      <source>Rod replacement: the rod is spent and the relief far over. For the quote: rod log, relief at pitch and slack, board thickness.</source>
      <translation>Stab ersetzen: der Stab ist ausgereizt und die Krümmung weit darüber. Für das Angebot: Stabzüge, Krümmung gestimmt und entspannt, Dicke des Bretts.</translation>
    </message>
    <message>
      <source>Rod straight, strings off: strung up {length}, give or take {length_2}, then the rod.</source>
      <translation>Stab gerade, Saiten ab: besaitet {length}, plus oder minus {length_2}, dann der Stab.</translation>
    </message>
    <message>
      <source>Rod: key and trace. Press to see the key from the other end.</source>
      <translation>Stab: Schlüssel und Spur. Drücken zeigt den Schlüssel vom anderen Ende.</translation>
    </message>
    <message>
      <source>Roll the edge of the board</source>
      <translation>Die Kante des Bretts brechen</translation>
    </message>
    <message>
      <source>Room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <source>Room of a note</source>
      <translation>Raum eines Tons</translation>
    </message>
    <message>
      <source>Room of the string over the fret it would touch first. Minus is a buzz.</source>
      <translation>Raum der Saite über dem Bund, den sie zuerst berühren würde. Minus ist ein Schnarren.</translation>
    </message>
    <message>
      <source>Room, string {strings}</source>
      <translation>Raum, Saite {strings}</translation>
    </message>
    <message>
      <source>Room. How warm, in degrees Celsius?</source>
      <translation>Raum. Wie warm, in Grad Celsius?</translation>
    </message>
    <message>
      <source>Room. Relative humidity, in percent?</source>
      <translation>Raum. Relative Luftfeuchte, in Prozent?</translation>
    </message>
    <message>
      <source>Round done.</source>
      <translation>Runde fertig.</translation>
    </message>
    <message>
      <source>Round the ends</source>
      <translation>Die Enden verrunden</translation>
    </message>
    <message>
      <source>Round the ends by a hair</source>
      <translation>Die Enden um ein Haar runden</translation>
    </message>
    <message>
      <source>Round the flats of {named} from the shoulders: no height is lost.</source>
      <translation>Die Flächen von {named} von den Schultern runden: keine Höhe geht verloren.</translation>
    </message>
    <message>
      <source>Rows</source>
      <translation>Zeilen</translation>
    </message>
    <message>
      <source>Rule</source>
      <translation>Regel</translation>
    </message>
    <message>
      <source>Rule at a string</source>
      <translation>Maßstab an einer Saite</translation>
    </message>
    <message>
      <source>Rule at the string</source>
      <translation>Maßstab an der Saite</translation>
    </message>
    <message>
      <source>Saddle</source>
      <translation>Steg</translation>
    </message>
    <message>
      <source>Saddle above its slot or the top?</source>
      <translation>Steg über Nut oder Decke?</translation>
    </message>
    <message>
      <source>Said</source>
      <translation>Gesagt</translation>
    </message>
    <message>
      <source>Salvage stopped ({strerror}).</source>
      <translation>Das Bergen hielt an ({strerror}).</translation>
    </message>
    <message>
      <source>Sand the wood from low to high</source>
      <translation>Das Holz von tief bis hoch schleifen</translation>
    </message>
    <message>
      <source>Save</source>
      <translation>Sichern</translation>
    </message>
    <message>
      <source>Save with its truth</source>
      <translation>Mit der Wahrheit sichern</translation>
    </message>
    <message>
      <source>Saved as {name}, its truth beside it as {name_2}.</source>
      <translation>Gesichert als {name}, die Wahrheit daneben als {name_2}.</translation>
    </message>
    <message>
      <source>Saw the empty slots deeper</source>
      <translation>Die leeren Schlitze tiefer sägen</translation>
    </message>
    <message>
      <source>Scale length</source>
      <translation>Mensur</translation>
    </message>
    <message>
      <source>Scale length, frets and joint are enough. Lengths take any unit of a bench.</source>
      <translation>Mensur, Bünde und Halsansatz genügen. Längen nehmen jede Einheit der Werkbank.</translation>
    </message>
    <message>
      <source>Scraped clean, first stroke backwards; sawn {deep}, {stop}; top edges chamfered. A piece of this run tried in each: * shallow, + tight, - loose. Loose ones get a fatter tang before anything is bent.</source>
      <translation>Sauber gekratzt, erster Strich rückwärts; gesägt {deep}, {stop}; obere Kanten gefast. In jedem ein Stück dieser Lieferung versucht: * flach, + stramm, - lose. Lose bekommen einen dickeren Fuß, bevor etwas gebogen wird.</translation>
    </message>
    <message>
      <source>Seat first</source>
      <translation>Erst einpressen</translation>
    </message>
    <message>
      <source>Seat {frets} first: a file would only hold it down.</source>
      <translation>Erst einpressen: {frets}. Eine Feile hielte sie nur nieder.</translation>
    </message>
    <message>
      <source>See how much of the new wire ended as dust.</source>
      <translation>Sehen, wie viel vom neuen Draht als Staub endete.</translation>
    </message>
    <message>
      <source>See photo</source>
      <translation>Foto sehen</translation>
    </message>
    <message>
      <source>See to the rod nut</source>
      <translation>Stabmutter richten</translation>
    </message>
    <message>
      <source>See which fret the edge stood on. The scale cut into the edge must be the scale of the neck.</source>
      <translation>Sehen, auf welchem Bund das Lineal stand. Die ins Lineal geschnittene Mensur muss die des Halses sein.</translation>
    </message>
    <message>
      <source>See which frets choked the notes, and how much was taken from the others.</source>
      <translation>Sehen, welche Bünde die Töne erstickten und wie viel von den anderen genommen wurde.</translation>
    </message>
    <message>
      <source>Seen from the {where}: {told}. Relief: {trail}</source>
      <translation>Gesehen von: {where}. {told}. Krümmung: {trail}</translation>
    </message>
    <message>
      <source>Set the neck by the rod</source>
      <translation>Den Hals mit dem Stab einstellen</translation>
    </message>
    <message>
      <source>Set the neck in its jig</source>
      <translation>Den Hals in die Vorrichtung spannen</translation>
    </message>
    <message>
      <source>Set the nut</source>
      <translation>Den Sattel einstellen</translation>
    </message>
    <message>
      <source>Set the saddle</source>
      <translation>Den Steg einstellen</translation>
    </message>
    <message>
      <source>Set the {strings} wood to {length} of {what}: {turned}.</source>
      <translation>Das Holz ({strings}) auf {length} {what} stellen: {turned}.</translation>
    </message>
    <message>
      <source>Set the {tool} to what it does</source>
      <translation>{tool} auf das einstellen, was es tut</translation>
    </message>
    <message>
      <source>Set. Readings from now on are trusted so far; My tools shows it.</source>
      <translation>Eingestellt. Messungen gelten von jetzt an so genau; Werkzeuge zeigt es.</translation>
    </message>
    <message>
      <source>Shallow grooves stay, so that the frets stay tall enough.</source>
      <translation>Flache Kerben bleiben, damit die Bünde hoch genug bleiben.</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>Sharp fret ends</source>
      <translation>Scharfe Bundenden</translation>
    </message>
    <message>
      <source>Shelf</source>
      <translation>Regal</translation>
    </message>
    <message>
      <source>Shims found</source>
      <translation>Unterlagen gefunden</translation>
    </message>
    <message>
      <source>Short leveller</source>
      <translation>Kurzer Abrichter</translation>
    </message>
    <message>
      <source>Short stone along the string line, light hand. {stop}</source>
      <translation>Kurzer Stein die Saitenlinie entlang, leichte Hand. {stop}</translation>
    </message>
    <message>
      <source>Sight along</source>
      <translation>Entlangsehen</translation>
    </message>
    <message>
      <source>Since then this has changed: we would now do {named}, for about {money}. Nothing more is done or charged before you have agreed to it.</source>
      <translation>Seitdem hat sich dies geändert: Wir würden jetzt {named}, für etwa {money}. Mehr wird erst getan und berechnet, wenn Sie zugestimmt haben.</translation>
    </message>
    <message>
      <source>Slack and as it lies, held as when played; nothing bends it while it is filed.</source>
      <translation>Entspannt und wie er liegt, gehalten wie beim Spielen; nichts biegt ihn beim Feilen.</translation>
    </message>
    <message>
      <source>Slack it is bowed back: {mm}</source>
      <translation>Entspannt biegt er sich zurück: {mm}</translation>
    </message>
    <message>
      <source>Slacken evenly. The dial moves as the neck springs back.</source>
      <translation>Gleichmäßig entspannen. Die Messuhr geht, wie der Hals zurückfedert.</translation>
    </message>
    <message>
      <source>Slacken the strings</source>
      <translation>Die Saiten entspannen</translation>
    </message>
    <message>
      <source>Slacken the strings first. </source>
      <translation>Erst die Saiten entspannen. </translation>
    </message>
    <message>
      <source>Slacken the strings. * when they hang.</source>
      <translation>Saiten entspannen. *, wenn sie lose hängen.</translation>
    </message>
    <message>
      <source>Slips of paper for leaves, a cut edge, a short one for a rocker, your ears. Make it play.</source>
      <translation>Papierstreifen als Blätter, eine geschnittene Kante, eine kurze als Wippe, die Ohren. Zum Spielen bringen.</translation>
    </message>
    <message>
      <source>Slot and tang are measured before the first fret goes in.</source>
      <translation>Schlitz und Fuß werden gemessen, bevor der erste Bund hineingeht.</translation>
    </message>
    <message>
      <source>Slots</source>
      <translation>Schlitze</translation>
    </message>
    <message>
      <source>Slots against the tang</source>
      <translation>Schlitze gegen den Fuß</translation>
    </message>
    <message>
      <source>Slots follow the new height: press at 3, look at 1. A temporary shim out, the nut back with a drop of glue only; saddle as New wire says.</source>
      <translation>Kerben folgen der neuen Höhe: am 3. drücken, am 1. hinsehen. Vorläufige Unterlage heraus, Sattel nur mit einem Tropfen Kleber zurück; Steg, wie „Neuer Draht“ sagt.</translation>
    </message>
    <message>
      <source>Slots shallower than the tang</source>
      <translation>Schlitze flacher als der Fuß</translation>
    </message>
    <message>
      <source>Slots to be sawn deeper after it: {frets}.</source>
      <translation>Danach tiefer zu sägende Schlitze: {frets}.</translation>
    </message>
    <message>
      <source>Slots: {does}.</source>
      <translation>Schlitze: {does}.</translation>
    </message>
    <message>
      <source>Snipped wire flies: glasses. Hot tools burn and lift finishes; dust of dark woods.</source>
      <translation>Abgezwickter Draht fliegt: Brille. Heiße Werkzeuge brennen und heben Lack; Staub dunkler Hölzer.</translation>
    </message>
    <message>
      <source>So far</source>
      <translation>Bisher</translation>
    </message>
    <message>
      <source>So worked the tool takes {more} more than the plan: lean where the plan is deepest.</source>
      <translation>So geführt nimmt das Werkzeug {more} mehr als der Plan: dort aufdrücken, wo der Plan am tiefsten geht.</translation>
    </message>
    <message>
      <source>So worked, {frets} would keep its ink when another has no metal left: lean where the plan is deepest.</source>
      <translation>So geführt behielte {frets} die Farbe, wenn ein anderer kein Metall mehr hat: dort aufdrücken, wo der Plan am tiefsten geht.</translation>
    </message>
    <message>
      <source>Solved</source>
      <translation>Gelöst</translation>
    </message>
    <message>
      <source>Solvents burn and their fumes do harm: open air, gloves, no flame; they take finish and binding with them.</source>
      <translation>Lösemittel brennen und ihre Dämpfe schaden: offene Luft, Handschuhe, keine Flamme; Lack und Binding nehmen sie mit.</translation>
    </message>
    <message>
      <source>Some fingerboard woods and shell are protected: selling or shipping may need papers; see local rules.</source>
      <translation>Manche Griffbretthölzer und Muschelschalen sind geschützt: Verkauf oder Versand kann Papiere brauchen; siehe örtliche Regeln.</translation>
    </message>
    <message>
      <source>Some frets are replaced, and brought to the height of the others.</source>
      <translation>Einige Bünde werden ersetzt und auf die Höhe der anderen gebracht.</translation>
    </message>
    <message>
      <source>Some frets rock.</source>
      <translation>Einige Bünde wippen.</translation>
    </message>
    <message>
      <source>Some new wire</source>
      <translation>Etwas neuer Draht</translation>
    </message>
    <message>
      <source>Somebody levelled it and left the tops flat.</source>
      <translation>Jemand hat abgerichtet und die Kuppen flach gelassen.</translation>
    </message>
    <message>
      <source>Something was said of every fret here already.</source>
      <translation>Zu jedem Bund ist hier schon etwas gesagt.</translation>
    </message>
    <message>
      <source>Sound: press to turn on or off</source>
      <translation>Ton: drücken zum An- oder Abschalten</translation>
    </message>
    <message>
      <source>Space</source>
      <translation>Leertaste</translation>
    </message>
    <message>
      <source>Space: {unit} from now on</source>
      <translation>Leertaste: ab jetzt {unit}</translation>
    </message>
    <message>
      <source>Spare</source>
      <translation>Schonen</translation>
    </message>
    <message>
      <source>Specialist work</source>
      <translation>Fachwerkstatt</translation>
    </message>
    <message>
      <source>Spot-level</source>
      <translation>Einzeln abrichten</translation>
    </message>
    <message>
      <source>Stage {name}</source>
      <translation>Stufe {name}</translation>
    </message>
    <message>
      <source>Stands high. Slate, hollow: lies low.</source>
      <translation>Steht hoch. Schiefer, hohl: liegt tief.</translation>
    </message>
    <message>
      <source>Steps</source>
      <translation>Schritte</translation>
    </message>
    <message>
      <source>Stick</source>
      <translation>Stange</translation>
    </message>
    <message>
      <source>Stick, mm</source>
      <translation>Stange, mm</translation>
    </message>
    <message>
      <source>Stiff at the first loosening: that may be no more than old glue. Strings slack, a drop of grease at the nut, an eighth back and forth; if it does not come free, stop.</source>
      <translation>Schwer beim ersten Lösen: das kann bloß alter Leim sein. Saiten entspannt, ein Tropfen Fett an die Mutter, ein Achtel hin und her; kommt er nicht frei, aufhören.</translation>
    </message>
    <message>
      <source>Still the matter</source>
      <translation>Was noch fehlt</translation>
    </message>
    <message>
      <source>Still to go</source>
      <translation>Noch zu tun</translation>
    </message>
    <message>
      <source>Still to go by the plan {by_plan}, by the map now {metal_mm}: a rocker pass makes it sure.</source>
      <translation>Nach dem Plan noch {by_plan}, nach der Karte jetzt {metal_mm}: ein Wippengang macht es sicher.</translation>
    </message>
    <message>
      <source>Stop at the right stroke</source>
      <translation>Beim richtigen Strich aufhören</translation>
    </message>
    <message>
      <source>Stop turning</source>
      <translation>Nicht weiter drehen</translation>
    </message>
    <message>
      <source>Stopped. Nothing was taken in.</source>
      <translation>Angehalten. Nichts wurde aufgenommen.</translation>
    </message>
    <message>
      <source>Stopped. The readings are kept; strike some that no longer matter, or open the neck again to have another try.</source>
      <translation>Angehalten. Die Messungen sind behalten; streichen, was nicht mehr gilt, oder den Hals neu öffnen und es noch einmal versuchen.</translation>
    </message>
    <message>
      <source>Straight edge on the tops</source>
      <translation>Lineal auf den Kuppen</translation>
    </message>
    <message>
      <source>Straight edges</source>
      <translation>Lineale</translation>
    </message>
    <message>
      <source>String</source>
      <translation>Saite</translation>
    </message>
    <message>
      <source>String height</source>
      <translation>Saitenlage</translation>
    </message>
    <message>
      <source>String height at fret {fret}: {height} on the bass side, {height_2} on the treble side.</source>
      <translation>Saitenlage am {fret}. Bund: {height} auf der Bassseite, {height_2} auf der Diskantseite.</translation>
    </message>
    <message>
      <source>String height, bass side</source>
      <translation>Saitenlage, Bassseite</translation>
    </message>
    <message>
      <source>String height, treble side</source>
      <translation>Saitenlage, Diskantseite</translation>
    </message>
    <message>
      <source>String heights come after relief and tops: saddle, then the neck's tilt, then its angle.</source>
      <translation>Die Saitenlage kommt nach Krümmung und Kuppen: Steg, dann Neigung des Halses, dann sein Winkel.</translation>
    </message>
    <message>
      <source>String heights not read: {{}} and {{}} over fret {fret}.</source>
      <translation>Saitenlage nicht gemessen: {{}} und {{}} am {fret}. Bund.</translation>
    </message>
    <message>
      <source>String heights, on every page</source>
      <translation>Saitenlage, auf jeder Seite</translation>
    </message>
    <message>
      <source>String list: {error}.</source>
      <translation>Saitenliste: {error}.</translation>
    </message>
    <message>
      <source>String list: {grams_per_m:g} g a metre is not possible for a string of {gauge_mm:g} mm.</source>
      <translation>Saitenliste: {grams_per_m:g} g je Meter sind für eine Saite von {gauge_mm:g} mm nicht möglich.</translation>
    </message>
    <message>
      <source>String over fret {fret}, {lane_words}</source>
      <translation>Saite über dem {fret}. Bund, {lane_words}</translation>
    </message>
    <message>
      <source>String room</source>
      <translation>Saitenraum</translation>
    </message>
    <message>
      <source>String room names the frets.</source>
      <translation>Saitenraum nennt die Bünde.</translation>
    </message>
    <message>
      <source>String room names the notes</source>
      <translation>Saitenraum nennt die Töne</translation>
    </message>
    <message>
      <source>String up and tune</source>
      <translation>Besaiten und stimmen</translation>
    </message>
    <message>
      <source>String up before the level</source>
      <translation>Vor dem Abrichten besaiten</translation>
    </message>
    <message>
      <source>String {strings}, {note}.</source>
      <translation>Saite {strings}, {note}.</translation>
    </message>
    <message>
      <source>String {string}</source>
      <translation>Saite {string}</translation>
    </message>
    <message>
      <source>Strings</source>
      <translation>Saiten</translation>
    </message>
    <message>
      <source>Strings and setup</source>
      <translation>Saiten und Einrichtung</translation>
    </message>
    <message>
      <source>Strings and tuning</source>
      <translation>Saiten und Stimmung</translation>
    </message>
    <message>
      <source>Strings at pitch or slack</source>
      <translation>Saiten gestimmt oder entspannt</translation>
    </message>
    <message>
      <source>Strings at pitch, rod until the notched edge shows no light. Then the dial under the neck, half-way to the body, set to zero.</source>
      <translation>Saiten gestimmt, Stab, bis das Kerblineal kein Licht zeigt. Dann die Messuhr unter den Hals, auf halbem Weg zum Korpus, auf null.</translation>
    </message>
    <message>
      <source>Strings at pitch: the dial under the neck, half-way to the body, set to zero.</source>
      <translation>Saiten gestimmt: die Messuhr unter den Hals, auf halbem Weg zum Korpus, auf null.</translation>
    </message>
    <message>
      <source>Strings off</source>
      <translation>Saiten ab</translation>
    </message>
    <message>
      <source>Strings off again</source>
      <translation>Saiten wieder ab</translation>
    </message>
    <message>
      <source>Strings off, neck off, shim the full width, screws tight only with the neck seated.</source>
      <translation>Saiten ab, Hals ab, über die volle Breite unterlegen, Schrauben erst fest, wenn der Hals sitzt.</translation>
    </message>
    <message>
      <source>Strings off, rod slack</source>
      <translation>Saiten ab, Stab locker</translation>
    </message>
    <message>
      <source>Strings off, turn the rod by eighths, a notched edge on the wood.</source>
      <translation>Saiten ab, den Stab um Achtel drehen, ein Kerblineal auf dem Holz.</translation>
    </message>
    <message>
      <source>Strings off, turn the rod until the notched edge shows no light on the wood.</source>
      <translation>Saiten ab, den Stab drehen, bis das Kerblineal auf dem Holz kein Licht zeigt.</translation>
    </message>
    <message>
      <source>Strings off. The heel seats flat before the screws are tight; never force a screw.</source>
      <translation>Saiten ab. Der Fuß sitzt flach, bevor die Schrauben fest sind; nie eine Schraube zwingen.</translation>
    </message>
    <message>
      <source>Strings on it</source>
      <translation>Saiten darauf</translation>
    </message>
    <message>
      <source>Strings on, tuned to pitch. * when they are.</source>
      <translation>Saiten auf, auf Tonhöhe gestimmt. *, wenn sie es sind.</translation>
    </message>
    <message>
      <source>Strings over what a full level allows</source>
      <translation>Saiten über dem, was volles Abrichten erlaubt</translation>
    </message>
    <message>
      <source>Strings put on</source>
      <translation>Saiten aufgezogen</translation>
    </message>
    <message>
      <source>Strings that ring clean with a content owner would leave it.</source>
      <translation>Saiten, die sauber klingen, und ein zufriedener Besitzer ließen es.</translation>
    </message>
    <message>
      <source>Strings too low for the touch over even frets are raised; frets and rod stay as they are.</source>
      <translation>Saiten, die für den Anschlag über gleichen Bünden zu tief liegen, werden gehoben; Bünde und Stab bleiben.</translation>
    </message>
    <message>
      <source>Strings under tension whip. Slacken before cutting, wear eye protection.</source>
      <translation>Gespannte Saiten schlagen. Vor dem Schneiden entspannen, Augenschutz tragen.</translation>
    </message>
    <message>
      <source>Strings under tension whip: slacken before cutting, glasses on.</source>
      <translation>Gespannte Saiten schlagen: vor dem Schneiden entspannen, Brille auf.</translation>
    </message>
    <message>
      <source>Strings {height_off_mm:.2f} mm off the wanted height, relief {relief_off_mm:.2f} mm.</source>
      <translation>Saiten {height_off_mm:.2f} mm neben der gewünschten Höhe, Krümmung {relief_off_mm:.2f} mm.</translation>
    </message>
    <message>
      <source>Strings ▸</source>
      <translation>Saiten ▸</translation>
    </message>
    <message>
      <source>Strings, bass side first</source>
      <translation>Saiten, Bassseite zuerst</translation>
    </message>
    <message>
      <source>Strings: + to pitch, - slack.</source>
      <translation>Saiten: + stimmen, - entspannen.</translation>
    </message>
    <message>
      <source>Strings: press to change</source>
      <translation>Saiten: drücken zum Ändern</translation>
    </message>
    <message>
      <source>Stripped for new wire.</source>
      <translation>Für neuen Draht ausgeräumt.</translation>
    </message>
    <message>
      <source>Stripped for new wire; the board is rough.</source>
      <translation>Für neuen Draht ausgeräumt; das Brett ist rau.</translation>
    </message>
    <message>
      <source>Struck out: {act_words}.</source>
      <translation>Gestrichen: {act_words}.</translation>
    </message>
    <message>
      <source>Struck out: {words}. Take it again, or go on.</source>
      <translation>Gestrichen: {words}. Noch einmal nehmen oder weiter.</translation>
    </message>
    <message>
      <source>Struck out; it stays in the journal. Enter takes that back.</source>
      <translation>Gestrichen; es bleibt im Journal. Enter nimmt das zurück.</translation>
    </message>
    <message>
      <source>Support right under the fret; crushed wood and split necks are for good.</source>
      <translation>Gegenhalt genau unter dem Bund; zerdrücktes Holz und gerissene Hälse bleiben so.</translation>
    </message>
    <message>
      <source>Support the neck under the fret being pressed. An unsupported heel or headstock end takes less: wood crushes, necks split.</source>
      <translation>Den Hals unter dem gepressten Bund stützen. Ungestützt hält Fuß- oder Kopfende weniger: Holz zerdrückt, Hälse reißen.</translation>
    </message>
    <message>
      <source>Sure enough</source>
      <translation>Sicher genug</translation>
    </message>
    <message>
      <source>Sure enough: relief is known within its margin, and no fret is left in doubt.</source>
      <translation>Sicher genug: die Krümmung ist innerhalb ihres Spielraums bekannt, und kein Bund ist im Zweifel.</translation>
    </message>
    <message>
      <source>Sweep the rocker once more.</source>
      <translation>Noch einmal die Wippe entlang.</translation>
    </message>
    <message>
      <source>Tab: from field to field</source>
      <translation>Tab: von Feld zu Feld</translation>
    </message>
    <message>
      <source>Table</source>
      <translation>Tabelle</translation>
    </message>
    <message>
      <source>Tables (*.csv *.tsv *.txt)</source>
      <translation>Tabellen (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
      <source>Tables (*.csv)</source>
      <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
      <source>Take a string gap on both sides in Measure.</source>
      <translation>In Messen auf beiden Seiten einen Spalt unter der Saite nehmen.</translation>
    </message>
    <message>
      <source>Take an archive in</source>
      <translation>Ein Archiv aufnehmen</translation>
    </message>
    <message>
      <source>Take another logbook in</source>
      <translation>Ein anderes Logbuch aufnehmen</translation>
    </message>
    <message>
      <source>Take in</source>
      <translation>Aufnehmen</translation>
    </message>
    <message>
      <source>Take in a neck</source>
      <translation>Einen Hals aufnehmen</translation>
    </message>
    <message>
      <source>Take in a pasted table</source>
      <translation>Eingefügte Tabelle aufnehmen</translation>
    </message>
    <message>
      <source>Take in a table from a file</source>
      <translation>Tabelle aus einer Datei aufnehmen</translation>
    </message>
    <message>
      <source>Take in a wire</source>
      <translation>Einen Draht aufnehmen</translation>
    </message>
    <message>
      <source>Take in another neck</source>
      <translation>Weiteren Hals aufnehmen</translation>
    </message>
    <message>
      <source>Take it</source>
      <translation>Nehmen</translation>
    </message>
    <message>
      <source>Take it again: the new reading replaces the old one.</source>
      <translation>Noch einmal nehmen: die neue Messung ersetzt die alte.</translation>
    </message>
    <message>
      <source>Take it in all the same</source>
      <translation>Trotzdem übernehmen</translation>
    </message>
    <message>
      <source>Take off the lips</source>
      <translation>Die Kanten abnehmen</translation>
    </message>
    <message>
      <source>Take one height again beside the tape. Measure before the board is masked.</source>
      <translation>Eine Höhe neben dem Band noch einmal nehmen. Messen, bevor das Brett abgeklebt ist.</translation>
    </message>
    <message>
      <source>Take one in Choose; its steps appear here.</source>
      <translation>In Wählen einen nehmen; seine Schritte erscheinen hier.</translation>
    </message>
    <message>
      <source>Take the closing readings</source>
      <translation>Die Schlussmessungen nehmen</translation>
    </message>
    <message>
      <source>Take the closing readings.</source>
      <translation>Die Schlussmessungen nehmen.</translation>
    </message>
    <message>
      <source>Take the round in Measure; the map grows with every reading.</source>
      <translation>Die Runde in Messen nehmen; die Karte wächst mit jeder Messung.</translation>
    </message>
    <message>
      <source>Take them out</source>
      <translation>Herausnehmen</translation>
    </message>
    <message>
      <source>Take this neck in</source>
      <translation>Diesen Hals aufnehmen</translation>
    </message>
    <message>
      <source>Take this touch</source>
      <translation>Diesen Anschlag nehmen</translation>
    </message>
    <message>
      <source>Take this way</source>
      <translation>Diesen Weg nehmen</translation>
    </message>
    <message>
      <source>Taken again; the old reading is struck out.</source>
      <translation>Neu genommen; die alte Messung ist gestrichen.</translation>
    </message>
    <message>
      <source>Taken up again; the time between is not counted.</source>
      <translation>Wieder aufgenommen; die Zeit dazwischen zählt nicht.</translation>
    </message>
    <message>
      <source>Takes what was typed and goes on. Alone: nothing is read here, go on.</source>
      <translation>Nimmt, was getippt ist, und geht weiter. Allein: hier nichts gemessen, weiter.</translation>
    </message>
    <message>
      <source>Tallest at fret {tall}, lowest at fret {short}, over the wood beside them.</source>
      <translation>Höchste bei Bund {tall}, niedrigste bei Bund {short}, über dem Holz daneben.</translation>
    </message>
    <message>
      <source>Tang between its barbs, how thick?</source>
      <translation>Fuß zwischen den Widerhaken, wie dick?</translation>
    </message>
    <message>
      <source>Tang ends nipped {nip}, burrs off. </source>
      <translation>Fußenden {nip} abgezwickt, Grate ab. </translation>
    </message>
    <message>
      <source>Tang, depth</source>
      <translation>Fuß, Tiefe</translation>
    </message>
    <message>
      <source>Tang, thickness</source>
      <translation>Fuß, Dicke</translation>
    </message>
    <message>
      <source>Tangs left whole. </source>
      <translation>Füße ganz gelassen. </translation>
    </message>
    <message>
      <source>Tangs up to {length} fatter than usual, {middle}, bend back {length_2}, anything from {length_3} to {length_4}: it is learnt after the first frets.</source>
      <translation>Füße bis {length} dicker als üblich, {middle}, biegen {length_2} zurück, irgendetwas von {length_3} bis {length_4}: nach den ersten Bünden ist es gelernt.</translation>
    </message>
    <message>
      <source>Tape is on the wood.</source>
      <translation>Band ist auf dem Holz.</translation>
    </message>
    <message>
      <source>Tape leaves a lip at the fret ends: one light pass each with a fine file, then the finest paper again.</source>
      <translation>Das Band lässt an den Bundenden eine Kante: je ein leichter Gang mit einer feinen Feile, dann noch einmal das feinste Papier.</translation>
    </message>
    <message>
      <source>Tape off</source>
      <translation>Band ab</translation>
    </message>
    <message>
      <source>Tape on the wood</source>
      <translation>Band auf das Holz</translation>
    </message>
    <message>
      <source>Tape the board and cover pickups</source>
      <translation>Das Brett abkleben und Tonabnehmer abdecken</translation>
    </message>
    <message>
      <source>Taped and ready, says the note.</source>
      <translation>Abgeklebt und bereit, sagt der Zettel.</translation>
    </message>
    <message>
      <source>Tapped out from the side, shims under it noted; a zero fret is taped over.</source>
      <translation>Von der Seite herausgeklopft, Unterlagen darunter notiert; ein Nullbund wird abgeklebt.</translation>
    </message>
    <message>
      <source>Tapped out from the side; shims under it noted.</source>
      <translation>Von der Seite herausgeklopft; Unterlagen darunter notiert.</translation>
    </message>
    <message>
      <source>Tax</source>
      <translation>Steuer</translation>
    </message>
    <message>
      <source>Tax is one of {tax_words}, not '{tax}'.</source>
      <translation>Steuer ist eines von {tax_words}, nicht „{tax}“.</translation>
    </message>
    <message>
      <source>Tax, percent</source>
      <translation>Steuer, Prozent</translation>
    </message>
    <message>
      <source>Telephone</source>
      <translation>Telefon</translation>
    </message>
    <message>
      <source>Tension</source>
      <translation>Spannung</translation>
    </message>
    <message>
      <source>Text size</source>
      <translation>Schriftgröße</translation>
    </message>
    <message>
      <source>That can't be a reading on a neck. Type it again.</source>
      <translation>Das kann keine Messung an einem Hals sein. Neu tippen.</translation>
    </message>
    <message>
      <source>That could not be worked out ({name}). {where}</source>
      <translation>Das konnte nicht ausgerechnet werden ({name}). {where}</translation>
    </message>
    <message>
      <source>That did not work ({name}). Nothing was changed.</source>
      <translation>Das hat nicht geklappt ({name}). Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>That file is no picture Nuvrek can read. A JPEG, PNG or WebP is fine.</source>
      <translation>Diese Datei ist kein Bild, das Nuvrek lesen kann. JPEG, PNG oder WebP gehen.</translation>
    </message>
    <message>
      <source>That fret carries the edge: no gap there. Move on with the arrows.</source>
      <translation>Dieser Bund trägt das Lineal: dort ist kein Spalt. Mit den Pfeilen weiter.</translation>
    </message>
    <message>
      <source>That is no wire: {error}.</source>
      <translation>Das ist kein Draht: {error}.</translation>
    </message>
    <message>
      <source>That is too long for a length.</source>
      <translation>Das ist zu lang für eine Länge.</translation>
    </message>
    <message>
      <source>That is {mm} over fret {at}; by {other} it would be about {expected_mm}. Take it again.</source>
      <translation>Das sind {mm} am {at}. Bund; nach {other} wären es etwa {expected_mm}. Bitte noch einmal messen.</translation>
    </message>
    <message>
      <source>That key has no use here. {hint}</source>
      <translation>Diese Taste hat hier keinen Sinn. {hint}</translation>
    </message>
    <message>
      <source>That page is not here.</source>
      <translation>Diese Seite ist nicht hier.</translation>
    </message>
    <message>
      <source>That picture does not get small enough to be kept. Take a smaller one.</source>
      <translation>Dieses Bild wird nicht klein genug zum Behalten. Ein kleineres nehmen.</translation>
    </message>
    <message>
      <source>That picture is too large to be read. Take a smaller one.</source>
      <translation>Dieses Bild ist zu groß zum Lesen. Ein kleineres nehmen.</translation>
    </message>
    <message>
      <source>That was weighed before what you wrote down last. Nothing was written; look at it again, it is being weighed anew.</source>
      <translation>Das wurde abgewogen, bevor zuletzt etwas aufgeschrieben wurde. Nichts wurde geschrieben; noch einmal ansehen, es wird neu abgewogen.</translation>
    </message>
    <message>
      <source>That was worked out for another neck. Nothing was written down.</source>
      <translation>Das wurde für einen anderen Hals ausgerechnet. Nichts wurde aufgeschrieben.</translation>
    </message>
    <message>
      <source>The advice is playing this neck. It takes a few seconds.</source>
      <translation>Der Rat spielt diesen Hals. Es dauert ein paar Sekunden.</translation>
    </message>
    <message>
      <source>The advice is silent on this neck until you let it speak here.</source>
      <translation>Der Rat schweigt an diesem Hals, bis man ihn hier sprechen lässt.</translation>
    </message>
    <message>
      <source>The advice on this neck: {said}, {metal_mm:.2f} mm of metal, {readings} readings, {minutes:.1f} h.</source>
      <translation>Der Rat an diesem Hals: {said}, {metal_mm:.2f} mm Metall, {readings} Messungen, {minutes:.1f} h.</translation>
    </message>
    <message>
      <source>The advice, on the same neck</source>
      <translation>Der Rat, am selben Hals</translation>
    </message>
    <message>
      <source>The advised course</source>
      <translation>Die empfohlene Folge</translation>
    </message>
    <message>
      <source>The air it lives in is not what wood likes.</source>
      <translation>Die Luft, in der es lebt, ist nicht, was Holz mag.</translation>
    </message>
    <message>
      <source>The arc of the board's radius and two mm over at each end; the fewest sticks.</source>
      <translation>Der Bogen des Griffbrettradius und an jedem Ende zwei mm mehr; die wenigsten Stangen.</translation>
    </message>
    <message>
      <source>The back bow that fat tangs give may be nil; it is read before the frets are levelled.</source>
      <translation>Die Rückbiegung dicker Füße kann null sein; sie wird gemessen, bevor die Bünde abgerichtet werden.</translation>
    </message>
    <message>
      <source>The bench in time</source>
      <translation>Die Werkbank in der Zeit</translation>
    </message>
    <message>
      <source>The board</source>
      <translation>Das Griffbrett</translation>
    </message>
    <message>
      <source>The board alone; relief is its dip below fret 1 and the joint.</source>
      <translation>Das Griffbrett allein; die Krümmung ist seine Senke unter 1. Bund und Halsansatz.</translation>
    </message>
    <message>
      <source>The board has shrunk: bring the ends back to the edge before bevelling.</source>
      <translation>Das Brett ist geschrumpft: die Enden vor der Fase auf die Kante zurücknehmen.</translation>
    </message>
    <message>
      <source>The board is only cleaned.</source>
      <translation>Das Brett wird nur gereinigt.</translation>
    </message>
    <message>
      <source>The board is only cleaned: no wood is taken.</source>
      <translation>Das Griffbrett wird nur gereinigt: kein Holz geht ab.</translation>
    </message>
    <message>
      <source>The board is trued: {length} of wood on the whole, likely {length_2}, most at fret {most} ({length_3}).</source>
      <translation>Das Brett wird begradigt: {length} Holz im Ganzen, wahrscheinlich {length_2}, am meisten bei Bund {most} ({length_3}).</translation>
    </message>
    <message>
      <source>The board is {it} by about {it_2} than on {day}</source>
      <translation>Das Brett ist etwa {it_2} {it} als am {day}</translation>
    </message>
    <message>
      <source>The board may chip where old frets are drawn; chips are mended.</source>
      <translation>Das Brett kann ausbrechen, wo alte Bünde gezogen werden; Ausbrüche werden ausgebessert.</translation>
    </message>
    <message>
      <source>The board rises where the body begins; no rod setting takes it out. A notched edge there settles it.</source>
      <translation>Das Brett steigt, wo der Korpus beginnt; keine Stabstellung nimmt das heraus. Ein Kerblineal dort entscheidet es.</translation>
    </message>
    <message>
      <source>The board would be too thin at {named}. What would do: {do}.</source>
      <translation>Das Brett würde zu dünn bei {named}. Was genügen würde: {do}.</translation>
    </message>
    <message>
      <source>The board's corners at {frets} stay as worn.</source>
      <translation>Die Ecken des Bretts bei {frets} bleiben wie abgenutzt.</translation>
    </message>
    <message>
      <source>The board's height half-way between fret 1 and the joint, below the straight line from one to the other; of the wood, not of single tops. Each side by its own readings.</source>
      <translation>Die Höhe des Bretts auf halbem Weg zwischen 1. Bund und Halsansatz, unter der geraden Linie dazwischen; des Holzes, nicht einzelner Kuppen. Jede Seite nach ihren eigenen Messungen.</translation>
    </message>
    <message>
      <source>The budget is {money}: {same}.</source>
      <translation>Es dürfen {money} sein: {same}.</translation>
    </message>
    <message>
      <source>The caul is let down on it lightly.</source>
      <translation>Die Zulage wird leicht darauf gesenkt.</translation>
    </message>
    <message>
      <source>The chapters, or where the words stand that you typed.</source>
      <translation>Die Kapitel, oder wo die getippten Worte stehen.</translation>
    </message>
    <message>
      <source>The closing reading within the promised range, its own error allowed for. Without a reading since the work it is not measured, whatever the map says.</source>
      <translation>Die Schlussmessung im versprochenen Bereich, ihr eigener Fehler eingerechnet. Ohne Messung seit der Arbeit ist es nicht gemessen, was auch die Karte sagt.</translation>
    </message>
    <message>
      <source>The course has changed: it was {before}, now it is {after}. {why}</source>
      <translation>Die Folge ist anders: es war {before}, jetzt ist es {after}. {why}</translation>
    </message>
    <message>
      <source>The curve</source>
      <translation>Die Kurve</translation>
    </message>
    <message>
      <source>The damaged logbook can't be opened ({error}).</source>
      <translation>Das beschädigte Logbuch kann nicht geöffnet werden ({error}).</translation>
    </message>
    <message>
      <source>The dip of the wood half-way between fret 1 and the joint, below the line from one to the other. Where only slack readings are there, what the strings pull is added, with its doubt.</source>
      <translation>Die Senke des Holzes auf halbem Weg zwischen 1. Bund und Halsansatz, unter der Linie vom einen zum anderen. Wo nur entspannt gemessen wurde, kommt dazu, was die Saiten ziehen, mit der Unsicherheit davon.</translation>
    </message>
    <message>
      <source>The disk is full: this was not written down. Free some room and take it again.</source>
      <translation>Die Platte ist voll: das wurde nicht aufgeschrieben. Platz schaffen und noch einmal nehmen.</translation>
    </message>
    <message>
      <source>The disk reports an error: this was not written down.</source>
      <translation>Die Platte meldet einen Fehler: das wurde nicht aufgeschrieben.</translation>
    </message>
    <message>
      <source>The edge covers fewer than two frets there.</source>
      <translation>Das Lineal deckt dort weniger als zwei Bünde.</translation>
    </message>
    <message>
      <source>The edge must lie on two places.</source>
      <translation>Das Lineal muss auf zwei Stellen liegen.</translation>
    </message>
    <message>
      <source>The edge must reach over three places at the least.</source>
      <translation>Das Lineal muss über mindestens drei Stellen reichen.</translation>
    </message>
    <message>
      <source>The edges by the binding may show where frets were drawn</source>
      <translation>An den Kanten am Binding kann man sehen, wo Bünde gezogen wurden</translation>
    </message>
    <message>
      <source>The empty slots are {mm:.1f} deeper.</source>
      <translation>Die leeren Schlitze sind {mm:.1f} tiefer.</translation>
    </message>
    <message>
      <source>The ends of the frets are rounded.</source>
      <translation>Die Enden der Bünde werden verrundet.</translation>
    </message>
    <message>
      <source>The ends that lag</source>
      <translation>Die Enden, die nachhinken</translation>
    </message>
    <message>
      <source>The file: {found}.</source>
      <translation>Die Datei: {found}.</translation>
    </message>
    <message>
      <source>The filing done.</source>
      <translation>Das Feilen getan.</translation>
    </message>
    <message>
      <source>The fingerboard has a hump of {{mm}}.</source>
      <translation>Das Griffbrett hat einen Buckel von {{mm}}.</translation>
    </message>
    <message>
      <source>The fingerboard's end, past the body joint, climbs by {{mm}}.</source>
      <translation>Das Ende des Griffbretts, hinter dem Halsansatz, steigt um {{mm}}.</translation>
    </message>
    <message>
      <source>The first frets are worn.</source>
      <translation>Die ersten Bünde sind abgespielt.</translation>
    </message>
    <message>
      <source>The first frets buzz.</source>
      <translation>Die ersten Bünde schnarren.</translation>
    </message>
    <message>
      <source>The first map's ranges held at {held} of {held_2} tops.</source>
      <translation>Die Bereiche der ersten Karte hielten an {held} von {held_2} Kuppen.</translation>
    </message>
    <message>
      <source>The fixed price of the way where the list has one, else likely hours at the rate, in whole minutes; what comes on top once; then tax. Exact to the cent.</source>
      <translation>Der feste Preis des Weges, wo die Liste einen hat, sonst die wahrscheinlichen Stunden zum Satz, in ganzen Minuten; Zuschläge einmal; dann die Steuer. Auf den Cent genau.</translation>
    </message>
    <message>
      <source>The fixed price stands {money_words} {over} it.</source>
      <translation>Der feste Preis liegt {money_words} {over}.</translation>
    </message>
    <message>
      <source>The flat's width on a round crown says how much metal is gone.</source>
      <translation>Die Breite der Fläche auf einer runden Krone sagt, wie viel Metall fehlt.</translation>
    </message>
    <message>
      <source>The folder for the logbook can't be used ({strerror}).</source>
      <translation>Der Ordner für das Logbuch kann nicht benutzt werden ({strerror}).</translation>
    </message>
    <message>
      <source>The fonts have no sign for {unset}: the page lacks it.</source>
      <translation>Die Schriften haben kein Zeichen für {unset}: es fehlt auf der Seite.</translation>
    </message>
    <message>
      <source>The foot says {mm:.2f} at {fret}.</source>
      <translation>Der Fuß sagt {mm:.2f} bei {fret}.</translation>
    </message>
    <message>
      <source>The foot sinks {mm:.2f} into the groove of {fret}.</source>
      <translation>Der Fuß sinkt {mm:.2f} in die Kerbe von {fret}.</translation>
    </message>
    <message>
      <source>The foot stands beside a fret.</source>
      <translation>Der Fuß steht neben einem Bund.</translation>
    </message>
    <message>
      <source>The fret at the nut is brought to its height.</source>
      <translation>Der Nullbund wird auf seine Höhe gebracht.</translation>
    </message>
    <message>
      <source>The fret ends scratch.</source>
      <translation>Die Bundenden kratzen.</translation>
    </message>
    <message>
      <source>The fret looked at lies between the two that are held.</source>
      <translation>Der angesehene Bund liegt zwischen den beiden gehaltenen.</translation>
    </message>
    <message>
      <source>The fret that ducks</source>
      <translation>Der Bund, der sich duckt</translation>
    </message>
    <message>
      <source>The fret wire's width should be {low:g} to {high:g} mm.</source>
      <translation>Die Breite des Bunddrahts soll {low:g} bis {high:g} mm sein.</translation>
    </message>
    <message>
      <source>The fretboard was trued.</source>
      <translation>Das Griffbrett wurde abgerichtet.</translation>
    </message>
    <message>
      <source>The frets are drawn, the fingerboard is made true, and new ones are put in.</source>
      <translation>Die Bünde werden gezogen, das Griffbrett wird begradigt, und neue kommen hinein.</translation>
    </message>
    <message>
      <source>The frets are even and {buzzing} notes are predicted to buzz: the strings lie too low for this touch. {gist}</source>
      <translation>Die Bünde sind gleich und {buzzing} Töne werden wohl schnarren: die Saiten liegen für diesen Anschlag zu tief. {gist}</translation>
    </message>
    <message>
      <source>The frets can't pay for it at that height: higher strings, or less crown kept, would do.</source>
      <translation>Die Bünde geben diese Höhe nicht her: höhere Saiten oder eine kleinere Krone würden genügen.</translation>
    </message>
    <message>
      <source>The frets differ in height.</source>
      <translation>Die Bünde sind verschieden hoch.</translation>
    </message>
    <message>
      <source>The gauge at {path} can't be opened ({reason}). Is it plugged in, and may you use that port?</source>
      <translation>Die Messuhr an {path} kann nicht geöffnet werden ({reason}). Steckt sie, und darf dieser Anschluss benutzt werden?</translation>
    </message>
    <message>
      <source>The gauge is gone: was its cable pulled? Nothing taken is lost; go on by hand or connect it again.</source>
      <translation>Die Messuhr ist weg: wurde das Kabel gezogen? Nichts Genommenes ist verloren; von Hand weiter oder neu verbinden.</translation>
    </message>
    <message>
      <source>The gauge sends without ever ending a line. Are its line settings right?</source>
      <translation>Die Messuhr sendet, ohne je eine Zeile zu beenden. Stimmen ihre Leitungseinstellungen?</translation>
    </message>
    <message>
      <source>The gauge sent "{shown}", which is no reading. Press its button again.</source>
      <translation>Die Messuhr sandte „{shown}“, was keine Messung ist. Noch einmal ihren Knopf drücken.</translation>
    </message>
    <message>
      <source>The gauge sent {number} {unit}, more than any reading on a neck.</source>
      <translation>Die Messuhr sandte {number} {unit}, mehr als jede Messung an einem Hals.</translation>
    </message>
    <message>
      <source>The gauge sent {sent} while something was typed. It was not taken.</source>
      <translation>Die Messuhr sandte {sent}, während getippt wurde. Es wurde nicht genommen.</translation>
    </message>
    <message>
      <source>The gauge sent {sent}, but nothing is asked for now. It was not taken.</source>
      <translation>Die Messuhr sandte {sent}, aber jetzt ist nichts gefragt. Es wurde nicht genommen.</translation>
    </message>
    <message>
      <source>The gauge sent {text}, but no reading is asked for here. It was not taken.</source>
      <translation>Die Messuhr sandte {text}, aber hier ist keine Messung gefragt. Es wurde nicht genommen.</translation>
    </message>
    <message>
      <source>The guide's text</source>
      <translation>Der Text des Handbuchs</translation>
    </message>
    <message>
      <source>The height lies between its ends nine times in ten.</source>
      <translation>Die Höhe liegt neun von zehn Mal zwischen den Enden.</translation>
    </message>
    <message>
      <source>The height lies in between nine times in ten. It grows with the error of each tool and the distance to the next reading; over all necks Honesty says whether that is so.</source>
      <translation>Die Höhe liegt neun von zehn Mal dazwischen. Das wächst mit dem Fehler jedes Werkzeugs und dem Abstand zur nächsten Messung; ob es stimmt, sagt Ehrlichkeit über alle Hälse.</translation>
    </message>
    <message>
      <source>The heights, as a table</source>
      <translation>Die Höhen als Tabelle</translation>
    </message>
    <message>
      <source>The highest crown less the lowest, as read.</source>
      <translation>Die höchste Krone weniger die niedrigste, wie gemessen.</translation>
    </message>
    <message>
      <source>The highest notes choke.</source>
      <translation>Die höchsten Töne ersticken.</translation>
    </message>
    <message>
      <source>The hours and days ahead: each neck where it can be ready.</source>
      <translation>Die Stunden und Tage voraus: jeder Hals, wo er fertig sein kann.</translation>
    </message>
    <message>
      <source>The hours left on all necks in their order, over the hours a week at this bench, with waits as they are; the day that holds nine times in ten.</source>
      <translation>Die Stunden, die an allen Hälsen der Reihe nach noch zu tun sind, über die Wochenstunden dieser Werkbank, Wartezeiten wie sie sind; der Tag, der neun von zehn Mal hält.</translation>
    </message>
    <message>
      <source>The house's own instrument, or nobody's: nobody has to be asked.</source>
      <translation>Das eigene Instrument des Hauses, oder niemandes: niemand muss gefragt werden.</translation>
    </message>
    <message>
      <source>The house's own: nobody is asked</source>
      <translation>Dem Haus eigen: niemand wird gefragt</translation>
    </message>
    <message>
      <source>The house's own: nobody is asked.</source>
      <translation>Gehört dem Haus: niemand wird gefragt.</translation>
    </message>
    <message>
      <source>The instrument</source>
      <translation>Das Instrument</translation>
    </message>
    <message>
      <source>The joint fret is {joint_fret}, but the neck has only {frets} frets.</source>
      <translation>Der Ansatzbund ist {joint_fret}, aber der Hals hat nur {frets} Bünde.</translation>
    </message>
    <message>
      <source>The joint over the line from three frets before it to three after.</source>
      <translation>Der Halsansatz über der Linie von drei Bünden davor bis drei dahinter.</translation>
    </message>
    <message>
      <source>The key sits well now.</source>
      <translation>Der Schlüssel sitzt jetzt gut.</translation>
    </message>
    <message>
      <source>The key sits well.</source>
      <translation>Der Schlüssel sitzt gut.</translation>
    </message>
    <message>
      <source>The key slips in the rod's nut</source>
      <translation>Der Schlüssel rutscht in der Stabmutter</translation>
    </message>
    <message>
      <source>The key slips round in the nut; nothing turned.</source>
      <translation>Der Schlüssel rutscht in der Mutter durch; nichts drehte sich.</translation>
    </message>
    <message>
      <source>The key slips: the nut is chewed, which says nothing about the rod. Renew the nut before judging the rod.</source>
      <translation>Der Schlüssel rutscht: die Mutter ist zerkaut, was nichts über den Stab sagt. Die Mutter erneuern, bevor der Stab beurteilt wird.</translation>
    </message>
    <message>
      <source>The key turns round in the nut: its corners are gone.</source>
      <translation>Der Schlüssel dreht in der Mutter durch: ihre Ecken sind weg.</translation>
    </message>
    <message>
      <source>The key, felt before it is turned.</source>
      <translation>Der Schlüssel, gefühlt, bevor er gedreht wird.</translation>
    </message>
    <message>
      <source>The lacquer is cut along each fret and touched up</source>
      <translation>Der Lack wird an jedem Bund geschnitten und ausgebessert</translation>
    </message>
    <message>
      <source>The last digit; with nothing typed, what was done last.</source>
      <translation>Die letzte Ziffer; ist nichts getippt, das zuletzt Getane.</translation>
    </message>
    <message>
      <source>The last fret before the wood under the board grows thick.</source>
      <translation>Der letzte Bund, bevor das Holz unter dem Griffbrett dick wird.</translation>
    </message>
    <message>
      <source>The last fret below the neck's own line run on.</source>
      <translation>Der letzte Bund unter der weitergezogenen Linie des Halses.</translation>
    </message>
    <message>
      <source>The last fret over the neck's own line run on.</source>
      <translation>Der letzte Bund über der weitergezogenen Linie des Halses.</translation>
    </message>
    <message>
      <source>The last notes choke.</source>
      <translation>Die letzten Töne ersticken.</translation>
    </message>
    <message>
      <source>The last of this page was written at another bench or window. Once more strikes it.</source>
      <translation>Das Letzte auf dieser Seite stammt von einem anderen Arbeitsplatz oder Fenster. Noch einmal drücken streicht es.</translation>
    </message>
    <message>
      <source>The last thing done on the practice bench was torn and is left out.</source>
      <translation>Das zuletzt auf der Übungsbank Getane war zerrissen und ist ausgelassen.</translation>
    </message>
    <message>
      <source>The last thing written down is {page}'s ({what})</source>
      <translation>Das zuletzt Aufgeschriebene gehört zu {page} ({what})</translation>
    </message>
    <message>
      <source>The leaf just typed won't go. A number and Enter is the gap itself.</source>
      <translation>Das eben getippte Blatt geht nicht. Zahl und Enter ist der Spalt selbst.</translation>
    </message>
    <message>
      <source>The leaf that slides should be thinner than the one that drags or won't go.</source>
      <translation>Das gleitende Blatt soll dünner sein als das, das schleift oder nicht geht.</translation>
    </message>
    <message>
      <source>The least crown to keep is not below the wire's height.</source>
      <translation>Die kleinste Krone, die bleibt, ist nicht unter der Höhe des Drahts.</translation>
    </message>
    <message>
      <source>The least that can be filed so that the way keeps what it promises and no crown goes below the least that is kept: a linear program over all tops. What the tops' doubt adds is in its range.</source>
      <translation>Das wenigste, was gefeilt werden kann, damit der Weg hält, was er verspricht, und keine Krone unter die kleinste kommt, die bleibt: ein lineares Programm über alle Kuppen. Was deren Unsicherheit dazu tut, steht in seinem Bereich.</translation>
    </message>
    <message>
      <source>The least wood that leaves the wanted shape, with slots and board thick enough: a linear program over three lanes.</source>
      <translation>Das wenigste Holz, das die gewünschte Form lässt, mit genug Schlitz und Brett: ein lineares Programm über drei Spuren.</translation>
    </message>
    <message>
      <source>The light that was read there; else nut slot, fret 1 and the string's straight line.</source>
      <translation>Das Licht, das dort gemessen wurde; sonst Sattelkerbe, 1. Bund und die gerade Linie der Saite.</translation>
    </message>
    <message>
      <source>The logbook could not be used ({error}).</source>
      <translation>Das Logbuch konnte nicht benutzt werden ({error}).</translation>
    </message>
    <message>
      <source>The logbook is damaged. {wrong}{more}</source>
      <translation>Das Logbuch ist beschädigt. {wrong}{more}</translation>
    </message>
    <message>
      <source>The logbook is whole: {size} read, one by one.</source>
      <translation>Das Logbuch ist ganz: {size} gelesen, eins nach dem anderen.</translation>
    </message>
    <message>
      <source>The logbook on this server was written by a newer Nuvrek. It was left untouched; please update.</source>
      <translation>Das Logbuch auf diesem Server wurde von einem neueren Nuvrek geschrieben. Es blieb unberührt; bitte aktualisieren.</translation>
    </message>
    <message>
      <source>The logbook {name} can't be written to (read-only). This was not written down.</source>
      <translation>In das Logbuch {name} kann nicht geschrieben werden (nur lesbar). Das wurde nicht aufgeschrieben.</translation>
    </message>
    <message>
      <source>The logbook {name} is damaged ({found}). It can be looked at; nothing is written into it.</source>
      <translation>Das Logbuch {name} ist beschädigt ({found}). Es kann angesehen werden; geschrieben wird nichts.</translation>
    </message>
    <message>
      <source>The logbook {name} is damaged. Nothing in it was changed.</source>
      <translation>Das Logbuch {name} ist beschädigt. Nichts darin wurde geändert.</translation>
    </message>
    <message>
      <source>The logbook {name} was moved away or replaced while it was open. Nothing is written into it any more; start again.</source>
      <translation>Das Logbuch {name} wurde verschoben oder ersetzt, während es offen war. Es wird nichts mehr hineingeschrieben; bitte neu starten.</translation>
    </message>
    <message>
      <source>The logbook {name} was written by a newer Nuvrek. It was left untouched; please update.</source>
      <translation>Das Logbuch {name} wurde von einem neueren Nuvrek geschrieben. Es blieb unberührt; bitte aktualisieren.</translation>
    </message>
    <message>
      <source>The logbook {path} can't be opened. Is the folder there and writable?</source>
      <translation>Das Logbuch {path} kann nicht geöffnet werden. Ist der Ordner da und beschreibbar?</translation>
    </message>
    <message>
      <source>The low string chokes behind the eighth fret.</source>
      <translation>Die tiefe Saite erstickt hinter dem achten Bund.</translation>
    </message>
    <message>
      <source>The lowest crown after the way; what it has over the least kept, in tenths of a mm.</source>
      <translation>Die niedrigste Krone nach dem Weg; was sie über der kleinsten hat, in Zehnteln eines mm.</translation>
    </message>
    <message>
      <source>The lowest strings over fret 12 at which every fretted note keeps room over every fret ahead of it, at this player's touch. The string swings within two triangles from where it is plucked; a stiff one swings further just ahead of the fret.</source>
      <translation>Die tiefsten Saiten über dem 12. Bund, bei denen jeder gegriffene Ton über jedem Bund davor Raum behält, beim Anschlag dieses Spielers. Die Saite schwingt in zwei Dreiecken von der Zupfstelle aus; eine steife schwingt gleich hinter dem Bund weiter aus.</translation>
    </message>
    <message>
      <source>The metal that is left</source>
      <translation>Das Metall, das übrig ist</translation>
    </message>
    <message>
      <source>The middle gives way by {left_high_mm} under the hand: check unloaded, or back it.</source>
      <translation>Die Mitte gibt unter der Hand um {left_high_mm} nach: entlastet prüfen oder hinterlegen.</translation>
    </message>
    <message>
      <source>The middle rises over both ends: it has sprung, until pressing says otherwise.</source>
      <translation>Die Mitte steht über beiden Enden: sie hat sich gelöst, bis das Drücken anderes sagt.</translation>
    </message>
    <message>
      <source>The middle stands over its ends: under {size} of relief.</source>
      <translation>Die Mitte steht über ihren Enden: unter {size} Halskrümmung.</translation>
    </message>
    <message>
      <source>The moisture wood settles at in such air.</source>
      <translation>Die Feuchte, auf die sich Holz in solcher Luft einstellt.</translation>
    </message>
    <message>
      <source>The neck</source>
      <translation>Der Hals</translation>
    </message>
    <message>
      <source>The neck bows backwards by {{mm}}, so that strings buzz on the first frets.</source>
      <translation>Der Hals biegt sich um {{mm}} nach hinten, so dass Saiten an den ersten Bünden schnarren.</translation>
    </message>
    <message>
      <source>The neck bows forward by {{mm}}, more than is wanted: strings lie high in the middle.</source>
      <translation>Der Hals biegt sich um {{mm}} nach vorn, mehr als gewünscht: Saiten liegen in der Mitte hoch.</translation>
    </message>
    <message>
      <source>The neck is S-shaped</source>
      <translation>Der Hals ist S-förmig</translation>
    </message>
    <message>
      <source>The neck is being weighed anew, and what is taken follows from it. One moment.</source>
      <translation>Der Hals wird neu abgewogen, und was zu nehmen ist, folgt daraus. Einen Augenblick.</translation>
    </message>
    <message>
      <source>The neck is straighter than is wanted, {{mm}}: strings have little room to swing.</source>
      <translation>Der Hals ist gerader als gewünscht, {{mm}}: Saiten haben wenig Raum zum Schwingen.</translation>
    </message>
    <message>
      <source>The neck is tilted in its pocket.</source>
      <translation>Der Hals wird in seiner Tasche geneigt.</translation>
    </message>
    <message>
      <source>The neck is warmed and clamped, so that it straightens.</source>
      <translation>Der Hals wird erwärmt und gespannt, damit er gerade wird.</translation>
    </message>
    <message>
      <source>The neck of a word</source>
      <translation>Der Hals eines Wortes</translation>
    </message>
    <message>
      <source>The neck stands up in the middle under string tension.{also} {sure_words}</source>
      <translation>Der Hals steht unter Saitenzug in der Mitte hoch.{also} {sure_words}</translation>
    </message>
    <message>
      <source>The neck through the years</source>
      <translation>Der Hals durch die Jahre</translation>
    </message>
    <message>
      <source>The neck was begun. Take the one reading that would tell most, and write it down.</source>
      <translation>Der Hals ist begonnen. Die eine Messung nehmen, die am meisten sagt, und sie aufschreiben.</translation>
    </message>
    <message>
      <source>The neck was read, the purse is small. Choose the way you would offer.</source>
      <translation>Der Hals ist vermessen, der Beutel ist klein. Den Weg wählen, den man anböte.</translation>
    </message>
    <message>
      <source>The neck was straightened with heat.</source>
      <translation>Der Hals wurde mit Wärme gerichtet.</translation>
    </message>
    <message>
      <source>The neck waves: it dips in one place and rises in another.</source>
      <translation>Der Hals ist wellig: er senkt sich an einer Stelle und steigt an einer anderen.</translation>
    </message>
    <message>
      <source>The neck {word}</source>
      <translation>Der Hals {word}</translation>
    </message>
    <message>
      <source>The new tops read, every fret pressed.</source>
      <translation>Die neuen Kuppen gemessen, jeder Bund gedrückt.</translation>
    </message>
    <message>
      <source>The new tops read: rocker in three lanes. {gate}</source>
      <translation>Die neuen Kuppen gemessen: Wippe in drei Spuren. {gate}</translation>
    </message>
    <message>
      <source>The newest copy is of {newest}.</source>
      <translation>Die neueste Kopie ist vom {newest}.</translation>
    </message>
    <message>
      <source>The next move of the rod</source>
      <translation>Der nächste Zug am Stab</translation>
    </message>
    <message>
      <source>The notched edge for {fit:g} mm fits.</source>
      <translation>Das Kerblineal für {fit:g} mm passt.</translation>
    </message>
    <message>
      <source>The notched edge on the wood had it all. No rocker found anything, for single frets were never at fault.</source>
      <translation>Das Kerblineal auf dem Holz hatte alles. Keine Wippe fand etwas, denn einzelne Bünde waren nie schuld.</translation>
    </message>
    <message>
      <source>The notes before the body joint choke.</source>
      <translation>Die Töne vor dem Halsansatz ersticken.</translation>
    </message>
    <message>
      <source>The nut can't be reached: clear the hole, find the key that fits. The rod itself has not been tried yet.</source>
      <translation>Die Mutter ist nicht zu erreichen: das Loch säubern, den passenden Schlüssel finden. Der Stab selbst ist noch nicht versucht.</translation>
    </message>
    <message>
      <source>The nut holds the strings higher than they need at the first frets.</source>
      <translation>Der Sattel hält die Saiten an den ersten Bünden höher als nötig.</translation>
    </message>
    <message>
      <source>The nut is raised, lowered or made new.</source>
      <translation>Der Sattel wird angehoben, gesenkt oder erneuert.</translation>
    </message>
    <message>
      <source>The nut is worn low: open strings lie on the first fret.</source>
      <translation>Der Sattel ist eingelaufen: leere Saiten liegen auf dem ersten Bund.</translation>
    </message>
    <message>
      <source>The nut mended and turning freely; the relief read again.</source>
      <translation>Die Mutter in Ordnung und gängig; die Krümmung neu gemessen.</translation>
    </message>
    <message>
      <source>The nut of the rod in the neck is freed or renewed.</source>
      <translation>Die Mutter des Stabs im Hals wird gängig gemacht oder erneuert.</translation>
    </message>
    <message>
      <source>The nut of the rod may be past freeing.</source>
      <translation>Die Mutter des Stabs ist vielleicht nicht mehr zu lösen.</translation>
    </message>
    <message>
      <source>The old frets come back to you, bagged.</source>
      <translation>Die alten Bünde gehen in einer Tüte an Sie zurück.</translation>
    </message>
    <message>
      <source>The old neck comes back to you.</source>
      <translation>Der alte Hals geht an Sie zurück.</translation>
    </message>
    <message>
      <source>The open high strings buzz.</source>
      <translation>Die leeren hohen Saiten schnarren.</translation>
    </message>
    <message>
      <source>The owner</source>
      <translation>Der Besitzer</translation>
    </message>
    <message>
      <source>The owner's budget</source>
      <translation>Was der Besitzer ausgeben will</translation>
    </message>
    <message>
      <source>The page as it will be printed</source>
      <translation>Die Seite, wie sie gedruckt wird</translation>
    </message>
    <message>
      <source>The place that is asked for.</source>
      <translation>Die Stelle, nach der gefragt ist.</translation>
    </message>
    <message>
      <source>The promise is taken back.</source>
      <translation>Das Versprechen ist zurückgenommen.</translation>
    </message>
    <message>
      <source>The quote</source>
      <translation>Das Angebot</translation>
    </message>
    <message>
      <source>The radius gauge says {one:.0f} mm at {before}, {two:.0f} at {at} and {three:.0f} at {after}: no board is cut so. Take fret {at} again.</source>
      <translation>Die Radiuslehre sagt {one:.0f} mm bei {before}, {two:.0f} bei {at} und {three:.0f} bei {after}: so ist kein Brett geschnitten. Bund {at} noch einmal nehmen.</translation>
    </message>
    <message>
      <source>The reading that would save most metal: {asked}</source>
      <translation>Die Messung, die am meisten Metall spart: {asked}</translation>
    </message>
    <message>
      <source>The readings speak of {named}, and no way here cures it: have the neck seen to.</source>
      <translation>Die Messungen sprechen von {named}, und kein Weg hier heilt es: den Hals richten lassen.</translation>
    </message>
    <message>
      <source>The relief at pitch is not known well enough: take a string gap on both sides.</source>
      <translation>Die Krümmung gestimmt ist nicht gut genug bekannt: auf beiden Seiten einen Spalt unter der Saite messen.</translation>
    </message>
    <message>
      <source>The relief ends {n} mm or more further from what is wanted.</source>
      <translation>Die Krümmung endet {n} mm oder mehr weiter weg vom Gewünschten.</translation>
    </message>
    <message>
      <source>The relief is read again after every move.</source>
      <translation>Die Krümmung wird nach jedem Zug neu gemessen.</translation>
    </message>
    <message>
      <source>The relief is {relief_off_mm:.2f} mm off what is wanted.</source>
      <translation>Die Krümmung ist {relief_off_mm:.2f} mm neben dem Gewünschten.</translation>
    </message>
    <message>
      <source>The relief is {worst:.2f} mm {side} than wanted.</source>
      <translation>Die Krümmung ist {worst:.2f} mm {side} als gewünscht.</translation>
    </message>
    <message>
      <source>The relief isn't known well enough</source>
      <translation>Die Krümmung ist nicht gut genug bekannt</translation>
    </message>
    <message>
      <source>The relief needs no turn.</source>
      <translation>Die Krümmung braucht keine Drehung.</translation>
    </message>
    <message>
      <source>The relief went the other way. The rod works; either the key was turned the wrong way, or this rod works backwards: turn it back and read again, then the sign is known.</source>
      <translation>Die Krümmung ging in die andere Richtung. Der Stab wirkt; entweder wurde der Schlüssel falsch gedreht, oder dieser Stab arbeitet rückwärts: zurückdrehen und neu messen, dann ist das Vorzeichen bekannt.</translation>
    </message>
    <message>
      <source>The relief went the other way: {said}. The rod works; find its direction first.</source>
      <translation>Die Krümmung ging in die andere Richtung: {said}. Der Stab wirkt; erst seine Richtung finden.</translation>
    </message>
    <message>
      <source>The results of practice can't be read; they were set aside.</source>
      <translation>Die Übungsergebnisse können nicht gelesen werden; sie wurden beiseitegelegt.</translation>
    </message>
    <message>
      <source>The rocker stands on four</source>
      <translation>Die Wippe steht auf vier</translation>
    </message>
    <message>
      <source>The rod binds</source>
      <translation>Der Stab klemmt</translation>
    </message>
    <message>
      <source>The rod can rest</source>
      <translation>Der Stab kann ruhen</translation>
    </message>
    <message>
      <source>The rod in the neck is turned, so that it bows as much as is wanted.</source>
      <translation>Der Stab im Hals wird gedreht, damit er sich so weit biegt wie gewünscht.</translation>
    </message>
    <message>
      <source>The rod is at its end</source>
      <translation>Der Stab ist am Ende</translation>
    </message>
    <message>
      <source>The rod is at its end. A spacer under its nut, compression fretting, heat or a dressed-in relief are what is left; a new rod is specialist work.</source>
      <translation>Der Stab ist am Ende. Eine Scheibe unter der Mutter, stramme Bünde, Wärme oder eingefeilte Krümmung bleiben; ein neuer Stab ist Sache einer Fachwerkstatt.</translation>
    </message>
    <message>
      <source>The rod is out of it.</source>
      <translation>Der Stab fällt aus.</translation>
    </message>
    <message>
      <source>The rod is turned back.</source>
      <translation>Der Stab wird zurückgedreht.</translation>
    </message>
    <message>
      <source>The rod may turn out to be at its end; then nothing is forced.</source>
      <translation>Der Stab kann sich als ausgereizt erweisen; dann wird nichts erzwungen.</translation>
    </message>
    <message>
      <source>The rod resists: it is not to be forced. Slacken the strings, clear and grease its nut, then try an eighth.</source>
      <translation>Der Stab widersteht: er wird nicht gezwungen. Saiten entspannen, Mutter säubern und fetten, dann ein Achtel versuchen.</translation>
    </message>
    <message>
      <source>The rod set and the relief read.</source>
      <translation>Der Stab eingestellt und die Krümmung gemessen.</translation>
    </message>
    <message>
      <source>The rod would have to move the board by {length}.</source>
      <translation>Der Stab müsste das Brett um {length} bewegen.</translation>
    </message>
    <message>
      <source>The rod {did}: a {kind} one</source>
      <translation>Der Stab {did}: {kind}</translation>
    </message>
    <message>
      <source>The rod's nut can't be reached</source>
      <translation>Die Stabmutter ist nicht zu erreichen</translation>
    </message>
    <message>
      <source>The rod's nut is {rod_nut}.</source>
      <translation>Die Mutter des Stabs ist {rod_nut}.</translation>
    </message>
    <message>
      <source>The rod's nut: cleared and greased.</source>
      <translation>Die Mutter des Stabs: gesäubert und gefettet.</translation>
    </message>
    <message>
      <source>The rod's nut: renewed.</source>
      <translation>Die Mutter des Stabs: erneuert.</translation>
    </message>
    <message>
      <source>The round After fitting: every fret pressed, rocker in three lanes, back bow, crowns. What was read of the old wire says nothing of them; the level is weighed anew.</source>
      <translation>Die Runde „Nach dem Einsetzen“: jeder Bund gedrückt, Wippe in drei Spuren, Rückbiegung, Kronen. Was am alten Draht gemessen wurde, sagt nichts darüber; das Abrichten wird neu abgewogen.</translation>
    </message>
    <message>
      <source>The round Bare board: edge on three lanes, radius, low corners. New wire shows what is left to take.</source>
      <translation>Die Runde „Blankes Brett“: Lineal auf drei Spuren, Radius, tiefe Ecken. „Neuer Draht“ zeigt, was noch zu nehmen ist.</translation>
    </message>
    <message>
      <source>The round Before stripping: relief of wood and tops at pitch and slack, where the bend sits, radius at several frets, thickness of the board, edge run on to the bridge.</source>
      <translation>Die Runde „Vor dem Ausbau“: Krümmung von Holz und Kuppen gestimmt und entspannt, wo die Biegung sitzt, Radius an mehreren Bünden, Dicke des Bretts, Lineal weitergezogen zum Steg.</translation>
    </message>
    <message>
      <source>The round is done. Up goes back to a station.</source>
      <translation>Die Runde ist fertig. Auf geht zurück zu einer Station.</translation>
    </message>
    <message>
      <source>The rule stands on the fret beside the string.</source>
      <translation>Der Maßstab steht auf dem Bund neben der Saite.</translation>
    </message>
    <message>
      <source>The run goes towards the body.</source>
      <translation>Der Lauf geht zum Korpus hin.</translation>
    </message>
    <message>
      <source>The run goes towards the nut.</source>
      <translation>Der Lauf geht zum Sattel hin.</translation>
    </message>
    <message>
      <source>The saddle gives no more on the {lane_words}: {length} of it must stay, and {length_2} would be lacking: neck angle.</source>
      <translation>Der Steg gibt nichts mehr her ({lane_words}): {length} davon müssen bleiben, und {length_2} fehlten: Halswinkel.</translation>
    </message>
    <message>
      <source>The saddle is set higher or lower.</source>
      <translation>Der Steg wird höher oder tiefer gesetzt.</translation>
    </message>
    <message>
      <source>The saddle of the {lane_words} is {moved}.</source>
      <translation>Der Steg ({lane_words}) ist {moved}.</translation>
    </message>
    <message>
      <source>The same neck again</source>
      <translation>Derselbe Hals noch einmal</translation>
    </message>
    <message>
      <source>The same program at each string height; it can only rise as strings go lower.</source>
      <translation>Dasselbe Programm bei jeder Saitenlage; sie kann nur steigen, wenn Saiten tiefer kommen.</translation>
    </message>
    <message>
      <source>The server does not let this login in.</source>
      <translation>Der Server lässt diese Anmeldung nicht zu.</translation>
    </message>
    <message>
      <source>The server has no such logbook.</source>
      <translation>Auf dem Server gibt es kein solches Logbuch.</translation>
    </message>
    <message>
      <source>The server of this logbook can't be reached.</source>
      <translation>Der Server dieses Logbuchs ist nicht erreichbar.</translation>
    </message>
    <message>
      <source>The server refuses this name or password.</source>
      <translation>Der Server weist diesen Namen oder dieses Passwort zurück.</translation>
    </message>
    <message>
      <source>The server's logbook is of an older Nuvrek, and this login may not change its tables. Open it once with one that may.</source>
      <translation>Das Logbuch auf dem Server stammt von einem älteren Nuvrek, und diese Anmeldung darf seine Tabellen nicht ändern. Bitte einmal mit einer öffnen, die das darf.</translation>
    </message>
    <message>
      <source>The settings are damaged and can't be set aside: the usual ones hold.</source>
      <translation>Die Einstellungen sind beschädigt und können nicht beiseitegelegt werden: es gelten die üblichen.</translation>
    </message>
    <message>
      <source>The settings can't be read ({why}): the usual ones hold.</source>
      <translation>Die Einstellungen können nicht gelesen werden ({why}): es gelten die üblichen.</translation>
    </message>
    <message>
      <source>The settings could not be kept ({strerror}).</source>
      <translation>Die Einstellungen konnten nicht behalten werden ({strerror}).</translation>
    </message>
    <message>
      <source>The settings were damaged: set aside as {name}, the usual ones hold.</source>
      <translation>Die Einstellungen waren beschädigt: beiseitegelegt als {name}, es gelten die üblichen.</translation>
    </message>
    <message>
      <source>The shelf</source>
      <translation>Das Regal</translation>
    </message>
    <message>
      <source>The shelf can't be read</source>
      <translation>Das Regal kann nicht gelesen werden</translation>
    </message>
    <message>
      <source>The shelf is empty</source>
      <translation>Das Regal ist leer</translation>
    </message>
    <message>
      <source>The shop</source>
      <translation>Die Werkstatt</translation>
    </message>
    <message>
      <source>The shop's name</source>
      <translation>Name der Werkstatt</translation>
    </message>
    <message>
      <source>The sides differ in relief by {size} or more.</source>
      <translation>Die Seiten sind in der Halskrümmung um {size} oder mehr verschieden.</translation>
    </message>
    <message>
      <source>The slot may chip when the fret is lifted; it is mended.</source>
      <translation>Der Schlitz kann beim Heben ausbrechen; das wird ausgebessert.</translation>
    </message>
    <message>
      <source>The slot of the {lane_words} is {moved}.</source>
      <translation>Die Kerbe ({lane_words}) ist {moved}.</translation>
    </message>
    <message>
      <source>The station before and after: nothing has to go in order.</source>
      <translation>Die Station davor und danach: nichts muss der Reihe nach gehen.</translation>
    </message>
    <message>
      <source>The stop is felt, and the caul comes up again.</source>
      <translation>Der Anschlag ist gefühlt, und die Zulage geht wieder hoch.</translation>
    </message>
    <message>
      <source>The string all but lies on fret 1, {side}</source>
      <translation>Die Saite liegt fast auf dem 1. Bund, {side}</translation>
    </message>
    <message>
      <source>The string height that is wished for asks for no more than just clean: {less}.</source>
      <translation>Die gewünschte Saitenlage verlangt nicht mehr als „gerade sauber“: {less}.</translation>
    </message>
    <message>
      <source>The string list has {strings_in} strings, the neck {strings}.</source>
      <translation>Die Saitenliste hat {strings_in} Saiten, der Hals {strings}.</translation>
    </message>
    <message>
      <source>The string over the middle at pitch, and an edge where it shows no light.</source>
      <translation>Die Saite über der Mitte, gestimmt, und ein Lineal, wo sie kein Licht zeigt.</translation>
    </message>
    <message>
      <source>The strings are as asked: every reading keeps it. Enter alone says nothing.</source>
      <translation>Die Saiten sind wie verlangt: Jede Messung hält es fest. Enter allein sagt nichts.</translation>
    </message>
    <message>
      <source>The strings are at pitch: let them down before this.</source>
      <translation>Die Saiten sind gestimmt: vorher herunterlassen.</translation>
    </message>
    <message>
      <source>The strings are high.</source>
      <translation>Die Saiten sind hoch.</translation>
    </message>
    <message>
      <source>The strings are slack.</source>
      <translation>Die Saiten sind entspannt.</translation>
    </message>
    <message>
      <source>The strings are slack: {why}.</source>
      <translation>Die Saiten sind entspannt: {why}.</translation>
    </message>
    <message>
      <source>The strings end {n} mm or more further from their height.</source>
      <translation>Die Saiten enden {n} mm oder mehr weiter weg von ihrer Höhe.</translation>
    </message>
    <message>
      <source>The strings have worn grooves into the frets, up to {{mm}} deep.</source>
      <translation>Die Saiten haben Kerben in die Bünde gearbeitet, bis {{mm}} tief.</translation>
    </message>
    <message>
      <source>The strings pull {pull_mm} of relief into it</source>
      <translation>Die Saiten ziehen {pull_mm} Krümmung hinein</translation>
    </message>
    <message>
      <source>The strings stand {height_off_mm:.2f} mm off the wanted height.</source>
      <translation>Die Saiten stehen {height_off_mm:.2f} mm neben der gewünschten Höhe.</translation>
    </message>
    <message>
      <source>The strings still count as at pitch. Once they are slack, go back up and press *.</source>
      <translation>Die Saiten gelten noch als gestimmt. Sobald sie entspannt sind, zurückgehen und * drücken.</translation>
    </message>
    <message>
      <source>The strings still count as slack. Once they are at pitch, go back up and press *.</source>
      <translation>Die Saiten gelten noch als entspannt. Sobald sie gestimmt sind, zurückgehen und * drücken.</translation>
    </message>
    <message>
      <source>The tape is off.</source>
      <translation>Das Band ist ab.</translation>
    </message>
    <message>
      <source>The thinnest fret is {fret}, with {length}; under {length_2} it wants new wire.</source>
      <translation>Der dünnste Bund ist {fret} mit {length}; unter {length_2} braucht er neuen Draht.</translation>
    </message>
    <message>
      <source>The time is up.</source>
      <translation>Die Zeit ist um.</translation>
    </message>
    <message>
      <source>The tongue rises</source>
      <translation>Die Griffbrettzunge steigt</translation>
    </message>
    <message>
      <source>The tongue that climbs</source>
      <translation>Die steigende Zunge</translation>
    </message>
    <message>
      <source>The tool brushes {frets} as well: a shorter stone, or lift it there.</source>
      <translation>Das Werkzeug streift auch {frets}: ein kürzerer Stein, oder dort anheben.</translation>
    </message>
    <message>
      <source>The tops are level and {how_many} worn by up to {length}: re-profile them, then a light level brings what is left together; the crowns can pay.{agree}</source>
      <translation>Die Kuppen sind gleich und {how_many} um bis zu {length} abgespielt: neu verrunden, dann bringt leichtes Abrichten den Rest zusammen; die Kronen geben es her.{agree}</translation>
    </message>
    <message>
      <source>The tops are level; only {named} are worn. {gist}{agree}</source>
      <translation>Die Kuppen sind gleich; nur {named} sind abgespielt. {gist}{agree}</translation>
    </message>
    <message>
      <source>The tops of frets are worn flat.</source>
      <translation>Die Kuppen der Bünde sind flach gespielt.</translation>
    </message>
    <message>
      <source>The true caul, until its stop is felt.</source>
      <translation>Die passende Zulage, bis ihr Anschlag gefühlt ist.</translation>
    </message>
    <message>
      <source>The truss rod was turned.</source>
      <translation>Der Halsstab wurde gedreht.</translation>
    </message>
    <message>
      <source>The truth comes out first: Enter.</source>
      <translation>Erst kommt die Wahrheit heraus: Enter.</translation>
    </message>
    <message>
      <source>The truth over your map</source>
      <translation>Die Wahrheit über der eigenen Karte</translation>
    </message>
    <message>
      <source>The truth.</source>
      <translation>Die Wahrheit.</translation>
    </message>
    <message>
      <source>The two rods pull against each other: one was tightened, the other loosened, and the sides do not part. Bring both back to where they were, then turn them alike.</source>
      <translation>Die zwei Stäbe ziehen gegeneinander: einer wurde fester, der andere lockerer gedreht, und die Seiten gehen nicht auseinander. Beide dahin zurück, wo sie waren, dann gleich drehen.</translation>
    </message>
    <message>
      <source>The two sides of the neck dip unlike.</source>
      <translation>Die beiden Seiten des Halses senken sich verschieden.</translation>
    </message>
    <message>
      <source>The way is taken. Here its work is done by hands.</source>
      <translation>Der Weg ist genommen. Hier tun ihn die Hände.</translation>
    </message>
    <message>
      <source>The ways are being weighed anew. One moment, then Enter.</source>
      <translation>Die Wege werden neu abgewogen. Einen Augenblick, dann Enter.</translation>
    </message>
    <message>
      <source>The ways that are advised, in order, with what each waits for.</source>
      <translation>Die empfohlenen Wege der Reihe nach, und worauf jeder wartet.</translation>
    </message>
    <message>
      <source>The wood at the joint stands {size} or more over its surroundings.</source>
      <translation>Das Holz am Halsansatz steht {size} oder mehr über seiner Umgebung.</translation>
    </message>
    <message>
      <source>The wood before, and as it is to be.</source>
      <translation>Das Holz vorher und wie es werden soll.</translation>
    </message>
    <message>
      <source>The words of the paper</source>
      <translation>Die Worte des Papiers</translation>
    </message>
    <message>
      <source>The work is passed on to a specialist.</source>
      <translation>Die Arbeit geht an eine Fachwerkstatt.</translation>
    </message>
    <message>
      <source>The worn frets are rounded again.</source>
      <translation>Die abgespielten Bünde werden wieder verrundet.</translation>
    </message>
    <message>
      <source>The zero fret lets {length} under the string over fret 1, about {length_2} is usual: press it home if it has sprung, else let it in or bring it down by {length_3}. The nut only guides the strings here.</source>
      <translation>Der Nullbund lässt {length} unter der Saite über dem 1. Bund, üblich sind etwa {length_2}: einpressen, wenn er sich gelöst hat, sonst einlassen oder um {length_3} herunterbringen. Der Sattel führt die Saiten hier nur.</translation>
    </message>
    <message>
      <source>The {file_for} concave file alone. A groove: until its bottom just goes and no further. A flat: from both shoulders, the line of ink on top stays.</source>
      <translation>Nur die Hohlfeile ({file_for}). Eine Kerbe: bis ihr Grund eben weg ist und nicht weiter. Eine Fläche: von beiden Schultern, die Farblinie oben bleibt.</translation>
    </message>
    <message>
      <source>The {file_for} concave file, from both shoulders, until a line of ink {land_mm:.2f} mm wide or less is left on top: the ink is the height, don't file it away.</source>
      <translation>Die Hohlfeile ({file_for}), von beiden Schultern, bis oben eine Farblinie von {land_mm:.2f} mm oder weniger bleibt: die Farbe ist die Höhe, sie nicht wegfeilen.</translation>
    </message>
    <message>
      <source>The {lane_words} string stands {height:.1f} mm over 12.</source>
      <translation>Die Saite ({lane_words}) steht {height:.1f} mm über dem 12.</translation>
    </message>
    <message>
      <source>The {more} has {mm} more relief than the {less}</source>
      <translation>Die {more} hat {mm} mehr Krümmung als die {less}</translation>
    </message>
    <message>
      <source>The {name} is high, {side}: {mm} over fret 1</source>
      <translation>{name} zu hoch, {side}: {mm} über dem 1. Bund</translation>
    </message>
    <message>
      <source>The {tool} repeats to {unit_words}, by {how_many} of readings of one place; it is set to {unit_words_2}.</source>
      <translation>{tool} wiederholt sich auf {unit_words}, nach {how_many} Messungen einer Stelle; eingestellt ist {unit_words_2}.</translation>
    </message>
    <message>
      <source>Their words</source>
      <translation>Die eigenen Worte</translation>
    </message>
    <message>
      <source>Then the relief, the right way round.</source>
      <translation>Dann die Krümmung, richtig herum.</translation>
    </message>
    <message>
      <source>Then the relief, with a rod that can be judged.</source>
      <translation>Dann die Krümmung, mit einem Stab, den man beurteilen kann.</translation>
    </message>
    <message>
      <source>Then {change_words} in all. </source>
      <translation>Dann insgesamt {change_words}. </translation>
    </message>
    <message>
      <source>Then {words} in all. </source>
      <translation>Dann insgesamt {words}. </translation>
    </message>
    <message>
      <source>There is another owner of that name; add a place to tell them apart.</source>
      <translation>Es gibt einen anderen Besitzer dieses Namens; einen Ort dazusetzen, um sie zu unterscheiden.</translation>
    </message>
    <message>
      <source>There is no form '{key}'.</source>
      <translation>Eine Übung „{key}“ gibt es nicht.</translation>
    </message>
    <message>
      <source>There is no fret to press.</source>
      <translation>Da ist kein Bund zu drücken.</translation>
    </message>
    <message>
      <source>There is no fret {fret}.</source>
      <translation>Bund {fret} gibt es nicht.</translation>
    </message>
    <message>
      <source>There is no gap under the string: the neck may be straight or back-bowed. Check with a straight edge before touching the truss rod.</source>
      <translation>Unter der Saite ist kein Spalt: Der Hals kann gerade sein oder eine Rückbiegung haben. Mit einem Lineal prüfen, bevor der Halsstab angefasst wird.</translation>
    </message>
    <message>
      <source>There is no lesson '{key}'.</source>
      <translation>Eine Lektion „{key}“ gibt es nicht.</translation>
    </message>
    <message>
      <source>There is no list to keep yet.</source>
      <translation>Es gibt noch keine Liste zu behalten.</translation>
    </message>
    <message>
      <source>There is no logbook at {path}, but there are copies of it, the newest of {day}.

Put that one back? Otherwise a new logbook is begun; the copies stay.</source>
      <translation>Unter {path} liegt kein Logbuch, aber es gibt Kopien davon, die neueste vom {day}.

Diese zurückholen? Sonst wird ein neues Logbuch begonnen; die Kopien bleiben.</translation>
    </message>
    <message>
      <source>There is no logbook on this server yet, and this login may not make its tables. Open it once with one that may.</source>
      <translation>Auf diesem Server gibt es noch kein Logbuch, und diese Anmeldung darf seine Tabellen nicht anlegen. Bitte einmal mit einer öffnen, die das darf.</translation>
    </message>
    <message>
      <source>There is no neck {number} on the shelf.</source>
      <translation>Hals {number} gibt es im Regal nicht.</translation>
    </message>
    <message>
      <source>There is no such note to judge.</source>
      <translation>Einen solchen Ton gibt es hier nicht.</translation>
    </message>
    <message>
      <source>There is nothing for a key to turn.</source>
      <translation>Da ist nichts für einen Schlüssel zu drehen.</translation>
    </message>
    <message>
      <source>There is one rod only.</source>
      <translation>Es gibt nur einen Stab.</translation>
    </message>
    <message>
      <source>There is {over} relief than wanted: the rod comes before the file.</source>
      <translation>Es ist {over} Krümmung da als gewünscht: der Stab kommt vor der Feile.</translation>
    </message>
    <message>
      <source>These readings could not be put together ({name}). They are kept; strike the odd one out. {where}</source>
      <translation>Diese Messungen ließen sich nicht zusammensetzen ({name}). Sie sind behalten; die abweichende streichen. {where}</translation>
    </message>
    <message>
      <source>These settings can't be kept ({error}); those before still are.</source>
      <translation>Diese Einstellungen können nicht behalten werden ({error}); die vorigen gelten noch.</translation>
    </message>
    <message>
      <source>Thickness of the board?</source>
      <translation>Dicke des Griffbretts?</translation>
    </message>
    <message>
      <source>Thickness of the neck?</source>
      <translation>Dicke des Halses?</translation>
    </message>
    <message>
      <source>Thin glue from one side until it shows at the other, then from there; nothing on the face. Scrape what comes up.</source>
      <translation>Dünner Kleber von einer Seite, bis er auf der anderen erscheint, dann von dort; nichts auf die Fläche. Was hochkommt, abziehen.</translation>
    </message>
    <message>
      <source>Thin glue was used: a drop of its solvent along the fret, and time. </source>
      <translation>Dünner Kleber war im Spiel: ein Tropfen seines Lösers am Bund entlang, und Zeit. </translation>
    </message>
    <message>
      <source>Thin glue: fumes, and it bonds skin. Open the window; no cotton wads.</source>
      <translation>Dünner Kleber: Dämpfe, und er klebt Haut. Fenster auf; keine Watte.</translation>
    </message>
    <message>
      <source>Thin glue: fumes, bonds skin, heats with accelerator or dust. Ventilate; no cotton wads.</source>
      <translation>Dünner Kleber: Dämpfe, klebt Haut, erhitzt sich mit Beschleuniger oder Staub. Lüften; keine Watte.</translation>
    </message>
    <message>
      <source>Thin, ten minutes, wiped off; overnight before the strings.</source>
      <translation>Dünn, zehn Minuten, abgewischt; über Nacht vor den Saiten.</translation>
    </message>
    <message>
      <source>Things</source>
      <translation>Dinge</translation>
    </message>
    <message>
      <source>Thinnest crown</source>
      <translation>Dünnste Krone</translation>
    </message>
    <message>
      <source>Thinnest fret, levels left</source>
      <translation>Dünnster Bund, Abrichtungen übrig</translation>
    </message>
    <message>
      <source>This bench has no such tool.</source>
      <translation>Diese Werkbank hat kein solches Werkzeug.</translation>
    </message>
    <message>
      <source>This can't be written down ({error}). Nothing was changed.</source>
      <translation>Das kann nicht aufgeschrieben werden ({error}). Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>This copy holds {held}.{wrong}</source>
      <translation>Diese Kopie enthält {held}.{wrong}</translation>
    </message>
    <message>
      <source>This edge is too short here: it does not reach three frets.</source>
      <translation>Diese Kante ist hier zu kurz: sie reicht nicht über drei Bünde.</translation>
    </message>
    <message>
      <source>This is about your instrument, {title}.</source>
      <translation>Es geht um Ihr Instrument, {title}.</translation>
    </message>
    <message>
      <source>This is done on the server; it can't be reached now.</source>
      <translation>Das geschieht auf dem Server; er ist gerade nicht erreichbar.</translation>
    </message>
    <message>
      <source>This is the logbook that is open already.</source>
      <translation>Das ist das Logbuch, das schon offen ist.</translation>
    </message>
    <message>
      <source>This is what was done on {title}.</source>
      <translation>Dies wurde an {title} gemacht.</translation>
    </message>
    <message>
      <source>This logbook can only be looked at. {why}</source>
      <translation>Dieses Logbuch kann nur angesehen werden. {why}</translation>
    </message>
    <message>
      <source>This logbook is only read.</source>
      <translation>Dieses Logbuch wird nur gelesen.</translation>
    </message>
    <message>
      <source>This login may not do that on the server ({error}).</source>
      <translation>Diese Anmeldung darf das auf dem Server nicht ({error}).</translation>
    </message>
    <message>
      <source>This login may only look at the server's logbook.</source>
      <translation>Diese Anmeldung darf das Logbuch auf dem Server nur ansehen.</translation>
    </message>
    <message>
      <source>This machine has no line for a stand-in gauge ({reason}).</source>
      <translation>Dieser Rechner hat keinen Anschluss für die nachgestellte Messuhr ({reason}).</translation>
    </message>
    <message>
      <source>This machine has no player for sounds: it is seen instead.</source>
      <translation>Dieser Rechner hat keinen Abspieler für Töne: es wird stattdessen gesehen.</translation>
    </message>
    <message>
      <source>This neck has no rod.</source>
      <translation>Dieser Hals hat keinen Stab.</translation>
    </message>
    <message>
      <source>This neck is damaged in the logbook: {damage} It can be looked at; nothing is written into it.</source>
      <translation>Dieser Hals ist im Logbuch beschädigt: {damage} Er kann angesehen werden; geschrieben wird nichts.</translation>
    </message>
    <message>
      <source>This neck is no longer in the logbook as it was open here: a copy was put back, or another logbook. Nothing was written down; open it again from the shelf.</source>
      <translation>Dieser Hals steht nicht mehr so im Logbuch, wie er hier offen war: Eine Kopie oder ein anderes Logbuch wurde zurückgeholt. Nichts wurde eingetragen; bitte vom Regal aus neu öffnen.</translation>
    </message>
    <message>
      <source>This neck is no longer in the logbook.</source>
      <translation>Dieser Hals steht nicht mehr im Logbuch.</translation>
    </message>
    <message>
      <source>This neck is no longer in the logbook; open another from the shelf.</source>
      <translation>Dieser Hals steht nicht mehr im Logbuch; bitte einen anderen vom Regal öffnen.</translation>
    </message>
    <message>
      <source>This neck was changed from another window meanwhile. Nothing was written down. It was read again: look, and write once more.</source>
      <translation>Dieser Hals wurde inzwischen aus einem anderen Fenster geändert. Nichts wurde eingetragen. Er wurde neu gelesen: ansehen und noch einmal eintragen.</translation>
    </message>
    <message>
      <source>This neck was changed meanwhile. Nothing was written down.</source>
      <translation>Dieser Hals wurde inzwischen geändert. Nichts wurde eingetragen.</translation>
    </message>
    <message>
      <source>This neck was taken in meanwhile.</source>
      <translation>Dieser Hals wurde inzwischen übernommen.</translation>
    </message>
    <message>
      <source>This neck {more} {mm_per_percent} of relief per percent of moisture</source>
      <translation>Dieser Hals {more} {mm_per_percent} Krümmung je Prozent Feuchte</translation>
    </message>
    <message>
      <source>This one figure is needed; the rest can wait.</source>
      <translation>Diese eine Zahl wird gebraucht; der Rest hat Zeit.</translation>
    </message>
    <message>
      <source>This one: no</source>
      <translation>Dies: nein</translation>
    </message>
    <message>
      <source>This one: yes</source>
      <translation>Dies: ja</translation>
    </message>
    <message>
      <source>This photo can't be read any more.</source>
      <translation>Dieses Foto kann nicht mehr gelesen werden.</translation>
    </message>
    <message>
      <source>This picture, as PNG</source>
      <translation>Dieses Bild als PNG</translation>
    </message>
    <message>
      <source>This picture, as SVG</source>
      <translation>Dieses Bild als SVG</translation>
    </message>
    <message>
      <source>This program would: {it}.</source>
      <translation>Dieses Programm würde: {it}.</translation>
    </message>
    <message>
      <source>This quote stands until {day}.</source>
      <translation>Dieses Angebot gilt bis {day}.</translation>
    </message>
    <message>
      <source>This ruler should measure {ruler_mm:.0f} mm. If it does not, the printer was told to fit the page.</source>
      <translation>Dieser Maßstab soll {ruler_mm:.0f} mm messen. Tut er es nicht, sollte der Drucker an die Seite anpassen.</translation>
    </message>
    <message>
      <source>This step waits for the owner's word: {named}.</source>
      <translation>Dieser Schritt wartet auf das Wort des Besitzers: {named}.</translation>
    </message>
    <message>
      <source>This wire</source>
      <translation>Dieser Draht</translation>
    </message>
    <message>
      <source>This wire is too low for its first level: {short}.</source>
      <translation>Dieser Draht ist zu niedrig für die erste Abrichtung: {short}.</translation>
    </message>
    <message>
      <source>Three figures</source>
      <translation>Drei Zahlen</translation>
    </message>
    <message>
      <source>Three figures of it are enough to begin measuring.</source>
      <translation>Drei Zahlen genügen, um mit dem Messen zu beginnen.</translation>
    </message>
    <message>
      <source>Three forces as shares of the tension; notes marked by ear find the hand's own.</source>
      <translation>Drei Kräfte als Teil der Spannung; nach Gehör markierte Töne finden den der eigenen Hand.</translation>
    </message>
    <message>
      <source>Three lanes</source>
      <translation>Drei Spuren</translation>
    </message>
    <message>
      <source>Through its slack</source>
      <translation>Durch sein Spiel</translation>
    </message>
    <message>
      <source>Tight in {frets}.</source>
      <translation>Stramm in {frets}.</translation>
    </message>
    <message>
      <source>Tilt the neck</source>
      <translation>Hals neigen</translation>
    </message>
    <message>
      <source>Tilt the neck back by {angle_degrees:.2f}°: a shim of {length} at the end of {it} pocket, or the tilt screw, makes up for {length_2} at the saddle.</source>
      <translation>Den Hals um {angle_degrees:.2f}° zurückneigen: eine Unterlage von {length} am Ende ({it}) der Tasche, oder die Neigungsschraube, gleicht {length_2} am Steg aus.</translation>
    </message>
    <message>
      <source>Tilt the neck in its pocket</source>
      <translation>Den Hals in seiner Tasche neigen</translation>
    </message>
    <message>
      <source>Time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <source>Time has passed.</source>
      <translation>Zeit ist vergangen.</translation>
    </message>
    <message>
      <source>To be decided</source>
      <translation>Zu entscheiden</translation>
    </message>
    <message>
      <source>To be handed back</source>
      <translation>Zurückzugeben</translation>
    </message>
    <message>
      <source>To be known</source>
      <translation>Zu wissen</translation>
    </message>
    <message>
      <source>To be left alone, but in the way: {named}.</source>
      <translation>Sollen gelassen werden, sind aber im Weg: {named}.</translation>
    </message>
    <message>
      <source>To be looked at again</source>
      <translation>Wieder anzusehen</translation>
    </message>
    <message>
      <source>To be measured</source>
      <translation>Zu vermessen</translation>
    </message>
    <message>
      <source>To begin with: {first}. That {right}.</source>
      <translation>Zum Anfang: {first}. Das {right}.</translation>
    </message>
    <message>
      <source>To pitch, then let the neck settle.</source>
      <translation>Stimmen, dann den Hals sich setzen lassen.</translation>
    </message>
    <message>
      <source>To print (*.pdf)</source>
      <translation>Zum Drucken (*.pdf)</translation>
    </message>
    <message>
      <source>To print (*.pdf);;Drawing (*.svg);;For a cutter (*.dxf)</source>
      <translation>Zum Drucken (*.pdf);;Zeichnung (*.svg);;Für eine Schneidemaschine (*.dxf)</translation>
    </message>
    <message>
      <source>To the owner's word  (0)</source>
      <translation>Zum Wort des Besitzers  (0)</translation>
    </message>
    <message>
      <source>Together it</source>
      <translation>Zusammen</translation>
    </message>
    <message>
      <source>Too high: a stroke or two, retune, press at 3, look at 1; a slot too low can't be unfiled. Too low: a shim under the nut, the slot filled with dust and glue and cut anew, or a new nut. It goes back with a drop of glue only.</source>
      <translation>Zu hoch: ein, zwei Striche, nachstimmen, am 3. drücken, am 1. hinsehen; eine zu tiefe Kerbe lässt sich nicht zurückfeilen. Zu tief: eine Unterlage unter den Sattel, die Kerbe mit Staub und Kleber füllen und neu schneiden, oder ein neuer Sattel. Zurück kommt er nur mit einem Tropfen Kleber.</translation>
    </message>
    <message>
      <source>Too little metal for {length} of crown: {named}.</source>
      <translation>Zu wenig Metall für {length} Krone: {named}.</translation>
    </message>
    <message>
      <source>Too many frets to file one by one ({number}): one level brings all tops together.</source>
      <translation>Zu viele Bünde, um einzeln zu feilen ({number}): einmal abrichten bringt alle Kuppen zusammen.</translation>
    </message>
    <message>
      <source>Tool</source>
      <translation>Werkzeug</translation>
    </message>
    <message>
      <source>Tools</source>
      <translation>Werkzeug</translation>
    </message>
    <message>
      <source>Tools again</source>
      <translation>Wieder Werkzeuge</translation>
    </message>
    <message>
      <source>Tops</source>
      <translation>Kuppen</translation>
    </message>
    <message>
      <source>Tops even but worn: crown the few, re-profile and level lightly the many, new wire when the crowns are too low.</source>
      <translation>Kuppen gleich, aber abgespielt: die wenigen verrunden, die vielen neu verrunden und leicht abrichten, neuer Draht, wenn die Kronen zu niedrig sind.</translation>
    </message>
    <message>
      <source>Tops follow the wood they sit in, and a neck bowed back lifts its middle without one fret being high. Metal filed for a bend that the rod takes out is gone for nothing.</source>
      <translation>Kuppen folgen dem Holz, in dem sie sitzen, und ein zurückgebogener Hals hebt seine Mitte, ohne dass ein Bund hoch ist. Metall, das für eine Biegung gefeilt wird, die der Stab herausnimmt, ist umsonst weg.</translation>
    </message>
    <message>
      <source>Tops in order</source>
      <translation>Kuppen der Reihe nach</translation>
    </message>
    <message>
      <source>Tops that stand as even as a level would leave them need none.</source>
      <translation>Kuppen, die so gleich stehen, wie ein Abrichten sie ließe, brauchen keines.</translation>
    </message>
    <message>
      <source>Touch</source>
      <translation>Anschlag</translation>
    </message>
    <message>
      <source>Touch and height</source>
      <translation>Anschlag und Höhe</translation>
    </message>
    <message>
      <source>Touch: {name}, {touch:.1f} ‰ of the tension</source>
      <translation>Anschlag: {name}, {touch:.1f} ‰ der Spannung</translation>
    </message>
    <message>
      <source>Treble side {high_mm}</source>
      <translation>Diskantseite {high_mm}</translation>
    </message>
    <message>
      <source>Trial fret, then each piece</source>
      <translation>Probebund, dann jedes Stück</translation>
    </message>
    <message>
      <source>Trim and bevel the ends</source>
      <translation>Die Enden kürzen und fasen</translation>
    </message>
    <message>
      <source>True the board</source>
      <translation>Das Brett begradigen</translation>
    </message>
    <message>
      <source>True the wood instead at the next refret: it is the wood that is wrong.</source>
      <translation>Stattdessen beim nächsten Neubundieren das Holz begradigen: am Holz liegt es.</translation>
    </message>
    <message>
      <source>Try the rod again</source>
      <translation>Den Stab noch einmal versuchen</translation>
    </message>
    <message>
      <source>Tune all strings, let the neck settle.</source>
      <translation>Alle Saiten stimmen, den Hals sich setzen lassen.</translation>
    </message>
    <message>
      <source>Tune and let it settle</source>
      <translation>Stimmen und sich setzen lassen</translation>
    </message>
    <message>
      <source>Tune to pitch</source>
      <translation>Stimmen</translation>
    </message>
    <message>
      <source>Tune to pitch first</source>
      <translation>Erst stimmen</translation>
    </message>
    <message>
      <source>Tune to pitch first. </source>
      <translation>Erst stimmen. </translation>
    </message>
    <message>
      <source>Turn it back: {back}, retune, read again. Then its direction is known.</source>
      <translation>Zurückdrehen: {back}, nachstimmen, neu messen. Dann ist seine Richtung bekannt.</translation>
    </message>
    <message>
      <source>Turn it back: {turns_words}</source>
      <translation>Zurückdrehen: {turns_words}</translation>
    </message>
    <message>
      <source>Turn the rod</source>
      <translation>Den Stab drehen</translation>
    </message>
    <message>
      <source>Turn the rod back</source>
      <translation>Den Stab zurückdrehen</translation>
    </message>
    <message>
      <source>Turned back and read again.</source>
      <translation>Zurückgedreht und neu gemessen.</translation>
    </message>
    <message>
      <source>Turned out until slack: there is nothing left to let out. The rod is not spent, it can still take relief out. Heavier strings let relief in; or leave it as it lies.</source>
      <translation>Bis locker herausgedreht: es ist nichts mehr herauszulassen. Der Stab ist nicht ausgereizt, er kann noch Krümmung herausnehmen. Schwerere Saiten lassen Krümmung hinein; oder lassen, wie es liegt.</translation>
    </message>
    <message>
      <source>Two frets beside each other rock.</source>
      <translation>Zwei Bünde nebeneinander wippen.</translation>
    </message>
    <message>
      <source>Two moves that answer alike settle which way it turns.</source>
      <translation>Zwei Züge, die gleich antworten, klären, wohin er dreht.</translation>
    </message>
    <message>
      <source>Two rods and a low nut</source>
      <translation>Zwei Stäbe und ein tiefer Sattel</translation>
    </message>
    <message>
      <source>Two-minute sweep</source>
      <translation>Zwei Minuten Wippe</translation>
    </message>
    <message>
      <source>Type a word. Up and down choose, Enter opens, left and right turn the page, Backspace goes back to work.</source>
      <translation>Ein Wort tippen. Auf und ab wählen, Enter öffnet, links und rechts blättern, Rücktaste geht zurück zur Arbeit.</translation>
    </message>
    <message>
      <source>Type it, Enter. Enter alone passes on.</source>
      <translation>Tippen, Enter. Enter allein geht weiter.</translation>
    </message>
    <message>
      <source>Type the fret it rocks about, 2 to {frets}, then *.</source>
      <translation>Den Bund tippen, um den es wippt, 2 bis {frets}, dann *.</translation>
    </message>
    <message>
      <source>Type the fret that holds the string, then *.</source>
      <translation>Den Bund tippen, der die Saite hält, dann *.</translation>
    </message>
    <message>
      <source>Type the height, Enter. Enter alone passes on.</source>
      <translation>Höhe tippen, Enter. Enter allein geht weiter.</translation>
    </message>
    <message>
      <source>Type the height, Enter. Enter alone passes on. A fret and * is a capo there.</source>
      <translation>Höhe tippen, Enter. Enter allein geht weiter. Bund und * ist ein Kapo dort.</translation>
    </message>
    <message>
      <source>Type the leaf first, then + if it slides, - if it drags or / if it won't go.</source>
      <translation>Erst das Blatt tippen, dann + wenn es gleitet, - wenn es schleift, / wenn es nicht geht.</translation>
    </message>
    <message>
      <source>Undercut</source>
      <translation>Unterschnitt</translation>
    </message>
    <message>
      <source>Uneven all over, says the label.</source>
      <translation>Überall ungleich, sagt der Zettel.</translation>
    </message>
    <message>
      <source>Unit of string heights</source>
      <translation>Einheit der Saitenlage</translation>
    </message>
    <message>
      <source>Unit: mm or thou</source>
      <translation>Einheit: mm oder thou</translation>
    </message>
    <message>
      <source>Unit: press for another, or Space</source>
      <translation>Einheit: drücken für eine andere, oder Leertaste</translation>
    </message>
    <message>
      <source>Unless: {unless}</source>
      <translation>Es sei denn: {unless}</translation>
    </message>
    <message>
      <source>Until the stop is felt, and no further. Without glue it comes up again.</source>
      <translation>Bis der Anschlag gefühlt ist, nicht weiter. Ohne Kleber kommt er wieder hoch.</translation>
    </message>
    <message>
      <source>Up and down: read on. Any other key: back.</source>
      <translation>Auf und ab: weiterlesen. Jede andere Taste: zurück.</translation>
    </message>
    <message>
      <source>Up the neck a long one stands on four frets.</source>
      <translation>Weiter oben steht eine lange auf vier Bünden.</translation>
    </message>
    <message>
      <source>Up the neck the frets stand close, and an edge that suits the first frets reaches over four or five of them. It rocks over frets that have nothing the matter.</source>
      <translation>Weiter oben stehen die Bünde eng, und eine Kante, die für die ersten passt, reicht über vier oder fünf. Sie wippt über Bünden, denen nichts fehlt.</translation>
    </message>
    <message>
      <source>Usual errors</source>
      <translation>Übliche Fehler</translation>
    </message>
    <message>
      <source>Usual values</source>
      <translation>Übliche Werte</translation>
    </message>
    <message>
      <source>Usually reached</source>
      <translation>Meist zu erreichen</translation>
    </message>
    <message>
      <source>Usually {hours} hours at the least, {most} in truth, with its level.</source>
      <translation>Üblich sind mindestens {hours} Stunden, in Wahrheit {most}, mit dem Abrichten.</translation>
    </message>
    <message>
      <source>Visits in different air, three or more.</source>
      <translation>Besuche in verschiedener Luft, drei oder mehr.</translation>
    </message>
    <message>
      <source>Waiting for a part</source>
      <translation>Wartet auf ein Teil</translation>
    </message>
    <message>
      <source>Waiting for its time</source>
      <translation>Wartet auf seine Zeit</translation>
    </message>
    <message>
      <source>Waiting for the owner's word</source>
      <translation>Wartet auf das Wort des Besitzers</translation>
    </message>
    <message>
      <source>Warm each fret with a narrow iron, never the board at large. </source>
      <translation>Jeden Bund mit einem schmalen Kolben wärmen, nie das Brett im Ganzen. </translation>
    </message>
    <message>
      <source>Was it in inches?</source>
      <translation>War es in Zoll?</translation>
    </message>
    <message>
      <source>Was it in mm, not thou?</source>
      <translation>War es in mm, nicht in thou?</translation>
    </message>
    <message>
      <source>Was it in thou?</source>
      <translation>War es in thou?</translation>
    </message>
    <message>
      <source>Was its point left out?</source>
      <translation>Fehlte das Komma?</translation>
    </message>
    <message>
      <source>Was its point moved?</source>
      <translation>War das Komma verrutscht?</translation>
    </message>
    <message>
      <source>Watch three: fret {first} goes first, else stop and measure; fret {thinnest} gets thinnest, {thinnest_2}; fret {last} goes last: {stop}.</source>
      <translation>Drei beobachten: Bund {first} geht zuerst, sonst halten und messen; Bund {thinnest} wird am dünnsten, {thinnest_2}; Bund {last} geht zuletzt: {stop}.</translation>
    </message>
    <message>
      <source>Way</source>
      <translation>Weg</translation>
    </message>
    <message>
      <source>Way and price</source>
      <translation>Weg und Preis</translation>
    </message>
    <message>
      <source>Way of filing</source>
      <translation>Art zu feilen</translation>
    </message>
    <message>
      <source>We advise: {named}. {list}</source>
      <translation>Wir empfehlen: {named}. {list}</translation>
    </message>
    <message>
      <source>We have measured it and found nothing that is at fault.</source>
      <translation>Wir haben es vermessen und nichts Fehlerhaftes gefunden.</translation>
    </message>
    <message>
      <source>Wear a year</source>
      <translation>Abnutzung im Jahr</translation>
    </message>
    <message>
      <source>Weighing the ways</source>
      <translation>Die Wege werden abgewogen</translation>
    </message>
    <message>
      <source>Wet cloths ready, glue in the slots. </source>
      <translation>Nasse Tücher bereit, Kleber in die Schlitze. </translation>
    </message>
    <message>
      <source>What Nuvrek can't reach: copies and archives kept elsewhere, other computers' logbooks until they are merged, and letters that were sent.</source>
      <translation>Was Nuvrek nicht erreicht: Kopien und Archive an anderer Stelle, die Logbücher anderer Rechner, solange sie nicht zusammengeführt sind, und verschickte Briefe.</translation>
    </message>
    <message>
      <source>What another set or tuning does</source>
      <translation>Was ein anderer Satz oder eine andere Stimmung tut</translation>
    </message>
    <message>
      <source>What came after entry {last} can't be read, if there was more.</source>
      <translation>Was nach Eintrag {last} kam, kann nicht gelesen werden, falls da mehr war.</translation>
    </message>
    <message>
      <source>What came with it, what was found, and what goes back with it.</source>
      <translation>Was mitkam, was gefunden wurde und was mit zurückgeht.</translation>
    </message>
    <message>
      <source>What can be done</source>
      <translation>Was getan werden kann</translation>
    </message>
    <message>
      <source>What can't be promised</source>
      <translation>Nicht zu versprechen</translation>
    </message>
    <message>
      <source>What do you want to know?</source>
      <translation>Was möchte man wissen?</translation>
    </message>
    <message>
      <source>What goes back with it</source>
      <translation>Was mit zurückgeht</translation>
    </message>
    <message>
      <source>What holds for now</source>
      <translation>Was zurzeit gilt</translation>
    </message>
    <message>
      <source>What is done</source>
      <translation>Was getan wird</translation>
    </message>
    <message>
      <source>What is done: {done}</source>
      <translation>Was getan wird: {done}</translation>
    </message>
    <message>
      <source>What is felt</source>
      <translation>Was gefühlt wird</translation>
    </message>
    <message>
      <source>What is known of one owner can't be read.</source>
      <translation>Was von einem Besitzer bekannt ist, kann nicht gelesen werden.</translation>
    </message>
    <message>
      <source>What is known of one owner {changed}.</source>
      <translation>Was von einem Besitzer bekannt ist, {changed}.</translation>
    </message>
    <message>
      <source>What is left empty is not charged by itself.</source>
      <translation>Was leer bleibt, wird nicht eigens berechnet.</translation>
    </message>
    <message>
      <source>What is not said has the value common on such necks; it counts as not known well.</source>
      <translation>Was nicht gesagt ist, hat den Wert, der an solchen Hälsen üblich ist; es gilt als nicht gut bekannt.</translation>
    </message>
    <message>
      <source>What is on the bench?</source>
      <translation>Was liegt auf der Werkbank?</translation>
    </message>
    <message>
      <source>What is to be agreed</source>
      <translation>Was zu vereinbaren ist</translation>
    </message>
    <message>
      <source>What is written here no longer goes to the server ({name}); it stays on this machine. Start again. {where}</source>
      <translation>Was hier eingetragen wird, geht nicht mehr auf den Server ({name}); es bleibt auf diesem Rechner. Bitte neu starten. {where}</translation>
    </message>
    <message>
      <source>What it is worth to whom</source>
      <translation>Was es wem wert ist</translation>
    </message>
    <message>
      <source>What it means to them, in their words</source>
      <translation>Was es dem Besitzer bedeutet, in eigenen Worten</translation>
    </message>
    <message>
      <source>What it needs next, or what it waits for.</source>
      <translation>Was er als Nächstes braucht oder worauf er wartet.</translation>
    </message>
    <message>
      <source>What it stands against</source>
      <translation>Wogegen es steht</translation>
    </message>
    <message>
      <source>What kind of rod it is, by how it answered.</source>
      <translation>Welche Art Stab es ist, nach seinen Antworten.</translation>
    </message>
    <message>
      <source>What lay on the practice bench can't be read.</source>
      <translation>Was auf der Übungsbank lag, kann nicht gelesen werden.</translation>
    </message>
    <message>
      <source>What lies on the bench?</source>
      <translation>Was liegt auf der Werkbank?</translation>
    </message>
    <message>
      <source>What must be said</source>
      <translation>Was gesagt werden muss</translation>
    </message>
    <message>
      <source>What plays clean and pleases is no fault, whatever the usual figure says.</source>
      <translation>Was sauber spielt und gefällt, ist kein Fehler, was auch die übliche Zahl sagt.</translation>
    </message>
    <message>
      <source>What should be remembered?</source>
      <translation>Was soll behalten werden?</translation>
    </message>
    <message>
      <source>What stands on this page was written by somebody.</source>
      <translation>Was auf dieser Seite steht, hat jemand geschrieben.</translation>
    </message>
    <message>
      <source>What such tools repeat by in a steady hand: one standard deviation.</source>
      <translation>Worauf sich solche Werkzeuge in ruhiger Hand wiederholen: eine Standardabweichung.</translation>
    </message>
    <message>
      <source>What the advice would do</source>
      <translation>Was der Rat täte</translation>
    </message>
    <message>
      <source>What the copy holds</source>
      <translation>Was die Kopie enthält</translation>
    </message>
    <message>
      <source>What the eye sees of the tool. Nothing gives a number but what has one.</source>
      <translation>Was das Auge am Werkzeug sieht. Eine Zahl gibt nur, was eine hat.</translation>
    </message>
    <message>
      <source>What the finger felt at the fret ends.</source>
      <translation>Was der Finger an den Bundenden fühlte.</translation>
    </message>
    <message>
      <source>What the level spares</source>
      <translation>Was das Abrichten schont</translation>
    </message>
    <message>
      <source>What the logbook holds of {what} can't be read; the usual holds.</source>
      <translation>Was das Logbuch zu {what} enthält, ist nicht lesbar; es gilt das Übliche.</translation>
    </message>
    <message>
      <source>What the map would be without it, less what it says itself.</source>
      <translation>Was die Karte ohne sie wäre, weniger was sie selbst sagt.</translation>
    </message>
    <message>
      <source>What the neck does now tells the sign.</source>
      <translation>Was der Hals jetzt tut, sagt das Vorzeichen.</translation>
    </message>
    <message>
      <source>What the plan rests on</source>
      <translation>Worauf der Plan beruht</translation>
    </message>
    <message>
      <source>What the readings say</source>
      <translation>Was die Messungen sagen</translation>
    </message>
    <message>
      <source>What the relief does is told once it was read.</source>
      <translation>Was die Krümmung tut, wird gesagt, wenn sie einmal gemessen ist.</translation>
    </message>
    <message>
      <source>What the server can't take</source>
      <translation>Was der Server nicht annehmen kann</translation>
    </message>
    <message>
      <source>What the shop has set {changed}.</source>
      <translation>Was die Werkstatt eingestellt hat, {changed}.</translation>
    </message>
    <message>
      <source>What the step waits for</source>
      <translation>Worauf der Schritt wartet</translation>
    </message>
    <message>
      <source>What the trap costs</source>
      <translation>Was die Falle kostet</translation>
    </message>
    <message>
      <source>What the wound strings are wound with</source>
      <translation>Womit die umsponnenen Saiten umsponnen sind</translation>
    </message>
    <message>
      <source>What this bench leaves a neck with</source>
      <translation>Womit diese Werkbank einen Hals entlässt</translation>
    </message>
    <message>
      <source>What this face says</source>
      <translation>Was diese Ansicht sagt</translation>
    </message>
    <message>
      <source>What to look for</source>
      <translation>Worauf zu sehen ist</translation>
    </message>
    <message>
      <source>What was done</source>
      <translation>Was gemacht wurde</translation>
    </message>
    <message>
      <source>What was promised, what was measured, and whether it was kept.</source>
      <translation>Was versprochen war, was gemessen wurde und ob es gehalten ist.</translation>
    </message>
    <message>
      <source>What we advise</source>
      <translation>Was wir empfehlen</translation>
    </message>
    <message>
      <source>What we ask you to agree to</source>
      <translation>Worum wir Ihre Zustimmung bitten</translation>
    </message>
    <message>
      <source>What we can't promise</source>
      <translation>Was wir nicht versprechen können</translation>
    </message>
    <message>
      <source>What we found</source>
      <translation>Was wir gefunden haben</translation>
    </message>
    <message>
      <source>What would you offer</source>
      <translation>Was würde man anbieten</translation>
    </message>
    <message>
      <source>What you see</source>
      <translation>Was zu sehen ist</translation>
    </message>
    <message>
      <source>What you set could not be kept. {error}</source>
      <translation>Die Einstellung ließ sich nicht aufbewahren. {error}</translation>
    </message>
    <message>
      <source>When this was chosen: {words} The bar below says what is due now. A quarter turn or less at once, retune, measure again. Stop if it resists, if it is at its end, or if two moves bring no answer.</source>
      <translation>Als dies gewählt wurde: {words} Die Leiste unten sagt, was jetzt dran ist. Höchstens eine Vierteldrehung auf einmal, nachstimmen, neu messen. Aufhören, wenn er widersteht, am Ende ist oder zwei Züge keine Antwort bringen.</translation>
    </message>
    <message>
      <source>When to look again</source>
      <translation>Wann wieder hinsehen</translation>
    </message>
    <message>
      <source>Where a top shows a flat or a groove, the {file_for} concave file from both shoulders; the highest line of each top stays.</source>
      <translation>Wo eine Kuppe Fläche oder Kerbe zeigt, mit der Hohlfeile ({file_for}) von beiden Schultern; die höchste Linie jeder Kuppe bleibt.</translation>
    </message>
    <message>
      <source>Where it was seated</source>
      <translation>Wo eingepresst wurde</translation>
    </message>
    <message>
      <source>Where the work goes by the hour this is what we know of it now: between {low} and {high} in all. You hear from us before it goes beyond.</source>
      <translation>Wo die Arbeit nach Stunden geht, ist dies, was wir jetzt davon wissen: zwischen {low} und {high} insgesamt. Sie hören von uns, bevor es darüber geht.</translation>
    </message>
    <message>
      <source>Where your map was wrong</source>
      <translation>Wo die Karte falsch war</translation>
    </message>
    <message>
      <source>Which fret? Its number, then the key. Here it is {which}.</source>
      <translation>Welcher Bund? Seine Nummer, dann die Taste. Hier ist es {which}.</translation>
    </message>
    <message>
      <source>Which ink the file should take first.</source>
      <translation>Welche Farbe die Feile zuerst nehmen soll.</translation>
    </message>
    <message>
      <source>Which leaves do you have?</source>
      <translation>Welche Blätter sind da?</translation>
    </message>
    <message>
      <source>Which port is the gauge on? Any path may be typed.</source>
      <translation>An welchem Anschluss ist die Messuhr? Jeder Pfad kann getippt werden.</translation>
    </message>
    <message>
      <source>Which reading next</source>
      <translation>Welche Messung als Nächstes</translation>
    </message>
    <message>
      <source>Which reading?</source>
      <translation>Welche Messung?</translation>
    </message>
    <message>
      <source>Which rod</source>
      <translation>Welcher Stab</translation>
    </message>
    <message>
      <source>Which round</source>
      <translation>Welche Runde</translation>
    </message>
    <message>
      <source>Which side</source>
      <translation>Welche Seite</translation>
    </message>
    <message>
      <source>Which way</source>
      <translation>Welcher Weg</translation>
    </message>
    <message>
      <source>Which way and how far, seen from where the nut is.</source>
      <translation>Wohin und wie weit, gesehen von der Seite der Mutter.</translation>
    </message>
    <message>
      <source>Whisker</source>
      <translation>Strich</translation>
    </message>
    <message>
      <source>Why dead straight is not best</source>
      <translation>Warum ganz gerade nicht das Beste ist</translation>
    </message>
    <message>
      <source>Why?</source>
      <translation>Warum?</translation>
    </message>
    <message>
      <source>Width and height of the old wire on several frets; how its neighbours stand.</source>
      <translation>Breite und Höhe des alten Drahts an mehreren Bünden; wie seine Nachbarn stehen.</translation>
    </message>
    <message>
      <source>Width of a flat</source>
      <translation>Breite einer Abflachung</translation>
    </message>
    <message>
      <source>Width of the board?</source>
      <translation>Breite des Griffbretts?</translation>
    </message>
    <message>
      <source>Width of the crown?</source>
      <translation>Breite der Krone?</translation>
    </message>
    <message>
      <source>Width of the slot?</source>
      <translation>Breite des Schlitzes?</translation>
    </message>
    <message>
      <source>Wire</source>
      <translation>Draht</translation>
    </message>
    <message>
      <source>Wire cut</source>
      <translation>Draht geschnitten</translation>
    </message>
    <message>
      <source>Wire of this run</source>
      <translation>Draht dieser Lieferung</translation>
    </message>
    <message>
      <source>Wire stops where its tang meets the bottom of the slot, however hard it is pressed. Every fret that stops early is filed off again, and all others with it.</source>
      <translation>Draht hält an, wo sein Fuß auf den Grund des Schlitzes kommt, wie fest man auch presst. Jeder Bund, der früh anhält, wird wieder heruntergefeilt, und alle anderen mit ihm.</translation>
    </message>
    <message>
      <source>Wires of the shelf</source>
      <translation>Drähte im Regal</translation>
    </message>
    <message>
      <source>With the rod as it is now its relief was {low} in dry air ({dry:.0f} %), {high} in damp ({damp:.0f} %).</source>
      <translation>Mit dem Stab wie jetzt war die Krümmung {low} in trockener Luft ({dry:.0f} %), {high} in feuchter ({damp:.0f} %).</translation>
    </message>
    <message>
      <source>With the strings slack the neck stands up in the middle, most on the {where}: no light under a string or edge there says nothing of relief. The pull of the strings takes it out again. {sure_words}</source>
      <translation>Mit entspannten Saiten steht der Hals in der Mitte hoch, am meisten hier: {where}. Kein Licht unter Saite oder Lineal sagt dort nichts über die Krümmung. Der Zug der Saiten nimmt es wieder heraus. {sure_words}</translation>
    </message>
    <message>
      <source>With the strings slack the wood stands up in the middle.</source>
      <translation>Mit entspannten Saiten steht das Holz in der Mitte hoch.</translation>
    </message>
    <message>
      <source>With the wire in hand: nut slots {length} {nut}, saddle {saddle} {up} for the heights there are.</source>
      <translation>Mit dem Draht in der Hand: Sattelkerben {length} {nut}, Steg {saddle} {up} für die jetzigen Höhen.</translation>
    </message>
    <message>
      <source>Without a zero fret.</source>
      <translation>Ohne Nullbund.</translation>
    </message>
    <message>
      <source>Without strings the neck bows backwards; the strings make up for it.</source>
      <translation>Ohne Saiten biegt sich der Hals nach hinten; die Saiten gleichen es aus.</translation>
    </message>
    <message>
      <source>Without the owner's word</source>
      <translation>Ohne das Wort des Besitzers</translation>
    </message>
    <message>
      <source>Wood</source>
      <translation>Holz</translation>
    </message>
    <message>
      <source>Wood creeps, most of all after rod work or heat.</source>
      <translation>Holz kriecht, am meisten nach Stabarbeit oder Wärme.</translation>
    </message>
    <message>
      <source>Wood creeps. Please let us look at it again: {dates}</source>
      <translation>Holz kriecht. Bitte lassen Sie uns noch einmal hinsehen: {dates}</translation>
    </message>
    <message>
      <source>Wood off</source>
      <translation>Holz ab</translation>
    </message>
    <message>
      <source>Wood or metal</source>
      <translation>Holz oder Metall</translation>
    </message>
    <message>
      <source>Wood that was bent by heat goes a part of its way back within weeks, most of all without a rod. A neck handed over straight from its clamp comes home bowed.</source>
      <translation>Mit Wärme gebogenes Holz geht in Wochen ein Stück zurück, am meisten ohne Stab. Ein Hals, der gerade aus der Zwinge übergeben wird, kommt gebogen wieder.</translation>
    </message>
    <message>
      <source>Wood, wire, heat</source>
      <translation>Holz, Draht, Wärme</translation>
    </message>
    <message>
      <source>Words at the end</source>
      <translation>Worte am Schluss</translation>
    </message>
    <message>
      <source>Words under a neck</source>
      <translation>Worte unter einem Hals</translation>
    </message>
    <message>
      <source>Words under it</source>
      <translation>Worte darunter</translation>
    </message>
    <message>
      <source>Work</source>
      <translation>Arbeit</translation>
    </message>
    <message>
      <source>Work began before anything had been read that tells what is the matter.</source>
      <translation>Die Arbeit begann, bevor etwas gemessen war, was sagt, woran es liegt.</translation>
    </message>
    <message>
      <source>Work report</source>
      <translation>Arbeitsbericht</translation>
    </message>
    <message>
      <source>Working days</source>
      <translation>Arbeitstage</translation>
    </message>
    <message>
      <source>Working it out for {seconds} s</source>
      <translation>Wird seit {seconds} s ausgerechnet</translation>
    </message>
    <message>
      <source>Worn by up to {length} on crowns of {length_2}: a level would leave less than the {length_3} that is kept.</source>
      <translation>Um bis zu {length} abgespielt auf Kronen von {length_2}: Abrichten ließe weniger als die {length_3}, die bleiben.</translation>
    </message>
    <message>
      <source>Worn crowns rounded first, then only what stands over the line. </source>
      <translation>Erst abgespielte Kronen gerundet, dann nur, was über der Linie steht. </translation>
    </message>
    <message>
      <source>Worn crowns rounded first, then only what stands over the line: low tops stay as they are.</source>
      <translation>Erst abgespielte Kronen gerundet, dann nur, was über der Linie steht: tiefe Kuppen bleiben.</translation>
    </message>
    <message>
      <source>Worn frets are rounded again, then all are filed lightly to one line.</source>
      <translation>Abgespielte Bünde werden wieder verrundet, dann alle leicht auf eine Linie gefeilt.</translation>
    </message>
    <message>
      <source>Worth</source>
      <translation>Wert</translation>
    </message>
    <message>
      <source>Would fit</source>
      <translation>Passte</translation>
    </message>
    <message>
      <source>Would sell for, as it is</source>
      <translation>Brächte, so wie es ist</translation>
    </message>
    <message>
      <source>Would sell for, when it plays</source>
      <translation>Brächte, wenn es spielt</translation>
    </message>
    <message>
      <source>Write PDF</source>
      <translation>PDF schreiben</translation>
    </message>
    <message>
      <source>Write it down in Take in.</source>
      <translation>In Aufnehmen aufschreiben.</translation>
    </message>
    <message>
      <source>Write the readings as a table</source>
      <translation>Die Messungen als Tabelle schreiben</translation>
    </message>
    <message>
      <source>Write to</source>
      <translation>Schreiben nach</translation>
    </message>
    <message>
      <source>Written down as refused.</source>
      <translation>Als abgelehnt aufgeschrieben.</translation>
    </message>
    <message>
      <source>Written down.</source>
      <translation>Aufgeschrieben.</translation>
    </message>
    <message>
      <source>Written down. All ways are weighed by it from now on.</source>
      <translation>Aufgeschrieben. Alle Wege werden von jetzt an danach abgewogen.</translation>
    </message>
    <message>
      <source>Written down: all of it is agreed.</source>
      <translation>Aufgeschrieben: alles ist vereinbart.</translation>
    </message>
    <message>
      <source>Written down: {number} of what was felt.</source>
      <translation>Aufgeschrieben: {number} von dem, was gefühlt wurde.</translation>
    </message>
    <message>
      <source>Written to {name}.</source>
      <translation>Geschrieben nach {name}.</translation>
    </message>
    <message>
      <source>Written: {frets} {others}.</source>
      <translation>Notiert: {frets} {others}.</translation>
    </message>
    <message>
      <source>Years</source>
      <translation>Jahre</translation>
    </message>
    <message>
      <source>Years of wear</source>
      <translation>Jahre Abnutzung</translation>
    </message>
    <message>
      <source>You look along the tops.</source>
      <translation>Man sieht an den Kuppen entlang.</translation>
    </message>
    <message>
      <source>You offered: {way_title}{costs}.</source>
      <translation>Angeboten: {way_title}{costs}.</translation>
    </message>
    <message>
      <source>Your instrument</source>
      <translation>Ihr Instrument</translation>
    </message>
    <message>
      <source>Your map and your work held against the hidden truth; see Reveal.</source>
      <translation>Die eigene Karte und Arbeit gegen die verborgene Wahrheit gehalten; siehe Auflösung.</translation>
    </message>
    <message>
      <source>Your map is being worked out. One moment.</source>
      <translation>Die eigene Karte wird ausgerechnet. Einen Augenblick.</translation>
    </message>
    <message>
      <source>Your map's ranges hold at {held} of {held_2} tops.</source>
      <translation>Die Bereiche der Karte halten an {held} von {held_2} Kuppen.</translation>
    </message>
    <message>
      <source>Your map; a square where the truth lies outside.</source>
      <translation>Die eigene Karte; ein Quadrat, wo die Wahrheit außerhalb liegt.</translation>
    </message>
    <message>
      <source>Your reading is taken.</source>
      <translation>Die Messung ist genommen.</translation>
    </message>
    <message>
      <source>Your reading took {got:.0%} of the doubt away.</source>
      <translation>Die Messung nahm {got:.0%} der Unsicherheit.</translation>
    </message>
    <message>
      <source>Your rocker edges serve every fret.</source>
      <translation>Die eigenen Wippenkanten reichen für jeden Bund.</translation>
    </message>
    <message>
      <source>Zero fret</source>
      <translation>Nullbund</translation>
    </message>
    <message>
      <source>Zero fret in</source>
      <translation>Nullbund hinein</translation>
    </message>
    <message>
      <source>[...] stands for a table</source>
      <translation>[...] steht für eine Tabelle</translation>
    </message>
    <message>
      <source>a board {width_mm:g} mm wide has no radius of {radius_mm:g} mm</source>
      <translation>ein Brett von {width_mm:g} mm Breite hat keinen Radius von {radius_mm:g} mm</translation>
    </message>
    <message>
      <source>a course has 1, 2 or 3 strings.</source>
      <translation>ein Chor hat 1, 2 oder 3 Saiten.</translation>
    </message>
    <message>
      <source>a crown needs a width and a height over nil</source>
      <translation>eine Krone braucht Breite und Höhe über null</translation>
    </message>
    <message>
      <source>a crown that nothing wears lasts for ever</source>
      <translation>eine Krone, die nichts abnutzt, hält für immer</translation>
    </message>
    <message>
      <source>a few crowns</source>
      <translation>ein paar Kronen</translation>
    </message>
    <message>
      <source>a fret back</source>
      <translation>einen Bund zurück</translation>
    </message>
    <message>
      <source>a fret number is needed.</source>
      <translation>eine Bundnummer wird gebraucht.</translation>
    </message>
    <message>
      <source>a fret on</source>
      <translation>einen Bund weiter</translation>
    </message>
    <message>
      <source>a fret was glued</source>
      <translation>ein Bund wurde geklebt</translation>
    </message>
    <message>
      <source>a fret was pressed</source>
      <translation>ein Bund wurde gepresst</translation>
    </message>
    <message>
      <source>a fret's number, then</source>
      <translation>eine Bundnummer, dann</translation>
    </message>
    <message>
      <source>a hand behind the crest, held snug and never squeezed</source>
      <translation>eine Hand hinter dem Scheitel, satt gehalten und nie gequetscht</translation>
    </message>
    <message>
      <source>a job beside the window</source>
      <translation>eine Arbeit neben dem Fenster</translation>
    </message>
    <message>
      <source>a job file to look at</source>
      <translation>eine Auftragsdatei zum Ansehen</translation>
    </message>
    <message>
      <source>a lane across</source>
      <translation>eine Spur hinüber</translation>
    </message>
    <message>
      <source>a leaf goes under a string that is taut</source>
      <translation>ein Blatt geht unter eine gespannte Saite</translation>
    </message>
    <message>
      <source>a list</source>
      <translation>eine Liste</translation>
    </message>
    <message>
      <source>a look</source>
      <translation>ein Blick</translation>
    </message>
    <message>
      <source>a look every half year</source>
      <translation>jedes halbe Jahr ein Blick</translation>
    </message>
    <message>
      <source>a look: nothing is taken in yet</source>
      <translation>ein Blick: noch nichts ist aufgenommen</translation>
    </message>
    <message>
      <source>a name stands in the archive twice.</source>
      <translation>Ein Name steht zweimal im Archiv.</translation>
    </message>
    <message>
      <source>a neck by its number</source>
      <translation>ein Hals nach seiner Nummer</translation>
    </message>
    <message>
      <source>a neck stands in the archive twice.</source>
      <translation>Ein Hals steht zweimal im Archiv.</translation>
    </message>
    <message>
      <source>a neck that forgives</source>
      <translation>ein Hals, der verzeiht</translation>
    </message>
    <message>
      <source>a note back</source>
      <translation>einen Ton zurück</translation>
    </message>
    <message>
      <source>a note on</source>
      <translation>einen Ton weiter</translation>
    </message>
    <message>
      <source>a number</source>
      <translation>eine Zahl</translation>
    </message>
    <message>
      <source>a page back</source>
      <translation>eine Seite zurück</translation>
    </message>
    <message>
      <source>a page on</source>
      <translation>eine Seite weiter</translation>
    </message>
    <message>
      <source>a part</source>
      <translation>ein Teil</translation>
    </message>
    <message>
      <source>a piece of {lengths:.1f} mm does not come out of a stick of {stick_mm:g} mm</source>
      <translation>ein Stück von {lengths:.1f} mm kommt nicht aus einer Stange von {stick_mm:g} mm</translation>
    </message>
    <message>
      <source>a quote</source>
      <translation>ein Angebot</translation>
    </message>
    <message>
      <source>a radius is over nil</source>
      <translation>ein Radius ist größer als null</translation>
    </message>
    <message>
      <source>a reading of this fret</source>
      <translation>eine Messung dieses Bunds</translation>
    </message>
    <message>
      <source>a rocker pass; the gate</source>
      <translation>Wippengang; die Sperre</translation>
    </message>
    <message>
      <source>a rocker's middle fret is 2 to {frets}, not {fret}</source>
      <translation>der mittlere Bund einer Wippe ist 2 bis {frets}, nicht {fret}</translation>
    </message>
    <message>
      <source>a rocker's middle fret is 2 to {frets}, not {fret}.</source>
      <translation>der mittlere Bund einer Wippe ist 2 bis {frets}, nicht {fret}.</translation>
    </message>
    <message>
      <source>a rocker's middle frets are 2 to {frets}.</source>
      <translation>die mittleren Bünde einer Wippe sind 2 bis {frets}.</translation>
    </message>
    <message>
      <source>a second pass, {chance_words}, is in the most of it</source>
      <translation>ein zweiter Gang, {chance_words}, ist im meisten davon</translation>
    </message>
    <message>
      <source>a semitone higher</source>
      <translation>einen Halbton höher</translation>
    </message>
    <message>
      <source>a semitone lower</source>
      <translation>einen Halbton tiefer</translation>
    </message>
    <message>
      <source>a shelf holds {most_wires} wires at most.</source>
      <translation>ein Regal hält höchstens {most_wires} Drähte.</translation>
    </message>
    <message>
      <source>a single fret was filed</source>
      <translation>ein einzelner Bund wurde gefeilt</translation>
    </message>
    <message>
      <source>a string has up to 80 grams a metre.</source>
      <translation>eine Saite hat bis zu 80 Gramm je Meter.</translation>
    </message>
    <message>
      <source>a string needs its supports: give low_support and high_support.</source>
      <translation>eine Saite braucht ihre Auflagen: low_support und high_support angeben.</translation>
    </message>
    <message>
      <source>a string that is not taut hangs anywhere</source>
      <translation>eine nicht gespannte Saite hängt irgendwo</translation>
    </message>
    <message>
      <source>a table of wire is not so long.</source>
      <translation>eine Drahttabelle ist nicht so lang.</translation>
    </message>
    <message>
      <source>a tone higher</source>
      <translation>einen Ton höher</translation>
    </message>
    <message>
      <source>a tone lower</source>
      <translation>einen Ton tiefer</translation>
    </message>
    <message>
      <source>a tool, its figure</source>
      <translation>ein Werkzeug, seine Zahl</translation>
    </message>
    <message>
      <source>a trace, no more than promised</source>
      <translation>eine Spur, nicht mehr als versprochen</translation>
    </message>
    <message>
      <source>a usual</source>
      <translation>eine übliche</translation>
    </message>
    <message>
      <source>a way comes from a plan</source>
      <translation>ein Weg kommt aus einem Plan</translation>
    </message>
    <message>
      <source>a way was taken</source>
      <translation>ein Weg wurde genommen</translation>
    </message>
    <message>
      <source>a whole number</source>
      <translation>eine ganze Zahl</translation>
    </message>
    <message>
      <source>a word  (/)</source>
      <translation>ein Wort  (/)</translation>
    </message>
    <message>
      <source>a year</source>
      <translation>im Jahr</translation>
    </message>
    <message>
      <source>a {title} is {low:g} to {high:g} mm, not {mm:g}.</source>
      <translation>{title}: {low:g} bis {high:g} mm, nicht {mm:g}.</translation>
    </message>
    <message>
      <source>about </source>
      <translation>etwa </translation>
    </message>
    <message>
      <source>about {turn}, an eighth at a time</source>
      <translation>etwa {turn}, je ein Achtel</translation>
    </message>
    <message>
      <source>accepted</source>
      <translation>angenommen</translation>
    </message>
    <message>
      <source>across</source>
      <translation>hinüber</translation>
    </message>
    <message>
      <source>added</source>
      <translation>dazu</translation>
    </message>
    <message>
      <source>advice</source>
      <translation>Rat</translation>
    </message>
    <message>
      <source>after</source>
      <translation>danach</translation>
    </message>
    <message>
      <source>after level</source>
      <translation>nach Abrichten</translation>
    </message>
    <message>
      <source>after, wicked in</source>
      <translation>nachher, einziehen lassen</translation>
    </message>
    <message>
      <source>after: {title}</source>
      <translation>nach: {title}</translation>
    </message>
    <message>
      <source>against </source>
      <translation>gegen </translation>
    </message>
    <message>
      <source>agree on a thinner board</source>
      <translation>ein dünneres Brett vereinbaren</translation>
    </message>
    <message>
      <source>agree on this</source>
      <translation>so vereinbaren</translation>
    </message>
    <message>
      <source>agreed</source>
      <translation>vereinbart</translation>
    </message>
    <message>
      <source>agreed on the filing</source>
      <translation>über das Feilen vereinbart</translation>
    </message>
    <message>
      <source>agreed on {wire_words}</source>
      <translation>vereinbart: {wire_words}</translation>
    </message>
    <message>
      <source>agreed {how_words}</source>
      <translation>vereinbart, {how_words}</translation>
    </message>
    <message>
      <source>agreement</source>
      <translation>Vereinbarung</translation>
    </message>
    <message>
      <source>all across</source>
      <translation>quer überall</translation>
    </message>
    <message>
      <source>all across or here</source>
      <translation>überall oder hier</translation>
    </message>
    <message>
      <source>all alike</source>
      <translation>alle gleich</translation>
    </message>
    <message>
      <source>all along</source>
      <translation>liegt überall</translation>
    </message>
    <message>
      <source>all frets, {{unit}}</source>
      <translation>alle, {{unit}}</translation>
    </message>
    <message>
      <source>all from low to high</source>
      <translation>alle von tief bis hoch</translation>
    </message>
    <message>
      <source>all of this side</source>
      <translation>alle dieser Seite</translation>
    </message>
    <message>
      <source>all the other ends, {lane_words}</source>
      <translation>alle anderen Enden, {lane_words}</translation>
    </message>
    <message>
      <source>all the other frets</source>
      <translation>alle anderen Bünde</translation>
    </message>
    <message>
      <source>all the other notes, string {string}</source>
      <translation>alle anderen Töne, Saite {string}</translation>
    </message>
    <message>
      <source>all the others, {lane_words}</source>
      <translation>alle anderen, {lane_words}</translation>
    </message>
    <message>
      <source>all the rest, {frets}: {fine}</source>
      <translation>alle übrigen, {frets}: {fine}</translation>
    </message>
    <message>
      <source>all {every} frets</source>
      <translation>alle {every} Bünde</translation>
    </message>
    <message>
      <source>almost surely</source>
      <translation>fast sicher</translation>
    </message>
    <message>
      <source>always</source>
      <translation>immer</translation>
    </message>
    <message>
      <source>always in 64ths of an inch</source>
      <translation>immer in 64steln eines Zolls</translation>
    </message>
    <message>
      <source>always in mm</source>
      <translation>immer in mm</translation>
    </message>
    <message>
      <source>always in thou</source>
      <translation>immer in thou</translation>
    </message>
    <message>
      <source>an edge rocks about a fret; one that does not rock names none.</source>
      <translation>ein Lineal wippt um einen Bund; eines, das nicht wippt, nennt keinen.</translation>
    </message>
    <message>
      <source>an empty line parts paragraphs</source>
      <translation>eine leere Zeile trennt Absätze</translation>
    </message>
    <message>
      <source>an empty note: give text or photo.</source>
      <translation>eine leere Notiz: Text oder Foto angeben.</translation>
    </message>
    <message>
      <source>an empty table: the first row names the columns.</source>
      <translation>eine leere Tabelle: die erste Zeile nennt die Spalten.</translation>
    </message>
    <message>
      <source>an hour at {rate}</source>
      <translation>die Stunde zu {rate}</translation>
    </message>
    <message>
      <source>an object</source>
      <translation>ein Objekt</translation>
    </message>
    <message>
      <source>and fret {fret}</source>
      <translation>und Bund {fret}</translation>
    </message>
    <message>
      <source>and the photos of their necks</source>
      <translation>und die Fotos der Hälse</translation>
    </message>
    <message>
      <source>and told by the desktop</source>
      <translation>und wird vom Schreibtisch gemeldet</translation>
    </message>
    <message>
      <source>and {percent} tax</source>
      <translation>und {percent} Steuer</translation>
    </message>
    <message>
      <source>another edge</source>
      <translation>anderes Lineal</translation>
    </message>
    <message>
      <source>another instrument of its kind about</source>
      <translation>ein anderes Instrument dieser Art etwa</translation>
    </message>
    <message>
      <source>another length</source>
      <translation>andere Länge</translation>
    </message>
    <message>
      <source>another logbook: a file, or postgresql://...</source>
      <translation>ein anderes Logbuch: eine Datei, oder postgresql://...</translation>
    </message>
    <message>
      <source>another neck</source>
      <translation>anderer Hals</translation>
    </message>
    <message>
      <source>another neck would cost about</source>
      <translation>ein anderer Hals kostete etwa</translation>
    </message>
    <message>
      <source>another of its kind</source>
      <translation>ein anderes dieser Art</translation>
    </message>
    <message>
      <source>another owner</source>
      <translation>weiterer Besitzer</translation>
    </message>
    <message>
      <source>another unit</source>
      <translation>andere Einheit</translation>
    </message>
    <message>
      <source>another wire is wanted: {wish}</source>
      <translation>anderer Draht ist gewünscht: {wish}</translation>
    </message>
    <message>
      <source>answers entry {quote}, which is not before it.</source>
      <translation>antwortet auf Eintrag {quote}, der nicht davor steht.</translation>
    </message>
    <message>
      <source>any time free</source>
      <translation>jede freie Zeit</translation>
    </message>
    <message numerus="yes">
      <source>are</source>
      <comment>is</comment>
      <translation>
        <numerusform>geht</numerusform>
        <numerusform>gehen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>are not seated</source>
      <comment>is not seated</comment>
      <translation>
        <numerusform>sitzt nicht</numerusform>
        <numerusform>sitzen nicht</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>are out</source>
      <comment>is out</comment>
      <translation>
        <numerusform>ist heraus</numerusform>
        <numerusform>sind heraus</numerusform>
      </translation>
    </message>
    <message>
      <source>arrows: a place, * it stays</source>
      <translation>Pfeile: eine Stelle, * sie bleibt</translation>
    </message>
    <message>
      <source>arrows: note and string</source>
      <translation>Pfeile: Ton und Saite</translation>
    </message>
    <message>
      <source>as deep as the tang and a hair more</source>
      <translation>so tief wie der Fuß und ein Haar mehr</translation>
    </message>
    <message>
      <source>as found</source>
      <translation>wie gefunden</translation>
    </message>
    <message>
      <source>as it is</source>
      <translation>wie es ist</translation>
    </message>
    <message>
      <source>as its radius is</source>
      <translation>wie sein Radius ist</translation>
    </message>
    <message>
      <source>as lengths: mm, or 64ths beside thou</source>
      <translation>wie Längen: mm, oder 64stel neben thou</translation>
    </message>
    <message>
      <source>as logged in Work</source>
      <translation>wie in Arbeit aufgeschrieben</translation>
    </message>
    <message>
      <source>as promised</source>
      <translation>wie versprochen</translation>
    </message>
    <message>
      <source>as the eye sees it</source>
      <translation>wie das Auge es sieht</translation>
    </message>
    <message>
      <source>as this system</source>
      <translation>wie dieses System</translation>
    </message>
    <message>
      <source>as tuned</source>
      <translation>wie gestimmt</translation>
    </message>
    <message>
      <source>as wanted</source>
      <translation>wie gewünscht</translation>
    </message>
    <message>
      <source>as you like</source>
      <translation>wie man mag</translation>
    </message>
    <message>
      <source>ash</source>
      <translation>esche</translation>
    </message>
    <message>
      <source>at</source>
      <translation>bei</translation>
    </message>
    <message>
      <source>at fret {fret}</source>
      <translation>bei Bund {fret}</translation>
    </message>
    <message>
      <source>at its end</source>
      <translation>am Ende</translation>
    </message>
    <message>
      <source>at least</source>
      <translation>mindestens</translation>
    </message>
    <message>
      <source>at most</source>
      <translation>höchstens</translation>
    </message>
    <message>
      <source>at pitch</source>
      <translation>gestimmt</translation>
    </message>
    <message>
      <source>at pitch or slack</source>
      <translation>gestimmt oder entspannt</translation>
    </message>
    <message>
      <source>at the bridge</source>
      <translation>am Steg</translation>
    </message>
    <message>
      <source>at the headstock</source>
      <translation>an der Kopfplatte</translation>
    </message>
    <message>
      <source>at the heel</source>
      <translation>am Halsfuß</translation>
    </message>
    <message>
      <source>at the nut</source>
      <translation>am Sattel</translation>
    </message>
    <message>
      <source>at the window</source>
      <translation>am Fenster</translation>
    </message>
    <message>
      <source>at {fret}</source>
      <translation>bei {fret}</translation>
    </message>
    <message>
      <source>back</source>
      <translation>zurück</translation>
    </message>
    <message>
      <source>back bow</source>
      <translation>Rückbiegung</translation>
    </message>
    <message>
      <source>back to Map</source>
      <translation>zurück zur Karte</translation>
    </message>
    <message>
      <source>back to the neck</source>
      <translation>zurück zum Hals</translation>
    </message>
    <message>
      <source>back to work</source>
      <translation>zurück zur Arbeit</translation>
    </message>
    <message>
      <source>badly</source>
      <translation>schlimm</translation>
    </message>
    <message>
      <source>bare board</source>
      <translation>blankes Brett</translation>
    </message>
    <message>
      <source>bass</source>
      <translation>Bass</translation>
    </message>
    <message>
      <source>bass end</source>
      <translation>Bassende</translation>
    </message>
    <message>
      <source>bass side</source>
      <translation>Bassseite</translation>
    </message>
    <message>
      <source>beech</source>
      <translation>buche</translation>
    </message>
    <message>
      <source>before</source>
      <translation>davor</translation>
    </message>
    <message>
      <source>before any work</source>
      <translation>vor jeder Arbeit</translation>
    </message>
    <message>
      <source>before frets are drawn</source>
      <translation>bevor Bünde gezogen werden</translation>
    </message>
    <message>
      <source>before the file</source>
      <translation>vor der Feile</translation>
    </message>
    <message>
      <source>before the plane</source>
      <translation>vor dem Hobel</translation>
    </message>
    <message>
      <source>before, clamped</source>
      <translation>vorher, gespannt</translation>
    </message>
    <message>
      <source>begin the lesson</source>
      <translation>Lektion beginnen</translation>
    </message>
    <message>
      <source>bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <source>bench companion for fretwork</source>
      <translation>Begleiter an der Werkbank für Bünde</translation>
    </message>
    <message>
      <source>bend to</source>
      <translation>biegen auf</translation>
    </message>
    <message>
      <source>bend to {radius} mm</source>
      <translation>auf {radius} mm biegen</translation>
    </message>
    <message>
      <source>beside</source>
      <translation>neben</translation>
    </message>
    <message>
      <source>beside fret {fret}</source>
      <translation>neben Bund {fret}</translation>
    </message>
    <message>
      <source>best {it}</source>
      <translation>bestes {it}</translation>
    </message>
    <message>
      <source>between</source>
      <translation>dazwischen</translation>
    </message>
    <message>
      <source>between {span} with the strings at pitch</source>
      <translation>zwischen {span} mit gestimmten Saiten</translation>
    </message>
    <message>
      <source>bevel proud</source>
      <translation>Fase steht vor</translation>
    </message>
    <message>
      <source>binding</source>
      <translation>klemmt</translation>
    </message>
    <message>
      <source>birch</source>
      <translation>birke</translation>
    </message>
    <message>
      <source>bites again past slack</source>
      <translation>greift jenseits von locker wieder</translation>
    </message>
    <message>
      <source>blind</source>
      <translation>blind</translation>
    </message>
    <message>
      <source>board cleaned</source>
      <translation>Griffbrett gereinigt</translation>
    </message>
    <message>
      <source>board thickness</source>
      <translation>Griffbrettdicke</translation>
    </message>
    <message>
      <source>board trued</source>
      <translation>Griffbrett begradigt</translation>
    </message>
    <message>
      <source>board width</source>
      <translation>Griffbrettbreite</translation>
    </message>
    <message>
      <source>body</source>
      <translation>Korpus</translation>
    </message>
    <message>
      <source>bolted</source>
      <translation>geschraubt</translation>
    </message>
    <message>
      <source>bolted on</source>
      <translation>angeschraubt</translation>
    </message>
    <message>
      <source>both rods</source>
      <translation>beide Stäbe</translation>
    </message>
    <message>
      <source>bound board</source>
      <translation>gebundenes Brett</translation>
    </message>
    <message>
      <source>bound boards only</source>
      <translation>nur gebundene Bretter</translation>
    </message>
    <message>
      <source>bronze</source>
      <translation>Bronze</translation>
    </message>
    <message>
      <source>bronze wrap</source>
      <translation>Bronze umsponnen</translation>
    </message>
    <message>
      <source>buzzes</source>
      <translation>schnarrt</translation>
    </message>
    <message>
      <source>by about a millimetre</source>
      <translation>um etwa einen Millimeter</translation>
    </message>
    <message>
      <source>by its strength</source>
      <translation>nach seiner Festigkeit</translation>
    </message>
    <message>
      <source>by its trial piece</source>
      <translation>nach seinem Probestück</translation>
    </message>
    <message>
      <source>by letter</source>
      <translation>brieflich</translation>
    </message>
    <message>
      <source>by telephone</source>
      <translation>am Telefon</translation>
    </message>
    <message>
      <source>by the binding's width</source>
      <translation>um die Breite des Bindings</translation>
    </message>
    <message>
      <source>caliper</source>
      <translation>Messschieber</translation>
    </message>
    <message>
      <source>came clean</source>
      <translation>kam sauber heraus</translation>
    </message>
    <message>
      <source>capo</source>
      <translation>Kapo</translation>
    </message>
    <message>
      <source>capo at {capo}</source>
      <translation>Kapo bei {capo}</translation>
    </message>
    <message>
      <source>capo {n}</source>
      <translation>Kapo {n}</translation>
    </message>
    <message>
      <source>cedar</source>
      <translation>zeder</translation>
    </message>
    <message numerus="yes">
      <source>changes</source>
      <comment>change</comment>
      <translation>
        <numerusform>Änderung</numerusform>
        <numerusform>Änderungen</numerusform>
      </translation>
    </message>
    <message>
      <source>cherry</source>
      <translation>kirsch</translation>
    </message>
    <message>
      <source>chewed</source>
      <translation>zerkaut</translation>
    </message>
    <message>
      <source>chipped</source>
      <translation>ausgebrochen</translation>
    </message>
    <message>
      <source>choose</source>
      <translation>wählen</translation>
    </message>
    <message>
      <source>choose a way ({readings})</source>
      <translation>einen Weg wählen ({readings})</translation>
    </message>
    <message>
      <source>choose two visits</source>
      <translation>zwei Besuche wählen</translation>
    </message>
    <message>
      <source>chosen</source>
      <translation>gewählt</translation>
    </message>
    <message>
      <source>clean</source>
      <translation>sauber</translation>
    </message>
    <message>
      <source>clean at</source>
      <translation>sauber ab</translation>
    </message>
    <message>
      <source>clean the board only, and level over it</source>
      <translation>das Brett nur reinigen und darüber abrichten</translation>
    </message>
    <message>
      <source>clear</source>
      <translation>säubern</translation>
    </message>
    <message>
      <source>clockwise</source>
      <translation>im Uhrzeigersinn</translation>
    </message>
    <message numerus="yes">
      <source>closings</source>
      <comment>closing</comment>
      <translation>
        <numerusform>Abschluss</numerusform>
        <numerusform>Abschlüssen</numerusform>
      </translation>
    </message>
    <message>
      <source>coil</source>
      <translation>Rolle</translation>
    </message>
    <message>
      <source>come out entirely</source>
      <translation>kommen ganz heraus</translation>
    </message>
    <message>
      <source>comes on top</source>
      <translation>kommt obendrauf</translation>
    </message>
    <message>
      <source>common</source>
      <translation>gewöhnlich</translation>
    </message>
    <message>
      <source>compound</source>
      <translation>zusammengesetzt</translation>
    </message>
    <message>
      <source>compound radius</source>
      <translation>veränderlicher Radius</translation>
    </message>
    <message>
      <source>cone</source>
      <translation>Kegel</translation>
    </message>
    <message>
      <source>corners</source>
      <translation>Ecken</translation>
    </message>
    <message>
      <source>costs</source>
      <translation>Kosten</translation>
    </message>
    <message>
      <source>counter-clockwise</source>
      <translation>gegen den Uhrzeigersinn</translation>
    </message>
    <message>
      <source>crept on the way it was turned</source>
      <translation>weitergekrochen, wohin gedreht wurde</translation>
    </message>
    <message>
      <source>crest</source>
      <translation>Scheitel</translation>
    </message>
    <message>
      <source>crown</source>
      <translation>Krone</translation>
    </message>
    <message>
      <source>crown height</source>
      <translation>Kronenhöhe</translation>
    </message>
    <message>
      <source>crown of fret {fret}, {lane_words}</source>
      <translation>Krone von Bund {fret}, {lane_words}</translation>
    </message>
    <message>
      <source>crown or groove</source>
      <translation>Krone oder Kerbe</translation>
    </message>
    <message>
      <source>crown this</source>
      <translation>diesen verrunden</translation>
    </message>
    <message>
      <source>crown width</source>
      <translation>Kronenbreite</translation>
    </message>
    <message>
      <source>crown x width</source>
      <translation>Krone x Breite</translation>
    </message>
    <message>
      <source>crowns of {length} can't pay for a level that leaves {length_2}</source>
      <translation>Kronen von {length} geben ein Abrichten, das {length_2} lässt, nicht her</translation>
    </message>
    <message>
      <source>cut</source>
      <translation>Schnitt</translation>
    </message>
    <message>
      <source>cylinder</source>
      <translation>Zylinder</translation>
    </message>
    <message>
      <source>damaged here, left as it is; restore it from a copy.</source>
      <translation>hier beschädigt, bleibt wie er ist; aus einer Kopie zurückholen.</translation>
    </message>
    <message>
      <source>dark: ink · bright: no ink · a line: the file has been there and it is flat</source>
      <translation>dunkel: Farbe · hell: keine Farbe · ein Strich: die Feile war da, und es ist flach</translation>
    </message>
    <message>
      <source>days</source>
      <translation>Tage</translation>
    </message>
    <message numerus="yes">
      <source>days</source>
      <comment>day</comment>
      <translation>
        <numerusform>Tag</numerusform>
        <numerusform>Tage</numerusform>
      </translation>
    </message>
    <message>
      <source>de</source>
      <translation>de</translation>
    </message>
    <message>
      <source>dead</source>
      <translation>tot</translation>
    </message>
    <message>
      <source>dead straight</source>
      <translation>ganz gerade</translation>
    </message>
    <message>
      <source>described</source>
      <translation>beschrieben</translation>
    </message>
    <message>
      <source>described: {radius:.3g} in, the middle {sag_mm:.2f} mm over the edges</source>
      <translation>beschrieben: {radius:.3g} in, die Mitte {sag_mm:.2f} mm über den Kanten</translation>
    </message>
    <message>
      <source>dial</source>
      <translation>Messuhr</translation>
    </message>
    <message>
      <source>dial on {fret}, {lane_words}</source>
      <translation>Messuhr auf {fret}, {lane_words}</translation>
    </message>
    <message>
      <source>dial over fret {fret}</source>
      <translation>Messuhr über Bund {fret}</translation>
    </message>
    <message>
      <source>dies at once</source>
      <translation>stirbt sofort</translation>
    </message>
    <message>
      <source>digits type it again</source>
      <translation>Ziffern tippen es neu</translation>
    </message>
    <message>
      <source>dip</source>
      <translation>Senke</translation>
    </message>
    <message>
      <source>do it</source>
      <translation>tun</translation>
    </message>
    <message>
      <source>done</source>
      <translation>getan</translation>
    </message>
    <message>
      <source>double press</source>
      <translation>zweifach gepresst</translation>
    </message>
    <message>
      <source>down</source>
      <translation>hinunter</translation>
    </message>
    <message>
      <source>drags</source>
      <translation>schleift</translation>
    </message>
    <message>
      <source>dull</source>
      <translation>stumpf</translation>
    </message>
    <message>
      <source>each string beyond six</source>
      <translation>jede Saite über sechs</translation>
    </message>
    <message>
      <source>edge</source>
      <translation>Lineal</translation>
    </message>
    <message>
      <source>edge and wood</source>
      <translation>Lineal und Holz</translation>
    </message>
    <message>
      <source>edge on the bare board</source>
      <translation>Lineal auf dem blanken Brett</translation>
    </message>
    <message>
      <source>edge on the frets</source>
      <translation>Lineal auf den Bünden</translation>
    </message>
    <message>
      <source>edge on the wood</source>
      <translation>Lineal auf dem Holz</translation>
    </message>
    <message>
      <source>edge over the bridge</source>
      <translation>Lineal über dem Steg</translation>
    </message>
    <message>
      <source>edge {mm:g} mm</source>
      <translation>Lineal {mm:g} mm</translation>
    </message>
    <message>
      <source>edge {span} long</source>
      <translation>Kante {span} lang</translation>
    </message>
    <message>
      <source>edge, full length</source>
      <translation>Lineal, ganze Länge</translation>
    </message>
    <message numerus="yes">
      <source>edges fit</source>
      <comment>edge fits</comment>
      <translation>
        <numerusform>Kante passt</numerusform>
        <numerusform>Kanten passen</numerusform>
      </translation>
    </message>
    <message>
      <source>en</source>
      <translation>en</translation>
    </message>
    <message>
      <source>end</source>
      <translation>Ende</translation>
    </message>
    <message>
      <source>end of fret {fret}, {lane_words}</source>
      <translation>Ende von Bund {fret}, {lane_words}</translation>
    </message>
    <message>
      <source>ends</source>
      <translation>Enden</translation>
    </message>
    <message>
      <source>ends were rounded</source>
      <translation>Enden wurden gerundet</translation>
    </message>
    <message numerus="yes">
      <source>entries</source>
      <comment>entry</comment>
      <translation>
        <numerusform>Eintrag</numerusform>
        <numerusform>Einträge</numerusform>
      </translation>
    </message>
    <message>
      <source>entry {entry}</source>
      <translation>Eintrag {entry}</translation>
    </message>
    <message>
      <source>entry {number}: nested too deeply.</source>
      <translation>Eintrag {number}: zu tief verschachtelt.</translation>
    </message>
    <message>
      <source>entry {number}: {fault}</source>
      <translation>Eintrag {number}: {fault}</translation>
    </message>
    <message>
      <source>entry {number}: {why}</source>
      <translation>Eintrag {number}: {why}</translation>
    </message>
    <message>
      <source>even</source>
      <translation>gleich</translation>
    </message>
    <message>
      <source>every note clean</source>
      <translation>jeder Ton sauber</translation>
    </message>
    <message>
      <source>every reading declares its station</source>
      <translation>jede Messung nennt ihre Station</translation>
    </message>
    <message>
      <source>exactly it</source>
      <translation>genau so viel</translation>
    </message>
    <message>
      <source>face to face</source>
      <translation>von Angesicht zu Angesicht</translation>
    </message>
    <message>
      <source>fatter than usual</source>
      <translation>dicker als üblich</translation>
    </message>
    <message>
      <source>fault</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>feel not noted</source>
      <translation>Gefühl nicht notiert</translation>
    </message>
    <message>
      <source>feel the end of</source>
      <translation>fühle das Ende von</translation>
    </message>
    <message>
      <source>feel, and write</source>
      <translation>fühlen und schreiben</translation>
    </message>
    <message>
      <source>felt last</source>
      <translation>zuletzt gefühlt</translation>
    </message>
    <message>
      <source>fewer</source>
      <translation>weniger</translation>
    </message>
    <message>
      <source>fewer were not found in time</source>
      <translation>mit weniger wurde in der Zeit nichts gefunden</translation>
    </message>
    <message>
      <source>fewer will not do</source>
      <translation>mit weniger geht es nicht</translation>
    </message>
    <message>
      <source>figure</source>
      <translation>Zahl</translation>
    </message>
    <message>
      <source>figures, costs, picture</source>
      <translation>Zahlen, Kosten, Bild</translation>
    </message>
    <message>
      <source>file</source>
      <translation>Feile</translation>
    </message>
    <message>
      <source>file fret {worst} on until it is still</source>
      <translation>Bund {worst} weiterfeilen, bis er still ist</translation>
    </message>
    <message>
      <source>filing, or new wire</source>
      <translation>Feilen oder neuer Draht</translation>
    </message>
    <message>
      <source>find a neck</source>
      <translation>einen Hals finden</translation>
    </message>
    <message>
      <source>find: owner, name, wire, finding, date, waiting  (/)</source>
      <translation>finden: Besitzer, Name, Draht, Befund, Tag, Warten  (/)</translation>
    </message>
    <message>
      <source>finds no more than {length}</source>
      <translation>nicht mehr als {length} findet</translation>
    </message>
    <message>
      <source>fine</source>
      <translation>gut</translation>
    </message>
    <message>
      <source>finger</source>
      <translation>Finger</translation>
    </message>
    <message>
      <source>fingertips</source>
      <translation>Fingerspitzen</translation>
    </message>
    <message>
      <source>fingertips, no more</source>
      <translation>Fingerspitzen, nicht mehr</translation>
    </message>
    <message>
      <source>finish</source>
      <translation>Lack</translation>
    </message>
    <message>
      <source>finish touched</source>
      <translation>Lack berührt</translation>
    </message>
    <message>
      <source>firm</source>
      <translation>fest</translation>
    </message>
    <message>
      <source>firm, no light</source>
      <translation>fest, kein Licht</translation>
    </message>
    <message>
      <source>first ink gone is the highest top</source>
      <translation>wo die Farbe zuerst geht, ist die höchste Kuppe</translation>
    </message>
    <message>
      <source>fit</source>
      <translation>einsetzen</translation>
    </message>
    <message>
      <source>fitted</source>
      <translation>eingesetzt</translation>
    </message>
    <message>
      <source>flat</source>
      <translation>flach</translation>
    </message>
    <message>
      <source>flat on the crown</source>
      <translation>Fläche auf der Krone</translation>
    </message>
    <message>
      <source>flat or not known</source>
      <translation>eben oder nicht bekannt</translation>
    </message>
    <message>
      <source>flush</source>
      <translation>bündig</translation>
    </message>
    <message>
      <source>follows the board</source>
      <translation>folgt dem Brett</translation>
    </message>
    <message>
      <source>for </source>
      <translation>für </translation>
    </message>
    <message>
      <source>found: {map}</source>
      <translation>gefunden: {map}</translation>
    </message>
    <message>
      <source>free</source>
      <translation>leicht</translation>
    </message>
    <message>
      <source>freeze a quote</source>
      <translation>Angebot festschreiben</translation>
    </message>
    <message>
      <source>fret</source>
      <translation>Bund</translation>
    </message>
    <message>
      <source>fret </source>
      <translation>Bund </translation>
    </message>
    <message>
      <source>fret ends</source>
      <translation>Bundenden</translation>
    </message>
    <message>
      <source>fret ends come out by half of it on each side</source>
      <translation>Bundenden kommen auf jeder Seite um die Hälfte heraus</translation>
    </message>
    <message>
      <source>fret ends go in, glue lines are pressed</source>
      <translation>Bundenden gehen hinein, Leimfugen werden gedrückt</translation>
    </message>
    <message>
      <source>fret {fret}</source>
      <translation>Bund {fret}</translation>
    </message>
    <message>
      <source>fret {fret} doesn't exist; this neck has 1 to {frets}.</source>
      <translation>Bund {fret} gibt es nicht; dieser Hals hat 1 bis {frets}.</translation>
    </message>
    <message>
      <source>fret {fret} lacks {length}</source>
      <translation>Bund {fret} fehlen {length}</translation>
    </message>
    <message>
      <source>fret {fret} stands {length} over the line</source>
      <translation>Bund {fret} steht {length} über der Linie</translation>
    </message>
    <message>
      <source>fret {fret} under the glass, x {glass:.0f}</source>
      <translation>Bund {fret} unter der Lupe, x {glass:.0f}</translation>
    </message>
    <message>
      <source>fret {fret}, string {string}</source>
      <translation>Bund {fret}, Saite {string}</translation>
    </message>
    <message>
      <source>fret {fret}, {lane_words}</source>
      <translation>Bund {fret}, {lane_words}</translation>
    </message>
    <message>
      <source>fret {f} {mm}</source>
      <translation>Bund {f} {mm}</translation>
    </message>
    <message>
      <source>fret {note}</source>
      <translation>Bund {note}</translation>
    </message>
    <message>
      <source>fret {r}: {r_2} mm, tang {r_3}, bend to {r_4}</source>
      <translation>Bund {r}: {r_2} mm, Fuß {r_3}, biegen auf {r_4}</translation>
    </message>
    <message>
      <source>frets</source>
      <translation>Bünde</translation>
    </message>
    <message numerus="yes">
      <source>frets</source>
      <comment>fret</comment>
      <translation>
        <numerusform>Bund</numerusform>
        <numerusform>Bünde</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>frets are</source>
      <comment>fret is</comment>
      <translation>
        <numerusform>Bund ist</numerusform>
        <numerusform>Bünde sind</numerusform>
      </translation>
    </message>
    <message>
      <source>frets out</source>
      <translation>Bünde heraus</translation>
    </message>
    <message numerus="yes">
      <source>frets stand</source>
      <comment>fret stands</comment>
      <translation>
        <numerusform>Bund steht hoch</numerusform>
        <numerusform>Bünde stehen hoch</numerusform>
      </translation>
    </message>
    <message>
      <source>frets that move</source>
      <translation>Bünde, die sich bewegen</translation>
    </message>
    <message>
      <source>frets were pulled</source>
      <translation>Bünde wurden gezogen</translation>
    </message>
    <message>
      <source>from fret {fall_from}</source>
      <translation>ab Bund {fall_from}</translation>
    </message>
    <message>
      <source>from–to, mm</source>
      <translation>von–bis, mm</translation>
    </message>
    <message>
      <source>full level</source>
      <translation>volles Abrichten</translation>
    </message>
    <message>
      <source>further faults are not listed.</source>
      <translation>weitere Fehler sind nicht aufgezählt.</translation>
    </message>
    <message>
      <source>g a metre</source>
      <translation>g je Meter</translation>
    </message>
    <message>
      <source>gains</source>
      <translation>gewinnt</translation>
    </message>
    <message>
      <source>gap</source>
      <translation>Spalt</translation>
    </message>
    <message>
      <source>gap under a string</source>
      <translation>Spalt unter einer Saite</translation>
    </message>
    <message>
      <source>gauge</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <source>gauge: connected</source>
      <translation>Messuhr: verbunden</translation>
    </message>
    <message>
      <source>gauge: lost</source>
      <translation>Messuhr: verloren</translation>
    </message>
    <message>
      <source>gauge: silent</source>
      <translation>Messuhr: still</translation>
    </message>
    <message>
      <source>give both supports, or neither for an edge as it rests.</source>
      <translation>beide Auflagen angeben, oder keine für ein Lineal, wie es liegt.</translation>
    </message>
    <message>
      <source>give gap_mm, or leaves (slides_mm, drags_mm, wont_go_mm), not both.</source>
      <translation>gap_mm angeben, oder Blätter (slides_mm, drags_mm, wont_go_mm), nicht beides.</translation>
    </message>
    <message>
      <source>gives under the finger</source>
      <translation>gibt unter dem Finger nach</translation>
    </message>
    <message>
      <source>glue this fret</source>
      <translation>diesen Bund kleben</translation>
    </message>
    <message>
      <source>glued</source>
      <translation>geklebt</translation>
    </message>
    <message>
      <source>glued, or one piece</source>
      <translation>geleimt oder aus einem Stück</translation>
    </message>
    <message>
      <source>go on so</source>
      <translation>so weitermachen</translation>
    </message>
    <message>
      <source>goes on without a word</source>
      <translation>geht ohne Wort weiter</translation>
    </message>
    <message>
      <source>gone too far</source>
      <translation>zu weit gegangen</translation>
    </message>
    <message>
      <source>gone up to here</source>
      <translation>weg bis hierher</translation>
    </message>
    <message>
      <source>gone: {order}</source>
      <translation>weg: {order}</translation>
    </message>
    <message>
      <source>good</source>
      <translation>gut</translation>
    </message>
    <message>
      <source>groove</source>
      <translation>Kerbe</translation>
    </message>
    <message>
      <source>grooves</source>
      <translation>Kerben</translation>
    </message>
    <message>
      <source>grooves stay</source>
      <translation>Kerben bleiben</translation>
    </message>
    <message>
      <source>grown</source>
      <translation>gewachsen</translation>
    </message>
    <message>
      <source>gummed</source>
      <translation>verklebt</translation>
    </message>
    <message>
      <source>half is off</source>
      <translation>Hälfte ist ab</translation>
    </message>
    <message>
      <source>hammer</source>
      <translation>Hammer</translation>
    </message>
    <message>
      <source>hand</source>
      <translation>Hand</translation>
    </message>
    <message>
      <source>hand behind</source>
      <translation>Hand dahinter</translation>
    </message>
    <message>
      <source>hand behind the crest</source>
      <translation>Hand hinter dem Scheitel</translation>
    </message>
    <message>
      <source>hard</source>
      <translation>hart</translation>
    </message>
    <message>
      <source>hard </source>
      <translation>harter </translation>
    </message>
    <message>
      <source>harder</source>
      <translation>fester</translation>
    </message>
    <message>
      <source>harder touch</source>
      <translation>härterer Anschlag</translation>
    </message>
    <message>
      <source>head</source>
      <translation>Kopf</translation>
    </message>
    <message>
      <source>headstock</source>
      <translation>Kopf</translation>
    </message>
    <message>
      <source>heard clean</source>
      <translation>sauber gehört</translation>
    </message>
    <message>
      <source>heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <source>heel</source>
      <translation>Halsfuß</translation>
    </message>
    <message>
      <source>heel length</source>
      <translation>Länge des Halsfußes</translation>
    </message>
    <message>
      <source>heights</source>
      <translation>Höhen</translation>
    </message>
    <message>
      <source>heights larger</source>
      <translation>Höhen größer</translation>
    </message>
    <message>
      <source>heights smaller</source>
      <translation>Höhen kleiner</translation>
    </message>
    <message>
      <source>heights x{per_mm:.0f}</source>
      <translation>Höhen x{per_mm:.0f}</translation>
    </message>
    <message>
      <source>heights x{taller:.1f}</source>
      <translation>Höhen x{taller:.1f}</translation>
    </message>
    <message>
      <source>heights ×{per_mm:.0f}</source>
      <translation>Höhen ×{per_mm:.0f}</translation>
    </message>
    <message>
      <source>held in its jig</source>
      <translation>in seiner Vorrichtung gehalten</translation>
    </message>
    <message>
      <source>hide them</source>
      <translation>verbergen</translation>
    </message>
    <message>
      <source>high</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>high-side rod</source>
      <translation>Stab der Diskantseite</translation>
    </message>
    <message>
      <source>hold at {low}</source>
      <translation>halten bei {low}</translation>
    </message>
    <message>
      <source>hold it up, or type what it shows</source>
      <translation>anhalten, oder tippen, was er zeigt</translation>
    </message>
    <message>
      <source>holds</source>
      <translation>hält</translation>
    </message>
    <message>
      <source>holds bytes that are no UTF-8 text.</source>
      <translation>enthält Bytes, die kein UTF-8-Text sind.</translation>
    </message>
    <message>
      <source>hollow: in doubt</source>
      <translation>hohl: unsicher</translation>
    </message>
    <message>
      <source>hours</source>
      <translation>Stunden</translation>
    </message>
    <message>
      <source>hours a week</source>
      <translation>Stunden in der Woche</translation>
    </message>
    <message>
      <source>how a long edge lies</source>
      <translation>wie ein langes Lineal liegt</translation>
    </message>
    <message>
      <source>how a long edge lies on the frets</source>
      <translation>wie ein langes Lineal auf den Bünden liegt</translation>
    </message>
    <message>
      <source>how is this known</source>
      <translation>woher weiß man das</translation>
    </message>
    <message>
      <source>how it came in</source>
      <translation>wie es hereinkam</translation>
    </message>
    <message>
      <source>how it left</source>
      <translation>wie es ging</translation>
    </message>
    <message>
      <source>how much crown is left</source>
      <translation>wie viel Krone übrig ist</translation>
    </message>
    <message>
      <source>humidity</source>
      <translation>Luftfeuchte</translation>
    </message>
    <message>
      <source>humidity, %</source>
      <translation>Luftfeuchte, %</translation>
    </message>
    <message>
      <source>if you know yours</source>
      <translation>wenn bekannt</translation>
    </message>
    <message>
      <source>in all</source>
      <translation>insgesamt</translation>
    </message>
    <message>
      <source>in hand</source>
      <translation>gewählt</translation>
    </message>
    <message>
      <source>in it {percent} tax</source>
      <translation>darin {percent} Steuer</translation>
    </message>
    <message>
      <source>in mm, 0.03 to 0.80</source>
      <translation>in mm, 0,03 bis 0,80</translation>
    </message>
    <message>
      <source>in thou, 1.5 to 30</source>
      <translation>in thou, 1,5 bis 30</translation>
    </message>
    <message>
      <source>in {value}</source>
      <translation>in {value}</translation>
    </message>
    <message>
      <source>included</source>
      <translation>enthalten</translation>
    </message>
    <message>
      <source>indicator</source>
      <translation>Messuhr</translation>
    </message>
    <message>
      <source>ink</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <source>ink gone</source>
      <translation>Farbe weg</translation>
    </message>
    <message>
      <source>ink is gone; how it felt</source>
      <translation>Farbe weg; Gefühl</translation>
    </message>
    <message>
      <source>ink is there; not counted</source>
      <translation>Farbe da; nicht gezählt</translation>
    </message>
    <message>
      <source>ink on all the others, {lane_words}</source>
      <translation>Farbe auf allen anderen, {lane_words}</translation>
    </message>
    <message>
      <source>ink on all tops</source>
      <translation>Farbe auf alle Kuppen</translation>
    </message>
    <message>
      <source>ink on fret {fret}, {lane_words}</source>
      <translation>Farbe auf Bund {fret}, {lane_words}</translation>
    </message>
    <message>
      <source>ink under the beam</source>
      <translation>Farbe unter dem Balken</translation>
    </message>
    <message>
      <source>into the groove of</source>
      <translation>in die Kerbe von</translation>
    </message>
    <message>
      <source>iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <source>is about entry {about}, which is not before it.</source>
      <translation>handelt von Eintrag {about}, der nicht davor steht.</translation>
    </message>
    <message>
      <source>is firm</source>
      <translation>ist fest</translation>
    </message>
    <message>
      <source>is not as it was written</source>
      <translation>ist nicht mehr so, wie es geschrieben wurde</translation>
    </message>
    <message>
      <source>is still</source>
      <translation>ist still</translation>
    </message>
    <message>
      <source>it also touches {frets}</source>
      <translation>es berührt auch {frets}</translation>
    </message>
    <message>
      <source>it buzzes</source>
      <translation>er schnarrt</translation>
    </message>
    <message>
      <source>it drags</source>
      <translation>es schleift</translation>
    </message>
    <message>
      <source>it gives</source>
      <translation>er gibt nach</translation>
    </message>
    <message>
      <source>it is clean</source>
      <translation>er ist sauber</translation>
    </message>
    <message>
      <source>it is missing</source>
      <translation>er fehlt</translation>
    </message>
    <message>
      <source>it is so</source>
      <translation>es ist so</translation>
    </message>
    <message>
      <source>it waits for a part</source>
      <translation>er wartet auf ein Teil</translation>
    </message>
    <message>
      <source>it won't go; still</source>
      <translation>geht nicht; still</translation>
    </message>
    <message>
      <source>its bass end</source>
      <translation>sein Bassende</translation>
    </message>
    <message>
      <source>its ink gone, stop</source>
      <translation>seine Farbe weg, halt</translation>
    </message>
    <message>
      <source>its journal can't be read ({error})</source>
      <translation>sein Verlauf ist nicht lesbar ({error})</translation>
    </message>
    <message>
      <source>its middle</source>
      <translation>seine Mitte</translation>
    </message>
    <message>
      <source>its neck is no longer in the logbook</source>
      <translation>der Hals steht nicht mehr im Logbuch</translation>
    </message>
    <message>
      <source>its notches must be cut for {scale_mm:g} mm</source>
      <translation>seine Kerben müssen für {scale_mm:g} mm geschnitten sein</translation>
    </message>
    <message>
      <source>its treble end</source>
      <translation>sein Diskantende</translation>
    </message>
    <message>
      <source>jaws</source>
      <translation>Zange</translation>
    </message>
    <message>
      <source>jig</source>
      <translation>Vorrichtung</translation>
    </message>
    <message>
      <source>join here</source>
      <translation>hier ansetzen</translation>
    </message>
    <message>
      <source>keep</source>
      <translation>behalten</translation>
    </message>
    <message>
      <source>keep the description</source>
      <translation>Beschreibung behalten</translation>
    </message>
    <message>
      <source>keep {least}</source>
      <translation>behalten {least}</translation>
    </message>
    <message>
      <source>kept</source>
      <translation>gehalten</translation>
    </message>
    <message>
      <source>kept with this job:</source>
      <translation>mit diesem Auftrag behalten:</translation>
    </message>
    <message>
      <source>kept: none yet</source>
      <translation>behalten: noch keines</translation>
    </message>
    <message>
      <source>key slips</source>
      <translation>Schlüssel rutscht</translation>
    </message>
    <message>
      <source>keys</source>
      <translation>Tasten</translation>
    </message>
    <message>
      <source>lacquered board</source>
      <translation>lackiertes Brett</translation>
    </message>
    <message>
      <source>last readings</source>
      <translation>letzte Messungen</translation>
    </message>
    <message>
      <source>lay an edge</source>
      <translation>ein Lineal auflegen</translation>
    </message>
    <message>
      <source>lay it</source>
      <translation>auflegen</translation>
    </message>
    <message>
      <source>leaf</source>
      <translation>Blatt</translation>
    </message>
    <message>
      <source>leaf between {tool} and fret {fret}</source>
      <translation>Blatt zwischen {tool} und Bund {fret}</translation>
    </message>
    <message>
      <source>leaf between {under} {where}</source>
      <translation>Blatt zwischen {under} {where}</translation>
    </message>
    <message>
      <source>leaf {wanted_mm}</source>
      <translation>Blatt {wanted_mm}</translation>
    </message>
    <message>
      <source>learnt for the next</source>
      <translation>gelernt fürs nächste Mal</translation>
    </message>
    <message>
      <source>least crown</source>
      <translation>kleinste Krone</translation>
    </message>
    <message>
      <source>least metal</source>
      <translation>am wenigsten Metall</translation>
    </message>
    <message>
      <source>least metal in all</source>
      <translation>am wenigsten Metall insgesamt</translation>
    </message>
    <message>
      <source>least off the thinnest</source>
      <translation>am wenigsten vom dünnsten</translation>
    </message>
    <message>
      <source>leave corners nobody plays as they are</source>
      <translation>Ecken, die niemand spielt, lassen wie sie sind</translation>
    </message>
    <message>
      <source>leave it, take it up</source>
      <translation>lassen, wieder aufnehmen</translation>
    </message>
    <message>
      <source>leave this fret alone</source>
      <translation>diesen Bund lassen</translation>
    </message>
    <message>
      <source>left</source>
      <translation>left</translation>
    </message>
    <message>
      <source>left alone</source>
      <translation>gelassen</translation>
    </message>
    <message>
      <source>left as it is, {error}.</source>
      <translation>bleibt wie er ist, {error}.</translation>
    </message>
    <message>
      <source>left as it is: together the rod would stand further than any rod goes.</source>
      <translation>bleibt wie er ist: Zusammen stünde der Halsstab weiter, als ein Halsstab sich drehen lässt.</translation>
    </message>
    <message>
      <source>left as it is: together {fault}</source>
      <translation>bleibt wie er ist: zusammen {fault}</translation>
    </message>
    <message>
      <source>left in it</source>
      <translation>noch darin</translation>
    </message>
    <message>
      <source>left tall</source>
      <translation>hoch gelassen</translation>
    </message>
    <message>
      <source>left, right: fret, * alone</source>
      <translation>links, rechts: Bund, * lassen</translation>
    </message>
    <message>
      <source>left, right: the later visit</source>
      <translation>links, rechts: der spätere Besuch</translation>
    </message>
    <message>
      <source>length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <source>length of each</source>
      <translation>Länge jedes</translation>
    </message>
    <message>
      <source>length of each edge, spaces between</source>
      <translation>Länge jeder Kante, Leerzeichen dazwischen</translation>
    </message>
    <message>
      <source>lengths</source>
      <translation>Längen</translation>
    </message>
    <message>
      <source>less</source>
      <translation>weniger</translation>
    </message>
    <message>
      <source>less dip</source>
      <translation>weniger Senke</translation>
    </message>
    <message>
      <source>less than wanted</source>
      <translation>weniger als gewünscht</translation>
    </message>
    <message>
      <source>lessons</source>
      <translation>Lektionen</translation>
    </message>
    <message>
      <source>let the truth come out</source>
      <translation>die Wahrheit zeigen</translation>
    </message>
    <message>
      <source>letter</source>
      <translation>Brief</translation>
    </message>
    <message>
      <source>level</source>
      <translation>abrichten</translation>
    </message>
    <message>
      <source>levelled down</source>
      <translation>heruntergefeilt</translation>
    </message>
    <message>
      <source>levelling program could not be solved</source>
      <translation>das Programm fürs Abrichten ließ sich nicht lösen</translation>
    </message>
    <message>
      <source>levels</source>
      <translation>Abrichten</translation>
    </message>
    <message numerus="yes">
      <source>levels</source>
      <comment>level</comment>
      <translation>
        <numerusform>Abrichtung</numerusform>
        <numerusform>Abrichtungen</numerusform>
      </translation>
    </message>
    <message>
      <source>lies {says}</source>
      <translation>liegt: {says}</translation>
    </message>
    <message>
      <source>light</source>
      <translation>leicht</translation>
    </message>
    <message>
      <source>light at the ends</source>
      <translation>Licht an den Enden</translation>
    </message>
    <message>
      <source>light in the middle</source>
      <translation>Licht in der Mitte</translation>
    </message>
    <message>
      <source>lighter</source>
      <translation>leichter</translation>
    </message>
    <message>
      <source>lighter touch</source>
      <translation>leichterer Anschlag</translation>
    </message>
    <message>
      <source>likely clean</source>
      <translation>wohl sauber</translation>
    </message>
    <message>
      <source>likely, at most</source>
      <translation>wohl, höchstens</translation>
    </message>
    <message>
      <source>limits</source>
      <translation>Grenzen</translation>
    </message>
    <message>
      <source>line {n}</source>
      <translation>Zeile {n}</translation>
    </message>
    <message>
      <source>line: true · ring: your map, whisker its range · square: the truth lies outside</source>
      <translation>Linie: wahr · Ring: die eigene Karte, Strich ihr Bereich · Quadrat: die Wahrheit liegt außerhalb</translation>
    </message>
    <message>
      <source>line: true. You wrote nothing down, so there is no map to hold against it.</source>
      <translation>Linie: wahr. Nichts wurde aufgeschrieben, also gibt es keine Karte zum Vergleich.</translation>
    </message>
    <message>
      <source>lip from tape</source>
      <translation>Kante vom Band</translation>
    </message>
    <message>
      <source>lip; others fine</source>
      <translation>Grat; andere in Ordnung</translation>
    </message>
    <message>
      <source>long edge</source>
      <translation>langes Lineal</translation>
    </message>
    <message>
      <source>longer</source>
      <translation>länger</translation>
    </message>
    <message>
      <source>longer edge</source>
      <translation>längere Kante</translation>
    </message>
    <message>
      <source>look</source>
      <translation>ansehen</translation>
    </message>
    <message numerus="yes">
      <source>look</source>
      <comment>looks</comment>
      <translation>
        <numerusform>sieht aus wie</numerusform>
        <numerusform>sehen aus wie</numerusform>
      </translation>
    </message>
    <message>
      <source>look again, by {look_until}</source>
      <translation>wieder ansehen, bis {look_until}</translation>
    </message>
    <message>
      <source>look round: nothing here is yours</source>
      <translation>umsehen: nichts hier gehört einem</translation>
    </message>
    <message>
      <source>looked at</source>
      <translation>angesehen</translation>
    </message>
    <message>
      <source>looked at every half year</source>
      <translation>jedes halbe Jahr angesehen</translation>
    </message>
    <message>
      <source>loose</source>
      <translation>lose</translation>
    </message>
    <message>
      <source>loose: crimp or mushroom the tang before bending</source>
      <translation>lose: den Fuß vor dem Biegen quetschen oder stauchen</translation>
    </message>
    <message>
      <source>looser</source>
      <translation>lockerer</translation>
    </message>
    <message>
      <source>loses</source>
      <translation>verliert</translation>
    </message>
    <message>
      <source>low</source>
      <translation>tief</translation>
    </message>
    <message>
      <source>low string clean from, {unit_word}: lower is better</source>
      <translation>tiefe Saite sauber ab, {unit_word}: tiefer ist besser</translation>
    </message>
    <message>
      <source>low string, {unit_word}, 9 in 10</source>
      <translation>tiefe Saite, {unit_word}, 9 von 10</translation>
    </message>
    <message>
      <source>low string, {{height}}</source>
      <translation>tiefe Saite, {{height}}</translation>
    </message>
    <message>
      <source>low, middle, high</source>
      <translation>tief, Mitte, hoch</translation>
    </message>
    <message>
      <source>low, {{height}}</source>
      <translation>tief, {{height}}</translation>
    </message>
    <message>
      <source>low-side rod</source>
      <translation>Stab der Bassseite</translation>
    </message>
    <message>
      <source>lower</source>
      <translation>untere</translation>
    </message>
    <message>
      <source>lowest at fret {lowest}</source>
      <translation>am tiefsten bei Bund {lowest}</translation>
    </message>
    <message>
      <source>lying</source>
      <translation>liegend</translation>
    </message>
    <message>
      <source>mahogany</source>
      <translation>mahagoni</translation>
    </message>
    <message>
      <source>maple</source>
      <translation>ahorn</translation>
    </message>
    <message>
      <source>may slip</source>
      <translation>wackelt</translation>
    </message>
    <message>
      <source>mean of both sides</source>
      <translation>Mittel beider Seiten</translation>
    </message>
    <message>
      <source>measure</source>
      <translation>messen</translation>
    </message>
    <message>
      <source>measure it</source>
      <translation>vermessen</translation>
    </message>
    <message>
      <source>metal</source>
      <translation>Metall</translation>
    </message>
    <message>
      <source>metal by fret</source>
      <translation>Metall je Bund</translation>
    </message>
    <message>
      <source>metal left</source>
      <translation>Metall übrig</translation>
    </message>
    <message>
      <source>metal of every fret</source>
      <translation>Metall jedes Bunds</translation>
    </message>
    <message>
      <source>metal off</source>
      <translation>Metall ab</translation>
    </message>
    <message>
      <source>metal off, all frets, {value}</source>
      <translation>Metall ab, alle Bünde, {value}</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <source>minus</source>
      <translation>minus</translation>
    </message>
    <message>
      <source>minutes</source>
      <translation>Minuten</translation>
    </message>
    <message>
      <source>minutes until cold</source>
      <translation>Minuten bis kalt</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>mm edge</source>
      <translation>mm Kante</translation>
    </message>
    <message>
      <source>mm leaf</source>
      <translation>mm Blatt</translation>
    </message>
    <message>
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <source>more cells than the heading names</source>
      <translation>mehr Zellen, als die Überschrift nennt</translation>
    </message>
    <message>
      <source>more dip</source>
      <translation>mehr Senke</translation>
    </message>
    <message numerus="yes">
      <source>more faults</source>
      <comment>more fault</comment>
      <translation>
        <numerusform>weiterer Fehler</numerusform>
        <numerusform>weitere Fehler</numerusform>
      </translation>
    </message>
    <message>
      <source>more or less</source>
      <translation>mehr oder weniger</translation>
    </message>
    <message>
      <source>more than wanted</source>
      <translation>mehr als gewünscht</translation>
    </message>
    <message>
      <source>more than {most_columns} columns.</source>
      <translation>mehr als {most_columns} Spalten.</translation>
    </message>
    <message>
      <source>more than {most_entries} journal entries.</source>
      <translation>mehr als {most_entries} Einträge im Journal.</translation>
    </message>
    <message>
      <source>more than {most_rows:,} rows.</source>
      <translation>mehr als {most_rows:,} Zeilen.</translation>
    </message>
    <message>
      <source>most in the middle</source>
      <translation>am meisten in der Mitte</translation>
    </message>
    <message>
      <source>most metal hangs on it</source>
      <translation>am meisten Metall hängt daran</translation>
    </message>
    <message>
      <source>most {mm:.2f} mm</source>
      <translation>bis {mm:.2f} mm</translation>
    </message>
    <message>
      <source>most {most_mm}</source>
      <translation>am meisten {most_mm}</translation>
    </message>
    <message numerus="yes">
      <source>move or stand</source>
      <comment>moves or stands</comment>
      <translation>
        <numerusform>bewegt sich oder steht</numerusform>
        <numerusform>bewegen sich oder stehen</numerusform>
      </translation>
    </message>
    <message>
      <source>move the ends</source>
      <translation>die Enden bewegen</translation>
    </message>
    <message>
      <source>moved back</source>
      <translation>zurückgegangen</translation>
    </message>
    <message>
      <source>moves</source>
      <translation>bewegt sich</translation>
    </message>
    <message>
      <source>moves under a finger</source>
      <translation>bewegt sich unter dem Finger</translation>
    </message>
    <message numerus="yes">
      <source>must be sawn deeper</source>
      <comment>must be sawn deeper</comment>
      <translation>
        <numerusform>muss tiefer gesägt werden</numerusform>
        <numerusform>müssen tiefer gesägt werden</numerusform>
      </translation>
    </message>
    <message>
      <source>narrower</source>
      <translation>schmaler</translation>
    </message>
    <message>
      <source>narrower than the old beads: their marks in the wood stay to be seen</source>
      <translation>schmaler als die alten Kronen: ihre Spuren im Holz bleiben zu sehen</translation>
    </message>
    <message>
      <source>near the nut and up</source>
      <translation>nahe am Sattel hinunter und hinauf</translation>
    </message>
    <message>
      <source>nearly flat</source>
      <translation>fast gerade</translation>
    </message>
    <message>
      <source>neck heated</source>
      <translation>Hals erwärmt</translation>
    </message>
    <message>
      <source>neck held as played</source>
      <translation>Hals in Spielhaltung</translation>
    </message>
    <message>
      <source>neck in its jig</source>
      <translation>Hals in der Vorrichtung</translation>
    </message>
    <message>
      <source>neck jig</source>
      <translation>Halsvorrichtung</translation>
    </message>
    <message>
      <source>neck lying</source>
      <translation>Hals liegt</translation>
    </message>
    <message>
      <source>neck thickness</source>
      <translation>Halsdicke</translation>
    </message>
    <message>
      <source>neck: nested too deeply.</source>
      <translation>neck: zu tief verschachtelt.</translation>
    </message>
    <message>
      <source>neck: {fault}</source>
      <translation>neck: {fault}</translation>
    </message>
    <message>
      <source>neck: {why}</source>
      <translation>neck: {why}</translation>
    </message>
    <message numerus="yes">
      <source>necks</source>
      <comment>neck</comment>
      <translation>
        <numerusform>Hals</numerusform>
        <numerusform>Hälse</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>necks stay</source>
      <comment>neck stays</comment>
      <translation>
        <numerusform>Hals bleibt</numerusform>
        <numerusform>Hälse bleiben</numerusform>
      </translation>
    </message>
    <message>
      <source>nested too deeply to be a job.</source>
      <translation>zu tief verschachtelt für einen Auftrag.</translation>
    </message>
    <message>
      <source>never read</source>
      <translation>nie gemessen</translation>
    </message>
    <message>
      <source>new</source>
      <translation>neu</translation>
    </message>
    <message>
      <source>new wire</source>
      <translation>neuer Draht</translation>
    </message>
    <message>
      <source>new wire was fitted</source>
      <translation>neuer Draht kam hinein</translation>
    </message>
    <message>
      <source>new wire, crown height</source>
      <translation>neuer Draht, Kronenhöhe</translation>
    </message>
    <message>
      <source>new wire, crown width</source>
      <translation>neuer Draht, Kronenbreite</translation>
    </message>
    <message>
      <source>new wire, over the barbs</source>
      <translation>neuer Draht, über die Widerhaken</translation>
    </message>
    <message>
      <source>new wire, tang</source>
      <translation>neuer Draht, Fuß</translation>
    </message>
    <message>
      <source>new wire, tang depth</source>
      <translation>neuer Draht, Fußtiefe</translation>
    </message>
    <message>
      <source>next</source>
      <translation>nächster</translation>
    </message>
    <message>
      <source>next string</source>
      <translation>nächste Saite</translation>
    </message>
    <message>
      <source>no amount: give gap_mm, slides_mm, drags_mm or wont_go_mm.</source>
      <translation>keine Größe: gap_mm, slides_mm, drags_mm oder wont_go_mm angeben.</translation>
    </message>
    <message>
      <source>no capo</source>
      <translation>kein Kapo</translation>
    </message>
    <message>
      <source>no column 'name'</source>
      <translation>keine Spalte „name“</translation>
    </message>
    <message>
      <source>no crown was read by either day</source>
      <translation>bis zu beiden Tagen keine Krone gemessen</translation>
    </message>
    <message>
      <source>no earlier survey</source>
      <translation>keine frühere Vermessung</translation>
    </message>
    <message>
      <source>no file can have that name</source>
      <translation>so kann keine Datei heißen</translation>
    </message>
    <message>
      <source>no fret</source>
      <translation>kein Bund</translation>
    </message>
    <message>
      <source>no gauge</source>
      <translation>keine Messuhr</translation>
    </message>
    <message>
      <source>no grip</source>
      <translation>kein Halt</translation>
    </message>
    <message>
      <source>no lane was measured yet</source>
      <translation>noch keine Spur gemessen</translation>
    </message>
    <message>
      <source>no lane was read both times</source>
      <translation>keine Spur wurde beide Male gemessen</translation>
    </message>
    <message>
      <source>no light</source>
      <translation>kein Licht</translation>
    </message>
    <message>
      <source>no longer looked at by season</source>
      <translation>nicht mehr nach der Jahreszeit angesehen</translation>
    </message>
    <message>
      <source>no look</source>
      <translation>kein Blick</translation>
    </message>
    <message>
      <source>no neck here now</source>
      <translation>jetzt kein Hals hier</translation>
    </message>
    <message>
      <source>no owner named</source>
      <translation>kein Besitzer genannt</translation>
    </message>
    <message>
      <source>no radius described</source>
      <translation>kein Radius beschrieben</translation>
    </message>
    <message>
      <source>no reason given</source>
      <translation>ohne Angabe eines Grundes</translation>
    </message>
    <message>
      <source>no rocker was set there on this side</source>
      <translation>auf dieser Seite stand dort keine Wippe</translation>
    </message>
    <message>
      <source>no rod</source>
      <translation>kein Stab</translation>
    </message>
    <message>
      <source>no sound</source>
      <translation>kein Ton</translation>
    </message>
    <message>
      <source>no tax</source>
      <translation>keine Steuer</translation>
    </message>
    <message>
      <source>no text</source>
      <translation>kein Text</translation>
    </message>
    <message>
      <source>no to this</source>
      <translation>nein dazu</translation>
    </message>
    <message>
      <source>no turn</source>
      <translation>keine Umdrehung</translation>
    </message>
    <message>
      <source>no value: give temperature_c or humidity_percent.</source>
      <translation>kein Wert: temperature_c oder humidity_percent angeben.</translation>
    </message>
    <message>
      <source>noise</source>
      <translation>Geräusch</translation>
    </message>
    <message>
      <source>none</source>
      <translation>keiner</translation>
    </message>
    <message>
      <source>none is felt</source>
      <translation>keines ist zu fühlen</translation>
    </message>
    <message>
      <source>none of your edges fits: {span} is needed</source>
      <translation>keine eigene Kante passt: {span} wird gebraucht</translation>
    </message>
    <message>
      <source>none of your notched edges fits: {scale}</source>
      <translation>keines der eigenen Kerblineale passt: {scale}</translation>
    </message>
    <message>
      <source>none over {largest_rock_mm}</source>
      <translation>keines über {largest_rock_mm}</translation>
    </message>
    <message>
      <source>none true</source>
      <translation>keine passt</translation>
    </message>
    <message>
      <source>none yet</source>
      <translation>noch keine</translation>
    </message>
    <message>
      <source>none: not measured</source>
      <translation>keine: nicht gemessen</translation>
    </message>
    <message>
      <source>not a Nuvrek job: "format" should be "{format}".</source>
      <translation>kein Nuvrek-Auftrag: "format" soll "{format}" sein.</translation>
    </message>
    <message>
      <source>not a table ({error}).</source>
      <translation>keine Tabelle ({error}).</translation>
    </message>
    <message>
      <source>not a table of wire: {what}; columns are {columns}.</source>
      <translation>keine Drahttabelle: {what}; Spalten sind {columns}.</translation>
    </message>
    <message>
      <source>not a whole archive.</source>
      <translation>kein ganzes Archiv.</translation>
    </message>
    <message>
      <source>not asked yet</source>
      <translation>noch nicht gefragt</translation>
    </message>
    <message>
      <source>not heard</source>
      <translation>nicht gehört</translation>
    </message>
    <message>
      <source>not kept</source>
      <translation>nicht gehalten</translation>
    </message>
    <message>
      <source>not known</source>
      <translation>nicht bekannt</translation>
    </message>
    <message>
      <source>not known yet</source>
      <translation>noch nicht bekannt</translation>
    </message>
    <message>
      <source>not looked at</source>
      <translation>nicht angesehen</translation>
    </message>
    <message>
      <source>not looked at yet</source>
      <translation>noch nicht angesehen</translation>
    </message>
    <message>
      <source>not measured</source>
      <translation>nicht gemessen</translation>
    </message>
    <message>
      <source>not measured yet</source>
      <translation>noch nicht gemessen</translation>
    </message>
    <message>
      <source>not now</source>
      <translation>jetzt nicht</translation>
    </message>
    <message>
      <source>not pressed again yet</source>
      <translation>noch nicht wieder gedrückt</translation>
    </message>
    <message>
      <source>not read</source>
      <translation>nicht gemessen</translation>
    </message>
    <message>
      <source>not read: a trial piece tells</source>
      <translation>nicht gemessen: ein Probestück sagt es</translation>
    </message>
    <message>
      <source>not sound</source>
      <translation>nicht in Ordnung</translation>
    </message>
    <message>
      <source>not tried</source>
      <translation>nicht versucht</translation>
    </message>
    <message>
      <source>not whole, or not JSON ({error}).</source>
      <translation>nicht ganz, oder kein JSON ({error}).</translation>
    </message>
    <message>
      <source>notched</source>
      <translation>Kerblineal</translation>
    </message>
    <message>
      <source>notched edge</source>
      <translation>Kerblineal</translation>
    </message>
    <message>
      <source>notched, full length</source>
      <translation>Kerblineal, ganze Länge</translation>
    </message>
    <message>
      <source>notches of {notch_mm:g} mm are too wide: the last frets stand {closest:.1f} mm apart</source>
      <translation>Kerben von {notch_mm:g} mm sind zu breit: die letzten Bünde stehen {closest:.1f} mm auseinander</translation>
    </message>
    <message>
      <source>note</source>
      <translation>Ton</translation>
    </message>
    <message>
      <source>notes</source>
      <translation>Töne</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <source>nothing filed yet</source>
      <translation>noch nichts gefeilt</translation>
    </message>
    <message>
      <source>nothing of this kind yet</source>
      <translation>noch nichts davon</translation>
    </message>
    <message>
      <source>nothing rings</source>
      <translation>nichts klingt</translation>
    </message>
    <message>
      <source>nothing to file</source>
      <translation>nichts zu feilen</translation>
    </message>
    <message>
      <source>nothing waits for these</source>
      <translation>darauf wartet nichts</translation>
    </message>
    <message>
      <source>nothing was done</source>
      <translation>nichts wurde getan</translation>
    </message>
    <message>
      <source>now</source>
      <translation>jetzt</translation>
    </message>
    <message>
      <source>nut</source>
      <translation>Sattel</translation>
    </message>
    <message>
      <source>nut slots {length} {it}</source>
      <translation>Sattelkerben {length} {it}</translation>
    </message>
    <message>
      <source>of 100</source>
      <translation>von 100</translation>
    </message>
    <message>
      <source>of its wear</source>
      <translation>seiner Abnutzung</translation>
    </message>
    <message>
      <source>of usual length</source>
      <translation>üblicher Länge</translation>
    </message>
    <message>
      <source>of wear in it</source>
      <translation>Abnutzung darin</translation>
    </message>
    <message>
      <source>off low</source>
      <translation>ab tief</translation>
    </message>
    <message>
      <source>off the smooth neck</source>
      <translation>gegen den glatten Hals</translation>
    </message>
    <message>
      <source>old frets</source>
      <translation>alte Bünde</translation>
    </message>
    <message>
      <source>old neck</source>
      <translation>alter Hals</translation>
    </message>
    <message>
      <source>on its ends</source>
      <translation>auf den Enden</translation>
    </message>
    <message>
      <source>on the edge</source>
      <translation>auf der Kippe</translation>
    </message>
    <message>
      <source>on this neck clockwise</source>
      <translation>an diesem Hals im Uhrzeigersinn</translation>
    </message>
    <message>
      <source>on this neck counter-clockwise</source>
      <translation>an diesem Hals gegen den Uhrzeigersinn</translation>
    </message>
    <message>
      <source>one after</source>
      <translation>eins danach</translation>
    </message>
    <message>
      <source>one before</source>
      <translation>eins davor</translation>
    </message>
    <message>
      <source>one place, {{unit}}</source>
      <translation>eine, {{unit}}</translation>
    </message>
    <message>
      <source>one radius all along</source>
      <translation>überall ein Radius</translation>
    </message>
    <message>
      <source>one reading here</source>
      <translation>eine Messung hier</translation>
    </message>
    <message>
      <source>one rule {it}</source>
      <translation>ein Teilstrich {it}</translation>
    </message>
    <message>
      <source>one-way rod</source>
      <translation>einseitiger Stab</translation>
    </message>
    <message>
      <source>only cleaned</source>
      <translation>nur gereinigt</translation>
    </message>
    <message>
      <source>only up to the binding</source>
      <translation>nur bis zum Binding</translation>
    </message>
    <message>
      <source>open</source>
      <translation>leer</translation>
    </message>
    <message>
      <source>open a fresh copy of the demo shelf</source>
      <translation>eine frische Kopie des Schauregals öffnen</translation>
    </message>
    <message>
      <source>open it</source>
      <translation>öffnen</translation>
    </message>
    <message>
      <source>open strings</source>
      <translation>Leersaiten</translation>
    </message>
    <message>
      <source>open the neck</source>
      <translation>den Hals öffnen</translation>
    </message>
    <message>
      <source>originals</source>
      <translation>Altteile</translation>
    </message>
    <message>
      <source>other column</source>
      <translation>andere Spalte</translation>
    </message>
    <message>
      <source>other rod</source>
      <translation>anderer Stab</translation>
    </message>
    <message>
      <source>other side</source>
      <translation>andere Seite</translation>
    </message>
    <message>
      <source>other way</source>
      <translation>andersherum</translation>
    </message>
    <message>
      <source>others firm</source>
      <translation>andere fest</translation>
    </message>
    <message>
      <source>others still</source>
      <translation>andere wippen nicht</translation>
    </message>
    <message>
      <source>others whole</source>
      <translation>andere unversehrt</translation>
    </message>
    <message>
      <source>others: in My tools</source>
      <translation>andere: in Werkzeuge</translation>
    </message>
    <message>
      <source>out</source>
      <translation>geht nicht</translation>
    </message>
    <message>
      <source>out of reach</source>
      <translation>unerreichbar</translation>
    </message>
    <message>
      <source>outside</source>
      <translation>außerhalb</translation>
    </message>
    <message>
      <source>over</source>
      <translation>über</translation>
    </message>
    <message>
      <source>over the barbs {barbs_mm}</source>
      <translation>über die Widerhaken {barbs_mm}</translation>
    </message>
    <message>
      <source>over the nut</source>
      <translation>über den Sattel</translation>
    </message>
    <message>
      <source>over {low}</source>
      <translation>über {low}</translation>
    </message>
    <message>
      <source>over {number} frets it {it}</source>
      <translation>über {number} Bünden: {it}</translation>
    </message>
    <message>
      <source>own weight</source>
      <translation>eigenes Gewicht</translation>
    </message>
    <message numerus="yes">
      <source>pairs</source>
      <comment>pair</comment>
      <translation>
        <numerusform>Paar</numerusform>
        <numerusform>Paaren</numerusform>
      </translation>
    </message>
    <message>
      <source>paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>papers</source>
      <translation>Papiere</translation>
    </message>
    <message>
      <source>part</source>
      <translation>Teil</translation>
    </message>
    <message>
      <source>parts</source>
      <translation>Teile</translation>
    </message>
    <message>
      <source>past straight, mm</source>
      <translation>über gerade hinaus, mm</translation>
    </message>
    <message>
      <source>past the edge</source>
      <translation>steht über</translation>
    </message>
    <message>
      <source>per 0.1 mm</source>
      <translation>je 0,1 mm</translation>
    </message>
    <message>
      <source>perhaps {state}; no rod is turned for a perhaps</source>
      <translation>vielleicht {state}; für ein Vielleicht wird kein Stab gedreht</translation>
    </message>
    <message>
      <source>photo</source>
      <translation>Foto</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>pitch</source>
      <translation>gestimmt</translation>
    </message>
    <message numerus="yes">
      <source>places</source>
      <comment>place</comment>
      <translation>
        <numerusform>Stelle</numerusform>
        <numerusform>Stellen</numerusform>
      </translation>
    </message>
    <message>
      <source>plain</source>
      <translation>einfach</translation>
    </message>
    <message>
      <source>planned</source>
      <translation>geplant</translation>
    </message>
    <message>
      <source>play, next</source>
      <translation>spielen, weiter</translation>
    </message>
    <message>
      <source>played</source>
      <translation>gespielt</translation>
    </message>
    <message>
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <source>points; filled: solved · line: mean of the last five</source>
      <translation>Punkte; gefüllt: gelöst · Linie: Mittel der letzten fünf</translation>
    </message>
    <message>
      <source>poplar</source>
      <translation>pappel</translation>
    </message>
    <message>
      <source>possible</source>
      <translation>möglich</translation>
    </message>
    <message>
      <source>practice neck</source>
      <translation>Übungshals</translation>
    </message>
    <message>
      <source>practice neck {word}</source>
      <translation>Übungshals {word}</translation>
    </message>
    <message>
      <source>present</source>
      <translation>anwesend</translation>
    </message>
    <message>
      <source>press</source>
      <translation>drücken</translation>
    </message>
    <message>
      <source>press stand-in</source>
      <translation>Ersatz drücken</translation>
    </message>
    <message>
      <source>press {high}</source>
      <translation>drücken {high}</translation>
    </message>
    <message>
      <source>press, next</source>
      <translation>drücken, weiter</translation>
    </message>
    <message>
      <source>press, one caul</source>
      <translation>Presse, eine Zulage</translation>
    </message>
    <message>
      <source>press, two cauls</source>
      <translation>Presse, zwei Zulagen</translation>
    </message>
    <message>
      <source>pressed</source>
      <translation>gedrückt</translation>
    </message>
    <message>
      <source>pressed on the crest with the neck backed by the hand</source>
      <translation>auf dem Scheitel gedrückt, der Hals von der Hand hinterlegt</translation>
    </message>
    <message>
      <source>pressed or not</source>
      <translation>gedrückt oder nicht</translation>
    </message>
    <message>
      <source>pressed, neck backed</source>
      <translation>gedrückt, Hals hinterlegt</translation>
    </message>
    <message>
      <source>price</source>
      <translation>Preis</translation>
    </message>
    <message>
      <source>price, {currency}</source>
      <translation>Preis, {currency}</translation>
    </message>
    <message>
      <source>prices</source>
      <translation>Preise</translation>
    </message>
    <message>
      <source>prices include it</source>
      <translation>Preise enthalten sie</translation>
    </message>
    <message>
      <source>promise its day</source>
      <translation>seinen Tag versprechen</translation>
    </message>
    <message>
      <source>promised</source>
      <translation>versprochen</translation>
    </message>
    <message>
      <source>promised for {day}</source>
      <translation>versprochen für {day}</translation>
    </message>
    <message>
      <source>promised for {promised}</source>
      <translation>versprochen für {promised}</translation>
    </message>
    <message>
      <source>promised for {promised}: holds</source>
      <translation>versprochen für {promised}: hält</translation>
    </message>
    <message>
      <source>promised for {promised}: may slip, to {by}</source>
      <translation>versprochen für {promised}: wackelt, bis {by}</translation>
    </message>
    <message>
      <source>promised for {promised}: slips, likely {likely}</source>
      <translation>versprochen für {promised}: verpasst, wohl {likely}</translation>
    </message>
    <message>
      <source>proud</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>proud bevel</source>
      <translation>Fase steht vor</translation>
    </message>
    <message>
      <source>pull</source>
      <translation>Zug</translation>
    </message>
    <message>
      <source>pulled</source>
      <translation>gezogen</translation>
    </message>
    <message>
      <source>push</source>
      <translation>schieben</translation>
    </message>
    <message>
      <source>put down</source>
      <translation>weglegen</translation>
    </message>
    <message>
      <source>put it down</source>
      <translation>weglegen</translation>
    </message>
    <message numerus="yes">
      <source>questions</source>
      <comment>question</comment>
      <translation>
        <numerusform>Frage</numerusform>
        <numerusform>Fragen</numerusform>
      </translation>
    </message>
    <message>
      <source>quote</source>
      <translation>Angebot</translation>
    </message>
    <message>
      <source>radius</source>
      <translation>Radius</translation>
    </message>
    <message>
      <source>radius growing evenly to the end</source>
      <translation>Radius wächst gleichmäßig zum Ende</translation>
    </message>
    <message>
      <source>radius growing to the end</source>
      <translation>Radius wächst zum Ende</translation>
    </message>
    <message>
      <source>radius of each: 241 305, or 9.5in 12in</source>
      <translation>Radius jeder: 241 305, oder 9.5in 12in</translation>
    </message>
    <message>
      <source>raise it on the {lane_words}, by {length} or more: a shim under it, the slot filled and cut anew, or a new nut</source>
      <translation>ihn heben ({lane_words}), um {length} oder mehr: eine Unterlage darunter, die Kerbe gefüllt und neu geschnitten, oder ein neuer Sattel</translation>
    </message>
    <message>
      <source>rattles</source>
      <translation>klappert</translation>
    </message>
    <message>
      <source>rattles: the fret itself sounds</source>
      <translation>klappert: der Bund selbst tönt</translation>
    </message>
    <message>
      <source>read</source>
      <translation>messen</translation>
    </message>
    <message>
      <source>read here {number} times, always {low}</source>
      <translation>hier {number} Mal gemessen, immer {low}</translation>
    </message>
    <message>
      <source>read here {number} times, last {value_words}</source>
      <translation>hier {number} Mal gemessen, zuletzt {value_words}</translation>
    </message>
    <message>
      <source>read here {number} times, {low} to {high}</source>
      <translation>hier {number} Mal gemessen, {low} bis {high}</translation>
    </message>
    <message>
      <source>read here: {value_words}</source>
      <translation>hier gemessen: {value_words}</translation>
    </message>
    <message>
      <source>read there again</source>
      <translation>dort noch einmal messen</translation>
    </message>
    <message>
      <source>reading names frets</source>
      <translation>Messung nennt Bünde</translation>
    </message>
    <message numerus="yes">
      <source>readings</source>
      <comment>reading</comment>
      <translation>
        <numerusform>Messung</numerusform>
        <numerusform>Messungen</numerusform>
      </translation>
    </message>
    <message>
      <source>readings name frets</source>
      <translation>Messungen nennen Bünde</translation>
    </message>
    <message>
      <source>reckoning beside the solving</source>
      <translation>Rechnen neben dem Lösen</translation>
    </message>
    <message>
      <source>refret</source>
      <translation>neu bundieren</translation>
    </message>
    <message>
      <source>refused</source>
      <translation>abgelehnt</translation>
    </message>
    <message>
      <source>relief</source>
      <translation>Krümmung</translation>
    </message>
    <message>
      <source>relief from {now_mm} to about {mm}, between {low} and {high}</source>
      <translation>Krümmung von {now_mm} auf etwa {mm}, zwischen {low} und {high}</translation>
    </message>
    <message>
      <source>relief {best}</source>
      <translation>Krümmung {best}</translation>
    </message>
    <message>
      <source>relief: {parts}</source>
      <translation>Krümmung: {parts}</translation>
    </message>
    <message>
      <source>renew</source>
      <translation>erneuern</translation>
    </message>
    <message>
      <source>resists</source>
      <translation>widersteht</translation>
    </message>
    <message>
      <source>rest</source>
      <translation>ruhen</translation>
    </message>
    <message>
      <source>result</source>
      <translation>Ergebnis</translation>
    </message>
    <message>
      <source>right</source>
      <translation>right</translation>
    </message>
    <message>
      <source>rings clean</source>
      <translation>klingt sauber</translation>
    </message>
    <message>
      <source>rocker</source>
      <translation>Wippe</translation>
    </message>
    <message>
      <source>rocker {fret}-{fret_2}-{fret_3}, {lane_words}</source>
      <translation>Wippe {fret}-{fret_2}-{fret_3}, {lane_words}</translation>
    </message>
    <message>
      <source>rocker {mm:g} mm</source>
      <translation>Wippe {mm:g} mm</translation>
    </message>
    <message>
      <source>rocker, mm</source>
      <translation>Wippe, mm</translation>
    </message>
    <message>
      <source>rocking</source>
      <translation>Wippen</translation>
    </message>
    <message>
      <source>rocks</source>
      <translation>wippt</translation>
    </message>
    <message>
      <source>rocks about {fret}</source>
      <translation>wippt um {fret}</translation>
    </message>
    <message>
      <source>rocks at {listed}</source>
      <translation>wippt an {listed}</translation>
    </message>
    <message>
      <source>rocks: {map}</source>
      <translation>wippt: {map}</translation>
    </message>
    <message>
      <source>rocks; a support</source>
      <translation>wippt; eine Auflage</translation>
    </message>
    <message>
      <source>rod</source>
      <translation>Stab</translation>
    </message>
    <message>
      <source>rod as found</source>
      <translation>Stab wie gefunden</translation>
    </message>
    <message>
      <source>rod feel</source>
      <translation>Gefühl des Stabs</translation>
    </message>
    <message>
      <source>rod moves</source>
      <translation>Stabzüge</translation>
    </message>
    <message>
      <source>rod not known yet</source>
      <translation>Stab noch nicht bekannt</translation>
    </message>
    <message>
      <source>rod nut</source>
      <translation>Stabmutter</translation>
    </message>
    <message>
      <source>rod to the setting that New wire names</source>
      <translation>Stab auf die Stellung, die „Neuer Draht“ nennt</translation>
    </message>
    <message>
      <source>rod {it}{part_words} turn</source>
      <translation>Stab {it}{part_words} Umdrehung</translation>
    </message>
    <message>
      <source>rod {turns}</source>
      <translation>Stab {turns}</translation>
    </message>
    <message>
      <source>rod, {lane_words}</source>
      <translation>Stab, {lane_words}</translation>
    </message>
    <message>
      <source>rods low {signed}, high {signed_2} turn</source>
      <translation>Stäbe tief {signed}, hoch {signed_2} Umdrehung</translation>
    </message>
    <message>
      <source>room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <source>room {room} over fret {first}; heights x{scale:.0f}</source>
      <translation>Raum {room} über Bund {first}; Höhen x{scale:.0f}</translation>
    </message>
    <message>
      <source>rosewood</source>
      <translation>palisander</translation>
    </message>
    <message>
      <source>round</source>
      <translation>rund</translation>
    </message>
    <message>
      <source>round begun,</source>
      <translation>Runde begonnen,</translation>
    </message>
    <message>
      <source>row 1: the column "{unknown}" is not known.</source>
      <translation>Zeile 1: die Spalte „{unknown}“ ist nicht bekannt.</translation>
    </message>
    <message>
      <source>row {number}: {error}.</source>
      <translation>Zeile {number}: {error}.</translation>
    </message>
    <message>
      <source>row {number}: {fault}</source>
      <translation>Zeile {number}: {fault}</translation>
    </message>
    <message>
      <source>row {number}: {plain_fault}</source>
      <translation>Zeile {number}: {plain_fault}</translation>
    </message>
    <message>
      <source>row {number}: {said}</source>
      <translation>Zeile {number}: {said}</translation>
    </message>
    <message>
      <source>row {number}: {wire}</source>
      <translation>Zeile {number}: {wire}</translation>
    </message>
    <message>
      <source>rule</source>
      <translation>Maßstab</translation>
    </message>
    <message>
      <source>rule on fret {fret}, {held}</source>
      <translation>Maßstab auf Bund {fret}, {held}</translation>
    </message>
    <message>
      <source>saddle left</source>
      <translation>Steg übrig</translation>
    </message>
    <message>
      <source>saddle {height} {it}</source>
      <translation>Steg {height} {it}</translation>
    </message>
    <message>
      <source>saddle {way_words} {length} on the {lane_words} for {height} over fret {fret}</source>
      <translation>Stegeinlage {way_words} um {length} auf der {lane_words} für {height} am {fret}. Bund</translation>
    </message>
    <message>
      <source>same</source>
      <translation>gleich</translation>
    </message>
    <message>
      <source>seat</source>
      <translation>einpressen</translation>
    </message>
    <message>
      <source>seated</source>
      <translation>gesetzt</translation>
    </message>
    <message>
      <source>seats</source>
      <translation>presst ein</translation>
    </message>
    <message>
      <source>see its own files</source>
      <translation>siehe eigene Dateien</translation>
    </message>
    <message>
      <source>set it</source>
      <translation>aufsetzen</translation>
    </message>
    <message>
      <source>set it, next</source>
      <translation>ansetzen, weiter</translation>
    </message>
    <message>
      <source>settles the relief on the {lane_words}</source>
      <translation>klärt die Krümmung, {lane_words}</translation>
    </message>
    <message>
      <source>shallow</source>
      <translation>flach</translation>
    </message>
    <message>
      <source>shallow ones may stay</source>
      <translation>flache dürfen bleiben</translation>
    </message>
    <message>
      <source>sharp</source>
      <translation>scharf</translation>
    </message>
    <message>
      <source>shelf</source>
      <translation>Regal</translation>
    </message>
    <message>
      <source>short stone, 90 mm</source>
      <translation>kurzer Stein, 90 mm</translation>
    </message>
    <message>
      <source>shorter</source>
      <translation>kürzer</translation>
    </message>
    <message>
      <source>shorter edge</source>
      <translation>kürzere Kante</translation>
    </message>
    <message>
      <source>should be {bound} or {it}</source>
      <translation>soll {bound} oder {it} sein</translation>
    </message>
    <message>
      <source>should be {wrong}, not {wrong_2}</source>
      <translation>soll {wrong} sein, nicht {wrong_2}</translation>
    </message>
    <message>
      <source>side</source>
      <translation>Seite</translation>
    </message>
    <message>
      <source>side and fret</source>
      <translation>Seite und Bund</translation>
    </message>
    <message>
      <source>sideways</source>
      <translation>schief</translation>
    </message>
    <message>
      <source>since {words}</source>
      <translation>seit {words}</translation>
    </message>
    <message>
      <source>single press</source>
      <translation>einfach gepresst</translation>
    </message>
    <message>
      <source>sits</source>
      <translation>sitzt</translation>
    </message>
    <message>
      <source>size</source>
      <translation>Maß</translation>
    </message>
    <message>
      <source>slack</source>
      <translation>entspannt</translation>
    </message>
    <message>
      <source>slides</source>
      <translation>gleitet</translation>
    </message>
    <message>
      <source>slides through and touches nothing</source>
      <translation>gleitet durch und berührt nichts</translation>
    </message>
    <message>
      <source>slides {mm}, then</source>
      <translation>gleitet {mm}, dann</translation>
    </message>
    <message>
      <source>slips</source>
      <translation>verpasst</translation>
    </message>
    <message>
      <source>slips off</source>
      <translation>rutscht ab</translation>
    </message>
    <message>
      <source>slips off the edge of the fret</source>
      <translation>rutscht von der Bundkante</translation>
    </message>
    <message>
      <source>slot</source>
      <translation>Schlitz</translation>
    </message>
    <message>
      <source>slot depth</source>
      <translation>Schlitztiefe</translation>
    </message>
    <message>
      <source>slot dirty</source>
      <translation>Schlitz schmutzig</translation>
    </message>
    <message>
      <source>slot shallow</source>
      <translation>Schlitz flach</translation>
    </message>
    <message>
      <source>slot width</source>
      <translation>Schlitzbreite</translation>
    </message>
    <message>
      <source>slot {fret} is {width:.2f} mm wide: no tang of this wire can be made to hold there. Fill it with wood and saw it anew, or take another wire</source>
      <translation>Schlitz {fret} ist {width:.2f} mm breit: kein Fuß dieses Drahts hält dort. Mit Holz füllen und neu sägen, oder anderen Draht nehmen</translation>
    </message>
    <message>
      <source>slots</source>
      <translation>Schlitze</translation>
    </message>
    <message>
      <source>smooth</source>
      <translation>glatt</translation>
    </message>
    <message>
      <source>soft</source>
      <translation>weich</translation>
    </message>
    <message>
      <source>solid outline: measured, dashed: estimated</source>
      <translation>durchgezogen: gemessen, gestrichelt: geschätzt</translation>
    </message>
    <message>
      <source>solved</source>
      <translation>gelöst</translation>
    </message>
    <message>
      <source>solvent</source>
      <translation>Lösemittel</translation>
    </message>
    <message>
      <source>solving a neck of {length} entries</source>
      <translation>Lösen eines Halses mit {length} Einträgen</translation>
    </message>
    <message>
      <source>sound</source>
      <translation>in Ordnung</translation>
    </message>
    <message>
      <source>sound hole</source>
      <translation>Schallloch</translation>
    </message>
    <message>
      <source>sound on</source>
      <translation>Ton an</translation>
    </message>
    <message>
      <source>sounds</source>
      <translation>klingt</translation>
    </message>
    <message>
      <source>source, °C</source>
      <translation>Wärme, °C</translation>
    </message>
    <message>
      <source>spot</source>
      <translation>einzeln</translation>
    </message>
    <message>
      <source>spot levelling has no solution even with unlimited metal</source>
      <translation>das Abrichten einzelner Stellen hat auch mit unbegrenztem Metall keine Lösung</translation>
    </message>
    <message>
      <source>sprouting</source>
      <translation>überstehend</translation>
    </message>
    <message>
      <source>stainless</source>
      <translation>rostfrei</translation>
    </message>
    <message numerus="yes">
      <source>stand</source>
      <comment>stands</comment>
      <translation>
        <numerusform>steht hoch</numerusform>
        <numerusform>stehen hoch</numerusform>
      </translation>
    </message>
    <message>
      <source>stand-in, on a made-up neck</source>
      <translation>Ersatz, auf einem erfundenen Hals</translation>
    </message>
    <message>
      <source>stands off</source>
      <translation>steht ab</translation>
    </message>
    <message>
      <source>stands off the wood</source>
      <translation>steht vom Holz ab</translation>
    </message>
    <message>
      <source>stays slack however far it is loosened</source>
      <translation>bleibt locker, wie weit man auch löst</translation>
    </message>
    <message>
      <source>steel</source>
      <translation>Stahl</translation>
    </message>
    <message>
      <source>steel or nickel wrap</source>
      <translation>Stahl oder Nickel umsponnen</translation>
    </message>
    <message>
      <source>step</source>
      <translation>Schritt</translation>
    </message>
    <message>
      <source>sticks</source>
      <translation>Stangen</translation>
    </message>
    <message numerus="yes">
      <source>sticks</source>
      <comment>stick</comment>
      <translation>
        <numerusform>Stange</numerusform>
        <numerusform>Stangen</numerusform>
      </translation>
    </message>
    <message>
      <source>still</source>
      <translation>still</translation>
    </message>
    <message>
      <source>still all along</source>
      <translation>überall still</translation>
    </message>
    <message>
      <source>still moves</source>
      <translation>bewegt sich noch</translation>
    </message>
    <message numerus="yes">
      <source>still stand</source>
      <comment>still stands</comment>
      <translation>
        <numerusform>steht noch</numerusform>
        <numerusform>stehen noch</numerusform>
      </translation>
    </message>
    <message>
      <source>stop</source>
      <translation>halten</translation>
    </message>
    <message>
      <source>stopped: slot dirty</source>
      <translation>hielt an: Schlitz schmutzig</translation>
    </message>
    <message>
      <source>stopped: slot shallow</source>
      <translation>hielt an: Schlitz zu flach</translation>
    </message>
    <message>
      <source>stops</source>
      <translation>hält an</translation>
    </message>
    <message>
      <source>stops: it won't go in</source>
      <translation>hält an: es geht nicht hinein</translation>
    </message>
    <message>
      <source>straight edge on {low} and {high}</source>
      <translation>Lineal auf {low} und {high}</translation>
    </message>
    <message>
      <source>straight sticks</source>
      <translation>gerade Stangen</translation>
    </message>
    <message>
      <source>strike</source>
      <translation>streichen</translation>
    </message>
    <message>
      <source>strike it out</source>
      <translation>streichen</translation>
    </message>
    <message>
      <source>strikes entry {entry}, which is not before it.</source>
      <translation>streicht Eintrag {entry}, der nicht davor steht.</translation>
    </message>
    <message>
      <source>string</source>
      <translation>Saite</translation>
    </message>
    <message>
      <source>string height</source>
      <translation>Saitenlage</translation>
    </message>
    <message>
      <source>string lists</source>
      <translation>Saitenlisten</translation>
    </message>
    <message>
      <source>string open</source>
      <translation>Saite leer</translation>
    </message>
    <message>
      <source>string over 12, {it}</source>
      <translation>Saite über 12., {it}</translation>
    </message>
    <message>
      <source>string over {fret}, {string_or_side}</source>
      <translation>Saite über {fret}, {string_or_side}</translation>
    </message>
    <message>
      <source>string to fret end</source>
      <translation>Saite zum Bundende</translation>
    </message>
    <message>
      <source>string {strings}, {name}</source>
      <translation>Saite {strings}, {name}</translation>
    </message>
    <message>
      <source>string {string}</source>
      <translation>Saite {string}</translation>
    </message>
    <message>
      <source>string {string} doesn't exist; this neck has 1 to {strings}.</source>
      <translation>Saite {string} gibt es nicht; dieser Hals hat 1 bis {strings}.</translation>
    </message>
    <message>
      <source>string {string} fret {fret}</source>
      <translation>Saite {string} Bund {fret}</translation>
    </message>
    <message>
      <source>string {string} {it}</source>
      <translation>Saite {string} {it}</translation>
    </message>
    <message>
      <source>string {string}, {note}</source>
      <translation>Saite {string}, {note}</translation>
    </message>
    <message>
      <source>strings</source>
      <translation>Saiten</translation>
    </message>
    <message numerus="yes">
      <source>strings</source>
      <comment>string</comment>
      <translation>
        <numerusform>Saite</numerusform>
        <numerusform>Saiten</numerusform>
      </translation>
    </message>
    <message>
      <source>strings at pitch</source>
      <translation>Saiten gestimmt</translation>
    </message>
    <message>
      <source>strings described</source>
      <translation>Saiten beschrieben</translation>
    </message>
    <message>
      <source>strings high</source>
      <translation>Saiten hoch</translation>
    </message>
    <message>
      <source>strings higher</source>
      <translation>Saiten höher</translation>
    </message>
    <message>
      <source>strings lower</source>
      <translation>Saiten tiefer</translation>
    </message>
    <message>
      <source>strings slack</source>
      <translation>Saiten entspannt</translation>
    </message>
    <message>
      <source>stroke</source>
      <translation>Strich</translation>
    </message>
    <message>
      <source>strokes</source>
      <translation>Striche</translation>
    </message>
    <message>
      <source>strokes each</source>
      <translation>Striche je Ende</translation>
    </message>
    <message>
      <source>strung</source>
      <translation>besaitet</translation>
    </message>
    <message>
      <source>support</source>
      <translation>Auflage</translation>
    </message>
    <message>
      <source>take</source>
      <translation>nehmen</translation>
    </message>
    <message>
      <source>take and go on</source>
      <translation>nehmen und weiter</translation>
    </message>
    <message>
      <source>take back</source>
      <translation>zurücknehmen</translation>
    </message>
    <message>
      <source>take back the last</source>
      <translation>das Letzte zurück</translation>
    </message>
    <message>
      <source>take in another</source>
      <translation>einen anderen aufnehmen</translation>
    </message>
    <message>
      <source>take it</source>
      <translation>nehmen</translation>
    </message>
    <message>
      <source>take it again</source>
      <translation>noch einmal nehmen</translation>
    </message>
    <message>
      <source>take it back</source>
      <translation>zurücknehmen</translation>
    </message>
    <message>
      <source>take the promise back</source>
      <translation>zurücknehmen</translation>
    </message>
    <message>
      <source>take this way</source>
      <translation>diesen Weg nehmen</translation>
    </message>
    <message>
      <source>taken up</source>
      <translation>aufgenommen</translation>
    </message>
    <message>
      <source>taller</source>
      <translation>höher</translation>
    </message>
    <message>
      <source>taller by {taller:.2f} mm, which the level takes off each new fret</source>
      <translation>{taller:.2f} mm höher, was das Abrichten von jedem neuen Bund nimmt</translation>
    </message>
    <message>
      <source>tang</source>
      <translation>Fuß</translation>
    </message>
    <message>
      <source>tang broke</source>
      <translation>Fuß abgebrochen</translation>
    </message>
    <message>
      <source>tangs to bend back {length}</source>
      <translation>Füße, die {length} zurückbiegen</translation>
    </message>
    <message>
      <source>tapped</source>
      <translation>geklopft</translation>
    </message>
    <message>
      <source>tax: more than a hundred percent.</source>
      <translation>Steuer: mehr als hundert Prozent.</translation>
    </message>
    <message>
      <source>tells how much metal is left</source>
      <translation>sagt, wie viel Metall übrig ist</translation>
    </message>
    <message>
      <source>tells whether fret {fret} is to be filed</source>
      <translation>sagt, ob Bund {fret} zu feilen ist</translation>
    </message>
    <message>
      <source>temperature</source>
      <translation>Temperatur</translation>
    </message>
    <message>
      <source>tension</source>
      <translation>Spannung</translation>
    </message>
    <message>
      <source>text</source>
      <translation>Text</translation>
    </message>
    <message>
      <source>that day</source>
      <translation>an dem Tag</translation>
    </message>
    <message>
      <source>the</source>
      <translation>die eigene</translation>
    </message>
    <message>
      <source>the advice</source>
      <translation>den Rat</translation>
    </message>
    <message>
      <source>the air</source>
      <translation>die Luft</translation>
    </message>
    <message>
      <source>the air beside the neck</source>
      <translation>die Luft neben dem Hals</translation>
    </message>
    <message>
      <source>the archive is larger than any logbook.</source>
      <translation>das Archiv ist größer als jedes Logbuch.</translation>
    </message>
    <message>
      <source>the archive's list can't be read ({said}).</source>
      <translation>die Liste des Archivs kann nicht gelesen werden ({said}).</translation>
    </message>
    <message>
      <source>the bend</source>
      <translation>der Knick</translation>
    </message>
    <message>
      <source>the block was taken up</source>
      <translation>der Block wurde genommen</translation>
    </message>
    <message>
      <source>the block's own weight</source>
      <translation>das eigene Gewicht des Blocks</translation>
    </message>
    <message>
      <source>the board is too wide for that radius</source>
      <translation>das Brett ist zu breit für diesen Radius</translation>
    </message>
    <message>
      <source>the board shrinks and fret ends come out</source>
      <translation>schrumpft das Brett und Bundenden kommen heraus</translation>
    </message>
    <message>
      <source>the board swells and necks gain or lose relief</source>
      <translation>quillt das Brett und Hälse gewinnen oder verlieren Krümmung</translation>
    </message>
    <message>
      <source>the body</source>
      <translation>Korpus</translation>
    </message>
    <message>
      <source>the course advised</source>
      <translation>die empfohlene Folge</translation>
    </message>
    <message>
      <source>the description</source>
      <translation>die Beschreibung</translation>
    </message>
    <message>
      <source>the dip in the middle, {dressed_mm:.2f} mm</source>
      <translation>die Senke in der Mitte, {dressed_mm:.2f} mm</translation>
    </message>
    <message>
      <source>the earlier visit</source>
      <translation>der frühere Besuch</translation>
    </message>
    <message>
      <source>the fall-away from fret {start} on, {fall:.2f} mm at the end</source>
      <translation>der Abfall ab Bund {start}, {fall:.2f} mm am Ende</translation>
    </message>
    <message>
      <source>the figure</source>
      <translation>die Zahl</translation>
    </message>
    <message>
      <source>the figure below</source>
      <translation>die Zahl darunter</translation>
    </message>
    <message>
      <source>the file is empty.</source>
      <translation>die Datei ist leer.</translation>
    </message>
    <message>
      <source>the first readings</source>
      <translation>die ersten Messungen</translation>
    </message>
    <message>
      <source>the fret ({fret}) should lie between the supports ({low} and {high}).</source>
      <translation>der Bund ({fret}) soll zwischen den Auflagen ({low} und {high}) liegen.</translation>
    </message>
    <message>
      <source>the fret ({fret}) should lie within the reach ({low} to {high}).</source>
      <translation>der Bund ({fret}) soll in der Reichweite ({low} bis {high}) liegen.</translation>
    </message>
    <message>
      <source>the fret ({fret}) should lie within the reach ({start} to {end}).</source>
      <translation>der Bund ({fret}) soll in der Reichweite ({start} bis {end}) liegen.</translation>
    </message>
    <message>
      <source>the frets</source>
      <translation>die Bünde</translation>
    </message>
    <message>
      <source>the heading row should name the columns, "kind" among them.</source>
      <translation>die Kopfzeile soll die Spalten nennen, „kind“ darunter.</translation>
    </message>
    <message>
      <source>the headstock</source>
      <translation>Kopfplatte</translation>
    </message>
    <message>
      <source>the house's own · </source>
      <translation>dem Haus eigen · </translation>
    </message>
    <message>
      <source>the later visit</source>
      <translation>der spätere Besuch</translation>
    </message>
    <message>
      <source>the leaf slides</source>
      <translation>das Blatt gleitet</translation>
    </message>
    <message>
      <source>the leaf that slides ({low} mm) should be thinner than the one that drags or won't go ({highs} mm).</source>
      <translation>das gleitende Blatt ({low} mm) soll dünner sein als das, das schleift oder nicht geht ({highs} mm).</translation>
    </message>
    <message>
      <source>the line to the server</source>
      <translation>die Verbindung zum Server</translation>
    </message>
    <message>
      <source>the neck</source>
      <translation>dem Hals</translation>
    </message>
    <message>
      <source>the neck of a word</source>
      <translation>der Hals eines Wortes</translation>
    </message>
    <message>
      <source>the neck was described anew</source>
      <translation>der Hals wurde neu beschrieben</translation>
    </message>
    <message>
      <source>the neck was heated</source>
      <translation>der Hals wurde erwärmt</translation>
    </message>
    <message>
      <source>the new wire</source>
      <translation>der neue Draht</translation>
    </message>
    <message>
      <source>the next reading</source>
      <translation>die nächste Messung</translation>
    </message>
    <message>
      <source>the number as read</source>
      <translation>die Zahl wie gelesen</translation>
    </message>
    <message>
      <source>the nut</source>
      <translation>der Sattel</translation>
    </message>
    <message>
      <source>the nut was worked on</source>
      <translation>am Sattel wurde gearbeitet</translation>
    </message>
    <message>
      <source>the one before</source>
      <translation>die davor</translation>
    </message>
    <message>
      <source>the other half of the year: look from {season}</source>
      <translation>die andere Hälfte des Jahres: ansehen ab {season}</translation>
    </message>
    <message>
      <source>the other kind</source>
      <translation>die andere Art</translation>
    </message>
    <message>
      <source>the other strings</source>
      <translation>die anderen Saiten</translation>
    </message>
    <message>
      <source>the owner</source>
      <translation>der Besitzer</translation>
    </message>
    <message>
      <source>the owner wants it</source>
      <translation>der Besitzer will es</translation>
    </message>
    <message>
      <source>the owner's answer to the quote of {at}</source>
      <translation>die Antwort des Besitzers auf das Angebot vom {at}</translation>
    </message>
    <message>
      <source>the pasted table</source>
      <translation>der eingefügten Tabelle</translation>
    </message>
    <message>
      <source>the photo is no JPEG.</source>
      <translation>das Foto ist kein JPEG.</translation>
    </message>
    <message>
      <source>the plain procedure</source>
      <translation>das einfache Verfahren</translation>
    </message>
    <message>
      <source>the promise taken back</source>
      <translation>das Versprechen zurückgenommen</translation>
    </message>
    <message>
      <source>the quote</source>
      <translation>das Angebot</translation>
    </message>
    <message>
      <source>the reach ({start} to {end}) should be two frets, the lower one first.</source>
      <translation>der Bereich ({start} bis {end}) sollte aus zwei Bünden bestehen, der niedrigere zuerst.</translation>
    </message>
    <message>
      <source>the reason</source>
      <translation>der Grund</translation>
    </message>
    <message>
      <source>the relation holds from -10 to 60 degrees and up to 99 percent</source>
      <translation>die Beziehung gilt von -10 bis 60 Grad und bis 99 Prozent</translation>
    </message>
    <message>
      <source>the relief as a figure</source>
      <translation>die Krümmung als Zahl</translation>
    </message>
    <message>
      <source>the relief at pitch</source>
      <translation>die Krümmung gestimmt</translation>
    </message>
    <message>
      <source>the relief at pitch, on both sides</source>
      <translation>die Krümmung gestimmt, auf beiden Seiten</translation>
    </message>
    <message>
      <source>the rest is clean</source>
      <translation>der Rest ist sauber</translation>
    </message>
    <message>
      <source>the rocker on the {lanes}</source>
      <translation>die Wippe hier: {lanes}</translation>
    </message>
    <message>
      <source>the rocker over all three lanes</source>
      <translation>die Wippe über alle drei Spuren</translation>
    </message>
    <message>
      <source>the rod as it is</source>
      <translation>der Stab, wie er ist</translation>
    </message>
    <message>
      <source>the rod was turned</source>
      <translation>der Stab wurde gedreht</translation>
    </message>
    <message>
      <source>the rod's nut was seen to</source>
      <translation>die Stabmutter wurde gerichtet</translation>
    </message>
    <message>
      <source>the saddle lacks {height}</source>
      <translation>dem Steg fehlen {height}</translation>
    </message>
    <message>
      <source>the saddle was moved</source>
      <translation>der Steg wurde bewegt</translation>
    </message>
    <message>
      <source>the same string read at another fret</source>
      <translation>dieselbe Saite an einem anderen Bund</translation>
    </message>
    <message>
      <source>the scale length each is cut for</source>
      <translation>die Mensur, für die jedes geschnitten ist</translation>
    </message>
    <message>
      <source>the shop's name</source>
      <translation>Name der Werkstatt</translation>
    </message>
    <message>
      <source>the slots were sawn</source>
      <translation>die Schlitze wurden gesägt</translation>
    </message>
    <message>
      <source>the station after</source>
      <translation>die Station danach</translation>
    </message>
    <message>
      <source>the station before</source>
      <translation>die Station davor</translation>
    </message>
    <message>
      <source>the step</source>
      <translation>der Schritt</translation>
    </message>
    <message>
      <source>the step is done</source>
      <translation>Schritt getan</translation>
    </message>
    <message>
      <source>the supports ({low} and {high}) should be two frets, the lower one first.</source>
      <translation>die Auflagen ({low} und {high}) sollen zwei Bünde sein, der untere zuerst.</translation>
    </message>
    <message>
      <source>the triple around fret {frets}</source>
      <translation>die drei um Bund {frets}</translation>
    </message>
    <message>
      <source>the triples around frets {frets} to {frets_2}</source>
      <translation>die drei um die Bünde {frets} bis {frets_2}</translation>
    </message>
    <message>
      <source>the triples around frets {map} and {frets}</source>
      <translation>die drei um die Bünde {map} und {frets}</translation>
    </message>
    <message>
      <source>the truing of this board could not be worked out</source>
      <translation>das Begradigen dieses Bretts ließ sich nicht ausrechnen</translation>
    </message>
    <message>
      <source>the way in hand</source>
      <translation>der gewählte Weg</translation>
    </message>
    <message>
      <source>the ways are not weighed yet</source>
      <translation>die Wege sind noch nicht abgewogen</translation>
    </message>
    <message>
      <source>the whole fret</source>
      <translation>der ganze Bund</translation>
    </message>
    <message>
      <source>the wood at </source>
      <translation>das Holz bei </translation>
    </message>
    <message>
      <source>the wood beside</source>
      <translation>das Holz daneben</translation>
    </message>
    <message>
      <source>the wood was sanded</source>
      <translation>das Holz wurde geschliffen</translation>
    </message>
    <message>
      <source>the {papers}</source>
      <translation>{papers}</translation>
    </message>
    <message>
      <source>their necks</source>
      <translation>die Hälse davon</translation>
    </message>
    <message>
      <source>then</source>
      <translation>dann</translation>
    </message>
    <message>
      <source>then the rocker, and stop when it is still</source>
      <translation>dann die Wippe, und halt, wenn sie still ist</translation>
    </message>
    <message>
      <source>there are no rows below the heading.</source>
      <translation>unter der Überschrift sind keine Zeilen.</translation>
    </message>
    <message>
      <source>thicker</source>
      <translation>dicker</translation>
    </message>
    <message>
      <source>thickness of each leaf, spaces between</source>
      <translation>Dicke jedes Blatts, Leerzeichen dazwischen</translation>
    </message>
    <message numerus="yes">
      <source>things</source>
      <comment>thing</comment>
      <translation>
        <numerusform>Ding</numerusform>
        <numerusform>Dinge</numerusform>
      </translation>
    </message>
    <message>
      <source>thinner</source>
      <translation>dünner</translation>
    </message>
    <message>
      <source>thinner than promised</source>
      <translation>dünner als versprochen</translation>
    </message>
    <message>
      <source>thinnest</source>
      <translation>dünnste</translation>
    </message>
    <message>
      <source>thinnest fret</source>
      <translation>dünnster Bund</translation>
    </message>
    <message>
      <source>thinnest, {unit}</source>
      <translation>dünnste, {unit}</translation>
    </message>
    <message>
      <source>this corner; this wire</source>
      <translation>diese Ecke; dieser Draht</translation>
    </message>
    <message>
      <source>this run</source>
      <translation>diese Lieferung</translation>
    </message>
    <message>
      <source>thou</source>
      <translation>thou</translation>
    </message>
    <message>
      <source>three semitones lower</source>
      <translation>drei Halbtöne tiefer</translation>
    </message>
    <message>
      <source>through the sound hole</source>
      <translation>durchs Schallloch</translation>
    </message>
    <message>
      <source>tick</source>
      <translation>Haken</translation>
    </message>
    <message>
      <source>tight</source>
      <translation>stramm</translation>
    </message>
    <message>
      <source>tight: file the barbs or open the slot</source>
      <translation>stramm: Widerhaken feilen oder Schlitz öffnen</translation>
    </message>
    <message>
      <source>tighter</source>
      <translation>fester</translation>
    </message>
    <message>
      <source>tighter does not reach it</source>
      <translation>strammer erreicht es nicht</translation>
    </message>
    <message>
      <source>to a height</source>
      <translation>auf eine Höhe</translation>
    </message>
    <message>
      <source>to my left</source>
      <translation>links von mir</translation>
    </message>
    <message>
      <source>to my right</source>
      <translation>rechts von mir</translation>
    </message>
    <message>
      <source>to pitch</source>
      <translation>stimmen</translation>
    </message>
    <message>
      <source>to the edge</source>
      <translation>bis zur Kante</translation>
    </message>
    <message>
      <source>to the owner</source>
      <translation>zum Besitzer</translation>
    </message>
    <message>
      <source>together they have more than {most_entries:,} entries</source>
      <translation>zusammen haben sie mehr als {most_entries:,} Einträge</translation>
    </message>
    <message>
      <source>too deep</source>
      <translation>zu tief</translation>
    </message>
    <message>
      <source>too large for an archive.</source>
      <translation>zu groß für ein Archiv.</translation>
    </message>
    <message>
      <source>too little</source>
      <translation>zu wenig</translation>
    </message>
    <message>
      <source>too little relief, and no rod to give it</source>
      <translation>zu wenig Krümmung und kein Stab, der sie gibt</translation>
    </message>
    <message>
      <source>too low</source>
      <translation>zu niedrig</translation>
    </message>
    <message>
      <source>too much</source>
      <translation>zu viel</translation>
    </message>
    <message>
      <source>too much relief, and no rod to take it</source>
      <translation>zu viel Krümmung und kein Stab, der sie nimmt</translation>
    </message>
    <message>
      <source>too shallow: saw to the tang and a hair, stop at the binding</source>
      <translation>zu flach: auf den Fuß und ein Haar tiefer sägen, am Binding aufhören</translation>
    </message>
    <message>
      <source>too wide</source>
      <translation>zu breit</translation>
    </message>
    <message>
      <source>tools</source>
      <translation>Werkzeuge</translation>
    </message>
    <message>
      <source>tools or hands</source>
      <translation>Werkzeuge oder Hände</translation>
    </message>
    <message>
      <source>top low</source>
      <translation>Kuppe tief</translation>
    </message>
    <message>
      <source>top of fret {fret} to the wood</source>
      <translation>Kuppe von Bund {fret} bis zum Holz</translation>
    </message>
    <message>
      <source>tops</source>
      <translation>Kuppen</translation>
    </message>
    <message>
      <source>tops moved</source>
      <translation>Kuppen bewegt</translation>
    </message>
    <message>
      <source>tops of the frets, heights drawn {times:.0f} times as large; thick: low strings' side, thin: high strings' side</source>
      <translation>Kuppen der Bünde, Höhen {times:.0f}-fach gezeichnet; dick: Seite der tiefen Saiten, dünn: Seite der hohen</translation>
    </message>
    <message>
      <source>tops were crowned</source>
      <translation>Kuppen wurden verrundet</translation>
    </message>
    <message>
      <source>treble</source>
      <translation>Diskant</translation>
    </message>
    <message>
      <source>treble end</source>
      <translation>Diskantende</translation>
    </message>
    <message>
      <source>treble side</source>
      <translation>Diskantseite</translation>
    </message>
    <message>
      <source>tried</source>
      <translation>probiert</translation>
    </message>
    <message>
      <source>trim</source>
      <translation>kürzen</translation>
    </message>
    <message>
      <source>true</source>
      <translation>gerade</translation>
    </message>
    <message>
      <source>true length</source>
      <translation>wahre Länge</translation>
    </message>
    <message>
      <source>true or false</source>
      <translation>wahr oder falsch</translation>
    </message>
    <message>
      <source>trued</source>
      <translation>gerade gemacht</translation>
    </message>
    <message>
      <source>try</source>
      <translation>probieren</translation>
    </message>
    <message>
      <source>tune</source>
      <translation>stimmen</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>drehen</translation>
    </message>
    <message>
      <source>turned, not counted</source>
      <translation>gedreht, nicht gezählt</translation>
    </message>
    <message>
      <source>turns the rod</source>
      <translation>dreht den Stab</translation>
    </message>
    <message>
      <source>twin</source>
      <translation>doppelt</translation>
    </message>
    <message>
      <source>twin rods</source>
      <translation>zwei Stäbe</translation>
    </message>
    <message>
      <source>two blocks blended</source>
      <translation>zwei Blöcke, überblendet</translation>
    </message>
    <message>
      <source>two blocks blended in the middle</source>
      <translation>zwei Blöcke, in der Mitte überblendet</translation>
    </message>
    <message>
      <source>two tones lower</source>
      <translation>zwei Töne tiefer</translation>
    </message>
    <message>
      <source>two-way rod</source>
      <translation>beidseitiger Stab</translation>
    </message>
    <message>
      <source>under</source>
      <translation>unter</translation>
    </message>
    <message>
      <source>under fret {fret}{where}</source>
      <translation>unter Bund {fret}{where}</translation>
    </message>
    <message>
      <source>under the edge</source>
      <translation>unter dem Lineal</translation>
    </message>
    <message>
      <source>under the notched edge</source>
      <translation>unter dem Kerblineal</translation>
    </message>
    <message>
      <source>under the rocker</source>
      <translation>unter der Wippe</translation>
    </message>
    <message>
      <source>under the string</source>
      <translation>unter der Saite</translation>
    </message>
    <message>
      <source>under {highs}</source>
      <translation>unter {highs}</translation>
    </message>
    <message>
      <source>under…</source>
      <translation>unter …</translation>
    </message>
    <message>
      <source>unknown</source>
      <translation>unbekannt</translation>
    </message>
    <message>
      <source>until done</source>
      <translation>bis getan</translation>
    </message>
    <message>
      <source>up</source>
      <translation>hinauf</translation>
    </message>
    <message>
      <source>up and down or its number choose, / finds</source>
      <translation>Auf und ab oder die Nummer wählt, / sucht</translation>
    </message>
    <message>
      <source>up and down: a thing</source>
      <translation>auf und ab: ein Ding</translation>
    </message>
    <message>
      <source>up and down: an owner</source>
      <translation>auf und ab: ein Besitzer</translation>
    </message>
    <message>
      <source>up and down: compare</source>
      <translation>auf und ab: vergleichen</translation>
    </message>
    <message>
      <source>up and down: way</source>
      <translation>auf und ab: Weg</translation>
    </message>
    <message>
      <source>up and down: wire</source>
      <translation>auf und ab: Draht</translation>
    </message>
    <message>
      <source>up near the nut and down</source>
      <translation>nahe am Sattel hinauf und hinunter</translation>
    </message>
    <message>
      <source>up to {length}</source>
      <translation>bis zu {length}</translation>
    </message>
    <message>
      <source>up, down: one side</source>
      <translation>auf, ab: eine Seite</translation>
    </message>
    <message>
      <source>up, down: the earlier one</source>
      <translation>auf, ab: der frühere</translation>
    </message>
    <message>
      <source>up, shimmed if it has no screw,</source>
      <translation>hinauf, unterlegt, wenn er keine Schraube hat,</translation>
    </message>
    <message>
      <source>upper</source>
      <translation>obere</translation>
    </message>
    <message>
      <source>usual</source>
      <translation>üblich</translation>
    </message>
    <message>
      <source>usual for its kind</source>
      <translation>für diese Art üblich</translation>
    </message>
    <message>
      <source>usual for this way</source>
      <translation>wie für diesen Weg üblich</translation>
    </message>
    <message>
      <source>wait</source>
      <translation>warten</translation>
    </message>
    <message numerus="yes">
      <source>wait</source>
      <comment>waits</comment>
      <translation>
        <numerusform>wartet</numerusform>
        <numerusform>warten</numerusform>
      </translation>
    </message>
    <message>
      <source>waits</source>
      <translation>wartet</translation>
    </message>
    <message>
      <source>waits for {what}</source>
      <translation>wartet auf {what}</translation>
    </message>
    <message>
      <source>waits no more</source>
      <translation>wartet nicht mehr</translation>
    </message>
    <message>
      <source>walnut</source>
      <translation>nuss</translation>
    </message>
    <message>
      <source>wanted</source>
      <translation>gewünscht</translation>
    </message>
    <message>
      <source>was not what came first</source>
      <translation>war nicht, was zuerst kam</translation>
    </message>
    <message>
      <source>was right</source>
      <translation>war richtig</translation>
    </message>
    <message>
      <source>way</source>
      <translation>Weg</translation>
    </message>
    <message>
      <source>way '{way}' is not known; should be one of {ways}.</source>
      <translation>Weg „{way}“ ist nicht bekannt; soll einer von {ways} sein.</translation>
    </message>
    <message>
      <source>way taken,</source>
      <translation>Weg genommen,</translation>
    </message>
    <message>
      <source>went home</source>
      <translation>ging bis zum Grund</translation>
    </message>
    <message>
      <source>went too far</source>
      <translation>ging zu weit</translation>
    </message>
    <message numerus="yes">
      <source>were seated and sit</source>
      <comment>was seated and sits</comment>
      <translation>
        <numerusform>wurde eingepresst und sitzt</numerusform>
        <numerusform>wurden eingepresst und sitzen</numerusform>
      </translation>
    </message>
    <message>
      <source>what can't be gone, and why</source>
      <translation>was nicht geht, und warum</translation>
    </message>
    <message>
      <source>what fits now</source>
      <translation>was jetzt passt</translation>
    </message>
    <message>
      <source>what it is about is no longer there</source>
      <translation>worauf es sich bezieht, gibt es nicht mehr</translation>
    </message>
    <message>
      <source>what speaks for it, and against</source>
      <translation>was dafür spricht, und dagegen</translation>
    </message>
    <message>
      <source>when it plays well, for about</source>
      <translation>wenn es gut spielt, etwa</translation>
    </message>
    <message>
      <source>which</source>
      <translation>welches</translation>
    </message>
    <message>
      <source>which frets rock</source>
      <translation>welche Bünde wippen</translation>
    </message>
    <message>
      <source>which frets rock on the {lanes}</source>
      <translation>welche Bünde wippen: {lanes}</translation>
    </message>
    <message>
      <source>whole</source>
      <translation>ganz</translation>
    </message>
    <message>
      <source>why this way</source>
      <translation>warum dieser Weg</translation>
    </message>
    <message>
      <source>why?</source>
      <translation>warum?</translation>
    </message>
    <message>
      <source>wider</source>
      <translation>breiter</translation>
    </message>
    <message>
      <source>wider by {wider:.2f} mm: milled to {old_width_mm:.2f} mm wide and {old_crown_mm:.2f} mm high</source>
      <translation>{wider:.2f} mm breiter: auf {old_width_mm:.2f} mm Breite und {old_crown_mm:.2f} mm Höhe gefräst</translation>
    </message>
    <message>
      <source>will buzz</source>
      <translation>wird schnarren</translation>
    </message>
    <message>
      <source>wire</source>
      <translation>Draht</translation>
    </message>
    <message>
      <source>wire a little taller than the old</source>
      <translation>Draht, etwas höher als der alte</translation>
    </message>
    <message>
      <source>wire like the old</source>
      <translation>Draht wie der alte</translation>
    </message>
    <message>
      <source>wire that was cut</source>
      <translation>abgeschnittenem Draht</translation>
    </message>
    <message>
      <source>with their ink whole</source>
      <translation>mit unversehrter Farbe</translation>
    </message>
    <message>
      <source>with these strings</source>
      <translation>mit diesen Saiten</translation>
    </message>
    <message>
      <source>within</source>
      <translation>darunter</translation>
    </message>
    <message>
      <source>won't go</source>
      <translation>geht nicht</translation>
    </message>
    <message>
      <source>wood</source>
      <translation>Holz</translation>
    </message>
    <message>
      <source>wood off</source>
      <translation>Holz ab</translation>
    </message>
    <message>
      <source>wood taken off</source>
      <translation>Holz abgenommen</translation>
    </message>
    <message>
      <source>word</source>
      <translation>Wort</translation>
    </message>
    <message>
      <source>work</source>
      <translation>Arbeit</translation>
    </message>
    <message>
      <source>worst</source>
      <translation>höchstens</translation>
    </message>
    <message>
      <source>worst string, {value}</source>
      <translation>schlechteste Saite, {value}</translation>
    </message>
    <message>
      <source>worth</source>
      <translation>Wert</translation>
    </message>
    <message>
      <source>worth and budget</source>
      <translation>Wert und Grenze</translation>
    </message>
    <message>
      <source>wound</source>
      <translation>umsponnen</translation>
    </message>
    <message>
      <source>wrap not known</source>
      <translation>Umspinnung nicht bekannt</translation>
    </message>
    <message>
      <source>write</source>
      <translation>eintragen</translation>
    </message>
    <message>
      <source>write all heard</source>
      <translation>alles Gehörte schreiben</translation>
    </message>
    <message>
      <source>write all tried</source>
      <translation>alles Probierte schreiben</translation>
    </message>
    <message>
      <source>write down</source>
      <translation>aufschreiben</translation>
    </message>
    <message>
      <source>written by a newer Nuvrek (version {version}); this one reads up to {version_2}.</source>
      <translation>von einem neueren Nuvrek geschrieben (Version {version}); dieses liest bis {version_2}.</translation>
    </message>
    <message>
      <source>years</source>
      <translation>Jahre</translation>
    </message>
    <message>
      <source>years of ordinary play in it: more is better</source>
      <translation>Jahre gewöhnlichen Spiels darin: mehr ist besser</translation>
    </message>
    <message>
      <source>yes to all</source>
      <translation>ja zu allem</translation>
    </message>
    <message>
      <source>yes to this</source>
      <translation>ja dazu</translation>
    </message>
    <message>
      <source>your notched edge for {fit:g} mm fits</source>
      <translation>das eigene Kerblineal für {fit:g} mm passt</translation>
    </message>
    <message>
      <source>your {listed} mm {fit}</source>
      <translation>eigene {listed} mm {fit}</translation>
    </message>
    <message>
      <source>your {reach:g} mm edge over frets {reach_2} to {reach_3}</source>
      <translation>eigene Kante {reach:g} mm über die Bünde {reach_2} bis {reach_3}</translation>
    </message>
    <message>
      <source>zero fret</source>
      <translation>Nullbund</translation>
    </message>
    <message>
      <source>{accessiblename}: a plain number is needed, or nothing.</source>
      <translation>{accessiblename}: eine bloße Zahl wird gebraucht, oder nichts.</translation>
    </message>
    <message>
      <source>{advice} Lengths take mm, thou, inches, 64ths: 648, 25 1/2 in, 47 thou.</source>
      <translation>{advice} Längen nehmen mm, thou, Zoll, 64stel: 648, 25 1/2 in, 47 thou.</translation>
    </message>
    <message>
      <source>{amount} of light under it. </source>
      <translation>{amount} Licht darunter. </translation>
    </message>
    <message>
      <source>{amount}It was pressed and holds: a few strokes on that {which} alone.</source>
      <translation>{amount}Er wurde gedrückt und hält: ein paar Striche nur an diesem Ende ({which}).</translation>
    </message>
    <message>
      <source>{amount}The middle is down: a sprung end until pressing says otherwise. Press or tap it first; only what stays is filed, on that end alone.</source>
      <translation>{amount}Die Mitte ist unten: ein gelöstes Ende, bis das Drücken anderes sagt. Erst drücken oder klopfen; nur was bleibt, wird gefeilt, und nur an diesem Ende.</translation>
    </message>
    <message>
      <source>{at_heel_mm} at the heel</source>
      <translation>{at_heel_mm} am Halsfuß</translation>
    </message>
    <message>
      <source>{at_heel_mm} on a usual heel; measure heel length and edge over the bridge for the quote</source>
      <translation>{at_heel_mm} an einem üblichen Halsfuß; für das Angebot Länge des Fußes und Lineal über dem Steg messen</translation>
    </message>
    <message>
      <source>{before} and {last}</source>
      <translation>{before} und {last}</translation>
    </message>
    <message>
      <source>{before} then, {after} now</source>
      <translation>{before} damals, {after} jetzt</translation>
    </message>
    <message>
      <source>{below} below the {least} you keep. {sure_words}</source>
      <translation>{below} unter den {least}, die bleiben sollen. {sure_words}</translation>
    </message>
    <message>
      <source>{between}; {wanted}. No fault if it plays clean.</source>
      <translation>{between}; {wanted}. Kein Fehler, wenn es sauber spielt.</translation>
    </message>
    <message>
      <source>{both} on the bass side, {length} on the treble side</source>
      <translation>{both} auf der Bassseite, {length} auf der hohen</translation>
    </message>
    <message>
      <source>{buzzing} notes will buzz.</source>
      <translation>{buzzing} Töne werden schnarren.</translation>
    </message>
    <message>
      <source>{ceil} to {floor} mm</source>
      <translation>{ceil} bis {floor} mm</translation>
    </message>
    <message>
      <source>{clean} of {notes} clean</source>
      <translation>{clean} von {notes} sauber</translation>
    </message>
    <message>
      <source>{clean} of {notes} notes ring clean (before: {clean_2}).</source>
      <translation>{clean} von {notes} Tönen klingen sauber (vorher: {clean_2}).</translation>
    </message>
    <message>
      <source>{clean} of {notes} notes ring clean; before it were {clean_2}.</source>
      <translation>{clean} von {notes} Tönen klingen sauber; vorher waren es {clean_2}.</translation>
    </message>
    <message>
      <source>{count} All the ink is gone: stop. The rocker once along, then the crowns.</source>
      <translation>{count} Alle Farbe ist weg: halt. Die Wippe einmal entlang, dann die Kronen.</translation>
    </message>
    <message>
      <source>{count} The bench agrees with the plan.{following}</source>
      <translation>{count} Die Werkbank stimmt mit dem Plan überein.{following}</translation>
    </message>
    <message>
      <source>{count} The {lane_words} is ahead: lean to the {other}, and see that the tool lies along the strings.</source>
      <translation>{count} Die Seite {lane_words} ist voraus: zur Seite {other} lehnen und sehen, dass das Werkzeug längs der Saiten liegt.</translation>
    </message>
    <message>
      <source>{count} frets are in.</source>
      <translation>{count} Bünde sind drin.</translation>
    </message>
    <message>
      <source>{count} frets are out.</source>
      <translation>{count} Bünde sind heraus.</translation>
    </message>
    <message>
      <source>{count} readings here, up and down pick one</source>
      <translation>{count} Messungen hier, auf und ab wählen eine</translation>
    </message>
    <message>
      <source>{count} too low, more than the handful new wire can be matched for.</source>
      <translation>{count} zu niedrig, mehr als die Handvoll, für die sich neuer Draht anpassen lässt.</translation>
    </message>
    <message>
      <source>{count} {it}: the map is off there. Stop, take the rocker over it, and look at the plan again.</source>
      <translation>{count} {it}: dort stimmt die Karte nicht. Halten, die Wippe darüber nehmen und den Plan neu ansehen.</translation>
    </message>
    <message>
      <source>{count} {what} this neck, as described, doesn't have: kept, but not used.</source>
      <translation>{count} {what}, die dieser Hals, wie beschrieben, nicht hat: behalten, aber nicht benutzt.</translation>
    </message>
    <message>
      <source>{crown_words} {crown} at its thinnest.{plan}</source>
      <translation>{crown_words} {crown} an der dünnsten Stelle.{plan}</translation>
    </message>
    <message>
      <source>{damage} Nothing was changed.</source>
      <translation>{damage} Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{day}  lifted: {reason}</source>
      <translation>{day}  aufgehoben: {reason}</translation>
    </message>
    <message>
      <source>{day}  refused</source>
      <translation>{day}  abgelehnt</translation>
    </message>
    <message>
      <source>{day} {at}:{at_2}, {size:,} kB</source>
      <translation>{day} {at}:{at_2}, {size:,} kB</translation>
    </message>
    <message>
      <source>{day}: {money} for {named}</source>
      <translation>{day}: {money} für {named}</translation>
    </message>
    <message>
      <source>{detail} Note how far past straight it is clamped; then make the rod tight, if there is one.</source>
      <translation>{detail} Notieren, wie weit über gerade hinaus gespannt ist; dann den Stab festmachen, wenn es einen gibt.</translation>
    </message>
    <message>
      <source>{detail} Scale, heel width and depth, pocket, screw places: measured on both before one is bought. The old neck goes back to the owner.</source>
      <translation>{detail} Mensur, Breite und Tiefe des Halsfußes, Tasche, Schraubenstellen: an beiden gemessen, bevor einer gekauft wird. Der alte Hals geht an den Besitzer zurück.</translation>
    </message>
    <message>
      <source>{detail} Then the ways are weighed anew.</source>
      <translation>{detail} Dann werden die Wege neu abgewogen.</translation>
    </message>
    <message>
      <source>{detail} This is work beyond fretwork: name it, quote it, pass it on.</source>
      <translation>{detail} Das ist Arbeit jenseits der Bünde: nennen, anbieten, weitergeben.</translation>
    </message>
    <message>
      <source>{detail} Warm it, ease it up from both ends, clean the slot; glue it against a straight edge over its neighbours.</source>
      <translation>{detail} Wärmen, von beiden Enden hochholen, den Schlitz säubern; an einem Lineal über die Nachbarn kleben.</translation>
    </message>
    <message>
      <source>{does} fret {fret}</source>
      <translation>{does} Bund {fret}</translation>
    </message>
    <message>
      <source>{done} of {total}</source>
      <translation>{done} von {total}</translation>
    </message>
    <message>
      <source>{done} of {whole}</source>
      <translation>{done} von {whole}</translation>
    </message>
    <message>
      <source>{done}: that was not called for here.</source>
      <translation>{done}: Das war hier nicht gefragt.</translation>
    </message>
    <message>
      <source>{done}; patina stays, nothing new is toned unless you say so.</source>
      <translation>{done}; Patina bleibt, nichts Neues wird getönt, wenn Sie es nicht sagen.</translation>
    </message>
    <message>
      <source>{driven}Fret {fret} sits {length} low: lift it and glue it at the right height, or put new wire there. Bringing all the others down to it takes {length_2} of metal.</source>
      <translation>{driven}Bund {fret} sitzt {length} tief: anheben und auf der rechten Höhe kleben, oder dort neuer Draht. Alle anderen zu ihm herunterzubringen nimmt {length_2} Metall.</translation>
    </message>
    <message>
      <source>{early} went before its turn</source>
      <translation>{early} ging vor der Reihe</translation>
    </message>
    <message>
      <source>{elsewhere:.2f} mm came off other frets.</source>
      <translation>{elsewhere:.2f} mm gingen von anderen Bünden ab.</translation>
    </message>
    <message>
      <source>{error}

Set it aside and start a new one? The damaged file stays where it is.</source>
      <translation>{error}

Beiseitelegen und ein neues beginnen? Die beschädigte Datei bleibt, wo sie ist.</translation>
    </message>
    <message>
      <source>{face} {base}Leave only the frets bare; cover pickups and the top.</source>
      <translation>{face} {base}Nur die Bünde frei lassen; Tonabnehmer und Decke abdecken.</translation>
    </message>
    <message>
      <source>{faults} Nothing was taken in.</source>
      <translation>{faults} Nichts wurde aufgenommen.</translation>
    </message>
    <message>
      <source>{feel}, key {key}</source>
      <translation>{feel}, Schlüssel {key}</translation>
    </message>
    <message>
      <source>{first}Then back to {page}.</source>
      <translation>{first}Dann zurück zu {page}.</translation>
    </message>
    <message>
      <source>{flat} tops were filed and not made round again.</source>
      <translation>{flat} Kuppen wurden gefeilt und nicht wieder rund gemacht.</translation>
    </message>
    <message>
      <source>{found} Not kept yet.</source>
      <translation>{found} Noch nicht behalten.</translation>
    </message>
    <message>
      <source>{found} of {number} that rock are marked.</source>
      <translation>{found} von {number}, die wippen, sind markiert.</translation>
    </message>
    <message>
      <source>{free} minutes free</source>
      <translation>{free} Minuten frei</translation>
    </message>
    <message>
      <source>{frets_do} left as found.</source>
      <translation>{frets_do} wie gefunden.</translation>
    </message>
    <message>
      <source>{frets_do} proud.</source>
      <translation>{frets_do} hoch.</translation>
    </message>
    <message>
      <source>{frets} seated and read again.</source>
      <translation>{frets} eingepresst und neu gemessen.</translation>
    </message>
    <message>
      <source>{frets}: even crimped, these tangs hold up to {most:.2f} mm less than usual in their slots. Loose: fill the slots, or take a wire with a fatter tang.</source>
      <translation>{frets}: Selbst gecrimpt halten diese Bundfüße in ihren Schlitzen bis zu {most:.2f} mm weniger als üblich. Lose: Schlitze füllen oder einen Draht mit dickerem Bundfuß nehmen.</translation>
    </message>
    <message>
      <source>{frets}: the ends, not the tops.</source>
      <translation>{frets}: die Enden, nicht die Kuppen.</translation>
    </message>
    <message>
      <source>{gated} 0 goes to it.</source>
      <translation>{gated} 0 geht dorthin.</translation>
    </message>
    <message>
      <source>{gist} The owner decides what it is worth.</source>
      <translation>{gist} Der Besitzer entscheidet, was es wert ist.</translation>
    </message>
    <message>
      <source>{headline} and the saddle is spent. {gist}</source>
      <translation>{headline}, und der Steg ist ausgereizt. {gist}</translation>
    </message>
    <message>
      <source>{headline}: fall-away filed into the last frets gives the strings room.</source>
      <translation>{headline}: Abfall, in die letzten Bünde gefeilt, gibt den Saiten Raum.</translation>
    </message>
    <message>
      <source>{held} of {of}</source>
      <translation>{held} von {of}</translation>
    </message>
    <message>
      <source>{held} of {of} held; a stated range is to hold {aim:.0%} of the time.</source>
      <translation>{held} von {of} gehalten; ein genannter Bereich soll {aim:.0%} der Zeit halten.</translation>
    </message>
    <message>
      <source>{hours:.1f} h</source>
      <translation>{hours:.1f} h</translation>
    </message>
    <message>
      <source>{hours} at the bench</source>
      <translation>{hours} an der Werkbank</translation>
    </message>
    <message>
      <source>{hours} at the least, the longer the better; another neck meanwhile.</source>
      <translation>Mindestens {hours}, je länger, desto besser; inzwischen ein anderer Hals.</translation>
    </message>
    <message>
      <source>{hours} h {minutes:02d} min</source>
      <translation>{hours} h {minutes:02d} min</translation>
    </message>
    <message>
      <source>{how_many} for another step</source>
      <translation>{how_many} auf einen anderen Schritt</translation>
    </message>
    <message>
      <source>{how_many} left</source>
      <translation>{how_many} übrig</translation>
    </message>
    <message>
      <source>{how_many} on this neck</source>
      <translation>{how_many} an diesem Hals</translation>
    </message>
    <message>
      <source>{how_many} out</source>
      <translation>{how_many} nicht</translation>
    </message>
    <message>
      <source>{how_many} taken in from {name}.</source>
      <translation>{how_many} aus {name} aufgenommen.</translation>
    </message>
    <message>
      <source>{how_many} to crown with the {file} file; the widest flat {flat_mm} on fret {fret}: {share_gone:.0f} % of its section went.</source>
      <translation>{how_many} mit der Feile „{file}“ zu verrunden; die breiteste Fläche {flat_mm} an Bund {fret}: {share_gone:.0f} % seines Querschnitts sind weg.</translation>
    </message>
    <message>
      <source>{how_many}, {number} to be filed, a quarter of the neck or fewer: {gist}{marks}</source>
      <translation>{how_many}, {number} zu feilen, ein Viertel des Halses oder weniger: {gist}{marks}</translation>
    </message>
    <message>
      <source>{humidity_percent:g} % humidity</source>
      <translation>{humidity_percent:g} % Luftfeuchte</translation>
    </message>
    <message>
      <source>{inches} for {frets}</source>
      <translation>{inches} für {frets}</translation>
    </message>
    <message>
      <source>{it} air: {damp:g} % humidity</source>
      <translation>{it} Luft: {damp:g} % Feuchte</translation>
    </message>
    <message>
      <source>{it} percent done</source>
      <translation>{it} Prozent getan</translation>
    </message>
    <message>
      <source>{it} times in ten</source>
      <translation>{it} von zehn Mal</translation>
    </message>
    <message>
      <source>{key} keeps {length}</source>
      <translation>{key} behält {length}</translation>
    </message>
    <message>
      <source>{key} takes {length}</source>
      <translation>{key} übernimmt {length}</translation>
    </message>
    <message>
      <source>{kind}: {matter} {mm}, by {necks}</source>
      <translation>{kind}: {matter} {mm}, nach {necks}</translation>
    </message>
    <message>
      <source>{labels}: not possible on a neck (should be {bound}{it}).</source>
      <translation>{labels}: an einem Hals nicht möglich (soll sein: {bound}{it}).</translation>
    </message>
    <message>
      <source>{label}: a whole number is needed.</source>
      <translation>{label}: eine ganze Zahl wird gebraucht.</translation>
    </message>
    <message>
      <source>{label}: not possible; should be {bound} {float:g}{unit}.</source>
      <translation>{label}: nicht möglich; soll {bound} {float:g}{unit} sein.</translation>
    </message>
    <message>
      <source>{label}: that is more than are kept.</source>
      <translation>{label}: das sind mehr, als behalten werden.</translation>
    </message>
    <message>
      <source>{lacquer}{warm}{binding}Pullers ground flat, from one end, a little at a time; a thin strip slid along where chips start. Frets kept in order.</source>
      <translation>{lacquer}{warm}{binding}Flach geschliffene Zangen, von einem Ende, Stück für Stück; ein dünner Streifen dorthin geschoben, wo Ausbrüche beginnen. Bünde der Reihe nach aufheben.</translation>
    </message>
    <message>
      <source>{laid} over {fret}, {string_or_side}</source>
      <translation>{laid} über {fret}, {string_or_side}</translation>
    </message>
    <message>
      <source>{lane_words} down until {length} are left over fret 1, about {height} less over fret {fret}</source>
      <translation>{lane_words} tiefer, bis über dem 1. Bund {length} bleiben, etwa {height} weniger am {fret}. Bund</translation>
    </message>
    <message>
      <source>{lane_words}, from the head to the body.</source>
      <translation>{lane_words}, vom Kopf zum Korpus.</translation>
    </message>
    <message>
      <source>{late} still wears its ink</source>
      <translation>{late} trägt noch Farbe</translation>
    </message>
    <message>
      <source>{leaf:.2f} {feels}.</source>
      <translation>{leaf:.2f} {feels}.</translation>
    </message>
    <message>
      <source>{least} to {size}</source>
      <translation>{least} bis {size}</translation>
    </message>
    <message>
      <source>{left} h {left_2:02d} min to go, the longer the better.</source>
      <translation>noch {left} h {left_2:02d} min, je länger, desto besser.</translation>
    </message>
    <message>
      <source>{length} at the nut is more than slight: fretwork can't cure it, the neck's angle must be set.</source>
      <translation>{length} am Sattel sind mehr als wenig: Bundarbeit heilt es nicht, der Halswinkel muss gestellt werden.</translation>
    </message>
    <message>
      <source>{length} at the saddle on the {lane_words}, to {height} over fret {fret}</source>
      <translation>{length} an der Stegeinlage auf der {lane_words}, bis {height} am {fret}. Bund</translation>
    </message>
    <message>
      <source>{length} became {length_2}</source>
      <translation>aus {length} wurde {length_2}</translation>
    </message>
    <message>
      <source>{length} bound</source>
      <translation>{length} gebunden</translation>
    </message>
    <message>
      <source>{length} instead of {length_2}</source>
      <translation>{length} statt {length_2}</translation>
    </message>
    <message>
      <source>{length} more comes off at the nut.</source>
      <translation>{length} mehr gehen am Sattel ab.</translation>
    </message>
    <message>
      <source>{length} of angle</source>
      <translation>{length} Winkel</translation>
    </message>
    <message>
      <source>{length} of crown is too low to grip or to crown</source>
      <translation>{length} Krone sind zu niedrig zum Fassen oder Verrunden</translation>
    </message>
    <message>
      <source>{length} of wood on the whole, likely {length_2}; most {length_3}.</source>
      <translation>{length} Holz im Ganzen, wahrscheinlich {length_2}; am meisten {length_3}.</translation>
    </message>
    <message>
      <source>{length} of wood on the whole, most {length_2}.</source>
      <translation>{length} Holz im Ganzen, am meisten {length_2}.</translation>
    </message>
    <message>
      <source>{length} to {length_2}</source>
      <translation>{length} bis {length_2}</translation>
    </message>
    <message>
      <source>{lets_in} lets relief in</source>
      <translation>{lets_in} lässt Krümmung hinein</translation>
    </message>
    <message>
      <source>{light}Press it home and glue it before any filing; then read it again.</source>
      <translation>{light}Vor jedem Feilen einpressen und kleben; dann neu messen.</translation>
    </message>
    <message>
      <source>{likely:.1f} hours, nine times in ten {least:.1f} to {most:.1f}.</source>
      <translation>{likely:.1f} Stunden, neun von zehn Mal {least:.1f} bis {most:.1f}.</translation>
    </message>
    <message>
      <source>{look_only}

Take what can be read into a new one, and set the damaged one aside? Otherwise it can be looked at.</source>
      <translation>{look_only}

Was lesbar ist, in ein neues übernehmen und das beschädigte beiseitelegen? Sonst kann es angesehen werden.</translation>
    </message>
    <message>
      <source>{loose} of the frets still move.</source>
      <translation>{loose} der Bünde bewegen sich noch.</translation>
    </message>
    <message>
      <source>{low} and {high}</source>
      <translation>{low} und {high}</translation>
    </message>
    <message>
      <source>{low} bass side, {high} treble side</source>
      <translation>{low} Bassseite, {high} Diskantseite</translation>
    </message>
    <message>
      <source>{low} to {highs}</source>
      <translation>{low} bis {highs}</translation>
    </message>
    <message>
      <source>{low} to {high} is wanted</source>
      <translation>gewünscht ist {low} bis {high}</translation>
    </message>
    <message>
      <source>{made} Not kept yet.</source>
      <translation>{made} Noch nicht behalten.</translation>
    </message>
    <message>
      <source>{metal_mm:.2f} mm of metal is gone in sum; {most_metal_mm:.2f} would have done.</source>
      <translation>{metal_mm:.2f} mm Metall sind in Summe weg; {most_metal_mm:.2f} hätten genügt.</translation>
    </message>
    <message>
      <source>{metal_mm:.2f} mm of metal.</source>
      <translation>{metal_mm:.2f} mm Metall.</translation>
    </message>
    <message>
      <source>{minutes:.0f} min</source>
      <translation>{minutes:.0f} min</translation>
    </message>
    <message>
      <source>{minutes:g} hours</source>
      <translation>{minutes:g} Stunden</translation>
    </message>
    <message>
      <source>{minutes} min</source>
      <translation>{minutes} min</translation>
    </message>
    <message>
      <source>{minutes} minutes</source>
      <translation>{minutes} Minuten</translation>
    </message>
    <message>
      <source>{mm:.2f} higher</source>
      <translation>{mm:.2f} höher</translation>
    </message>
    <message>
      <source>{mm:.2f} lower</source>
      <translation>{mm:.2f} tiefer</translation>
    </message>
    <message>
      <source>{mm:.2f} m of {name} booked out.</source>
      <translation>{mm:.2f} m von {name} ausgebucht.</translation>
    </message>
    <message>
      <source>{mm:.3g} in</source>
      <translation>{mm:.3g} in</translation>
    </message>
    <message>
      <source>{mm} is {mm_2}</source>
      <translation>{mm} sind {mm_2}</translation>
    </message>
    <message>
      <source>{money} {it} it</source>
      <translation>{money} {it}</translation>
    </message>
    <message>
      <source>{more} more strings</source>
      <translation>{more} weitere Saiten</translation>
    </message>
    <message>
      <source>{most:,} letters at most.</source>
      <translation>Höchstens {most:,} Buchstaben.</translation>
    </message>
    <message>
      <source>{most:,} letters at most: the last {number:,} pasted were left out.</source>
      <translation>Höchstens {most:,} Buchstaben: die letzten {number:,} eingefügten blieben weg.</translation>
    </message>
    <message>
      <source>{named} not</source>
      <translation>{named} nicht</translation>
    </message>
    <message>
      <source>{named} over fret {fret}. Height?</source>
      <translation>{named} über Bund {fret}. Höhe?</translation>
    </message>
    <message>
      <source>{named} read again after seating.</source>
      <translation>{named} nach dem Einpressen neu gemessen.</translation>
    </message>
    <message>
      <source>{named}, and {more} more</source>
      <translation>{named}, und {more} weitere</translation>
    </message>
    <message>
      <source>{named}. Hold {held}, press {high}. Gap over {fret}?</source>
      <translation>{named}. {held} halten, {high} drücken. Spalt über {fret}?</translation>
    </message>
    <message>
      <source>{named}: not written, {why}</source>
      <translation>{named}: nicht eingetragen, {why}</translation>
    </message>
    <message>
      <source>{name} can't be read ({why}).</source>
      <translation>{name} kann nicht gelesen werden ({why}).</translation>
    </message>
    <message>
      <source>{name} can't be set aside ({why}); it stays as it is.</source>
      <translation>{name} kann nicht beiseitegelegt werden ({why}); es bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>{name} could not be cleaned: {error}</source>
      <translation>{name} konnte nicht gesäubert werden: {error}</translation>
    </message>
    <message>
      <source>{name} could not be written ({reason}). Nothing is lost; try another place.</source>
      <translation>{name} konnte nicht geschrieben werden ({reason}). Nichts ist verloren; einen anderen Ort versuchen.</translation>
    </message>
    <message>
      <source>{name} does not hold this neck whole.</source>
      <translation>{name} enthält diesen Hals nicht ganz.</translation>
    </message>
    <message>
      <source>{name} is damaged ({wrong}).</source>
      <translation>{name} ist beschädigt ({wrong}).</translation>
    </message>
    <message>
      <source>{name} is damaged ({wrong}). Nothing was changed.</source>
      <translation>{name} ist beschädigt ({wrong}). Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{name} is empty, no logbook. It was left untouched.</source>
      <translation>{name} ist leer und kein Logbuch. Die Datei blieb unberührt.</translation>
    </message>
    <message>
      <source>{name} is larger than it says.</source>
      <translation>{name} ist größer, als es sagt.</translation>
    </message>
    <message>
      <source>{name} is missing in the archive.</source>
      <translation>{name} fehlt im Archiv.</translation>
    </message>
    <message>
      <source>{name} is no job file that can be read: {faults}{more}</source>
      <translation>{name} ist keine lesbare Auftragsdatei: {faults}{more}</translation>
    </message>
    <message>
      <source>{name} is not a Nuvrek logbook. It was left untouched.</source>
      <translation>{name} ist kein Nuvrek-Logbuch. Es blieb unberührt.</translation>
    </message>
    <message>
      <source>{name} is not a text file in UTF-8. Nothing was taken in.</source>
      <translation>{name} ist keine Textdatei in UTF-8. Nichts wurde aufgenommen.</translation>
    </message>
    <message>
      <source>{name} is there already and holds more: {necks} of its necks are missing or shorter here.</source>
      <translation>{name} gibt es schon, und darin steht mehr: {necks} der Hälse fehlen hier oder sind kürzer.</translation>
    </message>
    <message>
      <source>{name} is there already, and is no archive.</source>
      <translation>{name} gibt es schon, und es ist kein Archiv.</translation>
    </message>
    <message>
      <source>{name} is there already, and is no job.</source>
      <translation>{name} gibt es schon, und es ist kein Auftrag.</translation>
    </message>
    <message>
      <source>{name} is there already, and its journal is longer.</source>
      <translation>{name} gibt es schon, und der Verlauf darin ist länger.</translation>
    </message>
    <message>
      <source>{name} is there already, with another journal.</source>
      <translation>{name} gibt es schon, mit einem anderen Verlauf.</translation>
    </message>
    <message>
      <source>{name} is there already; salvage writes into a new file only.</source>
      <translation>{name} gibt es schon; das Bergen schreibt nur in eine neue Datei.</translation>
    </message>
    <message>
      <source>{name} is too large to be ours.</source>
      <translation>{name} ist zu groß, um von hier zu sein.</translation>
    </message>
    <message>
      <source>{name} is too large.</source>
      <translation>{name} ist zu groß.</translation>
    </message>
    <message>
      <source>{name}, resting,</source>
      <translation>{name}, aufliegend,</translation>
    </message>
    <message>
      <source>{name}, {hardness_words}: {length} after the first level, {levels} light levels, about {years:.0f} years.</source>
      <translation>{name}, {hardness_words}: {length} nach der ersten Abrichtung, {levels} leichte Abrichtungen, etwa {years:.0f} Jahre.</translation>
    </message>
    <message>
      <source>{name}, {length} wide and {length_2} high; before it was {length_3} and {length_4}.</source>
      <translation>{name}, {length} breit und {length_2} hoch; vorher waren es {length_3} und {length_4}.</translation>
    </message>
    <message>
      <source>{name}: "{cell}" is far out of range</source>
      <translation>{name}: „{cell}“ ist weit außerhalb</translation>
    </message>
    <message>
      <source>{name}: "{cell}" is not a number</source>
      <translation>{name}: „{cell}“ ist keine Zahl</translation>
    </message>
    <message>
      <source>{name}: '{said}' is no number.</source>
      <translation>{name}: „{said}“ ist keine Zahl.</translation>
    </message>
    <message>
      <source>{name}: '{text}' is no price.</source>
      <translation>{name}: „{text}“ ist kein Preis.</translation>
    </message>
    <message>
      <source>{name}: a crown is 0.4 to 3 mm high, not {crown_mm:g}.</source>
      <translation>{name}: eine Krone ist 0,4 bis 3 mm hoch, nicht {crown_mm:g}.</translation>
    </message>
    <message>
      <source>{name}: a crown is 0.8 to 4 mm wide, not {width_mm:g}.</source>
      <translation>{name}: eine Krone ist 0,8 bis 4 mm breit, nicht {width_mm:g}.</translation>
    </message>
    <message>
      <source>{name}: a tang is 0.5 to 4 mm deep, not {tang_mm:g}.</source>
      <translation>{name}: ein Fuß ist 0,5 bis 4 mm tief, nicht {tang_mm:g}.</translation>
    </message>
    <message>
      <source>{name}: a template is written as .pdf, .svg or .dxf</source>
      <translation>{name}: eine Schablone wird als .pdf, .svg oder .dxf geschrieben</translation>
    </message>
    <message>
      <source>{name}: can't be read ({strerror}).</source>
      <translation>{name}: kann nicht gelesen werden ({strerror}).</translation>
    </message>
    <message>
      <source>{name}: not a plain file.</source>
      <translation>{name}: keine einfache Datei.</translation>
    </message>
    <message>
      <source>{name}: over its barbs a tang is no thinner than between them.</source>
      <translation>{name}: über die Widerhaken ist ein Fuß nicht dünner als dazwischen.</translation>
    </message>
    <message>
      <source>{name}: over its barbs the tang is as wide as the crown.</source>
      <translation>{name}: über die Widerhaken ist der Fuß so breit wie die Krone.</translation>
    </message>
    <message>
      <source>{name}: the file is over {largest_bytes} MB, too large for a job.</source>
      <translation>{name}: die Datei ist über {largest_bytes} MB, zu groß für einen Auftrag.</translation>
    </message>
    <message>
      <source>{name}: there is no such copy.</source>
      <translation>{name}: Diese Kopie gibt es nicht.</translation>
    </message>
    <message>
      <source>{name}: wire without a tang holds in no slot. How deep is it?</source>
      <translation>{name}: Draht ohne Fuß hält in keinem Schlitz. Wie tief ist er?</translation>
    </message>
    <message>
      <source>{name}: {amount} is no price; from 0 to {most}.</source>
      <translation>{name}: {amount} ist kein Preis; von 0 bis {most}.</translation>
    </message>
    <message>
      <source>{name}: {length} of crown after its first level, about {years:.0f} years of it.</source>
      <translation>{name}: {length} Krone nach der ersten Abrichtung, davon etwa {years:.0f} Jahre.</translation>
    </message>
    <message>
      <source>{necks} necks, {entries} entries. {lost}

Old: {name}</source>
      <translation>{necks} Hälse, {entries} Einträge. {lost}

Alt: {name}</translation>
    </message>
    <message>
      <source>{neck} {title}: it has had its time. {action}.</source>
      <translation>{neck} {title}: die Zeit ist um. {action}.</translation>
    </message>
    <message>
      <source>{needed_mm:.2f} m off the coil, nothing left over.</source>
      <translation>{needed_mm:.2f} m von der Rolle, nichts bleibt übrig.</translation>
    </message>
    <message>
      <source>{new} new, {grown} grown, {same} as they were.</source>
      <translation>{new} neu, {grown} gewachsen, {same} wie sie waren.</translation>
    </message>
    <message>
      <source>{notes} of {notes_2}</source>
      <translation>{notes} von {notes_2}</translation>
    </message>
    <message>
      <source>{note} it {sounds}.</source>
      <translation>{note} {sounds} er.</translation>
    </message>
    <message>
      <source>{now} Not kept yet.</source>
      <translation>{now} Noch nicht behalten.</translation>
    </message>
    <message>
      <source>{now}; {target_mm} is wanted. Read it again in a week or two: wood goes on a little.</source>
      <translation>{now}; gewünscht ist {target_mm}. In ein, zwei Wochen noch einmal messen: Holz geht noch etwas weiter.</translation>
    </message>
    <message>
      <source>{number:.2f} mm</source>
      <translation>{number:.2f} mm</translation>
    </message>
    <message>
      <source>{number} cycles and the neck does not follow: rod or neck must be replaced.</source>
      <translation>{number} Gänge, und der Hals folgt nicht: Stab oder Hals muss ersetzt werden.</translation>
    </message>
    <message>
      <source>{number} ends are rounder.</source>
      <translation>{number} Enden sind runder.</translation>
    </message>
    <message>
      <source>{number} frets</source>
      <translation>{number} Bünde</translation>
    </message>
    <message>
      <source>{number} frets are out.</source>
      <translation>{number} Bünde sind heraus.</translation>
    </message>
    <message>
      <source>{number} frets have grooves, {grooved} the first of them.</source>
      <translation>{number} Bünde haben Kerben, {grooved} als erster.</translation>
    </message>
    <message>
      <source>{number} frets move or stand off the wood: their slots have no grip left</source>
      <translation>{number} Bünde bewegen sich oder stehen vom Holz ab: ihre Schlitze haben keinen Halt mehr</translation>
    </message>
    <message>
      <source>{number} frets ring dull though they are not worn: loose in their slots</source>
      <translation>{number} Bünde klingen dumpf, obwohl sie nicht abgespielt sind: lose in ihren Schlitzen</translation>
    </message>
    <message>
      <source>{number} mm</source>
      <translation>{number} mm</translation>
    </message>
    <message>
      <source>{number} of {count}</source>
      <translation>{number} von {count}</translation>
    </message>
    <message>
      <source>{number} of {number_2} frets touched.</source>
      <translation>{number} von {number_2} Bünden berührt.</translation>
    </message>
    <message>
      <source>{number} played, {solved} solved</source>
      <translation>{number} gespielt, {solved} gelöst</translation>
    </message>
    <message>
      <source>{number} tops are round.</source>
      <translation>{number} Kuppen sind rund.</translation>
    </message>
    <message>
      <source>{number} visits</source>
      <translation>{number} Besuche</translation>
    </message>
    <message>
      <source>{number}/64 in</source>
      <translation>{number}/64 in</translation>
    </message>
    <message>
      <source>{n} frets or more end too low to crown.</source>
      <translation>{n} Bünde oder mehr enden zu niedrig zum Verrunden.</translation>
    </message>
    <message>
      <source>{n} notes or more do not ring clean afterwards.</source>
      <translation>{n} Töne oder mehr klingen danach nicht sauber.</translation>
    </message>
    <message>
      <source>{off_by} away: set it again</source>
      <translation>{off_by} daneben: neu einstellen</translation>
    </message>
    <message>
      <source>{off_by} away: turn the rod again, a quarter or less</source>
      <translation>{off_by} daneben: den Stab noch einmal drehen, ein Viertel oder weniger</translation>
    </message>
    <message>
      <source>{open_questions} open: {words}.</source>
      <translation>{open_questions} offen: {words}.</translation>
    </message>
    <message>
      <source>{outside} tops lie outside the range your map gave them</source>
      <translation>{outside} Kuppen liegen außerhalb des Bereichs, den die Karte ihnen gab</translation>
    </message>
    <message>
      <source>{out} frets are out.</source>
      <translation>{out} Bünde sind heraus.</translation>
    </message>
    <message>
      <source>{over} Reveal shows how it went.</source>
      <translation>{over} Auflösung zeigt, wie es ging.</translation>
    </message>
    <message>
      <source>{over} over the owner's budget</source>
      <translation>{over} mehr, als der Besitzer ausgeben will</translation>
    </message>
    <message>
      <source>{papers} kept with the job.</source>
      <translation>{papers} mit dem Auftrag behalten.</translation>
    </message>
    <message>
      <source>{part_words} turn</source>
      <translation>{part_words} Umdrehung</translation>
    </message>
    <message>
      <source>{part_words} turn {it}</source>
      <translation>{part_words} Umdrehung {it}</translation>
    </message>
    <message>
      <source>{parts} frets of new wire went in; {most} would have done.</source>
      <translation>{parts} Bünde mit neuem Draht; {most} hätten genügt.</translation>
    </message>
    <message>
      <source>{path} can't be opened ({why}).</source>
      <translation>{path} lässt sich nicht öffnen ({why}).</translation>
    </message>
    <message>
      <source>{path}: there is no such logbook.</source>
      <translation>{path}: Dieses Logbuch gibt es nicht.</translation>
    </message>
    <message>
      <source>{points} of 100</source>
      <translation>{points} von 100</translation>
    </message>
    <message>
      <source>{readings} readings, {minutes} minutes at the bench.</source>
      <translation>{readings} Messungen, {minutes} Minuten an der Werkbank.</translation>
    </message>
    <message>
      <source>{readings} taken, no way chosen yet.</source>
      <translation>{readings} genommen, noch kein Weg gewählt.</translation>
    </message>
    <message>
      <source>{readings} up to entry {length}</source>
      <translation>{readings} bis Eintrag {length}</translation>
    </message>
    <message>
      <source>{refused} changes can't go to the server: see Kept safe.</source>
      <translation>{refused} Änderungen können nicht auf den Server: siehe „Gesichert“.</translation>
    </message>
    <message>
      <source>{removesuffix}, capo at {capo}. String</source>
      <translation>{removesuffix}, Kapo bei {capo}. Saite</translation>
    </message>
    <message>
      <source>{rest} min</source>
      <translation>{rest} min</translation>
    </message>
    <message>
      <source>{rocking_mm} to {high}</source>
      <translation>{rocking_mm} bis {high}</translation>
    </message>
    <message>
      <source>{said}   Asked once.</source>
      <translation>{said}   Einmal gefragt.</translation>
    </message>
    <message>
      <source>{said} Advised: {title}.</source>
      <translation>{said} Empfohlen: {title}.</translation>
    </message>
    <message>
      <source>{said} It rested on {rests_on}</source>
      <translation>{said} Es beruhte auf {rests_on}</translation>
    </message>
    <message>
      <source>{said} Not explained by heights: {named}. Loose fret? Nut? Hardware?</source>
      <translation>{said} Nicht durch Höhen erklärt: {named}. Loser Bund? Sattel? Mechanik?</translation>
    </message>
    <message>
      <source>{said} is wanted: measure it on this run.</source>
      <translation>{said} fehlt: an dieser Lieferung messen.</translation>
    </message>
    <message>
      <source>{said} should be {low:g} to {high:g}.</source>
      <translation>{said} soll {low:g} bis {high:g} sein.</translation>
    </message>
    <message>
      <source>{said}. {stands} It rests on {rests_on}</source>
      <translation>{said}. {stands} Es beruht auf {rests_on}</translation>
    </message>
    <message>
      <source>{said}: wide, for this neck was not read both at pitch and slack</source>
      <translation>{said}: weit, denn dieser Hals wurde nicht gestimmt und entspannt gemessen</translation>
    </message>
    <message>
      <source>{said}: {text} is no number.</source>
      <translation>{said}: {text} ist keine Zahl.</translation>
    </message>
    <message>
      <source>{said}? That is a lot here.</source>
      <translation>{said}? Das ist viel an dieser Stelle.</translation>
    </message>
    <message>
      <source>{said}? That is very little here.</source>
      <translation>{said}? Das ist sehr wenig an dieser Stelle.</translation>
    </message>
    <message>
      <source>{scale_mm:.0f} mm · {frets} frets · joins at {joint_fret} · {rod_words}</source>
      <translation>{scale_mm:.0f} mm · {frets} Bünde · Ansatz am {joint_fret}. · {rod_words}</translation>
    </message>
    <message>
      <source>{scale_mm:.0f} mm · {frets} frets · {rod}</source>
      <translation>{scale_mm:.0f} mm · {frets} Bünde · {rod}</translation>
    </message>
    <message>
      <source>{seconds:.0f} s left</source>
      <translation>noch {seconds:.0f} s</translation>
    </message>
    <message>
      <source>{sharp_ends} fret ends are still sharp.</source>
      <translation>{sharp_ends} Bundenden sind noch scharf.</translation>
    </message>
    <message>
      <source>{short_mm:.2f} m short on the shelf.</source>
      <translation>{short_mm:.2f} m fehlen im Regal.</translation>
    </message>
    <message>
      <source>{side} {then} to {now}</source>
      <translation>{side} {then} auf {now}</translation>
    </message>
    <message>
      <source>{side}, fret {fret}</source>
      <translation>{side}, Bund {fret}</translation>
    </message>
    <message>
      <source>{side}, {strings}. A long edge on the frets. Does it rock?</source>
      <translation>{side}, {strings}. Ein langes Lineal auf den Bünden. Wippt es?</translation>
    </message>
    <message>
      <source>{side}, {strings}. Edge on {held} and {high}{hold}. Gap over {fret}?</source>
      <translation>{side}, {strings}. Lineal auf {held} und {high}{hold}. Spalt über {fret}?</translation>
    </message>
    <message>
      <source>{side}. A finger along the fret ends. What is felt?</source>
      <translation>{side}. Ein Finger die Bundenden entlang. Was ist zu fühlen?</translation>
    </message>
    <message>
      <source>{side}. Beam over the marked tops. Where is the ink gone?</source>
      <translation>{side}. Balken über die gefärbten Kuppen. Wo ist die Farbe weg?</translation>
    </message>
    <message>
      <source>{side}. Dial on the beam over fret {fret}?</source>
      <translation>{side}. Messuhr auf dem Balken über Bund {fret}?</translation>
    </message>
    <message>
      <source>{side}. Hold {held}, press {high}. Does the leaf go over {fret}?</source>
      <translation>{side}. {held} halten, {high} drücken. Geht das Blatt über {fret}?</translation>
    </message>
    <message>
      <source>{side}. Open string</source>
      <translation>{side}. Leere Saite</translation>
    </message>
    <message>
      <source>{side}. Rocker along the frets. What rocks?</source>
      <translation>{side}. Wippe die Bünde entlang. Was wippt?</translation>
    </message>
    <message>
      <source>{side}. Rocker over {fret}-{fret_2}-{fret_3}. A leaf under it?</source>
      <translation>{side}. Wippe über {fret}-{fret_2}-{fret_3}. Ein Blatt darunter?</translation>
    </message>
    <message>
      <source>{side}. Rule on fret {fret}. What does it show?</source>
      <translation>{side}. Maßstab auf Bund {fret}. Was zeigt er?</translation>
    </message>
    <message>
      <source>{side}. {edge}, {held} and {high}. Gap at {fret}?</source>
      <translation>{side}. {edge}, {held} und {high}. Spalt bei {fret}?</translation>
    </message>
    <message>
      <source>{side}. {resting}. Gap {where} {fret}?</source>
      <translation>{side}. {resting}. Spalt {where} {fret}?</translation>
    </message>
    <message>
      <source>{side}{after} after it, give or take {doubt}</source>
      <translation>{side}{after} danach, plus oder minus {doubt}</translation>
    </message>
    <message>
      <source>{sits} at a new height: take the rocker over it before filing.</source>
      <translation>{sits} auf neuer Höhe: vor dem Feilen die Wippe darüber.</translation>
    </message>
    <message>
      <source>{size}. Look for light under its middle: press the whole fret home. {certain}</source>
      <translation>{size}. Licht unter seiner Mitte suchen: den ganzen Bund einpressen. {certain}</translation>
    </message>
    <message>
      <source>{slides:.2f} slides</source>
      <translation>{slides:.2f} gleitet</translation>
    </message>
    <message>
      <source>{solved} of {number} solved</source>
      <translation>{solved} von {number} gelöst</translation>
    </message>
    <message>
      <source>{step}, with {entry_words}</source>
      <translation>{step}, mit {entry_words}</translation>
    </message>
    <message>
      <source>{sticks} of {stick_mm:.0f} mm, {proved}; {waste_mm:.0f} mm left over.</source>
      <translation>{sticks} zu {stick_mm:.0f} mm, {proved}; {waste_mm:.0f} mm bleiben übrig.</translation>
    </message>
    <message>
      <source>{stock:.1f} m</source>
      <translation>{stock:.1f} m</translation>
    </message>
    <message>
      <source>{stopped}{none} Dressing the relief into the frets costs {length} of metal and leaves enough.{slack}</source>
      <translation>{stopped}{none} Die Krümmung in die Bünde zu feilen kostet {length} Metall und lässt genug.{slack}</translation>
    </message>
    <message>
      <source>{stopped}{none} The frets can't pay for dressing the bow out.</source>
      <translation>{stopped}{none} Die Bünde geben nicht her, die Biegung herauszufeilen.</translation>
    </message>
    <message>
      <source>{stops:.2f} does not</source>
      <translation>{stops:.2f} nicht</translation>
    </message>
    <message>
      <source>{strokes} strokes on the wood.</source>
      <translation>{strokes} Striche auf dem Holz.</translation>
    </message>
    <message>
      <source>{strokes} strokes on {fret}.</source>
      <translation>{strokes} Striche an {fret}.</translation>
    </message>
    <message>
      <source>{strokes} strokes; ink is off {gone} places.</source>
      <translation>{strokes} Striche; an {gone} Stellen ist die Farbe weg.</translation>
    </message>
    <message>
      <source>{struck} {elsewhere}; it stays.</source>
      <translation>{struck} {elsewhere}; es bleibt.</translation>
    </message>
    <message>
      <source>{sum} of {number} stations done</source>
      <translation>{sum} von {number} Stationen getan</translation>
    </message>
    <message>
      <source>{takes_out} takes relief out</source>
      <translation>{takes_out} nimmt Krümmung heraus</translation>
    </message>
    <message>
      <source>{takes_out} takes relief out, {lets_in} lets it in</source>
      <translation>{takes_out} nimmt Krümmung heraus, {lets_in} lässt sie hinein</translation>
    </message>
    <message>
      <source>{taller:.2f} mm lower than what the others have left.</source>
      <translation>{taller:.2f} mm niedriger, als die anderen noch haben.</translation>
    </message>
    <message>
      <source>{tang_mm:.1f} mm deep, the tang and a hair more</source>
      <translation>{tang_mm:.1f} mm tief, der Fuß und ein Haar mehr</translation>
    </message>
    <message>
      <source>{thing} of the {side}, {it}.</source>
      <translation>{thing} der Seite {side}, {it}.</translation>
    </message>
    <message>
      <source>{thinnest_mm} after its level</source>
      <translation>{thinnest_mm} nach seiner Abrichtung</translation>
    </message>
    <message>
      <source>{title} is as it was, {number} entries.</source>
      <translation>{title} ist, wie es war, {number} Einträge.</translation>
    </message>
    <message>
      <source>{title} is back on the shelf.</source>
      <translation>{title} ist wieder im Regal.</translation>
    </message>
    <message>
      <source>{title} is done: go on to the next way</source>
      <translation>{title} ist getan: weiter zum nächsten Weg</translation>
    </message>
    <message>
      <source>{title} is on the shelf.</source>
      <translation>{title} ist im Regal.</translation>
    </message>
    <message>
      <source>{title}, {flags}: {gist} {metal_mm} of metal.</source>
      <translation>{title}, {flags}: {gist} {metal_mm} Metall.</translation>
    </message>
    <message>
      <source>{title}: all done, hand it back</source>
      <translation>{title}: alles getan, zurückgeben</translation>
    </message>
    <message>
      <source>{title}: all steps done</source>
      <translation>{title}: alle Schritte getan</translation>
    </message>
    <message>
      <source>{title}: all steps done.</source>
      <translation>{title}: alle Schritte getan.</translation>
    </message>
    <message>
      <source>{title}: it has had its time ({until})</source>
      <translation>{title}: die Zeit ist um ({until})</translation>
    </message>
    <message>
      <source>{title}: look again from {look_from}</source>
      <translation>{title}: wieder ansehen ab {look_from}</translation>
    </message>
    <message>
      <source>{title}: next, {title_2}.</source>
      <translation>{title}: als Nächstes {title_2}.</translation>
    </message>
    <message>
      <source>{title}: not before {until}, {left} to go</source>
      <translation>{title}: nicht vor {until}, noch {left}</translation>
    </message>
    <message>
      <source>{title}: not in this exercise.</source>
      <translation>{title}: nicht in dieser Übung.</translation>
    </message>
    <message>
      <source>{title}: not now</source>
      <translation>{title}: jetzt nicht</translation>
    </message>
    <message>
      <source>{title}: the owner's word on {named}</source>
      <translation>{title}: das Wort des Besitzers zu {named}</translation>
    </message>
    <message>
      <source>{title}: {frets} frets. </source>
      <translation>{title}: {frets} Bünde. </translation>
    </message>
    <message>
      <source>{title}: {metal} off in all, thinnest {thin}, {levels}</source>
      <translation>{title}: {metal} insgesamt ab, dünnster {thin}, {levels}</translation>
    </message>
    <message>
      <source>{title}: {number} mm, {frets} frets, joins at {joint_fret}, radius {radius}, {rod_words}, {how_many}. To be done: {named}.</source>
      <translation>{title}: {number} mm, {frets} Bünde, Ansatz am {joint_fret}., Radius {radius}, {rod_words}, {how_many}. Zu tun: {named}.</translation>
    </message>
    <message>
      <source>{together} costs {money}</source>
      <translation>{together} kostet {money}</translation>
    </message>
    <message>
      <source>{told}. What it is worth to you only you can say.</source>
      <translation>{told}. Was es Ihnen wert ist, können nur Sie sagen.</translation>
    </message>
    <message>
      <source>{tool}, paper {level_grit}, along the string lines, {pressed}. {radius_block_words}Stop when each top is touched, the file runs smooth and the rocker is still.</source>
      <translation>{tool}, Papier {level_grit}, die Saitenlinien entlang, {pressed}. {radius_block_words}Aufhören, wenn jede Kuppe berührt ist, die Feile glatt läuft und die Wippe still ist.</translation>
    </message>
    <message>
      <source>{touch} touch: {buzzing} notes will buzz</source>
      <translation>Anschlag {touch}: {buzzing} Töne werden schnarren</translation>
    </message>
    <message>
      <source>{turns_words} on the {lane_words}</source>
      <translation>{turns_words}, {lane_words}</translation>
    </message>
    <message>
      <source>{turns_words}, both rods</source>
      <translation>{turns_words}, beide Stäbe</translation>
    </message>
    <message>
      <source>{turns_words}, your own</source>
      <translation>{turns_words}, eigene Wahl</translation>
    </message>
    <message>
      <source>{unclean} of {notes} notes do not ring clean.</source>
      <translation>{unclean} von {notes} Tönen klingen nicht sauber.</translation>
    </message>
    <message>
      <source>{under_least} frets are lower than they may be.</source>
      <translation>{under_least} Bünde sind niedriger, als sie sein dürfen.</translation>
    </message>
    <message>
      <source>{value:g} mm</source>
      <translation>{value:g} mm</translation>
    </message>
    <message>
      <source>{value} off the smooth neck, give or take {doubt}</source>
      <translation>{value} gegen den glatten Hals, plus oder minus {doubt}</translation>
    </message>
    <message>
      <source>{value} over touching</source>
      <translation>{value} über Berührung</translation>
    </message>
    <message>
      <source>{waits} changes wait on this machine and go to the server by themselves.</source>
      <translation>{waits} Änderungen warten auf diesem Rechner und gehen von selbst auf den Server.</translation>
    </message>
    <message>
      <source>{wanted} bent back</source>
      <translation>{wanted} zurückgebogen</translation>
    </message>
    <message>
      <source>{way_title} at a fixed {fixed}</source>
      <translation>{way_title} zum festen Preis von {fixed}</translation>
    </message>
    <message>
      <source>{wet}{driven}{again} Support right under the fret.{free} One that starts sideways is taken out again: + says so; * stands off, - went too deep. / alone: these sit.</source>
      <translation>{wet}{driven}{again} Gegenhalt genau unter dem Bund.{free} Einer, der schief anfängt, wird wieder herausgenommen: + sagt es; * steht ab, - ging zu tief. / allein: Diese sitzen.</translation>
    </message>
    <message>
      <source>{what} costs {money_words}</source>
      <translation>{what} kostet {money_words}</translation>
    </message>
    <message>
      <source>{what} costs {money}.</source>
      <translation>{what} kostet {money}.</translation>
    </message>
    <message>
      <source>{what} on string {strings}: {word}. Least room {room} over fret {first}, give or take {doubt}.{cents}</source>
      <translation>{what} auf Saite {strings}: {word}. Kleinster Raum {room} über Bund {first}, plus oder minus {doubt}.{cents}</translation>
    </message>
    <message>
      <source>{what} {named} may end too thin and then want new wire, which is not</source>
      <translation>{what} {named} kann zu dünn enden und dann neuen Draht brauchen, der nicht</translation>
    </message>
    <message>
      <source>{what}, by {change}</source>
      <translation>{what}, um {change}</translation>
    </message>
    <message>
      <source>{what}. Seat before filing; it rises again otherwise.</source>
      <translation>{what}. Vor dem Feilen einpressen; sonst kommt er wieder hoch.</translation>
    </message>
    <message>
      <source>{what}: go on to new wire; nothing else is weighed on them until it is in.</source>
      <translation>{what}: weiter zum neuen Draht; nichts anderes wird daran abgewogen, bis er drin ist.</translation>
    </message>
    <message>
      <source>{what}; no rod setting takes it out, and the crowns can't pay for a level over it. {gist}</source>
      <translation>{what}; keine Stabstellung nimmt es heraus, und die Kronen geben ein Abrichten darüber nicht her. {gist}</translation>
    </message>
    <message>
      <source>{what}; no rod setting takes it out. Level over it: {length} of metal, and the crowns can pay.</source>
      <translation>{what}; keine Stabstellung nimmt es heraus. Darüber abrichten: {length} Metall, und die Kronen geben es her.</translation>
    </message>
    <message>
      <source>{when} the edge shows {length} at most, {lane_words}, at fret {fret}.</source>
      <translation>{when} zeigt das Lineal höchstens {length}, {lane_words}, bei Bund {fret}.</translation>
    </message>
    <message>
      <source>{where}, not measured</source>
      <translation>{where}, nicht gemessen</translation>
    </message>
    <message>
      <source>{where}, up to {rocking} or more</source>
      <translation>{where}, bis {rocking} oder mehr</translation>
    </message>
    <message>
      <source>{where}. A finger on fret {fret}.</source>
      <translation>{where}. Ein Finger auf Bund {fret}.</translation>
    </message>
    <message>
      <source>{where}. Depth foot {what} {fret}.</source>
      <translation>{where}. Tiefenfuß {what} {fret}.</translation>
    </message>
    <message>
      <source>{where}. Leaf under the rocker at {fret}.</source>
      <translation>{where}. Blatt unter der Wippe bei {fret}.</translation>
    </message>
    <message>
      <source>{where}. Rocker over {fret}.</source>
      <translation>{where}. Wippe über {fret}.</translation>
    </message>
    <message>
      <source>{where}. {held} {low}, {high}; leaf {under_words} at {fret}.</source>
      <translation>{where}. {held} {low}, {high}; Blatt {under_words} bei {fret}.</translation>
    </message>
    <message>
      <source>{where}. {words}, {low} to {high}{hand}.</source>
      <translation>{where}. {words}, {low} bis {high}{hand}.</translation>
    </message>
    <message>
      <source>{why} Leave it, or have the neck itself seen to.</source>
      <translation>{why} Lassen, oder den Hals selbst richten lassen.</translation>
    </message>
    <message>
      <source>{why} Write it there once more, and it takes its place.</source>
      <translation>{why} Noch einmal dorthin schreiben ersetzt es.</translation>
    </message>
    <message>
      <source>{wider:.2f} mm narrower than the old wire: it can't be matched.</source>
      <translation>{wider:.2f} mm schmaler als der alte Draht: er lässt sich nicht anpassen.</translation>
    </message>
    <message>
      <source>{words} Choose weighs what is left.</source>
      <translation>{words} Wählen wägt ab, was bleibt.</translation>
    </message>
    <message>
      <source>{words} Forecast {told}.</source>
      <translation>{words} Vorhersage {told}.</translation>
    </message>
    <message>
      <source>{words} How much relief there is isn't known, only that it is {over}: read it again after the move.</source>
      <translation>{words} Wie viel Krümmung da ist, ist nicht bekannt, nur dass es {over} ist: nach dem Zug neu messen.</translation>
    </message>
    <message>
      <source>{words} and {more} more</source>
      <translation>{words} und {more} weitere</translation>
    </message>
    <message>
      <source>{words} held</source>
      <translation>{words} gehalten</translation>
    </message>
    <message>
      <source>{words} of leaves, as usually sold</source>
      <translation>{words} Blätter, wie üblich verkauft</translation>
    </message>
    <message>
      <source>{words} · stop</source>
      <translation>{words} · halt</translation>
    </message>
    <message>
      <source>{words}, by {pressures}.</source>
      <translation>{words}, mit {pressures}.</translation>
    </message>
    <message>
      <source>{words}. Enter once more goes on all the same.</source>
      <translation>{words}. Enter noch einmal geht trotzdem weiter.</translation>
    </message>
    <message>
      <source>{words}. Print at 100 %, not fitted to the page.</source>
      <translation>{words}. Mit 100 % drucken, nicht an die Seite angepasst.</translation>
    </message>
    <message>
      <source>{words}: {metal_mm} off, {height_mm}</source>
      <translation>{words}: {metal_mm} ab, {height_mm}</translation>
    </message>
    <message>
      <source>{{frets}} has an end that has come up.|{{frets}} have ends that have come up.</source>
      <translation>{{frets}} hat ein Ende, das hochgekommen ist.|{{frets}} haben ein Ende, das hochgekommen ist.</translation>
    </message>
    <message>
      <source>{{frets}} has come up in its middle.|{{frets}} have come up in their middle.</source>
      <translation>{{frets}} ist in der Mitte hochgekommen.|{{frets}} sind in der Mitte hochgekommen.</translation>
    </message>
    <message>
      <source>{{frets}} has little metal left.|{{frets}} have little metal left.</source>
      <translation>{{frets}} hat nur noch wenig Metall.|{{frets}} haben nur noch wenig Metall.</translation>
    </message>
    <message>
      <source>{{frets}} lies lower than its neighbours.|{{frets}} lie lower than their neighbours.</source>
      <translation>{{frets}} liegt tiefer als die Nachbarn.|{{frets}} liegen tiefer als die Nachbarn.</translation>
    </message>
    <message>
      <source>{{frets}} moves in its slot.|{{frets}} move in their slots.</source>
      <translation>{{frets}} bewegt sich im Schlitz.|{{frets}} bewegen sich im Schlitz.</translation>
    </message>
    <message>
      <source>{{frets}} stands a little over its neighbours.|{{frets}} stand a little over their neighbours.</source>
      <translation>{{frets}} steht ein wenig über den Nachbarn.|{{frets}} stehen ein wenig über den Nachbarn.</translation>
    </message>
    <message>
      <source>{{frets}} stands high at one end.|{{frets}} stand high at one end.</source>
      <translation>{{frets}} steht an einem Ende hoch.|{{frets}} stehen an einem Ende hoch.</translation>
    </message>
    <message>
      <source>{{frets}} stands higher than its neighbours, and notes before it buzz on it.|{{frets}} stand higher than their neighbours, and notes before them buzz on them.</source>
      <translation>{{frets}} steht höher als die Nachbarn, und Töne davor schnarren darauf.|{{frets}} stehen höher als die Nachbarn, und Töne davor schnarren darauf.</translation>
    </message>
    <message>
      <source>{{unit}} after</source>
      <translation>{{unit}} danach</translation>
    </message>
    <message>
      <source>{{unit}} left</source>
      <translation>{{unit}} übrig</translation>
    </message>
    <message>
      <source>{{unit}} of metal</source>
      <translation>{{unit}} Metall</translation>
    </message>
    <message>
      <source>± {span:.2f} mm</source>
      <translation>± {span:.2f} mm</translation>
    </message>
    <message>
      <source>“Clean from” is how low the lowest string can lie over the twelfth fret and still ring clean.</source>
      <translation>„Sauber ab“ heißt, wie tief die tiefste Saite über dem zwölften Bund liegen kann und noch sauber klingt.</translation>
    </message>
    <message>
      <source>■ in hand</source>
      <translation>■ gewählt</translation>
    </message>
    <message>
      <source>▲ rose  ▽ came down</source>
      <translation>▲ stieg  ▽ kam herunter</translation>
    </message>
    <message>
      <source>▲ {buzzing} will buzz</source>
      <translation>▲ {buzzing} schnarren</translation>
    </message>
    <message>
      <source>◂ ▸ move the {end} end; . goes on.</source>
      <translation>◂ ▸ bewegen das {end} Ende; . weiter.</translation>
    </message>
    <message>
      <source>○ before  ● after</source>
      <translation>○ vorher  ● nachher</translation>
    </message>
    <message>
      <source>○ on the edge</source>
      <translation>○ auf der Kippe</translation>
    </message>
    <message>
      <source>○ open</source>
      <translation>○ offen</translation>
    </message>
    <message>
      <source>● advised</source>
      <translation>● empfohlen</translation>
    </message>
    <message>
      <source>● low  ○ high</source>
      <translation>● tief  ○ hoch</translation>
    </message>
    <message>
      <source>● pitch  ○ slack</source>
      <translation>● gestimmt  ○ entspannt</translation>
    </message>
    <message>
      <source>✓ kept</source>
      <translation>✓ gehalten</translation>
    </message>
    <message>
      <source>✗ missed</source>
      <translation>✗ verfehlt</translation>
    </message>
  </context>
</TS>
