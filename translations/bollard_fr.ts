<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
<context>
    <name>Beginning</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>%1 n’a pas pu être retiré.</translation>
    </message>
</context>
<context>
    <name>Blanks</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>%1 %2 round the words × %3</source>
        <translation>%1 %2 autour des mots × %3</translation>
    </message>
    <message>
        <source>%1 %2 × %3 × %4</source>
        <translation>%1 %2 × %3 × %4</translation>
    </message>
    <message>
        <source>, %1 corners</source>
        <translation>, %1 coins</translation>
    </message>
    <message>
        <source>, drawn outline</source>
        <translation>, contour dessiné</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, corners %1</source>
        <translation>, coins %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>no blank</source>
        <translation>pas de brut</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>plaque</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>disque</translation>
    </message>
    <message>
        <source>disc ⌀ %1 × %2</source>
        <translation>disque ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>, centre hole %1</source>
        <translation>, trou central %1</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>coin</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>barre</translation>
    </message>
    <message>
        <source>bar ⌀ %1 × %2</source>
        <translation>barre ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>block</source>
        <translation>bloc</translation>
    </message>
    <message>
        <source>block %1 × %2 × %3</source>
        <translation>bloc %1 × %2 × %3</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>tube</translation>
    </message>
    <message>
        <source>tube ⌀ %1, bore %2 × %3</source>
        <translation>tube ⌀ %1, alésage %2 × %3</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>anneau</translation>
    </message>
    <message>
        <source>ring, bore %1 × %2 × %3</source>
        <translation>anneau, alésage %1 × %2 × %3</translation>
    </message>
    <message>
        <source>, flat %1</source>
        <translation>, méplat %1</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>cône</translation>
    </message>
    <message>
        <source>cone ⌀ %1 to %2 × %3</source>
        <translation>cône ⌀ %1 à %2 × %3</translation>
    </message>
    <message>
        <source>sphere</source>
        <translation>sphère</translation>
    </message>
    <message>
        <source>sphere ⌀ %1</source>
        <translation>sphère ⌀ %1</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>tourné</translation>
    </message>
    <message>
        <source>turned ⌀ %1, %2 along its profile</source>
        <translation>tourné ⌀ %1, %2 le long du profil</translation>
    </message>
    <message>
        <source>faceted</source>
        <translation>à facettes</translation>
    </message>
    <message>
        <source>%1 facets, %2 across, bore %3 × %4</source>
        <translation>%1 facettes, %2 sur plats, alésage %3 × %4</translation>
    </message>
    <message>
        <source>from a file</source>
        <translation>d’un fichier</translation>
    </message>
    <message>
        <source>from a file, none chosen yet</source>
        <translation>d’un fichier, aucun choisi</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectangle</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>ovale</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>polygone</translation>
    </message>
    <message>
        <source>tag with an ear</source>
        <translation>étiquette à oreille</translation>
    </message>
    <message>
        <source>from a drawing</source>
        <translation>d’un dessin</translation>
    </message>
    <message>
        <source>round the words</source>
        <translation>autour des mots</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rond</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>oblong</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>fraisé</translation>
    </message>
    <message>
        <source>bore ⌀, mm</source>
        <translation>alésage ⌀, mm</translation>
    </message>
    <message>
        <source>round the bore, mm</source>
        <translation>tour de l’alésage, mm</translation>
    </message>
    <message>
        <source>North American</source>
        <translation>nord-américain</translation>
    </message>
    <message>
        <source>British letters</source>
        <translation>lettres britanniques</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>japonais</translation>
    </message>
    <message>
        <source>Swiss</source>
        <translation>suisse</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>dôme</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>œuf</translation>
    </message>
    <message>
        <source>bead</source>
        <translation>perle</translation>
    </message>
    <message>
        <source>roller</source>
        <translation>rouleau</translation>
    </message>
    <message>
        <source>cap</source>
        <translation>capuchon</translation>
    </message>
    <message>
        <source>spindle</source>
        <translation>fuseau</translation>
    </message>
    <message>
        <source>finger ring</source>
        <translation>bague</translation>
    </message>
    <message>
        <source>key ring</source>
        <translation>anneau de clés</translation>
    </message>
    <message>
        <source>signet</source>
        <translation>chevalière</translation>
    </message>
    <message>
        <source>, off by %1 at most</source>
        <translation>, écart de %1 au plus</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>introuvable</translation>
    </message>
    <message>
        <source>flat, %1 × %2</source>
        <translation>plat, %1 × %2</translation>
    </message>
    <message>
        <source>bore ⌀ %1 × %2</source>
        <translation>alésage ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>⌀ %1 × %2</source>
        <translation>⌀ %1 × %2</translation>
    </message>
    <message>
        <source>conical bore ⌀ %1 to %2 × %3</source>
        <translation>alésage conique ⌀ %1 à %2 × %3</translation>
    </message>
    <message numerus="yes">
        <source>, %n hole(s)</source>
        <translation>
            <numerusform>, %n trou</numerusform>
            <numerusform>, %n trous</numerusform>
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
        <translation>tracer</translation>
    </message>
    <message>
        <source>V-carve</source>
        <translation>graver en V</translation>
    </message>
    <message>
        <source>pocket</source>
        <translation>poche</translation>
    </message>
    <message>
        <source>cut out</source>
        <translation>découper</translation>
    </message>
    <message>
        <source>clear the ground</source>
        <translation>dégager le fond</translation>
    </message>
    <message>
        <source>raster</source>
        <translation>trame</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>percer</translation>
    </message>
    <message>
        <source>of the rack</source>
        <translation>du râtelier</translation>
    </message>
    <message>
        <source>flat cutter</source>
        <translation>fraise droite</translation>
    </message>
    <message>
        <source>ball cutter</source>
        <translation>fraise boule</translation>
    </message>
    <message>
        <source>V-bit</source>
        <translation>fraise en V</translation>
    </message>
    <message>
        <source>engraving point</source>
        <translation>pointe à graver</translation>
    </message>
    <message>
        <source>drag point</source>
        <translation>pointe traînée</translation>
    </message>
    <message>
        <source>torch</source>
        <translation>chalumeau</translation>
    </message>
    <message>
        <source>laser</source>
        <translation>laser</translation>
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
        <translation>déplacements droits seulement</translation>
    </message>
    <message>
        <source>lines and arcs</source>
        <translation>droites et arcs</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>a point of its own</source>
        <translation>un point à part</translation>
    </message>
    <message>
        <source>the bar&apos;s start</source>
        <translation>début de la barre</translation>
    </message>
    <message>
        <source>the bar&apos;s end</source>
        <translation>fin de la barre</translation>
    </message>
    <message>
        <source>the stock&apos;s top</source>
        <translation>le dessus de la matière</translation>
    </message>
    <message>
        <source>the stock&apos;s bottom</source>
        <translation>le dessous de la matière</translation>
    </message>
    <message>
        <source>the blank&apos;s front</source>
        <translation>la face avant du brut</translation>
    </message>
    <message>
        <source>the bar&apos;s axis</source>
        <translation>l’axe de la barre</translation>
    </message>
    <message>
        <source>At the blank&apos;s x %1, y %2 mm, on %3.</source>
        <translation>En x %1, y %2 mm du brut, sur %3.</translation>
    </message>
    <message>
        <source>At the start of the stock, on %1.</source>
        <translation>Au début de la matière, sur %1.</translation>
    </message>
    <message>
        <source>At the end of the stock, on %1.</source>
        <translation>À la fin de la matière, sur %1.</translation>
    </message>
    <message>
        <source>At the %1 of the stock, on %2.</source>
        <translation>Sur la matière, %1, sur %2.</translation>
    </message>
    <message>
        <source>a bar %1 mm across, %2 mm long</source>
        <translation>une barre de %1 mm de diamètre, longue de %2 mm</translation>
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
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>Stroke closes up</source>
        <translation>Le trait se referme</translation>
    </message>
    <message>
        <source>Stroke too thin</source>
        <translation>Trait trop fin</translation>
    </message>
    <message>
        <source>Narrow land between cuts</source>
        <translation>Paroi étroite entre les coupes</translation>
    </message>
    <message>
        <source>Gap between letters too narrow</source>
        <translation>Écart trop faible entre les lettres</translation>
    </message>
    <message>
        <source>Narrow land in a counter</source>
        <translation>Paroi étroite dans un œil</translation>
    </message>
    <message>
        <source>Counter fills in</source>
        <translation>L’œil se remplit</translation>
    </message>
    <message>
        <source>Narrow land within a letter</source>
        <translation>Paroi étroite dans une lettre</translation>
    </message>
    <message>
        <source>Opening in a letter fills in</source>
        <translation>L’ouverture d’une lettre se remplit</translation>
    </message>
    <message>
        <source>Words larger than asked</source>
        <translation>Mots plus grands que demandé</translation>
    </message>
    <message>
        <source>Words smaller than asked</source>
        <translation>Mots plus petits que demandé</translation>
    </message>
    <message>
        <source>No impression is left</source>
        <translation>Il ne reste aucune empreinte</translation>
    </message>
    <message>
        <source>Mirrored, but the blank hides it</source>
        <translation>En miroir, mais le brut le cache</translation>
    </message>
    <message>
        <source>Too steep for the tool, %1°</source>
        <translation>Trop raide pour l’outil, %1°</translation>
    </message>
    <message>
        <source>The part falls into pieces</source>
        <translation>La pièce tombe en morceaux</translation>
    </message>
    <message>
        <source>A piece of the blank is cut off</source>
        <translation>Un morceau du brut est détaché</translation>
    </message>
    <message>
        <source>Floor too thin</source>
        <translation>Fond trop mince</translation>
    </message>
    <message>
        <source>Sunk right through</source>
        <translation>Creusé de part en part</translation>
    </message>
    <message>
        <source>The side “%1”: %2</source>
        <translation>La face « %1 » : %2</translation>
    </message>
    <message>
        <source>Letters cut right through press nothing. Sink or raise them, or let them be read on the part.</source>
        <translation>Des lettres découpées n’impriment rien. Creusez-les, mettez-les en relief, ou faites-les lire sur la pièce.</translation>
    </message>
    <message>
        <source>The words are mirrored on the front; the blank must be clear to be read from its back.</source>
        <translation>Les mots sont en miroir à l’avant ; le brut doit être transparent pour qu’on les lise de derrière.</translation>
    </message>
    <message>
        <source>Some of it is joined to nothing else.</source>
        <translation>Une partie n’est reliée à rien d’autre.</translation>
    </message>
    <message>
        <source>The cuts part the blank into pieces that are held by nothing.</source>
        <translation>Les coupes séparent le brut en morceaux que rien ne tient.</translation>
    </message>
    <message>
        <source>They lie on the side “%1”: hollows and the round sides of parts from files are beyond the tool, and facets are cut from above, without a rotary axis. Choose another side for them, or print them.</source>
        <translation>Ils sont sur la face « %1 » : les creux et les faces rondes des pièces de fichiers sont hors d’atteinte de l’outil, et les facettes se coupent par le dessus, sans axe rotatif. Choisissez une autre face, ou imprimez-les.</translation>
    </message>
    <message>
        <source>The print is to lie on the side “%1”, which the blank lacks: files keep the card&apos;s coordinates.</source>
        <translation>L’impression doit reposer sur la face « %1 », que le brut n’a pas : les fichiers gardent les coordonnées de la fiche.</translation>
    </message>
    <message>
        <source>The words are for the side “%1”, so nothing is made of them. Choose another side for them, or a blank that has it.</source>
        <translation>Les mots sont pour la face « %1 », rien n’en est donc fait. Choisissez une autre face, ou un brut qui l’a.</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Examen…</translation>
    </message>
    <message>
        <source>Joining bodies: %1 % done</source>
        <translation>Réunion des corps : %1 % faits</translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s), %1 to watch</source>
        <translation>
            <numerusform>Pas encore faisable : %n obstacle, %1 à surveiller</numerusform>
            <numerusform>Pas encore faisable : %n obstacles, %1 à surveiller</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s)</source>
        <translation>
            <numerusform>Pas encore faisable : %n obstacle</numerusform>
            <numerusform>Pas encore faisable : %n obstacles</numerusform>
        </translation>
    </message>
    <message>
        <source>Counting pieces…</source>
        <translation>Comptage des morceaux…</translation>
    </message>
    <message>
        <source>No words yet</source>
        <translation>Pas encore de mots</translation>
    </message>
    <message>
        <source>Can be made; %1 to watch</source>
        <translation>Faisable ; %1 à surveiller</translation>
    </message>
    <message>
        <source>Can be made</source>
        <translation>Faisable</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n autre</numerusform>
            <numerusform>%n autres</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Flat</name>
    <message>
        <source>mirrored: reads %1</source>
        <translation>en miroir : se lit %1</translation>
    </message>
    <message>
        <source>falls out</source>
        <translation>tombe</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s)</source>
        <translation>
            <numerusform>%n morceau</numerusform>
            <numerusform>%n morceaux</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 loose</source>
        <translation> · %1 détaché(s)</translation>
    </message>
</context>
<context>
    <name>JobSheet</name>
    <message>
        <source>Job sheet</source>
        <translation>Fiche d’atelier</translation>
    </message>
    <message>
        <source>Card file %1</source>
        <translation>Fichier de la fiche %1</translation>
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
        <translation>Pièce</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Brut</translation>
    </message>
    <message>
        <source>Round it, along it</source>
        <translation>Autour, en long</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Largeur, hauteur</translation>
    </message>
    <message>
        <source>%1 x %2 mm</source>
        <translation>%1 x %2 mm</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>Hors tout</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Matériau</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Procédé</translation>
    </message>
    <message>
        <source>Operations, in order</source>
        <translation>Opérations, dans l’ordre</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>N°</translation>
    </message>
    <message>
        <source>Operation</source>
        <translation>Opération</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Outil</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Plongée</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Vitesse</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Temps</translation>
    </message>
    <message>
        <source>kerf %1</source>
        <translation>trait de coupe %1</translation>
    </message>
    <message>
        <source>diameter %1</source>
        <translation>diamètre %1</translation>
    </message>
    <message>
        <source>angle %1°</source>
        <translation>angle %1°</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Feeds and plunges in mm/min, speeds in 1/min.</source>
        <translation>Avances et plongées en mm/min, vitesses en tr/min.</translation>
    </message>
    <message>
        <source>Zero</source>
        <translation>Origine</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Matière</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Machine</translation>
    </message>
    <message>
        <source>Findings that are accepted</source>
        <translation>Constats acceptés</translation>
    </message>
    <message>
        <source>no reason told</source>
        <translation>aucune raison donnée</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Fichiers</translation>
    </message>
    <message>
        <source>%1, job sheet</source>
        <translation>%1, fiche d’atelier</translation>
    </message>
</context>
<context>
    <name>KeptProcesses</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>%1 n’a pas pu être retiré.</translation>
    </message>
</context>
<context>
    <name>Mends</name>
    <message>
        <source>Then to watch: %1.</source>
        <translation>À surveiller ensuite : %1.</translation>
    </message>
    <message>
        <source>Hold what would fall out by ties %2 wide.</source>
        <translation>Tenir ce qui tomberait par des attaches larges de %2.</translation>
    </message>
    <message>
        <source>Ties %2 wide</source>
        <translation>Attaches larges de %2</translation>
    </message>
    <message>
        <source>Make the space in this pair %2 instead of %1, and leave the others.</source>
        <translation>Faire l’espace de cette paire %2 au lieu de %1, et laisser les autres.</translation>
    </message>
    <message>
        <source>This pair %1 → %2</source>
        <translation>Cette paire %1 → %2</translation>
    </message>
    <message>
        <source>Make the letter space %2 instead of %1.</source>
        <translation>Faire l’espace des lettres %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Letter space %1 → %2</source>
        <translation>Espace des lettres %1 → %2</translation>
    </message>
    <message>
        <source>Close the letters up, pair by pair, until they run into each other.</source>
        <translation>Resserrer les lettres, paire par paire, jusqu’à ce qu’elles se joignent.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Resserrer</translation>
    </message>
    <message>
        <source>Hold what is loose by bars %2 wide behind it.</source>
        <translation>Tenir ce qui est détaché par des barres larges de %2 derrière.</translation>
    </message>
    <message>
        <source>Bars %2 wide</source>
        <translation>Barres larges de %2</translation>
    </message>
    <message>
        <source>Join the letters by short strips %2 wide from one to the next.</source>
        <translation>Joindre les lettres par de courtes bandes larges de %2 de l’une à l’autre.</translation>
    </message>
    <message>
        <source>Links %2 wide</source>
        <translation>Liens larges de %2</translation>
    </message>
    <message>
        <source>Hold what is loose by a plate behind it, %2 beyond the letters.</source>
        <translation>Tenir ce qui est détaché par une plaque derrière, à %2 au-delà des lettres.</translation>
    </message>
    <message>
        <source>Plate %2 beyond</source>
        <translation>Plaque à %2 au-delà</translation>
    </message>
    <message>
        <source>Move the words inwards.</source>
        <translation>Rentrer les mots.</translation>
    </message>
    <message>
        <source>Move inwards</source>
        <translation>Rentrer</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1, so that the words go once round.</source>
        <translation>Faire la taille %2 au lieu de %1, que les mots fassent un tour.</translation>
    </message>
    <message>
        <source>Size %1 → %2</source>
        <translation>Taille %1 → %2</translation>
    </message>
    <message>
        <source>Give the letters out one to a facet.</source>
        <translation>Donner les lettres une par facette.</translation>
    </message>
    <message>
        <source>A letter to each facet</source>
        <translation>Une lettre par facette</translation>
    </message>
    <message>
        <source>Go less deep, and less high in hollows.</source>
        <translation>Aller moins profond, et moins haut dans les creux.</translation>
    </message>
    <message>
        <source>Less deep</source>
        <translation>Moins profond</translation>
    </message>
    <message>
        <source>Move letters off the edge, smaller where there is no room.</source>
        <translation>Écarter les lettres de l’arête, plus petites où la place manque.</translation>
    </message>
    <message>
        <source>Off the edge</source>
        <translation>Loin de l’arête</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1.</source>
        <translation>Faire la taille %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Make the blank larger: %2 wide instead of %1.</source>
        <translation>Agrandir le brut : large de %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Blank %2 wide</source>
        <translation>Brut large de %2</translation>
    </message>
    <message>
        <source>Put the words on the %1.</source>
        <translation>Mettre les mots sur : %1.</translation>
    </message>
    <message>
        <source>Put on the %1</source>
        <translation>Mettre sur : %1</translation>
    </message>
    <message>
        <source>Let the words be read on the part itself.</source>
        <translation>Faire lire les mots sur la pièce même.</translation>
    </message>
    <message>
        <source>Read on the part</source>
        <translation>Lire sur la pièce</translation>
    </message>
    <message>
        <source>Take the sides as they are found on this file.</source>
        <translation>Prendre les faces telles qu’elles sont trouvées dans ce fichier.</translation>
    </message>
    <message>
        <source>Take the sides anew</source>
        <translation>Reprendre les faces</translation>
    </message>
    <message>
        <source>Leave out the side “%1”; its words go on the first.</source>
        <translation>Laisser la face « %1 » ; ses mots vont sur la première.</translation>
    </message>
    <message>
        <source>Leave out “%1”</source>
        <translation>Laisser « %1 »</translation>
    </message>
    <message>
        <source>Make the height %2 instead of %1.</source>
        <translation>Faire la hauteur %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Height %1 → %2</source>
        <translation>Hauteur %1 → %2</translation>
    </message>
    <message>
        <source>Make the depth %2 instead of %1.</source>
        <translation>Faire la profondeur %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Depth %1 → %2</source>
        <translation>Profondeur %1 → %2</translation>
    </message>
    <message>
        <source>Make the bedding %2 instead of %1.</source>
        <translation>Faire l’assise %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Bedding %1 → %2</source>
        <translation>Assise %1 → %2</translation>
    </message>
    <message>
        <source>Let it lie on its %1 instead.</source>
        <translation>Poser plutôt sur : %1.</translation>
    </message>
    <message>
        <source>Lies on its %1</source>
        <translation>Repose sur : %1</translation>
    </message>
    <message>
        <source>Let the chuck hold the bar at its other end.</source>
        <translation>Que le mandrin tienne la barre par l’autre bout.</translation>
    </message>
    <message>
        <source>Held at the other end</source>
        <translation>Tenue par l’autre bout</translation>
    </message>
    <message>
        <source>Turn it by a quarter on the bed.</source>
        <translation>La tourner d’un quart sur le plateau.</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Tournée sur le plateau</translation>
    </message>
    <message>
        <source>Make it a whole number of layers.</source>
        <translation>En faire un nombre entier de couches.</translation>
    </message>
    <message>
        <source>Whole layers</source>
        <translation>Couches entières</translation>
    </message>
    <message>
        <source>Make the blank %2 thick instead of %1.</source>
        <translation>Faire le brut épais de %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Blank %2 thick</source>
        <translation>Brut épais de %2</translation>
    </message>
    <message>
        <source>Do not cut through: sink the letters %2 deep, so that a floor holds everything.</source>
        <translation>Ne pas traverser : creuser les lettres de %2, qu’un fond tienne tout.</translation>
    </message>
    <message>
        <source>Keep a floor: %2 deep</source>
        <translation>Garder un fond : profond de %2</translation>
    </message>
    <message>
        <source>Break the edges by %2.</source>
        <translation>Abattre les arêtes de %2.</translation>
    </message>
    <message>
        <source>Edges %2</source>
        <translation>Arêtes %2</translation>
    </message>
    <message>
        <source>Let the walls lean by %2.</source>
        <translation>Incliner les parois de %2.</translation>
    </message>
    <message>
        <source>Draft %2</source>
        <translation>Dépouille %2</translation>
    </message>
    <message>
        <source>Make edges and feet a little smaller.</source>
        <translation>Rendre arêtes et pieds un peu plus petits.</translation>
    </message>
    <message>
        <source>Smaller edges</source>
        <translation>Arêtes plus petites</translation>
    </message>
    <message>
        <source>Leave all edges crisp, without feet.</source>
        <translation>Laisser toutes les arêtes vives, sans pieds.</translation>
    </message>
    <message>
        <source>Crisp edges</source>
        <translation>Arêtes vives</translation>
    </message>
    <message>
        <source>Grow the strokes: weight %2 instead of %1.</source>
        <translation>Épaissir les traits : graisse %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Weight %1 → %2</source>
        <translation>Graisse %1 → %2</translation>
    </message>
    <message>
        <source>Make the strokes lighter: weight %2 instead of %1.</source>
        <translation>Alléger les traits : graisse %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Take the heavier face %1.</source>
        <translation>Prendre le style plus gras %1.</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>Prendre %1</translation>
    </message>
    <message>
        <source>Take the typeface %1, whose strokes are thick enough.</source>
        <translation>Prendre la police %1, aux traits assez épais.</translation>
    </message>
    <message>
        <source>Take %1 of the rack.</source>
        <translation>Prendre %1 du râtelier.</translation>
    </message>
    <message>
        <source>Cut as deep as the letters are designed.</source>
        <translation>Couper aussi profond que les lettres sont dessinées.</translation>
    </message>
    <message>
        <source>As deep as designed</source>
        <translation>Profond comme dessiné</translation>
    </message>
    <message>
        <source>Cut %2 deep instead of %1.</source>
        <translation>Couper profond de %2 au lieu de %1.</translation>
    </message>
    <message>
        <source>Cut %2 deep</source>
        <translation>Couper profond de %2</translation>
    </message>
    <message>
        <source>Take a stock as large as the blank asks for.</source>
        <translation>Prendre une matière aussi grande que le veut le brut.</translation>
    </message>
    <message>
        <source>Stock round the blank</source>
        <translation>Matière autour du brut</translation>
    </message>
    <message>
        <source>Leave %2 of stock round the blank.</source>
        <translation>Laisser %2 de matière autour du brut.</translation>
    </message>
    <message>
        <source>Margin %2</source>
        <translation>Marge %2</translation>
    </message>
    <message>
        <source>Cut it out last.</source>
        <translation>La découper en dernier.</translation>
    </message>
    <message>
        <source>Cut out last</source>
        <translation>Découper en dernier</translation>
    </message>
    <message>
        <source>Let the spindle turn %1 times a minute.</source>
        <translation>Que la broche tourne à %1 tours par minute.</translation>
    </message>
    <message>
        <source>Speed %1</source>
        <translation>Vitesse %1</translation>
    </message>
    <message>
        <source>Write the file with straight moves only.</source>
        <translation>Écrire le fichier en déplacements droits seulement.</translation>
    </message>
    <message>
        <source>Straight moves only</source>
        <translation>Déplacements droits seulement</translation>
    </message>
    <message>
        <source>Make it by %1 instead.</source>
        <translation>Le faire plutôt par : %1.</translation>
    </message>
    <message>
        <source>Process: %1</source>
        <translation>Procédé : %1</translation>
    </message>
