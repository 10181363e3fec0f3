<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>Beginning</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>No se pudo quitar %1.</translation>
    </message>
</context>
<context>
    <name>Blanks</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>%1 %2 round the words × %3</source>
        <translation>%1 %2 alrededor de las palabras × %3</translation>
    </message>
    <message>
        <source>%1 %2 × %3 × %4</source>
        <translation>%1 %2 × %3 × %4</translation>
    </message>
    <message>
        <source>, %1 corners</source>
        <translation>, %1 esquinas</translation>
    </message>
    <message>
        <source>, drawn outline</source>
        <translation>, contorno dibujado</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, corners %1</source>
        <translation>, esquinas %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>no blank</source>
        <translation>sin pieza base</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>placa</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>disco</translation>
    </message>
    <message>
        <source>disc ⌀ %1 × %2</source>
        <translation>disco ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>, centre hole %1</source>
        <translation>, agujero central %1</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>cuña</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>barra</translation>
    </message>
    <message>
        <source>bar ⌀ %1 × %2</source>
        <translation>barra ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>block</source>
        <translation>bloque</translation>
    </message>
    <message>
        <source>block %1 × %2 × %3</source>
        <translation>bloque %1 × %2 × %3</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>tubo</translation>
    </message>
    <message>
        <source>tube ⌀ %1, bore %2 × %3</source>
        <translation>tubo ⌀ %1, hueco %2 × %3</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>anillo</translation>
    </message>
    <message>
        <source>ring, bore %1 × %2 × %3</source>
        <translation>anillo, hueco %1 × %2 × %3</translation>
    </message>
    <message>
        <source>, flat %1</source>
        <translation>, plano %1</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>cono</translation>
    </message>
    <message>
        <source>cone ⌀ %1 to %2 × %3</source>
        <translation>cono ⌀ %1 a %2 × %3</translation>
    </message>
    <message>
        <source>sphere</source>
        <translation>esfera</translation>
    </message>
    <message>
        <source>sphere ⌀ %1</source>
        <translation>esfera ⌀ %1</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>torneado</translation>
    </message>
    <message>
        <source>turned ⌀ %1, %2 along its profile</source>
        <translation>torneado ⌀ %1, %2 a lo largo del perfil</translation>
    </message>
    <message>
        <source>faceted</source>
        <translation>facetado</translation>
    </message>
    <message>
        <source>%1 facets, %2 across, bore %3 × %4</source>
        <translation>%1 facetas, %2 entre caras, hueco %3 × %4</translation>
    </message>
    <message>
        <source>from a file</source>
        <translation>de un archivo</translation>
    </message>
    <message>
        <source>from a file, none chosen yet</source>
        <translation>de un archivo, aún sin elegir</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>de %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectángulo</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>óvalo</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>polígono</translation>
    </message>
    <message>
        <source>tag with an ear</source>
        <translation>etiqueta con oreja</translation>
    </message>
    <message>
        <source>from a drawing</source>
        <translation>de un dibujo</translation>
    </message>
    <message>
        <source>round the words</source>
        <translation>alrededor de las palabras</translation>
    </message>
    <message>
        <source>round</source>
        <translation>redondo</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>ranura</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>avellanado</translation>
    </message>
    <message>
        <source>bore ⌀, mm</source>
        <translation>hueco ⌀, mm</translation>
    </message>
    <message>
        <source>round the bore, mm</source>
        <translation>alrededor del hueco, mm</translation>
    </message>
    <message>
        <source>North American</source>
        <translation>norteamericana</translation>
    </message>
    <message>
        <source>British letters</source>
        <translation>letras británicas</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>japonesa</translation>
    </message>
    <message>
        <source>Swiss</source>
        <translation>suiza</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>cúpula</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>huevo</translation>
    </message>
    <message>
        <source>bead</source>
        <translation>cuenta</translation>
    </message>
    <message>
        <source>roller</source>
        <translation>rodillo</translation>
    </message>
    <message>
        <source>cap</source>
        <translation>tapa</translation>
    </message>
    <message>
        <source>spindle</source>
        <translation>huso</translation>
    </message>
    <message>
        <source>finger ring</source>
        <translation>anillo de dedo</translation>
    </message>
    <message>
        <source>key ring</source>
        <translation>llavero</translation>
    </message>
    <message>
        <source>signet</source>
        <translation>sello</translation>
    </message>
    <message>
        <source>, off by %1 at most</source>
        <translation>, se aparta %1 como mucho</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>no encontrada</translation>
    </message>
    <message>
        <source>flat, %1 × %2</source>
        <translation>plana, %1 × %2</translation>
    </message>
    <message>
        <source>bore ⌀ %1 × %2</source>
        <translation>hueco ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>⌀ %1 × %2</source>
        <translation>⌀ %1 × %2</translation>
    </message>
    <message>
        <source>conical bore ⌀ %1 to %2 × %3</source>
        <translation>hueco cónico ⌀ %1 a %2 × %3</translation>
    </message>
    <message numerus="yes">
        <source>, %n hole(s)</source>
        <translation>
            <numerusform>, %n agujero</numerusform>
            <numerusform>, %n agujeros</numerusform>
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
        <translation>trazar</translation>
    </message>
    <message>
        <source>V-carve</source>
        <translation>tallar en V</translation>
    </message>
    <message>
        <source>pocket</source>
        <translation>cajear</translation>
    </message>
    <message>
        <source>cut out</source>
        <translation>recortar</translation>
    </message>
    <message>
        <source>clear the ground</source>
        <translation>despejar el fondo</translation>
    </message>
    <message>
        <source>raster</source>
        <translation>barrido</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>taladrar</translation>
    </message>
    <message>
        <source>of the rack</source>
        <translation>del armario</translation>
    </message>
    <message>
        <source>flat cutter</source>
        <translation>fresa recta</translation>
    </message>
    <message>
        <source>ball cutter</source>
        <translation>fresa de bola</translation>
    </message>
    <message>
        <source>V-bit</source>
        <translation>fresa en V</translation>
    </message>
    <message>
        <source>engraving point</source>
        <translation>punta de grabar</translation>
    </message>
    <message>
        <source>drag point</source>
        <translation>punta de arrastre</translation>
    </message>
    <message>
        <source>torch</source>
        <translation>soplete</translation>
    </message>
    <message>
        <source>laser</source>
        <translation>láser</translation>
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
        <translation>solo movimientos rectos</translation>
    </message>
    <message>
        <source>lines and arcs</source>
        <translation>rectas y arcos</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>arriba a la izquierda</translation>
    </message>
    <message>
        <source>top</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>arriba a la derecha</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>abajo a la izquierda</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>abajo a la derecha</translation>
    </message>
    <message>
        <source>a point of its own</source>
        <translation>un punto propio</translation>
    </message>
    <message>
        <source>the bar&apos;s start</source>
        <translation>el comienzo de la barra</translation>
    </message>
    <message>
        <source>the bar&apos;s end</source>
        <translation>el final de la barra</translation>
    </message>
    <message>
        <source>the stock&apos;s top</source>
        <translation>la cara superior del material</translation>
    </message>
    <message>
        <source>the stock&apos;s bottom</source>
        <translation>la cara inferior del material</translation>
    </message>
    <message>
        <source>the blank&apos;s front</source>
        <translation>el frente de la pieza base</translation>
    </message>
    <message>
        <source>the bar&apos;s axis</source>
        <translation>el eje de la barra</translation>
    </message>
    <message>
        <source>At the blank&apos;s x %1, y %2 mm, on %3.</source>
        <translation>En x %1, y %2 mm de la pieza base, sobre %3.</translation>
    </message>
    <message>
        <source>At the start of the stock, on %1.</source>
        <translation>Al comienzo del material, sobre %1.</translation>
    </message>
    <message>
        <source>At the end of the stock, on %1.</source>
        <translation>Al final del material, sobre %1.</translation>
    </message>
    <message>
        <source>At the %1 of the stock, on %2.</source>
        <translation>En el material, %1, sobre %2.</translation>
    </message>
    <message>
        <source>a bar %1 mm across, %2 mm long</source>
        <translation>una barra de %1 mm de diámetro y %2 mm de largo</translation>
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
        <translation>El trazo se cierra</translation>
    </message>
    <message>
        <source>Stroke too thin</source>
        <translation>Trazo demasiado fino</translation>
    </message>
    <message>
        <source>Narrow land between cuts</source>
        <translation>Tabique estrecho entre cortes</translation>
    </message>
    <message>
        <source>Gap between letters too narrow</source>
        <translation>Hueco demasiado estrecho entre letras</translation>
    </message>
    <message>
        <source>Narrow land in a counter</source>
        <translation>Tabique estrecho en un ojo</translation>
    </message>
    <message>
        <source>Counter fills in</source>
        <translation>El ojo se llena</translation>
    </message>
    <message>
        <source>Narrow land within a letter</source>
        <translation>Tabique estrecho dentro de una letra</translation>
    </message>
    <message>
        <source>Opening in a letter fills in</source>
        <translation>La abertura de una letra se llena</translation>
    </message>
    <message>
        <source>Words larger than asked</source>
        <translation>Palabras mayores de lo pedido</translation>
    </message>
    <message>
        <source>Words smaller than asked</source>
        <translation>Palabras menores de lo pedido</translation>
    </message>
    <message>
        <source>No impression is left</source>
        <translation>No queda impresión</translation>
    </message>
    <message>
        <source>Mirrored, but the blank hides it</source>
        <translation>En espejo, pero la pieza base lo tapa</translation>
    </message>
    <message>
        <source>Too steep for the tool, %1°</source>
        <translation>Demasiado inclinado para la herramienta, %1°</translation>
    </message>
    <message>
        <source>The part falls into pieces</source>
        <translation>La pieza se deshace en trozos</translation>
    </message>
    <message>
        <source>A piece of the blank is cut off</source>
        <translation>Se separa un trozo de la pieza base</translation>
    </message>
    <message>
        <source>Floor too thin</source>
        <translation>Fondo demasiado fino</translation>
    </message>
    <message>
        <source>Sunk right through</source>
        <translation>Hundido de lado a lado</translation>
    </message>
    <message>
        <source>The side “%1”: %2</source>
        <translation>La cara «%1»: %2</translation>
    </message>
    <message>
        <source>Letters cut right through press nothing. Sink or raise them, or let them be read on the part.</source>
        <translation>Las letras cortadas del todo no imprimen nada. Húndelas o álzalas, o que se lean en la pieza.</translation>
    </message>
    <message>
        <source>The words are mirrored on the front; the blank must be clear to be read from its back.</source>
        <translation>Las palabras están en espejo por delante; la pieza base debe ser transparente para leerlas por detrás.</translation>
    </message>
    <message>
        <source>Some of it is joined to nothing else.</source>
        <translation>Una parte no está unida a nada más.</translation>
    </message>
    <message>
        <source>The cuts part the blank into pieces that are held by nothing.</source>
        <translation>Los cortes parten la pieza base en trozos que nada sujeta.</translation>
    </message>
    <message>
        <source>They lie on the side “%1”: hollows and the round sides of parts from files are beyond the tool, and facets are cut from above, without a rotary axis. Choose another side for them, or print them.</source>
        <translation>Están en la cara «%1»: los huecos y las caras redondas de piezas de archivos quedan fuera del alcance de la herramienta, y las facetas se cortan desde arriba, sin eje giratorio. Elige otra cara para ellas, o imprímelas.</translation>
    </message>
    <message>
        <source>The print is to lie on the side “%1”, which the blank lacks: files keep the card&apos;s coordinates.</source>
        <translation>La impresión debe apoyarse en la cara «%1», que la pieza base no tiene: los archivos conservan las coordenadas de la ficha.</translation>
    </message>
    <message>
        <source>The words are for the side “%1”, so nothing is made of them. Choose another side for them, or a blank that has it.</source>
        <translation>Las palabras son para la cara «%1», así que no se hace nada de ellas. Elige otra cara, o una pieza base que la tenga.</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 sobre %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Mirando…</translation>
    </message>
    <message>
        <source>Joining bodies: %1 % done</source>
        <translation>Uniendo cuerpos: %1 % hecho</translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s), %1 to watch</source>
        <translation>
            <numerusform>Aún no se puede hacer: %n impedimento, %1 por vigilar</numerusform>
            <numerusform>Aún no se puede hacer: %n impedimentos, %1 por vigilar</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s)</source>
        <translation>
            <numerusform>Aún no se puede hacer: %n impedimento</numerusform>
            <numerusform>Aún no se puede hacer: %n impedimentos</numerusform>
        </translation>
    </message>
    <message>
        <source>Counting pieces…</source>
        <translation>Contando trozos…</translation>
    </message>
    <message>
        <source>No words yet</source>
        <translation>Aún no hay palabras</translation>
    </message>
    <message>
        <source>Can be made; %1 to watch</source>
        <translation>Se puede hacer; %1 por vigilar</translation>
    </message>
    <message>
        <source>Can be made</source>
        <translation>Se puede hacer</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>%n más</numerusform>
            <numerusform>%n más</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Flat</name>
    <message>
        <source>mirrored: reads %1</source>
        <translation>en espejo: se lee %1</translation>
    </message>
    <message>
        <source>falls out</source>
        <translation>se cae</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s)</source>
        <translation>
            <numerusform>%n trozo</numerusform>
            <numerusform>%n trozos</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 loose</source>
        <translation> · %1 suelto(s)</translation>
    </message>
</context>
<context>
    <name>JobSheet</name>
    <message>
        <source>Job sheet</source>
        <translation>Hoja de taller</translation>
    </message>
    <message>
        <source>Card file %1</source>
        <translation>Archivo de la ficha %1</translation>
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
        <translation>Pieza</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Pieza base</translation>
    </message>
    <message>
        <source>Round it, along it</source>
        <translation>Alrededor, a lo largo</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Ancho, alto</translation>
    </message>
    <message>
        <source>%1 x %2 mm</source>
        <translation>%1 x %2 mm</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>En total</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>Masa</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Proceso</translation>
    </message>
    <message>
        <source>Operations, in order</source>
        <translation>Operaciones, en orden</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>N.º</translation>
    </message>
    <message>
        <source>Operation</source>
        <translation>Operación</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Herramienta</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Bajada</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Velocidad</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Tiempo</translation>
    </message>
    <message>
        <source>kerf %1</source>
        <translation>ancho de corte %1</translation>
    </message>
    <message>
        <source>diameter %1</source>
        <translation>diámetro %1</translation>
    </message>
    <message>
        <source>angle %1°</source>
        <translation>ángulo %1°</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Feeds and plunges in mm/min, speeds in 1/min.</source>
        <translation>Avances y bajadas en mm/min, velocidades en 1/min.</translation>
    </message>
    <message>
        <source>Zero</source>
        <translation>Cero</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Material en bruto</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Máquina</translation>
    </message>
    <message>
        <source>Findings that are accepted</source>
        <translation>Avisos aceptados</translation>
    </message>
    <message>
        <source>no reason told</source>
        <translation>sin motivo dado</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>%1, job sheet</source>
        <translation>%1, hoja de taller</translation>
    </message>
</context>
<context>
    <name>KeptProcesses</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>No se pudo quitar %1.</translation>
    </message>
</context>
<context>
    <name>Mends</name>
    <message>
        <source>Then to watch: %1.</source>
        <translation>Por vigilar después: %1.</translation>
    </message>
    <message>
        <source>Hold what would fall out by ties %2 wide.</source>
        <translation>Sujetar lo que se caería con tirantes de %2 de ancho.</translation>
    </message>
    <message>
        <source>Ties %2 wide</source>
        <translation>Tirantes de %2 de ancho</translation>
    </message>
    <message>
        <source>Make the space in this pair %2 instead of %1, and leave the others.</source>
        <translation>Hacer el espacio de este par %2 en vez de %1, y dejar los demás.</translation>
    </message>
    <message>
        <source>This pair %1 → %2</source>
        <translation>Este par %1 → %2</translation>
    </message>
    <message>
        <source>Make the letter space %2 instead of %1.</source>
        <translation>Hacer el espacio entre letras %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Letter space %1 → %2</source>
        <translation>Espacio entre letras %1 → %2</translation>
    </message>
    <message>
        <source>Close the letters up, pair by pair, until they run into each other.</source>
        <translation>Juntar las letras, par a par, hasta que se unan.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Juntar</translation>
    </message>
    <message>
        <source>Hold what is loose by bars %2 wide behind it.</source>
        <translation>Sujetar lo suelto con barras de %2 de ancho por detrás.</translation>
    </message>
    <message>
        <source>Bars %2 wide</source>
        <translation>Barras de %2 de ancho</translation>
    </message>
    <message>
        <source>Join the letters by short strips %2 wide from one to the next.</source>
        <translation>Unir las letras con tiras cortas de %2 de ancho de una a otra.</translation>
    </message>
    <message>
        <source>Links %2 wide</source>
        <translation>Enlaces de %2 de ancho</translation>
    </message>
    <message>
        <source>Hold what is loose by a plate behind it, %2 beyond the letters.</source>
        <translation>Sujetar lo suelto con una placa detrás, %2 más allá de las letras.</translation>
    </message>
    <message>
        <source>Plate %2 beyond</source>
        <translation>Placa %2 más allá</translation>
    </message>
    <message>
        <source>Move the words inwards.</source>
        <translation>Llevar las palabras adentro.</translation>
    </message>
    <message>
        <source>Move inwards</source>
        <translation>Llevar adentro</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1, so that the words go once round.</source>
        <translation>Hacer el tamaño %2 en vez de %1, para que las palabras den una vuelta.</translation>
    </message>
    <message>
        <source>Size %1 → %2</source>
        <translation>Tamaño %1 → %2</translation>
    </message>
    <message>
        <source>Give the letters out one to a facet.</source>
        <translation>Repartir las letras una por faceta.</translation>
    </message>
    <message>
        <source>A letter to each facet</source>
        <translation>Una letra por faceta</translation>
    </message>
    <message>
        <source>Go less deep, and less high in hollows.</source>
        <translation>Ir menos hondo, y menos alto en los huecos.</translation>
    </message>
    <message>
        <source>Less deep</source>
        <translation>Menos hondo</translation>
    </message>
    <message>
        <source>Move letters off the edge, smaller where there is no room.</source>
        <translation>Apartar las letras del borde, menores donde no hay sitio.</translation>
    </message>
    <message>
        <source>Off the edge</source>
        <translation>Lejos del borde</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1.</source>
        <translation>Hacer el tamaño %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Make the blank larger: %2 wide instead of %1.</source>
        <translation>Agrandar la pieza base: %2 de ancho en vez de %1.</translation>
    </message>
    <message>
        <source>Blank %2 wide</source>
        <translation>Pieza base de %2 de ancho</translation>
    </message>
    <message>
        <source>Put the words on the %1.</source>
        <translation>Poner las palabras en: %1.</translation>
    </message>
    <message>
        <source>Put on the %1</source>
        <translation>Poner en: %1</translation>
    </message>
    <message>
        <source>Let the words be read on the part itself.</source>
        <translation>Que las palabras se lean en la pieza misma.</translation>
    </message>
    <message>
        <source>Read on the part</source>
        <translation>Leer en la pieza</translation>
    </message>
    <message>
        <source>Take the sides as they are found on this file.</source>
        <translation>Tomar las caras como se hallan en este archivo.</translation>
    </message>
    <message>
        <source>Take the sides anew</source>
        <translation>Tomar las caras de nuevo</translation>
    </message>
    <message>
        <source>Leave out the side “%1”; its words go on the first.</source>
        <translation>Dejar la cara «%1»; sus palabras van a la primera.</translation>
    </message>
    <message>
        <source>Leave out “%1”</source>
        <translation>Dejar «%1»</translation>
    </message>
    <message>
        <source>Make the height %2 instead of %1.</source>
        <translation>Hacer la altura %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Height %1 → %2</source>
        <translation>Altura %1 → %2</translation>
    </message>
    <message>
        <source>Make the depth %2 instead of %1.</source>
        <translation>Hacer la profundidad %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Depth %1 → %2</source>
        <translation>Profundidad %1 → %2</translation>
    </message>
    <message>
        <source>Make the bedding %2 instead of %1.</source>
        <translation>Hacer el asiento %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Bedding %1 → %2</source>
        <translation>Asiento %1 → %2</translation>
    </message>
    <message>
        <source>Let it lie on its %1 instead.</source>
        <translation>Apoyarla en su lugar en: %1.</translation>
    </message>
    <message>
        <source>Lies on its %1</source>
        <translation>Se apoya en: %1</translation>
    </message>
    <message>
        <source>Let the chuck hold the bar at its other end.</source>
        <translation>Que el plato sujete la barra por el otro extremo.</translation>
    </message>
    <message>
        <source>Held at the other end</source>
        <translation>Sujeta por el otro extremo</translation>
    </message>
    <message>
        <source>Turn it by a quarter on the bed.</source>
        <translation>Girarla un cuarto en la cama.</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Girada en la cama</translation>
    </message>
    <message>
        <source>Make it a whole number of layers.</source>
        <translation>Hacerlo un número entero de capas.</translation>
    </message>
    <message>
        <source>Whole layers</source>
        <translation>Capas enteras</translation>
    </message>
    <message>
        <source>Make the blank %2 thick instead of %1.</source>
        <translation>Hacer la pieza base %2 de grueso en vez de %1.</translation>
    </message>
    <message>
        <source>Blank %2 thick</source>
        <translation>Pieza base de %2 de grueso</translation>
    </message>
    <message>
        <source>Do not cut through: sink the letters %2 deep, so that a floor holds everything.</source>
        <translation>No atravesar: hundir las letras %2, para que un fondo lo sujete todo.</translation>
    </message>
    <message>
        <source>Keep a floor: %2 deep</source>
        <translation>Dejar un fondo: %2 de hondo</translation>
    </message>
    <message>
        <source>Break the edges by %2.</source>
        <translation>Romper los cantos %2.</translation>
    </message>
    <message>
        <source>Edges %2</source>
        <translation>Cantos %2</translation>
    </message>
    <message>
        <source>Let the walls lean by %2.</source>
        <translation>Inclinar las paredes %2.</translation>
    </message>
    <message>
        <source>Draft %2</source>
        <translation>Desmoldeo %2</translation>
    </message>
    <message>
        <source>Make edges and feet a little smaller.</source>
        <translation>Hacer cantos y pies algo menores.</translation>
    </message>
    <message>
        <source>Smaller edges</source>
        <translation>Cantos menores</translation>
    </message>
    <message>
        <source>Leave all edges crisp, without feet.</source>
        <translation>Dejar todos los cantos vivos, sin pies.</translation>
    </message>
    <message>
        <source>Crisp edges</source>
        <translation>Cantos vivos</translation>
    </message>
    <message>
        <source>Grow the strokes: weight %2 instead of %1.</source>
        <translation>Engrosar los trazos: peso %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Weight %1 → %2</source>
        <translation>Peso %1 → %2</translation>
    </message>
    <message>
        <source>Make the strokes lighter: weight %2 instead of %1.</source>
        <translation>Aligerar los trazos: peso %2 en vez de %1.</translation>
    </message>
    <message>
        <source>Take the heavier face %1.</source>
        <translation>Tomar la variante más gruesa %1.</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>Tomar %1</translation>
    </message>
    <message>
        <source>Take the typeface %1, whose strokes are thick enough.</source>
        <translation>Tomar el tipo %1, de trazos bastante gruesos.</translation>
    </message>
    <message>
        <source>Take %1 of the rack.</source>
        <translation>Tomar %1 del armario.</translation>
    </message>
    <message>
        <source>Cut as deep as the letters are designed.</source>
        <translation>Cortar tan hondo como se diseñaron las letras.</translation>
    </message>
    <message>
        <source>As deep as designed</source>
        <translation>Tan hondo como se diseñó</translation>
    </message>
    <message>
        <source>Cut %2 deep instead of %1.</source>
        <translation>Cortar %2 de hondo en vez de %1.</translation>
    </message>
    <message>
        <source>Cut %2 deep</source>
        <translation>Cortar %2 de hondo</translation>
    </message>
    <message>
        <source>Take a stock as large as the blank asks for.</source>
        <translation>Tomar un material tan grande como pide la pieza base.</translation>
    </message>
    <message>
        <source>Stock round the blank</source>
        <translation>Material alrededor de la pieza base</translation>
    </message>
    <message>
        <source>Leave %2 of stock round the blank.</source>
        <translation>Dejar %2 de material alrededor de la pieza base.</translation>
    </message>
    <message>
        <source>Margin %2</source>
        <translation>Margen %2</translation>
    </message>
    <message>
        <source>Cut it out last.</source>
        <translation>Recortarla al final.</translation>
    </message>
    <message>
        <source>Cut out last</source>
        <translation>Recortar al final</translation>
    </message>
    <message>
        <source>Let the spindle turn %1 times a minute.</source>
        <translation>Que el husillo gire %1 veces por minuto.</translation>
    </message>
    <message>
        <source>Speed %1</source>
        <translation>Velocidad %1</translation>
    </message>
    <message>
        <source>Write the file with straight moves only.</source>
        <translation>Escribir el archivo solo con movimientos rectos.</translation>
    </message>
    <message>
        <source>Straight moves only</source>
        <translation>Solo movimientos rectos</translation>
    </message>
    <message>
        <source>Make it by %1 instead.</source>
        <translation>Hacerlo en su lugar por: %1.</translation>
    </message>
    <message>
        <source>Process: %1</source>
        <translation>Proceso: %1</translation>
    </message>
