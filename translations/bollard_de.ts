<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Beginning</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>%1 konnte nicht entfernt werden.</translation>
    </message>
</context>
<context>
    <name>Blanks</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 %2 round the words × %3</source>
        <translation>%1 %2 um die Wörter × %3</translation>
    </message>
    <message>
        <source>%1 %2 × %3 × %4</source>
        <translation>%1 %2 × %3 × %4</translation>
    </message>
    <message>
        <source>, %1 corners</source>
        <translation>, %1 Ecken</translation>
    </message>
    <message>
        <source>, drawn outline</source>
        <translation>, gezeichneter Umriss</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, corners %1</source>
        <translation>, Ecken %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>no blank</source>
        <translation>kein Rohling</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>disc ⌀ %1 × %2</source>
        <translation>Scheibe ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>, centre hole %1</source>
        <translation>, Mittelloch %1</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>Keil</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Stab</translation>
    </message>
    <message>
        <source>bar ⌀ %1 × %2</source>
        <translation>Stab ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>block %1 × %2 × %3</source>
        <translation>Block %1 × %2 × %3</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Rohr</translation>
    </message>
    <message>
        <source>tube ⌀ %1, bore %2 × %3</source>
        <translation>Rohr ⌀ %1, Bohrung %2 × %3</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>ring, bore %1 × %2 × %3</source>
        <translation>Ring, Bohrung %1 × %2 × %3</translation>
    </message>
    <message>
        <source>, flat %1</source>
        <translation>, flache Stelle %1</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Kegel</translation>
    </message>
    <message>
        <source>cone ⌀ %1 to %2 × %3</source>
        <translation>Kegel ⌀ %1 bis %2 × %3</translation>
    </message>
    <message>
        <source>sphere</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>sphere ⌀ %1</source>
        <translation>Kugel ⌀ %1</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>turned ⌀ %1, %2 along its profile</source>
        <translation>gedreht ⌀ %1, %2 entlang des Profils</translation>
    </message>
    <message>
        <source>faceted</source>
        <translation>facettiert</translation>
    </message>
    <message>
        <source>%1 facets, %2 across, bore %3 × %4</source>
        <translation>%1 Facetten, %2 Schlüsselweite, Bohrung %3 × %4</translation>
    </message>
    <message>
        <source>from a file</source>
        <translation>aus einer Datei</translation>
    </message>
    <message>
        <source>from a file, none chosen yet</source>
        <translation>aus einer Datei, noch keine gewählt</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>aus %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>Oval</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>Vieleck</translation>
    </message>
    <message>
        <source>tag with an ear</source>
        <translation>Anhänger mit Öse</translation>
    </message>
    <message>
        <source>from a drawing</source>
        <translation>aus einer Zeichnung</translation>
    </message>
    <message>
        <source>round the words</source>
        <translation>um die Wörter</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Langloch</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>gesenkt</translation>
    </message>
    <message>
        <source>bore ⌀, mm</source>
        <translation>Bohrung ⌀, mm</translation>
    </message>
    <message>
        <source>round the bore, mm</source>
        <translation>um die Bohrung, mm</translation>
    </message>
    <message>
        <source>North American</source>
        <translation>nordamerikanisch</translation>
    </message>
    <message>
        <source>British letters</source>
        <translation>britische Buchstaben</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>japanisch</translation>
    </message>
    <message>
        <source>Swiss</source>
        <translation>schweizerisch</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>Kuppel</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>Ei</translation>
    </message>
    <message>
        <source>bead</source>
        <translation>Perle</translation>
    </message>
    <message>
        <source>roller</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>cap</source>
        <translation>Kappe</translation>
    </message>
    <message>
        <source>spindle</source>
        <translation>Spindel</translation>
    </message>
    <message>
        <source>finger ring</source>
        <translation>Fingerring</translation>
    </message>
    <message>
        <source>key ring</source>
        <translation>Schlüsselring</translation>
    </message>
    <message>
        <source>signet</source>
        <translation>Siegelring</translation>
    </message>
    <message>
        <source>, off by %1 at most</source>
        <translation>, weicht höchstens %1 ab</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>nicht gefunden</translation>
    </message>
    <message>
        <source>flat, %1 × %2</source>
        <translation>flach, %1 × %2</translation>
    </message>
    <message>
        <source>bore ⌀ %1 × %2</source>
        <translation>Bohrung ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>⌀ %1 × %2</source>
        <translation>⌀ %1 × %2</translation>
    </message>
    <message>
        <source>conical bore ⌀ %1 to %2 × %3</source>
        <translation>kegelige Bohrung ⌀ %1 bis %2 × %3</translation>
    </message>
    <message numerus="yes">
        <source>, %n hole(s)</source>
        <translation>
            <numerusform>, %n Loch</numerusform>
            <numerusform>, %n Löcher</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 kg</source>
        <translation>%1 kg</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
</context>
<context>
    <name>Cuttings</name>
    <message>
        <source>scribe</source>
        <translation>ritzen</translation>
    </message>
    <message>
        <source>V-carve</source>
        <translation>V-Schnitzen</translation>
    </message>
    <message>
        <source>pocket</source>
        <translation>Tasche</translation>
    </message>
    <message>
        <source>cut out</source>
        <translation>ausschneiden</translation>
    </message>
    <message>
        <source>clear the ground</source>
        <translation>Grund räumen</translation>
    </message>
    <message>
        <source>raster</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>bohren</translation>
    </message>
    <message>
        <source>of the rack</source>
        <translation>aus dem Gestell</translation>
    </message>
    <message>
        <source>flat cutter</source>
        <translation>Schaftfräser</translation>
    </message>
    <message>
        <source>ball cutter</source>
        <translation>Kugelfräser</translation>
    </message>
    <message>
        <source>V-bit</source>
        <translation>V-Fräser</translation>
    </message>
    <message>
        <source>engraving point</source>
        <translation>Gravierstichel</translation>
    </message>
    <message>
        <source>drag point</source>
        <translation>Ritzspitze</translation>
    </message>
    <message>
        <source>torch</source>
        <translation>Brenner</translation>
    </message>
    <message>
        <source>laser</source>
        <translation>Laser</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation>%1, %2 %3</translation>
    </message>
    <message>
        <source>straight moves only</source>
        <translation>nur gerade Bewegungen</translation>
    </message>
    <message>
        <source>lines and arcs</source>
        <translation>Geraden und Bögen</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>a point of its own</source>
        <translation>ein eigener Punkt</translation>
    </message>
    <message>
        <source>the bar&apos;s start</source>
        <translation>Anfang des Stabs</translation>
    </message>
    <message>
        <source>the bar&apos;s end</source>
        <translation>Ende des Stabs</translation>
    </message>
    <message>
        <source>the stock&apos;s top</source>
        <translation>Oberseite des Rohmaterials</translation>
    </message>
    <message>
        <source>the stock&apos;s bottom</source>
        <translation>Unterseite des Rohmaterials</translation>
    </message>
    <message>
        <source>the blank&apos;s front</source>
        <translation>Vorderseite des Rohlings</translation>
    </message>
    <message>
        <source>the bar&apos;s axis</source>
        <translation>Achse des Stabs</translation>
    </message>
    <message>
        <source>At the blank&apos;s x %1, y %2 mm, on %3.</source>
        <translation>Bei x %1, y %2 mm des Rohlings, auf: %3.</translation>
    </message>
    <message>
        <source>At the start of the stock, on %1.</source>
        <translation>Am Anfang des Rohmaterials, auf: %1.</translation>
    </message>
    <message>
        <source>At the end of the stock, on %1.</source>
        <translation>Am Ende des Rohmaterials, auf: %1.</translation>
    </message>
    <message>
        <source>At the %1 of the stock, on %2.</source>
        <translation>Am Rohmaterial %1, auf: %2.</translation>
    </message>
    <message>
        <source>a bar %1 mm across, %2 mm long</source>
        <translation>ein Stab, %1 mm dick, %2 mm lang</translation>
    </message>
    <message>
        <source>%1 x %2 x %3 mm</source>
        <translation>%1 x %2 x %3 mm</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
</context>
<context>
    <name>Findings</name>
    <message>
        <source>“%1”</source>
        <translation>“%1”</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 aus %2</translation>
    </message>
    <message>
        <source>Stroke closes up</source>
        <translation>Strich läuft zu</translation>
    </message>
    <message>
        <source>Stroke too thin</source>
        <translation>Strich zu dünn</translation>
    </message>
    <message>
        <source>Narrow land between cuts</source>
        <translation>Schmaler Steg zwischen Schnitten</translation>
    </message>
    <message>
        <source>Gap between letters too narrow</source>
        <translation>Abstand zwischen Buchstaben zu klein</translation>
    </message>
    <message>
        <source>Narrow land in a counter</source>
        <translation>Schmaler Steg in einem Innenraum</translation>
    </message>
    <message>
        <source>Counter fills in</source>
        <translation>Innenraum läuft zu</translation>
    </message>
    <message>
        <source>Narrow land within a letter</source>
        <translation>Schmaler Steg innerhalb eines Buchstabens</translation>
    </message>
    <message>
        <source>Opening in a letter fills in</source>
        <translation>Öffnung in einem Buchstaben läuft zu</translation>
    </message>
    <message>
        <source>Words larger than asked</source>
        <translation>Wörter größer als verlangt</translation>
    </message>
    <message>
        <source>Words smaller than asked</source>
        <translation>Wörter kleiner als verlangt</translation>
    </message>
    <message>
        <source>No impression is left</source>
        <translation>Es bleibt kein Abdruck</translation>
    </message>
    <message>
        <source>Mirrored, but the blank hides it</source>
        <translation>Gespiegelt, aber der Rohling verdeckt es</translation>
    </message>
    <message>
        <source>Too steep for the tool, %1°</source>
        <translation>Zu steil für das Werkzeug, %1°</translation>
    </message>
    <message>
        <source>The part falls into pieces</source>
        <translation>Das Teil zerfällt in Stücke</translation>
    </message>
    <message>
        <source>A piece of the blank is cut off</source>
        <translation>Ein Stück des Rohlings wird abgetrennt</translation>
    </message>
    <message>
        <source>Floor too thin</source>
        <translation>Boden zu dünn</translation>
    </message>
    <message>
        <source>Sunk right through</source>
        <translation>Ganz durchgeschnitten</translation>
    </message>
    <message>
        <source>The side “%1”: %2</source>
        <translation>Die Seite „%1“: %2</translation>
    </message>
    <message>
        <source>Letters cut right through press nothing. Sink or raise them, or let them be read on the part.</source>
        <translation>Durchgeschnittene Buchstaben drücken nichts ab. Vertiefe oder erhöhe sie, oder lass sie am Teil lesen.</translation>
    </message>
    <message>
        <source>The words are mirrored on the front; the blank must be clear to be read from its back.</source>
        <translation>Die Wörter stehen gespiegelt auf der Vorderseite; der Rohling muss klar sein, damit man sie von hinten liest.</translation>
    </message>
    <message>
        <source>Some of it is joined to nothing else.</source>
        <translation>Etwas davon ist mit nichts anderem verbunden.</translation>
    </message>
    <message>
        <source>The cuts part the blank into pieces that are held by nothing.</source>
        <translation>Die Schnitte teilen den Rohling in Stücke, die nichts hält.</translation>
    </message>
    <message>
        <source>They lie on the side “%1”: hollows and the round sides of parts from files are beyond the tool, and facets are cut from above, without a rotary axis. Choose another side for them, or print them.</source>
        <translation>Sie liegen auf der Seite „%1“: Höhlungen und runde Seiten von Teilen aus Dateien erreicht das Werkzeug nicht, und Facetten werden von oben geschnitten, ohne Drehachse. Wähle eine andere Seite für sie, oder drucke sie.</translation>
    </message>
    <message>
        <source>The print is to lie on the side “%1”, which the blank lacks: files keep the card&apos;s coordinates.</source>
        <translation>Der Druck soll auf der Seite „%1“ liegen, die der Rohling nicht hat: Dateien behalten die Koordinaten der Karte.</translation>
    </message>
    <message>
        <source>The words are for the side “%1”, so nothing is made of them. Choose another side for them, or a blank that has it.</source>
        <translation>Die Wörter sind für die Seite „%1“, darum wird nichts aus ihnen. Wähle eine andere Seite für sie, oder einen Rohling, der sie hat.</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 über %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>um %1</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Wird angesehen …</translation>
    </message>
    <message>
        <source>Joining bodies: %1 % done</source>
        <translation>Körper werden verbunden: %1 % fertig</translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s), %1 to watch</source>
        <translation>
            <numerusform>Noch nicht machbar: %n Hindernis, %1 zu beachten</numerusform>
            <numerusform>Noch nicht machbar: %n Hindernisse, %1 zu beachten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s)</source>
        <translation>
            <numerusform>Noch nicht machbar: %n Hindernis</numerusform>
            <numerusform>Noch nicht machbar: %n Hindernisse</numerusform>
        </translation>
    </message>
    <message>
        <source>Counting pieces…</source>
        <translation>Stücke werden gezählt …</translation>
    </message>
    <message>
        <source>No words yet</source>
        <translation>Noch keine Wörter</translation>
    </message>
    <message>
        <source>Can be made; %1 to watch</source>
        <translation>Machbar; %1 zu beachten</translation>
    </message>
    <message>
        <source>Can be made</source>
        <translation>Machbar</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n weiterer</numerusform>
            <numerusform>%n weitere</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Flat</name>
    <message>
        <source>mirrored: reads %1</source>
        <translation>gespiegelt: liest sich %1</translation>
    </message>
    <message>
        <source>falls out</source>
        <translation>fällt heraus</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s)</source>
        <translation>
            <numerusform>%n Stück</numerusform>
            <numerusform>%n Stücke</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 loose</source>
        <translation> · %1 lose</translation>
    </message>
</context>
<context>
    <name>JobSheet</name>
    <message>
        <source>Job sheet</source>
        <translation>Arbeitsblatt</translation>
    </message>
    <message>
        <source>Card file %1</source>
        <translation>Kartendatei %1</translation>
    </message>
    <message>
        <source>SHA-256 %1</source>
        <translation>SHA-256 %1</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>Round it, along it</source>
        <translation>Herum, entlang</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Breite, Höhe</translation>
    </message>
    <message>
        <source>%1 x %2 mm</source>
        <translation>%1 x %2 mm</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>Über alles</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>Operations, in order</source>
        <translation>Arbeitsgänge, der Reihe nach</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>Operation</source>
        <translation>Arbeitsgang</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Vorschub</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Eintauchen</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Drehzahl</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>kerf %1</source>
        <translation>Schnittfuge %1</translation>
    </message>
    <message>
        <source>diameter %1</source>
        <translation>Durchmesser %1</translation>
    </message>
    <message>
        <source>angle %1°</source>
        <translation>Winkel %1°</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Feeds and plunges in mm/min, speeds in 1/min.</source>
        <translation>Vorschub und Eintauchen in mm/min, Drehzahl in 1/min.</translation>
    </message>
    <message>
        <source>Zero</source>
        <translation>Nullpunkt</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Rohmaterial</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Findings that are accepted</source>
        <translation>Hingenommene Befunde</translation>
    </message>
    <message>
        <source>no reason told</source>
        <translation>ohne Grund</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>%1, job sheet</source>
        <translation>%1, Arbeitsblatt</translation>
    </message>
</context>
<context>
    <name>KeptProcesses</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>%1 konnte nicht entfernt werden.</translation>
    </message>
</context>
<context>
    <name>Mends</name>
    <message>
        <source>Then to watch: %1.</source>
        <translation>Dann zu beachten: %1.</translation>
    </message>
    <message>
        <source>Hold what would fall out by ties %2 wide.</source>
        <translation>Halte, was herausfiele, mit %2 breiten Haltestegen.</translation>
    </message>
    <message>
        <source>Ties %2 wide</source>
        <translation>Haltestege %2 breit</translation>
    </message>
    <message>
        <source>Make the space in this pair %2 instead of %1, and leave the others.</source>
        <translation>Mach den Abstand in diesem Paar %2 statt %1, und lass die anderen.</translation>
    </message>
    <message>
        <source>This pair %1 → %2</source>
        <translation>Dieses Paar %1 → %2</translation>
    </message>
    <message>
        <source>Make the letter space %2 instead of %1.</source>
        <translation>Mach den Buchstabenabstand %2 statt %1.</translation>
    </message>
    <message>
        <source>Letter space %1 → %2</source>
        <translation>Buchstabenabstand %1 → %2</translation>
    </message>
    <message>
        <source>Close the letters up, pair by pair, until they run into each other.</source>
        <translation>Rücke die Buchstaben Paar für Paar zusammen, bis sie ineinanderlaufen.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Zusammenrücken</translation>
    </message>
    <message>
        <source>Hold what is loose by bars %2 wide behind it.</source>
        <translation>Halte, was lose ist, mit %2 breiten Stegen dahinter.</translation>
    </message>
    <message>
        <source>Bars %2 wide</source>
        <translation>Stege %2 breit</translation>
    </message>
    <message>
        <source>Join the letters by short strips %2 wide from one to the next.</source>
        <translation>Verbinde die Buchstaben durch %2 breite kurze Streifen von einem zum nächsten.</translation>
    </message>
    <message>
        <source>Links %2 wide</source>
        <translation>Verbindungen %2 breit</translation>
    </message>
    <message>
        <source>Hold what is loose by a plate behind it, %2 beyond the letters.</source>
        <translation>Halte, was lose ist, mit einer Platte dahinter, %2 über die Buchstaben hinaus.</translation>
    </message>
    <message>
        <source>Plate %2 beyond</source>
        <translation>Platte %2 darüber hinaus</translation>
    </message>
    <message>
        <source>Move the words inwards.</source>
        <translation>Rücke die Wörter nach innen.</translation>
    </message>
    <message>
        <source>Move inwards</source>
        <translation>Nach innen rücken</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1, so that the words go once round.</source>
        <translation>Mach die Größe %2 statt %1, sodass die Wörter einmal herumgehen.</translation>
    </message>
    <message>
        <source>Size %1 → %2</source>
        <translation>Größe %1 → %2</translation>
    </message>
    <message>
        <source>Give the letters out one to a facet.</source>
        <translation>Verteile die Buchstaben einzeln auf Facetten.</translation>
    </message>
    <message>
        <source>A letter to each facet</source>
        <translation>Ein Buchstabe je Facette</translation>
    </message>
    <message>
        <source>Go less deep, and less high in hollows.</source>
        <translation>Geh weniger tief, und in Höhlungen weniger hoch.</translation>
    </message>
    <message>
        <source>Less deep</source>
        <translation>Weniger tief</translation>
    </message>
    <message>
        <source>Move letters off the edge, smaller where there is no room.</source>
        <translation>Rücke Buchstaben von der Kante weg, kleiner, wo kein Platz ist.</translation>
    </message>
    <message>
        <source>Off the edge</source>
        <translation>Von der Kante weg</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1.</source>
        <translation>Mach die Größe %2 statt %1.</translation>
    </message>
    <message>
        <source>Make the blank larger: %2 wide instead of %1.</source>
        <translation>Mach den Rohling größer: %2 breit statt %1.</translation>
    </message>
    <message>
        <source>Blank %2 wide</source>
        <translation>Rohling %2 breit</translation>
    </message>
    <message>
        <source>Put the words on the %1.</source>
        <translation>Lege die Wörter auf: %1.</translation>
    </message>
    <message>
        <source>Put on the %1</source>
        <translation>Legen auf: %1</translation>
    </message>
    <message>
        <source>Let the words be read on the part itself.</source>
        <translation>Lass die Wörter am Teil selbst lesen.</translation>
    </message>
    <message>
        <source>Read on the part</source>
        <translation>Am Teil lesen</translation>
    </message>
    <message>
        <source>Take the sides as they are found on this file.</source>
        <translation>Nimm die Seiten, wie sie in dieser Datei gefunden werden.</translation>
    </message>
    <message>
        <source>Take the sides anew</source>
        <translation>Die Seiten neu nehmen</translation>
    </message>
    <message>
        <source>Leave out the side “%1”; its words go on the first.</source>
        <translation>Lass die Seite „%1“ weg; ihre Wörter gehen auf die erste.</translation>
    </message>
    <message>
        <source>Leave out “%1”</source>
        <translation>„%1“ weglassen</translation>
    </message>
    <message>
        <source>Make the height %2 instead of %1.</source>
        <translation>Mach die Höhe %2 statt %1.</translation>
    </message>
    <message>
        <source>Height %1 → %2</source>
        <translation>Höhe %1 → %2</translation>
    </message>
    <message>
        <source>Make the depth %2 instead of %1.</source>
        <translation>Mach die Tiefe %2 statt %1.</translation>
    </message>
    <message>
        <source>Depth %1 → %2</source>
        <translation>Tiefe %1 → %2</translation>
    </message>
    <message>
        <source>Make the bedding %2 instead of %1.</source>
        <translation>Mach die Einbettung %2 statt %1.</translation>
    </message>
    <message>
        <source>Bedding %1 → %2</source>
        <translation>Einbettung %1 → %2</translation>
    </message>
    <message>
        <source>Let it lie on its %1 instead.</source>
        <translation>Lass es stattdessen so liegen: %1.</translation>
    </message>
    <message>
        <source>Lies on its %1</source>
        <translation>Liegt so: %1</translation>
    </message>
    <message>
        <source>Let the chuck hold the bar at its other end.</source>
        <translation>Lass das Futter den Stab am anderen Ende halten.</translation>
    </message>
    <message>
        <source>Held at the other end</source>
        <translation>Am anderen Ende gehalten</translation>
    </message>
    <message>
        <source>Turn it by a quarter on the bed.</source>
        <translation>Dreh es auf dem Bett um ein Viertel.</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Auf dem Bett gedreht</translation>
    </message>
    <message>
        <source>Make it a whole number of layers.</source>
        <translation>Mach es zu einer ganzen Zahl von Schichten.</translation>
    </message>
    <message>
        <source>Whole layers</source>
        <translation>Ganze Schichten</translation>
    </message>
    <message>
        <source>Make the blank %2 thick instead of %1.</source>
        <translation>Mach den Rohling %2 dick statt %1.</translation>
    </message>
    <message>
        <source>Blank %2 thick</source>
        <translation>Rohling %2 dick</translation>
    </message>
    <message>
        <source>Do not cut through: sink the letters %2 deep, so that a floor holds everything.</source>
        <translation>Schneide nicht durch: vertiefe die Buchstaben um %2, sodass ein Boden alles hält.</translation>
    </message>
    <message>
        <source>Keep a floor: %2 deep</source>
        <translation>Einen Boden lassen: %2 tief</translation>
    </message>
    <message>
        <source>Break the edges by %2.</source>
        <translation>Brich die Kanten um %2.</translation>
    </message>
    <message>
        <source>Edges %2</source>
        <translation>Kanten %2</translation>
    </message>
    <message>
        <source>Let the walls lean by %2.</source>
        <translation>Lass die Wände um %2 neigen.</translation>
    </message>
    <message>
        <source>Draft %2</source>
        <translation>Formschräge %2</translation>
    </message>
    <message>
        <source>Make edges and feet a little smaller.</source>
        <translation>Mach Kanten und Füße etwas kleiner.</translation>
    </message>
    <message>
        <source>Smaller edges</source>
        <translation>Kleinere Kanten</translation>
    </message>
    <message>
        <source>Leave all edges crisp, without feet.</source>
        <translation>Lass alle Kanten scharf, ohne Füße.</translation>
    </message>
    <message>
        <source>Crisp edges</source>
        <translation>Scharfe Kanten</translation>
    </message>
    <message>
        <source>Grow the strokes: weight %2 instead of %1.</source>
        <translation>Lass die Striche wachsen: Stärke %2 statt %1.</translation>
    </message>
    <message>
        <source>Weight %1 → %2</source>
        <translation>Stärke %1 → %2</translation>
    </message>
    <message>
        <source>Make the strokes lighter: weight %2 instead of %1.</source>
        <translation>Mach die Striche leichter: Stärke %2 statt %1.</translation>
    </message>
    <message>
        <source>Take the heavier face %1.</source>
        <translation>Nimm den kräftigeren Schnitt %1.</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>Take the typeface %1, whose strokes are thick enough.</source>
        <translation>Nimm die Schrift %1, deren Striche dick genug sind.</translation>
    </message>
    <message>
        <source>Take %1 of the rack.</source>
        <translation>Nimm %1 aus dem Gestell.</translation>
    </message>
    <message>
        <source>Cut as deep as the letters are designed.</source>
        <translation>Schneide so tief, wie die Buchstaben entworfen sind.</translation>
    </message>
    <message>
        <source>As deep as designed</source>
        <translation>So tief wie entworfen</translation>
    </message>
    <message>
        <source>Cut %2 deep instead of %1.</source>
        <translation>Schneide %2 tief statt %1.</translation>
    </message>
    <message>
        <source>Cut %2 deep</source>
        <translation>%2 tief schneiden</translation>
    </message>
    <message>
        <source>Take a stock as large as the blank asks for.</source>
        <translation>Nimm Rohmaterial, so groß, wie der Rohling es verlangt.</translation>
    </message>
    <message>
        <source>Stock round the blank</source>
        <translation>Rohmaterial um den Rohling</translation>
    </message>
    <message>
        <source>Leave %2 of stock round the blank.</source>
        <translation>Lass %2 Rohmaterial um den Rohling.</translation>
    </message>
    <message>
        <source>Margin %2</source>
        <translation>Rand %2</translation>
    </message>
    <message>
        <source>Cut it out last.</source>
        <translation>Schneide es zuletzt aus.</translation>
    </message>
    <message>
        <source>Cut out last</source>
        <translation>Zuletzt ausschneiden</translation>
    </message>
    <message>
        <source>Let the spindle turn %1 times a minute.</source>
        <translation>Lass die Spindel %1-mal in der Minute drehen.</translation>
    </message>
    <message>
        <source>Speed %1</source>
        <translation>Drehzahl %1</translation>
    </message>
    <message>
        <source>Write the file with straight moves only.</source>
        <translation>Schreibe die Datei nur mit geraden Bewegungen.</translation>
    </message>
    <message>
        <source>Straight moves only</source>
        <translation>Nur gerade Bewegungen</translation>
    </message>
    <message>
        <source>Make it by %1 instead.</source>
        <translation>Mach es stattdessen so: %1.</translation>
    </message>
    <message>
        <source>Process: %1</source>
        <translation>Verfahren: %1</translation>
    </message>