</context>
<context>
    <name>Outputs</name>
    <message>
        <source>one solid, for any printer</source>
        <translation>un seul solide, pour toute imprimante</translation>
    </message>
    <message>
        <source>blank and letters as bodies with colours</source>
        <translation>brut et lettres en corps de couleurs</translation>
    </message>
    <message>
        <source>both as solids with true curves</source>
        <translation>les deux en solides à courbes exactes</translation>
    </message>
    <message>
        <source>lines to cut or follow, a group a working</source>
        <translation>lignes à découper ou à suivre, un groupe par façon</translation>
    </message>
    <message>
        <source>the same with true arcs, a layer a working</source>
        <translation>de même avec de vrais arcs, un calque par façon</translation>
    </message>
    <message>
        <source>toolpaths for a machine that cuts</source>
        <translation>trajectoires pour une machine qui coupe</translation>
    </message>
    <message>
        <source>true size on paper, to hold against the work</source>
        <translation>grandeur réelle sur papier, à poser sur l’ouvrage</translation>
    </message>
    <message>
        <source>a picture of the view</source>
        <translation>une image de la vue</translation>
    </message>
    <message>
        <source>Printed lying on its back, the letters&apos; colour begins at a height of %1.</source>
        <translation>Imprimée sur le dos, la couleur des lettres commence à une hauteur de %1.</translation>
    </message>
</context>
<context>
    <name>Overlays</name>
    <message>
        <source>neck %1</source>
        <translation>étranglement %1</translation>
    </message>
</context>
<context>
    <name>Problems</name>
    <message>
        <source>Line %1, column %2: </source>
        <translation>Ligne %1, colonne %2 : </translation>
    </message>
    <message>
        <source>Line %1: </source>
        <translation>Ligne %1 : </translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>un texte entre guillemets</translation>
    </message>
    <message>
        <source>an object, {…}</source>
        <translation>un objet, {…}</translation>
    </message>
    <message>
        <source>a list, […]</source>
        <translation>une liste, […]</translation>
    </message>
    <message>
        <source>A number is wanted here.</source>
        <translation>Il faut un nombre ici.</translation>
    </message>
    <message>
        <source>Something is missing at the end.</source>
        <translation>Il manque quelque chose à la fin.</translation>
    </message>
    <message>
        <source>“%1” does not belong at position %2.</source>
        <translation>« %1 » n’a rien à faire en position %2.</translation>
    </message>
    <message>
        <source>The bracket at position %1 is not closed.</source>
        <translation>La parenthèse en position %1 n’est pas fermée.</translation>
    </message>
    <message>
        <source>“%1” at position %2 is no unit known here; lengths take mm, cm, m, in, ft or pt.</source>
        <translation>« %1 » en position %2 n’est pas une unité connue ; les longueurs acceptent mm, cm, m, in, ft ou pt.</translation>
    </message>
    <message>
        <source>Too many brackets within each other at position %1.</source>
        <translation>Trop de parenthèses imbriquées en position %1.</translation>
    </message>
    <message>
        <source>Division by zero at position %1.</source>
        <translation>Division par zéro en position %1.</translation>
    </message>
    <message>
        <source>At position %1 the units do not work out to a length.</source>
        <translation>En position %1 les unités ne donnent pas une longueur.</translation>
    </message>
    <message>
        <source>The number is too large.</source>
        <translation>Le nombre est trop grand.</translation>
    </message>
    <message>
        <source>There is no file “%1”. Check the name and the folder.</source>
        <translation>Il n’y a pas de fichier « %1 ». Vérifiez le nom et le dossier.</translation>
    </message>
    <message>
        <source>“%1” cannot be read (%2).</source>
        <translation>« %1 » ne peut pas être lu (%2).</translation>
    </message>
    <message>
        <source>“%1” cannot be written (%2). Nothing was changed; choose another folder or name.</source>
        <translation>« %1 » ne peut pas être écrit (%2). Rien n’a changé ; choisissez un autre dossier ou un autre nom.</translation>
    </message>
    <message>
        <source>“%1” is already there and was left as it is.</source>
        <translation>« %1 » existe déjà et a été laissé tel quel.</translation>
    </message>
    <message>
        <source>“%1” is read-only and was left as it is. Choose another name, or let it be written to first.</source>
        <translation>« %1 » est en lecture seule et a été laissé tel quel. Choisissez un autre nom, ou autorisez l’écriture.</translation>
    </message>
    <message>
        <source>There is no description of the dialect “%1”, so nothing can be written in it.</source>
        <translation>Il n’y a pas de description du dialecte « %1 », rien ne peut donc y être écrit.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no format Bollard writes; use .stl, .3mf, .svg, .dxf or .nc.</source>
        <translation>La terminaison de « %1 » n’indique aucun format que Bollard écrit ; prenez .stl, .3mf, .svg, .dxf ou .nc.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no drawing; use .svg or .dxf.</source>
        <translation>La terminaison de « %1 » n’indique pas de dessin ; prenez .svg ou .dxf.</translation>
    </message>
    <message>
        <source>A quote is opened here and never closed. Nothing was read; mend the table.</source>
        <translation>Un guillemet s’ouvre ici et ne se ferme jamais. Rien n’a été lu ; corrigez le tableau.</translation>
    </message>
    <message>
        <source>The card is not good JSON: %1.</source>
        <translation>La fiche n’est pas du JSON valable : %1.</translation>
    </message>
    <message>
        <source>The field “%1” is missing.</source>
        <translation>Le champ « %1 » manque.</translation>
    </message>
    <message>
        <source>The field “%1” must be %2.</source>
        <translation>Le champ « %1 » doit être %2.</translation>
    </message>
    <message>
        <source>There is no row %1; the card makes %2. Rows are counted from 1.</source>
        <translation>Il n’y a pas de rangée %1 ; la fiche en donne %2. Les rangées se comptent à partir de 1.</translation>
    </message>
    <message>
        <source>The card says it is of version %1; versions begin with 1.</source>
        <translation>La fiche dit être de version %1 ; les versions commencent à 1.</translation>
    </message>
    <message>
        <source>A step met what it was not made for (%1). The card is safe; change what you did last, or undo it.</source>
        <translation>Une étape a rencontré ce pour quoi elle n’est pas faite (%1). La fiche est à l’abri ; changez ce que vous venez de faire, ou annulez-le.</translation>
    </message>
    <message>
        <source>The card is of version %1, newer than this Bollard reads. Use a newer Bollard.</source>
        <translation>La fiche est de version %1, plus récente que ce que lit ce Bollard. Prenez un Bollard plus récent.</translation>
    </message>
    <message>
        <source>“%1” is not a font file, or it is broken. Choose another file.</source>
        <translation>« %1 » n’est pas un fichier de police, ou il est abîmé. Choisissez un autre fichier.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only pixel pictures of its letters, no outlines. Choose another.</source>
        <translation>La police « %1 » ne contient que des images en pixels de ses lettres, pas de contours. Choisissez-en une autre.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only coloured pictures, no outlines. Choose another.</source>
        <translation>La police « %1 » ne contient que des images en couleur, pas de contours. Choisissez-en une autre.</translation>
    </message>
    <message>
        <source>“%1” is a font of a kind Bollard does not read; it reads TrueType and OpenType.</source>
        <translation>« %1 » est d’un genre de police que Bollard ne lit pas ; il lit TrueType et OpenType.</translation>
    </message>
    <message>
        <source>The font file “%1” has no face number %2.</source>
        <translation>Le fichier de police « %1 » n’a pas de style numéro %2.</translation>
    </message>
    <message>
        <source>“%1” holds no letter that could be drawn. Choose another file.</source>
        <translation>« %1 » ne contient aucune lettre qu’on puisse dessiner. Choisissez un autre fichier.</translation>
    </message>
    <message>
        <source>The path data cannot be read at its position %1.</source>
        <translation>Les données du tracé sont illisibles en position %1.</translation>
    </message>
    <message>
        <source>The path data of %1 cannot be read at its position %2.</source>
        <translation>Les données du tracé de %1 sont illisibles en position %2.</translation>
    </message>
    <message>
        <source>“%1” cannot be read as a drawing: %2.</source>
        <translation>« %1 » ne peut pas être lu comme dessin : %2.</translation>
    </message>
    <message>
        <source>“%1” holds no line or shape that could be worked. Text in it must be turned into curves first.</source>
        <translation>« %1 » ne contient ni ligne ni forme à travailler. Le texte doit d’abord y être changé en courbes.</translation>
    </message>
    <message>
        <source>The typeface “%1” is not installed here. Choose another, or open its font file.</source>
        <translation>La police « %1 » n’est pas installée ici. Choisissez-en une autre, ou ouvrez son fichier.</translation>
    </message>
    <message>
        <source>The licence of “%1” does not let a card take it along.</source>
        <translation>La licence de « %1 » ne permet pas à une fiche de l’emporter.</translation>
    </message>
    <message>
        <source>The part “%1” is too large to be taken along.</source>
        <translation>La pièce « %1 » est trop grosse pour être emportée.</translation>
    </message>
    <message>
        <source>The file of “%1” is too large to be taken along.</source>
        <translation>Le fichier de « %1 » est trop gros pour être emporté.</translation>
    </message>
    <message>
        <source>It is larger than a sheet of %1 has room for. Take larger sheets, or let parts be turned.</source>
        <translation>Elle est plus grande que la place sur une feuille de %1. Prenez des feuilles plus grandes, ou laissez tourner les pièces.</translation>
    </message>
    <message>
        <source>It cannot be laid on a sheet: only plates, discs and bare letters lie flat, cut from one side.</source>
        <translation>Elle ne peut pas être posée sur une feuille : seuls plaques, disques et lettres seules sont à plat, coupés d’un côté.</translation>
    </message>
    <message>
        <source>The machine does not reach all of the sheet along %1: %2 mm. Take a smaller sheet.</source>
        <translation>La machine n’atteint pas toute la feuille selon %1 : %2 mm. Prenez une feuille plus petite.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: line %2, %3.</source>
        <translation>« %1 » n’est pas un programme de machine : ligne %2, %3.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: %2.</source>
        <translation>« %1 » n’est pas un programme de machine : %2.</translation>
    </message>
    <message>
        <source>There is no line %1; the program has %2.</source>
        <translation>Il n’y a pas de ligne %1 ; le programme en a %2.</translation>
    </message>
    <message>
        <source>There is no protocol “%1”. There are: %2.</source>
        <translation>Il n’y a pas de protocole « %1 ». Il y a : %2.</translation>
    </message>
    <message>
        <source>“%1” does not describe a protocol: %2.</source>
        <translation>« %1 » ne décrit pas un protocole : %2.</translation>
    </message>
    <message>
        <source>The device “%1” cannot be opened (%2). See that it is plugged in, and nothing else uses it.</source>
        <translation>L’appareil « %1 » ne peut pas être ouvert (%2). Voyez s’il est branché et si rien d’autre ne l’utilise.</translation>
    </message>
    <message>
        <source>The controller does not reach so far along %1: %2 mm. Move the work, or take another machine.</source>
        <translation>La commande ne va pas si loin selon %1 : %2 mm. Déplacez l’ouvrage, ou prenez une autre machine.</translation>
    </message>
    <message>
        <source>The controller does not take the dialect “%1”; it takes: %2. Write the file anew for it.</source>
        <translation>La commande n’accepte pas le dialecte « %1 » ; elle accepte : %2. Écrivez le fichier à nouveau pour elle.</translation>
    </message>
    <message>
        <source>The controller answered with an error: %1. The last line it confirmed is %2; nothing more was sent.</source>
        <translation>La commande a répondu par une erreur : %1. La dernière ligne confirmée est %2 ; plus rien n’a été envoyé.</translation>
    </message>
    <message>
        <source>The controller started anew. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>La commande a redémarré. La dernière ligne confirmée est %1 ; plus rien n’a été envoyé.</translation>
    </message>
    <message>
        <source>The controller answers no more. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>La commande ne répond plus. La dernière ligne confirmée est %1 ; plus rien n’a été envoyé.</translation>
    </message>
    <message>
        <source>The connection to the controller is lost. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>La liaison avec la commande est perdue. La dernière ligne confirmée est %1 ; plus rien n’a été envoyé.</translation>
    </message>
    <message>
        <source>There is nothing to make yet: the card has neither a blank nor letters.</source>
        <translation>Il n’y a encore rien à faire : la fiche n’a ni brut ni lettres.</translation>
    </message>
    <message>
        <source>The solid could not be built: slopes or walls meet in a way that comes to nothing. Move the words a little, or make their edges smaller or crisp.</source>
        <translation>Le solide n’a pas pu être construit : des pentes ou des parois se rencontrent sans rien donner. Déplacez un peu les mots, ou rendez leurs arêtes plus petites ou vives.</translation>
    </message>
    <message>
        <source>A cut reaches the middle of the blank or comes out on another side, or what is raised in a hollow meets across it. Make it less deep, or less high.</source>
        <translation>Une coupe atteint le milieu du brut ou ressort sur une autre face, ou ce qui est en relief dans un creux s’y rejoint. Faites-la moins profonde, ou moins haute.</translation>
    </message>
    <message>
        <source>Walls that lean cannot go through where the inside does not lie straight behind the outside. Make the edges of these letters crisp, chamfered or round.</source>
        <translation>Des parois inclinées ne peuvent traverser là où l’intérieur n’est pas droit derrière l’extérieur. Rendez les arêtes de ces lettres vives, chanfreinées ou rondes.</translation>
    </message>
    <message>
        <source>Letters cut through a facet reach beyond what lies straight behind it. Make them narrower, or move them to the middle of the facet.</source>
        <translation>Des lettres percées dans une facette dépassent ce qui est droit derrière. Rendez-les plus étroites, ou mettez-les au milieu de la facette.</translation>
    </message>
    <message>
        <source>The blank has no body: its profile has no size or runs through itself, or its wall is thicker than it has room for.</source>
        <translation>Le brut n’a pas de corps : son profil n’a pas de taille ou se croise, ou sa paroi est plus épaisse que la place qu’elle a.</translation>
    </message>
    <message>
        <source>Letters on two sides reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Des lettres de deux faces se rejoignent dans le brut. Faites-les moins profondes, ou écartez-les.</translation>
    </message>
    <message>
        <source>Choose the file of the part.</source>
        <translation>Choisissez le fichier de la pièce.</translation>
    </message>
    <message>
        <source>There is no surface in “%1”.</source>
        <translation>Il n’y a pas de surface dans « %1 ».</translation>
    </message>
    <message>
        <source>“%1” could not be read as a part (%2).</source>
        <translation>« %1 » n’a pas pu être lu comme pièce (%2).</translation>
    </message>
    <message>
        <source>The part in “%1” is open in %2 places that are too wide to be closed. Mend it where it was made.</source>
        <translation>La pièce de « %1 » est ouverte à %2 endroits trop larges pour être fermés. Réparez-la là où elle a été faite.</translation>
    </message>
    <message>
        <source>The part in “%1” runs through itself. Mend it where it was made.</source>
        <translation>La pièce de « %1 » se traverse elle-même. Réparez-la là où elle a été faite.</translation>
    </message>
    <message>
        <source>“%1” is not the file that this card&apos;s sides were found on. Point at them again.</source>
        <translation>« %1 » n’est pas le fichier où les faces de cette fiche ont été trouvées. Désignez-les à nouveau.</translation>
    </message>
    <message>
        <source>This place is on no flat, cylindrical or conical side: it leaves the nearest by %1 mm.</source>
        <translation>Cet endroit n’est sur aucune face plane, cylindrique ou conique : il s’écarte de la plus proche de %1 mm.</translation>
    </message>
    <message>
        <source>This side has no room for words.</source>
        <translation>Cette face n’a pas de place pour des mots.</translation>
    </message>
    <message>
        <source>In “%1” %2 faces are facets: broken edges, balls, turned shapes and parts from files have no true surfaces there.</source>
        <translation>Dans « %1 », %2 faces sont des facettes : arêtes abattues, sphères, formes tournées et pièces de fichiers n’y ont pas de surfaces exactes.</translation>
    </message>
    <message>
        <source>Letters run over the edge to the side that joins theirs. Move them in from the edge, or make them smaller.</source>
        <translation>Des lettres passent l’arête vers la face voisine. Rentrez-les, ou rendez-les plus petites.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Arrêté.</translation>
    </message>
    <message>
        <source>“%1” holds more than can be worked: %2.</source>
        <translation>« %1 » contient plus que ce qui peut être travaillé : %2.</translation>
    </message>
    <message>
        <source>It needs more than %1 GB of memory. Make it of fewer or simpler letters.</source>
        <translation>Il faut plus de %1 Go de mémoire. Faites-le de lettres moins nombreuses ou plus simples.</translation>
    </message>
</context>
<context>
    <name>Processes</name>
    <message>
        <source>filament print</source>
        <translation>impression par filament</translation>
    </message>
    <message>
        <source>resin print</source>
        <translation>impression en résine</translation>
    </message>
    <message>
        <source>casting pattern</source>
        <translation>modèle de fonderie</translation>
    </message>
    <message>
        <source>V-carving</source>
        <translation>gravure en V</translation>
    </message>
    <message>
        <source>line engraving</source>
        <translation>gravure au trait</translation>
    </message>
    <message>
        <source>milling</source>
        <translation>fraisage</translation>
    </message>
    <message>
        <source>torch cutting</source>
        <translation>oxycoupage</translation>
    </message>
    <message>
        <source>laser cutting</source>
        <translation>découpe laser</translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation>Buse</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Couche</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>Première couche</translation>
    </message>
    <message>
        <source>Steepest overhang</source>
        <translation>Surplomb le plus raide</translation>
    </message>
    <message>
        <source>Speed, mm a second</source>
        <translation>Vitesse, mm par seconde</translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation>Plateau, en travers</translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation>Plateau, en profondeur</translation>
    </message>
    <message>
        <source>Prints up to</source>
        <translation>Imprime jusqu’à</translation>
    </message>
    <message>
        <source>Pixel</source>
        <translation>Pixel</translation>
    </message>
    <message>
        <source>Angle of the bit</source>
        <translation>Angle de la fraise</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>Pointe</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Fraise</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Trait de coupe</translation>
    </message>
    <message>
        <source>Thinnest plate</source>
        <translation>Plaque la plus mince</translation>
    </message>
    <message>
        <source>Thickest plate</source>
        <translation>Plaque la plus épaisse</translation>
    </message>
    <message>
        <source>Worn on the body</source>
        <translation>Porté sur le corps</translation>
    </message>
    <message>
        <source>, %1 %2</source>
        <translation>, %1 %2</translation>
    </message>
    <message>
        <source>, worn</source>
        <translation>, porté</translation>
    </message>
    <message>
        <source>, own limits</source>
        <translation>, limites propres</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Trait</translation>
    </message>
    <message>
        <source>Land</source>
        <translation>Paroi</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Écart</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Étranglement</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Height per stroke</source>
        <translation>Hauteur par trait</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Assise</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Épaisseur</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Arêtes</translation>
    </message>
    <message>
        <source>Draft</source>
        <translation>Dépouille</translation>
    </message>
    <message>
        <source>Radius left in corners</source>
        <translation>Rayon laissé dans les coins</translation>
    </message>
    <message>
        <source>%1, stop above</source>
        <translation>%1, obstacle au-dessus</translation>
    </message>
    <message>
        <source>%1, watch above</source>
        <translation>%1, surveiller au-dessus</translation>
    </message>
    <message>
        <source>%1, stop below</source>
        <translation>%1, obstacle en dessous</translation>
    </message>
    <message>
        <source>%1, watch below</source>
        <translation>%1, surveiller en dessous</translation>
    </message>
    <message>
        <source>Above the limit you set.</source>
        <translation>Au-dessus de la limite que vous avez fixée.</translation>
    </message>
    <message>
        <source>Below the limit you set.</source>
        <translation>En dessous de la limite que vous avez fixée.</translation>
    </message>
    <message>
        <source>Beyond what the process can do.</source>
        <translation>Au-delà de ce que peut le procédé.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>side %1</source>
        <translation>face %1</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>caché</translation>
    </message>
    <message>
        <source>cuts out</source>
        <translation>découpe</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source> · group %1</source>
        <translation> · groupe %1</translation>
    </message>
    <message>
        <source>Inscription %1: %2, %3</source>
        <translation>Inscription %1 : %2, %3</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(pas de mots)</translation>
    </message>