</context>
<context>
    <name>Outputs</name>
    <message>
        <source>one solid, for any printer</source>
        <translation>un solo sólido, para cualquier impresora</translation>
    </message>
    <message>
        <source>blank and letters as bodies with colours</source>
        <translation>pieza base y letras como cuerpos de colores</translation>
    </message>
    <message>
        <source>both as solids with true curves</source>
        <translation>ambas como sólidos de curvas exactas</translation>
    </message>
    <message>
        <source>lines to cut or follow, a group a working</source>
        <translation>líneas para cortar o seguir, un grupo por labor</translation>
    </message>
    <message>
        <source>the same with true arcs, a layer a working</source>
        <translation>lo mismo con arcos verdaderos, una capa por labor</translation>
    </message>
    <message>
        <source>toolpaths for a machine that cuts</source>
        <translation>trayectorias para una máquina que corta</translation>
    </message>
    <message>
        <source>true size on paper, to hold against the work</source>
        <translation>tamaño real en papel, para ponerlo sobre la obra</translation>
    </message>
    <message>
        <source>a picture of the view</source>
        <translation>una imagen de la vista</translation>
    </message>
    <message>
        <source>Printed lying on its back, the letters&apos; colour begins at a height of %1.</source>
        <translation>Impreso boca abajo, el color de las letras empieza a una altura de %1.</translation>
    </message>
</context>
<context>
    <name>Overlays</name>
    <message>
        <source>neck %1</source>
        <translation>estrechamiento %1</translation>
    </message>
</context>
<context>
    <name>Problems</name>
    <message>
        <source>Line %1, column %2: </source>
        <translation>Línea %1, columna %2: </translation>
    </message>
    <message>
        <source>Line %1: </source>
        <translation>Línea %1: </translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>un texto entre comillas</translation>
    </message>
    <message>
        <source>an object, {…}</source>
        <translation>un objeto, {…}</translation>
    </message>
    <message>
        <source>a list, […]</source>
        <translation>una lista, […]</translation>
    </message>
    <message>
        <source>A number is wanted here.</source>
        <translation>Aquí hace falta un número.</translation>
    </message>
    <message>
        <source>Something is missing at the end.</source>
        <translation>Falta algo al final.</translation>
    </message>
    <message>
        <source>“%1” does not belong at position %2.</source>
        <translation>«%1» no va en la posición %2.</translation>
    </message>
    <message>
        <source>The bracket at position %1 is not closed.</source>
        <translation>El paréntesis de la posición %1 no está cerrado.</translation>
    </message>
    <message>
        <source>“%1” at position %2 is no unit known here; lengths take mm, cm, m, in, ft or pt.</source>
        <translation>«%1» en la posición %2 no es una unidad conocida; las longitudes aceptan mm, cm, m, in, ft o pt.</translation>
    </message>
    <message>
        <source>Too many brackets within each other at position %1.</source>
        <translation>Demasiados paréntesis unos dentro de otros en la posición %1.</translation>
    </message>
    <message>
        <source>Division by zero at position %1.</source>
        <translation>División por cero en la posición %1.</translation>
    </message>
    <message>
        <source>At position %1 the units do not work out to a length.</source>
        <translation>En la posición %1 las unidades no dan una longitud.</translation>
    </message>
    <message>
        <source>The number is too large.</source>
        <translation>El número es demasiado grande.</translation>
    </message>
    <message>
        <source>There is no file “%1”. Check the name and the folder.</source>
        <translation>No hay ningún archivo «%1». Revisa el nombre y la carpeta.</translation>
    </message>
    <message>
        <source>“%1” cannot be read (%2).</source>
        <translation>No se puede leer «%1» (%2).</translation>
    </message>
    <message>
        <source>“%1” cannot be written (%2). Nothing was changed; choose another folder or name.</source>
        <translation>No se puede escribir «%1» (%2). No cambió nada; elige otra carpeta u otro nombre.</translation>
    </message>
    <message>
        <source>“%1” is already there and was left as it is.</source>
        <translation>«%1» ya existe y se dejó como estaba.</translation>
    </message>
    <message>
        <source>“%1” is read-only and was left as it is. Choose another name, or let it be written to first.</source>
        <translation>«%1» es de solo lectura y se dejó como estaba. Elige otro nombre, o permite que se escriba.</translation>
    </message>
    <message>
        <source>There is no description of the dialect “%1”, so nothing can be written in it.</source>
        <translation>No hay descripción del dialecto «%1», así que no se puede escribir nada en él.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no format Bollard writes; use .stl, .3mf, .svg, .dxf or .nc.</source>
        <translation>La terminación de «%1» no indica ningún formato que escriba Bollard; usa .stl, .3mf, .svg, .dxf o .nc.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no drawing; use .svg or .dxf.</source>
        <translation>La terminación de «%1» no indica un dibujo; usa .svg o .dxf.</translation>
    </message>
    <message>
        <source>A quote is opened here and never closed. Nothing was read; mend the table.</source>
        <translation>Aquí se abren comillas que nunca se cierran. No se leyó nada; corrige la tabla.</translation>
    </message>
    <message>
        <source>The card is not good JSON: %1.</source>
        <translation>La ficha no es JSON válido: %1.</translation>
    </message>
    <message>
        <source>The field “%1” is missing.</source>
        <translation>Falta el campo «%1».</translation>
    </message>
    <message>
        <source>The field “%1” must be %2.</source>
        <translation>El campo «%1» debe ser %2.</translation>
    </message>
    <message>
        <source>There is no row %1; the card makes %2. Rows are counted from 1.</source>
        <translation>No hay fila %1; la ficha da %2. Las filas se cuentan desde 1.</translation>
    </message>
    <message>
        <source>The card says it is of version %1; versions begin with 1.</source>
        <translation>La ficha dice ser de la versión %1; las versiones empiezan en 1.</translation>
    </message>
    <message>
        <source>A step met what it was not made for (%1). The card is safe; change what you did last, or undo it.</source>
        <translation>Un paso se topó con algo para lo que no está hecho (%1). La ficha está a salvo; cambia lo último que hiciste, o deshazlo.</translation>
    </message>
    <message>
        <source>The card is of version %1, newer than this Bollard reads. Use a newer Bollard.</source>
        <translation>La ficha es de la versión %1, más nueva que lo que lee este Bollard. Usa un Bollard más nuevo.</translation>
    </message>
    <message>
        <source>“%1” is not a font file, or it is broken. Choose another file.</source>
        <translation>«%1» no es un archivo de tipos, o está dañado. Elige otro archivo.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only pixel pictures of its letters, no outlines. Choose another.</source>
        <translation>El tipo «%1» solo tiene imágenes de píxeles de sus letras, no contornos. Elige otro.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only coloured pictures, no outlines. Choose another.</source>
        <translation>El tipo «%1» solo tiene imágenes en color, no contornos. Elige otro.</translation>
    </message>
    <message>
        <source>“%1” is a font of a kind Bollard does not read; it reads TrueType and OpenType.</source>
        <translation>«%1» es un tipo de una clase que Bollard no lee; lee TrueType y OpenType.</translation>
    </message>
    <message>
        <source>The font file “%1” has no face number %2.</source>
        <translation>El archivo de tipos «%1» no tiene la variante número %2.</translation>
    </message>
    <message>
        <source>“%1” holds no letter that could be drawn. Choose another file.</source>
        <translation>«%1» no contiene ninguna letra que se pueda dibujar. Elige otro archivo.</translation>
    </message>
    <message>
        <source>The path data cannot be read at its position %1.</source>
        <translation>Los datos del trazado no se pueden leer en la posición %1.</translation>
    </message>
    <message>
        <source>The path data of %1 cannot be read at its position %2.</source>
        <translation>Los datos del trazado de %1 no se pueden leer en la posición %2.</translation>
    </message>
    <message>
        <source>“%1” cannot be read as a drawing: %2.</source>
        <translation>«%1» no se puede leer como dibujo: %2.</translation>
    </message>
    <message>
        <source>“%1” holds no line or shape that could be worked. Text in it must be turned into curves first.</source>
        <translation>«%1» no contiene ninguna línea o forma que se pueda trabajar. Su texto debe pasarse antes a curvas.</translation>
    </message>
    <message>
        <source>The typeface “%1” is not installed here. Choose another, or open its font file.</source>
        <translation>El tipo «%1» no está instalado aquí. Elige otro, o abre su archivo.</translation>
    </message>
    <message>
        <source>The licence of “%1” does not let a card take it along.</source>
        <translation>La licencia de «%1» no deja que una ficha lo lleve consigo.</translation>
    </message>
    <message>
        <source>The part “%1” is too large to be taken along.</source>
        <translation>La pieza «%1» es demasiado grande para llevarla.</translation>
    </message>
    <message>
        <source>The file of “%1” is too large to be taken along.</source>
        <translation>El archivo de «%1» es demasiado grande para llevarlo.</translation>
    </message>
    <message>
        <source>It is larger than a sheet of %1 has room for. Take larger sheets, or let parts be turned.</source>
        <translation>Es mayor que el sitio de una plancha de %1. Usa planchas mayores, o deja girar las piezas.</translation>
    </message>
    <message>
        <source>It cannot be laid on a sheet: only plates, discs and bare letters lie flat, cut from one side.</source>
        <translation>No se puede poner en una plancha: solo placas, discos y letras sueltas van planas, cortadas por una cara.</translation>
    </message>
    <message>
        <source>The machine does not reach all of the sheet along %1: %2 mm. Take a smaller sheet.</source>
        <translation>La máquina no alcanza toda la plancha en %1: %2 mm. Usa una plancha menor.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: line %2, %3.</source>
        <translation>«%1» no es un programa de máquina: línea %2, %3.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: %2.</source>
        <translation>«%1» no es un programa de máquina: %2.</translation>
    </message>
    <message>
        <source>There is no line %1; the program has %2.</source>
        <translation>No hay línea %1; el programa tiene %2.</translation>
    </message>
    <message>
        <source>There is no protocol “%1”. There are: %2.</source>
        <translation>No hay protocolo «%1». Hay: %2.</translation>
    </message>
    <message>
        <source>“%1” does not describe a protocol: %2.</source>
        <translation>«%1» no describe un protocolo: %2.</translation>
    </message>
    <message>
        <source>The device “%1” cannot be opened (%2). See that it is plugged in, and nothing else uses it.</source>
        <translation>No se puede abrir el dispositivo «%1» (%2). Mira si está enchufado y si nada más lo usa.</translation>
    </message>
    <message>
        <source>The controller does not reach so far along %1: %2 mm. Move the work, or take another machine.</source>
        <translation>El control no llega tan lejos en %1: %2 mm. Mueve la obra, o usa otra máquina.</translation>
    </message>
    <message>
        <source>The controller does not take the dialect “%1”; it takes: %2. Write the file anew for it.</source>
        <translation>El control no acepta el dialecto «%1»; acepta: %2. Escribe el archivo de nuevo para él.</translation>
    </message>
    <message>
        <source>The controller answered with an error: %1. The last line it confirmed is %2; nothing more was sent.</source>
        <translation>El control respondió con un error: %1. La última línea que confirmó es %2; no se envió nada más.</translation>
    </message>
    <message>
        <source>The controller started anew. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>El control empezó de nuevo. La última línea que confirmó es %1; no se envió nada más.</translation>
    </message>
    <message>
        <source>The controller answers no more. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>El control ya no responde. La última línea que confirmó es %1; no se envió nada más.</translation>
    </message>
    <message>
        <source>The connection to the controller is lost. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>Se perdió la conexión con el control. La última línea que confirmó es %1; no se envió nada más.</translation>
    </message>
    <message>
        <source>There is nothing to make yet: the card has neither a blank nor letters.</source>
        <translation>Aún no hay nada que hacer: la ficha no tiene pieza base ni letras.</translation>
    </message>
    <message>
        <source>The solid could not be built: slopes or walls meet in a way that comes to nothing. Move the words a little, or make their edges smaller or crisp.</source>
        <translation>No se pudo formar el sólido: pendientes o paredes se encuentran sin dar nada. Mueve un poco las palabras, o haz sus cantos menores o vivos.</translation>
    </message>
    <message>
        <source>A cut reaches the middle of the blank or comes out on another side, or what is raised in a hollow meets across it. Make it less deep, or less high.</source>
        <translation>Un corte llega al centro de la pieza base o sale por otra cara, o lo alzado en un hueco se junta en él. Hazlo menos profundo, o menos alto.</translation>
    </message>
    <message>
        <source>Walls that lean cannot go through where the inside does not lie straight behind the outside. Make the edges of these letters crisp, chamfered or round.</source>
        <translation>Las paredes inclinadas no pueden atravesar donde el interior no está recto tras el exterior. Haz los cantos de estas letras vivos, achaflanados o redondos.</translation>
    </message>
    <message>
        <source>Letters cut through a facet reach beyond what lies straight behind it. Make them narrower, or move them to the middle of the facet.</source>
        <translation>Las letras cortadas a través de una faceta pasan de lo que hay recto detrás. Hazlas más estrechas, o llévalas al centro de la faceta.</translation>
    </message>
    <message>
        <source>The blank has no body: its profile has no size or runs through itself, or its wall is thicker than it has room for.</source>
        <translation>La pieza base no tiene cuerpo: su perfil no tiene tamaño o se cruza, o su pared es más gruesa que el sitio que tiene.</translation>
    </message>
    <message>
        <source>Letters on two sides reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Letras de dos caras se juntan dentro de la pieza base. Hazlas menos profundas, o sepáralas.</translation>
    </message>
    <message>
        <source>Choose the file of the part.</source>
        <translation>Elige el archivo de la pieza.</translation>
    </message>
    <message>
        <source>There is no surface in “%1”.</source>
        <translation>No hay superficie en «%1».</translation>
    </message>
    <message>
        <source>“%1” could not be read as a part (%2).</source>
        <translation>«%1» no se pudo leer como pieza (%2).</translation>
    </message>
    <message>
        <source>The part in “%1” is open in %2 places that are too wide to be closed. Mend it where it was made.</source>
        <translation>La pieza de «%1» está abierta en %2 sitios demasiado anchos para cerrarlos. Arréglala donde se hizo.</translation>
    </message>
    <message>
        <source>The part in “%1” runs through itself. Mend it where it was made.</source>
        <translation>La pieza de «%1» se atraviesa a sí misma. Arréglala donde se hizo.</translation>
    </message>
    <message>
        <source>“%1” is not the file that this card&apos;s sides were found on. Point at them again.</source>
        <translation>«%1» no es el archivo en que se hallaron las caras de esta ficha. Señálalas de nuevo.</translation>
    </message>
    <message>
        <source>This place is on no flat, cylindrical or conical side: it leaves the nearest by %1 mm.</source>
        <translation>Este sitio no está en ninguna cara plana, cilíndrica o cónica: se aparta %1 mm de la más cercana.</translation>
    </message>
    <message>
        <source>This side has no room for words.</source>
        <translation>Esta cara no tiene sitio para palabras.</translation>
    </message>
    <message>
        <source>In “%1” %2 faces are facets: broken edges, balls, turned shapes and parts from files have no true surfaces there.</source>
        <translation>En «%1», %2 caras son facetas: cantos rotos, esferas, formas torneadas y piezas de archivos no tienen ahí superficies exactas.</translation>
    </message>
    <message>
        <source>Letters run over the edge to the side that joins theirs. Move them in from the edge, or make them smaller.</source>
        <translation>Hay letras que pasan el borde hacia la cara vecina. Llévalas adentro, o hazlas menores.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Detenido.</translation>
    </message>
    <message>
        <source>“%1” holds more than can be worked: %2.</source>
        <translation>«%1» tiene más de lo que se puede trabajar: %2.</translation>
    </message>
    <message>
        <source>It needs more than %1 GB of memory. Make it of fewer or simpler letters.</source>
        <translation>Necesita más de %1 GB de memoria. Hazlo con menos letras o más sencillas.</translation>
    </message>
</context>
<context>
    <name>Processes</name>
    <message>
        <source>filament print</source>
        <translation>impresión de filamento</translation>
    </message>
    <message>
        <source>resin print</source>
        <translation>impresión de resina</translation>
    </message>
    <message>
        <source>casting pattern</source>
        <translation>modelo de fundición</translation>
    </message>
    <message>
        <source>V-carving</source>
        <translation>talla en V</translation>
    </message>
    <message>
        <source>line engraving</source>
        <translation>grabado de líneas</translation>
    </message>
    <message>
        <source>milling</source>
        <translation>fresado</translation>
    </message>
    <message>
        <source>torch cutting</source>
        <translation>corte con soplete</translation>
    </message>
    <message>
        <source>laser cutting</source>
        <translation>corte láser</translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation>Boquilla</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Capa</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>Primera capa</translation>
    </message>
    <message>
        <source>Steepest overhang</source>
        <translation>Voladizo más inclinado</translation>
    </message>
    <message>
        <source>Speed, mm a second</source>
        <translation>Velocidad, mm por segundo</translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation>Cama, a lo ancho</translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation>Cama, a lo hondo</translation>
    </message>
    <message>
        <source>Prints up to</source>
        <translation>Imprime hasta</translation>
    </message>
    <message>
        <source>Pixel</source>
        <translation>Píxel</translation>
    </message>
    <message>
        <source>Angle of the bit</source>
        <translation>Ángulo de la fresa</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>Punta</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Fresa</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Ancho de corte</translation>
    </message>
    <message>
        <source>Thinnest plate</source>
        <translation>Placa más fina</translation>
    </message>
    <message>
        <source>Thickest plate</source>
        <translation>Placa más gruesa</translation>
    </message>
    <message>
        <source>Worn on the body</source>
        <translation>Se lleva puesto</translation>
    </message>
    <message>
        <source>, %1 %2</source>
        <translation>, %1 %2</translation>
    </message>
    <message>
        <source>, worn</source>
        <translation>, se lleva puesto</translation>
    </message>
    <message>
        <source>, own limits</source>
        <translation>, límites propios</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Trazo</translation>
    </message>
    <message>
        <source>Land</source>
        <translation>Tabique</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Hueco</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Estrechamiento</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>Height per stroke</source>
        <translation>Altura por trazo</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Asiento</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Cantos</translation>
    </message>
    <message>
        <source>Draft</source>
        <translation>Desmoldeo</translation>
    </message>
    <message>
        <source>Radius left in corners</source>
        <translation>Radio que queda en las esquinas</translation>
    </message>
    <message>
        <source>%1, stop above</source>
        <translation>%1, impedimento por encima</translation>
    </message>
    <message>
        <source>%1, watch above</source>
        <translation>%1, vigilar por encima</translation>
    </message>
    <message>
        <source>%1, stop below</source>
        <translation>%1, impedimento por debajo</translation>
    </message>
    <message>
        <source>%1, watch below</source>
        <translation>%1, vigilar por debajo</translation>
    </message>
    <message>
        <source>Above the limit you set.</source>
        <translation>Por encima del límite que pusiste.</translation>
    </message>
    <message>
        <source>Below the limit you set.</source>
        <translation>Por debajo del límite que pusiste.</translation>
    </message>
    <message>
        <source>Beyond what the process can do.</source>
        <translation>Más de lo que puede el proceso.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>side %1</source>
        <translation>cara %1</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>oculta</translation>
    </message>
    <message>
        <source>cuts out</source>
        <translation>recorta</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source> · group %1</source>
        <translation> · grupo %1</translation>
    </message>
    <message>
        <source>Inscription %1: %2, %3</source>
        <translation>Inscripción %1: %2, %3</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(sin palabras)</translation>
    </message>