</context>
<context>
    <name>Outputs</name>
    <message>
        <source>one solid, for any printer</source>
        <translation>ein Körper, für jeden Drucker</translation>
    </message>
    <message>
        <source>blank and letters as bodies with colours</source>
        <translation>Rohling und Buchstaben als farbige Körper</translation>
    </message>
    <message>
        <source>both as solids with true curves</source>
        <translation>beides als Körper mit wahren Kurven</translation>
    </message>
    <message>
        <source>lines to cut or follow, a group a working</source>
        <translation>Linien zum Schneiden oder Nachfahren, eine Gruppe je Bearbeitung</translation>
    </message>
    <message>
        <source>the same with true arcs, a layer a working</source>
        <translation>dasselbe mit wahren Bögen, eine Ebene je Bearbeitung</translation>
    </message>
    <message>
        <source>toolpaths for a machine that cuts</source>
        <translation>Werkzeugwege für eine Maschine, die schneidet</translation>
    </message>
    <message>
        <source>true size on paper, to hold against the work</source>
        <translation>wahre Größe auf Papier, zum Anhalten an das Werkstück</translation>
    </message>
    <message>
        <source>a picture of the view</source>
        <translation>ein Bild der Ansicht</translation>
    </message>
    <message>
        <source>Printed lying on its back, the letters&apos; colour begins at a height of %1.</source>
        <translation>Auf dem Rücken liegend gedruckt, beginnt die Farbe der Buchstaben in der Höhe %1.</translation>
    </message>
</context>
<context>
    <name>Overlays</name>
    <message>
        <source>neck %1</source>
        <translation>Engstelle %1</translation>
    </message>
</context>
<context>
    <name>Problems</name>
    <message>
        <source>Line %1, column %2: </source>
        <translation>Zeile %1, Spalte %2: </translation>
    </message>
    <message>
        <source>Line %1: </source>
        <translation>Zeile %1: </translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>Text in Anführungszeichen</translation>
    </message>
    <message>
        <source>an object, {…}</source>
        <translation>ein Objekt, {…}</translation>
    </message>
    <message>
        <source>a list, […]</source>
        <translation>eine Liste, […]</translation>
    </message>
    <message>
        <source>A number is wanted here.</source>
        <translation>Hier wird eine Zahl erwartet.</translation>
    </message>
    <message>
        <source>Something is missing at the end.</source>
        <translation>Am Ende fehlt etwas.</translation>
    </message>
    <message>
        <source>“%1” does not belong at position %2.</source>
        <translation>„%1“ gehört nicht an die Stelle %2.</translation>
    </message>
    <message>
        <source>The bracket at position %1 is not closed.</source>
        <translation>Die Klammer an der Stelle %1 ist nicht geschlossen.</translation>
    </message>
    <message>
        <source>“%1” at position %2 is no unit known here; lengths take mm, cm, m, in, ft or pt.</source>
        <translation>„%1“ an der Stelle %2 ist keine bekannte Einheit; Längen nehmen mm, cm, m, in, ft oder pt.</translation>
    </message>
    <message>
        <source>Too many brackets within each other at position %1.</source>
        <translation>Zu viele ineinander geschachtelte Klammern an der Stelle %1.</translation>
    </message>
    <message>
        <source>Division by zero at position %1.</source>
        <translation>Division durch null an der Stelle %1.</translation>
    </message>
    <message>
        <source>At position %1 the units do not work out to a length.</source>
        <translation>An der Stelle %1 ergeben die Einheiten keine Länge.</translation>
    </message>
    <message>
        <source>The number is too large.</source>
        <translation>Die Zahl ist zu groß.</translation>
    </message>
    <message>
        <source>There is no file “%1”. Check the name and the folder.</source>
        <translation>Es gibt keine Datei „%1“. Prüfe den Namen und den Ordner.</translation>
    </message>
    <message>
        <source>“%1” cannot be read (%2).</source>
        <translation>„%1“ kann nicht gelesen werden (%2).</translation>
    </message>
    <message>
        <source>“%1” cannot be written (%2). Nothing was changed; choose another folder or name.</source>
        <translation>„%1“ kann nicht geschrieben werden (%2). Nichts wurde geändert; wähle einen anderen Ordner oder Namen.</translation>
    </message>
    <message>
        <source>“%1” is already there and was left as it is.</source>
        <translation>„%1“ ist schon da und blieb, wie sie war.</translation>
    </message>
    <message>
        <source>“%1” is read-only and was left as it is. Choose another name, or let it be written to first.</source>
        <translation>„%1“ ist schreibgeschützt und blieb, wie sie war. Wähle einen anderen Namen, oder erlaube das Schreiben.</translation>
    </message>
    <message>
        <source>There is no description of the dialect “%1”, so nothing can be written in it.</source>
        <translation>Es gibt keine Beschreibung des Dialekts „%1“, darum kann nichts darin geschrieben werden.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no format Bollard writes; use .stl, .3mf, .svg, .dxf or .nc.</source>
        <translation>Die Endung von „%1“ nennt kein Format, das Bollard schreibt; nimm .stl, .3mf, .svg, .dxf oder .nc.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no drawing; use .svg or .dxf.</source>
        <translation>Die Endung von „%1“ nennt keine Zeichnung; nimm .svg oder .dxf.</translation>
    </message>
    <message>
        <source>A quote is opened here and never closed. Nothing was read; mend the table.</source>
        <translation>Ein Anführungszeichen wird hier geöffnet und nie geschlossen. Nichts wurde gelesen; berichtige die Tabelle.</translation>
    </message>
    <message>
        <source>The card is not good JSON: %1.</source>
        <translation>Die Karte ist kein gültiges JSON: %1.</translation>
    </message>
    <message>
        <source>The field “%1” is missing.</source>
        <translation>Das Feld „%1“ fehlt.</translation>
    </message>
    <message>
        <source>The field “%1” must be %2.</source>
        <translation>Das Feld „%1“ muss %2 sein.</translation>
    </message>
    <message>
        <source>There is no row %1; the card makes %2. Rows are counted from 1.</source>
        <translation>Es gibt keine Reihe %1; die Karte ergibt %2. Reihen zählen ab 1.</translation>
    </message>
    <message>
        <source>The card says it is of version %1; versions begin with 1.</source>
        <translation>Die Karte nennt Version %1; Versionen beginnen mit 1.</translation>
    </message>
    <message>
        <source>A step met what it was not made for (%1). The card is safe; change what you did last, or undo it.</source>
        <translation>Ein Schritt traf auf etwas, wofür er nicht gemacht ist (%1). Die Karte ist sicher; ändere, was du zuletzt getan hast, oder nimm es zurück.</translation>
    </message>
    <message>
        <source>The card is of version %1, newer than this Bollard reads. Use a newer Bollard.</source>
        <translation>Die Karte hat Version %1, neuer als dieses Bollard liest. Nimm ein neueres Bollard.</translation>
    </message>
    <message>
        <source>“%1” is not a font file, or it is broken. Choose another file.</source>
        <translation>„%1“ ist keine Schriftdatei, oder sie ist beschädigt. Wähle eine andere Datei.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only pixel pictures of its letters, no outlines. Choose another.</source>
        <translation>Die Schrift „%1“ enthält nur Pixelbilder ihrer Buchstaben, keine Umrisse. Wähle eine andere.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only coloured pictures, no outlines. Choose another.</source>
        <translation>Die Schrift „%1“ enthält nur farbige Bilder, keine Umrisse. Wähle eine andere.</translation>
    </message>
    <message>
        <source>“%1” is a font of a kind Bollard does not read; it reads TrueType and OpenType.</source>
        <translation>„%1“ ist eine Schrift, die Bollard nicht liest; es liest TrueType und OpenType.</translation>
    </message>
    <message>
        <source>The font file “%1” has no face number %2.</source>
        <translation>Die Schriftdatei „%1“ hat keinen Schnitt Nummer %2.</translation>
    </message>
    <message>
        <source>“%1” holds no letter that could be drawn. Choose another file.</source>
        <translation>„%1“ enthält keinen Buchstaben, der sich zeichnen ließe. Wähle eine andere Datei.</translation>
    </message>
    <message>
        <source>The path data cannot be read at its position %1.</source>
        <translation>Die Pfaddaten sind an der Stelle %1 nicht lesbar.</translation>
    </message>
    <message>
        <source>The path data of %1 cannot be read at its position %2.</source>
        <translation>Die Pfaddaten von %1 sind an der Stelle %2 nicht lesbar.</translation>
    </message>
    <message>
        <source>“%1” cannot be read as a drawing: %2.</source>
        <translation>„%1“ ist nicht als Zeichnung lesbar: %2.</translation>
    </message>
    <message>
        <source>“%1” holds no line or shape that could be worked. Text in it must be turned into curves first.</source>
        <translation>„%1“ enthält keine Linie oder Form, die sich bearbeiten ließe. Text darin muss erst in Kurven verwandelt werden.</translation>
    </message>
    <message>
        <source>The typeface “%1” is not installed here. Choose another, or open its font file.</source>
        <translation>Die Schrift „%1“ ist hier nicht installiert. Wähle eine andere, oder öffne ihre Schriftdatei.</translation>
    </message>
    <message>
        <source>The licence of “%1” does not let a card take it along.</source>
        <translation>Die Lizenz von „%1“ erlaubt nicht, dass eine Karte sie mitnimmt.</translation>
    </message>
    <message>
        <source>The part “%1” is too large to be taken along.</source>
        <translation>Das Teil „%1“ ist zu groß zum Mitnehmen.</translation>
    </message>
    <message>
        <source>The file of “%1” is too large to be taken along.</source>
        <translation>Die Datei von „%1“ ist zu groß zum Mitnehmen.</translation>
    </message>
    <message>
        <source>It is larger than a sheet of %1 has room for. Take larger sheets, or let parts be turned.</source>
        <translation>Es ist größer als der Platz auf einem Bogen von %1. Nimm größere Bögen, oder lass Teile drehen.</translation>
    </message>
    <message>
        <source>It cannot be laid on a sheet: only plates, discs and bare letters lie flat, cut from one side.</source>
        <translation>Es lässt sich nicht auf einen Bogen legen: nur Platten, Scheiben und Buchstaben allein liegen flach, von einer Seite geschnitten.</translation>
    </message>
    <message>
        <source>The machine does not reach all of the sheet along %1: %2 mm. Take a smaller sheet.</source>
        <translation>Die Maschine erreicht nicht den ganzen Bogen entlang %1: %2 mm. Nimm einen kleineren Bogen.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: line %2, %3.</source>
        <translation>„%1“ ist kein Programm für eine Maschine: Zeile %2, %3.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: %2.</source>
        <translation>„%1“ ist kein Programm für eine Maschine: %2.</translation>
    </message>
    <message>
        <source>There is no line %1; the program has %2.</source>
        <translation>Es gibt keine Zeile %1; das Programm hat %2.</translation>
    </message>
    <message>
        <source>There is no protocol “%1”. There are: %2.</source>
        <translation>Es gibt kein Protokoll „%1“. Es gibt: %2.</translation>
    </message>
    <message>
        <source>“%1” does not describe a protocol: %2.</source>
        <translation>„%1“ beschreibt kein Protokoll: %2.</translation>
    </message>
    <message>
        <source>The device “%1” cannot be opened (%2). See that it is plugged in, and nothing else uses it.</source>
        <translation>Das Gerät „%1“ lässt sich nicht öffnen (%2). Sieh nach, ob es eingesteckt ist und nichts anderes es benutzt.</translation>
    </message>
    <message>
        <source>The controller does not reach so far along %1: %2 mm. Move the work, or take another machine.</source>
        <translation>Die Steuerung reicht entlang %1 nicht so weit: %2 mm. Verschiebe die Arbeit, oder nimm eine andere Maschine.</translation>
    </message>
    <message>
        <source>The controller does not take the dialect “%1”; it takes: %2. Write the file anew for it.</source>
        <translation>Die Steuerung nimmt den Dialekt „%1“ nicht; sie nimmt: %2. Schreibe die Datei neu dafür.</translation>
    </message>
    <message>
        <source>The controller answered with an error: %1. The last line it confirmed is %2; nothing more was sent.</source>
        <translation>Die Steuerung meldete einen Fehler: %1. Die letzte bestätigte Zeile ist %2; mehr wurde nicht gesendet.</translation>
    </message>
    <message>
        <source>The controller started anew. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>Die Steuerung hat neu begonnen. Die letzte bestätigte Zeile ist %1; mehr wurde nicht gesendet.</translation>
    </message>
    <message>
        <source>The controller answers no more. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>Die Steuerung antwortet nicht mehr. Die letzte bestätigte Zeile ist %1; mehr wurde nicht gesendet.</translation>
    </message>
    <message>
        <source>The connection to the controller is lost. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>Die Verbindung zur Steuerung ist verloren. Die letzte bestätigte Zeile ist %1; mehr wurde nicht gesendet.</translation>
    </message>
    <message>
        <source>There is nothing to make yet: the card has neither a blank nor letters.</source>
        <translation>Es gibt noch nichts zu machen: die Karte hat weder Rohling noch Buchstaben.</translation>
    </message>
    <message>
        <source>The solid could not be built: slopes or walls meet in a way that comes to nothing. Move the words a little, or make their edges smaller or crisp.</source>
        <translation>Der Körper ließ sich nicht bilden: Schrägen oder Wände treffen sich so, dass nichts daraus wird. Verschiebe die Wörter etwas, oder mach ihre Kanten kleiner oder scharf.</translation>
    </message>
    <message>
        <source>A cut reaches the middle of the blank or comes out on another side, or what is raised in a hollow meets across it. Make it less deep, or less high.</source>
        <translation>Ein Schnitt erreicht die Mitte des Rohlings oder kommt auf einer anderen Seite heraus, oder was in einer Höhlung erhöht ist, trifft sich darin. Mach es weniger tief oder weniger hoch.</translation>
    </message>
    <message>
        <source>Walls that lean cannot go through where the inside does not lie straight behind the outside. Make the edges of these letters crisp, chamfered or round.</source>
        <translation>Geneigte Wände können nicht durchgehen, wo die Innenseite nicht gerade hinter der Außenseite liegt. Mach die Kanten dieser Buchstaben scharf, gefast oder rund.</translation>
    </message>
    <message>
        <source>Letters cut through a facet reach beyond what lies straight behind it. Make them narrower, or move them to the middle of the facet.</source>
        <translation>Durch eine Facette geschnittene Buchstaben reichen über das hinaus, was gerade dahinter liegt. Mach sie schmaler, oder rücke sie in die Mitte der Facette.</translation>
    </message>
    <message>
        <source>The blank has no body: its profile has no size or runs through itself, or its wall is thicker than it has room for.</source>
        <translation>Der Rohling hat keinen Körper: sein Profil hat keine Größe oder kreuzt sich, oder seine Wand ist dicker als der Platz dafür.</translation>
    </message>
    <message>
        <source>Letters on two sides reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Buchstaben auf zwei Seiten reichen im Rohling ineinander. Mach sie weniger tief, oder rücke sie auseinander.</translation>
    </message>
    <message>
        <source>Choose the file of the part.</source>
        <translation>Wähle die Datei des Teils.</translation>
    </message>
    <message>
        <source>There is no surface in “%1”.</source>
        <translation>In „%1“ ist keine Oberfläche.</translation>
    </message>
    <message>
        <source>“%1” could not be read as a part (%2).</source>
        <translation>„%1“ ließ sich nicht als Teil lesen (%2).</translation>
    </message>
    <message>
        <source>The part in “%1” is open in %2 places that are too wide to be closed. Mend it where it was made.</source>
        <translation>Das Teil in „%1“ ist an %2 Stellen offen, die zu weit zum Schließen sind. Berichtige es, wo es gemacht wurde.</translation>
    </message>
    <message>
        <source>The part in “%1” runs through itself. Mend it where it was made.</source>
        <translation>Das Teil in „%1“ durchdringt sich selbst. Berichtige es, wo es gemacht wurde.</translation>
    </message>
    <message>
        <source>“%1” is not the file that this card&apos;s sides were found on. Point at them again.</source>
        <translation>„%1“ ist nicht die Datei, auf der die Seiten dieser Karte gefunden wurden. Zeige sie noch einmal.</translation>
    </message>
    <message>
        <source>This place is on no flat, cylindrical or conical side: it leaves the nearest by %1 mm.</source>
        <translation>Diese Stelle liegt auf keiner flachen, zylindrischen oder kegeligen Seite: sie ist %1 mm von der nächsten entfernt.</translation>
    </message>
    <message>
        <source>This side has no room for words.</source>
        <translation>Diese Seite hat keinen Platz für Wörter.</translation>
    </message>
    <message>
        <source>In “%1” %2 faces are facets: broken edges, balls, turned shapes and parts from files have no true surfaces there.</source>
        <translation>In „%1“ sind %2 Flächen Facetten: gebrochene Kanten, Kugeln, gedrehte Formen und Teile aus Dateien haben dort keine wahren Flächen.</translation>
    </message>
    <message>
        <source>Letters run over the edge to the side that joins theirs. Move them in from the edge, or make them smaller.</source>
        <translation>Buchstaben laufen über die Kante auf die angrenzende Seite. Rücke sie von der Kante weg, oder mach sie kleiner.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>“%1” holds more than can be worked: %2.</source>
        <translation>„%1“ enthält mehr, als bearbeitet werden kann: %2.</translation>
    </message>
    <message>
        <source>It needs more than %1 GB of memory. Make it of fewer or simpler letters.</source>
        <translation>Es braucht mehr als %1 GB Speicher. Mach es aus weniger oder einfacheren Buchstaben.</translation>
    </message>
</context>
<context>
    <name>Processes</name>
    <message>
        <source>filament print</source>
        <translation>Filamentdruck</translation>
    </message>
    <message>
        <source>resin print</source>
        <translation>Harzdruck</translation>
    </message>
    <message>
        <source>casting pattern</source>
        <translation>Gussmodell</translation>
    </message>
    <message>
        <source>V-carving</source>
        <translation>V-Schnitzen</translation>
    </message>
    <message>
        <source>line engraving</source>
        <translation>Liniengravur</translation>
    </message>
    <message>
        <source>milling</source>
        <translation>Fräsen</translation>
    </message>
    <message>
        <source>torch cutting</source>
        <translation>Brennschneiden</translation>
    </message>
    <message>
        <source>laser cutting</source>
        <translation>Laserschneiden</translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation>Düse</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>Erste Schicht</translation>
    </message>
    <message>
        <source>Steepest overhang</source>
        <translation>Steilster Überhang</translation>
    </message>
    <message>
        <source>Speed, mm a second</source>
        <translation>Tempo, mm in der Sekunde</translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation>Bett, quer</translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation>Bett, tief</translation>
    </message>
    <message>
        <source>Prints up to</source>
        <translation>Druckt bis</translation>
    </message>
    <message>
        <source>Pixel</source>
        <translation>Pixel</translation>
    </message>
    <message>
        <source>Angle of the bit</source>
        <translation>Winkel des Fräsers</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Fräser</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Schnittfuge</translation>
    </message>
    <message>
        <source>Thinnest plate</source>
        <translation>Dünnste Platte</translation>
    </message>
    <message>
        <source>Thickest plate</source>
        <translation>Dickste Platte</translation>
    </message>
    <message>
        <source>Worn on the body</source>
        <translation>Am Körper getragen</translation>
    </message>
    <message>
        <source>, %1 %2</source>
        <translation>, %1 %2</translation>
    </message>
    <message>
        <source>, worn</source>
        <translation>, getragen</translation>
    </message>
    <message>
        <source>, own limits</source>
        <translation>, eigene Grenzen</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>Land</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Engstelle</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Height per stroke</source>
        <translation>Höhe je Strich</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Einbettung</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Kanten</translation>
    </message>
    <message>
        <source>Draft</source>
        <translation>Formschräge</translation>
    </message>
    <message>
        <source>Radius left in corners</source>
        <translation>In Ecken bleibender Radius</translation>
    </message>
    <message>
        <source>%1, stop above</source>
        <translation>%1, Hindernis darüber</translation>
    </message>
    <message>
        <source>%1, watch above</source>
        <translation>%1, beachten darüber</translation>
    </message>
    <message>
        <source>%1, stop below</source>
        <translation>%1, Hindernis darunter</translation>
    </message>
    <message>
        <source>%1, watch below</source>
        <translation>%1, beachten darunter</translation>
    </message>
    <message>
        <source>Above the limit you set.</source>
        <translation>Über der Grenze, die du gesetzt hast.</translation>
    </message>
    <message>
        <source>Below the limit you set.</source>
        <translation>Unter der Grenze, die du gesetzt hast.</translation>
    </message>
    <message>
        <source>Beyond what the process can do.</source>
        <translation>Jenseits dessen, was das Verfahren kann.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>side %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>verborgen</translation>
    </message>
    <message>
        <source>cuts out</source>
        <translation>schneidet aus</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source> · group %1</source>
        <translation> · Gruppe %1</translation>
    </message>
    <message>
        <source>Inscription %1: %2, %3</source>
        <translation>Beschriftung %1: %2, %3</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(keine Wörter)</translation>
    </message>