</context>
<context>
    <name>Rules</name>
    <message>
        <source>Nothing could be made</source>
        <translation>Rien n’a pu être fait</translation>
    </message>
    <message>
        <source>Typeface cannot be used</source>
        <translation>Police inutilisable</translation>
    </message>
    <message>
        <source>No value for {%1}</source>
        <translation>Pas de valeur pour {%1}</translation>
    </message>
    <message>
        <source>The rows in Output have no such field. Add it there, or double the braces to set them.</source>
        <translation>Les rangées de Sortie n’ont pas ce champ. Ajoutez-le là, ou doublez les accolades pour les composer.</translation>
    </message>
    <message>
        <source>Ornament without a shape</source>
        <translation>Ornement sans forme</translation>
    </message>
    <message>
        <source>There is nothing for it to go round or along, or its artwork holds no shape.</source>
        <translation>Il n’y a rien à entourer ou à suivre, ou son motif ne contient pas de forme.</translation>
    </message>
    <message>
        <source>Words longer than their line</source>
        <translation>Mots plus longs que leur ligne</translation>
    </message>
    <message>
        <source>The words run beyond the end of the line they stand on, or round it into themselves.</source>
        <translation>Les mots dépassent la fin de leur ligne, ou en font le tour sur eux-mêmes.</translation>
    </message>
    <message>
        <source>Character missing in the typeface</source>
        <translation>Caractère absent de la police</translation>
    </message>
    <message>
        <source>%1 has no such character, so nothing is made of it. Choose another typeface or sign.</source>
        <translation>%1 n’a pas ce caractère, rien n’en est donc fait. Choisissez une autre police ou un autre signe.</translation>
    </message>
    <message>
        <source>Character draws nothing</source>
        <translation>Le caractère ne dessine rien</translation>
    </message>
    <message>
        <source>%1 knows the character but has no outline for it, so nothing is made of it.</source>
        <translation>%1 connaît le caractère mais n’en a pas de contour, rien n’en est donc fait.</translation>
    </message>
    <message>
        <source>No size of these letters gives that measure; this is the nearest. Change the size, the weight or the spaces.</source>
        <translation>Aucune taille de ces lettres ne donne cette mesure ; voici la plus proche. Changez la taille, la graisse ou les espaces.</translation>
    </message>
    <message>
        <source>All letters close up</source>
        <translation>Toutes les lettres se referment</translation>
    </message>
    <message>
        <source>Strokes grown on both sides would be higher than the letters. Lower the weight or make the letters larger.</source>
        <translation>Des traits accrus des deux côtés seraient plus hauts que les lettres. Baissez la graisse ou agrandissez les lettres.</translation>
    </message>
    <message>
        <source>Letters too large or too far out</source>
        <translation>Lettres trop grandes ou trop loin</translation>
    </message>
    <message>
        <source>Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or move them nearer.</source>
        <translation>Rien ne peut être à plus de 107 m de l’origine, celles-ci sont donc omises. Rendez-les plus petites ou rapprochez-les.</translation>
    </message>
    <message>
        <source>Neck too narrow</source>
        <translation>Étranglement trop étroit</translation>
    </message>
    <message>
        <source>Strokes vanish</source>
        <translation>Des traits disparaissent</translation>
    </message>
    <message>
        <source>The weight change takes more off these strokes than they are wide.</source>
        <translation>Le changement de graisse ôte à ces traits plus que leur largeur.</translation>
    </message>
    <message>
        <source>Counters fill up</source>
        <translation>Des yeux se remplissent</translation>
    </message>
    <message>
        <source>The strokes grow towards each other by more than these holes are wide.</source>
        <translation>Les traits croissent l’un vers l’autre de plus que la largeur de ces trous.</translation>
    </message>
    <message>
        <source>Counters fall out</source>
        <translation>Des yeux tombent</translation>
    </message>
    <message>
        <source>Cut right through, these are held by nothing.</source>
        <translation>Coupés de part en part, rien ne les tient.</translation>
    </message>
    <message>
        <source>Letters joined to nothing</source>
        <translation>Lettres jointes à rien</translation>
    </message>
    <message>
        <source>Nothing holds these letters to the rest.</source>
        <translation>Rien ne tient ces lettres au reste.</translation>
    </message>
    <message>
        <source>Relief too low</source>
        <translation>Relief trop bas</translation>
    </message>
    <message>
        <source>Letters tall for their strokes</source>
        <translation>Lettres hautes pour leurs traits</translation>
    </message>
    <message>
        <source>Letters high for something worn</source>
        <translation>Lettres hautes pour un objet porté</translation>
    </message>
    <message>
        <source>Bedding too shallow</source>
        <translation>Assise trop faible</translation>
    </message>
    <message>
        <source>Words beyond the blank</source>
        <translation>Mots hors du brut</translation>
    </message>
    <message>
        <source>Part of the words lies off the blank or over a hole.</source>
        <translation>Une partie des mots est hors du brut ou sur un trou.</translation>
    </message>
    <message>
        <source>Too near the edge</source>
        <translation>Trop près du bord</translation>
    </message>
    <message>
        <source>Nearer to an edge than the margin set for this blank.</source>
        <translation>Plus près d’un bord que la marge de ce brut.</translation>
    </message>
    <message>
        <source>The blank has no size</source>
        <translation>Le brut n’a pas de taille</translation>
    </message>
    <message>
        <source>Give the blank a width, a height and a thickness above 0.</source>
        <translation>Donnez au brut une largeur, une hauteur et une épaisseur au-dessus de 0.</translation>
    </message>
    <message>
        <source>The profile crosses itself</source>
        <translation>Le profil se croise</translation>
    </message>
    <message>
        <source>Between its points the profile runs through itself or beyond its ends. Move its points apart.</source>
        <translation>Entre ses points le profil se traverse ou dépasse ses bouts. Écartez ses points.</translation>
    </message>
    <message>
        <source>Longer than once round</source>
        <translation>Plus long qu’un tour</translation>
    </message>
    <message>
        <source>The words run into themselves. Make them smaller or narrower, or the blank larger.</source>
        <translation>Les mots se rejoignent eux-mêmes. Rendez-les plus petits ou plus étroits, ou le brut plus grand.</translation>
    </message>
    <message>
        <source>Letters across the border of facets</source>
        <translation>Lettres à cheval sur des facettes</translation>
    </message>
    <message>
        <source>These bend over the edge between two facets. Give the letters out one to a facet, or move them.</source>
        <translation>Elles plient sur l’arête entre deux facettes. Donnez les lettres une par facette, ou déplacez-les.</translation>
    </message>
    <message>
        <source>Letters narrow towards a pole</source>
        <translation>Lettres resserrées vers un pôle</translation>
    </message>
    <message>
        <source>They are as wide as drawn where they are placed, and so much of that where the blank is thinner.</source>
        <translation>Elles sont larges comme dessinées là où elles sont, et d’autant seulement où le brut est plus mince.</translation>
    </message>
    <message>
        <source>Flat tops are uneven</source>
        <translation>Les dessus plats sont inégaux</translation>
    </message>
    <message>
        <source>At their ends letters stand so much farther off the side, or nearer, than in their middle.</source>
        <translation>À leurs bouts les lettres s’écartent d’autant de plus de la face, ou de moins, qu’en leur milieu.</translation>
    </message>
    <message>
        <source>Letters of two sides meet</source>
        <translation>Des lettres de deux faces se rencontrent</translation>
    </message>
    <message>
        <source>They reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Elles se rejoignent dans le brut. Faites-les moins profondes, ou écartez-les.</translation>
    </message>
    <message>
        <source>The part cannot be had</source>
        <translation>La pièce ne peut être obtenue</translation>
    </message>
    <message>
        <source>The part was mended</source>
        <translation>La pièce a été réparée</translation>
    </message>
    <message>
        <source>Triangles of its file that were there twice or faced the other way, or small holes, were put right. The file stays as it is.</source>
        <translation>Des triangles de son fichier doublés ou retournés, ou de petits trous, ont été corrigés. Le fichier reste tel quel.</translation>
    </message>
    <message>
        <source>No side there</source>
        <translation>Pas de face ici</translation>
    </message>
    <message>
        <source>The blank has no such side</source>
        <translation>Le brut n’a pas cette face</translation>
    </message>
    <message>
        <source>Hole beyond the blank</source>
        <translation>Trou hors du brut</translation>
    </message>
    <message>
        <source>The hole cuts into the blank&apos;s edge or misses the blank.</source>
        <translation>Le trou entame le bord du brut ou le manque.</translation>
    </message>
    <message>
        <source>Narrow land beside a hole</source>
        <translation>Paroi étroite près d’un trou</translation>
    </message>
    <message>
        <source>Too thick to cut through</source>
        <translation>Trop épais pour être coupé</translation>
    </message>
    <message>
        <source>Thin to cut</source>
        <translation>Mince à couper</translation>
    </message>
    <message>
        <source>Sharp edges</source>
        <translation>Arêtes vives</translation>
    </message>
    <message>
        <source>Walls lean too little</source>
        <translation>Les parois s’inclinent trop peu</translation>
    </message>
    <message>
        <source>Wide strokes with a flat floor</source>
        <translation>Traits larges à fond plat</translation>
    </message>
    <message>
        <source>The depth ends before the flanks meet in the middle of these strokes. A greater depth carves them to a point.</source>
        <translation>La profondeur s’arrête avant que les flancs se rejoignent au milieu de ces traits. Plus de profondeur les taille en pointe.</translation>
    </message>
    <message>
        <source>Corners stay round</source>
        <translation>Les coins restent ronds</translation>
    </message>
    <message>
        <source>Parts that begin in the air</source>
        <translation>Parties qui commencent dans le vide</translation>
    </message>
    <message>
        <source>Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.</source>
        <translation>Ainsi posées, rien n’est dessous où elles commencent. Posez la pièce autrement, ou soutenez-la.</translation>
    </message>
    <message>
        <source>Overhangs too far</source>
        <translation>Surplombe trop</translation>
    </message>
    <message>
        <source>Lying so, so much leans out farther than a print holds. Let the part lie otherwise.</source>
        <translation>Ainsi posée, autant penche plus que ne tient une impression. Posez la pièce autrement.</translation>
    </message>
    <message>
        <source>Not a whole number of layers</source>
        <translation>Pas un nombre entier de couches</translation>
    </message>
    <message>
        <source>The printer makes it a layer higher or lower than it is drawn.</source>
        <translation>L’imprimante le fait d’une couche plus haut ou plus bas que dessiné.</translation>
    </message>
    <message>
        <source>Letters lose a layer</source>
        <translation>Des lettres perdent une couche</translation>
    </message>
    <message>
        <source>As the print lies, letters come out in fewer layers than they are high, or in none.</source>
        <translation>Comme l’impression repose, des lettres sortent en moins de couches que leur hauteur, ou en aucune.</translation>
    </message>
    <message>
        <source>Larger than the printer&apos;s bed</source>
        <translation>Plus grande que le plateau</translation>
    </message>
    <message>
        <source>Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.</source>
        <translation>Ainsi posée, la pièce ne tient pas sur le plateau, ou sous le haut. Tournez-la, ou rendez-la plus petite.</translation>
    </message>
    <message>
        <source>The solid could not be built</source>
        <translation>Le solide n’a pas pu être construit</translation>
    </message>
    <message>
        <source>Ties without a stroke</source>
        <translation>Attaches sans trait</translation>
    </message>
    <message>
        <source>These were put by hand where their letter is not cut any more. Drag them back, or take them away.</source>
        <translation>Elles ont été posées à la main là où leur lettre n’est plus coupée. Ramenez-les, ou retirez-les.</translation>
    </message>
    <message>
        <source>No ties needed</source>
        <translation>Pas d’attaches nécessaires</translation>
    </message>
    <message>
        <source>No letter of these words encloses anything, so %1 gets none.</source>
        <translation>Aucune lettre de ces mots n’entoure rien, %1 n’en reçoit donc pas.</translation>
    </message>
    <message>
        <source>Part beyond the stock</source>
        <translation>Pièce hors de la matière</translation>
    </message>
    <message>
        <source>The blank does not lie within the stock. Make the stock larger, or move it.</source>
        <translation>Le brut n’est pas dans la matière. Agrandissez la matière, ou déplacez-la.</translation>
    </message>
    <message>
        <source>Cuts beside the stock</source>
        <translation>Coupe à côté de la matière</translation>
    </message>
    <message>
        <source>Some of what is cut lies where there is no stock.</source>
        <translation>Une partie de ce qui est coupé est là où il n’y a pas de matière.</translation>
    </message>
    <message>
        <source>Deeper than the stock</source>
        <translation>Plus profond que la matière</translation>
    </message>
    <message>
        <source>%1 goes through the stock into what lies below.</source>
        <translation>%1 traverse la matière vers ce qui est dessous.</translation>
    </message>
    <message>
        <source>Deeper than the tool cuts</source>
        <translation>Plus profond que ne coupe l’outil</translation>
    </message>
    <message>
        <source>%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.</source>
        <translation>%1 : la queue frotte où finissent les arêtes coupantes. Prenez un outil plus long, ou coupez moins profond.</translation>
    </message>
    <message>
        <source>Beyond the machine&apos;s travel</source>
        <translation>Hors de la course de la machine</translation>
    </message>
    <message>
        <source>The machine cannot reach so far along %1.</source>
        <translation>La machine ne va pas si loin selon %1.</translation>
    </message>
    <message>
        <source>Tool too wide for strokes</source>
        <translation>Outil trop large pour les traits</translation>
    </message>
    <message>
        <source>%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger letters.</source>
        <translation>%1 : rien n’est coupé où les traits sont plus étroits que l’outil. Prenez-en un plus petit, ou des lettres plus grandes.</translation>
    </message>
    <message>
        <source>Little stock round the part</source>
        <translation>Peu de matière autour de la pièce</translation>
    </message>
    <message>
        <source>The tool runs along the stock&apos;s edge or beside it. Leave a margin of its width.</source>
        <translation>L’outil va au bord de la matière ou à côté. Laissez une marge de sa largeur.</translation>
    </message>
    <message>
        <source>Stock thicker than the blank</source>
        <translation>Matière plus épaisse que le brut</translation>
    </message>
    <message>
        <source>What is cut out comes as thick as the stock.</source>
        <translation>Ce qui est découpé sort aussi épais que la matière.</translation>
    </message>
    <message>
        <source>No room for a lead</source>
        <translation>Pas de place pour une entrée</translation>
    </message>
    <message>
        <source>%1: there is no place in the waste to begin from, so the cut begins on the line.</source>
        <translation>%1 : aucun endroit du rebut où commencer, la coupe commence donc sur la ligne.</translation>
    </message>
    <message>
        <source>Another depth than its working</source>
        <translation>Une autre profondeur que sa façon</translation>
    </message>
    <message>
        <source>%1 tells a depth of its own, and the letters are designed with another.</source>
        <translation>%1 dit une profondeur à elle, et les lettres sont dessinées avec une autre.</translation>
    </message>
    <message>
        <source>Unknown dialect</source>
        <translation>Dialecte inconnu</translation>
    </message>
    <message>
        <source>There is no description of “%1”, so no file can be written.</source>
        <translation>Il n’y a pas de description de « %1 », aucun fichier ne peut donc être écrit.</translation>
    </message>
    <message>
        <source>Cut free too early</source>
        <translation>Détachée trop tôt</translation>
    </message>
    <message>
        <source>%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.</source>
        <translation>%1 détache la pièce avant que tout y soit fait. Découpez-la en dernier, ou tenez-la par des attaches.</translation>
    </message>
    <message>
        <source>Pieces come loose inside</source>
        <translation>Des morceaux se détachent à l’intérieur</translation>
    </message>
    <message>
        <source>%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take the pieces out as they fall.</source>
        <translation>%1 : ce qui est découpé dans la pièce reste détaché sous l’outil. Donnez des attaches à l’opération, ou ôtez les morceaux à mesure.</translation>
    </message>
    <message>
        <source>Beyond the spindle&apos;s speeds</source>
        <translation>Hors des vitesses de la broche</translation>
    </message>
    <message>
        <source>%1 asks for a speed that the machine&apos;s spindle does not turn at.</source>
        <translation>%1 demande une vitesse à laquelle la broche de la machine ne tourne pas.</translation>
    </message>
    <message>
        <source>Not for this machine</source>
        <translation>Pas pour cette machine</translation>
    </message>
    <message>
        <source>%1 needs a spindle where the machine carries a torch, or the other way round.</source>
        <translation>%1 veut une broche où la machine porte un chalumeau, ou l’inverse.</translation>
    </message>
    <message>
        <source>Zero elsewhere than last time</source>
        <translation>Origine ailleurs que la dernière fois</translation>
    </message>
    <message>
        <source>The last file for this process had its zero at another place of the stock.</source>
        <translation>Le dernier fichier de ce procédé avait son origine à un autre endroit de la matière.</translation>
    </message>
    <message>
        <source>Outlines were mended</source>
        <translation>Des contours ont été réparés</translation>
    </message>
    <message>
        <source>Contours overlapped or crossed; they were united and come out filled.</source>
        <translation>Des contours se recouvraient ou se croisaient ; ils ont été réunis et sortent pleins.</translation>
    </message>
    <message>
        <source>The stock stands above the blank</source>
        <translation>La matière dépasse le brut</translation>
    </message>
    <message>
        <source>Depths count from the blank&apos;s surface, which lies so far below the stock&apos;s, and nothing takes that off before. Take thinner stock, or put a raster first.</source>
        <translation>Les profondeurs comptent de la surface du brut, d’autant sous celle de la matière, et rien ne l’ôte avant. Prenez une matière plus mince, ou mettez d’abord une trame.</translation>
    </message>
    <message>
        <source>The tool meets the chuck</source>
        <translation>L’outil rencontre le mandrin</translation>
    </message>
    <message>
        <source>%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other end.</source>
        <translation>%1 vient d’autant sur ce qui tient la barre. Éloignez-en les mots, ou tenez la barre par l’autre bout.</translation>
    </message>
    <message>
        <source>%1: the side leans too far there for this tool, whose flank would run into it. Place the words nearer to the top, or let the bar turn on an axis.</source>
        <translation>%1 : la face penche trop là pour cet outil, dont le flanc y entrerait. Mettez les mots plus près du haut, ou laissez la barre tourner sur un axe.</translation>
    </message>
    <message>
        <source>Not cut on a side like this</source>
        <translation>Pas coupé sur une telle face</translation>
    </message>
    <message>
        <source>%1 is not done there. On sides that go round the blank words are scribed, V-carved and pocketed, and where the bar turns a raster takes the ground off.</source>
        <translation>%1 ne s’y fait pas. Sur les faces qui font le tour du brut les mots sont tracés, gravés en V et mis en poche, et où la barre tourne une trame ôte le fond.</translation>
    </message>
    <message>
        <source>Nothing is cut of these words</source>
        <translation>Rien n’est coupé de ces mots</translation>
    </message>
    <message>
        <source>Thinner than metal runs into: the casting lacks it.</source>
        <translation>Plus mince que ce où le métal coule : il manque à la fonte.</translation>
    </message>
    <message>
        <source>So thin that metal may not run all the way into it.</source>
        <translation>Si mince que le métal peut ne pas y couler jusqu’au bout.</translation>
    </message>
    <message>
        <source>Narrower than the mould holds: it breaks off and metal fills the place.</source>
        <translation>Plus étroit que ce que tient le moule : cela casse, et le métal remplit la place.</translation>
    </message>
    <message>
        <source>So narrow that the mould may crumble here.</source>
        <translation>Si étroit que le moule peut s’y effriter.</translation>
    </message>
    <message>
        <source>Sharp edges of a pattern crumble in the mould and come out ragged.</source>
        <translation>Les arêtes vives d’un modèle s’effritent dans le moule et sortent déchirées.</translation>
    </message>
    <message>
        <source>So upright, walls of a pattern tear the mould when it is drawn out.</source>
        <translation>Si droites, les parois d’un modèle déchirent le moule quand on le retire.</translation>
    </message>
    <message>
        <source>Thinner than one printed line: the printer leaves it out.</source>
        <translation>Plus fin qu’une ligne imprimée : l’imprimante l’omet.</translation>
    </message>
    <message>
        <source>Less than two printed lines wide: it may print weak or ragged.</source>
        <translation>Moins de deux lignes imprimées de large : cela peut sortir faible ou déchiré.</translation>
    </message>
    <message>
        <source>Narrower than half the nozzle: the molten line closes it.</source>
        <translation>Plus étroit que la moitié de la buse : la ligne fondue le ferme.</translation>
    </message>
    <message>
        <source>Narrower than the nozzle: edges may run into each other.</source>
        <translation>Plus étroit que la buse : les bords peuvent se rejoindre.</translation>
    </message>
    <message>
        <source>This place alone holds two parts together, and two printed lines do not fit into it.</source>
        <translation>Ce seul endroit tient deux parties ensemble, et deux lignes imprimées n’y tiennent pas.</translation>
    </message>
    <message>
        <source>So few layers are left under the letters that the floor shows through or tears.</source>
        <translation>Il reste si peu de couches sous les lettres que le fond transparaît ou se déchire.</translation>
    </message>
    <message>
        <source>Less than two layers: the letters hardly stand out.</source>
        <translation>Moins de deux couches : les lettres ressortent à peine.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may break off.</source>
        <translation>Plus de %1 fois aussi haut que le trait le plus fin est large : cela peut casser.</translation>
    </message>
    <message>
        <source>Letters that reach less than a layer into the blank come off easily.</source>
        <translation>Des lettres qui entrent de moins d’une couche dans le brut se détachent facilement.</translation>
    </message>
    <message>
        <source>So narrow beside the beam that it burns away or breaks.</source>
        <translation>Si étroit à côté du rayon que cela brûle ou casse.</translation>
    </message>
    <message>
        <source>Narrower than the sheet is thick: it breaks easily.</source>
        <translation>Plus étroit que la feuille n’est épaisse : cela casse facilement.</translation>
    </message>
    <message>
        <source>Narrower than the beam cuts.</source>
        <translation>Plus étroit que ce que coupe le rayon.</translation>
    </message>
    <message>
        <source>Hardly wider than the cut: corners come out round.</source>
        <translation>À peine plus large que la coupe : les coins sortent ronds.</translation>
    </message>
    <message>
        <source>Lines closer than a cut is wide run into each other.</source>
        <translation>Des lignes plus proches que la largeur d’une coupe se rejoignent.</translation>
    </message>
    <message>
        <source>Less than half the cutter wide: it may break away under the cutter.</source>
        <translation>Moins de la moitié de la fraise : cela peut casser sous elle.</translation>
    </message>
    <message>
        <source>Narrower than the cutter: it does not fit in.</source>
        <translation>Plus étroit que la fraise : elle n’y entre pas.</translation>
    </message>
    <message>
        <source>Hardly wider than the cutter, which rubs on both sides at once.</source>
        <translation>À peine plus large que la fraise, qui frotte des deux côtés à la fois.</translation>
    </message>
    <message>
        <source>The cutter is round: this much is left in corners, at its radius.</source>
        <translation>La fraise est ronde : autant reste dans les coins, à son rayon.</translation>
    </message>
    <message>
        <source>Thinner than resin hardens reliably: it is missing or breaks in cleaning.</source>
        <translation>Plus mince que ce que la résine durcit sûrement : cela manque ou casse au nettoyage.</translation>
    </message>
    <message>
        <source>So thin that it bends or breaks easily in cleaning.</source>
        <translation>Si mince que cela plie ou casse facilement au nettoyage.</translation>
    </message>
    <message>
        <source>Narrower than resin drains from: it hardens shut.</source>
        <translation>Plus étroit que ce dont la résine s’écoule : cela durcit fermé.</translation>
    </message>
    <message>
        <source>So narrow that resin may stay in it and harden.</source>
        <translation>Si étroit que la résine peut y rester et durcir.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may bend or break off.</source>
        <translation>Plus de %1 fois aussi haut que le trait le plus fin est large : cela peut plier ou casser.</translation>
    </message>
    <message>
        <source>So high, letters on something worn catch on cloth and skin.</source>
        <translation>Si hautes, des lettres sur un objet porté accrochent l’étoffe et la peau.</translation>
    </message>
    <message>
        <source>Nothing is left under the letters.</source>
        <translation>Il ne reste rien sous les lettres.</translation>
    </message>
    <message>
        <source>So little beside the flame melts away.</source>
        <translation>Si peu à côté de la flamme fond.</translation>
    </message>
    <message>
        <source>So little beside the flame may warp or be washed out.</source>
        <translation>Si peu à côté de la flamme peut se voiler ou être emporté.</translation>
    </message>
    <message>
        <source>Narrower than the plate is thick, or than the cut: it closes up.</source>
        <translation>Plus étroit que la plaque n’est épaisse, ou que la coupe : cela se referme.</translation>
    </message>
    <message>
        <source>So narrow for this plate that its sides come out ragged.</source>
        <translation>Si étroit pour cette plaque que les bords sortent déchirés.</translation>
    </message>
    <message>
        <source>The torch does not come out at the other side of so thick a plate.</source>
        <translation>Le chalumeau ne ressort pas de l’autre côté d’une plaque si épaisse.</translation>
    </message>
    <message>
        <source>So thin a plate burns away and warps under the torch.</source>
        <translation>Une plaque si mince brûle et se voile sous le chalumeau.</translation>
    </message>
    <message>
        <source>So thin a land between two cuts may chip out.</source>
        <translation>Une paroi si mince entre deux coupes peut s’écailler.</translation>
    </message>
    <message>
        <source>Narrower than the bit&apos;s tip: nothing is cut here.</source>
        <translation>Plus étroit que la pointe de la fraise : rien n’y est coupé.</translation>
    </message>