</context>
<context>
    <name>Rules</name>
    <message>
        <source>Nothing could be made</source>
        <translation>No se pudo hacer nada</translation>
    </message>
    <message>
        <source>Typeface cannot be used</source>
        <translation>El tipo no se puede usar</translation>
    </message>
    <message>
        <source>No value for {%1}</source>
        <translation>Sin valor para {%1}</translation>
    </message>
    <message>
        <source>The rows in Output have no such field. Add it there, or double the braces to set them.</source>
        <translation>Las filas de Salida no tienen ese campo. Añádelo allí, o dobla las llaves para escribirlas.</translation>
    </message>
    <message>
        <source>Ornament without a shape</source>
        <translation>Adorno sin forma</translation>
    </message>
    <message>
        <source>There is nothing for it to go round or along, or its artwork holds no shape.</source>
        <translation>No hay nada que rodear o seguir, o su motivo no tiene ninguna forma.</translation>
    </message>
    <message>
        <source>Words longer than their line</source>
        <translation>Palabras más largas que su línea</translation>
    </message>
    <message>
        <source>The words run beyond the end of the line they stand on, or round it into themselves.</source>
        <translation>Las palabras pasan del final de su línea, o dan la vuelta sobre sí mismas.</translation>
    </message>
    <message>
        <source>Character missing in the typeface</source>
        <translation>Falta un signo en el tipo</translation>
    </message>
    <message>
        <source>%1 has no such character, so nothing is made of it. Choose another typeface or sign.</source>
        <translation>%1 no tiene ese signo, así que no se hace nada de él. Elige otro tipo u otro signo.</translation>
    </message>
    <message>
        <source>Character draws nothing</source>
        <translation>El signo no dibuja nada</translation>
    </message>
    <message>
        <source>%1 knows the character but has no outline for it, so nothing is made of it.</source>
        <translation>%1 conoce el signo pero no tiene contorno, así que no se hace nada de él.</translation>
    </message>
    <message>
        <source>No size of these letters gives that measure; this is the nearest. Change the size, the weight or the spaces.</source>
        <translation>Ningún tamaño de estas letras da esa medida; este es el más cercano. Cambia el tamaño, el peso o los espacios.</translation>
    </message>
    <message>
        <source>All letters close up</source>
        <translation>Todas las letras se cierran</translation>
    </message>
    <message>
        <source>Strokes grown on both sides would be higher than the letters. Lower the weight or make the letters larger.</source>
        <translation>Los trazos crecidos por ambos lados serían más altos que las letras. Baja el peso o agranda las letras.</translation>
    </message>
    <message>
        <source>Letters too large or too far out</source>
        <translation>Letras demasiado grandes o lejanas</translation>
    </message>
    <message>
        <source>Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or move them nearer.</source>
        <translation>Nada puede estar a más de 107 m del origen, así que estas se omiten. Hazlas menores o acércalas.</translation>
    </message>
    <message>
        <source>Neck too narrow</source>
        <translation>Estrechamiento demasiado fino</translation>
    </message>
    <message>
        <source>Strokes vanish</source>
        <translation>Hay trazos que desaparecen</translation>
    </message>
    <message>
        <source>The weight change takes more off these strokes than they are wide.</source>
        <translation>El cambio de peso quita a estos trazos más de lo que miden de ancho.</translation>
    </message>
    <message>
        <source>Counters fill up</source>
        <translation>Se llenan ojos</translation>
    </message>
    <message>
        <source>The strokes grow towards each other by more than these holes are wide.</source>
        <translation>Los trazos crecen uno hacia otro más de lo que miden estos agujeros.</translation>
    </message>
    <message>
        <source>Counters fall out</source>
        <translation>Se caen ojos</translation>
    </message>
    <message>
        <source>Cut right through, these are held by nothing.</source>
        <translation>Cortados del todo, nada los sujeta.</translation>
    </message>
    <message>
        <source>Letters joined to nothing</source>
        <translation>Letras sin unión</translation>
    </message>
    <message>
        <source>Nothing holds these letters to the rest.</source>
        <translation>Nada sujeta estas letras al resto.</translation>
    </message>
    <message>
        <source>Relief too low</source>
        <translation>Relieve demasiado bajo</translation>
    </message>
    <message>
        <source>Letters tall for their strokes</source>
        <translation>Letras altas para sus trazos</translation>
    </message>
    <message>
        <source>Letters high for something worn</source>
        <translation>Letras altas para algo que se lleva puesto</translation>
    </message>
    <message>
        <source>Bedding too shallow</source>
        <translation>Asiento demasiado poco hondo</translation>
    </message>
    <message>
        <source>Words beyond the blank</source>
        <translation>Palabras fuera de la pieza base</translation>
    </message>
    <message>
        <source>Part of the words lies off the blank or over a hole.</source>
        <translation>Parte de las palabras está fuera de la pieza base o sobre un agujero.</translation>
    </message>
    <message>
        <source>Too near the edge</source>
        <translation>Demasiado cerca del borde</translation>
    </message>
    <message>
        <source>Nearer to an edge than the margin set for this blank.</source>
        <translation>Más cerca de un borde que el margen de esta pieza base.</translation>
    </message>
    <message>
        <source>The blank has no size</source>
        <translation>La pieza base no tiene tamaño</translation>
    </message>
    <message>
        <source>Give the blank a width, a height and a thickness above 0.</source>
        <translation>Da a la pieza base un ancho, un alto y un grosor mayores que 0.</translation>
    </message>
    <message>
        <source>The profile crosses itself</source>
        <translation>El perfil se cruza</translation>
    </message>
    <message>
        <source>Between its points the profile runs through itself or beyond its ends. Move its points apart.</source>
        <translation>Entre sus puntos el perfil se atraviesa o pasa de sus extremos. Separa sus puntos.</translation>
    </message>
    <message>
        <source>Longer than once round</source>
        <translation>Más largo que una vuelta</translation>
    </message>
    <message>
        <source>The words run into themselves. Make them smaller or narrower, or the blank larger.</source>
        <translation>Las palabras se topan consigo mismas. Hazlas menores o más estrechas, o la pieza base mayor.</translation>
    </message>
    <message>
        <source>Letters across the border of facets</source>
        <translation>Letras sobre el borde de facetas</translation>
    </message>
    <message>
        <source>These bend over the edge between two facets. Give the letters out one to a facet, or move them.</source>
        <translation>Se doblan sobre el canto entre dos facetas. Reparte las letras una por faceta, o muévelas.</translation>
    </message>
    <message>
        <source>Letters narrow towards a pole</source>
        <translation>Letras más estrechas hacia un polo</translation>
    </message>
    <message>
        <source>They are as wide as drawn where they are placed, and so much of that where the blank is thinner.</source>
        <translation>Son tan anchas como se dibujaron donde están, y solo tanto de ello donde la pieza base es más fina.</translation>
    </message>
    <message>
        <source>Flat tops are uneven</source>
        <translation>Las cimas planas son desiguales</translation>
    </message>
    <message>
        <source>At their ends letters stand so much farther off the side, or nearer, than in their middle.</source>
        <translation>En sus extremos las letras se apartan tanto más de la cara, o menos, que en su centro.</translation>
    </message>
    <message>
        <source>Letters of two sides meet</source>
        <translation>Se encuentran letras de dos caras</translation>
    </message>
    <message>
        <source>They reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>Se juntan dentro de la pieza base. Hazlas menos hondas, o sepáralas.</translation>
    </message>
    <message>
        <source>The part cannot be had</source>
        <translation>La pieza no se puede obtener</translation>
    </message>
    <message>
        <source>The part was mended</source>
        <translation>La pieza fue arreglada</translation>
    </message>
    <message>
        <source>Triangles of its file that were there twice or faced the other way, or small holes, were put right. The file stays as it is.</source>
        <translation>Se corrigieron triángulos de su archivo repetidos o vueltos, o agujeros pequeños. El archivo queda como está.</translation>
    </message>
    <message>
        <source>No side there</source>
        <translation>Ahí no hay cara</translation>
    </message>
    <message>
        <source>The blank has no such side</source>
        <translation>La pieza base no tiene esa cara</translation>
    </message>
    <message>
        <source>Hole beyond the blank</source>
        <translation>Agujero fuera de la pieza base</translation>
    </message>
    <message>
        <source>The hole cuts into the blank&apos;s edge or misses the blank.</source>
        <translation>El agujero corta el borde de la pieza base o no la alcanza.</translation>
    </message>
    <message>
        <source>Narrow land beside a hole</source>
        <translation>Tabique estrecho junto a un agujero</translation>
    </message>
    <message>
        <source>Too thick to cut through</source>
        <translation>Demasiado gruesa para cortarla</translation>
    </message>
    <message>
        <source>Thin to cut</source>
        <translation>Fina para cortar</translation>
    </message>
    <message>
        <source>Sharp edges</source>
        <translation>Cantos vivos</translation>
    </message>
    <message>
        <source>Walls lean too little</source>
        <translation>Las paredes se inclinan demasiado poco</translation>
    </message>
    <message>
        <source>Wide strokes with a flat floor</source>
        <translation>Trazos anchos con fondo plano</translation>
    </message>
    <message>
        <source>The depth ends before the flanks meet in the middle of these strokes. A greater depth carves them to a point.</source>
        <translation>La profundidad acaba antes de que los flancos se junten en medio de estos trazos. Más profundidad los talla en punta.</translation>
    </message>
    <message>
        <source>Corners stay round</source>
        <translation>Las esquinas quedan redondas</translation>
    </message>
    <message>
        <source>Parts that begin in the air</source>
        <translation>Partes que empiezan en el aire</translation>
    </message>
    <message>
        <source>Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.</source>
        <translation>Así apoyada no hay nada bajo ellas donde empiezan. Apoya la pieza de otro modo, o sostenla.</translation>
    </message>
    <message>
        <source>Overhangs too far</source>
        <translation>Sobresale demasiado</translation>
    </message>
    <message>
        <source>Lying so, so much leans out farther than a print holds. Let the part lie otherwise.</source>
        <translation>Así apoyada, tanto se inclina hacia fuera más de lo que aguanta una impresión. Apoya la pieza de otro modo.</translation>
    </message>
    <message>
        <source>Not a whole number of layers</source>
        <translation>No es un número entero de capas</translation>
    </message>
    <message>
        <source>The printer makes it a layer higher or lower than it is drawn.</source>
        <translation>La impresora lo hace una capa más alto o más bajo de lo dibujado.</translation>
    </message>
    <message>
        <source>Letters lose a layer</source>
        <translation>Letras que pierden una capa</translation>
    </message>
    <message>
        <source>As the print lies, letters come out in fewer layers than they are high, or in none.</source>
        <translation>Según se apoya la impresión, las letras salen en menos capas de lo que miden, o en ninguna.</translation>
    </message>
    <message>
        <source>Larger than the printer&apos;s bed</source>
        <translation>Mayor que la cama de la impresora</translation>
    </message>
    <message>
        <source>Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.</source>
        <translation>Así apoyada la pieza no cabe en la cama, o bajo el techo. Gírala, o hazla menor.</translation>
    </message>
    <message>
        <source>The solid could not be built</source>
        <translation>No se pudo formar el sólido</translation>
    </message>
    <message>
        <source>Ties without a stroke</source>
        <translation>Tirantes sin trazo</translation>
    </message>
    <message>
        <source>These were put by hand where their letter is not cut any more. Drag them back, or take them away.</source>
        <translation>Se pusieron a mano donde su letra ya no se corta. Llévalos de vuelta, o quítalos.</translation>
    </message>
    <message>
        <source>No ties needed</source>
        <translation>No hacen falta tirantes</translation>
    </message>
    <message>
        <source>No letter of these words encloses anything, so %1 gets none.</source>
        <translation>Ninguna letra de estas palabras encierra nada, así que %1 no recibe ninguno.</translation>
    </message>
    <message>
        <source>Part beyond the stock</source>
        <translation>Pieza fuera del material</translation>
    </message>
    <message>
        <source>The blank does not lie within the stock. Make the stock larger, or move it.</source>
        <translation>La pieza base no está dentro del material. Agranda el material, o muévelo.</translation>
    </message>
    <message>
        <source>Cuts beside the stock</source>
        <translation>Corta al lado del material</translation>
    </message>
    <message>
        <source>Some of what is cut lies where there is no stock.</source>
        <translation>Parte de lo que se corta está donde no hay material.</translation>
    </message>
    <message>
        <source>Deeper than the stock</source>
        <translation>Más hondo que el material</translation>
    </message>
    <message>
        <source>%1 goes through the stock into what lies below.</source>
        <translation>%1 atraviesa el material hacia lo que hay debajo.</translation>
    </message>
    <message>
        <source>Deeper than the tool cuts</source>
        <translation>Más hondo de lo que corta la herramienta</translation>
    </message>
    <message>
        <source>%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.</source>
        <translation>%1: el mango roza donde acaban los filos. Usa una herramienta más larga, o corta menos hondo.</translation>
    </message>
    <message>
        <source>Beyond the machine&apos;s travel</source>
        <translation>Fuera del recorrido de la máquina</translation>
    </message>
    <message>
        <source>The machine cannot reach so far along %1.</source>
        <translation>La máquina no llega tan lejos en %1.</translation>
    </message>
    <message>
        <source>Tool too wide for strokes</source>
        <translation>Herramienta demasiado ancha para los trazos</translation>
    </message>
    <message>
        <source>%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger letters.</source>
        <translation>%1: no se corta nada donde los trazos son más estrechos que la herramienta. Usa una menor, o letras mayores.</translation>
    </message>
    <message>
        <source>Little stock round the part</source>
        <translation>Poco material alrededor de la pieza</translation>
    </message>
    <message>
        <source>The tool runs along the stock&apos;s edge or beside it. Leave a margin of its width.</source>
        <translation>La herramienta va por el borde del material o a su lado. Deja un margen de su ancho.</translation>
    </message>
    <message>
        <source>Stock thicker than the blank</source>
        <translation>Material más grueso que la pieza base</translation>
    </message>
    <message>
        <source>What is cut out comes as thick as the stock.</source>
        <translation>Lo que se recorta sale tan grueso como el material.</translation>
    </message>
    <message>
        <source>No room for a lead</source>
        <translation>Sin sitio para una entrada</translation>
    </message>
    <message>
        <source>%1: there is no place in the waste to begin from, so the cut begins on the line.</source>
        <translation>%1: no hay sitio en el sobrante donde empezar, así que el corte empieza en la línea.</translation>
    </message>
    <message>
        <source>Another depth than its working</source>
        <translation>Otra profundidad que su labor</translation>
    </message>
    <message>
        <source>%1 tells a depth of its own, and the letters are designed with another.</source>
        <translation>%1 dice una profundidad propia, y las letras se diseñaron con otra.</translation>
    </message>
    <message>
        <source>Unknown dialect</source>
        <translation>Dialecto desconocido</translation>
    </message>
    <message>
        <source>There is no description of “%1”, so no file can be written.</source>
        <translation>No hay descripción de «%1», así que no se puede escribir ningún archivo.</translation>
    </message>
    <message>
        <source>Cut free too early</source>
        <translation>Separada demasiado pronto</translation>
    </message>
    <message>
        <source>%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.</source>
        <translation>%1 suelta la pieza antes de que se le haga todo. Recórtala al final, o sujétala con tirantes.</translation>
    </message>
    <message>
        <source>Pieces come loose inside</source>
        <translation>Se sueltan trozos por dentro</translation>
    </message>
    <message>
        <source>%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take the pieces out as they fall.</source>
        <translation>%1: lo que se recorta dentro de la pieza queda suelto bajo la herramienta. Da tirantes a la operación, o saca los trozos según caen.</translation>
    </message>
    <message>
        <source>Beyond the spindle&apos;s speeds</source>
        <translation>Fuera de las velocidades del husillo</translation>
    </message>
    <message>
        <source>%1 asks for a speed that the machine&apos;s spindle does not turn at.</source>
        <translation>%1 pide una velocidad a la que no gira el husillo de la máquina.</translation>
    </message>
    <message>
        <source>Not for this machine</source>
        <translation>No para esta máquina</translation>
    </message>
    <message>
        <source>%1 needs a spindle where the machine carries a torch, or the other way round.</source>
        <translation>%1 necesita un husillo donde la máquina lleva un soplete, o al revés.</translation>
    </message>
    <message>
        <source>Zero elsewhere than last time</source>
        <translation>Cero en otro sitio que la última vez</translation>
    </message>
    <message>
        <source>The last file for this process had its zero at another place of the stock.</source>
        <translation>El último archivo de este proceso tenía su cero en otro sitio del material.</translation>
    </message>
    <message>
        <source>Outlines were mended</source>
        <translation>Se arreglaron contornos</translation>
    </message>
    <message>
        <source>Contours overlapped or crossed; they were united and come out filled.</source>
        <translation>Había contornos superpuestos o cruzados; se unieron y salen llenos.</translation>
    </message>
    <message>
        <source>The stock stands above the blank</source>
        <translation>El material sobresale de la pieza base</translation>
    </message>
    <message>
        <source>Depths count from the blank&apos;s surface, which lies so far below the stock&apos;s, and nothing takes that off before. Take thinner stock, or put a raster first.</source>
        <translation>Las profundidades cuentan desde la superficie de la pieza base, tanto por debajo de la del material, y nada lo quita antes. Usa material más fino, o pon antes un barrido.</translation>
    </message>
    <message>
        <source>The tool meets the chuck</source>
        <translation>La herramienta toca el plato</translation>
    </message>
    <message>
        <source>%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other end.</source>
        <translation>%1 llega tanto sobre lo que sujeta la barra. Aleja de ahí las palabras, o sujeta la barra por el otro extremo.</translation>
    </message>
    <message>
        <source>%1: the side leans too far there for this tool, whose flank would run into it. Place the words nearer to the top, or let the bar turn on an axis.</source>
        <translation>%1: la cara se inclina ahí demasiado para esta herramienta, cuyo flanco entraría en ella. Pon las palabras más cerca de lo alto, o deja girar la barra en un eje.</translation>
    </message>
    <message>
        <source>Not cut on a side like this</source>
        <translation>No se corta en una cara así</translation>
    </message>
    <message>
        <source>%1 is not done there. On sides that go round the blank words are scribed, V-carved and pocketed, and where the bar turns a raster takes the ground off.</source>
        <translation>%1 no se hace ahí. En caras que rodean la pieza base las palabras se trazan, se tallan en V y se cajean, y donde la barra gira un barrido quita el fondo.</translation>
    </message>
    <message>
        <source>Nothing is cut of these words</source>
        <translation>No se corta nada de estas palabras</translation>
    </message>
    <message>
        <source>Thinner than metal runs into: the casting lacks it.</source>
        <translation>Más fino de lo que corre el metal: le falta a la fundición.</translation>
    </message>
    <message>
        <source>So thin that metal may not run all the way into it.</source>
        <translation>Tan fino que el metal puede no llegar hasta el fondo.</translation>
    </message>
    <message>
        <source>Narrower than the mould holds: it breaks off and metal fills the place.</source>
        <translation>Más estrecho de lo que aguanta el molde: se rompe y el metal llena el sitio.</translation>
    </message>
    <message>
        <source>So narrow that the mould may crumble here.</source>
        <translation>Tan estrecho que el molde puede desmoronarse aquí.</translation>
    </message>
    <message>
        <source>Sharp edges of a pattern crumble in the mould and come out ragged.</source>
        <translation>Los cantos vivos de un modelo se desmoronan en el molde y salen rotos.</translation>
    </message>
    <message>
        <source>So upright, walls of a pattern tear the mould when it is drawn out.</source>
        <translation>Tan rectas, las paredes de un modelo desgarran el molde al sacarlo.</translation>
    </message>
    <message>
        <source>Thinner than one printed line: the printer leaves it out.</source>
        <translation>Más fino que una línea impresa: la impresora lo omite.</translation>
    </message>
    <message>
        <source>Less than two printed lines wide: it may print weak or ragged.</source>
        <translation>Menos de dos líneas impresas de ancho: puede salir débil o roto.</translation>
    </message>
    <message>
        <source>Narrower than half the nozzle: the molten line closes it.</source>
        <translation>Más estrecho que media boquilla: la línea fundida lo cierra.</translation>
    </message>
    <message>
        <source>Narrower than the nozzle: edges may run into each other.</source>
        <translation>Más estrecho que la boquilla: los bordes pueden unirse.</translation>
    </message>
    <message>
        <source>This place alone holds two parts together, and two printed lines do not fit into it.</source>
        <translation>Solo este sitio une dos partes, y en él no caben dos líneas impresas.</translation>
    </message>
    <message>
        <source>So few layers are left under the letters that the floor shows through or tears.</source>
        <translation>Quedan tan pocas capas bajo las letras que el fondo se transparenta o se rasga.</translation>
    </message>
    <message>
        <source>Less than two layers: the letters hardly stand out.</source>
        <translation>Menos de dos capas: las letras apenas resaltan.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may break off.</source>
        <translation>Más de %1 veces tan alto como ancho es el trazo más fino: puede romperse.</translation>
    </message>
    <message>
        <source>Letters that reach less than a layer into the blank come off easily.</source>
        <translation>Las letras que entran menos de una capa en la pieza base se sueltan fácilmente.</translation>
    </message>
    <message>
        <source>So narrow beside the beam that it burns away or breaks.</source>
        <translation>Tan estrecho junto al rayo que se quema o se rompe.</translation>
    </message>
    <message>
        <source>Narrower than the sheet is thick: it breaks easily.</source>
        <translation>Más estrecho que el grosor de la lámina: se rompe fácilmente.</translation>
    </message>
    <message>
        <source>Narrower than the beam cuts.</source>
        <translation>Más estrecho de lo que corta el rayo.</translation>
    </message>
    <message>
        <source>Hardly wider than the cut: corners come out round.</source>
        <translation>Apenas más ancho que el corte: las esquinas salen redondas.</translation>
    </message>
    <message>
        <source>Lines closer than a cut is wide run into each other.</source>
        <translation>Líneas más juntas que el ancho de un corte se unen.</translation>
    </message>
    <message>
        <source>Less than half the cutter wide: it may break away under the cutter.</source>
        <translation>Menos de media fresa de ancho: puede romperse bajo ella.</translation>
    </message>
    <message>
        <source>Narrower than the cutter: it does not fit in.</source>
        <translation>Más estrecho que la fresa: no cabe.</translation>
    </message>
    <message>
        <source>Hardly wider than the cutter, which rubs on both sides at once.</source>
        <translation>Apenas más ancho que la fresa, que roza por ambos lados a la vez.</translation>
    </message>
    <message>
        <source>The cutter is round: this much is left in corners, at its radius.</source>
        <translation>La fresa es redonda: tanto queda en las esquinas, a su radio.</translation>
    </message>
    <message>
        <source>Thinner than resin hardens reliably: it is missing or breaks in cleaning.</source>
        <translation>Más fino de lo que la resina endurece con seguridad: falta o se rompe al limpiar.</translation>
    </message>
    <message>
        <source>So thin that it bends or breaks easily in cleaning.</source>
        <translation>Tan fino que se dobla o rompe fácilmente al limpiar.</translation>
    </message>
    <message>
        <source>Narrower than resin drains from: it hardens shut.</source>
        <translation>Más estrecho de lo que escurre la resina: se endurece cerrado.</translation>
    </message>
    <message>
        <source>So narrow that resin may stay in it and harden.</source>
        <translation>Tan estrecho que la resina puede quedarse y endurecerse.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may bend or break off.</source>
        <translation>Más de %1 veces tan alto como ancho es el trazo más fino: puede doblarse o romperse.</translation>
    </message>
    <message>
        <source>So high, letters on something worn catch on cloth and skin.</source>
        <translation>Tan altas, las letras de algo que se lleva puesto enganchan tela y piel.</translation>
    </message>
    <message>
        <source>Nothing is left under the letters.</source>
        <translation>No queda nada bajo las letras.</translation>
    </message>
    <message>
        <source>So little beside the flame melts away.</source>
        <translation>Tan poco junto a la llama se derrite.</translation>
    </message>
    <message>
        <source>So little beside the flame may warp or be washed out.</source>
        <translation>Tan poco junto a la llama puede alabearse o perderse.</translation>
    </message>
    <message>
        <source>Narrower than the plate is thick, or than the cut: it closes up.</source>
        <translation>Más estrecho que el grosor de la placa, o que el corte: se cierra.</translation>
    </message>
    <message>
        <source>So narrow for this plate that its sides come out ragged.</source>
        <translation>Tan estrecho para esta placa que sus lados salen rotos.</translation>
    </message>
    <message>
        <source>The torch does not come out at the other side of so thick a plate.</source>
        <translation>El soplete no sale por el otro lado de una placa tan gruesa.</translation>
    </message>
    <message>
        <source>So thin a plate burns away and warps under the torch.</source>
        <translation>Una placa tan fina se quema y alabea bajo el soplete.</translation>
    </message>
    <message>
        <source>So thin a land between two cuts may chip out.</source>
        <translation>Un tabique tan fino entre dos cortes puede saltar.</translation>
    </message>
    <message>
        <source>Narrower than the bit&apos;s tip: nothing is cut here.</source>
        <translation>Más estrecho que la punta de la fresa: aquí no se corta nada.</translation>
    </message>