</context>
<context>
    <name>Rules</name>
    <message>
        <source>Nothing could be made</source>
        <translation>Nichts konnte gemacht werden</translation>
    </message>
    <message>
        <source>Typeface cannot be used</source>
        <translation>Schrift nicht verwendbar</translation>
    </message>
    <message>
        <source>No value for {%1}</source>
        <translation>Kein Wert für {%1}</translation>
    </message>
    <message>
        <source>The rows in Output have no such field. Add it there, or double the braces to set them.</source>
        <translation>Die Reihen in Ausgabe haben kein solches Feld. Füge es dort hinzu, oder verdopple die Klammern, um sie zu setzen.</translation>
    </message>
    <message>
        <source>Ornament without a shape</source>
        <translation>Zierrat ohne Form</translation>
    </message>
    <message>
        <source>There is nothing for it to go round or along, or its artwork holds no shape.</source>
        <translation>Es gibt nichts, worum oder woran entlang er gehen könnte, oder seine Zeichnung enthält keine Form.</translation>
    </message>
    <message>
        <source>Words longer than their line</source>
        <translation>Wörter länger als ihre Linie</translation>
    </message>
    <message>
        <source>The words run beyond the end of the line they stand on, or round it into themselves.</source>
        <translation>Die Wörter laufen über das Ende ihrer Linie hinaus, oder herum in sich selbst.</translation>
    </message>
    <message>
        <source>Character missing in the typeface</source>
        <translation>Zeichen fehlt in der Schrift</translation>
    </message>
    <message>
        <source>%1 has no such character, so nothing is made of it. Choose another typeface or sign.</source>
        <translation>%1 hat kein solches Zeichen, darum wird nichts daraus. Wähle eine andere Schrift oder ein anderes Zeichen.</translation>
    </message>
    <message>
        <source>Character draws nothing</source>
        <translation>Zeichen zeichnet nichts</translation>
    </message>
    <message>
        <source>%1 knows the character but has no outline for it, so nothing is made of it.</source>
        <translation>%1 kennt das Zeichen, hat aber keinen Umriss dafür, darum wird nichts daraus.</translation>
    </message>
    <message>
        <source>No size of these letters gives that measure; this is the nearest. Change the size, the weight or the spaces.</source>
        <translation>Keine Größe dieser Buchstaben ergibt dieses Maß; dies ist die nächste. Ändere Größe, Stärke oder Abstände.</translation>
    </message>
    <message>
        <source>All letters close up</source>
        <translation>Alle Buchstaben laufen zu</translation>
    </message>
    <message>
        <source>Strokes grown on both sides would be higher than the letters. Lower the weight or make the letters larger.</source>
        <translation>Beidseitig gewachsene Striche wären höher als die Buchstaben. Verringere die Stärke, oder mach die Buchstaben größer.</translation>
    </message>
    <message>
        <source>Letters too large or too far out</source>
        <translation>Buchstaben zu groß oder zu weit draußen</translation>
    </message>
    <message>
        <source>Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or move them nearer.</source>
        <translation>Nichts kann weiter als 107 m vom Ursprung liegen, darum bleiben diese weg. Mach sie kleiner, oder rücke sie näher.</translation>
    </message>
    <message>
        <source>Neck too narrow</source>
        <translation>Engstelle zu schmal</translation>
    </message>
    <message>
        <source>Strokes vanish</source>
        <translation>Striche verschwinden</translation>
    </message>
    <message>
        <source>The weight change takes more off these strokes than they are wide.</source>
        <translation>Die Änderung der Stärke nimmt mehr von diesen Strichen, als sie breit sind.</translation>
    </message>
    <message>
        <source>Counters fill up</source>
        <translation>Innenräume laufen zu</translation>
    </message>
    <message>
        <source>The strokes grow towards each other by more than these holes are wide.</source>
        <translation>Die Striche wachsen um mehr aufeinander zu, als diese Löcher breit sind.</translation>
    </message>
    <message>
        <source>Counters fall out</source>
        <translation>Innenräume fallen heraus</translation>
    </message>
    <message>
        <source>Cut right through, these are held by nothing.</source>
        <translation>Ganz durchgeschnitten, hält diese nichts.</translation>
    </message>
    <message>
        <source>Letters joined to nothing</source>
        <translation>Buchstaben ohne Verbindung</translation>
    </message>
    <message>
        <source>Nothing holds these letters to the rest.</source>
        <translation>Nichts hält diese Buchstaben am Übrigen.</translation>
    </message>
    <message>
        <source>Relief too low</source>
        <translation>Relief zu niedrig</translation>
    </message>
    <message>
        <source>Letters tall for their strokes</source>
        <translation>Buchstaben hoch für ihre Striche</translation>
    </message>
    <message>
        <source>Letters high for something worn</source>
        <translation>Buchstaben hoch für etwas Getragenes</translation>
    </message>
    <message>
        <source>Bedding too shallow</source>
        <translation>Einbettung zu flach</translation>
    </message>
    <message>
        <source>Words beyond the blank</source>
        <translation>Wörter über den Rohling hinaus</translation>
    </message>
    <message>
        <source>Part of the words lies off the blank or over a hole.</source>
        <translation>Ein Teil der Wörter liegt neben dem Rohling oder über einem Loch.</translation>
    </message>
    <message>
        <source>Too near the edge</source>
        <translation>Zu nah an der Kante</translation>
    </message>
    <message>
        <source>Nearer to an edge than the margin set for this blank.</source>
        <translation>Näher an einer Kante als der Randabstand dieses Rohlings.</translation>
    </message>
    <message>
        <source>The blank has no size</source>
        <translation>Der Rohling hat keine Größe</translation>
    </message>
    <message>
        <source>Give the blank a width, a height and a thickness above 0.</source>
        <translation>Gib dem Rohling eine Breite, eine Höhe und eine Dicke über 0.</translation>
    </message>
    <message>
        <source>The profile crosses itself</source>
        <translation>Das Profil kreuzt sich</translation>
    </message>
    <message>
        <source>Between its points the profile runs through itself or beyond its ends. Move its points apart.</source>
        <translation>Zwischen seinen Punkten läuft das Profil durch sich selbst oder über seine Enden. Rücke seine Punkte auseinander.</translation>
    </message>
    <message>
        <source>Longer than once round</source>
        <translation>Länger als einmal herum</translation>
    </message>
    <message>
        <source>The words run into themselves. Make them smaller or narrower, or the blank larger.</source>
        <translation>Die Wörter laufen in sich selbst. Mach sie kleiner oder schmaler, oder den Rohling größer.</translation>
    </message>
    <message>
        <source>Letters across the border of facets</source>
        <translation>Buchstaben über der Grenze von Facetten</translation>
    </message>
    <message>
        <source>These bend over the edge between two facets. Give the letters out one to a facet, or move them.</source>
        <translation>Diese biegen sich über die Kante zwischen zwei Facetten. Verteile die Buchstaben einzeln auf Facetten, oder verschiebe sie.</translation>
    </message>
    <message>
        <source>Letters narrow towards a pole</source>
        <translation>Buchstaben werden zum Pol hin schmaler</translation>
    </message>
    <message>
        <source>They are as wide as drawn where they are placed, and so much of that where the blank is thinner.</source>
        <translation>Sie sind so breit wie gezeichnet, wo sie liegen, und nur so viel davon, wo der Rohling dünner ist.</translation>
    </message>
    <message>
        <source>Flat tops are uneven</source>
        <translation>Flache Oberseiten sind uneben</translation>
    </message>
    <message>
        <source>At their ends letters stand so much farther off the side, or nearer, than in their middle.</source>
        <translation>An ihren Enden stehen Buchstaben um so viel weiter von der Seite ab, oder näher, als in ihrer Mitte.</translation>
    </message>
    <message>
        <source>Letters of two sides meet</source>
        <translation>Buchstaben zweier Seiten treffen sich</translation>
    </message>
    <message>
        <source>They reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Sie reichen im Rohling ineinander. Mach sie weniger tief, oder rücke sie auseinander.</translation>
    </message>
    <message>
        <source>The part cannot be had</source>
        <translation>Das Teil ist nicht zu haben</translation>
    </message>
    <message>
        <source>The part was mended</source>
        <translation>Das Teil wurde ausgebessert</translation>
    </message>
    <message>
        <source>Triangles of its file that were there twice or faced the other way, or small holes, were put right. The file stays as it is.</source>
        <translation>Dreiecke seiner Datei, die doppelt waren oder verkehrt standen, oder kleine Löcher, wurden berichtigt. Die Datei bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>No side there</source>
        <translation>Dort ist keine Seite</translation>
    </message>
    <message>
        <source>The blank has no such side</source>
        <translation>Der Rohling hat keine solche Seite</translation>
    </message>
    <message>
        <source>Hole beyond the blank</source>
        <translation>Loch über den Rohling hinaus</translation>
    </message>
    <message>
        <source>The hole cuts into the blank&apos;s edge or misses the blank.</source>
        <translation>Das Loch schneidet in die Kante des Rohlings oder verfehlt ihn.</translation>
    </message>
    <message>
        <source>Narrow land beside a hole</source>
        <translation>Schmaler Steg neben einem Loch</translation>
    </message>
    <message>
        <source>Too thick to cut through</source>
        <translation>Zu dick zum Durchschneiden</translation>
    </message>
    <message>
        <source>Thin to cut</source>
        <translation>Dünn zum Schneiden</translation>
    </message>
    <message>
        <source>Sharp edges</source>
        <translation>Scharfe Kanten</translation>
    </message>
    <message>
        <source>Walls lean too little</source>
        <translation>Wände neigen zu wenig</translation>
    </message>
    <message>
        <source>Wide strokes with a flat floor</source>
        <translation>Breite Striche mit flachem Boden</translation>
    </message>
    <message>
        <source>The depth ends before the flanks meet in the middle of these strokes. A greater depth carves them to a point.</source>
        <translation>Die Tiefe endet, bevor sich die Flanken in der Mitte dieser Striche treffen. Mehr Tiefe schnitzt sie spitz.</translation>
    </message>
    <message>
        <source>Corners stay round</source>
        <translation>Ecken bleiben rund</translation>
    </message>
    <message>
        <source>Parts that begin in the air</source>
        <translation>Teile, die in der Luft beginnen</translation>
    </message>
    <message>
        <source>Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.</source>
        <translation>So liegend ist nichts unter ihnen, wo sie beginnen. Lass das Teil anders liegen, oder stütze es.</translation>
    </message>
    <message>
        <source>Overhangs too far</source>
        <translation>Hängt zu weit über</translation>
    </message>
    <message>
        <source>Lying so, so much leans out farther than a print holds. Let the part lie otherwise.</source>
        <translation>So liegend neigt sich so viel weiter hinaus, als ein Druck hält. Lass das Teil anders liegen.</translation>
    </message>
    <message>
        <source>Not a whole number of layers</source>
        <translation>Keine ganze Zahl von Schichten</translation>
    </message>
    <message>
        <source>The printer makes it a layer higher or lower than it is drawn.</source>
        <translation>Der Drucker macht es eine Schicht höher oder niedriger als gezeichnet.</translation>
    </message>
    <message>
        <source>Letters lose a layer</source>
        <translation>Buchstaben verlieren eine Schicht</translation>
    </message>
    <message>
        <source>As the print lies, letters come out in fewer layers than they are high, or in none.</source>
        <translation>Wie der Druck liegt, werden Buchstaben aus weniger Schichten, als sie hoch sind, oder aus keiner.</translation>
    </message>
    <message>
        <source>Larger than the printer&apos;s bed</source>
        <translation>Größer als das Bett des Druckers</translation>
    </message>
    <message>
        <source>Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.</source>
        <translation>So liegend passt das Teil nicht auf das Bett oder unter die Decke. Dreh es, oder mach es kleiner.</translation>
    </message>
    <message>
        <source>The solid could not be built</source>
        <translation>Der Körper ließ sich nicht bilden</translation>
    </message>
    <message>
        <source>Ties without a stroke</source>
        <translation>Haltestege ohne Strich</translation>
    </message>
    <message>
        <source>These were put by hand where their letter is not cut any more. Drag them back, or take them away.</source>
        <translation>Diese wurden von Hand gesetzt, wo ihr Buchstabe nicht mehr geschnitten wird. Zieh sie zurück, oder nimm sie weg.</translation>
    </message>
    <message>
        <source>No ties needed</source>
        <translation>Keine Haltestege nötig</translation>
    </message>
    <message>
        <source>No letter of these words encloses anything, so %1 gets none.</source>
        <translation>Kein Buchstabe dieser Wörter umschließt etwas, darum bekommt %1 keine.</translation>
    </message>
    <message>
        <source>Part beyond the stock</source>
        <translation>Teil über das Rohmaterial hinaus</translation>
    </message>
    <message>
        <source>The blank does not lie within the stock. Make the stock larger, or move it.</source>
        <translation>Der Rohling liegt nicht im Rohmaterial. Nimm größeres Rohmaterial, oder verschiebe es.</translation>
    </message>
    <message>
        <source>Cuts beside the stock</source>
        <translation>Schneidet neben dem Rohmaterial</translation>
    </message>
    <message>
        <source>Some of what is cut lies where there is no stock.</source>
        <translation>Einiges von dem, was geschnitten wird, liegt, wo kein Rohmaterial ist.</translation>
    </message>
    <message>
        <source>Deeper than the stock</source>
        <translation>Tiefer als das Rohmaterial</translation>
    </message>
    <message>
        <source>%1 goes through the stock into what lies below.</source>
        <translation>%1 geht durch das Rohmaterial in das, was darunter liegt.</translation>
    </message>
    <message>
        <source>Deeper than the tool cuts</source>
        <translation>Tiefer, als das Werkzeug schneidet</translation>
    </message>
    <message>
        <source>%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.</source>
        <translation>%1: der Schaft reibt, wo die Schneiden enden. Nimm ein längeres Werkzeug, oder schneide weniger tief.</translation>
    </message>
    <message>
        <source>Beyond the machine&apos;s travel</source>
        <translation>Über den Weg der Maschine hinaus</translation>
    </message>
    <message>
        <source>The machine cannot reach so far along %1.</source>
        <translation>Die Maschine reicht entlang %1 nicht so weit.</translation>
    </message>
    <message>
        <source>Tool too wide for strokes</source>
        <translation>Werkzeug zu breit für Striche</translation>
    </message>
    <message>
        <source>%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger letters.</source>
        <translation>%1: nichts wird geschnitten, wo Striche schmaler als das Werkzeug sind. Nimm ein kleineres, oder größere Buchstaben.</translation>
    </message>
    <message>
        <source>Little stock round the part</source>
        <translation>Wenig Rohmaterial um das Teil</translation>
    </message>
    <message>
        <source>The tool runs along the stock&apos;s edge or beside it. Leave a margin of its width.</source>
        <translation>Das Werkzeug läuft an der Kante des Rohmaterials oder daneben. Lass einen Rand von seiner Breite.</translation>
    </message>
    <message>
        <source>Stock thicker than the blank</source>
        <translation>Rohmaterial dicker als der Rohling</translation>
    </message>
    <message>
        <source>What is cut out comes as thick as the stock.</source>
        <translation>Was ausgeschnitten wird, wird so dick wie das Rohmaterial.</translation>
    </message>
    <message>
        <source>No room for a lead</source>
        <translation>Kein Platz für einen Einlauf</translation>
    </message>
    <message>
        <source>%1: there is no place in the waste to begin from, so the cut begins on the line.</source>
        <translation>%1: im Abfall ist keine Stelle zum Beginnen, darum beginnt der Schnitt auf der Linie.</translation>
    </message>
    <message>
        <source>Another depth than its working</source>
        <translation>Andere Tiefe als die Bearbeitung</translation>
    </message>
    <message>
        <source>%1 tells a depth of its own, and the letters are designed with another.</source>
        <translation>%1 nennt eine eigene Tiefe, und die Buchstaben sind mit einer anderen entworfen.</translation>
    </message>
    <message>
        <source>Unknown dialect</source>
        <translation>Unbekannter Dialekt</translation>
    </message>
    <message>
        <source>There is no description of “%1”, so no file can be written.</source>
        <translation>Es gibt keine Beschreibung von „%1“, darum kann keine Datei geschrieben werden.</translation>
    </message>
    <message>
        <source>Cut free too early</source>
        <translation>Zu früh freigeschnitten</translation>
    </message>
    <message>
        <source>%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.</source>
        <translation>%1 löst das Teil, bevor alles daran getan ist. Schneide es zuletzt aus, oder halte es mit Haltestegen.</translation>
    </message>
    <message>
        <source>Pieces come loose inside</source>
        <translation>Stücke lösen sich im Inneren</translation>
    </message>
    <message>
        <source>%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take the pieces out as they fall.</source>
        <translation>%1: was innerhalb des Teils ausgeschnitten wird, liegt lose unter dem Werkzeug. Gib dem Arbeitsgang Haltestege, oder nimm die Stücke heraus, wie sie fallen.</translation>
    </message>
    <message>
        <source>Beyond the spindle&apos;s speeds</source>
        <translation>Über die Drehzahlen der Spindel hinaus</translation>
    </message>
    <message>
        <source>%1 asks for a speed that the machine&apos;s spindle does not turn at.</source>
        <translation>%1 verlangt eine Drehzahl, mit der die Spindel der Maschine nicht dreht.</translation>
    </message>
    <message>
        <source>Not for this machine</source>
        <translation>Nicht für diese Maschine</translation>
    </message>
    <message>
        <source>%1 needs a spindle where the machine carries a torch, or the other way round.</source>
        <translation>%1 braucht eine Spindel, wo die Maschine einen Brenner trägt, oder umgekehrt.</translation>
    </message>
    <message>
        <source>Zero elsewhere than last time</source>
        <translation>Nullpunkt anderswo als zuletzt</translation>
    </message>
    <message>
        <source>The last file for this process had its zero at another place of the stock.</source>
        <translation>Die letzte Datei für dieses Verfahren hatte ihren Nullpunkt an einer anderen Stelle des Rohmaterials.</translation>
    </message>
    <message>
        <source>Outlines were mended</source>
        <translation>Umrisse wurden ausgebessert</translation>
    </message>
    <message>
        <source>Contours overlapped or crossed; they were united and come out filled.</source>
        <translation>Konturen lagen übereinander oder kreuzten sich; sie wurden vereint und gefüllt.</translation>
    </message>
    <message>
        <source>The stock stands above the blank</source>
        <translation>Das Rohmaterial steht über den Rohling</translation>
    </message>
    <message>
        <source>Depths count from the blank&apos;s surface, which lies so far below the stock&apos;s, and nothing takes that off before. Take thinner stock, or put a raster first.</source>
        <translation>Tiefen zählen von der Fläche des Rohlings, die so weit unter der des Rohmaterials liegt, und nichts nimmt das vorher ab. Nimm dünneres Rohmaterial, oder stelle ein Raster davor.</translation>
    </message>
    <message>
        <source>The tool meets the chuck</source>
        <translation>Das Werkzeug trifft das Futter</translation>
    </message>
    <message>
        <source>%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other end.</source>
        <translation>%1 kommt so weit über das, was den Stab hält. Rücke die Wörter davon weg, oder halte den Stab am anderen Ende.</translation>
    </message>
    <message>
        <source>%1: the side leans too far there for this tool, whose flank would run into it. Place the words nearer to the top, or let the bar turn on an axis.</source>
        <translation>%1: die Seite neigt sich dort zu weit für dieses Werkzeug, dessen Flanke hineinliefe. Lege die Wörter näher nach oben, oder lass den Stab auf einer Achse drehen.</translation>
    </message>
    <message>
        <source>Not cut on a side like this</source>
        <translation>Auf einer solchen Seite nicht geschnitten</translation>
    </message>
    <message>
        <source>%1 is not done there. On sides that go round the blank words are scribed, V-carved and pocketed, and where the bar turns a raster takes the ground off.</source>
        <translation>%1 wird dort nicht getan. Auf Seiten, die um den Rohling gehen, werden Wörter geritzt, V-geschnitzt und als Tasche geräumt, und wo der Stab dreht, nimmt ein Raster den Grund ab.</translation>
    </message>
    <message>
        <source>Nothing is cut of these words</source>
        <translation>Aus diesen Wörtern wird nichts geschnitten</translation>
    </message>
    <message>
        <source>Thinner than metal runs into: the casting lacks it.</source>
        <translation>Dünner, als Metall hineinläuft: dem Guss fehlt es.</translation>
    </message>
    <message>
        <source>So thin that metal may not run all the way into it.</source>
        <translation>So dünn, dass Metall vielleicht nicht ganz hineinläuft.</translation>
    </message>
    <message>
        <source>Narrower than the mould holds: it breaks off and metal fills the place.</source>
        <translation>Schmaler, als die Form hält: es bricht ab, und Metall füllt die Stelle.</translation>
    </message>
    <message>
        <source>So narrow that the mould may crumble here.</source>
        <translation>So schmal, dass die Form hier bröckeln kann.</translation>
    </message>
    <message>
        <source>Sharp edges of a pattern crumble in the mould and come out ragged.</source>
        <translation>Scharfe Kanten eines Modells bröckeln in der Form und kommen ausgefranst heraus.</translation>
    </message>
    <message>
        <source>So upright, walls of a pattern tear the mould when it is drawn out.</source>
        <translation>So steil reißen die Wände eines Modells die Form auf, wenn es gezogen wird.</translation>
    </message>
    <message>
        <source>Thinner than one printed line: the printer leaves it out.</source>
        <translation>Dünner als eine gedruckte Linie: der Drucker lässt es weg.</translation>
    </message>
    <message>
        <source>Less than two printed lines wide: it may print weak or ragged.</source>
        <translation>Weniger als zwei gedruckte Linien breit: es kann schwach oder ausgefranst werden.</translation>
    </message>
    <message>
        <source>Narrower than half the nozzle: the molten line closes it.</source>
        <translation>Schmaler als die halbe Düse: die geschmolzene Linie schließt es.</translation>
    </message>
    <message>
        <source>Narrower than the nozzle: edges may run into each other.</source>
        <translation>Schmaler als die Düse: Kanten können ineinanderlaufen.</translation>
    </message>
    <message>
        <source>This place alone holds two parts together, and two printed lines do not fit into it.</source>
        <translation>Allein diese Stelle hält zwei Teile zusammen, und zwei gedruckte Linien passen nicht hinein.</translation>
    </message>
    <message>
        <source>So few layers are left under the letters that the floor shows through or tears.</source>
        <translation>So wenige Schichten bleiben unter den Buchstaben, dass der Boden durchscheint oder reißt.</translation>
    </message>
    <message>
        <source>Less than two layers: the letters hardly stand out.</source>
        <translation>Weniger als zwei Schichten: die Buchstaben heben sich kaum ab.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may break off.</source>
        <translation>Mehr als %1-mal so hoch, wie der dünnste Strich breit ist: es kann abbrechen.</translation>
    </message>
    <message>
        <source>Letters that reach less than a layer into the blank come off easily.</source>
        <translation>Buchstaben, die weniger als eine Schicht in den Rohling reichen, lösen sich leicht.</translation>
    </message>
    <message>
        <source>So narrow beside the beam that it burns away or breaks.</source>
        <translation>So schmal neben dem Strahl, dass es wegbrennt oder bricht.</translation>
    </message>
    <message>
        <source>Narrower than the sheet is thick: it breaks easily.</source>
        <translation>Schmaler, als die Tafel dick ist: es bricht leicht.</translation>
    </message>
    <message>
        <source>Narrower than the beam cuts.</source>
        <translation>Schmaler, als der Strahl schneidet.</translation>
    </message>
    <message>
        <source>Hardly wider than the cut: corners come out round.</source>
        <translation>Kaum breiter als der Schnitt: Ecken werden rund.</translation>
    </message>
    <message>
        <source>Lines closer than a cut is wide run into each other.</source>
        <translation>Linien, die näher liegen, als ein Schnitt breit ist, laufen ineinander.</translation>
    </message>
    <message>
        <source>Less than half the cutter wide: it may break away under the cutter.</source>
        <translation>Weniger als halb so breit wie der Fräser: es kann unter ihm wegbrechen.</translation>
    </message>
    <message>
        <source>Narrower than the cutter: it does not fit in.</source>
        <translation>Schmaler als der Fräser: er passt nicht hinein.</translation>
    </message>
    <message>
        <source>Hardly wider than the cutter, which rubs on both sides at once.</source>
        <translation>Kaum breiter als der Fräser, der an beiden Seiten zugleich reibt.</translation>
    </message>
    <message>
        <source>The cutter is round: this much is left in corners, at its radius.</source>
        <translation>Der Fräser ist rund: so viel bleibt in Ecken, mit seinem Radius.</translation>
    </message>
    <message>
        <source>Thinner than resin hardens reliably: it is missing or breaks in cleaning.</source>
        <translation>Dünner, als Harz verlässlich härtet: es fehlt oder bricht beim Reinigen.</translation>
    </message>
    <message>
        <source>So thin that it bends or breaks easily in cleaning.</source>
        <translation>So dünn, dass es sich beim Reinigen leicht biegt oder bricht.</translation>
    </message>
    <message>
        <source>Narrower than resin drains from: it hardens shut.</source>
        <translation>Schmaler, als Harz abläuft: es härtet zu.</translation>
    </message>
    <message>
        <source>So narrow that resin may stay in it and harden.</source>
        <translation>So schmal, dass Harz darin bleiben und härten kann.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may bend or break off.</source>
        <translation>Mehr als %1-mal so hoch, wie der dünnste Strich breit ist: es kann sich biegen oder abbrechen.</translation>
    </message>
    <message>
        <source>So high, letters on something worn catch on cloth and skin.</source>
        <translation>So hohe Buchstaben auf etwas Getragenem hängen an Stoff und Haut.</translation>
    </message>
    <message>
        <source>Nothing is left under the letters.</source>
        <translation>Unter den Buchstaben bleibt nichts.</translation>
    </message>
    <message>
        <source>So little beside the flame melts away.</source>
        <translation>So wenig neben der Flamme schmilzt weg.</translation>
    </message>
    <message>
        <source>So little beside the flame may warp or be washed out.</source>
        <translation>So wenig neben der Flamme kann sich verziehen oder ausgewaschen werden.</translation>
    </message>
    <message>
        <source>Narrower than the plate is thick, or than the cut: it closes up.</source>
        <translation>Schmaler, als die Platte dick ist, oder als der Schnitt: es läuft zu.</translation>
    </message>
    <message>
        <source>So narrow for this plate that its sides come out ragged.</source>
        <translation>So schmal bei dieser Platte, dass die Seiten ausgefranst werden.</translation>
    </message>
    <message>
        <source>The torch does not come out at the other side of so thick a plate.</source>
        <translation>Der Brenner kommt auf der anderen Seite einer so dicken Platte nicht heraus.</translation>
    </message>
    <message>
        <source>So thin a plate burns away and warps under the torch.</source>
        <translation>Eine so dünne Platte verbrennt und verzieht sich unter dem Brenner.</translation>
    </message>
    <message>
        <source>So thin a land between two cuts may chip out.</source>
        <translation>So dünn kann ein Steg zwischen zwei Schnitten ausbrechen.</translation>
    </message>
    <message>
        <source>Narrower than the bit&apos;s tip: nothing is cut here.</source>
        <translation>Schmaler als die Spitze des Fräsers: hier wird nichts geschnitten.</translation>
    </message>