</context>
<context>
    <name>Sheets</name>
    <message>
        <source>This line is 100 mm long. %1</source>
        <translation>Cette ligne mesure 100 mm. %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1. Row %2 of %3, sheet %4 of %5; crosses lie over each other.</source>
        <translation>%1. Rangée %2 sur %3, feuille %4 sur %5 ; les croix se superposent.</translation>
    </message>
</context>
<context>
    <name>Summaries</name>
    <message>
        <source>top left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>front</source>
        <translation>avant</translation>
    </message>
    <message>
        <source>back</source>
        <translation>arrière</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>extérieur</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>intérieur</translation>
    </message>
    <message>
        <source>start</source>
        <translation>début</translation>
    </message>
    <message>
        <source>end</source>
        <translation>fin</translation>
    </message>
    <message>
        <source>a face pointed at</source>
        <translation>une face désignée</translation>
    </message>
    <message>
        <source>Capital height</source>
        <translation>Hauteur des capitales</translation>
    </message>
    <message>
        <source>x-height</source>
        <translation>Hauteur d’x</translation>
    </message>
    <message>
        <source>Line height</source>
        <translation>Hauteur de ligne</translation>
    </message>
    <message>
        <source>Overall width</source>
        <translation>Largeur totale</translation>
    </message>
    <message>
        <source>Overall height</source>
        <translation>Hauteur totale</translation>
    </message>
    <message>
        <source>on the part</source>
        <translation>sur la pièce</translation>
    </message>
    <message>
        <source>in its impression</source>
        <translation>dans son empreinte</translation>
    </message>
    <message>
        <source>through from the back</source>
        <translation>à travers, de derrière</translation>
    </message>
    <message>
        <source>words</source>
        <translation>mots</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>cadre</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>barre</translation>
    </message>
    <message>
        <source>border</source>
        <translation>bordure</translation>
    </message>
    <message>
        <source>backing</source>
        <translation>support</translation>
    </message>
    <message>
        <source>artwork</source>
        <translation>motif</translation>
    </message>
    <message>
        <source>artwork %1</source>
        <translation>motif %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectangle</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>ovale</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>cercle</translation>
    </message>
    <message>
        <source>along the letters</source>
        <translation>le long des lettres</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>barres</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>plaque</translation>
    </message>
    <message>
        <source>oval plate</source>
        <translation>plaque ovale</translation>
    </message>
    <message>
        <source>links between parts</source>
        <translation>liens entre les parties</translation>
    </message>
    <message>
        <source>pins on bars</source>
        <translation>plots sur barres</translation>
    </message>
    <message>
        <source>plate along the letters</source>
        <translation>plaque le long des lettres</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>droit</translation>
    </message>
    <message>
        <source>on an arc</source>
        <translation>sur un arc</translation>
    </message>
    <message>
        <source>round a circle</source>
        <translation>autour d’un cercle</translation>
    </message>
    <message>
        <source>along a curve</source>
        <translation>le long d’une courbe</translation>
    </message>
    <message>
        <source>along the blank’s edge</source>
        <translation>le long du bord du brut</translation>
    </message>
    <message>
        <source>, band %1</source>
        <translation>, bande %1</translation>
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
        <translation>cadre, %1, </translation>
    </message>
    <message>
        <source>%1 round the words</source>
        <translation>%1 autour des mots</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>barre %1</translation>
    </message>
    <message>
        <source>border %1 from the edge</source>
        <translation>bordure à %1 du bord</translation>
    </message>
    <message>
        <source>backing, %1, %2 wide</source>
        <translation>support, %1, large de %2</translation>
    </message>
    <message>
        <source>backing, %1 %2 beyond the words</source>
        <translation>support, %1 à %2 au-delà des mots</translation>
    </message>
    <message>
        <source>%1 at %2 %</source>
        <translation>%1 à %2 %</translation>
    </message>
    <message>
        <source>capitals %1</source>
        <translation>capitales %1</translation>
    </message>
    <message>
        <source>x-height %1</source>
        <translation>hauteur d’x %1</translation>
    </message>
    <message>
        <source>lines %1</source>
        <translation>lignes %1</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>large de %1</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>haut de %1</translation>
    </message>
    <message>
        <source>no words yet</source>
        <translation>pas encore de mots</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>, width %1 %</source>
        <translation>, largeur %1 %</translation>
    </message>
    <message>
        <source>, slant %1°</source>
        <translation>, inclinaison %1°</translation>
    </message>
    <message numerus="yes">
        <source>, %n letter(s) nudged</source>
        <translation>
            <numerusform>, %n lettre décalée</numerusform>
            <numerusform>, %n lettres décalées</numerusform>
        </translation>
    </message>
    <message>
        <source>, weight %1</source>
        <translation>, graisse %1</translation>
    </message>
    <message>
        <source>nothing to place</source>
        <translation>rien à placer</translation>
    </message>
    <message>
        <source>with its words</source>
        <translation>avec ses mots</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 à %2, %3</translation>
    </message>
    <message>
        <source> of radius %1</source>
        <translation> de rayon %1</translation>
    </message>
    <message>
        <source>, turned %1°</source>
        <translation>, tourné de %1°</translation>
    </message>
    <message>
        <source>, reads %1</source>
        <translation>, se lit %1</translation>
    </message>
    <message>
        <source>chamfer %1</source>
        <translation>chanfrein %1</translation>
    </message>
    <message>
        <source>chamfer %1 at %2</source>
        <translation>chanfrein %1 à %2</translation>
    </message>
    <message>
        <source>rounded %1</source>
        <translation>arrondi %1</translation>
    </message>
    <message>
        <source>draft %1</source>
        <translation>dépouille %1</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>chanfrein</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rond</translation>
    </message>
    <message>
        <source>draft</source>
        <translation>dépouille</translation>
    </message>
    <message>
        <source>crisp</source>
        <translation>vive</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>trait</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>œil</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>ouverture</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>pont</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>écart</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>étranglement</translation>
    </message>
    <message>
        <source>to the edge</source>
        <translation>jusqu’au bord</translation>
    </message>
    <message>
        <source>centreline of %1</source>
        <translation>ligne médiane de %1</translation>
    </message>
    <message>
        <source>ligatures</source>
        <translation>ligatures</translation>
    </message>
    <message>
        <source>more ligatures</source>
        <translation>autres ligatures</translation>
    </message>
    <message>
        <source>historical ligatures</source>
        <translation>ligatures historiques</translation>
    </message>
    <message>
        <source>small capitals</source>
        <translation>petites capitales</translation>
    </message>
    <message>
        <source>capitals as small capitals</source>
        <translation>capitales en petites capitales</translation>
    </message>
    <message>
        <source>old-style figures</source>
        <translation>chiffres elzéviriens</translation>
    </message>
    <message>
        <source>lining figures</source>
        <translation>chiffres alignés</translation>
    </message>
    <message>
        <source>figures in columns</source>
        <translation>chiffres en colonnes</translation>
    </message>
    <message>
        <source>figures of own width</source>
        <translation>chiffres à chasse propre</translation>
    </message>
    <message>
        <source>slashed zero</source>
        <translation>zéro barré</translation>
    </message>
    <message>
        <source>fractions</source>
        <translation>fractions</translation>
    </message>
    <message>
        <source>ordinals</source>
        <translation>ordinaux</translation>
    </message>
    <message>
        <source>other forms</source>
        <translation>autres formes</translation>
    </message>
    <message>
        <source>swashes</source>
        <translation>lettres ornées</translation>
    </message>
    <message>
        <source>titling capitals</source>
        <translation>capitales de titre</translation>
    </message>
    <message>
        <source>signs for capitals</source>
        <translation>signes pour capitales</translation>
    </message>
    <message>
        <source>set of forms %1</source>
        <translation>jeu de formes %1</translation>
    </message>
</context>
<context>
    <name>Workings</name>
    <message>
        <source>raised</source>
        <translation>en relief</translation>
    </message>
    <message>
        <source>raised %1</source>
        <translation>en relief de %1</translation>
    </message>
    <message>
        <source>Stands above the front and reaches into the blank by its bedding.</source>
        <translation>Dépasse la face avant et entre dans le brut par son assise.</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>en creux</translation>
    </message>
    <message>
        <source>sunk %1</source>
        <translation>en creux de %1</translation>
    </message>
    <message>
        <source>Cut into the blank, with a flat floor.</source>
        <translation>Taillé dans le brut, à fond plat.</translation>
    </message>
    <message>
        <source>pierced</source>
        <translation>ajouré</translation>
    </message>
    <message>
        <source>pierced, cut right through</source>
        <translation>ajouré, de part en part</translation>
    </message>
    <message>
        <source>Cut right through; counters fall out unless something holds them.</source>
        <translation>Coupé de part en part ; les yeux tombent si rien ne les tient.</translation>
    </message>
    <message>
        <source>free-standing</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>free-standing %1</source>
        <translation>libre, %1</translation>
    </message>
    <message>
        <source>Letters by themselves, without a blank.</source>
        <translation>Des lettres seules, sans brut.</translation>
    </message>
    <message>
        <source>scribed</source>
        <translation>tracé</translation>
    </message>
    <message>
        <source>scribed %1 deep</source>
        <translation>tracé, profond de %1</translation>
    </message>
    <message>
        <source>Cut as a line as wide as the stroke: along single lines, or along outlines.</source>
        <translation>Coupé comme une ligne aussi large que le trait : le long de lignes simples, ou de contours.</translation>
    </message>
    <message>
        <source>carved</source>
        <translation>sculpté</translation>
    </message>
    <message>
        <source>carved at %2° up to %1 deep</source>
        <translation>sculpté à %2°, profond de %1 au plus</translation>
    </message>
    <message>
        <source>As a V-bit leaves it: deeper where strokes are wider, with a flat floor at the full depth.</source>
        <translation>Tel que le laisse une fraise en V : plus profond où les traits sont larges, à fond plat à pleine profondeur.</translation>
    </message>
    <message>
        <source>inlaid</source>
        <translation>incrusté</translation>
    </message>
    <message>
        <source>inlaid %1</source>
        <translation>incrusté de %1</translation>
    </message>
    <message>
        <source>A second material, flush with the front; with clearance a piece of its own, to be glued in.</source>
        <translation>Un second matériau, à fleur de la face avant ; avec du jeu, une pièce à part, à coller.</translation>
    </message>
    <message>
        <source>clearance %1</source>
        <translation>jeu %1</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>pied %1</translation>
    </message>
    <message>
        <source>bedded %1</source>
        <translation>assis de %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BlankStation</name>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>height</source>
        <translation>hauteur</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Rayon des coins</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Diamètre</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Longueur</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Alésage</translation>
    </message>
    <message>
        <source>Diameter at the end</source>
        <translation>Diamètre à la fin</translation>
    </message>
    <message>
        <source>end ⌀</source>
        <translation>fin ⌀</translation>
    </message>
    <message>
        <source>Inside</source>
        <translation>Intérieur</translation>
    </message>
    <message>
        <source>What the inside of the ring looks like</source>
        <translation>L’aspect de l’intérieur de l’anneau</translation>
    </message>
    <message>
        <source>Change the inside</source>
        <translation>Changer l’intérieur</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>plat</translation>
    </message>
    <message>
        <source>comfort</source>
        <translation>confort</translation>
    </message>
    <message>
        <source>Wider by</source>
        <translation>Plus large de</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Méplat</translation>
    </message>
    <message>
        <source>Thickness at the flat</source>
        <translation>Épaisseur au méplat</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>épais</translation>
    </message>
    <message>
        <source>Facets</source>
        <translation>Facettes</translation>
    </message>
    <message>
        <source>Across the facets</source>
        <translation>Sur les facettes</translation>
    </message>
    <message>
        <source>across</source>
        <translation>en travers</translation>
    </message>
    <message>
        <source>Unit of the file</source>
        <translation>Unité du fichier</translation>
    </message>
    <message>
        <source>Unit of files that do not tell one</source>
        <translation>Unité des fichiers qui n’en disent pas</translation>
    </message>
    <message>
        <source>Change the unit of the file</source>
        <translation>Changer l’unité du fichier</translation>
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
        <translation>pouce</translation>
    </message>
    <message>
        <source>Times as large</source>
        <translation>Fois plus grand</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Paroi</translation>
    </message>
    <message>
        <source>Hole along the axis</source>
        <translation>Trou le long de l’axe</translation>
    </message>
    <message>
        <source>Depth of the hole, 0 for right through</source>
        <translation>Profondeur du trou, 0 pour traverser</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>profond</translation>
    </message>
    <message>
        <source>Hole from</source>
        <translation>Trou depuis</translation>
    </message>
    <message>
        <source>Where the hole along the axis opens</source>
        <translation>Où s’ouvre le trou le long de l’axe</translation>
    </message>
    <message>
        <source>Change the hole</source>
        <translation>Changer le trou</translation>
    </message>
    <message>
        <source>its start</source>
        <translation>son début</translation>
    </message>
    <message>
        <source>its end</source>
        <translation>sa fin</translation>
    </message>
    <message>
        <source>Ear, its hole</source>
        <translation>Oreille, son trou</translation>
    </message>
    <message>
        <source>How thick the ear is</source>
        <translation>Épaisseur de l’oreille</translation>
    </message>
    <message>
        <source>Ear&apos;s wall</source>
        <translation>Paroi de l’oreille</translation>
    </message>
    <message>
        <source>How wide the ear is round its hole</source>
        <translation>Largeur de l’oreille autour de son trou</translation>
    </message>
    <message>
        <source>Ear at</source>
        <translation>Oreille au</translation>
    </message>
    <message>
        <source>Which end the ear stands on</source>
        <translation>À quel bout se tient l’oreille</translation>
    </message>
    <message>
        <source>Change the ear</source>
        <translation>Changer l’oreille</translation>
    </message>
    <message>
        <source>Centre hole</source>
        <translation>Trou central</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Épaisseur</translation>
    </message>
    <message>
        <source>Thickness at its right</source>
        <translation>Épaisseur à sa droite</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Marge</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Arête</translation>
    </message>
    <message>
        <source>How the edge of the blank is broken</source>
        <translation>Comment l’arête du brut est abattue</translation>
    </message>
    <message>
        <source>Change the blank&apos;s edge</source>
        <translation>Changer l’arête du brut</translation>
    </message>
    <message>
        <source>At the back too</source>
        <translation>À l’arrière aussi</translation>
    </message>
    <message>
        <source>Change where the edge is</source>
        <translation>Changer où est l’arête</translation>
    </message>
    <message>
        <source>What the blank is made of</source>
        <translation>De quoi est fait le brut</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Matériau</translation>
    </message>
    <message>
        <source>Change the material</source>
        <translation>Changer le matériau</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Brut</translation>
    </message>
    <message>
        <source>Change the blank</source>
        <translation>Changer le brut</translation>
    </message>
    <message>
        <source>A ready shape to begin from</source>
        <translation>Une forme toute faite pour commencer</translation>
    </message>
    <message>
        <source>Begin from a ready shape</source>
        <translation>Commencer par une forme toute faite</translation>
    </message>
    <message>
        <source>Take a ready shape</source>
        <translation>Prendre une forme toute faite</translation>
    </message>
    <message>
        <source>Scale of ring sizes</source>
        <translation>Échelle des tailles de bague</translation>
    </message>
    <message>
        <source>Ring size</source>
        <translation>Taille de bague</translation>
    </message>
    <message>
        <source>Change the ring size</source>
        <translation>Changer la taille de bague</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contour</translation>
    </message>
    <message>
        <source>What the plate looks like from the front</source>
        <translation>L’aspect de la plaque vue de face</translation>
    </message>
    <message>
        <source>Change the outline</source>
        <translation>Changer le contour</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Coins</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>Oreille</translation>
    </message>
    <message>
        <source>Hole in the ear</source>
        <translation>Trou de l’oreille</translation>
    </message>
    <message>
        <source>its hole</source>
        <translation>son trou</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distance</translation>
    </message>
    <message>
        <source>Outline from SVG or DXF…</source>
        <translation>Contour de SVG ou DXF…</translation>
    </message>
    <message>
        <source>Inside too</source>
        <translation>À l’intérieur aussi</translation>
    </message>
    <message>
        <source>Its density is not known here, so its mass is not told.</source>
        <translation>Sa densité n’est pas connue ici, sa masse n’est donc pas donnée.</translation>
    </message>
    <message>
        <source>The part weighs %1.</source>
        <translation>La pièce pèse %1.</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyCanvas</name>
    <message>
        <source>Body view</source>
        <translation>Vue du corps</translation>
    </message>
    <message>
        <source>Arrow keys turn the body; plus and minus zoom; Home fits; Page up and Page down change how high or deep the selected words are, with Shift in hundredths.</source>
        <translation>Les flèches tournent le corps ; plus et moins zooment ; Origine montre tout ; Page haut et Page bas changent la hauteur ou la profondeur des mots choisis, avec Maj par centièmes.</translation>
    </message>
    <message>
        <source>Nothing to make yet: give the card a blank or words.</source>
        <translation>Encore rien à faire : donnez à la fiche un brut ou des mots.</translation>
    </message>
    <message>
        <source>Change how high it is</source>
        <translation>Changer sa hauteur</translation>
    </message>
    <message>
        <source>x %1  y %2  z %3</source>
        <translation>x %1  y %2  z %3</translation>
    </message>
    <message>
        <source>%1: x %2  y %3  height %4</source>
        <translation>%1 : x %2  y %3  hauteur %4</translation>
    </message>
    <message>
        <source>   %1 thick</source>
        <translation>   épais de %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyView</name>
    <message>
        <source>Look at the front</source>
        <translation>Regarder de face</translation>
    </message>
    <message>
        <source>Look at the back</source>
        <translation>Regarder de derrière</translation>
    </message>
    <message>
        <source>Look from the side</source>
        <translation>Regarder de côté</translation>
    </message>
    <message>
        <source>Look from a corner</source>
        <translation>Regarder d’un coin</translation>
    </message>
    <message>
        <source>Fit the body into the view</source>
        <translation>Cadrer le corps dans la vue</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Coupe</translation>
    </message>
    <message>
        <source>Section along</source>
        <translation>Coupe selon</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>Where the section cuts</source>
        <translation>Où passe la coupe</translation>
    </message>
    <message>
        <source>See-through</source>
        <translation>Transparent</translation>
    </message>
    <message>
        <source>See through the blank</source>
        <translation>Voir à travers le brut</translation>
    </message>
</context>
<context>
    <name>bollard::app::CardEditor</name>
    <message>
        <source>Clear nudges</source>
        <translation>Effacer les décalages</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Copier l’inscription</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Supprimer l’inscription</translation>
    </message>
    <message>
        <source>Reorder inscriptions</source>
        <translation>Réordonner les inscriptions</translation>
    </message>
    <message>
        <source>Unnamed card</source>
        <translation>Fiche sans nom</translation>
    </message>
    <message>
        <source>typefaces taken along</source>
        <translation>polices emportées</translation>
    </message>
    <message>
        <source>typefaces left behind</source>
        <translation>polices laissées</translation>
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
        <translation>La langue et la taille du texte changeront quand plus rien ne sera envoyé.</translation>
    </message>
