<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
  <context>
    <name>nuvrek</name>
    <message>
      <source>   {minutes} min</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> ({low} to {high})</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> / keeps {mm},</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> 0: stay slack, a leaf under the edge means the relief wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> A capo leaves the pull as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> A low nut feels the same: press at 3, look at 1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> A mark is a reading: file until the ink is gone and nothing rocks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> After {how_many}: {length} out; {how}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> All of the plan is off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> All once, then all again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> And {number} more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> At {warm:g} °C wood settles at about {equilibrium_moisture_percent:.0f} % moisture.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Bend to {bends:.0f} to {bends_2:.0f} mm of radius, {learnt}; it springs back to a tenth tighter than the board.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Between {day} and {day_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> By caliper no taller than the rest: it is the wood that rises here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> By caliper {taller} taller than the rest: look for light under it first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> By the map nothing is left to take.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> By today's list it would be {money}; the quote stands as given.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Cauls: {listed}{lacks}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Cycle {n}: {length} out, give or take {length_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Damaged: {wrong}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Enter takes it again, Backspace strikes it out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Enter ticks the step.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Even the tightest tangs lack {length}: the level must leave that in the tops, or the wood be trued.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Fill the tang holes at the ends.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Fretting it sharpens it by {sharp:.0f} cents.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Gone too far, it is the low one now: Choose shows what that costs once it is read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Grooves up to {length} may stay with the owner's say-so.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> How much? Type it and Enter, or go on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> In your strokes about {counted}; the rocker decides.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> It is not finished: next, {title}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> It is slack: turn on until it bites, that is how a two-way rod is found out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> It was taken with the strings {was}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Less force at the free ends.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Loose ones are seated first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Measure first how much of the saddle is left.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Most off at {it}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Next should be {map}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Nothing learnt yet: read the bow after the first six.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Off at most: {named}.{strokes}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> RETURNING id</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Read it slack too before filing: the pull is not known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Slacken the strings first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Spot work takes {off}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Still to go: {mean} on the whole, most at fret {most} ({most_2}). + half of it is off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Stop at the binding: it is softer than the wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Tangs of {frets} fatter than usual by {size}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> The outer string is only {ways} from the end: keep the bevel steep.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> There is {off} relief than usual, and it does no harm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Under ordinary play that is about {number} years away.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> What is on the neck now is not listed, so this is wide.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Without a rod heated wood tends to return.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> You told us: “{split}”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> and </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> and clamp</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> and the tongue climbs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> and {number} more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> at its high end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> at its low end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> by up to {most}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> in its middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> notes ring clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> off the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> on the {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> sprung</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> thou</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> to </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> turn </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> {frets_do} or moves all the same: look again later.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> {how_many} like it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"neck" is missing: scale_mm, frets and joint_fret are needed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"version" should be {version}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"{gauge}" is no gauge; try 46, .046 or 1.17 mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"{mass}" is no mass in grams a metre.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"{note}" is no note; try E2, F#3 or Bb4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"{text}" is longer than any instrument.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>"{text}" is not a length. Try 12, 12 thou, .012, 0.3 mm or 5/64.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{at}' is no date of a reading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{day}' is no date.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{named}' is no place's habit that is known: en_GB, de_DE, fr_CA are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{name}' is nothing that is charged here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{name}' is nothing to practise on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{unknown}' is no column of it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{usually}' is no way to reach somebody: {how_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>'{value}' is not known; should be one of {choices}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* buzzes, / clean, . the rest clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* gone, / still there</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* promise a day, - take it back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* this wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* yes, - no, + quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>* {it} every half year</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ and -: angle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ and -: back bow</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ and -: string height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ and -: touch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ another owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ half off, 0 rocker, Enter done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ it goes, - it just drags, / it won't go. Another leaf: type it first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ takes in another</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, and it said so</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, and nothing was said of it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, between {low} and {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, by the hours it takes between {money} and </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, flat across</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, gauge {first} at fret 1 and {last} at the last</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, gauge {inches} all along</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, held down at {low}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, high end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, low end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, not before {due}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, pressed down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, rod of the high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, rod of the low side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, then </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, then pads {pads}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, {length} of metal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, {minutes:.1f} h, {metal_mm:.2f} mm of metal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, {number} being read</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. Its key may follow: 1 4mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. Strings slack first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0 waits for a part, or no more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0.03 mm may stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0.05 mm may stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0.08 mm may stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0123456789.,'"mthouinc </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>0: plan it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1  plain neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 begins it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 or + takes in a neck: scale length, frets and joint are enough to begin.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 to 3: read this next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 to 4: another face</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 to 4: its faces</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 to 4: wood, slots, wire, cutting</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 to 9 a tool, 0 the hands.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 week</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1/4 looser</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1/4 tighter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1/8 looser</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1/8 tighter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>150 mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1–4 a neck, 5–9 a form</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1–5: the buttons below</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>2  usual neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>2 days</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>2 weeks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>200 mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>21 degrees, 48 percent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>3  hard neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>300 mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>4  next of the hundred</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>4 days</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>9 in 10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>: open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>: shut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>: the edge stands on it, no notch is there</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>: they would keep less than {least}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; no true one for {frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; rod straight and everything level would have taken {plain_mm:.2f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; that was said beforehand.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; {least_mm:.2f} would have done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; {settled_mm} once settled</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; {torn} can't be read and stay in their file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>?: this page</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A bare neck has no relief yet: it is set once the strings pull.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A bare neck has no strings to slacken and no relief yet: level on the straight board.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A bare neck: its relief is open until it is strung.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A bare neck: one light level on the straight board, {length} of metal. Its relief stays open until it is strung.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A block needs a way to go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A block that goes to and fro takes most where it passes most often, and that is the middle. A board sanded so is hollow before the first new fret is in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A board that climbs past the joint is brought down past the joint. A level of the whole neck takes the same metal from frets that nothing ails.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A capo sits on a fret before {cursor}; * alone takes it off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A caul one step tighter first, ends down, then the true one over its middle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A chewed nut is no spent rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A chewed nut, or the wrong key: it says nothing about the rod itself. Renew the nut first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A chewed, gummed or unreachable rod nut comes first and stays named until it is mended.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A clock that is over is heard</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A complaint, a wish, or a note heard to buzz would change it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A complaint, or a note heard to buzz, would ask for new wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A copy is made by itself each day the program is used; of old ones fewer stay. A second logbook, from the laptop say, is taken in act by act: nothing is lost, nothing comes twice.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A copy is made.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A depth foot in the groove of {grooved}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A depth foot on tape reads every fret too low by the tape. Frets that have years left are pulled for a strip of paper.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A drop of glue under single frets would put it off, if they then hold.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fault of ours ({name}). Everything accepted so far is on disk; go on, or start again. {where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A finger on every fret, both ends and the middle. One that moves is seated first: note it in Measure. Neighbours that merely look gappy get a drop of thin glue, so that they can't move under the beam. Enter says that all were pressed and none moved.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A finger on fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A flat board: the wire stays straight.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A flat file along the edge until no end stands past it, and no further.{bound}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fraction of an inch has 2, 4, 8, 16, 32, 64 or 128 below the line, not {bottom}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret end is broken by a hair, so that the hand does not feel it. Too much, and the outer strings slip off the edge, which nothing but new wire cures.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret glued anew sits at a new height. Take its rocker reading again before any filing is planned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret is pressed until the stop is felt, and no further. One that went too deep is low for good, and its neighbours are filed for it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret may be fast in the middle and loose at one end: all three places count.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret number goes with *, where the ink is gone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret pressed too deep is lifted or replaced; else all the others pay for it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret that is not seated ducks under it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret that is not seated goes down under the file and comes up when the file is gone. The whole neck pays for it and the note chokes as before.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret that sits too deep is lifted and glued at its height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A fret that was pressed home may rise again; the later look tells.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A full level would leave too little metal; spot work still fits.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A gate is lifted for a reason: type it first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A groove is taken out by bringing every top down to its bottom, if there is height for that. Where there is not, the level ends in frets that nobody can crown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A hair of rounding cures it; more lets the outer string slip off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A hump or an S that no rod takes out is levelled over, or trued when the crowns can't pay.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A job file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A journal holds {most_entries:,} entries at most, and this one has {number:,}. Not written down; describe the neck as a new one to go on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A key that slips in a chewed nut turns nothing, however often it is turned. Heat for a rod that was never moved costs days, and comes back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A key that turns is not yet a rod that turns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A leaf under it tells, or file on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A leaf under the rocker refines the figures; none is needed to begin.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A level is {length} short at fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A lighter touch, or notes heard clean, would leave it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A logbook on a server needs psycopg: install nuvrek[server].</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A look after one to two weeks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A look at a file: + takes this neck into your shelf, closing leaves it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A look at the board.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A low nut looks like a back bow of its side.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A low-tack base strip under stronger tape keeps the glue off the wood. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A lower least crown, agreed with the owner, would put it off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A lower least crown, or grooves left, agreed with the owner would put it off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A made-up shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A mark is a reading: a handful is filed until ink and rock are gone, many are levelled.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A metric set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A neck that forgives, with its truth hidden until you ask for it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A new bolt-on neck: {low} to {high} hours to fit and set up, beside {hours} to {hours_2} for new wire and days for heat, and its rod works.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A new neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A notched edge of another scale rides on a fret and shows a hollow under it. The board it speaks of does not exist, and the rod turned for it spoils a good neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A notched edge to print</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note heard to buzz, or a fret that rocks, would send you back to the neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note on the last reading</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note that buzzes there would ask for heavier strings, or for relief in the frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note that buzzes, a wish for lower strings, or a complaint would change it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note that rings for you may choke under a firmer hand.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A number from {low:g} to {high:g} is asked for here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A one-way rod only takes relief out. A back bow with that rod slack is not cured by any turn of it, and a turn the other way makes it worse.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A one-way rod turned out until slack has nothing left to let out; it is not spent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A pack at about 90 to 95 °C (195 to 200 °F) when it is taken out, on the board under a towel and falling from there. Never left alone while it is hot. Ticked when the pack is off: from then it cools, clamped.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A photo of how it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A photo with the last reading</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A piece of this run</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A radius block cuts a cylinder and leaves {leaves:.2f} mm of dip under the outer strings; the plan is straight along each string. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rattle of the hardware is found and quieted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rocker and two minutes: mark the frets that rock, and no others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rocker needs a fret on either side.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rocker over {fret} and {fret_2}: two rocks, and {fret_3} between them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rocker over {fret} on the {lane_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rocker says that three frets are not in line, never which of them is at fault. Two rocks with one still fret between them speak of the one between.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rod that does not answer at once may only have play to turn through. Whoever calls it spent after two moves pays with metal.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rod that moves the relief the other way is a rod that works: turn back, learn its sign.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rule at 12.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A second pass is needed {it} times in ten.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A shelf of made-up necks, a fresh copy: nothing there is yours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A shim under the nut, zero fret left out; to pitch, then read the relief on both sides. It decides what dip the level leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A straight beam cuts none: a few strokes with a short leveller for {listed}. For a crest the hand behind the neck and pressure on it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A string held at two frets lies on those two, and their own heights are in every gap between them. One support that stands high makes relief out of nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A string that shows no light tells nothing: the edge is asked before the rod.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A string yields: what drags a little is already too thick.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A support is 0 (the nut) to {frets}, and not the fret looked at.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A support that stands high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A tongue that climbs is given fall-away, or the neck its angle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A touch of {touch:.1f} thousandths of the tension explains {told} of {buzzing} notes that buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A twist, or a board worn unevenly. Twin rods can answer it; one rod cannot.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A whole turn in one direction: pause, look at key and nut, and note how it feels before going on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A wire needs a name.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A zero fret stands a little over all others and makes their room. The beam that runs over it takes that room away, and the open strings lie on the first fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>About 30 degrees along the whole edge, until a finger feels nothing proud.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>About the owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>About {minutes:.0f} hours to go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>About {minutes} minutes to go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Accepted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Accepted, written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Advised is {turns_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>After fitting</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>After levelling</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>After one to two weeks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>After seating</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>After the first level {crown:.2f} mm is under the least crown of {least_mm:.2f} mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Afterwards {listed}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Again, with the advice on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Agree on it first; then the way is weighed by it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Agree on this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Agreement</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Aim at it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All frets are filed to one line and rounded again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All frets are filed to one line as the neck lies, and rounded again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All frets are filed to one line, the neck held as its strings bend it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All frets are filed to one line, the neck set straight, and rounded again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All frets are replaced by new ones, filed to one line and rounded.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All jobs are being gone through.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All lessons and necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All notes together: nine times in ten no more than {over_mm} above that.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All of it is agreed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All of it is agreed already.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All steps are ticked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All strings at pitch.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All that is kept of them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All that needs the owner's word is agreed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All the other readings together say {expected_mm}.{slip} Take it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All the worn frets are to be left alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Almost sure.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An edge over a hump touches in one place and shows light at both ends; that light is no relief. A rod that is turned for it bends the good part of the neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An edge that is pressed down bends the neck and hides the light.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An edge, slack, tells.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An eighth, no more. Note how it feels.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An end or a fret that is up is pressed home first; no beam before every fret was pressed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An end that is up: push and glue that end. The middle up: press the whole fret. One that stops short in a shallow or dirty slot is glued at its lowest and counts as settled. Stop when the light under it is gone; pressed too far it becomes the low one all others come down to.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An eye that looks from above reads the string too low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An hour</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An inch set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An indicator on a beam</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An open string lies too low at the nut.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An owner content with the wire there is would put it off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An owner is named in Take in, or taken in here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An owner needs a name.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>And it buzzes open: the {name} is low on this side, which can pass for back bow. Raise it there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another bench has written to this neck; it is weighed anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another hand says what it costs and how long it takes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another instrument</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another neck costs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another neck is fitted in place of this one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another neck plays and sounds a little otherwise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another neck was opened meanwhile; {name} was not taken in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another of its kind costs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another table is still being read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another way is advised; this one is open to you.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another window is writing to this logbook. This was not written down; take it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Any one reading</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Archives (*.zip)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Arrows choose a fret. 1 to 3 take the next reading. + and - heights, * strings, / light gap, 0 string room.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As it is it would sell for about</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As it is, or after a way forward</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As it should be.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As little metal as possible is filed off, so that every note rings clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As proposed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As short as possible near the binding. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At fret {fret} the slot is {deep:.2f} mm deep in a board {board:.2f} mm thick: one of the two is misread, or it is sawn into the neck. Nothing is trued until that is known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At the bend</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At the earliest tomorrow.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At the end no light on three lines, unpressed{gauge}; grits to 600 before the wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At the headstock end and under the neck, little by little; held down at the body.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At {named}. Out entirely costs that much metal; shallow ones may stay by agreement.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Atkinson Hyperlegible Next: OFL-1.1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back bow the tangs are to bend in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back bow under string tension: loosen, never tighten.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back bow with a slack one-way rod: the rod can't help. Heavier strings, or level as it lies so that the frets carry the relief.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back bow{where}: {mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Backspace strikes: {act_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Backspace strikes: {words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Backspace types it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bagged in order and labelled, the nut and its shims with them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Band on top</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bare board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bare face: any tape that leaves no glue; along each fret first, then between them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bare neck, no strings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Basic round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beam or stone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Because: {reasons}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Before stripping</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Begin this round again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Being worked out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bench sheet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bend back {back_bow_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bending card for {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bent to over left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside the job</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside the price</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside you</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bevel the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bevel to about 30 degrees, flush with the edge.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bevels that stand proud</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Binding, how wide on the face?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Block of {block_mm:.0f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Block of {lengths_mm:.0f} mm, {low} to {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Block or beam</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Block {block_mm:.0f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Board radius</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Board width at the end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Board width at the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Board wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Body and neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Body joins at fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bound edges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bow by the tangs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bow that no rod answers: strings, the frets if they can pay, new wire, heat; a cure that costs more than the goal is named beside a new neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bow wanted {length}; so driven it comes to {length_2}, give or take {length_3}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring the ends back to the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring the zero fret down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By a hair only: too much, and the outer strings slip off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By ear</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By hours {money_words} ({low} to {high}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By the wire as described so much metal is gone: fret {named}. The height stays when it is crowned again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By {it}: {gone}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Caliper on a crown</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Came with it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cautions</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change strings or tuning</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the words as you like; the page follows.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cheap cures first. {gist}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Check unloaded: hand weight hides a gap, a tight end clamp lifts the middle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Checking neck {id}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Checking the file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose a kept set or a tuning to compare with.{capo}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clamp a little past straight</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clean from</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clean from, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clean the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cleaned only: dirt off with fine paper. What is not flat stays, and the first level takes it: {length}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clear the hole and find the key: the rod has not been tried yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clear the hole, try the key that fits, grease thread and washer.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Clocks that run</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Closing round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Come back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Come back when a note buzzes or the strings lie otherwise than now.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare the metal taken from each of the last frets: only one of them stood high. Take the edge that reaches three and no more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare the minutes: twenty-two crowns were made for nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare the relief before and after tuning. Tune first, after every move of the rod too.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare the relief on the day and two weeks later. Bend it past straight, let it lie, read it again, and only then set it up.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare with a kept set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare with another tuning</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Complaint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Condition on arrival</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copies</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copies by their day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copies of a server's logbook are made there; the archive holds all.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copper ring</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copper, rising</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Copy of</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Corners left alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Costs  (.)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Could have been known</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Count the turns until the first answer. Slack is where the work begins, and nothing says yet how strong the rod is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Count what was filed: the frets that rocked were right. One fret lifted or replaced would have spared them all.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Counted from where it was found the rod would stand more than 20 turns away; no rod has that much. Not written down: strike out the moves that were not made.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Course on top</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cover pickups, finish and binding; record the relief as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crimp or mushroom the tangs that need it first: bending opens again what is crimped afterwards. Bent a little tighter than the board, cut a little long by the cut list, into the numbered holder. {nipped}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crimp, bend and cut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown about</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown fret {fret}; all of {low} to {high} with /.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown the worn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown what is worn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown {listed_frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown {named}; grooves to their bottom, {length} at most, flats from the shoulders.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown, height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown, level or new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown, mark with ink</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown, then level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crown, width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crowned before the bow was seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crowns are under the least that is kept, and nothing asks for a file: none has anything left to take. New wire when they wear or buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crowns differ by {mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Crowns down to {length}, under the usual {usual}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cut along each fret through the lacquer first. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cut list</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cut list for {title}, {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Damaged, to be looked at only: {damage}{more}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Damp</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Damp one part after another with a finger while the note sounds.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dark</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dashed is a forecast or an estimate, solid was measured.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dashed, solid</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dead straight, the tightest note has {float} of room and the widest {float_2}; with {best} of relief it is {float_3} to {float_4}: the same string height, more even room.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>DejaVu Sans: Bitstream Vera licence</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Depth foot</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Depth of the slot?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Depth of the tang?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Described, not measured yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dial to zero under tension</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dial to zero under tension, strings off, supports raised until the dial reads zero again. In the bar the neck then counts as held in its jig.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dirt off with fine paper, 800, dry; a straight board is not planed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Does every fret sit?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Does it hold</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Don't force it: a snapped rod is a new neck. A spacer under its nut may give it back some travel.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Don't force it: a snapped rod is a new neck. Old glue, a dry or chewed nut and a spent rod feel alike.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Don't linger at {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Drawings (*.svg)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dress the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dressed in {dressed_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Driven by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dry</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Each corner by a hair only: rounded too much, the outer strings slip off the edge. Keep 2.5 mm or more from the middle of an outer string to where the rounding begins.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Each thing a way asks of the owner, and whether the answer is there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Early and little: between the frets, with a scraper or fine paper, before the ends are touched, so that the hand runs over wood and wire alike.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge and gauge once more, unpressed: what is left shows in New wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge from</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge on the frets, run on: how high over the bridge's top?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge on the wood or over the new tops, slack, on both sides: how far has it come back? New wire then says how fat the next tangs should be.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge resting on the frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Edge to lay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>End of the round. {left} left open: Up goes back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ends come after the tops, rounded early and little.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ends of frets are sharp or stand out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ends of the {lane_words}, {low} to {high}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ends too round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter begins</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter ends this neck with a score. Bench goes on with it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter goes on with it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter keeps it, Backspace types it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter lays it. The light is drawn as large as an eye sees it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter lets the truth come out and ends this neck with a score.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter opens</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter takes this way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter takes {taken},{keep} Backspace types it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter ticks the step.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter when it is so.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: Choose</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: Map</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: all agreed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: back to Choose</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: back to Map</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: look along the tops.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: their first neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: to Choose, where ways are weighed and one is taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: turned. Left, right: another turn. /: not counted. -: leave it so. *: how it feels</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter: {does}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Entry {number} can't be read ({why}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Even room</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Even the tightest tangs lack {length} of the bow wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every fret pressed, light along its edge: * moves, + stands off. What stands off is seated again, not filed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every fret pressed: a beam only holds a loose one down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note has room and nobody complains: no fault, whatever is usual.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note is clean at that height as it is: nothing to file.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note rings clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note rings clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every note was heard clean and nobody complains: no fault, whatever is usual.{beside}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every slot holds this tang as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every top is marked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every top touched, rod where it costs least: strung up {length}, give or take {length_2}, then the rod to {length_3}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Everything into one archive</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fall-away at the last fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fall-away begins at fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fall-away past the joint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fall-away {fall_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Far too much bow; the rod is said to be dead.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fatter tangs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fatter tangs would push back instead, and leave the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Faults beside the job</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Feel the key before turning it: slack says that there is nothing left, not that the rod is spent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Feel whether the rod turned or only the key. Nut first, then the rod, then anything else.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fewer letters, or another time free, find more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Figures and dates as in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Figures and their words; nothing here is a verdict.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>File on fret {fret}, {where}, by {pressures}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>File one fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>File {frets} until the ink is gone and the rocker {until}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>File {frets}: every note clean, each nine times in ten, at {height} low and {height_2} high over fret 12, relief {length}. A full level takes {length_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>File {listed_frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filed as it lies to {length} of {what}: strung up {length_2}, give or take {length_3}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filings and steel wool kill pickups and magnets: tape them over.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filled: solved. Struck: tried.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find a neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find the noise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Findings and advice are shown on this neck from now on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Findings and advice are silent so far; 3 lets them speak.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Finish</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>First: {gate}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>First: {waits} </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fit it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fit wire in the empty slots, so high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fit{clamp} {listed_frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Five frets are worn out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Five frets that match</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fixed prices, by way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Flat on the crown, how wide?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Flats up to {widest} wide</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Flush without touching the finish, then about 30 degrees by the bevelling file; ends sealed.{fill}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>For clean notes at {height} low side, just clean takes {less}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>For {title} we quote:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Forget</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Form</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Forms</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Found as it came in: {split}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Found beside the job: {split}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Four hours in the clamp. A file or a string before that lifts it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Free the rod nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret by fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret ends past the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret number and * as the ink goes, in its order. Enter: on all the others it is whole.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret number and * if it moves, - at its low end, + at its high end, / firm with light under it. Enter: no other moves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret number and * sharp, + past the edge, - bevel proud, / lip from tape. Enter: the others are fine.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret number and * where it rocks. Enter: all the others are still.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret wire height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret wire width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {cursor} is marked.{more}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {cursor} is unmarked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {cursor} rocks. A leaf under it? Type it, or go on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {frets}: too wide or too low to crown; new wire is the cure there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} has {mm} of crown left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} here is trued again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} here stays</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is high at its {ends} {which}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is low</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is low by {size}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is not seated.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is up at its {ends} {which}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is up in its middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} is written down as {how}. Take the rocker over it again before filing.{low}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} lies {over:.2f} mm under its neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} lost {took:.2f} mm and stands {left:+.2f} mm to its neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} may be filed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} rocks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} stands proud by {size}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} stands {over:.2f} mm over its neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} was pressed home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} went too far: it sits {length} low, and a full level takes {length_2} more of the others for it. Lift it and glue it at the right height, or put new wire there, before levelling.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} would keep {length}, less than {length_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} {does}{where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret} {it} on the {where}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret}, string {string}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret}, {lane_words}: the map says {tops_mm:.2f} give or take {doubt:.2f}, true is {true:.2f}; {told}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret}, {side}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {fret}. Height of the crown over the wood?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Fret {n}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets and rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets are in the way of a block on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets are out: no strings go on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets left alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets that are out come before everything else: new wire in, then all is weighed anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets {fret} and {fret_2} rock around it: one low fret between them is likelier than two proud ones. A leaf under the rocker tells.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Frets {start} to {stop} are looked at here, not {text}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From above</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From below, flat on fine paper; mark before filing, check the break of the strings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From the side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From {visits} visits, give or take {doubt_mm}. Ten percent of humidity are one and a half to two percent of moisture.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Full survey</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Gap as one number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Gauge: press to connect or let go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Gauges not listed: {newtons:.0f} N a string.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Given back, bagged</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Given back: {returned}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Glue in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Glue is under {fret}, a clamp on it. It needs its time.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Glue under fret {fret} with *, wait with Enter.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Glue, and wait</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Glued</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go on without a word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go on: {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Goes or not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Gone; {necks} without a name.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Groove under the string, how deep?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Grooves</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Grooves left by agreement would keep the frets taller.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Grooves that stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Grooves up to {worn} deep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Half of it is off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hammer: ends first, then the middle, light blows.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hands and files</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hardness</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heat burns, melts binding, lifts finishes and parts thin laminated boards: never leave it, never on lacquer.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heat may not hold: the bow may come back, and then it is a matter of rod or neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heat that comes back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heat, clamped past straight by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heat, one cycle: {out} of bow may come out, and it may not hold.{done} Judged by travel regained: strung up with the rod tight, the rod has to be loosened to the relief wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heavier strings, about {it:.0f} % more pull: {words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heel or pocket, how long?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Height less groove less what a level takes, against the least crown: the sum could be done before the first stroke.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Height of the crown?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Height of the metal; the dashed rule is the least to keep.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Height wanted at 12, high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Height wanted at 12, low side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Held at its strung shape, rod set straight: no guess at what the strings pull.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Held at its strung shape: {length} of relief dressed in as the strings will see it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Held by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Help for {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>High side {high_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>High strings, no rod.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>History</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hold the relief read at 1 and the joint against the one read at 2 and three frets less: where they part, a support lied.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hold the string at (0: the nut)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Holder for {title}: sheet {sheet} of {holder_sheets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Home-made tools only</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Home: all necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Home: the shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hours a week at the bench</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How I read relief and file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How far a tool may be off, as you know it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How far each may be off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How far it went</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How it was said</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How many more light levels the thinnest fret has in it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How much relief there is isn't known yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How often the stated ranges held; nine times in ten is meant.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How the promises held</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How the rod felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How the tools repeat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How to keep it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hump at the joint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In Measure, both sides.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In Prove: what was promised beside what came out. Play every note.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In all {words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In and out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In it: {listed}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In last, about 0.13 mm (5 thou) over the others; never filed with them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In {name}: {faults}{more} Nothing was taken in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Indicator run</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Indicator's smallest step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ink along every crown: the last ink to go shows the lowest top.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ink gone on fret {fret}{where}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ink on {listed_frets} and their neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ink on {listed_frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It binds and won't turn; the nut is gummed up. Never force it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It brings every top down to the lowest it meets, also for one that only ducks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It buzzes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It can't be saved there ({why}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It chokes around the ninth fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It comes due half a year after it was last read, each time, once its work is done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It costs {n} frets of new wire or more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It costs {n} minutes or more at the bench.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It costs {n} mm of metal or more, summed over the frets, and it never comes back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It costs {n} mm of wood or more, summed over the frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It could not be put back ({error}). Nothing was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It counts again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It dips {where} towards the body: no rod setting straightens both.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It goes down with a crunch.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is clean now, and its corners are still gone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is cold again and out of its clamp.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is left as it lies where every note rings clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is written, but what was kept aside can't be shortened on this disk.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It keeps the neck {days} days.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It lies on {on} {low} and {high}; most light at {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It lies on {on} {low} and {high}; no light.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It rocks about {it}{middle}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It shows what is large. Hundredths it does not show.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It stands on whatever lies on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It stays named until the nut is mended, whatever is felt since.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It stays with us about {how_many} of work.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It stops hard. Never force it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It turns with nothing behind it: slack.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It turns with two fingers: the rod is slack.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It turns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It waits for a part.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It waits no more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It was measured; nothing was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It wears {wear_mm} a year by its own crowns: {years:.0f} years to {least_crown_mm}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It went too far when it was pressed. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It won't move at first, as if glued; there is old dirt on the nut.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It would sell for {money} more than now.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It {reason}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Its description can't be read whole ({why}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Its fret and *: rocks there. +: lies all along. -: on its ends, light between.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Its joint fret is {joint_fret}, past its last fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Its neighbours rock over it; they are not proud themselves. {sure_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Its number and Enter, or press it. Enter alone comes back here from a reading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Jaws, a little at a time from end to end.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Just clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep as a set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep it where the air is neither very dry nor damp, 40 to 60 percent humidity. Never leave it in a hot car: from 35 °C on glue may open. Wipe the strings and the frets after playing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep this description</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep this wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep {least_board_mm} of board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep {least_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keeping {length} instead would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Kept as {name}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Kept safe</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Kept with {where}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Key drawn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Key on the rod nut. How does it feel?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Key on the rod{rod}: {it}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Key seen from {where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Key that fits</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keys of this page, and what is to be seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Kind of rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lacquered board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lacquered face: low-tack tape, two layers, pressed down along each fret; peel it flat and slowly.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lacquered face: tape it well; a slip of the file shows for good.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lacquered: the face is left alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Laid as it rests.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Laid on its supports.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lanes and frets nobody measured are unknown; what hangs on them waits for the reading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Last readings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Last work done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay the edge unpressed every few strokes. A block as long as the board, run off its ends, leaves no hollow.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay the neck as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leaf that slides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leaf that slides +, drags -, won't go /. A number: Enter. A support: fret, *.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leaf under a rocker</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Least board to keep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Least crown</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Least crown to keep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave fret {fret} alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave it clamped until quite cold</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave the glue its time</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave the oil its night</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave what is being worked out; all readings are kept</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leaving the shallow grooves, with the owner's say-so, would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Left behind: {loose} frets that move, {flat} flat tops, {out} out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Left for now: Space takes it up.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Left for now; Space takes it up again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Length of the clamping block</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lengths in mm, or with their unit: 2in, 12t, 1/16in. Kept as you type.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lessons</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lessons and forms have their own good way; the advice plays whole necks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the advice speak now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the truth come out?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Letter to the owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Letting the file touch them would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Level all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Level all frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Level as it lies</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Level, held as strung</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Level, rod straight</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lift a fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lift {listed_frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lifted, with the reason.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Light</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Light at both ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Light gap</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Light or dark bench</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Light under the string, or an edge that lies all along, answers it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lighter strings, or a semitone lower: less weight on the hand though the relief is right; {words}. A slacker string swings wider.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lighter strings, or {how}: {words}. A slacker string swings wider.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Likely {likely} before the lowest top is reached, give or take {off}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Line settings of the gauge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Line {number}, {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Line {number}: {error}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lips left by tape</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>List title</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Listen to the open strings. It is taped over, or not yet in, while the others are levelled.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Local codes, product sheets and licensed practice come before anything said here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Log a rod move: {label}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Logbooks (*.db)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Long beam</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look again after one to two weeks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look at the fret that chokes: your beam never cut it. Press every fret before any beam touches the neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look at the frets beside it: they pay with metal for a press that was too hard.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look over (0: half-way)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look through the logbook</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look where the edge touched and whether it rocked. The relief before the hump was never at fault.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Looking over</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loose frets are pressed home and glued.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loose hardware is blamed only where nothing measured explains the noise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loose in {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loosen them all evenly, let them hang.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loosen them evenly.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loosen them evenly; take them off or tie them aside.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Low side {low_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Low string at {float}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lowest clean over fret 12</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Made by themselves. Nothing is put back before you have looked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Make a copy now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Map shows what the readings say.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Mapping {count} visits</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Mark all fret tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Mark the fret first: its number and a key.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Mark the tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Marked {where}. File it until the ink is gone and nothing rocks: about {range_words} by what else was read. It is proud, or a neighbour is low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Marked, and nothing there: {map}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Marks on the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>May run thin: fret {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measure pocket and heel</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measure slot and tang before the first fret goes in: a saw takes minutes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measured on the tape</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Mend chips</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Message</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal  (.)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal a stroke takes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal against string height: once the relief at pitch is known</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal against string height; every way is a mark on it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal dust: extraction and a mask; wash hands.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal give or take {metal_doubt_mm}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off against string height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off each fret by this way.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off in sum: {metal_mm:.2f} mm{plain}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off, all frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal off, summed over the frets: {metal_mm:.2f} mm{least}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal that is filed off does not come back; a second pass may be needed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal to spare, and the owner's say-so, would bring the others down to it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Metal, wood and old-finish dust: extraction and a mask; wash hands. Several dark woods sensitise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Milled so narrow its crown would not cover its barbs.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Minutes of hands so far.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Missing: screws, parts</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>More</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>More is measured before anything is decided.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>More wood off at the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>More would have come of: {named}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Most string room for the metal: the bend of the curve</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Moves without an answer: the rod is spent, or only its nut turns. See that the key bites and the nut is not chewed before calling it spent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>My edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>My tools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>NOT AGREED YET: {open_still}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Name of the set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Name or number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck angle reset: the strings are high, the saddle is spent{climbs}. {angle_degrees:.2f}°, {heel}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck as the wood stands best: {held}. Pencil all over, edge laid unpressed on three lines and the radius gauge every few strokes; along the centre line, the ends get less travel, so mind the middle. Coarse paper (36 to 80) only to move wood, then finer to 600 now: the wire is in the way afterwards. Stop at the slots' depth and at the laminate; break the sharp edges of the board.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck joint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck sheet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {id}, {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {id}, {title}, is damaged and was left out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {neck}: it has had its time.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {number}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {number} is damaged: {damage}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {number} of {number_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Neck {number}, {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Necks in this copy</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Never force a rod. Strings down where it binds; after a whole turn, pause and look.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Never force a rod: a snapped rod is a new neck. Slacken the strings when the tool binds or can't reach.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New frets beside old ones may be told apart, by look and by feel, and wear otherwise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New frets, and the fingerboard planed to a better angle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New frets, held so tight that they bend the neck back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New tops stand a little high and low: one light level, weighed once they were read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire all over would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire all over, as agreed: {note}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire all over: {listed}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire among old wire must be as high as its neighbours, or a little higher. What is much taller is filed down to them, with all its years of life.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire for these frets would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire for {frets}{kept}. Only with wire of the same width within {length}, as high or a little higher; wider wire is milled.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire for {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire in {frets}: one light level brings its tops together{metal}.{held}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire is read, pressed and levelled lightly; what was read of the old says nothing of it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire was round to {new}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire, angle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire, fat tangs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire, trued</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New wire, {which}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next: {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No archive could be made. {error}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No copy could be made ({why_not}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No copy was made yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No crown before relief and back bow are known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No crown height was measured: metal left is counted from the wire as described.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No flat is wide enough to need a crown: a light pass with fine paper along each fret will do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No fret and no relief explains the noise: loose hardware, a slack screw, a nut slot, a string's winding.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No fret stands off the wood by these readings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No fret stands out by these readings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No grip left, or another wire wanted: new wire, with why nothing smaller will do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No height measured so far asks for metal. Strings, nut and saddle first if it does not play as wished.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No height read on the {lane_words}: {{}} taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No job was finished and measured yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No leaf of yours, nor two together, are that thick; kept as typed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No light shows under the string: straight, or bowed back, it can't tell which. Lay a long edge on the frets and see whether it rocks before anything is turned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No longer looked at by season.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No metal was taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No metal, no turn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No notched edge of yours fits a scale of {scale_mm:g} mm: print one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No number here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No owner yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No price yet: Prices takes an hour's, or a fixed one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No price yet: Prices takes an hour's, or fixed ones.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No price: Prices takes an hour's, or a fixed one for this way.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No price: Prices takes an hour's, or a fixed one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No reading was taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No relief is known yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No rocker edge named yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No rocker edge of yours fits {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No rocker would move: there is nothing to file.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No slot is empty.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No strings are listed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No turn is due</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No turn is needed for the relief.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No way is in hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No way is in hand yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No way was chosen for this neck yet, so nothing was promised. The closing readings are kept all the same.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No wire on the shelf yet. Take one in: its sizes, measured on this run.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No wire on the shelf yet: + takes one in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nobody has pressed it yet: press it before you believe it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>None would have told more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>None, in the price, or on top.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not agreed with the owner yet: {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not answered yet; it stands until {day}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not enough by itself: {words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not enough metal to file what stands: new wire for those frets is the honest cure.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not every lane was read: tops there are taken from the others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not known yet: {listed}. Until then nothing is filed and nothing is called fine.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not known: no rocker, dial or edge was taken over the frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not known: the tops on the {lanes} were not read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not marked: {map}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not on a lacquered board: heat lifts the finish.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not solved</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not ticked. {waiting_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not written down: {faults}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not yet: {waits}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge for {scale_mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge for {scale_mm:g} mm, sheet {sheet} of {count}. Print at 100 %, not fitted to the page.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge on wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge resting on wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge to print</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge {other:.0f} on the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edge {scale:.0f} on the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notched edges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Notches of another scale</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Note</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Note the gauges in Take in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is done; it is looked at again later.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is left of the course: {why}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is left to be done on it, or it waits for somebody: no day to name.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is left while the readings show a cause.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing left to let out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing loses its ink.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing read so far asks for new wire; it is planned because it is wished for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing read twice speaks against a setting.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing stood proud.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing that reads as a table was copied.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to file.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to gain by filing: the strings can lie as low as after a full level.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to press home.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to take back here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to take back here. {elsewhere}: undo it there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing typed yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was felt here that is not written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was lost.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was offered: a way is chosen on Choose.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was played yet. What you play is drawn here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was quoted yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was read on this neck yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut and saddle to the new tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut and zero fret have each their own cure, in both directions, side by side.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut back with a drop of glue, no more. To pitch, then let the neck settle for a while.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut lies to the right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut out of the way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut slot</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut slots: {parts}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut taken as right: {{}} over fret 1 when pressed at 3.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nut, saddle, rod nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nuvrek</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nuvrek {version}: GPL-3.0-or-later, without any warranty</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nuvrek: a look at a job file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nuvrek: a made-up shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nuvrek: practice</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Odd: {place_words} says {value_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Of {number} of the hundred: clean {own} by you, {theirs} by the advice.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Off at the nut {angle_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Offered. Enter shows what this program would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Oil the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Old frets and nut to the owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Old parts</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On arrival</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On both sides {said}; the one of {replace} stands.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On it are now: {strings_on}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On leaving</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On my bench</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On one fret, light at both ends: it rocks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the bench</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the papers</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the shelf, m</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the straight board; the relief stays open until it is strung.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the {where} it lies still, and no light is seen.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the {where} it lies still, with light under it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the {where} the edge rocks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On top of the work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One crown height tells.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One fret in the middle chokes, some days more than others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One fret is proud. File it until it is right, and not a stroke longer.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One fret rocks.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One light pass of the file after peeling.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One low fret, two rocks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One moment.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One of the figures of the heating can't be; look at them again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One press a fret; the fret moves on. Arrows go to another, - turns the sign, * the other way, Enter leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One reading, then back to Map.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One stroke less would have been right.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One that is pressed and holds is filed like any other, an end on that end alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One thing after the other: something is still being read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One trial fret driven and judged: light in its middle, it is bent too tight; light at its ends, too flat. Then each piece tried in its slot.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One visit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One-to-two-week look</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Only fret {fret} is filed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Only the frets that stand high are filed, and rounded again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open strings that buzz on one side look like a back bow of that side. Two rods make it easy to bend half a neck for a nut slot that is too low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open text (*.json)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Or: {gist}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Other strings, or another tuning.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Other wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Other wire wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Out of each stick: {sticks}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Out, in, and through</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Outer string to the end of the fret?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over both its neighbours, {where}.{by_caliper} {certain}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over the barbs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over the barbs, how wide?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over the zero fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over weeks {moves}.{settles}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over {fret} it {it}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Over {number} years of wear that is {money} a year.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Owner  (+)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Owner {i}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Owners</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Page Up, Page Down: the stage before, after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Paper {papers}{finer}: along the fret, then across it, until the marks of the one before are gone; the ends through the same grits. Skip none; what stays in now stays for good.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Papers</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Papers kept with this job</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Part of the list of necks can't be read ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Part of the list of owners can't be read ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Passed over: the advice goes on what was read before.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Past the joint the board climbs. With high strings and no saddle left the neck angle is at fault.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Past the joint the board falls away: room for the swinging string up there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Peel the tape, one light pass at the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Peel the tape, then one light pass of the file over each end with a lip.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pencil goes first at {first}, last at fret {last}: then stop.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Perhaps: measure again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Photo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Photo kept with the reading: any key closes it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pick a tool by its digit.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pick one by its number, 1 to {count}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Picture  (.)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pictures (*.png)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pitch less slack, give or take {pull_doubt_mm}. A tone lower: {words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plain edge on the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plain edge resting on the bare board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plan new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plan the filing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plastic that glue won't take in the slot, dust of the same wood packed in, thin glue, again until full; filed flush, 240. A chip the new bead covers may stay.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play every note in String room.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play the outer strings up the neck and push them a little outwards.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play up the neck: * where it buzzes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Player's touch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Please come back: {come_back}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Please look it over.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Please set it up; I play it at pitch.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Please tell us which way you would like, or ring us if anything is unclear.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Points of what you played.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Polish from {grits} to {grits_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Posture: press to change</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Practice</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Practice can't be kept ({why}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Practise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press at 3 and look over 1: the string lay on the fret. Fretted notes of the same string rang clean all along.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press every fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press every fret. Which one moves?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press fret {fret} home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press fret {fret}, {where}, {forces}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press it again: all necks go back to that day; today's state becomes a copy.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press it again: name, address, words and letters go, also from the copies.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press it at (0: the joint)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press it home first: it may only have sprung. Then let it in, or a few strokes on it alone; it is not levelled with the others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press the button of the stand-in gauge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Press {frets} home, then read again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressed at 3 the string should all but rest on fret 1. Too high plays sharp in the first frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressed at 3, a look over 1; or the open strings, played.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressed at 3, the string all but resting on fret 1 would change it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressed too deep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressing cauls</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pressure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pretty frets on an uneven board are work done twice. Whoever crowns before the edge has lain on the neck crowns again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Price against what is gained</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Price beside worth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Price of a metre</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Prices</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the lists</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Progress</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Progress of the round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Promise and result</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Promised for {day}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Prompt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Prove holds promise and result side by side.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull every fret from low to high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull this fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull {listed_frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pulled with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put all of it back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put back; today's is {all_back}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put it on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put this neck back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Putting the readings together</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Quick look</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Quiet the hardware</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Quote this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Quoted and frozen; Papers has the page for it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Radius at the end, if other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Radius gauge that shows no light?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rags soaked in drying oils can light by themselves: dry them flat outdoors, or under water in a lidded tin.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Raise the strings: {parts}. A gauge under each string, not the outer two only.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Raise the supports until the dial reads zero</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read a tone too low</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read again before crowning</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read before stripping</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read it again strung up, before nut and saddle are set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read it, decide, work, and make every note ring clean at the wanted height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read on in Measure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the bare board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the bow so far</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the new tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the relief again; another cycle if bow is left.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the relief strung up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read the trued board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read {listed}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read, rocking, or not spoken of yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reading row {row:,} of {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Readings written down: {readings}. {minutes:.0f} minutes of hands, {days:.1f} days.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ready likely {likely}, nine times in ten by {by}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reason to go on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reckoned from the air, {moisture_percent:.0f} to {moisture_percent_2:.0f} % moisture, between {least} and {most}: {what}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Refer it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Refused</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Refused, written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief and tops as they shall be: both move the strings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief and tops ask for nothing; the string height does.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief at pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief at pitch is not known yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief at pitch over the moves, {value}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief at pitch {length}, {where}, give or take {length_2}: {state}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief filed into the tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief follows the new pull over hours and days.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief for this touch: {even_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief is already as wanted: {length}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief is read with the strings at pitch. Enter when it is so.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief is the answer of the neck to its strings, and strings that are down pull less. A rod set on such a reading is wrong as soon as the neck is tuned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief off and frets even: the rod, by quarter turns at most; no rod turns under a stop.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief on such a scale is usually {usual:.2f} to {usual_2:.2f} mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief on the high side, if other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief to aim at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief wanted is now {even_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief {both}, strings at pitch.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief {mm}, give or take {doubt_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief {said}{where}: {is_what}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Relief{side} from {now_mm} to about {after_mm}, between {low} and {high}{later}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Resting</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Retuned? </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Right, if the open string rings clean; if it buzzes there it is low, and can pass for back bow.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ring, square</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker and relief tell.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker edges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker every few strokes. Stop when the rocker is still and the ink just gone; check unloaded.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker half-way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker lengths as a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker over the seated frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker over three lanes, the dip, flats and crowns: the round After levelling. No crown is rounded before the tops hold.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker pass</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocker table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rocks that may stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod and setup</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod first: {length} {way} than now.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod fitting, or the board off and the neck trued: no rod, and more bow than frets should pay for. For the quote: relief at pitch and slack, board thickness, wood, scale.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod key</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod only</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod replacement: the rod is spent and the relief far over. For the quote: rod log, relief at pitch and slack, board thickness.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod straight, strings off: strung up {length}, give or take {length_2}, then the rod.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rod: key and trace. Press to see the key from the other end.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Roll the edge of the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Room of the string over the fret it would touch first. Minus is a buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Room, string {strings}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Room. How warm, in degrees Celsius?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Room. Relative humidity, in percent?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Round done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Round the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Round the ends by a hair</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Round the flats of {named} from the shoulders: no height is lost.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rule at a string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rule at the string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Saddle above its slot or the top?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Salvage stopped ({strerror}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sand the wood from low to high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Save</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Save with its truth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Saved as {name}, its truth beside it as {name_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Saw the empty slots deeper</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Scale length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Scale length, frets and joint are enough. Lengths take any unit of a bench.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Scraped clean, first stroke backwards; sawn {deep}, {stop}; top edges chamfered. A piece of this run tried in each: * shallow, + tight, - loose. Loose ones get a fatter tang before anything is bent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seat first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seat {frets} first: a file would only hold it down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>See how much of the new wire ended as dust.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>See photo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>See to the rod nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>See which fret the edge stood on. The scale cut into the edge must be the scale of the neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>See which frets choked the notes, and how much was taken from the others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seen from the {where}: {told}. Relief: {trail}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the neck by the rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the neck in its jig</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the saddle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the {strings} wood to {length} of {what}: {turned}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set the {tool} to what it does</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set. Readings from now on are trusted so far; My tools shows it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Shallow grooves stay, so that the frets stay tall enough.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sharp fret ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Shims found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Short leveller</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Short stone along the string line, light hand. {stop}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sight along</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slack and as it lies, held as when played; nothing bends it while it is filed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slack it is bowed back: {mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slacken evenly. The dial moves as the neck springs back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slacken the strings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slacken the strings first. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slacken the strings. Enter when they hang.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slips of paper for leaves, a cut edge, a short one for a rocker, your ears. Make it play.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slot and tang are measured before the first fret goes in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slots against the tang</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slots follow the new height: press at 3, look at 1. A temporary shim out, the nut back with a drop of glue only; saddle as New wire says.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slots shallower than the tang</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slots to be sawn deeper after it: {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slots: {does}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Snipped wire flies: glasses. Hot tools burn and lift finishes; dust of dark woods.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>So far</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>So worked the tool takes {more} more than the plan: lean where the plan is deepest.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>So worked, {frets} would keep its ink when another has no metal left: lean where the plan is deepest.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Solvents burn and their fumes do harm: open air, gloves, no flame; they take finish and binding with them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Some fingerboard woods and shell are protected: selling or shipping may need papers; see local rules.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Some frets are replaced, and brought to the height of the others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Some frets rock.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Some new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Somebody levelled it and left the tops flat.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sound: press to turn on or off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Specialist work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stage {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stands high. Slate, hollow: lies low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stick, mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stiff at the first loosening: that may be no more than old glue. Strings slack, a drop of grease at the nut, an eighth back and forth; if it does not come free, stop.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Still the matter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Still to go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Still to go by the plan {by_plan}, by the map now {metal_mm}: a rocker pass makes it sure.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop at the right stroke</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop turning</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stopped. Nothing was taken in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stopped. The readings are kept; strike some that no longer matter, or open the neck again to have another try.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Straight edge on the tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Straight edges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String height over fret 12, high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String height over fret 12, low side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String heights come after relief and tops: saddle, then the neck's tilt, then its angle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String heights not read: {{}} and {{}} over fret 12.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String heights, on every page</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String list: {error}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String list: {grams_per_m:g} g a metre is not possible for a string of {gauge_mm:g} mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String over fret 12, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String room</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String room names the frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String room names the notes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String up and tune</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String up before the level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String {strings}, {note}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>String {string}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings and setup</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings and tuning</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings at pitch or slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings at pitch, rod until the notched edge shows no light. Then the dial under the neck, half-way to the body, set to zero.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings at pitch: the dial under the neck, half-way to the body, set to zero.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off, neck off, shim the full width, screws tight only with the neck seated.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off, rod slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off, turn the rod by eighths, a notched edge on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off, turn the rod until the notched edge shows no light on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings off. The heel seats flat before the screws are tight; never force a screw.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings on it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings on, tuned to pitch. Enter when they are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings over what a full level allows</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings put on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings that ring clean with a content owner would leave it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings too low for the touch over even frets are raised; frets and rod stay as they are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings under tension whip. Slacken before cutting, wear eye protection.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings under tension whip: slacken before cutting, glasses on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings {height_off_mm:.2f} mm off the wanted height, relief {relief_off_mm:.2f} mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings {height} low and {height_2} high over fret 12.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings ▸</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings, low side first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings: + to pitch, - slack.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strings: press to change</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stripped for new wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stripped for new wire; the board is rough.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Struck out: {act_words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Struck out: {words}. Take it again, or go on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Struck out; it stays in the journal. Enter takes that back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Support right under the fret; crushed wood and split necks are for good.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Support the neck under the fret being pressed. An unsupported heel or headstock end takes less: wood crushes, necks split.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sure enough</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sure enough: relief is known within its margin, and no fret is left in doubt.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sweep the rocker once more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tab: from field to field</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tables (*.csv *.tsv *.txt)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tables (*.csv)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take a string gap on both sides in Measure.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take an archive in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take another logbook in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in a neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in a pasted table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in a table from a file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in a wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in another neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take it again: the new reading replaces the old one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take off the lips</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take one height again beside the tape. Measure before the board is masked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take one in Choose; its steps appear here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the closing readings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the closing readings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the round in Measure; the map grows with every reading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take them out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take this neck in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take this touch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take this way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Taken again; the old reading is struck out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Taken up again; the time between is not counted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tallest at fret {tall}, lowest at fret {short}, over the wood beside them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tang between its barbs, how thick?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tang ends nipped {nip}, burrs off. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tang, depth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tang, thickness</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tangs left whole. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tangs up to {length} fatter than usual, {middle}, bend back {length_2}, anything from {length_3} to {length_4}: it is learnt after the first frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tape is on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tape leaves a lip at the fret ends: one light pass each with a fine file, then the finest paper again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tape off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tape on the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tape the board and cover pickups</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Taped and ready, says the note.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tapped out from the side, shims under it noted; a zero fret is taped over.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tapped out from the side; shims under it noted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tax</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tax is one of {tax_words}, not '{tax}'.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tax, percent</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Text size</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That can't be a reading on a neck. Type it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That could not be worked out ({name}). {where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That file is no picture Nuvrek can read. A JPEG, PNG or WebP is fine.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That fret carries the edge: no gap there. Move on with the arrows.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That is no wire: {error}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That is too long for a length.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That is {mm} over fret 12; by {other} it would be about {expected_mm}. Take it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That key has no use here. {hint}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That picture does not get small enough to be kept. Take a smaller one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That picture is too large to be read. Take a smaller one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That was weighed before what you wrote down last. Nothing was written; look at it again, it is being weighed anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That was worked out for another neck. Nothing was written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The advice is playing this neck. It takes a few seconds.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The advice is silent on this neck until you let it speak here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The advice on this neck: {said}, {metal_mm:.2f} mm of metal, {readings} readings, {minutes:.1f} h.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The advice, on the same neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The advised course</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The air it lives in is not what wood likes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The back bow that fat tangs give may be nil; it is read before the frets are levelled.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bench in time</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board alone; relief is its dip below fret 1 and the joint.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board has shrunk: bring the ends back to the edge before bevelling.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board is only cleaned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board is only cleaned: no wood is taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board is trued: {length} of wood on the whole, likely {length_2}, most at fret {most} ({length_3}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board is {it} by about {it_2} than on {day}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board may chip where old frets are drawn; chips are mended.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board rises where the body begins; no rod setting takes it out. A notched edge there settles it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board would be too thin at {named}. What would do: {do}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The board's corners at {frets} stay as worn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The budget is {money}: {same}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The caul is let down on it lightly.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The course has changed: it was {before}, now it is {after}. {why}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The damaged logbook can't be opened ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The disk is full: this was not written down. Free some room and take it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The disk reports an error: this was not written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The edge covers fewer than two frets there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The edge must lie on two places.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The edge must reach over three places at the least.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The edges by the binding may show where frets were drawn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The empty slots are {mm:.1f} deeper.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The ends of the frets are rounded.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The ends that lag</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The file: {found}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The filing done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fingerboard has a hump of {{mm}}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fingerboard's end, past the body joint, climbs by {{mm}}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The first frets are worn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The first frets buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The first map's ranges held at {held} of {held_2} tops.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fixed price stands {money_words} {over} it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The folder for the logbook can't be used ({strerror}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fonts have no sign for {unset}: the page lacks it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The foot says {mm:.2f} at {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The foot sinks {mm:.2f} into the groove of {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The foot stands beside a fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fret at the nut is brought to its height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fret ends scratch.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fret looked at lies between the two that are held.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fret that ducks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The fret wire's width should be {low:g} to {high:g} mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The frets are drawn, the fingerboard is made true, and new ones are put in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The frets are even and {buzzing} notes are predicted to buzz: the strings lie too low for this touch. {gist}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The frets can't pay for it at that height: higher strings, or less crown kept, would do.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The frets differ in height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge at {path} can't be opened ({reason}). Is it plugged in, and may you use that port?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge is gone: was its cable pulled? Nothing taken is lost; go on by hand or connect it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sends without ever ending a line. Are its line settings right?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sent "{shown}", which is no reading. Press its button again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sent {number} {unit}, more than any reading on a neck.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sent {sent} while something was typed. It was not taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sent {sent}, but nothing is asked for now. It was not taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The gauge sent {text}, but no reading is asked for here. It was not taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The height lies between its ends nine times in ten.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The heights, as a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The highest notes choke.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The hours and days ahead: each neck where it can be ready.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The house's own instrument, or nobody's: nobody has to be asked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The house's own: nobody is asked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The house's own: nobody is asked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The instrument</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The joint fret is {joint_fret}, but the neck has only {frets} frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key sits well now.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key sits well.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key slips in the rod's nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key slips round in the nut; nothing turned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key slips: the nut is chewed, which says nothing about the rod. Renew the nut before judging the rod.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key turns round in the nut: its corners are gone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The key, felt before it is turned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lacquer is cut along each fret and touched up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The last notes choke.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The last thing done on the practice bench was torn and is left out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The last thing written down is {page}'s ({what})</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The leaf that slides should be thinner than the one that drags or won't go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The least crown to keep is not below the wire's height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook could not be looked through. {error}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook could not be used ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook is damaged. {wrong}{more}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook is whole: {size} read, one by one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook on this server was written by a newer Nuvrek. It was left untouched; please update.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook {name} can't be written to (read-only). This was not written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook {name} is damaged ({found}). It can be looked at; nothing is written into it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook {name} is damaged. Nothing in it was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook {name} was written by a newer Nuvrek. It was left untouched; please update.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The logbook {path} can't be opened. Is the folder there and writable?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The low string chokes behind the eighth fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The metal that is left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The middle gives way by {left_high_mm} under the hand: check unloaded, or back it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck bows backwards by {{mm}}, so that strings buzz on the first frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck bows forward by {{mm}}, more than is wanted: strings lie high in the middle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck is S-shaped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck is being weighed anew, and what is taken follows from it. One moment.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck is straighter than is wanted, {{mm}}: strings have little room to swing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck is tilted in its pocket.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck is warmed and clamped, so that it straightens.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck of a word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck stands up in the middle under string tension.{also} {sure_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck through the years</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck was begun. Take the one reading that would tell most, and write it down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck was read, the purse is small. Choose the way you would offer.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck waves: it dips in one place and rises in another.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The neck {word}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The new tops read, every fret pressed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The new tops read: rocker in three lanes. {gate}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The newest copy is of {newest}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The notched edge for {fit:g} mm fits.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The notched edge on the wood had it all. No rocker found anything, for single frets were never at fault.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The notes before the body joint choke.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut can't be reached: clear the hole, find the key that fits. The rod itself has not been tried yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut holds the strings higher than they need at the first frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut is raised, lowered or made new.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut is worn low: open strings lie on the first fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut mended and turning freely; the relief read again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut of the rod in the neck is freed or renewed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The nut of the rod may be past freeing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The old frets come back to you, bagged.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The old neck comes back to you.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The open high strings buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The owner's budget</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The page as it will be printed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The place that is asked for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The promise is taken back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The radius gauge says {one:.0f} mm at {before}, {two:.0f} at {at} and {three:.0f} at {after}: no board is cut so. Take fret {at} again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The reading that would save most metal: {asked}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The readings speak of {named}, and no way here cures it: have the neck seen to.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief at pitch is not known well enough: take a string gap on both sides.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief ends {n} mm or more further from what is wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief is read again after every move.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief is {relief_off_mm:.2f} mm off what is wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief is {worst:.2f} mm {side} than wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief isn't known well enough</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief needs no turn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief went the other way. The rod works; either the key was turned the wrong way, or this rod works backwards: turn it back and read again, then the sign is known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The relief went the other way: {said}. The rod works; find its direction first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The results of practice can't be read; they were set aside.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rocker stands on four</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod binds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod can rest</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod in the neck is turned, so that it bows as much as is wanted.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod is at its end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod is at its end. A spacer under its nut, compression fretting, heat or a dressed-in relief are what is left; a new rod is specialist work.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod is out of it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod is turned back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod may turn out to be at its end; then nothing is forced.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod resists: it is not to be forced. Slacken the strings, clear and grease its nut, then try an eighth.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod set and the relief read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod would have to move the board by {length}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod {did}: a {kind} one</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod's nut can't be reached</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod's nut is {rod_nut}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod's nut: cleared and greased.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rod's nut: renewed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The round After fitting: every fret pressed, rocker in three lanes, back bow, crowns. What was read of the old wire says nothing of them; the level is weighed anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The round Bare board: edge on three lanes, radius, low corners. New wire shows what is left to take.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The round Before stripping: relief of wood and tops at pitch and slack, where the bend sits, radius at several frets, thickness of the board, edge run on to the bridge.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The round is done. Up goes back to a station.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rule stands on the fret beside the string.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The run goes towards the body.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The run goes towards the nut.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The saddle gives no more on the {lane_words}: {length} of it must stay, and {length_2} would be lacking: neck angle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The saddle is set higher or lower.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The saddle of the {lane_words} is {moved}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The same neck again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The server can't be reached, and this machine's disk takes nothing either. This was not written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The server of this logbook can't be reached. What is open goes on being shown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The server of this logbook can't be reached. What you wrote is kept aside on this machine; it is offered under Kept safe when the server is back.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The settings are damaged and can't be set aside: the usual ones hold.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The settings can't be read ({why}): the usual ones hold.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The settings could not be kept ({strerror}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The settings were damaged: set aside as {name}, the usual ones hold.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The shelf can't be read</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The shelf is empty</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The shop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The shop's name</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The slot may chip when the fret is lifted; it is mended.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The slot of the {lane_words} is {moved}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The stop is felt, and the caul comes up again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The string all but lies on fret 1, {side}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The string height that is wished for asks for no more than just clean: {less}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The string list has {strings_in} strings, the neck {strings}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The string over the middle at pitch, and an edge where it shows no light.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings are at pitch: let them down before this.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings are high.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings are slack.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings are slack: {why}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings end {n} mm or more further from their height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings have worn grooves into the frets, up to {{mm}} deep.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings pull {pull_mm} of relief into it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The strings stand {height_off_mm:.2f} mm off the wanted height.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tape is off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The thinnest fret is {fret}, with {length}; under {length_2} it wants new wire.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The time is up.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tongue rises</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tongue that climbs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tool brushes {frets} as well: a shorter stone, or lift it there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tops are level and {how_many} worn by up to {length}: re-profile them, then a light level brings what is left together; the crowns can pay.{agree}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tops are level; only {named} are worn. {gist}{agree}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The tops of frets are worn flat.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The true caul, until its stop is felt.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The truth comes out first: Enter.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The truth over your map</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The truth.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The two rods pull against each other: one was tightened, the other loosened, and the sides do not part. Bring both back to where they were, then turn them alike.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The two sides of the neck dip unlike.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The way is taken. Here its work is done by hands.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The ways are being weighed anew. One moment, then Enter.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The ways that are advised, in order, with what each waits for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The wood before, and as it is to be.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The words of the paper</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The work is passed on to a specialist.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The worn frets are rounded again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The zero fret lets {length} under the string over fret 1, about {length_2} is usual: press it home if it has sprung, else let it in or bring it down by {length_3}. The nut only guides the strings here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {file_for} concave file alone. A groove: until its bottom just goes and no further. A flat: from both shoulders, the line of ink on top stays.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {file_for} concave file, from both shoulders, until a line of ink {land_mm:.2f} mm wide or less is left on top: the ink is the height, don't file it away.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {lane_words} string stands {height:.1f} mm over 12.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {more} side dips {mm} more than the {less} side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {name} is high, {side}: {mm} over fret 1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The {tool} repeats to {unit_words}, by {how_many} of readings of one place; it is set to {unit_words_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Their words</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Then read the string heights again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Then the relief, the right way round.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Then the relief, with a rod that can be judged.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Then {change_words} in all. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Then {words} in all. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is another owner of that name; add a place to tell them apart.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no form '{key}'.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no fret to press.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no lesson '{key}'.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no list to keep yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no neck {number} on the shelf.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no such note to judge.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is nothing for a key to turn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is one rod only.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is {over} relief than wanted: the rod comes before the file.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>These readings could not be put together ({name}). They are kept; strike the odd one out. {where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>These settings can't be kept ({error}); those before still are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thickness of the board?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thickness of the neck?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thin glue from one side until it shows at the other, then from there; nothing on the face. Scrape what comes up.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thin glue was used: a drop of its solvent along the fret, and time. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thin glue: fumes, and it bonds skin. Open the window; no cotton wads.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thin glue: fumes, bonds skin, heats with accelerator or dust. Ventilate; no cotton wads.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thin, ten minutes, wiped off; overnight before the strings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thinnest crown</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This bench has no such tool.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This can't be written down ({error}). Nothing was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This copy holds {held}.{wrong}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This edge is too short here: it does not reach three frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This is about your instrument, {title}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This is the logbook that is open already.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This is what was done on {title}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This logbook can only be looked at. {why}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This machine has no player for sounds: it is seen instead.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This neck can't be written down ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This neck has no rod.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This neck is damaged in the logbook: {damage} It can be looked at; nothing is written into it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This neck was changed from another window meanwhile. Open it again; what was typed here last was not written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This neck {more} {mm_per_percent} of relief per percent of moisture</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This one: no</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This one: yes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This owner can't be written down ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This photo can't be read any more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This picture, as PNG</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This picture, as SVG</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This program would: {it}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This quote stands until {day}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This ruler should measure {ruler_mm:.0f} mm. If it does not, the printer was told to fit the page.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This step waits for the owner's word: {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This wire is too low for its first level: {short}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Three figures of it are enough to begin measuring.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Three lanes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Through its slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tight in {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tilt the neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tilt the neck back by {angle_degrees:.2f}°: a shim of {length} at the end of {it} pocket, or the tilt screw, makes up for {length_2} at the saddle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tilt the neck in its pocket</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Time has passed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be decided</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be handed back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be known</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be left alone, but in the way: {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be looked at again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To be measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To begin with: {first}. That {right}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To pitch, then let the neck settle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To print (*.pdf)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To print (*.pdf);;Drawing (*.svg);;For a cutter (*.dxf)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To the owner's word  (0)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Together it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Too high: a stroke or two, retune, press at 3, look at 1; a slot too low can't be unfiled. Too low: a shim under the nut, the slot filled with dust and glue and cut anew, or a new nut. It goes back with a drop of glue only.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Too little metal for {length} of crown: {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Too many frets to file one by one ({number}): one level brings all tops together.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tools again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tops even but worn: crown the few, re-profile and level lightly the many, new wire when the crowns are too low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tops follow the wood they sit in, and a neck bowed back lifts its middle without one fret being high. Metal filed for a bend that the rod takes out is gone for nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tops in order</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tops that stand as even as a level would leave them need none.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Touch and height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Touch: {name}, {touch:.1f} ‰ of the tension</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Trial fret, then each piece</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Trim and bevel the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>True the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>True the wood instead at the next refret: it is the wood that is wrong.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Try the rod again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tune all strings, let the neck settle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tune and let it settle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tune to pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tune to pitch first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tune to pitch first. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turn it back: {back}, retune, read again. Then its direction is known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turn it back: {turns_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turn the rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turn the rod back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turned back and read again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Turned out until slack: there is nothing left to let out. The rod is not spent, it can still take relief out. Heavier strings let relief in; or leave it as it lies.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two frets beside each other rock.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two moves that answer alike settle which way it turns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two rods and a low nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two-minute sweep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type it, Enter. Enter alone passes on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type the fret it rocks about, 2 to {frets}, then *.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type the fret that holds the string, then *.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type the height, Enter. Enter alone passes on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type the height, Enter. Enter alone passes on. A fret and * is a capo there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Type the leaf first, then + if it slides, - if it drags or / if it won't go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Uneven all over, says the label.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Unit of string heights</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Unit: mm or thou</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Unit: press for another, or Space</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Unless: {unless}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Until the stop is felt, and no further. Without glue it comes up again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Up the neck a long one stands on four frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Up the neck the frets stand close, and an edge that suits the first frets reaches over four or five of them. It rocks over frets that have nothing the matter.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Usually reached</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Usually {hours} hours at the least, {most} in truth, with its level.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Waiting for a part</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Waiting for its time</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Waiting for the owner's word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Warm each fret with a narrow iron, never the board at large. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Was it in inches?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Was it in mm, not thou?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Was it in thou?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Was its point left out?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Was its point moved?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Watch three: fret {first} goes first, else stop and measure; fret {thinnest} gets thinnest, {thinnest_2}; fret {last} goes last: {stop}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Way and price</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Way of filing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>We advise: {named}. {list}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>We have measured it and found nothing that is at fault.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Weighing the ways</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wet cloths ready, glue in the slots. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What another set or tuning does</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What came after entry {last} can't be read, if there was more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What came with it, what was found, and what goes back with it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What can be done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What can't be promised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What goes back with it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is done: {done}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is known of one owner can't be read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is left empty is not charged by itself.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is on the bench?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is to be agreed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What it is worth to whom</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What it means to them, in their words</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What it needs next, or what it waits for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What it stands against</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What lay on the practice bench can't be read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What lies on the bench?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What plays clean and pleases is no fault, whatever the usual figure says.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What should be remembered?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the advice would do</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the copy holds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the eye sees of the tool. Nothing gives a number but what has one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the level spares</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the neck does now tells the sign.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the plan rests on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the readings say</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the relief does is told once it was read.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the step waits for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the trap costs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the wound strings are wound with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What this bench leaves a neck with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What this face says</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What to look for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What was done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What was kept aside can't be read from this disk.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What was promised, what was measured, and whether it was kept.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What we advise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What we ask you to agree to</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What we can't promise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What we found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What would you offer</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What you see</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>When this was chosen: {words} The bar below says what is due now. A quarter turn or less at once, retune, measure again. Stop if it resists, if it is at its end, or if two moves bring no answer.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>When to look again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Where a top shows a flat or a groove, the {file_for} concave file from both shoulders; the highest line of each top stays.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Where it was seated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Where the work goes by the hour this is what we know of it now: between {low} and {high} in all. You hear from us before it goes beyond.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Where your map was wrong</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which fret? Its number, then the key. Here it is {which}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which ink the file should take first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which port is the gauge on? Any path may be typed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which reading next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which reading?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which way and how far, seen from where the nut is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Why dead straight is not best</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Why?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Width and height of the old wire on several frets; how its neighbours stand.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Width of the board?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Width of the crown?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Width of the slot?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wire of this run</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wire stops where its tang meets the bottom of the slot, however hard it is pressed. Every fret that stops early is filed off again, and all others with it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wires of the shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>With the rod as it is now its relief was {low} in dry air ({dry:.0f} %), {high} in damp ({damp:.0f} %).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>With the strings slack the neck stands up in the middle, most on the {where}: no light under a string or edge there says nothing of relief. The pull of the strings takes it out again. {sure_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>With the wire in hand: nut slots {length} {nut}, saddle {saddle} {up} for the heights there are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Without strings the neck bows backwards; the strings make up for it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Without the owner's word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood creeps, most of all after rod work or heat.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood creeps. Please let us look at it again: {dates}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood or metal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood that was bent by heat goes a part of its way back within weeks, most of all without a rod. A neck handed over straight from its clamp comes home bowed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Wood, wire, heat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Words at the end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Words under a neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Words under it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Work report</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Working days</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Working it out for {seconds} s</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Worn by up to {length} on crowns of {length_2}: a level would leave less than the {length_3} that is kept.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Worn crowns rounded first, then only what stands over the line. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Worn crowns rounded first, then only what stands over the line: low tops stay as they are.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Worn frets are rounded again, then all are filed lightly to one line.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Worth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Would fit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Would sell for, as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Would sell for, when it plays</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write PDF</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write it down in Take in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write the readings as a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write to</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write what was kept aside: {acts}{stays}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down as refused.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down. All ways are weighed by it from now on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down: all of it is agreed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down: {number} of what was felt.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written to {name}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written: {how_many}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Years of wear</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You look along the tops.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You offered: {way_title}{costs}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your instrument</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your map is being worked out. One moment.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your map's ranges hold at {held} of {held_2} tops.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your map; a square where the truth lies outside.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your reading is taken.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your reading took {got:.0%} of the doubt away.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your rocker edges serve every fret.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Zero fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Zero fret in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>[...] stands for a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a board {width_mm:g} mm wide has no radius of {radius_mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a course has 1, 2 or 3 strings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a crown needs a width and a height over nil</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a crown that nothing wears lasts for ever</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a few crowns</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret number is needed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret was glued</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret was pressed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a fret's number, then</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a hand behind the crest, held snug and never squeezed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a job beside the window</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a job file to look at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a lane across</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a leaf goes under a string that is taut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a list</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a look</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a look every half year</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a look: nothing is taken in yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a lot</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a neck that forgives</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a note back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a note on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a piece of {lengths:.1f} mm does not come out of a stick of {stick_mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a radius is over nil</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a reading of this fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a rocker pass; the gate</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a rocker's middle fret is 2 to {frets}, not {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a rocker's middle fret is 2 to {frets}, not {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a rocker's middle frets are 2 to {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a second pass, {chance_words}, is in the most of it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a semitone higher</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a semitone lower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a shelf holds {most_wires} wires at most.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a single fret was filed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a string has up to 80 grams a metre.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a string needs its supports: give low_support and high_support.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a string that is not taut hangs anywhere</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a table of wire is not so long.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a tone higher</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a tone lower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a tool, its figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a trace, no more than promised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a usual</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a way comes from a plan</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a way was taken</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a whole number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a word  (/)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a year</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a {title} is {low:g} to {high:g} mm, not {mm:g}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>about </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>about {turn}, an eighth at a time</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>acts</source>
      <comment>act</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>after level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>after, wicked in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>after: {title}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>against </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>agree on a thinner board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>agree on this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>agreed on the filing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>agreed on {wire_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>agreed {how_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all across</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all across or here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all alike</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all frets, {{unit}}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all from low to high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all of this side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all the other ends, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all the other frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all the other notes, string {string}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all the others, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all the rest, {frets}: {fine}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all {every} frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>almost surely</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>always in 64ths of an inch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>always in mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>always in thou</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an edge rocks about a fret; one that does not rock names none.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an empty line parts paragraphs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an empty note: give text or photo.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an empty table: the first row names the columns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an hour at {rate}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>an object</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and the photos of their necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and told by the desktop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and {percent} tax</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another instrument of its kind about</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another logbook: a file, or postgresql://...</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another neck would cost about</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another of its kind</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another unit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>another wire is wanted: {wish}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>answers entry {quote}, which is not before it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>any key: back to work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>any time free</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>are</source>
      <comment>is</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message numerus="yes">
      <source>are not seated</source>
      <comment>is not seated</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message numerus="yes">
      <source>are out</source>
      <comment>is out</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>arrows: a place, * it stays</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>arrows: note and string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as deep as the tang and a hair more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as its radius is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as lengths: mm, or 64ths beside thou</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as logged in Work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as promised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as the eye sees it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as tuned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as you like</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at least</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at most</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at pitch or slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the bridge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the headstock</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the heel</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the window</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>back bow</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>back to Map</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>back to the neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bare board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>before any work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>before frets are drawn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>before the file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>before the plane</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>before, clamped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>begin the lesson</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bench companion for fretwork</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bend to</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bend to {radius} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>beside fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>best {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>between</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>between {span} with the strings at pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bevel proud</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bites again past slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>board cleaned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>board thickness</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>board trued</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>board width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bolted on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>both rods</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bound board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bronze wrap</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by about a millimetre</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by its strength</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by its trial piece</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by letter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by telephone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by the binding's width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>came clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>capo at {capo}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>capo {n}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>choose a way ({readings})</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>choose two visits</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>clean at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>clean the board only, and level over it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>clockwise</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>closings</source>
      <comment>closing</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>coil</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>come out entirely</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>comes on top</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>common</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>compound radius</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>counter-clockwise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crept on the way it was turned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crest</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown of fret {fret}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown or groove</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crown x width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>crowns of {length} can't pay for a level that leaves {length_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dark: ink · bright: no ink · a line: the file has been there and it is flat</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>days</source>
      <comment>day</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>dead straight</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>described: {radius:.3g} in, the middle {sag_mm:.2f} mm over the edges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dial on {fret}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dial over fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dies at once</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dip</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>do it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>each string beyond six</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge and wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge on the bare board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge on the frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge on the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge over the bridge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge {mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge {span} long</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>edge, full length</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>edges fit</source>
      <comment>edge fits</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>end of fret {fret}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ends were rounded</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>enter</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>entries</source>
      <comment>entry</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>entry {entry}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>entry {number}: nested too deeply.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>entry {number}: {fault}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>entry {number}: {why}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>every note clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>every reading declares its station</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>exactly it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>face to face</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fatter than usual</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>feel not noted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>feel the end of</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>feel, and write</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>felt last</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fewer were not found in time</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fewer will not do</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>figures, costs, picture</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>file fret {worst} on until it is still</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>filing, or new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>find a neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>find: owner, name, wire, finding, date, waiting  (/)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>finds no more than {length}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fingertips, no more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>firm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>firm, light</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>firm, no light</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>first ink gone is the highest top</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fixed {kind}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>flat on the crown</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>flat or not known</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>follows the board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>for </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>found: {map}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>freeze a quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret ends come out by half of it on each side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret ends go in, glue lines are pressed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret} doesn't exist; this neck has 1 to {frets}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret} lacks {length}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret} stands {length} over the line</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret} under the glass, x {glass:.0f}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret}, string {string}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {fret}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {f} {mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {note}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>fret {r}: {r_2} mm, tang {r_3}, bend to {r_4}</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>frets</source>
      <comment>fret</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message numerus="yes">
      <source>frets are</source>
      <comment>fret is</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message numerus="yes">
      <source>frets stand</source>
      <comment>fret stands</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>frets that move</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>frets were pulled</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from fret {fall_from}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from–to, mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>full level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>further faults are not listed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>g a metre</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gap</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gap under a string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gauge: connected</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gauge: lost</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gauge: silent</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>give both supports, or neither for an edge as it rests.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>give gap_mm, or leaves (slides_mm, drags_mm, wont_go_mm), not both.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gives under the finger</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>glue this fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>glued</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>glued, or one piece</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>go on so</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>goes on without a word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gone up to here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gone: {order}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>grooves stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>half is off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hand behind the crest</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hard</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hard </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hard to play</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>harder touch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heard clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heel length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heights larger</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heights smaller</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heights x{per_mm:.0f}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heights x{taller:.1f}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heights ×{per_mm:.0f}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>held in its jig</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hide them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>high end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>high-side rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hold at {low}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hold it up, or type what it shows</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>holds bytes that are no UTF-8 text.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hollow: in doubt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how a long edge lies</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how a long edge lies on the frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how it came in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how it left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how much crown is left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>humidity, %</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>if you know yours</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in it {percent} tax</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in {value}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink gone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink is gone; how it felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink is there; not counted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink on all the others, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink on all tops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink on fret {fret}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ink under the beam</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>into the groove of</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>is about entry {about}, which is not before it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>is firm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>is still</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it also touches {frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it buzzes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it drags</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it gives</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it is clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it is missing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it waits for a part</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>it won't go; still</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>its high end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>its ink gone, stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>its low end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>its middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>its notches must be cut for {scale_mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>join here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>keep the description</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>keep {least}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>kept with this job:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>kept: none yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lacquered board</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>last readings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lay an edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lay it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leaf between {tool} and fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leaf between {under} {where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leaf {wanted_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>learnt for the next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>least metal in all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>least off the thinnest</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leave corners nobody plays as they are</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leave it, take it up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leave this fret alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left in it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left, right: fret, * alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left, right: the later visit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>length of each</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>length of each edge, spaces between</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>less</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>less dip</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>less than wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>let the truth come out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>levelling program could not be solved</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>levels</source>
      <comment>level</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>lies {says}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>light</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lighter touch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>likely clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>likely, at most</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>line {n}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>line: true · ring: your map, whisker its range · square: the truth lies outside</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>line: true. You wrote nothing down, so there is no map to hold against it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lip from tape</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>long edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>longer edge</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>look</source>
      <comment>looks</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>look again, by {look_until}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>look round: nothing here is yours</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>looked at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>looked at every half year</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>loose</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>loose: crimp or mushroom the tang before bending</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>looser</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low string clean from, {unit_word}: lower is better</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low string, {unit_word}, 9 in 10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low string, {{height}}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low, middle, high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low, {{height}}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low-side rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lowest at fret {lowest}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mean of both sides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>measure it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>metal by fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>metal left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>metal of every fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>metal off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>metal off, all frets, {value}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>minutes until cold</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mm edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mm leaf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more cells than the heading names</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more dip</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>more faults</source>
      <comment>more fault</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>more or less</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more than wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more than {most_columns} columns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more than {most_entries} journal entries.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more than {most_rows:,} rows.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>most metal hangs on it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>most {float:.2f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>most {most_mm}</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>move or stand</source>
      <comment>moves or stands</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>move the ends</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>moved back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>moves under a finger</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>must be sawn deeper</source>
      <comment>must be sawn deeper</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>narrower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>narrower than the old beads: their marks in the wood stay to be seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>near the nut and up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nearly flat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck heated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck held as played</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck in its jig</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck jig</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck lying</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck thickness</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck: nested too deeply.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck: {fault}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>neck: {why}</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>necks</source>
      <comment>neck</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message numerus="yes">
      <source>necks stay</source>
      <comment>neck stays</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>nested too deeply to be a job.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>never read</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire was fitted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire, crown height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire, crown width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire, over the barbs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire, tang</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>new wire, tang depth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>next string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no amount: give gap_mm, slides_mm, drags_mm or wont_go_mm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no capo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no column 'name'</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no crown was read by either day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no earlier survey</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no gauge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no grip</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no lane was measured yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no lane was read both times</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no light</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no longer looked at by season</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no look</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no neck here now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no owner named</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no radius described</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no reason given</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no rocker was set there on this side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no sound</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no tax</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no text</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no to this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>no value: give temperature_c or humidity_percent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none is felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none of your edges fits: {span} is needed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none of your notched edges fits: {scale}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none over {largest_rock_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none true</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not a Nuvrek job: "format" should be "{format}".</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not a table ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not a table of wire: {what}; columns are {columns}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not a whole archive.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not asked yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not kept</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not known yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not looked at yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not measured yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not pressed again yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not read: a trial piece tells</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not whole, or not JSON ({error}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>notched edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>notched, full length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>notches of {notch_mm:g} mm are too wide: the last frets stand {closest:.1f} mm apart</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing filed yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing of this kind yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing rings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing to file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing waits for these</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing was done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nut slots {length} {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>of 100</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>of its wear</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>of usual length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>of wear in it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>off low</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>off the smooth neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>old frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>old neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>on the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>on this neck clockwise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>on this neck counter-clockwise</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>on to the next step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one before</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one place, {{unit}}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one radius all along</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one reading here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one rule {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one-way rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>only cleaned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>only up to the binding</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>open a fresh copy of the demo shelf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>open the neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other column</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over fret 12</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over the barbs {barbs_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over {low}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over {number} frets it {it}</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>pairs</source>
      <comment>pair</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>past straight, mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>past the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>per 0.1 mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>perhaps {state}; no rod is turned for a perhaps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>play, next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>points; filled: solved · line: mean of the last five</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>practice neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>press stand-in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>press {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>press, next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>press, one caul</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>press, two cauls</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>pressed on the crest with the neck backed by the hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>pressed or not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>price, {currency}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>prices include it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promise its day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promised for {day}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promised for {promised}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promised for {promised}: holds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promised for {promised}: may slip, to {by}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>promised for {promised}: slips, likely {likely}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>proud bevel</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>put down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>put it down</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>questions</source>
      <comment>question</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>radius growing evenly to the end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>radius growing to the end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>radius of each: 241 305, or 9.5in 12in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>raise it on the {lane_words}, by {length} or more: a shim under it, the slot filled and cut anew, or a new nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rattles: the fret itself sounds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>read here {number} times, always {low}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>read here {number} times, last {value_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>read here {number} times, {low} to {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>read here: {value_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>read there again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reading names frets</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>readings</source>
      <comment>reading</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>readings name frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reckoning beside the solving</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>relief</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>relief from {now_mm} to about {mm}, between {low} and {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>relief {best}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>relief: {parts}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rings clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocker {fret}-{fret_2}-{fret_3}, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocker {mm:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocker, mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocks about {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocks at {listed}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocks: {map}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rocks; a support</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod as found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod feel</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod moves</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod not known yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod to the setting that New wire names</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod {it}{part_words} turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod {turns}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rod, {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rods low {signed}, high {signed_2} turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>room {room} over fret {first}; heights x{scale:.0f}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>round begun,</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row 1: the column "{unknown}" is not known.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row {number}: {error}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row {number}: {fault}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row {number}: {plain_fault}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row {number}: {said}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>row {number}: {wire}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rule on fret {fret}, {held}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>saddle left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>saddle {height} {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>saddle {way_words} {length} on the {lane_words} for {height} over fret 12</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>see its own files</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>server lost within an act</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>server: {error}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>set it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>set it, next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>settles the relief on the {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>shallow</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>shallow ones may stay</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sharp</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>short stone, 90 mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>shorter edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>should be {bound} or {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>should be {wrong}, not {wrong_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>since {words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slides through and touches nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slides {mm}, then</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slips off the edge of the fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slot depth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slot width</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>slot {fret} is {width:.2f} mm wide: no tang of this wire can be made to hold there. Fill it with wood and saw it anew, or take another wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>soft</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>solid outline: measured, dashed: estimated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>solving a neck of {length} entries</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sound on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>source, °C</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>spot levelling has no solution even with unlimited metal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stainless</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>stand</source>
      <comment>stands</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>stand-in, on a made-up neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stands off the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stays slack however far it is loosened</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>steel or nickel wrap</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>sticks</source>
      <comment>stick</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>still all along</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>still moves</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>still stand</source>
      <comment>still stands</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>stopped: slot dirty</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stopped: slot shallow</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stops: it won't go in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>straight edge on {low} and {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>straight sticks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strike it out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strikes entry {entry}, which is not before it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string over 12, {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string over {fret}, {string_or_side}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string to fret end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {strings}, {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {string}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {string} doesn't exist; this neck has 1 to {strings}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {string} fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {string} {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>string {string}, {note}</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>strings</source>
      <comment>string</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>strings at pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strings described</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strings higher</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strings lower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strings slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strokes each</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take and go on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take back the last</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take in another</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take it again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take it back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take the promise back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take this way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>taller by {taller:.2f} mm, which the level takes off each new fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tangs to bend back {length}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tape lip</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tax: more than a hundred percent.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tells how much metal is left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tells whether fret {fret} is to be filed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>that day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the advice</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the air</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the air beside the neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the archive is larger than any logbook.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the archive's list can't be read ({said}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the bend</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the block was taken up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the block's own weight</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the board is too wide for that radius</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the board shrinks and fret ends come out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the board swells and necks gain or lose relief</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the body</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the course advised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the description</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the dip in the middle, {dressed_mm:.2f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the earlier visit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the fall-away from fret {start} on, {fall:.2f} mm at the end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the figure below</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the file is empty.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the first readings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the fret ({fret}) should lie between the supports ({low} and {high}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the fret ({fret}) should lie within the reach ({low} to {high}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the fret ({fret}) should lie within the reach ({start} to {end}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the heading row should name the columns, "kind" among them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the headstock</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the house's own · </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the later visit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the leaf slides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the leaf that slides ({low} mm) should be thinner than the one that drags or won't go ({highs} mm).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the neck of a word</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the neck was described anew</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the neck was heated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the new wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the next reading</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the number as read</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the nut</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the nut was worked on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the other half of the year: look from {season}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the other kind</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the other strings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the owner wants it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the owner's answer to the quote of {at}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the pasted table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the photo is no JPEG.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the plain procedure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the promise taken back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the reason</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the relation holds from -10 to 60 degrees and up to 99 percent</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the relief as a figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the relief at pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the relief at pitch, on both sides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rest is clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rocker on the {lanes}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rocker over all three lanes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rod as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rod was turned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the rod's nut was seen to</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the saddle lacks {height}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the saddle was moved</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the same string read at another fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the scale length each is cut for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the slots were sawn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the station after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the station before</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the step is done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the supports ({low} and {high}) should be two frets, the lower one first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the triple around fret {frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the triples around frets {frets} to {frets_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the triples around frets {map} and {frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the truing of this board could not be worked out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the way in hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the ways are not weighed yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the whole fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the wood at </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the wood beside</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the wood was sanded</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the {papers}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>their necks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>then the rocker, and stop when it is still</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>there are no rows below the heading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>thickness of each leaf, spaces between</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>things</source>
      <comment>thing</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>thinner than promised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>thinnest, {unit}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>this corner; this wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>this run</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>thou</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>three semitones lower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>through the sound hole</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tight</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tight: file the barbs or open the slot</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tighter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tighter does not reach it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>to pitch</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>to the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>to the owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>together they have more than {most_entries:,} entries</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too large for an archive.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too little</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too little relief, and no rod to give it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too much</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too much relief, and no rod to take it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>too shallow: saw to the tang and a hair, stop at the binding</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tools or hands</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>top low</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>top of fret {fret} to the wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tops moved</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tops of the frets, heights drawn {times:.0f} times as large; thick: low strings' side, thin: high strings' side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tops were crowned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>true length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>true or false</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>turned, not counted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>twin rods</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>two blocks blended</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>two blocks blended in the middle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>two tones lower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>two-way rod</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under fret {fret}{where}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under the notched edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under the rocker</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under the string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>under {highs}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>until done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down choose, / finds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down: a thing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down: an owner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down: compare</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down: way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up and down: wire</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up near the nut and down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up to {length}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up, down: one side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up, down: the earlier one</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>up, shimmed if it has no screw,</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>usual</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>usual for its kind</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>usual for this way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>very little</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>wait</source>
      <comment>waits</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>waits for {what}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>waits no more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>was not what came first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>was right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>way '{way}' is not known; should be one of {ways}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>way taken,</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>went home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>went too far</source>
      <translation type="unfinished" />
    </message>
    <message numerus="yes">
      <source>were seated and sit</source>
      <comment>was seated and sits</comment>
      <translation type="unfinished">
        <numerusform />
        <numerusform />
      </translation>
    </message>
    <message>
      <source>what can't be gone, and why</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>what fits now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>what speaks for it, and against</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>when it plays well, for about</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>which frets rock</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>which frets rock on the {lanes}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>why this way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wider</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wider by {wider:.2f} mm: milled to {old_width_mm:.2f} mm wide and {old_crown_mm:.2f} mm high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>will buzz</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wire a little taller than the old</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wire like the old</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>with these strings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>within</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>won't go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wood</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wood off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wood taken off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>worst string, {value}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>worth and budget</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wound</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>wrap not known</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>write all heard</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>write all tried</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>write down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>written by a newer Nuvrek (version {version}); this one reads up to {version_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>years of ordinary play in it: more is better</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>yes to all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>yes to this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>your notched edge for {fit:g} mm fits</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>your {listed} mm {fit}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>your {reach:g} mm edge over frets {reach_2} to {reach_3}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>zero fret</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{accessiblename}: a plain number is needed, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{advice} Lengths take mm, thou, inches, 64ths: 648, 25 1/2 in, 47 thou.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{amount} of light under it. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{amount}It was pressed and holds: a few strokes on that {which} alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{amount}The middle is down: a sprung end until pressing says otherwise. Press or tap it first; only what stays is filed, on that end alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{at_heel_mm} at the heel</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{at_heel_mm} on a usual heel; measure heel length and edge over the bridge for the quote</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{before} and {last}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{before} then, {after} now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{below} below the {least} you keep. {sure_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{between}; {wanted}. No fault if it plays clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{both} on the low side, {length} on the high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{buzzing} notes will buzz.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{ceil} to {floor} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{clean} of {notes} clean</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{clean} of {notes} notes ring clean (before: {clean_2}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{clean} of {notes} notes ring clean; before it were {clean_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} All the ink is gone: stop. The rocker once along, then the crowns.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} The bench agrees with the plan.{following}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} The {lane_words} is ahead: lean to the {other}, and see that the tool lies along the strings.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} frets are in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} frets are out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} readings here, up and down pick one</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} too low, more than the handful new wire can be matched for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} {it}: the map is off there. Stop, take the rocker over it, and look at the plan again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{count} {what} this neck, as described, doesn't have: kept, but not used.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{crown_words} {crown} at its thinnest.{plan}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{damage} Nothing was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{day}  lifted: {reason}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{day}  refused</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{day} {at}:{at_2}, {size:,} kB</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{day}: {money} for {named}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{detail} Note how far past straight it is clamped; then make the rod tight, if there is one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{detail} Scale, heel width and depth, pocket, screw places: measured on both before one is bought. The old neck goes back to the owner.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{detail} Then the ways are weighed anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{detail} This is work beyond fretwork: name it, quote it, pass it on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{detail} Warm it, ease it up from both ends, clean the slot; glue it against a straight edge over its neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{does} fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{done} of {total}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{done} of {whole}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{done}; patina stays, nothing new is toned unless you say so.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{driven}Fret {fret} sits {length} low: lift it and glue it at the right height, or put new wire there. Bringing all the others down to it takes {length_2} of metal.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{early} went before its turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{elsewhere:.2f} mm came off other frets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{error}

Set it aside and start a new one? The damaged file stays where it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{face} {base}Leave only the frets bare; cover pickups and the top.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{faults} Nothing was taken in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{feel}, key {key}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{first}Then back to Map.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{flat} tops were filed and not made round again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{found} Not kept yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{found} of {number} that rock are marked.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{free} minutes free</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{frets_do} left as found.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{frets_do} proud.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{frets} seated and read again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{frets}: the ends, not the tops.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{gated} 0 goes to it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{gist} The owner decides what it is worth.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{headline} and the saddle is spent. {gist}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{headline}: fall-away filed into the last frets gives the strings room.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{held} of {of}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{held} of {of} held; a stated range is to hold {aim:.0%} of the time.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{hours} at the bench</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{hours} at the least, the longer the better; another neck meanwhile.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{hours} h {minutes:02d} min</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} for another step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} on this neck</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} taken in from {name}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many} to crown with the {file} file; the widest flat {flat_mm} on fret {fret}: {share_gone:.0f} % of its section went.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{how_many}, {number} to be filed, a quarter of the neck or fewer: {gist}{marks}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{humidity_percent:g} % humidity</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{inches} for {frets}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{it} air: {damp:g} % humidity</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{it} percent done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{it} times in ten</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{kind}: {matter} {mm}, by {necks}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{labels}: not possible on a neck (should be {bound}{it}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{label}: a whole number is needed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{label}: not possible; should be {bound} {float:g}{unit}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{label}: that is more than are kept.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{lacquer}{warm}{binding}Pullers ground flat, from one end, a little at a time; a thin strip slid along where chips start. Frets kept in order.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{laid} over {fret}, {string_or_side}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{lane_words} down until {length} are left over fret 1, about {height} less over fret 12</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{lane_words}, from the head to the body.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{late} still wears its ink</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{least} to {size}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{left} h {left_2:02d} min to go, the longer the better.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} at the nut is more than slight: fretwork can't cure it, the neck's angle must be set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} at the saddle on the {lane_words}, to {height} over fret 12</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} became {length_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} bound</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} instead of {length_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} more comes off at the nut.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} of angle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} of crown is too low to grip or to crown</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} of wood on the whole, likely {length_2}; most {length_3}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} of wood on the whole, most {length_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{length} to {length_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{lets_in} lets relief in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{light}Press it home and glue it before any filing; then read it again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{likely:.1f} hours, nine times in ten {least:.1f} to {most:.1f}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{look_only}

Take what can be read into a new one, and set the damaged one aside? Otherwise it can be looked at.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{loose} of the frets still move.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{low} and {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{low} low side, {high} high side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{low} to {highs}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{low} to {high} is wanted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{made} Not kept yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{metal_mm:.2f} mm of metal is gone in sum; {most_metal_mm:.2f} would have done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{metal_mm:.2f} mm of metal.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{minutes:.0f} min</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{minutes:g} hours</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{minutes} min</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{minutes} minutes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{mm:.2f} m of {name} booked out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{mm:.3g} in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{mm} is {mm_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{money} {it} it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{more} more strings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{most:,} letters at most.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{most:,} letters at most: the last {number:,} pasted were left out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named} not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named} over fret {fret}. Height?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named} read again after seating.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named}, and {more} more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named}. Hold {held}, press {high}. Gap over {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named}: damaged here, left as it is; restore it from a copy.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{named}: left as it is, {error}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} can't be read ({why}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} can't be set aside ({why}); it stays as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} could not be cleaned: {error}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} could not be written ({reason}). Nothing is lost; try another place.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} does not hold this neck whole.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is damaged ({wrong}). Nothing was changed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is larger than it says.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is missing in the archive.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is no job file that can be read: {faults}{more}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is not a Nuvrek logbook. It was left untouched.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is not a text file in UTF-8. Nothing was taken in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is there already; salvage writes into a new file only.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is too large to be ours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name} is too large.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}, resting,</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}, {hardness_words}: {length} after the first level, {levels} light levels, about {years:.0f} years.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}, {length} wide and {length_2} high; before it was {length_3} and {length_4}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: "{cell}" is far out of range</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: "{cell}" is not a number</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: '{said}' is no number.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: '{text}' is no price.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: a crown is 0.4 to 3 mm high, not {crown_mm:g}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: a crown is 0.8 to 4 mm wide, not {width_mm:g}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: a tang is 0.5 to 4 mm deep, not {tang_mm:g}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: a template is written as .pdf, .svg or .dxf</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: can't be read ({strerror}).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: not a plain file.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: over its barbs a tang is no thinner than between them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: over its barbs the tang is as wide as the crown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: the file is over {largest_bytes} MB, too large for a job.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: there is no such logbook.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: wire without a tang holds in no slot. How deep is it?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{name}: {length} of crown after its first level, about {years:.0f} years of it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{necks} necks, {entries} entries. {lost}

Old: {name}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{neck} {title}: it has had its time. {action}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{needed_mm:.2f} m off the coil, nothing left over.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{new} new, {grown} grown, {same} as they were.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{notes} of {notes_2}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{note} it {sounds}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{now} Not kept yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{now}; {target_mm} is wanted. Read it again in a week or two: wood goes on a little.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number:.2f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} cycles and the neck does not follow: rod or neck must be replaced.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} ends are rounder.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} frets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} frets are out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} frets have grooves, {grooved} the first of them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} frets move or stand off the wood: their slots have no grip left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} frets ring dull though they are not worn: loose in their slots</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} of {count}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} of {number_2} frets touched.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} played, {solved} solved</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} tops are round.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number} visits</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{number}/64 in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{n} frets or more end too low to crown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{n} notes or more do not ring clean afterwards.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{off_by} away: set it again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{off_by} away: turn the rod again, a quarter or less</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{open_questions} open: {words}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{outside} tops lie outside the range your map gave them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{out} frets are out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{over} Reveal shows how it went.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{over} over the owner's budget</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{papers} kept with the job.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{part_words} turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{part_words} turn {it}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{points} of 100</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{readings} readings, {minutes} minutes at the bench.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{readings} taken, no way chosen yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{readings} up to entry {length}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{removesuffix}, capo at {capo}. String</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{rest} min</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{rocking_mm} to {high}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said} Advised: {title}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said} It rested on {rests_on}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said} Not explained by heights: {named}. Loose fret? Nut? Hardware?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said} is wanted: measure it on this run.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said} should be {low:g} to {high:g}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said}. {stands} It rests on {rests_on}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said}: wide, for this neck was not read both at pitch and slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said}: {text} is no number.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{said}? That is {size} here.{offer}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{scale_mm:.0f} mm · {frets} frets · joins at {joint_fret} · {rod_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{scale_mm:.0f} mm · {frets} frets · {rod}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{seconds:.0f} s left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{sharp_ends} fret ends are still sharp.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{short_mm:.2f} m short on the shelf.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side} {then} to {now}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}, fret {fret}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}, {strings}. A long edge on the frets. Does it rock?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}, {strings}. Edge on {held} and {high}{hold}. Gap over {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. A finger along the fret ends. What is felt?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Beam over the marked tops. Where is the ink gone?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Dial on the beam over fret {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Hold {held}, press {high}. Does the leaf go over {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Open string</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Rocker along the frets. What rocks?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Rocker over {fret}-{fret_2}-{fret_3}. A leaf under it?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. Rule on fret {fret}. What does it show?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. {edge}, {held} and {high}. Gap at {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}. {resting}. Gap {where} {fret}?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{side}{after} after it, give or take {doubt}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{sits} at a new height: take the rocker over it before filing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{size}. Look for light under its middle: press the whole fret home. {certain}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{slides:.2f} slides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{solved} of {number} solved</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{step}, with {entry_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{sticks} of {stick_mm:.0f} mm, {proved}; {waste_mm:.0f} mm left over.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{stopped}{none} Dressing the relief into the frets costs {length} of metal and leaves enough.{slack}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{stopped}{none} The frets can't pay for dressing the bow out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{stops:.2f} does not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{strokes} strokes on the wood.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{strokes} strokes on {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{strokes} strokes; ink is off {gone} places.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{struck} {elsewhere}; it stays.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{sum} of {number} stations done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{takes_out} takes relief out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{takes_out} takes relief out, {lets_in} lets it in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{taller:.2f} mm lower than what the others have left.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{tang_mm:.1f} mm deep, the tang and a hair more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{thing} of the {side}, {it}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{thinnest_mm} after its level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title} is as it was, {number} entries.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title} is back on the shelf.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title} is done: go on to the next way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title} is on the shelf.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}, {flags}: {gist} {metal_mm} of metal.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: all done, hand it back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: all steps done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: all steps done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: it has had its time ({until})</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: look again from {look_from}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: next, {title_2}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: not before {until}, {left} to go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: not in this exercise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: not now</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: the owner's word on {named}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: {frets} frets. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: {metal} off in all, thinnest {thin}, {levels}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{title}: {number} mm, {frets} frets, joins at {joint_fret}, radius {radius}, {rod_words}, {how_many}. To be done: {named}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{together} costs {money}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{told}. What it is worth to you only you can say.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{tool}, paper {level_grit}, along the string lines, {pressed}. {radius_block_words}Stop when each top is touched, the file runs smooth and the rocker is still.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{touch} touch: {buzzing} notes will buzz</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{turns_words} on the {lane_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{turns_words}, both rods</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{turns_words}, your own</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{unclean} of {notes} notes do not ring clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{under_least} frets are lower than they may be.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{value:g} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{value} off the smooth neck, give or take {doubt}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{value} over touching</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{wanted} bent back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{way_title} at a fixed {fixed}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{wet}{driven}{again} Support right under the fret.{free} One that starts sideways is taken out again: / says so; * stands off, - went too deep. Enter: these sit.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what} costs {money_words}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what} costs {money}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what} on string {strings}: {word}. Least room {room} over fret {first}, give or take {doubt}.{cents}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what} {named} may end too thin and then want new wire, which is not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what}, by {change}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what}. Seat before filing; it rises again otherwise.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what}: go on to new wire; nothing else is weighed on them until it is in.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what}; no rod setting takes it out, and the crowns can't pay for a level over it. {gist}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{what}; no rod setting takes it out. Level over it: {length} of metal, and the crowns can pay.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{when} the edge shows {length} at most, {lane_words}, at fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}, not measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}, up to {rocking} or more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. A finger on fret {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. Depth foot {what} {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. Leaf under the rocker at {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. Rocker over {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. {held} {low}, {high}; leaf {under_words} at {fret}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{where}. {words}, {low} to {high}{hand}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{why} Leave it, or have the neck itself seen to.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{wider:.2f} mm narrower than the old wire: it can't be matched.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} Choose weighs what is left.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} Forecast {told}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} How much relief there is isn't known, only that it is {over}: read it again after the move.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} and {more} more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} held</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} of leaves, as usually sold</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words} · stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words}, by {pressures}.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words}. Enter once more goes on all the same.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words}. Print at 100 %, not fitted to the page.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{words}: {metal_mm} off, {height_mm}</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} has an end that has come up.|{{frets}} have ends that have come up.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} has come up in its middle.|{{frets}} have come up in their middle.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} has little metal left.|{{frets}} have little metal left.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} lies lower than its neighbours.|{{frets}} lie lower than their neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} moves in its slot.|{{frets}} move in their slots.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} stands a little over its neighbours.|{{frets}} stand a little over their neighbours.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} stands high at one end.|{{frets}} stand high at one end.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{frets}} stands higher than its neighbours, and notes before it buzz on it.|{{frets}} stand higher than their neighbours, and notes before them buzz on them.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{unit}} after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{unit}} left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>{{unit}} of metal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>± {span:.2f} mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“Clean from” is how low the lowest string can lie over the twelfth fret and still ring clean.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>■ in hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>▲ rose  ▽ came down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>▲ {buzzing} will buzz</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>◂ ▸ move the {end} end; . goes on.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>○ before  ● after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>○ on the edge</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>○ open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>● advised</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>● low  ○ high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>● pitch  ○ slack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>✓ kept</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>✗ missed</source>
      <translation type="unfinished" />
    </message>
  </context>
</TS>