</context>
<context>
    <name>Sheets</name>
    <message>
        <source>This line is 100 mm long. %1</source>
        <translation>Diese Linie ist 100 mm lang. %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1. Row %2 of %3, sheet %4 of %5; crosses lie over each other.</source>
        <translation>%1. Reihe %2 von %3, Blatt %4 von %5; Kreuze liegen übereinander.</translation>
    </message>
</context>
<context>
    <name>Summaries</name>
    <message>
        <source>top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>innen</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>a face pointed at</source>
        <translation>eine gezeigte Fläche</translation>
    </message>
    <message>
        <source>Capital height</source>
        <translation>Versalhöhe</translation>
    </message>
    <message>
        <source>x-height</source>
        <translation>x-Höhe</translation>
    </message>
    <message>
        <source>Line height</source>
        <translation>Zeilenhöhe</translation>
    </message>
    <message>
        <source>Overall width</source>
        <translation>Gesamtbreite</translation>
    </message>
    <message>
        <source>Overall height</source>
        <translation>Gesamthöhe</translation>
    </message>
    <message>
        <source>on the part</source>
        <translation>am Teil</translation>
    </message>
    <message>
        <source>in its impression</source>
        <translation>in seinem Abdruck</translation>
    </message>
    <message>
        <source>through from the back</source>
        <translation>von hinten hindurch</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Stab</translation>
    </message>
    <message>
        <source>border</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>backing</source>
        <translation>Träger</translation>
    </message>
    <message>
        <source>artwork</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>artwork %1</source>
        <translation>Zeichnung %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>Oval</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>along the letters</source>
        <translation>entlang der Buchstaben</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Stege</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>oval plate</source>
        <translation>ovale Platte</translation>
    </message>
    <message>
        <source>links between parts</source>
        <translation>Verbindungen zwischen Teilen</translation>
    </message>
    <message>
        <source>pins on bars</source>
        <translation>Stifte auf Stegen</translation>
    </message>
    <message>
        <source>plate along the letters</source>
        <translation>Platte entlang der Buchstaben</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>on an arc</source>
        <translation>auf einem Bogen</translation>
    </message>
    <message>
        <source>round a circle</source>
        <translation>um einen Kreis</translation>
    </message>
    <message>
        <source>along a curve</source>
        <translation>entlang einer Kurve</translation>
    </message>
    <message>
        <source>along the blank’s edge</source>
        <translation>entlang der Kante des Rohlings</translation>
    </message>
    <message>
        <source>, band %1</source>
        <translation>, Band %1</translation>
    </message>
    <message>
        <source>⌀ %1</source>
        <translation>⌀ %1</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>frame, %1, </source>
        <translation>Rahmen, %1, </translation>
    </message>
    <message>
        <source>%1 round the words</source>
        <translation>%1 um die Wörter</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>Steg %1</translation>
    </message>
    <message>
        <source>border %1 from the edge</source>
        <translation>Rand %1 von der Kante</translation>
    </message>
    <message>
        <source>backing, %1, %2 wide</source>
        <translation>Träger, %1, %2 breit</translation>
    </message>
    <message>
        <source>backing, %1 %2 beyond the words</source>
        <translation>Träger, %1 %2 über die Wörter hinaus</translation>
    </message>
    <message>
        <source>%1 at %2 %</source>
        <translation>%1 bei %2 %</translation>
    </message>
    <message>
        <source>capitals %1</source>
        <translation>Versalien %1</translation>
    </message>
    <message>
        <source>x-height %1</source>
        <translation>x-Höhe %1</translation>
    </message>
    <message>
        <source>lines %1</source>
        <translation>Zeilen %1</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 breit</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 hoch</translation>
    </message>
    <message>
        <source>no words yet</source>
        <translation>noch keine Wörter</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>, width %1 %</source>
        <translation>, Breite %1 %</translation>
    </message>
    <message>
        <source>, slant %1°</source>
        <translation>, Neigung %1°</translation>
    </message>
    <message numerus="yes">
        <source>, %n letter(s) nudged</source>
        <translation>
            <numerusform>, %n Buchstabe verschoben</numerusform>
            <numerusform>, %n Buchstaben verschoben</numerusform>
        </translation>
    </message>
    <message>
        <source>, weight %1</source>
        <translation>, Stärke %1</translation>
    </message>
    <message>
        <source>nothing to place</source>
        <translation>nichts zu legen</translation>
    </message>
    <message>
        <source>with its words</source>
        <translation>mit seinen Wörtern</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 bei %2, %3</translation>
    </message>
    <message>
        <source> of radius %1</source>
        <translation> mit Radius %1</translation>
    </message>
    <message>
        <source>, turned %1°</source>
        <translation>, gedreht %1°</translation>
    </message>
    <message>
        <source>, reads %1</source>
        <translation>, liest sich %1</translation>
    </message>
    <message>
        <source>chamfer %1</source>
        <translation>Fase %1</translation>
    </message>
    <message>
        <source>chamfer %1 at %2</source>
        <translation>Fase %1 bei %2</translation>
    </message>
    <message>
        <source>rounded %1</source>
        <translation>gerundet %1</translation>
    </message>
    <message>
        <source>draft %1</source>
        <translation>Formschräge %1</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>Fase</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>draft</source>
        <translation>Formschräge</translation>
    </message>
    <message>
        <source>crisp</source>
        <translation>scharf</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>Innenraum</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Verbindung</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Engstelle</translation>
    </message>
    <message>
        <source>to the edge</source>
        <translation>zur Kante</translation>
    </message>
    <message>
        <source>centreline of %1</source>
        <translation>Mittellinie von %1</translation>
    </message>
    <message>
        <source>ligatures</source>
        <translation>Ligaturen</translation>
    </message>
    <message>
        <source>more ligatures</source>
        <translation>weitere Ligaturen</translation>
    </message>
    <message>
        <source>historical ligatures</source>
        <translation>historische Ligaturen</translation>
    </message>
    <message>
        <source>small capitals</source>
        <translation>Kapitälchen</translation>
    </message>
    <message>
        <source>capitals as small capitals</source>
        <translation>Versalien als Kapitälchen</translation>
    </message>
    <message>
        <source>old-style figures</source>
        <translation>Mediävalziffern</translation>
    </message>
    <message>
        <source>lining figures</source>
        <translation>Versalziffern</translation>
    </message>
    <message>
        <source>figures in columns</source>
        <translation>Tabellenziffern</translation>
    </message>
    <message>
        <source>figures of own width</source>
        <translation>Ziffern eigener Breite</translation>
    </message>
    <message>
        <source>slashed zero</source>
        <translation>durchgestrichene Null</translation>
    </message>
    <message>
        <source>fractions</source>
        <translation>Brüche</translation>
    </message>
    <message>
        <source>ordinals</source>
        <translation>Ordnungszahlen</translation>
    </message>
    <message>
        <source>other forms</source>
        <translation>andere Formen</translation>
    </message>
    <message>
        <source>swashes</source>
        <translation>Zierformen</translation>
    </message>
    <message>
        <source>titling capitals</source>
        <translation>Titelversalien</translation>
    </message>
    <message>
        <source>signs for capitals</source>
        <translation>Zeichen für Versalien</translation>
    </message>
    <message>
        <source>set of forms %1</source>
        <translation>Formensatz %1</translation>
    </message>
</context>
<context>
    <name>Workings</name>
    <message>
        <source>raised</source>
        <translation>erhöht</translation>
    </message>
    <message>
        <source>raised %1</source>
        <translation>erhöht %1</translation>
    </message>
    <message>
        <source>Stands above the front and reaches into the blank by its bedding.</source>
        <translation>Steht über der Vorderseite und reicht mit seiner Einbettung in den Rohling.</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>vertieft</translation>
    </message>
    <message>
        <source>sunk %1</source>
        <translation>vertieft %1</translation>
    </message>
    <message>
        <source>Cut into the blank, with a flat floor.</source>
        <translation>In den Rohling geschnitten, mit flachem Boden.</translation>
    </message>
    <message>
        <source>pierced</source>
        <translation>durchbrochen</translation>
    </message>
    <message>
        <source>pierced, cut right through</source>
        <translation>durchbrochen, ganz hindurch</translation>
    </message>
    <message>
        <source>Cut right through; counters fall out unless something holds them.</source>
        <translation>Ganz hindurchgeschnitten; Innenräume fallen heraus, wenn nichts sie hält.</translation>
    </message>
    <message>
        <source>free-standing</source>
        <translation>freistehend</translation>
    </message>
    <message>
        <source>free-standing %1</source>
        <translation>freistehend %1</translation>
    </message>
    <message>
        <source>Letters by themselves, without a blank.</source>
        <translation>Buchstaben für sich, ohne Rohling.</translation>
    </message>
    <message>
        <source>scribed</source>
        <translation>geritzt</translation>
    </message>
    <message>
        <source>scribed %1 deep</source>
        <translation>geritzt, %1 tief</translation>
    </message>
    <message>
        <source>Cut as a line as wide as the stroke: along single lines, or along outlines.</source>
        <translation>Als Linie geschnitten, so breit wie der Strich: entlang einzelner Linien oder entlang von Umrissen.</translation>
    </message>
    <message>
        <source>carved</source>
        <translation>geschnitzt</translation>
    </message>
    <message>
        <source>carved at %2° up to %1 deep</source>
        <translation>geschnitzt mit %2°, bis %1 tief</translation>
    </message>
    <message>
        <source>As a V-bit leaves it: deeper where strokes are wider, with a flat floor at the full depth.</source>
        <translation>Wie ein V-Fräser es lässt: tiefer, wo Striche breiter sind, mit flachem Boden in der vollen Tiefe.</translation>
    </message>
    <message>
        <source>inlaid</source>
        <translation>eingelegt</translation>
    </message>
    <message>
        <source>inlaid %1</source>
        <translation>eingelegt %1</translation>
    </message>
    <message>
        <source>A second material, flush with the front; with clearance a piece of its own, to be glued in.</source>
        <translation>Ein zweites Material, bündig mit der Vorderseite; mit Spiel ein eigenes Stück zum Einkleben.</translation>
    </message>
    <message>
        <source>clearance %1</source>
        <translation>Spiel %1</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>Fuß %1</translation>
    </message>
    <message>
        <source>bedded %1</source>
        <translation>eingebettet %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BlankStation</name>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Eckenradius</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Diameter at the end</source>
        <translation>Durchmesser am Ende</translation>
    </message>
    <message>
        <source>end ⌀</source>
        <translation>Ende ⌀</translation>
    </message>
    <message>
        <source>Inside</source>
        <translation>Innen</translation>
    </message>
    <message>
        <source>What the inside of the ring looks like</source>
        <translation>Wie das Innere des Rings aussieht</translation>
    </message>
    <message>
        <source>Change the inside</source>
        <translation>Das Innere ändern</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>comfort</source>
        <translation>bequem</translation>
    </message>
    <message>
        <source>Wider by</source>
        <translation>Breiter um</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Flache Stelle</translation>
    </message>
    <message>
        <source>Thickness at the flat</source>
        <translation>Dicke an der flachen Stelle</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>Facets</source>
        <translation>Facetten</translation>
    </message>
    <message>
        <source>Across the facets</source>
        <translation>Über die Facetten</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>Unit of the file</source>
        <translation>Einheit der Datei</translation>
    </message>
    <message>
        <source>Unit of files that do not tell one</source>
        <translation>Einheit von Dateien, die keine nennen</translation>
    </message>
    <message>
        <source>Change the unit of the file</source>
        <translation>Die Einheit der Datei ändern</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>inch</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>Times as large</source>
        <translation>Mal so groß</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>Hole along the axis</source>
        <translation>Loch entlang der Achse</translation>
    </message>
    <message>
        <source>Depth of the hole, 0 for right through</source>
        <translation>Tiefe des Lochs, 0 für ganz hindurch</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>Hole from</source>
        <translation>Loch von</translation>
    </message>
    <message>
        <source>Where the hole along the axis opens</source>
        <translation>Wo sich das Loch entlang der Achse öffnet</translation>
    </message>
    <message>
        <source>Change the hole</source>
        <translation>Das Loch ändern</translation>
    </message>
    <message>
        <source>its start</source>
        <translation>seinem Anfang</translation>
    </message>
    <message>
        <source>its end</source>
        <translation>seinem Ende</translation>
    </message>
    <message>
        <source>Ear, its hole</source>
        <translation>Öse, ihr Loch</translation>
    </message>
    <message>
        <source>How thick the ear is</source>
        <translation>Wie dick die Öse ist</translation>
    </message>
    <message>
        <source>Ear&apos;s wall</source>
        <translation>Wand der Öse</translation>
    </message>
    <message>
        <source>How wide the ear is round its hole</source>
        <translation>Wie breit die Öse um ihr Loch ist</translation>
    </message>
    <message>
        <source>Ear at</source>
        <translation>Öse an</translation>
    </message>
    <message>
        <source>Which end the ear stands on</source>
        <translation>An welchem Ende die Öse steht</translation>
    </message>
    <message>
        <source>Change the ear</source>
        <translation>Die Öse ändern</translation>
    </message>
    <message>
        <source>Centre hole</source>
        <translation>Mittelloch</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Thickness at its right</source>
        <translation>Dicke an seiner rechten Seite</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Randabstand</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>How the edge of the blank is broken</source>
        <translation>Wie die Kante des Rohlings gebrochen ist</translation>
    </message>
    <message>
        <source>Change the blank&apos;s edge</source>
        <translation>Die Kante des Rohlings ändern</translation>
    </message>
    <message>
        <source>At the back too</source>
        <translation>Auch hinten</translation>
    </message>
    <message>
        <source>Change where the edge is</source>
        <translation>Ändern, wo die Kante ist</translation>
    </message>
    <message>
        <source>What the blank is made of</source>
        <translation>Woraus der Rohling ist</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Change the material</source>
        <translation>Das Material ändern</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>Change the blank</source>
        <translation>Den Rohling ändern</translation>
    </message>
    <message>
        <source>A ready shape to begin from</source>
        <translation>Eine fertige Form zum Anfangen</translation>
    </message>
    <message>
        <source>Begin from a ready shape</source>
        <translation>Mit einer fertigen Form anfangen</translation>
    </message>
    <message>
        <source>Take a ready shape</source>
        <translation>Eine fertige Form nehmen</translation>
    </message>
    <message>
        <source>Scale of ring sizes</source>
        <translation>Skala der Ringgrößen</translation>
    </message>
    <message>
        <source>Ring size</source>
        <translation>Ringgröße</translation>
    </message>
    <message>
        <source>Change the ring size</source>
        <translation>Die Ringgröße ändern</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>What the plate looks like from the front</source>
        <translation>Wie die Platte von vorn aussieht</translation>
    </message>
    <message>
        <source>Change the outline</source>
        <translation>Den Umriss ändern</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>Öse</translation>
    </message>
    <message>
        <source>Hole in the ear</source>
        <translation>Loch in der Öse</translation>
    </message>
    <message>
        <source>its hole</source>
        <translation>ihr Loch</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Outline from SVG or DXF…</source>
        <translation>Umriss aus SVG oder DXF…</translation>
    </message>
    <message>
        <source>Inside too</source>
        <translation>Auch innen</translation>
    </message>
    <message>
        <source>Its density is not known here, so its mass is not told.</source>
        <translation>Seine Dichte ist hier nicht bekannt, darum wird keine Masse genannt.</translation>
    </message>
    <message>
        <source>The part weighs %1.</source>
        <translation>Das Teil wiegt %1.</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyCanvas</name>
    <message>
        <source>Body view</source>
        <translation>Körperansicht</translation>
    </message>
    <message>
        <source>Arrow keys turn the body; plus and minus zoom; Home fits; Page up and Page down change how high or deep the selected words are, with Shift in hundredths.</source>
        <translation>Pfeiltasten drehen den Körper; Plus und Minus zoomen; Pos1 zeigt alles; Bild auf und Bild ab ändern, wie hoch oder tief die gewählten Wörter sind, mit Umschalt in Hundertsteln.</translation>
    </message>
    <message>
        <source>Nothing to make yet: give the card a blank or words.</source>
        <translation>Noch nichts zu machen: gib der Karte einen Rohling oder Wörter.</translation>
    </message>
    <message>
        <source>Change how high it is</source>
        <translation>Ändern, wie hoch es ist</translation>
    </message>
    <message>
        <source>x %1  y %2  z %3</source>
        <translation>x %1  y %2  z %3</translation>
    </message>
    <message>
        <source>%1: x %2  y %3  height %4</source>
        <translation>%1: x %2  y %3  Höhe %4</translation>
    </message>
    <message>
        <source>   %1 thick</source>
        <translation>   %1 dick</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyView</name>
    <message>
        <source>Look at the front</source>
        <translation>Von vorn ansehen</translation>
    </message>
    <message>
        <source>Look at the back</source>
        <translation>Von hinten ansehen</translation>
    </message>
    <message>
        <source>Look from the side</source>
        <translation>Von der Seite ansehen</translation>
    </message>
    <message>
        <source>Look from a corner</source>
        <translation>Von einer Ecke ansehen</translation>
    </message>
    <message>
        <source>Fit the body into the view</source>
        <translation>Den Körper in die Ansicht einpassen</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>Section along</source>
        <translation>Schnitt entlang</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Where the section cuts</source>
        <translation>Wo der Schnitt liegt</translation>
    </message>
    <message>
        <source>See-through</source>
        <translation>Durchsichtig</translation>
    </message>
    <message>
        <source>See through the blank</source>
        <translation>Durch den Rohling hindurchsehen</translation>
    </message>