</context>
<context>
    <name>bollard::app::Drawer</name>
    <message>
        <source>Shut the drawer</source>
        <translation>Fermer le tiroir</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingRow</name>
    <message>
        <source>why it may stand; Return</source>
        <translation>pourquoi cela peut rester ; Entrée</translation>
    </message>
    <message>
        <source>Why the finding may stand</source>
        <translation>Pourquoi le constat peut rester</translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation>Le compter à nouveau</translation>
    </message>
    <message>
        <source>Let it stand</source>
        <translation>Laisser ainsi</translation>
    </message>
    <message>
        <source>You let it stand.</source>
        <translation>Vous le laissez ainsi.</translation>
    </message>
    <message>
        <source>You let it stand: %1</source>
        <translation>Vous le laissez ainsi : %1</translation>
    </message>
    <message>
        <source>Place %1 of %2</source>
        <translation>Endroit %1 sur %2</translation>
    </message>
    <message>
        <source>Mend: %1</source>
        <translation>Remède : %1</translation>
    </message>
    <message>
        <source>Why?</source>
        <translation>Pourquoi ?</translation>
    </message>
    <message>
        <source>Help on this finding</source>
        <translation>Aide sur ce constat</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingsPanel</name>
    <message>
        <source>Stop</source>
        <translation>Obstacle</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>À surveiller</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Remarque</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Verdict</translation>
    </message>
    <message>
        <source>Mend all…</source>
        <translation>Tout réparer…</translation>
    </message>
    <message>
        <source>Look for mends of all that stops</source>
        <translation>Chercher des remèdes à tous les obstacles</translation>
    </message>
    <message>
        <source>Mends only for row %1</source>
        <translation>Remèdes pour la rangée %1 seule</translation>
    </message>
    <message>
        <source>Let a finding stand</source>
        <translation>Laisser un constat</translation>
    </message>
    <message>
        <source>Count a finding again</source>
        <translation>Compter un constat à nouveau</translation>
    </message>
    <message>
        <source>Verdict: %1</source>
        <translation>Verdict : %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::FirstSteps</name>
    <message>
        <source>Leave the steps</source>
        <translation>Quitter les pas</translation>
    </message>
    <message>
        <source>That is the way of every part: words, findings, files. F1 tells the rest.</source>
        <translation>C’est le chemin de toute pièce : mots, constats, fichiers. F1 dit le reste.</translation>
    </message>
    <message>
        <source>1 of 3: words</source>
        <translation>1 sur 3 : les mots</translation>
    </message>
    <message>
        <source>2 of 3: what cannot be made</source>
        <translation>2 sur 3 : ce qui ne peut être fait</translation>
    </message>
    <message>
        <source>3 of 3: files</source>
        <translation>3 sur 3 : les fichiers</translation>
    </message>
    <message>
        <source>These words are cut out. Write others, or some more, in Lettering: the board follows.</source>
        <translation>Ces mots sont découpés. Écrivez-en d’autres, ou davantage, dans Lettrage : la planche suit.</translation>
    </message>
    <message>
        <source>A part that is joined to nothing falls off. Press one of the buttons below the finding: it mends it.</source>
        <translation>Un morceau qui ne tient à rien tombe. Appuyez sur un des boutons sous le constat : il répare.</translation>
    </message>
    <message>
        <source>Tick a format in Output and press “Write what is ticked”. Files are written whole, or not at all.</source>
        <translation>Cochez un format dans Sortie et appuyez sur « Écrire ce qui est coché ». Les fichiers sont écrits entiers, ou pas du tout.</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>Pas suivant</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fini</translation>
    </message>
</context>
<context>
    <name>bollard::app::FlatView</name>
    <message>
        <source>Turn a tie</source>
        <translation>Tourner une attache</translation>
    </message>
    <message>
        <source>Move a tie</source>
        <translation>Déplacer une attache</translation>
    </message>
    <message>
        <source>Put a tie</source>
        <translation>Poser une attache</translation>
    </message>
    <message>
        <source>Take a tie away</source>
        <translation>Retirer une attache</translation>
    </message>
    <message>
        <source>Flat view</source>
        <translation>Vue à plat</translation>
    </message>
    <message>
        <source>Arrow keys move the selected words by 1 mm, with Shift by 0.1; F2 writes in place. Alt and left or right choose a letter, which the arrow keys then nudge. Hold M to measure.</source>
        <translation>Les flèches déplacent les mots choisis de 1 mm, avec Maj de 0,1 ; F2 écrit sur place. Alt et gauche ou droite choisissent une lettre, que les flèches décalent alors. Tenez M pour mesurer.</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Déplacer la couture</translation>
    </message>
    <message>
        <source>No words yet: add an inscription under Lettering.</source>
        <translation>Pas encore de mots : ajoutez une inscription sous Lettrage.</translation>
    </message>
    <message>
        <source>Move words</source>
        <translation>Déplacer des mots</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Courber la ligne</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Décaler des lettres</translation>
    </message>
    <message>
        <source>Size ornament</source>
        <translation>Taille de l’ornement</translation>
    </message>
    <message>
        <source>Size words</source>
        <translation>Taille des mots</translation>
    </message>
    <message>
        <source>Turn words</source>
        <translation>Tourner des mots</translation>
    </message>
    <message>
        <source>%1 (across %2, up %3)</source>
        <translation>%1 (en travers %2, en haut %3)</translation>
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
        <translation>Frappe</translation>
    </message>
</context>
<context>
    <name>bollard::app::Gauge</name>
    <message>
        <source>Gauge</source>
        <translation>Jauge</translation>
    </message>
    <message>
        <source>The thinnest stroke is %1 mm wide.</source>
        <translation>Le trait le plus fin est large de %1 mm.</translation>
    </message>
    <message>
        <source>strokes</source>
        <translation>traits</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>écarts</translation>
    </message>
    <message>
        <source> mm +</source>
        <translation> mm +</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Changer une limite</translation>
    </message>
</context>
<context>
    <name>bollard::app::HelpPanel</name>
    <message>
        <source>Contents</source>
        <translation>Sommaire</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Chercher dans l’aide</translation>
    </message>
    <message>
        <source>Places in the help</source>
        <translation>Endroits de l’aide</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>Page de l’aide</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>The help says nothing of “%1”. Try fewer or other words.</source>
        <translation>L’aide ne dit rien de « %1 ». Essayez moins de mots, ou d’autres.</translation>
    </message>
</context>
<context>
    <name>bollard::app::HolesTable</name>
    <message>
        <source>Add a hole</source>
        <translation>Ajouter un trou</translation>
    </message>
    <message>
        <source>Add hole</source>
        <translation>Ajouter un trou</translation>
    </message>
    <message>
        <source>Hole %1, %2</source>
        <translation>Trou %1, %2</translation>
    </message>
    <message>
        <source>Change hole</source>
        <translation>Changer un trou</translation>
    </message>
    <message>
        <source>Remove hole %1</source>
        <translation>Retirer le trou %1</translation>
    </message>
    <message>
        <source>Remove hole</source>
        <translation>Retirer un trou</translation>
    </message>
    <message>
        <source>Hole %1, its kind</source>
        <translation>Trou %1, son genre</translation>
    </message>
    <message>
        <source>Change the kind of hole</source>
        <translation>Changer le genre de trou</translation>
    </message>
    <message>
        <source>long</source>
        <translation>long</translation>
    </message>
    <message>
        <source>length</source>
        <translation>longueur</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>tourné</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>tourné</translation>
    </message>
    <message>
        <source>head ⌀</source>
        <translation>tête ⌀</translation>
    </message>
    <message>
        <source>head</source>
        <translation>tête</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>cône</translation>
    </message>
    <message>
        <source>angle of its cone</source>
        <translation>angle de son cône</translation>
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
        <translation>Épreuve : l’impression jusqu’à une couche, sur le solide</translation>
    </message>
    <message>
        <source>Arrow keys turn it; plus and minus zoom; Home fits.</source>
        <translation>Les flèches le tournent ; plus et moins zooment ; Origine montre tout.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayerCanvas</name>
    <message>
        <source>Proof: one layer of the print from above</source>
        <translation>Épreuve : une couche de l’impression vue de dessus</translation>
    </message>
    <message>
        <source>No layers: there is nothing to print yet.</source>
        <translation>Pas de couches : il n’y a encore rien à imprimer.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayersView</name>
    <message>
        <source>One layer down</source>
        <translation>Une couche plus bas</translation>
    </message>
    <message>
        <source>One layer up</source>
        <translation>Une couche plus haut</translation>
    </message>
    <message>
        <source>Which layer is shown, from the bed upwards</source>
        <translation>Quelle couche est montrée, du plateau vers le haut</translation>
    </message>
    <message>
        <source>Trouble below</source>
        <translation>Ennui dessous</translation>
    </message>
    <message>
        <source>To the nearest layer below where something is lost or unheld</source>
        <translation>À la couche la plus proche dessous où quelque chose est perdu ou sans appui</translation>
    </message>
    <message>
        <source>On the solid</source>
        <translation>Sur le solide</translation>
    </message>
    <message>
        <source>Show the layers on the solid as it lies, else from above</source>
        <translation>Montrer les couches sur le solide tel qu’il repose, sinon de dessus</translation>
    </message>
    <message>
        <source>Trouble above</source>
        <translation>Ennui dessus</translation>
    </message>
    <message>
        <source>To the nearest layer above where something is lost or unheld</source>
        <translation>À la couche la plus proche dessus où quelque chose est perdu ou sans appui</translation>
    </message>
    <message>
        <source>Cutting the part into layers…</source>
        <translation>Découpe de la pièce en couches…</translation>
    </message>
    <message>
        <source>Cutting the part into layers… %1 %</source>
        <translation>Découpe de la pièce en couches… %1 %</translation>
    </message>
    <message>
        <source>No layers: nothing is printed.</source>
        <translation>Pas de couches : rien n’est imprimé.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n couche</numerusform>
            <numerusform>%n couches</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm³</source>
        <translation>%1 cm³</translation>
    </message>
    <message>
        <source>roughly %1 min</source>
        <translation>environ %1 min</translation>
    </message>
    <message>
        <source>the letters&apos; colour above %1</source>
        <translation>la couleur des lettres au-dessus de %1</translation>
    </message>
    <message>
        <source>the blank&apos;s colour above %1</source>
        <translation>la couleur du brut au-dessus de %1</translation>
    </message>
    <message>
        <source>both colours in one layer: two nozzles</source>
        <translation>les deux couleurs dans une couche : deux buses</translation>
    </message>
    <message>
        <source>the largest lost %1 mm²</source>
        <translation>la plus grande perte %1 mm²</translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation>rien n’est perdu</translation>
    </message>
    <message>
        <source>something begins in the air</source>
        <translation>quelque chose commence dans le vide</translation>
    </message>
    <message>
        <source>layer %1 of %2</source>
        <translation>couche %1 sur %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>lines %1 m</source>
        <translation>lignes %1 m</translation>
    </message>
    <message>
        <source>%1 of wall between letters and blank</source>
        <translation>%1 de paroi entre lettres et brut</translation>
    </message>
    <message numerus="yes">
        <source>lost in %n place(s)</source>
        <translation>
            <numerusform>perdu à %n endroit</numerusform>
            <numerusform>perdu à %n endroits</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hangs over in %n place(s)</source>
        <translation>
            <numerusform>surplombe à %n endroit</numerusform>
            <numerusform>surplombe à %n endroits</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>begins in the air in %n place(s)</source>
        <translation>
            <numerusform>commence dans le vide à %n endroit</numerusform>
            <numerusform>commence dans le vide à %n endroits</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::LetteringStation</name>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>Typing</source>
        <translation>Frappe</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>Police</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>gras</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>italique</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>Mise en valeur</translation>
    </message>
    <message>
        <source>Size by</source>
        <translation>Taille par</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Largeur du trait</translation>
    </message>
    <message>
        <source>How wide the lines of a single-line typeface are drawn, or cut when scribed</source>
        <translation>Largeur à laquelle les lignes d’une police à ligne simple sont dessinées, ou coupées au tracé</translation>
    </message>
    <message>
        <source>Line ends</source>
        <translation>Bouts des traits</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rond</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>plat</translation>
    </message>
    <message>
        <source>square</source>
        <translation>carré</translation>
    </message>
    <message>
        <source>Change stroke ends</source>
        <translation>Changer les bouts des traits</translation>
    </message>
    <message>
        <source>Letter space</source>
        <translation>Espace des lettres</translation>
    </message>
    <message>
        <source>Word space</source>
        <translation>Espace des mots</translation>
    </message>
    <message>
        <source>word</source>
        <translation>mot</translation>
    </message>
    <message>
        <source>Line space</source>
        <translation>Interligne</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Lignes</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>Align lines</source>
        <translation>Aligner les lignes</translation>
    </message>
    <message>
        <source>Cuts out what stands above it in the list</source>
        <translation>Découpe ce qui est au-dessus dans la liste</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Découper</translation>
    </message>
    <message>
        <source>Shape of the letters</source>
        <translation>Forme des lettres</translation>
    </message>
    <message>
        <source>Centreline of this typeface</source>
        <translation>Ligne médiane de cette police</translation>
    </message>
    <message>
        <source>The middle lines of its strokes, as a single-line typeface</source>
        <translation>Les lignes médianes de ses traits, comme police à ligne simple</translation>
    </message>
    <message>
        <source>Centreline</source>
        <translation>Ligne médiane</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>Inclinaison</translation>
    </message>
    <message>
        <source>Weight change</source>
        <translation>Changement de graisse</translation>
    </message>
    <message>
        <source>Strokes grown on each side; below 0 they become lighter</source>
        <translation>Les traits croissent de chaque côté ; sous 0 ils s’allègent</translation>
    </message>
    <message>
        <source>Dots joined by</source>
        <translation>Points joints de</translation>
    </message>
    <message>
        <source>Dots are brought down until they hang together with their letter by so much; 0: they stay where they are</source>
        <translation>Les points descendent jusqu’à tenir d’autant à leur lettre ; 0 : ils restent où ils sont</translation>
    </message>
    <message>
        <source>Kerning: pairs closer as the typeface says</source>
        <translation>Crénage : paires plus serrées comme le dit la police</translation>
    </message>
    <message>
        <source>Kerning</source>
        <translation>Crénage</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>non vérifiée</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Spelling</source>
        <translation>Orthographe</translation>
    </message>
    <message>
        <source>Language whose spelling is checked</source>
        <translation>Langue dont l’orthographe est vérifiée</translation>
    </message>
    <message>
        <source>Change spelling</source>
        <translation>Changer l’orthographe</translation>
    </message>
    <message>
        <source>Goes round</source>
        <translation>Entoure</translation>
    </message>
    <message>
        <source>What the frame goes round</source>
        <translation>Ce qu’entoure le cadre</translation>
    </message>
    <message>
        <source>Change what the frame goes round</source>
        <translation>Changer ce qu’entoure le cadre</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Forme</translation>
    </message>
    <message>
        <source>Shape of the frame</source>
        <translation>Forme du cadre</translation>
    </message>
    <message>
        <source>Change the frame&apos;s shape</source>
        <translation>Changer la forme du cadre</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Façon</translation>
    </message>
    <message>
        <source>Form of the backing</source>
        <translation>Façon du support</translation>
    </message>
    <message>
        <source>Change the backing&apos;s form</source>
        <translation>Changer la façon du support</translation>
    </message>
    <message>
        <source>Width outside</source>
        <translation>Largeur hors tout</translation>
    </message>
    <message>
        <source>Height outside</source>
        <translation>Hauteur hors tout</translation>
    </message>
    <message>
        <source>height</source>
        <translation>hauteur</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distance</translation>
    </message>
    <message>
        <source>Band width</source>
        <translation>Largeur de bande</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Rayon des coins</translation>
    </message>
    <message>
        <source>Least joint</source>
        <translation>Moindre jonction</translation>
    </message>
    <message>
        <source>So wide at least each loose part is joined to a bar</source>
        <translation>Largeur au moins par laquelle chaque partie détachée est jointe à une barre</translation>
    </message>
    <message>
        <source>Length of posts</source>
        <translation>Longueur des plots</translation>
    </message>
    <message>
        <source>How far the bars stand clear of the side</source>
        <translation>À quelle distance de la face sont les barres</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>Ferme les écarts</translation>
    </message>
    <message>
        <source>Holes, and gaps between letters, narrower than this are filled</source>
        <translation>Les trous, et les écarts entre lettres, plus étroits que cela sont remplis</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Échelle</translation>
    </message>
    <message>
        <source>Width of lines</source>
        <translation>Largeur des lignes</translation>
    </message>
    <message>
        <source>Single letters</source>
        <translation>Lettres une à une</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Décaler des lettres</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>En long</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>À côté</translation>
    </message>
    <message>
        <source>off</source>
        <translation>à côté</translation>
    </message>
    <message>
        <source>Letter turn</source>
        <translation>Rotation de la lettre</translation>
    </message>
    <message>
        <source>Letter size</source>
        <translation>Taille de la lettre</translation>
    </message>
    <message>
        <source>size</source>
        <translation>taille</translation>
    </message>
    <message>
        <source>Space after</source>
        <translation>Espace après</translation>
    </message>
    <message>
        <source>Clear all nudges</source>
        <translation>Effacer tous les décalages</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Polices</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Choisir une police</translation>
    </message>
    <message>
        <source>Change the measure of size</source>
        <translation>Changer la mesure de taille</translation>
    </message>
    <message>
        <source>%1 (made)</source>
        <translation>%1 (fabriqué)</translation>
    </message>
    <message>
        <source>The family has no such face; it is made of this one</source>
        <translation>La famille n’a pas ce style ; il est fabriqué de celui-ci</translation>
    </message>
    <message>
        <source>Add an inscription first</source>
        <translation>Ajoutez d’abord une inscription</translation>
    </message>
    <message>
        <source>Typeface: %1</source>
        <translation>Police : %1</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Longueur</translation>
    </message>
    <message>
        <source>Diameter outside</source>
        <translation>Diamètre hors tout</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Épaisseur</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Tient</translation>
    </message>
    <message>
        <source>Width of links</source>
        <translation>Largeur des liens</translation>
    </message>
    <message>
        <source>Bar width</source>
        <translation>Largeur des barres</translation>
    </message>
    <message>
        <source>Reaches in</source>
        <translation>Entre de</translation>
    </message>
    <message>
        <source>nothing, its own size</source>
        <translation>rien, sa propre taille</translation>
    </message>
    <message>
        <source>Ctrl and a click on a letter, or Alt and the arrows on the board, choose letters to be nudged.</source>
        <translation>Ctrl et un clic sur une lettre, ou Alt et les flèches sur la planche, choisissent des lettres à décaler.</translation>
    </message>
    <message>
        <source>Nudged: %1</source>
        <translation>Décalées : %1</translation>
    </message>
    <message>
        <source>Chosen: %1</source>
        <translation>Choisies : %1</translation>
    </message>
    <message>
        <source>Clear these nudges</source>
        <translation>Effacer ces décalages</translation>
    </message>