</context>
<context>
    <name>Sheets</name>
    <message>
        <source>This line is 100 mm long. %1</source>
        <translation>Esta línea mide 100 mm. %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1. Row %2 of %3, sheet %4 of %5; crosses lie over each other.</source>
        <translation>%1. Fila %2 de %3, hoja %4 de %5; las cruces se superponen.</translation>
    </message>
</context>
<context>
    <name>Summaries</name>
    <message>
        <source>top left</source>
        <translation>arriba a la izquierda</translation>
    </message>
    <message>
        <source>top</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>arriba a la derecha</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>abajo a la izquierda</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>abajo a la derecha</translation>
    </message>
    <message>
        <source>front</source>
        <translation>delante</translation>
    </message>
    <message>
        <source>back</source>
        <translation>detrás</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>fuera</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>dentro</translation>
    </message>
    <message>
        <source>start</source>
        <translation>comienzo</translation>
    </message>
    <message>
        <source>end</source>
        <translation>final</translation>
    </message>
    <message>
        <source>a face pointed at</source>
        <translation>una cara señalada</translation>
    </message>
    <message>
        <source>Capital height</source>
        <translation>Altura de mayúsculas</translation>
    </message>
    <message>
        <source>x-height</source>
        <translation>Altura de x</translation>
    </message>
    <message>
        <source>Line height</source>
        <translation>Altura de línea</translation>
    </message>
    <message>
        <source>Overall width</source>
        <translation>Ancho total</translation>
    </message>
    <message>
        <source>Overall height</source>
        <translation>Alto total</translation>
    </message>
    <message>
        <source>on the part</source>
        <translation>en la pieza</translation>
    </message>
    <message>
        <source>in its impression</source>
        <translation>en su impresión</translation>
    </message>
    <message>
        <source>through from the back</source>
        <translation>a través, desde atrás</translation>
    </message>
    <message>
        <source>words</source>
        <translation>palabras</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>marco</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>barra</translation>
    </message>
    <message>
        <source>border</source>
        <translation>orla</translation>
    </message>
    <message>
        <source>backing</source>
        <translation>soporte</translation>
    </message>
    <message>
        <source>artwork</source>
        <translation>motivo</translation>
    </message>
    <message>
        <source>artwork %1</source>
        <translation>motivo %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectángulo</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>óvalo</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>círculo</translation>
    </message>
    <message>
        <source>along the letters</source>
        <translation>a lo largo de las letras</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>barras</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>placa</translation>
    </message>
    <message>
        <source>oval plate</source>
        <translation>placa ovalada</translation>
    </message>
    <message>
        <source>links between parts</source>
        <translation>enlaces entre partes</translation>
    </message>
    <message>
        <source>pins on bars</source>
        <translation>espigas sobre barras</translation>
    </message>
    <message>
        <source>plate along the letters</source>
        <translation>placa a lo largo de las letras</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>recta</translation>
    </message>
    <message>
        <source>on an arc</source>
        <translation>en un arco</translation>
    </message>
    <message>
        <source>round a circle</source>
        <translation>alrededor de un círculo</translation>
    </message>
    <message>
        <source>along a curve</source>
        <translation>a lo largo de una curva</translation>
    </message>
    <message>
        <source>along the blank’s edge</source>
        <translation>a lo largo del borde de la pieza base</translation>
    </message>
    <message>
        <source>, band %1</source>
        <translation>, banda %1</translation>
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
        <translation>marco, %1, </translation>
    </message>
    <message>
        <source>%1 round the words</source>
        <translation>%1 alrededor de las palabras</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>barra %1</translation>
    </message>
    <message>
        <source>border %1 from the edge</source>
        <translation>orla a %1 del borde</translation>
    </message>
    <message>
        <source>backing, %1, %2 wide</source>
        <translation>soporte, %1, %2 de ancho</translation>
    </message>
    <message>
        <source>backing, %1 %2 beyond the words</source>
        <translation>soporte, %1 %2 más allá de las palabras</translation>
    </message>
    <message>
        <source>%1 at %2 %</source>
        <translation>%1 al %2 %</translation>
    </message>
    <message>
        <source>capitals %1</source>
        <translation>mayúsculas %1</translation>
    </message>
    <message>
        <source>x-height %1</source>
        <translation>altura de x %1</translation>
    </message>
    <message>
        <source>lines %1</source>
        <translation>líneas %1</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>%1 de ancho</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 de alto</translation>
    </message>
    <message>
        <source>no words yet</source>
        <translation>aún sin palabras</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>, width %1 %</source>
        <translation>, ancho %1 %</translation>
    </message>
    <message>
        <source>, slant %1°</source>
        <translation>, inclinación %1°</translation>
    </message>
    <message numerus="yes">
        <source>, %n letter(s) nudged</source>
        <translation>
            <numerusform>, %n letra desplazada</numerusform>
            <numerusform>, %n letras desplazadas</numerusform>
        </translation>
    </message>
    <message>
        <source>, weight %1</source>
        <translation>, peso %1</translation>
    </message>
    <message>
        <source>nothing to place</source>
        <translation>nada que colocar</translation>
    </message>
    <message>
        <source>with its words</source>
        <translation>con sus palabras</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 en %2, %3</translation>
    </message>
    <message>
        <source> of radius %1</source>
        <translation> de radio %1</translation>
    </message>
    <message>
        <source>, turned %1°</source>
        <translation>, girado %1°</translation>
    </message>
    <message>
        <source>, reads %1</source>
        <translation>, se lee %1</translation>
    </message>
    <message>
        <source>chamfer %1</source>
        <translation>chaflán %1</translation>
    </message>
    <message>
        <source>chamfer %1 at %2</source>
        <translation>chaflán %1 a %2</translation>
    </message>
    <message>
        <source>rounded %1</source>
        <translation>redondeado %1</translation>
    </message>
    <message>
        <source>draft %1</source>
        <translation>desmoldeo %1</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>chaflán</translation>
    </message>
    <message>
        <source>round</source>
        <translation>redondo</translation>
    </message>
    <message>
        <source>draft</source>
        <translation>desmoldeo</translation>
    </message>
    <message>
        <source>crisp</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>trazo</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>ojo</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>abertura</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>puente</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>hueco</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>estrechamiento</translation>
    </message>
    <message>
        <source>to the edge</source>
        <translation>hasta el borde</translation>
    </message>
    <message>
        <source>centreline of %1</source>
        <translation>línea media de %1</translation>
    </message>
    <message>
        <source>ligatures</source>
        <translation>ligaduras</translation>
    </message>
    <message>
        <source>more ligatures</source>
        <translation>más ligaduras</translation>
    </message>
    <message>
        <source>historical ligatures</source>
        <translation>ligaduras históricas</translation>
    </message>
    <message>
        <source>small capitals</source>
        <translation>versalitas</translation>
    </message>
    <message>
        <source>capitals as small capitals</source>
        <translation>mayúsculas como versalitas</translation>
    </message>
    <message>
        <source>old-style figures</source>
        <translation>cifras elzevirianas</translation>
    </message>
    <message>
        <source>lining figures</source>
        <translation>cifras alineadas</translation>
    </message>
    <message>
        <source>figures in columns</source>
        <translation>cifras en columnas</translation>
    </message>
    <message>
        <source>figures of own width</source>
        <translation>cifras de ancho propio</translation>
    </message>
    <message>
        <source>slashed zero</source>
        <translation>cero tachado</translation>
    </message>
    <message>
        <source>fractions</source>
        <translation>fracciones</translation>
    </message>
    <message>
        <source>ordinals</source>
        <translation>ordinales</translation>
    </message>
    <message>
        <source>other forms</source>
        <translation>otras formas</translation>
    </message>
    <message>
        <source>swashes</source>
        <translation>letras de adorno</translation>
    </message>
    <message>
        <source>titling capitals</source>
        <translation>mayúsculas de título</translation>
    </message>
    <message>
        <source>signs for capitals</source>
        <translation>signos para mayúsculas</translation>
    </message>
    <message>
        <source>set of forms %1</source>
        <translation>juego de formas %1</translation>
    </message>
</context>
<context>
    <name>Workings</name>
    <message>
        <source>raised</source>
        <translation>alzado</translation>
    </message>
    <message>
        <source>raised %1</source>
        <translation>alzado %1</translation>
    </message>
    <message>
        <source>Stands above the front and reaches into the blank by its bedding.</source>
        <translation>Sobresale del frente y entra en la pieza base con su asiento.</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>hundido</translation>
    </message>
    <message>
        <source>sunk %1</source>
        <translation>hundido %1</translation>
    </message>
    <message>
        <source>Cut into the blank, with a flat floor.</source>
        <translation>Cortado en la pieza base, con fondo plano.</translation>
    </message>
    <message>
        <source>pierced</source>
        <translation>calado</translation>
    </message>
    <message>
        <source>pierced, cut right through</source>
        <translation>calado, cortado del todo</translation>
    </message>
    <message>
        <source>Cut right through; counters fall out unless something holds them.</source>
        <translation>Cortado del todo; los ojos se caen si nada los sujeta.</translation>
    </message>
    <message>
        <source>free-standing</source>
        <translation>suelto</translation>
    </message>
    <message>
        <source>free-standing %1</source>
        <translation>suelto %1</translation>
    </message>
    <message>
        <source>Letters by themselves, without a blank.</source>
        <translation>Letras por sí solas, sin pieza base.</translation>
    </message>
    <message>
        <source>scribed</source>
        <translation>trazado</translation>
    </message>
    <message>
        <source>scribed %1 deep</source>
        <translation>trazado, %1 de hondo</translation>
    </message>
    <message>
        <source>Cut as a line as wide as the stroke: along single lines, or along outlines.</source>
        <translation>Cortado como una línea tan ancha como el trazo: a lo largo de líneas simples, o de contornos.</translation>
    </message>
    <message>
        <source>carved</source>
        <translation>tallado</translation>
    </message>
    <message>
        <source>carved at %2° up to %1 deep</source>
        <translation>tallado a %2°, hasta %1 de hondo</translation>
    </message>
    <message>
        <source>As a V-bit leaves it: deeper where strokes are wider, with a flat floor at the full depth.</source>
        <translation>Como lo deja una fresa en V: más hondo donde los trazos son anchos, con fondo plano a la profundidad plena.</translation>
    </message>
    <message>
        <source>inlaid</source>
        <translation>incrustado</translation>
    </message>
    <message>
        <source>inlaid %1</source>
        <translation>incrustado %1</translation>
    </message>
    <message>
        <source>A second material, flush with the front; with clearance a piece of its own, to be glued in.</source>
        <translation>Un segundo material, a ras del frente; con holgura, una pieza aparte para pegar.</translation>
    </message>
    <message>
        <source>clearance %1</source>
        <translation>holgura %1</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>pie %1</translation>
    </message>
    <message>
        <source>bedded %1</source>
        <translation>asentado %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BlankStation</name>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>height</source>
        <translation>altura</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Radio de esquinas</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Diámetro</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Largo</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Hueco</translation>
    </message>
    <message>
        <source>Diameter at the end</source>
        <translation>Diámetro al final</translation>
    </message>
    <message>
        <source>end ⌀</source>
        <translation>final ⌀</translation>
    </message>
    <message>
        <source>Inside</source>
        <translation>Interior</translation>
    </message>
    <message>
        <source>What the inside of the ring looks like</source>
        <translation>Cómo es el interior del anillo</translation>
    </message>
    <message>
        <source>Change the inside</source>
        <translation>Cambiar el interior</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>plano</translation>
    </message>
    <message>
        <source>comfort</source>
        <translation>cómodo</translation>
    </message>
    <message>
        <source>Wider by</source>
        <translation>Más ancho en</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Plano</translation>
    </message>
    <message>
        <source>Thickness at the flat</source>
        <translation>Grosor en el plano</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>grueso</translation>
    </message>
    <message>
        <source>Facets</source>
        <translation>Facetas</translation>
    </message>
    <message>
        <source>Across the facets</source>
        <translation>Entre facetas</translation>
    </message>
    <message>
        <source>across</source>
        <translation>a lo ancho</translation>
    </message>
    <message>
        <source>Unit of the file</source>
        <translation>Unidad del archivo</translation>
    </message>
    <message>
        <source>Unit of files that do not tell one</source>
        <translation>Unidad de los archivos que no dicen una</translation>
    </message>
    <message>
        <source>Change the unit of the file</source>
        <translation>Cambiar la unidad del archivo</translation>
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
        <translation>pulgada</translation>
    </message>
    <message>
        <source>Times as large</source>
        <translation>Veces mayor</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>Pared</translation>
    </message>
    <message>
        <source>Hole along the axis</source>
        <translation>Agujero a lo largo del eje</translation>
    </message>
    <message>
        <source>Depth of the hole, 0 for right through</source>
        <translation>Profundidad del agujero, 0 para atravesar</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>hondo</translation>
    </message>
    <message>
        <source>Hole from</source>
        <translation>Agujero desde</translation>
    </message>
    <message>
        <source>Where the hole along the axis opens</source>
        <translation>Dónde se abre el agujero del eje</translation>
    </message>
    <message>
        <source>Change the hole</source>
        <translation>Cambiar el agujero</translation>
    </message>
    <message>
        <source>its start</source>
        <translation>su comienzo</translation>
    </message>
    <message>
        <source>its end</source>
        <translation>su final</translation>
    </message>
    <message>
        <source>Ear, its hole</source>
        <translation>Oreja, su agujero</translation>
    </message>
    <message>
        <source>How thick the ear is</source>
        <translation>Grosor de la oreja</translation>
    </message>
    <message>
        <source>Ear&apos;s wall</source>
        <translation>Pared de la oreja</translation>
    </message>
    <message>
        <source>How wide the ear is round its hole</source>
        <translation>Ancho de la oreja alrededor de su agujero</translation>
    </message>
    <message>
        <source>Ear at</source>
        <translation>Oreja en</translation>
    </message>
    <message>
        <source>Which end the ear stands on</source>
        <translation>En qué extremo está la oreja</translation>
    </message>
    <message>
        <source>Change the ear</source>
        <translation>Cambiar la oreja</translation>
    </message>
    <message>
        <source>Centre hole</source>
        <translation>Agujero central</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>Thickness at its right</source>
        <translation>Grosor a su derecha</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Canto</translation>
    </message>
    <message>
        <source>How the edge of the blank is broken</source>
        <translation>Cómo está roto el canto de la pieza base</translation>
    </message>
    <message>
        <source>Change the blank&apos;s edge</source>
        <translation>Cambiar el canto de la pieza base</translation>
    </message>
    <message>
        <source>At the back too</source>
        <translation>También detrás</translation>
    </message>
    <message>
        <source>Change where the edge is</source>
        <translation>Cambiar dónde está el canto</translation>
    </message>
    <message>
        <source>What the blank is made of</source>
        <translation>De qué está hecha la pieza base</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Change the material</source>
        <translation>Cambiar el material</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Pieza base</translation>
    </message>
    <message>
        <source>Change the blank</source>
        <translation>Cambiar la pieza base</translation>
    </message>
    <message>
        <source>A ready shape to begin from</source>
        <translation>Una forma lista para empezar</translation>
    </message>
    <message>
        <source>Begin from a ready shape</source>
        <translation>Empezar con una forma lista</translation>
    </message>
    <message>
        <source>Take a ready shape</source>
        <translation>Tomar una forma lista</translation>
    </message>
    <message>
        <source>Scale of ring sizes</source>
        <translation>Escala de tallas de anillo</translation>
    </message>
    <message>
        <source>Ring size</source>
        <translation>Talla de anillo</translation>
    </message>
    <message>
        <source>Change the ring size</source>
        <translation>Cambiar la talla de anillo</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contorno</translation>
    </message>
    <message>
        <source>What the plate looks like from the front</source>
        <translation>Cómo es la placa vista de frente</translation>
    </message>
    <message>
        <source>Change the outline</source>
        <translation>Cambiar el contorno</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>Oreja</translation>
    </message>
    <message>
        <source>Hole in the ear</source>
        <translation>Agujero de la oreja</translation>
    </message>
    <message>
        <source>its hole</source>
        <translation>su agujero</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distancia</translation>
    </message>
    <message>
        <source>Outline from SVG or DXF…</source>
        <translation>Contorno de SVG o DXF…</translation>
    </message>
    <message>
        <source>Inside too</source>
        <translation>También dentro</translation>
    </message>
    <message>
        <source>Its density is not known here, so its mass is not told.</source>
        <translation>Su densidad no se conoce aquí, así que no se dice su masa.</translation>
    </message>
    <message>
        <source>The part weighs %1.</source>
        <translation>La pieza pesa %1.</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyCanvas</name>
    <message>
        <source>Body view</source>
        <translation>Vista del cuerpo</translation>
    </message>
    <message>
        <source>Arrow keys turn the body; plus and minus zoom; Home fits; Page up and Page down change how high or deep the selected words are, with Shift in hundredths.</source>
        <translation>Las flechas giran el cuerpo; más y menos acercan y alejan; Inicio lo muestra todo; RePág y AvPág cambian lo altas u hondas que son las palabras elegidas, con Mayús en centésimas.</translation>
    </message>
    <message>
        <source>Nothing to make yet: give the card a blank or words.</source>
        <translation>Aún no hay nada que hacer: da a la ficha una pieza base o palabras.</translation>
    </message>
    <message>
        <source>Change how high it is</source>
        <translation>Cambiar su altura</translation>
    </message>
    <message>
        <source>x %1  y %2  z %3</source>
        <translation>x %1  y %2  z %3</translation>
    </message>
    <message>
        <source>%1: x %2  y %3  height %4</source>
        <translation>%1: x %2  y %3  altura %4</translation>
    </message>
    <message>
        <source>   %1 thick</source>
        <translation>   %1 de grueso</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyView</name>
    <message>
        <source>Look at the front</source>
        <translation>Mirar de frente</translation>
    </message>
    <message>
        <source>Look at the back</source>
        <translation>Mirar por detrás</translation>
    </message>
    <message>
        <source>Look from the side</source>
        <translation>Mirar de lado</translation>
    </message>
    <message>
        <source>Look from a corner</source>
        <translation>Mirar desde una esquina</translation>
    </message>
    <message>
        <source>Fit the body into the view</source>
        <translation>Encajar el cuerpo en la vista</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>Sección</translation>
    </message>
    <message>
        <source>Section along</source>
        <translation>Sección en</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Where the section cuts</source>
        <translation>Dónde corta la sección</translation>
    </message>
    <message>
        <source>See-through</source>
        <translation>Transparente</translation>
    </message>
    <message>
        <source>See through the blank</source>
        <translation>Ver a través de la pieza base</translation>
    </message>
</context>
<context>
    <name>bollard::app::CardEditor</name>
    <message>
        <source>Clear nudges</source>
        <translation>Borrar desplazamientos</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Copiar inscripción</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Borrar inscripción</translation>
    </message>
    <message>
        <source>Reorder inscriptions</source>
        <translation>Reordenar inscripciones</translation>
    </message>
    <message>
        <source>Unnamed card</source>
        <translation>Ficha sin nombre</translation>
    </message>
    <message>
        <source>typefaces taken along</source>
        <translation>tipos llevados consigo</translation>
    </message>
    <message>
        <source>typefaces left behind</source>
        <translation>tipos dejados</translation>
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
        <translation>La lengua y el tamaño del texto cambian cuando ya no se envíe nada.</translation>
    </message>