</context>
<context>
    <name>bollard::app::CardEditor</name>
    <message>
        <source>Clear nudges</source>
        <translation>Verschiebungen aufheben</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Beschriftung kopieren</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Beschriftung löschen</translation>
    </message>
    <message>
        <source>Reorder inscriptions</source>
        <translation>Beschriftungen umordnen</translation>
    </message>
    <message>
        <source>Unnamed card</source>
        <translation>Unbenannte Karte</translation>
    </message>
    <message>
        <source>typefaces taken along</source>
        <translation>Schriften mitgenommen</translation>
    </message>
    <message>
        <source>typefaces left behind</source>
        <translation>Schriften dagelassen</translation>
    </message>
</context>
<context>
    <name>bollard::app::Choice</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::Desk</name>
    <message>
        <source>Language and size of text change once nothing is sent any more.</source>
        <translation>Sprache und Textgröße ändern sich, sobald nichts mehr gesendet wird.</translation>
    </message>
</context>
<context>
    <name>bollard::app::Drawer</name>
    <message>
        <source>Shut the drawer</source>
        <translation>Die Schublade schließen</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingRow</name>
    <message>
        <source>why it may stand; Return</source>
        <translation>warum es so bleiben darf; Eingabetaste</translation>
    </message>
    <message>
        <source>Why the finding may stand</source>
        <translation>Warum der Befund so bleiben darf</translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation>Wieder zählen</translation>
    </message>
    <message>
        <source>Let it stand</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>You let it stand.</source>
        <translation>Du lässt es so.</translation>
    </message>
    <message>
        <source>You let it stand: %1</source>
        <translation>Du lässt es so: %1</translation>
    </message>
    <message>
        <source>Place %1 of %2</source>
        <translation>Stelle %1 von %2</translation>
    </message>
    <message>
        <source>Mend: %1</source>
        <translation>Abhilfe: %1</translation>
    </message>
    <message>
        <source>Why?</source>
        <translation>Warum?</translation>
    </message>
    <message>
        <source>Help on this finding</source>
        <translation>Hilfe zu diesem Befund</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingsPanel</name>
    <message>
        <source>Stop</source>
        <translation>Hindernis</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Beachten</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Mend all…</source>
        <translation>Allem abhelfen…</translation>
    </message>
    <message>
        <source>Look for mends of all that stops</source>
        <translation>Abhilfen für alles suchen, was hindert</translation>
    </message>
    <message>
        <source>Mends only for row %1</source>
        <translation>Abhilfen nur für Reihe %1</translation>
    </message>
    <message>
        <source>Let a finding stand</source>
        <translation>Einen Befund so lassen</translation>
    </message>
    <message>
        <source>Count a finding again</source>
        <translation>Einen Befund wieder zählen</translation>
    </message>
    <message>
        <source>Verdict: %1</source>
        <translation>Urteil: %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::FirstSteps</name>
    <message>
        <source>Leave the steps</source>
        <translation>Die Schritte verlassen</translation>
    </message>
    <message>
        <source>That is the way of every part: words, findings, files. F1 tells the rest.</source>
        <translation>Das ist der Weg jedes Teils: Wörter, Befunde, Dateien. F1 sagt den Rest.</translation>
    </message>
    <message>
        <source>1 of 3: words</source>
        <translation>1 von 3: Wörter</translation>
    </message>
    <message>
        <source>2 of 3: what cannot be made</source>
        <translation>2 von 3: was sich nicht machen lässt</translation>
    </message>
    <message>
        <source>3 of 3: files</source>
        <translation>3 von 3: Dateien</translation>
    </message>
    <message>
        <source>These words are cut out. Write others, or some more, in Lettering: the board follows.</source>
        <translation>Diese Wörter werden ausgeschnitten. Schreib andere, oder mehr, in Beschriftung: die Tafel folgt.</translation>
    </message>
    <message>
        <source>A part that is joined to nothing falls off. Press one of the buttons below the finding: it mends it.</source>
        <translation>Ein Stück, das an nichts hängt, fällt ab. Drück eine der Tasten unter dem Befund: sie hilft ab.</translation>
    </message>
    <message>
        <source>Tick a format in Output and press “Write what is ticked”. Files are written whole, or not at all.</source>
        <translation>Kreuze in Ausgabe ein Format an und drücke „Schreiben, was angekreuzt ist“. Dateien werden ganz geschrieben oder gar nicht.</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>Nächster Schritt</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
</context>
<context>
    <name>bollard::app::FlatView</name>
    <message>
        <source>Turn a tie</source>
        <translation>Einen Haltesteg drehen</translation>
    </message>
    <message>
        <source>Move a tie</source>
        <translation>Einen Haltesteg verschieben</translation>
    </message>
    <message>
        <source>Put a tie</source>
        <translation>Einen Haltesteg setzen</translation>
    </message>
    <message>
        <source>Take a tie away</source>
        <translation>Einen Haltesteg wegnehmen</translation>
    </message>
    <message>
        <source>Flat view</source>
        <translation>Flache Ansicht</translation>
    </message>
    <message>
        <source>Arrow keys move the selected words by 1 mm, with Shift by 0.1; F2 writes in place. Alt and left or right choose a letter, which the arrow keys then nudge. Hold M to measure.</source>
        <translation>Pfeiltasten verschieben die gewählten Wörter um 1 mm, mit Umschalt um 0,1; F2 schreibt an Ort und Stelle. Alt und links oder rechts wählen einen Buchstaben, den die Pfeiltasten dann verschieben. Halte M zum Messen.</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Die Naht verschieben</translation>
    </message>
    <message>
        <source>No words yet: add an inscription under Lettering.</source>
        <translation>Noch keine Wörter: füge unter Beschriftung eine hinzu.</translation>
    </message>
    <message>
        <source>Move words</source>
        <translation>Wörter verschieben</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Die Linie biegen</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Buchstaben verschieben</translation>
    </message>
    <message>
        <source>Size ornament</source>
        <translation>Größe des Zierrats ändern</translation>
    </message>
    <message>
        <source>Size words</source>
        <translation>Größe der Wörter ändern</translation>
    </message>
    <message>
        <source>Turn words</source>
        <translation>Wörter drehen</translation>
    </message>
    <message>
        <source>%1 (across %2, up %3)</source>
        <translation>%1 (quer %2, hoch %3)</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Typing</source>
        <translation>Tippen</translation>
    </message>
</context>
<context>
    <name>bollard::app::Gauge</name>
    <message>
        <source>Gauge</source>
        <translation>Messleiste</translation>
    </message>
    <message>
        <source>The thinnest stroke is %1 mm wide.</source>
        <translation>Der dünnste Strich ist %1 mm breit.</translation>
    </message>
    <message>
        <source>strokes</source>
        <translation>Striche</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source> mm +</source>
        <translation> mm +</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Eine Grenze ändern</translation>
    </message>
</context>
<context>
    <name>bollard::app::HelpPanel</name>
    <message>
        <source>Contents</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Die Hilfe durchsuchen</translation>
    </message>
    <message>
        <source>Places in the help</source>
        <translation>Stellen der Hilfe</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>Seite der Hilfe</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>The help says nothing of “%1”. Try fewer or other words.</source>
        <translation>Die Hilfe sagt nichts zu „%1“. Versuch es mit weniger oder anderen Wörtern.</translation>
    </message>
</context>
<context>
    <name>bollard::app::HolesTable</name>
    <message>
        <source>Add a hole</source>
        <translation>Ein Loch hinzufügen</translation>
    </message>
    <message>
        <source>Add hole</source>
        <translation>Loch hinzufügen</translation>
    </message>
    <message>
        <source>Hole %1, %2</source>
        <translation>Loch %1, %2</translation>
    </message>
    <message>
        <source>Change hole</source>
        <translation>Loch ändern</translation>
    </message>
    <message>
        <source>Remove hole %1</source>
        <translation>Loch %1 entfernen</translation>
    </message>
    <message>
        <source>Remove hole</source>
        <translation>Loch entfernen</translation>
    </message>
    <message>
        <source>Hole %1, its kind</source>
        <translation>Loch %1, seine Art</translation>
    </message>
    <message>
        <source>Change the kind of hole</source>
        <translation>Die Art des Lochs ändern</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>drehen</translation>
    </message>
    <message>
        <source>head ⌀</source>
        <translation>Kopf ⌀</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Kegel</translation>
    </message>
    <message>
        <source>angle of its cone</source>
        <translation>Winkel seines Kegels</translation>
    </message>
</context>
<context>
    <name>bollard::app::KeptShop</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayerBody</name>
    <message>
        <source>Proof: the print up to one layer, on the solid</source>
        <translation>Prüfung: der Druck bis zu einer Schicht, am Körper</translation>
    </message>
    <message>
        <source>Arrow keys turn it; plus and minus zoom; Home fits.</source>
        <translation>Pfeiltasten drehen ihn; Plus und Minus zoomen; Pos1 zeigt alles.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayerCanvas</name>
    <message>
        <source>Proof: one layer of the print from above</source>
        <translation>Prüfung: eine Schicht des Drucks von oben</translation>
    </message>
    <message>
        <source>No layers: there is nothing to print yet.</source>
        <translation>Keine Schichten: noch ist nichts zu drucken.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayersView</name>
    <message>
        <source>One layer down</source>
        <translation>Eine Schicht tiefer</translation>
    </message>
    <message>
        <source>One layer up</source>
        <translation>Eine Schicht höher</translation>
    </message>
    <message>
        <source>Which layer is shown, from the bed upwards</source>
        <translation>Welche Schicht gezeigt wird, vom Bett an aufwärts</translation>
    </message>
    <message>
        <source>Trouble below</source>
        <translation>Störung darunter</translation>
    </message>
    <message>
        <source>To the nearest layer below where something is lost or unheld</source>
        <translation>Zur nächsten Schicht darunter, in der etwas verloren ist oder nicht gehalten wird</translation>
    </message>
    <message>
        <source>On the solid</source>
        <translation>Am Körper</translation>
    </message>
    <message>
        <source>Show the layers on the solid as it lies, else from above</source>
        <translation>Die Schichten am Körper zeigen, wie er liegt, sonst von oben</translation>
    </message>
    <message>
        <source>Trouble above</source>
        <translation>Störung darüber</translation>
    </message>
    <message>
        <source>To the nearest layer above where something is lost or unheld</source>
        <translation>Zur nächsten Schicht darüber, in der etwas verloren ist oder nicht gehalten wird</translation>
    </message>
    <message>
        <source>Cutting the part into layers…</source>
        <translation>Das Teil wird in Schichten geschnitten…</translation>
    </message>
    <message>
        <source>Cutting the part into layers… %1 %</source>
        <translation>Das Teil wird in Schichten geschnitten… %1 %</translation>
    </message>
    <message>
        <source>No layers: nothing is printed.</source>
        <translation>Keine Schichten: nichts wird gedruckt.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n Schicht</numerusform>
            <numerusform>%n Schichten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm³</source>
        <translation>%1 cm³</translation>
    </message>
    <message>
        <source>roughly %1 min</source>
        <translation>etwa %1 min</translation>
    </message>
    <message>
        <source>the letters&apos; colour above %1</source>
        <translation>die Farbe der Buchstaben über %1</translation>
    </message>
    <message>
        <source>the blank&apos;s colour above %1</source>
        <translation>die Farbe des Rohlings über %1</translation>
    </message>
    <message>
        <source>both colours in one layer: two nozzles</source>
        <translation>beide Farben in einer Schicht: zwei Düsen</translation>
    </message>
    <message>
        <source>the largest lost %1 mm²</source>
        <translation>das größte Verlorene %1 mm²</translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation>nichts ist verloren</translation>
    </message>
    <message>
        <source>something begins in the air</source>
        <translation>etwas beginnt in der Luft</translation>
    </message>
    <message>
        <source>layer %1 of %2</source>
        <translation>Schicht %1 von %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>lines %1 m</source>
        <translation>Linien %1 m</translation>
    </message>
    <message>
        <source>%1 of wall between letters and blank</source>
        <translation>%1 Wand zwischen Buchstaben und Rohling</translation>
    </message>
    <message numerus="yes">
        <source>lost in %n place(s)</source>
        <translation>
            <numerusform>an %n Stelle verloren</numerusform>
            <numerusform>an %n Stellen verloren</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hangs over in %n place(s)</source>
        <translation>
            <numerusform>hängt an %n Stelle über</numerusform>
            <numerusform>hängt an %n Stellen über</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>begins in the air in %n place(s)</source>
        <translation>
            <numerusform>beginnt an %n Stelle in der Luft</numerusform>
            <numerusform>beginnt an %n Stellen in der Luft</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::LetteringStation</name>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Typing</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>fett</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>kursiv</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>Hervorhebung</translation>
    </message>
    <message>
        <source>Size by</source>
        <translation>Größe nach</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Strichbreite</translation>
    </message>
    <message>
        <source>How wide the lines of a single-line typeface are drawn, or cut when scribed</source>
        <translation>Wie breit die Linien einer Einlinienschrift gezeichnet oder beim Ritzen geschnitten werden</translation>
    </message>
    <message>
        <source>Line ends</source>
        <translation>Strichenden</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>square</source>
        <translation>eckig</translation>
    </message>
    <message>
        <source>Change stroke ends</source>
        <translation>Strichenden ändern</translation>
    </message>
    <message>
        <source>Letter space</source>
        <translation>Buchstabenabstand</translation>
    </message>
    <message>
        <source>Word space</source>
        <translation>Wortabstand</translation>
    </message>
    <message>
        <source>word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>Line space</source>
        <translation>Zeilenabstand</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Align lines</source>
        <translation>Zeilen ausrichten</translation>
    </message>
    <message>
        <source>Cuts out what stands above it in the list</source>
        <translation>Schneidet aus, was in der Liste darüber steht</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Shape of the letters</source>
        <translation>Form der Buchstaben</translation>
    </message>
    <message>
        <source>Centreline of this typeface</source>
        <translation>Mittellinie dieser Schrift</translation>
    </message>
    <message>
        <source>The middle lines of its strokes, as a single-line typeface</source>
        <translation>Die Mittellinien ihrer Striche, als Einlinienschrift</translation>
    </message>
    <message>
        <source>Centreline</source>
        <translation>Mittellinie</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Weight change</source>
        <translation>Stärke ändern</translation>
    </message>
    <message>
        <source>Strokes grown on each side; below 0 they become lighter</source>
        <translation>Striche wachsen auf jeder Seite; unter 0 werden sie leichter</translation>
    </message>
    <message>
        <source>Dots joined by</source>
        <translation>Punkte verbunden um</translation>
    </message>
    <message>
        <source>Dots are brought down until they hang together with their letter by so much; 0: they stay where they are</source>
        <translation>Punkte werden gesenkt, bis sie um so viel mit ihrem Buchstaben zusammenhängen; 0: sie bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>Kerning: pairs closer as the typeface says</source>
        <translation>Unterschneidung: Paare näher, wie die Schrift es sagt</translation>
    </message>
    <message>
        <source>Kerning</source>
        <translation>Unterschneidung</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>nicht geprüft</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Spelling</source>
        <translation>Rechtschreibung</translation>
    </message>
    <message>
        <source>Language whose spelling is checked</source>
        <translation>Sprache, deren Rechtschreibung geprüft wird</translation>
    </message>
    <message>
        <source>Change spelling</source>
        <translation>Rechtschreibung ändern</translation>
    </message>
    <message>
        <source>Goes round</source>
        <translation>Geht um</translation>
    </message>
    <message>
        <source>What the frame goes round</source>
        <translation>Worum der Rahmen geht</translation>
    </message>
    <message>
        <source>Change what the frame goes round</source>
        <translation>Ändern, worum der Rahmen geht</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Shape of the frame</source>
        <translation>Form des Rahmens</translation>
    </message>
    <message>
        <source>Change the frame&apos;s shape</source>
        <translation>Die Form des Rahmens ändern</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Bauart</translation>
    </message>
    <message>
        <source>Form of the backing</source>
        <translation>Bauart des Trägers</translation>
    </message>
    <message>
        <source>Change the backing&apos;s form</source>
        <translation>Die Bauart des Trägers ändern</translation>
    </message>
    <message>
        <source>Width outside</source>
        <translation>Breite außen</translation>
    </message>
    <message>
        <source>Height outside</source>
        <translation>Höhe außen</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Band width</source>
        <translation>Breite des Bands</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Eckenradius</translation>
    </message>
    <message>
        <source>Least joint</source>
        <translation>Schmalste Verbindung</translation>
    </message>
    <message>
        <source>So wide at least each loose part is joined to a bar</source>
        <translation>So breit ist jeder lose Teil mindestens mit einem Steg verbunden</translation>
    </message>
    <message>
        <source>Length of posts</source>
        <translation>Länge der Stifte</translation>
    </message>
    <message>
        <source>How far the bars stand clear of the side</source>
        <translation>Wie weit die Stege von der Seite abstehen</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>Schließt Lücken</translation>
    </message>
    <message>
        <source>Holes, and gaps between letters, narrower than this are filled</source>
        <translation>Löcher und Abstände zwischen Buchstaben, die schmaler sind, werden gefüllt</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Maßstab</translation>
    </message>
    <message>
        <source>Width of lines</source>
        <translation>Breite der Linien</translation>
    </message>
    <message>
        <source>Single letters</source>
        <translation>Einzelne Buchstaben</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Buchstaben verschieben</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>Entlang</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Abseits</translation>
    </message>
    <message>
        <source>off</source>
        <translation>abseits</translation>
    </message>
    <message>
        <source>Letter turn</source>
        <translation>Drehung des Buchstabens</translation>
    </message>
    <message>
        <source>Letter size</source>
        <translation>Größe des Buchstabens</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Space after</source>
        <translation>Abstand danach</translation>
    </message>
    <message>
        <source>Clear all nudges</source>
        <translation>Alle Verschiebungen aufheben</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Schriften</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Schrift wählen</translation>
    </message>
    <message>
        <source>Change the measure of size</source>
        <translation>Das Maß der Größe ändern</translation>
    </message>
    <message>
        <source>%1 (made)</source>
        <translation>%1 (gemacht)</translation>
    </message>
    <message>
        <source>The family has no such face; it is made of this one</source>
        <translation>Die Familie hat keinen solchen Schnitt; er wird aus diesem gemacht</translation>
    </message>
    <message>
        <source>Add an inscription first</source>
        <translation>Füge erst eine Beschriftung hinzu</translation>
    </message>
    <message>
        <source>Typeface: %1</source>
        <translation>Schrift: %1</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Diameter outside</source>
        <translation>Durchmesser außen</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Hält</translation>
    </message>
    <message>
        <source>Width of links</source>
        <translation>Breite der Verbindungen</translation>
    </message>
    <message>
        <source>Bar width</source>
        <translation>Breite der Stege</translation>
    </message>
    <message>
        <source>Reaches in</source>
        <translation>Reicht hinein</translation>
    </message>
    <message>
        <source>nothing, its own size</source>
        <translation>nichts, seine eigene Größe</translation>
    </message>
    <message>
        <source>Ctrl and a click on a letter, or Alt and the arrows on the board, choose letters to be nudged.</source>
        <translation>Strg und ein Klick auf einen Buchstaben, oder Alt und die Pfeile auf dem Brett, wählen Buchstaben zum Verschieben.</translation>
    </message>
    <message>
        <source>Nudged: %1</source>
        <translation>Verschoben: %1</translation>
    </message>
    <message>
        <source>Chosen: %1</source>
        <translation>Gewählt: %1</translation>
    </message>
    <message>
        <source>Clear these nudges</source>
        <translation>Diese Verschiebungen aufheben</translation>
    </message>