</context>
<context>
    <name>bollard::app::MainWindow</name>
    <message>
        <source>Unsaved work cannot be kept safe: %1</source>
        <translation>Le travail non enregistré ne peut pas être mis à l’abri : %1</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Fiche</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Vue</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>À plat</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>Corps</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Épreuve</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangées</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Les deux</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Unité</translation>
    </message>
    <message>
        <source>Change unit</source>
        <translation>Changer d’unité</translation>
    </message>
    <message>
        <source>Write files</source>
        <translation>Écrire les fichiers</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Tout réparer</translation>
    </message>
    <message>
        <source>These words hold fields; write them here.</source>
        <translation>Ces mots contiennent des champs ; écrivez-les ici.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Nouvelle fiche</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Ouvrir…</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Récentes</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Page d’accueil</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Enregistrer sous…</translation>
    </message>
    <message>
        <source>Keep as a starting card</source>
        <translation>Garder comme fiche de départ</translation>
    </message>
    <message>
        <source>“%1” is on the start page now.</source>
        <translation>« %1 » est maintenant sur la page d’accueil.</translation>
    </message>
    <message>
        <source>Take typefaces and the part along in the card</source>
        <translation>Emporter polices et pièce dans la fiche</translation>
    </message>
    <message>
        <source>Print at true size…</source>
        <translation>Imprimer en grandeur réelle…</translation>
    </message>
    <message>
        <source>Cut inscriptions</source>
        <translation>Couper des inscriptions</translation>
    </message>
    <message>
        <source>Copy inscriptions</source>
        <translation>Copier des inscriptions</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>Light or dark look</source>
        <translation>Aspect clair ou sombre</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Aide</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Constat suivant</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>Remédier au constat</translation>
    </message>
    <message>
        <source>Write on the board</source>
        <translation>Écrire sur la planche</translation>
    </message>
    <message>
        <source>Station %1</source>
        <translation>Poste %1</translation>
    </message>
    <message>
        <source>Send to the machine</source>
        <translation>Envoyer à la machine</translation>
    </message>
    <message>
        <source>· edited</source>
        <translation>· modifiée</translation>
    </message>
    <message>
        <source>%1[*] – Bollard</source>
        <translation>%1[*] – Bollard</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Annuler : %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rétablir : %1</translation>
    </message>
    <message>
        <source>QUAY 7</source>
        <translation>QUAI 7</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” is open in another window too. What is saved last stays.</source>
        <translation>« %1 » est ouverte aussi dans une autre fenêtre. Ce qui est enregistré en dernier reste.</translation>
    </message>
    <message>
        <source>Open a card</source>
        <translation>Ouvrir une fiche</translation>
    </message>
    <message>
        <source>Cards (*.bollard)</source>
        <translation>Fiches (*.bollard)</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Enregistrer sous un autre nom</translation>
    </message>
    <message>
        <source>Save over it</source>
        <translation>Enregistrer par-dessus</translation>
    </message>
    <message>
        <source>“%1” was changed by someone else since it was opened here.</source>
        <translation>« %1 » a été changée par quelqu’un d’autre depuis son ouverture ici.</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>Ouvrir ce qui y est</translation>
    </message>
    <message>
        <source>“%1” is open in another window too.</source>
        <translation>« %1 » est ouverte aussi dans une autre fenêtre.</translation>
    </message>
    <message>
        <source>Save the card as</source>
        <translation>Enregistrer la fiche sous</translation>
    </message>
    <message>
        <source>Replace it all the same</source>
        <translation>Remplacer quand même</translation>
    </message>
    <message>
        <source>The card carries nothing along again.</source>
        <translation>La fiche n’emporte plus rien.</translation>
    </message>
    <message>
        <source>The card takes no typeface along: those that come with Bollard are everywhere.</source>
        <translation>La fiche n’emporte aucune police : celles de Bollard sont partout.</translation>
    </message>
    <message numerus="yes">
        <source>The card takes %n typeface(s) along, %1.</source>
        <translation>
            <numerusform>La fiche emporte %n police, %1.</numerusform>
            <numerusform>La fiche emporte %n polices, %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The part&apos;s file comes along, %1.</source>
        <translation>Le fichier de la pièce vient avec, %1.</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>« %1 » a des changements non enregistrés.</translation>
    </message>
    <message>
        <source>Save them</source>
        <translation>Les enregistrer</translation>
    </message>
    <message>
        <source>Drop them</source>
        <translation>Les abandonner</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Rester ici</translation>
    </message>
    <message>
        <source>As it was before the last mend, while B is held.</source>
        <translation>Comme c’était avant le dernier remède, tant que B est tenu.</translation>
    </message>
    <message>
        <source>Open a font file</source>
        <translation>Ouvrir un fichier de police</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</source>
        <translation>Polices (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</translation>
    </message>
    <message>
        <source>Add an inscription first; then the typeface can be given to it.</source>
        <translation>Ajoutez d’abord une inscription ; la police peut alors lui être donnée.</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Choisir une police</translation>
    </message>
    <message>
        <source>Read rows</source>
        <translation>Lire des rangées</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt *.tsv)</source>
        <translation>Tableaux (*.csv *.txt *.tsv)</translation>
    </message>
    <message>
        <source>%1 has no rows: its first line names the fields, the next ones are the rows.</source>
        <translation>%1 n’a pas de rangées : sa première ligne nomme les champs, les suivantes sont les rangées.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Keep them as words</source>
        <translation>Les garder comme mots</translation>
    </message>
    <message>
        <source>A row each</source>
        <translation>Une rangée chacune</translation>
    </message>
    <message>
        <source>A row each, the first line names the fields</source>
        <translation>Une rangée chacune, la première nomme les champs</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) were pasted. They can be rows instead: one part each.</source>
        <translation>
            <numerusform>%n ligne a été collée. Elle peut être une rangée à la place.</numerusform>
            <numerusform>%n lignes ont été collées. Elles peuvent être des rangées à la place : une pièce chacune.</numerusform>
        </translation>
    </message>
    <message>
        <source>name</source>
        <translation>nom</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>champ %1</translation>
    </message>
    <message>
        <source>Take rows</source>
        <translation>Prendre des rangées</translation>
    </message>
    <message>
        <source>Read a drawing</source>
        <translation>Lire un dessin</translation>
    </message>
    <message>
        <source>Drawings (*.svg *.dxf)</source>
        <translation>Dessins (*.svg *.dxf)</translation>
    </message>
    <message>
        <source>Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg)</source>
        <translation>Dessins et images (*.svg *.dxf *.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Choose a part</source>
        <translation>Choisir une pièce</translation>
    </message>
    <message>
        <source>Parts (%1)</source>
        <translation>Pièces (%1)</translation>
    </message>
    <message>
        <source>Take a part from a file</source>
        <translation>Prendre une pièce d’un fichier</translation>
    </message>
    <message>
        <source>Click the side that words are to lie on; Escape leaves.</source>
        <translation>Cliquez la face où les mots doivent être ; Échap laisse.</translation>
    </message>
    <message>
        <source>Click the face that the print is to lie on; Escape leaves.</source>
        <translation>Cliquez la face où l’impression doit reposer ; Échap laisse.</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Changer la pose</translation>
    </message>
    <message>
        <source>Trace %1</source>
        <translation>Décalquer %1</translation>
    </message>
    <message>
        <source>“%1” does not tell its unit. What is 1 in it?</source>
        <translation>« %1 » ne dit pas son unité. Que vaut 1 dedans ?</translation>
    </message>
    <message>
        <source>1 mm</source>
        <translation>1 mm</translation>
    </message>
    <message>
        <source>1 inch</source>
        <translation>1 pouce</translation>
    </message>
    <message>
        <source>1/96 inch</source>
        <translation>1/96 de pouce</translation>
    </message>
    <message>
        <source>Reading “%1”…</source>
        <translation>Lecture de « %1 »…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Take the line from a drawing</source>
        <translation>Prendre la ligne d’un dessin</translation>
    </message>
    <message>
        <source>“%1” holds no closed shape that could be an outline.</source>
        <translation>« %1 » ne contient pas de forme fermée qui puisse être un contour.</translation>
    </message>
    <message>
        <source>Take the outline from a drawing</source>
        <translation>Prendre le contour d’un dessin</translation>
    </message>
    <message>
        <source>“%1” holds no line that could be a profile.</source>
        <translation>« %1 » ne contient pas de ligne qui puisse être un profil.</translation>
    </message>
    <message>
        <source>Take the profile from a drawing</source>
        <translation>Prendre le profil d’un dessin</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Ajouter un ornement</translation>
    </message>
    <message numerus="yes">
        <source>%n text(s), which must be turned into curves first</source>
        <translation>
            <numerusform>%n texte, à changer d’abord en courbes</numerusform>
            <numerusform>%n textes, à changer d’abord en courbes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s), dimension(s) or fill(s)</source>
        <translation>
            <numerusform>%n image, cote ou remplissage</numerusform>
            <numerusform>%n images, cotes ou remplissages</numerusform>
        </translation>
    </message>
    <message>
        <source>Left out of “%1”: %2.</source>
        <translation>Laissé de côté de « %1 » : %2.</translation>
    </message>
    <message>
        <source>Drop one drawing at a time.</source>
        <translation>Déposez un dessin à la fois.</translation>
    </message>
    <message>
        <source>“%1” is already there.</source>
        <translation>« %1 » existe déjà.</translation>
    </message>
    <message>
        <source>These are already there: %1.</source>
        <translation>Existent déjà : %1.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Le laisser</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Le remplacer</translation>
    </message>
    <message>
        <source>%1. Write it all the same?</source>
        <translation>%1. L’écrire quand même ?</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Revenir</translation>
    </message>
    <message>
        <source>Write all the same</source>
        <translation>Écrire quand même</translation>
    </message>
    <message>
        <source>The solid is still being made; try again in a moment.</source>
        <translation>Le solide est encore en cours ; réessayez dans un instant.</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Écriture…</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Written at %1: %2</source>
        <translation>Écrit à %1 : %2</translation>
    </message>
    <message>
        <source>%1. Mend it, or accept it with a reason, which the sheet then tells.</source>
        <translation>%1. Remédiez-y, ou acceptez-le avec une raison, que la fiche dira alors.</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Écrit : %1</translation>
    </message>
    <message>
        <source>There is nothing to print yet.</source>
        <translation>Il n’y a encore rien à imprimer.</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>Constats : %1</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Préférences</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Premiers pas</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Constats</translation>
    </message>
</context>
<context>
    <name>bollard::app::MisspeltRow</name>
    <message>
        <source>“%1”?</source>
        <translation>« %1 » ?</translation>
    </message>
    <message>
        <source>Write “%1” for “%2”</source>
        <translation>Écrire « %1 » au lieu de « %2 »</translation>
    </message>
    <message>
        <source>Correct the spelling</source>
        <translation>Corriger l’orthographe</translation>
    </message>
    <message>
        <source>is right</source>
        <translation>est juste</translation>
    </message>
    <message>
        <source>Keep “%1” as a word of mine</source>
        <translation>Garder « %1 » comme un mot à moi</translation>
    </message>
</context>
<context>
    <name>bollard::app::NoticeBar</name>
    <message>
        <source>Message</source>
        <translation>Message</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
</context>
<context>
    <name>bollard::app::NumberField</name>
    <message>
        <source>Between %1 and %2 %3.</source>
        <translation>Entre %1 et %2 %3.</translation>
    </message>
</context>
<context>
    <name>bollard::app::OperationsList</name>
    <message>
        <source>Operations, in the order in which they are done</source>
        <translation>Opérations, dans l’ordre où elles sont faites</translation>
    </message>
    <message>
        <source>Add operation</source>
        <translation>Ajouter une opération</translation>
    </message>
    <message>
        <source>Do it earlier</source>
        <translation>La faire plus tôt</translation>
    </message>
    <message>
        <source>Do it later</source>
        <translation>La faire plus tard</translation>
    </message>
    <message>
        <source>Take the operation away</source>
        <translation>Retirer l’opération</translation>
    </message>
    <message>
        <source>Switch an operation</source>
        <translation>Activer ou couper une opération</translation>
    </message>
    <message>
        <source>Move operation</source>
        <translation>Déplacer l’opération</translation>
    </message>
    <message>
        <source>Take operation away</source>
        <translation>Retirer l’opération</translation>
    </message>
</context>
<context>
    <name>bollard::app::OutputStation</name>
    <message>
        <source>What was written</source>
        <translation>Ce qui a été écrit</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ouvrir le dossier</translation>
    </message>
    <message>
        <source>Name of the files, without their endings</source>
        <translation>Nom des fichiers, sans leurs terminaisons</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Dossier</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>Écrire vers</translation>
    </message>
    <message>
        <source>Write what is ticked</source>
        <translation>Écrire ce qui est coché</translation>
    </message>
    <message>
        <source>Write the job sheet</source>
        <translation>Écrire la fiche d’atelier</translation>
    </message>
    <message>
        <source>The files need a name, without a slash.</source>
        <translation>Il faut aux fichiers un nom, sans barre oblique.</translation>
    </message>
    <message>
        <source>Send to the machine…</source>
        <translation>Envoyer à la machine…</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangées</translation>
    </message>
    <message>
        <source>Rows for fields in the words</source>
        <translation>Rangées pour les champs des mots</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>Counting field</source>
        <translation>Champ compteur</translation>
    </message>
    <message>
        <source>Field that counts the rows</source>
        <translation>Champ qui compte les rangées</translation>
    </message>
    <message>
        <source>Name the counting field</source>
        <translation>Nommer le champ compteur</translation>
    </message>
    <message>
        <source>Change the numbering</source>
        <translation>Changer la numérotation</translation>
    </message>
    <message>
        <source>Starts at</source>
        <translation>Commence à</translation>
    </message>
    <message>
        <source>Steps by</source>
        <translation>Par pas de</translation>
    </message>
    <message>
        <source>step</source>
        <translation>pas</translation>
    </message>
    <message>
        <source>Digits</source>
        <translation>Chiffres</translation>
    </message>
    <message>
        <source>No format is ticked.</source>
        <translation>Aucun format n’est coché.</translation>
    </message>
    <message>
        <source>Folder: %1</source>
        <translation>Dossier : %1</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n pièce</numerusform>
            <numerusform>%n pièces</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::OverlayChoice</name>
    <message>
        <source>What is laid over the letters</source>
        <translation>Ce qui est posé sur les lettres</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>simple</translation>
    </message>
    <message>
        <source>widths</source>
        <translation>largeurs</translation>
    </message>
    <message>
        <source>too narrow</source>
        <translation>trop étroit</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>morceaux</translation>
    </message>
</context>
<context>
    <name>bollard::app::PartPanel</name>
    <message>
        <source>Point at a side</source>
        <translation>Désigner une face</translation>
    </message>
    <message>
        <source>or type a place on it: x, y, z</source>
        <translation>ou tapez-y un endroit : x, y, z</translation>
    </message>
    <message>
        <source>A place on the side that words are to lie on, x, y and z</source>
        <translation>Un endroit de la face où les mots doivent être, x, y et z</translation>
    </message>
    <message>
        <source>Click the side on the body; Escape leaves.</source>
        <translation>Cliquez la face sur le corps ; Échap laisse.</translation>
    </message>
    <message>
        <source>Choose the part&apos;s file…</source>
        <translation>Choisir le fichier de la pièce…</translation>
    </message>
    <message>
        <source>File of the part</source>
        <translation>Fichier de la pièce</translation>
    </message>
    <message>
        <source>Name of side %1</source>
        <translation>Nom de la face %1</translation>
    </message>
    <message>
        <source>Each side needs a name of its own.</source>
        <translation>Chaque face a besoin d’un nom à elle.</translation>
    </message>
    <message>
        <source>Name a side</source>
        <translation>Nommer une face</translation>
    </message>
    <message>
        <source>Turn what is up on “%1”</source>
        <translation>Tourner ce qui est en haut de « %1 »</translation>
    </message>
    <message>
        <source>Turn a side</source>
        <translation>Tourner une face</translation>
    </message>
    <message>
        <source>Remove the side “%1”</source>
        <translation>Retirer la face « %1 »</translation>
    </message>
    <message>
        <source>Remove a side</source>
        <translation>Retirer une face</translation>
    </message>
    <message>
        <source>Three lengths, parted by commas: x, y, z.</source>
        <translation>Trois longueurs, séparées par des virgules : x, y, z.</translation>
    </message>
    <message>
        <source>Looking for the side…</source>
        <translation>Recherche de la face…</translation>
    </message>
    <message>
        <source>That is “%1”.</source>
        <translation>C’est « %1 ».</translation>
    </message>
    <message>
        <source>Add a side</source>
        <translation>Ajouter une face</translation>
    </message>
    <message>
        <source>“%1”: %2. Words that are written now lie on it.</source>
        <translation>« %1 » : %2. Les mots écrits maintenant y sont.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlacingStation</name>
    <message>
        <source>Words run</source>
        <translation>Les mots vont</translation>
    </message>
    <message>
        <source>What line the words stand on</source>
        <translation>Sur quelle ligne sont les mots</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Changer : %1</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Rayon</translation>
    </message>
    <message>
        <source>Read at the</source>
        <translation>Lu</translation>
    </message>
    <message>
        <source>top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>Change where words are read</source>
        <translation>Changer d’où les mots sont lus</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Lettres</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>extérieur</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>intérieur</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>Courbe</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouverte</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>fermée</translation>
    </message>
    <message>
        <source>Off the line</source>
        <translation>Hors de la ligne</translation>
    </message>
    <message>
        <source>Along the line</source>
        <translation>Le long de la ligne</translation>
    </message>
    <message>
        <source>along</source>
        <translation>en long</translation>
    </message>
    <message>
        <source>Each letter</source>
        <translation>Chaque lettre</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>tourne</translation>
    </message>
    <message>
        <source>bends</source>
        <translation>se courbe</translation>
    </message>
    <message>
        <source>Letters turn as they are, or are bent with the line</source>
        <translation>Les lettres tournent telles quelles, ou sont courbées avec la ligne</translation>
    </message>
    <message>
        <source>Point before</source>
        <translation>Point précédent</translation>
    </message>
    <message>
        <source>Next point</source>
        <translation>Point suivant</translation>
    </message>
    <message>
        <source>Add point</source>
        <translation>Ajouter un point</translation>
    </message>
    <message>
        <source>Add a point after this one</source>
        <translation>Ajouter un point après celui-ci</translation>
    </message>
    <message>
        <source>Add a point</source>
        <translation>Ajouter un point</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>Remove this point</source>
        <translation>Retirer ce point</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>Retirer un point</translation>
    </message>
    <message>
        <source>From file…</source>
        <translation>D’un fichier…</translation>
    </message>
    <message>
        <source>Take the line from an SVG or DXF drawing</source>
        <translation>Prendre la ligne d’un dessin SVG ou DXF</translation>
    </message>
    <message>
        <source>Numbers of the chosen point</source>
        <translation>Nombres du point choisi</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Point</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>coin</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>lisse</translation>
    </message>
    <message>
        <source>Change a point</source>
        <translation>Changer un point</translation>
    </message>
    <message>
        <source>Move a point</source>
        <translation>Déplacer un point</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>Point en travers</translation>
    </message>
    <message>
        <source>Point up</source>
        <translation>Point en haut</translation>
    </message>
    <message>
        <source>up</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>Handle before, across</source>
        <translation>Poignée avant, en travers</translation>
    </message>
    <message>
        <source>Handle before, up</source>
        <translation>Poignée avant, en haut</translation>
    </message>
    <message>
        <source>Handle after, across</source>
        <translation>Poignée après, en travers</translation>
    </message>
    <message>
        <source>Handle after, up</source>
        <translation>Poignée après, en haut</translation>
    </message>
    <message>
        <source>Move a handle</source>
        <translation>Déplacer une poignée</translation>
    </message>
    <message>
        <source>Anchor</source>
        <translation>Ancre</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>au centre</translation>
    </message>
    <message>
        <source>right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>Anchor: %1</source>
        <translation>Ancre : %1</translation>
    </message>
    <message>
        <source>Hold the words at their %1</source>
        <translation>Tenir les mots par : %1</translation>
    </message>
    <message>
        <source>Change anchor</source>
        <translation>Changer l’ancre</translation>
    </message>
    <message>
        <source>Across, x</source>
        <translation>En travers, x</translation>
    </message>
    <message>
        <source>Up, y</source>
        <translation>En haut, y</translation>
    </message>
    <message>
        <source>up, y</source>
        <translation>en haut, y</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Rotation</translation>
    </message>
    <message>
        <source>Words read</source>
        <translation>Lecture des mots</translation>
    </message>
    <message>
        <source>From where the words are read</source>
        <translation>D’où les mots sont lus</translation>
    </message>
    <message>
        <source>Change reading side</source>
        <translation>Changer le côté de lecture</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Répartis</translation>
    </message>
    <message>
        <source>Whether letters or words go one by one to facets</source>
        <translation>Si lettres ou mots vont un à un aux facettes</translation>
    </message>
    <message>
        <source>Change what goes to each facet</source>
        <translation>Changer ce qui va à chaque facette</translation>
    </message>
    <message>
        <source>on in a row</source>
        <translation>à la suite, en rang</translation>
    </message>
    <message>
        <source>a letter to each facet</source>
        <translation>une lettre par facette</translation>
    </message>
    <message>
        <source>a word to each facet</source>
        <translation>un mot par facette</translation>
    </message>
    <message>
        <source>Whether letters narrow as the side does or keep their shape</source>
        <translation>Si les lettres se resserrent comme la face ou gardent leur forme</translation>
    </message>
    <message>
        <source>Change the shape of letters</source>
        <translation>Changer la forme des lettres</translation>
    </message>
    <message>
        <source>narrow towards the ends</source>
        <translation>se resserrent vers les bouts</translation>
    </message>
    <message>
        <source>keep their shape</source>
        <translation>gardent leur forme</translation>
    </message>
    <message>
        <source>Each turned by</source>
        <translation>Chacun tourné de</translation>
    </message>
    <message>
        <source>Parts round</source>
        <translation>Parties autour</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Face</translation>
    </message>
    <message>
        <source>Side of the blank that the words lie on</source>
        <translation>Face du brut où sont les mots</translation>
    </message>
    <message>
        <source>Change side</source>
        <translation>Changer de face</translation>
    </message>
    <message>
        <source>Centre on the side</source>
        <translation>Centrer sur la face</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Marge</translation>
    </message>
    <message>
        <source>Change margin</source>
        <translation>Changer la marge</translation>
    </message>
    <message>
        <source>as wide as they are</source>
        <translation>aussi larges qu’ils sont</translation>
    </message>
    <message>
        <source>down to %1 % width</source>
        <translation>jusqu’à %1 % de largeur</translation>
    </message>
    <message>
        <source>Squeezed</source>
        <translation>Serré</translation>
    </message>
    <message>
        <source>How narrow letters may be made to fit</source>
        <translation>Combien les lettres peuvent être resserrées pour tenir</translation>
    </message>
    <message>
        <source>Largest that fits</source>
        <translation>La plus grande qui tient</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Ranger</translation>
    </message>
    <message>
        <source>the blank</source>
        <translation>le brut</translation>
    </message>
    <message>
        <source>the margin</source>
        <translation>la marge</translation>
    </message>
    <message>
        <source>the one chosen last</source>
        <translation>la dernière choisie</translation>
    </message>
    <message>
        <source>In line with</source>
        <translation>Aligné avec</translation>
    </message>
    <message>
        <source>What the inscriptions are put in line with</source>
        <translation>Avec quoi les inscriptions sont alignées</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>milieu</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>réparties en travers</translation>
    </message>
    <message>
        <source>spread up</source>
        <translation>réparties en haut</translation>
    </message>
    <message>
        <source>Arrange: %1</source>
        <translation>Ranger : %1</translation>
    </message>
    <message>
        <source>Same size as the last</source>
        <translation>Même taille que la dernière</translation>
    </message>
    <message>
        <source>Same size</source>
        <translation>Même taille</translation>
    </message>
    <message>
        <source>Put the seam across from these words</source>
        <translation>Mettre la couture à l’opposé de ces mots</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Déplacer la couture</translation>
    </message>
    <message>
        <source>Copy this side to the others</source>
        <translation>Copier cette face sur les autres</translation>
    </message>
    <message>
        <source>Copy a side to the others</source>
        <translation>Copier une face sur les autres</translation>
    </message>
    <message>
        <source>Shift and a click, on the board or a slip, chooses several.</source>
        <translation>Maj et un clic, sur la planche ou une fichette, en choisit plusieurs.</translation>
    </message>
    <message>
        <source>Change the line of the words</source>
        <translation>Changer la ligne des mots</translation>
    </message>
    <message>
        <source>No size fits here: the anchor lies outside the margin, or there is no blank.</source>
        <translation>Aucune taille ne tient ici : l’ancre est hors de la marge, ou il n’y a pas de brut.</translation>
    </message>
    <message>
        <source>The words changed meanwhile; nothing was done.</source>
        <translation>Les mots ont changé entre-temps ; rien n’a été fait.</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>Défaire le groupe</translation>
    </message>
    <message>
        <source>Make a group</source>
        <translation>Faire un groupe</translation>
    </message>
    <message>
        <source>point %1 of %2</source>
        <translation>point %1 sur %2</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 points</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanCanvas</name>
    <message>
        <source>Plus and minus zoom; Home shows all of it.</source>
        <translation>Plus et moins zooment ; Origine montre tout.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanPanel</name>
    <message>
        <source>The part with all mends made</source>
        <translation>La pièce avec tous les remèdes</translation>
    </message>
    <message>
        <source>Mend all of it</source>
        <translation>Tout réparer ainsi</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>La laisser telle quelle</translation>
    </message>
    <message>
        <source>Mends are tried, one after the other…</source>
        <translation>Les remèdes sont essayés, l’un après l’autre…</translation>
    </message>
    <message>
        <source>Nothing stops.</source>
        <translation>Rien ne fait obstacle.</translation>
    </message>
    <message>
        <source>With this nothing stops any more:</source>
        <translation>Avec cela, plus rien ne fait obstacle :</translation>
    </message>
    <message>
        <source>What stops cannot be mended here:</source>
        <translation>Ce qui fait obstacle ne peut être réparé ici :</translation>
    </message>
    <message>
        <source>Some of it can be mended, not all:</source>
        <translation>Une partie peut être réparée, pas tout :</translation>
    </message>
    <message>
        <source>Still stops: %1, %2</source>
        <translation>Reste un obstacle : %1, %2</translation>
    </message>
    <message>
        <source>No mend is known for it.</source>
        <translation>On n’y connaît pas de remède.</translation>
    </message>
    <message>
        <source>Tried in vain: %1.</source>
        <translation>Essayé en vain : %1.</translation>
    </message>
    <message>
        <source>Mend what can be mended</source>
        <translation>Réparer ce qui peut l’être</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Tout réparer</translation>
    </message>