</context>
<context>
    <name>bollard::app::Drawer</name>
    <message>
        <source>Shut the drawer</source>
        <translation>Cerrar el cajón</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingRow</name>
    <message>
        <source>why it may stand; Return</source>
        <translation>por qué puede quedar; Intro</translation>
    </message>
    <message>
        <source>Why the finding may stand</source>
        <translation>Por qué puede quedar el aviso</translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation>Contarlo de nuevo</translation>
    </message>
    <message>
        <source>Let it stand</source>
        <translation>Dejarlo así</translation>
    </message>
    <message>
        <source>You let it stand.</source>
        <translation>Lo dejas así.</translation>
    </message>
    <message>
        <source>You let it stand: %1</source>
        <translation>Lo dejas así: %1</translation>
    </message>
    <message>
        <source>Place %1 of %2</source>
        <translation>Sitio %1 de %2</translation>
    </message>
    <message>
        <source>Mend: %1</source>
        <translation>Remedio: %1</translation>
    </message>
    <message>
        <source>Why?</source>
        <translation>¿Por qué?</translation>
    </message>
    <message>
        <source>Help on this finding</source>
        <translation>Ayuda sobre este aviso</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingsPanel</name>
    <message>
        <source>Stop</source>
        <translation>Impedimento</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Vigilar</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Avisos</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Veredicto</translation>
    </message>
    <message>
        <source>Mend all…</source>
        <translation>Remediar todo…</translation>
    </message>
    <message>
        <source>Look for mends of all that stops</source>
        <translation>Buscar remedios para todo lo que impide</translation>
    </message>
    <message>
        <source>Mends only for row %1</source>
        <translation>Remedios solo para la fila %1</translation>
    </message>
    <message>
        <source>Let a finding stand</source>
        <translation>Dejar un aviso</translation>
    </message>
    <message>
        <source>Count a finding again</source>
        <translation>Contar un aviso de nuevo</translation>
    </message>
    <message>
        <source>Verdict: %1</source>
        <translation>Veredicto: %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::FirstSteps</name>
    <message>
        <source>Leave the steps</source>
        <translation>Dejar los pasos</translation>
    </message>
    <message>
        <source>That is the way of every part: words, findings, files. F1 tells the rest.</source>
        <translation>Ese es el camino de toda pieza: palabras, avisos, archivos. F1 dice lo demás.</translation>
    </message>
    <message>
        <source>1 of 3: words</source>
        <translation>1 de 3: palabras</translation>
    </message>
    <message>
        <source>2 of 3: what cannot be made</source>
        <translation>2 de 3: lo que no se puede hacer</translation>
    </message>
    <message>
        <source>3 of 3: files</source>
        <translation>3 de 3: archivos</translation>
    </message>
    <message>
        <source>These words are cut out. Write others, or some more, in Lettering: the board follows.</source>
        <translation>Estas palabras se recortan. Escribe otras, o más, en Rotulación: el tablero las sigue.</translation>
    </message>
    <message>
        <source>A part that is joined to nothing falls off. Press one of the buttons below the finding: it mends it.</source>
        <translation>Un trozo que no está unido a nada se cae. Pulsa uno de los botones bajo el aviso: lo remedia.</translation>
    </message>
    <message>
        <source>Tick a format in Output and press “Write what is ticked”. Files are written whole, or not at all.</source>
        <translation>Marca un formato en Salida y pulsa «Escribir lo marcado». Los archivos se escriben enteros, o nada.</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>Paso siguiente</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Hecho</translation>
    </message>
</context>
<context>
    <name>bollard::app::FlatView</name>
    <message>
        <source>Turn a tie</source>
        <translation>Girar un tirante</translation>
    </message>
    <message>
        <source>Move a tie</source>
        <translation>Mover un tirante</translation>
    </message>
    <message>
        <source>Put a tie</source>
        <translation>Poner un tirante</translation>
    </message>
    <message>
        <source>Take a tie away</source>
        <translation>Quitar un tirante</translation>
    </message>
    <message>
        <source>Flat view</source>
        <translation>Vista plana</translation>
    </message>
    <message>
        <source>Arrow keys move the selected words by 1 mm, with Shift by 0.1; F2 writes in place. Alt and left or right choose a letter, which the arrow keys then nudge. Hold M to measure.</source>
        <translation>Las flechas mueven las palabras elegidas 1 mm, con Mayús 0,1; F2 escribe allí mismo. Alt e izquierda o derecha eligen una letra, que las flechas desplazan. Mantén M para medir.</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Mover la costura</translation>
    </message>
    <message>
        <source>No words yet: add an inscription under Lettering.</source>
        <translation>Aún no hay palabras: añade una inscripción en Rotulación.</translation>
    </message>
    <message>
        <source>Move words</source>
        <translation>Mover palabras</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>Curvar la línea</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Desplazar letras</translation>
    </message>
    <message>
        <source>Size ornament</source>
        <translation>Tamaño del adorno</translation>
    </message>
    <message>
        <source>Size words</source>
        <translation>Tamaño de las palabras</translation>
    </message>
    <message>
        <source>Turn words</source>
        <translation>Girar palabras</translation>
    </message>
    <message>
        <source>%1 (across %2, up %3)</source>
        <translation>%1 (a lo ancho %2, arriba %3)</translation>
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
        <translation>Escritura</translation>
    </message>
</context>
<context>
    <name>bollard::app::Gauge</name>
    <message>
        <source>Gauge</source>
        <translation>Calibre</translation>
    </message>
    <message>
        <source>The thinnest stroke is %1 mm wide.</source>
        <translation>El trazo más fino mide %1 mm de ancho.</translation>
    </message>
    <message>
        <source>strokes</source>
        <translation>trazos</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>huecos</translation>
    </message>
    <message>
        <source> mm +</source>
        <translation> mm +</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Cambiar un límite</translation>
    </message>
</context>
<context>
    <name>bollard::app::HelpPanel</name>
    <message>
        <source>Contents</source>
        <translation>Contenido</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Buscar en la ayuda</translation>
    </message>
    <message>
        <source>Places in the help</source>
        <translation>Lugares de la ayuda</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>Página de la ayuda</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>The help says nothing of “%1”. Try fewer or other words.</source>
        <translation>La ayuda no dice nada de «%1». Prueba con menos palabras, o con otras.</translation>
    </message>
</context>
<context>
    <name>bollard::app::HolesTable</name>
    <message>
        <source>Add a hole</source>
        <translation>Añadir un agujero</translation>
    </message>
    <message>
        <source>Add hole</source>
        <translation>Añadir agujero</translation>
    </message>
    <message>
        <source>Hole %1, %2</source>
        <translation>Agujero %1, %2</translation>
    </message>
    <message>
        <source>Change hole</source>
        <translation>Cambiar agujero</translation>
    </message>
    <message>
        <source>Remove hole %1</source>
        <translation>Quitar el agujero %1</translation>
    </message>
    <message>
        <source>Remove hole</source>
        <translation>Quitar agujero</translation>
    </message>
    <message>
        <source>Hole %1, its kind</source>
        <translation>Agujero %1, su clase</translation>
    </message>
    <message>
        <source>Change the kind of hole</source>
        <translation>Cambiar la clase de agujero</translation>
    </message>
    <message>
        <source>long</source>
        <translation>largo</translation>
    </message>
    <message>
        <source>length</source>
        <translation>largo</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>torneado</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>giro</translation>
    </message>
    <message>
        <source>head ⌀</source>
        <translation>cabeza ⌀</translation>
    </message>
    <message>
        <source>head</source>
        <translation>cabeza</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>cono</translation>
    </message>
    <message>
        <source>angle of its cone</source>
        <translation>ángulo de su cono</translation>
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
        <translation>Prueba: la impresión hasta una capa, sobre el sólido</translation>
    </message>
    <message>
        <source>Arrow keys turn it; plus and minus zoom; Home fits.</source>
        <translation>Las flechas lo giran; más y menos acercan y alejan; Inicio lo muestra todo.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayerCanvas</name>
    <message>
        <source>Proof: one layer of the print from above</source>
        <translation>Prueba: una capa de la impresión vista desde arriba</translation>
    </message>
    <message>
        <source>No layers: there is nothing to print yet.</source>
        <translation>Sin capas: aún no hay nada que imprimir.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayersView</name>
    <message>
        <source>One layer down</source>
        <translation>Una capa más abajo</translation>
    </message>
    <message>
        <source>One layer up</source>
        <translation>Una capa más arriba</translation>
    </message>
    <message>
        <source>Which layer is shown, from the bed upwards</source>
        <translation>Qué capa se muestra, desde la cama hacia arriba</translation>
    </message>
    <message>
        <source>Trouble below</source>
        <translation>Problema abajo</translation>
    </message>
    <message>
        <source>To the nearest layer below where something is lost or unheld</source>
        <translation>A la capa más cercana por debajo donde algo se pierde o no se sujeta</translation>
    </message>
    <message>
        <source>On the solid</source>
        <translation>Sobre el sólido</translation>
    </message>
    <message>
        <source>Show the layers on the solid as it lies, else from above</source>
        <translation>Mostrar las capas sobre el sólido como está apoyado, si no desde arriba</translation>
    </message>
    <message>
        <source>Trouble above</source>
        <translation>Problema arriba</translation>
    </message>
    <message>
        <source>To the nearest layer above where something is lost or unheld</source>
        <translation>A la capa más cercana por encima donde algo se pierde o no se sujeta</translation>
    </message>
    <message>
        <source>Cutting the part into layers…</source>
        <translation>Cortando la pieza en capas…</translation>
    </message>
    <message>
        <source>Cutting the part into layers… %1 %</source>
        <translation>Cortando la pieza en capas… %1 %</translation>
    </message>
    <message>
        <source>No layers: nothing is printed.</source>
        <translation>Sin capas: no se imprime nada.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>%n capa</numerusform>
            <numerusform>%n capas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm³</source>
        <translation>%1 cm³</translation>
    </message>
    <message>
        <source>roughly %1 min</source>
        <translation>unos %1 min</translation>
    </message>
    <message>
        <source>the letters&apos; colour above %1</source>
        <translation>el color de las letras por encima de %1</translation>
    </message>
    <message>
        <source>the blank&apos;s colour above %1</source>
        <translation>el color de la pieza base por encima de %1</translation>
    </message>
    <message>
        <source>both colours in one layer: two nozzles</source>
        <translation>ambos colores en una capa: dos boquillas</translation>
    </message>
    <message>
        <source>the largest lost %1 mm²</source>
        <translation>la mayor pérdida %1 mm²</translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation>no se pierde nada</translation>
    </message>
    <message>
        <source>something begins in the air</source>
        <translation>algo empieza en el aire</translation>
    </message>
    <message>
        <source>layer %1 of %2</source>
        <translation>capa %1 de %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>lines %1 m</source>
        <translation>líneas %1 m</translation>
    </message>
    <message>
        <source>%1 of wall between letters and blank</source>
        <translation>%1 de pared entre letras y pieza base</translation>
    </message>
    <message numerus="yes">
        <source>lost in %n place(s)</source>
        <translation>
            <numerusform>perdido en %n sitio</numerusform>
            <numerusform>perdido en %n sitios</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hangs over in %n place(s)</source>
        <translation>
            <numerusform>sobresale en %n sitio</numerusform>
            <numerusform>sobresale en %n sitios</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>begins in the air in %n place(s)</source>
        <translation>
            <numerusform>empieza en el aire en %n sitio</numerusform>
            <numerusform>empieza en el aire en %n sitios</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::LetteringStation</name>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>Typing</source>
        <translation>Escritura</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>Tipo</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>negrita</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>cursiva</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>Énfasis</translation>
    </message>
    <message>
        <source>Size by</source>
        <translation>Tamaño por</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>Ancho de línea</translation>
    </message>
    <message>
        <source>How wide the lines of a single-line typeface are drawn, or cut when scribed</source>
        <translation>Ancho con que se dibujan las líneas de un tipo de línea simple, o se cortan al trazar</translation>
    </message>
    <message>
        <source>Line ends</source>
        <translation>Extremos de línea</translation>
    </message>
    <message>
        <source>round</source>
        <translation>redondo</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>plano</translation>
    </message>
    <message>
        <source>square</source>
        <translation>cuadrado</translation>
    </message>
    <message>
        <source>Change stroke ends</source>
        <translation>Cambiar los extremos de los trazos</translation>
    </message>
    <message>
        <source>Letter space</source>
        <translation>Espacio entre letras</translation>
    </message>
    <message>
        <source>Word space</source>
        <translation>Espacio entre palabras</translation>
    </message>
    <message>
        <source>word</source>
        <translation>palabra</translation>
    </message>
    <message>
        <source>Line space</source>
        <translation>Interlínea</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Líneas</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>Align lines</source>
        <translation>Alinear líneas</translation>
    </message>
    <message>
        <source>Cuts out what stands above it in the list</source>
        <translation>Recorta lo que está por encima en la lista</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Shape of the letters</source>
        <translation>Forma de las letras</translation>
    </message>
    <message>
        <source>Centreline of this typeface</source>
        <translation>Línea media de este tipo</translation>
    </message>
    <message>
        <source>The middle lines of its strokes, as a single-line typeface</source>
        <translation>Las líneas medias de sus trazos, como tipo de línea simple</translation>
    </message>
    <message>
        <source>Centreline</source>
        <translation>Línea media</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>Inclinación</translation>
    </message>
    <message>
        <source>Weight change</source>
        <translation>Cambio de peso</translation>
    </message>
    <message>
        <source>Strokes grown on each side; below 0 they become lighter</source>
        <translation>Los trazos crecen por cada lado; bajo 0 se aligeran</translation>
    </message>
    <message>
        <source>Dots joined by</source>
        <translation>Puntos unidos en</translation>
    </message>
    <message>
        <source>Dots are brought down until they hang together with their letter by so much; 0: they stay where they are</source>
        <translation>Los puntos bajan hasta unirse en tanto a su letra; 0: se quedan donde están</translation>
    </message>
    <message>
        <source>Kerning: pairs closer as the typeface says</source>
        <translation>Ajuste de pares: más juntos, como dice el tipo</translation>
    </message>
    <message>
        <source>Kerning</source>
        <translation>Ajuste de pares</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>sin revisar</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Spelling</source>
        <translation>Ortografía</translation>
    </message>
    <message>
        <source>Language whose spelling is checked</source>
        <translation>Idioma cuya ortografía se revisa</translation>
    </message>
    <message>
        <source>Change spelling</source>
        <translation>Cambiar la ortografía</translation>
    </message>
    <message>
        <source>Goes round</source>
        <translation>Rodea</translation>
    </message>
    <message>
        <source>What the frame goes round</source>
        <translation>Lo que rodea el marco</translation>
    </message>
    <message>
        <source>Change what the frame goes round</source>
        <translation>Cambiar lo que rodea el marco</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Forma</translation>
    </message>
    <message>
        <source>Shape of the frame</source>
        <translation>Forma del marco</translation>
    </message>
    <message>
        <source>Change the frame&apos;s shape</source>
        <translation>Cambiar la forma del marco</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Clase</translation>
    </message>
    <message>
        <source>Form of the backing</source>
        <translation>Clase de soporte</translation>
    </message>
    <message>
        <source>Change the backing&apos;s form</source>
        <translation>Cambiar la clase de soporte</translation>
    </message>
    <message>
        <source>Width outside</source>
        <translation>Ancho exterior</translation>
    </message>
    <message>
        <source>Height outside</source>
        <translation>Alto exterior</translation>
    </message>
    <message>
        <source>height</source>
        <translation>altura</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distancia</translation>
    </message>
    <message>
        <source>Band width</source>
        <translation>Ancho de banda</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Radio de esquinas</translation>
    </message>
    <message>
        <source>Least joint</source>
        <translation>Unión mínima</translation>
    </message>
    <message>
        <source>So wide at least each loose part is joined to a bar</source>
        <translation>Así de ancho al menos se une a una barra cada parte suelta</translation>
    </message>
    <message>
        <source>Length of posts</source>
        <translation>Largo de espigas</translation>
    </message>
    <message>
        <source>How far the bars stand clear of the side</source>
        <translation>A qué distancia de la cara quedan las barras</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>Cierra huecos</translation>
    </message>
    <message>
        <source>Holes, and gaps between letters, narrower than this are filled</source>
        <translation>Los agujeros, y los huecos entre letras, más estrechos se llenan</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Escala</translation>
    </message>
    <message>
        <source>Width of lines</source>
        <translation>Ancho de las líneas</translation>
    </message>
    <message>
        <source>Single letters</source>
        <translation>Letras sueltas</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>Desplazar letras</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>A lo largo</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Fuera</translation>
    </message>
    <message>
        <source>off</source>
        <translation>fuera</translation>
    </message>
    <message>
        <source>Letter turn</source>
        <translation>Giro de la letra</translation>
    </message>
    <message>
        <source>Letter size</source>
        <translation>Tamaño de la letra</translation>
    </message>
    <message>
        <source>size</source>
        <translation>tamaño</translation>
    </message>
    <message>
        <source>Space after</source>
        <translation>Espacio después</translation>
    </message>
    <message>
        <source>Clear all nudges</source>
        <translation>Borrar todos los desplazamientos</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Tipos</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Elegir tipo</translation>
    </message>
    <message>
        <source>Change the measure of size</source>
        <translation>Cambiar la medida del tamaño</translation>
    </message>
    <message>
        <source>%1 (made)</source>
        <translation>%1 (hecho)</translation>
    </message>
    <message>
        <source>The family has no such face; it is made of this one</source>
        <translation>La familia no tiene esa variante; se hace a partir de esta</translation>
    </message>
    <message>
        <source>Add an inscription first</source>
        <translation>Añade antes una inscripción</translation>
    </message>
    <message>
        <source>Typeface: %1</source>
        <translation>Tipo: %1</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Largo</translation>
    </message>
    <message>
        <source>Diameter outside</source>
        <translation>Diámetro exterior</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Sujeta</translation>
    </message>
    <message>
        <source>Width of links</source>
        <translation>Ancho de enlaces</translation>
    </message>
    <message>
        <source>Bar width</source>
        <translation>Ancho de barras</translation>
    </message>
    <message>
        <source>Reaches in</source>
        <translation>Entra</translation>
    </message>
    <message>
        <source>nothing, its own size</source>
        <translation>nada, su propio tamaño</translation>
    </message>
    <message>
        <source>Ctrl and a click on a letter, or Alt and the arrows on the board, choose letters to be nudged.</source>
        <translation>Ctrl y un clic en una letra, o Alt y las flechas en el tablero, eligen letras para desplazarlas.</translation>
    </message>
    <message>
        <source>Nudged: %1</source>
        <translation>Desplazadas: %1</translation>
    </message>
    <message>
        <source>Chosen: %1</source>
        <translation>Elegidas: %1</translation>
    </message>
    <message>
        <source>Clear these nudges</source>
        <translation>Borrar estos desplazamientos</translation>
    </message>