</context>
<context>
    <name>bollard::app::MainWindow</name>
    <message>
        <source>Unsaved work cannot be kept safe: %1</source>
        <translation>Nicht gesicherte Arbeit kann nicht bewahrt werden: %1</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Karte</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Flach</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Prüfung</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Beides</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Change unit</source>
        <translation>Einheit ändern</translation>
    </message>
    <message>
        <source>Write files</source>
        <translation>Dateien schreiben</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Allem abhelfen</translation>
    </message>
    <message>
        <source>These words hold fields; write them here.</source>
        <translation>Diese Wörter enthalten Felder; schreibe sie hier.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Neue Karte</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen…</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Startseite</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Sichern als…</translation>
    </message>
    <message>
        <source>Keep as a starting card</source>
        <translation>Als Anfangskarte behalten</translation>
    </message>
    <message>
        <source>“%1” is on the start page now.</source>
        <translation>„%1“ ist jetzt auf der Startseite.</translation>
    </message>
    <message>
        <source>Take typefaces and the part along in the card</source>
        <translation>Schriften und das Teil in der Karte mitnehmen</translation>
    </message>
    <message>
        <source>Print at true size…</source>
        <translation>In wahrer Größe drucken…</translation>
    </message>
    <message>
        <source>Cut inscriptions</source>
        <translation>Beschriftungen ausschneiden</translation>
    </message>
    <message>
        <source>Copy inscriptions</source>
        <translation>Beschriftungen kopieren</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Light or dark look</source>
        <translation>Helles oder dunkles Aussehen</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Befund</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>Dem Befund abhelfen</translation>
    </message>
    <message>
        <source>Write on the board</source>
        <translation>Auf dem Brett schreiben</translation>
    </message>
    <message>
        <source>Station %1</source>
        <translation>Station %1</translation>
    </message>
    <message>
        <source>Send to the machine</source>
        <translation>An die Maschine senden</translation>
    </message>
    <message>
        <source>· edited</source>
        <translation>· geändert</translation>
    </message>
    <message>
        <source>%1[*] – Bollard</source>
        <translation>%1[*] – Bollard</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Zurücknehmen: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>QUAY 7</source>
        <translation>KAI 7</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” is open in another window too. What is saved last stays.</source>
        <translation>„%1“ ist auch in einem anderen Fenster offen. Was zuletzt gesichert wird, bleibt.</translation>
    </message>
    <message>
        <source>Open a card</source>
        <translation>Eine Karte öffnen</translation>
    </message>
    <message>
        <source>Cards (*.bollard)</source>
        <translation>Karten (*.bollard)</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>Save over it</source>
        <translation>Darüber sichern</translation>
    </message>
    <message>
        <source>“%1” was changed by someone else since it was opened here.</source>
        <translation>„%1“ wurde von jemand anderem geändert, seit es hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>Öffnen, was dort ist</translation>
    </message>
    <message>
        <source>“%1” is open in another window too.</source>
        <translation>„%1“ ist auch in einem anderen Fenster offen.</translation>
    </message>
    <message>
        <source>Save the card as</source>
        <translation>Die Karte sichern als</translation>
    </message>
    <message>
        <source>Replace it all the same</source>
        <translation>Trotzdem ersetzen</translation>
    </message>
    <message>
        <source>The card carries nothing along again.</source>
        <translation>Die Karte nimmt wieder nichts mit.</translation>
    </message>
    <message>
        <source>The card takes no typeface along: those that come with Bollard are everywhere.</source>
        <translation>Die Karte nimmt keine Schrift mit: die von Bollard sind überall.</translation>
    </message>
    <message numerus="yes">
        <source>The card takes %n typeface(s) along, %1.</source>
        <translation>
            <numerusform>Die Karte nimmt %n Schrift mit, %1.</numerusform>
            <numerusform>Die Karte nimmt %n Schriften mit, %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The part&apos;s file comes along, %1.</source>
        <translation>Die Datei des Teils kommt mit, %1.</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>„%1“ hat Änderungen, die nicht gesichert sind.</translation>
    </message>
    <message>
        <source>Save them</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Drop them</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Hier bleiben</translation>
    </message>
    <message>
        <source>As it was before the last mend, while B is held.</source>
        <translation>Wie es vor der letzten Abhilfe war, solange B gehalten wird.</translation>
    </message>
    <message>
        <source>Open a font file</source>
        <translation>Eine Schriftdatei öffnen</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</source>
        <translation>Schriften (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</translation>
    </message>
    <message>
        <source>Add an inscription first; then the typeface can be given to it.</source>
        <translation>Füge erst eine Beschriftung hinzu; dann kann sie die Schrift bekommen.</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Schrift wählen</translation>
    </message>
    <message>
        <source>Read rows</source>
        <translation>Reihen lesen</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt *.tsv)</source>
        <translation>Tabellen (*.csv *.txt *.tsv)</translation>
    </message>
    <message>
        <source>%1 has no rows: its first line names the fields, the next ones are the rows.</source>
        <translation>%1 hat keine Reihen: die erste Zeile nennt die Felder, die nächsten sind die Reihen.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Keep them as words</source>
        <translation>Als Wörter behalten</translation>
    </message>
    <message>
        <source>A row each</source>
        <translation>Eine Reihe je Zeile</translation>
    </message>
    <message>
        <source>A row each, the first line names the fields</source>
        <translation>Eine Reihe je Zeile, die erste nennt die Felder</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) were pasted. They can be rows instead: one part each.</source>
        <translation>
            <numerusform>%n Zeile wurde eingefügt. Sie kann stattdessen eine Reihe sein.</numerusform>
            <numerusform>%n Zeilen wurden eingefügt. Sie können stattdessen Reihen sein: ein Teil je Zeile.</numerusform>
        </translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>Feld %1</translation>
    </message>
    <message>
        <source>Take rows</source>
        <translation>Reihen nehmen</translation>
    </message>
    <message>
        <source>Read a drawing</source>
        <translation>Eine Zeichnung lesen</translation>
    </message>
    <message>
        <source>Drawings (*.svg *.dxf)</source>
        <translation>Zeichnungen (*.svg *.dxf)</translation>
    </message>
    <message>
        <source>Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg)</source>
        <translation>Zeichnungen und Bilder (*.svg *.dxf *.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Choose a part</source>
        <translation>Ein Teil wählen</translation>
    </message>
    <message>
        <source>Parts (%1)</source>
        <translation>Teile (%1)</translation>
    </message>
    <message>
        <source>Take a part from a file</source>
        <translation>Ein Teil aus einer Datei nehmen</translation>
    </message>
    <message>
        <source>Click the side that words are to lie on; Escape leaves.</source>
        <translation>Klicke auf die Seite, auf der Wörter liegen sollen; Esc lässt es.</translation>
    </message>
    <message>
        <source>Click the face that the print is to lie on; Escape leaves.</source>
        <translation>Klicke auf die Fläche, auf der der Druck liegen soll; Esc lässt es.</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Die Lage ändern</translation>
    </message>
    <message>
        <source>Trace %1</source>
        <translation>%1 nachzeichnen</translation>
    </message>
    <message>
        <source>“%1” does not tell its unit. What is 1 in it?</source>
        <translation>„%1“ nennt seine Einheit nicht. Was ist 1 darin?</translation>
    </message>
    <message>
        <source>1 mm</source>
        <translation>1 mm</translation>
    </message>
    <message>
        <source>1 inch</source>
        <translation>1 Zoll</translation>
    </message>
    <message>
        <source>1/96 inch</source>
        <translation>1/96 Zoll</translation>
    </message>
    <message>
        <source>Reading “%1”…</source>
        <translation>„%1“ wird gelesen…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Take the line from a drawing</source>
        <translation>Die Linie aus einer Zeichnung nehmen</translation>
    </message>
    <message>
        <source>“%1” holds no closed shape that could be an outline.</source>
        <translation>„%1“ enthält keine geschlossene Form, die ein Umriss sein könnte.</translation>
    </message>
    <message>
        <source>Take the outline from a drawing</source>
        <translation>Den Umriss aus einer Zeichnung nehmen</translation>
    </message>
    <message>
        <source>“%1” holds no line that could be a profile.</source>
        <translation>„%1“ enthält keine Linie, die ein Profil sein könnte.</translation>
    </message>
    <message>
        <source>Take the profile from a drawing</source>
        <translation>Das Profil aus einer Zeichnung nehmen</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Zierrat hinzufügen</translation>
    </message>
    <message numerus="yes">
        <source>%n text(s), which must be turned into curves first</source>
        <translation>
            <numerusform>%n Text, der erst in Kurven verwandelt werden muss</numerusform>
            <numerusform>%n Texte, die erst in Kurven verwandelt werden müssen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s), dimension(s) or fill(s)</source>
        <translation>
            <numerusform>%n Bild, Maß oder Füllung</numerusform>
            <numerusform>%n Bilder, Maße oder Füllungen</numerusform>
        </translation>
    </message>
    <message>
        <source>Left out of “%1”: %2.</source>
        <translation>Weggelassen aus „%1“: %2.</translation>
    </message>
    <message>
        <source>Drop one drawing at a time.</source>
        <translation>Lege eine Zeichnung auf einmal ab.</translation>
    </message>
    <message>
        <source>“%1” is already there.</source>
        <translation>„%1“ ist schon da.</translation>
    </message>
    <message>
        <source>These are already there: %1.</source>
        <translation>Diese sind schon da: %1.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>%1. Write it all the same?</source>
        <translation>%1. Trotzdem schreiben?</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Write all the same</source>
        <translation>Trotzdem schreiben</translation>
    </message>
    <message>
        <source>The solid is still being made; try again in a moment.</source>
        <translation>Der Körper wird noch gemacht; versuche es gleich noch einmal.</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Wird geschrieben…</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Written at %1: %2</source>
        <translation>Geschrieben um %1: %2</translation>
    </message>
    <message>
        <source>%1. Mend it, or accept it with a reason, which the sheet then tells.</source>
        <translation>%1. Hilf dem ab, oder nimm es mit einem Grund hin, den das Blatt dann nennt.</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>There is nothing to print yet.</source>
        <translation>Noch ist nichts zu drucken.</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>Befunde: %1</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Vorlieben</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
</context>
<context>
    <name>bollard::app::MisspeltRow</name>
    <message>
        <source>“%1”?</source>
        <translation>“%1”?</translation>
    </message>
    <message>
        <source>Write “%1” for “%2”</source>
        <translation>„%1“ statt „%2“ schreiben</translation>
    </message>
    <message>
        <source>Correct the spelling</source>
        <translation>Die Rechtschreibung berichtigen</translation>
    </message>
    <message>
        <source>is right</source>
        <translation>ist richtig</translation>
    </message>
    <message>
        <source>Keep “%1” as a word of mine</source>
        <translation>„%1“ als mein Wort behalten</translation>
    </message>
</context>
<context>
    <name>bollard::app::NoticeBar</name>
    <message>
        <source>Message</source>
        <translation>Meldung</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>bollard::app::NumberField</name>
    <message>
        <source>Between %1 and %2 %3.</source>
        <translation>Zwischen %1 und %2 %3.</translation>
    </message>
</context>
<context>
    <name>bollard::app::OperationsList</name>
    <message>
        <source>Operations, in the order in which they are done</source>
        <translation>Arbeitsgänge, in der Reihenfolge, in der sie getan werden</translation>
    </message>
    <message>
        <source>Add operation</source>
        <translation>Arbeitsgang hinzufügen</translation>
    </message>
    <message>
        <source>Do it earlier</source>
        <translation>Früher tun</translation>
    </message>
    <message>
        <source>Do it later</source>
        <translation>Später tun</translation>
    </message>
    <message>
        <source>Take the operation away</source>
        <translation>Den Arbeitsgang wegnehmen</translation>
    </message>
    <message>
        <source>Switch an operation</source>
        <translation>Einen Arbeitsgang schalten</translation>
    </message>
    <message>
        <source>Move operation</source>
        <translation>Arbeitsgang verschieben</translation>
    </message>
    <message>
        <source>Take operation away</source>
        <translation>Arbeitsgang wegnehmen</translation>
    </message>
</context>
<context>
    <name>bollard::app::OutputStation</name>
    <message>
        <source>What was written</source>
        <translation>Was geschrieben wurde</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Den Ordner öffnen</translation>
    </message>
    <message>
        <source>Name of the files, without their endings</source>
        <translation>Name der Dateien, ohne ihre Endungen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>Schreiben nach</translation>
    </message>
    <message>
        <source>Write what is ticked</source>
        <translation>Schreiben, was angekreuzt ist</translation>
    </message>
    <message>
        <source>Write the job sheet</source>
        <translation>Das Arbeitsblatt schreiben</translation>
    </message>
    <message>
        <source>The files need a name, without a slash.</source>
        <translation>Die Dateien brauchen einen Namen ohne Schrägstrich.</translation>
    </message>
    <message>
        <source>Send to the machine…</source>
        <translation>An die Maschine senden…</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Rows for fields in the words</source>
        <translation>Reihen für Felder in den Wörtern</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Counting field</source>
        <translation>Zählfeld</translation>
    </message>
    <message>
        <source>Field that counts the rows</source>
        <translation>Feld, das die Reihen zählt</translation>
    </message>
    <message>
        <source>Name the counting field</source>
        <translation>Das Zählfeld benennen</translation>
    </message>
    <message>
        <source>Change the numbering</source>
        <translation>Die Zählung ändern</translation>
    </message>
    <message>
        <source>Starts at</source>
        <translation>Beginnt bei</translation>
    </message>
    <message>
        <source>Steps by</source>
        <translation>In Schritten von</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Digits</source>
        <translation>Stellen</translation>
    </message>
    <message>
        <source>No format is ticked.</source>
        <translation>Kein Format ist angekreuzt.</translation>
    </message>
    <message>
        <source>Folder: %1</source>
        <translation>Ordner: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n Teil</numerusform>
            <numerusform>%n Teile</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::OverlayChoice</name>
    <message>
        <source>What is laid over the letters</source>
        <translation>Was über den Buchstaben liegt</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>schlicht</translation>
    </message>
    <message>
        <source>widths</source>
        <translation>Breiten</translation>
    </message>
    <message>
        <source>too narrow</source>
        <translation>zu schmal</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stücke</translation>
    </message>
</context>
<context>
    <name>bollard::app::PartPanel</name>
    <message>
        <source>Point at a side</source>
        <translation>Auf eine Seite zeigen</translation>
    </message>
    <message>
        <source>or type a place on it: x, y, z</source>
        <translation>oder tippe eine Stelle darauf: x, y, z</translation>
    </message>
    <message>
        <source>A place on the side that words are to lie on, x, y and z</source>
        <translation>Eine Stelle auf der Seite, auf der Wörter liegen sollen, x, y und z</translation>
    </message>
    <message>
        <source>Click the side on the body; Escape leaves.</source>
        <translation>Klicke am Körper auf die Seite; Esc lässt es.</translation>
    </message>
    <message>
        <source>Choose the part&apos;s file…</source>
        <translation>Die Datei des Teils wählen…</translation>
    </message>
    <message>
        <source>File of the part</source>
        <translation>Datei des Teils</translation>
    </message>
    <message>
        <source>Name of side %1</source>
        <translation>Name der Seite %1</translation>
    </message>
    <message>
        <source>Each side needs a name of its own.</source>
        <translation>Jede Seite braucht einen eigenen Namen.</translation>
    </message>
    <message>
        <source>Name a side</source>
        <translation>Eine Seite benennen</translation>
    </message>
    <message>
        <source>Turn what is up on “%1”</source>
        <translation>Drehen, was auf „%1“ oben ist</translation>
    </message>
    <message>
        <source>Turn a side</source>
        <translation>Eine Seite drehen</translation>
    </message>
    <message>
        <source>Remove the side “%1”</source>
        <translation>Die Seite „%1“ entfernen</translation>
    </message>
    <message>
        <source>Remove a side</source>
        <translation>Eine Seite entfernen</translation>
    </message>
    <message>
        <source>Three lengths, parted by commas: x, y, z.</source>
        <translation>Drei Längen, durch Kommas getrennt: x, y, z.</translation>
    </message>
    <message>
        <source>Looking for the side…</source>
        <translation>Die Seite wird gesucht…</translation>
    </message>
    <message>
        <source>That is “%1”.</source>
        <translation>Das ist „%1“.</translation>
    </message>
    <message>
        <source>Add a side</source>
        <translation>Eine Seite hinzufügen</translation>
    </message>
    <message>
        <source>“%1”: %2. Words that are written now lie on it.</source>
        <translation>„%1“: %2. Wörter, die jetzt geschrieben werden, liegen darauf.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlacingStation</name>
    <message>
        <source>Words run</source>
        <translation>Wörter laufen</translation>
    </message>
    <message>
        <source>What line the words stand on</source>
        <translation>Auf welcher Linie die Wörter stehen</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>Read at the</source>
        <translation>Lesen von</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>Change where words are read</source>
        <translation>Ändern, wo Wörter gelesen werden</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>innen</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>geschlossen</translation>
    </message>
    <message>
        <source>Off the line</source>
        <translation>Von der Linie ab</translation>
    </message>
    <message>
        <source>Along the line</source>
        <translation>Entlang der Linie</translation>
    </message>
    <message>
        <source>along</source>
        <translation>entlang</translation>
    </message>
    <message>
        <source>Each letter</source>
        <translation>Jeder Buchstabe</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>dreht sich</translation>
    </message>
    <message>
        <source>bends</source>
        <translation>biegt sich</translation>
    </message>
    <message>
        <source>Letters turn as they are, or are bent with the line</source>
        <translation>Buchstaben drehen sich, wie sie sind, oder werden mit der Linie gebogen</translation>
    </message>
    <message>
        <source>Point before</source>
        <translation>Punkt davor</translation>
    </message>
    <message>
        <source>Next point</source>
        <translation>Nächster Punkt</translation>
    </message>
    <message>
        <source>Add point</source>
        <translation>Punkt hinzufügen</translation>
    </message>
    <message>
        <source>Add a point after this one</source>
        <translation>Einen Punkt nach diesem hinzufügen</translation>
    </message>
    <message>
        <source>Add a point</source>
        <translation>Einen Punkt hinzufügen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove this point</source>
        <translation>Diesen Punkt entfernen</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>Einen Punkt entfernen</translation>
    </message>
    <message>
        <source>From file…</source>
        <translation>Aus Datei…</translation>
    </message>
    <message>
        <source>Take the line from an SVG or DXF drawing</source>
        <translation>Die Linie aus einer SVG- oder DXF-Zeichnung nehmen</translation>
    </message>
    <message>
        <source>Numbers of the chosen point</source>
        <translation>Zahlen des gewählten Punkts</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>Change a point</source>
        <translation>Einen Punkt ändern</translation>
    </message>
    <message>
        <source>Move a point</source>
        <translation>Einen Punkt verschieben</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>Punkt quer</translation>
    </message>
    <message>
        <source>Point up</source>
        <translation>Punkt hoch</translation>
    </message>
    <message>
        <source>up</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>Handle before, across</source>
        <translation>Griff davor, quer</translation>
    </message>
    <message>
        <source>Handle before, up</source>
        <translation>Griff davor, hoch</translation>
    </message>
    <message>
        <source>Handle after, across</source>
        <translation>Griff danach, quer</translation>
    </message>
    <message>
        <source>Handle after, up</source>
        <translation>Griff danach, hoch</translation>
    </message>
    <message>
        <source>Move a handle</source>
        <translation>Einen Griff verschieben</translation>
    </message>
    <message>
        <source>Anchor</source>
        <translation>Anker</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>Anchor: %1</source>
        <translation>Anker: %1</translation>
    </message>
    <message>
        <source>Hold the words at their %1</source>
        <translation>Die Wörter halten: %1</translation>
    </message>
    <message>
        <source>Change anchor</source>
        <translation>Anker ändern</translation>
    </message>
    <message>
        <source>Across, x</source>
        <translation>Quer, x</translation>
    </message>
    <message>
        <source>Up, y</source>
        <translation>Hoch, y</translation>
    </message>
    <message>
        <source>up, y</source>
        <translation>hoch, y</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Words read</source>
        <translation>Lesen der Wörter</translation>
    </message>
    <message>
        <source>From where the words are read</source>
        <translation>Von wo aus die Wörter gelesen werden</translation>
    </message>
    <message>
        <source>Change reading side</source>
        <translation>Leseseite ändern</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Verteilt</translation>
    </message>
    <message>
        <source>Whether letters or words go one by one to facets</source>
        <translation>Ob Buchstaben oder Wörter einzeln auf Facetten gehen</translation>
    </message>
    <message>
        <source>Change what goes to each facet</source>
        <translation>Ändern, was auf jede Facette geht</translation>
    </message>
    <message>
        <source>on in a row</source>
        <translation>fortlaufend in einer Reihe</translation>
    </message>
    <message>
        <source>a letter to each facet</source>
        <translation>ein Buchstabe je Facette</translation>
    </message>
    <message>
        <source>a word to each facet</source>
        <translation>ein Wort je Facette</translation>
    </message>
    <message>
        <source>Whether letters narrow as the side does or keep their shape</source>
        <translation>Ob Buchstaben schmaler werden wie die Seite oder ihre Form behalten</translation>
    </message>
    <message>
        <source>Change the shape of letters</source>
        <translation>Die Form der Buchstaben ändern</translation>
    </message>
    <message>
        <source>narrow towards the ends</source>
        <translation>zu den Enden hin schmaler</translation>
    </message>
    <message>
        <source>keep their shape</source>
        <translation>behalten ihre Form</translation>
    </message>
    <message>
        <source>Each turned by</source>
        <translation>Jeder gedreht um</translation>
    </message>
    <message>
        <source>Parts round</source>
        <translation>Teile rundum</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Side of the blank that the words lie on</source>
        <translation>Seite des Rohlings, auf der die Wörter liegen</translation>
    </message>
    <message>
        <source>Change side</source>
        <translation>Seite ändern</translation>
    </message>
    <message>
        <source>Centre on the side</source>
        <translation>Auf der Seite mitten</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Randabstand</translation>
    </message>
    <message>
        <source>Change margin</source>
        <translation>Randabstand ändern</translation>
    </message>
    <message>
        <source>as wide as they are</source>
        <translation>so breit, wie sie sind</translation>
    </message>
    <message>
        <source>down to %1 % width</source>
        <translation>bis auf %1 % der Breite</translation>
    </message>
    <message>
        <source>Squeezed</source>
        <translation>Gestaucht</translation>
    </message>
    <message>
        <source>How narrow letters may be made to fit</source>
        <translation>Wie schmal Buchstaben werden dürfen, um zu passen</translation>
    </message>
    <message>
        <source>Largest that fits</source>
        <translation>Größte, die passt</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Anordnen</translation>
    </message>
    <message>
        <source>the blank</source>
        <translation>der Rohling</translation>
    </message>
    <message>
        <source>the margin</source>
        <translation>der Randabstand</translation>
    </message>
    <message>
        <source>the one chosen last</source>
        <translation>die zuletzt gewählte</translation>
    </message>
    <message>
        <source>In line with</source>
        <translation>Ausgerichtet an</translation>
    </message>
    <message>
        <source>What the inscriptions are put in line with</source>
        <translation>Woran die Beschriftungen ausgerichtet werden</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittig</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>quer verteilt</translation>
    </message>
    <message>
        <source>spread up</source>
        <translation>hoch verteilt</translation>
    </message>
    <message>
        <source>Arrange: %1</source>
        <translation>Anordnen: %1</translation>
    </message>
    <message>
        <source>Same size as the last</source>
        <translation>Gleiche Größe wie die letzte</translation>
    </message>
    <message>
        <source>Same size</source>
        <translation>Gleiche Größe</translation>
    </message>
    <message>
        <source>Put the seam across from these words</source>
        <translation>Die Naht diesen Wörtern gegenüber legen</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Die Naht verschieben</translation>
    </message>
    <message>
        <source>Copy this side to the others</source>
        <translation>Diese Seite auf die anderen kopieren</translation>
    </message>
    <message>
        <source>Copy a side to the others</source>
        <translation>Eine Seite auf die anderen kopieren</translation>
    </message>
    <message>
        <source>Shift and a click, on the board or a slip, chooses several.</source>
        <translation>Umschalt und ein Klick, auf dem Brett oder einem Zettel, wählt mehrere.</translation>
    </message>
    <message>
        <source>Change the line of the words</source>
        <translation>Die Linie der Wörter ändern</translation>
    </message>
    <message>
        <source>No size fits here: the anchor lies outside the margin, or there is no blank.</source>
        <translation>Hier passt keine Größe: der Anker liegt außerhalb des Randabstands, oder es gibt keinen Rohling.</translation>
    </message>
    <message>
        <source>The words changed meanwhile; nothing was done.</source>
        <translation>Die Wörter haben sich inzwischen geändert; nichts wurde getan.</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>Die Gruppe auflösen</translation>
    </message>
    <message>
        <source>Make a group</source>
        <translation>Eine Gruppe bilden</translation>
    </message>
    <message>
        <source>point %1 of %2</source>
        <translation>Punkt %1 von %2</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 Punkte</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanCanvas</name>
    <message>
        <source>Plus and minus zoom; Home shows all of it.</source>
        <translation>Plus und Minus zoomen; Pos1 zeigt alles.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanPanel</name>
    <message>
        <source>The part with all mends made</source>
        <translation>Das Teil mit allen Abhilfen</translation>
    </message>
    <message>
        <source>Mend all of it</source>
        <translation>Allem davon abhelfen</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Lassen, wie es ist</translation>
    </message>
    <message>
        <source>Mends are tried, one after the other…</source>
        <translation>Abhilfen werden versucht, eine nach der anderen…</translation>
    </message>
    <message>
        <source>Nothing stops.</source>
        <translation>Nichts hindert.</translation>
    </message>
    <message>
        <source>With this nothing stops any more:</source>
        <translation>Damit hindert nichts mehr:</translation>
    </message>
    <message>
        <source>What stops cannot be mended here:</source>
        <translation>Dem, was hindert, ist hier nicht abzuhelfen:</translation>
    </message>
    <message>
        <source>Some of it can be mended, not all:</source>
        <translation>Einigem lässt sich abhelfen, nicht allem:</translation>
    </message>
    <message>
        <source>Still stops: %1, %2</source>
        <translation>Hindert noch: %1, %2</translation>
    </message>
    <message>
        <source>No mend is known for it.</source>
        <translation>Keine Abhilfe ist dafür bekannt.</translation>
    </message>
    <message>
        <source>Tried in vain: %1.</source>
        <translation>Vergeblich versucht: %1.</translation>
    </message>
    <message>
        <source>Mend what can be mended</source>
        <translation>Abhelfen, wo es geht</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Allem abhelfen</translation>
    </message>