</context>
<context>
    <name>bollard::app::PreferencesPanel</name>
    <message>
        <source>As the system</source>
        <translation>Comme le système</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aspect</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Comme le bureau</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Clair</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Sombre</translation>
    </message>
    <message>
        <source>High contrast, light</source>
        <translation>Fort contraste, clair</translation>
    </message>
    <message>
        <source>High contrast, dark</source>
        <translation>Fort contraste, sombre</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Taille du texte</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Unité des fiches nouvelles</translation>
    </message>
    <message>
        <source>Begins with</source>
        <translation>Commence par</translation>
    </message>
    <message>
        <source>The start page</source>
        <translation>La page d’accueil</translation>
    </message>
    <message>
        <source>The card of last time</source>
        <translation>La fiche de la dernière fois</translation>
    </message>
    <message>
        <source>Only when you say so</source>
        <translation>Seulement si vous le dites</translation>
    </message>
    <message numerus="yes">
        <source>%n minute(s) after a change</source>
        <translation>
            <numerusform>%n minute après un changement</numerusform>
            <numerusform>%n minutes après un changement</numerusform>
        </translation>
    </message>
    <message>
        <source>Saves a card</source>
        <translation>Enregistre une fiche</translation>
    </message>
    <message>
        <source>Files go</source>
        <translation>Les fichiers vont</translation>
    </message>
    <message>
        <source>Beside the card</source>
        <translation>À côté de la fiche</translation>
    </message>
    <message>
        <source>Where files go</source>
        <translation>Où vont les fichiers</translation>
    </message>
    <message>
        <source>Where Bollard keeps its data</source>
        <translation>Où Bollard garde ses données</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ouvrir le dossier</translation>
    </message>
    <message>
        <source>beside the card</source>
        <translation>à côté de la fiche</translation>
    </message>
    <message>
        <source>Files go: %1</source>
        <translation>Les fichiers vont : %1</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>Oublier %1</translation>
    </message>
    <message>
        <source>Limits, machines and tools of your own</source>
        <translation>Limites, machines et outils à vous</translation>
    </message>
    <message>
        <source>Limits: %1</source>
        <translation>Limites : %1</translation>
    </message>
    <message>
        <source>Machine: %1</source>
        <translation>Machine : %1</translation>
    </message>
    <message>
        <source>Tool: %1</source>
        <translation>Outil : %1</translation>
    </message>
    <message>
        <source>None yet. “Keep as” in Process keeps them for all cards.</source>
        <translation>Aucun encore. « Garder sous » dans Procédé les garde pour toutes les fiches.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProcessStation</name>
    <message>
        <source>Cutting</source>
        <translation>Coupe</translation>
    </message>
    <message>
        <source>Tool of the rack for the operation</source>
        <translation>Outil du râtelier pour l’opération</translation>
    </message>
    <message>
        <source>From the rack</source>
        <translation>Du râtelier</translation>
    </message>
    <message>
        <source>Change tool</source>
        <translation>Changer d’outil</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Outil</translation>
    </message>
    <message>
        <source>Tool of the operation</source>
        <translation>Outil de l’opération</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Diamètre</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Angle</translation>
    </message>
    <message>
        <source>Flat of the tip</source>
        <translation>Plat de la pointe</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Trait de coupe</translation>
    </message>
    <message>
        <source>Cuts as deep as</source>
        <translation>Coupe profond de</translation>
    </message>
    <message>
        <source>as designed</source>
        <translation>comme dessiné</translation>
    </message>
    <message>
        <source>all at once, or the rack&apos;s</source>
        <translation>d’un coup, ou du râtelier</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>calculé</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>the rack&apos;s</source>
        <translation>du râtelier</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Profondeur</translation>
    </message>
    <message>
        <source>Deepest</source>
        <translation>Au plus profond</translation>
    </message>
    <message>
        <source>At a time</source>
        <translation>À la fois</translation>
    </message>
    <message>
        <source>Step over</source>
        <translation>Pas latéral</translation>
    </message>
    <message>
        <source>Tabs</source>
        <translation>Attaches</translation>
    </message>
    <message>
        <source>A tab every</source>
        <translation>Une attache tous les</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Plongée</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Vitesse</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Dégagement</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>Entrée</translation>
    </message>
    <message>
        <source>The way into the cut</source>
        <translation>Le chemin dans la coupe</translation>
    </message>
    <message>
        <source>Change lead</source>
        <translation>Changer l’entrée</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>droit</translation>
    </message>
    <message>
        <source>in an arc</source>
        <translation>en arc</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>Longueur d’entrée</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>Descend</translation>
    </message>
    <message>
        <source>How the tool goes down into full material</source>
        <translation>Comment l’outil descend en pleine matière</translation>
    </message>
    <message>
        <source>Change the way down</source>
        <translation>Changer la descente</translation>
    </message>
    <message>
        <source>along the way</source>
        <translation>le long du chemin</translation>
    </message>
    <message>
        <source>in circles</source>
        <translation>en cercles</translation>
    </message>
    <message>
        <source>In straight ways side by side</source>
        <translation>En passes droites côte à côte</translation>
    </message>
    <message>
        <source>Only what wider tools left</source>
        <translation>Seulement ce qu’ont laissé des outils plus larges</translation>
    </message>
    <message>
        <source>Letter by letter, as it is read</source>
        <translation>Lettre par lettre, comme on lit</translation>
    </message>
    <message>
        <source>On the back</source>
        <translation>À l’arrière</translation>
    </message>
    <message>
        <source>From</source>
        <translation>De</translation>
    </message>
    <message>
        <source>To</source>
        <translation>À</translation>
    </message>
    <message>
        <source>Scallop</source>
        <translation>Crête</translation>
    </message>
    <message>
        <source>Ways</source>
        <translation>Passes</translation>
    </message>
    <message>
        <source>Which way the raster goes</source>
        <translation>Dans quel sens va la trame</translation>
    </message>
    <message>
        <source>Change the way of the raster</source>
        <translation>Changer le sens de la trame</translation>
    </message>
    <message>
        <source>along the bar</source>
        <translation>le long de la barre</translation>
    </message>
    <message>
        <source>round it</source>
        <translation>autour d’elle</translation>
    </message>
    <message>
        <source>All ways the same way</source>
        <translation>Toutes les passes dans le même sens</translation>
    </message>
    <message>
        <source>Depth along</source>
        <translation>Profondeur selon</translation>
    </message>
    <message>
        <source>How depths are measured from above</source>
        <translation>Comment les profondeurs se mesurent de dessus</translation>
    </message>
    <message>
        <source>Change how depths are measured</source>
        <translation>Changer la mesure des profondeurs</translation>
    </message>
    <message>
        <source>the side&apos;s normal</source>
        <translation>la normale de la face</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>Stock margin</source>
        <translation>Marge de matière</translation>
    </message>
    <message>
        <source>Stock thickness</source>
        <translation>Épaisseur de matière</translation>
    </message>
    <message>
        <source>as thick as the blank</source>
        <translation>aussi épais que le brut</translation>
    </message>
    <message>
        <source>Bar across</source>
        <translation>Barre en travers</translation>
    </message>
    <message>
        <source>as the blank</source>
        <translation>comme le brut</translation>
    </message>
    <message>
        <source>Bar length</source>
        <translation>Longueur de barre</translation>
    </message>
    <message>
        <source>Bar before</source>
        <translation>Barre avant</translation>
    </message>
    <message>
        <source>as it is held</source>
        <translation>comme elle est tenue</translation>
    </message>
    <message>
        <source>Chuck</source>
        <translation>Mandrin</translation>
    </message>
    <message>
        <source>Which end of the bar the chuck holds</source>
        <translation>Quel bout de la barre tient le mandrin</translation>
    </message>
    <message>
        <source>Change the chuck</source>
        <translation>Changer le mandrin</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>au début</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>à la fin</translation>
    </message>
    <message>
        <source>Chuck reaches</source>
        <translation>Prise du mandrin</translation>
    </message>
    <message>
        <source>Where the machine&apos;s zero lies on the stock</source>
        <translation>Où est l’origine de la machine sur la matière</translation>
    </message>
    <message>
        <source>Zero at</source>
        <translation>Origine à</translation>
    </message>
    <message>
        <source>Move the zero</source>
        <translation>Déplacer l’origine</translation>
    </message>
    <message>
        <source>Zero on</source>
        <translation>Origine sur</translation>
    </message>
    <message>
        <source>At what height the machine&apos;s zero lies</source>
        <translation>À quelle hauteur est l’origine de la machine</translation>
    </message>
    <message>
        <source>Machine that cuts it</source>
        <translation>Machine qui coupe</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Machine</translation>
    </message>
    <message>
        <source>Fastest in the air</source>
        <translation>Au plus vite en l’air</translation>
    </message>
    <message>
        <source>Fastest cut</source>
        <translation>Coupe la plus rapide</translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation>Accélération</translation>
    </message>
    <message>
        <source>Spindle from</source>
        <translation>Broche de</translation>
    </message>
    <message>
        <source>Spindle to</source>
        <translation>Broche à</translation>
    </message>
    <message>
        <source>Reaches along x</source>
        <translation>Course selon x</translation>
    </message>
    <message>
        <source>Reaches along y</source>
        <translation>Course selon y</translation>
    </message>
    <message>
        <source>Reaches along z</source>
        <translation>Course selon z</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>non dit</translation>
    </message>
    <message>
        <source>Rotary axis</source>
        <translation>Axe rotatif</translation>
    </message>
    <message>
        <source>The axis that turns the bar</source>
        <translation>L’axe qui tourne la barre</translation>
    </message>
    <message>
        <source>Change the rotary axis</source>
        <translation>Changer l’axe rotatif</translation>
    </message>
    <message>
        <source>none: from above</source>
        <translation>aucun : de dessus</translation>
    </message>
    <message>
        <source>Bar along</source>
        <translation>Barre selon</translation>
    </message>
    <message>
        <source>Which axis of the machine the bar lies along</source>
        <translation>Selon quel axe de la machine est la barre</translation>
    </message>
    <message>
        <source>Lay the bar otherwise</source>
        <translation>Poser la barre autrement</translation>
    </message>
    <message>
        <source>Feeds by</source>
        <translation>Avance par</translation>
    </message>
    <message>
        <source>How feeds are told of moves that turn</source>
        <translation>Comment se dit l’avance des déplacements qui tournent</translation>
    </message>
    <message>
        <source>Change how feeds are told</source>
        <translation>Changer comment se dit l’avance</translation>
    </message>
    <message>
        <source>time</source>
        <translation>temps</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>degrés</translation>
    </message>
    <message>
        <source>Turns at most</source>
        <translation>Tourne au plus</translation>
    </message>
    <message>
        <source>Turns from</source>
        <translation>Tourne de</translation>
    </message>
    <message>
        <source>Turns to</source>
        <translation>Tourne à</translation>
    </message>
    <message>
        <source>How files for the machine are written</source>
        <translation>Comment s’écrivent les fichiers pour la machine</translation>
    </message>
    <message>
        <source>Files with</source>
        <translation>Fichiers en</translation>
    </message>
    <message>
        <source>Change dialect</source>
        <translation>Changer de dialecte</translation>
    </message>
    <message>
        <source>A file for each tool</source>
        <translation>Un fichier par outil</translation>
    </message>
    <message>
        <source>And a file that runs round it in the air</source>
        <translation>Et un fichier qui fait le tour en l’air</translation>
    </message>
    <message>
        <source>a name of your own</source>
        <translation>un nom à vous</translation>
    </message>
    <message>
        <source>Kept. It is in the list for every card.</source>
        <translation>Gardé. C’est dans la liste pour toute fiche.</translation>
    </message>
    <message>
        <source>Keep tool as</source>
        <translation>Garder l’outil sous</translation>
    </message>
    <message>
        <source>Name to keep this tool under</source>
        <translation>Nom sous lequel garder cet outil</translation>
    </message>
    <message>
        <source>Name the tool</source>
        <translation>Nommer l’outil</translation>
    </message>
    <message>
        <source>Keep machine as</source>
        <translation>Garder la machine sous</translation>
    </message>
    <message>
        <source>Name to keep this machine under</source>
        <translation>Nom sous lequel garder cette machine</translation>
    </message>
    <message>
        <source>Name the machine</source>
        <translation>Nommer la machine</translation>
    </message>
    <message>
        <source>Change machine</source>
        <translation>Changer de machine</translation>
    </message>
    <message>
        <source>as told below</source>
        <translation>comme dit dessous</translation>
    </message>
    <message>
        <source>Lying and layers</source>
        <translation>Pose et couches</translation>
    </message>
    <message>
        <source>What the print lies on</source>
        <translation>Sur quoi repose l’impression</translation>
    </message>
    <message>
        <source>as it is drawn</source>
        <translation>comme dessinée</translation>
    </message>
    <message>
        <source>Lies on</source>
        <translation>Repose sur</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Changer la pose</translation>
    </message>
    <message>
        <source>Point at a face</source>
        <translation>Désigner une face</translation>
    </message>
    <message>
        <source>Point at the face that the print is to lie on</source>
        <translation>Désigner la face où l’impression doit reposer</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Tournée sur le plateau</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Procédé</translation>
    </message>
    <message>
        <source>Change whether it is worn</source>
        <translation>Changer si c’est porté</translation>
    </message>
    <message>
        <source>Limits for the selected words; below the first number it stops</source>
        <translation>Limites pour les mots choisis ; sous le premier nombre, c’est un obstacle</translation>
    </message>
    <message>
        <source>Limits from the process again</source>
        <translation>De nouveau les limites du procédé</translation>
    </message>
    <message>
        <source>Limits from the process</source>
        <translation>Limites du procédé</translation>
    </message>
    <message>
        <source>Name to keep this process under</source>
        <translation>Nom sous lequel garder ce procédé</translation>
    </message>
    <message>
        <source>Keep as</source>
        <translation>Garder sous</translation>
    </message>
    <message>
        <source>Keep for other cards</source>
        <translation>Garder pour d’autres fiches</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Changer une limite</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>surveiller</translation>
    </message>
    <message>
        <source>Change process</source>
        <translation>Changer de procédé</translation>
    </message>
    <message>
        <source>Kept. It is in the list above for every card.</source>
        <translation>Gardé. C’est dans la liste ci-dessus pour toute fiche.</translation>
    </message>
    <message>
        <source>Name the process</source>
        <translation>Nommer le procédé</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>Oublier %1</translation>
    </message>
    <message>
        <source>%1, watch</source>
        <translation>%1, surveiller</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileCanvas</name>
    <message>
        <source>Profile of the turned blank</source>
        <translation>Profil du brut tourné</translation>
    </message>
    <message>
        <source>Drag points; double click puts one in. Keys: Page Up and Down choose a point, arrows move it, S makes it smooth or a corner, Delete takes it away.</source>
        <translation>Tirez les points ; un double clic en met un. Touches : Page haut et bas choisissent un point, les flèches le déplacent, S le rend lisse ou en fait un coin, Suppr le retire.</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Déplacer un point du profil</translation>
    </message>
    <message>
        <source>Add a point to the profile</source>
        <translation>Ajouter un point au profil</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Changer un point du profil</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Retirer un point du profil</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileEditor</name>
    <message>
        <source>Profile from SVG or DXF…</source>
        <translation>Profil de SVG ou DXF…</translation>
    </message>
    <message>
        <source>Profile point %1, %2</source>
        <translation>Point %1 du profil, %2</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Déplacer un point du profil</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>lisse</translation>
    </message>
    <message>
        <source>Profile point %1, smooth</source>
        <translation>Point %1 du profil, lisse</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Changer un point du profil</translation>
    </message>
    <message>
        <source>Remove profile point %1</source>
        <translation>Retirer le point %1 du profil</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Retirer un point du profil</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofCanvas</name>
    <message>
        <source>Proof: the stock after the moves so far</source>
        <translation>Épreuve : la matière après les déplacements faits</translation>
    </message>
    <message>
        <source>Nothing to prove yet: give the card an operation in Process, or letters that its process cuts.</source>
        <translation>Encore rien à éprouver : donnez à la fiche une opération sous Procédé, ou des lettres que son procédé coupe.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofView</name>
    <message>
        <source>Lines of the program</source>
        <translation>Lignes du programme</translation>
    </message>
    <message>
        <source>One move back</source>
        <translation>Un déplacement en arrière</translation>
    </message>
    <message>
        <source>One move on</source>
        <translation>Un déplacement en avant</translation>
    </message>
    <message>
        <source>How many moves have been made</source>
        <translation>Combien de déplacements sont faits</translation>
    </message>
    <message>
        <source>Front</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Arrière</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Jouer</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Fin</translation>
    </message>
    <message>
        <source>To the last move</source>
        <translation>Au dernier déplacement</translation>
    </message>
    <message>
        <source>Writing the program and proving it…</source>
        <translation>Écriture et épreuve du programme…</translation>
    </message>
    <message>
        <source>No program: nothing is cut.</source>
        <translation>Pas de programme : rien n’est coupé.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>gouged</source>
        <translation>entamé</translation>
    </message>
    <message>
        <source>left</source>
        <translation>laissé</translation>
    </message>
    <message>
        <source>out of the tools&apos; reach</source>
        <translation>hors de portée des outils</translation>
    </message>
    <message>
        <source>cuts beside the stock</source>
        <translation>coupe à côté de la matière</translation>
    </message>
    <message numerus="yes">
        <source>%n loose piece(s)</source>
        <translation>
            <numerusform>%n morceau détaché</numerusform>
            <numerusform>%n morceaux détachés</numerusform>
        </translation>
    </message>
    <message>
        <source>then the part</source>
        <translation>puis la pièce</translation>
    </message>
    <message>
        <source>Move a tab</source>
        <translation>Déplacer une attache</translation>
    </message>
    <message>
        <source>Move where a cut begins</source>
        <translation>Déplacer le début d’une coupe</translation>
    </message>
    <message>
        <source>move %1 of %2 · line %3 · %4 · x %5  y %6  z %7</source>
        <translation>déplacement %1 sur %2 · ligne %3 · %4 · x %5  y %6  z %7</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>en l’air</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>coupe</translation>
    </message>
    <message>
        <source>before the first move</source>
        <translation>avant le premier déplacement</translation>
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
        <translation>Fiche sans nom</translation>
    </message>
</context>
<context>
    <name>bollard::app::RouteCard</name>
    <message>
        <source>Route card</source>
        <translation>Fiche suiveuse</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Brut</translation>
    </message>
    <message>
        <source>Lettering</source>
        <translation>Lettrage</translation>
    </message>
    <message>
        <source>Placing</source>
        <translation>Placement</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Façon</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Procédé</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Sortie</translation>
    </message>
    <message>
        <source>no format ticked</source>
        <translation>aucun format coché</translation>
    </message>
    <message>
        <source>nothing to work</source>
        <translation>rien à travailler</translation>
    </message>
    <message>
        <source>%1; row %2 of %3</source>
        <translation>%1 ; rangée %2 sur %3</translation>
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
        <translation>Montrer la rangée précédente</translation>
    </message>
    <message>
        <source>Show the next row</source>
        <translation>Montrer la rangée suivante</translation>
    </message>
    <message>
        <source>Rows; the first line names the fields</source>
        <translation>Rangées ; la première ligne nomme les champs</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>Ajouter une rangée</translation>
    </message>
    <message>
        <source>Add field</source>
        <translation>Ajouter un champ</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Retirer une rangée</translation>
    </message>
    <message>
        <source>Remove field</source>
        <translation>Retirer un champ</translation>
    </message>
    <message>
        <source>Read rows from a CSV file…</source>
        <translation>Lire des rangées d’un fichier CSV…</translation>
    </message>
    <message>
        <source>field</source>
        <translation>champ</translation>
    </message>
    <message>
        <source>Row %1 of %2 is shown</source>
        <translation>La rangée %1 sur %2 est montrée</translation>
    </message>
    <message>
        <source>No rows: write {field} in the words to fill it from a row.</source>
        <translation>Pas de rangées : écrivez {field} dans les mots pour le remplir d’une rangée.</translation>
    </message>
    <message>
        <source>Rename field</source>
        <translation>Renommer un champ</translation>
    </message>
    <message>
        <source>Change row</source>
        <translation>Changer une rangée</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nom</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>champ %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SectionStrip</name>
    <message>
        <source>Section along the line</source>
        <translation>Coupe le long de la ligne</translation>
    </message>
    <message>
        <source>Section along the line, to scale; Esc puts it away</source>
        <translation>Coupe le long de la ligne, à l’échelle ; Échap la range</translation>
    </message>
    <message>
        <source>The line crosses no material.</source>
        <translation>La ligne ne croise pas de matière.</translation>
    </message>