</context>
<context>
    <name>bollard::app::MainWindow</name>
    <message>
        <source>Unsaved work cannot be kept safe: %1</source>
        <translation>El trabajo sin guardar no se puede poner a salvo: %1</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;Ficha</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Vista</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Plano</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>Cuerpo</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Prueba</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>Ambas</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Unidad</translation>
    </message>
    <message>
        <source>Change unit</source>
        <translation>Cambiar unidad</translation>
    </message>
    <message>
        <source>Write files</source>
        <translation>Escribir archivos</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Remediar todo</translation>
    </message>
    <message>
        <source>These words hold fields; write them here.</source>
        <translation>Estas palabras tienen campos; escríbelas aquí.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Ficha nueva</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Abrir…</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Recientes</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Página de inicio</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Keep as a starting card</source>
        <translation>Conservar como ficha inicial</translation>
    </message>
    <message>
        <source>“%1” is on the start page now.</source>
        <translation>«%1» está ahora en la página de inicio.</translation>
    </message>
    <message>
        <source>Take typefaces and the part along in the card</source>
        <translation>Llevar tipos y pieza en la ficha</translation>
    </message>
    <message>
        <source>Print at true size…</source>
        <translation>Imprimir a tamaño real…</translation>
    </message>
    <message>
        <source>Cut inscriptions</source>
        <translation>Cortar inscripciones</translation>
    </message>
    <message>
        <source>Copy inscriptions</source>
        <translation>Copiar inscripciones</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>Light or dark look</source>
        <translation>Aspecto claro u oscuro</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Aviso siguiente</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>Remediar el aviso</translation>
    </message>
    <message>
        <source>Write on the board</source>
        <translation>Escribir en el tablero</translation>
    </message>
    <message>
        <source>Station %1</source>
        <translation>Puesto %1</translation>
    </message>
    <message>
        <source>Send to the machine</source>
        <translation>Enviar a la máquina</translation>
    </message>
    <message>
        <source>· edited</source>
        <translation>· cambiada</translation>
    </message>
    <message>
        <source>%1[*] – Bollard</source>
        <translation>%1[*] – Bollard</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Deshacer: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rehacer: %1</translation>
    </message>
    <message>
        <source>QUAY 7</source>
        <translation>MUELLE 7</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” is open in another window too. What is saved last stays.</source>
        <translation>«%1» está abierta también en otra ventana. Queda lo que se guarde al final.</translation>
    </message>
    <message>
        <source>Open a card</source>
        <translation>Abrir una ficha</translation>
    </message>
    <message>
        <source>Cards (*.bollard)</source>
        <translation>Fichas (*.bollard)</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Guardar con otro nombre</translation>
    </message>
    <message>
        <source>Save over it</source>
        <translation>Guardar encima</translation>
    </message>
    <message>
        <source>“%1” was changed by someone else since it was opened here.</source>
        <translation>Otra persona cambió «%1» desde que se abrió aquí.</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>Abrir lo que hay allí</translation>
    </message>
    <message>
        <source>“%1” is open in another window too.</source>
        <translation>«%1» está abierta también en otra ventana.</translation>
    </message>
    <message>
        <source>Save the card as</source>
        <translation>Guardar la ficha como</translation>
    </message>
    <message>
        <source>Replace it all the same</source>
        <translation>Reemplazar de todos modos</translation>
    </message>
    <message>
        <source>The card carries nothing along again.</source>
        <translation>La ficha ya no lleva nada consigo.</translation>
    </message>
    <message>
        <source>The card takes no typeface along: those that come with Bollard are everywhere.</source>
        <translation>La ficha no lleva ningún tipo: los de Bollard están en todas partes.</translation>
    </message>
    <message numerus="yes">
        <source>The card takes %n typeface(s) along, %1.</source>
        <translation>
            <numerusform>La ficha lleva %n tipo, %1.</numerusform>
            <numerusform>La ficha lleva %n tipos, %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The part&apos;s file comes along, %1.</source>
        <translation>El archivo de la pieza va con ella, %1.</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>«%1» tiene cambios sin guardar.</translation>
    </message>
    <message>
        <source>Save them</source>
        <translation>Guardarlos</translation>
    </message>
    <message>
        <source>Drop them</source>
        <translation>Descartarlos</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Quedarse aquí</translation>
    </message>
    <message>
        <source>As it was before the last mend, while B is held.</source>
        <translation>Como era antes del último remedio, mientras se mantiene B.</translation>
    </message>
    <message>
        <source>Open a font file</source>
        <translation>Abrir un archivo de tipos</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</source>
        <translation>Tipos (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</translation>
    </message>
    <message>
        <source>Add an inscription first; then the typeface can be given to it.</source>
        <translation>Añade antes una inscripción; luego se le puede dar el tipo.</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>Elegir tipo</translation>
    </message>
    <message>
        <source>Read rows</source>
        <translation>Leer filas</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt *.tsv)</source>
        <translation>Tablas (*.csv *.txt *.tsv)</translation>
    </message>
    <message>
        <source>%1 has no rows: its first line names the fields, the next ones are the rows.</source>
        <translation>%1 no tiene filas: su primera línea nombra los campos, las siguientes son las filas.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Keep them as words</source>
        <translation>Dejarlas como palabras</translation>
    </message>
    <message>
        <source>A row each</source>
        <translation>Una fila cada una</translation>
    </message>
    <message>
        <source>A row each, the first line names the fields</source>
        <translation>Una fila cada una, la primera nombra los campos</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) were pasted. They can be rows instead: one part each.</source>
        <translation>
            <numerusform>Se pegó %n línea. Puede ser una fila en su lugar.</numerusform>
            <numerusform>Se pegaron %n líneas. Pueden ser filas en su lugar: una pieza cada una.</numerusform>
        </translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>campo %1</translation>
    </message>
    <message>
        <source>Take rows</source>
        <translation>Tomar filas</translation>
    </message>
    <message>
        <source>Read a drawing</source>
        <translation>Leer un dibujo</translation>
    </message>
    <message>
        <source>Drawings (*.svg *.dxf)</source>
        <translation>Dibujos (*.svg *.dxf)</translation>
    </message>
    <message>
        <source>Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg)</source>
        <translation>Dibujos e imágenes (*.svg *.dxf *.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Choose a part</source>
        <translation>Elegir una pieza</translation>
    </message>
    <message>
        <source>Parts (%1)</source>
        <translation>Piezas (%1)</translation>
    </message>
    <message>
        <source>Take a part from a file</source>
        <translation>Tomar una pieza de un archivo</translation>
    </message>
    <message>
        <source>Click the side that words are to lie on; Escape leaves.</source>
        <translation>Pulsa la cara donde irán las palabras; Esc lo deja.</translation>
    </message>
    <message>
        <source>Click the face that the print is to lie on; Escape leaves.</source>
        <translation>Pulsa la cara en que se apoyará la impresión; Esc lo deja.</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Cambiar el apoyo</translation>
    </message>
    <message>
        <source>Trace %1</source>
        <translation>Calcar %1</translation>
    </message>
    <message>
        <source>“%1” does not tell its unit. What is 1 in it?</source>
        <translation>«%1» no dice su unidad. ¿Cuánto es 1 en él?</translation>
    </message>
    <message>
        <source>1 mm</source>
        <translation>1 mm</translation>
    </message>
    <message>
        <source>1 inch</source>
        <translation>1 pulgada</translation>
    </message>
    <message>
        <source>1/96 inch</source>
        <translation>1/96 de pulgada</translation>
    </message>
    <message>
        <source>Reading “%1”…</source>
        <translation>Leyendo «%1»…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Take the line from a drawing</source>
        <translation>Tomar la línea de un dibujo</translation>
    </message>
    <message>
        <source>“%1” holds no closed shape that could be an outline.</source>
        <translation>«%1» no tiene ninguna forma cerrada que pueda ser un contorno.</translation>
    </message>
    <message>
        <source>Take the outline from a drawing</source>
        <translation>Tomar el contorno de un dibujo</translation>
    </message>
    <message>
        <source>“%1” holds no line that could be a profile.</source>
        <translation>«%1» no tiene ninguna línea que pueda ser un perfil.</translation>
    </message>
    <message>
        <source>Take the profile from a drawing</source>
        <translation>Tomar el perfil de un dibujo</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Añadir adorno</translation>
    </message>
    <message numerus="yes">
        <source>%n text(s), which must be turned into curves first</source>
        <translation>
            <numerusform>%n texto, que antes debe pasarse a curvas</numerusform>
            <numerusform>%n textos, que antes deben pasarse a curvas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s), dimension(s) or fill(s)</source>
        <translation>
            <numerusform>%n imagen, cota o relleno</numerusform>
            <numerusform>%n imágenes, cotas o rellenos</numerusform>
        </translation>
    </message>
    <message>
        <source>Left out of “%1”: %2.</source>
        <translation>Se dejó fuera de «%1»: %2.</translation>
    </message>
    <message>
        <source>Drop one drawing at a time.</source>
        <translation>Suelta un dibujo cada vez.</translation>
    </message>
    <message>
        <source>“%1” is already there.</source>
        <translation>«%1» ya existe.</translation>
    </message>
    <message>
        <source>These are already there: %1.</source>
        <translation>Ya existen: %1.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Reemplazarlo</translation>
    </message>
    <message>
        <source>%1. Write it all the same?</source>
        <translation>%1. ¿Escribirlo de todos modos?</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Volver</translation>
    </message>
    <message>
        <source>Write all the same</source>
        <translation>Escribir de todos modos</translation>
    </message>
    <message>
        <source>The solid is still being made; try again in a moment.</source>
        <translation>El sólido aún se está haciendo; inténtalo en un momento.</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Escribiendo…</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Written at %1: %2</source>
        <translation>Escrito a las %1: %2</translation>
    </message>
    <message>
        <source>%1. Mend it, or accept it with a reason, which the sheet then tells.</source>
        <translation>%1. Remédialo, o acéptalo con un motivo, que la hoja dirá.</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Escrito: %1</translation>
    </message>
    <message>
        <source>There is nothing to print yet.</source>
        <translation>Aún no hay nada que imprimir.</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>Avisos: %1</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Preferencias</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Primeros pasos</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Avisos</translation>
    </message>
</context>
<context>
    <name>bollard::app::MisspeltRow</name>
    <message>
        <source>“%1”?</source>
        <translation>¿«%1»?</translation>
    </message>
    <message>
        <source>Write “%1” for “%2”</source>
        <translation>Escribir «%1» en vez de «%2»</translation>
    </message>
    <message>
        <source>Correct the spelling</source>
        <translation>Corregir la ortografía</translation>
    </message>
    <message>
        <source>is right</source>
        <translation>está bien</translation>
    </message>
    <message>
        <source>Keep “%1” as a word of mine</source>
        <translation>Conservar «%1» como palabra mía</translation>
    </message>
</context>
<context>
    <name>bollard::app::NoticeBar</name>
    <message>
        <source>Message</source>
        <translation>Mensaje</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>bollard::app::NumberField</name>
    <message>
        <source>Between %1 and %2 %3.</source>
        <translation>Entre %1 y %2 %3.</translation>
    </message>
</context>
<context>
    <name>bollard::app::OperationsList</name>
    <message>
        <source>Operations, in the order in which they are done</source>
        <translation>Operaciones, en el orden en que se hacen</translation>
    </message>
    <message>
        <source>Add operation</source>
        <translation>Añadir operación</translation>
    </message>
    <message>
        <source>Do it earlier</source>
        <translation>Hacerla antes</translation>
    </message>
    <message>
        <source>Do it later</source>
        <translation>Hacerla después</translation>
    </message>
    <message>
        <source>Take the operation away</source>
        <translation>Quitar la operación</translation>
    </message>
    <message>
        <source>Switch an operation</source>
        <translation>Activar o desactivar una operación</translation>
    </message>
    <message>
        <source>Move operation</source>
        <translation>Mover operación</translation>
    </message>
    <message>
        <source>Take operation away</source>
        <translation>Quitar operación</translation>
    </message>
</context>
<context>
    <name>bollard::app::OutputStation</name>
    <message>
        <source>What was written</source>
        <translation>Lo que se escribió</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Abrir la carpeta</translation>
    </message>
    <message>
        <source>Name of the files, without their endings</source>
        <translation>Nombre de los archivos, sin sus terminaciones</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Carpeta</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>Escribir en</translation>
    </message>
    <message>
        <source>Write what is ticked</source>
        <translation>Escribir lo marcado</translation>
    </message>
    <message>
        <source>Write the job sheet</source>
        <translation>Escribir la hoja de taller</translation>
    </message>
    <message>
        <source>The files need a name, without a slash.</source>
        <translation>Los archivos necesitan un nombre, sin barra.</translation>
    </message>
    <message>
        <source>Send to the machine…</source>
        <translation>Enviar a la máquina…</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>Rows for fields in the words</source>
        <translation>Filas para los campos de las palabras</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Counting field</source>
        <translation>Campo contador</translation>
    </message>
    <message>
        <source>Field that counts the rows</source>
        <translation>Campo que cuenta las filas</translation>
    </message>
    <message>
        <source>Name the counting field</source>
        <translation>Nombrar el campo contador</translation>
    </message>
    <message>
        <source>Change the numbering</source>
        <translation>Cambiar la numeración</translation>
    </message>
    <message>
        <source>Starts at</source>
        <translation>Empieza en</translation>
    </message>
    <message>
        <source>Steps by</source>
        <translation>De a</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>Digits</source>
        <translation>Cifras</translation>
    </message>
    <message>
        <source>No format is ticked.</source>
        <translation>Ningún formato está marcado.</translation>
    </message>
    <message>
        <source>Folder: %1</source>
        <translation>Carpeta: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n pieza</numerusform>
            <numerusform>%n piezas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::OverlayChoice</name>
    <message>
        <source>What is laid over the letters</source>
        <translation>Lo que va sobre las letras</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>sencillo</translation>
    </message>
    <message>
        <source>widths</source>
        <translation>anchos</translation>
    </message>
    <message>
        <source>too narrow</source>
        <translation>demasiado estrecho</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>trozos</translation>
    </message>
</context>
<context>
    <name>bollard::app::PartPanel</name>
    <message>
        <source>Point at a side</source>
        <translation>Señalar una cara</translation>
    </message>
    <message>
        <source>or type a place on it: x, y, z</source>
        <translation>o teclea un sitio en ella: x, y, z</translation>
    </message>
    <message>
        <source>A place on the side that words are to lie on, x, y and z</source>
        <translation>Un sitio de la cara donde irán las palabras, x, y y z</translation>
    </message>
    <message>
        <source>Click the side on the body; Escape leaves.</source>
        <translation>Pulsa la cara en el cuerpo; Esc lo deja.</translation>
    </message>
    <message>
        <source>Choose the part&apos;s file…</source>
        <translation>Elegir el archivo de la pieza…</translation>
    </message>
    <message>
        <source>File of the part</source>
        <translation>Archivo de la pieza</translation>
    </message>
    <message>
        <source>Name of side %1</source>
        <translation>Nombre de la cara %1</translation>
    </message>
    <message>
        <source>Each side needs a name of its own.</source>
        <translation>Cada cara necesita un nombre propio.</translation>
    </message>
    <message>
        <source>Name a side</source>
        <translation>Nombrar una cara</translation>
    </message>
    <message>
        <source>Turn what is up on “%1”</source>
        <translation>Girar lo que está arriba en «%1»</translation>
    </message>
    <message>
        <source>Turn a side</source>
        <translation>Girar una cara</translation>
    </message>
    <message>
        <source>Remove the side “%1”</source>
        <translation>Quitar la cara «%1»</translation>
    </message>
    <message>
        <source>Remove a side</source>
        <translation>Quitar una cara</translation>
    </message>
    <message>
        <source>Three lengths, parted by commas: x, y, z.</source>
        <translation>Tres longitudes, separadas por comas: x, y, z.</translation>
    </message>
    <message>
        <source>Looking for the side…</source>
        <translation>Buscando la cara…</translation>
    </message>
    <message>
        <source>That is “%1”.</source>
        <translation>Es «%1».</translation>
    </message>
    <message>
        <source>Add a side</source>
        <translation>Añadir una cara</translation>
    </message>
    <message>
        <source>“%1”: %2. Words that are written now lie on it.</source>
        <translation>«%1»: %2. Las palabras que se escriban ahora van en ella.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlacingStation</name>
    <message>
        <source>Words run</source>
        <translation>Las palabras van</translation>
    </message>
    <message>
        <source>What line the words stand on</source>
        <translation>En qué línea están las palabras</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Cambiar: %1</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Radio</translation>
    </message>
    <message>
        <source>Read at the</source>
        <translation>Leído</translation>
    </message>
    <message>
        <source>top</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>Change where words are read</source>
        <translation>Cambiar desde dónde se leen las palabras</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Letras</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>fuera</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>dentro</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>Curva</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierta</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>cerrada</translation>
    </message>
    <message>
        <source>Off the line</source>
        <translation>Fuera de la línea</translation>
    </message>
    <message>
        <source>Along the line</source>
        <translation>A lo largo de la línea</translation>
    </message>
    <message>
        <source>along</source>
        <translation>a lo largo</translation>
    </message>
    <message>
        <source>Each letter</source>
        <translation>Cada letra</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>gira</translation>
    </message>
    <message>
        <source>bends</source>
        <translation>se curva</translation>
    </message>
    <message>
        <source>Letters turn as they are, or are bent with the line</source>
        <translation>Las letras giran como son, o se curvan con la línea</translation>
    </message>
    <message>
        <source>Point before</source>
        <translation>Punto anterior</translation>
    </message>
    <message>
        <source>Next point</source>
        <translation>Punto siguiente</translation>
    </message>
    <message>
        <source>Add point</source>
        <translation>Añadir punto</translation>
    </message>
    <message>
        <source>Add a point after this one</source>
        <translation>Añadir un punto después de este</translation>
    </message>
    <message>
        <source>Add a point</source>
        <translation>Añadir un punto</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Remove this point</source>
        <translation>Quitar este punto</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>Quitar un punto</translation>
    </message>
    <message>
        <source>From file…</source>
        <translation>De un archivo…</translation>
    </message>
    <message>
        <source>Take the line from an SVG or DXF drawing</source>
        <translation>Tomar la línea de un dibujo SVG o DXF</translation>
    </message>
    <message>
        <source>Numbers of the chosen point</source>
        <translation>Números del punto elegido</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Punto</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>esquina</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>liso</translation>
    </message>
    <message>
        <source>Change a point</source>
        <translation>Cambiar un punto</translation>
    </message>
    <message>
        <source>Move a point</source>
        <translation>Mover un punto</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>Punto a lo ancho</translation>
    </message>
    <message>
        <source>Point up</source>
        <translation>Punto arriba</translation>
    </message>
    <message>
        <source>up</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>Handle before, across</source>
        <translation>Asa de antes, a lo ancho</translation>
    </message>
    <message>
        <source>Handle before, up</source>
        <translation>Asa de antes, arriba</translation>
    </message>
    <message>
        <source>Handle after, across</source>
        <translation>Asa de después, a lo ancho</translation>
    </message>
    <message>
        <source>Handle after, up</source>
        <translation>Asa de después, arriba</translation>
    </message>
    <message>
        <source>Move a handle</source>
        <translation>Mover un asa</translation>
    </message>
    <message>
        <source>Anchor</source>
        <translation>Ancla</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>arriba a la izquierda</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>arriba a la derecha</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>abajo a la izquierda</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>abajo a la derecha</translation>
    </message>
    <message>
        <source>Anchor: %1</source>
        <translation>Ancla: %1</translation>
    </message>
    <message>
        <source>Hold the words at their %1</source>
        <translation>Sujetar las palabras por: %1</translation>
    </message>
    <message>
        <source>Change anchor</source>
        <translation>Cambiar el ancla</translation>
    </message>
    <message>
        <source>Across, x</source>
        <translation>A lo ancho, x</translation>
    </message>
    <message>
        <source>Up, y</source>
        <translation>Arriba, y</translation>
    </message>
    <message>
        <source>up, y</source>
        <translation>arriba, y</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Giro</translation>
    </message>
    <message>
        <source>Words read</source>
        <translation>Las palabras se leen</translation>
    </message>
    <message>
        <source>From where the words are read</source>
        <translation>Desde dónde se leen las palabras</translation>
    </message>
    <message>
        <source>Change reading side</source>
        <translation>Cambiar el lado de lectura</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Reparto</translation>
    </message>
    <message>
        <source>Whether letters or words go one by one to facets</source>
        <translation>Si letras o palabras van una a una a las facetas</translation>
    </message>
    <message>
        <source>Change what goes to each facet</source>
        <translation>Cambiar lo que va a cada faceta</translation>
    </message>
    <message>
        <source>on in a row</source>
        <translation>seguidas en fila</translation>
    </message>
    <message>
        <source>a letter to each facet</source>
        <translation>una letra por faceta</translation>
    </message>
    <message>
        <source>a word to each facet</source>
        <translation>una palabra por faceta</translation>
    </message>
    <message>
        <source>Whether letters narrow as the side does or keep their shape</source>
        <translation>Si las letras se estrechan como la cara o guardan su forma</translation>
    </message>
    <message>
        <source>Change the shape of letters</source>
        <translation>Cambiar la forma de las letras</translation>
    </message>
    <message>
        <source>narrow towards the ends</source>
        <translation>se estrechan hacia los extremos</translation>
    </message>
    <message>
        <source>keep their shape</source>
        <translation>guardan su forma</translation>
    </message>
    <message>
        <source>Each turned by</source>
        <translation>Cada uno girado</translation>
    </message>
    <message>
        <source>Parts round</source>
        <translation>Partes alrededor</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Cara</translation>
    </message>
    <message>
        <source>Side of the blank that the words lie on</source>
        <translation>Cara de la pieza base donde están las palabras</translation>
    </message>
    <message>
        <source>Change side</source>
        <translation>Cambiar de cara</translation>
    </message>
    <message>
        <source>Centre on the side</source>
        <translation>Centrar en la cara</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source>Change margin</source>
        <translation>Cambiar el margen</translation>
    </message>
    <message>
        <source>as wide as they are</source>
        <translation>tan anchas como son</translation>
    </message>
    <message>
        <source>down to %1 % width</source>
        <translation>hasta el %1 % de ancho</translation>
    </message>
    <message>
        <source>Squeezed</source>
        <translation>Estrechado</translation>
    </message>
    <message>
        <source>How narrow letters may be made to fit</source>
        <translation>Cuánto se pueden estrechar las letras para caber</translation>
    </message>
    <message>
        <source>Largest that fits</source>
        <translation>El mayor que cabe</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>Ordenar</translation>
    </message>
    <message>
        <source>the blank</source>
        <translation>la pieza base</translation>
    </message>
    <message>
        <source>the margin</source>
        <translation>el margen</translation>
    </message>
    <message>
        <source>the one chosen last</source>
        <translation>la elegida al final</translation>
    </message>
    <message>
        <source>In line with</source>
        <translation>Alineado con</translation>
    </message>
    <message>
        <source>What the inscriptions are put in line with</source>
        <translation>Con qué se alinean las inscripciones</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>repartidas a lo ancho</translation>
    </message>
    <message>
        <source>spread up</source>
        <translation>repartidas hacia arriba</translation>
    </message>
    <message>
        <source>Arrange: %1</source>
        <translation>Ordenar: %1</translation>
    </message>
    <message>
        <source>Same size as the last</source>
        <translation>Mismo tamaño que la última</translation>
    </message>
    <message>
        <source>Same size</source>
        <translation>Mismo tamaño</translation>
    </message>
    <message>
        <source>Put the seam across from these words</source>
        <translation>Poner la costura al otro lado de estas palabras</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>Mover la costura</translation>
    </message>
    <message>
        <source>Copy this side to the others</source>
        <translation>Copiar esta cara a las demás</translation>
    </message>
    <message>
        <source>Copy a side to the others</source>
        <translation>Copiar una cara a las demás</translation>
    </message>
    <message>
        <source>Shift and a click, on the board or a slip, chooses several.</source>
        <translation>Mayús y un clic, en el tablero o en una papeleta, elige varias.</translation>
    </message>
    <message>
        <source>Change the line of the words</source>
        <translation>Cambiar la línea de las palabras</translation>
    </message>
    <message>
        <source>No size fits here: the anchor lies outside the margin, or there is no blank.</source>
        <translation>Aquí no cabe ningún tamaño: el ancla está fuera del margen, o no hay pieza base.</translation>
    </message>
    <message>
        <source>The words changed meanwhile; nothing was done.</source>
        <translation>Las palabras cambiaron entretanto; no se hizo nada.</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>Deshacer el grupo</translation>
    </message>
    <message>
        <source>Make a group</source>
        <translation>Hacer un grupo</translation>
    </message>
    <message>
        <source>point %1 of %2</source>
        <translation>punto %1 de %2</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 puntos</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanCanvas</name>
    <message>
        <source>Plus and minus zoom; Home shows all of it.</source>
        <translation>Más y menos acercan y alejan; Inicio lo muestra todo.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanPanel</name>
    <message>
        <source>The part with all mends made</source>
        <translation>La pieza con todos los remedios</translation>
    </message>
    <message>
        <source>Mend all of it</source>
        <translation>Remediarlo todo</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Dejarla como está</translation>
    </message>
    <message>
        <source>Mends are tried, one after the other…</source>
        <translation>Se prueban remedios, uno tras otro…</translation>
    </message>
    <message>
        <source>Nothing stops.</source>
        <translation>Nada lo impide.</translation>
    </message>
    <message>
        <source>With this nothing stops any more:</source>
        <translation>Con esto ya nada lo impide:</translation>
    </message>
    <message>
        <source>What stops cannot be mended here:</source>
        <translation>Lo que impide no se puede remediar aquí:</translation>
    </message>
    <message>
        <source>Some of it can be mended, not all:</source>
        <translation>Se puede remediar una parte, no todo:</translation>
    </message>
    <message>
        <source>Still stops: %1, %2</source>
        <translation>Aún impide: %1, %2</translation>
    </message>
    <message>
        <source>No mend is known for it.</source>
        <translation>No se conoce remedio para ello.</translation>
    </message>
    <message>
        <source>Tried in vain: %1.</source>
        <translation>Probado en vano: %1.</translation>
    </message>
    <message>
        <source>Mend what can be mended</source>
        <translation>Remediar lo que se pueda</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Remediar todo</translation>
    </message>