</context>
<context>
    <name>bollard::app::PreferencesPanel</name>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Schreibtisch</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>High contrast, light</source>
        <translation>Starker Kontrast, hell</translation>
    </message>
    <message>
        <source>High contrast, dark</source>
        <translation>Starker Kontrast, dunkel</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Textgröße</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Einheit neuer Karten</translation>
    </message>
    <message>
        <source>Begins with</source>
        <translation>Beginnt mit</translation>
    </message>
    <message>
        <source>The start page</source>
        <translation>Die Startseite</translation>
    </message>
    <message>
        <source>The card of last time</source>
        <translation>Die Karte vom letzten Mal</translation>
    </message>
    <message>
        <source>Only when you say so</source>
        <translation>Nur wenn du es sagst</translation>
    </message>
    <message numerus="yes">
        <source>%n minute(s) after a change</source>
        <translation>
            <numerusform>%n Minute nach einer Änderung</numerusform>
            <numerusform>%n Minuten nach einer Änderung</numerusform>
        </translation>
    </message>
    <message>
        <source>Saves a card</source>
        <translation>Sichert eine Karte</translation>
    </message>
    <message>
        <source>Files go</source>
        <translation>Dateien gehen</translation>
    </message>
    <message>
        <source>Beside the card</source>
        <translation>Neben die Karte</translation>
    </message>
    <message>
        <source>Where files go</source>
        <translation>Wohin Dateien gehen</translation>
    </message>
    <message>
        <source>Where Bollard keeps its data</source>
        <translation>Wo Bollard seine Daten aufhebt</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Den Ordner öffnen</translation>
    </message>
    <message>
        <source>beside the card</source>
        <translation>neben die Karte</translation>
    </message>
    <message>
        <source>Files go: %1</source>
        <translation>Dateien gehen: %1</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>%1 vergessen</translation>
    </message>
    <message>
        <source>Limits, machines and tools of your own</source>
        <translation>Eigene Grenzen, Maschinen und Werkzeuge</translation>
    </message>
    <message>
        <source>Limits: %1</source>
        <translation>Grenzen: %1</translation>
    </message>
    <message>
        <source>Machine: %1</source>
        <translation>Maschine: %1</translation>
    </message>
    <message>
        <source>Tool: %1</source>
        <translation>Werkzeug: %1</translation>
    </message>
    <message>
        <source>None yet. “Keep as” in Process keeps them for all cards.</source>
        <translation>Noch keine. „Behalten als“ im Verfahren hebt sie für alle Karten auf.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProcessStation</name>
    <message>
        <source>Cutting</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Tool of the rack for the operation</source>
        <translation>Werkzeug aus dem Gestell für den Arbeitsgang</translation>
    </message>
    <message>
        <source>From the rack</source>
        <translation>Aus dem Gestell</translation>
    </message>
    <message>
        <source>Change tool</source>
        <translation>Werkzeug ändern</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>Tool of the operation</source>
        <translation>Werkzeug des Arbeitsgangs</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Flat of the tip</source>
        <translation>Flache Spitze</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Schnittfuge</translation>
    </message>
    <message>
        <source>Cuts as deep as</source>
        <translation>Schneidet so tief wie</translation>
    </message>
    <message>
        <source>as designed</source>
        <translation>wie entworfen</translation>
    </message>
    <message>
        <source>all at once, or the rack&apos;s</source>
        <translation>alles auf einmal, oder wie im Gestell</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>wird ausgerechnet</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>the rack&apos;s</source>
        <translation>wie im Gestell</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Deepest</source>
        <translation>Tiefste</translation>
    </message>
    <message>
        <source>At a time</source>
        <translation>Auf einmal</translation>
    </message>
    <message>
        <source>Step over</source>
        <translation>Bahnabstand</translation>
    </message>
    <message>
        <source>Tabs</source>
        <translation>Haltestege</translation>
    </message>
    <message>
        <source>A tab every</source>
        <translation>Ein Haltesteg alle</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Vorschub</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Eintauchen</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Drehzahl</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Sicherheitshöhe</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>Einlauf</translation>
    </message>
    <message>
        <source>The way into the cut</source>
        <translation>Der Weg in den Schnitt</translation>
    </message>
    <message>
        <source>Change lead</source>
        <translation>Einlauf ändern</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>in an arc</source>
        <translation>in einem Bogen</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>Länge des Einlaufs</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>Geht hinab</translation>
    </message>
    <message>
        <source>How the tool goes down into full material</source>
        <translation>Wie das Werkzeug in volles Material hinabgeht</translation>
    </message>
    <message>
        <source>Change the way down</source>
        <translation>Den Weg hinab ändern</translation>
    </message>
    <message>
        <source>along the way</source>
        <translation>entlang der Bahn</translation>
    </message>
    <message>
        <source>in circles</source>
        <translation>in Kreisen</translation>
    </message>
    <message>
        <source>In straight ways side by side</source>
        <translation>In geraden Bahnen nebeneinander</translation>
    </message>
    <message>
        <source>Only what wider tools left</source>
        <translation>Nur, was breitere Werkzeuge ließen</translation>
    </message>
    <message>
        <source>Letter by letter, as it is read</source>
        <translation>Buchstabe für Buchstabe, wie man liest</translation>
    </message>
    <message>
        <source>On the back</source>
        <translation>Auf der Rückseite</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>Scallop</source>
        <translation>Rillenhöhe</translation>
    </message>
    <message>
        <source>Ways</source>
        <translation>Bahnen</translation>
    </message>
    <message>
        <source>Which way the raster goes</source>
        <translation>In welcher Richtung das Raster läuft</translation>
    </message>
    <message>
        <source>Change the way of the raster</source>
        <translation>Die Richtung des Rasters ändern</translation>
    </message>
    <message>
        <source>along the bar</source>
        <translation>entlang des Stabs</translation>
    </message>
    <message>
        <source>round it</source>
        <translation>um ihn herum</translation>
    </message>
    <message>
        <source>All ways the same way</source>
        <translation>Alle Bahnen in derselben Richtung</translation>
    </message>
    <message>
        <source>Depth along</source>
        <translation>Tiefe entlang</translation>
    </message>
    <message>
        <source>How depths are measured from above</source>
        <translation>Wie Tiefen von oben gemessen werden</translation>
    </message>
    <message>
        <source>Change how depths are measured</source>
        <translation>Ändern, wie Tiefen gemessen werden</translation>
    </message>
    <message>
        <source>the side&apos;s normal</source>
        <translation>der Normalen der Seite</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>Stock margin</source>
        <translation>Rand des Rohmaterials</translation>
    </message>
    <message>
        <source>Stock thickness</source>
        <translation>Dicke des Rohmaterials</translation>
    </message>
    <message>
        <source>as thick as the blank</source>
        <translation>so dick wie der Rohling</translation>
    </message>
    <message>
        <source>Bar across</source>
        <translation>Stab quer</translation>
    </message>
    <message>
        <source>as the blank</source>
        <translation>wie der Rohling</translation>
    </message>
    <message>
        <source>Bar length</source>
        <translation>Länge des Stabs</translation>
    </message>
    <message>
        <source>Bar before</source>
        <translation>Stab davor</translation>
    </message>
    <message>
        <source>as it is held</source>
        <translation>wie er gehalten wird</translation>
    </message>
    <message>
        <source>Chuck</source>
        <translation>Futter</translation>
    </message>
    <message>
        <source>Which end of the bar the chuck holds</source>
        <translation>Welches Ende des Stabs das Futter hält</translation>
    </message>
    <message>
        <source>Change the chuck</source>
        <translation>Das Futter ändern</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>am Anfang</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>am Ende</translation>
    </message>
    <message>
        <source>Chuck reaches</source>
        <translation>Futter reicht</translation>
    </message>
    <message>
        <source>Where the machine&apos;s zero lies on the stock</source>
        <translation>Wo der Nullpunkt der Maschine auf dem Rohmaterial liegt</translation>
    </message>
    <message>
        <source>Zero at</source>
        <translation>Nullpunkt bei</translation>
    </message>
    <message>
        <source>Move the zero</source>
        <translation>Den Nullpunkt verschieben</translation>
    </message>
    <message>
        <source>Zero on</source>
        <translation>Nullpunkt auf</translation>
    </message>
    <message>
        <source>At what height the machine&apos;s zero lies</source>
        <translation>In welcher Höhe der Nullpunkt der Maschine liegt</translation>
    </message>
    <message>
        <source>Machine that cuts it</source>
        <translation>Maschine, die es schneidet</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Fastest in the air</source>
        <translation>Schnellstens in der Luft</translation>
    </message>
    <message>
        <source>Fastest cut</source>
        <translation>Schnellster Schnitt</translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation>Beschleunigung</translation>
    </message>
    <message>
        <source>Spindle from</source>
        <translation>Spindel von</translation>
    </message>
    <message>
        <source>Spindle to</source>
        <translation>Spindel bis</translation>
    </message>
    <message>
        <source>Reaches along x</source>
        <translation>Reicht entlang x</translation>
    </message>
    <message>
        <source>Reaches along y</source>
        <translation>Reicht entlang y</translation>
    </message>
    <message>
        <source>Reaches along z</source>
        <translation>Reicht entlang z</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>nicht genannt</translation>
    </message>
    <message>
        <source>Rotary axis</source>
        <translation>Drehachse</translation>
    </message>
    <message>
        <source>The axis that turns the bar</source>
        <translation>Die Achse, die den Stab dreht</translation>
    </message>
    <message>
        <source>Change the rotary axis</source>
        <translation>Die Drehachse ändern</translation>
    </message>
    <message>
        <source>none: from above</source>
        <translation>keine: von oben</translation>
    </message>
    <message>
        <source>Bar along</source>
        <translation>Stab entlang</translation>
    </message>
    <message>
        <source>Which axis of the machine the bar lies along</source>
        <translation>Entlang welcher Achse der Maschine der Stab liegt</translation>
    </message>
    <message>
        <source>Lay the bar otherwise</source>
        <translation>Den Stab anders legen</translation>
    </message>
    <message>
        <source>Feeds by</source>
        <translation>Vorschub durch</translation>
    </message>
    <message>
        <source>How feeds are told of moves that turn</source>
        <translation>Wie der Vorschub von Drehbewegungen genannt wird</translation>
    </message>
    <message>
        <source>Change how feeds are told</source>
        <translation>Ändern, wie der Vorschub genannt wird</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>Turns at most</source>
        <translation>Dreht höchstens</translation>
    </message>
    <message>
        <source>Turns from</source>
        <translation>Dreht von</translation>
    </message>
    <message>
        <source>Turns to</source>
        <translation>Dreht bis</translation>
    </message>
    <message>
        <source>How files for the machine are written</source>
        <translation>Wie Dateien für die Maschine geschrieben werden</translation>
    </message>
    <message>
        <source>Files with</source>
        <translation>Dateien mit</translation>
    </message>
    <message>
        <source>Change dialect</source>
        <translation>Dialekt ändern</translation>
    </message>
    <message>
        <source>A file for each tool</source>
        <translation>Eine Datei je Werkzeug</translation>
    </message>
    <message>
        <source>And a file that runs round it in the air</source>
        <translation>Und eine Datei, die in der Luft herumfährt</translation>
    </message>
    <message>
        <source>a name of your own</source>
        <translation>ein eigener Name</translation>
    </message>
    <message>
        <source>Kept. It is in the list for every card.</source>
        <translation>Behalten. Es steht für jede Karte in der Liste.</translation>
    </message>
    <message>
        <source>Keep tool as</source>
        <translation>Werkzeug behalten als</translation>
    </message>
    <message>
        <source>Name to keep this tool under</source>
        <translation>Name, unter dem dieses Werkzeug behalten wird</translation>
    </message>
    <message>
        <source>Name the tool</source>
        <translation>Das Werkzeug benennen</translation>
    </message>
    <message>
        <source>Keep machine as</source>
        <translation>Maschine behalten als</translation>
    </message>
    <message>
        <source>Name to keep this machine under</source>
        <translation>Name, unter dem diese Maschine behalten wird</translation>
    </message>
    <message>
        <source>Name the machine</source>
        <translation>Die Maschine benennen</translation>
    </message>
    <message>
        <source>Change machine</source>
        <translation>Maschine ändern</translation>
    </message>
    <message>
        <source>as told below</source>
        <translation>wie unten genannt</translation>
    </message>
    <message>
        <source>Lying and layers</source>
        <translation>Lage und Schichten</translation>
    </message>
    <message>
        <source>What the print lies on</source>
        <translation>Worauf der Druck liegt</translation>
    </message>
    <message>
        <source>as it is drawn</source>
        <translation>wie gezeichnet</translation>
    </message>
    <message>
        <source>Lies on</source>
        <translation>Liegt auf</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Die Lage ändern</translation>
    </message>
    <message>
        <source>Point at a face</source>
        <translation>Auf eine Fläche zeigen</translation>
    </message>
    <message>
        <source>Point at the face that the print is to lie on</source>
        <translation>Auf die Fläche zeigen, auf der der Druck liegen soll</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Auf dem Bett gedreht</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>Change whether it is worn</source>
        <translation>Ändern, ob es getragen wird</translation>
    </message>
    <message>
        <source>Limits for the selected words; below the first number it stops</source>
        <translation>Grenzen für die gewählten Wörter; unter der ersten Zahl hindert es</translation>
    </message>
    <message>
        <source>Limits from the process again</source>
        <translation>Wieder die Grenzen des Verfahrens</translation>
    </message>
    <message>
        <source>Limits from the process</source>
        <translation>Grenzen des Verfahrens</translation>
    </message>
    <message>
        <source>Name to keep this process under</source>
        <translation>Name, unter dem dieses Verfahren behalten wird</translation>
    </message>
    <message>
        <source>Keep as</source>
        <translation>Behalten als</translation>
    </message>
    <message>
        <source>Keep for other cards</source>
        <translation>Für andere Karten behalten</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Eine Grenze ändern</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>beachten</translation>
    </message>
    <message>
        <source>Change process</source>
        <translation>Verfahren ändern</translation>
    </message>
    <message>
        <source>Kept. It is in the list above for every card.</source>
        <translation>Behalten. Es steht für jede Karte oben in der Liste.</translation>
    </message>
    <message>
        <source>Name the process</source>
        <translation>Das Verfahren benennen</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>%1 vergessen</translation>
    </message>
    <message>
        <source>%1, watch</source>
        <translation>%1, beachten</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileCanvas</name>
    <message>
        <source>Profile of the turned blank</source>
        <translation>Profil des gedrehten Rohlings</translation>
    </message>
    <message>
        <source>Drag points; double click puts one in. Keys: Page Up and Down choose a point, arrows move it, S makes it smooth or a corner, Delete takes it away.</source>
        <translation>Ziehe Punkte; ein Doppelklick setzt einen. Tasten: Bild auf und ab wählen einen Punkt, Pfeile verschieben ihn, S macht ihn glatt oder zur Ecke, Entf nimmt ihn weg.</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Einen Punkt des Profils verschieben</translation>
    </message>
    <message>
        <source>Add a point to the profile</source>
        <translation>Einen Punkt des Profils hinzufügen</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Einen Punkt des Profils ändern</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Einen Punkt des Profils entfernen</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileEditor</name>
    <message>
        <source>Profile from SVG or DXF…</source>
        <translation>Profil aus SVG oder DXF…</translation>
    </message>
    <message>
        <source>Profile point %1, %2</source>
        <translation>Punkt %1 des Profils, %2</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Einen Punkt des Profils verschieben</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>Profile point %1, smooth</source>
        <translation>Punkt %1 des Profils, glatt</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Einen Punkt des Profils ändern</translation>
    </message>
    <message>
        <source>Remove profile point %1</source>
        <translation>Punkt %1 des Profils entfernen</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Einen Punkt des Profils entfernen</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofCanvas</name>
    <message>
        <source>Proof: the stock after the moves so far</source>
        <translation>Prüfung: das Rohmaterial nach den bisherigen Bewegungen</translation>
    </message>
    <message>
        <source>Nothing to prove yet: give the card an operation in Process, or letters that its process cuts.</source>
        <translation>Noch nichts zu prüfen: gib der Karte unter Verfahren einen Arbeitsgang, oder Buchstaben, die ihr Verfahren schneidet.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofView</name>
    <message>
        <source>Lines of the program</source>
        <translation>Zeilen des Programms</translation>
    </message>
    <message>
        <source>One move back</source>
        <translation>Eine Bewegung zurück</translation>
    </message>
    <message>
        <source>One move on</source>
        <translation>Eine Bewegung weiter</translation>
    </message>
    <message>
        <source>How many moves have been made</source>
        <translation>Wie viele Bewegungen getan sind</translation>
    </message>
    <message>
        <source>Front</source>
        <translation>Vorn</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Hinten</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>To the last move</source>
        <translation>Zur letzten Bewegung</translation>
    </message>
    <message>
        <source>Writing the program and proving it…</source>
        <translation>Das Programm wird geschrieben und geprüft…</translation>
    </message>
    <message>
        <source>No program: nothing is cut.</source>
        <translation>Kein Programm: nichts wird geschnitten.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>gouged</source>
        <translation>verletzt</translation>
    </message>
    <message>
        <source>left</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>out of the tools&apos; reach</source>
        <translation>außer Reichweite der Werkzeuge</translation>
    </message>
    <message>
        <source>cuts beside the stock</source>
        <translation>schneidet neben dem Rohmaterial</translation>
    </message>
    <message numerus="yes">
        <source>%n loose piece(s)</source>
        <translation>
            <numerusform>%n loses Stück</numerusform>
            <numerusform>%n lose Stücke</numerusform>
        </translation>
    </message>
    <message>
        <source>then the part</source>
        <translation>dann das Teil</translation>
    </message>
    <message>
        <source>Move a tab</source>
        <translation>Einen Haltesteg verschieben</translation>
    </message>
    <message>
        <source>Move where a cut begins</source>
        <translation>Verschieben, wo ein Schnitt beginnt</translation>
    </message>
    <message>
        <source>move %1 of %2 · line %3 · %4 · x %5  y %6  z %7</source>
        <translation>Bewegung %1 von %2 · Zeile %3 · %4 · x %5  y %6  z %7</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in der Luft</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>before the first move</source>
        <translation>vor der ersten Bewegung</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
</context>
<context>
    <name>bollard::app::Recovery</name>
    <message>
        <source>Unnamed card</source>
        <translation>Unbenannte Karte</translation>
    </message>
</context>
<context>
    <name>bollard::app::RouteCard</name>
    <message>
        <source>Route card</source>
        <translation>Laufkarte</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>Lettering</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Placing</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Bearbeitung</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>no format ticked</source>
        <translation>kein Format angekreuzt</translation>
    </message>
    <message>
        <source>nothing to work</source>
        <translation>nichts zu bearbeiten</translation>
    </message>
    <message>
        <source>%1; row %2 of %3</source>
        <translation>%1; Reihe %2 von %3</translation>
    </message>
</context>
<context>
    <name>bollard::app::RowsModel</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::RowsTable</name>
    <message>
        <source>Show the row before</source>
        <translation>Die Reihe davor zeigen</translation>
    </message>
    <message>
        <source>Show the next row</source>
        <translation>Die nächste Reihe zeigen</translation>
    </message>
    <message>
        <source>Rows; the first line names the fields</source>
        <translation>Reihen; die erste Zeile nennt die Felder</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>Reihe hinzufügen</translation>
    </message>
    <message>
        <source>Add field</source>
        <translation>Feld hinzufügen</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Reihe entfernen</translation>
    </message>
    <message>
        <source>Remove field</source>
        <translation>Feld entfernen</translation>
    </message>
    <message>
        <source>Read rows from a CSV file…</source>
        <translation>Reihen aus einer CSV-Datei lesen…</translation>
    </message>
    <message>
        <source>field</source>
        <translation>Feld</translation>
    </message>
    <message>
        <source>Row %1 of %2 is shown</source>
        <translation>Reihe %1 von %2 wird gezeigt</translation>
    </message>
    <message>
        <source>No rows: write {field} in the words to fill it from a row.</source>
        <translation>Keine Reihen: schreibe {field} in die Wörter, um es aus einer Reihe zu füllen.</translation>
    </message>
    <message>
        <source>Rename field</source>
        <translation>Feld umbenennen</translation>
    </message>
    <message>
        <source>Change row</source>
        <translation>Reihe ändern</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>Feld %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SectionStrip</name>
    <message>
        <source>Section along the line</source>
        <translation>Schnitt entlang der Linie</translation>
    </message>
    <message>
        <source>Section along the line, to scale; Esc puts it away</source>
        <translation>Schnitt entlang der Linie, maßstäblich; Esc räumt ihn weg</translation>
    </message>
    <message>
        <source>The line crosses no material.</source>
        <translation>Die Linie kreuzt kein Material.</translation>
    </message>