</context>
<context>
    <name>bollard::app::SendPanel</name>
    <message>
        <source>Serial port or local socket of the controller</source>
        <translation>Port série ou socket local de la commande</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Appareil</translation>
    </message>
    <message>
        <source>How the controller is talked to</source>
        <translation>Comment on parle à la commande</translation>
    </message>
    <message>
        <source>Protocol</source>
        <translation>Protocole</translation>
    </message>
    <message>
        <source>Run round it in the air first</source>
        <translation>En faire d’abord le tour en l’air</translation>
    </message>
    <message>
        <source>Send the program</source>
        <translation>Envoyer le programme</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Retenir</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>How much is confirmed</source>
        <translation>Combien est confirmé</translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation>Ce qu’il en est advenu</translation>
    </message>
    <message>
        <source>The card is still being made; try again in a moment.</source>
        <translation>La fiche est encore en cours ; réessayez dans un instant.</translation>
    </message>
    <message>
        <source>%1. Mend it before it is sent.</source>
        <translation>%1. Remédiez-y avant l’envoi.</translation>
    </message>
    <message>
        <source>Writing the program…</source>
        <translation>Écriture du programme…</translation>
    </message>
    <message>
        <source>No protocol is chosen.</source>
        <translation>Aucun protocole n’est choisi.</translation>
    </message>
    <message>
        <source>It runs round the work in the air.</source>
        <translation>Elle fait le tour de l’ouvrage en l’air.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Waiting for the controller…</source>
        <translation>Attente de la commande…</translation>
    </message>
    <message>
        <source>Line %1; %2 of %3 confirmed</source>
        <translation>Ligne %1 ; %2 sur %3 confirmées</translation>
    </message>
    <message>
        <source>%1 of %2 at full feed</source>
        <translation>%1 sur %2 à pleine avance</translation>
    </message>
    <message>
        <source>Sent to “%1”: all %2 lines are confirmed.</source>
        <translation>Envoyé à « %1 » : les %2 lignes sont toutes confirmées.</translation>
    </message>
    <message>
        <source>Stopped. The last line that was confirmed is %1.</source>
        <translation>Arrêté. La dernière ligne confirmée est %1.</translation>
    </message>
    <message>
        <source>Go on from a safe line before %1</source>
        <translation>Continuer d’une ligne sûre avant %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SeriesView</name>
    <message>
        <source>waits</source>
        <translation>attend</translation>
    </message>
    <message>
        <source>%1; its own</source>
        <translation>%1 ; à part</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Rangées de la fiche</translation>
    </message>
    <message>
        <source>What is shown of the rows</source>
        <translation>Ce qui est montré des rangées</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangées</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Feuilles</translation>
    </message>
    <message>
        <source>Order of the rows</source>
        <translation>Ordre des rangées</translation>
    </message>
    <message>
        <source>as they come</source>
        <translation>comme elles viennent</translation>
    </message>
    <message>
        <source>worst first</source>
        <translation>les pires d’abord</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>Sheet width</source>
        <translation>Largeur de feuille</translation>
    </message>
    <message>
        <source>Sheet height</source>
        <translation>Hauteur de feuille</translation>
    </message>
    <message>
        <source>Between parts</source>
        <translation>Entre les pièces</translation>
    </message>
    <message>
        <source>At the edge</source>
        <translation>Au bord</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Copies de chaque</translation>
    </message>
    <message>
        <source>How parts may be turned on sheets</source>
        <translation>Comment les pièces peuvent être tournées sur les feuilles</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>pas du tout</translation>
    </message>
    <message>
        <source>half round</source>
        <translation>d’un demi-tour</translation>
    </message>
    <message>
        <source>by quarters</source>
        <translation>par quarts</translation>
    </message>
    <message>
        <source>any way</source>
        <translation>à volonté</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Tournées</translation>
    </message>
    <message>
        <source>Rows that are done</source>
        <translation>Rangées faites</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Make a row like the others</source>
        <translation>Rendre une rangée comme les autres</translation>
    </message>
    <message>
        <source>What kind of files is written</source>
        <translation>Quel genre de fichiers est écrit</translation>
    </message>
    <message>
        <source>Written as</source>
        <translation>Écrit en</translation>
    </message>
    <message>
        <source>Let stop findings pass</source>
        <translation>Laisser passer les obstacles</translation>
    </message>
    <message>
        <source>Write the sheets</source>
        <translation>Écrire les feuilles</translation>
    </message>
    <message>
        <source>Write the rows</source>
        <translation>Écrire les rangées</translation>
    </message>
    <message>
        <source>%1 of %2 made</source>
        <translation>%1 sur %2 faites</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s)</source>
        <translation>
            <numerusform>%n rangée</numerusform>
            <numerusform>%n rangées</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stop(s)</source>
        <translation>
            <numerusform>%n avec obstacle</numerusform>
            <numerusform>%n avec obstacle</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to watch</source>
        <translation>
            <numerusform>%n à surveiller</numerusform>
            <numerusform>%n à surveiller</numerusform>
        </translation>
    </message>
    <message>
        <source>Laying them on sheets…</source>
        <translation>Pose sur les feuilles…</translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>%n feuille</numerusform>
            <numerusform>%n feuilles</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) larger than a sheet</source>
        <translation>
            <numerusform>%n pièce est plus grande qu’une feuille</numerusform>
            <numerusform>%n pièces sont plus grandes qu’une feuille</numerusform>
        </translation>
    </message>
    <message>
        <source>Rows that stop are left out.</source>
        <translation>Les rangées avec obstacle sont laissées de côté.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Make row %1 like the others</source>
        <translation>Rendre la rangée %1 comme les autres</translation>
    </message>
    <message>
        <source>-sheets</source>
        <translation>-feuilles</translation>
    </message>
    <message>
        <source>-rows</source>
        <translation>-rangees</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Écriture…</translation>
    </message>
    <message>
        <source>Stopped; the next time it goes on from there.</source>
        <translation>Arrêté ; la prochaine fois, cela reprend de là.</translation>
    </message>
    <message>
        <source>%1 made, %2 there already, %3 that stop, %4 failed, in “%5”.</source>
        <translation>%1 faites, %2 déjà là, %3 avec obstacle, %4 manquées, dans « %5 ».</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Row %1: %2</source>
        <translation>Rangée %1 : %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::SheetCanvas</name>
    <message>
        <source>Sheets with the parts on them</source>
        <translation>Feuilles avec les pièces dessus</translation>
    </message>
    <message>
        <source>Left and right choose a part; plus and minus zoom; Home shows all sheets.</source>
        <translation>Gauche et droite choisissent une pièce ; plus et moins zooment ; Origine montre toutes les feuilles.</translation>
    </message>
    <message>
        <source>Sheet %1, %2 % full</source>
        <translation>Feuille %1, pleine à %2 %</translation>
    </message>
</context>
<context>
    <name>bollard::app::SideChoice</name>
    <message>
        <source>Side of the blank</source>
        <translation>Face du brut</translation>
    </message>
</context>
<context>
    <name>bollard::app::Slips</name>
    <message>
        <source>Inscriptions</source>
        <translation>Inscriptions</translation>
    </message>
    <message>
        <source>Add inscription</source>
        <translation>Ajouter une inscription</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Ajouter un ornement</translation>
    </message>
    <message>
        <source>artwork from a file…</source>
        <translation>motif d’un fichier…</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Copier l’inscription</translation>
    </message>
    <message>
        <source>Move inscription up</source>
        <translation>Monter l’inscription</translation>
    </message>
    <message>
        <source>Move inscription down</source>
        <translation>Descendre l’inscription</translation>
    </message>
    <message>
        <source>Hide or show inscription</source>
        <translation>Cacher ou montrer l’inscription</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Supprimer l’inscription</translation>
    </message>
    <message>
        <source>new words</source>
        <translation>nouveaux mots</translation>
    </message>
</context>
<context>
    <name>bollard::app::StartPage</name>
    <message>
        <source>Berth sign, raised and sunk</source>
        <translation>Panneau de poste, en relief et en creux</translation>
    </message>
    <message>
        <source>Valve tag, cut right through</source>
        <translation>Étiquette de vanne, découpée</translation>
    </message>
    <message>
        <source>Free-standing word</source>
        <translation>Mot libre</translation>
    </message>
    <message>
        <source>Mooring ring, words all round</source>
        <translation>Anneau d’amarrage, mots tout autour</translation>
    </message>
    <message>
        <source>Transom name along a curve</source>
        <translation>Nom de tableau arrière le long d’une courbe</translation>
    </message>
    <message>
        <source>Scribed tags with serial numbers</source>
        <translation>Étiquettes tracées à numéros</translation>
    </message>
    <message>
        <source>Tide board, figures and bars</source>
        <translation>Planche des marées, chiffres et barres</translation>
    </message>
    <message>
        <source>Fender pin, words round a bar</source>
        <translation>Axe de défense, mots autour d’une barre</translation>
    </message>
    <message>
        <source>Berth sign, edges broken</source>
        <translation>Panneau de poste, arêtes abattues</translation>
    </message>
    <message>
        <source>Store tag with an ear and a slot</source>
        <translation>Étiquette de magasin à oreille et oblong</translation>
    </message>
    <message>
        <source>Name carved in oak</source>
        <translation>Nom sculpté dans le chêne</translation>
    </message>
    <message>
        <source>Mooring tag, inlaid on both faces</source>
        <translation>Étiquette d’amarrage, incrustée des deux faces</translation>
    </message>
    <message>
        <source>Pierced sign, held by ties</source>
        <translation>Panneau ajouré, tenu par des attaches</translation>
    </message>
    <message>
        <source>Word on bars behind it</source>
        <translation>Mot sur des barres derrière lui</translation>
    </message>
    <message>
        <source>Word on a plate along its outline</source>
        <translation>Mot sur une plaque le long de son contour</translation>
    </message>
    <message>
        <source>Word closed up to one piece</source>
        <translation>Mot resserré en un morceau</translation>
    </message>
    <message>
        <source>A dot that nothing holds yet</source>
        <translation>Un point que rien ne tient encore</translation>
    </message>
    <message>
        <source>Transom name, V-carved</source>
        <translation>Nom de tableau arrière, gravé en V</translation>
    </message>
    <message>
        <source>Brass valve tags, scribed</source>
        <translation>Étiquettes de vanne en laiton, tracées</translation>
    </message>
    <message>
        <source>A hundred valve tags with serials</source>
        <translation>Cent étiquettes de vanne numérotées</translation>
    </message>
    <message>
        <source>Thirty crew name tags for two sheets</source>
        <translation>Trente étiquettes d’équipage pour deux feuilles</translation>
    </message>
    <message>
        <source>Monogram in a ring, by torch</source>
        <translation>Monogramme dans un anneau, au chalumeau</translation>
    </message>
    <message>
        <source>Slate, its ground cleared</source>
        <translation>Ardoise, au fond dégagé</translation>
    </message>
    <message>
        <source>Block with a boat on each face</source>
        <translation>Bloc avec un bateau sur chaque face</translation>
    </message>
    <message>
        <source>Band of a mooring ring, two rows</source>
        <translation>Bande d’un anneau d’amarrage, deux rangs</translation>
    </message>
    <message>
        <source>Roller, read in its impression</source>
        <translation>Rouleau, lu dans son empreinte</translation>
    </message>
    <message>
        <source>Egg-shaped net float</source>
        <translation>Flotteur de filet en œuf</translation>
    </message>
    <message>
        <source>Signet ring, letters on its flat</source>
        <translation>Chevalière, lettres sur son méplat</translation>
    </message>
    <message>
        <source>Key ring, a letter to each facet</source>
        <translation>Anneau de clés, une lettre par facette</translation>
    </message>
    <message>
        <source>Bollard cap, words round a dome</source>
        <translation>Chapeau de bollard, mots autour d’un dôme</translation>
    </message>
    <message>
        <source>Buoy tag in two colours, face down</source>
        <translation>Étiquette de bouée en deux couleurs, face dessous</translation>
    </message>
    <message>
        <source>Buoy ball in two colours</source>
        <translation>Boule de bouée en deux couleurs</translation>
    </message>
    <message>
        <source>Horn cleat from a file</source>
        <translation>Taquet d’un fichier</translation>
    </message>
    <message>
        <source>Brass bar, scribed as it turns</source>
        <translation>Barre de laiton, tracée en tournant</translation>
    </message>
    <message>
        <source>Float roller, its words left standing</source>
        <translation>Rouleau flotteur, ses mots laissés debout</translation>
    </message>
    <message>
        <source>Egg, scribed from above</source>
        <translation>Œuf, tracé de dessus</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Page d’accueil</translation>
    </message>
    <message>
        <source>Lettering for things that are made</source>
        <translation>Du lettrage pour ce qui se fabrique</translation>
    </message>
    <message>
        <source>Type words, see them on the piece, see what cannot be made, write the solid.</source>
        <translation>Tapez des mots, voyez-les sur la pièce, voyez ce qui ne peut être fait, écrivez le solide.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Nouvelle fiche</translation>
    </message>
    <message>
        <source>Open a card…</source>
        <translation>Ouvrir une fiche…</translation>
    </message>
    <message>
        <source>Start from a sample</source>
        <translation>Partir d’un exemple</translation>
    </message>
    <message>
        <source>Sample: %1</source>
        <translation>Exemple : %1</translation>
    </message>
    <message>
        <source>What new cards are made with</source>
        <translation>Avec quoi sont faites les nouvelles fiches</translation>
    </message>
    <message>
        <source>on</source>
        <translation>sur</translation>
    </message>
    <message>
        <source>Width of the bed or the machine&apos;s travel</source>
        <translation>Largeur du plateau ou course de la machine</translation>
    </message>
    <message>
        <source>Depth of the bed or the machine&apos;s travel</source>
        <translation>Profondeur du plateau ou course de la machine</translation>
    </message>
    <message>
        <source>in</source>
        <translation>en</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Unité des nouvelles fiches</translation>
    </message>
    <message>
        <source>New cards are for</source>
        <translation>Les nouvelles fiches sont pour</translation>
    </message>
    <message>
        <source>First of all: what do you make with?</source>
        <translation>Tout d’abord : avec quoi fabriquez-vous ?</translation>
    </message>
    <message>
        <source>Not saved when Bollard ended</source>
        <translation>Pas enregistrées à la fin de Bollard</translation>
    </message>
    <message>
        <source>“%1” was kept, but cannot be read. It is left as it is: %2</source>
        <translation>« %1 » a été gardé, mais ne peut pas être lu. Il reste tel quel : %2</translation>
    </message>
    <message>
        <source>Recover %1</source>
        <translation>Récupérer %1</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Jeter</translation>
    </message>
    <message>
        <source>Discard the unsaved %1</source>
        <translation>Jeter %1, non enregistrée</translation>
    </message>
    <message>
        <source>Starting cards of your own</source>
        <translation>Vos fiches de départ</translation>
    </message>
    <message>
        <source>Forget the starting card %1</source>
        <translation>Oublier la fiche de départ %1</translation>
    </message>
    <message>
        <source>Recent cards</source>
        <translation>Fiches récentes</translation>
    </message>
</context>
<context>
    <name>bollard::app::Station</name>
    <message>
        <source>Station %1, %2</source>
        <translation>Poste %1, %2</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouverte</translation>
    </message>
    <message>
        <source>%1 stop</source>
        <translation>%1 : obstacle</translation>
    </message>
    <message>
        <source>%1 watch</source>
        <translation>%1 : surveiller</translation>
    </message>
</context>
<context>
    <name>bollard::app::StationBody</name>
    <message>
        <source>Change %1</source>
        <translation>Changer : %1</translation>
    </message>
    <message>
        <source>Edge size</source>
        <translation>Taille de l’arête</translation>
    </message>
    <message>
        <source>Edge angle</source>
        <translation>Angle de l’arête</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>angle</translation>
    </message>
    <message>
        <source>Edge radius</source>
        <translation>Rayon de l’arête</translation>
    </message>
    <message>
        <source>%1, open</source>
        <translation>%1, ouvert</translation>
    </message>
    <message>
        <source>%1, closed</source>
        <translation>%1, fermé</translation>
    </message>
</context>
<context>
    <name>bollard::app::ToolSketch</name>
    <message>
        <source>Narrowest stroke %1, tool %2.</source>
        <translation>Trait le plus étroit %1, outil %2.</translation>
    </message>
    <message>
        <source>Tool %1.</source>
        <translation>Outil %1.</translation>
    </message>
    <message>
        <source>%1 It does not go in.</source>
        <translation>%1 Il n’y entre pas.</translation>
    </message>
    <message>
        <source>stroke %1</source>
        <translation>trait %1</translation>
    </message>
    <message>
        <source>tip %1</source>
        <translation>pointe %1</translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation>outil %1</translation>
    </message>
    <message>
        <source>tool %1: too wide</source>
        <translation>outil %1 : trop large</translation>
    </message>
</context>
<context>
    <name>bollard::app::TracePanel</name>
    <message>
        <source>The picture, and what is traced of it</source>
        <translation>L’image, et ce qui en est décalqué</translation>
    </message>
    <message>
        <source>Darker than</source>
        <translation>Plus sombre que</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Lissage</translation>
    </message>
    <message>
        <source>Smallest spot</source>
        <translation>Plus petite tache</translation>
    </message>
    <message>
        <source>Light ink on dark paper</source>
        <translation>Encre claire sur papier sombre</translation>
    </message>
    <message>
        <source>Width of the ink</source>
        <translation>Largeur de l’encre</translation>
    </message>
    <message>
        <source>Put it on the blank</source>
        <translation>La mettre sur le brut</translation>
    </message>
    <message numerus="yes">
        <source>%n shape(s)</source>
        <translation>
            <numerusform>%n forme</numerusform>
            <numerusform>%n formes</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is darker than that. Move the first slider to the right.</source>
        <translation>Rien n’est plus sombre que cela. Poussez le premier curseur à droite.</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceControls</name>
    <message>
        <source>Change %1</source>
        <translation>Changer : %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceList</name>
    <message>
        <source>Type a name</source>
        <translation>Tapez un nom</translation>
    </message>
    <message>
        <source>Typeface name</source>
        <translation>Nom de la police</translation>
    </message>
    <message>
        <source>all typefaces</source>
        <translation>toutes les polices</translation>
    </message>
    <message>
        <source>kept ones</source>
        <translation>celles gardées</translation>
    </message>
    <message>
        <source>sans serif</source>
        <translation>sans empattements</translation>
    </message>
    <message>
        <source>serif</source>
        <translation>à empattements</translation>
    </message>
    <message>
        <source>script</source>
        <translation>cursive</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>pochoir</translation>
    </message>
    <message>
        <source>single-line</source>
        <translation>à ligne simple</translation>
    </message>
    <message>
        <source>other</source>
        <translation>autre</translation>
    </message>
    <message>
        <source>Kind of typeface</source>
        <translation>Genre de police</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Polices</translation>
    </message>
    <message>
        <source>Open a font file…</source>
        <translation>Ouvrir un fichier de police…</translation>
    </message>
    <message>
        <source>%1 so far; looking through the others…</source>
        <translation>%1 jusqu’ici ; examen des autres…</translation>
    </message>
    <message>
        <source>No typeface is like that.</source>
        <translation>Aucune police n’est ainsi.</translation>
    </message>
    <message>
        <source>Strokes of at least %1 mm at this size</source>
        <translation>Traits d’au moins %1 mm à cette taille</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceModel</name>
    <message>
        <source>Harbour 123</source>
        <translation>Havre 123</translation>
    </message>
</context>
<context>
    <name>bollard::app::WorkingStation</name>
    <message>
        <source>Working</source>
        <translation>Façon</translation>
    </message>
    <message>
        <source>Change working</source>
        <translation>Changer de façon</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Assise</translation>
    </message>
    <message>
        <source>bedding</source>
        <translation>assise</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Profondeur</translation>
    </message>
    <message>
        <source>Angle of the V</source>
        <translation>Angle du V</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>angle</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Arêtes</translation>
    </message>
    <message>
        <source>How the edges of the letters are broken</source>
        <translation>Comment les arêtes des lettres sont abattues</translation>
    </message>
    <message>
        <source>Change edges</source>
        <translation>Changer les arêtes</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Pied</translation>
    </message>
    <message>
        <source>Radius of the fillet where letters meet the blank</source>
        <translation>Rayon du congé où les lettres rencontrent le brut</translation>
    </message>
    <message>
        <source>Colour from</source>
        <translation>Couleur dès</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>couleur</translation>
    </message>
    <message>
        <source>Up to this height letters are of the blank&apos;s colour; 0: all of them have their own</source>
        <translation>Jusqu’à cette hauteur les lettres sont de la couleur du brut ; 0 : toutes ont la leur</translation>
    </message>
    <message>
        <source>Tops</source>
        <translation>Dessus</translation>
    </message>
    <message>
        <source>Whether tops follow the side or lie flat</source>
        <translation>Si les dessus suivent la face ou sont plats</translation>
    </message>
    <message>
        <source>Change tops</source>
        <translation>Changer les dessus</translation>
    </message>
    <message>
        <source>as high everywhere</source>
        <translation>partout aussi hauts</translation>
    </message>
    <message>
        <source>flat, each letter in one plane</source>
        <translation>plats, chaque lettre dans un plan</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Jeu</translation>
    </message>
    <message>
        <source>Room between the inlay and the walls round it, for glue; 0: they are one</source>
        <translation>Place entre l’incrustation et les parois autour, pour la colle ; 0 : elles ne font qu’un</translation>
    </message>
    <message>
        <source>Counters</source>
        <translation>Yeux</translation>
    </message>
    <message>
        <source>What becomes of counters</source>
        <translation>Ce que deviennent les yeux</translation>
    </message>
    <message>
        <source>Change what becomes of counters</source>
        <translation>Changer ce que deviennent les yeux</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>gardés</translation>
    </message>
    <message>
        <source>lowered</source>
        <translation>abaissés</translation>
    </message>
    <message>
        <source>cut through</source>
        <translation>percés</translation>
    </message>
    <message>
        <source>dropped</source>
        <translation>retirés</translation>
    </message>
    <message>
        <source>Lowered by</source>
        <translation>Abaissés de</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>ties</source>
        <translation>attaches</translation>
    </message>
    <message>
        <source>ties put by hand</source>
        <translation>attaches posées à la main</translation>
    </message>
    <message>
        <source>What holds counters</source>
        <translation>Ce qui tient les yeux</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>Tenus par</translation>
    </message>
    <message>
        <source>Change what holds counters</source>
        <translation>Changer ce qui tient les yeux</translation>
    </message>
    <message>
        <source>Width of ties</source>
        <translation>Largeur des attaches</translation>
    </message>
    <message>
        <source>Each counter</source>
        <translation>Chaque œil</translation>
    </message>
    <message>
        <source>How many ties a counter gets</source>
        <translation>Combien d’attaches reçoit un œil</translation>
    </message>
    <message>
        <source>Change the number of ties</source>
        <translation>Changer le nombre d’attaches</translation>
    </message>
    <message>
        <source>as needed</source>
        <translation>selon le besoin</translation>
    </message>
    <message>
        <source>one</source>
        <translation>une</translation>
    </message>
    <message>
        <source>two</source>
        <translation>deux</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Direction</translation>
    </message>
    <message>
        <source>Which way ties run</source>
        <translation>Dans quel sens vont les attaches</translation>
    </message>
    <message>
        <source>Change the direction of ties</source>
        <translation>Changer la direction des attaches</translation>
    </message>
    <message>
        <source>as the letter stands</source>
        <translation>comme se tient la lettre</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>debout</translation>
    </message>
    <message>
        <source>level</source>
        <translation>à niveau</translation>
    </message>
    <message>
        <source>at an angle</source>
        <translation>en biais</translation>
    </message>
    <message>
        <source>Angle of ties</source>
        <translation>Angle des attaches</translation>
    </message>
    <message>
        <source>How deep ties are</source>
        <translation>Profondeur des attaches</translation>
    </message>
    <message>
        <source>Change the depth of ties</source>
        <translation>Changer la profondeur des attaches</translation>
    </message>
    <message>
        <source>through the whole thickness</source>
        <translation>dans toute l’épaisseur</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>à l’arrière</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>au milieu</translation>
    </message>
    <message>
        <source>Thickness of ties</source>
        <translation>Épaisseur des attaches</translation>
    </message>
    <message>
        <source>Wider at both ends</source>
        <translation>Plus larges aux deux bouts</translation>
    </message>
    <message>
        <source>Change the shape of ties</source>
        <translation>Changer la forme des attaches</translation>
    </message>
    <message>
        <source>There are no words to work yet.</source>
        <translation>Il n’y a pas encore de mots à travailler.</translation>
    </message>
    <message>
        <source>%1 are left under it.</source>
        <translation>%1 restent dessous.</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Lettering for printing, engraving and cutting.</source>
        <translation>Du lettrage à imprimer, graver et découper.</translation>
    </message>
    <message>
        <source>Save a picture of each view and end.</source>
        <translation>Enregistrer une image de chaque vue et finir.</translation>
    </message>
    <message>
        <source>FOLDER</source>
        <translation>DOSSIER</translation>
    </message>
    <message>
        <source>Cards to open; the first one opens in the window that is there.</source>
        <translation>Fiches à ouvrir ; la première s’ouvre dans la fenêtre déjà là.</translation>
    </message>
    <message>
        <source>Open a window of its own, also where one is there.</source>
        <translation>Ouvrir une fenêtre à part, même s’il y en a une.</translation>
    </message>
</context>
</TS>