</context>
<context>
    <name>bollard::app::PreferencesPanel</name>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Lengua</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aspecto</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Como el escritorio</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Claro</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
    <message>
        <source>High contrast, light</source>
        <translation>Alto contraste, claro</translation>
    </message>
    <message>
        <source>High contrast, dark</source>
        <translation>Alto contraste, oscuro</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Tamaño del texto</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Unidad de fichas nuevas</translation>
    </message>
    <message>
        <source>Begins with</source>
        <translation>Empieza con</translation>
    </message>
    <message>
        <source>The start page</source>
        <translation>La página de inicio</translation>
    </message>
    <message>
        <source>The card of last time</source>
        <translation>La ficha de la última vez</translation>
    </message>
    <message>
        <source>Only when you say so</source>
        <translation>Solo cuando lo digas</translation>
    </message>
    <message numerus="yes">
        <source>%n minute(s) after a change</source>
        <translation>
            <numerusform>%n minuto después de un cambio</numerusform>
            <numerusform>%n minutos después de un cambio</numerusform>
        </translation>
    </message>
    <message>
        <source>Saves a card</source>
        <translation>Guarda una ficha</translation>
    </message>
    <message>
        <source>Files go</source>
        <translation>Los archivos van</translation>
    </message>
    <message>
        <source>Beside the card</source>
        <translation>Junto a la ficha</translation>
    </message>
    <message>
        <source>Where files go</source>
        <translation>Adónde van los archivos</translation>
    </message>
    <message>
        <source>Where Bollard keeps its data</source>
        <translation>Dónde guarda Bollard sus datos</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Abrir la carpeta</translation>
    </message>
    <message>
        <source>beside the card</source>
        <translation>junto a la ficha</translation>
    </message>
    <message>
        <source>Files go: %1</source>
        <translation>Los archivos van: %1</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>Olvidar %1</translation>
    </message>
    <message>
        <source>Limits, machines and tools of your own</source>
        <translation>Límites, máquinas y herramientas propias</translation>
    </message>
    <message>
        <source>Limits: %1</source>
        <translation>Límites: %1</translation>
    </message>
    <message>
        <source>Machine: %1</source>
        <translation>Máquina: %1</translation>
    </message>
    <message>
        <source>Tool: %1</source>
        <translation>Herramienta: %1</translation>
    </message>
    <message>
        <source>None yet. “Keep as” in Process keeps them for all cards.</source>
        <translation>Ninguno aún. «Conservar como» en Proceso los conserva para todas las fichas.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProcessStation</name>
    <message>
        <source>Cutting</source>
        <translation>Corte</translation>
    </message>
    <message>
        <source>Tool of the rack for the operation</source>
        <translation>Herramienta del armario para la operación</translation>
    </message>
    <message>
        <source>From the rack</source>
        <translation>Del armario</translation>
    </message>
    <message>
        <source>Change tool</source>
        <translation>Cambiar herramienta</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Herramienta</translation>
    </message>
    <message>
        <source>Tool of the operation</source>
        <translation>Herramienta de la operación</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Diámetro</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Ángulo</translation>
    </message>
    <message>
        <source>Flat of the tip</source>
        <translation>Plano de la punta</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>Ancho de corte</translation>
    </message>
    <message>
        <source>Cuts as deep as</source>
        <translation>Corta hasta</translation>
    </message>
    <message>
        <source>as designed</source>
        <translation>como se diseñó</translation>
    </message>
    <message>
        <source>all at once, or the rack&apos;s</source>
        <translation>de una vez, o según el armario</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>se calcula</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>the rack&apos;s</source>
        <translation>según el armario</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Profundidad</translation>
    </message>
    <message>
        <source>Deepest</source>
        <translation>Lo más hondo</translation>
    </message>
    <message>
        <source>At a time</source>
        <translation>Cada vez</translation>
    </message>
    <message>
        <source>Step over</source>
        <translation>Paso lateral</translation>
    </message>
    <message>
        <source>Tabs</source>
        <translation>Tirantes</translation>
    </message>
    <message>
        <source>A tab every</source>
        <translation>Un tirante cada</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>Bajada</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Velocidad</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Altura libre</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>Entrada</translation>
    </message>
    <message>
        <source>The way into the cut</source>
        <translation>El camino hacia el corte</translation>
    </message>
    <message>
        <source>Change lead</source>
        <translation>Cambiar la entrada</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>recta</translation>
    </message>
    <message>
        <source>in an arc</source>
        <translation>en arco</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>Largo de entrada</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>Baja</translation>
    </message>
    <message>
        <source>How the tool goes down into full material</source>
        <translation>Cómo baja la herramienta en material lleno</translation>
    </message>
    <message>
        <source>Change the way down</source>
        <translation>Cambiar la bajada</translation>
    </message>
    <message>
        <source>along the way</source>
        <translation>a lo largo del camino</translation>
    </message>
    <message>
        <source>in circles</source>
        <translation>en círculos</translation>
    </message>
    <message>
        <source>In straight ways side by side</source>
        <translation>En pasadas rectas una al lado de otra</translation>
    </message>
    <message>
        <source>Only what wider tools left</source>
        <translation>Solo lo que dejaron herramientas más anchas</translation>
    </message>
    <message>
        <source>Letter by letter, as it is read</source>
        <translation>Letra por letra, como se lee</translation>
    </message>
    <message>
        <source>On the back</source>
        <translation>Por detrás</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Desde</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Hasta</translation>
    </message>
    <message>
        <source>Scallop</source>
        <translation>Cresta</translation>
    </message>
    <message>
        <source>Ways</source>
        <translation>Pasadas</translation>
    </message>
    <message>
        <source>Which way the raster goes</source>
        <translation>En qué sentido va el barrido</translation>
    </message>
    <message>
        <source>Change the way of the raster</source>
        <translation>Cambiar el sentido del barrido</translation>
    </message>
    <message>
        <source>along the bar</source>
        <translation>a lo largo de la barra</translation>
    </message>
    <message>
        <source>round it</source>
        <translation>alrededor de ella</translation>
    </message>
    <message>
        <source>All ways the same way</source>
        <translation>Todas las pasadas en el mismo sentido</translation>
    </message>
    <message>
        <source>Depth along</source>
        <translation>Profundidad en</translation>
    </message>
    <message>
        <source>How depths are measured from above</source>
        <translation>Cómo se miden las profundidades desde arriba</translation>
    </message>
    <message>
        <source>Change how depths are measured</source>
        <translation>Cambiar cómo se miden las profundidades</translation>
    </message>
    <message>
        <source>the side&apos;s normal</source>
        <translation>la normal de la cara</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>Stock margin</source>
        <translation>Margen del material</translation>
    </message>
    <message>
        <source>Stock thickness</source>
        <translation>Grosor del material</translation>
    </message>
    <message>
        <source>as thick as the blank</source>
        <translation>tan grueso como la pieza base</translation>
    </message>
    <message>
        <source>Bar across</source>
        <translation>Barra a lo ancho</translation>
    </message>
    <message>
        <source>as the blank</source>
        <translation>como la pieza base</translation>
    </message>
    <message>
        <source>Bar length</source>
        <translation>Largo de la barra</translation>
    </message>
    <message>
        <source>Bar before</source>
        <translation>Barra antes</translation>
    </message>
    <message>
        <source>as it is held</source>
        <translation>según se sujeta</translation>
    </message>
    <message>
        <source>Chuck</source>
        <translation>Plato</translation>
    </message>
    <message>
        <source>Which end of the bar the chuck holds</source>
        <translation>Qué extremo de la barra sujeta el plato</translation>
    </message>
    <message>
        <source>Change the chuck</source>
        <translation>Cambiar el plato</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>al comienzo</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>al final</translation>
    </message>
    <message>
        <source>Chuck reaches</source>
        <translation>Alcance del plato</translation>
    </message>
    <message>
        <source>Where the machine&apos;s zero lies on the stock</source>
        <translation>Dónde está el cero de la máquina en el material</translation>
    </message>
    <message>
        <source>Zero at</source>
        <translation>Cero en</translation>
    </message>
    <message>
        <source>Move the zero</source>
        <translation>Mover el cero</translation>
    </message>
    <message>
        <source>Zero on</source>
        <translation>Cero sobre</translation>
    </message>
    <message>
        <source>At what height the machine&apos;s zero lies</source>
        <translation>A qué altura está el cero de la máquina</translation>
    </message>
    <message>
        <source>Machine that cuts it</source>
        <translation>Máquina que lo corta</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Máquina</translation>
    </message>
    <message>
        <source>Fastest in the air</source>
        <translation>Lo más rápido en el aire</translation>
    </message>
    <message>
        <source>Fastest cut</source>
        <translation>Corte más rápido</translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation>Aceleración</translation>
    </message>
    <message>
        <source>Spindle from</source>
        <translation>Husillo desde</translation>
    </message>
    <message>
        <source>Spindle to</source>
        <translation>Husillo hasta</translation>
    </message>
    <message>
        <source>Reaches along x</source>
        <translation>Alcance en x</translation>
    </message>
    <message>
        <source>Reaches along y</source>
        <translation>Alcance en y</translation>
    </message>
    <message>
        <source>Reaches along z</source>
        <translation>Alcance en z</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>no dicho</translation>
    </message>
    <message>
        <source>Rotary axis</source>
        <translation>Eje giratorio</translation>
    </message>
    <message>
        <source>The axis that turns the bar</source>
        <translation>El eje que gira la barra</translation>
    </message>
    <message>
        <source>Change the rotary axis</source>
        <translation>Cambiar el eje giratorio</translation>
    </message>
    <message>
        <source>none: from above</source>
        <translation>ninguno: desde arriba</translation>
    </message>
    <message>
        <source>Bar along</source>
        <translation>Barra en</translation>
    </message>
    <message>
        <source>Which axis of the machine the bar lies along</source>
        <translation>En qué eje de la máquina está la barra</translation>
    </message>
    <message>
        <source>Lay the bar otherwise</source>
        <translation>Poner la barra de otro modo</translation>
    </message>
    <message>
        <source>Feeds by</source>
        <translation>Avance por</translation>
    </message>
    <message>
        <source>How feeds are told of moves that turn</source>
        <translation>Cómo se dice el avance de los movimientos que giran</translation>
    </message>
    <message>
        <source>Change how feeds are told</source>
        <translation>Cambiar cómo se dice el avance</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>grados</translation>
    </message>
    <message>
        <source>Turns at most</source>
        <translation>Gira como mucho</translation>
    </message>
    <message>
        <source>Turns from</source>
        <translation>Gira desde</translation>
    </message>
    <message>
        <source>Turns to</source>
        <translation>Gira hasta</translation>
    </message>
    <message>
        <source>How files for the machine are written</source>
        <translation>Cómo se escriben los archivos para la máquina</translation>
    </message>
    <message>
        <source>Files with</source>
        <translation>Archivos con</translation>
    </message>
    <message>
        <source>Change dialect</source>
        <translation>Cambiar dialecto</translation>
    </message>
    <message>
        <source>A file for each tool</source>
        <translation>Un archivo por herramienta</translation>
    </message>
    <message>
        <source>And a file that runs round it in the air</source>
        <translation>Y un archivo que da la vuelta en el aire</translation>
    </message>
    <message>
        <source>a name of your own</source>
        <translation>un nombre tuyo</translation>
    </message>
    <message>
        <source>Kept. It is in the list for every card.</source>
        <translation>Conservado. Está en la lista para toda ficha.</translation>
    </message>
    <message>
        <source>Keep tool as</source>
        <translation>Conservar herramienta como</translation>
    </message>
    <message>
        <source>Name to keep this tool under</source>
        <translation>Nombre con que conservar esta herramienta</translation>
    </message>
    <message>
        <source>Name the tool</source>
        <translation>Nombrar la herramienta</translation>
    </message>
    <message>
        <source>Keep machine as</source>
        <translation>Conservar máquina como</translation>
    </message>
    <message>
        <source>Name to keep this machine under</source>
        <translation>Nombre con que conservar esta máquina</translation>
    </message>
    <message>
        <source>Name the machine</source>
        <translation>Nombrar la máquina</translation>
    </message>
    <message>
        <source>Change machine</source>
        <translation>Cambiar máquina</translation>
    </message>
    <message>
        <source>as told below</source>
        <translation>como se dice abajo</translation>
    </message>
    <message>
        <source>Lying and layers</source>
        <translation>Apoyo y capas</translation>
    </message>
    <message>
        <source>What the print lies on</source>
        <translation>En qué se apoya la impresión</translation>
    </message>
    <message>
        <source>as it is drawn</source>
        <translation>como está dibujada</translation>
    </message>
    <message>
        <source>Lies on</source>
        <translation>Se apoya en</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>Cambiar el apoyo</translation>
    </message>
    <message>
        <source>Point at a face</source>
        <translation>Señalar una cara</translation>
    </message>
    <message>
        <source>Point at the face that the print is to lie on</source>
        <translation>Señalar la cara en que se apoyará la impresión</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>Girada en la cama</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Proceso</translation>
    </message>
    <message>
        <source>Change whether it is worn</source>
        <translation>Cambiar si se lleva puesto</translation>
    </message>
    <message>
        <source>Limits for the selected words; below the first number it stops</source>
        <translation>Límites para las palabras elegidas; por debajo del primer número lo impide</translation>
    </message>
    <message>
        <source>Limits from the process again</source>
        <translation>Otra vez los límites del proceso</translation>
    </message>
    <message>
        <source>Limits from the process</source>
        <translation>Límites del proceso</translation>
    </message>
    <message>
        <source>Name to keep this process under</source>
        <translation>Nombre con que conservar este proceso</translation>
    </message>
    <message>
        <source>Keep as</source>
        <translation>Conservar como</translation>
    </message>
    <message>
        <source>Keep for other cards</source>
        <translation>Conservar para otras fichas</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>Cambiar un límite</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>vigilar</translation>
    </message>
    <message>
        <source>Change process</source>
        <translation>Cambiar proceso</translation>
    </message>
    <message>
        <source>Kept. It is in the list above for every card.</source>
        <translation>Conservado. Está en la lista de arriba para toda ficha.</translation>
    </message>
    <message>
        <source>Name the process</source>
        <translation>Nombrar el proceso</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>Olvidar %1</translation>
    </message>
    <message>
        <source>%1, watch</source>
        <translation>%1, vigilar</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileCanvas</name>
    <message>
        <source>Profile of the turned blank</source>
        <translation>Perfil de la pieza base torneada</translation>
    </message>
    <message>
        <source>Drag points; double click puts one in. Keys: Page Up and Down choose a point, arrows move it, S makes it smooth or a corner, Delete takes it away.</source>
        <translation>Arrastra puntos; un doble clic pone uno. Teclas: RePág y AvPág eligen un punto, las flechas lo mueven, S lo hace liso o esquina, Supr lo quita.</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Mover un punto del perfil</translation>
    </message>
    <message>
        <source>Add a point to the profile</source>
        <translation>Añadir un punto al perfil</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Cambiar un punto del perfil</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Quitar un punto del perfil</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileEditor</name>
    <message>
        <source>Profile from SVG or DXF…</source>
        <translation>Perfil de SVG o DXF…</translation>
    </message>
    <message>
        <source>Profile point %1, %2</source>
        <translation>Punto %1 del perfil, %2</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>Mover un punto del perfil</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>liso</translation>
    </message>
    <message>
        <source>Profile point %1, smooth</source>
        <translation>Punto %1 del perfil, liso</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>Cambiar un punto del perfil</translation>
    </message>
    <message>
        <source>Remove profile point %1</source>
        <translation>Quitar el punto %1 del perfil</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>Quitar un punto del perfil</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofCanvas</name>
    <message>
        <source>Proof: the stock after the moves so far</source>
        <translation>Prueba: el material tras los movimientos hasta ahora</translation>
    </message>
    <message>
        <source>Nothing to prove yet: give the card an operation in Process, or letters that its process cuts.</source>
        <translation>Aún no hay nada que probar: da a la ficha una operación en Proceso, o letras que su proceso corte.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofView</name>
    <message>
        <source>Lines of the program</source>
        <translation>Líneas del programa</translation>
    </message>
    <message>
        <source>One move back</source>
        <translation>Un movimiento atrás</translation>
    </message>
    <message>
        <source>One move on</source>
        <translation>Un movimiento adelante</translation>
    </message>
    <message>
        <source>How many moves have been made</source>
        <translation>Cuántos movimientos se han hecho</translation>
    </message>
    <message>
        <source>Front</source>
        <translation>Delante</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Detrás</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Reproducir</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Final</translation>
    </message>
    <message>
        <source>To the last move</source>
        <translation>Al último movimiento</translation>
    </message>
    <message>
        <source>Writing the program and proving it…</source>
        <translation>Escribiendo el programa y probándolo…</translation>
    </message>
    <message>
        <source>No program: nothing is cut.</source>
        <translation>Sin programa: no se corta nada.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>gouged</source>
        <translation>dañado</translation>
    </message>
    <message>
        <source>left</source>
        <translation>sobra</translation>
    </message>
    <message>
        <source>out of the tools&apos; reach</source>
        <translation>fuera del alcance de las herramientas</translation>
    </message>
    <message>
        <source>cuts beside the stock</source>
        <translation>corta al lado del material</translation>
    </message>
    <message numerus="yes">
        <source>%n loose piece(s)</source>
        <translation>
            <numerusform>%n trozo suelto</numerusform>
            <numerusform>%n trozos sueltos</numerusform>
        </translation>
    </message>
    <message>
        <source>then the part</source>
        <translation>luego la pieza</translation>
    </message>
    <message>
        <source>Move a tab</source>
        <translation>Mover un tirante</translation>
    </message>
    <message>
        <source>Move where a cut begins</source>
        <translation>Mover dónde empieza un corte</translation>
    </message>
    <message>
        <source>move %1 of %2 · line %3 · %4 · x %5  y %6  z %7</source>
        <translation>movimiento %1 de %2 · línea %3 · %4 · x %5  y %6  z %7</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>en el aire</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>corte</translation>
    </message>
    <message>
        <source>before the first move</source>
        <translation>antes del primer movimiento</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
</context>
<context>
    <name>bollard::app::Recovery</name>
    <message>
        <source>Unnamed card</source>
        <translation>Ficha sin nombre</translation>
    </message>
</context>
<context>
    <name>bollard::app::RouteCard</name>
    <message>
        <source>Route card</source>
        <translation>Hoja de ruta</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>Pieza base</translation>
    </message>
    <message>
        <source>Lettering</source>
        <translation>Rotulación</translation>
    </message>
    <message>
        <source>Placing</source>
        <translation>Colocación</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Labor</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Proceso</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Salida</translation>
    </message>
    <message>
        <source>no format ticked</source>
        <translation>ningún formato marcado</translation>
    </message>
    <message>
        <source>nothing to work</source>
        <translation>nada que trabajar</translation>
    </message>
    <message>
        <source>%1; row %2 of %3</source>
        <translation>%1; fila %2 de %3</translation>
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
        <translation>Mostrar la fila anterior</translation>
    </message>
    <message>
        <source>Show the next row</source>
        <translation>Mostrar la fila siguiente</translation>
    </message>
    <message>
        <source>Rows; the first line names the fields</source>
        <translation>Filas; la primera línea nombra los campos</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>Añadir fila</translation>
    </message>
    <message>
        <source>Add field</source>
        <translation>Añadir campo</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Quitar fila</translation>
    </message>
    <message>
        <source>Remove field</source>
        <translation>Quitar campo</translation>
    </message>
    <message>
        <source>Read rows from a CSV file…</source>
        <translation>Leer filas de un archivo CSV…</translation>
    </message>
    <message>
        <source>field</source>
        <translation>campo</translation>
    </message>
    <message>
        <source>Row %1 of %2 is shown</source>
        <translation>Se muestra la fila %1 de %2</translation>
    </message>
    <message>
        <source>No rows: write {field} in the words to fill it from a row.</source>
        <translation>Sin filas: escribe {field} en las palabras para rellenarlo de una fila.</translation>
    </message>
    <message>
        <source>Rename field</source>
        <translation>Cambiar el nombre del campo</translation>
    </message>
    <message>
        <source>Change row</source>
        <translation>Cambiar fila</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>campo %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SectionStrip</name>
    <message>
        <source>Section along the line</source>
        <translation>Sección a lo largo de la línea</translation>
    </message>
    <message>
        <source>Section along the line, to scale; Esc puts it away</source>
        <translation>Sección a lo largo de la línea, a escala; Esc la retira</translation>
    </message>
    <message>
        <source>The line crosses no material.</source>
        <translation>La línea no cruza material.</translation>
    </message>