</context>
<context>
    <name>bollard::app::SendPanel</name>
    <message>
        <source>Serial port or local socket of the controller</source>
        <translation>Serielle Schnittstelle oder lokaler Socket der Steuerung</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>How the controller is talked to</source>
        <translation>Wie mit der Steuerung gesprochen wird</translation>
    </message>
    <message>
        <source>Protocol</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>Run round it in the air first</source>
        <translation>Erst in der Luft herumfahren</translation>
    </message>
    <message>
        <source>Send the program</source>
        <translation>Das Programm senden</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>How much is confirmed</source>
        <translation>Wie viel bestätigt ist</translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>The card is still being made; try again in a moment.</source>
        <translation>Die Karte wird noch gemacht; versuche es gleich noch einmal.</translation>
    </message>
    <message>
        <source>%1. Mend it before it is sent.</source>
        <translation>%1. Hilf dem ab, bevor gesendet wird.</translation>
    </message>
    <message>
        <source>Writing the program…</source>
        <translation>Das Programm wird geschrieben…</translation>
    </message>
    <message>
        <source>No protocol is chosen.</source>
        <translation>Kein Protokoll ist gewählt.</translation>
    </message>
    <message>
        <source>It runs round the work in the air.</source>
        <translation>Es fährt in der Luft um die Arbeit.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Waiting for the controller…</source>
        <translation>Warten auf die Steuerung…</translation>
    </message>
    <message>
        <source>Line %1; %2 of %3 confirmed</source>
        <translation>Zeile %1; %2 von %3 bestätigt</translation>
    </message>
    <message>
        <source>%1 of %2 at full feed</source>
        <translation>%1 von %2 bei vollem Vorschub</translation>
    </message>
    <message>
        <source>Sent to “%1”: all %2 lines are confirmed.</source>
        <translation>An „%1“ gesendet: alle %2 Zeilen sind bestätigt.</translation>
    </message>
    <message>
        <source>Stopped. The last line that was confirmed is %1.</source>
        <translation>Angehalten. Die letzte bestätigte Zeile ist %1.</translation>
    </message>
    <message>
        <source>Go on from a safe line before %1</source>
        <translation>Weiter ab einer sicheren Zeile vor %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SeriesView</name>
    <message>
        <source>waits</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>%1; its own</source>
        <translation>%1; eigen</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Reihen der Karte</translation>
    </message>
    <message>
        <source>What is shown of the rows</source>
        <translation>Was von den Reihen gezeigt wird</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Bögen</translation>
    </message>
    <message>
        <source>Order of the rows</source>
        <translation>Reihenfolge der Reihen</translation>
    </message>
    <message>
        <source>as they come</source>
        <translation>wie sie kommen</translation>
    </message>
    <message>
        <source>worst first</source>
        <translation>Schlimmste zuerst</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Sheet width</source>
        <translation>Breite des Bogens</translation>
    </message>
    <message>
        <source>Sheet height</source>
        <translation>Höhe des Bogens</translation>
    </message>
    <message>
        <source>Between parts</source>
        <translation>Zwischen Teilen</translation>
    </message>
    <message>
        <source>At the edge</source>
        <translation>Am Rand</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Kopien von jedem</translation>
    </message>
    <message>
        <source>How parts may be turned on sheets</source>
        <translation>Wie Teile auf Bögen gedreht werden dürfen</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>half round</source>
        <translation>halb herum</translation>
    </message>
    <message>
        <source>by quarters</source>
        <translation>um Viertel</translation>
    </message>
    <message>
        <source>any way</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Rows that are done</source>
        <translation>Fertige Reihen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Make a row like the others</source>
        <translation>Eine Reihe wie die anderen machen</translation>
    </message>
    <message>
        <source>What kind of files is written</source>
        <translation>Was für Dateien geschrieben werden</translation>
    </message>
    <message>
        <source>Written as</source>
        <translation>Geschrieben als</translation>
    </message>
    <message>
        <source>Let stop findings pass</source>
        <translation>Hindernisse durchgehen lassen</translation>
    </message>
    <message>
        <source>Write the sheets</source>
        <translation>Die Bögen schreiben</translation>
    </message>
    <message>
        <source>Write the rows</source>
        <translation>Die Reihen schreiben</translation>
    </message>
    <message>
        <source>%1 of %2 made</source>
        <translation>%1 von %2 gemacht</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s)</source>
        <translation>
            <numerusform>%n Reihe</numerusform>
            <numerusform>%n Reihen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stop(s)</source>
        <translation>
            <numerusform>%n, die hindert</numerusform>
            <numerusform>%n, die hindern</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to watch</source>
        <translation>
            <numerusform>%n zu beachten</numerusform>
            <numerusform>%n zu beachten</numerusform>
        </translation>
    </message>
    <message>
        <source>Laying them on sheets…</source>
        <translation>Sie werden auf Bögen gelegt…</translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>%n Bogen</numerusform>
            <numerusform>%n Bögen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) larger than a sheet</source>
        <translation>
            <numerusform>%n Teil ist größer als ein Bogen</numerusform>
            <numerusform>%n Teile sind größer als ein Bogen</numerusform>
        </translation>
    </message>
    <message>
        <source>Rows that stop are left out.</source>
        <translation>Reihen, die hindern, bleiben weg.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Make row %1 like the others</source>
        <translation>Reihe %1 wie die anderen machen</translation>
    </message>
    <message>
        <source>-sheets</source>
        <translation>-Bögen</translation>
    </message>
    <message>
        <source>-rows</source>
        <translation>-Reihen</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Wird geschrieben…</translation>
    </message>
    <message>
        <source>Stopped; the next time it goes on from there.</source>
        <translation>Angehalten; beim nächsten Mal geht es von dort weiter.</translation>
    </message>
    <message>
        <source>%1 made, %2 there already, %3 that stop, %4 failed, in “%5”.</source>
        <translation>%1 gemacht, %2 schon da, %3 mit Hindernis, %4 misslungen, in „%5“.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Row %1: %2</source>
        <translation>Reihe %1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::SheetCanvas</name>
    <message>
        <source>Sheets with the parts on them</source>
        <translation>Bögen mit den Teilen darauf</translation>
    </message>
    <message>
        <source>Left and right choose a part; plus and minus zoom; Home shows all sheets.</source>
        <translation>Links und rechts wählen ein Teil; Plus und Minus zoomen; Pos1 zeigt alle Bögen.</translation>
    </message>
    <message>
        <source>Sheet %1, %2 % full</source>
        <translation>Bogen %1, zu %2 % voll</translation>
    </message>
</context>
<context>
    <name>bollard::app::SideChoice</name>
    <message>
        <source>Side of the blank</source>
        <translation>Seite des Rohlings</translation>
    </message>
</context>
<context>
    <name>bollard::app::Slips</name>
    <message>
        <source>Inscriptions</source>
        <translation>Beschriftungen</translation>
    </message>
    <message>
        <source>Add inscription</source>
        <translation>Beschriftung hinzufügen</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Zierrat hinzufügen</translation>
    </message>
    <message>
        <source>artwork from a file…</source>
        <translation>Zeichnung aus einer Datei…</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Beschriftung kopieren</translation>
    </message>
    <message>
        <source>Move inscription up</source>
        <translation>Beschriftung nach oben</translation>
    </message>
    <message>
        <source>Move inscription down</source>
        <translation>Beschriftung nach unten</translation>
    </message>
    <message>
        <source>Hide or show inscription</source>
        <translation>Beschriftung verbergen oder zeigen</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Beschriftung löschen</translation>
    </message>
    <message>
        <source>new words</source>
        <translation>neue Wörter</translation>
    </message>
</context>
<context>
    <name>bollard::app::StartPage</name>
    <message>
        <source>Berth sign, raised and sunk</source>
        <translation>Liegeplatzschild, erhöht und vertieft</translation>
    </message>
    <message>
        <source>Valve tag, cut right through</source>
        <translation>Ventilmarke, ganz hindurchgeschnitten</translation>
    </message>
    <message>
        <source>Free-standing word</source>
        <translation>Freistehendes Wort</translation>
    </message>
    <message>
        <source>Mooring ring, words all round</source>
        <translation>Festmacherring, Wörter rundum</translation>
    </message>
    <message>
        <source>Transom name along a curve</source>
        <translation>Heckname entlang einer Kurve</translation>
    </message>
    <message>
        <source>Scribed tags with serial numbers</source>
        <translation>Geritzte Marken mit Nummern</translation>
    </message>
    <message>
        <source>Tide board, figures and bars</source>
        <translation>Gezeitentafel, Ziffern und Stege</translation>
    </message>
    <message>
        <source>Fender pin, words round a bar</source>
        <translation>Fenderbolzen, Wörter um einen Stab</translation>
    </message>
    <message>
        <source>Berth sign, edges broken</source>
        <translation>Liegeplatzschild, Kanten gebrochen</translation>
    </message>
    <message>
        <source>Store tag with an ear and a slot</source>
        <translation>Lagermarke mit Öse und Langloch</translation>
    </message>
    <message>
        <source>Name carved in oak</source>
        <translation>Name, in Eiche geschnitzt</translation>
    </message>
    <message>
        <source>Mooring tag, inlaid on both faces</source>
        <translation>Festmachermarke, beidseitig eingelegt</translation>
    </message>
    <message>
        <source>Pierced sign, held by ties</source>
        <translation>Durchbrochenes Schild, von Haltestegen gehalten</translation>
    </message>
    <message>
        <source>Word on bars behind it</source>
        <translation>Wort auf Stegen dahinter</translation>
    </message>
    <message>
        <source>Word on a plate along its outline</source>
        <translation>Wort auf einer Platte entlang seines Umrisses</translation>
    </message>
    <message>
        <source>Word closed up to one piece</source>
        <translation>Wort, zu einem Stück geschlossen</translation>
    </message>
    <message>
        <source>A dot that nothing holds yet</source>
        <translation>Ein Punkt, den noch nichts hält</translation>
    </message>
    <message>
        <source>Transom name, V-carved</source>
        <translation>Heckname, V-geschnitzt</translation>
    </message>
    <message>
        <source>Brass valve tags, scribed</source>
        <translation>Ventilmarken aus Messing, geritzt</translation>
    </message>
    <message>
        <source>A hundred valve tags with serials</source>
        <translation>Hundert Ventilmarken mit Nummern</translation>
    </message>
    <message>
        <source>Thirty crew name tags for two sheets</source>
        <translation>Dreißig Namensschilder für zwei Bögen</translation>
    </message>
    <message>
        <source>Monogram in a ring, by torch</source>
        <translation>Monogramm im Ring, mit dem Brenner</translation>
    </message>
    <message>
        <source>Slate, its ground cleared</source>
        <translation>Schiefer, der Grund geräumt</translation>
    </message>
    <message>
        <source>Block with a boat on each face</source>
        <translation>Block mit einem Boot auf jeder Fläche</translation>
    </message>
    <message>
        <source>Band of a mooring ring, two rows</source>
        <translation>Band eines Festmacherrings, zwei Zeilen</translation>
    </message>
    <message>
        <source>Roller, read in its impression</source>
        <translation>Rolle, im Abdruck gelesen</translation>
    </message>
    <message>
        <source>Egg-shaped net float</source>
        <translation>Eiförmiger Netzschwimmer</translation>
    </message>
    <message>
        <source>Signet ring, letters on its flat</source>
        <translation>Siegelring, Buchstaben auf der flachen Stelle</translation>
    </message>
    <message>
        <source>Key ring, a letter to each facet</source>
        <translation>Schlüsselring, ein Buchstabe je Facette</translation>
    </message>
    <message>
        <source>Bollard cap, words round a dome</source>
        <translation>Pollerkappe, Wörter um eine Kuppel</translation>
    </message>
    <message>
        <source>Buoy tag in two colours, face down</source>
        <translation>Bojenmarke in zwei Farben, Vorderseite unten</translation>
    </message>
    <message>
        <source>Buoy ball in two colours</source>
        <translation>Bojenkugel in zwei Farben</translation>
    </message>
    <message>
        <source>Horn cleat from a file</source>
        <translation>Belegklampe aus einer Datei</translation>
    </message>
    <message>
        <source>Brass bar, scribed as it turns</source>
        <translation>Messingstab, beim Drehen geritzt</translation>
    </message>
    <message>
        <source>Float roller, its words left standing</source>
        <translation>Schwimmerrolle, ihre Wörter stehen gelassen</translation>
    </message>
    <message>
        <source>Egg, scribed from above</source>
        <translation>Ei, von oben geritzt</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Startseite</translation>
    </message>
    <message>
        <source>Lettering for things that are made</source>
        <translation>Beschriftung für Dinge, die gemacht werden</translation>
    </message>
    <message>
        <source>Type words, see them on the piece, see what cannot be made, write the solid.</source>
        <translation>Wörter tippen, sie am Stück sehen, sehen, was nicht gemacht werden kann, den Körper schreiben.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Neue Karte</translation>
    </message>
    <message>
        <source>Open a card…</source>
        <translation>Eine Karte öffnen…</translation>
    </message>
    <message>
        <source>Start from a sample</source>
        <translation>Mit einem Beispiel beginnen</translation>
    </message>
    <message>
        <source>Sample: %1</source>
        <translation>Beispiel: %1</translation>
    </message>
    <message>
        <source>What new cards are made with</source>
        <translation>Womit neue Karten gemacht werden</translation>
    </message>
    <message>
        <source>on</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>Width of the bed or the machine&apos;s travel</source>
        <translation>Breite des Betts oder Weg der Maschine</translation>
    </message>
    <message>
        <source>Depth of the bed or the machine&apos;s travel</source>
        <translation>Tiefe des Betts oder Weg der Maschine</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Einheit neuer Karten</translation>
    </message>
    <message>
        <source>New cards are for</source>
        <translation>Neue Karten sind für</translation>
    </message>
    <message>
        <source>First of all: what do you make with?</source>
        <translation>Zuallererst: womit machst du etwas?</translation>
    </message>
    <message>
        <source>Not saved when Bollard ended</source>
        <translation>Nicht gesichert, als Bollard endete</translation>
    </message>
    <message>
        <source>“%1” was kept, but cannot be read. It is left as it is: %2</source>
        <translation>„%1“ wurde bewahrt, lässt sich aber nicht lesen. Es bleibt, wie es ist: %2</translation>
    </message>
    <message>
        <source>Recover %1</source>
        <translation>%1 wiederherstellen</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Discard the unsaved %1</source>
        <translation>Das nicht gesicherte %1 wegwerfen</translation>
    </message>
    <message>
        <source>Starting cards of your own</source>
        <translation>Eigene Anfangskarten</translation>
    </message>
    <message>
        <source>Forget the starting card %1</source>
        <translation>Die Anfangskarte %1 vergessen</translation>
    </message>
    <message>
        <source>Recent cards</source>
        <translation>Letzte Karten</translation>
    </message>
</context>
<context>
    <name>bollard::app::Station</name>
    <message>
        <source>Station %1, %2</source>
        <translation>Station %1, %2</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>%1 stop</source>
        <translation>%1: Hindernis</translation>
    </message>
    <message>
        <source>%1 watch</source>
        <translation>%1: beachten</translation>
    </message>
</context>
<context>
    <name>bollard::app::StationBody</name>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>Edge size</source>
        <translation>Größe der Kante</translation>
    </message>
    <message>
        <source>Edge angle</source>
        <translation>Winkel der Kante</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Edge radius</source>
        <translation>Radius der Kante</translation>
    </message>
    <message>
        <source>%1, open</source>
        <translation>%1, offen</translation>
    </message>
    <message>
        <source>%1, closed</source>
        <translation>%1, geschlossen</translation>
    </message>
</context>
<context>
    <name>bollard::app::ToolSketch</name>
    <message>
        <source>Narrowest stroke %1, tool %2.</source>
        <translation>Schmalster Strich %1, Werkzeug %2.</translation>
    </message>
    <message>
        <source>Tool %1.</source>
        <translation>Werkzeug %1.</translation>
    </message>
    <message>
        <source>%1 It does not go in.</source>
        <translation>%1 Es geht nicht hinein.</translation>
    </message>
    <message>
        <source>stroke %1</source>
        <translation>Strich %1</translation>
    </message>
    <message>
        <source>tip %1</source>
        <translation>Spitze %1</translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation>Werkzeug %1</translation>
    </message>
    <message>
        <source>tool %1: too wide</source>
        <translation>Werkzeug %1: zu breit</translation>
    </message>
</context>
<context>
    <name>bollard::app::TracePanel</name>
    <message>
        <source>The picture, and what is traced of it</source>
        <translation>Das Bild, und was davon nachgezeichnet wird</translation>
    </message>
    <message>
        <source>Darker than</source>
        <translation>Dunkler als</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Glätten</translation>
    </message>
    <message>
        <source>Smallest spot</source>
        <translation>Kleinster Fleck</translation>
    </message>
    <message>
        <source>Light ink on dark paper</source>
        <translation>Helle Farbe auf dunklem Papier</translation>
    </message>
    <message>
        <source>Width of the ink</source>
        <translation>Breite der Farbe</translation>
    </message>
    <message>
        <source>Put it on the blank</source>
        <translation>Auf den Rohling legen</translation>
    </message>
    <message numerus="yes">
        <source>%n shape(s)</source>
        <translation>
            <numerusform>%n Form</numerusform>
            <numerusform>%n Formen</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is darker than that. Move the first slider to the right.</source>
        <translation>Nichts ist dunkler als das. Schiebe den ersten Regler nach rechts.</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceControls</name>
    <message>
        <source>Change %1</source>
        <translation>%1 ändern</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceList</name>
    <message>
        <source>Type a name</source>
        <translation>Tippe einen Namen</translation>
    </message>
    <message>
        <source>Typeface name</source>
        <translation>Name der Schrift</translation>
    </message>
    <message>
        <source>all typefaces</source>
        <translation>alle Schriften</translation>
    </message>
    <message>
        <source>kept ones</source>
        <translation>behaltene</translation>
    </message>
    <message>
        <source>sans serif</source>
        <translation>serifenlos</translation>
    </message>
    <message>
        <source>serif</source>
        <translation>mit Serifen</translation>
    </message>
    <message>
        <source>script</source>
        <translation>Schreibschrift</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>single-line</source>
        <translation>Einlinienschrift</translation>
    </message>
    <message>
        <source>other</source>
        <translation>andere</translation>
    </message>
    <message>
        <source>Kind of typeface</source>
        <translation>Art der Schrift</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Schriften</translation>
    </message>
    <message>
        <source>Open a font file…</source>
        <translation>Eine Schriftdatei öffnen…</translation>
    </message>
    <message>
        <source>%1 so far; looking through the others…</source>
        <translation>%1 bisher; die anderen werden durchgesehen…</translation>
    </message>
    <message>
        <source>No typeface is like that.</source>
        <translation>Keine Schrift ist so.</translation>
    </message>
    <message>
        <source>Strokes of at least %1 mm at this size</source>
        <translation>Striche von mindestens %1 mm in dieser Größe</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceModel</name>
    <message>
        <source>Harbour 123</source>
        <translation>Hafen 123</translation>
    </message>
</context>
<context>
    <name>bollard::app::WorkingStation</name>
    <message>
        <source>Working</source>
        <translation>Bearbeitung</translation>
    </message>
    <message>
        <source>Change working</source>
        <translation>Bearbeitung ändern</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Einbettung</translation>
    </message>
    <message>
        <source>bedding</source>
        <translation>Einbettung</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Angle of the V</source>
        <translation>Winkel des V</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Kanten</translation>
    </message>
    <message>
        <source>How the edges of the letters are broken</source>
        <translation>Wie die Kanten der Buchstaben gebrochen sind</translation>
    </message>
    <message>
        <source>Change edges</source>
        <translation>Kanten ändern</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Radius of the fillet where letters meet the blank</source>
        <translation>Radius der Kehle, wo Buchstaben auf den Rohling treffen</translation>
    </message>
    <message>
        <source>Colour from</source>
        <translation>Farbe ab</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Up to this height letters are of the blank&apos;s colour; 0: all of them have their own</source>
        <translation>Bis zu dieser Höhe haben Buchstaben die Farbe des Rohlings; 0: alle haben ihre eigene</translation>
    </message>
    <message>
        <source>Tops</source>
        <translation>Oberseiten</translation>
    </message>
    <message>
        <source>Whether tops follow the side or lie flat</source>
        <translation>Ob Oberseiten der Seite folgen oder flach liegen</translation>
    </message>
    <message>
        <source>Change tops</source>
        <translation>Oberseiten ändern</translation>
    </message>
    <message>
        <source>as high everywhere</source>
        <translation>überall gleich hoch</translation>
    </message>
    <message>
        <source>flat, each letter in one plane</source>
        <translation>flach, jeder Buchstabe in einer Ebene</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>Room between the inlay and the walls round it, for glue; 0: they are one</source>
        <translation>Raum zwischen der Einlage und den Wänden darum, für Leim; 0: sie sind eins</translation>
    </message>
    <message>
        <source>Counters</source>
        <translation>Innenräume</translation>
    </message>
    <message>
        <source>What becomes of counters</source>
        <translation>Was aus Innenräumen wird</translation>
    </message>
    <message>
        <source>Change what becomes of counters</source>
        <translation>Ändern, was aus Innenräumen wird</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>lowered</source>
        <translation>gesenkt</translation>
    </message>
    <message>
        <source>cut through</source>
        <translation>durchgeschnitten</translation>
    </message>
    <message>
        <source>dropped</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>Lowered by</source>
        <translation>Gesenkt um</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>ties</source>
        <translation>Haltestege</translation>
    </message>
    <message>
        <source>ties put by hand</source>
        <translation>von Hand gesetzte Haltestege</translation>
    </message>
    <message>
        <source>What holds counters</source>
        <translation>Was Innenräume hält</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>Gehalten durch</translation>
    </message>
    <message>
        <source>Change what holds counters</source>
        <translation>Ändern, was Innenräume hält</translation>
    </message>
    <message>
        <source>Width of ties</source>
        <translation>Breite der Haltestege</translation>
    </message>
    <message>
        <source>Each counter</source>
        <translation>Jeder Innenraum</translation>
    </message>
    <message>
        <source>How many ties a counter gets</source>
        <translation>Wie viele Haltestege ein Innenraum bekommt</translation>
    </message>
    <message>
        <source>Change the number of ties</source>
        <translation>Die Zahl der Haltestege ändern</translation>
    </message>
    <message>
        <source>as needed</source>
        <translation>nach Bedarf</translation>
    </message>
    <message>
        <source>one</source>
        <translation>einen</translation>
    </message>
    <message>
        <source>two</source>
        <translation>zwei</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>Which way ties run</source>
        <translation>In welcher Richtung Haltestege laufen</translation>
    </message>
    <message>
        <source>Change the direction of ties</source>
        <translation>Die Richtung der Haltestege ändern</translation>
    </message>
    <message>
        <source>as the letter stands</source>
        <translation>wie der Buchstabe steht</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>level</source>
        <translation>waagrecht</translation>
    </message>
    <message>
        <source>at an angle</source>
        <translation>in einem Winkel</translation>
    </message>
    <message>
        <source>Angle of ties</source>
        <translation>Winkel der Haltestege</translation>
    </message>
    <message>
        <source>How deep ties are</source>
        <translation>Wie tief Haltestege sind</translation>
    </message>
    <message>
        <source>Change the depth of ties</source>
        <translation>Die Tiefe der Haltestege ändern</translation>
    </message>
    <message>
        <source>through the whole thickness</source>
        <translation>durch die ganze Dicke</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>Thickness of ties</source>
        <translation>Dicke der Haltestege</translation>
    </message>
    <message>
        <source>Wider at both ends</source>
        <translation>An beiden Enden breiter</translation>
    </message>
    <message>
        <source>Change the shape of ties</source>
        <translation>Die Form der Haltestege ändern</translation>
    </message>
    <message>
        <source>There are no words to work yet.</source>
        <translation>Es gibt noch keine Wörter zu bearbeiten.</translation>
    </message>
    <message>
        <source>%1 are left under it.</source>
        <translation>%1 bleiben darunter.</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Lettering for printing, engraving and cutting.</source>
        <translation>Beschriftung zum Drucken, Gravieren und Schneiden.</translation>
    </message>
    <message>
        <source>Save a picture of each view and end.</source>
        <translation>Ein Bild jeder Ansicht sichern und enden.</translation>
    </message>
    <message>
        <source>FOLDER</source>
        <translation>ORDNER</translation>
    </message>
    <message>
        <source>Cards to open; the first one opens in the window that is there.</source>
        <translation>Karten zum Öffnen; die erste öffnet sich im Fenster, das da ist.</translation>
    </message>
    <message>
        <source>Open a window of its own, also where one is there.</source>
        <translation>Ein eigenes Fenster öffnen, auch wo schon eines ist.</translation>
    </message>
</context>
</TS>