</context>
<context>
    <name>bollard::app::SendPanel</name>
    <message>
        <source>Serial port or local socket of the controller</source>
        <translation>Puerto serie o socket local del control</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Dispositivo</translation>
    </message>
    <message>
        <source>How the controller is talked to</source>
        <translation>Cómo se habla con el control</translation>
    </message>
    <message>
        <source>Protocol</source>
        <translation>Protocolo</translation>
    </message>
    <message>
        <source>Run round it in the air first</source>
        <translation>Dar antes la vuelta en el aire</translation>
    </message>
    <message>
        <source>Send the program</source>
        <translation>Enviar el programa</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Retener</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>How much is confirmed</source>
        <translation>Cuánto está confirmado</translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation>Qué fue de ello</translation>
    </message>
    <message>
        <source>The card is still being made; try again in a moment.</source>
        <translation>La ficha aún se está haciendo; inténtalo en un momento.</translation>
    </message>
    <message>
        <source>%1. Mend it before it is sent.</source>
        <translation>%1. Remédialo antes de enviarlo.</translation>
    </message>
    <message>
        <source>Writing the program…</source>
        <translation>Escribiendo el programa…</translation>
    </message>
    <message>
        <source>No protocol is chosen.</source>
        <translation>No hay protocolo elegido.</translation>
    </message>
    <message>
        <source>It runs round the work in the air.</source>
        <translation>Da la vuelta a la obra en el aire.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Waiting for the controller…</source>
        <translation>Esperando al control…</translation>
    </message>
    <message>
        <source>Line %1; %2 of %3 confirmed</source>
        <translation>Línea %1; %2 de %3 confirmadas</translation>
    </message>
    <message>
        <source>%1 of %2 at full feed</source>
        <translation>%1 de %2 a pleno avance</translation>
    </message>
    <message>
        <source>Sent to “%1”: all %2 lines are confirmed.</source>
        <translation>Enviado a «%1»: las %2 líneas están confirmadas.</translation>
    </message>
    <message>
        <source>Stopped. The last line that was confirmed is %1.</source>
        <translation>Detenido. La última línea confirmada es %1.</translation>
    </message>
    <message>
        <source>Go on from a safe line before %1</source>
        <translation>Seguir desde una línea segura antes de %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SeriesView</name>
    <message>
        <source>waits</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>%1; its own</source>
        <translation>%1; propio</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>Filas de la ficha</translation>
    </message>
    <message>
        <source>What is shown of the rows</source>
        <translation>Qué se muestra de las filas</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Planchas</translation>
    </message>
    <message>
        <source>Order of the rows</source>
        <translation>Orden de las filas</translation>
    </message>
    <message>
        <source>as they come</source>
        <translation>según vienen</translation>
    </message>
    <message>
        <source>worst first</source>
        <translation>las peores primero</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>Sheet width</source>
        <translation>Ancho de plancha</translation>
    </message>
    <message>
        <source>Sheet height</source>
        <translation>Alto de plancha</translation>
    </message>
    <message>
        <source>Between parts</source>
        <translation>Entre piezas</translation>
    </message>
    <message>
        <source>At the edge</source>
        <translation>En el borde</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>Copias de cada una</translation>
    </message>
    <message>
        <source>How parts may be turned on sheets</source>
        <translation>Cómo se pueden girar las piezas en las planchas</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>half round</source>
        <translation>media vuelta</translation>
    </message>
    <message>
        <source>by quarters</source>
        <translation>por cuartos</translation>
    </message>
    <message>
        <source>any way</source>
        <translation>de cualquier modo</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Giradas</translation>
    </message>
    <message>
        <source>Rows that are done</source>
        <translation>Filas hechas</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Make a row like the others</source>
        <translation>Hacer una fila como las demás</translation>
    </message>
    <message>
        <source>What kind of files is written</source>
        <translation>Qué clase de archivos se escribe</translation>
    </message>
    <message>
        <source>Written as</source>
        <translation>Escrito como</translation>
    </message>
    <message>
        <source>Let stop findings pass</source>
        <translation>Dejar pasar impedimentos</translation>
    </message>
    <message>
        <source>Write the sheets</source>
        <translation>Escribir las planchas</translation>
    </message>
    <message>
        <source>Write the rows</source>
        <translation>Escribir las filas</translation>
    </message>
    <message>
        <source>%1 of %2 made</source>
        <translation>%1 de %2 hechas</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s)</source>
        <translation>
            <numerusform>%n fila</numerusform>
            <numerusform>%n filas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stop(s)</source>
        <translation>
            <numerusform>%n con impedimento</numerusform>
            <numerusform>%n con impedimento</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to watch</source>
        <translation>
            <numerusform>%n por vigilar</numerusform>
            <numerusform>%n por vigilar</numerusform>
        </translation>
    </message>
    <message>
        <source>Laying them on sheets…</source>
        <translation>Poniéndolas en planchas…</translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>%n plancha</numerusform>
            <numerusform>%n planchas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) larger than a sheet</source>
        <translation>
            <numerusform>%n pieza es mayor que una plancha</numerusform>
            <numerusform>%n piezas son mayores que una plancha</numerusform>
        </translation>
    </message>
    <message>
        <source>Rows that stop are left out.</source>
        <translation>Las filas con impedimento se dejan fuera.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Make row %1 like the others</source>
        <translation>Hacer la fila %1 como las demás</translation>
    </message>
    <message>
        <source>-sheets</source>
        <translation>-planchas</translation>
    </message>
    <message>
        <source>-rows</source>
        <translation>-filas</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>Escribiendo…</translation>
    </message>
    <message>
        <source>Stopped; the next time it goes on from there.</source>
        <translation>Detenido; la próxima vez sigue desde ahí.</translation>
    </message>
    <message>
        <source>%1 made, %2 there already, %3 that stop, %4 failed, in “%5”.</source>
        <translation>%1 hechas, %2 ya estaban, %3 con impedimento, %4 fallidas, en «%5».</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Row %1: %2</source>
        <translation>Fila %1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::SheetCanvas</name>
    <message>
        <source>Sheets with the parts on them</source>
        <translation>Planchas con las piezas encima</translation>
    </message>
    <message>
        <source>Left and right choose a part; plus and minus zoom; Home shows all sheets.</source>
        <translation>Izquierda y derecha eligen una pieza; más y menos acercan y alejan; Inicio muestra todas las planchas.</translation>
    </message>
    <message>
        <source>Sheet %1, %2 % full</source>
        <translation>Plancha %1, llena al %2 %</translation>
    </message>
</context>
<context>
    <name>bollard::app::SideChoice</name>
    <message>
        <source>Side of the blank</source>
        <translation>Cara de la pieza base</translation>
    </message>
</context>
<context>
    <name>bollard::app::Slips</name>
    <message>
        <source>Inscriptions</source>
        <translation>Inscripciones</translation>
    </message>
    <message>
        <source>Add inscription</source>
        <translation>Añadir inscripción</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>Añadir adorno</translation>
    </message>
    <message>
        <source>artwork from a file…</source>
        <translation>motivo de un archivo…</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>Copiar inscripción</translation>
    </message>
    <message>
        <source>Move inscription up</source>
        <translation>Subir inscripción</translation>
    </message>
    <message>
        <source>Move inscription down</source>
        <translation>Bajar inscripción</translation>
    </message>
    <message>
        <source>Hide or show inscription</source>
        <translation>Ocultar o mostrar inscripción</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>Borrar inscripción</translation>
    </message>
    <message>
        <source>new words</source>
        <translation>palabras nuevas</translation>
    </message>
</context>
<context>
    <name>bollard::app::StartPage</name>
    <message>
        <source>Berth sign, raised and sunk</source>
        <translation>Cartel de atraque, alzado y hundido</translation>
    </message>
    <message>
        <source>Valve tag, cut right through</source>
        <translation>Etiqueta de válvula, cortada del todo</translation>
    </message>
    <message>
        <source>Free-standing word</source>
        <translation>Palabra suelta</translation>
    </message>
    <message>
        <source>Mooring ring, words all round</source>
        <translation>Argolla de amarre, palabras alrededor</translation>
    </message>
    <message>
        <source>Transom name along a curve</source>
        <translation>Nombre de popa a lo largo de una curva</translation>
    </message>
    <message>
        <source>Scribed tags with serial numbers</source>
        <translation>Etiquetas trazadas con números</translation>
    </message>
    <message>
        <source>Tide board, figures and bars</source>
        <translation>Tabla de mareas, cifras y barras</translation>
    </message>
    <message>
        <source>Fender pin, words round a bar</source>
        <translation>Perno de defensa, palabras alrededor de una barra</translation>
    </message>
    <message>
        <source>Berth sign, edges broken</source>
        <translation>Cartel de atraque, cantos rotos</translation>
    </message>
    <message>
        <source>Store tag with an ear and a slot</source>
        <translation>Etiqueta de almacén con oreja y ranura</translation>
    </message>
    <message>
        <source>Name carved in oak</source>
        <translation>Nombre tallado en roble</translation>
    </message>
    <message>
        <source>Mooring tag, inlaid on both faces</source>
        <translation>Etiqueta de amarre, incrustada por ambas caras</translation>
    </message>
    <message>
        <source>Pierced sign, held by ties</source>
        <translation>Cartel calado, sujeto por tirantes</translation>
    </message>
    <message>
        <source>Word on bars behind it</source>
        <translation>Palabra sobre barras detrás de ella</translation>
    </message>
    <message>
        <source>Word on a plate along its outline</source>
        <translation>Palabra sobre una placa a lo largo de su contorno</translation>
    </message>
    <message>
        <source>Word closed up to one piece</source>
        <translation>Palabra cerrada en una sola pieza</translation>
    </message>
    <message>
        <source>A dot that nothing holds yet</source>
        <translation>Un punto que nada sujeta aún</translation>
    </message>
    <message>
        <source>Transom name, V-carved</source>
        <translation>Nombre de popa, tallado en V</translation>
    </message>
    <message>
        <source>Brass valve tags, scribed</source>
        <translation>Etiquetas de válvula de latón, trazadas</translation>
    </message>
    <message>
        <source>A hundred valve tags with serials</source>
        <translation>Cien etiquetas de válvula con números</translation>
    </message>
    <message>
        <source>Thirty crew name tags for two sheets</source>
        <translation>Treinta etiquetas de tripulación para dos planchas</translation>
    </message>
    <message>
        <source>Monogram in a ring, by torch</source>
        <translation>Monograma en un anillo, con soplete</translation>
    </message>
    <message>
        <source>Slate, its ground cleared</source>
        <translation>Pizarra, con su fondo despejado</translation>
    </message>
    <message>
        <source>Block with a boat on each face</source>
        <translation>Bloque con un barco en cada cara</translation>
    </message>
    <message>
        <source>Band of a mooring ring, two rows</source>
        <translation>Banda de una argolla de amarre, dos renglones</translation>
    </message>
    <message>
        <source>Roller, read in its impression</source>
        <translation>Rodillo, leído en su impresión</translation>
    </message>
    <message>
        <source>Egg-shaped net float</source>
        <translation>Flotador de red con forma de huevo</translation>
    </message>
    <message>
        <source>Signet ring, letters on its flat</source>
        <translation>Anillo de sello, letras en su plano</translation>
    </message>
    <message>
        <source>Key ring, a letter to each facet</source>
        <translation>Llavero, una letra por faceta</translation>
    </message>
    <message>
        <source>Bollard cap, words round a dome</source>
        <translation>Tapa de bolardo, palabras alrededor de una cúpula</translation>
    </message>
    <message>
        <source>Buoy tag in two colours, face down</source>
        <translation>Etiqueta de boya en dos colores, boca abajo</translation>
    </message>
    <message>
        <source>Buoy ball in two colours</source>
        <translation>Bola de boya en dos colores</translation>
    </message>
    <message>
        <source>Horn cleat from a file</source>
        <translation>Cornamusa de un archivo</translation>
    </message>
    <message>
        <source>Brass bar, scribed as it turns</source>
        <translation>Barra de latón, trazada mientras gira</translation>
    </message>
    <message>
        <source>Float roller, its words left standing</source>
        <translation>Rodillo flotador, con sus palabras en pie</translation>
    </message>
    <message>
        <source>Egg, scribed from above</source>
        <translation>Huevo, trazado desde arriba</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>Página de inicio</translation>
    </message>
    <message>
        <source>Lettering for things that are made</source>
        <translation>Rotulación para cosas que se fabrican</translation>
    </message>
    <message>
        <source>Type words, see them on the piece, see what cannot be made, write the solid.</source>
        <translation>Teclea palabras, míralas en la pieza, mira lo que no se puede hacer, escribe el sólido.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>Ficha nueva</translation>
    </message>
    <message>
        <source>Open a card…</source>
        <translation>Abrir una ficha…</translation>
    </message>
    <message>
        <source>Start from a sample</source>
        <translation>Empezar con un ejemplo</translation>
    </message>
    <message>
        <source>Sample: %1</source>
        <translation>Ejemplo: %1</translation>
    </message>
    <message>
        <source>What new cards are made with</source>
        <translation>Con qué se hacen las fichas nuevas</translation>
    </message>
    <message>
        <source>on</source>
        <translation>en</translation>
    </message>
    <message>
        <source>Width of the bed or the machine&apos;s travel</source>
        <translation>Ancho de la cama o recorrido de la máquina</translation>
    </message>
    <message>
        <source>Depth of the bed or the machine&apos;s travel</source>
        <translation>Fondo de la cama o recorrido de la máquina</translation>
    </message>
    <message>
        <source>in</source>
        <translation>en</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>Unidad de las fichas nuevas</translation>
    </message>
    <message>
        <source>New cards are for</source>
        <translation>Las fichas nuevas son para</translation>
    </message>
    <message>
        <source>First of all: what do you make with?</source>
        <translation>Ante todo: ¿con qué fabricas?</translation>
    </message>
    <message>
        <source>Not saved when Bollard ended</source>
        <translation>Sin guardar cuando terminó Bollard</translation>
    </message>
    <message>
        <source>“%1” was kept, but cannot be read. It is left as it is: %2</source>
        <translation>«%1» se conservó, pero no se puede leer. Queda como está: %2</translation>
    </message>
    <message>
        <source>Recover %1</source>
        <translation>Recuperar %1</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Desechar</translation>
    </message>
    <message>
        <source>Discard the unsaved %1</source>
        <translation>Desechar %1, sin guardar</translation>
    </message>
    <message>
        <source>Starting cards of your own</source>
        <translation>Tus fichas iniciales</translation>
    </message>
    <message>
        <source>Forget the starting card %1</source>
        <translation>Olvidar la ficha inicial %1</translation>
    </message>
    <message>
        <source>Recent cards</source>
        <translation>Fichas recientes</translation>
    </message>
</context>
<context>
    <name>bollard::app::Station</name>
    <message>
        <source>Station %1, %2</source>
        <translation>Puesto %1, %2</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierta</translation>
    </message>
    <message>
        <source>%1 stop</source>
        <translation>%1: impedimento</translation>
    </message>
    <message>
        <source>%1 watch</source>
        <translation>%1: vigilar</translation>
    </message>
</context>
<context>
    <name>bollard::app::StationBody</name>
    <message>
        <source>Change %1</source>
        <translation>Cambiar: %1</translation>
    </message>
    <message>
        <source>Edge size</source>
        <translation>Tamaño del canto</translation>
    </message>
    <message>
        <source>Edge angle</source>
        <translation>Ángulo del canto</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>ángulo</translation>
    </message>
    <message>
        <source>Edge radius</source>
        <translation>Radio del canto</translation>
    </message>
    <message>
        <source>%1, open</source>
        <translation>%1, abierto</translation>
    </message>
    <message>
        <source>%1, closed</source>
        <translation>%1, cerrado</translation>
    </message>
</context>
<context>
    <name>bollard::app::ToolSketch</name>
    <message>
        <source>Narrowest stroke %1, tool %2.</source>
        <translation>Trazo más estrecho %1, herramienta %2.</translation>
    </message>
    <message>
        <source>Tool %1.</source>
        <translation>Herramienta %1.</translation>
    </message>
    <message>
        <source>%1 It does not go in.</source>
        <translation>%1 No entra.</translation>
    </message>
    <message>
        <source>stroke %1</source>
        <translation>trazo %1</translation>
    </message>
    <message>
        <source>tip %1</source>
        <translation>punta %1</translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation>herramienta %1</translation>
    </message>
    <message>
        <source>tool %1: too wide</source>
        <translation>herramienta %1: demasiado ancha</translation>
    </message>
</context>
<context>
    <name>bollard::app::TracePanel</name>
    <message>
        <source>The picture, and what is traced of it</source>
        <translation>La imagen, y lo que se calca de ella</translation>
    </message>
    <message>
        <source>Darker than</source>
        <translation>Más oscuro que</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>Suavizado</translation>
    </message>
    <message>
        <source>Smallest spot</source>
        <translation>Mancha mínima</translation>
    </message>
    <message>
        <source>Light ink on dark paper</source>
        <translation>Tinta clara en papel oscuro</translation>
    </message>
    <message>
        <source>Width of the ink</source>
        <translation>Ancho de la tinta</translation>
    </message>
    <message>
        <source>Put it on the blank</source>
        <translation>Ponerla en la pieza base</translation>
    </message>
    <message numerus="yes">
        <source>%n shape(s)</source>
        <translation>
            <numerusform>%n forma</numerusform>
            <numerusform>%n formas</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is darker than that. Move the first slider to the right.</source>
        <translation>Nada es más oscuro que eso. Lleva el primer deslizador a la derecha.</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceControls</name>
    <message>
        <source>Change %1</source>
        <translation>Cambiar: %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceList</name>
    <message>
        <source>Type a name</source>
        <translation>Teclea un nombre</translation>
    </message>
    <message>
        <source>Typeface name</source>
        <translation>Nombre del tipo</translation>
    </message>
    <message>
        <source>all typefaces</source>
        <translation>todos los tipos</translation>
    </message>
    <message>
        <source>kept ones</source>
        <translation>los conservados</translation>
    </message>
    <message>
        <source>sans serif</source>
        <translation>sin remates</translation>
    </message>
    <message>
        <source>serif</source>
        <translation>con remates</translation>
    </message>
    <message>
        <source>script</source>
        <translation>caligráfico</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>plantilla</translation>
    </message>
    <message>
        <source>single-line</source>
        <translation>de línea simple</translation>
    </message>
    <message>
        <source>other</source>
        <translation>otro</translation>
    </message>
    <message>
        <source>Kind of typeface</source>
        <translation>Clase de tipo</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Tipos</translation>
    </message>
    <message>
        <source>Open a font file…</source>
        <translation>Abrir un archivo de tipos…</translation>
    </message>
    <message>
        <source>%1 so far; looking through the others…</source>
        <translation>%1 hasta ahora; mirando los demás…</translation>
    </message>
    <message>
        <source>No typeface is like that.</source>
        <translation>Ningún tipo es así.</translation>
    </message>
    <message>
        <source>Strokes of at least %1 mm at this size</source>
        <translation>Trazos de al menos %1 mm a este tamaño</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceModel</name>
    <message>
        <source>Harbour 123</source>
        <translation>Puerto 123</translation>
    </message>
</context>
<context>
    <name>bollard::app::WorkingStation</name>
    <message>
        <source>Working</source>
        <translation>Labor</translation>
    </message>
    <message>
        <source>Change working</source>
        <translation>Cambiar labor</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>Asiento</translation>
    </message>
    <message>
        <source>bedding</source>
        <translation>asiento</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Profundidad</translation>
    </message>
    <message>
        <source>Angle of the V</source>
        <translation>Ángulo de la V</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>ángulo</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>Cantos</translation>
    </message>
    <message>
        <source>How the edges of the letters are broken</source>
        <translation>Cómo están rotos los cantos de las letras</translation>
    </message>
    <message>
        <source>Change edges</source>
        <translation>Cambiar cantos</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Pie</translation>
    </message>
    <message>
        <source>Radius of the fillet where letters meet the blank</source>
        <translation>Radio de la curva donde las letras tocan la pieza base</translation>
    </message>
    <message>
        <source>Colour from</source>
        <translation>Color desde</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>color</translation>
    </message>
    <message>
        <source>Up to this height letters are of the blank&apos;s colour; 0: all of them have their own</source>
        <translation>Hasta esta altura las letras son del color de la pieza base; 0: todas tienen el suyo</translation>
    </message>
    <message>
        <source>Tops</source>
        <translation>Cimas</translation>
    </message>
    <message>
        <source>Whether tops follow the side or lie flat</source>
        <translation>Si las cimas siguen la cara o son planas</translation>
    </message>
    <message>
        <source>Change tops</source>
        <translation>Cambiar las cimas</translation>
    </message>
    <message>
        <source>as high everywhere</source>
        <translation>igual de altas en todas partes</translation>
    </message>
    <message>
        <source>flat, each letter in one plane</source>
        <translation>planas, cada letra en un plano</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Holgura</translation>
    </message>
    <message>
        <source>Room between the inlay and the walls round it, for glue; 0: they are one</source>
        <translation>Sitio entre la incrustación y las paredes, para cola; 0: son una sola</translation>
    </message>
    <message>
        <source>Counters</source>
        <translation>Ojos</translation>
    </message>
    <message>
        <source>What becomes of counters</source>
        <translation>Qué pasa con los ojos</translation>
    </message>
    <message>
        <source>Change what becomes of counters</source>
        <translation>Cambiar qué pasa con los ojos</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>conservados</translation>
    </message>
    <message>
        <source>lowered</source>
        <translation>rebajados</translation>
    </message>
    <message>
        <source>cut through</source>
        <translation>cortados del todo</translation>
    </message>
    <message>
        <source>dropped</source>
        <translation>quitados</translation>
    </message>
    <message>
        <source>Lowered by</source>
        <translation>Rebajados en</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>ties</source>
        <translation>tirantes</translation>
    </message>
    <message>
        <source>ties put by hand</source>
        <translation>tirantes puestos a mano</translation>
    </message>
    <message>
        <source>What holds counters</source>
        <translation>Qué sujeta los ojos</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>Sujetos por</translation>
    </message>
    <message>
        <source>Change what holds counters</source>
        <translation>Cambiar qué sujeta los ojos</translation>
    </message>
    <message>
        <source>Width of ties</source>
        <translation>Ancho de tirantes</translation>
    </message>
    <message>
        <source>Each counter</source>
        <translation>Cada ojo</translation>
    </message>
    <message>
        <source>How many ties a counter gets</source>
        <translation>Cuántos tirantes recibe un ojo</translation>
    </message>
    <message>
        <source>Change the number of ties</source>
        <translation>Cambiar el número de tirantes</translation>
    </message>
    <message>
        <source>as needed</source>
        <translation>los que hagan falta</translation>
    </message>
    <message>
        <source>one</source>
        <translation>uno</translation>
    </message>
    <message>
        <source>two</source>
        <translation>dos</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Dirección</translation>
    </message>
    <message>
        <source>Which way ties run</source>
        <translation>En qué sentido van los tirantes</translation>
    </message>
    <message>
        <source>Change the direction of ties</source>
        <translation>Cambiar la dirección de los tirantes</translation>
    </message>
    <message>
        <source>as the letter stands</source>
        <translation>como está la letra</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>derechos</translation>
    </message>
    <message>
        <source>level</source>
        <translation>a nivel</translation>
    </message>
    <message>
        <source>at an angle</source>
        <translation>en ángulo</translation>
    </message>
    <message>
        <source>Angle of ties</source>
        <translation>Ángulo de los tirantes</translation>
    </message>
    <message>
        <source>How deep ties are</source>
        <translation>Profundidad de los tirantes</translation>
    </message>
    <message>
        <source>Change the depth of ties</source>
        <translation>Cambiar la profundidad de los tirantes</translation>
    </message>
    <message>
        <source>through the whole thickness</source>
        <translation>en todo el grosor</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>por detrás</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>en medio</translation>
    </message>
    <message>
        <source>Thickness of ties</source>
        <translation>Grosor de los tirantes</translation>
    </message>
    <message>
        <source>Wider at both ends</source>
        <translation>Más anchos en ambos extremos</translation>
    </message>
    <message>
        <source>Change the shape of ties</source>
        <translation>Cambiar la forma de los tirantes</translation>
    </message>
    <message>
        <source>There are no words to work yet.</source>
        <translation>Aún no hay palabras que trabajar.</translation>
    </message>
    <message>
        <source>%1 are left under it.</source>
        <translation>%1 quedan debajo.</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Lettering for printing, engraving and cutting.</source>
        <translation>Rotulación para imprimir, grabar y cortar.</translation>
    </message>
    <message>
        <source>Save a picture of each view and end.</source>
        <translation>Guardar una imagen de cada vista y terminar.</translation>
    </message>
    <message>
        <source>FOLDER</source>
        <translation>CARPETA</translation>
    </message>
    <message>
        <source>Cards to open; the first one opens in the window that is there.</source>
        <translation>Fichas que abrir; la primera se abre en la ventana que ya está.</translation>
    </message>
    <message>
        <source>Open a window of its own, also where one is there.</source>
        <translation>Abrir una ventana propia, aunque ya haya una.</translation>
    </message>
</context>
</TS>
